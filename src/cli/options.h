// SPDX-License-Identifier: MIT
#pragma once

#include <CLI/CLI.hpp>
#include <vector>

#include "commands.h"
#include "support/ranges.h"

namespace yd::cli {

/// What the commands are told.
struct Arguments {
  PlanArguments plan;
  SwatchArguments swatch;
  WorkArguments work;
  TrayArguments tray;
  RehearseArguments rehearse;
  PhotographArguments photograph;
  CheckArguments check;
  OffcutArguments offcuts;
  CalibrateArguments calibrate;
  SheetArguments sheet;
  SwatchesArguments swatches;
  ImportArguments import;
  JournalArguments journal;
  ThumbnailArguments thumbnail;
  bool json = false;
};

/// The options of all commands that name files, by what is done with these.
struct FileOptions {
  struct Read {
    const CLI::App* command;
    const CLI::Option* option;
  };
  struct Written {
    const CLI::App* command;
    const CLI::Option* option;
    std::vector<std::string> kinds;  ///< endings that the bytes can have
    bool instead = false;            ///< of what the command prints
  };
  std::vector<Read> read;
  std::vector<Written> written;
};

/// Every command with its options.
void add_commands(CLI::App& app, Arguments& to, FileOptions& files);

/// Before any work: every file to be written can be, has an ending that fits, is written once and is none that is read.
/// Errors name the file.
Status check_files(const FileOptions& files);

/// For an option: a number that is written as one and lies in the limit.
CLI::Validator within(const Limit& limit);

}  // namespace yd::cli
