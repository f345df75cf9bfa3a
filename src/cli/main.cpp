// SPDX-License-Identifier: MIT
#include <CLI/CLI.hpp>
#include <QFileInfo>
#include <QGuiApplication>
#include <clocale>
#include <cstdio>
#include <exception>

#include "commands.h"
#include "manual.h"
#include "words/language.h"

namespace {

constexpr int kBad = 2;

/// For a file that is written: a place that will not do is said before the work, not after it.
const CLI::Validator& writable() {
  static const CLI::Validator place(
      [](const std::string& file) -> std::string {
        const QFileInfo whole(QString::fromStdString(file));
        const QFileInfo folder(whole.absolutePath());
        if (whole.isDir()) return file + ": is a folder";
        if (!folder.isDir()) return file + ": there is no such folder";
        return folder.isWritable() ? std::string() : file + ": its folder cannot be written to";
      },
      "");
  return place;
}

int finish(const yd::Status& status) {
  if (status.ok()) return 0;
  std::fprintf(stderr, "dune-plan: %s\n", yd::describe(status.error()).c_str());
  return kBad;
}

void add_work(CLI::App* c, yd::cli::WorkArguments& a) {
  c->add_option("FILE", a.file, "Picture, or .dune project; options given here go before the project's")->required();
  c->add_option("--paper", a.paper, "Paper id (see: dune-plan papers)");
  c->add_option("--collection", a.collection, "Collection id or JSON file");
  c->add_option("--school", a.school, "Order of building: advised, dark-first, light-coat, flat-broken or tone-map");
  c->add_option("--manner", a.manner, "Strokes: either, broken or rubbed");
  c->add_option("--course", a.course, "far-to-near or features-first");
  c->add_option(
      "--focus", a.focus,
      "X,Y,R: what matters: masses in this ring are finer, and focal; shares of width, height and longer side");
  c->add_option("--sticks", a.sticks, "Most sticks in the tray");
  c->add_option("--strokes", a.strokes, "Most layers of one mass, 1 to 4");
  c->add_option("--passes", a.passes, "About how many passes");
  c->add_option("--time", a.time_minutes, "How long the painting may take, minutes");
  c->add_option("--hand", a.hand, "How far off a pressure is, as a share of it: 0 steady, 0.15 usual, 0.5 shaky");
  c->add_option("--fit", a.fit, "Values: keep, compress, anchor-lights or anchor-darks");
  c->add_option("--underpainting", a.coat,
                "Medium of an underpainting, e.g. gouache, or none (see: dune-plan underpaint)");
  c->add_option("--colours", a.coat_colours, "Its colours: complement, shadow-cool, warm-glow, local or tonal");
  c->add_option("--most-masses", a.masses, "Most masses, 8 to 30");
  c->add_option("--mood", a.mood,
                "Own colours: vivid, quiet, warm-light, cool-light or led; with :AMOUNT, 0 to 1 (values stay)");
  c->add_option("--palette", a.palette, "Own colours: those of this picture or project; with :AMOUNT, 0 to 1");
  c->add_option("--scheme", a.scheme, "For a drawing or a grey page: evening, morning, shore or earth");
  c->add_option("--width", a.width_cm, "Of the sheet, centimetres");
  c->add_option("--height", a.height_cm, "Of the sheet, centimetres");
  c->add_option("--json", a.json_file, "Write to this file instead of standard output")->check(writable());
  c->add_option("--calibration", a.calibration_file, "The artist's hand and sticks, as `calibrate` found them");
}

void add_plan(CLI::App& app, yd::cli::PlanArguments& a) {
  CLI::App* c = app.add_subcommand("plan", "Plan a picture: masses, tray, recipes, passes");
  add_work(c, a);
  c->add_flag("--reach", a.reach,
              "Say why targets are out of reach, what would help, and which matches other lights break");
  c->add_option("--masses", a.masses_file, "Write the mass map as PNG")->check(writable());
  c->add_option("--board", a.board_file, "Write the predicted picture as PNG")->check(writable());
  c->add_option("--pdf", a.pdf_file, "Write the plan to print")->check(writable());
  c->add_option("--outlines", a.outline_file, "Write outlines at true size, .svg or tiled .pdf")->check(writable());
  c->add_option("--layers", a.layers_file, "Write OpenRaster, a layer a pass")->check(writable());
  c->add_option("--csv", a.passes_file, "Write the passes as CSV")->check(writable());
  c->add_option("--project", a.project_file, "Write a project that the window opens")->check(writable());
  c->add_flag("--letter", a.letter, "Print on Letter instead of A4");
  c->add_flag("--advice", a.advice, "Say what a look over the plan found, with numbers");
}

void add_swatch(CLI::App& app, yd::cli::SwatchArguments& a) {
  CLI::App* c = app.add_subcommand("swatch", "The colour of a stack of layers on a paper");
  c->add_option("--paper-lab", a.paper_lab, "Paper colour L,a,b (D50)")->required();
  c->add_option("--tooth", a.tooth, "fine, medium or coarse")->capture_default_str();
  c->add_option(
       "--layer", a.layers,
       "stroke:L,a,b:MEDIUM:PRESSURE[:laid|rubbed], wash:L,a,b:KIND:LOAD, rub or fixative; from the paper upwards")
      ->allow_extra_args(false);
}

void add_tray(CLI::App& app, yd::cli::TrayArguments& a) {
  CLI::App* c = app.add_subcommand("tray", "Choose the tray; its curve, and how near it is to the best possible");
  add_work(c, a);
  c->add_flag("--curve", a.curve, "The best trays of 3 to 24 sticks");
  c->add_flag("--prove", a.prove, "Bound what any tray of this size could save");
  c->add_option("--seconds", a.seconds, "For the solver, with --prove")->capture_default_str();
}

void add_rehearse(CLI::App& app, yd::cli::RehearseArguments& a) {
  CLI::App* c =
      app.add_subcommand("rehearse", "Paint the plan with an unsteady hand, many times; what goes wrong most");
  add_work(c, a);
  c->add_option("--painters", a.painters, "How many paint it")->capture_default_str();
  c->add_option("--seed", a.seed, "Of the first painter; the next ones follow")->capture_default_str();
  c->add_option("--forgets", a.forgets, "Share of passes on a mass that are left out, 0 to 1")->capture_default_str();
  c->add_option("--board", a.board_file, "Write the first painter's board as PNG")->check(writable());
}

void add_photograph(CLI::App& app, yd::cli::PhotographArguments& a) {
  CLI::App* c = app.add_subcommand("photograph", "Paint the plan with an unsteady hand and photograph the board");
  add_work(c, a);
  c->add_option("PHOTO", a.photo_file, "Write the photograph here, as PNG or JPEG")->required()->check(writable());
  c->add_option("--done", a.done, "Passes that are painted; all where it is not given");
  c->add_option("--seed", a.seed, "Of hand and camera")->capture_default_str();
  c->add_option("--forgets", a.forgets, "Share of passes on a mass that are left out, 0 to 1")->capture_default_str();
  c->add_option("--glare", a.glare, "A lamp mirrored in the sheet, share of white")->capture_default_str();
  c->add_flag("--marks", a.marks, "Lay printed marks at the corners");
  c->add_flag("--strip", a.strip, "Lay the tray's sticks on the margin below, for `check --strip`");
}

void add_calibrate(CLI::App& app, yd::cli::OffcutArguments& o, yd::cli::CalibrateArguments& a) {
  CLI::App* c = app.add_subcommand("offcuts", "Which strokes of the tray to lay on an offcut, as a table to fill in");
  add_work(c, o);
  c->add_option("CSV", o.csv_file, "Write the table here")->required();
  c->add_option("--count", o.count, "How many strokes")->capture_default_str();
  c->add_option("--simulate", o.simulate, "Seed: a simulated artist lays and measures them");
  c = app.add_subcommand("calibrate", "The artist's hand and sticks from offcut strokes that were measured");
  c->add_option("READINGS", a.readings_file, "The table of `offcuts`, filled in with L*, a*, b* (D50), or CGATS.17")
      ->required();
  c->add_option("--strokes", a.strokes_file,
                "The table of `offcuts`, whose strokes a CGATS.17 file holds in their order");
  c->add_option("--paper", a.paper, "Paper id they are laid on");
  c->add_option("--collection", a.collection, "Collection id or JSON file");
  c->add_option("--artist", a.artist, "Whose hand it is, told with plans that rest on it");
  c->add_option("--json", a.json_file, "Write to this file, for --calibration, instead of standard output")
      ->check(writable());
}

void add_check(CLI::App& app, yd::cli::CheckArguments& a) {
  CLI::App* c = app.add_subcommand("check", "Hold a photograph of the work against the plan; what mends it");
  add_work(c, a);
  c->add_option("PHOTO", a.photo_file, "Photograph of the whole sheet")->required();
  c->add_option("--done", a.passes_done, "Passes that are done; all where it is not given")
      ->check(CLI::NonNegativeNumber);
  c->add_option("--corners", a.corners,
                "x,y,x,y,x,y,x,y: the picture's corners in the photograph, pixels, clockwise from the top left; found "
                "where they are not given");
  c->add_flag("--strip", a.strip,
              "The tray's sticks are laid on the margin below, dark to light, firmly, rubbed, twice");
}

void add_sheets(CLI::App& app, yd::cli::SheetArguments& s, yd::cli::SwatchesArguments& a) {
  CLI::App* c = app.add_subcommand("sheet", "A sheet to print: a cell for every stick of a box, or offcut stroke");
  c->add_option("FILE", s.file, "Write the sheet here, .pdf or .svg")->required()->check(writable());
  c->add_flag("--corners", s.corners, "Four marks to lay round a picture instead, for `check`");
  c->add_option("--size", s.size, "a5, a4, a3, letter, or WIDTHxHEIGHT in millimetres")->capture_default_str();
  c->add_option("--cells", s.cells, "How many sticks")->capture_default_str();
  c->add_option("--strokes", s.strokes_file, "Table of `offcuts`: a cell for each of its strokes");
  c->add_option("--paper", s.paper, "Paper id it is printed on");
  c->add_option("--collection", s.collection, "Collection id or JSON file");
  c->add_option("--photo", s.photo_file, "Write a photograph of it, filled in with the collection's sticks, as PNG")
      ->check(writable());
  c->add_option("--seed", s.seed, "Of hand and camera, with --photo")->capture_default_str();
  c->add_option("--hand", s.hand, "How far off a pressure is, with --photo")->capture_default_str();
  c = app.add_subcommand("swatches", "Sticks, or offcut strokes, from a photograph of such a sheet");
  c->add_option("PHOTO", a.photo_file, "Photograph of the whole sheet")->required();
  c->add_option("--paper", a.paper, "Paper id it is printed on");
  c->add_option("--collection", a.collection, "Collection id or JSON file that --strokes and --again speak of");
  c->add_option("--kind", a.kind, "All sticks are soft, hard, pencil, pan or charcoal; guessed where it is not given");
  c->add_option("--name", a.name, "Of the collection the sticks make")->capture_default_str();
  c->add_flag("--again", a.again, "The cells are the sticks of the collection, in its order: their colours anew");
  c->add_option("--strokes", a.strokes_file, "Table of `offcuts` that was laid");
  c->add_option("--csv", a.csv_file, "With --strokes: write the table with what was read, for `calibrate`")
      ->check(writable());
  c->add_option("--json", a.json_file, "Write to this file, for --collection, instead of standard output")
      ->check(writable());
}

void add_journal(CLI::App& app, yd::cli::JournalArguments& a) {
  CLI::App* c = app.add_subcommand("journal", "Works, recipes and notes that were kept");
  c->require_subcommand(1);
  c->add_option("--file", a.file, "Of the journal; else the program's own");
  CLI::App* list = c->add_subcommand("list", "Works, newest first");
  list->add_option("--words", a.words, "With all of these words in title, paper, sticks or notes");
  CLI::App* show = c->add_subcommand("show", "A work as Markdown");
  show->add_option("WORK", a.work, "Beginning of its id or title")->required();
  CLI::App* recipes = c->add_subcommand("recipes", "Recipes as told to a friend");
  recipes->add_option("--words", a.words, "With all of these words");
  recipes->add_option("--like", a.like, "L,a,b: of about this colour, nearest first");
  CLI::App* out = c->add_subcommand("export", "Take it out");
  out->add_option("FILE", a.to, ".json or .csv of all works; with --work .md or .zip")->required()->check(writable());
  out->add_option("--work", a.work, "Beginning of the id or title of one work");
}

yd::Status run_journal(const CLI::App& command, const yd::cli::JournalArguments& a) {
  if (command.got_subcommand("list")) return yd::cli::run_journal_list(a);
  if (command.got_subcommand("show")) return yd::cli::run_journal_show(a);
  if (command.got_subcommand("recipes")) return yd::cli::run_journal_recipes(a);
  return yd::cli::run_journal_export(a);
}

/// What the commands are told.
struct Arguments {
  yd::cli::PlanArguments plan;
  yd::cli::SwatchArguments swatch;
  yd::cli::WorkArguments work;
  yd::cli::TrayArguments tray;
  yd::cli::RehearseArguments rehearse;
  yd::cli::PhotographArguments photograph;
  yd::cli::CheckArguments check;
  yd::cli::OffcutArguments offcuts;
  yd::cli::CalibrateArguments calibrate;
  yd::cli::SheetArguments sheet;
  yd::cli::SwatchesArguments swatches;
  yd::cli::ImportArguments import;
  yd::cli::JournalArguments journal;
  yd::cli::ThumbnailArguments thumbnail;
  bool json = false;
};

void add_import(CLI::App& app, yd::cli::ImportArguments& import) {
  CLI::App* command =
      app.add_subcommand("import", "Read sticks from a .gpl, .csv, CGATS or .json file and write them as a collection");
  command->add_option("FILE", import.file, "Palette")->required();
  command->add_option("--medium", import.medium, "soft, hard, pencil, pan or charcoal")->capture_default_str();
  command->add_option("--json", import.json_file, "Write the collection to this file instead of standard output")
      ->check(writable());
}

void add_thumbnail(CLI::App& app, yd::cli::ThumbnailArguments& thumbnail) {
  CLI::App* command = app.add_subcommand("thumbnail", "The Board of a project, or a picture, small, as PNG");
  command->add_option("FILE", thumbnail.file, "Project or picture")->required();
  command->add_option("PNG", thumbnail.png_file, "Write it here")->required()->check(writable());
  command->add_option("--size", thumbnail.size, "Longest side, pixels")
      ->capture_default_str()
      ->check(CLI::Range(16, 2048));
}

void add_commands(CLI::App& app, Arguments& to) {
  add_work(app.add_subcommand("subject", "Read a picture: values, light, masses"), to.work);
  add_work(app.add_subcommand("ground", "Judge every paper for a picture"), to.work);
  add_work(app.add_subcommand("underpaint", "Try every underpainting on a paper"), to.work);
  add_tray(app, to.tray);
  add_import(app, to.import);
  add_plan(app, to.plan);
  add_rehearse(app, to.rehearse);
  add_photograph(app, to.photograph);
  add_check(app, to.check);
  add_calibrate(app, to.offcuts, to.calibrate);
  add_sheets(app, to.sheet, to.swatches);
  add_swatch(app, to.swatch);
  add_journal(app, to.journal);
  add_thumbnail(app, to.thumbnail);
  app.add_subcommand("manual", "This program's manual page, for man");
  app.add_subcommand("papers", "Papers that ship")->add_flag("--json", to.json, "As JSON");
  app.add_subcommand("collections", "Collections that ship")->add_flag("--json", to.json, "As JSON");
}

int run_command(const CLI::App& app, const Arguments& of) {
  if (app.got_subcommand("plan")) return finish(yd::cli::run_plan(of.plan));
  if (app.got_subcommand("swatch")) return finish(yd::cli::run_swatch(of.swatch));
  if (app.got_subcommand("subject")) return finish(yd::cli::run_subject(of.work));
  if (app.got_subcommand("ground")) return finish(yd::cli::run_ground(of.work));
  if (app.got_subcommand("underpaint")) return finish(yd::cli::run_underpaint(of.work));
  if (app.got_subcommand("tray")) return finish(yd::cli::run_tray(of.tray));
  if (app.got_subcommand("rehearse")) return finish(yd::cli::run_rehearse(of.rehearse));
  if (app.got_subcommand("photograph")) return finish(yd::cli::run_photograph(of.photograph));
  if (app.got_subcommand("offcuts")) return finish(yd::cli::run_offcuts(of.offcuts));
  if (app.got_subcommand("calibrate")) return finish(yd::cli::run_calibrate(of.calibrate));
  if (app.got_subcommand("sheet")) return finish(yd::cli::run_sheet(of.sheet));
  if (app.got_subcommand("swatches")) return finish(yd::cli::run_swatches(of.swatches));
  if (app.got_subcommand("check")) return finish(yd::cli::run_check(of.check));
  if (app.got_subcommand("journal")) return finish(run_journal(*app.get_subcommand("journal"), of.journal));
  if (app.got_subcommand("import")) return finish(yd::cli::run_import(of.import));
  if (app.got_subcommand("thumbnail")) return finish(yd::cli::run_thumbnail(of.thumbnail));
  if (app.got_subcommand("papers")) return finish(yd::cli::run_papers(of.json));
  if (app.got_subcommand("collections")) return finish(yd::cli::run_collections(of.json));
  std::fputs(yd::cli::manual_page(app).c_str(), stdout);
  return 0;
}

int run(int argc, char** argv) {
  CLI::App app("Yawning Dune without a window");
  app.set_version_flag("--version", "Yawning Dune " YD_VERSION);
  app.require_subcommand(1);
  Arguments told;
  add_commands(app, told);
  try {
    app.parse(argc, argv);
  } catch (const CLI::Success& help) {  // --help and --version
    return app.exit(help);
  } catch (const CLI::ParseError& e) {
    std::fprintf(stderr, "dune-plan: %s\n", e.what());
    return kBad;
  }
  return run_command(app, told);
}

}  // namespace

int main(int argc, char** argv) {
  // Qt's picture readers remark on small faults of a file; standard error is for our one line.
  qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
  // Qt's picture plugins want an application object to find their folder, what is printed needs fonts; none needs a
  // screen.
  if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
  const QGuiApplication application(argc, argv);
  yd::words::speak("en", QLocale::c());  // scripts read what it prints
  // Qt takes over the system's language with its decimal comma; numbers in files and arguments have a point.
  std::setlocale(LC_NUMERIC, "C");
  try {
    return run(argc, argv);
  } catch (const std::exception& e) {
    std::fprintf(stderr, "dune-plan: %s\n", e.what());
    return kBad;
  }
}
