#include "words/say.h"

#include <QCoreApplication>
#include <cmath>

#include "core/finding/catalogue.h"
#include "core/finding/error.h"
#include "words/phrases.h"
#include "words/quantity.h"
#include "words/style.h"
#include "words/texts.h"

namespace distanz::words {
namespace {

QString utf8(std::string_view text) {
  return QString::fromUtf8(text.data(), qsizetype(text.size()));
}

/// "{name.part:format}" taken apart.
struct Gap {
  std::string name, part, format;
};

Gap gapOf(const QString& inside) {
  const qsizetype colon = inside.indexOf(':');
  const QString front = colon < 0 ? inside : inside.left(colon);
  const qsizetype dot = front.indexOf('.');
  return {(dot < 0 ? front : front.left(dot)).toStdString(),
          dot < 0 ? std::string() : front.mid(dot + 1).toStdString(),
          colon < 0 ? std::string() : inside.mid(colon + 1).toStdString()};
}

double pick(const Measure& m, const std::string& part) {
  return part == "low" ? m.low.value_or(NAN) : part == "high" ? m.high.value_or(INFINITY) : m.value;
}

QString measured(const Measure& m, const Gap& gap) {
  if (gap.part == "span") return span(m.low.value_or(0), m.high.value_or(INFINITY));
  const double value = pick(m, gap.part);
  std::string_view format = gap.format;
  if (format == "likely") return likelihood(value / 100);
  if (format == "chance") return chance(value / 100);
  if (format == "clock") return clock(value);
  if (isCount(format) && std::abs(value) < 1e9) return counted(format, int(std::lround(value)));
  const bool bare = format.starts_with('#');
  if (bare) format.remove_prefix(1);
  const bool sign = format.starts_with('+');
  if (sign) format.remove_prefix(1);
  if (format == "short") return exactly(value, m.unit);
  if (format.ends_with('g')) return style().locale.toString(value, 'g', 3);
  const int decimals = format.size() == 2 && format[0] == '.' ? format[1] - '0' : -1;
  const QString text =
      quantity(value, bare ? quantity::Unit::None : m.unit, bare && decimals < 0 ? 2 : decimals);
  return sign && !text.startsWith('-') ? '+' + text : text;
}

QString said(const Argument& argument, const Gap& gap) {
  if (const auto* text = std::get_if<std::string>(&argument.value)) return utf8(*text);
  if (const auto* named = std::get_if<Term>(&argument.value)) return term(named->code);
  if (const auto* measure = std::get_if<Measure>(&argument.value)) return measured(*measure, gap);
  QStringList out;
  for (const Finding& inner : std::get<std::vector<Finding>>(argument.value)) out += sentence(inner);
  return out.join(gap.format == "list" ? ", " : " ");
}

/// The text with its gaps filled, in one pass: what is put in is never looked at again.
QString filled(const QString& text, const Finding& f) {
  QString out;
  qsizetype at = 0;
  while (true) {
    const qsizetype open = text.indexOf('{', at), close = text.indexOf('}', open);
    if (open < 0 || close < 0) return out + text.mid(at);
    out += text.mid(at, open - at);
    const Gap gap = gapOf(text.mid(open + 1, close - open - 1));
    if (const Argument* a = f.find(gap.name))
      out += said(*a, gap);
    else
      out += gap.name == f.subject.kind ? utf8(f.subject.id) : QStringLiteral("?");
    at = close + 1;
  }
}

QString translated(const char* text) {
  return *text ? QCoreApplication::translate("finding", text) : QString();
}

QString joined(const QString& first, const std::vector<Finding>& more) {
  QString out = first;
  for (const Finding& f : more) {
    const QString next = sentence(f);
    if (!out.isEmpty() && !next.isEmpty()) out += ' ';
    out += next;
  }
  return out;
}

/// A caution about one run says which; what is said within another sentence need not.
bool lacksItsRun(const Finding& f, const Text& text) {
  const FindingInfo* info = infoOf(f.code);
  return info && info->severity == Severity::Caution && f.subject.kind == "run" &&
         !utf8(text.text).contains(QStringLiteral("{run}"));
}

/// "Control link: ..." where a sentence of its own begins with the id of a link; a refusal goes on after a file's name.
bool beginsWithLink(const Finding& f, std::string_view text) {
  const FindingInfo* info = infoOf(f.code);
  return text.starts_with("{link} ") && info && info->severity != Severity::Refusal;
}

QString capital(QString text) {
  if (!text.isEmpty()) text[0] = text[0].toUpper();
  return text;
}

}  // namespace

QString value(const Argument& argument) {
  return said(argument, {argument.key, {}, "list"});
}

QString sentence(const Finding& f) {
  const Text* text = textOf(f.code);
  if (!text) return utf8(plainText(f));
  const QString own = filled(translated(text->text), f);
  if (!lacksItsRun(f, *text)) return joined(beginsWithLink(f, text->text) ? capital(own) : own, f.more);
  // A caution that is a sentence by itself keeps its full stop.
  const std::string said = (own.endsWith(QLatin1Char('.')) ? own.chopped(1) : own).toStdString();
  const Finding placed = finding("of-run", {{"text", said}}, f.subject);
  return joined(filled(translated(textOf("of-run")->text), placed), f.more);
}

Said say(const Finding& f) {
  const Text* text = textOf(f.code);
  QStringList why;
  for (const Finding& line : f.why) why += sentence(line);
  const QString title = text ? filled(translated(text->title), f) : QString();
  return {text && beginsWithLink(f, text->title) ? capital(title) : title, sentence(f), why.join('\n')};
}

Said sayAlone(Finding f) {
  f.more.clear();
  f.why.clear();
  return say(f);
}

QString sentence(const std::exception& error) {
  if (const auto* ours = dynamic_cast<const Error*>(&error)) return sentence(ours->found);
  return QString::fromUtf8(error.what());
}

}  // namespace distanz::words
