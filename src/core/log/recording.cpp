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

std::string linkChannel(std::string_view link, std::string_view quantity) {
  return std::string(link) + "." + std::string(quantity);
}

}  // namespace distanz::log
