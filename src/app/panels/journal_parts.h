// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QListWidget>

#include "models/journal_view.h"
#include "panels/panel_parts.h"

namespace yd::app {

/// Pieces the journal's pages are made of.
inline constexpr QSize kThumb{96, 64};

/// A list of rows with small pictures.
QListWidget* row_list(const char* name, const QString& title);
/// Fills it without announcing; the key of a row is its Qt::UserRole.
void fill_rows(QListWidget& list, const QList<JournalRow>& rows);
/// The key of the chosen row; empty: none.
QString chosen_key(const QListWidget& list);

QLabel* picture_label(const char* name, const QString& title);
void show_picture(QLabel& label, const QImage& image, int wide);
/// As high as its text.
QLabel* snug(QLabel* label);

}  // namespace yd::app
