#include "core/log/marks.h"

#include <algorithm>
#include <cmath>

namespace distanz::log {
namespace {

constexpr double kHeldShare = 0.9;     // of rows with a number: a column that repeats it until the next
constexpr double kHeldRows = 3;        // for so many rows, usually

/// Marks at one time become one.
std::vector<Mark> inOrder(std::vector<Mark> marks) {
  std::erase_if(marks, [](const Mark& m) { return !std::isfinite(m.time_s) || !std::isfinite(m.along_m); });
  std::stable_sort(marks.begin(), marks.end(), [](const Mark& a, const Mark& b) { return a.time_s < b.time_s; });
  std::vector<Mark> out;
  for (std::size_t i = 0; i < marks.size();) {
    std::size_t end = i;
    double sum = 0;
    for (; end < marks.size() && marks[end].time_s == marks[i].time_s; ++end) sum += marks[end].along_m;
    out.push_back({marks[i].time_s, sum / static_cast<double>(end - i)});
    i = end;
  }
  return out;
}

}  // namespace

std::vector<double> alongByMarks(std::span<const double> time_s, std::vector<Mark> given) {
  std::vector<double> out(time_s.size(), NAN);
  const std::vector<Mark> marks = inOrder(std::move(given));
  std::size_t next = 0;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    while (next < marks.size() && marks[next].time_s < time_s[i]) ++next;
    if (next == marks.size()) break;
    const Mark& to = marks[next];
    if (to.time_s == time_s[i]) {
      out[i] = to.along_m;
    } else if (next > 0) {
      const Mark& from = marks[next - 1];
      out[i] = from.along_m + (to.along_m - from.along_m) * (time_s[i] - from.time_s) / (to.time_s - from.time_s);
    }
  }
  return out;
}

bool isUnplaced(const Recording& r) {
  for (const std::string_view c : {channel::kDistance, channel::kSlant, channel::kAlong, channel::kLatitude})
    if (r.find(c)) return false;
  return true;
}

bool isByPosts(const Recording& r) {
  return r.find(channel::kPost) && isUnplaced(r);
}

std::vector<Mark> marksOfPosts(const Recording& r, const std::function<double(double)>& along_m) {
  const std::vector<double>* posts = r.find(channel::kPost);
  if (!posts) return {};
  std::size_t known = 0, changes = 0;
  double before = NAN;
  for (const double p : *posts)
    if (std::isfinite(p)) {
      ++known;
      changes += p != before;
      before = p;
    }
  const bool held = static_cast<double>(known) > kHeldShare * static_cast<double>(posts->size()) &&
                    static_cast<double>(known) > kHeldRows * static_cast<double>(changes);
  std::vector<Mark> out;
  before = NAN;
  for (std::size_t i = 0; i < posts->size(); ++i) {
    const double p = (*posts)[i];
    if (!std::isfinite(p)) continue;
    if (!held || p != before) out.push_back({r.time_s[i], along_m(p)});
    before = p;
  }
  return out;
}

void placeByMarks(Recording& r, std::vector<Mark> marks) {
  Column along{std::string(channel::kAlong), alongByMarks(r.time_s, std::move(marks))};
  std::erase_if(r.columns, [](const Column& c) { return c.channel == channel::kAlong; });
  r.columns.push_back(std::move(along));
}

}  // namespace distanz::log
