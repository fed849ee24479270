#include "app/kit/facts.h"

#include <QStringList>

#include "core/plan/part_pattern.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::app {

QString factsText(const plan::PartPattern& pattern) {
  QStringList facts;
  for (const records::Figure& f : pattern.figures)
    facts << words::term("figure-" + f.what) + " " + words::quantity(f.value.value, f.value.unit);
  return facts.join("  \u00b7  ");
}

}  // namespace distanz::app
