// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QWidget>

#include "session/session.h"

namespace yd::app {

/// How the picture is built: school, strokes, order; for the whole picture or for one mass.
class SchoolSection : public QWidget {
  Q_OBJECT
 public:
  explicit SchoolSection(Session& session, QWidget* parent = nullptr);

 signals:
  void page_asked();

 private:
  void refresh();
  void refresh_scopes();
  bool whole() const { return scope_->currentIndex() <= 0; }
  plan::MassWay way() const;
  void put_way(const plan::MassWay& way);
  void choose_school(int index);
  void choose_manner(int index);

  Session& session_;
  QComboBox* scope_;
  QComboBox* school_;
  QComboBox* manner_;
  QComboBox* course_;
  QLabel* reason_;
};

}  // namespace yd::app
