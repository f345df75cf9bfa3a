// SPDX-License-Identifier: MIT
#include "widgets/empty_state.h"

#include <QFile>
#include <QFileInfo>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr QSize kTile(208, 140);
constexpr int kMostShown = 4;

QLabel* line(const QString& text, Type type, bool bold = false) {
  auto* label = new QLabel(text);
  QFont f = label->font();
  f.setPointSizeF(points(type));
  f.setBold(bold);
  label->setFont(f);
  label->setAlignment(Qt::AlignCenter);
  QPalette p = label->palette();
  p.setColor(QPalette::WindowText, judging_ink());
  label->setPalette(p);
  return label;
}

}  // namespace

EmptyState::EmptyState(const QList<Demo>& demos, QWidget* parent)
    : QWidget(parent), recent_title_(line(tr("Worked on last"), Type::heading, true)), recent_(new QHBoxLayout) {
  auto* open = new QPushButton(tr("Open a picture…"));
  open->setObjectName("empty_open");
  auto* tiles = new QHBoxLayout;
  tiles->addStretch();
  QStringList previews;
  for (const Demo& demo : demos) {
    QToolButton* tile = make_tile(demo.file, demo.name);
    tile->setObjectName(previews.isEmpty() ? "empty_demo" : "empty_demo_" + QString::number(previews.size() + 1));
    tiles->addWidget(tile);
    tiles_.insert(demo.preview, tile);
    previews << demo.preview;
  }
  tiles->addStretch();
  auto* column = new QVBoxLayout(this);
  column->setSpacing(kSpace);
  column->addStretch(3);
  column->addWidget(line(tr("Drop a picture here"), Type::large));
  column->addWidget(line(tr("Then click what matters in it, and say how long you want to take."), Type::heading));
  column->addSpacing(kSpace);
  column->addWidget(open, 0, Qt::AlignCenter);
  column->addStretch(2);
  column->addWidget(recent_title_);
  column->addLayout(recent_);
  column->addStretch(1);
  column->addWidget(line(tr("Or try one of ours"), Type::heading, true));
  column->addLayout(tiles);
  column->addStretch(2);
  recent_title_->hide();
  connect(open, &QPushButton::clicked, this, &EmptyState::open_asked);
  connect(&thumbnails_, &Thumbnails::ready, this, &EmptyState::show_thumbnail);
  thumbnails_.ask(previews, kTile);
}

QToolButton* EmptyState::make_tile(const QString& file, const QString& name) {
  auto* tile = new QToolButton;
  tile->setText(name);
  tile->setToolTip(file);
  tile->setAccessibleName(tr("Open %1").arg(name));
  tile->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
  tile->setIconSize(kTile);
  tile->setAutoRaise(true);
  tile->setFocusPolicy(Qt::StrongFocus);
  tile->setMinimumSize(kTile.width() + 2 * kSpace, kTile.height() + 4 * kSpace);
  QPalette p = tile->palette();
  p.setColor(QPalette::ButtonText, judging_ink());
  tile->setPalette(p);
  tiles_.insert(file, tile);
  connect(tile, &QToolButton::clicked, this, [this, file] { emit file_asked(file); });
  return tile;
}

void EmptyState::set_recent(const QStringList& files) {
  QStringList shown;
  std::copy_if(files.begin(), files.end(), std::back_inserter(shown),
               [](const QString& f) { return QFile::exists(f); });
  shown = shown.mid(0, kMostShown);
  if (shown == recent_files_) return;
  recent_files_ = shown;
  while (QLayoutItem* item = recent_->takeAt(0)) {
    if (auto* tile = qobject_cast<QToolButton*>(item->widget())) {
      for (auto it = tiles_.begin(); it != tiles_.end();) it = it.value() == tile ? tiles_.erase(it) : std::next(it);
      tile->deleteLater();
    }
    delete item;
  }
  recent_->addStretch();
  for (const QString& file : shown) recent_->addWidget(make_tile(file, QFileInfo(file).fileName()));
  recent_->addStretch();
  recent_title_->setVisible(!shown.isEmpty());
  thumbnails_.ask(shown, kTile);
}

void EmptyState::show_thumbnail(const QString& file, const QImage& image) {
  if (image.isNull()) return;
  for (QToolButton* tile : tiles_.values(file)) tile->setIcon(QPixmap::fromImage(image));
}

void EmptyState::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), judging_grey());
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(QPen(QColor(200, 200, 200), 2, Qt::DashLine));
  painter.drawRoundedRect(QRectF(rect()).adjusted(16, 16, -16, -16), 10, 10);
}

}  // namespace yd::app
