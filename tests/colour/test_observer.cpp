// SPDX-License-Identifier: MIT
// Observer and illuminant tables against the white points of CIE 15 and against Debian's colord-data.
#include <QFile>
#include <QRegularExpression>
#include <QTest>
#include <cmath>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "support/random.h"

using namespace yd::colour;

namespace {

/// The numbers of a CGATS spectral file of colord-data, first set, with its first and last wavelength.
struct PackagedSpectrum {
  double first_nm = 0;
  double last_nm = 0;
  QList<QList<double>> sets;
};

PackagedSpectrum read_packaged(const QString& name) {
  PackagedSpectrum out;
  QFile file("/usr/share/colord/" + name);
  if (!file.open(QIODevice::ReadOnly)) return out;
  bool data = false;
  for (QByteArray line : file.readAll().split('\n')) {
    line = line.simplified();
    const auto value = [&] { return line.split(' ').value(1).replace("\"", "").toDouble(); };
    if (line.startsWith("SPECTRAL_START_NM")) out.first_nm = value();
    if (line.startsWith("SPECTRAL_END_NM")) out.last_nm = value();
    if (line == "END_DATA") data = false;
    if (data && line != "END_DATA") {
      QList<double> set;
      for (const QByteArray& word : line.simplified().split(' ')) set << word.toDouble();
      out.sets << set;
    }
    if (line == "BEGIN_DATA") data = true;
  }
  return out;
}

Xyz white_point(Illuminant light, int first, int last, int step) {
  double x = 0;
  double y = 0;
  double z = 0;
  for (int nm = first; nm <= last; nm += step) {
    const auto m = matching_function(nm);
    const double p = illuminant_power(light, nm);
    x += p * m[0];
    y += p * m[1];
    z += p * m[2];
  }
  return {100 * x / y, 100, 100 * z / y};
}

/// A reflectance that rises smoothly once, as most powders' do.
struct Rise {
  double centre, width, low, high;
  double operator()(double nm) const { return low + (high - low) / (1 + std::exp(-(nm - centre) / width)); }
  Spectrum bands() const {
    Spectrum s;
    for (std::size_t i = 0; i < kBands; ++i) s[i] = static_cast<float>((*this)(band_nm(i)));
    return s;
  }
};
Rise random_rise(yd::Random& r) {
  return {r.uniform(400, 700), r.uniform(18, 90), r.uniform(0.02, 0.3), r.uniform(0.3, 0.95)};
}

}  // namespace

class TestObserver : public QObject {
  Q_OBJECT
 private slots:
  // CIE 15 white points at 5 nm, 360 to 830 nm.
  void white_points_are_the_published_ones() {
    const struct {
      Illuminant light;
      double x, z;
    } rows[] = {
        {Illuminant::d50, 96.422, 82.521}, {Illuminant::d65, 95.047, 108.883}, {Illuminant::a, 109.850, 35.585}};
    for (const auto& row : rows) {
      const Xyz w = white_point(row.light, 360, 830, 5);
      QVERIFY2(std::abs(w.x - row.x) < 0.01, qPrintable(QString::number(w.x)));
      QVERIFY2(std::abs(w.z - row.z) < 0.03, qPrintable(QString::number(w.z)));
      const Weights& bands = weights(row.light);
      QVERIFY(std::abs(bands.white.x - row.x) < 0.01);
    }
  }

  void illuminants_agree_with_a_packaged_copy() {
    const struct {
      const char* file;
      Illuminant light;
    } rows[] = {{"illuminant/CIE-D50.sp", Illuminant::d50},
                {"illuminant/CIE-D65.sp", Illuminant::d65},
                {"illuminant/CIE-A.sp", Illuminant::a}};
    for (const auto& row : rows) {
      const PackagedSpectrum packaged = read_packaged(row.file);
      if (packaged.sets.isEmpty()) QFAIL("colord-data is not installed; ./check installs it");
      const auto& values = packaged.sets.first();
      const double step = (packaged.last_nm - packaged.first_nm) / static_cast<double>(values.size() - 1);
      int compared = 0;
      for (int i = 0; i < values.size(); ++i) {
        const double nm = packaged.first_nm + step * i;
        if (nm < 380 || nm > 780 || std::fmod(nm, 10) != 0) continue;
        const auto at560 = values[static_cast<int>((560 - packaged.first_nm) / step)];
        const double theirs = 100 * values[i] / at560;
        const double ours = 100 * illuminant_power(row.light, static_cast<int>(nm)) / illuminant_power(row.light, 560);
        QVERIFY2(std::abs(ours - theirs) < 0.11,
                 qPrintable(QString("%1 at %2: %3 %4").arg(row.file).arg(nm).arg(ours).arg(theirs)));
        ++compared;
      }
      QVERIFY2(compared > 30, row.file);
    }
  }

  void matching_functions_agree_with_a_packaged_copy() {
    const PackagedSpectrum packaged = read_packaged("cmf/CIE1931-2deg-XYZ.cmf");
    if (packaged.sets.size() != 3) QFAIL("colord-data is not installed; ./check installs it");
    const auto count = packaged.sets[0].size();
    const double step = (packaged.last_nm - packaged.first_nm) / static_cast<double>(count - 1);
    QCOMPARE(packaged.first_nm, 360.0);
    for (int i = 0; i < count; ++i) {
      const double nm = packaged.first_nm + step * i;
      const auto ours = matching_function(static_cast<int>(nm));
      for (int k = 0; k < 3; ++k) QVERIFY(std::abs(ours[static_cast<std::size_t>(k)] - packaged.sets[k][i]) < 2e-4);
    }
  }

  void matching_functions_have_their_peaks() {
    // CIE 15 (5 nm table, from memory): y-bar 1.0000 at 555 nm, x-bar 1.0622 at 600 nm, z-bar 1.7826 at 445 nm.
    QVERIFY(std::abs(matching_function(555)[1] - 1.0) < 1e-3);
    QVERIFY(std::abs(matching_function(600)[0] - 1.0622) < 1e-3);
    QVERIFY(std::abs(matching_function(445)[2] - 1.7826) < 1e-3);
  }

  void a_perfect_white_is_white_under_every_light() {
    for (const Illuminant light : kIlluminants) {
      const Lab lab = to_lab(Spectrum::constant(1), weights(light));
      QVERIFY(std::abs(lab.l - 100) < 1e-3 && std::abs(lab.a) < 1e-3 && std::abs(lab.b) < 1e-3);
    }
  }

  // 36 weighted bands against 1 nm integration, over smooth random reflectances.
  void bands_lose_little() {
    yd::Random random(3);
    double worst = 0;
    for (int n = 0; n < 300; ++n) {
      const Rise at = random_rise(random);
      const Spectrum s = at.bands();
      double x = 0, y = 0, z = 0, all = 0;
      for (int nm = 360; nm <= 830; ++nm) {
        const auto m = matching_function(nm);
        const double p = illuminant_power(Illuminant::d50, nm);
        const double r = at(std::clamp(nm, 380, 730));
        x += p * m[0] * r;
        y += p * m[1] * r;
        z += p * m[2] * r;
        all += p * m[1];
      }
      const Lab fine = to_lab(Xyz{100 * x / all, 100 * y / all, 100 * z / all}, weights(Illuminant::d50).white);
      worst = std::max(worst, ciede2000(fine, to_lab(s)));
    }
    QVERIFY2(worst < 0.05, qPrintable(QString::number(worst)));
  }

  // 16 bands against 36, over the same kind of reflectances but no steeper than a powder's: what a search may trust.
  void coarse_bands_lose_little_more() {
    yd::Random random(4);
    double worst = 0;
    for (int n = 0; n < 300; ++n) {
      const Spectrum s = random_rise(random).bands();
      worst = std::max(worst, ciede2000(to_lab(s), to_lab(coarse(s))));
      QVERIFY(std::abs(lightness(coarse(s)) - to_lab(coarse(s)).l) < 1e-4);
    }
    QVERIFY2(worst < 0.15, qPrintable(QString::number(worst)));
    const Lab white = to_lab(CoarseSpectrum::constant(1));
    QVERIFY(std::abs(white.l - 100) < 1e-3 && std::abs(white.a) < 1e-3 && std::abs(white.b) < 1e-3);
  }
};

QTEST_APPLESS_MAIN(TestObserver)
#include "test_observer.moc"
