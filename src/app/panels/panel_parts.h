// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QListView>
#include <QSlider>
#include <QString>
#include <QTableView>
#include <QVBoxLayout>
#include <QWidget>

namespace yd::app {

/// Pieces all stage panels are made of, so that they look alike.
QLabel* heading(const QString& text);
QLabel* paragraph(const QString& text = {});
/// A list of sentences, a colour before each where the model has one of this size.
QListView* lines(const QString& name, const QString& title, QAbstractItemModel& model, QSize chip = {});
QTableView* table(const QString& name, QAbstractItemModel& model, int stretched_column);
void dress_table(QTableView& table, const QString& name, QAbstractItemModel& model, int stretched_column);

/// A slider with its title on the left and its value, right-aligned, on the right.
class LabelledSlider : public QWidget {
  Q_OBJECT
 public:
  LabelledSlider(const QString& title, const QString& name, int low, int high, QWidget* parent = nullptr);
  int value() const { return slider_->value(); }
  /// Sets without announcing.
  void show_value(int value);

 signals:
  void moved(int value);

 private:
  QSlider* slider_;
  QLabel* number_;
};

}  // namespace yd::app
