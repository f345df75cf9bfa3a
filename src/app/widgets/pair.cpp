#include "widgets/pair.h"

#include <QGridLayout>

namespace yd::app {

Pair::Pair(QWidget* parent)
    : QWidget(parent),
      subject_(new PictureView(link_, tr("Subject"))),
      board_(new PictureView(link_, tr("Board"))),
      peephole_(new Peephole),
      subject_title_(new QLabel(tr("Subject"))),
      board_title_(new QLabel(tr("Board"))) {
  subject_->setObjectName("subject_view");
  board_->setObjectName("board_view");
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setSpacing(4);
  grid->addWidget(subject_title_, 0, 0);
  subject_->take_tools(true);
  grid->addWidget(board_title_, 0, 1);
  grid->addWidget(subject_, 1, 0);
  grid->addWidget(board_, 1, 1);
  grid->addWidget(peephole_, 2, 0, 1, 2);
  grid->setRowStretch(1, 1);
  grid->setColumnStretch(0, 1);
  grid->setColumnStretch(1, 1);
}

}  // namespace yd::app
