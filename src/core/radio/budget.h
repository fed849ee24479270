#pragma once

namespace distanz::radio {

/// What goes into one link's budget. Gains in dBi, losses in dB (>= 0 attenuates).
struct LinkEnds {
  double power_dbm = 0;
  double tx_gain_dbi = 0;
  double rx_gain_dbi = 0;
  double tx_loss_db = 0;
  double rx_loss_db = 0;
};

struct Budget {
  double eirp_dbm = 0;
  double path_loss_db = 0;
  double received_dbm = 0;
};

/// EIRP = Pt - Lct + Gt, in dBm.
double eirp_dbm(const LinkEnds& ends);

/// Pr = EIRP - L(path) + Gr - Lcr. @param path_loss_db finite. @throws DomainError where a number is not
/// finite.
Budget linkBudget(const LinkEnds& ends, double path_loss_db);

}  // namespace distanz::radio
