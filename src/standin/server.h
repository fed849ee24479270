#pragma once
#include <QObject>
#include <QStringList>
#include <QTimer>
#include <memory>

class QTcpServer;
class QTcpSocket;
class QSocketNotifier;

namespace distanz::standin {

/// Serves lines of text, one after the other: over TCP to whoever connects, or on a pseudo-terminal to
/// whoever opens it.
class Server : public QObject {
  Q_OBJECT
 public:
  /// @param every_ms between lines; the first is the header and comes at once
  Server(const QStringList& lines, int every_ms, QObject* parent = nullptr);
  ~Server() override;

  /// @param port 0: any that is free. @return "127.0.0.1:port". @throws InputError where it is taken
  QString serveTcp(quint16 port);
  /// @return its name, "/dev/pts/...". @throws InputError where there is none to be had
  QString servePty();

 signals:
  void served();  ///< all lines, to one listener

 private:
  void feed(QTcpSocket* socket);
  void writePty();

  QStringList m_lines;
  int m_every_ms;
  std::unique_ptr<QTcpServer> m_tcp;
  int m_pty = -1;
  qsizetype m_next = 0;
  QTimer m_clock;
};

}  // namespace distanz::standin
