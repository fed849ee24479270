#pragma once
#include <vector>

namespace distanz::bench {

/// The never-falling sequence nearest to given values (least weighted squares): pool adjacent violators.
/// Source: R. E. Barlow et al., Statistical Inference under Order Restrictions (1972), section 1.2.
/// @param weight as many, > 0; empty: all alike @throws DomainError
std::vector<double> neverFalling(const std::vector<double>& value, const std::vector<double>& weight = {});

}  // namespace distanz::bench
