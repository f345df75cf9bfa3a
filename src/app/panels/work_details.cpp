// SPDX-License-Identifier: MIT
#include "panels/work_details.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

#include "looks/greys.h"
#include "journal/take_out.h"
#include "session/sentences.h"

namespace yd::app {
namespace {

constexpr int kPictureWide = 408;

}  // namespace

WorkDetails::WorkDetails(Session& session, Keeper& keeper, QWidget* parent)
    : QWidget(parent),
      session_(session),
      keeper_(keeper),
      title_(heading({})),
      subject_(picture_label("journal_subject", tr("Subject"))),
      board_(picture_label("journal_board", tr("Board as planned"))),
      facts_(new Facts("journal_facts", tr("The work"))),
      sittings_(snug(paragraph())),
      notes_(new QTableWidget(0, 2)),
      note_(new QLineEdit),
      kept_(row_list("journal_kept", tr("Recipes and photographs of this work"))),
      open_(new QPushButton(tr("Open"))),
      borrow_(new QPushButton(tr("Borrow its colours"))),
      wear_(new QPushButton(tr("Wear off its sticks"))) {
  sittings_->setObjectName("journal_sittings");
  notes_->setObjectName("journal_notes");
  notes_->setAccessibleName(tr("Notes on this work, to be changed with F2"));
  notes_->setToolTip(tr("Double click or F2 changes a note; one without words goes"));
  notes_->horizontalHeader()->hide();
  notes_->verticalHeader()->hide();
  notes_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
  notes_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
  notes_->setWordWrap(true);
  notes_->setShowGrid(false);
  notes_->setTabKeyNavigation(false);
  notes_->setSelectionBehavior(QAbstractItemView::SelectRows);
  notes_->setProperty("sheet", true);
  connect(notes_, &QTableWidget::itemChanged, this, [this](const QTableWidgetItem* item) {
    // The list is drawn anew by it: not before the item has had its say.
    QMetaObject::invokeMethod(
        this,
        [this, id = item->data(Qt::UserRole).toLongLong(), text = item->text().trimmed()] {
          keeper_.change_note(id, text);
        },
        Qt::QueuedConnection);
  });
  note_->setObjectName("journal_note");
  note_->setAccessibleName(tr("A note on this work"));
  note_->setPlaceholderText(tr("Add a note"));
  connect(note_, &QLineEdit::returnPressed, this, &WorkDetails::add_note);
  auto* pictures = new QHBoxLayout;
  pictures->addWidget(subject_);
  pictures->addWidget(board_);
  pictures->addStretch();
  auto* said = new QVBoxLayout;
  said->addWidget(snug(heading(tr("Sittings"))));
  said->addWidget(sittings_);
  said->addWidget(snug(heading(tr("Notes"))));
  said->addWidget(notes_, 1);
  said->addWidget(note_);
  said->addStretch();
  auto* lower = new QHBoxLayout;
  lower->setSpacing(3 * kSpace);
  auto* left = new QVBoxLayout;
  left->addWidget(facts_);
  left->addWidget(kept_, 1);
  lower->addLayout(left, 1);
  lower->addLayout(said, 1);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(snug(title_));
  column->addLayout(pictures);
  column->addLayout(lower, 1);
  column->addLayout(make_buttons());
}

QLayout* WorkDetails::make_buttons() {
  open_->setObjectName("journal_open");
  wear_->setObjectName("journal_wear");
  wear_->setToolTip(tr("Takes off each stick what this work used, by the loads its plan lays"));
  auto* out = new QPushButton(tr("Take out…"));
  out->setObjectName("journal_take_out");
  out->setToolTip(tr("A folder as a zip: the text with its pictures, passes, recipes, the plan"));
  auto* gone = new QPushButton(tr("Forget it"));
  gone->setObjectName("journal_forget");
  gone->setToolTip(tr("Out of the journal; recipes and the project's own file stay"));
  connect(open_, &QPushButton::clicked, this, [this] { emit open_asked(file_); });
  connect(wear_, &QPushButton::clicked, this, [this] {
    if (const auto work = keeper_.journal()->work(id_)) keeper_.wear_off(work.value());
  });
  connect(out, &QPushButton::clicked, this, &WorkDetails::take_out);
  connect(gone, &QPushButton::clicked, this, [this] { keeper_.forget(id_, 0); });
  auto* buttons = new QHBoxLayout;
  borrow_->setObjectName("journal_borrow");
  borrow_->setToolTip(tr("For the picture that is open: its values, the colours of this work"));
  connect(borrow_, &QPushButton::clicked, this, [this] { emit palette_asked(file_); });
  for (QPushButton* b : {open_, borrow_, out, wear_, gone}) buttons->addWidget(b);
  buttons->addStretch();
  return buttons;
}

Status WorkDetails::show_work(const QString& id) {
  const auto read = view_work(*keeper_.journal(), id);
  if (!read) return read.error();
  id_ = id;
  const WorkView& w = read.value();
  title_->setText(w.title);
  show_picture(*subject_, w.subject, kPictureWide);
  show_picture(*board_, w.board, kPictureWide);
  facts_->set_facts(w.facts);
  sittings_->setText(w.sittings.isEmpty() ? tr("None yet.") : w.sittings.join("\n"));
  show_notes(w.notes);
  fill_rows(*kept_, w.recipes + w.photos);
  kept_->setVisible(kept_->count() > 0);
  const bool there = !w.file.isEmpty() && QFileInfo::exists(w.file);
  open_->setEnabled(there);
  borrow_->setEnabled(there && session_.has_reference());
  file_ = w.file;
  open_->setToolTip(there ? w.file : tr("It was not saved, or its file is elsewhere now."));
  return success();
}

void WorkDetails::show_notes(const QList<WorkView::NoteRow>& notes) {
  const QSignalBlocker quiet(notes_);
  notes_->setRowCount(static_cast<int>(notes.size()));
  for (int row = 0; row < notes_->rowCount(); ++row) {
    auto* day = new QTableWidgetItem(notes[row].day);
    day->setFlags(day->flags() & ~Qt::ItemIsEditable);
    auto* text = new QTableWidgetItem(notes[row].text);
    text->setData(Qt::UserRole, notes[row].id);
    notes_->setItem(row, 0, day);
    notes_->setItem(row, 1, text);
  }
  notes_->resizeRowsToContents();
  notes_->setVisible(!notes.isEmpty());
}

void WorkDetails::add_note() {
  const QString text = note_->text().trimmed();
  if (text.isEmpty() || id_.isEmpty()) return;
  note_->clear();
  static_cast<void>(keeper_.add_note(id_, text).ok());
}

void WorkDetails::take_out() {
  auto* dialog = new QFileDialog(this, tr("Take the work out"), title_->text() + ".zip", tr("Folder as a zip (*.zip)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("zip");
  connect(dialog, &QFileDialog::fileSelected, this, [this, id = id_](const QString& file) {
    const Status may = session_.read_files().may_write(file);
    const Status written = !may ? may : journal::write_folder(*keeper_.journal(), id, file);
    if (!written) emit keeper_.failed(sentence(written.error()));
  });
  dialog->open();
}

}  // namespace yd::app
