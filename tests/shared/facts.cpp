// SPDX-License-Identifier: MIT
#include "facts.h"

#include <algorithm>
#include <cmath>

#include "colour/appearance.h"
#include "colour/ciede2000.h"
#include "trial.h"

namespace yd::trial {
namespace {

using colour::chroma;
using colour::ciede2000;
using colour::Lab;
using optics::Medium;
using optics::Parameters;
using optics::Tooth;
using optics::WashKind;

constexpr Lab kRust{42, 26, 26};
constexpr Lab kBlue{38, 8, -42};
constexpr Lab kPaleBlue{80, -6, -16};
constexpr Lab kYellowish{84, 2, 26};
constexpr Lab kBrown{38, 12, 18};
constexpr Lab kLightGrey{76, 0, 0};
constexpr Lab kMiddleGrey{54, 0, 0};
constexpr Lab kNearWhite{94, 0, 2};
constexpr Lab kWhite{96, 0, 1};
constexpr Lab kBlack{14, 0, 0};
constexpr Lab kOrange{66, 38, 58};
constexpr Lab kRed{46, 58, 38};
constexpr Lab kDarkRed{26, 34, 20};
constexpr Lab kIndigo{22, 6, -24};

double hue(const Lab& lab) { return colour::to_lch(lab).h; }

/// Degrees from `from` to `to` the short way round, signed.
double turn(double from, double to) { return std::remainder(to - from, 360.0); }

double change(const Patch& p, const Lab& before) { return ciede2000(p.lab(), before); }

void ground_shows_through(const Parameters& q, std::vector<Fact>& out) {
  const Lab light = Patch(kRust, kMedium, q).stroke(kBlue, Medium::soft, 0.4).lab();
  const Lab firm = Patch(kRust, kMedium, q).stroke(kBlue, Medium::soft, 1.0).lab();
  // Violet lies between blue (about 281 degrees here) and rust (45).
  out.push_back({1, "light blue stroke on rust reads violet, firm turns blue", "hue turned towards blue, degrees",
                 turn(hue(firm), hue(light)), 15});
  // Hue words of docs/model/light.md: blue to 292, violet and red-violet to 345, red from 12.
  out.push_back({1, "… and the light stroke is violet, not rust", "degrees beyond red", -turn(12, hue(light)), 15});

  const Lab stick = kPaleBlue;
  const Lab pencil =
      Patch(kYellowish, kMedium, q).stroke(stick, Medium::pencil, 0.7).stroke(stick, Medium::pencil, 0.7).lab();
  const Lab soft =
      Patch(kYellowish, kMedium, q).stroke(stick, Medium::soft, 0.7).stroke(stick, Medium::soft, 0.7).lab();
  out.push_back({2, "pale blue over yellowish turns greenish", "hue turned from the stick's towards green, degrees",
                 -turn(hue(stick), hue(soft)), 4});
  out.push_back({2, "… with a pencil more than with a soft stick", "more degrees", turn(hue(pencil), hue(soft)), 10});

  const Lab on_brown = Patch(kBrown, kMedium, q).stroke(stick, Medium::soft, 0.6).lab();
  const Lab on_grey = Patch(kLightGrey, kMedium, q).stroke(stick, Medium::soft, 0.6).lab();
  out.push_back({3, "pale blue over brown is darker than over light grey", "dL*", on_grey.l - on_brown.l, 5});
}

void lights_and_darks_on_the_ground(const Parameters& q, std::vector<Fact>& out) {
  const double hidden = change(Patch(kNearWhite, kMedium, q).stroke(kWhite, Medium::soft, 0.8), kNearWhite);
  const double shown = change(Patch(kMiddleGrey, kMedium, q).stroke(kWhite, Medium::soft, 0.8), kMiddleGrey);
  out.push_back({4, "white does not show on near-white, it does on middle grey", "CIEDE2000 ratio", shown / hidden, 8});
  const Lab near_black{18, 0, 0};
  const double dark_hidden = change(Patch(near_black, kMedium, q).stroke(kBlack, Medium::soft, 0.8), near_black);
  const double dark_shown = change(Patch(kMiddleGrey, kMedium, q).stroke(kBlack, Medium::soft, 0.8), kMiddleGrey);
  out.push_back(
      {4, "… the mirror case: black on near-black and on grey", "CIEDE2000 ratio", dark_shown / dark_hidden, 5});

  const Lab lighter{78, -4, -12};
  const Lab washed = Patch(kMiddleGrey, kMedium, q).wash(lighter, WashKind::transparent, 1).lab();
  const Lab gouache = Patch(kMiddleGrey, kMedium, q).wash(lighter, WashKind::opaque, 1).lab();
  out.push_back(
      {5, "a transparent wash of a lighter colour does not lighten", "dL* darker", kMiddleGrey.l - washed.l, 0});
  out.push_back({5, "… gouache of the same colour does", "dL* lighter", gouache.l - kMiddleGrey.l, 10});
}

void rubbing_mixes(const Parameters& q, std::vector<Fact>& out) {
  Patch laid(kMiddleGrey, kMedium, q);
  laid.stroke(kOrange, Medium::soft, 0.7).stroke(kBlue, Medium::soft, 0.6);
  Patch rubbed(kMiddleGrey, kMedium, q);
  rubbed.stroke(kOrange, Medium::soft, 0.7).stroke(kBlue, Medium::soft, 0.6).rub();
  const double blue_share = rubbed.pile().mean_load_of(1) / rubbed.pile().mean_load();
  const double parents = kOrange.l + blue_share * (kBlue.l - kOrange.l);
  out.push_back({6, "complements rubbed go darker than their mean", "dL*", parents - rubbed.lab().l, 2});
  const double parents_chroma = chroma(kOrange) + blue_share * (chroma(kBlue) - chroma(kOrange));
  out.push_back({6, "… and dull", "chroma lost", parents_chroma - chroma(rubbed.lab()), 20});
  out.push_back({6, "… laid broken each speck keeps its colour", "mean chroma over strata, laid / chroma rubbed",
                 laid.look().local_chroma / chroma(rubbed.lab()), 1.5});
  const Lab rust_brown{38, 28, 28};
  const Lab ultramarine{30, 24, -50};
  Lab best{100, 100, 100};
  for (double p = 0.3; p <= 1; p += 0.05) {  // the artist adds blue until it is neutral
    const Lab lab = Patch(kMiddleGrey, kMedium, q)
                        .stroke(rust_brown, Medium::soft, 0.8)
                        .stroke(ultramarine, Medium::soft, p)
                        .rub()
                        .lab();
    if (chroma(lab) < chroma(best)) best = lab;
  }
  out.push_back({7, "rust brown and ultramarine rubbed give a near-neutral",
                 "chroma of the weaker parent / of the mixture",
                 std::min(chroma(rust_brown), chroma(ultramarine)) / chroma(best), 2});
  out.push_back(
      {7, "… and a dark one", "L* below the mean of the parents by", 0.5 * (rust_brown.l + ultramarine.l) - best.l, 0});
}

/// Chroma left after rubbing `dark` over red, at the pressure that brings the mixture to value `l`.
double chroma_at_value(const Parameters& q, const Lab& dark, double l) {
  double low = 0.02;
  double high = 1.0;
  double c = 0;
  for (int i = 0; i < 30; ++i) {
    const double p = 0.5 * (low + high);
    const Lab lab =
        Patch(kMiddleGrey, kMedium, q).stroke(kRed, Medium::soft, 1).stroke(dark, Medium::soft, p).rub().lab();
    (lab.l > l ? low : high) = p;
    c = chroma(lab);
  }
  return c;
}

void darks(const Parameters& q, std::vector<Fact>& out) {
  const double with_red = chroma_at_value(q, kDarkRed, 36);
  const double with_violet = chroma_at_value(q, {24, 30, -26}, 36);
  const double with_black = chroma_at_value(q, kBlack, 36);
  out.push_back({8, "black rubbed over red loses more chroma than dark red at the same value", "chroma kept more",
                 with_red - with_black, 4});
  out.push_back({8, "… and than violet", "chroma kept more", with_violet - with_black, 1});
  const Lab alone = Patch(kMiddleGrey, kMedium, q).stroke(kBlack, Medium::soft, 0.7).lab();
  const Lab coat =
      Patch(kMiddleGrey, kMedium, q).stroke(kIndigo, Medium::soft, 0.9).stroke(kBlack, Medium::soft, 0.7).lab();
  out.push_back({9, "black over indigo is bluer than black alone", "b* lower by", alone.b - coat.b, 1.5});
  out.push_back({9, "… and no lighter", "dL* darker", alone.l - coat.l, 0});
}

/// Firm soft layers until the next one lays less than a quarter of what the first did.
int layers_until_full(const Tooth& tooth, const Parameters& q) {
  Patch p(kMiddleGrey, tooth, q);
  double first = 0;
  for (int n = 0; n < 60; ++n) {
    const double before = p.pile().mean_load();
    p.stroke(n % 2 == 0 ? kBlue : kOrange, Medium::soft, 0.9);
    const double laid = p.pile().mean_load() - before;
    if (n == 0) first = laid;
    if (laid < 0.25 * first) return n;
  }
  return 60;
}

void tooth_fills(const Parameters& q, std::vector<Fact>& out) {
  out.push_back({10, "coarse tooth takes more layers than fine", "layers more",
                 static_cast<double>(layers_until_full(kCoarse, q) - layers_until_full(kFine, q)), 1.5});
  Patch p(kMiddleGrey, kMedium, q);
  std::vector<Lab> labs;
  for (int i = 0; i < 10; ++i) {
    p.stroke(i % 2 == 0 ? kBlue : kOrange, Medium::soft, 0.9);
    labs.push_back(p.lab());
  }
  out.push_back({11, "after half a dozen firm layers the next changes little", "CIEDE2000 of 2nd layer / 8th",
                 ciede2000(labs[0], labs[1]) / ciede2000(labs[6], labs[7]), 3});
  const double first = 0.5 * (chroma(labs[0]) + chroma(labs[1]));
  const double last = 0.5 * (chroma(labs[8]) + chroma(labs[9]));
  out.push_back({11, "… alternating layers lose chroma", "chroma lost", first - last, 8});
  const double swing_first = std::abs(labs[0].l - labs[1].l);
  const double swing_last = std::abs(labs[8].l - labs[9].l);
  out.push_back({11, "… and drift to middle value", "dL* between neighbours lost", swing_first - swing_last, 5});

  Patch full(kMiddleGrey, kMedium, q);
  for (int i = 0; i < 6; ++i) full.stroke(kOrange, Medium::soft, 1);
  const Lab before = full.lab();
  const double over_soft = change(full.stroke(kBlue, Medium::pencil, 0.7), before);
  const double on_fresh = change(Patch(kOrange, kMedium, q).stroke(kBlue, Medium::pencil, 0.7), kOrange);
  out.push_back(
      {12, "a pencil over full soft changes less than on fresh tooth", "CIEDE2000 ratio", on_fresh / over_soft, 2});
}

void finger_and_fixative(const Parameters& q, std::vector<Fact>& out) {
  Patch p(kNearWhite, kMedium, q);
  p.stroke(kBlue, Medium::soft, 0.7);
  const optics::Look before = p.look();
  const double tooth = p.tooth_left();
  const optics::Look after = p.rub().look();
  out.push_back({13, "rubbing removes the ground's speckle", "spread of L*, before / after",
                 before.spread_l / after.spread_l, 1.5});
  out.push_back({13, "… and the mean nears the pigment's", "CIEDE2000 nearer",
                 ciede2000(before.lab, kBlue) - ciede2000(after.lab, kBlue), 1});
  out.push_back({13, "… pressed pigment frees some tooth", "tooth gained, share", p.tooth_left() - tooth, 0});
  Patch f(kMiddleGrey, kMedium, q);
  for (int i = 0; i < 3; ++i) f.stroke({60, 10, -10}, Medium::soft, 0.9);
  const double l = f.lab().l;
  const double left = f.tooth_left();
  f.fix();
  out.push_back({14, "fixative darkens middle tones visibly", "dL* darker", l - f.lab().l, 1});
  out.push_back({14, "… and gives back a little tooth", "share", f.tooth_left() - left, 0.01});
  const Lab wet = Patch(kMiddleGrey, kMedium, q).wash({70, 6, -8}, WashKind::opaque, 0.5, true).lab();
  const Lab dry = Patch(kMiddleGrey, kMedium, q).wash({70, 6, -8}, WashKind::opaque, 0.5).lab();
  out.push_back({15, "gouache dries lighter than wet", "dL* lighter", dry.l - wet.l, 1});
}

void glaze(const Parameters& q, std::vector<Fact>& out) {
  const auto under = [&](double pressure) {
    Patch p(kMiddleGrey, kMedium, q);
    p.stroke({55, -2, -4}, Medium::soft, 1);
    const Lab grey = p.lab();
    const Lab lab = p.stroke(kRed, Medium::soft, pressure).lab();
    return std::pair{lab.a - grey.a, ciede2000(lab, grey)};
  };
  out.push_back({16, "red glazed thinly over grey warms it", "da* warmer", under(0.15).first, 2});
  out.push_back({16, "… laid firmly it hides it", "CIEDE2000 firm / thin", under(1.0).second / under(0.15).second, 2});
}

/// CIECAM02 (CIE 159:2004): what the surround does to a colour.
void surround(std::vector<Fact>& out) {
  const Lab grey{50, 0, 0};
  out.push_back({17, "a colour looks lighter on a dark surround than on a light one",
                 "dL* between surrounds of L* 20 and 90",
                 colour::seems_on(grey, {20, 0, 0}).l - colour::seems_on(grey, {90, 0, 0}).l, 3});
}

}  // namespace

std::vector<Fact> measure_facts(const Parameters& q) {
  std::vector<Fact> out;
  ground_shows_through(q, out);
  lights_and_darks_on_the_ground(q, out);
  rubbing_mixes(q, out);
  darks(q, out);
  tooth_fills(q, out);
  finger_and_fixative(q, out);
  glaze(q, out);
  surround(out);
  return out;
}

}  // namespace yd::trial
