#include "panels/ground_panel.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <algorithm>

#include "colour/words.h"
#include "widgets/section.h"
#include "words/grounds.h"

namespace yd::app {
namespace {}  // namespace

GroundPanel::GroundPanel(Session& session, Advice& advice, QWidget* parent)
    : QWidget(parent),
      session_(session),
      advice_(advice),
      model_(session.materials()),
      list_(new QListView),
      about_(paragraph()),
      other_(new QComboBox) {
  list_->setObjectName("papers");
  list_->setAccessibleName(tr("Papers, the best first"));
  list_->setModel(&model_);
  list_->setMinimumHeight(150);
  about_->setObjectName("paper_about");
  about_->setTextInteractionFlags(Qt::TextSelectableByMouse);
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidget(about_);
  auto* column = new QVBoxLayout(this);
  column->setSpacing(4);
  column->addWidget(heading(tr("The paper to work on")));
  column->addWidget(list_, 3);
  column->addWidget(scroll, 2);
  column->addWidget(make_sheets());
  column->addWidget(new Section(tr("What counts, 0 to 30"), "section_weights", make_weights(), false));
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
  auto* masked = new QCheckBox(tr("on grey"));
  masked->setObjectName("offcut_masked");
  masked->setToolTip(tr("Masks the surround to a common grey, so that the strips can be judged"));
  other_->setObjectName("other_paper");
  other_->setAccessibleName(tr("Second paper, to compare"));
  connect(papers, &QPushButton::clicked, this, &GroundPanel::papers_sheet_asked);
  connect(offcuts, &QPushButton::clicked, this, [this, masked] { emit offcut_sheet_asked(masked->isChecked()); });
  connect(masked, &QCheckBox::clicked, this, [this](bool on) { emit offcut_sheet_asked(on); });
  connect(other_, &QComboBox::activated, this, &GroundPanel::compare);
  auto* box = new QWidget;
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->addWidget(papers, 0, 0, 1, 2);
  grid->addWidget(offcuts, 1, 0);
  grid->addWidget(masked, 1, 1);
  grid->addWidget(other_, 2, 0, 1, 2);
  return box;
}

QWidget* GroundPanel::make_weights() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  for (std::size_t m = 0; m < plan::kGroundMarks; ++m) {
    weights_[m] =
        new LabelledSlider(tr(plan::name(static_cast<plan::GroundMark>(m))), "weight_" + QString::number(m), 0, 30);
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
  c.paper = index.data(Qt::UserRole).toString();
  session_.change(c, tr("Paper"));
}

void GroundPanel::compare(int row) {
  if (row < 1) return advice_.stop_comparing();
  Choices c = session_.choices();
  c.paper = other_->itemData(row).toString();
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
      other_->addItem(QString::fromStdString(p.name), QString::fromStdString(p.id));
  }
  {
    const QSignalBlocker quiet(list_->selectionModel());
    list_->setCurrentIndex(model_.index(model_.row_of(session_.choices().paper)));
  }
  list_->viewport()->update();
  if (paper == nullptr) return;
  QString text = tr("%1: %2, value %3, %4.")
                     .arg(QString::fromStdString(paper->name), QString::fromStdString(colour::describe(paper->lab)))
                     .arg(colour::value_step(paper->lab.l), 0, 'f', 1)
                     .arg(QString::fromStdString(paper->surface));
  const PlannedPtr planned = session_.planned();
  if (const auto grounds = advice_.grounds()) {
    for (const plan::GroundVerdict& v : grounds->ranked) {
      if (session_.materials().papers[v.paper].id != paper->id || !planned) continue;
      const QString reasons =
          words::reasons(v, *paper, planned->plan, *planned->subject, session_.choices().plan.underpaint.picture);
      text += "\n" + tr("Mark %1 of 100. %2").arg(qRound(100 * v.score)).arg(reasons);
    }
  }
  if (planned && planned->paper->id == paper->id) {
    text +=
        "\n" + tr("On it, %1 sticks come within %2 ΔE00 of the subject as seen across the room, %3 for one in twenty.")
                   .arg(planned->plan.tray.size())
                   .arg(planned->figures.seen.mean, 0, 'f', 1)
                   .arg(planned->figures.seen.p95, 0, 'f', 1);
  }
  about_->setText(text);
}

void GroundPanel::refresh_advice() {
  const QSignalBlocker quiet(list_->selectionModel());
  const auto grounds = advice_.grounds();
  model_.set_ranking(grounds ? grounds->ranked : std::vector<plan::GroundVerdict>{});
  refresh();
}

}  // namespace yd::app
