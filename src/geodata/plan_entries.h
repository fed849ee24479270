#pragma once
#include <map>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "geodata/geodata.h"

/// What writers and reader of plan files share; inside of geodata.
namespace distanz::geodata {

/// One thing of a plan, as every format has it.
struct PlanEntry {
  std::string what;  ///< "station", "path", "post", "segment"
  std::string name;
  std::vector<Vertex> points;                ///< heights above sea level
  std::map<std::string, std::string> facts;  ///< as they are kept, by their key: "along_m", "heights_m"
};

/// Mark of ours among the facts of a thing.
constexpr const char* kWhat = "distanz";

std::vector<PlanEntry> entriesOf(const campaign::Campaign& campaign);
/// Puts what entries say into the campaign. @throws InputError for numbers that are none
void applyEntries(const std::vector<PlanEntry>& entries, campaign::Campaign& campaign);

std::string planCsv(const std::vector<PlanEntry>& entries);
/// Nothing where the text is not of planCsv(). @throws InputError for a row that cannot be read
std::vector<PlanEntry> entriesOfCsv(const std::string& bytes, const std::string& name);

}  // namespace distanz::geodata
