// SPDX-License-Identifier: MIT
#include "window/main_window.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMimeData>
#include <QShortcut>
#include <QToolButton>
#include <QVBoxLayout>

#include "exports/pass_words.h"
#include "models/mark_lines.h"
#include "looks/greys.h"
#include "looks/icons.h"
#include "media/shipped.h"
#include "words/names.h"
#include "words/seen.h"
#include "words/lengths.h"

namespace yd::app {
MainWindow::MainWindow(Session& session, Advice& advice, Checker& checker, Keeper& keeper, Autosave& autosave,
                       EaselWork& easel, QSettings& settings)
    : session_(session),
      advice_(advice),
      checker_(checker),
      notice_(new NoticeBar),
      files_(new FileActions(session, autosave, *notice_, settings, this)),
      export_(new ExportActions(session, *notice_, this)),
      pages_(new QStackedWidget),
      stages_(new Stages(session, advice, checker, this)),
      centre_(new QStackedWidget),
      pair_(new Pair),
      comfort_(new ComfortActions(settings, this)),
      languages_(new LanguageActions(settings, *files_, *notice_, *this)),
      progress_(new QProgressBar),
      cancel_(new QPushButton(tr("Stop"))),
      step_(new QLabel),
      preview_(new SquintPreview(this)) {
  setObjectName("main_window");
  setAcceptDrops(true);
  setWindowIcon(program_icon());
  resize(1280, 800);
  pages_->addWidget(make_centre());
  // The bar stands over every page: a question asked at the easel is seen there.
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  column->addWidget(notice_);
  column->addWidget(pages_, 1);
  setCentralWidget(box);
  make_easel(easel);
  sheets_ = new SheetsActions(session_, advice_, *stages_, *notice_, *centre_);
  connect(sheets_, &SheetsActions::help_closed, this, [this] {
    if (std::exchange(help_at_easel_, false)) show_easel(true);
  });
  tools_ = new SubjectTools(session_, *stages_->subject_panel(), *pair_, this);
  check_ = new CheckLooks(checker_, *stages_->check_panel(), *pair_, this);
  notes_ = new NotesActions(session_, keeper, checker_, *stages_, *files_, *notice_, *centre_);
  connect(notes_, &NotesActions::page_asked, this, [this] {
    if (at_easel()) show_easel(false);
  });
  make_menus();
  tail_->insertWidget(0, make_look_buttons());
  tail_->insertWidget(0, notes_->make_buttons());
  follow_session();
  show_subject();
  show_board();
  files_->offer_recovery();
}

QWidget* MainWindow::make_centre() {
  const auto demo = [](const QString& picture, const QString& name) {
    const QString folder = QString::fromStdString((media::data_directory() / "demo").string());
    return EmptyState::Demo{folder + "/" + picture + ".png", folder + "/small/" + picture + ".jpg", name};
  };
  auto* empty =
      new EmptyState({demo("salt-works", tr("The salt works at dusk")), demo("kettle", tr("The copper kettle"))});
  empty->set_recent(files_->recent());
  connect(empty, &EmptyState::open_asked, files_, &FileActions::open_dialog);
  connect(empty, &EmptyState::file_asked, files_, &FileActions::open_path);
  centre_->addWidget(empty);
  bench_ = new Workbench(pair_, stages_->course(), make_tail(), stages_->benches());
  centre_->addWidget(bench_);
  return centre_;
}

void MainWindow::make_easel(EaselWork& easel) {
  easel_ = new EaselPage(session_, easel);
  pages_->addWidget(easel_);
  connect(easel_, &EaselPage::closed, this, [this] { show_easel(false); });
  connect(stages_, &Stages::easel_asked, this, [this] { show_easel(true); });
}

void MainWindow::show_easel(bool on) {
  if (on && !session_.planned())
    return notice_->show_sentence(tr("There is nothing to work through yet; open a picture."));
  tools_->take(Tool::none);
  pages_->setCurrentIndex(on ? 1 : 0);
  menuBar()->setVisible(!on);
  if (on) return easel_->setFocus();
  stages_->go(stages_->stage());
}

/// At the end of the line of stages: what is being worked out, and how the plan stands.
QWidget* MainWindow::make_tail() {
  progress_->setObjectName("progress");
  progress_->setRange(0, 1000);
  progress_->setTextVisible(false);
  progress_->setFixedSize(120, 6);
  cancel_->setObjectName("cancel");
  step_->setObjectName("step");
  step_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
  step_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
  auto* tail = new QWidget;
  auto* row = new QHBoxLayout(tail);
  tail_ = row;
  row->setContentsMargins(0, 0, kSpace, 0);
  row->addSpacing(kSpace);
  row->addWidget(step_, 1);
  row->addWidget(progress_);
  row->addWidget(cancel_);
  connect(cancel_, &QPushButton::clicked, &session_, &Session::cancel);
  connect(cancel_, &QPushButton::clicked, &advice_, &Advice::cancel);
  connect(cancel_, &QPushButton::clicked, &checker_, &Checker::cancel);
  return tail;
}

/// A hidden menu bar hears no keys: every action belongs to the window too, so that it works on every page.
void MainWindow::hear_keys_everywhere() {
  for (QAction* menu : menuBar()->actions()) {
    for (QAction* action : menu->menu()->actions()) addAction(action);
  }
}

void MainWindow::make_menus() {
  files_->fill_menu(*menuBar()->addMenu(tr("File")));
  export_->fill_menu(*menuBar()->addMenu(tr("Print and export")));
  notes_->fill_menu(*menuBar()->addMenu(tr("Notes")));
  QMenu* edit = menuBar()->addMenu(tr("Edit"));
  QAction* undo = session_.undo_stack().createUndoAction(this, tr("Undo"));
  undo->setShortcut(QKeySequence::Undo);
  QAction* redo = session_.undo_stack().createRedoAction(this, tr("Redo"));
  redo->setShortcuts({QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
  edit->addActions({undo, redo});
  QMenu* go = menuBar()->addMenu(tr("Go"));
  const QString names[] = {tr("Subject"), tr("Ground"), tr("Tray"), tr("Underpainting"), tr("Passages"), tr("Check")};
  for (int i = 0; i < kStages; ++i) {
    go->addAction(names[i], QKeySequence(Qt::ALT | static_cast<Qt::Key>(Qt::Key_1 + i)), this,
                  [this, i] { stages_->go(static_cast<Stage>(i)); });
  }
  QAction* easel = go->addAction(tr("To the easel"), QKeySequence(Qt::Key_E), this, [this] { show_easel(true); });
  easel->setObjectName("go_easel");
  go->addSeparator();
  without_ = go->addAction(tr("Beside it: without the underpainting"));
  without_->setObjectName("without_underpainting");
  without_->setCheckable(true);
  without_->setShortcut(Qt::Key_U);
  connect(without_, &QAction::toggled, this, &MainWindow::compare_without);
  go->addAction(tr("Put the tool away"), QKeySequence(Qt::Key_Escape), this, [this] {
    if (sheets_->stop_reading()) return;
    tools_->take(Tool::none);
    without_->setChecked(false);
    advice_.stop_comparing();
  });
  go->addAction(tr("Next pass"), QKeySequence(Qt::Key_PageDown), this,
                [this] { session_.set_cursor(session_.cursor() + 1); });
  go->addAction(tr("Pass back"), QKeySequence(Qt::Key_PageUp), this,
                [this] { session_.set_cursor(session_.cursor() - 1); });
  make_look_menu();
  make_help_menu();
  hear_keys_everywhere();
}

void MainWindow::make_help_menu() {
  QMenu* menu = menuBar()->addMenu(tr("Help"));
  QAction* here = menu->addAction(tr("What to do here"), QKeySequence(Qt::Key_F1), this, &MainWindow::show_help);
  here->setObjectName("help_here");
  menu->addAction(tr("Your first picture"), this, [this] {
    show_easel(false);
    sheets_->show_help(HelpTopic::first_picture);
  });
  QAction* keys = menu->addAction(tr("All keys"), QKeySequence(Qt::Key_Question), this, &MainWindow::show_keys);
  keys->setObjectName("go_keys");
  menu->addAction(tr("About Yawning Dune"), this, [this] {
    notice_->show_sentence(
        tr("Yawning Dune %1, under the MIT licence. The shipped sticks and papers are invented; trust "
           "differences more than absolute colours.")
            .arg(QCoreApplication::applicationVersion()));
  });
}

void MainWindow::show_help() {
  HelpTopic topic = HelpTopic::first_picture;
  if (at_easel()) {
    topic = HelpTopic::easel;
  } else if (notes_->topic()) {
    topic = *notes_->topic();
  } else if (session_.has_reference()) {
    constexpr HelpTopic kOfStage[] = {HelpTopic::subject,       HelpTopic::ground,   HelpTopic::tray,
                                      HelpTopic::underpainting, HelpTopic::passages, HelpTopic::check};
    topic = kOfStage[static_cast<int>(stages_->stage())];
  }
  help_at_easel_ = at_easel();
  if (help_at_easel_) show_easel(false);
  sheets_->show_help(topic);
}

/// What the menus hold, then what is pressed in one place only.
void MainWindow::show_keys() {
  QList<KeyGroup> groups;
  for (const QAction* menu : menuBar()->actions()) {
    KeyGroup g{menu->text(), {}};
    for (const QAction* action : menu->menu()->actions()) {
      if (!action->shortcut().isEmpty())
        g.lines.append({action->shortcut().toString(QKeySequence::NativeText), action->text()});
    }
    if (!g.lines.isEmpty()) groups.append(g);
  }
  sheets_->show_keys(groups + keys_in_places());
}

void MainWindow::make_look_menu() {
  QMenu* look = menuBar()->addMenu(tr("Look"));
  const QColor ink = palette().color(QPalette::WindowText);
  const auto add = [&](const char* picture, const QString& name, Qt::Key key, auto does) {
    QAction* action = look->addAction(icon(picture, ink), name, QKeySequence(key), this, does);
    action->setIconVisibleInMenu(true);
    looks_ << action;
    look_pictures_ << picture;
  };
  const auto way = [this](PairWay w) { return [this, w] { pair_->take_way(w); }; };
  add("pair", tr("Both, side by side"), Qt::Key_D, way(PairWay::both));
  add("subject", tr("Subject alone"), Qt::Key_A, way(PairWay::subject));
  add("board", tr("Board alone"), Qt::Key_B, way(PairWay::board));
  add("wipe", tr("Wipe between them, with the pointer"), Qt::Key_W, way(PairWay::wipe));
  add("true-size", tr("As large as on the paper"), Qt::Key_T, [this] { show_true_size(); });
  look->addSeparator();
  QAction* mirror = look->addAction(tr("Mirrored: what is out of true shows"), QKeySequence(Qt::Key_X));
  QAction* turned = look->addAction(tr("Upside down: shapes, not things"), QKeySequence(Qt::SHIFT | Qt::Key_X));
  QAction* side = look->addAction(tr("On its side: what hangs, and reflections"), QKeySequence(Qt::Key_Z));
  for (QAction* action : {mirror, turned, side}) {
    action->setCheckable(true);
    connect(action, &QAction::toggled, this, [this, mirror, turned, side] {
      pair_->link().set_flip(mirror->isChecked(), turned->isChecked(), side->isChecked());
    });
  }
  marks_ = look->addAction(tr("Marks of the pass, as outlines"), QKeySequence(Qt::Key_H), this, &MainWindow::show_lit);
  marks_->setCheckable(true);
  marks_->setChecked(true);
  look->addAction(tr("The whole picture"), QKeySequence(Qt::Key_0), this, [this] {
    pair_->link().set_view(0, {0.5, 0.5});
  });
  comfort_->fill_menu(*look);
  languages_->fill_menu(*look);
  for (PictureView* view : {&pair_->subject(), &pair_->board()}) {
    view->setContextMenuPolicy(Qt::ActionsContextMenu);
    auto* here = new QAction(tr("This colour and how it is built"), view);
    connect(here, &QAction::triggered, &pair_->link(), &ViewLink::clicked);
    view->addAction(here);
    view->addActions(looks_);
  }
}

/// Drawings in ink follow the ink.
void MainWindow::changeEvent(QEvent* event) {
  QMainWindow::changeEvent(event);
  if (event->type() != QEvent::PaletteChange) return;
  for (int i = 0; i < looks_.size(); ++i)
    looks_[i]->setIcon(icon(look_pictures_[i], palette().color(QPalette::WindowText)));
}

QWidget* MainWindow::make_look_buttons() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(0);
  for (QAction* action : looks_) {
    auto* button = new QToolButton;
    button->setDefaultAction(action);
    button->setAutoRaise(true);
    button->setIconSize({22, 22});
    button->setFocusPolicy(Qt::TabFocus);
    button->setToolButtonStyle(Qt::ToolButtonIconOnly);
    button->setAccessibleName(action->text());
    button->setToolTip(tr("%1 (%2)").arg(action->text(), action->shortcut().toString(QKeySequence::NativeText)));
    row->addWidget(button);
  }
  return box;
}

/// One millimetre of paper is one millimetre of the screen, as far as the screen says its size.
void MainWindow::show_true_size() {
  const SubjectPtr s = session_.subject();
  if (!s) return;
  const subject::Sheet sheet =
      session_.choices().composition.sheet(static_cast<double>(s->image.width) / s->image.height);
  const double px_per_mm = physicalDpiX() / kMmPerInch;
  pair_->link().set_view(10 * sheet.width_cm * px_per_mm / s->image.width, pair_->link().centre);
}

void MainWindow::follow_session() {
  connect(files_, &FileActions::title_changed, this, [this] { setWindowTitle(files_->title()); });
  connect(&session_, &Session::reference_changed, this, [this] {
    centre_->setCurrentIndex(session_.has_reference() ? 1 : 0);
    pair_->link().set_view(0, {0.5, 0.5});
    setWindowTitle(files_->title());
  });
  connect(&session_, &Session::subject_changed, this, &MainWindow::show_subject);
  connect(&session_, &Session::plan_changed, this, &MainWindow::show_board);
  connect(&session_, &Session::cursor_changed, this, &MainWindow::show_board);
  connect(&session_, &Session::lit_changed, this, &MainWindow::show_lit);
  connect(&session_, &Session::busy_changed, this, &MainWindow::show_busy);
  connect(&session_, &Session::failed, notice_, &NoticeBar::show_sentence);
  connect(&session_, &Session::progressed, this, [this](double fraction, const QString& step) {
    progress_->setValue(static_cast<int>(fraction * 1000));
    step_->setText(step);
  });
  connect(stages_->subject_panel(), &SubjectPanel::view_asked, this, &MainWindow::show_subject);
  connect(stages_->subject_panel(), &SubjectPanel::squint_previewed, this, &MainWindow::show_preview);
  connect(preview_, &SquintPreview::ready, this, [this](const QImage& image) { pair_->set_subject_image(image); });
  connect(tools_, &SubjectTools::hint_changed, this, &MainWindow::show_step);
  connect(&session_, &Session::light_changed, this, &MainWindow::show_board);
  connect(&pair_->link(), &ViewLink::clicked, this, [this] {
    const QPoint at = pair_->link().pointer;
    SubjectPanel& panel = *stages_->subject_panel();
    panel.measures()->show_patch(at);
    const SubjectPtr s = session_.subject();
    const bool inside = s && at.x() >= 0 && at.y() >= 0 && at.x() < s->labels.width && at.y() < s->labels.height;
    // An open section says what a click is for; else it asks for the colour.
    if (inside && panel.masses()->isVisible()) return panel.masses()->choose(s->labels.at(at.x(), at.y()));
    if (!panel.measures()->isVisible()) stages_->show_colour();
  });
  connect(&pair_->link(), &ViewLink::pointer_changed, this, &MainWindow::read_pointer);
  connect(files_, &FileActions::reading_changed, this, &MainWindow::show_step);
  follow_work();
  follow_check();
  setWindowTitle(files_->title());
}

/// What is worked out beside the plan says how far it is, and what went wrong.
void MainWindow::follow_work() {
  const auto busy = [this] { show_busy(session_.busy()); };
  const auto progress = [this](double fraction, const QString& step) {
    if (session_.busy()) return;
    progress_->setValue(static_cast<int>(fraction * 1000));
    step_->setText(step);
  };
  connect(&advice_, &Advice::busy_changed, this, busy);
  connect(&advice_, &Advice::failed, notice_, &NoticeBar::show_sentence);
  connect(&advice_, &Advice::progressed, this, progress);
  connect(&advice_, &Advice::changed, this, [this](Need need) {
    if (need == Need::other) show_other();
  });
  connect(&checker_, &Checker::busy_changed, this, busy);
  connect(&checker_, &Checker::failed, notice_, &NoticeBar::show_sentence);
  connect(&checker_, &Checker::progressed, this, progress);
  connect(cancel_, &QPushButton::clicked, &export_->exporter(), &Exporter::cancel);
  connect(&export_->exporter(), &Exporter::busy_changed, this, busy);
  connect(&export_->exporter(), &Exporter::progressed, this, progress);
}

void MainWindow::follow_check() {
  connect(stages_, &Stages::stage_changed, check_, [this](Stage stage) { check_->set_open(stage == Stage::check); });
  connect(check_, &CheckLooks::changed, this, [this] {
    show_subject();
    show_board();
    show_lit();
  });
}

void MainWindow::show_subject() {
  const SubjectPtr s = session_.subject();
  if (advice_.other()) return show_other();
  if (check_ != nullptr && check_->showing()) return check_->show_left();
  if (s) bench_->set_aspect(static_cast<double>(s->image.width) / s->image.height);
  const subject::Sheet sheet =
      s ? session_.choices().composition.sheet(static_cast<double>(s->image.width) / s->image.height)
        : subject::Sheet{};
  pair_->set_subject_title(tr("Subject"), s ? words::size(sheet.width_cm, sheet.height_cm) : QString());
  const SubjectPanel& panel = *stages_->subject_panel();
  const bool plain = s && panel.shown() == SubjectView::picture;
  if (plain && s->as_it_is && panel.colours()->as_it_is())
    return pair_->set_subject_image(to_image(s->as_it_is->image));
  pair_->set_subject_image(plain ? s->picture : s ? subject_image(*s, panel.shown(), panel.steps()) : QImage());
}

void MainWindow::show_preview(double strength) {
  const SubjectPtr s = session_.subject();
  const SubjectView view = stages_->subject_panel()->shown();
  if (!s || (view != SubjectView::squint && view != SubjectView::values)) return;
  // The whole follows when the reading is done.
  preview_->ask({s, strength, view, stages_->subject_panel()->steps()});
}

void MainWindow::show_other() {
  const PlannedPtr other = advice_.other();
  if (!other) return show_subject();
  pair_->set_subject_image(advice_.other_board());
  const bool bare = other->plan.coats.empty() && session_.planned() && !session_.planned()->plan.coats.empty();
  pair_->set_subject_title(
      bare ? tr("Board without underpainting") : tr("Board on %1").arg(words::paper_name(*other->paper)),
      words::seen_with_number(other->figures.seen.mean));
}

void MainWindow::show_step(const QString& text) { step_->setText(text); }

void MainWindow::compare_without(bool on) {
  if (!on) return advice_.stop_comparing();
  if (session_.choices().plan.underpaint.empty()) {
    without_->setChecked(false);
    return step_->setText(tr("There is no underpainting to leave out: choose one at the stage Underpainting."));
  }
  Choices c = session_.choices();
  c.plan.underpaint = {};
  c.plan.given_tray.clear();
  advice_.compare(c);
}

void MainWindow::show_board() {
  if (check_ != nullptr && check_->showing()) return check_->show_right();
  const PlannedPtr planned = session_.planned();
  pair_->board().set_image(session_.board());
  if (!planned) return pair_->set_board_title(tr("Board"));
  const auto all = static_cast<int>(planned->plan.passes.size());
  const QString paper = words::paper_name(*planned->paper), seen = words::seen_with_number(planned->figures.seen.mean);
  if (session_.cursor() >= all) return pair_->set_board_title(tr("Board"), paper + ", " + seen);
  pair_->set_board_title(tr("Board after pass %1 of %2").arg(session_.cursor()).arg(all), paper);
}

void MainWindow::show_lit() {
  if (check_ != nullptr && check_->showing()) return check_->show_lit();
  const PlannedPtr planned = session_.planned();
  const int lit = session_.lit_pass();
  const bool any = planned && lit > 0 && session_.lit_last() <= static_cast<int>(planned->plan.passes.size());
  const QImage mask = any ? pass_mask(planned->map, planned->plan, lit - 1, session_.lit_last() - 1) : QImage();
  pair_->subject().set_mask(mask);
  pair_->board().set_mask(mask);
  const Lit what{lit - 1, session_.lit_last(), marks_->isChecked()};
  pair_->board().set_overlay(any ? lit_overlay(planned->plan, *planned->subject, what) : Overlay{});
}

void MainWindow::show_busy(bool busy) {
  busy = busy || advice_.busy() || checker_.busy() || export_->exporter().busy();
  progress_->setVisible(busy);
  cancel_->setVisible(busy);
  if (!busy) {
    const PlannedPtr planned = session_.planned();
    step_->setText(planned ? tr("%1, %2 in all")
                                 .arg(session_.choices().plan.school ? tr("your school") : tr("as advised"))
                                 .arg(exports::minutes_words(planned->guide.minutes() + planned->plan.sequence.waiting))
                           : QString());
  }
}

void MainWindow::read_pointer(QPoint pixel) {
  pair_->peephole().show_reading(
      read_at(session_.subject(), session_.planned(), session_.parameters(), pixel.x(), pixel.y(), session_.light()));
  pair_->place_peephole(pixel);
  stages_->colour_panel()->show_pixel(pixel);
}

void MainWindow::point_at(QPointF share) {
  const SubjectPtr s = session_.subject();
  if (!s) return;
  pair_->link().set_pointer(
      {static_cast<int>(share.x() * s->image.width), static_cast<int>(share.y() * s->image.height)});
  stages_->show_colour();
}

void MainWindow::closeEvent(QCloseEvent* event) {
  if (files_->may_close([this] { close(); })) {
    event->accept();
  } else {
    event->ignore();
  }
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
  if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
  const auto urls = event->mimeData()->urls();
  if (urls.isEmpty() || !urls.first().isLocalFile()) return;
  const QString file = urls.first().toLocalFile();
  static const QStringList palettes{"gpl", "csv", "txt", "cgats", "it8", "json"};
  // Sticks from a file are dropped like a picture.
  if (palettes.contains(QFileInfo(file).suffix().toLower())) return sheets_->import_file(file);
  // At the stage Check a picture is one of the work.
  if (stages_->stage() == Stage::check && session_.planned() && !file.endsWith(".dune", Qt::CaseInsensitive))
    return checker_.open(file);
  files_->open_path(file);
}

}  // namespace yd::app
