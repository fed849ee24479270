#pragma once
#include <deque>
#include <vector>

#include "core/dice/random.h"

namespace distanz::simulate {

struct LinkPhysics;

/// Fading from packet to packet in dB about its median: normal, or Rician where a K factor is given.
class Fading {
 public:
  explicit Fading(const LinkPhysics& physics);
  double operator()(dice::Random& random) const;
  /// Levels that as many equal shares of the packets have.
  std::vector<double> shares(int count) const;

 private:
  double m_sd_db, m_k = 0, m_direct = 0, m_scatter_sd = 0, m_median_db = 0;
};

/// Share of packets that arrive at a steady level when every packet fades by itself.
class Arrival {
 public:
  Arrival(const LinkPhysics& physics, const Fading& fading);
  /// 0 to 1.
  double operator()(double level_dbm) const;

 private:
  double m_low_dbm, m_step_db;
  std::vector<double> m_share;  // from m_low_dbm on
};

/// What a receiver reads out: the mean of its last packets, some time late.
class Readout {
 public:
  /// @param packets averaged, >= 1
  Readout(int packets, std::size_t late_rows) : m_packets(packets), m_late_rows(late_rows) {}
  double next(double level_dbm, const Fading& fading, dice::Random& random);

 private:
  int m_packets;
  std::size_t m_late_rows;
  std::deque<double> m_read;  // newest last
};

}  // namespace distanz::simulate
