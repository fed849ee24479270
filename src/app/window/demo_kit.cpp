#include "app/window/demo_kit.h"

#include <map>

namespace distanz::app {
namespace {

using campaign::Mount;
using campaign::MountPlace;
using campaign::SetupLink;

class DemoKit {
 public:
  explicit DemoKit(campaign::Campaign& c) : m_campaign(c) {}

  /// Names the part in a slot of a setup and says what it is. A part of several setups is named once.
  void part(const char* setup, const char* link, std::string SetupLink::*slot, const char* name,
            const std::map<std::string, std::string>& traits = {},
            const std::map<std::string, double>& assumed = {}) {
    campaign::Setup* s = campaign::findSetup(m_campaign, setup);
    if (!s || !s->links.contains(link)) return;
    for (campaign::Part& p : m_campaign.parts)
      if (p.id == s->links[link].*slot && p.name.empty()) {
        p.name = name;
        p.traits = traits;
        for (const auto& [key, value] : assumed)
          p.values[key] = {.value = value, .origin = campaign::Origin::Assumed};
      }
  }

  void everywhere(const char* link, std::string SetupLink::*slot, const char* name,
                  const std::map<std::string, std::string>& traits = {}) {
    std::string first;
    for (campaign::Setup& s : m_campaign.setups) {
      if (!s.links.contains(link)) continue;
      std::string& ref = s.links[link].*slot;
      const campaign::Part *one = campaign::findPart(m_campaign, first),
                           *other = campaign::findPart(m_campaign, ref);
      if (one && other && one->values == other->values) {  // the very same thing
        std::erase_if(m_campaign.parts, [&](const campaign::Part& p) { return p.id == ref && ref != first; });
        ref = first;
        continue;
      }
      first = ref;
      part(s.id.c_str(), link, slot, name, traits);
    }
  }

  void mount(const char* link, const Mount& mount) {
    for (campaign::Setup& s : m_campaign.setups)
      if (s.links.contains(link)) s.links[link].mount = mount;
  }

  void points(const char* link) {
    for (campaign::Setup& s : m_campaign.setups)
      if (s.links.contains(link)) s.links[link].pointing = campaign::Pointing::Fixed;
  }

 private:
  campaign::Campaign& m_campaign;
};

}  // namespace

void nameDemoKit(campaign::Campaign& c) {
  DemoKit kit(c);
  kit.part("A", "video", &SetupLink::rx_antenna, "Print patch, 5.8 GHz",
           {{"shape", "patch"}, {"hand", "right"}});
  kit.part("B", "video", &SetupLink::rx_antenna, "Six-turn helix", {{"shape", "helix"}, {"hand", "right"}},
           {{"turns", 6}, {"pitch_deg", 12.5}});
  kit.part("C", "video", &SetupLink::rx_antenna, "Stub, 5.8 GHz",
           {{"shape", "circular-omni"}, {"hand", "right"}});
  kit.part("A", "control", &SetupLink::tx_antenna, "Print patch, 2.4 GHz",
           {{"shape", "patch"}, {"hand", "linear"}});
  kit.part("B", "control", &SetupLink::tx_antenna, "Six-element beam",
           {{"shape", "yagi"}, {"hand", "linear"}});
  kit.part("C", "control", &SetupLink::tx_antenna, "Stub, 2.4 GHz",
           {{"shape", "dipole"}, {"hand", "linear"}});
  kit.everywhere("video", &SetupLink::tx_antenna, "Tail lobes",
                 {{"shape", "circular-omni"}, {"hand", "right"}});
  kit.everywhere("control", &SetupLink::rx_antenna, "Skid whisker",
                 {{"shape", "dipole"}, {"hand", "linear"}});
  kit.everywhere("video", &SetupLink::transmitter, "Video transmitter");
  kit.everywhere("control", &SetupLink::transmitter, "Hand transmitter");
  kit.part("C", "video", &SetupLink::rx_cable, "Short cable");
  kit.part("C", "control", &SetupLink::tx_cable, "Short cable, 2.4 GHz");
  kit.everywhere("video", &SetupLink::rx_cable, "Mast cable");
  kit.everywhere("control", &SetupLink::tx_cable, "Mast cable, 2.4 GHz");
  kit.mount("video", {.place = MountPlace::Tail, .azimuth_deg = {}, .elevation_deg = 90});
  kit.mount("control",
            {.place = MountPlace::Bottom, .azimuth_deg = 180, .elevation_deg = 60, .near_battery = true});
  kit.points("video");
  kit.points("control");
}

}  // namespace distanz::app
