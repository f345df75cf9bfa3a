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

media::Stick of(double l, double a, double b, const char* id, optics::Medium medium = optics::Medium::soft) {
  media::Stick s;
  s.id = id;
  s.lab = {l, a, b};
  s.medium = medium;
  return s;
}

const media::Stick kDark = of(25, 4, -20, "dark");
const media::Stick kMiddle = of(55, 40, 40, "middle");
const media::Stick kLight = of(90, 0, 6, "light");
const media::Stick kPencil = of(92, 0, 6, "pencil", optics::Medium::pencil);
const media::Stick kBlack = of(12, 0, 0, "black");

Lay laid(const media::Stick& s, std::optional<double> pressure = {}) { return {&s, Technique::laid, pressure}; }
Lay rubbed(const media::Stick& s) { return {&s, Technique::rubbed, {}}; }

bool may(const plan::StackRules& rules, std::vector<Lay> stack, const Lay& over) { return may_lay(rules, stack, over); }

}  // namespace

class TestLegal : public QObject {
  Q_OBJECT
 private slots:
  void media_and_schools_decide_together() {
    const plan::StackRules dark{School::dark_first};
    QVERIFY(may(dark, {laid(kDark)}, laid(kLight)));
    QVERIFY(!may(dark, {laid(kLight)}, laid(kDark)));
    QVERIFY2(!may(dark, {laid(kDark)}, laid(kPencil)), "a pencil does not take over soft pastel");
    QVERIFY(may(dark, {laid(kPencil)}, laid(kLight)));
    QVERIFY2(!may(dark, {laid(kDark)}, laid(kDark)), "a stick over itself is one stroke");
  }

  // A layer between may be nothing where its pressure is 0, so what is above it meets what is below it.
  void the_law_holds_over_all_that_is_below() {
    const media::Stick a = of(40, 0, 0, "a");
    const media::Stick b = of(36, 0, 0, "b");
    const media::Stick c = of(32, 0, 0, "c");
    const plan::StackRules dark{School::dark_first};
    QVERIFY(may(dark, {laid(a)}, laid(b)) && may(dark, {laid(b)}, laid(c)));
    QVERIFY(!may(dark, {laid(a), laid(b)}, laid(c)));
  }

  void manners_decide() {
    const plan::StackRules broken{School::dark_first, Manner::broken};
    const plan::StackRules rubbed_in{School::dark_first, Manner::rubbed};
    QVERIFY(!may(broken, {}, rubbed(kDark)) && may(broken, {}, laid(kDark)));
    QVERIFY(!may(broken, {laid(kDark)}, rubbed(kLight)));
    QVERIFY(!may(rubbed_in, {laid(kDark)}, laid(kLight)) && may(rubbed_in, {rubbed(kDark)}, laid(kLight)));
  }

  void nothing_vivid_is_dirtied() {
    const plan::StackRules flat{School::flat_broken};
    QVERIFY(may(flat, {laid(kMiddle)}, laid(kBlack)));
    QVERIFY(!may(flat, {laid(kMiddle)}, rubbed(kBlack)));
  }

  void a_third_stroke_completes_what_takes_three() {
    const plan::StackRules flat{School::flat_broken};
    QVERIFY(may(flat, {laid(kMiddle), laid(kDark)}, laid(kMiddle)));
    QVERIFY(!may(flat, {laid(kMiddle), laid(kDark)}, laid(kLight)));
  }

  void pressures_are_asked_where_they_are_told() {
    const plan::StackRules coat{School::light_coat};
    QVERIFY(may(coat, {laid(kLight, 1.0)}, laid(kMiddle, 0.5)));
    QVERIFY2(!may(coat, {laid(kLight, 1.0)}, laid(kMiddle, 1.0)), "a glaze is never firm");
    QVERIFY(may(coat, {laid(kLight)}, laid(kMiddle, 1.0)));
  }

  void what_lies_there_may_be_anything() {
    const plan::StackRules dark{School::dark_first};
    // Light under dark was laid by hand; a middle between them would have to lie over the light.
    const std::vector<Lay> between{laid(kLight), laid(kMiddle), laid(kDark)};
    QVERIFY(!may_lie_between(dark, between, 1));
    const std::vector<Lay> on_top{laid(kMiddle), laid(kDark), laid(kLight)};
    QVERIFY(may_lie_between(dark, on_top, 2) && !may_stand(dark, on_top));
    // What is wrong is covered, whatever the order was; hard over soft still does not take.
    QVERIFY(may_lie_on(plan::to_cover(Manner::either), laid(kLight), laid(kDark), false));
    QVERIFY(!may_lie_on(plan::to_cover(Manner::either), laid(kLight), laid(kPencil), false));
    QVERIFY(!may_lie_on(plan::to_cover(Manner::broken), laid(kLight), rubbed(kDark), false));
    QVERIFY(may_lie_on(plan::to_cover(Manner::broken), rubbed(kLight), laid(kDark), false));
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
