// SPDX-License-Identifier: MIT
#include "formats/plan_json.h"
#include "pictures/pictures.h"
#include "standin/camera.h"
#include "standin/hand.h"
#include "work.h"

namespace yd::cli {
namespace {

nlohmann::json camera_to_json(const standin::Camera& c) {
  return {{"tilt_deg", formats::rounded(c.tilt_deg)}, {"turn_deg", formats::rounded(c.turn_deg)},
          {"roll_deg", formats::rounded(c.roll_deg)}, {"barrel", formats::rounded(c.barrel)},
          {"warmth", formats::rounded(c.warmth)},     {"falloff", formats::rounded(c.falloff)},
          {"stops", formats::rounded(c.stops)},       {"curve", formats::rounded(c.curve)},
          {"blur_px", formats::rounded(c.blur_px)},   {"noise", formats::rounded(c.noise)},
          {"glare", formats::rounded(c.glare)}};
}

}  // namespace

Status run_photograph(const PhotographArguments& a) {
  Observer observer;
  const auto work = load_work(a, true, observer);
  if (!work) return work.error();
  const Work& w = work.value();
  const int all = static_cast<int>(w.plan.passes.size());
  const int done = a.done < 0 ? all : a.done;
  if (done > all) return bad_value("--done", "is more than the " + std::to_string(all) + " passes of the plan");
  const standin::Hand hand{w.options.hand, a.forgets, a.seed};
  const plan::Plan painted = standin::painted_by(w.plan, hand);
  const board::BoardMap map = job::guided(w.plan, w.subject, w.studio(), w.options.sheet_cm2).map;
  const board::BoardImage board = job::board_after(map, painted, done, w.studio());
  standin::Camera camera = standin::handheld(a.seed);
  camera.glare = a.glare;
  standin::Sheet sheet(w.paper.lab);
  if (a.strip) sheet.strip = standin::strip_by(w.plan, w.paper, w.collection, w.model.parameters, hand);
  sheet.marks = a.marks;
  const auto photo = standin::photograph(board, sheet, camera);
  if (!photo) return photo.error();
  Status written = pictures::write_photograph(QString::fromStdString(a.photo_file), photo->image);
  if (!written) return written;
  return write_json({{"photograph", a.photo_file},
                     {"done", done},
                     {"hand", hand.off},
                     {"seed", hand.seed},
                     {"camera", camera_to_json(camera)},
                     {"sheet", corners_to_json(photo->sheet)},
                     {"picture", corners_to_json(photo->picture)}},
                    a.json_file);
}

}  // namespace yd::cli
