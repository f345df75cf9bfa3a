#include "window/main_window.h"

#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMimeData>
#include <QShortcut>
#include <QStatusBar>
#include <QVBoxLayout>

#include "media/shipped.h"
#include "models/core_columns.h"

namespace yd::app {

MainWindow::MainWindow(Session& session, Autosave& autosave, QSettings& settings)
    : session_(session),
      notice_(new NoticeBar),
      files_(new FileActions(session, autosave, *notice_, settings, this)),
      stages_(new Stages(session, this)),
      centre_(new QStackedWidget),
      pair_(new Pair),
      core_(new CoreSample),
      progress_(new QProgressBar),
      cancel_(new QPushButton(tr("Stop"))),
      step_(new QLabel) {
  setObjectName("main_window");
  setAcceptDrops(true);
  resize(1280, 800);
  setCentralWidget(make_centre());
  make_status();
  make_menus();
  follow_session();
  show_subject();
  show_plan();
  files_->offer_recovery();
}

QWidget* MainWindow::make_centre() {
  auto* empty = new EmptyState;
  connect(empty, &EmptyState::open_asked, files_, &FileActions::open_dialog);
  connect(empty, &EmptyState::demo_asked, this, [this](const QString& file) {
    files_->open_path(QString::fromStdString((media::data_directory() / "demo").string()) + "/" + file);
  });
  centre_->addWidget(empty);
  auto* work = new QWidget;
  auto* column = new QVBoxLayout(work);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(pair_, 1);
  column->addWidget(core_);
  core_->setFixedHeight(172);
  centre_->addWidget(work);
  auto* box = new QWidget;
  auto* row = new QHBoxLayout;
  row->addWidget(stages_->course());
  row->addWidget(centre_, 1);
  row->addWidget(stages_->side());
  auto* all = new QVBoxLayout(box);
  all->setContentsMargins(6, 6, 6, 2);
  all->addWidget(notice_);
  all->addLayout(row, 1);
  return box;
}

void MainWindow::make_status() {
  progress_->setObjectName("progress");
  progress_->setRange(0, 1000);
  progress_->setTextVisible(false);
  progress_->setFixedWidth(180);
  cancel_->setObjectName("cancel");
  statusBar()->setSizeGripEnabled(false);
  statusBar()->addWidget(step_, 1);
  statusBar()->addPermanentWidget(progress_);
  statusBar()->addPermanentWidget(cancel_);
  connect(cancel_, &QPushButton::clicked, &session_, &Session::cancel);
  show_busy(false);
}

void MainWindow::make_menus() {
  files_->fill_menu(*menuBar()->addMenu(tr("File")));
  QMenu* edit = menuBar()->addMenu(tr("Edit"));
  QAction* undo = session_.undo_stack().createUndoAction(this, tr("Undo"));
  undo->setShortcut(QKeySequence::Undo);
  QAction* redo = session_.undo_stack().createRedoAction(this, tr("Redo"));
  redo->setShortcut(QKeySequence::Redo);
  edit->addActions({undo, redo});
  QMenu* go = menuBar()->addMenu(tr("Go"));
  const QString names[] = {tr("Subject"), tr("Ground"), tr("Tray"), tr("Layers")};
  for (int i = 0; i < kStages; ++i) {
    go->addAction(names[i], QKeySequence(Qt::ALT | static_cast<Qt::Key>(Qt::Key_1 + i)), this,
                  [this, i] { stages_->go(static_cast<Stage>(i)); });
  }
  go->addSeparator();
  go->addAction(tr("Next pass"), QKeySequence(Qt::Key_PageDown), this,
                [this] { session_.set_cursor(session_.cursor() + 1); });
  go->addAction(tr("Pass back"), QKeySequence(Qt::Key_PageUp), this,
                [this] { session_.set_cursor(session_.cursor() - 1); });
}

void MainWindow::follow_session() {
  connect(files_, &FileActions::title_changed, this, [this] { setWindowTitle(files_->title()); });
  connect(&session_, &Session::reference_changed, this, [this] {
    centre_->setCurrentIndex(session_.has_reference() ? 1 : 0);
    pair_->link().set_view(0, {0.5, 0.5});
    setWindowTitle(files_->title());
  });
  connect(&session_, &Session::subject_changed, this, &MainWindow::show_subject);
  connect(&session_, &Session::plan_changed, this, &MainWindow::show_plan);
  connect(&session_, &Session::cursor_changed, this, &MainWindow::show_board);
  connect(&session_, &Session::lit_changed, this, &MainWindow::show_lit);
  connect(&session_, &Session::busy_changed, this, &MainWindow::show_busy);
  connect(&session_, &Session::failed, notice_, &NoticeBar::show_sentence);
  connect(&session_, &Session::progressed, this, [this](double fraction, const QString& step) {
    progress_->setValue(static_cast<int>(fraction * 1000));
    step_->setText(step);
  });
  connect(stages_->subject_panel(), &SubjectPanel::view_asked, this, &MainWindow::show_subject);
  connect(&session_, &Session::light_changed, this, &MainWindow::show_board);
  connect(&pair_->link(), &ViewLink::clicked, this, [this] { stages_->show_colour(); });
  connect(&pair_->link(), &ViewLink::pointer_changed, this, &MainWindow::read_pointer);
  connect(core_, &CoreSample::cursor_asked, &session_, &Session::set_cursor);
  connect(core_, &CoreSample::pass_asked, &session_, &Session::set_lit_pass);
  setWindowTitle(files_->title());
}

void MainWindow::show_subject() {
  const SubjectPtr s = session_.subject();
  pair_->subject().set_image(s ? subject_image(*s, stages_->subject_panel()->shown()) : QImage());
}

void MainWindow::show_plan() {
  const PlannedPtr planned = session_.planned();
  if (planned) {
    core_->set_drawing(draw_core(*planned, session_.materials().model.parameters),
                       static_cast<int>(planned->plan.passes.size()));
  } else {
    core_->set_drawing({}, 0);
  }
  show_board();
}

void MainWindow::show_board() {
  const PlannedPtr planned = session_.planned();
  pair_->board().set_image(session_.board());
  core_->set_cursor(session_.cursor());
  pair_->set_board_title(planned ? tr("Board: %1, after pass %2 of %3")
                                       .arg(QString::fromStdString(planned->paper->name))
                                       .arg(session_.cursor())
                                       .arg(planned->plan.passes.size())
                                 : tr("Board"));
}

void MainWindow::show_lit() {
  const PlannedPtr planned = session_.planned();
  const int lit = session_.lit_pass();
  QImage mask;
  if (planned && lit > 0 && lit <= static_cast<int>(planned->plan.passes.size())) {
    mask = mass_mask(*planned->subject, planned->plan.passes[static_cast<std::size_t>(lit - 1)].masses);
  }
  pair_->subject().set_mask(mask);
  pair_->board().set_mask(mask);
  core_->set_lit(lit);
}

void MainWindow::show_busy(bool busy) {
  progress_->setVisible(busy);
  cancel_->setVisible(busy);
  if (!busy) {
    const PlannedPtr planned = session_.planned();
    step_->setText(planned ? tr("%1 sticks, %2 passes, %3 ΔE00 on average")
                                 .arg(planned->plan.tray.size())
                                 .arg(planned->plan.passes.size())
                                 .arg(planned->plan.area_mean_de00, 0, 'f', 1)
                           : QString());
  }
}

void MainWindow::read_pointer(QPoint pixel) {
  pair_->peephole().show_reading(read_at(session_.subject(), session_.planned(), session_.materials().model.parameters,
                                         pixel.x(), pixel.y(), session_.light()));
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
  if (!urls.isEmpty() && urls.first().isLocalFile()) files_->open_path(urls.first().toLocalFile());
}

}  // namespace yd::app
