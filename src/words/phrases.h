#pragma once
#include <QString>
#include <string_view>

/// Words that sentences share, by code.
namespace distanz::words {

/// "its link quality" for "part-quality"; the code itself where there is no such term.
QString term(std::string_view code);
/// "3 flights" for ("flights", 3). Empty where there is no such count.
QString counted(std::string_view code, int n);
bool isCount(std::string_view code);

}  // namespace distanz::words
