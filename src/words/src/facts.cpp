// SPDX-License-Identifier: MIT
#include "words/facts.h"

#include <QCoreApplication>
#include <QRegularExpression>
#include <QStringList>
#include <algorithm>
#include <array>
#include <cstring>
#include <utility>
#include <vector>

#include "words/terms.h"

namespace yd::words {
namespace {

// What the core says of what went wrong. The tests look through its sources for facts that are missing here.
constexpr auto kFacts = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Facts", "has too many places"),
    QT_TRANSLATE_NOOP("Facts", "must be a list of places [x, y]"),
    QT_TRANSLATE_NOOP("Facts", "must not be empty"),
    QT_TRANSLATE_NOOP("Facts", "has no media"),
    QT_TRANSLATE_NOOP("Facts", "must be shade, mass, picture, minute or sitting"),
    QT_TRANSLATE_NOOP("Facts", "the outline needs three places at least"),
    QT_TRANSLATE_NOOP("Facts", "the outline has too many places"),
    QT_TRANSLATE_NOOP("Facts", "the outline must lie in the picture: places from 0 to 1"),
    QT_TRANSLATE_NOOP("Facts", "the outline goes round nothing"),
    QT_TRANSLATE_NOOP("Facts", "the outline crosses itself; draw round the thing once"),
    QT_TRANSLATE_NOOP("Facts", "has too many strokes"),
    QT_TRANSLATE_NOOP("Facts", "width of a stroke %1"),
    QT_TRANSLATE_NOOP("Facts", "a stroke needs a way of its own"),
    QT_TRANSLATE_NOOP("Facts", "strokes must lie in the picture: places from 0 to 1"),
    QT_TRANSLATE_NOOP("Facts", "the name must have no more than 80 letters"),
    QT_TRANSLATE_NOOP("Facts", "the ring must lie in the picture: x and y from 0 to 1, radius above 0 to 1"),
    QT_TRANSLATE_NOOP("Facts", "must be no more than 60"),
    QT_TRANSLATE_NOOP("Facts", "nothing is left of it"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" must be name;kind;weight;x,y x,y …"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" has a place that is no x,y"),
    QT_TRANSLATE_NOOP("Facts", "is too small or too narrow to be read"),
    QT_TRANSLATE_NOOP("Facts", "is no journal yet"),
    QT_TRANSLATE_NOOP("Facts", "is a pipe or a device, not a file"),
    QT_TRANSLATE_NOOP("Facts", "is a pipe that nobody reads"),
    QT_TRANSLATE_NOOP("Facts", "is no picture of a kind that is read: %1"),
    QT_TRANSLATE_NOOP("Facts", "PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF or AVIF"),
    QT_TRANSLATE_NOOP("Facts", "must end in .png, .jpg or .jpeg"),
    QT_TRANSLATE_NOOP("Facts", "must have no more than 4 layers"),
    QT_TRANSLATE_NOOP("Facts", "it is closed"),
    QT_TRANSLATE_NOOP("Facts", "nobody reads it any more"),
    QT_TRANSLATE_NOOP("Facts", "must be a whole number from %1 to %2"),
    QT_TRANSLATE_NOOP("Facts", "is read here and would be lost; write to another file"),
    QT_TRANSLATE_NOOP("Facts", "%1; nothing was saved"),
    QT_TRANSLATE_NOOP("Facts", "is a database of another program; it is left as it is"),
    QT_TRANSLATE_NOOP("Facts", "is not kept as this program keeps a journal"),
    QT_TRANSLATE_NOOP("Facts", "cannot be opened"),
    QT_TRANSLATE_NOOP("Facts", "is a folder"),
    QT_TRANSLATE_NOOP("Facts", "there is no such folder"),
    QT_TRANSLATE_NOOP("Facts", "its folder cannot be written to"),
    QT_TRANSLATE_NOOP("Facts", "is no file that can be written"),
    QT_TRANSLATE_NOOP("Facts", "it is no file that can be written"),
    QT_TRANSLATE_NOOP("Facts", "would have a name that is no text (UTF-8)"),
    QT_TRANSLATE_NOOP("Facts", "must be the name of a file"),
    QT_TRANSLATE_NOOP("Facts", "has no pixels"),
    QT_TRANSLATE_NOOP("Facts", "is no CGATS text"),
    QT_TRANSLATE_NOOP("Facts", "is no sound CGATS text: %1"),
    QT_TRANSLATE_NOOP("Facts", "has neither Lab, XYZ nor spectral columns"),
    QT_TRANSLATE_NOOP("Facts", "%1 is no number"),
    QT_TRANSLATE_NOOP("Facts", "is no colour of a surface"),
    QT_TRANSLATE_NOOP("Facts", "%1 is no reflectance"),
    QT_TRANSLATE_NOOP("Facts", "reflectance is above 1"),
    QT_TRANSLATE_NOOP("Facts", "is larger than %1 MB"),
    QT_TRANSLATE_NOOP("Facts", "entry \"%1\" is too large"),
    QT_TRANSLATE_NOOP("Facts", "entry \"%1\" cannot be unpacked"),
    QT_TRANSLATE_NOOP("Facts", "entry \"%1\" is damaged"),
    QT_TRANSLATE_NOOP("Facts", "entry \"%1\" points outside the project"),
    QT_TRANSLATE_NOOP("Facts", "cannot be packed"),
    QT_TRANSLATE_NOOP("Facts", "has a name that is no text (UTF-8); rename it"),
    QT_TRANSLATE_NOOP("Facts", "does not exist"),
    QT_TRANSLATE_NOOP("Facts", "is a folder, not a project"),
    QT_TRANSLATE_NOOP("Facts", "is a folder, not a picture"),
    QT_TRANSLATE_NOOP("Facts", "is a folder, not a file"),
    QT_TRANSLATE_NOOP("Facts", "is not a whole project file: no zip, or cut short"),
    QT_TRANSLATE_NOOP("Facts", "holds too many entries"),
    QT_TRANSLATE_NOOP("Facts", "has an unreadable entry"),
    QT_TRANSLATE_NOOP("Facts", "would unpack to more than 420 MB"),
    QT_TRANSLATE_NOOP("Facts", "holds no \"%1\""),
    QT_TRANSLATE_NOOP("Facts", "cannot be saved: %1"),
    QT_TRANSLATE_NOOP("Facts", "cannot be written: %1"),
    QT_TRANSLATE_NOOP("Facts", "cannot be opened: %1"),
    QT_TRANSLATE_NOOP("Facts", "cannot be read: %1"),
    QT_TRANSLATE_NOOP("Facts", "cannot be read"),
    QT_TRANSLATE_NOOP("Facts", "is a zip, but no Yawning Dune project"),
    QT_TRANSLATE_NOOP("Facts", "was saved by a newer version of Yawning Dune; please update"),
    QT_TRANSLATE_NOOP("Facts", "was made by a newer version of Yawning Dune"),
    QT_TRANSLATE_NOOP("Facts", "was written by a newer program"),
    QT_TRANSLATE_NOOP("Facts", "was written by a newer version of Yawning Dune; it is left as it is"),
    QT_TRANSLATE_NOOP("Facts", "is missing"),
    QT_TRANSLATE_NOOP("Facts", "is missing: a stick needs \"lab\" or \"masstone\""),
    QT_TRANSLATE_NOOP("Facts", "must be text"),
    QT_TRANSLATE_NOOP("Facts", "must be a list"),
    QT_TRANSLATE_NOOP("Facts", "must be true or false"),
    QT_TRANSLATE_NOOP("Facts", "must be a number"),
    QT_TRANSLATE_NOOP("Facts", "must be a number from %1 to %2"),
    QT_TRANSLATE_NOOP("Facts", "must hold %1 numbers, not %2"),
    QT_TRANSLATE_NOOP("Facts", "must hold no more than %1 entries"),
    QT_TRANSLATE_NOOP("Facts", "must hold no more than %1 points"),
    QT_TRANSLATE_NOOP("Facts", "must hold no more than 24 places"),
    QT_TRANSLATE_NOOP("Facts", "must hold pairs of numbers"),
    QT_TRANSLATE_NOOP("Facts", "must hold pairs of numbers; entry %1 is none"),
    QT_TRANSLATE_NOOP("Facts", "must hold texts only; entry %1 is none"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" is none of: %2"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" is unknown"),
    QT_TRANSLATE_NOOP("Facts", "is not a JSON object"),
    QT_TRANSLATE_NOOP("Facts", "is not valid JSON"),
    QT_TRANSLATE_NOOP("Facts", "is not valid JSON near byte %1"),
    QT_TRANSLATE_NOOP("Facts", "is nested too deeply"),
    QT_TRANSLATE_NOOP("Facts", "holds more than four million values"),
    QT_TRANSLATE_NOOP("Facts", "L must be from 0 to 100"),
    QT_TRANSLATE_NOOP("Facts", "is no Yawning Dune collection"),
    QT_TRANSLATE_NOOP("Facts", "is no calibration"),
    QT_TRANSLATE_NOOP("Facts", "is no text"),
    QT_TRANSLATE_NOOP("Facts", "is no GIMP palette"),
    QT_TRANSLATE_NOOP("Facts", "is no picture that can be read"),
    QT_TRANSLATE_NOOP("Facts", "is not a picture that can be read"),
    QT_TRANSLATE_NOOP("Facts", "is damaged or cut short: %1"),
    QT_TRANSLATE_NOOP("Facts", "is damaged or of a kind that cannot be read: %1"),
    QT_TRANSLATE_NOOP("Facts", "is cut short"),
    QT_TRANSLATE_NOOP("Facts", "has more than 120 million pixels"),
    QT_TRANSLATE_NOOP("Facts", "has a side of more than 65535 pixels"),
    QT_TRANSLATE_NOOP("Facts", "needs libheif, which is not installed here"),
    QT_TRANSLATE_NOOP("Facts", "cannot be read as CSV near line %1"),
    QT_TRANSLATE_NOOP("Facts", "holds no rows"),
    QT_TRANSLATE_NOOP("Facts", "holds more than 20000 rows"),
    QT_TRANSLATE_NOOP("Facts", "holds more than 20000 sticks"),
    QT_TRANSLATE_NOOP("Facts", "holds no stick"),
    QT_TRANSLATE_NOOP("Facts", "holds no paper"),
    QT_TRANSLATE_NOOP("Facts", "id \"%1\" stands twice"),
    QT_TRANSLATE_NOOP("Facts", "a colour is needed: say which column is the hex colour, or which are L*, a* and b*"),
    QT_TRANSLATE_NOOP("Facts", "lightfastness must be I, II, III, IV or V"),
    QT_TRANSLATE_NOOP("Facts", "must be I, II, III, IV, V or left out"),
    QT_TRANSLATE_NOOP("Facts", "hex colour: needs six digits like #8a6b4f"),
    QT_TRANSLATE_NOOP("Facts", "needs red, green and blue"),
    QT_TRANSLATE_NOOP("Facts", "%1 is no number from 0 to 255"),
    QT_TRANSLATE_NOOP("Facts", "%1: \"%2\" is no number from %3 to %4"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" is no stick of the collection; its id is needed"),
    QT_TRANSLATE_NOOP("Facts", "pressure must be light, middle, firm, or a number above 0 up to 1"),
    QT_TRANSLATE_NOOP("Facts", "technique must be laid or rubbed"),
    QT_TRANSLATE_NOOP("Facts", "%1 must be a number"),
    QT_TRANSLATE_NOOP("Facts", "has no column %1"),
    QT_TRANSLATE_NOOP("Facts", "holds %1 samples, but %2 strokes are asked for: measure them all, in their order"),
    QT_TRANSLATE_NOOP("Facts", "names a stick that is not in the collection"),
    QT_TRANSLATE_NOOP("Facts", "names a stick that is not there"),
    QT_TRANSLATE_NOOP("Facts", "must be mass or plane"),
    QT_TRANSLATE_NOOP("Facts", "must be none, wash, little or full"),
    QT_TRANSLATE_NOOP("Facts", "the collection has no stick for %1"),
    QT_TRANSLATE_NOOP("Facts", "%1 does not bear %2; choose another medium or paper"),
    QT_TRANSLATE_NOOP("Facts", "there is no other mass to merge with"),
    QT_TRANSLATE_NOOP("Facts", "does not touch mass %1; only neighbours can be merged"),
    QT_TRANSLATE_NOOP("Facts", "cannot be split: there are 60 masses already"),
    QT_TRANSLATE_NOOP("Facts", "leaves nothing on one side of the split"),
    QT_TRANSLATE_NOOP("Facts", "is of one value: there is nothing to split"),
    QT_TRANSLATE_NOOP("Facts", "needs a line of two places to be split by"),
    QT_TRANSLATE_NOOP("Facts", "nothing was painted"),
    QT_TRANSLATE_NOOP("Facts", "is not there"),
    QT_TRANSLATE_NOOP("Facts", "asks for more sticks than the tray may hold"),
    QT_TRANSLATE_NOOP("Facts", "asks for a stick that is forbidden or not at hand"),
    QT_TRANSLATE_NOOP("Facts", "leaves no stick to choose from"),
    QT_TRANSLATE_NOOP("Facts", "at least one is needed"),
    QT_TRANSLATE_NOOP("Facts", "there are none to search"),
    QT_TRANSLATE_NOOP("Facts", "there are none to match"),
    QT_TRANSLATE_NOOP("Facts", "pairs are searched on a ground only"),
    QT_TRANSLATE_NOOP("Facts", "there are none to judge"),
    QT_TRANSLATE_NOOP("Facts", "has no masses"),
    QT_TRANSLATE_NOOP("Facts", "no pass is done yet: mark what is, then check it"),
    QT_TRANSLATE_NOOP("Facts", "are too few: at least %1 are needed"),
    QT_TRANSLATE_NOOP("Facts", "pressure must be above 0, up to 1"),
    QT_TRANSLATE_NOOP("Facts", "is no colour"),
    QT_TRANSLATE_NOOP("Facts", "shows a sheet for offcut strokes, not for sticks"),
    QT_TRANSLATE_NOOP("Facts", "shows a sheet for sticks, not for offcut strokes"),
    QT_TRANSLATE_NOOP("Facts", "shows no stroke in any cell"),
    QT_TRANSLATE_NOOP("Facts", "shows no mark of a printed sheet: take it whole, sharp, from straight above"),
    QT_TRANSLATE_NOOP("Facts", "shows marks of two sheets: take one sheet at a time"),
    QT_TRANSLATE_NOOP("Facts", "does not show the mark %1: take the whole sheet, all eight marks free"),
    QT_TRANSLATE_NOOP("Facts", "shows marks that are not of one printed sheet"),
    QT_TRANSLATE_NOOP("Facts", "is too light: the bare paper has burnt out, expose less"),
    QT_TRANSLATE_NOOP("Facts", "is too dark: more light, or expose longer"),
    QT_TRANSLATE_NOOP("Facts",
                      "has light that does not lie evenly: no shadow and no lamp mirrored on the sheet, the paper bare "
                      "between the cells"),
    QT_TRANSLATE_NOOP("Facts", "is lit from one side: turn the sheet to the light"),
    QT_TRANSLATE_NOOP("Facts", "shows a sheet that does not lie flat"),
    QT_TRANSLATE_NOOP("Facts", "is too small for so many cells: go nearer, or use the camera's full size"),
    QT_TRANSLATE_NOOP("Facts", "has room for %1 cells, not for %2"),
    QT_TRANSLATE_NOOP("Facts", "is not for RGB"),
    QT_TRANSLATE_NOOP("Facts", "cannot be used for pictures"),
    QT_TRANSLATE_NOOP("Facts", "L must lie between 0 and 100"),
    QT_TRANSLATE_NOOP("Facts", "no surface has this colour"),
    QT_TRANSLATE_NOOP("Facts", "the backup cannot be written"),
    QT_TRANSLATE_NOOP("Facts", "the journal is damaged"),
    QT_TRANSLATE_NOOP("Facts", "the journal is damaged: %1"),
    QT_TRANSLATE_NOOP("Facts", "another window is mending the journal"),
    QT_TRANSLATE_NOOP("Facts", "the journal is damaged and open in another window; close that one and start again"),
    QT_TRANSLATE_NOOP("Facts", "the journal is damaged and cannot be put aside"),
    QT_TRANSLATE_NOOP("Facts", "the folder cannot be made"),
    QT_TRANSLATE_NOOP("Facts", "the disk is full; nothing was written"),
    QT_TRANSLATE_NOOP("Facts", "is read-only; nothing was written"),
    QT_TRANSLATE_NOOP("Facts", "is held by another program; nothing was written"),
    QT_TRANSLATE_NOOP("Facts", "Qt's SQLite driver is not installed"),
    QT_TRANSLATE_NOOP("Facts", "holds no such work"),
    QT_TRANSLATE_NOOP("Facts", "the disk is full; free some room or choose another place"),
    QT_TRANSLATE_NOOP("Facts", "the disk is read-only; choose another place"),
    QT_TRANSLATE_NOOP("Facts", "this program may not write there; choose another place"),
    QT_TRANSLATE_NOOP("Facts", "the folder is not there"),
    QT_TRANSLATE_NOOP("Facts", "the disk did not take it"),
    QT_TRANSLATE_NOOP("Facts", "at the top left"),
    QT_TRANSLATE_NOOP("Facts", "amid the top"),
    QT_TRANSLATE_NOOP("Facts", "at the top right"),
    QT_TRANSLATE_NOOP("Facts", "amid the right side"),
    QT_TRANSLATE_NOOP("Facts", "at the bottom right"),
    QT_TRANSLATE_NOOP("Facts", "amid the bottom"),
    QT_TRANSLATE_NOOP("Facts", "at the bottom left"),
    QT_TRANSLATE_NOOP("Facts", "amid the left side"),
    QT_TRANSLATE_NOOP("Facts", "is not a finite number"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" must be fine, medium or coarse"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" is unknown or stands twice"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" is missing"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" is neither a shipped id nor a file"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" must be soft, hard, pencil, pan or charcoal"),
    QT_TRANSLATE_NOOP("Facts", "is \"%1\", not \"%2\""),
    QT_TRANSLATE_NOOP("Facts", "medium \"%1\" is unknown"),
    QT_TRANSLATE_NOOP("Facts", "colours \"%1\" are unknown"),
    QT_TRANSLATE_NOOP("Facts", "pressure must be from 0 to 1"),
    QT_TRANSLATE_NOOP("Facts", "does not say which underpainting"),
    QT_TRANSLATE_NOOP("Facts", "must be from %1 to %2"),
    QT_TRANSLATE_NOOP("Facts", "must be from 0.2 to 3 where light, to 2 where firm"),
    QT_TRANSLATE_NOOP("Facts", "must be at least %1"),
    QT_TRANSLATE_NOOP("Facts", "must be at least 5 minutes"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" must be keep, compress, anchor-lights or anchor-darks"),
    QT_TRANSLATE_NOOP("Facts", "an edge names a job that is not there"),
    QT_TRANSLATE_NOOP("Facts", "the edges run in a circle"),
    QT_TRANSLATE_NOOP("Facts", "needs a tray to begin with"),
    QT_TRANSLATE_NOOP("Facts", "must be more than 0"),
    QT_TRANSLATE_NOOP("Facts", "must be above 0"),
    QT_TRANSLATE_NOOP("Facts", "must be one for each target"),
    QT_TRANSLATE_NOOP("Facts", "must have sides from %1 to %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "must have a cell"),
    QT_TRANSLATE_NOOP("Facts", "must lie in the picture: x and y from 0 to 1, radius above 0 to 1"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" must be background, middle ground or foreground"),
    QT_TRANSLATE_NOOP("Facts", "the amount must be from 0 to 1"),
    QT_TRANSLATE_NOOP("Facts", "holds too many colours"),
    QT_TRANSLATE_NOOP("Facts", "a colour has no share"),
});

// Where the core says that it went wrong.
constexpr auto kWheres = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Facts", "%1, line %2"),
    QT_TRANSLATE_NOOP("Facts", "line %1"),
    QT_TRANSLATE_NOOP("Facts", "%1, field \"%2\""),
    QT_TRANSLATE_NOOP("Facts", "%1, mass %2"),
    QT_TRANSLATE_NOOP("Facts", "mass %1"),
    QT_TRANSLATE_NOOP("Facts", "photograph"),
    QT_TRANSLATE_NOOP("Facts", "picture"),
    QT_TRANSLATE_NOOP("Facts", "project"),
    QT_TRANSLATE_NOOP("Facts", "colour profile"),
    QT_TRANSLATE_NOOP("Facts", "paper colour"),
    QT_TRANSLATE_NOOP("Facts", "collection"),
    QT_TRANSLATE_NOOP("Facts", "palette"),
    QT_TRANSLATE_NOOP("Facts", "readings"),
    QT_TRANSLATE_NOOP("Facts", "sticks"),
    QT_TRANSLATE_NOOP("Facts", "tray"),
    QT_TRANSLATE_NOOP("Facts", "subject"),
    QT_TRANSLATE_NOOP("Facts", "sheet"),
    QT_TRANSLATE_NOOP("Facts", "mood"),
    QT_TRANSLATE_NOOP("Facts", "done"),
});

/// A fact with places, as a pattern that finds what was put in.
struct Pattern {
  const char* text;
  QRegularExpression finds;
};

std::vector<Pattern> patterns(std::span<const char* const> all) {
  std::vector<Pattern> out;
  for (const char* text : all) {
    QString escaped = QRegularExpression::escape(QString::fromUtf8(text));
    static const QRegularExpression place("\\\\%\\d");
    if (!escaped.contains(place)) continue;
    out.push_back({text, QRegularExpression("^" + escaped.replace(place, "(.+?)") + "$")});
  }
  // The most words first: "%1 is no number" would take more than is its own.
  std::stable_sort(out.begin(), out.end(),
                   [](const Pattern& p, const Pattern& q) { return std::strlen(p.text) > std::strlen(q.text); });
  return out;
}

/// All at once, because what is put in may hold a place itself.
QString put_in(const QString& text, const QStringList& parts) {
  switch (parts.size()) {
    case 1:
      return text.arg(parts[0]);
    case 2:
      return text.arg(parts[0], parts[1]);
    case 3:
      return text.arg(parts[0], parts[1], parts[2]);
    default:
      return text.arg(parts[0], parts[1], parts[2], parts[3]);
  }
}

QString said(std::span<const char* const> plain, const std::vector<Pattern>& with_places, const std::string& text,
             int depth = 0) {
  for (const char* one : plain) {
    if (text == one) return QCoreApplication::translate("Facts", one);
  }
  for (const Pattern& p : with_places) {
    const auto found = p.finds.match(QString::fromStdString(text));
    if (!found.hasMatch()) continue;
    QString out = QCoreApplication::translate("Facts", p.text);
    // What was put in may be a fact of its own: "cannot be saved: the disk is full …".
    QStringList parts;
    for (int i = 1; i <= found.lastCapturedIndex(); ++i) {
      const std::string part = found.captured(i).toStdString();
      parts << (depth > 0 ? term(part.c_str()) : said(plain, with_places, part, depth + 1));
    }
    return put_in(out, parts);
  }
  return depth > 0 ? term(text.c_str()) : QString::fromStdString(text);
}

}  // namespace

QString fact(const Error& error) {
  static const std::vector<Pattern> facts = patterns(kFacts);
  static const std::vector<Pattern> wheres = patterns(kWheres);
  const QString what = said(kFacts, facts, error.what);
  return error.where.empty() ? what : said(kWheres, wheres, error.where) + ": " + what;
}

std::span<const char* const> facts() { return kFacts; }

}  // namespace yd::words
