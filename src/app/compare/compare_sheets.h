#pragma once
#include <QByteArray>
#include <string>
#include <vector>

#include "app/compare/sheet_page.h"
#include "app/shared/document.h"

namespace distanz::app {

/// The pages of Compare: all runs along the path, and what logs tell beside the range.
enum class ComparePage { Path, Stretches, Sides, Steps };

/// What is drawn on a page, of the document as it is when it is drawn. Not for the path.
SheetPage::Sheet compareSheet(ComparePage page, const Document& document, const std::string& link);
QByteArray compareCsv(ComparePage page, const Document& document, const std::string& link);
std::vector<Finding> compareFindings(ComparePage page, const Document& document, const std::string& link);

}  // namespace distanz::app
