// SPDX-License-Identifier: MIT
// Spoken prompts, heard: a speech server of our own renders them to sound files with the packaged voice, and what it
// was given and what came out is looked at.
#include <QProcess>
#include <QCheckBox>
#include <QLabel>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QtEndian>
#include <cmath>
#include <cstdlib>

#include "bytes_of.h"
#include "ui_world.h"

using namespace yd;

namespace {

void write(const QString& file, const QString& text) {
  QDir().mkpath(QFileInfo(file).path());
  QFile f(file);
  if (f.open(QIODevice::WriteOnly)) f.write(text.toUtf8());
}

/// A server whose only voice writes a sound file and the words of it.
class Server {
 public:
  Server() {
    write(dir_.filePath("speechd.conf"),
          "DefaultModule recorder\nAddModule \"recorder\" \"sd_generic\" \"recorder.conf\"\nDefaultLanguage \"en\"\n");
    write(
        dir_.filePath("modules/recorder.conf"),
        QString("GenericExecuteSynth \"echo \\'$DATA\\' >> %1/words; espeak-ng -w %1/$(date +%s%N).wav \\'$DATA\\'\"\n"
                "GenericCmdDependency \"espeak-ng\"\nGenericRecodeFallback \"?\"\nAddVoice \"en\" \"MALE1\" \"en\"\n"
                "GenericLanguage \"en\" \"en\" \"utf-8\"\nDefaultVoice \"en\"\n")
            .arg(dir_.path()));
    qputenv("SPEECHD_ADDRESS", "unix_socket:" + QFile::encodeName(dir_.filePath("socket")));
    process_.start("speech-dispatcher",
                   {"-s", "-t", "0", "-c", "unix_socket", "-S", dir_.filePath("socket"), "-C", dir_.path(), "-L",
                    dir_.filePath("log"), "-P", dir_.filePath("pid"), "-l", "3"});
  }
  ~Server() {
    process_.terminate();
    if (!process_.waitForFinished(3000)) process_.kill();
    process_.waitForFinished(3000);
  }
  bool ready() {
    return process_.waitForStarted() &&
           QTest::qWaitFor([this] { return QFile::exists(dir_.filePath("socket")); }, 10000);
  }
  QString words() const { return QString::fromUtf8(trial::bytes_of(dir_.filePath("words"))); }
  /// Seconds of sound above silence.
  double heard_s() const {
    double seconds = 0;
    for (const QFileInfo& file : QDir(dir_.path()).entryInfoList({"*.wav"})) {
      QFile f(file.filePath());
      if (!f.open(QIODevice::ReadOnly)) continue;
      const QByteArray bytes = f.readAll();
      constexpr qsizetype kHeader = 44;
      if (bytes.size() <= kHeader) continue;
      const auto rate = qFromLittleEndian<quint32>(bytes.constData() + 24);
      int loud = 0;
      for (qsizetype i = kHeader; i + 1 < bytes.size(); i += 2)
        loud += std::abs(qFromLittleEndian<qint16>(bytes.constData() + i)) > 300 ? 1 : 0;
      seconds += loud / static_cast<double>(rate);
    }
    return seconds;
  }

 private:
  QTemporaryDir dir_;
  QProcess process_;
};

}  // namespace

class TestVoice : public QObject {
  Q_OBJECT
 private slots:
  void the_easel_is_heard() {
    if (!trial::kMayStartPrograms) QSKIP("not under the thread sanitizer");
    Server server;
    if (!server.ready()) QSKIP("speech-dispatcher is not installed");
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.show_easel(true);
    w.past_chores();
    auto* page = w.find<app::EaselPage>("easel");
    QTest::keyClick(page, Qt::Key_V);
    auto* speak = w.find<QPushButton>("easel_speak");
    QVERIFY2(speak->isEnabled() && speak->isChecked(), qPrintable(speak->text()));
    const QString title = w.find<QLabel>("easel_title")->text();
    QVERIFY(QTest::qWaitFor([&] { return server.heard_s() > 1; }, 20000));
    // Every word of the title was said.
    for (const QString& word : title.split(QRegularExpression("\\W+"), Qt::SkipEmptyParts))
      QVERIFY2(server.words().contains(word, Qt::CaseInsensitive), qPrintable(word + " in " + server.words()));
    // The next pass is said by itself.
    const QString before = server.words();
    QTest::keyClick(page, Qt::Key_Space);
    w.past_chores();
    QVERIFY(QTest::qWaitFor([&] { return server.words().size() > before.size(); }, 20000));
  }
};

QTEST_MAIN(TestVoice)
#include "test_voice.moc"
