// SPDX-License-Identifier: MIT
#include "panels/easel_page.h"

#include <QHBoxLayout>
#include <QRegularExpression>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "exports/pass_words.h"
#include "looks/images.h"
#include "models/chips.h"
#include "models/layer_words.h"
#include "models/overlays.h"
#include "models/passage_drawing.h"
#include "session/order_edits.h"
#include "widgets/spoken.h"
#include "words/guide.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::app {
namespace {

constexpr int kButtonHeight = 52;
constexpr std::size_t kSubstitutes = 12;
constexpr QSize kLargeChip(300, 56);

QString clock_words(std::int64_t seconds) {
  const auto s = std::max<std::int64_t>(0, seconds);
  return QString("%1:%2").arg(s / 60).arg(s % 60, 2, 10, QChar('0'));
}

}  // namespace

EaselPage::EaselPage(Session& session, EaselWork& work, QWidget* parent)
    : QWidget(parent),
      session_(session),
      work_(work),
      picture_(link_, "easel_picture"),
      board_(board_link_, "easel_board"),
      card_(new QStackedWidget) {
  speak_as(this, QAccessible::Pane);
  setObjectName("easel");
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Easel"));
  // A click on the picture is a click anywhere; zooming is for the plan.
  for (PictureView* view : {&picture_, &board_}) {
    view->setAttribute(Qt::WA_TransparentForMouseEvents);
    view->setFocusPolicy(Qt::NoFocus);
  }
  picture_.setObjectName("easel_picture");
  picture_.setAccessibleName(tr("Where this step goes: lit, more where it is firmer"));
  board_.setAccessibleName(tr("The board as it should look after this pass"));
  pictures_ = new QBoxLayout(QBoxLayout::LeftToRight);
  pictures_->setSpacing(kSpace);
  pictures_->addWidget(&picture_, 1);
  pictures_->addWidget(&board_, 1);
  auto* step = new QWidget;
  blocks_ = new QBoxLayout(QBoxLayout::LeftToRight, step);
  blocks_->setContentsMargins(0, 0, 0, 0);
  blocks_->setSpacing(3 * kSpace);
  blocks_->addWidget(make_stick(), 4);
  blocks_->addWidget(make_words(), 5);
  blocks_->addWidget(make_tray(), 4);
  card_->addWidget(step);
  card_->addWidget(make_substitutes());
  outer_ = new QBoxLayout(QBoxLayout::TopToBottom);
  outer_->setSpacing(2 * kSpace);
  auto* seen = new QVBoxLayout;
  seen->addLayout(pictures_, 1);
  seen->addWidget(make_bar());
  outer_->addLayout(seen, 1);
  outer_->addWidget(card_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(2 * kSpace, kSpace, 2 * kSpace, kSpace);
  column->setSpacing(kSpace);
  column->addLayout(make_head());
  column->addLayout(outer_, 1);
  column->addLayout(make_buttons());
  tick_.setInterval(1000);
  connect(&tick_, &QTimer::timeout, this, &EaselPage::refresh_clock);
  connect(&work_, &EaselWork::changed, this, &EaselPage::refresh);
  connect(&session_, &Session::subject_changed, this, &EaselPage::refresh);
  refresh();
}

QLayout* EaselPage::make_head() {
  number_ = line_in("easel_number", Type::heading);
  clock_ = line_in("easel_clock", Type::heading);
  drying_ = line_in("easel_drying", Type::heading, true);
  for (QLabel* label : {number_, clock_, drying_}) label->setWordWrap(false);
  auto* row = new QHBoxLayout;
  row->addWidget(number_, 1);
  row->addWidget(drying_);
  row->addSpacing(2 * kSpace);
  speak_ = new QCheckBox(tr("Speak (V)"));
  speak_->setObjectName("easel_speak");
  speak_->setFocusPolicy(Qt::NoFocus);
  row->addWidget(closer_);
  row->addSpacing(2 * kSpace);
  row->addWidget(speak_);
  row->addSpacing(2 * kSpace);
  row->addWidget(clock_);
  return row;
}

QWidget* EaselPage::make_stick() {
  title_ = line_in("easel_title", Type::large, true);
  medium_ = line_in("easel_medium", Type::heading);
  chip_ = new QLabel;
  chip_->setObjectName("easel_chip");
  chip_->setFixedSize(kLargeChip);
  stroke_ = new StrokeView;
  stroke_->setFixedSize(kLargeChip.width(), 92);
  auto* box = new QWidget;
  auto* column = column_in(box);
  for (QWidget* w : std::initializer_list<QWidget*>{title_, medium_, chip_, stroke_}) column->addWidget(w);
  column->addStretch();
  return box;
}

QWidget* EaselPage::make_words() {
  words_ = new StepWords;
  return words_;
}

QWidget* EaselPage::make_tray() {
  tray_ = new TrayView("easel_tray");
  tray_->setAttribute(Qt::WA_TransparentForMouseEvents);
  tray_->setFocusPolicy(Qt::NoFocus);
  next_ = line_in("easel_next", Type::heading);
  safety_ = line_in("easel_safety", Type::small);
  note_ = new QLineEdit;
  note_->setObjectName("easel_note");
  note_->setPlaceholderText(tr("Note (N)"));
  note_->setAccessibleName(tr("Note for this pass"));
  connect(note_, &QLineEdit::editingFinished, this, [this] {
    work_.note(note_->text());
    setFocus();
  });
  auto* box = new QWidget;
  auto* column = column_in(box);
  column->addWidget(tray_, 1);
  for (QWidget* w : std::initializer_list<QWidget*>{next_, note_, safety_}) column->addWidget(w);
  return box;
}

QWidget* EaselPage::make_substitutes() {
  substitutes_ = new QListWidget;
  substitutes_->setObjectName("substitutes");
  substitutes_->setAccessibleName(tr("Sticks that could stand in, nearest first"));
  substitutes_->setIconSize(kChips);
  substitutes_->setFlow(QListView::TopToBottom);
  substitutes_->setWrapping(true);
  QFont f = font();
  f.setPointSizeF(points(Type::heading));
  substitutes_->setFont(f);
  connect(substitutes_, &QListWidget::itemActivated, this, &EaselPage::take_substitute);
  connect(substitutes_, &QListWidget::itemClicked, this, &EaselPage::take_substitute);
  substitutes_->installEventFilter(this);
  auto* page = new QWidget;
  auto* column = column_in(page);
  auto* title = line_in("easel_substitute_title", Type::heading);
  title->setText(tr("Which stick instead? Nearest colours first. The rest is planned anew; what is done stays."));
  column->addWidget(title);
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
  auto* row = new QHBoxLayout;
  row->setSpacing(kSpace / 2);
  for (QPushButton* b : {leave, back_, substitute_, skip_, done_}) {
    b->setMinimumHeight(kButtonHeight);
    b->setFocusPolicy(Qt::NoFocus);
    QFont f = font();
    f.setPointSizeF(points(Type::heading));
    b->setFont(f);
    row->addWidget(b, b == done_ ? 2 : 1);
  }
  connect(leave, &QPushButton::clicked, this, &EaselPage::closed);
  connect(back_, &QPushButton::clicked, this, [this] { work_.show_pass(work_.shown() - 1); });
  connect(substitute_, &QPushButton::clicked, this, &EaselPage::pick_substitute);
  connect(skip_, &QPushButton::clicked, &work_, &EaselWork::skip);
  connect(done_, &QPushButton::clicked, this, &EaselPage::next_group);
  connect(speak_, &QCheckBox::toggled, this, [this](bool on) { on ? speak() : voice_.hush(); });
  return row;
}

/// A wide picture has the words below it, a tall one beside it.
void EaselPage::arrange(int more) {
  const SubjectPtr s = session_.subject();
  const bool wide = !s || s->image.width >= s->image.height;
  outer_->setDirection(wide ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
  blocks_->setDirection(wide ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
  const int words_high = 250 + more;
  constexpr int kWordsWide = 360;
  card_->setMinimumSize(wide ? 0 : kWordsWide, wide ? words_high : 0);
  card_->setMaximumSize(wide ? QWIDGETSIZE_MAX : kWordsWide, wide ? words_high : QWIDGETSIZE_MAX);
}

void EaselPage::resizeEvent(QResizeEvent*) { fit_words(); }

/// Long chores take some room from the pictures before their letters get small.
void EaselPage::fit_words() {
  for (const int more : {0, 60, 120}) {
    arrange(more);
    for (QLayout* inside : {layout(), card_->layout(), static_cast<QLayout*>(blocks_)}) inside->activate();
    if (words_->fit(std::min(card_->height(), card_->maximumHeight()), more < 120 ? Type::text : Type::small)) return;
  }
}

void EaselPage::done() {
  if (work_.chore() >= 0 || work_.mark_of(work_.shown()).state == plan::PassMark::State::open) return work_.done();
  work_.show_pass(work_.shown() + 1);
}

void EaselPage::show_stick(bool on) {
  chip_->setVisible(on);
  stroke_->setVisible(on);
  note_->setEnabled(on);
}

void EaselPage::refresh() {
  if (!isVisible()) return;  // shown, it is drawn; until then it costs nothing
  const PlannedPtr planned = session_.planned();
  const int at = work_.shown();
  const int chore = work_.chore();
  const SubjectPtr s = session_.subject();
  arrange();
  picture_.set_image(s ? s->picture : QImage());
  if (s) {
    const double aspect = static_cast<double>(s->image.width) / s->image.height;
    picture_.set_overlay(drawing_aids(session_.choices().composition, aspect));
  }
  const bool on_pass = planned && chore < 0 && at >= 0 && at < work_.passes();
  substitute_->setEnabled(on_pass);
  for (QPushButton* b : {skip_, done_}) b->setEnabled(on_pass || chore >= 0);
  back_->setEnabled(planned && at > 0);
  show_stick(on_pass);
  if (chore >= 0) {
    refresh_chore(chore);
  } else if (on_pass) {
    refresh_pass(at);
  } else {
    show_end();
  }
  // What has nothing to say leaves its room to the rest; chores are told in words, not by a stick.
  words_->hide_empty();
  blocks_->setStretch(0, chore >= 0 ? 2 : 4);
  blocks_->setStretch(1, chore >= 0 ? 7 : 5);
  fit_words();
  refresh_clock();
  if (speak_->isChecked() && (on_pass || chore >= 0)) speak();
}

void EaselPage::refresh_chore(int passage) {
  const PlannedPtr planned = session_.planned();
  const exports::PlanView view = view_of(*planned, planned->parameters);
  const plan::Passage& p = planned->guide.passages[static_cast<std::size_t>(passage)];
  if (p.kind == plan::PassageKind::drawing) picture_.set_image(outlines(*planned));
  picture_.set_mask({});
  bar_->hide();
  link_.set_view(0, {0.5, 0.5});
  board_.set_image(session_.board_after(work_.shown()));
  number_->setText(tr("Passage %1 of %2").arg(passage + 1).arg(planned->guide.passages.size()));
  title_->setText(words::title(p, view.job()));
  medium_->setText(exports::minutes_words(p.minutes));
  for (QLabel* l : {words_->how, words_->mark, words_->where}) l->clear();
  words_->steps->setText(words::steps(p, view.job()).join("\n"));
  words_->after->setText(words::finished_when(p, view.job()));
  tray_->set_sticks(lying_sticks(*planned, 0, 0));
  done_->setText(tr("Done, next (space)"));
  next_->setText(work_.shown() < work_.passes() ? tr("Next: %1").arg(exports::words_of(view, work_.shown()).title)
                                                : QString());
  safety_->clear();
}

void EaselPage::refresh_pass(int at) {
  const PlannedPtr planned = session_.planned();
  const plan::Pass& pass = planned->plan.passes[static_cast<std::size_t>(at)];
  const exports::PlanView view = view_of(*planned, planned->parameters);
  const exports::PassWords w = exports::words_of(view, at);
  const plan::PassMark mark = work_.mark_of(at);
  board_.set_image(session_.board_after(pass.number));
  picture_.set_mask(pass_mask(planned->map, planned->plan, at, at));
  const QString state =
      mark.state == plan::PassMark::State::open ? QString() : tr(" · %1").arg(words::term(plan::name(mark.state)));
  const int passage = planned->guide.passage_of(at);
  number_->setText(
      tr("Pass %1 of %2, passage %3 of %4: %5%6")
          .arg(pass.number)
          .arg(work_.passes())
          .arg(w.passage_number)
          .arg(planned->guide.passages.size())
          .arg(passage < 0 ? QString()
                           : words::short_title(planned->guide.passages[static_cast<std::size_t>(passage)], view.job()),
               state));
  title_->setText(w.title);
  medium_->setText(w.tray.isEmpty() ? w.medium : w.medium + "; " + w.tray);
  words_->how->setText(w.purpose.isEmpty() ? w.how : w.how + ", " + w.purpose);
  words_->mark->setText(mark_words(w));
  words_->where->setText(w.where);
  take_groups(at);
  refresh_group();
  words_->steps->setText(chores_at(view, at));
  const QString then = w.after_words.isEmpty() ? QString() : tr("Then: %1").arg(w.after_words);
  const QString room = w.tooth.isEmpty() ? w.time : w.tooth + ", " + w.time;
  words_->after->setText(QStringList{then, w.finished_when, room}.filter(QRegularExpression(".")).join("\n"));
  const bool stroke = pass.kind == plan::PassKind::stroke;
  chip_->setVisible(stroke);
  if (stroke) {
    chip_->setPixmap(pass_chip(planned->collection->sticks[static_cast<std::size_t>(pass.stick)], pass.pressure,
                               pass.technique == plan::Technique::rubbed, *planned->paper, planned->parameters,
                               kLargeChip));
    chip_->setAccessibleName(tr("The stroke on this paper: %1").arg(w.medium));
  }
  stroke_->set_drawing(exports::mark_drawing(view, at), w.how + ", " + w.mark + ", " + w.direction);
  if (played_ != at) stroke_->play();
  played_ = at;
  tray_->set_sticks(lying_sticks(*planned, pass.number, pass.number));
  safety_->setText(w.safety.join(" "));
  substitute_->setEnabled(stroke && !pass.laid);
  skip_->setEnabled(mark.state == plan::PassMark::State::open);
  const bool more = group_ + 1 < groups_.size();
  done_->setText(more                                        ? tr("Next marks (space)")
                 : mark.state == plan::PassMark::State::open ? tr("Done, next (space)")
                                                             : tr("Next (space)"));
  const bool last = at + 1 >= work_.passes();
  next_->setText(last ? tr("The last pass.") : tr("Next: %1").arg(exports::words_of(view, at + 1).title));
  if (!note_->hasFocus()) {
    const QSignalBlocker quiet(note_);
    note_->setText(QString::fromStdString(mark.note));
  }
}

void EaselPage::show_end() {
  board_.set_image(session_.board_after(work_.passes()));
  picture_.set_mask({});
  const bool planned = session_.planned() != nullptr;
  number_->setText(planned ? tr("All %n pass(es) are done or left out", nullptr, work_.passes())
                           : tr("Nothing is planned yet"));
  title_->setText(planned ? tr("Step back.") : tr("Open a picture first."));
  words_->how->setText(planned ? tr("Compare value first, then temperature, then chroma.") : QString());
  for (QLabel* l : {medium_, words_->mark, words_->where, words_->steps, words_->after, next_}) l->clear();
  tray_->set_sticks(planned ? lying_sticks(*session_.planned(), 0, 0) : QList<LyingStick>{});
  safety_->setText(planned ? tr("Tip the dust off over a bin, wipe up damp, wash your hands.") : QString());
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
  if (wet.isEmpty() && planned && work_.chore() < 0 && at >= 0 && at < work_.passes()) {
    const plan::Pass& p = planned->plan.passes[static_cast<std::size_t>(at)];
    if (p.dry_minutes > 0) wet << tr("Dries for about %1 once it is done.").arg(exports::minutes_words(p.dry_minutes));
  }
  drying_->setText(wet.join(" "));
}

void EaselPage::pick_substitute() {
  const PlannedPtr planned = session_.planned();
  const int at = work_.shown();
  if (!planned || at < 0 || at >= work_.passes() || !substitute_->isEnabled()) return;
  substitutes_->clear();
  const int old = planned->plan.passes[static_cast<std::size_t>(at)].stick;
  for (const int s : substitutes(*planned, old, kSubstitutes)) {
    const media::Stick& stick = planned->collection->sticks[static_cast<std::size_t>(s)];
    const QPixmap chip = stroke_chip(stick, *planned->paper, planned->parameters, kChips);
    auto* item = new QListWidgetItem(QIcon(chip), words::stick_name(stick), substitutes_);
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
  voice_.say(QStringList{title_->text(), words_->how->text(), words_->where->text(), words_->steps->text()}.join(". "));
}

void EaselPage::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton || card_->currentIndex() != 0 || !done_->isEnabled()) return;
  setFocus();
  next_group();
}

void EaselPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  refresh();
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
