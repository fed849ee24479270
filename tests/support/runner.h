#pragma once

namespace distanz::test {

/// Runs the test cases of this program. @return what main() returns
int run(int argc, char** argv);

}  // namespace distanz::test
