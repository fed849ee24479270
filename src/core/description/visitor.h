#pragma once
#include <limits>
#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/quantity/unit.h"

/// One description of every stored thing. Each struct has one function `describe(Visitor&, T&)` that names
/// its fields in order; files, checks, documents and what else needs to know them are visitors.
namespace distanz::description {

constexpr double kNoLimit = std::numeric_limits<double>::infinity();

/// What depends on a field, and all that comes after it.
enum class Affects { Samples, Statistics, Words };

struct Field {
  const char* key;                             ///< in files, with its unit: "power_dbm"
  const char* what = "";                       ///< for docs/file-format.md, and in messages: "transmit power"
  quantity::Unit unit = quantity::Unit::None;  ///< in which it is kept
  double low = -kNoLimit, high = kNoLimit;     ///< valid, ends included; a number is finite in any case
  bool required = false;                       ///< must be there when read
  bool always = false;                         ///< written even where it says nothing
  Affects affects = Affects::Samples;          ///< what has to be made anew when it changes
  std::string_view refers = {};                ///< a text, or the keys of a map: id of an entity of that kind
  bool attachment = false;                     ///< a text: SHA-256 of bytes that are kept
  int since = 1;                               ///< schema of the campaign file in which it came
};

/// The words of an enumeration; place in the list is its value. An empty word is not written.
struct Word {
  const char* word;
  const char* what = "";
};

/// Writers and checks leave the values as they are; a reader fills them and leaves what is missing at its
/// default.
class Visitor {
 public:
  virtual ~Visitor() = default;

  virtual void number(const Field& field, double& value) = 0;
  virtual void number(const Field& field, std::optional<double>& value) = 0;
  virtual void whole(const Field& field, int& value) = 0;
  virtual void flag(const Field& field, bool& value) = 0;
  virtual void text(const Field& field, std::string& value) = 0;

  template <class Enum>
  void word(const Field& field, Enum& value, std::span<const Word> words) {
    const int was = static_cast<int>(value);
    const int now = wordAt(field, was, words);
    if (now != was) value = static_cast<Enum>(now);
  }

  template <class T>
  void object(const Field& field, T& value) {
    if (!enter(field)) return;
    describe(*this, value);
    leave();
  }

  template <class T>
  void list(const Field& field, std::vector<T>& items) {
    const std::size_t n = enterList(field, items.size());
    if (n != items.size()) items.resize(n);
    for (std::size_t i = 0; i < n; ++i) {
      enterItem(i);
      describe(*this, items[i]);
      leave();
    }
    leave();
  }

  /// Things by name: objects, numbers or texts. @param item describes each; its key is the name
  template <class T>
  void map(const Field& field, std::map<std::string, T>& items, const Field& item = {""}) {
    std::vector<std::string> names;
    for (const auto& [name, value] : items) names.push_back(name);
    for (const std::string& name : enterMap(field, std::move(names))) {
      Field own = item;
      own.key = name.c_str();
      own.required = true;
      value(own, items[name]);
    }
    leave();
  }

  /// Keys of other versions, kept as one JSON object; empty where there are none. Last in every describe().
  virtual void unknown(std::string& kept) = 0;

 protected:
  virtual int wordAt(const Field& field, int value, std::span<const Word> words) = 0;
  /// @return false where the object is not there and its fields keep their defaults
  virtual bool enter(const Field& field) = 0;
  /// @return how many items there are
  virtual std::size_t enterList(const Field& field, std::size_t now) = 0;
  virtual void enterItem(std::size_t index) = 0;
  /// @return the names there are
  virtual std::vector<std::string> enterMap(const Field& field, std::vector<std::string> now) = 0;
  virtual void leave() = 0;

 private:
  void value(const Field& field, double& v) { number(field, v); }
  void value(const Field& field, std::string& v) { text(field, v); }
  template <class T>
  void value(const Field& field, T& v) {
    object(field, v);
  }
};

/// Lets a visitor that does not change anything look at a constant thing.
template <class T>
void look(Visitor& visitor, const T& value) {
  describe(visitor, const_cast<T&>(value));
}

}  // namespace distanz::description
