// SPDX-License-Identifier: MIT
// The window for those who hear it, who use keys only, or who need strong contrast: every view is walked through as a
// reader of the screen walks through it. Contrast: W3C, Web Content Accessibility Guidelines 2.1, 1.4.3 (4.5 to 1,
// large text 3 to 1; what cannot be used now is exempt).
#include <QAccessible>
#include <QApplication>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QMenuBar>
#include <QScrollArea>
#include <QSet>
#include <QSlider>
#include <QTest>
#include <QToolButton>
#include <cmath>
#include <functional>
#include <map>

#include "panels/help_page.h"
#include "views.h"
#include "widgets/style.h"

using namespace yd;
using app::Stage;
using trial::open;
using trial::View;
using trial::views;
using trial::walk;

namespace {

void take_a_coat(trial::World& w) {
  app::Choices c = w.session.choices();
  c.plan.underpaint.picture = plan::CoatChoice{plan::CoatMedium::acrylic, plan::CoatColours::tonal};
  w.session.change(c, "Underpainting");
}

double luminance(const QColor& c) {
  const auto linear = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
  return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
}

double contrast(const QColor& a, const QColor& b) {
  const double one = luminance(a);
  const double other = luminance(b);
  return (std::max(one, other) + 0.05) / (std::min(one, other) + 0.05);
}

/// Of the letters on what they stand on, as they are drawn: the most frequent colour, and the one farthest from it.
double drawn_contrast(QWidget& widget, const QRect& part) {
  const QPoint at = widget.mapTo(widget.window(), part.topLeft());
  const QImage image = widget.window()->grab(QRect(at, part.size())).toImage().convertToFormat(QImage::Format_RGB32);
  std::map<QRgb, int> count;
  for (int y = 0; y < image.height(); ++y) {
    for (int x = 0; x < image.width(); ++x) ++count[image.pixel(x, y)];
  }
  QRgb ground = 0;
  int most = 0;
  for (const auto& [colour, n] : count) {
    if (n > most) {
      ground = colour;
      most = n;
    }
  }
  double best = 1;
  for (const auto& [colour, n] : count) best = std::max(best, contrast(QColor(colour), QColor(ground)));
  return best;
}

bool has_letters(const QString& text) {
  return std::any_of(text.begin(), text.end(), [](QChar c) { return c.isLetterOrNumber(); });
}

QString words_of(const QWidget& widget) {
  if (const auto* label = qobject_cast<const QLabel*>(&widget)) return label->text();
  if (const auto* button = qobject_cast<const QToolButton*>(&widget))
    return button->toolButtonStyle() == Qt::ToolButtonIconOnly ? QString() : button->text();
  if (const auto* button = qobject_cast<const QAbstractButton*>(&widget)) return button->text();
  if (const auto* box = qobject_cast<const QComboBox*>(&widget)) return box->currentText();
  if (const auto* edit = qobject_cast<const QLineEdit*>(&widget)) return edit->text();
  return {};
}

QStringList too_faint(QWidget& window) {
  QStringList out;
  for (QWidget* widget : window.findChildren<QWidget*>()) {
    if (!widget->isVisible() || !widget->isEnabled() || widget->visibleRegion().isEmpty()) continue;
    // Spines of cards are written upright; their words are drawn by the card.
    if (!has_letters(words_of(*widget))) continue;
    const QRect part = widget->visibleRegion().boundingRect();
    if (part.width() < 8 || part.height() < 8) continue;
    const QFont font = widget->font();
    const bool large = font.pointSizeF() >= 18 || (font.bold() && font.pointSizeF() >= 14);
    const double c = drawn_contrast(*widget, part);
    if (c < (large ? 3.0 : 4.5))
      out << QString("%1 \"%2\" %3").arg(widget->objectName(), words_of(*widget).left(30)).arg(c, 0, 'f', 2);
  }
  return out;
}

}  // namespace

class TestAccess : public QObject {
  Q_OBJECT
 private slots:
  void every_view_can_be_walked_through_by_ear() {
    trial::World w;
    QVERIFY(w.open_demo());
    QVERIFY(w.settle_all());
    QStringList bad;
    int seen = 0;
    for (const View& view : views()) {
      open(w, view);
      walk(QAccessible::queryAccessibleInterface(&w.window), [&](QAccessibleInterface* at) {
        const QAccessible::State state = at->state();
        if (!state.focusable || state.disabled) return;
        const auto* widget = qobject_cast<QWidget*>(at->object());
        const bool inner =
            widget != nullptr && (widget->focusPolicy() == Qt::NoFocus || widget->objectName().startsWith("qt_") ||
                                  widget->inherits("QScrollArea") || widget->inherits("QMenu"));
        if (inner) return;
        ++seen;
        const QString what =
            view.name + ": " +
            (widget != nullptr ? widget->objectName() + " " + widget->metaObject()->className() : QString("part"));
        if (at->text(QAccessible::Name).isEmpty()) bad << what + " has no name";
        if (at->role() == QAccessible::NoRole || at->role() == QAccessible::Client) bad << what + " has no role";
        const bool numbers = at->role() == QAccessible::Slider || at->role() == QAccessible::SpinBox;
        if (numbers && (at->valueInterface() == nullptr || !at->valueInterface()->currentValue().isValid()))
          bad << what + " has no value";
        if (at->role() == QAccessible::CheckBox && !state.checkable) bad << what + " cannot be checked";
      });
    }
    bad.removeDuplicates();
    QVERIFY2(bad.isEmpty(), qPrintable(bad.join("\n")));
    QVERIFY2(seen > 250, qPrintable(QString::number(seen)));
  }

  // Tab goes through everything and comes round again; nothing holds it.
  void tab_comes_round_in_every_view() {
    trial::World w;
    QVERIFY(w.open_demo());
    QVERIFY(w.settle_all());
    w.window.activateWindow();
    QStringList bad;
    for (const View& view : views()) {
      open(w, view);
      w.window.setFocus();
      QTest::keyClick(&w.window, Qt::Key_Tab);
      QWidget* first = QApplication::focusWidget();
      QVERIFY2(first != nullptr, qPrintable(view.name));
      QSet<QWidget*> visited;
      bool round = false;
      constexpr int kMost = 250;
      for (int i = 0; i < kMost && !round; ++i) {
        QWidget* now = QApplication::focusWidget();
        if (now == nullptr) break;
        visited << now;
        QTest::keyClick(now, Qt::Key_Tab);
        // At the easel every control has a key of its own, and Esc leaves: there is nothing to go to.
        if (QApplication::focusWidget() == now && view.name == "easel") round = true;
        if (round) break;
        if (QApplication::focusWidget() == now) bad << view.name + ": " + now->objectName() + " holds the Tab key";
        if (QApplication::focusWidget() == now) break;
        round = QApplication::focusWidget() == first;
      }
      if (!round) bad << view.name + ": Tab does not come round, " + QString::number(visited.size());
      for (QWidget* widget : w.window.findChildren<QWidget*>()) {
        const bool wants = widget->isVisible() && widget->isEnabled() && widget->focusPolicy() & Qt::TabFocus &&
                           widget->focusProxy() == nullptr && widget->window() == &w.window;
        const bool inner =
            widget->objectName().startsWith("qt_") || widget->inherits("QMenuBar") || widget->inherits("QScrollArea");
        if (wants && !inner && !visited.contains(widget))
          bad << view.name + ": Tab does not come to " + widget->objectName() + " " + widget->metaObject()->className();
      }
    }
    QVERIFY2(bad.isEmpty(), qPrintable(bad.join("\n")));
  }

  void letters_stand_out_data() {
    QTest::addColumn<int>("scheme");
    QTest::newRow("light") << static_cast<int>(app::Scheme::light);
    QTest::newRow("dark") << static_cast<int>(app::Scheme::dark);
    QTest::newRow("contrast") << static_cast<int>(app::Scheme::contrast);
  }

  void letters_stand_out() {
    QFETCH(int, scheme);
    auto& application = *qobject_cast<QApplication*>(QCoreApplication::instance());
    app::apply_style(application, {static_cast<app::Scheme>(scheme), false});
    // What is drawn by hand takes these two.
    const QPalette p = QApplication::palette();
    for (const auto ink : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText, QPalette::PlaceholderText}) {
      for (const auto ground : {QPalette::Window, QPalette::Base, QPalette::AlternateBase, QPalette::Button}) {
        if (ink == QPalette::PlaceholderText && ground == QPalette::Button) continue;  // nothing is written so
        QVERIFY2(contrast(p.color(ink), p.color(ground)) >= 4.5, qPrintable(QString("%1 on %2").arg(ink).arg(ground)));
      }
    }
    QVERIFY(contrast(p.color(QPalette::HighlightedText), p.color(QPalette::Highlight)) >= 4.5);
    QVERIFY(contrast(app::judging_ink(), app::judging_grey()) >= 4.5);
    QStringList faint;
    {
      trial::World w;
      for (const QString& f : too_faint(w.window)) faint << "empty: " + f;
      QVERIFY(w.open_demo());
      QVERIFY(w.settle_all());
      // Every view in the usual scheme, the ones with most of their own drawing in the others.
      static const QStringList own{"passages", "papers", "journal", "easel"};
      for (const View& view : views()) {
        if (scheme != static_cast<int>(app::Scheme::light) && !own.contains(view.name)) continue;
        open(w, view);
        for (const QString& f : too_faint(w.window)) faint << view.name + ": " + f;
      }
    }
    app::apply_style(application, {});
    QVERIFY2(faint.isEmpty(), qPrintable(faint.join("\n")));
  }

  void a_scheme_is_taken_at_once_and_kept() {
    trial::World w;
    w.find<QAction>("scheme_contrast")->trigger();
    QCOMPARE(w.window.palette().color(QPalette::Window), QColor(0, 0, 0));
    QCOMPARE(app::comfort_of(w.settings), (app::Comfort{app::Scheme::contrast, false}));
    w.find<QAction>("still")->setChecked(true);
    QCOMPARE(w.window.style()->styleHint(QStyle::SH_Widget_Animation_Duration), 0);
    w.find<QAction>("still")->setChecked(false);
    QVERIFY(w.window.style()->styleHint(QStyle::SH_Widget_Animation_Duration) > 0);
    w.find<QAction>("scheme_light")->trigger();
    QCOMPARE(app::comfort_of(w.settings), app::Comfort{});
  }

  // F1 says what to do where one is; Esc goes back, to the easel too.
  void help_is_about_the_place() {
    trial::World w;
    QVERIFY(QTest::qWaitForWindowActive(&w.window));
    auto* page = w.window.findChild<app::HelpPage*>();
    const auto title = [&] {
      QTest::keyClick(&w.window, Qt::Key_F1);
      return page->isVisible() ? page->findChild<QLabel*>("help_title")->text() : QString();
    };
    QCOMPARE(title(), app::help(app::HelpTopic::first_picture).title);
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::tray);
    QCOMPARE(title(), app::help(app::HelpTopic::tray).title);
    QTest::keyClick(&w.window, Qt::Key_Escape);
    QVERIFY(!page->isVisible());
    w.window.notes().show_practice();
    QCOMPARE(title(), app::help(app::HelpTopic::practice).title);
    w.window.show_easel(true);
    QCOMPARE(title(), app::help(app::HelpTopic::easel).title);
    QVERIFY(page->findChild<QLabel*>("help_caution")->isVisible());
    QTest::keyClick(&w.window, Qt::Key_Escape);
    QVERIFY(w.window.at_easel());
    for (int i = 0; i < app::kHelpTopics; ++i) {
      const app::Help h = app::help(static_cast<app::HelpTopic>(i));
      QVERIFY(h.steps.size() >= 3 && h.steps.size() <= 6 && !h.purpose.isEmpty() && !h.if_stuck.isEmpty());
      page->show_topic(static_cast<app::HelpTopic>(i));
      QVERIFY2(!page->findChild<QLabel*>("help_drawing")->pixmap().isNull(), qPrintable(h.drawing));
    }
  }

  // Our own rule: what is said beside the pictures has three lines at most. Help is for reading, the steps at the easel
  // are a list with a line for each, and a caution is as long as it has to be.
  void no_text_has_more_than_three_lines() {
    trial::World w;
    w.window.resize(1280, 800);
    QVERIFY(w.open_demo());
    QStringList long_ones;
    for (const trial::View& view : trial::views()) {
      if (view.name == "help") continue;
      if (view.name == "underpainting") take_a_coat(w);
      trial::open(w, view);
      for (const QLabel* label : w.window.findChildren<QLabel*>()) {
        if (!label->isVisible() || !label->wordWrap()) continue;
        if (label->objectName() == "easel_steps" || label->objectName() == "coat_caution") continue;
        const int lines = label->heightForWidth(label->width()) / label->fontMetrics().lineSpacing();
        if (lines > 3)
          long_ones
              << QString("%1, %2: %3 lines: %4").arg(view.name, label->objectName()).arg(lines).arg(label->text());
      }
    }
    QVERIFY2(long_ones.isEmpty(), qPrintable(long_ones.join("\n")));
  }
};

QTEST_MAIN(TestAccess)
#include "test_access.moc"
