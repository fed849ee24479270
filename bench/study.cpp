// Simulation study of the estimator against known truth: study [CAMPAIGNS [few|pairs]] prints the tables of
// docs/methods/range.md.
#include "support/study.h"

#include <fmt/format.h>

#include <cmath>
#include <cstdlib>
#include <iostream>
#include <string_view>

#include "core/estimate/paired.h"
#include "figures.h"

namespace {

using namespace distanz;

std::string percent(double share) {
  return std::isfinite(share) ? bench::percent(share, 1) + " %" : "–";
}
std::string percent(const test::Share& share) {
  return percent(share.value());
}

std::string signedPercent(const test::Middle& share) {
  return std::isfinite(share.value()) ? bench::percent(share, 1, true) + " %" : "–";
}

void plain(int campaigns) {
  std::cout << "| flights per setup | typical | dependable | difference | ratio | median bias of typical | "
               "of dependable | mean bias of "
               "difference | called "
               "better at equal truth | at a true ratio of 1.25 | wrong winner "
               "|\n|---|---|---|---|---|---|---|---|---|---|---|\n";
  for (const int flights : {2, 3, 5}) {
    const std::uint64_t seed = 100000 + static_cast<std::uint64_t>(flights) * 10000;
    const test::StudyCase which{"plain", flights};
    const test::StudyResult equal = test::study(which, {campaigns, 0, seed}),
                            r = test::study(which, {campaigns, test::decibelsFor(1.25), seed});
    std::cout << fmt::format("| {} | {} | {} | {} | {} | {} | {} | {:+.2f} dB | {} | {} | {} |\n", flights,
                             percent(r.typical), percent(r.dependable), percent(r.delta), percent(r.ratio),
                             signedPercent(r.typical_bias), signedPercent(r.dependable_bias), r.delta_bias_db.value(),
                             percent(equal.called_better), percent(r.called_better), percent(r.wrong_winner))
              << std::flush;
  }
}

void paired(int campaigns) {
  std::cout << "\n| flights with both aboard | difference | ratio | mean width of the difference's interval "
               "| with flights apart | called better "
               "at equal truth | at a true ratio of 1.25 | with flights apart | wrong winner "
               "|\n|---|---|---|---|---|---|---|---|---|\n";
  for (const int flights : {2, 3, 5}) {
    const std::uint64_t seed = 300000 + static_cast<std::uint64_t>(flights) * 10000;
    const double db = test::decibelsFor(1.25);
    const test::StudyResult equal = test::study(test::pairedCase(flights), {campaigns, 0, seed}),
                            r = test::study(test::pairedCase(flights), {campaigns, db, seed}),
                            alone = test::study({"", flights}, {campaigns, db, seed});
    std::cout << fmt::format("| {} | {} | {} | {:.2f} dB | {:.2f} dB | {} | {} | {} | {} |\n", flights,
                             percent(r.delta), percent(r.ratio), r.delta_width_db.value(), alone.delta_width_db.value(),
                             percent(equal.called_better), percent(r.called_better),
                             percent(alone.called_better), percent(r.wrong_winner))
              << std::flush;
  }
}

void hard(int campaigns) {
  std::cout
      << "\n| condition (3 flights per setup) | typical range told | holds | its median bias | told as \"at "
         "least\" | holds | difference "
         "known | holds | called better at equal truth | at a true ratio of 1.25 | wrong winner | warned |\n"
         "|---|---|---|---|---|---|---|---|---|---|---|---|\n";
  for (const test::HardCase& h : test::hardCases()) {
    const test::StudyResult equal = test::study(h.which, {campaigns, 0, 500000, h.warning}),
                            r = test::study(h.which, {campaigns, test::decibelsFor(1.25), 500000, h.warning});
    std::cout << fmt::format("| {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} |\n", h.which.name,
                             percent(r.told), percent(r.typical), signedPercent(r.typical_bias),
                             percent(r.at_least), percent(r.at_least_holds), percent(r.with_delta),
                             percent(r.delta), percent(equal.called_better), percent(r.called_better),
                             percent(r.wrong_winner), h.warning.empty() ? "–" : percent(r.warned))
              << std::flush;
  }
}

void fewReadings(int campaigns) {
  std::cout << "\n| readings | flights each | typical holds | dependable holds | difference holds | ratio holds | median bias of typical | of dependable "
               "| called better at equal truth | at a true ratio of 1.25 | wrong winner |\n|---|---|---|---|---|---|---|---|---|---|---|\n";
  for (const int flights : {3, 5})
    for (const test::StudyCase& which : test::fewReadingsCases(flights)) {
      const test::StudyResult equal = test::study(which, {campaigns, 0, 700000}),
                              r = test::study(which, {campaigns, test::decibelsFor(1.25), 700000});
      std::cout << fmt::format("| {} | {} | {} | {} | {} | {} | {} | {} | {} | {} | {} |\n", which.name, flights, percent(r.typical),
                               percent(r.dependable), percent(r.delta), percent(r.ratio), signedPercent(r.typical_bias),
                               signedPercent(r.dependable_bias), percent(equal.called_better), percent(r.called_better),
                               percent(r.wrong_winner))
                << std::flush;
    }
}

/// How the prior on the spread of paired differences was chosen: flights' differences drawn at a true sd,
/// intervals under each prior.
void pairedPriors(int campaigns) {
  std::cout << "\n| prior sd (4 df), dropped above 1.7 dB | flights |";
  constexpr double kTrueSd_db[] = {0.3, 0.6, 0.9, 1.2, 1.8, 2.5};
  for (double sd : kTrueSd_db) std::cout << fmt::format(" true sd {:.1f} dB: holds | told 2 dB apart |", sd);
  std::cout << "\n|---|---|";
  for (std::size_t i = 0; i < std::size(kTrueSd_db); ++i) std::cout << "---|---|";
  std::cout << "\n";
  for (const double prior : {0.6, 0.8, 1.0, 1.2})
    for (const int flights : {2, 3, 5}) {
      std::cout << fmt::format("| {:.2f} dB | {} |", prior, flights);
      for (double sd : kTrueSd_db) {
        dice::Random random(77);
        int holds = 0, told = 0;
        for (int i = 0; i < 20 * campaigns; ++i) {
          std::vector<estimate::PairedFlight> all;
          for (int f = 0; f < flights; ++f) all.push_back({2 + sd * random.normal(), 50, 0, false});
          const estimate::Interval d =
              estimate::pairedDifference(all, {prior, estimate::defaults::kPairedUnusual_db}).difference_db;
          holds += d.low <= 2 && 2 <= d.high;
          told += d.low > 0;
        }
        std::cout << fmt::format(" {} | {} |", percent(holds / (20.0 * campaigns)),
                                 percent(told / (20.0 * campaigns)));
      }
      std::cout << "\n" << std::flush;
    }
}

}  // namespace

int main(int argc, char** argv) {
  const int campaigns = argc > 1 ? std::atoi(argv[1]) : 1000;
  if (argc > 2) return std::string_view(argv[2]) == "few" ? fewReadings(campaigns) : pairedPriors(campaigns), 0;
  plain(campaigns);
  paired(campaigns);
  pairedPriors(campaigns);
  hard(campaigns);
  fewReadings(campaigns);
}
