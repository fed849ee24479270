#pragma once
#include <functional>
#include <span>
#include <vector>

#include "core/log/recording.h"

namespace distanz::log {

/// A moment at which the place on the path is known: a post passed, a key pressed.
struct Mark {
  double time_s = 0, along_m = 0;
  bool operator==(const Mark&) const = default;
};

/// Where on the path every row was, by a steady speed from each mark to the next; NaN before the first and after the
/// last. @param time_s not decreasing @param marks in any order; several at one time: their middle
std::vector<double> alongByMarks(std::span<const double> time_s, std::vector<Mark> marks);

/// The recording says nothing of where it was: no distance, no positions, no place on the path.
bool isUnplaced(const Recording& recording);

/// True where only the numbers of posts say where its rows were.
bool isByPosts(const Recording& recording);

/// Marks where posts were noted: each row of its own, but only the first of those that repeat one number until the next
/// post is reached. @param along_m of a post by its number; NaN for none
std::vector<Mark> marksOfPosts(const Recording& recording, const std::function<double(double number)>& along_m);

/// Gives such a recording its place on the path. It is the path's, not the log's: never kept with its samples.
void placeByMarks(Recording& recording, std::vector<Mark> marks);

}  // namespace distanz::log
