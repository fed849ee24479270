// A sweep of 200,001 points: read, judged, drawn.
#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <vector>

#include "core/simulate/instruments.h"
#include "formats/bench/record_files.h"
#include "formats/bench/sweep_file.h"
#include "lanes/paper/plot_paper.h"

using namespace distanz;

int main(int argc, char** argv) {
  QGuiApplication app(argc, argv);
  const std::string bytes = formats::writeTouchstone(simulate::sweepOf({}, 5000, 6500, 200'001, false, 1));
  campaign::Campaign c;
  c.links.resize(1);
  c.links[0].id = "video";
  c.links[0].frequency_mhz = 5800;
  campaign::Record r;
  r.id = "r1";
  const lanes::Look look{Qt::white,
                         Qt::white,
                         Qt::black,
                         Qt::gray,
                         Qt::lightGray,
                         Qt::blue,
                         Qt::red,
                         [](int, double width) { return QPen(Qt::blue, width); },
                         [](int pixels, bool) {
                           QFont f;
                           f.setPixelSize(pixels);
                           return f;
                         }};
  std::vector<double> took_ms;
  for (int i = 0; i < 20; ++i) {
    const auto begin = std::chrono::steady_clock::now();
    auto read = formats::readRecordFile(r.kind, {"a.s1p", {}, {}, {}}, bytes);
    const records::FileData files[] = {std::move(read.data)};
    const auto result = records::judge({c, r, files, {}, {}});
    QImage image(900, 500, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    lanes::paint(painter, QRectF(0, 0, 900, 500), result.plot, look);
    took_ms.push_back(
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count());
  }
  std::sort(took_ms.begin(), took_ms.end());
  std::printf(
      "a sweep of 200,001 points (%.1f MB): read, judged and drawn in %.1f ms (median), %.1f ms at worst\n",
      double(bytes.size()) / 1e6, took_ms[took_ms.size() / 2], took_ms.back());
}
