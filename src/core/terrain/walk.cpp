#include "core/terrain/walk.h"

#include <algorithm>
#include <cmath>

namespace distanz::terrain {
namespace {

constexpr double kHalfCell = 0.5;  // of a cell, to which the outermost ones reach: see heightAt()

/// A line in the rows and columns of a grid.
struct Course {
  double row, rows, column, columns;  ///< at its beginning, and by how many it goes on

  double rowAt(double share) const { return row + rows * share; }
  double columnAt(double share) const { return column + columns * share; }
};

/// Cuts [from, to] to where a value that begins at `at` and goes on by `by` is within [low, high].
void clip(double at, double by, double low, double high, double& from, double& to) {
  if (by == 0) {
    if (!(at >= low && at <= high)) to = from - 1;
    return;
  }
  const double one = (low - at) / by, other = (high - at) / by;
  from = std::max(from, std::min(one, other));
  to = std::min(to, std::max(one, other));
}

/// Shares at which a line comes onto the next row (or column), in its order.
class Lines {
 public:
  Lines(double at, double by, int cells, double from) : m_at(at), m_by(by), m_cells(cells) {
    m_next = by > 0 ? std::floor(at + by * from) + 1 : std::ceil(at + by * from) - 1;
    if (by > 0 && m_next < 0) m_next = 0;
    if (by < 0 && m_next > cells - 1) m_next = cells - 1;
  }
  /// Of the next one; infinite where there is none.
  double share() const {
    if (m_by == 0 || m_next < 0 || m_next > m_cells - 1) return INFINITY;
    return (m_next - m_at) / m_by;
  }
  void pass() { m_next += m_by > 0 ? 1 : -1; }

 private:
  double m_at, m_by, m_next;
  int m_cells;
};

/// The square between four cells that a piece of the line lies in.
class Square {
 public:
  Square(const Grid& g, double row, double column)
      : m_row(first(row, g.rows)),
        m_column(first(column, g.columns)),
        m_next_row(std::min(m_row + 1, g.rows - 1)),
        m_next_column(std::min(m_column + 1, g.columns - 1)),
        m_nw(g.at(m_row, m_column)),
        m_ne(g.at(m_row, m_next_column)),
        m_sw(g.at(m_next_row, m_column)),
        m_se(g.at(m_next_row, m_next_column)),
        m_rows(g.rows),
        m_columns(g.columns) {}

  bool known() const { return !std::isnan(m_nw + m_ne + m_sw + m_se); }
  double height_m(double row, double column) const {
    const double down = std::clamp(row, 0.0, m_rows - 1.0) - m_row,
                 right = std::clamp(column, 0.0, m_columns - 1.0) - m_column;
    const double upper = m_nw + right * (m_ne - m_nw), lower = m_sw + right * (m_se - m_sw);
    return upper + down * (lower - upper);
  }

 private:
  static int first(double index, int cells) {
    return std::min(int(std::clamp(index, 0.0, cells - 1.0)), std::max(cells - 2, 0));
  }
  int m_row, m_column, m_next_row, m_next_column;
  double m_nw, m_ne, m_sw, m_se;
  int m_rows, m_columns;
};

class Walk {
 public:
  Walk(const std::vector<std::shared_ptr<const Grid>>& grids, const course::Position& from,
       const course::Position& to)
      : m_grids(grids),
        m_from(from),
        m_north(to.lat_deg - from.lat_deg),
        m_east(std::remainder(to.lon_deg - from.lon_deg, 360.0)) {}

  std::vector<Along> out;

  /// What the grids from one on tell of a stretch.
  void fill(std::size_t grid, double from, double to) {
    if (grid == m_grids.size()) {
      add({from, NAN});
      add({to, NAN});
      return;
    }
    const Grid& g = *m_grids[grid];
    double done = from;
    for (const double turn : {-360.0, 0.0, 360.0}) {  // of a grid over the 180th meridian, or all around
      const Course course = courseOver(g, m_east >= 0 ? -turn : turn);
      double begin = done, end = to;
      clip(course.row, course.rows, -kHalfCell, g.rows - 1 + kHalfCell, begin, end);
      clip(course.column, course.columns, -kHalfCell, g.columns - 1 + kHalfCell, begin, end);
      if (!(end > begin)) continue;
      if (begin > done) fill(grid + 1, done, begin);
      over(grid, course, begin, end);
      done = end;
    }
    if (to > done || done == from) fill(grid + 1, done, to);
  }

 private:
  Course courseOver(const Grid& g, double turn_deg) const {
    const double middle = g.west_deg + g.step_lon_deg * (g.columns - 1) / 2;
    const double lon = middle + std::remainder(m_from.lon_deg - middle, 360.0) + turn_deg;
    return {(g.north_deg - m_from.lat_deg) / g.step_lat_deg, -m_north / g.step_lat_deg,
            (lon - g.west_deg) / g.step_lon_deg, m_east / g.step_lon_deg};
  }

  /// Over one grid, from square to square; where it has a hole, the next grids are asked.
  void over(std::size_t grid, const Course& course, double from, double to) {
    const Grid& g = *m_grids[grid];
    Lines rows(course.row, course.rows, g.rows, from),
        columns(course.column, course.columns, g.columns, from);
    double hole = NAN, here = from;
    while (here < to) {
      const double next = std::min({rows.share(), columns.share(), to});
      if (rows.share() <= next) rows.pass();
      if (columns.share() <= next) columns.pass();
      if (!(next > here)) continue;
      const double middle = (here + next) / 2;
      const Square square(g, course.rowAt(middle), course.columnAt(middle));
      if (!square.known()) {
        if (std::isnan(hole)) hole = here;
      } else {
        if (!std::isnan(hole)) fill(grid + 1, hole, here);
        hole = NAN;
        addPiece(square, course, here, middle, next);
      }
      here = next;
    }
    if (!std::isnan(hole)) fill(grid + 1, hole, to);
  }

  void addPiece(const Square& s, const Course& course, double from, double middle, double to) {
    const auto at = [&](double share) { return s.height_m(course.rowAt(share), course.columnAt(share)); };
    const double first = at(from), between = at(middle), last = at(to);
    add({from, first});
    // Along a straight line the height is a parabola of the share.
    const double rises = 4 * between - 3 * first - last, falls = 4 * between - first - 3 * last;
    if (rises > 0 && falls > 0) {
      const double top = rises / (rises + falls);
      add({from + top * (to - from), first + rises * top / 2});
    }
    add({to, last});
  }

  void add(const Along& a) {
    if (!out.empty() && out.back().share == a.share &&
        std::isnan(a.height_m) == std::isnan(out.back().height_m))
      out.back().height_m = std::fmax(out.back().height_m, a.height_m);
    else
      out.push_back(a);
  }

  const std::vector<std::shared_ptr<const Grid>>& m_grids;
  course::Position m_from;
  double m_north, m_east;
};

}  // namespace

std::vector<Along> heightsAlong(const std::vector<std::shared_ptr<const Grid>>& grids,
                                const course::Position& from, const course::Position& to) {
  Walk walk(grids, from, to);
  walk.fill(0, 0, 1);
  return std::move(walk.out);
}

double heightAt(const std::vector<Along>& along, double share) {
  const auto next = std::upper_bound(along.begin(), along.end(), share,
                                     [](double s, const Along& a) { return s < a.share; });
  if (next == along.begin()) return along.front().height_m;
  const Along& before = *(next - 1);
  if (next == along.end() || before.share == share) return before.height_m;
  return std::lerp(before.height_m, next->height_m, (share - before.share) / (next->share - before.share));
}

}  // namespace distanz::terrain
