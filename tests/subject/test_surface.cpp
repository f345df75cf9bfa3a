// SPDX-License-Identifier: MIT
// What masses are the surface of, and names that tell them apart. Common practice, no published source.
#include <QTest>
#include <cmath>
#include <set>

#include "subject/remarks.h"
#include "subject/subject.h"
#include "subject/surface.h"
#include "support/random.h"

using namespace yd;
using subject::Surface;

namespace {

/// Sky, lighter towards a horizon at 45 % of the height; below it level water with the sky's colours at the left and
/// green of upright blades at the right.
subject::LabImage landscape(bool blue) {
  subject::LabImage image(300, 200);
  Random random(3);
  std::vector<float> row(200);
  std::vector<float> column(300);
  for (float& v : row) v = static_cast<float>(random.uniform(-5, 5));
  for (float& v : column) v = static_cast<float>(random.uniform(-9, 9));
  for (int y = 0; y < 200; ++y) {
    for (int x = 0; x < 300; ++x) {
      const auto down = static_cast<float>(y);
      colour::LabPixel& p = image.at(x, y);
      if (y < 90) {
        p = {60 + 0.25F * down, 0, blue ? -22 + 0.1F * down : 8.0F};
      } else if (x < 150) {
        p = {62 + row[static_cast<std::size_t>(y)], -2, blue ? -14.0F : 6.0F};
      } else {
        p = {42 + column[static_cast<std::size_t>(x)], -24, 26};
      }
    }
  }
  return image;
}

subject::Subject read_changed(subject::LabImage image, std::vector<subject::MassEdit> edits = {}) {
  Observer observer;
  subject::ReadOptions options{0.2, 8};
  options.edits = std::move(edits);
  return subject::read_subject(std::move(image), options, observer).value();
}

Surface at(const subject::Subject& s, int x, int y) { return s.masses[s.labels.at(x, y)].surface; }

}  // namespace

class TestSurface : public QObject {
  Q_OBJECT
 private slots:
  // Nothing but a sky is guessed: water and grass below it may be a table and a cloth.
  void a_sky_is_guessed_and_nothing_else() {
    const subject::Subject s = read_changed(landscape(true));
    QVERIFY(at(s, 150, 10) == Surface::sky);
    QVERIFY(at(s, 150, 70) == Surface::sky);
    QVERIFY(at(s, 60, 160) == Surface::unsaid);
    QVERIFY(at(s, 230, 160) == Surface::unsaid);
  }

  // A small pale board at the top is no sky, nor is a colour that no air has.
  void little_or_violet_is_no_sky() {
    subject::LabImage board(300, 200, {45, 6, 12});
    for (int y = 0; y < 12; ++y)
      for (int x = 0; x < 120; ++x) board.at(x, y) = {78, -1, -8};
    for (const subject::Mass& m : read_changed(std::move(board)).masses) QVERIFY(m.surface == Surface::unsaid);
    subject::LabImage violet(300, 200, {45, 55, -70});
    for (int y = 110; y < 200; ++y)
      for (int x = 0; x < 300; ++x) violet.at(x, y) = {25, 8, 12};
    QVERIFY(at(read_changed(std::move(violet)), 150, 20) == Surface::unsaid);
  }

  // A wall that gets no lighter below is no sky, nor is anything dark or rough.
  void a_wall_is_no_sky() {
    subject::LabImage wall(300, 200, {55, 2, 8});
    for (int y = 110; y < 200; ++y)
      for (int x = 0; x < 300; ++x) wall.at(x, y) = {25, 8, 12};
    const subject::Subject s = read_changed(std::move(wall));
    QVERIFY(at(s, 150, 20) == Surface::unsaid);
  }

  void the_artist_knows_better() {
    const subject::Subject before = read_changed(landscape(true));
    subject::MassEdit e;
    e.kind = subject::MassEdit::Kind::surface;
    e.mass = before.labels.at(60, 160);
    e.to_surface = Surface::reflection;
    const subject::Subject s = subject::with_edits(before, {e});
    QVERIFY(at(s, 60, 160) == Surface::reflection);
    QVERIFY(s.masses[static_cast<std::size_t>(e.mass)].surface_said);
    QVERIFY(!subject::changes_shapes(e));
    QCOMPARE(subject::edit_kind_by_name("surface").value(), subject::MassEdit::Kind::surface);
  }

  void names_are_short_and_each_its_own() {
    for (const bool blue : {true, false}) {
      const subject::Subject s = read_changed(landscape(blue));
      std::set<std::string> names;
      for (const subject::Mass& m : s.masses) {
        QVERIFY2(names.insert(m.name).second, m.name.c_str());
        QVERIFY2(m.name.size() < 25 && m.name.ends_with(" " + std::to_string(m.id + 1)), m.name.c_str());
      }
    }
    // By colour and number; a name of the artist's stays.
    std::vector<subject::Mass> masses(3);
    masses[0].mean = {32, 0, 0};
    masses[1].mean = {80, 0, 0};
    masses[2].name = "the gate";
    subject::name_places(masses, {0, 0, 1});
    QCOMPARE(masses[0].name, std::string("dark grey 1"));
    QCOMPARE(masses[1].name, std::string("pale grey 2"));
    QCOMPARE(masses[2].name, std::string("the gate"));
  }

  // Common practice, no published source: the focal point off centre.
  void a_focal_point_in_the_middle_is_remarked() {
    std::vector<subject::Mass> masses(2);
    masses[0].area = 0.1;
    masses[0].centre_x = masses[0].centre_y = 0.5;
    masses[1].area = 0.9;
    QVERIFY(!subject::focal_in_middle(masses));
    masses[0].focal = true;
    QVERIFY(subject::focal_in_middle(masses));
    masses[0].centre_x = 0.33;
    QVERIFY(!subject::focal_in_middle(masses));
    masses[0].centre_x = 0.5;
    masses[1].focal = true;  // all of it is no point
    QVERIFY(!subject::focal_in_middle(masses));
  }

  void surfaces_have_names() {
    for (int i = 0; i < subject::kSurfaces; ++i)
      QVERIFY(subject::surface_by_name(subject::name(static_cast<Surface>(i))).value() == static_cast<Surface>(i));
    QVERIFY(subject::surface_by_name("leaf").value() == Surface::foliage);  // older projects
    QVERIFY(!subject::surface_by_name("velvet").ok());
  }
};

QTEST_GUILESS_MAIN(TestSurface)
#include "test_surface.moc"
