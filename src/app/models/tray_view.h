// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QList>
#include <QPointF>
#include <QString>

#include "session/advice.h"

namespace yd::app {

/// A stick for the lattice of value by hue.
struct TrayItem {
  int stick = 0;
  double hue = -1;  ///< degrees; below 0: a grey
  double value = 5;
  QColor colour;
  int shape = 0;
  bool chosen = false;
  QString words;
};
QList<TrayItem> tray_items(const Planned& planned);

/// Mean error against sticks, one point a tray size.
QList<QPointF> curve_points(const std::vector<plan::CurvePoint>& curve);

/// The one stick to get next and what it would bring; empty where none helps.
QString next_stick_words(const Planned& planned);
/// Which sticks return in several masses, which serve one only, and how warm and cool are balanced.
QString unity_words(const Planned& planned);
QString proof_words(const plan::TrayProof& proof);
/// Dark, middle and light of one mass and the sticks that make them.
QString mass_words(const Planned& planned, int mass);

}  // namespace yd::app
