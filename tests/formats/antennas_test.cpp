// Several antennas or receivers in one log: told apart, the best of them, or one alone.
#include <catch2/catch.hpp>

#include "core/finding/error.h"
#include "formats/antennas.h"
#include "formats/log_import.h"
#include "support/two_links.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

std::vector<ColumnMatch> matched(std::vector<std::string> header, const std::map<std::string, std::string>& corrections = {}) {
  TableHead head;
  head.header = std::move(header);
  return matchColumns(head, test::controlAndVideo().links, corrections);
}

}  // namespace

TEST_CASE("antennas: told apart by their number, however it is written") {
  using Headers = std::vector<std::string>;
  const Headers headers = GENERATE(Headers{"time", "1RSS(dB)", "2RSS(dB)", "RQly(%)"}, Headers{"time", "RSSI ant 1 [dBm]", "RSSI ant 2 [dBm]", "lq"},
                                   Headers{"time", "RX1 RSSI [dBm]", "RX2 RSSI [dBm]", "LQ"}, Headers{"time", "rssi1 [dBm]", "rssi2 [dBm]", "lq"},
                                   Headers{"time", "RSSI A [dBm]", "RSSI B [dBm]", "lq"}, Headers{"time", "rssi_a [dBm]", "rssi_b [dBm]", "lq"},
                                   Headers{"time", "RX 1 signal [dBm]", "RX 2 signal [dBm]", "lq"}, Headers{"time", "receiver1 rssi [dBm]", "receiver2 rssi [dBm]", "quality [%]"});
  CAPTURE(headers[1]);
  const auto matches = matched(headers);
  CHECK(antennasOf(matches) == std::vector<int>{1, 2});
  const auto second = onlyAntenna(matches, 2);
  CHECK(second.at("control.rssi_dbm") == headers[2]);
  CHECK(second.at("control.lq_pct").empty());  // of both together
  const auto alone = matched(headers, second);
  REQUIRE(std::count_if(alone.begin(), alone.end(), [](const ColumnMatch& m) { return m.channel == "control.rssi_dbm"; }) == 1);
  CHECK(std::any_of(alone.begin(), alone.end(), [&](const ColumnMatch& m) { return m.header == headers[2]; }));
  CHECK_THROWS_AS(onlyAntenna(matches, 3), InputError);
}

TEST_CASE("antennas: one column is not several, and what was set on the link stays with each") {
  CHECK(antennasOf(matched({"time", "rssi1 [dBm]", "lq"})).empty());
  CHECK(antennasOf(matched({"time", "rssi [dBm]", "lq"})).empty());
  CHECK_THROWS_AS(onlyAntenna(matched({"time", "rssi [dBm]", "lq"}), 1), InputError);
  const auto first = onlyAntenna(matched({"time", "1RSS(dB)", "2RSS(dB)", "1SNR(dB)", "2SNR(dB)", "TPWR(mW)", "bitrate [Mbit/s]"}), 1,
                                 {{"height_m", ""}});
  CHECK(first.at("control.rssi_dbm") == "1RSS(dB)");
  CHECK(first.at("control.snr_db") == "1SNR(dB)");
  CHECK(first.at("height_m").empty());
  CHECK_FALSE(first.contains("control.power_mw"));
  CHECK_FALSE(first.contains("video.bitrate_mbps"));
}

TEST_CASE("antennas: an antenna that lacks a channel leaves it out; one with its own quality keeps it") {
  const auto matches = matched({"time", "rssi1 [dBm]", "rssi2 [dBm]", "rssi3 [dBm]", "lq1 [%]", "lq2 [%]"});
  CHECK(antennasOf(matches) == std::vector<int>{1, 2, 3});
  CHECK(onlyAntenna(matches, 2).at("control.lq_pct") == "lq2 [%]");
  CHECK(onlyAntenna(matches, 3).at("control.lq_pct").empty());
}

TEST_CASE("antennas: a choice for one run of several is not remembered for the next log, any other is") {
  campaign::Campaign c = test::controlAndVideo();
  c.runs.resize(2);
  TableHead head;
  head.header = {"time", "rssi1 [dBm]", "rssi2 [dBm]"};
  for (std::size_t i = 0; i < 2; ++i) {
    c.runs[i].id = i ? "B1" : "A1";
    c.runs[i].editSource().sha256 = "same";
    c.runs[i].editSource().columns = onlyAntenna(matched(head.header), int(i) + 1);
  }
  CHECK(rememberedCorrections(c, head).run.empty());
  c.runs.pop_back();
  CHECK(rememberedCorrections(c, head).run == "A1");
}
