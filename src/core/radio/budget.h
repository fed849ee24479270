#pragma once
#include <vector>

namespace distanz::radio {

/// What goes into one link's budget. Gains in dBi, losses in dB (>= 0 attenuates).
struct LinkEnds {
  double power_dbm = 0;
  double tx_gain_dbi = 0;
  double rx_gain_dbi = 0;
  double tx_loss_db = 0;  ///< cable
  double rx_loss_db = 0;
  double tx_filter_db = 0;
  double rx_filter_db = 0;
  double polarisation_db = 0;  ///< between both antennas
  double pointing_db = 0;      ///< by both antennas
  double tx_mismatch_db = 0;  ///< sent back by the antenna; 0 where its gain was measured with it
  double rx_mismatch_db = 0;
};

struct Budget {
  double eirp_dbm = 0;
  double path_loss_db = 0;
  double received_dbm = 0;
};

/// EIRP = Pt - Lct - Lfilter - Lmismatch + Gt, in dBm.
double eirp_dbm(const LinkEnds& ends);

/// Pr = EIRP - L(path) - Lpol - Lpoint + Gr - Lmismatch - Lfilter - Lcr. @param path_loss_db finite. @throws
/// DomainError where a number is not finite.
Budget linkBudget(const LinkEnds& ends, double path_loss_db);

/// One step of the way from transmitter to receiver.
struct BudgetTerm {
  const char* what;  ///< "power", "tx-cable", "tx-filter", "tx-mismatch", "tx-antenna", "path",
                     ///< "polarisation", "pointing", "rx-antenna", "rx-mismatch", "rx-filter", "rx-cable"
  double change_db = 0;  ///< gains count up; of the first, the power itself in dBm
  double level_dbm = 0;  ///< behind it
};
/// In the order in which the signal runs: behind "tx-antenna" stands the EIRP, behind the last what is
/// received. @throws DomainError as linkBudget()
std::vector<BudgetTerm> budgetTerms(const LinkEnds& ends, double path_loss_db);

}  // namespace distanz::radio
