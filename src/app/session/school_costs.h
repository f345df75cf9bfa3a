// SPDX-License-Identifier: MIT
#pragma once

#include <set>
#include <vector>

#include "session/runner.h"
#include "session/session.h"

namespace yd::app {

/// What the picture takes, and how near it comes, built by a school with the sticks of its tray.
struct SchoolCost {
  plan::School school = plan::School::dark_first;
  int passes = 0;
  double minutes = 0;
  double seen = 0;  ///< CIEDE2000 as seen, mean
};

/// Whole plans by the other schools, one after the other beside the window while somebody looks. They belong to the
/// session's present plan; a new one drops them.
class SchoolCosts : public QObject {
  Q_OBJECT
 public:
  explicit SchoolCosts(Session& session, QObject* parent = nullptr);
  void ask();
  void stop();
  bool busy() const { return runner_.busy(); }
  std::optional<SchoolCost> of(plan::School school) const;

 signals:
  void changed();

 private:
  void next();

  Session& session_;
  bool asked_ = false;
  PlannedPtr planned_;      ///< whose costs they are
  PlannedPtr running_for_;  ///< of what runs
  std::vector<SchoolCost> known_;
  std::set<plan::School> refused_;
  Runner<SchoolCost> runner_;
};

}  // namespace yd::app
