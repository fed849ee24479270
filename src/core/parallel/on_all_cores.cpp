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
thread_local bool t_inside = false;  // of an arena that keeps to the limit already
thread_local bool t_alone = false;   // within a call that was to use one thread

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
  if (threads == 1 || t_alone) {
    const While alone(t_alone);
    for (std::size_t i = 0; i < n; ++i) work(i);
    return;
  }
  if (n < 2) {
    if (n == 1) work(0);
    return;
  }
  const auto one = [&work](std::size_t i) {
    const While inside(t_inside);
    work(i);
  };
  // Isolated: while it waits, a thread takes up nothing of another call, which might want a lock that it
  // holds.
  const auto run = [&] {
    tbb::this_task_arena::isolate(
        [&] { tbb::parallel_for(std::size_t{0}, n, one, tbb::simple_partitioner()); });
  };
  if (threads == 0 || t_inside)
    run();
  else
    tbb::task_arena(static_cast<int>(threads)).execute(run);
}

}  // namespace distanz::parallel
