// SPDX-License-Identifier: MIT
// Strokes of their own on top, what each pass is for, and what it costs when it is off.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "advice/delicate.h"
#include "bands.h"
#include "colour/ciede2000.h"
#include "search/layer_search.h"
#include "small_world.h"

using namespace yd;
using plan::Purpose;
using plan::Technique;

namespace {

/// A wall over a floor; on the wall small tiles, too small to be masses.
struct Room {
  colour::LabPixel wall{72, 0, 4}, floor{38, 12, 20}, tile{46, 4, -42};
};
subject::Subject wall_with_tiles(const Room& room = {}) {
  subject::LabImage image(320, 240);
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < image.width; ++x) {
      const bool tile = y > 20 && y < 130 && x % 40 < 8 && y % 36 < 8;
      image.at(x, y) = tile ? room.tile : y < 150 ? room.wall : room.floor;
      image.at(x, y).l += 6.0F * static_cast<float>(x) / 320 - 3;
    }
  }
  Observer observer;
  return subject::read_subject(std::move(image), {0.1, 8}, observer).value();
}

plan::Plan planned(const subject::Subject& s, const plan::PlanOptions& options) {
  Observer observer;
  return plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(), options, observer)
      .value();
}

/// A grey head before grass, with two small amber eyes, which are marked or not.
subject::Subject head_with_eyes(bool marked) {
  subject::LabImage image(400, 300);
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < image.width; ++x) {
      const bool head = std::hypot(x - 200, y - 150) < 60;
      const bool eye = std::hypot(std::abs(x - 200) - 20, y - 140) < 4;
      const auto wave = static_cast<float>(std::sin(0.21 * x) * std::sin(0.17 * y));
      image.at(x, y) = eye    ? colour::LabPixel{58, 24, 56}
                       : head ? colour::LabPixel{60 + 18 * wave, 0, -2}
                              : colour::LabPixel{56 + 8 * wave, -30, 40 + 8 * wave};
    }
  }
  Observer observer;
  subject::ReadOptions options{0.1, 8};
  if (marked) options.focus.push_back({0.5, 0.47, 0.09});
  return subject::read_subject(std::move(image), options, observer).value();
}

double off(const plan::TargetPlan& t) { return colour::ciede2000(t.recipe.look.lab, t.target); }

/// An even sky over a sea, and in it the two halves of a kite, each about a three-thousandth of the picture.
subject::Subject sky_with_a_kite(const colour::LabPixel& left, const colour::LabPixel& right) {
  subject::LabImage image(800, 600);
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < image.width; ++x) {
      const bool kite = std::abs(x - 520) + std::abs(y - 180) <= 13;
      image.at(x, y) = kite ? x < 520 ? left : right
                            : colour::LabPixel{(y < 400 ? 55.0F : 30.0F) + 0.01F * static_cast<float>(y), -4,
                                               y < 400 ? -32.0F : -14.0F};
    }
  }
  Observer observer;
  return subject::read_subject(std::move(image), {0.5, 8}, observer).value();
}

/// How far the plan is off what is nearest to a colour.
double off_where(const plan::Plan& p, const colour::Lab& colour) {
  const auto found = std::min_element(p.targets.begin(), p.targets.end(), [&](const auto& s, const auto& t) {
    return colour::ciede2000(s.seen, colour) < colour::ciede2000(t.seen, colour);
  });
  return off(*found);
}

/// Far hills over near ones in whose mass a strip of the far ones lies, as where a ridge runs out; sky and earth.
trial::Bands hills() {
  trial::Bands b(160, 120);
  b.mass(0, 40, {{80, 3, -4}, {82, 4, -2}, {84, 5, 2}, {86, 7, 10}});
  b.mass(40, 52, {{59, 11, -8}, {60.5, 11.5, -7.7}, {62, 12, -7}});
  b.mass(
      52, 76,
      {{48.3, 7.7, -8.6}, {49.3, 8, -8}, {49.8, 8.2, -7.8}, {50.6, 8.5, -7.1}, {51.2, 8.7, -6.8}, {57.9, 10.6, -8.3}});
  b.mass(76, 120, {{38, 2, -1}, {42, 6, 9}, {45, 7, 10}, {48, 8, 13}});
  return b;
}

/// A wall from warm to cool over a table, and on the table a dark thing with a third of it green: no small colour of
/// it.
trial::Bands stalks() {
  trial::Bands b(160, 120);
  b.mass(0, 60, {{60, -1, 3}, {64, -1, 2}, {68, 0, 0}, {72, 0, -3}, {76, 0, -5}});
  b.mass(60, 108, {{30, 8, 12}, {38, 9, 16}, {46, 10, 18}, {54, 9, 20}, {62, 8, 20}});
  b.mass(108, 120, {{17, 8, -9}, {20, 9, -10}, {23, 10, -11}, {26, 8, -8}, {46, -14, 23}, {50, -15, 24}});
  return b;
}

/// A plan of one mass with two layers, the lower one of another colour.
plan::Plan layered(int lower, int upper, const colour::Lab& target, double pressure = 1) {
  plan::Plan p;
  plan::TargetPlan t;
  t.target = t.seen = target;
  t.area = 1;
  t.recipe =
      plan::evaluate(trial::paper().ground, trial::parameters(), trial::shipped_collection().sticks,
                     {{lower, 0.5, Technique::laid, false, 0}, {upper, pressure, Technique::laid, false, 1}}, target);
  p.targets = {t};
  for (int level = 0; level < 2; ++level) {
    plan::Pass pass;
    pass.level = level;
    pass.stick = level == 0 ? lower : upper;
    pass.targets = {0};
    pass.masses = {0};
    pass.pressures = {level == 0 ? 0.5 : pressure};
    p.passes.push_back(pass);
  }
  return p;
}

int nearest(const colour::Lab& lab) {
  const auto& all = trial::shipped_collection().sticks;
  const auto best = std::min_element(all.begin(), all.end(), [&](const media::Stick& p, const media::Stick& q) {
    return colour::ciede2000(p.lab, lab) < colour::ciede2000(q.lab, lab);
  });
  return static_cast<int>(best - all.begin());
}

}  // namespace

class TestAccents : public QObject {
  Q_OBJECT
 private slots:
  // Eyes of a ten-thousandth of the picture are little to it, and all to who marks them: the tray has a nearer stick.
  void what_is_marked_gets_its_accent() {
    const auto eyes = [](const plan::Plan& p) {
      double sum = 0;
      double area = 0;
      for (const plan::TargetPlan& t : p.targets) {
        if (t.seen.a > 12 && t.seen.b > 25) {
          sum += t.area * off(t);
          area += t.area;
        }
      }
      return area > 0 ? sum / area : 1e9;
    };
    const plan::Plan marked = planned(head_with_eyes(true), trial::options_with(8));
    const plan::Plan plain = planned(head_with_eyes(false), trial::options_with(8));
    const QByteArray told = QString("marked %1, not marked %2").arg(eyes(marked)).arg(eyes(plain)).toUtf8();
    QVERIFY2(eyes(marked) < 8, told);
    QVERIFY2(eyes(marked) < eyes(plain), told);
    QVERIFY2(eyes(plain) < 10, told);  // what stands out is not missing either
    QVERIFY(marked.tray.size() <= 8);
    // What is not marked counts once, what is counts for a share of the picture.
    double counts = 0;
    double area = 0;
    for (const plan::TargetPlan& t : marked.targets) counts += plan::counted(t), area += t.area;
    QVERIFY2(counts > 1.05 * area && counts < 1.25 * area, qPrintable(QString::number(counts / area)));
    for (const plan::TargetPlan& t : plain.targets) QCOMPARE(t.times, 1.0);
  }

  // Common practice, no published source: a small vivid thing gets a touch of its own, not a layer all over its mass.
  void a_small_vivid_colour_is_not_lost() {
    const subject::Subject s = wall_with_tiles();
    const plan::Plan p = planned(s, trial::options_with(8));
    const plan::TargetPlan* blue = nullptr;
    for (const plan::TargetPlan& t : p.targets) {
      if (colour::chroma(t.seen) > 25 && t.seen.b < -20 && (blue == nullptr || t.area > blue->area)) blue = &t;
    }
    QVERIFY(blue != nullptr);
    QVERIFY(blue->solid > 0.5);
    QVERIFY2(off(*blue) < 8, qPrintable(QString::number(off(*blue))));
  }

  // Common practice, no published source: with three sticks one does without a nuance of the wall before one paints a
  // green thing grey.
  void a_vivid_part_of_a_mass_keeps_its_hue() {
    const plan::Plan p = planned(stalks().subject, trial::options_with(3));
    const double left = off_where(p, {50, -15, 24});
    QVERIFY2(left < 8, qPrintable(QString::number(left)));
  }

  // Common practice, no published source: the one thing of another colour is what the picture is of, however small.
  void a_kite_is_not_left_out_of_its_sky() {
    const colour::LabPixel red{45, 62, 40};
    const colour::LabPixel yellow{82, 4, 78};
    const plan::Plan p = planned(sky_with_a_kite(red, yellow), trial::options_with(12));
    for (const colour::LabPixel& half : {red, yellow}) {
      const double left = off_where(p, {half.l, half.a, half.b});
      QVERIFY2(left < 10, qPrintable(QString::number(left)));
    }
  }

  // Among leaves of greens and black, which are no small colours of their mass, the one that is orange is.
  void what_hardly_anything_has_stands_out() {
    plan::ShadeSet shades;
    const std::vector<colour::Lab> colours{{12, 0, 2}, {40, -22, 30}, {62, -30, 48}, {60, 34, 58}};
    shades.add_mass(colours, std::vector<double>{0.5, 0.3, 0.18, 0.02});
    QVERIFY(shades.vivid(0).empty());
    QCOMPARE(shades.standing_out(0), std::vector<std::size_t>{3});
    // Half orange, it is one of the mass's colours; before grey alone, it is a small vivid one.
    plan::ShadeSet half;
    half.add_mass(colours, std::vector<double>{0.2, 0.2, 0.2, 0.4});
    QVERIFY(half.standing_out(0).empty());
    plan::ShadeSet grey;
    grey.add_mass(std::vector<colour::Lab>{{30, 0, 2}, {50, 1, 0}, {60, 34, 58}}, std::vector<double>{0.5, 0.48, 0.02});
    QCOMPARE(grey.standing_out(0), grey.vivid(0));
    QCOMPARE(grey.vivid(0), std::vector<std::size_t>{2});
  }

  // Common practice, no published source: what stands dark before a light ground is left out of the ground, and keeps
  // its colour.
  void a_small_dark_thing_is_left_out_of_a_light_ground() {
    plan::PlanOptions options = trial::options_with(8);
    options.school = plan::School::dark_first;
    options.most_strokes = 1;
    const plan::Plan p = planned(wall_with_tiles({{86, 0, 4}, {70, 12, 20}, {34, 40, 16}}), options);
    const auto tile = std::max_element(p.targets.begin(), p.targets.end(), [](const auto& a, const auto& b) {
      return (a.stands_out ? a.area : 0) < (b.stands_out ? b.area : 0);
    });
    QVERIFY(tile->stands_out);
    QVERIFY2(off(*tile) < 8, qPrintable(QString::number(off(*tile))));
    for (const plan::Stroke& stroke : tile->recipe.strokes)
      QVERIFY(trial::shipped_collection().sticks[static_cast<std::size_t>(stroke.stick)].lab.l < 60);
  }

  // Common practice, no published source: with the stick for the floor in the hand one goes to what is like the floor
  // on the wall, too.
  void what_is_in_the_hand_goes_where_it_helps() {
    const subject::Subject s = wall_with_tiles({{38, 0, 4}, {70, 14, 24}, {70, 14, 24}});
    plan::PlanOptions options = trial::options_with(8);
    options.most_strokes = 1;
    const plan::Plan p = planned(s, options);
    const auto tile = std::find_if(p.targets.begin(), p.targets.end(), [&](const plan::TargetPlan& t) {
      return t.mass == p.targets.front().mass && colour::chroma(t.seen) > 20;
    });
    QVERIFY(tile != p.targets.end());
    QVERIFY2(off(*tile) < 3, qPrintable(QString::number(off(*tile))));
    const plan::Stroke& top = tile->recipe.strokes.back();
    const auto pass = std::find_if(p.passes.begin(), p.passes.end(),
                                   [&](const plan::Pass& q) { return q.stick == top.stick && q.masses.size() > 1; });
    QVERIFY(pass != p.passes.end() && !pass->accent);
    // The wall has its own layer, and that one besides; no shade has more strokes than were asked for.
    QVERIFY(plan::layers_of(p.targets, tile->mass).size() > 1);
    for (const plan::TargetPlan& t : p.targets) QVERIFY(t.recipe.strokes.size() <= 1);
  }

  // A veil that hills of the colour are built with elsewhere goes to the strip too, and takes no pass more.
  void what_one_place_is_built_with_helps_others_of_its_colour() {
    const trial::Bands b = hills();
    media::Collection sticks{"hills", "Hills", {}};
    for (const media::Stick& s : trial::shipped_collection().sticks) {
      for (const char* id : {"soft-violet-tint-2", "soft-warm-grey", "soft-burnt-sienna-tint-3", "soft-white",
                             "soft-umber-tint-1", "soft-cool-grey-tint-3"}) {
        if (s.id == id) sticks.sticks.push_back(s);
      }
    }
    Observer observer;
    plan::PlanOptions options = trial::options_with(6);
    options.most_strokes = 2;  // the near hills have no layer to spare for the strip
    const plan::Plan p =
        plan::make_plan(b.subject, trial::paper(), sticks, trial::parameters(), options, observer).value();
    const auto strip =
        std::find_if(p.targets.begin(), p.targets.end(), [](const auto& t) { return t.mass == 2 && t.target.l > 57; });
    QVERIFY(strip != p.targets.end());
    QVERIFY2(off(*strip) < 5, qPrintable(QString::number(off(*strip))));
    const plan::Stroke& veil = strip->recipe.strokes.back();
    QVERIFY(std::any_of(p.targets.begin(), p.targets.end(), [&](const auto& t) {
      return t.mass == 1 && std::any_of(t.recipe.strokes.begin(), t.recipe.strokes.end(), [&](const plan::Stroke& s) {
               return s.stick == veil.stick && s.level == veil.level && s.technique == veil.technique;
             });
    }));
  }

  void every_accent_gains_and_is_a_touch() {
    int accents = 0;
    for (const int sticks : {5, 8, 12}) {
      plan::PlanOptions options = trial::options_with(sticks);
      options.most_strokes = 1;  // a layer is left for nothing else
      const plan::Plan p = planned(head_with_eyes(true), options);
      for (const plan::TargetPlan& t : p.targets) {
        if (t.recipe.strokes.empty() || t.recipe.strokes.back().level < plan::kAccentLevel) continue;
        ++accents;
        QCOMPARE(t.recipe.strokes.back().pressure, 1.0);
        QVERIFY(t.recipe.strokes.back().technique == Technique::laid);
        std::vector<plan::Stroke> without = t.recipe.strokes;
        without.pop_back();
        const plan::Recipe before = plan::evaluate(trial::paper().ground, trial::parameters(),
                                                   trial::shipped_collection().sticks, without, t.target);
        QVERIFY(before.de00 - t.recipe.de00 >= std::max(1.5, 0.4 * before.de00) - 1e-9);
        for (const plan::TargetPlan& other : p.targets) {  // no patch out of an even field
          if (other.mass != t.mass || other.area <= t.area || colour::ciede2000(other.target, t.target) >= 4) continue;
          QVERIFY(other.recipe.strokes.back().stick == t.recipe.strokes.back().stick);
        }
      }
      for (const plan::Pass& pass : p.passes) {
        if (pass.level < plan::kAccentLevel || pass.finishing) continue;
        QVERIFY(pass.accent && pass.purpose == Purpose::accent);
        QVERIFY(plan::area_of(pass, p.targets) <= 0.03 + 1e-9);
      }
    }
    QVERIFY(accents > 0);
  }

  void a_wish_leaves_no_room_for_more() {
    const subject::Subject s = wall_with_tiles();
    plan::PlanOptions options = trial::options_with(8);
    const auto all = planned(s, options).passes.size();
    options.wish_passes = static_cast<int>(all) - 1;
    QVERIFY(planned(s, options).passes.size() < all);
  }

  void what_a_pass_is_for() {
    const int blue = nearest({30, 20, -60});
    const int orange = nearest({65, 40, 60});
    const int white = nearest({96, 0, 2});
    const auto& sticks = trial::shipped_collection().sticks;
    const auto of = [&](const plan::Plan& p, std::size_t pass) {
      return plan::purpose_of(p.passes[pass], p.targets, sticks);
    };
    const colour::Lab pale{90, 2, 4};
    // Near the colour it makes: the body of it. Far, below: an undertone; against its hue: a complement.
    QVERIFY(of(layered(white, white, pale), 1) == Purpose::body);
    QVERIFY(of(layered(blue, white, pale), 0) == Purpose::undertone);
    QVERIFY(of(layered(blue, orange, sticks[static_cast<std::size_t>(orange)].lab), 0) == Purpose::complement);
    // Far, light and on top: a veil. Firm it is what is seen.
    QVERIFY(of(layered(white, blue, pale, 0.25), 1) == Purpose::glaze);
    plan::Plan accented = layered(white, blue, pale);
    accented.passes[1].accent = true;
    QVERIFY(of(accented, 1) == Purpose::accent);
  }

  // What a pass costs when it is off is what comes out if it is painted so.
  void delicate_is_what_tells_when_it_is_off() {
    const int blue = nearest({30, 20, -60});
    const int white = nearest({96, 0, 2});
    const auto& sticks = trial::shipped_collection().sticks;
    const auto& parameters = trial::parameters();
    plan::Plan p = layered(white, blue, {70, 4, -20}, 0.4);
    p.targets[0].target = p.targets[0].recipe.look.lab;
    p.targets[0].recipe.de00 = 0;
    plan::mark_delicate(p, trial::paper(), sticks, parameters, 0.2);
    double expected = 0;
    for (const double factor : {0.8, 1.2}) {
      std::vector<plan::Stroke> strokes = p.targets[0].recipe.strokes;
      strokes[1].pressure *= factor;
      expected += plan::evaluate(trial::paper().ground, parameters, sticks, strokes, p.targets[0].target).de00 / 2;
    }
    QVERIFY(std::abs(p.passes[1].costs_when_off - expected) < 1e-6);
    QVERIFY(expected > plan::kDelicate);
    QVERIFY(plan::is_delicate(p.passes[1]));
    plan::Plan steady = p;
    plan::mark_delicate(steady, trial::paper(), sticks, parameters, 0);
    QVERIFY(std::abs(steady.passes[1].costs_when_off) < 1e-6);
    QVERIFY(!plan::is_delicate(steady.passes[1]));
  }
};

QTEST_GUILESS_MAIN(TestAccents)
#include "test_accents.moc"
