#include "core/log/channel.h"

#include <algorithm>

#include "core/log/recording.h"

namespace distanz::log {
namespace {

using quantity::Unit;

constexpr bool kOfLink = true, kOfFlight = false;

constexpr ChannelInfo kChannels[] = {
    {channel::kLatitude, kOfFlight, Unit::Degree, "lat|latitude", "[ms]|[s]|[us]"},
    {channel::kLongitude, kOfFlight, Unit::Degree, "lon|lng|long|longitude"},
    // What the aircraft sends back: told apart from the control link itself.
    {.name = "down_snr_db", .of_link = kOfLink, .unit = Unit::Decibel, .names = "down snr"},
    {.name = "down_rssi_dbm", .of_link = kOfLink, .unit = Unit::Dbm, .names = "down rssi|down signal"},
    {.name = "down_lq_pct", .of_link = kOfLink, .unit = Unit::Percent, .names = "down lq|down quality"},
    {.name = "snr_db",
     .of_link = kOfLink,
     .unit = Unit::Decibel,
     .names = "snr|signal noise",
     .lane = 12,
     .lane_at_first = false},
    {channel::kPower, kOfLink, Unit::Milliwatt,
     "power [mW]|power [dBm]|power tx|power transmit|power transmitter|power rf|power output",
     "rx|receiver|received|receive|signal|battery|batt|bat|vbat|motor|motors|supply|consumption|electrical|cell|pack", true, false, 9, false},
    {.name = channel::kRssi,
     .of_link = kOfLink,
     .unit = Unit::Dbm,
     .names = "rssi|signal strength|signal level|signal power|signal [dBm]|level [dBm]|level received|strength received|power received|power rx [dBm]|power receiver [dBm]",
     .not_names = "noise|floor",
     .lane = 46},
    {.name = channel::kQuality,
     .of_link = kOfLink,
     .unit = Unit::Percent,
     .names = "lq|quality",
     .not_names = "gnss|gps|fix|picture",
     .lane = 18,
     .low = 0,
     .high = 104,
     .rule = "quality"},
    {.name = channel::kBitrate,
     .of_link = kOfLink,
     .unit = Unit::MegabitPerSecond,
     .names = "bitrate|throughput|bit rate|bits rate|data rate|speed data|speed bit",
     .of_video = true,
     .lane = 17,
     .rule = "bitrate"},
    {.name = "delay_ms",
     .of_link = kOfLink,
     .unit = Unit::Millisecond,
     .names = "delay|latency|lat [ms]",
     .of_video = true,
     .lane = 11,
     .lane_at_first = false},
    {channel::kRate, kOfLink, Unit::Hertz, "rate packet|frequency packet|speed packet|rate [Hz]", "loss|lost|error", true},
    {channel::kMode, kOfLink, Unit::None, "mode rf|mode radio|mode link|mode packet|mode air", "", true},
    {channel::kFrequency, kOfLink, Unit::Megahertz, "frequency|freq", "[Hz]", true},
    {channel::kFrames, kOfLink, Unit::None, "frame counter|frame count|frames counter|picture counter|frames decoded|frames received|frame number", "lost|dropped", true, true},
    {.name = "picture",
     .of_link = kOfLink,
     .unit = Unit::None,
     .names = "picture",
     .not_names = "[%]|frame|frames|count|counter|number|file|name|id|size|lost",
     .in_steps = true,
     .of_video = true,
     .lane = 8,
     .lane_at_first = false,
     .rule = "picture"},
    {.name = channel::kLevel,
     .of_link = kOfLink,
     .unit = Unit::None,
     .names = "bars|signal",
     .not_names = "gps|gnss|satellites|noise|lost|loss|fail|failsafe|state|status|time",
     .lane = 40,
     .rule = "scale"},
    {"fades_a", kOfLink, Unit::None, "fades a", "", true},
    {"time_s", kOfFlight, Unit::Second, "time|timestamp|elapsed|clock|t|ts|datetime|epoch|unix|utc|millis|seconds|secs"},
    {"date", kOfFlight, Unit::None, "date|data", "rate", true},
    {channel::kSlant, kOfFlight, Unit::Metre, "distance slant|distance 3d|dist 3d|range slant|distance los"},
    {channel::kAlong, kOfFlight, Unit::Metre, "chainage|distance along|distance path|dist path|distance track|bahnmeter|wegmarke"},
    {channel::kTravelled, kOfFlight, Unit::Metre, "distance travelled|distance total|dist total|distance flown|distance trip|trip|odometer|strecke travelled"},
    {channel::kDistance, kOfFlight, Unit::Metre, "distance|dist|d [m]", "signal|noise|travelled|total|trip|flown"},
    {channel::kPost, kOfFlight, Unit::None, "post|marker", "", true},
    {"altitude_msl_m", kOfFlight, Unit::Metre,
     "height msl|height amsl|height sea|alt msl|alt amsl|alt sea|altitude msl|altitude amsl|altitude sea|altitude nn|altitude nhn|altitude npm"},
    {channel::kHeight, kOfFlight, Unit::Metre, "height|alt|altitude|h [m]"},
    {channel::kSpeed, kOfFlight, Unit::MetrePerSecond, "speed|groundspeed", "wind|vertical|air|climb|x|y|z|n|e|d|north|east|down|up|lateral|limit|max|maximum|wanted|target"},
    {"heading_deg", kOfFlight, Unit::Degree, "heading|yaw|course|cap [deg]|cap [°]"},
    {"roll_deg", kOfFlight, Unit::Degree, "roll", "rssi|rate"},
    {"pitch_deg", kOfFlight, Unit::Degree, "pitch", "rate"},
    {"satellites", kOfFlight, Unit::None, "satellites|sats|sat|nsat|numsat", "", true},
    {"battery_v", kOfFlight, Unit::Volt, "voltage|vbat|volts|volt|battery [V]|battery [mV]|bat [V]|bat [mV]|batt [V]|pack [V]"},
    {"used_mah", kOfFlight, Unit::MilliampereHour, "[mAh]|[Ah]|used charge"},
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
