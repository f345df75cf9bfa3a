// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QWidget>

#include "widgets/offcut_view.h"

namespace yd::app {

/// The offcut sheet in place of the pictures, on the papers themselves or on a common grey.
class OffcutPage : public QWidget {
  Q_OBJECT
 public:
  explicit OffcutPage(QWidget* parent = nullptr);
  OffcutView& view() { return *view_; }
  bool masked() const { return masked_->isChecked(); }

 signals:
  void closed();
  void masked_changed();

 private:
  OffcutView* view_;
  QCheckBox* masked_;
};

}  // namespace yd::app
