#pragma once
#include <optional>
#include <string>
#include <vector>

/// Lanes over the shared distance axis as data: what the window, SVG and PDF draw alike. x is a distance in
/// m, y in the lane's unit.
namespace distanz::lanes {

/// What a thing is drawn in. The renderer knows the colours.
struct Ink {
  enum class Role { Setup, Ink, Muted, Hairline, Accent } role = Role::Ink;
  int mark = 0;      ///< of the setup: colour and dash
  double alpha = 1;  ///< 0..1
};

struct Line {
  std::vector<double> x, y;
  Ink ink;
  double width = 0;       ///< in px; 0: a hairline, undashed
  std::string name = {};  ///< told when hovered over; empty: not told
};

/// Between two levels.
struct Band {
  std::vector<double> x, low, high;
  Ink ink;
};

/// A level that must not be gone below: the ground under it is hatched. Or one to read off at only.
struct Floor {
  double y;
  std::string label;
  bool hatched = true;
};

struct Dot {
  double x, y;
  std::string name;     ///< told when clicked; empty: a mark, not to be clicked
  bool marked = false;  ///< ringed in the colour of caution
};
struct Dots {
  std::vector<Dot> dots;
  Ink ink;
};

/// From 0 up or down, each as wide as `width_m`.
struct Bars {
  std::vector<double> x, y;
  double width_m;
  Ink ink;
};

/// Horizontal, from one distance to another.
struct Stroke {
  double x0, x1, y;
};
struct Strokes {
  std::vector<Stroke> strokes;
  Ink ink;
  double width;
};

struct Lane {
  std::string id, title, unit;
  int weight = 1;  ///< share of the height
  int keep = 0;    ///< where there is no room for all, the least goes first
  double low = 0, high = 1;
  std::vector<std::string> rows = {};  ///< names of rows 0..n-1 from the top, in place of a scale
  std::string note = {};               ///< in the middle of an empty lane
  std::vector<Band> bands = {};
  std::vector<Line> lines = {};
  std::vector<Floor> floors = {};
  std::vector<Bars> bars = {};
  std::vector<Strokes> strokes = {};
  std::vector<Dots> dots = {};
};

struct Lanes {
  double end_m = 1000;
  std::vector<Lane> lanes;
};

/// Where a lane's drawing area lies, from the top, in px. Its title stands above it.
struct Slot {
  std::size_t lane;
  double top, height;
};
constexpr double kTitle_px = 16, kGap_px = 6, kScale_px = 20, kLeastLane_px = 46;

/// Lanes one below the other in a height, by their weight; those with the least `keep` are left out until
/// every other has kLeastLane_px. One lane at least. Under the last is room for the distances. @param height
/// px
std::vector<Slot> layoutOf(const Lanes& lanes, double height);

/// What lies under a pointer.
struct Hit {
  std::string name;
  double x, y;
};
/// The named line nearest to a point. @param dx,dy reach in x and y @return none where none is within reach
std::optional<Hit> lineAt(const Lane& lane, double x, double y, double dx, double dy);
/// The named lines of a lane at a distance, in their order: name, x, y. Each name once.
std::vector<Hit> valuesAt(const Lane& lane, double x);
std::optional<Hit> dotAt(const Lane& lane, double x, double y, double dx, double dy);

}  // namespace distanz::lanes
