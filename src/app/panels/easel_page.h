#pragma once

#include <QCheckBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QProgressBar>
#include <QPushButton>
#include <QStackedWidget>
#include <QTimer>
#include <QWidget>

#include "session/easel_work.h"
#include "widgets/picture_view.h"
#include "widgets/stroke_view.h"
#include "widgets/voice.h"

namespace yd::app {

/// One pass at a time over the whole window, in large type and with large targets, for dusty hands. Space, the right
/// arrow or a click anywhere: done, next. Left: the pass before.
class EaselPage : public QWidget {
  Q_OBJECT
 public:
  EaselPage(Session& session, EaselWork& work, QWidget* parent = nullptr);

 signals:
  void closed();

 protected:
  bool event(QEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  static bool is_own(const QKeyEvent& event);
  QWidget* make_card();
  QLayout* make_swatches();
  QWidget* make_substitutes();
  QLayout* make_buttons();
  QLabel* large(const char* name, int points, bool bold = false);
  void refresh();
  void refresh_pass(int pass);
  void refresh_clock();
  void show_end();
  void done();
  void pick_substitute();
  void take_substitute();
  void back_from_substitutes();
  void speak();

  Session& session_;
  EaselWork& work_;
  ViewLink link_;
  ViewLink board_link_;
  PictureView picture_;
  PictureView board_;
  Voice voice_;
  QTimer tick_;
  QStackedWidget* card_;
  QLabel* number_ = nullptr;
  QLabel* clock_ = nullptr;
  QLabel* title_ = nullptr;
  QLabel* medium_ = nullptr;
  QLabel* mark_ = nullptr;
  QLabel* steps_ = nullptr;
  QLabel* how_ = nullptr;
  QLabel* where_ = nullptr;
  QLabel* after_words_ = nullptr;
  QLabel* tooth_words_ = nullptr;
  QLabel* drying_ = nullptr;
  QLabel* next_ = nullptr;
  QLabel* safety_ = nullptr;
  QLabel* colour_ = nullptr;
  QLabel* after_ = nullptr;
  StrokeView* stroke_ = nullptr;
  QProgressBar* tooth_ = nullptr;
  QLineEdit* note_ = nullptr;
  QListWidget* substitutes_ = nullptr;
  QCheckBox* speak_ = nullptr;
  QPushButton* back_ = nullptr;
  QPushButton* substitute_ = nullptr;
  QPushButton* skip_ = nullptr;
  QPushButton* done_ = nullptr;
};

}  // namespace yd::app
