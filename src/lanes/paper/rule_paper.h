#pragma once
#include <QRectF>

#include "lanes/paper/paper.h"
#include "lanes/rule.h"

class QPainter;

namespace distanz::lanes {

/// Where the parts of the range rule go.
struct RuleLayout {
  double left_px = 60, right_px = 900;  ///< of the axis
  /// Numbers stand from here to the area's right edge; where there is no room beside the bars (less than
  /// kLeastNumbers_px), they stand above them.
  double numbers_px = 960;
  int first = 0;         ///< row shown first
  bool grown = false;    ///< large, as the answer
  bool low = false;      ///< little height: rows as close as they can be read
  bool key = false;      ///< a key of the signs below the bars
  std::optional<double> picked_m;
};
constexpr double kLeastNumbers_px = 200, kRuleHead_px = 30, kRuleKey_px = 22;

/// How high the rule wants to be for so many setups.
double ruleHeight(std::size_t setups, const RuleLayout& layout);
/// Rows that fit in a height.
int ruleRows(std::size_t setups, double height, const RuleLayout& layout);
/// Height of a row in a height.
double rulePitch(std::size_t setups, double height, const RuleLayout& layout);

void paint(QPainter& painter, const QRectF& area, const Rule& rule, const RuleLayout& layout, const Look& look);

}  // namespace distanz::lanes
