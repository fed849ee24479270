#include "core/log/recording.h"

#include <algorithm>
#include <cmath>

namespace distanz::log {

bool Column::operator==(const Column& other) const {
  return channel == other.channel &&
         std::equal(values.begin(), values.end(), other.values.begin(), other.values.end(),
                    [](double a, double b) { return a == b || (std::isnan(a) && std::isnan(b)); });
}

bool Recording::operator==(const Recording& other) const {
  return time_s == other.time_s && columns == other.columns && started == other.started;
}

const std::vector<double>* Recording::find(std::string_view channel) const {
  for (const Column& c : columns)
    if (c.channel == channel) return &c.values;
  return nullptr;
}

namespace {

/// With room for as much again: the row after many must not move them all.
void extend(std::vector<double>& values, const std::vector<double>& more) {
  const std::size_t wanted = values.size() + more.size();
  if (values.capacity() < wanted) values.reserve(2 * wanted);
  values.insert(values.end(), more.begin(), more.end());
}

}  // namespace

void Recording::append(const Recording& later) {
  const std::size_t before = rows();
  extend(time_s, later.time_s);
  for (const Column& c : later.columns) {
    auto own =
        std::find_if(columns.begin(), columns.end(), [&](const Column& o) { return o.channel == c.channel; });
    if (own == columns.end()) {
      columns.push_back({c.channel, std::vector<double>(before, NAN)});
      own = columns.end() - 1;
    }
    extend(own->values, c.values);
  }
  for (Column& c : columns) c.values.resize(rows(), NAN);
}

std::string linkChannel(std::string_view link, std::string_view quantity) {
  return std::string(link) + "." + std::string(quantity);
}

}  // namespace distanz::log
