// Simulation study of the estimator against known truth: coverage [CAMPAIGNS] prints a table in Markdown.
#include "support/coverage.h"

#include <fmt/format.h>

#include <cstdlib>
#include <iostream>

int main(int argc, char** argv) {
  using namespace distanz;
  const int campaigns = argc > 1 ? std::atoi(argv[1]) : 500;
  std::cout << "| flights per setup | true ratio | campaigns | typical | dependable | difference | ratio | median bias of typical | mean "
               "bias of difference | called better | wrong "
               "winner |\n|---|---|---|---|---|---|---|---|---|---|---|\n";
  for (const int flights : {2, 3, 5})
    for (const double ratio : {1.0, 1.25}) {
      const double db = 27 * std::log10(ratio);
      const test::Coverage c = test::coverage(campaigns, flights, 100000 + static_cast<std::uint64_t>(flights) * 10000, db);
      std::cout << fmt::format(
                       "| {} | {:.2f} | {} | {:.1f} % | {:.1f} % | {:.1f} % | {:.1f} % | {:+.1f} % | {:+.2f} dB | {:.1f} % | {:.1f} % |\n",
                       flights, ratio, campaigns, 100 * c.typical, 100 * c.dependable, 100 * c.delta, 100 * c.ratio, 100 * c.typical_bias,
                       c.delta_bias_db, 100 * c.called_better, 100 * c.wrong_winner)
                << std::flush;
    }
}
