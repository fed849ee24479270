#pragma once
#include <QString>
#include <optional>

namespace distanz::app {

/// What the program may be started with.
struct StartOptions {
  QString file;  ///< to open; empty for none
  bool demo = false, dark = false, quit_when_analysed = false;
  QString pictures;  ///< folder; empty: none are asked for
};

/// Output that needs no window, of --version and --help; none where there is a window to show. Before the
/// QApplication is made: there may be no display.
std::optional<QString> toldWithoutDisplay(int argc, char** argv);

struct Started {
  StartOptions options;
  QString refused;  ///< why the command line is not understood; empty where it is
};
/// @param arguments those that Qt left
Started readCommandLine(const QStringList& arguments);

}  // namespace distanz::app
