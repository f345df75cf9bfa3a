// SPDX-License-Identifier: MIT
#include <QGuiApplication>
#include <QHashSeed>
#include <clocale>
#include <csignal>
#include <cstdio>
#include <exception>
#include <fcntl.h>
#include <functional>
#include <new>
#include <unistd.h>
#include <vector>

#include "files/write.h"
#include "manual.h"
#include "options.h"
#include "support/plain_line.h"
#include "words/language.h"

namespace {

constexpr int kBad = 2;

int complain(const std::string& what) {
  std::fprintf(stderr, "dune-plan: %s\n", yd::plain_line(what).c_str());
  return kBad;
}

/// What could not be printed was not done.
int finish(const yd::Status& status) {
  if (!status) return complain(yd::describe(status.error()));
  const yd::Status out = yd::files::flush_standard_output();
  return out ? 0 : complain(yd::describe(out.error()));
}

yd::Status run_journal(const CLI::App& command, const yd::cli::JournalArguments& a) {
  if (command.got_subcommand("list")) return yd::cli::run_journal_list(a);
  if (command.got_subcommand("show")) return yd::cli::run_journal_show(a);
  if (command.got_subcommand("recipes")) return yd::cli::run_journal_recipes(a);
  return yd::cli::run_journal_export(a);
}

yd::Status print_manual(const CLI::App& app) {
  std::fputs(yd::cli::manual_page(app).c_str(), stdout);
  return yd::success();
}

yd::Status run_command(const CLI::App& app, const yd::cli::Arguments& of) {
  using namespace yd::cli;
  struct Named {
    const char* name;
    std::function<yd::Status()> run;
  };
  const std::vector<Named> all{
      {"plan", [&] { return run_plan(of.plan); }},
      {"swatch", [&] { return run_swatch(of.swatch); }},
      {"subject", [&] { return run_subject(of.work); }},
      {"ground", [&] { return run_ground(of.work); }},
      {"underpaint", [&] { return run_underpaint(of.work); }},
      {"tray", [&] { return run_tray(of.tray); }},
      {"rehearse", [&] { return run_rehearse(of.rehearse); }},
      {"photograph", [&] { return run_photograph(of.photograph); }},
      {"offcuts", [&] { return run_offcuts(of.offcuts); }},
      {"calibrate", [&] { return run_calibrate(of.calibrate); }},
      {"sheet", [&] { return run_sheet(of.sheet); }},
      {"swatches", [&] { return run_swatches(of.swatches); }},
      {"check", [&] { return run_check(of.check); }},
      {"journal", [&] { return run_journal(*app.get_subcommand("journal"), of.journal); }},
      {"import", [&] { return run_import(of.import); }},
      {"thumbnail", [&] { return run_thumbnail(of.thumbnail); }},
      {"papers", [&] { return run_papers(of.json); }},
      {"collections", [&] { return run_collections(of.json); }},
      {"manual", [&] { return print_manual(app); }},
  };
  for (const Named& n : all) {
    if (app.got_subcommand(n.name)) return n.run();
  }
  return yd::bad_value("command", "is none there is");
}

int run(int argc, char** argv) {
  CLI::App app("Yawning Dune without a window");
  app.set_version_flag("--version", "Yawning Dune " YD_VERSION);
  app.require_subcommand(1);
  yd::cli::Arguments told;
  yd::cli::FileOptions files;
  yd::cli::add_commands(app, told, files);
  try {
    app.parse(argc, argv);
  } catch (const CLI::Success& help) {  // --help and --version
    app.exit(help);
    return finish(yd::success());
  } catch (const CLI::ParseError& e) {
    return complain(e.what());
  }
  const yd::Status fit = yd::cli::check_files(files);
  return finish(fit ? run_command(app, told) : fit);
}

/// A file that is opened must not take the place of an output that was closed, and be printed into.
void hold_standard_places() {
  for (const int place : {STDIN_FILENO, STDOUT_FILENO, STDERR_FILENO}) {
    if (fcntl(place, F_GETFD) < 0) static_cast<void>(::open("/dev/null", place == STDERR_FILENO ? O_WRONLY : O_RDONLY));
  }
}

}  // namespace

int main(int argc, char** argv) {
  hold_standard_places();
  QHashSeed::setDeterministicGlobalSeed();  // Qt writes the fonts of a PDF in the order of their hashes
  std::signal(SIGPIPE, SIG_IGN);            // a reader that is gone is an output that could not be written
  // Qt's picture readers remark on small faults of a file; standard error is for our one line.
  qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
  // Qt's picture plugins want an application object to find their folder, what is printed needs fonts; none needs a
  // screen, whatever the session that it is run from has.
  qputenv("QT_QPA_PLATFORM", "offscreen");
  const QGuiApplication application(argc, argv);
  yd::words::speak("en", QLocale::c());  // scripts read what it prints
  // Qt takes over the system's language with its decimal comma; numbers in files and arguments have a point.
  std::setlocale(LC_NUMERIC, "C");
  try {
    return run(argc, argv);
  } catch (const std::bad_alloc&) {
    return complain("there is not enough memory for this");
  } catch (const std::exception&) {
    return complain("failed inside; please report what it was told and the files it was given");
  }
}
