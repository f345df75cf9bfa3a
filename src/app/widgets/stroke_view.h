#pragma once

#include <QColor>
#include <QWidget>

namespace yd::app {

/// The stroke of a pass, drawn: colour of the stick on the paper, thick as the hand is firm, broken or rubbed, in the
/// direction of the form.
struct StrokeDrawing {
  QColor colour;
  QColor paper;
  double pressure = 1;
  bool rubbed = false;
  bool directed = false;
  double angle_deg = 0;  ///< anticlockwise from level
};

class StrokeView : public QWidget {
  Q_OBJECT
 public:
  explicit StrokeView(QWidget* parent = nullptr);
  void set_drawing(const StrokeDrawing& drawing, const QString& in_words);
  QSize sizeHint() const override { return {160, 96}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  StrokeDrawing drawing_;
};

}  // namespace yd::app
