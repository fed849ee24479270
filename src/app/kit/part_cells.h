#pragma once
#include <functional>
#include <vector>

#include "app/kit/part_place.h"
#include "app/shared/bound_fields.h"

namespace distanz::app {

/// A field of a part under its caption, made once for a place: it follows what is there and is never made anew.
struct PartCell {
  QWidget* box;
  bool first;                                              ///< shown also where only what matters most is
  std::function<bool(const campaign::Part* part)> belongs = {};  ///< none: always
};

/// All fields of a part at its place, those that matter most first.
/// @param see told the record by which a value was measured, to show it
std::vector<PartCell> partCells(Document& document, const PartPlace& place,
                                const std::function<void(const QString& record)>& see);

/// Binds a value of the part at a place.
template <class T, class Get, class Set>
fields::Bound<T> ofPart(const PartPlace& place, const char* name, const QString& label, Get get, Set set) {
  return {name, label, finding("change-part", {{"what", label.toStdString()}}),
          [place, get](const campaign::Campaign& c) {
            const campaign::Part* p = place.find(c);
            return p ? T(get(*p)) : T();
          },
          [place, set](campaign::Campaign& c, const T& value) {
            if (campaign::Part* p = place.own(c)) set(*p, value);
          }};
}

}  // namespace distanz::app
