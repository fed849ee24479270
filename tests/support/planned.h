#pragma once
#include "core/campaign/kit.h"

namespace distanz::test {

/// One setup on one link over a planned path of 3 km.
inline campaign::Campaign planned() {
  campaign::Campaign c;
  c.station.place({46.91, 20.96});
  campaign::editFirstPath(c).points = {{c.station.position().value(), 60},
                                       {course::destination(c.station.position().value(), {3000, 54}), 60}};
  campaign::Link link;
  link.id = "control";
  link.sensitivity_dbm = -108;
  c.links = {link};
  campaign::Setup a;
  a.id = "A";
  c.setups = {a};
  campaign::setValueAt(c, "A", "control", campaign::kTransmitPower, 20);
  campaign::setValueAt(c, "A", "control", campaign::kTransmitGain, 0);
  campaign::setValueAt(c, "A", "control", campaign::kReceiveGain, 0);
  return c;
}

}  // namespace distanz::test
