// SPDX-License-Identifier: MIT
// Printed sheets: nothing lies over anything else, and the marks say what the sheet is.
#include <QTest>
#include <set>

#include "printed/marks.h"

using namespace yd;
using printed::Box;
using printed::Purpose;
using printed::Sheet;

namespace {

const Sheet kSheets[] = {{210, 297, 1, Purpose::sticks},   {210, 297, 40, Purpose::sticks},
                         {210, 297, 80, Purpose::sticks},  {297, 420, 200, Purpose::sticks},
                         {216, 279, 36, Purpose::strokes}, {148, 210, 12, Purpose::strokes},
                         {420, 297, 77, Purpose::strokes}};

bool apart(const Box& a, const Box& b) {
  return a.right() <= b.left + 1e-9 || b.right() <= a.left + 1e-9 || a.bottom() <= b.top + 1e-9 ||
         b.bottom() <= a.top + 1e-9;
}

std::vector<Box> boxes_of(const printed::Layout& l) {
  std::vector<Box> out(l.marks.begin(), l.marks.end());
  for (const printed::Grey& g : l.greys) out.push_back(g.box);
  for (const printed::Cell& c : l.cells) {
    out.push_back(c.label);
    out.insert(out.end(), c.patches.begin(), c.patches.end());
  }
  return out;
}

}  // namespace

class TestPrintedSheet : public QObject {
  Q_OBJECT
 private slots:
  void nothing_lies_over_anything_else_or_off_the_sheet() {
    for (const Sheet& s : kSheets) {
      const printed::Layout l = printed::lay_out(s).value();
      QCOMPARE(static_cast<int>(l.cells.size()), s.cells);
      const std::vector<Box> boxes = boxes_of(l);
      for (std::size_t i = 0; i < boxes.size(); ++i) {
        QVERIFY(boxes[i].left > 4 && boxes[i].right() < s.width_mm - 4);
        QVERIFY(boxes[i].top > 4 && boxes[i].bottom() < s.height_mm - 4);
        for (std::size_t j = 0; j < i; ++j) QVERIFY(apart(boxes[i], boxes[j]));
      }
      for (const subject::Point& p : l.bare) {
        const Box around{p.x - 0.4, p.y - 0.4, 0.8, 0.8};
        for (const Box& b : boxes) QVERIFY(apart(around, b));
      }
    }
  }

  void patches_are_large_enough_and_as_many_as_asked() {
    for (const Sheet& s : kSheets) {
      const printed::Layout layout = printed::lay_out(s).value();
      for (const printed::Cell& c : layout.cells) {
        QCOMPARE(c.patches.size(), s.purpose == Purpose::sticks ? std::size_t{2} : std::size_t{1});
        for (const Box& b : c.patches)
          QVERIFY(b.width >= printed::kLeastPatch_mm && b.height >= printed::kLeastPatch_mm);
      }
    }
  }

  void the_most_that_fits_is_known() {
    Sheet s{210, 297, 1, Purpose::sticks};
    s.cells = printed::most_cells(s);
    QVERIFY(s.cells >= 80);  // a large box, on the paper everybody has
    QVERIFY(printed::lay_out(s).ok());
    ++s.cells;
    const auto too_many = printed::lay_out(s);
    QVERIFY(!too_many.ok());
    QVERIFY(too_many.error().what.find(std::to_string(s.cells - 1)) != std::string::npos);
    for (const Sheet& bad : {Sheet{20, 297, 4, Purpose::sticks}, Sheet{210, 5000, 4, Purpose::sticks},
                             Sheet{210, 297, 0, Purpose::sticks}, Sheet{210, 297, 2'000'000'000, Purpose::strokes}})
      QVERIFY(!printed::lay_out(bad).ok());
  }

  void marks_say_what_the_sheet_is() {
    std::set<int> all;
    for (const Sheet& s : kSheets) {
      const auto marks = printed::marks_of(s);
      QVERIFY(printed::sheet_of(marks) == s);
      for (std::size_t i = 0; i < marks.size(); ++i) {
        QCOMPARE(printed::place_of(marks[i]), static_cast<int>(i));
        QVERIFY(marks[i] < 587);  // codes of the family 36h11 (E. Olson, ICRA 2011; the library's table)
        all.insert(marks[i]);
      }
    }
    QVERIFY(all.size() > 24);
  }

  // Half of one sheet and half of another are not taken for a third.
  void marks_of_two_sheets_are_told() {
    int taken = 0;
    int tried = 0;
    for (int cells = 1; cells < 64; ++cells) {
      auto marks = printed::marks_of({210, 297, 80, Purpose::sticks});
      const auto other = printed::marks_of({297, 420, cells, Purpose::strokes});
      for (std::size_t i = 0; i < 4; ++i) marks[i] = other[i];
      taken += printed::sheet_of(marks) ? 1 : 0;
      ++tried;
      std::swap(marks[0], marks[1]);
      QVERIFY(!printed::sheet_of(marks));
    }
    QVERIFY(taken * 20 < tried);
  }

  void a_mark_is_a_black_frame_with_white_round_it() {
    for (const int mark : {0, 1, 86, 511}) {
      const std::vector<bool> cells = printed::cells_of(mark);
      QCOMPARE(cells.size(), std::size_t{100});
      for (int i = 0; i < 10; ++i) {
        QVERIFY(!cells[static_cast<std::size_t>(i)] && !cells[static_cast<std::size_t>(90 + i)]);
        if (i > 0 && i < 9)
          QVERIFY(cells[static_cast<std::size_t>(10 + i)] && cells[static_cast<std::size_t>(10 * i + 1)]);
      }
    }
    QVERIFY(printed::cells_of(3) != printed::cells_of(4));
  }
};

QTEST_APPLESS_MAIN(TestPrintedSheet)
#include "test_sheet.moc"
