#include "app/shared/text.h"

#include <QRegularExpression>
#include <QTextDocument>

#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::app {

QLabel* plainLabel(const QString& text) {
  auto* label = new QLabel;
  label->setTextFormat(Qt::PlainText);
  label->setText(text);
  return label;
}

QString plainTip(const QString& text) {
  return Qt::mightBeRichText(text) ? text.toHtmlEscaped() : text;
}

QString withoutKeys(QString text) {
  return text.replace('&', "&&");
}

QString unparted(QString text) {
  static const QRegularExpression unit(
      R"((?<=\d) (?=(%|m|km|ft|mi|dB|dBi|dBm|mW|W|MHz|GHz|Hz|s|min|h|mAh|V|A|m/s|kn|mph|Mbit/s|kbit/s|ohm)(?![\w/])))");
  static const QRegularExpression slash(R"((?<=[A-Za-z])/(?=s\b))");
  return text.replace(unit, QString(QChar::Nbsp)).replace(slash, QStringLiteral(u"/\u2060"));  // no line ends within a unit
}

QString distanceLabel(double distance_m) {
  return words::distance(distance_m);
}

QString endedText(campaign::Ended ended) {
  return words::term("ended-" + campaign::endedWord(ended));
}

QString partName(const campaign::Part& part) {
  return QString::fromStdString(part.name.empty() ? part.id : part.name);
}

}  // namespace distanz::app
