// SPDX-License-Identifier: MIT
#include "models/narrow_places.h"

#include <QtConcurrentRun>
#include <algorithm>

#include "session/polite.h"

namespace yd::app {
namespace {

constexpr std::size_t kMostFramed = 400;

}  // namespace

NarrowPlaces::NarrowPlaces(Session& session, QObject* parent) : QObject(parent), session_(session) {
  connect(&session_, &Session::subject_changed, this, &NarrowPlaces::look);
  connect(&session_, &Session::choices_changed, this, &NarrowPlaces::look);
  connect(&session_, &Session::plan_changed, this, &NarrowPlaces::look);
  connect(&watcher_, &QFutureWatcher<plan::TooNarrow>::finished, this, [this] {
    found_ = watcher_.result();
    emit changed();
    if (again_) look();
  });
  look();
}

NarrowPlaces::~NarrowPlaces() { watcher_.waitForFinished(); }

void NarrowPlaces::look() {
  again_ = watcher_.isRunning();
  if (again_) return;
  const SubjectPtr subject = session_.subject();
  if (!subject || subject->image.data.empty()) {
    found_ = {};
    emit changed();
    return;
  }
  const PlannedPtr planned = session_.planned();
  const double finest = planned ? plan::finest_mm(planned->collection->sticks, planned->plan.tray, true) : 0;
  const double aspect = static_cast<double>(subject->image.width) / subject->image.height;
  const subject::Sheet sheet = session_.choices().composition.sheet(aspect);
  const double longer = std::max(sheet.width_cm, sheet.height_cm);
  if (finest <= 0) return;
  watcher_.setFuture(QtConcurrent::run([subject, longer, finest] {
    work_politely();
    return plan::too_narrow(*subject, longer, finest, kMostFramed);
  }));
}

void add_narrow(const plan::TooNarrow& found, Overlay& overlay) {
  for (const plan::NarrowFeature& f : found.first) {
    const QRectF box(QPointF(f.x0, f.y0), QPointF(f.x1, f.y1));
    overlay.strokes.append({QPolygonF(box), box.topLeft(), false});
  }
}

}  // namespace yd::app
