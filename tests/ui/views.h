// SPDX-License-Identifier: MIT
#pragma once

#include <QAccessible>
#include <functional>

#include "ui_world.h"

namespace yd::trial {

/// A view of the window and the way to it.
struct View {
  QString name;
  std::function<void(World&)> open;
};

inline QList<View> views() {
  QList<View> out;
  const char* stages[] = {"subject", "ground", "tray", "underpainting", "passages", "check"};
  for (int i = 0; i < app::kStages; ++i) {
    out << View{stages[i], [i](World& w) { w.window.stages().go(static_cast<app::Stage>(i)); }};
  }
  const auto button = [](const char* name) { return [name](World& w) { click(w, name); }; };
  const auto action = [](const char* name) { return [name](World& w) { w.find<QAction>(name)->trigger(); }; };
  out << View{"papers", button("papers_sheet")} << View{"offcuts", button("offcut_sheet")};
  out << View{"schools", button("school_page")} << View{"help", action("help_here")} << View{"keys", action("go_keys")};
  out << View{"box", [](World& w) { w.window.sheets().show_box(); }};
  out << View{"journal", [](World& w) { w.window.notes().show_journal(); }};
  out << View{"practice", [](World& w) { w.window.notes().show_practice(); }};
  out << View{"easel", [](World& w) { w.window.show_easel(true); }};
  return out;
}

inline void open(World& w, const View& view) {
  w.window.show_easel(false);
  view.open(w);
  w.settle_all();
  QCoreApplication::processEvents();
}

/// All that a reader of the screen can come to, from the window down.
inline void walk(QAccessibleInterface* at, const std::function<void(QAccessibleInterface*)>& see, int depth = 0) {
  if (at == nullptr || !at->isValid() || depth > 40) return;
  const QAccessible::State state = at->state();
  if (state.invisible) return;
  see(at);
  // Rows of long tables are all alike.
  const int most = at->tableInterface() != nullptr ? 40 : 400;
  for (int i = 0; i < std::min(at->childCount(), most); ++i) walk(at->child(i), see, depth + 1);
}

}  // namespace yd::trial
