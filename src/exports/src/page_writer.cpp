// SPDX-License-Identifier: MIT
#include "page_writer.h"

#include <QFontMetricsF>
#include <QPageLayout>
#include <QRegularExpression>

namespace yd::exports {
namespace {

constexpr int kDpi = 144;
constexpr double kPoint = 72;
constexpr double kMargin_mm = 15;
constexpr double kFooter = 18;

/// A number and its unit stay on one line, and so does a size.
QString with_units(QString text) {
  static const QRegularExpression between("(?<=\\d) (?=(%|cm|mm|in|min|h)(?!\\w))|(?<=\\d) (?=×)|(?<=×) (?=\\d)");
  return text.replace(between, QString(QChar::Nbsp));
}

QPageSize size_of(Print print) { return QPageSize(print == Print::a4 ? QPageSize::A4 : QPageSize::Letter); }

}  // namespace

PageWriter::PageWriter(QByteArray& out, const PdfOptions& options)
    : buffer_(&out), writer_(&buffer_), title_(options.title) {
  buffer_.open(QIODevice::WriteOnly);
  // PDF/A-1b carries the sRGB profile as its output intent: colours are tagged.
  writer_.setPdfVersion(QPagedPaintDevice::PdfVersion_A1b);
  writer_.setResolution(kDpi);
  writer_.setTitle(options.title);
  writer_.setCreator("Yawning Dune");
  writer_.setPageLayout(QPageLayout(size_of(options.print), QPageLayout::Portrait,
                                    QMarginsF(kMargin_mm, kMargin_mm, kMargin_mm, kMargin_mm),
                                    QPageLayout::Millimeter));
  painter_.begin(&writer_);
  painter_.scale(kDpi / kPoint, kDpi / kPoint);
  width_ = writer_.width() * kPoint / kDpi;
  height_ = writer_.height() * kPoint / kDpi - kFooter;
  footer();
}

void PageWriter::footer() {
  painter_.save();
  set_font(8, false);
  painter_.setPen(QColor(90, 90, 90));
  painter_.drawText(QRectF(0, height_ + 4, width_, kFooter - 4), Qt::AlignLeft | Qt::AlignBottom, title_);
  painter_.drawText(QRectF(0, height_ + 4, width_, kFooter - 4), Qt::AlignRight | Qt::AlignBottom,
                    QString::number(page_));
  painter_.restore();
}

void PageWriter::new_page() {
  writer_.newPage();
  ++page_;
  y_ = 0;
  footer();
}

void PageWriter::need(double points) {
  if (left_over() < points) new_page();
}

void PageWriter::set_font(double size, bool bold) {
  QFont font("Lato");
  // Any spacing keeps Qt from ligatures, which programs that read the text would take for other letters.
  font.setLetterSpacing(QFont::AbsoluteSpacing, 0.05);
  font.setPointSizeF(size * kPoint / kDpi);
  font.setBold(bold);
  painter_.setFont(font);
  painter_.setPen(QColor(20, 20, 20));
}

void PageWriter::heading(const QString& text) {
  need(60);
  if (y_ > 0) down(10);
  set_font(14, true);
  painter_.drawText(QRectF(0, y_, width_, 20), Qt::AlignLeft | Qt::AlignVCenter, text);
  down(26);
}

double PageWriter::height_of(const QString& text, double width, double size, bool bold) {
  set_font(size, bold);
  return painter_.boundingRect(QRectF(0, 0, width, 10000), Qt::TextWordWrap, with_units(text)).height();
}

void PageWriter::rule() {
  painter_.setPen(QPen(QColor(150, 150, 150), 0.5));
  painter_.drawLine(QPointF(0, y_), QPointF(width_, y_));
  down(4);
}

double PageWriter::paragraph(const QString& text, double x, double width, double size, bool bold) {
  if (width <= 0) width = width_ - x;
  const double height = height_of(text, width, size, bold);
  need(height + 2);
  painter_.drawText(QRectF(x, y_, width, height + 2), Qt::TextWordWrap, with_units(text));
  down(height + 3);
  return height;
}

void PageWriter::line(const QString& text, double x, double width, double size, Qt::Alignment align, bool bold) {
  set_font(size, bold);
  const QFontMetricsF metrics(painter_.font(), painter_.device());
  const QString shown = metrics.elidedText(text, Qt::ElideRight, width);
  painter_.drawText(QRectF(x, y_, width, size * 1.5), align | Qt::AlignVCenter | Qt::TextSingleLine, shown);
}

void PageWriter::swatch(const QColor& colour, double x, double width, double height) {
  painter_.save();
  painter_.setPen(QPen(QColor(120, 120, 120), 0.4));
  painter_.setBrush(colour.alpha() == 0 ? QBrush(Qt::NoBrush) : QBrush(colour));
  painter_.drawRect(QRectF(x, y_, width, height));
  painter_.restore();
}

void PageWriter::picture(const QImage& image, const QRectF& box) {
  const QSizeF size = QSizeF(image.size()).scaled(box.size(), Qt::KeepAspectRatio);
  painter_.drawImage(QRectF(box.topLeft(), size), image);
}

}  // namespace yd::exports
