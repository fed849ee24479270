<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE">
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
        <translation>am Weg entlang</translation>
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
        <source>campaign file or interchange folder to open</source>
        <translation>zu öffnende Kampagnendatei oder Austauschordner</translation>
    </message>
    <message>
        <source>No run yet</source>
        <translation>Noch kein Lauf</translation>
    </message>
    <message>
        <source>Along the path: counts for range</source>
        <translation>Am Weg entlang: zählt für die Reichweite</translation>
    </message>
    <message>
        <source>How the chosen runs were flown, and where they were</source>
        <translation>Wie die gewählten Läufe geflogen wurden, und wo</translation>
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
        <translation>woher %1 bekannt ist</translation>
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
        <source>a run, best of %1 antennas</source>
        <translation>ein Lauf, das Beste von %1 Antennen</translation>
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
        <translation>Noch kein Flug über einen benannten Abschnitt. Abschnitte des Wegs unter Plan, Punkte benennen.</translation>
    </message>
    <message>
        <source>No run yet. Import logs under Runs.</source>
        <translation>Noch kein Lauf. Logs unter Läufe importieren.</translation>
    </message>
    <message>
        <source>How far each radio setup reaches, and how sure that is</source>
        <translation>Wie weit jedes Funk-Setup reicht, und wie sicher das ist</translation>
    </message>
    <message>
        <source>%1 files given; Distanz opens one at a time</source>
        <translation>%1 Dateien angegeben; Distanz öffnet eine auf einmal</translation>
    </message>
    <message>
        <source>open either the demo or a file, not both</source>
        <translation>entweder die Demo oder eine Datei öffnen, nicht beides</translation>
    </message>
    <message>
        <source>No log with positions and signal on this link yet.</source>
        <translation>Noch kein Log mit Positionen und Signal auf diesem Link.</translation>
    </message>
    <message>
        <source>No log with packet rate, bitrate, delay or battery on this link yet.</source>
        <translation>Noch kein Log mit Paketrate, Bitrate, Verzögerung oder Akku auf diesem Link.</translation>
    </message>
    <message>
        <source>measured: open the record</source>
        <translation>gemessen: Messung öffnen</translation>
    </message>
    <message>
        <source>A course: counts in its named sections only</source>
        <translation>Ein Parcours: zählt nur in seinen benannten Abschnitten</translation>
    </message>
    <message>
        <source>Mark posts ...</source>
        <translation>Pfosten markieren ...</translation>
    </message>
    <message>
        <source>Flown as</source>
        <translation>Geflogen als</translation>
    </message>
    <message>
        <source>What becomes of %1</source>
        <translation>Was aus %1 wird</translation>
    </message>
    <message>
        <source>%1: what is imported</source>
        <translation>%1: was importiert wird</translation>
    </message>
    <message>
        <source>%1: clock matched within %2, %3 of path</source>
        <translation>%1: Uhr auf %2 genau, %3 Weg</translation>
    </message>
    <message>
        <source>%1: clock matched within %2</source>
        <translation>%1: Uhr auf %2 genau</translation>
    </message>
    <message>
        <source>Too large to show before the import.</source>
        <translation>Zu groß, um vor dem Import gezeigt zu werden.</translation>
    </message>
    <message>
        <source>Exclude run %1</source>
        <translation>Lauf %1 ausschließen</translation>
    </message>
    <message>
        <source>Exclude %1 runs</source>
        <translation>%1 Läufe ausschließen</translation>
    </message>
    <message>
        <source>Why does it not count? The run is kept and can be included again.</source>
        <translation>Warum zählt er nicht? Der Lauf bleibt und kann wieder gezählt werden.</translation>
    </message>
    <message>
        <source>Enter a reason.</source>
        <translation>Einen Grund eintragen.</translation>
    </message>
    <message>
        <source>%1; missing: %2</source>
        <translation>%1; es fehlt: %2</translation>
    </message>
    <message>
        <source>all receivers show the same signal scale</source>
        <translation>alle Empfänger zeigen dieselbe Signalskala</translation>
    </message>
    <message>
        <source>picture grade %1</source>
        <translation>Bildnote %1</translation>
    </message>
    <message>
        <source>signal reading %1</source>
        <translation>Signalanzeige %1</translation>
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
        <source>a .distanz file</source>
        <translation>eine .distanz-Datei</translation>
    </message>
    <message>
        <source>logs to import</source>
        <translation>zu importierende Logs</translation>
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
        <translation>Leistungsbilanz und Ausbreitungsdämpfung für gegebene Zahlen</translation>
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
        <translation>Ausbreitungsdämpfung</translation>
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
        <source>metric or imperial, in texts</source>
        <translation>metric oder imperial, in Texten</translation>
    </message>
    <message>
        <source>mW or dBm, in texts</source>
        <translation>mW oder dBm, in Texten</translation>
    </message>
    <message>
        <source>margin</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
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
        <source>  perhaps %1 is &quot;%2&quot;, by its values; if so: --map &quot;%1=%2&quot;</source>
        <translation>  vielleicht ist %1 „%2“, nach den Werten; dann: --map &quot;%1=%2&quot;</translation>
    </message>
    <message>
        <source>each flight that a log holds becomes a run of its own</source>
        <translation>jeder Flug, den ein Log enthält, wird ein eigener Lauf</translation>
    </message>
    <message>
        <source>id of the run</source>
        <translation>Kennung des Laufs</translation>
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
        <source>leave out of a campaign: places (moved elsewhere, distances stay), photos (what the camera stored in them), words (notes and names)</source>
        <translation>aus einer Kampagne weglassen: places (liegen woanders, Entfernungen bleiben), photos (was die Kamera darin speicherte), words (Notizen und Namen)</translation>
    </message>
    <message>
        <source>of the receive antenna</source>
        <translation>der Empfangsantenne</translation>
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
    <message>
        <source>number of threads; the answer is the same</source>
        <translation>Zahl der Threads; die Antwort ist dieselbe</translation>
    </message>
    <message>
        <source>CHANNEL=COLUMN, matches a column by hand</source>
        <translation>CHANNEL=COLUMN, ordnet eine Spalte von Hand zu</translation>
    </message>
    <message>
        <source>number of one antenna or receiver to count alone; with --flight its runs are compared within the flight</source>
        <translation>Nummer einer Antenne oder eines Empfängers, die allein zählt; mit --flight werden ihre Läufe im Flug verglichen</translation>
    </message>
    <message>
        <source>how it was flown: path-flight, or course (counts in named sections only, may lack positions)</source>
        <translation>wie geflogen wurde: path-flight, oder course (zählt nur in benannten Abschnitten, darf ohne Positionen sein)</translation>
    </message>
    <message>
        <source>TIME=PLACE, time at a post or a distance along the path: 3:27=4, 95=450m</source>
        <translation>ZEIT=ORT, Zeit an einem Pfosten oder einer Entfernung am Weg: 3:27=4, 95=450m</translation>
    </message>
    <message>
        <source>a new .distanz file</source>
        <translation>eine neue .distanz-Datei</translation>
    </message>
    <message>
        <source>Place a run that has no positions</source>
        <translation>Einen Lauf ohne Positionen verorten</translation>
    </message>
    <message>
        <source>id of a placed run over the same course to take places from</source>
        <translation>Kennung eines verorteten Laufs über denselben Parcours, der die Orte liefert</translation>
    </message>
    <message>
        <source>with --like: keep the places found, if the match is clear</source>
        <translation>mit --like: die gefundenen Orte behalten, wenn sie klar passen</translation>
    </message>
    <message>
        <source>remove its marks</source>
        <translation>seine Marken entfernen</translation>
    </message>
    <message>
        <source>CHANNEL=COLUMN, matches a column of the log by hand</source>
        <translation>CHANNEL=COLUMN, ordnet eine Spalte des Logs von Hand zu</translation>
    </message>
    <message>
        <source>Match the clock of another log of the same flight</source>
        <translation>Die Uhr eines weiteren Logs desselben Flugs angleichen</translation>
    </message>
    <message>
        <source>loss between both antennas, e.g. 3dB</source>
        <translation>Verlust zwischen beiden Antennen, z. B. 3dB</translation>
    </message>
    <message>
        <source>pointing loss, e.g. 1dB</source>
        <translation>Richtverlust, z. B. 1dB</translation>
    </message>
    <message>
        <source>of the receiver, e.g. -108dBm: gives the margin</source>
        <translation>des Empfängers, z. B. -108dBm: ergibt die Reserve</translation>
    </message>
    <message>
        <source>limit where you fly, e.g. 25mW</source>
        <translation>Grenze am Flugort, z. B. 25mW</translation>
    </message>
    <message>
        <source>largest dimension of the transmit antenna, e.g. 0.3m: for its far field</source>
        <translation>größte Abmessung der Sendeantenne, z. B. 0.3m: für ihr Fernfeld</translation>
    </message>
    <message>
        <source>share of time it transmits, e.g. 25%: for the safe distance</source>
        <translation>Anteil der Zeit, in der er sendet, z. B. 25%: für den Sicherheitsabstand</translation>
    </message>
    <message>
        <source>power density with reflections over that without, 1 to 4; usual ground 2.56</source>
        <translation>Leistungsdichte mit Reflexionen zu der ohne, 1 bis 4; üblicher Boden 2.56</translation>
    </message>
    <message>
        <source>of the receiver, e.g. 20MHz: gives its sensitivity with --snr</source>
        <translation>des Empfängers, z. B. 20MHz: ergibt mit --snr seine Empfindlichkeit</translation>
    </message>
    <message>
        <source>of the receiver, 6dB if left out</source>
        <translation>des Empfängers, ohne Angabe 6dB</translation>
    </message>
    <message>
        <source>SNR that the receiver needs, e.g. 10dB</source>
        <translation>SNR, das der Empfänger braucht, z. B. 10dB</translation>
    </message>
    <message>
        <source>e.g. 60m; with the other height it gives the radio horizon</source>
        <translation>z. B. 60m; ergibt mit der anderen Höhe den Funkhorizont</translation>
    </message>
    <message>
        <source>distance where the exponent begins, 1m</source>
        <translation>Entfernung, ab der der Exponent gilt, 1m</translation>
    </message>
    <message>
        <source>Result of a measurement on the bench or on the ground</source>
        <translation>Ergebnis einer Messung auf der Werkbank oder am Boden</translation>
    </message>
    <message>
        <source>KEY=VALUE, a setting of the measurement, e.g. attenuation=20dB</source>
        <translation>KEY=VALUE, eine Einstellung der Messung, z. B. attenuation=20dB</translation>
    </message>
    <message>
        <source>a channel, e.g. 5.8GHz; may be repeated</source>
        <translation>ein Kanal, z. B. 5.8GHz; mehrfach möglich</translation>
    </message>
    <message>
        <source>VSWR limit of a band, 2</source>
        <translation>VSWR-Grenze eines Bands, 2</translation>
    </message>
    <message>
        <source>save station, path, posts, sections and limits: .gpx, .kml, .geojson or .csv</source>
        <translation>Station, Weg, Pfosten, Abschnitte und Grenzen speichern: .gpx, .kml, .geojson oder .csv</translation>
    </message>
    <message>
        <source>take the path from such a file, or from a log</source>
        <translation>den Weg aus einer solchen Datei oder einem Log nehmen</translation>
    </message>
    <message>
        <source>terrain or a map to keep in the campaign file; may be repeated</source>
        <translation>Gelände oder Karte für die Kampagnendatei; mehrfach möglich</translation>
    </message>
    <message>
        <source>degrees between heading and straight outbound; from the track if left out</source>
        <translation>Grad zwischen Kurs und geradewegs hinaus; ohne Angabe aus der Spur</translation>
    </message>
    <message>
        <source>language of the texts; the system&apos;s if left out</source>
        <translation>Sprache der Texte; ohne Angabe die des Systems</translation>
    </message>
    <message>
        <source>Distanz: how far each radio setup reaches, and how sure that is</source>
        <translation>Distanz: wie weit jedes Funk-Setup reicht, und wie sicher das ist</translation>
    </message>
    <message>
        <source>the log has no date, so its track has no times; CSV keeps them</source>
        <translation>das Log hat kein Datum, darum hat seine Spur keine Zeiten; CSV behält sie</translation>
    </message>
    <message>
        <source>%1 above your EIRP limit; reduce power or gain</source>
        <translation>%1 über der EIRP-Grenze; Leistung oder Gewinn verringern</translation>
    </message>
    <message>
        <source>with --json: also limits, legs, reduced power and paired flights</source>
        <translation>mit --json: auch Grenzen, Hin- und Rückflug, verringerte Leistung und gemeinsame Flüge</translation>
    </message>
    <message>
        <source>LOG or LOG@SECONDS, another log of the flight: matched by its clock, or SECONDS after the first</source>
        <translation>LOG oder LOG@SEKUNDEN, ein weiteres Log des Flugs: nach der Uhr, oder SEKUNDEN nach dem ersten</translation>
    </message>
    <message>
        <source>Touchstone or CSV; several sweeps or spectra as ROLE=FILE (bare, covered, before, after, free, held)</source>
        <translation>Touchstone oder CSV; mehrere Messkurven oder Spektren als ROLE=FILE (bare, covered, before, after, free, held)</translation>
    </message>
    <message>
        <source>Answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>Setups</source>
        <translation>Setups</translation>
    </message>
    <message>
        <source>Results</source>
        <translation>Ergebnisse</translation>
    </message>
    <message>
        <source>What to do</source>
        <translation>Was zu tun ist</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>line %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>%1: %2 rows, farthest %3</source>
        <translation>%1: %2 Zeilen, am weitesten %3</translation>
    </message>
    <message>
        <source>from &quot;%1&quot; [%2], %3 samples, %4 to %5 %6</source>
        <translation>aus „%1“ [%2], %3 Werte, %4 bis %5 %6</translation>
    </message>
    <message>
        <source>power below the setup&apos;s own, as on a range check: 20dB, 1/30, or &quot;control 20dB; video 10dB&quot;</source>
        <translation>Leistung unter der des Setups, wie bei einer Reichweitenprüfung: 20dB, 1/30 oder &quot;control 20dB; video 10dB&quot;</translation>
    </message>
    <message>
        <source>sweep, claims, power, signal, turntable, attenuator, trim, polarisation, spectrum, interference, noise, ground, walk, swap or stations</source>
        <translation>sweep, claims, power, signal, turntable, attenuator, trim, polarisation, spectrum, interference, noise, ground, walk, swap oder stations</translation>
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
    <message numerus="yes">
        <source>%n records</source>
        <translation>
            <numerusform>%n Messung</numerusform>
            <numerusform>%n Messungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n rows</source>
        <translation>
            <numerusform>%n Zeile</numerusform>
            <numerusform>%n Zeilen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n numbers</source>
        <translation>
            <numerusform>%n Zahl</numerusform>
            <numerusform>%n Zahlen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n points</source>
        <translation>
            <numerusform>%n Punkt</numerusform>
            <numerusform>%n Punkte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n readings</source>
        <translation>
            <numerusform>%n Messwert</numerusform>
            <numerusform>%n Messwerte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n checks</source>
        <translation>
            <numerusform>%n Prüfung</numerusform>
            <numerusform>%n Prüfungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n parts</source>
        <translation>
            <numerusform>%n Teil</numerusform>
            <numerusform>%n Teile</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n pairs</source>
        <translation>
            <numerusform>%n Paar</numerusform>
            <numerusform>%n Paare</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sides</source>
        <translation>
            <numerusform>%n Seite</numerusform>
            <numerusform>%n Seiten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes</source>
        <translation>
            <numerusform>%n Wechsel</numerusform>
            <numerusform>%n Wechsel</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n freezes</source>
        <translation>
            <numerusform>%n Standbild</numerusform>
            <numerusform>%n Standbilder</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n places</source>
        <translation>
            <numerusform>%n Ort</numerusform>
            <numerusform>%n Orte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n laps</source>
        <translation>
            <numerusform>%n Runde</numerusform>
            <numerusform>%n Runden</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n positions</source>
        <translation>
            <numerusform>%n Position</numerusform>
            <numerusform>%n Positionen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <translation>
            <numerusform>%n Zeile</numerusform>
            <numerusform>%n Zeilen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n subtitles</source>
        <translation>
            <numerusform>%n Untertitel</numerusform>
            <numerusform>%n Untertitel</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n events</source>
        <translation>
            <numerusform>%n Ereignis</numerusform>
            <numerusform>%n Ereignisse</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n fields</source>
        <translation>
            <numerusform>%n Feld</numerusform>
            <numerusform>%n Felder</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n recordings</source>
        <translation>
            <numerusform>%n Aufnahme</numerusform>
            <numerusform>%n Aufnahmen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more rows</source>
        <translation>
            <numerusform>%n weitere Zeile</numerusform>
            <numerusform>%n weitere Zeilen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n disturbances</source>
        <translation>
            <numerusform>%n Störung</numerusform>
            <numerusform>%n Störungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more disturbances</source>
        <translation>
            <numerusform>%n weitere Störung</numerusform>
            <numerusform>%n weitere Störungen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>distanz::app::BenchStage</name>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
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
        <source>Measure parts before you fly: does the antenna fit its channel, does the transmitter hold its power? Choose a new measurement on the left.</source>
        <translation>Teile vor dem Flug messen: Passt die Antenne zum Kanal, hält der Sender seine Leistung? Links eine neue Messung wählen.</translation>
    </message>
    <message>
        <source>Apply to the part</source>
        <translation>Auf das Teil anwenden</translation>
    </message>
    <message>
        <source>Result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Messwerte</translation>
    </message>
    <message>
        <source>Apply to %1</source>
        <translation>Auf %1 anwenden</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Applied to %1.</source>
        <translation>Auf %1 angewandt.</translation>
    </message>
</context>
<context>
    <name>distanz::app::BlindMenu</name>
    <message>
        <source>Draw a label for every recording</source>
        <translation>Eine Nummer für jede Aufnahme ziehen</translation>
    </message>
    <message>
        <source>names</source>
        <translation>Namen</translation>
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
        <source>Save the list for the recorder ...</source>
        <translation>Liste für die Aufnahme speichern ...</translation>
    </message>
    <message>
        <source>Save the sheet for the judge ...</source>
        <translation>Bogen für die Beurteilung speichern ...</translation>
    </message>
    <message>
        <source>All pictures are judged: show which is which</source>
        <translation>Alle Bilder sind beurteilt: zeigen, welches welches ist</translation>
    </message>
</context>
<context>
    <name>distanz::app::ChainPage</name>
    <message>
        <source>Pick a part ...</source>
        <translation>Ein Teil wählen ...</translation>
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
        <translation>Setup %1 entfernen</translation>
    </message>
    <message>
        <source>%1: take another ...</source>
        <translation>%1: ein anderes nehmen ...</translation>
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
        <translation>Unterschiede zu den anderen Setups</translation>
    </message>
    <message>
        <source>airframe not set</source>
        <translation>Fluggerät nicht gesetzt</translation>
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
        <translation>Für die Pegel die Sendeleistung eintragen.</translation>
    </message>
    <message>
        <source>Antenna pattern</source>
        <translation>Antennendiagramm</translation>
    </message>
    <message>
        <source>Set the kind of antenna to see its pattern.</source>
        <translation>Die Art der Antenne setzen, dann erscheint ihr Diagramm.</translation>
    </message>
</context>
<context>
    <name>distanz::app::ChainView</name>
    <message>
        <source>Chain of the link</source>
        <translation>Kette des Links</translation>
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
        <translation>Hin und zurück</translation>
    </message>
    <message>
        <source>%1 link</source>
        <translation>Link %1</translation>
    </message>
    <message>
        <source>Analysing ...</source>
        <translation>Wird ausgewertet ...</translation>
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
        <source>Along the path</source>
        <translation>Am Weg entlang</translation>
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
    <message>
        <source>Direction</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>Modes and battery</source>
        <translation>Modi und Akku</translation>
    </message>
    <message>
        <source>line: estimate or middle flight   band: 95 % or most flights   dot: turn</source>
        <translation>Linie: Schätzung oder mittlerer Flug   Band: 95 % oder die meisten Flüge   Punkt: Wende</translation>
    </message>
    <message>
        <source>Choose which leg of each flight counts, or compare the legs as setups</source>
        <translation>Wählen, welche Richtung jedes Flugs zählt, oder die Richtungen als Setups vergleichen</translation>
    </message>
    <message>
        <source>Count both legs of every flight</source>
        <translation>Hin- und Rückflug zählen</translation>
    </message>
    <message>
        <source>Count outbound only</source>
        <translation>Nur Hinflüge zählen</translation>
    </message>
    <message>
        <source>Count inbound only</source>
        <translation>Nur Rückflüge zählen</translation>
    </message>
    <message>
        <source>Compare outbound and inbound of %1 as setups</source>
        <translation>Hin- und Rückflug von %1 als Setups vergleichen</translation>
    </message>
    <message>
        <source>%1, outbound</source>
        <translation>%1, Hinflug</translation>
    </message>
    <message>
        <source>%1, inbound</source>
        <translation>%1, Rückflug</translation>
    </message>
    <message>
        <source>Show in Runs</source>
        <translation>In Läufe zeigen</translation>
    </message>
    <message>
        <source>Exclude ...</source>
        <translation>Ausschließen ...</translation>
    </message>
    <message>
        <source>Number of flights of each setup before you judge. Fix it before you fly. If you stop when it looks good, you find differences that are not there.</source>
        <translation>Zahl der Flüge je Setup vor dem Urteil. Vor dem Fliegen festlegen. Wer aufhört, wenn es gut aussieht, findet Unterschiede, die es nicht gibt.</translation>
    </message>
    <message>
        <source>outbound solid, inbound dashed   thick: mean of new flights, band: 95 %</source>
        <translation>hin durchgezogen, zurück gestrichelt   dick: Mittel neuer Flüge, Band: 95 %</translation>
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
        <source>Show what is the same</source>
        <translation>Gleiches zeigen</translation>
    </message>
    <message>
        <source>Differences</source>
        <translation>Unterschiede</translation>
    </message>
    <message>
        <source>Hide what is the same in all</source>
        <translation>Gleiches ausblenden</translation>
    </message>
    <message>
        <source>Show %1 more, the same in all</source>
        <translation>%1 weitere zeigen, überall gleich</translation>
    </message>
</context>
<context>
    <name>distanz::app::FindingsColumn</name>
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
        <source>Exclude run %1 ...</source>
        <translation>Lauf %1 ausschließen ...</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>Plan that many</source>
        <translation>So viele planen</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>zu</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Vorsicht</translation>
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
        <translation>keines</translation>
    </message>
    <message>
        <source>Wind from</source>
        <translation>Wind aus</translation>
    </message>
    <message>
        <source>Battery</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>the setup&apos;s</source>
        <translation>der des Setups</translation>
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
        <source>Batteries</source>
        <translation>Akkus</translation>
    </message>
    <message>
        <source>Flights of each</source>
        <translation>Flüge von jedem</translation>
    </message>
    <message>
        <source>Flights of each setup</source>
        <translation>Flüge je Setup</translation>
    </message>
    <message>
        <source>Difference that matters</source>
        <translation>Wichtiger Unterschied</translation>
    </message>
    <message>
        <source>Allowed distance</source>
        <translation>Erlaubte Entfernung</translation>
    </message>
    <message>
        <source>Allowed height</source>
        <translation>Erlaubte Höhe</translation>
    </message>
    <message>
        <source>as flown</source>
        <translation>wie geflogen</translation>
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
        <source>mAh per km</source>
        <translation>mAh je km</translation>
    </message>
    <message>
        <source>Turnaround</source>
        <translation>Wechselzeit</translation>
    </message>
    <message>
        <source>not set</source>
        <translation>nicht gesetzt</translation>
    </message>
    <message>
        <source>Visual line of sight</source>
        <translation>Sichtweite</translation>
    </message>
    <message>
        <source>Flight-to-flight spread</source>
        <translation>Streuung von Flug zu Flug</translation>
    </message>
    <message>
        <source>Random seed</source>
        <translation>Startzahl</translation>
    </message>
    <message>
        <source>Random seed of the order</source>
        <translation>Startzahl der Reihenfolge</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a time of day. Type it as 06:30.</source>
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
        <source>%1 flown, %2 to come</source>
        <translation>%1 geflogen, %2 kommen noch</translation>
    </message>
    <message>
        <source>Battery and wind from a run</source>
        <translation>Akku und Wind aus einem Lauf</translation>
    </message>
    <message>
        <source>Blind labels</source>
        <translation>Blinde Nummern</translation>
    </message>
    <message>
        <source>Consumption, airspeed and wind along the path, as an earlier flight logged them</source>
        <translation>Verbrauch, Fluggeschwindigkeit und Wind auf dem Weg, wie ein früherer Flug sie geloggt hat</translation>
    </message>
    <message>
        <source>A number for every recording, to judge pictures without knowing the setup</source>
        <translation>Eine Nummer für jede Aufnahme, um Bilder zu beurteilen, ohne das Setup zu kennen</translation>
    </message>
    <message>
        <source>Chance of detecting a difference</source>
        <translation>Chance, einen Unterschied zu erkennen</translation>
    </message>
    <message>
        <source>Add setups in Kit to see the order of the flights.</source>
        <translation>Setups unter Ausrüstung hinzufügen, dann erscheint die Reihenfolge.</translation>
    </message>
</context>
<context>
    <name>distanz::app::GroundGuide</name>
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
    <message>
        <source>Start one minute</source>
        <translation>Eine Minute starten</translation>
    </message>
    <message>
        <source>Counters read. See the result.</source>
        <translation>Zähler abgelesen. Das Ergebnis ansehen.</translation>
    </message>
</context>
<context>
    <name>distanz::app::GroundPage</name>
    <message>
        <source>Terrain and maps</source>
        <translation>Gelände und Karten</translation>
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
        <source>none</source>
        <translation>keines</translation>
    </message>
    <message>
        <source>count</source>
        <translation>zählen</translation>
    </message>
    <message>
        <source>Used in the prediction</source>
        <translation>In der Vorhersage</translation>
    </message>
    <message>
        <source>Obstruction model</source>
        <translation>Hindernismodell</translation>
    </message>
    <message>
        <source>Effective earth radius factor</source>
        <translation>Effektiver Erdradiusfaktor</translation>
    </message>
    <message>
        <source>Height rule, % of distance</source>
        <translation>Höhenregel, % der Entfernung</translation>
    </message>
    <message>
        <source>Ground reflection</source>
        <translation>Bodenreflexion</translation>
    </message>
    <message>
        <source>Ground roughness (1σ)</source>
        <translation>Bodenrauheit (1σ)</translation>
    </message>
    <message>
        <source>Station elevation</source>
        <translation>Höhe der Station</translation>
    </message>
    <message>
        <source>from the terrain</source>
        <translation>aus dem Gelände</translation>
    </message>
    <message>
        <source>Obstacle near the antenna</source>
        <translation>Hindernis nahe der Antenne</translation>
    </message>
    <message>
        <source>Rain, mm/h</source>
        <translation>Regen, mm/h</translation>
    </message>
    <message>
        <source>Fog, g/m³</source>
        <translation>Nebel, g/m³</translation>
    </message>
    <message>
        <source>Oxygen and water vapour</source>
        <translation>Sauerstoff und Wasserdampf</translation>
    </message>
    <message>
        <source>Its distance</source>
        <translation>Seine Entfernung</translation>
    </message>
    <message>
        <source>Its bearing from the antenna</source>
        <translation>Seine Richtung von der Antenne</translation>
    </message>
    <message>
        <source>bearing not set</source>
        <translation>Richtung nicht gesetzt</translation>
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
        <translation>des Links, in %</translation>
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
        <source>Readings, row by row</source>
        <translation>Messwerte, Zeile für Zeile</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>counted; used as quality only</source>
        <translation>gezählt; gelten nur als Qualität</translation>
    </message>
    <message>
        <source>Import ...</source>
        <translation>Importieren ...</translation>
    </message>
    <message>
        <source>Each row needs a post, a distance or a time, and a reading or an event. Enter: next row, with the next post already there. Tab: next column. A smaller number counts back. Events alone (lost, regained, turned) are enough.</source>
        <translation>Jede Zeile braucht einen Pfosten, eine Entfernung oder eine Zeit, und einen Wert oder ein Ereignis. Eingabetaste: nächste Zeile, mit dem nächsten Pfosten schon darin. Tabulator: nächste Spalte. Eine kleinere Nummer zählt zurück. Ereignisse allein (verloren, wieder da, gewendet) genügen.</translation>
    </message>
</context>
<context>
    <name>distanz::app::ImportDialog</name>
    <message>
        <source>Import</source>
        <translation>Importieren</translation>
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
        <translation>Station und Weg aus %1: Startplatz, %2 hinaus</translation>
    </message>
    <message>
        <source>Use these columns for %1</source>
        <translation>Diese Spalten für %1 anwenden</translation>
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
    <message>
        <source>automatic</source>
        <translation>automatisch</translation>
    </message>
    <message>
        <source>A course counts in its named sections only. It may lack positions: mark its posts afterwards.</source>
        <translation>Ein Parcours zählt nur in seinen benannten Abschnitten. Positionen dürfen fehlen: seine Pfosten danach markieren.</translation>
    </message>
    <message>
        <source>Reading %1 ...</source>
        <translation>%1 wird gelesen ...</translation>
    </message>
    <message>
        <source>Make a run of each of its flights</source>
        <translation>Aus jedem seiner Flüge einen Lauf machen</translation>
    </message>
    <message>
        <source>Make a run of each of its %1 flights</source>
        <translation>Aus jedem seiner %1 Flüge einen Lauf machen</translation>
    </message>
    <message>
        <source>Not imported: %1. See the reason beside it.</source>
        <translation>Nicht importiert: %1. Der Grund steht daneben.</translation>
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
        <source>Add control link</source>
        <translation>Steuerlink hinzufügen</translation>
    </message>
    <message>
        <source>Add video link</source>
        <translation>Videolink hinzufügen</translation>
    </message>
    <message>
        <source>Add setup</source>
        <translation>Setup hinzufügen</translation>
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
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>Links</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Add photos</source>
        <translation>Fotos hinzufügen</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg);;All files (*)</source>
        <translation>Bilder (*.png *.jpg *.jpeg);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Parts from another campaign</source>
        <translation>Teile aus einer anderen Kampagne</translation>
    </message>
    <message>
        <source>Differences</source>
        <translation>Unterschiede</translation>
    </message>
    <message>
        <source>Links and their usable limits</source>
        <translation>Links und ihre Nutzgrenzen</translation>
    </message>
</context>
<context>
    <name>distanz::app::LanePlot</name>
    <message>
        <source>%1: %2 %3 at %4</source>
        <translation>%1: %2 %3 bei %4</translation>
    </message>
    <message>
        <source>Lanes: %1</source>
        <translation>Spuren: %1</translation>
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
        <source>in feet</source>
        <translation>in Fuß</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Without terrain the ground counts as flat. Add the tile of this place, and maps of trees, buildings, roads and keep-out areas. You can drop files here.</source>
        <translation>Ohne Gelände gilt der Boden als eben. Die Kachel dieses Orts hinzufügen, und Karten von Bäumen, Gebäuden, Straßen und Sperrgebieten. Dateien lassen sich hier ablegen.</translation>
    </message>
    <message>
        <source>Content</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>Height of the objects</source>
        <translation>Höhe der Objekte</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
</context>
<context>
    <name>distanz::app::LinkCard</name>
    <message>
        <source>%1 link</source>
        <translation>Link %1</translation>
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
        <source>0 dB</source>
        <translation>0 dB</translation>
    </message>
    <message>
        <source>70 %</source>
        <translation>70 %</translation>
    </message>
    <message>
        <source>8 Mbit/s</source>
        <translation>8 Mbit/s</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove the %1 link</source>
        <translation>Link %1 entfernen</translation>
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
        <source>10 dB</source>
        <translation>10 dB</translation>
    </message>
    <message>
        <source>Required SNR</source>
        <translation>Nötiges SNR</translation>
    </message>
    <message>
        <source>EIRP limit here</source>
        <translation>EIRP-Grenze hier</translation>
    </message>
    <message>
        <source>Margin above it</source>
        <translation>Reserve darüber</translation>
    </message>
    <message>
        <source>Minimum link quality</source>
        <translation>Mindest-Linkqualität</translation>
    </message>
    <message>
        <source>Minimum bitrate</source>
        <translation>Mindest-Bitrate</translation>
    </message>
    <message>
        <source>Dips allowed up to</source>
        <translation>Einbrüche erlaubt bis</translation>
    </message>
    <message>
        <source>Minimum picture grade</source>
        <translation>Kleinste Bildnote</translation>
    </message>
    <message>
        <source>3 of 5</source>
        <translation>3 von 5</translation>
    </message>
    <message>
        <source>Minimum signal reading</source>
        <translation>Kleinste Signalanzeige</translation>
    </message>
    <message>
        <source>own scale: 20</source>
        <translation>eigene Skala: 20</translation>
    </message>
</context>
<context>
    <name>distanz::app::LiveBar</name>
    <message>
        <source>Fill live</source>
        <translation>Live füllen</translation>
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
        <translation>%1 Messwerte</translation>
    </message>
    <message>
        <source>Address of the instrument</source>
        <translation>Adresse des Geräts</translation>
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
        <source>Open the file</source>
        <translation>Die Datei öffnen</translation>
    </message>
    <message>
        <source>Save a copy as ...</source>
        <translation>Kopie speichern unter ...</translation>
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
        <translation>Weg speichern: Die Datei zeigt, wo geflogen wird</translation>
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
    <message>
        <source>The printer cannot be used. Choose another one.</source>
        <translation>Der Drucker ist nicht benutzbar. Einen anderen wählen.</translation>
    </message>
    <message>
        <source>%1 exists already, from an earlier import of this folder. Open that file. If the folder has changed, move the file away and open the folder again.</source>
        <translation>%1 gibt es schon, von einem früheren Import dieses Ordners. Diese Datei öffnen. Hat sich der Ordner geändert, die Datei beiseitelegen und den Ordner erneut öffnen.</translation>
    </message>
    <message>
        <source>Another campaign is opening. Try again in a moment.</source>
        <translation>Eine andere Kampagne wird gerade geöffnet. Gleich erneut versuchen.</translation>
    </message>
    <message>
        <source>Not saved yet: the campaign file is busy. It is saved as soon as the file is free.</source>
        <translation>Noch nicht gespeichert: Die Kampagnendatei ist belegt. Gespeichert wird, sobald sie frei ist.</translation>
    </message>
    <message>
        <source>%1 is open now. Choose another name.</source>
        <translation>%1 ist gerade geöffnet. Einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>Open or make a campaign first. Then drop the logs on it.</source>
        <translation>Erst eine Kampagne öffnen oder anlegen. Dann die Logs darauf ziehen.</translation>
    </message>
    <message>
        <source>Light or dark theme</source>
        <translation>Hell oder dunkel</translation>
    </message>
    <message>
        <source>&lt;b&gt;Distanz %1&lt;/b&gt;&lt;p&gt;How far each radio setup reaches, which is better, and how sure that is.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later.&lt;/p&gt;</source>
        <translation>&lt;b&gt;Distanz %1&lt;/b&gt;&lt;p&gt;Wie weit jedes Funk-Setup reicht, welches besser ist, und wie sicher das ist.&lt;/p&gt;&lt;p&gt;Freie Software unter der GNU General Public License, Version 3 oder später.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&amp;Theme</source>
        <translation>&amp;Farben</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
</context>
<context>
    <name>distanz::app::MapView</name>
    <message>
        <source>station</source>
        <translation>Station</translation>
    </message>
    <message>
        <source>far post</source>
        <translation>Endpfosten</translation>
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
    <message>
        <source>No path yet: set the station</source>
        <translation>Noch kein Weg: die Station setzen</translation>
    </message>
    <message>
        <source>No path yet: set the far post, or its distance and bearing</source>
        <translation>Noch kein Weg: den Endpfosten setzen, oder Entfernung und Richtung</translation>
    </message>
    <message>
        <source>outbound bearing %1</source>
        <translation>Richtung hinaus %1</translation>
    </message>
    <message>
        <source>%1, elevation %2</source>
        <translation>%1, %2 über dem Meer</translation>
    </message>
    <message>
        <source>Continue the path to here</source>
        <translation>Weg bis hierher fortsetzen</translation>
    </message>
</context>
<context>
    <name>distanz::app::MarksDialog</name>
    <message>
        <source>Propose</source>
        <translation>Vorschlagen</translation>
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
        <source>Apply these places</source>
        <translation>Diese Orte anwenden</translation>
    </message>
    <message>
        <source>Mark posts of run %1</source>
        <translation>Pfosten von Lauf %1 markieren</translation>
    </message>
    <message>
        <source>Times: 3:27 or 207. Places: a post&apos;s number or name, or 450 m along the path. Speed counts as steady between two marks. On the strip in Runs, key M marks the next post.</source>
        <translation>Zeiten: 3:27 oder 207. Orte: Nummer oder Name eines Pfostens, oder 450 m am Weg entlang. Zwischen zwei Marken gilt die Geschwindigkeit als gleichmäßig. Auf dem Streifen unter Läufe markiert die Taste M den nächsten Pfosten.</translation>
    </message>
    <message>
        <source>Add a row for each post passed, or match the run to another one below.</source>
        <translation>Für jeden passierten Pfosten eine Zeile anlegen, oder den Lauf unten an einen anderen angleichen.</translation>
    </message>
    <message>
        <source>Match to run</source>
        <translation>An Lauf angleichen</translation>
    </message>
    <message>
        <source>Matching ...</source>
        <translation>Wird angeglichen ...</translation>
    </message>
</context>
<context>
    <name>distanz::app::MountPanel</name>
    <message>
        <source>Place on the airframe</source>
        <translation>Platz am Fluggerät</translation>
    </message>
    <message>
        <source>not set</source>
        <translation>nicht gesetzt</translation>
    </message>
    <message>
        <source>Azimuth, 0° ahead</source>
        <translation>Azimut, 0° voraus</translation>
    </message>
    <message>
        <source>Elevation, 90° upright</source>
        <translation>Elevation, 90° aufrecht</translation>
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
        <source>Saved in %1</source>
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
        <translation>in keinem Setup</translation>
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
        <translation>Endpfosten, Breite und Länge</translation>
    </message>
    <message>
        <source>46.91, 20.96 or UTM</source>
        <translation>46.91, 20.96 oder UTM</translation>
    </message>
    <message>
        <source>or: its distance</source>
        <translation>oder: seine Entfernung</translation>
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
        <translation>Weg</translation>
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
    <message>
        <source>Path from a file</source>
        <translation>Weg aus einer Datei</translation>
    </message>
</context>
<context>
    <name>distanz::app::PointsPage</name>
    <message>
        <source>path %1</source>
        <translation>Weg %1</translation>
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
        <source>Remove path</source>
        <translation>Weg entfernen</translation>
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
        <translation>Form des Parcours</translation>
    </message>
    <message>
        <source>Posts</source>
        <translation>Pfosten</translation>
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
        <source>Planned path</source>
        <translation>Geplanter Weg</translation>
    </message>
    <message>
        <source>A copy of this path</source>
        <translation>Eine Kopie dieses Wegs</translation>
    </message>
    <message>
        <source>From file</source>
        <translation>Aus Datei</translation>
    </message>
    <message>
        <source>GPX, KML, GeoJSON, or a Distanz plan</source>
        <translation>GPX, KML, GeoJSON, oder ein Distanz-Plan</translation>
    </message>
    <message>
        <source>From run</source>
        <translation>Aus Lauf</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>length or radius</source>
        <translation>Länge oder Radius</translation>
    </message>
    <message>
        <source>bearing</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>length or width</source>
        <translation>Länge oder Breite</translation>
    </message>
    <message>
        <source>depth of the box</source>
        <translation>Tiefe des Rechtecks</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>Replaces the points of this path; you can undo it</source>
        <translation>Ersetzt die Punkte dieses Wegs; lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>Points, outbound</source>
        <translation>Punkte, hinaus</translation>
    </message>
    <message>
        <source>Set the station first. Then shape the path above, or add points.</source>
        <translation>Erst die Station setzen. Dann den Weg oben formen, oder Punkte hinzufügen.</translation>
    </message>
    <message>
        <source>Marks you can see from the air, besides the evenly spaced posts.</source>
        <translation>Marken, die aus der Luft zu sehen sind, neben den Pfosten in festem Abstand.</translation>
    </message>
    <message>
        <source>Named parts of the path: behind the shed, along the poplars.</source>
        <translation>Benannte Teile des Wegs: hinter dem Schuppen, an den Pappeln.</translation>
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
        <source>Clear all ticks</source>
        <translation>Alle Haken löschen</translation>
    </message>
    <message>
        <source>your name</source>
        <translation>eigener Name</translation>
    </message>
    <message>
        <source>Name of the person who ticks the list</source>
        <translation>Name der Person, die die Liste abhakt</translation>
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
        <source>What the signs mean</source>
        <translation>Was die Zeichen bedeuten</translation>
    </message>
    <message>
        <source>Click to pick this distance everywhere.</source>
        <translation>Ein Klick wählt diese Entfernung überall.</translation>
    </message>
</context>
<context>
    <name>distanz::app::ReadingTimer</name>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Read now: %1</source>
        <translation>Jetzt ablesen: %1</translation>
    </message>
    <message>
        <source>Announce readings</source>
        <translation>Messwerte ansagen</translation>
    </message>
    <message>
        <source>next reading at %1, in %2 s</source>
        <translation>nächster Messwert bei %1, in %2 s</translation>
    </message>
</context>
<context>
    <name>distanz::app::ReadingsEditor</name>
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
        <translation>Messwerte</translation>
    </message>
    <message>
        <source>What is measured</source>
        <translation>Was gemessen wird</translation>
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
        <translation>Messwerte bei der gewählten Entfernung</translation>
    </message>
    <message>
        <source>not flown here</source>
        <translation>hier nicht geflogen</translation>
    </message>
    <message>
        <source>Click a distance here or on the rule to read every setup there</source>
        <translation>Eine Entfernung hier oder am Lineal anklicken, um jedes Setup dort abzulesen</translation>
    </message>
    <message>
        <source>Mean of all runs at %1 (±%2)</source>
        <translation>Mittel aller Läufe bei %1 (±%2)</translation>
    </message>
</context>
<context>
    <name>distanz::app::RecordForm</name>
    <message>
        <source>Name</source>
        <translation>Name</translation>
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
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Save as ...</source>
        <translation>Speichern unter ...</translation>
    </message>
    <message>
        <source>not set</source>
        <translation>nicht gesetzt</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Link</translation>
    </message>
    <message>
        <source>Setup</source>
        <translation>Setup</translation>
    </message>
    <message>
        <source>Meaning of %1</source>
        <translation>Bedeutung von %1</translation>
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
        <source>Other plot</source>
        <translation>Andere Darstellung</translation>
    </message>
</context>
<context>
    <name>distanz::app::RunStrip</name>
    <message>
        <source>The run over time and over the path</source>
        <translation>Der Lauf über der Zeit und über dem Weg</translation>
    </message>
    <message>
        <source>Choose a run above to see it over time and over the path</source>
        <translation>Oben einen Lauf wählen, um ihn über der Zeit und über dem Weg zu sehen</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Wende</translation>
    </message>
    <message>
        <source>Drag the edges of the turn, the cuts at both ends, or a further log below. Keyboard: Left and Right move the start of the turn, with Shift its end. With Ctrl and Ctrl+Shift they move the cuts, with Alt the further log. M marks the next post at the pointer.</source>
        <translation>Die Ränder der Wende, die Schnitte an beiden Enden oder ein weiteres Log unten ziehen. Tastatur: Links und Rechts bewegen den Beginn der Wende, mit Umschalt ihr Ende. Mit Strg und Strg+Umschalt bewegen sie die Schnitte, mit Alt das weitere Log. M markiert den nächsten Pfosten am Zeiger.</translation>
    </message>
    <message>
        <source>No positions. Point at the time of a post and press M, or open Flown as, Mark posts.</source>
        <translation>Keine Positionen. Auf die Zeit eines Pfostens zeigen und M drücken, oder Geflogen als, Pfosten markieren öffnen.</translation>
    </message>
    <message>
        <source>over the path: outbound solid, inbound dashed</source>
        <translation>über dem Weg: Hinflug durchgezogen, Rückflug gestrichelt</translation>
    </message>
    <message>
        <source>%1, starts %2 later</source>
        <translation>%1, beginnt %2 später</translation>
    </message>
    <message>
        <source>%1, starts %2 later (±%3, %4 of path)</source>
        <translation>%1, beginnt %2 später (±%3, %4 Weg)</translation>
    </message>
    <message>
        <source>%1, starts %2 later (±%3)</source>
        <translation>%1, beginnt %2 später (±%3)</translation>
    </message>
</context>
<context>
    <name>distanz::app::RunTable</name>
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
        <source>outbound</source>
        <translation>Hinflug</translation>
    </message>
    <message>
        <source>inbound</source>
        <translation>Rückflug</translation>
    </message>
    <message>
        <source>end reason</source>
        <translation>Grund des Endes</translation>
    </message>
    <message>
        <source>The order is a whole number from 1: the place of this run in the session.</source>
        <translation>Die Folge ist eine ganze Zahl ab 1: der Platz dieses Laufs in der Sitzung.</translation>
    </message>
    <message>
        <source>Power reduction: %1</source>
        <translation>Leistungsverringerung: %1</translation>
    </message>
    <message>
        <source>reduction</source>
        <translation>verringert</translation>
    </message>
</context>
<context>
    <name>distanz::app::RunsStage</name>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>, turn moved by hand</source>
        <translation>, Wende von Hand verschoben</translation>
    </message>
    <message>
        <source>find runs</source>
        <translation>Läufe suchen</translation>
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
        <source>Readings</source>
        <translation>Messwerte</translation>
    </message>
    <message>
        <source>readings</source>
        <translation>Messwerte</translation>
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
        <source>Go on importing %1</source>
        <translation>%1 weiter importieren</translation>
    </message>
    <message>
        <source>Import logs ...</source>
        <translation>Logs importieren ...</translation>
    </message>
    <message>
        <source>Exclude ...</source>
        <translation>Ausschließen ...</translation>
    </message>
    <message>
        <source>Readings called out or read off a recording, by post, distance or time</source>
        <translation>Angesagte oder von einer Aufnahme abgelesene Werte, nach Pfosten, Entfernung oder Zeit</translation>
    </message>
    <message>
        <source>Type row by row ...</source>
        <translation>Zeile für Zeile eingeben ...</translation>
    </message>
    <message>
        <source>Show only runs with this text</source>
        <translation>Nur Läufe mit diesem Text zeigen</translation>
    </message>
    <message>
        <source>Keep the run but do not count it, with a reason; or include it again</source>
        <translation>Den Lauf behalten, aber mit einem Grund ausschließen; oder wieder zählen</translation>
    </message>
    <message>
        <source>Nothing to paste. Copy the rows of a table with its headings first.</source>
        <translation>Nichts einzufügen. Zuerst die Zeilen einer Tabelle mit ihren Überschriften kopieren.</translation>
    </message>
    <message>
        <source>Include again</source>
        <translation>Wieder zählen</translation>
    </message>
    <message>
        <source>places from run %1</source>
        <translation>Orte aus Lauf %1</translation>
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
        <source>Measurements</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>New measurement</source>
        <translation>Neue Messung</translation>
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
        <source>Recent campaigns</source>
        <translation>Letzte Kampagnen</translation>
    </message>
    <message>
        <source>Clear this list</source>
        <translation>Liste leeren</translation>
    </message>
    <message>
        <source>The campaign files stay where they are.</source>
        <translation>Die Kampagnen selbst bleiben, wo sie sind.</translation>
    </message>
    <message>
        <source>How far does it reach?</source>
        <translation>Wie weit reicht es?</translation>
    </message>
    <message>
        <source>Fly each setup over the same measured path and import the logs. Distanz shows how far each reaches, which is better, and how sure that is.</source>
        <translation>Jedes Setup über denselben gemessenen Weg fliegen und die Logs importieren. Distanz zeigt, wie weit jedes reicht, welches besser ist, und wie sicher das ist.</translation>
    </message>
    <message>
        <source>The demo flights are simulated with a fixed seed. People, places and gear are made up.</source>
        <translation>Die Flüge der Demo sind mit festem Startwert simuliert. Personen, Orte und Geräte sind erfunden.</translation>
    </message>
    <message>
        <source>None yet. A campaign is one file, saved as you work.</source>
        <translation>Noch keine. Eine Kampagne ist eine Datei, gespeichert bei der Arbeit.</translation>
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
        <translation>Link „{link}“: Modus {mode} kommt zweimal vor; jedem Modus eine Empfindlichkeit geben</translation>
    </message>
    <message>
        <source>run &quot;{run_id}&quot;: the turn must begin before it ends</source>
        <translation>Lauf „{run_id}“: die Wende muss beginnen, bevor sie endet</translation>
    </message>
    <message>
        <source>the scenario has no level for setup &quot;{setup}&quot; on link &quot;{link}&quot;</source>
        <translation>das Szenario hat keinen Pegel für Setup „{setup}“ auf dem Link „{link}“</translation>
    </message>
    <message>
        <source>a scenario has at most {most} flights</source>
        <translation>ein Szenario hat höchstens {most} Flüge</translation>
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
        <source>10^({reduction:.1} / (10 n)) = {factor:.2} (95 %: {factor.low:.2} to {factor.high:.2}).</source>
        <translation>10^({reduction:.1} / (10 n)) = {factor:.2} (95 %: {factor.low:.2} bis {factor.high:.2}).</translation>
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
        <source>Run {run} does not count on the {link} link: {why}.</source>
        <translation>Lauf {run} zählt auf dem Link {link} nicht: {why}.</translation>
    </message>
    <message>
        <source>Run {run}: {why}.</source>
        <translation>Lauf {run}: {why}.</translation>
    </message>
    <message>
        <source>Run {run} changed packet rate or mode in flight on the {link} link ({modes}).</source>
        <translation>Lauf {run} wechselte im Flug Paketrate oder Modus auf dem Link {link} ({modes}).</translation>
    </message>
    <message>
        <source>Not all flights used the same packet rate or mode on the {link} link.</source>
        <translation>Nicht alle Flüge nutzten auf dem Link {link} dieselbe Paketrate oder denselben Modus.</translation>
    </message>
    <message>
        <source>the same flight as run {other}</source>
        <translation>derselbe Flug wie Lauf {other}</translation>
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
        <translation>ist größer als {most} MB; in einzelne Flüge schneiden</translation>
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
        <source>SHA-256 could not be computed</source>
        <translation>SHA-256 ließ sich nicht berechnen</translation>
    </message>
    <message>
        <source>the log &quot;{log}&quot; is not inside the folder; put it beside campaign.json</source>
        <translation>das Log „{log}“ liegt nicht im Ordner; neben campaign.json legen</translation>
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
        <source>must be a JSON object</source>
        <translation>muss ein JSON-Objekt sein</translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be an object</source>
        <translation>„{key}“ muss ein Objekt sein</translation>
    </message>
    <message>
        <source>{keys}: must be objects by link and by setup</source>
        <translation>{keys}: müssen Objekte nach Link und nach Setup sein</translation>
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
        <source>the disk is full; free some space and try again (nothing was changed)</source>
        <translation>die Platte ist voll; Platz schaffen und erneut versuchen (nichts wurde geändert)</translation>
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
        <source>could not be read or written; check the disk and its free space (nothing was changed)</source>
        <translation>konnte nicht gelesen oder geschrieben werden; die Platte und ihren freien Platz prüfen (nichts wurde geändert)</translation>
    </message>
    <message>
        <source>cannot hold a log this large; cut it into single flights</source>
        <translation>kann ein so großes Log nicht aufnehmen; in einzelne Flüge schneiden</translation>
    </message>
    <message>
        <source>could not be used: {reason}; check the disk and the folder</source>
        <translation>konnte nicht benutzt werden: {reason}; Platte und Ordner prüfen</translation>
    </message>
    <message>
        <source>was emptied by another program; save a copy of the campaign</source>
        <translation>wurde von einem anderen Programm geleert; eine Kopie der Kampagne speichern</translation>
    </message>
    <message>
        <source>was opened for reading only</source>
        <translation>ist nur zum Lesen geöffnet</translation>
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
        <source>is open in a program; close it there, or choose another name</source>
        <translation>ist in einem Programm geöffnet; es dort schließen, oder einen anderen Namen wählen</translation>
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
        <translation>das Log von Lauf {run} fehlt in der Kampagnendatei; erneut importieren</translation>
    </message>
    <message>
        <source>the log of run {run} is damaged in the campaign file; import it again</source>
        <translation>das Log von Lauf {run} ist in der Kampagnendatei beschädigt; erneut importieren</translation>
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
        <source>{option}: {why}</source>
        <translation>{option}: {why}</translation>
    </message>
    <message>
        <source>--map {text}: write CHANNEL=COLUMN, e.g. --map rssi_dbm=RSSI</source>
        <translation>--map {text}: CHANNEL=COLUMN schreiben, z. B. --map rssi_dbm=RSSI</translation>
    </message>
    <message>
        <source>the file is empty; choose the log that the recorder wrote</source>
        <translation>die Datei ist leer; das Log wählen, das der Rekorder geschrieben hat</translation>
    </message>
    <message>
        <source>the file is UTF-16 text; save it as UTF-8 and try again</source>
        <translation>die Datei ist UTF-16-Text; als UTF-8 speichern und erneut versuchen</translation>
    </message>
    <message>
        <source>no row names the columns; add a first line such as time_s,distance_m,rssi_dbm</source>
        <translation>keine Zeile benennt die Spalten; eine erste Zeile wie time_s,distance_m,rssi_dbm hinzufügen</translation>
    </message>
    <message>
        <source>the file has column names but no rows; choose the log that the recorder wrote</source>
        <translation>die Datei hat Spaltennamen, aber keine Zeilen; das Log wählen, das der Rekorder geschrieben hat</translation>
    </message>
    <message>
        <source>no line holds a JSON object; check that the right file was chosen</source>
        <translation>keine Zeile enthält ein JSON-Objekt; prüfen, ob die richtige Datei gewählt ist</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a channel; the channels are: {channels}</source>
        <translation>„{text}“ ist kein Kanal; die Kanäle sind: {channels}</translation>
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
        <source>no row has a readable time; match another column to time_s by hand</source>
        <translation>keine Zeile hat eine lesbare Zeit; eine andere Spalte von Hand time_s zuordnen</translation>
    </message>
    <message>
        <source>Describe two setups</source>
        <translation>Zwei Setups beschreiben</translation>
    </message>
    <message>
        <source>Name the setups</source>
        <translation>Die Setups benennen</translation>
    </message>
    <message>
        <source>Next: set the station and the far post in Plan.</source>
        <translation>Weiter: Station und Endpfosten unter Plan setzen.</translation>
    </message>
    <message>
        <source>Set the station</source>
        <translation>Die Station setzen</translation>
    </message>
    <message>
        <source>Set the far post</source>
        <translation>Den Endpfosten setzen</translation>
    </message>
    <message>
        <source>Use the flown exponent</source>
        <translation>Den erflogenen Exponenten nehmen</translation>
    </message>
    <message>
        <source>two setups</source>
        <translation>zwei Setups</translation>
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
        <translation>Link {link} hinzufügen</translation>
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
        <translation>Link {link} entfernen</translation>
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
        <source>Import {log}</source>
        <translation>{log} importieren</translation>
    </message>
    <message>
        <source>Import {logs:logs}</source>
        <translation>{logs:logs} importieren</translation>
    </message>
    <message>
        <source>nothing was entered; type for example {example}</source>
        <translation>nichts eingegeben; zum Beispiel {example} eingeben</translation>
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
        <source>power must be above zero; type for example {example}</source>
        <translation>Leistung muss über null liegen; zum Beispiel {example} eingeben</translation>
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
        <source>&quot;{text}&quot;: a mode is a number from 0 to {most}</source>
        <translation>„{text}“: ein Modus ist eine Zahl von 0 bis {most}</translation>
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
        <translation>Link {link}: {name} gegen {worse} {delta:+.1} (95 %: {delta.low:#+.1} bis {delta.high:#+.1}).</translation>
    </message>
    <message>
        <source>Its {link} link never failed in {flights:flights}.</source>
        <translation>Der Link {link} versagte in {flights:flights} nie.</translation>
    </message>
    <message>
        <source>holds {parameter}, not reflections; export S parameters</source>
        <translation>enthält {parameter}, keine Reflexionen; S-Parameter ausgeben lassen</translation>
    </message>
    <message>
        <source>has more than {most} points; sweep with fewer</source>
        <translation>hat mehr als {most} Punkte; mit weniger messen</translation>
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
        <source>VSWR {limit:.3g} or less from {low:.1} to {high:.1}.</source>
        <translation>VSWR {limit:.3g} oder weniger von {low:.1} bis {high:.1}.</translation>
    </message>
    <message>
        <source>{setting} throttles after {at:.0}: {droop:.1} less, {range:.0} of the range. Cool it, or plan with the lower power.</source>
        <translation>{setting} drosselt nach {at:.0}: {droop:.1} weniger, {range:.0} der Reichweite. Kühlen oder mit der kleineren Leistung planen.</translation>
    </message>
    <message>
        <source>Less on this scale is more signal.</source>
        <translation>Weniger auf dieser Skala ist mehr Signal.</translation>
    </message>
    <message>
        <source>The strongest side lobe is {below:.0} below the beam, at {angle:+.0}.</source>
        <translation>Die stärkste Nebenkeule liegt {below:.0} unter dem Strahl, bei {angle:+.0}.</translation>
    </message>
    <message>
        <source>Leave low-power mode before you fly, and tick it off here.</source>
        <translation>Vor dem Flug den Betrieb mit kleiner Leistung verlassen und hier abhaken.</translation>
    </message>
    <message>
        <source>Add traces: tables with frequency and level.</source>
        <translation>Kurven hinzufügen: Tabellen mit Frequenz und Pegel.</translation>
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
        <source>Do not fly.</source>
        <translation>Nicht fliegen.</translation>
    </message>
    <message>
        <source>About {swaps} of each would show such a difference.</source>
        <translation>Etwa je {swaps} würden einen solchen Unterschied zeigen.</translation>
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
        <source>The resonance moved from {was:.1} ({from}) to {is:.1} ({to}).</source>
        <translation>Die Resonanz ging von {was:.1} ({from}) nach {is:.1} ({to}).</translation>
    </message>
    <message>
        <source>a file of {record} is damaged; restore a copy</source>
        <translation>eine Datei von {record} ist beschädigt; eine Kopie zurückholen</translation>
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
        <source>Change {what}</source>
        <translation>{what} ändern</translation>
    </message>
    <message>
        <source>Change the mounting</source>
        <translation>Den Einbau ändern</translation>
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
        <source>Add photos of {part}</source>
        <translation>Fotos von {part} hinzufügen</translation>
    </message>
    <message>
        <source>Remove a photo of {part}</source>
        <translation>Ein Foto von {part} entfernen</translation>
    </message>
    <message>
        <source>To make up for the {change} lost, {power} would have to become {other}.</source>
        <translation>Um die verlorenen {change} auszugleichen, müssten aus {power} {other} werden.</translation>
    </message>
    <message>
        <source>cannot serve on {place}: {reason}</source>
        <translation>kann auf {place} nicht senden: {reason}</translation>
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
        <source>{file}</source>
        <translation>{file}</translation>
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
        <source>needed: {level:.1} (sensitivity and margin)</source>
        <translation>nötig: {level:.1} (Empfindlichkeit und Reserve)</translation>
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
        <source>Every planned flight is flown.</source>
        <translation>Alle geplanten Flüge sind geflogen.</translation>
    </message>
    <message>
        <source>Do not fly</source>
        <translation>Nicht fliegen</translation>
    </message>
    <message>
        <source>An observer stands where the aircraft is beyond {sight}.</source>
        <translation>Ein Beobachter steht dort, wo das Fluggerät jenseits von {sight} ist.</translation>
    </message>
    <message>
        <source>Setup {setup} has passed its ground check.</source>
        <translation>Setup {setup} hat die Bodenprüfung bestanden.</translation>
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
        <source>of it {what}: {change:+.1}</source>
        <translation>davon {what}: {change:+.1}</translation>
    </message>
    <message>
        <source>Fly at {height}</source>
        <translation>In {height} fliegen</translation>
    </message>
    <message>
        <source>No height clears the path</source>
        <translation>Keine Höhe macht den Weg frei</translation>
    </message>
    <message>
        <source>The terrain is of another place</source>
        <translation>Das Gelände ist von anderswo</translation>
    </message>
    <message>
        <source>Terrain is known to {known} only</source>
        <translation>Gelände ist nur bis {known} bekannt</translation>
    </message>
    <message>
        <source>These heights look like feet</source>
        <translation>Diese Höhen sehen nach Fuß aus</translation>
    </message>
    <message>
        <source>Latitude and longitude look swapped</source>
        <translation>Breite und Länge sehen vertauscht aus</translation>
    </message>
    <message>
        <source>{layer} is left out: {why}</source>
        <translation>{layer} fehlt: {why}</translation>
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
        <translation>Einen Punkt in den Weg einfügen</translation>
    </message>
    <message>
        <source>Remove a point of the path</source>
        <translation>Einen Punkt des Weges entfernen</translation>
    </message>
    <message>
        <source>Plan {path}</source>
        <translation>{path} planen</translation>
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
        <source>{label} is {run}, setup {setup}.</source>
        <translation>{label} ist {run}, Setup {setup}.</translation>
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
        <source>flight {number}: from {from:.0} to {to:.0}, farthest {farthest}</source>
        <translation>Flug {number}: von {from:.0} bis {to:.0}, am weitesten {farthest}</translation>
    </message>
    <message>
        <source>Cut run {run}</source>
        <translation>Lauf {run} zuschneiden</translation>
    </message>
    <message>
        <source>battery from {first:.1} down to {lowest:.1}</source>
        <translation>Akku von {first:.1} bis auf {lowest:.1}</translation>
    </message>
    <message>
        <source>{setup}: its {side} is blind</source>
        <translation>{setup}: {side} ist blind</translation>
    </message>
    <message>
        <source>{setup}: no blind side seen</source>
        <translation>{setup}: keine blinde Seite gesehen</translation>
    </message>
    <message>
        <source>{setup}: few sides seen</source>
        <translation>{setup}: wenige Seiten gesehen</translation>
    </message>
    <message>
        <source>{setup}: {what} changes at {first}</source>
        <translation>{setup}: {what} wechselt bei {first}</translation>
    </message>
    <message>
        <source>{setup}: {what} seldom changes</source>
        <translation>{setup}: {what} wechselt selten</translation>
    </message>
    <message>
        <source>{setup}: {what} changes now and then</source>
        <translation>{setup}: {what} wechselt hin und wieder</translation>
    </message>
    <message>
        <source>Flown with {power}.</source>
        <translation>Geflogen mit {power}.</translation>
    </message>
    <message>
        <source>Mark places of run {run}</source>
        <translation>Orte von Lauf {run} markieren</translation>
    </message>
    <message>
        <source>Follows run {other}</source>
        <translation>Folgt Lauf {other}</translation>
    </message>
    <message>
        <source>Nothing in common with run {other}</source>
        <translation>Nichts gemeinsam mit Lauf {other}</translation>
    </message>
    <message>
        <source>{option} needs TIME=PLACE, for example 3:27=4</source>
        <translation>{option} braucht ZEIT=ORT, zum Beispiel 3:27=4</translation>
    </message>
    <message>
        <source>is too large to go with another log; cut it into single flights</source>
        <translation>ist zu groß, um mit einem anderen Log zu gehen; in einzelne Flüge zerlegen</translation>
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
        <source>The reader of terrain, maps and photos is missing; install Distanz again</source>
        <translation>Der Leser für Gelände, Karten und Fotos fehlt; Distanz neu installieren</translation>
    </message>
    <message>
        <source>the log says {distance} in {span}, {speed:.0}: correct the unit of its time or its distance</source>
        <translation>laut Log {distance} in {span}, {speed:.0}: die Einheit der Zeit oder der Entfernung berichtigen</translation>
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
        <source>Band power is a plain sum: the resolution bandwidth is not set. Enter it to correct the sum.</source>
        <translation>Die Bandleistung ist eine bloße Summe: Die Auflösungsbandbreite fehlt. Eintragen, dann stimmt die Summe.</translation>
    </message>
    <message>
        <source>The resolution bandwidth, {rbw:.3}, is wider than the band. Band power includes neighbouring signals.</source>
        <translation>Die Auflösungsbandbreite, {rbw:.3}, ist breiter als das Band. Die Bandleistung enthält Nachbarsignale.</translation>
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
        <source>On other ground like this, the {link} link: median range {typical}, reliable range {dependable}.</source>
        <translation>In ähnlichem Gelände hat der Link {link} die mittlere Reichweite {typical}, die sichere {dependable}.</translation>
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
        <translation>Ort für Ort auf dem gemeinsamen Weg verglichen. Hügel und Löcher heben sich auf.</translation>
    </message>
    <message>
        <source>They share no part of the path. Only their ranges are compared.</source>
        <translation>Sie haben kein Stück des Wegs gemeinsam. Verglichen werden nur ihre Reichweiten.</translation>
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
        <translation>Über den Weg fliegen, um die Reichweite zu erfahren.</translation>
    </message>
    <message>
        <source>{name}: flown on courses only</source>
        <translation>{name}: nur auf Parcours geflogen</translation>
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
        <source>Import one log of each setup, flown over the same path.</source>
        <translation>Je Setup ein Log importieren, über denselben Weg geflogen.</translation>
    </message>
    <message>
        <source>Fly {setups}: 3 flights each</source>
        <translation>{setups} fliegen: je 3 Flüge</translation>
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
        <source>Fly {more:pairs-more}: {a_name} and {b_name}</source>
        <translation>{more:pairs-more} fliegen: {a_name} und {b_name}</translation>
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
        <translation>Bis zum Endpfosten ({distance}) braucht der Link {link} {more:.1} mehr.</translation>
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
        <source>{setup}: the battery allows a turn at {turn}, with {reserve:.0} kept.</source>
        <translation>{setup}: Der Akku erlaubt eine Wende bei {turn}, mit {reserve:.0} Reserve.</translation>
    </message>
    <message>
        <source>there is a second line with #; only the first counts</source>
        <translation>es gibt eine zweite Zeile mit #; nur die erste gilt</translation>
    </message>
    <message>
        <source>the line with # comes after the numbers; it belongs before them</source>
        <translation>die Zeile mit # kommt nach den Zahlen; sie gehört davor</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a reference impedance; give ohms above 0, one for each port</source>
        <translation>„{text}“ ist keine Bezugsimpedanz; Ohm über 0 angeben, je Tor einen Wert</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not understood there; export the sweep again</source>
        <translation>„{text}“ ist dort nicht verständlich; die Messkurve neu exportieren</translation>
    </message>
    <message>
        <source>the line with {keyword} comes before {first}; export the file again</source>
        <translation>die Zeile mit {keyword} kommt vor {first}; die Datei neu exportieren</translation>
    </message>
    <message>
        <source>version &quot;{text}&quot; is unknown; export as version 1 or 2</source>
        <translation>Version „{text}“ ist unbekannt; als Version 1 oder 2 exportieren</translation>
    </message>
    <message>
        <source>the keyword {keyword} is unknown and was skipped</source>
        <translation>das Schlüsselwort {keyword} ist unbekannt und wurde übergangen</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a number; the row is left out</source>
        <translation>„{text}“ ist keine Zahl; die Zeile fehlt</translation>
    </message>
    <message>
        <source>announces {said:.12g} frequencies but has {found}: part of it may be missing</source>
        <translation>kündigt {said:.12g} Frequenzen an, hat aber {found}: ein Teil fehlt vielleicht</translation>
    </message>
    <message>
        <source>{text} is not a possible frequency; the row is left out</source>
        <translation>{text} ist keine mögliche Frequenz; die Zeile fehlt</translation>
    </message>
    <message>
        <source>the row has no frequency and is left out</source>
        <translation>die Zeile hat keine Frequenz und fehlt</translation>
    </message>
    <message>
        <source>the row holds an impossible number; it is left out</source>
        <translation>die Zeile enthält eine unmögliche Zahl; sie fehlt</translation>
    </message>
    <message>
        <source>holds no sweep; choose the file that the analyser wrote</source>
        <translation>enthält keine Messkurve; die Datei wählen, die der Analysator geschrieben hat</translation>
    </message>
    <message>
        <source>has no frequency column; name it, for example &quot;frequency [MHz]&quot;</source>
        <translation>hat keine Spalte für die Frequenz; sie benennen, etwa „frequency [MHz]“</translation>
    </message>
    <message>
        <source>&quot;{column}&quot; may be in MHz or GHz; write the unit behind the name, for example &quot;frequency [GHz]&quot;</source>
        <translation>„{column}“ kann MHz oder GHz sein; die Einheit hinter den Namen schreiben, etwa „frequency [GHz]“</translation>
    </message>
    <message>
        <source>has no column for VSWR, return loss or S11; name it, for example &quot;VSWR&quot;</source>
        <translation>hat keine Spalte für VSWR, Rückflussdämpfung oder S11; sie benennen, etwa „VSWR“</translation>
    </message>
    <message>
        <source>a VSWR below 1 is impossible; the row is left out</source>
        <translation>ein VSWR unter 1 ist unmöglich; die Zeile fehlt</translation>
    </message>
    <message>
        <source>the row has no reflection and is left out</source>
        <translation>die Zeile hat keine Reflexion und fehlt</translation>
    </message>
    <message>
        <source>the return loss has a minus sign; it was ignored</source>
        <translation>die Rückflussdämpfung hat ein Minuszeichen; es wurde nicht beachtet</translation>
    </message>
    <message>
        <source>the frequencies do not rise; they were sorted</source>
        <translation>die Frequenzen steigen nicht an; sie wurden sortiert</translation>
    </message>
    <message>
        <source>Add the analyser&apos;s file: Touchstone (.s1p, .s2p), or a table with frequency and VSWR.</source>
        <translation>Die Datei des Analysators hinzufügen: Touchstone (.s1p, .s2p) oder eine Tabelle mit Frequenz und VSWR.</translation>
    </message>
    <message>
        <source>Fits {frequency:short}: VSWR {vswr:.2}, loss {loss:.2}.</source>
        <translation>Passt auf {frequency:short}: VSWR {vswr:.2}, Verlust {loss:.2}.</translation>
    </message>
    <message>
        <source>Does not fit {frequency:short}: VSWR {vswr:.2}. Only {share:.0} of the power goes in.</source>
        <translation>Passt nicht auf {frequency:short}: VSWR {vswr:.2}. Nur {share:.0} der Leistung gehen hinein.</translation>
    </message>
    <message>
        <source>Best at {frequency:.1} (VSWR {vswr:.2}).</source>
        <translation>Am besten bei {frequency:.1} (VSWR {vswr:.2}).</translation>
    </message>
    <message>
        <source>Reflection {reflection:.3}: return loss {return:.1}, mismatch loss {loss:.2}, reference {ohm:.3g} ohm.</source>
        <translation>Reflexion {reflection:.3}: Rückflussdämpfung {return:.1}, Fehlanpassungsverlust {loss:.2}, Bezug {ohm:.3g} Ohm.</translation>
    </message>
    <message>
        <source>VSWR {limit:.3g} or less from {low:.1} to {high:.1}, up to the edge of the sweep.</source>
        <translation>VSWR {limit:.3g} oder weniger von {low:.1} bis {high:.1}, bis zum Rand der Messung.</translation>
    </message>
    <message>
        <source>The VSWR is above {limit:.3g} everywhere in the sweep.</source>
        <translation>Das VSWR liegt in der ganzen Messung über {limit:.3g}.</translation>
    </message>
    <message>
        <source>At {frequency:short} this costs {loss:.2} more, {range:.1} of the range.</source>
        <translation>Bei {frequency:short} kostet das {loss:.2} mehr, {range:.1} der Reichweite.</translation>
    </message>
    <message>
        <source>At {frequency:short} this gains {loss:.2}, {range:.1} of the range.</source>
        <translation>Bei {frequency:short} bringt das {loss:.2}, {range:.1} der Reichweite.</translation>
    </message>
    <message>
        <source>A hand on the cable changes the VSWR from {free:.2} to {held:.2} at {frequency:.1}. The cable acts as part of the antenna. Use a choke, or another antenna.</source>
        <translation>Eine Hand am Kabel ändert das VSWR bei {frequency:.1} von {free:.2} auf {held:.2}. Das Kabel wirkt als Teil der Antenne. Mantelwellensperre oder andere Antenne nehmen.</translation>
    </message>
    <message>
        <source>A hand on the cable changes little (VSWR {free:.2} to {held:.2} at {frequency:.1}).</source>
        <translation>Eine Hand am Kabel ändert wenig (VSWR {free:.2} auf {held:.2} bei {frequency:.1}).</translation>
    </message>
    <message>
        <source>Fault: {what}. Repair it before it flies.</source>
        <translation>Fehler: {what}. Vor dem Flug beheben.</translation>
    </message>
    <message>
        <source>Inspected, no fault found.</source>
        <translation>Geprüft, kein Fehler gefunden.</translation>
    </message>
    <message>
        <source>Claims clash: {what}. Claimed {claimed:.1}; the other values give {implied.low:.1} to {implied.high:.1}.</source>
        <translation>Angaben widersprechen sich: {what}. Angegeben {claimed:.1}; die anderen Werte ergeben {implied.low:.1} bis {implied.high:.1}.</translation>
    </message>
    <message>
        <source>Enter two claims that can be compared: gain and beamwidth, turns of a helix, band and size.</source>
        <translation>Zwei vergleichbare Angaben eintragen: Gewinn und Öffnungswinkel, Windungen einer Helix, Band und Größe.</translation>
    </message>
    <message>
        <source>{setting} settles at {power:.1}.</source>
        <translation>{setting} schwingt bei {power:.1} ein.</translation>
    </message>
    <message>
        <source>{setting} settles at {power:.1}, {share:.0} of the nominal {nominal:.1}: {ratio:.0} of the range.</source>
        <translation>{setting} schwingt bei {power:.1} ein, {share:.0} der angegebenen {nominal:.1}: {ratio:.0} der Reichweite.</translation>
    </message>
    <message>
        <source>{setting} loses {droop:.1} as it warms up.</source>
        <translation>{setting} verliert beim Warmwerden {droop:.1}.</translation>
    </message>
    <message>
        <source>{setting} takes {time:.0} to settle. Before that it is {gain:.1} weaker.</source>
        <translation>{setting} braucht {time:.0} zum Einschwingen. Davor ist die Leistung {gain:.1} schwächer.</translation>
    </message>
    <message>
        <source>{setting} changes by {slope:.2} per volt of supply.</source>
        <translation>{setting} ändert sich je Volt Versorgung um {slope:.2}.</translation>
    </message>
    <message>
        <source>{setting} gives {power:.1} before arming. Measure it armed, as it flies.</source>
        <translation>{setting} gibt vor dem Scharfschalten {power:.1}. Scharf messen, wie es fliegt.</translation>
    </message>
    <message>
        <source>The scale moves by less than 3 dB so far. Step the attenuator through three levels or more, from no signal to full scale.</source>
        <translation>Die Skala bewegt sich bisher um weniger als 3 dB. Das Dämpfungsglied durch mindestens drei Pegel schalten, von keinem Signal bis Vollausschlag.</translation>
    </message>
    <message>
        <source>The scale reads from {low:.0} to {high:.0}, in steps of {step:.1} or finer.</source>
        <translation>Die Skala reicht von {low:.0} bis {high:.0}, in Schritten von {step:.1} oder feiner.</translation>
    </message>
    <message>
        <source>It stands still at {level:.0} and below. Such readings say no more than that.</source>
        <translation>Bei {level:.0} und darunter steht sie still. Solche Werte sagen nicht mehr.</translation>
    </message>
    <message>
        <source>It stands still at {level:.0} and above. Close to the station it says nothing.</source>
        <translation>Bei {level:.0} und darüber steht sie still. Nahe der Station sagt sie nichts.</translation>
    </message>
    <message>
        <source>The scale shows differences only. Enter the level without the attenuator to get dBm.</source>
        <translation>Die Skala zeigt nur Unterschiede. Für dBm den Pegel ohne Dämpfungsglied eintragen.</translation>
    </message>
    <message>
        <source>Half-power beamwidth {width:.0}, pointing to {peak:.0} on the turntable.</source>
        <translation>Halbwertsbreite {width:.0}, Richtung {peak:.0} auf dem Drehtisch.</translation>
    </message>
    <message>
        <source>No reading behind the antenna. Turn it all the way around.</source>
        <translation>Kein Messwert hinter der Antenne. Ganz herum drehen.</translation>
    </message>
    <message>
        <source>Gain {gain:.1}, against the reference antenna.</source>
        <translation>Gewinn {gain:.1}, gegen die Referenzantenne.</translation>
    </message>
    <message>
        <source>With {spare:.0} of margin it may point wrong within {angle:.0} in all.</source>
        <translation>Mit {spare:.0} Reserve darf sie innerhalb von {angle:.0} falsch zeigen.</translation>
    </message>
    <message>
        <source>Left and right differ by {asymmetry:.1}. Something reflects, or your body is in the beam. Move away and turn again.</source>
        <translation>Links und rechts unterscheiden sich um {asymmetry:.1}. Etwas reflektiert, oder der Körper ist im Strahl. Weggehen und noch einmal drehen.</translation>
    </message>
    <message>
        <source>Back at the first angle it reads {drift:+.1}. The transmitter or the place has changed.</source>
        <translation>Zurück beim ersten Winkel sind es {drift:+.1}. Sender oder Platz haben sich geändert.</translation>
    </message>
    <message>
        <source>{attenuation:.1} at {distance} equal a distance of {stands} (exponent {exponent:.2}), in free space {free}.</source>
        <translation>{attenuation:.1} bei {distance} entsprechen {stands} (Exponent {exponent:.2}), im freien Raum {free}.</translation>
    </message>
    <message>
        <source>For an equivalent distance of {wanted} within {space}, fit {attenuation:.1} (exponent {exponent:.2}).</source>
        <translation>Für eine Entfernung von {wanted} in {space} {attenuation:.1} einsetzen (Exponent {exponent:.2}).</translation>
    </message>
    <message>
        <source>Enter attenuation and distance, or the wanted range and the space available.</source>
        <translation>Dämpfung und Entfernung eintragen, oder die gewünschte Reichweite und den vorhandenen Platz.</translation>
    </message>
    <message>
        <source>Searches too few ({searches}) or too scattered for a midpoint. Repeat them.</source>
        <translation>Zu wenige ({searches}) oder zu verstreute Suchläufe für eine Mitte. Wiederholen.</translation>
    </message>
    <message>
        <source>The receiver is {midpoint:.1} off the transmitter ({midpoint.low:.1} to {midpoint.high:.1}). Trim by that.</source>
        <translation>Der Empfänger liegt {midpoint:.1} neben dem Sender ({midpoint.low:.1} bis {midpoint.high:.1}). Darum abgleichen.</translation>
    </message>
    <message>
        <source>Receiver and transmitter are centred ({midpoint.low:.1} to {midpoint.high:.1}). Leave it.</source>
        <translation>Empfänger und Sender sind abgeglichen ({midpoint.low:.1} bis {midpoint.high:.1}). So lassen.</translation>
    </message>
    <message>
        <source>Set both antennas to linear, right-handed or left-handed.</source>
        <translation>Beide Antennen auf linear, rechts- oder linksdrehend setzen.</translation>
    </message>
    <message>
        <source>Polarisation costs {best:.2} to {worst:.2}, depending on rotation: up to {range:.0} of the range.</source>
        <translation>Die Polarisation kostet {best:.2} bis {worst:.2}, je nach Drehung: bis zu {range:.0} der Reichweite.</translation>
    </message>
    <message>
        <source>Turned alike they lose {best:.2}. Crossed they hear nothing.</source>
        <translation>Gleich gedreht verlieren sie {best:.2}. Gekreuzt hören sie nichts.</translation>
    </message>
    <message>
        <source>The antennas turn opposite ways. Without reflections they hear nothing.</source>
        <translation>Die Antennen drehen gegensinnig. Ohne Reflexionen hören sie nichts.</translation>
    </message>
    <message>
        <source>Loss {loss:.1} with {share:.0} of the power reflected once, steeper than {angle:.0}. Flatter reflections keep the hand.</source>
        <translation>Verlust {loss:.1}, wenn {share:.0} der Leistung einmal steiler als {angle:.0} reflektiert werden. Flachere Reflexionen behalten den Drehsinn.</translation>
    </message>
    <message>
        <source>Pointed {error:.0} off, it loses {loss:.1}, {range:.0} of the range.</source>
        <translation>{error:.0} daneben gerichtet, verliert sie {loss:.1}, {range:.0} der Reichweite.</translation>
    </message>
    <message>
        <source>99 % of the power lies within {width:.2}, from {low:.1} to {high:.1}.</source>
        <translation>99 % der Leistung liegen innerhalb von {width:.2}, von {low:.1} bis {high:.1}.</translation>
    </message>
    <message>
        <source>Armed, the level is up to {most:+.1} higher than idle, at {frequency:.1}.</source>
        <translation>Scharf ist der Pegel bis zu {most:+.1} höher als im Leerlauf, bei {frequency:.1}.</translation>
    </message>
    <message>
        <source>{emitter} raises the noise floor by {rise:.1} ({rise.low:.1} to {rise.high:.1}). That costs up to {range:.0} of the range where noise limits.</source>
        <translation>{emitter} hebt das Grundrauschen um {rise:.1} ({rise.low:.1} bis {rise.high:.1}). Das kostet bis zu {range:.0} der Reichweite, wo Rauschen begrenzt.</translation>
    </message>
    <message>
        <source>{emitter}: no sure rise of the noise floor ({rise.low:+.1} to {rise.high:+.1}).</source>
        <translation>{emitter}: kein sicherer Anstieg des Grundrauschens ({rise.low:+.1} bis {rise.high:+.1}).</translation>
    </message>
    <message>
        <source>{emitter} was read once. Switch it on and off again, twice or more.</source>
        <translation>{emitter} wurde einmal gemessen. Noch zweimal oder öfter ein- und ausschalten.</translation>
    </message>
    <message>
        <source>Read the counters. Turn the aircraft through every attitude for a minute. Read them again.</source>
        <translation>Die Zähler ablesen. Das Fluggerät eine Minute durch alle Lagen drehen. Wieder ablesen.</translation>
    </message>
    <message>
        <source>The counters ran backwards, so they were reset. Read them before and after one check.</source>
        <translation>Die Zähler liefen rückwärts, wurden also zurückgesetzt. Vor und nach einer Prüfung ablesen.</translation>
    </message>
    <message>
        <source>Passed. Next: fly a short flight close by, read its log, then go farther.</source>
        <translation>Bestanden. Als Nächstes: kurz in der Nähe fliegen, das Log lesen, dann weiter.</translation>
    </message>
    <message>
        <source>Passed, but look into this first.</source>
        <translation>Bestanden, aber zuerst hier nachsehen.</translation>
    </message>
    <message>
        <source>The outputs were held {holds:.0} times: no antenna heard that many frames in a row.</source>
        <translation>Die Ausgänge wurden {holds:.0}-mal gehalten: So viele Rahmen hintereinander hörte keine Antenne.</translation>
    </message>
    <message>
        <source>{frames:.0} frames were lost on all antennas.</source>
        <translation>{frames:.0} Rahmen gingen auf allen Antennen verloren.</translation>
    </message>
    <message>
        <source>Only {received:.0} of the packets arrived.</source>
        <translation>Nur {received:.0} der Pakete kamen an.</translation>
    </message>
    <message>
        <source>Antenna {antenna} fades far more than the best ({fades:.0} times). Near carbon this is normal. Move it if you can.</source>
        <translation>Antenne {antenna} setzt weit öfter aus als die beste ({fades:.0}-mal). Nahe Kohlefaser ist das normal. Wenn möglich, versetzen.</translation>
    </message>
    <message>
        <source>The antennas fade more often than the limit allows. Check their place and cables.</source>
        <translation>Die Antennen setzen öfter aus als erlaubt. Platz und Kabel prüfen.</translation>
    </message>
    <message>
        <source>Walk each at least twice. One distance does not show the spread.</source>
        <translation>Jedes mindestens zweimal gehen. Eine Entfernung zeigt keine Streuung.</translation>
    </message>
    <message>
        <source>After the change it reaches farther: {change:+.0} ({change.low:+.0} to {change.high:+.0}).</source>
        <translation>Nach der Änderung reicht es weiter: {change:+.0} ({change.low:+.0} bis {change.high:+.0}).</translation>
    </message>
    <message>
        <source>After the change it reaches less far: {change:+.0} ({change.low:+.0} to {change.high:+.0}).</source>
        <translation>Nach der Änderung reicht es weniger weit: {change:+.0} ({change.low:+.0} bis {change.high:+.0}).</translation>
    </message>
    <message>
        <source>Not clear yet: {change.low:+.0} to {change.high:+.0}. Walk again.</source>
        <translation>Noch nicht klar: {change.low:+.0} bis {change.high:+.0}. Noch einmal gehen.</translation>
    </message>
    <message>
        <source>{walked} at reduced power equal {full} at full power (exponent {exponent:.2}).</source>
        <translation>{walked} mit verringerter Leistung entsprechen {full} mit voller (Exponent {exponent:.2}).</translation>
    </message>
    <message>
        <source>At most {most} readings can be compared in every order. Start a new record.</source>
        <translation>Höchstens {most} Messwerte lassen sich in jeder Reihenfolge vergleichen. Eine neue Messung beginnen.</translation>
    </message>
    <message>
        <source>{on} on and {off} off can never be clear. Make {least} of each.</source>
        <translation>{on} an und {off} ab können nie klar ausgehen. Je {least} machen.</translation>
    </message>
    <message>
        <source>It helps here: {difference:+.1} with it on. Chance alone gives that much in {chance:.1}.</source>
        <translation>Es hilft hier: {difference:+.1}, wenn es dran ist. Der Zufall allein gibt das in {chance:.1}.</translation>
    </message>
    <message>
        <source>It harms here: {difference:+.1} with it on. Chance alone gives that much in {chance:.1}.</source>
        <translation>Es schadet hier: {difference:+.1}, wenn es dran ist. Der Zufall allein gibt das in {chance:.1}.</translation>
    </message>
    <message>
        <source>Not clear: {difference:+.1} with it on. Chance alone gives that much in {chance:.1}.</source>
        <translation>Nicht klar: {difference:+.1}, wenn es dran ist. Der Zufall allein gibt das in {chance:.1}.</translation>
    </message>
    <message>
        <source>This shows whether the part does anything here, not how far it reaches. Fix the number of swaps before you begin. If you stop when it looks good, you find effects that are not there.</source>
        <translation>Das zeigt, ob das Teil hier etwas bewirkt, nicht, wie weit es reicht. Vor Beginn festlegen, wie oft getauscht wird. Wer aufhört, wenn es gut aussieht, findet Wirkungen, die es nicht gibt.</translation>
    </message>
    <message>
        <source>has no column &quot;{column}&quot;; name it in the first row</source>
        <translation>hat keine Spalte „{column}“; sie in der ersten Zeile benennen</translation>
    </message>
    <message>
        <source>has more than {most} readings; shorten it</source>
        <translation>hat mehr als {most} Messwerte; kürzen</translation>
    </message>
    <message>
        <source>&quot;{column}&quot; holds no number in this row; the row is left out</source>
        <translation>„{column}“ enthält in dieser Zeile keine Zahl; die Zeile fehlt</translation>
    </message>
    <message>
        <source>{value:.6g} in &quot;{column}&quot; lies outside {low:.6g} to {high:.6g}; the row is left out</source>
        <translation>{value:.6g} in „{column}“ liegt außerhalb von {low:.6g} bis {high:.6g}; die Zeile fehlt</translation>
    </message>
    <message>
        <source>has no level column; name it, for example &quot;level [dBm]&quot;</source>
        <translation>hat keine Spalte für den Pegel; sie benennen, etwa „level [dBm]“</translation>
    </message>
    <message>
        <source>&quot;{kind}&quot; is not a kind of measurement; choose one of {kinds}</source>
        <translation>„{kind}“ ist keine Messung; möglich sind {kinds}</translation>
    </message>
    <message>
        <source>a file of {record} is missing from the campaign file; restore a copy</source>
        <translation>eine Datei von {record} fehlt in der Kampagnendatei; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>Apply the result of {record}</source>
        <translation>Ergebnis von {record} anwenden</translation>
    </message>
    <message>
        <source>No measurement on the bench yet</source>
        <translation>Noch keine Messung auf der Werkbank</translation>
    </message>
    <message>
        <source>Only fades were counted. Count lost frames or held outputs too: they decide.</source>
        <translation>Nur Aussetzer wurden gezählt. Auch verlorene Rahmen oder gehaltene Ausgänge zählen: Sie entscheiden.</translation>
    </message>
    <message>
        <source>Nothing was read before. The counters are assumed to start at zero.</source>
        <translation>Vorher wurde nichts abgelesen. Angenommen ist ein Start bei null.</translation>
    </message>
    <message>
        <source>the row has none of the labels {labels}; it is left out</source>
        <translation>die Zeile hat keine der Bezeichnungen {labels}; sie fehlt</translation>
    </message>
    <message>
        <source>A record holds at most {most} files; start another record</source>
        <translation>Eine Messung nimmt höchstens {most} Dateien auf; eine neue beginnen</translation>
    </message>
    <message>
        <source>is larger than {most} MB; choose a smaller sweep, trace or picture</source>
        <translation>ist größer als {most} MB; eine kleinere Messkurve oder ein kleineres Bild wählen</translation>
    </message>
    <message>
        <source>Such a gain needs a beamwidth of {width:.0}.</source>
        <translation>Ein solcher Gewinn braucht einen Öffnungswinkel von {width:.0}.</translation>
    </message>
    <message>
        <source>Such a gain needs {turns:.1} turns.</source>
        <translation>Ein solcher Gewinn braucht {turns:.1} Windungen.</translation>
    </message>
    <message>
        <source>Armed and idle look the same, apart from noise.</source>
        <translation>Scharf und im Leerlauf gleich, bis auf Rauschen.</translation>
    </message>
    <message>
        <source>Enter the transmitters aboard and at the station, or give a setup its transmit powers.</source>
        <translation>Die Sender an Bord und an der Station eintragen, oder einem Setup seine Sendeleistungen geben.</translation>
    </message>
    <message>
        <source>Too near: at {distance:.2} the far field has not begun. Beamwidth, lobes and gain differ there. Measure from {from:.2} on.</source>
        <translation>Zu nah: Bei {distance:.2} hat das Fernfeld nicht begonnen. Breite, Keulen und Gewinn sind dort anders. Ab {from:.2} messen.</translation>
    </message>
    <message>
        <source>Circular gain {gain:.1}: a linear antenna receives half of a circular wave, so 3 dB are added.</source>
        <translation>Zirkularer Gewinn {gain:.1}: Eine lineare Antenne empfängt die Hälfte einer zirkularen Welle, darum kommen 3 dB dazu.</translation>
    </message>
    <message>
        <source>A product hits channel {channel}.</source>
        <translation>Ein Produkt trifft Kanal {channel}.</translation>
    </message>
    <message>
        <source>No product hits channel {channel}.</source>
        <translation>Kein Produkt trifft Kanal {channel}.</translation>
    </message>
    <message>
        <source>&quot;{address}&quot; is not an address; type host:port, or a serial line such as /dev/ttyUSB0</source>
        <translation>„{address}“ ist keine Adresse; host:port eingeben, oder eine serielle Leitung wie /dev/ttyUSB0</translation>
    </message>
    <message>
        <source>{address} does not answer ({reason}); switch the instrument on and check its cable</source>
        <translation>{address} antwortet nicht ({reason}); das Gerät einschalten und das Kabel prüfen</translation>
    </message>
    <message>
        <source>{address} sends no lines of text; check its settings</source>
        <translation>{address} sendet keine Textzeilen; die Einstellungen prüfen</translation>
    </message>
    <message>
        <source>no instrument &quot;{kind}&quot; with a fault &quot;{fault}&quot; exists; see distanz-standin list</source>
        <translation>ein Gerät „{kind}“ mit dem Fehler „{fault}“ gibt es nicht; siehe distanz-standin list</translation>
    </message>
    <message>
        <source>{gain} is far too little. The hand is wrong, or the antenna is broken. Test it against an antenna of the other hand.</source>
        <translation>{gain} ist viel zu wenig. Der Drehsinn ist falsch, oder die Antenne ist defekt. Gegen eine Antenne des anderen Drehsinns prüfen.</translation>
    </message>
    <message>
        <source>The walk predicted {predicted.span} at full power. Flown: {flown}, {share:.0} of its middle.</source>
        <translation>Der Gang sagte {predicted.span} bei voller Leistung voraus. Geflogen: {flown}, {share:.0} der Mitte.</translation>
    </message>
    <message>
        <source>The latest ground check, {record}, says: do not fly. Find the cause, and repeat the check before the range flight.</source>
        <translation>Die letzte Bodenprüfung, {record}, sagt: nicht fliegen. Die Ursache finden und die Prüfung vor dem Reichweitenflug wiederholen.</translation>
    </message>
    <message>
        <source>{link} link: levels converted from its receiver&apos;s scale by record {record}.</source>
        <translation>Link {link}: Pegel aus der Skala seines Empfängers umgerechnet, nach Messung {record}.</translation>
    </message>
    <message>
        <source>Metres and percent of range assume a path-loss exponent of {exponent:.1}.</source>
        <translation>Meter und Prozent der Reichweite setzen einen Ausbreitungsexponenten von {exponent:.1} voraus.</translation>
    </message>
    <message>
        <source>Claimed {claimed}, but the part is set to {is}. One of the two is wrong.</source>
        <translation>Angegeben {claimed}, das Teil ist aber {is}. Eines von beiden ist falsch.</translation>
    </message>
    <message>
        <source>The beam has no visible edge. Turn farther to both sides, until the level has fallen by half.</source>
        <translation>Der Strahl hat keinen sichtbaren Rand. Nach beiden Seiten weiter drehen, bis der Pegel auf die Hälfte fällt.</translation>
    </message>
    <message>
        <source>more than {emitters} transmitters or {bands} bands cannot be combined; enter only those that matter</source>
        <translation>mehr als {emitters} Sender oder {bands} Bänder lassen sich nicht kombinieren; nur die wichtigen eintragen</translation>
    </message>
    <message>
        <source>{run}: flown at another height</source>
        <translation>{run}: in anderer Höhe geflogen</translation>
    </message>
    <message>
        <source>It flew at {flown}, the others at {usual}. Height changes obstacles and reflections. Fly it again, or exclude it with this reason.</source>
        <translation>Er flog in {flown}, die anderen in {usual}. Die Höhe ändert Hindernisse und Reflexionen. Noch einmal fliegen, oder mit diesem Grund ausschließen.</translation>
    </message>
    <message>
        <source>{run}: flown at another speed</source>
        <translation>{run}: mit anderer Geschwindigkeit geflogen</translation>
    </message>
    <message>
        <source>It flew at {flown} over ground, the others at {usual}. Faster means fewer readings per place and more tilt. Fly it again, or exclude it with this reason.</source>
        <translation>Er flog mit {flown} über Grund, die anderen mit {usual}. Schneller heißt weniger Werte je Ort und mehr Neigung. Noch einmal fliegen, oder mit diesem Grund ausschließen.</translation>
    </message>
    <message>
        <source>{run}: flown with another heading</source>
        <translation>{run}: mit anderem Kurs geflogen</translation>
    </message>
    <message>
        <source>{run}: flown beside the path</source>
        <translation>{run}: neben dem Weg geflogen</translation>
    </message>
    <message>
        <source>It flew {flown} to the right, the others {usual}. Other trees, other ground. Fly it again, or exclude it with this reason.</source>
        <translation>Er flog {flown} rechts, die anderen {usual}. Andere Bäume, anderer Boden. Noch einmal fliegen, oder mit diesem Grund ausschließen.</translation>
    </message>
    <message>
        <source>The equipment stops at {distance}, not the radio</source>
        <translation>Bei {distance} endet die Ausrüstung, nicht der Funk</translation>
    </message>
    <message>
        <source>{runs:runs} of different setups lost the {link} link there at once, at full quality and {signal} or more. This does not count as range. Look for a distance limit or a timeout in the equipment.</source>
        <translation>{runs:runs} verschiedener Setups verloren dort den Link {link} auf einmal, bei voller Qualität und {signal} oder mehr. Als Reichweite zählt das nicht. Nach einer Entfernungsgrenze oder Zeitschranke in der Ausrüstung suchen.</translation>
    </message>
    <message>
        <source>{link} link stopped suddenly at {distance}</source>
        <translation>Link {link} brach bei {distance} plötzlich ab</translation>
    </message>
    <message>
        <source>The signal was still {signal}. Fly another setup there. If it stops at the same distance, the equipment has a limit. If not, look for a loose connector or interference.</source>
        <translation>Das Signal lag noch bei {signal}. Dort ein anderes Setup fliegen. Bricht es in derselben Entfernung ab, hat die Ausrüstung eine Grenze. Wenn nicht, nach losem Stecker oder Störung suchen.</translation>
    </message>
    <message>
        <source>a course: it counts in its named sections only, never in the open range</source>
        <translation>ein Parcours: er zählt nur in seinen benannten Abschnitten, nie in der Reichweite</translation>
    </message>
    <message>
        <source>{segment}: {winner} beats {loser} by {delta:.1}</source>
        <translation>{segment}: {winner} schlägt {loser} um {delta:.1}</translation>
    </message>
    <message>
        <source>{link} link, {flights:flights} (95 %: {delta.low:.1} to {delta.high:.1}).</source>
        <translation>Link {link}, {flights:flights} (95 %: {delta.low:.1} bis {delta.high:.1}).</translation>
    </message>
    <message>
        <source>{segment}: {a} and {b} do the same</source>
        <translation>{segment}: {a} und {b} sind gleich</translation>
    </message>
    <message>
        <source>{link} link: difference {delta:.1} (95 %: {delta.low:.1} to {delta.high:.1}), {flights:flights}.</source>
        <translation>Link {link}: Unterschied {delta:.1} (95 %: {delta.low:.1} bis {delta.high:.1}), {flights:flights}.</translation>
    </message>
    <message>
        <source>{segment}: {a} or {b}, cannot tell yet</source>
        <translation>{segment}: {a} oder {b}, noch nicht zu sagen</translation>
    </message>
    <message>
        <source>{link} link: {a} minus {b} {delta:+.1} (95 %: {delta.low:.1} to {delta.high:.1}), {flights:flights}. Fly about {more} more of each.</source>
        <translation>Link {link}: {a} minus {b} {delta:+.1} (95 %: {delta.low:.1} bis {delta.high:.1}), {flights:flights}. Von jedem etwa {more} weitere fliegen.</translation>
    </message>
    <message>
        <source>Usable {share:.0} of the time with {winner}, {other:.0} with {loser}.</source>
        <translation>Nutzbar {share:.0} der Zeit mit {winner}, {other:.0} mit {loser}.</translation>
    </message>
    <message>
        <source>Each was flown once, so the flight-to-flight spread is assumed. Laps of one flight do not replace flights.</source>
        <translation>Jedes flog einmal, die Streuung von Flug zu Flug ist also angenommen. Runden eines Flugs ersetzen keine Flüge.</translation>
    </message>
    <message>
        <source>Many sections were compared, so this may be chance.</source>
        <translation>Viele Abschnitte wurden verglichen, das kann also Zufall sein.</translation>
    </message>
    <message>
        <source>Courses count by section</source>
        <translation>Parcours zählen nach Abschnitten</translation>
    </message>
    <message>
        <source>{runs:runs} are shown by named section only. They say nothing about range in the open.</source>
        <translation>{runs:runs} stehen nur nach benannten Abschnitten da. Über die Reichweite im Freien sagen sie nichts.</translation>
    </message>
    <message>
        <source>Name sections of the path</source>
        <translation>Abschnitten des Wegs Namen geben</translation>
    </message>
    <message>
        <source>Do it under Plan, Points: &quot;behind the shed&quot;, &quot;between the trees&quot;. Every flight is then compared section by section.</source>
        <translation>Unter Plan, Punkte: „hinter dem Schuppen“, „zwischen den Bäumen“. Jeder Flug wird dann Abschnitt für Abschnitt verglichen.</translation>
    </message>
    <message>
        <source>{link} link: {drop:.0} below the mean of all sides (95 %: {drop.low:.0} to {drop.high:.0}), {flights:flights}. Keep that side away from the station, or move the antenna.</source>
        <translation>Link {link}: {drop:.0} unter dem Mittel aller Seiten (95 %: {drop.low:.0} bis {drop.high:.0}), {flights:flights}. Diese Seite von der Station fernhalten, oder die Antenne versetzen.</translation>
    </message>
    <message>
        <source>{setup}: signal changes by {turn:+.1} in the turn</source>
        <translation>{setup}: Signal ändert sich in der Wende um {turn:+.1}</translation>
    </message>
    <message>
        <source>The sides it shows there explain {explained:+.1} of it.</source>
        <translation>Die Seiten, die es dort zeigt, erklären {explained:+.1} davon.</translation>
    </message>
    <message>
        <source>The log has no heading, so the direction of flight is used. In wind the nose points elsewhere.</source>
        <translation>Das Log hat keinen Kurs, darum zählt die Flugrichtung. Im Wind zeigt der Bug woandershin.</translation>
    </message>
    <message>
        <source>{setup}: weak {angle:.0} beside the far post</source>
        <translation>{setup}: schwach {angle:.0} neben dem Endpfosten</translation>
    </message>
    <message>
        <source>{link} link: {drop:.0} below the mean there (95 %: {drop.low:.0} to {drop.high:.0}). Check the pattern of the ground antenna and the ground there.</source>
        <translation>Link {link}: dort {drop:.0} unter dem Mittel (95 %: {drop.low:.0} bis {drop.high:.0}). Das Diagramm der Bodenantenne und das Gelände dort prüfen.</translation>
    </message>
    <message>
        <source>{link} link, in {stepped} of {flights:flights} (95 %: {first.span}). Readings before and after are of two modes.</source>
        <translation>Link {link}, in {stepped} von {flights:flights} (95 %: {first.span}). Werte davor und danach gehören zu zwei Modi.</translation>
    </message>
    <message>
        <source>{link} link: changed in {stepped} of {flights:flights}. It usually holds to at least {least} ({sure:.0} sure).</source>
        <translation>Link {link}: wechselte in {stepped} von {flights:flights}. Meist hält er bis mindestens {least} ({sure:.0} sicher).</translation>
    </message>
    <message>
        <source>{link} link: in {stepped} of {flights:flights}, flown to {farthest}. Too few for a usual distance.</source>
        <translation>Link {link}: in {stepped} von {flights:flights}, geflogen bis {farthest}. Zu wenige für eine übliche Entfernung.</translation>
    </message>
    <message>
        <source>Its readings are from several bands. Fix the channel before you compare.</source>
        <translation>Seine Werte stammen aus mehreren Bändern. Vor dem Vergleich den Kanal festlegen.</translation>
    </message>
    <message>
        <source>{setup}: video freezes every {every}</source>
        <translation>{setup}: Video friert alle {every} ein</translation>
    </message>
    <message>
        <source>{setup}: video never froze</source>
        <translation>{setup}: Video fror nie ein</translation>
    </message>
    <message>
        <source>{link} link, {flown} flown. At most one freeze per {every} (95 %).</source>
        <translation>Link {link}, {flown} geflogen. Höchstens ein Standbild je {every} (95 %).</translation>
    </message>
    <message>
        <source>Most between {from} and {to} ({freezes}). Usually lost at {lost}, regained at {regained}.</source>
        <translation>Die meisten zwischen {from} und {to} ({freezes}). Meist verloren bei {lost}, wieder da bei {regained}.</translation>
    </message>
    <message>
        <source>{setup}: the battery allows a turn at {turn}</source>
        <translation>{setup}: der Akku erlaubt eine Wende bei {turn}</translation>
    </message>
    <message>
        <source>With reserve, at {out:.0} mAh/km outbound and {back:.0} inbound. Flown to {flown}, {flights:flights}.</source>
        <translation>Mit Reserve, bei {out:.0} mAh/km hin und {back:.0} zurück. Geflogen bis {flown}, {flights:flights}.</translation>
    </message>
    <message>
        <source>{setup}: flown beyond the battery reserve</source>
        <translation>{setup}: über die Akkureserve hinaus geflogen</translation>
    </message>
    <message>
        <source>A turn at {turn} keeps the reserve, at {out:.0} mAh/km outbound and {back:.0} inbound. Flown to {flown}, {flights:flights}.</source>
        <translation>Eine Wende bei {turn} wahrt die Reserve, bei {out:.0} mAh/km hin und {back:.0} zurück. Geflogen bis {flown}, {flights:flights}.</translation>
    </message>
    <message>
        <source>Headwind costs {per:+.0} mAh/km per m/s</source>
        <translation>Gegenwind kostet {per:+.0} mAh/km je m/s</translation>
    </message>
    <message>
        <source>Outbound, from {flights:flights-from}.</source>
        <translation>Auf dem Hinflug, aus {flights:flights-from}.</translation>
    </message>
    <message>
        <source>Battery: not set</source>
        <translation>Akku: nicht gesetzt</translation>
    </message>
    <message>
        <source>Enter capacity and reserve under Plan, Flights. Then this shows how far the battery allows.</source>
        <translation>Kapazität und Reserve unter Plan, Flüge eintragen. Dann steht hier, wie weit der Akku reicht.</translation>
    </message>
    <message>
        <source>One flight: the flight-to-flight spread is assumed.</source>
        <translation>Ein Flug: Die Streuung von Flug zu Flug ist angenommen.</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a time; type seconds, or minutes and seconds: 207, 3:27</source>
        <translation>„{text}“ ist keine Zeit; Sekunden eingeben, oder Minuten und Sekunden: 207, 3:27</translation>
    </message>
    <message>
        <source>Set how run {run} was flown</source>
        <translation>Flugart von Lauf {run} setzen</translation>
    </message>
    <message>
        <source>Places cannot be taken from run {other}</source>
        <translation>Aus Lauf {other} lassen sich keine Orte nehmen</translation>
    </message>
    <message>
        <source>{correlation:.1} of both signals agree, but cut up at random {chance:.1} do too. Mark posts by hand.</source>
        <translation>{correlation:.1} beider Signale stimmen überein, zufällig zerschnitten aber auch {chance:.1}. Pfosten von Hand markieren.</translation>
    </message>
    <message>
        <source>Both need the same link&apos;s signal for half a minute to two hours. The other run needs its places.</source>
        <translation>Beide brauchen das Signal desselben Links, eine halbe Minute bis zwei Stunden. Der andere Lauf braucht Orte.</translation>
    </message>
    <message>
        <source>{option} is not a way of flying; use one of {words}</source>
        <translation>{option} ist keine Flugart; möglich sind {words}</translation>
    </message>
    <message>
        <source>run {option} does not exist; the runs are {runs}</source>
        <translation>Lauf {option} gibt es nicht; die Läufe sind {runs}</translation>
    </message>
    <message>
        <source>its log has positions, so the marks are not used</source>
        <translation>sein Log hat Positionen, die Marken werden nicht gebraucht</translation>
    </message>
    <message>
        <source>{run}: height not held</source>
        <translation>{run}: Höhe nicht gehalten</translation>
    </message>
    <message>
        <source>Outbound it flew between {low} and {high}. Height may look like distance. Fly it level, or exclude it with this reason.</source>
        <translation>Auf dem Hinflug flog er zwischen {low} und {high}. Höhe kann wie Entfernung aussehen. Eben fliegen, oder mit diesem Grund ausschließen.</translation>
    </message>
    <message>
        <source>changed while it was read; wait until it is written, and try again</source>
        <translation>änderte sich beim Lesen; warten, bis die Datei geschrieben ist, und erneut versuchen</translation>
    </message>
    <message>
        <source>is larger than 900 MB, which is too much for {format}; cut it into single flights</source>
        <translation>ist größer als 900 MB, zu groß für {format}; in einzelne Flüge zerlegen</translation>
    </message>
    <message>
        <source>is too large for a campaign file, even packed; cut it into single flights</source>
        <translation>ist zu groß für eine Kampagnendatei, auch gepackt; in einzelne Flüge zerlegen</translation>
    </message>
    <message>
        <source>it is very large, so each {rows} neighbouring rows count as their mean; the file is kept whole</source>
        <translation>es ist sehr groß, darum zählt von je {rows} benachbarten Zeilen das Mittel; die Datei bleibt ganz</translation>
    </message>
    <message>
        <source>{where}{what} is {value:short}; it must be {low:short} to {high:short}</source>
        <translation>{where}{what} ist {value:short}; erlaubt ist {low:short} bis {high:short}</translation>
    </message>
    <message>
        <source>link &quot;{link}&quot;: a link&apos;s id cannot hold a dot; rename it</source>
        <translation>Link „{link}“: Die Kennung eines Links darf keinen Punkt enthalten; umbenennen</translation>
    </message>
    <message>
        <source>the far post is {length:.0} from the station; it must be {low:.0} to {high:.0}</source>
        <translation>der Endpfosten ist {length:.0} von der Station entfernt; erlaubt ist {low:.0} bis {high:.0}</translation>
    </message>
    <message>
        <source>{count} {list} are too many; a campaign holds at most {most}</source>
        <translation>{count} {list} sind zu viele; eine Kampagne fasst höchstens {most}</translation>
    </message>
    <message>
        <source>{count} points are too many; a path holds at most {most}</source>
        <translation>{count} Punkte sind zu viele; ein Weg fasst höchstens {most}</translation>
    </message>
    <message>
        <source>{name} is {value:short}; it must be {low:short} to {high:short}</source>
        <translation>{name} ist {value:short}; erlaubt ist {low:short} bis {high:short}</translation>
    </message>
    <message>
        <source>start_m must be at least {least} before farthest_m</source>
        <translation>start_m muss mindestens {least} vor farthest_m liegen</translation>
    </message>
    <message>
        <source>power steps must be given, all above 0 mW</source>
        <translation>Leistungsstufen sind nötig, alle über 0 mW</translation>
    </message>
    <message>
        <source>the scenario names link &quot;{link}&quot;, which the campaign does not have</source>
        <translation>das Szenario nennt den Link „{link}“, den die Kampagne nicht hat</translation>
    </message>
    <message>
        <source>the flights need {packets:.3g} packets, more than {most:.3g}; sample more rarely, ask for fewer packets, or fly less</source>
        <translation>die Flüge brauchen {packets:.3g} Pakete, mehr als {most:.3g}; seltener aufzeichnen, weniger Pakete verlangen, oder weniger fliegen</translation>
    </message>
    <message>
        <source>Each was flown once, so the flight-to-flight spread is assumed.</source>
        <translation>Jedes flog nur einmal, daher ist die Streuung von Flug zu Flug angenommen.</translation>
    </message>
    <message>
        <source>See Compare, Sections. For a range, fly the path out and back.</source>
        <translation>Siehe Vergleich, Abschnitte. Für eine Reichweite den Weg hin und zurück fliegen.</translation>
    </message>
    <message>
        <source>Its {link} link fails first.</source>
        <translation>Zuerst versagt der Link {link}.</translation>
    </message>
    <message>
        <source>{link} link: {flights:flights}, farthest {farthest}.</source>
        <translation>Link {link}: {flights:flights}, am weitesten {farthest}.</translation>
    </message>
    <message>
        <source>Usable limit ({part}): reached at {level:.1}, spread {sd:.1} (1σ), seen in flight.</source>
        <translation>Nutzgrenze ({part}): bei {level:.1}, Streuung {sd:.1} (1σ), im Flug gesehen.</translation>
    </message>
    <message>
        <source>Usable limit ({part}): {level:.1}, from the kit.</source>
        <translation>Nutzgrenze ({part}): {level:.1}, aus der Ausrüstung.</translation>
    </message>
    <message>
        <source>First {first} fails, then {second} {later:.1} later.</source>
        <translation>Zuerst versagt {first}, {later:.1} später {second}.</translation>
    </message>
    <message>
        <source>The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, 95 %: {exponent.low:.2}–{exponent.high:.2}).</source>
        <translation>Das Signal fällt je Faktor 10 der Entfernung um {slope:.0} (Exponent {exponent:.2}, 95 %: {exponent.low:.2}–{exponent.high:.2}).</translation>
    </message>
    <message>
        <source>{run}: {off:+.1} against the mean.</source>
        <translation>{run}: {off:+.1} gegen das Mittel.</translation>
    </message>
    <message>
        <source>Same flights, same places (95 %: {difference.low:#.1} to {difference.high:.1}, {flights:flights}). The airframe shades one direction; the range counts both. Try another mounting, or split the setup by direction.</source>
        <translation>Gleiche Flüge, gleiche Orte (95 %: {difference.low:#.1} bis {difference.high:.1}, {flights:flights}). Der Rumpf schattet eine Richtung ab; die Reichweite zählt beide. Anders montieren oder das Setup nach Richtung teilen.</translation>
    </message>
    <message>
        <source>In the turn the signal changes by {change:+.1} (mean of all flights).</source>
        <translation>In der Wende ändert sich das Signal um {change:+.1} (Mittel aller Flüge).</translation>
    </message>
    <message>
        <source>No flight here shows how the signal falls. An exponent of {exponent:.1} ± {sd:.1} is assumed.</source>
        <translation>Kein Flug hier zeigt, wie das Signal fällt. Angenommen ist ein Exponent von {exponent:.1} ± {sd:.1}.</translation>
    </message>
    <message>
        <source>Median range at reduced power: {reduced} (95 %: {reduced.span}), from {flights:flights-from}.</source>
        <translation>Mittlere Reichweite mit verringerter Leistung: {reduced} (95 %: {reduced.span}), aus {flights:flights-from}.</translation>
    </message>
    <message>
        <source>Every setup loses {cost:.0} at {distance}</source>
        <translation>Jedes Setup verliert {cost:.0} bei {distance}</translation>
    </message>
    <message>
        <source>{link} link. Look there for trees, sheds or a dip, or fly higher.</source>
        <translation>Link {link}. Dort nach Bäumen, Schuppen oder einer Senke sehen, oder höher fliegen.</translation>
    </message>
    <message>
        <source>None of its runs counts yet. Fly in turns with the others, over the same path.</source>
        <translation>Noch zählt kein Lauf davon. Abwechselnd mit den anderen fliegen, über denselben Weg.</translation>
    </message>
    <message>
        <source>Fewer flights give no useful interval on the {links} link. Fly in turns, over the same path.</source>
        <translation>Weniger Flüge geben auf dem Link {links} kein brauchbares Intervall. Abwechselnd fliegen, über denselben Weg.</translation>
    </message>
    <message>
        <source>Run {run} has too little usable signal on the {link} link and does not count there. It needs three {stretch} sections beyond {beyond}, above the receiver&apos;s floor. Fly farther.</source>
        <translation>Lauf {run} hat auf dem Link {link} zu wenig brauchbares Signal und zählt dort nicht. Nötig sind drei Abschnitte von {stretch} jenseits von {beyond}, über dem Grundpegel des Empfängers. Weiter fliegen.</translation>
    </message>
    <message>
        <source>{link} link: some flights share no section of the path with the others. Only their ranges are compared. Fly every setup over the same path.</source>
        <translation>Link {link}: Einige Flüge haben keinen Abschnitt des Wegs mit den anderen gemeinsam. Verglichen werden nur ihre Reichweiten. Jedes Setup über denselben Weg fliegen.</translation>
    </message>
    <message>
        <source>{link} link: {setups:setups} were flown. Each is compared with the strongest only ({strongest}). Compare fewer at a time to see them against each other.</source>
        <translation>Link {link}: {setups:setups} wurden geflogen. Jedes wird nur mit dem stärksten ({strongest}) verglichen. Weniger auf einmal vergleichen, um sie gegeneinander zu sehen.</translation>
    </message>
    <message>
        <source>The {link} link fails between {from} and {to}</source>
        <translation>Der Link {link} versagt zwischen {from} und {to}</translation>
    </message>
    <message>
        <source>At the planned heights, the ground reflection cancels the signal at {distance}. Another height moves this hole.</source>
        <translation>Mit den geplanten Höhen löscht die Bodenreflexion das Signal bei {distance} aus. Eine andere Höhe verschiebt dieses Loch.</translation>
    </message>
    <message>
        <source>{link} link: the difference between {a} and {b} changes by {change:+.1} per factor 10 of distance. One figure does not describe it. Compare them near the far end.</source>
        <translation>Link {link}: Der Unterschied zwischen {a} und {b} ändert sich um {change:+.1} je Faktor 10 der Entfernung. Eine Zahl beschreibt ihn nicht. Am fernen Ende vergleichen.</translation>
    </message>
    <message>
        <source>{setup} at {reduction:.0} less power: it did not fail yet on the {link} link. Go on until the link quality falls, or enter the receiver&apos;s sensitivity.</source>
        <translation>{setup} mit {reduction:.0} weniger Leistung: Der Link {link} hat noch nicht versagt. Weitergehen, bis die Linkqualität fällt, oder die Empfindlichkeit des Empfängers eintragen.</translation>
    </message>
    <message>
        <source>Run {run}: the {link} transmit power changed in flight ({low} to {high}). Its signal is converted to {reference}{unknown}. Switch dynamic power off and fly it again.</source>
        <translation>Lauf {run}: Die Sendeleistung des Links {link} änderte sich im Flug ({low} bis {high}). Sein Signal ist auf {reference} umgerechnet{unknown}. Die dynamische Leistung abschalten und erneut fliegen.</translation>
    </message>
    <message>
        <source>; {share:.0} of its rows have no power and are left out</source>
        <translation>; {share:.0} seiner Zeilen haben keine Leistung und fehlen</translation>
    </message>
    <message>
        <source>Run {run}: {flown} on the {link} link, but the kit says {kit}. Its signal is converted ({shift:+.1}). If the kit is wrong, correct it.</source>
        <translation>Lauf {run}: {flown} auf dem Link {link}, die Ausrüstung sagt {kit}. Sein Signal ist umgerechnet ({shift:+.1}). Ist die Ausrüstung falsch, sie berichtigen.</translation>
    </message>
    <message>
        <source>Run {run} was stopped by a limit built into the equipment. Its end says nothing about the radio.</source>
        <translation>Lauf {run} wurde von einer eingebauten Grenze des Geräts beendet. Sein Ende sagt nichts über den Funk.</translation>
    </message>
    <message>
        <source>All flights of {a} came before or after all of {b}. A drift over the day would look like a difference. Fly them in turns.</source>
        <translation>Alle Flüge von {a} lagen vor oder nach allen von {b}. Eine Drift über den Tag sähe wie ein Unterschied aus. Abwechselnd fliegen.</translation>
    </message>
    <message>
        <source>Its minimum usable signal is uncertain. Enter the sensitivity of each mode in Kit, or fly in one mode.</source>
        <translation>Sein Mindestsignal ist unsicher. Unter Ausrüstung die Empfindlichkeit jedes Modus eintragen, oder in einem Modus fliegen.</translation>
    </message>
    <message>
        <source>Its range is that of the most sensitive one.</source>
        <translation>Seine Reichweite ist die des empfindlichsten.</translation>
    </message>
    <message>
        <source>Flights of {setup} had different {link} transmit powers ({low} and {high}), and the kit names none. Their levels are not converted. Enter the power in Kit.</source>
        <translation>Flüge von {setup} hatten verschiedene Sendeleistungen auf dem Link {link} ({low} und {high}), und die Ausrüstung nennt keine. Ihre Pegel sind nicht umgerechnet. Die Leistung unter Ausrüstung eintragen.</translation>
    </message>
    <message>
        <source>A mode changes the range like an antenna does. Enter the sensitivity of each in Kit, or fly all in one.</source>
        <translation>Ein Modus ändert die Reichweite wie eine Antenne. Unter Ausrüstung die Empfindlichkeit jedes Modus eintragen, oder alle in einem fliegen.</translation>
    </message>
    <message>
        <source>Levels are compared as margin above each mode&apos;s sensitivity. A difference may come from the mode.</source>
        <translation>Verglichen wird die Reserve über der Empfindlichkeit jedes Modus. Ein Unterschied kann vom Modus kommen.</translation>
    </message>
    <message>
        <source>{link} link: flights of one setup differ by {sd:.1} (1σ), more than usual. Farthest off is run {run} ({off:+.1}). Look for a loose connector, another antenna direction or dynamic power. If you find the cause, exclude the run.</source>
        <translation>Link {link}: Flüge eines Setups unterscheiden sich um {sd:.1} (1σ), mehr als üblich. Am weitesten daneben liegt Lauf {run} ({off:+.1}). Nach losem Stecker, anderer Antennenrichtung oder dynamischer Leistung suchen. Ist die Ursache gefunden, den Lauf ausschließen.</translation>
    </message>
    <message>
        <source>Run {run} lies {off:.1} from the other flights of its setup on the {link} link. It counts. If you know the reason, exclude it with that reason.</source>
        <translation>Lauf {run} liegt auf dem Link {link} {off:.1} neben den anderen Flügen seines Setups. Er zählt. Ist der Grund bekannt, ihn mit dem Grund ausschließen.</translation>
    </message>
    <message>
        <source>{link} link: the signal does not fall with distance, so it gives no range. Fly farther, or check the signal column.</source>
        <translation>Link {link}: Das Signal fällt nicht mit der Entfernung und ergibt daher keine Reichweite. Weiter fliegen, oder die Signalspalte prüfen.</translation>
    </message>
    <message>
        <source>{link} link: the signal falls with an unusual exponent ({exponent:.1}). Check the distances and the signal column.</source>
        <translation>Link {link}: Das Signal fällt mit ungewöhnlichem Exponenten ({exponent:.1}). Entfernungen und Signalspalte prüfen.</translation>
    </message>
    <message>
        <source>All flights turned at about {distance} with signal to spare on the {link} link. What the radio can do beyond was not flown. The comparison in dB still holds.</source>
        <translation>Alle Flüge kehrten bei etwa {distance} um, mit Reserve auf dem Link {link}. Was der Funk darüber hinaus kann, wurde nicht geflogen. Der Vergleich in dB gilt trotzdem.</translation>
    </message>
    <message>
        <source>Beyond about {distance} the ground reflection makes the {link} signal fall faster. No flight went there. The median range is probably shorter than shown.</source>
        <translation>Jenseits von etwa {distance} lässt die Bodenreflexion das Signal des Links {link} schneller fallen. Kein Flug kam dorthin. Die mittlere Reichweite ist wahrscheinlich kürzer als gezeigt.</translation>
    </message>
    <message>
        <source>Runs {run} and {other} are both called flight &quot;{flight}&quot; but were not flown together. They count as two flights. Give each flight its own name.</source>
        <translation>Die Läufe {run} und {other} heißen beide Flug „{flight}“, flogen aber nicht zusammen. Sie zählen als zwei Flüge. Jedem Flug einen eigenen Namen geben.</translation>
    </message>
    <message>
        <source>Runs {run} and {other} were recorded at the same time. They count as one flight with both aboard.</source>
        <translation>Die Läufe {run} und {other} wurden zur selben Zeit aufgezeichnet. Sie zählen als ein Flug mit beiden an Bord.</translation>
    </message>
    <message>
        <source>Same for {runs}.</source>
        <translation>Ebenso {runs}.</translation>
    </message>
    <message>
        <source>Run {run} is the same flight as run {other}. It counts once. Remove the copy, or choose the right log.</source>
        <translation>Lauf {run} ist derselbe Flug wie Lauf {other}. Er zählt einmal. Die Kopie entfernen, oder das richtige Log wählen.</translation>
    </message>
    <message>
        <source>excluded: {reason}</source>
        <translation>ausgeschlossen: {reason}</translation>
    </message>
    <message>
        <source>The {link} transmitter of setup {setup} uses dynamic power, and no log shows it. How far {link} reached on this path is known. Nothing beyond it, on other ground or in comparison is.</source>
        <translation>Der Sender des Links {link} von Setup {setup} regelt seine Leistung dynamisch, und kein Log zeigt sie. Bekannt ist, wie weit {link} auf diesem Weg reichte. Darüber hinaus, in anderem Gelände oder im Vergleich ist nichts bekannt.</translation>
    </message>
    <message>
        <source>the {link} transmitter uses dynamic power; other logs show it, this one does not</source>
        <translation>der Sender des Links {link} regelt seine Leistung dynamisch; andere Logs zeigen sie, dieses nicht</translation>
    </message>
    <message>
        <source>{link} was on {flown:.0}; the campaign says {campaign:.0}, another band</source>
        <translation>{link} war auf {flown:.0}; die Kampagne sagt {campaign:.0}, ein anderes Band</translation>
    </message>
    <message>
        <source>the log has no signal, link quality or bitrate for any link of this campaign</source>
        <translation>das Log hat kein Signal, keine Linkqualität und keine Bitrate für einen Link dieser Kampagne</translation>
    </message>
    <message>
        <source>{link}: {margin:.0} margin at {distance}; {then}</source>
        <translation>{link}: {margin:.0} Reserve bei {distance}; {then}</translation>
    </message>
    <message>
        <source>{link}: {margin:.0} below the minimum usable signal at {distance}; {then}</source>
        <translation>{link}: {margin:.0} unter dem Mindestsignal bei {distance}; {then}</translation>
    </message>
    <message>
        <source>{part} is below the usable limit now: turn back.</source>
        <translation>{part} liegt jetzt unter der Nutzgrenze: umkehren.</translation>
    </message>
    <message>
        <source>reliable for {dependable}, median {typical}.</source>
        <translation>sicher {dependable}, im Mittel {typical}.</translation>
    </message>
    <message>
        <source>beyond the reliable range, median {typical}: turn back.</source>
        <translation>jenseits der sicheren Reichweite, im Mittel {typical}: umkehren.</translation>
    </message>
    <message>
        <source>beyond the median range: turn back.</source>
        <translation>jenseits der mittleren Reichweite: umkehren.</translation>
    </message>
    <message>
        <source>This is farther than any flight so far: trust it only to there.</source>
        <translation>Das ist weiter als jeder Flug bisher: nur bis dorthin darauf verlassen.</translation>
    </message>
    <message>
        <source>This way was not flown before: its holes are unknown.</source>
        <translation>Dieser Weg wurde noch nicht geflogen: Seine Löcher sind unbekannt.</translation>
    </message>
    <message>
        <source>No earlier flight of this setup counts. This is from the present flight alone.</source>
        <translation>Kein früherer Flug dieses Setups zählt. Das ist nur aus diesem Flug.</translation>
    </message>
    <message>
        <source>is in the place of the campaign&apos;s journal; remove it</source>
        <translation>liegt an der Stelle des Journals der Kampagne; entfernen</translation>
    </message>
    <message>
        <source>The copy holds: places {places}, terrain and maps {layers}, logs {logs}, photos {photos}, notes and names {words}. Leave parts out with --without</source>
        <translation>Die Kopie enthält: Orte {places}, Gelände und Karten {layers}, Logs {logs}, Fotos {photos}, Notizen und Namen {words}. Weglassen mit --without</translation>
    </message>
    <message>
        <source>exists already; choose another name</source>
        <translation>gibt es schon; einen anderen Namen wählen</translation>
    </message>
    <message>
        <source>exists already; open it, or choose another name</source>
        <translation>gibt es schon; öffnen, oder einen anderen Namen wählen</translation>
    </message>
    <message>
        <source>exists already and is not an empty folder; choose a new one</source>
        <translation>gibt es schon und ist kein leerer Ordner; einen neuen wählen</translation>
    </message>
    <message>
        <source>the keys of other versions are damaged; restore a copy of the campaign</source>
        <translation>die Schlüssel anderer Versionen sind beschädigt; eine Kopie der Kampagne zurückholen</translation>
    </message>
    <message>
        <source>{where}: {keys} is unknown to this version; it is kept but not used</source>
        <translation>{where}: {keys} ist dieser Version unbekannt; es bleibt erhalten, wird aber nicht benutzt</translation>
    </message>
    <message>
        <source>is not readable JSON; check brackets, commas, quotes and letters there</source>
        <translation>ist kein lesbares JSON; dort Klammern, Kommas, Anführungszeichen und Buchstaben prüfen</translation>
    </message>
    <message>
        <source>holds a number that is too large; correct it</source>
        <translation>enthält eine zu große Zahl; berichtigen</translation>
    </message>
    <message>
        <source>cannot be written: file, folder or disk is read-only; copy the campaign to your own folder (nothing was changed)</source>
        <translation>kann nicht geschrieben werden: Datei, Ordner oder Platte ist schreibgeschützt; die Kampagne in einen eigenen Ordner kopieren (nichts wurde geändert)</translation>
    </message>
    <message>
        <source>cannot be opened; check that the folder exists and can be written to</source>
        <translation>kann nicht geöffnet werden; prüfen, ob es den Ordner gibt und er beschreibbar ist</translation>
    </message>
    <message>
        <source>is in use by another program; close that program, or wait, and try again</source>
        <translation>wird von einem anderen Programm benutzt; es schließen, oder warten, und erneut versuchen</translation>
    </message>
    <message>
        <source>needs more memory than this computer has free; close other programs and try again</source>
        <translation>braucht mehr freien Speicher; andere Programme schließen und erneut versuchen</translation>
    </message>
    <message>
        <source>takes too long to read; restore a copy of it</source>
        <translation>lässt sich nicht in vertretbarer Zeit lesen; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>cannot be used ({reason}); restore a copy of it</source>
        <translation>lässt sich nicht benutzen ({reason}); eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>holds unreadable data; restore a copy of it</source>
        <translation>enthält unlesbare Daten; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>is gone; save a copy of the campaign, or put the file back</source>
        <translation>ist weg; eine Kopie der Kampagne speichern, oder die Datei zurücklegen</translation>
    </message>
    <message>
        <source>was replaced by another file; save a copy of the campaign under another name</source>
        <translation>wurde durch eine andere Datei ersetzt; eine Kopie der Kampagne unter anderem Namen speichern</translation>
    </message>
    <message>
        <source>was overwritten by an older copy or another campaign; save a copy of the campaign</source>
        <translation>wurde von einer älteren Kopie oder einer anderen Kampagne überschrieben; eine Kopie der Kampagne speichern</translation>
    </message>
    <message>
        <source>was updated by a newer version of Distanz; open it again to look at it</source>
        <translation>wurde von einer neueren Version von Distanz aktualisiert; zum Ansehen erneut öffnen</translation>
    </message>
    <message>
        <source>was written by a newer version of Distanz (schema {schema}); you can look at it, but not change it here</source>
        <translation>wurde von einer neueren Version von Distanz geschrieben (Schema {schema}); ansehen geht, ändern nicht</translation>
    </message>
    <message>
        <source>file or folder is read-only; to change the campaign, copy it to your own folder</source>
        <translation>Datei oder Ordner ist schreibgeschützt; zum Ändern die Kampagne in einen eigenen Ordner kopieren</translation>
    </message>
    <message>
        <source>its tables were changed by hand, or are not of a campaign; restore a copy of it</source>
        <translation>seine Tabellen wurden von Hand geändert, oder gehören zu keiner Kampagne; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>holds more data than any campaign; restore a copy of it</source>
        <translation>enthält mehr Daten als jede Kampagne; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>a damaged {kind} is in the file; restore a copy of the campaign</source>
        <translation>beschädigt in der Datei: {kind}; eine Kopie der Kampagne zurückholen</translation>
    </message>
    <message>
        <source>is damaged and cannot be updated; restore a copy of it</source>
        <translation>ist beschädigt und lässt sich nicht aktualisieren; eine Kopie zurückholen</translation>
    </message>
    <message>
        <source>it could not be copied</source>
        <translation>es ließ sich nicht kopieren</translation>
    </message>
    <message>
        <source>this log is in the campaign already, as run {run_id}; one flight must not count twice</source>
        <translation>dieses Log ist schon in der Kampagne, als Lauf {run_id}; ein Flug darf nicht zweimal zählen</translation>
    </message>
    <message>
        <source>the history is damaged, so this step cannot be undone</source>
        <translation>der Verlauf ist beschädigt, dieser Schritt lässt sich nicht zurücknehmen</translation>
    </message>
    <message>
        <source>this step cannot be undone: another program has changed the same part since</source>
        <translation>dieser Schritt lässt sich nicht zurücknehmen: Ein anderes Programm hat denselben Teil seitdem geändert</translation>
    </message>
    <message>
        <source>another program has changed the same part; its change is shown now, so look and enter yours again</source>
        <translation>ein anderes Programm hat denselben Teil geändert; seine Änderung ist jetzt zu sehen, die eigene also erneut eingeben</translation>
    </message>
    <message>
        <source>another program has changed it, and now {fault}</source>
        <translation>ein anderes Programm hat es geändert, und jetzt: {fault}</translation>
    </message>
    <message>
        <source>another program has removed setup {setup}; choose another for {log}</source>
        <translation>ein anderes Programm hat Setup {setup} entfernt; für {log} ein anderes wählen</translation>
    </message>
    <message>
        <source>{option}: this campaign has no such setup; add it first</source>
        <translation>{option}: Diese Kampagne hat kein solches Setup; zuerst hinzufügen</translation>
    </message>
    <message>
        <source>{option}: not a reason for an end; the reasons are: {words}</source>
        <translation>{option}: kein Grund für ein Ende; die Gründe sind: {words}</translation>
    </message>
    <message>
        <source>&quot;{ending}&quot; is not a format to save in; end the name in .csv, .gpx, .kml, .geojson or .distanz</source>
        <translation>„{ending}“ ist kein Format zum Speichern; den Namen auf .csv, .gpx, .kml, .geojson oder .distanz enden lassen</translation>
    </message>
    <message>
        <source>an interchange folder becomes a campaign file; give it a name ending in .distanz</source>
        <translation>ein Austauschordner wird eine Kampagnendatei; einen Namen geben, der auf .distanz endet</translation>
    </message>
    <message>
        <source>Flight-to-flight spread {sd:.1} (1σ): {source}.</source>
        <translation>Streuung von Flug zu Flug {sd:.1} (1σ): {source}.</translation>
    </message>
    <message>
        <source>To see every setup fail on the {link} link, fly on to {to}. First test the return on link loss. A setup that turns before {least} may show &quot;at least&quot; only.</source>
        <translation>Um jedes Setup auf dem Link {link} versagen zu sehen, weiter bis {to} fliegen. Zuerst die Rückkehr bei Linkverlust testen. Ein Setup, das vor {least} umkehrt, zeigt womöglich nur „mindestens“.</translation>
    </message>
    <message>
        <source>On the {link} link the best setup should fail only at {to}, beyond the far post ({far}). Its range would read &quot;at least&quot;. Reduce the power, or plan a longer path.</source>
        <translation>Auf dem Link {link} sollte das beste Setup erst bei {to} versagen, hinter dem Endpfosten ({far}). Seine Reichweite hieße „mindestens“. Leistung verringern, oder einen längeren Weg planen.</translation>
    </message>
    <message>
        <source>Enter the airspeed to get clock times.</source>
        <translation>Für Uhrzeiten die Fluggeschwindigkeit eintragen.</translation>
    </message>
    <message>
        <source>{setup}: the battery reaches the far post and back ({used:.0} of {usable:.0}).</source>
        <translation>{setup}: Der Akku reicht bis zum Endpfosten und zurück ({used:.0} von {usable:.0}).</translation>
    </message>
    <message>
        <source>{setup}: reserve and take-off use up the whole battery.</source>
        <translation>{setup}: Reserve und Start verbrauchen den ganzen Akku.</translation>
    </message>
    <message>
        <source>Enter airspeed, consumption and battery to get the farthest turn.</source>
        <translation>Für die weiteste Wende Geschwindigkeit, Verbrauch und Akku eintragen.</translation>
    </message>
    <message>
        <source>{use:.3g} mAh per km in still air at {airspeed}. Wind {wind} from {from:.0}. Charge counts by time.</source>
        <translation>{use:.3g} mAh je km in ruhender Luft bei {airspeed}. Wind {wind} aus {from:.0}. Ladung zählt nach Zeit.</translation>
    </message>
    <message>
        <source>Against {wind} from {from:.0} the aircraft ({airspeed}) does not come back.</source>
        <translation>Gegen {wind} aus {from:.0} kommt das Fluggerät ({airspeed}) nicht zurück.</translation>
    </message>
    <message>
        <source>Against {wind} from {from:.0} the aircraft ({airspeed}) cannot fly outbound.</source>
        <translation>Gegen {wind} aus {from:.0} kommt das Fluggerät ({airspeed}) auf dem Hinflug nicht voran.</translation>
    </message>
    <message>
        <source>Tailwind outbound: the way home takes {longer:.0} longer, at {back} over ground or less. Turn early on the first flight.</source>
        <translation>Rückenwind auf dem Hinflug: Der Rückflug dauert {longer:.0} länger, mit höchstens {back} über Grund. Beim ersten Flug früh umkehren.</translation>
    </message>
    <message>
        <source>Headwind outbound: the way home takes {shorter:.0} less. This is the safe way.</source>
        <translation>Gegenwind auf dem Hinflug: Der Rückflug dauert {shorter:.0} kürzer. So herum ist es sicher.</translation>
    </message>
    <message>
        <source>An attenuator of {attenuator:.0} cuts a range of {range} to {limit}.</source>
        <translation>Ein Dämpfungsglied von {attenuator:.0} verkürzt eine Reichweite von {range} auf {limit}.</translation>
    </message>
    <message>
        <source>The path is {high} high; {limit} is allowed. Lower it.</source>
        <translation>Der Weg ist {high} hoch; erlaubt sind {limit}. Tiefer legen.</translation>
    </message>
    <message>
        <source>Visual line of sight ends at {sight}; the path runs to {far}. Turn there, or use an observer where the rules allow it.</source>
        <translation>Die Sichtweite endet bei {sight}; der Weg reicht bis {far}. Dort umkehren, oder einen Beobachter einsetzen, wo die Regeln es erlauben.</translation>
    </message>
    <message>
        <source>Distance, height and sight are within your limits. Distanz is no authority.</source>
        <translation>Entfernung, Höhe und Sicht liegen in den eingetragenen Grenzen. Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>Enter the limits of this place: distance, height and visual line of sight.</source>
        <translation>Die Grenzen dieses Orts eintragen: Entfernung, Höhe und Sichtweite.</translation>
    </message>
    <message>
        <source>Tick the pre-flight list</source>
        <translation>Die Liste vor dem Flug abhaken</translation>
    </message>
    <message>
        <source>Clear the pre-flight list</source>
        <translation>Die Liste vor dem Flug leeren</translation>
    </message>
    <message>
        <source>Change the flights</source>
        <translation>Die Flüge ändern</translation>
    </message>
    <message>
        <source>No people, roads or controlled airspace under the path. Other aircraft have right of way.</source>
        <translation>Keine Menschen, Straßen oder kontrollierter Luftraum unter dem Weg. Andere Luftfahrzeuge haben Vorrang.</translation>
    </message>
    <message>
        <source>Failsafe tested: transmitter off, the aircraft reacts as set.</source>
        <translation>Failsafe getestet: Sender aus, das Fluggerät reagiert wie eingestellt.</translation>
    </message>
    <message>
        <source>Return height above every obstacle, at least {height:.0}.</source>
        <translation>Rückkehrhöhe über jedem Hindernis, mindestens {height:.0}.</translation>
    </message>
    <message>
        <source>Power cycled: power, packet rate and band are still as planned.</source>
        <translation>Aus- und wieder eingeschaltet: Leistung, Paketrate und Band sind noch wie geplant.</translation>
    </message>
    <message>
        <source>{link} transmitter: dynamic power is off.</source>
        <translation>Sender {link}: dynamische Leistung ist aus.</translation>
    </message>
    <message>
        <source>{link} link: packet rate fixed, the same for every setup.</source>
        <translation>Link {link}: Paketrate fest, für jedes Setup dieselbe.</translation>
    </message>
    <message>
        <source>{link} link: fixed on {frequency:short}.</source>
        <translation>Link {link}: fest auf {frequency:short}.</translation>
    </message>
    <message>
        <source>Low-power and range-check modes are off. Power was read after arming.</source>
        <translation>Stromspar- und Reichweitentest-Modus sind aus. Die Leistung wurde nach dem Scharfschalten abgelesen.</translation>
    </message>
    <message>
        <source>Every antenna and receiver chain is fitted and switched on.</source>
        <translation>Jede Antenne und jeder Empfangszweig ist angeschlossen und eingeschaltet.</translation>
    </message>
    <message>
        <source>Connectors straight and tight. No transmitter is powered without its antenna.</source>
        <translation>Stecker gerade und fest. Kein Sender läuft ohne seine Antenne.</translation>
    </message>
    <message>
        <source>Compass calibrated, away from power leads. Heading agrees with the path.</source>
        <translation>Kompass kalibriert, fern von Stromleitungen. Der Kurs stimmt mit dem Weg überein.</translation>
    </message>
    <message>
        <source>Satellites steady, home position set at the station.</source>
        <translation>Satelliten stabil, Heimatposition an der Station gesetzt.</translation>
    </message>
    <message>
        <source>Batteries of one type, full and undamaged. Alarm set to the reserve.</source>
        <translation>Akkus einer Sorte, voll und unbeschädigt. Alarm auf die Reserve gestellt.</translation>
    </message>
    <message>
        <source>Logging is on, has room, and its clock is right.</source>
        <translation>Die Aufzeichnung läuft, hat Platz, und ihre Uhr stimmt.</translation>
    </message>
    <message>
        <source>{link} tracker knows its position, height and north. It follows when moved by hand.</source>
        <translation>Der Nachführer {link} kennt Position, Höhe und Norden. Er folgt, von Hand bewegt.</translation>
    </message>
    <message>
        <source>Setup {setup} has flown close by, and its log was read.</source>
        <translation>Setup {setup} ist in der Nähe geflogen, und sein Log wurde gelesen.</translation>
    </message>
    <message>
        <source>{name}: turn at {at} at the latest. 95 % of flights reach that on the {link} link.</source>
        <translation>{name}: spätestens bei {at} umkehren. 95 % der Flüge kommen auf dem Link {link} so weit.</translation>
    </message>
    <message>
        <source>{name}: turn at {at} at the latest. By prediction, 95 % of flights reach that on the {link} link.</source>
        <translation>{name}: spätestens bei {at} umkehren. Nach der Vorhersage kommen 95 % der Flüge auf dem Link {link} so weit.</translation>
    </message>
    <message>
        <source>{setup}, {link} link: what helps most is {what:list}.</source>
        <translation>{setup}, Link {link}: Am meisten hilft {what:list}.</translation>
    </message>
    <message>
        <source>Enter where the wind comes from. Until then it counts against the way home.</source>
        <translation>Eintragen, woher der Wind kommt. Bis dahin zählt er gegen den Rückflug.</translation>
    </message>
    <message>
        <source>The {link} tracker must turn up to {rate:.0}° per second, to {azimuth:.0} aside and {elevation:.0} up.</source>
        <translation>Der Nachführer {link} muss bis zu {rate:.0}° je Sekunde drehen, bis {azimuth:.0} zur Seite und {elevation:.0} nach oben.</translation>
    </message>
    <message>
        <source>From {from} on the {link} tracker aims within its beam (±{half:.0}). Nearer, errors of home and height throw it off.</source>
        <translation>Ab {from} zielt der Nachführer {link} innerhalb seiner Keule (±{half:.0}). Näher werfen ihn Fehler von Ort und Höhe hinaus.</translation>
    </message>
    <message>
        <source>The {link} tracker is {error:.0} off even far out; its beam is ±{half:.0}. Level its stand and calibrate its compass.</source>
        <translation>Der Nachführer {link} liegt auch weit draußen um {error:.0} daneben; seine Keule ist ±{half:.0}. Den Stand ausrichten und den Kompass kalibrieren.</translation>
    </message>
    <message>
        <source>Assumed errors: home {home}, height {height}, compass {compass:.0}, stand {level:.0}. Flown at {speed}.</source>
        <translation>Angenommene Fehler: Ort {home}, Höhe {height}, Kompass {compass:.0}, Stand {level:.0}. Geflogen mit {speed}.</translation>
    </message>
    <message>
        <source>The labels were opened at {at}. Judgements after that are not blind.</source>
        <translation>Die Nummern wurden um {at} geöffnet. Urteile danach sind nicht mehr blind.</translation>
    </message>
    <message>
        <source>The path hits the ground at {at}</source>
        <translation>Der Weg trifft bei {at} auf den Boden</translation>
    </message>
    <message>
        <source>Ground or obstacle there is {above} above the planned flight. Fly higher, or around it.</source>
        <translation>Boden oder Hindernis ragt dort {above} über den geplanten Flug. Höher fliegen, oder außen herum.</translation>
    </message>
    <message>
        <source>Only {above} above the obstacles at {at}</source>
        <translation>Nur {above} über den Hindernissen bei {at}</translation>
    </message>
    <message>
        <source>Fly higher there, or around it.</source>
        <translation>Dort höher fliegen, oder außen herum.</translation>
    </message>
    <message>
        <source>{height} above the station&apos;s ground keeps 60 % of the first Fresnel zone clear on every link. The critical point is at {at}. The rule of {percent:.0} of the distance asks for {share} at the far post.</source>
        <translation>{height} über dem Boden der Station halten 60 % der ersten Fresnelzone auf jedem Link frei. Der kritische Punkt liegt bei {at}. Die Regel von {percent:.0} der Entfernung verlangt am Endpfosten {share}.</translation>
    </message>
    <message>
        <source>From {height} above the station&apos;s ground on, 60 % of the first Fresnel zone is clear on every link. The critical point is at {at}. The rule of {percent:.0} of the distance asks for {share} at the far post.</source>
        <translation>Ab {height} über dem Boden der Station sind 60 % der ersten Fresnelzone auf jedem Link frei. Der kritische Punkt liegt bei {at}. Die Regel von {percent:.0} der Entfernung verlangt am Endpfosten {share}.</translation>
    </message>
    <message>
        <source>Something near the station stands in the first Fresnel zone at every height. Raise the mast, or move the station.</source>
        <translation>Nahe der Station steht in jeder Höhe etwas in der ersten Fresnelzone. Den Mast erhöhen, oder die Station versetzen.</translation>
    </message>
    <message>
        <source>No terrain covers the station; {layer} lies elsewhere. Add terrain for this place, or check the station&apos;s coordinates.</source>
        <translation>Kein Gelände deckt die Station ab; {layer} liegt anderswo. Gelände für diesen Ort hinzufügen, oder die Koordinaten der Station prüfen.</translation>
    </message>
    <message>
        <source>Beyond it the prediction assumes flat ground. Add the raster next to it.</source>
        <translation>Dahinter nimmt die Vorhersage ebenen Boden an. Das Raster daneben hinzufügen.</translation>
    </message>
    <message>
        <source>The terrain has holes: {share:.1} of a line over this path is bridged straight. A hill in a hole is not seen.</source>
        <translation>Das Gelände hat Löcher: {share:.1} einer Linie über diesen Weg sind gerade überbrückt. Ein Hügel in einem Loch wird nicht gesehen.</translation>
    </message>
    <message>
        <source>The station&apos;s ground is set to {typed} above sea level; the terrain says {raster}. Check the coordinates, or clear the entry.</source>
        <translation>Der Boden der Station ist auf {typed} über dem Meer gesetzt; das Gelände sagt {raster}. Die Koordinaten prüfen, oder den Eintrag löschen.</translation>
    </message>
    <message>
        <source>The station&apos;s ground is set to {typed} above sea level; the terrain says {raster}, 3.28 times as much. Set feet in the list of layers.</source>
        <translation>Der Boden der Station ist auf {typed} über dem Meer gesetzt; das Gelände sagt {raster}, das 3,28-fache. In der Liste der Ebenen Fuß setzen.</translation>
    </message>
    <message>
        <source>Terrain is loaded but not used in the prediction. Choose an obstruction model.</source>
        <translation>Gelände ist geladen, zählt aber nicht in der Vorhersage. Ein Hindernismodell wählen.</translation>
    </message>
    <message>
        <source>The path enters {what} at {at}</source>
        <translation>Der Weg führt bei {at} in {what}</translation>
    </message>
    <message>
        <source>Keep out: lay the path around it.</source>
        <translation>Sperrgebiet: den Weg außen herum legen.</translation>
    </message>
    <message>
        <source>The path crosses {what} at {at}. Do not fly over traffic or people. Move the path, or post a spotter there.</source>
        <translation>Der Weg kreuzt {what} bei {at}. Nicht über Verkehr oder Menschen fliegen. Den Weg verlegen, oder dort einen Beobachter aufstellen.</translation>
    </message>
    <message>
        <source>The path crosses itself, first on the leg from {at}. There a position alone does not give the distance.</source>
        <translation>Der Weg kreuzt sich selbst, zuerst auf dem Stück ab {at}. Dort ergibt ein Ort allein keine Entfernung.</translation>
    </message>
    <message>
        <source>Part of the path lies far away, but near the station with the numbers swapped. Latitude comes first.</source>
        <translation>Ein Teil des Wegs liegt weit weg, mit vertauschten Zahlen aber nahe der Station. Die Breite kommt zuerst.</translation>
    </message>
    <message>
        <source>Terrain, maps and photos cannot be read safely: this kernel lacks seccomp. Logs and tables work</source>
        <translation>Gelände, Karten und Fotos lassen sich nicht sicher lesen: Diesem Kernel fehlt seccomp. Logs und Tabellen gehen</translation>
    </message>
    <message>
        <source>{file} cannot be read: it is damaged or hostile. Use another file; nothing else is affected</source>
        <translation>{file} lässt sich nicht lesen: beschädigt oder bösartig. Eine andere Datei nehmen; sonst ist nichts betroffen</translation>
    </message>
    <message>
        <source>{file} is not a readable terrain raster, or cut short ({reason}); use a GeoTIFF, HGT, DTED or ASCII grid</source>
        <translation>{file} ist kein lesbares Höhenraster, oder abgeschnitten ({reason}); ein GeoTIFF, HGT, DTED oder ASCII-Raster nehmen</translation>
    </message>
    <message>
        <source>{file} has no heights: it is a picture, or empty</source>
        <translation>{file} hat keine Höhen: ein Bild, oder leer</translation>
    </message>
    <message>
        <source>{file} names no reference system; WGS 84 degrees are assumed.</source>
        <translation>{file} nennt kein Bezugssystem; angenommen sind Grad von WGS 84.</translation>
    </message>
    <message>
        <source>{file} was in feet and is stored in metres.</source>
        <translation>{file} war in Fuß und ist in Metern gespeichert.</translation>
    </message>
    <message>
        <source>{file} was converted from its own reference system.</source>
        <translation>{file} wurde aus seinem eigenen Bezugssystem umgerechnet.</translation>
    </message>
    <message>
        <source>{file} is large: only the part around the station is used.</source>
        <translation>{file} ist groß: Nur der Teil um die Station wird benutzt.</translation>
    </message>
    <message>
        <source>{file} is large: only every {every}th cell is used.</source>
        <translation>{file} ist groß: Nur jede {every}. Zelle wird benutzt.</translation>
    </message>
    <message>
        <source>{file} is not a readable map ({reason}); use GeoJSON, KML, GPX or a GeoPackage</source>
        <translation>{file} ist keine lesbare Karte ({reason}); GeoJSON, KML, GPX oder ein GeoPackage nehmen</translation>
    </message>
    <message>
        <source>{file} lies nowhere on earth: latitudes beyond 90 degrees, or an unknown reference system</source>
        <translation>{file} liegt nirgends auf der Erde: Breiten über 90 Grad, oder ein unbekanntes Bezugssystem</translation>
    </message>
    <message>
        <source>{file} holds too much to draw; cut it to the area around the path</source>
        <translation>{file} enthält zu viel zum Zeichnen; auf die Umgebung des Wegs zuschneiden</translation>
    </message>
    <message>
        <source>Change the path</source>
        <translation>Den Weg ändern</translation>
    </message>
    <message>
        <source>There is no path to save yet: set the station and the path first</source>
        <translation>Noch gibt es keinen Weg zu speichern: erst Station und Weg setzen</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a number; the file is damaged or was edited by hand</source>
        <translation>„{text}“ ist keine Zahl; die Datei ist beschädigt oder von Hand geändert</translation>
    </message>
    <message>
        <source>line {line} cannot be read; it needs what, name, latitude, longitude, height and facts</source>
        <translation>Zeile {line} ist nicht lesbar; nötig sind what, name, Breite, Länge, Höhe und facts</translation>
    </message>
    <message>
        <source>{file} holds no line for a path and is no Distanz plan</source>
        <translation>{file} enthält keine Linie für einen Weg und ist kein Distanz-Plan</translation>
    </message>
    <message>
        <source>The track has no positions away from the station</source>
        <translation>Die Spur hat keine Positionen abseits der Station</translation>
    </message>
    <message>
        <source>The file has no heights: {height} above the station&apos;s ground is kept.</source>
        <translation>Die Datei hat keine Höhen: {height} über dem Boden der Station bleiben.</translation>
    </message>
    <message>
        <source>The file&apos;s heights are above sea level, and the station&apos;s ground is unknown. {height} above it is kept.</source>
        <translation>Die Höhen der Datei zählen vom Meer, und der Boden der Station ist unbekannt. {height} darüber bleiben.</translation>
    </message>
    <message>
        <source>Runs were flown on this path, so it stays; choose another path to plan</source>
        <translation>Auf diesem Weg wurde geflogen, darum bleibt er; einen anderen Weg zum Planen wählen</translation>
    </message>
    <message>
        <source>Apply battery use and wind of run {run}</source>
        <translation>Verbrauch und Wind von Lauf {run} anwenden</translation>
    </message>
    <message>
        <source>run {run} has no positions or was not flown, so speed and consumption are unknown; choose another run</source>
        <translation>Lauf {run} hat keine Positionen oder flog nicht, Geschwindigkeit und Verbrauch sind also unbekannt; einen anderen wählen</translation>
    </message>
    <message>
        <source>{setup}, {link} link: flown as predicted, within {low:.1} to {high:.1}, from {from} to {to}.</source>
        <translation>{setup}, Link {link}: wie vorhergesagt geflogen, auf {low:.1} bis {high:.1}, von {from} bis {to}.</translation>
    </message>
    <message>
        <source>{setup}, {link} link: {off:.1} better than predicted ({low:.1} to {high:.1}), from {from} to {to}.</source>
        <translation>{setup}, Link {link}: {off:.1} besser als vorhergesagt ({low:.1} bis {high:.1}), von {from} bis {to}.</translation>
    </message>
    <message>
        <source>{setup}, {link} link: {off:.1} worse than predicted ({low:.1} to {high:.1}), from {from} to {to}.</source>
        <translation>{setup}, Link {link}: {off:.1} schlechter als vorhergesagt ({low:.1} bis {high:.1}), von {from} bis {to}.</translation>
    </message>
    <message>
        <source>All setups are off by the same amount. Check what they share: exponent, ground, a cable, the assumed power.</source>
        <translation>Alle Setups liegen gleich weit daneben. Prüfen, was sie teilen: Exponent, Boden, ein Kabel, die angenommene Leistung.</translation>
    </message>
    <message>
        <source>Setups are off by different amounts. Check what differs: claimed antenna gain, mounting, power.</source>
        <translation>Die Setups liegen verschieden weit daneben. Prüfen, was sich unterscheidet: angegebener Gewinn, Einbau, Leistung.</translation>
    </message>
    <message>
        <source>{setup} may lose its link in the turn</source>
        <translation>{setup} kann in der Wende den Link verlieren</translation>
    </message>
    <message>
        <source>Enter in Kit what the antennas are and how the aircraft&apos;s is mounted. Then outbound, turn and inbound are predicted separately.</source>
        <translation>Unter Ausrüstung eintragen, was die Antennen sind und wie die am Fluggerät sitzt. Dann werden Hinflug, Wende und Rückflug einzeln vorhergesagt.</translation>
    </message>
    <message>
        <source>Antenna {mast} and aircraft {height} above flat ground, earth radius × {factor:.2}. Halfway to the far post the earth rises {bulge:.1} above the straight line.</source>
        <translation>Antenne {mast} und Fluggerät {height} über ebenem Boden, Erdradius × {factor:.2}. Auf halbem Weg zum Endpfosten ragt die Erde {bulge:.1} über die gerade Linie.</translation>
    </message>
    <message>
        <source>{link} link: loss by {what} is that at {nearest}. The formula does not hold at {frequency}.</source>
        <translation>Link {link}: Der Verlust durch {what} ist der bei {nearest}. Bei {frequency} gilt die Formel nicht.</translation>
    </message>
    <message>
        <source>The path itself: ±{sd} at {at}. Its exponent is known to ±{of_exponent:.2} only.</source>
        <translation>Der Weg selbst: ±{sd} bei {at}. Sein Exponent ist nur auf ±{of_exponent:.2} bekannt.</translation>
    </message>
    <message>
        <source>{what}: ±{sd}.</source>
        <translation>{what}: ±{sd}.</translation>
    </message>
    <message>
        <source>{setup}, {link} link: airframe and obstacles near the station may cost up to {out} outbound and {back} inbound. The prediction covers both. Turn the aircraft on the ground check to see.</source>
        <translation>{setup}, Link {link}: Rumpf und Hindernisse nahe der Station können bis zu {out} hin und {back} zurück kosten. Die Vorhersage deckt beides ab. Auf der Bodenprüfung das Fluggerät drehen, um es zu sehen.</translation>
    </message>
    <message>
        <source>Setups {setup} and {other} differ in {count} things on the {link} link: {what:list}. The result cannot show which one matters.</source>
        <translation>Die Setups {setup} und {other} unterscheiden sich auf dem Link {link} in {count} Dingen: {what:list}. Das Ergebnis kann nicht zeigen, woran es liegt.</translation>
    </message>
    <message>
        <source>Setups {setup} and {other} are described alike. Enter what differs. Or keep them alike to see the flight-to-flight spread.</source>
        <translation>Die Setups {setup} und {other} sind gleich beschrieben. Den Unterschied eintragen. Oder gleich lassen, um die Streuung von Flug zu Flug zu sehen.</translation>
    </message>
    <message>
        <source>From {from} on, the path lies in the main beam, at worst {worst} below the peak.</source>
        <translation>Ab {from} liegt der Weg im Hauptstrahl, schlimmstenfalls {worst} unter der Spitze.</translation>
    </message>
    <message>
        <source>The path leaves the main beam, at worst {worst} below the peak. Point it at the far post, or use a wider antenna.</source>
        <translation>Der Weg verlässt den Hauptstrahl, schlimmstenfalls {worst} unter der Spitze. Auf den Endpfosten richten, oder eine breitere Antenne nehmen.</translation>
    </message>
    <message>
        <source>Straight above the station it is {above} below the peak, behind it {behind}.</source>
        <translation>Senkrecht über der Station liegt sie {above} unter der Spitze, dahinter {behind}.</translation>
    </message>
    <message>
        <source>Out to {to} the path lies in its blind cone, {below} or more below the peak. Do not judge a setup there.</source>
        <translation>Bis {to} liegt der Weg in ihrem blinden Kegel, {below} oder mehr unter der Spitze. Dort kein Setup beurteilen.</translation>
    </message>
    <message>
        <source>In level flight the null of this antenna points {side}. Mount it upright.</source>
        <translation>Im Geradeausflug zeigt die Nullstelle dieser Antenne {side}. Aufrecht einbauen.</translation>
    </message>
    <message>
        <source>The airframe shades {side}.</source>
        <translation>Das Fluggerät schattet {side} ab.</translation>
    </message>
    <message>
        <source>Carbon, battery or shell shade {side}. Expect fades there.</source>
        <translation>Kohlefaser, Akku oder Gehäuse schatten {side} ab. Dort ist mit Einbrüchen zu rechnen.</translation>
    </message>
    <message>
        <source>Outbound, the airframe is between antenna and station.</source>
        <translation>Auf dem Hinflug liegt das Fluggerät zwischen Antenne und Station.</translation>
    </message>
    <message>
        <source>Inbound, the airframe is between antenna and station.</source>
        <translation>Auf dem Rückflug liegt das Fluggerät zwischen Antenne und Station.</translation>
    </message>
    <message>
        <source>Inside a carbon shell an antenna hardly radiates. Move it outside.</source>
        <translation>In einem Gehäuse aus Kohlefaser strahlt eine Antenne kaum. Nach außen setzen.</translation>
    </message>
    <message>
        <source>Carbon nearby detunes and shades. Keep a quarter wavelength away, and sweep it in place.</source>
        <translation>Kohlefaser in der Nähe verstimmt und schattet ab. Eine Viertelwellenlänge Abstand halten und am Einbauort messen.</translation>
    </message>
    <message>
        <source>The battery shades like metal. Move the antenna to another side.</source>
        <translation>Der Akku schattet wie Metall ab. Die Antenne auf eine andere Seite setzen.</translation>
    </message>
    <message>
        <source>A cover lowers the resonance. Sweep it bare and covered on the Bench.</source>
        <translation>Eine Abdeckung senkt die Resonanz. Auf der Werkbank nackt und bedeckt messen.</translation>
    </message>
    <message>
        <source>Bent arms fill the nulls and cost some gain broadside.</source>
        <translation>Geknickte Arme füllen die Nullstellen und kosten quer etwas Gewinn.</translation>
    </message>
    <message>
        <source>Change a part of setup {setup}</source>
        <translation>Ein Teil von Setup {setup} wechseln</translation>
    </message>
    <message>
        <source>is not a picture Distanz can show; save it as PNG or JPEG</source>
        <translation>ist kein Bild, das Distanz zeigen kann; als PNG oder JPEG speichern</translation>
    </message>
    <message>
        <source>The {link} link radiates {eirp:.1} EIRP. Enter the limit of this place under Links. Distanz is no authority.</source>
        <translation>Der Link {link} strahlt {eirp:.1} EIRP ab. Die Grenze dieses Orts unter Links eintragen. Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>The {link} link radiates {eirp:.1} EIRP, {over} above your limit of {limit}. Reduce power or gain.</source>
        <translation>Der Link {link} strahlt {eirp:.1} EIRP ab, {over} über der Grenze von {limit}. Leistung oder Gewinn verringern.</translation>
    </message>
    <message>
        <source>The {link} link radiates {eirp:.1} EIRP, within your limit of {limit}.</source>
        <translation>Der Link {link} strahlt {eirp:.1} EIRP ab, innerhalb der Grenze von {limit}.</translation>
    </message>
    <message>
        <source>Keep people {distance:.2} away from the transmitting antenna. Other limits may apply here. Distanz is no authority.</source>
        <translation>Menschen {distance:.2} von der sendenden Antenne fernhalten. Hier können andere Grenzen gelten. Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>Keep people {distance:.2} away from the transmitting antenna, trained staff {at_work:.2}. Other limits may apply here. Distanz is no authority.</source>
        <translation>Menschen {distance:.2} von der sendenden Antenne fernhalten, geschultes Personal {at_work:.2}. Hier können andere Grenzen gelten. Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>The {change} gained equal raising {power} to {other}, without heat or current.</source>
        <translation>Die gewonnenen {change} entsprechen {other} statt {power}, ohne Wärme und Strom.</translation>
    </message>
    <message>
        <source>{part} failed its inspection: {faults:list}. Repair it before it flies.</source>
        <translation>{part} hat die Sichtprüfung nicht bestanden: {faults:list}. Vor dem Flug reparieren.</translation>
    </message>
    <message>
        <source>{link} link: the receiver is set to {receiver}, the link to {stated}. Ranges use the link&apos;s.</source>
        <translation>Link {link}: Am Empfänger steht {receiver}, am Link {stated}. Reichweiten rechnen mit dem Link.</translation>
    </message>
    <message>
        <source>Signal at the far post ({distance}): {level:.1} (margin {margin:+.1}).</source>
        <translation>Signal am Endpfosten ({distance}): {level:.1} (Reserve {margin:+.1}).</translation>
    </message>
    <message>
        <source>Signal at the far post ({distance}): {level:.1}. It is {short:.1} too weak.</source>
        <translation>Signal am Endpfosten ({distance}): {level:.1}. Es ist {short:.1} zu schwach.</translation>
    </message>
    <message>
        <source>Signal at the far post ({distance}): {level:.1}. Enter the link&apos;s sensitivity to see the margin.</source>
        <translation>Signal am Endpfosten ({distance}): {level:.1}. Für die Reserve die Empfindlichkeit des Links eintragen.</translation>
    </message>
    <message>
        <source>{what}: not set, 0 dB assumed</source>
        <translation>{what}: nicht gesetzt, 0 dB angenommen</translation>
    </message>
    <message>
        <source>path loss to {distance}: free space at {frequency:short} to 1 m, then exponent {exponent:.2}</source>
        <translation>Ausbreitungsdämpfung bis {distance}: Freiraum bei {frequency:short} bis 1 m, dann Exponent {exponent:.2}</translation>
    </message>
    <message>
        <source>Computed pattern: {what}, at most {gain:.1} without losses.</source>
        <translation>Berechnetes Diagramm: {what}, höchstens {gain:.1} ohne Verluste.</translation>
    </message>
    <message>
        <source>Measured pattern: turntable, {record}.</source>
        <translation>Gemessenes Diagramm: Drehtisch, {record}.</translation>
    </message>
    <message>
        <source>The path lies {near:.1} to {far:.1} off the axis, seen from {mast:.1} above the station.</source>
        <translation>Der Weg liegt {near:.1} bis {far:.1} neben der Achse, gesehen aus {mast:.1} über der Station.</translation>
    </message>
    <message>
        <source>Kit and path are set. Next: see in Plan how far each setup should reach.</source>
        <translation>Ausrüstung und Weg sind gesetzt. Weiter: unter Plan sehen, wie weit jedes Setup reichen sollte.</translation>
    </message>
    <message>
        <source>the log has no position; match latitude and longitude, or a distance column</source>
        <translation>das Log hat keine Position; Breite und Länge zuordnen, oder eine Entfernungsspalte</translation>
    </message>
    <message>
        <source>the position never changes ({distance:.0} in all {rows} rows), so this is no flight; check which columns are position</source>
        <translation>die Position ändert sich nie ({distance:.0} in allen {rows} Zeilen), das ist also kein Flug; prüfen, welche Spalten die Position sind</translation>
    </message>
    <message>
        <source>the log has coordinates, but no path is set; set the station and the far post first</source>
        <translation>das Log hat Koordinaten, aber kein Weg ist gesetzt; erst Station und Endpfosten setzen</translation>
    </message>
    <message>
        <source>it turned back on the way and came again (first at {at}, {time:.0} after the first row); readings in between do not count</source>
        <translation>er kehrte unterwegs um und kam wieder (zuerst bei {at}, {time:.0} nach der ersten Zeile); Werte dazwischen zählen nicht</translation>
    </message>
    <message>
        <source>all positions lie {nearest} or more from the station. The log is from another place, or latitude and longitude are swapped. Choose another log, or match the columns by hand</source>
        <translation>alle Positionen liegen {nearest} oder mehr von der Station. Das Log ist von einem anderen Ort, oder Breite und Länge sind vertauscht. Ein anderes Log wählen, oder die Spalten von Hand zuordnen</translation>
    </message>
    <message>
        <source>&quot;{column}&quot; is read with longitude first, because only then it fits the station</source>
        <translation>„{column}“ wird mit der Länge zuerst gelesen, weil es nur so zur Station passt</translation>
    </message>
    <message>
        <source>the dates in &quot;{column}&quot; are read month first, but this is a guess. If the day comes first, choose that in the import (command line: --map &quot;{channel}={column} [d/m/y]&quot;)</source>
        <translation>„{column}“ wird mit dem Monat zuerst gelesen, das ist aber geraten. Kommt der Tag zuerst, das beim Import wählen (Kommandozeile: --map &quot;{channel}={column} [d/m/y]&quot;)</translation>
    </message>
    <message>
        <source>{share:.0} of the flight is more than {aside} off the path</source>
        <translation>{share:.0} des Flugs liegen mehr als {aside} neben dem Weg</translation>
    </message>
    <message>
        <source>this is a binary file, not a table; export the log as CSV and try again</source>
        <translation>das ist eine Binärdatei, keine Tabelle; das Log als CSV exportieren und erneut versuchen</translation>
    </message>
    <message>
        <source>line {line} is {megabytes} MB long, so this is no log; choose another file</source>
        <translation>Zeile {line} ist {megabytes} MB lang, das ist also kein Log; eine andere Datei wählen</translation>
    </message>
    <message>
        <source>a line is {megabytes} MB long, so this is no log; choose another file</source>
        <translation>eine Zeile ist {megabytes} MB lang, das ist also kein Log; eine andere Datei wählen</translation>
    </message>
    <message>
        <source>the archive unpacks to more than {megabytes} MB; unpack it and check what it holds</source>
        <translation>das Archiv ergibt mehr als {megabytes} MB; entpacken und nachsehen, was es enthält</translation>
    </message>
    <message>
        <source>line {line} cannot be read ({reason}); save the track again</source>
        <translation>Zeile {line} ist nicht lesbar ({reason}); die Spur neu speichern</translation>
    </message>
    <message>
        <source>the track has no times; choose the recording itself, not a map or a route</source>
        <translation>die Spur hat keine Zeiten; die Aufzeichnung selbst wählen, keine Karte und keine Route</translation>
    </message>
    <message>
        <source>the file holds no measurement with a time; choose the log that the recorder wrote</source>
        <translation>die Datei enthält keine Messung mit Zeit; das Log wählen, das der Rekorder geschrieben hat</translation>
    </message>
    <message>
        <source>the track has {megabytes} MB, the limit is {most} MB; cut it, or save it as CSV</source>
        <translation>die Spur hat {megabytes} MB, die Grenze ist {most} MB; kürzen, oder als CSV speichern</translation>
    </message>
    <message>
        <source>the table has no times, so its rows are placed as if flown at 10 m/s</source>
        <translation>die Tabelle hat keine Zeiten, ihre Zeilen liegen wie mit 10 m/s geflogen</translation>
    </message>
    <message>
        <source>column &quot;{column}&quot; for {channel} is not in this log; its columns are: {columns}</source>
        <translation>Spalte „{column}“ für {channel} gibt es in diesem Log nicht; seine Spalten sind: {columns}</translation>
    </message>
    <message>
        <source>{rows} rows of {columns} columns exceed the {most} million values of a log; cut it into single flights</source>
        <translation>{rows} Zeilen mit {columns} Spalten überschreiten die {most} Millionen Werte eines Logs; in einzelne Flüge schneiden</translation>
    </message>
    <message>
        <source>most rows are blank or too short for the columns; check that the right file was chosen</source>
        <translation>die meisten Zeilen sind leer oder zu kurz für die Spalten; prüfen, ob die richtige Datei gewählt ist</translation>
    </message>
    <message>
        <source>the campaign has no link yet; add a link in Kit first</source>
        <translation>die Kampagne hat noch keinen Link; erst unter Ausrüstung einen Link hinzufügen</translation>
    </message>
    <message>
        <source>the log is of a video link ({columns}), which the kit lacks; add a video link first</source>
        <translation>das Log gehört zu einem Videolink ({columns}), der in der Ausrüstung fehlt; zuerst einen Videolink hinzufügen</translation>
    </message>
    <message>
        <source>the log is of a control link ({columns}), which the kit lacks; add a control link first</source>
        <translation>das Log gehört zu einem Steuerlink ({columns}), der in der Ausrüstung fehlt; zuerst einen Steuerlink hinzufügen</translation>
    </message>
    <message>
        <source>Not used: {columns}. The kit has no video link. Add one under Kit, Links.</source>
        <translation>Nicht benutzt: {columns}. Die Ausrüstung hat keinen Videolink. Unter Ausrüstung, Links hinzufügen.</translation>
    </message>
    <message>
        <source>Not used: {columns}. The kit has no control link. Add one under Kit, Links.</source>
        <translation>Nicht benutzt: {columns}. Die Ausrüstung hat keinen Steuerlink. Unter Ausrüstung, Links hinzufügen.</translation>
    </message>
    <message>
        <source>no column is recognised as time (the log has: {columns}). By its values &quot;{column}&quot; may be one. If so, match it to time_s</source>
        <translation>keine Spalte ist als Zeit erkannt (das Log hat: {columns}). Nach den Werten könnte „{column}“ eine sein. Wenn ja, time_s zuordnen</translation>
    </message>
    <message>
        <source>no column is recognised as signal, link quality or bitrate (the log has: {columns}). By its values &quot;{column}&quot; may be one. If so, match it by hand</source>
        <translation>keine Spalte ist als Signal, Linkqualität oder Bitrate erkannt (das Log hat: {columns}). Nach den Werten könnte „{column}“ eine sein. Wenn ja, von Hand zuordnen</translation>
    </message>
    <message>
        <source>the other log begins {offset:.2} after the first (±{sd:.2}), clock drift {drift:.0} ppm; found from {channel} over {overlap:.0}</source>
        <translation>das andere Log beginnt {offset:.2} nach dem ersten (±{sd:.2}), Uhrendrift {drift:.0} ppm; gefunden aus {channel} über {overlap:.0}</translation>
    </message>
    <message>
        <source>the clocks cannot be matched; the logs may be of different flights</source>
        <translation>die Uhren lassen sich nicht angleichen; die Logs können von verschiedenen Flügen sein</translation>
    </message>
    <message>
        <source>{log} begins {offset:.2} after the first log (±{sd:.2}), found from {channel} over {overlap:.0}</source>
        <translation>{log} beginnt {offset:.2} nach dem ersten Log (±{sd:.2}), gefunden aus {channel} über {overlap:.0}</translation>
    </message>
    <message>
        <source>The clock of {log} runs {rate:.2} slow, as with a wrong frame rate. This is corrected</source>
        <translation>Die Uhr von {log} geht {rate:.2} nach, wie bei falscher Bildrate. Das ist berichtigt</translation>
    </message>
    <message>
        <source>The clocks of the two logs are {apart:.0} apart, as in two time zones. Their common signals decide</source>
        <translation>Die Uhren der beiden Logs liegen {apart:.0} auseinander, wie in zwei Zeitzonen. Ihre gemeinsamen Signale entscheiden</translation>
    </message>
    <message>
        <source>The clocks of the two logs differ by {apart:.1}. Their common signals decide</source>
        <translation>Die Uhren der beiden Logs unterscheiden sich um {apart:.1}. Ihre gemeinsamen Signale entscheiden</translation>
    </message>
    <message>
        <source>{log} is placed {offset:.1} after the first log by date and clock alone. Clocks are often a second or more apart</source>
        <translation>{log} liegt {offset:.1} nach dem ersten Log, nur nach Datum und Uhr. Uhren gehen oft eine Sekunde oder mehr auseinander</translation>
    </message>
    <message>
        <source>Placed {offset:.1} after the first log by take-off and landing (±{sd:.0})</source>
        <translation>{offset:.1} nach dem ersten Log, nach Start und Landung (±{sd:.0})</translation>
    </message>
    <message>
        <source>{log} is {apart:.0} from the first log, as in two time zones, and nothing confirms it. If it is of the same flight, set its start to {after:.1} after the first. If not, choose the right log</source>
        <translation>{log} liegt {apart:.0} vom ersten Log, wie in zwei Zeitzonen, und nichts bestätigt es. Ist es derselbe Flug, den Beginn auf {after:.1} nach dem ersten setzen. Wenn nicht, das richtige Log wählen</translation>
    </message>
    <message>
        <source>{log} is of another flight: the clocks are {apart:.0} apart. Choose the log of the same flight, or set how many seconds after the first it began</source>
        <translation>{log} ist von einem anderen Flug: Die Uhren liegen {apart:.0} auseinander. Das Log desselben Flugs wählen, oder setzen, wie viele Sekunden nach dem ersten es begann</translation>
    </message>
    <message>
        <source>the clock of {log} cannot be matched to the first log. Choose the log of the same flight, or set how many seconds after the first it began</source>
        <translation>die Uhr von {log} lässt sich nicht an das erste Log angleichen. Das Log desselben Flugs wählen, oder setzen, wie viele Sekunden nach dem ersten es begann</translation>
    </message>
    <message>
        <source>{out:.0} mAh/km outbound, {back:.0} mAh/km inbound, {total:.0} in all</source>
        <translation>{out:.0} mAh/km Hinflug, {back:.0} mAh/km Rückflug, {total:.0} insgesamt</translation>
    </message>
    <message>
        <source>this log has no antenna {antenna}; it has {antennas}</source>
        <translation>dieses Log hat keine Antenne {antenna}; es hat {antennas}</translation>
    </message>
    <message>
        <source>{option}: write seconds after the @, for example track.gpx@12.5</source>
        <translation>{option}: hinter das @ Sekunden schreiben, etwa track.gpx@12.5</translation>
    </message>
    <message>
        <source>--with works with one log; import the others with commands of their own</source>
        <translation>--with geht mit einem einzigen Log; die anderen mit eigenen Befehlen importieren</translation>
    </message>
    <message>
        <source>the cuts leave no row of the log; move them apart</source>
        <translation>die Schnitte lassen keine Zeile des Logs übrig; auseinanderziehen</translation>
    </message>
    <message>
        <source>the columns for signal, link quality and bitrate hold no numbers; match other columns by hand</source>
        <translation>die Spalten für Signal, Linkqualität und Bitrate enthalten keine Zahlen; andere Spalten von Hand zuordnen</translation>
    </message>
    <message>
        <source>signal, link quality and bitrate never change; check that the right log was chosen</source>
        <translation>Signal, Linkqualität und Bitrate ändern sich nie; prüfen, ob das richtige Log gewählt ist</translation>
    </message>
    <message>
        <source>line {line}: time runs backwards, from {from:.3} to {to:.3} after the first row. If the file holds two flights, cut it there. If not, match another time column</source>
        <translation>Zeile {line}: Die Zeit läuft rückwärts, von {from:.3} auf {to:.3} nach der ersten Zeile. Enthält die Datei zwei Flüge, sie dort teilen. Wenn nicht, eine andere Zeitspalte zuordnen</translation>
    </message>
    <message>
        <source>every row has the same time; match another column to time_s by hand</source>
        <translation>jede Zeile hat dieselbe Zeit; eine andere Spalte von Hand time_s zuordnen</translation>
    </message>
    <message>
        <source>the log has no GNSS position, so there is no track to save; save CSV instead</source>
        <translation>das Log hat keine GNSS-Position, daher keine Spur; stattdessen CSV speichern</translation>
    </message>
    <message>
        <source>{link} link: {value} means nothing was heard ({lasts:.0} in all, first at {at:.0}); it counts as weaker than the last signal</source>
        <translation>Link {link}: {value} heißt nichts gehört (zusammen {lasts:.0}, zuerst bei {at:.0}); es zählt als schwächer als das letzte Signal</translation>
    </message>
    <message>
        <source>{link} link: the last values repeat for {lasts:.0}, first at {at:.0}. This counts as nothing heard</source>
        <translation>Link {link}: Die letzten Werte wiederholen sich für {lasts:.0}, zuerst bei {at:.0}. Das zählt als nichts gehört</translation>
    </message>
    <message>
        <source>{link} link: no values for {lasts:.0}, first at {at:.0}. This counts as nothing heard</source>
        <translation>Link {link}: keine Werte für {lasts:.0}, zuerst bei {at:.0}. Das zählt als nichts gehört</translation>
    </message>
    <message>
        <source>{link} link: no rows for {lasts:.0}, first at {at:.0}, as the link was fading. This counts as nothing heard</source>
        <translation>Link {link}: keine Zeilen für {lasts:.0}, zuerst bei {at:.0}, als der Link nachließ. Das zählt als nichts gehört</translation>
    </message>
    <message>
        <source>the log pauses for {lasts:.0} at {at:.0}; this does not count as lost</source>
        <translation>das Log setzt bei {at:.0} für {lasts:.0} aus; das zählt nicht als verloren</translation>
    </message>
    <message>
        <source>{channel} goes from 0 to 1, so 1 is read as 100 %</source>
        <translation>{channel} geht von 0 bis 1, also gilt 1 als 100 %</translation>
    </message>
    <message>
        <source>{channel} goes up to {highest}, so it is not in % and is left out; convert the column to %</source>
        <translation>{channel} geht bis {highest}, ist also nicht in % und fehlt; die Spalte in % umrechnen</translation>
    </message>
    <message>
        <source>{channel} has no minus sign: 85 is read as −85 dBm</source>
        <translation>{channel} hat kein Minuszeichen: 85 gilt als −85 dBm</translation>
    </message>
    <message>
        <source>the column for {channel} holds no number and is left out</source>
        <translation>die Spalte für {channel} enthält keine Zahl und fehlt</translation>
    </message>
    <message>
        <source>the clock ticks more slowly than rows come; rows of one tick are spread evenly</source>
        <translation>die Uhr tickt langsamer, als Zeilen kommen; Zeilen eines Ticks sind gleichmäßig verteilt</translation>
    </message>
    <message>
        <source>Enter what differs between them. A fair comparison changes one thing only.</source>
        <translation>Eintragen, was sie unterscheidet. Ein fairer Vergleich ändert nur eines.</translation>
    </message>
    <message>
        <source>Name each by what is flown: &quot;Six-turn helix&quot;.</source>
        <translation>Jedes nach dem nennen, was fliegt: „Sechs-Gang-Helix“.</translation>
    </message>
    <message>
        <source>Enter the sensitivity of the {link} receiver</source>
        <translation>Die Empfindlichkeit des Empfängers eintragen (Link {link})</translation>
    </message>
    <message>
        <source>Without it, range is known only once the link fails in flight.</source>
        <translation>Ohne sie ist die Reichweite erst bekannt, wenn der Link im Flug versagt.</translation>
    </message>
    <message>
        <source>Setup {setup}, {link} link: transmit power not set, so nothing is predicted.</source>
        <translation>Setup {setup}, Link {link}: Sendeleistung nicht gesetzt, daher keine Vorhersage.</translation>
    </message>
    <message>
        <source>The kit is complete</source>
        <translation>Die Ausrüstung ist vollständig</translation>
    </message>
    <message>
        <source>Never power a transmitter without its antenna or load. Check the power and EIRP limits of your country. Distanz is no authority.</source>
        <translation>Nie einen Sender ohne Antenne oder Last einschalten. Die Grenzen des Landes für Leistung und EIRP prüfen. Distanz ist keine Behörde.</translation>
    </message>
    <message>
        <source>Set where you stand with the ground antenna. All distances count from there.</source>
        <translation>Setzen, wo die Bodenantenne steht. Alle Entfernungen zählen von dort.</translation>
    </message>
    <message>
        <source>Set it by coordinates, or by distance and bearing from the station.</source>
        <translation>Nach Koordinaten setzen, oder nach Entfernung und Richtung von der Station.</translation>
    </message>
    <message>
        <source>Line of sight is clear all the way</source>
        <translation>Die Sichtlinie ist durchweg frei</translation>
    </message>
    <message>
        <source>{share} of the first Fresnel zone is clear at {frequency}. Closest at {distance}: {ray:.1} of clearance, {needed:.1} needed.</source>
        <translation>{share} der ersten Fresnelzone sind bei {frequency} frei. Am engsten bei {distance}: {ray:.1} frei, nötig {needed:.1}.</translation>
    </message>
    <message>
        <source>Too low beyond {clear_to}</source>
        <translation>Zu niedrig jenseits von {clear_to}</translation>
    </message>
    <message>
        <source>At {distance} clearance is {ray:.1}; {needed:.1} is needed ({share} of the first Fresnel zone). Fly higher, or raise the antenna.</source>
        <translation>Bei {distance} sind {ray:.1} frei; nötig sind {needed:.1} ({share} der ersten Fresnelzone). Höher fliegen, oder die Antenne anheben.</translation>
    </message>
    <message>
        <source>Obstructed outbound near {place}</source>
        <translation>Auf dem Hinflug nahe {place} verdeckt</translation>
    </message>
    <message>
        <source>With the aircraft there, clearance is {ray:.1} at {distance}; {needed:.1} is needed ({share} of the first Fresnel zone). The far end is clear. Fly higher there, or raise the antenna.</source>
        <translation>Mit dem Fluggerät dort sind bei {distance} {ray:.1} frei; nötig sind {needed:.1} ({share} der ersten Fresnelzone). Das ferne Ende ist frei. Dort höher fliegen, oder die Antenne anheben.</translation>
    </message>
    <message>
        <source>Too low on the whole path</source>
        <translation>Auf dem ganzen Weg zu niedrig</translation>
    </message>
    <message>
        <source>{setup}, {link} link: {range} predicted (exponent {exponent}).</source>
        <translation>{setup}, Link {link}: {range} vorhergesagt (Exponent {exponent}).</translation>
    </message>
    <message>
        <source>{setup}, {link} link: {range} predicted, {low} to {high} possible (exponent {exponent}). 95 of 100 flights should reach {dependable}.</source>
        <translation>{setup}, Link {link}: {range} vorhergesagt, {low} bis {high} möglich (Exponent {exponent}). 95 von 100 Flügen sollten {dependable} erreichen.</translation>
    </message>
    <message>
        <source>The flights so far give {exponent:.2} (95 %: {exponent.low:.2}–{exponent.high:.2}).</source>
        <translation>Die bisherigen Flüge ergeben {exponent:.2} (95 %: {exponent.low:.2}–{exponent.high:.2}).</translation>
    </message>
    <message>
        <source>Keep the aircraft in sight, or use an observer, as the rules ask. Test failsafe and return before every range flight. Set the return height above all obstacles.</source>
        <translation>Das Fluggerät in Sicht behalten, oder einen Beobachter einsetzen, wie es die Regeln verlangen. Failsafe und Rückkehr vor jedem Reichweitenflug testen. Die Rückkehrhöhe über alle Hindernisse setzen.</translation>
    </message>
    <message>
        <source>Import the first logs</source>
        <translation>Die ersten Logs importieren</translation>
    </message>
    <message>
        <source>Import one log per run. It needs time, position or distance, and signal, link quality or bitrate.</source>
        <translation>Je Lauf ein Log importieren. Es braucht Zeit, Position oder Entfernung, und Signal, Linkqualität oder Bitrate.</translation>
    </message>
    <message>
        <source>Double-click a cell to change it. Drag the edges of outbound, turn and inbound to move them.</source>
        <translation>Ein Doppelklick auf ein Feld ändert es. Die Ränder von Hinflug, Wende und Rückflug lassen sich ziehen.</translation>
    </message>
    <message>
        <source>setup names</source>
        <translation>Namen der Setups</translation>
    </message>
    <message>
        <source>Split {setup} by direction</source>
        <translation>{setup} nach Richtung teilen</translation>
    </message>
    <message>
        <source>Count both directions</source>
        <translation>Beide Richtungen zählen</translation>
    </message>
    <message>
        <source>Count outbound only</source>
        <translation>Nur Hinflüge zählen</translation>
    </message>
    <message>
        <source>Count inbound only</source>
        <translation>Nur Rückflüge zählen</translation>
    </message>
    <message>
        <source>Change the clock of a log of run {run}</source>
        <translation>Die Uhr eines Logs von Lauf {run} ändern</translation>
    </message>
    <message>
        <source>Exclude run {run}</source>
        <translation>Lauf {run} ausschließen</translation>
    </message>
    <message>
        <source>Include run {run} again</source>
        <translation>Lauf {run} wieder zählen</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a unit for this; type for example {example}</source>
        <translation>„{text}“ ist hier keine Einheit; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>type the share of full power, for example 1/30</source>
        <translation>den Anteil der vollen Leistung eingeben, zum Beispiel 1/30</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a list of modes; type for example 50: -112 dBm; 150: -107 dBm</source>
        <translation>„{text}“ ist keine Liste von Modi; zum Beispiel 50: -112 dBm; 150: -107 dBm eingeben</translation>
    </message>
    <message>
        <source>mode {mode} is listed twice; give each mode one sensitivity</source>
        <translation>Modus {mode} steht zweimal da; jedem Modus eine Empfindlichkeit geben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; names no link; type for example {link} 20 dB</source>
        <translation>„{text}“ nennt keinen Link; zum Beispiel {link} 20 dB eingeben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is {reduction:.1} below full power; it must be above 0 and up to {most:.0}</source>
        <translation>„{text}“ liegt {reduction:.1} unter voller Leistung; erlaubt ist über 0 bis {most:.0}</translation>
    </message>
    <message>
        <source>{what} does not hold; this is a fault of Distanz, please report it</source>
        <translation>{what} gilt nicht; das ist ein Fehler von Distanz, bitte melden</translation>
    </message>
    <message>
        <source>Outbound its nose pointed to {flown}, the others&apos; to {usual}. Another side faced the station. Hold the heading, or check Compare, Direction first.</source>
        <translation>Auf dem Hinflug zeigte sein Bug nach {flown}, bei den anderen nach {usual}. Eine andere Seite sah zur Station. Den Kurs halten, oder zuerst Vergleich, Richtung ansehen.</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; does not belong in the line with # (unit, S, RI, MA or DB, R with the ohms); correct it</source>
        <translation>„{text}“ gehört nicht in die Zeile mit # (Einheit, S, RI, MA oder DB, R mit den Ohm); berichtigen</translation>
    </message>
    <message>
        <source>the log has the distance travelled, not that from the station; mark each post on its strip</source>
        <translation>das Log hat nur den zurückgelegten Weg, keine Entfernung von der Station; jeden Pfosten auf seinem Streifen markieren</translation>
    </message>
    <message>
        <source>{sides} of 24 directions faced the station. To see the rest, fly a circle, or turn the aircraft around at one place.</source>
        <translation>{sides} von 24 Richtungen zeigten zur Station. Für den Rest einen Kreis fliegen, oder das Fluggerät an einer Stelle ganz drehen.</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not on the path; type a post or a distance: 4, gate, 450 m</source>
        <translation>„{text}“ liegt nicht auf dem Weg; einen Pfosten oder eine Entfernung eingeben: 4, Tor, 450 m</translation>
    </message>
    <message>
        <source>the log has no position; mark posts on its strip in Runs, or match it to another run</source>
        <translation>das Log hat keine Position; unter Läufe Pfosten auf seinem Streifen markieren, oder an einen anderen Lauf angleichen</translation>
    </message>
    <message>
        <source>Over another {stretch} section, a new flight differs by {sd:.1} (1σ, {flight_sd:.1} from flight to flight). At the reliable range {share:.0} of flights still hold, at the median range half.</source>
        <translation>Über einem anderen Abschnitt von {stretch} weicht ein neuer Flug um {sd:.1} ab (1σ, {flight_sd:.1} von Flug zu Flug). Bei der sicheren Reichweite halten noch {share:.0} der Flüge, bei der mittleren die Hälfte.</translation>
    </message>
    <message>
        <source>{share:.0} of it lies more than {aside} beside this path; put such flights in another campaign</source>
        <translation>{share:.0} davon liegen mehr als {aside} neben diesem Weg; solche Flüge in eine andere Kampagne legen</translation>
    </message>
    <message>
        <source>was written, but the disk does not confirm it. A power cut may lose it; check the disk and save a copy</source>
        <translation>wurde geschrieben, aber die Platte bestätigt es nicht. Ein Stromausfall kann es löschen; die Platte prüfen und eine Kopie speichern</translation>
    </message>
    <message>
        <source>is half written, because a program was stopped. Copy it and its -journal or -wal file to your own folder, and open it there</source>
        <translation>ist halb geschrieben, weil ein Programm angehalten wurde. Mit der -journal- oder -wal-Datei in einen eigenen Ordner kopieren und dort öffnen</translation>
    </message>
    <message>
        <source>no advice yet: a signal beyond 80 m on a link with known sensitivity is needed. Enter the receiver&apos;s sensitivity, or first fly a setup until its quality fails</source>
        <translation>noch kein Rat: Nötig ist ein Signal jenseits von 80 m auf einem Link mit bekannter Empfindlichkeit. Die Empfindlichkeit des Empfängers eintragen, oder zuerst ein Setup fliegen, bis seine Qualität versagt</translation>
    </message>
    <message>
        <source>The path runs to {far}; {limit} is allowed. Instead, walk at reduced power, use an attenuator, or fly a shorter path at less power. The simulator works too.</source>
        <translation>Der Weg reicht bis {far}; erlaubt sind {limit}. Stattdessen mit verringerter Leistung gehen, ein Dämpfungsglied einsetzen, oder einen kürzeren Weg mit weniger Leistung fliegen. Auch der Simulator geht.</translation>
    </message>
    <message>
        <source>{file} names no place on earth; export it with its reference system, or add its .prj file</source>
        <translation>{file} nennt keinen Ort auf der Erde; mit Bezugssystem exportieren, oder die .prj-Datei danebenlegen</translation>
    </message>
    <message>
        <source>{file} is too large to read whole. Set the station first, or use the tile around it</source>
        <translation>{file} ist zu groß, um es ganz zu lesen. Erst die Station setzen, oder die Kachel um sie nehmen</translation>
    </message>
    <message>
        <source>{setup}, {link} link, far post: antenna patterns cost {out:.1} outbound, {back:.1} inbound. In the turn they cost up to {turn:.1}.</source>
        <translation>{setup}, Link {link}, Endpfosten: Die Antennendiagramme kosten {out:.1} hin, {back:.1} zurück. In der Wende kosten sie bis {turn:.1}.</translation>
    </message>
    <message>
        <source>At the far post the antenna patterns cost {out:.1} outbound, {back:.1} inbound ({link} link). In the turn they cost up to {turn:.1}. Turn nearer, turn flatter, or mount the antenna another way.</source>
        <translation>Am Endpfosten kosten die Antennendiagramme {out:.1} hin, {back:.1} zurück (Link {link}). In der Wende kosten sie bis {turn:.1}. Näher oder flacher wenden, oder die Antenne anders einbauen.</translation>
    </message>
    <message>
        <source>{what} jumps: {wrong} of {known} positions cannot be reached at {speed:.0}. Leave the position columns out, or add a distance column</source>
        <translation>{what} springt: {wrong} von {known} Positionen sind mit {speed:.0} nicht erreichbar. Die Positionsspalten weglassen, oder eine Entfernungsspalte hinzufügen</translation>
    </message>
    <message>
        <source>GNSS never had a fix: all {rows} positions are 0/0 or impossible. Wait for a fix before flying, or add a distance column</source>
        <translation>GNSS hatte nie einen Fix: Alle {rows} Positionen sind 0/0 oder unmöglich. Vor dem Flug auf einen Fix warten, oder eine Entfernungsspalte hinzufügen</translation>
    </message>
    <message>
        <source>line {line} holds numbers, but nothing above names the columns. Add a first line such as time_s,distance_m,rssi_dbm</source>
        <translation>Zeile {line} enthält Zahlen, aber nichts darüber benennt die Spalten. Eine erste Zeile wie time_s,distance_m,rssi_dbm hinzufügen</translation>
    </message>
    <message>
        <source>{channel} is {value} in every row, so it was not measured. Match another column, or leave it out</source>
        <translation>{channel} ist in jeder Zeile {value}, wurde also nicht gemessen. Eine andere Spalte zuordnen, oder weglassen</translation>
    </message>
    <message>
        <source>its times span {span}, too long for a log. Correct the unit of its time, or match another column</source>
        <translation>die Zeiten reichen über {span}, zu lang für ein Log. Die Einheit der Zeit berichtigen, oder eine andere Spalte zuordnen</translation>
    </message>
    <message>
        <source>{channel} is {value} in every row, so it was not measured and is left out. Match another column if there is one</source>
        <translation>{channel} ist in jeder Zeile {value}, wurde also nicht gemessen und fehlt. Eine andere Spalte zuordnen, wenn es eine gibt</translation>
    </message>
    <message>
        <source>{file} takes over {seconds} s to read; export it again, or cut it to the path&apos;s surroundings</source>
        <translation>{file} braucht über {seconds} s zum Lesen; neu exportieren, oder auf die Umgebung des Wegs zuschneiden</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a position; type for example 46.91, 20.96 or 46°54.6&apos;N 20°57.6&apos;E or UTM</source>
        <translation>„{text}“ ist keine Position; zum Beispiel 46.91, 20.96 oder 46°54.6&apos;N 20°57.6&apos;E oder UTM eingeben</translation>
    </message>
    <message>
        <source>column {column} may be in mW or dBm and is left out. Match it to {channel} with its unit: [dBm] or [mW]</source>
        <translation>Spalte {column} kann in mW oder dBm sein und fehlt. Mit ihrer Einheit {channel} zuordnen: [dBm] oder [mW]</translation>
    </message>
    <message>
        <source>Record both in one flight, as before.</source>
        <translation>Beide in einem Flug aufzeichnen, wie zuvor.</translation>
    </message>
    <message>
        <source>Fly in turns, same path, same height. Recording both in one flight takes fewer.</source>
        <translation>Abwechselnd fliegen, gleicher Weg, gleiche Höhe. Beide in einem Flug aufgezeichnet, genügen weniger.</translation>
    </message>
    <message>
        <source>Without it, only the distance flown is known. Or fly on until the link quality falls.</source>
        <translation>Ohne sie ist nur die geflogene Entfernung bekannt. Oder weiter fliegen, bis die Linkqualität fällt.</translation>
    </message>
    <message>
        <source>Limit: {what:list}.</source>
        <translation>Grenze: {what:list}.</translation>
    </message>
    <message>
        <source>the {link} link fails first ({part})</source>
        <translation>der Link {link} versagt zuerst ({part})</translation>
    </message>
    <message>
        <source>{setups} by the {link} link ({part})</source>
        <translation>{setups} durch den Link {link} ({part})</translation>
    </message>
    <message>
        <source>{place}. {names}</source>
        <translation>{place}. {names}</translation>
    </message>
    <message>
        <source>{order:list}</source>
        <translation>{order:list}</translation>
    </message>
    <message>
        <source>Likely, not certain.</source>
        <translation>Wahrscheinlich, nicht sicher.</translation>
    </message>
    <message>
        <source>{setups:setups}</source>
        <translation>{setups:setups}</translation>
    </message>
    <message>
        <source>{records:records}</source>
        <translation>{records:records}</translation>
    </message>
    <message>
        <source>no record yet</source>
        <translation>noch keine Messung</translation>
    </message>
    <message>
        <source>{distance} path</source>
        <translation>Weg {distance}</translation>
    </message>
    <message>
        <source>no path yet</source>
        <translation>noch kein Weg</translation>
    </message>
    <message>
        <source>{runs:runs}</source>
        <translation>{runs:runs}</translation>
    </message>
    <message>
        <source>{runs:runs}, {excluded} excluded</source>
        <translation>{runs:runs}, {excluded} ausgeschlossen</translation>
    </message>
    <message>
        <source>no run yet</source>
        <translation>noch kein Lauf</translation>
    </message>
    <message>
        <source>{setups:setups} flown</source>
        <translation>{setups:setups} geflogen</translation>
    </message>
    <message>
        <source>nothing flown yet</source>
        <translation>noch nichts geflogen</translation>
    </message>
    <message>
        <source>{link} link: {seen}, and no sensitivity is set. Only how far it held is known. Enter the receiver&apos;s sensitivity in Kit, or fly until the quality falls.</source>
        <translation>Link {link}: {seen}, und keine Empfindlichkeit ist eingetragen. Bekannt ist nur, wie weit er hielt. Unter Ausrüstung die Empfindlichkeit eintragen, oder fliegen, bis die Qualität fällt.</translation>
    </message>
    <message>
        <source>{link} link: {seen} ({part}). Its range rests on the {rests_on} alone.</source>
        <translation>Link {link}: {seen} ({part}). Seine Reichweite beruht allein auf: {rests_on}.</translation>
    </message>
    <message>
        <source>{count:rows-more} with the same fault.</source>
        <translation>{count:rows-more} mit demselben Fehler.</translation>
    </message>
    <message>
        <source>{have:numbers} in the row instead of {want}; it is left out</source>
        <translation>{have:numbers} in der Zeile statt {want}; sie fehlt</translation>
    </message>
    <message>
        <source>skipped: {rows:rows} of noise parameters</source>
        <translation>übergangen: {rows:rows} mit Rauschparametern</translation>
    </message>
    <message>
        <source>{count:points} at a frequency that is there already; the first of each counts</source>
        <translation>{count:points} bei einer Frequenz, die schon da ist; der jeweils erste gilt</translation>
    </message>
    <message>
        <source>{count:points} above full reflection, up to {worst:.2} times at {frequency:.1}. No antenna does that. Calibrate the analyser at this cable, and look for a transmitter close by</source>
        <translation>{count:points} über voller Reflexion, bis zum {worst:.2}-fachen bei {frequency:.1}. Das tut keine Antenne. Den Analysator an diesem Kabel kalibrieren und nach einem Sender in der Nähe sehen</translation>
    </message>
    <message>
        <source>{have:readings} so far. At least {want} are needed.</source>
        <translation>{have:readings} bisher. Nötig sind mindestens {want}.</translation>
    </message>
    <message>
        <source>{count:points} not checked yet.</source>
        <translation>{count:points} noch nicht geprüft.</translation>
    </message>
    <message>
        <source>All claims can be true ({checks:checks}).</source>
        <translation>Alle Angaben können stimmen ({checks:checks}).</translation>
    </message>
    <message>
        <source>Add {count:readings} to {record}</source>
        <translation>{count:readings} zu {record} hinzufügen</translation>
    </message>
    <message>
        <source>{count:readings}</source>
        <translation>{count:readings}</translation>
    </message>
    <message>
        <source>{link} link: {sides:sides} faced the station. None is surely more than {least:.0} below the mean.</source>
        <translation>Link {link}: {sides:sides} zur Station. Keine liegt sicher mehr als {least:.0} unter dem Mittel.</translation>
    </message>
    <message>
        <source>{link} link: {hops:changes} of frequency</source>
        <translation>Link {link}: {hops:changes} der Frequenz</translation>
    </message>
    <message>
        <source>{link} link: {freezes:freezes} in {flown} of {flights:flights} (95 %: every {every.span}).</source>
        <translation>Link {link}: {freezes:freezes} auf {flown} in {flights:flights} (95 %: alle {every.span}).</translation>
    </message>
    <message>
        <source>{correlation:.1} of both signals agree; cut up at random, {chance:.1}. {rms:.1} remain between them. To be taken from it: {marks:places}.</source>
        <translation>{correlation:.1} beider Signale stimmen überein; zufällig zerschnitten {chance:.1}. {rms:.1} bleiben dazwischen. Zu übernehmende Orte: {marks}.</translation>
    </message>
    <message>
        <source>{laps:laps} begun, each of {each:.0}</source>
        <translation>{laps:laps} begonnen, jede {each:.0}</translation>
    </message>
    <message>
        <source>{pairs} of {planned:pairs} flown. An early answer needs a clearer difference.</source>
        <translation>{pairs} von {planned:pairs} geflogen. Eine frühe Antwort braucht einen deutlicheren Unterschied.</translation>
    </message>
    <message>
        <source>Judged as planned, after {planned:pairs}.</source>
        <translation>Wie geplant beurteilt, nach {planned:pairs}.</translation>
    </message>
    <message>
        <source>Judged after {pairs:pairs}, planned {planned}. Each extra look needs a clearer difference.</source>
        <translation>Beurteilt nach {pairs:pairs}, geplant {planned}. Jeder weitere Blick braucht einen deutlicheren Unterschied.</translation>
    </message>
    <message>
        <source>Turn when a link fails, or at the limit of rules, plan or battery. First test the return on link loss. Its height must clear every obstacle.</source>
        <translation>Umkehren, wenn ein Link versagt, oder an der Grenze von Regeln, Plan oder Akku. Vorher die Rückkehr bei Linkverlust testen. Ihre Höhe muss über jedem Hindernis liegen.</translation>
    </message>
    <message>
        <source>Seen in {failed} of {flights:flights} (setups {setups}). Behind it the link is back. A range without a gap ends before it.</source>
        <translation>Gesehen in {failed} von {flights:flights} (Setups {setups}). Dahinter ist der Link wieder da. Eine Reichweite ohne Lücke endet davor.</translation>
    </message>
    <message>
        <source>Interference on the {link} link from {from} to {to}, in {failed} of {flights:flights}. It failed there though the signal was strong. It counts as a failure, not as a weak signal. Fly at another time, or change channel or band.</source>
        <translation>Störung auf dem Link {link} von {from} bis {to}, in {failed} von {flights:flights}. Er versagte dort trotz starken Signals. Das zählt als Ausfall, nicht als schwaches Signal. Zu anderer Zeit fliegen, oder Kanal oder Band wechseln.</translation>
    </message>
    <message>
        <source>{pairs:flights} of each setup: {chance:chance} chance of detecting {difference:.0} of range ({delta:.1}).</source>
        <translation>{pairs:flights} je Setup: {chance:chance} Chance, {difference:.0} Reichweite ({delta:.1}) zu erkennen.</translation>
    </message>
    <message>
        <source>{pairs:flights} of each setup: {chance:chance} chance of detecting {difference:.0} of range ({delta:.1}). Fly {needed} of each for an 80 % chance.</source>
        <translation>{pairs:flights} je Setup: {chance:chance} Chance, {difference:.0} Reichweite ({delta:.1}) zu erkennen. Für 80 % je {needed} fliegen.</translation>
    </message>
    <message>
        <source>{pairs:flights} of each setup: {chance:chance} chance of detecting {difference:.0} of range ({delta:.1}). More flights will not be enough. Record both receivers in one flight, or look for a larger difference.</source>
        <translation>{pairs:flights} je Setup: {chance:chance} Chance, {difference:.0} Reichweite ({delta:.1}) zu erkennen. Mehr Flüge reichen nicht. Beide Empfänger in einem Flug aufzeichnen, oder einen größeren Unterschied suchen.</translation>
    </message>
    <message>
        <source>With both receivers aboard: {chance:chance} chance, {pairs:flights}.</source>
        <translation>Mit beiden Empfängern an Bord: {chance:chance} Chance, {pairs:flights}.</translation>
    </message>
    <message>
        <source>{setups:setups} compared at the planned number of flights. Range falls with exponent {exponent:.2}.</source>
        <translation>{setups:setups}, verglichen bei der geplanten Zahl von Flügen. Die Reichweite fällt mit Exponent {exponent:.2}.</translation>
    </message>
    <message>
        <source>{runs:flights} from {begin:clock} to {end:clock}.</source>
        <translation>{runs:flights} von {begin:clock} bis {end:clock}.</translation>
    </message>
    <message>
        <source>{left:flights} too many before {end:clock}. Fly them another day, in whole blocks.</source>
        <translation>{left:flights} zu viel vor {end:clock}. An einem anderen Tag fliegen, in ganzen Blöcken.</translation>
    </message>
    <message>
        <source>Batteries: {batteries}, flights: {runs}. Charge in between. No setup may always get the fresh one.</source>
        <translation>Akkus: {batteries}, Flüge: {runs}. Dazwischen laden. Kein Setup darf immer den frischen bekommen.</translation>
    </message>
    <message>
        <source>Pre-flight list: {open} of {of:points} open.</source>
        <translation>Liste vor dem Flug: {open} von {of:points} offen.</translation>
    </message>
    <message>
        <source>Pre-flight list: all {of:points} ticked.</source>
        <translation>Liste vor dem Flug: alle {of:points} abgehakt.</translation>
    </message>
    <message>
        <source>{stale} of {of:points} ticked on another day. Clear the list and check again.</source>
        <translation>{stale} von {of:points} an einem anderen Tag abgehakt. Die Liste leeren und neu prüfen.</translation>
    </message>
    <message>
        <source>{count:recordings} with a blind label. Which is which stays sealed until you open the labels.</source>
        <translation>{count:recordings} mit blinder Nummer. Welche welche ist, bleibt verschlossen, bis die Nummern geöffnet werden.</translation>
    </message>
    <message>
        <source>Add {count:parts} from a file</source>
        <translation>{count:parts} aus einer Datei hinzufügen</translation>
    </message>
    <message>
        <source>{added:parts} added, {renewed} updated.</source>
        <translation>{added:parts} hinzugefügt, {renewed} aktualisiert.</translation>
    </message>
    <message>
        <source>{wrong} of {known:positions} out of reach and left out</source>
        <translation>{wrong} von {known:positions} außer Reichweite und weggelassen</translation>
    </message>
    <message>
        <source>{rows:rows} without a GNSS fix (0/0) left out</source>
        <translation>{rows:rows} ohne GNSS-Fix (0/0) weggelassen</translation>
    </message>
    <message>
        <source>{count:points} without a time left out</source>
        <translation>{count:points} ohne Zeit weggelassen</translation>
    </message>
    <message>
        <source>{count:lines} with a wrong checksum left out</source>
        <translation>{count:lines} mit falscher Prüfsumme weggelassen</translation>
    </message>
    <message>
        <source>{count:subtitles} with unreadable times left out</source>
        <translation>{count:subtitles} mit unlesbaren Zeiten weggelassen</translation>
    </message>
    <message>
        <source>{count:events} unknown (known: break-up, lost, regained, failsafe, turned)</source>
        <translation>{count:events} unbekannt (bekannt: Aussetzer, verloren, wieder, Failsafe, gewendet)</translation>
    </message>
    <message>
        <source>{count:lines} without a value left out</source>
        <translation>{count:lines} ohne Wert weggelassen</translation>
    </message>
    <message>
        <source>{link}: {what} changed from {before} to {after} at {at} ({steps:changes} in all)</source>
        <translation>{link}: {what} wechselte bei {at} von {before} auf {after} ({steps} insgesamt)</translation>
    </message>
    <message>
        <source>{link}: {count:freezes}, the longest {longest:.1}, the first at {first}; most within 100 m behind {from} ({most})</source>
        <translation>{link}: {count:freezes}, das längste {longest:.1}, das erste bei {first}; die meisten auf 100 m hinter {from} ({most})</translation>
    </message>
    <message>
        <source>the log holds {flights:flights}, the farthest counts; --split makes a run of each</source>
        <translation>das Log enthält {flights:flights}, der weiteste zählt; --split macht aus jedem einen Lauf</translation>
    </message>
    <message>
        <source>the log holds {flights:flights}; only {from:.0} to {to:.0} counts, out to {farthest}. Cut the log to count the others too</source>
        <translation>das Log enthält {flights:flights}; nur {from:.0} bis {to:.0} zählt, hinaus bis {farthest}. Das Log teilen, damit auch die anderen zählen</translation>
    </message>
    <message>
        <source>{rows:rows} like the row before, counted once</source>
        <translation>{rows:rows} wie die Zeile davor, einmal gezählt</translation>
    </message>
    <message>
        <source>{fields:fields} with text instead of a number, taken as blank</source>
        <translation>{fields:fields} mit Text statt einer Zahl, als leer genommen</translation>
    </message>
    <message>
        <source>{rows:rows} without a readable time left out</source>
        <translation>{rows:rows} ohne lesbare Zeit weggelassen</translation>
    </message>
    <message>
        <source>{rows:rows} with timestamps out of order left out</source>
        <translation>{rows:rows} mit Zeitstempeln außer der Reihe weggelassen</translation>
    </message>
    <message>
        <source>{used} of {runs:runs} counted</source>
        <translation>{used} von {runs:runs} gezählt</translation>
    </message>
    <message>
        <source>Judge after {pairs:pairs}</source>
        <translation>Nach {pairs:pairs} urteilen</translation>
    </message>
    <message>
        <source>Include {runs:runs} again</source>
        <translation>{runs:runs} wieder zählen</translation>
    </message>
    <message>
        <source>Exclude {runs:runs}</source>
        <translation>{runs:runs} ausschließen</translation>
    </message>
    <message>
        <source>Remove {runs:runs}</source>
        <translation>{runs:runs} entfernen</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; may mean a thousand or one; leave the comma out and type for example {example}</source>
        <translation>„{text}“ kann tausend oder eins heißen; das Komma weglassen und zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>&quot;{text}&quot; has a unit, but this has none; type for example {example}</source>
        <translation>„{text}“ hat eine Einheit, hier gehört keine hin; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>these values do not add up; type for example {example}</source>
        <translation>diese Werte lassen sich nicht addieren; zum Beispiel {example} eingeben</translation>
    </message>
    <message>
        <source>{name}: {difference:.1} weaker inbound</source>
        <translation>{name}: {difference:.1} schwächer auf dem Rückflug</translation>
    </message>
    <message>
        <source>{name}: {difference:.1} stronger inbound</source>
        <translation>{name}: {difference:.1} stärker auf dem Rückflug</translation>
    </message>
    <message>
        <source>the file has {ports} ports; one or two can be read, so export port 1 alone</source>
        <translation>die Datei hat {ports} Tore; lesbar sind eines oder zwei, also Tor 1 allein exportieren</translation>
    </message>
    <message>
        <source>{setups}, {link} link: dynamic power rises as the signal falls and hides the difference. Fix the power, or log it.</source>
        <translation>{setups}, Link {link}: Dynamische Leistung steigt, wenn das Signal fällt, und verdeckt den Unterschied. Die Leistung fest einstellen oder loggen.</translation>
    </message>
    <message>
        <source>{setups}, {link} link: automatic band or channel. Flights may then differ by channel alone. Fix it.</source>
        <translation>{setups}, Link {link}: automatisches Band oder automatischer Kanal. Flüge unterscheiden sich dann vielleicht nur im Kanal. Fest einstellen.</translation>
    </message>
    <message>
        <source>{setups}, {link} link: automatic packet rate. A slower rate reaches farther without a better antenna. Fix it, or enter the sensitivity of each rate.</source>
        <translation>{setups}, Link {link}: automatische Paketrate. Eine langsamere Rate reicht weiter, ganz ohne bessere Antenne. Fest einstellen, oder die Empfindlichkeit jeder Rate eintragen.</translation>
    </message>
    <message>
        <source>{setups}, {link} link: the ground antenna is pointed by hand. Errors cost a narrow beam more than a wide one. Fix its direction along the path.</source>
        <translation>{setups}, Link {link}: Die Bodenantenne wird von Hand ausgerichtet. Fehler kosten einen schmalen Strahl mehr als einen breiten. Die Richtung entlang des Wegs festlegen.</translation>
    </message>
    <message>
        <source>At {frozen} the {picture} link froze, the {link} link lasted</source>
        <translation>Bei {frozen} fror Link {picture} ein, Link {link} hielt</translation>
    </message>
    <message>
        <source>It held to {alive}. Improve the video link first.</source>
        <translation>Er hielt bis {alive}. Zuerst den Videolink verbessern.</translation>
    </message>
    <message>
        <source>A {what} stands between the ground antenna and the path, higher than {mast}. Move it behind the antenna, or raise the mast.</source>
        <translation>{what} zwischen Bodenantenne und Weg, höher als {mast}. Hinter die Antenne stellen, oder den Mast erhöhen.</translation>
    </message>
    <message>
        <source>A {what} stands near the ground antenna, higher than {mast}. Enter its bearing under Ground and air, and keep it behind the antenna.</source>
        <translation>{what} nahe der Bodenantenne, höher als {mast}. Unter Boden und Luft die Richtung eintragen, und hinter der Antenne lassen.</translation>
    </message>
    <message>
        <source>{link} ground antenna fixed on {bearing:.0}, nobody in front.</source>
        <translation>Bodenantenne {link} fest auf {bearing:.0}, niemand davor.</translation>
    </message>
    <message>
        <source>= means: not all told apart yet.</source>
        <translation>= heißt: noch nicht alle unterschieden.</translation>
    </message>
    <message>
        <source>Fly both again over the same path, until the link fails.</source>
        <translation>Beide noch einmal über denselben Weg fliegen, bis der Link versagt.</translation>
    </message>
    <message>
        <source>Flown once only: {setup}. The flight-to-flight spread is unknown. Fly at least twice more.</source>
        <translation>Nur einmal geflogen: {setup}. Die Streuung von Flug zu Flug ist unbekannt. Noch mindestens zweimal fliegen.</translation>
    </message>
    <message>
        <source>What differs: {what:list}</source>
        <translation>Was sich unterscheidet: {what:list}</translation>
    </message>
    <message>
        <source>{name}, {link} link: lost at {lost}, regained at {regained}</source>
        <translation>{name}, Link {link}: verloren bei {lost}, wieder da bei {regained}</translation>
    </message>
    <message>
        <source>Outbound and inbound ({flights:flights}, medians).</source>
        <translation>Hin- und Rückflug ({flights:flights}, Mediane).</translation>
    </message>
    <message>
        <source>{name}, {link} link: {reduced} at {reduction:.0} less power</source>
        <translation>{name}, Link {link}: {reduced} mit {reduction:.0} weniger Leistung</translation>
    </message>
    <message>
        <source>At full power this means {full} (95 %: {full.span}). That is {factor:.1} times as far; the power is {power:.0} times as high. It holds if the signal keeps falling the same way.</source>
        <translation>Bei voller Leistung entspricht das {full} (95 %: {full.span}). Das ist {factor:.1}-mal so weit; die Leistung ist {power:.0}-mal so hoch. Es gilt, wenn das Signal gleich weiterfällt.</translation>
    </message>
    <message>
        <source>{link} link stops at {distance}: perhaps the equipment</source>
        <translation>Link {link} endet bei {distance}: vielleicht das Gerät</translation>
    </message>
    <message>
        <source>{a_name} and {b_name} both stop at {distance}</source>
        <translation>{a_name} und {b_name} enden beide bei {distance}</translation>
    </message>
    <message>
        <source>The equipment stops there, not the radio. Which reaches farther is open.</source>
        <translation>Dort endet das Gerät, nicht der Funk. Was weiter reicht, bleibt offen.</translation>
    </message>
    <message>
        <source>Lift the limit at {distance}</source>
        <translation>Die Grenze bei {distance} aufheben</translation>
    </message>
    <message>
        <source>More flights cannot tell what lies behind it. Look for a distance limit or a timeout in the equipment. Or fly at reduced power, so that the radio ends first.</source>
        <translation>Weitere Flüge zeigen nicht, was dahinter liegt. Im Gerät nach einer Entfernungsgrenze oder einem Zeitlimit suchen. Oder mit weniger Leistung fliegen, damit zuerst der Funk endet.</translation>
    </message>
    <message>
        <source>{segment}: {a} or {b}, not settled</source>
        <translation>{segment}: {a} oder {b}, nicht entschieden</translation>
    </message>
    <message>
        <source>{link} link: {a} minus {b} {delta:+.1} (95 %: {delta.low:.1} to {delta.high:.1}), {flights:flights}. At the difference seen so far, more flights will hardly settle it.</source>
        <translation>Link {link}: {a} minus {b} {delta:+.1} (95 %: {delta.low:.1} bis {delta.high:.1}), {flights:flights}. Beim bisher gesehenen Unterschied werden weitere Flüge das kaum entscheiden.</translation>
    </message>
    <message>
        <source>At the difference seen so far, telling them apart takes more than {most} more pairs. A larger one would show sooner.</source>
        <translation>Beim bisher gesehenen Unterschied braucht es mehr als {most} weitere Paare. Ein größerer zeigte sich früher.</translation>
    </message>
    <message>
        <source>{setup}, {link} link, far post: in the turn the antenna patterns cost up to {turn:.1}.</source>
        <translation>{setup}, Link {link}, Endpfosten: In der Wende kosten die Antennendiagramme bis zu {turn:.1}.</translation>
    </message>
    <message>
        <source>{runs:runs} of different setups lost the {link} link there at once, from full quality. This does not count as range. Look for a distance limit or a timeout in the equipment.</source>
        <translation>{runs:runs} verschiedener Setups verloren dort den Link {link} schlagartig, aus voller Qualität. Als Reichweite zählt das nicht. Im Gerät nach einer Entfernungsgrenze oder einem Zeitlimit suchen.</translation>
    </message>
    <message>
        <source>{runs:runs} lost it there at once, from full quality. Its range ends there. Fly another setup there: if it stops at the same distance, the equipment has a limit.</source>
        <translation>{runs:runs} verloren ihn dort schlagartig, aus voller Qualität. Dort endet seine Reichweite. Ein anderes Setup dorthin fliegen: Endet es bei derselben Entfernung, hat das Gerät eine Grenze.</translation>
    </message>
    <message>
        <source>Its {link} link stops suddenly at {distance}.</source>
        <translation>Der Link {link} endet plötzlich bei {distance}.</translation>
    </message>
    <message>
        <source>{a_name} stops at {a_distance}, {b_name} at {b_distance}</source>
        <translation>{a_name} endet bei {a_distance}, {b_name} bei {b_distance}</translation>
    </message>
    <message>
        <source>{link} link: some logs hold dBm, others the receiver&apos;s own scale. Only dBm counts. Calibrate the scale on the Bench (signal calibration).</source>
        <translation>Link {link}: Manche Logs enthalten dBm, andere die eigene Skala des Empfängers. Nur dBm zählt. Die Skala auf der Werkbank kalibrieren (Signalkalibrierung).</translation>
    </message>
    <message>
        <source>The {link} link fails first, by {part}, at a reading of {reading:g}.</source>
        <translation>Zuerst versagt der Link {link}, {part}, bei einer Anzeige von {reading:g}.</translation>
    </message>
    <message>
        <source>Usable limit ({part}): reached at a reading of {reading:g}.</source>
        <translation>Nutzbare Grenze ({part}): erreicht bei einer Anzeige von {reading:g}.</translation>
    </message>
    <message>
        <source>Run {run} lies far from the other flights of its setup on the {link} link. It counts. If you know the reason, exclude it with that reason.</source>
        <translation>Lauf {run} liegt beim Link {link} weit ab von den anderen Flügen seines Aufbaus. Er zählt. Ist der Grund bekannt, mit diesem Grund ausschließen.</translation>
    </message>
    <message>
        <source>{link} link: the log holds the receiver&apos;s own scale. Ranges and their ratios follow from it, dB do not. A signal calibration on the Bench gives dB.</source>
        <translation>Link {link}: Das Log enthält die eigene Skala des Empfängers. Reichweiten und ihre Verhältnisse folgen daraus, dB nicht. Eine Signalkalibrierung auf der Werkbank gibt dB.</translation>
    </message>
    <message>
        <source>{link} link: the receiver&apos;s scale rises with distance. It is read as: the lower, the stronger. A minimum reading does not apply to it.</source>
        <translation>Link {link}: Die Skala des Empfängers steigt mit der Entfernung. Sie wird so gelesen: je kleiner, desto stärker. Eine kleinste Anzeige gilt für sie nicht.</translation>
    </message>
    <message>
        <source>{link} link: the receiver&apos;s scale hardly changes with distance and tells nothing. Fly farther, or check the signal column.</source>
        <translation>Link {link}: Die Skala des Empfängers ändert sich kaum mit der Entfernung und sagt nichts. Weiter fliegen oder die Signalspalte prüfen.</translation>
    </message>
    <message>
        <source>{link} link: its receivers may show different scales, so their readings are not compared. If they show the same, say so in Kit, at the link.</source>
        <translation>Link {link}: Die Empfänger zeigen vielleicht verschiedene Skalen, also werden ihre Anzeigen nicht verglichen. Zeigen sie dieselbe, dies in der Ausrüstung beim Link angeben.</translation>
    </message>
    <message>
        <source>On ground like this: {ratio:.2}× (95 %: {ratio.low:.2}–{ratio.high:.2}).</source>
        <translation>Auf Gelände wie diesem: {ratio:.2}× (95 %: {ratio.low:.2}–{ratio.high:.2}).</translation>
    </message>
    <message>
        <source>Set the minimum signal reading</source>
        <translation>Kleinste Signalanzeige festlegen</translation>
    </message>
    <message>
        <source>Without it, only the distance flown is known. Or fly on until the link is lost.</source>
        <translation>Ohne sie ist nur die geflogene Entfernung bekannt. Oder weiterfliegen, bis der Link ausfällt.</translation>
    </message>
    <message>
        <source>{link} link: {seen}, and no minimum signal reading is set. Only how far it held is known. Set one in Kit, or fly until the link is lost.</source>
        <translation>Link {link}: {seen}, und keine kleinste Signalanzeige ist festgelegt. Nur, wie weit er hielt, ist bekannt. In der Ausrüstung eine festlegen, oder fliegen, bis der Link ausfällt.</translation>
    </message>
    <message>
        <source>{channel} is on the receiver&apos;s own scale, not in dBm. Ranges follow from it. For dB, calibrate it on the Bench, or match a column in dBm</source>
        <translation>{channel} steht in der eigenen Skala des Empfängers, nicht in dBm. Reichweiten folgen daraus. Für dB auf der Werkbank kalibrieren oder eine Spalte in dBm zuordnen</translation>
    </message>
    <message>
        <source>{count:readings} noted as “about” (~4): taken as the figure named</source>
        <translation>{count:readings} als „etwa“ notiert (~4): als die genannte Zahl genommen</translation>
    </message>
    <message>
        <source>{count:readings} noted between two figures (5-6): taken as the middle</source>
        <translation>{count:readings} zwischen zwei Zahlen notiert (5-6): als deren Mitte genommen</translation>
    </message>
    <message>
        <source>{count:readings} noted as a bound (&gt;30): taken as the figure named</source>
        <translation>{count:readings} als Grenze notiert (&gt;30): als die genannte Zahl genommen</translation>
    </message>
    <message>
        <source>{count:readings} noted as nothing (no picture): taken as 0</source>
        <translation>{count:readings} als nichts notiert (kein Bild): als 0 genommen</translation>
    </message>
    <message>
        <source>The usable limit of its {link} link is set for figures that no log holds.</source>
        <translation>Die nutzbare Grenze seines Links {link} gilt für Werte, die kein Log enthält.</translation>
    </message>
    <message>
        <source>Set a usable limit for what the logs hold</source>
        <translation>Eine nutzbare Grenze für das festlegen, was die Logs enthalten</translation>
    </message>
    <message>
        <source>In Kit, at the link: a minimum bitrate, picture grade or link quality.</source>
        <translation>In der Ausrüstung, beim Link: eine kleinste Bitrate, Bildnote oder Linkqualität.</translation>
    </message>
    <message>
        <source>No log holds the figures that their usable limit is set for.</source>
        <translation>Kein Log enthält die Werte, für die ihre nutzbare Grenze gilt.</translation>
    </message>
    <message>
        <source>the log tells posts, but the campaign has no path; draw it in Plan first, or note distances</source>
        <translation>das Log nennt Pfosten, aber die Kampagne hat keinen Weg; ihn zuerst im Plan zeichnen, oder Entfernungen notieren</translation>
    </message>
    <message>
        <source>The second-order product of {emitter} at {frequency} hits {victim}: about {short:.0} short. Move the antennas {apart:.2} apart, or filter what sends.</source>
        <translation>Das Mischprodukt zweiter Ordnung von {emitter} bei {frequency} trifft {victim}: etwa {short:.0} fehlen. Antennen {apart:.2} voneinander entfernen oder den Sender filtern.</translation>
    </message>
    <message>
        <source>{emitter} sends in the band of {victim}: about {short:.0} short. Choose another channel; no filter helps.</source>
        <translation>{emitter} sendet im Band von {victim}: etwa {short:.0} fehlen. Einen anderen Kanal wählen; kein Filter hilft.</translation>
    </message>
    <message>
        <source>{emitter} at {frequency} overloads {victim}: about {short:.0} short. Move the antennas {apart:.2} apart, or put a filter before {victim}.</source>
        <translation>{emitter} bei {frequency} übersteuert {victim}: etwa {short:.0} fehlen. Antennen {apart:.2} voneinander entfernen oder einen Filter vor {victim} setzen.</translation>
    </message>
    <message>
        <source>The noise of {emitter} reaches {victim} at {frequency}: about {short:.0} short. Move the antennas {apart:.2} apart, or filter behind {emitter}.</source>
        <translation>Das Rauschen von {emitter} erreicht {victim} bei {frequency}: etwa {short:.0} fehlen. Antennen {apart:.2} voneinander entfernen oder hinter {emitter} filtern.</translation>
    </message>
    <message>
        <source>Enter how far apart the antennas aboard are. Until then nothing aboard is checked.</source>
        <translation>Eingeben, wie weit die Antennen an Bord auseinander sind. Bis dahin wird an Bord nichts geprüft.</translation>
    </message>
    <message>
        <source>Enter how far apart the antennas at the station are. Until then nothing there is checked.</source>
        <translation>Eingeben, wie weit die Antennen an der Station auseinander sind. Bis dahin wird dort nichts geprüft.</translation>
    </message>
    <message>
        <source>Not checked: what {emitter} disturbs. Its transmit power is not set.</source>
        <translation>Nicht geprüft: was {emitter} stört. Die Sendeleistung ist nicht gesetzt.</translation>
    </message>
    <message>
        <source>Checked for overload only: {victim}. For noise and products, set its sensitivity.</source>
        <translation>Nur auf Übersteuern geprüft: {victim}. Für Rauschen und Mischprodukte die Empfindlichkeit setzen.</translation>
    </message>
    <message>
        <source>The third-order product of {emitter} at {frequency} hits {victim}: about {short:.0} short. Move the antennas {apart:.2} apart, or filter what sends.</source>
        <translation>Das Mischprodukt dritter Ordnung von {emitter} bei {frequency} trifft {victim}: etwa {short:.0} fehlen. Antennen {apart:.2} voneinander entfernen oder den Sender filtern.</translation>
    </message>
    <message>
        <source>Harmonic {order} of {emitter} at {frequency} hits {victim}: about {short:.0} short. Move the antennas {apart:.2} apart, or filter what sends.</source>
        <translation>Die {order}. Harmonische von {emitter} bei {frequency} trifft {victim}: etwa {short:.0} fehlen. Antennen {apart:.2} voneinander entfernen oder den Sender filtern.</translation>
    </message>
    <message>
        <source>{count:disturbances-more} too strong.</source>
        <translation>{count:disturbances-more} zu stark.</translation>
    </message>
    <message>
        <source>{count:disturbances} checked, none too strong. Closest: {emitter} on {victim}, about {spare:.0} to spare.</source>
        <translation>{count:disturbances} geprüft, keine zu stark. Am nächsten daran: {emitter} auf {victim}, etwa {spare:.0} Reserve.</translation>
    </message>
    <message>
        <source>Where not entered, taken: products 40 to 50 dB and noise {noise:.0} per hertz below the carrier. Receivers are overloaded from {blocks}, from {near} where bands are neighbours. Antennas do not face each other. To be sure, switch the transmitters on in turn and log the noise floor.</source>
        <translation>Wo nichts eingegeben ist, angenommen: Mischprodukte 40 bis 50 dB und Rauschen {noise:.0} je Hertz unter dem Träger. Empfänger übersteuern ab {blocks}, bei benachbarten Bändern ab {near}. Antennen zeigen nicht aufeinander. Zur Sicherheit die Sender der Reihe nach einschalten und das Grundrauschen aufzeichnen.</translation>
    </message>
    <message>
        <source>These readings are on the receiver&apos;s own scale. Enter by how much they change per dB, or calibrate the scale (signal calibration).</source>
        <translation>Diese Werte stehen auf der Skala des Empfängers. Eingeben, um wie viel sie sich je dB ändern, oder die Skala eichen (Signaleichung).</translation>
    </message>
    <message>
        <source>Levels converted by record {record}.</source>
        <translation>Pegel umgerechnet nach Messung {record}.</translation>
    </message>
    <message>
        <source>&quot;{column}&quot; cannot be in {unit}; name that column in a unit of what it holds</source>
        <translation>&quot;{column}&quot; kann nicht in {unit} sein; die Spalte in einer Einheit dessen benennen, was sie enthält</translation>
    </message>
    <message>
        <source>The {link} tracker aims within its beam (±{half:.0}) on the whole path.</source>
        <translation>Der Tracker von {link} zielt auf dem ganzen Weg innerhalb seiner Keule (±{half:.0}).</translation>
    </message>
    <message>
        <source>The whole path lies in the main beam, at worst {worst} below the peak.</source>
        <translation>Der ganze Weg liegt in der Hauptkeule, im schlechtesten Fall {worst} unter dem Maximum.</translation>
    </message>
    <message>
        <source>Run {run} lies {off:+.1} from the other flights of its setup on the {link} link.</source>
        <translation>Lauf {run} liegt auf Link {link} {off:+.1} neben den anderen Flügen seines Setups.</translation>
    </message>
    <message>
        <source>Without its conversion from {flown} to {kit} it would lie among them. Check which power it sent.</source>
        <translation>Ohne die Umrechnung von {flown} auf {kit} läge er bei ihnen. Prüfen, mit welcher Leistung gesendet wurde.</translation>
    </message>
    <message>
        <source>It flew at {height}, the others at {usual}.</source>
        <translation>Er flog in {height}, die anderen in {usual}.</translation>
    </message>
    <message>
        <source>It flew {side} beside the others&apos; line.</source>
        <translation>Er flog {side} neben der Linie der anderen.</translation>
    </message>
    <message>
        <source>{link} link: flights of one setup differ by {sd:.1} (1σ), more than usual. Farthest off is run {run} ({off:+.1}). Exclude it if what follows is the reason.</source>
        <translation>Link {link}: Flüge eines Setups unterscheiden sich um {sd:.1} (1σ), mehr als üblich. Am weitesten entfernt ist Lauf {run} ({off:+.1}). Ausschließen, wenn das Folgende der Grund ist.</translation>
    </message>
    <message>
        <source>Read the sections</source>
        <translation>Die Abschnitte lesen</translation>
    </message>
    <message>
        <source>All flights were courses: they are compared section by section. For a range, fly one path out and back.</source>
        <translation>Alle Flüge waren Rundkurse: Sie werden Abschnitt für Abschnitt verglichen. Für eine Reichweite einen Weg hin und zurück fliegen.</translation>
    </message>
    <message>
        <source>Name the sections of the course</source>
        <translation>Abschnitte des Kurses benennen</translation>
    </message>
    <message>
        <source>All flights were courses: they are compared section by section. Name the sections in Plan. For a range, fly one path out and back.</source>
        <translation>Alle Flüge waren Rundkurse: Sie werden Abschnitt für Abschnitt verglichen. Die Abschnitte unter Plan benennen. Für eine Reichweite einen Weg hin und zurück fliegen.</translation>
    </message>
    <message>
        <source>not placed: {before:.0} before the first mark and {after:.0} after the last</source>
        <translation>ohne Ort: {before:.0} vor der ersten und {after:.0} nach der letzten Marke</translation>
    </message>
    <message>
        <source>At full power it would lie among them. Check whether its power was {reduced:.1} lower.</source>
        <translation>Bei voller Leistung läge er bei ihnen. Prüfen, ob die Leistung {reduced:.1} niedriger war.</translation>
    </message>
    <message>
        <source>This is the {link} link, the only one on which they differ.</source>
        <translation>Das ist Link {link}, der einzige, auf dem sie sich unterscheiden.</translation>
    </message>
    <message>
        <source>Over all links, the first to fail ends the flight: {name} goes {ratio:.2}× as far ({ratio.low:.2}–{ratio.high:.2}).</source>
        <translation>Über alle Links beendet der erste Ausfall den Flug: {name} kommt {ratio:.2}-mal so weit ({ratio.low:.2}–{ratio.high:.2}).</translation>
    </message>
    <message>
        <source>Over all links, the first to fail ends the flight. That is not settled: {name} goes {ratio.low:.2}–{ratio.high:.2}× as far.</source>
        <translation>Über alle Links beendet der erste Ausfall den Flug. Das ist nicht entschieden: {name} kommt {ratio.low:.2}- bis {ratio.high:.2}-mal so weit.</translation>
    </message>
    <message>
        <source>Over all links, the first to fail ends the flight; how far that is, is open.</source>
        <translation>Über alle Links beendet der erste Ausfall den Flug; wie weit das reicht, ist offen.</translation>
    </message>
    <message>
        <source>The order of flights comes from the clocks of the logs.</source>
        <translation>Die Reihenfolge der Flüge kommt von den Uhren der Aufzeichnungen.</translation>
    </message>
    <message>
        <source>Read the level at {least} places or more, at three distances at least. The farthest must be twice as far as the nearest.</source>
        <translation>Den Pegel an {least} Orten oder mehr ablesen, in mindestens drei Entfernungen. Die weiteste muss doppelt so weit sein wie die nächste.</translation>
    </message>
    <message>
        <source>The level does not clearly fall with distance yet. Read more places, farther apart.</source>
        <translation>Der Pegel fällt noch nicht deutlich mit der Entfernung. Mehr Orte ablesen, weiter auseinander.</translation>
    </message>
    <message>
        <source>The level falls with exponent {exponent:.1} (95 %: {exponent.low:.1} to {exponent.high:.1}). One place differs from the next by {sd:.1} (1σ).</source>
        <translation>Der Pegel fällt mit Exponent {exponent:.1} (95 %: {exponent.low:.1} bis {exponent.high:.1}). Ein Ort unterscheidet sich vom nächsten um {sd:.1} (1σ).</translation>
    </message>
    <message>
        <source>Enter the heights of both antennas. They decide where the horizon is.</source>
        <translation>Die Höhen beider Antennen eingeben. Sie entscheiden, wo der Horizont liegt.</translation>
    </message>
    <message>
        <source>Enter the level that is still enough, or choose a link whose sensitivity is set.</source>
        <translation>Den Pegel eingeben, der noch genügt, oder einen Link wählen, dessen Empfindlichkeit gesetzt ist.</translation>
    </message>
    <message>
        <source>The level would last farther, but the horizon ends it at {horizon}.</source>
        <translation>Der Pegel würde weiter reichen, aber bei {horizon} endet es am Horizont.</translation>
    </message>
    <message>
        <source>Half of such places have {limit} out to {half}. 95 % have it out to {sure}.</source>
        <translation>Die Hälfte solcher Orte hat {limit} bis {half}. 95 % haben es bis {sure}.</translation>
    </message>
    <message>
        <source>Half of such places should have {limit} out to {half}, 95 % out to {sure}. The farthest reading was at {far}.</source>
        <translation>Die Hälfte solcher Orte sollte {limit} bis {half} haben, 95 % bis {sure}. Der weiteste Wert war bei {far}.</translation>
    </message>
    <message>
        <source>All {changes} changes together: {change:+.0} range ({change.low:+.0} to {change.high:+.0}).</source>
        <translation>Alle {changes} Änderungen zusammen: {change:+.0} Reichweite ({change.low:+.0} bis {change.high:+.0}).</translation>
    </message>
    <message>
        <source>All {changes} changes together are not clear yet: {change.low:+.0} to {change.high:+.0}.</source>
        <translation>Alle {changes} Änderungen zusammen sind noch nicht deutlich: {change.low:+.0} bis {change.high:+.0}.</translation>
    </message>
    <message>
        <source>All {changes} changes together: {change:+.0} range. Walk each twice before and twice after, else the spread is unknown.</source>
        <translation>Alle {changes} Änderungen zusammen: {change:+.0} Reichweite. Jede zweimal vorher und zweimal nachher gehen, sonst ist die Streuung unbekannt.</translation>
    </message>
    <message>
        <source>At reduced power {better} reaches {ratio:.2}× as far as {worse}</source>
        <translation>Bei verringerter Leistung reicht {better} {ratio:.2}-mal so weit wie {worse}</translation>
    </message>
    <message>
        <source>{link} link at {reduction:.0} less, {flights:flights} each (95 %: {ratio.low:.2}–{ratio.high:.2}). At full power the ratio is the same if both signals fall alike.</source>
        <translation>Link {link} bei {reduction:.0} weniger, je {flights:flights} (95 %: {ratio.low:.2}–{ratio.high:.2}). Bei voller Leistung gilt dasselbe Verhältnis, wenn beide Signale gleich fallen.</translation>
    </message>
    <message>
        <source>{link} link at {reduction:.0} less: {better} or {worse}, not settled. The ratio lies between {ratio.low:.2} and {ratio.high:.2}.</source>
        <translation>Link {link} bei {reduction:.0} weniger: {better} oder {worse}, nicht entschieden. Das Verhältnis liegt zwischen {ratio.low:.2} und {ratio.high:.2}.</translation>
    </message>
    <message>
        <source>The {link} link was flown at reduced power only.</source>
        <translation>Link {link} wurde nur bei verringerter Leistung geflogen.</translation>
    </message>
    <message>
        <source>{bad} of {count:disturbances} too strong. The worst: {emitter} on {victim}, about {short:.0} short.</source>
        <translation>{bad} von {count:disturbances} zu stark. Die schlimmste: {emitter} auf {victim}, etwa {short:.0} fehlen.</translation>
    </message>
    <message>
        <source>This holds at such heights: {a:.1} and {b:.1}. Their radio horizon is {horizon} apart.</source>
        <translation>Das gilt in solchen Höhen: {a:.1} und {b:.1}. Ihr Funkhorizont liegt bei {horizon}.</translation>
    </message>
</context>
<context>
    <name>lanes</name>
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
        <translation>Für eine Vorhersage Sendeleistung und Antennengewinne unter Ausrüstung eintragen</translation>
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
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>%1 of the distance</source>
        <translation>%1 der Entfernung</translation>
    </message>
    <message>
        <source>Set the far post to see the profile</source>
        <translation>Für das Profil den Endpfosten setzen</translation>
    </message>
    <message>
        <source>Set the station and the far post to see the profile</source>
        <translation>Für das Profil Station und Endpfosten setzen</translation>
    </message>
    <message>
        <source>no signal logged</source>
        <translation>kein Signal im Log</translation>
    </message>
    <message>
        <source>usable %1 of the time</source>
        <translation>nutzbar %1 der Zeit</translation>
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
        <translation>Endpfosten</translation>
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
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>run</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>both, mAh/km</source>
        <translation>beide, mAh/km</translation>
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
        <source>95 %: %1</source>
        <translation>95 %: %1</translation>
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
        <translation>nur Parcours</translation>
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
    <message>
        <source>Gain or loss of each place, the same for every setup</source>
        <translation>Gewinn oder Verlust jedes Orts, für jedes Setup gleich</translation>
    </message>
    <message>
        <source>Residuals: not explained by flight or place</source>
        <translation>Reste: weder durch Flug noch Ort erklärt</translation>
    </message>
    <message>
        <source>usable limit not known</source>
        <translation>Nutzgrenze nicht bekannt</translation>
    </message>
    <message>
        <source>where the station saw the aircraft</source>
        <translation>wo die Station das Fluggerät sah</translation>
    </message>
    <message>
        <source>side facing the station, from above</source>
        <translation>Seite zur Station, von oben</translation>
    </message>
    <message>
        <source>at most one per %1 (95 %)</source>
        <translation>höchstens eines je %1 (95 %)</translation>
    </message>
    <message>
        <source>lost %1, regained %2</source>
        <translation>verloren %1, wieder da %2</translation>
    </message>
    <message>
        <source>outbound, mAh/km</source>
        <translation>Hinflug, mAh/km</translation>
    </message>
    <message>
        <source>inbound, mAh/km</source>
        <translation>Rückflug, mAh/km</translation>
    </message>
    <message>
        <source>total, mAh</source>
        <translation>gesamt, mAh</translation>
    </message>
    <message>
        <source>headwind outbound</source>
        <translation>Gegenwind hin</translation>
    </message>
    <message>
        <source>battery, first to lowest</source>
        <translation>Akku, erster bis tiefster Wert</translation>
    </message>
    <message>
        <source>First change, outbound</source>
        <translation>Erster Wechsel auf dem Hinflug</translation>
    </message>
    <message>
        <source>ring: usual   bar: 95 %   arrow: no change that far</source>
        <translation>Ring: üblich   Balken: 95 %   Pfeil: bis dahin kein Wechsel</translation>
    </message>
    <message>
        <source>Video freezes</source>
        <translation>Standbilder</translation>
    </message>
    <message>
        <source>bars: freezes per 100 m flown there (highest %1)</source>
        <translation>Balken: Standbilder je 100 m Flug dort (höchstens %1)</translation>
    </message>
    <message>
        <source>Battery</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>wind along the path, from the speeds outbound and inbound</source>
        <translation>Wind am Weg entlang, aus den Geschwindigkeiten hin und zurück</translation>
    </message>
    <message>
        <source>line of sight to the far post</source>
        <translation>Sichtlinie zum Endpfosten</translation>
    </message>
    <message>
        <source>lowest clear height on every link</source>
        <translation>niedrigste freie Höhe auf jedem Link</translation>
    </message>
    <message>
        <source>Predicted signal; bands: flown, or not yet measured</source>
        <translation>Vorhergesagtes Signal; Bänder: geflogen oder noch nicht gemessen</translation>
    </message>
    <message>
        <source>Predicted signal; bands: flown</source>
        <translation>Vorhergesagtes Signal; Bänder: geflogen</translation>
    </message>
    <message>
        <source>Predicted signal; bands: not yet measured</source>
        <translation>Vorhergesagtes Signal; Bänder: noch nicht gemessen</translation>
    </message>
    <message>
        <source>Profile to the far post: ground, flight, line of sight, first Fresnel zone at %1</source>
        <translation>Profil zum Endpfosten: Boden, Flug, Sichtlinie, erste Fresnelzone bei %1</translation>
    </message>
    <message>
        <source>Profile over flat ground: flight, line of sight, first Fresnel zone at %1</source>
        <translation>Profil über ebenem Boden: Flug, Sichtlinie, erste Fresnelzone bei %1</translation>
    </message>
    <message>
        <source>minimum usable reading %1</source>
        <translation>kleinste brauchbare Anzeige %1</translation>
    </message>
    <message>
        <source>receiver&apos;s own scale</source>
        <translation>Skala des Empfängers</translation>
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
        <source>a new file</source>
        <translation>eine neue Datei</translation>
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
    <message>
        <source>Write an instrument&apos;s readings to a file</source>
        <translation>Messwerte eines Geräts in eine Datei schreiben</translation>
    </message>
    <message>
        <source>Send readings as lines of text; prints the address</source>
        <translation>Messwerte als Textzeilen senden; gibt die Adresse aus</translation>
    </message>
    <message>
        <source>port on this machine; any free one if left out</source>
        <translation>Port auf diesem Rechner; ohne Angabe irgendein freier</translation>
    </message>
</context>
<context>
    <name>term</name>
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
        <translation>Link verloren</translation>
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
        <source>VSWR</source>
        <translation>VSWR</translation>
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
        <source>settled power</source>
        <translation>eingeschwungene Leistung</translation>
    </message>
    <message>
        <source>power before arming</source>
        <translation>Leistung vor dem Scharfschalten</translation>
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
        <source>coarsest step</source>
        <translation>gröbster Schritt</translation>
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
        <source>polarisation loss</source>
        <translation>Polarisationsverlust</translation>
    </message>
    <message>
        <source>pointing loss</source>
        <translation>Richtverlust</translation>
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
        <translation>Messwert</translation>
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
        <source>Does it hold its power?</source>
        <translation>Hält er seine Leistung?</translation>
    </message>
    <message>
        <source>What does the receiver&apos;s scale mean?</source>
        <translation>Was bedeutet die Skala des Empfängers?</translation>
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
        <translation>Grundrauschen</translation>
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
        <source>turns of a helix</source>
        <translation>Windungen einer Helix</translation>
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
        <source>gain of the reference antenna</source>
        <translation>Gewinn der Bezugsantenne</translation>
    </message>
    <message>
        <source>level with the reference antenna</source>
        <translation>Pegel mit der Bezugsantenne</translation>
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
        <source>axial ratio of the first</source>
        <translation>Achsenverhältnis der ersten</translation>
    </message>
    <message>
        <source>axial ratio of the second</source>
        <translation>Achsenverhältnis der zweiten</translation>
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
        <source>filter in between</source>
        <translation>Filter dazwischen</translation>
    </message>
    <message>
        <source>duration</source>
        <translation>Dauer</translation>
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
        <translation>VSWR am Kanal</translation>
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
        <translation>fest ausgerichtet</translation>
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
        <source>gain without losses</source>
        <translation>Gewinn ohne Verluste</translation>
    </message>
    <message>
        <source>null at</source>
        <translation>Nullstelle bei</translation>
    </message>
    <message>
        <source>blind</source>
        <translation>blind</translation>
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
        <source>interference</source>
        <translation>Störungen</translation>
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
        <source>of them too strong</source>
        <translation>davon zu stark</translation>
    </message>
    <message>
        <source>sent</source>
        <translation>gesendet</translation>
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
        <source>length of a pace</source>
        <translation>Länge eines Schritts</translation>
    </message>
    <message>
        <source>distance of the check</source>
        <translation>Abstand der Prüfung</translation>
    </message>
    <message>
        <source>the distance times 10 to the power of attenuation over 10 times the exponent</source>
        <translation>der Abstand mal 10 hoch Dämpfung durch 10 mal Exponent</translation>
    </message>
    <message>
        <source>the angle between both states on the sphere of polarisations</source>
        <translation>der Winkel zwischen beiden Zuständen auf der Polarisationskugel</translation>
    </message>
    <message>
        <source>band held</source>
        <translation>eingehaltenes Band</translation>
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
        <source>no.</source>
        <translation>Nr.</translation>
    </message>
    <message>
        <source>flights of each setup</source>
        <translation>Flüge je Setup</translation>
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
        <translation>Endpfosten bei</translation>
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
        <source>antennas of one polarisation</source>
        <translation>Antennen einer Polarisation</translation>
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
        <source>radio at the antenna, or a thicker cable</source>
        <translation>Funkgerät an der Antenne oder dickeres Kabel</translation>
    </message>
    <message>
        <source>a fixed stand, or a tracker that knows its north</source>
        <translation>ein fester Stand, oder ein Nachführer, der Norden kennt</translation>
    </message>
    <message>
        <source>same hand or same tilt at both ends</source>
        <translation>gleicher Drehsinn oder gleiche Neigung an beiden Enden</translation>
    </message>
    <message>
        <source>sweep them in place, with cover</source>
        <translation>am Einbauort mit Abdeckung messen</translation>
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
        <source>rain</source>
        <translation>Regen</translation>
    </message>
    <message>
        <source>fog</source>
        <translation>Nebel</translation>
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
        <translation>Pfosten</translation>
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
        <translation>Endpfosten</translation>
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
        <translation>zurückgelegter Weg</translation>
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
        <translation>Ende des Wegs</translation>
    </message>
    <message>
        <source>ground below the path</source>
        <translation>Boden unter dem Weg</translation>
    </message>
    <message>
        <source>not set</source>
        <translation>nicht gesetzt</translation>
    </message>
    <message>
        <source>lowest VSWR</source>
        <translation>kleinstes VSWR</translation>
    </message>
    <message>
        <source>loss by the change</source>
        <translation>Verlust durch die Änderung</translation>
    </message>
    <message>
        <source>change by a hand</source>
        <translation>Änderung durch eine Hand</translation>
    </message>
    <message>
        <source>share of nominal power</source>
        <translation>Anteil der Nennleistung</translation>
    </message>
    <message>
        <source>bottom of the scale</source>
        <translation>Skala ab</translation>
    </message>
    <message>
        <source>top of the scale</source>
        <translation>Skala bis</translation>
    </message>
    <message>
        <source>spread of a reading (1σ)</source>
        <translation>Streuung eines Werts (1σ)</translation>
    </message>
    <message>
        <source>half-power beamwidth</source>
        <translation>Halbwertsbreite</translation>
    </message>
    <message>
        <source>front-to-back ratio</source>
        <translation>Vor-Rück-Verhältnis</translation>
    </message>
    <message>
        <source>equivalent distance</source>
        <translation>entspricht</translation>
    </message>
    <message>
        <source>spread of midpoints (1σ)</source>
        <translation>Streuung der Mitten (1σ)</translation>
    </message>
    <message>
        <source>best rotation</source>
        <translation>beste Drehung</translation>
    </message>
    <message>
        <source>worst rotation</source>
        <translation>schlechteste Drehung</translation>
    </message>
    <message>
        <source>with reflections</source>
        <translation>mit Reflexionen</translation>
    </message>
    <message>
        <source>occupied bandwidth (99 %)</source>
        <translation>belegte Bandbreite (99 %)</translation>
    </message>
    <message>
        <source>armed minus idle</source>
        <translation>scharf minus Leerlauf</translation>
    </message>
    <message>
        <source>rise of the noise floor</source>
        <translation>Anstieg des Grundrauschens</translation>
    </message>
    <message>
        <source>held outputs</source>
        <translation>gehaltene Ausgänge</translation>
    </message>
    <message>
        <source>packets received</source>
        <translation>empfangene Pakete</translation>
    </message>
    <message>
        <source>on minus off</source>
        <translation>an minus ab</translation>
    </message>
    <message>
        <source>chance alone</source>
        <translation>Zufall allein</translation>
    </message>
    <message>
        <source>all lobes the same</source>
        <translation>alle Flügel gleich</translation>
    </message>
    <message>
        <source>right polarisation hand</source>
        <translation>richtige Drehrichtung</translation>
    </message>
    <message>
        <source>cost in range</source>
        <translation>kostet an Reichweite</translation>
    </message>
    <message>
        <source>reference impedance</source>
        <translation>Bezugsimpedanz</translation>
    </message>
    <message>
        <source>Visual inspection</source>
        <translation>Sichtprüfung</translation>
    </message>
    <message>
        <source>Can the claims be true?</source>
        <translation>Können die Angaben stimmen?</translation>
    </message>
    <message>
        <source>Antenna pattern</source>
        <translation>Antennendiagramm</translation>
    </message>
    <message>
        <source>Which distance does an attenuator equal?</source>
        <translation>Welcher Entfernung entspricht ein Dämpfungsglied?</translation>
    </message>
    <message>
        <source>Is it fit to fly?</source>
        <translation>Ist es flugtauglich?</translation>
    </message>
    <message>
        <source>VSWR limit of the band</source>
        <translation>VSWR-Grenze des Bands</translation>
    </message>
    <message>
        <source>beamwidth, elevation</source>
        <translation>Öffnungswinkel, Elevation</translation>
    </message>
    <message>
        <source>beamwidth, azimuth</source>
        <translation>Öffnungswinkel, Azimut</translation>
    </message>
    <message>
        <source>highest VSWR</source>
        <translation>höchstes VSWR</translation>
    </message>
    <message>
        <source>largest dimension</source>
        <translation>größte Abmessung</translation>
    </message>
    <message>
        <source>omnidirectional</source>
        <translation>rundum gleich</translation>
    </message>
    <message>
        <source>reading shown</source>
        <translation>Anzeige</translation>
    </message>
    <message>
        <source>acceptable loss</source>
        <translation>zulässiger Verlust</translation>
    </message>
    <message>
        <source>wanted range</source>
        <translation>gewünschte Reichweite</translation>
    </message>
    <message>
        <source>space available</source>
        <translation>vorhandener Platz</translation>
    </message>
    <message>
        <source>low-power mode off again</source>
        <translation>Betrieb mit kleiner Leistung wieder aus</translation>
    </message>
    <message>
        <source>rotation between them</source>
        <translation>Drehung zueinander</translation>
    </message>
    <message>
        <source>share of reflected power</source>
        <translation>Anteil reflektierter Leistung</translation>
    </message>
    <message>
        <source>threshold above the noise floor</source>
        <translation>Schwelle über dem Grundrauschen</translation>
    </message>
    <message>
        <source>power reduction</source>
        <translation>Leistungsverringerung</translation>
    </message>
    <message>
        <source>lost frames allowed per minute</source>
        <translation>erlaubte verlorene Rahmen je Minute</translation>
    </message>
    <message>
        <source>held outputs allowed</source>
        <translation>erlaubte gehaltene Ausgänge</translation>
    </message>
    <message>
        <source>minimum of packets received</source>
        <translation>Mindestanteil empfangener Pakete</translation>
    </message>
    <message>
        <source>fades allowed per antenna and minute</source>
        <translation>erlaubte Aussetzer je Antenne und Minute</translation>
    </message>
    <message>
        <source>usual over open ground, as nothing was flown twice yet</source>
        <translation>üblich über offenem Gelände, da noch nichts zweimal flog</translation>
    </message>
    <message>
        <source>chance of detecting it</source>
        <translation>Chance, es zu erkennen</translation>
    </message>
    <message>
        <source>perfect pointing</source>
        <translation>fehlerfreie Ausrichtung</translation>
    </message>
    <message>
        <source>antennas matched to their channel</source>
        <translation>an den Kanal angepasste Antennen</translation>
    </message>
    <message>
        <source>more heat and interference; keep to the local limit</source>
        <translation>mehr Wärme und Störung; die örtliche Grenze einhalten</translation>
    </message>
    <message>
        <source>narrower beam: point it well, and mind what is above and behind</source>
        <translation>schmalerer Strahl: gut ausrichten und auf oben und hinten achten</translation>
    </message>
    <message>
        <source>keep to the height limit; expect more wind</source>
        <translation>die Höhengrenze einhalten; mit mehr Wind rechnen</translation>
    </message>
    <message>
        <source>guy it; stay clear of power lines</source>
        <translation>abspannen; weg von Stromleitungen</translation>
    </message>
    <message>
        <source>other radios, larger antennas, other rules; the same gains are assumed</source>
        <translation>andere Funkgeräte, größere Antennen, andere Regeln; gleiche Gewinne angenommen</translation>
    </message>
    <message>
        <source>not used</source>
        <translation>nicht benutzt</translation>
    </message>
    <message>
        <source>ground reflection</source>
        <translation>Bodenreflexion</translation>
    </message>
    <message>
        <source>earth curvature</source>
        <translation>Erdkrümmung</translation>
    </message>
    <message>
        <source>oxygen and water vapour</source>
        <translation>Sauerstoff und Wasserdampf</translation>
    </message>
    <message>
        <source>drawn only</source>
        <translation>nur gezeichnet</translation>
    </message>
    <message>
        <source>path through trees</source>
        <translation>Weg durch Bäume</translation>
    </message>
    <message>
        <source>straight outbound</source>
        <translation>gerade hinaus</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keines</translation>
    </message>
    <message>
        <source>another antenna mounting</source>
        <translation>ein anderer Einbau der Antenne</translation>
    </message>
    <message>
        <source>clear of carbon and battery; try it on the ground check</source>
        <translation>weg von Kohlefaser und Akku; auf der Bodenprüfung versuchen</translation>
    </message>
    <message>
        <source>tilt from vertical</source>
        <translation>Neigung gegen die Senkrechte</translation>
    </message>
    <message>
        <source>angle between the arms</source>
        <translation>Winkel zwischen den Armen</translation>
    </message>
    <message>
        <source>substrate permittivity</source>
        <translation>Permittivität des Substrats</translation>
    </message>
    <message>
        <source>dynamic power</source>
        <translation>dynamische Leistung</translation>
    </message>
    <message>
        <source>automatic band</source>
        <translation>automatisches Band</translation>
    </message>
    <message>
        <source>automatic packet rate</source>
        <translation>automatische Paketrate</translation>
    </message>
    <message>
        <source>elevation</source>
        <translation>Elevation</translation>
    </message>
    <message>
        <source>azimuth</source>
        <translation>Azimut</translation>
    </message>
    <message>
        <source>airframe shading</source>
        <translation>Abschattung durch das Fluggerät</translation>
    </message>
    <message>
        <source>Interference check</source>
        <translation>Störungsprüfung</translation>
    </message>
    <message>
        <source>distance between antennas aboard</source>
        <translation>Abstand der Antennen an Bord</translation>
    </message>
    <message>
        <source>distance between antennas at the station</source>
        <translation>Abstand der Antennen an der Station</translation>
    </message>
    <message>
        <source>missing isolation</source>
        <translation>fehlende Entkopplung</translation>
    </message>
    <message>
        <source>or paces</source>
        <translation>oder Schritte</translation>
    </message>
    <message>
        <source>accepted power is 1 minus the squared reflection; the rest is mismatch loss</source>
        <translation>aufgenommene Leistung ist 1 minus Reflexion im Quadrat; der Rest ist Fehlanpassung</translation>
    </message>
    <message>
        <source>every question answered by inspection</source>
        <translation>jede Frage durch Ansehen beantwortet</translation>
    </message>
    <message>
        <source>each claim is converted into the one it implies and compared</source>
        <translation>jede Angabe wird in die umgerechnet, die aus ihr folgt, und verglichen</translation>
    </message>
    <message>
        <source>attenuator and cable are added to the reading; settled is the mean of the last readings</source>
        <translation>Dämpfungsglied und Kabel werden zur Anzeige addiert; eingeschwungen ist das Mittel der letzten Messwerte</translation>
    </message>
    <message>
        <source>the monotonic curve that fits the readings best</source>
        <translation>die monotone Kurve, die den Messwerten am besten folgt</translation>
    </message>
    <message>
        <source>the peak is fitted over the beam; beamwidth and lobes are read from the curve</source>
        <translation>die Spitze wird über den Strahl angepasst; Breite und Keulen kommen von der Kurve</translation>
    </message>
    <message>
        <source>the midpoint between the two offsets where the link fails</source>
        <translation>die Mitte zwischen den beiden Versätzen, bei denen der Link versagt</translation>
    </message>
    <message>
        <source>99 % of the power above the noise floor lies within the occupied bandwidth</source>
        <translation>99 % der Leistung über dem Grundrauschen liegen in der belegten Bandbreite</translation>
    </message>
    <message>
        <source>the mean with one transmitter on minus the mean with all off</source>
        <translation>das Mittel mit einem Sender an minus das Mittel mit allen aus</translation>
    </message>
    <message>
        <source>counters after minus before, per minute, against the limit</source>
        <translation>Zähler nachher minus vorher, je Minute, gegen die Grenze</translation>
    </message>
    <message>
        <source>geometric means of the distances, converted to full power with the path-loss exponent</source>
        <translation>geometrische Mittel der Entfernungen, mit dem Ausbreitungsexponenten auf volle Leistung umgerechnet</translation>
    </message>
    <message>
        <source>the difference of the means against every other assignment of the readings</source>
        <translation>die Differenz der Mittel gegen jede andere Zuordnung der Messwerte</translation>
    </message>
    <message>
        <source>the same in every direction</source>
        <translation>in alle Richtungen gleich</translation>
    </message>
    <message>
        <source>sine current along half a wavelength</source>
        <translation>Sinusstrom auf einer halben Wellenlänge</translation>
    </message>
    <message>
        <source>two quarter-wave arms with sine current</source>
        <translation>zwei Viertelwellenarme mit Sinusstrom</translation>
    </message>
    <message>
        <source>quarter wave with its image in a large plane</source>
        <translation>Viertelwelle mit ihrem Bild in einer großen Fläche</translation>
    </message>
    <message>
        <source>two slots half a wavelength apart in the substrate, above a large plane</source>
        <translation>zwei Schlitze, im Substrat eine halbe Wellenlänge auseinander, über einer großen Fläche</translation>
    </message>
    <message>
        <source>turns as an endfire array with the phase of greatest gain</source>
        <translation>Windungen als Längsstrahler mit der Phase größten Gewinns</translation>
    </message>
    <message>
        <source>a cosine power that gives its gain</source>
        <translation>eine Kosinuspotenz, die ihren Gewinn ergibt</translation>
    </message>
    <message>
        <source>crossed loops, omnidirectional</source>
        <translation>gekreuzte Schleifen, rundum gleich</translation>
    </message>
    <message>
        <source>beam with the stated gain</source>
        <translation>Richtstrahl mit dem angegebenen Gewinn</translation>
    </message>
    <message>
        <source>signal margin</source>
        <translation>Signalreserve</translation>
    </message>
    <message>
        <source>never seen to fail</source>
        <translation>nie beim Versagen gesehen</translation>
    </message>
    <message>
        <source>seldom seen to fail</source>
        <translation>selten beim Versagen gesehen</translation>
    </message>
    <message>
        <source>minimum link quality</source>
        <translation>Mindest-Linkqualität</translation>
    </message>
    <message>
        <source>minimum bitrate</source>
        <translation>Mindest-Bitrate</translation>
    </message>
    <message>
        <source>entered sensitivity</source>
        <translation>eingetragene Empfindlichkeit</translation>
    </message>
    <message>
        <source>flight height</source>
        <translation>Flughöhe</translation>
    </message>
    <message>
        <source>downlink signal</source>
        <translation>Downlink-Signal</translation>
    </message>
    <message>
        <source>downlink quality</source>
        <translation>Downlink-Qualität</translation>
    </message>
    <message>
        <source>downlink SNR</source>
        <translation>Downlink-SNR</translation>
    </message>
    <message>
        <source>RSSI (uncalibrated)</source>
        <translation>RSSI (unkalibriert)</translation>
    </message>
    <message>
        <source>altitude above sea level</source>
        <translation>Höhe über dem Meer</translation>
    </message>
    <message>
        <source>post number</source>
        <translation>Nummer des Pfostens</translation>
    </message>
    <message>
        <source>end reason</source>
        <translation>Grund des Endes</translation>
    </message>
    <message>
        <source>front-to-back ratio against the measurement</source>
        <translation>Vor-Rück-Verhältnis gegen die Messung</translation>
    </message>
    <message>
        <source>signal reading</source>
        <translation>Signalanzeige</translation>
    </message>
    <message>
        <source>minimum picture grade</source>
        <translation>kleinste Bildnote</translation>
    </message>
    <message>
        <source>minimum signal reading</source>
        <translation>kleinste Signalanzeige</translation>
    </message>
    <message>
        <source>signal scale of the receivers</source>
        <translation>Signalskala der Empfänger</translation>
    </message>
    <message>
        <source>no log tells whether it was usable</source>
        <translation>kein Log sagt, ob er nutzbar war</translation>
    </message>
    <message>
        <source>overloaded from</source>
        <translation>übersteuert ab</translation>
    </message>
    <message>
        <source>noise below carrier, per hertz</source>
        <translation>Rauschen unter dem Träger, je Hertz</translation>
    </message>
    <message>
        <source>filter behind the transmitters</source>
        <translation>Filter hinter den Sendern</translation>
    </message>
    <message>
        <source>possible disturbances</source>
        <translation>mögliche Störungen</translation>
    </message>
    <message>
        <source>as it arrives at the receiver</source>
        <translation>wie es am Empfänger ankommt</translation>
    </message>
    <message>
        <source>products, carrier and noise of every transmitter against every receiver at the same end</source>
        <translation>Mischprodukte, Träger und Rauschen jedes Senders gegen jeden Empfänger am selben Ende</translation>
    </message>
    <message>
        <source>reading changes per dB by</source>
        <translation>Wert ändert sich je dB um</translation>
    </message>
    <message>
        <source>What do readings at fixed places say?</source>
        <translation>Was sagen Werte an festen Orten?</translation>
    </message>
    <message>
        <source>readings at fixed places</source>
        <translation>Werte an festen Orten</translation>
    </message>
    <message>
        <source>level that is enough</source>
        <translation>Pegel, der genügt</translation>
    </message>
    <message>
        <source>height of one antenna</source>
        <translation>Höhe der einen Antenne</translation>
    </message>
    <message>
        <source>height of the other</source>
        <translation>Höhe der anderen</translation>
    </message>
    <message>
        <source>spread of places (1σ)</source>
        <translation>Streuung der Orte (1σ)</translation>
    </message>
    <message>
        <source>radio horizon</source>
        <translation>Funkhorizont</translation>
    </message>
    <message>
        <source>reach in half of such places</source>
        <translation>Reichweite an der Hälfte solcher Orte</translation>
    </message>
    <message>
        <source>reach in 95 % of such places</source>
        <translation>Reichweite an 95 % solcher Orte</translation>
    </message>
    <message>
        <source>read</source>
        <translation>gelesen</translation>
    </message>
    <message>
        <source>fitted</source>
        <translation>angepasst</translation>
    </message>
    <message>
        <source>a straight line through the levels over the logarithm of distance</source>
        <translation>eine Gerade durch die Pegel über dem Logarithmus der Entfernung</translation>
    </message>
    <message>
        <source>number of the change</source>
        <translation>Nummer der Änderung</translation>
    </message>
    <message>
        <source>all changes together</source>
        <translation>alle Änderungen zusammen</translation>
    </message>
    <message>
        <source>range, of the first</source>
        <translation>Reichweite, der ersten</translation>
    </message>
</context>
</TS>
