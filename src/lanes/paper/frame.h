#pragma once
#include <QSize>
#include <QString>
#include <functional>
#include <vector>

#include "lanes/paper/paper.h"

class QPainter;

namespace distanz::lanes {

/// What a picture that leaves the window says of itself, around what it shows.
struct Frame {
  QString title;    ///< of the campaign
  QString page;     ///< what is shown: "Compare, along the path: video link"
  QString verdict;  ///< the answer on that page; empty where it has none
  QString limit;    ///< when a link still counts as usable
  QString made;     ///< date and program with its version
  struct Setup {
    QString letter, name;
    int mark;
  };
  std::vector<Setup> setups;
};

/// The size of a drawing of that size with its frame.
QSize framed(const Frame& frame, QSize inside, const Look& look);

/// The frame, and within it what `inside` draws from its own origin.
void paintFramed(QPainter& painter, const Frame& frame, QSize size, const Look& look,
                 const std::function<void(QPainter&)>& inside);

}  // namespace distanz::lanes
