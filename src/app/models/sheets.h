// SPDX-License-Identifier: MIT
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

/// The delicate colours down, papers across, three strips in each cell.
struct OffcutDrawing {
  struct Colour {
    QColor colour;
    QString name;
  };
  struct Paper {
    QColor colour;
    QString name, id;
  };
  struct Strip {
    QImage image;   ///< five pixels a millimetre, with the sheet around it; null where there is no such stick
    QString words;  ///< how it comes out
  };
  QList<Colour> colours;
  QList<Paper> papers;
  QStringList media;    ///< of the strips in a cell
  QList<Strip> strips;  ///< by colour, paper, medium
  const Strip& strip(int colour, int paper, int medium) const {
    return strips[(colour * static_cast<int>(papers.size()) + paper) * static_cast<int>(media.size()) + medium];
  }
};
/// With `masked` the surround is one common grey instead of the sheet.
OffcutDrawing offcut_drawing(const GroundAdvice& advice, const Planned& planned,
                             const std::vector<media::Paper>& papers, bool masked);

/// A colour on middle grey beside the same colour in its surroundings, and how it seems there, in words.
struct TestPatch {
  QImage image;
  QString words;
};
TestPatch test_patch(const subject::Subject& subject, int x, int y);

}  // namespace yd::app
