#include "core/parallel/on_all_cores.h"

#include <tbb/info.h>
#include <tbb/parallel_for.h>
#include <tbb/task_arena.h>

#include <algorithm>
#include <atomic>
#include <utility>

namespace distanz::parallel {
namespace {

std::atomic<unsigned> g_limit{0};
// Aligned as what the linker lays behind it: mold 1.10 protects from where this ends, and where only this ends in
// the page before, that page is none, and the program does not start.
struct alignas(64) Within {
  bool inside = false;  // of an arena that keeps to the limit already
  bool alone = false;   // within a call that was to use one thread
};
thread_local Within t_within;

/// Sets a flag of this thread for as long as it lives.
class While {
 public:
  explicit While(bool& flag) : m_flag(flag), m_before(std::exchange(flag, true)) {}
  ~While() { m_flag = m_before; }
  While(const While&) = delete;
  While& operator=(const While&) = delete;

 private:
  bool& m_flag;
  bool m_before;
};

}  // namespace

ThreadLimit::ThreadLimit(unsigned threads) : m_before(g_limit.exchange(threads)) {}
ThreadLimit::~ThreadLimit() {
  g_limit = m_before;
}

void onAllCores(std::size_t n, const std::function<void(std::size_t)>& work, unsigned threads) {
  const unsigned limit = g_limit;
  if (limit > 0) threads = threads == 0 ? limit : std::min(threads, limit);
  threads = std::min(
      threads, static_cast<unsigned>(tbb::info::default_concurrency()));  // more would only be warned about
  if (threads == 1 || t_within.alone) {
    const While alone(t_within.alone);
    for (std::size_t i = 0; i < n; ++i) work(i);
    return;
  }
  if (n < 2) {
    if (n == 1) work(0);
    return;
  }
  const auto one = [&work](std::size_t i) {
    const While inside(t_within.inside);
    work(i);
  };
  // Isolated: while it waits, a thread takes up nothing of another call, which might want a lock that it
  // holds.
  const auto run = [&] {
    tbb::this_task_arena::isolate(
        [&] { tbb::parallel_for(std::size_t{0}, n, one, tbb::simple_partitioner()); });
  };
  if (threads == 0 || t_within.inside)
    run();
  else
    tbb::task_arena(static_cast<int>(threads)).execute(run);
}

}  // namespace distanz::parallel
