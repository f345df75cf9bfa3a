// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QString>
#include <optional>
#include <vector>

#include "colour/lab.h"
#include "optics/parameters.h"

namespace yd::journal {

/// Times are seconds since 1970, pictures JPEG or PNG as they came, colours Lab D50.

/// What a work takes of one stick.
struct Use {
  QString stick_id, stick;
  optics::Medium medium = optics::Medium::soft;
  colour::Lab lab;
  double length_mm = 0;  ///< worn off by the loads the plan lays
  double share = 0;      ///< of a new stick
};

/// A pass that was done or left out at the easel.
struct DonePass {
  QString pass;   ///< plan::signature
  QString title;  ///< as the artist read it
  std::optional<optics::Medium> medium;
  QString stick_id;
  double area_cm2 = 0;
  double guessed_minutes = 0;  ///< by our own rates
  double minutes = 0;          ///< it took
  qint64 at_s = 0;
  bool skipped = false;
  QString note;
};

struct Work {
  QString id;  ///< of the project, the same in every copy
  QString title;
  QString file;  ///< where it was saved last; empty: never
  QString paper_id, paper;
  QString collection_id;
  double width_cm = 0, height_cm = 0;
  qint64 begun_s = 0, touched_s = 0;
  int passes = 0, done = 0;
  double minutes = 0;  ///< as planned
  double as_seen = 0;  ///< CIEDE2000, mean
  QString next_stick;  ///< the one that would help most
  QByteArray subject;  ///< small picture
  QByteArray board;    ///< small picture
  QByteArray plan;     ///< plan JSON
  std::vector<Use> sticks;
};

/// Passes that follow each other with no longer pause than kSittingPause.
struct Sitting {
  qint64 from_s = 0, to_s = 0;
  double minutes = 0;  ///< at work
  int passes = 0;
};
inline constexpr qint64 kSittingPause_s = 45 * 60;
/// `passes`: of one work, in any order; what was left out counts no minutes.
std::vector<Sitting> sittings_of(std::vector<DonePass> passes);

struct RecipeLayer {
  QString stick_id, stick;
  optics::Medium medium = optics::Medium::soft;
  colour::Lab lab;  ///< of the stick
  double pressure = 1;
  bool rubbed = false;
};

/// Where a recipe was used later.
struct RecipeUse {
  QString work;   ///< id
  QString title;  ///< of the picture, as it was called then
  QString place;  ///< what it was given to: "left eye"
  qint64 at_s = 0;
};

/// How a colour was made, as told to a friend.
struct Recipe {
  qint64 id = 0;  ///< 0: not kept yet
  QString work;   ///< id; empty: of none
  QString title;  ///< what it is of: "left eye"
  QString words;  ///< what to do
  colour::Lab lab;
  QString paper_id, paper;
  std::vector<RecipeLayer> layers;  ///< from the paper upwards
  QByteArray swatch;
  qint64 at_s = 0;
  std::vector<RecipeUse> used;  ///< newest first; read, written by put_use
};

struct Note {
  qint64 id = 0;
  qint64 at_s = 0;
  QString text;
};

/// A photograph of the work with what the check said.
struct Photo {
  qint64 id = 0;
  qint64 at_s = 0;
  QByteArray picture;
  QString findings;
};

/// Offcut strokes that were measured, and the hand they showed.
struct OffcutTest {
  qint64 id = 0;
  qint64 at_s = 0;
  QString artist, paper;
  int strokes = 0;
  double off = -1;      ///< CIEDE2000 of strokes left out of the fit; -1: not tried
  QByteArray readings;  ///< the table of offcuts (CSV), empty where it is not known
};

/// A drill that was gone through; numbers as practice::Outcome has them.
struct Drill {
  qint64 id = 0;
  qint64 at_s = 0;
  QString kind;
  int trials = 0;
  double bias = 0, bias_sd = 0;
  double threshold = 0, threshold_sd = 0;
  double right = 0;  ///< share of the answers
  QString detail;    ///< what of: "reds on grey"
};

}  // namespace yd::journal
