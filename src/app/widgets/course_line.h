// SPDX-License-Identifier: MIT
#pragma once

#include <QListView>

namespace yd::app {

/// The stages in one line of words: as wide as its words, narrower where there is no room; as high as two
/// lines of them.
class CourseLine : public QListView {
  Q_OBJECT
 public:
  explicit CourseLine(QWidget* parent = nullptr);
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return {200, sizeHint().height()}; }

 protected:
  void resizeEvent(QResizeEvent* event) override;
};

}  // namespace yd::app
