#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <ostream>

#include "cli/command.h"
#include "cli/log_campaign.h"
#include "cli/said.h"
#include "core/finding/error.h"
#include "core/log/channel.h"
#include "core/log/flights.h"
#include "core/log/marks.h"
#include "core/log/run_facts.h"
#include "formats/column_guess.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::cli {

namespace {

struct ColumnSeen {
  std::size_t samples = 0;
  double min = INFINITY, max = -INFINITY;
};

ColumnSeen seen(const std::vector<double>& values) {
  ColumnSeen s;
  for (double v : values)
    if (std::isfinite(v)) {
      ++s.samples;
      s.min = std::min(s.min, v);
      s.max = std::max(s.max, v);
    }
  return s;
}

json channelJson(const formats::ColumnMatch& match, const std::string& channel,
                 const std::vector<double>& values) {
  const ColumnSeen s = seen(values);
  return {{"channel", channel},
          {"column", match.header},
          {"unit", match.unit.empty() ? formats::canonicalUnit(channel) : match.unit},
          {"samples", s.samples},
          {"min", s.samples ? json(s.min) : json(nullptr)},
          {"max", s.samples ? json(s.max) : json(nullptr)}};
}

/// One entry per channel of the recording, in the order of the log's columns.
json channels(const std::vector<formats::ColumnMatch>& matches, const log::Recording& r) {
  json out = json::array();
  for (const formats::ColumnMatch& m : matches) {
    if (m.channel == "time_s") out.push_back(channelJson(m, m.channel, r.time_s));
    const bool both = m.kind == formats::FieldKind::LatLon;
    for (const std::string& channel :
         both ? std::vector<std::string>{"lat_deg", "lon_deg"} : std::vector<std::string>{m.channel})
      if (const auto* values = r.find(channel)) out.push_back(channelJson(m, channel, *values));
    if (log::nameWithoutLink(m.channel) != log::channel::kLevel || r.find(m.channel)) continue;
    // Numbers that turned out to be dBm without their sign.
    const std::string signal = log::linkChannel(m.channel.substr(0, m.channel.find('.')), log::channel::kRssi);
    const bool other = std::any_of(matches.begin(), matches.end(), [&](const auto& o) { return o.channel == signal; });
    if (const auto* values = r.find(signal); values && !other) out.push_back(channelJson(m, signal, *values));
  }
  return out;
}

/// What else a log tells where it has a distance of its own: its flights, and what happened on the way; or why it cannot be
/// placed, as an import says it.
struct Told {
  std::vector<log::FlightPart> flights;
  std::vector<Finding> facts, faults;
};
Told toldBy(const log::Recording& recording) {
  if (log::isByPosts(recording) || (!log::isUnplaced(recording) && !recording.find(log::channel::kDistance))) return {};
  try {
    const log::Track track = log::trackOf(recording, nullptr);
    return {log::flightParts(recording, track.distance_m), log::runFacts(recording, track, campaign::linkIds(logCampaign())), {}};
  } catch (const Error& e) {
    return {{}, {}, {e.found}};  // what an import would be refused for
  }
}

void addTold(json& out, const Told& told) {
  out["flights"] = out["facts"] = json::array();
  for (const log::FlightPart& f : told.flights)
    out["flights"].push_back({{"from_s", f.from_s}, {"to_s", f.to_s}, {"farthest_m", f.farthest_m}});
  for (const Finding& f : told.facts)
    out["facts"].push_back({{"code", f.code}, {"text", words::sentence(f).toStdString()}});
}

json guessesJson(const std::vector<formats::ColumnMatch>& guesses) {
  json out = json::array();
  for (const formats::ColumnMatch& g : guesses) out.push_back({{"channel", g.channel}, {"column", g.header}});
  return out;
}

}  // namespace

std::string fromColumn(const json& c) {
  const auto text = [&](const char* key) { return QString::fromStdString(c[key].get<std::string>()); };
  return QCoreApplication::translate("cli", "from \"%1\" [%2], %3 samples, %4 to %5 %6")
      .arg(text("column"), text("unit"))
      .arg(c["samples"].get<std::size_t>())
      .arg(QString::fromStdString(c["min"].dump()), QString::fromStdString(c["max"].dump()),
           QString::fromStdString(formats::canonicalUnit(c["channel"].get<std::string>())))
      .toStdString();
}

void inspectCommand(const InspectOptions& options, Io io) {
  const LogLookedAt log = lookAt(options.log, options.maps);
  const log::Recording& r = log.read.recording;
  json out = {{"format", log.format},
              {"rows", log.read.rows},
              {"span_s", r.time_s.back() - r.time_s.front()},
              {"channels", channels(log.matches, r)},
              {"faults", json::array()}};
  const Told told = toldBy(r);
  addTold(out, told);
  std::vector<Finding> faults = log.read.problems;
  faults.insert(faults.end(), told.faults.begin(), told.faults.end());
  if (const auto lacking = log::fixesLacking(r)) faults.push_back(*lacking);
  for (const Finding& p : faults)
    out["faults"].push_back({{"code", p.code}, {"line", p.line}, {"text", words::sentence(p).toStdString()}});
  out["guesses"] = guessesJson(formats::guessColumns(log.head, logCampaign().links, log.matches));
  if (options.json) {
    io.out << printed(out) << "\n";
    return;
  }
  io.out << Cli::tr("%1: %2 rows, %3")
                .arg(QString::fromStdString(options.log.string()))
                .arg(out["rows"].get<std::size_t>())
                .arg(words::quantity(out["span_s"].get<double>(), quantity::Unit::Second, 1))
                .toStdString()
         << "\n";
  for (const json& c : out["channels"])
    io.out << fmt::format("  {:<24} {}\n", c["channel"].get<std::string>(), fromColumn(c));
  for (std::size_t i = 0; out["flights"].size() > 1 && i < out["flights"].size(); ++i) {
    const json& f = out["flights"][i];
    io.out << "  " << words::sentence(finding("flight-of-log", {{"number", i + 1},
                                                               {"from", f["from_s"].get<double>(), quantity::Unit::Second},
                                                               {"to", f["to_s"].get<double>(), quantity::Unit::Second},
                                                               {"farthest", f["farthest_m"].get<double>(), quantity::Unit::Metre}}))
                          .toStdString()
           << "\n";
  }
  for (const json& f : out["facts"]) io.out << "  " << f["text"].get<std::string>() << "\n";
  for (const json& g : out["guesses"]) {
    const QString channel = QString::fromStdString(g["channel"]), column = QString::fromStdString(g["column"]);
    io.out << Cli::tr("  perhaps %1 is \"%2\", by its values; if so: --map \"%1=%2\"").arg(channel, column).toStdString() << "\n";
  }
  for (const Finding& f : faults) io.out << faultText(f) << "\n";
}

}  // namespace distanz::cli
