// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>

#include "session/pipeline.h"

namespace yd::app {

/// The predicted picture once the first `passes` are done, without those that are marked as left out; under a light.
QImage board_of(const Planned& planned, const std::vector<plan::PassMark>& marks, int passes, colour::Illuminant light);

}  // namespace yd::app
