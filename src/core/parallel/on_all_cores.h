#pragma once
#include <cstddef>
#include <functional>

namespace distanz::parallel {

/// Runs work(0) ... work(n - 1), each once and in no fixed order, and returns when all are done. Results that land by index do not
/// depend on the number of threads. @param work must not throw @param threads 0: as many as the machine has
void onAllCores(std::size_t n, const std::function<void(std::size_t)>& work, unsigned threads = 0);

}  // namespace distanz::parallel
