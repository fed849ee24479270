#pragma once

namespace distanz::test {

/// How long a test waits for what must come, before it gives up: how busy the machine is is not the question.
constexpr int kPatience_ms = 300'000;

}  // namespace distanz::test
