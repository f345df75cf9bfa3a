#include "panels/subject_panel.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QScrollArea>
#include <algorithm>

#include "colour/words.h"
#include "subject/values.h"
#include "widgets/section.h"

namespace yd::app {
namespace {

/// A value as the artist counts it: from dark (1 the darkest) or from light.
QString counted(double step, bool from_dark) { return QString::number(from_dark ? step : 10 - step, 'f', 1); }

QString findings(const ReadSubject& s, bool from_dark) {
  const auto& v = s.values;
  const auto spot = [&](const subject::Spot& p) {
    return counted(colour::value_step(p.lab.l), from_dark) + ", " + QString::fromStdString(colour::describe(p.lab));
  };
  QStringList shares;
  for (int i = 0; i < 9; ++i) {
    const int step = from_dark ? i : 8 - i;
    shares << QString("%1: %2").arg(i + 1).arg(qRound(100 * v.share[static_cast<std::size_t>(step)]));
  }
  return QObject::tr(
             "%1 masses. Contrast: %2 of nine steps.\nDarkest spot: %3.\nLightest spot: %4.\nMost vivid: %5.\n"
             "Area by value in %: %6.")
      .arg(s.masses.size())
      .arg(v.contrast, 0, 'f', 1)
      .arg(spot(v.darkest), spot(v.lightest), QString::fromStdString(colour::describe(v.most_vivid.lab)),
           shares.join("  "));
}

}  // namespace

SubjectPanel::SubjectPanel(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      views_(new QButtonGroup(this)),
      squint_(new LabelledSlider(tr("Squint"), "squint", 0, 100)),
      most_(new LabelledSlider(tr("Most masses"), "masses", 8, 30)),
      steps_(new LabelledSlider(tr("Value steps"), "value_steps", 2, 9)),
      counted_(new QComboBox),
      findings_(paragraph()),
      light_(new LightSection(session)),
      mass_section_(new MassSection(session)),
      measures_(new MeasureSection(session)) {
  findings_->setObjectName("findings");
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(4, 2, 8, 2);
  column->setSpacing(4);
  column->addWidget(make_views());
  column->addWidget(new Section(tr("Look at it half-closed"), "section_look", make_look(), true));
  column->addWidget(new Section(tr("Masses"), "section_masses", mass_section_, false));
  column->addWidget(new Section(tr("Light, crop and values"), "section_light", light_, false));
  column->addWidget(new Section(tr("Measure"), "section_measure", measures_, false));
  column->addStretch();
  auto* scroll = new QScrollArea;
  scroll->setObjectName("subject_scroll");
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  scroll->setWidget(inside);
  auto* all = new QVBoxLayout(this);
  all->setContentsMargins(0, 0, 0, 0);
  all->addWidget(scroll);
  connect(squint_, &LabelledSlider::moved, this, [this](int v) {
    emit squint_previewed(v / 100.0);
    Choices c = session_.choices();
    c.read.squint = v / 100.0;
    session_.change(c, tr("Squint"), Merge::squint);
  });
  connect(most_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.read.masses = v;
    session_.change(c, tr("Most masses"), Merge::masses);
  });
  connect(steps_, &LabelledSlider::moved, this, [this] { emit view_asked(shown()); });
  connect(counted_, &QComboBox::activated, this, &SubjectPanel::refresh_findings);
  connect(&session_, &Session::choices_changed, this, &SubjectPanel::refresh_choices);
  connect(&session_, &Session::subject_changed, this, &SubjectPanel::refresh_findings);
  refresh_choices();
  refresh_findings();
}

QWidget* SubjectPanel::make_look() {
  counted_->setObjectName("value_direction");
  counted_->setAccessibleName(tr("Which way values are counted"));
  counted_->addItems({tr("Values counted from dark: 1 is black"), tr("Values counted from light: 1 is white")});
  steps_->show_value(9);
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  for (QWidget* w : std::initializer_list<QWidget*>{squint_, most_, steps_, counted_, findings_}) column->addWidget(w);
  return box;
}

QWidget* SubjectPanel::make_views() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(2);
  const QString names[kSubjectViews] = {tr("Picture"), tr("Squint"), tr("Values"), tr("Masses"), tr("Warmth")};
  for (int i = 0; i < kSubjectViews; ++i) {
    auto* b = new QPushButton(names[i]);
    b->setObjectName("view_" + QString::number(i));
    b->setCheckable(true);
    b->setMinimumWidth(36);
    views_->addButton(b, i);
    row->addWidget(b);
  }
  views_->button(0)->setChecked(true);
  connect(views_, &QButtonGroup::idClicked, this, [this](int id) { emit view_asked(static_cast<SubjectView>(id)); });
  return box;
}

void SubjectPanel::refresh_choices() {
  squint_->show_value(qRound(session_.choices().read.squint * 100));
  most_->show_value(session_.choices().read.masses);
}

void SubjectPanel::refresh_findings() {
  findings_->setText(session_.subject() ? findings(*session_.subject(), counted_->currentIndex() == 0) : QString());
}

}  // namespace yd::app
