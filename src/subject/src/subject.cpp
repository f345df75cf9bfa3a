// SPDX-License-Identifier: MIT
#include "subject/subject.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include "subject/squint.h"
#include "subject/surface.h"
#include "thing_words.h"
#include "subject/values.h"

namespace yd::subject {
namespace {

constexpr int kMassSide = 700;  // long side at which masses are found; borders need no more
constexpr int kSuperpixelSide = 14;

/// The artist's own colours over the subject's; masses and shades are those of the new picture.
void recolour(Subject& s, const std::vector<MassWords>& words) {
  std::vector<std::optional<OwnFamily>> families;
  families.reserve(words.size());
  for (const MassWords& w : words) families.push_back(w.colour);
  const bool single = std::any_of(families.begin(), families.end(), [](const auto& f) { return f.has_value(); });
  if (s.colours.plain() && !single) return;
  const Recolouring own(s.colours, s.masses, families);
  auto before = std::make_shared<AsItIs>();
  for (const auto part : {&AsItIs::image, &AsItIs::squinted, &AsItIs::softened}) {
    LabImage& picture = part == &AsItIs::image ? s.image : part == &AsItIs::squinted ? s.squinted : s.softened;
    (*before).*part = std::move(picture);
    picture = own.apply((*before).*part, s.labels);
  }
  s.as_it_is = std::move(before);
  s.masses = measure_masses(s.squinted, Regions{s.labels, static_cast<int>(words.size())});
  s.shade = find_shades(s.softened, s.labels, s.masses, what_matters(s));
}

/// Plays the edits on what was found and measures the masses. An edit that cannot be played is left out and said.
void finish(Subject& s, const std::vector<MassEdit>& edits) {
  if (const auto before = std::exchange(s.as_it_is, nullptr)) {
    s.image = before->image;
    s.squinted = before->squinted;
    s.softened = before->softened;
  }
  Edited state{s.found, std::vector<MassWords>(static_cast<std::size_t>(s.found.count))};
  s.refused.reset();
  for (const MassEdit& e : edits) {
    const Status played = play(state, e, s.small);
    if (!played && !s.refused) s.refused = played.error();
  }
  s.labels = enlarge(state.regions.labels, s.image.width, s.image.height);
  s.masses = measure_masses(s.squinted, Regions{s.labels, state.regions.count});
  s.shade = find_shades(s.softened, s.labels, s.masses, what_matters(s));
  // What a mass is and how it ends is read from the subject, whatever colour it is given.
  const auto edges = guess_edges(s.image, s.labels, state.regions.count);
  const auto surfaces = guess_surfaces(s.image, s.softened, s.labels, s.masses);
  const auto textures = measure_textures(s.image, s.labels, s.masses.size());
  recolour(s, state.words);
  measure_shade_textures(s.as_it_is ? s.as_it_is->image : s.image, s.labels, s.shade, s.masses);
  std::vector<char> named(s.masses.size(), 0);
  tell_things(s.things, s.labels, s.masses);
  for (std::size_t m = 0; m < s.masses.size(); ++m) {
    const MassWords& words = state.words[m];
    Mass& mass = s.masses[m];
    named[m] = words.name.empty() ? 0 : 1;
    if (!words.name.empty()) mass.name = words.name;
    const auto of_kind = surface_of(s.things, mass.thing);
    mass.surface_said = words.has_surface || of_kind.has_value();
    mass.surface = words.has_surface ? words.surface : of_kind.value_or(mass.thing < 0 ? surfaces[m] : Surface::unsaid);
    if (const auto plane = plane_of(s.things, mass.thing)) mass.plane = *plane;
    if (words.has_plane) mass.plane = words.plane;
    mass.plane_said = words.has_plane || plane_of(s.things, mass.thing).has_value();
    mass.edge = words.has_edge ? words.edge : edges[m];
    mass.focal = words.focal || matters(s.things, mass.thing);
    mass.texture = textures[m];
    mass.own = words.colour;
  }
  name_parts(s.things, s.masses, named);
  name_places(s.masses, named);
  for (const FocusRing& ring : s.focus) {
    for (const int m : masses_within(s.labels, s.masses.size(), {ring.x, ring.y}, ring.radius))
      s.masses[static_cast<std::size_t>(m)].focal = true;
  }
}

/// Superpixels merged, within each thing and within the rest; again where smoothing cut some off.
Regions find_masses(const Subject& s, int most) {
  Regions pieces = superpixels(s.small, kSuperpixelSide);
  const bool things = s.things.any();
  const LabelImage* owner = things ? &s.things.owner : nullptr;
  MergeOptions merge;
  merge.most = most;
  if (things) merge.budgets = budgets_of(s.things, most);
  const auto merged = [&](Regions from) {
    if (things) merge.owner = split_by_owner(from, s.things.owner);
    merge.importance = importance_of(s.small, from, s.focus);
    for (std::size_t p = 0; p < merge.owner.size(); ++p) merge.importance[p] *= importance_of(s.things, merge.owner[p]);
    return merge_regions(s.small, from, merge);
  };
  Regions out = merged(std::move(pieces));
  smooth_borders(out, merge.smallest, owner);
  int allowed = most;
  for (const MergeOptions::Budget& b : merge.budgets) allowed = &b == merge.budgets.data() ? b.most : allowed + b.most;
  return out.count > allowed ? merged(std::move(out)) : out;
}

Status usable(const LabImage& image, const ReadOptions& options) {
  if (!kSquintLimit.holds(options.squint)) return bad_value("squint", kSquintLimit.words());
  if (!kMassesLimit.holds(options.masses)) return bad_value("masses", kMassesLimit.words());
  if (image.size() == 0) return bad_value("picture", "has no pixels");
  for (const FocusRing& r : options.focus) {
    const bool there = r.x >= 0 && r.x <= 1 && r.y >= 0 && r.y <= 1 && r.radius > 0 && r.radius <= 1;
    if (!there) return bad_value("focus", "must lie in the picture: x and y from 0 to 1, radius above 0 to 1");
  }
  if (Status fine = check(options.things); !fine) return fine;
  return check(options.colours);
}

}  // namespace

Result<Subject> read_subject(LabImage image, const ReadOptions& options, Observer& observer) {
  if (const Status good = usable(image, options); !good) return good.error();
  const Error cancelled{Error::Code::cancelled, "subject", "stopped"};
  Subject s;
  observer.progress(0.0, "squinting");
  s.squinted = squint(image, options.squint);
  s.softened = soften(image);
  s.image = std::move(image);
  if (observer.cancelled()) return cancelled;
  observer.progress(0.4, "finding masses");
  s.small = shrink(s.squinted, kMassSide);
  s.focus = options.focus;
  s.colours = options.colours;
  s.things = find_things(shrink(s.image, kMassSide), options.things);
  if (observer.cancelled()) return cancelled;
  s.found = find_masses(s, options.masses);
  if (observer.cancelled()) return cancelled;
  observer.progress(0.8, "measuring masses");
  finish(s, options.edits);
  observer.progress(1.0, "read");
  return s;
}

Subject with_edits(const Subject& subject, const std::vector<MassEdit>& edits, const OwnColours& colours) {
  Subject s = subject;
  s.colours = colours;
  finish(s, edits);
  return s;
}

}  // namespace yd::subject
