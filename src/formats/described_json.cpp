#include "formats/described_json.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <deque>
#include <nlohmann/json.hpp>

#include "core/campaign/limits.h"
#include "formats/json_fields.h"

namespace distanz::formats {
namespace {

using description::Field;
using description::Word;
using nlohmann::json;

class Writer : public description::Visitor {
 public:
  Writer() { m_open.push_back({json::object(), nullptr, true}); }
  json take() { return std::move(m_open.back().value); }

  void number(const Field& f, double& v) override { top()[f.key] = v; }
  void number(const Field& f, std::optional<double>& v) override {
    if (v) top()[f.key] = *v;
  }
  void whole(const Field& f, int& v) override {
    if (v != 0 || f.always) top()[f.key] = v;
  }
  void flag(const Field& f, bool& v) override {
    if (v || f.always) top()[f.key] = v;
  }
  void text(const Field& f, std::string& v) override {
    if (!v.empty() || f.always || f.required) top()[f.key] = v;
  }
  void unknown(std::string& kept) override {
    if (kept.empty()) return;
    const json others = parseJson(kept, "unknown keys");
    if (!others.is_object()) throw InputError(finding("kept-keys-damaged"));
    for (const auto& [key, value] : others.items())
      if (!top().contains(key)) top()[key] = value;
  }

 protected:
  int wordAt(const Field& f, int v, std::span<const Word> words) override {
    if (v != 0 || f.always) top()[f.key] = words[static_cast<std::size_t>(v)].word;
    return v;
  }
  bool enter(const Field& f) override {
    m_open.push_back({json::object(), f.key, f.always || f.required});
    return true;
  }
  std::size_t enterList(const Field& f, std::size_t now) override {
    m_open.push_back({json::array(), f.key, f.always});
    return now;
  }
  void enterItem(std::size_t) override { m_open.push_back({json::object(), nullptr, true}); }
  std::vector<std::string> enterMap(const Field& f, std::vector<std::string> now) override {
    m_open.push_back({json::object(), f.key, f.always});
    return now;
  }
  void leave() override {
    Open done = std::move(m_open.back());
    m_open.pop_back();
    if (!done.key)
      top().push_back(std::move(done.value));
    else if (done.always || !done.value.empty())
      top()[done.key] = std::move(done.value);
  }

 private:
  struct Open {
    json value;
    const char* key;  // null: an item of a list
    bool always;
  };
  json& top() { return m_open.back().value; }
  std::vector<Open> m_open;
};

class Reader : public description::Visitor {
 public:
  Reader(const json& object, const std::string& where, std::vector<Finding>& problems)
      : m_problems(problems) {
    open(object, where);
  }

  void number(const Field& f, double& v) override {
    v = f.required ? top().requiredNumber(f.key) : top().number(f.key, v);
  }
  void number(const Field& f, std::optional<double>& v) override { v = top().optionalNumber(f.key); }
  void whole(const Field& f, int& v) override {
    const double read = top().number(f.key, v);
    if (!(read >= f.low && read <= f.high) || read != static_cast<int>(read))
      top().refuse(finding("json-not-whole",
                           {{"key", f.key}, {"low", f.low, quantity::Unit::None}, {"high", f.high, quantity::Unit::None}}));
    v = static_cast<int>(read);
  }
  void flag(const Field& f, bool& v) override { v = top().flag(f.key, v); }
  void text(const Field& f, std::string& v) override {
    v = f.required ? top().requiredText(f.key) : top().text(f.key, v);
  }
  void unknown(std::string& kept) override {
    kept = top().unknown();
    if (kept.empty()) return;
    std::vector<std::string> keys;
    const json others = parseJson(kept, top().where());
    for (const auto& [key, value] : others.items()) keys.push_back('"' + key + '"');
    m_problems.push_back(finding(
        "unknown-key", {{"where", top().where()}, {"keys", fmt::format("{}", fmt::join(keys, ", "))}}));
  }

 protected:
  int wordAt(const Field& f, int v, std::span<const Word> words) override {
    const std::string text = top().text(f.key, words[static_cast<std::size_t>(v)].word);
    std::vector<std::string> known;
    for (const Word& w : words) {
      if (w.word == text) return static_cast<int>(&w - words.data());
      if (*w.word) known.push_back(fmt::format("\"{}\"", w.word));
    }
    top().refuse(
        finding("json-not-one-of",
                {{"key", f.key}, {"value", text}, {"known", fmt::format("{}", fmt::join(known, ", "))}}));
  }
  bool enter(const Field& f) override {
    const json& value = top().member(f.key);
    if (value.is_null() && !f.required) return false;
    open(value, memberWhere(f.key));
    return true;
  }
  std::size_t enterList(const Field& f, std::size_t) override {
    const json& list = top().list(f.key);
    if (list.size() > campaign::limits::kMostItems)
      top().refuse(finding("json-too-many", {{"key", f.key}, {"most", campaign::limits::kMostItems}}));
    m_open.push_back({nullptr, &list, memberWhere(f.key)});
    return list.size();
  }
  void enterItem(std::size_t i) override {
    const Open& list = m_open.back();
    open((*list.list)[i], fmt::format("{}[{}]", list.list_where, i));
  }
  std::vector<std::string> enterMap(const Field& f, std::vector<std::string>) override {
    static const json none = json::object();
    const json& value = top().member(f.key);
    if (!value.is_null() && !value.is_object()) top().refuse(finding("json-not-an-object", {{"key", f.key}}));
    open(value.is_null() ? none : value, memberWhere(f.key), ".");
    std::vector<std::string> names;
    if (value.size() > campaign::limits::kMostItems)
      top().refuse(finding("json-too-many", {{"key", f.key}, {"most", campaign::limits::kMostItems}}));
    for (const auto& [name, item] : value.items()) names.push_back(name);
    return names;
  }
  void leave() override { m_open.pop_back(); }

 private:
  struct Open {
    std::unique_ptr<JsonFields> fields;  // of an object
    const json* list = nullptr;          // else
    std::string list_where = {};
    const char* before_key = ": ";
  };
  void open(const json& object, std::string where, const char* before_key = ": ") {
    m_open.push_back({std::make_unique<JsonFields>(object, std::move(where)), nullptr, {}, before_key});
  }
  std::string memberWhere(const char* key) { return top().where() + m_open.back().before_key + key; }
  JsonFields& top() { return *m_open.back().fields; }

  std::vector<Finding>& m_problems;
  std::vector<Open> m_open;
};

}  // namespace

json writtenJson(const Describe& describe) {
  Writer writer;
  describe(writer);
  return writer.take();
}

void readJson(const json& object, const std::string& where, std::vector<Finding>& unknown,
              const Describe& describe) {
  try {
    Reader reader(object, where, unknown);
    describe(reader);
  } catch (const json::exception&) {
    throw InputError(inFile(where, finding("json-unreadable")));
  }
}

}  // namespace distanz::formats
