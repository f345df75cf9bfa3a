// SPDX-License-Identifier: MIT
#include "pdf_same.h"

#include <QCryptographicHash>
#include <QDateTime>

namespace yd::exports {
namespace {

/// What stands behind a text becomes `put`, which is as long, or the file's table of places would be wrong.
void replace_behind(QByteArray& pdf, const QByteArray& before, const QByteArray& put) {
  for (qsizetype at = pdf.indexOf(before); at >= 0; at = pdf.indexOf(before, at + 1)) {
    const qsizetype from = at + before.size();
    if (from + put.size() <= pdf.size()) pdf.replace(from, put.size(), put);
  }
}

/// Qt writes the offset of the local time behind a date, which stays.
void set_date(QByteArray& pdf, const QDateTime& date) {
  replace_behind(pdf, "/CreationDate (D:", date.toString("yyyyMMddhhmmss").toLatin1());
  for (const char* which : {"xmp:CreateDate=\"", "xmp:ModifyDate=\""})
    replace_behind(pdf, which, date.toString("yyyy-MM-ddThh:mm:ss").toLatin1());
}

void set_identifier(QByteArray& pdf, const QByteArray& hex) {
  const qsizetype at = pdf.lastIndexOf("/ID [ <");
  if (at < 0) return;
  const QByteArray both = "/ID [ <" + hex + "> <" + hex + "> ]";
  if (at + both.size() <= pdf.size() && pdf.mid(at + both.size() - 3, 3) == "> ]") pdf.replace(at, both.size(), both);
}

}  // namespace

QByteArray made_the_same(QByteArray pdf) {
  QByteArray undated = pdf;
  set_date(undated, QDateTime::fromSecsSinceEpoch(0));
  set_identifier(undated, QByteArray(32, '0'));
  set_identifier(pdf, QCryptographicHash::hash(undated, QCryptographicHash::Md5).toHex());
  bool given = false;
  const qint64 seconds = qEnvironmentVariable("SOURCE_DATE_EPOCH").toLongLong(&given);
  if (given && seconds >= 0) set_date(pdf, QDateTime::fromSecsSinceEpoch(seconds));
  return pdf;
}

}  // namespace yd::exports
