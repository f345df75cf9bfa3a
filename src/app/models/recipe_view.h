// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractTableModel>
#include <QImage>
#include <QStringList>
#include <array>
#include <vector>

#include "session/pipeline.h"

namespace yd::app {

/// One target's stack as shapes and words, for the colour panel.
struct RecipeView {
  struct Coat {
    QColor colour;      ///< of the coat's pigment, thick
    double height = 0;  ///< room it takes, load units
  };
  struct Stratum {
    double depth = 0;  ///< of the bare paper, load units
    std::vector<Coat> coats;
  };
  int target = 0;
  QString title;
  QStringList steps;  ///< the strokes in words, from the paper upwards
  QStringList notes;  ///< begun, out of reach, another light, how it will seem
  std::array<Stratum, optics::kStrata> strata;
  double hold = 0;
  QColor paper;
  QImage speckle;  ///< a patch at true scale
};

/// Strokes on a ground, without a target: only strata, steps and speckle are filled.
inline constexpr double kExamplePx_per_mm = 4;
RecipeView view_strokes(const Planned& planned, const optics::Ground& ground, const std::vector<plan::Stroke>& strokes,
                        double px_per_mm, colour::Illuminant light = colour::Illuminant::d50);

/// `px_per_mm` is the screen's; `reach` may be null. Papers and sticks that would help are called by their names.
RecipeView view_recipe(const Planned& planned, const Materials& materials, int target, double px_per_mm,
                       colour::Illuminant light, const plan::Reach* reach);

/// The alternatives of one target: nothing beats any of them in colour, strokes, tooth and speckle together.
class AlternativeModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column { recipe, difference, tooth, speckle, columns };
  using QAbstractTableModel::QAbstractTableModel;

  void set_target(PlannedPtr planned, int target);
  int target() const { return target_; }
  const std::vector<plan::Stroke>& strokes(int row) const;
  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

 private:
  const std::vector<plan::Stack>& list() const;
  PlannedPtr planned_;
  int target_ = -1;
};

}  // namespace yd::app
