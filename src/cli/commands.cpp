#include <fmt/format.h>

#include <CLI/CLI.hpp>
#include <charconv>
#include <cmath>
#include <nlohmann/json.hpp>
#include <ostream>
#include <sstream>

#include "cli/command.h"
#include "cli/said.h"
#include "core/finding/error.h"
#include "core/text/text.h"
#include "words/language.h"
#include "words/say.h"
#include "words/style.h"

namespace distanz::cli {
namespace {

using Action = std::function<void()>;

std::string said(const char* text) {
  return Cli::tr(text).toStdString();
}

void addAnalyse(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<AnalyseOptions>();
  CLI::App* c = app.add_subcommand(
      "analyse", said(QT_TRANSLATE_NOOP("cli", "Ranges, comparisons and warnings of a campaign")));
  c->add_option("CAMPAIGN", options->campaign,
                said(QT_TRANSLATE_NOOP("cli", "a .distanz file or an interchange folder")))
      ->required();
  c->add_flag("--json", options->json, said(QT_TRANSLATE_NOOP("cli", "one JSON object on standard output")));
  c->add_flag("--details", options->details,
              said(QT_TRANSLATE_NOOP(
                  "cli", "with --json: also limits, legs, reduced power and paired flights")));
  c->add_option("--threads", options->threads,
                said(QT_TRANSLATE_NOOP("cli", "number of threads; the answer is the same")));
  c->callback([&action, options, io] { action = [options, io] { analyseCommand(*options, io); }; });
}

void addImport(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<ImportOptions>();
  CLI::App* c = app.add_subcommand(
      "import", said(QT_TRANSLATE_NOOP("cli", "Import logs into a campaign file, all of them or none")));
  c->add_option("CAMPAIGN", options->campaign, said(QT_TRANSLATE_NOOP("cli", "a .distanz file")))->required();
  c->add_option("LOG", options->logs, said(QT_TRANSLATE_NOOP("cli", "logs to import")))->required();
  c->add_option("--setup", options->setup, said(QT_TRANSLATE_NOOP("cli", "id of the setup that was flown")))
      ->required();
  c->add_option("--ended", options->ended,
                said(QT_TRANSLATE_NOOP("cli", "why the runs ended, e.g. turned-back")));
  c->add_option("--flight", options->flight,
                said(QT_TRANSLATE_NOOP("cli", "name of the flight, for logs recorded at the same time")));
  c->add_option("--map", options->maps,
                said(QT_TRANSLATE_NOOP("cli", "CHANNEL=COLUMN, matches a column by hand")));
  c->add_option("--with", options->with,
                said(QT_TRANSLATE_NOOP("cli", "LOG or LOG@SECONDS, another log of the flight: matched by its clock, or SECONDS after the first")));
  c->add_option("--antenna", options->antenna,
                said(QT_TRANSLATE_NOOP("cli", "number of one antenna or receiver to count alone; with --flight its runs are compared within the flight")));
  c->add_flag("--split", options->split, said(QT_TRANSLATE_NOOP("cli", "each flight that a log holds becomes a run of its own")));
  c->add_option("--method", options->method,
                said(QT_TRANSLATE_NOOP("cli", "how it was flown: path-flight, or course (counts in named sections only, may lack positions)")));
  c->add_option("--reduced", options->reduced,
                said(QT_TRANSLATE_NOOP("cli", "power below the setup's own, as on a range check: 20dB, 1/30, or \"control 20dB; video 10dB\"")));
  c->add_option("--mark", options->marks,
                said(QT_TRANSLATE_NOOP("cli", "TIME=PLACE, time at a post or a distance along the path: 3:27=4, 95=450m")));
  c->callback([&action, options, io] { action = [options, io] { importCommand(*options, io); }; });
}

void addNew(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<NewOptions>();
  CLI::App* c = app.add_subcommand("new", said(QT_TRANSLATE_NOOP("cli", "Make a campaign file")));
  c->add_option("CAMPAIGN", options->campaign, said(QT_TRANSLATE_NOOP("cli", "a new .distanz file")))->required();
  c->add_option("--compare", options->compare, said(QT_TRANSLATE_NOOP("cli", "what is compared: control, video or both links")))
      ->check(CLI::IsMember({"control", "video", "both"}));
  c->add_option("--title", options->title, said(QT_TRANSLATE_NOOP("cli", "title of the campaign; without it the file's name")));
  c->callback([&action, options, io] { action = [options, io] { newCommand(*options, io); }; });
}

void addPlace(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<PlaceOptions>();
  CLI::App* c = app.add_subcommand("place", said(QT_TRANSLATE_NOOP("cli", "Place a run that has no positions")));
  c->add_option("CAMPAIGN", options->campaign, said(QT_TRANSLATE_NOOP("cli", "a .distanz file")))->required();
  c->add_option("RUN", options->run, said(QT_TRANSLATE_NOOP("cli", "id of the run")))->required();
  c->add_option("--mark", options->marks,
                said(QT_TRANSLATE_NOOP("cli", "TIME=PLACE, time at a post or a distance along the path: 3:27=4, 95=450m")));
  auto* like = c->add_option("--like", options->like, said(QT_TRANSLATE_NOOP("cli", "id of a placed run over the same course to take places from")));
  c->add_flag("--take", options->take, said(QT_TRANSLATE_NOOP("cli", "with --like: keep the places found, if the match is clear")))
      ->needs(like);
  c->add_flag("--clear", options->clear, said(QT_TRANSLATE_NOOP("cli", "remove its marks")));
  c->add_option("--method", options->method, said(QT_TRANSLATE_NOOP("cli", "how it was flown: path-flight or course")));
  c->callback([&action, options, io] { action = [options, io] { placeCommand(*options, io); }; });
}

void addPurge(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<PurgeOptions>();
  CLI::App* c = app.add_subcommand(
      "purge", "Remove logs that neither a run nor undo speaks of, and give their room back");
  c->add_option("CAMPAIGN", options->campaign, said(QT_TRANSLATE_NOOP("cli", "a .distanz file")))->required();
  c->callback([&action, options, io] { action = [options, io] { purgeCommand(*options, io); }; });
}

void addConvert(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<ConvertOptions>();
  CLI::App* c = app.add_subcommand(
      "convert", "Between campaign file and interchange folder, and logs to CSV, GPX, KML or GeoJSON");
  c->add_option("FROM", options->from)->required();
  c->add_option("TO", options->to)->required();
  c->add_option("--map", options->maps,
                said(QT_TRANSLATE_NOOP("cli", "CHANNEL=COLUMN, matches a column of the log by hand")));
  c->add_option("--without", options->without,
                said(QT_TRANSLATE_NOOP("cli", "leave out of a campaign: places (moved elsewhere, distances stay), photos (what the camera stored in them), words (notes and names)")))
      ->delimiter(',')
      ->check(CLI::IsMember({"places", "photos", "words"}));
  c->callback([&action, options, io] { action = [options, io] { convertCommand(*options, io); }; });
}

void addInspect(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<InspectOptions>();
  CLI::App* c = app.add_subcommand(
      "inspect", said(QT_TRANSLATE_NOOP("cli", "What a log holds: format, channels, span, faults")));
  c->add_option("LOG", options->log)->required();
  c->add_flag("--json", options->json, said(QT_TRANSLATE_NOOP("cli", "one JSON object on standard output")));
  c->add_option("--map", options->maps,
                said(QT_TRANSLATE_NOOP("cli", "CHANNEL=COLUMN, matches a column by hand")));
  c->callback([&action, options, io] { action = [options, io] { inspectCommand(*options, io); }; });
}

void addAlign(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<AlignOptions>();
  CLI::App* c = app.add_subcommand(
      "align", said(QT_TRANSLATE_NOOP("cli", "Match the clock of another log of the same flight")));
  c->add_option("LOG", options->log)->required();
  c->add_option("OTHER", options->other)->required();
  c->add_option("--map", options->maps,
                said(QT_TRANSLATE_NOOP("cli", "CHANNEL=COLUMN, matches a column by hand")));
  c->add_flag("--json", options->json, said(QT_TRANSLATE_NOOP("cli", "one JSON object on standard output")));
  c->callback([&action, options, io] { action = [options, io] { alignCommand(*options, io); }; });
}

void addSimulate(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<SimulateOptions>();
  CLI::App* c = app.add_subcommand(
      "simulate",
      said(QT_TRANSLATE_NOOP("cli", "Fly a scenario in simulation and write an interchange folder")));
  c->add_option("SCENARIO", options->scenario, said(QT_TRANSLATE_NOOP("cli", "scenario as JSON")))
      ->required();
  c->add_option("--out", options->out, said(QT_TRANSLATE_NOOP("cli", "folder to write, new or empty")))
      ->required();
  c->add_option("--seed", options->seed, said(QT_TRANSLATE_NOOP("cli", "same seed, same flights")));
  c->callback([&action, options, io] { action = [options, io] { simulateCommand(*options, io); }; });
}

void addLink(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<LinkOptions>();
  CLI::App* c = app.add_subcommand(
      "link", said(QT_TRANSLATE_NOOP("cli", "Link budget and path loss for given numbers")));
  c->add_option("--frequency", options->frequency, said(QT_TRANSLATE_NOOP("cli", "e.g. 5.8GHz")))->required();
  c->add_option("--distance", options->distance, said(QT_TRANSLATE_NOOP("cli", "e.g. 1km")))->required();
  c->add_option("--power", options->power, said(QT_TRANSLATE_NOOP("cli", "e.g. 25mW")))->required();
  c->add_option("--tx-gain", options->tx_gain, said(QT_TRANSLATE_NOOP("cli", "e.g. 2dBi")));
  c->add_option("--rx-gain", options->rx_gain, said(QT_TRANSLATE_NOOP("cli", "e.g. 8dBi")));
  c->add_option("--tx-loss", options->tx_loss, said(QT_TRANSLATE_NOOP("cli", "e.g. 0.5dB")));
  c->add_option("--rx-loss", options->rx_loss, said(QT_TRANSLATE_NOOP("cli", "e.g. 0.5dB")));
  c->add_option("--tx-filter", options->tx_filter, said(QT_TRANSLATE_NOOP("cli", "e.g. 0.5dB")));
  c->add_option("--rx-filter", options->rx_filter, said(QT_TRANSLATE_NOOP("cli", "e.g. 0.5dB")));
  c->add_option("--tx-vswr", options->tx_vswr,
                said(QT_TRANSLATE_NOOP("cli", "of the transmit antenna, e.g. 1.8")));
  c->add_option("--rx-vswr", options->rx_vswr,
                said(QT_TRANSLATE_NOOP("cli", "of the receive antenna, e.g. 1.8")));
  c->add_option("--polarisation", options->polarisation,
                said(QT_TRANSLATE_NOOP("cli", "loss between both antennas, e.g. 3dB")));
  c->add_option("--pointing", options->pointing,
                said(QT_TRANSLATE_NOOP("cli", "pointing loss, e.g. 1dB")));
  c->add_option("--sensitivity", options->sensitivity,
                said(QT_TRANSLATE_NOOP("cli", "of the receiver, e.g. -108dBm: gives the margin")));
  c->add_option("--eirp-limit", options->eirp_limit,
                said(QT_TRANSLATE_NOOP("cli", "limit where you fly, e.g. 25mW")));
  c->add_option("--tx-size", options->tx_size, said(QT_TRANSLATE_NOOP("cli", "largest dimension of the transmit antenna, e.g. 0.3m: for its far field")));
  c->add_option("--rx-size", options->rx_size, said(QT_TRANSLATE_NOOP("cli", "of the receive antenna")));
  c->add_option("--duty", options->duty, said(QT_TRANSLATE_NOOP("cli", "share of time it transmits, e.g. 25%: for the safe distance")));
  c->add_option("--reflection", options->reflection, said(QT_TRANSLATE_NOOP("cli", "power density with reflections over that without, 1 to 4; usual ground 2.56")));
  c->add_option("--bandwidth", options->bandwidth, said(QT_TRANSLATE_NOOP("cli", "of the receiver, e.g. 20MHz: gives its sensitivity with --snr")));
  c->add_option("--noise-figure", options->noise_figure, said(QT_TRANSLATE_NOOP("cli", "of the receiver, 6dB if left out")));
  c->add_option("--snr", options->snr, said(QT_TRANSLATE_NOOP("cli", "SNR that the receiver needs, e.g. 10dB")));
  c->add_option("--tx-height", options->tx_height, said(QT_TRANSLATE_NOOP("cli", "e.g. 60m; with the other height it gives the radio horizon")));
  c->add_option("--rx-height", options->rx_height, said(QT_TRANSLATE_NOOP("cli", "e.g. 2m")));
  c->add_option("--exponent", options->exponent,
                said(QT_TRANSLATE_NOOP("cli", "path-loss exponent, 2 in free space")));
  c->add_option("--reference", options->reference,
                said(QT_TRANSLATE_NOOP("cli", "distance where the exponent begins, 1m")));
  c->add_flag("--json", options->json, said(QT_TRANSLATE_NOOP("cli", "one JSON object on standard output")));
  c->callback([&action, options, io] { action = [options, io] { linkCommand(*options, io); }; });
}

void addBench(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<BenchOptions>();
  CLI::App* c = app.add_subcommand(
      "bench", said(QT_TRANSLATE_NOOP("cli", "Result of a measurement on the bench or on the ground")));
  c->add_option("KIND", options->kind,
                said(QT_TRANSLATE_NOOP("cli",
                                       "sweep, claims, power, signal, turntable, attenuator, trim, "
                                       "polarisation, spectrum, interference, noise, ground, walk, swap or stations")))
      ->required();
  c->add_option("FILE", options->files,
                said(QT_TRANSLATE_NOOP("cli",
                                       "Touchstone or CSV; several sweeps or spectra as ROLE=FILE (bare, covered, before, after, free, held)")));
  c->add_option("--set", options->set,
                said(QT_TRANSLATE_NOOP("cli", "KEY=VALUE, a setting of the measurement, e.g. attenuation=20dB")))
      ->allow_extra_args(false);
  c->add_option("--at", options->at, said(QT_TRANSLATE_NOOP("cli", "a channel, e.g. 5.8GHz; may be repeated")))
      ->allow_extra_args(false);
  c->add_option("--vswr", options->vswr, said(QT_TRANSLATE_NOOP("cli", "VSWR limit of a band, 2")));
  c->add_flag("--json", options->json, said(QT_TRANSLATE_NOOP("cli", "one JSON object on standard output")));
  c->callback([&action, options, io] { action = [options, io] { benchCommand(*options, io); }; });
}

void addPlan(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<PlanOptions>();
  CLI::App* c = app.add_subcommand(
      "plan", said(QT_TRANSLATE_NOOP(
                  "cli", "Prediction, clearance, number and order of flights, battery, limits, pre-flight list")));
  c->add_option("CAMPAIGN", options->campaign,
                said(QT_TRANSLATE_NOOP("cli", "a .distanz file or an interchange folder")))
      ->required();
  auto* json = c->add_flag("--json", options->json, said(QT_TRANSLATE_NOOP("cli", "one JSON object on standard output")));
  auto* out = c->add_option("--out", options->out,
                            said(QT_TRANSLATE_NOOP("cli", "save station, path, posts, sections and limits: .gpx, .kml, .geojson or .csv")));
  auto* take = c->add_option("--take", options->take,
                             said(QT_TRANSLATE_NOOP("cli", "take the path from such a file, or from a log")));
  auto* layers = c->add_option("--layer", options->layers,
                               said(QT_TRANSLATE_NOOP("cli", "terrain or a map to keep in the campaign file; may be repeated")));
  layers->allow_extra_args(false);
  out->excludes(json)->excludes(take)->excludes(layers);
  json->excludes(take)->excludes(layers);
  c->callback([&action, options, io] { action = [options, io] { planCommand(*options, io); }; });
}

void addLive(CLI::App& app, Io io, Action& action) {
  auto options = std::make_shared<LiveOptions>();
  CLI::App* c = app.add_subcommand(
      "live", "Margin now and distance left, from the log of a flight that is still going on");
  c->add_option("CAMPAIGN", options->campaign,
                said(QT_TRANSLATE_NOOP("cli", "earlier flights: a .distanz file or an interchange folder")))
      ->required();
  c->add_option("LOG", options->log, said(QT_TRANSLATE_NOOP("cli", "the flight so far")))->required();
  c->add_option("--setup", options->setup, said(QT_TRANSLATE_NOOP("cli", "id of the setup in the air")))
      ->required();
  c->add_option(
       "--heading-off", options->heading_off_deg,
       said(QT_TRANSLATE_NOOP(
           "cli",
           "degrees between heading and straight outbound; from the track if left out")))
      ->check(CLI::Range(0.0, 180.0));
  c->add_flag("--json", options->json, said(QT_TRANSLATE_NOOP("cli", "one JSON object on standard output")));
  c->callback([&action, options, io] { action = [options, io] { liveCommand(*options, io); }; });
}

std::string oneLine(std::string text) {
  for (char& c : text)
    if (c == '\n' || c == '\r') c = ' ';
  return text;
}

/// How to speak is looked at first: what is said of the other options depends on it.
void speakAsAsked(const std::vector<std::string>& arguments) {
  for (std::size_t i = 0; i + 1 < arguments.size(); ++i)
    if (arguments[i] == "--language") words::speak(QString::fromStdString(arguments[i + 1]));
}

void addSpeech(CLI::App& app) {
  std::vector<std::string> codes;
  for (const words::Language& l : words::languages()) codes.emplace_back(l.code);
  app.add_option_function<std::string>(
         "--language", [](const std::string&) {},  // looked at first, see speakAsAsked()
         said(QT_TRANSLATE_NOOP("cli", "language of the texts; the system's if left out")))
      ->check(CLI::IsMember(codes));
  app.add_option_function<std::string>(
         "--units",
         [](const std::string& units) {
           words::Style style = words::style();
           style.units = units == "imperial" ? words::Units::Imperial : words::Units::Metric;
           words::setStyle(style);
         },
         said(QT_TRANSLATE_NOOP("cli", "metric or imperial, in texts")))
      ->check(CLI::IsMember({"metric", "imperial"}));
  app.add_option_function<std::string>(
         "--power",
         [](const std::string& power) {
           words::Style style = words::style();
           style.power = power == "dBm" ? words::Power::Dbm : words::Power::Milliwatt;
           words::setStyle(style);
         },
         said(QT_TRANSLATE_NOOP("cli", "mW or dBm, in texts")))
      ->check(CLI::IsMember({"mW", "dBm"}));
}

int runPlain(const std::vector<std::string>& arguments, Io io) {
  speakAsAsked(arguments);
  CLI::App app(
      said(QT_TRANSLATE_NOOP("cli", "Distanz: how far each radio setup reaches, and how sure that is")),
      "distanz-cli");
  app.set_version_flag("--version", std::string("distanz-cli ") + DISTANZ_VERSION);
  app.require_subcommand(1);
  app.fallthrough();  // of subcommands, too
  addSpeech(app);
  Action action;
  addNew(app, io, action);
  addAnalyse(app, io, action);
  addImport(app, io, action);
  addPlace(app, io, action);
  addPurge(app, io, action);
  addConvert(app, io, action);
  addInspect(app, io, action);
  addAlign(app, io, action);
  addSimulate(app, io, action);
  addLink(app, io, action);
  addLive(app, io, action);
  addBench(app, io, action);
  addPlan(app, io, action);
  try {
    app.parse(std::vector<std::string>(arguments.rbegin(), arguments.rend()));
  } catch (const CLI::Success& e) {
    app.exit(e, io.out, io.err);
    return 0;
  } catch (const CLI::ParseError& e) {
    app.exit(e, io.out, io.err);
    return 2;
  }
  try {
    action();
    return 0;
  } catch (const std::exception& e) {
    io.err << oneLine(words::sentence(e).toStdString()) << "\n";
    return 1;
  }
}

}  // namespace

std::string faultText(const Finding& fault) {
  const QString text = words::sentence(fault);
  return "  " + (fault.line > 0 ? QCoreApplication::translate("cli", "line %1: %2").arg(fault.line).arg(text) : text).toStdString();
}

std::map<std::string, std::string> parseMaps(const std::vector<std::string>& maps) {
  std::map<std::string, std::string> out;
  for (const std::string& map : maps) {
    const auto equals = map.find('=');
    if (equals == std::string::npos || equals == 0) throw InputError(finding("map-form", {{"text", map}}));
    out[map.substr(0, equals)] = map.substr(equals + 1);
  }
  return out;
}

namespace {

/// Sums of tenths end in noise that nobody measured.
void round(nlohmann::ordered_json& json) {
  if (json.is_number_float() && std::isfinite(json.get<double>())) {
    double rounded = 0;
    const std::string digits = fmt::format("{:.12g}", json.get<double>());
    std::from_chars(digits.data(), digits.data() + digits.size(), rounded);
    json = rounded;
  } else if (json.is_structured()) {
    for (auto& part : json) round(part);
  }
}

}  // namespace

nlohmann::ordered_json orNull(const std::optional<double>& value) {
  return value && std::isfinite(*value) ? nlohmann::ordered_json(*value) : nlohmann::ordered_json(nullptr);
}

std::string printed(json value) {
  round(value);
  return text::jsonForTerminal(value.dump(1, ' ', false, nlohmann::ordered_json::error_handler_t::replace));
}

int run(const std::vector<std::string>& arguments, Io terminal) {
  std::ostringstream out, err;
  const int code = runPlain(arguments, {out, err});
  terminal.out << text::forTerminal(out.str());
  terminal.err << text::forTerminal(err.str());
  terminal.out.flush();
  return code == 0 && !terminal.out ? 1 : code;
}

}  // namespace distanz::cli
