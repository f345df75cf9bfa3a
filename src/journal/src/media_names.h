// SPDX-License-Identifier: MIT
#pragma once

#include "media/medium.h"
#include "statement.h"

namespace yd::journal {

/// A medium as the file holds it.
inline QString name_of(media::Medium medium) { return QString::fromStdString(std::string(media::name(medium))); }
/// What stands in a column; soft where the table of media knows the name no more.
inline media::Medium medium_in(const Statement& s, int column) {
  const auto found = media::medium_by_name(s.text(column).toStdString());
  return found ? found.value() : media::Medium::soft;
}

}  // namespace yd::journal
