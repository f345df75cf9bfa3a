// SPDX-License-Identifier: MIT
#pragma once

#include <QCoreApplication>
#include <QFile>
#include <QLocale>
#include <QSet>
#include <QTranslator>
#include <QXmlStreamReader>

namespace yd::trial {

/// A language that nobody speaks: every text stands in brackets and is 40 % longer. It knows the texts that a
/// translation file of the project holds, by their contexts: a text that the window asks for otherwise stays as it is.
class Pseudo : public QTranslator {
 public:
  explicit Pseudo(const QString& ts_file) {
    QFile file(ts_file);
    if (!file.open(QIODevice::ReadOnly)) return;
    QXmlStreamReader xml(&file);
    QString context;
    while (!xml.atEnd()) {
      if (xml.readNext() != QXmlStreamReader::StartElement) continue;
      if (xml.name() == QLatin1String("name")) context = xml.readElementText();
      if (xml.name() == QLatin1String("source")) known_.insert(context + '|' + xml.readElementText());
    }
    QCoreApplication::installTranslator(this);
  }
  ~Pseudo() override { QCoreApplication::removeTranslator(this); }

  bool isEmpty() const override { return known_.isEmpty(); }
  int size() const { return static_cast<int>(known_.size()); }
  QString translate(const char* context, const char* source, const char*, int) const override {
    const QString text = QString::fromUtf8(source);
    if (!known_.contains(QString::fromUtf8(context) + '|' + text)) return {};
    QString longer = text;
    for (int i = 0; i < (4 * text.size() + 9) / 10; ++i) longer += i % 8 == 7 ? u' ' : u'o';
    return u'⟦' + longer + u'⟧';
  }

 private:
  QSet<QString> known_;
};

/// Speaks another language for a while.
class Spoken {
 public:
  explicit Spoken(const QLocale& locale) { QLocale::setDefault(locale); }
  ~Spoken() { QLocale::setDefault(QLocale::c()); }
};

}  // namespace yd::trial
