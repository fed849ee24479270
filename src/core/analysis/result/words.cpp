#include "core/analysis/result/words.h"

namespace distanz::analysis {

std::string word(Status status) {
  switch (status) {
    case Status::Measured:
      return "measured";
    case Status::Extrapolated:
      return "extrapolated";
    case Status::AtLeast:
      return "at-least";
    case Status::Withheld:
      return "withheld";
  }
  return {};
}

std::string word(Basis basis) {
  switch (basis) {
    case Basis::Signal:
      return "signal";
    case Basis::Quality:
      return "quality";
    case Basis::Reach:
      return "reach";
  }
  return {};
}

std::string word(estimate::Verdict verdict) {
  switch (verdict) {
    case estimate::Verdict::ABetter:
      return "a-better";
    case estimate::Verdict::BBetter:
      return "b-better";
    case estimate::Verdict::NoPracticalDifference:
      return "no-practical-difference";
    case estimate::Verdict::Undecided:
      return "undecided";
  }
  return {};
}

}  // namespace distanz::analysis
