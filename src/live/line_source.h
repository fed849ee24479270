#pragma once
#include <QByteArray>
#include <QObject>
#include <QString>
#include <memory>
#include <optional>

#include "core/finding/finding.h"
#include "core/limits/reading.h"

class QIODevice;

/// Where live text comes from: an instrument, or a stand-in.
namespace distanz::live {

/// A line is no longer than this; whatever sends more is no instrument.
constexpr qsizetype kLongestLine = limits::kLongestLiveLine;

/// Lines of text as they arrive.
class LineSource : public QObject {
  Q_OBJECT
 public:
  /// @param address "host:port", or a serial line or pseudo-terminal "/dev/...", with its speed behind an "@"
  /// where it is not 115200
  explicit LineSource(const QString& address, QObject* parent = nullptr);
  ~LineSource() override;
  /// Begins to listen: line() follows, ended() at last.
  void start();
  void stop();
  /// While true nothing is read: whoever sends has to wait, once what is buffered on the way is full.
  void pause(bool paused);

 signals:
  void line(const QByteArray& text);              ///< without its end
  void ended(const std::optional<Finding>& why);  ///< once; none where the other side was done

 private:
  void listen(QIODevice* device);
  void read();
  void end(std::optional<Finding> why);
  void endOver();

  QString m_address;
  std::unique_ptr<QIODevice> m_device;
  bool m_ended = false, m_paused = false, m_over = false;  ///< over: the other side is done
};

}  // namespace distanz::live
