// SPDX-License-Identifier: MIT
// More than two hundred broken pictures, palettes and measurements, made from good ones by seeded mutation: none may
// crash, take over 5 s or lift the program's memory over 1 GB. What can be read is read, the rest refused in words.
#include <sys/resource.h>

#include <QBuffer>
#include <QElapsedTimer>
#include <QImage>
#include <QTest>
#include <nlohmann/json.hpp>

#include "formats/collection_file.h"
#include "pictures/pictures.h"
#include "small_world.h"
#include "support/random.h"

using namespace yd;

namespace {

constexpr int kEach = 32;
constexpr qint64 kMost_ms = 5000;
constexpr long kMost_kB = 1L << 20;

QByteArray encoded(const char* format) {
  QImage image(160, 120, QImage::Format_RGB888);
  for (int y = 0; y < 120; ++y) {
    for (int x = 0; x < 160; ++x) image.setPixelColor(x, y, QColor(x, 2 * y, (x * y) % 255));
  }
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, format);
  return bytes;
}

/// Cuts, flips, doubles, overwrites and blows up numbers, as broken disks, mail and hostile hands do.
QByteArray mutated(QByteArray bytes, Random& random) {
  const auto place = [&] { return static_cast<qsizetype>(random.below(static_cast<std::uint64_t>(bytes.size()))); };
  for (std::uint64_t n = 1 + random.below(6); n > 0 && bytes.size() > 8; --n) {
    switch (random.below(6)) {
      case 0:
        bytes.truncate(std::max<qsizetype>(4, place()));
        break;
      case 1:
        for (int i = 0; i < 20; ++i) bytes[place()] = static_cast<char>(random.next());
        break;
      case 2:
        bytes.insert(place(), bytes.mid(place(), 500));
        break;
      case 3:
        bytes.replace(place(), 4, QByteArray("\xFF\xFF\xFF\x7F", 4));
        break;
      case 4:
        bytes.insert(place(), QByteArray::number(static_cast<qulonglong>(random.next())));
        break;
      default:
        bytes.remove(place(), 40);
    }
  }
  return bytes;
}

long peak_kB() {
  rusage usage{};
  getrusage(RUSAGE_SELF, &usage);
  return usage.ru_maxrss;
}

}  // namespace

class TestCorpus : public QObject {
  Q_OBJECT
 private slots:
  void broken_pictures_data() {
    QTest::addColumn<QByteArray>("good");
    for (const char* format : {"png", "jpg", "webp", "tiff", "bmp"}) QTest::newRow(format) << encoded(format);
  }

  void broken_pictures() {
    QFETCH(QByteArray, good);
    QVERIFY(pictures::decode(good, "good").ok());
    Random random(qHash(good));
    Observer observer;
    for (int i = 0; i < kEach; ++i) {
      QElapsedTimer clock;
      clock.start();
      const auto raw = pictures::decode(mutated(good, random), "broken.picture");
      if (raw.ok()) {
        auto image = subject::working_image(raw.value());
        if (image) static_cast<void>(subject::read_subject(std::move(image).value(), {}, observer).ok());
      } else {
        QVERIFY(QString::fromStdString(describe(raw.error())).contains("broken.picture"));
      }
      QVERIFY2(clock.elapsed() < kMost_ms, qPrintable(QString("took %1 ms").arg(clock.elapsed())));
    }
    QVERIFY(peak_kB() < kMost_kB);
  }

  void broken_palettes_data() {
    QTest::addColumn<QByteArray>("good");
    const auto c = trial::every(9);
    QTest::newRow("gpl") << formats::write_gimp_palette(c);
    QTest::newRow("csv") << formats::write_csv(c);
    QTest::newRow("cgats") << formats::write_cgats(c);
    QTest::newRow("json") << QByteArray::fromStdString(media::to_json(c).dump());
  }

  void broken_palettes() {
    QFETCH(QByteArray, good);
    QVERIFY(formats::read_sticks(good, "good", optics::Medium::soft).ok());
    Random random(qHash(good));
    int read = 0;
    for (int i = 0; i < kEach; ++i) {
      QElapsedTimer clock;
      clock.start();
      const auto in = formats::read_sticks(mutated(good, random), "broken.palette", optics::Medium::soft);
      if (in.ok()) {
        ++read;
        for (const auto& s : in->sticks) {
          for (const float r : s.masstone.band) QVERIFY(r >= 0 && r <= 1);
          QVERIFY(std::isfinite(s.lab.l) && !s.name.empty() && !s.id.empty());
        }
        for (const auto& b : in->bad) QVERIFY(b.line > 0 && !b.what.empty());
      } else {
        QVERIFY(QString::fromStdString(describe(in.error())).contains("broken.palette"));
      }
      QVERIFY2(clock.elapsed() < kMost_ms, qPrintable(QString("took %1 ms").arg(clock.elapsed())));
    }
    qInfo("%d of %d could still be read", read, kEach);
    QVERIFY(peak_kB() < kMost_kB);
  }

  void the_corpus_is_large_enough() { QVERIFY(kEach * (5 + 4) >= 200); }
};

QTEST_MAIN(TestCorpus)
#include "test_corpus.moc"
