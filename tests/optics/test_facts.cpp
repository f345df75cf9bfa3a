// SPDX-License-Identifier: MIT
// The facts of the trade that the model has to reproduce. All: common practice, no published source.
#include <QTest>

#include "facts.h"
#include "media/model.h"

class TestFacts : public QObject {
  Q_OBJECT
 private slots:
  void hold_data() {
    QTest::addColumn<double>("measured");
    QTest::addColumn<double>("threshold");
    const auto model = yd::media::load_model();
    QVERIFY(model.ok());
    int row = 0;
    for (const yd::trial::Fact& f : yd::trial::measure_facts(model->parameters)) {
      const QString name = QString("%1 %2 [%3] #%4")
                               .arg(f.number)
                               .arg(QString::fromStdString(f.text), QString::fromStdString(f.measure))
                               .arg(row++);
      QTest::newRow(qPrintable(name)) << f.measured << f.threshold;
    }
  }
  void hold() {
    QFETCH(double, measured);
    QFETCH(double, threshold);
    qInfo("measured %.3f, must exceed %.3f", measured, threshold);
    QVERIFY(measured > threshold);
  }
};

QTEST_APPLESS_MAIN(TestFacts)
#include "test_facts.moc"
