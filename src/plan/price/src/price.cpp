// SPDX-License-Identifier: MIT
#include "price/price.h"

#include <algorithm>
#include <array>
#include <map>

#include "media/fields.h"
#include "media/shipped.h"

namespace yd::plan {
namespace {

constexpr std::array kLevels{"shade", "mass", "picture", "minute", "sitting"};

}  // namespace

std::vector<std::pair<std::string, double*>> bind(Prices& p) {
  return {
      {"speckle.even", &p.speckle.even},
      {"speckle.beyond", &p.speckle.beyond},
      {"smooth.even", &p.smooth.even},
      {"smooth.beyond", &p.smooth.beyond},
      {"smooth.with_colour", &p.smooth.with_colour},
      {"smooth.with_colour_most", &p.smooth.with_colour_most},
      {"smooth.in_school", &p.smooth.in_school},
      {"tooth.least", &p.tooth.least},
      {"tooth.none", &p.tooth.none},
      {"far.seen", &p.far.seen},
      {"far.more", &p.far.more},
      {"far.lost", &p.far.lost},
      {"far.vivid", &p.far.vivid},
      {"start.dark_shade", &p.start.dark_shade},
      {"start.dark", &p.start.dark},
      {"pressures.pull", &p.pressures.pull},
      {"pressures.neighbour", &p.pressures.neighbour},
      {"vivid.stands_out", &p.vivid.stands_out},
      {"vivid.twice_at", &p.vivid.twice_at},
      {"missing.from", &p.missing.from},
      {"missing.times", &p.missing.times},
      {"matters.share", &p.matters.share},
      {"matters.least", &p.matters.least},
      {"matters.most", &p.matters.most},
      {"layer.further", &p.layer.further},
      {"layer.far_free", &p.layer.far_free},
      {"layer.far", &p.layer.far},
      {"layer.far_square", &p.layer.far_square},
      {"layer.stranger", &p.layer.stranger},
      {"layer.broad_point", &p.layer.broad_point},
      {"layer.broad", &p.layer.broad},
      {"layer.fine_stub", &p.layer.fine_stub},
      {"layer.fine", &p.layer.fine},
      {"layer.rubbed", &p.layer.rubbed},
      {"layer.all_rubbed", &p.layer.all_rubbed},
      {"layer.dark_rubbed_last", &p.layer.dark_rubbed_last},
      {"layer.black_over_colour", &p.layer.black_over_colour},
      {"coat.missing", &p.coat.missing},
      {"coat.pressure", &p.coat.pressure},
      {"coat.softening", &p.coat.softening},
      {"local.reunited", &p.local.reunited},
      {"local.free", &p.local.free},
      {"local.beyond", &p.local.beyond},
      {"local.bare_black", &p.local.bare_black},
      {"mass.small", &p.mass.small},
      {"stack.stroke", &p.stack.stroke},
      {"stack.rubbed", &p.stack.rubbed},
      {"stack.speckle_free", &p.stack.speckle_free},
      {"stack.speckle", &p.stack.speckle},
      {"pass.each", &p.pass.each},
      {"pass.brief", &p.pass.brief},
      {"pass.brief_more", &p.pass.brief_more},
      {"pass.seam", &p.pass.seam},
      {"pass.missed", &p.pass.missed},
      {"pass.fixing", &p.pass.fixing},
      {"tray.fetch", &p.tray.fetch},
      {"tray.unseen", &p.tray.unseen},
      {"tray.bad", &p.tray.bad},
      {"tray.bad_square", &p.tray.bad_square},
      {"stroke.gain", &p.stroke.gain},
      {"lend.mass", &p.lend.mass},
      {"lend.helps", &p.lend.helps},
      {"lend.alike", &p.lend.alike},
      {"accent.pass", &p.accent.pass},
      {"accent.mixes", &p.accent.mixes},
      {"accent.mends", &p.accent.mends},
      {"accent.field", &p.accent.field},
      {"accent.most_area", &p.accent.most_area},
      {"going_on.pressure", &p.going_on.pressure},
      {"going_on.shade", &p.going_on.shade},
      {"going_on.mass", &p.going_on.mass},
      {"going_on.picture", &p.going_on.picture},
      {"mark.second", &p.mark.second},
      {"mark.anyway", &p.mark.anyway},
      {"mark.pass", &p.mark.pass},
      {"mark.tooth", &p.mark.tooth},
      {"minutes.brush_cm2", &p.minutes.brush_cm2},
      {"minutes.spray_cm2", &p.minutes.spray_cm2},
      {"minutes.take_up", &p.minutes.take_up},
      {"minutes.rubbing", &p.minutes.rubbing},
      {"sitting.cut", &p.sitting.cut},
      {"sitting.same_stick", &p.sitting.same_stick},
      {"sitting.same_plane", &p.sitting.same_plane},
      {"sitting.pair_apart", &p.sitting.pair_apart},
      {"sitting.shorter", &p.sitting.shorter},
  };
}

Result<PriceTable> load_prices(const std::filesystem::path& file) {
  const auto json = media::read_json(file, "yawning-dune prices", 1);
  if (!json) return json.error();
  media::Fields top(json.value(), file.string());
  PriceTable out;
  std::map<std::string, double*> open;
  for (const auto& [key, slot] : bind(out.prices)) open[key] = slot;
  top.each("prices", 1000, [&](media::Fields& f) {
    PriceRow row{media::read_parameter(f), f.text("level")};
    if (std::find(kLevels.begin(), kLevels.end(), row.level) == kLevels.end())
      f.fail("level", "must be shade, mass, picture, minute or sitting");
    const auto slot = open.find(row.info.key);
    if (slot == open.end()) return f.fail("key", "\"" + row.info.key + "\" is unknown or stands twice");
    *slot->second = row.info.value;
    open.erase(slot);
    out.rows.push_back(std::move(row));
  });
  if (top.error()) return *top.error();
  if (!open.empty()) return bad_value(file.string(), "\"" + open.begin()->first + "\" is missing");
  return out;
}

const Result<PriceTable>& shipped_prices() {
  static const Result<PriceTable> table = load_prices(media::data_directory() / "model" / "prices.json");
  return table;
}

const Prices& prices() {
  static const Prices shipped = shipped_prices().ok() ? shipped_prices().value().prices : Prices{};
  return shipped;
}

}  // namespace yd::plan
