#include "core/campaign/common_fields.h"
#include "core/campaign/describe.h"
#include "core/campaign/limits.h"

namespace distanz::campaign {

using description::Affects;
using description::Word;
using quantity::Unit;

namespace {

constexpr Word kLayerRoles[] = {{"", "only drawn"},
                                {"terrain", "a raster of heights above mean sea level"},
                                {"trees", "areas; signals go through or over them"},
                                {"buildings", "areas that let nothing through"},
                                {"water"},
                                {"roads", "lines and areas not to be flown over"},
                                {"keep-out", "areas not to be flown into"},
                                {"posts", "points that can be seen from the air"}};

}  // namespace

std::span<const Word> layerRoleWords() {
  return kLayerRoles;
}

void describe(Visitor& v, Layer& l) {
  v.text(kId, l.id);
  v.text({.key = "name", .affects = Affects::Words, .since = 4}, l.name);
  v.word({.key = "role", .what = "of what", .always = true, .affects = Affects::Words, .since = 4}, l.role,
         kLayerRoles);
  v.object({.key = "file",
            .what = "GeoTIFF of heights, or the map as it came",
            .always = true,
            .affects = Affects::Words,
            .since = 4},
           l.file);
  v.number({.key = "height_m",
            .what = "of what stands there and does not say its own",
            .unit = Unit::Metre,
            .low = 0,
            .high = limits::kHeightHigh_m,
            .affects = Affects::Words,
            .since = 4},
           l.height_m);
  v.flag({.key = "feet",
          .what = "heights are in feet though the file does not say so",
          .affects = Affects::Words,
          .since = 4},
         l.feet);
  v.flag({.key = "off", .what = "neither drawn nor counted", .affects = Affects::Words, .since = 4}, l.off);
  v.unknown(l.unknown);
}

}  // namespace distanz::campaign
