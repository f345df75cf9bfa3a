#pragma once

#include <QToolButton>
#include <QWidget>

namespace yd::app {

/// A heading that folds what stands below it away.
class Section : public QWidget {
  Q_OBJECT
 public:
  Section(const QString& title, const QString& name, QWidget* content, bool open, QWidget* parent = nullptr);
  bool is_open() const { return head_->isChecked(); }
  void set_open(bool open) { head_->setChecked(open); }

 signals:
  void toggled(bool open);

 private:
  QToolButton* head_;
};

}  // namespace yd::app
