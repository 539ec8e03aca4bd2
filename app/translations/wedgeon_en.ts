<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>DistanceText</name>
    <message numerus="yes">
        <source>%n pace(s)</source>
        <translation>
            <numerusform>%n pace</numerusform>
            <numerusform>%n paces</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>HistoryWords</name>
    <message numerus="yes">
        <source>%n times</source>
        <translation>
            <numerusform>%n time</numerusform>
            <numerusform>%n times</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n week(s)</source>
        <translation>
            <numerusform>%n week</numerusform>
            <numerusform>%n weeks</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 on %n day(s).</source>
        <translation>
            <numerusform>%1 on %n day.</numerusform>
            <numerusform>%1 on %n days.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>TrainWords</name>
    <message numerus="yes">
        <source>%1: cannot tell yet, hit %n more.</source>
        <translation>
            <numerusform>%1: cannot tell yet, hit %n more.</numerusform>
            <numerusform>%1: cannot tell yet, hit %n more.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n strike(s) with full effort today: enough for a day.</source>
        <translation>
            <numerusform>%n strike with full effort today: enough for a day.</numerusform>
            <numerusform>%n strikes with full effort today: enough for a day.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 of %2 steep strikes off a mat or hard ground: a pause of %n minute(s) is due.</source>
        <translation>
            <numerusform>%1 of %2 steep strikes off a mat or hard ground: a pause of %n minute is due.</numerusform>
            <numerusform>%1 of %2 steep strikes off a mat or hard ground: a pause of %n minutes is due.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Units</name>
    <message numerus="yes">
        <source>%n shot(s)</source>
        <translation>
            <numerusform>%n shot</numerusform>
            <numerusform>%n shots</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::AttachmentStrip</name>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>%n more</numerusform>
            <numerusform>%n more</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::CausePage</name>
    <message numerus="yes">
        <source>%n shot(s) left out: nothing was read of them, or another player&apos;s.</source>
        <translation>
            <numerusform>%n shot left out: nothing was read of it, or another player&apos;s.</numerusform>
            <numerusform>%n shots left out: nothing was read of them, or another player&apos;s.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::ExplainView</name>
    <message numerus="yes">
        <source>%n shot(s) left out: no reading, or no club data.</source>
        <translation>
            <numerusform>%n shot left out: no reading, or no club data.</numerusform>
            <numerusform>%n shots left out: no reading, or no club data.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::ImportFlow</name>
    <message numerus="yes">
        <source> %n cell(s) or row(s) were not taken.</source>
        <translation>
            <numerusform> One cell or row was not taken.</numerusform>
            <numerusform> %n cells or rows were not taken.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n file(s) with a trouble.</source>
        <translation>
            <numerusform>One file with a trouble.</numerusform>
            <numerusform>%n files with a trouble.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::LeftOutDrawing</name>
    <message numerus="yes">
        <source>, beside %n misread(s)</source>
        <translation>
            <numerusform>, beside %n misread</numerusform>
            <numerusform>, beside %n misreads</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::LiveLink</name>
    <message numerus="yes">
        <source>; %n line(s) skipped</source>
        <translation>
            <numerusform>; %n line skipped</numerusform>
            <numerusform>; %n lines skipped</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::LogbookTroubles</name>
    <message numerus="yes">
        <source> %n change(s) wait.</source>
        <translation>
            <numerusform> One change waits.</numerusform>
            <numerusform> %n changes wait.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::MainWindow</name>
    <message numerus="yes">
        <source>%n picture(s) or clip(s) attached to %1.</source>
        <translation>
            <numerusform>%n picture or clip attached to %1.</numerusform>
            <numerusform>%n pictures or clips attached to %1.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::PlanDialog</name>
    <message numerus="yes">
        <source>%n session(s) saved to %1.</source>
        <translation>
            <numerusform>%n session saved to %1.</numerusform>
            <numerusform>%n sessions saved to %1.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::RefusalsDialog</name>
    <message numerus="yes">
        <source>%n cell(s) were not taken. The rest of their rows was.</source>
        <translation>
            <numerusform>One cell was not taken. The rest of its row was.</numerusform>
            <numerusform>%n cells were not taken. The rest of their rows was.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::RestoreDialog</name>
    <message numerus="yes">
        <source>%1 in %n session(s)</source>
        <translation>
            <numerusform>%1 in one session</numerusform>
            <numerusform>%1 in %n sessions</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::SaveViewDialog</name>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation>
            <numerusform>one page</numerusform>
            <numerusform>%n pages</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n page(s) were printed.</source>
        <translation>
            <numerusform>One page was printed.</numerusform>
            <numerusform>%n pages were printed.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::SeenBar</name>
    <message numerus="yes">
        <source>there are %n swings</source>
        <translation>
            <numerusform>there is one swing</numerusform>
            <numerusform>there are %n swings</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::ShapeView</name>
    <message numerus="yes">
        <source>%n recipe(s) from %1 are among yours now.</source>
        <translation>
            <numerusform>One recipe from %1 is among yours now.</numerusform>
            <numerusform>%n recipes from %1 are among yours now.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::ShotLog</name>
    <message numerus="yes">
        <source>The logbook was copied, but %n of its pictures and clips were not there to copy.</source>
        <translation>
            <numerusform>The logbook was copied, but %n of its pictures and clips was not there to copy.</numerusform>
            <numerusform>The logbook was copied, but %n of its pictures and clips were not there to copy.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>attach %n picture(s) or clip(s)</source>
        <translation>
            <numerusform>attach %n picture or clip</numerusform>
            <numerusform>attach %n pictures or clips</numerusform>
        </translation>
    </message>
</context>
</TS>
