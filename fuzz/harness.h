#pragma once
#include <fuzzer/FuzzedDataProvider.h>

#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <functional>
#include <string>

#include "core/finding/error.h"
#include "core/parallel/on_all_cores.h"
#include "words/say.h"

/// What every harness shares: one thread, no files, and nothing but our own refusals gets out.
namespace distanz::fuzz {

inline const parallel::ThreadLimit kOneThread(1);

inline void require(bool holds, const char* what) {
  if (holds) return;
  std::fprintf(stderr, "does not hold: %s\n", what);
  std::abort();
}

/// True where the work gave a value; a refusal is one line that says something, in plain words.
inline bool survives(const std::function<void()>& work) {
  try {
    work();
    return true;
  } catch (const Error& e) {
    const std::string text = words::sentence(e).toStdString();
    require(text.size() > 5, "a refusal says something");
    require(!text.starts_with("[json."), "no library's words");
    return false;
  }
}

}  // namespace distanz::fuzz

/// The body of a harness: `data` is the input as text.
#define DISTANZ_FUZZ(data)                                            \
  static void fuzzOne(std::string_view data);                         \
  extern "C" int LLVMFuzzerTestOneInput(const uint8_t* d, size_t n) { \
    fuzzOne(std::string_view(reinterpret_cast<const char*>(d), n));   \
    return 0;                                                         \
  }                                                                   \
  static void fuzzOne(std::string_view data)
