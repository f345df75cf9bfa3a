// SPDX-License-Identifier: MIT
#include "models/chips.h"

#include <QCache>
#include <QPainter>
#include <array>

#include "board/chip.h"
#include "looks/images.h"
#include "models/tray_drawing.h"

namespace yd::app {
namespace {

constexpr double kPxPerMm = 4;  // a chip is some fifteen millimetres long
constexpr int kKept = 3000;

QString key_of(const media::Stick& s, const media::Paper& paper, double from, double to, bool rubbed, QSize size) {
  return QString("%1/%2/%3/%4/%5/%6/%7x%8/%9")
      .arg(QString::fromStdString(s.id), QString::fromStdString(paper.id))
      .arg(static_cast<int>(s.medium))
      .arg(from)
      .arg(to)
      .arg(rubbed)
      .arg(size.width())
      .arg(size.height())
      .arg(s.lab.l + 128 * s.lab.a + 4096 * s.lab.b, 0, 'g', 12);
}

QPixmap chip(const media::Stick& stick, double from, double to, bool rubbed, const media::Paper& paper,
             const optics::Parameters& parameters, QSize size) {
  static QCache<QString, QPixmap> kept(kKept);
  const QString key = key_of(stick, paper, from, to, rubbed, size);
  if (const QPixmap* known = kept.object(key)) return *known;
  const std::array<media::Stick, 1> sticks{stick};
  const board::ChipStroke stroke{0, rubbed ? plan::Technique::rubbed : plan::Technique::laid, from, to};
  auto* made = new QPixmap(QPixmap::fromImage(to_image(board::stroke_chip(
      stroke, paper.ground, paper.grain_mm, sticks, parameters, size.width(), size.height(), kPxPerMm))));
  QPixmap out = *made;
  kept.insert(key, made);
  return out;
}

}  // namespace

QPixmap stroke_chip(const media::Stick& stick, const media::Paper& paper, const optics::Parameters& parameters,
                    QSize size) {
  constexpr double kLightest = 0.15;
  return chip(stick, kLightest, 1, false, paper, parameters, size);
}

QPixmap pass_chip(const media::Stick& stick, double pressure, bool rubbed, const media::Paper& paper,
                  const optics::Parameters& parameters, QSize size) {
  constexpr double kLetsOff = 0.4;  // no hand is as firm at the end as at the start
  return chip(stick, kLetsOff * pressure, pressure, rubbed, paper, parameters, size);
}

QPixmap stick_chips(const std::vector<int>& sticks, const Planned& planned) {
  constexpr std::size_t kMost = 3;
  const int n = static_cast<int>(std::min(kMost, sticks.size()));
  QPixmap out(kChips);
  out.fill(Qt::transparent);
  QPainter painter(&out);
  const int each = (kChips.width() - 2 * (n - 1)) / std::max(1, n);
  for (int i = 0; i < n; ++i) {
    const media::Stick& s = planned.collection->sticks[static_cast<std::size_t>(sticks[static_cast<std::size_t>(i)])];
    painter.drawPixmap(i * (each + 2), 0,
                       stroke_chip(s, *planned.paper, planned.parameters, QSize(each, kChips.height())));
  }
  return out;
}

QPixmap tray_on_paper(const Planned& planned, const media::Paper& paper, int columns, QSize chip) {
  const QList<LyingStick> sticks = lying_sticks(planned, 0, 0);
  const int rows = (static_cast<int>(sticks.size()) + columns - 1) / std::max(1, columns);
  QPixmap out(columns * chip.width(), std::max(1, rows) * chip.height());
  out.fill(to_colour(paper.lab));
  QPainter painter(&out);
  for (int i = 0; i < sticks.size(); ++i) {
    const media::Stick& s = planned.collection->sticks[static_cast<std::size_t>(sticks[i].stick)];
    painter.drawPixmap(i % columns * chip.width(), i / columns * chip.height(),
                       stroke_chip(s, paper, planned.parameters, chip));
  }
  return out;
}

QPixmap brush_chip(const colour::Lab& coat, const media::Paper& paper, QSize size) {
  return QPixmap::fromImage(to_image(board::brush_chip(coat, paper, size.width(), size.height(), kPxPerMm)));
}

QPixmap paper_chip(const media::Paper& paper, QSize size) {
  return QPixmap::fromImage(to_image(board::tooth_chip(paper, size.width(), size.height(), kPxPerMm)));
}

}  // namespace yd::app
