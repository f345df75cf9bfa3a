#pragma once

#include <QString>
#include <span>

#include "order/passages.h"

namespace yd::words {

/// "Block in the darks", "Lights of the left hill and the upper sky".
QString title(const plan::Passage& passage, std::span<const subject::Mass> masses);
/// "Finished when …": what to look for before going on. Common practice, no published source.
QString finished_when(const plan::Passage& passage, std::span<const subject::Mass> masses);

}  // namespace yd::words
