#pragma once
#include <functional>
#include <string>

#include "core/description/visitor.h"

namespace distanz::description {

/// Tells every text that a thing holds, and nothing else.
class TextVisitor : public Visitor {
 public:
  using Tell = std::function<void(const Field& field, const std::string& text)>;
  explicit TextVisitor(Tell tell) : m_tell(std::move(tell)) {}

  void number(const Field&, double&) override {}
  void number(const Field&, std::optional<double>&) override {}
  void whole(const Field&, int&) override {}
  void flag(const Field&, bool&) override {}
  void text(const Field& field, std::string& value) override {
    if (!value.empty()) m_tell(field, value);
  }
  void unknown(std::string&) override {}

 protected:
  int wordAt(const Field&, int value, std::span<const Word>) override { return value; }
  bool enter(const Field&) override { return true; }
  std::size_t enterList(const Field&, std::size_t now) override { return now; }
  void enterItem(std::size_t) override {}
  std::vector<std::string> enterMap(const Field&, std::vector<std::string> now) override { return now; }
  void leave() override {}

 private:
  Tell m_tell;
};

template <class T>
void eachText(const T& thing, TextVisitor::Tell tell) {
  TextVisitor visitor(std::move(tell));
  look(visitor, thing);
}

}  // namespace distanz::description
