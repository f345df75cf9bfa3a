// SPDX-License-Identifier: MIT
#pragma once

#include <QList>
#include <QPixmap>

#include "session/pipeline.h"

namespace yd::app {

/// One stroke of a passage: its chip, which stick and how, and where.
struct StrokeRow {
  QPixmap chip;
  QString stick;
  QString how;
  QString where;
};
/// The passes of a passage; coats and fixative have no chip.
QList<StrokeRow> stroke_rows(const Planned& planned, const plan::Passage& passage);

/// Where the passage goes: inked over the pale subject, darker where it is firmer; `side`: of the longer side, pixels.
QImage passage_where(const Planned& planned, const plan::Passage& passage, int side);
/// The subject pale with the borders of its masses: what is drawn before there is colour.
QImage outlines(const Planned& planned);

}  // namespace yd::app
