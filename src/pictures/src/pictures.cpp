#include "pictures/pictures.h"

#include "pictures/screen.h"

#include <QBuffer>
#include <QColorSpace>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QImageReader>
#include <QPainter>
#include <QSaveFile>
#include <algorithm>
#include <cstring>

#include "heif.h"

namespace yd::pictures {
namespace {

std::string plain(const QString& text) { return text.toStdString(); }

/// Twice the working size keeps every detail the model uses; JPEG's own scaling then saves most of the decoding.
void scale_while_decoding(QImageReader& reader, const QSize& size) {
  const int side = std::max(size.width(), size.height());
  if (reader.format() != "jpeg" || side < 4 * subject::kWorkingSide) return;
  reader.setScaledSize(size.scaled(2 * subject::kWorkingSide, 2 * subject::kWorkingSide, Qt::KeepAspectRatio));
}

QImage on_white(const QImage& image) {
  if (!image.hasAlphaChannel()) return image;
  QImage flat(image.size(), QImage::Format_RGBX64);
  flat.fill(Qt::white);
  QPainter(&flat).drawImage(0, 0, image);
  return flat;
}

/// libjpeg fills a cut file with grey and says nothing; its end-of-image marker is then missing.
bool cut_short(const QByteArray& bytes, const QByteArray& format) {
  return format == "jpeg" && !bytes.right(65536).contains("\xFF\xD9");
}

subject::RawPicture to_raw(const QImage& image) {
  const QByteArray icc = image.colorSpace().iccProfile();
  subject::RawPicture out;
  out.width = image.width();
  out.height = image.height();
  out.icc.assign(icc.begin(), icc.end());
  out.rgb.resize(3 * static_cast<std::size_t>(out.width) * static_cast<std::size_t>(out.height));
  std::uint16_t* to = out.rgb.data();
  // Strip by strip: the whole picture twice over would be the largest thing in memory.
  constexpr int kStrip = 64;
  for (int top = 0; top < out.height; top += kStrip) {
    const QImage strip = image.copy(0, top, out.width, std::min(kStrip, out.height - top));
    const QImage wide = on_white(strip).convertToFormat(QImage::Format_RGBX64);
    for (int y = 0; y < wide.height(); ++y) {
      const auto* from = reinterpret_cast<const std::uint16_t*>(wide.constScanLine(y));
      for (int x = 0; x < out.width; ++x, from += 4, to += 3) std::memcpy(to, from, 3 * sizeof(std::uint16_t));
    }
  }
  return out;
}

}  // namespace

Result<QByteArray> read_bytes(const QString& file) {
  const QFileInfo info(file);
  if (info.isDir()) return Error{Error::Code::io, plain(file), "is a folder, not a picture"};
  QFile in(file);
  if (!in.open(QIODevice::ReadOnly))
    return Error{Error::Code::not_found, plain(file), "cannot be opened: " + plain(in.errorString())};
  if (in.size() > kMostBytes) return Error{Error::Code::too_large, plain(file), "is larger than 400 MB"};
  QByteArray bytes = in.read(kMostBytes);
  if (in.error() != QFileDevice::NoError)
    return Error{Error::Code::io, plain(file), "cannot be read: " + plain(in.errorString())};
  return bytes;
}

Result<subject::RawPicture> decode(const QByteArray& bytes, const QString& where) {
  if (is_heif(bytes)) return decode_heif(bytes, where);
  QBuffer buffer;
  buffer.setData(bytes);
  buffer.open(QIODevice::ReadOnly);
  QImageReader::setAllocationLimit(static_cast<int>(kMostPixels * 8 >> 20));
  QImageReader reader(&buffer);
  reader.setAutoTransform(true);
  if (!reader.canRead()) return Error{Error::Code::bad_format, plain(where), "is not a picture that can be read"};
  const QSize size = reader.size();
  if (size.isValid() && static_cast<qint64>(size.width()) * size.height() > kMostPixels) {
    return Error{Error::Code::too_large, plain(where), "has more than 120 million pixels"};
  }
  if (cut_short(bytes, reader.format())) return Error{Error::Code::bad_format, plain(where), "is cut short"};
  if (size.isValid()) scale_while_decoding(reader, size);
  const QImage image = reader.read();
  if (image.isNull())
    return Error{Error::Code::bad_format, plain(where), "is damaged or cut short: " + plain(reader.errorString())};
  return to_raw(image);
}

Status write_png(const QString& file, const subject::Grid<colour::Rgb8>& image) {
  const QImage out = to_image(image);
  QSaveFile save(file);
  if (!save.open(QIODevice::WriteOnly))
    return Error{Error::Code::io, plain(file), "cannot be written: " + plain(save.errorString())};
  if (!out.save(&save, "PNG") || !save.commit())
    return Error{Error::Code::io, plain(file), "cannot be written: " + plain(save.errorString())};
  return success();
}

}  // namespace yd::pictures
