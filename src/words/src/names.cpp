// SPDX-License-Identifier: MIT
#include "words/names.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <span>

#include "colour/words.h"

namespace yd::words {
namespace {

struct Names {
  Q_DECLARE_TR_FUNCTIONS(Names)
};

// The ISCC-NBS names are a hue, most with a modifier before it.
constexpr auto kHues = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Names", "yellowish pink"),  QT_TRANSLATE_NOOP("Names", "brownish pink"),
    QT_TRANSLATE_NOOP("Names", "purplish pink"),   QT_TRANSLATE_NOOP("Names", "pink"),
    QT_TRANSLATE_NOOP("Names", "purplish red"),    QT_TRANSLATE_NOOP("Names", "red"),
    QT_TRANSLATE_NOOP("Names", "reddish orange"),  QT_TRANSLATE_NOOP("Names", "brownish orange"),
    QT_TRANSLATE_NOOP("Names", "orange"),          QT_TRANSLATE_NOOP("Names", "olive brown"),
    QT_TRANSLATE_NOOP("Names", "reddish brown"),   QT_TRANSLATE_NOOP("Names", "yellowish brown"),
    QT_TRANSLATE_NOOP("Names", "brown"),           QT_TRANSLATE_NOOP("Names", "orange yellow"),
    QT_TRANSLATE_NOOP("Names", "greenish yellow"), QT_TRANSLATE_NOOP("Names", "yellow"),
    QT_TRANSLATE_NOOP("Names", "olive green"),     QT_TRANSLATE_NOOP("Names", "yellow green"),
    QT_TRANSLATE_NOOP("Names", "yellowish green"), QT_TRANSLATE_NOOP("Names", "bluish green"),
    QT_TRANSLATE_NOOP("Names", "green"),           QT_TRANSLATE_NOOP("Names", "greenish blue"),
    QT_TRANSLATE_NOOP("Names", "purplish blue"),   QT_TRANSLATE_NOOP("Names", "blue"),
    QT_TRANSLATE_NOOP("Names", "violet"),          QT_TRANSLATE_NOOP("Names", "reddish purple"),
    QT_TRANSLATE_NOOP("Names", "purple"),          QT_TRANSLATE_NOOP("Names", "yellowish white"),
    QT_TRANSLATE_NOOP("Names", "greenish white"),  QT_TRANSLATE_NOOP("Names", "bluish white"),
    QT_TRANSLATE_NOOP("Names", "purplish white"),  QT_TRANSLATE_NOOP("Names", "pinkish white"),
    QT_TRANSLATE_NOOP("Names", "white"),           QT_TRANSLATE_NOOP("Names", "pinkish grey"),
    QT_TRANSLATE_NOOP("Names", "reddish grey"),    QT_TRANSLATE_NOOP("Names", "brownish grey"),
    QT_TRANSLATE_NOOP("Names", "yellowish grey"),  QT_TRANSLATE_NOOP("Names", "olive grey"),
    QT_TRANSLATE_NOOP("Names", "greenish grey"),   QT_TRANSLATE_NOOP("Names", "bluish grey"),
    QT_TRANSLATE_NOOP("Names", "purplish grey"),   QT_TRANSLATE_NOOP("Names", "grey"),
    QT_TRANSLATE_NOOP("Names", "reddish black"),   QT_TRANSLATE_NOOP("Names", "brownish black"),
    QT_TRANSLATE_NOOP("Names", "olive black"),     QT_TRANSLATE_NOOP("Names", "greenish black"),
    QT_TRANSLATE_NOOP("Names", "bluish black"),    QT_TRANSLATE_NOOP("Names", "purplish black"),
    QT_TRANSLATE_NOOP("Names", "black"),           QT_TRANSLATE_NOOP("Names", "blackish red"),
    QT_TRANSLATE_NOOP("Names", "blackish green"),  QT_TRANSLATE_NOOP("Names", "blackish blue"),
    QT_TRANSLATE_NOOP("Names", "blackish purple"), QT_TRANSLATE_NOOP("Names", "olive"),
});
constexpr auto kModifiers = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Names", "vivid"),
    QT_TRANSLATE_NOOP("Names", "bright"),
    QT_TRANSLATE_NOOP("Names", "clear"),
    QT_TRANSLATE_NOOP("Names", "deep"),
    QT_TRANSLATE_NOOP("Names", "very deep"),
    QT_TRANSLATE_NOOP("Names", "very light"),
    QT_TRANSLATE_NOOP("Names", "light"),
    QT_TRANSLATE_NOOP("Names", "very dark"),
    QT_TRANSLATE_NOOP("Names", "dark"),
    QT_TRANSLATE_NOOP("Names", "very pale"),
    QT_TRANSLATE_NOOP("Names", "pale"),
    QT_TRANSLATE_NOOP("Names", "light greyish"),
    QT_TRANSLATE_NOOP("Names", "dark greyish"),
    QT_TRANSLATE_NOOP("Names", "greyish"),
    QT_TRANSLATE_NOOP("Names", "medium"),
});

// What `subject::name_places` makes names of.
constexpr auto kPlaces = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Names", "upper left"),
    QT_TRANSLATE_NOOP("Names", "upper right"),
    QT_TRANSLATE_NOOP("Names", "upper middle"),
    QT_TRANSLATE_NOOP("Names", "lower left"),
    QT_TRANSLATE_NOOP("Names", "lower right"),
    QT_TRANSLATE_NOOP("Names", "lower middle"),
    QT_TRANSLATE_NOOP("Names", "middle left"),
    QT_TRANSLATE_NOOP("Names", "middle right"),
    QT_TRANSLATE_NOOP("Names", "upper"),
    QT_TRANSLATE_NOOP("Names", "lower"),
    QT_TRANSLATE_NOOP("Names", "middle"),
    QT_TRANSLATE_NOOP("Names", "left"),
    QT_TRANSLATE_NOOP("Names", "right"),
    QT_TRANSLATE_NOOP("Names", "top"),
    QT_TRANSLATE_NOOP("Names", "bottom"),
    QT_TRANSLATE_NOOP("Names", "central"),
});
constexpr auto kThings = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Names", "sky"),
    QT_TRANSLATE_NOOP("Names", "water"),
    QT_TRANSLATE_NOOP("Names", "reflection"),
    QT_TRANSLATE_NOOP("Names", "grass"),
    QT_TRANSLATE_NOOP("Names", "fur"),
    QT_TRANSLATE_NOOP("Names", "feather"),
    QT_TRANSLATE_NOOP("Names", "skin"),
    QT_TRANSLATE_NOOP("Names", "cloth"),
    QT_TRANSLATE_NOOP("Names", "stone"),
    QT_TRANSLATE_NOOP("Names", "foliage"),
    QT_TRANSLATE_NOOP("Names", "metal"),
    QT_TRANSLATE_NOOP("Names", "glass"),
});

// What the artist may say a thing is, besides these.
constexpr auto kKinds = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Names", "face"),
    QT_TRANSLATE_NOOP("Names", "eye"),
    QT_TRANSLATE_NOOP("Names", "hair"),
    QT_TRANSLATE_NOOP("Names", "animal"),
    QT_TRANSLATE_NOOP("Names", "flower"),
    QT_TRANSLATE_NOOP("Names", "tree"),
    QT_TRANSLATE_NOOP("Names", "fruit"),
    QT_TRANSLATE_NOOP("Names", "building"),
    QT_TRANSLATE_NOOP("Names", "ground"),
    QT_TRANSLATE_NOOP("Names", "thing"),
});

constexpr auto kSticks = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Names", "Black"),
    QT_TRANSLATE_NOOP("Names", "Blue violet"),
    QT_TRANSLATE_NOOP("Names", "Burnt sienna"),
    QT_TRANSLATE_NOOP("Names", "Cerulean blue"),
    QT_TRANSLATE_NOOP("Names", "Cobalt blue"),
    QT_TRANSLATE_NOOP("Names", "Compressed charcoal"),
    QT_TRANSLATE_NOOP("Names", "Cool grey"),
    QT_TRANSLATE_NOOP("Names", "Cream"),
    QT_TRANSLATE_NOOP("Names", "Crimson"),
    QT_TRANSLATE_NOOP("Names", "Deep blue"),
    QT_TRANSLATE_NOOP("Names", "Deepest blue"),
    QT_TRANSLATE_NOOP("Names", "Deepest blue-green"),
    QT_TRANSLATE_NOOP("Names", "Deepest brown"),
    QT_TRANSLATE_NOOP("Names", "Deepest green"),
    QT_TRANSLATE_NOOP("Names", "Deepest red-brown"),
    QT_TRANSLATE_NOOP("Names", "Deepest violet"),
    QT_TRANSLATE_NOOP("Names", "Leaf green"),
    QT_TRANSLATE_NOOP("Names", "Lemon yellow"),
    QT_TRANSLATE_NOOP("Names", "Magenta rose"),
    QT_TRANSLATE_NOOP("Names", "Olive green"),
    QT_TRANSLATE_NOOP("Names", "Orange"),
    QT_TRANSLATE_NOOP("Names", "Raw sienna"),
    QT_TRANSLATE_NOOP("Names", "Red oxide"),
    QT_TRANSLATE_NOOP("Names", "Sap green"),
    QT_TRANSLATE_NOOP("Names", "Scarlet"),
    QT_TRANSLATE_NOOP("Names", "Turquoise"),
    QT_TRANSLATE_NOOP("Names", "Ultramarine blue"),
    QT_TRANSLATE_NOOP("Names", "Umber"),
    QT_TRANSLATE_NOOP("Names", "Violet"),
    QT_TRANSLATE_NOOP("Names", "Viridian"),
    QT_TRANSLATE_NOOP("Names", "Warm grey"),
    QT_TRANSLATE_NOOP("Names", "Warm yellow"),
    QT_TRANSLATE_NOOP("Names", "White"),
    QT_TRANSLATE_NOOP("Names", "Willow charcoal"),
    QT_TRANSLATE_NOOP("Names", "Yellow green"),
    QT_TRANSLATE_NOOP("Names", "Yellow ochre"),
});
constexpr auto kShipped = std::to_array<const char*>({
    QT_TRANSLATE_NOOP("Names", "Sanded 400, warm grey"),
    QT_TRANSLATE_NOOP("Names", "Sanded 400, rust"),
    QT_TRANSLATE_NOOP("Names", "Sanded 600, slate blue"),
    QT_TRANSLATE_NOOP("Names", "Sanded 600, sand"),
    QT_TRANSLATE_NOOP("Names", "Sanded 800, white"),
    QT_TRANSLATE_NOOP("Names", "Sanded 800, black"),
    QT_TRANSLATE_NOOP("Names", "Fibre-coated card, middle grey"),
    QT_TRANSLATE_NOOP("Names", "Fibre-coated card, olive"),
    QT_TRANSLATE_NOOP("Names", "Fibre-coated card, aubergine"),
    QT_TRANSLATE_NOOP("Names", "Laid drawing paper, buff"),
    QT_TRANSLATE_NOOP("Names", "Honeycomb drawing paper, blue-grey"),
    QT_TRANSLATE_NOOP("Names", "Velour, stone"),
    QT_TRANSLATE_NOOP("Names", "Primed watercolour paper, white"),
    QT_TRANSLATE_NOOP("Names", "Cartridge paper, cream"),
    QT_TRANSLATE_NOOP("Names", "Generic, all media"),
    QT_TRANSLATE_NOOP("Names", "Generic, soft sticks"),
    QT_TRANSLATE_NOOP("Names", "Generic, pencils and pan colours"),
});

bool holds(std::span<const char* const> all, const std::string& text) {
  return std::any_of(all.begin(), all.end(), [&](const char* one) { return text == one; });
}

/// The longest of `all` that `text` begins with as whole words; empty where none does.
std::string begins(std::span<const char* const> all, const std::string& text) {
  std::string best;
  for (const std::string one : all) {
    if (one.size() > best.size() && (text == one || text.rfind(one + " ", 0) == 0)) best = one;
  }
  return best;
}

std::optional<QString> colour_said(const std::string& text) {
  if (holds(kHues, text)) return Names::tr(text.c_str());
  const std::string modifier = begins(kModifiers, text);
  if (modifier.empty() || modifier.size() == text.size()) return std::nullopt;
  const std::string hue = text.substr(modifier.size() + 1);
  if (!holds(kHues, hue)) return std::nullopt;
  //: A colour: %1 a modifier as "dark greyish", %2 a hue as "blue"
  return Names::tr("%1 %2", "modifier and hue").arg(Names::tr(modifier.c_str()), Names::tr(hue.c_str()));
}

/// A thing, a colour, or a colour and a thing.
std::optional<QString> thing_said(const std::string& text) {
  if (holds(kThings, text)) return Names::tr(text.c_str());
  if (auto colour = colour_said(text)) return colour;
  const std::size_t last = text.rfind(' ');
  if (last == std::string::npos || !holds(kThings, text.substr(last + 1))) return std::nullopt;
  const auto colour = colour_said(text.substr(0, last));
  if (!colour) return std::nullopt;
  //: A mass: %1 its colour, %2 the thing it is, as "blue sky"
  return Names::tr("%1 %2", "colour and thing").arg(*colour, Names::tr(text.substr(last + 1).c_str()));
}

std::optional<QString> place_said(const std::string& text) {
  const std::string place = begins(kPlaces, text);
  if (place.empty()) return thing_said(text);
  if (place.size() == text.size()) return std::nullopt;
  const auto thing = thing_said(text.substr(place.size() + 1));
  if (!thing) return std::nullopt;
  //: A mass: %1 where it lies, %2 what it is, as "upper left sky"
  return Names::tr("%1 %2", "place and thing").arg(Names::tr(place.c_str()), *thing);
}

/// The words for more and for less of something, by how much.
struct Degrees {
  std::array<const char*, 3> more, less;
};
constexpr Degrees kWarmth{{QT_TRANSLATE_NOOP("Names", "a little too warm"), QT_TRANSLATE_NOOP("Names", "too warm"),
                           QT_TRANSLATE_NOOP("Names", "much too warm")},
                          {QT_TRANSLATE_NOOP("Names", "a little too cool"), QT_TRANSLATE_NOOP("Names", "too cool"),
                           QT_TRANSLATE_NOOP("Names", "much too cool")}};
constexpr Degrees kChroma{{QT_TRANSLATE_NOOP("Names", "a little too vivid"), QT_TRANSLATE_NOOP("Names", "too vivid"),
                           QT_TRANSLATE_NOOP("Names", "much too vivid")},
                          {QT_TRANSLATE_NOOP("Names", "a little too dull"), QT_TRANSLATE_NOOP("Names", "too dull"),
                           QT_TRANSLATE_NOOP("Names", "much too dull")}};

/// `unit` is what counts as much.
QString degree(double amount, double unit, const Degrees& words) {
  const double size = std::abs(amount) / unit;
  const std::size_t i = size < 0.5 ? 0 : size < 1 ? 1 : 2;
  return Names::tr(amount > 0 ? words.more[i] : words.less[i]);
}

QString value_words(double steps) {
  const double size = std::abs(steps);
  const bool light = steps > 0;
  if (size < 0.4) return light ? Names::tr("a quarter step too light") : Names::tr("a quarter step too dark");
  if (size < 0.75) return light ? Names::tr("half a step too light") : Names::tr("half a step too dark");
  const int n = static_cast<int>(std::max(1L, std::lround(size)));
  return light ? Names::tr("%n step(s) too light", nullptr, n) : Names::tr("%n step(s) too dark", nullptr, n);
}

/// "Cobalt blue, tint 2": a shipped stick's colour and how much white or black is in it.
std::optional<QString> stick_said(const std::string& name) {
  const std::size_t comma = name.find(", ");
  const std::string base = name.substr(0, comma);
  if (!holds(kSticks, base)) return std::nullopt;
  if (comma == std::string::npos) return Names::tr(base.c_str());
  const std::string with = name.substr(comma + 2);
  if (with == "tint") return Names::tr("%1, tint").arg(Names::tr(base.c_str()));
  if (with == "shade") return Names::tr("%1, shade").arg(Names::tr(base.c_str()));
  for (const auto& [word, said] : {std::pair<std::string, QString>("tint ", Names::tr("%1, tint %2")),
                                   std::pair<std::string, QString>("shade ", Names::tr("%1, shade %2"))}) {
    if (with.rfind(word, 0) == 0)
      return said.arg(Names::tr(base.c_str()), QString::fromStdString(with.substr(word.size())));
  }
  return std::nullopt;
}

QString shipped(const std::string& name) {
  return holds(kShipped, name) ? Names::tr(name.c_str()) : QString::fromStdString(name);
}

}  // namespace

QString colour_name(const colour::Lab& lab) {
  const std::string name = colour::describe(lab);
  return colour_said(name).value_or(QString::fromStdString(name));
}

QString difference(const colour::Lab& is, const colour::Lab& wanted) {
  constexpr double kLeastSteps = 0.2, kLeastWarmth = 3, kLeastChroma = 4;
  constexpr double kMuchWarmth = 16, kMuchChroma = 20;
  const colour::Difference d = colour::difference(is, wanted);
  if (d.de00 < 1) return Names::tr("matches");
  QStringList out;
  if (std::abs(d.steps) >= kLeastSteps) out << value_words(d.steps);
  if (std::abs(d.warmer) > kLeastWarmth) out << degree(d.warmer, kMuchWarmth, kWarmth);
  if (std::abs(d.more_chroma) > kLeastChroma) out << degree(d.more_chroma, kMuchChroma, kChroma);
  return out.isEmpty() ? Names::tr("close") : out.join(", ");
}

namespace {

/// "pale grey 7" as "pale grey" and "7"; no number: all of it.
std::pair<std::string, std::string> without_number(const std::string& name) {
  const std::size_t last = name.rfind(' ');
  if (last == std::string::npos || last + 1 == name.size() ||
      name.find_first_not_of("0123456789", last + 1) != std::string::npos)
    return {name, {}};
  return {name.substr(0, last), name.substr(last + 1)};
}

QString with_number(const QString& name, const std::string& number) {
  return number.empty() ? name : Names::tr("%1 %2", "name and number").arg(name, QString::fromStdString(number));
}

/// A kind, by itself or numbered: "thing 3".
std::optional<QString> kind_said(const std::string& text) {
  const auto [kind, number] = without_number(text);
  if (!holds(kKinds, kind) && !holds(kThings, kind)) return std::nullopt;
  return with_number(Names::tr(kind.c_str()), number);
}

/// "bird, dark brown": the artist's own name stays as it is, what tells its parts apart is said.
std::optional<QString> part_said(const std::string& name) {
  const std::size_t comma = name.rfind(", ");
  if (comma == std::string::npos) return std::nullopt;
  const std::string head = name.substr(0, comma);
  const auto part = place_said(name.substr(comma + 2));
  if (!part) return std::nullopt;
  return kind_said(head).value_or(QString::fromStdString(head)) + ", " + *part;
}

std::optional<QString> made_up(const std::string& name) {
  if (auto said = place_said(name)) return said;
  return part_said(name);
}

}  // namespace

QString mass_name(const std::string& name) {
  const auto [base, number] = without_number(name);
  if (const auto said = made_up(base)) return with_number(*said, number);
  return kind_said(name).value_or(QString::fromStdString(name));
}

QString numbered_name(const subject::Mass& mass) {
  const QString own = QString::number(mass.id + 1);
  const auto [base, number] = without_number(mass.name);
  const auto said = number == own.toStdString() ? made_up(base) : std::nullopt;
  return QString("%1. %2").arg(own, said.value_or(mass_name(mass.name)));
}

QString thing_kind(subject::ThingKind kind) {
  return kind == subject::ThingKind::other ? Names::tr("something else") : mass_name(std::string(subject::name(kind)));
}

QString weight(subject::Weight weight) {
  switch (weight) {
    case subject::Weight::let_go:
      return Names::tr("let go");
    case subject::Weight::usual:
      return Names::tr("as usual");
    case subject::Weight::matters:
      return Names::tr("matters");
    case subject::Weight::matters_most:
      return Names::tr("matters most");
  }
  return {};
}

QString mass_name(const subject::Mass& mass) { return mass_name(mass.name); }
QString stick_name(const std::string& name) { return stick_said(name).value_or(QString::fromStdString(name)); }
QString paper_name(const media::Paper& paper) { return shipped(paper.name); }
QString collection_name(const media::Collection& collection) { return shipped(collection.name); }

}  // namespace yd::words
