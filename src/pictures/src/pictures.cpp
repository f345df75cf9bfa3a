// SPDX-License-Identifier: MIT
#include "pictures/pictures.h"

#include "pictures/screen.h"

#include <QColorSpace>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QImageReader>
#include <QLoggingCategory>
#include <QPainter>
#include <QSaveFile>
#include <algorithm>
#include <cstring>
#include <fcntl.h>
#include <mutex>
#include <unistd.h>

#include "heif.h"
#include "size_limit.h"
#include "support/disk_words.h"

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

/// Bytes that notice when more of them are wanted than there are. libjpeg fills a cut picture with grey and says
/// nothing, but only after it has asked for what is missing; what lies behind the picture's end it never asks for.
class WatchedBytes : public QIODevice {
 public:
  explicit WatchedBytes(const QByteArray& bytes) : bytes_(bytes) { open(ReadOnly | Unbuffered); }
  qint64 size() const override { return bytes_.size(); }
  bool ran_out() const { return ran_out_; }
  void begin_watching() { ran_out_ = false; }

 protected:
  qint64 readData(char* to, qint64 most) override {
    const qint64 n = std::min(most, bytes_.size() - pos());
    if (n <= 0) ran_out_ = most > 0;
    if (n <= 0) return 0;
    std::memcpy(to, bytes_.constData() + pos(), static_cast<std::size_t>(n));
    return n;
  }
  qint64 writeData(const char* /*bytes*/, qint64 /*count*/) override { return -1; }

 private:
  const QByteArray& bytes_;
  bool ran_out_ = false;
};

/// The decoders' own lines on standard error are for those who write decoders. Most go through Qt's log; libpng and
/// libtiff print themselves, and Qt leaves no way to take that over: standard error leads nowhere while they work.
class HushedDecoder {
 public:
  HushedDecoder() : lock_(one()) {
    static const bool once = [] {
      QLoggingCategory::setFilterRules("qt.gui.imageio*=false\nqt.imageformats*=false");
      return true;
    }();
    static_cast<void>(once);
    kept_ = ::dup(STDERR_FILENO);
    const int nowhere = ::open("/dev/null", O_WRONLY | O_CLOEXEC);
    if (kept_ >= 0 && nowhere >= 0) ::dup2(nowhere, STDERR_FILENO);
    if (nowhere >= 0) ::close(nowhere);
  }
  ~HushedDecoder() {
    if (kept_ >= 0) {
      ::dup2(kept_, STDERR_FILENO);
      ::close(kept_);
    }
  }
  HushedDecoder(const HushedDecoder&) = delete;
  HushedDecoder& operator=(const HushedDecoder&) = delete;

 private:
  static std::mutex& one() {
    static std::mutex m;
    return m;
  }
  std::unique_lock<std::mutex> lock_;
  int kept_ = -1;
};

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

/// Over the file that is there only once all is written.
Status write(const QString& file, const QImage& image, const char* format, int quality) {
  QSaveFile save(file);
  errno = 0;
  if (!save.open(QIODevice::WriteOnly) || !image.save(&save, format, quality) || !save.flush() || !save.commit())
    return Error{Error::Code::io, plain(file), "cannot be written: " + disk_words(errno)};
  return success();
}

}  // namespace

Result<QByteArray> read_bytes(const QString& file) {
  const QFileInfo info(file);
  if (info.isDir()) return Error{Error::Code::io, plain(file), "is a folder, not a picture"};
  QFile in(file);
  if (!in.exists() && file.contains(QChar::ReplacementCharacter))
    return Error{Error::Code::not_found, plain(file), "has a name that is no text (UTF-8); rename it"};
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
  const HushedDecoder hushed;
  WatchedBytes watched(bytes);
  QImageReader::setAllocationLimit(static_cast<int>(kMostPixels * 8 >> 20));
  QImageReader reader(&watched);
  reader.setAutoTransform(true);
  if (!reader.canRead()) return Error{Error::Code::bad_format, plain(where), "is not a picture that can be read"};
  const QSize size = reader.size();
  if (const Status may = may_be_unpacked(size.width(), size.height(), where); !may) return may.error();
  const bool jpeg = reader.format() == "jpeg";
  if (size.isValid()) scale_while_decoding(reader, size);
  watched.begin_watching();
  const QImage image = reader.read();
  if (jpeg && watched.ran_out()) return Error{Error::Code::bad_format, plain(where), "is cut short"};
  if (image.isNull())
    return Error{Error::Code::bad_format, plain(where), "is damaged or cut short: " + plain(reader.errorString())};
  return to_raw(image);
}

Status write_png(const QString& file, const subject::Grid<colour::Rgb8>& image) {
  return write(file, to_image(image), "PNG", -1);
}

Status write_photograph(const QString& file, const subject::Grid<colour::Rgb8>& image) {
  constexpr int kQuality = 90;
  const bool jpeg = file.endsWith(".jpg", Qt::CaseInsensitive) || file.endsWith(".jpeg", Qt::CaseInsensitive);
  return jpeg ? write(file, to_image(image), "JPG", kQuality) : write_png(file, image);
}

}  // namespace yd::pictures
