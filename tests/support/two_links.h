#pragma once
#include "core/campaign/campaign.h"

namespace distanz::test {

/// With one control and one video link, and nothing else: what a log is read against.
inline campaign::Campaign controlAndVideo() {
  campaign::Campaign c;
  c.links.resize(2);
  c.links[0].id = "control";
  c.links[1].id = "video";
  c.links[1].kind = campaign::LinkKind::Video;
  return c;
}

}  // namespace distanz::test
