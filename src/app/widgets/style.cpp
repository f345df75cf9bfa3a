#include "widgets/style.h"

#include <QApplication>
#include <QFont>
#include <QPalette>
#include <QStyleFactory>

#include "exports/fonts.h"

namespace yd::app {
namespace {

QColor grey(int level) { return {level, level, level}; }

/// Flat and quiet: what can be pressed has an outline, what is pressed is darker, what has the focus the accent.
QString sheet(bool dark) {
  const QString line = dark ? "#606060" : "#b2b2b2";
  const QString face = dark ? "#4e4e4e" : "#ececec";
  const QString pressed = dark ? "#686868" : "#c4c4c4";
  const QString faint = dark ? "#8c8c8c" : "#8a8a8a";
  const QString row = dark ? "#585858" : "#cdcdcd";
  return QString(
             "QTableView, QListView { border: none; background: transparent; outline: none; }"
             "QTableView::item:selected, QListView::item:selected { background: %5; color: palette(text); }"
             "QTableView:focus, QListView:focus { border: 1px solid #d9a441; border-radius: 3px; }"
             "QListView#course:focus { border: none; }"
             "QListView[sheet=\"true\"] { background: palette(base); border-radius: 4px; padding: 4px; }"
             "QHeaderView::section { border: none; background: transparent; padding: 3px 6px; color: %4; }"
             "QPushButton { border: 1px solid %1; border-radius: 4px; padding: 4px 10px; background: %2; }"
             "QPushButton:checked, QPushButton:pressed { background: %3; }"
             "QPushButton:disabled { color: %4; background: transparent; }"
             "QPushButton:focus, QLineEdit:focus { border: 1px solid #d9a441; }"
             "QPushButton[narrow=\"true\"] { padding: 4px 2px; }"
             "QLineEdit { border: 1px solid %1; border-radius: 4px; padding: 3px 6px; background: %2; }"
             "QScrollArea[card=\"true\"], QScrollArea[card=\"true\"] > QWidget > QWidget { background: transparent; }"
             "QMenuBar { background: transparent; }"
             "QScrollBar { background: transparent; border: none; }"
             "QScrollBar:vertical { width: 8px; margin: 0; } QScrollBar:horizontal { height: 8px; margin: 0; }"
             "QScrollBar::handle { background: %1; border-radius: 4px; min-height: 24px; min-width: 24px; }"
             "QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }"
             "QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }"
             "QLabel[heading=\"true\"] { font-weight: bold; } QToolTip { padding: 4px; }")
      .arg(line, face, pressed, faint, row);
}

struct Greys {
  int window, base, alternate, text, button, dim, mid, chosen;
};

QPalette palette_of(const Greys& g) {
  QPalette p;
  p.setColor(QPalette::Window, grey(g.window));
  p.setColor(QPalette::WindowText, grey(g.text));
  p.setColor(QPalette::Base, grey(g.base));
  p.setColor(QPalette::AlternateBase, grey(g.alternate));
  p.setColor(QPalette::Text, grey(g.text));
  p.setColor(QPalette::PlaceholderText, grey(g.dim));
  p.setColor(QPalette::Button, grey(g.button));
  p.setColor(QPalette::ButtonText, grey(g.text));
  p.setColor(QPalette::ToolTipBase, grey(g.base));
  p.setColor(QPalette::ToolTipText, grey(g.text));
  p.setColor(QPalette::Mid, grey(g.mid));
  p.setColor(QPalette::Dark, grey(g.mid));
  p.setColor(QPalette::Highlight, grey(g.chosen));
  p.setColor(QPalette::HighlightedText, grey(g.text));
  for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText}) {
    p.setColor(QPalette::Disabled, role, grey(g.dim));
  }
  return p;
}

}  // namespace

void apply_style(QApplication& application, Scheme scheme) {
  QApplication::setStyle(QStyleFactory::create("Fusion"));
  exports::load_fonts();
  QFont font("Lato");
  font.setPointSizeF(points(Type::text));
  QApplication::setFont(font);
  const bool dark = scheme == Scheme::dark;
  QApplication::setPalette(dark ? palette_of({52, 66, 60, 228, 84, 156, 96, 104})
                                : palette_of({206, 226, 216, 26, 214, 92, 178, 196}));
  application.setStyleSheet(sheet(dark));
}

}  // namespace yd::app
