// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>

#include "panels/panel_parts.h"
#include "panels/tool.h"
#include "session/session.h"

namespace yd::app {

/// The masses, one chosen: merged, split, painted, named, its plane, edge and focus said.
class MassSection : public QWidget {
  Q_OBJECT
 public:
  explicit MassSection(Session& session, QWidget* parent = nullptr);
  /// Index of the chosen mass, or -1.
  int chosen() const { return list_->currentRow(); }
  void choose(int mass);

 signals:
  void tool_asked(Tool tool);
  void mass_chosen(int mass);
  void shown_or_hidden();

 protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;

 private:
  void name_parts();
  void lay_out();
  void connect_edits();
  void make_buttons(QVBoxLayout& column);
  void refresh();
  void show_mass();
  void refill_colours();
  void choose_colour(int row);
  void set_amount(int percent);
  void edit(const subject::MassEdit& edit, const QString& text);
  subject::MassEdit about(subject::MassEdit::Kind kind) const;

  Session& session_;
  QListWidget* list_;
  QComboBox* merge_;
  QLineEdit* name_;
  QComboBox* plane_;
  QComboBox* edge_;
  QComboBox* surface_;
  QComboBox* colour_;
  LabelledSlider* amount_;
  QCheckBox* focal_;
  QLabel* about_;
};

}  // namespace yd::app
