// SPDX-License-Identifier: MIT
// The same picture on other papers.
#include <QTest>
#include <set>

#include "job/other_papers.h"
#include "small_world.h"

using namespace yd;

namespace {

class Stopped : public Observer {
 public:
  bool cancelled() const override { return true; }
};

}  // namespace

class TestOtherPapers : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    papers_ = media::load_papers().value();
    Observer observer;
    plan_ = plan::make_plan(subject_, trial::paper(), sticks_, trial::parameters(), options_, observer).value();
    ranked_ =
        plan::judge_grounds({&plan_, &subject_, papers_, sticks_.sticks, &trial::parameters(), {}}, observer).value();
  }

  // Each is what a plan on that paper comes to, the nearest first, and never the one in use.
  void each_is_planned_and_the_nearest_stands_first() {
    Observer observer;
    const auto found = job::on_other_papers(subject_, studio(), papers_, ranked_, options_, 2, observer).value();
    QCOMPARE(found.size(), std::size_t(2));
    std::set<std::size_t> seen;
    for (const job::OnPaper& p : found) {
      QVERIFY(papers_[p.paper].id != trial::paper().id && seen.insert(p.paper).second);
      plan::Plan plan =
          plan::make_plan(subject_, papers_[p.paper], sticks_, trial::parameters(), options_, observer).value();
      const auto done = job::finished(plan, subject_, {&papers_[p.paper], &sticks_, &trial::parameters()}, options_);
      QCOMPARE(p.seen.mean, done.figures.seen.mean);
      QCOMPARE(p.minutes, plan::minutes_of(plan));
    }
    QVERIFY(found[0].seen.mean <= found[1].seen.mean);
  }

  void what_is_begun_stays_on_its_paper() {
    Observer observer;
    plan::PlanOptions begun = options_;
    begun.laid.resize(1);
    QVERIFY(job::on_other_papers(subject_, studio(), papers_, ranked_, begun, 2, observer)->empty());
    Stopped stopped;
    const auto none = job::on_other_papers(subject_, studio(), papers_, ranked_, options_, 2, stopped);
    QVERIFY(!none.ok() && none.error().code == Error::Code::cancelled);
  }

 private:
  job::Studio studio() const { return {&trial::paper(), &sticks_, &trial::parameters()}; }

  subject::Subject subject_ = trial::small_subject(120, 90);
  media::Collection sticks_ = trial::every(6);
  plan::PlanOptions options_ = trial::options_with(4);
  std::vector<media::Paper> papers_;
  plan::Plan plan_;
  std::vector<plan::GroundVerdict> ranked_;
};

QTEST_GUILESS_MAIN(TestOtherPapers)
#include "test_other_papers.moc"
