// SPDX-License-Identifier: MIT
#pragma once

#include <QFrame>
#include <QLabel>
#include <QPushButton>
#include <functional>

namespace yd::app {

/// A sentence inside the window, with an action where there is one: instead of message boxes.
class NoticeBar : public QFrame {
  Q_OBJECT
 public:
  explicit NoticeBar(QWidget* parent = nullptr);
  void show_sentence(const QString& sentence);
  /// `otherwise_text` stands on the button that refuses; without one it reads "Close".
  void ask(const QString& sentence, const QString& action, std::function<void()> then,
           std::function<void()> otherwise = {}, const QString& otherwise_text = {});
  QString text() const { return label_->text(); }

 private:
  void close_bar(bool accepted);
  QLabel* label_;
  QPushButton* action_;
  QPushButton* close_;
  std::function<void()> then_;
  std::function<void()> otherwise_;
};

}  // namespace yd::app
