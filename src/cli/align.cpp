#include "core/log/line_up.h"

#include <cmath>
#include <nlohmann/json.hpp>
#include <ostream>

#include "cli/command.h"
#include "cli/log_campaign.h"
#include "cli/said.h"
#include "core/log/channel.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

using quantity::Unit;

}  // namespace

void alignCommand(const AlignOptions& options, Io io) {
  const auto maps = mapsFor({options.log, options.other}, options.maps);
  const log::Recording first = lookAt(options.log, maps[0]).read.recording, other = lookAt(options.other, maps[1]).read.recording;
  const auto fit = log::alignClocks(first, other);
  const double metres = fit ? log::onPath_m(fit->offset_sd_s, first) : NAN;
  if (options.json) {
    json out = {{"aligned", fit.has_value()},
                {"channel", nullptr},
                {"offset_s", nullptr},
                {"offset_sd_s", nullptr},
                {"offset_sd_m", nullptr},
                {"drift_ppm", nullptr},
                {"overlap_s", nullptr},
                {"peak", nullptr},
                {"second", nullptr}};
    if (fit)
      out.update({{"channel", fit->channel},
                  {"offset_s", fit->offset_s},
                  {"offset_sd_s", fit->offset_sd_s},
                  {"offset_sd_m", std::isfinite(metres) ? json(metres) : json(nullptr)},
                  {"drift_ppm", fit->drift_ppm},
                  {"overlap_s", fit->overlap_s},
                  {"peak", fit->peak},
                  {"second", fit->second}});
    io.out << printed(out) << "\n";
    return;
  }
  const Finding told =
      !fit ? finding("clocks-apart")
           : finding("clocks-fit", {{"offset", fit->offset_s, Unit::Second},
                                    {"sd", fit->offset_sd_s, Unit::Second},
                                    {"drift", fit->drift_ppm, Unit::None},
                                    {"channel", Term{"channel-" + std::string(log::nameWithoutLink(fit->channel))}},
                                    {"overlap", fit->overlap_s, Unit::Second}});
  io.out << words::sentence(told).toStdString() << "\n";
}

}  // namespace distanz::cli
