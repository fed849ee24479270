#pragma once
#include <algorithm>
#include <catch2/catch.hpp>

#include "core/records/record_result.h"

/// Records under test.
namespace distanz::test {

/// A campaign with a video link at 5.8 GHz and one antenna.
inline campaign::Campaign oneChannel() {
  campaign::Campaign c;
  c.plan_exponent = 2.5;
  c.links.resize(1);
  c.links[0].id = "video";
  c.links[0].frequency_mhz = 5800;
  c.parts.resize(1);
  c.parts[0].id = "p1";
  c.parts[0].name = "Print patch";
  return c;
}

inline bool has(const records::RecordResult& result, const std::string& code) {
  return std::any_of(result.findings.begin(), result.findings.end(),
                     [&](const Finding& f) { return f.code == code; });
}

inline const records::Figure& figure(const records::RecordResult& result, const std::string& what) {
  const auto found = std::find_if(result.figures.begin(), result.figures.end(),
                                  [&](const records::Figure& f) { return f.what == what; });
  INFO("figure " << what);
  REQUIRE(found != result.figures.end());
  return *found;
}

}  // namespace distanz::test
