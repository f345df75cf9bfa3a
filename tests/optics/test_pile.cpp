// Laws of the pile: what is conserved, bounded and monotone, over many random histories.
#include <QTest>
#include <cmath>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "support/random.h"
#include "trial.h"

using namespace yd;
using optics::Medium;
using optics::WashKind;

namespace {

const optics::Parameters& parameters() {
  static const media::Model model = media::load_model().value();
  return model.parameters;
}

colour::Lab random_lab(Random& r) { return {r.uniform(15, 90), r.uniform(-40, 40), r.uniform(-40, 40)}; }

optics::Tooth random_tooth(Random& r) { return {r.uniform(0.2, 2), r.uniform(0.5, 2), r.uniform(0.1, 0.8)}; }

void random_step(Random& r, trial::Patch& p) {
  switch (r.below(8)) {
    case 0:
      p.rub();
      break;
    case 1:
      p.fix();
      break;
    case 2:
      p.wash(random_lab(r), optics::kAllWashes[r.below(optics::kWashKinds)], r.uniform(0, 1.5));
      break;
    default:
      p.stroke(random_lab(r), optics::kAllMedia[r.below(optics::kMedia)], r.uniform());
      break;
  }
}

bool inside(const trial::Patch& p) {
  const optics::Look look = p.look();
  return std::isfinite(look.lab.l) && look.lab.l >= 0 && look.lab.l <= 100 && look.spread_l >= 0 &&
         p.tooth_left() >= -1e-6 && p.tooth_left() <= 1 + 1e-6;
}

}  // namespace

class TestPile : public QObject {
  Q_OBJECT
 private slots:
  void random_histories_stay_within_bounds() {
    Random r(21);
    for (int n = 0; n < 400; ++n) {
      trial::Patch p(random_lab(r), random_tooth(r), parameters());
      const auto steps = 1 + r.below(12);
      for (std::uint64_t i = 0; i < steps; ++i) {
        random_step(r, p);
        QVERIFY(inside(p));
      }
    }
  }

  void load_is_conserved_by_rubbing_and_scraping() {
    Random r(22);
    for (int n = 0; n < 400; ++n) {
      trial::Patch p(random_lab(r), random_tooth(r), parameters());
      p.stroke(random_lab(r), Medium::soft, r.uniform(0.1, 1))
          .stroke(random_lab(r), Medium::charcoal, r.uniform(0.1, 1));
      const double first = p.pile().mean_load_of(0);
      const double second = p.pile().mean_load_of(1);
      p.rub();
      QVERIFY(std::abs(p.pile().mean_load_of(0) - first) < 1e-4 * first + 1e-5);
      QVERIFY(std::abs(p.pile().mean_load_of(1) - second) < 1e-4 * second + 1e-5);
      p.stroke(random_lab(r), Medium::pencil, r.uniform(0.1, 1));
      QVERIFY(std::abs(p.pile().mean_load_of(0) - first) < 1e-3 * first + 1e-4);
    }
  }

  void a_zero_stroke_changes_nothing() {
    Random r(23);
    for (int n = 0; n < 200; ++n) {
      trial::Patch p(random_lab(r), random_tooth(r), parameters());
      p.stroke(random_lab(r), Medium::soft, 0.6);
      const auto before = p.look();
      const double tooth = p.tooth_left();
      p.stroke(random_lab(r), optics::kAllMedia[r.below(optics::kMedia)], 0);
      p.wash(random_lab(r), WashKind::opaque, 0);
      QVERIFY(p.look().lab == before.lab);
      QCOMPARE(p.tooth_left(), tooth);
    }
  }

  // Band by band, because luminance may overshoot while the hue is still on its way.
  void more_of_the_same_nears_its_masstone() {
    Random r(24);
    for (int n = 0; n < 200; ++n) {
      const colour::Lab stick = random_lab(r);
      const colour::Spectrum masstone = colour::nearest_reflectance(stick);
      const auto medium = std::array{Medium::soft, Medium::hard, Medium::pan}[r.below(3)];
      trial::Patch p(random_lab(r), random_tooth(r), parameters());
      colour::Spectrum before = p.mean_reflectance();
      for (int i = 0; i < 6; ++i) {
        p.stroke(stick, medium, 0.8);
        const colour::Spectrum now = p.mean_reflectance();
        for (std::size_t b = 0; b < colour::kBands; ++b) {
          QVERIFY(std::abs(now[b] - masstone[b]) <= std::abs(before[b] - masstone[b]) + 2e-3F);
        }
        before = now;
      }
    }
  }

  void order_matters_when_laid_and_not_when_rubbed_as_one() {
    const colour::Lab p{40, 40, 20};
    const colour::Lab q{60, -20, -30};
    trial::Patch pq({55, 0, 0}, trial::kMedium, parameters());
    pq.stroke(p, Medium::soft, 1).stroke(q, Medium::soft, 1);
    trial::Patch qp({55, 0, 0}, trial::kMedium, parameters());
    qp.stroke(q, Medium::soft, 1).stroke(p, Medium::soft, 1);
    QVERIFY(colour::ciede2000(pq.lab(), qp.lab()) > 10);
    const optics::Mix a{{{0, 0.3F}, {1, 0.7F}}};
    const optics::Mix b{{{1, 0.7F}, {0, 0.3F}}};
    const std::array<optics::Pigment, 2> pigments{optics::opaque_pigment(colour::nearest_reflectance(p), 12),
                                                  optics::opaque_pigment(colour::nearest_reflectance(q), 9)};
    const auto ma = optics::mix_pigments(a, pigments);
    const auto mb = optics::mix_pigments(b, pigments);
    for (std::size_t i = 0; i < colour::kBands; ++i) QVERIFY(std::abs(ma.k[i] - mb.k[i]) < 1e-4F);
  }

  void tooth_grows_only_by_rubbing_and_fixative() {
    Random r(25);
    for (int n = 0; n < 300; ++n) {
      trial::Patch p(random_lab(r), random_tooth(r), parameters());
      double tooth = p.tooth_left();
      for (int i = 0; i < 8; ++i) {
        const auto what = r.below(4);
        if (what == 0)
          p.rub();
        else if (what == 1)
          p.fix();
        else
          p.stroke(random_lab(r), optics::kAllMedia[r.below(optics::kMedia)], r.uniform(0.05, 1));
        if (what < 2)
          QVERIFY(p.tooth_left() >= tooth - 1e-5);
        else
          QVERIFY(p.tooth_left() <= tooth + 1e-5);
        QVERIFY(p.tooth_left() <= 1 + 1e-6);
        tooth = p.tooth_left();
      }
    }
  }
};

QTEST_APPLESS_MAIN(TestPile)
#include "test_pile.moc"
