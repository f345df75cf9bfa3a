// SPDX-License-Identifier: MIT
#include "window/subject_tools.h"

#include <QShortcut>
#include <algorithm>
#include <numeric>

#include "models/mark_lines.h"
#include "words/facts.h"

namespace yd::app {
namespace {

std::vector<subject::Point> points_of(const std::vector<QPointF>& path) {
  std::vector<subject::Point> out;
  out.reserve(path.size());
  for (const QPointF& p : path) out.push_back({p.x(), p.y()});
  return out;
}

/// A line of a hand has more places than it has corners.
std::vector<subject::Point> thinned(const std::vector<subject::Point>& path) {
  constexpr std::size_t kPlaces = 300;
  const std::size_t step = path.size() / kPlaces + 1;
  std::vector<subject::Point> out;
  for (std::size_t i = 0; i < path.size(); i += step)
    out.push_back({std::clamp(path[i].x, 0.0, 1.0), std::clamp(path[i].y, 0.0, 1.0)});
  return out;
}

}  // namespace

SubjectTools::SubjectTools(Session& session, SubjectPanel& panel, Pair& pair, QObject* parent)
    : QObject(parent), session_(session), panel_(panel), pair_(pair) {
  connect(panel.light(), &LightSection::tool_asked, this, &SubjectTools::take);
  connect(panel.start(), &StartSection::tool_asked, this, &SubjectTools::take);
  connect(panel.masses(), &MassSection::tool_asked, this, &SubjectTools::take);
  connect(panel.things(), &ThingSection::tool_asked, this, &SubjectTools::take);
  connect(panel.things(), &ThingSection::mass_asked, this, &SubjectTools::take_mass);
  connect(panel.things(), &ThingSection::thing_chosen, this, &SubjectTools::refresh_overlay);
  connect(panel.sheet(), &SheetSection::frames_changed, this, &SubjectTools::refresh_overlay);
  connect(panel.measures(), &MeasureSection::tool_asked, this, &SubjectTools::take);
  connect(panel.masses(), &MassSection::mass_chosen, panel.measures(), &MeasureSection::show_extents);
  connect(&pair.link(), &ViewLink::path_begun, this, &SubjectTools::begin);
  connect(&pair.link(), &ViewLink::path_moved, this, &SubjectTools::move);
  connect(&pair.link(), &ViewLink::path_ended, this, &SubjectTools::end);
  connect(&session_, &Session::choices_changed, this, &SubjectTools::refresh_overlay);
  connect(&session_, &Session::subject_changed, this, &SubjectTools::refresh_overlay);
  connect(&session_, &Session::lit_changed, this, &SubjectTools::refresh_overlay);
  connect(panel.masses(), &MassSection::shown_or_hidden, this, &SubjectTools::refresh_overlay);
}

void SubjectTools::take(Tool tool) {
  tool_ = tool;
  path_.clear();
  lines_.clear();
  pair_.link().tool = tool != Tool::none;
  pair_.subject().setCursor(tool == Tool::none ? Qt::ArrowCursor : Qt::CrossCursor);
  if (tool != Tool::none) pair_.subject().setFocus();
  switch (tool) {
    case Tool::none:
      emit hint_changed({});
      break;
    case Tool::pick_grey:
      emit hint_changed(tr("Click what ought to be grey (or Space at the cross). Escape: leave it."));
      break;
    case Tool::pick_white:
      emit hint_changed(tr("Click what ought to be white (or Space at the cross). Escape: leave it."));
      break;
    case Tool::split:
      emit hint_changed(
          tr("Draw the line that splits mass %1, or mark its two ends with Space.").arg(panel_.masses()->chosen() + 1));
      break;
    case Tool::paint:
      emit hint_changed(tr("Paint what belongs to mass %1. Escape: done.").arg(panel_.masses()->chosen() + 1));
      break;
    case Tool::ring:
      emit hint_changed(tr("Draw from the middle of what matters to its rim, or click it. Escape: leave it."));
      break;
    case Tool::thing:
      emit hint_changed(tr("Draw roughly round the thing, a little outside it. Escape: leave it."));
      break;
    case Tool::thing_too:
      emit hint_changed(tr("Draw over what belongs to it too. Escape: done."));
      break;
    case Tool::thing_not:
      emit hint_changed(tr("Draw over what does not belong to it. Escape: done."));
      break;
    case Tool::measure:
      emit hint_changed(tr("Draw a line to measure, or mark its two ends with Space. Escape: done."));
      break;
    case Tool::place:
      emit hint_changed(tr("Click places to set out by; what lies plumb or level is said. Escape: done."));
      break;
    case Tool::compare:
      emit hint_changed(tr("Draw the first length, then the second. Escape: done."));
      break;
  }
  refresh_overlay();
}

std::vector<int> SubjectTools::numbered(const subject::Subject& s) const {
  const PlannedPtr planned = session_.planned();
  if (planned && planned->subject.get() == &s && session_.lit_pass() > 0)
    return masses_of(planned->plan, session_.lit_pass() - 1, session_.lit_last());
  std::vector<int> all(panel_.masses()->isVisible() ? s.masses.size() : 0);
  std::iota(all.begin(), all.end(), 0);
  return all;
}

void SubjectTools::refresh_overlay() {
  const SubjectPtr s = session_.subject();
  const Drawn drawn{path_, tool_ == Tool::ring, tool_ == Tool::measure || tool_ == Tool::compare};
  Overlay overlay = subject_overlay(session_.choices(), s.get(), drawn);
  if (s) add_things(s->thing_lines, panel_.things()->chosen(), overlay);
  panel_.sheet()->add_to(overlay);
  if (s) add_numbers(*s, numbered(*s), overlay);
  pair_.subject().set_overlay(overlay);
}

void SubjectTools::begin(QPointF share) {
  dragging_ = true;
  if (!needs_two() || path_.size() >= 2) path_.clear();
  path_.push_back(share);
  refresh_overlay();
}

void SubjectTools::move(QPointF share) {
  if (!dragging_ || path_.empty()) return;
  if (needs_two()) {
    path_.resize(1);
  }
  path_.push_back(share);
  refresh_overlay();
}

void SubjectTools::end(QPointF) {
  if (!dragging_) return;
  dragging_ = false;
  // One place marked of two: the other is still to come.
  if (needs_two() && path_.size() < 2) return;
  finish();
}

void SubjectTools::finish() {
  subject::MassEdit edit;
  edit.mass = panel_.masses()->chosen();
  edit.path = points_of(path_);
  if (tool_ == Tool::pick_grey || tool_ == Tool::pick_white) {
    pick(path_.front());
    take(Tool::none);
  } else if (tool_ == Tool::split && edit.mass >= 0) {
    edit.kind = subject::MassEdit::Kind::split_line;
    session_.add_edit(edit, tr("Split by a line"));
    take(Tool::none);
  } else if (tool_ == Tool::paint && edit.mass >= 0) {
    edit.kind = subject::MassEdit::Kind::paint;
    session_.add_edit(edit, tr("Painted border"));
    path_.clear();
  } else if (tool_ == Tool::ring) {
    ring(path_.front(), path_.back());
    take(Tool::none);
  } else if (tool_ == Tool::thing) {
    take_thing(edit.path);
  } else if (tool_ == Tool::thing_too || tool_ == Tool::thing_not) {
    take_stroke(edit.path);
    path_.clear();
  } else if (tool_ == Tool::place) {
    Choices next = session_.choices();
    if (next.composition.places.size() < subject::kMostPlaces) next.composition.places.push_back(edit.path.back());
    path_.clear();
    session_.change(next, tr("Place to set out by"));
  } else if (tool_ == Tool::measure || tool_ == Tool::compare) {
    const SubjectPtr s = session_.subject();
    const double aspect = s ? static_cast<double>(s->image.width) / s->image.height : 4.0 / 3;
    lines_.push_back(subject::line_between(edit.path[0], edit.path[1], session_.choices().composition.sheet(aspect)));
    if (tool_ == Tool::compare && lines_.size() % 2 == 0) {
      panel_.measures()->show_comparison(lines_[lines_.size() - 2], lines_.back());
    } else {
      panel_.measures()->show_line(lines_.back());
    }
  }
  refresh_overlay();
}

void SubjectTools::take_thing(const std::vector<subject::Point>& path) {
  Choices next = session_.choices();
  subject::Thing thing;
  thing.outline = thinned(path);
  if (const Status fine = subject::check({thing}); !fine) {
    path_.clear();
    return emit hint_changed(words::fact({fine.error().code, {}, fine.error().what}));
  }
  next.read.things.push_back(std::move(thing));
  take(Tool::none);
  session_.change(next, tr("Thing"));
  panel_.things()->choose(static_cast<int>(next.read.things.size()) - 1);
  panel_.things()->ask_name();
}

/// By keyboard alone: a mass is found in the list, and its border is the outline.
void SubjectTools::take_mass() {
  const SubjectPtr s = session_.subject();
  const int mass = panel_.masses()->chosen();
  if (!s || mass < 0 || mass >= static_cast<int>(s->masses.size())) return;
  for (const subject::Outline& o : subject::outlines(s->labels, s->masses.size())) {
    if (o.mass == mass && !o.lines.empty()) return take_thing(o.lines.front());
  }
}

void SubjectTools::take_stroke(const std::vector<subject::Point>& path) {
  const int thing = panel_.things()->chosen();
  Choices next = session_.choices();
  if (thing < 0 || thing >= static_cast<int>(next.read.things.size())) return;
  auto& strokes = next.read.things[static_cast<std::size_t>(thing)].strokes;
  if (strokes.size() >= subject::kMostThingStrokes) return;
  subject::ThingStroke stroke;
  stroke.belongs = tool_ == Tool::thing_too;
  stroke.path = thinned(path);
  strokes.push_back(std::move(stroke));
  session_.change(next, tool_ == Tool::thing_too ? tr("This too") : tr("Not this"));
}

void SubjectTools::ring(QPointF middle, QPointF rim) {
  const SubjectPtr s = session_.subject();
  if (!s || session_.choices().read.focus.size() >= subject::kMostRings) return;
  Choices next = session_.choices();
  next.read.focus.push_back(ring_between(middle, rim, *s));
  session_.change(next, tr("What matters"));
}

void SubjectTools::pick(QPointF share) {
  const ImagePtr image = session_.image();
  if (!image) return;
  const auto& pixels = image->image;
  const colour::LabPixel& p = pixels.at(std::min(pixels.width - 1, static_cast<int>(share.x() * pixels.width)),
                                        std::min(pixels.height - 1, static_cast<int>(share.y() * pixels.height)));
  Choices next = session_.choices();
  next.composition.adjust.neutral = colour::Lab{p.l, p.a, p.b};
  next.composition.adjust.neutral_is_white = tool_ == Tool::pick_white;
  session_.change(next, tool_ == Tool::pick_white ? tr("White picked") : tr("Grey picked"));
}

}  // namespace yd::app
