// SPDX-License-Identifier: MIT
// What every module leans on: results that cannot be both, progress told in stretches, numbers that come again.
#include <QTest>
#include <cmath>
#include <limits>
#include <cerrno>
#include <set>
#include <vector>

#include "support/plain_line.h"
#include "support/ranges.h"
#include "support/disk_words.h"
#include "support/least.h"
#include "support/observer.h"
#include "support/random.h"
#include "support/result.h"

using namespace yd;

namespace {

class Heard : public Observer {
 public:
  void progress(double fraction, std::string_view step) override {
    fractions.push_back(fraction);
    steps.emplace_back(step);
  }
  bool cancelled() const override { return stop; }
  std::vector<double> fractions;
  std::vector<std::string> steps;
  bool stop = false;
};

}  // namespace

class TestSupport : public QObject {
  Q_OBJECT
 private slots:
  // Terminals act on escapes (ECMA-48), and on characters that turn the direction of writing (Unicode 15,
  // section 23.2).
  void a_line_from_outside_is_one_plain_line() {
    QCOMPARE(plain_line("as it is, Évening \xE2\x82\xAC"), std::string("as it is, Évening \xE2\x82\xAC"));
    QCOMPARE(plain_line("a\nb\tc\r"), std::string("a\\nb\\tc\\x0d"));
    QCOMPARE(plain_line("\x1b[2Jgone"), std::string("\\x1b[2Jgone"));
    QCOMPARE(plain_line("\xC2\x9B"
                        "2J"),
             std::string("\\u009b2J"));
    QCOMPARE(plain_line("\xE2\x80\xAE"
                        "drow"),
             std::string("\\u202edrow"));
    QCOMPARE(plain_line("\xE2\x80\xA8x"), std::string("\\u2028x"));
    // No UTF-8: cut, overlong, a surrogate, beyond the last (RFC 3629, section 3).
    QCOMPARE(plain_line("\xC3"), std::string("\\xc3"));
    QCOMPARE(plain_line("\xC0\xAF"), std::string("\\xc0\\xaf"));
    QCOMPARE(plain_line("\xED\xA0\x80"), std::string("\\xed\\xa0\\x80"));
    QCOMPARE(plain_line("\xF4\x90\x80\x80"), std::string("\\xf4\\x90\\x80\\x80"));
    QCOMPARE(plain_line(std::string_view("a\0b", 3)), std::string("a\\x00b"));
  }

  void a_limit_holds_what_it_says() {
    constexpr Limit kCount{1, 60, true};
    for (const double good : {1.0, 12.0, 60.0}) QVERIFY(kCount.holds(good));
    for (const double bad : {0.0, 61.0, 1.5, std::nan(""), std::numeric_limits<double>::infinity()})
      QVERIFY(!kCount.holds(bad));
    QCOMPARE(kCount.words(), std::string("must be a whole number from 1 to 60"));
    QCOMPARE((Limit{0, 0.5}.words()), std::string("must be a number from 0 to 0.5"));
  }

  void a_result_is_one_or_the_other() {
    Result<std::string> good = std::string("ochre");
    QVERIFY(good.ok() && good);
    QCOMPARE(good.value(), std::string("ochre"));
    QCOMPARE(good->size(), 5U);
    QVERIFY_THROWS_EXCEPTION(std::bad_variant_access, (void)good.error());
    const std::string taken = std::move(good).value();
    QCOMPARE(taken, std::string("ochre"));

    const Result<std::string> bad = bad_value("line 3", "letters for a number");
    QVERIFY(!bad.ok() && !bad);
    QVERIFY(bad.error().code == Error::Code::bad_value);
    QCOMPARE(describe(bad.error()), std::string("line 3: letters for a number"));
    QCOMPARE(describe({Error::Code::io, "", "the disk is full"}), std::string("the disk is full"));
    QVERIFY_THROWS_EXCEPTION(std::bad_variant_access, (void)bad.value());
    QVERIFY(success().ok());
  }

  void the_least_stand_first_and_of_equals_the_earlier() {
    const std::vector<double> values{3, 1, 2, 1, 0.5};
    const auto value = [&](std::size_t i) { return values[i]; };
    QCOMPARE(least_of(values.size(), 3, value), (std::vector<std::size_t>{4, 1, 3}));
    QCOMPARE(least_of(values.size(), 9, value), (std::vector<std::size_t>{4, 1, 3, 2, 0}));
    QVERIFY(least_of(values.size(), 0, value).empty() && least_of(0, 3, value).empty());
  }

  // Nested stretches: the second half of the first quarter is an eighth to a quarter of the whole.
  void stretches_lie_in_one_another() {
    Heard heard;
    Stretch quarter(heard, 0, 0.25);
    Stretch half(quarter, 0.5, 1);
    for (const double f : {0.0, 0.5, 1.0}) half.progress(f, "blocking in");
    QCOMPARE(heard.fractions, (std::vector<double>{0.125, 0.1875, 0.25}));
    QCOMPARE(heard.steps.back(), std::string("blocking in"));
    QVERIFY(!half.cancelled());
    heard.stop = true;
    QVERIFY(half.cancelled());
    Observer deaf;
    deaf.progress(0.5, "nothing");
    QVERIFY(!deaf.cancelled());
  }

  // The first outputs of SplitMix64 for the seed 1234567, as published with the public-domain code of S. Vigna
  // (splitmix64.c, 2015) and repeated in many test suites; from memory.
  void the_numbers_are_the_published_ones() {
    Random random(1234567);
    for (const std::uint64_t expected : {6457827717110365317ULL, 3203168211198807973ULL, 9817491932198370423ULL,
                                         4593380528125082431ULL, 16408922859458223821ULL})
      QCOMPARE(random.next(), expected);
  }

  // Mean and variance of the uniform distribution, 1/2 and 1/12, within four standard errors; all places are reached.
  void uniform_is_uniform() {
    constexpr int kDraws = 100000;
    Random random(7);
    double sum = 0;
    double squares = 0;
    for (int i = 0; i < kDraws; ++i) {
      const double u = random.uniform();
      QVERIFY(u >= 0 && u < 1);
      sum += u;
      squares += (u - 0.5) * (u - 0.5);
    }
    QVERIFY(std::abs(sum / kDraws - 0.5) < 4 * std::sqrt(1.0 / 12 / kDraws));
    QVERIFY(std::abs(squares / kDraws - 1.0 / 12) < 4 * std::sqrt(1.0 / 180 / kDraws));
    std::set<std::uint64_t> reached;
    for (int i = 0; i < 1000; ++i) {
      const std::uint64_t n = random.below(18);
      QVERIFY(n < 18);
      reached.insert(n);
      const double x = random.uniform(-3, 5);
      QVERIFY(x >= -3 && x < 5);
    }
    QCOMPARE(reached.size(), 18U);
  }

  void one_seed_comes_again_and_two_do_not_meet() {
    Random one(42);
    Random again(42);
    Random other(43);
    std::set<std::uint64_t> seen;
    for (int i = 0; i < 1000; ++i) {
      const std::uint64_t n = one.next();
      QCOMPARE(again.next(), n);
      seen.insert(n);
      seen.insert(other.next());
    }
    QCOMPARE(seen.size(), 2000U);
  }

  // Whatever the disk answers, something is said; what an artist can mend is said in words of the studio.
  void a_disk_always_says_something() {
    for (int code = 0; code < 140; ++code) QVERIFY2(!disk_words(code).empty(), std::to_string(code).c_str());
    QVERIFY(disk_words(ENOSPC).find("full") != std::string::npos);
    QCOMPARE(disk_words(EDQUOT), disk_words(ENOSPC));
    QVERIFY(disk_words(EROFS).find("read-only") != std::string::npos);
    QCOMPARE(disk_words(EPERM), disk_words(EACCES));
    QCOMPARE(disk_words(ENOTDIR), disk_words(ENOENT));
  }
};

QTEST_APPLESS_MAIN(TestSupport)
#include "test_support.moc"
