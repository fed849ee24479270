#include "standin/server.h"

#include <fcntl.h>
#include <poll.h>
#include <stdlib.h>
#include <termios.h>
#include <unistd.h>

#include <QTcpServer>
#include <QTcpSocket>
#include <cerrno>
#include <cstring>

#include "core/finding/error.h"

namespace distanz::standin {
namespace {

constexpr int kDrain_ms = 1000;

}  // namespace

Server::Server(const QStringList& lines, int every_ms, QObject* parent)
    : QObject(parent), m_lines(lines), m_every_ms(every_ms) {
  m_clock.setInterval(every_ms);
  connect(&m_clock, &QTimer::timeout, this, &Server::writePty);
}

Server::~Server() {
  if (m_pty >= 0) ::close(m_pty);
}

QString Server::serveTcp(quint16 port) {
  m_tcp = std::make_unique<QTcpServer>();
  if (!m_tcp->listen(QHostAddress::LocalHost, port))
    throw InputError(finding("standin-cannot-serve", {{"place", std::to_string(port)},
                                                      {"reason", m_tcp->errorString().toStdString()}}));
  connect(m_tcp.get(), &QTcpServer::newConnection, this, [this] {
    while (QTcpSocket* socket = m_tcp->nextPendingConnection()) feed(socket);
  });
  return QString("127.0.0.1:%1").arg(m_tcp->serverPort());
}

/// Each listener hears all lines from the first.
void Server::feed(QTcpSocket* socket) {
  auto* clock = new QTimer(socket);
  clock->setInterval(m_every_ms);
  connect(socket, &QTcpSocket::disconnected, socket, &QObject::deleteLater);
  connect(clock, &QTimer::timeout, socket, [this, socket, clock, next = qsizetype(0)]() mutable {
    if (next < m_lines.size()) socket->write(m_lines[next++].toUtf8() + '\n');
    if (next < m_lines.size()) return;
    clock->stop();
    connect(socket, &QTcpSocket::disconnected, this, &Server::served);  // once all of it is out
    socket->disconnectFromHost();
  });
  clock->start();
}

QString Server::servePty() {
  const auto refuse = [] {
    throw InputError(finding("standin-cannot-serve", {{"place", "pty"}, {"reason", std::strerror(errno)}}));
  };
  m_pty = ::posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
  if (m_pty < 0 || ::grantpt(m_pty) != 0 || ::unlockpt(m_pty) != 0) refuse();
  termios raw{};
  if (::tcgetattr(m_pty, &raw) != 0) refuse();
  ::cfmakeraw(&raw);  // nothing echoed, no line end changed
  ::tcsetattr(m_pty, TCSANOW, &raw);
  char name[128];
  if (::ptsname_r(m_pty, name, sizeof name) != 0) refuse();
  const int other = ::open(name, O_RDWR | O_NOCTTY);  // opened and closed once: from now on a hang-up is told
  if (other >= 0) ::close(other);
  m_clock.start();
  return name;
}

/// Nothing is sent while nobody has opened the other end.
void Server::writePty() {
  pollfd state{m_pty, POLLOUT, 0};
  if (::poll(&state, 1, 0) < 0 || (state.revents & POLLHUP) != 0) {
    m_next = 0;
    return;
  }
  if (m_next >= m_lines.size() || (state.revents & POLLOUT) == 0) return;
  const QByteArray text = m_lines[m_next].toUtf8() + '\n';
  if (::write(m_pty, text.constData(), size_t(text.size())) != text.size()) return;
  // What nobody has read yet goes with the terminal.
  if (++m_next == m_lines.size()) QTimer::singleShot(kDrain_ms, this, &Server::served);
}

}  // namespace distanz::standin
