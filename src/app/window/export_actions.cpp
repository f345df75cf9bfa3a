// SPDX-License-Identifier: MIT
#include "window/export_actions.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>

#include "exports/printed_sheet.h"
#include "files/write.h"
#include "session/sentences.h"

namespace yd::app {

using exports::What;

ExportActions::ExportActions(Session& session, NoticeBar& notice, QWidget* window)
    : QObject(window), session_(session), notice_(notice), window_(window), exporter_(session) {
  connect(&exporter_, &Exporter::failed, &notice_, &NoticeBar::show_sentence);
  connect(&exporter_, &Exporter::written, this, [this](const QString& file) {
    notice_.show_sentence(tr("Written: %1").arg(QDir::toNativeSeparators(file)));
  });
}

void ExportActions::fill_menu(QMenu& menu) {
  struct Entry {
    What what;
    QString text, filter, suffix;
  };
  const Entry entries[] = {
      {What::plan_pdf, tr("Plan to print (PDF)…"), tr("PDF (*.pdf)"), "pdf"},
      {What::outlines, tr("Outlines at true size, tiled (PDF)…"), tr("PDF (*.pdf)"), "pdf"},
      {What::outlines, tr("Outlines at true size (SVG)…"), tr("SVG (*.svg)"), "svg"},
      {What::board_png, tr("Predicted picture (PNG)…"), tr("PNG (*.png)"), "png"},
      {What::open_raster, tr("A layer a pass (OpenRaster)…"), tr("OpenRaster (*.ora)"), "ora"},
      {What::passes_csv, tr("Passes as a table (CSV)…"), tr("CSV (*.csv)"), "csv"},
      {What::plan_json, tr("Whole plan (JSON)…"), tr("JSON (*.json)"), "json"},
  };
  menu.addAction(tr("Corner marks for the check (PDF)…"), this, &ExportActions::ask_marks);
  for (const Entry& e : entries) menu.addAction(e.text, this, [this, e] { ask(e.what, e.text, e.filter, e.suffix); });
}

void ExportActions::ask_marks() {
  auto* dialog = new QFileDialog(window_, tr("Corner marks"), "corners.pdf", tr("PDF (*.pdf)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("pdf");
  connect(dialog, &QFileDialog::fileSelected, this, [this](const QString& file) {
    const Status may = session_.read_files().may_write(file);
    const Status written = may ? files::write_bytes(file, exports::corner_marks_pdf()) : may;
    notice_.show_sentence(written ? tr("Written: %1").arg(QDir::toNativeSeparators(file)) : sentence(written.error()));
  });
  dialog->open();
}

void ExportActions::ask(What what, const QString& title, const QString& filter, const QString& suffix) {
  if (!session_.planned()) return notice_.show_sentence(tr("There is no plan to write yet; open a picture first."));
  if (exporter_.busy()) return notice_.show_sentence(tr("Another file is still being written; wait a moment."));
  auto* dialog = new QFileDialog(window_, title, {}, filter);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix(suffix);
  const QString name = QFileInfo(session_.reference_name()).completeBaseName();
  dialog->selectFile(name + "." + suffix);
  connect(dialog, &QFileDialog::fileSelected, this, [this, what, name](const QString& file) {
    exports::ExportOptions options;
    options.what = what;
    options.title = name;
    options.outline.print = exports::usual_print();
    options.outline.grid = kGrid;
    options.outline.aids = session_.choices().composition;
    exporter_.begin(file, options);
  });
  dialog->open();
}

}  // namespace yd::app
