// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QString>
#include <optional>
#include <vector>

#include "colour/observer.h"
#include "exports/pass_words.h"
#include "session/pipeline.h"

namespace yd::app {

/// One colour of the peephole, in words and numbers.
struct PeepholeColour {
  QString title;
  QColor colour;
  QString value;  ///< "6.3"
  QString words;  ///< "light muted orange"
};

/// What lies under the pointer.
struct Reading {
  std::vector<PeepholeColour> colours;  ///< subject, board, stick
  QString mass;
  QString difference;  ///< in words
  double de00 = 0;
};

/// The colours at a pixel of the working image. Without a plan the subject's alone; nothing outside the picture.
std::optional<Reading> read_at(const SubjectPtr& subject, const PlannedPtr& planned,
                               const optics::Parameters& parameters, int x, int y,
                               colour::Illuminant light = colour::Illuminant::d50);

/// The lights a picture can be looked at under, by name.
QString light_name(colour::Illuminant light);

using exports::pressure_words;

}  // namespace yd::app
