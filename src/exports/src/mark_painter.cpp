// SPDX-License-Identifier: MIT
#include "exports/mark_painter.h"

#include <QPainterPath>
#include <cmath>
#include <numbers>

#include "support/random.h"

namespace yd::exports {
namespace {

using plan::Mark;

constexpr double kSlant_deg = 35;  // of a right hand, where the form says nothing

/// The drawing's own frame: x from -1 to 1 along the marks, y across, in units of half the box's height.
class MarkBrush {
 public:
  MarkBrush(QPainter& painter, const QRectF& box, const MarkDrawing& d)
      : painter_(painter), d_(d), unit_(box.height() / 2), reach_(box.width() / box.height()), random_(7) {
    painter_.save();
    painter_.setRenderHint(QPainter::Antialiasing);
    painter_.setClipRect(box, Qt::IntersectClip);
    painter_.fillRect(box, d.paper);
    painter_.translate(box.center());
  }
  ~MarkBrush() { painter_.restore(); }
  MarkBrush(const MarkBrush&) = delete;
  MarkBrush& operator=(const MarkBrush&) = delete;

  void paint() {
    switch (d_.mark) {
      case Mark::broad:
      case Mark::brushed:
        return broad(d_.mark == Mark::brushed);
      case Mark::edge_line:
        return swelling_lines(3);
      case Mark::level:
        return lines(0, 0.36, 0.14, 0.8);
      case Mark::pulled_down:
        return lines(90, 0.3, 0.12, 0.8);
      case Mark::hatching:
        return lines(angle(), 0.22, 0.07, 0.95);
      case Mark::dashes:
        return dashes();
      case Mark::from_centre:
        return rays();
      case Mark::circles:
        return circles();
      case Mark::tap:
        return dots(18, 0.1);
      case Mark::twist:
        return sparks();
      case Mark::broken_stick:
        return blots();
      case Mark::sprayed:
        return dots(120, 0.025);
    }
  }

 private:
  double angle() const { return d_.directed ? d_.angle_deg : kSlant_deg; }

  /// Pressure at a place of the box, -1 (left) to 1: light to firm.
  double firm(double x) const {
    const double t = std::clamp(0.5 + 0.5 * x / reach_, 0.0, 1.0);
    return d_.least + (d_.pressure - d_.least) * t;
  }
  QColor ink(double x) const {
    QColor c = d_.colour;
    c.setAlphaF(static_cast<float>(0.3 + 0.7 * std::clamp(firm(x), 0.0, 1.0)));
    return c;
  }
  QPointF at(double x, double y) const { return {x * unit_, y * unit_}; }

  /// A wide band, broken by the tooth unless rubbed or brushed.
  void broad(bool brushed) {
    const double step = 0.06;
    const bool whole = d_.rubbed || brushed;
    painter_.setRenderHint(QPainter::Antialiasing, !whole);  // or the seams of what is even show
    for (double x = -0.92 * reach_; x < 0.92 * reach_; x += step) {
      if (whole) painter_.fillRect(QRectF(at(x, -0.62), at(x + step, 0.62)), ink(x));
      for (double y = -0.62; !whole && y < 0.62; y += step) {
        if (random_.uniform() > 0.35 + 0.65 * firm(x)) continue;
        const double lean = 0.1 * std::sin(7 * y);
        painter_.fillRect(QRectF(at(x + lean, y), at(x + lean + step * 1.06, y + step * 1.06)), ink(x));
      }
    }
  }

  void lines(double deg, double apart, double thick, double length) {
    painter_.save();
    painter_.rotate(-deg);
    const double far = reach_ + 1;
    for (double y = -far; y < far; y += apart) {
      const double half = (std::abs(deg) > 45 ? 0.85 : far) * length * random_.uniform(0.75, 1);
      const double shift = random_.uniform(-0.15, 0.15);
      const double x_on_sheet = std::abs(deg) > 45 ? y : 0;
      painter_.setPen(
          QPen(ink(x_on_sheet), thick * unit_ * (0.6 + 0.8 * firm(x_on_sheet)), Qt::SolidLine, Qt::FlatCap));
      painter_.drawLine(at(-half + shift, y), at(half + shift, y));
    }
    painter_.restore();
  }

  void swelling_lines(int n) {
    painter_.save();
    painter_.rotate(-angle());
    for (int i = 0; i < n; ++i) {
      const double y = -0.55 + 1.1 * i / (n - 1.0);
      QPainterPath path;
      path.moveTo(at(-0.9 * reach_, y));
      path.quadTo(at(0, y - 0.24 - 0.12 * firm(0)), at(0.9 * reach_, y));
      path.quadTo(at(0, y - 0.02 + 0.1 * firm(0)), at(-0.9 * reach_, y));
      painter_.fillPath(path, ink(0.3));
    }
    painter_.restore();
  }

  void dashes() {
    const double a = angle() * std::numbers::pi / 180;
    for (int i = 0; i < 34; ++i) {
      const double x = random_.uniform(-0.88, 0.88) * reach_;
      const double y = random_.uniform(-0.75, 0.75);
      const double half = random_.uniform(0.04, 0.16);
      painter_.setPen(QPen(ink(x), unit_ * random_.uniform(0.05, 0.11), Qt::SolidLine, Qt::RoundCap));
      painter_.drawLine(at(x - half * std::cos(a), y + half * std::sin(a)),
                        at(x + half * std::cos(a), y - half * std::sin(a)));
    }
  }

  void rays() {
    for (int i = 0; i < 16; ++i) {
      const double a = i * std::numbers::pi / 8;
      const double out = random_.uniform(0.7, 0.92);
      painter_.setPen(QPen(ink(0.5), unit_ * 0.07, Qt::SolidLine, Qt::RoundCap));
      painter_.drawLine(at(0.2 * std::cos(a), 0.2 * std::sin(a)), at(out * std::cos(a), out * std::sin(a)));
    }
  }

  void circles() {
    painter_.setBrush(Qt::NoBrush);
    for (double x = -0.8 * reach_; x < 0.85 * reach_; x += 0.32) {
      for (double y = -0.5; y < 0.6; y += 0.5) {
        painter_.setPen(QPen(ink(x), unit_ * 0.05));
        painter_.drawEllipse(at(x + 0.1 * std::sin(5 * y), y), unit_ * 0.22, unit_ * 0.22);
      }
    }
  }

  void dots(int n, double radius) {
    painter_.setPen(Qt::NoPen);
    for (int i = 0; i < n; ++i) {
      const double x = random_.uniform(-0.85, 0.85) * reach_;
      painter_.setBrush(ink(x));
      painter_.drawEllipse(at(x, random_.uniform(-0.7, 0.7)), unit_ * radius, unit_ * radius);
    }
  }

  void sparks() {
    for (const double x : {-0.5 * reach_, 0.05 * reach_, 0.55 * reach_}) {
      painter_.setPen(Qt::NoPen);
      painter_.setBrush(ink(x));
      painter_.drawEllipse(at(x, 0.1 * std::sin(9 * x)), unit_ * 0.16, unit_ * 0.16);
      painter_.setPen(QPen(ink(x), unit_ * 0.05));
      painter_.setBrush(Qt::NoBrush);
      painter_.drawArc(QRectF(at(x - 0.3, -0.3), at(x + 0.3, 0.3)), 30 * 16, 250 * 16);
    }
  }

  void blots() {
    painter_.setPen(Qt::NoPen);
    for (int i = 0; i < 12; ++i) {
      const double x = random_.uniform(-0.85, 0.85) * reach_;
      const double y = random_.uniform(-0.6, 0.6);
      QPolygonF blot;
      for (int k = 0; k < 7; ++k) {
        const double a = k * 2 * std::numbers::pi / 7;
        const double r = random_.uniform(0.06, 0.24);
        blot << at(x + r * std::cos(a), y + r * std::sin(a));
      }
      painter_.setBrush(ink(x));
      painter_.drawPolygon(blot);
    }
  }

  QPainter& painter_;
  const MarkDrawing& d_;
  double unit_;
  double reach_;
  Random random_;
};

}  // namespace

void paint_mark(QPainter& painter, const QRectF& box, const MarkDrawing& drawing) {
  MarkBrush(painter, box, drawing).paint();
}

}  // namespace yd::exports
