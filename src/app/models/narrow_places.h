// SPDX-License-Identifier: MIT
#pragma once

#include <QFutureWatcher>
#include <QObject>

#include "marks/too_narrow.h"
#include "models/overlay.h"
#include "session/session.h"

namespace yd::app {

/// What of the subject is finer than the hand on the sheet in use, found beside the window after every change.
class NarrowPlaces : public QObject {
  Q_OBJECT
 public:
  explicit NarrowPlaces(Session& session, QObject* parent = nullptr);
  ~NarrowPlaces() override;
  const plan::TooNarrow& found() const { return found_; }

 signals:
  void changed();

 private:
  void look();

  Session& session_;
  QFutureWatcher<plan::TooNarrow> watcher_;
  bool again_ = false;
  plan::TooNarrow found_;
};

/// Each of them as a fine frame.
void add_narrow(const plan::TooNarrow& found, Overlay& overlay);

}  // namespace yd::app
