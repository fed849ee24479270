<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE">
<context>
    <name>QObject</name>
    <message>
        <source>open the demo campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>save a picture of each main view to DIR and quit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quit once the campaign is shown and analysed, for timing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far each radio setup carries, and how sure that is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>campaign file or interchange folder to open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 files were named; Distanz opens one at a time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either the demo or a file can be opened, not both</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is not enough memory for so many logs at once; bring them in a few at a time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>station</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Void run %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why does it not count? The run is kept and can be counted again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run is voided only with a reason, so that nobody wonders later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: still lacks %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Said</name>
    <message>
        <source>line %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from &quot;%1&quot; [%2], %3 samples, %4 to %5 %6</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>cli</name>
    <message>
        <source>typical %1; dependable %2; %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ranges, comparisons and warnings of a campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a .distanz file or an interchange folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one JSON object on standard output</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with --json: also what limits each setup, legs, reduced power, paired flights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many threads to use; the answer does not depend on it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring logs into a campaign file, all of them or none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a .distanz file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>logs to import</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>id of the setup that was flown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why the runs ended, e.g. turned-back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name of the flight, for logs recorded at the same time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CHANNEL=COLUMN, correcting how a column is matched</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What a log holds: format, channels, span, faults</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fly a scenario in simulation and write an interchange folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>scenario as JSON</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>folder to write, new or empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>same seed, same flights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Link budget and path loss for given numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e.g. 5.8GHz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e.g. 1km</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e.g. 25mW</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e.g. 2dBi</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e.g. 8dBi</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e.g. 0.5dB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e.g. 60m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e.g. 2m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>path-loss exponent, 2 in free space</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>distance from which the exponent counts, 1m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>earlier flights: a .distanz file or an interchange folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the flight so far</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>id of the setup in the air</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>degrees between the heading and straight away from the station; from the track if left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distanz: how far each radio setup carries, and how sure that is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrote %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 rows, farthest %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run %1: its damaged log was replaced by this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logs removed that no run uses: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 rows, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>EIRP</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free-space loss</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>path loss</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>received</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first Fresnel zone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 at mid-path</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>radio horizon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrote %1 runs to %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>count</name>
    <message numerus="yes">
        <source>%n flights</source>
        <comment>as in: from 3 flights</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n runs</source>
        <comment>as in: 2 of 3 runs</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flights</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more flights</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more pairs of flights</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more pairs</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n times</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more times</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n runs</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n logs</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n setups</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>distanz::app::CompareLanes</name>
    <message>
        <source>Signal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dBm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the place gives or takes, whatever is flown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Link quality</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bitrate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mbit/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dropouts: strokes where the link was below the rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Residuals: what neither flight nor place explains</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Place profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dropouts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Residuals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Analysing ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No run yet: bring logs in at Runs, and they are overlaid here by distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>critical level %1: below it the rule fails</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rule %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no signal to tell places apart by</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::CompareStage</name>
    <message>
        <source>thin: runs   thick: estimate, 95 % band   dot: a flight&apos;s level where it turned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lanes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose which lanes are drawn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Legs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which way of each flight counts; or make the way a setup of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count both ways of every flight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count the ways out only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count the ways back only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare the two ways of %1 as setups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, way out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, way back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run %1: %2%3 dB about the mean of %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show it in Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Void it ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 link</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::FindingsColumn</name>
    <message>
        <source>Void run %1 ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why?</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::ImportDialog</name>
    <message>
        <source>log</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>setup flown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why it ended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>column of the log</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring logs in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. Nothing was imported.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wind, weather, battery, anything odd</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Describe the setup that was flown in Kit first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Columns of %1, as they were recognised: correct what is wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>–  not in this log</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::Importer</name>
    <message>
        <source>The damaged log of run %1 was replaced by this one</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::KitStage</name>
    <message>
        <source>Links, and when each still counts as usable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add control link</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add video link</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Setups to compare: change one thing, hold the rest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add setup</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 more setups are not shown here; compare fewer at a time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to compare yet. Add a setup for each antenna, mounting or power you want to try.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::LanePlot</name>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distanz</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::LegCutter</name>
    <message>
        <source>Legs of the run: way out, turn, way back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drag the edges of the turn. With the keyboard: left and right move its begin, with Shift its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a run above to see how it is cut into way out, turn and way back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>way out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>way back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::LinkCard</name>
    <message>
        <source>%1 link</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aircraft to ground</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ground to aircraft</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frequency</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>5.8 GHz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sensitivity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>-108 dBm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Usable above it by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>0 dB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Least link quality</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>70 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Least bitrate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>8 Mbit/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sensitivity per packet rate or mode, where it changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the %1 link</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sensitivity per packet rate or mode</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>50 Hz: -112 dBm; 150 Hz: -107 dBm</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::MainWindow</name>
    <message>
        <source>&amp;File</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;New campaign ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the &amp;demo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring &amp;logs in ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open an interchange &amp;folder ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save a &amp;copy as ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Export as interchange folder ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save view as &amp;PNG ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save view as &amp;SVG ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save view&apos;s data as &amp;CSV ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light or dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;How Distanz decides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;About Distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is there already, from an earlier time that this folder was opened; the folder may have changed since. Open that file, or move it away and open the folder again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another campaign is being opened; try again when that is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save a copy as ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not on disk yet: the campaign file is busy. It is kept as soon as the file is free.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is the campaign that is open; choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>campaign.distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distanz campaigns (*.distanz)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring logs in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logs (%1);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open an interchange folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export as interchange folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save a copy of the campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> copy.distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A copy was saved as %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A copy was saved as %1, but the logs of these runs could not be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: cannot be written; choose another folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PNG pictures (*.png)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SVG drawings (*.svg)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CSV tables (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How Distanz decides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About Distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Distanz %1&lt;/b&gt;&lt;p&gt;How far each radio setup carries, which is better, and how sure that is.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 – Distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dismiss</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open or make a campaign first; then drop the logs on it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::PathForm</name>
    <message>
        <source>Station latitude</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Station longitude</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Antenna above ground</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Flight height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A post every</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Far post latitude</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Far post longitude</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>or: distance to it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and bearing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Path-loss exponent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>station first</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::PathView</name>
    <message>
        <source>The path from above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No path yet: enter the far post, or its distance and bearing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No path yet: enter where the station is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>station</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>far post</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from above; outward bearing %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::PlanStage</name>
    <message>
        <source>Predicted signal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dBm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clearance over flat ground with earth bulge: ray and first Fresnel zone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter transmit power and antenna gains in Kit to see a prediction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 link: critical level %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the far post to see the clearance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the station and the far post to see the clearance</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::RangeRule</name>
    <message>
        <source>Range rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The path as a ruler, with a bar per setup. Left and right arrows pick a distance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click to pick a distance everywhere. Hollow: predicted. Hatched: flown. Solid: dependable, fading over its 95 % interval. Diamond: typical, with its 95 % interval.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dependable, 95 % interval</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typical, 95 % interval</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each setup gets a bar here once it is described in Kit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>station</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not flown yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at least %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::ReadoutStrip</name>
    <message>
        <source>Readings at the picked distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click a distance, here or on the rule below, to read every setup off there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean of all runs at %1, within %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not flown here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dBm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mbit/s</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::RunTable</name>
    <message>
        <source>way out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>way back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>setup</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>flight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why it ended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reduced by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>farthest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dropouts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lost at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>regained at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order must be a whole number from 1: the place of this run in the session.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reduced by: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::RunsStage</name>
    <message>
        <source>Void ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring logs in ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>or drop logs anywhere on the window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the run but do not count it, with a reason; or count it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run %1: distance over time%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, turn moved by hand</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::SetupCard</name>
    <message>
        <source>Name of this setup</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What differs from the others</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove setup %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>link</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transmit power</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transmit antenna</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cable loss there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>receive antenna</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>power control</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Transmit power</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>250 mW</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Transmit antenna gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2 dBi</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Transmit cable loss</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>0.5 dB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Receive antenna gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>8 dBi</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Receive cable loss</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>automatic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The transmitter chooses its power: without a power column in its log, a run cannot be compared</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::StageInfo</name>
    <message>
        <source>Kit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::StartView</name>
    <message>
        <source>How far does it carry?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fly each setup over the same measured path, bring the logs in, and Distanz tells how far each one carries, which is better, and how sure that is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New campaign ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the demo: Mirren canal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The demo&apos;s flights are simulated with a fixed seed; people, places and gear are made up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recent campaigns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None yet. A campaign is one file; it is saved as you work.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>distanz::app::Workspace</name>
    <message>
        <source>What matters here</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>finding</name>
    <message>
        <source>{where}{what} is {value:short}; it must lie within {low:short} to {high:short}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{where}{what} is {value:short}; it must be a number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{where} names {kind} &quot;{id}&quot;, which is not in this campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a {kind} has an id of over {most} bytes; shorten it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a {kind} has no id; give it one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{kind} &quot;{id}&quot; occurs twice; rename one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>link &quot;{link}&quot;: mode {mode} occurs twice; give each mode one sensitivity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>link &quot;{link}&quot;: a link&apos;s id must not hold a dot; rename it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run &quot;{run_id}&quot;: the turn must begin before it ends</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>distance from station to far post is {length:.0}; it must lie within {low:.0} to {high:.0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{count} {list} are more than the {most} a campaign may have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{count} points are more than the {most} a path may have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{name} is {value:short}; it must lie within {low:short} to {high:short}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>start_m must lie {least} or more before farthest_m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>power steps must be given and above 0 mW</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the scenario has no level for setup &quot;{setup}&quot; on link &quot;{link}&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a scenario has at most {most} flights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the scenario has physics for link &quot;{link}&quot;, which the campaign does not have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the flights make {samples:.3g} samples, more than {most:.3g}; sample more rarely, or fly less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{better_name} is better than {worse}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{a} and {b}: no practical difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Their ranges are within {threshold} of each other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{a} or {b}: cannot tell yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{a} or {b}: nothing to compare yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The flights do not hold enough to compare them. Fly each setup over the same path, far enough for the signal to fall.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{pairs:pairs-more}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They are in the data of this view (CSV) and in the command line&apos;s answer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each was flown once, so nothing can be said about repeatability.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{name} is {chance:likely} the longer one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its range is {ratio:.2} times as long (95 %: {ratio.low:.2} to {ratio.high:.2}), {delta:.1} stronger (95 %: {delta.low:#.1} to {delta.high:#.1}){paired}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its range is {ratio:.2} times as long (95 %: {ratio.low:.2} to {ratio.high:.2}){paired}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is {delta:.1} stronger (95 %: {delta.low:#.1} to {delta.high:#.1}){paired}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, from {flights:flights-from} with both aboard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is {chance:likely} more than {threshold} longer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Taken together with the other pairs, this one is not quite certain.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup} is then limited by its {link} link, at {distance}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More than {most} further pairs of flights would be needed: the difference, if any, is too small to settle by flying.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About {flights:flights-more} with both aboard should tell.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About {pairs:flight-pairs-more} should tell.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the {link} link: {a} {a_flights:flights}, {b} {b_flights:flights}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both listened in the same {flights:flights-from}: day and place cancel, so only these count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compared place by place over the path both flew, so hills and holes cancel.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They share no stretch of path: only their ranges are compared.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Flights of one setup differ by {sd:.1} (sd).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Flights of one setup differ by {sd:.1} (sd), assumed: each was flown once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, {exponent.low:.2} to {exponent.high:.2}), so {delta:.1} is {gain:.0} of range.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chance that {setup} carries further: {chance:chance}; by over {threshold}: {chance_more:chance}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup}: not flown yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fly {name} over the path to learn its range.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup}: dependable to {told}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Typical range {typical}; dependable {dependable}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup}: dependable to at least {told}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup}: dependable range not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{range} (95 %: {range.span})</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{range} (95 %: {range.span}; beyond what was flown)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at least {range}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at least {range} ({sure:.0} sure)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {link} link limits it: {part} fails first, at {level:.0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {link} link was looked at.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {link} link would carry {factor:.2} times as far (95 %: {factor.low:.2} to {factor.high:.2}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which of the two limits is not certain.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {link} link carries farther than was flown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far its {link} link carries is not known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the {link} link, from {flights:flights-from}; farthest {farthest}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {part} rule fails at {level:.1} (sd {sd:.1}, seen in flight).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {part} rule fails at {level:.1} (from the kit).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After {first} the next to fail would be {second}, {later:.1} later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The signal falls by {slope:.0} per factor 10 of distance (exponent {exponent:.2}, {exponent.low:.2} to {exponent.high:.2}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A new flight over another {stretch} stretch differs by {sd:.1} (sd), {flight_sd:.1} of it from flight to flight: {share:.0} of them still hold at the dependable range, half at the typical one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{run}: {off:+.1} about the mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup}: {difference:.1} weaker on the way back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the same flights over the same places (95 %: {difference.low:#.1} to {difference.high:.1}, {flights:flights}): the airframe shades one way. Split the setup by leg (Legs, above the lanes) to see what each way is worth, or try another mounting.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup}: {difference:.1} stronger on the way back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the turn the signal changes by {change:+.1} (mean over flights).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup}: regained {gap} nearer than lost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{name} lost its {link} link at {lost} going out and had it back at {regained} coming home, {gap} nearer ({flights:flights}, medians).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup} at {reduction:.0} less power: {reduced}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{name} on the {link} link. At full power that stands for {full} (95 %: {full.span}), if the signal goes on falling alike: {factor:.1} times as far, not the {power:.0} times that the power is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No flight here tells how the signal falls, so an exponent of {exponent:.1} ± {sd:.1} is assumed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>10^({reduction:.1} / (10 n)) = {factor:.2} (95 %: {factor.low:.2} to {factor.high:.2}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Typical range at reduced power {reduced} (95 %: {reduced.span}), from {flights:flights-from}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The stretch at {distance} costs everyone {cost:.0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the {link} link, whatever is flown: look there for trees, sheds or a dip, or fly higher.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>until the quality fails on the way out, but no farther than rules, plan and battery allow, and only with the way home made sure: its return on a lost link tested, its height set clear of everything. Where that is nearer, the answer will be &quot;at least&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fly the first pair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring in one log of each setup, flown over the same path, to see a first answer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fly {name}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This setup has no run that counts yet. Fly it over the same path, in turns with the others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fly {setup} {more:times-more}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{name} was flown {flown:times}. Three flights each, in turns, make the intervals useful.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fly {more:flights-more} with {a} and {b} aboard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both listening at once, as before, {how}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fly {more:pairs-more} of {a} and {b}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In turns, over the same path and at the same height, {how} With both listening in one flight, fewer would do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter the receiver&apos;s sensitivity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without a critical level no range can be told. Or fly {how}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan with {setup} to {told}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{name} has the longest dependable range.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{name} is told farthest: it was dependable at least so far. How much more it carries, only a longer flight shows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To cover the far post ({distance}) as dependably, its {link} link needs {more:.1} more: power, antenna or height.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{power:.0} more on its {link} link would be worth {gain:.0} of range.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Analysing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The verdict appears here in a moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {link} link was never seen failing, and its sensitivity is not known, so no range can be told. Enter the receiver&apos;s sensitivity in Kit, or fly until the quality falls.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {link} link was hardly seen failing its {part} rule, so its range rests on the {rests_on} alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run} has too little usable signal on the {link} link (it needs three {stretch} stretches beyond {beyond} above the receiver&apos;s floor) and does not count there. Fly farther.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the {link} link some flights share no stretch of path with the others and are compared by their ranges only. Fly every setup over the same path.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setups:setups} were flown on the {link} link: each is compared with the strongest ({strongest}) only. Compare fewer at a time to see them against each other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the {link} link the gap between {a} and {b} changes with distance by {change:+.1} per factor 10: one figure does not describe it. Compare them near the far end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup} was flown at {reduction:.0} less power on the {link} link, but where it fails then is not known yet. Go on until the link quality falls, or enter the receiver&apos;s sensitivity.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run} does not count on the {link} link: {why}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run}: the {link} transmit power changed in flight ({low} to {high}). Its signal is referred to {reference}{unknown}. Better switch automatic power off and fly it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; {share:.0} of its rows, whose power is not known, are left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run} was flown with {flown} on the {link} link, but the kit says {kit}: its signal is referred to that ({shift:+.1}). If the kit is wrong, correct it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run}: {why}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run} was stopped by a limit built into the equipment: its end says nothing about the radio.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Setup {setup} was flown once: nothing can be said about how repeatable it is. Fly it at least twice more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All flights of {a} came before or after all of {b}: a drift of the day would look like a difference. Fly them in turns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run} changed packet rate or mode in flight on the {link} link ({modes}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter the sensitivity of each mode in Kit, or fly in one mode: until then its critical level is uncertain.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its range is told for the most sensitive of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Flights of {setup} had different {link} transmit powers ({low} and {high}), and the kit does not say which is meant: their levels are not referred to one. Enter the power in Kit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not all flights used the same packet rate or mode on the {link} link.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter the sensitivity of each in Kit, or fly all in one: a mode changes the range like an antenna does.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Levels are compared as margin above each mode&apos;s sensitivity, so a difference may be the mode&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the {link} link, flights of one setup differ by {sd:.1} (sd): more than a day usually gives. Farthest off is run {run} ({off:+.1}). Look for a loose connector, another antenna direction or automatic power; if you find it, void the run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run} lies {off:.1} from the other flights of its setup on the {link} link. If you know why, void it with the reason; it counts until then.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the {link} link the signal does not fall with distance, so no range can be told from it. Fly farther, or check the signal column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the {link} link the signal falls with an unusual exponent ({exponent:.1}). Check the distances and the signal column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All flights ended at about {distance} with signal in hand on the {link} link: a limit, not the radio. How they compare in dB still holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beyond about {distance} the ground reflection makes the {link} signal fall faster, and no flight went there: the typical range is likely shorter than the line says.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run} is the same flight as run {other}. It is counted once; remove the copy or choose the right log.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the same flight as run {other}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>voided: {reason}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {link} transmitter chooses its power by itself and the log does not tell which</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{link} was on {flown:.0}, another band than the campaign&apos;s {campaign:.0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{share:.0} of it lies more than {aside} beside this campaign&apos;s path: a flight over another path belongs in a campaign of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the log has no signal, link quality or bitrate of any link in this campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{link}: {margin:.0} above the critical level at {distance}; {then}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{link}: {margin:.0} below the critical level at {distance}; {then}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{part} is below the rule now: turn back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dependable for {dependable}, typical for {typical}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>past the dependable range, typical for {typical}: turn back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>past the typical range: turn back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{distance} more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all the way home</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That lies beyond anything flown: trust it only to there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No earlier flight of this setup counts; told from this one alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cancelled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not a file; choose a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not a folder; choose the folder that holds campaign.json</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is larger than {most} MB; cut it into single flights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be read: {reason}; {advice}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be written: {reason}; {advice}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be made: {reason}; choose another place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is there already; choose another name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is there already; open it, or choose another name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is there already and not an empty folder; choose a new one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SHA-256 could not be computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was written, but the disk does not confirm that it would outlast a power cut; check the disk and save a copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the log &quot;{log}&quot; is not inside the folder; put it beside campaign.json</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the keys kept for other versions are damaged; restore a copy of the campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{where}: {keys} is not known to this version; it is kept but not used</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not JSON that can be read; check the brackets, commas, quotes and letters there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds something this version cannot read; check it against docs/file-format.md</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is nested too deeply, over {most} levels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is larger than {most} MB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds a number too large to be kept; correct it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be a JSON object</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be an object</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{keys}: must be objects by link and by setup</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be a list [ ]</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be a text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; is longer than {most} bytes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be a number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be true or false</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be a whole number from {low} to {high}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; is &quot;{value}&quot;; it must be one of {known}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; has more than {most} entries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has &quot;{short_form}&quot; beside &quot;{whole}&quot;; keep one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must lie within {low} to {high}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; must be at least {least}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{key}&quot; is not a known reason</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is written in form {form}; this version reads form {known}; update Distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was moved or deleted while it was open; save a copy of the campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was left half written by a program that was stopped; copy it, with the -journal or -wal file beside it, to a folder of yours and open it there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the disk is full; free some space and try again (nothing was changed)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be written: file, folder or disk is read-only; copy the campaign to a folder of yours (nothing was changed)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be opened; check that the folder exists and may be written to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be opened: no permission; check the file&apos;s permissions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not a Distanz campaign; choose a .distanz file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not a file; choose a .distanz file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is damaged or cut short; restore a copy of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is in use by another program; wait for that to finish, or close it, and try again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>could not be read or written; check the disk and its free space (nothing was changed)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot hold a log this large; cut it into single flights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs more memory than there is; close other programs and try again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds something that takes for ever to read; restore a copy of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>could not be used ({reason}); restore a copy of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds something that cannot be read; restore a copy of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>could not be used: {reason}; check the disk and the folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no longer there; save a copy of the campaign, or put the file back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was emptied by another program; save a copy of the campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another file lies in its place now; save a copy of the campaign under another name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an older copy, or another campaign, was written over it; save a copy of the campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was brought up to date by a newer version of Distanz meanwhile; open it again to look at it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was written by a newer version of Distanz (schema {schema}); it can be looked at but not changed here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was opened for reading only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>file or folder is read-only; copy the campaign to a folder of yours to change it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is an SQLite file but not a Distanz campaign; choose a .distanz file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has no schema version; restore a copy of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its tables were changed by hand or are not a campaign&apos;s; restore a copy of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds more than any campaign; restore a copy of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {kind} in its table is damaged; restore a copy of the campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is open in a program; close it there, or choose another name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is damaged and cannot be brought up to date; restore a copy of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no copy of it could be made</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{what} is damaged; restore a copy of the campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>samples could not be compressed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the stored samples are damaged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the log is damaged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the log of run {run} is missing from the campaign file; import it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the log of run {run} is damaged in the campaign file; import it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this log is in the campaign already, as run {run_id}; the same flight must not count twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the history is damaged and this step cannot be taken back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this step no longer fits the campaign; another program changed the same part since</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another program changed the same part meanwhile; what it made of it is shown now, so look and enter yours again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another program changed it meanwhile, and now {fault}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another program removed setup {setup} meanwhile; choose another for {log}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the system gives no random numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the demo needs room for temporary files; free some space and try again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{option}: no such setup in this campaign; add it first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{option}: {why}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{option}: is no reason for an end; the reasons are: {words}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>--map {text}: write CHANNEL=COLUMN, e.g. --map rssi_dbm=RSSI</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{ending}&quot; is not a format that can be written; end the name in .csv, .gpx, .kml, .geojson or .distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an interchange folder becomes a campaign file; end its name in .distanz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing can be advised from it: it needs a signal beyond 80 m on a link whose critical level is known; enter the receiver&apos;s sensitivity, or fly a setup until its quality fails first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{what} jumps about: {wrong} of {known} positions cannot be reached at {speed:.0}; leave the position columns out or give a distance column instead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{wrong} of {known} positions jump out of reach and are left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>GNSS never had a fix: all {rows} positions are 0/0 or off the globe; wait for a fix before flying, or give a distance column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{rows} rows have no GNSS fix (0/0) and are left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the log holds no position: match a latitude and a longitude, or a distance column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the position never changes ({distance:.0} in all {rows} rows): this log does not show a flight along the path; check which columns are position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the log holds coordinates, but no path is planned yet: set the station and the far post first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{share:.0} of the flight is more than {aside} beside the path</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the file is empty; choose the log that the recorder wrote</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the file is UTF-16 text; save it as UTF-8 and try again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is a binary file, not a table of text; export the log as CSV and try again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no row names the columns; add a first line such as time_s,distance_m,rssi_dbm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line {line} holds numbers, but no row before it names the columns; add a first line such as time_s,distance_m,rssi_dbm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line {line} is {megabytes} MB long; this is not a table of samples</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a line is {megabytes} MB long; this is not a table of samples</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the file has column names but no rows; choose the log that the recorder wrote</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no line holds a JSON object; check that the right file was chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{channel} was to come from column &quot;{column}&quot;, which this log does not have; its columns are: {columns}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a channel; the channels are: {channels}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{rows} rows of {columns} columns are more than the {most} million values a log may have; cut it into single flights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>most rows are blank or far shorter than the columns would have them; check that the right file was chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the campaign has no link yet, so signal columns cannot be told apart; add a link in Kit first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no log</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no column is recognised as time (the log has: {columns}); match one to time_s by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no column is recognised as signal, link quality or bitrate (the log has: {columns}); match one by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{channel} is {value} in every row: the recorder did not measure it; match another column to it, or leave it out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the columns for signal, link quality and bitrate hold no number; match other columns by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing measured ever changes: all values of signal, link quality and bitrate are equal; check that the right log was chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line {line}: time runs backwards, from {from:.3} to {to:.3} after the first row; cut the file there if it holds two flights, or match another time column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no row has a readable time; match another column to time_s by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time never advances: every row has the same time; match another column to time_s by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the log holds no GNSS position, so there is no track to write; write CSV instead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{rows} rows repeat the row before and are counted once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the column matched to {channel} holds no number and is left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{fields} fields hold text where a number belongs and count as blank</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{rows} rows have no readable time and are left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the clock ticks slower than rows come; rows of one tick are spread evenly over it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Describe two setups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what differs between them. A comparison changes one thing and holds the rest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name the setups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By what is flown, so that a verdict reads as what it is: &quot;Six-turn helix is better&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter the {link} receiver&apos;s sensitivity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without it, range can only be told once the link was seen failing in flight.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Setup {setup} has no transmit power on the {link} link: nothing is predicted for it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The kit is described</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next: set the station and the far post in Plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Never power a transmitter without its antenna or load. Power and EIRP limits are your country&apos;s: check them; Distanz is no authority.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the station</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where you stand and the ground antenna is. Path and distances are seen from there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the far post</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By its coordinates, or by distance and bearing from the station. Everything after hangs on this path.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The path is clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{share} of the first Fresnel zone is free all the way at {frequency}. Closest at {distance}: the ray has {ray:.1}, {needed:.1} are needed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Too low for the far end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At {distance} from the station the ray has {ray:.1} where {needed:.1} are needed ({share} of the first Fresnel zone). Clear up to {clear_to}. Fly higher or raise the antenna.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At {distance} from the station the ray has {ray:.1} where {needed:.1} are needed ({share} of the first Fresnel zone). Clear nowhere. Fly higher or raise the antenna.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{setup} is predicted to reach {range} on the {link} link, with exponent {exponent}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use the flown exponent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The flights so far give {exponent:.2} (95 %: {exponent.low:.2} to {exponent.high:.2}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Radio horizon {horizon}. Beyond {breakpoint} the ground reflection makes the signal fall faster.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep sight of the aircraft or an observer where the rules ask for it. Test failsafe and return before any range run; set the return height above obstacles.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring in the first logs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One log per run, as a table or as JSON lines. Time, a position or distance, and signal, link quality or bitrate are enough; units are read from the column names.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{used} of {runs:runs-of} count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Double-click a cell to change it. Way out, turn and way back are cut apart automatically; drag the edges to move them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two setups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>names of setups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a station</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a path</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>runs of {setup}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two setups flown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{what}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add setup {setup}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add {link} link</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change {field}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename setup {setup}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Describe setup {setup}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the {link} link</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove setup {setup} and its runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change sensitivity per mode</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change power control</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split {setup} by leg</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count both ways</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count the ways out only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count the ways back only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move the turn of run {run}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove run {run}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change {field} of run {run}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Void run {run}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count run {run} again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import {log}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import {logs:logs}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing was entered; type for example {example}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a number; type for example {example}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not understood; type for example {example}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a bare number is wanted here, not &quot;{text}&quot;; type for example {example}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is not a unit known here; type for example {example}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>power must be above zero; type for example {example}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these do not add up; enter one value; type for example {example}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the number is too large; type for example {example}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{value:short} is outside {low:short} to {high:short}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write the share of full power like 1/30</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{text}&quot;: write each mode with its sensitivity, like 50: -112 dBm; 150: -107 dBm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{text}&quot;: a mode is a number from 0 to {most}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mode {mode} stands there twice; give each mode one sensitivity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{text}&quot;: say which link was reduced, like {link} 20 dB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{text}&quot; is {reduction:.1} below full power; it must lie above 0 and up to {most:.0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{what} does not hold: this is a fault of the program; please report it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run {run}: {fault}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{file}: {fault}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run {run}: {text}.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>quantity</name>
    <message>
        <source>no limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to no upper limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>possibly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>almost certainly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>very likely</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>likely</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more likely than not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as likely as not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probably not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>under %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>term</name>
    <message>
        <source>its link quality</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its bitrate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its signal margin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quality</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bitrate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>margin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quality rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bitrate rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sensitivity you entered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>GNSS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the distance column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check that it is still there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free some space and try again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check the permissions, or choose another folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose a shorter name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check the disk, or choose another folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>link lost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quality limit reached</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turned back by choice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>battery</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>legal or site limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>obstacle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aircraft trouble</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limit built into the equipment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frequency</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sensitivity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least link quality</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least bitrate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transmit power</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transmit antenna gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transmit cable loss</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>receive antenna gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>receive cable loss</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>station latitude</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>station longitude</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>antenna height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>distance of the far post</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bearing of the far post</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>height of the flight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spacing of posts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>far post latitude</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>far post longitude</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>path-loss exponent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>setup</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>flight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why it ended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reduced power</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>notes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
</TS>
