// SPDX-License-Identifier: MIT
#pragma once

#include <QDir>
#include <QTemporaryDir>
#include <memory>

#include "journal/journal.h"

namespace yd::speed {

/// A journal with so many works, each with a dozen sticks and a recipe.
struct Kept {
  QTemporaryDir dir;
  std::unique_ptr<journal::Journal> journal;

  explicit Kept(int works) {
    journal = std::move(journal::Journal::open(dir.filePath("journal.sqlite"))).value();
    for (int n = 0; n < works; ++n) put(n);
  }
  void put(int n) const {
    static const char* const kWords[] = {"dusk", "harbour", "kettle", "dune", "window", "orchard", "ferry", "snow"};
    journal::Work w;
    w.id = QString::number(n);
    w.title = QString("%1 and %2 %3").arg(kWords[n % 8], kWords[n / 8 % 8]).arg(n);
    w.paper = n % 2 == 0 ? "Sanded 400, warm grey" : "Laid, cream";
    w.touched_s = 1'700'000'000 + n * 3600;
    w.passes = 17;
    w.done = n % 18;
    w.subject = QByteArray(9000, 's');
    w.board = QByteArray(14000, 'b');
    for (int i = 0; i < 12; ++i) {
      w.sticks.push_back({QString("stick-%1").arg((7 * n + i) % 224),
                          QString("umber %1").arg(i),
                          {},
                          {10.0 + (7 * n + i) % 80, -20.0 + n % 45, -30.0 + (3 * n + i) % 60},
                          2,
                          0.03});
    }
    if (!journal->put(w).ok()) std::abort();
    journal::Recipe r;
    r.work = w.id;
    r.title = QString("%1, upper part").arg(kWords[n % 8]);
    r.words = "Umber lightly; cobalt rubbed in; a little white where it is light.";
    r.lab = w.sticks[0].lab;
    r.layers = {{"stick-1", "umber", {}, {}, 0.4, false}, {"stick-2", "cobalt", {}, {}, 0.7, true}};
    if (!journal->put(r).ok()) std::abort();
  }
};

}  // namespace yd::speed
