#pragma once
#include <sstream>
#include <string>
#include <vector>

#include "cli/command.h"

namespace distanz::test {

struct Ran {
  int code;
  std::string out, err;
};

/// The command line without a process.
inline Ran run(const std::vector<std::string>& arguments) {
  std::ostringstream out, err;
  const int code = cli::run(arguments, {out, err});
  return {code, out.str(), err.str()};
}

}  // namespace distanz::test
