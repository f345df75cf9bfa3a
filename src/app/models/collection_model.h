// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractTableModel>

#include "session/session.h"

namespace yd::app {

/// One collection, a row a stick, edited in place; every edit is one step of undo.
class CollectionModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column { name, words, medium, value, owned, left, favourite, lightfast, pigments, columns };
  CollectionModel(Session& session, QObject* parent = nullptr);

  void show_collection(const QString& id);
  const media::Collection* collection() const;
  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  bool setData(const QModelIndex& index, const QVariant& value, int role) override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
  Qt::ItemFlags flags(const QModelIndex& index) const override;

  /// A copy of a row's stick below it; takes rows away.
  void add_copy(int row);
  void remove(int row);

 private:
  bool put(media::Stick& stick, int column, const QVariant& value) const;
  void commit(const media::Collection& after, const QString& text);

  Session& session_;
  QString id_;
};

}  // namespace yd::app
