#pragma once
#include <QStringList>
#include <optional>

class QPrinter;
class QWidget;

namespace distanz::app {

/// Questions to the pilot that open a system dialog; tests answer from a script. Nothing: cancelled.
struct Prompts {
  virtual ~Prompts() = default;
  virtual std::optional<QString> openFile(QWidget* parent, const QString& title, const QString& filter) = 0;
  virtual QStringList openFiles(QWidget* parent, const QString& title, const QString& filter) = 0;
  /// @param suggested its ending is added to a name without one, before the dialog asks about a file that is
  /// there already
  virtual std::optional<QString> saveFile(QWidget* parent, const QString& title, const QString& suggested,
                                          const QString& filter) = 0;
  /// Where a new campaign goes unless the pilot chooses: a file that is not there yet.
  virtual QString freeCampaignFile() = 0;
  virtual std::optional<QString> openFolder(QWidget* parent, const QString& title) = 0;
  /// Sets a printer up. @return false: cancelled
  virtual bool printer(QWidget* parent, QPrinter& printer) = 0;
};

/// The system's own dialogs.
struct SystemPrompts : Prompts {
  std::optional<QString> openFile(QWidget* parent, const QString& title, const QString& filter) override;
  QStringList openFiles(QWidget* parent, const QString& title, const QString& filter) override;
  std::optional<QString> saveFile(QWidget* parent, const QString& title, const QString& suggested,
                                  const QString& filter) override;
  QString freeCampaignFile() override;
  std::optional<QString> openFolder(QWidget* parent, const QString& title) override;
  bool printer(QWidget* parent, QPrinter& printer) override;
};

}  // namespace distanz::app
