// SPDX-License-Identifier: MIT
#include "options.h"

#include <QFileInfo>
#include <QString>
#include <QStringList>
#include <charconv>

#include "files/same.h"
#include "files/write.h"
#include "brief/options.h"
#include "subject/composition.h"
#include "subject/subject.h"
#include "support/plain_line.h"

namespace yd::cli {
namespace {

constexpr Limit kTryPapersLimit{0, 14};  // there are so many

constexpr Limit kShare{0, 1};
constexpr Limit kPassesDone{0, 5000, true};
constexpr Limit kOffcuts{1, 1000, true};
constexpr Limit kPainters{1, 1000, true};
constexpr Limit kCells{1, 150, true};
constexpr Limit kSolverSeconds{0, 3600};
constexpr Limit kThumbnailSide{16, 2048, true};

template <class Number>
std::optional<Number> read_whole(const std::string& text) {
  Number v{};
  const auto [end, code] = std::from_chars(text.data(), text.data() + text.size(), v);
  return code == std::errc{} && end == text.data() + text.size() ? std::optional(v) : std::nullopt;
}

CLI::Validator seed() {
  return {[](const std::string& text) -> std::string {
            if (read_whole<std::uint64_t>(text)) return {};
            return "\"" + text + "\" must be a whole number from 0 to 18446744073709551615";
          },
          ""};
}

/// A command whose options say what they are.
class Command {
 public:
  Command(CLI::App& parent, FileOptions& files, const char* name, const char* about)
      : app_(parent.add_subcommand(name, about)), files_(files) {}

  template <class Value>
  CLI::Option* option(const char* name, Value& value, const char* about) {
    return app_->add_option(name, value, about);
  }
  template <class Number>
  CLI::Option* number(const char* name, Number& value, const Limit& limit, const char* about) {
    return app_->add_option(name, value, about)->check(within(limit));
  }
  template <class Number>
  CLI::Option* seeded(const char* name, Number& value, const char* about) {
    return app_->add_option(name, value, about)->check(seed());
  }
  template <class Value>
  CLI::Option* reads(const char* name, Value& file, const char* about) {
    files_.read.push_back({app_, app_->add_option(name, file, about)});
    return app_->get_option(name);
  }
  CLI::Option* writes(const char* name, std::string& file, std::vector<std::string> kinds, const char* about) {
    files_.written.push_back({app_, app_->add_option(name, file, about), std::move(kinds)});
    return app_->get_option(name);
  }
  /// What it writes is then all there is: nothing is printed.
  void instead_of_printing() { files_.written.back().instead = true; }
  CLI::Option* writes_json(std::string& file, const char* about = "Write to this file instead of standard output") {
    return writes("--json", file, {"json"}, about);
  }
  void flag(const char* name, bool& value, const char* about) { app_->add_flag(name, value, about); }
  CLI::App& app() { return *app_; }

 private:
  CLI::App* app_;
  FileOptions& files_;
};

void add_work(Command& c, WorkArguments& a) {
  c.reads("FILE", a.file, "Picture, or .dune project; options given here go before the project's")->required();
  c.option("--paper", a.paper, "Paper id (see: dune-plan papers)");
  c.reads("--collection", a.collection, "Collection id or JSON file");
  c.option("--school", a.school, "Order of building: advised, dark-first, light-coat, flat-broken or tone-map");
  c.option("--manner", a.manner, "Strokes: either, broken or rubbed");
  c.option("--course", a.course, "far-to-near or features-first");
  c.option(
       "--thing", a.things,
       "name;kind;weight;x,y x,y …: a thing drawn roughly round, shares of width and height; x,y,r alone is a ring. "
       "Weight: let go, usual, matters or matters most")
      ->allow_extra_args(false);
  c.reads("--things", a.things_file, "Things in a JSON file (see docs/file-formats.md)");
  c.option("--focus", a.focus,
           "X,Y,R: what matters: masses in this ring are finer, and focal; shares of width, height and longer side");
  c.number("--sticks", a.sticks, plan::kSticksLimit, "Most sticks in the tray");
  c.number("--strokes", a.strokes, plan::kStrokesLimit, "Most layers of one mass, 1 to 4");
  c.number("--passes", a.passes, plan::kPassesLimit, "About how many passes");
  c.number("--time", a.time_minutes, plan::kMinutesLimit, "How long the painting may take, minutes");
  c.number("--pencils", a.pencils, plan::kPencilsLimit,
           "Most pencils and hard sticks besides the tray that finishing marks may take");
  c.flag("--left-handed", a.left_handed, "Lay marks from the right");
  c.number("--hand", a.hand, plan::kHandLimit,
           "How far off a pressure is, as a share of it: 0 steady, 0.15 usual, 0.5 shaky");
  c.option("--fit", a.fit, "Values: keep, compress, anchor-lights or anchor-darks");
  c.option("--underpainting", a.coat, "Medium of an underpainting, e.g. gouache, or none (see: dune-plan underpaint)");
  c.option("--colours", a.coat_colours, "Its colours: complement, shadow-cool, warm-glow, local or tonal");
  c.number("--most-masses", a.masses, subject::kMassesLimit, "Most masses, 8 to 30");
  c.option("--mood", a.mood,
           "Own colours: vivid, quiet, warm-light, cool-light or led; with :AMOUNT, 0 to 1 (values stay)");
  c.reads("--palette", a.palette, "Own colours: those of this picture or project; with :AMOUNT, 0 to 1");
  c.option("--scheme", a.scheme, "For a drawing or a grey page: evening, morning, shore or earth");
  c.number("--width", a.width_cm, subject::kSheetSideLimit_cm, "Of the sheet, centimetres");
  c.number("--height", a.height_cm, subject::kSheetSideLimit_cm, "Of the sheet, centimetres");
  c.writes_json(a.json_file);
  c.reads("--calibration", a.calibration_file, "The artist's hand and sticks, as `calibrate` found them");
}

void add_plan(CLI::App& app, FileOptions& files, PlanArguments& a) {
  Command c(app, files, "plan", "Plan a picture: masses, tray, recipes, passes");
  add_work(c, a);
  c.flag("--reach", a.reach, "Say why targets are out of reach, what would help, and which matches other lights break");
  c.writes("--masses", a.masses_file, {"png"}, "Write the mass map as PNG");
  c.writes("--things-map", a.things_map_file, {"png"}, "Write the things as PNG: the number of each as grey");
  c.writes("--board", a.board_file, {"png"}, "Write the predicted picture as PNG");
  c.writes("--marks", a.marks_file, {"json"}, "Write every mark of the hand as JSON");
  c.flag("--curve-time", a.curve_time, "Say how near the picture comes in how many minutes");
  c.number("--try-papers", a.try_papers, kTryPapersLimit,
           "Plan it on so many of the best other papers too and say what they bring");
  c.writes("--pdf", a.pdf_file, {"pdf"}, "Write the plan to print");
  c.writes("--outlines", a.outline_file, {"svg", "pdf"}, "Write outlines at true size, .svg or tiled .pdf");
  c.writes("--layers", a.layers_file, {"ora"}, "Write OpenRaster, a layer a pass");
  c.writes("--csv", a.passes_file, {"csv"}, "Write the passes as CSV");
  c.writes("--project", a.project_file, {"dune"}, "Write a project that the window opens");
  c.flag("--letter", a.letter, "Print on Letter instead of A4");
  c.flag("--advice", a.advice, "Say what a look over the plan found, with numbers");
}

void add_swatch(CLI::App& app, FileOptions& files, SwatchArguments& a) {
  Command c(app, files, "swatch", "The colour of a stack of layers on a paper");
  c.option("--paper-lab", a.paper_lab, "Paper colour L,a,b (D50)")->required();
  c.option("--tooth", a.tooth, "fine, medium or coarse")->capture_default_str();
  c.option("--layer", a.layers,
           "stroke:L,a,b:MEDIUM:PRESSURE[:laid|rubbed], wash:L,a,b:KIND:LOAD, rub or fixative; from the paper upwards")
      ->allow_extra_args(false);
}

void add_tray(CLI::App& app, FileOptions& files, TrayArguments& a) {
  Command c(app, files, "tray", "Choose the tray; its curve, and how near it is to the best possible");
  add_work(c, a);
  c.flag("--curve", a.curve, "The best trays of 3 to 24 sticks");
  c.flag("--prove", a.prove, "Bound what any tray of this size could save");
  c.number("--seconds", a.seconds, kSolverSeconds, "For the solver, with --prove")->capture_default_str();
}

void add_rehearse(CLI::App& app, FileOptions& files, RehearseArguments& a) {
  Command c(app, files, "rehearse", "Paint the plan with an unsteady hand, many times; what goes wrong most");
  add_work(c, a);
  c.number("--painters", a.painters, kPainters, "How many paint it")->capture_default_str();
  c.seeded("--seed", a.seed, "Of the first painter; the next ones follow")->capture_default_str();
  c.number("--forgets", a.forgets, kShare, "Share of passes on a mass that are left out, 0 to 1")
      ->capture_default_str();
  c.writes("--board", a.board_file, {"png"}, "Write the first painter's board as PNG");
}

void add_photograph(CLI::App& app, FileOptions& files, PhotographArguments& a) {
  Command c(app, files, "photograph", "Paint the plan with an unsteady hand and photograph the board");
  add_work(c, a);
  c.writes("PHOTO", a.photo_file, {"png", "jpg", "jpeg"}, "Write the photograph here, as PNG or JPEG")->required();
  c.number("--done", a.done, kPassesDone, "Passes that are painted; all where it is not given");
  c.seeded("--seed", a.seed, "Of hand and camera")->capture_default_str();
  c.number("--forgets", a.forgets, kShare, "Share of passes on a mass that are left out, 0 to 1")
      ->capture_default_str();
  c.number("--glare", a.glare, kShare, "A lamp mirrored in the sheet, share of white")->capture_default_str();
  c.flag("--marks", a.marks, "Lay printed marks at the corners");
  c.flag("--strip", a.strip, "Lay the tray's sticks on the margin below, for `check --strip`");
}

void add_offcuts(CLI::App& app, FileOptions& files, OffcutArguments& a) {
  Command c(app, files, "offcuts", "Which strokes of the tray to lay on an offcut, as a table to fill in");
  add_work(c, a);
  c.writes("CSV", a.csv_file, {"csv"}, "Write the table here")->required();
  c.instead_of_printing();
  c.number("--count", a.count, kOffcuts, "How many strokes")->capture_default_str();
  c.seeded("--simulate", a.simulate, "Seed: a simulated artist lays and measures them");
}

void add_calibrate(CLI::App& app, FileOptions& files, CalibrateArguments& a) {
  Command c(app, files, "calibrate", "The artist's hand and sticks from offcut strokes that were measured");
  c.reads("READINGS", a.readings_file, "The table of `offcuts`, filled in with L*, a*, b* (D50), or CGATS.17")
      ->required();
  c.reads("--strokes", a.strokes_file, "The table of `offcuts`, whose strokes a CGATS.17 file holds in their order");
  c.option("--paper", a.paper, "Paper id they are laid on");
  c.reads("--collection", a.collection, "Collection id or JSON file");
  c.option("--artist", a.artist, "Whose hand it is, told with plans that rest on it");
  c.flag("--even-so", a.even_so, "Take it although the readings contradict each other");
  c.writes_json(a.json_file, "Write to this file, for --calibration, instead of standard output");
}

void add_check(CLI::App& app, FileOptions& files, CheckArguments& a) {
  Command c(app, files, "check", "Hold a photograph of the work against the plan; what mends it");
  add_work(c, a);
  c.reads("PHOTO", a.photo_file, "Photograph of the whole sheet")->required();
  c.number("--done", a.passes_done, kPassesDone, "Passes that are done; all where it is not given");
  c.option("--corners", a.corners,
           "x,y,x,y,x,y,x,y: the picture's corners in the photograph, pixels, clockwise from the top left; found "
           "where they are not given");
  c.flag("--strip", a.strip, "The tray's sticks are laid on the margin below, dark to light, firmly, rubbed, twice");
}

void add_sheet(CLI::App& app, FileOptions& files, SheetArguments& a) {
  Command c(app, files, "sheet", "A sheet to print: a cell for every stick of a box, or offcut stroke");
  c.writes("FILE", a.file, {"pdf", "svg"}, "Write the sheet here, .pdf or .svg")->required();
  c.flag("--corners", a.corners, "Four marks to lay round a picture instead, for `check`");
  c.option("--size", a.size, "a5, a4, a3, letter, or WIDTHxHEIGHT in millimetres")->capture_default_str();
  c.number("--cells", a.cells, kCells, "How many sticks")->capture_default_str();
  c.reads("--strokes", a.strokes_file, "Table of `offcuts`: a cell for each of its strokes");
  c.option("--paper", a.paper, "Paper id it is printed on");
  c.reads("--collection", a.collection, "Collection id or JSON file");
  c.writes("--photo", a.photo_file, {"png", "jpg", "jpeg"},
           "Write a photograph of it, filled in with the collection's sticks, as PNG");
  c.seeded("--seed", a.seed, "Of hand and camera, with --photo")->capture_default_str();
  c.number("--hand", a.hand, plan::kHandLimit, "How far off a pressure is, with --photo")->capture_default_str();
}

void add_swatches(CLI::App& app, FileOptions& files, SwatchesArguments& a) {
  Command c(app, files, "swatches", "Sticks, or offcut strokes, from a photograph of such a sheet");
  c.reads("PHOTO", a.photo_file, "Photograph of the whole sheet")->required();
  c.option("--paper", a.paper, "Paper id it is printed on");
  c.reads("--collection", a.collection, "Collection id or JSON file that --strokes and --again speak of");
  c.option("--kind", a.kind, "All sticks are soft, hard, pencil, pan or charcoal; guessed where it is not given");
  c.option("--name", a.name, "Of the collection the sticks make")->capture_default_str();
  c.flag("--again", a.again, "The cells are the sticks of the collection, in its order: their colours anew");
  c.reads("--strokes", a.strokes_file, "Table of `offcuts` that was laid");
  c.writes("--csv", a.csv_file, {"csv"}, "With --strokes: write the table with what was read, for `calibrate`");
  c.instead_of_printing();
  c.writes_json(a.json_file, "Write to this file, for --collection, instead of standard output");
}

void add_journal(CLI::App& app, FileOptions& files, JournalArguments& a) {
  Command c(app, files, "journal", "Works, recipes and notes that were kept");
  c.app().require_subcommand(1);
  c.reads("--file", a.file, "Of the journal; else the program's own");
  Command list(c.app(), files, "list", "Works, newest first");
  list.option("--words", a.words, "With all of these words in title, paper, sticks or notes");
  Command show(c.app(), files, "show", "A work as Markdown");
  show.option("WORK", a.work, "Beginning of its id or title")->required();
  Command recipes(c.app(), files, "recipes", "Recipes as told to a friend");
  recipes.option("--words", a.words, "With all of these words");
  recipes.option("--like", a.like, "L,a,b: of about this colour, nearest first");
  Command out(c.app(), files, "export", "Take it out");
  out.writes("FILE", a.to, {"json", "csv", "md", "zip"}, ".json or .csv of all works; with --work .md or .zip")
      ->required();
  out.option("--work", a.work, "Beginning of the id or title of one work");
}

void add_import(CLI::App& app, FileOptions& files, ImportArguments& a) {
  Command c(app, files, "import", "Read sticks from a .gpl, .csv, CGATS or .json file and write them as a collection");
  c.reads("FILE", a.file, "Palette")->required();
  c.option("--medium", a.medium, "soft, hard, pencil, pan or charcoal")->capture_default_str();
  c.writes_json(a.json_file, "Write the collection to this file instead of standard output");
}

void add_thumbnail(CLI::App& app, FileOptions& files, ThumbnailArguments& a) {
  Command c(app, files, "thumbnail", "The Board of a project, or a picture, small, as PNG");
  c.reads("FILE", a.file, "Project or picture")->required();
  c.writes("PNG", a.png_file, {"png"}, "Write it here")->required();
  c.number("--size", a.size, kThumbnailSide, "Longest side, pixels")->capture_default_str();
}

QString text(const std::string& name) { return QString::fromStdString(name); }

/// The files that are there among what the options name; an amount may stand behind a name.
QStringList files_read(const FileOptions& files) {
  QStringList out;
  for (const FileOptions::Read& r : files.read) {
    if (!r.command->parsed()) continue;
    for (const std::string& name : r.option->results()) {
      for (const std::string& part : {name, name.substr(0, name.rfind(':'))})
        if (QFileInfo::exists(text(part))) out << text(part);
    }
  }
  return out;
}

/// A name may end in anything but what stands for another kind of file; where the ending decides, in one of its own.
Status ending_fits(const FileOptions::Written& w, const QString& file) {
  static const QStringList known{"png", "jpg", "jpeg", "gif",  "webp", "tif", "tiff", "bmp", "svg",
                                 "pdf", "ora", "csv",  "json", "dune", "txt", "md",   "zip", "sqlite"};
  const QFileInfo info(file);
  const std::string ending = info.suffix().toLower().toStdString();
  if (file == files::kStandardOutput || (info.exists() && !info.isFile())) return success();
  const bool decides = w.kinds.size() > 1;
  if (!decides && !known.contains(text(ending))) return success();
  if (std::find(w.kinds.begin(), w.kinds.end(), ending) != w.kinds.end()) return success();
  std::string wanted;
  for (const std::string& kind : w.kinds)
    wanted += (wanted.empty() ? "." : kind == w.kinds.back() ? " or ." : ", .") + kind;
  return bad_value(file.toStdString(), "must end in " + wanted);
}

}  // namespace

CLI::Validator within(const Limit& limit) {
  return {[limit](const std::string& text) -> std::string {
            std::optional<double> value = read_whole<double>(text);
            if (limit.whole && !read_whole<long long>(text)) value.reset();
            return value && limit.holds(*value) ? std::string() : "\"" + text + "\" " + limit.words();
          },
          ""};
}

Status check_files(const FileOptions& files) {
  const QStringList read = files_read(files);
  QStringList written;
  bool prints = false;
  bool instead = false;
  for (const FileOptions::Written& w : files.written) {
    if (!w.command->parsed()) continue;
    prints = prints || (w.option->get_name() == "--json" && w.option->count() == 0);
    instead = instead || (w.instead && w.option->count() > 0);
    for (const std::string& name : w.option->results()) {
      const QString file = text(name);
      for (const Status& s : {files::may_write(file), files::is_no_input(file, read), ending_fits(w, file)})
        if (!s) return s;
      const bool twice = std::any_of(written.begin(), written.end(), [&](const QString& other) {
        return file == other || files::same_file(file, other);
      });
      if (twice) return bad_value(name, "would be written twice");
      written << file;
    }
  }
  if (prints && !instead && written.contains(files::kStandardOutput))
    return bad_value("--json", "needs a file where something else goes to standard output");
  return success();
}

void add_commands(CLI::App& app, Arguments& to, FileOptions& files) {
  for (const auto& [name, about] : {std::pair{"subject", "Read a picture: values, light, masses"},
                                    {"ground", "Judge every paper for a picture"},
                                    {"underpaint", "Try every underpainting on a paper"}}) {
    Command c(app, files, name, about);
    add_work(c, to.work);
  }
  add_tray(app, files, to.tray);
  add_import(app, files, to.import);
  add_plan(app, files, to.plan);
  add_rehearse(app, files, to.rehearse);
  add_photograph(app, files, to.photograph);
  add_check(app, files, to.check);
  add_offcuts(app, files, to.offcuts);
  add_calibrate(app, files, to.calibrate);
  add_sheet(app, files, to.sheet);
  add_swatches(app, files, to.swatches);
  add_swatch(app, files, to.swatch);
  add_journal(app, files, to.journal);
  add_thumbnail(app, files, to.thumbnail);
  app.add_subcommand("manual", "This program's manual page, for man");
  app.add_subcommand("papers", "Papers that ship")->add_flag("--json", to.json, "As JSON");
  app.add_subcommand("collections", "Collections that ship")->add_flag("--json", to.json, "As JSON");
}

}  // namespace yd::cli
