#include "widgets/style.h"

#include <QApplication>
#include <QFont>
#include <QPalette>
#include <QStyleFactory>

#include "exports/fonts.h"

namespace yd::app {
namespace {

QColor grey(int level) { return {level, level, level}; }

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
  font.setPointSizeF(10);
  QApplication::setFont(font);
  QApplication::setPalette(scheme == Scheme::dark ? palette_of({58, 48, 53, 226, 70, 140, 40, 92})
                                                  : palette_of({200, 214, 208, 28, 208, 100, 150, 176}));
  application.setStyleSheet(
      "QTableView, QListView { border: none; } QHeaderView::section { border: none; padding: 3px 6px; }"
      "QLabel[heading=\"true\"] { font-weight: bold; } QToolTip { padding: 4px; }");
}

}  // namespace yd::app
