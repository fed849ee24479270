#pragma once
#include <catch2/catch.hpp>
#include <optional>
#include <string>

#include "words/say.h"

/// What findings and refusals say, as a pilot reads it.
namespace distanz::test {

struct Said {
  std::string title, text, why;
};

inline Said said(const Finding& finding) {
  const words::Said s = words::say(finding);
  return {s.title.toStdString(), s.text.toStdString(), s.why.toStdString()};
}

inline std::string told(const Finding& finding) {
  return words::sentence(finding).toStdString();
}
/// Empty where nothing was found.
inline std::string told(const std::optional<Finding>& finding) {
  return finding ? told(*finding) : std::string();
}
inline std::string told(const std::exception& error) {
  return words::sentence(error).toStdString();
}

/// A step for Undo in a test's own words.
inline Finding step(const std::string& what) {
  return finding("step-said", {{"what", what}});
}

}  // namespace distanz::test

/// That an expression throws, and what a pilot is told then.
#define CHECK_REFUSED(expression, ...)            \
  do {                                            \
    std::string refusal_ = "nothing was refused"; \
    try {                                         \
      static_cast<void>(expression);              \
    } catch (const std::exception& e) {           \
      refusal_ = distanz::test::told(e);          \
    }                                             \
    CHECK_THAT(refusal_, __VA_ARGS__);            \
  } while (false)
