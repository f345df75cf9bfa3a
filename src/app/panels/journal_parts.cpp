// SPDX-License-Identifier: MIT
#include "panels/journal_parts.h"
#include "pictures/screen.h"

#include <QSignalBlocker>

namespace yd::app {

QListWidget* row_list(const char* name, const QString& title) {
  auto* list = new QListWidget;
  list->setObjectName(name);
  list->setAccessibleName(title);
  list->setIconSize(kThumb);
  list->setUniformItemSizes(false);
  list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  list->setTextElideMode(Qt::ElideRight);
  list->setWordWrap(true);
  list->setSpacing(2);
  list->setProperty("sheet", true);
  return list;
}

namespace {

/// A row that reads its picture when it is drawn, and once.
class PictureRow : public QListWidgetItem {
 public:
  PictureRow(const JournalRow& row, QListWidget* list)
      : QListWidgetItem(row.title + "\n" + row.line, list), kept_(row.picture) {
    setData(Qt::UserRole, row.key);
    // Said here, or the view would ask for every picture to measure its rows.
    constexpr int kAround = 8;
    setSizeHint({kThumb.width(), kThumb.height() + kAround});
  }
  QVariant data(int role) const override {
    if (role != Qt::DecorationRole || kept_.isEmpty()) return QListWidgetItem::data(role);
    if (picture_.isNull())
      picture_ = QPixmap::fromImage(
          pictures::kept_picture(kept_).scaled(kThumb, Qt::KeepAspectRatio, Qt::SmoothTransformation));
    return picture_;
  }

 private:
  QByteArray kept_;
  mutable QPixmap picture_;
};

}  // namespace

void fill_rows(QListWidget& list, const QList<JournalRow>& rows) {
  const QSignalBlocker quiet(&list);
  list.clear();
  for (const JournalRow& r : rows) new PictureRow(r, &list);
}

QLabel* picture_label(const char* name, const QString& title) {
  auto* label = new QLabel;
  label->setObjectName(name);
  label->setAccessibleName(title);
  label->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  return label;
}

void show_picture(QLabel& label, const QImage& image, int wide) {
  label.setPixmap(image.isNull()
                      ? QPixmap()
                      : QPixmap::fromImage(image.scaled(wide, wide, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

/// As high as its text.
QLabel* snug(QLabel* label) {
  QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Maximum);
  policy.setHeightForWidth(label->wordWrap());
  label->setSizePolicy(policy);
  return label;
}

QString chosen_key(const QListWidget& list) {
  const QListWidgetItem* item = list.currentItem();
  return item == nullptr ? QString() : item->data(Qt::UserRole).toString();
}

}  // namespace yd::app
