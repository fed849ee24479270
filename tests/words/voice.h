#pragma once
#include <QRegularExpression>
#include <QString>
#include <QStringList>
#include <vector>

/// How the program may speak, as far as a machine can tell: what breaks a rule comes back as a complaint.
namespace distanz::test::voice {

constexpr int kSentence_words = 18, kTitle_words = 10;

/// Gaps count as one word; what stands in brackets is read as an aside and does not count.
inline int words(QString sentence) {
  static const QRegularExpression gap(R"(\{[^}]*\}|%\d)"), aside(R"(\([^()]*\))"), word(R"([\p{L}\p{N}][\p{L}\p{N}'’._/–-]*)");
  sentence.replace(gap, "X").remove(aside);
  int n = 0;
  for (auto it = word.globalMatch(sentence); it.hasNext(); it.next()) ++n;
  return n;
}

/// Split where a full stop, a question or an exclamation mark is followed by a blank.
inline QStringList sentences(const QString& text) {
  static const QRegularExpression end(R"((?<=[.!?])\s+|\n|<[^>]*>)");
  return text.split(end, Qt::SkipEmptyParts);
}

/// What nobody says: the words of the old voice, and inversions that sound like a translation.
inline const std::vector<const char*>& forbidden(const QString& language) {
  static const std::vector<const char*> english = {
      R"(\bdependable\b)", R"(\btypical range\b)", R"(\bkeeps? the rule\b)", R"(\bcarries\b)", R"(\bcritical level\b)",
      R"(\btimes as long\b)", R"(\barrives? at the far post\b)", R"(\bit is told\b)", R"(\bis told\b|\bare told\b|\btold by\b)", R"(\bnothing (is )?said\b)",
      R"(\bnot said\b)", R"(\bsaid to be\b)", R"(\bseen to (?!fail))", R"(\bway (out|back)\b)", R"(\bvoid(ed|s)?\b)", R"(\bcount it again\b)",
      R"(\breduced by\b)", R"(\bstands? for\b)", R"(\bbring (the )?(first )?logs in\b|\bbring in\b)", R"(\bfind out\b)", R"(\bwhat it says\b)", R"(\bwhat went in\b)",
      R"(\btake over\b)", R"(\bheld by its cable\b)", R"(\bhalf-power width\b)", R"(\bfront to back\b)", R"(\bturned from upright\b)",
      R"(\blargest size\b)", R"(\bsteps and charge\b)", R"(\bstretch(es)?\b)", R"(\bstood still\b)", R"(\blived on\b)", R"(\ba kilometre\b)", R"(\bwhat stands in the way\b)",
      R"(\bby itself\b)", R"(\bsent back\b)", R"(\bof no unit\b)", R"(\btime in twenty\b|\btimes in five\b)", R"(\bmillionths\b)", R"(\bnone of theirs\b)",
      R"(\bof which\b)", R"(\bthereby\b)", R"(\bwhatever\b)", R"(\bso that nobody\b)", R"(\bgive or take\b)", R"(\bcannot be told\b)", R"(\bis no (number|picture|place|position|channel|raster|map|time of day|reason|format)\b)", R"(\bnobody\b(?! in front))",
      R"(\bnear by\b)", R"(\bfor ever\b)"};
  static const std::vector<const char*> german = {
      R"(\b[Ss]trecken?\b(?!,? nicht die Entfernung))", R"(\bStandardabweichung\b)", R"(\bverlässlich)", R"(\btypische)", R"(\btrüge\b|\bträgt\b)", R"(\bbegrenzt es\b)", R"(\bgestrichen\b|\bstreichen\b)",
      R"(\bkritische[nr]? Pegel)", R"(\bRegel für\b)", R"(\bgesagt\b|\berzählt\b)", R"(\bHinweg|\bRückweg(?!\w))", R"(\bAufbau(ten)?\b)", R"(\bVerbindung(en)?\b)", R"(\bPosten\b)", R"(\bPfade?s?\b)",
      R"(\bMessplatz\b)", R"(\bAblesung)", R"(\beinlesen\b|\bhereinholen\b)", R"(\bübernehmen\b)", R"(\bStücke?\b von \{)", R"(\bwas auch\b)", R"(\bihre Regel\b)"};
  static const std::vector<const char*> none;
  return language == "en" ? english : language == "de" ? german : none;
}

inline QStringList complaints(QString text, const QString& language) {
  static const QRegularExpression gap(R"(\{[^}]*\})");
  text.replace(gap, "X");
  QStringList out;
  for (const QString& s : sentences(text))
    if (words(s) > kSentence_words) out << QString("%1 words: %2").arg(words(s)).arg(s);
  for (const char* pattern : forbidden(language)) {
    const QRegularExpression re(pattern, language == "en" ? QRegularExpression::CaseInsensitiveOption : QRegularExpression::NoPatternOption);
    if (const auto m = re.match(text); m.hasMatch()) out << QString("says \"%1\": %2").arg(m.captured(), text);
  }
  return out;
}

/// A title is one line; what follows it does not begin by naming the same subject once more.
inline QStringList pairComplaints(const QString& title, const QString& text) {
  QStringList out;
  if (words(title) > kTitle_words) out << QString("a title of %1 words: %2").arg(words(title)).arg(title);
  const auto subject = [](const QString& of) { return of.split(QRegularExpression(R"([\s:,;]+)"), Qt::SkipEmptyParts).mid(0, 2).join(' '); };
  if (!title.isEmpty() && !text.isEmpty() && subject(title) == subject(text)) out << QString("names its subject twice: %1 | %2").arg(title, text);
  static const QRegularExpression gap(R"(\{(\w+)[}:])");
  for (const QString& s : sentences(text)) {
    QStringList named;
    for (auto it = gap.globalMatch(s); it.hasNext();) named << it.next().captured(1);
    if (named.removeDuplicates() > 0) out << QString("names a thing twice: %1").arg(s);
  }
  return out;
}

}  // namespace distanz::test::voice
