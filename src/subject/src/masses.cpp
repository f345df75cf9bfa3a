#include "subject/masses.h"

#include <algorithm>
#include <array>

#include "colour/words.h"

namespace yd::subject {
namespace {

struct Edge {
  bool top = false;
  bool bottom = false;
};

struct Gathered {
  std::vector<colour::LabPixel> pixels;
  double x = 0;
  double y = 0;
  Edge edge;
};

std::vector<Gathered> gather(const LabImage& image, const Regions& regions) {
  std::vector<Gathered> out(static_cast<std::size_t>(regions.count));
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < image.width; ++x) {
      Gathered& g = out[regions.labels.at(x, y)];
      g.pixels.push_back(image.at(x, y));
      g.x += x;
      g.y += y;
      g.edge.top |= y == 0;
      g.edge.bottom |= y == image.height - 1;
    }
  }
  return out;
}

template <class Member>
double median(std::vector<colour::LabPixel>::iterator first, std::vector<colour::LabPixel>::iterator last,
              Member member) {
  const auto mid = first + (last - first) / 2;
  std::nth_element(first, mid, last, [&](const auto& p, const auto& q) { return p.*member < q.*member; });
  return (*mid).*member;
}

/// Mean L, median a and b of a run of pixels sorted by L; the run is reordered.
colour::Lab robust(std::vector<colour::LabPixel>::iterator first, std::vector<colour::LabPixel>::iterator last) {
  double l = 0;
  for (auto p = first; p != last; ++p) l += p->l;
  l /= static_cast<double>(last - first);
  return {l, median(first, last, &colour::LabPixel::a), median(first, last, &colour::LabPixel::b)};
}

Plane guess_plane(const Mass& mass, const Edge& edge) {
  if (edge.bottom && mass.centre_y > 0.55) return Plane::foreground;
  if (edge.top && mass.centre_y < 0.45) return Plane::background;
  if (mass.centre_y < 0.4) return Plane::background;
  return mass.centre_y > 0.7 ? Plane::foreground : Plane::middle;
}

std::string place_word(const Mass& m) {
  const char* rows = m.centre_y < 0.34 ? "upper" : m.centre_y > 0.66 ? "lower" : "centre";
  const char* columns = m.centre_x < 0.34 ? "left" : m.centre_x > 0.66 ? "right" : "";
  std::string place = rows;
  if (*columns != '\0') place = place == "centre" ? columns : place + " " + columns;
  return place;
}

void add_targets(Mass& mass, std::vector<colour::LabPixel>& pixels, double total) {
  std::sort(pixels.begin(), pixels.end(), [](const auto& p, const auto& q) { return p.l < q.l; });
  const std::size_t n = pixels.size();
  const auto at = [&](double share) {
    return pixels[std::min(n - 1, static_cast<std::size_t>(share * static_cast<double>(n)))].l;
  };
  if (at(0.9) - at(0.1) < kFlatRange || n < 20) {
    mass.targets.push_back({Role::middle, robust(pixels.begin(), pixels.end()), mass.area});
    mass.dark_below = 0;
    mass.light_above = 101;
    return;
  }
  mass.dark_below = at(0.2);
  mass.light_above = at(0.8);
  const std::array<std::size_t, 4> cut{0, n / 5, n - n / 5, n};
  for (std::size_t k = 0; k < 3; ++k) {
    const auto first = pixels.begin() + static_cast<std::ptrdiff_t>(cut[k]);
    const auto last = pixels.begin() + static_cast<std::ptrdiff_t>(cut[k + 1]);
    mass.targets.push_back({static_cast<Role>(k), robust(first, last), static_cast<double>(last - first) / total});
  }
}

}  // namespace

const char* name(Plane plane) {
  constexpr std::array<const char*, 3> names{"background", "middle ground", "foreground"};
  return names[static_cast<std::size_t>(plane)];
}

const char* name(Role role) {
  constexpr std::array<const char*, 3> names{"dark", "middle", "light"};
  return names[static_cast<std::size_t>(role)];
}

Role role_at(const Mass& mass, double l) {
  if (l < mass.dark_below) return Role::dark;
  return l > mass.light_above ? Role::light : Role::middle;
}

std::vector<Mass> measure_masses(const LabImage& image, const Regions& regions) {
  std::vector<Mass> masses;
  const auto total = static_cast<double>(image.size());
  int id = 0;
  for (Gathered& g : gather(image, regions)) {
    Mass m;
    m.id = id++;
    const auto n = static_cast<double>(g.pixels.size());
    m.area = n / total;
    m.centre_x = g.x / n / image.width;
    m.centre_y = g.y / n / image.height;
    m.mean = robust(g.pixels.begin(), g.pixels.end());
    m.value = colour::value_step(m.mean.l);
    m.plane = guess_plane(m, g.edge);
    m.name = place_word(m) + " " + colour::describe(m.mean);
    add_targets(m, g.pixels, total);
    masses.push_back(std::move(m));
  }
  return masses;
}

}  // namespace yd::subject
