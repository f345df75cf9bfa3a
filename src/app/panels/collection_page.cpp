#include "panels/collection_page.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QVBoxLayout>

#include "panels/panel_parts.h"

namespace yd::app {

CollectionPage::CollectionPage(Session& session, QWidget* parent)
    : QWidget(parent), model_(session), title_(heading({})), search_(new QLineEdit), table_(new QTableView) {
  filtered_.setSourceModel(&model_);
  filtered_.setFilterKeyColumn(-1);
  filtered_.setFilterCaseSensitivity(Qt::CaseInsensitive);
  search_->setObjectName("stick_search");
  search_->setPlaceholderText(tr("Search: a name, a colour in words, a pigment"));
  search_->setClearButtonEnabled(true);
  table_->setObjectName("stick_table");
  table_->setAccessibleName(tr("Sticks of the collection"));
  table_->setModel(&filtered_);
  table_->setSelectionBehavior(QAbstractItemView::SelectRows);
  table_->setShowGrid(false);
  table_->setAlternatingRowColors(true);
  table_->setTabKeyNavigation(false);
  table_->verticalHeader()->hide();
  table_->verticalHeader()->setDefaultSectionSize(24);
  const int widths[CollectionModel::columns] = {150, 160, 64, 48, 56, 56, 66, 92, 80};
  for (int c = 0; c < CollectionModel::columns; ++c) table_->setColumnWidth(c, widths[c]);
  table_->horizontalHeader()->setStretchLastSection(true);
  auto* copy = new QPushButton(tr("Another like it"));
  copy->setObjectName("stick_copy");
  auto* remove = new QPushButton(tr("Take away"));
  remove->setObjectName("stick_remove");
  auto* back = new QPushButton(tr("Back to the pair"));
  back->setObjectName("collection_back");
  auto* row = new QHBoxLayout;
  row->addWidget(title_, 1);
  row->addWidget(copy);
  row->addWidget(remove);
  row->addWidget(back);
  auto* column = new QVBoxLayout(this);
  column->addLayout(row);
  column->addWidget(search_);
  column->addWidget(table_, 1);
  connect(search_, &QLineEdit::textChanged, &filtered_, &QSortFilterProxyModel::setFilterFixedString);
  connect(copy, &QPushButton::clicked, this, [this] { model_.add_copy(source_row()); });
  connect(remove, &QPushButton::clicked, this, [this] { model_.remove(source_row()); });
  connect(back, &QPushButton::clicked, this, &CollectionPage::closed);
  connect(&model_, &QAbstractItemModel::modelReset, this, &CollectionPage::refresh_title);
}

int CollectionPage::source_row() const {
  const QModelIndex at = filtered_.mapToSource(table_->currentIndex());
  return at.isValid() ? at.row() : -1;
}

void CollectionPage::show_collection(const QString& id) { model_.show_collection(id); }

void CollectionPage::refresh_title() {
  const media::Collection* c = model_.collection();
  title_->setText(c == nullptr ? QString()
                               : tr("%1: %2 sticks").arg(QString::fromStdString(c->name)).arg(c->sticks.size()));
}

}  // namespace yd::app
