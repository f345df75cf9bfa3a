// SPDX-License-Identifier: MIT
// What the keys do at the easel.
#include <QKeyEvent>
#include <QSet>

#include "panels/easel_page.h"

namespace yd::app {

bool EaselPage::is_own(const QKeyEvent& event) {
  static const QSet<int> keys{Qt::Key_Space,  Qt::Key_Right,     Qt::Key_Return, Qt::Key_Enter,
                              Qt::Key_Left,   Qt::Key_Backspace, Qt::Key_S,      Qt::Key_O,
                              Qt::Key_N,      Qt::Key_R,         Qt::Key_P,      Qt::Key_V,
                              Qt::Key_Escape, Qt::Key_Up,        Qt::Key_Down,   Qt::Key_Z};
  const auto modifiers = event.modifiers() & ~(Qt::KeypadModifier | Qt::ShiftModifier);
  return modifiers == Qt::NoModifier && keys.contains(event.key());
}

/// Keys of the easel go before the window's shortcuts of one letter; those with Ctrl or Alt are the window's.
bool EaselPage::event(QEvent* event) {
  if (event->type() == QEvent::ShortcutOverride && is_own(*static_cast<QKeyEvent*>(event))) event->accept();
  return QWidget::event(event);
}

void EaselPage::keyPressEvent(QKeyEvent* event) {
  if (!is_own(*event)) return QWidget::keyPressEvent(event);
  switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_Down:
      if (event->isAutoRepeat()) return play_on();
      return done_->isEnabled() ? next_group() : void();
    case Qt::Key_Up:
      return group_before();
    case Qt::Key_Right:
    case Qt::Key_Return:
    case Qt::Key_Enter:
      return done_->isEnabled() ? done() : void();
    case Qt::Key_Left:
    case Qt::Key_Backspace:
      return work_.show_pass(work_.shown() - 1);
    case Qt::Key_S:
      return skip_->isEnabled() ? work_.skip() : void();
    case Qt::Key_O:
      return work_.open_again();
    case Qt::Key_N:
      return note_->setFocus();
    case Qt::Key_R:
      return pick_substitute();
    case Qt::Key_P:
      return work_.pause(!work_.paused());
    case Qt::Key_V:
      return speak_->toggle();
    case Qt::Key_Z:
      return closer_->toggle();
    case Qt::Key_Escape:
      return emit closed();
    default:
      QWidget::keyPressEvent(event);
  }
}

bool EaselPage::eventFilter(QObject* watched, QEvent* event) {
  if (watched == substitutes_ && event->type() == QEvent::KeyPress &&
      static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
    back_from_substitutes();
    return true;
  }
  return QWidget::eventFilter(watched, event);
}

}  // namespace yd::app
