#include "formats/named_values.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <fmt/format.h>

using namespace distanz::formats;

namespace {

/// "Alt=12.5[m] lq=98[%]": what a text names.
std::string named(std::string_view text) {
  std::vector<NamedValue> values;
  addNamedValues(text, values);
  std::string out;
  for (const NamedValue& v : values) {
    if (!out.empty()) out += ' ';
    out += std::string(v.name) + "=" + std::string(v.text);
    if (!v.unit.empty()) out += "[" + std::string(v.unit) + "]";
  }
  return out;
}

}  // namespace

TEST_CASE("named values: any order, with colons, equals signs or nothing but a number behind the name") {
  CHECK(named("Alt: 12.5 m, Link quality: 98 %") == "Alt=12.5[m] Link quality=98[%]");
  CHECK(named("t=1.5 rssi=-71 lq=98") == "t=1.5 rssi=-71 lq=98");
  CHECK(named("rssi=-71dBm;lq=98%;bitrate=25.3Mbps") == "rssi=-71[dBm] lq=98[%] bitrate=25.3[Mbps]");
  CHECK(named("[sats: 12] [alt: -1.300 speed: 4.2m/s]") == "sats=12 alt=-1.300 speed=4.2[m/s]");
  CHECK(named("D 12.3m, H -4.0m") == "D=12.3[m] H=-4.0[m]");
  CHECK(named("<font size=\"28\">FrameCnt: 7, Delay:28ms</font>") == "FrameCnt=7 Delay=28[ms]");
  CHECK(named("RSSI -50dBm | LQ 99% | 25.1 Mbit/s | 28 ms | D 40m") == "RSSI=-50[dBm] LQ=99[%] bitrate=25.1[Mbit/s] D=40[m]");
  CHECK(named("GPS (46.91, 20.96, 12) Volt:16.1V") == "GPS=46.91, 20.96 Volt=16.1[V]");
  CHECK(named("pos=46.910000,20.960000 rssi:-80") == "pos=46.910000,20.960000 rssi=-80");
  CHECK(named("2026-11-24 06:31:02.123\nrssi: -80") == "datetime=2026-11-24 06:31:02.123 rssi=-80");
  CHECK(named("time=06:31:02.25 mode=fast n=1e-3") == "time=06:31:02.25 mode=fast n=1e-3");
  CHECK(named("alt 50.3m speed: 12.8 m/s RSSI 2: -70 vbat 1.5 n: 3") == "alt=50.3[m] speed=12.8[m/s] RSSI 2=-70 vbat=1.5 n=3");
  CHECK(named("t=1 x[31mrssi=-60 q=2") == "t=1 q=2");  // what no name can be does not take the next with it
  CHECK(named("RSSI -60dBm LQ 99 % D 30m H -4 m sats 12") == "RSSI=-60[dBm] LQ=99[%] D=30[m] H=-4[m] sats=12");
  CHECK(named("RSSI 2 -60dBm, RSSI 1 -70 dBm") == "RSSI 2=-60[dBm] RSSI 1=-70[dBm]");
  CHECK(named("[2026-11-24 14:03:22.250] INFO telemetry: rssi:-60 dBm, lq = 99 %") == "datetime=2026-11-24 14:03:22.250 rssi=-60[dBm] lq=99[%]");
  CHECK(named("mode: fast rate: 50 Hz") == "mode=fast rate=50[Hz]");
  CHECK(named("Höhe: 3,5 m Temp: 20 °C") == "Höhe=3,5[m] Temp=20[°C]");
}

TEST_CASE("named values: what names nothing gives nothing, and hostile text ends") {
  CHECK(named("").empty());
  CHECK(named("just words, and more words").empty());
  CHECK(named("12, 13, 14").empty());
  CHECK(named("06:31:02").empty());
  CHECK(named("::::====((((").empty());
  CHECK(named("x ..5") == "");
  CHECK(named("x -+.5 --.1 +-.2") == "");
  CHECK(named("<unclosed rssi: -80").empty());
  CHECK(named(std::string(1'000'000, ':')).empty());  // took its length squared
  CHECK(named(std::string(1'000'000, ' ')).empty());
  CHECK(named(std::string(300'000, ':') + " rssi=-70") == "rssi=-70");
  std::string many;
  for (int i = 0; i < 10'000; ++i) many += "a" + fmt::to_string(i) + "=1 ";
  std::vector<NamedValue> values;
  addNamedValues(many, values);
  CHECK(values.size() == kMostColumns);
  CHECK(values.front().name == "a0");
  CHECK(values.back().name == "a" + fmt::to_string(kMostColumns - 1));
  CHECK(std::all_of(values.begin(), values.end(), [](const NamedValue& v) { return v.text == "1" && v.unit.empty(); }));
}
