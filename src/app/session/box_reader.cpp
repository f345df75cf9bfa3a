// SPDX-License-Identifier: MIT
#include "session/box_reader.h"

#include "exports/printed_sheet.h"
#include "files/write.h"
#include "session/photo_file.h"
#include "session/sentences.h"
#include "standin/filled_sheet.h"

namespace yd::app {
namespace {

using Found = BoxReader::Found;
using FoundPtr = BoxReader::FoundPtr;

Result<FoundPtr> read(const check::Photo& photo, const media::Paper& paper, const optics::Parameters& parameters,
                      swatches::Kind kind, Observer& observer) {
  auto sheet = swatches::read_sheet(photo, paper.lab);
  if (!sheet) return sheet.error();
  std::vector<swatches::Kind> kinds(sheet->cells.size(), kind);
  auto box = swatches::sticks_of(sheet.value(), paper, parameters, kinds, observer);
  if (!box) return box.error();
  return std::make_shared<const Found>(Found{std::make_shared<const swatches::SheetReading>(std::move(sheet).value()),
                                             std::move(box).value(), std::move(kinds), paper});
}

/// Sticks spread over a collection, as many as there are cells.
std::vector<media::Stick> some_of(const media::Collection& collection, std::size_t cells, swatches::Kind kind) {
  std::vector<media::Stick> out;
  out.reserve(cells);
  const std::size_t n = collection.sticks.size();
  for (std::size_t i = 0; i < std::min(cells, n); ++i) {
    out.push_back(collection.sticks[i * n / std::min(cells, n)]);
    if (kind) out.back().medium = *kind;
  }
  return out;
}

}  // namespace

BoxReader::BoxReader(Session& session, QObject* parent)
    : QObject(parent),
      session_(session),
      runner_(
          this, [](double, const QString&) {}, [this](const auto& outcome) { finished(outcome); }) {}

void BoxReader::write_sheet(const QString& file, const printed::Sheet& sheet, const media::Collection* known) {
  if (const Status may = session_.read_files().may_write(file); !may) return emit failed(sentence(may.error()));
  const auto layout = printed::lay_out(sheet);
  if (!layout) return emit failed(sentence(layout.error()));
  const QStringList labels = known == nullptr ? exports::cell_numbers(layout.value()) : exports::cell_sticks(*known);
  const Status written = files::write_bytes(file, exports::printed_sheet(file, layout.value(), labels));
  if (!written) emit failed(sentence(written.error()));
}

template <class Function>
void BoxReader::run(Function function) {
  if (runner_.busy()) return;
  runner_.run(std::move(function));
  emit busy_changed();
}

void BoxReader::open(const QString& file, const QString& paper, swatches::Kind kind) {
  const media::Paper* on = session_.materials().paper(paper);
  if (on == nullptr) return;
  session_.read_files().note(file);
  run([file, kind, sheet_paper = *on,
       parameters = session_.materials().model.parameters](Observer& observer) -> Result<FoundPtr> {
    const auto photo = photo_in(file);
    if (!photo) return photo.error();
    return read(photo.value(), sheet_paper, parameters, kind, observer);
  });
}

void BoxReader::simulate(int cells, const QString& paper, swatches::Kind kind, std::uint64_t seed) {
  const media::Paper* on = session_.materials().paper(paper);
  const media::Collection* from = session_.materials().collection(session_.choices().collection);
  if (on == nullptr || from == nullptr) return;
  run([kind, cells, seed, sticks = some_of(*from, static_cast<std::size_t>(cells), kind), sheet_paper = *on,
       parameters = session_.materials().model.parameters](Observer& observer) -> Result<FoundPtr> {
    printed::Sheet sheet;
    sheet.cells = cells;
    const auto layout = printed::lay_out(sheet);
    if (!layout) return layout.error();
    constexpr double kUnsteady = 0.15;
    constexpr double kPxPerMm = 8;
    standin::Filling filling;
    filling.seed = seed;
    filling.patches = standin::swatches_by(sticks, sheet_paper, parameters, kUnsteady, seed);
    standin::Camera camera = standin::handheld(seed);
    camera.margin = 0;
    camera.width = 1800;
    camera.height = 2400;
    const auto taken = standin::photograph(standin::filled_sheet(layout.value(), sheet_paper.lab, filling, kPxPerMm),
                                           sheet_paper.lab, camera);
    if (!taken) return taken.error();
    const auto photo = check::open_photo(taken->image);
    if (!photo) return photo.error();
    return read(photo.value(), sheet_paper, parameters, kind, observer);
  });
}

void BoxReader::say_kind(const std::vector<int>& cells, swatches::Kind kind) {
  if (!found_) return;
  run([before = found_, cells, kind,
       parameters = session_.materials().model.parameters](Observer& observer) -> Result<FoundPtr> {
    auto next = std::make_shared<Found>(*before);
    for (const int c : cells) next->kinds[static_cast<std::size_t>(c)] = kind;
    auto box = swatches::sticks_of(*next->sheet, next->paper, parameters, next->kinds, observer);
    if (!box) return box.error();
    next->box = std::move(box).value();
    return FoundPtr(std::move(next));
  });
}

void BoxReader::finished(const Runner<FoundPtr>::Outcome& outcome) {
  if (const auto* found = std::get_if<FoundPtr>(&outcome)) {
    found_ = *found;
  } else if (const Error& error = std::get<Error>(outcome); error.code != Error::Code::cancelled) {
    emit failed(sentence(error));
  }
  emit busy_changed();
  emit changed();
}

}  // namespace yd::app
