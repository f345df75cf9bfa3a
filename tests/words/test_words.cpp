// Every code of the core has its words, with every number in its place.
#include <QTest>

#include "small_world.h"
#include "words/coats.h"
#include "words/findings.h"
#include "words/grounds.h"
#include "words/order.h"
#include "words/passages.h"
#include "words/school.h"

using namespace yd;

namespace {

const subject::Subject& scene() {
  static const subject::Subject s = trial::small_subject();
  return s;
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
    for (int m = 1; m <= static_cast<int>(plan::Mend::take_the_stick); ++m) {
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
    QVERIFY(text.contains("masses 1 and 2"));
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
    for (int k = 0; k <= static_cast<int>(plan::PassageKind::accents); ++k) {
      for (const bool first : {true, false}) {
        plan::Passage p;
        p.kind = static_cast<plan::PassageKind>(k);
        p.blocks_in = first;
        p.masses = {0, 1};
        whole(words::title(p, scene().masses));
        whole(words::finished_when(p, scene().masses));
        QVERIFY(words::finished_when(p, scene().masses).startsWith("Finished when "));
      }
    }
    plan::Passage p;
    p.kind = plan::PassageKind::lights;
    p.masses = {1};
    QCOMPARE(words::title(p, scene().masses), "Lights: " + QString::fromStdString(scene().masses[1].name));
    p.masses = {0, 1, 2};
    QVERIFY(words::title(p, scene().masses).startsWith("Lights: ") &&
            words::title(p, scene().masses).endsWith(" and more"));
  }

  void schools_and_grounds() {
    for (const plan::School s : plan::kSchools) {
      const words::School said = words::school(s);
      whole(said.title);
      whole(said.order);
      whole(said.usual_for);
    }
    plan::SchoolAdvice advice;
    QVERIFY(words::advised(advice).isEmpty());
    advice.why = plan::SchoolAdvice::Why::values_carry;
    advice.steps = 6.3;
    QVERIFY(words::advised(advice).contains("6.3 steps"));
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
};

QTEST_APPLESS_MAIN(TestWords)
#include "test_words.moc"
