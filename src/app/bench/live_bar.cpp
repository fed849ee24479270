#include "app/bench/live_bar.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "app/bench/record_intake.h"
#include "app/shared/text.h"
#include "core/campaign/limits.h"
#include "formats/bench/record_files.h"
#include "words/say.h"

namespace distanz::app {
namespace {

constexpr int kTellEvery = 100;
constexpr std::size_t kMostUnderWay = 8;  // files that were heard and are not kept yet
constexpr int kKeepEvery_ms = 3000;  // every step holds the whole record: not one for each line

}  // namespace

LiveBar::LiveBar(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(document),
      m_address(new QLineEdit),
      m_button(new QPushButton(tr("Fill live"))),
      m_state(plainLabel()) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  m_address->setObjectName("liveAddress");
  m_address->setAccessibleName(tr("Address of the instrument"));
  m_address->setPlaceholderText(tr("instrument: host:port or /dev/ttyUSB0"));
  m_button->setObjectName("fillLive");
  m_state->setObjectName("liveState");
  m_state->setProperty("muted", true);
  row->addWidget(m_address, 2);
  row->addWidget(m_button);
  row->addWidget(m_state, 2);
  m_keep.setInterval(kKeepEvery_ms);
  connect(&m_keep, &QTimer::timeout, this, &LiveBar::keep);
  connect(m_button, &QPushButton::clicked, this, [this] { m_source ? stop({}) : start(); });
  connect(m_address, &QLineEdit::returnPressed, this, [this] {
    if (!m_source) start();
  });
}

LiveBar::~LiveBar() {
  if (m_source) m_source->disconnect(this);
}

void LiveBar::finish() {
  if (!m_source) return;
  m_source->disconnect(this);
  m_source.reset();
  m_keep.stop();
  keep();
}

void LiveBar::pause(bool paused) {
  if (m_source) m_source->pause(paused);
}

void LiveBar::show(const std::string& record) {
  const campaign::Record* r = campaign::findRecord(m_document.campaign(), record);
  setVisible(r && takesFiles(r->kind) && r->kind != campaign::RecordKind::Inspection);
  if (record == m_record) return;
  if (m_source) stop({});
  m_record = record;
  m_heard.clear();
  m_state->clear();
}

void LiveBar::start() {
  const campaign::Record* r = campaign::findRecord(m_document.campaign(), m_record);
  if (!r) return;
  m_files = !campaign::fileRoles(r->kind).empty();
  m_lines.emplace(r->kind);
  m_file.clear();
  m_file_lines = 0;
  m_count = 0;
  m_source = std::make_unique<live::LineSource>(m_address->text());
  connect(m_source.get(), &live::LineSource::line, this, &LiveBar::take);
  connect(m_source.get(), &live::LineSource::ended, this, &LiveBar::stop);
  m_button->setText(tr("Stop"));
  m_state->setText(tr("listening ..."));
  m_keep.start();
  m_source->start();
}

void LiveBar::stop(const std::optional<Finding>& why) {
  if (!m_source) return;
  m_keep.stop();
  m_source->disconnect(this);
  m_source.release()->deleteLater();  // the signal may have come from it
  endFile();
  keep();
  m_button->setText(tr("Fill live"));
  tell();
  if (why) {
    m_state->setText(tr("not connected"));
    emit m_document.refused(words::sentence(*why));
  }
}

void LiveBar::take(const QByteArray& line) {
  if (m_files) {
    const campaign::Record* r = campaign::findRecord(m_document.campaign(), m_record);
    if (!r || r->files.size() + kMostUnderWay > campaign::limits::kMostFiles)
      return stop(finding("record-files-many", {{"most", campaign::limits::kMostFiles}}));
    if (line.trimmed().isEmpty()) return endFile();
    if (std::uintmax_t(m_file.size() + line.size()) >= formats::kLargestRecordFile) {
      m_file.clear();  // half of it would pass for all of it
      return stop(finding("record-file-too-large", {{"most", int(formats::kLargestRecordFile / 1'000'000)}}));
    }
    m_file += line + '\n';
    if (++m_file_lines % kTellEvery == 0) m_state->setText(tr("%1 lines").arg(m_file_lines));
    return;
  }
  if (auto reading = m_lines->take(std::string_view(line.constData(), std::size_t(line.size())))) {
    m_heard.push_back(std::move(*reading));
    ++m_count;
    const campaign::Record* r = campaign::findRecord(m_document.campaign(), m_record);
    if (!r || r->readings.size() + m_heard.size() >= campaign::limits::kMostReadings) return stop({});
  }
  tell();
}

void LiveBar::tell() {
  if (m_files) return;
  QString text = tr("%1 readings").arg(m_count);
  if (m_lines && m_lines->problem()) text += ": " + words::sentence(*m_lines->problem());
  m_state->setText(text);
  m_state->setToolTip(plainTip(text));
}

void LiveBar::endFile() {
  if (m_file.isEmpty()) return;
  m_file_lines = 0;
  const campaign::Record* r = campaign::findRecord(m_document.campaign(), m_record);
  const QString name = QDateTime::currentDateTime().toString("'live-'yyyyMMdd-HHmmss") +
                       (r && r->kind == campaign::RecordKind::Sweep ? ".s1p" : ".csv");
  emit fileHeard(QString::fromStdString(m_record), name, std::exchange(m_file, {}));
}

void LiveBar::keep() {
  if (m_heard.empty()) return;
  campaign::Campaign next = m_document.campaign();
  campaign::Record* r = campaign::findRecord(next, m_record);
  if (!r) return m_heard.clear();  // the record was removed
  r->readings.insert(r->readings.end(), m_heard.begin(), m_heard.end());
  const Finding step =
      finding("fill-live", {{"record", r->name.empty() ? r->id : r->name}, {"count", m_heard.size()}});
  if (m_document.edit(step, next))
    m_heard.clear();  // else tried again: another program was faster, or no room
}

}  // namespace distanz::app
