<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
    <context>
        <name>Checked</name>
        <message>
            <source>very lightly</source>
            <translation>ganz leicht</translation>
        </message>
        <message>
            <source>lightly</source>
            <translation>leicht</translation>
        </message>
        <message>
            <source>evenly</source>
            <translation>gleichmäßig</translation>
        </message>
        <message>
            <source>firmly</source>
            <translation>fest</translation>
        </message>
        <message>
            <source>%1 %2, rubbed in</source>
            <translation>%1 %2, verrieben</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The picture is too small in the photograph. Go nearer, so that the sheet fills the frame.</source>
            <translation>Das Bild ist auf dem Foto zu klein. Näher herangehen, sodass das Blatt den Ausschnitt füllt.</translation>
        </message>
        <message>
            <source>The photograph is blurred. Rest the camera on something and take it again.</source>
            <translation>Das Foto ist unscharf. Die Kamera auflegen und es noch einmal aufnehmen.</translation>
        </message>
        <message>
            <source>The lights are burnt out. Take it with less exposure.</source>
            <translation>Die Lichter sind ausgebrannt. Kürzer belichten.</translation>
        </message>
        <message>
            <source>The photograph is too dark to tell the darks apart. Give it more light or a longer exposure.</source>
            <translation>Das Foto ist zu dunkel, um die Dunkelheiten zu unterscheiden. Mehr Licht geben oder länger belichten.</translation>
        </message>
        <message>
            <source>Light lies on the work in one place. Turn the board away from the lamp or the window, or take it from the other side.</source>
            <translation>An einer Stelle spiegelt das Licht auf der Arbeit. Das Brett von Lampe oder Fenster wegdrehen oder von der anderen Seite aufnehmen.</translation>
        </message>
        <message>
            <source>No bare paper is seen round the picture, so its light cannot be judged. Take the whole sheet, with a margin.</source>
            <translation>Rund um das Bild ist kein bloßes Papier zu sehen, das Licht lässt sich nicht beurteilen. Das ganze Blatt mit Rand aufnehmen.</translation>
        </message>
        <message>
            <source>One side of the sheet has far more light than the other. Turn it towards the light.</source>
            <translation>Eine Seite des Blattes hat weit mehr Licht als die andere. Es zum Licht drehen.</translation>
        </message>
        <message>
            <source>This does not look like the picture as it should be by now. Is it the right photograph, and are the passes that are done marked? Else set its corners by hand.</source>
            <translation>Das sieht nicht aus wie das Bild, wie es jetzt sein sollte. Ist es das richtige Foto, und sind die erledigten Durchgänge abgehakt? Sonst die Ecken von Hand setzen.</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>bare paper round the picture</source>
            <translation>bloßes Papier rund um das Bild</translation>
        </message>
        <message>
            <source>strokes on the margin</source>
            <translation>Striche auf dem Rand</translation>
        </message>
        <message>
            <source>printed greys</source>
            <translation>gedruckte Grautöne</translation>
        </message>
        <message>
            <source>value</source>
            <translation>Tonwert</translation>
        </message>
        <message>
            <source>temperature</source>
            <translation>Temperatur</translation>
        </message>
        <message>
            <source>chroma</source>
            <translation>Buntheit</translation>
        </message>
        <message>
            <source>pair</source>
            <translation>Paar</translation>
        </message>
        <message>
            <source>edge</source>
            <translation>Kante</translation>
        </message>
        <message>
            <source>%1 has come out unlike %2</source>
            <translation>%1 ist anders geworden als %2</translation>
        </message>
        <message>
            <source>edge of %1 against %2: too soft</source>
            <translation>Kante von %1 gegen %2: zu weich</translation>
        </message>
        <message>
            <source>edge of %1 against %2: too hard</source>
            <translation>Kante von %1 gegen %2: zu hart</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>a part of something, how it is off</comment>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>%1 steps; difference %2, of which the hand explains %3</source>
            <translation>%1 Stufen; Abstand %2, davon erklärt die Hand %3</translation>
        </message>
        <message>
            <source>warmth %1; difference %2, of which the hand explains %3</source>
            <translation>Wärme %1; Abstand %2, davon erklärt die Hand %3</translation>
        </message>
        <message>
            <source>chroma %1; difference %2, of which the hand explains %3</source>
            <translation>Buntheit %1; Abstand %2, davon erklärt die Hand %3</translation>
        </message>
        <message>
            <source>difference between the two %1</source>
            <translation>Abstand der beiden %1</translation>
        </message>
        <message>
            <source>%1 times as sharp as the other edges of the work lead one to expect</source>
            <translation>%1-mal so scharf, wie die anderen Kanten der Arbeit erwarten lassen</translation>
        </message>
        <message>
            <source>, then </source>
            <translation>, dann </translation>
        </message>
        <message>
            <source>cut it anew with the edge of a stick</source>
            <translation>mit der Kante einer Kreide neu schneiden</translation>
        </message>
        <message>
            <source>cut it anew with the edge of %1, pressed firmly, not rubbed</source>
            <translation>mit der Kante von %1 neu schneiden, fest gedrückt, nicht verrieben</translation>
        </message>
        <message>
            <source>rub across it once with a clean finger</source>
            <translation>einmal mit sauberem Finger quer darüberreiben</translation>
        </message>
        <message>
            <source>fixative over all of it: it darkens</source>
            <translation>Fixativ über alles: es dunkelt nach</translation>
        </message>
        <message>
            <source>brush the loose pigment off with a stiff dry brush, the board upright, a dust mask on; what was pressed in stays</source>
            <translation>das lose Pigment mit einem steifen trockenen Pinsel abbürsten, das Brett aufrecht, mit Staubmaske; was fest eingedrückt ist, bleibt</translation>
        </message>
        <message>
            <source>%1; then %2</source>
            <translation>%1; dann %2</translation>
        </message>
        <message>
            <source>%1 as planned: it was left out here</source>
            <translation>%1 wie geplant: hier wurde sie ausgelassen</translation>
        </message>
        <message>
            <source>leave it: no stick of the tray makes it better</source>
            <translation>so lassen: keine Kreide der Ablage macht es besser</translation>
        </message>
        <message>
            <source>A shadow lies on part of the work, of a hand, the easel or a leaf. Take it where the light is even.</source>
            <translation>Auf einem Teil der Arbeit liegt ein Schatten, von einer Hand, der Staffelei oder einem Blatt. Dort aufnehmen, wo das Licht gleichmäßig ist.</translation>
        </message>
    </context>
    <context>
        <name>Coats</name>
        <message>
            <source>Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.</source>
            <translation>Das Sicherheitsdatenblatt des Produkts und die örtlichen Vorschriften beachten; im Zweifel eine Fachperson fragen.</translation>
        </message>
        <message>
            <source>Thin; takes some tooth.</source>
            <translation>Dünn; nimmt etwas Zahn.</translation>
        </message>
        <message>
            <source>Dries in minutes, less muddy than water.</source>
            <translation>Trocknet in Minuten, weniger schlammig als Wasser.</translation>
        </message>
        <message>
            <source>Slower; can go muddy; buckles thin paper.</source>
            <translation>Langsamer; kann schlammig werden; dünnes Papier wellt sich.</translation>
        </message>
        <message>
            <source>Transparent: it only darkens the ground.</source>
            <translation>Transparent: dunkelt den Grund nur ab.</translation>
        </message>
        <message>
            <source>Opaque; dries lighter than it looks wet.</source>
            <translation>Deckend; trocknet heller auf, als es nass aussieht.</translation>
        </message>
        <message>
            <source>Can close fine tooth.</source>
            <translation>Kann feinen Zahn schließen.</translation>
        </message>
        <message>
            <source>Needs solvent and days of drying.</source>
            <translation>Braucht Lösungsmittel und Tage zum Trocknen.</translation>
        </message>
        <message>
            <source>For the darkest shapes; keeps the drawing visible.</source>
            <translation>Für die dunkelsten Formen; die Zeichnung bleibt sichtbar.</translation>
        </message>
        <message>
            <source>Values only; the darkest rubbed in and laid again; fixed, or it dirties what goes over it.</source>
            <translation>Nur Tonwerte; das Dunkelste verrieben und noch einmal gelegt; fixiert, sonst beschmutzt es, was darüberkommt.</translation>
        </message>
        <message>
            <source>Flammable vapour: air well, no flame or spark, and never heat the sheet while it is wet with it.</source>
            <translation>Brennbare Dämpfe: gut lüften, keine Flamme, kein Funke, und das Blatt nie erwärmen, solange es davon nass ist.</translation>
        </message>
        <message>
            <source>Do not blow dust; tip it off, wipe up damp, wear a mask for long work.</source>
            <translation>Staub nicht wegblasen; abkippen, feucht aufwischen, bei langer Arbeit eine Maske tragen.</translation>
        </message>
        <message>
            <source>Keep a dryer moving: paper scorches. Some pigments are harmful: mind the label.</source>
            <translation>Den Föhn in Bewegung halten: Papier wird versengt. Manche Pigmente sind gesundheitsschädlich: das Etikett beachten.</translation>
        </message>
        <message>
            <source>Best left out: no coat that this paper bears sets values, spares layers or reaches darks enough for what it takes of tooth and time.</source>
            <translation>Am besten weglassen: Kein Auftrag, den dieses Papier trägt, setzt Tonwerte, spart Lagen oder erreicht Dunkelheiten genug für das, was er an Zahn und Zeit kostet.</translation>
        </message>
        <message>
            <source>%1, %2: values stand on %3 % of the sheet before a stroke is laid (bare paper: %4 %).</source>
            <translation>%1, %2: Auf %3 % des Blattes stehen die Tonwerte, bevor ein Strich liegt (bloßes Papier: %4 %).</translation>
        </message>
        <message>
            <source>It is the colour wanted already on %1 %: a layer less.</source>
            <translation>Auf %1 % ist es schon die gewünschte Farbe: eine Lage weniger.</translation>
        </message>
        <message>
            <source>The darkest dark goes from L* %1 to %2.</source>
            <translation>Die dunkelste Dunkelheit geht von L* %1 auf %2.</translation>
        </message>
        <message>
            <source>In the gaps it makes the colours over it vibrate.</source>
            <translation>In den Lücken bringt er die Farben darüber zum Flirren.</translation>
        </message>
        <message>
            <source>The mean error goes from %1 to %2 CIEDE2000; it takes %3 % of the tooth.</source>
            <translation>Der mittlere Fehler geht von %1 auf %2 CIEDE2000; er nimmt %3 % des Zahns.</translation>
        </message>
    </context>
    <context>
        <name>Facts</name>
        <message>
            <source>has no pixels</source>
            <translation>hat keine Bildpunkte</translation>
        </message>
        <message>
            <source>is no CGATS text</source>
            <translation>ist kein CGATS-Text</translation>
        </message>
        <message>
            <source>is no sound CGATS text: %1</source>
            <translation>ist kein heiler CGATS-Text: %1</translation>
        </message>
        <message>
            <source>has neither Lab, XYZ nor spectral columns</source>
            <translation>hat weder Lab- noch XYZ- noch Spektralspalten</translation>
        </message>
        <message>
            <source>%1 is no number</source>
            <translation>%1 ist keine Zahl</translation>
        </message>
        <message>
            <source>is no colour of a surface</source>
            <translation>ist keine Farbe einer Oberfläche</translation>
        </message>
        <message>
            <source>%1 is no reflectance</source>
            <translation>%1 ist kein Reflexionsgrad</translation>
        </message>
        <message>
            <source>reflectance is above 1</source>
            <translation>der Reflexionsgrad liegt über 1</translation>
        </message>
        <message>
            <source>is larger than %1 MB</source>
            <translation>ist größer als %1 MB</translation>
        </message>
        <message>
            <source>entry "%1" is too large</source>
            <translation>der Eintrag „%1“ ist zu groß</translation>
        </message>
        <message>
            <source>entry "%1" cannot be unpacked</source>
            <translation>der Eintrag „%1“ lässt sich nicht entpacken</translation>
        </message>
        <message>
            <source>entry "%1" is damaged</source>
            <translation>der Eintrag „%1“ ist beschädigt</translation>
        </message>
        <message>
            <source>entry "%1" points outside the project</source>
            <translation>der Eintrag „%1“ zeigt aus dem Projekt hinaus</translation>
        </message>
        <message>
            <source>cannot be packed</source>
            <translation>lässt sich nicht packen</translation>
        </message>
        <message>
            <source>has a name that is no text (UTF-8); rename it</source>
            <translation>hat einen Namen, der kein Text ist (UTF-8); bitte umbenennen</translation>
        </message>
        <message>
            <source>does not exist</source>
            <translation>gibt es nicht</translation>
        </message>
        <message>
            <source>is a folder, not a project</source>
            <translation>ist ein Ordner, kein Projekt</translation>
        </message>
        <message>
            <source>is a folder, not a picture</source>
            <translation>ist ein Ordner, kein Bild</translation>
        </message>
        <message>
            <source>is a folder, not a file</source>
            <translation>ist ein Ordner, keine Datei</translation>
        </message>
        <message>
            <source>is not a whole project file: no zip, or cut short</source>
            <translation>ist keine vollständige Projektdatei: kein Zip oder abgeschnitten</translation>
        </message>
        <message>
            <source>holds too many entries</source>
            <translation>enthält zu viele Einträge</translation>
        </message>
        <message>
            <source>has an unreadable entry</source>
            <translation>hat einen unlesbaren Eintrag</translation>
        </message>
        <message>
            <source>would unpack to more than 420 MB</source>
            <translation>würde entpackt mehr als 420 MB ergeben</translation>
        </message>
        <message>
            <source>holds no "%1"</source>
            <translation>enthält kein „%1“</translation>
        </message>
        <message>
            <source>cannot be saved: %1</source>
            <translation>lässt sich nicht speichern: %1</translation>
        </message>
        <message>
            <source>cannot be written: %1</source>
            <translation>lässt sich nicht schreiben: %1</translation>
        </message>
        <message>
            <source>cannot be opened: %1</source>
            <translation>lässt sich nicht öffnen: %1</translation>
        </message>
        <message>
            <source>cannot be read: %1</source>
            <translation>lässt sich nicht lesen: %1</translation>
        </message>
        <message>
            <source>cannot be read</source>
            <translation>lässt sich nicht lesen</translation>
        </message>
        <message>
            <source>is a zip, but no Yawning Dune project</source>
            <translation>ist ein Zip, aber kein Projekt von Yawning Dune</translation>
        </message>
        <message>
            <source>was saved by a newer version of Yawning Dune; please update</source>
            <translation>wurde mit einer neueren Fassung von Yawning Dune gespeichert; bitte aktualisieren</translation>
        </message>
        <message>
            <source>was made by a newer version of Yawning Dune</source>
            <translation>wurde mit einer neueren Fassung von Yawning Dune gemacht</translation>
        </message>
        <message>
            <source>was written by a newer program</source>
            <translation>wurde von einem neueren Programm geschrieben</translation>
        </message>
        <message>
            <source>was written by a newer version of Yawning Dune; it is left as it is</source>
            <translation>wurde von einer neueren Fassung von Yawning Dune geschrieben; es bleibt, wie es ist</translation>
        </message>
        <message>
            <source>is missing</source>
            <translation>fehlt</translation>
        </message>
        <message>
            <source>is missing: a stick needs "lab" or "masstone"</source>
            <translation>fehlt: eine Kreide braucht „lab“ oder „masstone“</translation>
        </message>
        <message>
            <source>must be text</source>
            <translation>muss Text sein</translation>
        </message>
        <message>
            <source>must be a list</source>
            <translation>muss eine Liste sein</translation>
        </message>
        <message>
            <source>must be true or false</source>
            <translation>muss true oder false sein</translation>
        </message>
        <message>
            <source>must be a number</source>
            <translation>muss eine Zahl sein</translation>
        </message>
        <message>
            <source>must be a number from %1 to %2</source>
            <translation>muss eine Zahl von %1 bis %2 sein</translation>
        </message>
        <message>
            <source>must hold %1 numbers, not %2</source>
            <translation>muss %1 Zahlen enthalten, nicht %2</translation>
        </message>
        <message>
            <source>must hold no more than %1 entries</source>
            <translation>darf höchstens %1 Einträge enthalten</translation>
        </message>
        <message>
            <source>must hold no more than %1 points</source>
            <translation>darf höchstens %1 Punkte enthalten</translation>
        </message>
        <message>
            <source>must hold no more than 24 places</source>
            <translation>darf höchstens 24 Stellen enthalten</translation>
        </message>
        <message>
            <source>must hold pairs of numbers</source>
            <translation>muss Zahlenpaare enthalten</translation>
        </message>
        <message>
            <source>must hold pairs of numbers; entry %1 is none</source>
            <translation>muss Zahlenpaare enthalten; Eintrag %1 ist keins</translation>
        </message>
        <message>
            <source>must hold texts only; entry %1 is none</source>
            <translation>darf nur Texte enthalten; Eintrag %1 ist keiner</translation>
        </message>
        <message>
            <source>"%1" is none of: %2</source>
            <translation>„%1“ ist nichts davon: %2</translation>
        </message>
        <message>
            <source>"%1" is unknown</source>
            <translation>„%1“ ist unbekannt</translation>
        </message>
        <message>
            <source>is not a JSON object</source>
            <translation>ist kein JSON-Objekt</translation>
        </message>
        <message>
            <source>is not valid JSON</source>
            <translation>ist kein gültiges JSON</translation>
        </message>
        <message>
            <source>is not valid JSON near byte %1</source>
            <translation>ist kein gültiges JSON, nahe Byte %1</translation>
        </message>
        <message>
            <source>is nested too deeply</source>
            <translation>ist zu tief verschachtelt</translation>
        </message>
        <message>
            <source>holds more than four million values</source>
            <translation>enthält mehr als vier Millionen Werte</translation>
        </message>
        <message>
            <source>L must be from 0 to 100</source>
            <translation>L muss zwischen 0 und 100 liegen</translation>
        </message>
        <message>
            <source>is no Yawning Dune collection</source>
            <translation>ist keine Sammlung von Yawning Dune</translation>
        </message>
        <message>
            <source>is no calibration</source>
            <translation>ist keine Kalibrierung</translation>
        </message>
        <message>
            <source>is no text</source>
            <translation>ist kein Text</translation>
        </message>
        <message>
            <source>is no GIMP palette</source>
            <translation>ist keine GIMP-Palette</translation>
        </message>
        <message>
            <source>is no picture that can be read</source>
            <translation>ist kein lesbares Bild</translation>
        </message>
        <message>
            <source>is not a picture that can be read</source>
            <translation>ist kein lesbares Bild</translation>
        </message>
        <message>
            <source>is damaged or cut short: %1</source>
            <translation>ist beschädigt oder abgeschnitten: %1</translation>
        </message>
        <message>
            <source>is damaged or of a kind that cannot be read: %1</source>
            <translation>ist beschädigt oder von einer Art, die sich nicht lesen lässt: %1</translation>
        </message>
        <message>
            <source>is cut short</source>
            <translation>ist abgeschnitten</translation>
        </message>
        <message>
            <source>needs libheif, which is not installed here</source>
            <translation>braucht libheif, das hier nicht installiert ist</translation>
        </message>
        <message>
            <source>has more than 120 million pixels</source>
            <translation>hat mehr als 120 Millionen Bildpunkte</translation>
        </message>
        <message>
            <source>has a side of more than 65535 pixels</source>
            <translation>hat eine Seite von mehr als 65535 Bildpunkten</translation>
        </message>
        <message>
            <source>cannot be read as CSV near line %1</source>
            <translation>ist nahe Zeile %1 nicht als CSV lesbar</translation>
        </message>
        <message>
            <source>holds no rows</source>
            <translation>enthält keine Zeilen</translation>
        </message>
        <message>
            <source>holds more than 20000 rows</source>
            <translation>enthält mehr als 20000 Zeilen</translation>
        </message>
        <message>
            <source>holds more than 20000 sticks</source>
            <translation>enthält mehr als 20000 Kreiden</translation>
        </message>
        <message>
            <source>holds no stick</source>
            <translation>enthält keine Kreide</translation>
        </message>
        <message>
            <source>holds no paper</source>
            <translation>enthält kein Papier</translation>
        </message>
        <message>
            <source>id "%1" stands twice</source>
            <translation>die Kennung „%1“ kommt zweimal vor</translation>
        </message>
        <message>
            <source>a colour is needed: say which column is the hex colour, or which are L*, a* and b*</source>
            <translation>eine Farbe wird gebraucht: angeben, welche Spalte die Hex-Farbe ist oder welche L*, a* und b* sind</translation>
        </message>
        <message>
            <source>lightfastness must be I, II, III, IV or V</source>
            <translation>die Lichtechtheit muss I, II, III, IV oder V sein</translation>
        </message>
        <message>
            <source>must be I, II, III, IV, V or left out</source>
            <translation>muss I, II, III, IV, V sein oder fehlen</translation>
        </message>
        <message>
            <source>hex colour: needs six digits like #8a6b4f</source>
            <translation>Hex-Farbe: braucht sechs Ziffern wie #8a6b4f</translation>
        </message>
        <message>
            <source>needs red, green and blue</source>
            <translation>braucht Rot, Grün und Blau</translation>
        </message>
        <message>
            <source>%1 is no number from 0 to 255</source>
            <translation>%1 ist keine Zahl von 0 bis 255</translation>
        </message>
        <message>
            <source>%1: "%2" is no number from %3 to %4</source>
            <translation>%1: „%2“ ist keine Zahl von %3 bis %4</translation>
        </message>
        <message>
            <source>"%1" is no stick of the collection; its id is needed</source>
            <translation>„%1“ ist keine Kreide der Sammlung; gebraucht wird ihre Kennung</translation>
        </message>
        <message>
            <source>pressure must be light, middle, firm, or a number above 0 up to 1</source>
            <translation>der Druck muss light, middle, firm oder eine Zahl über 0 bis 1 sein</translation>
        </message>
        <message>
            <source>technique must be laid or rubbed</source>
            <translation>die Technik muss laid oder rubbed sein</translation>
        </message>
        <message>
            <source>%1 must be a number</source>
            <translation>%1 muss eine Zahl sein</translation>
        </message>
        <message>
            <source>has no column %1</source>
            <translation>hat keine Spalte %1</translation>
        </message>
        <message>
            <source>holds %1 samples, but %2 strokes are asked for: measure them all, in their order</source>
            <translation>enthält %1 Proben, verlangt sind aber %2 Striche: alle messen, in ihrer Reihenfolge</translation>
        </message>
        <message>
            <source>names a stick that is not in the collection</source>
            <translation>nennt eine Kreide, die nicht in der Sammlung ist</translation>
        </message>
        <message>
            <source>names a stick that is not there</source>
            <translation>nennt eine Kreide, die es nicht gibt</translation>
        </message>
        <message>
            <source>must be mass or plane</source>
            <translation>muss mass oder plane sein</translation>
        </message>
        <message>
            <source>must be none, wash, little or full</source>
            <translation>muss none, wash, little oder full sein</translation>
        </message>
        <message>
            <source>the collection has no stick for %1</source>
            <translation>die Sammlung hat keine Kreide für %1</translation>
        </message>
        <message>
            <source>%1 does not bear %2; choose another medium or paper</source>
            <translation>%1 trägt kein %2; ein anderes Mittel oder Papier wählen</translation>
        </message>
        <message>
            <source>there is no other mass to merge with</source>
            <translation>es gibt keine andere Masse zum Vereinen</translation>
        </message>
        <message>
            <source>does not touch mass %1; only neighbours can be merged</source>
            <translation>berührt Masse %1 nicht; nur Nachbarn lassen sich vereinen</translation>
        </message>
        <message>
            <source>cannot be split: there are 60 masses already</source>
            <translation>lässt sich nicht teilen: es sind schon 60 Massen</translation>
        </message>
        <message>
            <source>leaves nothing on one side of the split</source>
            <translation>lässt auf einer Seite der Teilung nichts übrig</translation>
        </message>
        <message>
            <source>is of one value: there is nothing to split</source>
            <translation>hat nur einen Tonwert: da ist nichts zu teilen</translation>
        </message>
        <message>
            <source>needs a line of two places to be split by</source>
            <translation>braucht zum Teilen eine Linie mit zwei Stellen</translation>
        </message>
        <message>
            <source>nothing was painted</source>
            <translation>es wurde nichts gemalt</translation>
        </message>
        <message>
            <source>is not there</source>
            <translation>gibt es nicht</translation>
        </message>
        <message>
            <source>asks for more sticks than the tray may hold</source>
            <translation>verlangt mehr Kreiden, als die Ablage fassen darf</translation>
        </message>
        <message>
            <source>asks for a stick that is forbidden or not at hand</source>
            <translation>verlangt eine Kreide, die verboten oder nicht zur Hand ist</translation>
        </message>
        <message>
            <source>leaves no stick to choose from</source>
            <translation>lässt keine Kreide zur Wahl</translation>
        </message>
        <message>
            <source>at least one is needed</source>
            <translation>mindestens eine wird gebraucht</translation>
        </message>
        <message>
            <source>there are none to search</source>
            <translation>es gibt keine zu durchsuchen</translation>
        </message>
        <message>
            <source>there are none to match</source>
            <translation>es gibt keine zu treffen</translation>
        </message>
        <message>
            <source>pairs are searched on a ground only</source>
            <translation>Paare werden nur auf einem Grund gesucht</translation>
        </message>
        <message>
            <source>there are none to judge</source>
            <translation>es gibt keine zu beurteilen</translation>
        </message>
        <message>
            <source>has no masses</source>
            <translation>hat keine Massen</translation>
        </message>
        <message>
            <source>no pass is done yet: mark what is, then check it</source>
            <translation>noch ist kein Durchgang erledigt: abhaken, was fertig ist, dann prüfen</translation>
        </message>
        <message>
            <source>are too few: at least %1 are needed</source>
            <translation>sind zu wenige: mindestens %1 werden gebraucht</translation>
        </message>
        <message>
            <source>pressure must be above 0, up to 1</source>
            <translation>der Druck muss über 0 und höchstens 1 sein</translation>
        </message>
        <message>
            <source>is no colour</source>
            <translation>ist keine Farbe</translation>
        </message>
        <message>
            <source>shows a sheet for offcut strokes, not for sticks</source>
            <translation>zeigt ein Blatt für Probestriche, nicht für Kreiden</translation>
        </message>
        <message>
            <source>shows a sheet for sticks, not for offcut strokes</source>
            <translation>zeigt ein Blatt für Kreiden, nicht für Probestriche</translation>
        </message>
        <message>
            <source>shows no stroke in any cell</source>
            <translation>zeigt in keinem Feld einen Strich</translation>
        </message>
        <message>
            <source>shows no mark of a printed sheet: take it whole, sharp, from straight above</source>
            <translation>zeigt keine Marke eines gedruckten Blattes: ganz, scharf und gerade von oben aufnehmen</translation>
        </message>
        <message>
            <source>shows marks of two sheets: take one sheet at a time</source>
            <translation>zeigt Marken zweier Blätter: ein Blatt nach dem anderen aufnehmen</translation>
        </message>
        <message>
            <source>does not show the mark %1: take the whole sheet, all eight marks free</source>
            <translation>zeigt die Marke %1 nicht: das ganze Blatt aufnehmen, alle acht Marken frei</translation>
        </message>
        <message>
            <source>shows marks that are not of one printed sheet</source>
            <translation>zeigt Marken, die nicht zu einem gedruckten Blatt gehören</translation>
        </message>
        <message>
            <source>is too light: the bare paper has burnt out, expose less</source>
            <translation>ist zu hell: das bloße Papier ist ausgebrannt, kürzer belichten</translation>
        </message>
        <message>
            <source>is too dark: more light, or expose longer</source>
            <translation>ist zu dunkel: mehr Licht oder länger belichten</translation>
        </message>
        <message>
            <source>has light that does not lie evenly: no shadow and no lamp mirrored on the sheet, the paper bare between the cells</source>
            <translation>hat ungleichmäßiges Licht: kein Schatten, keine gespiegelte Lampe auf dem Blatt, das Papier zwischen den Feldern bloß</translation>
        </message>
        <message>
            <source>is lit from one side: turn the sheet to the light</source>
            <translation>ist von einer Seite beleuchtet: das Blatt zum Licht drehen</translation>
        </message>
        <message>
            <source>shows a sheet that does not lie flat</source>
            <translation>zeigt ein Blatt, das nicht flach liegt</translation>
        </message>
        <message>
            <source>is too small for so many cells: go nearer, or use the camera's full size</source>
            <translation>ist zu klein für so viele Felder: näher herangehen oder die volle Größe der Kamera nutzen</translation>
        </message>
        <message>
            <source>has room for %1 cells, not for %2</source>
            <translation>hat Platz für %1 Felder, nicht für %2</translation>
        </message>
        <message>
            <source>is not for RGB</source>
            <translation>ist nicht für RGB</translation>
        </message>
        <message>
            <source>cannot be used for pictures</source>
            <translation>ist für Bilder nicht zu gebrauchen</translation>
        </message>
        <message>
            <source>L must lie between 0 and 100</source>
            <translation>L muss zwischen 0 und 100 liegen</translation>
        </message>
        <message>
            <source>no surface has this colour</source>
            <translation>keine Oberfläche hat diese Farbe</translation>
        </message>
        <message>
            <source>the backup cannot be written</source>
            <translation>die Sicherung lässt sich nicht schreiben</translation>
        </message>
        <message>
            <source>the journal is damaged</source>
            <translation>das Werkbuch ist beschädigt</translation>
        </message>
        <message>
            <source>the journal is damaged: %1</source>
            <translation>das Werkbuch ist beschädigt: %1</translation>
        </message>
        <message>
            <source>the journal is damaged and cannot be put aside</source>
            <translation>das Werkbuch ist beschädigt und lässt sich nicht beiseitelegen</translation>
        </message>
        <message>
            <source>the folder cannot be made</source>
            <translation>der Ordner lässt sich nicht anlegen</translation>
        </message>
        <message>
            <source>the disk is full; nothing was written</source>
            <translation>der Datenträger ist voll; es wurde nichts geschrieben</translation>
        </message>
        <message>
            <source>is read-only; nothing was written</source>
            <translation>ist schreibgeschützt; es wurde nichts geschrieben</translation>
        </message>
        <message>
            <source>is held by another program; nothing was written</source>
            <translation>wird von einem anderen Programm gehalten; es wurde nichts geschrieben</translation>
        </message>
        <message>
            <source>Qt's SQLite driver is not installed</source>
            <translation>der SQLite-Treiber von Qt ist nicht installiert</translation>
        </message>
        <message>
            <source>holds no such work</source>
            <translation>enthält kein solches Werk</translation>
        </message>
        <message>
            <source>the disk is full; free some room or choose another place</source>
            <translation>der Datenträger ist voll; Platz schaffen oder einen anderen Ort wählen</translation>
        </message>
        <message>
            <source>the disk is read-only; choose another place</source>
            <translation>der Datenträger ist schreibgeschützt; einen anderen Ort wählen</translation>
        </message>
        <message>
            <source>this program may not write there; choose another place</source>
            <translation>dieses Programm darf dort nicht schreiben; einen anderen Ort wählen</translation>
        </message>
        <message>
            <source>the folder is not there</source>
            <translation>den Ordner gibt es nicht</translation>
        </message>
        <message>
            <source>the disk did not take it</source>
            <translation>der Datenträger hat es nicht angenommen</translation>
        </message>
        <message>
            <source>at the top left</source>
            <translation>oben links</translation>
        </message>
        <message>
            <source>amid the top</source>
            <translation>in der Mitte oben</translation>
        </message>
        <message>
            <source>at the top right</source>
            <translation>oben rechts</translation>
        </message>
        <message>
            <source>amid the right side</source>
            <translation>in der Mitte der rechten Seite</translation>
        </message>
        <message>
            <source>at the bottom right</source>
            <translation>unten rechts</translation>
        </message>
        <message>
            <source>amid the bottom</source>
            <translation>in der Mitte unten</translation>
        </message>
        <message>
            <source>at the bottom left</source>
            <translation>unten links</translation>
        </message>
        <message>
            <source>amid the left side</source>
            <translation>in der Mitte der linken Seite</translation>
        </message>
        <message>
            <source>%1, line %2</source>
            <translation>%1, Zeile %2</translation>
        </message>
        <message>
            <source>line %1</source>
            <translation>Zeile %1</translation>
        </message>
        <message>
            <source>%1, field "%2"</source>
            <translation>%1, Feld „%2“</translation>
        </message>
        <message>
            <source>%1, mass %2</source>
            <translation>%1, Masse %2</translation>
        </message>
        <message>
            <source>mass %1</source>
            <translation>Masse %1</translation>
        </message>
        <message>
            <source>photograph</source>
            <translation>Foto</translation>
        </message>
        <message>
            <source>picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>project</source>
            <translation>Projekt</translation>
        </message>
        <message>
            <source>colour profile</source>
            <translation>Farbprofil</translation>
        </message>
        <message>
            <source>paper colour</source>
            <translation>Papierfarbe</translation>
        </message>
        <message>
            <source>collection</source>
            <translation>Sammlung</translation>
        </message>
        <message>
            <source>palette</source>
            <translation>Palette</translation>
        </message>
        <message>
            <source>readings</source>
            <translation>Messwerte</translation>
        </message>
        <message>
            <source>sticks</source>
            <translation>Kreiden</translation>
        </message>
        <message>
            <source>tray</source>
            <translation>Ablage</translation>
        </message>
        <message>
            <source>subject</source>
            <translation>Motiv</translation>
        </message>
        <message>
            <source>sheet</source>
            <translation>Blatt</translation>
        </message>
        <message>
            <source>mood</source>
            <translation>Stimmung</translation>
        </message>
        <message>
            <source>done</source>
            <translation>erledigt</translation>
        </message>
        <message>
            <source>is not a finite number</source>
            <translation>ist keine endliche Zahl</translation>
        </message>
        <message>
            <source>"%1" must be fine, medium or coarse</source>
            <translation>„%1“ muss fine, medium oder coarse sein</translation>
        </message>
        <message>
            <source>"%1" is unknown or stands twice</source>
            <translation>„%1“ ist unbekannt oder kommt zweimal vor</translation>
        </message>
        <message>
            <source>"%1" is missing</source>
            <translation>„%1“ fehlt</translation>
        </message>
        <message>
            <source>"%1" is neither a shipped id nor a file</source>
            <translation>„%1“ ist weder eine mitgelieferte Kennung noch eine Datei</translation>
        </message>
        <message>
            <source>"%1" must be soft, hard, pencil, pan or charcoal</source>
            <translation>„%1“ muss soft, hard, pencil, pan oder charcoal sein</translation>
        </message>
        <message>
            <source>is "%1", not "%2"</source>
            <translation>ist „%1“, nicht „%2“</translation>
        </message>
        <message>
            <source>medium "%1" is unknown</source>
            <translation>das Mittel „%1“ ist unbekannt</translation>
        </message>
        <message>
            <source>colours "%1" are unknown</source>
            <translation>die Farbwahl „%1“ ist unbekannt</translation>
        </message>
        <message>
            <source>pressure must be from 0 to 1</source>
            <translation>der Druck muss von 0 bis 1 gehen</translation>
        </message>
        <message>
            <source>does not say which underpainting</source>
            <translation>sagt nicht, welche Untermalung</translation>
        </message>
        <message>
            <source>must be from %1 to %2</source>
            <translation>muss von %1 bis %2 gehen</translation>
        </message>
        <message>
            <source>must be from 0.2 to 3 where light, to 2 where firm</source>
            <translation>muss leicht von 0,2 bis 3 gehen, fest bis 2</translation>
        </message>
        <message>
            <source>must be at least %1</source>
            <translation>muss mindestens %1 sein</translation>
        </message>
        <message>
            <source>must be at least 5 minutes</source>
            <translation>muss mindestens 5 Minuten sein</translation>
        </message>
        <message>
            <source>"%1" must be keep, compress, anchor-lights or anchor-darks</source>
            <translation>„%1“ muss keep, compress, anchor-lights oder anchor-darks sein</translation>
        </message>
        <message>
            <source>an edge names a job that is not there</source>
            <translation>eine Verbindung nennt eine Arbeit, die es nicht gibt</translation>
        </message>
        <message>
            <source>the edges run in a circle</source>
            <translation>die Verbindungen laufen im Kreis</translation>
        </message>
        <message>
            <source>needs a tray to begin with</source>
            <translation>braucht eine Ablage zum Beginnen</translation>
        </message>
        <message>
            <source>must be more than 0</source>
            <translation>muss mehr als 0 sein</translation>
        </message>
        <message>
            <source>must be above 0</source>
            <translation>muss über 0 sein</translation>
        </message>
        <message>
            <source>must be one for each target</source>
            <translation>muss eines für jedes Ziel sein</translation>
        </message>
        <message>
            <source>must have sides from %1 to %2 mm</source>
            <translation>muss Seiten von %1 bis %2 mm haben</translation>
        </message>
        <message>
            <source>must have a cell</source>
            <translation>muss ein Feld haben</translation>
        </message>
        <message>
            <source>must lie in the picture: x and y from 0 to 1, radius above 0 to 1</source>
            <translation>muss im Bild liegen: x und y von 0 bis 1, der Radius über 0 bis 1</translation>
        </message>
        <message>
            <source>"%1" must be background, middle ground or foreground</source>
            <translation>„%1“ muss background, middle ground oder foreground sein</translation>
        </message>
        <message>
            <source>the amount must be from 0 to 1</source>
            <translation>das Maß muss von 0 bis 1 gehen</translation>
        </message>
        <message>
            <source>holds too many colours</source>
            <translation>enthält zu viele Farben</translation>
        </message>
        <message>
            <source>a colour has no share</source>
            <translation>eine Farbe hat keinen Anteil</translation>
        </message>
        <message>
            <source>another window is mending the journal</source>
            <translation>ein anderes Fenster bringt das Werkbuch gerade in Ordnung</translation>
        </message>
        <message>
            <source>the journal is damaged and open in another window; close that one and start again</source>
            <translation>das Werkbuch ist beschädigt und in einem anderen Fenster offen; schließen Sie jenes und beginnen Sie neu</translation>
        </message>
        <message>
            <source>is too small or too narrow to be read</source>
            <translation>ist zu klein oder zu schmal zum Lesen</translation>
        </message>
        <message>
            <source>is no journal yet</source>
            <translation>ist noch kein Werkbuch</translation>
        </message>
        <message>
            <source>is a pipe or a device, not a file</source>
            <translation>ist eine Pipe oder ein Gerät, keine Datei</translation>
        </message>
        <message>
            <source>is a pipe that nobody reads</source>
            <translation>ist eine Pipe, die niemand liest</translation>
        </message>
        <message>
            <source>is no picture of a kind that is read: %1</source>
            <translation>ist kein Bild einer Art, die gelesen wird: %1</translation>
        </message>
        <message>
            <source>PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF or AVIF</source>
            <translation>PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF oder AVIF</translation>
        </message>
        <message>
            <source>must end in .png, .jpg or .jpeg</source>
            <translation>muss auf .png, .jpg oder .jpeg enden</translation>
        </message>
        <message>
            <source>must have no more than 4 layers</source>
            <translation>darf nicht mehr als 4 Lagen haben</translation>
        </message>
        <message>
            <source>it is closed</source>
            <translation>sie ist geschlossen</translation>
        </message>
        <message>
            <source>nobody reads it any more</source>
            <translation>niemand liest sie mehr</translation>
        </message>
        <message>
            <source>must be a whole number from %1 to %2</source>
            <translation>muss eine ganze Zahl von %1 bis %2 sein</translation>
        </message>
        <message>
            <source>is read here and would be lost; write to another file</source>
            <translation>wird hier gelesen und ginge verloren; in eine andere Datei schreiben</translation>
        </message>
        <message>
            <source>%1; nothing was saved</source>
            <translation>%1; es wurde nichts gespeichert</translation>
        </message>
        <message>
            <source>is a database of another program; it is left as it is</source>
            <translation>ist eine Datenbank eines anderen Programms; sie bleibt, wie sie ist</translation>
        </message>
        <message>
            <source>is not kept as this program keeps a journal</source>
            <translation>ist nicht so geführt, wie dieses Programm ein Werkbuch führt</translation>
        </message>
        <message>
            <source>cannot be opened</source>
            <translation>lässt sich nicht öffnen</translation>
        </message>
        <message>
            <source>is a folder</source>
            <translation>ist ein Ordner</translation>
        </message>
        <message>
            <source>there is no such folder</source>
            <translation>diesen Ordner gibt es nicht</translation>
        </message>
        <message>
            <source>its folder cannot be written to</source>
            <translation>in den Ordner lässt sich nicht schreiben</translation>
        </message>
        <message>
            <source>is no file that can be written</source>
            <translation>ist keine Datei, in die sich schreiben lässt</translation>
        </message>
        <message>
            <source>it is no file that can be written</source>
            <translation>das ist keine Datei, in die sich schreiben lässt</translation>
        </message>
        <message>
            <source>would have a name that is no text (UTF-8)</source>
            <translation>hätte einen Namen, der kein Text ist (UTF-8)</translation>
        </message>
        <message>
            <source>must be the name of a file</source>
            <translation>muss der Name einer Datei sein</translation>
        </message>
        <message>
            <source>has too many places</source>
            <translation>hat zu viele Stellen</translation>
        </message>
        <message>
            <source>must be a list of places [x, y]</source>
            <translation>muss eine Liste von Stellen [x, y] sein</translation>
        </message>
        <message>
            <source>must not be empty</source>
            <translation>darf nicht leer sein</translation>
        </message>
        <message>
            <source>has no media</source>
            <translation>enthält keine Malmittel</translation>
        </message>
        <message>
            <source>must be shade, mass, picture, minute or sitting</source>
            <translation>muss shade, mass, picture, minute oder sitting sein</translation>
        </message>
        <message>
            <source>the outline needs three places at least</source>
            <translation>der Umriss braucht mindestens drei Stellen</translation>
        </message>
        <message>
            <source>the outline has too many places</source>
            <translation>der Umriss hat zu viele Stellen</translation>
        </message>
        <message>
            <source>the outline must lie in the picture: places from 0 to 1</source>
            <translation>der Umriss muss im Bild liegen: Stellen von 0 bis 1</translation>
        </message>
        <message>
            <source>the outline goes round nothing</source>
            <translation>der Umriss schließt nichts ein</translation>
        </message>
        <message>
            <source>the outline crosses itself; draw round the thing once</source>
            <translation>der Umriss kreuzt sich; einmal um das Ding herumziehen</translation>
        </message>
        <message>
            <source>has too many strokes</source>
            <translation>hat zu viele Striche</translation>
        </message>
        <message>
            <source>width of a stroke %1</source>
            <translation>Breite eines Strichs %1</translation>
        </message>
        <message>
            <source>a stroke needs a way of its own</source>
            <translation>ein Strich braucht einen Weg</translation>
        </message>
        <message>
            <source>strokes must lie in the picture: places from 0 to 1</source>
            <translation>Striche müssen im Bild liegen: Stellen von 0 bis 1</translation>
        </message>
        <message>
            <source>the name must have no more than 80 letters</source>
            <translation>der Name darf höchstens 80 Zeichen haben</translation>
        </message>
        <message>
            <source>the ring must lie in the picture: x and y from 0 to 1, radius above 0 to 1</source>
            <translation>der Ring muss im Bild liegen: x und y von 0 bis 1, Radius über 0 bis 1</translation>
        </message>
        <message>
            <source>must be no more than 60</source>
            <translation>dürfen höchstens 60 sein</translation>
        </message>
        <message>
            <source>nothing is left of it</source>
            <translation>davon bleibt nichts übrig</translation>
        </message>
        <message>
            <source>&quot;%1&quot; must be name;kind;weight;x,y x,y …</source>
            <translation>„%1“ muss Name;Art;Gewicht;x,y x,y … sein</translation>
        </message>
        <message>
            <source>&quot;%1&quot; has a place that is no x,y</source>
            <translation>„%1“ hat eine Stelle, die kein x,y ist</translation>
        </message>
        <message>
            <source>&quot;%1&quot; is none of: %2</source>
            <translation>„%1“ ist keines von: %2</translation>
        </message>
    </context>
    <context>
        <name>Findings</name>
        <message>
            <source>mud</source>
            <translation>Schlamm</translation>
        </message>
        <message>
            <source>black rubbed over colour</source>
            <translation>Schwarz über Farbe verrieben</translation>
        </message>
        <message>
            <source>flat black hole</source>
            <translation>flaches schwarzes Loch</translation>
        </message>
        <message>
            <source>chalky white</source>
            <translation>kreidiges Weiß</translation>
        </message>
        <message>
            <source>hard over soft</source>
            <translation>hart über weich</translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>Zahn voll</translation>
        </message>
        <message>
            <source>missing darks</source>
            <translation>fehlende Dunkelheiten</translation>
        </message>
        <message>
            <source>distance does not recede</source>
            <translation>die Ferne tritt nicht zurück</translation>
        </message>
        <message>
            <source>raw green</source>
            <translation>rohes Grün</translation>
        </message>
        <message>
            <source>lonely accent</source>
            <translation>einsamer Akzent</translation>
        </message>
        <message>
            <source>everything rubbed</source>
            <translation>alles verrieben</translation>
        </message>
        <message>
            <source>halo at a soft edge</source>
            <translation>Hof an einer weichen Kante</translation>
        </message>
        <message>
            <source>focal point</source>
            <translation>Blickpunkt</translation>
        </message>
        <message>
            <source>too many sticks</source>
            <translation>zu viele Kreiden</translation>
        </message>
        <message>
            <source>pressed too hard early</source>
            <translation>zu früh zu fest gedrückt</translation>
        </message>
        <message>
            <source>vivid colour out of reach</source>
            <translation>leuchtende Farbe außer Reichweite</translation>
        </message>
        <message>
            <source>level sky</source>
            <translation>gleichmäßiger Himmel</translation>
        </message>
        <message>
            <source>water by itself</source>
            <translation>Wasser für sich allein</translation>
        </message>
        <message>
            <source>red that steals</source>
            <translation>Rot, das sich vordrängt</translation>
        </message>
        <message>
            <source>everything sharp</source>
            <translation>alles scharf</translation>
        </message>
        <message>
            <source>Your order lays the background of pass %1 after the soft edge of pass %2: a halo stays.</source>
            <translation>Die eigene Reihenfolge legt den Hintergrund von Durchgang %1 nach der weichen Kante von Durchgang %2: ein Hof bleibt.</translation>
        </message>
        <message>
            <source>Your order lays pass %1, a hard stick, after the soft one of pass %2.</source>
            <translation>Die eigene Reihenfolge legt Durchgang %1, eine harte Kreide, nach der weichen von Durchgang %2.</translation>
        </message>
        <message>
            <source>%1 and %2 are complements: rubbed together they go to mud in %3.</source>
            <translation>%1 und %2 sind Gegenfarben: miteinander verrieben werden sie in %3 zu Schlamm.</translation>
        </message>
        <message>
            <source>Black is rubbed over %1 in %2: that dirties it for good. Go over a dark red, violet or blue instead.</source>
            <translation>Schwarz wird in %2 über %1 verrieben: das verschmutzt es für immer. Lieber mit Dunkelrot, Violett oder Blau darübergehen.</translation>
        </message>
        <message>
            <source>Black alone stands flat in %1. Put deep blue, dark brown or indigo under it, or use those instead.</source>
            <translation>Schwarz allein steht in %1 flach. Tiefes Blau, Dunkelbraun oder Indigo darunterlegen oder diese statt dessen nehmen.</translation>
        </message>
        <message>
            <source>White over colour makes %1 chalky; put it under, or use a light stick of the hue.</source>
            <translation>Weiß über Farbe macht %1 kreidig; darunterlegen oder eine helle Kreide des Farbtons nehmen.</translation>
        </message>
        <message>
            <source>%1 will not take over the soft layer of %2 in %3.</source>
            <translation>%1 greift in %3 nicht über der weichen Lage aus %2.</translation>
        </message>
        <message>
            <source>The tooth of %1 is full before its last stroke: little of it will stick.</source>
            <translation>Der Zahn von %1 ist vor dem letzten Strich voll: wenig davon wird haften.</translation>
        </message>
        <message>
            <source>The darkest dark, in %1, comes out too light: a passage looks finished only when its darks are dark enough.</source>
            <translation>Die dunkelste Dunkelheit, in %1, gerät zu hell: fertig wirkt eine Partie erst, wenn ihre Dunkelheiten dunkel genug sind.</translation>
        </message>
        <message>
            <source>The distance does not recede: further means less contrast, less chroma and bluer.</source>
            <translation>Die Ferne tritt nicht zurück: weiter weg heißt weniger Kontrast, weniger Buntheit und blauer.</translation>
        </message>
        <message>
            <source>A raw green in %1 looks artificial: break it with violet, red-brown or grey.</source>
            <translation>Ein rohes Grün in %1 wirkt künstlich: mit Violett, Rotbraun oder Grau brechen.</translation>
        </message>
        <message>
            <source>%1 stands in %2 alone and looks pasted in: carry a little of it elsewhere.</source>
            <translation>%1 steht in %2 allein und wirkt aufgeklebt: etwas davon anderswohin tragen.</translation>
        </message>
        <message>
            <source>Everything is rubbed, and the picture goes lifeless: rub some, leave some.</source>
            <translation>Alles ist verrieben, das Bild verliert sein Leben: manches verreiben, manches lassen.</translation>
        </message>
        <message>
            <source>At a soft edge the background cannot go in first: a halo may stay. Soften it at the end.</source>
            <translation>An einer weichen Kante kann der Hintergrund nicht zuerst hinein: ein Hof kann bleiben. Am Ende weich machen.</translation>
        </message>
        <message>
            <source>The focal point does not have the strongest contrast; %1 has.</source>
            <translation>Der Blickpunkt hat nicht den stärksten Kontrast; den hat %1.</translation>
        </message>
        <message>
            <source>More sticks than the picture needs: a dozen well chosen ones carry it.</source>
            <translation>Mehr Kreiden, als das Bild braucht: ein gut gewähltes Dutzend trägt es.</translation>
        </message>
        <message>
            <source>The first stroke in %1 is pressed in hard: it cannot be lifted again and closes the tooth.</source>
            <translation>Der erste Strich in %1 ist fest gedrückt: er lässt sich nicht mehr abheben und schließt den Zahn.</translation>
        </message>
        <message>
            <source>A vivid colour of %1 is out of reach: no stick of the collection is near it.</source>
            <translation>Eine leuchtende Farbe von %1 ist außer Reichweite: keine Kreide der Sammlung kommt ihr nahe.</translation>
        </message>
        <message>
            <source>A vivid colour of %1 is lost; %2 would bring it.</source>
            <translation>Eine leuchtende Farbe von %1 geht verloren; %2 brächte sie.</translation>
        </message>
        <message>
            <source>The sky is as dark at the horizon as overhead: it wants to be lighter there, and warmer.</source>
            <translation>Der Himmel ist am Horizont so dunkel wie oben: dort sollte er heller sein, und wärmer.</translation>
        </message>
        <message>
            <source>The water does not repeat the colours above it: carry some of the sky into it.</source>
            <translation>Das Wasser wiederholt nicht die Farben über ihm: etwas vom Himmel hineintragen.</translation>
        </message>
        <message>
            <source>A strong red in %1 is seen before the focal point: use it sparingly.</source>
            <translation>Ein starkes Rot in %1 fällt vor dem Blickpunkt auf: sparsam verwenden.</translation>
        </message>
        <message>
            <source>Everything is equally sharp: lose the edges that are far away.</source>
            <translation>Alles ist gleich scharf: die fernen Kanten verlieren.</translation>
        </message>
        <message>
            <source>chroma %1 rubbed, %2 laid broken, %3 wanted</source>
            <translation>Buntheit %1 verrieben, %2 offen gelegt, %3 gewünscht</translation>
        </message>
        <message>
            <source>chroma %1 before, %2 after</source>
            <translation>Buntheit %1 vorher, %2 nachher</translation>
        </message>
        <message>
            <source>chroma %1, speckle %2 L*</source>
            <translation>Buntheit %1, Körnung %2 L*</translation>
        </message>
        <message>
            <source>chroma %1, wanted %2</source>
            <translation>Buntheit %1, gewünscht %2</translation>
        </message>
        <message>
            <source>%1 % of the tooth left, a loose bed below</source>
            <translation>%1 % des Zahns übrig, darunter ein loses Bett</translation>
        </message>
        <message>
            <source>%1 % of the tooth left before %2</source>
            <translation>%1 % des Zahns übrig vor %2</translation>
        </message>
        <message>
            <source>L* %1 laid, %2 in the subject</source>
            <translation>L* %1 gelegt, %2 im Motiv</translation>
        </message>
        <message>
            <source>far and near: chroma %1 and %2, contrast %3 and %4 L*, warmth %5 and %6</source>
            <translation>fern und nah: Buntheit %1 und %2, Kontrast %3 und %4 L*, Wärme %5 und %6</translation>
        </message>
        <message>
            <source>chroma %1, nothing but green in the stack</source>
            <translation>Buntheit %1, nichts als Grün im Aufbau</translation>
        </message>
        <message>
            <source>%1 % of the picture, no other mass within %2 degrees of hue</source>
            <translation>%1 % des Bildes, keine andere Masse innerhalb von %2 Grad des Farbtons</translation>
        </message>
        <message>
            <source>%1 % of the area ends in a rubbed stroke</source>
            <translation>%1 % der Fläche enden in einem verriebenen Strich</translation>
        </message>
        <message>
            <source>%1 L* at the focal point, %2 there</source>
            <translation>%1 L* am Blickpunkt, dort %2</translation>
        </message>
        <message>
            <source>%1 sticks, %2 of them serve less than %3 % of the area</source>
            <translation>%1 Kreiden, %2 davon dienen weniger als %3 % der Fläche</translation>
        </message>
        <message>
            <source>%1 % of the tooth gone after the first of %2 strokes</source>
            <translation>%1 % des Zahns weg nach dem ersten von %2 Strichen</translation>
        </message>
        <message>
            <source>chroma %1 laid, %2 in the subject, %3 CIEDE2000 apart</source>
            <translation>Buntheit %1 gelegt, %2 im Motiv, %3 CIEDE2000 auseinander</translation>
        </message>
        <message>
            <source>%1 L* lighter at the horizon, %2 in the subject</source>
            <translation>%1 L* heller am Horizont, %2 im Motiv</translation>
        </message>
        <message>
            <source>%1 CIEDE2000 from the sky in hue and chroma, %2 in the subject</source>
            <translation>%1 CIEDE2000 vom Himmel in Farbton und Buntheit, %2 im Motiv</translation>
        </message>
        <message>
            <source>chroma %1, at most %2 at the focal point; %3 % of the picture</source>
            <translation>Buntheit %1, am Blickpunkt höchstens %2; %3 % des Bildes</translation>
        </message>
        <message>
            <source>%1 % of the area ends hard, %2 % is rubbed</source>
            <translation>%1 % der Fläche enden hart, %2 % sind verrieben</translation>
        </message>
        <message>
            <source>Lay the strokes of this mass broken</source>
            <translation>Die Striche dieser Masse offen legen</translation>
        </message>
        <message>
            <source>Take the nearest recipe without black</source>
            <translation>Das nächste Rezept ohne Schwarz nehmen</translation>
        </message>
        <message>
            <source>Take the nearest recipe with a colour in it</source>
            <translation>Das nächste Rezept mit einer Farbe darin nehmen</translation>
        </message>
        <message>
            <source>Take the nearest recipe without white on top</source>
            <translation>Das nächste Rezept ohne Weiß obenauf nehmen</translation>
        </message>
        <message>
            <source>Take the nearest recipe with a broken green</source>
            <translation>Das nächste Rezept mit gebrochenem Grün nehmen</translation>
        </message>
        <message>
            <source>Wish that colours return in several masses</source>
            <translation>Wünschen, dass Farben in mehreren Massen wiederkehren</translation>
        </message>
        <message>
            <source>Take the nearest recipe with the hard stick below</source>
            <translation>Das nächste Rezept mit der harten Kreide unten nehmen</translation>
        </message>
        <message>
            <source>Take the planner's order</source>
            <translation>Die Reihenfolge des Planers nehmen</translation>
        </message>
        <message>
            <source>Take a recipe that uses less tooth</source>
            <translation>Ein Rezept nehmen, das weniger Zahn braucht</translation>
        </message>
        <message>
            <source>Lay all strokes broken</source>
            <translation>Alle Striche offen legen</translation>
        </message>
        <message>
            <source>Lay what is not background broken</source>
            <translation>Offen legen, was nicht Hintergrund ist</translation>
        </message>
        <message numerus="yes">
            <source>Plan with %n stick(s)</source>
            <translation>
                <numerusform>Mit %n Kreide planen</numerusform>
                <numerusform>Mit %n Kreiden planen</numerusform>
            </translation>
        </message>
        <message>
            <source>Take a recipe that begins lighter</source>
            <translation>Ein Rezept nehmen, das heller beginnt</translation>
        </message>
        <message numerus="yes">
            <source>Ink %n mass(es) first; ink reaches darks that pastel alone cannot</source>
            <translation>
                <numerusform>%n Masse zuerst tuschen; Tusche erreicht Dunkelheiten, die Pastell allein nicht erreicht</numerusform>
                <numerusform>%n Massen zuerst tuschen; Tusche erreicht Dunkelheiten, die Pastell allein nicht erreicht</numerusform>
            </translation>
        </message>
        <message>
            <source>Rub the background, so that it softens</source>
            <translation>Den Hintergrund verreiben, damit er weich wird</translation>
        </message>
        <message>
            <source>Rub %1, so that it stands back</source>
            <translation>%1 verreiben, damit es zurücktritt</translation>
        </message>
        <message>
            <source>Take %1 into the tray</source>
            <translation>%1 in die Ablage nehmen</translation>
        </message>
        <message>
            <source>Leave %1 out of the tray</source>
            <translation>%1 aus der Ablage lassen</translation>
        </message>
    </context>
    <context>
        <name>Grounds</name>
        <message>
            <source>Lights cannot show on it.</source>
            <translation>Lichter zeigen sich darauf nicht.</translation>
        </message>
        <message>
            <source>Darks cannot show on it.</source>
            <translation>Dunkelheiten zeigen sich darauf nicht.</translation>
        </message>
        <message>
            <source>Room for %1 steps of light and %2 of dark.</source>
            <translation>Raum für %1 Stufen Licht und %2 Dunkel.</translation>
        </message>
        <message>
            <source>stick</source>
            <translation>Kreide</translation>
        </message>
        <message>
            <source>%1 %2 %</source>
            <translation>%1 %2 %</translation>
        </message>
        <message>
            <source>Hardest to cover: %1 (%2); %3 of the sheet shows through two layers.</source>
            <translation>Am schwersten zu decken: %1 (%2); %3 des Blattes scheinen durch zwei Lagen.</translation>
        </message>
        <message>
            <source>White: dare it for vivid, light colours, toned down rather than brought up.</source>
            <translation>Weiß: für leuchtende, helle Farben gewagt, eher gedämpft als hochgezogen.</translation>
        </message>
        <message>
            <source>Black: dare it for lights in the dark; the sheet is the shadow.</source>
            <translation>Schwarz: für Lichter im Dunkeln gewagt; das Blatt ist der Schatten.</translation>
        </message>
        <message>
            <source>%1 % of the subject is there already.</source>
            <translation>%1 % des Motivs sind schon da.</translation>
        </message>
        <message>
            <source>It warms the picture where cover is thin.</source>
            <translation>Es wärmt das Bild, wo es dünn gedeckt ist.</translation>
        </message>
        <message>
            <source>It cools the picture where cover is thin.</source>
            <translation>Es kühlt das Bild, wo es dünn gedeckt ist.</translation>
        </message>
        <message numerus="yes">
            <source>Bears %n layer(s), %1 wanted.</source>
            <translation>
                <numerusform>Trägt %n Lage, gewünscht %1.</numerusform>
                <numerusform>Trägt %n Lagen, gewünscht %1.</numerusform>
            </translation>
        </message>
        <message>
            <source>Does not bear %1.</source>
            <translation>Trägt kein %1.</translation>
        </message>
        <message>
            <source>No wet underpainting.</source>
            <translation>Keine nasse Untermalung.</translation>
        </message>
        <message>
            <source>On %1 the picture would come nearer: %2 instead of %3.</source>
            <translation>Auf %1 käme das Bild näher heran: %2 statt %3.</translation>
        </message>
    </context>
    <context>
        <name>Lengths</name>
        <message>
            <source>%1 in</source>
            <translation>%1 Zoll</translation>
        </message>
        <message>
            <source>%1 cm</source>
            <translation>%1 cm</translation>
        </message>
        <message>
            <source>%1 × %2 in</source>
            <translation>%1 × %2 Zoll</translation>
        </message>
        <message>
            <source>%1 × %2 cm</source>
            <translation>%1 × %2 cm</translation>
        </message>
    </context>
    <context>
        <name>Marks</name>
        <message>
            <source>the long side of the stick, dragged</source>
            <translation>die lange Seite der Kreide, gezogen</translation>
        </message>
        <message>
            <source>lines with the edge of the stick, rolled so that they swell and thin</source>
            <translation>Linien mit der Kante der Kreide, gerollt, sodass sie an- und abschwellen</translation>
        </message>
        <message>
            <source>level strokes, edge or side, never slanting</source>
            <translation>waagerechte Striche, Kante oder Seite, nie schräg</translation>
        </message>
        <message>
            <source>pulled straight down</source>
            <translation>gerade nach unten gezogen</translation>
        </message>
        <message>
            <source>dots and dashes the way it grows, no long lines</source>
            <translation>Punkte und Striche in Wuchsrichtung, keine langen Linien</translation>
        </message>
        <message>
            <source>towards and away from the centre, never round and round</source>
            <translation>zur Mitte hin und von ihr weg, nie rundherum</translation>
        </message>
        <message>
            <source>small circles, hardly any pressure</source>
            <translation>kleine Kreise, kaum Druck</translation>
        </message>
        <message>
            <source>tapped straight down, not sliding</source>
            <translation>senkrecht getupft, nicht gezogen</translation>
        </message>
        <message>
            <source>a sharp point turned on the spot</source>
            <translation>eine scharfe Spitze auf der Stelle gedreht</translation>
        </message>
        <message>
            <source>hatching along the form, colours kept apart</source>
            <translation>Schraffur entlang der Form, Farben getrennt gehalten</translation>
        </message>
        <message>
            <source>a broken end, pressed and turned: suggested, not drawn</source>
            <translation>ein gebrochenes Ende, gedrückt und gedreht: angedeutet, nicht gezeichnet</translation>
        </message>
        <message>
            <source>brushed on thinly</source>
            <translation>dünn aufgepinselt</translation>
        </message>
        <message>
            <source>sprayed from arm's length</source>
            <translation>auf Armlänge gesprüht</translation>
        </message>
        <message>
            <source>broad side</source>
            <translation>Breitseite</translation>
        </message>
        <message>
            <source>edge lines</source>
            <translation>Kantenlinien</translation>
        </message>
        <message>
            <source>level strokes</source>
            <translation>waagerechte Striche</translation>
        </message>
        <message>
            <source>pulled down</source>
            <translation>nach unten gezogen</translation>
        </message>
        <message>
            <source>dots and dashes</source>
            <translation>Punkte und Striche</translation>
        </message>
        <message>
            <source>from the centre</source>
            <translation>von der Mitte aus</translation>
        </message>
        <message>
            <source>small circles</source>
            <translation>kleine Kreise</translation>
        </message>
        <message>
            <source>tapped</source>
            <translation>getupft</translation>
        </message>
        <message>
            <source>a turned point</source>
            <translation>gedrehte Spitze</translation>
        </message>
        <message>
            <source>hatching</source>
            <translation>Schraffur</translation>
        </message>
        <message>
            <source>broken end</source>
            <translation>gebrochenes Ende</translation>
        </message>
        <message>
            <source>brushed</source>
            <translation>gepinselt</translation>
        </message>
        <message>
            <source>sprayed</source>
            <translation>gesprüht</translation>
        </message>
        <message>
            <source>the upper part of %1</source>
            <translation>%1: oberer Teil</translation>
        </message>
        <message>
            <source>the lower part of %1</source>
            <translation>%1: unterer Teil</translation>
        </message>
        <message>
            <source>the left of %1</source>
            <translation>%1: links</translation>
        </message>
        <message>
            <source>the right of %1</source>
            <translation>%1: rechts</translation>
        </message>
        <message>
            <source>round the edge of %1</source>
            <translation>%1: rund um den Rand</translation>
        </message>
        <message>
            <source>the darks of %1</source>
            <translation>%1: die Dunkelheiten</translation>
        </message>
        <message>
            <source>the lights of %1</source>
            <translation>%1: die Lichter</translation>
        </message>
        <message>
            <source>most of %1</source>
            <translation>%1: das meiste</translation>
        </message>
        <message>
            <source>a finger</source>
            <translation>einem Finger</translation>
        </message>
        <message>
            <source>the palm</source>
            <translation>dem Handballen</translation>
        </message>
        <message>
            <source>a stump</source>
            <translation>einem Wischer</translation>
        </message>
        <message>
            <source>a rubber tip</source>
            <translation>einer Gummispitze</translation>
        </message>
        <message>
            <source>to the right</source>
            <translation>nach rechts</translation>
        </message>
        <message>
            <source>up to the right</source>
            <translation>nach rechts oben</translation>
        </message>
        <message>
            <source>upwards</source>
            <translation>nach oben</translation>
        </message>
        <message>
            <source>up to the left</source>
            <translation>nach links oben</translation>
        </message>
        <message>
            <source>to the left</source>
            <translation>nach links</translation>
        </message>
        <message>
            <source>down to the left</source>
            <translation>nach links unten</translation>
        </message>
        <message>
            <source>downwards</source>
            <translation>nach unten</translation>
        </message>
        <message>
            <source>down to the right</source>
            <translation>nach rechts unten</translation>
        </message>
        <message>
            <source>at the right</source>
            <translation>rechts</translation>
        </message>
        <message>
            <source>at the upper right</source>
            <translation>oben rechts</translation>
        </message>
        <message>
            <source>at the top</source>
            <translation>oben</translation>
        </message>
        <message>
            <source>at the upper left</source>
            <translation>oben links</translation>
        </message>
        <message>
            <source>at the left</source>
            <translation>links</translation>
        </message>
        <message>
            <source>at the lower left</source>
            <translation>unten links</translation>
        </message>
        <message>
            <source>at the bottom</source>
            <translation>unten</translation>
        </message>
        <message>
            <source>at the lower right</source>
            <translation>unten rechts</translation>
        </message>
        <message>
            <source>firmest %1, letting off %2</source>
            <translation>am festesten %1, nachlassend %2</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks, straight down.</source>
            <translation>Mit %1 verreiben, nur für die Dunkelheiten benutzt, gerade nach unten.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one, straight down.</source>
            <translation>Sauber mit %1 verreiben, gerade nach unten.</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks.</source>
            <translation>Mit %1 verreiben, nur für die Dunkelheiten benutzt.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one.</source>
            <translation>Sauber mit %1 verreiben.</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks, from light into dark: %2.</source>
            <translation>Mit %1 verreiben, nur für die Dunkelheiten benutzt, vom Hellen ins Dunkle: %2.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one, from light into dark: %2.</source>
            <translation>Sauber mit %1 verreiben, vom Hellen ins Dunkle: %2.</translation>
        </message>
        <message>
            <source>level</source>
            <translation>waagerecht</translation>
        </message>
        <message>
            <source>upright</source>
            <translation>aufrecht</translation>
        </message>
        <message>
            <source>rising to the right</source>
            <translation>nach rechts steigend</translation>
        </message>
        <message>
            <source>falling to the right</source>
            <translation>nach rechts fallend</translation>
        </message>
        <message>
            <source>%1 in %2</source>
            <translation>%1 in %2</translation>
        </message>
        <message>
            <source>%1 mm</source>
            <translation>%1 mm</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 bis %2 mm</translation>
        </message>
        <message>
            <source>%1, firm in places</source>
            <translation>%1, stellenweise fest</translation>
        </message>
        <message>
            <source>%1, light in places</source>
            <translation>%1, stellenweise leicht</translation>
        </message>
        <message>
            <source>%1, middle in places</source>
            <translation>%1, stellenweise mittel</translation>
        </message>
        <message>
            <source>a piece of foam</source>
            <translation>einem Stück Schaumstoff</translation>
        </message>
        <message>
            <source>firm</source>
            <translation>fest</translation>
        </message>
        <message>
            <source>light</source>
            <translation>leicht</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>mittel</translation>
        </message>
        <message>
            <source>firm in the darks, light in the lights</source>
            <translation>fest in den Tiefen, leicht in den Lichtern</translation>
        </message>
        <message>
            <source>firm in the lights, light in the darks</source>
            <translation>fest in den Lichtern, leicht in den Tiefen</translation>
        </message>
        <message>
            <source>many small ones in %1, %2</source>
            <translation>viele kleine in %1, %2</translation>
        </message>
        <message>
            <source>parts of %1</source>
            <translation>Teile von %1</translation>
        </message>
        <message numerus="yes">
            <source>%n small one(s) in %1, %2</source>
            <translation>
                <numerusform>%n kleine Stelle in %1, %2</numerusform>
                <numerusform>%n kleine Stellen in %1, %2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Names</name>
        <message>
            <source>yellowish pink</source>
            <translation>gelbliches Rosa</translation>
        </message>
        <message>
            <source>brownish pink</source>
            <translation>bräunliches Rosa</translation>
        </message>
        <message>
            <source>purplish pink</source>
            <translation>purpurnes Rosa</translation>
        </message>
        <message>
            <source>pink</source>
            <translation>Rosa</translation>
        </message>
        <message>
            <source>purplish red</source>
            <translation>purpurnes Rot</translation>
        </message>
        <message>
            <source>red</source>
            <translation>Rot</translation>
        </message>
        <message>
            <source>reddish orange</source>
            <translation>rötliches Orange</translation>
        </message>
        <message>
            <source>brownish orange</source>
            <translation>bräunliches Orange</translation>
        </message>
        <message>
            <source>orange</source>
            <translation>Orange</translation>
        </message>
        <message>
            <source>olive brown</source>
            <translation>Olivbraun</translation>
        </message>
        <message>
            <source>reddish brown</source>
            <translation>rötliches Braun</translation>
        </message>
        <message>
            <source>yellowish brown</source>
            <translation>gelbliches Braun</translation>
        </message>
        <message>
            <source>brown</source>
            <translation>Braun</translation>
        </message>
        <message>
            <source>orange yellow</source>
            <translation>Orangegelb</translation>
        </message>
        <message>
            <source>greenish yellow</source>
            <translation>grünliches Gelb</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>Gelb</translation>
        </message>
        <message>
            <source>olive green</source>
            <translation>Olivgrün</translation>
        </message>
        <message>
            <source>yellow green</source>
            <translation>Gelbgrün</translation>
        </message>
        <message>
            <source>yellowish green</source>
            <translation>gelbliches Grün</translation>
        </message>
        <message>
            <source>bluish green</source>
            <translation>bläuliches Grün</translation>
        </message>
        <message>
            <source>green</source>
            <translation>Grün</translation>
        </message>
        <message>
            <source>greenish blue</source>
            <translation>grünliches Blau</translation>
        </message>
        <message>
            <source>purplish blue</source>
            <translation>purpurnes Blau</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>Blau</translation>
        </message>
        <message>
            <source>violet</source>
            <translation>Violett</translation>
        </message>
        <message>
            <source>reddish purple</source>
            <translation>rötliches Purpur</translation>
        </message>
        <message>
            <source>purple</source>
            <translation>Purpur</translation>
        </message>
        <message>
            <source>yellowish white</source>
            <translation>gelbliches Weiß</translation>
        </message>
        <message>
            <source>greenish white</source>
            <translation>grünliches Weiß</translation>
        </message>
        <message>
            <source>bluish white</source>
            <translation>bläuliches Weiß</translation>
        </message>
        <message>
            <source>purplish white</source>
            <translation>purpurnes Weiß</translation>
        </message>
        <message>
            <source>pinkish white</source>
            <translation>rosiges Weiß</translation>
        </message>
        <message>
            <source>white</source>
            <translation>Weiß</translation>
        </message>
        <message>
            <source>pinkish grey</source>
            <translation>rosiges Grau</translation>
        </message>
        <message>
            <source>reddish grey</source>
            <translation>rötliches Grau</translation>
        </message>
        <message>
            <source>brownish grey</source>
            <translation>bräunliches Grau</translation>
        </message>
        <message>
            <source>yellowish grey</source>
            <translation>gelbliches Grau</translation>
        </message>
        <message>
            <source>olive grey</source>
            <translation>Olivgrau</translation>
        </message>
        <message>
            <source>greenish grey</source>
            <translation>grünliches Grau</translation>
        </message>
        <message>
            <source>bluish grey</source>
            <translation>bläuliches Grau</translation>
        </message>
        <message>
            <source>purplish grey</source>
            <translation>purpurnes Grau</translation>
        </message>
        <message>
            <source>grey</source>
            <translation>Grau</translation>
        </message>
        <message>
            <source>reddish black</source>
            <translation>rötliches Schwarz</translation>
        </message>
        <message>
            <source>brownish black</source>
            <translation>bräunliches Schwarz</translation>
        </message>
        <message>
            <source>olive black</source>
            <translation>Olivschwarz</translation>
        </message>
        <message>
            <source>greenish black</source>
            <translation>grünliches Schwarz</translation>
        </message>
        <message>
            <source>bluish black</source>
            <translation>bläuliches Schwarz</translation>
        </message>
        <message>
            <source>purplish black</source>
            <translation>purpurnes Schwarz</translation>
        </message>
        <message>
            <source>black</source>
            <translation>Schwarz</translation>
        </message>
        <message>
            <source>blackish red</source>
            <translation>schwärzliches Rot</translation>
        </message>
        <message>
            <source>blackish green</source>
            <translation>schwärzliches Grün</translation>
        </message>
        <message>
            <source>blackish blue</source>
            <translation>schwärzliches Blau</translation>
        </message>
        <message>
            <source>blackish purple</source>
            <translation>schwärzliches Purpur</translation>
        </message>
        <message>
            <source>olive</source>
            <translation>Oliv</translation>
        </message>
        <message>
            <source>vivid</source>
            <translation>leuchtendes</translation>
        </message>
        <message>
            <source>bright</source>
            <translation>strahlendes</translation>
        </message>
        <message>
            <source>clear</source>
            <translation>klares</translation>
        </message>
        <message>
            <source>deep</source>
            <translation>tiefes</translation>
        </message>
        <message>
            <source>very deep</source>
            <translation>sehr tiefes</translation>
        </message>
        <message>
            <source>very light</source>
            <translation>sehr helles</translation>
        </message>
        <message>
            <source>light</source>
            <translation>helles</translation>
        </message>
        <message>
            <source>very dark</source>
            <translation>sehr dunkles</translation>
        </message>
        <message>
            <source>dark</source>
            <translation>dunkles</translation>
        </message>
        <message>
            <source>very pale</source>
            <translation>sehr blasses</translation>
        </message>
        <message>
            <source>pale</source>
            <translation>blasses</translation>
        </message>
        <message>
            <source>light greyish</source>
            <translation>hellgräuliches</translation>
        </message>
        <message>
            <source>dark greyish</source>
            <translation>dunkelgräuliches</translation>
        </message>
        <message>
            <source>greyish</source>
            <translation>gräuliches</translation>
        </message>
        <message>
            <source>medium</source>
            <translation>mittleres</translation>
        </message>
        <message>
            <source>upper left</source>
            <translation>oben links</translation>
        </message>
        <message>
            <source>upper right</source>
            <translation>oben rechts</translation>
        </message>
        <message>
            <source>upper middle</source>
            <translation>oben in der Mitte</translation>
        </message>
        <message>
            <source>lower left</source>
            <translation>unten links</translation>
        </message>
        <message>
            <source>lower right</source>
            <translation>unten rechts</translation>
        </message>
        <message>
            <source>lower middle</source>
            <translation>unten in der Mitte</translation>
        </message>
        <message>
            <source>middle left</source>
            <translation>Mitte links</translation>
        </message>
        <message>
            <source>middle right</source>
            <translation>Mitte rechts</translation>
        </message>
        <message>
            <source>upper</source>
            <translation>oben</translation>
        </message>
        <message>
            <source>lower</source>
            <translation>unten</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>in der Mitte</translation>
        </message>
        <message>
            <source>left</source>
            <translation>links</translation>
        </message>
        <message>
            <source>right</source>
            <translation>rechts</translation>
        </message>
        <message>
            <source>top</source>
            <translation>oben</translation>
        </message>
        <message>
            <source>bottom</source>
            <translation>unten</translation>
        </message>
        <message>
            <source>central</source>
            <translation>in der Mitte</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>Himmel</translation>
        </message>
        <message>
            <source>water</source>
            <translation>Wasser</translation>
        </message>
        <message>
            <source>reflection</source>
            <translation>Spiegelung</translation>
        </message>
        <message>
            <source>grass</source>
            <translation>Gras</translation>
        </message>
        <message>
            <source>fur</source>
            <translation>Fell</translation>
        </message>
        <message>
            <source>feather</source>
            <translation>Gefieder</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>cloth</source>
            <translation>Stoff</translation>
        </message>
        <message>
            <source>stone</source>
            <translation>Stein</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>Laub</translation>
        </message>
        <message>
            <source>metal</source>
            <translation>Metall</translation>
        </message>
        <message>
            <source>glass</source>
            <translation>Glas</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Schwarz</translation>
        </message>
        <message>
            <source>Blue violet</source>
            <translation>Blauviolett</translation>
        </message>
        <message>
            <source>Burnt sienna</source>
            <translation>Siena gebrannt</translation>
        </message>
        <message>
            <source>Cerulean blue</source>
            <translation>Coelinblau</translation>
        </message>
        <message>
            <source>Cobalt blue</source>
            <translation>Kobaltblau</translation>
        </message>
        <message>
            <source>Compressed charcoal</source>
            <translation>Presskohle</translation>
        </message>
        <message>
            <source>Cool grey</source>
            <translation>Kühles Grau</translation>
        </message>
        <message>
            <source>Cream</source>
            <translation>Creme</translation>
        </message>
        <message>
            <source>Crimson</source>
            <translation>Karmesin</translation>
        </message>
        <message>
            <source>Deep blue</source>
            <translation>Tiefblau</translation>
        </message>
        <message>
            <source>Deepest blue</source>
            <translation>Tiefstes Blau</translation>
        </message>
        <message>
            <source>Deepest blue-green</source>
            <translation>Tiefstes Blaugrün</translation>
        </message>
        <message>
            <source>Deepest brown</source>
            <translation>Tiefstes Braun</translation>
        </message>
        <message>
            <source>Deepest green</source>
            <translation>Tiefstes Grün</translation>
        </message>
        <message>
            <source>Deepest red-brown</source>
            <translation>Tiefstes Rotbraun</translation>
        </message>
        <message>
            <source>Deepest violet</source>
            <translation>Tiefstes Violett</translation>
        </message>
        <message>
            <source>Leaf green</source>
            <translation>Laubgrün</translation>
        </message>
        <message>
            <source>Lemon yellow</source>
            <translation>Zitronengelb</translation>
        </message>
        <message>
            <source>Magenta rose</source>
            <translation>Magentarosa</translation>
        </message>
        <message>
            <source>Olive green</source>
            <translation>Olivgrün</translation>
        </message>
        <message>
            <source>Orange</source>
            <translation>Orange</translation>
        </message>
        <message>
            <source>Raw sienna</source>
            <translation>Siena natur</translation>
        </message>
        <message>
            <source>Red oxide</source>
            <translation>Oxidrot</translation>
        </message>
        <message>
            <source>Sap green</source>
            <translation>Saftgrün</translation>
        </message>
        <message>
            <source>Yellow green</source>
            <translation>Gelbgrün</translation>
        </message>
        <message>
            <source>Scarlet</source>
            <translation>Scharlach</translation>
        </message>
        <message>
            <source>Turquoise</source>
            <translation>Türkis</translation>
        </message>
        <message>
            <source>Ultramarine blue</source>
            <translation>Ultramarinblau</translation>
        </message>
        <message>
            <source>Umber</source>
            <translation>Umbra</translation>
        </message>
        <message>
            <source>Violet</source>
            <translation>Violett</translation>
        </message>
        <message>
            <source>Viridian</source>
            <translation>Viridian</translation>
        </message>
        <message>
            <source>Warm grey</source>
            <translation>Warmes Grau</translation>
        </message>
        <message>
            <source>Warm yellow</source>
            <translation>Warmes Gelb</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Weiß</translation>
        </message>
        <message>
            <source>Willow charcoal</source>
            <translation>Weidenkohle</translation>
        </message>
        <message>
            <source>Yellow ochre</source>
            <translation>Gelber Ocker</translation>
        </message>
        <message>
            <source>Sanded 400, warm grey</source>
            <translation>Schleifpapier 400, warmgrau</translation>
        </message>
        <message>
            <source>Sanded 400, rust</source>
            <translation>Schleifpapier 400, rostrot</translation>
        </message>
        <message>
            <source>Sanded 600, slate blue</source>
            <translation>Schleifpapier 600, schieferblau</translation>
        </message>
        <message>
            <source>Sanded 600, sand</source>
            <translation>Schleifpapier 600, sandfarben</translation>
        </message>
        <message>
            <source>Sanded 800, white</source>
            <translation>Schleifpapier 800, weiß</translation>
        </message>
        <message>
            <source>Sanded 800, black</source>
            <translation>Schleifpapier 800, schwarz</translation>
        </message>
        <message>
            <source>Fibre-coated card, middle grey</source>
            <translation>Faserbeschichteter Karton, mittelgrau</translation>
        </message>
        <message>
            <source>Fibre-coated card, olive</source>
            <translation>Faserbeschichteter Karton, oliv</translation>
        </message>
        <message>
            <source>Fibre-coated card, aubergine</source>
            <translation>Faserbeschichteter Karton, aubergine</translation>
        </message>
        <message>
            <source>Laid drawing paper, buff</source>
            <translation>Geripptes Zeichenpapier, hellbraun</translation>
        </message>
        <message>
            <source>Honeycomb drawing paper, blue-grey</source>
            <translation>Waben-Zeichenpapier, blaugrau</translation>
        </message>
        <message>
            <source>Velour, stone</source>
            <translation>Velours, steingrau</translation>
        </message>
        <message>
            <source>Primed watercolour paper, white</source>
            <translation>Grundiertes Aquarellpapier, weiß</translation>
        </message>
        <message>
            <source>Cartridge paper, cream</source>
            <translation>Zeichenpapier, creme</translation>
        </message>
        <message>
            <source>Generic, all media</source>
            <translation>Allgemein, alle Mittel</translation>
        </message>
        <message>
            <source>Generic, soft sticks</source>
            <translation>Allgemein, weiche Kreiden</translation>
        </message>
        <message>
            <source>Generic, pencils and pan colours</source>
            <translation>Allgemein, Stifte und Näpfchenfarben</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>modifier and hue</comment>
            <extracomment>A colour: %1 a modifier as "dark greyish", %2 a hue as "blue"</extracomment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>colour and thing</comment>
            <extracomment>A mass: %1 its colour, %2 the thing it is, as "blue sky"</extracomment>
            <translation>%2, %1</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>place and thing</comment>
            <extracomment>A mass: %1 where it lies, %2 what it is, as "upper left sky"</extracomment>
            <translation>%2 %1</translation>
        </message>
        <message>
            <source>a little too warm</source>
            <translation>etwas zu warm</translation>
        </message>
        <message>
            <source>too warm</source>
            <translation>zu warm</translation>
        </message>
        <message>
            <source>much too warm</source>
            <translation>viel zu warm</translation>
        </message>
        <message>
            <source>a little too cool</source>
            <translation>etwas zu kühl</translation>
        </message>
        <message>
            <source>too cool</source>
            <translation>zu kühl</translation>
        </message>
        <message>
            <source>much too cool</source>
            <translation>viel zu kühl</translation>
        </message>
        <message>
            <source>a little too vivid</source>
            <translation>etwas zu leuchtend</translation>
        </message>
        <message>
            <source>too vivid</source>
            <translation>zu leuchtend</translation>
        </message>
        <message>
            <source>much too vivid</source>
            <translation>viel zu leuchtend</translation>
        </message>
        <message>
            <source>a little too dull</source>
            <translation>etwas zu stumpf</translation>
        </message>
        <message>
            <source>too dull</source>
            <translation>zu stumpf</translation>
        </message>
        <message>
            <source>much too dull</source>
            <translation>viel zu stumpf</translation>
        </message>
        <message>
            <source>a quarter step too light</source>
            <translation>eine Viertelstufe zu hell</translation>
        </message>
        <message>
            <source>a quarter step too dark</source>
            <translation>eine Viertelstufe zu dunkel</translation>
        </message>
        <message>
            <source>half a step too light</source>
            <translation>eine halbe Stufe zu hell</translation>
        </message>
        <message>
            <source>half a step too dark</source>
            <translation>eine halbe Stufe zu dunkel</translation>
        </message>
        <message numerus="yes">
            <source>%n step(s) too light</source>
            <translation>
                <numerusform>%n Stufe zu hell</numerusform>
                <numerusform>%n Stufen zu hell</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n step(s) too dark</source>
            <translation>
                <numerusform>%n Stufe zu dunkel</numerusform>
                <numerusform>%n Stufen zu dunkel</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, tint %2</source>
            <translation>%1, Aufhellung %2</translation>
        </message>
        <message>
            <source>%1, shade %2</source>
            <translation>%1, Abdunklung %2</translation>
        </message>
        <message>
            <source>matches</source>
            <translation>stimmt</translation>
        </message>
        <message>
            <source>close</source>
            <translation>nahe</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>name and number</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>%1, tint</source>
            <translation>%1, Aufhellung</translation>
        </message>
        <message>
            <source>%1, shade</source>
            <translation>%1, Abdunklung</translation>
        </message>
        <message>
            <source>face</source>
            <translation>Gesicht</translation>
        </message>
        <message>
            <source>eye</source>
            <translation>Auge</translation>
        </message>
        <message>
            <source>hair</source>
            <translation>Haar</translation>
        </message>
        <message>
            <source>animal</source>
            <translation>Tier</translation>
        </message>
        <message>
            <source>flower</source>
            <translation>Blume</translation>
        </message>
        <message>
            <source>tree</source>
            <translation>Baum</translation>
        </message>
        <message>
            <source>fruit</source>
            <translation>Frucht</translation>
        </message>
        <message>
            <source>building</source>
            <translation>Gebäude</translation>
        </message>
        <message>
            <source>ground</source>
            <translation>Boden</translation>
        </message>
        <message>
            <source>thing</source>
            <translation>Ding</translation>
        </message>
        <message>
            <source>something else</source>
            <translation>etwas anderes</translation>
        </message>
        <message>
            <source>let go</source>
            <translation>tritt zurück</translation>
        </message>
        <message>
            <source>as usual</source>
            <translation>wie üblich</translation>
        </message>
        <message>
            <source>matters</source>
            <translation>zählt</translation>
        </message>
        <message>
            <source>matters most</source>
            <translation>zählt am meisten</translation>
        </message>
    </context>
    <context>
        <name>Order</name>
        <message>
            <source>built up from below</source>
            <translation>von unten aufgebaut</translation>
        </message>
        <message>
            <source>dry before painting over</source>
            <translation>trocken, bevor darübergemalt wird</translation>
        </message>
        <message>
            <source>fixed first</source>
            <translation>erst fixiert</translation>
        </message>
        <message>
            <source>hard under soft</source>
            <translation>hart unter weich</translation>
        </message>
        <message>
            <source>background before a soft edge</source>
            <translation>Hintergrund vor einer weichen Kante</translation>
        </message>
        <message>
            <source>features first</source>
            <translation>Wichtiges zuerst</translation>
        </message>
        <message>
            <source>far before near</source>
            <translation>fern vor nah</translation>
        </message>
        <message>
            <source>lights first</source>
            <translation>Lichter zuerst</translation>
        </message>
        <message>
            <source>darks first</source>
            <translation>Dunkelheiten zuerst</translation>
        </message>
        <message>
            <source>thin before firm</source>
            <translation>dünn vor fest</translation>
        </message>
        <message>
            <source>black last</source>
            <translation>Schwarz zuletzt</translation>
        </message>
        <message>
            <source>most intense last</source>
            <translation>das Kräftigste zuletzt</translation>
        </message>
        <message>
            <source>highlights last</source>
            <translation>Glanzlichter zuletzt</translation>
        </message>
        <message>
            <source>block in first</source>
            <translation>zuerst anlegen</translation>
        </message>
        <message>
            <source>the rest</source>
            <translation>der Rest</translation>
        </message>
        <message>
            <source>The background is done at this level.</source>
            <translation>Der Hintergrund ist auf dieser Ebene fertig.</translation>
        </message>
        <message>
            <source>The middle ground is done at this level.</source>
            <translation>Der Mittelgrund ist auf dieser Ebene fertig.</translation>
        </message>
        <message>
            <source>The foreground is done at this level.</source>
            <translation>Der Vordergrund ist auf dieser Ebene fertig.</translation>
        </message>
        <message>
            <source>It is built on pass %1 in %2.</source>
            <translation>Baut in %2 auf Durchgang %1 auf.</translation>
        </message>
        <message>
            <source>The coat of pass %1 has to be dry (%2 min).</source>
            <translation>Der Auftrag von Durchgang %1 muss trocken sein (%2 min).</translation>
        </message>
        <message>
            <source>The fixative of pass %1 holds what is below and has to be dry.</source>
            <translation>Das Fixativ von Durchgang %1 hält, was darunter ist, und muss trocken sein.</translation>
        </message>
        <message>
            <source>It holds what pass %1 laid in %2.</source>
            <translation>Es hält, was Durchgang %1 in %2 gelegt hat.</translation>
        </message>
        <message>
            <source>Harder sticks first in %1: a hard point slips on a soft bed (pass %2).</source>
            <translation>Härtere Kreiden zuerst in %1: eine harte Spitze rutscht auf weichem Bett (Durchgang %2).</translation>
        </message>
        <message>
            <source>The background, %1, goes in before the soft edge of %2, or a halo stays (pass %3).</source>
            <translation>Der Hintergrund, %1, kommt vor die weiche Kante von %2, sonst bleibt ein Hof (Durchgang %3).</translation>
        </message>
        <message>
            <source>Features first: %1 before the rest (pass %2).</source>
            <translation>Wichtiges zuerst: %1 vor dem Rest (Durchgang %2).</translation>
        </message>
        <message>
            <source>Far before near: %1 overlaps %2 (pass %3).</source>
            <translation>Fern vor nah: %1 überdeckt %2 (Durchgang %3).</translation>
        </message>
        <message>
            <source>Lights before darks in %1, as this school has it (pass %2).</source>
            <translation>Lichter vor Dunkelheiten in %1, wie diese Schule es hält (Durchgang %2).</translation>
        </message>
        <message>
            <source>Lights before darks in this school: %1, then %2 (pass %3).</source>
            <translation>Lichter vor Dunkelheiten in dieser Schule: %1, dann %2 (Durchgang %3).</translation>
        </message>
        <message>
            <source>Darks before lights in %1 (pass %2).</source>
            <translation>Dunkelheiten vor Lichtern in %1 (Durchgang %2).</translation>
        </message>
        <message>
            <source>Darks before lights: %1, then %2 (pass %3).</source>
            <translation>Dunkelheiten vor Lichtern: %1, dann %2 (Durchgang %3).</translation>
        </message>
        <message>
            <source>Thin before firm (pass %1).</source>
            <translation>Dünn vor fest (Durchgang %1).</translation>
        </message>
        <message>
            <source>Black goes last over %1 (pass %2).</source>
            <translation>Schwarz kommt zuletzt über %1 (Durchgang %2).</translation>
        </message>
        <message>
            <source>The most intense colours last in %1 (pass %2).</source>
            <translation>Die kräftigsten Farben zuletzt in %1 (Durchgang %2).</translation>
        </message>
        <message>
            <source>Accents and highlights last (pass %1).</source>
            <translation>Akzente und Glanzlichter zuletzt (Durchgang %1).</translation>
        </message>
        <message>
            <source>The whole is blocked in before %1 is built up (pass %2).</source>
            <translation>Das Ganze wird angelegt, bevor %1 aufgebaut wird (Durchgang %2).</translation>
        </message>
        <message>
            <source>The demands of %1 contradict each other.</source>
            <translation>Die Forderungen von %1 widersprechen sich.</translation>
        </message>
        <message>
            <source>%1 contradict each other.</source>
            <translation>%1 widersprechen sich.</translation>
        </message>
        <message>
            <source>The demands of %1 contradict each other at %2.</source>
            <translation>Die Forderungen von %1 widersprechen sich bei %2.</translation>
        </message>
        <message>
            <source>%1 contradict each other at %2.</source>
            <translation>%1 widersprechen sich bei %2.</translation>
        </message>
        <message>
            <source>Relaxed here: "%1", the weakest of them.</source>
            <translation>Hier gelockert: „%1“, die schwächste davon.</translation>
        </message>
        <message>
            <source>Nothing has to go before it: the furthest that is left first.</source>
            <translation>Nichts muss vorher kommen: das Fernste, das noch übrig ist, zuerst.</translation>
        </message>
        <message>
            <source>Same stick, still in the hand.</source>
            <translation>Dieselbe Kreide, noch in der Hand.</translation>
        </message>
        <message>
            <source>The stick is still in the hand.</source>
            <translation>Die Kreide ist noch in der Hand.</translation>
        </message>
        <message>
            <source>The underpainting sets the big values, on clean tooth.</source>
            <translation>Die Untermalung setzt die großen Tonwerte, auf sauberem Zahn.</translation>
        </message>
        <message>
            <source>Done.</source>
            <translation>Erledigt.</translation>
        </message>
        <message>
            <source>Left out.</source>
            <translation>Ausgelassen.</translation>
        </message>
        <message>
            <source>The picture is finished.</source>
            <translation>Das Bild ist fertig.</translation>
        </message>
        <message>
            <source>It dries until the next sitting.</source>
            <translation>Es trocknet bis zur nächsten Sitzung.</translation>
        </message>
        <message>
            <source>The underpainting is done and dries meanwhile.</source>
            <translation>Die Untermalung ist fertig und trocknet inzwischen.</translation>
        </message>
        <message>
            <source>The fixative dries meanwhile.</source>
            <translation>Das Fixativ trocknet inzwischen.</translation>
        </message>
        <message>
            <source>The picture is blocked in.</source>
            <translation>Das Bild ist angelegt.</translation>
        </message>
        <message>
            <source>A level of the picture is done.</source>
            <translation>Eine Ebene des Bildes ist fertig.</translation>
        </message>
        <message>
            <source>A whole stick is laid; nothing is left half done.</source>
            <translation>Eine ganze Kreide ist gelegt; nichts bleibt halb fertig.</translation>
        </message>
    </context>
    <context>
        <name>Passages</name>
        <message>
            <source>%1 and more</source>
            <translation>%1 und mehr</translation>
        </message>
        <message>
            <source>%1, with %2</source>
            <translation>%1, mit %2</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>Block in %1</source>
            <translation>%1 anlegen</translation>
        </message>
        <message>
            <source>Build up %1</source>
            <translation>%1 aufbauen</translation>
        </message>
        <message>
            <source>%1, from the top down</source>
            <translation>%1, von oben nach unten</translation>
        </message>
        <message>
            <source>Let it dry %1 min before anything goes over it. No heat, no flame: the vapour burns.</source>
            <translation>%1 min trocknen lassen, bevor etwas darüberkommt. Keine Wärme, keine Flamme: die Dämpfe brennen.</translation>
        </message>
        <message>
            <source>Let it dry %1 min, or %2 min with a dryer kept moving.</source>
            <translation>%1 min trocknen lassen, oder %2 min mit bewegtem Föhn.</translation>
        </message>
        <message>
            <source>Tape the border; the tape is the edge of the picture.</source>
            <translation>Den Rand abkleben; das Klebeband ist die Bildkante.</translation>
        </message>
        <message>
            <source>Draw with %1, lightly: a line near the paper's own colour goes under.</source>
            <translation>Leicht mit %1 zeichnen: eine Linie nahe der Papierfarbe verschwindet.</translation>
        </message>
        <message>
            <source>Extents first, of all that stands before the background: %1.</source>
            <translation>Zuerst die Ausdehnung von allem, was vor dem Hintergrund steht: %1.</translation>
        </message>
        <message>
            <source>The tallest first, %1: %2.</source>
            <translation>Das Höchste zuerst, %1: %2.</translation>
        </message>
        <message>
            <source>Then %1: %2.</source>
            <translation>Dann %1: %2.</translation>
        </message>
        <message>
            <source>Lift the lines with a kneaded eraser where lights begin: %1.</source>
            <translation>Die Linien mit Knetgummi abheben, wo Lichter beginnen: %1.</translation>
        </message>
        <message>
            <source>Value first, eyes half closed: %1 darkest (value %2), %3 lightest (value %4).</source>
            <translation>Zuerst der Tonwert, mit halb geschlossenen Augen: %1 am dunkelsten (Tonwert %2), %3 am hellsten (Tonwert %4).</translation>
        </message>
        <message>
            <source>Then temperature: %1 warmest against its neighbours, %2 coolest.</source>
            <translation>Dann die Temperatur: %1 am wärmsten gegen die Nachbarn, %2 am kühlsten.</translation>
        </message>
        <message>
            <source>Then chroma: %1 most vivid, %2 most grey.</source>
            <translation>Dann die Buntheit: %1 am leuchtendsten, %2 am grausten.</translation>
        </message>
        <message>
            <source>A place that is too light as a whole: a thin coat of fixative darkens it without rework. Correct masses, not details.</source>
            <translation>Eine Stelle, die als Ganzes zu hell ist: ein dünner Auftrag Fixativ dunkelt sie ohne Nacharbeit. Massen berichtigen, nicht Einzelheiten.</translation>
        </message>
        <message>
            <source>Set the darks again with %1 in %2: rubbing beside them has veiled them.</source>
            <translation>Die Dunkelheiten mit %1 in %2 neu setzen: das Verreiben daneben hat sie verschleiert.</translation>
        </message>
        <message>
            <source>Tape off, slowly and flat; soften the edge it leaves if no mount covers it.</source>
            <translation>Das Klebeband langsam und flach abziehen; die Kante weicher machen, wenn kein Passepartout sie deckt.</translation>
        </message>
        <message>
            <source>Sign with %1 in %2.</source>
            <translation>Mit %1 in %2 signieren.</translation>
        </message>
        <message>
            <source>Write down which sticks made which colour, while you still know.</source>
            <translation>Aufschreiben, welche Kreiden welche Farbe ergaben, solange man es noch weiß.</translation>
        </message>
        <message>
            <source>in the middle</source>
            <translation>in der Mitte</translation>
        </message>
        <message>
            <source>at the top</source>
            <translation>oben</translation>
        </message>
        <message>
            <source>at the bottom</source>
            <translation>unten</translation>
        </message>
        <message>
            <source>at the left</source>
            <translation>links</translation>
        </message>
        <message>
            <source>at the right</source>
            <translation>rechts</translation>
        </message>
        <message>
            <source>Set out the drawing</source>
            <translation>Die Zeichnung anlegen</translation>
        </message>
        <message>
            <source>Try the delicate colours</source>
            <translation>Die heiklen Farben probieren</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Untermalung</translation>
        </message>
        <message>
            <source>Fixative</source>
            <translation>Fixativ</translation>
        </message>
        <message>
            <source>Block in the darks</source>
            <translation>Die Dunkelheiten anlegen</translation>
        </message>
        <message>
            <source>Deepen the darks</source>
            <translation>Die Dunkelheiten vertiefen</translation>
        </message>
        <message>
            <source>Colour into the darks</source>
            <translation>Farbe in die Dunkelheiten</translation>
        </message>
        <message>
            <source>Block in the middle values</source>
            <translation>Die mittleren Tonwerte anlegen</translation>
        </message>
        <message>
            <source>Middle values</source>
            <translation>Mittlere Tonwerte</translation>
        </message>
        <message>
            <source>Block in the lights</source>
            <translation>Die Lichter anlegen</translation>
        </message>
        <message>
            <source>Lights</source>
            <translation>Lichter</translation>
        </message>
        <message>
            <source>Accents and highlights</source>
            <translation>Akzente und Glanzlichter</translation>
        </message>
        <message>
            <source>Step back</source>
            <translation>Zurücktreten</translation>
        </message>
        <message>
            <source>Set the darks again</source>
            <translation>Die Dunkelheiten neu setzen</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Abschluss</translation>
        </message>
        <message>
            <source>Accents and highlights, crisp and unrubbed</source>
            <translation>Akzente und Glanzlichter, scharf und unverrieben</translation>
        </message>
        <message>
            <source>Finished when the big shapes stand where they should, seen in a mirror too.</source>
            <translation>Fertig, wenn die großen Formen stehen, wo sie sollen, auch im Spiegel gesehen.</translation>
        </message>
        <message>
            <source>Finished when each looks from two metres as on the Board.</source>
            <translation>Fertig, wenn jede aus zwei Metern aussieht wie auf der Vorschau.</translation>
        </message>
        <message>
            <source>Finished when it is dry all over and the big values stand.</source>
            <translation>Fertig, wenn alles trocken ist und die großen Tonwerte stehen.</translation>
        </message>
        <message>
            <source>Finished when it is dry to the touch and no dust comes off.</source>
            <translation>Fertig, wenn es sich trocken anfühlt und kein Staub abgeht.</translation>
        </message>
        <message>
            <source>Finished when the darks hold together at half-closed eyes and nothing lighter shows in them.</source>
            <translation>Fertig, wenn die Dunkelheiten bei halb geschlossenen Augen zusammenhalten und nichts Helleres in ihnen steht.</translation>
        </message>
        <message>
            <source>Finished when the darks have their colour and still hold together at half-closed eyes.</source>
            <translation>Fertig, wenn die Dunkelheiten Farbe haben und bei halb geschlossenen Augen noch zusammenhalten.</translation>
        </message>
        <message>
            <source>Finished when the big shapes read from across the room, thinly.</source>
            <translation>Fertig, wenn die großen Formen dünn, aber quer durch den Raum zu lesen sind.</translation>
        </message>
        <message>
            <source>Finished when each shape stands between its dark and its light as on the Board.</source>
            <translation>Fertig, wenn jede Form zwischen ihrem Dunkel und ihrem Licht steht wie auf der Vorschau.</translation>
        </message>
        <message>
            <source>Finished when the lights are lighter than all that is beside them, and clean.</source>
            <translation>Fertig, wenn die Lichter heller sind als alles daneben, und sauber.</translation>
        </message>
        <message>
            <source>Finished when %1 stands against what is beside it as on the Board.</source>
            <translation>Fertig, wenn %1 gegen die Nachbarn steht wie auf der Vorschau.</translation>
        </message>
        <message>
            <source>Finished when they catch the eye; one more would be too many.</source>
            <translation>Fertig, wenn sie ins Auge fallen; einer mehr wäre zu viel.</translation>
        </message>
        <message>
            <source>Finished when three differences are found, or none is seen at a glance; a photograph shown to the stage Check finds more.</source>
            <translation>Fertig, wenn drei Unterschiede gefunden sind oder auf einen Blick keiner zu sehen ist; ein Foto bei „Prüfung“ findet mehr.</translation>
        </message>
        <message>
            <source>Finished when the darkest is as dark as on the Board.</source>
            <translation>Fertig, wenn das Dunkelste so dunkel ist wie auf der Vorschau.</translation>
        </message>
        <message>
            <source>%1 and %2 are a pair: one first as a trial, the other at once after it, alike.</source>
            <translation>%1 und %2 sind ein Paar: eines zuerst als Probe, das andere gleich danach ebenso.</translation>
        </message>
        <message>
            <source>Finished with this: %1.</source>
            <translation>Damit fertig: %1.</translation>
        </message>
        <message>
            <source>%1 %2 (pass %3)</source>
            <translation>%1 %2 (Durchgang %3)</translation>
        </message>
        <message>
            <source>overlap a third and rub across the joins.</source>
            <translation>um ein Drittel überlappen und quer über die Übergänge reiben.</translation>
        </message>
        <message>
            <source>overlap a third and let the joins break.</source>
            <translation>um ein Drittel überlappen und die Übergänge offen lassen.</translation>
        </message>
        <message>
            <source>%1 is one gradient: %2; %3</source>
            <translation>%1 ist ein einziger Verlauf: %2; %3</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: soft. The back goes under it, the front is drawn out over it.</source>
            <translation>Kante von %1 vor %2: weich. Das Hintere geht darunter, das Vordere wird darübergezogen.</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: keep it crisp, do not rub across.</source>
            <translation>Kante von %1 vor %2: scharf halten, nicht darüberreiben.</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: state it again with %3.</source>
            <translation>Kante von %1 vor %2: mit %3 neu setzen.</translation>
        </message>
        <message>
            <source>%1 and %2 fight where they meet: work a little %3 into both.</source>
            <translation>%1 und %2 beißen sich, wo sie aneinanderstoßen: etwas %3 in beide einarbeiten.</translation>
        </message>
        <message>
            <source>Edge of %1: clean it from outside with %2, the colour of %3.</source>
            <translation>Kante von %1: von außen mit %2 säubern, der Farbe von %3.</translation>
        </message>
        <message>
            <source>Finished when one more mark changes nothing that is seen from two steps away.</source>
            <translation>Fertig, wenn ein weiterer Strich nichts ändert, was man aus zwei Schritten Abstand sieht.</translation>
        </message>
        <message>
            <source>%1 from the left, %2 wide</source>
            <translation>%1 von links, %2 breit</translation>
        </message>
        <message>
            <source>%1 from the top, %2 high</source>
            <translation>%1 von oben, %2 hoch</translation>
        </message>
        <message>
            <source>Draw with a pencil near the paper&apos;s own value, lightly: it goes under.</source>
            <translation>Mit einem Stift nahe dem Tonwert des Papiers zeichnen, leicht: Er geht unter.</translation>
        </message>
        <message>
            <source>Edge of %1 and %2: lose it, a stump across.</source>
            <translation>Kante von %1 und %2: verlieren, mit einem Wischer quer darüber.</translation>
        </message>
        <message>
            <source>Finished when each shape stands against what is beside it as on the Board.</source>
            <translation>Fertig, wenn jede Form sich so gegen ihre Nachbarn abhebt wie auf der Vorschau.</translation>
        </message>
        <message>
            <source>Pass %1, %2, pressure %3, on an offcut of this paper, beside what lies next to it.</source>
            <translation>Durchgang %1, %2, Druck %3, auf einem Probestück dieses Papiers, neben dem, was daran grenzt.</translation>
        </message>
        <message>
            <source>Refine</source>
            <translation>Verfeinern</translation>
        </message>
        <message>
            <source>down to the bottom edge, %1 high</source>
            <translation>bis zum unteren Rand, %1 hoch</translation>
        </message>
        <message>
            <source>from the left edge, %1 wide</source>
            <translation>vom linken Rand, %1 breit</translation>
        </message>
        <message>
            <source>from the top edge, %1 high</source>
            <translation>vom oberen Rand, %1 hoch</translation>
        </message>
        <message>
            <source>over the full height</source>
            <translation>über die ganze Höhe</translation>
        </message>
        <message>
            <source>over the full width</source>
            <translation>über die ganze Breite</translation>
        </message>
        <message>
            <source>to the right edge, %1 wide</source>
            <translation>bis zum rechten Rand, %1 breit</translation>
        </message>
        <message>
            <source>Where the eye goes: %1. A guess by contrast and colour; mark another.</source>
            <translation>Wohin das Auge geht: %1. Vermutet nach Kontrast und Farbe; eine andere Stelle markieren.</translation>
        </message>
        <message>
            <source>Where the eye goes: %1: the sharpest edges and smallest marks there.</source>
            <translation>Wohin das Auge geht: %1: dort die schärfsten Kanten und kleinsten Striche.</translation>
        </message>
        <message>
            <source>Let go: %1: fewer values, softer edges, broad marks.</source>
            <translation>Loslassen: %1: weniger Tonwerte, weichere Kanten, breite Striche.</translation>
        </message>
        <message>
            <source>The light is warm, the shadow cool.</source>
            <translation>Das Licht ist warm, der Schatten kühl.</translation>
        </message>
        <message>
            <source>The light is cool, the shadow warm.</source>
            <translation>Das Licht ist kühl, der Schatten warm.</translation>
        </message>
        <message>
            <source>The face, %1: its axis %2 from the left, the eye line half way down, %3 from the top; brow, nose and mouth at thirds of what is below the hairline.</source>
            <translation>Das Gesicht, %1: seine Achse %2 von links, die Augenlinie auf halber Höhe, %3 von oben; Braue, Nase und Mund in Dritteln unter dem Haaransatz.</translation>
        </message>
        <message>
            <source>Tap the dust off the board over a bin; do not blow.</source>
            <translation>Den Staub über einem Eimer vom Brett klopfen; nicht blasen.</translation>
        </message>
        <message>
            <source>From darks to lights: wipe the hands, and the stick before it touches.</source>
            <translation>Von Tiefen zu Lichtern: die Hände abwischen, und den Stift, bevor er aufsetzt.</translation>
        </message>
        <message>
            <source>Glassine under the hand from here on: it stays off what is done.</source>
            <translation>Von hier an Pergamin unter die Hand: Sie bleibt von dem weg, was fertig ist.</translation>
        </message>
        <message>
            <source>The accent: %1, with %2; it comes nowhere else.</source>
            <translation>Der Akzent: %1, mit %2; er kommt sonst nirgends vor.</translation>
        </message>
        <message>
            <source>The accent: %1, with %2, which comes again in %3.</source>
            <translation>Der Akzent: %1, mit %2, was in %3 wiederkehrt.</translation>
        </message>
    </context>
    <context>
        <name>Practice</name>
        <message>
            <source>a little</source>
            <translation>etwas</translation>
        </message>
        <message>
            <source>half a step</source>
            <translation>eine halbe Stufe</translation>
        </message>
        <message>
            <source>three quarters of a step</source>
            <translation>eine Dreiviertelstufe</translation>
        </message>
        <message>
            <source>a step</source>
            <translation>eine Stufe</translation>
        </message>
        <message>
            <source>%1 steps</source>
            <translation>%1 Stufen</translation>
        </message>
        <message>
            <source>Name the value</source>
            <translation>Den Tonwert nennen</translation>
        </message>
        <message>
            <source>Which is lighter</source>
            <translation>Was ist heller</translation>
        </message>
        <message>
            <source>Which is warmer</source>
            <translation>Was ist wärmer</translation>
        </message>
        <message>
            <source>What will it be</source>
            <translation>Was wird daraus</translation>
        </message>
        <message>
            <source>Which stick comes nearest</source>
            <translation>Welche Kreide kommt am nächsten</translation>
        </message>
        <message>
            <source>Masses, eyes half closed</source>
            <translation>Massen, Augen halb geschlossen</translation>
        </message>
        <message>
            <source>Find the wrong passage</source>
            <translation>Die falsche Partie finden</translation>
        </message>
        <message>
            <source>Match by mixing</source>
            <translation>Durch Mischen treffen</translation>
        </message>
        <message>
            <source>One patch on a dark, middle or light ground: which of nine steps?</source>
            <translation>Ein Fleck auf dunklem, mittlerem oder hellem Grund: welche von neun Stufen?</translation>
        </message>
        <message>
            <source>A colour beside a grey: which has more light in it?</source>
            <translation>Eine Farbe neben einem Grau: in welcher ist mehr Licht?</translation>
        </message>
        <message>
            <source>Two neighbours in hue: which leans to orange?</source>
            <translation>Zwei benachbarte Farbtöne: welcher neigt zu Orange?</translation>
        </message>
        <message>
            <source>Two or three strokes on this paper: which colour do they make?</source>
            <translation>Zwei oder drei Striche auf diesem Papier: welche Farbe ergeben sie?</translation>
        </message>
        <message>
            <source>A colour and four sticks of the tray: which is nearest?</source>
            <translation>Eine Farbe und vier Kreiden der Ablage: welche ist am nächsten?</translation>
        </message>
        <message>
            <source>Two masses of the picture: which is lighter as a whole?</source>
            <translation>Zwei Massen des Bildes: welche ist als Ganzes heller?</translation>
        </message>
        <message>
            <source>The Board with one passage off in value: which?</source>
            <translation>Die Vorschau mit einer Partie, die im Tonwert daneben liegt: welche?</translation>
        </message>
        <message>
            <source>Make a colour with up to three strokes of the tray.</source>
            <translation>Mit bis zu drei Strichen der Ablage eine Farbe mischen.</translation>
        </message>
        <message>
            <source>Which value, 1 (dark) to 9 (light)?</source>
            <translation>Welcher Tonwert, 1 (dunkel) bis 9 (hell)?</translation>
        </message>
        <message>
            <source>Which is lighter, left or right?</source>
            <translation>Was ist heller, links oder rechts?</translation>
        </message>
        <message>
            <source>Which is warmer, left or right?</source>
            <translation>Was ist wärmer, links oder rechts?</translation>
        </message>
        <message>
            <source>Which colour do these strokes make?</source>
            <translation>Welche Farbe ergeben diese Striche?</translation>
        </message>
        <message>
            <source>Which stick comes nearest?</source>
            <translation>Welche Kreide kommt am nächsten?</translation>
        </message>
        <message>
            <source>Which mass is lighter, 1 or 2?</source>
            <translation>Welche Masse ist heller, 1 oder 2?</translation>
        </message>
        <message>
            <source>Which place is wrong?</source>
            <translation>Welche Stelle ist falsch?</translation>
        </message>
        <message>
            <source>Make this colour.</source>
            <translation>Diese Farbe mischen.</translation>
        </message>
        <message>
            <source>as they are, as far as can be told</source>
            <translation>wie sie sind, soweit man es sagen kann</translation>
        </message>
        <message>
            <source>%1 too warm</source>
            <translation>%1 zu warm</translation>
        </message>
        <message>
            <source>%1 too cool</source>
            <translation>%1 zu kühl</translation>
        </message>
        <message>
            <source>%1 too light</source>
            <translation>%1 zu hell</translation>
        </message>
        <message>
            <source>%1 too dark</source>
            <translation>%1 zu dunkel</translation>
        </message>
        <message>
            <source>%1 steps of value</source>
            <translation>%1 Tonwertstufen</translation>
        </message>
        <message>
            <source>%1 steps of warmth</source>
            <translation>%1 Wärmestufen</translation>
        </message>
        <message>
            <source>%1 of difference</source>
            <translation>%1 an Abstand</translation>
        </message>
        <message>
            <source>On average you came within %1 of the colour.</source>
            <translation>Im Mittel auf %1 an die Farbe herangekommen.</translation>
        </message>
        <message>
            <source>You tell apart %1.</source>
            <translation>Unterschieden werden %1.</translation>
        </message>
        <message>
            <source>You see %1 %2. %3</source>
            <translation>Gesehen werden %1 %2. %3</translation>
        </message>
        <message>
            <source>On a dark ground they seemed %1 lighter than on a light one.</source>
            <translation>Auf dunklem Grund schienen sie %1 heller als auf hellem.</translation>
        </message>
        <message>
            <source>On a dark ground they seemed %1 darker than on a light one.</source>
            <translation>Auf dunklem Grund schienen sie %1 dunkler als auf hellem.</translation>
        </message>
        <message>
            <source>What runs together</source>
            <translation>Was zusammenläuft</translation>
        </message>
        <message>
            <source>Eyes half closed: which of four masses becomes one with A?</source>
            <translation>Augen halb geschlossen: Welche von vier Massen wird eins mit A?</translation>
        </message>
        <message>
            <source>Which runs together with A?</source>
            <translation>Welche läuft mit A zusammen?</translation>
        </message>
    </context>
    <context>
        <name>Printed</name>
        <message>
            <source>Bare paper</source>
            <translation>Bloßes Papier</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Vorlage</translation>
        </message>
        <message>
            <source>50 mm, to check the print. %1</source>
            <translation>50 mm, um den Druck zu prüfen. %1</translation>
        </message>
        <message>
            <source>Outlines at true size</source>
            <translation>Umrisse in wahrer Größe</translation>
        </message>
        <message>
            <source>Row %1 of %2, column %3 of %4</source>
            <translation>Reihe %1 von %2, Spalte %3 von %4</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Massen</translation>
        </message>
        <message>
            <source>Cross-sections, in working order</source>
            <translation>Querschnitte, in Arbeitsfolge</translation>
        </message>
        <message>
            <source>Hatched: laid broken. Plain: rubbed in. Dotted line: the tooth is full.</source>
            <translation>Schraffiert: offen gelegt. Glatt: verrieben. Punktlinie: der Zahn ist voll.</translation>
        </message>
        <message>
            <source>Safety</source>
            <translation>Sicherheit</translation>
        </message>
        <message>
            <source>Paper: %1, %2. Picture %3.</source>
            <translation>Papier: %1, %2. Bild %3.</translation>
        </message>
        <message>
            <source>School: %1. %2</source>
            <translation>Schule: %1. %2</translation>
        </message>
        <message>
            <source>%1, %2 with %3, about %4 of painting in %5. Across the room the difference from the subject is, on average, %6.</source>
            <translation>%1, %2 mit %3, etwa %4 Malzeit in %5. Quer durch den Raum ist der Abstand vom Motiv im Mittel %6.</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s)</source>
            <translation>
                <numerusform>%n Kreide</numerusform>
                <numerusform>%n Kreiden</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n passage(s)</source>
            <translation>
                <numerusform>%n Partie</numerusform>
                <numerusform>%n Partien</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es)</source>
            <translation>
                <numerusform>%n Durchgang</numerusform>
                <numerusform>%n Durchgängen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n sitting(s)</source>
            <translation>
                <numerusform>%n Sitzung</numerusform>
                <numerusform>%n Sitzungen</numerusform>
            </translation>
        </message>
        <message>
            <source>Hand and sticks as measured: %1.</source>
            <translation>Hand und Kreiden wie gemessen: %1.</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Motiv</translation>
        </message>
        <message>
            <source>Board, as predicted</source>
            <translation>Vorschau, wie vorausgesagt</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, Tonwert %2</translation>
        </message>
        <message>
            <source>The job</source>
            <translation>Die Arbeit</translation>
        </message>
        <message>
            <source>Pull these sticks, and lay them so</source>
            <translation>Diese Kreiden herauslegen, und zwar so</translation>
        </message>
        <message>
            <source>Sitting %1, about %2. It ends after pass %3: %4</source>
            <translation>Sitzung %1, etwa %2. Sie endet nach Durchgang %3: %4</translation>
        </message>
        <message>
            <source>The Board after it</source>
            <translation>Die Vorschau danach</translation>
        </message>
        <message>
            <source>Where: %1.</source>
            <translation>Wo: %1.</translation>
        </message>
        <message>
            <source>Mark: %1.</source>
            <translation>Strich: %1.</translation>
        </message>
        <message>
            <source>%1; the marks run %2</source>
            <translation>%1; die Striche laufen %2</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Partien</translation>
        </message>
        <message>
            <source>Lay each stroke as its cell says. Leave the paper between them bare; photograph the whole sheet.</source>
            <translation>Jeden Strich legen, wie sein Feld es sagt. Das Papier dazwischen bloß lassen; das ganze Blatt fotografieren.</translation>
        </message>
        <message>
            <source>Each stick: left, press firmly and rub in, three times over; right, once lightly. Rest bare.</source>
            <translation>Jede Kreide: links fest drücken und verreiben, dreimal; rechts einmal leicht. Den Rest bloß lassen.</translation>
        </message>
        <message>
            <source>A sheet for strokes</source>
            <translation>Ein Blatt für Striche</translation>
        </message>
        <message>
            <source>%1, rubbed</source>
            <translation>%1, verrieben</translation>
        </message>
        <message>
            <source>%1</source>
            <translation>%1</translation>
        </message>
        <message>
            <source>top left</source>
            <translation>oben links</translation>
        </message>
        <message>
            <source>top right</source>
            <translation>oben rechts</translation>
        </message>
        <message>
            <source>bottom right</source>
            <translation>unten rechts</translation>
        </message>
        <message>
            <source>bottom left</source>
            <translation>unten links</translation>
        </message>
        <message>
            <source>Cut out along the lines. Lay each mark outside the picture, its dotted corner on the picture's.</source>
            <translation>An den Linien ausschneiden. Jede Marke außerhalb des Bildes anlegen, ihre Ecke mit Punkt an die Bildecke.</translation>
        </message>
        <message>
            <source>Its greys lie beside the picture: the light is put right by them.</source>
            <translation>Die Grautöne neben das Bild legen: nach ihnen wird das Licht berichtigt.</translation>
        </message>
        <message>
            <source>In three values</source>
            <translation>In drei Tonwerten</translation>
        </message>
        <message>
            <source>In five values</source>
            <translation>In fünf Tonwerten</translation>
        </message>
        <message>
            <source>Stick %1; %2</source>
            <translation>Stift %1; %2</translation>
        </message>
        <message>
            <source>Why now: %1</source>
            <translation>Warum jetzt: %1</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
    </context>
    <context>
        <name>QObject</name>
        <message>
            <source>value %1</source>
            <translation>Tonwert %1</translation>
        </message>
    </context>
    <context>
        <name>Rests</name>
        <message>
            <source>a calibration</source>
            <translation>eine Kalibrierung</translation>
        </message>
        <message numerus="yes">
            <source>%n stroke(s)</source>
            <translation>
                <numerusform>%n Strich</numerusform>
                <numerusform>%n Striche</numerusform>
            </translation>
        </message>
        <message>
            <source>others met to %1</source>
            <translation>andere auf %1 getroffen</translation>
        </message>
    </context>
    <context>
        <name>Schools</name>
        <message>
            <source>Dark first</source>
            <translation>Dunkel zuerst</translation>
        </message>
        <message>
            <source>The darkest and coolest masses first, then the middle values, then lights and warms; accents and highlights last. Lights lie over darks and stay clean.</source>
            <translation>Zuerst die dunkelsten und kühlsten Massen, dann die mittleren Tonwerte, dann Lichter und Warmes; Akzente und Glanzlichter zuletzt. Lichter liegen über Dunkelheiten und bleiben sauber.</translation>
        </message>
        <message>
            <source>Sticks; landscape, still life, life drawing.</source>
            <translation>Kreiden; Landschaft, Stillleben, Akt.</translation>
        </message>
        <message>
            <source>Light ground coat</source>
            <translation>Heller Grundauftrag</translation>
        </message>
        <message>
            <source>White or cream where the subject is light, pressed harder where it is lighter; glazes of colour over it, white again to soften; darks late, black last, a sharpened white for the highlights.</source>
            <translation>Weiß oder Creme, wo das Motiv hell ist, fester gedrückt, wo es heller ist; Farbschleier darüber, wieder Weiß zum Weichmachen; Dunkelheiten spät, Schwarz zuletzt, ein gespitztes Weiß für die Glanzlichter.</translation>
        </message>
        <message>
            <source>Pencils; portraits and animals.</source>
            <translation>Stifte; Bildnisse und Tiere.</translation>
        </message>
        <message>
            <source>Flat, broken, reunited</source>
            <translation>Flach, gebrochen, vereint</translation>
        </message>
        <message>
            <source>The local colour flat over the shape, dark texture marks on it, the local colour over all again so that they mix, then lights. Black is never left bare.</source>
            <translation>Die Lokalfarbe flach über die Form, dunkle Strukturstriche darauf, die Lokalfarbe noch einmal über alles, sodass sie sich mischen, dann Lichter. Schwarz bleibt nie offen stehen.</translation>
        </message>
        <message>
            <source>Pencils; still life.</source>
            <translation>Stifte; Stillleben.</translation>
        </message>
        <message>
            <source>Tone map, then colour</source>
            <translation>Erst Tonwerte, dann Farbe</translation>
        </message>
        <message>
            <source>All values first in charcoal or one dark, fixed; then colour, thin at first and firmer later; the most intense last.</source>
            <translation>Zuerst alle Tonwerte in Kohle oder einer Dunkelheit, fixiert; dann Farbe, anfangs dünn, später fester; das Kräftigste zuletzt.</translation>
        </message>
        <message>
            <source>Still life and figures.</source>
            <translation>Stillleben und Figuren.</translation>
        </message>
        <message>
            <source>the picture</source>
            <translation>das Bild</translation>
        </message>
        <message>
            <source>%1 % of what is at hand are pencils: they are transparent, so the light of %2 comes from a coat below.</source>
            <translation>%1 % von dem, was zur Hand ist, sind Stifte: sie sind transparent, das Licht von %2 kommt also aus einem Auftrag darunter.</translation>
        </message>
        <message>
            <source>Values carry this subject (%1 steps from %2 to %3, mean chroma %4): map them first.</source>
            <translation>Tonwerte tragen dieses Motiv (%1 Stufen von %2 bis %3, mittlere Buntheit %4): sie zuerst festlegen.</translation>
        </message>
        <message>
            <source>Sticks cover: the lights of %1 stay clean over darks like those of %2, %3 value steps apart.</source>
            <translation>Kreiden decken: die Lichter von %1 bleiben sauber über Dunkelheiten wie denen von %2, %3 Tonwertstufen auseinander.</translation>
        </message>
    </context>
    <context>
        <name>Seen</name>
        <message>
            <source>not seen</source>
            <translation>nicht zu sehen</translation>
        </message>
        <message>
            <source>seen side by side</source>
            <translation>nebeneinander zu sehen</translation>
        </message>
        <message>
            <source>seen at a glance</source>
            <translation>auf einen Blick zu sehen</translation>
        </message>
        <message>
            <source>another colour</source>
            <translation>eine andere Farbe</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
    </context>
    <context>
        <name>Sentences</name>
        <message>
            <source>%1 and %2</source>
            <translation>%1 und %2</translation>
        </message>
    </context>
    <context>
        <name>Terms</name>
        <message>
            <source>pan</source>
            <translation>Näpfchen</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>Stift</translation>
        </message>
        <message>
            <source>hard</source>
            <translation>hart</translation>
        </message>
        <message>
            <source>soft</source>
            <translation>weich</translation>
        </message>
        <message>
            <source>charcoal</source>
            <translation>Kohle</translation>
        </message>
        <message>
            <source>dark</source>
            <translation>dunkel</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>mittel</translation>
        </message>
        <message>
            <source>light</source>
            <translation>hell</translation>
        </message>
        <message>
            <source>background</source>
            <translation>Hintergrund</translation>
        </message>
        <message>
            <source>middle ground</source>
            <translation>Mittelgrund</translation>
        </message>
        <message>
            <source>foreground</source>
            <translation>Vordergrund</translation>
        </message>
        <message>
            <source>dry pastel, rubbed</source>
            <translation>trockenes Pastell, verrieben</translation>
        </message>
        <message>
            <source>hard pastel with alcohol</source>
            <translation>hartes Pastell mit Alkohol</translation>
        </message>
        <message>
            <source>hard pastel with water</source>
            <translation>hartes Pastell mit Wasser</translation>
        </message>
        <message>
            <source>watercolour</source>
            <translation>Aquarell</translation>
        </message>
        <message>
            <source>gouache</source>
            <translation>Gouache</translation>
        </message>
        <message>
            <source>thin acrylic</source>
            <translation>dünnes Acryl</translation>
        </message>
        <message>
            <source>thin oil</source>
            <translation>dünnes Öl</translation>
        </message>
        <message>
            <source>ink</source>
            <translation>Tusche</translation>
        </message>
        <message>
            <source>complement</source>
            <translation>Gegenfarbe</translation>
        </message>
        <message>
            <source>shadow-cool</source>
            <translation>kühle Schatten</translation>
        </message>
        <message>
            <source>warm-glow</source>
            <translation>warmes Leuchten</translation>
        </message>
        <message>
            <source>local</source>
            <translation>Lokalfarben</translation>
        </message>
        <message>
            <source>tonal</source>
            <translation>Tonwerte</translation>
        </message>
        <message>
            <source>done</source>
            <translation>erledigt</translation>
        </message>
        <message>
            <source>skipped</source>
            <translation>ausgelassen</translation>
        </message>
        <message>
            <source>open</source>
            <translation>offen</translation>
        </message>
        <message>
            <source>reached</source>
            <translation>erreicht</translation>
        </message>
        <message>
            <source>too dark</source>
            <translation>zu dunkel</translation>
        </message>
        <message>
            <source>too light</source>
            <translation>zu hell</translation>
        </message>
        <message>
            <source>too vivid</source>
            <translation>zu leuchtend</translation>
        </message>
        <message>
            <source>ground shows through</source>
            <translation>Grund scheint durch</translation>
        </message>
        <message>
            <source>between the sticks</source>
            <translation>zwischen den Kreiden</translation>
        </message>
        <message>
            <source>more strokes</source>
            <translation>mehr Striche</translation>
        </message>
        <message>
            <source>underpainting in its own colour</source>
            <translation>Untermalung in der eigenen Farbe</translation>
        </message>
        <message>
            <source>rubbing</source>
            <translation>Verreiben</translation>
        </message>
        <message>
            <source>another ground</source>
            <translation>ein anderer Grund</translation>
        </message>
        <message>
            <source>one more stick</source>
            <translation>eine Kreide mehr</translation>
        </message>
        <message>
            <source>room for lights and darks</source>
            <translation>Raum für Lichter und Dunkelheiten</translation>
        </message>
        <message>
            <source>head start</source>
            <translation>Vorsprung</translation>
        </message>
        <message>
            <source>cover</source>
            <translation>Deckung</translation>
        </message>
        <message>
            <source>temperature kept</source>
            <translation>Temperatur gewahrt</translation>
        </message>
        <message>
            <source>layers</source>
            <translation>Lagen</translation>
        </message>
        <message>
            <source>underpainting</source>
            <translation>Untermalung</translation>
        </message>
        <message>
            <source>leave out</source>
            <translation>weglassen</translation>
        </message>
        <message>
            <source>id</source>
            <translation>Kennung</translation>
        </message>
        <message>
            <source>name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>medium</source>
            <translation>Mittel</translation>
        </message>
        <message>
            <source>hex colour</source>
            <translation>Hex-Farbe</translation>
        </message>
        <message>
            <source>pigments</source>
            <translation>Pigmente</translation>
        </message>
        <message>
            <source>lightfastness</source>
            <translation>Lichtechtheit</translation>
        </message>
        <message>
            <source>owned</source>
            <translation>vorhanden</translation>
        </message>
        <message>
            <source>left</source>
            <translation>übrig</translation>
        </message>
        <message>
            <source>favourite</source>
            <translation>Liebling</translation>
        </message>
        <message>
            <source>greys</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>reds</source>
            <translation>Rottöne</translation>
        </message>
        <message>
            <source>oranges</source>
            <translation>Orangetöne</translation>
        </message>
        <message>
            <source>yellows</source>
            <translation>Gelbtöne</translation>
        </message>
        <message>
            <source>greens</source>
            <translation>Grüntöne</translation>
        </message>
        <message>
            <source>blues</source>
            <translation>Blautöne</translation>
        </message>
        <message>
            <source>violets</source>
            <translation>Violetttöne</translation>
        </message>
        <message>
            <source>evening</source>
            <translation>Abend</translation>
        </message>
        <message>
            <source>morning</source>
            <translation>Morgen</translation>
        </message>
        <message>
            <source>shore</source>
            <translation>Küste</translation>
        </message>
        <message>
            <source>earth</source>
            <translation>Erde</translation>
        </message>
        <message>
            <source>finding masses</source>
            <translation>Massen werden gefunden</translation>
        </message>
        <message>
            <source>measuring masses</source>
            <translation>Massen werden gemessen</translation>
        </message>
        <message>
            <source>searching stacks</source>
            <translation>Aufbauten werden durchsucht</translation>
        </message>
        <message>
            <source>choosing the tray</source>
            <translation>die Ablage wird gewählt</translation>
        </message>
        <message>
            <source>improving the tray</source>
            <translation>die Ablage wird verbessert</translation>
        </message>
        <message>
            <source>proving the tray</source>
            <translation>die Ablage wird bewiesen</translation>
        </message>
        <message>
            <source>drawing the curve</source>
            <translation>die Kurve wird gezeichnet</translation>
        </message>
        <message>
            <source>searching layers</source>
            <translation>Lagen werden durchsucht</translation>
        </message>
        <message>
            <source>building recipes</source>
            <translation>Rezepte werden gebaut</translation>
        </message>
        <message>
            <source>looking for what would help</source>
            <translation>es wird gesucht, was hülfe</translation>
        </message>
        <message>
            <source>finding the picture</source>
            <translation>das Bild wird gefunden</translation>
        </message>
        <message>
            <source>putting the light right</source>
            <translation>das Licht wird berichtigt</translation>
        </message>
        <message>
            <source>looking for what mends it</source>
            <translation>es wird gesucht, was abhilft</translation>
        </message>
        <message>
            <source>fitting hand and sticks</source>
            <translation>Hand und Kreiden werden angepasst</translation>
        </message>
        <message>
            <source>hand and kinds of stick</source>
            <translation>Hand und Arten der Kreiden</translation>
        </message>
        <message>
            <source>writing layers</source>
            <translation>Lagen werden geschrieben</translation>
        </message>
        <message>
            <source>writing passages</source>
            <translation>Partien werden geschrieben</translation>
        </message>
        <message>
            <source>squinting</source>
            <translation>Augen werden zugekniffen</translation>
        </message>
        <message>
            <source>painting</source>
            <translation>es wird gemalt</translation>
        </message>
        <message>
            <source>comparing</source>
            <translation>es wird verglichen</translation>
        </message>
        <message>
            <source>read</source>
            <translation>gelesen</translation>
        </message>
        <message>
            <source>planned</source>
            <translation>geplant</translation>
        </message>
        <message>
            <source>judged</source>
            <translation>beurteilt</translation>
        </message>
        <message>
            <source>proved</source>
            <translation>bewiesen</translation>
        </message>
        <message>
            <source>painted</source>
            <translation>gemalt</translation>
        </message>
        <message>
            <source>checked</source>
            <translation>geprüft</translation>
        </message>
        <message>
            <source>coated card</source>
            <translation>beschichteter Karton</translation>
        </message>
        <message>
            <source>velour</source>
            <translation>Velours</translation>
        </message>
        <message>
            <source>honeycomb</source>
            <translation>Waben</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>gerippt</translation>
        </message>
        <message>
            <source>cartridge</source>
            <translation>Zeichenpapier</translation>
        </message>
        <message>
            <source>primed</source>
            <translation>grundiert</translation>
        </message>
        <message>
            <source>sanded</source>
            <translation>Schleifpapier</translation>
        </message>
        <message>
            <source>trying underpaintings</source>
            <translation>Untermalungen werden probiert</translation>
        </message>
    </context>
    <context>
        <name>yd::app</name>
        <message>
            <source>Differs</source>
            <translation>Weicht ab</translation>
        </message>
        <message>
            <source>Chroma it adds</source>
            <translation>Buntheit dazu</translation>
        </message>
        <message>
            <source>Values stand at once</source>
            <translation>Tonwerte stehen sofort</translation>
        </message>
        <message>
            <source>A layer less</source>
            <translation>Eine Schicht weniger</translation>
        </message>
        <message>
            <source>In the gaps</source>
            <translation>In den Lücken</translation>
        </message>
        <message>
            <source>colours vibrate</source>
            <translation>Farben flirren</translation>
        </message>
        <message>
            <source>warmer</source>
            <translation>wärmer</translation>
        </message>
        <message>
            <source>cooler</source>
            <translation>kühler</translation>
        </message>
        <message>
            <source>Reds</source>
            <translation>Rot</translation>
        </message>
        <message>
            <source>Oranges</source>
            <translation>Orange</translation>
        </message>
        <message>
            <source>Yellows</source>
            <translation>Gelb</translation>
        </message>
        <message>
            <source>Greens</source>
            <translation>Grün</translation>
        </message>
        <message>
            <source>Blue greens</source>
            <translation>Blaugrün</translation>
        </message>
        <message>
            <source>Blues</source>
            <translation>Blau</translation>
        </message>
        <message>
            <source>Violets</source>
            <translation>Violett</translation>
        </message>
        <message>
            <source>Pinks and carmines</source>
            <translation>Rosa und Karmin</translation>
        </message>
        <message>
            <source>Browns and earths</source>
            <translation>Braun und Erden</translation>
        </message>
        <message>
            <source>Greys, black, white</source>
            <translation>Grau, Schwarz, Weiß</translation>
        </message>
        <message>
            <source>%1: %2, %3, value %4</source>
            <translation>%1: %2, %3, Tonwert %4</translation>
        </message>
        <message>
            <source>, not owned</source>
            <translation>, nicht vorhanden</translation>
        </message>
        <message>
            <source>, %1 % left</source>
            <translation>, noch %1 %</translation>
        </message>
        <message>
            <source>Passes that are done</source>
            <translation>Erledigte Durchgänge</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>Like the Board</source>
            <translation>Wie die Vorschau</translation>
        </message>
        <message>
            <source>%1 %</source>
            <translation>%1 %</translation>
        </message>
        <message>
            <source>Light put right by</source>
            <translation>Licht berichtigt nach</translation>
        </message>
        <message>
            <source>Left of it there</source>
            <translation>Dort übrig davon</translation>
        </message>
        <message>
            <source>Pastel dust harms lungs, and some pigments more than that: work upright, tap dust off outdoors or onto a damp cloth, never blow. The product's safety data sheet and local rules say more; ask a qualified person where in doubt.</source>
            <translation>Pastellstaub schadet der Lunge, manche Pigmente noch mehr: aufrecht arbeiten, Staub draußen oder auf ein feuchtes Tuch abklopfen, nie blasen. Das Sicherheitsdatenblatt des Produkts und die örtlichen Vorschriften sagen mehr; im Zweifel eine Fachperson fragen.</translation>
        </message>
        <message>
            <source>Your first picture in five minutes</source>
            <translation>Das erste Bild in fünf Minuten</translation>
        </message>
        <message>
            <source>From a photograph to a plan that you can paint from.</source>
            <translation>Vom Foto zu einem Plan, nach dem sich malen lässt.</translation>
        </message>
        <message>
            <source>Drop a picture on the window. It is read into masses at once; the plan follows within seconds.</source>
            <translation>Ein Bild auf das Fenster ziehen. Es wird sofort in Massen gelesen; der Plan folgt in Sekunden.</translation>
        </message>
        <message>
            <source>Click what matters in it: it gets more masses, and the highest contrast.</source>
            <translation>Anklicken, worauf es ankommt: dort werden die Massen feiner, und der Kontrast wird am höchsten.</translation>
        </message>
        <message>
            <source>Say how long you want to take. Fewer minutes mean fewer passages and a calmer picture.</source>
            <translation>Sagen, wie lange es dauern darf. Weniger Minuten heißt weniger Partien und ein ruhigeres Bild.</translation>
        </message>
        <message>
            <source>Go to Ground and take the paper that stands first, or one that you own.</source>
            <translation>Zu „Grund“ gehen und das Papier nehmen, das zuoberst steht, oder eines, das man hat.</translation>
        </message>
        <message>
            <source>Go to Tray and say what you own: the plan uses no stick that you take out.</source>
            <translation>Zu „Ablage“ gehen und sagen, was vorhanden ist: der Plan nimmt keine Kreide, die man herausnimmt.</translation>
        </message>
        <message>
            <source>Go to Easel (E), lay out the sticks that it names, and press space after each step.</source>
            <translation>Zu „Staffelei“ (E) gehen, die genannten Kreiden herauslegen und nach jedem Schritt die Leertaste drücken.</translation>
        </message>
        <message>
            <source>Nothing can be broken: every choice is undone with Ctrl+Z, and the picture you dropped is never changed.</source>
            <translation>Nichts kann kaputtgehen: jede Wahl lässt sich mit Strg+Z zurücknehmen, und das Bild selbst wird nie verändert.</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Motiv</translation>
        </message>
        <message>
            <source>What is painted: its masses, values and edges.</source>
            <translation>Was gemalt wird: seine Massen, Tonwerte und Kanten.</translation>
        </message>
        <message>
            <source>Squint until only the large shapes are left: these are the masses.</source>
            <translation>Augen zukneifen, bis nur noch die großen Formen da sind: das sind die Massen.</translation>
        </message>
        <message>
            <source>Click a mass to name it, to say what it is, or to merge it with its neighbour; paint over a border to move it.</source>
            <translation>Eine Masse anklicken, um sie zu benennen, zu sagen, was sie ist, oder sie mit dem Nachbarn zu vereinen; über eine Grenze malen, um sie zu verschieben.</translation>
        </message>
        <message>
            <source>Mark what matters with a click or a drawn ring.</source>
            <translation>Mit einem Klick oder einem gezogenen Ring markieren, worauf es ankommt.</translation>
        </message>
        <message>
            <source>Put light and crop right before the tray is chosen: both change every colour.</source>
            <translation>Licht und Ausschnitt berichtigen, bevor die Ablage gewählt wird: beide ändern jede Farbe.</translation>
        </message>
        <message>
            <source>Own colours: a mood, the palette of another picture, families for a grey page. Values stay as they are.</source>
            <translation>Eigene Farben: eine Stimmung, die Palette eines anderen Bildes, Familien für eine graue Vorlage. Die Tonwerte bleiben.</translation>
        </message>
        <message>
            <source>Too many small masses? Lower Most masses, or squint more. One missing? Mark it with a ring.</source>
            <translation>Zu viele kleine Massen? „Höchstens Massen“ senken oder stärker zukneifen. Fehlt eine? Mit einem Ring markieren.</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Grund</translation>
        </message>
        <message>
            <source>The paper: its colour does part of the work, its tooth says how many layers it takes.</source>
            <translation>Das Papier: seine Farbe tut einen Teil der Arbeit, sein Zahn sagt, wie viele Lagen es annimmt.</translation>
        </message>
        <message>
            <source>Papers stand best first, with what speaks for and against each.</source>
            <translation>Das beste Papier steht oben, mit dem, was für und gegen jedes spricht.</translation>
        </message>
        <message>
            <source>Click one to see the subject and the Board on it; the offcut sheet shows all of them side by side.</source>
            <translation>Eines anklicken, um Motiv und Vorschau darauf zu sehen; das Probeblatt zeigt alle nebeneinander.</translation>
        </message>
        <message>
            <source>Say what you weigh most: room for layers, a head start, cover, temperature.</source>
            <translation>Sagen, was am meisten zählt: Raum für Lagen, ein Vorsprung, Deckung, Temperatur.</translation>
        </message>
        <message>
            <source>Lay strokes on an offcut, photograph or measure them, and the plan learns your hand and your sticks.</source>
            <translation>Striche auf ein Probestück legen, fotografieren oder messen, und der Plan lernt Hand und Kreiden.</translation>
        </message>
        <message>
            <source>Your paper is not in the list? Take the one nearest in tooth and colour, and teach it with an offcut.</source>
            <translation>Das eigene Papier fehlt? Das in Zahn und Farbe nächste nehmen und es mit einem Probestück lehren.</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Ablage</translation>
        </message>
        <message>
            <source>The fewest sticks that carry the picture.</source>
            <translation>So wenige Kreiden wie möglich, die das Bild tragen.</translation>
        </message>
        <message>
            <source>Slide to the number that you want to carry; the curve says what each one more is worth.</source>
            <translation>Auf die Zahl schieben, die man tragen will; die Kurve sagt, was jede weitere wert ist.</translation>
        </message>
        <message>
            <source>Point at a stick to say that it must be in, or stay out.</source>
            <translation>Auf eine Kreide zeigen, um zu sagen, dass sie dabei sein muss oder wegbleibt.</translation>
        </message>
        <message>
            <source>See what stays out of reach, and which stick to get next.</source>
            <translation>Sehen, was außer Reichweite bleibt und welche Kreide als Nächstes zu besorgen ist.</translation>
        </message>
        <message>
            <source>Edit opens your collection: mark what you own, what is left, search, import a palette.</source>
            <translation>„Bearbeiten“ öffnet die Sammlung: markieren, was vorhanden und wie viel übrig ist, suchen, eine Palette einlesen.</translation>
        </message>
        <message>
            <source>Photograph a box: print a sheet, lay every stick on it, and its photograph makes the collection.</source>
            <translation>Einen Kasten fotografieren: ein Blatt drucken, jede Kreide darauflegen, und das Foto macht die Sammlung.</translation>
        </message>
        <message>
            <source>A colour is missed? Click it in the picture: its card says why, and what else would reach it.</source>
            <translation>Eine Farbe wird verfehlt? Im Bild anklicken: ihre Karte sagt, warum, und was sie sonst erreichte.</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Untermalung</translation>
        </message>
        <message>
            <source>A wet or rubbed coat below the pastel, so that no bare paper shows through by accident.</source>
            <translation>Ein nasser oder verriebener Auftrag unter dem Pastell, damit kein bloßes Papier zufällig durchscheint.</translation>
        </message>
        <message>
            <source>Each medium is shown in each set of colours, with what it would gain.</source>
            <translation>Jedes Mittel steht in jeder Farbwahl da, mit dem, was es brächte.</translation>
        </message>
        <message>
            <source>Take one for the picture; add exceptions for a mass or a plane.</source>
            <translation>Eines für das Bild nehmen; Ausnahmen für eine Masse oder eine Raumebene hinzufügen.</translation>
        </message>
        <message>
            <source>Press U to see the Board without it beside the Board with it.</source>
            <translation>U drücken, um die Vorschau ohne und mit nebeneinander zu sehen.</translation>
        </message>
        <message>
            <source>Let it dry through before the first dry stroke.</source>
            <translation>Durchtrocknen lassen, bevor der erste trockene Strich kommt.</translation>
        </message>
        <message>
            <source>None is a good answer too: toned paper often does as much.</source>
            <translation>Keine ist auch eine gute Antwort: getöntes Papier leistet oft ebenso viel.</translation>
        </message>
        <message>
            <source>Wet media, alcohol and solvents: air the room, no flame near them, and gloves where the label says so. The product's safety data sheet and local rules go first.</source>
            <translation>Nasse Mittel, Alkohol und Lösungsmittel: den Raum lüften, keine Flamme in der Nähe, Handschuhe, wo das Etikett es sagt. Das Sicherheitsdatenblatt des Produkts und die örtlichen Vorschriften gehen vor.</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Partien</translation>
        </message>
        <message>
            <source>The whole work in the order it is done, far to near and dark to light.</source>
            <translation>Die ganze Arbeit in ihrer Reihenfolge, von fern nach nah und dunkel nach hell.</translation>
        </message>
        <message>
            <source>Click a passage: its places light up, its sticks lie ready, the core sample shows its layers.</source>
            <translation>Eine Partie anklicken: ihre Stellen leuchten auf, ihre Kreiden liegen bereit, der Bohrkern zeigt ihre Lagen.</translation>
        </message>
        <message>
            <source>Page Down and Page Up go through the passes; the Board shows the picture after each.</source>
            <translation>Bild ab und Bild auf gehen durch die Durchgänge; die Vorschau zeigt das Bild nach jedem.</translation>
        </message>
        <message>
            <source>Take a school for the picture or for one mass; drag a passage elsewhere and it says what that breaks.</source>
            <translation>Eine Schule für das Bild oder für eine Masse wählen; eine Partie anderswohin ziehen, und es wird gesagt, was das bricht.</translation>
        </message>
        <message>
            <source>Advice looks over the plan; M mends what it found.</source>
            <translation>Der Rat sieht den Plan durch; M behebt, was er fand.</translation>
        </message>
        <message>
            <source>Time cuts it into sittings.</source>
            <translation>Die Zeit teilt ihn in Sitzungen.</translation>
        </message>
        <message>
            <source>Print and export gives the plan to prop up, and outlines at true size to trace.</source>
            <translation>„Drucken und Ausgeben“ gibt den Plan zum Aufstellen und Umrisse in wahrer Größe zum Durchpausen.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Prüfung</translation>
        </message>
        <message>
            <source>The work held against the plan: what is off, and what mends it.</source>
            <translation>Die Arbeit gegen den Plan gehalten: was daneben liegt und was es behebt.</translation>
        </message>
        <message>
            <source>Photograph the whole sheet with its margin, straight on, in even light, and drop the file on the window.</source>
            <translation>Das ganze Blatt mit Rand fotografieren, gerade von vorn, in gleichmäßigem Licht, und die Datei auf das Fenster ziehen.</translation>
        </message>
        <message>
            <source>See that the corners sit on the picture's corners; drag them if they do not.</source>
            <translation>Nachsehen, ob die Ecken auf den Bildecken sitzen; sonst hinziehen.</translation>
        </message>
        <message>
            <source>Say how many passes are done.</source>
            <translation>Sagen, wie viele Durchgänge erledigt sind.</translation>
        </message>
        <message>
            <source>At most five things are said, value first; each with one or two strokes from the tray.</source>
            <translation>Höchstens fünf Dinge werden gesagt, Tonwert zuerst; jedes mit einem oder zwei Strichen aus der Ablage.</translation>
        </message>
        <message>
            <source>M plans the rest from what really lies there.</source>
            <translation>M plant den Rest nach dem, was wirklich daliegt.</translation>
        </message>
        <message>
            <source>Refused? It says why: too small, blurred, glare, no margin. Nearly always a second photograph helps.</source>
            <translation>Abgelehnt? Es steht da, warum: zu klein, unscharf, Spiegelung, kein Rand. Fast immer hilft ein zweites Foto.</translation>
        </message>
        <message>
            <source>Easel</source>
            <translation>Staffelei</translation>
        </message>
        <message>
            <source>One step at a time, in type that is read from where you stand.</source>
            <translation>Ein Schritt nach dem anderen, in einer Schrift, die man von seinem Platz aus liest.</translation>
        </message>
        <message>
            <source>R takes another stick and plans the rest anew.</source>
            <translation>R nimmt eine andere Kreide und plant den Rest neu.</translation>
        </message>
        <message>
            <source>N writes a note, P stops the clock, V reads the step aloud.</source>
            <translation>N schreibt eine Notiz, P hält die Uhr an, V liest den Schritt vor.</translation>
        </message>
        <message>
            <source>Step back when it says so, and look with half-closed eyes.</source>
            <translation>Zurücktreten, wenn es dasteht, und mit halb geschlossenen Augen schauen.</translation>
        </message>
        <message>
            <source>Stopped for today? Close it: the marks are kept, and the next sitting begins where you were.</source>
            <translation>Schluss für heute? Einfach schließen: die Haken bleiben, und die nächste Sitzung beginnt an derselben Stelle.</translation>
        </message>
        <message>
            <source>Journal</source>
            <translation>Werkbuch</translation>
        </message>
        <message>
            <source>What you found out, kept: works, recipes, sticks, minutes.</source>
            <translation>Was man herausgefunden hat, aufbewahrt: Werke, Rezepte, Kreiden, Minuten.</translation>
        </message>
        <message>
            <source>Works come by themselves when they are saved; passes and minutes from the easel.</source>
            <translation>Werke kommen von selbst, wenn sie gespeichert werden; Durchgänge und Minuten von der Staffelei.</translation>
        </message>
        <message>
            <source>K keeps the recipe of the colour under the pointer; Shift+K gives a kept one to another colour.</source>
            <translation>K behält das Rezept der Farbe unter dem Zeiger; Umschalt+K gibt ein behaltenes einer anderen Farbe.</translation>
        </message>
        <message>
            <source>Search by words, colour, stick, paper or date.</source>
            <translation>Suchen nach Wörtern, Farbe, Kreide, Papier oder Datum.</translation>
        </message>
        <message>
            <source>Sticks says what is used up and what to get before the next picture.</source>
            <translation>„Kreiden“ sagt, was verbraucht ist und was vor dem nächsten Bild zu besorgen ist.</translation>
        </message>
        <message>
            <source>Everything can be taken out: Markdown, CSV, JSON, or a work as a zip.</source>
            <translation>Alles lässt sich herausnehmen: Markdown, CSV, JSON oder ein Werk als Zip.</translation>
        </message>
        <message>
            <source>It is one file in your own folder; a copy of it is made every day.</source>
            <translation>Es ist eine Datei im eigenen Ordner; jeden Tag wird eine Kopie davon gemacht.</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Übung</translation>
        </message>
        <message>
            <source>Drills of a minute or two that say how your eye is off, and get harder as it gets better.</source>
            <translation>Übungen von ein, zwei Minuten, die sagen, wie das Auge daneben liegt, und schwerer werden, wenn es besser wird.</translation>
        </message>
        <message>
            <source>Take a drill; answer with the number keys, the arrows or a click.</source>
            <translation>Eine Übung nehmen; mit den Zifferntasten, den Pfeilen oder einem Klick antworten.</translation>
        </message>
        <message>
            <source>Answer what you see, not what you know: there is no clock.</source>
            <translation>Antworten, was man sieht, nicht was man weiß: es läuft keine Uhr.</translation>
        </message>
        <message>
            <source>After some twenty answers it says your bias and how sure it is.</source>
            <translation>Nach etwa zwanzig Antworten steht da, wohin man neigt und wie sicher das ist.</translation>
        </message>
        <message>
            <source>Check then mentions a bias that matters there.</source>
            <translation>Die Prüfung erwähnt dann eine Neigung, die dort zählt.</translation>
        </message>
        <message>
            <source>Compare yourself with yourself, on this screen: screens differ, so nothing said here is absolute.</source>
            <translation>Sich mit sich selbst vergleichen, auf diesem Bildschirm: Bildschirme sind verschieden, nichts hier ist absolut.</translation>
        </message>
        <message>
            <source>%1 times as long</source>
            <translation>%1-mal so lang</translation>
        </message>
        <message>
            <source>%1 of the time</source>
            <translation>%1 der Zeit</translation>
        </message>
        <message>
            <source>finished</source>
            <translation>fertig</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n pass(es)</source>
            <translation>
                <numerusform>%1 von %n Durchgang</numerusform>
                <numerusform>%1 von %n Durchgängen</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 · %2 · %3</source>
            <translation>%1 · %2 · %3</translation>
        </message>
        <message>
            <source>, </source>
            <translation>, </translation>
        </message>
        <message numerus="yes">
            <source>%1: %2, %n step(s)</source>
            <translation>
                <numerusform>%1: %2, %n Schritt</numerusform>
                <numerusform>%1: %2, %n Schritte</numerusform>
            </translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Durchgänge</translation>
        </message>
        <message>
            <source>Planned</source>
            <translation>Geplant</translation>
        </message>
        <message>
            <source>At work</source>
            <translation>Bei der Arbeit</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>noch nicht</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Kreiden</translation>
        </message>
        <message>
            <source>As seen</source>
            <translation>Gesehen</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>%1: runs out, %2 mm needed, %3 mm left</source>
            <translation>%1: geht aus, %2 mm nötig, %3 mm übrig</translation>
        </message>
        <message numerus="yes">
            <source>%1: would help %n work(s) most</source>
            <translation>
                <numerusform>%1: hülfe %n Werk am meisten</numerusform>
                <numerusform>%1: hülfe %n Werken am meisten</numerusform>
            </translation>
        </message>
        <message>
            <source>a hand without a name</source>
            <translation>eine Hand ohne Namen</translation>
        </message>
        <message>
            <source>, left-out strokes off by %1</source>
            <translation>, ausgelassene Striche um %1 daneben</translation>
        </message>
        <message numerus="yes">
            <source>%1: %2, %n stroke(s) on %3%4</source>
            <translation>
                <numerusform>%1: %2, %n Strich auf %3%4</numerusform>
                <numerusform>%1: %2, %n Striche auf %3%4</numerusform>
            </translation>
        </message>
        <message>
            <source>Passes timed</source>
            <translation>Gestoppte Durchgänge</translation>
        </message>
        <message>
            <source>Our guess is off by a factor of</source>
            <translation>Unsere Schätzung liegt daneben um den Faktor</translation>
        </message>
        <message>
            <source>With your times</source>
            <translation>Mit den eigenen Zeiten</translation>
        </message>
        <message>
            <source>wet coats</source>
            <translation>nasse Aufträge</translation>
        </message>
        <message>
            <source>%1. Passes %2 to %3, %4. %5</source>
            <translation>%1. Durchgänge %2 bis %3, %4. %5</translation>
        </message>
        <message>
            <source>Get up after pass %1: posture, eyes, wrist.</source>
            <translation>Nach Durchgang %1 aufstehen: Haltung, Augen, Handgelenk.</translation>
        </message>
        <message>
            <source>; the marks run %1</source>
            <translation>; die Striche laufen %1</translation>
        </message>
        <message numerus="yes">
            <source>%1 of painting, %2 of it waiting; %n stick change(s), no order has fewer than %3.</source>
            <translation>
                <numerusform>%1 Malen, davon %2 Warten; %n Kreidewechsel, keine Reihenfolge hat weniger als %3.</numerusform>
                <numerusform>%1 Malen, davon %2 Warten; %n Kreidewechsel, keine Reihenfolge hat weniger als %3.</numerusform>
            </translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>Step back and compare after pass %1.</source>
            <translation>Nach Durchgang %1 zurücktreten und vergleichen.</translation>
        </message>
        <message>
            <source>Your order breaks "%1": pass %2 should come before %3.</source>
            <translation>Die eigene Reihenfolge bricht „%1“: Durchgang %2 sollte vor %3 kommen.</translation>
        </message>
        <message numerus="yes">
            <source>(%n time(s))</source>
            <translation>
                <numerusform>(%n-mal)</numerusform>
                <numerusform>(%n-mal)</numerusform>
            </translation>
        </message>
        <message>
            <source>M mends it: %1.</source>
            <translation>M behebt es: %1.</translation>
        </message>
        <message>
            <source>Nothing in the plan mends this by itself.</source>
            <translation>Nichts im Plan behebt das von selbst.</translation>
        </message>
        <message>
            <source>light</source>
            <translation>Licht</translation>
        </message>
        <message>
            <source>light? %1 %</source>
            <translation>Licht? %1 %</translation>
        </message>
        <message>
            <source>, %1°</source>
            <translation>, %1°</translation>
        </message>
        <message>
            <source>, level</source>
            <translation>, waagerecht</translation>
        </message>
        <message>
            <source>, plumb</source>
            <translation>, lotrecht</translation>
        </message>
        <message>
            <source>as long as</source>
            <translation>so lang wie die</translation>
        </message>
        <message>
            <source>half as long as</source>
            <translation>halb so lang wie die</translation>
        </message>
        <message>
            <source>a third of</source>
            <translation>ein Drittel so lang wie die</translation>
        </message>
        <message>
            <source>two thirds of</source>
            <translation>zwei Drittel so lang wie die</translation>
        </message>
        <message>
            <source>a quarter of</source>
            <translation>ein Viertel so lang wie die</translation>
        </message>
        <message>
            <source>three quarters of</source>
            <translation>drei Viertel so lang wie die</translation>
        </message>
        <message>
            <source>twice as long as</source>
            <translation>doppelt so lang wie die</translation>
        </message>
        <message>
            <source>one and a half times</source>
            <translation>anderthalbmal so lang wie die</translation>
        </message>
        <message>
            <source>two and a half times</source>
            <translation>zweieinhalbmal so lang wie die</translation>
        </message>
        <message>
            <source>%1 times</source>
            <translation>%1-mal so lang wie die</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>etwa %1</translation>
        </message>
        <message>
            <source>plumb</source>
            <translation>lotrecht</translation>
        </message>
        <message>
            <source>level</source>
            <translation>waagerecht</translation>
        </message>
        <message>
            <source>horizon: in the middle</source>
            <translation>Horizont: in der Mitte</translation>
        </message>
        <message>
            <source>horizon</source>
            <translation>Horizont</translation>
        </message>
        <message>
            <source>rubbed in</source>
            <translation>verrieben</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>gelegt</translation>
        </message>
        <message>
            <source>%1. %2, %3</source>
            <translation>%1. %2, %3</translation>
        </message>
        <message>
            <source>. %1</source>
            <translation>. %1</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Links</translation>
        </message>
        <message>
            <source>Right</source>
            <translation>Rechts</translation>
        </message>
        <message>
            <source>Your eye, by your drills: %1 %2.</source>
            <translation>Das eigene Auge, nach den Übungen: %1 %2.</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Vorschau</translation>
        </message>
        <message>
            <source>viewing light (D50)</source>
            <translation>Normlicht (D50)</translation>
        </message>
        <message>
            <source>daylight (D65)</source>
            <translation>Tageslicht (D65)</translation>
        </message>
        <message>
            <source>lamp light (A)</source>
            <translation>Lampenlicht (A)</translation>
        </message>
        <message>
            <source>gallery LED</source>
            <translation>Galerie-LED</translation>
        </message>
        <message>
            <source>rubbed</source>
            <translation>verrieben</translation>
        </message>
        <message>
            <source>fixed below, then </source>
            <translation>darunter fixiert, dann </translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1: %2, %3</translation>
        </message>
        <message>
            <source>%1%2: %3</source>
            <translation>%1%2: %3</translation>
        </message>
        <message>
            <source>Begun: other recipes are offered before the first stroke on a mass.</source>
            <translation>Begonnen: Andere Rezepte werden vor dem ersten Strich auf einer Masse angeboten.</translation>
        </message>
        <message>
            <source>Out of reach: %1.</source>
            <translation>Außer Reichweite: %1.</translation>
        </message>
        <message>
            <source>Would help: %1.</source>
            <translation>Es hülfe: %1.</translation>
        </message>
        <message>
            <source>The match breaks under %1: %2 more.</source>
            <translation>Unter %1 stimmt es nicht mehr: %2 mehr.</translation>
        </message>
        <message>
            <source>Beside the bare paper it seems %1 steps %2 than it is.</source>
            <translation>Neben dem bloßen Papier erscheint es %1 Stufen %2, als es ist.</translation>
        </message>
        <message>
            <source>lighter</source>
            <translation>heller</translation>
        </message>
        <message>
            <source>darker</source>
            <translation>dunkler</translation>
        </message>
        <message>
            <source> (chosen by hand)</source>
            <translation> (von Hand gewählt)</translation>
        </message>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>pan</source>
            <translation>Näpfchen</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>Stift</translation>
        </message>
        <message>
            <source>stick</source>
            <translation>Kreide</translation>
        </message>
        <message>
            <source>%1: the collection has none of this kind</source>
            <translation>%1: die Sammlung hat keine dieser Art</translation>
        </message>
        <message>
            <source>%1 by %2 on %3: %4; %5</source>
            <translation>%1 mit %2 auf %3: %4; %5</translation>
        </message>
        <message>
            <source>%1, value %2. In its place it seems %3.</source>
            <translation>%1, Tonwert %2. An seinem Platz erscheint es %3.</translation>
        </message>
        <message>
            <source>just so</source>
            <translation>genau so</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, Tonwert %2</translation>
        </message>
        <message>
            <source>Darkest</source>
            <translation>Am dunkelsten</translation>
        </message>
        <message>
            <source>Lightest</source>
            <translation>Am hellsten</translation>
        </message>
        <message>
            <source>Most vivid</source>
            <translation>Am leuchtendsten</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <source>Steps to the sheet</source>
            <translation>Stufen bis zum Blatt</translation>
        </message>
        <message>
            <source>%1 of light, %2 of dark</source>
            <translation>%1 Licht, %2 Dunkel</translation>
        </message>
        <message>
            <source>There already</source>
            <translation>Schon da</translation>
        </message>
        <message>
            <source>Hardest to cover</source>
            <translation>Am schwersten zu decken</translation>
        </message>
        <message>
            <source>Seen through two layers</source>
            <translation>Scheint durch zwei Lagen</translation>
        </message>
        <message>
            <source>Layers it bears</source>
            <translation>Trägt Lagen</translation>
        </message>
        <message>
            <source>%1, %2 wanted</source>
            <translation>%1, gewünscht %2</translation>
        </message>
        <message>
            <source>Every colour</source>
            <translation>Jede Farbe</translation>
        </message>
        <message>
            <source>within reach</source>
            <translation>in Reichweite</translation>
        </message>
        <message>
            <source>Across the room</source>
            <translation>Quer durch den Raum</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Zeit</translation>
        </message>
        <message>
            <source>Sittings</source>
            <translation>Sitzungen</translation>
        </message>
        <message>
            <source>Wet</source>
            <translation>Nass</translation>
        </message>
        <message>
            <source>Dry</source>
            <translation>Trocken</translation>
        </message>
        <message>
            <source>Shows in the gaps</source>
            <translation>Zeigt sich in den Lücken</translation>
        </message>
        <message>
            <source>Tooth it takes</source>
            <translation>Nimmt Zahn</translation>
        </message>
        <message>
            <source>Darkest value</source>
            <translation>Dunkelster Tonwert</translation>
        </message>
        <message>
            <source>%1, %2 without</source>
            <translation>%1, ohne %2</translation>
        </message>
        <message>
            <source>Strokes measured</source>
            <translation>Gemessene Striche</translation>
        </message>
        <message>
            <source>Light, of what is asked</source>
            <translation>Leicht, vom Verlangten</translation>
        </message>
        <message>
            <source>Firm, of what is asked</source>
            <translation>Fest, vom Verlangten</translation>
        </message>
        <message>
            <source>Sticks from what they were taken for</source>
            <translation>Kreiden gegen die Annahme</translation>
        </message>
        <message>
            <source>Strokes left out, before and after</source>
            <translation>Ausgelassene Striche, vorher und nachher</translation>
        </message>
        <message>
            <source>%1. %2, passes %3 to %4</source>
            <translation>%1. %2, Durchgänge %3 bis %4</translation>
        </message>
        <message>
            <source>%1. %2: %3, value %4</source>
            <translation>%1. %2: %3, Tonwert %4</translation>
        </message>
        <message>
            <source>%1: %2, value %3</source>
            <translation>%1: %2, Tonwert %3</translation>
        </message>
        <message>
            <source>No single stick more would help much.</source>
            <translation>Keine einzelne Kreide mehr hülfe viel.</translation>
        </message>
        <message>
            <source>One stick more: %1, %2%3. The error would fall by %4 %.</source>
            <translation>Eine Kreide mehr: %1, %2%3. Der Fehler sänke um %4 %.</translation>
        </message>
        <message>
            <source> (not at hand)</source>
            <translation> (nicht zur Hand)</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n stick(s) return in several masses, most of all %2 (%3). Warm %4 %, cool %5 % of the picture.</source>
            <translation>
                <numerusform>%1 von %n Kreide kehrt in mehreren Massen wieder, am meisten %2 (%3). Warm %4 %, kühl %5 % des Bildes.</numerusform>
                <numerusform>%1 von %n Kreiden kehren in mehreren Massen wieder, am meisten %2 (%3). Warm %4 %, kühl %5 % des Bildes.</numerusform>
            </translation>
        </message>
        <message>
            <source>Proven, judged by two strokes on one another: no other tray of this size is better by more than half a percent.</source>
            <translation>Bewiesen, nach zwei Strichen übereinander beurteilt: keine andere Ablage dieser Größe ist um mehr als ein halbes Prozent besser.</translation>
        </message>
        <message>
            <source>Judged by two strokes on one another, at most %1 % from the best possible tray of this size%2.</source>
            <translation>Nach zwei Strichen übereinander beurteilt höchstens %1 % von der besten Ablage dieser Größe entfernt%2.</translation>
        </message>
        <message>
            <source> (improved by the solver)</source>
            <translation> (vom Löser verbessert)</translation>
        </message>
        <message>
            <source>On average %1</source>
            <translation>Im Mittel %1</translation>
        </message>
        <message>
            <source>On the pictures</source>
            <translation>Auf den Bildern</translation>
        </message>
        <message>
            <source>Arrows</source>
            <translation>Pfeile</translation>
        </message>
        <message>
            <source>move the cross; with Shift further</source>
            <translation>bewegen das Kreuz; mit Umschalt weiter</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Eingabe</translation>
        </message>
        <message>
            <source>the colour under the cross, and how it is built</source>
            <translation>die Farbe unter dem Kreuz und ihr Aufbau</translation>
        </message>
        <message>
            <source>+ and −</source>
            <translation>+ und −</translation>
        </message>
        <message>
            <source>nearer and farther; 0 the whole picture</source>
            <translation>näher und ferner; 0 das ganze Bild</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Leertaste</translation>
        </message>
        <message>
            <source>with a tool: begins and ends a line at the cross</source>
            <translation>mit einem Werkzeug: beginnt und beendet eine Linie am Kreuz</translation>
        </message>
        <message>
            <source>On the core sample</source>
            <translation>Auf dem Bohrkern</translation>
        </message>
        <message>
            <source>← →</source>
            <translation>← →</translation>
        </message>
        <message>
            <source>a pass back, a pass on; Home the bare paper, End all of them</source>
            <translation>einen Durchgang zurück oder vor; Pos1 das bloße Papier, Ende alle</translation>
        </message>
        <message>
            <source>↑ ↓</source>
            <translation>↑ ↓</translation>
        </message>
        <message>
            <source>tells the recipe of the next mass</source>
            <translation>nennt das Rezept der nächsten Masse</translation>
        </message>
        <message>
            <source>lights the pass in the pictures</source>
            <translation>beleuchtet den Durchgang in den Bildern</translation>
        </message>
        <message>
            <source>In tray and drawers</source>
            <translation>In Ablage und Schubladen</translation>
        </message>
        <message>
            <source>from stick to stick</source>
            <translation>von Kreide zu Kreide</translation>
        </message>
        <message>
            <source>in a drawer: owned, or not</source>
            <translation>in einer Schublade: vorhanden oder nicht</translation>
        </message>
        <message>
            <source>In the list of passes</source>
            <translation>In der Liste der Durchgänge</translation>
        </message>
        <message>
            <source>Alt ↑ ↓</source>
            <translation>Alt ↑ ↓</translation>
        </message>
        <message>
            <source>moves the pass</source>
            <translation>verschiebt den Durchgang</translation>
        </message>
        <message>
            <source>M</source>
            <translation>M</translation>
        </message>
        <message>
            <source>mends what advice found</source>
            <translation>behebt, was der Rat fand</translation>
        </message>
        <message>
            <source>At the easel</source>
            <translation>An der Staffelei</translation>
        </message>
        <message>
            <source>←</source>
            <translation>←</translation>
        </message>
        <message>
            <source>the pass before</source>
            <translation>der Durchgang davor</translation>
        </message>
        <message>
            <source>S</source>
            <translation>S</translation>
        </message>
        <message>
            <source>leaves it out</source>
            <translation>lässt ihn aus</translation>
        </message>
        <message>
            <source>O</source>
            <translation>O</translation>
        </message>
        <message>
            <source>opens it again</source>
            <translation>öffnet ihn wieder</translation>
        </message>
        <message>
            <source>R</source>
            <translation>R</translation>
        </message>
        <message>
            <source>another stick</source>
            <translation>eine andere Kreide</translation>
        </message>
        <message>
            <source>N</source>
            <translation>N</translation>
        </message>
        <message>
            <source>a note</source>
            <translation>eine Notiz</translation>
        </message>
        <message>
            <source>P</source>
            <translation>P</translation>
        </message>
        <message>
            <source>stops the clock</source>
            <translation>hält die Uhr an</translation>
        </message>
        <message>
            <source>V</source>
            <translation>V</translation>
        </message>
        <message>
            <source>speaks</source>
            <translation>spricht</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>back to the plan</source>
            <translation>zurück zum Plan</translation>
        </message>
        <message>
            <source>What is on the paper cannot be moved.</source>
            <translation>Was auf dem Papier liegt, lässt sich nicht verschieben.</translation>
        </message>
        <message>
            <source>Pass %1 cannot go there. %2</source>
            <translation>Durchgang %1 kann nicht dorthin. %2</translation>
        </message>
        <message>
            <source>Moved. It breaks: %1. Undo puts it back.</source>
            <translation>Verschoben. Es bricht: %1. „Rückgängig“ stellt es zurück.</translation>
        </message>
        <message>
            <source>Try another file or a fresh copy of it.</source>
            <translation>Eine andere Datei oder eine frische Kopie versuchen.</translation>
        </message>
        <message>
            <source>Update the program to open it.</source>
            <translation>Das Programm aktualisieren, um sie zu öffnen.</translation>
        </message>
        <message>
            <source>Make it smaller and try again.</source>
            <translation>Verkleinern und noch einmal versuchen.</translation>
        </message>
        <message>
            <source>Check the name and the folder.</source>
            <translation>Name und Ordner prüfen.</translation>
        </message>
        <message>
            <source>Nothing was lost; choose another folder or free some space, then try again.</source>
            <translation>Nichts ging verloren; einen anderen Ordner wählen oder Platz schaffen und noch einmal versuchen.</translation>
        </message>
        <message>
            <source>Correct that field and try again.</source>
            <translation>Dieses Feld berichtigen und noch einmal versuchen.</translation>
        </message>
        <message>
            <source>Space when the marks that are lit are laid; → when the pass is done, ← goes back, S leaves it out.</source>
            <translation>Leertaste, wenn die hellen Striche liegen; → wenn der Durchgang fertig ist, ← geht zurück, S lässt ihn aus.</translation>
        </message>
        <message>
            <source>Another half hour takes the difference from %1 to %2.</source>
            <translation>Eine halbe Stunde mehr bringt den Unterschied von %1 auf %2.</translation>
        </message>
        <message>
            <source>Another half hour would not be seen.</source>
            <translation>Eine halbe Stunde mehr sähe man nicht.</translation>
        </message>
        <message>
            <source>%1 Up to %2 every hour shows; beyond it buys little.</source>
            <translation>%1 Bis %2 sieht man jede Stunde; darüber bringt sie wenig.</translation>
        </message>
        <message>
            <source>the next marks, then the next pass</source>
            <translation>die nächsten Striche, dann der nächste Durchgang</translation>
        </message>
        <message>
            <source>marks before, marks next</source>
            <translation>Striche davor, Striche danach</translation>
        </message>
        <message>
            <source>→</source>
            <translation>→</translation>
        </message>
        <message>
            <source>the pass is done</source>
            <translation>der Durchgang ist fertig</translation>
        </message>
        <message>
            <source>Z</source>
            <translation>Z</translation>
        </message>
        <message>
            <source>closer to where the hand is</source>
            <translation>näher an die Stelle, wo die Hand ist</translation>
        </message>
    </context>
    <context>
        <name>yd::app::AdviceSection</name>
        <message>
            <source>Mend it (M)</source>
            <translation>Beheben (M)</translation>
        </message>
        <message>
            <source>What a look over the plan found</source>
            <translation>Was eine Durchsicht des Plans ergab</translation>
        </message>
        <message>
            <source>%1 more</source>
            <translation>%1 weitere</translation>
        </message>
        <message>
            <source>Show all</source>
            <translation>Alle zeigen</translation>
        </message>
        <message>
            <source>Nothing stands against this plan.</source>
            <translation>Nichts spricht gegen diesen Plan.</translation>
        </message>
        <message>
            <source>Open a picture: its plan is looked over here.</source>
            <translation>Ein Bild öffnen: hier wird sein Plan durchgesehen.</translation>
        </message>
        <message>
            <source>Mended: %1</source>
            <translation>Behoben: %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::AlternativeModel</name>
        <message>
            <source>Recipe</source>
            <translation>Rezept</translation>
        </message>
        <message>
            <source>Differs</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <source>Tooth</source>
            <translation>Zahn</translation>
        </message>
        <message>
            <source>Speckle</source>
            <translation>Körnung</translation>
        </message>
    </context>
    <context>
        <name>yd::app::BoxModel</name>
        <message>
            <source>not filled evenly</source>
            <translation>nicht gleichmäßig gefüllt</translation>
        </message>
        <message>
            <source>more vivid, or lighter, than a photograph can say</source>
            <translation>leuchtender oder heller, als ein Foto sagen kann</translation>
        </message>
        <message>
            <source>the light stroke does not go with the full one</source>
            <translation>der leichte Strich passt nicht zum vollen</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>ausgelassen</translation>
        </message>
        <message>
            <source>as typed</source>
            <translation>wie getippt</translation>
        </message>
        <message>
            <source>%1?</source>
            <translation>%1?</translation>
        </message>
        <message>
            <source>Cell</source>
            <translation>Feld</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Art</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Tonwert</translation>
        </message>
        <message>
            <source>L* a* b*</source>
            <translation>L* a* b*</translation>
        </message>
        <message>
            <source>Look at it</source>
            <translation>Ansehen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::BoxPage</name>
        <message>
            <source>Photograph…</source>
            <translation>Foto …</translation>
        </message>
        <message>
            <source>Simulate one</source>
            <translation>Eines simulieren</translation>
        </message>
        <message>
            <source>Leave out</source>
            <translation>Auslassen</translation>
        </message>
        <message>
            <source>My box</source>
            <translation>Mein Kasten</translation>
        </message>
        <message>
            <source>Take these sticks</source>
            <translation>Diese Kreiden nehmen</translation>
        </message>
        <message>
            <source>A box of sticks from one photograph</source>
            <translation>Ein Kasten Kreiden aus einem Foto</translation>
        </message>
        <message>
            <source>Leave it</source>
            <translation>Verlassen</translation>
        </message>
        <message>
            <source>A4</source>
            <translation>A4</translation>
        </message>
        <message>
            <source>A3</source>
            <translation>A3</translation>
        </message>
        <message>
            <source>Letter</source>
            <translation>Letter</translation>
        </message>
        <message>
            <source>different kinds</source>
            <translation>verschiedene Arten</translation>
        </message>
        <message>
            <source>Sticks of the present collection, laid by an unsteady hand and photographed: to try it</source>
            <translation>Kreiden der jetzigen Sammlung, von unsicherer Hand gelegt und fotografiert: zum Ausprobieren</translation>
        </message>
        <message>
            <source>Save the sheet…</source>
            <translation>Blatt speichern …</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Kreiden</translation>
        </message>
        <message>
            <source>Sheet</source>
            <translation>Blatt</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>They are</source>
            <translation>Es sind</translation>
        </message>
        <message>
            <source>1  Print a sheet, without scaling</source>
            <translation>1  Ein Blatt drucken, ohne Skalierung</translation>
        </message>
        <message>
            <source>2  Fill it in</source>
            <translation>2  Ausfüllen</translation>
        </message>
        <message>
            <source>Each stick in its cell: on the left pressed firmly and rubbed in, three times over; on the right once, lightly. Tap the dust off, do not blow.</source>
            <translation>Jede Kreide in ihr Feld: links fest gedrückt und verrieben, dreimal; rechts einmal leicht. Den Staub abklopfen, nicht blasen.</translation>
        </message>
        <message>
            <source>3  Photograph it</source>
            <translation>3  Fotografieren</translation>
        </message>
        <message>
            <source>The whole sheet, all eight marks, in even light and without shadow.</source>
            <translation>Das ganze Blatt, alle acht Marken, in gleichmäßigem Licht und ohne Schatten.</translation>
        </message>
        <message>
            <source>Sticks of the box</source>
            <translation>Kreiden des Kastens</translation>
        </message>
        <message>
            <source>Kind of the chosen rows</source>
            <translation>Art der gewählten Zeilen</translation>
        </message>
        <message>
            <source>guess it</source>
            <translation>raten</translation>
        </message>
        <message>
            <source>Where the sticks go</source>
            <translation>Wohin die Kreiden kommen</translation>
        </message>
        <message>
            <source>Name of the collection</source>
            <translation>Name der Sammlung</translation>
        </message>
        <message>
            <source>The chosen rows; once more takes them again</source>
            <translation>Die gewählten Zeilen; noch einmal nimmt sie wieder</translation>
        </message>
        <message>
            <source>Chosen rows are</source>
            <translation>Gewählte Zeilen sind</translation>
        </message>
        <message>
            <source>new ones</source>
            <translation>neue</translation>
        </message>
        <message>
            <source>How many</source>
            <translation>Wie viele</translation>
        </message>
        <message>
            <source>Sticks of a collection get their colours anew; the sheet has their names on it</source>
            <translation>Kreiden einer Sammlung bekommen ihre Farben neu; auf dem Blatt stehen ihre Namen</translation>
        </message>
        <message>
            <source>It is a sheet of other sticks: %1 cells for %2 sticks.</source>
            <translation>Das ist ein Blatt mit anderen Kreiden: %1 Zellen für %2 Kreiden.</translation>
        </message>
        <message>
            <source>Take their colours</source>
            <translation>Ihre Farben nehmen</translation>
        </message>
        <message>
            <source>Colours of sticks by photograph</source>
            <translation>Farben von Kreiden nach Foto</translation>
        </message>
        <message>
            <source>As a new collection</source>
            <translation>Als neue Sammlung</translation>
        </message>
        <message>
            <source>Into %1</source>
            <translation>In %1</translation>
        </message>
        <message>
            <source>Reading it …</source>
            <translation>Wird gelesen …</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), %1 to look at, %2 cells empty. Light put right by %3 to %4.</source>
            <translation>
                <numerusform>%n Kreide, %1 anzusehen, %2 Felder leer. Licht nach %3 auf %4 berichtigt.</numerusform>
                <numerusform>%n Kreiden, %1 anzusehen, %2 Felder leer. Licht nach %3 auf %4 berichtigt.</numerusform>
            </translation>
        </message>
        <message>
            <source>Sheet for a box of sticks</source>
            <translation>Blatt für einen Kasten Kreiden</translation>
        </message>
        <message>
            <source>Sheet to print (*.pdf *.svg)</source>
            <translation>Blatt zum Drucken (*.pdf *.svg)</translation>
        </message>
        <message>
            <source>Photograph of the sheet</source>
            <translation>Foto des Blattes</translation>
        </message>
        <message>
            <source>Photographs (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic)</source>
            <translation>Fotos (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic)</translation>
        </message>
        <message>
            <source>Sticks of a photographed box</source>
            <translation>Kreiden eines fotografierten Kastens</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Calibrator</name>
        <message>
            <source>Calibrated by offcuts</source>
            <translation>Nach Probestrichen kalibriert</translation>
        </message>
        <message>
            <source>Calibration of the hand forgotten</source>
            <translation>Kalibrierung der Hand vergessen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CheckLooks</name>
        <message>
            <source>Photograph</source>
            <translation>Foto</translation>
        </message>
        <message>
            <source>by %1</source>
            <translation>nach %1</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Tonwert</translation>
        </message>
        <message>
            <source>lighter is too light, darker too dark</source>
            <translation>heller ist zu hell, dunkler zu dunkel</translation>
        </message>
        <message>
            <source>Board as it should be by now</source>
            <translation>Vorschau, wie es jetzt sein sollte</translation>
        </message>
        <message>
            <source>Photograph of the work</source>
            <translation>Foto der Arbeit</translation>
        </message>
        <message>
            <source>Pictures (*.jpg *.jpeg *.png *.heic *.heif *.webp *.tif *.tiff)</source>
            <translation>Bilder (*.jpg *.jpeg *.png *.heic *.heif *.webp *.tif *.tiff)</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CheckPanel</name>
        <message>
            <source>%1 of %2</source>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>What is off on the work</source>
            <translation>Was an der Arbeit daneben liegt</translation>
        </message>
        <message>
            <source>Show where value is off</source>
            <translation>Zeigen, wo der Tonwert daneben liegt</translation>
        </message>
        <message>
            <source>What mends it</source>
            <translation>Was es behebt</translation>
        </message>
        <message>
            <source>Plan the rest from this (M)</source>
            <translation>Den Rest hiervon planen (M)</translation>
        </message>
        <message>
            <source>Every mass: how far its value is off</source>
            <translation>Jede Masse: wie weit ihr Tonwert daneben liegt</translation>
        </message>
        <message>
            <source>How the photograph was read</source>
            <translation>Wie das Foto gelesen wurde</translation>
        </message>
        <message>
            <source>Photograph</source>
            <translation>Foto</translation>
        </message>
        <message>
            <source>What is off</source>
            <translation>Was daneben liegt</translation>
        </message>
        <message>
            <source>Every mass, in steps</source>
            <translation>Jede Masse, in Stufen</translation>
        </message>
        <message>
            <source>How it was read</source>
            <translation>Wie es gelesen wurde</translation>
        </message>
        <message>
            <source>Strip on the margin</source>
            <translation>Streifen auf dem Rand</translation>
        </message>
        <message>
            <source>On the Board: middle grey is right, lighter is too light, darker is too dark</source>
            <translation>Auf der Vorschau: mittleres Grau stimmt, heller ist zu hell, dunkler zu dunkel</translation>
        </message>
        <message>
            <source>What lies on the paper is taken as the photograph shows it; the passes to come are planned anew</source>
            <translation>Was auf dem Papier liegt, gilt, wie das Foto es zeigt; die kommenden Durchgänge werden neu geplant</translation>
        </message>
        <message>
            <source>Below the picture, side by side from left to right: each pressed firmly and rubbed in, twice. Then tick that it is laid, and colours are judged by it.</source>
            <translation>Unter dem Bild, nebeneinander von links nach rechts: jede fest gedrückt und verrieben, zweimal. Dann anhaken, dass er liegt, und die Farben werden danach beurteilt.</translation>
        </message>
        <message>
            <source>Sticks of the strip, left to right</source>
            <translation>Kreiden des Streifens, von links nach rechts</translation>
        </message>
        <message>
            <source>will do</source>
            <translation>taugt</translation>
        </message>
        <message>
            <source>will not do</source>
            <translation>taugt nicht</translation>
        </message>
        <message>
            <source>A photograph of the work is held against the Board, mass by mass.</source>
            <translation>Ein Foto der Arbeit wird gegen die Vorschau gehalten, Masse für Masse.</translation>
        </message>
        <message>
            <source>Nothing is said of a photograph that will not do.</source>
            <translation>Von einem Foto, das nicht taugt, wird nichts gesagt.</translation>
        </message>
        <message>
            <source>All is as it should be by now, as far as a hand can do it.</source>
            <translation>Alles ist, wie es jetzt sein sollte, soweit eine Hand es kann.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Checker</name>
        <message>
            <source>a simulated board</source>
            <translation>ein simuliertes Brett</translation>
        </message>
        <message>
            <source>Planned on from the photograph</source>
            <translation>Vom Foto aus weitergeplant</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoatModel</name>
        <message>
            <source>It shows on this sheet.</source>
            <translation>Es zeigt sich auf diesem Blatt.</translation>
        </message>
        <message>
            <source>It hardly shows on this sheet.</source>
            <translation>Es zeigt sich auf diesem Blatt kaum.</translation>
        </message>
        <message>
            <source>at once</source>
            <translation>sofort</translation>
        </message>
        <message numerus="yes">
            <source>%n day(s)</source>
            <translation>
                <numerusform>%n Tag</numerusform>
                <numerusform>%n Tage</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 min</source>
            <translation>%1 min</translation>
        </message>
        <message>
            <source>rubbed pastel</source>
            <translation>verriebenes Pastell</translation>
        </message>
        <message>
            <source>pastel, alcohol</source>
            <translation>Pastell, Alkohol</translation>
        </message>
        <message>
            <source>pastel, water</source>
            <translation>Pastell, Wasser</translation>
        </message>
        <message>
            <source>none</source>
            <translation>keine</translation>
        </message>
        <message>
            <source>With</source>
            <translation>Mit</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>Differs</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <source>Dark</source>
            <translation>Dunkel</translation>
        </message>
        <message>
            <source>Dries</source>
            <translation>Trocknet</translation>
        </message>
        <message>
            <source>This paper does not bear it.</source>
            <translation>Dieses Papier trägt es nicht.</translation>
        </message>
        <message>
            <source>The collection has no stick at hand for it.</source>
            <translation>Die Sammlung hat dafür keine Kreide zur Hand.</translation>
        </message>
        <message>
            <source>Dries: %1, with heat %2.</source>
            <translation>Trocknet: %1, mit Wärme %2.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoatPanel</name>
        <message>
            <source>What speaks for it</source>
            <translation>Was dafür spricht</translation>
        </message>
        <message>
            <source>Best left out: no coat gains enough for its tooth and time.</source>
            <translation>Am besten weglassen: keine bringt genug für Zahn und Zeit.</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Take the advice</source>
            <translation>Den Rat annehmen</translation>
        </message>
        <message>
            <source>As the whole picture</source>
            <translation>Wie das ganze Bild</translation>
        </message>
        <message>
            <source>What the underpainting does</source>
            <translation>Was die Untermalung leistet</translation>
        </message>
        <message>
            <source>Where this underpainting goes</source>
            <translation>Wohin diese Untermalung kommt</translation>
        </message>
        <message>
            <source>Underpaintings</source>
            <translation>Untermalungen</translation>
        </message>
        <message>
            <source>A first thin coat</source>
            <translation>Ein erster dünner Auftrag</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Was er leistet</translation>
        </message>
        <message>
            <source>Advice</source>
            <translation>Rat</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Untermalung</translation>
        </message>
        <message>
            <source>For the whole picture</source>
            <translation>Für das ganze Bild</translation>
        </message>
        <message>
            <source>For the background</source>
            <translation>Für den Hintergrund</translation>
        </message>
        <message>
            <source>For the middle ground</source>
            <translation>Für den Mittelgrund</translation>
        </message>
        <message>
            <source>For the foreground</source>
            <translation>Für den Vordergrund</translation>
        </message>
        <message>
            <source>Open a picture: underpaintings are tried on its plan.</source>
            <translation>Ein Bild öffnen: Untermalungen werden an seinem Plan erprobt.</translation>
        </message>
        <message>
            <source>No underpainting. U shows the board with and without one.</source>
            <translation>Keine Untermalung. U zeigt die Vorschau mit und ohne.</translation>
        </message>
        <message>
            <source>For %1</source>
            <translation>Für %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CollectionModel</name>
        <message>
            <source>%1 %</source>
            <translation>%1 %</translation>
        </message>
        <message>
            <source>Stick</source>
            <translation>Kreide</translation>
        </message>
        <message>
            <source>Another stick</source>
            <translation>Eine weitere Kreide</translation>
        </message>
        <message>
            <source>Stick taken away</source>
            <translation>Kreide entfernt</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Art</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Tonwert</translation>
        </message>
        <message>
            <source>Owned</source>
            <translation>Vorhanden</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Übrig</translation>
        </message>
        <message>
            <source>Favourite</source>
            <translation>Liebling</translation>
        </message>
        <message>
            <source>Lightfastness</source>
            <translation>Lichtechtheit</translation>
        </message>
        <message>
            <source>Pigments</source>
            <translation>Pigmente</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CollectionPage</name>
        <message numerus="yes">
            <source>Tray: %n stick(s), carry others here</source>
            <translation>
                <numerusform>Ablage: %n Kreide, andere hierher legen</numerusform>
                <numerusform>Ablage: %n Kreiden, andere hierher legen</numerusform>
            </translation>
        </message>
        <message>
            <source>Into the tray</source>
            <translation>In die Ablage</translation>
        </message>
        <message>
            <source>Not into the tray</source>
            <translation>Nicht in die Ablage</translation>
        </message>
        <message>
            <source>As the plan likes</source>
            <translation>Wie der Plan es will</translation>
        </message>
        <message>
            <source>As a table</source>
            <translation>Als Tabelle</translation>
        </message>
        <message>
            <source>Search: a name, a colour in words, a pigment</source>
            <translation>Suchen: ein Name, eine Farbe in Worten, ein Pigment</translation>
        </message>
        <message>
            <source>Search the collection</source>
            <translation>Die Sammlung durchsuchen</translation>
        </message>
        <message>
            <source>Another like it</source>
            <translation>Noch eine solche</translation>
        </message>
        <message>
            <source>Take away</source>
            <translation>Entfernen</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Zurück zum Paar</translation>
        </message>
        <message>
            <source>Sticks of the collection</source>
            <translation>Kreiden der Sammlung</translation>
        </message>
        <message numerus="yes">
            <source>%1: %n stick(s), %2 owned</source>
            <translation>
                <numerusform>%1: %n Kreide, %2 vorhanden</numerusform>
                <numerusform>%1: %n Kreiden, %2 vorhanden</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::ColourPanel</name>
        <message>
            <source>Point at the picture</source>
            <translation>Auf das Bild zeigen</translation>
        </message>
        <message>
            <source>Use this recipe</source>
            <translation>Dieses Rezept nehmen</translation>
        </message>
        <message>
            <source>Planner's choice</source>
            <translation>Wahl des Planers</translation>
        </message>
        <message>
            <source>Keep it (K)</source>
            <translation>Behalten (K)</translation>
        </message>
        <message>
            <source>Use the one kept</source>
            <translation>Das behaltene nehmen</translation>
        </message>
        <message>
            <source>Look at it under</source>
            <translation>Ansehen unter</translation>
        </message>
        <message>
            <source>Under %1</source>
            <translation>Unter %1</translation>
        </message>
        <message>
            <source>Other recipes</source>
            <translation>Andere Rezepte</translation>
        </message>
        <message>
            <source>Into the journal, as told to a friend</source>
            <translation>Ins Werkbuch, wie einem Freund erzählt</translation>
        </message>
        <message>
            <source>The recipe kept or chosen last, for this colour (Shift+K)</source>
            <translation>Das zuletzt behaltene oder gewählte Rezept für diese Farbe (Umschalt+K)</translation>
        </message>
        <message>
            <source>Point at the picture to see how a colour is built.</source>
            <translation>Auf das Bild zeigen, um zu sehen, wie eine Farbe aufgebaut ist.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ComfortActions</name>
        <message>
            <source>Light grey</source>
            <translation>Hellgrau</translation>
        </message>
        <message>
            <source>Dark grey</source>
            <translation>Dunkelgrau</translation>
        </message>
        <message>
            <source>High contrast</source>
            <translation>Hoher Kontrast</translation>
        </message>
        <message>
            <source>Nothing moves by itself</source>
            <translation>Nichts bewegt sich von selbst</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoreSample</name>
        <message>
            <source>Core sample: layers of every mass</source>
            <translation>Bohrkern: Lagen jeder Masse</translation>
        </message>
        <message>
            <source>Layers of every mass, from the paper up. Left and right step through the passes, up and down tell the recipes.</source>
            <translation>Lagen jeder Masse, vom Papier aufwärts. Links und rechts gehen durch die Durchgänge, auf und ab nennen die Rezepte.</translation>
        </message>
        <message>
            <source>Order of the columns</source>
            <translation>Reihenfolge der Säulen</translation>
        </message>
        <message>
            <source>in working order</source>
            <translation>in Arbeitsfolge</translation>
        </message>
        <message>
            <source>by plane</source>
            <translation>nach Raumebene</translation>
        </message>
        <message>
            <source>by value</source>
            <translation>nach Tonwert</translation>
        </message>
        <message>
            <source>Pass %1 of %2</source>
            <translation>Durchgang %1 von %2</translation>
        </message>
        <message>
            <source>pass %1 of %2</source>
            <translation>Durchgang %1 von %2</translation>
        </message>
        <message>
            <source>The layers of the picture will stand here, once it is planned.</source>
            <translation>Hier stehen die Lagen des Bildes, sobald es geplant ist.</translation>
        </message>
        <message>
            <source>fullest: %1 % of the tooth</source>
            <translation>am vollsten: %1 %</translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>Zahn voll</translation>
        </message>
        <message>
            <source>%1. %2, tooth left %3 %</source>
            <translation>%1. %2, Zahn übrig %3 %</translation>
        </message>
        <message>
            <source>Here: pass %1</source>
            <translation>Hier: Durchgang %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CornerView</name>
        <message>
            <source>Corners of the picture in the photograph; the space bar takes the next one, arrows move it</source>
            <translation>Ecken des Bildes im Foto; die Leertaste nimmt die nächste, Pfeile bewegen sie</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CourseModel</name>
        <message>
            <source>to do</source>
            <translation>zu tun</translation>
        </message>
        <message numerus="yes">
            <source>%n mass(es)</source>
            <translation>
                <numerusform>%n Masse</numerusform>
                <numerusform>%n Massen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s)</source>
            <translation>
                <numerusform>%n Kreide</numerusform>
                <numerusform>%n Kreiden</numerusform>
            </translation>
        </message>
        <message>
            <source>none</source>
            <translation>keine</translation>
        </message>
        <message numerus="yes">
            <source>%n coat(s)</source>
            <translation>
                <numerusform>%n Auftrag</numerusform>
                <numerusform>%n Aufträge</numerusform>
            </translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>Zahn voll</translation>
        </message>
        <message>
            <source>%1 in all</source>
            <translation>%1 insgesamt</translation>
        </message>
        <message>
            <source>ready</source>
            <translation>bereit</translation>
        </message>
        <message>
            <source>no photograph</source>
            <translation>kein Foto</translation>
        </message>
        <message>
            <source>will not do</source>
            <translation>taugt nicht</translation>
        </message>
        <message>
            <source>all right</source>
            <translation>alles stimmt</translation>
        </message>
        <message>
            <source>%1 off</source>
            <translation>%1 daneben</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Motiv</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Grund</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Ablage</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Untermalung</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Partien</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Prüfung</translation>
        </message>
        <message>
            <source>Easel</source>
            <translation>Staffelei</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CropView</name>
        <message>
            <source>Part of the picture that is kept; move it with the arrow keys</source>
            <translation>Der Teil des Bildes, der bleibt; mit den Pfeiltasten zu bewegen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CurveView</name>
        <message>
            <source>Curve: %1 against %2</source>
            <translation>Kurve: %1 gegen %2</translation>
        </message>
        <message>
            <source>%1 %2, %3 %4</source>
            <translation>%1 %2, %3 %4</translation>
        </message>
    </context>
    <context>
        <name>yd::app::DrawersView</name>
        <message>
            <source>The collection by colour, each drawer from dark to light</source>
            <translation>Die Sammlung nach Farbe, jede Schublade von dunkel nach hell</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::EaselPage</name>
        <message>
            <source>Easel</source>
            <translation>Staffelei</translation>
        </message>
        <message>
            <source>Where this step goes: lit, more where it is firmer</source>
            <translation>Wohin dieser Schritt kommt: beleuchtet, heller, wo er fester ist</translation>
        </message>
        <message>
            <source>The board as it should look after this pass</source>
            <translation>Die Vorschau, wie es nach diesem Durchgang aussehen sollte</translation>
        </message>
        <message>
            <source>Note (N)</source>
            <translation>Notiz (N)</translation>
        </message>
        <message>
            <source>Note for this pass</source>
            <translation>Notiz zu diesem Durchgang</translation>
        </message>
        <message>
            <source>Sticks that could stand in, nearest first</source>
            <translation>Kreiden, die einspringen könnten, nächste zuerst</translation>
        </message>
        <message>
            <source>Which stick instead? Nearest colours first. The rest is planned anew; what is done stays.</source>
            <translation>Welche Kreide stattdessen? Die nächsten Farben zuerst. Der Rest wird neu geplant; Getanes bleibt.</translation>
        </message>
        <message>
            <source>To the plan (Esc)</source>
            <translation>Zum Plan (Esc)</translation>
        </message>
        <message>
            <source>Pass before (←)</source>
            <translation>Durchgang davor (←)</translation>
        </message>
        <message>
            <source>Another stick (R)</source>
            <translation>Andere Kreide (R)</translation>
        </message>
        <message>
            <source>Leave out (S)</source>
            <translation>Auslassen (S)</translation>
        </message>
        <message>
            <source>Done, next (space)</source>
            <translation>Getan, weiter (Leertaste)</translation>
        </message>
        <message>
            <source>Speak (V)</source>
            <translation>Vorlesen (V)</translation>
        </message>
        <message>
            <source>Passage %1 of %2</source>
            <translation>Partie %1 von %2</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Weiter: %1</translation>
        </message>
        <message>
            <source> · %1</source>
            <translation> · %1</translation>
        </message>
        <message>
            <source>Pass %1 of %2, passage %3 of %4: %5%6</source>
            <translation>Durchgang %1 von %2, Partie %3 von %4: %5%6</translation>
        </message>
        <message>
            <source>Then: %1</source>
            <translation>Dann: %1</translation>
        </message>
        <message>
            <source>The stroke on this paper: %1</source>
            <translation>Der Strich auf diesem Papier: %1</translation>
        </message>
        <message>
            <source>Next (space)</source>
            <translation>Weiter (Leertaste)</translation>
        </message>
        <message>
            <source>The last pass.</source>
            <translation>Der letzte Durchgang.</translation>
        </message>
        <message numerus="yes">
            <source>All %n pass(es) are done or left out</source>
            <translation>
                <numerusform>%n Durchgang ist getan oder ausgelassen</numerusform>
                <numerusform>Alle %n Durchgänge sind getan oder ausgelassen</numerusform>
            </translation>
        </message>
        <message>
            <source>Nothing is planned yet</source>
            <translation>Noch ist nichts geplant</translation>
        </message>
        <message>
            <source>Step back.</source>
            <translation>Zurücktreten.</translation>
        </message>
        <message>
            <source>Open a picture first.</source>
            <translation>Zuerst ein Bild öffnen.</translation>
        </message>
        <message>
            <source>Compare value first, then temperature, then chroma.</source>
            <translation>Erst den Tonwert vergleichen, dann die Temperatur, dann die Buntheit.</translation>
        </message>
        <message>
            <source>Tip the dust off over a bin, wipe up damp, wash your hands.</source>
            <translation>Den Staub über einem Eimer abkippen, feucht aufwischen, Hände waschen.</translation>
        </message>
        <message>
            <source>%1 paused</source>
            <translation>%1 angehalten</translation>
        </message>
        <message>
            <source>Pass %1 dries: %2 left.</source>
            <translation>Durchgang %1 trocknet: noch %2.</translation>
        </message>
        <message>
            <source>Flammable vapour: no heat, no flame.</source>
            <translation>Brennbare Dämpfe: keine Wärme, keine Flamme.</translation>
        </message>
        <message>
            <source>Dries for about %1 once it is done.</source>
            <translation>Trocknet danach etwa %1.</translation>
        </message>
        <message>
            <source>Nothing else at hand can stand in. Esc goes back.</source>
            <translation>Nichts anderes zur Hand kann einspringen. Esc geht zurück.</translation>
        </message>
        <message>
            <source>No voice installed</source>
            <translation>Keine Stimme installiert</translation>
        </message>
        <message>
            <source>Now %1 of %2: %3. %4 of marks left in this pass.</source>
            <translation>Jetzt %1 von %2: %3. Noch %4 Striche in diesem Durchgang.</translation>
        </message>
        <message>
            <source>Next marks (space)</source>
            <translation>Nächste Striche (Leertaste)</translation>
        </message>
        <message>
            <source>Closer (Z)</source>
            <translation>Näher (Z)</translation>
        </message>
        <message>
            <source>Marks of this pass, from the first to the last</source>
            <translation>Striche dieses Durchgangs, vom ersten bis zum letzten</translation>
        </message>
    </context>
    <context>
        <name>yd::app::EaselWork</name>
        <message>
            <source>Pass done</source>
            <translation>Durchgang getan</translation>
        </message>
        <message>
            <source>Pass left out</source>
            <translation>Durchgang ausgelassen</translation>
        </message>
        <message>
            <source>Step done</source>
            <translation>Schritt getan</translation>
        </message>
        <message>
            <source>Step left out</source>
            <translation>Schritt ausgelassen</translation>
        </message>
        <message>
            <source>Pass open again</source>
            <translation>Durchgang wieder offen</translation>
        </message>
        <message>
            <source>Note</source>
            <translation>Notiz</translation>
        </message>
        <message>
            <source>Another stick</source>
            <translation>Eine weitere Kreide</translation>
        </message>
    </context>
    <context>
        <name>yd::app::EmptyState</name>
        <message>
            <source>Worked on last</source>
            <translation>Zuletzt gearbeitet an</translation>
        </message>
        <message>
            <source>Open a picture…</source>
            <translation>Ein Bild öffnen …</translation>
        </message>
        <message>
            <source>Drop a picture here</source>
            <translation>Ein Bild hierher ziehen</translation>
        </message>
        <message>
            <source>Then click what matters in it, and say how long you want to take.</source>
            <translation>Dann anklicken, worauf es ankommt, und sagen, wie lange es dauern darf.</translation>
        </message>
        <message>
            <source>Or try one of ours</source>
            <translation>Oder eines von uns versuchen</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>%1 öffnen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ExportActions</name>
        <message>
            <source>Written: %1</source>
            <translation>Geschrieben: %1</translation>
        </message>
        <message>
            <source>Plan to print (PDF)…</source>
            <translation>Plan zum Drucken (PDF) …</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Outlines at true size, tiled (PDF)…</source>
            <translation>Umrisse in wahrer Größe, gekachelt (PDF) …</translation>
        </message>
        <message>
            <source>Outlines at true size (SVG)…</source>
            <translation>Umrisse in wahrer Größe (SVG) …</translation>
        </message>
        <message>
            <source>SVG (*.svg)</source>
            <translation>SVG (*.svg)</translation>
        </message>
        <message>
            <source>Predicted picture (PNG)…</source>
            <translation>Vorausgesagtes Bild (PNG) …</translation>
        </message>
        <message>
            <source>PNG (*.png)</source>
            <translation>PNG (*.png)</translation>
        </message>
        <message>
            <source>A layer a pass (OpenRaster)…</source>
            <translation>Eine Ebene je Durchgang (OpenRaster) …</translation>
        </message>
        <message>
            <source>OpenRaster (*.ora)</source>
            <translation>OpenRaster (*.ora)</translation>
        </message>
        <message>
            <source>Passes as a table (CSV)…</source>
            <translation>Durchgänge als Tabelle (CSV) …</translation>
        </message>
        <message>
            <source>CSV (*.csv)</source>
            <translation>CSV (*.csv)</translation>
        </message>
        <message>
            <source>Whole plan (JSON)…</source>
            <translation>Ganzer Plan (JSON) …</translation>
        </message>
        <message>
            <source>JSON (*.json)</source>
            <translation>JSON (*.json)</translation>
        </message>
        <message>
            <source>Corner marks for the check (PDF)…</source>
            <translation>Eckmarken für die Prüfung (PDF) …</translation>
        </message>
        <message>
            <source>Corner marks</source>
            <translation>Eckmarken</translation>
        </message>
        <message>
            <source>There is no plan to write yet; open a picture first.</source>
            <translation>Noch ist kein Plan zum Schreiben da; ein Bild öffnen.</translation>
        </message>
        <message>
            <source>Another file is still being written; wait a moment.</source>
            <translation>Eine andere Datei wird noch geschrieben; einen Augenblick warten.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::FileActions</name>
        <message>
            <source>Open…</source>
            <translation>Öffnen …</translation>
        </message>
        <message>
            <source>Recent</source>
            <translation>Zuletzt benutzt</translation>
        </message>
        <message>
            <source>Save</source>
            <translation>Speichern</translation>
        </message>
        <message>
            <source>Save as…</source>
            <translation>Speichern als …</translation>
        </message>
        <message>
            <source>Close the window</source>
            <translation>Fenster schließen</translation>
        </message>
        <message>
            <source>%1 has changes that are not saved.</source>
            <translation>%1 hat ungespeicherte Änderungen.</translation>
        </message>
        <message>
            <source>Open without saving</source>
            <translation>Öffnen, ohne zu speichern</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>%1 wird geöffnet</translation>
        </message>
        <message>
            <source>Throw it away</source>
            <translation>Wegwerfen</translation>
        </message>
        <message>
            <source>%1 was changed by another window or program since it was opened here.</source>
            <translation>%1 wurde von einem anderen Fenster oder Programm geändert, seit es hier geöffnet wurde.</translation>
        </message>
        <message>
            <source>Save over it</source>
            <translation>Überschreiben</translation>
        </message>
        <message>
            <source>Save the project</source>
            <translation>Das Projekt speichern</translation>
        </message>
        <message>
            <source>Yawning Dune project (*.dune)</source>
            <translation>Projekt von Yawning Dune (*.dune)</translation>
        </message>
        <message>
            <source>Open a picture or a project</source>
            <translation>Ein Bild oder ein Projekt öffnen</translation>
        </message>
        <message>
            <source>Pictures and projects (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune);;All files (*)</source>
            <translation>Bilder und Projekte (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune);;Alle Dateien (*)</translation>
        </message>
        <message>
            <source>Close without saving</source>
            <translation>Schließen, ohne zu speichern</translation>
        </message>
        <message>
            <source>Work of %1 was not saved when the program ended; it was kept.</source>
            <translation>Arbeit vom %1 war nicht gespeichert, als das Programm endete; sie wurde aufbewahrt.</translation>
        </message>
        <message>
            <source>Work of %1 was not saved when the program ended; it was kept (1 of %2).</source>
            <translation>Arbeit vom %1 war nicht gespeichert, als das Programm endete; sie wurde aufbewahrt (1 von %2).</translation>
        </message>
        <message>
            <source>Bring it back</source>
            <translation>Zurückholen</translation>
        </message>
        <message>
            <source>Work that could not be brought back twice was put aside, so that it ends no window more: %1</source>
            <translation>Arbeit, die sich zweimal nicht zurückholen ließ, liegt nun beiseite, damit sie kein Fenster mehr beendet: %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::FindingModel</name>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::GroundPanel</name>
        <message>
            <source>on each: %1</source>
            <translation>auf jedem: %1</translation>
        </message>
        <message>
            <source>What speaks for the paper</source>
            <translation>Was für das Papier spricht</translation>
        </message>
        <message>
            <source>Papers, the best first</source>
            <translation>Papiere, das beste zuerst</translation>
        </message>
        <message>
            <source>This paper</source>
            <translation>Dieses Papier</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>What counts</source>
            <translation>Was zählt</translation>
        </message>
        <message>
            <source>Your hand</source>
            <translation>Die eigene Hand</translation>
        </message>
        <message>
            <source>Subject on every paper</source>
            <translation>Motiv auf jedem Papier</translation>
        </message>
        <message>
            <source>Offcut sheet</source>
            <translation>Probeblatt</translation>
        </message>
        <message>
            <source>Second paper, to compare</source>
            <translation>Zweites Papier, zum Vergleich</translation>
        </message>
        <message>
            <source>The tray, stroke by stroke, on this paper</source>
            <translation>Die Ablage, Strich für Strich, auf diesem Papier</translation>
        </message>
        <message>
            <source>What counts for the paper</source>
            <translation>Was beim Papier zählt</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>Compare with another paper…</source>
            <translation>Mit anderem Papier vergleichen …</translation>
        </message>
        <message>
            <source>%1 of 100</source>
            <translation>%1 von 100</translation>
        </message>
        <message>
            <source>On other papers</source>
            <translation>Auf anderen Papieren</translation>
        </message>
    </context>
    <context>
        <name>yd::app::HandSection</name>
        <message>
            <source>Sheet or table…</source>
            <translation>Blatt oder Tabelle …</translation>
        </message>
        <message>
            <source>Readings…</source>
            <translation>Messwerte …</translation>
        </message>
        <message>
            <source>What the offcuts say of hand and sticks</source>
            <translation>Was die Probestücke über Hand und Kreiden sagen</translation>
        </message>
        <message>
            <source>Plan with it</source>
            <translation>Damit planen</translation>
        </message>
        <message>
            <source>Keep it…</source>
            <translation>Behalten …</translation>
        </message>
        <message>
            <source>Forget the hand</source>
            <translation>Die Hand vergessen</translation>
        </message>
        <message numerus="yes">
            <source>%n stroke(s) of the tray, a cell each: a sheet to print on this paper and photograph, or a table for a colorimeter</source>
            <translation>
                <numerusform>%n Strich der Ablage, je ein Feld: ein Blatt, auf dieses Papier zu drucken und zu fotografieren, oder eine Tabelle für ein Farbmessgerät</numerusform>
                <numerusform>%n Striche der Ablage, je ein Feld: ein Blatt, auf dieses Papier zu drucken und zu fotografieren, oder eine Tabelle für ein Farbmessgerät</numerusform>
            </translation>
        </message>
        <message>
            <source>A photograph of the sheet, or the table with L*, a* and b* of every stroke</source>
            <translation>Ein Foto des Blattes oder die Tabelle mit L*, a* und b* jedes Strichs</translation>
        </message>
        <message>
            <source>Whose hand</source>
            <translation>Wessen Hand</translation>
        </message>
        <message>
            <source>Hand and sticks as a file, for other pictures and other people</source>
            <translation>Hand und Kreiden als Datei, für andere Bilder und andere Leute</translation>
        </message>
        <message>
            <source>Sheet of offcut strokes</source>
            <translation>Blatt für Probestriche</translation>
        </message>
        <message>
            <source>Sheet to print (*.pdf *.svg);;Table (*.csv)</source>
            <translation>Blatt zum Drucken (*.pdf *.svg);;Tabelle (*.csv)</translation>
        </message>
        <message>
            <source>Readings of offcut strokes</source>
            <translation>Messwerte der Probestriche</translation>
        </message>
        <message>
            <source>Photographs, tables and kept hands (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic *.csv *.txt *.cgats *.json)</source>
            <translation>Fotos, Tabellen und behaltene Hände (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic *.csv *.txt *.cgats *.json)</translation>
        </message>
        <message>
            <source>Keep hand and sticks</source>
            <translation>Hand und Kreiden behalten</translation>
        </message>
        <message>
            <source>Hand and sticks (*.json)</source>
            <translation>Hand und Kreiden (*.json)</translation>
        </message>
        <message>
            <source>Fitting hand and sticks …</source>
            <translation>Hand und Kreiden werden angepasst …</translation>
        </message>
        <message>
            <source>The plan rests on %1.</source>
            <translation>Der Plan beruht auf: %1.</translation>
        </message>
        <message>
            <source>Lay the strokes of the sheet on this paper, photograph or measure them, and the plan reckons with your own hand and sticks.</source>
            <translation>Die Striche des Blattes auf dieses Papier legen, fotografieren oder messen, und der Plan rechnet mit der eigenen Hand und den eigenen Kreiden.</translation>
        </message>
        <message>
            <source>Open a picture: its tray is what is tried on an offcut.</source>
            <translation>Ein Bild öffnen: seine Ablage wird auf dem Probestück erprobt.</translation>
        </message>
        <message>
            <source>Take it even so</source>
            <translation>Trotzdem nehmen</translation>
        </message>
        <message>
            <source>The readings contradict each other or the sticks: no hand explains them. Measure again before planning with them.</source>
            <translation>Die Messungen widersprechen einander oder den Kreiden: Keine Hand erklärt sie. Vor dem Planen noch einmal messen.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::HelpPage</name>
        <message>
            <source>Help</source>
            <translation>Hilfe</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Zurück zum Paar</translation>
        </message>
        <message>
            <source>First picture</source>
            <translation>Erstes Bild</translation>
        </message>
        <message>
            <source>%1.  %2</source>
            <comment>a numbered line</comment>
            <translation>%1.  %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ImportPage</name>
        <message>
            <source>Take these sticks</source>
            <translation>Diese Kreiden nehmen</translation>
        </message>
        <message>
            <source>Kind of stick where the file does not say</source>
            <translation>Art der Kreide, wo die Datei sie nicht sagt</translation>
        </message>
        <message>
            <source>Name of the collection</source>
            <translation>Name der Sammlung</translation>
        </message>
        <message>
            <source>Columns of the file and what they hold</source>
            <translation>Spalten der Datei und was sie enthalten</translation>
        </message>
        <message>
            <source>Sticks found</source>
            <translation>Gefundene Kreiden</translation>
        </message>
        <message>
            <source>Leave it</source>
            <translation>Verlassen</translation>
        </message>
        <message>
            <source>Sticks from %1</source>
            <translation>Kreiden aus %1</translation>
        </message>
        <message>
            <source>Column %1 holds</source>
            <translation>Spalte %1 enthält</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Art</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Tonwert</translation>
        </message>
        <message>
            <source>line %1: %2</source>
            <translation>Zeile %1: %2</translation>
        </message>
        <message>
            <source>and %1 more</source>
            <translation>und %1 weitere</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), every row was read.</source>
            <translation>
                <numerusform>%n Kreide, jede Zeile wurde gelesen.</numerusform>
                <numerusform>%n Kreiden, jede Zeile wurde gelesen.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s); rows that cannot be read and would be left out: %1
%2</source>
            <translation>
                <numerusform>%n Kreide; nicht lesbare Zeilen, die wegblieben: %1
%2</numerusform>
                <numerusform>%n Kreiden; nicht lesbare Zeilen, die wegblieben: %1
%2</numerusform>
            </translation>
        </message>
        <message>
            <source>Take the good rows</source>
            <translation>Die guten Zeilen nehmen</translation>
        </message>
        <message>
            <source>Imported sticks</source>
            <translation>Eingelesene Kreiden</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JobModel</name>
        <message>
            <source>No.</source>
            <translation>Nr.</translation>
        </message>
        <message>
            <source>Passage</source>
            <translation>Partie</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Zeit</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JobSection</name>
        <message>
            <source>Passages</source>
            <translation>Partien</translation>
        </message>
        <message>
            <source>Where the passage goes: darker where it is firmer</source>
            <translation>Wohin die Partie kommt: dunkler, wo sie fester ist</translation>
        </message>
        <message>
            <source>The passage</source>
            <translation>Die Partie</translation>
        </message>
        <message>
            <source>Choose a passage: it is lit in the picture.</source>
            <translation>Eine Partie wählen: sie wird im Bild beleuchtet.</translation>
        </message>
        <message>
            <source>Open a picture: the whole job will stand here, from the drawing to the end.</source>
            <translation>Ein Bild öffnen: hier steht dann die ganze Arbeit, von der Zeichnung bis zum Ende.</translation>
        </message>
        <message>
            <source>Passage %1</source>
            <translation>Partie %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JournalPage</name>
        <message>
            <source>Like the colour pointed at</source>
            <translation>Wie die gezeigte Farbe</translation>
        </message>
        <message>
            <source>Works or recipes</source>
            <translation>Werke oder Rezepte</translation>
        </message>
        <message>
            <source>How it looks on its paper</source>
            <translation>Wie es auf seinem Papier aussieht</translation>
        </message>
        <message>
            <source>Use for the colour pointed at</source>
            <translation>Für die gezeigte Farbe nehmen</translation>
        </message>
        <message>
            <source>Works</source>
            <translation>Werke</translation>
        </message>
        <message>
            <source>Recipes</source>
            <translation>Rezepte</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Kreiden</translation>
        </message>
        <message>
            <source>Times</source>
            <translation>Zeiten</translation>
        </message>
        <message>
            <source>Journal</source>
            <translation>Werkbuch</translation>
        </message>
        <message>
            <source>Find in the journal</source>
            <translation>Im Werkbuch suchen</translation>
        </message>
        <message>
            <source>Find: words, a stick, a paper, 2026 or 2026-11</source>
            <translation>Suchen: Wörter, eine Kreide, ein Papier, 2026 oder 2026-11</translation>
        </message>
        <message>
            <source>Recipes and sticks of about this colour</source>
            <translation>Rezepte und Kreiden von etwa dieser Farbe</translation>
        </message>
        <message>
            <source>Leave it (Esc)</source>
            <translation>Verlassen (Esc)</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Vergessen</translation>
        </message>
        <message>
            <source>Nothing of the kind is in the journal.</source>
            <translation>Nichts dergleichen steht im Werkbuch.</translation>
        </message>
        <message>
            <source>No recipe is kept yet. Point at a colour and press K: its recipe is kept as told to a friend.</source>
            <translation>Noch ist kein Rezept behalten. Auf eine Farbe zeigen und K drücken: ihr Rezept wird behalten, wie einem Freund erzählt.</translation>
        </message>
        <message>
            <source>No work is kept yet. A work enters when it is saved or its first pass is done.</source>
            <translation>Noch ist kein Werk behalten. Ein Werk kommt hinein, wenn es gespeichert wird oder sein erster Durchgang getan ist.</translation>
        </message>
        <message>
            <source>%1, of %2, on %3.</source>
            <translation>%1, aus %2, auf %3.</translation>
        </message>
        <message>
            <source>%1, on %2.</source>
            <translation>%1, auf %2.</translation>
        </message>
        <message>
            <source>%1 in %2</source>
            <comment>a place in a picture</comment>
            <translation>%1 in %2</translation>
        </message>
        <message>
            <source>Used again for %1.</source>
            <translation>Wieder benutzt für %1.</translation>
        </message>
        <message>
            <source>Point at a colour of the picture first and click it.</source>
            <translation>Zuerst auf eine Farbe des Bildes zeigen und sie anklicken.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Keeper</name>
        <message>
            <source>There is no journal: %1</source>
            <translation>Es gibt kein Werkbuch: %1</translation>
        </message>
        <message>
            <source>The journal was damaged. The copy of the day before took its place; the damaged file is kept as %1.</source>
            <translation>Das Werkbuch war beschädigt. Die Kopie vom Vortag trat an seine Stelle; die beschädigte Datei bleibt als %1.</translation>
        </message>
        <message>
            <source>The journal was damaged and there was no copy: it begins anew. The damaged file is kept as %1.</source>
            <translation>Das Werkbuch war beschädigt, und es gab keine Kopie: es beginnt neu. Die beschädigte Datei bleibt als %1.</translation>
        </message>
        <message>
            <source>Point at the colour that is to get the recipe, and click it.</source>
            <translation>Auf die Farbe zeigen, die das Rezept bekommen soll, und sie anklicken.</translation>
        </message>
        <message>
            <source>%1 is not in this collection, and nothing at hand is near enough to stand in for it.</source>
            <translation>%1 ist nicht in dieser Sammlung, und nichts zur Hand ist nah genug, um einzuspringen.</translation>
        </message>
        <message>
            <source>The artist's own times</source>
            <translation>Die eigenen Zeiten</translation>
        </message>
        <message>
            <source>The collection of this work is not here any more.</source>
            <translation>Die Sammlung dieses Werkes ist nicht mehr da.</translation>
        </message>
        <message>
            <source>Wear of %1</source>
            <translation>Verbrauch von %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::KeysPage</name>
        <message>
            <source>Keys</source>
            <translation>Tasten</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Zurück zum Paar</translation>
        </message>
        <message>
            <source>Everything can be done by keyboard</source>
            <translation>Alles geht auch mit der Tastatur</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LanguageActions</name>
        <message>
            <source>Language</source>
            <translation>Sprache</translation>
        </message>
        <message>
            <source>As the system has it</source>
            <translation>Wie das System sie hat</translation>
        </message>
        <message>
            <source>The window speaks it when it begins anew; the project is opened again.</source>
            <translation>Das Fenster spricht sie, wenn es neu beginnt; das Projekt wird wieder geöffnet.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Neu beginnen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LatticeView</name>
        <message>
            <source>Tray: value upwards, hue across</source>
            <translation>Ablage: Tonwert nach oben, Farbton nach rechts</translation>
        </message>
        <message>
            <source>red</source>
            <translation>rot</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>gelb</translation>
        </message>
        <message>
            <source>green</source>
            <translation>grün</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>blau</translation>
        </message>
        <message>
            <source>violet</source>
            <translation>violett</translation>
        </message>
        <message>
            <source>grey</source>
            <translation>grau</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LayersPanel</name>
        <message>
            <source>Most layers of one mass</source>
            <translation>Höchstens Lagen einer Masse</translation>
        </message>
        <message>
            <source>Length of a sitting, minutes</source>
            <translation>Länge einer Sitzung, Minuten</translation>
        </message>
        <message>
            <source>The plan in numbers</source>
            <translation>Der Plan in Zahlen</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Partien</translation>
        </message>
        <message>
            <source>The passage</source>
            <translation>Die Partie</translation>
        </message>
        <message>
            <source>Core sample</source>
            <translation>Bohrkern</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Ablage</translation>
        </message>
        <message>
            <source>Advice</source>
            <translation>Rat</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Durchgänge</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Wie es aufgebaut wird</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Zeit</translation>
        </message>
        <message>
            <source>Safety</source>
            <translation>Sicherheit</translation>
        </message>
        <message>
            <source>Advice (%1)</source>
            <translation>Rat (%1)</translation>
        </message>
        <message>
            <source>Layers of a mass</source>
            <translation>Lagen einer Masse</translation>
        </message>
        <message>
            <source>Length of a sitting</source>
            <translation>Länge einer Sitzung</translation>
        </message>
        <message>
            <source>Open a picture: the time it takes will stand here.</source>
            <translation>Ein Bild öffnen: hier steht dann, wie lange es dauert.</translation>
        </message>
        <message>
            <source>Open a picture: the cautions for its materials will stand here.</source>
            <translation>Ein Bild öffnen: hier stehen dann die Warnungen zu seinen Mitteln.</translation>
        </message>
        <message>
            <source>dust mask</source>
            <translation>Staubmaske</translation>
        </message>
        <message>
            <source>dust</source>
            <translation>Staub</translation>
        </message>
        <message>
            <source>Likeness over time</source>
            <translation>Ähnlichkeit mit der Zeit</translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es)</source>
            <translation>
                <numerusform>%n Durchgang</numerusform>
                <numerusform>%n Durchgänge</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::LightSection</name>
        <message>
            <source>Exposure, tenths of a stop</source>
            <translation>Belichtung, Zehntel einer Blende</translation>
        </message>
        <message>
            <source>Pick grey</source>
            <translation>Grau zeigen</translation>
        </message>
        <message>
            <source>Pick white</source>
            <translation>Weiß zeigen</translation>
        </message>
        <message>
            <source>As it was</source>
            <translation>Wie es war</translation>
        </message>
        <message>
            <source>Upright</source>
            <translation>Hochformat</translation>
        </message>
        <message>
            <source>Thirds and light</source>
            <translation>Drittel und Licht</translation>
        </message>
        <message>
            <source>Horizon</source>
            <translation>Horizont</translation>
        </message>
        <message>
            <source>Light from</source>
            <translation>Licht von</translation>
        </message>
        <message>
            <source>Where the light comes from, degrees</source>
            <translation>Woher das Licht kommt, Grad</translation>
        </message>
        <message>
            <source>seen</source>
            <translation>gesehen</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>gelegt</translation>
        </message>
        <message>
            <source>Fit of the values</source>
            <translation>Anpassung der Tonwerte</translation>
        </message>
        <message>
            <source>Values as seen</source>
            <translation>Tonwerte wie gesehen</translation>
        </message>
        <message>
            <source>Draw the whole range together</source>
            <translation>Den ganzen Umfang zusammenziehen</translation>
        </message>
        <message>
            <source>Keep the lights, draw the darks together</source>
            <translation>Lichter halten, Dunkelheiten zusammenziehen</translation>
        </message>
        <message>
            <source>Keep the darks, draw the lights together</source>
            <translation>Dunkelheiten halten, Lichter zusammenziehen</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Belichtung</translation>
        </message>
        <message>
            <source>Light as it was</source>
            <translation>Licht, wie es war</translation>
        </message>
        <message>
            <source>Format of the sheet</source>
            <translation>Format des Blattes</translation>
        </message>
        <message>
            <source>Format: as the picture</source>
            <translation>Format: wie das Bild</translation>
        </message>
        <message>
            <source>Thirds</source>
            <translation>Drittel</translation>
        </message>
        <message>
            <source>Direction of the light</source>
            <translation>Richtung des Lichts</translation>
        </message>
        <message>
            <source>Crop</source>
            <translation>Ausschnitt</translation>
        </message>
        <message>
            <source>The horizon lies in the middle: a third up or down divides the picture better.</source>
            <translation>Der Horizont liegt in der Mitte: ein Drittel höher oder tiefer teilt das Bild besser.</translation>
        </message>
        <message>
            <source>The curve of values follows the plan.</source>
            <translation>Die Tonwertkurve folgt dem Plan.</translation>
        </message>
        <message>
            <source>Subject: value %1 to %2. These sticks on this paper: %3 to %4.</source>
            <translation>Motiv: Tonwert %1 bis %2. Diese Kreiden auf diesem Papier: %3 bis %4.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MainWindow</name>
        <message>
            <source>Stop</source>
            <translation>Anhalten</translation>
        </message>
        <message>
            <source>The salt works at dusk</source>
            <translation>Die Saline in der Dämmerung</translation>
        </message>
        <message>
            <source>The copper kettle</source>
            <translation>Der Kupferkessel</translation>
        </message>
        <message>
            <source>There is nothing to work through yet; open a picture.</source>
            <translation>Noch ist nichts durchzuarbeiten; ein Bild öffnen.</translation>
        </message>
        <message>
            <source>File</source>
            <translation>Datei</translation>
        </message>
        <message>
            <source>Print and export</source>
            <translation>Drucken und Ausgeben</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>Notizen</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Bearbeiten</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Rückgängig</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Wiederholen</translation>
        </message>
        <message>
            <source>Go</source>
            <translation>Gehe zu</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Motiv</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Grund</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Ablage</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Untermalung</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Partien</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Prüfung</translation>
        </message>
        <message>
            <source>To the easel</source>
            <translation>Zur Staffelei</translation>
        </message>
        <message>
            <source>Beside it: without the underpainting</source>
            <translation>Daneben: ohne die Untermalung</translation>
        </message>
        <message>
            <source>Put the tool away</source>
            <translation>Das Werkzeug weglegen</translation>
        </message>
        <message>
            <source>Next pass</source>
            <translation>Nächster Durchgang</translation>
        </message>
        <message>
            <source>Pass back</source>
            <translation>Durchgang zurück</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Hilfe</translation>
        </message>
        <message>
            <source>What to do here</source>
            <translation>Was hier zu tun ist</translation>
        </message>
        <message>
            <source>Your first picture</source>
            <translation>Das erste Bild</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Alle Tasten</translation>
        </message>
        <message>
            <source>About Yawning Dune</source>
            <translation>Über Yawning Dune</translation>
        </message>
        <message>
            <source>Yawning Dune %1, under the MIT licence. The shipped sticks and papers are invented; trust differences more than absolute colours.</source>
            <translation>Yawning Dune %1, unter der MIT-Lizenz. Die mitgelieferten Kreiden und Papiere sind erfunden; Abständen ist mehr zu trauen als absoluten Farben.</translation>
        </message>
        <message>
            <source>Look</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>Both, side by side</source>
            <translation>Beide, nebeneinander</translation>
        </message>
        <message>
            <source>Subject alone</source>
            <translation>Motiv allein</translation>
        </message>
        <message>
            <source>Board alone</source>
            <translation>Vorschau allein</translation>
        </message>
        <message>
            <source>Wipe between them, with the pointer</source>
            <translation>Dazwischen wischen, mit dem Zeiger</translation>
        </message>
        <message>
            <source>As large as on the paper</source>
            <translation>So groß wie auf dem Papier</translation>
        </message>
        <message>
            <source>Mirrored: what is out of true shows</source>
            <translation>Gespiegelt: was schief ist, fällt auf</translation>
        </message>
        <message>
            <source>Upside down: shapes, not things</source>
            <translation>Auf dem Kopf: Formen, keine Dinge</translation>
        </message>
        <message>
            <source>The whole picture</source>
            <translation>Das ganze Bild</translation>
        </message>
        <message>
            <source>This colour and how it is built</source>
            <translation>Diese Farbe und wie sie aufgebaut ist</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>Board without underpainting</source>
            <translation>Vorschau ohne Untermalung</translation>
        </message>
        <message>
            <source>Board on %1</source>
            <translation>Vorschau auf %1</translation>
        </message>
        <message>
            <source>There is no underpainting to leave out: choose one at the stage Underpainting.</source>
            <translation>Da ist keine Untermalung zum Weglassen: eine bei „Untermalung“ wählen.</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Vorschau</translation>
        </message>
        <message>
            <source>Board after pass %1 of %2</source>
            <translation>Vorschau nach Durchgang %1 von %2</translation>
        </message>
        <message>
            <source>%1, %2 in all</source>
            <translation>%1, %2 insgesamt</translation>
        </message>
        <message>
            <source>your school</source>
            <translation>eigene Schule</translation>
        </message>
        <message>
            <source>as advised</source>
            <translation>wie geraten</translation>
        </message>
        <message>
            <source>On its side: what hangs, and reflections</source>
            <translation>Auf der Seite: was schief hängt, und Spiegelungen</translation>
        </message>
        <message>
            <source>Marks of the pass, as outlines</source>
            <translation>Striche des Durchgangs als Umrisse</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MarginModel</name>
        <message>
            <source>%1  %2</source>
            <translation>%1  %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MassSection</name>
        <message>
            <source>Focal point</source>
            <translation>Blickpunkt</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Massen</translation>
        </message>
        <message>
            <source>Merge with</source>
            <translation>Vereinen mit</translation>
        </message>
        <message>
            <source>Name of the mass</source>
            <translation>Name der Masse</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Plane</source>
            <translation>Raumebene</translation>
        </message>
        <message>
            <source>background</source>
            <translation>Hintergrund</translation>
        </message>
        <message>
            <source>middle ground</source>
            <translation>Mittelgrund</translation>
        </message>
        <message>
            <source>foreground</source>
            <translation>Vordergrund</translation>
        </message>
        <message>
            <source>Edge</source>
            <translation>Kante</translation>
        </message>
        <message>
            <source>hard edge</source>
            <translation>harte Kante</translation>
        </message>
        <message>
            <source>soft edge</source>
            <translation>weiche Kante</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Was es ist</translation>
        </message>
        <message>
            <source>What it is decides the marks: water lies level, grass stands, fur grows; skin and glass are rubbed smooth.</source>
            <translation>Was es ist, bestimmt die Striche: Wasser liegt waagerecht, Gras steht, Fell wächst; Haut und Glas werden glatt verrieben.</translation>
        </message>
        <message>
            <source>what is it?</source>
            <translation>was ist es?</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>Himmel</translation>
        </message>
        <message>
            <source>water</source>
            <translation>Wasser</translation>
        </message>
        <message>
            <source>reflection</source>
            <translation>Spiegelung</translation>
        </message>
        <message>
            <source>grass</source>
            <translation>Gras</translation>
        </message>
        <message>
            <source>fur</source>
            <translation>Fell</translation>
        </message>
        <message>
            <source>feather</source>
            <translation>Gefieder</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>cloth</source>
            <translation>Stoff</translation>
        </message>
        <message>
            <source>stone</source>
            <translation>Stein</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>Laub</translation>
        </message>
        <message>
            <source>metal</source>
            <translation>Metall</translation>
        </message>
        <message>
            <source>glass</source>
            <translation>Glas</translation>
        </message>
        <message>
            <source>A colour of your own for this mass</source>
            <translation>Eine eigene Farbe für diese Masse</translation>
        </message>
        <message>
            <source>Its values stay; dark, middle and light become one family</source>
            <translation>Ihre Tonwerte bleiben; Dunkel, Mittel und Licht werden eine Familie</translation>
        </message>
        <message>
            <source>Name of a mass</source>
            <translation>Name einer Masse</translation>
        </message>
        <message>
            <source>What a mass is</source>
            <translation>Was eine Masse ist</translation>
        </message>
        <message>
            <source>A colour of its own…</source>
            <translation>Eine eigene Farbe …</translation>
        </message>
        <message>
            <source>As the subject has it</source>
            <translation>Wie das Motiv sie hat</translation>
        </message>
        <message>
            <source>Another colour…</source>
            <translation>Andere Farbe …</translation>
        </message>
        <message>
            <source>Colour of a mass</source>
            <translation>Farbe einer Masse</translation>
        </message>
        <message>
            <source>Split by value</source>
            <translation>Nach Tonwert teilen</translation>
        </message>
        <message>
            <source>Split by a line</source>
            <translation>Mit einer Linie teilen</translation>
        </message>
        <message>
            <source>Paint its border</source>
            <translation>Ihre Grenze malen</translation>
        </message>
        <message>
            <source>Merge</source>
            <translation>Vereinen</translation>
        </message>
        <message>
            <source>Open a picture to see its masses.</source>
            <translation>Ein Bild öffnen, um seine Massen zu sehen.</translation>
        </message>
        <message>
            <source>Merge with a neighbour…</source>
            <translation>Mit einem Nachbarn vereinen …</translation>
        </message>
        <message>
            <source>as warm as its neighbours</source>
            <translation>so warm wie die Nachbarn</translation>
        </message>
        <message>
            <source>warmer than its neighbours</source>
            <translation>wärmer als die Nachbarn</translation>
        </message>
        <message>
            <source>cooler than its neighbours</source>
            <translation>kühler als die Nachbarn</translation>
        </message>
        <message>
            <source>%1 % of the picture, value %2, %3, %4.</source>
            <translation>%1 % des Bildes, Tonwert %2, %3, %4.</translation>
        </message>
        <message>
            <source>The focal point lies in the middle; a third is livelier.</source>
            <translation>Der Blickpunkt liegt in der Mitte; ein Drittel ist lebendiger.</translation>
        </message>
        <message>
            <source>How much, %</source>
            <translation>Wie sehr, %</translation>
        </message>
        <message>
            <source>Colour of a mass, how much</source>
            <translation>Farbe einer Masse, wie sehr</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MeasureSection</name>
        <message>
            <source>Centre line</source>
            <translation>Mittellinie</translation>
        </message>
        <message>
            <source>Forget places</source>
            <translation>Stellen vergessen</translation>
        </message>
        <message>
            <source>Draw a line on the subject, or mark two places with Space.</source>
            <translation>Eine Linie auf dem Motiv ziehen oder zwei Stellen mit der Leertaste markieren.</translation>
        </message>
        <message>
            <source>Test patch: click a colour of the subject.</source>
            <translation>Prüffleck: eine Farbe des Motivs anklicken.</translation>
        </message>
        <message>
            <source>Grid</source>
            <translation>Raster</translation>
        </message>
        <message>
            <source>No grid</source>
            <translation>Kein Raster</translation>
        </message>
        <message>
            <source>Grid of %1 by %1</source>
            <translation>Raster %1 mal %1</translation>
        </message>
        <message>
            <source>The colour on middle grey and in its place</source>
            <translation>Die Farbe auf mittlerem Grau und an ihrem Platz</translation>
        </message>
        <message>
            <source>Length and angle</source>
            <translation>Länge und Winkel</translation>
        </message>
        <message>
            <source>Compare two</source>
            <translation>Zwei vergleichen</translation>
        </message>
        <message>
            <source>Two lengths, one against the other</source>
            <translation>Zwei Längen, eine gegen die andere</translation>
        </message>
        <message>
            <source>Mark places</source>
            <translation>Stellen markieren</translation>
        </message>
        <message>
            <source>What lies under each other or on one level is said, here and at the easel</source>
            <translation>Was untereinander oder auf einer Höhe liegt, wird gesagt, hier und an der Staffelei</translation>
        </message>
        <message>
            <source>Places forgotten</source>
            <translation>Stellen vergessen</translation>
        </message>
        <message>
            <source>%1. Across %2, down %3.</source>
            <translation>%1. Quer %2, hoch %3.</translation>
        </message>
        <message>
            <source>%1 and %2: the second is %3 the first (%4).</source>
            <translation>%1 und %2: die zweite ist %3 erste (%4).</translation>
        </message>
        <message>
            <source>Mass %1, number %2 by height: %3, its width %4 its height; %5 from the left, %6 from the top.</source>
            <translation>Masse %1, nach Höhe Nummer %2: %3, Breite %4 Höhe; %5 von links, %6 von oben.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MendingModel</name>
        <message>
            <source>%1. Then %2.</source>
            <translation>%1. Dann %2.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::NotesActions</name>
        <message>
            <source>Journal</source>
            <translation>Werkbuch</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Übung</translation>
        </message>
        <message>
            <source>Keep the recipe of this colour</source>
            <translation>Das Rezept dieser Farbe behalten</translation>
        </message>
        <message>
            <source>Use the recipe kept last</source>
            <translation>Das zuletzt behaltene Rezept nehmen</translation>
        </message>
        <message>
            <source>Keep the photograph of the work</source>
            <translation>Das Foto der Arbeit behalten</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>Point at a colour first: the recipe that is kept is its own.</source>
            <translation>Zuerst auf eine Farbe zeigen: behalten wird ihr Rezept.</translation>
        </message>
        <message>
            <source>Kept: %1 Shift+K gives it to another colour you point at, here or in another picture.</source>
            <translation>Behalten: %1 Umschalt+K gibt es einer anderen gezeigten Farbe, hier oder in einem anderen Bild.</translation>
        </message>
        <message>
            <source>No recipe was kept or chosen yet: K keeps one, J shows them all.</source>
            <translation>Noch ist kein Rezept behalten oder gewählt: K behält eines, J zeigt alle.</translation>
        </message>
        <message>
            <source>There is no photograph yet: open one at the stage Check.</source>
            <translation>Noch ist kein Foto da: eines bei „Prüfung“ öffnen.</translation>
        </message>
        <message>
            <source>The photograph is in the journal.</source>
            <translation>Das Foto ist im Werkbuch.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::NoticeBar</name>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OffcutPage</name>
        <message>
            <source>All on one grey</source>
            <translation>Alle auf einem Grau</translation>
        </message>
        <message>
            <source>Masks the papers to a common grey, so that the strips can be judged</source>
            <translation>Deckt die Papiere mit einem gemeinsamen Grau ab, damit sich die Streifen beurteilen lassen</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Zurück zum Paar</translation>
        </message>
        <message>
            <source>Offcut sheet: the most delicate colours, two layers of pan, pencil and stick</source>
            <translation>Probeblatt: die heikelsten Farben, zwei Lagen Näpfchen, Stift und Kreide</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OffcutView</name>
        <message>
            <source>Offcut sheet: delicate colours on the papers that suit best</source>
            <translation>Probeblatt: heikle Farben auf den Papieren, die am besten passen</translation>
        </message>
        <message>
            <source>Point at a strip to see it large.</source>
            <translation>Auf einen Streifen zeigen, um ihn groß zu sehen.</translation>
        </message>
        <message>
            <source>Enter or a double click takes this paper.</source>
            <translation>Eingabe oder ein Doppelklick nimmt dieses Papier.</translation>
        </message>
        <message>
            <source>none</source>
            <translation>keine</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OwnColoursSection</name>
        <message>
            <source>Mood of the whole picture</source>
            <translation>Stimmung des ganzen Bildes</translation>
        </message>
        <message>
            <source>How much, %</source>
            <translation>Wie sehr, %</translation>
        </message>
        <message>
            <source>The colour that leads</source>
            <translation>Die Farbe, die führt</translation>
        </message>
        <message>
            <source>Colours of another picture…</source>
            <translation>Farben eines anderen Bildes …</translation>
        </message>
        <message>
            <source>Give back</source>
            <translation>Zurückgeben</translation>
        </message>
        <message>
            <source>A colour that comes back in every dark</source>
            <translation>Eine Farbe, die in jeder Dunkelheit wiederkehrt</translation>
        </message>
        <message>
            <source>Families for a drawing or a grey page</source>
            <translation>Familien für eine Zeichnung oder graue Vorlage</translation>
        </message>
        <message>
            <source>Show it as it is</source>
            <translation>Zeigen, wie es ist</translation>
        </message>
        <message>
            <source>Give all back</source>
            <translation>Alles zurückgeben</translation>
        </message>
        <message>
            <source>Mood: as seen</source>
            <translation>Stimmung: wie gesehen</translation>
        </message>
        <message>
            <source>More vivid</source>
            <translation>Leuchtender</translation>
        </message>
        <message>
            <source>Quieter</source>
            <translation>Ruhiger</translation>
        </message>
        <message>
            <source>Warm light, cool shadow</source>
            <translation>Warmes Licht, kühler Schatten</translation>
        </message>
        <message>
            <source>Cool light, warm shadow</source>
            <translation>Kühles Licht, warmer Schatten</translation>
        </message>
        <message>
            <source>Led by one colour</source>
            <translation>Von einer Farbe geführt</translation>
        </message>
        <message>
            <source>For a grey page…</source>
            <translation>Für eine graue Vorlage …</translation>
        </message>
        <message>
            <source>Values of this subject, colours from there: a picture, or a work of yours</source>
            <translation>Tonwerte dieses Motivs, Farben von dort: ein Bild oder ein eigenes Werk</translation>
        </message>
        <message>
            <source>Mood</source>
            <translation>Stimmung</translation>
        </message>
        <message>
            <source>Mood, how much</source>
            <translation>Stimmung, wie sehr</translation>
        </message>
        <message>
            <source>Leading colour</source>
            <translation>Führende Farbe</translation>
        </message>
        <message>
            <source>Borrowed colours, how much</source>
            <translation>Geliehene Farben, wie sehr</translation>
        </message>
        <message>
            <source>Borrowed colours given back</source>
            <translation>Geliehene Farben zurückgegeben</translation>
        </message>
        <message>
            <source>Returning colour</source>
            <translation>Wiederkehrende Farbe</translation>
        </message>
        <message>
            <source>Colours as the subject has them</source>
            <translation>Farben, wie das Motiv sie hat</translation>
        </message>
        <message>
            <source>Colours of another picture</source>
            <translation>Farben eines anderen Bildes</translation>
        </message>
        <message>
            <source>Pictures and works (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune)</source>
            <translation>Bilder und Werke (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune)</translation>
        </message>
        <message>
            <source>Reading its colours …</source>
            <translation>Seine Farben werden gelesen …</translation>
        </message>
        <message>
            <source>Borrowed colours</source>
            <translation>Geliehene Farben</translation>
        </message>
        <message>
            <source>Families of colour</source>
            <translation>Farbfamilien</translation>
        </message>
        <message>
            <source>From %1</source>
            <translation>Aus %1</translation>
        </message>
        <message>
            <source>Led by …</source>
            <translation>Geführt von …</translation>
        </message>
        <message>
            <source>No colour returns</source>
            <translation>Keine Farbe kehrt wieder</translation>
        </message>
        <message>
            <source>The one chosen</source>
            <translation>Die gewählte</translation>
        </message>
        <message>
            <source>Open a picture first.</source>
            <translation>Zuerst ein Bild öffnen.</translation>
        </message>
        <message>
            <source>This subject has no colours: give its masses families, or borrow a palette.</source>
            <translation>Dieses Motiv hat keine Farben: seinen Massen Familien geben oder eine Palette leihen.</translation>
        </message>
        <message>
            <source>Colours as the subject has them.</source>
            <translation>Farben, wie das Motiv sie hat.</translation>
        </message>
        <message>
            <source>Values are kept.</source>
            <translation>Die Tonwerte bleiben.</translation>
        </message>
        <message>
            <source>What the tray does not reach of them</source>
            <translation>Was die Ablage davon nicht erreicht</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Pair</name>
        <message>
            <source>Subject</source>
            <translation>Motiv</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Vorschau</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PaperModel</name>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>%1, value %2, tooth %3</source>
            <translation>%1, Tonwert %2, Zahn %3</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassModel</name>
        <message>
            <source>Fixative</source>
            <translation>Fixativ</translation>
        </message>
        <message>
            <source>Underpainting: %1</source>
            <translation>Untermalung: %1</translation>
        </message>
        <message>
            <source>%1, rub</source>
            <translation>%1, verreiben</translation>
        </message>
        <message>
            <source>sprayed</source>
            <translation>gesprüht</translation>
        </message>
        <message>
            <source>coat</source>
            <translation>Auftrag</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>gelegt</translation>
        </message>
        <message>
            <source>rubbed</source>
            <translation>verrieben</translation>
        </message>
        <message>
            <source>Delicate: try it on an offcut first.</source>
            <translation>Heikel: zuerst auf einem Probestück versuchen.</translation>
        </message>
        <message>
            <source>No.</source>
            <translation>Nr.</translation>
        </message>
        <message>
            <source>Stick</source>
            <translation>Kreide</translation>
        </message>
        <message>
            <source>Hand</source>
            <translation>Hand</translation>
        </message>
        <message>
            <source>How</source>
            <translation>Wie</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Zeit</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Massen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassSection</name>
        <message>
            <source>Back</source>
            <translation>Zurück</translation>
        </message>
        <message>
            <source>Next pass</source>
            <translation>Nächster Durchgang</translation>
        </message>
        <message>
            <source>Planner's order</source>
            <translation>Reihenfolge des Planers</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Durchgänge</translation>
        </message>
        <message>
            <source>Why here</source>
            <translation>Warum hier</translation>
        </message>
        <message>
            <source>Pass moved</source>
            <translation>Durchgang verschoben</translation>
        </message>
        <message>
            <source>The bare paper.</source>
            <translation>Das bloße Papier.</translation>
        </message>
        <message>
            <source>Open a picture: its passes will stand here, each with its reasons.</source>
            <translation>Ein Bild öffnen: hier stehen dann seine Durchgänge, jeder mit seinen Gründen.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassTable</name>
        <message>
            <source>Drag a pass to another place, or press Alt with up or down.</source>
            <translation>Einen Durchgang an eine andere Stelle ziehen oder Alt mit Auf oder Ab drücken.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Peephole</name>
        <message>
            <source>Card with holes: the colours under the pointer</source>
            <translation>Karte mit Löchern: die Farben unter dem Zeiger</translation>
        </message>
        <message>
            <source>%1: %2, value %3. </source>
            <translation>%1: %2, Tonwert %3. </translation>
        </message>
        <message>
            <source>Board: %1; %2</source>
            <translation>Vorschau: %1; %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PhotoSection</name>
        <message>
            <source>Photograph…</source>
            <translation>Foto …</translation>
        </message>
        <message>
            <source>Simulate one</source>
            <translation>Eines simulieren</translation>
        </message>
        <message>
            <source>Find corners</source>
            <translation>Ecken suchen</translation>
        </message>
        <message>
            <source>Tray laid on the margin</source>
            <translation>Ablage auf den Rand gelegt</translation>
        </message>
        <message>
            <source>A photograph of the whole sheet, with bare paper all round the picture; where there is none, with printed corner marks (Print and export)</source>
            <translation>Ein Foto des ganzen Blattes mit bloßem Papier rund um das Bild; wo keines ist, mit gedruckten Eckmarken („Drucken und Ausgeben“)</translation>
        </message>
        <message>
            <source>Paints what is done with an unsteady, forgetful hand and photographs it: to try the check</source>
            <translation>Malt das Erledigte mit unsicherer, vergesslicher Hand und fotografiert es: um die Prüfung zu probieren</translation>
        </message>
        <message>
            <source>Passes that are done</source>
            <translation>Erledigte Durchgänge</translation>
        </message>
        <message>
            <source>Every stick of the tray side by side on the lower margin, dark to light, pressed firmly and rubbed in, twice: colours are judged by them</source>
            <translation>Jede Kreide der Ablage nebeneinander auf dem unteren Rand, dunkel nach hell, fest gedrückt und verrieben, zweimal: danach werden die Farben beurteilt</translation>
        </message>
        <message>
            <source>Passes done</source>
            <translation>Erledigte Durchgänge</translation>
        </message>
        <message>
            <source>Open a picture first: a photograph of the work is held against its plan.</source>
            <translation>Zuerst ein Bild öffnen: ein Foto der Arbeit wird gegen seinen Plan gehalten.</translation>
        </message>
        <message>
            <source>Looking at it …</source>
            <translation>Wird angesehen …</translation>
        </message>
        <message>
            <source>Say how many passes are done, here or at the easel, and photograph the whole sheet with its margin.</source>
            <translation>Sagen, wie viele Durchgänge erledigt sind, hier oder an der Staffelei, und das ganze Blatt mit Rand fotografieren.</translation>
        </message>
        <message>
            <source>Photograph the whole sheet with its margin, in even light, and drop the file here.</source>
            <translation>Das ganze Blatt mit Rand in gleichmäßigem Licht fotografieren und die Datei hierher ziehen.</translation>
        </message>
        <message>
            <source>Say how many passes are done.</source>
            <translation>Sagen, wie viele Durchgänge erledigt sind.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PracticePage</name>
        <message>
            <source>Begin</source>
            <translation>Beginnen</translation>
        </message>
        <message>
            <source>drills</source>
            <translation>Übungen</translation>
        </message>
        <message>
            <source>told apart</source>
            <translation>unterschieden</translation>
        </message>
        <message>
            <source>Leave it (Esc)</source>
            <translation>Verlassen (Esc)</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Übung</translation>
        </message>
        <message>
            <source>Practice: answer with the number keys</source>
            <translation>Übung: mit den Zifferntasten antworten</translation>
        </message>
        <message>
            <source>Drills</source>
            <translation>Übungen</translation>
        </message>
        <message>
            <source>Hues</source>
            <translation>Farbtöne</translation>
        </message>
        <message>
            <source>Over time</source>
            <translation>Im Lauf der Zeit</translation>
        </message>
        <message>
            <source>Screens differ, and a room's light with them: compare yourself with yourself, on this screen.</source>
            <translation>Bildschirme sind verschieden, und das Licht im Raum auch: sich mit sich selbst vergleichen, auf diesem Bildschirm.</translation>
        </message>
        <message>
            <source>Stick of stroke %1</source>
            <translation>Kreide von Strich %1</translation>
        </message>
        <message>
            <source>How stroke %1 is laid</source>
            <translation>Wie Strich %1 gelegt ist</translation>
        </message>
        <message>
            <source>light</source>
            <translation>leicht</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>mittel</translation>
        </message>
        <message>
            <source>firm</source>
            <translation>fest</translation>
        </message>
        <message>
            <source>light, rubbed</source>
            <translation>leicht, verrieben</translation>
        </message>
        <message>
            <source>middle, rubbed</source>
            <translation>mittel, verrieben</translation>
        </message>
        <message>
            <source>firm, rubbed</source>
            <translation>fest, verrieben</translation>
        </message>
        <message>
            <source>Lay it</source>
            <translation>Legen</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>This drill is made from a picture of yours: open one first, with some masses in it.</source>
            <translation>Diese Übung wird aus einem eigenen Bild gemacht: zuerst eines öffnen, mit einigen Massen darin.</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>Right.</source>
            <translation>Richtig.</translation>
        </message>
        <message>
            <source>It was %1.</source>
            <translation>Es war %1.</translation>
        </message>
        <message>
            <source>You came within %1 of it.</source>
            <translation>Auf %1 herangekommen.</translation>
        </message>
        <message>
            <source>Drills are drawn here, one after the other.</source>
            <translation>Hier werden Übungen aufgezeichnet, eine nach der anderen.</translation>
        </message>
        <message>
            <source>None yet.</source>
            <translation>Noch keine.</translation>
        </message>
        <message>
            <source>Last: %1, ± %2. %3</source>
            <translation>Zuletzt: %1, ± %2. %3</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>%1: %2.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SchoolPage</name>
        <message>
            <source>Back to the pair</source>
            <translation>Zurück zum Paar</translation>
        </message>
        <message>
            <source>Four ways to build a picture, cut through the tooth of this paper with sticks of this tray</source>
            <translation>Vier Arten, ein Bild aufzubauen, durch den Zahn dieses Papiers geschnitten, mit Kreiden dieser Ablage</translation>
        </message>
        <message>
            <source>Chosen</source>
            <translation>Gewählt</translation>
        </message>
        <message>
            <source>Build this way</source>
            <translation>So aufbauen</translation>
        </message>
        <message>
            <source>%1: build this way</source>
            <translation>%1: so aufbauen</translation>
        </message>
        <message>
            <source>Usual for: %1</source>
            <translation>Üblich für: %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SchoolSection</name>
        <message>
            <source>Whole picture or one mass</source>
            <translation>Ganzes Bild oder eine Masse</translation>
        </message>
        <message>
            <source>School</source>
            <translation>Schule</translation>
        </message>
        <message>
            <source>Strokes broken or rubbed</source>
            <translation>Striche offen oder verrieben</translation>
        </message>
        <message>
            <source>Order over the sheet</source>
            <translation>Reihenfolge über das Blatt</translation>
        </message>
        <message>
            <source>About…</source>
            <translation>Mehr …</translation>
        </message>
        <message>
            <source>About the schools</source>
            <translation>Über die Schulen</translation>
        </message>
        <message>
            <source>Far to near</source>
            <translation>Fern nach nah</translation>
        </message>
        <message>
            <source>Features first</source>
            <translation>Wichtiges zuerst</translation>
        </message>
        <message>
            <source>For the whole picture</source>
            <translation>Für das ganze Bild</translation>
        </message>
        <message>
            <source>Way of one mass</source>
            <translation>Art einer Masse</translation>
        </message>
        <message>
            <source>As the picture</source>
            <translation>Wie das Bild</translation>
        </message>
        <message>
            <source>As advised: %1</source>
            <translation>Wie geraten: %1</translation>
        </message>
        <message>
            <source>As advised</source>
            <translation>Wie geraten</translation>
        </message>
        <message>
            <source>Broken or rubbed</source>
            <translation>Offen oder verrieben</translation>
        </message>
        <message>
            <source>Broken</source>
            <translation>Offen</translation>
        </message>
        <message>
            <source>Rubbed</source>
            <translation>Verrieben</translation>
        </message>
        <message>
            <source>For %1</source>
            <translation>Für %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Session</name>
        <message>
            <source>Wish for a stick</source>
            <translation>Wunsch nach einer Kreide</translation>
        </message>
        <message>
            <source>That is more than a project keeps: %1 changes of masses, %2 marks. Undo some, or begin a new project.</source>
            <translation>Das ist mehr, als ein Projekt aufbewahrt: %1 Änderungen von Massen, %2 Haken. Einige zurücknehmen oder ein neues Projekt beginnen.</translation>
        </message>
        <message>
            <source>%1.</source>
            <translation>%1.</translation>
        </message>
        <message>
            <source>Proven tray</source>
            <translation>Bewiesene Ablage</translation>
        </message>
        <message>
            <source>Recipe by hand</source>
            <translation>Rezept von Hand</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetView</name>
        <message>
            <source>Back to the pair</source>
            <translation>Zurück zum Paar</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetsActions</name>
        <message>
            <source>%1 is used up: say how much is left, then it can go into the tray.</source>
            <translation>%1 ist aufgebraucht: erst angeben, wie viel noch da ist, dann kann es in die Ablage.</translation>
        </message>
        <message>
            <source>%1 is not marked as owned, so no tray can hold it.</source>
            <translation>%1 ist nicht als vorhanden markiert und kann in keine Ablage.</translation>
        </message>
        <message>
            <source>I own it</source>
            <translation>Ist vorhanden</translation>
        </message>
        <message>
            <source>School</source>
            <translation>Schule</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>Collection</source>
            <translation>Sammlung</translation>
        </message>
        <message>
            <source>The papers are still being judged; try again in a moment.</source>
            <translation>Die Papiere werden noch beurteilt; gleich noch einmal versuchen.</translation>
        </message>
        <message>
            <source>The subject on every paper, its background cut away; click one to work on it</source>
            <translation>Das Motiv auf jedem Papier, der Hintergrund ausgeschnitten; eines anklicken, um darauf zu arbeiten</translation>
        </message>
        <message>
            <source>Open a picture first: the schools are shown on its paper.</source>
            <translation>Zuerst ein Bild öffnen: die Schulen werden auf seinem Papier gezeigt.</translation>
        </message>
        <message>
            <source>Advised here: %1. %2</source>
            <translation>Hier geraten: %1. %2</translation>
        </message>
        <message>
            <source>Sticks from a file</source>
            <translation>Kreiden aus einer Datei</translation>
        </message>
        <message>
            <source>Palettes and measurements (*.gpl *.csv *.txt *.cgats *.it8 *.json);;All files (*)</source>
            <translation>Paletten und Messungen (*.gpl *.csv *.txt *.cgats *.it8 *.json);;Alle Dateien (*)</translation>
        </message>
        <message>
            <source>Save the sticks</source>
            <translation>Die Kreiden speichern</translation>
        </message>
        <message>
            <source>Our collection (*.json);;CSV table (*.csv);;CGATS spectra (*.txt);;GIMP palette (*.gpl)</source>
            <translation>Unsere Sammlung (*.json);;CSV-Tabelle (*.csv);;CGATS-Spektren (*.txt);;GIMP-Palette (*.gpl)</translation>
        </message>
        <message>
            <source>What it would take is being worked out …</source>
            <translation>Was es bräuchte, wird gerade berechnet …</translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es), %1 min, %2</source>
            <translation>
                <numerusform>%n Durchgang, %1 min, %2</numerusform>
                <numerusform>%n Durchgänge, %1 min, %2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::StackView</name>
        <message>
            <source>Stack from the side, and its speckle at true scale</source>
            <translation>Aufbau von der Seite und seine Körnung in wahrer Größe</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Stages</name>
        <message>
            <source>Colour</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <source>Course: the stages of the work</source>
            <translation>Gang: die Abschnitte der Arbeit</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StartSection</name>
        <message>
            <source>Forget marks</source>
            <translation>Marken vergessen</translation>
        </message>
        <message>
            <source>Mark what matters</source>
            <translation>Markieren, was zählt</translation>
        </message>
        <message>
            <source>Masses are finer there, and the eye is led to it.</source>
            <translation>Dort werden die Massen feiner, und das Auge wird dorthin geführt.</translation>
        </message>
        <message>
            <source>Click what matters most in the picture, or draw a ring from its middle.</source>
            <translation>Anklicken, was im Bild am meisten zählt, oder einen Ring von seiner Mitte aus ziehen.</translation>
        </message>
        <message>
            <source>Marks forgotten</source>
            <translation>Marken vergessen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StickModel</name>
        <message>
            <source>Take care with the dust: pigment named as a compound harmful if breathed or swallowed. Follow the product's safety data sheet.</source>
            <translation>Vorsicht mit dem Staub: das Pigment ist eine Verbindung, die beim Einatmen oder Verschlucken schadet. Das Sicherheitsdatenblatt des Produkts beachten.</translation>
        </message>
        <message>
            <source>Stick</source>
            <translation>Kreide</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Art</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Tonwert</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Durchgänge</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StickSection</name>
        <message>
            <source>Owned (space)</source>
            <translation>Vorhanden (Leertaste)</translation>
        </message>
        <message>
            <source>Favourite</source>
            <translation>Liebling</translation>
        </message>
        <message>
            <source>The stick's stroke on the paper in use, light to firm</source>
            <translation>Der Strich der Kreide auf dem benutzten Papier, leicht bis fest</translation>
        </message>
        <message>
            <source> %</source>
            <translation> %</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Art</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Übrig</translation>
        </message>
        <message>
            <source>Pigments</source>
            <translation>Pigmente</translation>
        </message>
        <message>
            <source>Lightfastness</source>
            <translation>Lichtechtheit</translation>
        </message>
        <message>
            <source>Choose a stick: its stroke and what is known of it stand here.</source>
            <translation>Eine Kreide wählen: hier stehen ihr Strich und was von ihr bekannt ist.</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, Tonwert %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StockSection</name>
        <message>
            <source>Sticks</source>
            <translation>Kreiden</translation>
        </message>
        <message>
            <source>What unfinished works take of each stick</source>
            <translation>Was unfertige Werke von jeder Kreide brauchen</translation>
        </message>
        <message>
            <source>To get</source>
            <translation>Zu besorgen</translation>
        </message>
        <message>
            <source>not in a collection here</source>
            <translation>in keiner Sammlung hier</translation>
        </message>
        <message>
            <source>%1 mm left</source>
            <translation>noch %1 mm</translation>
        </message>
        <message>
            <source>%1
%2 mm needed, %3%4</source>
            <translation>%1
%2 mm nötig, %3%4</translation>
        </message>
        <message>
            <source> · runs out</source>
            <translation> · geht aus</translation>
        </message>
        <message>
            <source>Nothing: no unfinished work needs what is not there.</source>
            <translation>Nichts: kein unfertiges Werk braucht, was nicht da ist.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StrokeRows</name>
        <message>
            <source>The strokes of the passage</source>
            <translation>Die Striche der Partie</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1: %2, %3</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StrokeView</name>
        <message>
            <source>Mark: %1</source>
            <translation>Strich: %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SubjectPanel</name>
        <message>
            <source>Squint</source>
            <translation>Zukneifen</translation>
        </message>
        <message>
            <source>Most masses</source>
            <translation>Höchstens Massen</translation>
        </message>
        <message>
            <source>Value steps</source>
            <translation>Tonwertstufen</translation>
        </message>
        <message>
            <source>What the picture is</source>
            <translation>Was das Bild ist</translation>
        </message>
        <message>
            <source>Start here</source>
            <translation>Hier beginnen</translation>
        </message>
        <message>
            <source>Half-closed eyes</source>
            <translation>Halb geschlossene Augen</translation>
        </message>
        <message>
            <source>Values</source>
            <translation>Tonwerte</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Massen</translation>
        </message>
        <message>
            <source>Own colours</source>
            <translation>Eigene Farben</translation>
        </message>
        <message>
            <source>Light and crop</source>
            <translation>Licht und Ausschnitt</translation>
        </message>
        <message>
            <source>Measure</source>
            <translation>Messen</translation>
        </message>
        <message>
            <source>Which way values are counted</source>
            <translation>Wie Tonwerte gezählt werden</translation>
        </message>
        <message>
            <source>1 is black</source>
            <translation>1 ist Schwarz</translation>
        </message>
        <message>
            <source>1 is white</source>
            <translation>1 ist Weiß</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>Warmth</source>
            <translation>Wärme</translation>
        </message>
        <message>
            <source>contrast %1 of nine</source>
            <translation>Kontrast %1 von neun</translation>
        </message>
        <message>
            <source>Things</source>
            <translation>Dinge</translation>
        </message>
        <message>
            <source>How large a sheet</source>
            <translation>Wie groß das Blatt</translation>
        </message>
        <message>
            <source>Thumbnails</source>
            <translation>Kleine Skizzen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SubjectTools</name>
        <message>
            <source>Click what ought to be grey (or Space at the cross). Escape: leave it.</source>
            <translation>Anklicken, was grau sein sollte (oder Leertaste am Kreuz). Esc: lassen.</translation>
        </message>
        <message>
            <source>Click what ought to be white (or Space at the cross). Escape: leave it.</source>
            <translation>Anklicken, was weiß sein sollte (oder Leertaste am Kreuz). Esc: lassen.</translation>
        </message>
        <message>
            <source>Draw the line that splits mass %1, or mark its two ends with Space.</source>
            <translation>Die Linie ziehen, die Masse %1 teilt, oder ihre Enden mit der Leertaste markieren.</translation>
        </message>
        <message>
            <source>Paint what belongs to mass %1. Escape: done.</source>
            <translation>Malen, was zu Masse %1 gehört. Esc: fertig.</translation>
        </message>
        <message>
            <source>Draw from the middle of what matters to its rim, or click it. Escape: leave it.</source>
            <translation>Von der Mitte dessen, worauf es ankommt, zum Rand ziehen oder anklicken. Esc: lassen.</translation>
        </message>
        <message>
            <source>Draw a line to measure, or mark its two ends with Space. Escape: done.</source>
            <translation>Eine Linie zum Messen ziehen oder ihre Enden mit der Leertaste markieren. Esc: fertig.</translation>
        </message>
        <message>
            <source>Click places to set out by; what lies plumb or level is said. Escape: done.</source>
            <translation>Stellen zum Anlegen anklicken; was lotrecht oder waagerecht liegt, wird gesagt. Esc: fertig.</translation>
        </message>
        <message>
            <source>Draw the first length, then the second. Escape: done.</source>
            <translation>Die erste Länge ziehen, dann die zweite. Esc: fertig.</translation>
        </message>
        <message>
            <source>Split by a line</source>
            <translation>Mit einer Linie teilen</translation>
        </message>
        <message>
            <source>Painted border</source>
            <translation>Gemalte Grenze</translation>
        </message>
        <message>
            <source>Place to set out by</source>
            <translation>Stelle zum Anlegen</translation>
        </message>
        <message>
            <source>What matters</source>
            <translation>Worauf es ankommt</translation>
        </message>
        <message>
            <source>White picked</source>
            <translation>Weiß gezeigt</translation>
        </message>
        <message>
            <source>Grey picked</source>
            <translation>Grau gezeigt</translation>
        </message>
        <message>
            <source>Draw roughly round the thing, a little outside it. Escape: leave it.</source>
            <translation>Ungefähr um das Ding ziehen, ein wenig außerhalb. Escape: lassen.</translation>
        </message>
        <message>
            <source>Draw over what belongs to it too. Escape: done.</source>
            <translation>Übermalen, was auch dazugehört. Escape: fertig.</translation>
        </message>
        <message>
            <source>Draw over what does not belong to it. Escape: done.</source>
            <translation>Übermalen, was nicht dazugehört. Escape: fertig.</translation>
        </message>
        <message>
            <source>Thing</source>
            <translation>Ding</translation>
        </message>
        <message>
            <source>This too</source>
            <translation>Das auch</translation>
        </message>
        <message>
            <source>Not this</source>
            <translation>Das nicht</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TimeRibbon</name>
        <message>
            <source>The sittings and what they are spent on</source>
            <translation>Die Sitzungen und wofür sie draufgehen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TimesSection</name>
        <message>
            <source>Your times</source>
            <translation>Eigene Zeiten</translation>
        </message>
        <message>
            <source>Plan with my times</source>
            <translation>Mit meinen Zeiten planen</translation>
        </message>
        <message>
            <source>Minutes at the easel against the plan's</source>
            <translation>Minuten an der Staffelei gegen die des Plans</translation>
        </message>
        <message>
            <source>Hands measured by offcuts</source>
            <translation>Nach Probestrichen gemessene Hände</translation>
        </message>
        <message>
            <source>None yet: Ground, Your hand.</source>
            <translation>Noch keine: „Grund“, „Die eigene Hand“.</translation>
        </message>
        <message>
            <source>The plan counts with your times.</source>
            <translation>Der Plan rechnet mit den eigenen Zeiten.</translation>
        </message>
        <message>
            <source>Half of all passes took you this much longer or shorter than we said. Each was foretold from the others.</source>
            <translation>Die Hälfte aller Durchgänge dauerte um so viel länger oder kürzer als gesagt. Jeder wurde aus den anderen vorausgesagt.</translation>
        </message>
        <message numerus="yes">
            <source>After %n timed pass(es) your own times can replace our guess.</source>
            <translation>
                <numerusform>Nach %n gestoppten Durchgang können die eigenen Zeiten unsere Schätzung ersetzen.</numerusform>
                <numerusform>Nach %n gestoppten Durchgängen können die eigenen Zeiten unsere Schätzung ersetzen.</numerusform>
            </translation>
        </message>
        <message>
            <source>Plan with the usual times</source>
            <translation>Mit den üblichen Zeiten planen</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TrayPanel</name>
        <message>
            <source>Most sticks in the tray</source>
            <translation>Höchstens Kreiden in der Ablage</translation>
        </message>
        <message>
            <source>sticks</source>
            <translation>Kreiden</translation>
        </message>
        <message>
            <source>difference left</source>
            <translation>Abstand, der bleibt</translation>
        </message>
        <message>
            <source>Price of a further medium</source>
            <translation>Preis eines weiteren Mittels</translation>
        </message>
        <message>
            <source>Wish that colours return</source>
            <translation>Wunsch, dass Farben wiederkehren</translation>
        </message>
        <message>
            <source>What the tray reaches</source>
            <translation>Was die Ablage erreicht</translation>
        </message>
        <message>
            <source>Sticks of the tray</source>
            <translation>Kreiden der Ablage</translation>
        </message>
        <message>
            <source>The curve of errors is being drawn.</source>
            <translation>Die Fehlerkurve wird gezeichnet.</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Ablage</translation>
        </message>
        <message>
            <source>How many</source>
            <translation>Wie viele</translation>
        </message>
        <message>
            <source>Out of reach</source>
            <translation>Außer Reichweite</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Kreiden</translation>
        </message>
        <message>
            <source>Value by hue</source>
            <translation>Tonwert nach Farbton</translation>
        </message>
        <message>
            <source>One mass</source>
            <translation>Eine Masse</translation>
        </message>
        <message>
            <source>Wishes</source>
            <translation>Wünsche</translation>
        </message>
        <message>
            <source>Sticks in the tray</source>
            <translation>Kreiden in der Ablage</translation>
        </message>
        <message>
            <source>Collection</source>
            <translation>Sammlung</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Bearbeiten</translation>
        </message>
        <message>
            <source>Import…</source>
            <translation>Einlesen …</translation>
        </message>
        <message>
            <source>Photograph a box…</source>
            <translation>Kasten fotografieren …</translation>
        </message>
        <message>
            <source>Export…</source>
            <translation>Ausgeben …</translation>
        </message>
        <message>
            <source>Must have</source>
            <translation>Muss dabei sein</translation>
        </message>
        <message>
            <source>Not this one</source>
            <translation>Diese nicht</translation>
        </message>
        <message>
            <source>The chosen stick stays in the tray</source>
            <translation>Die gewählte Kreide bleibt in der Ablage</translation>
        </message>
        <message>
            <source>The chosen stick is left out</source>
            <translation>Die gewählte Kreide bleibt weg</translation>
        </message>
        <message>
            <source>%1: %2, value %3</source>
            <translation>%1: %2, Tonwert %3</translation>
        </message>
        <message>
            <source>Sticks asked for or left out</source>
            <translation>Verlangte oder weggelassene Kreiden</translation>
        </message>
        <message>
            <source>Drop this wish</source>
            <translation>Diesen Wunsch aufgeben</translation>
        </message>
        <message>
            <source>Price of a medium</source>
            <translation>Preis eines Mittels</translation>
        </message>
        <message>
            <source>Mass</source>
            <translation>Masse</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>must have: %1</source>
            <translation>muss dabei sein: %1</translation>
        </message>
        <message>
            <source>not: %1</source>
            <translation>nicht: %1</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), dark to light</source>
            <translation>
                <numerusform>%n Kreide, dunkel nach hell</numerusform>
                <numerusform>%n Kreiden, dunkel nach hell</numerusform>
            </translation>
        </message>
        <message>
            <source>How near this tray is to the best possible is worked out last.</source>
            <translation>Wie nah diese Ablage der besten möglichen kommt, wird zuletzt berechnet.</translation>
        </message>
        <message>
            <source>%1 of %2: one more is not worth its passes</source>
            <translation>%1 von %2: einer mehr ist seine Durchgänge nicht wert</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TrayView</name>
        <message>
            <source>The tray, from dark to light</source>
            <translation>Die Ablage, von dunkel nach hell</translation>
        </message>
        <message>
            <source>%1, in the hand</source>
            <translation>%1, in der Hand</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ValueStrip</name>
        <message>
            <source>Values: the area of each of nine greys</source>
            <translation>Tonwerte: die Fläche jedes von neun Grautönen</translation>
        </message>
        <message>
            <source>value %1: %2 %</source>
            <translation>Tonwert %1: %2 %</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WarmthBand</name>
        <message>
            <source>Warm against cool</source>
            <translation>Warm gegen kühl</translation>
        </message>
        <message>
            <source>warm %1 %, cool %2 %</source>
            <translation>warm %1 %, kühl %2 %</translation>
        </message>
        <message>
            <source>warm %1 %</source>
            <translation>warm %1 %</translation>
        </message>
        <message>
            <source>cool %1 %</source>
            <translation>kühl %1 %</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WishSection</name>
        <message>
            <source>How long</source>
            <translation>Wie lange</translation>
        </message>
        <message>
            <source>As long as it takes</source>
            <translation>So lange es dauert</translation>
        </message>
        <message>
            <source>A sketch, 30 min</source>
            <translation>Eine Skizze, 30 min</translation>
        </message>
        <message>
            <source>1 hour</source>
            <translation>1 Stunde</translation>
        </message>
        <message>
            <source>2 hours</source>
            <translation>2 Stunden</translation>
        </message>
        <message>
            <source>4 hours</source>
            <translation>4 Stunden</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Durchgänge</translation>
        </message>
        <message>
            <source>as needed</source>
            <translation>nach Bedarf</translation>
        </message>
        <message>
            <source>Hand</source>
            <translation>Hand</translation>
        </message>
        <message>
            <source>steady</source>
            <translation>ruhig</translation>
        </message>
        <message>
            <source>usual</source>
            <translation>üblich</translation>
        </message>
        <message>
            <source>unsteady</source>
            <translation>unsicher</translation>
        </message>
        <message>
            <source>How far off a pressure is: by 5, 15 or 25 %. Recipes are chosen so that this does little harm.</source>
            <translation>Wie weit ein Druck daneben liegt: um 5, 15 oder 25 %. Die Rezepte werden so gewählt, dass es wenig schadet.</translation>
        </message>
        <message>
            <source>Passes, at most</source>
            <translation>Höchstens Durchgänge</translation>
        </message>
        <message>
            <source>What is wished of the plan</source>
            <translation>Was vom Plan gewünscht wird</translation>
        </message>
        <message>
            <source>1 1/2 hours</source>
            <translation>1 1/2 Stunden</translation>
        </message>
        <message>
            <source>3 hours</source>
            <translation>3 Stunden</translation>
        </message>
        <message>
            <source>6 hours</source>
            <translation>6 Stunden</translation>
        </message>
        <message>
            <source>10 hours</source>
            <translation>10 Stunden</translation>
        </message>
        <message>
            <source>20 hours</source>
            <translation>20 Stunden</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WorkDetails</name>
        <message>
            <source>Subject</source>
            <translation>Motiv</translation>
        </message>
        <message>
            <source>Board as planned</source>
            <translation>Vorschau wie geplant</translation>
        </message>
        <message>
            <source>The work</source>
            <translation>Das Werk</translation>
        </message>
        <message>
            <source>Recipes and photographs of this work</source>
            <translation>Rezepte und Fotos dieses Werkes</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Öffnen</translation>
        </message>
        <message>
            <source>Borrow its colours</source>
            <translation>Seine Farben leihen</translation>
        </message>
        <message>
            <source>Wear off its sticks</source>
            <translation>Von den Kreiden abziehen</translation>
        </message>
        <message>
            <source>A note on this work</source>
            <translation>Eine Notiz zu diesem Werk</translation>
        </message>
        <message>
            <source>Add a note</source>
            <translation>Notiz anfügen</translation>
        </message>
        <message>
            <source>Sittings</source>
            <translation>Sitzungen</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>Notizen</translation>
        </message>
        <message>
            <source>Takes off each stick what this work used, by the loads its plan lays</source>
            <translation>Zieht von jeder Kreide ab, was dieses Werk verbrauchte, nach den Mengen seines Plans</translation>
        </message>
        <message>
            <source>Take out…</source>
            <translation>Herausnehmen …</translation>
        </message>
        <message>
            <source>A folder as a zip: the text with its pictures, passes, recipes, the plan</source>
            <translation>Ein Ordner als Zip: der Text mit seinen Bildern, Durchgänge, Rezepte, der Plan</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Vergessen</translation>
        </message>
        <message>
            <source>Out of the journal; recipes and the project's own file stay</source>
            <translation>Aus dem Werkbuch; Rezepte und die Projektdatei selbst bleiben</translation>
        </message>
        <message>
            <source>For the picture that is open: its values, the colours of this work</source>
            <translation>Für das geöffnete Bild: seine Tonwerte, die Farben dieses Werkes</translation>
        </message>
        <message>
            <source>None yet.</source>
            <translation>Noch keine.</translation>
        </message>
        <message>
            <source>It was not saved, or its file is elsewhere now.</source>
            <translation>Es wurde nicht gespeichert, oder seine Datei liegt jetzt anderswo.</translation>
        </message>
        <message>
            <source>Take the work out</source>
            <translation>Das Werk herausnehmen</translation>
        </message>
        <message>
            <source>Folder as a zip (*.zip)</source>
            <translation>Ordner als Zip (*.zip)</translation>
        </message>
        <message>
            <source>Notes on this work, to be changed with F2</source>
            <translation>Notizen zu diesem Werk, mit F2 zu ändern</translation>
        </message>
        <message>
            <source>Double click or F2 changes a note; one without words goes</source>
            <translation>Doppelklick oder F2 ändert eine Notiz; eine ohne Wörter geht</translation>
        </message>
    </context>
    <context>
        <name>yd::exports</name>
        <message>
            <source>pan colour</source>
            <translation>Näpfchenfarbe</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>Stift</translation>
        </message>
        <message>
            <source>hard stick</source>
            <translation>harte Kreide</translation>
        </message>
        <message>
            <source>soft stick</source>
            <translation>weiche Kreide</translation>
        </message>
        <message>
            <source>charcoal</source>
            <translation>Kohle</translation>
        </message>
        <message>
            <source>as an undertone</source>
            <translation>als Unterton</translation>
        </message>
        <message>
            <source>as a complement that greys</source>
            <translation>als Gegenfarbe, die bricht</translation>
        </message>
        <message>
            <source>as a thin veil</source>
            <translation>als dünner Schleier</translation>
        </message>
        <message>
            <source>as an accent</source>
            <translation>als Akzent</translation>
        </message>
        <message>
            <source>Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.</source>
            <translation>Das Sicherheitsdatenblatt des Produkts und die örtlichen Vorschriften beachten; im Zweifel eine Fachperson fragen.</translation>
        </message>
        <message>
            <source>Fixative</source>
            <translation>Fixativ</translation>
        </message>
        <message>
            <source>workable, thin</source>
            <translation>überarbeitbar, dünn</translation>
        </message>
        <message>
            <source>sprayed from arm's length, the rest of the sheet covered</source>
            <translation>auf Armlänge gesprüht, der Rest des Blattes abgedeckt</translation>
        </message>
        <message>
            <source>Underpainting: %1</source>
            <translation>Untermalung: %1</translation>
        </message>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>rubbed in</source>
            <translation>verrieben</translation>
        </message>
        <message>
            <source>laid broken</source>
            <translation>offen gelegt</translation>
        </message>
        <message>
            <source>Delicate: try it on an offcut first.</source>
            <translation>Heikel: zuerst auf einem Probestück versuchen.</translation>
        </message>
        <message>
            <source>place %1 of %2 in the tray, from dark to light</source>
            <translation>Platz %1 von %2 in der Ablage, von dunkel nach hell</translation>
        </message>
        <message>
            <source>, hardly touching: nothing pressed that may have to come off</source>
            <translation>, kaum berührend: nichts andrücken, was vielleicht wieder weg muss</translation>
        </message>
        <message>
            <source>; %1 in %2</source>
            <translation>; %1 in %2</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, Tonwert %2</translation>
        </message>
        <message>
            <source>%1 % of the tooth left</source>
            <translation>%1 % des Zahns übrig</translation>
        </message>
        <message>
            <source>Flammable vapour: outdoors or under extraction, no flame, spark or heat near; never near a heat gun; let it clear before going on.</source>
            <translation>Brennbare Dämpfe: draußen oder unter Abzug, keine Flamme, kein Funke, keine Wärme in der Nähe; nie neben einer Heißluftpistole; abziehen lassen, bevor es weitergeht.</translation>
        </message>
        <message>
            <source>This pigment is harmful if breathed or swallowed: dust mask, no food or drink, wash your hands.</source>
            <translation>Dieses Pigment schadet beim Einatmen oder Verschlucken: Staubmaske, nicht essen oder trinken, Hände waschen.</translation>
        </message>
        <message>
            <source>Sharpening: the knife away from the body.</source>
            <translation>Spitzen: das Messer vom Körper weg.</translation>
        </message>
        <message>
            <source>Dust: tip it off, do not blow; wipe up damp.</source>
            <translation>Staub: abkippen, nicht blasen; feucht aufwischen.</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>etwa %1</translation>
        </message>
        <message>
            <source>Wait %1: what is below has to be dry.</source>
            <translation>%1 warten: was darunter liegt, muss trocken sein.</translation>
        </message>
        <message>
            <source>A dryer kept moving brings it to %1.</source>
            <translation>Ein bewegter Föhn bringt es auf %1.</translation>
        </message>
        <message>
            <source>No heat and no flame: the vapour burns.</source>
            <translation>Keine Wärme und keine Flamme: die Dämpfe brennen.</translation>
        </message>
        <message>
            <source>Dries in about %1; the next pass lies elsewhere meanwhile.</source>
            <translation>Trocknet in etwa %1; der nächste Durchgang liegt inzwischen anderswo.</translation>
        </message>
        <message>
            <source>%1 more</source>
            <translation>%1 weitere</translation>
        </message>
        <message>
            <source>Also after %1.</source>
            <translation>Auch nach %1.</translation>
        </message>
        <message>
            <source>%1 min</source>
            <translation>%1 min</translation>
        </message>
        <message>
            <source>%1:%2 h</source>
            <translation>%1:%2 h</translation>
        </message>
        <message numerus="yes">
            <source>%n day(s)</source>
            <translation>
                <numerusform>%n Tag</numerusform>
                <numerusform>%n Tage</numerusform>
            </translation>
        </message>
        <message>
            <source>Dust: do not blow it. Tip the board over a bin or let it fall into a trough below an upright easel; wipe up damp; a dust mask for long or dry-sanding work; no food or drink; wash hands; barrier cream or gloves; keep from children and pets.</source>
            <translation>Staub: nicht wegblasen. Das Brett über einem Eimer kippen oder ihn in eine Rinne unter der aufrechten Staffelei fallen lassen; feucht aufwischen; bei langer Arbeit oder trockenem Schleifen eine Staubmaske; nicht essen oder trinken; Hände waschen; Schutzcreme oder Handschuhe; von Kindern und Tieren fernhalten.</translation>
        </message>
        <message>
            <source>Pigments harmful if breathed or swallowed in this tray: %1.</source>
            <translation>Beim Einatmen oder Verschlucken schädliche Pigmente in dieser Ablage: %1.</translation>
        </message>
        <message>
            <source>Underpainting, %1: %2</source>
            <translation>Untermalung, %1: %2</translation>
        </message>
        <message>
            <source>Fixative: flammable vapour. Outdoors or under extraction, no flame, spark or heat near; never spray near a heat gun; let it clear before going on.</source>
            <translation>Fixativ: brennbare Dämpfe. Draußen oder unter Abzug, keine Flamme, kein Funke, keine Wärme in der Nähe; nie neben einer Heißluftpistole sprühen; abziehen lassen, bevor es weitergeht.</translation>
        </message>
        <message>
            <source>Heat gun: never on a surface wet with alcohol or solvent; keep it moving; paper scorches.</source>
            <translation>Heißluftpistole: nie auf eine von Alkohol oder Lösungsmittel nasse Fläche; in Bewegung halten; Papier wird versengt.</translation>
        </message>
        <message>
            <source>Knife: sharpen away from the body. Sanding a stick for powder: mask.</source>
            <translation>Messer: vom Körper weg spitzen. Eine Kreide zu Pulver schleifen: Maske.</translation>
        </message>
        <message>
            <source>Body: change posture, rest eyes and wrist; take the breaks of the plan.</source>
            <translation>Körper: die Haltung wechseln, Augen und Handgelenk ausruhen; die Pausen des Plans einhalten.</translation>
        </message>
        <message>
            <source>, rubbed in</source>
            <translation>, verrieben</translation>
        </message>
        <message>
            <source>, on %1 % of it</source>
            <translation>, auf %1 % davon</translation>
        </message>
        <message>
            <source>Fix, let it dry, then </source>
            <translation>Fixieren, trocknen lassen, dann </translation>
        </message>
        <message>
            <source>Leave the paper as it is.</source>
            <translation>Das Papier lassen, wie es ist.</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 bis %2</translation>
        </message>
        <message>
            <source>side</source>
            <translation>Seite</translation>
        </message>
        <message>
            <source>end</source>
            <translation>Ende</translation>
        </message>
        <message>
            <source>tilted end</source>
            <translation>schräges Ende</translation>
        </message>
        <message>
            <source>edge</source>
            <translation>Kante</translation>
        </message>
        <message>
            <source>point</source>
            <translation>Spitze</translation>
        </message>
        <message>
            <source>sponge</source>
            <translation>Schwamm</translation>
        </message>
        <message>
            <source>beside the tray</source>
            <translation>neben der Ablage</translation>
        </message>
        <message>
            <source>foam</source>
            <translation>Schaumstoff</translation>
        </message>
        <message>
            <source>stump</source>
            <translation>Wischer</translation>
        </message>
        <message>
            <source>rubber tip</source>
            <translation>Gummispitze</translation>
        </message>
        <message>
            <source>%1 s</source>
            <translation>%1 s</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1: %2, %3</translation>
        </message>
        <message numerus="yes">
            <source>%1 %2 mm, %n mark(s)</source>
            <translation>
                <numerusform>%1 %2 mm, %n Strich</numerusform>
                <numerusform>%1 %2 mm, %n Striche</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 in the darks, %2 in the lights</source>
            <translation>%1 in den Tiefen, %2 in den Lichtern</translation>
        </message>
        <message>
            <source>%1 in the lights, %2 in the darks</source>
            <translation>%1 in den Lichtern, %2 in den Tiefen</translation>
        </message>
        <message>
            <source>%1%2: %3%4%5.</source>
            <translation>%1%2: %3%4%5.</translation>
        </message>
        <message>
            <source>%1, %2 in places</source>
            <translation>%1, stellenweise %2</translation>
        </message>
        <message numerus="yes">
            <source>%n more on the map</source>
            <translation>
                <numerusform>%n weitere auf der Karte</numerusform>
                <numerusform>%n weitere auf der Karte</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::ThingSection</name>
        <message>
            <source>Draw round a thing</source>
            <translation>Ein Ding umfahren</translation>
        </message>
        <message>
            <source>This too</source>
            <translation>Das auch</translation>
        </message>
        <message>
            <source>Not this</source>
            <translation>Das nicht</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Vergessen</translation>
        </message>
        <message>
            <source>Thing forgotten</source>
            <translation>Ding vergessen</translation>
        </message>
        <message>
            <source>Name of a thing</source>
            <translation>Name eines Dings</translation>
        </message>
        <message>
            <source>What a thing is</source>
            <translation>Was ein Ding ist</translation>
        </message>
        <message>
            <source>How much a thing matters</source>
            <translation>Wie viel ein Ding zählt</translation>
        </message>
        <message>
            <source>Things</source>
            <translation>Dinge</translation>
        </message>
        <message>
            <source>Name of the thing</source>
            <translation>Name des Dings</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Was es ist</translation>
        </message>
        <message>
            <source>How much it matters</source>
            <translation>Wie viel es zählt</translation>
        </message>
        <message>
            <source>What matters gets more masses and finer ones, what is let go fewer.</source>
            <translation>Was zählt, bekommt mehr und feinere Massen, was zurücktritt, weniger.</translation>
        </message>
        <message>
            <source>Draw roughly round what is one thing; its border is found.</source>
            <translation>Ungefähr um das ziehen, was ein Ding ist; sein Rand wird gefunden.</translation>
        </message>
        <message>
            <source>Draw roughly round what is one thing: its masses stay within it.</source>
            <translation>Ungefähr um das ziehen, was ein Ding ist: Seine Massen bleiben darin.</translation>
        </message>
        <message>
            <source>From a mass</source>
            <translation>Aus einer Masse</translation>
        </message>
        <message>
            <source>The mass chosen in its list becomes a thing.</source>
            <translation>Die in der Liste gewählte Masse wird ein Ding.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LikenessSection</name>
        <message>
            <source>hours</source>
            <translation>Stunden</translation>
        </message>
        <message>
            <source>difference across the room</source>
            <translation>Unterschied quer durch den Raum</translation>
        </message>
        <message>
            <source>Work it out</source>
            <translation>Ausrechnen</translation>
        </message>
        <message>
            <source>To the knee</source>
            <translation>Bis zum Knick</translation>
        </message>
        <message>
            <source>As long as it is worth</source>
            <translation>Solange es sich lohnt</translation>
        </message>
        <message>
            <source>What does another half hour buy? Working it out takes some seconds.</source>
            <translation>Was bringt eine halbe Stunde mehr? Das Ausrechnen dauert einige Sekunden.</translation>
        </message>
        <message>
            <source>What is wished of the plan</source>
            <translation>Wünsche an den Plan</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetSection</name>
        <message>
            <source>Longer side, cm</source>
            <translation>Längere Seite, cm</translation>
        </message>
        <message>
            <source>Frame it in the picture</source>
            <translation>Im Bild einrahmen</translation>
        </message>
        <message>
            <source>As large as that takes</source>
            <translation>So groß, wie das verlangt</translation>
        </message>
        <message>
            <source>Size of the sheet</source>
            <translation>Größe des Blatts</translation>
        </message>
        <message>
            <source>The picture: %1</source>
            <translation>Das Bild: %1</translation>
        </message>
    </context>
    <context>
        <name>Narrow</name>
        <message>
            <source>The picture shows nothing finer than the finest mark.</source>
            <translation>Das Bild zeigt nichts, was feiner wäre als der feinste Strich.</translation>
        </message>
        <message>
            <source>Nothing is finer than the finest mark, %1 mm.</source>
            <translation>Nichts ist feiner als der feinste Strich, %1 mm.</translation>
        </message>
        <message>
            <source>Lines and spots finer than the finest mark, %1 mm: %2. From %3 on nine tenths of them can be drawn.</source>
            <translation>Linien und Flecken, feiner als der feinste Strich, %1 mm: %2. Ab %3 lassen sich neun Zehntel davon zeichnen.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::FewValues</name>
        <message>
            <source>The picture in three and in five values</source>
            <translation>Das Bild in drei und in fünf Tonwerten</translation>
        </message>
        <message>
            <source>They follow the picture.</source>
            <translation>Sie folgen dem Bild.</translation>
        </message>
        <message>
            <source>three values</source>
            <translation>drei Tonwerte</translation>
        </message>
        <message>
            <source>five values</source>
            <translation>fünf Tonwerte</translation>
        </message>
    </context>
    <context>
        <name>Special</name>
        <message>
            <source>%1: the iris as a ring, lighter opposite the catchlight, rays from the pupil outwards; the lid&apos;s shadow over ball and iris; the pupil with a soft rim. The catchlight is kept free and set last, a sharpened white turned on the spot. The other eye at once.</source>
            <translation>%1: die Iris als Ring, heller gegenüber dem Lichtpunkt, Strahlen von der Pupille nach außen; der Schatten des Lids über Ball und Iris; die Pupille mit weichem Rand. Der Lichtpunkt bleibt frei und kommt zuletzt, ein gespitztes Weiß auf der Stelle gedreht. Das andere Auge gleich mit.</translation>
        </message>
        <message>
            <source>%1: soft transitions, small circles, hardly any pressure; blue or violet in the shadows, olive where it is too red; whites of eyes and teeth are greyed.</source>
            <translation>%1: weiche Übergänge, kleine Kreise, kaum Druck; Blau oder Violett in den Schatten, Oliv, wo es zu rot ist; das Weiß von Augen und Zähnen ist gebrochen.</translation>
        </message>
        <message>
            <source>%1: clumps first, their shadow shapes, then their lights; flicked from root to tip so that a stroke thins out, turned with the growth. A darker companion under a light hair; a few stand for all.</source>
            <translation>%1: zuerst Büschel, ihre Schattenformen, dann ihre Lichter; von der Wurzel zur Spitze geschnippt, dass der Strich dünn ausläuft, mit dem Wuchs gedreht. Ein dunklerer Begleiter unter einem hellen Haar; wenige stehen für alle.</translation>
        </message>
        <message>
            <source>%1: dashes the way it grows, never one long line; a few edges drawn, the rest suggested.</source>
            <translation>%1: kurze Striche, wie es wächst, nie eine lange Linie; wenige Kanten gezeichnet, der Rest angedeutet.</translation>
        </message>
        <message>
            <source>%1: towards and away from the centre, never round and round; white under where a light glows.</source>
            <translation>%1: zur Mitte hin und von ihr weg, nie rundherum; Weiß darunter, wo ein Licht leuchtet.</translation>
        </message>
        <message>
            <source>%1: clumps by their darks and lights; raw green broken with violet, red-brown or grey; single leaves only where the form ends.</source>
            <translation>%1: Büschel nach ihren Tiefen und Lichtern; rohes Grün mit Violett, Rotbraun oder Grau gebrochen; einzelne Blätter nur, wo die Form endet.</translation>
        </message>
        <message>
            <source>%1: along its form; firm where the light strikes, let off towards the middle tone.</source>
            <translation>%1: entlang der Form; fest, wo das Licht auftrifft, nachlassend zum Mittelton.</translation>
        </message>
        <message>
            <source>%1: what lies behind it, a shade darker or cooler; few hard edges; the spark last, a sharp point turned on the spot.</source>
            <translation>%1: was dahinter liegt, eine Spur dunkler oder kühler; wenige harte Kanten; der Funke zuletzt, eine scharfe Spitze auf der Stelle gedreht.</translation>
        </message>
        <message>
            <source>%1: darks and lights side by side along the form, hard between them; the spark last.</source>
            <translation>%1: Tiefen und Lichter nebeneinander entlang der Form, hart dazwischen; der Funke zuletzt.</translation>
        </message>
        <message>
            <source>%1: folds with the edge along their run; lights pressed on the ridge and let off below.</source>
            <translation>%1: Falten mit der Kante längs ihres Laufs; Lichter auf dem Grat gedrückt und darunter nachgelassen.</translation>
        </message>
        <message>
            <source>%1: verticals plumb, walls broad; the sharpest edges at the focus; windows last, not all of them.</source>
            <translation>%1: Senkrechte im Lot, Wände breit; die schärfsten Kanten, wo das Auge hingeht; Fenster zuletzt, nicht alle.</translation>
        </message>
        <message>
            <source>%1: level strokes; it repeats the colours above it, mirrored, pulled straight down.</source>
            <translation>%1: waagerechte Striche; es wiederholt die Farben darüber, gespiegelt, senkrecht nach unten gezogen.</translation>
        </message>
        <message>
            <source>%1: darkest overhead, lighter towards the horizon and towards the sun; the broad side.</source>
            <translation>%1: oben am dunkelsten, heller zum Horizont und zur Sonne hin; die breite Seite.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PapersSection</name>
        <message>
            <source>Plan it on the three best</source>
            <translation>Auf den drei besten planen</translation>
        </message>
        <message>
            <source>The picture on other papers, the nearest first</source>
            <translation>Das Bild auf anderen Papieren, das nächste zuerst</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>What is begun stays on its paper.</source>
            <translation>Was begonnen ist, bleibt auf seinem Papier.</translation>
        </message>
        <message>
            <source>What would another paper bring? Working it out takes some plans&apos; time.</source>
            <translation>Was brächte ein anderes Papier? Das auszurechnen dauert einige Pläne lang.</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1: %2, %3</translation>
        </message>
        <message>
            <source>None would bring more than this one: %1.</source>
            <translation>Keines brächte mehr als dieses: %1.</translation>
        </message>
    </context>
</TS>
