// SPDX-License-Identifier: MIT
#include "widgets/style.h"

#include <QApplication>
#include <QFont>
#include <QPalette>
#include <QProxyStyle>
#include <algorithm>

#include "exports/fonts.h"

namespace yd::app {
namespace {

QColor grey(int level) { return {level, level, level}; }

struct Lines {
  const char* line;
  const char* face;
  const char* pressed;
  const char* faint;  ///< what cannot be pressed now
  const char* title;  ///< of columns
  const char* row;
  const char* focus;
};

constexpr Lines lines_of(Scheme scheme) {
  switch (scheme) {
    case Scheme::dark:
      return {"#606060", "#4e4e4e", "#626262", "#8c8c8c", "#b4b4b4", "#585858", "#d9a441"};
    case Scheme::contrast:
      return {"#ffffff", "#000000", "#4a4a4a", "#9a9a9a", "#ffffff", "#3c3c3c", "#ffd24a"};
    case Scheme::light:
      break;
  }
  return {"#b2b2b2", "#ececec", "#c4c4c4", "#8a8a8a", "#505050", "#cdcdcd", "#d9a441"};
}

/// Flat and quiet: what can be pressed has an outline, what is pressed is darker, what has the focus the accent.
QString sheet(const Lines& l) {
  return QString(
             "QTableView, QListView { border: none; background: transparent; outline: none; }"
             "QTableView::item:selected, QListView::item:selected { background: %5; color: palette(text); }"
             "QTableView:focus, QListView:focus { border: 1px solid %7; border-radius: 3px; }"
             "QListView#course:focus { border: none; }"
             "QListView[sheet=\"true\"] { background: palette(base); border-radius: 4px; padding: 4px; }"
             "QHeaderView::section { border: none; background: transparent; padding: 3px 6px; color: %6; }"
             "QPushButton { border: 1px solid %1; border-radius: 4px; padding: 4px 10px; background: %2; }"
             "QPushButton:checked, QPushButton:pressed { background: %3; }"
             "QPushButton:disabled { color: %4; background: transparent; }"
             "QPushButton:focus, QLineEdit:focus { border: 1px solid %7; }"
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
      .arg(l.line, l.face, l.pressed, l.faint, l.row, l.title, l.focus);
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

constexpr Greys greys_of(Scheme scheme) {
  switch (scheme) {
    case Scheme::dark:
      return {52, 66, 60, 228, 80, 182, 96, 96};
    case Scheme::contrast:
      return {0, 0, 24, 255, 0, 224, 255, 72};
    case Scheme::light:
      break;
  }
  return {206, 226, 216, 26, 214, 80, 178, 196};
}

/// Fusion, without motion where none is wanted.
class QuietStyle : public QProxyStyle {
 public:
  explicit QuietStyle(bool still) : QProxyStyle("Fusion"), still_(still) {}
  int styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                QStyleHintReturn* data) const override {
    if (still_ && (hint == SH_Widget_Animation_Duration || hint == SH_Widget_Animate)) return 0;
    return QProxyStyle::styleHint(hint, option, widget, data);
  }

 private:
  bool still_;
};

/// How much larger than usual the system's letters are.
double letters_of_system() {
  constexpr double kUsual = 11;  // points; desktops begin with 9 to 11
  static const double scale = std::clamp(QApplication::font().pointSizeF() / kUsual, 1.0, 2.0);
  return scale;
}

}  // namespace

void apply_style(QApplication& application, const Comfort& comfort) {
  apply_greys(application, comfort);
  apply_outlines(application, comfort);
}

void apply_greys(QApplication& application, const Comfort& comfort) {
  application.setStyleSheet({});
  set_letters(letters_of_system());  // before a font of ours is set
  QApplication::setStyle(new QuietStyle(comfort.still));
  exports::load_fonts();
  QFont font("Lato");
  font.setPointSizeF(points(Type::text));
  QApplication::setFont(font);
  QApplication::setPalette(palette_of(greys_of(comfort.scheme)));
}

void apply_outlines(QApplication& application, const Comfort& comfort) {
  application.setStyleSheet(sheet(lines_of(comfort.scheme)));
}

}  // namespace yd::app
