#pragma once
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace distanz::quantity {
enum class Unit;
}

/// What was found, advised, cautioned or refused, as data. Sentences are made of it in words/, and nowhere
/// else.
namespace distanz {

struct Finding;

/// A number with its unit, and its interval where there is one.
struct Measure {
  double value = 0;
  quantity::Unit unit{};
  std::optional<double> low = {}, high = {};
  bool operator==(const Measure&) const = default;
};

/// Something that every language has its own word for, by code: "part-quality". words/ lists them.
struct Term {
  std::string code;
  bool operator==(const Term&) const = default;
};

/// What a sentence has a gap for, by name: a text as the pilot or the file has it, a term, a measure, or
/// findings said within it.
struct Argument {
  using Value = std::variant<std::string, Term, Measure, std::vector<Finding>>;
  std::string key;
  Value value;

  Argument(std::string_view key, std::string_view text);
  Argument(std::string_view key, const char* text);
  Argument(std::string_view key, const std::string& text);
  Argument(std::string_view key, Term term);
  Argument(std::string_view key, Measure measure);
  Argument(std::string_view key, double value, quantity::Unit unit);
  Argument(std::string_view key, int count);
  Argument(std::string_view key, std::size_t count);
  Argument(std::string_view key, Finding finding);
  Argument(std::string_view key, std::vector<Finding> findings);
  Argument(const Argument&);
  Argument(Argument&&) noexcept;
  Argument& operator=(const Argument&);
  Argument& operator=(Argument&&) noexcept;
  ~Argument();
  bool operator==(const Argument&) const;
};

/// What a finding is about: a run, a setup, a link, by id.
struct Subject {
  std::string kind, id;
  bool operator==(const Subject&) const = default;
};

struct Finding {
  std::string code;                 ///< a row of the table in catalogue.cpp
  std::vector<Argument> arguments;  ///< those the row names
  Subject subject;                  ///< nothing where it is about the campaign as a whole
  int line = 0;                     ///< of the file, counted from 1; 0 where there is none
  std::vector<Finding> more;        ///< said after it, in the same breath
  std::vector<Finding> why;         ///< the figures that went in, where "why?" is asked

  const Argument* find(std::string_view key) const;
  /// Id of the run it is about; empty where it is about none.
  std::string run() const { return subject.kind == "run" ? subject.id : std::string(); }
  bool operator==(const Finding&) const = default;
};

/// A row of the table of findings, filled in. The arguments are those that the row names.
Finding finding(std::string_view code, std::vector<Argument> arguments = {}, Subject subject = {});

/// Code and arguments on one line, for debuggers and logs: no sentence.
std::string plainText(const Finding& finding);

}  // namespace distanz
