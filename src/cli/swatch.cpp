// SPDX-License-Identifier: MIT
#include <cmath>
#include <charconv>
#include <cstdio>
#include <nlohmann/json.hpp>
#include <string_view>

#include "colour/smoothest.h"
#include "commands.h"
#include "formats/plan_json.h"
#include "media/collection.h"
#include "media/model.h"
#include "media/paper.h"
#include "optics/look.h"
#include "optics/pile.h"
#include "work.h"

namespace yd::cli {
namespace {

std::vector<std::string> split(const std::string& text, char at) {
  std::vector<std::string> out(1);
  for (const char c : text) {
    if (c == at) {
      out.emplace_back();
    } else {
      out.back() += c;
    }
  }
  return out;
}

Result<double> number(const std::string& text, const std::string& where, double low, double high) {
  double v = 0;
  const auto [end, code] = std::from_chars(text.data(), text.data() + text.size(), v);
  if (code != std::errc{} || end != text.data() + text.size() || !(v >= low && v <= high)) {
    char range[64];
    std::snprintf(range, sizeof(range), "must be a number from %g to %g", low, high);
    return bad_value(where, "\"" + text + "\" " + range);
  }
  return v;
}

Result<optics::WashKind> wash_by_name(const std::string& name, const std::string& where) {
  for (const optics::WashKind k : optics::kAllWashes) {
    if (optics::name(k) == name) return k;
  }
  return bad_value(where, "wash \"" + name + "\" must be transparent, opaque, ink, brushed-water or brushed-alcohol");
}

/// Lays the layers of the command line one by one.
class Swatch {
 public:
  Swatch(media::Paper paper, optics::Parameters parameters)
      : paper_(std::move(paper)), parameters_(std::move(parameters)), pile_(paper_.ground, parameters_) {}
  Swatch(const Swatch&) = delete;
  Swatch& operator=(const Swatch&) = delete;

  Status add(const std::string& spec, const std::string& where) {
    const auto parts = split(spec, ':');
    nlohmann::json extra = nlohmann::json::object();
    if (spec == "rub") {
      pile_.rub();
    } else if (spec == "fixative") {
      pile_.fix();
      extra["dry_minutes"] = parameters_.fixative.dry_minutes;
    } else if (parts[0] == "stroke") {
      Status s = stroke(parts, where);
      if (!s) return s;
    } else if (parts[0] == "wash") {
      Status s = wash(parts, where, extra);
      if (!s) return s;
    } else {
      return bad_value(where, "\"" + spec + "\" must be stroke:…, wash:…, rub or fixative");
    }
    extra["lab"] = formats::lab_to_json(look().lab);
    extra["tooth_left"] = pile_.tooth_left();
    layers_.push_back(extra);
    return success();
  }

  nlohmann::json result() const {
    const optics::Look now = look();
    const colour::Lch lch = colour::to_lch(now.lab);
    return {{"lab", formats::lab_to_json(now.lab)},
            {"lch", formats::lab_to_json({lch.l, lch.c, lch.h})},
            {"spread_l", now.spread_l},
            {"local_chroma", now.local_chroma},
            {"tooth_left", pile_.tooth_left()},
            {"layers", layers_}};
  }

 private:
  Status stroke(const std::vector<std::string>& parts, const std::string& where) {
    if (parts.size() < 4 || parts.size() > 5)
      return bad_value(where, "must be stroke:L,a,b:MEDIUM:PRESSURE[:laid|rubbed]");
    const auto reflectance = colour_of(parts[1], where);
    if (!reflectance) return reflectance.error();
    const auto medium = media::medium_by_name(parts[2]);
    if (!medium) return bad_value(where, medium.error().what);
    const auto pressure = number(parts[3], where + ", pressure", 0, 1);
    if (!pressure) return pressure.error();
    if (parts.size() == 5 && parts[4] != "laid" && parts[4] != "rubbed") {
      return bad_value(where, "\"" + parts[4] + "\" must be laid or rubbed");
    }
    pigments_.push_back(optics::opaque_pigment(reflectance.value(), parameters_.of(medium.value()).scatter));
    pile_.stroke(static_cast<int>(pigments_.size()) - 1, medium.value(), pressure.value());
    if (parts.size() == 5 && parts[4] == "rubbed") pile_.rub();
    return success();
  }

  Status wash(const std::vector<std::string>& parts, const std::string& where, nlohmann::json& extra) {
    if (parts.size() != 4) return bad_value(where, "must be wash:L,a,b:KIND:LOAD");
    const auto reflectance = colour_of(parts[1], where);
    if (!reflectance) return reflectance.error();
    const auto kind = wash_by_name(parts[2], where);
    if (!kind) return kind.error();
    const auto load = number(parts[3], where + ", load", 0, 10);
    if (!load) return load.error();
    const double scatter = parameters_.of(kind.value()).scatter;
    pigments_.push_back(scatter > 0 ? optics::opaque_pigment(reflectance.value(), scatter)
                                    : optics::transparent_pigment(reflectance.value()));
    optics::Pile wet = pile_;
    wet.wash(static_cast<int>(pigments_.size()) - 1, kind.value(), load.value(), true);
    extra["wet_lab"] = formats::lab_to_json(optics::look(optics::shade(wet, pigments_)).lab);
    extra["dry_minutes"] = parameters_.of(kind.value()).dry_minutes;
    pile_.wash(static_cast<int>(pigments_.size()) - 1, kind.value(), load.value());
    return success();
  }

  static Result<colour::Spectrum> colour_of(const std::string& text, const std::string& where) {
    const auto lab = parse_lab(text, where);
    if (!lab) return lab.error();
    auto reflectance = colour::smoothest_reflectance(lab.value());
    if (!reflectance) return bad_value(where, "colour \"" + text + "\": " + reflectance.error().what);
    return reflectance;
  }

  optics::Look look() const { return optics::look(optics::shade(pile_, pigments_)); }

  media::Paper paper_;
  optics::Parameters parameters_;
  optics::Pile pile_;
  std::vector<optics::Pigment> pigments_;
  nlohmann::json layers_ = nlohmann::json::array();
};

}  // namespace

Result<colour::Lab> parse_lab(const std::string& text, const std::string& where) {
  const auto parts = split(text, ',');
  if (parts.size() != 3) return bad_value(where, "\"" + text + "\" must be L,a,b");
  double v[3];
  for (std::size_t i = 0; i < 3; ++i) {
    const auto n = number(parts[i], where, i == 0 ? 0 : -160, i == 0 ? 100 : 160);
    if (!n) return n.error();
    v[i] = n.value();
  }
  return colour::Lab{v[0], v[1], v[2]};
}

Status run_swatch(const SwatchArguments& a) {
  const auto model = media::load_model();
  if (!model) return model.error();
  const auto lab = parse_lab(a.paper_lab, "--paper-lab");
  if (!lab) return lab.error();
  const auto tooth = media::tooth_by_name(a.tooth);
  if (!tooth) return tooth.error();
  auto paper = media::make_paper(lab.value(), tooth.value());
  if (!paper) return bad_value("--paper-lab", paper.error().what);
  Swatch swatch(std::move(paper).value(), model->parameters);
  for (std::size_t i = 0; i < a.layers.size(); ++i) {
    Status s = swatch.add(a.layers[i], "layer " + std::to_string(i + 1));
    if (!s) return s;
  }
  return write_json(swatch.result(), {});
}

}  // namespace yd::cli
