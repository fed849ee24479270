#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/kit.h"
#include "core/plan/path_model.h"

namespace distanz::plan {

/// One element of the way from the transmitter to the receiver.
struct ChainElement {
  const char* what = "";                 ///< as radio::BudgetTerm
  const campaign::Slot* slot = nullptr;  ///< where its part belongs; null between the antennas
  std::string part = {};                 ///< id; empty where there is none
  bool known = false;                    ///< else its 0 dB stands for nothing said
  campaign::Origin origin = campaign::Origin::Assumed;
  std::string record = {};  ///< that it was measured by
  double change_db = 0;
  double level_dbm = 0;  ///< behind it; NaN where the transmit power is not known, and beyond the path where
                         ///< there is none
};

/// One setup's link as the signal runs along it.
struct Chain {
  std::vector<ChainElement> elements;
  std::optional<double> distance_m;  ///< of the far post
  PathLosses losses;                 ///< what the path to it costs, where there is one
  std::optional<double> eirp_dbm;
  std::optional<double> radiator_m;  ///< largest size of the transmit antenna
  std::optional<double> received_dbm, margin_db;  ///< at the far post
  std::optional<double> critical_dbm;             ///< sensitivity + margin of the rule
  std::optional<double> range_m;                  ///< predicted, under the planned exponent
};

/// @param mast_m of the setup, where it has its own. Elements in the order in which the signal runs, those of every slot even where nothing is in it.
Chain chainOf(const campaign::Campaign& campaign, const campaign::Link& link,
              const campaign::SetupLink& ends, const std::optional<double>& mast_m = {},
              const Sights& sights = {});
/// What a chain gained against another.
struct ChainChange {
  std::vector<std::size_t> elements;  ///< whose dB differ
  double level_db = 0;                ///< at the receiver, path taken alike
  std::optional<double> range_m;      ///< predicted
};
/// None where neither an element nor the range differs.
std::optional<ChainChange> changeBetween(const Chain& before, const Chain& after);

/// What it would do to have another part in a slot.
struct Swap {
  std::string part;
  ChainChange change;
};
/// Other parts of the slot's kind, kMostSwaps at most, the best first.
constexpr std::size_t kMostSwaps = 300;
std::vector<Swap> swapsFor(const campaign::Campaign& campaign, const campaign::Link& link,
                           const campaign::SetupLink& ends, const campaign::Slot& slot,
                           const std::optional<double>& mast_m = {}, const Sights& sights = {});

}  // namespace distanz::plan
