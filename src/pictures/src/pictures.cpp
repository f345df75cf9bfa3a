// SPDX-License-Identifier: MIT
#include "pictures/pictures.h"

#include "pictures/screen.h"

#include <QBuffer>
#include <QColorSpace>
#include <QFileInfo>
#include <QImage>
#include <QImageReader>
#include <QLoggingCategory>
#include <QPainter>
#include <algorithm>
#include <cstring>
#include <fcntl.h>
#include <mutex>
#include <string_view>
#include <unistd.h>

#include "files/read.h"
#include "files/write.h"
#include "heif.h"
#include "kind.h"
#include "size_limit.h"

namespace yd::pictures {
namespace {

std::string plain(const QString& text) { return text.toStdString(); }

/// Twice the working size keeps every detail the model uses; JPEG's own scaling then saves most of the decoding.
QSize scaled_while_decoding(const QByteArray& kind, const QSize& size) {
  const int side = std::max(size.width(), size.height());
  if (kind != "jpeg" || side < 4 * subject::kWorkingSide) return {};
  return size.scaled(2 * subject::kWorkingSide, 2 * subject::kWorkingSide, Qt::KeepAspectRatio);
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
  /// The same of readers that ask for what they want and no more.
  bool fell_short() const { return fell_short_; }
  void begin_watching() { ran_out_ = fell_short_ = false; }

 protected:
  qint64 readData(char* to, qint64 most) override {
    const qint64 n = std::min(most, bytes_.size() - pos());
    fell_short_ = fell_short_ || n < most;
    if (n <= 0) ran_out_ = most > 0;
    if (n <= 0) return 0;
    std::memcpy(to, bytes_.constData() + pos(), static_cast<std::size_t>(n));
    return n;
  }
  qint64 writeData(const char* /*bytes*/, qint64 /*count*/) override { return -1; }

 private:
  const QByteArray& bytes_;
  bool ran_out_ = false;
  bool fell_short_ = false;
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

/// Reads one picture of bytes that stay, as what they are and nothing else.
class Decoder {
 public:
  explicit Decoder(const QByteArray& bytes) : bytes_(bytes), watched_(bytes), kind_(reader_for(bytes)) {
    QImageReader::setAllocationLimit(static_cast<int>(kMostPixels * 8 >> 20));
    reader_.setDevice(&watched_);
    reader_.setAutoDetectImageFormat(false);
    reader_.setFormat(kind_);
    reader_.setAutoTransform(true);
  }

  /// Errors: `bad_format` and `too_large` naming `where`.
  Status may_read(const QString& where) {
    const std::string place = plain(where);
    if (kind_.isEmpty())
      return Error{Error::Code::bad_format, place, std::string("is no picture of a kind that is read: ") + kKindsRead};
    if (!reader_.canRead()) return Error{Error::Code::bad_format, place, "is not a picture that can be read"};
    const QSize size = reader_.size();
    return may_be_unpacked(size.width(), size.height(), where);
  }

  /// As large as it is, or scaled while it is decoded where that saves work.
  Result<QImage> read(const QString& where, QSize scaled) {
    if (scaled.isValid()) reader_.setScaledSize(scaled);
    watched_.begin_watching();
    const QImage image = reader_.read();
    // These readers fill what is missing with grey or leave it out, and say nothing.
    const bool cut = (kind_ == "jpeg" && watched_.ran_out()) || (kind_ == "bmp" && watched_.fell_short()) ||
                     (kind_ == "gif" && !gif_is_whole(bytes_));
    if (cut) return Error{Error::Code::bad_format, plain(where), "is cut short"};
    if (image.isNull())
      return Error{Error::Code::bad_format, plain(where), "is damaged or cut short: " + plain(reader_.errorString())};
    return image;
  }

  QSize size() const { return reader_.size(); }
  const QByteArray& kind() const { return kind_; }

 private:
  const QByteArray& bytes_;
  WatchedBytes watched_;
  QByteArray kind_;
  QImageReader reader_;
};

}  // namespace

Result<QByteArray> read_bytes(const QString& file) { return files::read_bytes(file, kMostBytes); }

Result<subject::RawPicture> decode(const QByteArray& bytes, const QString& where) {
  if (is_heif(bytes)) return decode_heif(bytes, where);
  const HushedDecoder hushed;
  Decoder decoder(bytes);
  if (const Status may = decoder.may_read(where); !may) return may.error();
  const auto image = decoder.read(where, scaled_while_decoding(decoder.kind(), decoder.size()));
  if (!image) return image.error();
  return to_raw(image.value());
}

namespace {

QImage to_small(const subject::RawPicture& raw, QSize within) {
  QImage whole(raw.width, raw.height, QImage::Format_RGB888);
  const auto width = static_cast<std::size_t>(raw.width) * 3;
  for (int y = 0; y < raw.height; ++y) {
    const auto* from = &raw.rgb[static_cast<std::size_t>(y) * width];
    std::transform(from, from + width, whole.scanLine(y), [](std::uint16_t v) { return static_cast<uchar>(v >> 8); });
  }
  return shrunk(whole, fitted(whole.size(), within));
}

}  // namespace

Result<QImage> decode_small(const QByteArray& bytes, const QString& where, QSize within) {
  if (is_heif(bytes)) {
    const auto raw = decode_heif(bytes, where);
    if (!raw) return raw.error();
    return to_small(raw.value(), within);
  }
  const HushedDecoder hushed;
  Decoder decoder(bytes);
  if (const Status may = decoder.may_read(where); !may) return may.error();
  return decoder.read(where, fitted(decoder.size(), within));
}

namespace {

/// By the name of the file where it says one that is written.
const char* format_for(const QString& file) {
  const QString kind = QFileInfo(file).suffix().toLower();
  if (kind == "jpg" || kind == "jpeg") return "JPG";
  return kind == "png" || kind.isEmpty() || file == files::kStandardOutput ? "PNG" : nullptr;
}

Status write_as(const char* format, const QString& file, const subject::Grid<colour::Rgb8>& image, int quality) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  if (!to_image(image).save(&buffer, format, quality)) return Error{Error::Code::io, plain(file), "cannot be packed"};
  return files::write_bytes(file, bytes);
}

}  // namespace

Status write_png(const QString& file, const subject::Grid<colour::Rgb8>& image) {
  return write_as("PNG", file, image, -1);
}

Status write_photograph(const QString& file, const subject::Grid<colour::Rgb8>& image) {
  constexpr int kQuality = 90;
  const char* const format = format_for(file);
  if (format == nullptr) return bad_value(plain(file), "must end in .png, .jpg or .jpeg");
  return write_as(format, file, image, std::string_view(format) == "JPG" ? kQuality : -1);
}

}  // namespace yd::pictures
