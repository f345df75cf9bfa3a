#pragma once

#include <QString>

#include "session/pipeline.h"
#include "words/findings.h"

namespace yd::app {

/// What puts a pass where it stands, and what it costs, as lines.
QString why_words(const Planned& planned, const optics::Parameters& parameters, int pass);

/// Sittings, breaks, stick changes against the fewest possible, contradictions, what the artist's order breaks.
QString time_words(const Planned& planned);

/// The finding with its numbers and what would mend it.
QString finding_words(const plan::Finding& finding, const words::Named& named);

}  // namespace yd::app
