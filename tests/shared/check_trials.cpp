// SPDX-License-Identifier: MIT
// What a check of photographs is worth where the truth is known: works by unsteady and forgetful hands, photographed by
// a hand-held camera, measured, and mended. `check_trials WORKS PICTURE ...`; for docs/check.md.
#include <QCoreApplication>
#include <QFileInfo>
#include <cmath>
#include <cstdio>
#include <ctime>

#include "board_means.h"
#include "check/borders.h"
#include "check/report.h"
#include "colour/ciede2000.h"
#include "guide/guide.h"
#include "photographs.h"
#include "pictures/pictures.h"
#include "small_world.h"
#include "standin/camera.h"
#include "standin/hand.h"
#include "support/random.h"

using namespace yd;

namespace {

double cpu_s() { return static_cast<double>(std::clock()) / CLOCKS_PER_SEC; }

/// A picture and its plan.
struct Bench {
  std::string name;
  subject::Subject subject;
  plan::Plan plan;
  board::BoardMap map;
  plan::PlanOptions options;
};

Result<Bench> bench_of(const char* file, int side) {
  Bench out;
  out.name = QFileInfo(file).baseName().toStdString();
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return bytes.error();
  const auto raw = pictures::decode(bytes.value(), file);
  if (!raw) return raw.error();
  auto image = subject::working_image(raw.value(), side);
  if (!image) return image.error();
  Observer observer;
  auto subject = subject::read_subject(std::move(image).value(), {}, observer);
  if (!subject) return subject.error();
  out.subject = std::move(subject).value();
  out.options.most_sticks = 12;
  auto plan = plan::make_plan(out.subject, trial::paper(), trial::shipped_collection(), trial::parameters(),
                              out.options, observer);
  if (!plan) return plan.error();
  out.plan = std::move(plan).value();
  out.map = board::make_map(out.subject, out.plan, trial::paper());
  return out;
}

/// One work by one hand.
struct Painted {
  plan::Plan plan;
  std::vector<char> done;
  board::BoardImage board, wanted;
};

Painted painted(const Bench& b, const standin::Hand& hand, int passes) {
  Painted out;
  out.plan = standin::painted_by(b.plan, hand);
  out.done.assign(b.plan.passes.size(), 0);
  std::fill(out.done.begin(), out.done.begin() + passes, 1);
  const auto& p = trial::parameters();
  const auto board_of = [&](const plan::Plan& plan) {
    return board::render(b.map, board::palette_after(plan, passes, trial::paper(), trial::shipped_collection(), p));
  };
  out.board = board_of(out.plan);
  out.wanted = board_of(b.plan);
  return out;
}

struct Tally {
  int works = 0, refused = 0;
  int off = 0, found = 0, told = 0, right = 0;
  int shades = 0, shades_found = 0, parts = 0, parts_right = 0, planned = 0, left_alone = 0;
  int edges = 0, borders = 0;  // told as smudged or too hard, though no hand here smudges
  double colour = 0, masses = 0, worst_corner = 0, corner = 0, residual = 0, cpu = 0;
  double factor = 0, factors = 0;
  std::vector<double> corners;
  std::map<std::string, int> why;
};

/// What is truly off by shade, against what is told of parts.
void add_shades(Tally& t, const Bench& b, const Painted& work, const check::Report& r) {
  constexpr double kClear = check::kFault + 2.5;
  constexpr double kLarge = 0.005;
  const auto is = trial::means(work.board, b.map.target, b.plan.targets.size());
  const auto wanted = trial::means(work.wanted, b.map.target, b.plan.targets.size());
  const auto off = [&](std::size_t i) { return colour::ciede2000(is[i], wanted[i]) - r.spread.targets[i]; };
  for (std::size_t i = 0; i < is.size(); ++i) {
    if (b.plan.targets[i].area < kLarge || off(i) <= kClear) continue;
    ++t.shades;
    t.shades_found += std::any_of(r.faults.begin(), r.faults.end(), [&](const check::Fault& f) {
      const bool in = f.targets.empty() || std::binary_search(f.targets.begin(), f.targets.end(), static_cast<int>(i));
      return f.mass == b.plan.targets[i].mass && in && f.off != check::Off::pair && f.off != check::Off::edge;
    });
  }
  for (const check::Fault& f : r.faults) {
    if (f.targets.empty()) continue;
    double sum = 0;
    double area = 0;
    for (const int i : f.targets) {
      const double a = b.plan.targets[static_cast<std::size_t>(i)].area;
      sum += a * off(static_cast<std::size_t>(i));
      area += a;
    }
    ++t.parts;
    t.parts_right += sum / area > check::kFault ? 1 : 0;
  }
  for (std::size_t i = 0; i < std::min(r.faults.size(), check::kMostFaults); ++i) {
    const check::Mending::Way way = r.faults[i].mendings.front().way;
    t.planned += way == check::Mending::Way::planned ? 1 : 0;
    t.left_alone += way == check::Mending::Way::leave ? 1 : 0;
  }
}

constexpr double kMisplaced = 0.01;  // of the longer side: worth a look

void add(Tally& t, const Bench& b, const Painted& work, const check::Report& r, const standin::Photograph& photo) {
  ++t.works;
  double longer = std::max(check::distance(photo.picture[0], photo.picture[1]),
                           check::distance(photo.picture[0], photo.picture[3]));
  double worst = 0;
  for (std::size_t i = 0; i < 4; ++i) worst = std::max(worst, check::distance(photo.picture[i], r.corners[i]) / longer);
  t.corners.push_back(worst);
  t.corner += worst;
  if (!r.usable()) {
    ++t.refused;
    for (const check::Trouble w : r.troubles) ++t.why[check::name(w)];
    return;
  }
  const auto is = trial::means(work.board, b.subject.labels, b.subject.masses.size());
  const auto wanted = trial::means(work.wanted, b.subject.labels, b.subject.masses.size());
  add_shades(t, b, work, r);
  t.residual += r.light.residual_de00;
  t.borders += static_cast<int>(check::read_borders(r.reading, r.reading.board, b.subject).size());
  t.edges += static_cast<int>(
      std::count_if(r.faults.begin(), r.faults.end(), [](const check::Fault& f) { return f.off == check::Off::edge; }));
  for (std::size_t m = 0; m < is.size(); ++m) {
    t.colour += colour::ciede2000(is[m], r.reading.masses[m].whole.measured);
    t.masses += 1;
    const double beyond = colour::ciede2000(is[m], wanted[m]) - r.spread.masses[m];
    bool told = false;
    bool whole = false;
    for (const check::Fault& f : r.faults) {
      if (f.mass != static_cast<int>(m) || f.off == check::Off::pair || f.off == check::Off::edge) continue;
      told = true;
      whole = whole || f.targets.empty();
    }
    const bool off = beyond > check::kFault;
    t.off += off ? 1 : 0;
    t.found += off && told ? 1 : 0;
    t.told += whole ? 1 : 0;
    t.right += whole && off ? 1 : 0;
  }
}

void print(const char* what, Tally& t) {
  const int seen = std::max(1, t.works - t.refused);
  std::sort(t.corners.begin(), t.corners.end());
  std::printf(
      "%-22s works %3d refused %3d | colour %.2f residual %.2f | corner mean %.3f%% p95 %.3f%% | off %d recall %.3f "
      "precision %.3f | edges told wrongly %d of %d | cpu %.2f\n",
      what, t.works, t.refused, t.colour / std::max(1.0, t.masses), t.residual / seen,
      100 * t.corner / std::max(1, t.works), 100 * t.corners[t.corners.size() * 95 / 100], t.off,
      static_cast<double>(t.found) / std::max(1, t.off), static_cast<double>(t.right) / std::max(1, t.told), t.edges,
      t.borders, t.cpu / std::max(1, t.works));
  std::printf(
      "    shades clearly off %d recall %.3f | parts told %d precision %.3f | first thing to do: as planned %d, leave "
      "%d\n",
      t.shades, static_cast<double>(t.shades_found) / std::max(1, t.shades), t.parts,
      static_cast<double>(t.parts_right) / std::max(1, t.parts), t.planned, t.left_alone);
  for (const auto& [why, n] : t.why) std::printf("    %s %d\n", why.c_str(), n);
}

constexpr std::array kSpoilt{"too small", "blurred", "burnt out", "too dark", "a lamp", "no margin", "another picture"};

/// A photograph that will not do, for one of seven reasons.
board::BoardImage spoilt(const board::BoardImage& board, std::size_t how, std::uint64_t seed) {
  standin::Camera c = standin::handheld(seed);
  board::BoardImage shown = board;
  if (how == 0) {
    c.width = 320;
    c.height = 240;
  }
  if (how == 1) c.blur_px = 14;
  if (how == 2) c.stops = 1.6;
  if (how == 3) {
    c.stops = -4;
    c.falloff = 0.5;
  }
  if (how == 4) c.glare = 0.5;
  if (how == 5) c.margin = 0;
  if (how == 6) {
    // The same size and colours, elsewhere: moved by half its width and height.
    for (int y = 0; y < board.height; ++y) {
      for (int x = 0; x < board.width; ++x)
        shown.at(x, y) = board.at((x + board.width / 2) % board.width, (y + board.height / 2) % board.height);
    }
  }
  return standin::photograph(shown, trial::paper().lab, c)->image;
}

/// How many of them are refused, by reason.
void print_spoilt(const Bench& b, int works) {
  std::printf("%-22s spoilt, refused:", b.name.c_str());
  for (std::size_t how = 0; how < kSpoilt.size(); ++how) {
    int refused = 0;
    for (int n = 0; n < works; ++n) {
      Random random(static_cast<std::uint64_t>(n) * 7919 + how);
      const int passes = static_cast<int>(b.plan.passes.size());
      const Painted work = painted(b, {0.15, 0.06, random.next()}, passes);
      check::Work w;
      w.plan = &b.plan;
      w.subject = &b.subject;
      w.map = &b.map;
      w.paper = &trial::paper();
      w.collection = &trial::shipped_collection();
      w.parameters = &trial::parameters();
      w.done = work.done;
      Observer observer;
      const auto report = check::check_work(trial::raw_of(spoilt(work.board, how, random.next())), w, observer);
      refused += report && !report->usable() ? 1 : 0;
    }
    std::printf(" %s %d/%d", kSpoilt[how], refused, works);
  }
  std::printf("\n");
}

const optics::Parameters& parameters() { return trial::parameters(); }

/// A painter at the easel: what is believed to lie on the paper, and what does.
struct Easel {
  plan::PlanOptions options;
  plan::Plan plan;
  std::vector<plan::LaidPass> truly;
};

/// The plan with its passes as they are truly laid, and the next ones as this hand lays them.
plan::Plan by_hand(const Easel& e, const standin::Hand& hand) {
  plan::Plan out = standin::painted_by(e.plan, hand);
  for (std::size_t i = 0; i < e.truly.size(); ++i) {
    plan::Pass& p = out.passes[i];
    p = e.plan.passes[i];
    p.targets.clear();
    p.pressures.clear();
    p.levels.clear();
    for (std::size_t t = 0; t < out.targets.size(); ++t) {
      for (const plan::LaidPass::Part& part : e.truly[i].parts) {
        if (part.mass != out.targets[t].mass || part.shade != out.targets[t].shade) continue;
        p.targets.push_back(static_cast<int>(t));
        p.pressures.push_back(part.pressure > 0 ? part.pressure : e.truly[i].pressure);
        p.levels.push_back(part.level < 0 ? e.truly[i].level : part.level);
      }
    }
  }
  return out;
}

board::Figure seen(const Bench& b, const plan::Plan& plan) {
  return board::as_seen(
      b.subject, board::render(b.map, board::palette_after(plan, static_cast<int>(plan.passes.size()), trial::paper(),
                                                           trial::shipped_collection(), parameters())));
}

/// Paints on to the pass at `until`, photographs, checks, and plans the rest anew from what was found.
bool paint_and_check(const Bench& b, Easel& e, const standin::Hand& hand, std::size_t until, bool strip) {
  const plan::Plan painted = by_hand(e, hand);
  std::vector<plan::PassMark> marks;
  std::vector<char> done(e.plan.passes.size(), 0);
  for (std::size_t i = 0; i < until; ++i) {
    done[i] = 1;
    if (i >= e.truly.size())
      marks.push_back({plan::signature(e.plan.passes[i]), plan::PassMark::State::done, "", 0, 0});
  }
  const std::vector<plan::LaidPass> nominal = plan::laid_after(e.plan, e.options.laid, marks);
  const auto paper = trial::paper();
  const board::BoardImage board = board::render(
      b.map, board::palette_after(painted, static_cast<int>(until), paper, trial::shipped_collection(), parameters()));
  standin::Sheet sheet(paper.lab);
  if (strip) sheet.strip = standin::strip_by(e.plan, paper, trial::shipped_collection(), parameters(), hand);
  const auto photo = standin::photograph(board, sheet, standin::handheld(hand.seed + until)).value();
  check::Work w;
  w.plan = &e.plan;
  w.subject = &b.subject;
  w.map = &b.map;
  w.paper = &trial::paper();
  w.collection = &trial::shipped_collection();
  w.parameters = &parameters();
  w.done = done;
  w.strip = strip;
  w.hand = hand.off;
  Observer observer;
  const auto report = check::check_work(trial::raw_of(photo.image), w, observer);
  // What lies there now, whatever is believed.
  std::vector<plan::LaidPass> truly = nominal;
  std::size_t n = 0;
  for (std::size_t i = 0; i < until && n < truly.size(); ++i, ++n) {
    truly[n].parts.clear();
    const plan::Pass& p = painted.passes[i];
    for (const int t : p.targets) {
      const plan::TargetPlan& target = painted.targets[static_cast<std::size_t>(t)];
      truly[n].parts.push_back({target.mass, target.role, target.shade, plan::pressure_on(p, t), plan::level_on(p, t)});
    }
  }
  e.truly = std::move(truly);
  e.options.laid = nominal;
  if (report && report->usable()) {
    const check::DoneWork work(e.plan, done, paper, trial::shipped_collection(), parameters());
    e.options.laid = check::as_really_laid(nominal, work, report->laid);
  }
  e.options.given_tray = b.plan.tray;
  e.options.rest = plan::rest_of(e.plan, done);
  auto again =
      plan::make_plan(b.subject, trial::paper(), trial::shipped_collection(), parameters(), e.options, observer);
  if (!again) return false;
  e.plan = std::move(again).value();
  return report && report->usable();
}

/// The loop closed: checked after a third, two thirds and the end, against the same hand unchecked.
void close_the_loop(const Bench& b, double off, int painters) {
  const double exact = seen(b, b.plan).mean;
  double with = 0;
  double without = 0;
  int refused = 0;
  double passes = 0;
  for (int n = 0; n < painters; ++n) {
    const standin::Hand hand{off, 0, static_cast<std::uint64_t>(1000 + n)};
    without += seen(b, standin::painted_by(b.plan, hand)).mean / painters;
    Easel e{b.options, b.plan, {}};
    e.options.hand = off;
    for (const int stage : {0, 1, 2}) {
      const std::size_t laid = e.truly.size();
      const std::size_t open = e.plan.passes.size() - laid;
      const std::size_t part = stage == 0 ? (open + 2) / 3 : stage == 1 ? (open + 1) / 2 : open;
      standin::Hand now = hand;
      now.seed += static_cast<std::uint64_t>(stage) * 100000;
      if (open > 0 && !paint_and_check(b, e, now, laid + part, n % 2 == 0)) ++refused;
    }
    standin::Hand last = hand;
    last.seed += 300000;
    with += seen(b, by_hand(e, last)).mean / painters;
    passes += static_cast<double>(e.plan.passes.size()) / painters;
  }
  std::printf(
      "%-12s hand %.2f: exact %.2f, unchecked %.2f, checked %.2f, nearer by %.0f %%; passes %zu -> %.1f, refused %d\n",
      b.name.c_str(), off, exact, without, with, 100 * (without - with) / (without - exact), b.plan.passes.size(),
      passes, refused);
  std::fflush(stdout);
}

}  // namespace

int main(int argc, char** argv) {
  const QCoreApplication application(argc, argv);
  if (argc < 3) return 2;
  const int works = std::atoi(argv[1]);
  if (works < 0) {
    for (int a = 2; a < argc; ++a) {
      const auto bench = bench_of(argv[a], 900);
      if (!bench) return std::fprintf(stderr, "%s\n", describe(bench.error()).c_str()), 2;
      for (const double off : {0.15, 0.3}) close_the_loop(bench.value(), off, -works);
    }
    return 0;
  }
  Tally strip;
  Tally bare;
  for (int a = 2; a < argc; ++a) {
    const auto bench = bench_of(argv[a], 900);
    if (!bench) return std::fprintf(stderr, "%s\n", describe(bench.error()).c_str()), 2;
    const Bench& b = bench.value();
    const int all = static_cast<int>(b.plan.passes.size());
    Tally one;
    for (int n = 0; n < works; ++n) {
      Random random(static_cast<std::uint64_t>(n) * 7919 + static_cast<std::uint64_t>(a));
      const int passes = std::max(2, static_cast<int>(std::lround(all * random.uniform(0.3, 1.0))));
      const standin::Hand hand{0.15, 0.06, random.next()};
      const Painted work = painted(b, hand, passes);
      const standin::Camera camera = standin::handheld(random.next());
      standin::Sheet sheet(trial::paper().lab);
      const bool with = n % 2 == 0;
      if (with)
        sheet.strip = standin::strip_by(b.plan, trial::paper(), trial::shipped_collection(), trial::parameters(), hand);
      const auto photo = standin::photograph(work.board, sheet, camera).value();
      check::Work w;
      w.plan = &b.plan;
      w.subject = &b.subject;
      w.map = &b.map;
      w.paper = &trial::paper();
      w.collection = &trial::shipped_collection();
      w.parameters = &trial::parameters();
      w.done = work.done;
      w.strip = with;
      Observer observer;
      const double before = cpu_s();
      const auto report = check::check_work(trial::raw_of(photo.image), w, observer);
      (with ? strip : bare).cpu += cpu_s() - before;
      one.cpu += cpu_s() - before;
      if (!report) return std::fprintf(stderr, "%s\n", describe(report.error()).c_str()), 2;
      add(with ? strip : bare, b, work, report.value(), photo);
      add(one, b, work, report.value(), photo);
    }
    print(b.name.c_str(), one);
    std::printf("    placed more than %.0f %% of the side off: %td\n", 100 * kMisplaced,
                std::count_if(one.corners.begin(), one.corners.end(), [](double c) { return c > kMisplaced; }));
    print_spoilt(b, std::max(1, works / 4));
    std::fflush(stdout);
  }
  print("margin strip", strip);
  print("bare paper", bare);
  return 0;
}
