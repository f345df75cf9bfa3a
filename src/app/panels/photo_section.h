// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>

#include "session/checker.h"
#include "widgets/corner_view.h"

namespace yd::app {

/// The photograph: which, how much of the work is done on it, its corners, whether it will do.
class PhotoSection : public QWidget {
  Q_OBJECT
 public:
  PhotoSection(Session& session, Checker& checker, QWidget* parent = nullptr);

 signals:
  void file_asked();

 private:
  void refresh();
  QString status() const;

  Session& session_;
  Checker& checker_;
  CornerView* corners_;
  QPushButton* open_;
  QPushButton* simulate_;
  QPushButton* find_;
  QSpinBox* done_;
  QCheckBox* strip_;
  QLabel* status_;
  std::uint64_t seed_ = 0;
};

}  // namespace yd::app
