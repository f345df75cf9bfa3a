#include "panels/journal_parts.h"

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

void fill_rows(QListWidget& list, const QList<JournalRow>& rows) {
  const QSignalBlocker quiet(&list);
  list.clear();
  for (const JournalRow& r : rows) {
    auto* item = new QListWidgetItem(r.title + "\n" + r.line, &list);
    if (!r.picture.isNull())
      item->setIcon(QPixmap::fromImage(r.picture.scaled(kThumb, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
    item->setData(Qt::UserRole, r.key);
  }
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
