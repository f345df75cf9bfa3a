// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "exports/pass_words.h"
#include "session/pipeline.h"
#include "words/findings.h"

namespace yd::app {

/// What puts a pass where it stands, and what it costs, as lines.
QString why_words(const Planned& planned, const optics::Parameters& parameters, int pass);

/// The mark of a pass, its direction and how it is rubbed in, in two or three sentences.
QString mark_words(const exports::PassWords& words);

/// What is to be done after the last pass of a passage, a line for each.
QString chores_at(const exports::PlanView& view, int pass);

/// A passage: its title, what to do besides its strokes, and when it is finished.
QString passage_words(const exports::PlanView& view, int passage);

/// Sittings, breaks, stick changes against the fewest possible, contradictions, what the artist's order breaks.
QString time_words(const Planned& planned);

/// The finding with its numbers and what would mend it.
QString finding_words(const plan::Finding& finding, const words::Named& named);

}  // namespace yd::app
