#pragma once

#include <QWidget>

namespace yd::app {

/// What the window shows before there is a picture.
class EmptyState : public QWidget {
  Q_OBJECT
 public:
  explicit EmptyState(QWidget* parent = nullptr);

 signals:
  void open_asked();
  void demo_asked(const QString& file);
};

}  // namespace yd::app
