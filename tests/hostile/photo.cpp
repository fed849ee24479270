// Reads one photo as the window does: exit 0 where it is one, 1 where it is refused.
#include <cstdio>

#include "core/finding/error.h"
#include "formats/bench/record_files.h"
#include "reader/ask.h"

int main(int count, char** arguments) {
  using namespace distanz;
  if (count != 2) return 2;
  const std::filesystem::path file = arguments[1];
  try {
    const auto read = reader::readPhoto({.kind = reader::Request::Kind::Photo, .name = file.filename().string(), .most_px = 900}, reader::File(formats::readForRecord(file)));
    std::printf("%d x %d\n", read.width, read.height);
    return read.fault == reader::Fault::None ? 0 : 1;
  } catch (const Error& e) {
    std::printf("%s\n", e.found.code.c_str());
    return 1;
  }
}
