// What it takes to have one small file decoded by the caged reader: start, libraries, cage, answer.
#include <fmt/format.h>

#include <algorithm>
#include <chrono>
#include <vector>

#include "reader/ask.h"

using namespace distanz::reader;

namespace {

void times(const char* what, const Request& request, std::string_view bytes) {
  std::vector<double> ms;
  for (int i = 0; i < 30; ++i) {
    const auto begun = std::chrono::steady_clock::now();
    ask(request, File(bytes));
    ms.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begun).count());
  }
  std::sort(ms.begin(), ms.end());
  fmt::print("  {:<8} {:5.1f} ms in the middle, {:5.1f} at least\n", what, ms[ms.size() / 2], ms.front());
}

}  // namespace

int main() {
  RasterRead grid{.north_deg = 47, .west_deg = 20, .step_lat_deg = 0.001, .step_lon_deg = 0.001, .rows = 9, .columns = 9};
  grid.height_m.assign(81, 80);
  times("raster", {.kind = Request::Kind::Raster, .name = "a.tif"}, rasterAsGeoTiff(grid));
  times("map", {.kind = Request::Kind::Vector, .name = "a.geojson"}, R"({"type":"Feature","properties":{},"geometry":{"type":"Point","coordinates":[20,46]}})");
  times("photo", {.kind = Request::Kind::Photo, .name = "a.png", .most_px = 64}, "no picture");
}
