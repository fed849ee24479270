#pragma once
#include <fmt/format.h>

#include <cmath>
#include <string>
#include <vector>

#include "core/description/visitor.h"

namespace distanz::test {

/// Writes what is described as rows of a Markdown table.
class Outline : public description::Visitor {
 public:
  std::string rows;

  void number(const description::Field& f, double&) override { row(f, "number"); }
  void number(const description::Field& f, std::optional<double>&) override { row(f, "number"); }
  void whole(const description::Field& f, int&) override { row(f, "whole number"); }
  void flag(const description::Field& f, bool&) override { row(f, "true or false"); }
  void text(const description::Field& f, std::string&) override {
    row(f, f.refers.empty() ? "text" : fmt::format("id of a {}", f.refers));
  }
  void unknown(std::string&) override {}

 protected:
  int wordAt(const description::Field& f, int v, std::span<const description::Word> words) override {
    std::string all;
    for (const description::Word& w : words)
      if (*w.word)
        all += (all.empty() ? "`" : ", `") + std::string(w.word) + '`' +
               (*w.what ? fmt::format(" ({})", w.what) : "");
    row(f, all);
    return v;
  }
  bool enter(const description::Field& f) override {
    if (f.key != m_name) row(f, "object");  // items of a map were told by the map
    m_path.push_back(f.key == m_name ? "" : std::string(f.key) + ".");
    return true;
  }
  std::size_t enterList(const description::Field& f, std::size_t) override {
    row(f, "list");
    m_path.push_back(std::string(f.key) + "[].");
    return 1;
  }
  void enterItem(std::size_t) override { m_path.emplace_back(); }
  std::vector<std::string> enterMap(const description::Field& f, std::vector<std::string>) override {
    row(f, f.refers.empty() ? "object by name" : fmt::format("object by id of a {}", f.refers));
    m_path.push_back(std::string(f.key) + "." + m_name + ".");
    return {m_name};
  }
  void leave() override { m_path.pop_back(); }

 private:
  void row(const description::Field& f, const std::string& type) {
    if (f.key == m_name) return;
    std::string path, domain;
    for (const std::string& part : m_path) path += part;
    const bool low = std::isfinite(f.low), high = std::isfinite(f.high);
    if (low || high)
      domain =
          fmt::format("{} to {}", low ? fmt::format("{}", f.low) : "", high ? fmt::format("{}", f.high) : "");
    rows +=
        fmt::format("| `{}{}`{} | {} | {} | {} | {} | {} |\n", path, f.key, f.required ? " *" : "", f.what,
                    type, quantity::symbolOf(f.unit), domain, f.since > 1 ? fmt::format("{}", f.since) : "");
  }

  const std::string m_name = "…";
  std::vector<std::string> m_path;
};

}  // namespace distanz::test
