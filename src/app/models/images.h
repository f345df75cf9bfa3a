#pragma once

#include <QColor>
#include <QImage>

#include "board/board.h"
#include "colour/lab.h"
#include "subject/subject.h"

namespace yd::app {

QImage to_image(const board::BoardImage& pixels);
/// Lab to the screen, on all cores.
QImage to_image(const subject::LabImage& image);
QColor to_colour(const colour::Lab& lab);

/// What the Subject view can show.
enum class SubjectView { picture, squint, values, masses };
QImage subject_image(const subject::Subject& subject, SubjectView view);

/// White where one of the masses is, black elsewhere; for dimming the rest. 8-bit grey.
QImage mass_mask(const subject::Subject& subject, const std::vector<int>& masses);

}  // namespace yd::app
