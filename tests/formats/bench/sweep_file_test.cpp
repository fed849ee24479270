#include "formats/bench/sweep_file.h"

#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <cmath>
#include <complex>

#include "core/finding/error.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using Complex = std::complex<double>;

namespace {

std::vector<std::string> codes(const SweepRead& read) {
  std::vector<std::string> out;
  for (const Finding& f : read.problems) out.push_back(f.code);
  return out;
}

const Finding* problem(const SweepRead& read, const std::string& code) {
  for (const Finding& f : read.problems)
    if (f.code == code) return &f;
  return nullptr;
}

}  // namespace

TEST_CASE("touchstone: units and number formats say the same thing") {
  const Complex gamma = std::polar(0.5, 0.7);
  const auto db = fmt::format("{}", 20 * std::log10(0.5)), angle = fmt::format("{}", 0.7 * 180 / M_PI);
  for (const std::string& text :
       {"# GHz S MA R 50\n5.8 0.5 " + angle + "\n", "# MHz S DB R 50\n5800 " + db + " " + angle + "\n",
        fmt::format("# kHz S RI R 50\n5.8e6 {} {}\n", gamma.real(), gamma.imag()),
        fmt::format("! made up\n#hz s ri r 50 ! all\n+5800000000\t{} {} ! here\n\n", gamma.real(),
                    gamma.imag())}) {
    CAPTURE(text);
    const SweepRead read = readSweep(text, "a.s1p");
    CHECK(read.problems.empty());
    REQUIRE(read.sweep.s11.size() == 1);
    CHECK_THAT(read.sweep.frequency_mhz[0], WithinAbs(5800, 1e-6));
    CHECK(std::abs(read.sweep.s11[0] - gamma) < 1e-12);
  }
  // Without an option line: GHz, S, MA, 50 ohm.
  CHECK(readTouchstone("1 0.5 0\n").sweep.frequency_mhz[0] == 1000);
}

TEST_CASE("touchstone: impedances and admittances, as each version has them") {
  // 75 ohm on a 50 ohm reference reflect 0.2.
  CHECK(std::abs(readTouchstone("# MHz Z RI R 50\n1 1.5 0\n").sweep.s11[0] - 0.2) < 1e-12);
  CHECK(std::abs(readTouchstone("# MHz Y RI R 50\n1 0.6666666666666666 0\n").sweep.s11[0] - 0.2) < 1e-12);
  CHECK(std::abs(readTouchstone("[Version] 2.0\n# MHz Z RI R 50\n[Number of Ports] 1\n[Reference] "
                                "50\n[Network Data]\n1 75 0\n[End]")
                     .sweep.s11[0] -
                 0.2) < 1e-12);
  CHECK(readTouchstone("# MHz S RI R 75\n1 0.1 0\n").sweep.reference_ohm == 75);
  CHECK_REFUSED(readTouchstone("# MHz H RI R 50\n1 1.5 0\n"), Contains("export S parameters"));
  CHECK_REFUSED(readTouchstone("# MHz S RI R -50\n1 1.5 0\n"), Contains("\"-50\" is not a reference impedance"));
}

TEST_CASE("touchstone: two ports, in both orders, half matrices, noise parameters behind") {
  const SweepRead one = readSweep(
      "# MHz S RI R 50\n1 .1 0 .2 0 .3 0 .4 0\n2 .1 0 .2 0 .3 0 .4 0\n1 1.5 0.3 20 0.1\n1.5 1.5 .3 20 .1\n",
      "x.S2P");
  CHECK(one.sweep.s21[0] == Complex(0.2));
  CHECK(one.sweep.s12[0] == Complex(0.3));
  CHECK(one.sweep.s22[1] == Complex(0.4));
  CHECK(codes(one) == std::vector<std::string>{"touchstone-noise"});
  const std::string head = "[Version] 2.0\n# MHz S RI\n[Number of Ports] 2\n";
  const SweepRead two = readTouchstone(
      head +
      "[Two-Port Data Order] 12_21\n[Number of Frequencies] 1\n[Number of Noise Frequencies] 1\n"
      "[Reference] 50\n75\n[Matrix Format] Full\n[Begin Information]\nanything [here]\n[End Information]\n"
      "[Network Data]\n1 .1 0 .2 0 .3 0 .4 0\n[Noise Data]\n1 2 3 4 5\n[End]\nafter the end\n");
  CHECK(two.sweep.s12[0] == Complex(0.2));
  CHECK(two.sweep.s21[0] == Complex(0.3));
  CHECK(two.sweep.reference2_ohm == 75);
  const SweepRead half = readTouchstone(
      head + "[Two-Port Data Order] 21_12\n[Matrix Format] Lower\n[Network Data]\n1 .1 0 .2 0 .4 0\n");
  CHECK(half.sweep.s12[0] == half.sweep.s21[0]);
  CHECK(half.sweep.s22[0] == Complex(0.4));
}

TEST_CASE("touchstone: version 2 keywords out of order are refused where they stand") {
  const auto refused = [](const std::string& text, const std::string& says) {
    CAPTURE(text);
    CHECK_REFUSED(readTouchstone(text), Contains(says));
  };
  refused("# MHz S RI R 50\n[Version] 2.0\n", "# comes before [Version]");
  refused("[Number of Ports] 1\n", "[Number of Ports] comes before [Version]");
  refused("[Version] 2.0\n[Number of Ports] 1\n[Network Data]\n1 0 0\n", "[Network Data] comes before #");
  refused("[Version] 2.0\n# MHz S RI\n[Network Data]\n1 0 0\n",
          "[Network Data] comes before [Number of Ports]");
  refused("[Version] 2.0\n# MHz S RI\n[Number of Ports] 1\n1 0 0\n", "1 comes before [Network Data]");
  refused("[Version] 2.0\n# MHz S RI\n[Reference] 50\n", "[Reference] comes before [Number of Ports]");
  refused("[Version] 2.0\n# MHz S RI\n[Number of Ports] 2\n[Reference] 50\n[Network Data]\n",
          "\"[Network Data]\" is not a reference");
  refused("[Version] 9\n", "version \"9\"");
  refused("[Version 2.0\n", "is not understood");
  refused("[Version] 2.0\n# MHz S RI\n[Number of Ports] 3\n", "has 3 ports");
  refused("[Version] 2.0\n# MHz S RI\n[Number of Ports] 1\n[Mixed-Mode Order] D2,3\n", "[Mixed-Mode Order]");
  CHECK_REFUSED(readSweep("# MHz S RI R 50\n1 0 0\n", "a.s4p"), Contains("has 4 ports"));
}

TEST_CASE("touchstone: rows that are wrong are left out, and said with their line") {
  const SweepRead read = readTouchstone(
      "# MHz S RI R 50\n10 .1 0\n9 .1 0\n10 .5 0\n11 .1\n12 .1 x\n13 .1 y\n-4 0 0\n14 1e300 0\n15 1.3 0\n16 "
      ".1 0 7\n");
  CHECK(read.sweep.frequency_mhz == std::vector<double>{9, 10, 15});
  CHECK(read.sweep.s11[1] == Complex(0.1));  // the first of both at 10 MHz
  REQUIRE(problem(read, "touchstone-number"));
  CHECK(problem(read, "touchstone-number")->line == 6);
  CHECK_THAT(test::said(*problem(read, "touchstone-number")).text, Contains("\"x\" is not a number"));
  CHECK(problem(read, "touchstone-number")->more.size() == 1);  // one more like it
  CHECK(problem(read, "touchstone-row")->line == 5);
  for (const char* code : {"sweep-frequency", "sweep-implausible", "sweep-unsorted", "sweep-duplicates"})
    CHECK(problem(read, code));
  REQUIRE(problem(read, "sweep-above-1"));
  CHECK_THAT(test::said(*problem(read, "sweep-above-1")).text,
             Contains("1.30 times at 15.0 MHz") && Contains("Calibrate the analyser"));
}

TEST_CASE("touchstone: nothing to read is refused: empty, binary, only comments, a count that is not kept") {
  CHECK_REFUSED(readTouchstone(""), Contains("holds no sweep"));
  CHECK_REFUSED(readTouchstone("! only words\n# MHz S RI R 50\n"), Contains("holds no sweep"));
  CHECK_THROWS_AS(readTouchstone(std::string("# MHz\0\n1 0 0", 12)), InputError);
  CHECK_THROWS_AS(readTouchstone("\xff\xfe#"), InputError);
  CHECK_REFUSED(readTouchstone("# MHz S RI R 50\nabc def\n"), Contains("\"abc\" is not a number"));
  CHECK_REFUSED(readTouchstone("# MHz S QQ R 50\n1 0 0\n"), Contains("\"QQ\""));
  CHECK(readTouchstone("! Gr\xc3\xb6\xc3\x9f"
                       "e \xff\n# MHz S RI R 50\n1 0 0\n")
            .sweep.s11.size() == 1);
  const SweepRead few = readTouchstone(
      "[Version] 2.0\n# MHz S RI\n[Number of Ports] 1\n[Number of Frequencies] 5\n[Network Data]\n1 0 0\n");
  CHECK(codes(few) == std::vector<std::string>{"touchstone-count"});
}

TEST_CASE("touchstone: what is written is read back bit for bit", "[property]") {
  bench::Sweep s;
  s.reference_ohm = 75;
  for (int i = 0; i < 20; ++i) {
    s.frequency_mhz.push_back(100 + i / 3.0);
    s.s11.push_back(std::polar(0.9 - i / 37.0, i * 0.3));
  }
  SweepRead back = readTouchstone(writeTouchstone(s));
  CHECK(back.problems.empty());
  CHECK(back.sweep.s11 == s.s11);
  CHECK(back.sweep.frequency_mhz == s.frequency_mhz);
  s.s21 = s.s12 = s.s22 = s.s11;
  s.reference2_ohm = 50;
  back = readTouchstone(writeTouchstone(s));
  CHECK(back.sweep.s22 == s.s22);
  CHECK(back.sweep.reference2_ohm == 50);
  CHECK(back.sweep.reference_ohm == 75);
}

TEST_CASE("sweep table: every way to tell a reflection") {
  const auto at = [](const std::string& text) { return std::abs(readSweep(text, "a.csv").sweep.s11.at(0)); };
  CHECK_THAT(at("Frequency (Hz),VSWR\n5800000000,3\n"), WithinAbs(0.5, 1e-12));
  CHECK_THAT(at("freq_ghz;Return Loss [dB]\n5,8;6,0206\n"), WithinAbs(0.5, 1e-5));
  CHECK_THAT(at("freq [MHz]\tS11 (dB)\n5800\t-6.0206\n"), WithinAbs(0.5, 1e-5));
  CHECK_THAT(at("frequency_mhz,re,im\n5800,0.3,0.4\n"), WithinAbs(0.5, 1e-12));
  CHECK_THAT(at("frequency_mhz,Magnitude,Phase (deg)\n5800,0.5,40\n"), WithinAbs(0.5, 1e-12));
  CHECK_THAT(at("frequency_mhz,R,X\n5800,150,0\n"), WithinAbs(0.5, 1e-12));
  CHECK(at("frequency_mhz,vswr\n5800,inf\n") == 1);
  CHECK_FALSE(readSweepTable("frequency_mhz,vswr\n5800,2\n").sweep.has_phase);
  CHECK(readSweepTable("Frequency,VSWR\n5800,2\n5900,2\n").sweep.frequency_mhz[0] == 5800);
  CHECK(readSweepTable("Frequency,VSWR\n5.8e9,2\n").sweep.frequency_mhz[0] == 5800);
}

TEST_CASE("sweep table: what is wrong is said, what is missing is asked for") {
  const SweepRead read = readSweepTable("frequency_mhz,vswr\n5800,0.8\n5801,\n,2\n5802,1.5\n5803,word\n");
  CHECK(read.sweep.s11.size() == 1);
  CHECK(problem(read, "sweep-vswr-below-1")->line == 2);
  CHECK(problem(read, "sweep-frequency-missing")->line == 4);
  CHECK(problem(read, "sweep-reflection-missing")->more.size() == 1);
  CHECK(problem(readSweepTable("frequency_mhz,return loss\n5800,-12\n"), "sweep-return-loss-sign"));
  CHECK_REFUSED(readSweepTable("frequency,vswr\n5.8,2\n"), Contains("MHz or GHz"));
  CHECK_REFUSED(readSweepTable("a,b\n5.8,2\n"), Contains("no frequency column"));
  CHECK_REFUSED(readSweepTable("frequency_mhz,colour\n5.8,2\n"), Contains("VSWR, return loss or S11"));
  CHECK_REFUSED(readSweepTable("frequency_mhz,vswr\n5800,0.1\n"), Contains("below 1 is impossible"));
  const SweepRead back =
      readSweepTable(writeSweepTable(readTouchstone("# MHz S RI R 50\n1 .1 .2\n2 1 0\n").sweep));
  CHECK(back.sweep.s11 == std::vector<Complex>{{0.1, 0.2}, {1, 0}});
}

TEST_CASE(
    "sweep: what no analyser measures is left out however it is written, so that the rest can be written "
    "and read back",
    "[regression]") {
  for (const char* text :
       {"# GHz S DB R 50\n1 -10 20\n2 123 4\n", "# GHz Z RI R 50\n1 1.1 0\n2 -1.0000000001 0\n"}) {
    const SweepRead read = readTouchstone(text, 1);
    CHECK(read.sweep.s11.size() == 1);
    REQUIRE_FALSE(read.problems.empty());
    CHECK(read.problems.front().code == "sweep-implausible");
    CHECK(readTouchstone(writeTouchstone(read.sweep)).sweep.s11 == read.sweep.s11);
  }
}
