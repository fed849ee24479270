// Compressed columns: any bytes give the samples that they claim, or a refusal before room is made; samples
// come back bit for bit.
#include <cstring>

#include "harness.h"
#include "store/column_codec.h"
#include "store/sample_rows.h"

using namespace distanz;

DISTANZ_FUZZ(data) {
  FuzzedDataProvider input(reinterpret_cast<const uint8_t*>(data.data()), data.size());
  if (input.ConsumeBool()) {
    const std::string bytes = input.ConsumeRemainingBytesAsString();
    std::vector<double> values(bytes.size() / sizeof(double));
    if (!values.empty()) std::memcpy(values.data(), bytes.data(), values.size() * sizeof(double));
    const auto again = store::decodeColumn(store::encodeColumn(values), values.size());
    fuzz::require(
        again.size() == values.size() &&
            (values.empty() || std::memcmp(again.data(), values.data(), values.size() * sizeof(double)) == 0),
        "bit for bit");
    return;
  }
  store::PackedRecording packed;
  packed.rows = input.ConsumeBool() ? input.ConsumeIntegralInRange<std::size_t>(0, 64)
                                    : input.ConsumeIntegral<std::size_t>();
  for (int i = input.ConsumeIntegralInRange(0, 3); i >= 0; --i)
    packed.columns.push_back({packed.columns.empty() ? "time_s" : "x", input.ConsumeRandomLengthString(200)});
  fuzz::survives([&] { store::unpackRecording(packed); });
  const std::string bytes = input.ConsumeRemainingBytesAsString();
  fuzz::survives([&] { store::unpackLog({bytes, packed.rows, "sha"}); });
}
