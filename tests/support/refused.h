#pragma once
#include <functional>
#include <string>

#include "core/finding/error.h"

namespace distanz::test {

/// Code of the refusal that it ends in; empty where it does not.
inline std::string refused(const std::function<void()>& what) {
  try {
    what();
  } catch (const InputError& e) {
    return e.found.code;
  }
  return "";
}

}  // namespace distanz::test
