#include "widgets/sheet_view.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QToolButton>

#include "models/images.h"
#include "widgets/style.h"

namespace yd::app {

SheetView::SheetView(QWidget* parent) : QScrollArea(parent) {
  setObjectName("sheet_view");
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
}

void SheetView::set_cells(const QString& title, const QList<SheetCell>& cells, int across) {
  auto* page = new QWidget;
  page->setAutoFillBackground(true);
  QPalette p = page->palette();
  p.setColor(QPalette::Window, judging_grey());
  p.setColor(QPalette::WindowText, QColor(245, 245, 245));
  page->setPalette(p);
  auto* grid = new QGridLayout(page);
  auto* head = new QLabel(title);
  head->setProperty("heading", true);
  auto* back = new QPushButton(tr("Back to the pair"));
  back->setObjectName("sheet_back");
  connect(back, &QPushButton::clicked, this, &SheetView::closed);
  grid->addWidget(head, 0, 0, 1, std::max(1, across - 1));
  grid->addWidget(back, 0, std::max(0, across - 1), Qt::AlignRight);
  for (int i = 0; i < cells.size(); ++i) {
    const SheetCell& c = cells[i];
    auto* button = new QToolButton;
    button->setIcon(QPixmap::fromImage(c.image));
    button->setIconSize(c.image.size());
    button->setText(c.caption);
    button->setToolTip(c.caption);
    button->setAccessibleName(c.caption);
    button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
    button->setAutoRaise(true);
    button->setFocusPolicy(c.key.isEmpty() ? Qt::NoFocus : Qt::StrongFocus);
    QPalette light = button->palette();
    light.setColor(QPalette::ButtonText, QColor(245, 245, 245));
    button->setPalette(light);
    connect(button, &QToolButton::clicked, this, [this, key = c.key] {
      if (!key.isEmpty()) emit cell_asked(key);
    });
    grid->addWidget(button, 1 + i / across, i % across);
  }
  grid->setRowStretch(2 + static_cast<int>(cells.size()) / std::max(1, across), 1);
  setWidget(page);
}

}  // namespace yd::app
