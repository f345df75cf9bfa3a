// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QTableView>

#include "models/box_model.h"
#include "session/box_reader.h"

namespace yd::app {

/// A box of sticks in one photograph: the sheet to print, its photograph, and the sticks it shows, to be named down the
/// list and taken as a collection.
class BoxPage : public QWidget {
  Q_OBJECT
 public:
  explicit BoxPage(Session& session, QWidget* parent = nullptr);
  BoxReader& reader() { return reader_; }
  /// The keys go to its first field.
  void begin() { cells_->setFocus(); }

 signals:
  void closed();
  void taken(const QString& collection);

 private:
  QWidget* make_steps();
  QWidget* make_list();
  QLayout* make_end();
  void show_found();
  void refresh();
  void refresh_into();
  void refresh_whose();
  /// The collection whose sticks lie in the cells, one after the other; null: sticks that are new.
  const media::Collection* known() const;
  void print();
  void photograph();
  void say_kind();
  void leave_out();
  void take();
  swatches::Kind kind() const;
  QString paper() const { return paper_->currentData().toString(); }

  Session& session_;
  BoxReader reader_;
  BoxModel model_;
  QComboBox* whose_;
  QSpinBox* cells_;
  QComboBox* size_;
  QComboBox* paper_;
  QComboBox* kind_;
  QPushButton* open_;
  QPushButton* simulate_;
  QLabel* status_;
  QTableView* table_;
  QComboBox* said_;
  QPushButton* leave_out_;
  QComboBox* into_;
  QLineEdit* name_;
  QPushButton* take_;
  std::uint64_t seed_ = 0;
};

}  // namespace yd::app
