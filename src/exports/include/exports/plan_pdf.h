// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QSizeF>
#include <QString>

#include "exports/plan_view.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::exports {

/// Paper that is printed on.
enum class Print { a4, letter };
/// What the country of the language prints on.
Print usual_print();
/// Width and height, millimetres.
QSizeF page_mm(Print print);

struct PdfOptions {
  QString title;
  Print print = Print::a4;
};

/// The plan to prop up beside the easel: cover with subject, board and paper; pull list by tray place; one line a pass
/// with its swatch; mass map with numbers and recipes in plain words; cross-sections; safety. Colours are sRGB, tagged
/// by the document's output intent. Needs a QGuiApplication for its fonts. Errors: `cancelled`.
Result<QByteArray> plan_pdf(const PlanView& plan, const PdfOptions& options, Observer& observer);

}  // namespace yd::exports
