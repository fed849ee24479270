#include "core/parallel/on_all_cores.h"

#include <algorithm>
#include <atomic>
#include <thread>
#include <vector>

namespace distanz::parallel {

void onAllCores(std::size_t n, const std::function<void(std::size_t)>& work, unsigned threads) {
  std::atomic<std::size_t> next{0};
  const auto take = [&] {
    for (std::size_t i = next++; i < n; i = next++) work(i);
  };
  if (threads == 0) threads = std::max(std::thread::hardware_concurrency(), 1U);
  std::vector<std::jthread> helpers;
  for (unsigned i = 1; i < threads && i < n; ++i) helpers.emplace_back(take);
  take();
}

}  // namespace distanz::parallel
