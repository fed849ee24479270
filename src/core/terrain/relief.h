#pragma once
#include <vector>

namespace distanz::terrain {

/// Heights as they are drawn: rows from the top, NaN where not known.
struct Relief {
  int columns = 0, rows = 0;
  double cell_m = 1;  ///< between neighbours, > 0
  std::vector<float> height_m;
  float at(int column, int row) const {
    return height_m[std::size_t(row) * std::size_t(columns) + std::size_t(column)];
  }
};

/// Brightness of each cell lit from the upper left, 0..1; level ground is kLevelShade; NaN where not known.
/// Lambert's cosine law (Horn, Proc. IEEE 69(1), 14 (1981)).
std::vector<float> shadeOf(const Relief& relief, double exaggeration = 1);
constexpr double kLevelShade = 0.7071067811865476;  // light 45 degrees high

/// Straight pieces of the lines of one height, in cells, from the middle of the first one.
struct ContourPiece {
  float x0, y0, x1, y1;
};
struct Contour {
  double height_m = 0;
  std::vector<ContourPiece> pieces;
};
/// @param step_m > 0 @return lines at multiples of it, kMostContours at most: none where there would be more
std::vector<Contour> contoursOf(const Relief& relief, double step_m);
constexpr int kMostContours = 200;

/// A step of 1, 2 or 5 times a power of ten, 1 m at least, that gives some `wanted` lines or fewer; none on
/// level ground.
double contourStep_m(const Relief& relief, int wanted = 12);

}  // namespace distanz::terrain
