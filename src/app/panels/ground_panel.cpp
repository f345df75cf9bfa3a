// SPDX-License-Identifier: MIT
#include "panels/ground_panel.h"

#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <algorithm>
#include <optional>

#include "models/chips.h"
#include "models/stage_facts.h"
#include "panels/hand_section.h"
#include "panels/papers_section.h"
#include "words/grounds.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::app {
namespace {

constexpr QSize kPaperChip(64, 30);

/// The stick nearest to the colour that a paper changes most, thick before thin.
std::optional<media::Stick> delicate_stick(const GroundAdvice& grounds, const Planned& planned) {
  if (grounds.offcuts.targets.empty() || grounds.offcuts.papers.empty()) return {};
  for (std::size_t medium = plan::kCompared.size(); medium-- > 0;) {
    const int stick = grounds.offcuts.strip(0, 0, medium).stick;
    if (stick >= 0) return planned.collection->sticks[static_cast<std::size_t>(stick)];
  }
  return {};
}

}  // namespace

GroundPanel::GroundPanel(Session& session, Advice& advice, QWidget* parent)
    : Bench("ground_bench", parent),
      session_(session),
      advice_(advice),
      model_(session.materials()),
      list_(new QListView),
      facts_(new Facts("paper_facts", tr("What speaks for the paper"))),
      about_(paragraph()),
      other_(new QComboBox),
      tray_(new QLabel) {
  list_->setObjectName("papers");
  list_->setAccessibleName(tr("Papers, the best first"));
  list_->setModel(&model_);
  list_->setIconSize(kPaperChip);
  list_->setSpacing(1);
  about_->setObjectName("paper_about");
  about_->setTextInteractionFlags(Qt::TextSelectableByMouse);
  auto* verdict = new QWidget;
  auto* column = new QVBoxLayout(verdict);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(facts_);
  column->addWidget(about_);
  column->addStretch();
  papers_card_ = add(new Card(tr("Papers, the best first"), "card_papers", list_, 330, false));
  paper_card_ = add(new Card(tr("This paper"), "card_paper", verdict, 320));
  add(new Card(tr("Side by side"), "card_compare", make_sheets(), 292));
  add(new Card(tr("On other papers"), "section_papers", new PapersSection(session, advice), 260), true);
  add(new Card(tr("What counts"), "section_weights", make_weights(), 240), true);
  add(new Card(tr("Your hand"), "card_hand", new HandSection(session), 300), true);
  connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, &GroundPanel::choose);
  connect(&session_, &Session::choices_changed, this, &GroundPanel::refresh);
  connect(&session_, &Session::plan_changed, this, &GroundPanel::refresh);
  connect(&session_, &Session::reference_changed, &model_, &PaperModel::refresh);
  connect(&advice_, &Advice::changed, this, [this](Need need) {
    if (need == Need::grounds) refresh_advice();
  });
  refresh();
}

QWidget* GroundPanel::make_sheets() {
  auto* papers = new QPushButton(tr("Subject on every paper"));
  papers->setObjectName("papers_sheet");
  auto* offcuts = new QPushButton(tr("Offcut sheet"));
  offcuts->setObjectName("offcut_sheet");
  other_->setObjectName("other_paper");
  other_->setAccessibleName(tr("Second paper, to compare"));
  connect(papers, &QPushButton::clicked, this, &GroundPanel::papers_sheet_asked);
  connect(offcuts, &QPushButton::clicked, this, &GroundPanel::offcut_sheet_asked);
  connect(other_, &QComboBox::activated, this, &GroundPanel::compare);
  auto* box = new QWidget;
  tray_->setObjectName("tray_on_paper");
  tray_->setAccessibleName(tr("The tray, stroke by stroke, on this paper"));
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->addWidget(papers, 0, 0, 1, 2);
  grid->addWidget(offcuts, 1, 0, 1, 2);
  grid->addWidget(other_, 2, 0, 1, 2);
  grid->addWidget(tray_, 3, 0, 1, 2);
  grid->setRowStretch(4, 1);
  return box;
}

QWidget* GroundPanel::make_weights() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(2);
  for (std::size_t m = 0; m < plan::kGroundMarks; ++m) {
    weights_[m] = new LabelledSlider(words::term(plan::name(static_cast<plan::GroundMark>(m))),
                                     "weight_" + QString::number(m), 0, 30);
    column->addWidget(weights_[m]);
    connect(weights_[m], &LabelledSlider::moved, this, [this, m](int v) {
      Choices c = session_.choices();
      c.ground_weights[m] = v / 10.0;
      session_.change(c, tr("What counts for the paper"),
                      static_cast<Merge>(static_cast<int>(Merge::ground_weight) + static_cast<int>(m)));
    });
  }
  return box;
}

void GroundPanel::choose(const QModelIndex& index) {
  if (!index.isValid()) return;
  Choices c = session_.choices();
  c.paper = index.data(Qt::UserRole).toString().toStdString();
  session_.change(c, tr("Paper"));
}

void GroundPanel::compare(int row) {
  if (row < 1) return advice_.stop_comparing();
  Choices c = session_.choices();
  c.paper = other_->itemData(row).toString().toStdString();
  advice_.compare(c);
}

void GroundPanel::refresh() {
  const media::Paper* paper = session_.materials().paper(session_.choices().paper);
  for (std::size_t m = 0; m < plan::kGroundMarks; ++m)
    weights_[m]->show_value(qRound(10 * session_.choices().ground_weights[m]));
  if (other_->count() != model_.rowCount() + 1) {
    other_->clear();
    other_->addItem(tr("Compare with another paper…"));
    for (const media::Paper& p : session_.materials().papers)
      other_->addItem(words::paper_name(p), QString::fromStdString(p.id));
  }
  {
    const QSignalBlocker quiet(list_->selectionModel());
    list_->setCurrentIndex(model_.index(model_.row_of(QString::fromStdString(session_.choices().paper))));
  }
  list_->viewport()->update();
  if (paper == nullptr) return;
  paper_card_->head()->setText(words::paper_name(*paper));
  const PlannedPtr planned = session_.planned();
  const plan::GroundVerdict* verdict = nullptr;
  const auto grounds = advice_.grounds();
  for (std::size_t i = 0; grounds && i < grounds->ranked.size(); ++i) {
    if (session_.materials().papers[grounds->ranked[i].paper].id == paper->id) verdict = &grounds->ranked[i];
  }
  paper_card_->set_fact(verdict == nullptr ? QString() : tr("%1 of 100").arg(qRound(100 * verdict->score)));
  tray_->setPixmap(planned ? tray_on_paper(*planned, *paper, 3, QSize(88, 24)) : QPixmap());
  facts_->set_facts(paper_facts(*paper, verdict, planned.get()));
  about_->setText(verdict == nullptr
                      ? words::term(paper->surface.c_str())
                      : words::remarks(*verdict, *paper, session_.choices().plan.underpaint.picture).join(" "));
}

void GroundPanel::refresh_advice() {
  const QSignalBlocker quiet(list_->selectionModel());
  const auto grounds = advice_.grounds();
  const PlannedPtr planned = session_.planned();
  const auto delicate = grounds && planned ? delicate_stick(*grounds, *planned) : std::nullopt;
  model_.set_ranking(grounds ? grounds->ranked : std::vector<plan::GroundVerdict>{}, delicate, session_.parameters());
  papers_card_->set_fact(delicate ? tr("on each: %1").arg(words::stick_name(*delicate)) : QString());
  refresh();
}

}  // namespace yd::app
