#include "core/radio/budget.h"

#include "core/finding/error.h"

namespace distanz::radio {
namespace {

void addTransmitEnd(const LinkEnds& ends, std::vector<BudgetTerm>& out) {
  out.push_back({"power", ends.power_dbm, ends.power_dbm});
  out.push_back({"tx-cable", -ends.tx_loss_db});
  out.push_back({"tx-filter", -ends.tx_filter_db});
  out.push_back({"tx-mismatch", -ends.tx_mismatch_db});
  out.push_back({"tx-antenna", ends.tx_gain_dbi});
}

void addLevels(std::vector<BudgetTerm>& terms) {
  for (std::size_t i = 0; i < terms.size(); ++i) {
    requireFinite(terms[i].change_db, terms[i].what);
    terms[i].level_dbm = (i == 0 ? 0 : terms[i - 1].level_dbm) + terms[i].change_db;
  }
}

}  // namespace

double eirp_dbm(const LinkEnds& ends) {
  std::vector<BudgetTerm> terms;
  addTransmitEnd(ends, terms);
  addLevels(terms);
  return terms.back().level_dbm;
}

std::vector<BudgetTerm> budgetTerms(const LinkEnds& ends, double path_loss_db) {
  std::vector<BudgetTerm> out;
  addTransmitEnd(ends, out);
  out.push_back({"path", -path_loss_db});
  out.push_back({"polarisation", -ends.polarisation_db});
  out.push_back({"pointing", -ends.pointing_db});
  out.push_back({"rx-antenna", ends.rx_gain_dbi});
  out.push_back({"rx-mismatch", -ends.rx_mismatch_db});
  out.push_back({"rx-filter", -ends.rx_filter_db});
  out.push_back({"rx-cable", -ends.rx_loss_db});
  addLevels(out);
  return out;
}

Budget linkBudget(const LinkEnds& ends, double path_loss_db) {
  return {eirp_dbm(ends), path_loss_db, budgetTerms(ends, path_loss_db).back().level_dbm};
}

}  // namespace distanz::radio
