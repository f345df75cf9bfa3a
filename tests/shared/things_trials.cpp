// SPDX-License-Identifier: MIT
// How well things are cut out: photographs with transparent background laid on others, a rough line drawn round them.
// Prints a line each and the means. Usage: things_trials N GROUND ...
#include <ctime>
#include <cstdio>
#include <cstdlib>
#include <vector>

#include "cut_outs.h"

namespace {

double cpu_s() {
  timespec t{};
  clock_gettime(CLOCK_PROCESS_CPUTIME_ID, &t);
  return static_cast<double>(t.tv_sec) + 1e-9 * static_cast<double>(t.tv_nsec);
}

double mean(const std::vector<double>& all) {
  double sum = 0;
  for (const double v : all) sum += v / static_cast<double>(all.size());
  return sum;
}

}  // namespace

int main(int argc, char** argv) {
  if (argc < 3) return 2;
  const int wanted = std::atoi(argv[1]);
  const QStringList files = yd::trial::cut_out_files();
  std::vector<double> first;
  std::vector<double> corrected;
  double spent = 0;
  for (int i = 0; i < wanted && !files.isEmpty(); ++i) {
    const QString file = files[static_cast<qsizetype>(i) * files.size() / wanted];
    const QImage ground(argv[2 + i % (argc - 2)]);
    const yd::trial::LaidOn laid = yd::trial::laid_on(QImage(file), ground, static_cast<std::uint64_t>(i) + 1);
    yd::subject::Thing thing;
    thing.outline = yd::trial::rough_outline(laid.truth, static_cast<std::uint64_t>(i) + 1);
    const double began = cpu_s();
    const auto cut = yd::subject::cut_out(laid.picture, thing);
    const double took = cpu_s() - began;
    spent += took;
    if (!cut) {
      first.push_back(0);
      corrected.push_back(0);
      continue;
    }
    first.push_back(yd::trial::overlap(cut.value(), laid.truth));
    thing.strokes.push_back(yd::trial::correction(laid.truth, cut.value()));
    const auto again = yd::subject::cut_out(laid.picture, thing);
    corrected.push_back(again ? yd::trial::overlap(again.value(), laid.truth) : 0);
    std::printf("%.3f %.3f %.2f s  %s\n", first.back(), corrected.back(), took, qPrintable(file.section('/', -2)));
  }
  std::sort(first.begin(), first.end());
  std::sort(corrected.begin(), corrected.end());
  if (first.empty()) return 1;
  const std::size_t tenth = std::max<std::size_t>(1, first.size() / 10);
  std::printf("overlap %.3f (worst tenth %.3f), with one stroke %.3f (worst tenth %.3f), %.2f CPU s each\n",
              mean(first), mean({first.begin(), first.begin() + static_cast<std::ptrdiff_t>(tenth)}), mean(corrected),
              mean({corrected.begin(), corrected.begin() + static_cast<std::ptrdiff_t>(tenth)}),
              spent / static_cast<double>(first.size()));
  return 0;
}
