#include "session/calibrator.h"

#include "formats/archive.h"
#include "formats/offcut_file.h"
#include "pictures/pictures.h"
#include "session/reporter.h"
#include "session/sentences.h"
#include "session/work.h"

namespace yd::app {

Calibrator::Calibrator(Session& session, QObject* parent) : QObject(parent), session_(session) {
  connect(&watcher_, &QFutureWatcher<Outcome>::finished, this, &Calibrator::finished);
  connect(&session_, &Session::plan_changed, this, [this] {
    found_.reset();
    emit changed();
  });
}

Calibrator::~Calibrator() {
  if (reporter_) reporter_->stop();
  watcher_.disconnect(this);
  watcher_.waitForFinished();
}

std::vector<calibrate::OffcutStroke> Calibrator::strokes() const {
  const PlannedPtr planned = session_.planned();
  return planned ? calibrate::offcut_strokes(planned->plan.tray, kStrokes) : std::vector<calibrate::OffcutStroke>{};
}

void Calibrator::write_table(const QString& file) {
  const PlannedPtr planned = session_.planned();
  if (!planned) return;
  const Status written = formats::write_atomically(file, formats::write_offcuts(strokes(), *planned->collection));
  if (!written) emit failed(sentence(written.error()));
}

void Calibrator::read_table(const QString& file) {
  const PlannedPtr planned = session_.planned();
  if (running_ || !planned) return;
  running_ = true;
  reporter_ = std::make_shared<Reporter>(this, [this](double f, const QString& s) { emit progressed(f, s); });
  run_beside(
      pool_, watcher_,
      [planned, file, reporter = reporter_, parameters = session_.materials().model.parameters]() -> Result<FoundPtr> {
        const auto bytes = pictures::read_bytes(file);
        if (!bytes) return bytes.error();
        const auto readings = formats::read_offcuts(bytes.value(), file.toStdString(), *planned->collection);
        if (!readings) return readings.error();
        auto found =
            calibrate::calibrate(readings.value(), *planned->paper, *planned->collection, parameters, *reporter);
        if (!found) return found.error();
        return std::make_shared<const Found>(Found{std::move(found).value(), planned});
      });
  emit busy_changed();
}

void Calibrator::cancel() {
  if (reporter_) reporter_->stop();
}

void Calibrator::finished() {
  running_ = false;
  const Outcome outcome = watcher_.result();
  if (const auto* found = std::get_if<FoundPtr>(&outcome)) {
    if ((*found)->planned == session_.planned()) found_ = *found;
  } else if (const Error& error = std::get<Error>(outcome); error.code != Error::Code::cancelled) {
    emit failed(sentence(error));
  }
  emit busy_changed();
  emit changed();
}

void Calibrator::take() {
  if (!found_) return;
  session_.take_calibration(calibrate::calibrated(*found_->planned->collection, found_->calibration),
                            found_->calibration.hand, tr("Calibrated by offcuts"));
}

void Calibrator::forget_hand() {
  Choices next = session_.choices();
  next.plan.presses = {};
  session_.change(next, tr("Calibration of the hand forgotten"));
}

}  // namespace yd::app
