#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/bench/beside.h"
#include "core/records/judges.h"

/// What an interference check looks at: the kit's links, what is typed, the bands of satellite navigation.
namespace distanz::records {

struct Scene {
  std::vector<bench::Emitter> emitters;
  std::vector<bench::Victim> victims;
  std::size_t satellite_from = 0, satellite_to = 0;  ///< of the victims, those that are bands of one satellite receiver
  std::vector<bench::Victim> channels;   ///< that might be used
  std::vector<std::string> unpowered;    ///< links whose power is not known
  std::vector<std::string> intolerant;   ///< that listen, and nobody said what they tolerate
  bench::Filters filters;
  std::optional<double> aboard_m, station_m;  ///< between the antennas; empty: nobody said

  std::optional<double> apart_m(const bench::Victim& victim) const { return victim.at_station ? station_m : aboard_m; }
};
Scene sceneOf(const Judged& what);

/// One way in which something sent disturbs something that listens.
struct Disturbance {
  std::size_t victim = 0;
  std::string from;                         ///< names of what sends
  std::optional<bench::Product> product;    ///< else beside it
  bench::BesideKind beside = bench::BesideKind::InBand;
  double at_mhz = 0;
  bench::Isolation isolation;
};
/// At the same end, where the antennas' distance is known; the worst first. What disturbs several bands of the satellite
/// receiver in one way is told of the worst.
std::vector<Disturbance> disturbancesOf(const Scene& scene);
/// Something is sent where something else listens, at this end.
bool meets(const Scene& scene, bool at_station);

}  // namespace distanz::records
