#pragma once
#include <iosfwd>
#include <string>
#include <vector>

namespace distanz::standin {

/// The program without its process: the exit code. @param arguments without the program's name. `serve` runs
/// the event loop of the application, which must exist.
int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err);

}  // namespace distanz::standin
