// SPDX-License-Identifier: MIT
// Not a test by itself: writes works to the journal named on the command line, and saves a project beside it, and says
// each number once both are kept, until it is killed. Run by test_journal.
#include <cstdio>
#include <nlohmann/json.hpp>

#include "formats/project.h"
#include "journal/journal.h"
#include "one_program.h"

namespace {

int write_until_killed(const QStringList& arguments) {
  if (arguments.size() < 3) return 2;
  auto journal = yd::journal::Journal::open(arguments[1]);
  if (!journal) return 2;
  yd::formats::Project project;
  project.reference = QByteArray(300000, 'r');
  project.paper = yd::media::load_papers().value().front();
  project.collection = yd::media::find_collection("generic").value();
  for (int n = arguments[2].toInt() + 1;; ++n) {
    yd::journal::Work w;
    w.id = QString("work-%1").arg(n);
    w.title = "Pans at dusk";
    w.touched_s = n;
    w.board = QByteArray(20000, 'b');
    for (int i = 0; i < 8; ++i) w.sticks.push_back({QString::number(i), "umber", {}, {}, 1, 0.1});
    if (!journal.value()->put(w)) return 3;
    project.plan.most_sticks = 1 + n % 60;
    if (!yd::formats::save_project(arguments[1] + ".dune", project, {})) return 4;
    std::printf("%d\n", n);
    std::fflush(stdout);
  }
}

[[maybe_unused]] const bool entered = yd::trial::enter(__FILE__, write_until_killed);

}  // namespace
