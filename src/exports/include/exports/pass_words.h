// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QString>
#include <QStringList>

#include "marks/groups.h"
#include "exports/mark_painter.h"
#include "exports/plan_view.h"

namespace yd::exports {

/// A pass in words and colours, for lists, the easel and print.
struct PassWords {
  QString passage;         ///< what it is part of: "3. Lights of the dune"
  QString finished_when;   ///< of its passage, where it is the last in it
  QString title;           ///< the stick, paint or fixative
  QColor colour;           ///< the stick's own; of a coat, as it is wet; transparent for fixative
  QString medium;          ///< "soft stick, dark muted blue"
  QString how;             ///< "firm, rubbed in"
  QString delicate;        ///< a hint where a wrong pressure would be seen
  QString purpose;         ///< "as an undertone"; empty where the stick is the colour itself
  int passage_number = 0;  ///< 1 ..
  QString where;           ///< places by name: "the upper part of left hill"
  QString tray;            ///< place in the tray
  int tray_place = 0;      ///< 1 ..
  QString mark;            ///< how the stick is used: in its largest part
  QString direction;       ///< of the marks there
  QString rubbing;         ///< with what and which way
  QString run;             ///< where it is firmest, and where it lets off
  double angle_deg = 0;    ///< of the strokes, where the masses agree
  bool directed = false;
  QColor after;  ///< how it should look then, in its largest part
  QString after_words;
  QString tooth;  ///< what is left
  double tooth_left = 1;
  QString time;
  QString drying;      ///< how long, and what may shorten it
  QString why_now;     ///< the nearest rule that puts it here; empty for what finishes: it goes over all
  QStringList why;     ///< every rule that puts it here
  QStringList safety;  ///< cautions of this pass
};
PassWords words_of(const PlanView& planned, int pass);

/// How the pass is drawn: its mark on its largest place.
MarkDrawing mark_drawing(const PlanView& planned, int pass);
/// "soft stick", "pencil" …
QString medium_name(optics::Medium medium);

/// "light", "middle" or "firm".
QString pressure_words(double pressure);
/// "light to firm".
QString pressure_words(double least, double greatest);

/// Sticks of the tray by their place in it: from dark to light.
std::vector<int> tray_by_place(const PlanView& planned);

/// What the hand does next: "end 9 mm, 14 marks: the hill, 1 min".
QString group_words(const plan::MarkGroup& group, const PlanView& planned);

/// "1:42 h" or "12 min".
QString minutes_words(double minutes);

/// Cautions gathered over the whole plan, for one page.
QStringList safety_page(const PlanView& planned);

/// A mass's recipe as one would tell a friend: about three lines.
QStringList friend_words(const PlanView& planned, int mass);

}  // namespace yd::exports
