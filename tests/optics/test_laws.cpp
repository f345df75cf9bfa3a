// SPDX-License-Identifier: MIT
// Laws of the pile as properties: thousands of random histories, shrunk on failure, from a fixed seed (RapidCheck).
#include <rapidcheck.h>

#include <QTest>
#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "support/random.h"
#include "trial.h"

using namespace yd;

namespace {

struct Step {
  int kind = 0;  // 0 to 4: a medium; 5: rub; 6: fixative; 7 and on: a wash
  colour::Lab lab;
  double amount = 0;
};

std::ostream& operator<<(std::ostream& out, const Step& s) {
  return out << "{" << s.kind << " (" << s.lab.l << "," << s.lab.a << "," << s.lab.b << ") " << s.amount << "}";
}

const optics::Parameters& parameters() {
  static const media::Model model = media::load_model().value();
  return model.parameters;
}

rc::Gen<double> between(double low, double high) {
  return rc::gen::map(rc::gen::inRange(0, 1001), [=](int i) { return low + (high - low) * i / 1000.0; });
}

/// One of 300 colours, so that their reflectances can be remembered.
rc::Gen<colour::Lab> any_lab() {
  static const std::vector<colour::Lab> all = [] {
    Random r(20);
    std::vector<colour::Lab> out;
    for (int i = 0; i < 300; ++i) out.push_back({r.uniform(12, 94), r.uniform(-40, 40), r.uniform(-40, 40)});
    return out;
  }();
  return rc::gen::elementOf(all);
}

rc::Gen<Step> any_step(int kinds) {
  return rc::gen::map(rc::gen::tuple(rc::gen::inRange(0, kinds), any_lab(), between(0, 1)), [](const auto& t) {
    return Step{std::get<0>(t), std::get<1>(t), std::get<2>(t)};
  });
}

rc::Gen<optics::Tooth> any_tooth() {
  return rc::gen::map(rc::gen::tuple(between(0.2, 2), between(0.5, 2), between(0.1, 0.8)), [](const auto& t) {
    return optics::Tooth{std::get<0>(t), std::get<1>(t), std::get<2>(t)};
  });
}

constexpr int kEverything = 7 + static_cast<int>(optics::kWashKinds);

void apply(trial::Patch& p, const Step& s) {
  if (s.kind < 5)
    p.stroke(s.lab, static_cast<optics::Medium>(s.kind), s.amount);
  else if (s.kind == 5)
    p.rub();
  else if (s.kind == 6)
    p.fix();
  else
    p.wash(s.lab, optics::kAllWashes[static_cast<std::size_t>(s.kind - 7)], 1.5 * s.amount);
}

bool holds(const char* what, const std::function<void()>& property) { return rc::check(what, property); }

}  // namespace

class TestLaws : public QObject {
  Q_OBJECT
 private slots:
  void reflectance_stays_within_0_and_1() {
    QVERIFY(holds("0 <= R <= 1, tooth within 0 and 1", [] {
      trial::Patch p(*any_lab(), *any_tooth(), parameters());
      for (const Step& s : *rc::gen::container<std::vector<Step>>(any_step(kEverything))) {
        apply(p, s);
        RC_ASSERT(p.tooth_left() >= -1e-6 && p.tooth_left() <= 1 + 1e-6);
      }
      for (const float r : p.mean_reflectance().band) RC_ASSERT(r >= 0.0F && r <= 1.0F);
    }));
  }

  void rubbing_conserves_load() {
    QVERIFY(holds("load of every pigment is the same before and after", [] {
      trial::Patch p(*any_lab(), *any_tooth(), parameters());
      const auto steps = *rc::gen::container<std::vector<Step>>(any_step(5));
      for (const Step& s : steps) apply(p, s);
      std::vector<double> before;
      for (std::size_t i = 0; i < steps.size(); ++i) before.push_back(p.pile().mean_load_of(static_cast<int>(i)));
      p.rub();
      for (std::size_t i = 0; i < steps.size(); ++i) {
        RC_ASSERT(std::abs(p.pile().mean_load_of(static_cast<int>(i)) - before[i]) < 1e-4 * before[i] + 1e-5);
      }
    }));
  }

  void a_zero_stroke_changes_nothing() {
    QVERIFY(holds("pressure 0 and load 0 leave all as it is", [] {
      trial::Patch p(*any_lab(), *any_tooth(), parameters());
      for (const Step& s : *rc::gen::container<std::vector<Step>>(any_step(kEverything))) apply(p, s);
      const auto before = p.look();
      const double tooth = p.tooth_left();
      Step nothing = *any_step(5);
      nothing.amount = 0;
      apply(p, nothing);
      p.wash(nothing.lab, optics::WashKind::opaque, 0);
      RC_ASSERT(p.look().lab == before.lab);
      RC_ASSERT(p.tooth_left() == tooth);
    }));
  }

  void more_of_the_same_nears_its_masstone() {
    QVERIFY(holds("band by band never further from the masstone", [] {
      const colour::Lab stick = *any_lab();
      colour::Spectrum masstone = trial::reflectance_of(stick);
      for (float& r : masstone.band) r = std::clamp(r, optics::kDarkest, optics::kLightest);
      const auto medium = *rc::gen::element(optics::Medium::soft, optics::Medium::pan, optics::Medium::charcoal);
      trial::Patch p(*any_lab(), *any_tooth(), parameters());
      colour::Spectrum before = p.mean_reflectance();
      for (int i = 0; i < 5; ++i) {
        p.stroke(stick, medium, *between(0.1, 1));
        const colour::Spectrum now = p.mean_reflectance();
        for (std::size_t b = 0; b < colour::kBands; ++b) {
          RC_ASSERT(std::abs(now[b] - masstone[b]) <= std::abs(before[b] - masstone[b]) + 1e-3F);
        }
        before = now;
      }
    }));
  }

  void tooth_grows_only_by_rubbing_and_fixative() {
    QVERIFY(holds("strokes and washes never give tooth back", [] {
      trial::Patch p(*any_lab(), *any_tooth(), parameters());
      double tooth = p.tooth_left();
      for (const Step& s : *rc::gen::container<std::vector<Step>>(any_step(7))) {
        apply(p, s);
        if (s.kind < 5)
          RC_ASSERT(p.tooth_left() <= tooth + 1e-5);
        else
          RC_ASSERT(p.tooth_left() >= tooth - 1e-5);
        RC_ASSERT(p.tooth_left() <= 1 + 1e-6);
        tooth = p.tooth_left();
      }
    }));
  }

  // Common practice, no published source: what lies loose can be lifted, what was pressed in or fixed cannot.
  void lifting_takes_only_what_is_loose() {
    QVERIFY(holds("never more of anything, never less tooth; less comes off what was pressed or fixed", [] {
      trial::Patch p(*any_lab(), *any_tooth(), parameters());
      for (const Step& s : *rc::gen::container<std::vector<Step>>(any_step(kEverything))) apply(p, s);
      const double load = p.pile().mean_load();
      const double tooth = p.tooth_left();
      p.lift();
      RC_ASSERT(p.pile().mean_load() <= load + 1e-6);
      RC_ASSERT(p.tooth_left() >= tooth - 1e-6);
      const auto lab = *any_lab();
      const auto medium = static_cast<optics::Medium>(*rc::gen::inRange<int>(0, optics::kNamedMedia));
      const auto off = [&](double pressure, bool fixed) {
        trial::Patch one({50, 0, 0}, {}, parameters());
        one.stroke(lab, medium, pressure);
        if (fixed) one.fix();
        const double before = one.pile().mean_load();
        one.lift();
        return 1 - one.pile().mean_load() / before;
      };
      const double light = *between(0.1, 0.5);
      RC_ASSERT(off(light, false) > off(light + 0.4, false));
      RC_ASSERT(off(light, false) > 2 * off(light, true));
    }));
  }

  void order_inside_one_rubbed_mixture_does_not_matter() {
    QVERIFY(holds("K and S of a mixture are the same in any order", [] {
      const auto p = optics::opaque_pigment(trial::reflectance_of(*any_lab()), *between(2, 14));
      const auto q = optics::opaque_pigment(trial::reflectance_of(*any_lab()), *between(2, 14));
      const auto share = static_cast<float>(*between(0, 1));
      const std::array<optics::Pigment, 2> both{p, q};
      const auto a = optics::mix_pigments({{{0, share}, {1, 1 - share}}}, both);
      const auto b = optics::mix_pigments({{{1, 1 - share}, {0, share}}}, both);
      for (std::size_t i = 0; i < colour::kBands; ++i) {
        RC_ASSERT(std::abs(a.k[i] - b.k[i]) <= 1e-5F * (1 + std::abs(a.k[i])));
        RC_ASSERT(std::abs(a.s[i] - b.s[i]) <= 1e-5F * (1 + std::abs(a.s[i])));
      }
    }));
  }

  void order_of_two_opaque_firm_layers_matters() {
    const colour::Lab p{40, 40, 20};
    const colour::Lab q{60, -20, -30};
    trial::Patch pq({55, 0, 0}, trial::kMedium, parameters());
    pq.stroke(p, optics::Medium::soft, 1).stroke(q, optics::Medium::soft, 1);
    trial::Patch qp({55, 0, 0}, trial::kMedium, parameters());
    qp.stroke(q, optics::Medium::soft, 1).stroke(p, optics::Medium::soft, 1);
    QVERIFY(colour::ciede2000(pq.lab(), qp.lab()) > 10);
  }

  // Blue broken over a grey of its own value: no speck is lighter than another, and yet they are seen.
  void specks_of_another_hue_are_seen() {
    const colour::Lab grey{55, 1, 4};
    const auto specks = [&](const colour::Lab& over) {
      trial::Patch patch(grey, trial::kMedium, parameters());
      patch.stroke(over, optics::Medium::soft, 0.3);
      return patch.look();
    };
    const optics::Look blue = specks({55, 5, -50});
    const optics::Look same = specks(grey);
    QVERIFY2(blue.spread_l < 4, qPrintable(QString::number(blue.spread_l)));
    QVERIFY2(blue.speckle > 2 * blue.spread_l && blue.speckle > same.speckle + 3,
             qPrintable(QString("%1 %2").arg(blue.speckle).arg(same.speckle)));
    // Of greys only the lightness differs.
    const optics::Look dark = specks({25, 0, 0});
    QVERIFY(dark.spread_l > 4 && dark.speckle < 1.05 * dark.spread_l);
  }

  // What an eye at arm's length (60 cm) resolves of streaks 1.1 mm wide, colour against lightness: the kernels of
  // Zhang and Wandell 1997, table 1 (from memory), weight and width in degrees, exp(-(r/width)^2).
  void chroma_counts_as_the_eye_resolves_it() {
    const double degrees = std::atan(2 * 1.1 / 600) * 180 / M_PI;
    const auto resolved = [&](const std::vector<std::pair<double, double>>& kernels) {
      double sum = 0;
      double all = 0;
      for (const auto& [weight, width] : kernels) {
        sum += weight * std::exp(-std::pow(M_PI * width / degrees, 2));
        all += weight;
      }
      return sum / all;
    };
    const double lightness = resolved({{0.921, 0.0283}, {0.105, 0.133}, {-0.108, 4.336}});
    const double red_green = resolved({{0.531, 0.0392}, {0.330, 0.494}});
    const double blue_yellow = resolved({{0.488, 0.0536}, {0.371, 0.386}});
    QVERIFY(blue_yellow < red_green && red_green < lightness);
    const double mean = (red_green + blue_yellow) / 2 / lightness;
    QVERIFY2(std::abs(mean - optics::kChromaSeen) < 0.1, qPrintable(QString::number(mean)));
  }
};

[[maybe_unused]] static const bool entered = yd::trial::enter(__FILE__, [](const QStringList& arguments) {
  qputenv("RC_PARAMS", "seed=20 max_success=2000 max_size=12");
  TestLaws laws;
  return QTest::qExec(&laws, arguments);
});
#include "test_laws.moc"
