#pragma once
#include <QComboBox>
#include <QTableWidget>

#include "app/runs/import_list.h"

/// What the rows of an import show, one log each.
namespace distanz::app {

enum ImportColumn { ImportLog, ImportWith, ImportSetup, ImportMethod, ImportEnded, ImportNotes, ImportState, kImportColumns };
constexpr int kEachAntenna = -2;

void setUpImportTable(QTableWidget& table);
/// A run of its own, or more about the run of another log of the list; an own run for each antenna.
QComboBox* importWithBox(const ImportList& list, int row);
/// The reason why it ended, marked where it was guessed.
void showEnded(QComboBox& box, const ListedLog& log);
QString importTitle(const ListedLog& log);

/// What is known of the log so far: how long it is, or why it cannot be taken.
struct ImportStateText {
  QString text;
  bool refused = false;
};
ImportStateText importState(const ListedLog& log);

}  // namespace distanz::app
