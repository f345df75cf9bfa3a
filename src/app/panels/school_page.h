// SPDX-License-Identifier: MIT
#pragma once

#include <QHash>
#include <QLabel>
#include <QScrollArea>

#include "models/school_view.h"

namespace yd::app {

/// The schools side by side: what each does, a cut through this paper's tooth, and for which subjects it is usual.
class SchoolPage : public QScrollArea {
  Q_OBJECT
 public:
  explicit SchoolPage(QWidget* parent = nullptr);
  /// What a school takes, in words; under its name.
  void set_cost(plan::School school, const QString& words);
  void set_schools(const std::vector<SchoolView>& schools, const QString& advice);

 signals:
  void closed();
  void school_asked(yd::plan::School school);

 private:
  QWidget* make_card(const SchoolView& view);

  QHash<QString, QLabel*> costs_;  ///< by name of the school
};

}  // namespace yd::app
