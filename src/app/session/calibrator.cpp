// SPDX-License-Identifier: MIT
#include "session/calibrator.h"

#include <QDate>
#include <QFileInfo>
#include <nlohmann/json.hpp>

#include "exports/printed_sheet.h"
#include "files/write.h"
#include "formats/collection_file.h"
#include "formats/offcut_file.h"
#include "media/fields.h"
#include "pictures/pictures.h"
#include "session/photo_file.h"
#include "session/sentences.h"
#include "swatches/box.h"

namespace yd::app {

namespace {

bool is_table(const QString& file) {
  const QString suffix = QFileInfo(file).suffix().toLower();
  return suffix == "csv" || suffix == "txt" || suffix == "cgats";
}

using Readings = Result<std::vector<calibrate::Reading>>;

/// What was measured: by the table, or by a photograph of the printed sheet.
Readings readings_in(const QString& file, const Planned& p, const std::vector<calibrate::OffcutStroke>& strokes) {
  if (is_table(file)) {
    const auto bytes = pictures::read_bytes(file);
    if (!bytes) return bytes.error();
    if (formats::is_cgats(bytes.value())) return formats::read_samples(bytes.value(), file.toStdString(), strokes);
    return formats::read_offcuts(bytes.value(), file.toStdString(), *p.collection);
  }
  const auto photo = photo_in(file);
  if (!photo) return photo.error();
  const auto sheet = swatches::read_sheet(photo.value(), p.paper->lab);
  if (!sheet) return sheet.error();
  return swatches::readings_of(sheet.value(), strokes);
}

/// The sheet to print, with a cell for each stroke.
Result<QByteArray> sheet_of(const std::vector<calibrate::OffcutStroke>& strokes, const media::Collection& collection,
                            const QString& file) {
  printed::Sheet sheet;
  sheet.cells = static_cast<int>(strokes.size());
  sheet.purpose = printed::Purpose::strokes;
  const auto layout = printed::lay_out(sheet);
  if (!layout) return layout.error();
  return exports::printed_sheet(file, layout.value(), exports::cell_strokes(strokes, collection));
}

/// A hand and sticks that were kept.
Result<Calibrator::FoundPtr> kept_in(const QString& file, const PlannedPtr& planned) {
  const std::string where = file.toStdString();
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return bytes.error();
  const auto json = media::parse_json(bytes->toStdString(), where);
  if (!json) return json.error();
  auto kept = formats::calibration_from_json(json.value(), where, *planned->collection);
  if (!kept) return kept.error();
  return std::make_shared<const Calibrator::Found>(Calibrator::Found{std::move(kept).value(), planned});
}

}  // namespace

Calibrator::Calibrator(Session& session, QObject* parent)
    : QObject(parent),
      session_(session),
      runner_(
          this, [this](double f, const QString& s) { emit progressed(f, s); },
          [this](const auto& outcome) { finished(outcome); }) {
  connect(&session_, &Session::plan_changed, this, [this] {
    found_.reset();
    emit changed();
  });
}

std::vector<calibrate::OffcutStroke> Calibrator::strokes() const {
  const PlannedPtr planned = session_.planned();
  return planned ? calibrate::offcut_strokes(planned->plan.tray, kStrokes) : std::vector<calibrate::OffcutStroke>{};
}

void Calibrator::write_table(const QString& file) {
  const PlannedPtr planned = session_.planned();
  if (!planned) return;
  if (const Status may = session_.read_files().may_write(file); !may) return emit failed(sentence(may.error()));
  Result<QByteArray> bytes = formats::write_offcuts(strokes(), *planned->collection);
  if (!is_table(file)) bytes = sheet_of(strokes(), *planned->collection, file);
  const Status written = bytes ? files::write_bytes(file, bytes.value()) : Status(bytes.error());
  if (!written) emit failed(sentence(written.error()));
}

void Calibrator::read_table(const QString& file) {
  const PlannedPtr planned = session_.planned();
  if (runner_.busy() || !planned) return;
  session_.read_files().note(file);
  runner_.run([planned, file, strokes = strokes(), parameters = session_.materials().model.parameters,
               artist = artist_](Observer& observer) -> Result<FoundPtr> {
    if (file.endsWith(".json", Qt::CaseInsensitive)) return kept_in(file, planned);
    const Readings readings = readings_in(file, *planned, strokes);
    if (!readings) return readings.error();
    auto found = calibrate::calibrate(readings.value(), *planned->paper, *planned->collection, parameters, observer);
    if (!found) return found.error();
    calibrate::Calibration calibration = std::move(found).value();
    calibration.artist = artist.toStdString();
    calibration.paper = planned->paper->id;
    calibration.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    return std::make_shared<const Found>(
        Found{std::move(calibration), planned, formats::write_offcuts(readings.value(), *planned->collection)});
  });
  emit busy_changed();
}

void Calibrator::finished(const Runner<FoundPtr>::Outcome& outcome) {
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
                            found_->calibration.hand, calibrate::rests_on(found_->calibration), found_->readings,
                            tr("Calibrated by offcuts"));
}

void Calibrator::keep(const QString& file) {
  if (!found_) return;
  if (const Status may = session_.read_files().may_write(file); !may) return emit failed(sentence(may.error()));
  const auto json = formats::calibration_to_json(found_->calibration, *found_->planned->collection);
  const Status written = files::write_bytes(file, QByteArray::fromStdString(json.dump(1) + "\n"));
  if (!written) emit failed(sentence(written.error()));
}

void Calibrator::forget_hand() {
  Choices next = session_.choices();
  next.plan.presses = {};
  next.plan.rests_on = {};
  session_.change(next, tr("Calibration of the hand forgotten"));
}

}  // namespace yd::app
