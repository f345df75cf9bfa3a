// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QStringList>

#include "calibrate/calibrate.h"
#include "printed/sheet.h"

namespace yd::exports {

/// What stands at the cells of a sheet: their numbers; of offcut strokes also the stick and how it is laid.
QStringList cell_numbers(const printed::Layout& layout);
/// Sticks of a collection, one to a cell.
QStringList cell_sticks(const media::Collection& collection);
QStringList cell_strokes(std::span<const calibrate::OffcutStroke> strokes, const media::Collection& collection);

/// The sheet at its true size, to be printed without scaling: as PDF, or as SVG in millimetres. `labels`: one a cell;
/// what does not fit is elided. Needs a QGuiApplication.
QByteArray printed_sheet_pdf(const printed::Layout& layout, const QStringList& labels);
QByteArray printed_sheet_svg(const printed::Layout& layout, const QStringList& labels);

/// The one or the other, by the end of the file's name.
QByteArray printed_sheet(const QString& file, const printed::Layout& layout, const QStringList& labels);

/// Four marks to be cut out and laid round a picture, as PDF on A4: the check finds its corners by them.
QByteArray corner_marks_pdf();

}  // namespace yd::exports
