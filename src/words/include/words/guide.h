// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <QStringList>

#include "guide/guide.h"

namespace yd::words {

/// What is spoken of, to look names up in. References must outlive it.
struct Job {
  const plan::Plan& plan;
  const plan::Guide& guide;
  std::span<const subject::Mass> masses;
  std::span<const media::Stick> sticks;
};

/// "Darks: left hill and lower water", "The upper sky, from the top down".
QString title(const plan::Passage& passage, const Job& job);
/// The same without places and sticks, for lists that draw them.
QString short_title(const plan::Passage& passage, const Job& job);
/// "Finished when …"; empty for chores that end by themselves.
QString finished_when(const plan::Passage& passage, const Job& job);
/// One line for each chore of the passage, then its gradients, pairs, edges, what is finished with it.
QStringList steps(const plan::Passage& passage, const Job& job);

/// "level strokes with the edge or the side".
QString mark(plan::Mark mark);
/// The mark in two words, for lists.
QString mark_short(plan::Mark mark);
/// "firm at the top, letting off downwards"; empty where the pressure does not run.
QString run(const plan::Place& place);
/// "light", "middle" or "firm".
QString pressure(double pressure);
/// Of a whole pass, one of the three where it is one, else where it is firm and where it lets off: "firm in grey 3,
/// light in white 13", "firm in the darks, light in the lights".
QString pressure(std::span<const plan::Touch> touches, std::span<const subject::Mass> masses);
/// Whether it is one of the three.
bool is_one_pressure(std::span<const plan::Touch> touches);
/// The same for lists, without places: "light, firm in places".
QString pressure_short(std::span<const plan::Touch> touches);
/// "the upper part of the hill", "11 small ones in grey 3, 3 to 6 mm"; the mass's name alone where it is all of it.
QString where(const plan::Place& place, std::span<const subject::Mass> masses);
/// "rub in with a finger, from light into dark: downwards, with the one for darks"; empty where nothing is rubbed.
QString rubbing(const plan::Touch& touch);
/// "upright", "level", "rising to the right" …; empty without a direction.
QString direction(const plan::Touch& touch);
QString gradient(const plan::Gradient& gradient, const Job& job);
QString edge(const plan::EdgeGuide& edge, const Job& job);

}  // namespace yd::words
