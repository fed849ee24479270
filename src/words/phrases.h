#pragma once
#include <QString>
#include <string_view>

/// Words that sentences share, by code.
namespace distanz::words {

/// "its link quality" for "part-quality"; the code itself where there is no such term.
QString term(std::string_view code);
/// A channel in plain words: "control signal" for "control.rssi_dbm".
QString channel(std::string_view channel);
/// "3 flights" for ("flights", 3). Empty where there is no such count.
QString counted(std::string_view code, int n);
bool isCount(std::string_view code);

}  // namespace distanz::words
