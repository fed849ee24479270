// Reads a log as import does (layout, match, samples) and prints the rate: read_csv LOG [ROUNDS]
#include <fmt/format.h>

#include <chrono>
#include <cstdlib>
#include <iostream>

#include "formats/files.h"
#include "formats/log_format.h"
#include "formats/log_reader.h"

int main(int argc, char** argv) {
  using namespace distanz;
  if (argc < 2) {
    std::cerr << "usage: read_csv LOG [ROUNDS]\n";
    return 2;
  }
  campaign::Link link;
  link.id = "control";
  const int rounds = argc > 2 ? std::atoi(argv[2]) : 5;
  try {
    for (int i = 0; i < rounds; ++i) {
      const auto begin = std::chrono::steady_clock::now();
      const std::string bytes = formats::readFile(argv[1]);
      const auto log = formats::openLog(bytes);
      const formats::LogRead read = formats::readLog(*log, formats::matchColumns(log->head(), {link}));
      const double seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - begin).count();
      std::cout << fmt::format("{} rows, {:.1f} MB, {:.3f} s, {:.0f} MB/s\n", read.rows,
                               static_cast<double>(bytes.size()) / 1e6, seconds,
                               static_cast<double>(bytes.size()) / 1e6 / seconds);
    }
  } catch (const Error& e) {
    std::cerr << e.what() << "\n";
    return 1;
  }
}
