#pragma once
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/bench/attenuator.h"
#include "core/bench/spectrum.h"
#include "core/bench/sweep.h"
#include "core/campaign/campaign.h"
#include "core/finding/finding.h"

/// Joins records of the campaign with the computations of core/bench: what a record says, as data.
namespace distanz::records {

/// A file of a record, read.
struct FileData {
  std::string role, file;
  std::optional<bench::Sweep> sweep;
  std::vector<bench::Trace> traces;
};

/// What a record is judged with.
struct Judged {
  const campaign::Campaign& campaign;
  const campaign::Record& record;
  std::span<const FileData> files = {};
  std::optional<bench::Spread> exponent = {};  ///< as flights of the campaign have fitted it; else the plan's
  std::optional<double> range_m =
      {};  ///< that its setup, or setups with its part, reach now: what losses are told of
};

/// A number that the record says.
struct Figure {
  std::string what;  ///< a term of words/phrases, without "figure-": "vswr"
  Measure value;
  std::optional<Measure> at = {};  ///< of what: a frequency, an angle
  std::string of = {};             ///< of what, in the pilot's words: a setting, a channel
  bool decides = false;            ///< one of the two or three that decide
};

struct Curve {
  std::string name;  ///< in the pilot's words, or a role
  std::vector<double> x, y;
  bool line = true;  ///< else dots
};

/// What the result looks like. Polar: x is an angle in degrees, 0 up, clockwise; y goes outward. Plane: x and
/// y are the parts of a complex number.
/// Directions of a polar drawing that belong together, clockwise from one angle to another.
struct Sector {
  double from_deg, to_deg;
  std::string name;  ///< a role: "path", "blind", "shade"
};

struct Plot {
  enum class Kind { Graph, Polar, Plane } kind = Kind::Graph;
  std::string x, y;  ///< terms: "axis-frequency"
  quantity::Unit x_unit{}, y_unit{};
  std::vector<Curve> curves;
  std::vector<Measure> marks;   ///< on x: channels
  std::vector<Measure> levels;  ///< on y: limits
  std::vector<Sector> sectors = {};
  bool empty() const { return curves.empty(); }
};

/// A number that a part may take over.
struct Offer {
  std::string part, key;
  double value = 0;
};

struct RecordResult {
  std::vector<Figure> figures;
  std::vector<Finding> findings;  ///< what it means, the most important first; then what was odd
  Plot plot;
  std::vector<Plot> more;  ///< other ways to look at it
  std::vector<Offer> offers;
};

/// Offers are those that the part can take. @throws nothing: what cannot be told is a finding
RecordResult judge(const Judged& what);

/// The campaign once parts have taken over what a record offers, as measured by it.
campaign::Campaign withOffers(const campaign::Campaign& campaign, const std::string& record,
                              const std::vector<Offer>& offers);

/// Frequencies of the record's link, or of all links, in MHz.
std::vector<double> channelsOf(const Judged& what);
/// The exponent that distances are told with.
bench::Spread exponentOf(const Judged& what);
/// Share of range that a loss costs, in percent.
double rangeLost_pct(const Judged& what, double loss_db);

}  // namespace distanz::records
