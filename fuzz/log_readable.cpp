// Any bytes are unpacked and turned into UTF-8 within their limits, or are refused.
#include "core/text/text.h"
#include "formats/readable.h"
#include "harness.h"

using namespace distanz;

DISTANZ_FUZZ(data) {
  std::optional<std::string> form;
  if (!fuzz::survives([&] { form = formats::readableForm(data); }) || !form) return;
  fuzz::require(form->size() <= formats::kMostUnpacked_bytes * 3, "it is no bomb");
}
