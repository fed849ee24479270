#pragma once
#include <QFutureWatcher>
#include <map>

#include "app/shared/photo.h"
#include "app/shared/stage.h"

class QButtonGroup;
class QGridLayout;
class QStackedWidget;

namespace distanz::app {

class ChainPage;
class LinkCard;
class DifferencesView;
class PartsView;
class SetupStrip;

/// The kit, drawn: a chain for each setup and link, what differs between setups, all parts, and the links
/// with their rules.
class KitStage : public Stage, public Exportable {
  Q_OBJECT
 public:
  explicit KitStage(Document& document, QWidget* parent = nullptr);
  std::vector<Finding> findings() const override;
  std::optional<Finding> lacks() const override;
  Finding has() const override;
  bool takesFiles() const override;
  void takeFiles(const QStringList& files) override;

  void find() override;
  void addSetup();
  void addLink(campaign::LinkKind kind);

  QString pageName() const override;
  std::string pageLink() const override;
  QWidget* plainPage() const override;
  QSize paperSize() const override;
  void paintPaper(QPainter& painter) const override;
  QByteArray csv() const override;

 protected:
  void showEvent(QShowEvent*) override;

 private:
  enum Page { Chain, Differs, Parts, Links };
  void addPages();
  QWidget* linksPage();
  void turnTo(Page page);
  void refresh();
  void showLinks();
  void askForPhotos(const QString& part);
  void settlePhotos();
  void openPhoto(const QString& part, int photo);

  std::string m_chosen, m_photos_of;
  std::map<std::string, LinkCard*> m_cards;  ///< by link and kind
  bool m_asked = false;           ///< files come as an answer, they were not dropped
  bool m_wants_campaign = false;  ///< files asked for are another campaign, not photos
  SetupStrip* m_strip;
  ChainPage* m_chain;
  DifferencesView* m_differs;
  PartsView* m_parts;
  QGridLayout* m_links;
  QButtonGroup* m_tabs;
  QStackedWidget* m_pages;
  QFutureWatcher<TakenPhotos> m_photos;
};

}  // namespace distanz::app
