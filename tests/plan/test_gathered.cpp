// SPDX-License-Identifier: MIT
// A stick is taken up once for all that it may do at that time: passes that nothing keeps apart are one, and what is
// built on one another stays so.
#include <QTest>
#include <functional>
#include <map>
#include <set>

#include "search/layer_choice.h"
#include "support/random.h"

using namespace yd;
using plan::Layering;
using plan::Technique;

namespace {

/// Masses with one way to be built each, all of one size.
struct Picture {
  std::vector<std::vector<Layering>> ways;
  std::vector<float> cost{1.0F};
  std::vector<int> first_level;

  void mass(Layering layering, int first = 0) {
    ways.push_back({std::move(layering)});
    first_level.push_back(first);
  }
  std::vector<plan::LayeredMass> masses() const {
    std::vector<plan::LayeredMass> out(ways.size());
    for (std::size_t m = 0; m < ways.size(); ++m) {
      out[m].area = out[m].weight = 1.0 / static_cast<double>(ways.size());
      out[m].layerings = ways[m];
      out[m].cost = cost;
      out[m].first_level = first_level[m];
    }
    return out;
  }
};

/// A layering of sticks, each laid.
Layering laid(std::initializer_list<int> sticks) {
  Layering out;
  for (const int s : sticks) out.push_back({s, Technique::laid});
  return out;
}

using Pass = std::pair<int, plan::Layer>;

/// What has to wait for each pass, by way of others too, by walking.
std::map<Pass, std::set<Pass>> waiting(const Picture& p, const std::vector<plan::LeveledLayering>& chosen) {
  std::map<Pass, std::set<Pass>> next;
  for (std::size_t m = 0; m < chosen.size(); ++m) {
    const Layering& l = p.ways[m][0];
    for (std::size_t i = 0; i < l.size(); ++i) {
      auto& after = next[{chosen[m].levels[i], l[i]}];
      if (i + 1 < l.size()) after.insert({chosen[m].levels[i + 1], l[i + 1]});
    }
  }
  std::map<Pass, std::set<Pass>> out;
  for (const auto& [pass, unused] : next) {
    const std::function<void(const Pass&)> walk = [&, from = pass](const Pass& at) {
      for (const Pass& n : next.at(at)) {
        if (out[from].insert(n).second) walk(n);
      }
    };
    out[pass];
    walk(pass);
  }
  return out;
}

std::size_t passes_of(const Picture& p) {
  const auto masses = p.masses();
  return plan::count_passes(masses, plan::choose_layerings(masses, 4, {}));
}

}  // namespace

class TestGathered : public QObject {
  Q_OBJECT
 private slots:
  // The last of one mass is the first of another: seven passes, however many levels that takes.
  void levels_are_only_numbers() {
    Picture p;
    p.mass(laid({0, 1, 2, 3}));
    p.mass(laid({3, 4, 5, 6}));
    QCOMPARE(passes_of(p), 7U);
    const auto masses = p.masses();
    const auto chosen = plan::choose_layerings(masses, 4, {});
    QCOMPARE(chosen[0].levels, (std::vector<int>{0, 1, 2, 3}));
    QCOMPARE(chosen[1].levels, (std::vector<int>{3, 4, 5, 6}));
  }

  void a_stick_that_is_wanted_twice_is_taken_up_twice() {
    Picture p;
    p.mass(laid({0, 1, 0}));
    p.mass(laid({0}));
    QCOMPARE(passes_of(p), 3U);
    Picture manners;
    manners.mass({{0, Technique::laid}});
    manners.mass({{0, Technique::rubbed}});
    QCOMPARE(passes_of(manners), 2U);
  }

  // One over the other here, the other over the one there: only one of the two sticks can serve both at once.
  void what_lies_crosswise_shares_one() {
    Picture p;
    p.mass(laid({0, 1}));
    p.mass(laid({1, 0}));
    QCOMPARE(passes_of(p), 3U);
    // By way of a third mass too.
    Picture round;
    round.mass(laid({0, 1}));
    round.mass(laid({1, 2}));
    round.mass(laid({2, 0}));
    QCOMPARE(passes_of(round), 4U);
  }

  void what_is_laid_already_keeps_its_levels() {
    Picture p;
    p.mass(laid({0, 1}), 2);
    p.mass(laid({1, 2}));
    const auto masses = p.masses();
    const auto chosen = plan::choose_layerings(masses, 4, {});
    QCOMPARE(plan::count_passes(masses, chosen), 3U);
    QVERIFY(chosen[0].levels.front() >= 2);
  }

  // Any picture: what is built on one another stays so, and no two passes are left that could be one.
  void nothing_is_left_apart_that_could_be_one() {
    Random random(17);
    for (int round = 0; round < 300; ++round) {
      Picture p;
      for (std::size_t n = 2 + random.below(6); n > 0; --n) {
        Layering l;
        for (std::size_t k = 1 + random.below(4); k > 0; --k) {
          const plan::Layer next{static_cast<int>(random.below(4)),
                                 random.below(3) == 0 ? Technique::rubbed : Technique::laid};
          if (l.empty() || l.back().stick != next.stick) l.push_back(next);
        }
        p.mass(l, random.below(5) == 0 ? 1 + static_cast<int>(random.below(2)) : 0);
      }
      const auto masses = p.masses();
      const auto chosen = plan::choose_layerings(masses, 4, {});
      for (std::size_t m = 0; m < chosen.size(); ++m) {
        QCOMPARE(chosen[m].levels.size(), p.ways[m][0].size());
        QVERIFY(chosen[m].levels.front() >= p.first_level[m]);
        for (std::size_t i = 1; i < chosen[m].levels.size(); ++i)
          QVERIFY(chosen[m].levels[i] > chosen[m].levels[i - 1]);
      }
      const auto after = waiting(p, chosen);
      for (const auto& [one, behind_one] : after) {
        QVERIFY(behind_one.count(one) == 0);  // nothing waits for itself
        for (const auto& [other, behind_other] : after) {
          if (one == other || !(one.second == other.second)) continue;
          QVERIFY(behind_one.count(other) > 0 || behind_other.count(one) > 0);
        }
      }
    }
  }
};

QTEST_APPLESS_MAIN(TestGathered)
#include "test_gathered.moc"
