#include "app/kit/part_place.h"

namespace distanz::app {

const campaign::Part* PartPlace::find(const campaign::Campaign& c) const {
  if (!slot) return campaign::findPart(c, part);
  const campaign::SetupLink* ends = campaign::findEnds(c, setup, link);
  return ends ? campaign::findPart(c, ends->*slot->part) : nullptr;
}

campaign::PartKind PartPlace::kind(const campaign::Campaign& c) const {
  const campaign::Part* there = find(c);
  return there ? there->kind : slot ? slot->kind : campaign::PartKind::Antenna;
}

campaign::Part* PartPlace::own(campaign::Campaign& c) const {
  if (slot) return campaign::findSetup(c, setup) ? &campaign::ownPartAt(c, setup, link, *slot) : nullptr;
  const campaign::Part* found = campaign::findPart(c, part);
  return found ? &c.parts[static_cast<std::size_t>(found - c.parts.data())] : nullptr;
}

}  // namespace distanz::app
