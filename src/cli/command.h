#pragma once
#include <filesystem>
#include <functional>
#include <iosfwd>
#include <map>
#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <string>
#include <vector>

/// Each command is a function of its options and its streams, so that a test starts no process.
namespace distanz::cli {

using json = nlohmann::ordered_json;  // what is printed keeps its order

struct Io {
  std::ostream& out;
  std::ostream& err;
};

struct AnalyseOptions {
  std::filesystem::path campaign;
  bool json = false;
  bool details = false;  ///< also legs, reduced power, what limits each setup
  unsigned threads = 0;
};
void analyseCommand(const AnalyseOptions& options, Io io);

struct PlaceOptions {
  std::filesystem::path campaign;
  std::string run, like;
  std::vector<std::string> marks;
  std::string method;  ///< empty: as it is
  bool take = false, clear = false;
};

struct ImportOptions {
  std::filesystem::path campaign;
  std::vector<std::filesystem::path> logs;
  std::string setup;
  std::string ended;
  std::string flight;
  std::vector<std::string> maps;  ///< CHANNEL=COLUMN
  std::vector<std::string> with;  ///< LOG or LOG@SECONDS: further logs of the same flight
  bool split = false;             ///< each flight of a log becomes a run
  std::string method;                 ///< how it was flown; empty: along the path
  std::vector<std::string> marks;     ///< TIME=PLACE
  std::string reduced;                ///< "20 dB", "control 20 dB; video 1/30"
  int antenna = 0;                    ///< that counts alone; 0: the best of all
};
void importCommand(const ImportOptions& options, Io io);
void placeCommand(const PlaceOptions& options, Io io);

struct NewOptions {
  std::filesystem::path campaign;
  std::string compare = "both";  ///< "control", "video" or "both"
  std::string title;             ///< empty: the file's name
};
/// Makes a campaign file; never in place of one that is there.
void newCommand(const NewOptions& options, Io io);

struct PurgeOptions {
  std::filesystem::path campaign;
};
void purgeCommand(const PurgeOptions& options, Io io);

struct ConvertOptions {
  std::filesystem::path from, to;
  std::vector<std::string> maps;     ///< of a log
  std::vector<std::string> without;  ///< of a campaign: what stays behind
};
void convertCommand(const ConvertOptions& options, Io io);

struct InspectOptions {
  std::filesystem::path log;
  bool json = false;
  std::vector<std::string> maps;
};
void inspectCommand(const InspectOptions& options, Io io);

struct AlignOptions {
  std::filesystem::path log, other;
  std::vector<std::string> maps;
  bool json = false;
};
void alignCommand(const AlignOptions& options, Io io);

struct SimulateOptions {
  std::filesystem::path scenario, out;
  std::uint64_t seed = 1;
};
void simulateCommand(const SimulateOptions& options, Io io);

struct LinkOptions {
  /// As typed; none where an option was not given.
  std::optional<std::string> frequency, distance, power, tx_gain, rx_gain, tx_loss, rx_loss, tx_filter,
      rx_filter, tx_vswr, rx_vswr, polarisation, pointing, tx_height, rx_height, exponent, reference, sensitivity, eirp_limit, tx_size, rx_size, duty, reflection, bandwidth, noise_figure, snr;
  bool json = false;
};
void linkCommand(const LinkOptions& options, Io io);

struct BenchOptions {
  std::string kind;
  std::vector<std::string> files;  ///< or ROLE=FILE
  std::vector<std::string> set;    ///< KEY=VALUE
  std::vector<std::string> at;     ///< frequencies
  std::optional<std::string> vswr;
  bool json = false;
};
void benchCommand(const BenchOptions& options, Io io);

struct LiveOptions {
  std::filesystem::path campaign, log;
  std::string setup;
  std::optional<double> heading_off_deg;
  bool json = false;
};
void liveCommand(const LiveOptions& options, Io io);

struct PlanOptions {
  std::filesystem::path campaign;
  bool json = false;
  std::filesystem::path out;   ///< station, path, posts, segments and limits are written there
  std::filesystem::path take;  ///< they are taken from there into the campaign file
  std::vector<std::filesystem::path> layers;  ///< rasters and maps that the campaign file is to keep
};
void planCommand(const PlanOptions& options, Io io);

/// Null where there is none, or none that is finite.
json orNull(const std::optional<double>& value);

/// JSON as text, whatever its strings hold: UTF-8, and harmless on a terminal.
std::string printed(json value);

/// "CHANNEL=COLUMN" texts as a map. @throws InputError for one without "="
std::map<std::string, std::string> parseMaps(const std::vector<std::string>& maps);

/// The whole program but for the process: 0 done, 1 input refused (one line on err), 2 usage.
int run(const std::vector<std::string>& arguments, Io io);

}  // namespace distanz::cli
