#include "live/line_source.h"

#include <QSerialPort>
#include <QTcpSocket>
#include <QTimer>

namespace distanz::live {
namespace {

constexpr int kUsualSpeed = 115200;
constexpr qint64 kBuffer = 4 * kLongestLine;  // whoever sends faster than it is read has to wait
constexpr int kAtOnce = 200;                  // lines, then the window has its turn

}  // namespace

LineSource::LineSource(const QString& address, QObject* parent)
    : QObject(parent), m_address(address.trimmed()) {}

LineSource::~LineSource() {
  m_ended = true;
}

void LineSource::start() {
  if (m_address.startsWith('/')) {
    const QStringList parts = m_address.split('@');
    auto port = std::make_unique<QSerialPort>();
    port->setReadBufferSize(kBuffer);
    port->setPortName(parts.front());
    bool number = true;
    port->setBaudRate(parts.size() > 1 ? parts[1].toInt(&number) : kUsualSpeed);
    if (!number || !port->open(QIODevice::ReadOnly))
      return end(finding("live-cannot-open", {{"address", m_address.toStdString()},
                                              {"reason", port->errorString().toStdString()}}));
    connect(port.get(), &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError e) {
      if (m_over || e != QSerialPort::ResourceError) return;  // unplugged, or the other side is gone
      m_over = true;
      QTimer::singleShot(0, this, &LineSource::read);
    });
    listen(port.release());
    return;
  }
  const qsizetype colon = m_address.lastIndexOf(':');
  bool number = false;
  const uint port = m_address.mid(colon + 1).toUInt(&number);
  if (colon < 1 || !number || port == 0 || port > 65535)
    return end(finding("live-address", {{"address", m_address.toStdString()}}));
  auto* socket = new QTcpSocket;
  socket->setReadBufferSize(kBuffer);
  connect(socket, &QTcpSocket::disconnected, this, [this] {
    m_over = true;  // what has arrived is read first
    read();
  });
  connect(socket, &QTcpSocket::errorOccurred, this, [this, socket](QAbstractSocket::SocketError e) {
    if (e != QAbstractSocket::RemoteHostClosedError)
      end(finding("live-cannot-open",
                  {{"address", m_address.toStdString()}, {"reason", socket->errorString().toStdString()}}));
  });
  listen(socket);
  socket->connectToHost(m_address.left(colon), quint16(port));
}

void LineSource::listen(QIODevice* device) {
  m_device.reset(device);
  connect(device, &QIODevice::readyRead, this, &LineSource::read);
}

void LineSource::read() {
  for (int n = 0; !m_ended && (!m_paused || m_over) && m_device && m_device->canReadLine(); ++n) {
    if (n == kAtOnce) {
      QTimer::singleShot(0, this, &LineSource::read);
      return;
    }
    QByteArray text = m_device->readLine(kLongestLine);
    if (!text.endsWith('\n'))  // it goes on
      return end(finding("live-line-too-long", {{"address", m_address.toStdString()}}));
    while (text.endsWith('\n') || text.endsWith('\r')) text.chop(1);
    emit line(text);
  }
  if (m_ended || (m_paused && !m_over) || !m_device) return;
  if (m_over) return endOver();
  if (m_device->bytesAvailable() > kLongestLine)
    end(finding("live-line-too-long", {{"address", m_address.toStdString()}}));
}

/// The other side is done: what it left without an end of line is its last line.
void LineSource::endOver() {
  const QByteArray last = m_device->read(kLongestLine);
  if (!last.isEmpty()) emit line(last);
  end(std::nullopt);
}

void LineSource::pause(bool paused) {
  m_paused = paused;
  if (!paused) QTimer::singleShot(0, this, &LineSource::read);
}

void LineSource::stop() {
  end(std::nullopt);
}

void LineSource::end(std::optional<Finding> why) {
  if (std::exchange(m_ended, true)) return;
  if (m_device) {
    m_device->disconnect(this);
    m_device->close();
    m_device.release()->deleteLater();  // the signal may have come from it
  }
  emit ended(why);
}

}  // namespace distanz::live
