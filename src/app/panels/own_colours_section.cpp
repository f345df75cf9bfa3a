// SPDX-License-Identifier: MIT
#include "panels/own_colours_section.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QSignalBlocker>

#include "formats/palette_file.h"
#include "looks/images.h"
#include "models/stage_facts.h"
#include "session/sentences.h"
#include "words/seen.h"
#include "words/names.h"
#include "words/sentence.h"
#include "words/terms.h"

namespace yd::app {
namespace {

QComboBox* box_of(const char* name, const QString& title) {
  auto* box = new QComboBox;
  box->setObjectName(name);
  box->setAccessibleName(title);
  box->setToolTip(title);
  constexpr int kLetters = 8;
  box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  box->setMinimumContentsLength(kLetters);
  return box;
}

QVariant of_lab(const colour::Lab& lab) { return QVariantList{lab.l, lab.a, lab.b}; }

}  // namespace

void add_tray(QComboBox& box, const Planned& planned) {
  for (const int s : planned.plan.tray) {
    const media::Stick& stick = planned.collection->sticks[static_cast<std::size_t>(s)];
    box.addItem(words::stick_name(stick), of_lab(stick.lab));
    box.setItemData(box.count() - 1, to_colour(stick.lab), Qt::DecorationRole);
  }
}

std::optional<colour::Lab> colour_in(const QComboBox& box, int row) {
  const QVariantList lab = box.itemData(row).toList();
  if (lab.size() != 3) return std::nullopt;
  return colour::Lab{lab[0].toDouble(), lab[1].toDouble(), lab[2].toDouble()};
}

OwnColoursSection::OwnColoursSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      reader_(this, {}, [this](const auto& outcome) { take_palette(outcome); }),
      mood_(box_of("mood", tr("Mood of the whole picture"))),
      amount_(new LabelledSlider(tr("How much, %"), "mood_amount", 0, 100)),
      leading_(box_of("leading", tr("The colour that leads"))),
      borrow_(new QPushButton(tr("Colours of another picture…"))),
      give_back_(new QPushButton(tr("Give back"))),
      palette_(paragraph()),
      palette_amount_(new LabelledSlider(tr("How much, %"), "palette_amount", 0, 100)),
      returning_(box_of("returning", tr("A colour that comes back in every dark"))),
      scheme_(box_of("scheme", tr("Families for a drawing or a grey page"))),
      as_it_is_(new QCheckBox(tr("Show it as it is"))),
      plain_(new QPushButton(tr("Give all back"))),
      words_(paragraph()),
      reach_(new Facts("own_reach", tr("What the tray does not reach of them"))) {
  name_parts();
  lay_out();
  connect_parts();
  refresh();
  refresh_sticks();
}

void OwnColoursSection::name_parts() {
  mood_->addItems({tr("Mood: as seen"), tr("More vivid"), tr("Quieter"), tr("Warm light, cool shadow"),
                   tr("Cool light, warm shadow"), tr("Led by one colour")});
  scheme_->addItem(tr("For a grey page…"));
  for (const subject::Scheme& s : subject::schemes()) scheme_->addItem(words::begun(words::term(s.name)));
  borrow_->setObjectName("borrow_palette");
  borrow_->setToolTip(tr("Values of this subject, colours from there: a picture, or a work of yours"));
  give_back_->setObjectName("give_palette_back");
  palette_->setObjectName("palette_name");
  plain_->setObjectName("colours_plain");
  as_it_is_->setObjectName("colours_as_it_is");
  words_->setObjectName("colours_words");
}

void OwnColoursSection::lay_out() {
  auto* palette_row = new QHBoxLayout;
  palette_row->addWidget(palette_, 1);
  palette_row->addWidget(give_back_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  for (QWidget* w : std::initializer_list<QWidget*>{mood_, amount_, leading_, borrow_}) column->addWidget(w);
  column->addLayout(palette_row);
  // Side by side what is chosen once: the bench is low.
  auto* choices = new QHBoxLayout;
  choices->addWidget(returning_);
  choices->addWidget(scheme_);
  auto* back = new QHBoxLayout;
  back->addWidget(as_it_is_, 1);
  back->addWidget(plain_);
  column->addWidget(palette_amount_);
  column->addLayout(choices);
  column->addWidget(words_);
  column->addWidget(reach_);
  column->addLayout(back);
  column->addStretch();
}

void OwnColoursSection::connect_parts() {
  connect_mood();
  connect_palette();
  connect(as_it_is_, &QCheckBox::toggled, this, &OwnColoursSection::view_asked);
  connect(returning_, &QComboBox::activated, this, [this](int row) {
    auto c = session_.choices().read.colours;
    c.returning = colour_in(*returning_, row);
    change(c, tr("Returning colour"));
  });
  connect(scheme_, &QComboBox::activated, this, &OwnColoursSection::take_scheme);
  connect(plain_, &QPushButton::clicked, this, [this] {
    Choices next = session_.choices();
    next.read.colours = {};
    std::erase_if(next.read.edits,
                  [](const subject::MassEdit& e) { return e.kind == subject::MassEdit::Kind::colour; });
    session_.change(next, tr("Colours as the subject has them"));
  });
  connect(&session_, &Session::choices_changed, this, &OwnColoursSection::refresh);
  connect(&session_, &Session::plan_changed, this, &OwnColoursSection::refresh_sticks);
}

void OwnColoursSection::connect_mood() {
  connect(mood_, &QComboBox::activated, this, [this](int row) {
    auto c = session_.choices().read.colours;
    c.mood = static_cast<subject::Mood>(row);
    if (c.amount <= 0) c.amount = subject::OwnColours{}.amount;
    change(c, tr("Mood"));
  });
  connect(amount_, &LabelledSlider::moved, this, [this](int v) {
    auto c = session_.choices().read.colours;
    c.amount = v / 100.0;
    change(c, tr("Mood, how much"), Merge::mood);
  });
  connect(leading_, &QComboBox::activated, this, [this](int row) {
    auto c = session_.choices().read.colours;
    if (const auto lab = colour_in(*leading_, row)) c.leading = *lab;
    change(c, tr("Leading colour"));
  });
}

void OwnColoursSection::connect_palette() {
  connect(borrow_, &QPushButton::clicked, this, &OwnColoursSection::ask_palette);
  connect(palette_amount_, &LabelledSlider::moved, this, [this](int v) {
    auto c = session_.choices().read.colours;
    c.palette_amount = v / 100.0;
    change(c, tr("Borrowed colours, how much"), Merge::palette);
  });
  connect(give_back_, &QPushButton::clicked, this, [this] {
    auto c = session_.choices().read.colours;
    c.palette.clear();
    c.palette_name.clear();
    change(c, tr("Borrowed colours given back"));
  });
}

void OwnColoursSection::change(const subject::OwnColours& colours, const QString& text, Merge merge) {
  Choices next = session_.choices();
  next.read.colours = colours;
  session_.change(next, text, merge);
}

void OwnColoursSection::ask_palette() {
  auto* dialog = new QFileDialog(this, tr("Colours of another picture"), {},
                                 tr("Pictures and works (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setFileMode(QFileDialog::ExistingFile);
  connect(dialog, &QFileDialog::fileSelected, this, &OwnColoursSection::borrow);
  dialog->open();
}

void OwnColoursSection::borrow(const QString& file) {
  if (reader_.busy()) return;
  session_.read_files().note(file);
  palette_->setText(tr("Reading its colours …"));
  reader_.run([file](Observer&) -> Result<subject::OwnColours> {
    auto palette = formats::palette_of_file(file);
    if (!palette) return palette.error();
    subject::OwnColours out;
    out.palette = std::move(palette).value();
    out.palette_name = QFileInfo(file).completeBaseName().toStdString();
    return out;
  });
}

void OwnColoursSection::take_palette(const Runner<subject::OwnColours>::Outcome& outcome) {
  refresh();
  if (const auto* error = std::get_if<Error>(&outcome)) return emit session_.failed(sentence(*error));
  const auto& found = std::get<subject::OwnColours>(outcome);
  auto c = session_.choices().read.colours;
  c.palette = found.palette;
  c.palette_name = found.palette_name;
  if (c.palette_amount <= 0) c.palette_amount = 1;
  change(c, tr("Borrowed colours"));
}

void OwnColoursSection::take_scheme(int row) {
  const SubjectPtr s = session_.subject();
  const QSignalBlocker quiet(scheme_);
  scheme_->setCurrentIndex(0);
  if (!s || row < 1) return;
  const subject::Scheme& scheme = subject::schemes()[static_cast<std::size_t>(row - 1)];
  const auto bands = subject::gradient_neighbours(s->softened, s->labels, static_cast<int>(s->masses.size()));
  Choices next = session_.choices();
  for (const subject::MassEdit& e : subject::families_for(s->masses, bands, scheme)) next.read.edits.push_back(e);
  next.read.colours.returning = scheme.returning;
  session_.change(next, tr("Families of colour"));
}

void OwnColoursSection::refresh() {
  const subject::OwnColours& c = session_.choices().read.colours;
  mood_->setCurrentIndex(static_cast<int>(c.mood));
  amount_->show_value(qRound(100 * c.amount));
  amount_->setVisible(c.mood != subject::Mood::as_seen);
  leading_->setVisible(c.mood == subject::Mood::led);
  palette_->setText(tr("From %1").arg(QString::fromStdString(c.palette_name)));
  for (QWidget* w : std::initializer_list<QWidget*>{palette_, give_back_, palette_amount_})
    w->setVisible(!c.palette.empty());
  palette_amount_->show_value(qRound(100 * c.palette_amount));
  for (int i = 0; i < returning_->count(); ++i) {
    if (colour_in(*returning_, i) == c.returning) returning_->setCurrentIndex(i);
  }
  refresh_words();
}

void OwnColoursSection::refresh_sticks() {
  const PlannedPtr planned = session_.planned();
  const subject::OwnColours& c = session_.choices().read.colours;
  leading_->clear();
  leading_->addItem(tr("Led by …"));
  returning_->clear();
  returning_->addItem(tr("No colour returns"));
  if (c.returning) {
    returning_->addItem(tr("The one chosen"), of_lab(*c.returning));
    returning_->setItemData(1, to_colour(*c.returning), Qt::DecorationRole);
  }
  if (planned) {
    add_tray(*leading_, *planned);
    add_tray(*returning_, *planned);
  }
  for (QWidget* w : std::initializer_list<QWidget*>{mood_, borrow_, returning_, scheme_})
    w->setEnabled(planned != nullptr);
  refresh();
}

/// What is reached of what was wished, beside what was wished.
void OwnColoursSection::refresh_words() {
  const SubjectPtr s = session_.subject();
  const PlannedPtr planned = session_.planned();
  const bool own = s && s->as_it_is != nullptr;
  as_it_is_->setVisible(own);
  reach_->setVisible(own && planned);
  if (own && planned) reach_->set_facts(reach_facts(*planned));
  plain_->setEnabled(own || session_.choices().read.colours != subject::OwnColours{});
  if (!s) return words_->setText(tr("Open a picture first."));
  if (!own && subject::without_colour(s->squinted))
    return words_->setText(tr("This subject has no colours: give its masses families, or borrow a palette."));
  if (!own) return words_->setText(tr("Colours as the subject has them."));
  words_->setText(tr("Values are kept."));
}

}  // namespace yd::app
