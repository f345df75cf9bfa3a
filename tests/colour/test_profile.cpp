// SPDX-License-Identifier: MIT
// Embedded profiles through Little CMS: sRGB anchors, a wide profile, and rubbish.
#include <lcms2.h>

#include <QTest>
#include <cmath>
#include <vector>

#include "colour/ciede2000.h"
#include "colour/profile.h"
#include "support/random.h"

using namespace yd::colour;

namespace {

enum class Besides { nothing, grey_table };

std::vector<std::uint8_t> wide_profile(Besides besides = Besides::nothing) {
  const cmsCIExyY white{0.3127, 0.3290, 1};
  const cmsCIExyYTRIPLE primaries{{0.64, 0.33, 1}, {0.21, 0.71, 1}, {0.15, 0.06, 1}};
  cmsToneCurve* curve = cmsBuildGamma(nullptr, 2.2);
  cmsToneCurve* curves[3] = {curve, curve, curve};
  cmsHPROFILE p = cmsCreateRGBProfile(&white, &primaries, curves);
  if (besides == Besides::grey_table) {
    const std::vector<cmsUInt16Number> grey(24, 20000);
    cmsPipeline* table = cmsPipelineAlloc(nullptr, 3, 3);
    cmsPipelineInsertStage(table, cmsAT_END, cmsStageAllocCLut16bit(nullptr, 2, 3, 3, grey.data()));
    cmsSetProfileVersion(p, 2.1);  // its tables may stand alone
    cmsWriteTag(p, cmsSigAToB0Tag, table);
    cmsPipelineFree(table);
  }
  cmsUInt32Number size = 0;
  cmsSaveProfileToMem(p, nullptr, &size);
  std::vector<std::uint8_t> bytes(size);
  cmsSaveProfileToMem(p, bytes.data(), &size);
  cmsCloseProfile(p);
  cmsFreeToneCurve(curve);
  return bytes;
}

Lab through(const PictureToLab& t, std::uint16_t r, std::uint16_t g, std::uint16_t b) {
  const std::uint16_t rgb[3] = {r, g, b};
  LabPixel p;
  t.convert(rgb, &p, 1);
  return {p.l, p.a, p.b};
}

}  // namespace

class TestProfile : public QObject {
  Q_OBJECT
 private slots:
  // Lab D50 of the sRGB primaries: IEC 61966-2-1 with Bradford adaptation, as commonly tabulated (from memory).
  void srgb_has_its_anchors() {
    QVERIFY(ciede2000(from_srgb({255, 255, 255}), {100, 0, 0}) < 0.1);
    QVERIFY(ciede2000(from_srgb({255, 0, 0}), {54.29, 80.81, 69.89}) < 0.2);
    QVERIFY(ciede2000(from_srgb({0, 0, 255}), {29.57, 68.30, -112.03}) < 0.2);
    QVERIFY(ciede2000(from_srgb({119, 119, 119}), {50.0, 0, 0}) < 0.3);
  }

  void screen_colours_go_there_and_back() {
    yd::Random random(8);
    for (int i = 0; i < 500; ++i) {
      const Rgb8 rgb{static_cast<std::uint8_t>(random.below(256)), static_cast<std::uint8_t>(random.below(256)),
                     static_cast<std::uint8_t>(random.below(256))};
      const Rgb8 back = to_srgb(from_srgb(rgb));
      QVERIFY(std::abs(back.r - rgb.r) <= 1 && std::abs(back.g - rgb.g) <= 1 && std::abs(back.b - rgb.b) <= 1);
    }
  }

  void whole_pictures_come_near_the_exact_way() {
    yd::Random random(9);
    int worst = 0;
    for (int i = 0; i < 3000; ++i) {
      const auto channel = [&] { return static_cast<std::uint8_t>(random.below(256)); };
      const Lab lab = from_srgb({channel(), channel(), channel()});
      const LabPixel p{static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)};
      Rgb8 fast;
      picture_to_srgb(&p, &fast, 1);
      const Rgb8 exact = to_srgb(lab);
      worst = std::max({worst, std::abs(fast.r - exact.r), std::abs(fast.g - exact.g), std::abs(fast.b - exact.b)});
    }
    QVERIFY2(worst <= kPictureLevels, qPrintable(QString::number(worst)));
  }

  void an_embedded_profile_counts() {
    const auto bytes = wide_profile();
    const auto wide = PictureToLab::from_icc(bytes);
    QVERIFY(wide.ok());
    const auto srgb = PictureToLab::from_icc({});
    QVERIFY(srgb.ok());
    const Lab w = through(wide.value(), 0, 65535, 0);
    const Lab s = through(srgb.value(), 0, 65535, 0);
    QVERIFY(chroma(w) > chroma(s) + 10);
    QVERIFY(ciede2000(through(wide.value(), 65535, 65535, 65535), {100, 0, 0}) < 0.1);
  }

  // What Little CMS works out pixel by pixel, in double precision, is the measure.
  void tables_agree_with_little_cms() {
    const auto bytes = wide_profile();
    const auto tables = PictureToLab::from_icc(bytes);
    QVERIFY(tables.ok());
    cmsHPROFILE from = cmsOpenProfileFromMem(bytes.data(), static_cast<cmsUInt32Number>(bytes.size()));
    cmsHPROFILE lab = cmsCreateLab4Profile(nullptr);
    cmsHTRANSFORM exact =
        cmsCreateTransform(from, TYPE_RGB_DBL, lab, TYPE_Lab_DBL, INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOOPTIMIZE);
    yd::Random random(10);
    double worst = 0;
    for (int i = 0; i < 3000; ++i) {
      const std::uint32_t most = i % 3 == 0 ? 2000 : 65536;  // the darks too, where a table would be coarse
      std::uint16_t rgb[3];
      double as_double[3];
      for (int k = 0; k < 3; ++k) {
        rgb[k] = static_cast<std::uint16_t>(random.below(most));
        as_double[k] = rgb[k] / 65535.0;
      }
      cmsCIELab want;
      cmsDoTransform(exact, as_double, &want, 1);
      const Lab is = through(tables.value(), rgb[0], rgb[1], rgb[2]);
      worst = std::max({worst, std::abs(is.l - want.L), std::abs(is.a - want.a), std::abs(is.b - want.b)});
    }
    cmsDeleteTransform(exact);
    cmsCloseProfile(lab);
    cmsCloseProfile(from);
    QVERIFY2(worst < kPictureLab, qPrintable(QString::number(worst)));
  }

  // Its table turns everything to one colour; its curves and its matrix are for programs that read no tables.
  void a_table_in_the_profile_goes_before_its_curves() {
    const auto t = PictureToLab::from_icc(wide_profile(Besides::grey_table));
    QVERIFY(t.ok());
    QVERIFY(ciede2000(through(t.value(), 0, 0, 0), through(t.value(), 65535, 65535, 65535)) < 0.01);
    QVERIFY(ciede2000(through(t.value(), 65535, 65535, 65535), {100, 0, 0}) > 10);
  }

  void rubbish_is_refused() {
    const std::vector<std::uint8_t> rubbish(200, 0x5A);
    QVERIFY(!PictureToLab::from_icc(rubbish).ok());
    auto cut = wide_profile();
    cut.resize(cut.size() / 3);
    QVERIFY(!PictureToLab::from_icc(cut).ok());
  }
};

QTEST_APPLESS_MAIN(TestProfile)
#include "test_profile.moc"
