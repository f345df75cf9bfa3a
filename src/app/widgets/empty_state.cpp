#include "widgets/empty_state.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace yd::app {

EmptyState::EmptyState(QWidget* parent) : QWidget(parent) {
  auto* heading = new QLabel(tr("Drop a picture here"));
  QFont font = heading->font();
  font.setPointSizeF(font.pointSizeF() * 1.8);
  heading->setFont(font);
  auto* text =
      new QLabel(tr("A photograph or a sketch of what you want to paint. It is read into masses,\nthen planned in "
                    "pastel on the paper you choose."));
  text->setAlignment(Qt::AlignCenter);
  auto* open = new QPushButton(tr("Open a picture…"));
  open->setObjectName("empty_open");
  auto* salt = new QPushButton(tr("Try the salt works"));
  salt->setObjectName("empty_demo");
  auto* kettle = new QPushButton(tr("Try the copper kettle"));
  auto* row = new QHBoxLayout;
  row->addStretch();
  for (QPushButton* b : {open, salt, kettle}) row->addWidget(b);
  row->addStretch();
  auto* column = new QVBoxLayout(this);
  column->addStretch();
  column->addWidget(heading, 0, Qt::AlignCenter);
  column->addWidget(text, 0, Qt::AlignCenter);
  column->addSpacing(12);
  column->addLayout(row);
  column->addStretch();
  connect(open, &QPushButton::clicked, this, &EmptyState::open_asked);
  connect(salt, &QPushButton::clicked, this, [this] { emit demo_asked("salt-works.png"); });
  connect(kettle, &QPushButton::clicked, this, [this] { emit demo_asked("kettle.png"); });
}

}  // namespace yd::app
