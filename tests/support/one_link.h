#pragma once
#include "core/campaign/campaign.h"

namespace distanz::test {

/// A campaign with nothing but one control link.
inline campaign::Campaign oneLink() {
  campaign::Campaign c;
  c.links.resize(1);
  c.links[0].id = "control";
  return c;
}

}  // namespace distanz::test
