<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
    <context>
        <name>Findings</name>
        <message numerus="yes">
            <source>Plan with %n stick(s)</source>
            <translation>
                <numerusform>Plan with %n stick</numerusform>
                <numerusform>Plan with %n sticks</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Ink %n mass(es) first; ink reaches darks that pastel alone cannot</source>
            <translation>
                <numerusform>Ink %n mass first; ink reaches darks that pastel alone cannot</numerusform>
                <numerusform>Ink %n masses first; ink reaches darks that pastel alone cannot</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Grounds</name>
        <message numerus="yes">
            <source>Bears %n layer(s), %1 wanted.</source>
            <translation>
                <numerusform>Bears %n layer, %1 wanted.</numerusform>
                <numerusform>Bears %n layers, %1 wanted.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Names</name>
        <message numerus="yes">
            <source>%n step(s) too light</source>
            <translation>
                <numerusform>%n step too light</numerusform>
                <numerusform>%n steps too light</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n step(s) too dark</source>
            <translation>
                <numerusform>%n step too dark</numerusform>
                <numerusform>%n steps too dark</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Printed</name>
        <message numerus="yes">
            <source>%n stick(s)</source>
            <translation>
                <numerusform>%n stick</numerusform>
                <numerusform>%n sticks</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n passage(s)</source>
            <translation>
                <numerusform>%n passage</numerusform>
                <numerusform>%n passages</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es)</source>
            <translation>
                <numerusform>%n pass</numerusform>
                <numerusform>%n passes</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n sitting(s)</source>
            <translation>
                <numerusform>%n sitting</numerusform>
                <numerusform>%n sittings</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Rests</name>
        <message numerus="yes">
            <source>%n stroke(s)</source>
            <translation>
                <numerusform>%n stroke</numerusform>
                <numerusform>%n strokes</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app</name>
        <message numerus="yes">
            <source>%1 of %n pass(es)</source>
            <translation>
                <numerusform>%1 of %n pass</numerusform>
                <numerusform>%1 of %n passes</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1: %2, %n step(s)</source>
            <translation>
                <numerusform>%1: %2, %n step</numerusform>
                <numerusform>%1: %2, %n steps</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1: would help %n work(s) most</source>
            <translation>
                <numerusform>%1: would help %n work most</numerusform>
                <numerusform>%1: would help %n works most</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1: %2, %n stroke(s) on %3%4</source>
            <translation>
                <numerusform>%1: %2, %n stroke on %3%4</numerusform>
                <numerusform>%1: %2, %n strokes on %3%4</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1 of painting, %2 of it waiting; %n stick change(s), no order has fewer than %3.</source>
            <translation>
                <numerusform>%1 of painting, %2 of it waiting; %n stick change, no order has fewer than %3.</numerusform>
                <numerusform>%1 of painting, %2 of it waiting; %n stick changes, no order has fewer than %3.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>(%n time(s))</source>
            <translation>
                <numerusform>(%n time)</numerusform>
                <numerusform>(%n times)</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n stick(s) return in several masses, most of all %2 (%3). Warm %4 %, cool %5 % of the picture.</source>
            <translation>
                <numerusform>%1 of %n stick returns in several masses, most of all %2 (%3). Warm %4 %, cool %5 % of the picture.</numerusform>
                <numerusform>%1 of %n sticks return in several masses, most of all %2 (%3). Warm %4 %, cool %5 % of the picture.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::BoxPage</name>
        <message numerus="yes">
            <source>%n stick(s), %1 to look at, %2 cells empty. Light put right by %3 to %4.</source>
            <translation>
                <numerusform>%n stick, %1 to look at, %2 cells empty. Light put right by %3 to %4.</numerusform>
                <numerusform>%n sticks, %1 to look at, %2 cells empty. Light put right by %3 to %4.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoatModel</name>
        <message numerus="yes">
            <source>%n day(s)</source>
            <translation>
                <numerusform>%n day</numerusform>
                <numerusform>%n days</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::CollectionPage</name>
        <message numerus="yes">
            <source>Tray: %n stick(s), carry others here</source>
            <translation>
                <numerusform>Tray: %n stick, carry others here</numerusform>
                <numerusform>Tray: %n sticks, carry others here</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1: %n stick(s), %2 owned</source>
            <translation>
                <numerusform>%1: %n stick, %2 owned</numerusform>
                <numerusform>%1: %n sticks, %2 owned</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::CourseModel</name>
        <message numerus="yes">
            <source>%n mass(es)</source>
            <translation>
                <numerusform>%n mass</numerusform>
                <numerusform>%n masses</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s)</source>
            <translation>
                <numerusform>%n stick</numerusform>
                <numerusform>%n sticks</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n coat(s)</source>
            <translation>
                <numerusform>%n coat</numerusform>
                <numerusform>%n coats</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::EaselPage</name>
        <message numerus="yes">
            <source>All %n pass(es) are done or left out</source>
            <translation>
                <numerusform>%n pass is done or left out</numerusform>
                <numerusform>All %n passes are done or left out</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::HandSection</name>
        <message numerus="yes">
            <source>%n stroke(s) of the tray, a cell each: a sheet to print on this paper and photograph, or a table for a colorimeter</source>
            <translation>
                <numerusform>%n stroke of the tray, a cell each: a sheet to print on this paper and photograph, or a table for a colorimeter</numerusform>
                <numerusform>%n strokes of the tray, a cell each: a sheet to print on this paper and photograph, or a table for a colorimeter</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::ImportPage</name>
        <message numerus="yes">
            <source>%n stick(s), every row was read.</source>
            <translation>
                <numerusform>%n stick, every row was read.</numerusform>
                <numerusform>%n sticks, every row was read.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s); rows that cannot be read and would be left out: %1
%2</source>
            <translation>
                <numerusform>%n stick; rows that cannot be read and would be left out: %1
%2</numerusform>
                <numerusform>%n sticks; rows that cannot be read and would be left out: %1
%2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::LayersPanel</name>
        <message numerus="yes">
            <source>%1, %n pass(es)</source>
            <translation>
                <numerusform>%1, %n pass</numerusform>
                <numerusform>%1, %n passes</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es)</source>
            <translation>
                <numerusform>%n pass</numerusform>
                <numerusform>%n passes</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::TimesSection</name>
        <message numerus="yes">
            <source>After %n timed pass(es) your own times can replace our guess.</source>
            <translation>
                <numerusform>After %n timed pass your own times can replace our guess.</numerusform>
                <numerusform>After %n timed passes your own times can replace our guess.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::TrayPanel</name>
        <message numerus="yes">
            <source>%n stick(s), dark to light</source>
            <translation>
                <numerusform>%n stick, dark to light</numerusform>
                <numerusform>%n sticks, dark to light</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::exports</name>
        <message numerus="yes">
            <source>%n day(s)</source>
            <translation>
                <numerusform>%n day</numerusform>
                <numerusform>%n days</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1 %2 mm, %n mark(s)</source>
            <translation>
                <numerusform>%1 %2 mm, %n mark</numerusform>
                <numerusform>%1 %2 mm, %n marks</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n more on the map</source>
            <translation>
                <numerusform>%n more on the map</numerusform>
                <numerusform>%n more on the map</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetsActions</name>
        <message numerus="yes">
            <source>%n pass(es), %1 min, %2</source>
            <translation>
                <numerusform>%n pass, %1 min, %2</numerusform>
                <numerusform>%n passes, %1 min, %2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Marks</name>
        <message numerus="yes">
            <source>%n small one(s) in %1, %2</source>
            <translation>
                <numerusform>%n small one in %1, %2</numerusform>
                <numerusform>%n small ones in %1, %2</numerusform>
            </translation>
        </message>
    </context>
</TS>
