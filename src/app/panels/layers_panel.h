#pragma once

#include <QLabel>
#include <QPushButton>
#include <QTabWidget>
#include <QWidget>

#include "panels/advice_section.h"
#include "panels/panel_parts.h"
#include "panels/job_section.h"
#include "panels/pass_section.h"
#include "panels/school_section.h"
#include "panels/wish_section.h"

namespace yd::app {

/// Stage Layers: how the picture is built, its passes, what a look over them found, and the time they take.
class LayersPanel : public QWidget {
  Q_OBJECT
 public:
  explicit LayersPanel(Session& session, QWidget* parent = nullptr);
  QTabWidget* tabs() { return tabs_; }

 signals:
  void school_page_asked();
  void easel_asked();
  void says(const QString& sentence);

 private:
  QWidget* make_time();
  QWidget* make_safety();
  void refresh();

  Session& session_;
  SchoolSection* school_;
  WishSection* wishes_;
  QTabWidget* tabs_;
  LabelledSlider* strokes_;
  LabelledSlider* sitting_;
  QLabel* time_;
  QPushButton* easel_;
  QLabel* safety_;
  QLabel* care_;
};

}  // namespace yd::app
