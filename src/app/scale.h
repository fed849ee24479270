#pragma once

namespace distanz::app {

/// How much larger than designed everything is shown for a system font of so many points: the design is
/// for 10. From 1 to 2.
double scaleFor(double system_points);

/// Lets the window grow with the system's font. Before the application is made, as Qt takes its scale from
/// the environment then.
void followSystemFont(int argc, char** argv);

}  // namespace distanz::app
