// SPDX-License-Identifier: MIT
// Masses changed by hand: always connected, always numbered without gaps, refused with a reason where they cannot be.
#include <QTest>
#include <set>

#include "small_world.h"
#include "subject/subject.h"

using namespace yd;
using subject::MassEdit;

namespace {

MassEdit edit(MassEdit::Kind kind, int mass) {
  MassEdit e;
  e.kind = kind;
  e.mass = mass;
  return e;
}

/// Numbers without gaps, each connected, areas summing to the picture.
void sound(const subject::Subject& s) {
  QCOMPARE(static_cast<std::size_t>(subject::connected_pieces(s.labels).count), s.masses.size());
  std::set<int> seen(s.labels.data.begin(), s.labels.data.end());
  QCOMPARE(seen.size(), s.masses.size());
  QCOMPARE(*seen.rbegin(), static_cast<int>(s.masses.size()) - 1);
  double area = 0;
  for (const subject::Mass& m : s.masses) area += m.area;
  QVERIFY(std::abs(area - 1) < 1e-9);
}

int neighbour_of(const subject::Subject& s, int mass) {
  for (int y = 0; y + 1 < s.labels.height; ++y) {
    for (int x = 0; x + 1 < s.labels.width; ++x) {
      if (s.labels.at(x, y) == mass && s.labels.at(x + 1, y) != mass) return s.labels.at(x + 1, y);
      if (s.labels.at(x, y) == mass && s.labels.at(x, y + 1) != mass) return s.labels.at(x, y + 1);
    }
  }
  return -1;
}

}  // namespace

class TestEdits : public QObject {
  Q_OBJECT
 private slots:
  void merging_neighbours_adds_their_areas() {
    const int other = neighbour_of(trial::bands_and_patches(), 0);
    MassEdit e = edit(MassEdit::Kind::merge, 0);
    e.other = other;
    const auto s = subject::with_edits(trial::bands_and_patches(), {e});
    QVERIFY(!s.refused);
    QCOMPARE(s.masses.size(), trial::bands_and_patches().masses.size() - 1);
    sound(s);
    const double both = trial::bands_and_patches().masses[0].area +
                        trial::bands_and_patches().masses[static_cast<std::size_t>(other)].area;
    QVERIFY(std::abs(s.masses[0].area - both) < 1e-9);
  }

  void masses_apart_are_not_merged() {
    const auto n = static_cast<int>(trial::bands_and_patches().masses.size());
    int refused = 0;
    for (int other = 1; other < n; ++other) {
      MassEdit e = edit(MassEdit::Kind::merge, 0);
      e.other = other;
      const auto s = subject::with_edits(trial::bands_and_patches(), {e});
      if (!s.refused) continue;
      ++refused;
      QVERIFY(QString::fromStdString(s.refused->what).contains("does not touch"));
      QCOMPARE(s.labels.data, trial::bands_and_patches().labels.data);
    }
    QVERIFY(refused > 0);
  }

  void a_line_splits_a_mass_in_two() {
    // The largest mass, by an upright line through its middle.
    const auto largest =
        std::max_element(trial::bands_and_patches().masses.begin(), trial::bands_and_patches().masses.end(),
                         [](const auto& p, const auto& q) { return p.area < q.area; });
    MassEdit e = edit(MassEdit::Kind::split_line, largest->id);
    e.path = {{largest->centre_x, 0.0}, {largest->centre_x, 1.0}};
    const auto s = subject::with_edits(trial::bands_and_patches(), {e});
    QVERIFY2(!s.refused, s.refused ? s.refused->what.c_str() : "");
    QCOMPARE(s.masses.size(), trial::bands_and_patches().masses.size() + 1);
    sound(s);
    const double left = s.masses[static_cast<std::size_t>(largest->id)].centre_x;
    const double right = s.masses.back().centre_x;
    QVERIFY(std::abs(left - right) > 0.05);
    QVERIFY((left - largest->centre_x) * (right - largest->centre_x) < 0);
  }

  void splitting_by_value_parts_dark_from_light() {
    subject::LabImage image(300, 200);
    for (int y = 0; y < 200; ++y) {
      for (int x = 0; x < 300; ++x) image.at(x, y) = {x < 150 ? 40.0F : 46.0F, 30, 0};
    }
    subject::Edited one;
    one.regions.labels = subject::LabelImage(300, 200);
    one.regions.count = 1;
    one.words.resize(1);
    QVERIFY(subject::play(one, edit(MassEdit::Kind::split_values, 0), image).ok());
    QCOMPARE(one.regions.count, 2);
    for (int y = 0; y < 200; y += 9) {
      QCOMPARE(int(one.regions.labels.at(140, y)), 0);
      QCOMPARE(int(one.regions.labels.at(160, y)), 1);
    }
  }

  void an_even_mass_is_not_split_by_value() {
    subject::LabImage image(200, 200, {50, 0, 0});
    Observer observer;
    const auto read = subject::read_subject(std::move(image), {0, 8}, observer).value();
    const auto s = subject::with_edits(read, {edit(MassEdit::Kind::split_values, 0)});
    QVERIFY(s.refused);
    QCOMPARE(s.masses.size(), read.masses.size());
  }

  void painting_grows_a_mass_and_nothing_falls_apart() {
    const int mass = 0;
    MassEdit e = edit(MassEdit::Kind::paint, mass);
    const auto& m = trial::bands_and_patches().masses[0];
    e.path = {{m.centre_x, m.centre_y}, {m.centre_x, std::min(0.95, m.centre_y + 0.4)}};
    e.width = 0.08;
    const auto s = subject::with_edits(trial::bands_and_patches(), {e});
    QVERIFY(!s.refused);
    sound(s);
    QVERIFY(s.masses[0].area > m.area + 0.005);
  }

  // A brush from edge to edge through a mass leaves two of it, neither of which goes to somebody else.
  void a_mass_painted_across_is_two() {
    subject::LabelImage labels(120, 80, 0);
    for (int y = 60; y < 80; ++y) {
      for (int x = 0; x < 120; ++x) labels.at(x, y) = 1;
    }
    subject::Edited state{{labels, 2}, std::vector<subject::MassWords>(2)};
    state.words[0].name = "sky";
    state.words[0].has_edge = true;
    MassEdit e = edit(MassEdit::Kind::paint, 1);
    e.path = {{0.3, 0}, {0.3, 1}};
    e.width = 0.05;
    QVERIFY(subject::play(state, e, subject::LabImage(120, 80)).ok());
    QCOMPARE(state.regions.count, 3);
    const auto& now = state.regions.labels;
    QCOMPARE(int(now.at(110, 20)), 0);
    QCOMPARE(int(now.at(10, 20)), 2);
    QCOMPARE(int(now.at(36, 20)), 1);
    QCOMPARE(state.words[0].name, std::string("sky"));
    QVERIFY(state.words[2].name.empty() && state.words[2].has_edge);
  }

  void a_mass_painted_over_is_gone() {
    MassEdit e = edit(MassEdit::Kind::paint, 0);
    e.path = {{0, 0.5}, {1, 0.5}};
    e.width = 1;
    MassEdit all = e;
    all.path = {{0, 0.05}, {1, 0.05}, {1, 0.5}, {0, 0.5}, {0, 0.95}, {1, 0.95}};
    const auto s = subject::with_edits(trial::bands_and_patches(), {all});
    QCOMPARE(s.masses.size(), std::size_t{1});
    sound(s);
  }

  void words_stay_through_later_merges() {
    MassEdit named = edit(MassEdit::Kind::rename, 3);
    named.name = "far bank";
    MassEdit plane = edit(MassEdit::Kind::plane, 3);
    plane.to_plane = subject::Plane::foreground;
    MassEdit soft = edit(MassEdit::Kind::edge, 3);
    soft.to_edge = subject::EdgeKind::soft;
    MassEdit merge = edit(MassEdit::Kind::merge, neighbour_of(trial::bands_and_patches(), 0) == 3 ? 3 : 0);
    merge.other = neighbour_of(trial::bands_and_patches(), 0) == 3 ? 0 : neighbour_of(trial::bands_and_patches(), 0);
    const auto s =
        subject::with_edits(trial::bands_and_patches(), {named, plane, soft, edit(MassEdit::Kind::focal, 3), merge});
    const auto found =
        std::find_if(s.masses.begin(), s.masses.end(), [](const auto& m) { return m.name == "far bank"; });
    QVERIFY(found != s.masses.end());
    QCOMPARE(found->plane, subject::Plane::foreground);
    QCOMPARE(found->edge, subject::EdgeKind::soft);
    QVERIFY(found->focal);
  }

  void a_bad_edit_is_left_out_and_the_rest_is_played() {
    MassEdit named = edit(MassEdit::Kind::rename, 1);
    named.name = "kept";
    const auto s = subject::with_edits(trial::bands_and_patches(), {edit(MassEdit::Kind::focal, 99), named});
    QVERIFY(QString::fromStdString(describe(*s.refused)).contains("mass 100"));
    QCOMPARE(s.masses[1].name, std::string("kept"));
  }

  void the_same_edits_give_the_same_reading() {
    subject::ReadOptions options{0.2, 12};
    MassEdit line = edit(MassEdit::Kind::split_line, 0);
    line.path = {{0.3, 0}, {0.3, 1}};
    options.edits = {line};
    Observer observer;
    const auto whole = subject::read_subject(trial::bands_and_patches().image, options, observer).value();
    const auto again = subject::with_edits(trial::bands_and_patches(), options.edits);
    QCOMPARE(whole.labels.data, again.labels.data);
    QCOMPARE(whole.masses.size(), again.masses.size());
  }
};

QTEST_GUILESS_MAIN(TestEdits)
#include "test_edits.moc"
