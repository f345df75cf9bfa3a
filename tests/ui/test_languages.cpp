// SPDX-License-Identifier: MIT
// The window in other languages: nothing stays English, nothing is cut when texts are 40 % longer, numbers and lengths
// are the country's, from right to left works, and the language can be changed.
#include <QApplication>
#include <QCheckBox>
#include <QLabel>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QTest>
#include <QToolButton>

#include "exports/pass_words.h"
#include "pseudo.h"
#include "views.h"
#include "words/guide.h"
#include "words/language.h"

using namespace yd;
using trial::views;

namespace {

const QString kGerman = QStringLiteral(YD_SOURCE_DIR "/translations/yawning-dune_de.ts");

/// Letters outside of brackets. What is no text of ours is taken away first: names of files and keys, units, colour
/// spaces, the program's own name, and languages, which are named in themselves.
bool has_english(QString text) {
  static const QRegularExpression inside("⟦[^⟦⟧]*⟧");
  while (inside.match(text).hasMatch()) text.replace(inside, " ");
  static const QRegularExpression ours(
      "Yawning "
      "Dune|\\S+\\.(dune|png|pdf|pov)|L\\*|a\\*|b\\*|CIEDE2000|D50|D65|LED|ISCC|Ctrl|Shift|Alt|Esc|Return|Enter|"
      "Space|Page|Up|Down|Home|End|F1|Deutsch|English|Français|Español|\\bA[2-5]\\b|\\bcm\\b|\\bP[A-Z][a-z]?\\d+\\b");
  text.replace(ours, " ");
  static const QRegularExpression word("[A-Za-z]{3,}");
  return word.match(text).hasMatch();
}

/// The artist's own words, and Qt's.
bool is_ours(const QAccessibleInterface& at) {
  const QObject* object = at.object();
  if (object == nullptr) return true;
  if (object->objectName().startsWith("qt_")) return false;
  const auto* edit = qobject_cast<const QLineEdit*>(object);
  return edit == nullptr;
}

int texts_seen = 0;  ///< with a word of the made-up language in them

void add_english(QStringList& out, const QString& where, const QString& text) {
  texts_seen += text.contains(u'⟦') ? 1 : 0;
  if (has_english(text)) out << where + ": " + text.left(300);
}

QStringList english_in(trial::World& w, const QString& view) {
  QStringList out;
  trial::walk(QAccessible::queryAccessibleInterface(&w.window), [&](QAccessibleInterface* at) {
    if (!is_ours(*at)) return;
    const QString where = view + ", " + (at->object() ? at->object()->objectName() : QString("part"));
    add_english(out, where, at->text(QAccessible::Name));
    add_english(out, where, at->text(QAccessible::Value));
  });
  for (const QWidget* widget : w.window.findChildren<QWidget*>()) {
    if (!widget->isVisible()) continue;
    add_english(out, view + ", tip of " + widget->objectName(), widget->toolTip());
    add_english(out, view + ", rule of " + widget->objectName(), widget->statusTip());
  }
  return out;
}

/// Words that do not fit where they stand. Long texts lie in areas that scroll.
QStringList cut_in(trial::World& w, const QString& view) {
  QStringList out;
  for (QWidget* widget : w.window.findChildren<QWidget*>()) {
    if (!widget->isVisible() || widget->objectName().startsWith("qt_")) continue;
    const QString name = view + ", " + widget->metaObject()->className() + " " + widget->objectName();
    if (auto* label = qobject_cast<QLabel*>(widget); label != nullptr && !label->text().isEmpty()) {
      const bool elides = label->sizePolicy().horizontalPolicy() == QSizePolicy::Ignored;
      if (label->wordWrap() && label->heightForWidth(label->width()) > label->height() + 1)
        out << name +
                   QString(" is too low (%1 for %2): ")
                       .arg(label->height())
                       .arg(label->heightForWidth(label->width())) +
                   label->text().left(60);
      if (!label->wordWrap() && !elides && label->sizeHint().width() > label->width() + 1)
        out << name + " is too narrow: " + label->text().left(60);
    }
    if (auto* button = qobject_cast<QAbstractButton*>(widget); button != nullptr && !button->text().isEmpty()) {
      const auto* tool = qobject_cast<QToolButton*>(button);
      if (tool != nullptr && tool->toolButtonStyle() == Qt::ToolButtonIconOnly) continue;
      const int text = button->fontMetrics().horizontalAdvance(button->text());
      if (text > std::max(button->width(), button->height()))
        out << name + " is too narrow: " + button->text().left(60);
    }
  }
  return out;
}

void add_menu(QStringList& out, const QMenu& menu) {
  for (const QAction* action : menu.actions()) {
    if (action->isSeparator()) continue;
    add_english(out, "menu " + menu.title(), action->text());
    if (action->menu() != nullptr && action->menu()->menuAction()->objectName() != "recent")
      add_menu(out, *action->menu());
  }
}

}  // namespace

class TestLanguages : public QObject {
  Q_OBJECT
 private slots:
  void nothing_stays_english() {
    const trial::Pseudo pseudo(kGerman);
    QVERIFY(pseudo.size() > 1500);
    trial::World w;
    QVERIFY(w.open_demo());
    QVERIFY(w.settle_all());
    QStringList bad;
    texts_seen = 0;
    for (const trial::View& view : views()) {
      trial::open(w, view);
      bad << english_in(w, view.name);
    }
    QVERIFY2(texts_seen > 500, qPrintable(QString::number(texts_seen)));
    w.window.show_easel(false);
    for (QMenu* menu : w.window.menuBar()->findChildren<QMenu*>(Qt::FindDirectChildrenOnly)) add_menu(bad, *menu);
    bad.removeDuplicates();
    QVERIFY2(bad.isEmpty(), qPrintable(bad.join("\n")));
  }

  void what_is_printed_does_not_either() {
    const trial::Pseudo pseudo(kGerman);
    trial::World w;
    QVERIFY(w.open_demo());
    const exports::PlanView view = app::view_of(*w.session.planned(), w.session.parameters());
    QStringList bad;
    for (int i = 0; i < static_cast<int>(view.plan.passes.size()); ++i) {
      const exports::PassWords p = exports::words_of(view, i);
      for (const QString& text : {p.title, p.medium, p.how, p.purpose, p.delicate, p.tray, p.passage, p.finished_when,
                                  p.where, p.mark, p.rubbing, p.run, p.direction, p.after_words, p.tooth, p.time,
                                  p.drying, p.safety.join(' '), p.why.join(' ')})
        add_english(bad, "pass " + QString::number(i + 1), text);
    }
    for (const QString& line : exports::safety_page(view)) add_english(bad, "safety", line);
    for (int p = 0; p < static_cast<int>(view.guide.passages.size()); ++p) {
      const plan::Passage& passage = view.guide.passages[static_cast<std::size_t>(p)];
      add_english(bad, "passage", words::title(passage, view.job()));
      for (const QString& step : words::steps(passage, view.job())) add_english(bad, "step", step);
    }
    QVERIFY2(bad.isEmpty(), qPrintable(bad.join("\n")));
  }

  void nothing_is_cut() {
    const trial::Pseudo pseudo(kGerman);
    trial::World w;
    w.window.resize(1280, 800);
    QVERIFY(w.open_demo());
    QVERIFY(w.settle_all());
    QCOMPARE(w.window.size(), QSize(1280, 800));
    QStringList bad;
    for (const trial::View& view : views()) {
      trial::open(w, view);
      QTest::qWait(50);  // cards that scroll find their width in two steps
      bad << cut_in(w, view.name);
    }
    bad.removeDuplicates();
    QVERIFY2(bad.isEmpty(), qPrintable(bad.join("\n")));
  }

  void from_right_to_left() {
    struct Turned {
      Turned() { QApplication::setLayoutDirection(Qt::RightToLeft); }
      ~Turned() { QApplication::setLayoutDirection(Qt::LeftToRight); }
    } turned;
    trial::World w;
    QVERIFY(w.open_demo());
    QVERIFY(w.settle_all());
    for (const trial::View& view : views()) {
      trial::open(w, view);
      QVERIFY2(w.window.size() == QSize(1280, 800), qPrintable(view.name));
      const QStringList cut = cut_in(w, view.name);
      QVERIFY2(cut.isEmpty(), qPrintable(cut.join('\n')));
    }
    // The window is turned, pictures are not: a place at the left of the subject stays there.
    w.window.show_easel(false);
    w.window.stages().go(app::Stage::subject);
    auto* subject = w.find<app::PictureView>("subject_view");
    auto* course = w.find<QListView>("course");
    QVERIFY(course->visualRect(course->model()->index(0, 0)).x() >
            course->visualRect(course->model()->index(1, 0)).x());
    QTest::mouseMove(subject, w.on_subject({0.1, 0.5}));
    const QPoint at = w.find<app::Pair>("pair")->link().pointer;
    QVERIFY2(std::abs(at.x() - 0.1 * w.session.subject()->image.width) < 3, qPrintable(QString::number(at.x())));
  }

  void numbers_and_lengths_are_the_countrys() {
    trial::World w;
    QVERIFY(w.open_demo());
    const auto sizes = [&] {
      QStringList out;
      for (const QLabel* label : w.window.findChildren<QLabel*>()) out << label->text();
      return out.filter(QStringLiteral("×")).join('\n');
    };
    QVERIFY2(sizes().contains("40.0 × 27.5 cm"), qPrintable(sizes()));
    {
      const trial::Spoken german(QLocale("de_DE"));
      w.session.set_cursor(0);
      emit w.session.subject_changed();
      QVERIFY2(sizes().contains("40,0 × 27,5 cm"), qPrintable(sizes()));
    }
    const trial::Spoken american(QLocale("en_US"));
    emit w.session.subject_changed();
    QVERIFY2(sizes().contains("15.7 × 10.8 in"), qPrintable(sizes()));
  }

  void the_language_is_changed_in_the_window() {
    trial::World w;
    QVERIFY(!w.window.languages().anew());
    QCOMPARE(app::language_of(w.settings), QString());
    w.find<QAction>("language_fr")->trigger();
    QCOMPARE(app::language_of(w.settings), QString("fr"));
    QVERIFY(w.find<QAction>("language_fr")->isChecked());
    auto* bar = w.window.findChild<app::NoticeBar*>();
    QVERIFY(bar->isVisible());
    QPushButton* anew = nullptr;
    for (auto* button : bar->findChildren<QPushButton*>()) {
      if (button->text() == "Begin anew") anew = button;
    }
    QVERIFY(anew != nullptr);
    anew->click();
    QVERIFY(w.window.languages().anew());
    QVERIFY(!w.window.isVisible());
  }

  // Every language fills the window, fetched from the program itself.
  void every_language_is_spoken() {
    const QMap<QString, QString> file{{"en", "File"}, {"de", "Datei"}, {"fr", "Fichier"}, {"es", "Archivo"}};
    for (const words::Language& l : words::languages()) {
      words::speak(l.code, QLocale::c());
      trial::World w;
      QCOMPARE(w.window.menuBar()->actions().first()->text(), file.value(l.code));
    }
    words::speak("en", QLocale::c());
  }
};

QTEST_MAIN(TestLanguages)
#include "test_languages.moc"
