// The guided three-stroke search against every three-stroke stack, on pictures; ends with 1 where it
// loses more than docs/model.md allows. Usage: search_quality PICTURE ...
#include <QCoreApplication>
#include <algorithm>
#include <chrono>
#include <cstdio>

#include "colour/ciede2000.h"
#include "media/model.h"
#include "pictures/pictures.h"
#include "plan/deep_search.h"
#include "plan/plan.h"

using namespace yd;

namespace {

double seconds_since(std::chrono::steady_clock::time_point start) {
  return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

constexpr double kLeastNear = 0.95;  // share of targets that may lose no more than 0.2
constexpr double kWorst = 0.75;

bool judge(const char* file, const media::Model& model, const media::Paper& paper,
           const media::Collection& collection) {
  Observer observer;
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return false;
  const auto raw = pictures::decode(bytes.value(), file);
  if (!raw) return false;
  const auto subject = subject::read_subject(subject::working_image(raw.value()).value(), {}, observer).value();
  const auto plan = plan::make_plan(subject, paper, collection, model.parameters, {}, observer).value();
  std::vector<colour::Lab> labs;
  for (const auto& t : plan.targets) labs.push_back(t.target);
  const plan::SearchInput in{&paper.ground, &model.parameters, collection.sticks, labs, {}};
  plan::DeepSummary summary;
  const auto begin = std::chrono::steady_clock::now();
  const auto found = plan::deep_stacks(in, plan.tray, {}, summary, observer).value();
  const double quick = seconds_since(begin);
  const auto again = std::chrono::steady_clock::now();
  const auto all = plan::all_three_stroke_stacks(in, plan.tray);
  const double slow = seconds_since(again);
  int near = 0;
  double worst = 0;
  for (const colour::Lab& lab : labs) {
    const double loss = plan::nearest_difference(found, lab) - plan::nearest_difference(all, lab);
    near += loss <= 0.2 ? 1 : 0;
    worst = std::max(worst, loss);
  }
  const std::string name(file);
  std::printf("| %s | %zu | %zu | %.1f %% | %.0f %% | %.2f | %.0f / %.0f ms |\n",
              name.substr(name.rfind('/') + 1).c_str(), labs.size(), all.size(),
              100.0 * static_cast<double>(summary.worked_out) / static_cast<double>(all.size()),
              100.0 * near / static_cast<double>(labs.size()), worst, 1000 * quick, 1000 * slow);
  return near >= kLeastNear * static_cast<double>(labs.size()) && worst <= kWorst;
}

}  // namespace

int main(int argc, char** argv) {
  const QCoreApplication application(argc, argv);
  const auto model = media::load_model().value();
  const auto papers = media::load_papers().value();
  const auto collection = media::find_collection("generic").value();
  std::printf(
      "| picture | targets | stacks of three | worked out | within 0.2 | worst | time, guided / all "
      "|\n|---|---:|---:|---:|---:|---:|---:|\n");
  bool good = argc > 1;
  for (int i = 1; i < argc; ++i) good = judge(argv[i], model, papers.front(), collection) && good;
  return good ? 0 : 1;
}
