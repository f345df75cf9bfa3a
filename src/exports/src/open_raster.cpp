// SPDX-License-Identifier: MIT
#include "exports/open_raster.h"

#include <QCoreApplication>
#include <QXmlStreamWriter>

#include "board/painted.h"
#include "exports/pass_words.h"
#include "formats/archive.h"
#include "pictures/screen.h"
#include "plan_pictures.h"
#include "print_words.h"

namespace yd::exports {
namespace {

constexpr int kThumbnail = 256;  // pixels, the most the layout allows
constexpr const char* kMime = "image/openraster";

struct LayerEntry {
  QString name;
  QString file;
  QPoint at;
  bool visible = true;
};

/// The pixels that a pass changes, the rest transparent, cut to what is covered.
QImage pass_layer(const board::BoardImage& before, const board::BoardImage& board, QPoint& at) {
  QImage whole(board.width, board.height, QImage::Format_ARGB32);
  whole.fill(0);
  QRect covered;
  for (int y = 0; y < board.height; ++y) {
    auto* row = reinterpret_cast<QRgb*>(whole.scanLine(y));
    int first = -1;
    int last = -1;
    for (int x = 0; x < board.width; ++x) {
      const colour::Rgb8 c = board.at(x, y);
      if (c == before.at(x, y)) continue;
      row[x] = qRgb(c.r, c.g, c.b);
      if (first < 0) first = x;
      last = x;
    }
    if (first >= 0) covered |= QRect(QPoint(first, y), QPoint(last, y));
  }
  at = covered.topLeft();
  return covered.isEmpty() ? QImage() : whole.copy(covered);
}

QByteArray stack_xml(const PlanView& p, const QList<LayerEntry>& layers) {
  QByteArray out;
  QXmlStreamWriter xml(&out);
  xml.setAutoFormatting(true);
  xml.writeStartDocument();
  xml.writeStartElement("image");
  xml.writeAttribute("version", "0.0.5");
  xml.writeAttribute("w", QString::number(p.map.target.width));
  xml.writeAttribute("h", QString::number(p.map.target.height));
  xml.writeStartElement("stack");
  // The first layer in the file is the topmost.
  for (qsizetype n = layers.size(); n > 0; --n) {
    const LayerEntry& layer = layers[n - 1];
    xml.writeStartElement("layer");
    xml.writeAttribute("name", layer.name);
    xml.writeAttribute("src", layer.file);
    xml.writeAttribute("x", QString::number(layer.at.x()));
    xml.writeAttribute("y", QString::number(layer.at.y()));
    xml.writeAttribute("opacity", "1.0");
    xml.writeAttribute("visibility", layer.visible ? "visible" : "hidden");
    xml.writeAttribute("composite-op", "svg:src-over");
    xml.writeEndElement();
  }
  xml.writeEndElement();
  xml.writeEndElement();
  xml.writeEndDocument();
  return out;
}

}  // namespace

Result<QByteArray> open_raster(const PlanView& p, Observer& observer) {
  formats::Entries entries;
  QList<LayerEntry> layers;
  const auto add = [&](const QString& name, const QImage& image, QPoint at, bool visible) {
    const QString file = QString("data/layer%1.png").arg(layers.size(), 3, 10, QChar('0'));
    layers.append({name, file, at, visible});
    entries[file.toStdString()] = pictures::png(image);
  };
  const board::Stages stages(p.map, p.plan, p.paper, p.collection, p.parameters);
  board::BoardImage before = stages.after(0);
  add(Printed::tr("Bare paper"), pictures::to_image(before), {}, true);
  const int all = static_cast<int>(p.plan.passes.size());
  for (int i = 0; i < all; ++i) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "export", "stopped"};
    const plan::Pass& pass = p.plan.passes[static_cast<std::size_t>(i)];
    QPoint at;
    board::BoardImage after = stages.after(i + 1);
    const QImage layer = pass_layer(before, after, at);
    before = std::move(after);
    if (!layer.isNull() && !pass.skipped)
      add(QString("%1. %2").arg(pass.number, 2, 10, QChar('0')).arg(words_of(p, i).title), layer, at, true);
    observer.progress(static_cast<double>(i + 1) / (all + 2), "writing layers");
  }
  add(Printed::tr("Reference"), subject_picture(p), {}, false);
  const QImage merged = board_picture(p);
  entries["mergedimage.png"] = pictures::png(merged);
  entries["Thumbnails/thumbnail.png"] =
      pictures::png(merged.scaled(kThumbnail, kThumbnail, Qt::KeepAspectRatio, Qt::SmoothTransformation));
  entries["stack.xml"] = stack_xml(p, layers);
  entries["mimetype"] = kMime;
  return formats::pack_archive(entries, "mimetype");
}

}  // namespace yd::exports
