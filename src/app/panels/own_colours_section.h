// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QPushButton>

#include "panels/panel_parts.h"
#include "session/runner.h"
#include "session/session.h"
#include "widgets/facts.h"

namespace yd::app {

/// Colours of the artist's own: a mood over the whole picture, the palette of another one, a colour that returns,
/// families for a drawing or a grey page. Values stay.
class OwnColoursSection : public QWidget {
  Q_OBJECT
 public:
  explicit OwnColoursSection(Session& session, QWidget* parent = nullptr);
  /// Borrows the palette of a picture or project.
  void borrow(const QString& file);
  bool busy() const { return reader_.busy(); }
  /// The subject is to be shown as it is, whatever colours it is given.
  bool as_it_is() const { return as_it_is_->isChecked(); }

 signals:
  void view_asked();

 private:
  void name_parts();
  void lay_out();
  void connect_parts();
  void connect_mood();
  void connect_palette();
  void change(const subject::OwnColours& colours, const QString& text, Merge merge = Merge::never);
  void ask_palette();
  void take_palette(const Runner<subject::OwnColours>::Outcome& outcome);
  void take_scheme(int row);
  void refresh();
  void refresh_sticks();
  void refresh_words();

  Session& session_;
  Runner<subject::OwnColours> reader_;
  QComboBox* mood_;
  LabelledSlider* amount_;
  QComboBox* leading_;
  QPushButton* borrow_;
  QPushButton* give_back_;
  QLabel* palette_;
  LabelledSlider* palette_amount_;
  QComboBox* returning_;
  QComboBox* scheme_;
  QCheckBox* as_it_is_;
  QPushButton* plain_;
  QLabel* words_;
  Facts* reach_;
};

/// Fills a box with the tray's sticks, a chip of each; what is in front stays.
void add_tray(QComboBox& box, const Planned& planned);
/// The colour a row of such a box stands for.
std::optional<colour::Lab> colour_in(const QComboBox& box, int row);

}  // namespace yd::app
