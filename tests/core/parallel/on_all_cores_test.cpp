#include "core/parallel/on_all_cores.h"

#include <tbb/info.h>

#include <algorithm>
#include <atomic>
#include <catch2/catch.hpp>
#include <condition_variable>
#include <mutex>
#include <set>
#include <stdexcept>
#include <thread>
#include <vector>

#include "support/patience.h"

using namespace distanz;
using namespace distanz::parallel;

namespace {

/// Most calls of work that were under way at once.
class Crowd {
 public:
  /// @param wanted waits until so many have been inside at once: how long a thread takes to wake up is not the question
  void enter(int wanted = 1) {
    std::unique_lock lock(m_mutex);
    m_most = std::max(m_most, ++m_inside);
    m_came.notify_all();
    if (!m_given_up && !m_came.wait_for(lock, std::chrono::milliseconds(test::kPatience_ms), [&] { return m_most >= wanted; })) m_given_up = true;
    lock.unlock();
    for (int i = 0; i < 10; ++i) std::this_thread::yield();  // whoever may come in beside it can
  }
  void leave() {
    const std::lock_guard lock(m_mutex);
    --m_inside;
  }
  int most() const { return m_most; }

 private:
  std::mutex m_mutex;
  std::condition_variable m_came;
  int m_inside = 0, m_most = 0;
  bool m_given_up = false;  // nobody came in minutes: nobody will
};

}  // namespace

TEST_CASE("parallel: every index once, whatever the number of threads") {
  const unsigned threads = GENERATE(0U, 1U, 2U, 7U);
  std::vector<std::atomic<int>> seen(1000);
  onAllCores(
      seen.size(), [&](std::size_t i) { ++seen[i]; }, threads);
  for (const auto& n : seen) CHECK(n == 1);
  onAllCores(
      0, [](std::size_t) { FAIL("nothing to do"); }, threads);
}

TEST_CASE("parallel: what work throws is thrown to the caller, and later calls work again", "[regression]") {
  const unsigned threads = GENERATE(0U, 1U, 2U);
  std::atomic<int> begun{0};
  CHECK_THROWS_WITH(onAllCores(
                        100000,
                        [&](std::size_t i) {
                          ++begun;
                          if (i == 10) throw std::runtime_error("ten");
                        },
                        threads),
                    "ten");
  CHECK(begun < 100000);
  std::atomic<int> done{0};
  onAllCores(
      100, [&](std::size_t) { ++done; }, threads);
  CHECK(done == 100);
}

TEST_CASE("parallel: calls nest, also with a lock held, and an exception comes out of the innermost",
          "[regression]") {
  std::atomic<int> done{0};
  std::mutex mutex;
  onAllCores(8, [&](std::size_t) {
    const std::lock_guard lock(mutex);  // a thread that waits inside must not take up another of the eight
    onAllCores(50, [&](std::size_t) { ++done; });
  });
  CHECK(done == 400);
  CHECK_THROWS_WITH(onAllCores(4,
                               [](std::size_t) {
                                 onAllCores(4, [](std::size_t i) {
                                   if (i == 3) throw std::runtime_error("inner");
                                 });
                               }),
                    "inner");
}

TEST_CASE("parallel: a limit holds for the whole program, nested calls included", "[regression]") {
  for (const unsigned limit : {1U, 2U}) {
    const ThreadLimit held(limit);
    const bool several = limit > 1 && tbb::info::default_concurrency() > 1;  // cores that this process may use
    Crowd crowd;
    onAllCores(6, [&](std::size_t) {
      onAllCores(6, [&](std::size_t) {
        crowd.enter(several ? 2 : 1);
        crowd.leave();
      });
    });
    CHECK(crowd.most() <= int(limit));
    if (several) CHECK(crowd.most() > 1);
  }
}

TEST_CASE("parallel: a call that is to use one thread uses one, nested calls included", "[regression]") {
  Crowd crowd;
  onAllCores(
      3,
      [&](std::size_t) {
        onAllCores(6, [&](std::size_t) {
          crowd.enter();
          crowd.leave();
        });
      },
      1);
  CHECK(crowd.most() == 1);
}
