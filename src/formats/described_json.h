#pragma once
#include <functional>
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

#include "core/description/visitor.h"
#include "core/finding/error.h"

/// What is described, as JSON and back.
namespace distanz::formats {

using Describe = std::function<void(description::Visitor&)>;

/// The object that a description makes: numbers always, texts, lists and words only where they say something,
/// kept keys of other versions.
nlohmann::json writtenJson(const Describe& describe);

/// Fills what is described from an object. @param where names it in messages @param unknown gains a problem
/// per object with keys that are not described; they are kept @throws InputError naming the place: a value of
/// the wrong type, one that is missing, too many entries
void readJson(const nlohmann::json& object, const std::string& where, std::vector<Finding>& unknown,
              const Describe& describe);

/// One described thing, as it stands by itself. Json: so that this header does without the library's.
template <class T, class Json = nlohmann::json>
Json toJson(const T& value) {
  return writtenJson([&](description::Visitor& v) { description::look(v, value); });
}

}  // namespace distanz::formats
