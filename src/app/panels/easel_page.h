// SPDX-License-Identifier: MIT
#pragma once

#include <QBoxLayout>
#include <QCheckBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSlider>
#include <QStackedWidget>
#include <QTimer>
#include <QWidget>

#include "marks/groups.h"
#include "panels/easel_parts.h"
#include "session/easel_work.h"
#include "widgets/picture_view.h"
#include "widgets/stroke_view.h"
#include "widgets/tray_view.h"
#include "widgets/voice.h"

namespace yd::app {

/// One step at a time over the whole window, in large type and with large targets, for dusty hands: where it goes, the
/// Board after it, the stick lifted from the tray, its mark. Space or a click anywhere: the next marks, held: one after
/// the other; after the last of them the next pass. Right: the pass is done. Left: the pass before.
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
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  static bool is_own(const QKeyEvent& event);
  QLayout* make_head();
  QWidget* make_stick();
  QWidget* make_words();
  QWidget* make_tray();
  QWidget* make_substitutes();
  QLayout* make_buttons();
  /// `more`: pixels of height for the words beyond the usual.
  void arrange(int more = 0);
  void fit_words();
  void refresh();
  void refresh_pass(int pass);
  void refresh_chore(int passage);
  void refresh_clock();
  void show_end();
  void show_stick(bool on);
  void done();
  /// The next group of marks of the pass in hand, or the one before; past the last one the pass is done.
  void next_group();
  void group_before();
  /// While the key is held: one group after the other, but never past the last.
  void play_on();
  QWidget* make_bar();
  void look_closer(const plan::MarkGroup& group);
  void refresh_group();
  void take_groups(int pass);
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
  QBoxLayout* outer_ = nullptr;
  QBoxLayout* pictures_ = nullptr;
  QBoxLayout* blocks_ = nullptr;
  QStackedWidget* card_;
  QLabel* number_ = nullptr;
  QLabel* clock_ = nullptr;
  StepWords* words_ = nullptr;
  QLabel* title_ = nullptr;
  QLabel* medium_ = nullptr;
  QLabel* drying_ = nullptr;
  QLabel* next_ = nullptr;
  QLabel* safety_ = nullptr;
  QLabel* chip_ = nullptr;
  StrokeView* stroke_ = nullptr;
  TrayView* tray_ = nullptr;
  QLineEdit* note_ = nullptr;
  QListWidget* substitutes_ = nullptr;
  QCheckBox* speak_ = nullptr;
  std::vector<plan::MarkGroup> groups_;  ///< of the pass in hand
  std::size_t group_ = 0;
  QSlider* bar_ = nullptr;       ///< over the groups
  QCheckBox* closer_ = nullptr;  ///< the picture follows the hand
  QElapsedTimer since_played_;
  PlannedPtr grouped_;  ///< the plan they are of
  int grouped_pass_ = -1;
  int played_ = -1;  ///< pass whose mark was drawn last
  QPushButton* back_ = nullptr;
  QPushButton* substitute_ = nullptr;
  QPushButton* skip_ = nullptr;
  QPushButton* done_ = nullptr;
};

}  // namespace yd::app
