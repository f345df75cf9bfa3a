// SPDX-License-Identifier: MIT
// What is said of a plan, over schools, wishes and languages: it agrees with what the plan holds. Common practice, no
// published source, where nothing else is named.
#include <QGuiApplication>
#include <QTest>
#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "exports/numbered_map.h"
#include "exports/pass_words.h"
#include "job/finished.h"
#include "small_world.h"
#include "subject/outline.h"
#include "words/guide.h"
#include "words/language.h"
#include "words/names.h"
#include "advice/delicate.h"

using namespace yd;

namespace {

struct Speaking {
  explicit Speaking(const char* code) { words::speak(code, QLocale::c()); }
  ~Speaking() { words::speak("en", QLocale::c()); }
};

struct Told {
  plan::Plan plan;
  plan::Guide guide;
};

const subject::Subject& the_subject() {
  static const subject::Subject s = trial::small_subject();
  return s;
}
const media::Collection& the_sticks() {
  static const media::Collection c = trial::every(trial::kEnough);
  return c;
}

Told told(plan::PlanOptions options) {
  Observer observer;
  Told out;
  out.plan =
      plan::make_plan(the_subject(), trial::paper(), the_sticks(), trial::parameters(), options, observer).value();
  plan::mark_delicate(out.plan, trial::paper(), the_sticks().sticks, trial::parameters(), options.hand);
  out.guide = plan::make_guide({&out.plan, &the_subject(), &trial::paper(), the_sticks().sticks, options.sheet_cm2});
  return out;
}

/// Every school, a small and a larger tray, with and without an underpainting.
const std::vector<Told>& plans() {
  static const std::vector<Told> all = [] {
    std::vector<Told> out;
    for (const plan::School school : trial::thinned(
             {plan::School::dark_first, plan::School::light_coat, plan::School::flat_broken, plan::School::tone_map})) {
      for (const int sticks : {5, 9}) {
        plan::PlanOptions o = trial::options_with(sticks);
        o.school = school;
        if (sticks == 9) o.underpaint.picture = plan::CoatChoice{plan::CoatMedium::gouache, plan::CoatColours::local};
        out.push_back(told(o));
      }
    }
    return out;
  }();
  return all;
}

double lightness(int stick) { return the_sticks().sticks[static_cast<std::size_t>(stick)].lab.l; }

}  // namespace

class TestTold : public QObject {
  Q_OBJECT
 private slots:
  // No dark among lights, no light among darks, unless the darks are given their colour.
  void a_passage_is_called_after_what_lies_in_it() {
    for (const Told& t : plans()) {
      for (const plan::Passage& p : t.guide.passages) {
        for (const int s : p.sticks) {
          if (p.kind == plan::PassageKind::lights) QVERIFY(lightness(s) >= 50);
          if (p.kind == plan::PassageKind::darks && (p.blocks_in || !p.lightens)) QVERIFY(lightness(s) <= 60);
          if (p.kind == plan::PassageKind::middles) QVERIFY(lightness(s) >= 20 && lightness(s) <= 90);
        }
      }
    }
  }

  // Of its own colour on one side, or halfway between two that fight.
  void an_edge_is_made_with_a_colour_that_is_there() {
    for (const Told& t : plans()) {
      QVERIFY(t.guide.edges.size() <= plan::kMostEdges);
      for (const plan::EdgeGuide& e : t.guide.edges) {
        QVERIFY(!t.plan.passes[static_cast<std::size_t>(e.after_pass)].finishing);
        if (e.way == plan::EdgeWay::buffer || e.stick < 0) continue;
        const colour::Lab& stick = the_sticks().sticks[static_cast<std::size_t>(e.stick)].lab;
        double nearest = 1e9;
        for (const plan::TargetPlan& target : t.plan.targets)
          if (target.mass == e.front || target.mass == e.behind)
            nearest = std::min(nearest, colour::ciede2000(stick, target.target));
        QVERIFY2(nearest <= 14, qPrintable(QString::number(nearest)));
      }
    }
  }

  void at_most_two_colours_are_tried_at_one_pressure_each() {
    for (const Told& t : plans()) {
      int tried = 0;
      for (const plan::Passage& p : t.guide.passages) {
        for (const plan::Step& s : p.steps) {
          if (s.chore != plan::Chore::try_offcut) continue;
          ++tried;
          QCOMPARE(s.numbers.size(), std::size_t(1));
        }
      }
      QVERIFY(tried <= 2);
    }
  }

  // Every share of every place is laid with one of three pressures, and one word stands for a pass only where it is so.
  void pressures_are_what_is_laid() {
    for (const Told& t : plans()) {
      for (std::size_t i = 0; i < t.plan.passes.size(); ++i) {
        const plan::Pass& pass = t.plan.passes[i];
        if (pass.kind != plan::PassKind::stroke) continue;
        double firm = 0, light = 0, all = 0;
        for (const plan::Touch& touch : t.guide.touches[i]) {
          const auto& steps = touch.place.steps;
          QVERIFY(std::abs(steps[0] + steps[1] + steps[2] - 1) < 1e-6);
          QVERIFY(touch.place.small_mm <= touch.place.large_mm);
          light += steps[0] * touch.place.area_cm2;
          firm += steps[2] * touch.place.area_cm2;
          all += touch.place.area_cm2;
        }
        const QString said = words::pressure(t.guide.touches[i], the_subject().masses);
        if (said == "firm") QVERIFY2(firm > 0.7 * all, qPrintable(QString::number(firm / all)));
        if (said == "light") QVERIFY2(light > 0.7 * all, qPrintable(QString::number(light / all)));
        QVERIFY2(!said.contains(" to "), qPrintable(said));
      }
    }
  }

  // A number stands inside its mass, and the map shows it.
  void every_place_has_its_number_on_the_map() {
    const subject::Subject& s = the_subject();
    const auto places = subject::number_places(s.labels, s.masses.size());
    QCOMPARE(places.size(), s.masses.size());
    for (std::size_t m = 0; m < places.size(); ++m) {
      const int x = static_cast<int>(places[m].x * s.labels.width), y = static_cast<int>(places[m].y * s.labels.height);
      QCOMPARE(static_cast<std::size_t>(s.labels.at(x, y)), m);
      QVERIFY(words::mass_name(s.masses[m]).endsWith(QString::number(s.masses[m].id + 1)));
    }
    const Told& t = plans().front();
    const std::vector<int> first{0};
    const QImage with = exports::numbered_map(s, t.plan, first, 300, 14);
    const QImage large = exports::numbered_map(s, t.plan, first, 300, 28);
    QVERIFY(!with.isNull() && with.size() == large.size() && with != large);
  }

  // In every language: nothing runs over three lines of print, no number and no place is lost.
  void nothing_is_longer_than_three_lines() {
    constexpr qsizetype kThreeLines = 330;
    for (const char* code : {"en", "de", "fr", "es"}) {
      const Speaking speaking(code);
      for (const Told& t : plans()) {
        const board::BoardMap map = board::make_map(the_subject(), t.plan, trial::paper());
        const exports::PlanView view{
            t.plan, the_subject(), trial::paper(), the_sticks(), trial::parameters(), map, {40, 30}, {}, t.guide};
        int delicate = 0;
        for (int i = 0; i < static_cast<int>(t.plan.passes.size()); ++i) {
          const exports::PassWords w = exports::words_of(view, i);
          for (const QString& line : {w.how, w.where, w.mark, w.rubbing, w.delicate, w.drying}) {
            QVERIFY2(line.size() <= kThreeLines, qPrintable(line));
            QVERIFY2(!line.contains("..") && !line.contains('%' + QString("1")), qPrintable(line));
          }
          delicate += w.delicate.isEmpty() ? 0 : 1;
        }
        QVERIFY(delicate <= 2);
        for (const plan::Passage& p : t.guide.passages) {
          for (const QString& line : words::steps(p, view.job()))
            QVERIFY2(line.size() <= kThreeLines, qPrintable(line));
          QVERIFY2(words::title(p, view.job()).size() <= 130, qPrintable(words::title(p, view.job())));
        }
      }
    }
  }
};

QTEST_MAIN(TestTold)
#include "test_told.moc"
