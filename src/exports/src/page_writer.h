// SPDX-License-Identifier: MIT
#pragma once

#include <QBuffer>
#include <QPainter>
#include <QPdfWriter>

#include "exports/plan_pdf.h"

namespace yd::exports {

/// A PDF written from the top of the page down, in points. Starts a new page where something does not fit.
class PageWriter {
 public:
  PageWriter(QByteArray& out, const PdfOptions& options);

  QPainter& painter() { return painter_; }
  double width() const { return width_; }
  double left_over() const { return height_ - y_; }
  double y() const { return y_; }
  int number() const { return page_; }
  void down(double points) { y_ += points; }
  /// Begins a new page unless `points` are left.
  void need(double points);
  void new_page();

  void heading(const QString& text);
  /// Wrapped; returns its height.
  double paragraph(const QString& text, double x = 0, double width = 0, double size = 9.5, bool bold = false);
  /// On one line, elided where it does not fit; does not move down.
  void line(const QString& text, double x, double width, double size = 9, Qt::Alignment align = Qt::AlignLeft,
            bool bold = false);
  double height_of(const QString& text, double width, double size, bool bold);
  /// A thin line across, and a little room below it.
  void rule();
  void swatch(const QColor& colour, double x, double width, double height);
  void picture(const QImage& image, const QRectF& box);

 private:
  void set_font(double size, bool bold);
  void footer();

  QBuffer buffer_;
  QPdfWriter writer_;
  QPainter painter_;
  QString title_;
  double width_ = 0;
  double height_ = 0;
  double y_ = 0;
  int page_ = 1;
};

}  // namespace yd::exports
