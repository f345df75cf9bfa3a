// SPDX-License-Identifier: MIT
// A chip shows the stroke that the model lays; strokes of the Board change nothing from far off.
#include <QTest>
#include <array>
#include <cmath>

#include "board/chip.h"
#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "small_world.h"

using namespace yd;

namespace {

constexpr int kWidth = 400;
constexpr int kHeight = 80;

/// Mean in linear light of a rectangle, back to Lab.
colour::Lab mean_of(const board::BoardImage& image, int left, int top, int right, int bottom) {
  const colour::Xyz white = colour::weights(colour::Illuminant::d50).white;
  colour::Xyz sum;
  double n = 0;
  for (int y = top; y < bottom; ++y) {
    for (int x = left; x < right; ++x, ++n) {
      const colour::Xyz c = colour::to_xyz(colour::from_srgb(image.at(x, y)), white);
      sum = {sum.x + c.x, sum.y + c.y, sum.z + c.z};
    }
  }
  return colour::to_lab(colour::Xyz{sum.x / n, sum.y / n, sum.z / n}, white);
}

board::BoardImage chip(const board::ChipStroke& stroke, const media::Paper& paper) {
  return board::stroke_chip(stroke, paper.ground, paper.grain_mm, trial::shipped_collection().sticks,
                            trial::parameters(), kWidth, kHeight, 4);
}

int stick_named(const char* id_part, optics::Medium medium) {
  const auto& all = trial::shipped_collection().sticks;
  for (std::size_t i = 0; i < all.size(); ++i) {
    if (all[i].medium == medium && QString::fromStdString(all[i].id).contains(id_part)) return static_cast<int>(i);
  }
  return 0;
}

}  // namespace

class TestChip : public QObject {
  Q_OBJECT
 private slots:
  // An even stroke, averaged in light, is the colour the model gives that stroke; on three papers, laid and rubbed.
  void an_even_stroke_is_the_models_colour() {
    const auto& sticks = trial::shipped_collection().sticks;
    const auto& parameters = trial::parameters();
    int judged = 0;
    for (const char* id : {"sanded-400-warm-grey", "card-olive", "sanded-800-black"}) {
      const media::Paper& paper = trial::paper(id);
      for (const auto technique : {plan::Technique::laid, plan::Technique::rubbed}) {
        for (std::size_t s = 3; s < sticks.size(); s += 37) {
          const board::ChipStroke stroke{static_cast<int>(s), technique, 0.7, 0.7};
          const colour::Lab seen = mean_of(chip(stroke, paper), 60, 16, kWidth - 60, kHeight - 16);
          const optics::Pile pile =
              plan::build(paper.ground, parameters, sticks, std::vector<plan::Stroke>{{stroke.stick, 0.7, technique}});
          const colour::Lab wanted = colour::to_lab(optics::mean(plan::shade(pile, parameters, sticks)));
          const double off = colour::ciede2000(seen, wanted);
          // The screen has no colours outside sRGB.
          if (colour::ciede2000(colour::from_srgb(colour::to_srgb(wanted)), wanted) > 0.5) continue;
          ++judged;
          QVERIFY2(off < 1.5, qPrintable(QString("%1 on %2: %3").arg(sticks[s].name.c_str(), id).arg(off)));
        }
      }
    }
    QVERIFY(judged > 20);
  }

  // Light on the left, firm on the right: the sheet shows less and less. Common practice, no published source.
  void it_goes_from_light_to_firm() {
    const media::Paper& paper = trial::paper();
    const int white = stick_named("white", optics::Medium::soft);
    const board::BoardImage image = chip({white, plan::Technique::laid, 0.15, 1}, paper);
    double last = paper.lab.l;
    for (int part = 0; part < 4; ++part) {
      const int left = 30 + part * 85;
      const double l = mean_of(image, left, 16, left + 80, kHeight - 16).l;
      QVERIFY2(l > last, qPrintable(QString::number(l)));
      last = l;
    }
  }

  void the_sheet_is_bare_around_it() {
    const media::Paper& paper = trial::paper();
    const board::BoardImage image = chip({10, plan::Technique::laid, 0.2, 1}, paper);
    for (const auto& [top, bottom] : {std::pair{0, 3}, std::pair{kHeight - 3, kHeight}})
      QVERIFY(colour::ciede2000(mean_of(image, 0, top, kWidth, bottom), paper.lab) < 1);
    QVERIFY(chip({10, plan::Technique::laid, 0.2, 1}, paper).data == image.data);
  }

  // Averaged, a sheet with its tooth has the sheet's colour; a rough one varies more than a smooth one.
  void tooth_is_relief_not_colour() {
    const auto spread = [](const board::BoardImage& image) {
      double sum = 0;
      double squares = 0;
      for (const colour::Rgb8& c : image.data) sum += c.g, squares += static_cast<double>(c.g) * c.g;
      const auto n = static_cast<double>(image.size());
      return std::sqrt(std::max(0.0, squares / n - sum / n * sum / n));
    };
    const std::vector<media::Paper> papers = media::load_papers().value();
    for (const media::Paper& paper : papers) {
      const board::BoardImage image = board::tooth_chip(paper, 120, 60, 4);
      QVERIFY(colour::ciede2000(mean_of(image, 0, 0, 120, 60), paper.lab) < 2);
      if (paper.lab.l > 10 && paper.lab.l < 90) QVERIFY(spread(image) > 1);
    }
  }

  void a_brush_stroke_shows_its_coat() {
    const media::Paper& paper = trial::paper();
    const colour::Lab coat{35, 20, 10};
    const board::BoardImage image = board::brush_chip(coat, paper, 200, 60, 4);
    QVERIFY(colour::ciede2000(mean_of(image, 30, 15, 90, 45), coat) < 5);
    // Where the brush runs dry the sheet is seen again.
    QVERIFY(colour::ciede2000(mean_of(image, 185, 15, 200, 45), coat) >
            colour::ciede2000(mean_of(image, 30, 15, 90, 45), coat) + 3);
  }
};

QTEST_APPLESS_MAIN(TestChip)
#include "test_chip.moc"
