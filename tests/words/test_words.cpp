// SPDX-License-Identifier: MIT
// Every code of the core has its words, with every number in its place.
#include <QTest>

#include "small_world.h"
#include "words/rests_on.h"
#include "words/checked.h"
#include "words/coats.h"
#include "words/findings.h"
#include "words/grounds.h"
#include "words/language.h"
#include "words/guide.h"
#include "words/order.h"
#include "words/practice.h"
#include "words/school.h"
#include "words/seen.h"

using namespace yd;

namespace {

const subject::Subject& scene() {
  static const subject::Subject s = trial::small_subject();
  return s;
}

/// A plan of the scene, for what speaks of passes.
struct Made {
  plan::Plan plan = trial::small_plan(scene(), trial::shipped_collection());
  plan::Guide guide;
  words::Job job() const { return {plan, guide, scene().masses, trial::shipped_collection().sticks}; }
};
const Made& made() {
  static const Made all;
  return all;
}

words::Named named() { return {scene().masses, trial::shipped_collection().sticks}; }

/// Said, with nothing left open and nothing doubled.
void whole(const QString& text) {
  QVERIFY2(!text.isEmpty(), "empty");
  static const QRegularExpression open("%[0-9]|\\s\\s|nan");
  QVERIFY2(!open.match(text).hasMatch(), qPrintable(text));
}

plan::Finding finding(plan::Check check) {
  plan::Finding f;
  f.check = check;
  f.masses = {0};
  f.rival = 1;
  f.sticks = {0, 1};
  f.numbers = {1, -2, 3, 4, 5, -6};
  return f;
}

}  // namespace

class TestWords : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() { words::speak("en", QLocale::c()); }

  void a_difference_is_said_before_its_number() {
    QCOMPARE(words::seen(0.4), QString("not seen"));
    QCOMPARE(words::seen(2.0), QString("seen side by side"));
    QCOMPARE(words::seen(6.0), QString("seen at a glance"));
    QCOMPARE(words::seen(25), QString("another colour"));
    QCOMPARE(words::seen_with_number(2.04), QString("seen side by side, 2.0"));
  }

  void every_check_is_said() {
    for (int c = 0; c < plan::kChecks; ++c) {
      const auto check = static_cast<plan::Check>(c);
      const plan::Finding f = finding(check);
      whole(words::check(check));
      whole(words::text(f, named()));
      QVERIFY(words::text(f, named()).endsWith('.'));
      if (check != plan::Check::halo) whole(words::evidence(f, named()));
    }
    QVERIFY(words::text(finding(plan::Check::mud), named())
                .startsWith(QString::fromStdString(trial::shipped_collection().sticks[0].name)));
    QVERIFY(words::evidence(finding(plan::Check::distance), named()).contains("warmth +5 and -6"));
  }

  void every_remedy_is_said() {
    plan::Finding f = finding(plan::Check::mud);
    f.after = plan::PlanOptions{};
    f.after->most_sticks = 7;
    QVERIFY(words::remedy(f, named()).isEmpty());
    for (int m = 1; m <= static_cast<int>(plan::Mend::leave_the_stick); ++m) {
      f.mend = static_cast<plan::Mend>(m);
      whole(words::remedy(f, named()));
    }
    f.mend = plan::Mend::fewer_sticks;
    QCOMPARE(words::remedy(f, named()), QString("Plan with 7 sticks"));
  }

  void every_rule_is_said() {
    for (int r = 0; r < plan::kRules; ++r) {
      plan::Edge e{2, 5, static_cast<plan::Rule>(r), 20, 0, 1};
      whole(words::rule(e.rule));
      whole(words::why(e, scene().masses));
      QVERIFY(words::why(e, scene().masses).contains("pass 3"));
      e.mass_before = e.mass_after = -1;
      whole(words::why(e, scene().masses));
      plan::PassReason reason{plan::PassReason::Kind::rule, e, true};
      QVERIFY(words::reason(reason, scene().masses).endsWith("The stick is still in the hand."));
    }
    for (int k = 0; k <= static_cast<int>(plan::PassReason::Kind::left_out); ++k)
      whole(words::reason({static_cast<plan::PassReason::Kind>(k), {}, false}, scene().masses));
    for (int end = 0; end <= static_cast<int>(plan::SittingEnd::stick_done); ++end) {
      plan::Sitting s;
      s.ends = static_cast<plan::SittingEnd>(end);
      whole(words::ends(s));
    }
  }

  void contradictions_name_rules_and_places() {
    const plan::Conflict c{
        plan::Rule::features_first, {plan::Rule::behind_soft_edge, plan::Rule::features_first}, {0, 1}, 1};
    const QString text = words::conflict(c, scene().masses);
    whole(text);
    QVERIFY(text.contains("\"background before a soft edge\" and \"features first\""));
    QVERIFY(text.contains(QString::fromStdString(scene().masses[0].name + " and " + scene().masses[1].name)));
  }

  // Safety, common practice: every wet or dusty step has its caution, and nothing flammable is ever heated.
  void every_coat_has_its_caution() {
    for (std::size_t m = 0; m < plan::kCoatMedia; ++m) {
      const auto medium = static_cast<plan::CoatMedium>(m);
      whole(words::note(medium));
      QVERIFY(words::safety(medium).contains("safety data sheet"));
      QVERIFY(!plan::facts(medium).flammable || words::safety(medium).contains("never heat"));
    }
    plan::CoatAdvice advice;
    QVERIFY(words::reason(advice).isEmpty());
    advice.verdicts.resize(1);
    QVERIFY(words::reason(advice).startsWith("Best left out"));
    advice.pick = 0;
    whole(words::reason(advice));
  }

  void every_passage_is_said() {
    const words::Job job = made().job();
    for (int k = 0; k < plan::kPassageKinds; ++k) {
      for (const bool first : {true, false}) {
        plan::Passage p;
        p.kind = static_cast<plan::PassageKind>(k);
        p.blocks_in = first;
        p.lightens = !first;
        p.masses = {0, 1};
        whole(words::title(p, job));
        if (p.kind != plan::PassageKind::finish) QVERIFY(words::finished_when(p, job).startsWith("Finished when "));
      }
    }
    plan::Passage p;
    p.kind = plan::PassageKind::lights;
    p.masses = {1};
    QCOMPARE(words::title(p, job), "Lights: " + QString::fromStdString(scene().masses[1].name));
    p.masses = {0, 1, 2};
    p.sticks = {0};
    QCOMPARE(words::title(p, job),
             QString("Lights: %1, %2 and more")
                 .arg(QString::fromStdString(scene().masses[0].name), QString::fromStdString(scene().masses[1].name)));
  }

  // A place that is gone back to is told apart by what is in the hand; one that is not is short.
  void a_place_that_is_gone_back_to_says_with_what() {
    plan::Passage p;
    p.kind = plan::PassageKind::place;
    p.masses = {1};
    p.sticks = {0};
    plan::Guide guide;
    guide.passages = {p};
    const words::Job once{made().plan, guide, scene().masses, trial::shipped_collection().sticks};
    const QString name = QString::fromStdString(scene().masses[1].name);
    const QString stick = QString::fromStdString(trial::shipped_collection().sticks[0].name);
    QCOMPARE(words::title(p, once), "Build up " + name);
    guide.passages = {p, p};
    const words::Job twice{made().plan, guide, scene().masses, trial::shipped_collection().sticks};
    QCOMPARE(words::title(p, twice), "Build up " + name + ", with " + stick);
  }

  void every_chore_is_said() {
    const words::Job job = made().job();
    for (int c = 0; c < plan::kChores; ++c) {
      plan::Passage p;
      p.steps = {{static_cast<plan::Chore>(c), {0, 1}, {0, 1}, {0}, {12, 3, 4, 5, 40, 30}}};
      QCOMPARE(words::steps(p, job).size(), 1);
      whole(words::steps(p, job).front());
    }
    // What burns is not heated.
    plan::Passage wet;
    wet.steps = {{plan::Chore::dry, {}, {}, {}, {15, -1}}};
    QVERIFY(words::steps(wet, job).front().contains("No heat, no flame"));
  }

  void every_mark_place_and_edge_is_said() {
    const words::Job job = made().job();
    for (int m = 0; m < plan::kMarks; ++m) {
      whole(words::mark(static_cast<plan::Mark>(m)));
      whole(words::mark_short(static_cast<plan::Mark>(m)));
    }
    plan::Touch t;
    QVERIFY(words::rubbing(t).isEmpty() && words::run(t.place).isEmpty() && words::direction(t).isEmpty());
    for (int part = 0; part <= static_cast<int>(plan::Part::most); ++part) {
      t.place.part = static_cast<plan::Part>(part);
      QVERIFY(words::where(t.place, scene().masses).contains(QString::fromStdString(scene().masses[0].name)));
    }
    t.tool = plan::RubTool::stump;
    t.tool_for_darks = t.rub_directed = true;
    t.rub_deg = -90;
    QCOMPARE(words::rubbing(t),
             QString("Rub in with a stump, the one kept for darks, from light into dark: downwards."));
    t.place.grows = 0.6;
    t.place.firm_deg = 90;
    QCOMPARE(words::run(t.place), QString("firmest at the top, letting off downwards"));
    for (int way = 0; way <= static_cast<int>(plan::EdgeWay::clean); ++way)
      whole(words::edge({0, 1, static_cast<plan::EdgeWay>(way), 0}, job));
    plan::Gradient g{{0}, -90, 20, true, {{0, 0, 0.5, 0.1}, {1, 0.5, 1, 0.9}}};
    QVERIFY(words::gradient(g, job).contains("at the top (pass 1)"));
    QVERIFY(words::gradient(g, job).endsWith("overlap a third and rub across the joins."));
  }

  void what_a_photograph_came_to() {
    std::set<QString> troubles;
    for (const check::Trouble t : check::kAllTroubles) {
      whole(words::trouble(t));
      troubles.insert(words::trouble(t));
    }
    QCOMPARE(troubles.size(), check::kAllTroubles.size());
    check::Fault f;
    f.mass = 1;
    f.colours.expected = {50, 0, 0};
    f.colours.measured = {62, 0, 0};
    f.colours.de00 = 11.5;
    f.spread_de00 = 1.25;
    const QString name = QString::fromStdString(scene().masses[1].name);
    for (const check::Off off : {check::Off::value, check::Off::temperature, check::Off::chroma, check::Off::pair}) {
      f.off = off;
      f.rival = off == check::Off::pair ? 0 : -1;
      f.amount = 1;
      whole(words::off(off));
      whole(words::fault(f, scene().masses));
      whole(words::fault_evidence(f));
      QVERIFY(words::fault(f, scene().masses).contains(name));
    }
    f.off = check::Off::value;
    QVERIFY(words::fault(f, scene().masses).contains("light"));
    QVERIFY(words::fault_evidence(f).contains("+1.0 steps") && words::fault_evidence(f).contains("11.5"));
    f.targets = {0};
    f.part = plan::Part::darks;
    QVERIFY(words::fault(f, scene().masses).contains("darks"));
    const auto& sticks = trial::shipped_collection().sticks;
    const check::Mending two{
        check::Mending::Way::strokes, {{3, 0.2, plan::Technique::laid}, {9, 1, plan::Technique::rubbed}}, {}, 2};
    const QString said = words::mending(two, sticks);
    whole(said);
    QVERIFY(said.contains(QString::fromStdString(sticks[3].name)) && said.contains("rubbed in"));
    for (const check::Mending::Way way : {check::Mending::Way::fixative, check::Mending::Way::leave})
      whole(words::mending({way, {}, {}, 0}, sticks));
    for (const check::Reference by :
         {check::Reference::none, check::Reference::bare_paper, check::Reference::margin_strip})
      whole(words::reference(by));
  }

  void schools_and_grounds() {
    for (const plan::School s : plan::kSchools) {
      const words::School said = words::school(s);
      whole(said.title);
      whole(said.order);
      whole(said.usual_for);
    }
    plan::SchoolAdvice advice;
    QVERIFY(words::advised(advice, scene().masses).isEmpty());
    advice.why = plan::SchoolAdvice::Why::values_carry;
    advice.steps = 6.3;
    QVERIFY(words::advised(advice, scene().masses).contains("6.3 steps"));
    plan::Plan plan;
    plan.targets.resize(1);
    plan::GroundVerdict v;
    v.shows = {0.1, 0.2, -1};
    const auto said = [&](const std::optional<plan::CoatChoice>& wished) {
      return words::reasons(v, trial::paper(), plan, scene(), wished);
    };
    whole(said({}));
    QVERIFY(said({}).startsWith("Lights cannot show on it."));
    QVERIFY(
        said(plan::CoatChoice{plan::CoatMedium::gouache, plan::CoatColours::local}).contains("Does not bear gouache"));
    QVERIFY(said({}).contains("pencil 20 %") && !said({}).contains("stick"));
  }

  void what_a_plan_rests_on_is_said() {
    QVERIFY(words::rests_on({}).isEmpty());
    const QString said = words::rests_on({"Ida", "", "2026-11-26", 36, 0.81});
    QVERIFY(said.startsWith("Ida, 36 strokes"));
    QVERIFY(said.contains("2026-11-26") && said.contains("0.8"));
    QVERIFY(!words::rests_on({"", "", "", 12, -1}).contains("-1"));
  }

  void an_eye_is_told_as_artists_say_it() {
    using practice::Kind;
    QCOMPARE(words::bias(Kind::value, 0.5, 0.1), QString("half a step too light"));
    QCOMPARE(words::bias(Kind::lighter, -1.0, 0.2), QString("a step too dark"));
    QCOMPARE(words::bias(Kind::warmer, 1.6, 0.2), QString("1.6 steps too warm"));
    // What is not known is not said.
    QVERIFY(!words::bias(Kind::value, 0.3, 0.2).contains("light"));
    practice::Outcome o;
    o.family = practice::Family::red;
    o.eye = {0.5, 0.1, 0.42, 0.05};
    QVERIFY(words::outcome(o).contains("reds half a step too light") && words::outcome(o).contains("0.42"));
    QVERIFY(!words::outcome(o).contains("ground"));
    o.by_surround = {0.9, 0.3, -0.2};
    QVERIFY(words::outcome(o).contains("On a dark ground they seemed a step lighter"));
    for (const Kind kind : practice::kKinds) {
      o.kind = kind;
      practice::Task task;
      task.kind = kind;
      QVERIFY(!words::drill(kind).isEmpty() && !words::drill_about(kind).isEmpty() && !words::question(task).isEmpty());
      QVERIFY(!words::outcome(o).isEmpty());
    }
  }

  void edges_are_told_and_mended_in_words() {
    check::Fault f;
    f.off = check::Off::edge;
    f.mass = 0;
    f.rival = 1;
    f.amount = 0.3;
    QVERIFY(words::fault(f, scene().masses).contains("too soft"));
    QVERIFY(words::fault_evidence(f).contains("0.3"));
    f.amount = 2;
    QVERIFY(words::fault(f, scene().masses).contains("too hard"));
    check::Mending cut{check::Mending::Way::cut, {{2, 1, plan::Technique::laid, false, 0}}, {}, 0};
    QVERIFY(words::mending(cut, trial::shipped_collection().sticks)
                .contains(QString::fromStdString(trial::shipped_collection().sticks[2].name)));
    cut.strokes.clear();
    QVERIFY(!words::mending(cut, {}).isEmpty());
  }
};

QTEST_APPLESS_MAIN(TestWords)
#include "test_words.moc"
