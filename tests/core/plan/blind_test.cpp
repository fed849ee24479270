#include "core/plan/blind.h"

#include <catch2/catch.hpp>
#include <fmt/format.h>
#include <set>

#include "support/planned.h"

using namespace distanz;
using campaign::Campaign;

namespace {

/// Two setups, one flown twice and one of these void, three flights of each planned.
Campaign twoSetups() {
  Campaign c = test::planned();
  c.setups.push_back(c.setups[0]);
  c.setups[1].id = "B";
  c.planned_pairs = 3;
  for (const char* id : {"A1", "A2"}) {
    campaign::Run r;
    r.id = id;
    r.setup = "A";
    c.runs.push_back(r);
  }
  c.runs[1].void_reason = "lost";
  return c;
}

std::vector<plan::BlindLabel> labelsOf(const Campaign& c) {
  return plan::blindLabels(c, plan::flightPlan(c, plan::planned(c, 3000)));
}

int labelOf(const std::vector<plan::BlindLabel>& labels, const std::string& run) {
  for (const plan::BlindLabel& l : labels)
    if (l.run == run) return l.label;
  return 0;
}

}  // namespace

TEST_CASE("blind labels: every recording flown or planned has its own, and keeps it as flights are added") {
  Campaign c = twoSetups();
  CHECK(labelsOf(c).empty());
  c.plan.labels_seed = 71;
  const auto labels = labelsOf(c);
  REQUIRE(labels.size() == 6);  // A1, two more of A, three of B; the void one is not judged
  std::set<int> each;
  std::set<std::string> runs;
  for (const auto& l : labels) {
    each.insert(l.label);
    runs.insert(l.run);
    CHECK(l.label >= plan::kLowestLabel);
    CHECK(l.label <= plan::kHighestLabel);
    CHECK(l.run.substr(0, 1) == l.setup);
  }
  CHECK(each.size() == 6);
  CHECK(runs == std::set<std::string>{"A1", "A3", "A4", "B1", "B2", "B3"});
  Campaign more = c;
  more.planned_pairs = 9;
  for (const auto& l : labels) CHECK(labelOf(labelsOf(more), l.run) == l.label);
  more = c;
  more.runs.push_back(c.runs[0]);
  more.runs.back().id = "B1";
  more.runs.back().setup = "B";
  CHECK(labelOf(labelsOf(more), "B1") == labelOf(labels, "B1"));
  c.plan.labels_seed = 72;
  CHECK(labelOf(labelsOf(c), "A1") != labelOf(labels, "A1"));
  c.plan.together = true;
  CHECK(labelsOf(c).size() == 1 + 2 * 3);  // both recordings of a flight have one
}

TEST_CASE("blind labels: who judges sees numbers alone, who names sees which run, and opening is told") {
  Campaign c = twoSetups();
  c.plan.labels_seed = 5;
  const auto labels = labelsOf(c);
  const std::string judge = plan::judgesSheet(labels), names = plan::namingSheet(labels);
  CHECK(judge.starts_with("label,grade,remarks\n"));
  CHECK(judge.find('A') == std::string::npos);
  CHECK(judge.find('B') == std::string::npos);
  int last = 0, rows = 0;
  for (std::size_t at = judge.find('\n') + 1; at < judge.size(); at = judge.find('\n', at) + 1, ++rows) {
    const int label = std::stoi(judge.substr(at, 4));
    CHECK(label > last);  // their order tells nothing either
    last = label;
  }
  CHECK(rows == 6);
  CHECK(names.find("A1," + fmt::to_string(labelOf(labels, "A1")) + "\n") != std::string::npos);
  const auto sealed = plan::toldLabels(c, labels);
  REQUIRE(sealed.size() == 1);
  CHECK(sealed[0].code == "labels-sealed");
  CHECK(sealed[0].why.empty());
  c.plan.labels_opened = "2026-05-01T12:00";
  const auto opened = plan::toldLabels(c, labels);
  CHECK(opened.at(0).code == "labels-opened");
  CHECK(opened.at(0).why.size() == 6);
  CHECK(plan::toldLabels(c, {}).empty());
}
