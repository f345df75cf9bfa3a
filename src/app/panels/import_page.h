// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>
#include <optional>

#include "formats/collection_file.h"
#include "session/session.h"

namespace yd::app {

/// What a palette file holds before it is taken: columns of a CSV with their meaning, sticks with their colours, bad
/// rows with their lines.
class ImportPage : public QWidget {
  Q_OBJECT
 public:
  explicit ImportPage(Session& session, QWidget* parent = nullptr);
  /// Errors that concern the whole file are given back; the page is then not to be shown.
  Status show_file(const QByteArray& bytes, const QString& file);

 signals:
  void closed();
  void taken(const QString& collection);

 private:
  void read_again();
  void show_columns();
  void show_sticks();
  void take();
  optics::Medium medium() const;

  Session& session_;
  QByteArray bytes_;
  QString file_;
  std::optional<formats::CsvTable> csv_;
  formats::ImportedSticks found_;
  QLabel* title_;
  QComboBox* medium_;
  QLineEdit* name_;
  QTableWidget* columns_;
  QTableWidget* sticks_;
  QLabel* bad_;
  QPushButton* take_;
};

}  // namespace yd::app
