#pragma once

#include <QButtonGroup>

#include "models/images.h"
#include "panels/panel_parts.h"
#include "session/session.h"

namespace yd::app {

/// Stage Subject: squint, number of masses, what the Subject view shows, contrast in steps.
class SubjectPanel : public QWidget {
  Q_OBJECT
 public:
  explicit SubjectPanel(Session& session, QWidget* parent = nullptr);
  SubjectView shown() const { return static_cast<SubjectView>(views_->checkedId()); }

 signals:
  void view_asked(SubjectView view);

 private:
  QWidget* make_views();
  void refresh_choices();
  void refresh_findings();

  Session& session_;
  QButtonGroup* views_;
  LabelledSlider* squint_;
  LabelledSlider* masses_;
  QLabel* findings_;
};

}  // namespace yd::app
