// What a pilot types: a value within bounds that reads back the same, or a sentence.
#include <cmath>

#include "core/campaign/typed.h"
#include "core/quantity/parse.h"
#include "harness.h"
#include "words/quantity.h"
#include "words/say.h"

using namespace distanz;

DISTANZ_FUZZ(data) {
  if (data.empty()) return;
  const std::string text(data.substr(1));
  const auto kind = static_cast<quantity::Kind>(static_cast<unsigned char>(data[0]) %
                                                (static_cast<int>(quantity::Kind::Number) + 1));
  if (const quantity::Parsed parsed = quantity::parse(kind, text)) {
    fuzz::require(std::isfinite(parsed.value), "a value is a number");
    const quantity::Parsed again = quantity::parse(kind, words::field(kind, parsed.value).toStdString());
    fuzz::require(static_cast<bool>(again), "what is shown can be typed");
  } else {
    fuzz::require(words::sentence(*parsed.problem).size() > 5, "a refusal says why");
  }
  std::vector<campaign::Link> links(2);
  links[0].id = "control";
  links[1].id = "video";
  const campaign::TypedModes modes = campaign::parseModes(text);
  if (!modes.problem)
    fuzz::require(!campaign::parseModes(words::modes(modes.modes).toStdString()).problem, "modes read back");
  const campaign::TypedReduction reduced = campaign::parseReduced(text, links);
  if (!reduced.problem)
    fuzz::require(
        !campaign::parseReduced(words::reduced(reduced.reduced_db, links).toStdString(), links).problem,
        "reduced power reads back");
}
