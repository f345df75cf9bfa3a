// SPDX-License-Identifier: MIT
#include "session/checker.h"

#include <algorithm>
#include <cmath>

#include "looks/images.h"
#include "job/settle.h"
#include "session/photo_file.h"
#include "session/reporter.h"
#include "session/sentences.h"
#include "session/work.h"
#include "standin/camera.h"
#include "standin/hand.h"

namespace yd::app {
namespace {

constexpr double kForgets = 0.08;    // of the hand that is shown
constexpr double kAcross_mm = 0.7;   // the eye across the room, as the two figures are reckoned
constexpr double kShownStep = 0.25;  // differences of value are shown in quarters of a step

QImage shown(const check::LightImage& light) {
  board::BoardImage out(light.width, light.height);
  for (std::size_t i = 0; i < light.size(); ++i) {
    const colour::Light& c = light.data[i];
    out.data[i] = {colour::level_of_light(c.r), colour::level_of_light(c.g), colour::level_of_light(c.b)};
  }
  return to_image(out);
}

/// Grey is right; a step lighter or darker than it should be is an eighth of the way to white or black and more.
QImage shown_differences(const check::Reading& reading) {
  const double blur = std::max(reading.board.width, reading.board.height) * kAcross_mm / board::kPictureSide_mm;
  const subject::Grid<float> steps = check::value_differences(reading, 2 * blur);
  QImage out(steps.width, steps.height, QImage::Format_Grayscale8);
  for (int y = 0; y < steps.height; ++y) {
    uchar* row = out.scanLine(y);
    for (int x = 0; x < steps.width; ++x) {
      const double told = std::round(static_cast<double>(steps.at(x, y)) / kShownStep) * kShownStep;
      row[x] = static_cast<uchar>(std::clamp(128 + 55 * told, 0.0, 255.0));
    }
  }
  return out;
}

check::Work work_of(const Planned& p, std::vector<char> done, bool strip) {
  return {&p.plan,       p.subject.get(), &p.map,         p.paper.get(), p.collection.get(),
          &p.parameters, std::move(done), p.options.hand, strip,         {}};
}

}  // namespace

Checker::Checker(Session& session, QObject* parent) : QObject(parent), session_(session) {
  connect(&watcher_, &QFutureWatcher<Outcome>::finished, this, &Checker::finished);
  connect(&session_, &Session::plan_changed, this, [this] {
    first_done_.reset();
    look_anew();
  });
  connect(&session_, &Session::marks_changed, this, &Checker::look_anew);
  connect(&session_, &Session::reference_changed, this, &Checker::close);
}

Checker::~Checker() {
  if (reporter_) reporter_->stop();
  watcher_.disconnect(this);
  watcher_.waitForFinished();
}

template <class Function>
void Checker::run(Function function) {
  running_ = true;
  again_ = false;
  reporter_ = std::make_shared<Reporter>(this, [this](double f, const QString& s) { emit progressed(f, s); });
  run_beside(pool_, watcher_, [reporter = reporter_, function = std::move(function)] { return function(*reporter); });
  emit busy_changed();
}

void Checker::open(const QString& file) {
  if (running_) return;
  session_.read_files().note(file);
  run([file](Observer&) -> Result<std::shared_ptr<const Taken>> {
    auto photo = photo_in(file);
    if (!photo) return photo.error();
    QImage picture = shown(photo->image);
    return std::make_shared<const Taken>(Taken{std::move(photo).value(), std::move(picture), file});
  });
}

void Checker::simulate(std::uint64_t seed) {
  const PlannedPtr planned = session_.planned();
  if (running_ || !planned) return;
  run([planned, done = done(), strip = strip_, seed](Observer&) -> Result<std::shared_ptr<const Taken>> {
    const Planned& p = *planned;
    const standin::Hand hand{p.options.hand, kForgets, seed};
    const plan::Plan painted = standin::painted_by(p.plan, hand);
    const check::DoneWork work(painted, done, *p.paper, *p.collection, p.parameters);
    const int all = static_cast<int>(work.plan().passes.size());
    const board::BoardImage board = board::paint(p.map, work.plan(), all, *p.paper, *p.collection, p.parameters);
    standin::Sheet sheet(p.paper->lab);
    if (strip) sheet.strip = standin::strip_by(p.plan, *p.paper, *p.collection, p.parameters, hand);
    const auto taken = standin::photograph(board, sheet, standin::handheld(seed));
    if (!taken) return taken.error();
    auto photo = check::open_photo(taken->image);
    if (!photo) return photo.error();
    return std::make_shared<const Taken>(
        Taken{std::move(photo).value(), to_image(taken->image), tr("a simulated board")});
  });
}

void Checker::close() {
  if (reporter_) reporter_->stop();
  again_ = false;
  dropped_ = running_;
  photo_.reset();
  photograph_ = {};
  checked_.reset();
  corners_.reset();
  first_done_.reset();
  emit changed();
}

void Checker::cancel() {
  if (reporter_) reporter_->stop();
}

std::vector<char> Checker::done() const {
  std::vector<char> out;
  const PlannedPtr planned = session_.planned();
  if (!planned) return out;
  const auto& marks = session_.choices().marks;
  int place = 0;
  for (const plan::Pass& p : planned->plan.passes) {
    const std::string key = plan::signature(p);
    const bool marked = std::any_of(marks.begin(), marks.end(), [&](const plan::PassMark& m) {
      return m.pass == key && m.state == plan::PassMark::State::done;
    });
    const bool counted = first_done_ ? place < *first_done_ : marked;
    out.push_back(!p.skipped && (p.laid || counted) ? 1 : 0);
    ++place;
  }
  return out;
}

int Checker::count_done() const {
  const std::vector<char> all = done();
  return static_cast<int>(std::count(all.begin(), all.end(), 1));
}

void Checker::set_done(std::optional<int> first) {
  if (first == first_done_) return;
  first_done_ = first;
  look_anew();
}

void Checker::set_strip(bool on) {
  if (on == strip_) return;
  strip_ = on;
  look_anew();
}

void Checker::set_corners(std::optional<check::Quad> corners) {
  corners_ = corners;
  look_anew();
}

std::optional<check::Quad> Checker::corners() const {
  if (corners_) return corners_;
  if (!checked_ || !photo_) return {};
  check::Quad out = checked_->report.corners;
  for (check::Point& p : out) p.x /= photo_->photo.width, p.y /= photo_->photo.height;
  return out;
}

void Checker::look_anew() {
  checked_.reset();
  if (running_) {
    again_ = true;
    reporter_->stop();
  } else {
    start_look();
  }
  emit changed();
}

/// Marks that the plan's own laid passes are followed by: those of the easel, and what was said to be done here.
std::vector<plan::PassMark> Checker::marks_of(const std::vector<char>& done) const {
  std::vector<plan::PassMark> out;
  const auto& passes = session_.planned()->plan.passes;
  for (std::size_t i = 0; i < passes.size(); ++i) {
    if (passes[i].laid) continue;
    const std::string key = plan::signature(passes[i]);
    const auto& marks = session_.choices().marks;
    const auto own = std::find_if(marks.begin(), marks.end(), [&](const plan::PassMark& m) { return m.pass == key; });
    const bool skipped = own != marks.end() && own->state == plan::PassMark::State::skipped;
    if (done[i] != 0) {
      plan::PassMark mark = own != marks.end() ? *own : plan::PassMark{key, plan::PassMark::State::done, {}, 0, 0};
      mark.state = plan::PassMark::State::done;
      out.push_back(mark);
    } else if (skipped) {
      out.push_back(*own);
    }
  }
  return out;
}

void Checker::start_look() {
  const PlannedPtr planned = session_.planned();
  if (!photo_ || !planned) return;
  check::Work work = work_of(*planned, done(), strip_);
  if (corners_) {
    work.corners = corners_;
    for (check::Point& p : *work.corners) p.x *= photo_->photo.width, p.y *= photo_->photo.height;
  }
  const auto nominal = plan::laid_after(planned->plan, planned->options.laid, marks_of(work.done));
  run([planned, photo = photo_, work, nominal](Observer& observer) -> Result<CheckedPtr> {
    auto report = check::check_photo(photo->photo, work, observer);
    if (!report) return report.error();
    Checked out;
    out.planned = planned;
    out.done = work.done;
    out.report = std::move(report).value();
    if (out.report.usable()) {
      const check::DoneWork done(*work.plan, work.done, *work.paper, *work.collection, *work.parameters);
      out.laid = check::as_really_laid(nominal, done, out.report.laid);
      out.straight = shown(out.report.reading.picture);
      out.board = to_image(out.report.reading.board);
      out.differences = shown_differences(out.report.reading);
    }
    return std::make_shared<const Checked>(std::move(out));
  });
}

void Checker::finished() {
  running_ = false;
  const Outcome outcome = watcher_.result();
  const bool again = again_;
  // What was begun for another picture is not shown with this one.
  if (dropped_) {
    dropped_ = false;
    if (again) start_look();
  } else if (const auto* taken = std::get_if<std::shared_ptr<const Taken>>(&outcome)) {
    photo_ = *taken;
    photograph_ = photo_->picture;
    name_ = photo_->name;
    corners_.reset();
    start_look();
  } else if (again) {
    start_look();
  } else if (const auto* checked = std::get_if<CheckedPtr>(&outcome)) {
    if (photo_) checked_ = *checked;
  } else if (const Error& error = std::get<Error>(outcome); error.code != Error::Code::cancelled) {
    emit failed(sentence(error));
  }
  emit busy_changed();
  emit changed();
}

void Checker::take() {
  if (!checked_ || checked_->laid.empty() || checked_->planned != session_.planned()) return;
  Choices next = session_.choices();
  next.plan.laid = checked_->laid;
  job::forget_passes(next.marks);
  next.plan.order_by_hand.clear();
  next.plan.given_tray = plan::in_hand(checked_->planned->plan);
  next.plan.rest =
      plan::rest_of(checked_->planned->plan, plan::behind(checked_->planned->plan, marks_of(checked_->done)));
  session_.change(next, tr("Planned on from the photograph"));
}

}  // namespace yd::app
