#pragma once
#include <span>
#include <string_view>
#include <vector>

#include "core/finding/finding.h"

/// What one screen may say at once: nothing that contradicts itself, and nothing twice.
namespace distanz {

/// Two findings that do not stand together. Where both were found, one gives way.
struct Exclusion {
  std::string_view stands, gives_way;  ///< codes
  /// Names of arguments that both have and that must be equal for the two to be about one thing, parted by commas; empty:
  /// the codes alone decide.
  std::string_view about = {};
  /// Where more than that decides; null: nothing more.
  bool (*when)(const Finding& stands, const Finding& gives_way) = nullptr;
};

/// The table of them. What stands is what is nearer to danger, or rests on more.
std::span<const Exclusion> exclusions();

/// True where the two must not be shown together.
bool exclude(const Exclusion& rule, const Finding& stands, const Finding& gives_way);

/// What is left of findings that stand together, in their order: without those that give way. What files and machines get.
std::vector<Finding> consistent(const std::vector<Finding>& findings);

/// The same for one screen: those that say the same of several setups or links are one, whose sentence names them all.
std::vector<Finding> settled(const std::vector<Finding>& findings);

}  // namespace distanz
