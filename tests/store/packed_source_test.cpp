#include "store/packed_source.h"

#include <catch2/catch.hpp>

#include "core/dice/random.h"
#include "core/finding/error.h"
#include "formats/files.h"

using namespace distanz;
using namespace distanz::store;

namespace {

class Bytes : public formats::ByteSource {
 public:
  explicit Bytes(const std::string& all) : m_all(all) {}
  std::size_t size() const override { return m_all.size(); }
  std::string next(std::size_t most) override {
    const std::string out = m_all.substr(m_at, std::min<std::size_t>(most, 70'001));
    m_at += out.size();
    return out;
  }

 private:
  const std::string& m_all;
  std::size_t m_at = 0;
};

}  // namespace

TEST_CASE("packed source: what is packed piece by piece is what is packed at once, and comes back piece by piece") {
  dice::Random random(1);
  std::string all;
  const int size = GENERATE(0, 1, 70'001, 900'000);
  for (int i = 0; i < size; ++i) all += char('0' + int(10 * random.uniform()));
  Bytes source(all);
  const PackedLog packed = packSource(source);
  CHECK(packed.size == all.size());
  CHECK(packed.sha256 == formats::sha256(all));
  CHECK(unpackLog(packed) == all);
  const auto open = openPacked(std::make_shared<const PackedLog>(packed));
  for (int again = 0; again < 2; ++again) {
    const auto plain = open();
    std::string back, block;
    while (!(block = plain->next(100'000)).empty()) back += block;
    CHECK(back == all);
  }
}

TEST_CASE("packed source: damaged or cut bytes are refused, not read on for ever") {
  std::string all(500'000, 'x');
  for (std::size_t i = 0; i < all.size(); i += 3) all[i] = char('a' + i % 23);
  PackedLog packed = packLog(all);
  const auto drain = [](PackedLog log) {
    const auto plain = openPacked(std::make_shared<const PackedLog>(std::move(log)))();
    while (!plain->next(10'000).empty()) {
    }
  };
  CHECK_NOTHROW(drain(packed));
  PackedLog cut = packed;
  cut.packed.resize(cut.packed.size() / 2);
  CHECK_THROWS_AS(drain(cut), InputError);
  PackedLog longer = packed;
  longer.size *= 2;
  CHECK_THROWS_AS(drain(longer), InputError);
}
