#include "words/passages.h"

#include <QCoreApplication>
#include <QStringList>

namespace yd::words {
namespace {

class Passages {
  Q_DECLARE_TR_FUNCTIONS(Passages)
};

constexpr int kNamed = 2;

/// "left hill and upper sky".
QString named(const plan::Passage& p, std::span<const subject::Mass> masses) {
  QStringList names;
  for (const int m : p.masses) names << QString::fromStdString(masses[static_cast<std::size_t>(m)].name);
  if (names.isEmpty()) return {};
  if (names.size() > kNamed) return Passages::tr("%1, %2 and more").arg(names[0], names[1]);
  return names.size() == 1 ? names.front() : Passages::tr("%1 and %2").arg(names[0], names[1]);
}

QString with_places(const QString& what, const plan::Passage& p, std::span<const subject::Mass> masses) {
  const QString places = named(p, masses);
  return places.isEmpty() ? what : Passages::tr("%1: %2").arg(what, places);
}

QString place(const plan::Passage& p, std::span<const subject::Mass> masses) {
  return p.masses.empty() ? QString() : QString::fromStdString(masses[static_cast<std::size_t>(p.masses.front())].name);
}

}  // namespace

QString title(const plan::Passage& p, std::span<const subject::Mass> masses) {
  using plan::PassageKind;
  switch (p.kind) {
    case PassageKind::underpainting:
      return Passages::tr("Underpainting");
    case PassageKind::fixative:
      return Passages::tr("Fixative");
    case PassageKind::darks:
      return with_places(p.blocks_in ? Passages::tr("Block in the darks") : Passages::tr("Deepen the darks"), p,
                         masses);
    case PassageKind::middles:
      return with_places(p.blocks_in ? Passages::tr("Block in the middle values") : Passages::tr("Middle values"), p,
                         masses);
    case PassageKind::lights:
      return with_places(p.blocks_in ? Passages::tr("Block in the lights") : Passages::tr("Lights"), p, masses);
    case PassageKind::place:
      return p.blocks_in ? Passages::tr("Block in: %1").arg(place(p, masses))
                         : Passages::tr("Build up: %1").arg(place(p, masses));
    case PassageKind::accents:
      return Passages::tr("Accents and highlights");
  }
  return {};
}

QString finished_when(const plan::Passage& p, std::span<const subject::Mass> masses) {
  using plan::PassageKind;
  switch (p.kind) {
    case PassageKind::underpainting:
      return Passages::tr("Finished when it is dry all over and the big values stand.");
    case PassageKind::fixative:
      return Passages::tr("Finished when it is dry to the touch and no dust comes off.");
    case PassageKind::darks:
      return Passages::tr(
          "Finished when the darks hold together at half-closed eyes and nothing lighter shows in them.");
    case PassageKind::middles:
      return p.blocks_in
                 ? Passages::tr("Finished when the big shapes read from across the room, thinly.")
                 : Passages::tr("Finished when each shape stands between its dark and its light as on the Board.");
    case PassageKind::lights:
      return Passages::tr("Finished when the lights are lighter than all that is beside them, and clean.");
    case PassageKind::place:
      return Passages::tr("Finished when %1 stands against what is beside it as on the Board.").arg(place(p, masses));
    case PassageKind::accents:
      return Passages::tr("Finished when they catch the eye; one more would be too many.");
  }
  return {};
}

}  // namespace yd::words
