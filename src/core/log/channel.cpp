#include "core/log/channel.h"

#include <algorithm>

#include "core/log/recording.h"

namespace distanz::log {
namespace {

using quantity::Unit;

constexpr bool kOfLink = true, kOfFlight = false;

constexpr ChannelInfo kChannels[] = {
    {channel::kLatitude, kOfFlight, Unit::Degree, "lat|latitude"},
    {channel::kLongitude, kOfFlight, Unit::Degree, "lon|lng|long|longitude"},
    {.name = "snr_db",
     .of_link = kOfLink,
     .unit = Unit::Decibel,
     .names = "snr",
     .lane = 12,
     .lane_at_first = false},
    {channel::kPower, kOfLink, Unit::Milliwatt,
     "power [mW]|power [dBm]|power tx|power transmit|power transmitter|power vtx|power rf|power output",
     "battery|batt|bat|vbat|motor|motors|supply|consumption|electrical|cell|pack", true},
    {.name = channel::kRssi,
     .of_link = kOfLink,
     .unit = Unit::Dbm,
     .names = "rssi|signal strength|signal level|signal [dBm]",
     .lane = 46},
    {.name = channel::kQuality,
     .of_link = kOfLink,
     .unit = Unit::Percent,
     .names = "lq|quality",
     .not_names = "gnss|gps|fix",
     .lane = 18,
     .low = 0,
     .high = 104,
     .rule = "quality"},
    {.name = channel::kBitrate,
     .of_link = kOfLink,
     .unit = Unit::MegabitPerSecond,
     .names = "bitrate|throughput|bit rate|data rate",
     .of_video = true,
     .lane = 17,
     .rule = "bitrate"},
    {.name = "delay_ms",
     .of_link = kOfLink,
     .unit = Unit::Millisecond,
     .names = "delay|latency",
     .of_video = true,
     .lane = 11,
     .lane_at_first = false},
    {channel::kRate, kOfLink, Unit::Hertz, "rate packet|rate [Hz]", "", true},
    {channel::kMode, kOfLink, Unit::None, "mode rf|mode radio|mode link|mode packet|mode air", "", true},
    {channel::kFrequency, kOfLink, Unit::Megahertz, "frequency|freq", "[Hz]", true},
    {"level", kOfLink, Unit::None, "bars"},
    {"fades_a", kOfLink, Unit::None, "fades a", "", true},
    {"time_s", kOfFlight, Unit::Second, "time|timestamp|elapsed|clock|t|datetime"},
    {"date", kOfFlight, Unit::None, "date", "", true},
    {channel::kDistance, kOfFlight, Unit::Metre, "distance|dist", "travelled|traveled|total|trip|flown"},
    {"altitude_msl_m", kOfFlight, Unit::Metre,
     "height msl|height amsl|height sea|alt msl|alt amsl|alt sea|altitude msl|altitude amsl|altitude sea"},
    {channel::kHeight, kOfFlight, Unit::Metre, "height|alt|altitude"},
    {channel::kSpeed, kOfFlight, Unit::MetrePerSecond, "speed|groundspeed", "wind"},
    {"heading_deg", kOfFlight, Unit::Degree, "heading|yaw"},
    {"satellites", kOfFlight, Unit::None, "satellites|sats|sat", "", true},
    {"battery_v", kOfFlight, Unit::Volt, "voltage|vbat|battery [V]|battery [mV]"},
    {"used_mah", kOfFlight, Unit::MilliampereHour, "[mAh]|[Ah]"},
    {"current_a", kOfFlight, Unit::Ampere, "current"},
};

}  // namespace

std::span<const ChannelInfo> channels() {
  return kChannels;
}

const std::vector<const ChannelInfo*>& laneChannels() {
  static const std::vector<const ChannelInfo*> kLanes = [] {
    std::vector<const ChannelInfo*> out;
    for (const ChannelInfo& c : kChannels)
      if (c.of_link && c.lane > 0) out.push_back(&c);
    std::stable_sort(out.begin(), out.end(), [](const auto* a, const auto* b) { return a->lane > b->lane; });
    return out;
  }();
  return kLanes;
}

std::string_view nameWithoutLink(std::string_view channel) {
  return channel.substr(channel.find_last_of('.') + 1);
}

const ChannelInfo* channelInfo(std::string_view channel) {
  const bool of_link = channel.find('.') != std::string_view::npos;
  const std::string_view name = nameWithoutLink(channel);
  const auto found = std::find_if(std::begin(kChannels), std::end(kChannels), [&](const ChannelInfo& c) {
    return c.of_link == of_link && c.name == name;
  });
  return found == std::end(kChannels) ? nullptr : found;
}

}  // namespace distanz::log
