#pragma once
#include <cstddef>
#include <functional>

namespace distanz::parallel {

/// Runs work(0) ... work(n - 1), each once and in no fixed order, and returns when all are done. Results that
/// land by index do not depend on the number of threads. Calls may nest: all share one pool of threads. What
/// work throws first is thrown here once everything under way has ended; the rest is then not begun.
/// @param threads at most so many at a time, the caller's included; 0: as many as the machine has, or a
/// ThreadLimit allows
void onAllCores(std::size_t n, const std::function<void(std::size_t)>& work, unsigned threads = 0);

/// While it lives, the whole program computes with at most so many threads, nested calls included. 0: as many
/// as the machine has.
class ThreadLimit {
 public:
  explicit ThreadLimit(unsigned threads);
  ~ThreadLimit();
  ThreadLimit(const ThreadLimit&) = delete;
  ThreadLimit& operator=(const ThreadLimit&) = delete;

 private:
  unsigned m_before;
};

}  // namespace distanz::parallel
