// SPDX-License-Identifier: MIT
// Not a test by itself: an artist at the real window, who chooses, saves, marks passes at the easel, writes notes and
// checks photographs, and says each thing once it is kept, until the program is killed. Run by test_kills.
#include <cstdio>

#include "support/random.h"
#include "ui_world.h"

using namespace yd;

namespace {

void say(const char* what, int number) {
  std::printf("%s %d\n", what, number);
  std::fflush(stdout);
}

int number_of(const std::vector<std::string>& order) {
  return order.empty() ? 0 : QString::fromStdString(order.front()).section('-', 1).toInt();
}

int work_until_killed(const QStringList& arguments) {
  if (arguments.size() < 3) return 2;
  const QString folder = arguments[1];
  Random random(arguments[2].toULongLong());
  app::Session session(trial::World::materials());
  QSettings settings(folder + "/settings.ini", QSettings::IniFormat);
  app::Autosave autosave(session, folder + "/unsaved");
  app::Advice advice(session);
  const auto now = [] { return QDateTime::currentSecsSinceEpoch(); };
  app::EaselWork easel(session, now);
  app::Checker checker(session);
  app::Keeper keeper(session, folder + "/data", now);
  app::MainWindow window(session, advice, checker, keeper, autosave, easel, settings);
  window.show();
  const QString file = folder + "/work.dune";
  window.files().open_path(QFile::exists(file) ? file : trial::World::demo("kettle.png"));
  if (!QTest::qWaitFor([&] { return session.planned() && !session.busy(); }, 60000)) return 3;
  int n = number_of(session.choices().plan.order_by_hand);
  if (!window.files().save_path(file)) return 4;
  say("begun", n);
  for (;;) {
    switch (random.below(5)) {
      case 0: {  // a choice, saved
        app::Choices c = session.choices();
        c.plan.order_by_hand = {"n-" + std::to_string(++n)};
        session.change(c, "order");
        if (!window.files().save_path(file)) return 5;
        say("saved", n);
        break;
      }
      case 1:  // a choice that is undone again
      {
        app::Choices c = session.choices();
        c.composition.thirds = !c.composition.thirds;
        session.change(c, "thirds");
        session.undo_stack().undo();
        break;
      }
      case 2: {  // at the easel: on the disk when it is done
        const auto marks = static_cast<int>(session.choices().marks.size());
        easel.done();
        if (static_cast<int>(session.choices().marks.size()) > marks) say("marks", marks + 1);
        break;
      }
      case 3:
        if (keeper.add_note(session.work_id(), "note-" + QString::number(++n)).ok()) say("note", n);
        break;
      default:
        checker.simulate(random.next());
        QTest::qWait(static_cast<int>(random.below(40)));
        checker.cancel();
    }
    QTest::qWait(static_cast<int>(random.below(12)));
  }
}

[[maybe_unused]] const bool entered = trial::enter(__FILE__, work_until_killed);

}  // namespace
