// SPDX-License-Identifier: MIT
#include "panels/import_page.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>
#include <algorithm>

#include "colour/words.h"
#include "looks/images.h"
#include "panels/panel_parts.h"
#include "session/sentences.h"
#include "words/number.h"
#include "words/facts.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::app {
namespace {

constexpr int kPreviewRows = 6;
constexpr int kBadShown = 8;

}  // namespace

ImportPage::ImportPage(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      title_(heading({})),
      medium_(new QComboBox),
      name_(new QLineEdit),
      columns_(new QTableWidget),
      sticks_(new QTableWidget),
      bad_(paragraph()),
      take_(new QPushButton(tr("Take these sticks"))) {
  medium_->setObjectName("import_medium");
  medium_->setAccessibleName(tr("Kind of stick where the file does not say"));
  for (const auto m : media::all_media()) medium_->addItem(words::term(media::name(m).data()), int(m));
  medium_->setCurrentIndex(medium_->findData(int(optics::Medium::soft)));
  name_->setObjectName("import_name");
  name_->setAccessibleName(tr("Name of the collection"));
  columns_->setObjectName("import_columns");
  columns_->setAccessibleName(tr("Columns of the file and what they hold"));
  columns_->setMaximumHeight(220);
  sticks_->setObjectName("import_sticks");
  sticks_->setAccessibleName(tr("Sticks found"));
  sticks_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  bad_->setObjectName("import_bad");
  take_->setObjectName("import_take");
  auto* back = new QPushButton(tr("Leave it"));
  back->setObjectName("import_back");
  auto* row = new QHBoxLayout;
  row->addWidget(title_, 1);
  row->addWidget(name_);
  row->addWidget(medium_);
  auto* end = new QHBoxLayout;
  end->addWidget(bad_, 1);
  end->addWidget(take_);
  end->addWidget(back);
  auto* column = new QVBoxLayout(this);
  column->addLayout(row);
  column->addWidget(columns_);
  column->addWidget(sticks_, 1);
  column->addLayout(end);
  connect(medium_, &QComboBox::activated, this, &ImportPage::read_again);
  connect(take_, &QPushButton::clicked, this, &ImportPage::take);
  connect(back, &QPushButton::clicked, this, &ImportPage::closed);
}

optics::Medium ImportPage::medium() const { return static_cast<optics::Medium>(medium_->currentData().toInt()); }

Status ImportPage::show_file(const QByteArray& bytes, const QString& file) {
  bytes_ = bytes;
  file_ = file;
  csv_.reset();
  const std::string where = file.toStdString();
  const bool is_csv = !bytes.left(256).trimmed().startsWith('{') && !bytes.startsWith("GIMP Palette") &&
                      !bytes.contains("BEGIN_DATA_FORMAT");
  if (is_csv) {
    auto table = formats::read_csv_table(bytes, where);
    if (!table) return table.error();
    csv_ = std::move(table).value();
    show_columns();
  } else {
    const auto found = formats::read_sticks(bytes, where, medium());
    if (!found) return found.error();
  }
  columns_->setVisible(is_csv);
  title_->setText(tr("Sticks from %1").arg(QFileInfo(file).fileName()));
  name_->setText(QFileInfo(file).completeBaseName());
  read_again();
  return success();
}

void ImportPage::show_columns() {
  const auto count = static_cast<int>(csv_->titles.size());
  columns_->clear();
  columns_->setColumnCount(count);
  columns_->setRowCount(1 + std::min(kPreviewRows, static_cast<int>(csv_->rows.size())));
  QStringList titles;
  for (int c = 0; c < count; ++c) {
    titles << QString::fromStdString(csv_->titles[static_cast<std::size_t>(c)]);
    auto* meaning = new QComboBox;
    meaning->setObjectName("column_" + QString::number(c));
    meaning->setAccessibleName(tr("Column %1 holds").arg(c + 1));
    for (std::size_t f = 0; f < formats::kCsvFields; ++f)
      meaning->addItem(words::term(formats::name(static_cast<formats::CsvField>(f))), int(f));
    meaning->setCurrentIndex(static_cast<int>(csv_->guess[static_cast<std::size_t>(c)]));
    connect(meaning, &QComboBox::activated, this, &ImportPage::read_again);
    columns_->setCellWidget(0, c, meaning);
    for (int r = 1; r < columns_->rowCount(); ++r) {
      const auto& fields = csv_->rows[static_cast<std::size_t>(r - 1)];
      const auto at = static_cast<std::size_t>(c);
      columns_->setItem(r, c,
                        new QTableWidgetItem(at < fields.size() ? QString::fromStdString(fields[at]) : QString()));
    }
  }
  columns_->setHorizontalHeaderLabels(titles);
}

void ImportPage::read_again() {
  const std::string where = file_.toStdString();
  found_ = {};
  if (csv_) {
    std::vector<formats::CsvField> meaning;
    for (int c = 0; c < columns_->columnCount(); ++c) {
      const auto* box = qobject_cast<QComboBox*>(columns_->cellWidget(0, c));
      meaning.push_back(static_cast<formats::CsvField>(box->currentData().toInt()));
    }
    auto found = formats::sticks_from_csv(*csv_, meaning, where, medium());
    if (!found) {
      sticks_->setRowCount(0);
      take_->setEnabled(false);
      return bad_->setText(sentence(found.error()));
    }
    found_ = std::move(found).value();
  } else {
    auto found = formats::read_sticks(bytes_, where, medium());
    if (found) found_ = std::move(found).value();
  }
  show_sticks();
}

void ImportPage::show_sticks() {
  constexpr int kShown = 500;  // more are taken, not drawn
  sticks_->setColumnCount(4);
  sticks_->setHorizontalHeaderLabels({tr("Name"), tr("Colour"), tr("Kind"), tr("Value")});
  sticks_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  sticks_->setRowCount(std::min(kShown, static_cast<int>(found_.sticks.size())));
  for (int r = 0; r < sticks_->rowCount(); ++r) {
    const media::Stick& s = found_.sticks[static_cast<std::size_t>(r)];
    auto* name = new QTableWidgetItem(QString::fromStdString(s.name));
    name->setData(Qt::DecorationRole, to_colour(s.lab));
    sticks_->setItem(r, 0, name);
    sticks_->setItem(r, 1, new QTableWidgetItem(words::colour_name(s.lab)));
    sticks_->setItem(r, 2, new QTableWidgetItem(words::term(media::name(s.medium).data())));
    sticks_->setItem(r, 3, new QTableWidgetItem(words::number(colour::value_step(s.lab.l), 1)));
  }
  QStringList bad;
  for (std::size_t i = 0; i < std::min<std::size_t>(kBadShown, found_.bad.size()); ++i)
    bad << tr("line %1: %2").arg(found_.bad[i].line).arg(words::fact({Error::Code::bad_value, {}, found_.bad[i].what}));
  if (found_.bad.size() > kBadShown) bad << tr("and %1 more").arg(found_.bad.size() - kBadShown);
  const int found = static_cast<int>(found_.sticks.size());
  bad_->setText(bad.isEmpty()
                    ? tr("%n stick(s), every row was read.", nullptr, found)
                    : tr("%n stick(s); rows that cannot be read and would be left out: %1\n%2", nullptr, found)
                          .arg(found_.bad.size())
                          .arg(bad.join('\n')));
  take_->setEnabled(!found_.sticks.empty());
  take_->setText(found_.bad.empty() ? tr("Take these sticks") : tr("Take the good rows"));
}

void ImportPage::take() {
  media::Collection c;
  c.name = name_->text().trimmed().isEmpty() ? "Imported" : name_->text().trimmed().toStdString();
  c.id = session_.materials().own_id(c.name);
  c.sticks = found_.sticks;
  session_.edit_collection(c, tr("Imported sticks"));
  emit taken(QString::fromStdString(c.id));
}

}  // namespace yd::app
