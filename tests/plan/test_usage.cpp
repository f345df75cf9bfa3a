// SPDX-License-Identifier: MIT
// What a plan wears off its sticks.
#include <QTest>

#include "advice/usage.h"
#include "small_world.h"

using namespace yd;

class TestUsage : public QObject {
  Q_OBJECT
 private slots:
  void sticks_of_the_tray_wear_and_others_do_not() {
    const auto subject = trial::small_subject();
    const auto collection = trial::every(3);
    plan::PlanOptions options;
    options.most_sticks = 8;
    Observer observer;
    const auto parameters = trial::parameters();
    const auto plan = plan::make_plan(subject, trial::paper(), collection, parameters, options, observer).value();
    const auto uses = plan::use_of(plan, 1200, trial::paper(), collection.sticks, parameters);
    QVERIFY(!uses.empty());
    for (const plan::StickUse& u : uses) {
      QVERIFY(std::find(plan.tray.begin(), plan.tray.end(), u.stick) != plan.tray.end());
      QVERIFY(u.length_mm > 0 && u.area_cm2 > 0 && u.share > 0);
      // A stick lasts for several sheets of 1,200 cm2, a pencil too. Common practice, no published source.
      QVERIFY2(u.share < 0.34, qPrintable(QString::number(u.share)));
    }
    // Twice the sheet, twice the wear.
    const auto twice = plan::use_of(plan, 2400, trial::paper(), collection.sticks, parameters);
    QCOMPARE(twice.size(), uses.size());
    for (std::size_t i = 0; i < uses.size(); ++i) QVERIFY(std::abs(twice[i].length_mm - 2 * uses[i].length_mm) < 1e-9);
  }
};

QTEST_GUILESS_MAIN(TestUsage)
#include "test_usage.moc"
