#include "core/plan/order.h"

#include <algorithm>
#include <cmath>

#include "core/dice/random.h"
#include "core/finding/error.h"

namespace distanz::plan {
namespace {

constexpr int kMostSetups = 1000, kMostBlocks = 1000;

void shuffle(std::vector<int>& items, dice::Random& random) {
  for (std::size_t i = items.size(); i > 1; --i)
    std::swap(items[i - 1], items[static_cast<std::size_t>(random.uniform() * static_cast<double>(i))]);
}

std::vector<OrderedRun> draw(int setups, int blocks, const std::vector<int>& flown, dice::Random& random) {
  std::vector<OrderedRun> out;
  for (int block = 0; block < blocks; ++block) {
    std::vector<int> open;
    for (int s = 0; s < setups; ++s)
      if (flown.empty() || flown[static_cast<std::size_t>(s)] <= block) open.push_back(s);
    shuffle(open, random);
    for (const int s : open) out.push_back({s, block});
  }
  return out;
}

}  // namespace

double imbalanceOf(const std::vector<OrderedRun>& order, int setups) {
  if (order.size() < 2) return 0;
  std::vector<double> sum(static_cast<std::size_t>(setups)), count(sum.size());
  for (std::size_t i = 0; i < order.size(); ++i) {
    const auto s = static_cast<std::size_t>(order[i].setup);
    sum[s] += static_cast<double>(i);
    ++count[s];
  }
  double low = INFINITY, high = -INFINITY;
  for (std::size_t s = 0; s < sum.size(); ++s)
    if (count[s] > 0) {
      low = std::min(low, sum[s] / count[s]);
      high = std::max(high, sum[s] / count[s]);
    }
  return (high - low) / static_cast<double>(order.size() - 1);
}

std::vector<OrderedRun> orderOf(int setups, int blocks, std::uint64_t seed, const std::vector<int>& flown) {
  if (setups < 1 || setups > kMostSetups || blocks < 0 || blocks > kMostBlocks) throw DomainError("1..1000 setups, 0..1000 blocks");
  if (!flown.empty() && flown.size() != static_cast<std::size_t>(setups)) throw DomainError("flown for each setup");
  dice::Random random(seed);
  std::vector<OrderedRun> best = draw(setups, blocks, flown, random);
  double least = imbalanceOf(best, setups);
  const int tries = std::max(1, std::min(kOrdersTried, 4'000'000 / std::max(setups * blocks, 1)));
  for (int i = 1; i < tries; ++i) {
    std::vector<OrderedRun> other = draw(setups, blocks, flown, random);
    if (const double apart = imbalanceOf(other, setups); apart < least - 1e-12) {
      least = apart;
      best = std::move(other);
    }
  }
  return best;
}

Schedule scheduleOf(const std::vector<OrderedRun>& order, const SessionTimes& times, const Session& session) {
  if (!(times.run_s >= 0 && times.swap_s >= 0 && times.again_s >= 0)) throw DomainError("times >= 0");
  if (session.runs_per_battery < 1) throw DomainError("runs_per_battery >= 1");
  Schedule out;
  double now = session.begin_s;
  for (std::size_t i = 0; i < order.size(); ++i) {
    if (i > 0) now += order[i].setup == order[i - 1].setup ? times.again_s : times.swap_s;
    if (session.end_s && now + times.run_s > *session.end_s) {
      out.left_over = static_cast<int>(order.size() - i);
      break;
    }
    const int used = static_cast<int>(i) / session.runs_per_battery;
    const int battery = session.batteries > 0 ? used % session.batteries + 1 : 0;
    out.batteries_run_out = out.batteries_run_out || (session.batteries > 0 && used >= session.batteries);
    out.runs.push_back({order[i], now, now + times.run_s, battery});
    now += times.run_s;
  }
  return out;
}

}  // namespace distanz::plan
