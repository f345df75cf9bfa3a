// SPDX-License-Identifier: MIT
// The one legality: what may lie on what. Common practice, no published source.
#include <QTest>

#include "craft/legal.h"
#include "small_world.h"

using namespace yd;
using plan::Lay;
using plan::Manner;
using plan::School;
using plan::Technique;

namespace {

media::Stick tried_stick(double l, double a, double b, const char* id, optics::Medium medium = optics::Medium::soft) {
  media::Stick s;
  s.id = id;
  s.lab = {l, a, b};
  s.medium = medium;
  return s;
}

const media::Stick kLaidDark = tried_stick(25, 4, -20, "dark");
const media::Stick kLaidMiddle = tried_stick(55, 40, 40, "middle");
const media::Stick kLaidLight = tried_stick(90, 0, 6, "light");
const media::Stick kLaidPencil = tried_stick(92, 0, 6, "pencil", optics::Medium::pencil);
const media::Stick kLaidBlack = tried_stick(12, 0, 0, "black");

Lay lay_of(const media::Stick& s, std::optional<double> pressure = {}) { return {&s, Technique::laid, pressure}; }
Lay rubbed_lay(const media::Stick& s) { return {&s, Technique::rubbed, {}}; }

bool may_go(const plan::StackRules& rules, std::vector<Lay> stack, const Lay& over) {
  return may_lay(rules, stack, over);
}

}  // namespace

class TestLegal : public QObject {
  Q_OBJECT
 private slots:
  void media_and_schools_decide_together() {
    const plan::StackRules dark{School::dark_first};
    QVERIFY(may_go(dark, {lay_of(kLaidDark)}, lay_of(kLaidLight)));
    QVERIFY(!may_go(dark, {lay_of(kLaidLight)}, lay_of(kLaidDark)));
    QVERIFY2(!may_go(dark, {lay_of(kLaidDark)}, lay_of(kLaidPencil)), "a pencil does not take over soft pastel");
    QVERIFY(may_go(dark, {lay_of(kLaidPencil)}, lay_of(kLaidLight)));
    QVERIFY2(!may_go(dark, {lay_of(kLaidDark)}, lay_of(kLaidDark)), "a stick over itself is one stroke");
  }

  // A layer between may be nothing where its pressure is 0, so what is above it meets what is below it.
  void the_law_holds_over_all_that_is_below() {
    const media::Stick a = tried_stick(40, 0, 0, "a");
    const media::Stick b = tried_stick(36, 0, 0, "b");
    const media::Stick c = tried_stick(32, 0, 0, "c");
    const plan::StackRules dark{School::dark_first};
    QVERIFY(may_go(dark, {lay_of(a)}, lay_of(b)) && may_go(dark, {lay_of(b)}, lay_of(c)));
    QVERIFY(!may_go(dark, {lay_of(a), lay_of(b)}, lay_of(c)));
  }

  void manners_decide() {
    const plan::StackRules broken{School::dark_first, Manner::broken};
    const plan::StackRules rubbed_in{School::dark_first, Manner::rubbed};
    QVERIFY(!may_go(broken, {}, rubbed_lay(kLaidDark)) && may_go(broken, {}, lay_of(kLaidDark)));
    QVERIFY(!may_go(broken, {lay_of(kLaidDark)}, rubbed_lay(kLaidLight)));
    QVERIFY(!may_go(rubbed_in, {lay_of(kLaidDark)}, lay_of(kLaidLight)) &&
            may_go(rubbed_in, {rubbed_lay(kLaidDark)}, lay_of(kLaidLight)));
  }

  void nothing_vivid_is_dirtied() {
    const plan::StackRules flat{School::flat_broken};
    QVERIFY(may_go(flat, {lay_of(kLaidMiddle)}, lay_of(kLaidBlack)));
    QVERIFY(!may_go(flat, {lay_of(kLaidMiddle)}, rubbed_lay(kLaidBlack)));
  }

  void a_third_stroke_completes_what_takes_three() {
    const plan::StackRules flat{School::flat_broken};
    QVERIFY(may_go(flat, {lay_of(kLaidMiddle), lay_of(kLaidDark)}, lay_of(kLaidMiddle)));
    QVERIFY(!may_go(flat, {lay_of(kLaidMiddle), lay_of(kLaidDark)}, lay_of(kLaidLight)));
  }

  void pressures_are_asked_where_they_are_told() {
    const plan::StackRules coat{School::light_coat};
    QVERIFY(may_go(coat, {lay_of(kLaidLight, 1.0)}, lay_of(kLaidMiddle, 0.5)));
    QVERIFY2(!may_go(coat, {lay_of(kLaidLight, 1.0)}, lay_of(kLaidMiddle, 1.0)), "a glaze is never firm");
    QVERIFY(may_go(coat, {lay_of(kLaidLight)}, lay_of(kLaidMiddle, 1.0)));
  }

  void what_lies_there_may_be_anything() {
    const plan::StackRules dark{School::dark_first};
    // Light under dark was laid by hand; a middle between them would have to lie over the light.
    const std::vector<Lay> between{lay_of(kLaidLight), lay_of(kLaidMiddle), lay_of(kLaidDark)};
    QVERIFY(!may_lie_between(dark, between, 1));
    const std::vector<Lay> on_top{lay_of(kLaidMiddle), lay_of(kLaidDark), lay_of(kLaidLight)};
    QVERIFY(may_lie_between(dark, on_top, 2) && !may_stand(dark, on_top));
    // What is wrong is covered, whatever the order was; hard over soft still does not take.
    QVERIFY(may_lie_on(plan::to_cover(Manner::either), lay_of(kLaidLight), lay_of(kLaidDark), false));
    QVERIFY(!may_lie_on(plan::to_cover(Manner::either), lay_of(kLaidLight), lay_of(kLaidPencil), false));
    QVERIFY(!may_lie_on(plan::to_cover(Manner::broken), lay_of(kLaidLight), rubbed_lay(kLaidDark), false));
    QVERIFY(may_lie_on(plan::to_cover(Manner::broken), rubbed_lay(kLaidLight), lay_of(kLaidDark), false));
  }

  // Every stack of every plan, in every school and manner.
  void plans_keep_the_law() {
    const auto c = trial::every(trial::kEnough);
    Observer observer;
    for (const School school : plan::kSchools) {
      for (const Manner manner : plan::kManners) {
        plan::PlanOptions o = trial::options_with(8);
        o.school = school;
        o.manner = manner;
        const auto p = plan::make_plan(trial::bands_and_patches(), trial::paper(), c, trial::parameters(), o, observer);
        QVERIFY(p.ok());
        for (const plan::TargetPlan& t : p->targets) {
          const auto stack = plan::lays_of(t.recipe.strokes, c.sticks);
          QString said = QString("%1, %2:").arg(name(school), name(manner));
          for (const Lay& l : stack)
            said += QString(" %1 %2 %3").arg(l.stick->id.c_str(), name(l.technique)).arg(l.pressure.value_or(-1));
          // A layer that is nothing here may have lain between two strokes of one stick.
          for (std::size_t i = 1; i < stack.size(); ++i) {
            for (std::size_t j = 0; j < i; ++j) {
              const bool next = j + 1 == i && stack[j].stick != stack[i].stick;
              QVERIFY2(may_lie_on(p->rules[static_cast<std::size_t>(t.mass)], stack[j], stack[i], next),
                       qPrintable(said));
            }
          }
        }
      }
    }
  }
};

QTEST_APPLESS_MAIN(TestLegal)
#include "test_legal.moc"
