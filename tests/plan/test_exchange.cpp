// SPDX-License-Identifier: MIT
// The tray of a plan against every tray of its size, and layerings of four against all of them.
#include <QtTest>
#include <algorithm>

#include "search/layer_search.h"
#include "small_world.h"
#include "tray/tray.h"

using namespace yd;

namespace {

plan::Plan plan_from(const subject::Subject& subject, const media::Collection& sticks, std::vector<int> tray) {
  Observer observer;
  plan::PlanOptions options = trial::options_with(static_cast<int>(tray.size()));
  options.given_tray = std::move(tray);
  return plan::make_plan(subject, trial::paper(), sticks, trial::parameters(), options, observer).value();
}

/// Every choice of `count` of the first `all` numbers.
std::vector<std::vector<int>> choices(int all, int count, int first = 0) {
  if (count == 0) return {{}};
  std::vector<std::vector<int>> out;
  for (int n = first; n + count <= all; ++n) {
    for (std::vector<int>& rest : choices(all, count - 1, n + 1)) {
      rest.insert(rest.begin(), n);
      out.push_back(std::move(rest));
    }
  }
  return out;
}

/// A meadow under a wall: greens between three corners, which no two sticks mix, and greys.
subject::Subject meadow() {
  constexpr int kWide = 160;
  constexpr int kHigh = 120;
  const colour::LabPixel corners[] = {{42, -12, 28}, {62, -40, 50}, {82, -6, 72}};
  subject::LabImage image(kWide, kHigh);
  for (int y = 0; y < kHigh; ++y) {
    for (int x = 0; x < kWide; ++x) {
      const float p = static_cast<float>(x) / kWide;
      const float q = static_cast<float>(y % (kHigh / 2)) / (kHigh / 2);
      const float w[] = {1 - p, p * (1 - q), p * q};
      colour::LabPixel c{};
      for (int k = 0; k < 3; ++k) c.l += w[k] * corners[k].l, c.a += w[k] * corners[k].a, c.b += w[k] * corners[k].b;
      image.at(x, y) = y < kHigh / 2 ? colour::LabPixel{50 + 30 * p, 1, -4} : c;
    }
  }
  Observer observer;
  subject::Subject meadow = subject::read_subject(std::move(image), {0.2, 8}, observer).value();
  // Blades and plaster: colour is all that counts.
  for (subject::Mass& m : meadow.masses) trial::give_texture(m, subject::kNoInside);
  return meadow;
}

}  // namespace

class TestExchange : public QObject {
  Q_OBJECT
 private slots:
  // Of all trays of three sticks out of a few, planned each by itself, hardly one fits better, and none by much.
  void few_trays_fit_better() {
    const subject::Subject subject = trial::small_subject(160, 120);
    const media::Collection sticks = trial::every(18);
    const double chosen = trial::small_plan(subject, sticks, 3).area_mean_de00;
    const std::vector<std::vector<int>> trays = choices(static_cast<int>(sticks.sticks.size()), 3);
    std::vector<double> fits;
    for (std::size_t n = 0; n < trays.size(); n += 2 * trial::kThinned - 1)
      fits.push_back(plan_from(subject, sticks, trays[n]).area_mean_de00);
    std::sort(fits.begin(), fits.end());
    const auto better = std::lower_bound(fits.begin(), fits.end(), chosen - 1e-9) - fits.begin();
    const QByteArray told = QString("%1 of %2 are better, best %3, middle %4, chosen %5")
                                .arg(better)
                                .arg(fits.size())
                                .arg(fits.front())
                                .arg(fits[fits.size() / 2])
                                .arg(chosen)
                                .toUtf8();
    QVERIFY2(better <= static_cast<long>(fits.size() / 50), told);
    QVERIFY2(chosen < 1.125 * fits.front(), told);
  }

  // What three layers make of a meadow is not seen by the pairs that a tray is chosen by.
  void sticks_are_exchanged_for_what_layers_make_of_them() {
    const subject::Subject subject = meadow();
    const media::Collection sticks = trial::without_landscape();
    double gained = 0;
    int exchanged = 0;
    for (const int most : {12, 14}) {
      const plan::Plan now = trial::small_plan(subject, sticks, most);
      QVERIFY(now.tray.size() <= static_cast<std::size_t>(most));
      const std::vector<int> held = now.work->to_collection(now.work->tray.sticks);
      QVERIFY(std::includes(held.begin(), held.end(), now.tray.begin(), now.tray.end()));
      Observer observer;
      const plan::Tray pairs = plan::choose_tray(now.work->problem(), {most, 1, 60}, observer).value();
      const plan::Plan before = plan_from(subject, sticks, now.work->to_collection(pairs.sticks));
      gained += before.area_mean_de00 - now.area_mean_de00;
      // Its proof by pairs says how far it is from what they like best, and leaves it alone.
      if (now.work->exchanged) {
        const plan::TrayProof proof = plan::prove_tray(*now.work, {{}, 1}, observer).value();
        QVERIFY(!proof.improved && proof.tray.sticks == now.work->tray.sticks);
        QVERIFY(proof.bound <= pairs.cost + 1e-9 && proof.gap >= 0);
        ++exchanged;
      }
      // A tray in the hand stays as it is, and gives the same plan again.
      const plan::Plan again = plan_from(subject, sticks, now.tray);
      QCOMPARE(again.tray, now.tray);
      QVERIFY(std::abs(again.area_mean_de00 - now.area_mean_de00) < 0.15);
      if (trial::kThinned > 1) break;
    }
    QVERIFY(exchanged > 0);
    QVERIFY2(gained > 0.2, qPrintable(QString::number(gained)));
  }

  void what_one_must_have_stays_and_what_is_forbidden_stays_out() {
    const subject::Subject subject = meadow();
    const media::Collection sticks = trial::every(trial::kEnough);
    plan::PlanOptions options = trial::options_with(12);
    Observer observer;
    const auto planned = [&] {
      return plan::make_plan(subject, trial::paper(), sticks, trial::parameters(), options, observer).value();
    };
    const plan::Plan free = planned();
    for (int s = 0; s < static_cast<int>(sticks.sticks.size()) && options.wishes.must_have.size() < 3; ++s) {
      if (std::count(free.tray.begin(), free.tray.end(), s) == 0) options.wishes.must_have.push_back(s);
    }
    options.wishes.forbidden = {free.tray.front(), free.tray.back()};
    const plan::Plan bound = planned();
    for (const int s : options.wishes.must_have) QVERIFY(std::count(bound.tray.begin(), bound.tray.end(), s) == 1);
    for (const int s : options.wishes.forbidden) QVERIFY(std::count(bound.tray.begin(), bound.tray.end(), s) == 0);
    QVERIFY(bound.tray.size() <= 12);
  }

  // Against every layering of up to four layers, of a tray small enough to work them out.
  void steps_find_the_four_layers_that_growing_misses() {
    const media::Collection sticks = trial::every(12);
    const std::vector<int> tray{0, 3, 6, 9, 12, 15};
    // Colours between the sticks, so that many layers tell.
    plan::ShadeSet shades;
    for (const std::size_t first : {0U, 2U}) {
      std::vector<colour::Lab> labs;
      for (std::size_t i = first; i + 2 < tray.size(); ++i) {
        const auto lab = [&](std::size_t n) { return sticks.sticks[static_cast<std::size_t>(tray[n])].lab; };
        const auto mean = [](double p, double q, double r) { return 0.5 * p + 0.3 * q + 0.2 * r; };
        labs.push_back({mean(lab(i).l, lab(i + 1).l, lab(i + 2).l), mean(lab(i).a, lab(i + 1).a, lab(i + 2).a),
                        mean(lab(i).b, lab(i + 1).b, lab(i + 2).b)});
      }
      std::sort(labs.begin(), labs.end(), [](const auto& x, const auto& y) { return x.l < y.l; });
      shades.add_mass(labs, std::vector<double>(labs.size(), 0.2));
    }
    const plan::SearchInput input{&trial::paper().ground, &trial::parameters(), sticks.sticks, {}, {}};
    const auto cheapest = [&](const plan::TraySearch& options, std::size_t mass) {
      plan::Lattice lattice(input, 0.15);
      Observer observer;
      float least = 1e9F;
      const auto found = plan::tray_layerings(lattice, shades, tray, options, observer).value();
      for (const plan::LayeringCosts& c : found) least = std::min(least, c.cost[mass]);
      return least;
    };
    constexpr int kAll = 1'000'000;
    float saved = 0;
    for (std::size_t mass = 0; mass < 2; ++mass) {
      const float all = cheapest({4, kAll, kAll, kAll, kAll, 0}, mass);
      const float grown = cheapest({4, 4, 2, 2, 1, 0}, mass);
      const float stepped = cheapest({4, 4, 2, 2, 1, 3, 6}, mass);
      const QByteArray told = QString("grown %1 stepped %2 all %3").arg(grown).arg(stepped).arg(all).toUtf8();
      saved += grown - stepped;
      QVERIFY2(stepped >= all - 1e-4F && stepped <= all + 0.1F, told);
      QVERIFY2(stepped <= grown, told);
    }
    QVERIFY2(saved > 0.1F, qPrintable(QString::number(saved)));
  }
};

QTEST_APPLESS_MAIN(TestExchange)
#include "test_exchange.moc"
