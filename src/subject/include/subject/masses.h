// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "subject/image.h"
#include "subject/regions.h"
#include "support/result.h"

namespace yd::subject {

/// Depth in the picture. Guessed from position, chroma and contrast; the artist may change it.
enum class Plane { background, middle, foreground };
const char* name(Plane plane);

Result<Plane> plane_by_name(const std::string& name);

/// How a mass ends: a border that can be drawn, or one that fades.
enum class EdgeKind { hard, soft };
const char* name(EdgeKind edge);

/// What a mass is the surface of: marks follow from it.
enum class Surface { unsaid, sky, water, reflection, grass, fur, feather, skin, cloth, stone, foliage, metal, glass };
inline constexpr int kSurfaces = static_cast<int>(Surface::glass) + 1;

/// Part of a mass that is read as one colour.
enum class Role { dark, middle, light };
const char* name(Role role);

/// The colour to match, and how much of the picture it stands for.
struct Target {
  Role role = Role::middle;
  colour::Lab lab;
  double area = 0;  ///< share of the picture, 0 to 1
};

/// One of the colours a mass is made of, and how much of the picture it stands for.
struct Shade {
  colour::Lab lab;
  double area = 0;           ///< share of the picture, 0 to 1
  Role role = Role::middle;  ///< part of the mass it lies in
  double solid = 1;          ///< share of it in connected places that a hand can hit, each kHit of the picture
  double matters = 0;        ///< share of it in the rings round what matters
  double texture = -1;       ///< L*, as of a mass but where the shade lies; below 0: nowhere clear of another mass
};
inline constexpr double kHit = 1e-4;  ///< 12 mm² on a sheet of 400 by 300 mm
/// Where it matters one takes a point: 3 mm² (common practice, no published source).
inline constexpr double kHitWithAPoint = 2.5e-5;

/// A colour of the artist's own for a mass: the middle of its family, and how far the mass goes there.
struct OwnFamily {
  colour::Lab lab;
  double amount = 1;  ///< 0, as the subject or the mood has it, to 1
  bool operator==(const OwnFamily&) const = default;
};

/// Texture of a mass too narrow to have one.
inline constexpr double kNoInside = 100;

/// A connected area read as one shape.
struct Mass {
  int id = 0;        ///< label in the mass map, 0 ..
  std::string name;  ///< the artist's, or colour and number: "pale grey 7"
  int thing = -1;    ///< it is part of, by place among the things; -1: of the rest
  Plane plane = Plane::middle;
  bool plane_said = false;  ///< by the artist, or by the thing it is part of; else guessed
  EdgeKind edge = EdgeKind::hard;
  Surface surface = Surface::unsaid;
  bool surface_said = false;       ///< by the artist; else guessed
  bool focal = false;              ///< where the eye is to go: the artist says so
  std::optional<OwnFamily> own{};  ///< none: as the subject or the mood has it
  double warmer = 0;               ///< colour::warmth less that of the neighbours, weighted by shared border
  double area = 0;                 ///< share of the picture, 0 to 1
  double texture = kNoInside;      ///< L*, see measure_textures
  double value = 0;                ///< nine-step value of the mean, 1 dark to 9 light
  colour::Lab mean;
  double centre_x = 0;    ///< share of the width
  double centre_y = 0;    ///< share of the height, downwards
  double dark_below = 0;  ///< L* under which a pixel counts as the dark of the mass
  double light_above = 100;
  std::vector<Target> targets;  ///< dark to light; a flat mass has the middle only
  std::vector<Shade> shades;    ///< dark to light; what it is painted to
};

/// Masses narrower than this in L* (90th less 10th percentile) are one flat colour.
inline constexpr double kFlatRange = 6.0;

/// Measures every region of the map: dark is the darkest fifth, light the lightest fifth, colours are medians of a
/// and b and means of L within each part.
std::vector<Mass> measure_masses(const LabImage& image, const Regions& regions);

/// How far L* averaged over the width of a broad mark departs from its mean over seven: the median of each mass, over
/// places that have all of that inside it; kNoInside where there are none. `image` is the picture before the squint.
std::vector<double> measure_textures(const LabImage& image, const LabelImage& labels, std::size_t masses);

/// The same shade by shade, kept in the masses: a hill in haze and the wood before it may be one mass.
void measure_shade_textures(const LabImage& image, const LabelImage& labels, const Grid<std::uint8_t>& shade,
                            std::vector<Mass>& masses);

/// 1 where a mass has no texture that marks could be taken for, 0 where it has: as the artist says it is (skin, metal,
/// glass and skies are smooth; fur, feathers, grass, leaves and stone are not), else as measured.
double smoothness(const Mass& mass);
/// Of one of its shades: at least as smooth as the mass.
double smoothness(const Mass& mass, const Shade& shade);

/// Hard or soft for each mass: how much of the step in L* across its border is made within four thousandths of the
/// longer side. `image` is the picture before the squint.
std::vector<EdgeKind> guess_edges(const LabImage& image, const LabelImage& labels, int masses);

/// Length of the border two masses share, in pixels of the map: row-major, masses x masses, 0 on the diagonal.
std::vector<double> shared_borders(const LabelImage& labels, std::size_t masses);

/// Pairs of masses that are bands of one gradient: they share a border of some length across which the colour hardly
/// steps. `image`: smooth, at the size of the labels.
struct GradientPair {
  int first = 0, second = 0;
  double length = 0;  ///< of their border, as a share of the longer side
};
std::vector<GradientPair> gradient_neighbours(const LabImage& image, const LabelImage& labels, int masses);

/// The part of its mass a lightness belongs to.
Role role_at(const Mass& mass, double l);

}  // namespace yd::subject
