#pragma once
#include <QLabel>
#include <QLineEdit>
#include <QPointer>
#include <QWidget>
#include <functional>

namespace distanz::app {

/// A field whose text is looked at when it is finished: a wrong one is refused below the field with the
/// reason, and the campaign keeps the old value. A click selects all of it: what is typed replaces it.
class CheckedEdit : public QWidget {
  Q_OBJECT
 public:
  explicit CheckedEdit(QWidget* parent = nullptr);
  ~CheckedEdit() override;

  /// Shows a text without asking for a check. Leaves a field alone that is being typed in.
  void showText(const QString& text);
  QLineEdit* field() const { return m_field; }

 signals:
  void accepted();

 protected:
  /// Looks at a text that differs from the shown one, and keeps what it says. @return why it is refused;
  /// empty where it is not
  virtual QString take(const QString& text) = 0;
  bool eventFilter(QObject* watched, QEvent* event) override;
  void hideEvent(QHideEvent* event) override;

 private:
  void check();
  void refuse(const QString& reason);

  QString m_shown;
  QLineEdit* m_field;
  QPointer<QLabel> m_reason;  ///< floats below the field: nothing moves away under the pointer
  bool m_select_all = false;
};

/// A field for a list in words of its own, e.g. sensitivities per mode.
class TextEdit : public CheckedEdit {
  Q_OBJECT
 public:
  /// @param read keeps the text's meaning and returns why it is refused, or nothing
  explicit TextEdit(std::function<QString(const QString&)> read, QWidget* parent = nullptr)
      : CheckedEdit(parent), m_read(std::move(read)) {}

 protected:
  QString take(const QString& text) override { return m_read(text); }

 private:
  std::function<QString(const QString&)> m_read;
};

}  // namespace distanz::app
