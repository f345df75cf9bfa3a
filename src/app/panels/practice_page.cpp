// SPDX-License-Identifier: MIT
#include "panels/practice_page.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QRandomGenerator>
#include <QSignalBlocker>

#include "looks/greys.h"
#include "models/practice_view.h"
#include "widgets/spoken.h"
#include "words/practice.h"
#include "words/sentence.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

using DrillKind = practice::Kind;

constexpr int kMixLayers = 3;
constexpr double kLight = 0.35;
constexpr double kMiddle = 0.65;

}  // namespace

PracticePage::PracticePage(Session& session, Keeper& keeper, QWidget* parent)
    : QWidget(parent),
      session_(session),
      keeper_(keeper),
      kinds_(new QListWidget),
      family_(new QComboBox),
      start_(new QPushButton(tr("Begin"))),
      about_(paragraph()),
      history_(new CurveView("practice_history", tr("drills"), tr("told apart"))),
      said_(paragraph()),
      question_(heading({})),
      count_(new QLabel),
      task_(new TaskView),
      answers_(new QWidget),
      mixer_(make_mixer()),
      feedback_(paragraph()) {
  speak_as(this, QAccessible::Pane);
  auto* back = new QPushButton(tr("Leave it (Esc)"));
  back->setObjectName("practice_back");
  connect(back, &QPushButton::clicked, this, [this] {
    stop();
    emit closed();
  });
  auto* head = new QHBoxLayout;
  head->addWidget(heading(tr("Practice")), 1);
  head->addWidget(back);
  auto* row = new QHBoxLayout;
  row->setSpacing(2 * kSpace);
  row->addWidget(make_choice());
  row->addWidget(make_task(), 1);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(2 * kSpace, kSpace, 2 * kSpace, kSpace);
  column->addLayout(head);
  column->addLayout(row, 1);
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Practice: answer with the number keys"));
  connect(&keeper_, &Keeper::changed, this, &PracticePage::show_history);
  kinds_->setCurrentRow(0);
}

QWidget* PracticePage::make_choice() {
  kinds_->setObjectName("practice_kinds");
  kinds_->setAccessibleName(tr("Drills"));
  for (const DrillKind k : practice::kKinds) new QListWidgetItem(words::drill(k), kinds_);
  kinds_->setProperty("sheet", true);
  kinds_->setSpacing(3);
  kinds_->setFixedHeight((kinds_->sizeHintForRow(0) + 6) * kinds_->count() + 2 * kSpace);
  family_->setObjectName("practice_family");
  family_->setAccessibleName(tr("Hues"));
  for (const practice::Family f : practice::kFamilies) family_->addItem(words::begun(words::family(f)));
  family_->setCurrentIndex(1);
  start_->setObjectName("practice_start");
  about_->setObjectName("practice_about");
  said_->setObjectName("practice_said");
  connect(kinds_, &QListWidget::currentRowChanged, this, [this] {
    stop();
    show_history();
  });
  connect(kinds_, &QListWidget::itemActivated, this, &PracticePage::start);
  connect(start_, &QPushButton::clicked, this, &PracticePage::start);
  auto* box = new QWidget;
  constexpr int kWide = 290;
  box->setFixedWidth(kWide);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  for (QWidget* w : std::initializer_list<QWidget*>{kinds_, about_, family_, start_}) column->addWidget(w);
  column->addSpacing(kSpace);
  column->addWidget(heading(tr("Over time")));
  column->addWidget(history_, 1);
  column->addWidget(said_);
  column->addWidget(
      paragraph(tr("Screens differ, and a room's light with them: compare yourself with yourself, on this "
                   "screen.")));
  return box;
}

QWidget* PracticePage::make_task() {
  question_->setObjectName("practice_question");
  count_->setObjectName("practice_count");
  count_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
  feedback_->setObjectName("practice_feedback");
  answers_->setObjectName("practice_answers");
  auto* answers = new QHBoxLayout(answers_);
  answers->setContentsMargins(0, 0, 0, 0);
  auto* head = new QHBoxLayout;
  head->addWidget(question_, 1);
  head->addWidget(count_);
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addLayout(head);
  column->addWidget(task_, 1);
  column->addWidget(mixer_);
  column->addWidget(answers_);
  column->addWidget(feedback_);
  mixer_->hide();
  return box;
}

QWidget* PracticePage::make_mixer() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  for (int i = 0; i < kMixLayers; ++i) {
    auto* stick = new QComboBox;
    stick->setObjectName("mix_stick_" + QString::number(i));
    stick->setAccessibleName(tr("Stick of stroke %1").arg(i + 1));
    stick->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    auto* how = new QComboBox;
    how->setObjectName("mix_how_" + QString::number(i));
    how->setAccessibleName(tr("How stroke %1 is laid").arg(i + 1));
    how->addItems(
        {tr("light"), tr("middle"), tr("firm"), tr("light, rubbed"), tr("middle, rubbed"), tr("firm, rubbed")});
    how->setCurrentIndex(i == 0 ? 5 : 1);
    row->addWidget(stick, 2);
    row->addWidget(how, 1);
    mix_sticks_ << stick;
    mix_hows_ << how;
  }
  auto* lay = new QPushButton(tr("Lay it"));
  lay->setObjectName("mix_lay");
  connect(lay, &QPushButton::clicked, this, &PracticePage::answer_mixed);
  row->addWidget(lay);
  return box;
}

practice::Kind PracticePage::kind() const {
  return practice::kKinds[static_cast<std::size_t>(std::max(0, kinds_->currentRow()))];
}

void PracticePage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  show_history();
}

void PracticePage::start() { begin(kind(), QRandomGenerator::global()->generate64()); }

void PracticePage::begin(practice::Kind kind, std::uint64_t seed) {
  {
    const QSignalBlocker quiet(kinds_);
    kinds_->setCurrentRow(static_cast<int>(kind));
  }
  planned_ = session_.planned();
  material_ = material_of(planned_, session_.materials(), session_.parameters());
  if (!practice::possible(kind, material_)) return stop();
  drill_.emplace(kind, practice::kFamilies[static_cast<std::size_t>(std::max(0, family_->currentIndex()))], material_,
                 seed);
  feedback_->clear();
  for (QComboBox* box : mix_sticks_) {
    box->clear();
    if (box != mix_sticks_.first()) box->addItem(tr("nothing"), -1);
    for (std::size_t i = 0; i < material_.sticks.size(); ++i)
      box->addItem(words::stick_name(material_.sticks[i]), static_cast<int>(i));
  }
  show_history();
  show_task();
  setFocus();
}

void PracticePage::stop() {
  drill_.reset();
  task_->clear();
  mixer_->hide();
  qDeleteAll(answers_->findChildren<QPushButton*>());
  count_->clear();
  feedback_->clear();
  const practice::Material m = material_of(session_.planned(), session_.materials(), session_.parameters());
  const bool can = practice::possible(kind(), m);
  start_->setEnabled(can);
  question_->setText(can ? words::drill(kind())
                         : tr("This drill is made from a picture of yours: open one first, with some masses in it."));
}

void PracticePage::show_task() {
  const practice::Task& t = drill_->task();
  question_->setText(words::question(t));
  count_->setText(tr("%1 of %2").arg(drill_->asked() + 1).arg(practice::trials_of(kind())));
  task_->set_drawing(drawing_of(t, material_, planned_));
  task_->setAccessibleName(words::question(t));
  mixer_->setVisible(t.kind == DrillKind::mixing);
  const QStringList texts = answers_of(t);
  QList<QPushButton*> buttons = answers_->findChildren<QPushButton*>();
  while (buttons.size() > texts.size()) delete buttons.takeLast();
  while (buttons.size() < texts.size()) {
    auto* b = new QPushButton;
    const auto place = static_cast<int>(buttons.size());
    b->setObjectName("answer_" + QString::number(place));
    constexpr int kHigh = 40;
    b->setMinimumHeight(kHigh);
    b->setFocusPolicy(Qt::TabFocus);
    connect(b, &QPushButton::clicked, this, [this, place] { answer(place); });
    answers_->layout()->addWidget(b);
    buttons << b;
  }
  for (qsizetype i = 0; i < texts.size(); ++i) buttons[i]->setText(texts[i]);
}

void PracticePage::answer(int choice) {
  if (!drill_ || choice < 0 || choice >= drill_->task().answers) return;
  const practice::Task was = drill_->task();
  const bool right = drill_->answer(choice);
  feedback_->setText(right ? tr("Right.") : tr("It was %1.").arg(answers_of(was).value(was.right)));
  drill_->over() ? finish() : show_task();
}

void PracticePage::answer_mixed() {
  if (!drill_ || kind() != DrillKind::mixing) return;
  std::vector<plan::Stroke> strokes;
  for (qsizetype i = 0; i < mix_sticks_.size(); ++i) {
    const int stick = mix_sticks_[i]->currentData().toInt();
    if (stick < 0) continue;
    const int how = mix_hows_[i]->currentIndex();
    const double pressure = how % 3 == 0 ? kLight : how % 3 == 1 ? kMiddle : 1.0;
    strokes.push_back({stick, pressure, how >= 3 ? plan::Technique::rubbed : plan::Technique::laid, false,
                       static_cast<int>(strokes.size())});
  }
  const double off = drill_->answer(strokes);
  feedback_->setText(tr("You came within %1 of it.").arg(words::number(off, 1)));
  drill_->over() ? finish() : show_task();
}

void PracticePage::finish() {
  const practice::Outcome outcome = drill_->outcome();
  keeper_.keep_drill(record_of(outcome));
  const DrillKind was = outcome.kind;
  stop();
  question_->setText(words::drill(was));
  feedback_->setText(words::outcome(outcome));
  show_history();
}

void PracticePage::show_history() {
  if (!isVisible()) return;
  about_->setText(words::drill_about(kind()));
  const bool hued = kind() == DrillKind::value || kind() == DrillKind::lighter || kind() == DrillKind::warmer;
  family_->setVisible(hued);
  history_->set_placeholder(tr("Drills are drawn here, one after the other."));
  const journal::Journal* j = keeper_.journal();
  const auto drills = j == nullptr ? Result<std::vector<journal::Drill>>(std::vector<journal::Drill>{})
                                   : j->drills(practice::name(kind()));
  const std::vector<journal::Drill> past = drills ? drills.value() : std::vector<journal::Drill>{};
  history_->set_points(thresholds_over_time(past), past.empty() ? -1 : static_cast<int>(past.size()) - 1);
  if (past.empty()) return said_->setText(j == nullptr ? keeper_.trouble() : tr("None yet."));
  const journal::Drill& last = past.back();
  const practice::Estimate eye{last.bias, last.bias_sd, last.threshold, last.threshold_sd};
  said_->setText(
      tr("Last: %1, ± %2. %3")
          .arg(words::threshold(kind(), eye))
          .arg(words::number(last.threshold_sd, 2))
          .arg(hued ? tr("%1: %2.").arg(words::begun(last.detail), words::bias(kind(), last.bias, last.bias_sd))
                    : QString()));
}

bool PracticePage::is_own(int key) const {
  if (key == Qt::Key_Escape) return true;
  const bool answers = (key >= Qt::Key_1 && key <= Qt::Key_9) || key == Qt::Key_Left || key == Qt::Key_Right;
  return drill_ && answers;
}

/// Its keys go before the window's.
bool PracticePage::event(QEvent* event) {
  if (event->type() == QEvent::ShortcutOverride && is_own(static_cast<QKeyEvent*>(event)->key())) event->accept();
  return QWidget::event(event);
}

void PracticePage::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) {
    const bool running = drill_.has_value();
    stop();
    return running ? void() : emit closed();
  }
  if (drill_ && event->key() >= Qt::Key_1 && event->key() <= Qt::Key_9) return answer(event->key() - Qt::Key_1);
  if (drill_ && drill_->task().answers == 2 && event->key() == Qt::Key_Left) return answer(0);
  if (drill_ && drill_->task().answers == 2 && event->key() == Qt::Key_Right) return answer(1);
  QWidget::keyPressEvent(event);
}

}  // namespace yd::app
