<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE">
<context>
    <name>Cli</name>
    <message>
        <source>line %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>from &quot;%1&quot; [%2], %3 samples, %4 to %5 %6</source>
        <translation>aus „%1“ [%2], %3 Werte, %4 bis %5 %6</translation>
    </message>
    <message>
        <source>%1: %2 rows, farthest %3</source>
        <translation>%1: %2 Zeilen, am weitesten %3</translation>
    </message>
</context>
<context>
    <name>LayerIntake</name>
    <message>
        <source>Terrain and maps (*.tif *.tiff *.hgt *.asc *.dt0 *.dt1 *.dt2 *.bil *.flt *.dem *.geojson *.json *.kml *.kmz *.gpx *.gpkg);;All files (*)</source>
        <translation>Gelände und Karten (*.tif *.tiff *.hgt *.asc *.dt0 *.dt1 *.dt2 *.bil *.flt *.dem *.geojson *.json *.kml *.kmz *.gpx *.gpkg);;Alle Dateien (*)</translation>
    </message>
</context>
<context>
    <name>PathTable</name>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>latitude, longitude</source>
        <translation>Breite, Länge</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>along the path</source>
        <translation>auf dem Weg</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Entfernung</translation>
    </message>
</context>
<context>
    <name>QDialog</name>
    <message>
        <source>Remove photo</source>
        <translation>Foto entfernen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>cannot be shown</source>
        <translation>nicht darstellbar</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>open the demo campaign</source>
        <translation>die Demo-Kampagne öffnen</translation>
    </message>
    <message>
        <source>dark colours</source>
        <translation>dunkle Farben</translation>
    </message>
    <message>
        <source>save a picture of each main view to DIR and quit</source>
        <translation>ein Bild jeder Hauptansicht in DIR speichern und beenden</translation>
    </message>
    <message>
        <source>quit once the campaign is shown and analysed, for timing</source>
        <translation>beenden, sobald die Kampagne gezeigt und ausgewertet ist, zum Messen der Zeit</translation>
    </message>
    <message>
        <source>How far each radio setup carries, and how sure that is</source>
        <translation>Wie weit jedes Funk-Setup trägt, und wie sicher das ist</translation>
    </message>
    <message>
        <source>campaign file or interchange folder to open</source>
        <translation>zu öffnende Kampagnendatei oder Austauschordner</translation>
    </message>
    <message>
        <source>%1 files were named; Distanz opens one at a time</source>
        <translation>%1 Dateien wurden genannt; Distanz öffnet eine auf einmal</translation>
    </message>
    <message>
        <source>either the demo or a file can be opened, not both</source>
        <translation>entweder die Demo oder eine Datei kann geöffnet werden, nicht beides</translation>
    </message>
    <message>
        <source>Void run %1</source>
        <translation>Lauf %1 streichen</translation>
    </message>
    <message>
        <source>Why does it not count? The run is kept and can be counted again.</source>
        <translation>Warum zählt er nicht? Der Lauf bleibt erhalten und kann wieder gezählt werden.</translation>
    </message>
    <message>
        <source>A run is voided only with a reason, so that nobody wonders later.</source>
        <translation>Ein Lauf wird nur mit einem Grund gestrichen, damit sich später niemand wundert.</translation>
    </message>
    <message>
        <source>%1: still lacks %2</source>
        <translation>%1: es fehlt noch %2</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>No run yet</source>
        <translation>Noch kein Flug</translation>
    </message>
    <message>
        <source>%1: what will be taken</source>
        <translation>%1: was übernommen wird</translation>
    </message>
    <message>
        <source>%1: clock laid to within %2, %3 of path</source>
        <translation>%1: Uhr auf %2 genau gelegt, %3 Strecke</translation>
    </message>
    <message>
        <source>%1: clock laid to within %2</source>
        <translation>%1: Uhr auf %2 genau gelegt</translation>
    </message>
    <message>
        <source>Void %1 runs</source>
        <translation>%1 Läufe streichen</translation>
    </message>
    <message>
        <source>No log with positions and a signal on this link yet. They show which side of the aircraft faced the station.</source>
        <translation>Noch kein Log mit Positionen und einem Signal auf dieser Strecke. Sie zeigen, welche Seite des Fluggeräts zur Station zeigte.</translation>
    </message>
    <message>
        <source>No log tells a packet rate, a bitrate, a delay or the battery on this link yet.</source>
        <translation>Noch nennt kein Log eine Paketrate, eine Bitrate, eine Verzögerung oder den Akku auf dieser Strecke.</translation>
    </message>
    <message>
        <source>Along the path: counts for range</source>
        <translation>Am Weg entlang: zählt für die Reichweite</translation>
    </message>
    <message>
        <source>A course: counts on its named stretches only</source>
        <translation>Ein Parcours: zählt nur auf seinen benannten Abschnitten</translation>
    </message>
    <message>
        <source>Where it was ...</source>
        <translation>Wo er war ...</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Geflogen</translation>
    </message>
    <message>
        <source>How the chosen runs were flown, and where they were</source>
        <translation>Wie die gewählten Läufe geflogen wurden, und wo sie waren</translation>
    </message>
    <message>
        <source>%1, antenna %2</source>
        <translation>%1, Antenne %2</translation>
    </message>
    <message>
        <source>date and time</source>
        <translation>Datum und Uhrzeit</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>time of day</source>
        <translation>Uhrzeit</translation>
    </message>
    <message>
        <source>minutes and seconds</source>
        <translation>Minuten und Sekunden</translation>
    </message>
    <message>
        <source>longitude, latitude</source>
        <translation>Länge, Breite</translation>
    </message>
    <message>
        <source>latitude, longitude</source>
        <translation>Breite, Länge</translation>
    </message>
    <message>
        <source>%1, best of %2</source>
        <translation>%1, das Beste von %2</translation>
    </message>
    <message>
        <source>day/month/year</source>
        <translation>Tag/Monat/Jahr</translation>
    </message>
    <message>
        <source>month/day/year</source>
        <translation>Monat/Tag/Jahr</translation>
    </message>
    <message>
        <source>What goes along</source>
        <translation>Was mitgeht</translation>
    </message>
    <message>
        <source>Untick what stays with you.</source>
        <translation>Haken weg: bleibt hier.</translation>
    </message>
    <message>
        <source>Notes and names (%1)</source>
        <translation>Notizen und Namen (%1)</translation>
    </message>
    <message>
        <source>places (%1)</source>
        <translation>Orte (%1)</translation>
    </message>
    <message>
        <source>terrain and maps (%1)</source>
        <translation>Gelände und Karten (%1)</translation>
    </message>
    <message>
        <source>positions in logs (%1)</source>
        <translation>Positionen in Logs (%1)</translation>
    </message>
    <message>
        <source>Where you fly: %1</source>
        <translation>Wo Sie fliegen: %1</translation>
    </message>
    <message>
        <source>Unticked: places move elsewhere, distances stay true. Terrain and maps are left out.</source>
        <translation>Ohne Haken: Orte liegen woanders, Entfernungen stimmen weiter. Gelände und Karten bleiben hier.</translation>
    </message>
    <message>
        <source>Place and time stored in photos (%1)</source>
        <translation>In Fotos gespeicherter Ort und Zeit (%1)</translation>
    </message>
    <message>
        <source>Unticked: photos go as plain pictures, 2048 px at most.</source>
        <translation>Ohne Haken: Fotos gehen als reine Bilder mit, höchstens 2048 px.</translation>
    </message>
    <message>
        <source>Unticked: notes, reasons and names are left out.</source>
        <translation>Ohne Haken: Notizen, Gründe und Namen bleiben hier.</translation>
    </message>
    <message>
        <source>how %1 is known</source>
        <translation>wie %1 bekannt ist</translation>
    </message>
    <message>
        <source>measured: see the record</source>
        <translation>gemessen: zum Eintrag</translation>
    </message>
    <message>
        <source>not set</source>
        <translation>nicht gesetzt</translation>
    </message>
    <message>
        <source>dynamic power</source>
        <translation>dynamische Leistung</translation>
    </message>
    <message>
        <source>automatic channel</source>
        <translation>automatischer Kanal</translation>
    </message>
    <message>
        <source>automatic rate</source>
        <translation>automatische Rate</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>Logs to import</source>
        <translation>Logs für den Import</translation>
    </message>
    <message>
        <source>log</source>
        <translation>Log</translation>
    </message>
    <message>
        <source>becomes</source>
        <translation>wird</translation>
    </message>
    <message>
        <source>setup</source>
        <translation>Setup</translation>
    </message>
    <message>
        <source>flown as</source>
        <translation>geflogen als</translation>
    </message>
    <message>
        <source>ended by</source>
        <translation>beendet durch</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>what it holds</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>What %1 becomes</source>
        <translation>Was aus %1 wird</translation>
    </message>
    <message>
        <source>a run, best of %1 antennas</source>
        <translation>ein Lauf, die bessere von %1 Antennen</translation>
    </message>
    <message>
        <source>a run</source>
        <translation>ein Lauf</translation>
    </message>
    <message>
        <source>a run per antenna</source>
        <translation>ein Lauf je Antenne</translation>
    </message>
    <message>
        <source>part of %1</source>
        <translation>Teil von %1</translation>
    </message>
    <message>
        <source>%1 (guess)</source>
        <translation>%1 (vermutet)</translation>
    </message>
    <message>
        <source>Columns of %1, antenna %2 alone</source>
        <translation>Spalten von %1, nur Antenne %2</translation>
    </message>
    <message>
        <source>Columns of %1</source>
        <translation>Spalten von %1</translation>
    </message>
    <message>
        <source>Columns of %1, corrected as for run %2: check them</source>
        <translation>Spalten von %1, korrigiert wie bei Lauf %2: bitte prüfen</translation>
    </message>
    <message>
        <source>reading ...</source>
        <translation>wird gelesen ...</translation>
    </message>
    <message>
        <source>%1, out to %2</source>
        <translation>%1, bis %2</translation>
    </message>
    <message>
        <source>There is not enough memory for so many logs. Import a few at a time.</source>
        <translation>Der Speicher reicht für so viele Logs nicht. Weniger auf einmal importieren.</translation>
    </message>
    <message>
        <source>Campaign %1</source>
        <translation>Kampagne %1</translation>
    </message>
    <message>
        <source>link quality %1</source>
        <translation>Linkqualität %1</translation>
    </message>
    <message>
        <source>bitrate %1</source>
        <translation>Bitrate %1</translation>
    </message>
    <message>
        <source>signal %1</source>
        <translation>Signal %1</translation>
    </message>
    <message>
        <source>%1 link: %2</source>
        <translation>Link %1: %2</translation>
    </message>
    <message>
        <source>%1 link</source>
        <translation>Link %1</translation>
    </message>
    <message>
        <source>Usable limit: %1</source>
        <translation>Nutzgrenze: %1</translation>
    </message>
    <message>
        <source>%1, made with Distanz %2</source>
        <translation>%1, erstellt mit Distanz %2</translation>
    </message>
    <message>
        <source>No flight over a named section yet. Name sections of the path under Plan, Points.</source>
        <translation>Noch kein Flug über einen benannten Abschnitt. Abschnitte des Pfads unter Plan, Punkte benennen.</translation>
    </message>
    <message>
        <source>No run yet. Import logs under Runs.</source>
        <translation>Noch kein Lauf. Logs unter Läufe importieren.</translation>
    </message>
    <message>
        <source>Too large to be shown before it is imported.</source>
        <translation>Zu groß, um vor dem Import gezeigt zu werden.</translation>
    </message>
</context>
<context>
    <name>Said</name>
    <message>
        <source>Profile to the far post: ground, flight, ray and first Fresnel zone at %1</source>
        <translation>Profil zum fernen Posten: Boden, Flug, Strahl und erste Fresnelzone bei %1</translation>
    </message>
    <message>
        <source>Profile over flat ground: flight, ray and first Fresnel zone at %1</source>
        <translation>Profil über ebenem Boden: Flug, Strahl und erste Fresnelzone bei %1</translation>
    </message>
    <message>
        <source>Predicted signal; as bands what was flown, else what nobody measured yet</source>
        <translation>Vorhergesagtes Signal; als Bänder was geflogen wurde, sonst was noch niemand gemessen hat</translation>
    </message>
    <message>
        <source>Predicted signal, and as bands what was flown</source>
        <translation>Vorhergesagtes Signal, und als Bänder, was geflogen wurde</translation>
    </message>
    <message>
        <source>Predicted signal, as bands what nobody measured yet</source>
        <translation>Vorhergesagtes Signal, als Bänder was noch niemand gemessen hat</translation>
    </message>
</context>
<context>
    <name>cli</name>
    <message>
        <source>Ranges, comparisons and warnings of a campaign</source>
        <translation>Reichweiten, Vergleiche und Warnungen einer Kampagne</translation>
    </message>
    <message>
        <source>a .distanz file or an interchange folder</source>
        <translation>eine .distanz-Datei oder ein Austauschordner</translation>
    </message>
    <message>
        <source>one JSON object on standard output</source>
        <translation>ein JSON-Objekt auf der Standardausgabe</translation>
    </message>
    <message>
        <source>with --json: also what limits each setup, legs, reduced power, paired flights</source>
        <translation>mit --json: auch was jedes Setup begrenzt, Hin- und Rückweg, verringerte Leistung, gemeinsame Flüge</translation>
    </message>
    <message>
        <source>how many threads to use; the answer does not depend on it</source>
        <translation>wie viele Threads benutzt werden; die Antwort hängt nicht davon ab</translation>
    </message>
    <message>
        <source>a .distanz file</source>
        <translation>eine .distanz-Datei</translation>
    </message>
    <message>
        <source>logs to import</source>
        <translation>einzulesende Logs</translation>
    </message>
    <message>
        <source>id of the setup that was flown</source>
        <translation>Kennung des geflogenen Setups</translation>
    </message>
    <message>
        <source>why the runs ended, e.g. turned-back</source>
        <translation>warum die Läufe endeten, z. B. turned-back</translation>
    </message>
    <message>
        <source>name of the flight, for logs recorded at the same time</source>
        <translation>Name des Flugs, für gleichzeitig aufgezeichnete Logs</translation>
    </message>
    <message>
        <source>CHANNEL=COLUMN, correcting how a column is matched</source>
        <translation>CHANNEL=COLUMN, berichtigt die Zuordnung einer Spalte</translation>
    </message>
    <message>
        <source>What a log holds: format, channels, span, faults</source>
        <translation>Was ein Log enthält: Format, Kanäle, Dauer, Fehler</translation>
    </message>
    <message>
        <source>Fly a scenario in simulation and write an interchange folder</source>
        <translation>Ein Szenario simuliert fliegen und einen Austauschordner schreiben</translation>
    </message>
    <message>
        <source>scenario as JSON</source>
        <translation>Szenario als JSON</translation>
    </message>
    <message>
        <source>folder to write, new or empty</source>
        <translation>zu schreibender Ordner, neu oder leer</translation>
    </message>
    <message>
        <source>same seed, same flights</source>
        <translation>gleicher Startwert, gleiche Flüge</translation>
    </message>
    <message>
        <source>Link budget and path loss for given numbers</source>
        <translation>Leistungsbilanz und Streckendämpfung für gegebene Zahlen</translation>
    </message>
    <message>
        <source>e.g. 5.8GHz</source>
        <translation>z. B. 5.8GHz</translation>
    </message>
    <message>
        <source>e.g. 1km</source>
        <translation>z. B. 1km</translation>
    </message>
    <message>
        <source>e.g. 25mW</source>
        <translation>z. B. 25mW</translation>
    </message>
    <message>
        <source>e.g. 2dBi</source>
        <translation>z. B. 2dBi</translation>
    </message>
    <message>
        <source>e.g. 8dBi</source>
        <translation>z. B. 8dBi</translation>
    </message>
    <message>
        <source>e.g. 0.5dB</source>
        <translation>z. B. 0.5dB</translation>
    </message>
    <message>
        <source>e.g. 2m</source>
        <translation>z. B. 2m</translation>
    </message>
    <message>
        <source>path-loss exponent, 2 in free space</source>
        <translation>Ausbreitungsexponent, 2 im freien Raum</translation>
    </message>
    <message>
        <source>distance from which the exponent counts, 1m</source>
        <translation>Entfernung, ab der der Exponent gilt, 1m</translation>
    </message>
    <message>
        <source>earlier flights: a .distanz file or an interchange folder</source>
        <translation>frühere Flüge: eine .distanz-Datei oder ein Austauschordner</translation>
    </message>
    <message>
        <source>the flight so far</source>
        <translation>der Flug bis jetzt</translation>
    </message>
    <message>
        <source>id of the setup in the air</source>
        <translation>Kennung des Setups in der Luft</translation>
    </message>
    <message>
        <source>degrees between the heading and straight away from the station; from the track if left out</source>
        <translation>Grad zwischen dem Kurs und geradewegs von der Station weg; ohne Angabe aus dem Weg</translation>
    </message>
    <message>
        <source>Distanz: how far each radio setup carries, and how sure that is</source>
        <translation>Distanz: wie weit jedes Funk-Setup trägt, und wie sicher das ist</translation>
    </message>
    <message>
        <source>wrote %1</source>
        <translation>%1 geschrieben</translation>
    </message>
    <message>
        <source>run %1: %2</source>
        <translation>Lauf %1: %2</translation>
    </message>
    <message>
        <source>run %1: its damaged log was replaced by this one</source>
        <translation>Lauf %1: sein beschädigtes Log wurde durch dieses ersetzt</translation>
    </message>
    <message>
        <source>Logs removed that no run uses: %1</source>
        <translation>Entfernte Logs, die kein Lauf benutzt: %1</translation>
    </message>
    <message>
        <source>%1: %2 rows, %3</source>
        <translation>%1: %2 Zeilen, %3</translation>
    </message>
    <message>
        <source>EIRP</source>
        <translation>EIRP</translation>
    </message>
    <message>
        <source>free-space loss</source>
        <translation>Freiraumdämpfung</translation>
    </message>
    <message>
        <source>path loss</source>
        <translation>Streckendämpfung</translation>
    </message>
    <message>
        <source>received</source>
        <translation>empfangen</translation>
    </message>
    <message>
        <source>first Fresnel zone</source>
        <translation>erste Fresnelzone</translation>
    </message>
    <message>
        <source>%1 at mid-path</source>
        <translation>%1 in der Mitte</translation>
    </message>
    <message>
        <source>radio horizon</source>
        <translation>Funkhorizont</translation>
    </message>
    <message>
        <source>wrote %1 runs to %2</source>
        <translation>%1 Läufe nach %2 geschrieben</translation>
    </message>
    <message>
        <source>what to speak; the system&apos;s language if left out</source>
        <translation>welche Sprache gesprochen wird; ohne Angabe die des Systems</translation>
    </message>
    <message>
        <source>metric or imperial, in texts</source>
        <translation>metric oder imperial, in Texten</translation>
    </message>
    <message>
        <source>mW or dBm, in texts</source>
        <translation>mW oder dBm, in Texten</translation>
    </message>
    <message>
        <source>What a measurement on the bench or on the ground says</source>
        <translation>Was eine Messung auf der Werkbank oder am Boden sagt</translation>
    </message>
    <message>
        <source>sweep, claims, power, signal, turntable, attenuator, trim, polarisation, spectrum, noise, ground, walk or swap</source>
        <translation>sweep, claims, power, signal, turntable, attenuator, trim, polarisation, spectrum, noise, ground, walk oder swap</translation>
    </message>
    <message>
        <source>Touchstone or CSV; sweeps and spectra as ROLE=FILE, where there are several: bare, covered, before, after, free, held</source>
        <translation>Touchstone oder CSV; Messkurven und Frequenzbelegungen als ROLE=FILE, wo es mehrere sind: bare, covered, before, after, free, held</translation>
    </message>
    <message>
        <source>KEY=VALUE, a setting of that kind, e.g. attenuation=20dB</source>
        <translation>KEY=VALUE, eine Einstellung dieser Art, z. B. attenuation=20dB</translation>
    </message>
    <message>
        <source>a channel, e.g. 5.8GHz; may come again</source>
        <translation>ein Kanal, z. B. 5.8GHz; darf mehrmals kommen</translation>
    </message>
    <message>
        <source>VSWR that bands are told for, 2</source>
        <translation>VSWR, für das Bänder genannt werden, 2</translation>
    </message>
    <message>
        <source>lost between both antennas, e.g. 3dB</source>
        <translation>zwischen beiden Antennen verloren, z. B. 3dB</translation>
    </message>
    <message>
        <source>lost by pointing, e.g. 1dB</source>
        <translation>durch Ausrichtung verloren, z. B. 1dB</translation>
    </message>
    <message>
        <source>of the receiver, e.g. -108dBm: tells the margin</source>
        <translation>des Empfängers, z. B. -108dBm: nennt die Reserve</translation>
    </message>
    <message>
        <source>margin</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>that applies where you fly, e.g. 25mW</source>
        <translation>die am Flugort gilt, z. B. 25mW</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>%1 over the EIRP that you entered; use less power or gain</source>
        <translation>%1 über der eingetragenen EIRP; weniger Leistung oder Gewinn nehmen</translation>
    </message>
    <message>
        <source>of the transmit antenna, e.g. 1.8</source>
        <translation>der Sendeantenne, z. B. 1.8</translation>
    </message>
    <message>
        <source>of the receive antenna, e.g. 1.8</source>
        <translation>der Empfangsantenne, z. B. 1.8</translation>
    </message>
    <message>
        <source>Prediction, clearance, number and order of flights, battery, limits, pre-flight list</source>
        <translation>Vorhersage, Freiraum, Zahl und Reihenfolge der Flüge, Akku, Grenzen, Liste vor dem Flug</translation>
    </message>
    <message>
        <source>battery %1</source>
        <translation>Akku %1</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Before the flight</source>
        <translation>Vor dem Flug</translation>
    </message>
    <message>
        <source>write station, path, posts, segments and limits: .gpx, .kml, .geojson or .csv</source>
        <translation>Station, Weg, Posten, Abschnitte und Grenzen schreiben: .gpx, .kml, .geojson oder .csv</translation>
    </message>
    <message>
        <source>take the path from such a file, or from a log, into the campaign file</source>
        <translation>den Weg aus einer solchen Datei oder einem Log in die Kampagnendatei nehmen</translation>
    </message>
    <message>
        <source>terrain or a map that the campaign file is to keep; may be repeated</source>
        <translation>Gelände oder Karte, die die Kampagnendatei behalten soll; mehrfach möglich</translation>
    </message>
    <message>
        <source>  perhaps %1 is &quot;%2&quot;, by its values; if so: --map &quot;%1=%2&quot;</source>
        <translation>  vielleicht ist %1 „%2“, nach den Werten; dann: --map &quot;%1=%2&quot;</translation>
    </message>
    <message>
        <source>How the clock of another log of the same flight lies to that of a log</source>
        <translation>Wie die Uhr eines anderen Logs desselben Flugs zu der eines Logs steht</translation>
    </message>
    <message>
        <source>LOG or LOG@SECONDS, another log of the same flight: its clock is found, or it begins so long after the first</source>
        <translation>LOG oder LOG@SEKUNDEN, ein weiteres Log desselben Fluges: seine Uhr wird gefunden, oder es beginnt so lange nach dem ersten</translation>
    </message>
    <message>
        <source>each flight that a log holds becomes a run of its own</source>
        <translation>jeder Flug, den ein Log enthält, wird ein eigener Lauf</translation>
    </message>
    <message>
        <source>how it was flown: path-flight, or course, which counts on named stretches only and may lack positions</source>
        <translation>wie geflogen wurde: path-flight, oder course: zählt nur auf benannten Abschnitten und darf ohne Positionen sein</translation>
    </message>
    <message>
        <source>TIME=PLACE, when a post or distance along the path was passed: 3:27=4, 95=450m</source>
        <translation>ZEIT=ORT, wann ein Pfosten oder eine Entfernung am Weg passiert wurde: 3:27=4, 95=450m</translation>
    </message>
    <message>
        <source>Say where a run without positions was</source>
        <translation>Sagen, wo ein Lauf ohne Positionen war</translation>
    </message>
    <message>
        <source>id of the run</source>
        <translation>Kennung des Laufs</translation>
    </message>
    <message>
        <source>id of a placed run over the same course that it is laid on</source>
        <translation>Kennung eines Laufs mit Ort über denselben Parcours, auf den er gelegt wird</translation>
    </message>
    <message>
        <source>with --like: keep the places found, where it clearly follows</source>
        <translation>mit --like: die gefundenen Orte behalten, wo er deutlich folgt</translation>
    </message>
    <message>
        <source>forget its marks</source>
        <translation>seine Marken vergessen</translation>
    </message>
    <message>
        <source>how it was flown: path-flight or course</source>
        <translation>wie geflogen wurde: path-flight oder course</translation>
    </message>
    <message>
        <source>%1  %2 along the path</source>
        <translation>%1  %2 am Weg entlang</translation>
    </message>
    <message>
        <source>number of the antenna or receiver that counts alone, where the log tells several; with --flight its runs compare within the flight</source>
        <translation>Nummer der Antenne oder des Empfängers, die allein zählt, wo das Log mehrere nennt; mit --flight werden ihre Läufe innerhalb des Fluges verglichen</translation>
    </message>
    <message>
        <source>the log tells no date, so the places of its track have no times; CSV keeps them</source>
        <translation>das Log nennt kein Datum, darum haben die Orte seiner Spur keine Zeiten; CSV behält sie</translation>
    </message>
    <message>
        <source>CHANNEL=COLUMN, correcting how a column of a log is matched</source>
        <translation>CHANNEL=COLUMN, berichtigt die Zuordnung einer Spalte eines Logs</translation>
    </message>
    <message>
        <source>leave out of a campaign: places (moved elsewhere, distances stay), photos (what the camera stored in them), words (notes and names)</source>
        <translation>aus einer Kampagne weglassen: places (liegen woanders, Entfernungen bleiben), photos (was die Kamera darin speicherte), words (Notizen und Namen)</translation>
    </message>
    <message>
        <source>largest size of the transmit antenna, e.g. 0.3m: where its far field begins</source>
        <translation>größtes Maß der Sendeantenne, z. B. 0.3m: wo ihr Fernfeld beginnt</translation>
    </message>
    <message>
        <source>of the receive antenna</source>
        <translation>der Empfangsantenne</translation>
    </message>
    <message>
        <source>share of the time in which it sends, e.g. 25%: for the distance to keep</source>
        <translation>Anteil der Zeit, in der er sendet, z. B. 25%: für den Abstand</translation>
    </message>
    <message>
        <source>power density with what is reflected, against that without, 1 to 4; usual ground 2.56</source>
        <translation>Leistungsdichte mit Reflexionen gegen die ohne, 1 bis 4; üblicher Boden 2.56</translation>
    </message>
    <message>
        <source>of the receiver, e.g. 20MHz: with --snr a way to its sensitivity</source>
        <translation>des Empfängers, z. B. 20MHz: mit --snr ein Weg zu seiner Empfindlichkeit</translation>
    </message>
    <message>
        <source>of the receiver, e.g. 6dB, which it is if left out</source>
        <translation>des Empfängers, z. B. 6dB, wie ohne Angabe angenommen</translation>
    </message>
    <message>
        <source>signal over noise that the receiver needs, e.g. 10dB</source>
        <translation>Signal über Rauschen, das der Empfänger braucht, z. B. 10dB</translation>
    </message>
    <message>
        <source>e.g. 60m; with the other height the radio horizon is told</source>
        <translation>z. B. 60m; mit der anderen Höhe wird der Funkhorizont genannt</translation>
    </message>
    <message>
        <source>exposure</source>
        <translation>Exposition</translation>
    </message>
    <message>
        <source>sensitivity</source>
        <translation>Empfindlichkeit</translation>
    </message>
    <message>
        <source>unknown below 30 MHz</source>
        <translation>unter 30 MHz unbekannt</translation>
    </message>
    <message>
        <source>unknown: the far field begins at %1</source>
        <translation>unbekannt: Das Fernfeld beginnt bei %1</translation>
    </message>
    <message>
        <source>Make a campaign file</source>
        <translation>Eine Kampagnendatei anlegen</translation>
    </message>
    <message>
        <source>a .distanz file that is not there yet</source>
        <translation>eine .distanz-Datei, die es noch nicht gibt</translation>
    </message>
    <message>
        <source>what is compared: control, video or both links</source>
        <translation>was verglichen wird: control (Steuerlink), video (Videolink) oder both (beide)</translation>
    </message>
    <message>
        <source>title of the campaign; without it the file&apos;s name</source>
        <translation>Titel der Kampagne; ohne Angabe der Dateiname</translation>
    </message>
    <message>
        <source>%1: ready. Name setups A and B in Kit, or import logs with --setup A.</source>
        <translation>%1: bereit. Setups A und B unter Ausrüstung benennen oder Logs mit --setup A importieren.</translation>
    </message>
    <message>
        <source>median range %1; reliable range %2; %3</source>
        <translation>mittlere Reichweite %1; sichere Reichweite %2; %3</translation>
    </message>
    <message>
        <source>Import logs into a campaign file, all of them or none</source>
        <translation>Logs in eine Kampagnendatei importieren, alle oder keines</translation>
    </message>
</context>
<context>
    <name>count</name>
    <message numerus="yes">
        <source>%n flights</source>
        <comment>as in: from 3 flights</comment>
        <translation>
            <numerusform>%n Flug</numerusform>
            <numerusform>%n Flügen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flights</source>
        <translation>
            <numerusform>%n Flug</numerusform>
            <numerusform>%n Flüge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more flights</source>
        <translation>
            <numerusform>%n weiterer Flug</numerusform>
            <numerusform>%n weitere Flüge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more pairs of flights</source>
        <translation>
            <numerusform>%n weiteres Flugpaar</numerusform>
            <numerusform>%n weitere Flugpaare</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more pairs</source>
        <translation>
            <numerusform>%n weiteres Paar</numerusform>
            <numerusform>%n weitere Paare</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n times</source>
        <translation>
            <numerusform>%n-mal</numerusform>
            <numerusform>%n-mal</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more times</source>
        <translation>
            <numerusform>noch %n-mal</numerusform>
            <numerusform>noch %n-mal</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n runs</source>
        <translation>
            <numerusform>%n Lauf</numerusform>
            <numerusform>%n Läufe</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n logs</source>
        <translation>
            <numerusform>%n Log</numerusform>
            <numerusform>%n Logs</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n setups</source>
        <translation>
            <numerusform>%n Setup</numerusform>
            <numerusform>%n Setups</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n passes</source>
        <translation>
            <numerusform>%n Durchgang</numerusform>
            <numerusform>%n Durchgänge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more logs</source>
        <translation>
            <numerusform>%n weiteres Log</numerusform>
            <numerusform>%n weitere Logs</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>distanz::app::BenchStage</name>
    <message>
        <source>Here lies what you measured on the bench and on the ground: whether an antenna fits its channel, whether a transmitter holds its power, how a receiver&apos;s scale reads. Choose on the left what you want to find out.</source>
        <translation>Hier liegt, was auf der Werkbank und am Boden gemessen wurde: ob eine Antenne auf ihren Kanal passt, ob ein Sender seine Leistung hält, wie die Skala eines Empfängers zu lesen ist. Links wählen, was herauszufinden ist.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>What it says</source>
        <translation>Was es sagt</translation>
    </message>
    <message>
        <source>What went in</source>
        <translation>Was hineinging</translation>
    </message>
    <message>
        <source>Take over into %1</source>
        <translation>In %1 übernehmen</translation>
    </message>
    <message>
        <source>Sweeps (*.s1p *.s2p *.ts *.csv *.txt);;All files (*)</source>
        <translation>Messkurven (*.s1p *.s2p *.ts *.csv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg);;All files (*)</source>
        <translation>Bilder (*.png *.jpg *.jpeg);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Tables (*.csv *.txt);;All files (*)</source>
        <translation>Tabellen (*.csv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Add files</source>
        <translation>Dateien hinzufügen</translation>
    </message>
    <message>
        <source>Take over into the part</source>
        <translation>In das Teil übernehmen</translation>
    </message>
</context>
<context>
    <name>distanz::app::BlindMenu</name>
    <message>
        <source>Draw a label for every recording</source>
        <translation>Eine Nummer für jede Aufnahme ziehen</translation>
    </message>
    <message>
        <source>Save the list for who names the recordings...</source>
        <translation>Liste für den speichern, der die Aufnahmen benennt...</translation>
    </message>
    <message>
        <source>names</source>
        <translation>Namen</translation>
    </message>
    <message>
        <source>Save the sheet for who judges...</source>
        <translation>Bogen für den speichern, der urteilt...</translation>
    </message>
    <message>
        <source>judge</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Draw new labels</source>
        <translation>Neue Nummern ziehen</translation>
    </message>
    <message>
        <source>Open the labels</source>
        <translation>Nummern öffnen</translation>
    </message>
    <message>
        <source>Every picture is judged: show which is which</source>
        <translation>Jedes Bild ist beurteilt: zeigen, welche welche ist</translation>
    </message>
</context>
<context>
    <name>distanz::app::ChainPage</name>
    <message>
        <source>Pick a part ...</source>
        <translation>Ein Teil wählen ...</translation>
    </message>
    <message>
        <source>Pattern</source>
        <translation>Strahlung</translation>
    </message>
    <message>
        <source>Mounting</source>
        <translation>Einbau</translation>
    </message>
    <message>
        <source>mast, as the station&apos;s</source>
        <translation>Mast, wie die Station</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove setup %1</source>
        <translation>Aufbau %1 entfernen</translation>
    </message>
    <message>
        <source>%1: take another ...</source>
        <translation>%1: ein anderes nehmen ...</translation>
    </message>
    <message>
        <source>Say what kind of antenna it is, and how it radiates is drawn here.</source>
        <translation>Die Art der Antenne angeben, dann wird hier gezeichnet, wie sie strahlt.</translation>
    </message>
    <message>
        <source>EIRP %1</source>
        <translation>EIRP %1</translation>
    </message>
    <message>
        <source>at the far post %1</source>
        <translation>am Endpfosten %1</translation>
    </message>
    <message>
        <source>margin %1 dB</source>
        <translation>Reserve %1 dB</translation>
    </message>
    <message>
        <source>predicted %1</source>
        <translation>vorhergesagt %1</translation>
    </message>
    <message>
        <source>A new one</source>
        <translation>Ein neues</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keines</translation>
    </message>
    <message>
        <source>last change: %1</source>
        <translation>letzte Änderung: %1</translation>
    </message>
    <message>
        <source>How it differs from the other setups</source>
        <translation>Unterschied zu den anderen Setups</translation>
    </message>
    <message>
        <source>airframe not set</source>
        <translation>Zelle nicht gesetzt</translation>
    </message>
    <message>
        <source>battery not set</source>
        <translation>Akku nicht gesetzt</translation>
    </message>
    <message>
        <source>no range: antenna gains not set</source>
        <translation>keine Reichweite: Antennengewinne nicht gesetzt</translation>
    </message>
    <message>
        <source>Enter the transmit power to see the levels.</source>
        <translation>Sendeleistung eintragen, dann erscheinen die Pegel.</translation>
    </message>
</context>
<context>
    <name>distanz::app::ChainView</name>
    <message>
        <source>Chain of the link</source>
        <translation>Kette der Verbindung</translation>
    </message>
</context>
<context>
    <name>distanz::app::ColumnsTable</name>
    <message>
        <source>%1, antenna %2</source>
        <translation>%1, Antenne %2</translation>
    </message>
    <message>
        <source>Columns of the log</source>
        <translation>Spalten des Logs</translation>
    </message>
    <message>
        <source>column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>means</source>
        <translation>bedeutet</translation>
    </message>
    <message>
        <source>unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>first values</source>
        <translation>erste Werte</translation>
    </message>
    <message>
        <source>Meaning of column %1</source>
        <translation>Bedeutung der Spalte %1</translation>
    </message>
    <message>
        <source>?  perhaps %1</source>
        <translation>?  vielleicht %1</translation>
    </message>
    <message>
        <source>–  not used</source>
        <translation>–  nicht benutzt</translation>
    </message>
    <message>
        <source>which unit?</source>
        <translation>welche Einheit?</translation>
    </message>
</context>
<context>
    <name>distanz::app::CompareStage</name>
    <message>
        <source>Lanes</source>
        <translation>Spuren</translation>
    </message>
    <message>
        <source>Choose which lanes are drawn</source>
        <translation>Wählen, welche Spuren gezeichnet werden</translation>
    </message>
    <message>
        <source>Legs</source>
        <translation>Wege</translation>
    </message>
    <message>
        <source>Which way of each flight counts; or make the way a setup of its own</source>
        <translation>Welcher Weg jedes Flugs zählt; oder den Weg zum eigenen Setup machen</translation>
    </message>
    <message>
        <source>Count both ways of every flight</source>
        <translation>Beide Wege jedes Flugs zählen</translation>
    </message>
    <message>
        <source>Count the ways out only</source>
        <translation>Nur die Hinwege zählen</translation>
    </message>
    <message>
        <source>Count the ways back only</source>
        <translation>Nur die Rückwege zählen</translation>
    </message>
    <message>
        <source>Compare the two ways of %1 as setups</source>
        <translation>Die beiden Wege von %1 als Setups vergleichen</translation>
    </message>
    <message>
        <source>%1, way out</source>
        <translation>%1, Hinweg</translation>
    </message>
    <message>
        <source>%1, way back</source>
        <translation>%1, Rückweg</translation>
    </message>
    <message>
        <source>Show it in Runs</source>
        <translation>In Läufe zeigen</translation>
    </message>
    <message>
        <source>Void it ...</source>
        <translation>Streichen ...</translation>
    </message>
    <message>
        <source>%1 link</source>
        <translation>Strecke %1</translation>
    </message>
    <message>
        <source>Analysing ...</source>
        <translation>Wird ausgewertet ...</translation>
    </message>
    <message>
        <source>After how many flights of each setup they are judged. Decide before you fly: who looks after every flight and stops when it pleases, finds differences that are none</source>
        <translation>Nach wie vielen Flügen je Setup geurteilt wird. Vor dem Fliegen entscheiden: Wer nach jedem Flug nachsieht und aufhört, wenn es gefällt, findet Unterschiede, die keine sind</translation>
    </message>
    <message>
        <source>Judge after %1 pairs</source>
        <translation>Nach %1 Paaren urteilen</translation>
    </message>
    <message>
        <source>Planned: %1 pairs</source>
        <translation>Geplant: %1 Paare</translation>
    </message>
    <message>
        <source>line: estimate or middle flight   band: 95 % or most   dot: turned</source>
        <translation>Linie: Schätzung oder mittlerer Flug   Band: 95 % oder die meisten   Punkt: Umkehr</translation>
    </message>
    <message>
        <source>Along the path</source>
        <translation>Am Weg entlang</translation>
    </message>
    <message>
        <source>Sides</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>Steps and charge</source>
        <translation>Stufen und Ladung</translation>
    </message>
    <message>
        <source>signal in dBm, out as a line, back dashed   thick: mean of new flights, band: 95 %</source>
        <translation>Signal in dBm, hin als Linie, zurück gestrichelt   dick: Mittel neuer Flüge, Band: 95 %</translation>
    </message>
    <message>
        <source>dB above the mean of all directions seen</source>
        <translation>dB über dem Mittel aller gesehenen Richtungen</translation>
    </message>
    <message>
        <source>Sections</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>No run yet. Import logs under Runs.</source>
        <translation>Noch kein Lauf. Logs unter Läufe importieren.</translation>
    </message>
</context>
<context>
    <name>distanz::app::Copying</name>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy the whole table</source>
        <translation>Ganze Tabelle kopieren</translation>
    </message>
    <message>
        <source>Select all</source>
        <translation>Alles auswählen</translation>
    </message>
    <message>
        <source>Copy as picture</source>
        <translation>Als Bild kopieren</translation>
    </message>
</context>
<context>
    <name>distanz::app::DifferencesView</name>
    <message>
        <source>Show what is alike</source>
        <translation>Zeigen, was gleich ist</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Was anders ist</translation>
    </message>
    <message>
        <source>Fold away what is alike in all</source>
        <translation>Einklappen, was bei allen gleich ist</translation>
    </message>
    <message>
        <source>Show %1 more that are alike in all</source>
        <translation>%1 weitere zeigen, die bei allen gleich sind</translation>
    </message>
</context>
<context>
    <name>distanz::app::FindingsColumn</name>
    <message>
        <source>Void run %1 ...</source>
        <translation>Lauf %1 streichen ...</translation>
    </message>
    <message>
        <source>Why: %1</source>
        <translation>Warum: %1</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Why?</source>
        <translation>Warum?</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Plan so many</source>
        <translation>So viele planen</translation>
    </message>
</context>
<context>
    <name>distanz::app::FlightsForm</name>
    <message>
        <source>Airspeed</source>
        <translation>Fluggeschwindigkeit</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>Wind from</source>
        <translation>Wind aus</translation>
    </message>
    <message>
        <source>mAh a kilometre</source>
        <translation>mAh je Kilometer</translation>
    </message>
    <message>
        <source>Battery</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>the setup&apos;s</source>
        <translation>der des Aufbaus</translation>
    </message>
    <message>
        <source>Reserve</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>First take-off</source>
        <translation>Erster Start</translation>
    </message>
    <message>
        <source>Last landing</source>
        <translation>Letzte Landung</translation>
    </message>
    <message>
        <source>Swap, minutes</source>
        <translation>Umbau, Minuten</translation>
    </message>
    <message>
        <source>Batteries</source>
        <translation>Akkus</translation>
    </message>
    <message>
        <source>Flights of each</source>
        <translation>Flüge von jedem</translation>
    </message>
    <message>
        <source>Flights of each setup</source>
        <translation>Flüge je Aufbau</translation>
    </message>
    <message>
        <source>Difference that matters</source>
        <translation>Unterschied, der zählt</translation>
    </message>
    <message>
        <source>Allowed distance</source>
        <translation>Erlaubte Entfernung</translation>
    </message>
    <message>
        <source>not entered</source>
        <translation>nicht eingetragen</translation>
    </message>
    <message>
        <source>Allowed height</source>
        <translation>Erlaubte Höhe</translation>
    </message>
    <message>
        <source>Seen to</source>
        <translation>Zu sehen bis</translation>
    </message>
    <message>
        <source>Scatter of flights</source>
        <translation>Streuung der Flüge</translation>
    </message>
    <message>
        <source>as flown</source>
        <translation>wie geflogen</translation>
    </message>
    <message>
        <source>Order drawn by</source>
        <translation>Reihenfolge gezogen mit</translation>
    </message>
    <message>
        <source>Seed of the order</source>
        <translation>Startzahl der Reihenfolge</translation>
    </message>
    <message>
        <source>Receivers</source>
        <translation>Empfänger</translation>
    </message>
    <message>
        <source>both in one flight</source>
        <translation>beide in einem Flug</translation>
    </message>
    <message>
        <source>e.g. 06:30</source>
        <translation>z. B. 06:30</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no time of day. Type it as 06:30.</source>
        <translation>„%1“ ist keine Uhrzeit. Als 06:30 eingeben.</translation>
    </message>
</context>
<context>
    <name>distanz::app::FlightsPage</name>
    <message>
        <source>Order of the day</source>
        <translation>Reihenfolge des Tages</translation>
    </message>
    <message>
        <source>Chance to tell the setups apart</source>
        <translation>Wahrscheinlichkeit, die Aufbauten zu unterscheiden</translation>
    </message>
    <message>
        <source>Describe setups in Kit, and their flights are put in order here.</source>
        <translation>Aufbauten in Ausrüstung beschreiben, dann werden ihre Flüge hier geordnet.</translation>
    </message>
    <message>
        <source>%1 flown, %2 to come</source>
        <translation>%1 geflogen, %2 kommen noch</translation>
    </message>
    <message>
        <source>Battery and wind from a run</source>
        <translation>Batterie und Wind aus einem Flug</translation>
    </message>
    <message>
        <source>Consumption, airspeed and the wind along the path, as an earlier flight logged them</source>
        <translation>Verbrauch, Fluggeschwindigkeit und der Wind auf dem Weg, wie ein früherer Flug sie aufzeichnete</translation>
    </message>
    <message>
        <source>Blind labels</source>
        <translation>Blinde Nummern</translation>
    </message>
    <message>
        <source>A number for every recording, under which its picture is judged without knowing the setup</source>
        <translation>Eine Nummer für jede Aufnahme, unter der ihr Bild beurteilt wird, ohne das Setup zu kennen</translation>
    </message>
</context>
<context>
    <name>distanz::app::GroundGuide</name>
    <message>
        <source>Start the minute</source>
        <translation>Die Minute beginnen</translation>
    </message>
    <message>
        <source>Counters read. See what it says.</source>
        <translation>Zähler abgelesen. Das Ergebnis ansehen.</translation>
    </message>
    <message>
        <source>Hold the aircraft by its far end, clear of your body, nose toward the station. Then start.</source>
        <translation>Das Fluggerät am fernen Ende halten, weg vom Körper, Nase zur Station. Dann beginnen.</translation>
    </message>
    <message>
        <source>First read the receiver&apos;s counters and add them below as &quot;before&quot;.</source>
        <translation>Zuerst die Zähler des Empfängers ablesen und unten als „vorher“ hinzufügen.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Done. Read the counters again and add them as &quot;after&quot;.</source>
        <translation>Fertig. Die Zähler wieder ablesen und als „nachher“ hinzufügen.</translation>
    </message>
    <message>
        <source>%1 s left</source>
        <translation>noch %1 s</translation>
    </message>
</context>
<context>
    <name>distanz::app::GroundPage</name>
    <message>
        <source>Terrain and maps</source>
        <translation>Gelände und Karten</translation>
    </message>
    <message>
        <source>What the prediction counts</source>
        <translation>Was die Vorhersage zählt</translation>
    </message>
    <message>
        <source>What stands in the way</source>
        <translation>Was im Weg steht</translation>
    </message>
    <message>
        <source>Woods</source>
        <translation>Wald</translation>
    </message>
    <message>
        <source>also through trees</source>
        <translation>auch durch Bäume</translation>
    </message>
    <message>
        <source>Earth radius, effective over true</source>
        <translation>Erdradius, wirksam zu wahr</translation>
    </message>
    <message>
        <source>Height by rule, of the distance</source>
        <translation>Höhe nach Regel, von der Entfernung</translation>
    </message>
    <message>
        <source>Reflection by the ground</source>
        <translation>Spiegelung am Boden</translation>
    </message>
    <message>
        <source>Roughness of it, sd</source>
        <translation>Seine Rauheit, SA</translation>
    </message>
    <message>
        <source>Station above the sea</source>
        <translation>Station über dem Meer</translation>
    </message>
    <message>
        <source>by the raster</source>
        <translation>nach dem Raster</translation>
    </message>
    <message>
        <source>Rain, mm an hour</source>
        <translation>Regen, mm je Stunde</translation>
    </message>
    <message>
        <source>Fog, g in a cubic metre</source>
        <translation>Nebel, g im Kubikmeter</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>Oxygen and vapour</source>
        <translation>Sauerstoff und Dampf</translation>
    </message>
    <message>
        <source>count</source>
        <translation>zählen</translation>
    </message>
    <message>
        <source>Beside the antenna</source>
        <translation>Neben der Antenne</translation>
    </message>
    <message>
        <source>It stands at</source>
        <translation>Sie oder es steht bei</translation>
    </message>
    <message>
        <source>Bearing of it from the antenna</source>
        <translation>Richtung dorthin von der Antenne</translation>
    </message>
    <message>
        <source>bearing, not said</source>
        <translation>Richtung, nicht gesagt</translation>
    </message>
</context>
<context>
    <name>distanz::app::HandLogDialog</name>
    <message>
        <source>post</source>
        <translation>Pfosten</translation>
    </message>
    <message>
        <source>its number</source>
        <translation>seine Nummer</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Entfernung</translation>
    </message>
    <message>
        <source>from the station: 450 m, 1.2 km</source>
        <translation>von der Station: 450 m, 1.2 km</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>in the recording: 3:27</source>
        <translation>in der Aufnahme: 3:27</translation>
    </message>
    <message>
        <source>signal</source>
        <translation>Signal</translation>
    </message>
    <message>
        <source>-84 dBm</source>
        <translation>-84 dBm</translation>
    </message>
    <message>
        <source>quality</source>
        <translation>Qualität</translation>
    </message>
    <message>
        <source>of the link, in %</source>
        <translation>der Strecke, in %</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Balken</translation>
    </message>
    <message>
        <source>counted: they stand for quality only</source>
        <translation>gezählt: sie stehen nur für Qualität</translation>
    </message>
    <message>
        <source>volts</source>
        <translation>Volt</translation>
    </message>
    <message>
        <source>of the battery: 15.4 V</source>
        <translation>des Akkus: 15.4 V</translation>
    </message>
    <message>
        <source>bitrate</source>
        <translation>Bitrate</translation>
    </message>
    <message>
        <source>25 Mbit/s</source>
        <translation>25 Mbit/s</translation>
    </message>
    <message>
        <source>delay</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>40 ms</source>
        <translation>40 ms</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>grade, 5 is best</source>
        <translation>Note, 5 ist am besten</translation>
    </message>
    <message>
        <source>event</source>
        <translation>Ereignis</translation>
    </message>
    <message>
        <source>break-up, dropout, lost, regained, step, failsafe, turned</source>
        <translation>Aussetzer, verloren, wieder da, Modus, Failsafe, gewendet</translation>
    </message>
    <message>
        <source>Bring in ...</source>
        <translation>Hereinholen ...</translation>
    </message>
    <message>
        <source>Readings, row by row</source>
        <translation>Ablesungen, Zeile für Zeile</translation>
    </message>
    <message>
        <source>Every row needs a post, a distance or a time, and a reading or an event. Enter: next row. Tab: next column. A run with nothing but lost, regained and turned is a run too.</source>
        <translation>Jede Zeile braucht einen Pfosten, eine Entfernung oder eine Zeit, und einen Wert oder ein Ereignis. Eingabe: nächste Zeile. Tab: nächste Spalte. Auch ein Lauf nur mit verloren, wieder da und gewendet ist ein Lauf.</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
</context>
<context>
    <name>distanz::app::ImportDialog</name>
    <message>
        <source>Import</source>
        <translation>Einlesen</translation>
    </message>
    <message>
        <source>Looking at %1 ...</source>
        <translation>%1 wird angesehen ...</translation>
    </message>
    <message>
        <source>It holds %1 flights: make a run of each</source>
        <translation>Es enthält %1 Flüge: aus jedem einen Lauf machen</translation>
    </message>
    <message>
        <source>Make a run of each flight that it holds</source>
        <translation>Aus jedem Flug, den es enthält, einen Lauf machen</translation>
    </message>
    <message>
        <source>along the path</source>
        <translation>am Weg entlang</translation>
    </message>
    <message>
        <source>a course</source>
        <translation>ein Parcours</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Import logs</source>
        <translation>Logs importieren</translation>
    </message>
    <message>
        <source>Starts after the first log</source>
        <translation>Beginnt nach dem ersten Log</translation>
    </message>
    <message>
        <source>found by itself</source>
        <translation>wird gefunden</translation>
    </message>
    <message>
        <source>Stopped. Nothing was imported.</source>
        <translation>Angehalten. Nichts wurde importiert.</translation>
    </message>
    <message>
        <source>Nothing was imported: %1</source>
        <translation>Nichts wurde importiert: %1</translation>
    </message>
    <message>
        <source>Setup flown in %1</source>
        <translation>Setup in %1</translation>
    </message>
    <message>
        <source>How %1 was flown</source>
        <translation>Wie %1 geflogen wurde</translation>
    </message>
    <message>
        <source>A course counts on its named sections only. It may lack positions: mark its posts afterwards.</source>
        <translation>Ein Kurs zählt nur auf seinen benannten Abschnitten. Positionen dürfen fehlen: seine Pfosten danach markieren.</translation>
    </message>
    <message>
        <source>Why %1 ended</source>
        <translation>Warum %1 endete</translation>
    </message>
    <message>
        <source>Notes on %1</source>
        <translation>Notizen zu %1</translation>
    </message>
    <message>
        <source>Of a video link, which the kit lacks: %1.</source>
        <translation>Von einem Videolink, den die Ausrüstung nicht hat: %1.</translation>
    </message>
    <message>
        <source>Of a control link, which the kit lacks: %1.</source>
        <translation>Von einem Steuerlink, den die Ausrüstung nicht hat: %1.</translation>
    </message>
    <message>
        <source>Add a video link</source>
        <translation>Videolink hinzufügen</translation>
    </message>
    <message>
        <source>Add a control link</source>
        <translation>Steuerlink hinzufügen</translation>
    </message>
    <message>
        <source>Station and path from %1: take-off, %2 out</source>
        <translation>Station und Pfad aus %1: Startplatz, %2 hinaus</translation>
    </message>
    <message>
        <source>Use these columns for %1</source>
        <translation>Diese Spalten für %1 übernehmen</translation>
    </message>
    <message>
        <source>Import %1</source>
        <translation>%1 importieren</translation>
    </message>
    <message>
        <source>Add the setup that was flown in Kit first.</source>
        <translation>Zuerst unter Ausrüstung das geflogene Setup hinzufügen.</translation>
    </message>
    <message>
        <source>%1 imported.</source>
        <translation>%1 importiert.</translation>
    </message>
    <message>
        <source>Not imported: %1. The reason stands beside it.</source>
        <translation>Nicht importiert: %1. Der Grund steht daneben.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Close the import?</source>
        <translation>Import schließen?</translation>
    </message>
    <message>
        <source>These logs are not imported yet.</source>
        <translation>Diese Logs sind noch nicht importiert.</translation>
    </message>
    <message>
        <source>Keep for later</source>
        <translation>Für später behalten</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Go on importing</source>
        <translation>Weiter importieren</translation>
    </message>
    <message>
        <source>e.g. wind</source>
        <translation>z. B. Wind</translation>
    </message>
</context>
<context>
    <name>distanz::app::Importer</name>
    <message>
        <source>The damaged log of run %1 was replaced by this one</source>
        <translation>Das beschädigte Log von Lauf %1 wurde durch dieses ersetzt</translation>
    </message>
</context>
<context>
    <name>distanz::app::KitStage</name>
    <message>
        <source>Links, and when each still counts as usable</source>
        <translation>Strecken, und wann jede noch als brauchbar gilt</translation>
    </message>
    <message>
        <source>Add control link</source>
        <translation>Steuerstrecke hinzufügen</translation>
    </message>
    <message>
        <source>Add video link</source>
        <translation>Videostrecke hinzufügen</translation>
    </message>
    <message>
        <source>Add setup</source>
        <translation>Setup hinzufügen</translation>
    </message>
    <message>
        <source>Take parts from another campaign</source>
        <translation>Teile aus einer anderen Kampagne nehmen</translation>
    </message>
    <message>
        <source>Distanz campaigns (*.distanz)</source>
        <translation>Distanz-Kampagnen (*.distanz)</translation>
    </message>
    <message>
        <source>Chain</source>
        <translation>Kette</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Was anders ist</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>Links</source>
        <translation>Verbindungen</translation>
    </message>
    <message>
        <source>Add photos</source>
        <translation>Fotos hinzufügen</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg);;All files (*)</source>
        <translation>Bilder (*.png *.jpg *.jpeg);;Alle Dateien (*)</translation>
    </message>
</context>
<context>
    <name>distanz::app::LanePlot</name>
    <message>
        <source>%1: %2 %3 at %4</source>
        <translation>%1: %2 %3 bei %4</translation>
    </message>
</context>
<context>
    <name>distanz::app::LayerList</name>
    <message>
        <source>Add terrain or map</source>
        <translation>Gelände oder Karte hinzufügen</translation>
    </message>
    <message>
        <source>GeoTIFF, HGT, DTED or ASCII grid; GeoJSON, KML, GPX or GeoPackage</source>
        <translation>GeoTIFF, HGT, DTED oder ASCII-Raster; GeoJSON, KML, GPX oder GeoPackage</translation>
    </message>
    <message>
        <source>Without terrain the ground counts as flat. Bring the tile of this place, and maps of trees, buildings, roads and areas to keep out of; files can be dropped here.</source>
        <translation>Ohne Gelände zählt der Boden als eben. Die Kachel dieses Ortes bringen und Karten von Bäumen, Gebäuden, Straßen und Sperrgebieten; Dateien können hier abgelegt werden.</translation>
    </message>
    <message>
        <source>What it is of</source>
        <translation>Wovon sie ist</translation>
    </message>
    <message>
        <source>in feet</source>
        <translation>in Fuß</translation>
    </message>
    <message>
        <source>How high what stands there is</source>
        <translation>Wie hoch ist, was dort steht</translation>
    </message>
    <message>
        <source>how high</source>
        <translation>wie hoch</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
</context>
<context>
    <name>distanz::app::LinkCard</name>
    <message>
        <source>%1 link</source>
        <translation>Strecke %1</translation>
    </message>
    <message>
        <source>aircraft to ground</source>
        <translation>Fluggerät zum Boden</translation>
    </message>
    <message>
        <source>ground to aircraft</source>
        <translation>Boden zum Fluggerät</translation>
    </message>
    <message>
        <source>Frequency</source>
        <translation>Frequenz</translation>
    </message>
    <message>
        <source>5.8 GHz</source>
        <translation>5,8 GHz</translation>
    </message>
    <message>
        <source>Sensitivity</source>
        <translation>Empfindlichkeit</translation>
    </message>
    <message>
        <source>-108 dBm</source>
        <translation>-108 dBm</translation>
    </message>
    <message>
        <source>Usable above it by</source>
        <translation>Brauchbar darüber um</translation>
    </message>
    <message>
        <source>0 dB</source>
        <translation>0 dB</translation>
    </message>
    <message>
        <source>Least link quality</source>
        <translation>Mindest-Linkqualität</translation>
    </message>
    <message>
        <source>70 %</source>
        <translation>70 %</translation>
    </message>
    <message>
        <source>Least bitrate</source>
        <translation>Mindest-Bitrate</translation>
    </message>
    <message>
        <source>8 Mbit/s</source>
        <translation>8 Mbit/s</translation>
    </message>
    <message>
        <source>Sensitivity per packet rate or mode, where it changes</source>
        <translation>Empfindlichkeit je Paketrate oder Modus, wo sie sich ändert</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove the %1 link</source>
        <translation>Strecke %1 entfernen</translation>
    </message>
    <message>
        <source>Sensitivity per packet rate or mode</source>
        <translation>Empfindlichkeit je Paketrate oder Modus</translation>
    </message>
    <message>
        <source>50 Hz: -112 dBm; 150 Hz: -107 dBm</source>
        <translation>50 Hz: -112 dBm; 150 Hz: -107 dBm</translation>
    </message>
    <message>
        <source>Dips allowed, shorter than</source>
        <translation>Aussetzer erlaubt, kürzer als</translation>
    </message>
    <message>
        <source>0 m</source>
        <translation>0 m</translation>
    </message>
    <message>
        <source>Bandwidth</source>
        <translation>Bandbreite</translation>
    </message>
    <message>
        <source>20 MHz</source>
        <translation>20 MHz</translation>
    </message>
    <message>
        <source>EIRP allowed here</source>
        <translation>Hier erlaubte EIRP</translation>
    </message>
    <message>
        <source>25 mW</source>
        <translation>25 mW</translation>
    </message>
    <message>
        <source>Noise figure</source>
        <translation>Rauschzahl</translation>
    </message>
    <message>
        <source>6 dB</source>
        <translation>6 dB</translation>
    </message>
    <message>
        <source>Signal over noise needed</source>
        <translation>Nötig: Signal über Rauschen</translation>
    </message>
    <message>
        <source>10 dB</source>
        <translation>10 dB</translation>
    </message>
</context>
<context>
    <name>distanz::app::LiveBar</name>
    <message>
        <source>Fill live</source>
        <translation>Live füllen</translation>
    </message>
    <message>
        <source>Instrument that sends lines</source>
        <translation>Gerät, das Zeilen sendet</translation>
    </message>
    <message>
        <source>instrument: host:port or /dev/ttyUSB0</source>
        <translation>Gerät: host:port oder /dev/ttyUSB0</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>listening ...</source>
        <translation>hört zu ...</translation>
    </message>
    <message>
        <source>not connected</source>
        <translation>nicht verbunden</translation>
    </message>
    <message>
        <source>%1 lines</source>
        <translation>%1 Zeilen</translation>
    </message>
    <message>
        <source>%1 readings</source>
        <translation>%1 Ablesungen</translation>
    </message>
</context>
<context>
    <name>distanz::app::MainWindow</name>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>&amp;New campaign ...</source>
        <translation>&amp;Neue Kampagne ...</translation>
    </message>
    <message>
        <source>&amp;Open ...</source>
        <translation>Ö&amp;ffnen ...</translation>
    </message>
    <message>
        <source>Open the &amp;demo</source>
        <translation>Die &amp;Demo öffnen</translation>
    </message>
    <message>
        <source>Open an interchange &amp;folder ...</source>
        <translation>&amp;Austauschordner öffnen ...</translation>
    </message>
    <message>
        <source>Save a &amp;copy as ...</source>
        <translation>&amp;Kopie speichern unter ...</translation>
    </message>
    <message>
        <source>&amp;Export as interchange folder ...</source>
        <translation>Als Austauschordner &amp;exportieren ...</translation>
    </message>
    <message>
        <source>Save view as &amp;PNG ...</source>
        <translation>Ansicht als &amp;PNG speichern ...</translation>
    </message>
    <message>
        <source>Save view as &amp;SVG ...</source>
        <translation>Ansicht als &amp;SVG speichern ...</translation>
    </message>
    <message>
        <source>Save view&apos;s data as &amp;CSV ...</source>
        <translation>Daten der Ansicht als &amp;CSV speichern ...</translation>
    </message>
    <message>
        <source>Close campaign</source>
        <translation>Kampagne schließen</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Light or dark</source>
        <translation>Hell oder dunkel</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;How Distanz decides</source>
        <translation>&amp;Wie Distanz entscheidet</translation>
    </message>
    <message>
        <source>&amp;About Distanz</source>
        <translation>Ü&amp;ber Distanz</translation>
    </message>
    <message>
        <source>Distanz</source>
        <translation>Distanz</translation>
    </message>
    <message>
        <source>%1 is there already, from an earlier time that this folder was opened; the folder may have changed since. Open that file, or move it away and open the folder again.</source>
        <translation>%1 gibt es schon, von einem früheren Öffnen dieses Ordners; der Ordner kann sich seitdem geändert haben. Diese Datei öffnen, oder sie beiseitelegen und den Ordner erneut öffnen.</translation>
    </message>
    <message>
        <source>Open the file</source>
        <translation>Die Datei öffnen</translation>
    </message>
    <message>
        <source>Another campaign is being opened; try again when that is done.</source>
        <translation>Eine andere Kampagne wird gerade geöffnet; danach erneut versuchen.</translation>
    </message>
    <message>
        <source>Save a copy as ...</source>
        <translation>Kopie speichern unter ...</translation>
    </message>
    <message>
        <source>Not on disk yet: the campaign file is busy. It is kept as soon as the file is free.</source>
        <translation>Noch nicht auf der Platte: die Kampagnendatei ist belegt. Gespeichert wird, sobald sie frei ist.</translation>
    </message>
    <message>
        <source>%1 is the campaign that is open; choose another name.</source>
        <translation>%1 ist die geöffnete Kampagne; einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>New campaign</source>
        <translation>Neue Kampagne</translation>
    </message>
    <message>
        <source>campaign.distanz</source>
        <translation>kampagne.distanz</translation>
    </message>
    <message>
        <source>Distanz campaigns (*.distanz)</source>
        <translation>Distanz-Kampagnen (*.distanz)</translation>
    </message>
    <message>
        <source>Open a campaign</source>
        <translation>Kampagne öffnen</translation>
    </message>
    <message>
        <source>Logs (%1);;All files (*)</source>
        <translation>Logs (%1);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Open an interchange folder</source>
        <translation>Austauschordner öffnen</translation>
    </message>
    <message>
        <source>Export as interchange folder</source>
        <translation>Als Austauschordner exportieren</translation>
    </message>
    <message>
        <source>Save a copy of the campaign</source>
        <translation>Kopie der Kampagne speichern</translation>
    </message>
    <message>
        <source> copy.distanz</source>
        <translation> Kopie.distanz</translation>
    </message>
    <message>
        <source>A copy was saved as %1.</source>
        <translation>Eine Kopie wurde als %1 gespeichert.</translation>
    </message>
    <message>
        <source>A copy was saved as %1, but the logs of these runs could not be read: %2</source>
        <translation>Eine Kopie wurde als %1 gespeichert, aber die Logs dieser Läufe waren nicht lesbar: %2</translation>
    </message>
    <message>
        <source>Save view</source>
        <translation>Ansicht speichern</translation>
    </message>
    <message>
        <source>PNG pictures (*.png)</source>
        <translation>PNG-Bilder (*.png)</translation>
    </message>
    <message>
        <source>SVG drawings (*.svg)</source>
        <translation>SVG-Zeichnungen (*.svg)</translation>
    </message>
    <message>
        <source>CSV tables (*.csv)</source>
        <translation>CSV-Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>How Distanz decides</source>
        <translation>Wie Distanz entscheidet</translation>
    </message>
    <message>
        <source>About Distanz</source>
        <translation>Über Distanz</translation>
    </message>
    <message>
        <source>&lt;b&gt;Distanz %1&lt;/b&gt;&lt;p&gt;How far each radio setup carries, which is better, and how sure that is.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later.&lt;/p&gt;</source>
        <translation>&lt;b&gt;Distanz %1&lt;/b&gt;&lt;p&gt;Wie weit jedes Funk-Setup trägt, welches besser ist, und wie sicher das ist.&lt;/p&gt;&lt;p&gt;Freie Software unter der GNU General Public License, Version 3 oder später.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>%1 – Distanz</source>
        <translation>%1 – Distanz</translation>
    </message>
    <message>
        <source>Dismiss</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Open or make a campaign first; then drop the logs on it.</source>
        <translation>Erst eine Kampagne öffnen oder anlegen; dann die Logs darauf ziehen.</translation>
    </message>
    <message>
        <source>PDF documents (*.pdf)</source>
        <translation>PDF-Dokumente (*.pdf)</translation>
    </message>
    <message>
        <source>Save view as P&amp;DF ...</source>
        <translation>Ansicht als P&amp;DF speichern ...</translation>
    </message>
    <message>
        <source>&amp;Units</source>
        <translation>&amp;Einheiten</translation>
    </message>
    <message>
        <source>Metres and kilometres</source>
        <translation>Meter und Kilometer</translation>
    </message>
    <message>
        <source>Feet and miles</source>
        <translation>Fuß und Meilen</translation>
    </message>
    <message>
        <source>&amp;Power</source>
        <translation>&amp;Leistung</translation>
    </message>
    <message>
        <source>mW</source>
        <translation>mW</translation>
    </message>
    <message>
        <source>dBm</source>
        <translation>dBm</translation>
    </message>
    <message>
        <source>The system&apos;s</source>
        <translation>Die des Systems</translation>
    </message>
    <message>
        <source>&amp;Language</source>
        <translation>&amp;Sprache</translation>
    </message>
    <message>
        <source>The printer cannot be used; choose another one</source>
        <translation>Der Drucker ist nicht benutzbar; einen anderen wählen</translation>
    </message>
    <message>
        <source>Save file</source>
        <translation>Datei speichern</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message>
        <source>P&amp;rint view ...</source>
        <translation>Ansicht d&amp;rucken ...</translation>
    </message>
    <message>
        <source>%1: this view cannot be drawn</source>
        <translation>%1: Diese Ansicht lässt sich nicht zeichnen</translation>
    </message>
    <message>
        <source>Save path: the file shows where you fly</source>
        <translation>Weg speichern: Die Datei zeigt, wo Sie fliegen</translation>
    </message>
    <message>
        <source>Save data</source>
        <translation>Daten speichern</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Select all</source>
        <translation>Alles auswählen</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Import logs</source>
        <translation>Logs importieren</translation>
    </message>
    <message>
        <source>Import &amp;logs ...</source>
        <translation>&amp;Logs importieren ...</translation>
    </message>
</context>
<context>
    <name>distanz::app::MapView</name>
    <message>
        <source>No path yet: enter where the station is</source>
        <translation>Noch kein Weg: eingeben, wo die Station ist</translation>
    </message>
    <message>
        <source>No path yet: enter the far post, or its distance and bearing</source>
        <translation>Noch kein Weg: den fernen Posten eingeben oder Entfernung und Richtung</translation>
    </message>
    <message>
        <source>station</source>
        <translation>Station</translation>
    </message>
    <message>
        <source>far post</source>
        <translation>ferner Posten</translation>
    </message>
    <message>
        <source>outward bearing %1</source>
        <translation>Richtung hinaus %1</translation>
    </message>
    <message>
        <source>%1, %2 above the sea</source>
        <translation>%1, %2 über dem Meer</translation>
    </message>
    <message>
        <source>The path from above</source>
        <translation>Der Weg von oben</translation>
    </message>
    <message>
        <source>Drag station and points; double-click the path for another point. Wheel or + and -: zoom, 0: the whole path. Page Up and Down choose a point, arrows move it, Delete removes it.</source>
        <translation>Station und Punkte ziehen; Doppelklick auf den Weg für einen weiteren Punkt. Rad oder + und -: Maßstab, 0: der ganze Weg. Bild auf und ab wählen einen Punkt, Pfeile verschieben ihn, Entf entfernt ihn.</translation>
    </message>
    <message>
        <source>Put the station here</source>
        <translation>Station hierher</translation>
    </message>
    <message>
        <source>Go on to here</source>
        <translation>Weiter bis hierher</translation>
    </message>
    <message>
        <source>Add a point here</source>
        <translation>Hier einen Punkt hinzufügen</translation>
    </message>
    <message>
        <source>Remove this point</source>
        <translation>Diesen Punkt entfernen</translation>
    </message>
    <message>
        <source>Copy coordinates</source>
        <translation>Koordinaten kopieren</translation>
    </message>
    <message>
        <source>Show the whole path</source>
        <translation>Den ganzen Weg zeigen</translation>
    </message>
</context>
<context>
    <name>distanz::app::MarksDialog</name>
    <message>
        <source>Propose</source>
        <translation>Vorschlagen</translation>
    </message>
    <message>
        <source>Take these places</source>
        <translation>Diese Orte übernehmen</translation>
    </message>
    <message>
        <source>Where run %1 was</source>
        <translation>Wo Lauf %1 war</translation>
    </message>
    <message>
        <source>Times as 3:27 or 207; places as the number or name of a post, or as 450 m along the path. Between two marks a steady speed is taken. On the strip in Runs the key M marks the next post.</source>
        <translation>Zeiten als 3:27 oder 207; Orte als Nummer oder Name eines Pfostens, oder als 450 m am Weg entlang. Zwischen zwei Marken gilt eine gleichmäßige Geschwindigkeit. Auf dem Streifen unter Läufe markiert die Taste M den nächsten Pfosten.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Posts passed</source>
        <translation>Passierte Pfosten</translation>
    </message>
    <message>
        <source>Add a row for each post that was passed, or lay the run on another one below.</source>
        <translation>Für jeden passierten Pfosten eine Zeile anlegen, oder den Lauf unten auf einen anderen legen.</translation>
    </message>
    <message>
        <source>Lay it on run</source>
        <translation>Auf Lauf legen</translation>
    </message>
    <message>
        <source>Looking ...</source>
        <translation>Wird angesehen ...</translation>
    </message>
</context>
<context>
    <name>distanz::app::MountPanel</name>
    <message>
        <source>Place on the airframe</source>
        <translation>Platz am Fluggerät</translation>
    </message>
    <message>
        <source>Points to, 0° ahead</source>
        <translation>Zeigt nach, 0° voraus</translation>
    </message>
    <message>
        <source>Upward, 90° upright</source>
        <translation>Aufwärts, 90° aufrecht</translation>
    </message>
    <message>
        <source>not set</source>
        <translation>nicht gesetzt</translation>
    </message>
</context>
<context>
    <name>distanz::app::NewDialog</name>
    <message>
        <source>New campaign</source>
        <translation>Neue Kampagne</translation>
    </message>
    <message>
        <source>What do you compare?</source>
        <translation>Was wird verglichen?</translation>
    </message>
    <message>
        <source>Control link</source>
        <translation>Steuerlink</translation>
    </message>
    <message>
        <source>Video link</source>
        <translation>Videolink</translation>
    </message>
    <message>
        <source>Both</source>
        <translation>Beide</translation>
    </message>
    <message>
        <source>Change ...</source>
        <translation>Ändern ...</translation>
    </message>
    <message>
        <source>Kept in %1</source>
        <translation>Gespeichert in %1</translation>
    </message>
</context>
<context>
    <name>distanz::app::OrderView</name>
    <message>
        <source>Order of the flights</source>
        <translation>Reihenfolge der Flüge</translation>
    </message>
</context>
<context>
    <name>distanz::app::PartPanel</name>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Name of this part</source>
        <translation>Name dieses Teils</translation>
    </message>
    <message>
        <source>also in %1</source>
        <translation>auch in %1</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>cannot be shown</source>
        <translation>nicht darstellbar</translation>
    </message>
    <message>
        <source>Add photos ...</source>
        <translation>Fotos hinzufügen ...</translation>
    </message>
    <message>
        <source>Fewer values</source>
        <translation>Weniger Werte</translation>
    </message>
    <message>
        <source>All values</source>
        <translation>Alle Werte</translation>
    </message>
</context>
<context>
    <name>distanz::app::PartsView</name>
    <message>
        <source>in no setup</source>
        <translation>in keinem Aufbau</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>Remove part</source>
        <translation>Teil entfernen</translation>
    </message>
    <message>
        <source>Search parts</source>
        <translation>Teile suchen</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>New part</source>
        <translation>Neues Teil</translation>
    </message>
    <message>
        <source>From another campaign ...</source>
        <translation>Aus einer anderen Kampagne ...</translation>
    </message>
    <message>
        <source>New %1</source>
        <translation>Neu: %1</translation>
    </message>
    <message>
        <source>More parts: search for them</source>
        <translation>Weitere Teile: danach suchen</translation>
    </message>
</context>
<context>
    <name>distanz::app::PathForm</name>
    <message>
        <source>Antenna above ground</source>
        <translation>Antenne über Grund</translation>
    </message>
    <message>
        <source>Flight height</source>
        <translation>Flughöhe</translation>
    </message>
    <message>
        <source>A post every</source>
        <translation>Ein Pfosten alle</translation>
    </message>
    <message>
        <source>or: distance to it</source>
        <translation>oder: Entfernung dorthin</translation>
    </message>
    <message>
        <source>and bearing</source>
        <translation>und Richtung</translation>
    </message>
    <message>
        <source>Path-loss exponent</source>
        <translation>Ausbreitungsexponent</translation>
    </message>
    <message>
        <source>station first</source>
        <translation>erst die Station</translation>
    </message>
    <message>
        <source>Station, latitude and longitude</source>
        <translation>Station, Breite und Länge</translation>
    </message>
    <message>
        <source>Far post, latitude and longitude</source>
        <translation>Ferner Posten, Breite und Länge</translation>
    </message>
    <message>
        <source>46.91, 20.96 or UTM</source>
        <translation>46.91, 20.96 oder UTM</translation>
    </message>
</context>
<context>
    <name>distanz::app::PathTable</name>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
</context>
<context>
    <name>distanz::app::PlanStage</name>
    <message>
        <source>Path</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>Flights</source>
        <translation>Flüge</translation>
    </message>
    <message>
        <source>Add terrain or map</source>
        <translation>Gelände oder Karte hinzufügen</translation>
    </message>
    <message>
        <source>Take the path from a file</source>
        <translation>Den Weg aus einer Datei nehmen</translation>
    </message>
    <message>
        <source>Paths (*.gpx *.kml *.kmz *.geojson *.json *.gpkg *.csv);;All files (*)</source>
        <translation>Wege (*.gpx *.kml *.kmz *.geojson *.json *.gpkg *.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Ground and air</source>
        <translation>Boden und Luft</translation>
    </message>
</context>
<context>
    <name>distanz::app::PointsPage</name>
    <message>
        <source>path %1</source>
        <translation>Weg %1</translation>
    </message>
    <message>
        <source>The path that is planned</source>
        <translation>Der Weg, der geplant wird</translation>
    </message>
    <message>
        <source>Name of the path</source>
        <translation>Name des Weges</translation>
    </message>
    <message>
        <source>New path</source>
        <translation>Neuer Weg</translation>
    </message>
    <message>
        <source>A copy of this one, to be changed</source>
        <translation>Eine Kopie von diesem, zum Ändern</translation>
    </message>
    <message>
        <source>Remove path</source>
        <translation>Weg entfernen</translation>
    </message>
    <message>
        <source>Take from file</source>
        <translation>Aus Datei nehmen</translation>
    </message>
    <message>
        <source>GPX, KML, GeoJSON, or a plan written here</source>
        <translation>GPX, KML, GeoJSON oder ein hier geschriebener Plan</translation>
    </message>
    <message>
        <source>Take from run</source>
        <translation>Aus Flug nehmen</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Speichern als</translation>
    </message>
    <message>
        <source>GPX</source>
        <translation>GPX</translation>
    </message>
    <message>
        <source>KML</source>
        <translation>KML</translation>
    </message>
    <message>
        <source>GeoJSON</source>
        <translation>GeoJSON</translation>
    </message>
    <message>
        <source>table, CSV</source>
        <translation>Tabelle, CSV</translation>
    </message>
    <message>
        <source>Shape of the course</source>
        <translation>Form des Kurses</translation>
    </message>
    <message>
        <source>Lay out</source>
        <translation>Auslegen</translation>
    </message>
    <message>
        <source>so far ahead, radius</source>
        <translation>so weit voraus, Radius</translation>
    </message>
    <message>
        <source>ahead is, bearing</source>
        <translation>voraus ist, Richtung</translation>
    </message>
    <message>
        <source>so long or wide</source>
        <translation>so lang oder breit</translation>
    </message>
    <message>
        <source>so deep, box</source>
        <translation>so tief, Rechteck</translation>
    </message>
    <message>
        <source>flown at</source>
        <translation>geflogen in</translation>
    </message>
    <message>
        <source>Lay it</source>
        <translation>Legen</translation>
    </message>
    <message>
        <source>Replaces the points of this path; can be undone</source>
        <translation>Ersetzt die Punkte dieses Weges; kann zurückgenommen werden</translation>
    </message>
    <message>
        <source>Points, outward</source>
        <translation>Punkte, hinaus</translation>
    </message>
    <message>
        <source>Set the station first; then lay out the path above, or add points.</source>
        <translation>Erst die Station setzen; dann den Weg oben auslegen oder Punkte hinzufügen.</translation>
    </message>
    <message>
        <source>Posts</source>
        <translation>Posten</translation>
    </message>
    <message>
        <source>Marks that can be seen from the air, besides those every so far.</source>
        <translation>Marken, die aus der Luft zu sehen sind, neben denen in festem Abstand.</translation>
    </message>
    <message>
        <source>path</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>Sections</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>Parts of the path with a name: behind the shed, along the poplars.</source>
        <translation>Teile des Pfads mit Namen: hinter dem Schuppen, an den Pappeln.</translation>
    </message>
</context>
<context>
    <name>distanz::app::PreflightList</name>
    <message>
        <source>Before the flight</source>
        <translation>Vor dem Flug</translation>
    </message>
    <message>
        <source>Pre-flight list</source>
        <translation>Liste vor dem Flug</translation>
    </message>
    <message>
        <source>who ticks it</source>
        <translation>wer sie abhakt</translation>
    </message>
    <message>
        <source>Who ticks the list</source>
        <translation>Wer die Liste abhakt</translation>
    </message>
    <message>
        <source>Clear all ticks</source>
        <translation>Alle Haken löschen</translation>
    </message>
</context>
<context>
    <name>distanz::app::RangeRule</name>
    <message>
        <source>Range rule</source>
        <translation>Reichweitenlineal</translation>
    </message>
    <message>
        <source>The path as a ruler, with a bar per setup. Left and right arrows pick a distance.</source>
        <translation>Der Weg als Lineal, mit einem Balken je Setup. Pfeiltasten links und rechts wählen eine Entfernung.</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Legende</translation>
    </message>
    <message>
        <source>Click to pick a distance everywhere.</source>
        <translation>Klicken wählt überall eine Entfernung.</translation>
    </message>
    <message>
        <source>What the signs mean</source>
        <translation>Was die Zeichen bedeuten</translation>
    </message>
</context>
<context>
    <name>distanz::app::ReadingTimer</name>
    <message>
        <source>Call for readings</source>
        <translation>Zu Ablesungen rufen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Read now: %1</source>
        <translation>Jetzt ablesen: %1</translation>
    </message>
    <message>
        <source>next reading, at %1, in %2 s</source>
        <translation>nächste Ablesung, bei %1, in %2 s</translation>
    </message>
</context>
<context>
    <name>distanz::app::ReadingsEditor</name>
    <message>
        <source>What is read</source>
        <translation>Was abgelesen wird</translation>
    </message>
    <message>
        <source>setting, emitter ...</source>
        <translation>Einstellung, Sender ...</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>From file ...</source>
        <translation>Aus Datei ...</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Ablesungen</translation>
    </message>
</context>
<context>
    <name>distanz::app::ReadingsModel</name>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
</context>
<context>
    <name>distanz::app::ReadoutStrip</name>
    <message>
        <source>Readings at the picked distance</source>
        <translation>Ablesungen bei der gewählten Entfernung</translation>
    </message>
    <message>
        <source>Click a distance, here or on the rule below, to read every setup off there</source>
        <translation>Eine Entfernung anklicken, hier oder unten am Lineal, um jedes Setup dort abzulesen</translation>
    </message>
    <message>
        <source>Mean of all runs at %1, within %2</source>
        <translation>Mittel aller Läufe bei %1, auf %2 genau</translation>
    </message>
    <message>
        <source>not flown here</source>
        <translation>hier nicht geflogen</translation>
    </message>
</context>
<context>
    <name>distanz::app::RecordForm</name>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Of part</source>
        <translation>Vom Teil</translation>
    </message>
    <message>
        <source>For link</source>
        <translation>Für Strecke</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>Instrument</source>
        <translation>Messgerät</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Add files ...</source>
        <translation>Dateien hinzufügen ...</translation>
    </message>
    <message>
        <source>What %1 shows</source>
        <translation>Was %1 zeigt</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Of setup</source>
        <translation>Von Aufbau</translation>
    </message>
    <message>
        <source>Save as ...</source>
        <translation>Speichern unter ...</translation>
    </message>
    <message>
        <source>not set</source>
        <translation>nicht gesetzt</translation>
    </message>
</context>
<context>
    <name>distanz::app::ResultView</name>
    <message>
        <source>VSWR over frequency</source>
        <translation>VSWR über Frequenz</translation>
    </message>
    <message>
        <source>Complex plane</source>
        <translation>Komplexe Ebene</translation>
    </message>
    <message>
        <source>Other drawing</source>
        <translation>Andere Zeichnung</translation>
    </message>
</context>
<context>
    <name>distanz::app::RunStrip</name>
    <message>
        <source>The run over time and over the path</source>
        <translation>Der Lauf über der Zeit und über der Strecke</translation>
    </message>
    <message>
        <source>Choose a run above to see it over time and over the path</source>
        <translation>Oben einen Lauf wählen, um ihn über der Zeit und über der Strecke zu sehen</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Wende</translation>
    </message>
    <message>
        <source>over the path: out as a line, back dashed</source>
        <translation>über der Strecke: hin als Linie, zurück gestrichelt</translation>
    </message>
    <message>
        <source>%1, begins %2 after it</source>
        <translation>%1, beginnt %2 danach</translation>
    </message>
    <message>
        <source>Drag the edges of the turn, the cuts at either end, or a further log below against the first. With the keyboard: left and right move the turn&apos;s begin, with Shift its end, with Ctrl and Ctrl+Shift the cuts, with Alt the further log. M marks the next post where the pointer is.</source>
        <translation>Die Ränder der Wende, die Schnitte an beiden Enden oder ein weiteres Log unten gegen das erste ziehen. Mit der Tastatur: links und rechts bewegen den Anfang der Wende, mit Umschalt ihr Ende, mit Strg und Strg+Umschalt die Schnitte, mit Alt das weitere Log. M markiert den nächsten Pfosten, wo der Zeiger ist.</translation>
    </message>
    <message>
        <source>Nothing says where it was. Point at the time a post was passed and press M, or open Flown, Where it was.</source>
        <translation>Nichts sagt, wo er war. Auf die Zeit zeigen, zu der ein Pfosten passiert wurde, und M drücken, oder Geflogen, Wo er war öffnen.</translation>
    </message>
    <message>
        <source>%1, begins %2 after it, give or take %3, %4 of path</source>
        <translation>%1, beginnt %2 danach, auf %3 oder %4 Strecke genau</translation>
    </message>
    <message>
        <source>%1, begins %2 after it, give or take %3</source>
        <translation>%1, beginnt %2 danach, auf %3 genau</translation>
    </message>
</context>
<context>
    <name>distanz::app::RunTable</name>
    <message>
        <source>way out</source>
        <translation>Hinweg</translation>
    </message>
    <message>
        <source>way back</source>
        <translation>Rückweg</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>run</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>setup</source>
        <translation>Setup</translation>
    </message>
    <message>
        <source>order</source>
        <translation>Folge</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>why it ended</source>
        <translation>warum beendet</translation>
    </message>
    <message>
        <source>reduced by</source>
        <translation>verringert um</translation>
    </message>
    <message>
        <source>farthest</source>
        <translation>am weitesten</translation>
    </message>
    <message>
        <source>dropouts</source>
        <translation>Aussetzer</translation>
    </message>
    <message>
        <source>lost at</source>
        <translation>verloren bei</translation>
    </message>
    <message>
        <source>regained at</source>
        <translation>wieder da bei</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Lücke</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>zählt</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>The order must be a whole number from 1: the place of this run in the session.</source>
        <translation>Die Folge muss eine ganze Zahl ab 1 sein: der Platz dieses Laufs in der Sitzung.</translation>
    </message>
    <message>
        <source>Reduced by: %1</source>
        <translation>Verringert um: %1</translation>
    </message>
</context>
<context>
    <name>distanz::app::RunsStage</name>
    <message>
        <source>Void ...</source>
        <translation>Streichen ...</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Keep the run but do not count it, with a reason; or count it again</source>
        <translation>Den Lauf behalten, aber nicht zählen, mit einem Grund; oder wieder zählen</translation>
    </message>
    <message>
        <source>Count it again</source>
        <translation>Wieder zählen</translation>
    </message>
    <message>
        <source>, turn moved by hand</source>
        <translation>, Wende von Hand verschoben</translation>
    </message>
    <message>
        <source>find runs</source>
        <translation>Läufe finden</translation>
    </message>
    <message>
        <source>Show only runs with this in a cell</source>
        <translation>Nur Läufe zeigen, in denen das steht</translation>
    </message>
    <message>
        <source>Run %1 over time%2</source>
        <translation>Lauf %1 über der Zeit%2</translation>
    </message>
    <message>
        <source>%1, begun %2</source>
        <translation>%1, begonnen %2</translation>
    </message>
    <message>
        <source>%1 lost at %2, regained at %3</source>
        <translation>%1 verloren bei %2, wieder da bei %3</translation>
    </message>
    <message>
        <source>%1 lost at %2</source>
        <translation>%1 verloren bei %2</translation>
    </message>
    <message>
        <source>or drop logs on the window</source>
        <translation>oder Logs auf das Fenster ziehen</translation>
    </message>
    <message>
        <source>There is no text to paste: copy the rows of a table with its headings first.</source>
        <translation>Es gibt keinen Text einzufügen: zuerst die Zeilen einer Tabelle mit ihren Überschriften kopieren.</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Ablesungen</translation>
    </message>
    <message>
        <source>What was called out or read off a recording: posts, distances or times, with signal, quality or events</source>
        <translation>Was gerufen oder von einer Aufnahme abgelesen wurde: Pfosten, Entfernungen oder Zeiten, mit Signal, Qualität oder Ereignissen</translation>
    </message>
    <message>
        <source>Write them row by row ...</source>
        <translation>Zeile für Zeile schreiben ...</translation>
    </message>
    <message>
        <source>readings</source>
        <translation>Ablesungen</translation>
    </message>
    <message>
        <source>Paste a table</source>
        <translation>Eine Tabelle einfügen</translation>
    </message>
    <message>
        <source>pasted</source>
        <translation>eingefügt</translation>
    </message>
    <message>
        <source>from the station %1</source>
        <translation>von der Station %1</translation>
    </message>
    <message>
        <source>slant %1</source>
        <translation>schräg %1</translation>
    </message>
    <message>
        <source>along the path %1</source>
        <translation>am Weg entlang %1</translation>
    </message>
    <message>
        <source>travelled %1</source>
        <translation>zurückgelegt %1</translation>
    </message>
    <message>
        <source>farthest: %1</source>
        <translation>am weitesten: %1</translation>
    </message>
    <message>
        <source>placed by its likeness with run %1</source>
        <translation>nach seiner Ähnlichkeit mit Lauf %1 eingeordnet</translation>
    </message>
    <message>
        <source>Go on importing %1</source>
        <translation>%1 weiter importieren</translation>
    </message>
    <message>
        <source>Import logs ...</source>
        <translation>Logs importieren ...</translation>
    </message>
</context>
<context>
    <name>distanz::app::SetupStrip</name>
    <message>
        <source>Add a setup for each antenna, mounting or power you want to try.</source>
        <translation>Für jede Antenne, Montage oder Leistung ein Setup hinzufügen.</translation>
    </message>
    <message>
        <source>%1 more setups are not shown here. Compare fewer at a time.</source>
        <translation>%1 weitere Setups sind hier nicht gezeigt. Weniger auf einmal vergleichen.</translation>
    </message>
    <message>
        <source>Name of setup %1</source>
        <translation>Name von Setup %1</translation>
    </message>
    <message>
        <source>Enter: show this setup&apos;s chain</source>
        <translation>Eingabetaste: Kette dieses Setups zeigen</translation>
    </message>
</context>
<context>
    <name>distanz::app::Shelf</name>
    <message>
        <source>Records on the shelf</source>
        <translation>Einträge im Regal</translation>
    </message>
    <message>
        <source>Find out ...</source>
        <translation>Herausfinden ...</translation>
    </message>
</context>
<context>
    <name>distanz::app::StageInfo</name>
    <message>
        <source>Kit</source>
        <translation>Ausrüstung</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Läufe</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleich</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
</context>
<context>
    <name>distanz::app::StartView</name>
    <message>
        <source>How far does it carry?</source>
        <translation>Wie weit trägt es?</translation>
    </message>
    <message>
        <source>Fly each setup over the same measured path, bring the logs in, and Distanz tells how far each one carries, which is better, and how sure that is.</source>
        <translation>Jedes Setup über denselben gemessenen Weg fliegen, die Logs einlesen, und Distanz sagt, wie weit jedes trägt, welches besser ist, und wie sicher das ist.</translation>
    </message>
    <message>
        <source>New campaign ...</source>
        <translation>Neue Kampagne ...</translation>
    </message>
    <message>
        <source>Open ...</source>
        <translation>Öffnen ...</translation>
    </message>
    <message>
        <source>Open the demo: Mirren canal</source>
        <translation>Die Demo öffnen: Mirren-Kanal</translation>
    </message>
    <message>
        <source>The demo&apos;s flights are simulated with a fixed seed; people, places and gear are made up.</source>
        <translation>Die Flüge der Demo sind mit festem Startwert simuliert; Personen, Orte und Geräte sind erfunden.</translation>
    </message>
    <message>
        <source>Recent campaigns</source>
        <translation>Letzte Kampagnen</translation>
    </message>
    <message>
        <source>None yet. A campaign is one file; it is saved as you work.</source>
        <translation>Noch keine. Eine Kampagne ist eine Datei; sie wird bei der Arbeit gespeichert.</translation>
    </message>
    <message>
        <source>Clear this list</source>
        <translation>Liste leeren</translation>
    </message>
    <message>
        <source>The campaign files stay where they are.</source>
        <translation>Die Kampagnen selbst bleiben, wo sie sind.</translation>
    </message>
</context>
<context>
    <name>distanz::app::Workspace</name>
    <message>
        <source>What matters here</source>
        <translation>Worauf es hier ankommt</translation>
    </message>
    <message>
        <source>Analysing</source>
        <translation>Wird ausgewertet</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>What matters</source>
        <translation>Worauf es ankommt</translation>
    </message>
</context>
<context>
    <name>finding</name>
    <message>
        <source>{where}{what} is {value:short}; it must lie within {low:short} to {high:short}</source>
        <translation>{where}{what} ist {value:short}; es muss in {low:short} bis {high:short} liegen</translation>
    </message>
    <message>
        <source>{where}{what} is {value:short}; it must be a number</source>
        <translation>{where}{what} ist {value:short}; es muss eine Zahl sein</translation>
    </message>
    <message>
        <source>{where} names {kind} &quot;{id}&quot;, which is not in this campaign</source>
        <translation>{where} nennt {kind} „{id}“, das es in dieser Kampagne nicht gibt</translation>
    </message>
    <message>
        <source>a {kind} has an id of over {most} bytes; shorten it</source>
        <translation>{kind}: eine Kennung hat über {most} Bytes; sie kürzen</translation>
    </message>
    <message>
        <source>a {kind} has no id; give it one</source>
        <translation>{kind}: eine Kennung fehlt; eine geben</translation>
    </message>
    <message>
        <source>{kind} &quot;{id}&quot; occurs twice; rename one</source>
        <translation>{kind} „{id}“ kommt zweimal vor; eines umbenennen</translation>
    </message>
    <message>
        <source>link &quot;{link}&quot;: mode {mode} occurs twice; give each mode one sensitivity</source>
        <translation>Strecke „{link}“: Modus {mode} kommt zweimal vor; jedem Modus eine Empfindlichkeit geben</translation>
    </message>
    <message>
        <source>link &quot;{link}&quot;: a link&apos;s id must not hold a dot; rename it</source>
        <translation>Strecke „{link}“: die Kennung einer Strecke darf keinen Punkt enthalten; sie umbenennen</translation>
    </message>
    <message>
        <source>run &quot;{run_id}&quot;: the turn must begin before it ends</source>
        <translation>Lauf „{run_id}“: die Wende muss beginnen, bevor sie endet</translation>
    </message>
    <message>
        <source>distance from station to far post is {length:.0}; it must lie within {low:.0} to {high:.0}</source>
        <translation>die Entfernung von der Station zum Endpfosten ist {length:.0}; sie muss in {low:.0} bis {high:.0} liegen</translation>
    </message>
    <message>
        <source>{count} {list} are more than the {most} a campaign may have</source>
        <translation>{count} {list} sind mehr als die {most}, die eine Kampagne haben darf</translation>
    </message>
    <message>
        <source>{count} points are more than the {most} a path may have</source>
        <translation>{count} Punkte sind mehr als die {most}, die ein Weg haben darf</translation>
    </message>
    <message>
        <source>{name} is {value:short}; it must lie within {low:short} to {high:short}</source>
        <translation>{name} ist {value:short}; es muss in {low:short} bis {high:short} liegen</translation>
    </message>
    <message>
        <source>start_m must lie {least} or more before farthest_m</source>
        <translation>start_m muss {least} oder mehr vor farthest_m liegen</translation>
    </message>
    <message>
        <source>power steps must be given and above 0 mW</source>
        <translation>Leistungsstufen müssen gegeben und über 0 mW sein</translation>
    </message>
    <message>
        <source>the scenario has no level for setup &quot;{setup}&quot; on link &quot;{link}&quot;</source>
        <translation>das Szenario hat keinen Pegel für Setup „{setup}“ auf der Strecke „{link}“</translation>
    </message>
    <message>
        <source>a scenario has at most {most} flights</source>
        <translation>ein Szenario hat höchstens {most} Flüge</translation>
    </message>
    <message>
        <source>the scenario has physics for link &quot;{link}&quot;, which the campaign does not have</source>
        <translation>das Szenario hat Physik für die Strecke „{link}“, die die Kampagne nicht hat</translation>
    </message>
    <message>
        <source>the flights make {samples:.3g} samples, more than {most:.3g}; sample more rarely, or fly less</source>
        <translation>die Flüge ergeben {samples:.3g} Werte, mehr als {most:.3g}; seltener messen, oder weniger fliegen</translation>
    </message>
    <message>
        <source>{pairs:pairs-more}</source>
        <translation>{pairs:pairs-more}</translation>
    </message>
    <message>
        <source>, from {flights:flights-from} with both aboard</source>
        <translation>, aus {flights:flights-from} mit beiden an Bord</translation>
    </message>
    <message>
        <source>{range} (95 %: {range.span})</source>
        <translation>{range} (95 %: {range.span})</translation>
    </message>
    <message>
        <source>{range} (95 %: {range.span}; beyond what was flown)</source>
        <translation>{range} (95 %: {range.span}; weiter als geflogen wurde)</translation>
    </message>
    <message>
        <source>at least {range}</source>
        <translation>mindestens {range}</translation>
    </message>
    <message>
        <source>at least {range} ({sure:.0} sure)</source>
        <translation>mindestens {range} (zu {sure:.0} sicher)</translation>
    </message>
    <message>
        <source>On the {link} link, from {flights:flights-from}; farthest {farthest}.</source>
        <translation>Auf der Strecke {link}, aus {flights:flights-from}; am weitesten {farthest}.</translation>
    </message>
    <message>
        <source>The {part} rule fails at {level:.1} (sd {sd:.1}, seen in flight).</source>
        <translation>Die Regel für {part} versagt bei {level:.1} (Standardabweichung {sd:.1}, im Flug gesehen).</translation>
    </message>
    <message>
        <source>The {part} rule fails at {level:.1} (from the kit).</source>
        <translation>Die Regel für {part} versagt bei {level:.1} (aus der Ausrüstung).</translation>
    </message>
    <message>
        <source>After {first} the next to fail would be {second}, {later:.1} later.</source>
        <translation>Zuerst versagt {first}, dann {second}, {later:.1} später.</translation>
    </message>
    <message>
        <source>The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, {exponent.low:.2} to {exponent.high:.2}).</source>
        <translation>Das Signal fällt um {slope:.0} je Faktor 10 der Entfernung (Exponent {exponent:.2}, {exponent.low:.2} bis {exponent.high:.2}).</translation>
    </message>
    <message>
        <source>A new flight over another {stretch} stretch differs by {sd:.1} (sd), {flight_sd:.1} of it from flight to flight: {share:.0} of them still hold at the dependable range, half at the typical one.</source>
        <translation>Ein neuer Flug über ein anderes Stück von {stretch} weicht um {sd:.1} ab (Standardabweichung), davon {flight_sd:.1} von Flug zu Flug: {share:.0} davon halten noch bei der verlässlichen Reichweite, die Hälfte bei der typischen.</translation>
    </message>
    <message>
        <source>{run}: {off:+.1} about the mean.</source>
        <translation>{run}: {off:+.1} um den Mittelwert.</translation>
    </message>
    <message>
        <source>{setup}: {difference:.1} weaker on the way back</source>
        <translation>{setup}: {difference:.1} schwächer auf dem Rückweg</translation>
    </message>
    <message>
        <source>{setup}: {difference:.1} stronger on the way back</source>
        <translation>{setup}: {difference:.1} stärker auf dem Rückweg</translation>
    </message>
    <message>
        <source>In the turn the signal changes by {change:+.1} (mean over flights).</source>
        <translation>In der Wende ändert sich das Signal um {change:+.1} (Mittel über die Flüge).</translation>
    </message>
    <message>
        <source>{setup} at {reduction:.0} less power: {reduced}</source>
        <translation>{setup} mit {reduction:.0} weniger Leistung: {reduced}</translation>
    </message>
    <message>
        <source>{name} on the {link} link. At full power that stands for {full} (95 %: {full.span}), if the signal goes on falling alike: {factor:.1} times as far, not the {power:.0} times that the power is.</source>
        <translation>{name} auf der Strecke {link}. Bei voller Leistung steht das für {full} (95 %: {full.span}), wenn das Signal ebenso weiterfällt: {factor:.1}-mal so weit, nicht das {power:.0}-fache, das die Leistung ist.</translation>
    </message>
    <message>
        <source>No flight here tells how the signal falls, so an exponent of {exponent:.1} ± {sd:.1} is assumed.</source>
        <translation>Kein Flug hier zeigt, wie das Signal fällt, daher wird ein Exponent von {exponent:.1} ± {sd:.1} angenommen.</translation>
    </message>
    <message>
        <source>10^({reduction:.1} / (10 n)) = {factor:.2} (95 %: {factor.low:.2} to {factor.high:.2}).</source>
        <translation>10^({reduction:.1} / (10 n)) = {factor:.2} (95 %: {factor.low:.2} bis {factor.high:.2}).</translation>
    </message>
    <message>
        <source>Typical range at reduced power {reduced} (95 %: {reduced.span}), from {flights:flights-from}.</source>
        <translation>Typische Reichweite bei verringerter Leistung {reduced} (95 %: {reduced.span}), aus {flights:flights-from}.</translation>
    </message>
    <message>
        <source>The stretch at {distance} costs everyone {cost:.0}</source>
        <translation>Das Wegstück bei {distance} kostet alle {cost:.0}</translation>
    </message>
    <message>
        <source>On the {link} link, whatever is flown: look there for trees, sheds or a dip, or fly higher.</source>
        <translation>Auf der Strecke {link}, was auch fliegt: dort nach Bäumen, Schuppen oder einer Senke sehen, oder höher fliegen.</translation>
    </message>
    <message>
        <source>Fly the first pair</source>
        <translation>Das erste Paar fliegen</translation>
    </message>
    <message>
        <source>Fly {name}</source>
        <translation>{name} fliegen</translation>
    </message>
    <message>
        <source>Enter the receiver&apos;s sensitivity</source>
        <translation>Die Empfindlichkeit des Empfängers eingeben</translation>
    </message>
    <message>
        <source>Analysing</source>
        <translation>Wird ausgewertet</translation>
    </message>
    <message>
        <source>Run {run} has too little usable signal on the {link} link (it needs three {stretch} stretches beyond {beyond} above the receiver&apos;s floor) and does not count there. Fly farther.</source>
        <translation>Lauf {run} hat auf der Strecke {link} zu wenig brauchbares Signal (es braucht drei Stücke von {stretch} jenseits von {beyond} über dem Boden des Empfängers) und zählt dort nicht. Weiter fliegen.</translation>
    </message>
    <message>
        <source>On the {link} link some flights share no stretch of path with the others and are compared by their ranges only. Fly every setup over the same path.</source>
        <translation>Auf der Strecke {link} haben einige Flüge kein Wegstück mit den anderen gemeinsam und werden nur nach ihren Reichweiten verglichen. Jedes Setup über denselben Weg fliegen.</translation>
    </message>
    <message>
        <source>{setups:setups} were flown on the {link} link: each is compared with the strongest ({strongest}) only. Compare fewer at a time to see them against each other.</source>
        <translation>{setups:setups} wurden auf der Strecke {link} geflogen: jedes wird nur mit dem stärksten ({strongest}) verglichen. Weniger auf einmal vergleichen, um sie gegeneinander zu sehen.</translation>
    </message>
    <message>
        <source>On the {link} link the gap between {a} and {b} changes with distance by {change:+.1} per factor 10: one figure does not describe it. Compare them near the far end.</source>
        <translation>Auf der Strecke {link} ändert sich der Abstand zwischen {a} und {b} mit der Entfernung um {change:+.1} je Faktor 10: eine Zahl beschreibt ihn nicht. Am fernen Ende vergleichen.</translation>
    </message>
    <message>
        <source>{setup} was flown at {reduction:.0} less power on the {link} link, but where it fails then is not known yet. Go on until the link quality falls, or enter the receiver&apos;s sensitivity.</source>
        <translation>{setup} wurde mit {reduction:.0} weniger Leistung auf der Strecke {link} geflogen, aber wo es dann versagt, ist noch nicht bekannt. Weitermachen, bis die Linkqualität fällt, oder die Empfindlichkeit des Empfängers eingeben.</translation>
    </message>
    <message>
        <source>Run {run} does not count on the {link} link: {why}.</source>
        <translation>Lauf {run} zählt auf der Strecke {link} nicht: {why}.</translation>
    </message>
    <message>
        <source>Run {run}: the {link} transmit power changed in flight ({low} to {high}). Its signal is referred to {reference}{unknown}. Better switch automatic power off and fly it again.</source>
        <translation>Lauf {run}: die Sendeleistung auf der Strecke {link} änderte sich im Flug ({low} bis {high}). Sein Signal ist auf {reference} bezogen{unknown}. Besser die automatische Leistung abschalten und erneut fliegen.</translation>
    </message>
    <message>
        <source>; {share:.0} of its rows, whose power is not known, are left out</source>
        <translation>; {share:.0} seiner Zeilen, deren Leistung nicht bekannt ist, sind ausgelassen</translation>
    </message>
    <message>
        <source>Run {run} was flown with {flown} on the {link} link, but the kit says {kit}: its signal is referred to that ({shift:+.1}). If the kit is wrong, correct it.</source>
        <translation>Lauf {run} wurde mit {flown} auf der Strecke {link} geflogen, aber die Ausrüstung sagt {kit}: sein Signal ist darauf bezogen ({shift:+.1}). Ist die Ausrüstung falsch, sie berichtigen.</translation>
    </message>
    <message>
        <source>Run {run}: {why}.</source>
        <translation>Lauf {run}: {why}.</translation>
    </message>
    <message>
        <source>Run {run} was stopped by a limit built into the equipment: its end says nothing about the radio.</source>
        <translation>Lauf {run} wurde von einer ins Gerät eingebauten Grenze beendet: sein Ende sagt nichts über den Funk.</translation>
    </message>
    <message>
        <source>Setup {setup} was flown once: nothing can be said about how repeatable it is. Fly it at least twice more.</source>
        <translation>Setup {setup} wurde einmal geflogen: über seine Wiederholbarkeit lässt sich nichts sagen. Es mindestens noch zweimal fliegen.</translation>
    </message>
    <message>
        <source>All flights of {a} came before or after all of {b}: a drift of the day would look like a difference. Fly them in turns.</source>
        <translation>Alle Flüge von {a} lagen vor oder nach allen von {b}: eine Drift des Tages sähe wie ein Unterschied aus. Abwechselnd fliegen.</translation>
    </message>
    <message>
        <source>Run {run} changed packet rate or mode in flight on the {link} link ({modes}).</source>
        <translation>Lauf {run} wechselte im Flug Paketrate oder Modus auf der Strecke {link} ({modes}).</translation>
    </message>
    <message>
        <source>Enter the sensitivity of each mode in Kit, or fly in one mode: until then its critical level is uncertain.</source>
        <translation>Die Empfindlichkeit jedes Modus unter Ausrüstung eingeben, oder in einem Modus fliegen: bis dahin ist sein kritischer Pegel unsicher.</translation>
    </message>
    <message>
        <source>Its range is told for the most sensitive of them.</source>
        <translation>Seine Reichweite gilt für den empfindlichsten davon.</translation>
    </message>
    <message>
        <source>Flights of {setup} had different {link} transmit powers ({low} and {high}), and the kit does not say which is meant: their levels are not referred to one. Enter the power in Kit.</source>
        <translation>Flüge von {setup} hatten verschiedene Sendeleistungen auf der Strecke {link} ({low} und {high}), und die Ausrüstung sagt nicht, welche gemeint ist: ihre Pegel sind nicht auf eine bezogen. Die Leistung unter Ausrüstung eingeben.</translation>
    </message>
    <message>
        <source>Not all flights used the same packet rate or mode on the {link} link.</source>
        <translation>Nicht alle Flüge nutzten auf der Strecke {link} dieselbe Paketrate oder denselben Modus.</translation>
    </message>
    <message>
        <source>Enter the sensitivity of each in Kit, or fly all in one: a mode changes the range like an antenna does.</source>
        <translation>Die Empfindlichkeit jedes Modus unter Ausrüstung eingeben, oder alle in einem fliegen: ein Modus ändert die Reichweite wie eine Antenne.</translation>
    </message>
    <message>
        <source>Levels are compared as margin above each mode&apos;s sensitivity, so a difference may be the mode&apos;s.</source>
        <translation>Pegel werden als Reserve über der Empfindlichkeit jedes Modus verglichen, ein Unterschied kann also der des Modus sein.</translation>
    </message>
    <message>
        <source>On the {link} link, flights of one setup differ by {sd:.1} (sd): more than a day usually gives. Farthest off is run {run} ({off:+.1}). Look for a loose connector, another antenna direction or automatic power; if you find it, void the run.</source>
        <translation>Auf der Strecke {link} unterscheiden sich Flüge eines Setups um {sd:.1} (Standardabweichung): mehr, als ein Tag sonst ausmacht. Am weitesten daneben liegt Lauf {run} ({off:+.1}). Nach einem losen Stecker, anderer Antennenrichtung oder automatischer Leistung suchen; ist sie gefunden, den Lauf streichen.</translation>
    </message>
    <message>
        <source>Run {run} lies {off:.1} from the other flights of its setup on the {link} link. If you know why, void it with the reason; it counts until then.</source>
        <translation>Lauf {run} liegt {off:.1} neben den anderen Flügen seines Setups auf der Strecke {link}. Ist der Grund bekannt, ihn damit streichen; bis dahin zählt er.</translation>
    </message>
    <message>
        <source>On the {link} link the signal does not fall with distance, so no range can be told from it. Fly farther, or check the signal column.</source>
        <translation>Auf der Strecke {link} fällt das Signal nicht mit der Entfernung, daher lässt sich daraus keine Reichweite nennen. Weiter fliegen, oder die Signalspalte prüfen.</translation>
    </message>
    <message>
        <source>On the {link} link the signal falls with an unusual exponent ({exponent:.1}). Check the distances and the signal column.</source>
        <translation>Auf der Strecke {link} fällt das Signal mit ungewöhnlichem Exponenten ({exponent:.1}). Entfernungen und Signalspalte prüfen.</translation>
    </message>
    <message>
        <source>Beyond about {distance} the ground reflection makes the {link} signal fall faster, and no flight went there: the typical range is likely shorter than the line says.</source>
        <translation>Jenseits von etwa {distance} lässt die Bodenreflexion das Signal der Strecke {link} schneller fallen, und kein Flug kam dorthin: die typische Reichweite ist wahrscheinlich kürzer, als die Linie sagt.</translation>
    </message>
    <message>
        <source>Run {run} is the same flight as run {other}. It is counted once; remove the copy or choose the right log.</source>
        <translation>Lauf {run} ist derselbe Flug wie Lauf {other}. Er zählt einmal; die Kopie entfernen oder das richtige Log wählen.</translation>
    </message>
    <message>
        <source>the same flight as run {other}</source>
        <translation>derselbe Flug wie Lauf {other}</translation>
    </message>
    <message>
        <source>voided: {reason}</source>
        <translation>gestrichen: {reason}</translation>
    </message>
    <message>
        <source>{link} was on {flown:.0}, another band than the campaign&apos;s {campaign:.0}</source>
        <translation>{link} war auf {flown:.0}, einem anderen Band als dem der Kampagne, {campaign:.0}</translation>
    </message>
    <message>
        <source>{share:.0} of it lies more than {aside} beside this campaign&apos;s path: a flight over another path belongs in a campaign of its own</source>
        <translation>{share:.0} davon liegen mehr als {aside} neben dem Weg dieser Kampagne: ein Flug über einen anderen Weg gehört in eine eigene Kampagne</translation>
    </message>
    <message>
        <source>the log has no signal, link quality or bitrate of any link in this campaign</source>
        <translation>das Log hat kein Signal, keine Linkqualität und keine Bitrate einer Strecke dieser Kampagne</translation>
    </message>
    <message>
        <source>{link}: {margin:.0} above the critical level at {distance}; {then}</source>
        <translation>{link}: {margin:.0} über dem kritischen Pegel bei {distance}; {then}</translation>
    </message>
    <message>
        <source>{link}: {margin:.0} below the critical level at {distance}; {then}</source>
        <translation>{link}: {margin:.0} unter dem kritischen Pegel bei {distance}; {then}</translation>
    </message>
    <message>
        <source>{part} is below the rule now: turn back.</source>
        <translation>{part} liegt jetzt unter der Regel: umkehren.</translation>
    </message>
    <message>
        <source>dependable for {dependable}, typical for {typical}.</source>
        <translation>verlässlich {dependable}, typisch {typical}.</translation>
    </message>
    <message>
        <source>past the dependable range, typical for {typical}: turn back.</source>
        <translation>jenseits der verlässlichen Reichweite, typisch {typical}: umkehren.</translation>
    </message>
    <message>
        <source>past the typical range: turn back.</source>
        <translation>jenseits der typischen Reichweite: umkehren.</translation>
    </message>
    <message>
        <source>{distance} more</source>
        <translation>noch {distance}</translation>
    </message>
    <message>
        <source>all the way home</source>
        <translation>bis ganz nach Hause</translation>
    </message>
    <message>
        <source>That lies beyond anything flown: trust it only to there.</source>
        <translation>Das liegt jenseits von allem Geflogenen: nur bis dorthin darauf verlassen.</translation>
    </message>
    <message>
        <source>No earlier flight of this setup counts; told from this one alone.</source>
        <translation>Kein früherer Flug dieses Setups zählt; nur aus diesem gesagt.</translation>
    </message>
    <message>
        <source>cancelled</source>
        <translation>abgebrochen</translation>
    </message>
    <message>
        <source>is not a file; choose a file</source>
        <translation>ist keine Datei; eine Datei wählen</translation>
    </message>
    <message>
        <source>is not a folder; choose the folder that holds campaign.json</source>
        <translation>ist kein Ordner; den Ordner wählen, der campaign.json enthält</translation>
    </message>
    <message>
        <source>is larger than {most} MB; cut it into single flights</source>
        <translation>ist größer als {most} MB; es in einzelne Flüge schneiden</translation>
    </message>
    <message>
        <source>cannot be read: {reason}; {advice}</source>
        <translation>kann nicht gelesen werden: {reason}; {advice}</translation>
    </message>
    <message>
        <source>cannot be written: {reason}; {advice}</source>
        <translation>kann nicht geschrieben werden: {reason}; {advice}</translation>
    </message>
    <message>
        <source>cannot be made: {reason}; choose another place</source>
        <translation>kann nicht angelegt werden: {reason}; einen anderen Ort wählen</translation>
    </message>
    <message>
        <source>is there already; choose another name</source>
        <translation>gibt es schon; einen anderen Namen wählen</translation>
    </message>
    <message>
        <source>is there already; open it, or choose another name</source>
        <translation>gibt es schon; es öffnen, oder einen anderen Namen wählen</translation>
    </message>
    <message>
        <source>is there already and not an empty folder; choose a new one</source>
        <translation>gibt es schon und ist kein leerer Ordner; einen neuen wählen</translation>
    </message>
    <message>
        <source>SHA-256 could not be computed</source>
        <translation>SHA-256 ließ sich nicht berechnen</translation>
    </message>
    <message>
        <source>was written, but the disk does not confirm that it would outlast a power cut; check the disk and save a copy</source>
        <translation>wurde geschrieben, aber die Platte bestätigt nicht, dass es einen Stromausfall überlebte; die Platte prüfen und eine Kopie speichern</translation>
    </message>
    <message>
        <source>the log &quot;{log}&quot; is not inside the folder; put it beside campaign.json</source>
        <translation>das Log „{log}“ liegt nicht im Ordner; es neben campaign.json legen</translation>
    </message>
    <message>
        <source>the keys kept for other versions are damaged; restore a copy of the campaign</source>
        <translation>die für andere Versionen bewahrten Schlüssel sind beschädigt; eine Kopie der Kampagne zurückholen</translation>
    </message>
    <message>
        <source>{where}: {keys} is not known to this version; it is kept but not used</source>
        <translation>{where}: {keys} ist dieser Version nicht bekannt; es wird bewahrt, aber nicht benutzt</translation>
    </message>
    <message>
        <source>is not JSON that can be read; check the brackets, commas, quotes and letters there</source>
        <translation>ist kein lesbares JSON; dort Klammern, Kommas, Anführungszeichen und Buchstaben prüfen</translation>
    </message>
    <message>
        <source>holds something this version cannot read; check it against docs/file-format.md</source>
        <translation>enthält etwas, das diese Version nicht lesen kann; mit docs/file-format.md vergleichen</translation>
    </message>
    <message>
        <source>is nested too deeply, over {most} levels</source>
        <translation>ist zu tief verschachtelt, über {most} Ebenen</translation>
    </message>
    <message>
        <source>is larger than {most} MB</source>
        <translation>ist größer als {most} MB</translation>
    </message>
    <message>
        <source>holds a number too large to be kept; correct it</source>
        <translation>enthält eine Zahl, die zu groß zum Bewahren ist; sie berichtigen</translation>
    </message>
    <message>
        <source>must be a JSON object</source>
        <translation>muss ein JSON-Objekt sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be an object</source>
        <translation>„{key}“ muss ein Objekt sein</translation>
    </message>
    <message>
        <source>{keys}: must be objects by link and by setup</source>
        <translation>{keys}: müssen Objekte nach Strecke und nach Setup sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be a list [ ]</source>
        <translation>„{key}“ muss eine Liste [ ] sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be a text</source>
        <translation>„{key}“ muss ein Text sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; is longer than {most} bytes</source>
        <translation>„{key}“ ist länger als {most} Bytes</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be a number</source>
        <translation>„{key}“ muss eine Zahl sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be true or false</source>
        <translation>„{key}“ muss true oder false sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be a whole number from {low} to {high}</source>
        <translation>„{key}“ muss eine ganze Zahl von {low} bis {high} sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; is &quot;{value}&quot;; it must be one of {known}</source>
        <translation>„{key}“ ist „{value}“; es muss eines sein von {known}</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; is missing</source>
        <translation>„{key}“ fehlt</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; has more than {most} entries</source>
        <translation>„{key}“ hat mehr als {most} Einträge</translation>
    </message>
    <message>
        <source>has &quot;{short_form}&quot; beside &quot;{whole}&quot;; keep one of them</source>
        <translation>hat „{short_form}“ neben „{whole}“; eines davon behalten</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must lie within {low} to {high}</source>
        <translation>„{key}“ muss in {low} bis {high} liegen</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be at least {least}</source>
        <translation>„{key}“ muss mindestens {least} sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; is not a known reason</source>
        <translation>„{key}“ ist kein bekannter Grund</translation>
    </message>
    <message>
        <source>is written in form {form}; this version reads form {known}; update Distanz</source>
        <translation>ist in Form {form} geschrieben; diese Version liest Form {known}; Distanz aktualisieren</translation>
    </message>
    <message>
        <source>was moved or deleted while it was open; save a copy of the campaign</source>
        <translation>wurde verschoben oder gelöscht, während es offen war; eine Kopie der Kampagne speichern</translation>
    </message>
    <message>
        <source>was left half written by a program that was stopped; copy it, with the -journal or -wal file beside it, to a folder of yours and open it there</source>
        <translation>wurde von einem angehaltenen Programm halb geschrieben zurückgelassen; es mit der -journal- oder -wal-Datei daneben in einen eigenen Ordner kopieren und dort öffnen</translation>
    </message>
    <message>
        <source>the disk is full; free some space and try again (nothing was changed)</source>
        <translation>die Platte ist voll; Platz schaffen und erneut versuchen (nichts wurde geändert)</translation>
    </message>
    <message>
        <source>cannot be written: file, folder or disk is read-only; copy the campaign to a folder of yours (nothing was changed)</source>
        <translation>kann nicht geschrieben werden: Datei, Ordner oder Platte ist schreibgeschützt; die Kampagne in einen eigenen Ordner kopieren (nichts wurde geändert)</translation>
    </message>
    <message>
        <source>cannot be opened; check that the folder exists and may be written to</source>
        <translation>kann nicht geöffnet werden; prüfen, ob es den Ordner gibt und in ihn geschrieben werden darf</translation>
    </message>
    <message>
        <source>cannot be opened: no permission; check the file&apos;s permissions</source>
        <translation>kann nicht geöffnet werden: keine Berechtigung; die Rechte der Datei prüfen</translation>
    </message>
    <message>
        <source>is not a Distanz campaign; choose a .distanz file</source>
        <translation>ist keine Distanz-Kampagne; eine .distanz-Datei wählen</translation>
    </message>
    <message>
        <source>is not a file; choose a .distanz file</source>
        <translation>ist keine Datei; eine .distanz-Datei wählen</translation>
    </message>
    <message>
        <source>is damaged or cut short; restore a copy of it</source>
        <translation>ist beschädigt oder abgeschnitten; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>is in use by another program; wait for that to finish, or close it, and try again</source>
        <translation>wird von einem anderen Programm benutzt; warten, bis es fertig ist, oder es schließen, und erneut versuchen</translation>
    </message>
    <message>
        <source>could not be read or written; check the disk and its free space (nothing was changed)</source>
        <translation>konnte nicht gelesen oder geschrieben werden; die Platte und ihren freien Platz prüfen (nichts wurde geändert)</translation>
    </message>
    <message>
        <source>cannot hold a log this large; cut it into single flights</source>
        <translation>kann ein so großes Log nicht aufnehmen; es in einzelne Flüge schneiden</translation>
    </message>
    <message>
        <source>needs more memory than there is; close other programs and try again</source>
        <translation>braucht mehr Speicher, als da ist; andere Programme schließen und erneut versuchen</translation>
    </message>
    <message>
        <source>holds something that takes for ever to read; restore a copy of it</source>
        <translation>enthält etwas, dessen Lesen kein Ende nimmt; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>could not be used ({reason}); restore a copy of it</source>
        <translation>konnte nicht benutzt werden ({reason}); eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>holds something that cannot be read; restore a copy of it</source>
        <translation>enthält etwas Unlesbares; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>could not be used: {reason}; check the disk and the folder</source>
        <translation>konnte nicht benutzt werden: {reason}; Platte und Ordner prüfen</translation>
    </message>
    <message>
        <source>is no longer there; save a copy of the campaign, or put the file back</source>
        <translation>ist nicht mehr da; eine Kopie der Kampagne speichern, oder die Datei zurücklegen</translation>
    </message>
    <message>
        <source>was emptied by another program; save a copy of the campaign</source>
        <translation>wurde von einem anderen Programm geleert; eine Kopie der Kampagne speichern</translation>
    </message>
    <message>
        <source>another file lies in its place now; save a copy of the campaign under another name</source>
        <translation>an seiner Stelle liegt jetzt eine andere Datei; eine Kopie der Kampagne unter anderem Namen speichern</translation>
    </message>
    <message>
        <source>an older copy, or another campaign, was written over it; save a copy of the campaign</source>
        <translation>eine ältere Kopie, oder eine andere Kampagne, wurde darübergeschrieben; eine Kopie der Kampagne speichern</translation>
    </message>
    <message>
        <source>was brought up to date by a newer version of Distanz meanwhile; open it again to look at it</source>
        <translation>wurde inzwischen von einer neueren Version von Distanz auf neuen Stand gebracht; zum Ansehen erneut öffnen</translation>
    </message>
    <message>
        <source>was written by a newer version of Distanz (schema {schema}); it can be looked at but not changed here</source>
        <translation>wurde von einer neueren Version von Distanz geschrieben (Schema {schema}); es lässt sich hier ansehen, aber nicht ändern</translation>
    </message>
    <message>
        <source>was opened for reading only</source>
        <translation>wurde nur zum Lesen geöffnet</translation>
    </message>
    <message>
        <source>file or folder is read-only; copy the campaign to a folder of yours to change it</source>
        <translation>Datei oder Ordner ist schreibgeschützt; zum Ändern die Kampagne in einen eigenen Ordner kopieren</translation>
    </message>
    <message>
        <source>is an SQLite file but not a Distanz campaign; choose a .distanz file</source>
        <translation>ist eine SQLite-Datei, aber keine Distanz-Kampagne; eine .distanz-Datei wählen</translation>
    </message>
    <message>
        <source>has no schema version; restore a copy of it</source>
        <translation>hat keine Schema-Version; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>its tables were changed by hand or are not a campaign&apos;s; restore a copy of it</source>
        <translation>seine Tabellen wurden von Hand geändert oder sind keine einer Kampagne; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>holds more than any campaign; restore a copy of it</source>
        <translation>enthält mehr als jede Kampagne; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>the {kind} in its table is damaged; restore a copy of the campaign</source>
        <translation>{kind} in seiner Tabelle ist beschädigt; eine Kopie der Kampagne zurückholen</translation>
    </message>
    <message>
        <source>is open in a program; close it there, or choose another name</source>
        <translation>ist in einem Programm geöffnet; es dort schließen, oder einen anderen Namen wählen</translation>
    </message>
    <message>
        <source>is damaged and cannot be brought up to date; restore a copy of it</source>
        <translation>ist beschädigt und lässt sich nicht auf neuen Stand bringen; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>no copy of it could be made</source>
        <translation>davon ließ sich keine Kopie anlegen</translation>
    </message>
    <message>
        <source>{what} is damaged; restore a copy of the campaign</source>
        <translation>{what} ist beschädigt; eine Kopie der Kampagne zurückholen</translation>
    </message>
    <message>
        <source>samples could not be compressed</source>
        <translation>Messwerte ließen sich nicht komprimieren</translation>
    </message>
    <message>
        <source>the stored samples are damaged</source>
        <translation>die gespeicherten Messwerte sind beschädigt</translation>
    </message>
    <message>
        <source>the log is damaged</source>
        <translation>das Log ist beschädigt</translation>
    </message>
    <message>
        <source>the log of run {run} is missing from the campaign file; import it again</source>
        <translation>das Log von Lauf {run} fehlt in der Kampagnendatei; es erneut einlesen</translation>
    </message>
    <message>
        <source>the log of run {run} is damaged in the campaign file; import it again</source>
        <translation>das Log von Lauf {run} ist in der Kampagnendatei beschädigt; es erneut einlesen</translation>
    </message>
    <message>
        <source>this log is in the campaign already, as run {run_id}; the same flight must not count twice</source>
        <translation>dieses Log ist schon in der Kampagne, als Lauf {run_id}; derselbe Flug darf nicht zweimal zählen</translation>
    </message>
    <message>
        <source>the history is damaged and this step cannot be taken back</source>
        <translation>die Geschichte ist beschädigt, und dieser Schritt lässt sich nicht zurücknehmen</translation>
    </message>
    <message>
        <source>this step no longer fits the campaign; another program changed the same part since</source>
        <translation>dieser Schritt passt nicht mehr zur Kampagne; ein anderes Programm hat denselben Teil seitdem geändert</translation>
    </message>
    <message>
        <source>another program changed the same part meanwhile; what it made of it is shown now, so look and enter yours again</source>
        <translation>ein anderes Programm hat inzwischen denselben Teil geändert; was es daraus gemacht hat, ist jetzt zu sehen, also hinsehen und das Eigene erneut eingeben</translation>
    </message>
    <message>
        <source>another program changed it meanwhile, and now {fault}</source>
        <translation>ein anderes Programm hat es inzwischen geändert, und jetzt: {fault}</translation>
    </message>
    <message>
        <source>another program removed setup {setup} meanwhile; choose another for {log}</source>
        <translation>ein anderes Programm hat Setup {setup} inzwischen entfernt; für {log} ein anderes wählen</translation>
    </message>
    <message>
        <source>the system gives no random numbers</source>
        <translation>das System gibt keine Zufallszahlen</translation>
    </message>
    <message>
        <source>the demo needs room for temporary files; free some space and try again</source>
        <translation>die Demo braucht Platz für vorübergehende Dateien; Platz schaffen und erneut versuchen</translation>
    </message>
    <message>
        <source>{option}: no such setup in this campaign; add it first</source>
        <translation>{option}: kein solches Setup in dieser Kampagne; es erst hinzufügen</translation>
    </message>
    <message>
        <source>{option}: {why}</source>
        <translation>{option}: {why}</translation>
    </message>
    <message>
        <source>{option}: is no reason for an end; the reasons are: {words}</source>
        <translation>{option}: ist kein Grund für ein Ende; die Gründe sind: {words}</translation>
    </message>
    <message>
        <source>--map {text}: write CHANNEL=COLUMN, e.g. --map rssi_dbm=RSSI</source>
        <translation>--map {text}: CHANNEL=COLUMN schreiben, z. B. --map rssi_dbm=RSSI</translation>
    </message>
    <message>
        <source>&quot;{ending}&quot; is not a format that can be written; end the name in .csv, .gpx, .kml, .geojson or .distanz</source>
        <translation>„{ending}“ ist kein Format, das sich schreiben lässt; den Namen auf .csv, .gpx, .kml, .geojson oder .distanz enden lassen</translation>
    </message>
    <message>
        <source>an interchange folder becomes a campaign file; end its name in .distanz</source>
        <translation>ein Austauschordner wird eine Kampagnendatei; ihren Namen auf .distanz enden lassen</translation>
    </message>
    <message>
        <source>nothing can be advised from it: it needs a signal beyond 80 m on a link whose critical level is known; enter the receiver&apos;s sensitivity, or fly a setup until its quality fails first</source>
        <translation>daraus lässt sich nichts raten: es braucht ein Signal jenseits von 80 m auf einer Strecke, deren kritischer Pegel bekannt ist; die Empfindlichkeit des Empfängers eingeben, oder erst ein Setup fliegen, bis seine Qualität versagt</translation>
    </message>
    <message>
        <source>{what} jumps about: {wrong} of {known} positions cannot be reached at {speed:.0}; leave the position columns out or give a distance column instead</source>
        <translation>{what} springt: {wrong} von {known} Positionen sind mit {speed:.0} nicht erreichbar; die Positionsspalten weglassen oder stattdessen eine Entfernungsspalte geben</translation>
    </message>
    <message>
        <source>{wrong} of {known} positions jump out of reach and are left out</source>
        <translation>{wrong} von {known} Positionen springen außer Reichweite und sind ausgelassen</translation>
    </message>
    <message>
        <source>GNSS never had a fix: all {rows} positions are 0/0 or off the globe; wait for a fix before flying, or give a distance column</source>
        <translation>GNSS hatte nie einen Fix: alle {rows} Positionen sind 0/0 oder nicht auf der Erde; vor dem Flug auf einen Fix warten, oder eine Entfernungsspalte geben</translation>
    </message>
    <message>
        <source>{rows} rows have no GNSS fix (0/0) and are left out</source>
        <translation>{rows} Zeilen haben keinen GNSS-Fix (0/0) und sind ausgelassen</translation>
    </message>
    <message>
        <source>the log holds no position: match a latitude and a longitude, or a distance column</source>
        <translation>das Log enthält keine Position: eine Breite und eine Länge zuordnen, oder eine Entfernungsspalte</translation>
    </message>
    <message>
        <source>the position never changes ({distance:.0} in all {rows} rows): this log does not show a flight along the path; check which columns are position</source>
        <translation>die Position ändert sich nie ({distance:.0} in allen {rows} Zeilen): dieses Log zeigt keinen Flug über den Weg; prüfen, welche Spalten die Position sind</translation>
    </message>
    <message>
        <source>the log holds coordinates, but no path is planned yet: set the station and the far post first</source>
        <translation>das Log enthält Koordinaten, aber noch ist kein Weg geplant: erst Station und Endpfosten setzen</translation>
    </message>
    <message>
        <source>{share:.0} of the flight is more than {aside} beside the path</source>
        <translation>{share:.0} des Flugs liegen mehr als {aside} neben dem Weg</translation>
    </message>
    <message>
        <source>the file is empty; choose the log that the recorder wrote</source>
        <translation>die Datei ist leer; das Log wählen, das der Rekorder schrieb</translation>
    </message>
    <message>
        <source>the file is UTF-16 text; save it as UTF-8 and try again</source>
        <translation>die Datei ist UTF-16-Text; sie als UTF-8 speichern und erneut versuchen</translation>
    </message>
    <message>
        <source>this is a binary file, not a table of text; export the log as CSV and try again</source>
        <translation>das ist eine Binärdatei, keine Texttabelle; das Log als CSV exportieren und erneut versuchen</translation>
    </message>
    <message>
        <source>no row names the columns; add a first line such as time_s,distance_m,rssi_dbm</source>
        <translation>keine Zeile benennt die Spalten; eine erste Zeile wie time_s,distance_m,rssi_dbm hinzufügen</translation>
    </message>
    <message>
        <source>line {line} holds numbers, but no row before it names the columns; add a first line such as time_s,distance_m,rssi_dbm</source>
        <translation>Zeile {line} enthält Zahlen, aber keine Zeile davor benennt die Spalten; eine erste Zeile wie time_s,distance_m,rssi_dbm hinzufügen</translation>
    </message>
    <message>
        <source>line {line} is {megabytes} MB long; this is not a table of samples</source>
        <translation>Zeile {line} ist {megabytes} MB lang; das ist keine Tabelle von Messwerten</translation>
    </message>
    <message>
        <source>a line is {megabytes} MB long; this is not a table of samples</source>
        <translation>eine Zeile ist {megabytes} MB lang; das ist keine Tabelle von Messwerten</translation>
    </message>
    <message>
        <source>the file has column names but no rows; choose the log that the recorder wrote</source>
        <translation>die Datei hat Spaltennamen, aber keine Zeilen; das Log wählen, das der Rekorder schrieb</translation>
    </message>
    <message>
        <source>no line holds a JSON object; check that the right file was chosen</source>
        <translation>keine Zeile enthält ein JSON-Objekt; prüfen, ob die richtige Datei gewählt ist</translation>
    </message>
    <message>
        <source>{channel} was to come from column &quot;{column}&quot;, which this log does not have; its columns are: {columns}</source>
        <translation>{channel} sollte aus Spalte „{column}“ kommen, die dieses Log nicht hat; seine Spalten sind: {columns}</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a channel; the channels are: {channels}</source>
        <translation>„{text}“ ist kein Kanal; die Kanäle sind: {channels}</translation>
    </message>
    <message>
        <source>{rows} rows of {columns} columns are more than the {most} million values a log may have; cut it into single flights</source>
        <translation>{rows} Zeilen mit {columns} Spalten sind mehr als die {most} Millionen Werte, die ein Log haben darf; es in einzelne Flüge schneiden</translation>
    </message>
    <message>
        <source>most rows are blank or far shorter than the columns would have them; check that the right file was chosen</source>
        <translation>die meisten Zeilen sind leer oder weit kürzer, als die Spalten es verlangen; prüfen, ob die richtige Datei gewählt ist</translation>
    </message>
    <message>
        <source>the campaign has no link yet, so signal columns cannot be told apart; add a link in Kit first</source>
        <translation>die Kampagne hat noch keine Strecke, Signalspalten sind daher nicht zu unterscheiden; erst unter Ausrüstung eine Strecke hinzufügen</translation>
    </message>
    <message>
        <source>there is no log</source>
        <translation>es gibt kein Log</translation>
    </message>
    <message>
        <source>no column is recognised as time (the log has: {columns}); match one to time_s by hand</source>
        <translation>keine Spalte ist als Zeit erkannt (das Log hat: {columns}); eine von Hand time_s zuordnen</translation>
    </message>
    <message>
        <source>no column is recognised as signal, link quality or bitrate (the log has: {columns}); match one by hand</source>
        <translation>keine Spalte ist als Signal, Linkqualität oder Bitrate erkannt (das Log hat: {columns}); eine von Hand zuordnen</translation>
    </message>
    <message>
        <source>{channel} is {value} in every row: the recorder did not measure it; match another column to it, or leave it out</source>
        <translation>{channel} ist in jeder Zeile {value}: der Rekorder hat es nicht gemessen; eine andere Spalte zuordnen, oder es weglassen</translation>
    </message>
    <message>
        <source>the columns for signal, link quality and bitrate hold no number; match other columns by hand</source>
        <translation>die Spalten für Signal, Linkqualität und Bitrate enthalten keine Zahl; andere Spalten von Hand zuordnen</translation>
    </message>
    <message>
        <source>nothing measured ever changes: all values of signal, link quality and bitrate are equal; check that the right log was chosen</source>
        <translation>nichts Gemessenes ändert sich je: alle Werte von Signal, Linkqualität und Bitrate sind gleich; prüfen, ob das richtige Log gewählt ist</translation>
    </message>
    <message>
        <source>line {line}: time runs backwards, from {from:.3} to {to:.3} after the first row; cut the file there if it holds two flights, or match another time column</source>
        <translation>Zeile {line}: die Zeit läuft rückwärts, von {from:.3} nach {to:.3} nach der ersten Zeile; die Datei dort teilen, wenn sie zwei Flüge enthält, oder eine andere Zeitspalte zuordnen</translation>
    </message>
    <message>
        <source>no row has a readable time; match another column to time_s by hand</source>
        <translation>keine Zeile hat eine lesbare Zeit; eine andere Spalte von Hand time_s zuordnen</translation>
    </message>
    <message>
        <source>time never advances: every row has the same time; match another column to time_s by hand</source>
        <translation>die Zeit schreitet nie fort: jede Zeile hat dieselbe Zeit; eine andere Spalte von Hand time_s zuordnen</translation>
    </message>
    <message>
        <source>the log holds no GNSS position, so there is no track to write; write CSV instead</source>
        <translation>das Log enthält keine GNSS-Position, daher gibt es keinen Weg zu schreiben; stattdessen CSV schreiben</translation>
    </message>
    <message>
        <source>{rows} rows repeat the row before and are counted once</source>
        <translation>{rows} Zeilen wiederholen die Zeile davor und zählen einmal</translation>
    </message>
    <message>
        <source>the column matched to {channel} holds no number and is left out</source>
        <translation>die {channel} zugeordnete Spalte enthält keine Zahl und ist ausgelassen</translation>
    </message>
    <message>
        <source>{fields} fields hold text where a number belongs and count as blank</source>
        <translation>{fields} Felder enthalten Text, wo eine Zahl hingehört, und zählen als leer</translation>
    </message>
    <message>
        <source>{rows} rows have no readable time and are left out</source>
        <translation>{rows} Zeilen haben keine lesbare Zeit und sind ausgelassen</translation>
    </message>
    <message>
        <source>the clock ticks slower than rows come; rows of one tick are spread evenly over it</source>
        <translation>die Uhr tickt langsamer, als Zeilen kommen; Zeilen eines Ticks sind gleichmäßig darüber verteilt</translation>
    </message>
    <message>
        <source>Describe two setups</source>
        <translation>Zwei Setups beschreiben</translation>
    </message>
    <message>
        <source>Say what differs between them. A comparison changes one thing and holds the rest.</source>
        <translation>Sagen, was sie unterscheidet. Ein Vergleich ändert eines und hält den Rest fest.</translation>
    </message>
    <message>
        <source>Name the setups</source>
        <translation>Die Setups benennen</translation>
    </message>
    <message>
        <source>By what is flown, so that a verdict reads as what it is: &quot;Six-turn helix is better&quot;.</source>
        <translation>Nach dem, was fliegt, damit ein Urteil sich liest als das, was es ist: „Sechs-Gang-Helix ist besser“.</translation>
    </message>
    <message>
        <source>Enter the {link} receiver&apos;s sensitivity</source>
        <translation>Die Empfindlichkeit des Empfängers der Strecke {link} eingeben</translation>
    </message>
    <message>
        <source>Without it, range can only be told once the link was seen failing in flight.</source>
        <translation>Ohne sie lässt sich Reichweite erst nennen, wenn die Strecke im Flug versagend gesehen wurde.</translation>
    </message>
    <message>
        <source>Setup {setup} has no transmit power on the {link} link: nothing is predicted for it.</source>
        <translation>Setup {setup} hat auf der Strecke {link} keine Sendeleistung: dafür wird nichts vorhergesagt.</translation>
    </message>
    <message>
        <source>The kit is described</source>
        <translation>Die Ausrüstung ist beschrieben</translation>
    </message>
    <message>
        <source>Next: set the station and the far post in Plan.</source>
        <translation>Weiter: Station und Endpfosten unter Plan setzen.</translation>
    </message>
    <message>
        <source>Never power a transmitter without its antenna or load. Power and EIRP limits are your country&apos;s: check them; Distanz is no authority.</source>
        <translation>Nie einen Sender ohne Antenne oder Last einschalten. Grenzen für Leistung und EIRP setzt das jeweilige Land: sie prüfen; Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>Set the station</source>
        <translation>Die Station setzen</translation>
    </message>
    <message>
        <source>Where you stand and the ground antenna is. Path and distances are seen from there.</source>
        <translation>Wo gestanden wird und die Bodenantenne ist. Weg und Entfernungen werden von dort gesehen.</translation>
    </message>
    <message>
        <source>Set the far post</source>
        <translation>Den Endpfosten setzen</translation>
    </message>
    <message>
        <source>By its coordinates, or by distance and bearing from the station. Everything after hangs on this path.</source>
        <translation>Nach seinen Koordinaten, oder nach Entfernung und Richtung von der Station. Alles Weitere hängt an diesem Weg.</translation>
    </message>
    <message>
        <source>The path is clear</source>
        <translation>Der Weg ist frei</translation>
    </message>
    <message>
        <source>{share} of the first Fresnel zone is free all the way at {frequency}. Closest at {distance}: the ray has {ray:.1}, {needed:.1} are needed.</source>
        <translation>{share} der ersten Fresnelzone sind bei {frequency} den ganzen Weg frei. Am engsten bei {distance}: der Strahl hat {ray:.1}, nötig sind {needed:.1}.</translation>
    </message>
    <message>
        <source>Too low for the far end</source>
        <translation>Zu niedrig für das ferne Ende</translation>
    </message>
    <message>
        <source>At {distance} from the station the ray has {ray:.1} where {needed:.1} are needed ({share} of the first Fresnel zone). Clear up to {clear_to}. Fly higher or raise the antenna.</source>
        <translation>Bei {distance} von der Station hat der Strahl {ray:.1}, wo {needed:.1} nötig sind ({share} der ersten Fresnelzone). Frei bis {clear_to}. Höher fliegen oder die Antenne heben.</translation>
    </message>
    <message>
        <source>At {distance} from the station the ray has {ray:.1} where {needed:.1} are needed ({share} of the first Fresnel zone). Clear nowhere. Fly higher or raise the antenna.</source>
        <translation>Bei {distance} von der Station hat der Strahl {ray:.1}, wo {needed:.1} nötig sind ({share} der ersten Fresnelzone). Nirgends frei. Höher fliegen oder die Antenne heben.</translation>
    </message>
    <message>
        <source>Use the flown exponent</source>
        <translation>Den erflogenen Exponenten nehmen</translation>
    </message>
    <message>
        <source>The flights so far give {exponent:.2} (95 %: {exponent.low:.2} to {exponent.high:.2}).</source>
        <translation>Die bisherigen Flüge ergeben {exponent:.2} (95 %: {exponent.low:.2} bis {exponent.high:.2}).</translation>
    </message>
    <message>
        <source>Keep sight of the aircraft or an observer where the rules ask for it. Test failsafe and return before any range run; set the return height above obstacles.</source>
        <translation>Das Fluggerät im Blick behalten, oder einen Beobachter, wo die Vorschriften es verlangen. Failsafe und Rückkehr vor jedem Reichweitenflug prüfen; die Rückkehrhöhe über Hindernisse setzen.</translation>
    </message>
    <message>
        <source>Bring in the first logs</source>
        <translation>Die ersten Logs einlesen</translation>
    </message>
    <message>
        <source>One log per run, as a table or as JSON lines. Time, a position or distance, and signal, link quality or bitrate are enough; units are read from the column names.</source>
        <translation>Ein Log je Lauf, als Tabelle oder als JSON-Zeilen. Zeit, eine Position oder Entfernung, und Signal, Linkqualität oder Bitrate genügen; Einheiten werden aus den Spaltennamen gelesen.</translation>
    </message>
    <message>
        <source>Double-click a cell to change it. Way out, turn and way back are cut apart automatically; drag the edges to move them.</source>
        <translation>Ein Doppelklick auf ein Feld ändert es. Hinweg, Wende und Rückweg werden selbsttätig getrennt; die Ränder lassen sich ziehen.</translation>
    </message>
    <message>
        <source>two setups</source>
        <translation>zwei Setups</translation>
    </message>
    <message>
        <source>names of setups</source>
        <translation>Namen der Setups</translation>
    </message>
    <message>
        <source>a station</source>
        <translation>eine Station</translation>
    </message>
    <message>
        <source>a path</source>
        <translation>ein Weg</translation>
    </message>
    <message>
        <source>runs of {setup}</source>
        <translation>Läufe von {setup}</translation>
    </message>
    <message>
        <source>runs</source>
        <translation>Läufe</translation>
    </message>
    <message>
        <source>two setups flown</source>
        <translation>zwei geflogene Setups</translation>
    </message>
    <message>
        <source>{what}</source>
        <translation>{what}</translation>
    </message>
    <message>
        <source>Add setup {setup}</source>
        <translation>Setup {setup} hinzufügen</translation>
    </message>
    <message>
        <source>Add {link} link</source>
        <translation>Strecke {link} hinzufügen</translation>
    </message>
    <message>
        <source>Change {field}</source>
        <translation>{field} ändern</translation>
    </message>
    <message>
        <source>Rename setup {setup}</source>
        <translation>Setup {setup} umbenennen</translation>
    </message>
    <message>
        <source>Describe setup {setup}</source>
        <translation>Setup {setup} beschreiben</translation>
    </message>
    <message>
        <source>Remove the {link} link</source>
        <translation>Strecke {link} entfernen</translation>
    </message>
    <message>
        <source>Remove setup {setup} and its runs</source>
        <translation>Setup {setup} und seine Läufe entfernen</translation>
    </message>
    <message>
        <source>Change sensitivity per mode</source>
        <translation>Empfindlichkeit je Modus ändern</translation>
    </message>
    <message>
        <source>Change power control</source>
        <translation>Leistungsregelung ändern</translation>
    </message>
    <message>
        <source>Split {setup} by leg</source>
        <translation>{setup} nach Wegen teilen</translation>
    </message>
    <message>
        <source>Count both ways</source>
        <translation>Beide Wege zählen</translation>
    </message>
    <message>
        <source>Count the ways out only</source>
        <translation>Nur die Hinwege zählen</translation>
    </message>
    <message>
        <source>Count the ways back only</source>
        <translation>Nur die Rückwege zählen</translation>
    </message>
    <message>
        <source>Move the turn of run {run}</source>
        <translation>Die Wende von Lauf {run} verschieben</translation>
    </message>
    <message>
        <source>Remove run {run}</source>
        <translation>Lauf {run} entfernen</translation>
    </message>
    <message>
        <source>Change {field} of run {run}</source>
        <translation>{field} von Lauf {run} ändern</translation>
    </message>
    <message>
        <source>Void run {run}</source>
        <translation>Lauf {run} streichen</translation>
    </message>
    <message>
        <source>Count run {run} again</source>
        <translation>Lauf {run} wieder zählen</translation>
    </message>
    <message>
        <source>Import {log}</source>
        <translation>{log} einlesen</translation>
    </message>
    <message>
        <source>Import {logs:logs}</source>
        <translation>{logs:logs} einlesen</translation>
    </message>
    <message>
        <source>nothing was entered; type for example {example}</source>
        <translation>nichts wurde eingegeben; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a number; type for example {example}</source>
        <translation>„{text}“ ist keine Zahl; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not understood; type for example {example}</source>
        <translation>„{text}“ ist nicht zu verstehen; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>a bare number is wanted here, not &quot;{text}&quot;; type for example {example}</source>
        <translation>hier ist eine bloße Zahl gefragt, nicht „{text}“; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a unit known here; type for example {example}</source>
        <translation>„{text}“ ist hier keine bekannte Einheit; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>power must be above zero; type for example {example}</source>
        <translation>Leistung muss über null liegen; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>these do not add up; enter one value; type for example {example}</source>
        <translation>diese lassen sich nicht addieren; einen Wert eingeben; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>the number is too large; type for example {example}</source>
        <translation>die Zahl ist zu groß; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>{value:short} is outside {low:short} to {high:short}</source>
        <translation>{value:short} liegt außerhalb von {low:short} bis {high:short}</translation>
    </message>
    <message>
        <source>write the share of full power like 1/30</source>
        <translation>den Anteil an der vollen Leistung wie 1/30 schreiben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot;: write each mode with its sensitivity, like 50: -112 dBm; 150: -107 dBm</source>
        <translation>„{text}“: jeden Modus mit seiner Empfindlichkeit schreiben, wie 50: -112 dBm; 150: -107 dBm</translation>
    </message>
    <message>
        <source>&quot;{text}&quot;: a mode is a number from 0 to {most}</source>
        <translation>„{text}“: ein Modus ist eine Zahl von 0 bis {most}</translation>
    </message>
    <message>
        <source>mode {mode} stands there twice; give each mode one sensitivity</source>
        <translation>Modus {mode} steht zweimal da; jedem Modus eine Empfindlichkeit geben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot;: say which link was reduced, like {link} 20 dB</source>
        <translation>„{text}“: sagen, welche Strecke verringert wurde, wie {link} 20 dB</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is {reduction:.1} below full power; it must lie above 0 and up to {most:.0}</source>
        <translation>„{text}“ liegt {reduction:.1} unter voller Leistung; es muss über 0 und bis {most:.0} liegen</translation>
    </message>
    <message>
        <source>{what} does not hold: this is a fault of the program; please report it</source>
        <translation>{what} gilt nicht: das ist ein Fehler des Programms; bitte melden</translation>
    </message>
    <message>
        <source>run {run}: {fault}</source>
        <translation>Lauf {run}: {fault}</translation>
    </message>
    <message>
        <source>{file}: {fault}</source>
        <translation>{file}: {fault}</translation>
    </message>
    <message>
        <source>Run {run}: {text}.</source>
        <translation>Lauf {run}: {text}.</translation>
    </message>
    <message>
        <source>{link} link: {name} against {worse} {delta:+.1} (95 %: {delta.low:#+.1} to {delta.high:#+.1}).</source>
        <translation>Strecke {link}: {name} gegen {worse} {delta:+.1} (95 %: {delta.low:#+.1} bis {delta.high:#+.1}).</translation>
    </message>
    <message>
        <source>Interference on the {link} link: from {from} to {to} the rule failed in {failed} of {flights} flights though the signal was strong. It is left out of the level, and counts as failing there. Fly at another time, or change channel or band.</source>
        <translation>Störung auf der Strecke {link}: Von {from} bis {to} war die Regel in {failed} von {flights} Flügen verletzt, obwohl das Signal stark war. Für den Pegel zählt das nicht, dort aber als Ausfall. Zu einer anderen Zeit fliegen, oder Kanal oder Band wechseln.</translation>
    </message>
    <message>
        <source>Nobody typed in which order the runs were flown: it is taken from the clocks of the logs. If those are wrong, type the order in Runs.</source>
        <translation>Niemand hat eingegeben, in welcher Reihenfolge geflogen wurde: Sie ist den Uhren der Logs entnommen. Gehen diese falsch, die Reihenfolge unter Läufe eingeben.</translation>
    </message>
    <message>
        <source>The {link} link fails at {from} to {to}</source>
        <translation>Die Strecke {link} fällt von {from} bis {to} aus</translation>
    </message>
    <message>
        <source>It did so in {failed} of {flights} flights (setups {setups}); behind it the link is back. A range that holds all the way ends before it.</source>
        <translation>So in {failed} von {flights} Flügen (Setups {setups}); dahinter ist die Strecke wieder da. Eine Reichweite, die den ganzen Weg hält, endet davor.</translation>
    </message>
    <message>
        <source>With the heights of the plan, the wave reflected by the ground cancels the direct one at {distance}: another height moves this hole.</source>
        <translation>Mit den Höhen des Plans löscht die vom Boden gespiegelte Welle die direkte bei {distance} aus: Eine andere Höhe verschiebt dieses Loch.</translation>
    </message>
    <message>
        <source>Its {link} link goes first.</source>
        <translation>Zuerst geht die Strecke {link}.</translation>
    </message>
    <message>
        <source>Its {link} link never failed in {flights:flights}.</source>
        <translation>Die Strecke {link} versagte nie, in {flights:flights}.</translation>
    </message>
    <message>
        <source>In the same flights over the same places (95 %: {difference.low:#.1} to {difference.high:.1}, {flights:flights}): the airframe shades one way. The range counts both ways. Split the setup by leg to see what each way is worth, or try another mounting.</source>
        <translation>In denselben Flügen über denselben Stellen (95 %: {difference.low:#.1} bis {difference.high:.1}, {flights:flights}): Der Rumpf schattet in einer Richtung ab. Die Reichweite zählt beide Richtungen. Das Setup nach Richtung teilen, um zu sehen, was jede wert ist, oder anders montieren.</translation>
    </message>
    <message>
        <source>{setup}: regained nearer than lost</source>
        <translation>{setup}: näher wiedergefunden als verloren</translation>
    </message>
    <message>
        <source>{name} lost its {link} link at {lost} going out and had it back at {regained} coming home ({flights:flights}, medians).</source>
        <translation>{name} verlor die Strecke {link} hinaus bei {lost} und hatte sie heimwärts bei {regained} wieder ({flights:flights}, Mediane).</translation>
    </message>
    <message>
        <source>The {link} link was {seen}, and its sensitivity is not known, so only how far it held can be told. Enter the receiver&apos;s sensitivity in Kit, or fly until the quality falls.</source>
        <translation>Die Strecke {link} wurde {seen}, und ihre Empfindlichkeit ist nicht bekannt; so lässt sich nur sagen, wie weit sie hielt. Die Empfindlichkeit des Empfängers in Kit eintragen oder fliegen, bis die Qualität fällt.</translation>
    </message>
    <message>
        <source>The {link} link was {seen} (its {part} rule), so its range rests on the {rests_on} alone.</source>
        <translation>Die Strecke {link} wurde {seen} (Regel für {part}); ihre Reichweite beruht allein auf: {rests_on}.</translation>
    </message>
    <message>
        <source>All flights turned at about {distance} with signal in hand on the {link} link: what the radio can do beyond was not flown. How they compare in dB still holds.</source>
        <translation>Alle Flüge kehrten bei etwa {distance} um, mit Signalreserve auf der Strecke {link}: Was der Funk darüber hinaus kann, wurde nicht geflogen. Der Vergleich in dB gilt trotzdem.</translation>
    </message>
    <message>
        <source>Run {run} and run {other} are both called flight &quot;{flight}&quot;, but were not flown at once: they count as two flights. Give each flight a name of its own.</source>
        <translation>Lauf {run} und Lauf {other} heißen beide Flug „{flight}“, wurden aber nicht zugleich geflogen: Sie zählen als zwei Flüge. Jedem Flug einen eigenen Namen geben.</translation>
    </message>
    <message>
        <source>Run {run} and run {other} were recorded at the same time: they count as one flight that carried both.</source>
        <translation>Lauf {run} und Lauf {other} wurden zur selben Zeit aufgezeichnet: Sie zählen als ein Flug, der beide trug.</translation>
    </message>
    <message>
        <source>Likewise {runs}.</source>
        <translation>Ebenso {runs}.</translation>
    </message>
    <message>
        <source>it turned back on the way and came again (first at {at}, {time:.0} after the first row): what was measured while it did does not count</source>
        <translation>er kehrte unterwegs um und kam wieder (zuerst bei {at}, {time:.0} nach der ersten Zeile): Was dabei gemessen wurde, zählt nicht</translation>
    </message>
    <message>
        <source>the log pauses for {lasts:.0} at {at:.0}: nothing is counted as lost there</source>
        <translation>das Log setzt bei {at:.0} für {lasts:.0} aus: Dort zählt nichts als verloren</translation>
    </message>
    <message>
        <source>the log holds {flights} flights; only one counts, {from:.0} to {to:.0}, out to {farthest}; cut the log into single flights to count the others too</source>
        <translation>das Log enthält {flights} Flüge; nur einer zählt, {from:.0} bis {to:.0}, hinaus bis {farthest}; das Log in einzelne Flüge teilen, damit auch die anderen zählen</translation>
    </message>
    <message>
        <source>{channel} goes from 0 to 1 and is taken as a share of 100 %</source>
        <translation>{channel} geht von 0 bis 1 und gilt als Anteil von 100 %</translation>
    </message>
    <message>
        <source>{channel} goes up to {highest}: on a scale of its own, not in %, and is left out; convert the column to %</source>
        <translation>{channel} geht bis {highest}: eine eigene Skala, nicht in %, und bleibt weg; die Spalte in % umrechnen</translation>
    </message>
    <message>
        <source>{channel} has no sign: 85 is taken as -85 dBm</source>
        <translation>{channel} hat kein Vorzeichen: 85 gilt als -85 dBm</translation>
    </message>
    <message>
        <source>{channel} is {value} in every row: the recorder did not measure it, and it is left out; match another column to it, if there is one</source>
        <translation>{channel} ist in jeder Zeile {value}: Der Rekorder hat es nicht gemessen, und es bleibt weg; eine andere Spalte zuordnen, wenn es eine gibt</translation>
    </message>
    <message>
        <source>column {column} may be in mW or in dBm, and is left out; match it to {channel} with its unit, as &quot;{column} [dBm]&quot; or &quot;{column} [mW]&quot;</source>
        <translation>Spalte {column} kann in mW oder in dBm sein und bleibt weg; sie {channel} mit ihrer Einheit zuordnen, als &quot;{column} [dBm]&quot; oder &quot;{column} [mW]&quot;</translation>
    </message>
    <message>
        <source>Judge after {pairs} pairs</source>
        <translation>Nach {pairs} Paaren urteilen</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; may mean a thousand or one: leave the comma out, type for example {example}</source>
        <translation>&quot;{text}&quot; kann tausend oder eins heißen: das Komma weglassen, zum Beispiel {example}</translation>
    </message>
    <message>
        <source>{link} link: {value} stands for nothing heard ({lasts:.0} in all, first at {at:.0}); the signal counts as below what was heard last</source>
        <translation>Strecke {link}: {value} steht für nichts gehört (zusammen {lasts:.0}, zuerst bei {at:.0}); das Signal zählt als schwächer als das zuletzt gehörte</translation>
    </message>
    <message>
        <source>{link} link: the last values repeat for {lasts:.0}, first at {at:.0}: nothing was heard there, and it counts as such</source>
        <translation>Strecke {link}: Die letzten Werte wiederholen sich für {lasts:.0}, zuerst bei {at:.0}: Dort wurde nichts gehört, und so zählt es</translation>
    </message>
    <message>
        <source>{link} link: no values for {lasts:.0}, first at {at:.0}: nothing was heard there, and it counts as such</source>
        <translation>Strecke {link}: keine Werte für {lasts:.0}, zuerst bei {at:.0}: Dort wurde nichts gehört, und so zählt es</translation>
    </message>
    <message>
        <source>{link} link: the log has no rows for {lasts:.0}, first at {at:.0}, where the link was going: nothing was heard there, and it counts as such</source>
        <translation>Strecke {link}: Das Log hat für {lasts:.0} keine Zeilen, zuerst bei {at:.0}, wo die Strecke nachließ: Dort wurde nichts gehört, und so zählt es</translation>
    </message>
    <message>
        <source>The {link} transmitter of setup {setup} chose its power by itself and no log tells which: told is how far {link} carried with it on this path, nothing beyond what was flown, nothing about other ground, and no comparison on {link}.</source>
        <translation>Der Sender der Strecke {link} von Setup {setup} hat seine Leistung selbst gewählt, und kein Log sagt, welche: Gesagt wird, wie weit {link} damit auf diesem Weg getragen hat, nichts über das Geflogene hinaus, nichts über anderes Gelände, und kein Vergleich auf {link}.</translation>
    </message>
    <message>
        <source>the {link} transmitter chooses its power by itself and this log does not tell which, while those of other flights do</source>
        <translation>der Sender der Strecke {link} wählt seine Leistung selbst, und dieses Log sagt im Gegensatz zu anderen nicht, welche</translation>
    </message>
    <message>
        <source>This way was not flown before: its holes are not known.</source>
        <translation>Dieser Weg wurde noch nicht geflogen: Seine Löcher sind nicht bekannt.</translation>
    </message>
    <message>
        <source>the flights need {packets:.3g} packets, more than {most:.3g}; ask for fewer in a sample or a reading, sample more rarely, or fly less</source>
        <translation>die Flüge brauchen {packets:.3g} Pakete, mehr als {most:.3g}; weniger je Wert oder Anzeige verlangen, seltener aufzeichnen oder weniger fliegen</translation>
    </message>
    <message>
        <source>{count} more rows are like it.</source>
        <translation>{count} weitere Zeilen sind ebenso.</translation>
    </message>
    <message>
        <source>a second line with # was passed over; the first one counts</source>
        <translation>eine zweite Zeile mit # wurde übergangen; die erste gilt</translation>
    </message>
    <message>
        <source>the line with # stands behind the numbers; it belongs before them</source>
        <translation>die Zeile mit # steht hinter den Zahlen; sie gehört davor</translation>
    </message>
    <message>
        <source>holds {parameter}, not reflections; export S parameters</source>
        <translation>enthält {parameter}, keine Reflexionen; S-Parameter ausgeben lassen</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is no reference impedance; it must be ohms above 0, one for each port</source>
        <translation>&quot;{text}&quot; ist keine Bezugsimpedanz; es müssen Ohm über 0 sein, je Tor eine</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; in the line with # means nothing here; it holds unit, S, RI, MA or DB, and R with the ohms</source>
        <translation>&quot;{text}&quot; in der Zeile mit # bedeutet hier nichts; dort stehen Einheit, S, RI, MA oder DB und R mit den Ohm</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; cannot be understood there; export the sweep again</source>
        <translation>&quot;{text}&quot; ist dort nicht zu verstehen; die Messkurve neu ausgeben</translation>
    </message>
    <message>
        <source>version &quot;{text}&quot; is not known here; export as version 1 or 2</source>
        <translation>Version &quot;{text}&quot; ist hier nicht bekannt; als Version 1 oder 2 ausgeben</translation>
    </message>
    <message>
        <source>has {ports} ports; one or two can be read, export port 1 alone</source>
        <translation>hat {ports} Tore; lesbar sind eines oder zwei, Tor 1 allein ausgeben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is no number; the row was left out</source>
        <translation>&quot;{text}&quot; ist keine Zahl; die Zeile wurde ausgelassen</translation>
    </message>
    <message>
        <source>the row has {have} numbers where {want} belong; it was left out</source>
        <translation>die Zeile hat {have} Zahlen, wo {want} hingehören; sie wurde ausgelassen</translation>
    </message>
    <message>
        <source>says that it has {said:.12g} frequencies and has {found}: part of it may be missing</source>
        <translation>nennt {said:.12g} Frequenzen und hat {found}: Ein Teil fehlt vielleicht</translation>
    </message>
    <message>
        <source>{rows} rows of noise parameters were passed over</source>
        <translation>{rows} Zeilen mit Rauschparametern wurden übergangen</translation>
    </message>
    <message>
        <source>the row has no frequency and was left out</source>
        <translation>die Zeile hat keine Frequenz und wurde ausgelassen</translation>
    </message>
    <message>
        <source>the row holds a number that nothing measures; it was left out</source>
        <translation>die Zeile enthält eine Zahl, die nichts misst; sie wurde ausgelassen</translation>
    </message>
    <message>
        <source>has more than {most} points; sweep with fewer</source>
        <translation>hat mehr als {most} Punkte; mit weniger messen</translation>
    </message>
    <message>
        <source>holds no row of a sweep; choose the file that the analyser wrote</source>
        <translation>enthält keine Zeile einer Messkurve; die Datei wählen, die der Analysator geschrieben hat</translation>
    </message>
    <message>
        <source>has no column for the frequency; name it, as in &quot;frequency [MHz]&quot;</source>
        <translation>hat keine Spalte für die Frequenz; sie benennen, etwa &quot;frequency [MHz]&quot;</translation>
    </message>
    <message>
        <source>the numbers of &quot;{column}&quot; may be MHz or GHz; write the unit behind the name, as in &quot;frequency [GHz]&quot;</source>
        <translation>die Zahlen von &quot;{column}&quot; können MHz oder GHz sein; die Einheit hinter den Namen schreiben, etwa &quot;frequency [GHz]&quot;</translation>
    </message>
    <message>
        <source>has no column for VSWR, return loss or S11; name it, as in &quot;VSWR&quot;</source>
        <translation>hat keine Spalte für VSWR, Rückflussdämpfung oder S11; sie benennen, etwa &quot;VSWR&quot;</translation>
    </message>
    <message>
        <source>a VSWR below 1 cannot be; the row was left out</source>
        <translation>ein VSWR unter 1 kann nicht sein; die Zeile wurde ausgelassen</translation>
    </message>
    <message>
        <source>the row has no reflection and was left out</source>
        <translation>die Zeile hat keine Reflexion und wurde ausgelassen</translation>
    </message>
    <message>
        <source>the return loss has a minus sign; its size was taken</source>
        <translation>die Rückflussdämpfung hat ein Minuszeichen; ihr Betrag wurde genommen</translation>
    </message>
    <message>
        <source>the frequencies do not rise; they were put in order</source>
        <translation>die Frequenzen steigen nicht an; sie wurden geordnet</translation>
    </message>
    <message>
        <source>{count} points stand at a frequency that was there already; the first of each counts</source>
        <translation>{count} Punkte stehen bei einer Frequenz, die schon da war; der jeweils erste gilt</translation>
    </message>
    <message>
        <source>at {count} points more comes back than was sent, {worst:.2} times at {frequency:.1} at most. An antenna cannot do that: the analyser was not calibrated, or at another cable, or something close by transmits</source>
        <translation>an {count} Punkten kommt mehr zurück, als gesendet wurde, höchstens das {worst:.2}-fache bei {frequency:.1}. Das kann keine Antenne: Der Analysator war nicht oder an einem anderen Kabel kalibriert, oder in der Nähe sendet etwas</translation>
    </message>
    <message>
        <source>{have} readings so far; {want} or more are needed.</source>
        <translation>{have} Ablesungen bisher; nötig sind {want} oder mehr.</translation>
    </message>
    <message>
        <source>Add the file that the analyser wrote: Touchstone (.s1p, .s2p) or a table with frequency and VSWR.</source>
        <translation>Die Datei hinzufügen, die der Analysator geschrieben hat: Touchstone (.s1p, .s2p) oder eine Tabelle mit Frequenz und VSWR.</translation>
    </message>
    <message>
        <source>{frequency:short} was not swept.</source>
        <translation>{frequency:short} wurde nicht gemessen.</translation>
    </message>
    <message>
        <source>No channel of this campaign lies between {low:short} and {high:short}.</source>
        <translation>Kein Kanal dieser Kampagne liegt zwischen {low:short} und {high:short}.</translation>
    </message>
    <message>
        <source>It fits {frequency:short}: VSWR {vswr:.2}, which costs {loss:.2}.</source>
        <translation>Sie passt auf {frequency:short}: VSWR {vswr:.2}, das kostet {loss:.2}.</translation>
    </message>
    <message>
        <source>It does not fit {frequency:short}: VSWR {vswr:.2}, only {share:.0} of the power goes in.</source>
        <translation>Sie passt nicht auf {frequency:short}: VSWR {vswr:.2}, nur {share:.0} der Leistung gehen hinein.</translation>
    </message>
    <message>
        <source>It is best at {frequency:.1} (VSWR {vswr:.2}).</source>
        <translation>Am besten ist sie bei {frequency:.1} (VSWR {vswr:.2}).</translation>
    </message>
    <message>
        <source>Reflection {reflection:.3} of the wave: return loss {return:.1}, mismatch loss {loss:.2}, referred to {ohm:.3g} ohm.</source>
        <translation>Reflexion {reflection:.3} der Welle: Rückflussdämpfung {return:.1}, Fehlanpassungsverlust {loss:.2}, bezogen auf {ohm:.3g} Ohm.</translation>
    </message>
    <message>
        <source>VSWR {limit:.3g} or less from {low:.1} to {high:.1}.</source>
        <translation>VSWR {limit:.3g} oder weniger von {low:.1} bis {high:.1}.</translation>
    </message>
    <message>
        <source>VSWR {limit:.3g} or less from {low:.1} to {high:.1}, and beyond what was swept.</source>
        <translation>VSWR {limit:.3g} oder weniger von {low:.1} bis {high:.1}, und über das Gemessene hinaus.</translation>
    </message>
    <message>
        <source>Nowhere in what was swept is the VSWR {limit:.3g} or less.</source>
        <translation>Im Gemessenen ist das VSWR nirgends {limit:.3g} oder weniger.</translation>
    </message>
    <message>
        <source>At {frequency:short} that costs {loss:.2} more, {range:.1} of the range.</source>
        <translation>Bei {frequency:short} kostet das {loss:.2} mehr, {range:.1} der Reichweite.</translation>
    </message>
    <message>
        <source>At {frequency:short} that wins {loss:.2}, {range:.1} of the range.</source>
        <translation>Bei {frequency:short} bringt das {loss:.2}, {range:.1} der Reichweite.</translation>
    </message>
    <message>
        <source>A hand on the cable changes VSWR {free:.2} to {held:.2} at {frequency:.1}: the cable is part of the antenna. Use a choke, or another antenna.</source>
        <translation>Eine Hand am Kabel macht bei {frequency:.1} aus VSWR {free:.2} {held:.2}: Das Kabel ist Teil der Antenne. Mantelwellensperre oder andere Antenne nehmen.</translation>
    </message>
    <message>
        <source>A hand on the cable changes nothing that matters (VSWR {free:.2} to {held:.2} at {frequency:.1}).</source>
        <translation>Eine Hand am Kabel ändert nichts Nennenswertes (VSWR {free:.2} zu {held:.2} bei {frequency:.1}).</translation>
    </message>
    <message>
        <source>Not so: {what}. Put it right before it flies.</source>
        <translation>Nicht in Ordnung: {what}. Vor dem Flug beheben.</translation>
    </message>
    <message>
        <source>Looked at, no fault found.</source>
        <translation>Angesehen, kein Fehler gefunden.</translation>
    </message>
    <message>
        <source>{count} points have not been looked at yet.</source>
        <translation>{count} Punkte sind noch nicht angesehen.</translation>
    </message>
    <message>
        <source>Enter two claims that can be held against each other: gain and beam width, turns of a helix, band and size.</source>
        <translation>Zwei Angaben eintragen, die sich vergleichen lassen: Gewinn und Öffnungswinkel, Windungen einer Helix, Band und Größe.</translation>
    </message>
    <message>
        <source>What is claimed can all be true ({checks} checks).</source>
        <translation>Die Angaben können alle stimmen ({checks} Prüfungen).</translation>
    </message>
    <message>
        <source>{setting} gives {power:.1} once settled.</source>
        <translation>{setting} gibt eingeschwungen {power:.1}.</translation>
    </message>
    <message>
        <source>{setting} gives {power:.1} once settled, {share:.0} of the nominal {nominal:.1}: {ratio:.0} of the range.</source>
        <translation>{setting} gibt eingeschwungen {power:.1}, {share:.0} der angegebenen {nominal:.1}: {ratio:.0} der Reichweite.</translation>
    </message>
    <message>
        <source>{setting} throttles after {at:.0}: {droop:.1} less, {range:.0} of the range. Cool it, or plan with the lower power.</source>
        <translation>{setting} drosselt nach {at:.0}: {droop:.1} weniger, {range:.0} der Reichweite. Kühlen oder mit der kleineren Leistung planen.</translation>
    </message>
    <message>
        <source>{setting} falls by {droop:.1} as it warms.</source>
        <translation>{setting} fällt beim Warmwerden um {droop:.1}.</translation>
    </message>
    <message>
        <source>{setting} needs {time:.0} to settle and is {gain:.1} weaker before.</source>
        <translation>{setting} braucht {time:.0} bis zum Einschwingen und ist davor {gain:.1} schwächer.</translation>
    </message>
    <message>
        <source>{setting} changes by {slope:.2} with every volt of the supply.</source>
        <translation>{setting} ändert sich mit jedem Volt der Versorgung um {slope:.2}.</translation>
    </message>
    <message>
        <source>{setting} gives {power:.1} before arming: measure armed, that is what flies.</source>
        <translation>{setting} gibt vor dem Scharfschalten {power:.1}: scharf messen, so fliegt es.</translation>
    </message>
    <message>
        <source>The scale does not move over 3 dB yet: step the attenuator through at least three levels, from no signal to full scale.</source>
        <translation>Die Skala bewegt sich noch nicht über 3 dB: das Dämpfungsglied über mindestens drei Pegel schalten, von keinem Signal bis Vollausschlag.</translation>
    </message>
    <message>
        <source>The scale can be read from {low:.0} to {high:.0}, in steps of {step:.1} at most.</source>
        <translation>Die Skala ist von {low:.0} bis {high:.0} ablesbar, in Schritten von höchstens {step:.1}.</translation>
    </message>
    <message>
        <source>At and below {level:.0} it stands still: such readings say no more than that.</source>
        <translation>Bei und unter {level:.0} steht sie still: Solche Werte sagen nicht mehr als das.</translation>
    </message>
    <message>
        <source>At and above {level:.0} it stands still: near home it says nothing.</source>
        <translation>Bei und über {level:.0} steht sie still: Nahe der Station sagt sie nichts.</translation>
    </message>
    <message>
        <source>Less on this scale is more signal.</source>
        <translation>Weniger auf dieser Skala ist mehr Signal.</translation>
    </message>
    <message>
        <source>Enter the level without the attenuator, and the scale becomes dBm; until then it tells differences.</source>
        <translation>Den Pegel ohne Dämpfungsglied eintragen, dann wird die Skala zu dBm; bis dahin sagt sie Unterschiede.</translation>
    </message>
    <message>
        <source>The beam is {width:.0} wide at half power; it points to {peak:.0} of the turntable.</source>
        <translation>Der Strahl ist bei halber Leistung {width:.0} breit; er zeigt auf {peak:.0} des Drehtisches.</translation>
    </message>
    <message>
        <source>Nothing was read behind the antenna: turn it all the way around.</source>
        <translation>Hinter der Antenne wurde nichts abgelesen: ganz herum drehen.</translation>
    </message>
    <message>
        <source>Its gain is {gain:.1}, by the reference antenna.</source>
        <translation>Ihr Gewinn ist {gain:.1}, nach der Bezugsantenne.</translation>
    </message>
    <message>
        <source>The strongest side lobe is {below:.0} below the beam, at {angle:+.0}.</source>
        <translation>Die stärkste Nebenkeule liegt {below:.0} unter dem Strahl, bei {angle:+.0}.</translation>
    </message>
    <message>
        <source>With {spare:.0} to spare it may be turned off over {angle:.0} in all.</source>
        <translation>Mit {spare:.0} Reserve darf sie insgesamt über {angle:.0} verdreht sein.</translation>
    </message>
    <message>
        <source>Left and right differ by {asymmetry:.1}: something reflects, or your body is in the beam. Move, and turn again.</source>
        <translation>Links und rechts unterscheiden sich um {asymmetry:.1}: Etwas reflektiert, oder der Körper ist im Strahl. Den Platz wechseln und noch einmal drehen.</translation>
    </message>
    <message>
        <source>Back at the same angle it read {drift:+.1}: the transmitter or the place changed meanwhile.</source>
        <translation>Zurück beim selben Winkel waren es {drift:+.1}: Sender oder Platz haben sich inzwischen geändert.</translation>
    </message>
    <message>
        <source>{attenuation:.1} at {distance} stand for {stands} (exponent {exponent:.2}); in free space for {free}.</source>
        <translation>{attenuation:.1} bei {distance} stehen für {stands} (Exponent {exponent:.2}); im freien Raum für {free}.</translation>
    </message>
    <message>
        <source>To stand for {wanted} within {space}, fit {attenuation:.1} (exponent {exponent:.2}).</source>
        <translation>Um in {space} für {wanted} zu stehen, {attenuation:.1} einsetzen (Exponent {exponent:.2}).</translation>
    </message>
    <message>
        <source>Enter attenuation and distance, or the range wanted and the space there is.</source>
        <translation>Dämpfung und Entfernung eintragen, oder die gewünschte Reichweite und den Platz, den es gibt.</translation>
    </message>
    <message>
        <source>The searches differ too much, or are too few ({searches}), for a midpoint to trim to: repeat.</source>
        <translation>Die Suchläufe streuen zu sehr oder sind zu wenige ({searches}), um auf ihre Mitte abzugleichen: wiederholen.</translation>
    </message>
    <message>
        <source>The receiver sits {midpoint:.1} off the transmitter ({midpoint.low:.1} to {midpoint.high:.1}): trim by that.</source>
        <translation>Der Empfänger liegt {midpoint:.1} neben dem Sender ({midpoint.low:.1} bis {midpoint.high:.1}): darum abgleichen.</translation>
    </message>
    <message>
        <source>Receiver and transmitter are centred ({midpoint.low:.1} to {midpoint.high:.1}): leave it.</source>
        <translation>Empfänger und Sender sind abgeglichen ({midpoint.low:.1} bis {midpoint.high:.1}): so lassen.</translation>
    </message>
    <message>
        <source>Leave low-power mode before you fly, and tick it off here.</source>
        <translation>Vor dem Flug den Betrieb mit kleiner Leistung verlassen und hier abhaken.</translation>
    </message>
    <message>
        <source>Say of both antennas whether they are linear, right-handed or left-handed.</source>
        <translation>Für beide Antennen angeben, ob sie linear, rechts- oder linksdrehend sind.</translation>
    </message>
    <message>
        <source>The two lose {best:.2} to {worst:.2} by their polarisation, depending on how they are turned: up to {range:.0} of the range.</source>
        <translation>Die beiden verlieren durch ihre Polarisation {best:.2} bis {worst:.2}, je nachdem, wie sie gedreht sind: bis zu {range:.0} der Reichweite.</translation>
    </message>
    <message>
        <source>Turned alike they lose {best:.2}; crossed they hear nothing of each other.</source>
        <translation>Gleich gedreht verlieren sie {best:.2}; gekreuzt hören sie nichts voneinander.</translation>
    </message>
    <message>
        <source>One is of the other hand: without reflections they hear nothing of each other.</source>
        <translation>Eine dreht anders herum: Ohne Reflexionen hören sie nichts voneinander.</translation>
    </message>
    <message>
        <source>Pointed {error:.0} off it loses {loss:.1}, {range:.0} of the range.</source>
        <translation>Um {error:.0} danebengerichtet verliert sie {loss:.1}, {range:.0} der Reichweite.</translation>
    </message>
    <message>
        <source>Add traces: tables with frequency and level.</source>
        <translation>Kurven hinzufügen: Tabellen mit Frequenz und Pegel.</translation>
    </message>
    <message>
        <source>99 % of the power lie within {width:.2}, from {low:.1} to {high:.1}.</source>
        <translation>99 % der Leistung liegen in {width:.2}, von {low:.1} bis {high:.1}.</translation>
    </message>
    <message>
        <source>Armed it is up to {most:+.1} stronger than idle, at {frequency:.1}.</source>
        <translation>Scharf ist es bis zu {most:+.1} stärker als im Leerlauf, bei {frequency:.1}.</translation>
    </message>
    <message>
        <source>In use: {low:.1} to {high:.1}, up to {peak:.0}.</source>
        <translation>Belegt: {low:.1} bis {high:.1}, bis {peak:.0}.</translation>
    </message>
    <message>
        <source>And {count} more.</source>
        <translation>Und {count} weitere.</translation>
    </message>
    <message>
        <source>{emitter} lifts the noise floor by {rise:.1} ({rise.low:.1} to {rise.high:.1}): up to {range:.0} of the range, where noise is what limits.</source>
        <translation>{emitter} hebt das Rauschen um {rise:.1} ({rise.low:.1} bis {rise.high:.1}): bis zu {range:.0} der Reichweite, wo das Rauschen begrenzt.</translation>
    </message>
    <message>
        <source>{emitter} does not lift the noise floor for sure ({rise.low:+.1} to {rise.high:+.1}).</source>
        <translation>{emitter} hebt das Rauschen nicht sicher ({rise.low:+.1} bis {rise.high:+.1}).</translation>
    </message>
    <message>
        <source>{emitter} was read once: switch it on and off again, twice or more.</source>
        <translation>{emitter} wurde einmal abgelesen: noch einmal ein- und ausschalten, zweimal oder öfter.</translation>
    </message>
    <message>
        <source>Read the counters, turn the aircraft through every attitude for a minute, and read them again.</source>
        <translation>Die Zähler ablesen, das Fluggerät eine Minute lang durch alle Lagen drehen und wieder ablesen.</translation>
    </message>
    <message>
        <source>The counters ran backwards: they were reset in between. Read them before and after one check.</source>
        <translation>Die Zähler liefen rückwärts: Sie wurden zwischendurch zurückgesetzt. Vor und nach einer Prüfung ablesen.</translation>
    </message>
    <message>
        <source>Passed. Next: a short flight close by, its log read, then farther.</source>
        <translation>Bestanden. Als Nächstes: ein kurzer Flug in der Nähe, sein Protokoll lesen, dann weiter.</translation>
    </message>
    <message>
        <source>Passed, but look into it first.</source>
        <translation>Bestanden, aber erst nachsehen.</translation>
    </message>
    <message>
        <source>Do not fly.</source>
        <translation>Nicht fliegen.</translation>
    </message>
    <message>
        <source>The outputs were held {holds:.0} times: so many frames in a row were heard by no antenna.</source>
        <translation>Die Ausgänge wurden {holds:.0} Mal gehalten: So viele Rahmen hintereinander hörte keine Antenne.</translation>
    </message>
    <message>
        <source>{frames:.0} frames were lost: no antenna heard them.</source>
        <translation>{frames:.0} Rahmen gingen verloren: Keine Antenne hat sie gehört.</translation>
    </message>
    <message>
        <source>Only {received:.0} of the packets came through.</source>
        <translation>Nur {received:.0} der Pakete kamen an.</translation>
    </message>
    <message>
        <source>Antenna {antenna} fades far more than the best ({fades:.0} times): near carbon that is normal while another hears, but move it if you can.</source>
        <translation>Antenne {antenna} setzt weit öfter aus als die beste ({fades:.0} Mal): Nahe Kohlefaser ist das normal, solange eine andere hört; wenn möglich, versetzen.</translation>
    </message>
    <message>
        <source>The antennas fade more often than the rule allows: look at their place and cables.</source>
        <translation>Die Antennen setzen öfter aus, als die Regel erlaubt: Platz und Kabel ansehen.</translation>
    </message>
    <message>
        <source>Walk each at least twice: one distance says nothing of how much they differ by chance.</source>
        <translation>Jedes mindestens zweimal gehen: Eine Entfernung sagt nichts darüber, wie sehr sie zufällig schwanken.</translation>
    </message>
    <message>
        <source>The change reaches farther: {change:+.0} ({change.low:+.0} to {change.high:+.0}).</source>
        <translation>Die Änderung reicht weiter: {change:+.0} ({change.low:+.0} bis {change.high:+.0}).</translation>
    </message>
    <message>
        <source>The change reaches less far: {change:+.0} ({change.low:+.0} to {change.high:+.0}).</source>
        <translation>Die Änderung reicht weniger weit: {change:+.0} ({change.low:+.0} bis {change.high:+.0}).</translation>
    </message>
    <message>
        <source>Cannot tell yet: {change.low:+.0} to {change.high:+.0}. Walk again.</source>
        <translation>Noch nicht zu sagen: {change.low:+.0} bis {change.high:+.0}. Noch einmal gehen.</translation>
    </message>
    <message>
        <source>{walked} at reduced power stand for {full} at full power (exponent {exponent:.2}).</source>
        <translation>{walked} bei verminderter Leistung stehen für {full} bei voller (Exponent {exponent:.2}).</translation>
    </message>
    <message>
        <source>At most {most} readings can be told apart in every way; make a new record.</source>
        <translation>Höchstens {most} Ablesungen lassen sich auf alle Arten unterscheiden; einen neuen Eintrag anlegen.</translation>
    </message>
    <message>
        <source>{on} on and {off} off cannot come out clear whatever they show; make it {least} of each.</source>
        <translation>{on} an und {off} ab können nie klar ausgehen, was sie auch zeigen; je {least} machen.</translation>
    </message>
    <message>
        <source>About {swaps} of each would show such a difference.</source>
        <translation>Etwa je {swaps} würden einen solchen Unterschied zeigen.</translation>
    </message>
    <message>
        <source>It does something here: {difference:+.1} with it on. So much by chance alone: {chance:.1}.</source>
        <translation>Es bewirkt hier etwas: {difference:+.1}, wenn es dran ist. So viel aus Zufall: {chance:.1}.</translation>
    </message>
    <message>
        <source>It makes it worse here: {difference:+.1} with it on. So much by chance alone: {chance:.1}.</source>
        <translation>Es macht es hier schlechter: {difference:+.1}, wenn es dran ist. So viel aus Zufall: {chance:.1}.</translation>
    </message>
    <message>
        <source>Cannot tell: {difference:+.1} with it on, and as much comes by chance in {chance:.1}.</source>
        <translation>Nicht zu sagen: {difference:+.1}, wenn es dran ist, und so viel kommt in {chance:.1} aus Zufall.</translation>
    </message>
    <message>
        <source>has no column &quot;{column}&quot;; name it so in the first row</source>
        <translation>hat keine Spalte &quot;{column}&quot;; sie in der ersten Zeile so benennen</translation>
    </message>
    <message>
        <source>has more than {most} readings; cut it</source>
        <translation>hat mehr als {most} Ablesungen; kürzen</translation>
    </message>
    <message>
        <source>there is no number under &quot;{column}&quot;; the row was left out</source>
        <translation>unter &quot;{column}&quot; steht keine Zahl; die Zeile wurde ausgelassen</translation>
    </message>
    <message>
        <source>{value:.6g} under &quot;{column}&quot; lies outside {low:.6g} to {high:.6g}; the row was left out</source>
        <translation>{value:.6g} unter &quot;{column}&quot; liegt außerhalb von {low:.6g} bis {high:.6g}; die Zeile wurde ausgelassen</translation>
    </message>
    <message>
        <source>has no column for the level; name it, as in &quot;level [dBm]&quot;</source>
        <translation>hat keine Spalte für den Pegel; sie benennen, etwa &quot;level [dBm]&quot;</translation>
    </message>
    <message>
        <source>&quot;{kind}&quot; is nothing that is measured here; it is one of {kinds}</source>
        <translation>&quot;{kind}&quot; wird hier nicht gemessen; es gibt {kinds}</translation>
    </message>
    <message>
        <source>choose one of {words}</source>
        <translation>eines von {words} wählen</translation>
    </message>
    <message>
        <source>write KEY=VALUE with one of {names}</source>
        <translation>KEY=VALUE schreiben, mit einem von {names}</translation>
    </message>
    <message>
        <source>Add {record} to the bench</source>
        <translation>{record} zur Werkbank hinzufügen</translation>
    </message>
    <message>
        <source>Change {record}</source>
        <translation>{record} ändern</translation>
    </message>
    <message>
        <source>Remove {record} from the bench</source>
        <translation>{record} von der Werkbank entfernen</translation>
    </message>
    <message>
        <source>Take over what {record} measured</source>
        <translation>Übernehmen, was {record} gemessen hat</translation>
    </message>
    <message>
        <source>Nothing measured on the bench yet</source>
        <translation>Noch nichts auf der Werkbank gemessen</translation>
    </message>
    <message>
        <source>The resonance moved from {was:.1} ({from}) to {is:.1} ({to}).</source>
        <translation>Die Resonanz ging von {was:.1} ({from}) nach {is:.1} ({to}).</translation>
    </message>
    <message>
        <source>the line with {keyword} comes before {first}; the file was put together wrongly, export it again</source>
        <translation>die Zeile mit {keyword} steht vor {first}; die Datei ist falsch zusammengesetzt, bitte neu ausgeben</translation>
    </message>
    <message>
        <source>the keyword {keyword} is not known and was passed over</source>
        <translation>das Schlüsselwort {keyword} ist nicht bekannt und wurde übergangen</translation>
    </message>
    <message>
        <source>a frequency cannot be {text}; the row was left out</source>
        <translation>{text} kann keine Frequenz sein; die Zeile wurde ausgelassen</translation>
    </message>
    <message>
        <source>Cannot all be true: {what}. Claimed {claimed:.1}; what is known gives {implied.low:.1} to {implied.high:.1}.</source>
        <translation>Kann nicht alles stimmen: {what}. Behauptet {claimed:.1}; das Bekannte ergibt {implied.low:.1} bis {implied.high:.1}.</translation>
    </message>
    <message>
        <source>It says whether the part does anything at this place, and nothing about range. Decide before you begin how many swaps to make: who stops when it looks good finds something in parts that do nothing.</source>
        <translation>Es sagt, ob das Teil an diesem Platz etwas bewirkt, und nichts über die Reichweite. Vor dem Beginn festlegen, wie oft getauscht wird: Wer aufhört, wenn es gut aussieht, findet etwas an Teilen, die nichts bewirken.</translation>
    </message>
    <message>
        <source>Only fades were counted: whether frames were lost or outputs held is not known, and that decides.</source>
        <translation>Nur Aussetzer wurden gezählt: Ob Rahmen verloren gingen oder Ausgänge gehalten wurden, ist nicht bekannt, und das entscheidet.</translation>
    </message>
    <message>
        <source>Nothing was read before: the counters are taken to have stood at zero.</source>
        <translation>Vorher wurde nichts abgelesen: Die Zähler gelten als auf null gestellt.</translation>
    </message>
    <message>
        <source>the row carries none of {labels}; it was left out</source>
        <translation>die Zeile trägt keines von {labels}; sie wurde ausgelassen</translation>
    </message>
    <message>
        <source>is larger than {most} MB; no sweep, trace or picture of a bench needs as much</source>
        <translation>ist größer als {most} MB; keine Messkurve und kein Bild einer Werkbank braucht so viel</translation>
    </message>
    <message>
        <source>Such a gain asks for a beam of {width:.0}.</source>
        <translation>Ein solcher Gewinn verlangt einen Strahl von {width:.0}.</translation>
    </message>
    <message>
        <source>Such a gain asks for {turns:.1} turns.</source>
        <translation>Ein solcher Gewinn verlangt {turns:.1} Windungen.</translation>
    </message>
    <message>
        <source>Armed and idle are alike, but for noise.</source>
        <translation>Scharf und im Leerlauf ist es gleich, bis auf Rauschen.</translation>
    </message>
    <message>
        <source>a file of {record} is not in the campaign file; restore a copy</source>
        <translation>eine Datei von {record} ist nicht in der Kampagnendatei; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>a file of {record} is damaged; restore a copy</source>
        <translation>eine Datei von {record} ist beschädigt; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>Enter what sends aboard and at the station, or give a setup its transmit powers.</source>
        <translation>Eingeben, was an Bord und an der Station sendet, oder einem Aufbau seine Sendeleistungen geben.</translation>
    </message>
    <message>
        <source>{count} more products are too strong.</source>
        <translation>{count} weitere Produkte sind zu stark.</translation>
    </message>
    <message>
        <source>Of {count} products that fall into bands that are listened to, none is too strong.</source>
        <translation>Von {count} Produkten in abgehörten Bändern ist keines zu stark.</translation>
    </message>
    <message>
        <source>Channel {channel} is hit by a product.</source>
        <translation>Der Kanal {channel} wird von einem Produkt getroffen.</translation>
    </message>
    <message>
        <source>Channel {channel} is free of products.</source>
        <translation>Der Kanal {channel} ist frei von Produkten.</translation>
    </message>
    <message>
        <source>{name}, {value}</source>
        <translation>{name}, {value}</translation>
    </message>
    <message>
        <source>points to {azimuth}, {elevation} up</source>
        <translation>zeigt nach {azimuth}, {elevation} aufwärts</translation>
    </message>
    <message>
        <source>Setups {setups} let the {link} transmitter choose its power: it rises as the signal falls and hides what is compared. Fix it, or log it.</source>
        <translation>Die Aufbauten {setups} lassen den Sender der Verbindung {link} seine Leistung wählen: Sie steigt, wenn das Signal fällt, und verdeckt, was verglichen wird. Fest einstellen oder mitschreiben.</translation>
    </message>
    <message>
        <source>Setups {setups} let the {link} link choose its band or channel: two flights may then differ by the channel alone. Fix it.</source>
        <translation>Die Aufbauten {setups} lassen die Verbindung {link} Band oder Kanal wählen: Zwei Flüge können sich dann allein durch den Kanal unterscheiden. Fest einstellen.</translation>
    </message>
    <message>
        <source>Setups {setups} let the {link} link choose its packet rate: a slower rate hears further, so the rate is compared instead of the setup. Fix it, or enter the sensitivity of each rate.</source>
        <translation>Die Aufbauten {setups} lassen die Verbindung {link} ihre Paketrate wählen: Eine langsamere Rate hört weiter, verglichen wird dann die Rate. Fest einstellen oder die Empfindlichkeit jeder Rate eingeben.</translation>
    </message>
    <message>
        <source>Setups {setups} point the {link} ground antenna by hand: the hand&apos;s error falls on a narrow beam harder than on a wide one. Fix its direction along the path.</source>
        <translation>Die Aufbauten {setups} richten die Bodenantenne der Verbindung {link} von Hand aus: Der Fehler der Hand trifft einen schmalen Strahl härter als einen breiten. Die Richtung entlang der Strecke festlegen.</translation>
    </message>
    <message>
        <source>Setups {setup} and {other} differ on the {link} link in {count} things: {what:list}. Whatever wins, it will not be known which of them did it.</source>
        <translation>Die Aufbauten {setup} und {other} unterscheiden sich auf der Verbindung {link} in {count} Dingen: {what:list}. Was auch gewinnt, man weiß nicht, woran es lag.</translation>
    </message>
    <message>
        <source>Setups {setup} and {other} are described alike. Say what differs, or compare a setup against itself to see the scatter.</source>
        <translation>Die Aufbauten {setup} und {other} sind gleich beschrieben. Den Unterschied angeben, oder einen Aufbau mit sich selbst vergleichen, um die Streuung zu sehen.</translation>
    </message>
    <message>
        <source>From {from} on, the path lies in the main beam; at worst it is {worst} below the peak.</source>
        <translation>Ab {from} liegt die Strecke im Hauptstrahl; schlechtestenfalls {worst} unter der Spitze.</translation>
    </message>
    <message>
        <source>The path ends outside the main beam, {worst} below its peak at worst. Point it at the far post, or take a wider antenna.</source>
        <translation>Die Strecke endet außerhalb des Hauptstrahls, schlechtestenfalls {worst} unter der Spitze. Auf den Endpfosten richten oder eine breitere Antenne nehmen.</translation>
    </message>
    <message>
        <source>Straight above the station it is {above} below its peak, behind it {behind}.</source>
        <translation>Senkrecht über der Station liegt sie {above} unter ihrer Spitze, dahinter {behind}.</translation>
    </message>
    <message>
        <source>Out to {to} the path lies in its blind cone, {below} and more below the peak: do not judge a setup there.</source>
        <translation>Bis {to} liegt die Strecke in ihrem blinden Kegel, {below} und mehr unter der Spitze: dort keinen Aufbau beurteilen.</translation>
    </message>
    <message>
        <source>Level flight has the null of this antenna {side}. Turn it upright.</source>
        <translation>Im Geradeausflug liegt die Nullstelle dieser Antenne {side}. Aufrecht stellen.</translation>
    </message>
    <message>
        <source>The airframe hides what is {side}.</source>
        <translation>Das Fluggerät verdeckt, was {side} ist.</translation>
    </message>
    <message>
        <source>Carbon, battery or shell hide what is {side}; expect fades there.</source>
        <translation>Kohlefaser, Akku oder Gehäuse verdecken, was {side} ist; dort ist mit Einbrüchen zu rechnen.</translation>
    </message>
    <message>
        <source>On the way out the station is behind: the airframe lies in between.</source>
        <translation>Auf dem Hinweg liegt die Station hinten: Das Fluggerät ist dazwischen.</translation>
    </message>
    <message>
        <source>On the way back the station is ahead: the airframe lies in between.</source>
        <translation>Auf dem Rückweg liegt die Station vorn: Das Fluggerät ist dazwischen.</translation>
    </message>
    <message>
        <source>Inside a carbon shell an antenna hardly radiates. Bring it out.</source>
        <translation>In einem Gehäuse aus Kohlefaser strahlt eine Antenne kaum. Nach außen führen.</translation>
    </message>
    <message>
        <source>Carbon close by detunes and shades. Keep a quarter of a wave away, and sweep it where it sits.</source>
        <translation>Kohlefaser in der Nähe verstimmt und verdeckt. Eine Viertelwellenlänge Abstand halten und am Einbauort messen.</translation>
    </message>
    <message>
        <source>The battery shades like metal. Keep the antenna on another side.</source>
        <translation>Der Akku verdeckt wie Metall. Die Antenne auf eine andere Seite setzen.</translation>
    </message>
    <message>
        <source>A cover shifts the resonance down: sweep it bare and covered on the Bench.</source>
        <translation>Eine Abdeckung verschiebt die Resonanz nach unten: auf dem Messplatz nackt und bedeckt messen.</translation>
    </message>
    <message>
        <source>Bent arms fill the nulls and lose some gain broadside.</source>
        <translation>Geknickte Arme füllen die Nullstellen und verlieren quer etwas Gewinn.</translation>
    </message>
    <message>
        <source>Change {what}</source>
        <translation>{what} ändern</translation>
    </message>
    <message>
        <source>Change the mounting</source>
        <translation>Den Einbau ändern</translation>
    </message>
    <message>
        <source>Put another part into setup {setup}</source>
        <translation>Ein anderes Teil in den Aufbau {setup} setzen</translation>
    </message>
    <message>
        <source>Add {part}</source>
        <translation>{part} hinzufügen</translation>
    </message>
    <message>
        <source>Remove {part}</source>
        <translation>{part} entfernen</translation>
    </message>
    <message>
        <source>Take over {count} parts</source>
        <translation>{count} Teile übernehmen</translation>
    </message>
    <message>
        <source>Add photos of {part}</source>
        <translation>Fotos von {part} hinzufügen</translation>
    </message>
    <message>
        <source>Remove a photo of {part}</source>
        <translation>Ein Foto von {part} entfernen</translation>
    </message>
    <message>
        <source>{added} parts came in, {renewed} that were here already were brought up to date.</source>
        <translation>{added} Teile kamen hinzu, {renewed} schon vorhandene wurden auf den neuesten Stand gebracht.</translation>
    </message>
    <message>
        <source>is no picture that can be shown; save it as PNG or JPEG</source>
        <translation>ist kein Bild, das gezeigt werden kann; als PNG oder JPEG speichern</translation>
    </message>
    <message>
        <source>The {link} link radiates {eirp:.1} EIRP. Enter what is allowed at the place under Links: Distanz is no authority.</source>
        <translation>Die Verbindung {link} strahlt {eirp:.1} EIRP ab. Unter Verbindungen eingeben, was am Ort erlaubt ist: Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>The {link} link radiates {eirp:.1} EIRP, {over} more than the {limit} that you entered for the place. Take less power or gain.</source>
        <translation>Die Verbindung {link} strahlt {eirp:.1} EIRP ab, {over} mehr als die {limit}, die für den Ort eingegeben sind. Weniger Leistung oder Gewinn nehmen.</translation>
    </message>
    <message>
        <source>The {link} link radiates {eirp:.1} EIRP, within the {limit} that you entered.</source>
        <translation>Die Verbindung {link} strahlt {eirp:.1} EIRP ab, innerhalb der eingegebenen {limit}.</translation>
    </message>
    <message>
        <source>The {change} gained are what raising {power} to {other} would have done, without heat or current.</source>
        <translation>Die gewonnenen {change} entsprechen einer Erhöhung von {power} auf {other}, ohne Wärme und Strom.</translation>
    </message>
    <message>
        <source>To make up for the {change} lost, {power} would have to become {other}.</source>
        <translation>Um die verlorenen {change} auszugleichen, müssten aus {power} {other} werden.</translation>
    </message>
    <message>
        <source>&quot;{address}&quot; is no place to listen to; type host:port, or a serial line as /dev/ttyUSB0</source>
        <translation>„{address}“ ist kein Ort zum Zuhören; host:port eingeben, oder eine serielle Leitung wie /dev/ttyUSB0</translation>
    </message>
    <message>
        <source>nothing can be heard from {address} ({reason}); look whether the instrument is on and its cable in</source>
        <translation>von {address} ist nichts zu hören ({reason}); nachsehen, ob das Gerät an ist und das Kabel steckt</translation>
    </message>
    <message>
        <source>what {address} sends has no lines of text; look at its settings</source>
        <translation>was {address} sendet, hat keine Textzeilen; seine Einstellungen prüfen</translation>
    </message>
    <message>
        <source>there is no instrument &quot;{kind}&quot; with a fault &quot;{fault}&quot;; see distanz-standin list</source>
        <translation>es gibt kein Gerät „{kind}“ mit einem Fehler „{fault}“; siehe distanz-standin list</translation>
    </message>
    <message>
        <source>cannot serve on {place}: {reason}</source>
        <translation>kann auf {place} nicht senden: {reason}</translation>
    </message>
    <message>
        <source>{gain} is far less than any such antenna has: its hand is the wrong one, or it is broken. Turn it against an antenna of the other hand.</source>
        <translation>{gain} ist weit weniger, als eine solche Antenne hat: Ihr Drehsinn ist falsch, oder sie ist defekt. Gegen eine Antenne des anderen Drehsinns drehen.</translation>
    </message>
    <message>
        <source>Add {count} readings to {record}</source>
        <translation>{count} Ablesungen zu {record} hinzufügen</translation>
    </message>
    <message>
        <source>The walk predicted {predicted.span} at full power; flown were {flown}, {share:.0} of its middle.</source>
        <translation>Der Gang hat bei voller Leistung {predicted.span} vorhergesagt; geflogen wurden {flown}, {share:.0} der Mitte.</translation>
    </message>
    <message>
        <source>The latest ground check, {record}, ended with: do not fly. Find out why, and repeat it before the range flight.</source>
        <translation>Die letzte Bodenprüfung, {record}, endete mit: nicht fliegen. Den Grund finden und sie vor dem Reichweitenflug wiederholen.</translation>
    </message>
    <message>
        <source>The {link} link&apos;s levels were made of its receiver&apos;s own scale by record {record}.</source>
        <translation>Die Pegel der Verbindung {link} stammen aus der Skala ihres Empfängers, nach Eintrag {record}.</translation>
    </message>
    <message>
        <source>The log tells the {link} link&apos;s signal on the receiver&apos;s own scale only. Calibrate it on the Bench (signal calibration, with the level of its source), and levels follow.</source>
        <translation>Das Log nennt das Signal der Verbindung {link} nur auf der Skala des Empfängers. Auf dem Messplatz kalibrieren (mit dem Pegel der Quelle), dann folgen Pegel.</translation>
    </message>
    <message>
        <source>How: {method}.</source>
        <translation>Wie: {method}.</translation>
    </message>
    <message>
        <source>{what}: {value:short}</source>
        <translation>{what}: {value:short}</translation>
    </message>
    <message>
        <source>{count} readings</source>
        <translation>{count} Ablesungen</translation>
    </message>
    <message>
        <source>{file}</source>
        <translation>{file}</translation>
    </message>
    <message>
        <source>Metres and percent of range are told with a path-loss exponent of {exponent:.1}.</source>
        <translation>Meter und Prozent der Reichweite gelten für einen Ausbreitungsexponenten von {exponent:.1}.</translation>
    </message>
    <message>
        <source>It is said to be {claimed}, and the part is {is}: one of both is wrong.</source>
        <translation>Sie soll {claimed} sein, das Teil ist {is}: eines davon ist falsch.</translation>
    </message>
    <message>
        <source>{part} was looked at, and is not in order: {faults:list}. Mend it before it flies.</source>
        <translation>{part} wurde angesehen und ist nicht in Ordnung: {faults:list}. Vor dem Flug beheben.</translation>
    </message>
    <message>
        <source>{channel} holds positive numbers that are no dBm: the receiver&apos;s own scale, of which no range can be told before it is calibrated on the Bench; or match a column in dBm to the signal</source>
        <translation>{channel} enthält positive Zahlen, die keine dBm sind: die eigene Skala des Empfängers, aus der keine Reichweite folgt, bevor sie auf dem Messplatz kalibriert ist; oder dem Signal eine Spalte in dBm zuordnen</translation>
    </message>
    <message>
        <source>No end of a beam is to be seen: turn it further to both sides, until the level has fallen by half.</source>
        <translation>Kein Ende eines Strahls ist zu sehen: nach beiden Seiten weiter drehen, bis der Pegel auf die Hälfte gefallen ist.</translation>
    </message>
    <message>
        <source>more than {emitters} emitters or {bands} bands cannot be combined; enter those that matter</source>
        <translation>mehr als {emitters} Sender oder {bands} Bänder lassen sich nicht kombinieren; die wichtigen eingeben</translation>
    </message>
    <message>
        <source>A receiver states {receiver} for the {link} link, which itself states {stated}: ranges are told by the link&apos;s.</source>
        <translation>Ein Empfänger nennt {receiver} für die Verbindung {link}, die selbst {stated} nennt: Reichweiten folgen der Verbindung.</translation>
    </message>
    <message>
        <source>{level:.1} arrive at the far post ({distance}): {margin:.1} more than the link needs.</source>
        <translation>{level:.1} kommen am fernen Pfosten an ({distance}): {margin:.1} mehr, als der Link braucht.</translation>
    </message>
    <message>
        <source>{level:.1} arrive at the far post ({distance}): {short:.1} less than the link needs.</source>
        <translation>{level:.1} kommen am fernen Pfosten an ({distance}): {short:.1} weniger, als der Link braucht.</translation>
    </message>
    <message>
        <source>{level:.1} arrive at the far post ({distance}). Enter the sensitivity of the link, and its margin is told.</source>
        <translation>{level:.1} kommen am fernen Pfosten an ({distance}). Mit der Empfindlichkeit des Links wird auch die Reserve genannt.</translation>
    </message>
    <message>
        <source>transmitter: {power:.1}</source>
        <translation>Sender: {power:.1}</translation>
    </message>
    <message>
        <source>{what}: {change:+.1}</source>
        <translation>{what}: {change:+.1}</translation>
    </message>
    <message>
        <source>{what}: nothing said, taken as 0 dB</source>
        <translation>{what}: nichts angegeben, als 0 dB genommen</translation>
    </message>
    <message>
        <source>path loss: free space at {frequency:short} to 1 m, beyond it exponent {exponent:.2}, to {distance}</source>
        <translation>Streckendämpfung: Freiraum bei {frequency:short} bis 1 m, dahinter Exponent {exponent:.2}, bis {distance}</translation>
    </message>
    <message>
        <source>needed: {level:.1} (sensitivity and margin)</source>
        <translation>nötig: {level:.1} (Empfindlichkeit und Reserve)</translation>
    </message>
    <message>
        <source>Drawn from physics: {what}, at most {gain:.1} without losses.</source>
        <translation>Aus der Physik gezeichnet: {what}, höchstens {gain:.1} ohne Verluste.</translation>
    </message>
    <message>
        <source>Drawn as it was measured on the turntable, {record}.</source>
        <translation>Gezeichnet, wie auf dem Drehteller gemessen, {record}.</translation>
    </message>
    <message>
        <source>{what}: {value:short} ({origin})</source>
        <translation>{what}: {value:short} ({origin})</translation>
    </message>
    <message>
        <source>How: {source}.</source>
        <translation>Wie: {source}.</translation>
    </message>
    <message>
        <source>The path lies {near:.1} to {far:.1} from the axis, seen from {mast:.1} above the station.</source>
        <translation>Die Strecke liegt {near:.1} bis {far:.1} neben der Achse, gesehen aus {mast:.1} über der Station.</translation>
    </message>
    <message>
        <source>The kit is described and the path is laid. Next: see in Plan how far each setup should reach.</source>
        <translation>Die Ausrüstung ist beschrieben, die Strecke liegt. Als Nächstes: im Plan sehen, wie weit jeder Aufbau reichen sollte.</translation>
    </message>
    <message>
        <source>{pairs} flights of each setup tell a difference of {difference:.0} of range ({delta:.1}) with a chance of {chance:chance}.</source>
        <translation>{pairs} Flüge je Aufbau zeigen einen Unterschied von {difference:.0} der Reichweite ({delta:.1}) mit einer Wahrscheinlichkeit von {chance:chance}.</translation>
    </message>
    <message>
        <source>{pairs} flights of each setup tell a difference of {difference:.0} of range ({delta:.1}) only with a chance of {chance:chance}. {needed} would tell it four times in five.</source>
        <translation>{pairs} Flüge je Aufbau zeigen einen Unterschied von {difference:.0} der Reichweite ({delta:.1}) nur mit einer Wahrscheinlichkeit von {chance:chance}. {needed} würden ihn viermal von fünf zeigen.</translation>
    </message>
    <message>
        <source>{pairs} flights of each setup tell a difference of {difference:.0} of range ({delta:.1}) only with a chance of {chance:chance}, and more than anybody flies would not be enough. Fly both receivers at once, or look for a larger difference.</source>
        <translation>{pairs} Flüge je Aufbau zeigen einen Unterschied von {difference:.0} der Reichweite ({delta:.1}) nur mit einer Wahrscheinlichkeit von {chance:chance}, und mehr, als jemand fliegt, würden nicht reichen. Beide Empfänger zugleich fliegen oder einen größeren Unterschied suchen.</translation>
    </message>
    <message>
        <source>Both listening to the same flights, {pairs} flights would tell it with a chance of {chance:chance}.</source>
        <translation>Hören beide bei denselben Flügen, würden {pairs} Flüge ihn mit einer Wahrscheinlichkeit von {chance:chance} zeigen.</translation>
    </message>
    <message>
        <source>Flights of one setup scatter by {sd:.1} (sd): {source}.</source>
        <translation>Flüge eines Aufbaus streuen um {sd:.1} (Standardabweichung): {source}.</translation>
    </message>
    <message>
        <source>{setups} setups compared with one another at the planned number, as the verdict does; range falls with exponent {exponent:.2}.</source>
        <translation>{setups} Aufbauten, miteinander verglichen bei der geplanten Zahl, wie das Urteil es tut; die Reichweite fällt mit Exponent {exponent:.2}.</translation>
    </message>
    <message>
        <source>To see every setup fail on the {link} link, fly to {to}. A setup that turns before {least} may be told only as &quot;at least&quot;.</source>
        <translation>Um jeden Aufbau auf dem {link}-Link versagen zu sehen, bis {to} fliegen. Ein Aufbau, der vor {least} umkehrt, kann womöglich nur als „mindestens“ gelten.</translation>
    </message>
    <message>
        <source>The best setup is predicted to fail on the {link} link only at {to}, beyond the far post ({far}): its range would be told as &quot;at least&quot;. Reduce the power, or lay a longer path.</source>
        <translation>Der beste Aufbau versagt auf dem {link}-Link laut Vorhersage erst bei {to}, hinter dem fernen Pfosten ({far}): seine Reichweite würde als „mindestens“ gelten. Leistung verringern oder eine längere Strecke legen.</translation>
    </message>
    <message>
        <source>{runs} flights from {begin:clock} to {end:clock}.</source>
        <translation>{runs} Flüge von {begin:clock} bis {end:clock}.</translation>
    </message>
    <message>
        <source>Every planned flight is flown.</source>
        <translation>Alle geplanten Flüge sind geflogen.</translation>
    </message>
    <message>
        <source>{left} flights do not fit before {end:clock}. Fly them another day, whole blocks at a time.</source>
        <translation>{left} Flüge passen nicht vor {end:clock}. An einem anderen Tag fliegen, immer ganze Blöcke.</translation>
    </message>
    <message>
        <source>{batteries} batteries do not last for {runs} flights: charge in between, and let a fresh battery favour no setup.</source>
        <translation>{batteries} Akkus reichen nicht für {runs} Flüge: dazwischen laden, und ein frischer Akku soll keinen Aufbau bevorzugen.</translation>
    </message>
    <message>
        <source>Enter the airspeed, and the day gets its clock times.</source>
        <translation>Mit der Fluggeschwindigkeit bekommt der Tag seine Uhrzeiten.</translation>
    </message>
    <message>
        <source>The battery carries {setup} to the far post and back: {used:.0} of {usable:.0}.</source>
        <translation>Der Akku trägt {setup} zum fernen Pfosten und zurück: {used:.0} von {usable:.0}.</translation>
    </message>
    <message>
        <source>Reserve and take-off leave {setup} nothing of its battery to fly with.</source>
        <translation>Reserve und Start lassen {setup} vom Akku nichts zum Fliegen.</translation>
    </message>
    <message>
        <source>Enter airspeed, consumption and battery, and the farthest turn is told.</source>
        <translation>Mit Geschwindigkeit, Verbrauch und Akku wird die weiteste Umkehr genannt.</translation>
    </message>
    <message>
        <source>{use:.3g} mAh a kilometre of still air at {airspeed}; wind {wind} from {from:.0}; charge counts by time.</source>
        <translation>{use:.3g} mAh je Kilometer ruhender Luft bei {airspeed}; Wind {wind} aus {from:.0}; Ladung zählt nach Zeit.</translation>
    </message>
    <message>
        <source>Do not fly</source>
        <translation>Nicht fliegen</translation>
    </message>
    <message>
        <source>Do not fly: against {wind} from {from:.0} the aircraft ({airspeed}) does not come back.</source>
        <translation>Nicht fliegen: gegen {wind} aus {from:.0} kommt das Fluggerät ({airspeed}) nicht zurück.</translation>
    </message>
    <message>
        <source>Against {wind} from {from:.0} the aircraft ({airspeed}) does not get out along the path.</source>
        <translation>Gegen {wind} aus {from:.0} kommt das Fluggerät ({airspeed}) auf der Strecke nicht hinaus.</translation>
    </message>
    <message>
        <source>The wind carries it out, and the way back takes {longer:.0} longer, at no more than {back} over the ground. Turn early on the first flight.</source>
        <translation>Der Wind trägt es hinaus, und der Rückweg dauert {longer:.0} länger, mit höchstens {back} über Grund. Beim ersten Flug früh umkehren.</translation>
    </message>
    <message>
        <source>Out against the wind, the way back takes {shorter:.0} less time: the safe way round.</source>
        <translation>Hinaus gegen den Wind dauert der Rückweg {shorter:.0} kürzer: so herum ist es sicher.</translation>
    </message>
    <message>
        <source>The path runs out to {far}, {limit} is allowed. Instead of flying it: the reduced-power walk, an attenuator, less power on a shorter path, or the simulator.</source>
        <translation>Die Strecke reicht bis {far}, {limit} ist erlaubt. Statt sie zu fliegen: der Gang mit verringerter Leistung, ein Dämpfungsglied, weniger Leistung auf kürzerer Strecke oder der Simulator.</translation>
    </message>
    <message>
        <source>An attenuator of {attenuator:.0} brings a range of {range} down to {limit}.</source>
        <translation>Ein Dämpfungsglied von {attenuator:.0} bringt eine Reichweite von {range} auf {limit}.</translation>
    </message>
    <message>
        <source>The path is {high} high, {limit} is allowed.</source>
        <translation>Die Strecke ist {high} hoch, {limit} ist erlaubt.</translation>
    </message>
    <message>
        <source>Beyond {sight} you do not see it, and the path runs out to {far}. Turn there, or have an observer where the rules allow it.</source>
        <translation>Jenseits von {sight} ist es nicht zu sehen, und die Strecke reicht bis {far}. Dort umkehren oder, wo die Regeln es erlauben, einen Beobachter haben.</translation>
    </message>
    <message>
        <source>Distance, height and sight are within what you entered. Distanz is no authority.</source>
        <translation>Entfernung, Höhe und Sicht halten ein, was eingetragen ist. Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>Enter what is allowed here: distance, height, and how far you see the aircraft.</source>
        <translation>Eintragen, was hier erlaubt ist: Entfernung, Höhe, und wie weit das Fluggerät zu sehen ist.</translation>
    </message>
    <message>
        <source>{open} of {of} points of the pre-flight list are open.</source>
        <translation>{open} von {of} Punkten der Liste vor dem Flug sind offen.</translation>
    </message>
    <message>
        <source>All {of} points of the pre-flight list are ticked.</source>
        <translation>Alle {of} Punkte der Liste vor dem Flug sind abgehakt.</translation>
    </message>
    <message>
        <source>tick the pre-flight list</source>
        <translation>Liste vor dem Flug abhaken</translation>
    </message>
    <message>
        <source>clear the pre-flight list</source>
        <translation>Liste vor dem Flug leeren</translation>
    </message>
    <message>
        <source>change the plan of the flights</source>
        <translation>Plan der Flüge ändern</translation>
    </message>
    <message>
        <source>No people, roads or controlled airspace under the path; other aircraft have the way.</source>
        <translation>Keine Menschen, Straßen oder kontrollierter Luftraum unter der Strecke; andere Luftfahrzeuge haben Vorrang.</translation>
    </message>
    <message>
        <source>Failsafe tested: transmitter off, the aircraft does what it should.</source>
        <translation>Failsafe geprüft: Sender aus, das Fluggerät tut, was es soll.</translation>
    </message>
    <message>
        <source>Return height set above every obstacle, and not below the {height:.0} of the path.</source>
        <translation>Rückkehrhöhe über jedes Hindernis gesetzt und nicht unter die {height:.0} der Strecke.</translation>
    </message>
    <message>
        <source>Switched off and on again: power, packet rate and band are still those of the plan.</source>
        <translation>Aus- und wieder eingeschaltet: Leistung, Paketrate und Band sind noch die des Plans.</translation>
    </message>
    <message>
        <source>The {link} transmitter keeps its power: automatic power is off.</source>
        <translation>Der {link}-Sender hält seine Leistung: automatische Leistung ist aus.</translation>
    </message>
    <message>
        <source>The {link} link keeps its packet rate, the same for every setup.</source>
        <translation>Der {link}-Link hält seine Paketrate, für jeden Aufbau dieselbe.</translation>
    </message>
    <message>
        <source>The {link} link stays on {frequency:short}.</source>
        <translation>Der {link}-Link bleibt auf {frequency:short}.</translation>
    </message>
    <message>
        <source>Low-power and range-check modes are left, and power was read after arming.</source>
        <translation>Stromspar- und Reichweitentest-Betrieb sind verlassen, und die Leistung wurde nach dem Scharfschalten abgelesen.</translation>
    </message>
    <message>
        <source>Every antenna and every chain of the receiver is switched on and fitted.</source>
        <translation>Jede Antenne und jeder Zweig des Empfängers ist eingeschaltet und angeschlossen.</translation>
    </message>
    <message>
        <source>Connectors straight and tight; no transmitter is powered without its antenna.</source>
        <translation>Stecker gerade und fest; kein Sender läuft ohne seine Antenne.</translation>
    </message>
    <message>
        <source>Compass away from power leads and calibrated; heading agrees with the path.</source>
        <translation>Kompass fern von Stromleitungen und kalibriert; die Richtung stimmt mit der Strecke überein.</translation>
    </message>
    <message>
        <source>Satellites steady and home position set at the station.</source>
        <translation>Satelliten stabil, und die Heimatposition ist an der Station gesetzt.</translation>
    </message>
    <message>
        <source>Batteries of one type, full, undamaged, and the alarm set to the reserve.</source>
        <translation>Akkus einer Sorte, voll, unbeschädigt, der Alarm auf die Reserve gestellt.</translation>
    </message>
    <message>
        <source>Logging is on, with room left, and its clock is right.</source>
        <translation>Die Aufzeichnung läuft, hat Platz, und ihre Uhr stimmt.</translation>
    </message>
    <message>
        <source>The {link} ground antenna stands fixed, pointed along {bearing:.0}, nobody before it.</source>
        <translation>Die {link}-Bodenantenne steht fest, gerichtet auf {bearing:.0}, niemand davor.</translation>
    </message>
    <message>
        <source>The {link} tracker knows its place, its height and its north, and follows by hand.</source>
        <translation>Der {link}-Nachführer kennt Ort, Höhe und Norden und folgt von Hand.</translation>
    </message>
    <message>
        <source>An observer stands where the aircraft is beyond {sight}.</source>
        <translation>Ein Beobachter steht dort, wo das Fluggerät jenseits von {sight} ist.</translation>
    </message>
    <message>
        <source>Setup {setup} has flown close by, and that log was read.</source>
        <translation>Aufbau {setup} ist in der Nähe geflogen, und diese Aufzeichnung wurde gelesen.</translation>
    </message>
    <message>
        <source>Setup {setup} has passed its ground check.</source>
        <translation>Aufbau {setup} hat die Bodenprüfung bestanden.</translation>
    </message>
    <message>
        <source>What would help {setup} most on its {link} link: {what:list}.</source>
        <translation>Was {setup} auf dem {link}-Link am meisten hülfe: {what:list}.</translation>
    </message>
    <message>
        <source>{what} (+{more}, {share:.0})</source>
        <translation>{what} (+{more}, {share:.0})</translation>
    </message>
    <message>
        <source>{what}: {caution}</source>
        <translation>{what}: {caution}</translation>
    </message>
    <message>
        <source>Enter where the wind comes from. Until then it is counted against the way home.</source>
        <translation>Eintragen, woher der Wind kommt. Bis dahin zählt er gegen den Heimweg.</translation>
    </message>
    <message>
        <source>{stale} of {of} points were ticked on another day. Clear the list, and go through it again.</source>
        <translation>{stale} von {of} Punkten wurden an einem anderen Tag abgehakt. Liste leeren und neu durchgehen.</translation>
    </message>
    <message>
        <source>The {link} tracker must turn {rate:.0}° a second at most, look up to {azimuth:.0} aside and {elevation:.0} up.</source>
        <translation>Der {link}-Nachführer muss höchstens {rate:.0}° je Sekunde drehen, bis {azimuth:.0} zur Seite und {elevation:.0} hinauf schauen.</translation>
    </message>
    <message>
        <source>From {from} on the {link} tracker aims within its beam ({half:.0} to either side); nearer, errors of home and height throw it off.</source>
        <translation>Ab {from} zielt der {link}-Nachführer innerhalb seiner Keule ({half:.0} zu jeder Seite); näher werfen ihn Fehler von Ort und Höhe hinaus.</translation>
    </message>
    <message>
        <source>The {link} tracker errs by {error:.0} even far out, more than its beam is wide to either side ({half:.0}). Level its stand, and calibrate its compass.</source>
        <translation>Der {link}-Nachführer irrt selbst weit draußen um {error:.0}, mehr, als seine Keule zu jeder Seite breit ist ({half:.0}). Stand ausrichten und Kompass kalibrieren.</translation>
    </message>
    <message>
        <source>Assumed errors: home {home}, height {height}, compass {compass:.0}, stand {level:.0}; flown at {speed}.</source>
        <translation>Angenommene Fehler: Ort {home}, Höhe {height}, Kompass {compass:.0}, Stand {level:.0}; geflogen mit {speed}.</translation>
    </message>
    <message>
        <source>of it {what}: {change:+.1}</source>
        <translation>davon {what}: {change:+.1}</translation>
    </message>
    <message>
        <source>The path runs into the ground</source>
        <translation>Der Weg führt in den Boden</translation>
    </message>
    <message>
        <source>At {at} the ground, with what stands on it, is {above} higher than the planned flight. Fly higher, or around it.</source>
        <translation>Bei {at} liegt der Boden mit dem, was darauf steht, {above} höher als der geplante Flug. Höher fliegen oder außen herum.</translation>
    </message>
    <message>
        <source>Low over what stands there</source>
        <translation>Knapp über dem, was da steht</translation>
    </message>
    <message>
        <source>At {at} only {above} lie between the planned flight and what is under it.</source>
        <translation>Bei {at} liegen nur {above} zwischen dem geplanten Flug und dem, was darunter ist.</translation>
    </message>
    <message>
        <source>{height} above the station&apos;s ground clear 60 % of the first Fresnel zone on every link, all the way; what decides stands at {at}. The rule of {percent:.0} of the distance would ask for {share} at the far post.</source>
        <translation>{height} über dem Boden der Station halten 60 % der ersten Fresnelzone auf jeder Verbindung frei, den ganzen Weg; was entscheidet, steht bei {at}. Die Regel von {percent:.0} der Entfernung verlangte am fernen Posten {share}.</translation>
    </message>
    <message>
        <source>Fly at {height}</source>
        <translation>In {height} fliegen</translation>
    </message>
    <message>
        <source>Only from {height} above the station&apos;s ground on is 60 % of the first Fresnel zone free on every link, all the way; what decides stands at {at}. The rule of {percent:.0} of the distance would ask for {share} at the far post.</source>
        <translation>Erst ab {height} über dem Boden der Station sind 60 % der ersten Fresnelzone auf jeder Verbindung frei, den ganzen Weg; was entscheidet, steht bei {at}. Die Regel von {percent:.0} der Entfernung verlangte am fernen Posten {share}.</translation>
    </message>
    <message>
        <source>No height clears the path</source>
        <translation>Keine Höhe macht den Weg frei</translation>
    </message>
    <message>
        <source>Something near the station stands in the first Fresnel zone however high the aircraft flies. Raise the mast, or move the station.</source>
        <translation>Nahe der Station steht etwas in der ersten Fresnelzone, wie hoch auch geflogen wird. Mast erhöhen oder Station versetzen.</translation>
    </message>
    <message>
        <source>The terrain is of another place</source>
        <translation>Das Gelände ist von anderswo</translation>
    </message>
    <message>
        <source>No raster knows the ground at the station; {layer} lies elsewhere. Add the one of this place, or check the station&apos;s coordinates.</source>
        <translation>Kein Raster kennt den Boden an der Station; {layer} liegt anderswo. Das dieses Ortes hinzufügen oder die Koordinaten der Station prüfen.</translation>
    </message>
    <message>
        <source>Terrain is known to {known} only</source>
        <translation>Gelände ist nur bis {known} bekannt</translation>
    </message>
    <message>
        <source>Beyond it the prediction goes on as over flat ground. Add the raster beside it.</source>
        <translation>Dahinter geht die Vorhersage wie über ebenem Boden weiter. Das Raster daneben hinzufügen.</translation>
    </message>
    <message>
        <source>The raster has holes: {share:.1} of a line over this path was bridged straight across. A hill in a hole is not seen.</source>
        <translation>Das Raster hat Löcher: {share:.1} einer Linie über diesem Weg wurden gerade überbrückt. Ein Hügel in einem Loch wird nicht gesehen.</translation>
    </message>
    <message>
        <source>Entered as {typed} above sea level, the station&apos;s ground lies at {raster} in the raster. Check the coordinates, or clear the entry.</source>
        <translation>Mit {typed} über dem Meer eingegeben, liegt der Boden der Station im Raster bei {raster}. Koordinaten prüfen oder den Eintrag löschen.</translation>
    </message>
    <message>
        <source>These heights look like feet</source>
        <translation>Diese Höhen sehen nach Fuß aus</translation>
    </message>
    <message>
        <source>The station&apos;s ground is entered as {typed} above sea level, the raster says {raster}: 3.28 times as much. Say so in the list of layers.</source>
        <translation>Der Boden der Station ist mit {typed} über dem Meer eingegeben, das Raster sagt {raster}: das 3,28-fache. In der Liste der Ebenen angeben.</translation>
    </message>
    <message>
        <source>The ground is known but does not count in the prediction: choose how under &quot;What stands in the way&quot;.</source>
        <translation>Der Boden ist bekannt, zählt aber nicht in der Vorhersage: unter „Was im Weg steht“ wählen, wie.</translation>
    </message>
    <message>
        <source>Keep out of {what}</source>
        <translation>Nicht in {what}</translation>
    </message>
    <message>
        <source>The path meets it at {at}. Lay the path around it.</source>
        <translation>Der Weg trifft bei {at} darauf. Den Weg außen herum legen.</translation>
    </message>
    <message>
        <source>The path crosses {what} at {at}. Do not fly over traffic or people: lay it beside, or keep watch there.</source>
        <translation>Der Weg kreuzt {what} bei {at}. Nicht über Verkehr oder Menschen fliegen: daneben legen oder dort Wache halten.</translation>
    </message>
    <message>
        <source>The path crosses itself, first on the leg that begins at {at}: distances along it are then not told by the place alone.</source>
        <translation>Der Weg kreuzt sich selbst, zuerst auf dem Stück ab {at}: Entfernungen auf ihm sind dann nicht am Ort allein zu erkennen.</translation>
    </message>
    <message>
        <source>Latitude and longitude look swapped</source>
        <translation>Breite und Länge sehen vertauscht aus</translation>
    </message>
    <message>
        <source>Some of the path lies far away as it is, and near the station the other way round. Latitude comes first.</source>
        <translation>Ein Teil des Weges liegt so weit weg und andersherum nahe der Station. Die Breite kommt zuerst.</translation>
    </message>
    <message>
        <source>{layer} is left out: {why}</source>
        <translation>{layer} fehlt: {why}</translation>
    </message>
    <message>
        <source>{file} is no raster of heights that can be read, or is cut short ({reason}); bring a GeoTIFF, HGT, DTED or ASCII grid</source>
        <translation>{file} ist kein lesbares Höhenraster oder abgeschnitten ({reason}); ein GeoTIFF, HGT, DTED oder ASCII-Raster bringen</translation>
    </message>
    <message>
        <source>{file} does not say where on earth it lies; export it with its reference system, or put its .prj file beside it</source>
        <translation>{file} sagt nicht, wo auf der Erde es liegt; mit Bezugssystem exportieren oder die .prj-Datei daneben legen</translation>
    </message>
    <message>
        <source>{file} holds no heights: it is a picture, or holes only</source>
        <translation>{file} enthält keine Höhen: Es ist ein Bild oder nur Löcher</translation>
    </message>
    <message>
        <source>{file} names no reference system; its numbers were taken as degrees of WGS 84.</source>
        <translation>{file} nennt kein Bezugssystem; seine Zahlen wurden als Grad von WGS 84 genommen.</translation>
    </message>
    <message>
        <source>{file} was in feet and is kept in metres.</source>
        <translation>{file} war in Fuß und wird in Metern behalten.</translation>
    </message>
    <message>
        <source>{file} was resampled from its own reference system.</source>
        <translation>{file} wurde aus seinem eigenen Bezugssystem umgerechnet.</translation>
    </message>
    <message>
        <source>Of {file} only the part around the station was taken: all of it would be too large.</source>
        <translation>Von {file} wurde nur der Teil um die Station genommen: Alles wäre zu groß.</translation>
    </message>
    <message>
        <source>Of {file} only every {every}th cell was taken: all of it would be too large.</source>
        <translation>Von {file} wurde nur jede {every}. Zelle genommen: Alles wäre zu groß.</translation>
    </message>
    <message>
        <source>{file} is no map that can be read ({reason}); bring GeoJSON, KML, GPX or a GeoPackage</source>
        <translation>{file} ist keine lesbare Karte ({reason}); GeoJSON, KML, GPX oder ein GeoPackage bringen</translation>
    </message>
    <message>
        <source>{file} lies at no place on earth: latitudes beyond 90 degrees, or a reference system that is not known</source>
        <translation>{file} liegt nirgends auf der Erde: Breiten über 90 Grad oder ein unbekanntes Bezugssystem</translation>
    </message>
    <message>
        <source>{file} holds no points, lines or areas</source>
        <translation>{file} enthält keine Punkte, Linien oder Flächen</translation>
    </message>
    <message>
        <source>Add {layer}</source>
        <translation>{layer} hinzufügen</translation>
    </message>
    <message>
        <source>Change {layer}</source>
        <translation>{layer} ändern</translation>
    </message>
    <message>
        <source>Remove {layer}</source>
        <translation>{layer} entfernen</translation>
    </message>
    <message>
        <source>Move a point of the path</source>
        <translation>Einen Punkt des Weges verschieben</translation>
    </message>
    <message>
        <source>Add a point to the path</source>
        <translation>Dem Weg einen Punkt hinzufügen</translation>
    </message>
    <message>
        <source>Remove a point of the path</source>
        <translation>Einen Punkt des Weges entfernen</translation>
    </message>
    <message>
        <source>Lay the path anew</source>
        <translation>Den Weg neu legen</translation>
    </message>
    <message>
        <source>Plan {path}</source>
        <translation>{path} planen</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is no position; type latitude and longitude, 46.91, 20.96 or 46°54.6&apos;N 20°57.6&apos;E, or UTM, 34T 497000 5195000</source>
        <translation>„{text}“ ist keine Position; Breite und Länge eingeben, 46.91, 20.96 oder 46°54.6&apos;N 20°57.6&apos;E, oder UTM, 34T 497000 5195000</translation>
    </message>
    <message>
        <source>There is no path to write yet: set the station and lay the path</source>
        <translation>Noch gibt es keinen Weg zu schreiben: Station setzen und den Weg legen</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is no number; the file was changed by hand or is damaged</source>
        <translation>„{text}“ ist keine Zahl; die Datei wurde von Hand geändert oder ist beschädigt</translation>
    </message>
    <message>
        <source>line {line} cannot be read: what, name, latitude, longitude, height and facts are wanted</source>
        <translation>Zeile {line} ist nicht lesbar: gebraucht werden what, name, Breite, Länge, Höhe und facts</translation>
    </message>
    <message>
        <source>{file} holds no line that could be the path, and no plan of Distanz</source>
        <translation>{file} enthält keine Linie, die der Weg sein könnte, und keinen Plan von Distanz</translation>
    </message>
    <message>
        <source>The track does not leave the station: it has no positions, or all of them lie in one place</source>
        <translation>Die Spur verlässt die Station nicht: Sie hat keine Positionen, oder alle liegen an einem Ort</translation>
    </message>
    <message>
        <source>The file gives no heights: {height} above the station&apos;s ground were kept.</source>
        <translation>Die Datei nennt keine Höhen: {height} über dem Boden der Station wurden beibehalten.</translation>
    </message>
    <message>
        <source>The file&apos;s heights are above sea level, and the height of the station&apos;s ground is not known: {height} above it were kept.</source>
        <translation>Die Höhen der Datei zählen vom Meer, und die Höhe des Bodens der Station ist nicht bekannt: {height} darüber wurden beibehalten.</translation>
    </message>
    <message>
        <source>Runs flew this path: it stays; choose another one to be planned</source>
        <translation>Flüge haben diesen Weg geflogen: Er bleibt; einen anderen wählen, der geplant wird</translation>
    </message>
    <message>
        <source>Take battery and wind from run {run}</source>
        <translation>Batterie und Wind aus Flug {run} nehmen</translation>
    </message>
    <message>
        <source>run {run} tells neither speed nor consumption: it has no positions, or did not fly; choose another one</source>
        <translation>Flug {run} sagt weder Geschwindigkeit noch Verbrauch: Er hat keine Positionen oder flog nicht; einen anderen wählen</translation>
    </message>
    <message>
        <source>{setup} flew as predicted on the {link} link, within {low:.1} to {high:.1}, from {from} to {to}.</source>
        <translation>{setup} flog auf der {link}-Verbindung wie vorhergesagt, auf {low:.1} bis {high:.1}, von {from} bis {to}.</translation>
    </message>
    <message>
        <source>{setup} was received {off:.1} better than predicted on the {link} link ({low:.1} to {high:.1}), from {from} to {to}.</source>
        <translation>{setup} wurde auf der {link}-Verbindung {off:.1} besser empfangen als vorhergesagt ({low:.1} bis {high:.1}), von {from} bis {to}.</translation>
    </message>
    <message>
        <source>{setup} was received {off:.1} worse than predicted on the {link} link ({low:.1} to {high:.1}), from {from} to {to}.</source>
        <translation>{setup} wurde auf der {link}-Verbindung {off:.1} schlechter empfangen als vorhergesagt ({low:.1} bis {high:.1}), von {from} bis {to}.</translation>
    </message>
    <message>
        <source>All setups are off alike: look at what they share, the exponent, the ground, a cable, the power that was assumed.</source>
        <translation>Alle Setups liegen gleich daneben: nach dem sehen, was sie teilen, Exponent, Boden, ein Kabel, die angenommene Leistung.</translation>
    </message>
    <message>
        <source>Setups are off by different amounts: look at what is its own, its antenna&apos;s claimed gain, its mounting, its power.</source>
        <translation>Die Setups liegen verschieden daneben: nach dem sehen, was ihm eigen ist, der angegebene Gewinn seiner Antenne, ihr Einbau, seine Leistung.</translation>
    </message>
    <message>
        <source>By the patterns of its antennas {setup} is received {out:.1} under their peaks at the far post on the way out, {back:.1} on the way back, and up to {turn:.1} while it turns ({link} link).</source>
        <translation>Nach den Mustern seiner Antennen wird {setup} am fernen Posten {out:.1} unter deren Spitzen empfangen auf dem Weg hinaus, {back:.1} auf dem Weg zurück und bis {turn:.1} in der Kurve ({link}-Verbindung).</translation>
    </message>
    <message>
        <source>{setup} may be lost in the turn</source>
        <translation>{setup} kann in der Kurve verloren gehen</translation>
    </message>
    <message>
        <source>At the far post the patterns of its antennas cost {out:.1} on the way out, {back:.1} on the way back, and up to {turn:.1} while it turns ({link} link): turn nearer, flatter, or mount the antenna another way.</source>
        <translation>Am fernen Posten kosten die Muster seiner Antennen {out:.1} auf dem Weg hinaus, {back:.1} zurück und bis {turn:.1} in der Kurve ({link}-Verbindung): näher oder flacher wenden oder die Antenne anders einbauen.</translation>
    </message>
    <message>
        <source>Say in Kit what the antennas are and how the aircraft&apos;s is mounted, and out, turn and back are predicted apart.</source>
        <translation>In Kit angeben, was die Antennen sind und wie die am Fluggerät sitzt, dann werden hinaus, Kurve und zurück getrennt vorhergesagt.</translation>
    </message>
    <message>
        <source>Antenna {mast} and aircraft {height} above flat ground, earth radius {factor:.2} times the true one: half-way to the far post the earth stands {bulge:.1} above the straight line.</source>
        <translation>Antenne {mast} und Fluggerät {height} über ebenem Boden, Erdradius {factor:.2}-mal der wahre: Auf halbem Weg zum fernen Posten steht die Erde {bulge:.1} über der geraden Linie.</translation>
    </message>
    <message>
        <source>Draw blind labels</source>
        <translation>Blinde Nummern ziehen</translation>
    </message>
    <message>
        <source>Open blind labels</source>
        <translation>Blinde Nummern öffnen</translation>
    </message>
    <message>
        <source>{count} recordings have a number to be judged under. Which is which stays sealed until you open it.</source>
        <translation>{count} Aufnahmen haben eine Nummer, unter der sie beurteilt werden. Welche welche ist, bleibt verschlossen, bis es geöffnet wird.</translation>
    </message>
    <message>
        <source>The numbers were opened at {at}: what is judged from then on is not blind.</source>
        <translation>Die Nummern wurden um {at} geöffnet: was danach beurteilt wird, ist nicht mehr blind.</translation>
    </message>
    <message>
        <source>{label} is {run}, setup {setup}.</source>
        <translation>{label} ist {run}, Setup {setup}.</translation>
    </message>
    <message>
        <source>{what}: give or take {sd}.</source>
        <translation>{what}: um {sd}.</translation>
    </message>
    <message>
        <source>The airframe, or what stands beside the station, may take up to {out} of {setup} on the way out and {back} on the way back ({link} link); the prediction holds both. Turn it on the ground check to see.</source>
        <translation>Der Rumpf, oder was neben der Station steht, nimmt {setup} bis zu {out} auf dem Hinweg und {back} auf dem Rückweg (Strecke {link}); die Vorhersage lässt beides offen. Bei der Prüfung am Boden gedreht zeigt es sich.</translation>
    </message>
    <message>
        <source>A {what} stands between the ground antenna and the path, and reaches above it at {mast}. Stand behind the antenna, or raise the mast.</source>
        <translation>{what} steht zwischen Bodenantenne und Weg und ragt über sie hinaus ({mast}). Hinter die Antenne damit, oder den Mast höher.</translation>
    </message>
    <message>
        <source>A {what} beside the ground antenna reaches above it at {mast}: say on Ground and air at which bearing, and keep it behind the antenna.</source>
        <translation>{what} neben der Bodenantenne ragt über sie hinaus ({mast}): unter Boden und Luft die Richtung nennen, und hinter der Antenne bleiben.</translation>
    </message>
    <message>
        <source>{setup} is predicted to reach {range} on the {link} link, with exponent {exponent}. What nobody measured leaves {low} to {high}; 95 of 100 flights should reach {dependable}.</source>
        <translation>{setup} sollte auf der Strecke {link} {range} weit reichen, mit Exponent {exponent}. Was niemand gemessen hat, lässt {low} bis {high} offen; 95 von 100 Flügen sollten {dependable} erreichen.</translation>
    </message>
    <message>
        <source>The path itself: give or take {sd} at {at}, since nobody knows its exponent better than to {of_exponent:.2}.</source>
        <translation>Der Weg selbst: um {sd} bei {at}, weil niemand seinen Exponenten genauer als auf {of_exponent:.2} kennt.</translation>
    </message>
    <message>
        <source>{setup} is predicted to reach {range} on the {link} link, with exponent {exponent}.</source>
        <translation>{setup} sollte auf der Strecke {link} {range} weit reichen, mit Exponent {exponent}.</translation>
    </message>
    <message>
        <source>the archive cannot be unpacked ({reason}); pack it again, or unpack it and choose the log</source>
        <translation>das Archiv lässt sich nicht entpacken ({reason}); neu packen, oder entpacken und das Log wählen</translation>
    </message>
    <message>
        <source>the archive holds no file; choose another, or the log itself</source>
        <translation>das Archiv enthält keine Datei; ein anderes oder das Log selbst wählen</translation>
    </message>
    <message>
        <source>the archive holds {count} files ({files}); unpack it and choose the logs</source>
        <translation>das Archiv enthält {count} Dateien ({files}); entpacken und die Logs wählen</translation>
    </message>
    <message>
        <source>the archive grows beyond {megabytes} MB, more than any log does; unpack it and see what it is</source>
        <translation>das Archiv wächst über {megabytes} MB hinaus, mehr als irgendein Log; entpacken und nachsehen, was es ist</translation>
    </message>
    <message>
        <source>line {line}: this is not well formed ({reason}); save the track again</source>
        <translation>Zeile {line}: das ist nicht wohlgeformt ({reason}); die Spur neu speichern</translation>
    </message>
    <message>
        <source>the track has {megabytes} MB, and {most} MB are read at most; cut it, or save it as CSV</source>
        <translation>die Spur hat {megabytes} MB, höchstens {most} MB werden gelesen; kürzen oder als CSV speichern</translation>
    </message>
    <message>
        <source>{count} points without a time are left out</source>
        <translation>{count} Punkte ohne Zeit bleiben draußen</translation>
    </message>
    <message>
        <source>{count} sentences whose checksum does not fit are left out</source>
        <translation>{count} Sätze mit falscher Prüfsumme bleiben draußen</translation>
    </message>
    <message>
        <source>{count} subtitles whose times cannot be read are left out</source>
        <translation>{count} Untertitel, deren Zeiten nicht lesbar sind, bleiben draußen</translation>
    </message>
    <message>
        <source>{count} lines name no value and are left out</source>
        <translation>{count} Zeilen nennen keinen Wert und bleiben draußen</translation>
    </message>
    <message>
        <source>no column is recognised as time (the log has: {columns}); &quot;{column}&quot; may be it by its values: match it to time_s if it is</source>
        <translation>keine Spalte ist als Zeit zu erkennen (das Log hat: {columns}); „{column}“ könnte es nach ihren Werten sein: dann time_s zuordnen</translation>
    </message>
    <message>
        <source>no column is recognised as signal, link quality or bitrate (the log has: {columns}); &quot;{column}&quot; may be one by its values: match it by hand if it is</source>
        <translation>keine Spalte ist als Signal, Qualität oder Bitrate zu erkennen (das Log hat: {columns}); „{column}“ könnte es nach ihren Werten sein: dann von Hand zuordnen</translation>
    </message>
    <message>
        <source>the other log begins {offset:.2} after the first (give or take {sd:.2}), and its clock runs slow by {drift:.0} millionths; found by {channel} over {overlap:.0}</source>
        <translation>das andere Log beginnt {offset:.2} nach dem ersten (um {sd:.2}), und seine Uhr geht um {drift:.0} Millionstel nach; gefunden über {channel} auf {overlap:.0}</translation>
    </message>
    <message>
        <source>cannot tell: nothing that both logs know fits at one place only; they may be of different flights</source>
        <translation>nicht zu sagen: nichts, was beide Logs kennen, passt an nur einer Stelle; es können verschiedene Flüge sein</translation>
    </message>
    <message>
        <source>no point of a track in this file tells a time; choose the recording itself, not a map or a route</source>
        <translation>kein Punkt einer Spur in dieser Datei nennt eine Zeit; die Aufzeichnung selbst wählen, keine Karte und keine Route</translation>
    </message>
    <message>
        <source>nothing in this file tells what was measured at a time; choose the log that the recorder wrote</source>
        <translation>nichts in dieser Datei sagt, was wann gemessen wurde; das Log wählen, das der Recorder geschrieben hat</translation>
    </message>
    <message>
        <source>events that mean nothing here: {count} (understood are break-up, lost, regained, failsafe, turned)</source>
        <translation>Ereignisse, die hier nichts bedeuten: {count} (verstanden werden Aussetzer, verloren, wieder, Failsafe, gewendet)</translation>
    </message>
    <message>
        <source>the table has no times: its rows were laid as if flown at 10 m/s, in their order</source>
        <translation>die Tabelle hat keine Zeiten: ihre Zeilen wurden gelegt, als wären sie mit 10 m/s geflogen, in ihrer Reihenfolge</translation>
    </message>
    <message>
        <source>{log} begins {offset:.2} after the first log (give or take {sd:.2}), found by {channel} over {overlap:.0}</source>
        <translation>{log} beginnt {offset:.2} nach dem ersten Log (auf {sd:.2} genau), gefunden durch {channel} über {overlap:.0}</translation>
    </message>
    <message>
        <source>The clock of {log} runs {rate:.2} slow, as a wrong frame rate does: this was taken out</source>
        <translation>Die Uhr von {log} geht {rate:.2} nach, wie bei falscher Bildrate: das wurde herausgerechnet</translation>
    </message>
    <message>
        <source>The clocks of the two logs stand {apart:.0} apart, as in two time zones: what both saw counts</source>
        <translation>Die Uhren der beiden Logs stehen {apart:.0} auseinander, wie in zwei Zeitzonen: es zählt, was beide gesehen haben</translation>
    </message>
    <message>
        <source>The clocks of the two logs disagree by {apart:.1}: what both saw counts</source>
        <translation>Die Uhren der beiden Logs sind sich um {apart:.1} uneins: es zählt, was beide gesehen haben</translation>
    </message>
    <message>
        <source>{log} was laid {offset:.1} behind the first log by date and clock alone: nothing that both saw confirms it, and clocks are often a second or more apart</source>
        <translation>{log} wurde nur nach Datum und Uhr {offset:.1} hinter das erste Log gelegt: nichts, was beide gesehen haben, bestätigt es, und Uhren gehen oft eine Sekunde oder mehr auseinander</translation>
    </message>
    <message>
        <source>Laid {offset:.1} behind the first log by take-off and landing, which lie as far apart in both: give or take {sd:.0}</source>
        <translation>{offset:.1} hinter das erste Log gelegt, nach Start und Landung, die in beiden gleich weit auseinanderliegen: auf {sd:.0} genau</translation>
    </message>
    <message>
        <source>{log} is of another flight: by their clocks {apart:.0} lie between the two logs; take the log of the same flight, or say how many seconds after the first it began</source>
        <translation>{log} ist von einem anderen Flug: nach ihren Uhren liegen {apart:.0} zwischen den beiden Logs; das Log desselben Fluges nehmen, oder sagen, wie viele Sekunden nach dem ersten es begann</translation>
    </message>
    <message>
        <source>cannot tell how the clock of {log} lies to that of the first log: nothing that both know fits at one place only; take the log of the same flight, or say how many seconds after the first it began</source>
        <translation>Es lässt sich nicht sagen, wie die Uhr von {log} zu der des ersten Logs liegt: nichts, was beide kennen, passt an nur einer Stelle; das Log desselben Fluges nehmen, oder sagen, wie viele Sekunden nach dem ersten es begann</translation>
    </message>
    <message>
        <source>{option}: behind the @ must stand a number of seconds, e.g. track.gpx@12.5</source>
        <translation>{option}: hinter dem @ muss eine Zahl von Sekunden stehen, etwa track.gpx@12.5</translation>
    </message>
    <message>
        <source>--with needs one log that it goes with; bring the others in with commands of their own</source>
        <translation>--with braucht ein einziges Log, zu dem es gehört; die anderen mit eigenen Befehlen einlesen</translation>
    </message>
    <message>
        <source>the log holds {flights} flights, of which the farthest counts; --split makes a run of each</source>
        <translation>das Log enthält {flights} Flüge, von denen der weiteste zählt; --split macht aus jedem einen Lauf</translation>
    </message>
    <message>
        <source>flight {number}: from {from:.0} to {to:.0}, farthest {farthest}</source>
        <translation>Flug {number}: von {from:.0} bis {to:.0}, am weitesten {farthest}</translation>
    </message>
    <message>
        <source>no row of the log lies between the cuts; move them apart</source>
        <translation>zwischen den Schnitten liegt keine Zeile des Logs; sie auseinanderziehen</translation>
    </message>
    <message>
        <source>Count {runs} runs again</source>
        <translation>{runs} Läufe wieder zählen</translation>
    </message>
    <message>
        <source>Void {runs} runs</source>
        <translation>{runs} Läufe streichen</translation>
    </message>
    <message>
        <source>Remove {runs} runs</source>
        <translation>{runs} Läufe entfernen</translation>
    </message>
    <message>
        <source>Cut run {run}</source>
        <translation>Lauf {run} zuschneiden</translation>
    </message>
    <message>
        <source>Move a log of run {run}</source>
        <translation>Ein Log von Lauf {run} verschieben</translation>
    </message>
    <message>
        <source>{link}: {what} stepped from {before} to {after} at {at} ({steps} steps in all)</source>
        <translation>{link}: {what} sprang bei {at} von {before} auf {after} ({steps} Sprünge insgesamt)</translation>
    </message>
    <message>
        <source>{link}: the picture stood still {count} times, {longest:.1} at the longest, first at {first}; most often behind {from} ({most} within 100 m)</source>
        <translation>{link}: das Bild stand {count}-mal still, höchstens {longest:.1}, zuerst bei {first}; am häufigsten hinter {from} ({most} auf 100 m)</translation>
    </message>
    <message>
        <source>{out:.0} mAh/km out, {back:.0} mAh/km back, {total:.0} in all</source>
        <translation>{out:.0} mAh/km hin, {back:.0} mAh/km zurück, {total:.0} insgesamt</translation>
    </message>
    <message>
        <source>battery from {first:.1} down to {lowest:.1}</source>
        <translation>Akku von {first:.1} bis auf {lowest:.1}</translation>
    </message>
    <message>
        <source>{run} was flown at another height</source>
        <translation>{run} wurde in anderer Höhe geflogen</translation>
    </message>
    <message>
        <source>At {flown}, the rest at {usual}. Height changes what stands in the way and what the ground reflects: fly it again, or void it with that reason.</source>
        <translation>In {flown}, die übrigen in {usual}. Die Höhe ändert, was im Weg steht und was der Boden spiegelt: noch einmal fliegen, oder mit diesem Grund streichen.</translation>
    </message>
    <message>
        <source>{run} was flown at another speed</source>
        <translation>{run} wurde mit anderer Geschwindigkeit geflogen</translation>
    </message>
    <message>
        <source>At {flown} over the ground, the rest at {usual}. A faster one has fewer readings of each place and tilts more: fly it again, or void it with that reason.</source>
        <translation>Mit {flown} über Grund, die übrigen mit {usual}. Ein schnellerer hat weniger Werte je Ort und neigt sich stärker: noch einmal fliegen, oder mit diesem Grund streichen.</translation>
    </message>
    <message>
        <source>{run} was flown with another heading</source>
        <translation>{run} wurde mit anderem Kurs geflogen</translation>
    </message>
    <message>
        <source>Its nose pointed to {flown} on the way out, that of the rest to {usual}: another side of the aircraft faced the station. Hold the heading, or look at the sides of the aircraft before comparing.</source>
        <translation>Sein Bug zeigte auf dem Hinweg nach {flown}, der der übrigen nach {usual}: eine andere Seite des Fluggeräts zeigte zur Station. Den Kurs halten, oder vor dem Vergleichen die Seiten des Fluggeräts ansehen.</translation>
    </message>
    <message>
        <source>{run} was flown beside the path</source>
        <translation>{run} wurde neben dem Weg geflogen</translation>
    </message>
    <message>
        <source>By {flown}, the rest by {usual} (to the right): other trees and other ground. Fly it again, or void it with that reason.</source>
        <translation>Um {flown}, die übrigen um {usual} (nach rechts): andere Bäume und anderer Boden. Noch einmal fliegen, oder mit diesem Grund streichen.</translation>
    </message>
    <message>
        <source>A limit of the equipment, not of the radio</source>
        <translation>Eine Grenze der Ausrüstung, nicht des Funks</translation>
    </message>
    <message>
        <source>{runs:runs} of different setups all lost the {link} link at {distance} at once, from full quality and with a signal of {signal} or more. Such a stop says nothing about range: it is not counted as lost, and what lies behind it not at all. Look for a distance limit or a timeout in the equipment.</source>
        <translation>{runs:runs} verschiedener Setups verloren die Strecke {link} bei {distance} auf einmal, aus voller Qualität und mit einem Signal von {signal} oder mehr. So ein Halt sagt nichts über die Reichweite: er zählt nicht als Verlust, und was dahinter liegt gar nicht. Nach einer Entfernungsgrenze oder einer Zeitschranke in der Ausrüstung suchen.</translation>
    </message>
    <message>
        <source>Stopped at once, with signal in hand</source>
        <translation>Auf einmal weg, mit Signal in Reserve</translation>
    </message>
    <message>
        <source>The {link} link went from full quality to nothing at {distance}, with a signal of {signal}. If it does so again at that distance with another setup, the equipment has a limit built in; if not, look for a loose connector or something else on the air.</source>
        <translation>Die Strecke {link} ging bei {distance} von voller Qualität auf nichts, mit einem Signal von {signal}. Geschieht das mit einem anderen Setup wieder in dieser Entfernung, hat die Ausrüstung eine eingebaute Grenze; wenn nicht, nach einem losen Stecker oder einem anderen Sender suchen.</translation>
    </message>
    <message>
        <source>a course: it counts on its named stretches, and is never merged into the open range</source>
        <translation>ein Parcours: er zählt auf seinen benannten Abschnitten und geht nie in die Reichweite im Freien ein</translation>
    </message>
    <message>
        <source>the log tells the distance travelled, not how far from the station it was; bring positions or a distance from the station, or mark on its strip when each post was passed</source>
        <translation>das Log nennt die zurückgelegte Strecke, nicht die Entfernung von der Station; Positionen oder eine Entfernung von der Station mitbringen, oder auf seinem Streifen markieren, wann jeder Pfosten passiert wurde</translation>
    </message>
    <message>
        <source>{segment}: {winner} is better</source>
        <translation>{segment}: {winner} ist besser</translation>
    </message>
    <message>
        <source>On this stretch its {link} link is {delta:.1} stronger than that of {loser} (95 %: {delta.low:.1} to {delta.high:.1}), over {flights:flights}.</source>
        <translation>Auf diesem Abschnitt ist die Strecke {link} um {delta:.1} stärker als die von {loser} (95 %: {delta.low:.1} bis {delta.high:.1}), über {flights:flights}.</translation>
    </message>
    <message>
        <source>{segment}: no practical difference</source>
        <translation>{segment}: kein praktischer Unterschied</translation>
    </message>
    <message>
        <source>{a} and {b} differ by {delta:.1} (95 %: {delta.low:.1} to {delta.high:.1}) on the {link} link, over {flights:flights}.</source>
        <translation>{a} und {b} unterscheiden sich auf der Strecke {link} um {delta:.1} (95 %: {delta.low:.1} bis {delta.high:.1}), über {flights:flights}.</translation>
    </message>
    <message>
        <source>{segment}: cannot tell yet</source>
        <translation>{segment}: noch nicht zu sagen</translation>
    </message>
    <message>
        <source>{a} over {b} on the {link} link: {delta:+.1} (95 %: {delta.low:.1} to {delta.high:.1}), over {flights:flights}. About {more} more flights of each would tell.</source>
        <translation>{a} gegen {b} auf der Strecke {link}: {delta:+.1} (95 %: {delta.low:.1} bis {delta.high:.1}), über {flights:flights}. Etwa {more} weitere Flüge von jedem würden es sagen.</translation>
    </message>
    <message>
        <source>{segment}: cannot tell, and hardly ever will</source>
        <translation>{segment}: nicht zu sagen, und kaum je</translation>
    </message>
    <message>
        <source>{a} over {b} on the {link} link: {delta:+.1} (95 %: {delta.low:.1} to {delta.high:.1}), over {flights:flights}. The difference, if any, is too small to settle by flying.</source>
        <translation>{a} gegen {b} auf der Strecke {link}: {delta:+.1} (95 %: {delta.low:.1} bis {delta.high:.1}), über {flights:flights}. Der Unterschied, falls es ihn gibt, ist zu klein, um ihn zu erfliegen.</translation>
    </message>
    <message>
        <source>Usable for {share:.0} of the time with {winner}, {other:.0} with {loser}.</source>
        <translation>Brauchbar in {share:.0} der Zeit mit {winner}, in {other:.0} mit {loser}.</translation>
    </message>
    <message>
        <source>Flown once each: how much flights differ is assumed, not measured. Laps of one flight do not make up for that.</source>
        <translation>Je einmal geflogen: wie sehr Flüge sich unterscheiden, ist angenommen, nicht gemessen. Runden eines Flugs ersetzen das nicht.</translation>
    </message>
    <message>
        <source>Claimed together with all other stretches it might still be luck.</source>
        <translation>Zusammen mit allen anderen Abschnitten behauptet, könnte es noch Glück sein.</translation>
    </message>
    <message>
        <source>Courses stay apart</source>
        <translation>Parcours bleiben für sich</translation>
    </message>
    <message>
        <source>Name stretches of the path</source>
        <translation>Abschnitten des Wegs Namen geben</translation>
    </message>
    <message>
        <source>Under Plan, Points: &quot;behind the shed&quot;, &quot;between the trees&quot;. Every flight over them is then told stretch by stretch, setup beside setup.</source>
        <translation>Unter Planen, Punkte: &quot;hinter dem Schuppen&quot;, &quot;zwischen den Bäumen&quot;. Jeder Flug darüber wird dann Abschnitt für Abschnitt erzählt, Setup neben Setup.</translation>
    </message>
    <message>
        <source>{setup}: its {side} is blind</source>
        <translation>{setup}: {side} ist es blind</translation>
    </message>
    <message>
        <source>On the {link} link it gives {drop:.0} less than the mean of all sides (95 %: {drop.low:.0} to {drop.high:.0}), over {flights:flights}. Keep that side away from the station, or mount the antenna elsewhere.</source>
        <translation>Auf der Strecke {link} gibt diese Seite {drop:.0} weniger als das Mittel aller Seiten (95 %: {drop.low:.0} bis {drop.high:.0}), über {flights:flights}. Diese Seite von der Station fernhalten oder die Antenne anders anbringen.</translation>
    </message>
    <message>
        <source>{setup}: no blind side seen</source>
        <translation>{setup}: keine blinde Seite gesehen</translation>
    </message>
    <message>
        <source>On the {link} link none of the {sides} sides that faced the station is surely more than {least:.0} below their mean.</source>
        <translation>Auf der Strecke {link} liegt keine der {sides} Seiten, die zur Station zeigten, sicher mehr als {least:.0} unter ihrem Mittel.</translation>
    </message>
    <message>
        <source>{setup}: the drop in the turn</source>
        <translation>{setup}: der Einbruch in der Wende</translation>
    </message>
    <message>
        <source>Signal changes by {turn:+.1} in the turn; the sides that it shows there account for {explained:+.1} of it.</source>
        <translation>Das Signal ändert sich in der Wende um {turn:+.1}; die Seiten, die es dort zeigt, machen {explained:+.1} davon aus.</translation>
    </message>
    <message>
        <source>{setup}: few sides seen</source>
        <translation>{setup}: wenige Seiten gesehen</translation>
    </message>
    <message>
        <source>Out and back show the station nose and tail: {sides} of 24 directions. Turn the aircraft once round at one place, or fly a circle, to see the rest.</source>
        <translation>Hin und zurück sieht die Station Bug und Heck: {sides} von 24 Richtungen. Das Fluggerät an einer Stelle einmal ganz drehen oder einen Kreis fliegen, um die übrigen zu sehen.</translation>
    </message>
    <message>
        <source>The log tells no heading: the way over ground stands for it. In wind the nose points elsewhere.</source>
        <translation>Das Log nennt keinen Kurs: der Weg über Grund steht dafür. Im Wind zeigt der Bug woandershin.</translation>
    </message>
    <message>
        <source>{setup}: weak beside its direction</source>
        <translation>{setup}: schwach neben seiner Richtung</translation>
    </message>
    <message>
        <source>Seen from the station at {angle:.0} off the direction to the far post, the {link} link gives {drop:.0} less than the mean (95 %: {drop.low:.0} to {drop.high:.0}): the ground antenna&apos;s pattern, or the ground there.</source>
        <translation>Von der Station aus {angle:.0} neben der Richtung zum fernen Pfosten gibt die Strecke {link} {drop:.0} weniger als das Mittel (95 %: {drop.low:.0} bis {drop.high:.0}): das Diagramm der Bodenantenne, oder das Gelände dort.</translation>
    </message>
    <message>
        <source>{setup}: {what} changes at {first}</source>
        <translation>{setup}: {what} wechselt bei {first}</translation>
    </message>
    <message>
        <source>On the {link} link, in {stepped} of {flights:flights} (95 %: {first.span}). Readings on either side of it are of two modes.</source>
        <translation>Auf der Strecke {link}, in {stepped} von {flights:flights} (95 %: {first.span}). Werte diesseits und jenseits gehören zu zwei Betriebsarten.</translation>
    </message>
    <message>
        <source>{setup}: {what} seldom changes</source>
        <translation>{setup}: {what} wechselt selten</translation>
    </message>
    <message>
        <source>On the {link} link in {stepped} of {flights:flights}; it usually holds to at least {least} ({sure:.0} sure).</source>
        <translation>Auf der Strecke {link} in {stepped} von {flights:flights}; meist hält sie bis mindestens {least} ({sure:.0} sicher).</translation>
    </message>
    <message>
        <source>{setup}: {what} changes now and then</source>
        <translation>{setup}: {what} wechselt hin und wieder</translation>
    </message>
    <message>
        <source>On the {link} link in {stepped} of {flights:flights}, flown to {farthest}: too few to tell the usual distance.</source>
        <translation>Auf der Strecke {link} in {stepped} von {flights:flights}, geflogen bis {farthest}: zu wenige für eine übliche Entfernung.</translation>
    </message>
    <message>
        <source>The band changed by itself</source>
        <translation>Das Band wechselte von selbst</translation>
    </message>
    <message>
        <source>The {link} link changed its frequency {hops} times: fix the channel before comparing, or its readings are of several bands.</source>
        <translation>Die Strecke {link} wechselte {hops}-mal ihre Frequenz: vor dem Vergleichen den Kanal festlegen, sonst gehören ihre Werte zu mehreren Bändern.</translation>
    </message>
    <message>
        <source>{setup}: the picture froze every {every}</source>
        <translation>{setup}: das Bild stand alle {every}</translation>
    </message>
    <message>
        <source>{freezes} freezes of the {link} link in {flown} of flight, {flights:flights} (95 %: every {every.span}).</source>
        <translation>{freezes} Standbilder der Strecke {link} in {flown} Flug, {flights:flights} (95 %: alle {every.span}).</translation>
    </message>
    <message>
        <source>{setup}: the picture never froze</source>
        <translation>{setup}: das Bild stand nie</translation>
    </message>
    <message>
        <source>In {flown} of flight on the {link} link; one in {every} would still look so one time in twenty.</source>
        <translation>In {flown} Flug auf der Strecke {link}; eines auf {every} sähe einmal in zwanzig noch so aus.</translation>
    </message>
    <message>
        <source>Most from {from} to {to} ({freezes}). Usually lost at {lost}, regained at {regained}.</source>
        <translation>Die meisten von {from} bis {to} ({freezes}). Meist verloren bei {lost}, wieder da bei {regained}.</translation>
    </message>
    <message>
        <source>The picture froze while the other link lived on</source>
        <translation>Das Bild stand, während die andere Strecke weiterlebte</translation>
    </message>
    <message>
        <source>The {picture} link stood still from {frozen}; the {link} link went on to {alive}. The video link is what to improve.</source>
        <translation>Die Strecke {picture} stand ab {frozen} still; {link} ging weiter bis {alive}. Zu verbessern ist die Videostrecke.</translation>
    </message>
    <message>
        <source>{setup}: the battery would have allowed a turn at {turn}</source>
        <translation>{setup}: der Akku hätte eine Wende bei {turn} erlaubt</translation>
    </message>
    <message>
        <source>At {out:.0} mAh/km out and {back:.0} back, with the reserve kept; flown to {flown}, {flights:flights}.</source>
        <translation>Mit {out:.0} mAh/km hin und {back:.0} zurück, die Reserve gewahrt; geflogen bis {flown}, {flights:flights}.</translation>
    </message>
    <message>
        <source>{setup}: flown farther than the battery&apos;s reserve allows</source>
        <translation>{setup}: weiter geflogen, als die Reserve des Akkus erlaubt</translation>
    </message>
    <message>
        <source>A turn at {turn} would have kept the reserve, at {out:.0} mAh/km out and {back:.0} back; flown to {flown}, {flights:flights}.</source>
        <translation>Eine Wende bei {turn} hätte die Reserve gewahrt, mit {out:.0} mAh/km hin und {back:.0} zurück; geflogen bis {flown}, {flights:flights}.</translation>
    </message>
    <message>
        <source>Wind costs charge</source>
        <translation>Wind kostet Ladung</translation>
    </message>
    <message>
        <source>Over {flights:flights} each 1 m/s of wind against the way out changed the use out by {per:+.0} mAh/km.</source>
        <translation>Über {flights:flights} änderte je 1 m/s Wind gegen den Hinweg den Verbrauch hin um {per:+.0} mAh/km.</translation>
    </message>
    <message>
        <source>Battery</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>Say on Plan, Flights what the battery holds, and how much stays in reserve: then it is told how far it would have allowed.</source>
        <translation>Unter Planen, Flüge sagen, was der Akku fasst und wie viel Reserve bleibt: dann steht hier, wie weit er gereicht hätte.</translation>
    </message>
    <message>
        <source>Flown with {power}.</source>
        <translation>Geflogen mit {power}.</translation>
    </message>
    <message>
        <source>One flight: how much flights differ is assumed, not measured.</source>
        <translation>Ein Flug: wie sehr Flüge sich unterscheiden, ist angenommen, nicht gemessen.</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is no time in a run; type seconds, or minutes and seconds: 207, 3:27</source>
        <translation>&quot;{text}&quot; ist keine Zeit in einem Lauf; Sekunden eingeben, oder Minuten und Sekunden: 207, 3:27</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is no place on the path; type the number or name of a post, or a distance along the path with its unit: 4, gate, 450 m</source>
        <translation>&quot;{text}&quot; ist kein Ort am Weg; die Nummer oder den Namen eines Pfostens eingeben, oder eine Entfernung am Weg entlang mit Einheit: 4, Tor, 450 m</translation>
    </message>
    <message>
        <source>Mark places of run {run}</source>
        <translation>Orte von Lauf {run} markieren</translation>
    </message>
    <message>
        <source>Say how run {run} was flown</source>
        <translation>Sagen, wie Lauf {run} geflogen wurde</translation>
    </message>
    <message>
        <source>Follows run {other}</source>
        <translation>Folgt Lauf {other}</translation>
    </message>
    <message>
        <source>{correlation:.1} of what both heard goes together, {chance:.1} where the other is cut up wrongly; {rms:.1} are left between them. {marks} places would be taken.</source>
        <translation>{correlation:.1} von dem, was beide hörten, gehen zusammen, {chance:.1}, wenn der andere falsch zusammengesetzt wird; {rms:.1} bleiben dazwischen. {marks} Orte würden übernommen.</translation>
    </message>
    <message>
        <source>Cannot tell where it was from run {other}</source>
        <translation>Aus Lauf {other} ist nicht zu sagen, wo er war</translation>
    </message>
    <message>
        <source>{correlation:.1} of what both heard goes together, but cut up wrongly it is {chance:.1}: mark posts by hand.</source>
        <translation>{correlation:.1} von dem, was beide hörten, gehen zusammen, falsch zusammengesetzt aber auch {chance:.1}: Pfosten von Hand markieren.</translation>
    </message>
    <message>
        <source>Nothing in common with run {other}</source>
        <translation>Nichts gemeinsam mit Lauf {other}</translation>
    </message>
    <message>
        <source>Both need half a minute to two hours of the same link&apos;s signal, and that run needs a place on the path.</source>
        <translation>Beide brauchen eine halbe Minute bis zwei Stunden Signal derselben Strecke, und jener Lauf einen Ort am Weg.</translation>
    </message>
    <message>
        <source>nothing in it says where it was: mark on its strip in Runs when each post was passed, or lay it on another run over the same course</source>
        <translation>nichts darin sagt, wo es war: unter Läufe auf seinem Streifen markieren, wann jeder Pfosten passiert wurde, oder es auf einen anderen Lauf über denselben Parcours legen</translation>
    </message>
    <message>
        <source>{option} is no way of flying; one of {words}</source>
        <translation>{option} ist keine Art zu fliegen; möglich sind {words}</translation>
    </message>
    <message>
        <source>there is no run {option}; there are {runs}</source>
        <translation>einen Lauf {option} gibt es nicht; es gibt {runs}</translation>
    </message>
    <message>
        <source>{option} needs TIME=PLACE, for example 3:27=4</source>
        <translation>{option} braucht ZEIT=ORT, zum Beispiel 3:27=4</translation>
    </message>
    <message>
        <source>its log says where it was: the marks are not used</source>
        <translation>sein Log sagt, wo er war: die Marken zählen nicht</translation>
    </message>
    <message>
        <source>{run} did not hold its height</source>
        <translation>{run} hielt seine Höhe nicht</translation>
    </message>
    <message>
        <source>On the way out it lay between {low} and {high}: what looks like distance may be height. Fly it level, or void it with that reason.</source>
        <translation>Auf dem Hinweg lag er zwischen {low} und {high}: was nach Entfernung aussieht, kann Höhe sein. Eben fliegen, oder mit diesem Grund streichen.</translation>
    </message>
    <message>
        <source>was changed while it was read; wait until it is written, and try again</source>
        <translation>wurde geändert, während es gelesen wurde; warten, bis es geschrieben ist, und noch einmal versuchen</translation>
    </message>
    <message>
        <source>is larger than 900 MB, and so large only delimited text is read, not {format}; cut it into single flights</source>
        <translation>ist größer als 900 MB, und so groß wird nur Text mit Trennzeichen gelesen, nicht {format}; in einzelne Flüge zerlegen</translation>
    </message>
    <message>
        <source>is too large to go with another log; cut it into single flights</source>
        <translation>ist zu groß, um mit einem anderen Log zu gehen; in einzelne Flüge zerlegen</translation>
    </message>
    <message>
        <source>is too large to be kept in a campaign file, even packed; cut it into single flights</source>
        <translation>ist zu groß, um in einer Kampagnendatei aufbewahrt zu werden, auch gepackt; in einzelne Flüge zerlegen</translation>
    </message>
    <message>
        <source>it is very large: of every {rows} neighbouring rows their mean counts; its bytes are kept whole</source>
        <translation>es ist sehr groß: von je {rows} benachbarten Zeilen zählt das Mittel; seine Bytes bleiben ganz</translation>
    </message>
    <message>
        <source>Told by their named stretches only: {runs:runs}. Behaviour behind obstacles and range in the open answer different questions.</source>
        <translation>Nur auf ihren benannten Abschnitten erzählt: {runs:runs}. Das Verhalten hinter Hindernissen und die Reichweite im Freien beantworten verschiedene Fragen.</translation>
    </message>
    <message>
        <source>{laps} laps begun, each of {each:.0}</source>
        <translation>{laps} Runden begonnen, jede {each:.0}</translation>
    </message>
    <message>
        <source>this log does not tell antenna {antenna} apart; those it tells: {antennas}</source>
        <translation>dieses Log nennt Antenne {antenna} nicht für sich; es nennt: {antennas}</translation>
    </message>
    <message>
        <source>Runs that count: {used} of {runs}</source>
        <translation>Läufe, die zählen: {used} von {runs}</translation>
    </message>
    <message>
        <source>all its positions lie {nearest} and more from the station: it is of another place, or latitude and longitude are exchanged; take another log, or match the columns by hand</source>
        <translation>alle seine Positionen liegen {nearest} und mehr von der Station: es ist von einem anderen Ort, oder Breite und Länge sind vertauscht; anderes Log nehmen oder die Spalten von Hand zuordnen</translation>
    </message>
    <message>
        <source>in &quot;{column}&quot; longitude comes first, as the place of the station tells: it was read so</source>
        <translation>in „{column}“ steht die Länge zuerst, wie der Ort der Station zeigt: so wurde es gelesen</translation>
    </message>
    <message>
        <source>{rows} rows tell a time that is none of theirs, before and behind which the clock goes on, and are left out</source>
        <translation>{rows} Zeilen nennen eine Zeit, die nicht ihre ist, vor und hinter der die Uhr weitergeht, und bleiben weg</translation>
    </message>
    <message>
        <source>the dates in &quot;{column}&quot; are read month first, and nothing in the log says that they are: if the day comes first, choose so in the import (command line: --map &quot;{channel}={column} [d/m/y]&quot;)</source>
        <translation>in „{column}“ wird der Monat zuerst gelesen, und nichts im Log sagt, dass es so ist: kommt der Tag zuerst, das beim Import wählen (Kommandozeile: --map &quot;{channel}={column} [d/m/y]&quot;)</translation>
    </message>
    <message>
        <source>{log} stands {apart:.0} apart from the first log, as clocks of two time zones do, and nothing that both saw confirms it; if it is of the same flight, say that it began {after:.1} after the first, else take the log of the same flight</source>
        <translation>{log} liegt {apart:.0} neben dem ersten Log, wie Uhren zweier Zeitzonen, und nichts, was beide sahen, bestätigt es; ist es vom selben Flug, sagen, dass es {after:.1} nach dem ersten begann, sonst das Log desselben Flugs nehmen</translation>
    </message>
    <message>
        <source>A record takes no more than {most} files; start another record</source>
        <translation>Eine Messung nimmt höchstens {most} Dateien auf; eine neue beginnen</translation>
    </message>
    <message>
        <source>the copy lacks what could not be read: {of}</source>
        <translation>der Kopie fehlt, was sich nicht lesen ließ: {of}</translation>
    </message>
    <message>
        <source>{file} takes more than {megabytes} MB of memory to read; export it smaller</source>
        <translation>{file} zu lesen braucht mehr als {megabytes} MB Speicher; kleiner exportieren</translation>
    </message>
    <message>
        <source>is where the campaign&apos;s journal belongs, and is no plain file; remove it</source>
        <translation>liegt, wo das Journal der Kampagne hingehört, und ist keine gewöhnliche Datei; entfernen</translation>
    </message>
    <message>
        <source>The reader of terrain, maps and photos is missing; install Distanz again</source>
        <translation>Der Leser für Gelände, Karten und Fotos fehlt; Distanz neu installieren</translation>
    </message>
    <message>
        <source>{file} cannot be read: it is damaged or hostile. Nothing else was touched; use another file</source>
        <translation>{file} lässt sich nicht lesen: beschädigt oder bösartig. Sonst wurde nichts berührt; eine andere Datei nehmen</translation>
    </message>
    <message>
        <source>the log says {distance} in {span}, {speed:.0}: correct the unit of its time or its distance</source>
        <translation>laut Log {distance} in {span}, {speed:.0}: die Einheit der Zeit oder der Entfernung berichtigen</translation>
    </message>
    <message>
        <source>its times span {span}: no log lasts that long; correct the unit of its time, or match another column</source>
        <translation>die Zeiten reichen über {span}: So lang ist kein Log; die Einheit der Zeit berichtigen oder eine andere Spalte zuordnen</translation>
    </message>
    <message>
        <source>Terrain, maps and photos are not read: this kernel cannot cage their reader (it lacks seccomp). Logs and tables work</source>
        <translation>Gelände, Karten und Fotos werden nicht gelesen: Dieser Kernel kann ihren Leser nicht einsperren (ohne seccomp). Logs und Tabellen gehen</translation>
    </message>
    <message>
        <source>This goes along: places {places}, terrain and maps {layers}, logs {logs}, photos {photos}, notes and names {words}. Leave it out with --without</source>
        <translation>Das geht mit: Orte {places}, Gelände und Karten {layers}, Logs {logs}, Fotos {photos}, Notizen und Namen {words}. Weglassen mit --without</translation>
    </message>
    <message>
        <source>{file} takes longer than {seconds} s to read; export it again, or cut it to the area around the path</source>
        <translation>{file} zu lesen dauert länger als {seconds} s; neu exportieren oder auf die Umgebung des Weges zuschneiden</translation>
    </message>
    <message>
        <source>{file} is too large to be read whole, and no station lies in it; set the station first, or use the tile around it</source>
        <translation>{file} ist zu groß, um ganz gelesen zu werden, und keine Station liegt darin; erst die Station setzen oder die Kachel um sie nehmen</translation>
    </message>
    <message>
        <source>{file} holds more than can be drawn; cut it to the area around the path</source>
        <translation>{file} enthält mehr, als gezeichnet werden kann; auf die Umgebung des Weges zuschneiden</translation>
    </message>
    <message>
        <source>The second-order mix of {emitter} at {frequency} falls into {victim}: {needed} of isolation are needed, {got} are there. {apart:.2} apart would do, or a filter for the rest.</source>
        <translation>Das Mischprodukt zweiter Ordnung von {emitter} bei {frequency} fällt in {victim}: {needed} Entkopplung sind nötig, {got} sind da. {apart:.2} Abstand würden genügen, oder ein Filter für den Rest.</translation>
    </message>
    <message>
        <source>The third-order product of {emitter} at {frequency} falls into {victim}: {needed} of isolation are needed, {got} are there. {apart:.2} apart would do, or a filter for the rest.</source>
        <translation>Das Mischprodukt dritter Ordnung von {emitter} bei {frequency} fällt in {victim}: {needed} Entkopplung sind nötig, {got} sind da. {apart:.2} Abstand würden reichen, oder ein Filter für den Rest.</translation>
    </message>
    <message>
        <source>Harmonic {order} of {emitter} at {frequency} falls into {victim}: {needed} of isolation are needed, {got} are there. {apart:.2} apart would do, or a filter for the rest.</source>
        <translation>Die Oberwelle {order} von {emitter} bei {frequency} fällt in {victim}: {needed} Entkopplung sind nötig, {got} sind da. {apart:.2} Abstand würden reichen, oder ein Filter für den Rest.</translation>
    </message>
    <message>
        <source>Assumed: harmonics and products 40 to 50 dB under the carrier, antennas {apart:.2} apart that look past each other. Switch emitters on in turn and log the noise floor to know.</source>
        <translation>Angenommen: Oberwellen und Produkte 40 bis 50 dB unter dem Träger, Antennen im Abstand {apart:.2}, die aneinander vorbeisehen. Sender nacheinander einschalten und das Grundrauschen notieren, um es zu wissen.</translation>
    </message>
    <message>
        <source>Assumed: harmonics and products 40 to 50 dB under the carrier, and antennas {apart:.2} apart, as nothing was entered.</source>
        <translation>Angenommen: Oberwellen und Produkte 40 bis 50 dB unter dem Träger, und Antennen im Abstand {apart:.2}, da nichts eingegeben ist.</translation>
    </message>
    <message>
        <source>{option} is missing; the sensitivity needs it</source>
        <translation>{option} fehlt; die Empfindlichkeit braucht es</translation>
    </message>
    <message>
        <source>Radio horizon {horizon}, over level ground.</source>
        <translation>Funkhorizont {horizon}, über ebenem Boden.</translation>
    </message>
    <message>
        <source>Bandwidth unknown: the power fills the whole sweep. Sweep wider, or switch the transmitter on.</source>
        <translation>Bandbreite unbekannt: Die Leistung füllt den ganzen Messbereich. Breiter messen oder den Sender einschalten.</translation>
    </message>
    <message>
        <source>{right}, not {wrong}. With exponent {exponent:.2}, {factor:.1} times the power gives {times:.1} times the distance.</source>
        <translation>{right}, nicht {wrong}. Mit Exponent {exponent:.2} gibt die {factor:.1}-fache Leistung die {times:.1}-fache Entfernung.</translation>
    </message>
    <message>
        <source>Loss {loss:.1} where {share:.0} of the power bounced once, steeper than {angle:.0}. Flatter bounces keep the hand.</source>
        <translation>Verlust {loss:.1}, wo {share:.0} der Leistung einmal steiler als {angle:.0} reflektiert wurden. Flachere Reflexionen behalten den Drehsinn.</translation>
    </message>
    <message>
        <source>Band power is a plain sum: the resolution bandwidth is not set. Enter it to correct the sum.</source>
        <translation>Die Bandleistung ist eine bloße Summe: Die Auflösungsbandbreite fehlt. Eintragen, dann stimmt die Summe.</translation>
    </message>
    <message>
        <source>The resolution bandwidth, {rbw:.3}, is wider than the band. Band power includes neighbouring signals.</source>
        <translation>Die Auflösungsbandbreite, {rbw:.3}, ist breiter als das Band. Die Bandleistung enthält Nachbarsignale.</translation>
    </message>
    <message>
        <source>Too near: at {distance:.2} the far field has not begun. Measure from {from:.2} on; beamwidth, lobes and gain differ nearer.</source>
        <translation>Zu nah: Bei {distance:.2} hat das Fernfeld nicht begonnen. Ab {from:.2} messen; näher sind Breite, Keulen und Gewinn anders.</translation>
    </message>
    <message>
        <source>Circular gain: {gain:.1}. A linear antenna receives half of a circular wave, so 3 dB are added.</source>
        <translation>Zirkularer Gewinn: {gain:.1}. Eine lineare Antenne empfängt die Hälfte einer zirkularen Welle, darum kommen 3 dB dazu.</translation>
    </message>
    <message>
        <source>Loss by {what} on the {link} link is that at {nearest}. The formula does not hold at {frequency}.</source>
        <translation>Der Verlust durch {what} auf dem Link {link} ist der bei {nearest}. Bei {frequency} gilt die Formel nicht.</translation>
    </message>
    <message>
        <source>Keep everybody {distance:.2} away from the powered antenna. Other limits may apply where you fly; Distanz is no authority.</source>
        <translation>Alle {distance:.2} von der sendenden Antenne fernhalten. Am Flugort können andere Grenzen gelten; Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>Keep everybody {distance:.2} away from the powered antenna, trained staff {at_work:.2}. Other limits may apply where you fly; Distanz is no authority.</source>
        <translation>Alle {distance:.2} von der sendenden Antenne fernhalten, geschultes Personal {at_work:.2}. Am Flugort können andere Grenzen gelten; Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>The formula gives less, but holds in the far field only. That begins at {distance:.2}.</source>
        <translation>Die Formel gibt weniger, gilt aber nur im Fernfeld. Das beginnt bei {distance:.2}.</translation>
    </message>
    <message>
        <source>The formula gives less. Distanz never shows less than {distance:.2}.</source>
        <translation>Die Formel gibt weniger. Distanz nennt nie weniger als {distance:.2}.</translation>
    </message>
    <message>
        <source>Obstructed on the outbound leg</source>
        <translation>Auf dem Hinflug verdeckt</translation>
    </message>
    <message>
        <source>With the aircraft at {place}, clearance is {ray:.1} at {distance}; it needs {needed:.1} ({share} of the first Fresnel zone). The far end is clear. Fly higher there, or raise the antenna.</source>
        <translation>Mit dem Fluggerät bei {place} sind bei {distance} {ray:.1} frei; nötig sind {needed:.1} ({share} der ersten Fresnelzone). Das ferne Ende ist frei. Dort höher fliegen oder die Antenne anheben.</translation>
    </message>
    <message>
        <source>Radio horizon {horizon}. Over smooth ground the signal falls faster beyond {breakpoint}.</source>
        <translation>Funkhorizont {horizon}. Über glattem Boden fällt das Signal jenseits von {breakpoint} schneller.</translation>
    </message>
    <message>
        <source>EIRP {eirp:.1}, on {duty:.0} of the time, reflections × {reflection:.2}. ICNIRP 2020 reference level at {frequency}: {anybody:.2} W/m², at work {at_work:.1} W/m² (whole body, 30 minutes).</source>
        <translation>EIRP {eirp:.1}, {duty:.0} der Zeit an, Reflexionen × {reflection:.2}. Referenzwert nach ICNIRP 2020 bei {frequency}: {anybody:.2} W/m², bei der Arbeit {at_work:.1} W/m² (ganzer Körper, 30 Minuten).</translation>
    </message>
    <message>
        <source>{better_name} reaches {ratio:.2}× as far as {worse_name}</source>
        <translation>{better_name} reicht {ratio:.2}× so weit wie {worse_name}</translation>
    </message>
    <message>
        <source>Certain.</source>
        <translation>Sicher.</translation>
    </message>
    <message>
        <source>{better_name} reaches farther than {worse_name}</source>
        <translation>{better_name} reicht weiter als {worse_name}</translation>
    </message>
    <message>
        <source>Likely, not certain: several setups were compared.</source>
        <translation>Wahrscheinlich, nicht sicher: mehrere Setups wurden verglichen.</translation>
    </message>
    <message>
        <source>{a_name} and {b_name} reach equally far</source>
        <translation>{a_name} und {b_name} reichen gleich weit</translation>
    </message>
    <message>
        <source>Their ranges differ by less than {threshold}.</source>
        <translation>Ihre Reichweiten unterscheiden sich um weniger als {threshold}.</translation>
    </message>
    <message>
        <source>{a_name} or {b_name}: cannot tell yet</source>
        <translation>{a_name} oder {b_name}: noch nicht zu sagen</translation>
    </message>
    <message>
        <source>{better_name} probably reaches farther: {ratio:.2}×</source>
        <translation>{better_name} reicht vermutlich weiter: {ratio:.2}×</translation>
    </message>
    <message>
        <source>Not certain yet against {worse_name}.</source>
        <translation>Gegen {worse_name} noch nicht sicher.</translation>
    </message>
    <message>
        <source>{better_name} probably reaches farther</source>
        <translation>{better_name} reicht vermutlich weiter</translation>
    </message>
    <message>
        <source>{a_name} or {b_name}: not enough data</source>
        <translation>{a_name} oder {b_name}: zu wenig Daten</translation>
    </message>
    <message>
        <source>Fly both over the same path until the link grows weak.</source>
        <translation>Beide über denselben Pfad fliegen, bis der Link schwach wird.</translation>
    </message>
    <message>
        <source>{a_name} or {b_name}: power and antenna look alike</source>
        <translation>{a_name} oder {b_name}: Leistung und Antenne sehen gleich aus</translation>
    </message>
    <message>
        <source>The {link} transmitter uses dynamic power, and the logs do not show which. Its range stands, a comparison does not.</source>
        <translation>Der Sender des Links {link} wählt seine Leistung selbst, und die Logs zeigen sie nicht. Die Reichweite gilt, ein Vergleich nicht.</translation>
    </message>
    <message>
        <source>The {link} link is left out: its power is dynamic and not logged.</source>
        <translation>Der Link {link} fehlt: Seine Leistung ist dynamisch und nicht geloggt.</translation>
    </message>
    <message>
        <source>Save the data of this view to see them.</source>
        <translation>Die Daten dieser Ansicht speichern, um sie zu sehen.</translation>
    </message>
    <message>
        <source>Each was flown once: the spread of flights is assumed.</source>
        <translation>Jedes flog einmal: Die Streuung der Flüge ist angenommen.</translation>
    </message>
    <message>
        <source>{name} has the longer range, {chance:likely}.</source>
        <translation>{name} hat {chance:likely} die größere Reichweite.</translation>
    </message>
    <message>
        <source>Range ratio {ratio:.2} (95 %: {ratio.low:.2}–{ratio.high:.2}){paired}. Signal {delta:+.1} (95 %: {delta.low:#+.1} to {delta.high:#+.1}).</source>
        <translation>Reichweite {ratio:.2}× (95 %: {ratio.low:.2}–{ratio.high:.2}){paired}. Signal {delta:+.1} (95 %: {delta.low:#+.1} bis {delta.high:#+.1}).</translation>
    </message>
    <message>
        <source>The range is at least {least:.2}× as long.</source>
        <translation>Die Reichweite ist mindestens {least:.2}× so groß.</translation>
    </message>
    <message>
        <source>Range ratio {ratio:.2} (95 %: {ratio.low:.2}–{ratio.high:.2}){paired}.</source>
        <translation>Reichweite {ratio:.2}× (95 %: {ratio.low:.2}–{ratio.high:.2}){paired}.</translation>
    </message>
    <message>
        <source>Signal {delta:+.1} (95 %: {delta.low:#+.1} to {delta.high:#+.1}){paired}.</source>
        <translation>Signal {delta:+.1} (95 %: {delta.low:#+.1} bis {delta.high:#+.1}){paired}.</translation>
    </message>
    <message>
        <source>More than {threshold} longer: {chance:likely}.</source>
        <translation>Mehr als {threshold} weiter: {chance:likely}.</translation>
    </message>
    <message>
        <source>If anything, {name} is ahead.</source>
        <translation>Wenn überhaupt, liegt {name} vorn.</translation>
    </message>
    <message>
        <source>{pairs} of {planned} planned pairs are flown. An early answer needs a clearer difference.</source>
        <translation>{pairs} von {planned} geplanten Paaren sind geflogen. Eine frühe Antwort braucht einen deutlicheren Unterschied.</translation>
    </message>
    <message>
        <source>Judged at the planned {planned} pairs.</source>
        <translation>Beurteilt nach den geplanten {planned} Paaren.</translation>
    </message>
    <message>
        <source>Judged after {pairs} pairs; {planned} were planned. Each extra look needs a clearer difference.</source>
        <translation>Beurteilt nach {pairs} Paaren; geplant waren {planned}. Jeder weitere Blick braucht einen deutlicheren Unterschied.</translation>
    </message>
    <message>
        <source>On other ground like this, the {link} link: median range {typical}, reliable range {dependable}.</source>
        <translation>In ähnlichem Gelände hat der Link {link} die mittlere Reichweite {typical}, die sichere {dependable}.</translation>
    </message>
    <message>
        <source>Telling them apart would take more than {most} more pairs of flights.</source>
        <translation>Um sie zu unterscheiden, wären über {most} weitere Flugpaare nötig.</translation>
    </message>
    <message>
        <source>Fly {flights} more with both aboard.</source>
        <translation>Noch {flights} fliegen, mit beiden an Bord.</translation>
    </message>
    <message>
        <source>Fly {pairs} more of each.</source>
        <translation>Von jedem noch {pairs} fliegen.</translation>
    </message>
    <message>
        <source>{link} link: {a} {a_flights:flights}, {b} {b_flights:flights}.</source>
        <translation>Link {link}: {a} {a_flights:flights}, {b} {b_flights:flights}.</translation>
    </message>
    <message>
        <source>Both were received in the same {flights:flights-from}. Day and place cancel out.</source>
        <translation>Beide wurden in denselben {flights:flights-from} empfangen. Tag und Ort heben sich auf.</translation>
    </message>
    <message>
        <source>Compared place by place along the shared path. Hills and holes cancel out.</source>
        <translation>Ort für Ort auf dem gemeinsamen Pfad verglichen. Hügel und Löcher heben sich auf.</translation>
    </message>
    <message>
        <source>They share no part of the path. Only their ranges are compared.</source>
        <translation>Sie haben kein Stück Pfad gemeinsam. Nur ihre Reichweiten sind verglichen.</translation>
    </message>
    <message>
        <source>Flight-to-flight spread: {sd:.1} (1σ).</source>
        <translation>Streuung von Flug zu Flug: {sd:.1} (1σ).</translation>
    </message>
    <message>
        <source>Flight-to-flight spread: {sd:.1} (1σ), assumed. Each was flown once.</source>
        <translation>Streuung von Flug zu Flug: {sd:.1} (1σ), angenommen. Jedes flog einmal.</translation>
    </message>
    <message>
        <source>The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, 95 %: {exponent.low:.2}–{exponent.high:.2}). So {delta:.1} is {gain:.0} of range.</source>
        <translation>Das Signal fällt je Faktor 10 der Entfernung um {slope:.0} (Exponent {exponent:.2}, 95 %: {exponent.low:.2}–{exponent.high:.2}). {delta:.1} sind also {gain:.0} Reichweite.</translation>
    </message>
    <message>
        <source>Chance that {setup} reaches farther: {chance:chance}. By more than {threshold}: {chance_more:chance}.</source>
        <translation>Chance, dass {setup} weiter reicht: {chance:chance}. Um mehr als {threshold}: {chance_more:chance}.</translation>
    </message>
    <message>
        <source>{name}: not flown yet</source>
        <translation>{name}: noch nicht geflogen</translation>
    </message>
    <message>
        <source>Fly it over the path to learn its range.</source>
        <translation>Über den Pfad fliegen, um die Reichweite zu erfahren.</translation>
    </message>
    <message>
        <source>{name}: flown on courses only</source>
        <translation>{name}: nur auf Kursen geflogen</translation>
    </message>
    <message>
        <source>See Compare, Sections. For a range, fly it out and back over the path.</source>
        <translation>Siehe Vergleich, Abschnitte. Für eine Reichweite den Pfad hin und zurück fliegen.</translation>
    </message>
    <message>
        <source>{name}: 95 % of flights reach {told}</source>
        <translation>{name}: 95 % der Flüge erreichen {told}</translation>
    </message>
    <message>
        <source>Median range {typical}. Reliable range {dependable}.</source>
        <translation>Mittlere Reichweite {typical}. Sichere Reichweite {dependable}.</translation>
    </message>
    <message>
        <source>{name}: 95 % of flights reach at least {told}</source>
        <translation>{name}: 95 % der Flüge erreichen mindestens {told}</translation>
    </message>
    <message>
        <source>{name}: reliable range unknown</source>
        <translation>{name}: sichere Reichweite unbekannt</translation>
    </message>
    <message>
        <source>Median range {typical}.</source>
        <translation>Mittlere Reichweite {typical}.</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>The {link} link fails first, by {part} at {level:.0}.</source>
        <translation>Zuerst versagt der Link {link}, {part}, bei {level:.0}.</translation>
    </message>
    <message>
        <source>Turn when a link fails, or at your limits of rules, plan and battery. First test the return on link loss, its height clear of everything.</source>
        <translation>Umkehren, wenn ein Link versagt, oder an den Grenzen von Regeln, Plan und Akku. Vorher die Rückkehr bei Linkverlust testen, ihre Höhe über allem.</translation>
    </message>
    <message>
        <source>Import one log of each setup, flown over the same path.</source>
        <translation>Je Setup ein Log importieren, über denselben Pfad geflogen.</translation>
    </message>
    <message>
        <source>No run of it counts yet. Fly in turns with the others, over the same path.</source>
        <translation>Noch zählt kein Lauf davon. Abwechselnd mit den anderen fliegen, über denselben Pfad.</translation>
    </message>
    <message>
        <source>Fly {setups}: 3 flights each</source>
        <translation>{setups} fliegen: je 3 Flüge</translation>
    </message>
    <message>
        <source>On the {links} link fewer flights give no useful interval. Fly in turns, over the same path.</source>
        <translation>Auf dem Link {links} ergeben weniger Flüge kein brauchbares Intervall. Abwechselnd über denselben Pfad fliegen.</translation>
    </message>
    <message>
        <source>Fly {name} {more:times-more}</source>
        <translation>{name} {more:times-more} fliegen</translation>
    </message>
    <message>
        <source>It has {flown:flights} on the {links} link. Three give a useful interval. Fly in turns.</source>
        <translation>Auf dem Link {links}: {flown:flights}. Drei ergeben ein brauchbares Intervall. Abwechselnd fliegen.</translation>
    </message>
    <message>
        <source>Fly {more:flights-more}, {a_name} and {b_name} aboard</source>
        <translation>{more:flights-more}, {a_name} und {b_name} an Bord</translation>
    </message>
    <message>
        <source>Record both in one flight, as before. {how}</source>
        <translation>Beide in einem Flug aufzeichnen, wie zuvor. {how}</translation>
    </message>
    <message>
        <source>Fly {more:pairs-more}: {a_name} and {b_name}</source>
        <translation>{more:pairs-more} fliegen: {a_name} und {b_name}</translation>
    </message>
    <message>
        <source>Fly in turns, same path, same height. {how} Recording both in one flight takes fewer.</source>
        <translation>Abwechselnd fliegen, gleicher Pfad, gleiche Höhe. {how} Beide in einem Flug aufgezeichnet, genügen weniger.</translation>
    </message>
    <message>
        <source>Without it, only the distance flown is known. Or fly on: {how}</source>
        <translation>Ohne sie ist nur die geflogene Entfernung bekannt. Oder weiter fliegen: {how}</translation>
    </message>
    <message>
        <source>Plan with {name} to {told}</source>
        <translation>Mit {name} bis {told} planen</translation>
    </message>
    <message>
        <source>{share:.0} of new flights reach that far ({sure:.0} sure). No other setup may be planned farther.</source>
        <translation>{share:.0} der neuen Flüge kommen so weit ({sure:.0} sicher). Kein anderes Setup darf weiter geplant werden.</translation>
    </message>
    <message>
        <source>{share:.0} of new flights reach at least that far ({sure:.0} sure). Only a longer flight shows more.</source>
        <translation>{share:.0} der neuen Flüge kommen mindestens so weit ({sure:.0} sicher). Mehr zeigt nur ein weiterer Flug.</translation>
    </message>
    <message>
        <source>To reach the far post ({distance}), the {link} link needs {more:.1} more.</source>
        <translation>Bis zum fernen Pfosten ({distance}) braucht der Link {link} {more:.1} mehr.</translation>
    </message>
    <message>
        <source>{power:.0} more on the {link} link gives {gain:.0} more range.</source>
        <translation>{power:.0} mehr auf dem Link {link} geben {gain:.0} mehr Reichweite.</translation>
    </message>
    <message>
        <source>The answer appears here in a moment.</source>
        <translation>Die Antwort erscheint gleich hier.</translation>
    </message>
    <message>
        <source>a campaign file&apos;s name ends in .distanz</source>
        <translation>der Name einer Kampagnendatei endet auf .distanz</translation>
    </message>
    <message>
        <source>it tells of a video link ({columns}), and the kit has none; add a video link first</source>
        <translation>es gehört zu einem Videolink ({columns}), und die Ausrüstung hat keinen; zuerst einen Videolink hinzufügen</translation>
    </message>
    <message>
        <source>it tells of a control link ({columns}), and the kit has none; add a control link first</source>
        <translation>es gehört zu einem Steuerlink ({columns}), und die Ausrüstung hat keinen; zuerst einen Steuerlink hinzufügen</translation>
    </message>
    <message>
        <source>Not used: {columns}. They are of a video link, and the kit has none. Add one under Kit, Links.</source>
        <translation>Nicht benutzt: {columns}. Sie gehören zu einem Videolink, den die Ausrüstung nicht hat. Unter Ausrüstung, Links hinzufügen.</translation>
    </message>
    <message>
        <source>Not used: {columns}. They are of a control link, and the kit has none. Add one under Kit, Links.</source>
        <translation>Nicht benutzt: {columns}. Sie gehören zu einem Steuerlink, den die Ausrüstung nicht hat. Unter Ausrüstung, Links hinzufügen.</translation>
    </message>
    <message>
        <source>{name}: range unknown</source>
        <translation>{name}: Reichweite unbekannt</translation>
    </message>
    <message>
        <source>The {link} link reaches {factor:.2}× as far (95 %: {factor.low:.2}–{factor.high:.2}).</source>
        <translation>Der Link {link} reicht {factor:.2}× so weit (95 %: {factor.low:.2}–{factor.high:.2}).</translation>
    </message>
    <message>
        <source>Which of the two links fails first is not certain.</source>
        <translation>Welcher der beiden Links zuerst versagt, ist nicht sicher.</translation>
    </message>
    <message>
        <source>The {link} link reaches farther than was flown.</source>
        <translation>Der Link {link} reicht weiter, als geflogen wurde.</translation>
    </message>
    <message>
        <source>The range of its {link} link is unknown.</source>
        <translation>Die Reichweite des Links {link} ist unbekannt.</translation>
    </message>
    <message>
        <source>{name}: turn at {at} at the latest ({what}).</source>
        <translation>{name}: spätestens bei {at} umkehren ({what}).</translation>
    </message>
    <message>
        <source>{name}: turn at {at} at the latest. 95 % of flights on the {link} link get there.</source>
        <translation>{name}: spätestens bei {at} umkehren. 95 % der Flüge auf dem Link {link} kommen so weit.</translation>
    </message>
    <message>
        <source>{name}: turn at {at} at the latest. 95 % of flights on the {link} link should get there, as predicted.</source>
        <translation>{name}: spätestens bei {at} umkehren. So weit sollten nach der Vorhersage 95 % der Flüge auf dem Link {link} kommen.</translation>
    </message>
    <message>
        <source>{setup}: the battery allows a turn at {turn}, with {reserve:.0} kept.</source>
        <translation>{setup}: Der Akku erlaubt eine Umkehr bei {turn}, mit {reserve:.0} Reserve.</translation>
    </message>
</context>
<context>
    <name>lanes</name>
    <message>
        <source>What the place gives or takes, whatever is flown</source>
        <translation>Was der Ort gibt oder nimmt, was auch fliegt</translation>
    </message>
    <message>
        <source>no signal to tell places apart by</source>
        <translation>kein Signal, um Orte zu unterscheiden</translation>
    </message>
    <message>
        <source>Residuals: what neither flight nor place explains</source>
        <translation>Reste: was weder Flug noch Ort erklärt</translation>
    </message>
    <message>
        <source>Place profile</source>
        <translation>Ortsprofil</translation>
    </message>
    <message>
        <source>Dropouts</source>
        <translation>Aussetzer</translation>
    </message>
    <message>
        <source>Residuals</source>
        <translation>Reste</translation>
    </message>
    <message>
        <source>Predicted signal</source>
        <translation>Vorhergesagtes Signal</translation>
    </message>
    <message>
        <source>Enter transmit power and antenna gains in Kit to see a prediction</source>
        <translation>Sendeleistung und Antennengewinne unter Ausrüstung eingeben, um eine Vorhersage zu sehen</translation>
    </message>
    <message>
        <source>no range known yet</source>
        <translation>noch keine Reichweite bekannt</translation>
    </message>
    <message>
        <source>Flights that still hold</source>
        <translation>Flüge, die noch halten</translation>
    </message>
    <message>
        <source>Every single flight</source>
        <translation>Jeder einzelne Flug</translation>
    </message>
    <message>
        <source>ray to the far post</source>
        <translation>Strahl zum fernen Posten</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>lowest height that is clear on every link</source>
        <translation>niedrigste Höhe, die auf jeder Verbindung frei ist</translation>
    </message>
    <message>
        <source>%1 of the distance</source>
        <translation>%1 der Entfernung</translation>
    </message>
    <message>
        <source>Set the far post to see the profile</source>
        <translation>Den fernen Posten setzen, um das Profil zu sehen</translation>
    </message>
    <message>
        <source>Set the station and the far post to see the profile</source>
        <translation>Station und fernen Posten setzen, um das Profil zu sehen</translation>
    </message>
    <message>
        <source>no signal logged</source>
        <translation>kein Signal im Log</translation>
    </message>
    <message>
        <source>usable %1 of the time</source>
        <translation>brauchbar %1 der Zeit</translation>
    </message>
    <message>
        <source>nothing tells the rule</source>
        <translation>nichts sagt, ob die Regel hielt</translation>
    </message>
    <message>
        <source>worst second %1</source>
        <translation>schlechteste Sekunde %1</translation>
    </message>
    <message>
        <source>not flown there</source>
        <translation>dort nicht geflogen</translation>
    </message>
    <message>
        <source>far post</source>
        <translation>ferner Pfosten</translation>
    </message>
    <message>
        <source>nose</source>
        <translation>Bug</translation>
    </message>
    <message>
        <source>90° right</source>
        <translation>90° rechts</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>tail</source>
        <translation>Heck</translation>
    </message>
    <message>
        <source>90° left</source>
        <translation>90° links</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>where the station had the aircraft</source>
        <translation>wo die Station das Fluggerät hatte</translation>
    </message>
    <message>
        <source>side that faced the station, from above</source>
        <translation>Seite, die zur Station zeigte, von oben</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, at %2</source>
        <translation>%1, mit %2</translation>
    </message>
    <message>
        <source>first at %1 (%2), %3 of %4 flights</source>
        <translation>zuerst bei %1 (%2), %3 von %4 Flügen</translation>
    </message>
    <message>
        <source>at least %1, %2 of %3 flights changed</source>
        <translation>mindestens %1, %2 von %3 Flügen wechselten</translation>
    </message>
    <message>
        <source>%1 of %2 flights changed, flown to %3</source>
        <translation>%1 von %2 Flügen wechselten, geflogen bis %3</translation>
    </message>
    <message>
        <source>lost %1, back %2</source>
        <translation>weg %1, zurück %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>run</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>out, mAh/km</source>
        <translation>hin, mAh/km</translation>
    </message>
    <message>
        <source>back, mAh/km</source>
        <translation>zurück, mAh/km</translation>
    </message>
    <message>
        <source>both, mAh/km</source>
        <translation>beide, mAh/km</translation>
    </message>
    <message>
        <source>in all, mAh</source>
        <translation>insgesamt, mAh</translation>
    </message>
    <message>
        <source>wind against out</source>
        <translation>Wind gegen hin</translation>
    </message>
    <message>
        <source>battery, begin to lowest</source>
        <translation>Akku, Beginn bis tiefste</translation>
    </message>
    <message>
        <source>Where it first changed on the way out</source>
        <translation>Wo es auf dem Hinweg zuerst wechselte</translation>
    </message>
    <message>
        <source>ring: usual; bar: 95 %; arrow: not changed that far</source>
        <translation>Ring: üblich; Balken: 95 %; Pfeil: bis dahin kein Wechsel</translation>
    </message>
    <message>
        <source>Pictures that stood still</source>
        <translation>Bilder, die standen</translation>
    </message>
    <message>
        <source>bars: freezes per 100 m flown there; the highest is %1</source>
        <translation>Balken: Standbilder je 100 m Flug dort; der höchste ist %1</translation>
    </message>
    <message>
        <source>Charge</source>
        <translation>Ladung</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>%1 of %2 directions, %3; band: 95 %</source>
        <translation>%1 von %2 Richtungen, %3; Band: 95 %</translation>
    </message>
    <message>
        <source>none in %1</source>
        <translation>keine auf %1</translation>
    </message>
    <message>
        <source>every %1</source>
        <translation>alle %1</translation>
    </message>
    <message>
        <source>surely under one in %1</source>
        <translation>sicher unter einem auf %1</translation>
    </message>
    <message>
        <source>95 %: %1</source>
        <translation>95 %: %1</translation>
    </message>
    <message>
        <source>wind along the path, as the speeds out and back tell it</source>
        <translation>Wind am Weg entlang, wie ihn die Geschwindigkeiten hin und zurück zeigen</translation>
    </message>
    <message>
        <source>dropouts per pass: %1</source>
        <translation>Aussetzer je Durchgang: %1</translation>
    </message>
    <message>
        <source>95 % of flights get this far</source>
        <translation>so weit kommen 95 % der Flüge</translation>
    </message>
    <message>
        <source>uncertain</source>
        <translation>unsicher</translation>
    </message>
    <message>
        <source>half of flights</source>
        <translation>Hälfte der Flüge</translation>
    </message>
    <message>
        <source>flown</source>
        <translation>geflogen</translation>
    </message>
    <message>
        <source>predicted</source>
        <translation>vorhergesagt</translation>
    </message>
    <message>
        <source>fails here</source>
        <translation>versagt hier</translation>
    </message>
    <message>
        <source>turn here</source>
        <translation>hier umkehren</translation>
    </message>
    <message>
        <source>Ranges: %1 link.</source>
        <translation>Reichweiten: Link %1.</translation>
    </message>
    <message>
        <source>Ranges: first link to fail of %1.</source>
        <translation>Reichweiten: zuerst versagender Link von %1.</translation>
    </message>
    <message>
        <source>Each setup gets a bar here.</source>
        <translation>Jedes Setup bekommt hier einen Balken.</translation>
    </message>
    <message>
        <source>station</source>
        <translation>Station</translation>
    </message>
    <message>
        <source>plan with</source>
        <translation>planen mit</translation>
    </message>
    <message>
        <source>95 %</source>
        <translation>95 %</translation>
    </message>
    <message>
        <source>50 %</source>
        <translation>50 %</translation>
    </message>
    <message>
        <source>not enough data</source>
        <translation>zu wenig Daten</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>courses only</source>
        <translation>nur Kurse</translation>
    </message>
    <message>
        <source>not flown</source>
        <translation>nicht geflogen</translation>
    </message>
    <message>
        <source>plan with %1</source>
        <translation>planen mit %1</translation>
    </message>
    <message>
        <source>predicted %1</source>
        <translation>vorhergesagt %1</translation>
    </message>
    <message>
        <source>%1 link: 95 % of flights get there</source>
        <translation>Link %1: 95 % der Flüge kommen so weit</translation>
    </message>
    <message>
        <source>%1 link, predicted: 95 % of flights</source>
        <translation>Link %1, vorhergesagt: 95 % der Flüge</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>then %1: %2</source>
        <translation>dann %1: %2</translation>
    </message>
    <message>
        <source>minimum usable signal %1</source>
        <translation>Mindestsignal %1</translation>
    </message>
    <message>
        <source>usable limit %1</source>
        <translation>Nutzgrenze %1</translation>
    </message>
    <message>
        <source>New flights that get this far; strokes: where each flight lost the link</source>
        <translation>Neue Flüge, die so weit kommen; Striche: wo jeder Flug den Link verlor</translation>
    </message>
    <message>
        <source>%1: reliable range</source>
        <translation>%1: sichere Reichweite</translation>
    </message>
    <message>
        <source>%1: median range</source>
        <translation>%1: mittlere Reichweite</translation>
    </message>
    <message>
        <source>%1 link: minimum usable signal %2</source>
        <translation>Link %1: Mindestsignal %2</translation>
    </message>
    <message>
        <source>Dropouts: strokes where the link was below its usable limit</source>
        <translation>Aussetzer: Striche, wo der Link unter seiner Nutzgrenze war</translation>
    </message>
</context>
<context>
    <name>quantity</name>
    <message>
        <source>no limit</source>
        <translation>keine Grenze</translation>
    </message>
    <message>
        <source>possibly</source>
        <translation>möglicherweise</translation>
    </message>
    <message>
        <source>almost certainly</source>
        <translation>so gut wie sicher</translation>
    </message>
    <message>
        <source>very likely</source>
        <translation>sehr wahrscheinlich</translation>
    </message>
    <message>
        <source>likely</source>
        <translation>wahrscheinlich</translation>
    </message>
    <message>
        <source>more likely than not</source>
        <translation>eher ja als nein</translation>
    </message>
    <message>
        <source>as likely as not</source>
        <translation>so wahrscheinlich wie nicht</translation>
    </message>
    <message>
        <source>probably not</source>
        <translation>wahrscheinlich nicht</translation>
    </message>
    <message>
        <source>over %1</source>
        <translation>über %1</translation>
    </message>
    <message>
        <source>under %1</source>
        <translation>unter %1</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>ab %1</translation>
    </message>
</context>
<context>
    <name>standin</name>
    <message>
        <source>the instrument; see list</source>
        <translation>das Gerät; siehe list</translation>
    </message>
    <message>
        <source>a fault to be found</source>
        <translation>ein Fehler, der zu finden ist</translation>
    </message>
    <message>
        <source>of its noise</source>
        <translation>seines Rauschens</translation>
    </message>
    <message>
        <source>Simulated instruments with faults to find, for practice and tests</source>
        <translation>Nachgebildete Geräte mit Fehlern zum Finden, zum Üben und Prüfen</translation>
    </message>
    <message>
        <source>The instruments and their faults</source>
        <translation>Die Geräte und ihre Fehler</translation>
    </message>
    <message>
        <source>Write what an instrument tells as a file</source>
        <translation>Als Datei schreiben, was ein Gerät sagt</translation>
    </message>
    <message>
        <source>a new file</source>
        <translation>eine neue Datei</translation>
    </message>
    <message>
        <source>Serve it as lines of text; the place to connect to is printed</source>
        <translation>Als Textzeilen senden; der Ort zum Verbinden wird ausgegeben</translation>
    </message>
    <message>
        <source>port, on this machine only; any that is free where not said</source>
        <translation>Port, nur auf diesem Rechner; ohne Angabe irgendein freier</translation>
    </message>
    <message>
        <source>on a pseudo-terminal</source>
        <translation>auf einem Pseudoterminal</translation>
    </message>
    <message>
        <source>seconds between lines</source>
        <translation>Sekunden zwischen Zeilen</translation>
    </message>
    <message>
        <source>stop after one listener</source>
        <translation>nach einem Zuhörer aufhören</translation>
    </message>
</context>
<context>
    <name>term</name>
    <message>
        <source>its link quality</source>
        <translation>ihre Linkqualität</translation>
    </message>
    <message>
        <source>its bitrate</source>
        <translation>ihre Bitrate</translation>
    </message>
    <message>
        <source>its signal margin</source>
        <translation>ihre Signalreserve</translation>
    </message>
    <message>
        <source>quality</source>
        <translation>Qualität</translation>
    </message>
    <message>
        <source>bitrate</source>
        <translation>Bitrate</translation>
    </message>
    <message>
        <source>margin</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>quality rule</source>
        <translation>Qualitätsregel</translation>
    </message>
    <message>
        <source>bitrate rule</source>
        <translation>Bitratenregel</translation>
    </message>
    <message>
        <source>sensitivity you entered</source>
        <translation>eingegebenen Empfindlichkeit</translation>
    </message>
    <message>
        <source>GNSS</source>
        <translation>GNSS</translation>
    </message>
    <message>
        <source>the distance column</source>
        <translation>die Entfernungsspalte</translation>
    </message>
    <message>
        <source>check that it is still there</source>
        <translation>prüfen, ob es noch da ist</translation>
    </message>
    <message>
        <source>free some space and try again</source>
        <translation>Platz schaffen und erneut versuchen</translation>
    </message>
    <message>
        <source>check the permissions, or choose another folder</source>
        <translation>die Rechte prüfen, oder einen anderen Ordner wählen</translation>
    </message>
    <message>
        <source>choose a shorter name</source>
        <translation>einen kürzeren Namen wählen</translation>
    </message>
    <message>
        <source>check the disk, or choose another folder</source>
        <translation>die Platte prüfen, oder einen anderen Ordner wählen</translation>
    </message>
    <message>
        <source>link lost</source>
        <translation>Verbindung verloren</translation>
    </message>
    <message>
        <source>quality limit reached</source>
        <translation>Qualitätsgrenze erreicht</translation>
    </message>
    <message>
        <source>turned back by choice</source>
        <translation>freiwillig umgekehrt</translation>
    </message>
    <message>
        <source>battery</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>legal or site limit</source>
        <translation>Vorschrift oder Ortsgrenze</translation>
    </message>
    <message>
        <source>obstacle</source>
        <translation>Hindernis</translation>
    </message>
    <message>
        <source>aircraft trouble</source>
        <translation>Störung am Fluggerät</translation>
    </message>
    <message>
        <source>limit built into the equipment</source>
        <translation>ins Gerät eingebaute Grenze</translation>
    </message>
    <message>
        <source>frequency</source>
        <translation>Frequenz</translation>
    </message>
    <message>
        <source>sensitivity</source>
        <translation>Empfindlichkeit</translation>
    </message>
    <message>
        <source>least link quality</source>
        <translation>Mindest-Linkqualität</translation>
    </message>
    <message>
        <source>least bitrate</source>
        <translation>Mindest-Bitrate</translation>
    </message>
    <message>
        <source>transmit power</source>
        <translation>Sendeleistung</translation>
    </message>
    <message>
        <source>transmit antenna gain</source>
        <translation>Gewinn der Sendeantenne</translation>
    </message>
    <message>
        <source>transmit cable loss</source>
        <translation>Kabelverlust am Sender</translation>
    </message>
    <message>
        <source>receive antenna gain</source>
        <translation>Gewinn der Empfangsantenne</translation>
    </message>
    <message>
        <source>receive cable loss</source>
        <translation>Kabelverlust am Empfänger</translation>
    </message>
    <message>
        <source>antenna height</source>
        <translation>Antennenhöhe</translation>
    </message>
    <message>
        <source>distance of the far post</source>
        <translation>Entfernung des Endpfostens</translation>
    </message>
    <message>
        <source>bearing of the far post</source>
        <translation>Richtung des Endpfostens</translation>
    </message>
    <message>
        <source>height of the flight</source>
        <translation>Flughöhe</translation>
    </message>
    <message>
        <source>spacing of posts</source>
        <translation>Pfostenabstand</translation>
    </message>
    <message>
        <source>path-loss exponent</source>
        <translation>Ausbreitungsexponent</translation>
    </message>
    <message>
        <source>setup</source>
        <translation>Setup</translation>
    </message>
    <message>
        <source>order</source>
        <translation>Folge</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>why it ended</source>
        <translation>warum beendet</translation>
    </message>
    <message>
        <source>reduced power</source>
        <translation>verringerte Leistung</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>latitude</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>longitude</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>signal to noise</source>
        <translation>Signal-Rausch-Abstand</translation>
    </message>
    <message>
        <source>signal</source>
        <translation>Signal</translation>
    </message>
    <message>
        <source>link quality</source>
        <translation>Linkqualität</translation>
    </message>
    <message>
        <source>delay</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>packet rate</source>
        <translation>Paketrate</translation>
    </message>
    <message>
        <source>mode</source>
        <translation>Modus</translation>
    </message>
    <message>
        <source>level without a unit</source>
        <translation>Pegel ohne Einheit</translation>
    </message>
    <message>
        <source>fades on antenna A</source>
        <translation>Schwund an Antenne A</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Entfernung</translation>
    </message>
    <message>
        <source>altitude above the sea</source>
        <translation>Höhe über dem Meer</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Geschwindigkeit</translation>
    </message>
    <message>
        <source>heading</source>
        <translation>Kurs</translation>
    </message>
    <message>
        <source>satellites</source>
        <translation>Satelliten</translation>
    </message>
    <message>
        <source>battery voltage</source>
        <translation>Akkuspannung</translation>
    </message>
    <message>
        <source>charge used</source>
        <translation>verbrauchte Ladung</translation>
    </message>
    <message>
        <source>current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>never seen failing</source>
        <translation>nie versagen gesehen</translation>
    </message>
    <message>
        <source>seldom seen failing</source>
        <translation>selten versagen gesehen</translation>
    </message>
    <message>
        <source>VSWR</source>
        <translation>VSWR</translation>
    </message>
    <message>
        <source>least VSWR</source>
        <translation>kleinstes VSWR</translation>
    </message>
    <message>
        <source>mismatch loss</source>
        <translation>Fehlanpassungsverlust</translation>
    </message>
    <message>
        <source>return loss</source>
        <translation>Rückflussdämpfung</translation>
    </message>
    <message>
        <source>power accepted</source>
        <translation>aufgenommene Leistung</translation>
    </message>
    <message>
        <source>range lost</source>
        <translation>Reichweitenverlust</translation>
    </message>
    <message>
        <source>resonance moved by</source>
        <translation>Resonanz verschoben um</translation>
    </message>
    <message>
        <source>lost by the change</source>
        <translation>durch die Änderung verloren</translation>
    </message>
    <message>
        <source>reflection moved by a hand</source>
        <translation>Reflexion durch die Hand bewegt</translation>
    </message>
    <message>
        <source>settled power</source>
        <translation>eingeschwungene Leistung</translation>
    </message>
    <message>
        <source>power before arming</source>
        <translation>Leistung vor dem Scharfschalten</translation>
    </message>
    <message>
        <source>share of nominal</source>
        <translation>Anteil der Angabe</translation>
    </message>
    <message>
        <source>warm-up</source>
        <translation>Einschwingzeit</translation>
    </message>
    <message>
        <source>droop</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>scale from</source>
        <translation>Skala ab</translation>
    </message>
    <message>
        <source>scale up to</source>
        <translation>Skala bis</translation>
    </message>
    <message>
        <source>coarsest step</source>
        <translation>gröbster Schritt</translation>
    </message>
    <message>
        <source>scatter of a reading</source>
        <translation>Streuung einer Ablesung</translation>
    </message>
    <message>
        <source>half-power width</source>
        <translation>Halbwertsbreite</translation>
    </message>
    <message>
        <source>front to back</source>
        <translation>Vor-Rück-Verhältnis</translation>
    </message>
    <message>
        <source>gain</source>
        <translation>Gewinn</translation>
    </message>
    <message>
        <source>usable angle</source>
        <translation>nutzbarer Winkel</translation>
    </message>
    <message>
        <source>stands for</source>
        <translation>steht für</translation>
    </message>
    <message>
        <source>in free space</source>
        <translation>im freien Raum</translation>
    </message>
    <message>
        <source>attenuator to fit</source>
        <translation>einzusetzende Dämpfung</translation>
    </message>
    <message>
        <source>midpoint</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>scatter of midpoints</source>
        <translation>Streuung der Mitten</translation>
    </message>
    <message>
        <source>turned best</source>
        <translation>am besten gedreht</translation>
    </message>
    <message>
        <source>turned worst</source>
        <translation>am schlechtesten gedreht</translation>
    </message>
    <message>
        <source>polarisation loss</source>
        <translation>Polarisationsverlust</translation>
    </message>
    <message>
        <source>with bounced power</source>
        <translation>mit reflektierter Leistung</translation>
    </message>
    <message>
        <source>pointing loss</source>
        <translation>Richtverlust</translation>
    </message>
    <message>
        <source>occupied (99 %)</source>
        <translation>belegt (99 %)</translation>
    </message>
    <message>
        <source>width at -20 dB</source>
        <translation>Breite bei -20 dB</translation>
    </message>
    <message>
        <source>power in the band</source>
        <translation>Leistung im Band</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Grundpegel</translation>
    </message>
    <message>
        <source>armed over idle</source>
        <translation>scharf über Leerlauf</translation>
    </message>
    <message>
        <source>noise floor rises</source>
        <translation>Rauschen steigt</translation>
    </message>
    <message>
        <source>isolation by distance and filter</source>
        <translation>Entkopplung durch Abstand und Filter</translation>
    </message>
    <message>
        <source>fades of antenna</source>
        <translation>Aussetzer der Antenne</translation>
    </message>
    <message>
        <source>lost frames</source>
        <translation>verlorene Rahmen</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>Haltezustände</translation>
    </message>
    <message>
        <source>share received</source>
        <translation>angekommener Anteil</translation>
    </message>
    <message>
        <source>distance reached</source>
        <translation>erreichte Entfernung</translation>
    </message>
    <message>
        <source>reached before</source>
        <translation>vorher erreicht</translation>
    </message>
    <message>
        <source>reached after</source>
        <translation>nachher erreicht</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>at full power</source>
        <translation>bei voller Leistung</translation>
    </message>
    <message>
        <source>on less off</source>
        <translation>an weniger ab</translation>
    </message>
    <message>
        <source>by chance alone</source>
        <translation>aus Zufall allein</translation>
    </message>
    <message>
        <source>all lobes alike</source>
        <translation>alle Flügel gleich</translation>
    </message>
    <message>
        <source>every element joined</source>
        <translation>jedes Element verbunden</translation>
    </message>
    <message>
        <source>gaps equal</source>
        <translation>Abstände gleich</translation>
    </message>
    <message>
        <source>connector straight</source>
        <translation>Stecker gerade</translation>
    </message>
    <message>
        <source>connector tight</source>
        <translation>Stecker fest</translation>
    </message>
    <message>
        <source>connector of the right gender</source>
        <translation>Stecker passender Art</translation>
    </message>
    <message>
        <source>of the right hand</source>
        <translation>richtige Drehrichtung</translation>
    </message>
    <message>
        <source>cover whole and dry</source>
        <translation>Hülle heil und trocken</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie sie ist</translation>
    </message>
    <message>
        <source>bare</source>
        <translation>ohne Hülle</translation>
    </message>
    <message>
        <source>covered</source>
        <translation>mit Hülle</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>cable free</source>
        <translation>Kabel frei</translation>
    </message>
    <message>
        <source>cable held</source>
        <translation>Kabel gehalten</translation>
    </message>
    <message>
        <source>idle</source>
        <translation>Leerlauf</translation>
    </message>
    <message>
        <source>armed</source>
        <translation>scharf</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>off</source>
        <translation>ab</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>real part of the reflection</source>
        <translation>Realteil der Reflexion</translation>
    </message>
    <message>
        <source>imaginary part</source>
        <translation>Imaginärteil</translation>
    </message>
    <message>
        <source>power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>offset</source>
        <translation>Versatz</translation>
    </message>
    <message>
        <source>search</source>
        <translation>Suchlauf</translation>
    </message>
    <message>
        <source>walk</source>
        <translation>Gang</translation>
    </message>
    <message>
        <source>in order</source>
        <translation>der Reihe nach</translation>
    </message>
    <message>
        <source>costs of range</source>
        <translation>kostet an Reichweite</translation>
    </message>
    <message>
        <source>antenna</source>
        <translation>Antenne</translation>
    </message>
    <message>
        <source>fades</source>
        <translation>Aussetzer</translation>
    </message>
    <message>
        <source>Does it fit its channel?</source>
        <translation>Passt sie auf ihren Kanal?</translation>
    </message>
    <message>
        <source>Does it look sound?</source>
        <translation>Sieht sie heil aus?</translation>
    </message>
    <message>
        <source>Can all that is claimed be true?</source>
        <translation>Kann alles Behauptete stimmen?</translation>
    </message>
    <message>
        <source>Does it hold its power?</source>
        <translation>Hält er seine Leistung?</translation>
    </message>
    <message>
        <source>What does the receiver&apos;s scale mean?</source>
        <translation>Was bedeutet die Skala des Empfängers?</translation>
    </message>
    <message>
        <source>Where does it radiate?</source>
        <translation>Wohin strahlt sie?</translation>
    </message>
    <message>
        <source>What does an attenuator stand for?</source>
        <translation>Wofür steht ein Dämpfungsglied?</translation>
    </message>
    <message>
        <source>Are both on one frequency?</source>
        <translation>Sind beide auf einer Frequenz?</translation>
    </message>
    <message>
        <source>What do polarisation and pointing cost?</source>
        <translation>Was kosten Polarisation und Ausrichtung?</translation>
    </message>
    <message>
        <source>What is on the air?</source>
        <translation>Was ist auf Sendung?</translation>
    </message>
    <message>
        <source>What disturbs the receiver?</source>
        <translation>Was stört den Empfänger?</translation>
    </message>
    <message>
        <source>Is it healthy enough to fly?</source>
        <translation>Ist es gesund genug zum Fliegen?</translation>
    </message>
    <message>
        <source>How far does it reach on foot?</source>
        <translation>Wie weit reicht es zu Fuß?</translation>
    </message>
    <message>
        <source>Does the part do anything?</source>
        <translation>Bewirkt das Teil etwas?</translation>
    </message>
    <message>
        <source>antenna sweep</source>
        <translation>Antennenkurve</translation>
    </message>
    <message>
        <source>inspection</source>
        <translation>Sichtprüfung</translation>
    </message>
    <message>
        <source>claims</source>
        <translation>Angaben</translation>
    </message>
    <message>
        <source>transmitter power</source>
        <translation>Sendeleistung</translation>
    </message>
    <message>
        <source>signal calibration</source>
        <translation>Signalkalibrierung</translation>
    </message>
    <message>
        <source>turntable</source>
        <translation>Drehtisch</translation>
    </message>
    <message>
        <source>attenuator</source>
        <translation>Dämpfungsglied</translation>
    </message>
    <message>
        <source>frequency trim</source>
        <translation>Frequenzabgleich</translation>
    </message>
    <message>
        <source>polarisation</source>
        <translation>Polarisation</translation>
    </message>
    <message>
        <source>spectrum</source>
        <translation>Frequenzbelegung</translation>
    </message>
    <message>
        <source>noise floor</source>
        <translation>Rauschen</translation>
    </message>
    <message>
        <source>ground check</source>
        <translation>Bodenprüfung</translation>
    </message>
    <message>
        <source>reduced-power walk</source>
        <translation>Gang mit kleiner Leistung</translation>
    </message>
    <message>
        <source>swap test</source>
        <translation>Tauschtest</translation>
    </message>
    <message>
        <source>VSWR that a band is told for</source>
        <translation>VSWR, für das ein Band genannt wird</translation>
    </message>
    <message>
        <source>half-power width in height</source>
        <translation>Halbwertsbreite in der Höhe</translation>
    </message>
    <message>
        <source>half-power width across</source>
        <translation>Halbwertsbreite quer</translation>
    </message>
    <message>
        <source>VSWR at most</source>
        <translation>VSWR höchstens</translation>
    </message>
    <message>
        <source>band from</source>
        <translation>Band von</translation>
    </message>
    <message>
        <source>band to</source>
        <translation>Band bis</translation>
    </message>
    <message>
        <source>axial ratio</source>
        <translation>Achsenverhältnis</translation>
    </message>
    <message>
        <source>largest size</source>
        <translation>größte Ausdehnung</translation>
    </message>
    <message>
        <source>turns of a helix</source>
        <translation>Windungen einer Helix</translation>
    </message>
    <message>
        <source>radiates alike all around</source>
        <translation>strahlt rundum gleich</translation>
    </message>
    <message>
        <source>nominal power</source>
        <translation>angegebene Leistung</translation>
    </message>
    <message>
        <source>attenuator before the meter</source>
        <translation>Dämpfungsglied vor dem Messgerät</translation>
    </message>
    <message>
        <source>cable before the meter</source>
        <translation>Kabel vor dem Messgerät</translation>
    </message>
    <message>
        <source>power read</source>
        <translation>abgelesene Leistung</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>supply</source>
        <translation>Versorgung</translation>
    </message>
    <message>
        <source>1 before arming</source>
        <translation>1 vor dem Scharfschalten</translation>
    </message>
    <message>
        <source>level without the attenuator</source>
        <translation>Pegel ohne Dämpfungsglied</translation>
    </message>
    <message>
        <source>attenuation</source>
        <translation>Dämpfung</translation>
    </message>
    <message>
        <source>what is read</source>
        <translation>was abgelesen wird</translation>
    </message>
    <message>
        <source>gain of the reference antenna</source>
        <translation>Gewinn der Bezugsantenne</translation>
    </message>
    <message>
        <source>level with the reference antenna</source>
        <translation>Pegel mit der Bezugsantenne</translation>
    </message>
    <message>
        <source>loss that is still usable</source>
        <translation>noch nutzbarer Verlust</translation>
    </message>
    <message>
        <source>range wanted</source>
        <translation>gewünschte Reichweite</translation>
    </message>
    <message>
        <source>space there is</source>
        <translation>vorhandener Platz</translation>
    </message>
    <message>
        <source>fails below</source>
        <translation>versagt unter</translation>
    </message>
    <message>
        <source>fails above</source>
        <translation>versagt über</translation>
    </message>
    <message>
        <source>low-power mode left again</source>
        <translation>Betrieb mit kleiner Leistung verlassen</translation>
    </message>
    <message>
        <source>axial ratio of the first</source>
        <translation>Achsenverhältnis der ersten</translation>
    </message>
    <message>
        <source>axial ratio of the second</source>
        <translation>Achsenverhältnis der zweiten</translation>
    </message>
    <message>
        <source>turned against each other by</source>
        <translation>gegeneinander gedreht um</translation>
    </message>
    <message>
        <source>share of power that has bounced</source>
        <translation>Anteil reflektierter Leistung</translation>
    </message>
    <message>
        <source>pointing error</source>
        <translation>Richtfehler</translation>
    </message>
    <message>
        <source>hand of the first</source>
        <translation>Drehsinn der ersten</translation>
    </message>
    <message>
        <source>hand of the second</source>
        <translation>Drehsinn der zweiten</translation>
    </message>
    <message>
        <source>above the floor counts as used</source>
        <translation>über dem Grund gilt als belegt</translation>
    </message>
    <message>
        <source>filter in between</source>
        <translation>Filter dazwischen</translation>
    </message>
    <message>
        <source>power below full</source>
        <translation>Leistung unter voller</translation>
    </message>
    <message>
        <source>duration</source>
        <translation>Dauer</translation>
    </message>
    <message>
        <source>lost frames a minute allowed</source>
        <translation>erlaubte verlorene Rahmen je Minute</translation>
    </message>
    <message>
        <source>holds allowed</source>
        <translation>erlaubte Haltezustände</translation>
    </message>
    <message>
        <source>least share received</source>
        <translation>kleinster angekommener Anteil</translation>
    </message>
    <message>
        <source>fades of an antenna a minute allowed</source>
        <translation>erlaubte Aussetzer einer Antenne je Minute</translation>
    </message>
    <message>
        <source>fades 1</source>
        <translation>Aussetzer 1</translation>
    </message>
    <message>
        <source>fades 2</source>
        <translation>Aussetzer 2</translation>
    </message>
    <message>
        <source>fades 3</source>
        <translation>Aussetzer 3</translation>
    </message>
    <message>
        <source>fades 4</source>
        <translation>Aussetzer 4</translation>
    </message>
    <message>
        <source>received</source>
        <translation>angekommen</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation>rechtsdrehend</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>linksdrehend</translation>
    </message>
    <message>
        <source>linear</source>
        <translation>linear</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
    <message>
        <source>dBm</source>
        <translation>dBm</translation>
    </message>
    <message>
        <source>percent</source>
        <translation>Prozent</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Balken</translation>
    </message>
    <message>
        <source>volts</source>
        <translation>Volt</translation>
    </message>
    <message>
        <source>transmit cable</source>
        <translation>Sendekabel</translation>
    </message>
    <message>
        <source>transmit filter</source>
        <translation>Sendefilter</translation>
    </message>
    <message>
        <source>transmit antenna</source>
        <translation>Sendeantenne</translation>
    </message>
    <message>
        <source>path</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>pointing</source>
        <translation>Ausrichtung</translation>
    </message>
    <message>
        <source>receive antenna</source>
        <translation>Empfangsantenne</translation>
    </message>
    <message>
        <source>receive filter</source>
        <translation>Empfangsfilter</translation>
    </message>
    <message>
        <source>receive cable</source>
        <translation>Empfangskabel</translation>
    </message>
    <message>
        <source>gain against beam width</source>
        <translation>Gewinn gegen Öffnungswinkel</translation>
    </message>
    <message>
        <source>gain against the turns</source>
        <translation>Gewinn gegen die Windungen</translation>
    </message>
    <message>
        <source>beam width against the turns</source>
        <translation>Öffnungswinkel gegen die Windungen</translation>
    </message>
    <message>
        <source>axial ratio against the turns</source>
        <translation>Achsenverhältnis gegen die Windungen</translation>
    </message>
    <message>
        <source>band against the size</source>
        <translation>Band gegen die Größe</translation>
    </message>
    <message>
        <source>gain against the measurement</source>
        <translation>Gewinn gegen die Messung</translation>
    </message>
    <message>
        <source>beam width against the measurement</source>
        <translation>Öffnungswinkel gegen die Messung</translation>
    </message>
    <message>
        <source>VSWR against the measurement</source>
        <translation>VSWR gegen die Messung</translation>
    </message>
    <message>
        <source>axial ratio against the measurement</source>
        <translation>Achsenverhältnis gegen die Messung</translation>
    </message>
    <message>
        <source>front to back against the measurement</source>
        <translation>Vor-Rück-Verhältnis gegen die Messung</translation>
    </message>
    <message>
        <source>told for a reference of so many ohms</source>
        <translation>genannt für einen Bezug von so viel Ohm</translation>
    </message>
    <message>
        <source>transmitter</source>
        <translation>Sender</translation>
    </message>
    <message>
        <source>receiver</source>
        <translation>Empfänger</translation>
    </message>
    <message>
        <source>cable or filter</source>
        <translation>Kabel oder Filter</translation>
    </message>
    <message>
        <source>airframe</source>
        <translation>Fluggerät</translation>
    </message>
    <message>
        <source>cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>filter</source>
        <translation>Filter</translation>
    </message>
    <message>
        <source>mismatch</source>
        <translation>Fehlanpassung</translation>
    </message>
    <message>
        <source>claimed</source>
        <translation>angegeben</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>straight dipole</source>
        <translation>gerader Dipol</translation>
    </message>
    <message>
        <source>bent dipole</source>
        <translation>geknickter Dipol</translation>
    </message>
    <message>
        <source>monopole on a plane</source>
        <translation>Monopol auf einer Fläche</translation>
    </message>
    <message>
        <source>patch</source>
        <translation>Patch</translation>
    </message>
    <message>
        <source>helix</source>
        <translation>Helix</translation>
    </message>
    <message>
        <source>beam of known gain</source>
        <translation>Richtantenne mit bekanntem Gewinn</translation>
    </message>
    <message>
        <source>circular all around</source>
        <translation>zirkular, rundum</translation>
    </message>
    <message>
        <source>VSWR at the channel</source>
        <translation>SWR am Kanal</translation>
    </message>
    <message>
        <source>turned from upright</source>
        <translation>gegen aufrecht gedreht</translation>
    </message>
    <message>
        <source>angle between bent arms</source>
        <translation>Winkel der geknickten Arme</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Windungen</translation>
    </message>
    <message>
        <source>pitch of the turns</source>
        <translation>Steigung der Windungen</translation>
    </message>
    <message>
        <source>permittivity of its board</source>
        <translation>Permittivität der Platte</translation>
    </message>
    <message>
        <source>loss</source>
        <translation>Dämpfung</translation>
    </message>
    <message>
        <source>attenuation outside the band</source>
        <translation>Dämpfung außerhalb des Bandes</translation>
    </message>
    <message>
        <source>capacity</source>
        <translation>Kapazität</translation>
    </message>
    <message>
        <source>kind of antenna</source>
        <translation>Art der Antenne</translation>
    </message>
    <message>
        <source>firmware</source>
        <translation>Firmware</translation>
    </message>
    <message>
        <source>fixed in one direction</source>
        <translation>fest in eine Richtung</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>tracked by a machine</source>
        <translation>nachgeführt</translation>
    </message>
    <message>
        <source>nose</source>
        <translation>Nase</translation>
    </message>
    <message>
        <source>tail</source>
        <translation>Heck</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>bent</source>
        <translation>geknickt</translation>
    </message>
    <message>
        <source>inside the shell</source>
        <translation>im Gehäuse</translation>
    </message>
    <message>
        <source>near carbon</source>
        <translation>nah an Kohlefaser</translation>
    </message>
    <message>
        <source>near the battery</source>
        <translation>nah am Akku</translation>
    </message>
    <message>
        <source>ahead</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>seitlich</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>above</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>height of the ground antenna</source>
        <translation>Höhe der Bodenantenne</translation>
    </message>
    <message>
        <source>transmitter&apos;s firmware</source>
        <translation>Firmware des Senders</translation>
    </message>
    <message>
        <source>receiver&apos;s firmware</source>
        <translation>Firmware des Empfängers</translation>
    </message>
    <message>
        <source>mounting</source>
        <translation>Einbau</translation>
    </message>
    <message>
        <source>power chosen by itself</source>
        <translation>Leistung selbst gewählt</translation>
    </message>
    <message>
        <source>band chosen by itself</source>
        <translation>Band selbst gewählt</translation>
    </message>
    <message>
        <source>packet rate chosen by itself</source>
        <translation>Paketrate selbst gewählt</translation>
    </message>
    <message>
        <source>gain without losses</source>
        <translation>Gewinn ohne Verluste</translation>
    </message>
    <message>
        <source>null at</source>
        <translation>Nullstelle bei</translation>
    </message>
    <message>
        <source>in height</source>
        <translation>in der Höhe</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>blind</source>
        <translation>blind</translation>
    </message>
    <message>
        <source>airframe in the way</source>
        <translation>Fluggerät im Weg</translation>
    </message>
    <message>
        <source>transmit antenna&apos;s mismatch</source>
        <translation>Fehlanpassung der Sendeantenne</translation>
    </message>
    <message>
        <source>receive antenna&apos;s mismatch</source>
        <translation>Fehlanpassung der Empfangsantenne</translation>
    </message>
    <message>
        <source>Does what is sent disturb what listens?</source>
        <translation>Stört, was gesendet wird, was zuhört?</translation>
    </message>
    <message>
        <source>interference</source>
        <translation>Störungen</translation>
    </message>
    <message>
        <source>antennas aboard apart by</source>
        <translation>Abstand der Antennen an Bord</translation>
    </message>
    <message>
        <source>antennas at the station apart by</source>
        <translation>Abstand der Antennen an der Station</translation>
    </message>
    <message>
        <source>bandwidth</source>
        <translation>Bandbreite</translation>
    </message>
    <message>
        <source>level tolerated</source>
        <translation>verträglicher Pegel</translation>
    </message>
    <message>
        <source>1 at the station</source>
        <translation>1 an der Station</translation>
    </message>
    <message>
        <source>products in bands that are listened to</source>
        <translation>Produkte in abgehörten Bändern</translation>
    </message>
    <message>
        <source>of them too strong</source>
        <translation>davon zu stark</translation>
    </message>
    <message>
        <source>isolation missing</source>
        <translation>fehlende Entkopplung</translation>
    </message>
    <message>
        <source>sent</source>
        <translation>gesendet</translation>
    </message>
    <message>
        <source>product at the receiver</source>
        <translation>Produkt am Empfänger</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>nötig</translation>
    </message>
    <message>
        <source>from above, nose up</source>
        <translation>von oben, Nase oben</translation>
    </message>
    <message>
        <source>from the right, nose right</source>
        <translation>von rechts, Nase rechts</translation>
    </message>
    <message>
        <source>Nose toward the station</source>
        <translation>Nase zur Station</translation>
    </message>
    <message>
        <source>Left side toward the station</source>
        <translation>Linke Seite zur Station</translation>
    </message>
    <message>
        <source>Tail toward the station</source>
        <translation>Heck zur Station</translation>
    </message>
    <message>
        <source>Right side toward the station</source>
        <translation>Rechte Seite zur Station</translation>
    </message>
    <message>
        <source>Nose down</source>
        <translation>Nase nach unten</translation>
    </message>
    <message>
        <source>Nose up</source>
        <translation>Nase nach oben</translation>
    </message>
    <message>
        <source>Banked to the right</source>
        <translation>Nach rechts geneigt</translation>
    </message>
    <message>
        <source>Banked to the left</source>
        <translation>Nach links geneigt</translation>
    </message>
    <message>
        <source>Belly toward the station</source>
        <translation>Bauch zur Station</translation>
    </message>
    <message>
        <source>Top toward the station</source>
        <translation>Oberseite zur Station</translation>
    </message>
    <message>
        <source>or so many paces</source>
        <translation>oder so viele Schritte</translation>
    </message>
    <message>
        <source>length of a pace</source>
        <translation>Länge eines Schritts</translation>
    </message>
    <message>
        <source>distance of the check</source>
        <translation>Abstand der Prüfung</translation>
    </message>
    <message>
        <source>power accepted is 1 less the square of the reflection, and the rest is the mismatch loss</source>
        <translation>aufgenommen wird 1 minus das Quadrat der Reflexion, der Rest ist Fehlanpassung</translation>
    </message>
    <message>
        <source>every question answered by eye</source>
        <translation>jede Frage mit dem Auge beantwortet</translation>
    </message>
    <message>
        <source>each claim is turned into the one it implies, and compared</source>
        <translation>jede Angabe wird in die umgerechnet, die aus ihr folgt, und verglichen</translation>
    </message>
    <message>
        <source>attenuator and cable are added to what the meter read; settled is the mean of the last readings</source>
        <translation>Dämpfungsglied und Kabel werden zur Anzeige addiert; eingeschwungen ist das Mittel der letzten Ablesungen</translation>
    </message>
    <message>
        <source>the curve that fits the readings best among those that never turn</source>
        <translation>die Kurve, die den Ablesungen am besten folgt und nie umkehrt</translation>
    </message>
    <message>
        <source>the peak is fitted over the beam; width and lobes are read off the drawing</source>
        <translation>die Spitze wird über den Strahl gelegt; Breite und Keulen werden abgelesen</translation>
    </message>
    <message>
        <source>the distance times 10 to the power of attenuation over 10 times the exponent</source>
        <translation>der Abstand mal 10 hoch Dämpfung durch 10 mal Exponent</translation>
    </message>
    <message>
        <source>the midpoint between both offsets at which the link fails</source>
        <translation>die Mitte zwischen beiden Ablagen, an denen die Verbindung versagt</translation>
    </message>
    <message>
        <source>the angle between both states on the sphere of polarisations</source>
        <translation>der Winkel zwischen beiden Zuständen auf der Polarisationskugel</translation>
    </message>
    <message>
        <source>99 % of the power over the floor lies within the occupied bandwidth</source>
        <translation>99 % der Leistung über dem Grundrauschen liegen in der belegten Bandbreite</translation>
    </message>
    <message>
        <source>harmonics and third-order products of all that is sent, against all bands that are listened to</source>
        <translation>Oberwellen und Mischprodukte dritter Ordnung von allem Gesendeten, gegen alle abgehörten Bänder</translation>
    </message>
    <message>
        <source>the mean with an emitter on less the mean with all off</source>
        <translation>das Mittel mit einem Sender an minus das Mittel mit allen aus</translation>
    </message>
    <message>
        <source>counters after less counters before, a minute, against the rule</source>
        <translation>Zähler nachher minus vorher, je Minute, gegen die Regel</translation>
    </message>
    <message>
        <source>the geometric means of the distances, referred to full power by the path-loss exponent</source>
        <translation>die geometrischen Mittel der Abstände, mit dem Exponenten auf volle Leistung bezogen</translation>
    </message>
    <message>
        <source>the difference of the means against that of every other way to deal the readings</source>
        <translation>die Differenz der Mittel gegen die jeder anderen Verteilung der Ablesungen</translation>
    </message>
    <message>
        <source>band held</source>
        <translation>eingehaltenes Band</translation>
    </message>
    <message>
        <source>alike in every direction</source>
        <translation>in alle Richtungen gleich</translation>
    </message>
    <message>
        <source>current of a sine along half a wave</source>
        <translation>Strom als Sinus auf einer halben Welle</translation>
    </message>
    <message>
        <source>two quarter-wave arms with the current of a sine</source>
        <translation>zwei Viertelwellenarme mit Sinusstrom</translation>
    </message>
    <message>
        <source>a quarter wave and its image in a large plane</source>
        <translation>eine Viertelwelle und ihr Bild in einer großen Fläche</translation>
    </message>
    <message>
        <source>two slots half a wave apart in the material, above a large plane</source>
        <translation>zwei Schlitze, im Material eine halbe Welle auseinander, vor einer großen Fläche</translation>
    </message>
    <message>
        <source>turns as an endfire row with the phase of greatest gain</source>
        <translation>Windungen als Längsstrahler mit der Phase größten Gewinns</translation>
    </message>
    <message>
        <source>a cosine to the power that gives its gain</source>
        <translation>ein Kosinus hoch dem, was seinen Gewinn ergibt</translation>
    </message>
    <message>
        <source>crossed loops, alike all around</source>
        <translation>gekreuzte Schleifen, rundum gleich</translation>
    </message>
    <message>
        <source>beam of its stated gain</source>
        <translation>Richtantenne mit dem angegebenen Gewinn</translation>
    </message>
    <message>
        <source>as flown so far</source>
        <translation>wie bisher geflogen</translation>
    </message>
    <message>
        <source>as entered</source>
        <translation>wie eingetragen</translation>
    </message>
    <message>
        <source>usual over open ground, nothing flown twice yet</source>
        <translation>üblich über offenem Gelände, noch nichts zweimal geflogen</translation>
    </message>
    <message>
        <source>no.</source>
        <translation>Nr.</translation>
    </message>
    <message>
        <source>flights of each setup</source>
        <translation>Flüge je Aufbau</translation>
    </message>
    <message>
        <source>flights apart</source>
        <translation>getrennte Flüge</translation>
    </message>
    <message>
        <source>both in one flight</source>
        <translation>beide in einem Flug</translation>
    </message>
    <message>
        <source>far post at</source>
        <translation>ferner Pfosten bei</translation>
    </message>
    <message>
        <source>bearing</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>mast</source>
        <translation>Mast</translation>
    </message>
    <message>
        <source>Turn at the latest</source>
        <translation>Spätestens umkehren</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Call out at every post: signal, quality, voltage</source>
        <translation>An jedem Pfosten ansagen: Signal, Qualität, Spannung</translation>
    </message>
    <message>
        <source>And when it happens: first break-up, dropout, turned, regained, alarm.</source>
        <translation>Und wenn es geschieht: erste Störung, Aussetzer, umgekehrt, wieder da, Alarm.</translation>
    </message>
    <message>
        <source>Before the flight</source>
        <translation>Vor dem Flug</translation>
    </message>
    <message>
        <source>chance to tell</source>
        <translation>Wahrscheinlichkeit</translation>
    </message>
    <message>
        <source>twice the power</source>
        <translation>doppelte Leistung</translation>
    </message>
    <message>
        <source>3 dB more ground antenna</source>
        <translation>3 dB mehr Bodenantenne</translation>
    </message>
    <message>
        <source>no loss in cables</source>
        <translation>kein Verlust in Kabeln</translation>
    </message>
    <message>
        <source>pointing that does not err</source>
        <translation>fehlerfreies Richten</translation>
    </message>
    <message>
        <source>antennas of one polarisation</source>
        <translation>Antennen einer Polarisation</translation>
    </message>
    <message>
        <source>antennas that fit their channel</source>
        <translation>Antennen, die zum Kanal passen</translation>
    </message>
    <message>
        <source>10 m more height</source>
        <translation>10 m mehr Höhe</translation>
    </message>
    <message>
        <source>1 m more mast</source>
        <translation>1 m mehr Mast</translation>
    </message>
    <message>
        <source>more heat and interference, and the limit of the place holds</source>
        <translation>mehr Wärme und Störung, und die Grenze des Orts gilt</translation>
    </message>
    <message>
        <source>its beam is narrower: point it well, and mind what is above and behind</source>
        <translation>ihr Strahl ist schmaler: gut richten und auf oben und hinten achten</translation>
    </message>
    <message>
        <source>radio at the antenna, or a thicker cable</source>
        <translation>Funkgerät an der Antenne oder dickeres Kabel</translation>
    </message>
    <message>
        <source>a fixed stand, or a tracker that knows its north</source>
        <translation>ein fester Stand oder ein Nachführer, der seinen Norden kennt</translation>
    </message>
    <message>
        <source>same hand or same tilt at both ends</source>
        <translation>gleiche Drehung oder gleiche Neigung an beiden Enden</translation>
    </message>
    <message>
        <source>sweep them in place, with cover</source>
        <translation>am Ort messen, mit Abdeckung</translation>
    </message>
    <message>
        <source>the height allowed, and more wind</source>
        <translation>die erlaubte Höhe und mehr Wind</translation>
    </message>
    <message>
        <source>guy it, keep it off power lines</source>
        <translation>abspannen, weg von Stromleitungen</translation>
    </message>
    <message>
        <source>other radios, larger antennas, other rules, and the same gains assumed</source>
        <translation>andere Funkgeräte, größere Antennen, andere Regeln, und gleiche Gewinne angenommen</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>nicht gezählt</translation>
    </message>
    <message>
        <source>very dry ground</source>
        <translation>sehr trockener Boden</translation>
    </message>
    <message>
        <source>medium dry ground</source>
        <translation>mäßig trockener Boden</translation>
    </message>
    <message>
        <source>wet ground</source>
        <translation>nasser Boden</translation>
    </message>
    <message>
        <source>fresh water</source>
        <translation>Süßwasser</translation>
    </message>
    <message>
        <source>sea water</source>
        <translation>Meerwasser</translation>
    </message>
    <message>
        <source>Bullington</source>
        <translation>Bullington</translation>
    </message>
    <message>
        <source>Deygout</source>
        <translation>Deygout</translation>
    </message>
    <message>
        <source>reflection by the ground</source>
        <translation>Reflexion am Boden</translation>
    </message>
    <message>
        <source>the earth in the way</source>
        <translation>die Erde im Weg</translation>
    </message>
    <message>
        <source>rain</source>
        <translation>Regen</translation>
    </message>
    <message>
        <source>fog</source>
        <translation>Nebel</translation>
    </message>
    <message>
        <source>oxygen and vapour</source>
        <translation>Sauerstoff und Dampf</translation>
    </message>
    <message>
        <source>only drawn</source>
        <translation>nur gezeichnet</translation>
    </message>
    <message>
        <source>terrain</source>
        <translation>Gelände</translation>
    </message>
    <message>
        <source>trees</source>
        <translation>Bäume</translation>
    </message>
    <message>
        <source>buildings</source>
        <translation>Gebäude</translation>
    </message>
    <message>
        <source>water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>roads</source>
        <translation>Straßen</translation>
    </message>
    <message>
        <source>keep out</source>
        <translation>Sperrgebiet</translation>
    </message>
    <message>
        <source>posts</source>
        <translation>Posten</translation>
    </message>
    <message>
        <source>straight out</source>
        <translation>gerade hinaus</translation>
    </message>
    <message>
        <source>across, from left to right</source>
        <translation>quer, von links nach rechts</translation>
    </message>
    <message>
        <source>from behind, over the station</source>
        <translation>von hinten, über die Station</translation>
    </message>
    <message>
        <source>circle around the station</source>
        <translation>Kreis um die Station</translation>
    </message>
    <message>
        <source>box, indoors</source>
        <translation>Rechteck, in der Halle</translation>
    </message>
    <message>
        <source>station</source>
        <translation>Station</translation>
    </message>
    <message>
        <source>far post</source>
        <translation>ferner Posten</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>allowed</source>
        <translation>erlaubt</translation>
    </message>
    <message>
        <source>sight</source>
        <translation>Sicht</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>person</source>
        <translation>Eine Person</translation>
    </message>
    <message>
        <source>vehicle</source>
        <translation>Ein Fahrzeug</translation>
    </message>
    <message>
        <source>Transmit power</source>
        <translation>Sendeleistung</translation>
    </message>
    <message>
        <source>Gain of both antennas</source>
        <translation>Gewinn beider Antennen</translation>
    </message>
    <message>
        <source>Cables and filters</source>
        <translation>Kabel und Filter</translation>
    </message>
    <message>
        <source>Fit of the antennas to their channel</source>
        <translation>Anpassung der Antennen an ihren Kanal</translation>
    </message>
    <message>
        <source>Polarisation</source>
        <translation>Polarisation</translation>
    </message>
    <message>
        <source>Pointing</source>
        <translation>Ausrichtung</translation>
    </message>
    <message>
        <source>Receiver&apos;s sensitivity</source>
        <translation>Empfindlichkeit des Empfängers</translation>
    </message>
    <message>
        <source>its antenna mounted another way</source>
        <translation>seine Antenne anders eingebaut</translation>
    </message>
    <message>
        <source>clear of carbon and battery, and tried on the ground check</source>
        <translation>weg von Carbon und Akku, und bei der Prüfung am Boden versucht</translation>
    </message>
    <message>
        <source>signal sent back</source>
        <translation>zurückgesendetes Signal</translation>
    </message>
    <message>
        <source>quality sent back</source>
        <translation>zurückgesendete Qualität</translation>
    </message>
    <message>
        <source>SNR sent back</source>
        <translation>zurückgesendetes SNR</translation>
    </message>
    <message>
        <source>number of the post</source>
        <translation>Nummer des Postens</translation>
    </message>
    <message>
        <source>right front</source>
        <translation>vorn rechts</translation>
    </message>
    <message>
        <source>right side</source>
        <translation>die rechte Seite</translation>
    </message>
    <message>
        <source>right rear</source>
        <translation>hinten rechts</translation>
    </message>
    <message>
        <source>left rear</source>
        <translation>hinten links</translation>
    </message>
    <message>
        <source>left side</source>
        <translation>die linke Seite</translation>
    </message>
    <message>
        <source>left front</source>
        <translation>vorn links</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>slant distance</source>
        <translation>Schrägentfernung</translation>
    </message>
    <message>
        <source>distance along the path</source>
        <translation>Entfernung am Weg entlang</translation>
    </message>
    <message>
        <source>distance travelled</source>
        <translation>zurückgelegte Strecke</translation>
    </message>
    <message>
        <source>roll</source>
        <translation>Rollwinkel</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Nickwinkel</translation>
    </message>
    <message>
        <source>picture grade</source>
        <translation>Bildnote</translation>
    </message>
    <message>
        <source>resolution bandwidth</source>
        <translation>Auflösungsbandbreite</translation>
    </message>
    <message>
        <source>reflecting ground</source>
        <translation>reflektierender Boden</translation>
    </message>
    <message>
        <source>a way through trees</source>
        <translation>ein Weg durch Bäume</translation>
    </message>
    <message>
        <source>air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>circular gain</source>
        <translation>zirkularer Gewinn</translation>
    </message>
    <message>
        <source>linear reference antenna</source>
        <translation>lineare Referenzantenne</translation>
    </message>
    <message>
        <source>the kit&apos;s next lower band (same gain needs larger antennas)</source>
        <translation>das nächstniedrigere Band der Ausrüstung (gleicher Gewinn braucht größere Antennen)</translation>
    </message>
    <message>
        <source>latitude and longitude</source>
        <translation>Breite und Länge</translation>
    </message>
    <message>
        <source>battery, with its reserve</source>
        <translation>Akku, mit Reserve</translation>
    </message>
    <message>
        <source>distance allowed</source>
        <translation>erlaubte Entfernung</translation>
    </message>
    <message>
        <source>visual line of sight</source>
        <translation>Sichtweite</translation>
    </message>
    <message>
        <source>end of the path</source>
        <translation>Ende des Pfads</translation>
    </message>
    <message>
        <source>ground below the path</source>
        <translation>Boden unter dem Pfad</translation>
    </message>
    <message>
        <source>not set</source>
        <translation>nicht gesetzt</translation>
    </message>
</context>
</TS>
