#include "core/bench/monotone.h"

#include "core/finding/error.h"

namespace distanz::bench {

std::vector<double> neverFalling(const std::vector<double>& value, const std::vector<double>& weight) {
  if (!weight.empty() && weight.size() != value.size()) throw DomainError("a weight for each value");
  struct Pool {
    double mean, weight;
    std::size_t count;
  };
  std::vector<Pool> pools;
  for (std::size_t i = 0; i < value.size(); ++i) {
    requireFinite(value[i], "value");
    Pool own{value[i], weight.empty() ? 1 : weight[i], 1};
    requirePositive(own.weight, "weight");
    while (!pools.empty() && pools.back().mean >= own.mean) {
      const Pool& last = pools.back();
      const double sum = last.weight + own.weight;
      own = {(last.mean * last.weight + own.mean * own.weight) / sum, sum, last.count + own.count};
      pools.pop_back();
    }
    pools.push_back(own);
  }
  std::vector<double> out;
  for (const Pool& p : pools) out.insert(out.end(), p.count, p.mean);
  return out;
}

}  // namespace distanz::bench
