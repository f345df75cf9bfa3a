// SPDX-License-Identifier: MIT
// A work by a hand whose faults are known, photographed: what is found, what was laid, what mends it.
#include <QTest>
#include <cmath>

#include "board_means.h"
#include "check/borders.h"
#include "check/report.h"
#include "colour/ciede2000.h"
#include "colour/light.h"
#include "held.h"
#include "job/finished.h"
#include "photographs.h"
#include "small_world.h"
#include "standin/hand.h"

using namespace yd;

namespace {

const media::Collection& sticks() {
  static const media::Collection few = trial::every(trial::kEnough);
  return few;
}

struct World {
  subject::Subject subject = trial::small_subject(480, 360);
  plan::Plan plan = trial::small_plan(subject, sticks());
  /// As the window and the command have it: shades as the marks follow them.
  board::BoardMap map = job::guided(plan, subject, {&trial::paper(), &sticks(), &trial::parameters()}, 1200).map;
  const optics::Parameters& parameters = trial::parameters();

  board::BoardImage board_of(const plan::Plan& p, int passes) const {
    return board::paint(map, p, passes, trial::paper(), sticks(), parameters);
  }
  check::Work work(int passes) const {
    check::Work w;
    w.plan = &plan;
    w.subject = &subject;
    w.map = &map;
    w.paper = &trial::paper();
    w.collection = &sticks();
    w.parameters = &parameters;
    w.done.assign(plan.passes.size(), 0);
    std::fill(w.done.begin(), w.done.begin() + passes, 1);
    return w;
  }
  int all() const { return static_cast<int>(plan.passes.size()); }
};
const World& world() {
  static const World w;
  return w;
}

check::Report checked(const plan::Plan& painted, int passes, std::uint64_t camera = 1, check::Work* as = nullptr) {
  const World& w = world();
  const auto photo = standin::photograph(w.board_of(painted, passes), trial::paper().lab, trial::held(camera)).value();
  Observer observer;
  return check::check_work(trial::raw_of(photo.image), as == nullptr ? w.work(passes) : *as, observer).value();
}

/// What the finished board shows where the subject has one shade: its neighbours' strokes run into it, as they do for
/// the check, which reads shades from a little further off.
colour::Lab on_board(const plan::Plan& painted, const plan::TargetPlan& shade) {
  const subject::Subject& s = world().subject;
  subject::Grid<std::uint16_t> of(s.labels.width, s.labels.height);
  for (std::size_t i = 0; i < of.size(); ++i)
    of.data[i] = s.labels.data[i] == shade.mass && s.shade.data[i] == shade.shade ? 1 : 0;
  return trial::means(world().board_of(painted, world().all()), of, 2)[1];
}

/// What it shows of a mass.
colour::Lab on_board(const plan::Plan& painted, int mass) {
  const subject::LabelImage& labels = world().subject.labels;
  return trial::means(world().board_of(painted, world().all()), labels,
                      world().subject.masses.size())[static_cast<std::size_t>(mass)];
}

/// The pass of strokes and the mass on it that the picture misses most when it is left out; `on_top`: of those that
/// nothing lies over there.
struct Left {
  int pass = -1, mass = -1;
  double off = 0;
};
plan::Plan without(const plan::Plan& plan, int pass, int mass) {
  plan::Plan out = plan;
  plan::Pass& p = out.passes[static_cast<std::size_t>(pass)];
  p = plan::pressed_by(p, [&](int t) { return out.targets[static_cast<std::size_t>(t)].mass == mass ? 0.0 : 1.0; });
  return out;
}
colour::Lab mean_of(const plan::Plan& plan, int mass) {
  colour::Lab out;
  double area = 0;
  for (std::size_t t = 0; t < plan.targets.size(); ++t) {
    if (plan.targets[t].mass != mass) continue;
    const optics::Pile pile = plan::pile_after(plan, static_cast<int>(t), static_cast<int>(plan.passes.size()),
                                               trial::paper(), sticks().sticks, world().parameters);
    const colour::Lab lab = colour::to_lab(optics::mean(plan::shade(pile, world().parameters, sticks().sticks)));
    const double a = plan.targets[t].area;
    out.l += a * lab.l;
    out.a += a * lab.a;
    out.b += a * lab.b;
    area += a;
  }
  return {out.l / area, out.a / area, out.b / area};
}
bool lies_on_top(const plan::Plan& plan, const plan::Pass& pass, int mass) {
  return std::all_of(plan.targets.begin(), plan.targets.end(), [&](const plan::TargetPlan& t) {
    return t.mass != mass || t.recipe.strokes.empty() || plan::lays(pass, pass.level, t.recipe.strokes.back());
  });
}
Left most_missed(bool on_top = false) {
  Left out;
  const plan::Plan& plan = world().plan;
  for (std::size_t i = 0; i < plan.passes.size(); ++i) {
    if (plan.passes[i].kind != plan::PassKind::stroke || plan.passes[i].finishing) continue;
    for (const int m : plan.passes[i].masses) {
      if (on_top && !lies_on_top(plan, plan.passes[i], m)) continue;
      const double off = colour::ciede2000(mean_of(without(plan, static_cast<int>(i), m), m), mean_of(plan, m));
      if (off > out.off) out = {static_cast<int>(i), m, off};
    }
  }
  if (out.pass < 0) return out;
  // Marks leave gaps and finishing marks lie over them: what is missed is what the Board then lacks.
  const auto board = [&](const plan::Plan& p) { return on_board(p, out.mass); };
  out.off = colour::ciede2000(board(without(plan, out.pass, out.mass)), board(plan));
  return out;
}

}  // namespace

class TestCheck : public QObject {
  Q_OBJECT
 private slots:
  void a_work_as_planned_is_called_right() {
    for (const int passes : {world().all() / 2, world().all()}) {
      const check::Report r = checked(world().plan, passes);
      QVERIFY2(r.usable(), r.usable() ? "" : check::name(r.troubles.front()));
      QVERIFY(r.likeness > 0.8);
      QVERIFY(r.faults.empty());
      double off = 0;
      for (const check::MassReading& m : r.reading.masses) off += m.whole.area * m.whole.de00;
      QVERIFY2(off < 1.5, qPrintable(QString::number(off)));
      for (const check::MassLaid& m : r.laid) {
        for (const check::DoneWork::Factor& f : m.factors) QVERIFY(f.by > 0.6 && f.by < 1.5);
      }
    }
  }

  void what_was_forgotten_is_found_and_mended_data() {
    QTest::addColumn<bool>("on_top");
    QTest::newRow("of all passes") << false;
    QTest::newRow("of those on top") << true;
  }
  void what_was_forgotten_is_found_and_mended() {
    QFETCH(bool, on_top);
    const Left left = most_missed(on_top);
    QVERIFY(left.off > 6);
    const check::Report r = checked(without(world().plan, left.pass, left.mass), world().all());
    QVERIFY(r.usable());
    QVERIFY(!r.faults.empty());
    const check::Fault& f = r.faults.front();
    QCOMPARE(f.mass, left.mass);
    QVERIFY(std::abs(f.colours.de00 - left.off) < 2.5);
    // It was not laid, and the program knows which pass that was.
    for (const check::DoneWork::Factor& factor : r.laid[static_cast<std::size_t>(left.mass)].factors)
      QVERIFY2(factor.pass == left.pass ? factor.by < 0.3 : factor.by > 0.4,
               qPrintable(QString("pass %1 of %2, left out %3").arg(factor.pass).arg(factor.by).arg(left.pass)));
    QVERIFY(!f.mendings.empty());
    QVERIFY(f.mendings.front().de00 < 0.6 * f.colours.de00);
    // Best first; only what was planned there stands before what is better by hardly more than is seen.
    const bool as_planned = f.mendings.front().way == check::Mending::Way::planned;
    for (std::size_t i = 1; i < f.mendings.size(); ++i)
      QVERIFY(f.mendings[i].de00 >= f.mendings[i - 1].de00 - (i == 1 && as_planned ? 0.8 : 0.0));
    for (const plan::Stroke& s : f.mendings.front().strokes)
      QVERIFY(std::binary_search(world().plan.tray.begin(), world().plan.tray.end(), s.stick));
    const auto planned = std::find_if(f.mendings.begin(), f.mendings.end(),
                                      [](const check::Mending& m) { return m.way == check::Mending::Way::planned; });
    // What belongs under other layers may mend worse than another stroke, now that those lie there.
    QVERIFY(planned != f.mendings.end() || !on_top);
    if (planned != f.mendings.end())
      QCOMPARE(planned->strokes.front().stick, world().plan.passes[static_cast<std::size_t>(left.pass)].stick);
  }

  // A side of the picture is as straight as one of its sheet, and a hand that is far off makes masses lie as well at a
  // wrong place as at the right one: the picture is found where it is all the same.
  // One shade of a mass that a pass never got to: the rest of the mass is not blamed with it, and what is offered
  // helps.
  void a_part_that_was_forgotten_is_told_apart() {
    const World& w = world();
    const check::Work in = w.work(w.all());
    const check::DoneWork work(w.plan, in.done, trial::paper(), sticks(), w.parameters);
    std::vector<double> mass_area(w.subject.masses.size(), 0);
    for (const plan::TargetPlan& t : w.plan.targets) mass_area[static_cast<std::size_t>(t.mass)] += t.area;
    struct {
      int pass = -1, target = -1;
      double off = 0;
    } worst;
    for (int i = 0; i < w.all(); ++i) {
      const plan::Pass& p = w.plan.passes[static_cast<std::size_t>(i)];
      if (p.kind != plan::PassKind::stroke) continue;
      for (const int t : p.targets) {
        const plan::TargetPlan& target = w.plan.targets[static_cast<std::size_t>(t)];
        const double share = target.area / mass_area[static_cast<std::size_t>(target.mass)];
        if (share > 0.4 || target.area < 0.01) continue;
        const check::DoneWork::Factor none{i, 0};
        const auto lab = [&](std::span<const check::DoneWork::Factor> by) {
          return work.lab(work.pile(work.strokes(t, by), t));
        };
        const double off = colour::ciede2000(lab({}), lab(std::span(&none, 1)));
        if (off > worst.off) worst = {i, t, off};
      }
    }
    QVERIFY2(worst.off > 8, qPrintable(QString::number(worst.off)));
    plan::Plan painted = w.plan;
    plan::Pass& p = painted.passes[static_cast<std::size_t>(worst.pass)];
    p = plan::pressed_by(p, [&](int t) { return t == worst.target ? 0.0 : 1.0; });
    const check::Report r = checked(painted, w.all());
    QVERIFY2(r.usable(), r.usable() ? "" : check::name(r.troubles.front()));
    QVERIFY(!r.faults.empty());
    const check::Fault& f = r.faults.front();
    QCOMPARE(f.targets, std::vector<int>{worst.target});
    QVERIFY(f.part != plan::Part::all);
    const plan::TargetPlan& shade = w.plan.targets[static_cast<std::size_t>(worst.target)];
    const double really = colour::ciede2000(on_board(w.plan, shade), on_board(painted, shade));
    const QByteArray told =
        QString("found %1, really %2, alone %3").arg(f.colours.de00).arg(really).arg(worst.off).toUtf8();
    // Its neighbours run into it on the board; where it lies among its like it is told as it is.
    QVERIFY2(f.colours.de00 > really - 2.5, told);
    QVERIFY2(f.colours.de00 > 0.7 * worst.off && f.colours.de00 < worst.off + 3, told);
    QVERIFY(!f.mendings.empty() && f.mendings.front().way != check::Mending::Way::leave);
    QVERIFY(f.mendings.front().de00 < 0.6 * f.colours.de00);
    QCOMPARE(r.faults.size(), std::size_t{1});
  }

  void the_picture_is_found_whatever_the_hand() {
    const World& w = world();
    for (const std::uint64_t seed : trial::thinned({21U, 25U, 43U, 47U})) {
      const plan::Plan painted = standin::painted_by(w.plan, {0.3, 0, seed});
      const auto photo =
          standin::photograph(w.board_of(painted, w.all()), trial::paper().lab, trial::held(seed)).value();
      Observer observer;
      const auto r = check::check_work(trial::raw_of(photo.image), w.work(w.all()), observer).value();
      QVERIFY2(r.usable(), r.usable() ? "" : check::name(r.troubles.front()));
      QVERIFY(r.sheet.has_value());
      const double longer = check::distance(photo.picture[0], photo.picture[1]);
      for (std::size_t i = 0; i < 4; ++i) {
        const double off = check::distance(r.corners[i], photo.picture[i]) / longer;
        QVERIFY2(off < 0.006, qPrintable(QString("seed %1 corner %2: %3").arg(seed).arg(i).arg(off)));
      }
    }
  }

  // Common practice, no published source: a soft dark laid too heavily, where nothing lighter is in the tray, is
  // lifted; with a white in the tray it is covered. By the model alone: one mass, one stroke, thrice as firm as
  // planned.
  void what_is_too_heavy_is_lifted_where_nothing_covers_it() {
    const auto soft = [](double l) {
      const auto far = [l](const media::Stick& s) {
        return std::abs(s.lab.l - l) + (s.medium == optics::Medium::soft ? 0 : 1000);
      };
      const auto& all = sticks().sticks;
      const auto best = std::min_element(all.begin(), all.end(),
                                         [&](const media::Stick& p, const media::Stick& q) { return far(p) < far(q); });
      return static_cast<int>(best - all.begin());
    };
    const int dark = soft(0);
    const int light = soft(100);
    plan::Plan plan;
    plan.targets.resize(1);
    plan.targets[0].area = 1;
    plan.targets[0].recipe.strokes = {{dark, 0.25, plan::Technique::laid, false, 0}};
    plan.passes.resize(1);
    plan.passes[0].stick = dark;
    plan.passes[0].pressure = 0.25;
    plan.passes[0].targets = plan.passes[0].masses = {0};
    plan.passes[0].pressures = {0.25};
    const std::vector<char> done{1};
    const check::DoneWork work(plan, done, trial::paper(), sticks(), world().parameters);
    const check::MassLaid laid{{{0, 3}}, 0};
    const auto lab = [&](std::span<const check::DoneWork::Factor> factors) {
      return work.lab(work.pile(work.strokes(0, factors), 0));
    };
    check::Reading reading;
    reading.targets = {{lab(laid.factors), lab({}), 1, 0}};
    const double off = colour::ciede2000(reading.targets[0].measured, reading.targets[0].expected);
    QVERIFY(off > 6);
    const auto first = [&](const std::vector<int>& tray) {
      return check::mend({}, work, reading, laid, tray, sticks()).front();
    };
    const check::Mending lifted = first({dark});
    QVERIFY(lifted.way == check::Mending::Way::lift);
    QVERIFY2(lifted.de00 < 0.7 * off, qPrintable(QString("%1 of %2").arg(lifted.de00).arg(off)));
    QVERIFY(lifted.after.l > reading.targets[0].measured.l);
    QVERIFY(first({std::min(dark, light), std::max(dark, light)}).de00 <= lifted.de00);
  }

  // What the model says of the strokes it found must be nearer to what lies there than the plan is, for hands of any
  // kind.
  void how_firmly_it_was_laid_is_found() {
    const World& w = world();
    double planned = 0;
    double found = 0;
    for (const std::uint64_t seed : trial::thinned({11U, 12U, 13U})) {
      const plan::Plan painted = standin::painted_by(w.plan, {0.3, 0, seed});
      const check::Report r = checked(painted, w.all(), seed);
      QVERIFY2(r.usable(), r.usable() ? "" : check::name(r.troubles.front()));
      const check::Work in = w.work(w.all());
      const check::DoneWork work(w.plan, in.done, trial::paper(), sticks(), w.parameters);
      for (std::size_t t = 0; t < w.plan.targets.size(); ++t) {
        const auto lab = [&](std::span<const check::DoneWork::Factor> factors) {
          const int at = static_cast<int>(t);
          return work.lab(work.pile(work.strokes(at, factors), at));
        };
        const optics::Pile truly =
            plan::pile_after(painted, static_cast<int>(t), w.all(), trial::paper(), sticks().sticks, w.parameters);
        const colour::Lab is = work.lab(truly);
        const double area = w.plan.targets[t].area;
        planned += area * colour::ciede2000(lab({}), is);
        found += area * colour::ciede2000(lab(r.laid[static_cast<std::size_t>(w.plan.targets[t].mass)].factors), is);
      }
    }
    QVERIFY2(found < 0.6 * planned, qPrintable(QString("%1 of %2").arg(found).arg(planned)));
  }

  // Half of the work done by an unsteady hand: planned on from what really lies there, the end is nearer to the
  // picture.
  void the_rest_planned_from_the_photograph_comes_nearer() {
    const World& w = world();
    const int half = w.all() / 2;
    const plan::Plan painted = standin::painted_by(w.plan, {0.35, 0.1, 5});
    const check::Report r = checked(painted, half, 3);
    QVERIFY(r.usable());
    std::vector<plan::PassMark> marks;
    for (int i = 0; i < half; ++i)
      marks.push_back(
          {plan::signature(w.plan.passes[static_cast<std::size_t>(i)]), plan::PassMark::State::done, "", 0, 0});
    const auto nominal = plan::laid_after(w.plan, {}, marks);
    const check::Work in = w.work(half);
    const check::DoneWork work(w.plan, in.done, trial::paper(), sticks(), w.parameters);
    plan::PlanOptions options = trial::options_with(8);
    options.given_tray = w.plan.tray;
    options.laid = check::as_really_laid(nominal, work, r.laid);
    QCOMPARE(options.laid.size(), static_cast<std::size_t>(half));
    options.rest = plan::rest_of(w.plan, in.done);
    Observer observer;
    const plan::Plan again =
        plan::make_plan(w.subject, trial::paper(), sticks(), w.parameters, options, observer).value();
    // Both finished without a further fault, on what truly lies there.
    const auto off = [&](const plan::Plan& rest, std::size_t from) {
      double sum = 0;
      for (std::size_t t = 0; t < rest.targets.size(); ++t) {
        const int at = static_cast<int>(t);
        std::vector<plan::Stroke> strokes = plan::state_after(painted.passes, at, half).strokes;
        for (std::size_t i = from; i < rest.passes.size(); ++i) {
          const plan::Pass& p = rest.passes[i];
          if (p.kind != plan::PassKind::stroke || !std::binary_search(p.targets.begin(), p.targets.end(), at)) continue;
          strokes.push_back({p.stick, plan::pressure_on(p, at), p.technique, false, plan::level_on(p, at)});
        }
        const colour::Lab lab = work.lab(work.pile(strokes, at));
        sum += rest.targets[t].area * colour::ciede2000(lab, rest.targets[t].target);
      }
      return sum;
    };
    const double blind = off(w.plan, static_cast<std::size_t>(half));
    const double seen = off(again, static_cast<std::size_t>(half));
    QVERIFY2(seen < 0.9 * blind, qPrintable(QString("%1 against %2").arg(seen).arg(blind)));
  }

  // A border that was rubbed across is told among those that were not, and only that one.
  void a_smudged_edge_is_found() {
    int found = 0;
    int others = 0;
    int smudged = 0;
    const World& w = world();
    const auto photograph = [&](const board::BoardImage& board) {
      const auto photo = standin::photograph(board, trial::paper().lab, trial::held(2)).value();
      Observer observer;
      return check::check_work(trial::raw_of(photo.image), w.work(w.all()), observer).value();
    };
    const board::BoardImage board = w.board_of(w.plan, w.all());
    const check::Report whole = photograph(board);
    const auto borders = check::read_borders(whole.reading, whole.reading.board, w.subject);
    QVERIFY(borders.size() >= 5);
    QVERIFY(std::none_of(whole.faults.begin(), whole.faults.end(),
                         [](const check::Fault& f) { return f.off == check::Off::edge; }));
    for (std::size_t i = 0; i < borders.size(); i += 2 * trial::kThinned - 1) {
      const check::BorderReading& b = borders[i];
      ++smudged;
      const check::Report r = photograph(standin::smudged(board, w.subject, b.mass, b.rival, 0.02));
      for (const check::Fault& f : r.faults) {
        if (f.off != check::Off::edge) continue;
        const bool this_one = std::min(f.mass, f.rival) == b.mass && std::max(f.mass, f.rival) == b.rival;
        (this_one ? found : others) += 1;
        QVERIFY(f.amount < 1);
        if (!f.mendings.empty()) QVERIFY(f.mendings.front().way == check::Mending::Way::cut);
      }
    }
    QVERIFY2(found >= 0.8 * smudged, qPrintable(QString("%1 of %2").arg(found).arg(smudged)));
    QVERIFY2(others <= 1, qPrintable(QString::number(others)));
  }

  // Where nothing lies yet there is no edge to be missed: after the first stroke all other masses are bare paper.
  void bare_paper_has_no_edges() {
    const World& w = world();
    const auto first = std::find_if(w.plan.passes.begin(), w.plan.passes.end(),
                                    [](const plan::Pass& p) { return p.kind == plan::PassKind::stroke; });
    QVERIFY(first->masses.size() + 1 < w.subject.masses.size());
    const check::Report r = checked(w.plan, static_cast<int>(first - w.plan.passes.begin()) + 1);
    QVERIFY(r.usable());
    for (const check::Fault& f : r.faults) QVERIFY2(f.off != check::Off::edge, qPrintable(QString::number(f.amount)));
  }

  void a_lamp_on_the_work_is_not_taken_for_paint() {
    const World& w = world();
    standin::Camera c = trial::held(6);
    c.glare = 0.5;
    const auto photo = standin::photograph(w.board_of(w.plan, w.all()), trial::paper().lab, c).value();
    Observer observer;
    const auto r = check::check_work(trial::raw_of(photo.image), w.work(w.all()), observer).value();
    QVERIFY(!r.usable());
    QVERIFY(std::find(r.troubles.begin(), r.troubles.end(), check::Trouble::glare) != r.troubles.end() ||
            std::find(r.troubles.begin(), r.troubles.end(), check::Trouble::too_light) != r.troubles.end());
  }

  // A rectangle of less light over a ninth of the work, where the hand or a leaf kept it off: not "light lies on it".
  void a_shadow_on_the_work_is_called_one() {
    const World& w = world();
    int told = 0;
    for (const auto& [u, v] : {std::pair{0.1, 0.2}, {0.4, 0.4}, {0.6, 0.1}, {0.55, 0.6}}) {
      auto photo = standin::photograph(w.board_of(w.plan, w.all()), trial::paper().lab, trial::held(6)).value();
      const subject::Point a = photo.picture[0];
      const subject::Point b = photo.picture[2];
      for (int y = static_cast<int>(a.y + v * (b.y - a.y)); y < a.y + (v + 0.33) * (b.y - a.y); ++y) {
        for (int x = static_cast<int>(a.x + u * (b.x - a.x)); x < a.x + (u + 0.33) * (b.x - a.x); ++x) {
          colour::Rgb8& c = photo.image.at(x, y);
          for (std::uint8_t* level : {&c.r, &c.g, &c.b})
            *level = colour::level_of_light(0.7 * colour::light_of_level(*level));
        }
      }
      Observer observer;
      const auto r = check::check_work(trial::raw_of(photo.image), w.work(w.all()), observer).value();
      const auto why = [&](check::Trouble t) { return std::count(r.troubles.begin(), r.troubles.end(), t) > 0; };
      QVERIFY(!why(check::Trouble::glare));
      told += why(check::Trouble::shadow) ? 1 : 0;
    }
    QVERIFY2(told >= 2, qPrintable(QString::number(told)));
  }

  // Whatever pass was forgotten wherever: where a finger blended shades the work is off by a share of each, and no
  // lamp.
  void what_was_forgotten_is_not_taken_for_a_lamp() {
    const World& w = world();
    const board::BoardImage should = w.board_of(w.plan, w.all());
    for (int i = 0; i < w.all(); ++i) {
      for (const int m : w.plan.passes[static_cast<std::size_t>(i)].masses) {
        const board::BoardImage is = w.board_of(without(w.plan, i, m), w.all());
        check::LightImage seen(is.width, is.height);
        std::transform(is.data.begin(), is.data.end(), seen.data.begin(),
                       [](const colour::Rgb8& c) { return colour::to_light(colour::from_srgb(c)); });
        const check::Reading r = check::read_work(std::move(seen), should, w.subject, w.map, w.plan);
        QVERIFY2(r.glare < check::kMostGlare, qPrintable(QString("pass %1, mass %2: %3").arg(i).arg(m).arg(r.glare)));
      }
    }
  }

  // Without a margin what lies round the picture is the table: it is not taken for paper.
  void a_table_is_not_taken_for_paper() {
    const World& w = world();
    for (const double table : {0.05, 0.9}) {
      standin::Camera c = trial::held(2);
      c.margin = 0;
      c.table = table;
      const auto photo = standin::photograph(w.board_of(w.plan, w.all()), trial::paper().lab, c).value();
      Observer observer;
      const auto r = check::check_work(trial::raw_of(photo.image), w.work(w.all()), observer).value();
      // Said as no paper, or as light that fits none.
      const auto why = [&](check::Trouble t) {
        return std::find(r.troubles.begin(), r.troubles.end(), t) != r.troubles.end();
      };
      QVERIFY(why(check::Trouble::no_reference) || why(check::Trouble::glare));
    }
  }

  void corners_given_by_hand_are_kept() {
    const World& w = world();
    const auto photo = standin::photograph(w.board_of(w.plan, w.all()), trial::paper().lab, trial::held(8)).value();
    check::Work in = w.work(w.all());
    in.corners = photo.picture;
    Observer observer;
    const auto r = check::check_work(trial::raw_of(photo.image), in, observer).value();
    QVERIFY2(r.usable(), r.usable() ? "" : check::name(r.troubles.front()));
    for (std::size_t i = 0; i < 4; ++i) QVERIFY(check::distance(r.corners[i], photo.picture[i]) < 1e-6);
    QVERIFY(r.faults.empty());
  }

  void nothing_done_is_said() {
    Observer observer;
    const auto photo =
        standin::photograph(world().board_of(world().plan, 0), trial::paper().lab, trial::held(1)).value();
    const auto r = check::check_work(trial::raw_of(photo.image), world().work(0), observer);
    QVERIFY(!r.ok());
    QCOMPARE(QString::fromStdString(r.error().where), QString("done"));
  }

  void it_can_be_stopped() {
    struct Stop : Observer {
      bool cancelled() const override { return true; }
    } stop;
    const auto photo =
        standin::photograph(world().board_of(world().plan, 4), trial::paper().lab, trial::held(1)).value();
    const auto r = check::check_work(trial::raw_of(photo.image), world().work(4), stop);
    QVERIFY(!r.ok() && r.error().code == Error::Code::cancelled);
  }

  // The steadier the hand, the less of a difference it explains; a pass more makes it no smaller.
  void what_the_hand_explains_grows_with_the_hand() {
    const World& w = world();
    const check::Work in = w.work(w.all());
    const check::DoneWork work(w.plan, in.done, trial::paper(), sticks(), w.parameters);
    const auto steady = check::hand_spread(work, w.subject, 0.1).masses;
    const auto shaky = check::hand_spread(work, w.subject, 0.3).masses;
    for (std::size_t m = 0; m < steady.size(); ++m) QVERIFY(steady[m] <= shaky[m]);
    const check::HandSpread still = check::hand_spread(work, w.subject, 0);
    for (const double none : still.masses) QCOMPARE(none, 0.0);
    for (const double none : still.targets) QCOMPARE(none, 0.0);
  }
};

QTEST_APPLESS_MAIN(TestCheck)
#include "test_check.moc"
