// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QListView>
#include <QPushButton>

#include "models/fault_model.h"
#include "panels/panel_parts.h"
#include "panels/photo_section.h"
#include "widgets/bench.h"
#include "widgets/facts.h"

namespace yd::app {

/// Stage Check: a photograph of the work, the few things that are off on it, what mends each, and the rest planned anew
/// from what really lies there.
class CheckPanel : public Bench {
  Q_OBJECT
 public:
  CheckPanel(Session& session, Checker& checker, QWidget* parent = nullptr);
  /// The one that the artist has chosen, to be lit; null for none. Only until the next look.
  const check::Fault* lit() const;
  bool differences() const { return differences_->isChecked(); }
  /// What is known of the artist's eye, in a sentence; empty: nothing.
  void show_eye(const QString& sentence);

 signals:
  void file_asked();
  void fault_chosen();
  void differences_toggled();

 private:
  QWidget* faults_box();
  QWidget* mend_box();
  QWidget* margin_box();
  void refresh();
  const check::Fault* fault() const;
  void choose();
  QString found_words() const;

  Session& session_;
  Checker& checker_;
  FaultModel faults_;
  MendingModel mendings_;
  MarginModel margin_;
  QListView* list_;
  QLabel* about_;
  QLabel* eye_;
  QCheckBox* differences_;
  QListView* mend_list_;
  QPushButton* take_;
  Facts* masses_;
  Facts* photo_;
  bool lit_ = true;  ///< what is chosen is chosen by the artist, not by a new look
  bool chosen_ = false;
  Card* faults_card_ = nullptr;
  Card* photo_card_ = nullptr;
};

}  // namespace yd::app
