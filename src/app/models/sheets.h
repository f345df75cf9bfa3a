#pragma once

#include <QImage>
#include <QList>
#include <QString>

#include "session/advice.h"

namespace yd::app {

struct SheetPicture {
  QImage image;
  QString caption;
  QString key;  ///< id of the paper
};

/// The subject on every paper, best first, its background cut away.
QList<SheetPicture> subject_on_papers(const subject::Subject& subject, const std::vector<media::Paper>& papers,
                                      const std::vector<plan::GroundVerdict>& ranked, int width);

/// Strips of the delicate colours, a row a colour and paper, laid with pan, pencil and stick. With `masked` the
/// surround is one common grey instead of the sheet.
QList<SheetPicture> offcut_strips(const GroundAdvice& advice, const Planned& planned,
                                  const std::vector<media::Paper>& papers, bool masked);

/// A colour on middle grey beside the same colour in its surroundings, and how it seems there, in words.
struct TestPatch {
  QImage image;
  QString words;
};
TestPatch test_patch(const subject::Subject& subject, int x, int y);

}  // namespace yd::app
