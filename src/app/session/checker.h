// SPDX-License-Identifier: MIT
#pragma once

#include <QFutureWatcher>
#include <QImage>
#include <QObject>
#include <QThreadPool>
#include <memory>
#include <optional>
#include <variant>

#include "check/report.h"
#include "session/session.h"

namespace yd::app {

class Reporter;

/// A photograph of the work held against the plan, ready to be shown.
struct Checked {
  PlannedPtr planned;
  check::Report report;
  std::vector<char> done;            ///< of each pass of the plan
  QImage straight;                   ///< the photograph, straight and put right; null where it will not do
  QImage board;                      ///< what should be there
  QImage differences;                ///< of value: grey is right, lighter is too light
  std::vector<plan::LaidPass> laid;  ///< what lies on the paper, by the photograph
};
using CheckedPtr = std::shared_ptr<const Checked>;

/// The photograph that is looked at beside the plan, and what it came to. It is looked at anew when the plan or what is
/// done changes; nothing of it is part of the choices until the rest is planned from it.
class Checker : public QObject {
  Q_OBJECT
 public:
  explicit Checker(Session& session, QObject* parent = nullptr);
  ~Checker() override;

  /// A picture file of the whole sheet. Read on a worker; errors by `failed`.
  void open(const QString& file);
  /// Paints what is done with a hand that is off and forgets, and photographs it: to try the check, or to show it.
  void simulate(std::uint64_t seed);
  void close();

  /// The photograph as it was taken, for its corners to be set; null without one.
  QImage photograph() const { return photograph_; }
  QString name() const { return name_; }
  CheckedPtr checked() const { return checked_; }
  bool has_photo() const { return photo_ != nullptr; }
  bool busy() const { return running_; }
  void cancel();

  /// Passes that count as done, by place: the first ones, as many as were said; else those that are marked.
  std::vector<char> done() const;
  int count_done() const;
  void set_done(std::optional<int> first);
  bool strip() const { return strip_; }
  void set_strip(bool on);
  /// Of the picture, shares of the photograph; none: they are found.
  void set_corners(std::optional<check::Quad> corners);
  bool corners_given() const { return corners_.has_value(); }
  /// The corners in use, shares of the photograph; nothing before the first look.
  std::optional<check::Quad> corners() const;

  /// Plans the rest from what really lies on the paper; one step of undo.
  void take();

 signals:
  void changed();
  void busy_changed();
  void progressed(double fraction, const QString& step);
  void failed(const QString& sentence);

 private:
  struct Taken {
    check::Photo photo;
    QImage picture;
    QString name;
  };
  using Outcome = std::variant<std::shared_ptr<const Taken>, CheckedPtr, Error>;

  void look_anew();
  void start_look();
  void finished();
  std::vector<plan::PassMark> marks_of(const std::vector<char>& done) const;
  template <class Function>
  void run(Function function);

  Session& session_;
  std::shared_ptr<const Taken> photo_;
  QImage photograph_;
  QString name_;
  CheckedPtr checked_;
  std::optional<int> first_done_;
  std::optional<check::Quad> corners_;
  bool strip_ = false;
  bool running_ = false;
  bool again_ = false;
  bool dropped_ = false;  ///< what is being worked out is for a picture that is gone
  std::shared_ptr<Reporter> reporter_;
  /// Not the global pool: Qt paints with that one, and would wait for the work to end.
  QThreadPool pool_;
  QFutureWatcher<Outcome> watcher_;
};

}  // namespace yd::app
