#include "app/command_line.h"

#include <QCommandLineParser>
#include <QCoreApplication>
#include <memory>

namespace distanz::app {
namespace {

struct Options {
  QCommandLineParser parser;
  QCommandLineOption version = parser.addVersionOption();
  QCommandLineOption help = parser.addHelpOption();
  QCommandLineOption demo{"demo", QObject::tr("open the demo campaign")};
  QCommandLineOption dark{"dark", QObject::tr("dark colours")};
  QCommandLineOption pictures{"pictures", QObject::tr("save a picture of each main view to DIR and quit"),
                              "DIR"};
  QCommandLineOption quit{"quit-when-analysed",
                          QObject::tr("quit once the campaign is shown and analysed, for timing")};

  Options() {
    parser.setApplicationDescription(QObject::tr("How far each radio setup reaches, and how sure that is"));
    parser.addPositionalArgument("FILE", QObject::tr("campaign file or interchange folder to open"),
                                 "[FILE]");
    parser.addOptions({demo, dark, pictures, quit});
  }
};

}  // namespace

std::optional<QString> toldWithoutDisplay(int argc, char** argv) {
  QCoreApplication early(argc, argv);
  Options options;
  const QStringList asked = QCoreApplication::arguments();
  for (const QString& name : options.version.names())
    if (asked.contains("-" + name) || asked.contains("--" + name))
      return QCoreApplication::applicationName() + ' ' + QCoreApplication::applicationVersion() + '\n';
  for (const QString& name : options.help.names())
    if (asked.contains("-" + name) || asked.contains("--" + name)) return options.parser.helpText();
  return std::nullopt;
}

Started readCommandLine(const QStringList& arguments) {
  Options o;
  Started out;
  if (!o.parser.parse(arguments)) {
    out.refused = o.parser.errorText();
    return out;
  }
  const QStringList files = o.parser.positionalArguments();
  if (files.size() > 1)
    out.refused = QObject::tr("%1 files given; Distanz opens one at a time").arg(files.size());
  else if (files.size() == 1 && o.parser.isSet(o.demo))
    out.refused = QObject::tr("open either the demo or a file, not both");
  out.options = {files.value(0), o.parser.isSet(o.demo), o.parser.isSet(o.dark), o.parser.isSet(o.quit),
                 o.parser.value(o.pictures)};
  return out;
}

}  // namespace distanz::app
