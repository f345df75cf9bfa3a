// SPDX-License-Identifier: MIT
#include "widgets/picture_view.h"

#include <QKeyEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>
#include <tuple>

#include "looks/images.h"
#include "pictures/screen.h"
#include "widgets/spoken.h"
#include "widgets/style.h"

namespace yd::app {
namespace {

constexpr double kMostZoom = 16;

/// The picture under a grey veil where the mask is black; thinner where it is grey: pressure as depth.
QImage dim_outside(const QImage& image, const QImage& mask) {
  constexpr int kVeil = 190;
  constexpr int kThinVeil = 110;  // over the lightest touch
  QImage veil(image.size(), QImage::Format_ARGB32_Premultiplied);
  for (int y = 0; y < veil.height(); ++y) {
    const uchar* lit = mask.constScanLine(y);
    auto* out = reinterpret_cast<QRgb*>(veil.scanLine(y));
    for (int x = 0; x < veil.width(); ++x)
      out[x] = qPremultiply(qRgba(119, 119, 119, lit[x] == 0 ? kVeil : (255 - lit[x]) * kThinVeil / 255));
  }
  QImage out = image.convertToFormat(QImage::Format_RGB32);
  QPainter(&out).drawImage(0, 0, veil);
  return out;
}

}  // namespace

void ViewLink::set_view(double new_zoom, QPointF new_centre) {
  zoom = new_zoom;
  centre = {std::clamp(new_centre.x(), 0.0, 1.0), std::clamp(new_centre.y(), 0.0, 1.0)};
  emit view_changed();
}

void ViewLink::set_flip(bool left_right, bool top_bottom, bool sideways) {
  mirrored = left_right;
  upside_down = top_bottom;
  on_its_side = sideways;
  emit view_changed();
}

void ViewLink::set_pointer(QPoint pixel) {
  if (pixel == pointer) return;
  pointer = pixel;
  emit pointer_changed(pixel);
}

PictureView::PictureView(ViewLink& link, const QString& name, QWidget* parent) : QWidget(parent), link_(link) {
  speak_as(this, QAccessible::Graphic);
  setAccessibleName(name);
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  setMinimumSize(160, 120);
  connect(&link_, &ViewLink::view_changed, this, qOverload<>(&QWidget::update));
  connect(&link_, &ViewLink::pointer_changed, this, qOverload<>(&QWidget::update));
}

void PictureView::set_image(const QImage& image) {
  plain_ = {image, {}, {}};
  set_mask(mask_);
}

void PictureView::set_mask(const QImage& mask) {
  mask_ = mask;
  const bool fits = !mask.isNull() && mask.size() == plain_.image.size();
  dimmed_ = {fits ? dim_outside(plain_.image, mask) : QImage(), {}, {}};
  update();
}

void PictureView::set_beneath(const QImage& image) {
  beneath_ = {image, {}, {}};
  if (wiping_) update();
}

void PictureView::show_beneath(bool on) {
  wiping_ = on;
  update();
}

const QPixmap& PictureView::drawn(Sheet& sheet, const QSizeF& size) {
  const QSize px = (size * devicePixelRatioF()).toSize();
  const bool smaller = px.width() < sheet.image.width();
  const QSize wanted = smaller ? px : sheet.image.size();
  if (sheet.drawn_px != wanted || sheet.drawn.isNull()) {
    sheet.drawn = QPixmap::fromImage(smaller ? pictures::shrunk(sheet.image, wanted) : sheet.image);
    sheet.drawn_px = wanted;
  }
  return sheet.drawn;
}

void PictureView::draw_sheet(QPainter& painter, Sheet& sheet, const QRectF& where) {
  const QPixmap& pixmap = drawn(sheet, where.size());
  // Averaged pictures fall pixel on pixel; larger than life one sees the pixels.
  painter.setRenderHint(QPainter::SmoothPixmapTransform, scale() > 1 && scale() < 1.5);
  painter.drawPixmap(sheet.drawn_px == sheet.image.size() ? where : QRectF(where.topLeft().toPoint(), where.size()),
                     pixmap, QRectF(pixmap.rect()));
}

double PictureView::wipe_at(const QRectF& where) const {
  if (link_.pointer.x() < 0) return where.center().x();
  return where.left() + (link_.pointer.x() + 0.5) * scale();
}

void PictureView::set_overlay(const Overlay& overlay) {
  overlay_ = overlay;
  strokes_ = {};
  update();
}

QPointF PictureView::mirrored(QPointF place) const {
  return {link_.mirrored ? room().width() - place.x() : place.x(),
          link_.upside_down ? room().height() - place.y() : place.y()};
}

QPointF PictureView::upright(QPointF place) const {
  return mirrored(link_.on_its_side ? QPointF(place.y(), width() - place.x()) : place);
}

QPointF PictureView::on_widget(QPointF place) const {
  const QPointF p = mirrored(place);
  return link_.on_its_side ? QPointF(width() - p.y(), p.x()) : p;
}

QPointF PictureView::share_at(QPointF place) const {
  const QRectF t = target();
  return {std::clamp((place.x() - t.left()) / std::max(1.0, t.width()), 0.0, 1.0),
          std::clamp((place.y() - t.top()) / std::max(1.0, t.height()), 0.0, 1.0)};
}

/// A pass may have a thousand: they are drawn once for as long as nothing moves.
void PictureView::draw_strokes(QPainter& painter, const QRectF& where) {
  if (overlay_.strokes.isEmpty()) return;
  const double ratio = devicePixelRatioF();
  const QSize px = (QSizeF(size()) * ratio).toSize();
  const int flip = (link_.mirrored ? 1 : 0) + (link_.upside_down ? 2 : 0) + (link_.on_its_side ? 4 : 0);
  if (strokes_.size() != px || strokes_at_ != where || strokes_flip_ != flip) {
    strokes_flip_ = flip;
    strokes_ = QPixmap(px);
    strokes_.setDevicePixelRatio(ratio);
    strokes_.fill(Qt::transparent);
    strokes_at_ = where;
    QPainter on(&strokes_);
    on.setRenderHint(QPainter::Antialiasing);
    const auto on_screen = [&](QPointF share) {
      return on_widget(where.topLeft() + QPointF(share.x() * where.width(), share.y() * where.height()));
    };
    for (const Overlay::Stroke& s : overlay_.strokes) {
      QPolygonF outline;
      outline.reserve(s.outline.size());
      for (const QPointF& p : s.outline) outline << on_screen(p);
      // Dark beside light: seen on every colour.
      for (const bool dark : {true, false}) {
        const int strength = s.strong ? (dark ? 220 : 255) : (dark ? 70 : 130);
        on.setPen(QPen(dark ? QColor(20, 20, 20, strength) : QColor(250, 250, 250, strength), dark ? 1.8 : 0.8));
        on.setBrush(Qt::NoBrush);
        on.drawPolygon(outline);
      }
      if (!s.strong) continue;
      on.setPen(QPen(QColor(20, 20, 20), 1));
      on.setBrush(QColor(250, 250, 250));
      on.drawEllipse(on_screen(s.begins), 2.5, 2.5);
    }
  }
  painter.drawPixmap(0, 0, strokes_);
}

void PictureView::draw_overlay(QPainter& painter, const QRectF& where) {
  draw_strokes(painter, where);
  const auto on_screen = [&](QPointF share) {
    return on_widget(where.topLeft() + QPointF(share.x() * where.width(), share.y() * where.height()));
  };
  // What is drawn afterwards, the frame of the focus, has no brush of ours.
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  // All the dark first: the pieces of a border would cut each other's light.
  for (const bool dark : {true, false}) {
    for (const Overlay::Mark& m : overlay_.marks) {
      const QColor of = dark ? QColor(20, 20, 20, m.strong ? 255 : 130) : QColor(245, 245, 245, m.strong ? 255 : 170);
      painter.setPen(QPen(of, (m.strong ? 2 : 1) * (dark ? 2 : 1)));
      painter.drawLine(QLineF(on_screen(m.line.p1()), on_screen(m.line.p2())));
    }
  }
  for (const Overlay::Word& w : overlay_.words) {
    QRectF box = QFontMetricsF(font()).boundingRect(w.text).adjusted(-5, -3, 5, 3);
    box.moveCenter(on_screen(w.at));
    box.moveLeft(std::clamp(box.left(), 2.0, std::max(2.0, width() - box.width() - 2)));
    box.moveTop(std::clamp(box.top(), 2.0, std::max(2.0, height() - box.height() - 2)));
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(30, 30, 30, 200));
    painter.drawRoundedRect(box, 3, 3);
    painter.setPen(QColor(245, 245, 245));
    painter.drawText(box, Qt::AlignCenter, w.text);
  }
  painter.restore();
}

double PictureView::scale() const {
  if (link_.zoom > 0) return link_.zoom;
  if (plain_.image.isNull()) return 1;
  return fit();
}

double PictureView::fit() const {
  return std::min(room().width() / plain_.image.width(), room().height() / plain_.image.height());
}

QRectF PictureView::target() const {
  const QSizeF size = QSizeF(plain_.image.size()) * scale();
  const QPointF middle = middle_of_room();
  const QPointF centre = link_.zoom > 0 ? link_.centre : QPointF(0.5, 0.5);
  return {middle - QPointF(centre.x() * size.width(), centre.y() * size.height()), size};
}

QPoint PictureView::pixel_at(QPointF place) const {
  const QRectF t = target();
  if (!t.contains(place) || plain_.image.isNull()) return {-1, -1};
  const QPointF p = (place - t.topLeft()) / scale();
  return {std::min(static_cast<int>(p.x()), plain_.image.width() - 1),
          std::min(static_cast<int>(p.y()), plain_.image.height() - 1)};
}

QPointF PictureView::place_of(QPoint pixel) const {
  return on_widget(target().topLeft() + (QPointF(pixel) + QPointF(0.5, 0.5)) * scale());
}

void PictureView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), judging_grey());
  Sheet& shown = dimmed_.image.isNull() ? plain_ : dimmed_;
  if (!shown.image.isNull()) {
    const QRectF where = target();
    painter.save();
    if (link_.on_its_side) {
      painter.translate(width(), 0);
      painter.rotate(90);
    }
    painter.translate(link_.mirrored ? room().width() : 0, link_.upside_down ? room().height() : 0);
    painter.scale(link_.mirrored ? -1 : 1, link_.upside_down ? -1 : 1);
    draw_sheet(painter, shown, where);
    if (wiping_ && beneath_.image.size() == shown.image.size()) {
      const double x = wipe_at(where);
      painter.setClipRect(QRectF(0, 0, x, room().height()));
      draw_sheet(painter, beneath_, where);
      painter.setClipping(false);
      painter.setPen(QPen(QColor(245, 245, 245), 1));
      painter.drawLine(QPointF(x, where.top()), QPointF(x, where.bottom()));
    }
    painter.restore();
    draw_overlay(painter, where);
    draw_crosshair(painter);
  }
  if (hasFocus()) {
    painter.setPen(QPen(accent(), 2));
    painter.drawRect(rect().adjusted(1, 1, -1, -1));
  }
}

void PictureView::draw_crosshair(QPainter& painter) const {
  if (link_.pointer.x() < 0) return;
  const QPointF at = place_of(link_.pointer);
  for (const auto& [colour, width] : {std::pair{QColor(20, 20, 20), 3.0}, std::pair{QColor(240, 240, 240), 1.0}}) {
    painter.setPen(QPen(colour, width));
    painter.drawLine(at - QPointF(9, 0), at - QPointF(4, 0));
    painter.drawLine(at + QPointF(4, 0), at + QPointF(9, 0));
    painter.drawLine(at - QPointF(0, 9), at - QPointF(0, 4));
    painter.drawLine(at + QPointF(0, 4), at + QPointF(0, 9));
  }
}

void PictureView::zoom_by(double factor, QPointF around) {
  if (plain_.image.isNull()) return;
  const QRectF before = target();
  const double zoom = std::min(scale() * factor, kMostZoom);
  if (zoom <= fit()) return link_.set_view(0, {0.5, 0.5});
  // The picture point under the pointer stays under it.
  const QPointF point = (around - before.topLeft()) / scale();
  const QPointF centre = point + (middle_of_room() - around) / zoom;
  link_.set_view(zoom, {centre.x() / plain_.image.width(), centre.y() / plain_.image.height()});
}

void PictureView::move_by(QPointF d) {
  if (link_.zoom <= 0 || plain_.image.isNull()) return;
  link_.set_view(link_.zoom, link_.centre - QPointF(d.x() / (scale() * plain_.image.width()),
                                                    d.y() / (scale() * plain_.image.height())));
}

void PictureView::wheelEvent(QWheelEvent* event) {
  zoom_by(std::pow(1.0015, event->angleDelta().y()), upright(event->position()));
}

void PictureView::mousePressEvent(QMouseEvent* event) {
  grabbed_ = pressed_ = upright(event->position());
  link_.set_pointer(pixel_at(upright(event->position())));
  if (drawing() && event->button() == Qt::LeftButton) emit link_.path_begun(share_at(upright(event->position())));
}

void PictureView::mouseMoveEvent(QMouseEvent* event) {
  if ((event->buttons() & Qt::LeftButton) && drawing()) {
    emit link_.path_moved(share_at(upright(event->position())));
  } else if (event->buttons() & Qt::LeftButton) {
    move_by(upright(event->position()) - grabbed_);
    grabbed_ = upright(event->position());
  }
  link_.set_pointer(pixel_at(upright(event->position())));
}

void PictureView::mouseReleaseEvent(QMouseEvent* event) {
  if (drawing()) {
    if (event->button() == Qt::LeftButton) emit link_.path_ended(share_at(upright(event->position())));
    return;
  }
  constexpr double kStill_px = 4;
  const bool still = (upright(event->position()) - pressed_).manhattanLength() < kStill_px;
  if (still && link_.pointer.x() >= 0) emit link_.clicked();
}

void PictureView::mouseDoubleClickEvent(QMouseEvent* event) {
  if (link_.zoom > 0) {
    link_.set_view(0, {0.5, 0.5});
  } else {
    zoom_by(1.0 / scale(), upright(event->position()));  // one picture pixel to one screen pixel
  }
}

void PictureView::keyPressEvent(QKeyEvent* event) {
  const QPointF middle = middle_of_room();
  const QPoint at = link_.pointer.x() < 0 ? QPoint(plain_.image.width() / 2, plain_.image.height() / 2) : link_.pointer;
  const int step = event->modifiers() & Qt::ShiftModifier ? 40 : 8;
  const auto go = [&](int dx, int dy) {
    if (link_.on_its_side) std::tie(dx, dy) = std::pair(dy, -dx);
    if (link_.mirrored) dx = -dx;
    if (link_.upside_down) dy = -dy;
    link_.set_pointer({std::clamp(at.x() + dx, 0, std::max(0, plain_.image.width() - 1)),
                       std::clamp(at.y() + dy, 0, std::max(0, plain_.image.height() - 1))});
  };
  switch (event->key()) {
    case Qt::Key_Plus:
      zoom_by(1.25, middle);
      break;
    case Qt::Key_Minus:
      zoom_by(0.8, middle);
      break;
    case Qt::Key_Return:
      emit link_.clicked();
      break;
    case Qt::Key_Space:
      if (!drawing() || plain_.image.isNull()) break;
      {
        const QPointF share((at.x() + 0.5) / plain_.image.width(), (at.y() + 0.5) / plain_.image.height());
        emit link_.path_begun(share);
        emit link_.path_ended(share);
      }
      break;
    case Qt::Key_0:
      link_.set_view(0, {0.5, 0.5});
      break;
    case Qt::Key_Left:
      go(-step, 0);
      break;
    case Qt::Key_Right:
      go(step, 0);
      break;
    case Qt::Key_Up:
      go(0, -step);
      break;
    case Qt::Key_Down:
      go(0, step);
      break;
    default:
      QWidget::keyPressEvent(event);
  }
}

void PictureView::leaveEvent(QEvent*) { link_.set_pointer({-1, -1}); }

}  // namespace yd::app
