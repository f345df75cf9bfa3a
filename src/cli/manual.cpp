// SPDX-License-Identifier: MIT
#include "manual.h"

namespace yd::cli {
namespace {

/// Text that roff takes as it is.
std::string plain(const std::string& text) {
  std::string out;
  for (const char c : text) {
    if (c == '\\') {
      out += "\\e";
    } else if (c == '-') {
      out += "\\-";
    } else if ((c == '.' || c == '\'') && (out.empty() || out.back() == '\n')) {
      out += "\\&";
      out += c;
    } else {
      out += c;
    }
  }
  return out;
}

std::string named(const CLI::Option& option) {
  if (option.get_positional()) return "\\fI" + plain(option.get_name(true)) + "\\fR";
  std::string out = "\\fB" + plain(option.get_name(false, true)) + "\\fR";
  if (option.get_items_expected_max() > 0) out += " \\fI" + plain(option.get_type_name()) + "\\fR";
  return out;
}

std::string options_of(const CLI::App& command) {
  std::string out;
  for (const CLI::Option* option : command.get_options()) {
    out += ".TP\n" + named(*option) + "\n" + plain(option->get_description());
    if (!option->get_default_str().empty()) out += " (" + plain(option->get_default_str()) + ")";
    out += "\n";
  }
  return out;
}

std::string synopsis(const CLI::App& command, const std::string& name) {
  std::string out = ".B " + plain(name) + "\n";
  for (const CLI::Option* option : command.get_options())
    if (option->get_positional()) out += ".I " + plain(option->get_name(true)) + "\n";
  return out;
}

/// A command and, indented by its name, what it is divided into.
std::string command_of(const CLI::App& command, const std::string& before) {
  const std::string name = before + command.get_name();
  std::string out = ".SS " + plain(name) + "\n" + plain(command.get_description()) + ".\n.PP\n";
  out += synopsis(command, "dune-plan " + name) + "[\\fIOPTIONS\\fR]\n" + options_of(command);
  for (const CLI::App* part : command.get_subcommands({})) out += command_of(*part, name + " ");
  return out;
}

constexpr const char* kHead = R"(.ad l
.SH NAME
dune\-plan \- plan a soft pastel painting without a window
.SH SYNOPSIS
.B dune\-plan
.I COMMAND
.RI [ FILE ]
.RI [ OPTIONS ]
.SH DESCRIPTION
.B dune\-plan
reads a reference picture into masses, chooses the fewest sticks of a collection that carry it on a toned or sanded
paper, predicts every colour with a spectral model of pigment in paper tooth, and orders the work into passes, far to
near and dark to light. What it writes is JSON on standard output where nothing else is said.
.PP
Wherever a command asks for
.I FILE
it takes a picture (PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF, AVIF) or a
.I .dune
project; options given on the command line go before those of the project, and what hangs on them is put right as the window does.
What it reads it never writes over; where a file is asked for to write to,
.B \-
is standard output, and a device or a pipe is written to as it is.
.SH COMMANDS
)";

constexpr const char* kTail = R"(.SH EXIT STATUS
0 where all went well, 2 where an argument or a file was wrong: standard error says which and what to do.
.SH ENVIRONMENT
.TP
.B YAWNING_DUNE_DATA
Folder with the papers, collections, model parameters, fonts and icons, in place of the ones that ship.
.TP
.B SOURCE_DATE_EPOCH
Seconds since 1970: the date that a PDF carries. All else that is written is the same whenever it is.
.SH FILES
.TP
.I ~/.local/share/Yawning Dune/Yawning Dune
The journal, own collections and copies of unsaved work, shared with the window.
.SH EXAMPLES
.nf
dune\-plan plan picture.jpg \-\-sticks 12 \-\-board board.png \-\-pdf plan.pdf \-\-json plan.json
dune\-plan tray picture.jpg \-\-curve
dune\-plan check picture.dune photo.jpg \-\-done 8
dune\-plan journal recipes \-\-like 45,5,5
.fi
.SH CAUTION
Dust, fixatives and some pigments can harm: follow the product's safety data sheet and local rules, and ask a qualified
person where in doubt.
.SH SEE ALSO
.BR yawning\-dune (1)
)";

}  // namespace

std::string manual_page(const CLI::App& app) {
  std::string out = ".TH DUNE\\-PLAN 1 \"\" \"" + plain(app.version()) + "\" \"User Commands\"\n";
  out += kHead;
  for (const CLI::App* command : app.get_subcommands({})) out += command_of(*command, "");
  return out + kTail;
}

}  // namespace yd::cli
