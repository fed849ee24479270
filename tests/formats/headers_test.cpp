// Headers as they occur: what a column is taken for by its name.
#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <map>

#include "core/log/recording.h"
#include "formats/column_guess.h"
#include "formats/column_words.h"
#include "formats/log_format.h"
#include "formats/log_import.h"
#include "support/two_links.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

/// What a header's column becomes, beside a time and with that value in its rows; empty: nothing known.
std::string takenFor(const std::string& header, const std::string& value = "-70") {
  const auto table = openLog("time_s\t" + header + "\n0\t" + value + "\n1\t" + value + "\n");
  for (const ColumnMatch& m : matchColumns(table->head(), test::controlAndVideo().links))
    if (m.column == 1) return m.channel;
  return {};
}

}  // namespace

TEST_CASE("headers: words glued or cut short are told in full, antennas are numbered") {
  const auto words = [](const char* header) {
    const ColumnWords w = wordsOf(header);
    std::string out;
    for (const std::string& word : w.words) out += word + " ";
    return out + (w.antenna ? fmt::to_string(w.antenna) : "") + (w.unit.empty() ? "" : "[" + w.unit + "]");
  };
  CHECK(words("1RSS(dB)") == "rssi 1[dB]");
  CHECK(words("RSSI ant 2") == "rssi ant 2");
  CHECK(words("RQly(%)") == "up quality [%]");
  CHECK(words("TRSS(dB)") == "down rssi [dB]");
  CHECK(words("TPWR(mW)") == "tx power [mW]");
  CHECK(words("RxBt(V)") == "rx voltage [V]");
  CHECK(words("Höhe [m]") == "altitude [m]");
  CHECK(words("Qualité") == "quality ");
  CHECK(words("Windgeschwindigkeit") == "wind speed ");
  CHECK(words("Verbindungskwaliteit") == "link quality ");
  CHECK(words("Motorspannung [V]") == "motor voltage [V]");
  CHECK(words("bitrate") == "bitrate ");
  CHECK(words("Lat/Lon") == "lat lon ");
  CHECK(words("speed furlong/s") == "speed [furlong/s]");
}

TEST_CASE("headers: abbreviations of control radios are what they mean, up and down told apart") {
  const std::map<std::string, std::string> means{{"1RSS(dB)", "control.rssi_dbm"},  {"RQly(%)", "control.lq_pct"},
                                                 {"RSNR(dB)", "control.snr_db"},    {"TRSS(dB)", "control.down_rssi_dbm"},
                                                 {"TQly(%)", "control.down_lq_pct"}, {"TSNR(dB)", "control.down_snr_db"},
                                                 {"TPWR(mW)", "control.power_mw"},  {"RxBt(V)", "battery_v"},
                                                 {"Curr(A)", "current_a"},          {"Capa(mAh)", "used_mah"},
                                                 {"GSpd(kmh)", "speed_mps"},        {"Hdg(°)", "heading_deg"},
                                                 {"Sats", "satellites"},            {"Alt(m)", "height_m"},
                                                 {"Downlink LQ", "control.down_lq_pct"},
                                                 {"uplink_rssi_dbm", "control.rssi_dbm"}};
  for (const auto& [header, channel] : means) {
    INFO(header);
    CHECK(takenFor(header, header.find("dB") == std::string::npos ? "12" : "-70") == channel);
  }
}

TEST_CASE("headers: a campaign whose links are called up and down has each one's own signal") {
  auto links = test::controlAndVideo().links;
  links[0].id = "uplink";
  links[1].id = "downlink";
  const auto table = openLog("time,uplink rssi,downlink rssi\n0,-60,-70\n1,-61,-71\n");
  std::vector<std::string> channels;
  for (const ColumnMatch& m : matchColumns(table->head(), links)) channels.push_back(m.channel);
  CHECK(channels == std::vector<std::string>{"time_s", "uplink.rssi_dbm", "downlink.rssi_dbm"});
}

TEST_CASE("headers: in eight languages, with and without their units and accents") {
  const std::vector<std::string> channels{"distance_m", "control.rssi_dbm", "control.lq_pct", "height_m", "speed_mps", "heading_deg", "satellites", "battery_v", "current_a", "used_mah", "video.bitrate_mbps", "video.delay_ms", "control.power_mw", "control.rate_hz", "control.snr_db"};
  const std::vector<std::string> units{"m", "dBm", "%", "m", "m/s", "°", "", "V", "A", "mAh", "Mbit/s", "ms", "mW", "Hz", "dB"};
  const std::vector<std::vector<std::string>> languages{
      {"Distance", "Signal", "Link quality", "Altitude", "Speed", "Heading", "Satellites", "Voltage", "Current", "Capacity used", "Bitrate", "Latency", "TX power", "Packet rate", "Signal to noise"},
      {"Entfernung", "Signalstärke", "Verbindungsqualität", "Höhe", "Geschwindigkeit", "Kurs", "Satelliten", "Akkuspannung", "Strom", "Verbrauchte Kapazität", "Datenrate", "Verzögerung", "Sendeleistung", "Paketrate", "Signal-Rausch-Abstand"},
      {"Distance", "Puissance du signal", "Qualité de liaison", "Hauteur", "Vitesse", "Cap [°]", "Satellites", "Tension", "Courant", "Capacité consommée", "Débit", "Latence", "Puissance d'émission", "Cadence des paquets", "Rapport signal/bruit"},
      {"Distancia", "Intensidad de señal", "Calidad de enlace", "Altura", "Velocidad", "Rumbo", "Satélites", "Voltaje", "Corriente", "Capacidad consumida", "Tasa de bits", "Retardo", "Potencia de transmisión", "Tasa de paquetes", "Relación señal ruido"},
      {"Distanza", "Segnale", "Qualità del collegamento", "Quota", "Velocità", "Rotta", "Satelliti", "Tensione", "Corrente", "Capacità consumata", "Velocità dati", "Latenza", "Potenza di trasmissione", "Frequenza pacchetti", "Rapporto segnale rumore"},
      {"Distância", "Sinal", "Qualidade do enlace", "Altitude", "Velocidade", "Rumo", "Satélites", "Tensão", "Corrente", "Capacidade consumida", "Taxa de dados", "Atraso", "Potência de transmissão", "Taxa de pacotes", "Relação sinal ruído"},
      {"Afstand", "Signaalsterkte", "Verbindingskwaliteit", "Hoogte", "Snelheid", "Koers", "Satellieten", "Spanning", "Stroom", "Verbruikte capaciteit", "Bitsnelheid", "Vertraging", "Zendvermogen", "Pakketsnelheid", "Signaal ruis"},
      {"Odległość", "Siła sygnału", "Jakość łącza", "Wysokość", "Prędkość", "Kurs", "Satelity", "Napięcie", "Prąd", "Zużyta pojemność", "Przepływność", "Opóźnienie", "Moc nadajnika", "Częstotliwość pakietów", "Sygnał szum"}};
  for (const auto& headers : languages)
    for (std::size_t i = 0; i < channels.size(); ++i) {
      const std::string value = channels[i] == "control.rssi_dbm" ? "-70" : "12";
      const bool named = headers[i].find('[') != std::string::npos;
      CAPTURE(headers[i]);
      CHECK(takenFor(headers[i], value) == channels[i]);
      if (!named && !units[i].empty()) CHECK(takenFor(headers[i] + " [" + units[i] + "]", value) == channels[i]);
      if (!named && !units[i].empty()) CHECK(takenFor(headers[i] + " (" + units[i] + ")", value) == channels[i]);
    }
  for (const char* time : {"Zeit", "Uhrzeit", "temps", "Heure", "tiempo", "hora", "tempo", "ora", "tijd", "czas", "Zeit [s]", "Datum/Zeit", "Date / heure"}) {
    const auto table = openLog(std::string(time) + ";RSSI\n1;-70\n2;-71\n");
    const auto matches = matchColumns(table->head(), test::controlAndVideo().links);
    CAPTURE(time);
    REQUIRE(matches.size() == 2);
    CHECK(matches[0].channel == "time_s");
  }
}

TEST_CASE("headers: words that belong to something else") {
  CHECK(takenFor("Received power [dBm]") == "control.rssi_dbm");
  CHECK(takenFor("Empfangspegel") == "control.rssi_dbm");
  CHECK(takenFor("Level [dBm]") == "control.rssi_dbm");
  CHECK(takenFor("TX power [dBm]", "20") == "control.power_mw");
  CHECK(takenFor("Windgeschwindigkeit", "4").empty());
  CHECK(takenFor("Vertical speed [m/s]", "4").empty());
  CHECK(takenFor("Noise level [dBm]", "-95").empty());
  CHECK(takenFor("Rauschpegel [dBm]", "-95").empty());
  CHECK(takenFor("Signal lost", "0").empty());
  CHECK(takenFor("GPS signal", "4").empty());
  CHECK(takenFor("Packet loss rate", "4").empty());
  CHECK(takenFor("UavBat(V)", "16") == "battery_v");
  CHECK(takenFor("RFMD", "2") == "control.mode");
  CHECK(takenFor("Bildqualität", "4") == "video.picture");
  const auto table = openLog("Datum;Uhrzeit;RSSI\n24.11.2026;06:31:02;-70\n24.11.2026;06:31:03;-72\n");
  const auto r = readRecording("Datum;Uhrzeit;RSSI\n24.11.2026;06:31:02;-70\n24.11.2026;06:31:03;-72\n", "log", test::controlAndVideo());
  CHECK(r.started == "2026-11-24 06:31:02");
  CHECK(takenFor("Data").empty());  // no date in its rows
  CHECK(takenFor("Wind Geschwindigkeit").empty());
  CHECK(takenFor("distance parcourue") == "travelled_m");  // which is not how far away it was
  CHECK(takenFor("distance travelled m") == "travelled_m");
  CHECK(takenFor("slant range [m]") == "slant_m");
  CHECK(takenFor("3D distance (m)") == "slant_m");
  CHECK(takenFor("chainage m") == "along_m");
  CHECK(takenFor("Roll (deg)") == "roll_deg");
}

TEST_CASE("headers: of several antennas the one that hears better counts, one that is not there does not") {
  const auto best = [](const std::string& log) {
    const auto r = readRecording(log, "log", test::controlAndVideo());
    const auto* v = r.find("control.rssi_dbm");
    return v ? *v : std::vector<double>();
  };
  CHECK(best("time,1RSS(dB),2RSS(dB)\n0,-70,-80\n1,-90,-75\n2,-71,\n") == std::vector<double>{-70, -75, -71});
  CHECK(best("time,1RSS(dB),2RSS(dB)\n0,-70,0\n1,-90,0\n2,-71,0\n") == std::vector<double>{-70, -90, -71});
  CHECK(best("time,1RSS(dB),2RSS(dB)\n0,0,-70\n1,0,-90\n2,0,-71\n") == std::vector<double>{-70, -90, -71});
  CHECK(best("time,1RSS(dB),2RSS(dB)\n0,-70,-80\n1,-90,0\n2,-71,-69\n") == std::vector<double>{-70, -90, -69});
  CHECK(best("time,1RSS(dB),2RSS(dB)\n0,70,80\n1,90,75\n2,71,72\n") == std::vector<double>{-70, -75, -71});  // no sign
  CHECK(best("time,rssi,1RSS(dB),2RSS(dB)\n0,-60,-70,-80\n1,-61,-90,-75\n") == std::vector<double>{-60, -61});
}

TEST_CASE("headers: what no name tells is guessed by its values, and never taken") {
  std::string log = "a;b;c;d;e;f\n";
  for (int i = 0; i < 20; ++i)
    log += fmt::to_string(i * 100) + ";" + fmt::to_string(46.91 + 0.00012345 * i) + ";" + fmt::to_string(20.96 + 0.00023456 * i) +
           ";" + fmt::to_string(-60 - i) + ";" + fmt::to_string(i < 15 ? 100 : 80) + ";" + fmt::to_string(i % 3 * 1000) + "\n";
  const auto table = openLog(log);
  const auto links = test::controlAndVideo().links;
  const auto matches = matchColumns(table->head(), links);
  CHECK(matches.empty());
  std::map<std::string, std::string> guessed;
  for (const ColumnMatch& g : guessColumns(table->head(), links, matches)) guessed[g.channel] = g.header;
  CHECK(guessed == std::map<std::string, std::string>{{"time_s", "a"},
                                                      {"lat_deg", "b"},
                                                      {"lon_deg", "c"},
                                                      {"control.rssi_dbm", "d"},
                                                      {"control.lq_pct", "e"}});
  const auto corrected = matchColumns(table->head(), links, guessed);
  CHECK(corrected.size() == 5);
  CHECK(guessColumns(table->head(), links, corrected).empty());  // "f" is like nothing
  CHECK(readRecording(log, "log", test::controlAndVideo(), guessed).rows() == 20);
  const auto clocks = openLog("wann;x\n06:31:02;1\n06:31:03;1\n");
  const auto told = guessColumns(clocks->head(), links, {});
  REQUIRE(told.size() == 1);
  CHECK(told[0].channel == "time_s");
}

TEST_CASE("headers: words glued by capitals, and units that are all the name there is") {
  const auto words = [](const char* header) {
    const ColumnWords w = wordsOf(header);
    return fmt::format("{}|{}|{}", fmt::join(w.words, " "), w.unit, w.antenna);  // words, unit, antenna
  };
  CHECK(words("uplinkRSSI") == "up rssi||0");
  CHECK(words("uplinkRSSIAnt2") == words("uplink RSSI Ant2"));
  CHECK(words("downlinkLQ") == "down lq||0");
  CHECK(words("RSSIdBm") == "rssi|dBm|0");
  CHECK(words("rssidBm") == "rssi|dBm|0");
  CHECK(words("SNRdB") == "snr|dB|0");
  CHECK(words("distanceM") == "distance|M|0");
  CHECK(words("txPowerMW") == "tx power|MW|0");
  CHECK(words("TXPower") == "tx power||0");
  CHECK(words("GPSAlt") == "gps alt||0");
  CHECK(words("vtxPower") == "video tx power||0");
  CHECK(words("mAh") == "charge used|mAh|0");
  CHECK(words("mah_used") == "charge used used|mAh|0");
  CHECK(words("Mbps") == "bitrate|Mbps|0");
  CHECK(words("dBm") == "signal|dBm|0");
  CHECK(words("km") == "distance|km|0");
  for (const auto& [whole, low] : {std::pair("GSpd", "gspd"), {"TPwr", "tpwr"}, {"RQly", "rqly"}, {"VSpd", "vspd"}, {"kHz", "khz"}}) CHECK(words(whole) == words(low));
}

TEST_CASE("headers: of a velocity its components are no speed") {
  CHECK(takenFor("velocity", "9.5") == "speed_mps");
  CHECK(takenFor("Speed [km/h]", "36") == "speed_mps");
  for (const char* part : {"velocity_x [m/s]", "velocityN", "speed_z", "Vertical velocity", "vel_n", "velocity down", "speed limit"}) CHECK(takenFor(part, "9.5").empty());
}

TEST_CASE("headers: what a name says is of the video link, and what it says that it is not") {
  campaign::Campaign c = test::controlAndVideo();
  c.links[1].id = "picture link";
  const auto channels = [&](const std::string& header) {
    const auto table = openLog("time," + header + "\n0,-60\n1,-61\n2,-63\n3,-64\n4,-66\n5,-70\n");
    std::string out;
    const auto matches = matchColumns(table->head(), c.links);
    for (const ColumnMatch& m : matches) out += m.channel + " ";
    for (const ColumnMatch& g : guessColumns(table->head(), c.links, matches)) out += "?" + g.channel;
    return out;
  };
  CHECK(channels("VTX RSSI (dBm)") == "time_s picture link.rssi_dbm ");
  CHECK(channels("video signal [dBm]") == "time_s picture link.rssi_dbm ");
  CHECK(channels("RSSI [dBm]") == "time_s control.rssi_dbm ");
  CHECK(channels("x") == "time_s ?control.rssi_dbm");
  CHECK(channels("Noise (dBm)") == "time_s ");
}

TEST_CASE("headers: a log without a time or a measurement is refused with the column that may be it") {
  const auto refusedWith = [](const std::string& log) {
    try {
      readRecording(log, "log", test::controlAndVideo());
    } catch (const InputError& e) {
      return std::string(e.what());
    }
    return std::string();
  };
  std::string no_time = "a,rssi\n", no_signal = "time,b\n";
  for (int i = 0; i < 9; ++i) {
    no_time += fmt::to_string(i * 100) + "," + fmt::to_string(-60 - i) + "\n";
    no_signal += fmt::to_string(i) + "," + fmt::to_string(-60 - i) + "\n";
  }
  CHECK_THAT(refusedWith(no_time), Catch::Matchers::Contains("time-guessed") && Catch::Matchers::Contains("column=\"a\""));
  CHECK_THAT(refusedWith(no_signal), Catch::Matchers::Contains("measurement-guessed") && Catch::Matchers::Contains("column=\"b\""));
}
