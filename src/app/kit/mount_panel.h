#pragma once
#include <QWidget>

#include "app/shared/bound_fields.h"
#include "core/plan/mounting.h"

namespace distanz::app {

/// How the aircraft's antenna of a link sits: drawn from above and from the side, with its fields beside it.
class MountPanel : public QWidget {
  Q_OBJECT
 public:
  explicit MountPanel(Document& document, QWidget* parent = nullptr);
  void show(const std::string& setup, const std::string& link);
  const plan::Mounting& mounting() const { return m_mounting; }

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  void refresh();
  void addFields();
  fields::Bound<bool> flag(const char* name, const QString& label, bool campaign::Mount::*member) const;
  fields::Bound<std::optional<double>> angle(const char* name, const QString& label,
                                          std::optional<double> campaign::Mount::*member) const;
  const campaign::Mount* find(const campaign::Campaign& campaign) const;

  Document& m_document;
  std::string m_setup, m_link;
  plan::Mounting m_mounting;
  QWidget* m_fields = nullptr;
};

}  // namespace distanz::app
