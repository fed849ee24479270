#include <ostream>

#include "cli/command.h"
#include "cli/said.h"
#include "core/campaign/new_campaign.h"
#include "core/finding/error.h"
#include "store/campaign_file.h"

namespace distanz::cli {

void newCommand(const NewOptions& options, Io io) {
  using campaign::LinkKind;
  if (options.campaign.extension() != ".distanz")
    throw InputError(inFile(options.campaign.string(), finding("new-ending")));
  std::vector<LinkKind> compared;
  if (options.compare != "video") compared.push_back(LinkKind::Control);
  if (options.compare != "control") compared.push_back(LinkKind::Video);
  const std::string title = options.title.empty() ? options.campaign.stem().string() : options.title;
  store::CampaignFile::create(options.campaign, campaign::newCampaign(title, compared), store::CampaignFile::Existing::Keep);
  io.out << Cli::tr("%1: ready. Name setups A and B in Kit, or import logs with --setup A.")
                .arg(QString::fromStdString(options.campaign.filename().string()))
                .toStdString()
         << "\n";
}

}  // namespace distanz::cli
