// SPDX-License-Identifier: MIT
// Picture files: profiles, depth, alpha, damage.
#include <QBuffer>
#include <QColorSpace>
#include <QFile>
#include <QImage>
#include <QImageReader>
#include <QImageWriter>
#include <QTemporaryDir>
#include <QTemporaryFile>
#include <QTest>
#include <unistd.h>
#include <algorithm>

#include "colour/light.h"
#include "pictures/pictures.h"
#include "pictures/screen.h"
#include "support/random.h"

using namespace yd;

namespace {

QImage sample(int w = 64, int h = 40) {
  QImage image(w, h, QImage::Format_RGB888);
  for (int y = 0; y < h; ++y) {
    for (int x = 0; x < w; ++x) image.setPixelColor(x, y, QColor(4 * x % 256, 6 * y % 256, (x * y) % 256));
  }
  return image;
}

QByteArray encode(const QImage& image, const char* format, int quality = -1) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, format, quality);
  return bytes;
}

/// The JPEG with one more segment at its front.
QByteArray with_segment(const QByteArray& jpeg, char marker, const QByteArray& data) {
  QByteArray segment("\xFF", 1);
  segment += marker;
  const auto length = static_cast<int>(data.size()) + 2;
  segment += static_cast<char>(length >> 8);
  segment += static_cast<char>(length & 255);
  return jpeg.left(2) + segment + data + jpeg.mid(2);
}

}  // namespace

class TestPictures : public QObject {
  Q_OBJECT
 private slots:
  void png_keeps_its_pixels() {
    const auto raw = pictures::decode(encode(sample(), "PNG"), "a.png");
    QVERIFY(raw.ok());
    QCOMPARE(raw->width, 64);
    QCOMPARE(raw->rgb[3 * (5 * 64 + 9)], static_cast<std::uint16_t>(36 * 257));
  }

  // A drawing may name other files of the machine, wait for a pipe and grow without bound: it is no picture here,
  // whatever it is called.
  void a_drawing_is_no_picture() {
    const QByteArray svg =
        R"(<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><rect width="9" height="9"/></svg>)";
    for (const QByteArray& bytes : {svg, "<?xml version=\"1.0\"?>" + svg, qCompress(svg).mid(4)}) {
      for (const char* name : {"a.svg", "a.png", "reference.bin"}) {
        QVERIFY(!pictures::decode(bytes, name).ok());
        QVERIFY(!pictures::decode_small(bytes, name, {9, 9}).ok());
      }
      QVERIFY(pictures::kept_picture(bytes).isNull());
    }
  }

  void kinds_are_told_by_content() {
    for (const char* format : {"PNG", "JPG", "BMP", "PPM", "WEBP", "TIFF"}) {
      const auto raw = pictures::decode(encode(sample(), format, 100), "picture.txt");
      QVERIFY2(raw.ok(), format);
      QCOMPARE(raw->width, 64);
      QCOMPARE(pictures::decode_small(encode(sample(), format), "x", {32, 32}).value().size(), QSize(32, 20));
    }
  }

  // Their readers fill up what is missing, or leave it out, without a word.
  void a_cut_bmp_or_gif_is_refused() {
    const QByteArray bmp = encode(sample(), "BMP");
    for (const qsizetype less : {qsizetype{1}, qsizetype{100}, bmp.size() / 2})
      QVERIFY(!pictures::decode(bmp.chopped(less), "a.bmp").ok());
    // One pixel, and two of another with a comment before it (CompuServe 1990, Appendix A of the specification).
    const QByteArray gif =
        QByteArray::fromHex("47494638396101000100800000000000ffffff21fe0568656c6c6f002c00000000010001000002024401003b");
    QVERIFY(pictures::decode(gif, "a.gif").ok());
    for (qsizetype less = 2; less < gif.size() - 13; ++less)
      QVERIFY2(!pictures::decode(gif.chopped(less), "a.gif").ok(), qPrintable(QString::number(less)));
  }

  // The same small picture as seeds of the fuzzers: lossless, and as two lossy kinds that Qt itself does not read.
  void heif_and_avif_are_read_data() {
    QTest::addColumn<QString>("ending");
    QTest::newRow("HEVC inside") << "heic";
    QTest::newRow("AV1 inside") << "avif";
  }
  void heif_and_avif_are_read() {
    QFETCH(QString, ending);
    const QString seed = YD_SOURCE_DIR "/fuzz/corpus/pictures/small.";
    const auto bytes = pictures::read_bytes(seed + ending);
    QVERIFY(bytes.ok());
    const auto raw = pictures::decode(bytes.value(), "a." + ending);
    QVERIFY2(raw.ok(), raw.ok() ? "" : raw.error().what.c_str());
    const QImage lossless(seed + "png");
    QCOMPARE(QSize(raw->width, raw->height), lossless.size());
    double off = 0;
    for (int y = 0; y < raw->height; ++y) {
      for (int x = 0; x < raw->width; ++x) {
        const QColor c = lossless.pixelColor(x, y);
        const auto* p = &raw->rgb[static_cast<std::size_t>(3 * (y * raw->width + x))];
        off += std::abs(p[0] / 257.0 - c.red()) + std::abs(p[1] / 257.0 - c.green());
      }
    }
    off /= 2.0 * raw->width * raw->height;
    QVERIFY2(off < 16, qPrintable(QString::number(off)));
    // Cut short it is refused, not guessed.
    QVERIFY(!pictures::decode(bytes->left(bytes->size() / 2), "a." + ending).ok());
  }

  void sixteen_bits_stay() {
    QImage deep(8, 8, QImage::Format_RGBX64);
    deep.fill(QColor::fromRgba64(qRgba64(1000, 2001, 30003, 65535)));
    const auto raw = pictures::decode(encode(deep, "PNG"), "deep.png");
    QVERIFY(raw.ok());
    QCOMPARE(raw->rgb[1], static_cast<std::uint16_t>(2001));
  }

  void alpha_lies_on_white() {
    QImage clear(4, 4, QImage::Format_ARGB32);
    clear.fill(QColor(0, 0, 0, 0));
    const auto raw = pictures::decode(encode(clear, "PNG"), "clear.png");
    QVERIFY(raw.ok());
    QCOMPARE(raw->rgb[0], static_cast<std::uint16_t>(65535));
  }

  void the_profile_is_handed_on() {
    QImage wide = sample();
    wide.setColorSpace(QColorSpace::AdobeRgb);
    const auto raw = pictures::decode(encode(wide, "PNG"), "wide.png");
    QVERIFY(raw.ok());
    QVERIFY(raw->icc.size() > 100);
    QVERIFY(colour::PictureToLab::from_icc(raw->icc).ok());
  }

  void damaged_files_are_refused_data() {
    QTest::addColumn<QByteArray>("bytes");
    const QByteArray png = encode(sample(400, 300), "PNG");
    const QByteArray jpeg = encode(sample(400, 300), "JPEG", 90);
    QTest::newRow("empty") << QByteArray();
    QTest::newRow("text") << QByteArray("this is not a picture");
    QTest::newRow("cut png") << png.left(png.size() / 2);
    QTest::newRow("cut jpeg") << jpeg.left(jpeg.size() / 2);
    QTest::newRow("head only") << png.left(20);
    QByteArray huge = png;
    huge.replace(16, 4, QByteArray("\x00\x0F\xFF\xFF", 4));
    huge.replace(20, 4, QByteArray("\x00\x0F\xFF\xFF", 4));
    QTest::newRow("claims a terapixel") << huge;
    QByteArray bmp = encode(sample(12, 8), "BMP");
    bmp.replace(22, 4, QByteArray("\x00\x00\x09\x00", 4));
    QTest::newRow("millions of rows") << bmp;
    bmp.replace(22, 4, QByteArray("\x00\x00\xF7\xFF", 4));
    QTest::newRow("and from the top down") << bmp;
  }
  void damaged_files_are_refused() {
    QFETCH(QByteArray, bytes);
    const auto raw = pictures::decode(bytes, "picture.bin");
    QVERIFY(!raw.ok());
    QVERIFY(QString::fromStdString(describe(raw.error())).startsWith("picture.bin: "));
  }

  void whole_jpegs_are_told_from_cut_ones() {
    const QByteArray jpeg = encode(sample(800, 600), "JPEG", 90);
    QVERIFY(pictures::decode(jpeg, "a").ok());
    // Phones put films and depth maps behind the picture.
    QVERIFY(pictures::decode(jpeg + QByteArray(100000, 'x'), "a").ok());
    for (int more = 0; more < 3; ++more) {  // sizes around a reader's block of 4096
      const auto comment = static_cast<int>(2 * 4096 - jpeg.size() % 4096 - 4 - 1 + more);
      QVERIFY(pictures::decode(with_segment(jpeg, '\xFE', QByteArray(comment, 'c')), "a").ok());
    }
    // The end of an embedded thumbnail is not the end of the picture.
    const QByteArray twin = with_segment(jpeg, '\xE1', "Exif" + encode(sample(60, 40), "JPEG", 60));
    QVERIFY(pictures::decode(twin, "a").ok());
    for (const qsizetype share : {50, 80, 99}) {
      const auto cut = pictures::decode(twin.left(twin.size() * share / 100), "a");
      QVERIFY(!cut.ok() && cut.error().what.find("cut short") != std::string::npos);
    }
  }

  // One line says what is wrong, and it is ours.
  void decoders_keep_quiet() {
    // What libpng prints goes by no handler: standard error itself is watched.
    QTemporaryFile printed;
    QVERIFY(printed.open());
    const int kept = ::dup(STDERR_FILENO);
    ::dup2(printed.handle(), STDERR_FILENO);
    static QStringList said;
    said.clear();
    const auto before =
        qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString& m) { said << m; });
    Random r(5);
    for (const char* format : {"PNG", "JPEG", "WEBP", "TIFF"}) {
      const QByteArray good = encode(sample(120, 90), format, 90);
      for (int n = 0; n < 60; ++n) {
        QByteArray bytes = n % 2 == 0 ? good : good.left(good.size() * n / 60);
        for (int k = 0; k < 6 && !bytes.isEmpty(); ++k)
          bytes[static_cast<qsizetype>(r.below(static_cast<std::uint64_t>(bytes.size())))] ^= 0x55;
        static_cast<void>(pictures::decode(bytes, "a").ok());
      }
    }
    qInstallMessageHandler(before);
    ::dup2(kept, STDERR_FILENO);
    ::close(kept);
    QVERIFY2(said.isEmpty(), qPrintable(said.join("; ")));
    printed.seek(0);
    QVERIFY2(printed.size() == 0, printed.readAll().left(300).constData());
  }

  void mutated_files_never_crash() {
    Random r(51);
    const QByteArray originals[] = {encode(sample(), "PNG"), encode(sample(), "JPEG", 80), encode(sample(), "BMP"),
                                    encode(sample(), "WEBP")};
    for (int n = 0; n < 200; ++n) {
      QByteArray bytes = originals[n % 4];
      if (bytes.isEmpty()) continue;
      for (int k = 0; k < 6; ++k)
        bytes[static_cast<qsizetype>(r.below(static_cast<std::uint64_t>(bytes.size())))] =
            static_cast<char>(r.below(256));
      const auto raw = pictures::decode(bytes, "mutant");
      if (raw.ok())
        QCOMPARE(raw->rgb.size(), 3U * static_cast<std::size_t>(raw->width) * static_cast<std::size_t>(raw->height));
    }
  }

  // Half the pixels black, half white is half the light: sRGB code 188 (IEC 61966-2-1), not 128.
  void smaller_pictures_are_averaged_in_light() {
    QImage chequer(120, 80, QImage::Format_RGB888);
    for (int y = 0; y < 80; ++y) {
      for (int x = 0; x < 120; ++x) chequer.setPixelColor(x, y, (x + y) % 2 == 0 ? Qt::black : Qt::white);
    }
    const QImage small = pictures::shrunk(chequer, QSize(60, 40));
    QCOMPARE(small.size(), QSize(60, 40));
    for (int x = 0; x < 60; ++x) QVERIFY(std::abs(qRed(small.pixel(x, 20)) - 188) <= 1);
    // Every grey comes back as it was, and nothing is made larger.
    QImage ramp(256, 2, QImage::Format_RGB888);
    for (int x = 0; x < 256; ++x) {
      for (int y = 0; y < 2; ++y) ramp.setPixelColor(x, y, QColor(x, x, x));
    }
    const QImage line = pictures::shrunk(ramp, QSize(256, 1));
    for (int x = 0; x < 256; ++x) QVERIFY(std::abs(qGreen(line.pixel(x, 0)) - x) <= 1);
    QCOMPARE(pictures::shrunk(ramp, QSize(900, 900)).size(), ramp.size());
  }

  // Whatever the ratio, each pixel counts by its area: the light of a picture is that of the small one, and a lone
  // bright pixel is shared by those it falls in (51 x 35 to 20 x 8: 2.55 x 4.375 pixels in one).
  void no_light_is_lost_at_any_ratio() {
    QImage dots(51, 35, QImage::Format_RGB888);
    dots.fill(Qt::black);
    for (const QPoint& p : {QPoint(5, 4), QPoint(50, 34), QPoint(0, 0), QPoint(25, 17)})
      dots.setPixelColor(p, Qt::white);
    const QImage small = pictures::shrunk(dots, QSize(20, 8));
    double light = 0;
    for (int y = 0; y < small.height(); ++y) {
      for (int x = 0; x < small.width(); ++x)
        light += colour::light_of_level(static_cast<std::uint8_t>(qGreen(small.pixel(x, y))));
    }
    QVERIFY2(std::abs(light * 2.55 * 4.375 - 4) < 0.05, qPrintable(QString::number(light * 2.55 * 4.375)));
    // Columns 5 to 5.1 lie in the second of twenty, 5.1 to 6 in the third; rows 4 to 4.375 in the first, the rest
    // below.
    const auto at = [&](int x, int y) {
      return colour::light_of_level(static_cast<std::uint8_t>(qGreen(small.pixel(x, y))));
    };
    const double whole = 2.55 * 4.375;
    QVERIFY(std::abs(at(2, 0) - 0.9 * 0.375 / whole) < 0.002);
    QVERIFY(std::abs(at(2, 1) - 0.9 * 0.625 / whole) < 0.002);
    QVERIFY(std::abs(at(1, 1) - 0.1 * 0.625 / whole) < 0.002);
  }

  void files_that_cannot_be_read_or_written() {
    QVERIFY(!pictures::read_bytes("/nowhere/x.png").ok());
    QVERIFY(!pictures::read_bytes("/").ok());
    QVERIFY(!pictures::write_png("/nowhere/x.png", subject::Grid<colour::Rgb8>(4, 4)).ok());
    const QTemporaryDir dir;
    QVERIFY(pictures::write_png(dir.filePath("x.png"), subject::Grid<colour::Rgb8>(4, 4)).ok());
    QVERIFY(QImage(dir.filePath("x.png")).colorSpace().isValid());
    // A photograph by the ending of its name.
    for (const auto& [name, format] : {std::pair{"p.JPG", "jpeg"}, {"p.jpeg", "jpeg"}, {"p.png", "png"}}) {
      QVERIFY(pictures::write_photograph(dir.filePath(name), subject::Grid<colour::Rgb8>(16, 8)).ok());
      QCOMPARE(QImageReader(dir.filePath(name)).format(), QByteArray(format));
      QVERIFY(pictures::decode(pictures::read_bytes(dir.filePath(name)).value(), name).ok());
    }
  }
};

QTEST_GUILESS_MAIN(TestPictures)
#include "test_pictures.moc"
