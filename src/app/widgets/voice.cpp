// SPDX-License-Identifier: MIT
#include "widgets/voice.h"

#ifdef YD_VOICE
#include <QTextToSpeech>
#include <QVoice>
#endif

namespace yd::app {

Voice::Voice(QObject* parent) : QObject(parent) {}

#ifdef YD_VOICE

bool Voice::available() {
  if (!looked_) {
    looked_ = true;
    // Qt ships a mock engine for its own tests; it says nothing.
    QStringList engines = QTextToSpeech::availableEngines();
    engines.removeAll(QStringLiteral("mock"));
    if (!engines.isEmpty()) {
      auto* speech = new QTextToSpeech(engines.front(), this);
      if (speech->state() != QTextToSpeech::Error && !speech->availableVoices().isEmpty()) engine_ = speech;
    }
  }
  return engine_ != nullptr;
}

void Voice::say(const QString& text) {
  if (available()) static_cast<QTextToSpeech*>(engine_)->say(text);
}

void Voice::hush() {
  if (engine_ != nullptr) static_cast<QTextToSpeech*>(engine_)->stop();
}

#else

bool Voice::available() {
  looked_ = true;
  return engine_ != nullptr;
}
void Voice::say(const QString&) {}
void Voice::hush() {}

#endif

}  // namespace yd::app
