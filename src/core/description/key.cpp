#include "core/description/key.h"

namespace distanz::description {

template <class T>
void KeyWriter::add(const T& value) {
  m_key.append(reinterpret_cast<const char*>(&value), sizeof value);
}

void KeyWriter::number(const Field& field, double& value) {
  if (counts(field)) add(value);
}

void KeyWriter::number(const Field& field, std::optional<double>& value) {
  if (!counts(field)) return;
  add(value.has_value());
  if (value) add(*value);
}

void KeyWriter::whole(const Field& field, int& value) {
  if (counts(field)) add(value);
}

void KeyWriter::flag(const Field& field, bool& value) {
  if (counts(field)) add(value);
}

void KeyWriter::text(const Field& field, std::string& value) {
  if (!counts(field)) return;
  add(value.size());
  m_key += value;
}

int KeyWriter::wordAt(const Field& field, int value, std::span<const Word>) {
  if (counts(field)) add(value);
  return value;
}

void KeyWriter::open(const Field& field, std::size_t size) {
  if (counts(field))
    add(size);
  else
    ++m_silent;
}

bool KeyWriter::enter(const Field& field) {
  return counts(field);
}

std::size_t KeyWriter::enterList(const Field& field, std::size_t now) {
  open(field, now);
  return now;
}

void KeyWriter::enterItem(std::size_t) {
  if (m_silent > 0) ++m_silent;
}

std::vector<std::string> KeyWriter::enterMap(const Field& field, std::vector<std::string> now) {
  open(field, now.size());
  if (m_silent == 0)
    for (std::string& name : now) {
      add(name.size());
      m_key += name;
    }
  return now;
}

void KeyWriter::leave() {
  if (m_silent > 0) --m_silent;
}

}  // namespace distanz::description
