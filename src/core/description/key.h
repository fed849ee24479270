#pragma once
#include <string>

#include "core/description/visitor.h"

namespace distanz::description {

/// Appends to a key that is the same for things that hold the same, as far as something depends on it.
class KeyWriter : public Visitor {
 public:
  /// @param depends what the key is for: fields that affect less are left out
  KeyWriter(std::string& key, Affects depends) : m_key(key), m_depends(depends) {}

  void number(const Field& field, double& value) override;
  void number(const Field& field, std::optional<double>& value) override;
  void whole(const Field& field, int& value) override;
  void flag(const Field& field, bool& value) override;
  void text(const Field& field, std::string& value) override;
  void unknown(std::string&) override {}

 protected:
  int wordAt(const Field& field, int value, std::span<const Word> words) override;
  bool enter(const Field& field) override;
  std::size_t enterList(const Field& field, std::size_t now) override;
  void enterItem(std::size_t index) override;
  std::vector<std::string> enterMap(const Field& field, std::vector<std::string> now) override;
  void leave() override;

 private:
  bool counts(const Field& field) const { return m_silent == 0 && field.affects <= m_depends; }
  void open(const Field& field, std::size_t size);
  template <class T>
  void add(const T& value);

  std::string& m_key;
  Affects m_depends;
  int m_silent = 0;  ///< levels opened since a field that is left out
};

template <class T>
void addKey(std::string& key, const T& value, Affects depends = Affects::Samples) {
  KeyWriter writer(key, depends);
  look(writer, value);
}

}  // namespace distanz::description
