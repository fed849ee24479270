#include "core/analysis/reduce/reference.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/campaign/kit.h"
#include "core/quantity/decibel.h"

namespace distanz::analysis {
namespace {

std::vector<double> heldPower(const std::vector<double>& time_s, const std::vector<double>& power_mw) {
  std::vector<double> out(time_s.size());
  HeldPower held;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    held.take(time_s[i], power_mw[i]);
    out[i] = held.at(time_s[i]);
  }
  return out;
}

void addTo(std::vector<double>& sums, std::size_t rows, double value) {
  if (sums.empty()) sums.assign(rows, 0.0);
  for (double& s : sums) s += value;
}

/// Refers every row to one power. A log with one power close to the kit's is left as it is.
void referPower(const log::Recording& r, const std::vector<double>& power_mw, std::optional<double> kit_dbm,
                Reference& out) {
  std::vector<double> dbm = heldPower(r.time_s, power_mw);
  PowerUse& use = out.power;
  use.low_dbm = INFINITY;
  use.high_dbm = -INFINITY;
  for (double p : dbm)
    if (std::isfinite(p)) {
      use.low_dbm = std::min(use.low_dbm, p);
      use.high_dbm = std::max(use.high_dbm, p);
    }
  use.recorded = use.high_dbm >= use.low_dbm;
  if (!use.recorded) return;
  use.changed = use.high_dbm > use.low_dbm;
  use.kit_known = kit_dbm.has_value();
  use.reference_dbm = kit_dbm.value_or(use.high_dbm);
  const auto far = [&](double p) { return std::abs(p - use.reference_dbm) > kPowerTolerance_db; };
  if (!use.changed && !far(use.high_dbm)) return;
  if (!use.changed)
    std::fill(dbm.begin(), dbm.end(), use.high_dbm);  // gaps in a power that never changed hide nothing
  if (out.signal_db.empty()) out.signal_db.assign(r.rows(), 0.0);
  const double one = 1 / static_cast<double>(r.rows());
  for (std::size_t i = 0; i < r.rows(); ++i) {
    out.signal_db[i] += use.reference_dbm - dbm[i];
    use.unknown_share += std::isfinite(dbm[i]) ? 0 : one;
    use.referred_share += std::isfinite(dbm[i]) && far(dbm[i]) ? one : 0;
  }
}

/// How much less than the link's own sensitivity a mode needs; NaN where the kit does not say.
double modeOffset(const campaign::Link& link, double mode) {
  for (const campaign::ModeSensitivity& m : link.modes)
    if (m.mode == mode) return *campaign::sensitivityOf(link) - m.sensitivity_dbm;
  return NAN;
}

/// The run as a whole is told in the most sensitive mode it held, for that is where its range ends; a level
/// held against quality belongs to the mode of its own row.
void referMode(const log::Recording& r, const std::vector<double>& modes, const campaign::Link& link,
               Reference& out) {
  std::map<double, double> lasted_s;
  for (std::size_t i = 0; i + 1 < r.rows(); ++i)
    if (std::isfinite(modes[i])) lasted_s[modes[i]] += r.time_s[i + 1] - r.time_s[i];
  ModeUse& use = out.mode;
  for (const auto& [mode, seconds] : lasted_s)
    if (seconds >= kModeHeld_s) use.held.push_back(mode);
  use.recorded = !use.held.empty();
  if (!use.recorded || link.modes.empty()) return;
  std::optional<double> best;
  for (double mode : use.held) {
    const double offset = modeOffset(link, mode);
    if (std::isfinite(offset))
      best = std::max(best.value_or(offset), offset);
    else
      use.without_sensitivity = true;
  }
  use.offset_db = best.value_or(0);
  if (use.offset_db != 0) addTo(out.signal_db, r.rows(), use.offset_db);
  std::vector<double> own(r.rows(), 0.0);
  bool any = false;
  double last = use.offset_db;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    const double offset = modeOffset(link, modes[i]);
    if (std::isfinite(offset)) last = offset;
    own[i] = last;
    any = any || last != 0;
  }
  if (any) out.quality_db = std::move(own);
}

}  // namespace

void HeldPower::take(double time_s, double power_mw) {
  if (!std::isfinite(power_mw)) return;
  m_dbm = power_mw > 0 ? quantity::dbmFromMilliwatt(power_mw) : NAN;
  m_since_s = time_s;
}

double HeldPower::at(double time_s) const {
  return time_s - m_since_s <= kHoldPower_s ? m_dbm : NAN;
}

const std::vector<double>* modeColumn(const log::Recording& r, const std::string& link) {
  const auto* mode = r.find(log::linkChannel(link, log::channel::kMode));
  return mode ? mode : r.find(log::linkChannel(link, log::channel::kRate));
}

Reference referenceOf(const campaign::Campaign& campaign, const campaign::Run& run,
                      const campaign::Link& link, const log::Recording& recording) {
  Reference out;
  const campaign::SetupLink* kit = campaign::findEnds(campaign, run.setup, link.id);
  if (const auto reduced = run.reduced_db.find(link.id); reduced != run.reduced_db.end()) {
    out.reduced_db = reduced->second;
    addTo(out.signal_db, recording.rows(), out.reduced_db);
  }
  const auto* power = recording.find(log::linkChannel(link.id, log::channel::kPower));
  // At reduced power the log may show either figure: the pilot's own says what was done, only changes in
  // flight are taken out.
  if (power)
    referPower(recording, *power,
               kit && out.reduced_db == 0 ? campaign::valueAt(campaign, *kit, campaign::kTransmitPower)
                                          : std::nullopt,
               out);
  out.power_unknown = kit && kit->automatic_power && !out.power.recorded;
  if (const auto* modes = modeColumn(recording, link.id)) referMode(recording, *modes, link, out);
  return out;
}

}  // namespace distanz::analysis
