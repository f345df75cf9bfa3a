// SPDX-License-Identifier: MIT
#include "panels/layers_panel.h"

#include <QVBoxLayout>

#include "exports/pass_words.h"
#include "models/layer_words.h"
#include "models/stage_facts.h"

namespace yd::app {

LayersPanel::LayersPanel(Session& session, Advice& advice, QWidget* parent)
    : Bench("layers_bench", parent),
      session_(session),
      job_(new JobSection(session)),
      core_(new CoreSample),
      tray_(new TrayView("tray_in_hand")),
      school_(new SchoolSection(session)),
      strokes_(new LabelledSlider(tr("Most layers of one mass"), "strokes", 1, 4)),
      sitting_(new LabelledSlider(tr("Length of a sitting, minutes"), "sitting", 15, 240)),
      facts_(new Facts("plan_facts", tr("The plan in numbers"))),
      ribbon_(new TimeRibbon),
      likeness_(new LikenessSection(session, advice)),
      time_(paragraph()),
      safety_(paragraph()) {
  time_->setObjectName("times");
  safety_->setObjectName("safety_page");
  auto* passes = new PassSection(session);
  auto* found = new AdviceSection(session);
  job_card_ = add(new Card(tr("Passages"), "card_job", job_->list(), 356, false));
  passage_card_ = add(new Card(tr("The passage"), "card_passage", job_, 310));
  add(new Card(tr("Core sample"), "card_core", core_, 320, false));
  add(new Card(tr("Tray"), "card_tray_in_hand", tray_, 250, false));
  Card* advice_card = add(new Card(tr("Advice"), "card_advice", found, 290, false), true);
  add(new Card(tr("Passes"), "card_passes", passes, 340, false), true);
  add(new Card(tr("How it is built"), "card_school", make_school(), 300), true);
  add(new Card(tr("Time"), "card_time", make_time(), 280), true);
  safety_card_ = add(new Card(tr("Safety"), "card_safety", safety_, 300), true);
  connect(school_, &SchoolSection::page_asked, this, &LayersPanel::school_page_asked);
  connect(passes, &PassSection::says, this, &LayersPanel::says);
  connect(job_, &JobSection::titled, this, [this](const QString& title, const QString& fact) {
    passage_card_->head()->setText(title);
    passage_card_->set_fact(fact);
  });
  connect(found, &AdviceSection::counted, this, [advice_card](int n) {
    advice_card->head()->setText(n > 0 ? tr("Advice (%1)").arg(n) : tr("Advice"));
    advice_card->head()->update();
  });
  connect(core_, &CoreSample::order_asked, this, &LayersPanel::draw_core);
  connect(core_, &CoreSample::cursor_asked, &session_, &Session::set_cursor);
  connect(core_, &CoreSample::pass_asked, &session_, &Session::set_lit_pass);
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
  connect(&session_, &Session::plan_changed, this, &LayersPanel::draw_core);
  connect(&session_, &Session::cursor_changed, core_, &CoreSample::set_cursor);
  connect(&session_, &Session::lit_changed, this, [this](int lit) {
    core_->set_lit(lit);
    refresh_tray();
  });
  refresh();
  draw_core();
}

QWidget* LayersPanel::make_school() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(school_);
  column->addWidget(strokes_);
  column->addStretch();
  return box;
}

QWidget* LayersPanel::make_time() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(facts_);
  column->addWidget(ribbon_);
  column->addWidget(sitting_);
  column->addWidget(time_);
  column->addWidget(heading(tr("Likeness over time")));
  column->addWidget(likeness_);
  column->addStretch();
  return box;
}

void LayersPanel::draw_core() {
  const PlannedPtr planned = session_.planned();
  if (!planned) return core_->set_drawing({}, 0);
  core_->set_drawing(exports::draw_core(view_of(*planned, planned->parameters), core_->order()),
                     static_cast<int>(planned->plan.passes.size()));
  core_->set_cursor(session_.cursor());
  core_->set_lit(session_.lit_pass());
}

void LayersPanel::refresh_tray() {
  const PlannedPtr planned = session_.planned();
  tray_->set_sticks(planned ? lying_sticks(*planned, session_.lit_pass(), session_.lit_last()) : QList<LyingStick>{});
}

void LayersPanel::refresh() {
  strokes_->show_value(session_.choices().plan.most_strokes);
  sitting_->show_value(static_cast<int>(session_.choices().plan.sitting_minutes));
  const PlannedPtr planned = session_.planned();
  refresh_tray();
  const auto passes = planned ? static_cast<int>(planned->plan.passes.size()) : 0;
  job_card_->set_fact(planned ? tr("%n pass(es)", nullptr, passes) : QString());
  facts_->set_facts(planned ? plan_facts(*planned) : QList<Fact>{});
  ribbon_->set_sittings(planned ? sitting_drawings(*planned) : QList<SittingDrawing>{});
  time_->setText(planned ? time_words(*planned) : tr("Open a picture: the time it takes will stand here."));
  safety_->setText(planned ? exports::safety_page(view_of(*planned, planned->parameters)).join("\n\n")
                           : tr("Open a picture: the cautions for its materials will stand here."));
  const std::vector<int> hand = planned ? plan::in_hand(planned->plan) : std::vector<int>{};
  const bool care = std::any_of(hand.begin(), hand.end(), [&](int i) {
    return media::needs_care(planned->collection->sticks[static_cast<std::size_t>(i)]);
  });
  safety_card_->set_fact(care ? tr("dust mask") : tr("dust"));
}

}  // namespace yd::app
