#include "formats/header_languages.h"

#include <algorithm>
#include <unordered_map>

namespace distanz::formats {
namespace {

/// One English word, or several, and all that stands for it, parted by spaces.
struct Meaning {
  std::string_view english, words;
};
constexpr Meaning kMeanings[] = {
    {"time", "zeit uhrzeit uhr zeitstempel flugzeit temps heure horodatage tiempo hora tempo ora orario tijd tijdstip tijdstempel czas czasu godzina"},
    {"date", "datum fecha jour"},
    {"distance", "entfernung entf abstand distanz distancia distanza afstand odleglosc"},
    {"slant", "schrag oblique inclinada obliqua inclinata schuine skosna"},
    {"travelled", "traveled gefahren gefahrene geflogen geflogene zuruckgelegt parcourue recorrida percorsa percorrida afgelegd afgelegde przebyta"},
    {"altitude", "hohe flughohe hauteur altura altitud altezza altitudine quota hoogte vlieghoogte wysokosc"},
    {"sea", "mer mare mar zee morza meer"},
    {"speed", "geschwindigkeit geschw vitesse velocidad velocita velocidade snelheid predkosc vel"},
    {"vertical", "vertikal vertikale verticale vertikaal verticaal pionowa steig"},
    {"air", "luft aria aire powietrza"},
    {"wind", "vent viento vento wiatr wiatru"},
    {"heading", "kurs steuerkurs rumbo rotta rumo koers proa prua"},
    {"roll", "rollwinkel roulis alabeo rollio"},
    {"pitch", "nickwinkel tangage cabeceo beccheggio"},
    {"latitude", "breite breitengrad latitud latitudine breedtegraad szerokosc"},
    {"longitude", "lange langengrad longitud longitudine lengtegraad dlugosc"},
    {"satellites", "satelliten satelites satelliti satellieten satelity satelit satelitow"},
    {"post", "posten pfosten poteau poste palo paal slupek"},
    {"signal", "senal segnale sinal signaal sygnal sygnalu"},
    {"strength", "starke force intensite intensidad fuerza intensita forza intensidade forca sterkte sila"},
    {"level", "pegel niveau nivel livello poziom"},
    {"noise", "rausch rauschen bruit ruido rumore ruis szum szumu"},
    {"received", "empfang empfangs recu recue recibida recibido ricevuta ricevuto recebida recebido ontvangen ontvangst odbior odbierana odebrana"},
    {"link", "verbindung verbindungs liaison enlace collegamento ligacao verbinding lacza lacze"},
    {"quality", "qualitat qualite calidad qualita qualidade kwaliteit jakosc"},
    {"bars", "balken barres barras barre tacche streepjes kreski"},
    {"up", "aufwarts montant montante montee subida ascendente salita"},
    {"down", "abwarts ruckkanal descendant descendante descente bajada descida descendente discesa telemetrie telemetria"},
    {"bitrate", "datenrate debit bitsnelheid datasnelheid przeplywnosc"},
    {"delay", "verzogerung latenz retard latence retardo latencia ritardo latenza atraso vertraging opoznienie"},
    {"power", "leistung puissance potencia potenza vermogen moc"},
    {"tx", "sende sender emission emetteur transmission emision transmision transmisor transmissao trasmissione trasmettitore emissor zender zend nadawania nadajnika"},
    {"rate", "cadence cadencia cadenza tasa taxa"},
    {"data", "daten datos dati dados"},
    {"packet", "packets paket pakete paquet paquets paquete paquetes pacchetti pacchetto pacote pacotes pakket pakketten pakiet pakietow"},
    {"mode", "modus modo tryb"},
    {"radio", "funk"},
    {"frequency", "frequenz frequence frecuencia frequenza frequencia frequentie czestotliwosc"},
    {"picture", "bild image imagen immagine imagem beeld obraz obrazu"},
    {"grade", "note nota cijfer ocena"},
    {"frames", "images fotogramas cuadros fotogrammi beelden klatek"},
    {"counter", "zahler compteur contador contatore teller licznik"},
    {"lost", "verloren perdus perdues perdidos persi perduti utracone"},
    {"voltage", "spannung tension voltaje tensione tensao voltaggio voltagem spanning napiecie"},
    {"battery", "akku batterie bateria batteria accu akumulator akumulatora baterii"},
    {"cell", "zelle zellen zell cellule celda cella celula cel ogniwo ogniwa"},
    {"current", "strom courant corriente corrente stroom stroomsterkte prad"},
    {"used", "verbraucht verbrauchte entnommen entnommene consommee consumida consumata verbruikt verbruikte zuzyta"},
    {"charge", "capacity ladung kapazitat capacite capacidad capacita capacidade capaciteit pojemnosc"},
    {"video", "wideo"},
    {"control", "steuerung fernsteuerung commande controllo controle besturing sterowanie"},
    {"rssi", "signalpegel signalstarke empfangspegel empfangsstarke feldstarke signaalsterkte signaalniveau"},
    {"snr", "signalrauschabstand storabstand"},
    {"packet rate", "paketrate pakketsnelheid"},
    {"event", "ereignis evenement evento gebeurtenis zdarzenie"},
    {"antenna", "antenne antena antennes"},
    {"receiver", "empfanger recepteur receptor ricevitore ontvanger odbiornik"},
    {"position", "posizione posicion posicao positie pozycja"},
    {"coordinates", "koordinaten coordonnees coordenadas coordinate coordinaten wspolrzedne"},
    {"picture grade", "bildnote bildqualitat beeldkwaliteit"},
};

/// The word for what a German or Dutch compound is; what stands before it says which.
constexpr std::string_view kCompounds[] = {"entfernung", "abstand", "distanz", "afstand", "hohe", "hoogte", "geschwindigkeit", "snelheid", "qualitat", "kwaliteit", "spannung", "spanning", "leistung", "vermogen", "starke", "sterkte", "pegel", "zahler", "teller", "verzogerung", "vertraging", "kapazitat", "capaciteit", "modus", "strom", "stroom"};

/// Where two rows have a word, the first counts.
std::string_view meant(std::string_view word) {
  static const auto all = [] {
    std::unordered_map<std::string_view, std::string_view> out;
    for (const Meaning& m : kMeanings)
      for (std::string_view rest = m.words; !rest.empty();) {
        const auto end = std::min(rest.find(' '), rest.size());
        out.try_emplace(rest.substr(0, end), m.english);
        rest.remove_prefix(std::min(end + 1, rest.size()));
      }
    return out;
  }();
  const auto found = all.find(word);
  return found == all.end() ? std::string_view() : found->second;
}

}  // namespace

std::string inEnglish(std::string_view word) {
  if (const auto english = meant(word); !english.empty()) return std::string(english);
  constexpr std::size_t kShortest = 3;  // of what stands before
  for (const std::string_view tail : kCompounds) {
    if (!word.ends_with(tail) || word.size() < tail.size() + kShortest) continue;
    const std::string_view head = word.substr(0, word.size() - tail.size());
    const std::string_view bare = head.ends_with('s') ? head.substr(0, head.size() - 1) : head;
    const std::string_view whole = meant(head), cut = meant(bare), is = meant(tail);
    return std::string(!whole.empty() ? whole : !cut.empty() ? cut : head) + " " + std::string(is.empty() ? tail : is);
  }
  return std::string(word);
}

bool isOtherThanEnglish(std::string_view word) {
  constexpr std::string_view kBoth[] = {"traveled", "vel", "packets", "images", "note", "capacity", "tension", "transmission", "force", "commande", "date", "data"};
  return std::find(std::begin(kBoth), std::end(kBoth), word) == std::end(kBoth) && inEnglish(word) != word;
}

}  // namespace distanz::formats
