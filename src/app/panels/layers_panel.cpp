#include "panels/layers_panel.h"

#include <QScrollArea>
#include <QVBoxLayout>

#include "exports/pass_words.h"
#include "models/layer_words.h"

namespace yd::app {

LayersPanel::LayersPanel(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      school_(new SchoolSection(session)),
      wishes_(new WishSection(session)),
      tabs_(new QTabWidget),
      strokes_(new LabelledSlider(tr("Most layers of one mass"), "strokes", 1, 4)),
      sitting_(new LabelledSlider(tr("Length of a sitting, minutes"), "sitting", 15, 240)),
      time_(paragraph()),
      easel_(new QPushButton(tr("To the easel"))),
      safety_(paragraph()),
      care_(paragraph()) {
  tabs_->setObjectName("layer_tabs");
  tabs_->setDocumentMode(true);
  time_->setObjectName("times");
  easel_->setObjectName("to_easel");
  care_->setObjectName("care");
  auto* passes = new PassSection(session);
  auto* advice = new AdviceSection(session);
  tabs_->addTab(new JobSection(session), tr("Job"));
  tabs_->addTab(passes, tr("Passes"));
  tabs_->addTab(advice, tr("Advice"));
  tabs_->addTab(make_time(), tr("Time"));
  tabs_->addTab(make_safety(), tr("Safety"));
  safety_->setObjectName("safety_page");
  auto* column = new QVBoxLayout(this);
  column->setSpacing(4);
  column->addWidget(school_);
  column->addWidget(wishes_);
  column->addWidget(tabs_, 1);
  column->addWidget(easel_);
  column->addWidget(care_);
  connect(school_, &SchoolSection::page_asked, this, &LayersPanel::school_page_asked);
  connect(passes, &PassSection::says, this, &LayersPanel::says);
  connect(advice, &AdviceSection::counted, this,
          [this](int n) { tabs_->setTabText(2, n > 0 ? tr("Advice (%1)").arg(n) : tr("Advice")); });
  connect(easel_, &QPushButton::clicked, this, &LayersPanel::easel_asked);
  connect(strokes_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.plan.most_strokes = v;
    session_.change(c, tr("Layers of a mass"), Merge::strokes);
  });
  connect(sitting_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.plan.sitting_minutes = v;
    session_.change(c, tr("Length of a sitting"), Merge::sitting);
  });
  connect(&session_, &Session::choices_changed, this, &LayersPanel::refresh);
  connect(&session_, &Session::plan_changed, this, &LayersPanel::refresh);
  refresh();
}

QWidget* LayersPanel::make_time() {
  auto* page = new QWidget;
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(0, 4, 0, 0);
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidget(time_);
  column->addWidget(sitting_);
  column->addWidget(strokes_);
  column->addWidget(scroll, 1);
  return page;
}

QWidget* LayersPanel::make_safety() {
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidget(safety_);
  return scroll;
}

void LayersPanel::refresh() {
  strokes_->show_value(session_.choices().plan.most_strokes);
  sitting_->show_value(static_cast<int>(session_.choices().plan.sitting_minutes));
  const PlannedPtr planned = session_.planned();
  easel_->setEnabled(planned != nullptr);
  time_->setText(planned ? time_words(*planned) : tr("Open a picture: the time it takes will stand here."));
  safety_->setText(planned ? exports::safety_page(view_of(*planned, session_.materials().model.parameters)).join("\n\n")
                           : tr("Open a picture: the cautions for its materials will stand here."));
  const bool care = planned && std::any_of(planned->plan.tray.begin(), planned->plan.tray.end(), [&](int i) {
                      return media::needs_care(planned->collection->sticks[static_cast<std::size_t>(i)]);
                    });
  care_->setText(
      planned ? tr("Dust: tip it off, do not blow.%1 Follow the product's safety data sheet and local rules; ask a "
                   "qualified person where in doubt.")
                    .arg(care ? tr(" Some pigments here harm if breathed or swallowed: dust mask, wash your hands.")
                              : QString())
              : QString());
}

}  // namespace yd::app
