// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QPixmap>
#include <QWidget>

#include "models/overlay.h"

namespace yd::app {

/// Zoom, place and pointer that several views share.
class ViewLink : public QObject {
  Q_OBJECT
 public:
  using QObject::QObject;
  double zoom = 0;           ///< screen pixels per picture pixel; 0: fit
  QPointF centre{0.5, 0.5};  ///< share of the picture in the middle of the view
  QPoint pointer{-1, -1};    ///< picture pixel under the pointer

  bool tool = false;         ///< paths are drawn instead of the picture being moved
  bool mirrored = false;     ///< left is right
  bool upside_down = false;  ///< top is bottom
  bool on_its_side = false;  ///< after that, turned to the right: its top is at the right

  void set_flip(bool left_right, bool top_bottom, bool sideways);
  void set_view(double new_zoom, QPointF new_centre);
  void set_pointer(QPoint pixel);

 signals:
  void view_changed();
  void pointer_changed(QPoint pixel);
  void clicked();
  /// With a tool: a line drawn by hand, places as shares of the picture. Space marks one place under the pointer.
  void path_begun(QPointF share);
  void path_moved(QPointF share);
  void path_ended(QPointF share);
};

/// A picture that can be zoomed and moved; knows nothing of what it shows.
class PictureView : public QWidget {
  Q_OBJECT
 public:
  PictureView(ViewLink& link, const QString& name, QWidget* parent = nullptr);

  void set_image(const QImage& image);
  /// Dims all but the white of the mask; a null image dims nothing.
  void set_mask(const QImage& mask);
  void set_overlay(const Overlay& overlay);
  /// Another picture, shown left of the pointer while the wipe is on.
  void set_beneath(const QImage& image);
  void show_beneath(bool on);
  /// Where a picture's pixel is on the widget.
  QPointF place_of(QPoint pixel) const;
  /// Whether the link's tool draws here.
  void take_tools(bool on) { takes_tools_ = on; }
  QSize sizeHint() const override { return {420, 300}; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void leaveEvent(QEvent* event) override;

 private:
  double scale() const;
  double fit() const;  ///< the scale at which all of it is seen
  QPointF middle_of_room() const { return {room().width() / 2, room().height() / 2}; }
  QRectF target() const;
  QPoint pixel_at(QPointF place) const;
  void zoom_by(double factor, QPointF around);
  void move_by(QPointF screen_pixels);
  QPointF share_at(QPointF place) const;
  /// The widget's room as the picture finds it before it is turned on its side.
  QSizeF room() const { return link_.on_its_side ? QSizeF(size()).transposed() : QSizeF(size()); }
  QPointF mirrored(QPointF place) const;
  /// A place of the widget as it would be without mirror and turning, and the other way.
  QPointF upright(QPointF place) const;
  QPointF on_widget(QPointF place) const;
  bool drawing() const { return takes_tools_ && link_.tool; }
  void draw_overlay(QPainter& painter, const QRectF& where);
  void draw_strokes(QPainter& painter, const QRectF& where);
  void draw_crosshair(QPainter& painter) const;

  ViewLink& link_;
  /// A picture and what was last drawn of it: smaller ones are averaged once, not at every paint.
  struct Sheet {
    QImage image;
    QPixmap drawn;
    QSize drawn_px;
  };
  const QPixmap& drawn(Sheet& sheet, const QSizeF& size);
  void draw_sheet(QPainter& painter, Sheet& sheet, const QRectF& where);
  double wipe_at(const QRectF& where) const;

  Sheet plain_;
  Sheet dimmed_;
  Sheet beneath_;
  QImage mask_;
  bool wiping_ = false;
  Overlay overlay_;
  /// The strokes as they were last drawn, and where.
  QPixmap strokes_;
  QRectF strokes_at_;
  int strokes_flip_ = 0;
  bool takes_tools_ = false;
  QPointF grabbed_;
  QPointF pressed_;
};

}  // namespace yd::app
