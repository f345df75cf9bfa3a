// SPDX-License-Identifier: MIT
#include "words/terms.h"

#include <QCoreApplication>
#include <array>

namespace yd::words {
namespace {

constexpr auto kTerms = std::to_array<const char*>({
    // kinds of stick
    QT_TRANSLATE_NOOP("Terms", "pan"),
    QT_TRANSLATE_NOOP("Terms", "pencil"),
    QT_TRANSLATE_NOOP("Terms", "hard"),
    QT_TRANSLATE_NOOP("Terms", "soft"),
    QT_TRANSLATE_NOOP("Terms", "charcoal"),
    // parts of a mass, planes, edges
    QT_TRANSLATE_NOOP("Terms", "dark"),
    QT_TRANSLATE_NOOP("Terms", "middle"),
    QT_TRANSLATE_NOOP("Terms", "light"),
    QT_TRANSLATE_NOOP("Terms", "background"),
    QT_TRANSLATE_NOOP("Terms", "middle ground"),
    QT_TRANSLATE_NOOP("Terms", "foreground"),
    // underpaintings and their colours
    QT_TRANSLATE_NOOP("Terms", "dry pastel, rubbed"),
    QT_TRANSLATE_NOOP("Terms", "hard pastel with alcohol"),
    QT_TRANSLATE_NOOP("Terms", "hard pastel with water"),
    QT_TRANSLATE_NOOP("Terms", "watercolour"),
    QT_TRANSLATE_NOOP("Terms", "gouache"),
    QT_TRANSLATE_NOOP("Terms", "thin acrylic"),
    QT_TRANSLATE_NOOP("Terms", "thin oil"),
    QT_TRANSLATE_NOOP("Terms", "ink"),
    QT_TRANSLATE_NOOP("Terms", "complement"),
    QT_TRANSLATE_NOOP("Terms", "shadow-cool"),
    QT_TRANSLATE_NOOP("Terms", "warm-glow"),
    QT_TRANSLATE_NOOP("Terms", "local"),
    QT_TRANSLATE_NOOP("Terms", "tonal"),
    // marks of passes
    QT_TRANSLATE_NOOP("Terms", "done"),
    QT_TRANSLATE_NOOP("Terms", "skipped"),
    QT_TRANSLATE_NOOP("Terms", "open"),
    // why a colour is not reached, and what would help
    QT_TRANSLATE_NOOP("Terms", "reached"),
    QT_TRANSLATE_NOOP("Terms", "too dark"),
    QT_TRANSLATE_NOOP("Terms", "too light"),
    QT_TRANSLATE_NOOP("Terms", "too vivid"),
    QT_TRANSLATE_NOOP("Terms", "ground shows through"),
    QT_TRANSLATE_NOOP("Terms", "between the sticks"),
    QT_TRANSLATE_NOOP("Terms", "more strokes"),
    QT_TRANSLATE_NOOP("Terms", "underpainting in its own colour"),
    QT_TRANSLATE_NOOP("Terms", "rubbing"),
    QT_TRANSLATE_NOOP("Terms", "another ground"),
    QT_TRANSLATE_NOOP("Terms", "one more stick"),
    // what speaks for a paper
    QT_TRANSLATE_NOOP("Terms", "room for lights and darks"),
    QT_TRANSLATE_NOOP("Terms", "head start"),
    QT_TRANSLATE_NOOP("Terms", "cover"),
    QT_TRANSLATE_NOOP("Terms", "temperature kept"),
    QT_TRANSLATE_NOOP("Terms", "layers"),
    QT_TRANSLATE_NOOP("Terms", "underpainting"),
    // surfaces of papers
    QT_TRANSLATE_NOOP("Terms", "coated card"),
    QT_TRANSLATE_NOOP("Terms", "velour"),
    QT_TRANSLATE_NOOP("Terms", "honeycomb"),
    QT_TRANSLATE_NOOP("Terms", "laid"),
    QT_TRANSLATE_NOOP("Terms", "cartridge"),
    QT_TRANSLATE_NOOP("Terms", "primed"),
    QT_TRANSLATE_NOOP("Terms", "sanded"),
    // columns of a table of sticks
    QT_TRANSLATE_NOOP("Terms", "leave out"),
    QT_TRANSLATE_NOOP("Terms", "id"),
    QT_TRANSLATE_NOOP("Terms", "name"),
    QT_TRANSLATE_NOOP("Terms", "medium"),
    QT_TRANSLATE_NOOP("Terms", "hex colour"),
    QT_TRANSLATE_NOOP("Terms", "pigments"),
    QT_TRANSLATE_NOOP("Terms", "lightfastness"),
    QT_TRANSLATE_NOOP("Terms", "owned"),
    QT_TRANSLATE_NOOP("Terms", "left"),
    QT_TRANSLATE_NOOP("Terms", "favourite"),
    // hues of drills
    QT_TRANSLATE_NOOP("Terms", "greys"),
    QT_TRANSLATE_NOOP("Terms", "reds"),
    QT_TRANSLATE_NOOP("Terms", "oranges"),
    QT_TRANSLATE_NOOP("Terms", "yellows"),
    QT_TRANSLATE_NOOP("Terms", "greens"),
    QT_TRANSLATE_NOOP("Terms", "blues"),
    QT_TRANSLATE_NOOP("Terms", "violets"),
    // schemes of colour for a drawing
    QT_TRANSLATE_NOOP("Terms", "evening"),
    QT_TRANSLATE_NOOP("Terms", "morning"),
    QT_TRANSLATE_NOOP("Terms", "shore"),
    QT_TRANSLATE_NOOP("Terms", "earth"),
    // steps of long work
    QT_TRANSLATE_NOOP("Terms", "finding masses"),
    QT_TRANSLATE_NOOP("Terms", "measuring masses"),
    QT_TRANSLATE_NOOP("Terms", "searching stacks"),
    QT_TRANSLATE_NOOP("Terms", "choosing the tray"),
    QT_TRANSLATE_NOOP("Terms", "improving the tray"),
    QT_TRANSLATE_NOOP("Terms", "proving the tray"),
    QT_TRANSLATE_NOOP("Terms", "drawing the curve"),
    QT_TRANSLATE_NOOP("Terms", "searching layers"),
    QT_TRANSLATE_NOOP("Terms", "building recipes"),
    QT_TRANSLATE_NOOP("Terms", "looking for what would help"),
    QT_TRANSLATE_NOOP("Terms", "finding the picture"),
    QT_TRANSLATE_NOOP("Terms", "putting the light right"),
    QT_TRANSLATE_NOOP("Terms", "looking for what mends it"),
    QT_TRANSLATE_NOOP("Terms", "fitting hand and sticks"),
    QT_TRANSLATE_NOOP("Terms", "hand and kinds of stick"),
    QT_TRANSLATE_NOOP("Terms", "writing layers"),
    QT_TRANSLATE_NOOP("Terms", "writing passages"),
    QT_TRANSLATE_NOOP("Terms", "squinting"),
    QT_TRANSLATE_NOOP("Terms", "trying underpaintings"),
    QT_TRANSLATE_NOOP("Terms", "painting"),
    QT_TRANSLATE_NOOP("Terms", "comparing"),
    QT_TRANSLATE_NOOP("Terms", "read"),
    QT_TRANSLATE_NOOP("Terms", "planned"),
    QT_TRANSLATE_NOOP("Terms", "judged"),
    QT_TRANSLATE_NOOP("Terms", "proved"),
    QT_TRANSLATE_NOOP("Terms", "painted"),
    QT_TRANSLATE_NOOP("Terms", "checked"),
});

}  // namespace

QString term(const char* name) { return QCoreApplication::translate("Terms", name); }
std::span<const char* const> terms() { return kTerms; }

}  // namespace yd::words
