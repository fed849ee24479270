#include "standin/command.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <ostream>

#include "core/finding/error.h"
#include "formats/files.h"
#include "standin/instrument.h"
#include "standin/server.h"
#include "words/say.h"

namespace distanz::standin {
namespace {

struct Asked {
  std::string kind, fault, file;
  std::uint64_t seed = 1;
  double every_s = 0.2;
  int port = 0;
  bool pty = false, once = false;
};

std::string said(const char* text) {
  return QCoreApplication::translate("standin", text).toStdString();
}

QStringList linesOf(const Asked& asked) {
  QStringList lines = QString::fromStdString(tell(asked.kind, asked.fault, asked.seed)).split('\n');
  while (!lines.isEmpty() && lines.back().isEmpty()) lines.removeLast();
  if (asked.kind == "sweep" || asked.kind == "spectrum") lines << QString();  // an empty line ends a file
  return lines;
}

void serve(const Asked& asked, std::ostream& out) {
  Server server(linesOf(asked), std::max(int(asked.every_s * 1000), 1));
  const QString place = asked.pty ? server.servePty() : server.serveTcp(quint16(asked.port));
  out << place.toStdString() << std::endl;
  if (asked.once)
    QObject::connect(&server, &Server::served, qApp, &QCoreApplication::quit, Qt::QueuedConnection);
  QCoreApplication::exec();
}

void list(std::ostream& out) {
  for (const Instrument& i : instruments())
    out << i.kind << (*i.fault ? std::string(" --fault ") + i.fault : std::string()) << "\n    "
        << said(i.what) << "\n";
}

void addInstrument(CLI::App* command, Asked& asked) {
  command->add_option("kind", asked.kind, said(QT_TRANSLATE_NOOP("standin", "the instrument; see list")))
      ->required();
  command->add_option("--fault", asked.fault, said(QT_TRANSLATE_NOOP("standin", "a fault to be found")));
  command->add_option("--seed", asked.seed, said(QT_TRANSLATE_NOOP("standin", "of its noise")));
}

}  // namespace

int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err) {
  CLI::App app(said(
      QT_TRANSLATE_NOOP("standin", "Simulated instruments with faults to find, for practice and tests")));
  app.require_subcommand(1);
  Asked asked;
  CLI::App* listing =
      app.add_subcommand("list", said(QT_TRANSLATE_NOOP("standin", "The instruments and their faults")));
  CLI::App* writing = app.add_subcommand(
      "write", said(QT_TRANSLATE_NOOP("standin", "Write an instrument's readings to a file")));
  addInstrument(writing, asked);
  writing->add_option("file", asked.file, said(QT_TRANSLATE_NOOP("standin", "a new file")))->required();
  CLI::App* serving = app.add_subcommand(
      "serve",
      said(QT_TRANSLATE_NOOP("standin", "Send readings as lines of text; prints the address")));
  addInstrument(serving, asked);
  serving
      ->add_option(
          "--tcp", asked.port,
          said(QT_TRANSLATE_NOOP("standin", "port on this machine; any free one if left out")))
      ->check(CLI::Range(0, 65535));
  serving->add_flag("--pty", asked.pty, said(QT_TRANSLATE_NOOP("standin", "on a pseudo-terminal")));
  serving->add_option("--every", asked.every_s, said(QT_TRANSLATE_NOOP("standin", "seconds between lines")))
      ->check(CLI::Range(0.001, 3600.0));
  serving->add_flag("--once", asked.once, said(QT_TRANSLATE_NOOP("standin", "stop after one listener")));
  try {
    app.parse(std::vector<std::string>(arguments.rbegin(), arguments.rend()));
    if (listing->parsed()) list(out);
    if (writing->parsed()) formats::writeNewFile(asked.file, tell(asked.kind, asked.fault, asked.seed), asked.file);
    if (serving->parsed()) serve(asked, out);
    return 0;
  } catch (const CLI::ParseError& e) {
    return app.exit(e, out, err) == 0 ? 0 : 2;
  } catch (const std::exception& e) {
    err << words::sentence(e).toStdString() << "\n";
    return 1;
  }
}

}  // namespace distanz::standin
