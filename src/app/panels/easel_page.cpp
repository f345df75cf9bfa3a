#include "panels/easel_page.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "exports/pass_words.h"
#include "looks/images.h"
#include "models/layer_words.h"
#include "session/order_edits.h"

namespace yd::app {
namespace {

constexpr int kCardWidth = 500;
constexpr int kButtonHeight = 58;
constexpr std::size_t kSubstitutes = 12;

QString clock_words(std::int64_t seconds) {
  const auto s = std::max<std::int64_t>(0, seconds);
  return QString("%1:%2").arg(s / 60).arg(s % 60, 2, 10, QChar('0'));
}

void fill(QLabel* label, const QColor& colour) {
  QPixmap pixmap(label->minimumSize());
  pixmap.fill(colour.alpha() == 0 ? judging_grey() : colour);
  label->setPixmap(pixmap);
}

}  // namespace

EaselPage::EaselPage(Session& session, EaselWork& work, QWidget* parent)
    : QWidget(parent),
      session_(session),
      work_(work),
      picture_(link_, "easel_picture"),
      board_(board_link_, "easel_board"),
      card_(new QStackedWidget) {
  setObjectName("easel");
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Easel"));
  card_->setFixedWidth(kCardWidth);
  card_->addWidget(make_card());
  card_->addWidget(make_substitutes());
  // A click on the picture is a click anywhere; zooming is for the plan.
  for (PictureView* view : {&picture_, &board_}) {
    view->setAttribute(Qt::WA_TransparentForMouseEvents);
    view->setFocusPolicy(Qt::NoFocus);
  }
  board_.setAccessibleName(tr("The board as it should look after this pass"));
  auto* row = new QHBoxLayout;
  auto* left = new QVBoxLayout;
  left->addWidget(&picture_, 1);
  left->addWidget(steps_);
  row->addLayout(left, 1);
  row->addWidget(card_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(10, 10, 10, 10);
  column->addLayout(row, 1);
  column->addLayout(make_buttons());
  tick_.setInterval(1000);
  connect(&tick_, &QTimer::timeout, this, &EaselPage::refresh_clock);
  connect(&work_, &EaselWork::changed, this, &EaselPage::refresh);
  connect(&session_, &Session::subject_changed, this, &EaselPage::refresh);
  refresh();
}

QLabel* EaselPage::large(const char* name, int points, bool bold) {
  auto* label = new QLabel;
  label->setObjectName(name);
  label->setWordWrap(true);
  label->setTextFormat(Qt::PlainText);
  QFont f = font();
  f.setPointSize(points);
  f.setBold(bold);
  label->setFont(f);
  return label;
}

QLayout* EaselPage::make_swatches() {
  colour_ = new QLabel;
  colour_->setMinimumSize(150, 110);
  colour_->setObjectName("easel_stick_colour");
  stroke_ = new StrokeView;
  stroke_->setFixedSize(170, 110);
  after_ = new QLabel;
  after_->setMinimumSize(150, 110);
  after_->setObjectName("easel_after_colour");
  auto* row = new QHBoxLayout;
  const std::pair<QWidget*, QString> parts[] = {
      {colour_, tr("the stick")}, {stroke_, tr("the stroke")}, {after_, tr("how it should look")}};
  for (const auto& [widget, caption] : parts) {
    auto* column = new QVBoxLayout;
    column->setSpacing(1);
    column->addWidget(widget);
    column->addWidget(new QLabel(caption), 0, Qt::AlignHCenter);
    row->addLayout(column);
  }
  return row;
}

QWidget* EaselPage::make_card() {
  number_ = large("easel_number", 16);
  clock_ = large("easel_clock", 16);
  clock_->setAlignment(Qt::AlignRight);
  title_ = large("easel_title", 25, true);
  medium_ = large("easel_medium", 14);
  how_ = large("easel_how", 19);
  mark_ = large("easel_mark", 13);
  steps_ = large("easel_steps", 12);
  where_ = large("easel_where", 15);
  after_words_ = large("easel_after", 14);
  tooth_words_ = large("easel_tooth_words", 14);
  drying_ = large("easel_drying", 15, true);
  next_ = large("easel_next", 13);
  safety_ = large("easel_safety", 9);
  tooth_ = new QProgressBar;
  tooth_->setObjectName("easel_tooth");
  tooth_->setAccessibleName(tr("Tooth left"));
  tooth_->setTextVisible(false);
  tooth_->setFixedHeight(10);
  note_ = new QLineEdit;
  note_->setObjectName("easel_note");
  note_->setPlaceholderText(tr("Note (N)"));
  note_->setAccessibleName(tr("Note for this pass"));
  connect(note_, &QLineEdit::editingFinished, this, [this] {
    work_.note(note_->text());
    setFocus();
  });
  auto* page = new QWidget;
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(10, 0, 0, 0);
  column->setSpacing(6);
  auto* head = new QHBoxLayout;
  head->addWidget(number_, 1);
  head->addWidget(clock_);
  column->addLayout(head);
  column->addWidget(title_);
  column->addWidget(medium_);
  column->addLayout(make_swatches());
  for (QWidget* w : {static_cast<QWidget*>(how_), static_cast<QWidget*>(mark_), static_cast<QWidget*>(where_),
                     static_cast<QWidget*>(after_words_), static_cast<QWidget*>(tooth_words_),
                     static_cast<QWidget*>(tooth_), static_cast<QWidget*>(drying_)})
    column->addWidget(w);
  column->addWidget(&board_, 1);
  column->addWidget(next_);
  column->addWidget(note_);
  column->addWidget(safety_);
  return page;
}

QWidget* EaselPage::make_substitutes() {
  substitutes_ = new QListWidget;
  substitutes_->setObjectName("substitutes");
  substitutes_->setAccessibleName(tr("Sticks that could stand in, nearest first"));
  substitutes_->setIconSize({64, 34});
  QFont f = font();
  f.setPointSize(14);
  substitutes_->setFont(f);
  connect(substitutes_, &QListWidget::itemActivated, this, &EaselPage::take_substitute);
  connect(substitutes_, &QListWidget::itemClicked, this, &EaselPage::take_substitute);
  substitutes_->installEventFilter(this);
  auto* page = new QWidget;
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(10, 0, 0, 0);
  column->addWidget(large("easel_substitute_title", 16));
  page->findChild<QLabel*>("easel_substitute_title")
      ->setText(tr("Which stick instead? Nearest colours first. The rest is planned anew; what is done stays."));
  column->addWidget(substitutes_, 1);
  return page;
}

QLayout* EaselPage::make_buttons() {
  auto* leave = new QPushButton(tr("To the plan (Esc)"));
  leave->setObjectName("easel_leave");
  back_ = new QPushButton(tr("Pass before (←)"));
  back_->setObjectName("easel_back");
  substitute_ = new QPushButton(tr("Another stick (R)"));
  substitute_->setObjectName("easel_substitute");
  skip_ = new QPushButton(tr("Leave out (S)"));
  skip_->setObjectName("easel_skip");
  done_ = new QPushButton(tr("Done, next (space)"));
  done_->setObjectName("easel_done");
  speak_ = new QCheckBox(tr("Speak (V)"));
  speak_->setObjectName("easel_speak");
  auto* row = new QHBoxLayout;
  for (QPushButton* b : {leave, back_, substitute_, skip_, done_}) {
    b->setMinimumHeight(kButtonHeight);
    b->setFocusPolicy(Qt::NoFocus);
    QFont f = font();
    f.setPointSize(13);
    b->setFont(f);
    row->addWidget(b, b == done_ ? 2 : 1);
  }
  speak_->setFocusPolicy(Qt::NoFocus);
  row->insertWidget(1, speak_);
  connect(leave, &QPushButton::clicked, this, &EaselPage::closed);
  connect(back_, &QPushButton::clicked, this, [this] { work_.show_pass(work_.shown() - 1); });
  connect(substitute_, &QPushButton::clicked, this, &EaselPage::pick_substitute);
  connect(skip_, &QPushButton::clicked, &work_, &EaselWork::skip);
  connect(done_, &QPushButton::clicked, this, &EaselPage::done);
  connect(speak_, &QCheckBox::toggled, this, [this](bool on) { on ? speak() : voice_.hush(); });
  return row;
}

void EaselPage::done() {
  if (work_.mark_of(work_.shown()).state == plan::PassMark::State::open) return work_.done();
  work_.show_pass(work_.shown() + 1);
}

void EaselPage::refresh() {
  const PlannedPtr planned = session_.planned();
  const int at = work_.shown();
  const SubjectPtr s = session_.subject();
  picture_.set_image(s ? s->picture : QImage());
  const bool on_pass = planned && at >= 0 && at < work_.passes();
  for (QPushButton* b : {substitute_, skip_, done_}) b->setEnabled(on_pass);
  back_->setEnabled(planned && at > 0);
  for (QWidget* w : {static_cast<QWidget*>(colour_), static_cast<QWidget*>(stroke_), static_cast<QWidget*>(after_),
                     static_cast<QWidget*>(note_), static_cast<QWidget*>(tooth_)})
    w->setEnabled(on_pass);
  if (on_pass) {
    refresh_pass(at);
  } else {
    show_end();
  }
  refresh_clock();
}

void EaselPage::refresh_pass(int at) {
  const PlannedPtr planned = session_.planned();
  const plan::Pass& pass = planned->plan.passes[static_cast<std::size_t>(at)];
  const exports::PlanView view = view_of(*planned, session_.materials().model.parameters);
  const exports::PassWords w = exports::words_of(view, at);
  const plan::PassMark mark = work_.mark_of(at);
  board_.set_image(session_.board_after(pass.number));
  picture_.set_mask(pass_mask(planned->map, planned->plan, at, at));
  const QString state =
      mark.state == plan::PassMark::State::open ? QString() : tr(" · %1").arg(tr(plan::name(mark.state)));
  number_->setText(tr("Pass %1 of %2, passage %3 of %4%5")
                       .arg(pass.number)
                       .arg(work_.passes())
                       .arg(w.passage_number)
                       .arg(planned->guide.passages.size())
                       .arg(state));
  title_->setText(w.title);
  medium_->setText(w.tray.isEmpty() ? w.medium : w.medium + "\n" + w.tray);
  how_->setText(w.purpose.isEmpty() ? w.how : w.how + ", " + w.purpose);
  mark_->setText(mark_words(w));
  where_->setText(w.where);
  steps_->setText(chores_at(view, at));
  const QString then = w.after_words.isEmpty() ? QString() : tr("Then: %1").arg(w.after_words);
  after_words_->setText(w.finished_when.isEmpty() ? then : then + "\n" + w.finished_when);
  tooth_words_->setText(w.tooth + ", " + w.time);
  tooth_->setValue(qRound(100 * w.tooth_left));
  fill(colour_, w.colour);
  fill(after_, w.after);
  colour_->setAccessibleName(w.medium);
  after_->setAccessibleName(w.after_words);
  stroke_->set_drawing(exports::mark_drawing(view, at), w.how + ", " + w.mark + ", " + w.direction);
  safety_->setText(w.safety.join("\n"));
  substitute_->setEnabled(pass.kind == plan::PassKind::stroke && !pass.laid);
  skip_->setEnabled(mark.state == plan::PassMark::State::open);
  done_->setText(mark.state == plan::PassMark::State::open ? tr("Done, next (space)") : tr("Next (space)"));
  const bool last = at + 1 >= work_.passes();
  next_->setText(last ? tr("The last pass.") : tr("Next: %1").arg(exports::words_of(view, at + 1).title));
  if (!note_->hasFocus()) {
    const QSignalBlocker quiet(note_);
    note_->setText(QString::fromStdString(mark.note));
  }
  if (speak_->isChecked()) speak();
}

void EaselPage::show_end() {
  board_.set_image(session_.board_after(work_.passes()));
  picture_.set_mask({});
  const bool planned = session_.planned() != nullptr;
  number_->setText(planned ? tr("All %1 passes are done or left out").arg(work_.passes())
                           : tr("Nothing is planned yet"));
  title_->setText(planned ? tr("Step back.") : tr("Open a picture first."));
  how_->setText(planned ? tr("Compare value first, then temperature, then chroma.") : QString());
  for (QLabel* l : {medium_, mark_, where_, steps_, after_words_, tooth_words_, next_}) l->clear();
  if (planned) {
    const exports::PlanView view = view_of(*session_.planned(), session_.materials().model.parameters);
    steps_->setText(chores_at(view, work_.passes()));
  }
  safety_->setText(planned ? tr("Tip the dust off over a bin, wipe up damp, wash your hands.") : QString());
  for (QLabel* l : {colour_, after_}) fill(l, QColor(0, 0, 0, 0));
  stroke_->set_drawing({}, {});
  tooth_->setValue(0);
}

void EaselPage::refresh_clock() {
  clock_->setText(work_.paused() ? tr("%1 paused").arg(clock_words(work_.running_s()))
                                 : clock_words(work_.running_s()));
  QStringList wet;
  bool flammable = false;
  for (const EaselWork::Drying& d : work_.drying()) {
    wet << tr("Pass %1 dries: %2 left.").arg(d.pass + 1).arg(clock_words(d.left_s));
    flammable = flammable || d.flammable;
  }
  if (flammable) wet << tr("Flammable vapour: no heat, no flame.");
  const PlannedPtr planned = session_.planned();
  const int at = work_.shown();
  if (wet.isEmpty() && planned && at >= 0 && at < work_.passes()) {
    const plan::Pass& p = planned->plan.passes[static_cast<std::size_t>(at)];
    if (p.dry_minutes > 0) wet << tr("Dries for about %1 once it is done.").arg(exports::minutes_words(p.dry_minutes));
  }
  drying_->setText(wet.join("\n"));
}

void EaselPage::pick_substitute() {
  const PlannedPtr planned = session_.planned();
  const int at = work_.shown();
  if (!planned || at < 0 || at >= work_.passes() || !substitute_->isEnabled()) return;
  substitutes_->clear();
  const int old = planned->plan.passes[static_cast<std::size_t>(at)].stick;
  for (const int s : substitutes(*planned, old, kSubstitutes)) {
    const media::Stick& stick = planned->collection->sticks[static_cast<std::size_t>(s)];
    QPixmap swatch(substitutes_->iconSize());
    swatch.fill(to_colour(stick.lab));
    auto* item = new QListWidgetItem(QIcon(swatch), QString::fromStdString(stick.name), substitutes_);
    item->setData(Qt::UserRole, s);
  }
  if (substitutes_->count() == 0) {
    auto* item = new QListWidgetItem(tr("Nothing else at hand can stand in. Esc goes back."), substitutes_);
    item->setFlags(Qt::NoItemFlags);
  }
  substitutes_->setCurrentRow(0);
  card_->setCurrentIndex(1);
  substitutes_->setFocus();
}

void EaselPage::take_substitute() {
  const QListWidgetItem* item = substitutes_->currentItem();
  const QVariant stick = item == nullptr ? QVariant() : item->data(Qt::UserRole);
  back_from_substitutes();
  if (stick.isValid()) work_.substitute(stick.toInt());
}

void EaselPage::back_from_substitutes() {
  card_->setCurrentIndex(0);
  setFocus();
}

void EaselPage::speak() {
  if (!voice_.available()) {
    const QSignalBlocker quiet(speak_);
    speak_->setChecked(false);
    speak_->setEnabled(false);
    speak_->setText(tr("No voice installed"));
    return;
  }
  voice_.say(title_->text() + ". " + how_->text() + ". " + where_->text());
}

bool EaselPage::is_own(const QKeyEvent& event) {
  static const QSet<int> keys{Qt::Key_Space,     Qt::Key_Right, Qt::Key_Return, Qt::Key_Enter, Qt::Key_Left,
                              Qt::Key_Backspace, Qt::Key_S,     Qt::Key_O,      Qt::Key_N,     Qt::Key_R,
                              Qt::Key_P,         Qt::Key_V,     Qt::Key_Escape};
  const auto modifiers = event.modifiers() & ~(Qt::KeypadModifier | Qt::ShiftModifier);
  return modifiers == Qt::NoModifier && keys.contains(event.key());
}

/// Keys of the easel go before the window's shortcuts of one letter; those with Ctrl or Alt are the window's.
bool EaselPage::event(QEvent* event) {
  if (event->type() == QEvent::ShortcutOverride && is_own(*static_cast<QKeyEvent*>(event))) event->accept();
  return QWidget::event(event);
}

void EaselPage::keyPressEvent(QKeyEvent* event) {
  if (!is_own(*event)) return QWidget::keyPressEvent(event);
  switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_Right:
    case Qt::Key_Return:
    case Qt::Key_Enter:
      return done_->isEnabled() ? done() : void();
    case Qt::Key_Left:
    case Qt::Key_Backspace:
      return work_.show_pass(work_.shown() - 1);
    case Qt::Key_S:
      return skip_->isEnabled() ? work_.skip() : void();
    case Qt::Key_O:
      return work_.open_again();
    case Qt::Key_N:
      return note_->setFocus();
    case Qt::Key_R:
      return pick_substitute();
    case Qt::Key_P:
      return work_.pause(!work_.paused());
    case Qt::Key_V:
      return speak_->toggle();
    case Qt::Key_Escape:
      return emit closed();
    default:
      QWidget::keyPressEvent(event);
  }
}

bool EaselPage::eventFilter(QObject* watched, QEvent* event) {
  if (watched == substitutes_ && event->type() == QEvent::KeyPress &&
      static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
    back_from_substitutes();
    return true;
  }
  return QWidget::eventFilter(watched, event);
}

void EaselPage::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton || card_->currentIndex() != 0 || !done_->isEnabled()) return;
  setFocus();
  done();
}

void EaselPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  work_.pause(false);
  tick_.start();
  setFocus();
}

void EaselPage::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  work_.pause(true);
  voice_.hush();
  tick_.stop();
}

}  // namespace yd::app
