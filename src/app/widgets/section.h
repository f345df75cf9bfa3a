#pragma once

#include <QToolButton>
#include <QWidget>

namespace yd::app {

/// A heading that folds what stands below it away.
class Section : public QWidget {
  Q_OBJECT
 public:
  Section(const QString& title, const QString& name, QWidget* content, bool open, QWidget* parent = nullptr);

 signals:
  void toggled(bool open);

 private:
  QToolButton* head_;
};

}  // namespace yd::app
