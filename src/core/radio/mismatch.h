#pragma once

namespace distanz::radio {

/// What the reflection of a wave at an antenna costs. |Gamma| from 0 (all accepted) to 1 (all sent back).
/// Source: D. M. Pozar, Microwave Engineering, 4th ed. (2012), section 2.3.

/// |Gamma| = (s - 1) / (s + 1). @param vswr s, >= 1; infinite gives 1. @throws DomainError
double reflection(double vswr);

/// s = (1 + |Gamma|) / (1 - |Gamma|); infinite where all comes back. @param reflection |Gamma|, >= 0
/// @return NaN above 1, where no standing-wave ratio exists
double vswr(double reflection);

/// -20 log10 |Gamma|, dB; infinite without reflection, negative above 1. @param reflection >= 0
double returnLoss_db(double reflection);

/// Share of the power that goes in: 1 - |Gamma|^2; 0 where nothing does. @param reflection >= 0
double acceptedShare(double reflection);

/// What the rest costs: -10 log10(1 - |Gamma|^2), dB; infinite where nothing goes in. @param reflection >= 0
double mismatchLoss_db(double reflection);

}  // namespace distanz::radio
