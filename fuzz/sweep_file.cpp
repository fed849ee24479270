// Any bytes become a sweep whose frequencies rise, or are refused; what was read is written and read back
// alike.
#include "formats/bench/sweep_file.h"

#include <algorithm>
#include <cmath>

#include "core/bench/sweep.h"
#include "harness.h"

using namespace distanz;

DISTANZ_FUZZ(data) {
  for (const char* name : {"a.s1p", "a.s2p", "a.csv"}) {
    formats::SweepRead read;
    if (!fuzz::survives([&] { read = formats::readSweep(data, name); })) continue;
    const bench::Sweep& s = read.sweep;
    fuzz::require(!s.s11.empty() && s.s11.size() == s.frequency_mhz.size(), "a reflection at each frequency");
    fuzz::require(std::adjacent_find(s.frequency_mhz.begin(), s.frequency_mhz.end(),
                                     std::greater_equal<>()) == s.frequency_mhz.end(),
                  "frequencies rise");
    for (const auto& v : s.s11) fuzz::require(std::isfinite(v.real()) && std::isfinite(v.imag()), "numbers");
    const double middle = s.frequency_mhz[s.frequency_mhz.size() / 2];
    fuzz::require(bench::matchAt(s, middle).has_value(), "a match where it was swept");
    bench::bandsBelow(s, 2);
    bench::resonances(s);
    bench::gripMove(s, s, 0, 1e9);
    const formats::SweepRead back = formats::readTouchstone(formats::writeTouchstone(s));
    fuzz::require(back.sweep.s11 == s.s11 && back.sweep.frequency_mhz == s.frequency_mhz,
                  "written and read back");
  }
}
