// SPDX-License-Identifier: MIT
// The search's inner loops against the slow twin and against each other.
#include <QTest>
#include <cmath>

#include "optics/look.h"
#include "support/random.h"
#include "trial.h"

using namespace yd;

namespace {

optics::CoarsePigment random_pigment(Random& r) {
  return optics::coarse(optics::opaque_pigment(
      colour::nearest_reflectance({r.uniform(15, 92), r.uniform(-40, 40), r.uniform(-40, 40)}), r.uniform(2, 14)));
}

optics::CoatLoads random_loads(Random& r) {
  optics::CoatLoads out;
  for (std::size_t i = 0; i < optics::kStrata; ++i) {
    if (r.below(4) == 0) continue;
    out.load[i] = static_cast<float>(r.uniform(0.001, 0.8));
    out.cover[i] = optics::grain_cover(out.load[i], 0.12F);
  }
  out.scatter_scale = static_cast<float>(r.uniform(0.6, 1));
  return out;
}

optics::CoarseStrata random_under(Random& r) {
  optics::CoarseStrata out;
  for (auto& s : out) {
    for (std::size_t b = 0; b < colour::kCoarseBands; ++b) s[b] = static_cast<float>(r.uniform(0.01, 0.98));
  }
  return out;
}

float furthest(const optics::CoarseStrata& p, const optics::CoarseStrata& q) {
  float d = 0;
  for (std::size_t i = 0; i < optics::kStrata; ++i) {
    for (std::size_t b = 0; b < colour::kCoarseBands; ++b) d = std::max(d, std::abs(p[i][b] - q[i][b]));
  }
  return d;
}

optics::CoarseStrata slow(const optics::CoarseStrata& under, const optics::CoarsePigment& p,
                          const optics::CoatLoads& loads) {
  optics::CoarseStrata out = under;
  for (std::size_t i = 0; i < optics::kStrata; ++i) {
    if (loads.cover[i] <= 0) continue;
    for (std::size_t b = 0; b < colour::kCoarseBands; ++b) {
      const double s = static_cast<double>(p.s[b]) * loads.scatter_scale;
      const optics::Film f = optics::film(p.k[b], s, loads.load[i] / loads.cover[i]);
      out[i][b] += loads.cover[i] * static_cast<float>(optics::over(f, under[i][b]) - under[i][b]);
    }
  }
  return out;
}

}  // namespace

class TestKernel : public QObject {
  Q_OBJECT
 private slots:
  void agrees_with_the_slow_twin() {
    Random r(41);
    for (int n = 0; n < 300; ++n) {
      const auto pigment = random_pigment(r);
      const auto loads = random_loads(r);
      const auto under = random_under(r);
      for (const optics::Kernel* k : {&optics::baseline_kernel(), optics::avx2_kernel()}) {
        if (k == nullptr) continue;
        optics::CoatTable coat;
        optics::CoarseStrata out;
        k->films(pigment, loads, coat);
        k->lay(under, coat, out);
        QVERIFY2(furthest(out, slow(under, pigment, loads)) < 5e-5F, k->name);
      }
    }
  }

  void both_builds_agree() {
    if (optics::avx2_kernel() == nullptr) QSKIP("this processor has no AVX2");
    Random r(42);
    for (int n = 0; n < 500; ++n) {
      const auto pigment = random_pigment(r);
      const auto loads = random_loads(r);
      const auto under = random_under(r);
      optics::CoatTable p;
      optics::CoatTable q;
      optics::baseline_kernel().films(pigment, loads, p);
      optics::avx2_kernel()->films(pigment, loads, q);
      optics::CoarseStrata sp;
      optics::CoarseStrata sq;
      optics::baseline_kernel().lay(under, p, sp);
      optics::avx2_kernel()->lay(under, q, sq);
      QVERIFY(furthest(sp, sq) < optics::kKernelAgreement);
    }
  }

  void the_mean_is_the_mean_of_the_strata() {
    Random r(43);
    for (int n = 0; n < 100; ++n) {
      const auto under = random_under(r);
      optics::CoatTable coat;
      optics::kernel().films(random_pigment(r), random_loads(r), coat);
      optics::CoarseStrata out;
      colour::CoarseSpectrum mean;
      optics::kernel().lay(under, coat, out);
      optics::kernel().lay_mean(under, coat, mean);
      const colour::CoarseSpectrum wanted = optics::mean(out);
      for (std::size_t b = 0; b < colour::kCoarseBands; ++b) QVERIFY(std::abs(mean[b] - wanted[b]) < 1e-5F);
    }
  }
};

QTEST_APPLESS_MAIN(TestKernel)
#include "test_kernel.moc"
