// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <QStringList>
#include <optional>

#include "advice/ground_choice.h"

namespace yd::words {

/// What speaks for and against a paper, one sentence each.
QString reasons(const plan::GroundVerdict& verdict, const media::Paper& paper, const plan::Plan& plan,
                const subject::Subject& subject, const std::optional<plan::CoatChoice>& wished);

/// What is to be said of it beside its figures, one sentence each; often nothing.
QStringList remarks(const plan::GroundVerdict& verdict, const media::Paper& paper,
                    const std::optional<plan::CoatChoice>& wished);
/// What another paper would bring: "On Sanded 800, white the picture would come nearer: 2.1 instead of 2.6."
QString nearer_on(const media::Paper& paper, double is, double would_be);
/// "pan 61 %, pencil 72 %": how much of the sheet is seen through two layers where it is hardest to cover.
QString shows_through(const plan::GroundVerdict& verdict);

}  // namespace yd::words
