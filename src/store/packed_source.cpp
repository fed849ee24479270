#include "store/packed_source.h"

#include <zstd.h>

#include <memory>

#include "core/finding/error.h"
#include "formats/files.h"

namespace distanz::store {
namespace {

constexpr std::size_t kBlock = 8 << 20, kLargestKept = 990'000'000;  // what one value of the campaign file can hold
constexpr int kPackLevel = 1;

[[noreturn]] void refuse(const char* code) {
  throw InputError(finding(code));
}

class PackedSource : public formats::ByteSource {
 public:
  explicit PackedSource(std::shared_ptr<const PackedLog> log)
      : m_log(std::move(log)), m_stream(ZSTD_createDStream(), ZSTD_freeDStream), m_in{m_log->packed.data(), m_log->packed.size(), 0} {
    if (!m_stream) throw Error(finding("samples-not-compressed"));
  }
  std::size_t size() const override { return m_log->size; }
  std::string next(std::size_t most) override {
    std::string out(std::min(most, m_log->size - m_given), '\0');
    ZSTD_outBuffer to{out.data(), out.size(), 0};
    while (to.pos < to.size) {
      const std::size_t before = to.pos, read = m_in.pos;
      if (ZSTD_isError(ZSTD_decompressStream(m_stream.get(), &to, &m_in)) || (to.pos == before && m_in.pos == read)) refuse("log-damaged");
    }
    m_given += out.size();
    return out;
  }

 private:
  std::shared_ptr<const PackedLog> m_log;
  std::unique_ptr<ZSTD_DStream, decltype(&ZSTD_freeDStream)> m_stream;
  ZSTD_inBuffer m_in;
  std::size_t m_given = 0;
};

}  // namespace

PackedLog packSource(formats::ByteSource& source) {
  PackedLog out;
  out.size = source.size();
  const std::unique_ptr<ZSTD_CCtx, decltype(&ZSTD_freeCCtx)> context(ZSTD_createCCtx(), ZSTD_freeCCtx);
  if (!context || ZSTD_isError(ZSTD_CCtx_setParameter(context.get(), ZSTD_c_compressionLevel, kPackLevel)) ||
      ZSTD_isError(ZSTD_CCtx_setPledgedSrcSize(context.get(), out.size)))
    throw Error(finding("samples-not-compressed"));
  formats::Digest digest;
  std::string block;
  std::size_t done = 0;
  do {
    block = source.next(kBlock);
    digest.add(block);
    done += block.size();
    ZSTD_inBuffer in{block.data(), block.size(), 0};
    const bool last = done == out.size;
    for (bool more = true; more;) {
      const std::size_t at = out.packed.size();
      out.packed.resize(at + ZSTD_CStreamOutSize());
      ZSTD_outBuffer to{out.packed.data() + at, ZSTD_CStreamOutSize(), 0};
      const std::size_t left = ZSTD_compressStream2(context.get(), &to, &in, last ? ZSTD_e_end : ZSTD_e_continue);
      if (ZSTD_isError(left)) throw Error(finding("samples-not-compressed"));
      out.packed.resize(at + to.pos);
      more = last ? left > 0 : in.pos < in.size;
    }
    if (out.packed.size() > kLargestKept) refuse("log-too-large-packed");
  } while (done < out.size);
  out.sha256 = digest.hex();
  return out;
}

formats::OpenBytes openPacked(std::shared_ptr<const PackedLog> log) {
  return [log] { return std::make_unique<PackedSource>(log); };
}

}  // namespace distanz::store
