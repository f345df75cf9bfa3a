// SPDX-License-Identifier: MIT
// The film against GSL's ODE solver integrating the two-flux equation, and against its limits.
#include <gsl/gsl_errno.h>
#include <gsl/gsl_odeiv2.h>

#include <QTest>
#include <cmath>

#include "colour/smoothest.h"
#include "optics/film.h"
#include "support/random.h"

using namespace yd::optics;

namespace {

/// Kubelka and Munk, Z. tech. Physik 12 (1931): dR/dx = S - 2 (K + S) R + S R^2 from the backing outwards.
int two_flux(double, const double y[], double dydt[], void* params) {
  const double* ks = static_cast<double*>(params);
  dydt[0] = ks[1] - 2 * (ks[0] + ks[1]) * y[0] + ks[1] * y[0] * y[0];
  return GSL_SUCCESS;
}

double integrated(double k, double s, double load, double backing) {
  double ks[2] = {k, s};
  gsl_odeiv2_system system{two_flux, nullptr, 1, ks};
  gsl_odeiv2_driver* driver = gsl_odeiv2_driver_alloc_y_new(&system, gsl_odeiv2_step_rk8pd, 1e-6, 1e-14, 1e-14);
  double at = 0;
  double y[1] = {backing};
  gsl_odeiv2_driver_apply(driver, &at, load, y);
  gsl_odeiv2_driver_free(driver);
  return y[0];
}

}  // namespace

class TestFilm : public QObject {
  Q_OBJECT
 private slots:
  void agrees_with_an_ode_solver() {
    double worst = 0;
    for (const double k : {0.0, 0.01, 0.4, 5.0}) {
      for (const double s : {0.0, 0.05, 1.0, 12.0}) {
        for (const double load : {0.02, 0.3, 1.5}) {
          for (const double backing : {0.0, 0.35, 0.9}) {
            worst = std::max(worst, std::abs(over(film(k, s, load), backing) - integrated(k, s, load, backing)));
          }
        }
      }
    }
    QVERIFY2(worst < kFilmAccuracy, qPrintable(QString::number(worst)));
  }

  void no_load_leaves_the_ground() {
    for (const double backing : {0.0, 0.2, 1.0}) QCOMPARE(over(film(2, 3, 0), backing), backing);
  }

  void endless_load_gives_k_over_s() {
    for (const double r : {0.02, 0.2, 0.7}) {
      const double k = 4 * k_over_s(r);
      QVERIFY(std::abs(over(film(k, 4, 1000), 0.5) - r) < 1e-9);
      QVERIFY(std::abs(endless_reflectance(k, 4) - r) < 1e-12);
    }
  }

  void splitting_a_film_changes_nothing() {
    yd::Random random(11);
    for (int i = 0; i < 500; ++i) {
      const double k = random.uniform(0, 6);
      const double s = random.uniform(0, 12);
      const double load = random.uniform(0, 2);
      const double part = load * random.uniform();
      const double backing = random.uniform();
      const double whole = over(film(k, s, load), backing);
      const double halves = over(film(k, s, part), over(film(k, s, load - part), backing));
      QVERIFY(std::abs(whole - halves) < 1e-10);
      QVERIFY(whole >= 0 && whole <= 1);
    }
  }

  void bands_agree_with_the_slow_twin() {
    yd::Random random(12);
    const auto masstone = yd::colour::smoothest_reflectance({40, 20, -45});
    QVERIFY(masstone.ok());
    for (int i = 0; i < 200; ++i) {
      const Pigment p = opaque_pigment(masstone.value(), random.uniform(1, 15));
      const auto load = static_cast<float>(random.uniform(0, 2));
      const FilmSpectrum f = film_spectrum(p, load);
      yd::colour::Spectrum r = yd::colour::Spectrum::constant(0.3F);
      lay_over(f, r);
      for (std::size_t b = 0; b < yd::colour::kBands; ++b) {
        const double slow = over(film(p.k[b], p.s[b], load), 0.3F);
        QVERIFY(std::abs(slow - r[b]) < 5e-5);
      }
    }
  }

  void a_transparent_coat_over_white_is_its_own_colour() {
    const auto wanted = yd::colour::smoothest_reflectance({60, 30, 20});
    QVERIFY(wanted.ok());
    const Pigment p = transparent_pigment(wanted.value());
    yd::colour::Spectrum r = yd::colour::Spectrum::constant(1.0F);
    lay_over(film_spectrum(p, 1.0F), r);
    for (std::size_t b = 0; b < yd::colour::kBands; ++b) QVERIFY(std::abs(r[b] - wanted.value()[b]) < 1e-3F);
  }
};

QTEST_APPLESS_MAIN(TestFilm)
#include "test_film.moc"
