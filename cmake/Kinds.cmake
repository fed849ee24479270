# Kinds of code: what most sources of a kind read, parsed once (no header of ours: those change), and how hard they are optimised. What is
# no loop over samples is optimised less (distanz_hot names the few that are): it runs as fast, and compiles in half the time.
set(light $<$<CONFIG:Release>:-Og>)
set(standard <algorithm> <array> <atomic> <charconv> <cmath> <complex> <cstdint> <cstring> <deque> <filesystem> <functional> <iterator> <limits> <map>
             <memory> <mutex> <numbers> <numeric> <optional> <ostream> <set> <span> <sstream> <string> <string_view> <utility> <variant> <vector>)
set(libraries <fmt/format.h> <nlohmann/json.hpp>)
set(core_of_qt <QCoreApplication> <QDateTime> <QFile> <QFileInfo> <QHash> <QList> <QMap> <QObject> <QPointer> <QRectF> <QString> <QStringList> <QTimer> <QVariant>)
set(widgets_of_qt <QAction> <QApplication> <QButtonGroup> <QCheckBox> <QComboBox> <QDialog> <QFutureWatcher> <QGridLayout> <QHBoxLayout> <QHeaderView>
                  <QKeyEvent> <QLabel> <QLineEdit> <QListWidget> <QMenu> <QPainter> <QPainterPath> <QPushButton> <QScrollArea> <QStackedWidget> <QTableWidget>
                  <QToolButton> <QVBoxLayout> <QWidget> <QtConcurrent>)

distanz_kind(numeric LINKS Eigen3::Eigen HEADERS ${standard} <fmt/format.h> <Eigen/Dense>)
distanz_kind(plain OPTIONS ${light} HEADERS ${standard} ${libraries})
distanz_kind(qt_core LINKS Qt6::Core OPTIONS ${light} HEADERS ${standard} ${libraries} ${core_of_qt})
distanz_kind(widgets LINKS Qt6::Widgets Qt6::Concurrent OPTIONS ${light} HEADERS ${standard} ${libraries} ${core_of_qt} ${widgets_of_qt})
if(DISTANZ_TESTS)
  # Compiled alike whether they use Qt or not, and no harder than what is run once asks for: what is tested has its own options.
  set(tested $<$<CONFIG:Release>:-Og> -fPIC -DCATCH_CONFIG_FAST_COMPILE
      $<$<CXX_COMPILER_ID:GNU>:-Wno-array-bounds$<SEMICOLON>-Wno-stringop-overflow>)  # false alarms where texts are put together (gcc bug 105329)
  distanz_kind(test OPTIONS ${tested} HEADERS ${standard} ${libraries} <catch2/catch.hpp>)
  distanz_kind(window_test LINKS Qt6::Widgets Qt6::Concurrent OPTIONS ${tested} HEADERS ${standard} ${libraries} ${core_of_qt} ${widgets_of_qt} <catch2/catch.hpp>)
endif()
