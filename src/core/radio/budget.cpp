#include "core/radio/budget.h"

#include "core/finding/error.h"

namespace distanz::radio {

double eirp_dbm(const LinkEnds& ends) {
  requireFinite(ends.power_dbm, "power_dbm");
  requireFinite(ends.tx_gain_dbi, "tx_gain_dbi");
  requireFinite(ends.tx_loss_db, "tx_loss_db");
  return ends.power_dbm - ends.tx_loss_db + ends.tx_gain_dbi;
}

Budget linkBudget(const LinkEnds& ends, double path_loss_db) {
  requireFinite(path_loss_db, "path_loss_db");
  requireFinite(ends.rx_gain_dbi, "rx_gain_dbi");
  requireFinite(ends.rx_loss_db, "rx_loss_db");
  const double eirp = eirp_dbm(ends);
  return {eirp, path_loss_db, eirp - path_loss_db + ends.rx_gain_dbi - ends.rx_loss_db};
}

}  // namespace distanz::radio
