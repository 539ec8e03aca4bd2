<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Bench</name>
    <message>
        <source>ordinary pitch</source>
        <translation>normaler Pitch</translation>
    </message>
</context>
<context>
    <name>CauseWords</name>
    <message>
        <source>No fault</source>
        <translation>Kein Fehler</translation>
    </message>
    <message>
        <source>such shots come of this set-up, this lie and this ground</source>
        <translation>solche Schläge folgen aus diesem Setup, dieser Lage und diesem Boden</translation>
    </message>
    <message>
        <source>Change the plan, not the swing.</source>
        <translation>Den Plan ändern, nicht den Schwung.</translation>
    </message>
    <message>
        <source>Clubhead passes the hands</source>
        <translation>Schlägerkopf überholt die Hände</translation>
    </message>
    <message>
        <source>the clubhead passes the hands before the ball</source>
        <translation>der Schlägerkopf überholt die Hände vor dem Ball</translation>
    </message>
    <message>
        <source>Handle past the lead thigh before the ball.</source>
        <translation>Griff vor dem Ball am vorderen Oberschenkel vorbei.</translation>
    </message>
    <message>
        <source>Hip-high swings that stop with the shaft no higher than the hands.</source>
        <translation>Hüfthohe Schwünge, die enden, wenn der Schaft nicht höher ist als die Hände.</translation>
    </message>
    <message>
        <source>Low point behind the ball</source>
        <translation>Tiefpunkt hinter dem Ball</translation>
    </message>
    <message>
        <source>the swing is at its lowest too far back</source>
        <translation>der Schwung ist zu weit hinten am tiefsten</translation>
    </message>
    <message>
        <source>Let the turf be met at the ball or after it.</source>
        <translation>Den Rasen am Ball oder danach treffen lassen.</translation>
    </message>
    <message>
        <source>Draw a line in the turf and brush it, without a ball; then with one.</source>
        <translation>Eine Linie in den Rasen ziehen und sie bürsten, erst ohne Ball, dann mit.</translation>
    </message>
    <message>
        <source>Speed lost before the ball</source>
        <translation>Tempo vor dem Ball verloren</translation>
    </message>
    <message>
        <source>the club slows down before the ball</source>
        <translation>der Schläger wird vor dem Ball langsamer</translation>
    </message>
    <message>
        <source>Shorter back, and through at least as far.</source>
        <translation>Kürzer ausholen und mindestens so weit durch.</translation>
    </message>
    <message>
        <source>Short backswings to the same carry: let the finish be the longer part.</source>
        <translation>Kurze Rückschwünge auf denselben Carry: Das Finish ist der längere Teil.</translation>
    </message>
    <message>
        <source>Too steep</source>
        <translation>Zu steil</translation>
    </message>
    <message>
        <source>the club comes down too steeply</source>
        <translation>der Schläger kommt zu steil herunter</translation>
    </message>
    <message>
        <source>A wider swing that brushes instead of digging.</source>
        <translation>Ein weiterer Schwung, der bürstet statt gräbt.</translation>
    </message>
    <message>
        <source>Brush the turf ten times, no more than grass taken; then with a ball.</source>
        <translation>Zehnmal den Rasen bürsten, nicht mehr als Gras nehmen; dann mit Ball.</translation>
    </message>
    <message>
        <source>Opened too far</source>
        <translation>Zu weit geöffnet</translation>
    </message>
    <message>
        <source>the face is opened farther than it is meant to be</source>
        <translation>die Schlagfläche ist weiter geöffnet als gewollt</translation>
    </message>
    <message>
        <source>Set the face by the toe&apos;s hour, then grip.</source>
        <translation>Die Schlagfläche nach der Uhr der Spitze stellen, dann greifen.</translation>
    </message>
    <message>
        <source>Open by a half, one, one and a half hours in turn, called before the grip.</source>
        <translation>Der Reihe nach um eine halbe, eine ganze, anderthalb Stunden öffnen, vor dem Greifen angesagt.</translation>
    </message>
    <message>
        <source>Ball too far forward</source>
        <translation>Ball zu weit vorn</translation>
    </message>
    <message>
        <source>the ball lies too far forward</source>
        <translation>der Ball liegt zu weit vorn</translation>
    </message>
    <message>
        <source>Ball back to its place; feet last.</source>
        <translation>Ball zurück an seinen Platz; die Füße zuletzt.</translation>
    </message>
    <message>
        <source>A stick at the ball and one at the toes, for ten balls.</source>
        <translation>Ein Stab am Ball, einer an den Zehen, zehn Bälle lang.</translation>
    </message>
    <message>
        <source>Ball too far back</source>
        <translation>Ball zu weit hinten</translation>
    </message>
    <message>
        <source>the ball lies too far back</source>
        <translation>der Ball liegt zu weit hinten</translation>
    </message>
    <message>
        <source>Ball forward to its place; feet last.</source>
        <translation>Ball nach vorn an seinen Platz; die Füße zuletzt.</translation>
    </message>
    <message>
        <source>Weight stays back</source>
        <translation>Gewicht bleibt hinten</translation>
    </message>
    <message>
        <source>the weight stays on the trail foot</source>
        <translation>das Gewicht bleibt auf dem hinteren Fuß</translation>
    </message>
    <message>
        <source>Weight on the lead foot from the start, and left there.</source>
        <translation>Gewicht von Anfang an auf dem vorderen Fuß, und dort lassen.</translation>
    </message>
    <message>
        <source>Trail heel off the ground for ten balls.</source>
        <translation>Hintere Ferse in der Luft, zehn Bälle lang.</translation>
    </message>
    <message>
        <source>Handle comes up</source>
        <translation>Griff kommt hoch</translation>
    </message>
    <message>
        <source>the hands come up before the ball</source>
        <translation>die Hände kommen vor dem Ball hoch</translation>
    </message>
    <message>
        <source>Keep the chest over the ball until it has gone.</source>
        <translation>Die Brust über dem Ball lassen, bis er weg ist.</translation>
    </message>
    <message>
        <source>Brush two tees in front of each other in one swing.</source>
        <translation>Zwei Tees hintereinander in einem Schwung bürsten.</translation>
    </message>
    <message>
        <source>Face turned over</source>
        <translation>Schlagfläche zugedreht</translation>
    </message>
    <message>
        <source>the face turns over before the ball</source>
        <translation>die Schlagfläche dreht vor dem Ball zu</translation>
    </message>
    <message>
        <source>Hold the face up after the ball.</source>
        <translation>Die Schlagfläche nach dem Ball oben halten.</translation>
    </message>
    <message>
        <source>Hip-high finishes with the face to the sky, through a start gate.</source>
        <translation>Hüfthohe Finishs mit der Schlagfläche zum Himmel, durch ein Starttor.</translation>
    </message>
    <message>
        <source>Grass at the heel</source>
        <translation>Gras an der Ferse</translation>
    </message>
    <message>
        <source>the grass catches the heel and shuts the face</source>
        <translation>das Gras greift die Ferse und schließt die Schlagfläche</translation>
    </message>
    <message>
        <source>Open a little and hold firmer out of such grass.</source>
        <translation>Aus solchem Gras etwas öffnen und fester greifen.</translation>
    </message>
    <message>
        <source>From this grass and from short grass in turn.</source>
        <translation>Abwechselnd aus diesem und aus kurzem Gras.</translation>
    </message>
    <message>
        <source>Worn, wet or dirty face</source>
        <translation>Schlagfläche abgenutzt, nass oder schmutzig</translation>
    </message>
    <message>
        <source>the face grips less than was said</source>
        <translation>die Schlagfläche greift weniger als angegeben</translation>
    </message>
    <message>
        <source>Clean and dry the grooves, or say in the strip what they are.</source>
        <translation>Rillen säubern und trocknen, oder in der Leiste sagen, wie sie sind.</translation>
    </message>
    <message>
        <source>Another ball</source>
        <translation>Anderer Ball</translation>
    </message>
    <message>
        <source>the ball is a harder one than was said</source>
        <translation>der Ball ist härter als angegeben</translation>
    </message>
    <message>
        <source>Hit the ball that is played, or say in the strip which it is.</source>
        <translation>Den Ball schlagen, der gespielt wird, oder in der Leiste sagen, welcher es ist.</translation>
    </message>
    <message>
        <source>More grass than said</source>
        <translation>Mehr Gras als angegeben</translation>
    </message>
    <message>
        <source>more grass gets between than was said</source>
        <translation>es kommt mehr Gras dazwischen als angegeben</translation>
    </message>
    <message>
        <source>Read the lie again with a practice swing beside the ball.</source>
        <translation>Die Lage noch einmal lesen, mit einem Probeschwung neben dem Ball.</translation>
    </message>
    <message>
        <source>Harder ground than said</source>
        <translation>Härterer Boden als angegeben</translation>
    </message>
    <message>
        <source>the ground is harder and faster than was said</source>
        <translation>der Boden ist härter und schneller als angegeben</translation>
    </message>
    <message>
        <source>Land it shorter; say in the strip how the green is.</source>
        <translation>Kürzer landen lassen; in der Leiste sagen, wie das Grün ist.</translation>
    </message>
    <message>
        <source>Device misreads</source>
        <translation>Gerät misst falsch</translation>
    </message>
    <message>
        <source>the device reads wrong</source>
        <translation>das Gerät misst falsch</translation>
    </message>
    <message>
        <source>Set the device up again before anything is changed.</source>
        <translation>Erst das Gerät neu aufstellen, bevor etwas geändert wird.</translation>
    </message>
    <message>
        <source>Something else</source>
        <translation>Etwas anderes</translation>
    </message>
    <message>
        <source>none of these alone: something else, or two at once</source>
        <translation>keins davon allein: etwas anderes, oder zwei zugleich</translation>
    </message>
    <message>
        <source>Look before anything is changed.</source>
        <translation>Hinsehen, bevor etwas geändert wird.</translation>
    </message>
    <message>
        <source>too high</source>
        <translation>zu hoch</translation>
    </message>
    <message>
        <source>too low</source>
        <translation>zu flach</translation>
    </message>
    <message>
        <source>runs on</source>
        <translation>rollt weiter</translation>
    </message>
    <message>
        <source>stops dead</source>
        <translation>bleibt liegen</translation>
    </message>
    <message>
        <source>short</source>
        <translation>zu kurz</translation>
    </message>
    <message>
        <source>long</source>
        <translation>zu lang</translation>
    </message>
    <message>
        <source>fat</source>
        <translation>fett</translation>
    </message>
    <message>
        <source>thin</source>
        <translation>dünn</translation>
    </message>
    <message>
        <source>starts left</source>
        <translation>startet links</translation>
    </message>
    <message>
        <source>starts right</source>
        <translation>startet rechts</translation>
    </message>
    <message>
        <source>curves left</source>
        <translation>kurvt links</translation>
    </message>
    <message>
        <source>curves right</source>
        <translation>kurvt rechts</translation>
    </message>
    <message>
        <source>Film one swing from face-on: where is the shaft at the ball?</source>
        <translation>Einen Schwung von vorn filmen: Wo ist der Schaft am Ball?</translation>
    </message>
    <message>
        <source>Lay a stick down at the ball: where is it in the stance?</source>
        <translation>Einen Stab an den Ball legen: Wo liegt er im Stand?</translation>
    </message>
    <message>
        <source>Look down at the leading edge before the grip: how far is it open?</source>
        <translation>Vor dem Greifen auf die Vorderkante sehen: Wie weit ist sie offen?</translation>
    </message>
    <message>
        <source>Have a line brushed without a ball: where does the brush begin?</source>
        <translation>Eine Linie ohne Ball bürsten lassen: Wo beginnt die Spur?</translation>
    </message>
    <message>
        <source>Film one swing from behind: do the hands come up?</source>
        <translation>Einen Schwung von hinten filmen: Kommen die Hände hoch?</translation>
    </message>
    <message>
        <source>Film the face from above: how far has it turned at the ball?</source>
        <translation>Die Schlagfläche von oben filmen: Wie weit hat sie am Ball gedreht?</translation>
    </message>
    <message>
        <source>Measure the club&apos;s speed of three swings.</source>
        <translation>Das Tempo des Schlägers bei drei Schwüngen messen.</translation>
    </message>
    <message>
        <source>Three balls with another wedge of this loft, its face fresh and dry.</source>
        <translation>Drei Bälle mit einem anderen Wedge dieses Lofts, Schlagfläche frisch und trocken.</translation>
    </message>
    <message>
        <source>Three of the balls that are played, new ones.</source>
        <translation>Drei von den Bällen, die gespielt werden, neue.</translation>
    </message>
    <message>
        <source>Three balls off a low tee.</source>
        <translation>Drei Bälle vom niedrigen Tee.</translation>
    </message>
    <message>
        <source>Three balls to another green.</source>
        <translation>Drei Bälle auf ein anderes Grün.</translation>
    </message>
    <message>
        <source>Pace three balls off, and hold their height against the flagstick.</source>
        <translation>Drei Bälle abschreiten und ihre Höhe an den Fahnenstock halten.</translation>
    </message>
    <message>
        <source>in</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>almost surely</source>
        <translation>fast sicher</translation>
    </message>
    <message>
        <source>nine in ten</source>
        <translation>neun von zehn</translation>
    </message>
    <message>
        <source>four in five</source>
        <translation>vier von fünf</translation>
    </message>
    <message>
        <source>three in four</source>
        <translation>drei von vier</translation>
    </message>
    <message>
        <source>two in three</source>
        <translation>zwei von drei</translation>
    </message>
    <message>
        <source>three in five</source>
        <translation>drei von fünf</translation>
    </message>
    <message>
        <source>one in two</source>
        <translation>eins von zwei</translation>
    </message>
    <message>
        <source>two in five</source>
        <translation>zwei von fünf</translation>
    </message>
    <message>
        <source>one in three</source>
        <translation>eins von drei</translation>
    </message>
    <message>
        <source>one in four</source>
        <translation>eins von vier</translation>
    </message>
    <message>
        <source>one in five</source>
        <translation>eins von fünf</translation>
    </message>
    <message>
        <source>one in seven</source>
        <translation>eins von sieben</translation>
    </message>
    <message>
        <source>one in ten</source>
        <translation>eins von zehn</translation>
    </message>
    <message>
        <source>one in twenty</source>
        <translation>eins von zwanzig</translation>
    </message>
    <message>
        <source>hardly</source>
        <translation>kaum</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>curve</source>
        <translation>Kurve</translation>
    </message>
    <message>
        <source>strike</source>
        <translation>Treffer</translation>
    </message>
    <message>
        <source>turf</source>
        <translation>Rasen</translation>
    </message>
    <message>
        <source>where the turf is met</source>
        <translation>wo der Rasen getroffen wird</translation>
    </message>
    <message>
        <source>which bounce bit</source>
        <translation>welcher Aufsprung beißt</translation>
    </message>
    <message>
        <source>the club is %1 faster</source>
        <translation>der Schläger ist %1 schneller</translation>
    </message>
    <message>
        <source>the club is %1 slower</source>
        <translation>der Schläger ist %1 langsamer</translation>
    </message>
    <message>
        <source>the shaft leans %1 more</source>
        <translation>der Schaft neigt sich %1 mehr</translation>
    </message>
    <message>
        <source>the shaft leans %1 less</source>
        <translation>der Schaft neigt sich %1 weniger</translation>
    </message>
    <message>
        <source>the face is %1 farther open</source>
        <translation>die Schlagfläche ist %1 weiter offen</translation>
    </message>
    <message>
        <source>the face is %1 less open</source>
        <translation>die Schlagfläche ist %1 weniger offen</translation>
    </message>
    <message>
        <source>the ball is %1 farther forward</source>
        <translation>der Ball liegt %1 weiter vorn</translation>
    </message>
    <message>
        <source>the ball is %1 farther back</source>
        <translation>der Ball liegt %1 weiter hinten</translation>
    </message>
    <message>
        <source>the low point is %1 farther forward</source>
        <translation>der Tiefpunkt liegt %1 weiter vorn</translation>
    </message>
    <message>
        <source>the low point is %1 farther back</source>
        <translation>der Tiefpunkt liegt %1 weiter hinten</translation>
    </message>
    <message>
        <source>the sole goes %1 deeper</source>
        <translation>die Sohle geht %1 tiefer</translation>
    </message>
    <message>
        <source>the sole goes %1 less deep</source>
        <translation>die Sohle geht %1 weniger tief</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>the attack is %1 shallower</source>
        <translation>der Eintreffwinkel ist %1 flacher</translation>
    </message>
    <message>
        <source>the attack is %1 steeper</source>
        <translation>der Eintreffwinkel ist %1 steiler</translation>
    </message>
    <message>
        <source>the path is %1 more to the right</source>
        <translation>die Schwungbahn geht %1 mehr nach rechts</translation>
    </message>
    <message>
        <source>the path is %1 more to the left</source>
        <translation>die Schwungbahn geht %1 mehr nach links</translation>
    </message>
    <message>
        <source>the face turns %1 more open</source>
        <translation>die Schlagfläche dreht %1 mehr auf</translation>
    </message>
    <message>
        <source>the face turns %1 more shut</source>
        <translation>die Schlagfläche dreht %1 mehr zu</translation>
    </message>
    <message>
        <source>the hands are %1 higher</source>
        <translation>die Hände sind %1 höher</translation>
    </message>
    <message>
        <source>the hands are %1 lower</source>
        <translation>die Hände sind %1 tiefer</translation>
    </message>
    <message>
        <source>the face grips %1 more</source>
        <translation>die Schlagfläche greift %1 mehr</translation>
    </message>
    <message>
        <source>the face grips %1 less</source>
        <translation>die Schlagfläche greift %1 weniger</translation>
    </message>
    <message>
        <source>more grass gets between</source>
        <translation>es kommt mehr Gras dazwischen</translation>
    </message>
    <message>
        <source>less grass gets between</source>
        <translation>es kommt weniger Gras dazwischen</translation>
    </message>
    <message>
        <source>the ground is %1 firmer</source>
        <translation>der Boden ist %1 fester</translation>
    </message>
    <message>
        <source>the ground is %1 softer</source>
        <translation>der Boden ist %1 weicher</translation>
    </message>
    <message>
        <source>the green is %1 faster</source>
        <translation>das Grün ist %1 schneller</translation>
    </message>
    <message>
        <source>the green is %1 slower</source>
        <translation>das Grün ist %1 langsamer</translation>
    </message>
    <message>
        <source>the device reads %1 too much loft</source>
        <translation>das Gerät misst %1 zu viel Loft</translation>
    </message>
    <message>
        <source>the device reads %1 too little loft</source>
        <translation>das Gerät misst %1 zu wenig Loft</translation>
    </message>
    <message>
        <source>the device reads the attack %1 too shallow</source>
        <translation>das Gerät misst den Eintreffwinkel %1 zu flach</translation>
    </message>
    <message>
        <source>the device reads the attack %1 too steep</source>
        <translation>das Gerät misst den Eintreffwinkel %1 zu steil</translation>
    </message>
    <message>
        <source>the device reads %1 too much launch</source>
        <translation>das Gerät misst %1 zu viel Abflug</translation>
    </message>
    <message>
        <source>the device reads %1 too little launch</source>
        <translation>das Gerät misst %1 zu wenig Abflug</translation>
    </message>
    <message>
        <source>the device reads %1 too much ball speed</source>
        <translation>das Gerät misst %1 zu viel Balltempo</translation>
    </message>
    <message>
        <source>the device reads %1 too little ball speed</source>
        <translation>das Gerät misst %1 zu wenig Balltempo</translation>
    </message>
    <message>
        <source>the device reads %1 too much spin</source>
        <translation>das Gerät misst %1 zu viel Spin</translation>
    </message>
    <message>
        <source>the device reads %1 too little spin</source>
        <translation>das Gerät misst %1 zu wenig Spin</translation>
    </message>
    <message>
        <source>%1 in 10</source>
        <translation>%1 von 10</translation>
    </message>
    <message>
        <source>If %1 than usual, or even farther, it is this: %2 (%3); if not, rather: %4.</source>
        <translation>Wenn %1 als sonst, oder noch weiter, dann ist es das: %2 (%3); wenn nicht, eher: %4.</translation>
    </message>
    <message>
        <source>If %1 is still above %2, it is this: %3 (%4); if not, rather: %5.</source>
        <translation>Liegt %1 noch über %2, dann ist es das: %3 (%4); wenn nicht, eher: %5.</translation>
    </message>
    <message>
        <source>If %1 is still below %2, it is this: %3 (%4); if not, rather: %5.</source>
        <translation>Liegt %1 noch unter %2, dann ist es das: %3 (%4); wenn nicht, eher: %5.</translation>
    </message>
    <message>
        <source>That brings %1.</source>
        <translation>Das bringt %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>lands %1 shorter</source>
        <translation>landet %1 kürzer</translation>
    </message>
    <message>
        <source>lands %1 farther</source>
        <translation>landet %1 weiter</translation>
    </message>
    <message>
        <source>runs %1 less</source>
        <translation>rollt %1 weniger</translation>
    </message>
    <message>
        <source>runs %1 farther</source>
        <translation>rollt %1 weiter</translation>
    </message>
    <message>
        <source>With this lie and face such a shot %1 than off short grass, whoever hits it.</source>
        <translation>Mit dieser Lage und Schlagfläche: ein solcher Schlag %1 als aus kurzem Gras, wer immer ihn schlägt.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
</context>
<context>
    <name>Cautions</name>
    <message>
        <source>Steep strikes into mats, hard or frozen ground load wrists, elbows and back: few, spaced, and stop at pain. Pain or injury belongs to a licensed clinician.</source>
        <translation>Steile Schläge in Matten, harten oder gefrorenen Boden belasten Handgelenke, Ellbogen und Rücken: wenige, mit Pausen, und bei Schmerz aufhören. Schmerz oder Verletzung gehört zu einem zugelassenen Arzt oder Therapeuten.</translation>
    </message>
    <message>
        <source>A high lofted shot that is struck thin flies low and fast: nobody ahead of or beside the swing; indoors a proper net with clearance. Range rules come first.</source>
        <translation>Ein hoher Schlag, der dünn getroffen wird, fliegt flach und schnell: Niemand steht vor oder neben dem Schwung; drinnen ein richtiges Netz mit Abstand. Platzregeln gehen vor.</translation>
    </message>
    <message>
        <source>Wet ground: firm footing first, above all on a slope.</source>
        <translation>Nasser Boden: zuerst fester Stand, vor allem am Hang.</translation>
    </message>
</context>
<context>
    <name>Chart</name>
    <message>
        <source>not said</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>others</source>
        <translation>andere</translation>
    </message>
    <message>
        <source>None of the shown shots has a measured %1%2.</source>
        <translation>Keiner der gezeigten Schläge hat gemessen: %1%2.</translation>
    </message>
    <message>
        <source> and %1</source>
        <translation> und %1</translation>
    </message>
    <message>
        <source>%1 of %2: %3%4 in the middle, the lowest %5, the highest %6.</source>
        <translation>%1 von %2: %3%4 in der Mitte, der niedrigste %5, der höchste %6.</translation>
    </message>
    <message>
        <source>%1 of %2: %3%4 in the middle, 80 in 100 between %5 and %6.</source>
        <translation>%1 von %2: %3%4 in der Mitte, 80 von 100 zwischen %5 und %6.</translation>
    </message>
    <message>
        <source>%1 %2 (%3)</source>
        <translation>%1 %2 (%3)</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source> Within a group, by ranks, they go together by %1 (%2 to %3).</source>
        <translation> Innerhalb einer Gruppe gehen sie, nach Rängen, mit %1 zusammen (%2 bis %3).</translation>
    </message>
    <message>
        <source> Within a wedge and swing, by ranks, they go together by %1 (%2 to %3).</source>
        <translation> Innerhalb von Wedge und Schwung gehen sie, nach Rängen, mit %1 zusammen (%2 bis %3).</translation>
    </message>
    <message>
        <source> %1 set aside, not counted.</source>
        <translation> %1 beiseitegelegt, nicht gezählt.</translation>
    </message>
    <message>
        <source> %1 without a reading.</source>
        <translation> %1 ohne Messwert.</translation>
    </message>
</context>
<context>
    <name>DistanceText</name>
    <message>
        <source>paces</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>ft</source>
        <translation>ft</translation>
    </message>
    <message numerus="yes">
        <source>%n pace(s)</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Drills</name>
    <message>
        <source>Brush the turf</source>
        <translation>Den Rasen bürsten</translation>
    </message>
    <message>
        <source>the club meets the turf at the ball and leaves it whole</source>
        <translation>der Schläger trifft den Rasen am Ball und lässt ihn ganz</translation>
    </message>
    <message>
        <source>Brush the grass under the ball</source>
        <translation>Das Gras unter dem Ball bürsten</translation>
    </message>
    <message>
        <source>Landing spot</source>
        <translation>Landepunkt</translation>
    </message>
    <message>
        <source>where it lands and where it rests, both</source>
        <translation>wo er landet und wo er liegen bleibt, beides</translation>
    </message>
    <message>
        <source>Land it at %1, to rest at %2</source>
        <translation>Bei %1 landen, bei %2 liegen bleiben</translation>
    </message>
    <message>
        <source>Launch window</source>
        <translation>Abflugfenster</translation>
    </message>
    <message>
        <source>low enough to spin, high enough to stop: today&apos;s window for this speed, ball and face</source>
        <translation>flach genug für Spin, hoch genug zum Halten: das Fenster von heute für dieses Tempo, diesen Ball und diese Schlagfläche</translation>
    </message>
    <message>
        <source>Start it between %1 and %2</source>
        <translation>Zwischen %1 und %2 starten</translation>
    </message>
    <message>
        <source>Short back, full through</source>
        <translation>Kurz zurück, ganz durch</translation>
    </message>
    <message>
        <source>speed comes from the way through, not from the way back</source>
        <translation>das Tempo kommt aus dem Weg nach vorn, nicht aus dem Rückschwung</translation>
    </message>
    <message>
        <source>Back no farther than %1, as fast as the longer swing: note the follow-through as a tag</source>
        <translation>Nicht weiter zurück als %1, so schnell wie der längere Schwung: den Durchschwung als Stichwort notieren</translation>
    </message>
    <message>
        <source>Three heights, one wedge</source>
        <translation>Drei Höhen, ein Wedge</translation>
    </message>
    <message>
        <source>the same distance low, in the middle and high; each before the next</source>
        <translation>dieselbe Länge flach, mittel und hoch; eins nach dem anderen</translation>
    </message>
    <message>
        <source>Low, to land at %1</source>
        <translation>Flach, Landung bei %1</translation>
    </message>
    <message>
        <source>In the middle, to land at %1</source>
        <translation>Mittel, Landung bei %1</translation>
    </message>
    <message>
        <source>High, to land at %1</source>
        <translation>Hoch, Landung bei %1</translation>
    </message>
    <message>
        <source>One technique, the lofts in the bag</source>
        <translation>Eine Technik, die Lofts im Bag</translation>
    </message>
    <message>
        <source>the same swing every time; the loft makes the difference</source>
        <translation>jedes Mal derselbe Schwung; den Unterschied macht der Loft</translation>
    </message>
    <message>
        <source>%1, to land at %2</source>
        <translation>%1, Landung bei %2</translation>
    </message>
    <message>
        <source>Rungs by chance</source>
        <translation>Sprossen nach dem Los</translation>
    </message>
    <message>
        <source>every swing of the ladder, never the same twice by habit</source>
        <translation>jeder Schwung der Leiter, nie zweimal derselbe aus Gewohnheit</translation>
    </message>
    <message>
        <source>Distance by feel</source>
        <translation>Länge nach Gefühl</translation>
    </message>
    <message>
        <source>numbers between the rungs: the swing is found, not counted</source>
        <translation>Zahlen zwischen den Sprossen: Der Schwung wird gefunden, nicht gezählt</translation>
    </message>
    <message>
        <source>Land it at %1</source>
        <translation>Bei %1 landen</translation>
    </message>
    <message>
        <source>Spin window</source>
        <translation>Spinfenster</translation>
    </message>
    <message>
        <source>the strike that this ball and face give</source>
        <translation>der Treffer, den dieser Ball und diese Schlagfläche hergeben</translation>
    </message>
    <message>
        <source>Spin it between %1 and %2</source>
        <translation>Spin zwischen %1 und %2</translation>
    </message>
    <message>
        <source>Opening by degrees</source>
        <translation>Öffnen in Stufen</translation>
    </message>
    <message>
        <source>each step has to stop sooner and still hold its distance before the next</source>
        <translation>jede Stufe muss früher stehen und ihre Länge halten, bevor die nächste kommt</translation>
    </message>
    <message>
        <source>Toe at %1, to land at %2</source>
        <translation>Spitze auf %1, Landung bei %2</translation>
    </message>
    <message>
        <source>Toe at %1 and across, to land at %2</source>
        <translation>Spitze auf %1 und quer, Landung bei %2</translation>
    </message>
    <message>
        <source>Declare, then hit</source>
        <translation>Ansagen, dann schlagen</translation>
    </message>
    <message>
        <source>said before it is hit: shot, landing spot and swing; what the ground did is not counted</source>
        <translation>vorher gesagt: Schlag, Landepunkt und Schwung; was der Boden tat, zählt nicht</translation>
    </message>
    <message>
        <source>Say it, then hit it so</source>
        <translation>Ansagen, dann so schlagen</translation>
    </message>
</context>
<context>
    <name>HistoryWords</name>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>twice</source>
        <translation>zweimal</translation>
    </message>
    <message>
        <source>three times</source>
        <translation>dreimal</translation>
    </message>
    <message>
        <source>four times</source>
        <translation>viermal</translation>
    </message>
    <message>
        <source>five times</source>
        <translation>fünfmal</translation>
    </message>
    <message>
        <source>six times</source>
        <translation>sechsmal</translation>
    </message>
    <message numerus="yes">
        <source>%n times</source>
        <translation>
            <numerusform>%n Mal</numerusform>
            <numerusform>%n Mal</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n week(s)</source>
        <translation>
            <numerusform>%n Woche</numerusform>
            <numerusform>%n Wochen</numerusform>
        </translation>
    </message>
    <message>
        <source>clean strikes</source>
        <translation>saubere Treffer</translation>
    </message>
    <message>
        <source>no swing noted</source>
        <translation>kein Schwung notiert</translation>
    </message>
    <message>
        <source>All wedges and swings (%1)</source>
        <translation>Alle Wedges und Schwünge (%1)</translation>
    </message>
    <message>
        <source>%1 from here</source>
        <translation>ab hier %1</translation>
    </message>
    <message>
        <source>another %1</source>
        <translation>ein anderer %1</translation>
    </message>
    <message>
        <source>mostly %1 from here</source>
        <translation>ab hier meist %1</translation>
    </message>
    <message>
        <source>tuned anew</source>
        <translation>neu abgestimmt</translation>
    </message>
    <message>
        <source>trial: %1</source>
        <translation>Versuch: %1</translation>
    </message>
    <message>
        <source>lesson noted</source>
        <translation>Stunde notiert</translation>
    </message>
    <message>
        <source>Struck clean</source>
        <translation>Sauber getroffen</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>%1 (%2 to %3) in %4</source>
        <translation>%1 (%2 bis %3) in %4</translation>
    </message>
    <message>
        <source>%1 (%2 to %3) since then</source>
        <translation>%1 (%2 bis %3) seitdem</translation>
    </message>
    <message>
        <source>%1 drifts: %2.</source>
        <translation>%1 verschiebt sich: %2.</translation>
    </message>
    <message>
        <source>%1 is getting lost: not hit since %2.</source>
        <translation>%1 geht verloren: nicht geschlagen seit %2.</translation>
    </message>
    <message>
        <source>%1 is getting lost: not hit since %2, while %3 is learnt.</source>
        <translation>%1 geht verloren: nicht geschlagen seit %2, während %3 gelernt wird.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>%1 scatters farther than it did: a shot strays %2 from its day&apos;s middle, %3 before.</source>
        <translation>%1 streut weiter als zuvor: Ein Schlag weicht %2 von der Mitte seines Tages ab, vorher %3.</translation>
    </message>
    <message>
        <source>%1 carries %2 than it did (%3 to %4).</source>
        <translation>%1 fliegt %2 als zuvor (%3 bis %4).</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>%1 weiter</translation>
    </message>
    <message>
        <source>%1 shorter</source>
        <translation>%1 kürzer</translation>
    </message>
    <message numerus="yes">
        <source>%1 on %n day(s).</source>
        <translation>
            <numerusform>%1 an %n Tag.</numerusform>
            <numerusform>%1 an %n Tagen.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 set aside.</source>
        <translation>%1 beiseitegelegt.</translation>
    </message>
    <message>
        <source>%1 without a day.</source>
        <translation>%1 ohne Tag.</translation>
    </message>
    <message>
        <source>A day counts as one: its ground and its device move all of its shots. Intervals hold 80 of 100; of a player who changes nothing something is said to drift in at most 10 of 100.</source>
        <translation>Ein Tag zählt einmal: Sein Boden und sein Gerät verschieben alle seine Schläge. Intervalle halten 80 von 100; von einem Spieler, der nichts ändert, wird in höchstens 10 von 100 gesagt, dass sich etwas verschiebt.</translation>
    </message>
    <message>
        <source>low shot</source>
        <translation>flacher Schlag</translation>
    </message>
    <message>
        <source>middle shot</source>
        <translation>mittlerer Schlag</translation>
    </message>
    <message>
        <source>high shot</source>
        <translation>hoher Schlag</translation>
    </message>
    <message>
        <source>shot from sand</source>
        <translation>Schlag aus dem Sand</translation>
    </message>
    <message>
        <source>putt from off the green</source>
        <translation>Putt von neben dem Grün</translation>
    </message>
    <message>
        <source>inside two metres</source>
        <translation>innerhalb von zwei Metern</translation>
    </message>
    <message>
        <source>on the green</source>
        <translation>auf dem Grün</translation>
    </message>
    <message>
        <source>short-sided</source>
        <translation>kurze Seite</translation>
    </message>
    <message>
        <source>missed the green</source>
        <translation>Grün verfehlt</translation>
    </message>
    <message>
        <source>all of them %1</source>
        <translation>alle %1</translation>
    </message>
    <message>
        <source>%1 of them %2</source>
        <translation>davon %1 %2</translation>
    </message>
    <message>
        <source>%1 needed %2: %3.</source>
        <translation>%1 brauchten %2: %3.</translation>
    </message>
    <message>
        <source>On the course: %1, %2</source>
        <translation>Auf dem Platz: %1, %2</translation>
    </message>
    <message>
        <source>Trial: %1</source>
        <translation>Versuch: %1</translation>
    </message>
    <message>
        <source>Caution shown: %1</source>
        <translation>Hinweis gezeigt: %1</translation>
    </message>
    <message>
        <source>Stopped for pain: %1</source>
        <translation>Wegen Schmerz aufgehört: %1</translation>
    </message>
</context>
<context>
    <name>Keys</name>
    <message>
        <source>unit?</source>
        <translation>Einheit?</translation>
    </message>
    <message>
        <source>too fast</source>
        <translation>zu schnell</translation>
    </message>
    <message>
        <source>spin?</source>
        <translation>Spin?</translation>
    </message>
    <message>
        <source>twice</source>
        <translation>doppelt</translation>
    </message>
    <message>
        <source>frozen</source>
        <translation>eingefroren</translation>
    </message>
    <message>
        <source>estimated</source>
        <translation>geschätzt</translation>
    </message>
    <message>
        <source>fat?</source>
        <translation>fett?</translation>
    </message>
    <message>
        <source>thin?</source>
        <translation>dünn?</translation>
    </message>
    <message>
        <source>off centre?</source>
        <translation>neben der Mitte?</translation>
    </message>
    <message>
        <source>damaged</source>
        <translation>beschädigt</translation>
    </message>
    <message>
        <source>outlier</source>
        <translation>Ausreißer</translation>
    </message>
    <message>
        <source>another kind?</source>
        <translation>andere Art?</translation>
    </message>
    <message>
        <source>by the coach</source>
        <translation>vom Trainer</translation>
    </message>
    <message>
        <source>fat</source>
        <translation>fett</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>thin</source>
        <translation>dünn</translation>
    </message>
    <message>
        <source>toe</source>
        <translation>Spitze</translation>
    </message>
    <message>
        <source>heel</source>
        <translation>Ferse</translation>
    </message>
</context>
<context>
    <name>LieWords</name>
    <message>
        <source>soft after rain</source>
        <translation>weich nach Regen</translation>
    </message>
    <message>
        <source>a little soft</source>
        <translation>etwas weich</translation>
    </message>
    <message>
        <source>ordinary</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>firm</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>hard and dry</source>
        <translation>hart und trocken</translation>
    </message>
    <message>
        <source>no grass against the ball</source>
        <translation>kein Gras am Ball</translation>
    </message>
    <message>
        <source>a quarter up the ball</source>
        <translation>ein Viertel des Balls</translation>
    </message>
    <message>
        <source>half up the ball</source>
        <translation>halb am Ball</translation>
    </message>
    <message>
        <source>over the ball</source>
        <translation>über dem Ball</translation>
    </message>
    <message>
        <source>straw</source>
        <translation>strohig</translation>
    </message>
    <message>
        <source>pale</source>
        <translation>blass</translation>
    </message>
    <message>
        <source>green</source>
        <translation>grün</translation>
    </message>
    <message>
        <source>lush</source>
        <translation>saftig</translation>
    </message>
    <message>
        <source>with the swing</source>
        <translation>mit dem Schwung</translation>
    </message>
    <message>
        <source>against it</source>
        <translation>dagegen</translation>
    </message>
    <message>
        <source>across, away from the player</source>
        <translation>quer, vom Spieler weg</translation>
    </message>
    <message>
        <source>across, toward the player</source>
        <translation>quer, zum Spieler hin</translation>
    </message>
    <message>
        <source>on bare ground</source>
        <translation>auf nacktem Boden</translation>
    </message>
    <message>
        <source>level</source>
        <translation>eben</translation>
    </message>
    <message>
        <source>up</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>perched</source>
        <translation>aufgesetzt</translation>
    </message>
    <message>
        <source>down</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>dry to the hand</source>
        <translation>trocken an der Hand</translation>
    </message>
    <message>
        <source>wet to the hand</source>
        <translation>nass an der Hand</translation>
    </message>
    <message>
        <source>went through freely</source>
        <translation>ging frei durch</translation>
    </message>
    <message>
        <source>brushed</source>
        <translation>bürstete</translation>
    </message>
    <message>
        <source>was grabbed</source>
        <translation>wurde gepackt</translation>
    </message>
    <message>
        <source>dug in</source>
        <translation>grub sich ein</translation>
    </message>
    <message>
        <source>Grass between %1 % (%2 to %3). The club keeps its speed.</source>
        <translation>Gras dazwischen %1 % (%2 bis %3). Der Schläger behält sein Tempo.</translation>
    </message>
    <message>
        <source>Grass between %1 % (%2 to %3). The club keeps %4 to %5 % of its speed.</source>
        <translation>Gras dazwischen %1 % (%2 bis %3). Der Schläger behält %4 bis %5 % seines Tempos.</translation>
    </message>
</context>
<context>
    <name>PlanText</name>
    <message>
        <source>rolled</source>
        <translation>gerollt</translation>
    </message>
    <message>
        <source>for run: as some teach, longer through than back</source>
        <translation>für Roll: wie manche lehren, weiter durch als zurück</translation>
    </message>
    <message>
        <source>for spin: as some teach, longer back than through</source>
        <translation>für Spin: wie manche lehren, weiter zurück als durch</translation>
    </message>
    <message>
        <source>some carry, some run: as far through as back</source>
        <translation>etwas Carry, etwas Roll: so weit durch wie zurück</translation>
    </message>
    <message>
        <source>Low: by the rule about half of the way is carry; here %1 %.</source>
        <translation>Flach: nach der Regel ist etwa die Hälfte des Wegs Carry; hier %1 %.</translation>
    </message>
    <message>
        <source>Middle: by the rule two thirds of the way are carry; here %1 %.</source>
        <translation>Mittel: nach der Regel sind zwei Drittel des Wegs Carry; hier %1 %.</translation>
    </message>
    <message>
        <source>High: by the rule most of the way is carry; here %1 %.</source>
        <translation>Hoch: nach der Regel ist das meiste des Wegs Carry; hier %1 %.</translation>
    </message>
    <message>
        <source>One ball farther back: by the rule a few degrees lower; here %1.</source>
        <translation>Ein Ball weiter hinten: nach der Regel ein paar Grad flacher; hier %1.</translation>
    </message>
    <message>
        <source>Heavy grass: by the rule a longer swing; from lush, half-down grass %1 % more speed for the same carry.</source>
        <translation>Dichtes Gras: nach der Regel ein längerer Schwung; aus saftigem, halb liegendem Gras %1 % mehr Tempo für denselben Carry.</translation>
    </message>
</context>
<context>
    <name>QFileDialog</name>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>%1 file</source>
        <translation>%1-Datei</translation>
    </message>
</context>
<context>
    <name>Quantities</name>
    <message>
        <source>Face opened</source>
        <translation>Schlagfläche geöffnet</translation>
    </message>
    <message>
        <source>Shaft lean</source>
        <translation>Schaftneigung</translation>
    </message>
    <message>
        <source>Ball forward</source>
        <translation>Ball vorn</translation>
    </message>
    <message>
        <source>balls</source>
        <translation>Bälle</translation>
    </message>
    <message>
        <source>Weight on lead</source>
        <translation>Gewicht vorn</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>Swing radius</source>
        <translation>Schwungradius</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>Club speed</source>
        <translation>Schlägertempo</translation>
    </message>
    <message>
        <source>Stand farther</source>
        <translation>Weiter weg stehen</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>Handle raised</source>
        <translation>Griff angehoben</translation>
    </message>
    <message>
        <source>Grip down</source>
        <translation>Tiefer gegriffen</translation>
    </message>
    <message>
        <source>Shoulder line</source>
        <translation>Schulterlinie</translation>
    </message>
    <message>
        <source>lands right</source>
        <translation>landet rechts</translation>
    </message>
    <message>
        <source>rests right</source>
        <translation>liegt rechts</translation>
    </message>
    <message>
        <source>Loft</source>
        <translation>Loft</translation>
    </message>
    <message>
        <source>loft</source>
        <translation>Loft</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Attack angle</source>
        <translation>Eintreffwinkel</translation>
    </message>
    <message>
        <source>attack</source>
        <translation>Eintreffen</translation>
    </message>
    <message>
        <source>Club path</source>
        <translation>Schwungbahn</translation>
    </message>
    <message>
        <source>path</source>
        <translation>Bahn</translation>
    </message>
    <message>
        <source>Face angle</source>
        <translation>Schlagflächenwinkel</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>Dynamic loft</source>
        <translation>Dynamischer Loft</translation>
    </message>
    <message>
        <source>dynamic loft</source>
        <translation>dyn. Loft</translation>
    </message>
    <message>
        <source>Spin loft</source>
        <translation>Spin-Loft</translation>
    </message>
    <message>
        <source>spin loft</source>
        <translation>Spin-Loft</translation>
    </message>
    <message>
        <source>Ball speed</source>
        <translation>Balltempo</translation>
    </message>
    <message>
        <source>ball speed</source>
        <translation>Balltempo</translation>
    </message>
    <message>
        <source>Launch angle</source>
        <translation>Abflugwinkel</translation>
    </message>
    <message>
        <source>launch</source>
        <translation>Abflug</translation>
    </message>
    <message>
        <source>Launch direction</source>
        <translation>Startrichtung</translation>
    </message>
    <message>
        <source>direction</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>Spin rate</source>
        <translation>Spinrate</translation>
    </message>
    <message>
        <source>spin</source>
        <translation>Spin</translation>
    </message>
    <message>
        <source>Spin axis</source>
        <translation>Spinachse</translation>
    </message>
    <message>
        <source>spin axis</source>
        <translation>Spinachse</translation>
    </message>
    <message>
        <source>Carry</source>
        <translation>Carry</translation>
    </message>
    <message>
        <source>carry</source>
        <translation>Carry</translation>
    </message>
    <message>
        <source>Apex</source>
        <translation>Scheitel</translation>
    </message>
    <message>
        <source>apex</source>
        <translation>Scheitel</translation>
    </message>
    <message>
        <source>Landing angle</source>
        <translation>Landewinkel</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>Landung</translation>
    </message>
    <message>
        <source>Release</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>release</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>Total</source>
        <translation>Gesamtlänge</translation>
    </message>
    <message>
        <source>total</source>
        <translation>gesamt</translation>
    </message>
    <message>
        <source>Side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>Face to path</source>
        <translation>Fläche zur Bahn</translation>
    </message>
    <message>
        <source>face to path</source>
        <translation>Fläche zur Bahn</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>Player</source>
        <translation>Spieler</translation>
    </message>
    <message>
        <source>Wedge</source>
        <translation>Wedge</translation>
    </message>
    <message>
        <source>Ball</source>
        <translation>Ball</translation>
    </message>
    <message>
        <source>Face condition</source>
        <translation>Zustand der Schlagfläche</translation>
    </message>
    <message>
        <source>Lie</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>Swing</source>
        <translation>Schwung</translation>
    </message>
    <message>
        <source>Strike</source>
        <translation>Treffer</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Stichwörter</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Recipe</source>
        <translation>Rezept</translation>
    </message>
    <message>
        <source>Seen by eye</source>
        <translation>Nach Augenmaß</translation>
    </message>
</context>
<context>
    <name>QuantityHelp</name>
    <message>
        <source>How far the face leans back from the shaft, as the wedge was built or bent.</source>
        <translation>Wie weit sich die Schlagfläche gegen den Schaft zurückneigt, wie das Wedge gebaut oder gebogen wurde.</translation>
    </message>
    <message>
        <source>On a loft machine, to about half a degree; the number on the sole may be off by one or two.</source>
        <translation>Auf einer Loftmaschine, auf etwa ein halbes Grad; die Zahl auf der Sohle kann um ein, zwei Grad falsch sein.</translation>
    </message>
    <message>
        <source>The model takes 15° to 75°; what the ball meets is the dynamic loft.</source>
        <translation>Das Modell nimmt 15° bis 75°; was der Ball trifft, ist der dynamische Loft.</translation>
    </message>
    <message>
        <source>How fast the clubhead moves just before the ball.</source>
        <translation>Wie schnell sich der Schlägerkopf kurz vor dem Ball bewegt.</translation>
    </message>
    <message>
        <source>By radar or camera. Devices differ in which point of the head they follow, toe or middle, by some per cent.</source>
        <translation>Mit Radar oder Kamera. Geräte folgen verschiedenen Punkten des Kopfs, Spitze oder Mitte, und weichen um einige Prozent voneinander ab.</translation>
    </message>
    <message>
        <source>Strike and flight were held against full tour swings and measured short shots; below some 8 m/s little was measured.</source>
        <translation>Treffmoment und Flug wurden an vollen Tourschwüngen und gemessenen kurzen Schlägen geprüft; unter etwa 8 m/s wurde wenig gemessen.</translation>
    </message>
    <message>
        <source>How steeply the clubhead comes into the ball; negative is down.</source>
        <translation>Wie steil der Schlägerkopf in den Ball kommt; negativ ist abwärts.</translation>
    </message>
    <message>
        <source>By devices that see the club; by eye from the divot: brushed or none is shallow, deep is steep.</source>
        <translation>Von Geräten, die den Schläger sehen; nach Augenmaß am Divot: gebürstet oder keins ist flach, tief ist steil.</translation>
    </message>
    <message>
        <source>From the set-up it is a prior: ball, weight and radius of the swing say it for an ordinary player, his own shots say better.</source>
        <translation>Aus dem Setup ist es eine Annahme: Ball, Gewicht und Schwungradius sagen es für einen gewöhnlichen Spieler, seine eigenen Schläge sagen es besser.</translation>
    </message>
    <message>
        <source>Where the clubhead goes at the strike, seen from above; right of the line is positive.</source>
        <translation>Wohin der Schlägerkopf im Treffmoment geht, von oben gesehen; rechts der Linie ist positiv.</translation>
    </message>
    <message>
        <source>By devices that see the club; the divot shows it roughly.</source>
        <translation>Von Geräten, die den Schläger sehen; das Divot zeigt es ungefähr.</translation>
    </message>
    <message>
        <source>Hitting down sends it to the right by itself, which the model adds; how a player swings across his line it learns from his shots.</source>
        <translation>Abwärts schlagen schickt sie von selbst nach rechts, was das Modell dazurechnet; wie ein Spieler quer zu seiner Linie schwingt, lernt es aus seinen Schlägen.</translation>
    </message>
    <message>
        <source>Where the face looks at the strike, seen from above; right of the line is positive.</source>
        <translation>Wohin die Schlagfläche im Treffmoment schaut, von oben gesehen; rechts der Linie ist positiv.</translation>
    </message>
    <message>
        <source>By devices that see the face; many work it out from the ball&apos;s start.</source>
        <translation>Von Geräten, die die Schlagfläche sehen; viele errechnen sie aus dem Start des Balls.</translation>
    </message>
    <message>
        <source>Geometry is exact; how far a player turns the face through the strike is a prior.</source>
        <translation>Die Geometrie ist genau; wie weit ein Spieler die Schlagfläche durch den Treffmoment dreht, ist eine Annahme.</translation>
    </message>
    <message>
        <source>Where the face looks up at the strike: loft, less the lean of the shaft, more for an open face.</source>
        <translation>Wie weit die Schlagfläche im Treffmoment nach oben schaut: Loft, weniger durch Schaftneigung, mehr bei offener Schlagfläche.</translation>
    </message>
    <message>
        <source>By devices that see the face; others work it out from launch, which makes both wrong together.</source>
        <translation>Von Geräten, die die Schlagfläche sehen; andere errechnen ihn aus dem Abflug, dann ist beides zusammen falsch.</translation>
    </message>
    <message>
        <source>The geometry is exact for the shaft and face that are delivered.</source>
        <translation>Die Geometrie ist genau für Schaft und Schlagfläche, wie sie an den Ball kommen.</translation>
    </message>
    <message>
        <source>The angle between where the clubhead goes and where the face looks: dynamic loft less attack, nearly. It makes spin, until face and ball slip.</source>
        <translation>Der Winkel zwischen dem Weg des Schlägerkopfs und dem Blick der Schlagfläche: ungefähr dynamischer Loft weniger Eintreffwinkel. Er macht Spin, bis Schlagfläche und Ball rutschen.</translation>
    </message>
    <message>
        <source>Worked out from dynamic loft, attack, face and path; an error of any of them is in it.</source>
        <translation>Errechnet aus dynamischem Loft, Eintreffwinkel, Schlagfläche und Bahn; jeder Fehler davon steckt darin.</translation>
    </message>
    <message>
        <source>Above the day&apos;s peak, more of it brings less spin; where that is follows from the friction of ball, face and lie.</source>
        <translation>Über der Spitze des Tages bringt mehr davon weniger Spin; wo sie liegt, folgt aus der Reibung von Ball, Schlagfläche und Lage.</translation>
    </message>
    <message>
        <source>How fast the ball leaves.</source>
        <translation>Wie schnell der Ball abfliegt.</translation>
    </message>
    <message>
        <source>By radar or camera: what devices measure best.</source>
        <translation>Mit Radar oder Kamera: was Geräte am besten messen.</translation>
    </message>
    <message>
        <source>A strike off the middle or through much grass is slower; the model knows the grass, not the place on the face.</source>
        <translation>Ein Treffer neben der Mitte oder durch viel Gras ist langsamer; das Modell kennt das Gras, nicht die Stelle auf der Schlagfläche.</translation>
    </message>
    <message>
        <source>How high above the horizon the ball leaves. It lies between where the club goes and where the face looks, nearer to the face the less they grip.</source>
        <translation>Wie hoch über der Waagerechten der Ball abfliegt. Es liegt zwischen dem Weg des Schlägers und dem Blick der Schlagfläche, näher an dieser, je weniger sie greifen.</translation>
    </message>
    <message>
        <source>By radar or camera; by eye against the flagstick.</source>
        <translation>Mit Radar oder Kamera; nach Augenmaß am Fahnenstock.</translation>
    </message>
    <message>
        <source>Follows from spin loft and friction; a lie that nobody measured leaves it open by some degrees, which the spread says.</source>
        <translation>Folgt aus Spin-Loft und Reibung; eine Lage, die niemand gemessen hat, lässt ihn um einige Grad offen, was die Spanne sagt.</translation>
    </message>
    <message>
        <source>Where the ball starts, seen from above; right is positive. Mostly where the face looks.</source>
        <translation>Wohin der Ball startet, von oben gesehen; rechts ist positiv. Meist dorthin, wohin die Schlagfläche schaut.</translation>
    </message>
    <message>
        <source>By radar or camera; it depends on how the device was aimed.</source>
        <translation>Mit Radar oder Kamera; es hängt davon ab, wie das Gerät ausgerichtet wurde.</translation>
    </message>
    <message>
        <source>Grass that snags the heel turns the face, which is a prior.</source>
        <translation>Gras, das die Ferse greift, dreht die Schlagfläche; das ist eine Annahme.</translation>
    </message>
    <message>
        <source>How fast the ball turns when it leaves. Short of the peak the geometry limits it, beyond it friction does.</source>
        <translation>Wie schnell sich der Ball beim Abflug dreht. Unterhalb der Spitze begrenzt die Geometrie, darüber die Reibung.</translation>
    </message>
    <message>
        <source>Best with a marked ball; some devices estimate it where they did not see it, which is marked as a doubt.</source>
        <translation>Am besten mit markiertem Ball; manche Geräte schätzen ihn, wo sie ihn nicht sahen, was als Zweifel vermerkt wird.</translation>
    </message>
    <message>
        <source>Within 5 % of published averages of full wedge swings; a worn, wet or dirty face or a lie nobody measured makes it the least sure number here.</source>
        <translation>Auf 5 % an veröffentlichten Mittelwerten voller Wedge-Schwünge; mit abgenutzter, nasser oder schmutziger Schlagfläche oder ungemessener Lage ist es die unsicherste Zahl hier.</translation>
    </message>
    <message>
        <source>How far the turning is tipped: positive curves right. It comes from face against path.</source>
        <translation>Wie weit die Drehung gekippt ist: positiv kurvt nach rechts. Es kommt von Fläche gegen Bahn.</translation>
    </message>
    <message>
        <source>By radar or camera, unsure where there is little spin.</source>
        <translation>Mit Radar oder Kamera, unsicher bei wenig Spin.</translation>
    </message>
    <message>
        <source>A strike at toe or heel tips it too, which the model leaves out.</source>
        <translation>Ein Treffer an Spitze oder Ferse kippt sie auch, was das Modell auslässt.</translation>
    </message>
    <message>
        <source>From the ball to where it first lands, along the target line.</source>
        <translation>Vom Ball bis dorthin, wo er zuerst landet, entlang der Ziellinie.</translation>
    </message>
    <message>
        <source>Seen by radar outdoors; indoors it is worked out by the device, with its own model. By eye it can be paced.</source>
        <translation>Draußen vom Radar gesehen; drinnen vom Gerät mit dessen eigenem Modell errechnet. Nach Augenmaß kann man ihn abschreiten.</translation>
    </message>
    <message>
        <source>Within 1.4 % of published averages for a known launch; wind is taken as steady.</source>
        <translation>Auf 1,4 % an veröffentlichten Mittelwerten bei bekanntem Abflug; Wind gilt als gleichmäßig.</translation>
    </message>
    <message>
        <source>The highest point of the flight above the ball.</source>
        <translation>Der höchste Punkt des Flugs über dem Ball.</translation>
    </message>
    <message>
        <source>Seen by radar outdoors; by eye in flagsticks.</source>
        <translation>Draußen vom Radar gesehen; nach Augenmaß in Fahnenstöcken.</translation>
    </message>
    <message>
        <source>Follows from launch, speed and spin as carry does.</source>
        <translation>Folgt aus Abflug, Tempo und Spin wie der Carry.</translation>
    </message>
    <message>
        <source>How steeply it comes down, below the horizon. Steeper stops sooner, often more than spin does.</source>
        <translation>Wie steil er herunterkommt, gegen die Waagerechte. Steiler hält früher, oft mehr als Spin es tut.</translation>
    </message>
    <message>
        <source>Seen by radar outdoors, else worked out by the device.</source>
        <translation>Draußen vom Radar gesehen, sonst vom Gerät errechnet.</translation>
    </message>
    <message>
        <source>The slope that it lands on is taken as even.</source>
        <translation>Die Neigung, auf der er landet, gilt als gleichmäßig.</translation>
    </message>
    <message>
        <source>From where it lands to where it rests, along the line; negative when it comes back. On screen also called run.</source>
        <translation>Von der Landung bis zum Liegenbleiben, entlang der Linie; negativ, wenn er zurückkommt.</translation>
    </message>
    <message>
        <source>Paced or measured on the green; devices only estimate it.</source>
        <translation>Auf dem Grün abgeschritten oder gemessen; Geräte schätzen es nur.</translation>
    </message>
    <message>
        <source>Refitted to what coaches see. Firmness, friction and speed of the day&apos;s green are the least known of all: the band is wide where they are guesses. Not valid for ground softer than 0.7.</source>
        <translation>Neu angepasst an das, was Trainer sehen. Festigkeit, Reibung und Tempo des Grüns am Tag sind am wenigsten bekannt: Das Band ist breit, wo sie geraten sind. Gilt nicht für Boden weicher als 0,7.</translation>
    </message>
    <message>
        <source>From the ball to where it rests, along the line: carry and release.</source>
        <translation>Vom Ball bis zum Liegenbleiben, entlang der Linie: Carry und Roll.</translation>
    </message>
    <message>
        <source>Paced or measured; a device&apos;s is carry with an estimate.</source>
        <translation>Abgeschritten oder gemessen; vom Gerät ist es Carry mit einer Schätzung.</translation>
    </message>
    <message>
        <source>As sure as its two parts.</source>
        <translation>So sicher wie seine beiden Teile.</translation>
    </message>
    <message>
        <source>How far right of the line it lands; left is negative.</source>
        <translation>Wie weit rechts der Linie er landet; links ist negativ.</translation>
    </message>
    <message>
        <source>By devices that were aimed at the flag, or paced.</source>
        <translation>Von Geräten, die auf die Fahne ausgerichtet wurden, oder abgeschritten.</translation>
    </message>
    <message>
        <source>From start and curve; wind from the side is in it.</source>
        <translation>Aus Start und Kurve; Seitenwind steckt darin.</translation>
    </message>
    <message>
        <source>The face against the path: face angle less club path. It tips the spin, so that the ball curves.</source>
        <translation>Die Schlagfläche gegen die Bahn: Schlagflächenwinkel weniger Schwungbahn. Es kippt den Spin, so dass der Ball kurvt.</translation>
    </message>
    <message>
        <source>Worked out from face and path; an error of either is in it.</source>
        <translation>Errechnet aus Fläche und Bahn; ein Fehler von beiden steckt darin.</translation>
    </message>
    <message>
        <source>With much loft and little speed the curve is small.</source>
        <translation>Mit viel Loft und wenig Tempo ist die Kurve klein.</translation>
    </message>
    <message>
        <source>Face open at address</source>
        <translation>Schlagfläche offen beim Ansprechen</translation>
    </message>
    <message>
        <source>How far the face is turned open about the shaft before gripping. It adds loft and bounce and looks to the right.</source>
        <translation>Wie weit die Schlagfläche vor dem Greifen um den Schaft geöffnet ist. Es bringt Loft und Bounce und schaut nach rechts.</translation>
    </message>
    <message>
        <source>Seen from above by the toe: each hour of the clock is 30°.</source>
        <translation>Von oben gesehen an der Spitze: Jede Stunde der Uhr sind 30°.</translation>
    </message>
    <message>
        <source>Geometry, exact for the shaft as it is delivered.</source>
        <translation>Geometrie, genau für den Schaft, wie er an den Ball kommt.</translation>
    </message>
    <message>
        <source>Shaft lean</source>
        <translation>Schaftneigung</translation>
    </message>
    <message>
        <source>How far the hands are ahead of the clubhead, seen face-on. It takes loft off, opens the face and lifts the trailing edge.</source>
        <translation>Wie weit die Hände vor dem Schlägerkopf sind, von vorn gesehen. Es nimmt Loft, öffnet die Schlagfläche und hebt die Hinterkante.</translation>
    </message>
    <message>
        <source>In a face-on picture at the strike, which is often more than at address.</source>
        <translation>In einem Bild von vorn im Treffmoment, dort oft mehr als beim Ansprechen.</translation>
    </message>
    <message>
        <source>What is declared; what a player delivers of it is learnt from his shots.</source>
        <translation>Was angesagt ist; was ein Spieler davon an den Ball bringt, lernt man aus seinen Schlägen.</translation>
    </message>
    <message>
        <source>Ball position</source>
        <translation>Ballposition</translation>
    </message>
    <message>
        <source>In balls ahead of the middle of the stance; negative is back. Back steepens the strike, adds lean and sends the path right.</source>
        <translation>In Bällen vor der Mitte des Stands; negativ ist hinten. Hinten wird der Schlag steiler, der Schaft neigt sich mehr und die Bahn geht nach rechts.</translation>
    </message>
    <message>
        <source>In a face-on picture against the middle between the heels.</source>
        <translation>In einem Bild von vorn, gegen die Mitte zwischen den Fersen.</translation>
    </message>
    <message>
        <source>The low point that it is set against is a prior of 2 cm ahead of the middle and more with weight.</source>
        <translation>Der Tiefpunkt, gegen den sie gilt, ist eine Annahme: 2 cm vor der Mitte, mit Gewicht mehr.</translation>
    </message>
    <message>
        <source>Weight on the lead foot</source>
        <translation>Gewicht auf dem vorderen Fuß</translation>
    </message>
    <message>
        <source>Share of the weight on the lead foot. Each per cent above 50 moves the low point 0.35 cm ahead.</source>
        <translation>Anteil des Gewichts auf dem vorderen Fuß. Jedes Prozent über 50 bringt den Tiefpunkt 0,35 cm nach vorn.</translation>
    </message>
    <message>
        <source>Felt, or on two scales.</source>
        <translation>Gefühlt, oder auf zwei Waagen.</translation>
    </message>
    <message>
        <source>A prior; players differ, and his shots say how much.</source>
        <translation>Eine Annahme; Spieler sind verschieden, und ihre Schläge sagen, wie sehr.</translation>
    </message>
    <message>
        <source>Swing radius</source>
        <translation>Schwungradius</translation>
    </message>
    <message>
        <source>How round the clubhead&apos;s way is near the ball: small for a steep, wristy strike, large for a broad brush.</source>
        <translation>Wie rund der Weg des Schlägerkopfs am Ball ist: klein für einen steilen Schlag aus dem Handgelenk, groß für weites Bürsten.</translation>
    </message>
    <message>
        <source>Not measured; chosen by the kind of strike.</source>
        <translation>Nicht gemessen; nach der Art des Schlags gewählt.</translation>
    </message>
    <message>
        <source>Three kinds stand for a range: 0.8, 1.1 and 1.5 m.</source>
        <translation>Drei Arten stehen für einen Bereich: 0,8, 1,1 und 1,5 m.</translation>
    </message>
    <message>
        <source>Club speed</source>
        <translation>Schlägertempo</translation>
    </message>
    <message>
        <source>How fast the clubhead is to move at the ball, by number or by one of the player&apos;s swings.</source>
        <translation>Wie schnell der Schlägerkopf am Ball sein soll, als Zahl oder als einer der Schwünge des Spielers.</translation>
    </message>
    <message>
        <source>By radar or camera; a swing&apos;s speed comes from his logged shots.</source>
        <translation>Mit Radar oder Kamera; das Tempo eines Schwungs kommt aus seinen notierten Schlägen.</translation>
    </message>
    <message>
        <source>A swing that he has not logged is a guess from height, sex and level, and said so.</source>
        <translation>Ein Schwung ohne notierte Schläge ist geraten, aus Größe, Geschlecht und Stufe, und so bezeichnet.</translation>
    </message>
    <message>
        <source>Distance from the ball</source>
        <translation>Abstand zum Ball</translation>
    </message>
    <message>
        <source>How much farther away than usual. Closer steepens the plane, farther flattens it.</source>
        <translation>Wie viel weiter weg als sonst. Näher wird die Ebene steiler, weiter weg flacher.</translation>
    </message>
    <message>
        <source>With the club laid from toe to ball.</source>
        <translation>Mit dem Schläger, von der Fußspitze zum Ball gelegt.</translation>
    </message>
    <message>
        <source>Geometry of an ordinary player; small changes only.</source>
        <translation>Geometrie eines gewöhnlichen Spielers; nur kleine Änderungen.</translation>
    </message>
    <message>
        <source>Handle raised</source>
        <translation>Griff angehoben</translation>
    </message>
    <message>
        <source>How much higher than usual the hands are. It tips the toe down and turns the face to the right.</source>
        <translation>Wie viel höher als sonst die Hände sind. Es kippt die Spitze nach unten und dreht die Schlagfläche nach rechts.</translation>
    </message>
    <message>
        <source>In a picture down the line.</source>
        <translation>In einem Bild entlang der Linie.</translation>
    </message>
    <message>
        <source>Geometry of the face tipped about the target line.</source>
        <translation>Geometrie der Schlagfläche, um die Ziellinie gekippt.</translation>
    </message>
    <message>
        <source>Gripped down</source>
        <translation>Tiefer gegriffen</translation>
    </message>
    <message>
        <source>How much shorter the club is held. It slows the clubhead and steepens the plane a little.</source>
        <translation>Wie viel kürzer der Schläger gehalten wird. Es macht den Schlägerkopf langsamer und die Ebene etwas steiler.</translation>
    </message>
    <message>
        <source>With a ruler on the grip.</source>
        <translation>Mit einem Lineal am Griff.</translation>
    </message>
    <message>
        <source>A prior; not measured with wedges.</source>
        <translation>Eine Annahme; mit Wedges nicht gemessen.</translation>
    </message>
    <message>
        <source>Body line</source>
        <translation>Körperlinie</translation>
    </message>
    <message>
        <source>Where hips and shoulders look; negative is left of the line for a right-hander. The path follows the line that the player swings along.</source>
        <translation>Wohin Hüfte und Schultern schauen; negativ ist links der Linie für Rechtshänder. Die Bahn folgt der Linie, entlang der der Spieler schwingt.</translation>
    </message>
    <message>
        <source>With a stick across the shoulders.</source>
        <translation>Mit einem Stab an den Schultern.</translation>
    </message>
    <message>
        <source>How much of it the path follows is the player&apos;s habit: along the target, the body, or between.</source>
        <translation>Wie viel davon die Bahn mitmacht, ist die Gewohnheit des Spielers: entlang Ziel, Körper oder dazwischen.</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Usual: %1.</source>
        <translation>Üblich: %1.</translation>
    </message>
    <message>
        <source>F1 tells more.</source>
        <translation>Mehr mit F1.</translation>
    </message>
</context>
<context>
    <name>ReadText</name>
    <message>
        <source>Situations (*.json)</source>
        <translation>Situationen (*.json)</translation>
    </message>
    <message>
        <source>Short-sided behind sand</source>
        <translation>Kurze Seite hinter Sand</translation>
    </message>
    <message>
        <source>Long green, nothing between</source>
        <translation>Langes Grün, nichts dazwischen</translation>
    </message>
    <message>
        <source>Up a bank</source>
        <translation>Eine Böschung hinauf</translation>
    </message>
    <message>
        <source>Green that falls away</source>
        <translation>Grün, das abfällt</translation>
    </message>
    <message>
        <source>Tight and bare</source>
        <translation>Eng und nackt</translation>
    </message>
    <message>
        <source>Lush, into the grain</source>
        <translation>Saftig, gegen den Strich</translation>
    </message>
</context>
<context>
    <name>Schools</name>
    <message>
        <source>Flighted</source>
        <translation>Flach gehalten</translation>
    </message>
    <message>
        <source>Ball a ball back, hands ahead and held there, weight forward, the face a little closed to the path.</source>
        <translation>Ball einen Ball zurück, Hände vorn und dort gehalten, Gewicht vorn, Schlagfläche etwas geschlossen zur Bahn.</translation>
    </message>
    <message>
        <source>Whether the player can hold the hands ahead at this length, and how the low flight is judged with a wind in the face.</source>
        <translation>Ob der Spieler die Hände bei dieser Länge vorn halten kann und wie der flache Flug bei Gegenwind wirkt.</translation>
    </message>
    <message>
        <source>Soft height</source>
        <translation>Weiche Höhe</translation>
    </message>
    <message>
        <source>Ball forward, face open before gripping, shaft upright, the face kept up after the ball.</source>
        <translation>Ball vorn, Schlagfläche vor dem Greifen geöffnet, Schaft aufrecht, die Schlagfläche nach dem Ball oben gehalten.</translation>
    </message>
    <message>
        <source>How often the player strikes it cleanly off this lie, and the nerve for so much speed over so little way.</source>
        <translation>Wie oft der Spieler aus dieser Lage sauber trifft, und der Mut zu so viel Tempo für so wenig Weg.</translation>
    </message>
    <message>
        <source>Brush</source>
        <translation>Bürsten</translation>
    </message>
    <message>
        <source>Shaft near upright, a wide and shallow swing, the sole&apos;s bounce on the grass, almost no divot.</source>
        <translation>Schaft fast aufrecht, weiter und flacher Schwung, der Bounce der Sohle auf dem Gras, fast kein Divot.</translation>
    </message>
    <message>
        <source>How this player&apos;s low point scatters with a wide swing; the sole&apos;s shape beyond its bounce.</source>
        <translation>Wie der Tiefpunkt dieses Spielers bei weitem Schwung streut; die Form der Sohle über den Bounce hinaus.</translation>
    </message>
    <message>
        <source>Chop</source>
        <translation>Hacken</translation>
    </message>
    <message>
        <source>Steep and wristy, ball back, weight forward, the ball struck down into the turf.</source>
        <translation>Steil und aus dem Handgelenk, Ball hinten, Gewicht vorn, der Ball nach unten in den Rasen geschlagen.</translation>
    </message>
    <message>
        <source>The ball is gone long before it could meet the ground, however it feels. What the hands feel, and whether a steep strike is cleaner out of deep grass, is not in the model.</source>
        <translation>Der Ball ist längst weg, bevor er den Boden berühren könnte, wie es sich auch anfühlt. Was die Hände fühlen und ob ein steiler Schlag aus tiefem Gras sauberer ist, steht nicht im Modell.</translation>
    </message>
    <message>
        <source>Cut across</source>
        <translation>Quer schneiden</translation>
    </message>
    <message>
        <source>Face open, body aimed left, swung along the body, so that the path cuts across the ball.</source>
        <translation>Schlagfläche offen, Körper nach links, entlang des Körpers geschwungen, so dass die Bahn den Ball quer schneidet.</translation>
    </message>
    <message>
        <source>Whether the player can find the middle of a face that looks so far from the path.</source>
        <translation>Ob der Spieler die Mitte einer Schlagfläche findet, die so weit von der Bahn wegschaut.</translation>
    </message>
    <message>
        <source>Turnover</source>
        <translation>Überdrehen</translation>
    </message>
    <message>
        <source>The forearms turn and the face closes through the strike.</source>
        <translation>Die Unterarme drehen und die Schlagfläche schließt durch den Treffmoment.</translation>
    </message>
    <message>
        <source>How well a player times the turn: the model closes the face by the same angle each time.</source>
        <translation>Wie gut ein Spieler die Drehung abpasst: Das Modell schließt jedes Mal um denselben Winkel.</translation>
    </message>
    <message>
        <source>Opened early</source>
        <translation>Früh geöffnet</translation>
    </message>
    <message>
        <source>For the longer wedges: face a little open at address, grip centred, ball in the middle, against hands ahead and a square face.</source>
        <translation>Für die längeren Wedges: Schlagfläche beim Ansprechen etwas offen, Griff mittig, Ball in der Mitte, gegen Hände vorn und gerade Schlagfläche.</translation>
    </message>
    <message>
        <source>Which of the two the player repeats better from day to day.</source>
        <translation>Welches von beiden der Spieler von Tag zu Tag besser wiederholt.</translation>
    </message>
    <message>
        <source>Closed runner</source>
        <translation>Geschlossener Läufer</translation>
    </message>
    <message>
        <source>Face well closed before gripping, ball back, swung from the inside; runs up a bank.</source>
        <translation>Schlagfläche vor dem Greifen deutlich geschlossen, Ball hinten, von innen geschwungen; läuft eine Böschung hinauf.</translation>
    </message>
    <message>
        <source>How the bank takes the ball: a bounce on rough, tilted ground scatters far more than one on a green.</source>
        <translation>Wie die Böschung den Ball nimmt: Ein Aufsprung auf rauem, schrägem Boden streut viel mehr als auf dem Grün.</translation>
    </message>
    <message>
        <source>Low runner</source>
        <translation>Flacher Läufer</translation>
    </message>
    <message>
        <source>Ball back, the lean held through the strike, face square, brushed through: the ordinary low one.</source>
        <translation>Ball hinten, die Neigung durch den Treffmoment gehalten, Schlagfläche gerade, durchgebürstet: der gewöhnliche flache.</translation>
    </message>
    <message>
        <source>Whether the player&apos;s wrists hold the lean when the shot is short.</source>
        <translation>Ob die Handgelenke des Spielers die Neigung halten, wenn der Schlag kurz ist.</translation>
    </message>
    <message>
        <source>Low brush</source>
        <translation>Flaches Bürsten</translation>
    </message>
    <message>
        <source>Shallow and with loft taken off, ball near the middle, hardly a mark on the turf.</source>
        <translation>Flach und mit weniger Loft, Ball nahe der Mitte, kaum eine Spur im Rasen.</translation>
    </message>
    <message>
        <source>How far the leading edge is from the turf with this player&apos;s lean from day to day.</source>
        <translation>Wie weit die Vorderkante bei der Neigung dieses Spielers von Tag zu Tag vom Rasen weg ist.</translation>
    </message>
    <message>
        <source>Open from the back</source>
        <translation>Offen von hinten</translation>
    </message>
    <message>
        <source>Ball back and still high: face open before gripping, shaft near upright, for height and spin.</source>
        <translation>Ball hinten und doch hoch: Schlagfläche vor dem Greifen geöffnet, Schaft fast aufrecht, für Höhe und Spin.</translation>
    </message>
    <message>
        <source>Whether the hands stay back with the ball: one that slides ahead loses the height.</source>
        <translation>Ob die Hände beim Ball hinten bleiben: Rutschen sie nach vorn, ist die Höhe weg.</translation>
    </message>
    <message>
        <source>an ordinary pitch</source>
        <translation>ein gewöhnlicher Pitch</translation>
    </message>
    <message>
        <source>hands ahead and square</source>
        <translation>Hände vorn und gerade</translation>
    </message>
    <message>
        <source>launches lower</source>
        <translation>fliegt flacher ab</translation>
    </message>
    <message>
        <source>spins more</source>
        <translation>dreht mehr</translation>
    </message>
    <message>
        <source>lands flatter</source>
        <translation>landet flacher</translation>
    </message>
    <message>
        <source>curves a little from right to left</source>
        <translation>kurvt etwas von rechts nach links</translation>
    </message>
    <message>
        <source>stops sooner for all that</source>
        <translation>hält trotzdem früher</translation>
    </message>
    <message>
        <source>launches higher</source>
        <translation>fliegt höher ab</translation>
    </message>
    <message>
        <source>lands steeper</source>
        <translation>landet steiler</translation>
    </message>
    <message>
        <source>stops sooner</source>
        <translation>hält früher</translation>
    </message>
    <message>
        <source>needs more speed for the same carry</source>
        <translation>braucht mehr Tempo für denselben Carry</translation>
    </message>
    <message>
        <source>shows the ground the bounce, not the edge</source>
        <translation>zeigt dem Boden den Bounce, nicht die Kante</translation>
    </message>
    <message>
        <source>comes in shallower</source>
        <translation>kommt flacher an</translation>
    </message>
    <message>
        <source>lets the sole&apos;s bounce work</source>
        <translation>lässt den Bounce der Sohle arbeiten</translation>
    </message>
    <message>
        <source>forgives more</source>
        <translation>verzeiht mehr</translation>
    </message>
    <message>
        <source>comes in steeper</source>
        <translation>kommt steiler an</translation>
    </message>
    <message>
        <source>takes more spin from a steep strike</source>
        <translation>holt mehr Spin aus einem steilen Treffer</translation>
    </message>
    <message>
        <source>leads with the edge</source>
        <translation>führt mit der Kante</translation>
    </message>
    <message>
        <source>curves to the right</source>
        <translation>kurvt nach rechts</translation>
    </message>
    <message>
        <source>closes the face through the strike</source>
        <translation>schließt die Schlagfläche durch den Treffmoment</translation>
    </message>
    <message>
        <source>curves from right to left</source>
        <translation>kurvt von rechts nach links</translation>
    </message>
    <message>
        <source>runs out more</source>
        <translation>rollt mehr aus</translation>
    </message>
    <message>
        <source>keeps the loft on</source>
        <translation>behält den Loft</translation>
    </message>
    <message>
        <source>flies higher</source>
        <translation>fliegt höher</translation>
    </message>
    <message>
        <source>launches low</source>
        <translation>fliegt flach ab</translation>
    </message>
    <message>
        <source>comes in shallow</source>
        <translation>kommt flach an</translation>
    </message>
    <message>
        <source>starts a little right</source>
        <translation>startet etwas rechts</translation>
    </message>
    <message>
        <source>starts right</source>
        <translation>startet rechts</translation>
    </message>
    <message>
        <source>starts left</source>
        <translation>startet links</translation>
    </message>
    <message>
        <source>does not miss on the closed side</source>
        <translation>verfehlt nicht zur geschlossenen Seite</translation>
    </message>
    <message>
        <source>takes loft off</source>
        <translation>nimmt Loft weg</translation>
    </message>
    <message>
        <source>launches higher, as some say</source>
        <translation>fliegt höher ab, wie manche sagen</translation>
    </message>
    <message>
        <source>launches lower, as others say</source>
        <translation>fliegt flacher ab, wie andere sagen</translation>
    </message>
    <message>
        <source>launches lower, as some say</source>
        <translation>fliegt flacher ab, wie manche sagen</translation>
    </message>
    <message>
        <source>pops up higher, as others say</source>
        <translation>springt höher auf, wie andere sagen</translation>
    </message>
    <message>
        <source>spins more, as some say</source>
        <translation>dreht mehr, wie manche sagen</translation>
    </message>
    <message>
        <source>stops sooner, as some say</source>
        <translation>hält früher, wie manche sagen</translation>
    </message>
    <message>
        <source>runs out more, as others say</source>
        <translation>rollt mehr aus, wie andere sagen</translation>
    </message>
    <message>
        <source>spins less</source>
        <translation>dreht weniger</translation>
    </message>
    <message>
        <source>runs far, up a bank as well</source>
        <translation>läuft weit, auch eine Böschung hinauf</translation>
    </message>
    <message>
        <source>needs less speed for the same carry</source>
        <translation>braucht weniger Tempo für denselben Carry</translation>
    </message>
</context>
<context>
    <name>Seen</name>
    <message>
        <source>waist</source>
        <translation>hüfte</translation>
    </message>
    <message>
        <source>below the waist</source>
        <translation>unter Hüfthöhe</translation>
    </message>
    <message>
        <source>head</source>
        <translation>kopf</translation>
    </message>
    <message>
        <source>below the head</source>
        <translation>unter Kopfhöhe</translation>
    </message>
    <message>
        <source>tree</source>
        <translation>baum</translation>
    </message>
    <message>
        <source>below a tree</source>
        <translation>unter Baumhöhe</translation>
    </message>
    <message>
        <source>over</source>
        <translation>darüber</translation>
    </message>
    <message>
        <source>over a tree</source>
        <translation>über Baumhöhe</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>started left</source>
        <translation>links gestartet</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>started straight</source>
        <translation>gerade gestartet</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>started right</source>
        <translation>rechts gestartet</translation>
    </message>
    <message>
        <source>bends-left</source>
        <translation>linkskurve</translation>
    </message>
    <message>
        <source>bent left</source>
        <translation>nach links gekurvt</translation>
    </message>
    <message>
        <source>bends-right</source>
        <translation>rechtskurve</translation>
    </message>
    <message>
        <source>bent right</source>
        <translation>nach rechts gekurvt</translation>
    </message>
    <message>
        <source>none</source>
        <translation>kein</translation>
    </message>
    <message>
        <source>no turf taken</source>
        <translation>kein Rasen genommen</translation>
    </message>
    <message>
        <source>scuff</source>
        <translation>schürf</translation>
    </message>
    <message>
        <source>turf scuffed</source>
        <translation>Rasen geschürft</translation>
    </message>
    <message>
        <source>small</source>
        <translation>klein</translation>
    </message>
    <message>
        <source>a small divot</source>
        <translation>ein kleines Divot</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>a deep divot</source>
        <translation>ein tiefes Divot</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>hinter</translation>
    </message>
    <message>
        <source>from behind the ball</source>
        <translation>von hinter dem Ball</translation>
    </message>
    <message>
        <source>under</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>from the ball on</source>
        <translation>vom Ball an</translation>
    </message>
    <message>
        <source>ahead</source>
        <translation>voraus</translation>
    </message>
    <message>
        <source>from ahead of the ball</source>
        <translation>von vor dem Ball</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Curve</source>
        <translation>Kurve</translation>
    </message>
    <message>
        <source>Strike</source>
        <translation>Treffer</translation>
    </message>
    <message>
        <source>Turf</source>
        <translation>Rasen</translation>
    </message>
    <message>
        <source>begins</source>
        <translation>beginnt</translation>
    </message>
    <message>
        <source>p</source>
        <comment>paces</comment>
        <translation>t</translation>
    </message>
    <message>
        <source>b</source>
        <comment>a bounce</comment>
        <translation>a</translation>
    </message>
    <message>
        <source>s</source>
        <comment>a swing</comment>
        <translation>s</translation>
    </message>
    <message>
        <source>f</source>
        <comment>flagsticks</comment>
        <translation>f</translation>
    </message>
    <message>
        <source>r</source>
        <comment>to the right</comment>
        <translation>r</translation>
    </message>
    <message>
        <source>l</source>
        <comment>to the left</comment>
        <translation>l</translation>
    </message>
    <message>
        <source>too many words</source>
        <translation>zu viele Wörter</translation>
    </message>
    <message>
        <source>%1 is one number too many</source>
        <translation>%1 ist eine Zahl zu viel</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no word for it</source>
        <translation>„%1“ ist kein Wort dafür</translation>
    </message>
    <message>
        <source>&quot;%1&quot;: %2?</source>
        <translation>„%1“: %2?</translation>
    </message>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
    <message>
        <source>no ball lands or rests there</source>
        <translation>dort landet kein Ball und bleibt keiner liegen</translation>
    </message>
    <message>
        <source>landed at %1</source>
        <translation>gelandet bei %1</translation>
    </message>
    <message>
        <source>rests at %1</source>
        <translation>liegt bei %1</translation>
    </message>
    <message>
        <source>no bounce bit</source>
        <translation>kein Aufsprung biss</translation>
    </message>
    <message>
        <source>the %1 bounce bit</source>
        <translation>biss beim %1 Aufsprung</translation>
    </message>
    <message>
        <source>%1 flagsticks high</source>
        <translation>%1 Fahnenstöcke hoch</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Bit</source>
        <translation>Biss</translation>
    </message>
    <message>
        <source>the first bounce bit</source>
        <translation>der erste Aufsprung biss</translation>
    </message>
    <message>
        <source>the second bounce bit</source>
        <translation>der zweite Aufsprung biss</translation>
    </message>
</context>
<context>
    <name>Sentences</name>
    <message>
        <source>comes back</source>
        <translation>kommt zurück</translation>
    </message>
    <message>
        <source>drops dead</source>
        <translation>bleibt liegen</translation>
    </message>
    <message>
        <source>checks</source>
        <translation>beißt</translation>
    </message>
    <message>
        <source>trickles</source>
        <translation>tröpfelt</translation>
    </message>
    <message>
        <source>releases</source>
        <translation>rollt aus</translation>
    </message>
    <message>
        <source>runs</source>
        <translation>läuft</translation>
    </message>
    <message>
        <source>bites and comes back, stops %1 short of its pitch mark</source>
        <translation>beißt und kommt zurück, liegt %1 vor seiner Landestelle</translation>
    </message>
    <message>
        <source>bites and comes back, stops %1 on</source>
        <translation>beißt und kommt zurück, liegt %1 weiter</translation>
    </message>
    <message>
        <source>stops where it pitches, %1 back</source>
        <translation>bleibt liegen, wo er landet, %1 zurück</translation>
    </message>
    <message>
        <source>stops where it pitches, %1 on</source>
        <translation>bleibt liegen, wo er landet, %1 weiter</translation>
    </message>
    <message>
        <source>checks on the %1 bounce, stops %2 on</source>
        <translation>beißt beim %1 Aufsprung, liegt %2 weiter</translation>
    </message>
    <message>
        <source>checks on the %1 bounce and trickles %2 on</source>
        <translation>beißt beim %1 Aufsprung und tröpfelt %2 weiter</translation>
    </message>
    <message>
        <source>releases %1</source>
        <translation>rollt %1 aus</translation>
    </message>
    <message>
        <source>runs most of its way, %1</source>
        <translation>läuft das meiste seines Wegs, %1</translation>
    </message>
    <message>
        <source>Launches %1, carries %2; the slope is too steep for it to stop.</source>
        <translation>Fliegt mit %1 ab, Carry %2; der Hang ist zu steil, um zu halten.</translation>
    </message>
    <message>
        <source>Launches %1, carries %2, %3.</source>
        <translation>Fliegt mit %1 ab, Carry %2, %3.</translation>
    </message>
    <message>
        <source>Spin %1: friction, not loft, limits it; more spin loft would add none.</source>
        <translation>Spin %1: Reibung begrenzt ihn, nicht Loft; mehr Spin-Loft brächte nichts dazu.</translation>
    </message>
    <message>
        <source>Spin %1: loft, not friction, limits it; more spin loft would still add some.</source>
        <translation>Spin %1: Loft begrenzt ihn, nicht Reibung; mehr Spin-Loft brächte noch etwas.</translation>
    </message>
    <message>
        <source>Carry and release were not measured.</source>
        <translation>Carry und Roll wurden nicht gemessen.</translation>
    </message>
    <message>
        <source>Landed at %1</source>
        <translation>Gelandet bei %1</translation>
    </message>
    <message>
        <source>Landed</source>
        <translation>Gelandet</translation>
    </message>
    <message>
        <source>%1, %2 out; the release was not measured.</source>
        <translation>%1, nach %2; der Roll wurde nicht gemessen.</translation>
    </message>
    <message>
        <source>%1 and came back %2.</source>
        <translation>%1 und kam %2 zurück.</translation>
    </message>
    <message>
        <source>%1 and stopped where it pitched.</source>
        <translation>%1 und blieb liegen.</translation>
    </message>
    <message>
        <source>%1 and checked: stopped %2 on.</source>
        <translation>%1 und biss: lag %2 weiter.</translation>
    </message>
    <message>
        <source>%1 and trickled %2 on.</source>
        <translation>%1 und tröpfelte %2 weiter.</translation>
    </message>
    <message>
        <source>%1 and released %2.</source>
        <translation>%1 und rollte %2 aus.</translation>
    </message>
    <message>
        <source>%1 and ran most of its way, %2.</source>
        <translation>%1 und lief das meiste seines Wegs, %2.</translation>
    </message>
    <message>
        <source>Predicted: %1.</source>
        <translation>Gerechnet: %1.</translation>
    </message>
    <message>
        <source>Spin %1 above what loft and ball give: %2.</source>
        <translation>Spin %1 über dem, was Loft und Ball hergeben: %2.</translation>
    </message>
    <message>
        <source>Spin %1 below what loft and ball give: %2.</source>
        <translation>Spin %1 unter dem, was Loft und Ball hergeben: %2.</translation>
    </message>
    <message>
        <source>within the spread</source>
        <translation>innerhalb der Spanne</translation>
    </message>
    <message>
        <source>outside the spread</source>
        <translation>außerhalb der Spanne</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>spin loft</source>
        <translation>Spin-Loft</translation>
    </message>
    <message>
        <source>steepness</source>
        <translation>Steilheit</translation>
    </message>
    <message>
        <source>direction</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>face to path</source>
        <translation>Fläche zur Bahn</translation>
    </message>
    <message>
        <source>friction</source>
        <translation>Reibung</translation>
    </message>
    <message>
        <source>lie</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>ground and air</source>
        <translation>Boden und Luft</translation>
    </message>
    <message>
        <source>you</source>
        <translation>du</translation>
    </message>
    <message>
        <source>%1° bounce %2</source>
        <translation>%1° Bounce %2</translation>
    </message>
    <message>
        <source>bare and tight</source>
        <translation>nackt und eng</translation>
    </message>
    <message>
        <source>short grass, dry</source>
        <translation>kurzes Gras, trocken</translation>
    </message>
    <message>
        <source>short grass, damp</source>
        <translation>kurzes Gras, feucht</translation>
    </message>
    <message>
        <source>wispy, pale rough</source>
        <translation>dünnes, blasses Rough</translation>
    </message>
    <message>
        <source>lush rough, half down</source>
        <translation>saftiges Rough, halb unten</translation>
    </message>
    <message>
        <source>deep wet rough, down</source>
        <translation>tiefes nasses Rough, unten</translation>
    </message>
    <message>
        <source>perched up in rough</source>
        <translation>aufgesetzt im Rough</translation>
    </message>
    <message>
        <source>range mat</source>
        <translation>Rangematte</translation>
    </message>
    <message>
        <source>soft urethane ball</source>
        <translation>weicher Urethanball</translation>
    </message>
    <message>
        <source>firm two-piece ball</source>
        <translation>fester zweiteiliger Ball</translation>
    </message>
    <message>
        <source>range ball</source>
        <translation>Rangeball</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>weich</translation>
    </message>
    <message>
        <source>firm</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>range</source>
        <translation>Range</translation>
    </message>
    <message>
        <source>fresh grooves, dry</source>
        <translation>frische Rillen, trocken</translation>
    </message>
    <message>
        <source>worn grooves, dry</source>
        <translation>abgenutzte Rillen, trocken</translation>
    </message>
    <message>
        <source>dirty grooves</source>
        <translation>schmutzige Rillen</translation>
    </message>
    <message>
        <source>fresh grooves, wet</source>
        <translation>frische Rillen, nass</translation>
    </message>
    <message>
        <source>worn grooves, wet</source>
        <translation>abgenutzte Rillen, nass</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>ball, face</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>some grass</source>
        <translation>etwas Gras</translation>
    </message>
    <message>
        <source>much grass</source>
        <translation>viel Gras</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>trocken</translation>
    </message>
    <message>
        <source>damp</source>
        <translation>feucht</translation>
    </message>
    <message>
        <source>wet</source>
        <translation>nass</translation>
    </message>
    <message>
        <source>%1, %2, sits up %3 mm</source>
        <translation>%1, %2, liegt %3 mm hoch</translation>
    </message>
    <message>
        <source>ordinary</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>%1, green speed %2</source>
        <translation>%1, Grüntempo %2</translation>
    </message>
    <message>
        <source>, dewy</source>
        <translation>, taunass</translation>
    </message>
    <message>
        <source>, up %1 %</source>
        <translation>, aufwärts %1 %</translation>
    </message>
    <message>
        <source>, down %1 %</source>
        <translation>, abwärts %1 %</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>with</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>against</source>
        <translation>gegen</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>, calm</source>
        <translation>, windstill</translation>
    </message>
    <message>
        <source> grooves</source>
        <translation> Rillen</translation>
    </message>
    <message>
        <source>opened %1</source>
        <translation>geöffnet %1</translation>
    </message>
    <message>
        <source>lean %1</source>
        <translation>Neigung %1</translation>
    </message>
    <message>
        <source>ball %1 forward</source>
        <translation>Ball %1 vorn</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 with %2 of dynamic loft, %3 attack: %4</source>
        <translation>%1 mit %2 dynamischem Loft, Eintreffwinkel %3: %4</translation>
    </message>
</context>
<context>
    <name>ShotFilter</name>
    <message>
        <source>“%1”: after is: comes doubtful, aside or counted</source>
        <translation>„%1“: Nach is: kommt doubtful, aside oder counted</translation>
    </message>
    <message>
        <source>“%1”: no word of a shot is called “%2”</source>
        <translation>„%1“: Kein Wort eines Schlags heißt „%2“</translation>
    </message>
    <message>
        <source>“%1”: no quantity is called “%2”</source>
        <translation>„%1“: Keine Größe heißt „%2“</translation>
    </message>
    <message>
        <source>“%1”: a number in %2 is needed, as in %3&gt;20 or %3=20..30</source>
        <translation>„%1“: Eine Zahl in %2 fehlt, wie in %3&gt;20 oder %3=20..30</translation>
    </message>
</context>
<context>
    <name>TrainWords</name>
    <message>
        <source>none</source>
        <translation>kein</translation>
    </message>
    <message>
        <source>a scuff</source>
        <translation>eine Schürfspur</translation>
    </message>
    <message>
        <source>a small divot</source>
        <translation>ein kleines Divot</translation>
    </message>
    <message>
        <source>a deep divot</source>
        <translation>ein tiefes Divot</translation>
    </message>
    <message>
        <source>starts %1 higher</source>
        <translation>startet %1 höher</translation>
    </message>
    <message>
        <source>starts %1 lower</source>
        <translation>startet %1 flacher</translation>
    </message>
    <message>
        <source>lands %1 steeper</source>
        <translation>landet %1 steiler</translation>
    </message>
    <message>
        <source>lands %1 flatter</source>
        <translation>landet %1 flacher</translation>
    </message>
    <message>
        <source>spins %1 more</source>
        <translation>dreht %1 mehr</translation>
    </message>
    <message>
        <source>spins %1 less</source>
        <translation>dreht %1 weniger</translation>
    </message>
    <message>
        <source>carries %1 farther</source>
        <translation>fliegt %1 weiter</translation>
    </message>
    <message>
        <source>carries %1 shorter</source>
        <translation>fliegt %1 kürzer</translation>
    </message>
    <message>
        <source>rests %1 farther</source>
        <translation>liegt %1 weiter</translation>
    </message>
    <message>
        <source>rests %1 shorter</source>
        <translation>liegt %1 kürzer</translation>
    </message>
    <message>
        <source>runs %1 farther</source>
        <translation>rollt %1 weiter</translation>
    </message>
    <message>
        <source>runs %1 less</source>
        <translation>rollt %1 weniger</translation>
    </message>
    <message>
        <source>rests %1 farther right</source>
        <translation>liegt %1 weiter rechts</translation>
    </message>
    <message>
        <source>rests %1 farther left</source>
        <translation>liegt %1 weiter links</translation>
    </message>
    <message>
        <source>flies %1 higher</source>
        <translation>fliegt %1 höher</translation>
    </message>
    <message>
        <source>flies %1 lower</source>
        <translation>fliegt %1 niedriger</translation>
    </message>
    <message>
        <source>swings %1 faster</source>
        <translation>schwingt %1 schneller</translation>
    </message>
    <message>
        <source>swings %1 slower</source>
        <translation>schwingt %1 langsamer</translation>
    </message>
    <message>
        <source>comes down %1 shallower</source>
        <translation>kommt %1 flacher herunter</translation>
    </message>
    <message>
        <source>comes down %1 steeper</source>
        <translation>kommt %1 steiler herunter</translation>
    </message>
    <message>
        <source>takes more turf</source>
        <translation>nimmt mehr Rasen</translation>
    </message>
    <message>
        <source>takes less turf</source>
        <translation>nimmt weniger Rasen</translation>
    </message>
    <message>
        <source>is swung %1 farther past what was declared</source>
        <translation>wird %1 weiter geschwungen als angesagt</translation>
    </message>
    <message>
        <source>is swung %1 shorter of what was declared</source>
        <translation>wird %1 kürzer geschwungen als angesagt</translation>
    </message>
    <message>
        <source>is swung %1 farther right of what was declared</source>
        <translation>wird %1 weiter rechts geschwungen als angesagt</translation>
    </message>
    <message>
        <source>is swung %1 farther left of what was declared</source>
        <translation>wird %1 weiter links geschwungen als angesagt</translation>
    </message>
    <message>
        <source>carry</source>
        <translation>Carry</translation>
    </message>
    <message>
        <source>total distance</source>
        <translation>Gesamtlänge</translation>
    </message>
    <message>
        <source>release</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>side of the rest</source>
        <translation>Seite der Ruhelage</translation>
    </message>
    <message>
        <source>apex</source>
        <translation>Scheitel</translation>
    </message>
    <message>
        <source>launch angle</source>
        <translation>Abflugwinkel</translation>
    </message>
    <message>
        <source>landing angle</source>
        <translation>Landewinkel</translation>
    </message>
    <message>
        <source>spin</source>
        <translation>Spin</translation>
    </message>
    <message>
        <source>club speed</source>
        <translation>Schlägertempo</translation>
    </message>
    <message>
        <source>attack angle</source>
        <translation>Eintreffwinkel</translation>
    </message>
    <message>
        <source>turf taken</source>
        <translation>Rasen genommen</translation>
    </message>
    <message>
        <source>distance past the declared rest</source>
        <translation>Strecke über die angesagte Ruhelage</translation>
    </message>
    <message>
        <source>distance right of it</source>
        <translation>Strecke rechts davon</translation>
    </message>
    <message>
        <source>no turf</source>
        <translation>kein Rasen</translation>
    </message>
    <message>
        <source>no more turf than %1</source>
        <translation>nicht mehr Rasen als %1</translation>
    </message>
    <message>
        <source>%1 %2 to %3</source>
        <translation>%1 %2 bis %3</translation>
    </message>
    <message>
        <source>; %1 to scatter by no more than %2</source>
        <translation>; %1 streut um höchstens %2</translation>
    </message>
    <message>
        <source>%1: the first of %2.</source>
        <translation>%1: der erste von %2.</translation>
    </message>
    <message>
        <source>%1 of %2 inside.</source>
        <translation>%1 von %2 drin.</translation>
    </message>
    <message>
        <source> Passed.</source>
        <translation> Bestanden.</translation>
    </message>
    <message>
        <source> Again from “%1” before what comes after it.</source>
        <translation> Noch einmal von „%1“ an, bevor kommt, was danach folgt.</translation>
    </message>
    <message>
        <source> Not passed yet: “%1”.</source>
        <translation> Noch nicht bestanden: „%1“.</translation>
    </message>
    <message>
        <source> %1 to go.</source>
        <translation> Noch %1.</translation>
    </message>
    <message>
        <source>Of %1 misses %2 by the %3.</source>
        <translation>Von %1 fehlen %2 bei: %3.</translation>
    </message>
    <message>
        <source>%1 not seen or set aside, to be hit again.</source>
        <translation>%1 nicht gesehen oder beiseitegelegt, noch einmal zu schlagen.</translation>
    </message>
    <message>
        <source>not measured yet</source>
        <translation>noch nicht gemessen</translation>
    </message>
    <message>
        <source> (too few yet)</source>
        <translation> (noch zu wenige)</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>B %1%2.</source>
        <translation>B %1%2.</translation>
    </message>
    <message>
        <source>, though perhaps by less than matters</source>
        <translation>, vielleicht aber um weniger als zählt</translation>
    </message>
    <message>
        <source>No difference in %1 that matters.</source>
        <translation>Kein Unterschied, der zählt: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%1: cannot tell yet, hit %n more.</source>
        <translation>
            <numerusform>%1: noch nicht zu sagen, noch %n schlagen.</numerusform>
            <numerusform>%1: noch nicht zu sagen, noch %n schlagen.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: cannot be told within 400 shots.</source>
        <translation>%1: in 400 Schlägen nicht zu sagen.</translation>
    </message>
    <message>
        <source> B is struck clean more often.</source>
        <translation> B wird öfter sauber getroffen.</translation>
    </message>
    <message>
        <source> A is struck clean more often.</source>
        <translation> A wird öfter sauber getroffen.</translation>
    </message>
    <message>
        <source>A is %1, B is %2.</source>
        <translation>A ist %1, B ist %2.</translation>
    </message>
    <message>
        <source>%1 in random order.</source>
        <translation>%1 in zufälliger Folge.</translation>
    </message>
    <message>
        <source>%1 in random order, %2 of them set aside.</source>
        <translation>%1 in zufälliger Folge, %2 davon beiseitegelegt.</translation>
    </message>
    <message>
        <source>%1 without the reading that decides.</source>
        <translation>%1 ohne den Wert, der entscheidet.</translation>
    </message>
    <message>
        <source>B scatters %1 times as far as A (about %2 to %3).</source>
        <translation>B streut %1-mal so weit wie A (etwa %2 bis %3).</translation>
    </message>
    <message>
        <source>Two equal ways are said to differ in at most %1 of 100 such trials, however often one looks.</source>
        <translation>Zwei gleiche Arten heißen in höchstens %1 von 100 solchen Versuchen verschieden, so oft man auch hinsieht.</translation>
    </message>
    <message>
        <source>Where it came to rest is not known.</source>
        <translation>Wo er liegen blieb, ist nicht bekannt.</translation>
    </message>
    <message>
        <source>swing</source>
        <translation>Schwung</translation>
    </message>
    <message>
        <source>strike</source>
        <translation>Treffer</translation>
    </message>
    <message>
        <source>air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>As far as declared</source>
        <translation>So weit wie angesagt</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 zu kurz</translation>
    </message>
    <message>
        <source>%1 past</source>
        <translation>%1 zu weit</translation>
    </message>
    <message>
        <source>%1 of what was declared; swing, strike and ground are told apart where club or ball is measured.</source>
        <translation>%1 der Ansage; Schwung, Treffer und Boden werden getrennt, wo Schläger oder Ball gemessen sind.</translation>
    </message>
    <message>
        <source>%1 of what was declared: %2.</source>
        <translation>%1 der Ansage: %2.</translation>
    </message>
    <message numerus="yes">
        <source>%n strike(s) with full effort today: enough for a day.</source>
        <translation>
            <numerusform>%n Schlag mit vollem Einsatz heute: genug für einen Tag.</numerusform>
            <numerusform>%n Schläge mit vollem Einsatz heute: genug für einen Tag.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 of %2 steep strikes off a mat or hard ground: a pause of %n minute(s) is due.</source>
        <translation>
            <numerusform>%1 von %2 steilen Schlägen von Matte oder hartem Boden: Eine Pause von %n Minute ist fällig.</numerusform>
            <numerusform>%1 von %2 steilen Schlägen von Matte oder hartem Boden: Eine Pause von %n Minuten ist fällig.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2 steep strikes off a mat or hard ground, then a pause.</source>
        <translation>%1 von %2 steilen Schlägen von Matte oder hartem Boden, dann eine Pause.</translation>
    </message>
</context>
<context>
    <name>Tune</name>
    <message>
        <source>order of the shots</source>
        <translation>Reihenfolge der Schläge</translation>
    </message>
    <message>
        <source>Friction: %1</source>
        <translation>Reibung: %1</translation>
    </message>
    <message>
        <source>Spring: %1</source>
        <translation>Federung: %1</translation>
    </message>
    <message>
        <source>Spring, gain per m/s slower</source>
        <translation>Federung, Gewinn je m/s langsamer</translation>
    </message>
    <message>
        <source>Ball off the face</source>
        <translation>Ball von der Schlagfläche</translation>
    </message>
    <message>
        <source>Device&apos;s loft bias</source>
        <translation>Loftfehler des Geräts</translation>
    </message>
    <message>
        <source>Device&apos;s attack bias</source>
        <translation>Eintreffwinkelfehler des Geräts</translation>
    </message>
    <message>
        <source>Ground: firmness, times</source>
        <translation>Boden: Festigkeit, mal</translation>
    </message>
    <message>
        <source>Ground: friction, times</source>
        <translation>Boden: Reibung, mal</translation>
    </message>
    <message>
        <source>Green speed, times</source>
        <translation>Grüntempo, mal</translation>
    </message>
    <message>
        <source>Air: drag, times</source>
        <translation>Luft: Widerstand, mal</translation>
    </message>
    <message>
        <source>Air: lift, times</source>
        <translation>Luft: Auftrieb, mal</translation>
    </message>
    <message>
        <source>Opening: arrives, besides</source>
        <translation>Öffnung: kommt an, dazu</translation>
    </message>
    <message>
        <source>Shaft lean: arrives, besides</source>
        <translation>Schaftneigung: kommt an, dazu</translation>
    </message>
    <message>
        <source>Path to the right: plus</source>
        <translation>Bahn nach rechts: dazu</translation>
    </message>
    <message>
        <source>Opening: of each degree arrives</source>
        <translation>Öffnung: von jedem Grad kommt an</translation>
    </message>
    <message>
        <source>Shaft lean: of each degree arrives</source>
        <translation>Schaftneigung: von jedem Grad kommt an</translation>
    </message>
    <message>
        <source>Ball, in balls forward: besides</source>
        <translation>Ball, in Bällen nach vorn: dazu</translation>
    </message>
    <message>
        <source>Ball: of each ball arrives</source>
        <translation>Ball: von jedem Ball kommt an</translation>
    </message>
    <message>
        <source>one day</source>
        <translation>ein Tag</translation>
    </message>
    <message>
        <source>first</source>
        <translation>die ersten</translation>
    </message>
    <message>
        <source>last</source>
        <translation>die letzten</translation>
    </message>
    <message>
        <source>%1 above</source>
        <translation>%1 darüber</translation>
    </message>
    <message>
        <source>%1 below</source>
        <translation>%1 darunter</translation>
    </message>
    <message>
        <source>A pattern is left: %1 is measured %2 the prediction at %3 and %4 of %5, and %6 it between.</source>
        <translation>Ein Muster bleibt: %1 ist %2 der Rechnung gemessen bei %3 und %4 von %5, dazwischen %6.</translation>
    </message>
    <message>
        <source>A pattern is left: %1 is measured %2 the prediction at %3 of %4, and %5 it at %6.</source>
        <translation>Ein Muster bleibt: %1 ist %2 der Rechnung gemessen bei %3 von %4, und %5 bei %6.</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>launches %1 higher than declared (%2)</source>
        <translation>fliegt %1 höher ab als angesagt (%2)</translation>
    </message>
    <message>
        <source>launches %1 lower than declared (%2)</source>
        <translation>fliegt %1 flacher ab als angesagt (%2)</translation>
    </message>
    <message>
        <source>launches as declared (%1)</source>
        <translation>fliegt wie angesagt ab (%1)</translation>
    </message>
    <message>
        <source>comes down %1 steeper</source>
        <translation>kommt %1 steiler herunter</translation>
    </message>
    <message>
        <source>comes down %1 flatter</source>
        <translation>kommt %1 flacher herunter</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>No tuning to %1 yet.</source>
        <translation>Noch keine Abstimmung auf %1.</translation>
    </message>
    <message>
        <source>%1 to %2&#xa0;%</source>
        <translation>%1 bis %2 %</translation>
    </message>
    <message>
        <source>%1 % more friction than ball, face and lie explain (%2)</source>
        <translation>%1 % mehr Reibung, als Ball, Schlagfläche und Lage erklären (%2)</translation>
    </message>
    <message>
        <source>%1 % less friction than ball, face and lie explain (%2)</source>
        <translation>%1 % weniger Reibung, als Ball, Schlagfläche und Lage erklären (%2)</translation>
    </message>
    <message>
        <source>Friction as ball, face and lie explain (%1)</source>
        <translation>Reibung, wie Ball, Schlagfläche und Lage sie erklären (%1)</translation>
    </message>
    <message>
        <source>the device reads %1 of loft too much</source>
        <translation>das Gerät misst %1 Loft zu viel</translation>
    </message>
    <message>
        <source>the device reads %1 of loft too little</source>
        <translation>das Gerät misst %1 Loft zu wenig</translation>
    </message>
    <message>
        <source>and attack %1 too shallow</source>
        <translation>und den Eintreffwinkel %1 zu flach</translation>
    </message>
    <message>
        <source>and attack %1 too steep</source>
        <translation>und den Eintreffwinkel %1 zu steil</translation>
    </message>
    <message>
        <source>Off %1:</source>
        <translation>Aus %1:</translation>
    </message>
    <message>
        <source>%1 more grip than is usual (%2)</source>
        <translation>%1 mehr Griff als üblich (%2)</translation>
    </message>
    <message>
        <source>%1 less grip than is usual (%2)</source>
        <translation>%1 weniger Griff als üblich (%2)</translation>
    </message>
    <message>
        <source>The %1 springs back into spin more than is usual</source>
        <translation>%1: federt mehr in den Spin zurück als üblich</translation>
    </message>
    <message>
        <source>The %1 springs back into spin less than is usual</source>
        <translation>%1: federt weniger in den Spin zurück als üblich</translation>
    </message>
    <message>
        <source>Slow strikes spin more for their speed than is usual</source>
        <translation>Langsame Schläge drehen für ihr Tempo mehr als üblich</translation>
    </message>
    <message>
        <source>Slow strikes spin less for their speed than is usual</source>
        <translation>Langsame Schläge drehen für ihr Tempo weniger als üblich</translation>
    </message>
    <message>
        <source>The ball leaves the face %1 faster than is usual (%2)</source>
        <translation>Der Ball verlässt die Schlagfläche %1 schneller als üblich (%2)</translation>
    </message>
    <message>
        <source>The ball leaves the face %1 slower than is usual (%2)</source>
        <translation>Der Ball verlässt die Schlagfläche %1 langsamer als üblich (%2)</translation>
    </message>
    <message>
        <source>The device reads %1 too much loft (%2)</source>
        <translation>Das Gerät misst %1 zu viel Loft (%2)</translation>
    </message>
    <message>
        <source>The device reads %1 too little loft (%2)</source>
        <translation>Das Gerät misst %1 zu wenig Loft (%2)</translation>
    </message>
    <message>
        <source>The device reads the attack %1 too shallow (%2)</source>
        <translation>Das Gerät misst den Eintreffwinkel %1 zu flach (%2)</translation>
    </message>
    <message>
        <source>The device reads the attack %1 too steep (%2)</source>
        <translation>Das Gerät misst den Eintreffwinkel %1 zu steil (%2)</translation>
    </message>
    <message>
        <source>The ground is %1 firmer than it is said to be (%2)</source>
        <translation>Der Boden ist %1 fester als angegeben (%2)</translation>
    </message>
    <message>
        <source>The ground is %1 softer than it is said to be (%2)</source>
        <translation>Der Boden ist %1 weicher als angegeben (%2)</translation>
    </message>
    <message>
        <source>The turf holds the ball %1 more than it is said to (%2)</source>
        <translation>Der Rasen hält den Ball %1 mehr als angegeben (%2)</translation>
    </message>
    <message>
        <source>The turf holds the ball %1 less than it is said to (%2)</source>
        <translation>Der Rasen hält den Ball %1 weniger als angegeben (%2)</translation>
    </message>
    <message>
        <source>The greens are %1 faster than they are said to be (%2)</source>
        <translation>Die Grüns sind %1 schneller als angegeben (%2)</translation>
    </message>
    <message>
        <source>The greens are %1 slower than they are said to be (%2)</source>
        <translation>Die Grüns sind %1 langsamer als angegeben (%2)</translation>
    </message>
    <message>
        <source>The air slows the ball %1 more than is usual (%2)</source>
        <translation>Die Luft bremst den Ball %1 mehr als üblich (%2)</translation>
    </message>
    <message>
        <source>The air slows the ball %1 less than is usual (%2)</source>
        <translation>Die Luft bremst den Ball %1 weniger als üblich (%2)</translation>
    </message>
    <message>
        <source>The air lifts the ball %1 more than is usual (%2)</source>
        <translation>Die Luft hebt den Ball %1 mehr als üblich (%2)</translation>
    </message>
    <message>
        <source>The air lifts the ball %1 less than is usual (%2)</source>
        <translation>Die Luft hebt den Ball %1 weniger als üblich (%2)</translation>
    </message>
    <message>
        <source>The face comes %1 farther open than it is set (%2)</source>
        <translation>Die Schlagfläche kommt %1 weiter offen an, als sie gestellt ist (%2)</translation>
    </message>
    <message>
        <source>The face comes %1 less open than it is set (%2)</source>
        <translation>Die Schlagfläche kommt %1 weniger offen an, als sie gestellt ist (%2)</translation>
    </message>
    <message>
        <source>10° of opening arrive as %1 (%2)</source>
        <translation>10° Öffnung kommen als %1 an (%2)</translation>
    </message>
    <message>
        <source>10° of lean arrive as %1 (%2)</source>
        <translation>10° Neigung kommen als %1 an (%2)</translation>
    </message>
    <message>
        <source>The shaft leans %1 more than it is set (%2)</source>
        <translation>Der Schaft neigt sich %1 mehr, als er gestellt ist (%2)</translation>
    </message>
    <message>
        <source>The shaft leans %1 less than it is set (%2)</source>
        <translation>Der Schaft neigt sich %1 weniger, als er gestellt ist (%2)</translation>
    </message>
    <message>
        <source>The ball plays %1 balls farther forward than it is put (%2)</source>
        <translation>Der Ball spielt sich %1 Bälle weiter vorn, als er liegt (%2)</translation>
    </message>
    <message>
        <source>The ball plays %1 balls farther back than it is put (%2)</source>
        <translation>Der Ball spielt sich %1 Bälle weiter hinten, als er liegt (%2)</translation>
    </message>
    <message>
        <source>A ball moved by one plays like %1 (%2)</source>
        <translation>Um einen Ball verschoben wirkt wie %1 (%2)</translation>
    </message>
    <message>
        <source>%1: %2. From %3.</source>
        <translation>%1: %2. Aus %3.</translation>
    </message>
    <message>
        <source>From %1 by eye, each with the spread of its kind of seeing; nothing that a device measured.</source>
        <translation>Aus %1 nach Augenmaß, jeder mit der Spanne seiner Art zu sehen; nichts, was ein Gerät gemessen hätte.</translation>
    </message>
    <message>
        <source>From %1; readings scatter by %2 % in ball speed, %3 in launch, %4 % in spin.</source>
        <translation>Aus %1; Messwerte streuen um %2 % im Balltempo, %3 im Abflug, %4 % im Spin.</translation>
    </message>
    <message>
        <source> %1 set aside do not count.</source>
        <translation> %1 beiseitegelegt zählen nicht.</translation>
    </message>
    <message>
        <source> %1 without club data.</source>
        <translation> %1 ohne Schlägerdaten.</translation>
    </message>
    <message>
        <source>Marked ~, as a pattern is left of what they explain: %1.</source>
        <translation>Mit ~ markiert, da von dem, was sie erklären, ein Muster bleibt: %1.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>Little more than before is known of: %1.</source>
        <translation>Kaum mehr als vorher weiß man über: %1.</translation>
    </message>
    <message>
        <source>Declare the set-up of shots in Watch to learn what it really delivers.</source>
        <translation>Setups von Schlägen in Beobachten ansagen, um zu lernen, was davon wirklich ankommt.</translation>
    </message>
    <message>
        <source>All shots are of one day: what another day&apos;s ground does to the run cannot be checked.</source>
        <translation>Alle Schläge sind von einem Tag: Was der Boden eines anderen Tags mit dem Roll macht, lässt sich nicht prüfen.</translation>
    </message>
    <message>
        <source>Enough is known for this player&apos;s usual shots: one more would take less than 2 % off what is not known of their carry and release.</source>
        <translation>Für die üblichen Schläge dieses Spielers ist genug bekannt: Einer mehr nähme weniger als 2 % von dem, was über Carry und Roll unbekannt ist.</translation>
    </message>
    <message>
        <source>If there are more to hit:</source>
        <translation>Wenn noch welche zu schlagen sind:</translation>
    </message>
    <message>
        <source>These shots would make predictions of carry and release the surest:</source>
        <translation>Diese Schläge machten die Vorhersage von Carry und Roll am sichersten:</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>From %1 with a declared set-up: 10° of opening come as %2, 5° of shaft lean as %3, a ball in the middle plays %4 balls forward.</source>
        <translation>Aus %1 mit angesagtem Setup: 10° Öffnung kommen als %2 an, 5° Schaftneigung als %3, ein Ball in der Mitte spielt sich %4 Bälle weiter vorn.</translation>
    </message>
    <message>
        <source>From swing to swing (two of three within, the device&apos;s own noise with it): club speed %1 %, attack %2, path %3, face %4, dynamic loft %5.</source>
        <translation>Von Schwung zu Schwung (zwei von drei darin, das Rauschen des Geräts dabei): Schlägertempo %1 %, Eintreffwinkel %2, Bahn %3, Schlagfläche %4, dynamischer Loft %5.</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>attack</source>
        <translation>Eintreffen</translation>
    </message>
    <message>
        <source>path</source>
        <translation>Bahn</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>loft</source>
        <translation>Loft</translation>
    </message>
    <message>
        <source>%1 with %2 (%3)</source>
        <translation>%1 mit %2 (%3)</translation>
    </message>
    <message>
        <source>None of them goes with another.</source>
        <translation>Keins davon geht mit einem anderen.</translation>
    </message>
    <message>
        <source>What goes together: %1.</source>
        <translation>Was zusammengeht: %1.</translation>
    </message>
    <message>
        <source>%1 %2 ± %3</source>
        <translation>%1 %2 ± %3</translation>
    </message>
    <message>
        <source>%1: %2 %3.</source>
        <translation>%1: %2 %3.</translation>
    </message>
    <message>
        <source>%1 % firmer</source>
        <translation>%1 % fester</translation>
    </message>
    <message>
        <source>%1 % softer</source>
        <translation>%1 % weicher</translation>
    </message>
    <message>
        <source>%1 % faster</source>
        <translation>%1 % schneller</translation>
    </message>
    <message>
        <source>%1 % slower</source>
        <translation>%1 % langsamer</translation>
    </message>
    <message>
        <source>The ground of %1 was %2 than on the other days.</source>
        <translation>Der Boden von %1 war %2 als an den anderen Tagen.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
</context>
<context>
    <name>Units</name>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>yd</source>
        <translation>yd</translation>
    </message>
    <message>
        <source>ft</source>
        <translation>ft</translation>
    </message>
    <message>
        <source>m/s</source>
        <translation>m/s</translation>
    </message>
    <message>
        <source>mph</source>
        <translation>mph</translation>
    </message>
    <message>
        <source>km/h</source>
        <translation>km/h</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>on line</source>
        <translation>auf der Linie</translation>
    </message>
    <message>
        <source>level</source>
        <translation>waagerecht</translation>
    </message>
    <message>
        <source>up</source>
        <translation>aufwärts</translation>
    </message>
    <message>
        <source>down</source>
        <translation>abwärts</translation>
    </message>
    <message>
        <source>rpm</source>
        <translation>U/min</translation>
    </message>
    <message>
        <source>%1 rpm</source>
        <translation>%1 U/min</translation>
    </message>
    <message>
        <source>%1 ± %2 rpm</source>
        <translation>%1 ± %2 U/min</translation>
    </message>
    <message numerus="yes">
        <source>%n shot(s)</source>
        <translation>
            <numerusform>%n Schlag</numerusform>
            <numerusform>%n Schläge</numerusform>
        </translation>
    </message>
    <message>
        <source>first</source>
        <translation>ersten</translation>
    </message>
    <message>
        <source>second</source>
        <translation>zweiten</translation>
    </message>
    <message>
        <source>third</source>
        <translation>dritten</translation>
    </message>
    <message>
        <source>%1th</source>
        <translation>%1.</translation>
    </message>
</context>
<context>
    <name>WhySteps</name>
    <message>
        <source>%1 cm</source>
        <translation>%1 cm</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Schlagfläche</translation>
    </message>
    <message>
        <source>The face&apos;s normal n, turned by the opening about the shaft and by the lean about the shaft plane&apos;s normal. Dynamic loft = asin n(up); face angle = atan(n(right) / n(ahead)).</source>
        <translation>Die Normale n der Schlagfläche, durch das Öffnen um den Schaft gedreht und durch die Neigung um die Normale der Schaftebene. Dynamischer Loft = asin n(oben); Schlagflächenwinkel = atan(n(rechts) / n(vorn)).</translation>
    </message>
    <message>
        <source>Loft %1, opened %2, delivered lean %3: dynamic loft %4, face %5.</source>
        <translation>Loft %1, geöffnet %2, Neigung am Ball %3: dynamischer Loft %4, Schlagfläche %5.</translation>
    </message>
    <message>
        <source>Geometry, exact.</source>
        <translation>Geometrie, genau.</translation>
    </message>
    <message>
        <source>Delivery</source>
        <translation>Schwung am Ball</translation>
    </message>
    <message>
        <source>Low point L = 2 cm + 0.35 cm for each % of weight above 50. Attack = −asin((L − b) / R); hit before the low point on a plane tilted by ψ, the path goes right by asin(tan|attack| / tan ψ).</source>
        <translation>Tiefpunkt L = 2 cm + 0,35 cm je % Gewicht über 50. Eintreffwinkel = −asin((L − b) / R); vor dem Tiefpunkt getroffen, auf einer um ψ geneigten Ebene, geht die Bahn um asin(tan|Eintreffwinkel| / tan ψ) nach rechts.</translation>
    </message>
    <message>
        <source>L %1, ball b %2, radius R %3, ψ %4: attack %5, path %6.</source>
        <translation>L %1, Ball b %2, Radius R %3, ψ %4: Eintreffwinkel %5, Bahn %6.</translation>
    </message>
    <message>
        <source>A starting guess for an unknown player; this player&apos;s own swings replace it.</source>
        <translation>Eine erste Annahme für einen unbekannten Spieler; die eigenen Schwünge des Spielers ersetzen sie.</translation>
    </message>
    <message>
        <source>Lie, ball and face</source>
        <translation>Lage, Ball und Schlagfläche</translation>
    </message>
    <message>
        <source>Friction μ = ball × face × (1 − 0.8 c^0.4 (0.6 + 0.4 w)) for cover c and moisture w (0 on a wet face), 0.08 at least; the club keeps 1 − 0.22 c^1.5 (0.35 + 0.65 w) q of its speed, q by the grain.</source>
        <translation>Reibung μ = Ball × Schlagfläche × (1 − 0,8 c^0,4 (0,6 + 0,4 w)) für Bedeckung c und Feuchte w (0 bei nasser Schlagfläche), mindestens 0,08; der Schläger behält 1 − 0,22 c^1,5 (0,35 + 0,65 w) q seines Tempos, q nach dem Strich.</translation>
    </message>
    <message>
        <source>μ %1; the club keeps %2 of %3; the grass turns the face by %4.</source>
        <translation>μ %1; der Schläger behält %2 von %3; das Gras dreht die Schlagfläche um %4.</translation>
    </message>
    <message>
        <source>Starting guesses, to be tuned to ball, face and lie.</source>
        <translation>Erste Annahmen, abzustimmen auf Ball, Schlagfläche und Lage.</translation>
    </message>
    <message>
        <source>Strike</source>
        <translation>Treffer</translation>
    </message>
    <message>
        <source>Of the club&apos;s speed v, v cos(spin loft) drives the ball and v sin(spin loft) drags it along the face. Gripping needs J(grip) = (1 + e_t) m u / (1 + 1/α + m/M); the face gives at most μ J(normal). Spin comes from the smaller. e_t = e_b + 0.0091 s/m (30 m/s − v(normal)).</source>
        <translation>Vom Schlägertempo v treibt v cos(Spin-Loft) den Ball und v sin(Spin-Loft) zieht ihn über die Schlagfläche. Greifen braucht J(Griff) = (1 + e_t) m u / (1 + 1/α + m/M); die Schlagfläche gibt höchstens μ J(normal). Spin kommt vom kleineren. e_t = e_b + 0,0091 s/m (30 m/s − v(normal)).</translation>
    </message>
    <message>
        <source>v %1 at spin loft %2: %3 through, %4 along. J(grip) is %5 of what friction gives, so %6. Ball %7, launch %8, spin %9.</source>
        <translation>v %1 bei Spin-Loft %2: %3 hindurch, %4 entlang. J(Griff) ist %5 dessen, was die Reibung gibt, also %6. Ball %7, Abflug %8, Spin %9.</translation>
    </message>
    <message>
        <source>friction limits the spin</source>
        <translation>Reibung begrenzt den Spin</translation>
    </message>
    <message>
        <source>loft limits the spin</source>
        <translation>Loft begrenzt den Spin</translation>
    </message>
    <message>
        <source>Oblique impact of a rigid ball with friction; e = 0.878 − 0.003 v(normal). Spin within 5 % of tour averages, each half tried on the other.</source>
        <translation>Schiefer Stoß eines starren Balls mit Reibung; e = 0,878 − 0,003 v(normal). Spin auf 5 % an Tourmittelwerten, jede Hälfte an der anderen geprüft.</translation>
    </message>
    <message>
        <source>Flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>Drag C_D = 0.282 + 0.288 / (1 + exp((Re − 63 800) / 12 000)) + 0.075 S and lift C_L = 0.367 S / (0.045 + S), with S = r ω / speed; the spin fades by 4 % a second.</source>
        <translation>Widerstand C_D = 0,282 + 0,288 / (1 + exp((Re − 63 800) / 12 000)) + 0,075 S und Auftrieb C_L = 0,367 S / (0,045 + S), mit S = r ω / Tempo; der Spin nimmt je Sekunde um 4 % ab.</translation>
    </message>
    <message>
        <source>Air %1 kg/m³: apex %2, carry %3, lands at %4 with %5 and %6.</source>
        <translation>Luft %1 kg/m³: Scheitel %2, Carry %3, landet mit %4, %5 und %6.</translation>
    </message>
    <message>
        <source>Fitted to published tour averages: carry within 1.4 % in the mean. Runge-Kutta, landing within 1 cm.</source>
        <translation>Angepasst an veröffentlichte Tourmittelwerte: Carry im Mittel auf 1,4 %. Runge-Kutta, Landung auf 1 cm.</translation>
    </message>
    <message>
        <source>%1 to %2%3</source>
        <translation>%1 zu %2%3</translation>
    </message>
    <message>
        <source> (checks)</source>
        <translation> (beißt)</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>The dent tilts the turf&apos;s normal back by 16° F^−0.6 (V(normal) / 13.3)^0.9 (sin φ / 0.70)³, never past the ball&apos;s own way; e = √F (0.510 − 0.0375 p + 0.000903 p²); friction takes at most μ(1 + e)p / (1 + p / 24) of the contact&apos;s speed; then it slides, rolls and stops at the green&apos;s rate.</source>
        <translation>Die Delle kippt die Normale des Rasens um 16° F^−0,6 (V(normal) / 13,3)^0,9 (sin φ / 0,70)³ zurück, nie über den eigenen Weg des Balls hinaus; e = √F (0,510 − 0,0375 p + 0,000903 p²); Reibung nimmt höchstens μ(1 + e)p / (1 + p / 24) vom Tempo des Kontakts; dann rutscht er, rollt und hält im Takt des Grüns.</translation>
    </message>
    <message>
        <source>Forward speed in each bounce: %1. Rests %2 from where it pitched.</source>
        <translation>Tempo nach vorn in jedem Aufsprung: %1. Liegt %2 von seiner Landestelle.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>After Penner, &quot;The run of a golf ball&quot;, Can. J. Phys. 80 (2002), fitted anew to what coaches see of pitches and chips. Firmness 0.7 to 1.4, landing speeds up to about 40 m/s.</source>
        <translation>Nach Penner, „The run of a golf ball“, Can. J. Phys. 80 (2002), neu angepasst an das, was Trainer von Pitches und Chips sehen. Festigkeit 0,7 bis 1,4, Landetempo bis etwa 40 m/s.</translation>
    </message>
    <message>
        <source>Set-up</source>
        <translation>Setup</translation>
    </message>
    <message>
        <source>Delivered = offset + factor × declared, for opening, lean and ball position.</source>
        <translation>Am Ball = Versatz + Faktor × Ansage, für Öffnung, Neigung und Ballposition.</translation>
    </message>
    <message>
        <source>Opening %1 comes as %2, lean %3 as %4, the ball %5 balls forward as %6.</source>
        <translation>Öffnung %1 kommt als %2 an, Neigung %3 als %4, der Ball %5 Bälle vorn als %6.</translation>
    </message>
    <message>
        <source>Tuned to this player&apos;s declared set-ups.</source>
        <translation>Abgestimmt auf die angesagten Setups dieses Spielers.</translation>
    </message>
    <message>
        <source>Strike margin</source>
        <translation>Spielraum des Treffers</translation>
    </message>
    <message>
        <source>Effective bounce = bounce + dynamic loft − loft; the edge is 12 mm × sin of it above the sole&apos;s lowest point. Thin: the edge passes above where the face would meet the ball, sit + r (1 − sin dynamic loft). Fat: the sole is deeper than the lie gives.</source>
        <translation>Wirksamer Bounce = Bounce + dynamischer Loft − Loft; die Kante liegt 12 mm × sin davon über dem tiefsten Punkt der Sohle. Dünn: Die Kante geht über der Stelle durch, an der die Schlagfläche den Ball träfe, Lage + r (1 − sin dynamischer Loft). Fett: Die Sohle ist tiefer, als die Lage hergibt.</translation>
    </message>
    <message>
        <source>Effective bounce %1, edge %2 up, ball met at %3: clean from %4 to %5 of depth.</source>
        <translation>Wirksamer Bounce %1, Kante %2 hoch, Ball getroffen bei %3: sauber von %4 bis %5 Tiefe.</translation>
    </message>
    <message>
        <source>Geometry; the depth that a lie gives is a starting guess.</source>
        <translation>Geometrie; die Tiefe, die eine Lage hergibt, ist eine erste Annahme.</translation>
    </message>
</context>
<context>
    <name>Words</name>
    <message>
        <source>Putter</source>
        <translation>Putter</translation>
    </message>
    <message>
        <source>Low %1</source>
        <translation>Flach %1</translation>
    </message>
    <message>
        <source>Middle %1</source>
        <translation>Mittel %1</translation>
    </message>
    <message>
        <source>High %1</source>
        <translation>Hoch %1</translation>
    </message>
    <message>
        <source>open %1</source>
        <translation>offen %1</translation>
    </message>
    <message>
        <source>closed %1</source>
        <translation>geschlossen %1</translation>
    </message>
    <message>
        <source>ball back</source>
        <translation>Ball hinten</translation>
    </message>
    <message>
        <source>ball forward</source>
        <translation>Ball vorn</translation>
    </message>
    <message>
        <source>hands ahead</source>
        <translation>Hände vorn</translation>
    </message>
    <message>
        <source>hands level</source>
        <translation>Hände gleichauf</translation>
    </message>
    <message>
        <source>putter</source>
        <translation>Putter</translation>
    </message>
    <message>
        <source>%1 iron</source>
        <translation>Eisen %1</translation>
    </message>
    <message>
        <source>between %1 and %2</source>
        <translation>zwischen %1 und %2</translation>
    </message>
    <message>
        <source>on the edge</source>
        <translation>an der Kante</translation>
    </message>
    <message>
        <source>%1 past the edge</source>
        <translation>%1 hinter der Kante</translation>
    </message>
    <message>
        <source>%1 short of the edge</source>
        <translation>%1 vor der Kante</translation>
    </message>
    <message>
        <source>nothing else comes near the flag from here</source>
        <translation>nichts anderes kommt von hier in die Nähe der Fahne</translation>
    </message>
    <message>
        <source>leaves the shorter putt: %1 in 100 inside %2</source>
        <translation>lässt den kürzeren Putt: %1 von 100 innerhalb %2</translation>
    </message>
    <message>
        <source>leaves the longer putt: %1 in 100 inside %2</source>
        <translation>lässt den längeren Putt: %1 von 100 innerhalb %2</translation>
    </message>
    <message>
        <source>seldom stops on the fringe</source>
        <translation>bleibt selten auf dem Vorgrün</translation>
    </message>
    <message>
        <source>often stops on the fringe</source>
        <translation>bleibt oft auf dem Vorgrün</translation>
    </message>
    <message>
        <source>gets to the green: %1 in 100 stay short</source>
        <translation>erreicht das Grün: %1 von 100 bleiben zu kurz</translation>
    </message>
    <message>
        <source>%1 in 100 stay short of the green</source>
        <translation>%1 von 100 bleiben vor dem Grün</translation>
    </message>
    <message>
        <source>holds the green: %1 in 100 run over</source>
        <translation>hält das Grün: %1 von 100 laufen darüber hinaus</translation>
    </message>
    <message>
        <source>%1 in 100 run over the green</source>
        <translation>%1 von 100 laufen über das Grün hinaus</translation>
    </message>
    <message>
        <source>stays out of the sand: %1 in 100 find it</source>
        <translation>bleibt aus dem Sand: %1 von 100 landen darin</translation>
    </message>
    <message>
        <source>%1 in 100 end in sand</source>
        <translation>%1 von 100 enden im Sand</translation>
    </message>
    <message>
        <source>stays out of the water: %1 in 100 find it</source>
        <translation>bleibt aus dem Wasser: %1 von 100 landen darin</translation>
    </message>
    <message>
        <source>%1 in 100 end in water</source>
        <translation>%1 von 100 enden im Wasser</translation>
    </message>
    <message>
        <source>clears what stands in the way</source>
        <translation>kommt über das, was im Weg steht</translation>
    </message>
    <message>
        <source>%1 in 100 do not clear what stands in the way</source>
        <translation>%1 von 100 kommen nicht über das, was im Weg steht</translation>
    </message>
    <message>
        <source>forgives the strike: %1 thin and %2 fat in 100</source>
        <translation>verzeiht beim Treffen: %1 dünn und %2 fett von 100</translation>
    </message>
    <message>
        <source>asks more of the strike: %1 thin and %2 fat in 100</source>
        <translation>verlangt mehr beim Treffen: %1 dünn und %2 fett von 100</translation>
    </message>
    <message>
        <source>the flag stood %1 farther (%2)</source>
        <translation>die Fahne stünde %1 weiter weg (%2)</translation>
    </message>
    <message>
        <source>the flag stood %1 nearer (%2)</source>
        <translation>die Fahne stünde %1 näher (%2)</translation>
    </message>
    <message>
        <source>the face were wet (%1)</source>
        <translation>die Schlagfläche wäre nass (%1)</translation>
    </message>
    <message>
        <source>the ball sat down (%1)</source>
        <translation>der Ball läge unten (%1)</translation>
    </message>
    <message>
        <source>the ball sat up (%1)</source>
        <translation>der Ball läge oben (%1)</translation>
    </message>
    <message>
        <source>the ground were firmer (%1)</source>
        <translation>der Boden wäre fester (%1)</translation>
    </message>
    <message>
        <source>the ground were softer (%1)</source>
        <translation>der Boden wäre weicher (%1)</translation>
    </message>
    <message>
        <source>%1 more of wind came against (%2)</source>
        <translation>%1 mehr Wind käme entgegen (%2)</translation>
    </message>
    <message>
        <source>almost always</source>
        <translation>fast immer</translation>
    </message>
    <message>
        <source>hardly ever</source>
        <translation>fast nie</translation>
    </message>
    <message>
        <source>once in %1</source>
        <translation>einmal von %1</translation>
    </message>
    <message>
        <source>%1 times in %2</source>
        <translation>%1-mal von %2</translation>
    </message>
    <message>
        <source>No shot of this player&apos;s comes near the flag.</source>
        <translation>Kein Schlag dieses Spielers kommt in die Nähe der Fahne.</translation>
    </message>
    <message>
        <source>Putt it. On the green: %1.</source>
        <translation>Putten. Auf dem Grün: %1.</translation>
    </message>
    <message>
        <source>%1, %2: land it %3. On the green: %4.</source>
        <translation>%1, %2: Landung %3. Auf dem Grün: %4.</translation>
    </message>
    <message>
        <source>%1 does not exist</source>
        <translation>%1 gibt es nicht</translation>
    </message>
    <message>
        <source>%1 is not a file</source>
        <translation>%1 ist keine Datei</translation>
    </message>
    <message>
        <source>%1 is a folder</source>
        <translation>%1 ist ein Ordner</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 cannot be opened for reading</source>
        <translation>%1 lässt sich nicht zum Lesen öffnen</translation>
    </message>
    <message>
        <source>%1 could not be read to its end</source>
        <translation>%1 ließ sich nicht zu Ende lesen</translation>
    </message>
    <message>
        <source>%1 is %2 MB; files up to %3 MB are read</source>
        <translation>%1 hat %2 MB; gelesen werden Dateien bis %3 MB</translation>
    </message>
    <message>
        <source>%1 could not be written: %2; what stood there before is unchanged</source>
        <translation>%1 ließ sich nicht schreiben: %2; was vorher dort stand, ist unverändert</translation>
    </message>
    <message>
        <source>%1 could not be written: %2</source>
        <translation>%1 ließ sich nicht schreiben: %2</translation>
    </message>
    <message>
        <source>%1 could not be renamed: %2</source>
        <translation>%1 ließ sich nicht umbenennen: %2</translation>
    </message>
    <message>
        <source>%1 is what is read from; write elsewhere</source>
        <translation>%1 ist das, woraus gelesen wird; woanders speichern</translation>
    </message>
    <message>
        <source>%1 is the logbook that is open; its shots are in it already</source>
        <translation>%1 ist das offene Logbuch; seine Schläge sind schon darin</translation>
    </message>
    <message>
        <source>%1 belongs to the open logbook; write elsewhere</source>
        <translation>%1 gehört zum offenen Logbuch; woanders speichern</translation>
    </message>
    <message>
        <source>%1 is a logbook or another database; write elsewhere</source>
        <translation>%1 ist ein Logbuch oder eine andere Datenbank; woanders speichern</translation>
    </message>
    <message>
        <source>%1 is empty</source>
        <translation>%1 ist leer</translation>
    </message>
    <message>
        <source>%1 is not delimited text: it looks like %i</source>
        <translation>%1 ist kein Text mit Trennzeichen: Es sieht aus wie %i</translation>
    </message>
    <message>
        <source>a PNG picture</source>
        <translation>ein PNG-Bild</translation>
    </message>
    <message>
        <source>a JPEG picture</source>
        <translation>ein JPEG-Bild</translation>
    </message>
    <message>
        <source>a GIF picture</source>
        <translation>ein GIF-Bild</translation>
    </message>
    <message>
        <source>a PDF document</source>
        <translation>ein PDF-Dokument</translation>
    </message>
    <message>
        <source>a spreadsheet or zip archive; export it as CSV</source>
        <translation>eine Tabellenkalkulation oder ein Zip-Archiv; als CSV ausgeben</translation>
    </message>
    <message>
        <source>an SQLite database</source>
        <translation>eine SQLite-Datenbank</translation>
    </message>
    <message>
        <source>a UTF-16 text that is cut or damaged</source>
        <translation>ein UTF-16-Text, der abgeschnitten oder beschädigt ist</translation>
    </message>
    <message>
        <source>binary data</source>
        <translation>Binärdaten</translation>
    </message>
    <message>
        <source>%1: %i</source>
        <translation>%1: %i</translation>
    </message>
    <message>
        <source>%1, line %2: %i</source>
        <translation>%1, Zeile %2: %i</translation>
    </message>
    <message>
        <source>a quote that is opened here is never closed</source>
        <translation>ein Anführungszeichen, das hier öffnet, wird nie geschlossen</translation>
    </message>
    <message>
        <source>a quoted cell is longer than %1 KiB; is a quote missing?</source>
        <translation>eine Zelle in Anführungszeichen ist länger als %1 KiB; fehlt ein Anführungszeichen?</translation>
    </message>
    <message>
        <source>a cell is longer than %1 KiB</source>
        <translation>eine Zelle ist länger als %1 KiB</translation>
    </message>
    <message>
        <source>more than %1 cells in one row</source>
        <translation>mehr als %1 Zellen in einer Zeile</translation>
    </message>
    <message>
        <source>holds only blank lines</source>
        <translation>enthält nur leere Zeilen</translation>
    </message>
    <message>
        <source>no column is known here. The first line reads &quot;%1&quot;; a header such as &quot;club_speed [mph]&quot;, &quot;launch_angle [deg]&quot; is needed</source>
        <translation>keine Spalte ist hier bekannt. Die erste Zeile lautet „%1“; nötig ist ein Kopf wie „club_speed [mph]“, „launch_angle [deg]“</translation>
    </message>
    <message>
        <source>no column of measured numbers is known here</source>
        <translation>keine Spalte mit gemessenen Zahlen ist hier bekannt</translation>
    </message>
    <message>
        <source>no column of measured numbers is known here; column &quot;%1&quot; %i</source>
        <translation>keine Spalte mit gemessenen Zahlen ist hier bekannt; Spalte „%1“ %i</translation>
    </message>
    <message>
        <source>the columns are known, but no row holds a shot.</source>
        <translation>die Spalten sind bekannt, aber keine Zeile enthält einen Schlag.</translation>
    </message>
    <message>
        <source>the columns are known, but no row holds a shot. Line %1: &quot;%2&quot; %i.</source>
        <translation>die Spalten sind bekannt, aber keine Zeile enthält einen Schlag. Zeile %1: „%2“ %i.</translation>
    </message>
    <message>
        <source>the columns are known, but no row holds a shot. Line %1, column %2 %3: &quot;%4&quot; %i.</source>
        <translation>die Spalten sind bekannt, aber keine Zeile enthält einen Schlag. Zeile %1, Spalte %2 %3: „%4“ %i.</translation>
    </message>
    <message>
        <source>stopped; nothing was taken</source>
        <translation>angehalten; nichts wurde übernommen</translation>
    </message>
    <message>
        <source>stands above the header</source>
        <translation>steht über dem Kopf</translation>
    </message>
    <message>
        <source>a second header row</source>
        <translation>eine zweite Kopfzeile</translation>
    </message>
    <message>
        <source>a summary of the rows, not a shot</source>
        <translation>eine Zusammenfassung der Zeilen, kein Schlag</translation>
    </message>
    <message>
        <source>stands beyond the last column of the header</source>
        <translation>steht hinter der letzten Spalte des Kopfs</translation>
    </message>
    <message>
        <source>is longer than %1 characters</source>
        <translation>ist länger als %1 Zeichen</translation>
    </message>
    <message>
        <source>no number in it; a second header or a footer?</source>
        <translation>keine Zahl darin; ein zweiter Kopf oder ein Fuß?</translation>
    </message>
    <message>
        <source>no measured number in it</source>
        <translation>keine gemessene Zahl darin</translation>
    </message>
    <message>
        <source>is not a number</source>
        <translation>ist keine Zahl</translation>
    </message>
    <message>
        <source>is not a finite number</source>
        <translation>ist keine endliche Zahl</translation>
    </message>
    <message>
        <source>is too long for a number</source>
        <translation>ist zu lang für eine Zahl</translation>
    </message>
    <message>
        <source>is too large</source>
        <translation>ist zu groß</translation>
    </message>
    <message>
        <source>is outside what %1 can be: %2 to %3 %4</source>
        <translation>liegt außerhalb dessen, was möglich ist (%1): %2 bis %3 %4</translation>
    </message>
    <message>
        <source>is not the face angle less the club path of this row</source>
        <translation>ist nicht der Schlagflächenwinkel weniger die Schwungbahn dieser Zeile</translation>
    </message>
    <message>
        <source>as you said</source>
        <translation>wie angegeben</translation>
    </message>
    <message>
        <source>not to be read</source>
        <translation>nicht zu lesen</translation>
    </message>
    <message>
        <source>a second column of %1; not read</source>
        <translation>eine zweite Spalte für %1; nicht gelesen</translation>
    </message>
    <message>
        <source>a second column of this kind; not read</source>
        <translation>eine zweite Spalte dieser Art; nicht gelesen</translation>
    </message>
    <message>
        <source>not a column that is known here</source>
        <translation>keine Spalte, die hier bekannt ist</translation>
    </message>
    <message>
        <source>no unit given; taken as %1</source>
        <translation>keine Einheit angegeben; als %1 genommen</translation>
    </message>
    <message>
        <source>no unit given; taken as %1, %i</source>
        <translation>keine Einheit angegeben; als %1 genommen, %i</translation>
    </message>
    <message>
        <source>by the carry that ball speed, launch and spin give</source>
        <translation>nach dem Carry, den Balltempo, Abflug und Spin ergeben</translation>
    </message>
    <message>
        <source>as %1 m/s is no wedge&apos;s speed</source>
        <translation>da %1 m/s kein Tempo eines Wedges ist</translation>
    </message>
    <message>
        <source>looks like %1, but %i</source>
        <translation>sieht aus wie %1, aber %i</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a unit of %2 that is known here</source>
        <translation>„%1“ ist keine hier bekannte Einheit für %2</translation>
    </message>
    <message>
        <source>the header has no unit: write &quot;%1&quot; or name the unit when importing</source>
        <translation>der Kopf nennt keine Einheit: „%1“ schreiben oder die Einheit beim Einlesen nennen</translation>
    </message>
    <message>
        <source>its numbers are about %1, which no spin in rpm is</source>
        <translation>ihre Zahlen liegen bei %1, was kein Spin in U/min ist</translation>
    </message>
    <message>
        <source>face to path is kept as face angle and club path: one of them is needed</source>
        <translation>Fläche zur Bahn wird als Schlagflächenwinkel und Schwungbahn geführt: Eins davon wird gebraucht</translation>
    </message>
    <message>
        <source>most of its cells are no numbers</source>
        <translation>die meisten Zellen sind keine Zahlen</translation>
    </message>
    <message>
        <source>in %1, as its cells say</source>
        <translation>in %1, wie die Zellen sagen</translation>
    </message>
    <message>
        <source>its comma is a decimal one: as thousands it could not be this</source>
        <translation>das Komma ist ein dezimales: als Tausender ginge es hier nicht</translation>
    </message>
    <message>
        <source>its point is a decimal one: as thousands it could not be this</source>
        <translation>der Punkt ist ein dezimaler: als Tausender ginge er hier nicht</translation>
    </message>
    <message>
        <source>taken from shortened words</source>
        <translation>aus verkürzten Wörtern erkannt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not of the form column=quantity[unit]</source>
        <translation>„%1“ hat nicht die Form column=quantity[unit]</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a unit of %2</source>
        <translation>„%1“ ist keine Einheit für %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a quantity</source>
        <translation>„%1“ ist keine Größe</translation>
    </message>
    <message>
        <source>%1 is missing</source>
        <translation>%1 fehlt</translation>
    </message>
    <message>
        <source>%1 is not a known field</source>
        <translation>%1 ist kein bekanntes Feld</translation>
    </message>
    <message>
        <source>%1 must be an object</source>
        <translation>%1 muss ein Objekt sein</translation>
    </message>
    <message>
        <source>%1 must be a text</source>
        <translation>%1 muss ein Text sein</translation>
    </message>
    <message>
        <source>%1 must be a number</source>
        <translation>%1 muss eine Zahl sein</translation>
    </message>
    <message>
        <source>%1 must be true or false</source>
        <translation>%1 muss true oder false sein</translation>
    </message>
    <message>
        <source>%1 must be an array of at most %2</source>
        <translation>%1 muss eine Liste von höchstens %2 sein</translation>
    </message>
    <message>
        <source>%1 must be one of %2</source>
        <translation>%1 muss eins sein von %2</translation>
    </message>
    <message>
        <source>%1 must be a text of 1 to %2 bytes on one line</source>
        <translation>%1 muss ein Text von 1 bis %2 Byte auf einer Zeile sein</translation>
    </message>
    <message>
        <source>%1 is the former name of %2, which is there, too</source>
        <translation>%1 ist der frühere Name von %2, das auch da ist</translation>
    </message>
    <message>
        <source>%1 is longer than %2 bytes</source>
        <translation>%1 ist länger als %2 Byte</translation>
    </message>
    <message>
        <source>%1 must be from %2 to %3</source>
        <translation>%1 muss zwischen %2 und %3 liegen</translation>
    </message>
    <message>
        <source>%1 is outside what %2 can be</source>
        <translation>%1 liegt außerhalb dessen, was %2 sein kann</translation>
    </message>
    <message>
        <source>%1 is not the face angle less the club path, or stands alone</source>
        <translation>%1 ist nicht der Schlagflächenwinkel weniger die Schwungbahn, oder steht allein</translation>
    </message>
    <message>
        <source>%1 must be %2 times %2 numbers</source>
        <translation>%1 muss %2 mal %2 Zahlen sein</translation>
    </message>
    <message>
        <source>%1 must be a unit of %2</source>
        <translation>%1 muss eine Einheit für %2 sein</translation>
    </message>
    <message>
        <source>%1 %i</source>
        <translation>%1 %i</translation>
    </message>
    <message>
        <source>%1 is %2; it must be from %3 to %4</source>
        <translation>%1 ist %2; es muss zwischen %3 und %4 liegen</translation>
    </message>
    <message>
        <source>%1 is not a finite number; it must be from %2 to %3</source>
        <translation>%1 ist keine endliche Zahl; es muss zwischen %2 und %3 liegen</translation>
    </message>
    <message>
        <source>has the field &quot;%1&quot; twice</source>
        <translation>hat das Feld „%1“ zweimal</translation>
    </message>
    <message>
        <source>is nested deeper than %1 levels</source>
        <translation>ist tiefer als %1 Ebenen verschachtelt</translation>
    </message>
    <message>
        <source>is not JSON: %1</source>
        <translation>ist kein JSON: %1</translation>
    </message>
    <message>
        <source>is not JSON (line %1)</source>
        <translation>ist kein JSON (Zeile %1)</translation>
    </message>
    <message>
        <source>is not JSON (byte %1)</source>
        <translation>ist kein JSON (Byte %1)</translation>
    </message>
    <message>
        <source>holds a number that is too large</source>
        <translation>enthält eine zu große Zahl</translation>
    </message>
    <message>
        <source>format must be &quot;%1&quot;, version %2</source>
        <translation>format muss „%1“ sein, version %2</translation>
    </message>
    <message>
        <source>version must be %1; this program knows no other</source>
        <translation>version muss %1 sein; dieses Programm kennt keine andere</translation>
    </message>
    <message>
        <source>a file of recipes has at most %1 MB</source>
        <translation>eine Datei mit Rezepten hat höchstens %1 MB</translation>
    </message>
    <message>
        <source>is no file of recipes</source>
        <translation>ist keine Datei mit Rezepten</translation>
    </message>
    <message>
        <source>a logbook keeps %1 recipes at most; nothing was kept</source>
        <translation>ein Logbuch fasst höchstens %1 Rezepte; nichts wurde aufgehoben</translation>
    </message>
    <message>
        <source>a file of a situation has at most %1 MB</source>
        <translation>eine Datei mit einer Situation hat höchstens %1 MB</translation>
    </message>
    <message>
        <source>a logbook keeps at most %1 situations</source>
        <translation>ein Logbuch fasst höchstens %1 Situationen</translation>
    </message>
    <message>
        <source>a group&apos;s ball or face is not known</source>
        <translation>Ball oder Schlagfläche einer Gruppe ist nicht bekannt</translation>
    </message>
    <message>
        <source>column must be from 0 to %1</source>
        <translation>column muss zwischen 0 und %1 liegen</translation>
    </message>
    <message>
        <source>%1 was made by a later version of the program (schema %2, this one knows %3)</source>
        <translation>%1 stammt von einer neueren Version des Programms (Schema %2, diese kennt %3)</translation>
    </message>
    <message>
        <source>%1 is a database, but not a logbook</source>
        <translation>%1 ist eine Datenbank, aber kein Logbuch</translation>
    </message>
    <message>
        <source>%1 is not as the program makes it: %i</source>
        <translation>%1 ist nicht so, wie das Programm es anlegt: %i</translation>
    </message>
    <message>
        <source>it holds a %1 of another hand</source>
        <translation>darin ist %1 von fremder Hand</translation>
    </message>
    <message>
        <source>its %1 was made by another hand</source>
        <translation>%1 darin ist von fremder Hand</translation>
    </message>
    <message>
        <source>it has no %1</source>
        <translation>es fehlt %1</translation>
    </message>
    <message>
        <source>%1 is not a logbook, or its beginning is damaged</source>
        <translation>%1 ist kein Logbuch, oder sein Anfang ist beschädigt</translation>
    </message>
    <message>
        <source>%1 is damaged: %2</source>
        <translation>%1 ist beschädigt: %2</translation>
    </message>
    <message>
        <source>%1 is held by another program; nothing was changed</source>
        <translation>%1 wird von einem anderen Programm gehalten; nichts wurde geändert</translation>
    </message>
    <message>
        <source>%1 could not be written: the disk is full; nothing was changed</source>
        <translation>%1 ließ sich nicht schreiben: Die Platte ist voll; nichts wurde geändert</translation>
    </message>
    <message>
        <source>%1 cannot be written; nothing was changed</source>
        <translation>%1 lässt sich nicht schreiben; nichts wurde geändert</translation>
    </message>
    <message>
        <source>%1 cannot be opened, or its folder cannot be written</source>
        <translation>%1 lässt sich nicht öffnen, oder sein Ordner nicht beschreiben</translation>
    </message>
    <message>
        <source>%1 could not be read or written: %2</source>
        <translation>%1 ließ sich nicht lesen oder schreiben: %2</translation>
    </message>
    <message>
        <source>%1 was replaced, renamed or removed while it was open; nothing was changed</source>
        <translation>%1 wurde ersetzt, umbenannt oder entfernt, während es offen war; nichts wurde geändert</translation>
    </message>
    <message>
        <source>a logbook needs the name of a file</source>
        <translation>ein Logbuch braucht den Namen einer Datei</translation>
    </message>
    <message>
        <source>%1 holds no logbook yet</source>
        <translation>%1 enthält noch kein Logbuch</translation>
    </message>
    <message>
        <source>%1 is open for reading only</source>
        <translation>%1 ist nur zum Lesen offen</translation>
    </message>
    <message>
        <source>%1: the import stood still for too long and was given up; nothing was taken</source>
        <translation>%1: Das Einlesen stand zu lange still und wurde aufgegeben; nichts wurde übernommen</translation>
    </message>
    <message>
        <source>this import is not in %1 any more</source>
        <translation>diese eingelesenen Schläge sind nicht mehr in %1</translation>
    </message>
    <message>
        <source>shots of this import were tagged, paced or set aside since; they stay in %1</source>
        <translation>Schläge davon wurden seither mit Stichwörtern versehen, abgeschritten oder beiseitegelegt; sie bleiben in %1</translation>
    </message>
    <message>
        <source>%1 of these shots came in again meanwhile; nothing was doubled</source>
        <translation>%1 dieser Schläge kamen inzwischen noch einmal; nichts wurde verdoppelt</translation>
    </message>
    <message>
        <source>the logbook is being closed; nothing was changed</source>
        <translation>das Logbuch wird geschlossen; nichts wurde geändert</translation>
    </message>
    <message>
        <source>this shot of %1 was changed in another window; yours was not written over it</source>
        <translation>dieser Schlag von %1 wurde in einem anderen Fenster geändert; er wurde nicht überschrieben</translation>
    </message>
    <message>
        <source>some of it was changed again since; nothing was taken back in %1</source>
        <translation>etwas davon wurde seither wieder geändert; in %1 wurde nichts zurückgenommen</translation>
    </message>
    <message>
        <source>a paced run is between %1 and %2 m</source>
        <translation>ein abgeschrittener Roll liegt zwischen %1 und %2 m</translation>
    </message>
    <message>
        <source>the %1 of a shot is as it was measured</source>
        <translation>%1 eines Schlags ist, wie es gemessen wurde</translation>
    </message>
    <message>
        <source>the name of a player has 1 to %1 bytes on one line</source>
        <translation>der Name eines Spielers hat 1 bis %1 Byte auf einer Zeile</translation>
    </message>
    <message>
        <source>the name of a wedge has 1 to %1 bytes on one line</source>
        <translation>der Name eines Wedges hat 1 bis %1 Byte auf einer Zeile</translation>
    </message>
    <message>
        <source>the name of a ball has 1 to %1 bytes on one line</source>
        <translation>der Name eines Balls hat 1 bis %1 Byte auf einer Zeile</translation>
    </message>
    <message>
        <source>the name of a lie has 1 to %1 bytes on one line</source>
        <translation>der Name einer Lage hat 1 bis %1 Byte auf einer Zeile</translation>
    </message>
    <message>
        <source>the name of a ground has 1 to %1 bytes on one line</source>
        <translation>der Name eines Bodens hat 1 bis %1 Byte auf einer Zeile</translation>
    </message>
    <message>
        <source>a text is longer than %1 bytes</source>
        <translation>ein Text ist länger als %1 Byte</translation>
    </message>
    <message>
        <source>there is no player of the name %1</source>
        <translation>es gibt keinen Spieler namens %1</translation>
    </message>
    <message>
        <source>%1 is a player of his own</source>
        <translation>%1 ist ein eigener Spieler</translation>
    </message>
    <message>
        <source>%1 is another player&apos;s other name</source>
        <translation>%1 ist der andere Name eines anderen Spielers</translation>
    </message>
    <message>
        <source>%1 is no day and time</source>
        <translation>%1 ist kein Tag mit Uhrzeit</translation>
    </message>
    <message>
        <source>a picture or clip belongs to one shot or one recipe</source>
        <translation>ein Bild oder Clip gehört zu einem Schlag oder einem Rezept</translation>
    </message>
    <message>
        <source>%1 was not copied: %2</source>
        <translation>%1 wurde nicht kopiert: %2</translation>
    </message>
    <message>
        <source>a line is longer than %1 KiB and was skipped</source>
        <translation>eine Zeile ist länger als %1 KiB und wurde übersprungen</translation>
    </message>
    <message>
        <source>a line is not JSON: %1</source>
        <translation>eine Zeile ist kein JSON: %1</translation>
    </message>
    <message>
        <source>a line was skipped: %i</source>
        <translation>eine Zeile wurde übersprungen: %i</translation>
    </message>
    <message>
        <source>a line of unknown type was skipped</source>
        <translation>eine Zeile unbekannter Art wurde übersprungen</translation>
    </message>
    <message>
        <source>it must be an object</source>
        <translation>sie muss ein Objekt sein</translation>
    </message>
    <message>
        <source>the first line must be a hello</source>
        <translation>die erste Zeile muss ein hello sein</translation>
    </message>
    <message>
        <source>the device speaks another version of the protocol; this program knows %1</source>
        <translation>das Gerät spricht eine andere Version des Protokolls; dieses Programm kennt %1</translation>
    </message>
    <message>
        <source>a shot has no id</source>
        <translation>ein Schlag hat keine id</translation>
    </message>
    <message>
        <source>a shot has no measured number</source>
        <translation>ein Schlag hat keine gemessene Zahl</translation>
    </message>
    <message>
        <source>%1 is not a number</source>
        <translation>%1 ist keine Zahl</translation>
    </message>
    <message>
        <source>%1 is outside what it can be</source>
        <translation>%1 liegt außerhalb dessen, was möglich ist</translation>
    </message>
    <message>
        <source>This shot does not read as it was written: its place on the disk is damaged.</source>
        <translation>Dieser Schlag liest sich nicht, wie er geschrieben wurde: Seine Stelle auf der Platte ist beschädigt.</translation>
    </message>
    <message>
        <source>Ball speed is %1 times the club&apos;s, where %2 is the most: one of them in mph, the other in m/s?</source>
        <translation>Das Balltempo ist %1-mal das des Schlägers, wo %2 das Höchste ist: eins in mph, das andere in m/s?</translation>
    </message>
    <message>
        <source>Ball speed is only %1 times the club&apos;s; times %2 it would be ordinary: m/s beside mph?</source>
        <translation>Das Balltempo ist nur %1-mal das des Schlägers; mal %2 wäre es gewöhnlich: m/s neben mph?</translation>
    </message>
    <message>
        <source>Ball speed is %1 times the club&apos;s; no strike gives more than %2.</source>
        <translation>Das Balltempo ist %1-mal das des Schlägers; kein Treffer gibt mehr als %2.</translation>
    </message>
    <message>
        <source>The ball is %1 % faster than club, loft and lie give (spin loft %2°).</source>
        <translation>Der Ball ist %1 % schneller, als Schläger, Loft und Lage hergeben (Spin-Loft %2°).</translation>
    </message>
    <message>
        <source>Spin of %1 rpm is more than a strike that grips entirely gives (%2).</source>
        <translation>Spin von %1 U/min ist mehr, als ein Treffer gibt, der ganz greift (%2).</translation>
    </message>
    <message>
        <source>The turf was seen taken from behind the ball: fat?</source>
        <translation>Der Rasen wurde vor dem Ball genommen gesehen: fett?</translation>
    </message>
    <message>
        <source>Slower by %1 % and less spin by %2 % than this strike gives: turf first?</source>
        <translation>%1 % langsamer und %2 % weniger Spin, als dieser Treffer gibt: erst der Rasen?</translation>
    </message>
    <message>
        <source>Launched %1° lower than the face gives, with %2 % less spin: off the edge?</source>
        <translation>%1° flacher abgeflogen, als die Schlagfläche gibt, mit %2 % weniger Spin: von der Kante?</translation>
    </message>
    <message>
        <source>The axis is %1° off what face and path give (%2°): toward the toe?</source>
        <translation>Die Achse ist %1° neben dem, was Fläche und Bahn geben (%2°): zur Spitze hin?</translation>
    </message>
    <message>
        <source>The axis is %1° off what face and path give (%2°): toward the heel?</source>
        <translation>Die Achse ist %1° neben dem, was Fläche und Bahn geben (%2°): zur Ferse hin?</translation>
    </message>
    <message>
        <source>Every number is that of the shot before.</source>
        <translation>Jede Zahl ist die des Schlags davor.</translation>
    </message>
    <message>
        <source>The %1 stands still over %2 shots.</source>
        <translation>%1 steht über %2 Schläge still.</translation>
    </message>
    <message>
        <source>Spin comes in round hundreds: computed by the device, not seen.</source>
        <translation>Der Spin kommt in runden Hundertern: vom Gerät errechnet, nicht gesehen.</translation>
    </message>
    <message>
        <source>Loft %1 and spin %2 times the usual spread below this player&apos;s own: off the edge?</source>
        <translation>Loft %1-mal und Spin %2-mal die übliche Streuung unter den eigenen Werten dieses Spielers: von der Kante?</translation>
    </message>
    <message>
        <source>Club speed %1 and spin %2 times the usual spread below this player&apos;s own: turf first?</source>
        <translation>Schlägertempo %1-mal und Spin %2-mal die übliche Streuung unter den eigenen Werten dieses Spielers: erst der Rasen?</translation>
    </message>
    <message>
        <source>The ball speed for the club&apos;s is %1 times its usual spread away from this player&apos;s own pattern (%2 is far).</source>
        <translation>Das Balltempo zum Schlägertempo liegt %1-mal seine übliche Streuung neben dem eigenen Muster dieses Spielers (%2 ist weit).</translation>
    </message>
    <message>
        <source>The launch is %1 times its usual spread away from this player&apos;s own pattern (%2 is far).</source>
        <translation>Der Abflug liegt %1-mal seine übliche Streuung neben dem eigenen Muster dieses Spielers (%2 ist weit).</translation>
    </message>
    <message>
        <source>The spin for the ball&apos;s speed is %1 times its usual spread away from this player&apos;s own pattern (%2 is far).</source>
        <translation>Der Spin zum Balltempo liegt %1-mal seine übliche Streuung neben dem eigenen Muster dieses Spielers (%2 ist weit).</translation>
    </message>
    <message>
        <source>The %1 is %2 % off what the measured launch flies to; the other shots of the day stay within %3 %.</source>
        <translation>%1 liegt %2 % neben dem, wohin der gemessene Abflug fliegt; die anderen Schläge des Tags bleiben innerhalb von %3 %.</translation>
    </message>
    <message>
        <source>The %1 is %2 times what the measured launch flies to, as if it were in another unit.</source>
        <translation>%1 ist %2-mal das, wohin der gemessene Abflug fliegt, als wäre es in einer anderen Einheit.</translation>
    </message>
    <message>
        <source>The spin of %1 shots follows from ball speed and launch by one formula: computed, not seen.</source>
        <translation>Der Spin von %1 Schlägen folgt aus Balltempo und Abflug nach einer Formel: errechnet, nicht gesehen.</translation>
    </message>
    <message>
        <source>The %1 is %2 times its usual spread off what this strike gives (%3 is far): a misread, or not off the middle of the face.</source>
        <translation>%1 liegt %2-mal die übliche Streuung neben dem, was dieser Treffer gibt (%3 ist weit): falsch gemessen, oder nicht von der Mitte der Schlagfläche.</translation>
    </message>
    <message>
        <source>On this day the %1 of all %2 shots is off what their strikes give, by %3 times what days differ by: a wet face, another ball, a device set otherwise?</source>
        <translation>An diesem Tag liegt %1 aller %2 Schläge neben dem, was ihre Treffer geben, um das %3-Fache dessen, worin sich Tage unterscheiden: nasse Schlagfläche, anderer Ball, Gerät anders eingestellt?</translation>
    </message>
    <message>
        <source>The attack of %1° fits neither the ball nor this player; with the other sign it fits both.</source>
        <translation>Der Eintreffwinkel von %1° passt weder zum Ball noch zu diesem Spieler; mit dem anderen Vorzeichen passt er zu beiden.</translation>
    </message>
    <message>
        <source>The %1 of %2 of these %3 shots, one after another, lies apart from the others&apos;: a wet face, another ball, a new way to hit it?</source>
        <translation>%1 von %2 dieser %3 Schläge, einer nach dem anderen, liegt abseits der übrigen: nasse Schlagfläche, anderer Ball, neue Art zu schlagen?</translation>
    </message>
    <message>
        <source>The %1 of %2 of these %3 shots, hit among the others, lies apart from theirs: two balls under one name, a face not wiped, a second way to hit it?</source>
        <translation>%1 von %2 dieser %3 Schläge, zwischen den anderen geschlagen, liegt abseits: zwei Bälle unter einem Namen, Schlagfläche nicht gewischt, zweite Art zu schlagen?</translation>
    </message>
    <message>
        <source>these are not the numbers of a correction of the strike</source>
        <translation>das sind nicht die Zahlen einer Korrektur des Treffers</translation>
    </message>
    <message>
        <source>The fit was stopped.</source>
        <translation>Das Abstimmen wurde angehalten.</translation>
    </message>
    <message>
        <source>%1 shots with club speed, attack angle, dynamic loft and ball data are too few: six are needed.</source>
        <translation>%1 Schläge mit Schlägertempo, Eintreffwinkel, dynamischem Loft und Balldaten sind zu wenige: Sechs werden gebraucht.</translation>
    </message>
    <message>
        <source>The ball speed is typically %3 times what the club gives: one of the two is in another unit.</source>
        <translation>Das Balltempo ist typisch %3-mal das, was der Schläger gibt: Eins von beiden hat eine andere Einheit.</translation>
    </message>
    <message>
        <source>The spin is typically %3 times what the strike gives: another unit, or not a spin rate.</source>
        <translation>Der Spin ist typisch %3-mal das, was der Treffer gibt: andere Einheit, oder keine Spinrate.</translation>
    </message>
    <message>
        <source>%1 of %2 shots do not fit any strike together with the others; look at the quality notes first.</source>
        <translation>%1 von %2 Schlägen passen mit den anderen zu keinem Treffer; zuerst die Hinweise zur Qualität ansehen.</translation>
    </message>
    <message>
        <source>Half of the shots and more have the same spin to the digit: it was not measured, and spin is left out of the fit.</source>
        <translation>Mindestens die Hälfte der Schläge hat denselben Spin bis auf die Ziffer: Er wurde nicht gemessen und bleibt beim Abstimmen weg.</translation>
    </message>
    <message>
        <source>%1 of %2 shots fit badly and count little: mishits or misreads.</source>
        <translation>%1 von %2 Schlägen passen schlecht und zählen wenig: Fehlschläge oder Fehlmessungen.</translation>
    </message>
    <message>
        <source>No shot has slipped: the friction of this ball, face and lie (%1 shots) is known only to be above %3.</source>
        <translation>Kein Schlag ist gerutscht: Von der Reibung dieses Balls, dieser Schlagfläche und Lage (%1 Schläge) ist nur bekannt, dass sie über %3 liegt.</translation>
    </message>
    <message>
        <source>The law of the strike misses these %1 shots beyond chance: what they show beside it is added to predictions near them.</source>
        <translation>Das Gesetz des Treffers verfehlt diese %1 Schläge mehr als zufällig: Was sie daneben zeigen, kommt zu Rechnungen in ihrer Nähe dazu.</translation>
    </message>
    <message>
        <source>The fit of the strike ran out of steps: its numbers may still move a little.</source>
        <translation>Das Abstimmen des Treffers brauchte alle Schritte auf: Seine Zahlen können sich noch etwas bewegen.</translation>
    </message>
    <message>
        <source>The fit of the air ran out of steps: its numbers may still move a little.</source>
        <translation>Das Abstimmen der Luft brauchte alle Schritte auf: Ihre Zahlen können sich noch etwas bewegen.</translation>
    </message>
    <message>
        <source>The fit of the ground ran out of steps: its numbers may still move a little.</source>
        <translation>Das Abstimmen des Bodens brauchte alle Schritte auf: Seine Zahlen können sich noch etwas bewegen.</translation>
    </message>
    <message>
        <source>The fit of the set-up ran out of steps: its numbers may still move a little.</source>
        <translation>Das Abstimmen des Setups brauchte alle Schritte auf: Seine Zahlen können sich noch etwas bewegen.</translation>
    </message>
    <message>
        <source>loft</source>
        <translation>Loft</translation>
    </message>
    <message>
        <source>club speed</source>
        <translation>Schlägertempo</translation>
    </message>
    <message>
        <source>attack angle</source>
        <translation>Eintreffwinkel</translation>
    </message>
    <message>
        <source>club path</source>
        <translation>Schwungbahn</translation>
    </message>
    <message>
        <source>face angle</source>
        <translation>Schlagflächenwinkel</translation>
    </message>
    <message>
        <source>dynamic loft</source>
        <translation>dyn. Loft</translation>
    </message>
    <message>
        <source>spin loft</source>
        <translation>Spin-Loft</translation>
    </message>
    <message>
        <source>ball speed</source>
        <translation>Balltempo</translation>
    </message>
    <message>
        <source>launch angle</source>
        <translation>Abflugwinkel</translation>
    </message>
    <message>
        <source>launch direction</source>
        <translation>Startrichtung</translation>
    </message>
    <message>
        <source>spin rate</source>
        <translation>Spinrate</translation>
    </message>
    <message>
        <source>spin axis</source>
        <translation>Spinachse</translation>
    </message>
    <message>
        <source>carry</source>
        <translation>Carry</translation>
    </message>
    <message>
        <source>apex</source>
        <translation>Scheitel</translation>
    </message>
    <message>
        <source>landing angle</source>
        <translation>Landewinkel</translation>
    </message>
    <message>
        <source>release</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>total</source>
        <translation>gesamt</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>face to path</source>
        <translation>Fläche zur Bahn</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>knee-high</source>
        <translation>kniehoch</translation>
    </message>
    <message>
        <source>hip-high</source>
        <translation>hüfthoch</translation>
    </message>
    <message>
        <source>rib-high</source>
        <translation>rippenhoch</translation>
    </message>
    <message>
        <source>shoulder-high</source>
        <translation>schulterhoch</translation>
    </message>
    <message>
        <source>full</source>
        <translation>voll</translation>
    </message>
    <message>
        <source>softer than %1</source>
        <translation>sanfter als %1</translation>
    </message>
    <message>
        <source>more than %1</source>
        <translation>mehr als %1</translation>
    </message>
    <message>
        <source>a little more than %1</source>
        <translation>etwas mehr als %1</translation>
    </message>
    <message>
        <source>a little less than %1</source>
        <translation>etwas weniger als %1</translation>
    </message>
    <message>
        <source>a third of the way from %1 to %2</source>
        <translation>ein Drittel des Wegs von %1 zu %2</translation>
    </message>
    <message>
        <source>two thirds of the way from %1 to %2</source>
        <translation>zwei Drittel des Wegs von %1 zu %2</translation>
    </message>
    <message>
        <source>half way between %1 and %2</source>
        <translation>auf halbem Weg zwischen %1 und %2</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>opened</source>
        <translation>geöffnet</translation>
    </message>
    <message>
        <source>low</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>gripped down</source>
        <translation>tiefer gegriffen</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Models wedge shots from set-up to rest.</source>
        <translation>Rechnet Wedge-Schläge vom Setup bis zum Liegenbleiben.</translation>
    </message>
    <message>
        <source>A logbook, or a file of shots, recipes or a drill</source>
        <translation>Ein Logbuch, oder eine Datei mit Schlägen, Rezepten oder einer Übung</translation>
    </message>
    <message>
        <source>The logbook to use instead of the ordinary one</source>
        <translation>Dieses Logbuch statt des gewöhnlichen benutzen</translation>
    </message>
    <message>
        <source>Listen to the launch monitor on this port at once</source>
        <translation>Gleich dem Launch-Monitor auf diesem Port zuhören</translation>
    </message>
    <message>
        <source>Made-up players and shots, in a logbook of their own</source>
        <translation>Erfundene Spieler und Schläge, in einem eigenen Logbuch</translation>
    </message>
    <message>
        <source>Print what somebody who helps needs to know, and end</source>
        <translation>Ausgeben, was jemand wissen muss, der hilft, und enden</translation>
    </message>
</context>
<context>
    <name>trouble</name>
    <message>
        <source>there is not enough memory</source>
        <translation>der Speicher reicht nicht</translation>
    </message>
    <message>
        <source>the program met something unknown</source>
        <translation>das Programm traf auf etwas Unbekanntes</translation>
    </message>
    <message>
        <source>This was not done: %1. What the logbook holds is as it was.</source>
        <translation>Das wurde nicht getan: %1. Was das Logbuch enthält, ist wie zuvor.</translation>
    </message>
</context>
<context>
    <name>wedgeon::AskPage</name>
    <message>
        <source>Swing from %1 to %2</source>
        <translation>Schwung von %1 auf %2</translation>
    </message>
    <message>
        <source>%1 from %2 to %3</source>
        <translation>%1 von %2 auf %3</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 comes to %2 at the nearest, not %3</source>
        <translation>%1 kommt höchstens auf %2, nicht auf %3</translation>
    </message>
    <message>
        <source>The parts that are free pull the results together: free another one, or ask for less.</source>
        <translation>Die freien Teile ziehen die Ergebnisse gemeinsam: einen anderen freigeben, oder weniger verlangen.</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1 bei %2</translation>
    </message>
    <message>
        <source>As far as a player goes: %1. Free another part, or ask for less.</source>
        <translation>So weit ein Spieler kommt: %1. Einen anderen Teil freigeben, oder weniger verlangen.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>Ask for it</source>
        <translation>Danach fragen</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Gewünscht</translation>
    </message>
    <message>
        <source>Pin %1</source>
        <translation>%1 festlegen</translation>
    </message>
    <message>
        <source>Wanted %1</source>
        <translation>Gewünscht: %1</translation>
    </message>
    <message>
        <source>May change</source>
        <translation>Darf sich ändern</translation>
    </message>
    <message>
        <source>Free %1</source>
        <translation>%1 freigeben</translation>
    </message>
    <message>
        <source>Find the smallest change</source>
        <translation>Die kleinste Änderung suchen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Put it on the bench</source>
        <translation>Auf die Werkbank legen</translation>
    </message>
    <message>
        <source>Beside the present one</source>
        <translation>Neben das jetzige</translation>
    </message>
    <message>
        <source>Pin at least one result.</source>
        <translation>Mindestens ein Ergebnis festlegen.</translation>
    </message>
    <message>
        <source>Free at least one part of the set-up.</source>
        <translation>Mindestens einen Teil des Setups freigeben.</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Sucht…</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>The set-up does it already.</source>
        <translation>Das Setup tut es schon.</translation>
    </message>
    <message>
        <source>The smallest change that does it:</source>
        <translation>Die kleinste Änderung dafür:</translation>
    </message>
    <message>
        <source>No set-up of these parts does it. The one whose worst miss is the smallest, counted in tolerances:</source>
        <translation>Kein Setup aus diesen Teilen tut es. Das mit der kleinsten größten Abweichung, in Toleranzen gezählt:</translation>
    </message>
    <message>
        <source>asked for</source>
        <translation>danach gefragt</translation>
    </message>
    <message>
        <source>take what was asked for</source>
        <translation>das Gefragte nehmen</translation>
    </message>
</context>
<context>
    <name>wedgeon::Attacher</name>
    <message>
        <source>the picture</source>
        <translation>das Bild</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made.</source>
        <translation>Der Ordner %1 lässt sich nicht anlegen.</translation>
    </message>
    <message>
        <source>Picture.png</source>
        <translation>Bild.png</translation>
    </message>
    <message>
        <source>The picture could not be written: %1</source>
        <translation>Das Bild ließ sich nicht schreiben: %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>this is no file</source>
        <translation>das ist keine Datei</translation>
    </message>
    <message>
        <source>%1, and up to %2 are copied beside the logbook</source>
        <translation>%1, und bis %2 wird neben das Logbuch kopiert</translation>
    </message>
    <message>
        <source>its content is neither a picture nor a clip</source>
        <translation>der Inhalt ist weder Bild noch Clip</translation>
    </message>
    <message>
        <source>it grows while it is read</source>
        <translation>sie wächst, während sie gelesen wird</translation>
    </message>
    <message>
        <source>it is empty</source>
        <translation>sie ist leer</translation>
    </message>
    <message>
        <source>its kind is not known</source>
        <translation>ihre Art ist nicht bekannt</translation>
    </message>
    <message>
        <source>it could not be written beside the logbook</source>
        <translation>sie ließ sich nicht neben das Logbuch schreiben</translation>
    </message>
</context>
<context>
    <name>wedgeon::AttachmentStrip</name>
    <message>
        <source>Pictures and clips</source>
        <translation>Bilder und Clips</translation>
    </message>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>noch %n</numerusform>
            <numerusform>noch %n</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (its file is missing)</source>
        <translation>%1 (die Datei fehlt)</translation>
    </message>
    <message>
        <source>&amp;Open</source>
        <translation>Ö&amp;ffnen</translation>
    </message>
    <message>
        <source>&amp;Save a copy…</source>
        <translation>Kopie &amp;speichern…</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>%1 is not beside the logbook any more.</source>
        <translation>%1 liegt nicht mehr neben dem Logbuch.</translation>
    </message>
    <message>
        <source>No program of this desktop opens %1.</source>
        <translation>Kein Programm dieses Desktops öffnet %1.</translation>
    </message>
    <message>
        <source>Save a copy</source>
        <translation>Kopie speichern</translation>
    </message>
    <message>
        <source>The same kind (*.%1)</source>
        <translation>Dieselbe Art (*.%1)</translation>
    </message>
    <message>
        <source>%1 could not be written.</source>
        <translation>%1 ließ sich nicht schreiben.</translation>
    </message>
</context>
<context>
    <name>wedgeon::BeliefsDrawing</name>
    <message>
        <source>%1: %2 in 100, usually %3</source>
        <translation>%1: %2 von 100, üblich %3</translation>
    </message>
    <message>
        <source>; for it: %1</source>
        <translation>; dafür: %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>; against it: %1</source>
        <translation>; dagegen: %1</translation>
    </message>
    <message>
        <source> (chosen)</source>
        <translation> (gewählt)</translation>
    </message>
    <message>
        <source>what would make it</source>
        <translation>was es machen würde</translation>
    </message>
    <message>
        <source>how likely, of 100</source>
        <translation>wie wahrscheinlich, von 100</translation>
    </message>
    <message>
        <source>speaks for it</source>
        <translation>spricht dafür</translation>
    </message>
    <message>
        <source>speaks against it</source>
        <translation>spricht dagegen</translation>
    </message>
</context>
<context>
    <name>wedgeon::CardPanel</name>
    <message>
        <source>%1 · %2 · %3</source>
        <translation>%1 · %2 · %3</translation>
    </message>
    <message>
        <source>%1 against: %2 % less. Lush rough: %3 % less carry.</source>
        <translation>%1 Gegenwind: %2 % weniger. Saftiges Rough: %3 % weniger Carry.</translation>
    </message>
    <message>
        <source>Pocket card</source>
        <translation>Taschenkarte</translation>
    </message>
    <message>
        <source>A6</source>
        <translation>A6</translation>
    </message>
    <message>
        <source>credit card</source>
        <translation>Kreditkarte</translation>
    </message>
    <message>
        <source>Size of the card</source>
        <translation>Größe der Karte</translation>
    </message>
    <message>
        <source>as shown</source>
        <translation>wie gezeigt</translation>
    </message>
    <message>
        <source>m and yd</source>
        <translation>m und yd</translation>
    </message>
    <message>
        <source>Units of the card</source>
        <translation>Einheiten der Karte</translation>
    </message>
    <message>
        <source>totals</source>
        <translation>Gesamtlängen</translation>
    </message>
    <message>
        <source>With where the ball ends, beside what it carries</source>
        <translation>Mit der Stelle, wo der Ball liegen bleibt, neben dem Carry</translation>
    </message>
    <message>
        <source>The pocket card</source>
        <translation>Die Taschenkarte</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>The card, with a preview</source>
        <translation>Die Karte, mit Vorschau</translation>
    </message>
    <message>
        <source>Save…</source>
        <translation>Speichern…</translation>
    </message>
    <message>
        <source>The card as PDF or SVG</source>
        <translation>Die Karte als PDF oder SVG</translation>
    </message>
    <message>
        <source>Save the pocket card</source>
        <translation>Taschenkarte speichern</translation>
    </message>
    <message>
        <source>Card (*.pdf *.svg)</source>
        <translation>Karte (*.pdf *.svg)</translation>
    </message>
    <message>
        <source>The card could not be written to %1.</source>
        <translation>Die Karte ließ sich nicht nach %1 schreiben.</translation>
    </message>
    <message>
        <source>Wedgeon: pocket card</source>
        <translation>Wedgeon: Taschenkarte</translation>
    </message>
    <message>
        <source>Print the pocket card</source>
        <translation>Taschenkarte drucken</translation>
    </message>
</context>
<context>
    <name>wedgeon::CausePage</name>
    <message>
        <source>The cause could not be looked for.</source>
        <translation>Die Ursache ließ sich nicht suchen.</translation>
    </message>
    <message>
        <source>What would make it</source>
        <translation>Was es machen würde</translation>
    </message>
    <message>
        <source>Begin again</source>
        <translation>Neu beginnen</translation>
    </message>
    <message>
        <source>Drop the shots and the complaint</source>
        <translation>Schläge und Beschwerde fallen lassen</translation>
    </message>
    <message>
        <source>Usual flight, and with the cause</source>
        <translation>Üblicher Flug, und mit der Ursache</translation>
    </message>
    <message>
        <source>The pattern</source>
        <translation>Das Muster</translation>
    </message>
    <message>
        <source>Complaint</source>
        <translation>Beschwerde</translation>
    </message>
    <message>
        <source>What is complained of, beside what such shots do off short grass</source>
        <translation>Worüber geklagt wird, neben dem, was solche Schläge aus kurzem Gras tun</translation>
    </message>
    <message>
        <source>To tell them apart</source>
        <translation>Um sie zu unterscheiden</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>No fault</source>
        <translation>Kein Fehler</translation>
    </message>
    <message>
        <source>What to do</source>
        <translation>Was zu tun ist</translation>
    </message>
    <message>
        <source>Try as B in Shape</source>
        <translation>Als B in Formen versuchen</translation>
    </message>
    <message>
        <source>Puts the set-up with this fault beside the one on the bench</source>
        <translation>Legt das Setup mit diesem Fehler neben das auf der Werkbank</translation>
    </message>
    <message>
        <source>Make it a trial</source>
        <translation>Einen Versuch daraus machen</translation>
    </message>
    <message>
        <source>The usual way against the cure, in an order by chance</source>
        <translation>Das Übliche gegen die Abhilfe, in zufälliger Folge</translation>
    </message>
    <message>
        <source>Complaint…</source>
        <translation>Beschwerde…</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Which shots, or what complaint?</source>
        <translation>Welche Schläge, oder welche Beschwerde?</translation>
    </message>
    <message>
        <source>Looking for the cause…</source>
        <translation>Sucht die Ursache…</translation>
    </message>
    <message>
        <source>The model has no answer for these shots.</source>
        <translation>Das Modell hat für diese Schläge keine Antwort.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>: </source>
        <translation>: </translation>
    </message>
    <message>
        <source>%1 no fault: %2.</source>
        <translation>%1 kein Fehler: %2.</translation>
    </message>
    <message>
        <source>%1, %2.</source>
        <translation>%1, %2.</translation>
    </message>
    <message>
        <source>It cannot be told yet: %1 (%2), or %3 (%4).</source>
        <translation>Noch nicht zu sagen: %1 (%2), oder %3 (%4).</translation>
    </message>
    <message>
        <source>In Watch, show the shots of the complaint and press Ctrl+Shift+C; or choose a complaint here, to begin with what is usual.</source>
        <translation>In Beobachten die Schläge der Beschwerde zeigen und Strg+Umschalt+C drücken; oder hier eine Beschwerde wählen, um mit dem Üblichen zu beginnen.</translation>
    </message>
    <message>
        <source>From the complaint alone: what is usual, and what the set-up in Shape and the strip say.</source>
        <translation>Aus der Beschwerde allein: was üblich ist, und was das Setup in Formen und die Leiste sagen.</translation>
    </message>
    <message>
        <source>From %1 against %2 of the player&apos;s own before.</source>
        <translation>Aus %1 gegen %2 des Spielers selbst von vorher.</translation>
    </message>
    <message>
        <source>From %1, with none of the player&apos;s own before: against what is usual of players.</source>
        <translation>Aus %1, ohne frühere des Spielers selbst: gegen das bei Spielern Übliche.</translation>
    </message>
    <message numerus="yes">
        <source>%n shot(s) left out: nothing was read of them, or another player&apos;s.</source>
        <translation>
            <numerusform>%n Schlag weggelassen: nichts davon gelesen, oder von einem anderen Spieler.</numerusform>
            <numerusform>%n Schläge weggelassen: nichts davon gelesen, oder von einem anderen Spieler.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>strike</source>
        <translation>Treffer</translation>
    </message>
    <message>
        <source>fat %1, thin %2 of %3 noted</source>
        <translation>fett %1, dünn %2 von %3 notiert</translation>
    </message>
    <message>
        <source>Nothing was read or seen yet.</source>
        <translation>Noch wurde nichts gelesen oder gesehen.</translation>
    </message>
    <message>
        <source>beside the usual with this set-up</source>
        <translation>neben dem Üblichen mit diesem Setup</translation>
    </message>
    <message>
        <source>beside what the model gives for this set-up</source>
        <translation>neben dem, was das Modell für dieses Setup gibt</translation>
    </message>
    <message>
        <source>If it is no fault</source>
        <translation>Wenn es kein Fehler ist</translation>
    </message>
    <message>
        <source>If %1</source>
        <translation>Wenn es das ist: %1</translation>
    </message>
    <message>
        <source>try %1</source>
        <translation>Versuch: %1</translation>
    </message>
    <message>
        <source>as until now</source>
        <translation>wie bisher</translation>
    </message>
    <message>
        <source>What made it</source>
        <translation>Woran es lag</translation>
    </message>
</context>
<context>
    <name>wedgeon::CautionLine</name>
    <message>
        <source>Understood</source>
        <translation>Verstanden</translation>
    </message>
</context>
<context>
    <name>wedgeon::ChartPanel</name>
    <message>
        <source>Chart of the shown shots</source>
        <translation>Diagramm der gezeigten Schläge</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Quer</translation>
    </message>
    <message>
        <source>Groups</source>
        <translation>Gruppen</translation>
    </message>
    <message>
        <source>Shot by shot</source>
        <translation>Schlag für Schlag</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>By swing</source>
        <translation>Nach Schwung</translation>
    </message>
    <message>
        <source>By wedge</source>
        <translation>Nach Wedge</translation>
    </message>
    <message>
        <source>By player</source>
        <translation>Nach Spieler</translation>
    </message>
    <message>
        <source>By ball</source>
        <translation>Nach Ball</translation>
    </message>
    <message>
        <source>By face condition</source>
        <translation>Nach Schlagfläche</translation>
    </message>
    <message>
        <source>By lie</source>
        <translation>Nach Lage</translation>
    </message>
    <message>
        <source>By strike</source>
        <translation>Nach Treffer</translation>
    </message>
    <message>
        <source>By tags</source>
        <translation>Nach Stichwörtern</translation>
    </message>
    <message>
        <source>Shot by shot, from day to day</source>
        <translation>Schlag für Schlag, von Tag zu Tag</translation>
    </message>
    <message>
        <source>Shot by shot, %1</source>
        <translation>Schlag für Schlag, %1</translation>
    </message>
    <message>
        <source>order</source>
        <translation>Folge</translation>
    </message>
    <message>
        <source>shot</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>set aside</source>
        <translation>beiseitegelegt</translation>
    </message>
</context>
<context>
    <name>wedgeon::ColumnsDialog</name>
    <message>
        <source>Columns of %1</source>
        <translation>Spalten von %1</translation>
    </message>
    <message>
        <source>Is this what the columns are?</source>
        <translation>Sind das die Spalten?</translation>
    </message>
    <message>
        <source>Guessed from the headers and the numbers, the doubtful ones on top. Correct what is wrong; files with the same header are then read without asking.</source>
        <translation>Aus Kopf und Zahlen geraten, die zweifelhaften oben. Falsches verbessern; Dateien mit demselben Kopf werden dann ohne Frage gelesen.</translation>
    </message>
    <message>
        <source>Left and right are told as the player sees them: turn them round for left-handers</source>
        <translation>Links und rechts sind aus Sicht des Spielers: für Linkshänder umdrehen</translation>
    </message>
    <message>
        <source>For players whose record says that they are left-handed, and for shots without a player when the strip&apos;s player is.</source>
        <translation>Für Spieler, die als Linkshänder geführt sind, und für Schläge ohne Spieler, wenn der in der Leiste einer ist.</translation>
    </message>
    <message>
        <source>Read the shots</source>
        <translation>Die Schläge lesen</translation>
    </message>
    <message>
        <source>In the file</source>
        <translation>In der Datei</translation>
    </message>
    <message>
        <source>First cells</source>
        <translation>Erste Zellen</translation>
    </message>
    <message>
        <source>Taken for</source>
        <translation>Genommen für</translation>
    </message>
    <message>
        <source>In</source>
        <translation>In</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>column %1</source>
        <translation>Spalte %1</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>,  </source>
        <translation>,  </translation>
    </message>
    <message>
        <source>%1 is</source>
        <translation>%1 ist</translation>
    </message>
    <message>
        <source>%1 is in</source>
        <translation>%1 ist in</translation>
    </message>
    <message>
        <source>not read</source>
        <translation>nicht gelesen</translation>
    </message>
    <message>
        <source>as you said</source>
        <translation>wie angegeben</translation>
    </message>
    <message>
        <source>Two columns are taken for: %1.</source>
        <translation>Zwei Spalten sind genommen für: %1.</translation>
    </message>
    <message>
        <source>No column of measured numbers is named yet.</source>
        <translation>Noch keine Spalte mit gemessenen Zahlen benannt.</translation>
    </message>
</context>
<context>
    <name>wedgeon::ComparePage</name>
    <message>
        <source>all carry</source>
        <translation>alle Carry</translation>
    </message>
    <message>
        <source>%1 to 1</source>
        <translation>%1 zu 1</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Put another recipe beside this one: Recipe, Add a recipe beside (Ctrl+D), then change it or take a school&apos;s.</source>
        <translation>Ein anderes Rezept daneben legen: Formen, Rezept daneben (Strg+D), dann ändern oder das einer Schule nehmen.</translation>
    </message>
    <message>
        <source>Each at its own swing</source>
        <translation>Jedes mit eigenem Schwung</translation>
    </message>
    <message>
        <source>All to the chosen one&apos;s carry</source>
        <translation>Alle auf den Carry des gewählten</translation>
    </message>
    <message>
        <source>All to the same flag: where the chosen one ends</source>
        <translation>Alle zur selben Fahne: wo das gewählte endet</translation>
    </message>
    <message>
        <source>Brought to</source>
        <translation>Gebracht auf</translation>
    </message>
    <message>
        <source>Recipes side by side</source>
        <translation>Rezepte nebeneinander</translation>
    </message>
    <message>
        <source>Where the difference comes from</source>
        <translation>Woher der Unterschied kommt</translation>
    </message>
    <message>
        <source>Which two</source>
        <translation>Welche zwei</translation>
    </message>
    <message>
        <source>Difference in</source>
        <translation>Unterschied in</translation>
    </message>
    <message>
        <source>Shares of the difference</source>
        <translation>Anteile am Unterschied</translation>
    </message>
    <message>
        <source>compare at: %1</source>
        <translation>vergleichen bei: %1</translation>
    </message>
    <message>
        <source>Swing</source>
        <translation>Schwung</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Carry to run</source>
        <translation>Carry zu Roll</translation>
    </message>
    <message>
        <source>Clean strikes</source>
        <translation>Saubere Treffer</translation>
    </message>
    <message>
        <source>Within %1</source>
        <translation>Innerhalb %1</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>out of reach</source>
        <translation>nicht zu erreichen</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
</context>
<context>
    <name>wedgeon::Desk</name>
    <message>
        <source>change player</source>
        <translation>Spieler wechseln</translation>
    </message>
    <message>
        <source>use the tuning to %1</source>
        <translation>Abstimmung auf %1 benutzen</translation>
    </message>
    <message>
        <source>use no tuning</source>
        <translation>keine Abstimmung benutzen</translation>
    </message>
    <message>
        <source>change the swings</source>
        <translation>Schwünge ändern</translation>
    </message>
    <message>
        <source>%1 is %2</source>
        <translation>%1 ist %2</translation>
    </message>
</context>
<context>
    <name>wedgeon::Drawer</name>
    <message>
        <source>Close the drawer</source>
        <translation>Schublade schließen</translation>
    </message>
    <message>
        <source>Close (Esc)</source>
        <translation>Schließen (Esc)</translation>
    </message>
</context>
<context>
    <name>wedgeon::Drawing</name>
    <message>
        <source>Nothing to show yet.</source>
        <translation>Noch nichts zu zeigen.</translation>
    </message>
</context>
<context>
    <name>wedgeon::DrillDialog</name>
    <message>
        <source>Edit the drill</source>
        <translation>Übung bearbeiten</translation>
    </message>
    <message>
        <source>a station after the other, each a gate to the next</source>
        <translation>eine Station nach der anderen, jede ein Tor zur nächsten</translation>
    </message>
    <message>
        <source>by chance, every shot another station</source>
        <translation>nach dem Los, jeder Schlag eine andere Station</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>What it is for</source>
        <translation>Wozu sie dient</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Folge</translation>
    </message>
    <message>
        <source>Stations</source>
        <translation>Stationen</translation>
    </message>
    <message>
        <source>Add a station</source>
        <translation>Station hinzufügen</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Keep the drill</source>
        <translation>Übung aufheben</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>Task</source>
        <translation>Aufgabe</translation>
    </message>
    <message>
        <source>Club</source>
        <translation>Schläger</translation>
    </message>
    <message>
        <source>Shots that count</source>
        <translation>Schläge, die zählen</translation>
    </message>
    <message>
        <source>Inside, to pass</source>
        <translation>Drin, zum Bestehen</translation>
    </message>
    <message>
        <source>Windows: a shot is inside when it lies in all that were seen of it</source>
        <translation>Fenster: Ein Schlag ist drin, wenn er in allen liegt, die von ihm gesehen wurden</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keins</translation>
    </message>
    <message>
        <source>Measure of window %1</source>
        <translation>Maß von Fenster %1</translation>
    </message>
    <message>
        <source>From, of window %1</source>
        <translation>Von, Fenster %1</translation>
    </message>
    <message>
        <source>To, of window %1</source>
        <translation>Bis, Fenster %1</translation>
    </message>
    <message>
        <source>no task yet</source>
        <translation>noch keine Aufgabe</translation>
    </message>
    <message>
        <source>The drill has no name.</source>
        <translation>Die Übung hat keinen Namen.</translation>
    </message>
    <message>
        <source>Station %1 has no task.</source>
        <translation>Station %1 hat keine Aufgabe.</translation>
    </message>
    <message>
        <source>Station %1 has no window.</source>
        <translation>Station %1 hat kein Fenster.</translation>
    </message>
    <message>
        <source>Station %1 cannot be passed: it has fewer shots than are to be inside.</source>
        <translation>Station %1 ist nicht zu bestehen: Sie hat weniger Schläge, als drin sein sollen.</translation>
    </message>
    <message>
        <source>Station %1, %2: the window ends before it begins.</source>
        <translation>Station %1, %2: Das Fenster endet, bevor es beginnt.</translation>
    </message>
</context>
<context>
    <name>wedgeon::DrillDrawing</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>to come</source>
        <translation>kommt noch</translation>
    </message>
</context>
<context>
    <name>wedgeon::ElementBar</name>
    <message>
        <source>Kind of ground</source>
        <translation>Art des Bodens</translation>
    </message>
    <message>
        <source>change the ground</source>
        <translation>Boden ändern</translation>
    </message>
    <message>
        <source>In the way</source>
        <translation>Im Weg</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Rises along</source>
        <translation>Steigt entlang</translation>
    </message>
    <message>
        <source>Rises to the right</source>
        <translation>Steigt nach rechts</translation>
    </message>
    <message>
        <source>From the ball</source>
        <translation>Vom Ball</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Open below up to</source>
        <translation>Unten offen bis</translation>
    </message>
    <message>
        <source>rises along</source>
        <translation>steigt entlang</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>grass across</source>
        <translation>Gras quer</translation>
    </message>
    <message>
        <source>with the ball</source>
        <translation>mit dem Ball</translation>
    </message>
    <message>
        <source>into the ball</source>
        <translation>gegen den Ball</translation>
    </message>
    <message>
        <source>How the grass lies</source>
        <translation>Wie das Gras liegt</translation>
    </message>
    <message>
        <source>change how the grass lies</source>
        <translation>ändern, wie das Gras liegt</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>open below to</source>
        <translation>unten offen bis</translation>
    </message>
    <message>
        <source>Cut here</source>
        <translation>Hier teilen</translation>
    </message>
    <message>
        <source>Makes two stretches of the chosen one, to be changed on their own</source>
        <translation>Macht aus dem gewählten Stück zwei, die einzeln zu ändern sind</translation>
    </message>
    <message>
        <source>Put in the way</source>
        <translation>In den Weg stellen</translation>
    </message>
    <message>
        <source>A lip, a hedge or a tree that the ball has to clear</source>
        <translation>Eine Lippe, eine Hecke oder ein Baum, über den der Ball muss</translation>
    </message>
    <message>
        <source>Take away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Takes the chosen part of the line away</source>
        <translation>Nimmt den gewählten Teil der Linie weg</translation>
    </message>
    <message>
        <source>change: %1</source>
        <translation>ändern: %1</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>put something in the way</source>
        <translation>etwas in den Weg stellen</translation>
    </message>
    <message>
        <source>cut the ground</source>
        <translation>Boden teilen</translation>
    </message>
    <message>
        <source>take a part of the line away</source>
        <translation>einen Teil der Linie wegnehmen</translation>
    </message>
</context>
<context>
    <name>wedgeon::EstimatesDrawing</name>
    <message>
        <source>%1%4  (%2 to %3)</source>
        <translation>%1%4  (%2 bis %3)</translation>
    </message>
    <message>
        <source>%1 %2, before %3%4%5</source>
        <translation>%1 %2, vorher %3%4%5</translation>
    </message>
    <message>
        <source>, not told by the data yet</source>
        <translation>, von den Daten noch nicht gesagt</translation>
    </message>
    <message>
        <source>, a pattern is left of it</source>
        <translation>, davon bleibt ein Muster</translation>
    </message>
</context>
<context>
    <name>wedgeon::ExplainView</name>
    <message>
        <source>Why it s&amp;topped</source>
        <translation>Warum er &amp;hielt</translation>
    </message>
    <message>
        <source>The release by what the ball landed with: speed, angle, spin, ground and slope (Ctrl+Shift+R)</source>
        <translation>Der Roll nach dem, womit der Ball landete: Tempo, Winkel, Spin, Boden und Hang (Strg+Umschalt+R)</translation>
    </message>
    <message>
        <source>S&amp;wap A and B</source>
        <translation>A und B &amp;tauschen</translation>
    </message>
    <message>
        <source>Explain</source>
        <translation>Erklären</translation>
    </message>
    <message>
        <source>A and B</source>
        <translation>A und B</translation>
    </message>
    <message>
        <source>Cause</source>
        <translation>Ursache</translation>
    </message>
    <message>
        <source>Both flights</source>
        <translation>Beide Flüge</translation>
    </message>
    <message>
        <source>Shares: %1</source>
        <translation>Anteile: %1</translation>
    </message>
    <message>
        <source>from A to B</source>
        <translation>von A zu B</translation>
    </message>
    <message>
        <source>A is %1. </source>
        <translation>A ist %1. </translation>
    </message>
    <message>
        <source>B is %1. </source>
        <translation>B ist %1. </translation>
    </message>
    <message>
        <source>Working out what the shots by eye must have had…</source>
        <translation>Rechnet aus, was die Schläge nach Augenmaß gehabt haben müssen…</translation>
    </message>
    <message>
        <source>Two shots, or two groups, are needed to explain a difference.</source>
        <translation>Für einen Unterschied braucht es zwei Schläge oder zwei Gruppen.</translation>
    </message>
    <message>
        <source>In Watch, choose a shot and press A; choose another and press B. For groups, filter the shots and press Shift+A or Shift+B.</source>
        <translation>In Beobachten einen Schlag wählen und A drücken; einen anderen wählen und B drücken. Für Gruppen die Schläge filtern und Umschalt+A oder Umschalt+B drücken.</translation>
    </message>
    <message>
        <source> (predicted)</source>
        <translation> (gerechnet)</translation>
    </message>
    <message>
        <source>A  %1%2</source>
        <translation>A  %1%2</translation>
    </message>
    <message>
        <source>B  %1%2</source>
        <translation>B  %1%2</translation>
    </message>
    <message>
        <source>unexplained</source>
        <translation>unerklärt</translation>
    </message>
    <message numerus="yes">
        <source>%n shot(s) left out: no reading, or no club data.</source>
        <translation>
            <numerusform>%n Schlag weggelassen: kein Messwert, oder keine Schlägerdaten.</numerusform>
            <numerusform>%n Schläge weggelassen: kein Messwert, oder keine Schlägerdaten.</numerusform>
        </translation>
    </message>
    <message>
        <source>landing speed</source>
        <translation>Landetempo</translation>
    </message>
    <message>
        <source>landing angle</source>
        <translation>Landewinkel</translation>
    </message>
    <message>
        <source>spin</source>
        <translation>Spin</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>slope</source>
        <translation>Hang</translation>
    </message>
    <message>
        <source>Landing so with half the spin, B would run %1 less.</source>
        <translation>So gelandet, mit halbem Spin, rollte B %1 weniger.</translation>
    </message>
    <message>
        <source>Landing so with half the spin, B would run %1 farther.</source>
        <translation>So gelandet, mit halbem Spin, rollte B %1 weiter.</translation>
    </message>
    <message>
        <source>Comparing A with B…</source>
        <translation>Vergleicht A mit B…</translation>
    </message>
    <message>
        <source>landed at the same angle</source>
        <translation>landete im selben Winkel</translation>
    </message>
    <message>
        <source>came in %1 flatter</source>
        <translation>kam %1 flacher herein</translation>
    </message>
    <message>
        <source>came in %1 steeper</source>
        <translation>kam %1 steiler herein</translation>
    </message>
    <message>
        <source>landing angle (%1)</source>
        <translation>Landewinkel (%1)</translation>
    </message>
    <message>
        <source>ran as far</source>
        <translation>rollte gleich weit</translation>
    </message>
    <message>
        <source>ran %1 less</source>
        <translation>rollte %1 weniger</translation>
    </message>
    <message>
        <source>ran %1 farther</source>
        <translation>rollte %1 weiter</translation>
    </message>
    <message>
        <source>release (%1)</source>
        <translation>Roll (%1)</translation>
    </message>
    <message>
        <source>had the same spin</source>
        <translation>hatte gleich viel Spin</translation>
    </message>
    <message>
        <source>had %1 less spin</source>
        <translation>hatte %1 weniger Spin</translation>
    </message>
    <message>
        <source>had %1 more spin</source>
        <translation>hatte %1 mehr Spin</translation>
    </message>
    <message>
        <source>spin (%1)</source>
        <translation>Spin (%1)</translation>
    </message>
    <message>
        <source>A and B were not measured well enough to compare.</source>
        <translation>A und B wurden nicht gut genug gemessen, um sie zu vergleichen.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>No clear difference between A and B in %1.</source>
        <translation>Kein klarer Unterschied zwischen A und B: %1.</translation>
    </message>
    <message>
        <source>B %1</source>
        <translation>B %1</translation>
    </message>
    <message>
        <source>; no clear difference in %1</source>
        <translation>; kein klarer Unterschied: %1</translation>
    </message>
    <message>
        <source>, on the average.</source>
        <translation>, im Mittel.</translation>
    </message>
    <message>
        <source>Working out the causes…</source>
        <translation>Rechnet die Ursachen aus…</translation>
    </message>
    <message>
        <source>The release was not measured on both sides.</source>
        <translation>Der Roll wurde nicht auf beiden Seiten gemessen.</translation>
    </message>
    <message>
        <source>The causes cannot be told apart: club data is missing for one of the two.</source>
        <translation>Die Ursachen lassen sich nicht trennen: Bei einem von beiden fehlen Schlägerdaten.</translation>
    </message>
    <message>
        <source>%1 makes %2</source>
        <translation>%1 macht %2</translation>
    </message>
    <message>
        <source>Of the release, %1 and %2.</source>
        <translation>Vom Roll: %1 und %2.</translation>
    </message>
    <message>
        <source> Face to path: A %1, B %2.</source>
        <translation> Fläche zur Bahn: A %1, B %2.</translation>
    </message>
    <message>
        <source>A is %1, B is %2. </source>
        <translation>A ist %1, B ist %2. </translation>
    </message>
    <message>
        <source> ± holds 80 in 100 such groups.</source>
        <translation> ± hält 80 von 100 solchen Gruppen.</translation>
    </message>
    <message>
        <source> ± is what a device reads wrong, 80 in 100.</source>
        <translation> ± ist, was ein Gerät falsch misst, 80 von 100.</translation>
    </message>
    <message>
        <source>What made the difference</source>
        <translation>Was den Unterschied machte</translation>
    </message>
</context>
<context>
    <name>wedgeon::FaceAboveDrawing</name>
    <message>
        <source>%1 (%2 at %3)</source>
        <translation>%1 (%2 bei %3)</translation>
    </message>
    <message>
        <source>No aim brings it to rest on the line.</source>
        <translation>Keine Ausrichtung bringt ihn auf der Linie zur Ruhe.</translation>
    </message>
    <message>
        <source>It ends on the line.</source>
        <translation>Er endet auf der Linie.</translation>
    </message>
    <message>
        <source>Aimed %1: it ends on the line.</source>
        <translation>Zielt %1: endet auf der Linie.</translation>
    </message>
    <message>
        <source>Aimed %1; %2 ends on the line.</source>
        <translation>Zielt %1; %2 endet auf der Linie.</translation>
    </message>
    <message>
        <source>Aim %1.</source>
        <translation>Zielt %1.</translation>
    </message>
    <message>
        <source>Face from above</source>
        <translation>Schlagfläche von oben</translation>
    </message>
    <message>
        <source>Face %1, path %2, face to path %9, the ball starts %3 and lands %4. Shoulders %5, feet %10. Opened %6 before gripping, toe at %7 o&apos;clock. %8</source>
        <translation>Schlagfläche %1, Bahn %2, Fläche zur Bahn %9, der Ball startet %3 und landet %4. Schultern %5, Füße %10. Vor dem Greifen %6 geöffnet, Spitze auf %7 Uhr. %8</translation>
    </message>
    <message>
        <source>Drag to open or close the face</source>
        <translation>Ziehen, um die Schlagfläche zu öffnen oder zu schließen</translation>
    </message>
    <message>
        <source>Drag to turn the shoulders, and the feet with them</source>
        <translation>Ziehen, um die Schultern zu drehen, und die Füße mit ihnen</translation>
    </message>
    <message>
        <source>Drag to turn the feet alone</source>
        <translation>Ziehen, um die Füße allein zu drehen</translation>
    </message>
    <message>
        <source>open the face</source>
        <translation>Schlagfläche öffnen</translation>
    </message>
    <message>
        <source>close the face</source>
        <translation>Schlagfläche schließen</translation>
    </message>
    <message>
        <source>turn the shoulders</source>
        <translation>Schultern drehen</translation>
    </message>
    <message>
        <source>turn the feet</source>
        <translation>Füße drehen</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>face %1</source>
        <translation>Fläche %1</translation>
    </message>
    <message>
        <source>path %1</source>
        <translation>Bahn %1</translation>
    </message>
    <message>
        <source>face to path %1</source>
        <translation>Fläche zur Bahn %1</translation>
    </message>
    <message>
        <source>starts %1</source>
        <translation>startet %1</translation>
    </message>
    <message>
        <source>shoulders %1</source>
        <translation>Schultern %1</translation>
    </message>
    <message>
        <source>feet %1</source>
        <translation>Füße %1</translation>
    </message>
    <message>
        <source>plays as %1</source>
        <translation>spielt sich wie %1</translation>
    </message>
    <message>
        <source>with the lean plays as %1</source>
        <translation>spielt sich mit der Neigung wie %1</translation>
    </message>
    <message>
        <source>Square before gripping, toe at 12 o&apos;clock.</source>
        <translation>Gerade vor dem Greifen, Spitze auf 12 Uhr.</translation>
    </message>
    <message>
        <source>Opened %1 (toe at %2): adds %3, %4.</source>
        <translation>Geöffnet %1 (Spitze auf %2): bringt %3, %4.</translation>
    </message>
    <message>
        <source>Closed %1 (toe at %2): takes %3, %4.</source>
        <translation>Geschlossen %1 (Spitze auf %2): nimmt %3, %4.</translation>
    </message>
    <message>
        <source>%1 % of its push is sideways. %2</source>
        <translation>%1 % Schub seitlich. %2</translation>
    </message>
</context>
<context>
    <name>wedgeon::FaceOnDrawing</name>
    <message>
        <source>Set-up seen face-on</source>
        <translation>Setup von vorn gesehen</translation>
    </message>
    <message>
        <source>Shaft leans %1 with the hands %2. Ball %3 balls %4. Weight %5 per cent on the lead foot. Low point %6 cm ahead of the ball. Attack %7, dynamic loft %8%10. %9.</source>
        <translation>Schaft neigt sich %1, Hände %2. Ball %3 Bälle %4. Gewicht %5 Prozent auf dem vorderen Fuß. Tiefpunkt %6 cm vor dem Ball. Eintreffwinkel %7, dynamischer Loft %8%10. %9.</translation>
    </message>
    <message>
        <source>ahead</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>Leading edge %1 mm above the sole&apos;s lowest point, room %2 mm; fat %3, clean %4, thin %5 per cent</source>
        <translation>Vorderkante %1 mm über dem tiefsten Punkt der Sohle, Spielraum %2 mm; fett %3, sauber %4, dünn %5 Prozent</translation>
    </message>
    <message>
        <source>, plays as %1</source>
        <translation>, spielt sich wie %1</translation>
    </message>
    <message>
        <source>Drag the hands to lean the shaft</source>
        <translation>Die Hände ziehen, um den Schaft zu neigen</translation>
    </message>
    <message>
        <source>Drag the ball forward or back</source>
        <translation>Den Ball nach vorn oder hinten ziehen</translation>
    </message>
    <message>
        <source>Drag the weight between the feet</source>
        <translation>Das Gewicht zwischen den Füßen ziehen</translation>
    </message>
    <message>
        <source>lean the shaft</source>
        <translation>Schaft neigen</translation>
    </message>
    <message>
        <source>move the ball</source>
        <translation>Ball verschieben</translation>
    </message>
    <message>
        <source>shift the weight</source>
        <translation>Gewicht verlagern</translation>
    </message>
    <message>
        <source>lead foot</source>
        <translation>vorderer Fuß</translation>
    </message>
    <message>
        <source>trail foot</source>
        <translation>hinterer Fuß</translation>
    </message>
    <message>
        <source>edge %1 mm up</source>
        <translation>Kante %1 mm hoch</translation>
    </message>
    <message>
        <source>room %1 mm</source>
        <translation>Spielraum %1 mm</translation>
    </message>
    <message>
        <source>%1 %2 %</source>
        <translation>%1 %2 %</translation>
    </message>
    <message>
        <source>fat</source>
        <translation>fett</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>thin</source>
        <translation>dünn</translation>
    </message>
    <message>
        <source>attack %1</source>
        <translation>Eintreffen %1</translation>
    </message>
    <message>
        <source>dynamic loft %1</source>
        <translation>dyn. Loft %1</translation>
    </message>
    <message>
        <source>spin loft %1</source>
        <translation>Spin-Loft %1</translation>
    </message>
    <message>
        <source>shaft upright</source>
        <translation>Schaft aufrecht</translation>
    </message>
    <message>
        <source>%1 lean %2</source>
        <translation>%1 Neigung %2</translation>
    </message>
    <message>
        <source>plays as %1</source>
        <translation>spielt sich wie %1</translation>
    </message>
    <message>
        <source>takes %1, %2</source>
        <translation>nimmt %1, %2</translation>
    </message>
    <message>
        <source>adds %1, %2</source>
        <translation>bringt %1, %2</translation>
    </message>
    <message>
        <source>ball in middle</source>
        <translation>Ball in der Mitte</translation>
    </message>
    <message>
        <source>ball %1 %2</source>
        <translation>Ball %1 %2</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>mitten</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>low point %1 cm ahead</source>
        <translation>Tiefpunkt %1 cm voraus</translation>
    </message>
    <message>
        <source>low %1 cm ahead</source>
        <translation>tief %1 cm voraus</translation>
    </message>
    <message>
        <source>%1 cm</source>
        <translation>%1 cm</translation>
    </message>
    <message>
        <source>%1 % lead</source>
        <translation>%1 % vorn</translation>
    </message>
</context>
<context>
    <name>wedgeon::FirstRun</name>
    <message>
        <source>Three questions, then the first shot.</source>
        <translation>Drei Fragen, dann der erste Schlag.</translation>
    </message>
    <message>
        <source>All of it can be changed later in the line at the top, and more players added. What you enter stays in a logbook on this computer.</source>
        <translation>Alles lässt sich später in der Zeile oben ändern, und weitere Spieler kommen dort dazu. Was hier eingegeben wird, bleibt in einem Logbuch auf diesem Computer.</translation>
    </message>
    <message>
        <source>A file of shots</source>
        <translation>Eine Datei mit Schlägen</translation>
    </message>
    <message>
        <source>From any launch monitor, as delimited text: columns are recognised, and asked for where they are not. Or drop it here.</source>
        <translation>Von jedem Launch-Monitor, als Text mit Trennzeichen: Spalten werden erkannt und, wo nicht, erfragt. Oder hier ablegen.</translation>
    </message>
    <message>
        <source>Open a file…</source>
        <translation>Datei öffnen…</translation>
    </message>
    <message>
        <source>Try it with the simulated one</source>
        <translation>Mit dem simulierten versuchen</translation>
    </message>
    <message>
        <source>A launch monitor</source>
        <translation>Ein Launch-Monitor</translation>
    </message>
    <message>
        <source>Shots appear as they are hit, each beside its prediction.</source>
        <translation>Schläge erscheinen, wie sie geschlagen werden, jeder neben seiner Rechnung.</translation>
    </message>
    <message>
        <source>Listen to a monitor…</source>
        <translation>Einem Monitor zuhören…</translation>
    </message>
    <message>
        <source>No device at all</source>
        <translation>Gar kein Gerät</translation>
    </message>
    <message>
        <source>Pace the distances, say what you see and feel: the shots from here are ranked at once, and each shot that is hit is noted by eye.</source>
        <translation>Abstände abschreiten, sagen, was zu sehen und zu fühlen ist: Die Schläge von hier werden gleich geordnet, und jeder geschlagene wird nach Augenmaß notiert.</translation>
    </message>
    <message>
        <source>Begin with what you see</source>
        <translation>Mit dem beginnen, was zu sehen ist</translation>
    </message>
    <message>
        <source>Look at the demo first</source>
        <translation>Erst die Vorführung ansehen</translation>
    </message>
    <message>
        <source>Made-up players and shots, in a window and a logbook of their own</source>
        <translation>Erfundene Spieler und Schläge, in einem eigenen Fenster und Logbuch</translation>
    </message>
    <message>
        <source>Skip this</source>
        <translation>Überspringen</translation>
    </message>
    <message>
        <source>Player&apos;s name</source>
        <translation>Name des Spielers</translation>
    </message>
    <message>
        <source>the first player&apos;s name, or your own</source>
        <translation>der Name des ersten Spielers, oder der eigene</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation>Rechtshänder</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>Linkshänder</translation>
    </message>
    <message>
        <source>Who plays?</source>
        <translation>Wer spielt?</translation>
    </message>
    <message>
        <source>Lofts of the wedges</source>
        <translation>Lofts der Wedges</translation>
    </message>
    <message>
        <source>lofts in degrees, such as 50 54 58</source>
        <translation>Lofts in Grad, etwa 50 54 58</translation>
    </message>
    <message>
        <source>Which wedges?</source>
        <translation>Welche Wedges?</translation>
    </message>
    <message>
        <source>Units</source>
        <translation>Einheiten</translation>
    </message>
    <message>
        <source>metres and metres a second</source>
        <translation>Meter und Meter je Sekunde</translation>
    </message>
    <message>
        <source>yards and miles an hour</source>
        <translation>Yards und Meilen je Stunde</translation>
    </message>
    <message>
        <source>Metres or yards?</source>
        <translation>Meter oder Yards?</translation>
    </message>
    <message>
        <source>Lofts are numbers from %1 to %2 degrees, up to %3 of them.</source>
        <translation>Lofts sind Zahlen von %1 bis %2 Grad, höchstens %3 davon.</translation>
    </message>
    <message>
        <source>first answers</source>
        <translation>erste Antworten</translation>
    </message>
</context>
<context>
    <name>wedgeon::FitDrawing</name>
    <message>
        <source>Choose a result by click or with the arrow keys</source>
        <translation>Mit Klick oder Pfeiltasten ein Ergebnis wählen</translation>
    </message>
    <message>
        <source>%1: %2 shots, four in five within %3 of predicted%4</source>
        <translation>%1: %2 Schläge, vier von fünf innerhalb %3 der Rechnung%4</translation>
    </message>
    <message>
        <source>, chosen</source>
        <translation>, gewählt</translation>
    </message>
    <message>
        <source>What is left of %1, measured less predicted (band: four in five, ±%2)</source>
        <translation>Was von %1 bleibt, gemessen weniger gerechnet (Band: vier von fünf, ±%2)</translation>
    </message>
</context>
<context>
    <name>wedgeon::FlightDrawing</name>
    <message>
        <source>Predicted: %1 Highest %2, lands at %3, rests at %4.</source>
        <translation>Gerechnet: %1 Höchstens %2 hoch, landet bei %3, liegt bei %4.</translation>
    </message>
    <message>
        <source> Of 100 such swings 80 rest between %1 and %2.</source>
        <translation> Von 100 solchen Schwüngen liegen 80 zwischen %1 und %2.</translation>
    </message>
    <message>
        <source> Recipe %1 carries %2 and rests at %3.</source>
        <translation> Rezept %1: Carry %2, liegt bei %3.</translation>
    </message>
    <message>
        <source> Measured carry %1.</source>
        <translation> Gemessener Carry %1.</translation>
    </message>
    <message>
        <source> Measured rest %1.</source>
        <translation> Gemessene Ruhelage %1.</translation>
    </message>
    <message>
        <source>from above</source>
        <translation>von oben</translation>
    </message>
    <message>
        <source>from above, sideways × %1</source>
        <translation>von oben, seitlich × %1</translation>
    </message>
    <message>
        <source>the landing, × %1</source>
        <translation>die Landung, × %1</translation>
    </message>
    <message>
        <source>forward %1, before to after</source>
        <translation>vorwärts %1, vorher zu nachher</translation>
    </message>
    <message>
        <source>%1, before to after</source>
        <translation>%1, vorher zu nachher</translation>
    </message>
    <message>
        <source> to </source>
        <translation> zu </translation>
    </message>
    <message>
        <source>rests</source>
        <translation>liegt</translation>
    </message>
</context>
<context>
    <name>wedgeon::GivenCell</name>
    <message>
        <source>Change: %1</source>
        <translation>Ändern: %1</translation>
    </message>
</context>
<context>
    <name>wedgeon::GivensStrip</name>
    <message>
        <source>Player</source>
        <translation>Spieler</translation>
    </message>
    <message>
        <source>Wedge</source>
        <translation>Wedge</translation>
    </message>
    <message>
        <source>Ball and face</source>
        <translation>Ball und Schlagfläche</translation>
    </message>
    <message>
        <source>Lie</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>Air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>Change between metres and yards (Ctrl+U)</source>
        <translation>Zwischen Metern und Yards wechseln (Strg+U)</translation>
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
        <source>, tuned %1</source>
        <translation>, abgestimmt %1</translation>
    </message>
    <message>
        <source>Units: %1</source>
        <translation>Einheiten: %1</translation>
    </message>
    <message>
        <source>change: %1</source>
        <translation>ändern: %1</translation>
    </message>
    <message>
        <source>take one of: %1</source>
        <translation>eins davon nehmen: %1</translation>
    </message>
    <message>
        <source>change player</source>
        <translation>Spieler wechseln</translation>
    </message>
    <message>
        <source>Kept players</source>
        <translation>Geführte Spieler</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>Swings…</source>
        <translation>Schwünge…</translation>
    </message>
    <message>
        <source>What the player&apos;s swings are called, how long they are, and how fast</source>
        <translation>Wie die Schwünge des Spielers heißen, wie lang sie sind und wie schnell</translation>
    </message>
    <message>
        <source>Swings</source>
        <translation>Schwünge</translation>
    </message>
    <message>
        <source>Loft</source>
        <translation>Loft</translation>
    </message>
    <message>
        <source>Lie angle</source>
        <translation>Lie-Winkel</translation>
    </message>
    <message>
        <source>Bounce</source>
        <translation>Bounce</translation>
    </message>
    <message>
        <source>A bag is somebody&apos;s: name the player first.</source>
        <translation>Ein Bag gehört jemandem: erst den Spieler benennen.</translation>
    </message>
    <message>
        <source>Sole</source>
        <translation>Sohle</translation>
    </message>
    <message>
        <source>wide, heel ground off</source>
        <translation>breit, Ferse abgeschliffen</translation>
    </message>
    <message>
        <source>Grooves</source>
        <translation>Rillen</translation>
    </message>
    <message>
        <source>fresh, worn</source>
        <translation>frisch, abgenutzt</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>bent 1° strong in May</source>
        <translation>im Mai 1° stärker gebogen</translation>
    </message>
    <message>
        <source>Club&apos;s length</source>
        <translation>Länge des Schlägers</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>%1, from %2 %3</source>
        <translation>%1, seit %2 %3</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>change wedge</source>
        <translation>Wedge wechseln</translation>
    </message>
    <message>
        <source>In the bag</source>
        <translation>Im Bag</translation>
    </message>
    <message>
        <source>Ball</source>
        <translation>Ball</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Schlagfläche</translation>
    </message>
    <message>
        <source>Kept balls</source>
        <translation>Geführte Bälle</translation>
    </message>
    <message>
        <source>read the lie</source>
        <translation>Lage lesen</translation>
    </message>
    <message>
        <source>Kept lies</source>
        <translation>Geführte Lagen</translation>
    </message>
    <message>
        <source>In numbers</source>
        <translation>In Zahlen</translation>
    </message>
    <message>
        <source>Grass between</source>
        <translation>Gras dazwischen</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>Moisture</source>
        <translation>Feuchte</translation>
    </message>
    <message>
        <source>Grain</source>
        <translation>Strich</translation>
    </message>
    <message>
        <source>Sits up</source>
        <translation>Liegt hoch</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Grain: 0° lies toward the target, 180° against,
90° away from the player.</source>
        <translation>Strich: 0° liegt zum Ziel, 180° dagegen,
90° vom Spieler weg.</translation>
    </message>
    <message>
        <source>The ground is</source>
        <translation>Der Boden ist</translation>
    </message>
    <message>
        <source>Grass on it</source>
        <translation>Gras darauf</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>trocken</translation>
    </message>
    <message>
        <source>dewy</source>
        <translation>taunass</translation>
    </message>
    <message>
        <source>Green speed</source>
        <translation>Grüntempo</translation>
    </message>
    <message>
        <source>ft</source>
        <translation>ft</translation>
    </message>
    <message>
        <source>Kept grounds</source>
        <translation>Geführte Böden</translation>
    </message>
    <message>
        <source>Firmness</source>
        <translation>Festigkeit</translation>
    </message>
    <message>
        <source>Turf friction</source>
        <translation>Rasenreibung</translation>
    </message>
    <message>
        <source>Rises along</source>
        <translation>Steigt entlang</translation>
    </message>
    <message>
        <source>Rises to the right</source>
        <translation>Steigt nach rechts</translation>
    </message>
    <message>
        <source>Firmness: 0.7 soft, 1 ordinary, 1.4 hard.
Friction: 0.38 dry, 0.24 dewy.</source>
        <translation>Festigkeit: 0,7 weich, 1 normal, 1,4 hart.
Reibung: 0,38 trocken, 0,24 taunass.</translation>
    </message>
    <message>
        <source>Temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>°C</source>
        <translation>°C</translation>
    </message>
    <message>
        <source>Wind with (+) or against</source>
        <translation>Wind mit (+) oder gegen</translation>
    </message>
    <message>
        <source>Wind to the right (+)</source>
        <translation>Wind nach rechts (+)</translation>
    </message>
    <message>
        <source>Altitude</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>The same as another player…</source>
        <translation>Derselbe wie ein anderer Spieler…</translation>
    </message>
    <message>
        <source>Puts all that is kept of both under one name</source>
        <translation>Führt alles, was von beiden da ist, unter einem Namen</translation>
    </message>
    <message>
        <source>Also called</source>
        <translation>Auch genannt</translation>
    </message>
    <message>
        <source>R. Vale; runa v</source>
        <translation>R. Vale; runa v</translation>
    </message>
    <message>
        <source>The names by which files and devices call this player, with a semicolon between them: those shots are this player&apos;s, too.</source>
        <translation>Die Namen, unter denen Dateien und Geräte diesen Spieler führen, mit Strichpunkt dazwischen: Auch diese Schläge sind seine.</translation>
    </message>
    <message>
        <source>Two players that are one</source>
        <translation>Zwei Spieler, die einer sind</translation>
    </message>
    <message>
        <source>There is no other player than %1.</source>
        <translation>Es gibt keinen anderen Spieler als %1.</translation>
    </message>
    <message>
        <source>%1 is the same person as the one below. All that is kept of %1, shots, clubs and tunings, becomes that player&apos;s, and &quot;%1&quot; another name. Hand, tuning in use and swings stay that player&apos;s own, and so does a club that both have.</source>
        <translation>%1 ist dieselbe Person wie die unten. Alles, was von %1 da ist, Schläge, Schläger und Abstimmungen, gehört dann diesem Spieler, und „%1“ ist ein weiterer Name. Hand, benutzte Abstimmung und Schwünge bleiben dessen eigene, ebenso ein Schläger, den beide haben.</translation>
    </message>
</context>
<context>
    <name>wedgeon::GuideWindow</name>
    <message>
        <source>Wedgeon: guide</source>
        <translation>Wedgeon: Handbuch</translation>
    </message>
    <message>
        <source>Search the guide, the quantities and the words</source>
        <translation>Handbuch, Größen und Wörter durchsuchen</translation>
    </message>
    <message>
        <source>Search the guide</source>
        <translation>Handbuch durchsuchen</translation>
    </message>
    <message>
        <source>Parts of the guide</source>
        <translation>Teile des Handbuchs</translation>
    </message>
    <message>
        <source>Text of the guide</source>
        <translation>Text des Handbuchs</translation>
    </message>
    <message>
        <source>Quantities</source>
        <translation>Größen</translation>
    </message>
    <message>
        <source>What is set, measured and predicted. Usual is between what nine in ten wedge shots of ordinary set-ups fall, as the model plays them: swings from 10 to 34 m/s, lofts from 46° to 60°.</source>
        <translation>Was gestellt, gemessen und gerechnet wird. Üblich ist, worin neun von zehn Wedge-Schlägen gewöhnlicher Setups liegen, wie das Modell sie spielt: Schwünge von 10 bis 34 m/s, Lofts von 46° bis 60°.</translation>
    </message>
    <message>
        <source>How it is measured:</source>
        <translation>Wie man es misst:</translation>
    </message>
    <message>
        <source>Usual for wedges:</source>
        <translation>Üblich für Wedges:</translation>
    </message>
    <message>
        <source>How far the model goes:</source>
        <translation>Wie weit das Modell reicht:</translation>
    </message>
    <message>
        <source>Nothing has all of these words.</source>
        <translation>Nichts enthält alle diese Wörter.</translation>
    </message>
</context>
<context>
    <name>wedgeon::HistoryDrawing</name>
    <message>
        <source>No measure on three days yet</source>
        <translation>Noch kein Maß an drei Tagen</translation>
    </message>
</context>
<context>
    <name>wedgeon::HistoryPage</name>
    <message>
        <source>Wedge and swing</source>
        <translation>Wedge und Schwung</translation>
    </message>
    <message>
        <source>Change that they are held against</source>
        <translation>Änderung, gegen die sie gehalten werden</translation>
    </message>
    <message>
        <source>Measures over the weeks</source>
        <translation>Maße über die Wochen</translation>
    </message>
    <message>
        <source>Reading the shots of all weeks…</source>
        <translation>Liest die Schläge aller Wochen…</translation>
    </message>
    <message>
        <source>Over all the weeks</source>
        <translation>Über alle Wochen</translation>
    </message>
    <message>
        <source>Before and since %1: %2</source>
        <translation>Vor und seit %1: %2</translation>
    </message>
    <message>
        <source>Nothing to tell yet: a measure needs three days.</source>
        <translation>Noch nichts zu sagen: Ein Maß braucht drei Tage.</translation>
    </message>
    <message>
        <source>Nothing drifts that can be told from chance.</source>
        <translation>Nichts verschiebt sich, was sich vom Zufall unterscheiden ließe.</translation>
    </message>
    <message>
        <source>not on both sides of it</source>
        <translation>nicht auf beiden Seiten</translation>
    </message>
    <message>
        <source>Over the weeks</source>
        <translation>Über die Wochen</translation>
    </message>
</context>
<context>
    <name>wedgeon::HitBar</name>
    <message>
        <source>Drop the list of shots to hit</source>
        <translation>Die Liste der zu schlagenden Schläge fallen lassen</translation>
    </message>
    <message>
        <source>Drop the list</source>
        <translation>Liste fallen lassen</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 von %2: %3</translation>
    </message>
    <message>
        <source>All hit. Tune (Alt+%1) has more to go on now.</source>
        <translation>Alle geschlagen. Abstimmen (Alt+%1) hat jetzt mehr Grundlage.</translation>
    </message>
    <message>
        <source>To hit for the tuning of %1</source>
        <translation>Zu schlagen für die Abstimmung auf %1</translation>
    </message>
</context>
<context>
    <name>wedgeon::HoleOutDialog</name>
    <message>
        <source>Strokes to hole out</source>
        <translation>Schläge bis ins Loch</translation>
    </message>
    <message>
        <source>Mean putts by distance, and what a worse place than the green adds. The published ones are known to about 0.05 strokes.</source>
        <translation>Mittlere Putts nach Abstand, und was ein schlechterer Platz als das Grün dazubringt. Die veröffentlichten sind auf etwa 0,05 Schläge bekannt.</translation>
    </message>
    <message>
        <source>As an expert</source>
        <translation>Wie ein Könner</translation>
    </message>
    <message>
        <source>As a club player</source>
        <translation>Wie ein Klubspieler</translation>
    </message>
    <message>
        <source>from, %1</source>
        <translation>ab, %1</translation>
    </message>
    <message>
        <source>putts</source>
        <translation>Putts</translation>
    </message>
    <message>
        <source>Putts by distance</source>
        <translation>Putts nach Abstand</translation>
    </message>
    <message>
        <source>On the fringe</source>
        <translation>Auf dem Vorgrün</translation>
    </message>
    <message>
        <source>On short grass</source>
        <translation>Auf kurzem Gras</translation>
    </message>
    <message>
        <source>In rough</source>
        <translation>Im Rough</translation>
    </message>
    <message>
        <source>In sand</source>
        <translation>Im Sand</translation>
    </message>
    <message>
        <source>In water</source>
        <translation>Im Wasser</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Distances and putts must rise from row to row, putts from 1 to 6.</source>
        <translation>Abstände und Putts müssen von Zeile zu Zeile steigen, Putts von 1 bis 6.</translation>
    </message>
</context>
<context>
    <name>wedgeon::ImportFlow</name>
    <message>
        <source>as the lines above the header say</source>
        <translation>wie die Zeilen über dem Kopf sagen</translation>
    </message>
    <message>
        <source>by the file&apos;s name</source>
        <translation>nach dem Namen der Datei</translation>
    </message>
    <message>
        <source>by the folder&apos;s name</source>
        <translation>nach dem Namen des Ordners</translation>
    </message>
    <message>
        <source> Of %1, %2.</source>
        <translation> Von %1, %2.</translation>
    </message>
    <message>
        <source> On %1, %2.</source>
        <translation> Am %1, %2.</translation>
    </message>
    <message>
        <source> ▲ Day and month of its times could be either way round: they stay as they stand.</source>
        <translation> ▲ Tag und Monat der Zeiten könnten vertauscht sein: Sie bleiben, wie sie stehen.</translation>
    </message>
    <message>
        <source>There is no file of shots (.csv, .tsv, .txt) in there.</source>
        <translation>Darin ist keine Datei mit Schlägen (.csv, .tsv, .txt).</translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation>Liest %1…</translation>
    </message>
    <message>
        <source>Reading %1, %2 of %3…</source>
        <translation>Liest %1, %2 von %3…</translation>
    </message>
    <message>
        <source>What are the columns of %1?</source>
        <translation>Was sind die Spalten von %1?</translation>
    </message>
    <message>
        <source>%1 was not read.</source>
        <translation>%1 wurde nicht gelesen.</translation>
    </message>
    <message>
        <source>%1: what its columns are was not said.</source>
        <translation>%1: Was die Spalten sind, wurde nicht gesagt.</translation>
    </message>
    <message>
        <source>The import was stopped; nothing was changed.</source>
        <translation>Das Einlesen wurde angehalten; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>%1 from %2.</source>
        <translation>%1 aus %2.</translation>
    </message>
    <message>
        <source> All were in the logbook already.</source>
        <translation> Alle waren schon im Logbuch.</translation>
    </message>
    <message>
        <source> %1 were in the logbook already.</source>
        <translation> %1 waren schon im Logbuch.</translation>
    </message>
    <message>
        <source> Nothing was refused.</source>
        <translation> Nichts wurde abgelehnt.</translation>
    </message>
    <message>
        <source>Columns…</source>
        <translation>Spalten…</translation>
    </message>
    <message numerus="yes">
        <source> %n cell(s) or row(s) were not taken.</source>
        <translation>
            <numerusform> %n Zelle oder Zeile wurde nicht genommen.</numerusform>
            <numerusform> %n Zellen oder Zeilen wurden nicht genommen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Which and why…</source>
        <translation>Welche und warum…</translation>
    </message>
    <message>
        <source>%1 from %2 of %3 files.</source>
        <translation>%1 aus %2 von %3 Dateien.</translation>
    </message>
    <message>
        <source> Then it was stopped; what had been read stays.</source>
        <translation> Dann wurde angehalten; was gelesen war, bleibt.</translation>
    </message>
    <message>
        <source>Files that were not read</source>
        <translation>Dateien, die nicht gelesen wurden</translation>
    </message>
    <message numerus="yes">
        <source>%n file(s) with a trouble.</source>
        <translation>
            <numerusform>%n Datei mit einem Problem.</numerusform>
            <numerusform>%n Dateien mit einem Problem.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wedgeon::ImportJob</name>
    <message>
        <source>%1 could not be read: %2</source>
        <translation>%1 ließ sich nicht lesen: %2</translation>
    </message>
    <message>
        <source>%1 was not read: there is no logbook that its shots could go into.</source>
        <translation>%1 wurde nicht gelesen: Es gibt kein Logbuch, in das seine Schläge könnten.</translation>
    </message>
</context>
<context>
    <name>wedgeon::JudgeDialog</name>
    <message>
        <source>Judge the shots without their way</source>
        <translation>Die Schläge ohne ihre Art beurteilen</translation>
    </message>
    <message>
        <source>In an order by chance. Tick those that do not count: a misread, a disturbance, another ball. A poor strike counts.</source>
        <translation>In zufälliger Folge. Ankreuzen, was nicht zählt: eine Fehlmessung, eine Störung, ein anderer Ball. Ein schlechter Treffer zählt.</translation>
    </message>
    <message>
        <source>Set aside</source>
        <translation>Beiseitelegen</translation>
    </message>
    <message>
        <source>Strike</source>
        <translation>Treffer</translation>
    </message>
    <message>
        <source>Shots of the trial</source>
        <translation>Schläge des Versuchs</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
</context>
<context>
    <name>wedgeon::KeptLine</name>
    <message>
        <source>choose, or name it</source>
        <translation>wählen oder benennen</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Keep what is set now under this name</source>
        <translation>Das jetzt Gestellte unter diesem Namen behalten</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
</context>
<context>
    <name>wedgeon::KitPage</name>
    <message>
        <source>Kit beside technique</source>
        <translation>Material neben Technik</translation>
    </message>
    <message>
        <source>This set-up and swing with other balls and faces:</source>
        <translation>Dieses Setup und dieser Schwung mit anderen Bällen und Schlagflächen:</translation>
    </message>
    <message>
        <source>Balls and faces</source>
        <translation>Bälle und Schlagflächen</translation>
    </message>
    <message>
        <source>Same kit, best technique within reach</source>
        <translation>Gleiches Material, beste erreichbare Technik</translation>
    </message>
    <message>
        <source>Put it beside</source>
        <translation>Daneben legen</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>This set-up is outside what the model covers.</source>
        <translation>Dieses Setup liegt außerhalb dessen, was das Modell abdeckt.</translation>
    </message>
    <message>
        <source>Ball and face move the run by %1.</source>
        <translation>Ball und Schlagfläche bewegen den Roll um %1.</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Sucht…</translation>
    </message>
    <message>
        <source>Ball and face move the run by %1; no technique within reach stops it sooner.</source>
        <translation>Ball und Schlagfläche bewegen den Roll um %1; keine erreichbare Technik hält früher.</translation>
    </message>
    <message>
        <source>Face 15° either way, lean 6°, ball one ball, and the swing for the same carry were tried.</source>
        <translation>Versucht wurden: Schlagfläche 15° nach beiden Seiten, Neigung 6°, Ball einen Ball, und der Schwung für denselben Carry.</translation>
    </message>
    <message>
        <source>Ball and face move the run by %1, technique by %2.</source>
        <translation>Ball und Schlagfläche bewegen den Roll um %1, Technik um %2.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1.
Same carry. %2.</source>
        <translation>%1.
Gleicher Carry. %2.</translation>
    </message>
    <message>
        <source>stops soonest</source>
        <translation>hält am frühesten</translation>
    </message>
    <message>
        <source>put the best technique beside</source>
        <translation>beste Technik daneben legen</translation>
    </message>
</context>
<context>
    <name>wedgeon::LadderDrawing</name>
    <message>
        <source>The ladder</source>
        <translation>Die Leiter</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1. Asked for: %2.</source>
        <translation>%1. Gefragt: %2.</translation>
    </message>
    <message>
        <source>%1 guess</source>
        <translation>%1 geraten</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>the distance asked for</source>
        <translation>die gefragte Länge</translation>
    </message>
</context>
<context>
    <name>wedgeon::LadderView</name>
    <message>
        <source>Ladder</source>
        <translation>Leiter</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>to the flag</source>
        <translation>zur Fahne</translation>
    </message>
    <message>
        <source>of carry</source>
        <translation>Carry</translation>
    </message>
    <message>
        <source>Distance is</source>
        <translation>Länge ist</translation>
    </message>
    <message>
        <source>Show: %1</source>
        <translation>Zeigen: %1</translation>
    </message>
    <message>
        <source>The card is in %1.</source>
        <translation>Die Karte liegt in %1.</translation>
    </message>
    <message>
        <source>Open in Shape</source>
        <translation>In Formen öffnen</translation>
    </message>
    <message>
        <source>Puts this rung&apos;s club, set-up and swing on the bench</source>
        <translation>Legt Schläger, Setup und Schwung dieser Sprosse auf die Werkbank</translation>
    </message>
    <message>
        <source>Show its shots</source>
        <translation>Ihre Schläge zeigen</translation>
    </message>
    <message>
        <source>Shows this rung&apos;s shots in Watch</source>
        <translation>Zeigt die Schläge dieser Sprosse in Beobachten</translation>
    </message>
    <message>
        <source>&amp;Open the rung in Shape</source>
        <translation>Die Sprosse in Formen ö&amp;ffnen</translation>
    </message>
    <message>
        <source>Show the rung&apos;s &amp;shots</source>
        <translation>Die &amp;Schläge der Sprosse zeigen</translation>
    </message>
    <message>
        <source>Sa&amp;ve the pocket card…</source>
        <translation>&amp;Taschenkarte speichern…</translation>
    </message>
    <message>
        <source>Print the &amp;pocket card…</source>
        <translation>Taschenkarte &amp;drucken…</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Gap: nothing but a guess between %1 and %2, %3 and %4.</source>
        <translation>Lücke: nur Geratenes zwischen %1 und %2, %3 und %4.</translation>
    </message>
    <message>
        <source>Gap: nothing between %1 and %2, %3 and %4.</source>
        <translation>Lücke: nichts zwischen %1 und %2, %3 und %4.</translation>
    </message>
    <message>
        <source>Overlap: %1 and %2 differ by %3, less than their spread.</source>
        <translation>Überschneidung: %1 und %2 unterscheiden sich um %3, weniger als ihre Streuung.</translation>
    </message>
    <message>
        <source>Every rung is a guess from build and level. Say club and swing with the shots in Watch, or set the swings under Player, and they become his own.</source>
        <translation>Jede Sprosse ist aus Statur und Stufe geraten. Schläger und Schwung bei den Schlägen in Beobachten nennen, oder die Schwünge unter Spieler angeben, dann werden es eigene.</translation>
    </message>
    <message>
        <source>No gap, and no two rungs that do the same.</source>
        <translation>Keine Lücke, und keine zwei Sprossen, die dasselbe tun.</translation>
    </message>
    <message>
        <source>Working out the ladder…</source>
        <translation>Rechnet die Leiter aus…</translation>
    </message>
    <message>
        <source>There is no ladder for this player yet.</source>
        <translation>Für diesen Spieler gibt es noch keine Leiter.</translation>
    </message>
    <message>
        <source>the %1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1 of carry</source>
        <translation>%1 Carry</translation>
    </message>
    <message>
        <source>%1: no swing of these reaches it.</source>
        <translation>%1: Kein Schwung davon erreicht es.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>Ends within %1 of it %2 times in 100.</source>
        <translation>Endet in %2 von 100 innerhalb %1 davon.</translation>
    </message>
    <message>
        <source>Lands within %1 of it %2 times in 100.</source>
        <translation>Landet in %2 von 100 innerhalb %1 davon.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Also: %1.</source>
        <translation>Auch: %1.</translation>
    </message>
    <message>
        <source>Today costs up to %1 against a calm, mild day on short grass (dotted).</source>
        <translation>Heute kostet bis zu %1 gegen einen milden, windstillen Tag auf kurzem Gras (gepunktet).</translation>
    </message>
    <message>
        <source>Today gives up to %1 more than a calm, mild day on short grass (dotted).</source>
        <translation>Heute bringt bis zu %1 mehr als ein milder, windstiller Tag auf kurzem Gras (gepunktet).</translation>
    </message>
    <message>
        <source>All of it is a guess: no shot is logged.</source>
        <translation>Alles ist geraten: Kein Schlag ist notiert.</translation>
    </message>
    <message>
        <source>Choose a rung (click, or up and down) for its shots, or to put it on the bench. Drag the line, or type a distance.</source>
        <translation>Eine Sprosse wählen (Klick, oder auf und ab), um ihre Schläge zu sehen oder sie auf die Werkbank zu legen. Die Linie ziehen oder eine Länge eintippen.</translation>
    </message>
    <message>
        <source>%1: a guess, %2 to %3.</source>
        <translation>%1: geraten, %2 bis %3.</translation>
    </message>
    <message>
        <source>%1: %2, newest %3.</source>
        <translation>%1: %2, zuletzt %3.</translation>
    </message>
    <message>
        <source>Carries %1 today (known to ± %2), ends at %3. Speed %4, launch %5, lands %6.</source>
        <translation>Carry heute %1 (auf ± %2 bekannt), endet bei %3. Tempo %4, Abflug %5, landet mit %6.</translation>
    </message>
    <message>
        <source>take the swing %1</source>
        <translation>Schwung %1 nehmen</translation>
    </message>
    <message>
        <source>The ladder, carry in %1</source>
        <translation>Die Leiter, Carry in %1</translation>
    </message>
    <message>
        <source>Club</source>
        <translation>Schläger</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
</context>
<context>
    <name>wedgeon::LeftOutDrawing</name>
    <message>
        <source>%1: tuned %2 (median %3), untuned %4, regression %5, interval held %6</source>
        <translation>%1: abgestimmt %2 (Median %3), nicht abgestimmt %4, Regression %5, Intervall hielt %6</translation>
    </message>
    <message numerus="yes">
        <source>, beside %n misread(s)</source>
        <translation>
            <numerusform>, daneben %n Fehlmessung</numerusform>
            <numerusform>, daneben %n Fehlmessungen</numerusform>
        </translation>
    </message>
    <message>
        <source>tuned</source>
        <translation>abgestimmt</translation>
    </message>
    <message>
        <source>untuned</source>
        <translation>nicht abgestimmt</translation>
    </message>
    <message>
        <source>regression</source>
        <translation>Regression</translation>
    </message>
    <message>
        <source>80 % held</source>
        <translation>80 % gehalten</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
</context>
<context>
    <name>wedgeon::LessonStop</name>
    <message>
        <source>%1 (Alt+%2)</source>
        <translation>%1 (Alt+%2)</translation>
    </message>
</context>
<context>
    <name>wedgeon::LieQuestions</name>
    <message>
        <source>Grass</source>
        <translation>Gras</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Ball sits</source>
        <translation>Ball liegt</translation>
    </message>
    <message>
        <source>Grass lies</source>
        <translation>Gras liegt</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Es ist</translation>
    </message>
    <message>
        <source>A practice swing</source>
        <translation>Ein Probeschwung</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht angegeben</translation>
    </message>
</context>
<context>
    <name>wedgeon::LineDrawing</name>
    <message>
        <source>rises %1 %</source>
        <translation>steigt %1 %</translation>
    </message>
    <message>
        <source>falls away %1 %</source>
        <translation>fällt ab %1 %</translation>
    </message>
    <message>
        <source>up to the right %1 %</source>
        <translation>nach rechts hinauf %1 %</translation>
    </message>
    <message>
        <source>up to the left %1 %</source>
        <translation>nach links hinauf %1 %</translation>
    </message>
    <message>
        <source>short grass</source>
        <translation>kurzes Gras</translation>
    </message>
    <message>
        <source>rough</source>
        <translation>Rough</translation>
    </message>
    <message>
        <source>sand</source>
        <translation>Sand</translation>
    </message>
    <message>
        <source>fringe</source>
        <translation>Vorgrün</translation>
    </message>
    <message>
        <source>green</source>
        <translation>Grün</translation>
    </message>
    <message>
        <source>water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>The line to the flag</source>
        <translation>Die Linie zur Fahne</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>grass with the ball</source>
        <translation>Gras mit dem Ball</translation>
    </message>
    <message>
        <source>grass into the ball</source>
        <translation>Gras gegen den Ball</translation>
    </message>
    <message>
        <source>From the ball: %1.</source>
        <translation>Vom Ball: %1.</translation>
    </message>
    <message>
        <source> At %1 something %2 high.</source>
        <translation> Bei %1 etwas %2 Hohes.</translation>
    </message>
    <message>
        <source> The flag at %1.</source>
        <translation> Die Fahne bei %1.</translation>
    </message>
    <message>
        <source>far end of the %1</source>
        <translation>hinteres Ende: %1</translation>
    </message>
    <message>
        <source>border between %1 and %2</source>
        <translation>Grenze zwischen %1 und %2</translation>
    </message>
    <message>
        <source>top of what stands in the way</source>
        <translation>Oberkante dessen, was im Weg steht</translation>
    </message>
    <message>
        <source>flag</source>
        <translation>Fahne</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>landet</translation>
    </message>
    <message>
        <source>rests</source>
        <translation>liegt</translation>
    </message>
</context>
<context>
    <name>wedgeon::LiveBar</name>
    <message>
        <source>Newest (F)</source>
        <translation>Neuester (F)</translation>
    </message>
    <message>
        <source>Show each shot as it comes again</source>
        <translation>Jeden Schlag wieder zeigen, wie er kommt</translation>
    </message>
    <message>
        <source>Stop listening</source>
        <translation>Zuhören beenden</translation>
    </message>
    <message>
        <source>With the set-up in Shape</source>
        <translation>Mit dem Setup aus Formen</translation>
    </message>
    <message>
        <source>Declare the set-up of Shape for every shot that comes in</source>
        <translation>Das Setup aus Formen für jeden ankommenden Schlag ansagen</translation>
    </message>
    <message>
        <source>Take its shots</source>
        <translation>Seine Schläge nehmen</translation>
    </message>
    <message>
        <source>Resume</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Anhalten</translation>
    </message>
</context>
<context>
    <name>wedgeon::LiveLink</name>
    <message>
        <source>it says nothing any more</source>
        <translation>es sagt nichts mehr</translation>
    </message>
    <message>
        <source>it hung up</source>
        <translation>es hat aufgelegt</translation>
    </message>
    <message>
        <source>nobody answers on port %1</source>
        <translation>auf Port %1 antwortet niemand</translation>
    </message>
    <message>
        <source>No launch monitor: %1</source>
        <translation>Kein Launch-Monitor: %1</translation>
    </message>
    <message>
        <source>; %1 came in</source>
        <translation>; %1 kamen an</translation>
    </message>
    <message>
        <source>. Trying again…</source>
        <translation>. Versucht es noch einmal…</translation>
    </message>
    <message>
        <source>Looking for a launch monitor on port %1</source>
        <translation>Sucht einen Launch-Monitor auf Port %1</translation>
    </message>
    <message>
        <source>On port %1 a program of another user listens (%2). Are its shots to be taken?</source>
        <translation>Auf Port %1 hört ein Programm eines anderen Benutzers (%2). Sollen seine Schläge genommen werden?</translation>
    </message>
    <message>
        <source>Whose program listens on port %1 cannot be told. Are its shots to be taken?</source>
        <translation>Wessen Programm auf Port %1 hört, lässt sich nicht sagen. Sollen seine Schläge genommen werden?</translation>
    </message>
    <message>
        <source>Connected on port %1, waiting for its hello</source>
        <translation>Verbunden auf Port %1, wartet auf die Begrüßung</translation>
    </message>
    <message>
        <source>Live from %1</source>
        <translation>Live von %1</translation>
    </message>
    <message>
        <source>Held: %1 keeps its shots</source>
        <translation>Angehalten: %1 behält seine Schläge</translation>
    </message>
    <message>
        <source>Not taken: %1 keeps its shots until the logbook can be written</source>
        <translation>Nicht genommen: %1 behält seine Schläge, bis das Logbuch beschreibbar ist</translation>
    </message>
    <message>
        <source>the launch monitor</source>
        <translation>der Launch-Monitor</translation>
    </message>
    <message numerus="yes">
        <source>; %n line(s) skipped</source>
        <translation>
            <numerusform>; %n Zeile übersprungen</numerusform>
            <numerusform>; %n Zeilen übersprungen</numerusform>
        </translation>
    </message>
    <message>
        <source>; it says: %1</source>
        <translation>; es sagt: %1</translation>
    </message>
    <message>
        <source>Live %1</source>
        <translation>Live %1</translation>
    </message>
    <message>
        <source>a launch monitor</source>
        <translation>ein Launch-Monitor</translation>
    </message>
</context>
<context>
    <name>wedgeon::LogbookTroubles</name>
    <message>
        <source>Keep shots in another file…</source>
        <translation>Schläge in einer anderen Datei führen…</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal versuchen</translation>
    </message>
    <message>
        <source>%1 is held by another program. It is opened as soon as it is free.</source>
        <translation>%1 wird von einem anderen Programm gehalten. Es wird geöffnet, sobald es frei ist.</translation>
    </message>
    <message>
        <source>%1 can be read, but not written. Nothing is kept: live shots stay with the launch monitor, changes are refused.</source>
        <translation>%1 lässt sich lesen, aber nicht schreiben. Nichts wird behalten: Live-Schläge bleiben beim Launch-Monitor, Änderungen werden abgelehnt.</translation>
    </message>
    <message>
        <source>%1. It is left as it is. Nothing is kept: live shots stay with the launch monitor, files are not read in.</source>
        <translation>%1. Es bleibt, wie es ist. Nichts wird behalten: Live-Schläge bleiben beim Launch-Monitor, Dateien werden nicht eingelesen.</translation>
    </message>
    <message>
        <source>Restore a backup…</source>
        <translation>Sicherung zurückholen…</translation>
    </message>
    <message numerus="yes">
        <source> %n change(s) wait.</source>
        <translation>
            <numerusform> %n Änderung wartet.</numerusform>
            <numerusform> %n Änderungen warten.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 is held by another program: nothing can be written until it is free. Live shots stay with the launch monitor.</source>
        <translation>%1 wird von einem anderen Programm gehalten: Bis es frei ist, lässt sich nichts schreiben. Live-Schläge bleiben beim Launch-Monitor.</translation>
    </message>
    <message>
        <source>%1 lies in memory, not on a disk: its shots are gone when the computer is switched off.</source>
        <translation>%1 liegt im Arbeitsspeicher, nicht auf einer Platte: Seine Schläge sind weg, wenn der Computer ausgeht.</translation>
    </message>
    <message>
        <source> What this window had is kept as backups/%1.</source>
        <translation> Was dieses Fenster hatte, liegt in backups/%1.</translation>
    </message>
    <message>
        <source>%1 was replaced, renamed or removed while it was open. Nothing is kept: live shots stay with the launch monitor, changes are refused.</source>
        <translation>%1 wurde ersetzt, umbenannt oder entfernt, während es offen war. Nichts wird behalten: Live-Schläge bleiben beim Launch-Monitor, Änderungen werden abgelehnt.</translation>
    </message>
    <message>
        <source>Open the one that is there now</source>
        <translation>Das öffnen, das jetzt da ist</translation>
    </message>
    <message>
        <source>Begin a new one there</source>
        <translation>Dort ein neues beginnen</translation>
    </message>
    <message>
        <source>Keep shots in another file</source>
        <translation>Schläge in einer anderen Datei führen</translation>
    </message>
    <message>
        <source>Logbooks (*.wedgeon)</source>
        <translation>Logbücher (*.wedgeon)</translation>
    </message>
</context>
<context>
    <name>wedgeon::MainWindow</name>
    <message>
        <source>Undo: %1 · Ctrl+Z</source>
        <translation>Rückgängig: %1 · Strg+Z</translation>
    </message>
    <message>
        <source>%1 (Alt+%2)</source>
        <translation>%1 (Alt+%2)</translation>
    </message>
    <message>
        <source>The logbook is as it was in the backup %1. What it held before is kept beside the backups.</source>
        <translation>Das Logbuch ist wie in der Sicherung %1. Was es vorher enthielt, liegt neben den Sicherungen.</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>&amp;Open shots…</source>
        <translation>Schläge ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>Open a delimited file of shots from any launch monitor</source>
        <translation>Eine Datei mit Schlägen von einem beliebigen Launch-Monitor öffnen</translation>
    </message>
    <message>
        <source>Open shots and a&amp;sk for the columns…</source>
        <translation>Schläge öffnen und nach S&amp;palten fragen…</translation>
    </message>
    <message>
        <source>&amp;Listen to a launch monitor…</source>
        <translation>Einem &amp;Launch-Monitor zuhören…</translation>
    </message>
    <message>
        <source>Start the si&amp;mulated launch monitor</source>
        <translation>Si&amp;mulierten Launch-Monitor starten</translation>
    </message>
    <message>
        <source>Start the simulated monitor with &amp;faults</source>
        <translation>Simulierten Monitor mit F&amp;ehlern starten</translation>
    </message>
    <message>
        <source>Misreads, gaps, repeats, garbage, and a connection that drops</source>
        <translation>Fehlmessungen, Lücken, Wiederholungen, Müll und eine Verbindung, die abreißt</translation>
    </message>
    <message>
        <source>End the si&amp;mulated launch monitor</source>
        <translation>Si&amp;mulierten Launch-Monitor beenden</translation>
    </message>
    <message>
        <source>&amp;Hold or resume the live shots</source>
        <translation>Live-Schläge an&amp;halten oder fortsetzen</translation>
    </message>
    <message>
        <source>Save the sho&amp;wn shots…</source>
        <translation>&amp;Gezeigte Schläge speichern…</translation>
    </message>
    <message>
        <source>Those that Watch shows and that are not set aside, as CSV or JSON</source>
        <translation>Die in Beobachten gezeigten und nicht beiseitegelegten, als CSV oder JSON</translation>
    </message>
    <message>
        <source>&amp;Save this view…</source>
        <translation>Diese An&amp;sicht speichern…</translation>
    </message>
    <message>
        <source>Write the lesson&apos;s repo&amp;rt…</source>
        <translation>Be&amp;richt der Stunde schreiben…</translation>
    </message>
    <message>
        <source>&amp;Print this view…</source>
        <translation>Diese Ansicht &amp;drucken…</translation>
    </message>
    <message>
        <source>Open another log&amp;book…</source>
        <translation>Anderes Log&amp;buch öffnen…</translation>
    </message>
    <message>
        <source>Save a cop&amp;y of the logbook…</source>
        <translation>&amp;Kopie des Logbuchs speichern…</translation>
    </message>
    <message>
        <source>&amp;Restore a backup…</source>
        <translation>Si&amp;cherung zurückholen…</translation>
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
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederherstellen</translation>
    </message>
    <message>
        <source>&amp;Copy the result as text</source>
        <translation>Ergebnis als Text &amp;kopieren</translation>
    </message>
    <message>
        <source>Pre&amp;ferences…</source>
        <translation>&amp;Einstellungen…</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Change between &amp;metres and yards</source>
        <translation>Zwischen &amp;Metern und Yards wechseln</translation>
    </message>
    <message>
        <source>The shot for the &amp;player, large</source>
        <translation>Der Schlag für den &amp;Spieler, groß</translation>
    </message>
    <message>
        <source>&amp;Dark</source>
        <translation>&amp;Dunkel</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>light</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>Open shots</source>
        <translation>Schläge öffnen</translation>
    </message>
    <message>
        <source>Delimited text (*.csv *.tsv *.txt);;All files (*)</source>
        <translation>Text mit Trennzeichen (*.csv *.tsv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Listen to a launch monitor</source>
        <translation>Einem Launch-Monitor zuhören</translation>
    </message>
    <message>
        <source>Port on this computer that the monitor listens on
(the simulated one: wedgeon-monitor):</source>
        <translation>Port auf diesem Computer, auf dem der Monitor hört
(der simulierte: wedgeon-monitor):</translation>
    </message>
    <message>
        <source>What was changed last is not in the logbook yet: another program holds it. The window closes as soon as it is.</source>
        <translation>Was zuletzt geändert wurde, ist noch nicht im Logbuch: Ein anderes Programm hält es. Das Fenster schließt, sobald es darin ist.</translation>
    </message>
    <message>
        <source>Close without it</source>
        <translation>Ohne das schließen</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Explain what is here</source>
        <translation>&amp;Erklären, was hier ist</translation>
    </message>
    <message>
        <source>The quantity that has the focus or lies under the pointer, or this view</source>
        <translation>Die Größe, die den Fokus hat oder unter dem Zeiger liegt, oder diese Ansicht</translation>
    </message>
    <message>
        <source>User &amp;guide</source>
        <translation>&amp;Handbuch</translation>
    </message>
    <message>
        <source>&amp;Search the guide…</source>
        <translation>Handbuch durch&amp;suchen…</translation>
    </message>
    <message>
        <source>&amp;Keys and marks</source>
        <translation>&amp;Tasten und Zeichen</translation>
    </message>
    <message>
        <source>Report a &amp;trouble…</source>
        <translation>Ein &amp;Problem melden…</translation>
    </message>
    <message>
        <source>&amp;About Wedgeon</source>
        <translation>&amp;Über Wedgeon</translation>
    </message>
    <message>
        <source>About Wedgeon</source>
        <translation>Über Wedgeon</translation>
    </message>
    <message>
        <source>Wedgeon %1 predicts wedge shots from set-up to rest.
Free software under the GNU GPL, version 3 or later.

Nobody stands ahead of or beside the swing. Range rules come first.</source>
        <translation>Wedgeon %1 rechnet Wedge-Schläge vom Setup bis zum Liegenbleiben.
Freie Software unter der GNU GPL, Version 3 oder neuer.

Niemand steht vor oder neben dem Schwung. Platzregeln gehen vor.</translation>
    </message>
    <message>
        <source>Keys and marks</source>
        <translation>Tasten und Zeichen</translation>
    </message>
    <message>
        <source>Tab	next drawing or field
Space	next handle of a drawing
Arrows	move the handle; with Shift by a fifth

Line with a band: predicted, where 80 of 100 shots fall.
Filled diamond: measured. Grey and dashed: before the last change.
A filled ring on a bounce: the ball lost more than half of its forward speed there.</source>
        <translation>Tab	nächste Zeichnung oder nächstes Feld
Leertaste	nächster Griff einer Zeichnung
Pfeile	den Griff bewegen; mit Umschalt um ein Fünftel

Linie mit Band: gerechnet, wo 80 von 100 Schlägen liegen.
Gefüllte Raute: gemessen. Grau und gestrichelt: vor der letzten Änderung.
Gefüllter Ring an einem Aufsprung: Der Ball verlor dort mehr als die Hälfte seines Tempos nach vorn.</translation>
    </message>
    <message>
        <source>Text and drawings have the new size when the window opens anew.</source>
        <translation>Text und Zeichnungen haben die neue Größe, wenn das Fenster neu öffnet.</translation>
    </message>
    <message>
        <source>Open it anew</source>
        <translation>Neu öffnen</translation>
    </message>
    <message>
        <source>Wedgeon: the demo</source>
        <translation>Wedgeon: die Vorführung</translation>
    </message>
    <message>
        <source>Wedgeon</source>
        <translation>Wedgeon</translation>
    </message>
    <message>
        <source>Wedgeon: %1</source>
        <translation>Wedgeon: %1</translation>
    </message>
    <message>
        <source>Another window could not be started.</source>
        <translation>Ein weiteres Fenster ließ sich nicht starten.</translation>
    </message>
    <message>
        <source>Open another logbook</source>
        <translation>Anderes Logbuch öffnen</translation>
    </message>
    <message>
        <source>Logbooks (*.wedgeon)</source>
        <translation>Logbücher (*.wedgeon)</translation>
    </message>
    <message>
        <source>Wedgeon ended unexpectedly on %1. What was acknowledged is in the logbook.</source>
        <translation>Wedgeon endete am %1 unerwartet. Was bestätigt war, ist im Logbuch.</translation>
    </message>
    <message>
        <source>Look at the note…</source>
        <translation>Notiz ansehen…</translation>
    </message>
    <message>
        <source>Copying %1 beside the logbook…</source>
        <translation>Kopiert %1 neben das Logbuch…</translation>
    </message>
    <message>
        <source>Nothing was attached.</source>
        <translation>Nichts wurde angehängt.</translation>
    </message>
    <message numerus="yes">
        <source>%n picture(s) or clip(s) attached to %1.</source>
        <translation>
            <numerusform>%n Bild oder Clip angehängt: %1.</numerusform>
            <numerusform>%n Bilder oder Clips angehängt: %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>Not attached: %1.</source>
        <translation>Nicht angehängt: %1.</translation>
    </message>
    <message>
        <source>Change the limit…</source>
        <translation>Grenze ändern…</translation>
    </message>
    <message>
        <source>Last lesson with %1, %2: %3</source>
        <translation>Letzte Stunde mit %1, %2: %3</translation>
    </message>
    <message>
        <source>Drag flag and front edge to what you paced: the shots from here are ranked. Shots that are hit are noted by eye in Watch (N).</source>
        <translation>Fahne und vordere Kante auf das Abgeschrittene ziehen: Die Schläge von hier werden geordnet. Geschlagene notiert man nach Augenmaß in Beobachten (N).</translation>
    </message>
    <message>
        <source>The shots of the demo are not beside the program.</source>
        <translation>Die Schläge der Vorführung liegen nicht neben dem Programm.</translation>
    </message>
    <message>
        <source>There is nothing to report yet: train, explain two shots, or tune first.</source>
        <translation>Noch gibt es nichts zu berichten: erst trainieren, zwei Schläge erklären oder abstimmen.</translation>
    </message>
    <message>
        <source>Found, by what it is worth</source>
        <translation>Gefunden, nach dem, was es wert ist</translation>
    </message>
    <message>
        <source>Finding</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>Moves the rest by</source>
        <translation>Bewegt die Ruhelage um</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>Before the next practice</source>
        <translation>Vor dem nächsten Üben</translation>
    </message>
    <message>
        <source>Nobody ahead of or beside the swing; range rules and local rules first.</source>
        <translation>Niemand vor oder neben dem Schwung; Platzregeln und örtliche Regeln gehen vor.</translation>
    </message>
    <message>
        <source>Stop at pain. What hurts belongs to a licensed clinician, and the swing of somebody injured to a qualified coach.</source>
        <translation>Bei Schmerz aufhören. Was wehtut, gehört zu einem zugelassenen Arzt oder Therapeuten, und der Schwung eines Verletzten zu einem ausgebildeten Trainer.</translation>
    </message>
    <message>
        <source>Lesson: %1, %2</source>
        <translation>Stunde: %1, %2</translation>
    </message>
    <message>
        <source>Computed with Wedgeon from what was measured and seen. A number behind ± holds 80 of 100.</source>
        <translation>Mit Wedgeon aus Gemessenem und Gesehenem gerechnet. Eine Zahl hinter ± hält 80 von 100.</translation>
    </message>
    <message>
        <source>%1 saved to %2.</source>
        <translation>%1 nach %2 gespeichert.</translation>
    </message>
    <message>
        <source>%1 set aside, left out.</source>
        <translation>%1 beiseitegelegt, weggelassen.</translation>
    </message>
    <message>
        <source>%1 was not written.</source>
        <translation>%1 wurde nicht geschrieben.</translation>
    </message>
    <message>
        <source>Watch shows no shot: open a file, or take off the filter.</source>
        <translation>Beobachten zeigt keinen Schlag: eine Datei öffnen, oder den Filter wegnehmen.</translation>
    </message>
    <message>
        <source>The older shots are still being read: once more in a moment.</source>
        <translation>Die älteren Schläge werden noch gelesen: gleich noch einmal.</translation>
    </message>
    <message>
        <source>Save %1</source>
        <translation>%1 speichern</translation>
    </message>
    <message>
        <source>Table with units (*.csv);;SI units (*.json)</source>
        <translation>Tabelle mit Einheiten (*.csv);;SI-Einheiten (*.json)</translation>
    </message>
    <message>
        <source>Saving %1…</source>
        <translation>Speichert %1…</translation>
    </message>
    <message>
        <source>Save a copy of the logbook</source>
        <translation>Kopie des Logbuchs speichern</translation>
    </message>
    <message>
        <source>Logbook (*.wedgeon)</source>
        <translation>Logbuch (*.wedgeon)</translation>
    </message>
    <message>
        <source>Copying the logbook to %1…</source>
        <translation>Kopiert das Logbuch nach %1…</translation>
    </message>
    <message>
        <source>The logbook was copied to %1.</source>
        <translation>Das Logbuch wurde nach %1 kopiert.</translation>
    </message>
    <message>
        <source>Wedgeon, %1, %2. Nobody ahead of or beside the swing.</source>
        <translation>Wedgeon, %1, %2. Niemand vor oder neben dem Schwung.</translation>
    </message>
</context>
<context>
    <name>wedgeon::NotesPage</name>
    <message>
        <source>Notes of the player</source>
        <translation>Notizen des Spielers</translation>
    </message>
    <message>
        <source>Change the note…</source>
        <translation>Notiz ändern…</translation>
    </message>
    <message>
        <source>Remove the note</source>
        <translation>Notiz entfernen</translation>
    </message>
    <message>
        <source>Cautions that were shown</source>
        <translation>Gezeigte Hinweise</translation>
    </message>
    <message>
        <source>Note of the lesson</source>
        <translation>Notiz der Stunde</translation>
    </message>
    <message>
        <source>What was worked on, what it changed, what comes next: read again when the player comes back.</source>
        <translation>Woran gearbeitet wurde, was es änderte, was als Nächstes kommt: wieder zu lesen, wenn der Spieler zurückkommt.</translation>
    </message>
    <message>
        <source>Keep the note</source>
        <translation>Notiz behalten</translation>
    </message>
    <message>
        <source>From the course</source>
        <translation>Vom Platz</translation>
    </message>
    <message>
        <source>Shot that was needed</source>
        <translation>Schlag, der gebraucht wurde</translation>
    </message>
    <message>
        <source>Situation</source>
        <translation>Situation</translation>
    </message>
    <message>
        <source>situation: bunker between, no green</source>
        <translation>Situation: Bunker dazwischen, kein Grün</translation>
    </message>
    <message>
        <source>How it came out</source>
        <translation>Wie es ausging</translation>
    </message>
    <message>
        <source>Count it</source>
        <translation>Zählen</translation>
    </message>
    <message>
        <source>No lesson noted yet.</source>
        <translation>Noch keine Stunde notiert.</translation>
    </message>
    <message>
        <source>Last lesson, %1: %2</source>
        <translation>Letzte Stunde, %1: %2</translation>
    </message>
    <message>
        <source>Nothing counted on the course yet: what was needed there says what to train.</source>
        <translation>Noch nichts vom Platz gezählt: Was dort gebraucht wurde, sagt, was zu trainieren ist.</translation>
    </message>
    <message>
        <source>Change the note</source>
        <translation>Notiz ändern</translation>
    </message>
</context>
<context>
    <name>wedgeon::NoticeBar</name>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
</context>
<context>
    <name>wedgeon::NumberRow</name>
    <message>
        <source>open the face</source>
        <translation>Schlagfläche öffnen</translation>
    </message>
    <message>
        <source>lean the shaft</source>
        <translation>Schaft neigen</translation>
    </message>
    <message>
        <source>move the ball</source>
        <translation>Ball verschieben</translation>
    </message>
    <message>
        <source>shift the weight</source>
        <translation>Gewicht verlagern</translation>
    </message>
    <message>
        <source>change the radius</source>
        <translation>Radius ändern</translation>
    </message>
    <message>
        <source>change the speed</source>
        <translation>Tempo ändern</translation>
    </message>
    <message>
        <source>change the distance</source>
        <translation>Abstand ändern</translation>
    </message>
    <message>
        <source>raise the handle</source>
        <translation>Griff anheben</translation>
    </message>
    <message>
        <source>grip down</source>
        <translation>tiefer greifen</translation>
    </message>
    <message>
        <source>turn the shoulders</source>
        <translation>Schultern drehen</translation>
    </message>
    <message>
        <source>With the ball in the middle; moving the ball back with the hands left in place leans it further</source>
        <translation>Mit dem Ball in der Mitte; wandert der Ball zurück und die Hände bleiben, neigt er sich weiter</translation>
    </message>
    <message>
        <source>Balls ahead of the middle of the stance; negative is back</source>
        <translation>Bälle vor der Mitte des Stands; negativ ist hinten</translation>
    </message>
    <message>
        <source>Per cent on the lead foot</source>
        <translation>Prozent auf dem vorderen Fuß</translation>
    </message>
    <message>
        <source>%1 chop, %2 ordinary, %3 brush</source>
        <translation>%1 Hacken, %2 gewöhnlich, %3 Bürsten</translation>
    </message>
    <message>
        <source>Hips and shoulders, and the feet with them; negative aims to the open side</source>
        <translation>Hüfte und Schultern, und die Füße mit ihnen; negativ zielt zur offenen Seite</translation>
    </message>
    <message>
        <source>Hands higher than usual tip the toe down</source>
        <translation>Höhere Hände als sonst kippen die Spitze nach unten</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>ordinary</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>rotating</source>
        <translation>drehend</translation>
    </message>
    <message>
        <source>Release</source>
        <translation>Freigabe</translation>
    </message>
    <message>
        <source>change the release</source>
        <translation>Freigabe ändern</translation>
    </message>
    <message>
        <source>change the swing</source>
        <translation>Schwung ändern</translation>
    </message>
    <message>
        <source>Swing</source>
        <translation>Schwung</translation>
    </message>
    <message>
        <source>Opened</source>
        <translation>Geöffnet</translation>
    </message>
    <message>
        <source>Lean</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>Ball</source>
        <translation>Ball</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>Radius</translation>
    </message>
</context>
<context>
    <name>wedgeon::OneChange</name>
    <message>
        <source>launch %1 higher</source>
        <translation>Abflug %1 höher</translation>
    </message>
    <message>
        <source>spin %1 more</source>
        <translation>Spin %1 mehr</translation>
    </message>
    <message>
        <source>landing %1 steeper</source>
        <translation>Landung %1 steiler</translation>
    </message>
    <message>
        <source>carry %1 longer</source>
        <translation>Carry %1 länger</translation>
    </message>
    <message>
        <source>release %1 longer</source>
        <translation>Roll %1 länger</translation>
    </message>
    <message>
        <source>launch %1 lower</source>
        <translation>Abflug %1 flacher</translation>
    </message>
    <message>
        <source>spin %1 less</source>
        <translation>Spin %1 weniger</translation>
    </message>
    <message>
        <source>landing %1 flatter</source>
        <translation>Landung %1 flacher</translation>
    </message>
    <message>
        <source>carry %1 shorter</source>
        <translation>Carry %1 kürzer</translation>
    </message>
    <message>
        <source>release %1 shorter</source>
        <translation>Roll %1 kürzer</translation>
    </message>
    <message>
        <source>shot %1</source>
        <translation>Schlag %1</translation>
    </message>
    <message>
        <source>take the shot&apos;s set-up</source>
        <translation>Setup des Schlags nehmen</translation>
    </message>
    <message>
        <source>Watching for the first shot since the change.</source>
        <translation>Wartet auf den ersten Schlag seit der Änderung.</translation>
    </message>
    <message>
        <source>%1 since the change</source>
        <translation>%1 seit der Änderung</translation>
    </message>
    <message>
        <source>; too few of this kind before it to compare.</source>
        <translation>; davor zu wenige dieser Art zum Vergleichen.</translation>
    </message>
    <message>
        <source>; one more, and it is compared.</source>
        <translation>; noch einer, dann wird verglichen.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1 no different</source>
        <translation>%1 nicht anders</translation>
    </message>
    <message>
        <source>%1 not clear yet</source>
        <translation>%1 noch nicht klar</translation>
    </message>
    <message>
        <source>; nothing was read of both to compare.</source>
        <translation>; von beiden wurde nichts Vergleichbares gelesen.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
</context>
<context>
    <name>wedgeon::PlanDialog</name>
    <message>
        <source>Plan the next sessions</source>
        <translation>Die nächsten Trainings planen</translation>
    </message>
    <message>
        <source>What is missed most of what matters most, within the time and the strikes of a session. 0 leaves a drill out. One that was never hit counts as missed by half.</source>
        <translation>Was am meisten von dem verfehlt wird, was am meisten zählt, in Zeit und Schlägen eines Trainings. 0 lässt eine Übung weg. Eine nie geschlagene gilt als halb verfehlt.</translation>
    </message>
    <message>
        <source>The plan, to be edited</source>
        <translation>Der Plan, zum Bearbeiten</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Save as calendar…</source>
        <translation>Als Kalender speichern…</translation>
    </message>
    <message>
        <source>Save the sheet…</source>
        <translation>Blatt speichern…</translation>
    </message>
    <message>
        <source>Drills to choose from</source>
        <translation>Übungen zur Wahl</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Missed</source>
        <translation>Verfehlt</translation>
    </message>
    <message>
        <source>Minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>Matters</source>
        <translation>Zählt</translation>
    </message>
    <message>
        <source>not hit yet</source>
        <translation>noch nicht geschlagen</translation>
    </message>
    <message>
        <source>%1 matters</source>
        <translation>%1 zählt</translation>
    </message>
    <message>
        <source>Minutes of a session</source>
        <translation>Minuten eines Trainings</translation>
    </message>
    <message>
        <source>Strikes of a session at most</source>
        <translation>Schläge eines Trainings höchstens</translation>
    </message>
    <message>
        <source>Sessions</source>
        <translation>Trainings</translation>
    </message>
    <message>
        <source>minutes,</source>
        <translation>Minuten,</translation>
    </message>
    <message>
        <source>strikes at most,</source>
        <translation>Schläge höchstens,</translation>
    </message>
    <message>
        <source>sessions</source>
        <translation>Trainings</translation>
    </message>
    <message>
        <source>On</source>
        <translation>Am</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Ab</translation>
    </message>
    <message>
        <source>At</source>
        <translation>Um</translation>
    </message>
    <message>
        <source>From, at</source>
        <translation>Ab, um</translation>
    </message>
    <message>
        <source>%1 (%2, %3 min)</source>
        <translation>%1 (%2, %3 min)</translation>
    </message>
    <message>
        <source>Nothing fits into the time and the strikes.</source>
        <translation>Nichts passt in die Zeit und die Schläge.</translation>
    </message>
    <message>
        <source>No day is chosen.</source>
        <translation>Kein Tag ist gewählt.</translation>
    </message>
    <message>
        <source>Every time</source>
        <translation>Jedes Mal</translation>
    </message>
    <message>
        <source>Nobody ahead of or beside the swing; range rules and local rules first. Stop at pain: what hurts belongs to a licensed clinician.</source>
        <translation>Niemand vor oder neben dem Schwung; Platzregeln und örtliche Regeln gehen vor. Bei Schmerz aufhören: Was wehtut, gehört zu einem zugelassenen Arzt oder Therapeuten.</translation>
    </message>
    <message>
        <source>Training of %1</source>
        <translation>Training von %1</translation>
    </message>
    <message>
        <source>Save the sessions as a calendar</source>
        <translation>Trainings als Kalender speichern</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>Training: %1</source>
        <translation>Training: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n session(s) saved to %1.</source>
        <translation>
            <numerusform>%n Training nach %1 gespeichert.</numerusform>
            <numerusform>%n Trainings nach %1 gespeichert.</numerusform>
        </translation>
    </message>
    <message>
        <source>Save the sheet</source>
        <translation>Blatt speichern</translation>
    </message>
    <message>
        <source>Document (*.pdf)</source>
        <translation>Dokument (*.pdf)</translation>
    </message>
    <message>
        <source>Saved to %1.</source>
        <translation>Nach %1 gespeichert.</translation>
    </message>
    <message>
        <source>%1 could not be written.</source>
        <translation>%1 ließ sich nicht schreiben.</translation>
    </message>
</context>
<context>
    <name>wedgeon::PlanModel</name>
    <message>
        <source>rolls %1</source>
        <translation>rollt %1</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>blows up %1 times in 100; </source>
        <translation>misslingt ganz %1-mal von 100; </translation>
    </message>
    <message>
        <source>%1
Swing: %2 (%3)
80 of 100 rest between %4 and %5
%6 strokes, ± %7</source>
        <translation>%1
Schwung: %2 (%3)
80 von 100 liegen zwischen %4 und %5
%6 Schläge, ± %7</translation>
    </message>
    <message>
        <source>putt</source>
        <translation>Putt</translation>
    </message>
    <message>
        <source>%1: lands and runs %2, on the green %3 in 100, inside 2 m %4, chipping again %5, %6 strokes: %7</source>
        <translation>%1: landet und rollt %2, auf dem Grün %3 von 100, innerhalb 2 m %4, noch ein Chip %5, %6 Schläge: %7</translation>
    </message>
    <message>
        <source>shot</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>lands · runs</source>
        <translation>landet · rollt</translation>
    </message>
    <message>
        <source>on the green</source>
        <translation>auf dem Grün</translation>
    </message>
    <message>
        <source>inside %1</source>
        <translation>innerhalb %1</translation>
    </message>
    <message>
        <source>chipping again</source>
        <translation>noch ein Chip</translation>
    </message>
    <message>
        <source>strokes</source>
        <translation>Schläge</translation>
    </message>
    <message>
        <source>why</source>
        <translation>warum</translation>
    </message>
</context>
<context>
    <name>wedgeon::PlanTable</name>
    <message>
        <source>Shots to choose from</source>
        <translation>Schläge zur Wahl</translation>
    </message>
</context>
<context>
    <name>wedgeon::PlayerDisplay</name>
    <message>
        <source>The shot, for the player</source>
        <translation>Der Schlag, für den Spieler</translation>
    </message>
    <message>
        <source>1, 2, 3 or a click change a number; Esc or F11 closes</source>
        <translation>1, 2, 3 oder ein Klick wechseln eine Zahl; Esc oder F11 schließt</translation>
    </message>
    <message>
        <source>Waiting for the first shot.</source>
        <translation>Wartet auf den ersten Schlag.</translation>
    </message>
    <message>
        <source>Shot %1</source>
        <translation>Schlag %1</translation>
    </message>
    <message>
        <source>meant %1</source>
        <translation>gemeint %1</translation>
    </message>
    <message>
        <source>on it</source>
        <translation>genau</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 zu kurz</translation>
    </message>
    <message>
        <source>%1 past</source>
        <translation>%1 zu weit</translation>
    </message>
    <message>
        <source>Declared to land at %1: %2.</source>
        <translation>Ansage: Landung bei %1: %2.</translation>
    </message>
    <message>
        <source>No set-up was declared for it.</source>
        <translation>Dafür wurde kein Setup angesagt.</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>Next: %1, %2</source>
        <translation>Als Nächstes: %1, %2</translation>
    </message>
</context>
<context>
    <name>wedgeon::Preferences</name>
    <message>
        <source>show yards</source>
        <translation>Yards zeigen</translation>
    </message>
    <message>
        <source>show metres</source>
        <translation>Meter zeigen</translation>
    </message>
</context>
<context>
    <name>wedgeon::PreferencesDialog</name>
    <message>
        <source>No preference has all of these words.</source>
        <translation>Keine Einstellung enthält alle diese Wörter.</translation>
    </message>
    <message>
        <source>Preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Search the preferences</source>
        <translation>Einstellungen durchsuchen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Takes the last change back (Ctrl+Z)</source>
        <translation>Nimmt die letzte Änderung zurück (Strg+Z)</translation>
    </message>
    <message>
        <source>Language and units</source>
        <translation>Sprache und Einheiten</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Wie der Desktop</translation>
    </message>
    <message>
        <source>&amp;Language</source>
        <translation>&amp;Sprache</translation>
    </message>
    <message>
        <source>translation numbers dates</source>
        <translation>Übersetzung Zahlen Daten</translation>
    </message>
    <message>
        <source>language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Len&amp;gths</source>
        <translation>Län&amp;gen</translation>
    </message>
    <message>
        <source>Metres</source>
        <translation>Meter</translation>
    </message>
    <message>
        <source>Yards, heights in feet</source>
        <translation>Yards, Höhen in Fuß</translation>
    </message>
    <message>
        <source>units distance</source>
        <translation>Einheiten Abstand</translation>
    </message>
    <message>
        <source>&amp;Speeds</source>
        <translation>&amp;Tempo</translation>
    </message>
    <message>
        <source>As lengths go: m/s with metres, mph with yards</source>
        <translation>Wie die Längen: m/s bei Metern, mph bei Yards</translation>
    </message>
    <message>
        <source>m/s</source>
        <translation>m/s</translation>
    </message>
    <message>
        <source>mph</source>
        <translation>mph</translation>
    </message>
    <message>
        <source>km/h</source>
        <translation>km/h</translation>
    </message>
    <message>
        <source>units</source>
        <translation>Einheiten</translation>
    </message>
    <message>
        <source>One of your &amp;paces</source>
        <translation>Einer deiner S&amp;chritte</translation>
    </message>
    <message>
        <source>distance step length</source>
        <translation>Abstand Schrittlänge</translation>
    </message>
    <message>
        <source>length of a pace</source>
        <translation>Länge eines Schritts</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>&amp;Theme</source>
        <translation>&amp;Farben</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>Light, high contrast</source>
        <translation>Hell, hoher Kontrast</translation>
    </message>
    <message>
        <source>Dark, high contrast</source>
        <translation>Dunkel, hoher Kontrast</translation>
    </message>
    <message>
        <source>colours sunlight</source>
        <translation>Farben Sonne Thema</translation>
    </message>
    <message>
        <source>%</source>
        <comment>per cent</comment>
        <translation>%</translation>
    </message>
    <message>
        <source>Size of te&amp;xt and drawings</source>
        <translation>Größe von Te&amp;xt und Zeichnungen</translation>
    </message>
    <message>
        <source>zoom large font scale</source>
        <translation>Zoom groß Schrift</translation>
    </message>
    <message>
        <source>Your own window of launch</source>
        <translation>Dein eigenes Abflugfenster</translation>
    </message>
    <message>
        <source>Today&apos;s window follows from speed, ball, face and lie. One that you go by yourself stands beside it in Shape.</source>
        <translation>Das Fenster von heute folgt aus Tempo, Ball, Schlagfläche und Lage. Eines, nach dem du selbst gehst, steht in Formen daneben.</translation>
    </message>
    <message>
        <source>Draw and compare it</source>
        <translation>Zeichnen und vergleichen</translation>
    </message>
    <message>
        <source>Own &amp;window</source>
        <translation>Eigenes &amp;Fenster</translation>
    </message>
    <message>
        <source>launch spin Shape</source>
        <translation>Abflug Spin Formen</translation>
    </message>
    <message>
        <source>own launch window</source>
        <translation>eigenes Abflugfenster</translation>
    </message>
    <message>
        <source>Launch &amp;from</source>
        <translation>Abflug &amp;von</translation>
    </message>
    <message>
        <source>Launch t&amp;o</source>
        <translation>Abflug &amp;bis</translation>
    </message>
    <message>
        <source>Limits of hard strikes</source>
        <translation>Grenzen harter Schläge</translation>
    </message>
    <message>
        <source>Numbers to begin with, without a law of medicine behind them: set them lower for whoever has been injured, and ask a licensed clinician.</source>
        <translation>Zahlen für den Anfang, ohne ein Gesetz der Medizin dahinter: niedriger für alle, die verletzt waren, und einen zugelassenen Arzt fragen.</translation>
    </message>
    <message>
        <source>Steep strikes off mats or hard ground before a pause</source>
        <translation>Steile Schläge von Matten oder hartem Boden bis zur Pause</translation>
    </message>
    <message>
        <source>care injury Train</source>
        <translation>Vorsicht Verletzung Training</translation>
    </message>
    <message>
        <source>Strikes with full effort on a day</source>
        <translation>Schläge mit vollem Einsatz an einem Tag</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>beside the logbook</source>
        <translation>neben dem Logbuch</translation>
    </message>
    <message>
        <source>Folder of the backups</source>
        <translation>Ordner der Sicherungen</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>folder of the backups</source>
        <translation>Ordner der Sicherungen</translation>
    </message>
    <message>
        <source>&amp;Backups lie in</source>
        <translation>&amp;Sicherungen liegen in</translation>
    </message>
    <message>
        <source>folder disk safe copy</source>
        <translation>Ordner Platte sicher Kopie</translation>
    </message>
    <message>
        <source>Backups &amp;kept, one a day</source>
        <translation>Sicherungen be&amp;halten, eine am Tag</translation>
    </message>
    <message>
        <source>days safe copy</source>
        <translation>Tage sicher Kopie</translation>
    </message>
    <message>
        <source>Restore a backup…</source>
        <translation>Sicherung zurückholen…</translation>
    </message>
    <message>
        <source>Put one back</source>
        <translation>Eine zurückholen</translation>
    </message>
    <message>
        <source>restore preview</source>
        <translation>zurückholen Vorschau</translation>
    </message>
    <message>
        <source>&amp;Pictures and clips are copied up to</source>
        <translation>Bilder und &amp;Clips kopieren bis</translation>
    </message>
    <message>
        <source>MB</source>
        <translation>MB</translation>
    </message>
    <message>
        <source>size attach video</source>
        <translation>Größe anhängen Video</translation>
    </message>
    <message>
        <source>of 100</source>
        <translation>von 100</translation>
    </message>
    <message>
        <source>faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Simulated launch monitor</source>
        <translation>Simulierter Launch-Monitor</translation>
    </message>
    <message>
        <source>What it does the next time it is started; the faults only where it is started with them.</source>
        <translation>Was er tut, wenn er das nächste Mal gestartet wird; die Fehler nur, wo er mit ihnen gestartet wird.</translation>
    </message>
    <message>
        <source>Shots a minute</source>
        <translation>Schläge je Minute</translation>
    </message>
    <message>
        <source>rate</source>
        <translation>Takt</translation>
    </message>
    <message>
        <source>With one number far off</source>
        <translation>Mit einer Zahl weit daneben</translation>
    </message>
    <message>
        <source>With half the numbers missing</source>
        <translation>Mit der Hälfte der Zahlen</translation>
    </message>
    <message>
        <source>Sent twice</source>
        <translation>Zweimal geschickt</translation>
    </message>
    <message>
        <source>With garbage before them</source>
        <translation>Mit Müll davor</translation>
    </message>
    <message>
        <source>Connection drops after</source>
        <translation>Verbindung reißt ab nach</translation>
    </message>
    <message>
        <source>shots</source>
        <translation>Schlägen</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
</context>
<context>
    <name>wedgeon::ReadView</name>
    <message>
        <source>Read</source>
        <translation>Lesen</translation>
    </message>
    <message>
        <source>change the line</source>
        <translation>Linie ändern</translation>
    </message>
    <message>
        <source>take the situation %1</source>
        <translation>Situation %1 nehmen</translation>
    </message>
    <message>
        <source>name the situation</source>
        <translation>Situation benennen</translation>
    </message>
    <message>
        <source>Situation</source>
        <translation>Situation</translation>
    </message>
    <message>
        <source>Distances in</source>
        <translation>Abstände in</translation>
    </message>
    <message>
        <source>leg by leg</source>
        <translation>Stück für Stück</translation>
    </message>
    <message>
        <source>from the ball</source>
        <translation>vom Ball</translation>
    </message>
    <message>
        <source>Distances from</source>
        <translation>Abstände ab</translation>
    </message>
    <message>
        <source>Rules of thumb</source>
        <translation>Faustregeln</translation>
    </message>
    <message>
        <source>What coaches go by, beside what comes out here</source>
        <translation>Wonach Trainer gehen, neben dem, was hier herauskommt</translation>
    </message>
    <message>
        <source>Commit to this shot</source>
        <translation>Auf diesen Schlag festlegen</translation>
    </message>
    <message>
        <source>Declares shot, landing spot and swing, and goes on to Watch (Enter)</source>
        <translation>Sagt Schlag, Landepunkt und Schwung an und geht weiter zu Beobachten (Eingabe)</translation>
    </message>
    <message>
        <source>&amp;Commit to the chosen shot</source>
        <translation>Auf den gewählten Schlag &amp;festlegen</translation>
    </message>
    <message>
        <source>&amp;Low, middle and high side by side in Shape</source>
        <translation>F&amp;lach, mittel und hoch nebeneinander in Formen</translation>
    </message>
    <message>
        <source>&amp;Open a situation…</source>
        <translation>Situation ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>&amp;Save the situation as…</source>
        <translation>Situation &amp;speichern als…</translation>
    </message>
    <message>
        <source>Length of my &amp;pace…</source>
        <translation>Länge meines Schr&amp;itts…</translation>
    </message>
    <message>
        <source>Strokes to &amp;hole out…</source>
        <translation>Schläge bis ins &amp;Loch…</translation>
    </message>
    <message>
        <source>There is no green on this line yet: make a stretch of it one.</source>
        <translation>Auf dieser Linie gibt es noch kein Grün: ein Stück dazu machen.</translation>
    </message>
    <message>
        <source>There is no flag on this line yet.</source>
        <translation>Auf dieser Linie steht noch keine Fahne.</translation>
    </message>
    <message>
        <source>The flag stands off the green, at %1: the green is from %2 to %3.</source>
        <translation>Die Fahne steht neben dem Grün, bei %1: Das Grün reicht von %2 bis %3.</translation>
    </message>
    <message>
        <source>The flag stands inside what is in the way, at %1.</source>
        <translation>Die Fahne steht in dem, was im Weg ist, bei %1.</translation>
    </message>
    <message>
        <source>paces</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>feet</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Working out what can be played from here…</source>
        <translation>Rechnet aus, was sich von hier spielen lässt…</translation>
    </message>
    <message>
        <source>This line cannot be planned yet.</source>
        <translation>Diese Linie lässt sich noch nicht planen.</translation>
    </message>
    <message>
        <source>. Next: %1, %2 strokes more.</source>
        <translation>. Danach: %1, %2 Schläge mehr.</translation>
    </message>
    <message>
        <source> Swings are a guess: none of this player&apos;s.</source>
        <translation> Schwünge sind geraten: keine von diesem Spieler.</translation>
    </message>
    <message>
        <source>Looking for what would change it…</source>
        <translation>Sucht, was es ändern würde…</translation>
    </message>
    <message>
        <source>Flag, face, lie, ground or wind a little otherwise: it would be the same shot.</source>
        <translation>Fahne, Schlagfläche, Lage, Boden oder Wind etwas anders: Es wäre derselbe Schlag.</translation>
    </message>
    <message>
        <source>It would change if %1.</source>
        <translation>Es würde anders, wenn: %1.</translation>
    </message>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
    <message>
        <source>commit to %1</source>
        <translation>auf %1 festlegen</translation>
    </message>
    <message>
        <source>Declared: %1. The next shots are held against it.</source>
        <translation>Angesagt: %1. Die nächsten Schläge werden daran gehalten.</translation>
    </message>
    <message>
        <source>low, middle and high side by side</source>
        <translation>flach, mittel und hoch nebeneinander</translation>
    </message>
    <message>
        <source>Save the situation</source>
        <translation>Situation speichern</translation>
    </message>
    <message>
        <source>The situation is in %1.</source>
        <translation>Die Situation liegt in %1.</translation>
    </message>
    <message>
        <source>Open a situation</source>
        <translation>Situation öffnen</translation>
    </message>
    <message>
        <source>open the situation %1</source>
        <translation>Situation %1 öffnen</translation>
    </message>
    <message>
        <source>%1 cannot be opened as a situation: %2</source>
        <translation>%1 lässt sich nicht als Situation öffnen: %2</translation>
    </message>
</context>
<context>
    <name>wedgeon::RecipeBook</name>
    <message>
        <source>Your former recipes could not be taken over: %1. The file is left as it is (%2).</source>
        <translation>Die früheren Rezepte ließen sich nicht übernehmen: %1. Die Datei bleibt, wie sie ist (%2).</translation>
    </message>
    <message>
        <source>%1 of your former recipes could not be read; they are still in %2.</source>
        <translation>%1 der früheren Rezepte ließen sich nicht lesen; sie sind noch in %2.</translation>
    </message>
</context>
<context>
    <name>wedgeon::RecipeLine</name>
    <message>
        <source>Add a recipe beside (Ctrl+D)</source>
        <translation>Rezept daneben legen (Strg+D)</translation>
    </message>
    <message>
        <source>Close the chosen recipe (Ctrl+W)</source>
        <translation>Gewähltes Rezept schließen (Strg+W)</translation>
    </message>
    <message>
        <source>%1 (own %2)</source>
        <translation>%1 (eigen: %2)</translation>
    </message>
    <message>
        <source>Recipe %1: %2</source>
        <translation>Rezept %1: %2</translation>
    </message>
    <message>
        <source>choose recipe %1</source>
        <translation>Rezept %1 wählen</translation>
    </message>
    <message>
        <source>add a recipe</source>
        <translation>Rezept hinzufügen</translation>
    </message>
    <message>
        <source>close a recipe</source>
        <translation>Rezept schließen</translation>
    </message>
</context>
<context>
    <name>wedgeon::RecipePage</name>
    <message>
        <source>%1 ± %2</source>
        <translation>%1 ± %2</translation>
    </message>
    <message>
        <source>follows here</source>
        <translation>folgt hier</translation>
    </message>
    <message>
        <source>makes no difference here</source>
        <translation>macht hier keinen Unterschied</translation>
    </message>
    <message>
        <source>the opposite follows here</source>
        <translation>hier folgt das Gegenteil</translation>
    </message>
    <message>
        <source>change: %1</source>
        <translation>ändern: %1</translation>
    </message>
    <message>
        <source>Recipes</source>
        <translation>Rezepte</translation>
    </message>
    <message>
        <source>Start from</source>
        <translation>Beginnen mit</translation>
    </message>
    <message>
        <source>Put it on the bench</source>
        <translation>Auf die Werkbank legen</translation>
    </message>
    <message>
        <source>Beside the present one</source>
        <translation>Neben das jetzige</translation>
    </message>
    <message>
        <source>Picture…</source>
        <translation>Bild…</translation>
    </message>
    <message>
        <source>Attaches pictures or clips to the recipe above, when it is your own</source>
        <translation>Hängt Bilder oder Clips an das Rezept oben, wenn es ein eigenes ist</translation>
    </message>
    <message>
        <source>Attach pictures or clips to %1</source>
        <translation>Bilder oder Clips an %1 hängen</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Keep the recipe on the bench</source>
        <translation>Das Rezept auf der Werkbank behalten</translation>
    </message>
    <message>
        <source>Name of the recipe</source>
        <translation>Name des Rezepts</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>The rest of its set-up</source>
        <translation>Der Rest seines Setups</translation>
    </message>
    <message>
        <source>Swung along</source>
        <translation>Geschwungen entlang</translation>
    </message>
    <message>
        <source>the target line</source>
        <translation>der Ziellinie</translation>
    </message>
    <message>
        <source>between the two</source>
        <translation>dazwischen</translation>
    </message>
    <message>
        <source>the shoulders</source>
        <translation>der Schultern</translation>
    </message>
    <message>
        <source>Weight moved by</source>
        <translation>Gewicht bewegt durch</translation>
    </message>
    <message>
        <source>the whole body</source>
        <translation>den ganzen Körper</translation>
    </message>
    <message>
        <source>the lower body</source>
        <translation>den Unterkörper</translation>
    </message>
    <message>
        <source>Feet turned</source>
        <translation>Füße gedreht</translation>
    </message>
    <message>
        <source>Against the shoulders; negative is open. The swing follows the shoulders: the feet alone change nothing that this model knows of.</source>
        <translation>Gegen die Schultern; negativ ist offen. Der Schwung folgt den Schultern: Die Füße allein ändern nichts, wovon dieses Modell weiß.</translation>
    </message>
    <message>
        <source>turn the feet</source>
        <translation>Füße drehen</translation>
    </message>
    <message>
        <source>Hands turned</source>
        <translation>Hände gedreht</translation>
    </message>
    <message>
        <source>Opened by turning the hands on the grip: it comes back square</source>
        <translation>Durch Drehen der Hände am Griff geöffnet: Es kommt gerade zurück</translation>
    </message>
    <message>
        <source>turn the hands</source>
        <translation>Hände drehen</translation>
    </message>
    <message>
        <source>%1 (school)</source>
        <translation>%1 (Schule)</translation>
    </message>
    <message>
        <source>Removes the one under &quot;Start from&quot; from your own recipes</source>
        <translation>Entfernt das unter „Beginnen mit“ aus den eigenen Rezepten</translation>
    </message>
    <message>
        <source>What the model cannot know: %1</source>
        <translation>Was das Modell nicht wissen kann: %1</translation>
    </message>
    <message>
        <source>Its teachers say, against %1</source>
        <translation>Ihre Lehrer sagen, gegen %1</translation>
    </message>
    <message>
        <source>It %1: %2, by %3, from %4 to %5.</source>
        <translation>Es %1: %2, um %3, von %4 auf %5.</translation>
    </message>
    <message>
        <source>It %1: %2, by %3 (%4 to %5).</source>
        <translation>Es %1: %2, um %3 (%4 bis %5).</translation>
    </message>
    <message>
        <source>Both brought to a carry of %1.</source>
        <translation>Beide auf einen Carry von %1 gebracht.</translation>
    </message>
    <message>
        <source>It cannot be compared here: one of the two does not carry %1 with this wedge, ball and lie.</source>
        <translation>Hier nicht zu vergleichen: Eins von beiden trägt mit diesem Wedge, Ball und dieser Lage nicht %1.</translation>
    </message>
    <message>
        <source>For %1, beside the set-up on the bench</source>
        <translation>Für %1, neben dem Setup auf der Werkbank</translation>
    </message>
    <message>
        <source>%1 (clean %2 in 100)</source>
        <translation>%1 (sauber %2 von 100)</translation>
    </message>
    <message>
        <source>First to try: %1. Now clean %2 in 100.</source>
        <translation>Zuerst zu versuchen: %1. Jetzt sauber %2 von 100.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>it %1 (%2 now, %3 then)</source>
        <translation>es %1 (jetzt %2, dann %3)</translation>
    </message>
    <message>
        <source>%1: clean %2 in 100; all that it claims would be new.</source>
        <translation>%1: sauber %2 von 100; alles Behauptete wäre neu.</translation>
    </message>
    <message>
        <source>%1: clean %2 in 100; adds nothing to what is done already: %3.</source>
        <translation>%1: sauber %2 von 100; bringt nichts zu dem, was schon getan wird: %3.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>The set-up on the bench cannot be played, so that there is nothing to order them by.</source>
        <translation>Das Setup auf der Werkbank ist nicht spielbar, so dass es nichts gibt, wonach zu ordnen wäre.</translation>
    </message>
    <message>
        <source>take %1</source>
        <translation>%1 nehmen</translation>
    </message>
    <message>
        <source>name the recipe</source>
        <translation>Rezept benennen</translation>
    </message>
</context>
<context>
    <name>wedgeon::RefusalsDialog</name>
    <message>
        <source>What was read of %1</source>
        <translation>Was aus %1 gelesen wurde</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>Header</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>Text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>Why it was not taken</source>
        <translation>Warum es nicht genommen wurde</translation>
    </message>
    <message>
        <source>Refused cells</source>
        <translation>Abgelehnte Zellen</translation>
    </message>
    <message>
        <source>row</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>Taken for</source>
        <translation>Genommen für</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Spalten</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message>
        <source>not read</source>
        <translation>nicht gelesen</translation>
    </message>
    <message>
        <source>%1 cells were not taken; the first %2 are listed.</source>
        <translation>%1 Zellen wurden nicht genommen; die ersten %2 sind aufgeführt.</translation>
    </message>
    <message numerus="yes">
        <source>%n cell(s) were not taken. The rest of their rows was.</source>
        <translation>
            <numerusform>%n Zelle wurde nicht genommen. Der Rest ihrer Zeile schon.</numerusform>
            <numerusform>%n Zellen wurden nicht genommen. Der Rest ihrer Zeilen schon.</numerusform>
        </translation>
    </message>
    <message>
        <source>Not taken (%1)</source>
        <translation>Nicht genommen (%1)</translation>
    </message>
    <message>
        <source>Columns (%1)</source>
        <translation>Spalten (%1)</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
</context>
<context>
    <name>wedgeon::ReportDialog</name>
    <message>
        <source>The lesson&apos;s report</source>
        <translation>Bericht der Stunde</translation>
    </message>
    <message>
        <source>The report, to be edited</source>
        <translation>Der Bericht, zum Bearbeiten</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Save as PDF…</source>
        <translation>Als PDF speichern…</translation>
    </message>
    <message>
        <source>Save as HTML…</source>
        <translation>Als HTML speichern…</translation>
    </message>
    <message>
        <source>Save the report</source>
        <translation>Bericht speichern</translation>
    </message>
    <message>
        <source>Document (*.pdf)</source>
        <translation>Dokument (*.pdf)</translation>
    </message>
    <message>
        <source>Page (*.html)</source>
        <translation>Seite (*.html)</translation>
    </message>
    <message>
        <source>The report was saved to %1.</source>
        <translation>Der Bericht wurde nach %1 gespeichert.</translation>
    </message>
    <message>
        <source>%1 could not be written.</source>
        <translation>%1 ließ sich nicht schreiben.</translation>
    </message>
</context>
<context>
    <name>wedgeon::RestoreDialog</name>
    <message>
        <source>Restore a backup</source>
        <translation>Sicherung zurückholen</translation>
    </message>
    <message>
        <source>There is no backup of %1 yet. One is made on each day on which it is opened.</source>
        <translation>Von %1 gibt es noch keine Sicherung. An jedem Tag, an dem es geöffnet wird, entsteht eine.</translation>
    </message>
    <message>
        <source>Backups of %1. Its present content is kept beside them before one is put in its place.</source>
        <translation>Sicherungen von %1. Der jetzige Inhalt wird daneben aufgehoben, bevor eine an seine Stelle kommt.</translation>
    </message>
    <message>
        <source>Backups</source>
        <translation>Sicherungen</translation>
    </message>
    <message>
        <source>Show its shots</source>
        <translation>Ihre Schläge zeigen</translation>
    </message>
    <message>
        <source>Restore</source>
        <translation>Zurückholen</translation>
    </message>
    <message>
        <source>Reading…</source>
        <translation>Liest…</translation>
    </message>
    <message>
        <source>This one cannot be used: %1.</source>
        <translation>Diese ist nicht brauchbar: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%1 in %n session(s)</source>
        <translation>
            <numerusform>%1 in %n Sitzung</numerusform>
            <numerusform>%1 in %n Sitzungen</numerusform>
        </translation>
    </message>
    <message>
        <source>; the newest is &quot;%1&quot;</source>
        <translation>; die neueste ist „%1“</translation>
    </message>
    <message>
        <source>The logbook holds %1 more now; they would be in the copy only.</source>
        <translation>Das Logbuch enthält jetzt %1 mehr; sie wären nur in der Kopie.</translation>
    </message>
    <message>
        <source>The logbook holds %1 fewer now.</source>
        <translation>Das Logbuch enthält jetzt %1 weniger.</translation>
    </message>
    <message>
        <source>The logbook holds as many now.</source>
        <translation>Das Logbuch enthält jetzt gleich viele.</translation>
    </message>
</context>
<context>
    <name>wedgeon::SaveViewDialog</name>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>A3</source>
        <translation>A3</translation>
    </message>
    <message>
        <source>A5</source>
        <translation>A5</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Print or save: %1</source>
        <translation>Drucken oder speichern: %1</translation>
    </message>
    <message>
        <source>Wedgeon: %1</source>
        <translation>Wedgeon: %1</translation>
    </message>
    <message>
        <source>The pages as they will be</source>
        <translation>Die Seiten, wie sie werden</translation>
    </message>
    <message>
        <source>The picture as it will be</source>
        <translation>Das Bild, wie es wird</translation>
    </message>
    <message>
        <source>Pages for a printer</source>
        <translation>Seiten für einen Drucker</translation>
    </message>
    <message>
        <source>Document (PDF)</source>
        <translation>Dokument (PDF)</translation>
    </message>
    <message>
        <source>Drawing (SVG)</source>
        <translation>Zeichnung (SVG)</translation>
    </message>
    <message>
        <source>Picture (PNG)</source>
        <translation>Bild (PNG)</translation>
    </message>
    <message>
        <source>&amp;As</source>
        <translation>&amp;Als</translation>
    </message>
    <message>
        <source>&amp;Paper</source>
        <translation>&amp;Papier</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Quer</translation>
    </message>
    <message>
        <source>&amp;Held</source>
        <translation>&amp;Format</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation>&amp;Breite</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>Save…</source>
        <translation>Speichern…</translation>
    </message>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation>
            <numerusform>%n Seite</numerusform>
            <numerusform>%n Seiten</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 × %2 px</source>
        <translation>%1 × %2 px</translation>
    </message>
    <message>
        <source>Print this view</source>
        <translation>Diese Ansicht drucken</translation>
    </message>
    <message numerus="yes">
        <source>%n page(s) were printed.</source>
        <translation>
            <numerusform>%n Seite wurde gedruckt.</numerusform>
            <numerusform>%n Seiten wurden gedruckt.</numerusform>
        </translation>
    </message>
    <message>
        <source>It could not be printed: the printer, or the file, takes nothing.</source>
        <translation>Es ließ sich nicht drucken: Der Drucker oder die Datei nimmt nichts an.</translation>
    </message>
    <message>
        <source>Save this view</source>
        <translation>Diese Ansicht speichern</translation>
    </message>
    <message>
        <source>Document (*.pdf)</source>
        <translation>Dokument (*.pdf)</translation>
    </message>
    <message>
        <source>Drawing (*.svg)</source>
        <translation>Zeichnung (*.svg)</translation>
    </message>
    <message>
        <source>Picture (*.png)</source>
        <translation>Bild (*.png)</translation>
    </message>
    <message>
        <source>Saved to %1.</source>
        <translation>Nach %1 gespeichert.</translation>
    </message>
    <message>
        <source>%1 could not be written.</source>
        <translation>%1 ließ sich nicht schreiben.</translation>
    </message>
</context>
<context>
    <name>wedgeon::SeenBar</name>
    <message>
        <source>By eye</source>
        <translation>Augenmaß</translation>
    </message>
    <message>
        <source>Swing</source>
        <translation>Schwung</translation>
    </message>
    <message>
        <source>The swing; in the line, its number with s: 2s</source>
        <translation>Der Schwung; in der Zeile seine Nummer mit s: 2s</translation>
    </message>
    <message>
        <source>What was seen</source>
        <translation>Was gesehen wurde</translation>
    </message>
    <message>
        <source>First number: where it landed. Second: where it rests.
+3 or −2: past or short of the spot. 2r, 1l: rests right, left.
2b: the second bounce bit. 1.5f: flagsticks high. 2s: the second swing.
Words may be shortened. Enter keeps the shot, Esc leaves.</source>
        <translation>Erste Zahl: wo er landete. Zweite: wo er liegt.
+3 oder −2: hinter oder vor dem Punkt. 2r, 1l: liegt rechts, links.
2a: der zweite Aufsprung biss. 1.5f: Fahnenstöcke hoch. 2s: der zweite Schwung.
Wörter dürfen kürzer sein. Eingabe behält den Schlag, Esc verlässt.</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Leave shots by eye</source>
        <translation>Schläge nach Augenmaß verlassen</translation>
    </message>
    <message>
        <source>Leave (Esc)</source>
        <translation>Verlassen (Esc)</translation>
    </message>
    <message numerus="yes">
        <source>there are %n swings</source>
        <translation>
            <numerusform>es gibt %n Schwung</numerusform>
            <numerusform>es gibt %n Schwünge</numerusform>
        </translation>
    </message>
    <message>
        <source>. Enter keeps it.</source>
        <translation>. Eingabe behält es.</translation>
    </message>
    <message>
        <source>Where it landed and where it rests, in %1 (or 38p for paces), then words: 34 41 2b head clean small. The spot is at %2.</source>
        <translation>Wo er landete und wo er liegt, in %1 (oder 38t für Schritte), dann Wörter: 34 41 2a kopf sauber klein. Der Punkt ist bei %2.</translation>
    </message>
    <message>
        <source>Kept: %1.</source>
        <translation>Behalten: %1.</translation>
    </message>
</context>
<context>
    <name>wedgeon::ShapeView</name>
    <message>
        <source>Shape</source>
        <translation>Formen</translation>
    </message>
    <message>
        <source>&amp;Add a recipe beside</source>
        <translation>&amp;Rezept daneben</translation>
    </message>
    <message>
        <source>C&amp;lose the chosen recipe</source>
        <translation>Gewähltes Rezept &amp;schließen</translation>
    </message>
    <message>
        <source>Choose recipe &amp;A</source>
        <translation>Rezept &amp;A wählen</translation>
    </message>
    <message>
        <source>Choose recipe &amp;B</source>
        <translation>Rezept &amp;B wählen</translation>
    </message>
    <message>
        <source>Choose recipe &amp;C</source>
        <translation>Rezept &amp;C wählen</translation>
    </message>
    <message>
        <source>Ai&amp;m it: end on the line</source>
        <translation>Aus&amp;richten: auf der Linie enden</translation>
    </message>
    <message>
        <source>&amp;Face at the flag: start on the line</source>
        <translation>Schlag&amp;fläche zur Fahne: auf der Linie starten</translation>
    </message>
    <message>
        <source>Aim s&amp;traight again</source>
        <translation>Wieder &amp;gerade ausrichten</translation>
    </message>
    <message>
        <source>aim straight</source>
        <translation>gerade ausrichten</translation>
    </message>
    <message>
        <source>Low, mi&amp;ddle and high to the same flag</source>
        <translation>Flach, &amp;mittel und hoch zur selben Fahne</translation>
    </message>
    <message>
        <source>This recipe with t&amp;hree lofts</source>
        <translation>Dieses Rezept mit &amp;drei Lofts</translation>
    </message>
    <message>
        <source>Own launch &amp;window…</source>
        <translation>Eigenes Abflug&amp;fenster…</translation>
    </message>
    <message>
        <source>&amp;Keep under a name…</source>
        <translation>Unter einem Namen be&amp;halten…</translation>
    </message>
    <message>
        <source>&amp;Open recipes…</source>
        <translation>Rezepte ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>&amp;Export recipes…</source>
        <translation>Rezepte &amp;exportieren…</translation>
    </message>
    <message>
        <source>Open %1</source>
        <translation>%1 öffnen</translation>
    </message>
    <message>
        <source>Flight and run</source>
        <translation>Flug und Roll</translation>
    </message>
    <message>
        <source>Spin against spin loft</source>
        <translation>Spin gegen Spin-Loft</translation>
    </message>
    <message>
        <source>today&apos;s curve</source>
        <translation>Kurve von heute</translation>
    </message>
    <message>
        <source>Worth here</source>
        <translation>Hier wert</translation>
    </message>
    <message>
        <source>per step</source>
        <translation>je Schritt</translation>
    </message>
    <message>
        <source>From above</source>
        <translation>Von oben</translation>
    </message>
    <message>
        <source>drag toe, shoulders, feet</source>
        <translation>Spitze, Schultern, Füße ziehen</translation>
    </message>
    <message>
        <source>Face-on</source>
        <translation>Von vorn</translation>
    </message>
    <message>
        <source>drag hands, ball, weight</source>
        <translation>Hände, Ball, Gewicht ziehen</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>&amp;Why this result</source>
        <translation>&amp;Warum dieses Ergebnis</translation>
    </message>
    <message>
        <source>Ask</source>
        <translation>Fragen</translation>
    </message>
    <message>
        <source>As&amp;k for a result</source>
        <translation>Nach einem Er&amp;gebnis fragen</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Co&amp;mpare</source>
        <translation>&amp;Vergleichen</translation>
    </message>
    <message>
        <source>Recipes</source>
        <translation>Rezepte</translation>
    </message>
    <message>
        <source>&amp;Recipes and schools</source>
        <translation>Rezepte &amp;und Schulen</translation>
    </message>
    <message>
        <source>Kit</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Ki&amp;t beside technique</source>
        <translation>Ma&amp;terial neben Technik</translation>
    </message>
    <message>
        <source>Mid-iron</source>
        <translation>Mitteleisen</translation>
    </message>
    <message>
        <source>Beside a mid-&amp;iron</source>
        <translation>Neben einem Mittele&amp;isen</translation>
    </message>
    <message>
        <source>No aim brings this shot to rest on the line.</source>
        <translation>Keine Ausrichtung bringt diesen Schlag auf der Linie zur Ruhe.</translation>
    </message>
    <message>
        <source>aim it</source>
        <translation>ausrichten</translation>
    </message>
    <message>
        <source>face at the flag</source>
        <translation>Schlagfläche zur Fahne</translation>
    </message>
    <message>
        <source>low</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>low, middle and high</source>
        <translation>flach, mittel und hoch</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>three lofts</source>
        <translation>drei Lofts</translation>
    </message>
    <message>
        <source>Open recipes</source>
        <translation>Rezepte öffnen</translation>
    </message>
    <message>
        <source>Recipes (*.wedgerecipes *.json)</source>
        <translation>Rezepte (*.wedgerecipes *.json)</translation>
    </message>
    <message numerus="yes">
        <source>%n recipe(s) from %1 are among yours now.</source>
        <translation>
            <numerusform>%n Rezept aus %1 ist jetzt unter den eigenen.</numerusform>
            <numerusform>%n Rezepte aus %1 sind jetzt unter den eigenen.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Export recipes</source>
        <translation>Rezepte exportieren</translation>
    </message>
    <message>
        <source>Recipes (*.%1)</source>
        <translation>Rezepte (*.%1)</translation>
    </message>
    <message>
        <source>Exported to %1.</source>
        <translation>Nach %1 exportiert.</translation>
    </message>
    <message>
        <source>This set-up is outside what the model covers.</source>
        <translation>Dieses Setup liegt außerhalb dessen, was das Modell abdeckt.</translation>
    </message>
</context>
<context>
    <name>wedgeon::SharesDrawing</name>
    <message>
        <source>not said</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: %2 %3, %4 %5. Of the difference: %6.</source>
        <translation>%1: %2 %3, %4 %5. Vom Unterschied: %6.</translation>
    </message>
</context>
<context>
    <name>wedgeon::ShotLog</name>
    <message numerus="yes">
        <source>The logbook was copied, but %n of its pictures and clips were not there to copy.</source>
        <translation>
            <numerusform>Das Logbuch wurde kopiert, aber %n seiner Bilder und Clips war nicht da.</numerusform>
            <numerusform>Das Logbuch wurde kopiert, aber %n seiner Bilder und Clips waren nicht da.</numerusform>
        </translation>
    </message>
    <message>
        <source>Today&apos;s backup could not be made: %1. The logbook itself is open and well.</source>
        <translation>Die Sicherung von heute ließ sich nicht anlegen: %1. Das Logbuch selbst ist offen und heil.</translation>
    </message>
    <message>
        <source>the backup %1</source>
        <translation>die Sicherung %1</translation>
    </message>
    <message>
        <source>the logbook</source>
        <translation>das Logbuch</translation>
    </message>
    <message>
        <source>open %1</source>
        <translation>%1 öffnen</translation>
    </message>
    <message>
        <source>This is a backup, to look at only. Restore it to work with it.</source>
        <translation>Das ist eine Sicherung, nur zum Ansehen. Zum Arbeiten zurückholen.</translation>
    </message>
    <message>
        <source>By eye %1</source>
        <translation>Augenmaß %1</translation>
    </message>
    <message>
        <source>note a shot by eye</source>
        <translation>Schlag nach Augenmaß notieren</translation>
    </message>
    <message>
        <source>count the shot again</source>
        <translation>Schlag wieder zählen</translation>
    </message>
    <message>
        <source>set the shot aside</source>
        <translation>Schlag beiseitelegen</translation>
    </message>
    <message>
        <source>change of the shot: %1</source>
        <translation>Änderung am Schlag: %1</translation>
    </message>
    <message>
        <source>take the set-up off the shot</source>
        <translation>Setup vom Schlag nehmen</translation>
    </message>
    <message>
        <source>declare the set-up</source>
        <translation>Setup ansagen</translation>
    </message>
    <message>
        <source>pace the run</source>
        <translation>Roll abschreiten</translation>
    </message>
    <message>
        <source>dismiss the doubt</source>
        <translation>Zweifel verwerfen</translation>
    </message>
    <message>
        <source>rename the session</source>
        <translation>Sitzung umbenennen</translation>
    </message>
    <message>
        <source>move the shots</source>
        <translation>Schläge verschieben</translation>
    </message>
    <message>
        <source>give the shots to %1</source>
        <translation>Schläge an %1 geben</translation>
    </message>
    <message>
        <source>%1 is %2</source>
        <translation>%1 ist %2</translation>
    </message>
    <message numerus="yes">
        <source>attach %n picture(s) or clip(s)</source>
        <translation>
            <numerusform>%n Bild oder Clip anhängen</numerusform>
            <numerusform>%n Bilder oder Clips anhängen</numerusform>
        </translation>
    </message>
    <message>
        <source>remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>begin %1</source>
        <translation>%1 beginnen</translation>
    </message>
    <message>
        <source>end %1</source>
        <translation>%1 beenden</translation>
    </message>
    <message>
        <source>keep %1</source>
        <translation>%1 behalten</translation>
    </message>
    <message>
        <source>add a note</source>
        <translation>Notiz hinzufügen</translation>
    </message>
    <message>
        <source>change the note</source>
        <translation>Notiz ändern</translation>
    </message>
    <message>
        <source>remove the note</source>
        <translation>Notiz entfernen</translation>
    </message>
</context>
<context>
    <name>wedgeon::ShotNotes</name>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>The set-up that was meant, for comparing with what was delivered</source>
        <translation>Das gemeinte Setup, zum Vergleich mit dem, was ankam</translation>
    </message>
    <message>
        <source>To the bench</source>
        <translation>Zur Werkbank</translation>
    </message>
    <message>
        <source>take the shot&apos;s set-up</source>
        <translation>Setup des Schlags nehmen</translation>
    </message>
    <message>
        <source>Strike</source>
        <translation>Treffer</translation>
    </message>
    <message>
        <source>Strike felt: %1</source>
        <translation>Treffer gefühlt: %1</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Stichwörter</translation>
    </message>
    <message>
        <source>Tags of the chosen shot</source>
        <translation>Stichwörter des gewählten Schlags</translation>
    </message>
    <message>
        <source>Tags (T)</source>
        <translation>Stichwörter (T)</translation>
    </message>
    <message>
        <source>Ran, paced</source>
        <translation>Abgeschritten</translation>
    </message>
    <message>
        <source>not paced</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>The launch monitor measured the run of this shot</source>
        <translation>Der Launch-Monitor hat den Roll dieses Schlags gemessen</translation>
    </message>
    <message>
        <source>Set-up: %1</source>
        <translation>Setup: %1</translation>
    </message>
    <message>
        <source>Set-up: not declared</source>
        <translation>Setup: nicht angesagt</translation>
    </message>
    <message>
        <source>Undeclare</source>
        <translation>Ansage weg</translation>
    </message>
    <message>
        <source>Declare Shape&apos;s set-up</source>
        <translation>Setup aus Formen ansagen</translation>
    </message>
</context>
<context>
    <name>wedgeon::ShotPanel</name>
    <message>
        <source>Flight of the chosen shot</source>
        <translation>Flug des gewählten Schlags</translation>
    </message>
    <message>
        <source>Shot %1</source>
        <translation>Schlag %1</translation>
    </message>
    <message>
        <source>set aside: %1</source>
        <translation>beiseitegelegt: %1</translation>
    </message>
    <message>
        <source>The club was not measured: flight and run are predicted from the ball&apos;s launch.</source>
        <translation>Der Schläger wurde nicht gemessen: Flug und Roll sind aus dem Abflug des Balls gerechnet.</translation>
    </message>
    <message>
        <source>No prediction: neither club nor launch was measured well enough.</source>
        <translation>Keine Rechnung: Weder Schläger noch Abflug wurden gut genug gemessen.</translation>
    </message>
    <message>
        <source>? %1</source>
        <translation>? %1</translation>
    </message>
    <message>
        <source>▲ %1 (%2&#xa0;% sure)</source>
        <translation>▲ %1 (zu %2 % sicher)</translation>
    </message>
    <message>
        <source> Delete sets it aside, K keeps it.</source>
        <translation> Entf legt ihn beiseite, K behält ihn.</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>gesehen</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>must have had, 80 in 100</source>
        <translation>muss gehabt haben, 80 von 100</translation>
    </message>
    <message>
        <source>predicted, 80 in 100</source>
        <translation>gerechnet, 80 von 100</translation>
    </message>
    <message>
        <source>By eye: %1.</source>
        <translation>Nach Augenmaß: %1.</translation>
    </message>
    <message>
        <source> The set-up declared for it cannot be played.</source>
        <translation> Das dafür angesagte Setup ist nicht spielbar.</translation>
    </message>
    <message>
        <source> ▲ This does not go together with the set-up declared for it.</source>
        <translation> ▲ Das passt nicht zum dafür angesagten Setup.</translation>
    </message>
    <message>
        <source> Fat, at %1 %.</source>
        <translation> Fett, zu %1 %.</translation>
    </message>
    <message>
        <source> Thin, at %1 %.</source>
        <translation> Dünn, zu %1 %.</translation>
    </message>
    <message>
        <source>on it</source>
        <translation>genau</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 zu kurz</translation>
    </message>
    <message>
        <source>%1 past</source>
        <translation>%1 zu weit</translation>
    </message>
    <message>
        <source>Declared %1 (%2): </source>
        <translation>Angesagt %1 (%2): </translation>
    </message>
    <message>
        <source>to land at %1, landed %2.</source>
        <translation>Landung bei %1, gelandet %2.</translation>
    </message>
    <message>
        <source> To rest at %1, rests %2.</source>
        <translation> Ruhe bei %1, liegt %2.</translation>
    </message>
    <message>
        <source>to land at %1; where it landed was not measured.</source>
        <translation>Landung bei %1; wo er landete, wurde nicht gemessen.</translation>
    </message>
    <message>
        <source>not read</source>
        <translation>nicht gelesen</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>attack</source>
        <translation>Eintreffen</translation>
    </message>
    <message>
        <source>path</source>
        <translation>Bahn</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>face to path</source>
        <translation>Fläche zur Bahn</translation>
    </message>
    <message>
        <source>dynamic loft</source>
        <translation>dyn. Loft</translation>
    </message>
    <message>
        <source>spin loft</source>
        <translation>Spin-Loft</translation>
    </message>
    <message>
        <source> of loft</source>
        <translation> Loft</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>Noted with it: %1. </source>
        <translation>Dabei notiert: %1. </translation>
    </message>
    <message>
        <source>From the file: %1. </source>
        <translation>Aus der Datei: %1. </translation>
    </message>
    <message>
        <source>From the strip: %1.</source>
        <translation>Aus der Leiste: %1.</translation>
    </message>
</context>
<context>
    <name>wedgeon::SimulatedMonitor</name>
    <message>
        <source>The simulated launch monitor has ended.</source>
        <translation>Der simulierte Launch-Monitor hat geendet.</translation>
    </message>
    <message>
        <source>The simulated launch monitor could not be started.</source>
        <translation>Der simulierte Launch-Monitor ließ sich nicht starten.</translation>
    </message>
    <message>
        <source>The simulated launch monitor (wedgeon-monitor) is not installed.</source>
        <translation>Der simulierte Launch-Monitor (wedgeon-monitor) ist nicht installiert.</translation>
    </message>
</context>
<context>
    <name>wedgeon::SpinDrawing</name>
    <message>
        <source>launch %1–%2°</source>
        <translation>Abflug %1–%2°</translation>
    </message>
    <message>
        <source>Spin against spin loft</source>
        <translation>Spin gegen Spin-Loft</translation>
    </message>
    <message>
        <source>Spin %1 at spin loft %2. The peak today is %3 at spin loft %4; window: %5. %6</source>
        <translation>Spin %1 bei Spin-Loft %2. Die Spitze ist heute %3 bei Spin-Loft %4; Fenster: %5. %6</translation>
    </message>
    <message>
        <source>Friction limits the spin.</source>
        <translation>Reibung begrenzt den Spin.</translation>
    </message>
    <message>
        <source>Loft limits the spin.</source>
        <translation>Loft begrenzt den Spin.</translation>
    </message>
    <message>
        <source> %1 of this player beside it, brought to this speed.</source>
        <translation> %1 dieses Spielers daneben, auf dieses Tempo gebracht.</translation>
    </message>
    <message>
        <source>Peak %1.</source>
        <translation>Spitze %1.</translation>
    </message>
    <message>
        <source>%1–%2°</source>
        <translation>%1–%2°</translation>
    </message>
    <message>
        <source>Your %1 costs %2 of the peak.</source>
        <translation>Deine %1 kosten %2 der Spitze.</translation>
    </message>
    <message>
        <source>Your %1 is off today&apos;s curve.</source>
        <translation>Deine %1 liegen neben der Kurve von heute.</translation>
    </message>
    <message>
        <source>%1k</source>
        <translation>%1k</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>yours</source>
        <translation>deins</translation>
    </message>
    <message>
        <source>Window today: %1, spin loft %2–%3°.</source>
        <translation>Fenster heute: %1, Spin-Loft %2–%3°.</translation>
    </message>
    <message>
        <source>This shot launches %1.</source>
        <translation>Dieser Schlag: %1.</translation>
    </message>
    <message>
        <source> %1 measured, at this speed.</source>
        <translation> %1 gemessen, dieses Tempo.</translation>
    </message>
    <message>
        <source>loft limits</source>
        <translation>Loft begrenzt</translation>
    </message>
    <message>
        <source>friction limits</source>
        <translation>Reibung begrenzt</translation>
    </message>
</context>
<context>
    <name>wedgeon::SwingField</name>
    <message>
        <source>%1. Type a swing, a part of the way to the next (rib + 30), or a speed. Up and down: a tenth of the way; page up and down: the next swing</source>
        <translation>%1. Einen Schwung eintippen, einen Teil des Wegs zum nächsten (rippe + 30) oder ein Tempo. Auf und ab: ein Zehntel des Wegs; Bild auf und ab: der nächste Schwung</translation>
    </message>
</context>
<context>
    <name>wedgeon::SwingsDialog</name>
    <message>
        <source>Swings of %1</source>
        <translation>Schwünge von %1</translation>
    </message>
    <message>
        <source>how high the hands go back</source>
        <translation>wie hoch die Hände zurückgehen</translation>
    </message>
    <message>
        <source>the clock that the arm points to</source>
        <translation>die Uhr, auf die der Arm zeigt</translation>
    </message>
    <message>
        <source>share of a full backswing</source>
        <translation>Anteil am vollen Rückschwung</translation>
    </message>
    <message>
        <source>one length, turned faster or slower</source>
        <translation>eine Länge, schneller oder langsamer gedreht</translation>
    </message>
    <message>
        <source>Swings are told apart by</source>
        <translation>Schwünge unterscheiden sich durch</translation>
    </message>
    <message>
        <source>Told apart by</source>
        <translation>Unterschieden durch</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>woman</source>
        <translation>Frau</translation>
    </message>
    <message>
        <source>man</source>
        <translation>Mann</translation>
    </message>
    <message>
        <source>Sex</source>
        <translation>Geschlecht</translation>
    </message>
    <message>
        <source>expert</source>
        <translation>Könner</translation>
    </message>
    <message>
        <source>club player</source>
        <translation>Klubspieler</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Stufe</translation>
    </message>
    <message>
        <source>Height, sex and level make a first guess of the speeds; a speed that you type stands in its place, and logged shots go before both.</source>
        <translation>Größe, Geschlecht und Stufe geben eine erste Annahme der Tempi; ein eingetipptes Tempo steht an ihrer Stelle, und notierte Schläge gehen beiden vor.</translation>
    </message>
    <message>
        <source>Swings, the shortest first</source>
        <translation>Schwünge, der kürzeste zuerst</translation>
    </message>
    <message>
        <source>Swing</source>
        <translation>Schwung</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Speed [%1]</source>
        <translation>Tempo [%1]</translation>
    </message>
    <message>
        <source>From shots (80 in 100)</source>
        <translation>Aus Schlägen (80 von 100)</translation>
    </message>
    <message>
        <source>Add a swing</source>
        <translation>Schwung hinzufügen</translation>
    </message>
    <message>
        <source>Remove the chosen</source>
        <translation>Gewählten entfernen</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>swing %1</source>
        <translation>Schwung %1</translation>
    </message>
    <message>
        <source>Length: how high the hands go, as a share of the player&apos;s height; the hip is at 0.5, the shoulder at 0.82.</source>
        <translation>Länge: wie hoch die Hände gehen, als Anteil der Körpergröße; die Hüfte ist bei 0,5, die Schulter bei 0,82.</translation>
    </message>
    <message>
        <source>Length: the hour that the lead arm points to, seen face-on; 6 hangs down, 9 is level.</source>
        <translation>Länge: die Stunde, auf die der vordere Arm zeigt, von vorn gesehen; 6 hängt herab, 9 ist waagerecht.</translation>
    </message>
    <message>
        <source>Length: a share of the full backswing; 0.5 is half.</source>
        <translation>Länge: Anteil am vollen Rückschwung; 0,5 ist die Hälfte.</translation>
    </message>
    <message>
        <source>Length: the share of full speed at which the body turns.</source>
        <translation>Länge: Anteil am vollen Tempo, mit dem der Körper dreht.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Row %1: the swing has no name.</source>
        <translation>Zeile %1: Der Schwung hat keinen Namen.</translation>
    </message>
    <message>
        <source>Row %1: there are two of this name.</source>
        <translation>Zeile %1: Zwei haben diesen Namen.</translation>
    </message>
    <message>
        <source>Row %1: the length is no number.</source>
        <translation>Zeile %1: Die Länge ist keine Zahl.</translation>
    </message>
    <message>
        <source>Row %1: the speed is no number.</source>
        <translation>Zeile %1: Das Tempo ist keine Zahl.</translation>
    </message>
    <message>
        <source>Lengths have to rise from row to row, from %1 to %2.</source>
        <translation>Längen müssen von Zeile zu Zeile steigen, von %1 bis %2.</translation>
    </message>
</context>
<context>
    <name>wedgeon::TodayPage</name>
    <message>
        <source>The drill&apos;s shots</source>
        <translation>Die Schläge der Übung</translation>
    </message>
    <message>
        <source>A and B</source>
        <translation>A und B</translation>
    </message>
    <message>
        <source>The difference as the shots came</source>
        <translation>Der Unterschied, wie die Schläge kamen</translation>
    </message>
    <message>
        <source>Judge…</source>
        <translation>Beurteilen…</translation>
    </message>
    <message>
        <source>Set shots aside without seeing which way they were (J)</source>
        <translation>Schläge beiseitelegen, ohne ihre Art zu sehen (J)</translation>
    </message>
    <message>
        <source>End it</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Keep A</source>
        <translation>A behalten</translation>
    </message>
    <message>
        <source>Keep B</source>
        <translation>B behalten</translation>
    </message>
    <message>
        <source>Noted as what the player does from now on; where the way is a recipe, kept as one of his</source>
        <translation>Notiert als das, was der Spieler von jetzt an tut; ein Rezept wird als seines behalten</translation>
    </message>
    <message>
        <source>Choose a drill and begin, or try two ways.</source>
        <translation>Eine Übung wählen und beginnen, oder zwei Arten versuchen.</translation>
    </message>
    <message>
        <source>Shots are scored as they come in: from a launch monitor, or by eye (N). The windows are computed for %1 from the bench.</source>
        <translation>Schläge zählen, wie sie kommen: vom Launch-Monitor oder nach Augenmaß (N). Die Fenster sind für %1 von der Werkbank gerechnet.</translation>
    </message>
    <message>
        <source>the player</source>
        <translation>den Spieler</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source> ± %1</source>
        <translation> ± %1</translation>
    </message>
    <message>
        <source>The last one: %1</source>
        <translation>Der letzte: %1</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>The set-up in Shape cannot be played: nothing is declared.</source>
        <translation>Das Setup in Formen ist nicht spielbar: Nichts ist angesagt.</translation>
    </message>
    <message>
        <source>Declared: %1, %2, to land at %3 and rest at %4. Another one: change it in Shape before the shot.</source>
        <translation>Angesagt: %1, %2, Landung bei %3, Ruhe bei %4. Etwas anderes: vor dem Schlag in Formen ändern.</translation>
    </message>
    <message>
        <source>the set-up in Shape</source>
        <translation>das Setup aus Formen</translation>
    </message>
    <message>
        <source>a difference</source>
        <translation>ein Unterschied</translation>
    </message>
    <message>
        <source>no difference seen</source>
        <translation>kein Unterschied gesehen</translation>
    </message>
    <message>
        <source>B less A in %1, as the shots came</source>
        <translation>B weniger A in %1, wie die Schläge kamen</translation>
    </message>
    <message>
        <source>Which way does the player keep?</source>
        <translation>Welche Art behält der Spieler?</translation>
    </message>
    <message>
        <source>A: %1 · B: %2</source>
        <translation>A: %1 · B: %2</translation>
    </message>
    <message>
        <source>say what was felt before you look: F fat · C clean · T thin</source>
        <translation>vor dem Hinsehen sagen, was zu fühlen war: F fett · C sauber · T dünn</translation>
    </message>
</context>
<context>
    <name>wedgeon::TracksDelegate</name>
    <message>
        <source>%1 ?</source>
        <translation>%1 ?</translation>
    </message>
</context>
<context>
    <name>wedgeon::TracksHeader</name>
    <message>
        <source>k rpm</source>
        <translation>k U/min</translation>
    </message>
</context>
<context>
    <name>wedgeon::TrainView</name>
    <message>
        <source>%1, ended</source>
        <translation>%1, beendet</translation>
    </message>
    <message>
        <source>%1, under way</source>
        <translation>%1, läuft</translation>
    </message>
    <message>
        <source>%1 has ended.</source>
        <translation>%1 ist beendet.</translation>
    </message>
    <message>
        <source>Train</source>
        <translation>Trainieren</translation>
    </message>
    <message>
        <source>&amp;Begin the drill</source>
        <translation>Die Übung &amp;beginnen</translation>
    </message>
    <message>
        <source>&amp;Try two ways…</source>
        <translation>&amp;Zwei Arten versuchen…</translation>
    </message>
    <message>
        <source>&amp;End the drill or trial</source>
        <translation>Übung oder Versuch b&amp;eenden</translation>
    </message>
    <message>
        <source>&amp;Judge the trial&apos;s shots…</source>
        <translation>Die Schläge des Versuchs be&amp;urteilen…</translation>
    </message>
    <message>
        <source>&amp;Remove it; the shots stay</source>
        <translation>Ent&amp;fernen; die Schläge bleiben</translation>
    </message>
    <message>
        <source>&amp;Note a shot by eye</source>
        <translation>Schlag nach Augenmaß &amp;notieren</translation>
    </message>
    <message>
        <source>The shot was struck &amp;clean</source>
        <translation>Der Schlag war &amp;sauber getroffen</translation>
    </message>
    <message>
        <source>The shot was struck &amp;fat</source>
        <translation>Der Schlag war fe&amp;tt getroffen</translation>
    </message>
    <message>
        <source>The shot was struck t&amp;hin</source>
        <translation>Der Schlag war &amp;dünn getroffen</translation>
    </message>
    <message>
        <source>It hurts: s&amp;top</source>
        <translation>Es tut weh: a&amp;ufhören</translation>
    </message>
    <message>
        <source>&amp;Limits of hard strikes…</source>
        <translation>&amp;Grenzen harter Schläge…</translation>
    </message>
    <message>
        <source>A sound for a shot &amp;inside</source>
        <translation>Ein T&amp;on, wenn ein Schlag drin ist</translation>
    </message>
    <message>
        <source>Show toda&amp;y</source>
        <translation>&amp;Heute zeigen</translation>
    </message>
    <message>
        <source>Show the &amp;weeks</source>
        <translation>Die &amp;Wochen zeigen</translation>
    </message>
    <message>
        <source>Show the notes an&amp;d the course</source>
        <translation>Notizen und &amp;Platz zeigen</translation>
    </message>
    <message>
        <source>&amp;Plan the next sessions…</source>
        <translation>Die nächsten &amp;Trainings planen…</translation>
    </message>
    <message>
        <source>Edit the drill…</source>
        <translation>Übung bearbeiten…</translation>
    </message>
    <message>
        <source>&amp;Open a drill…</source>
        <translation>Übung ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>&amp;Save the drill…</source>
        <translation>Übung speiche&amp;rn…</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Begin the drill</source>
        <translation>Übung beginnen</translation>
    </message>
    <message>
        <source>Try two ways…</source>
        <translation>Zwei Arten versuchen…</translation>
    </message>
    <message>
        <source>Drills and trials of the player</source>
        <translation>Übungen und Versuche des Spielers</translation>
    </message>
    <message>
        <source>Plan the next sessions…</source>
        <translation>Nächste Trainings planen…</translation>
    </message>
    <message>
        <source>Write the report…</source>
        <translation>Bericht schreiben…</translation>
    </message>
    <message>
        <source>What Train shows</source>
        <translation>Was Trainieren zeigt</translation>
    </message>
    <message>
        <source>Today</source>
        <translation>Heute</translation>
    </message>
    <message>
        <source>Over the weeks</source>
        <translation>Über die Wochen</translation>
    </message>
    <message>
        <source>Notes and course</source>
        <translation>Notizen und Platz</translation>
    </message>
    <message>
        <source>Nothing trained yet</source>
        <translation>Noch nichts trainiert</translation>
    </message>
    <message>
        <source>Trained</source>
        <translation>Trainiert</translation>
    </message>
    <message>
        <source>▲ Stopped for pain today at %1. What hurts belongs to a licensed clinician, the swing of somebody injured to a qualified coach.</source>
        <translation>▲ Heute um %1 wegen Schmerz aufgehört. Was wehtut, gehört zu einem zugelassenen Arzt oder Therapeuten, der Schwung eines Verletzten zu einem ausgebildeten Trainer.</translation>
    </message>
    <message>
        <source>▲ Nobody ahead of or beside the swing; range rules and local rules first. Stop at pain: what hurts belongs to a licensed clinician.</source>
        <translation>▲ Niemand vor oder neben dem Schwung; Platzregeln und örtliche Regeln gehen vor. Bei Schmerz aufhören: Was wehtut, gehört zu einem zugelassenen Arzt oder Therapeuten.</translation>
    </message>
    <message>
        <source>Stopped for pain</source>
        <translation>Wegen Schmerz aufgehört</translation>
    </message>
    <message>
        <source>%1 stopped for pain today. What hurts belongs to a licensed clinician. Go on all the same?</source>
        <translation>%1 hat heute wegen Schmerz aufgehört. Was wehtut, gehört zu einem zugelassenen Arzt oder Therapeuten. Trotzdem weitermachen?</translation>
    </message>
    <message>
        <source>end %1</source>
        <translation>%1 beenden</translation>
    </message>
    <message>
        <source>What the trial came to stands in the notes.</source>
        <translation>Was der Versuch ergab, steht in den Notizen.</translation>
    </message>
    <message>
        <source>Kept after the trial “%1”: %2. %3</source>
        <translation>Nach dem Versuch „%1“ behalten: %2. %3</translation>
    </message>
    <message>
        <source>Noted: %1 keeps %2.</source>
        <translation>Notiert: %1 behält %2.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Noted, and kept as the recipe “%1”.</source>
        <translation>Notiert, und als Rezept „%1“ behalten.</translation>
    </message>
    <message>
        <source>It hurts: stop</source>
        <translation>Es tut weh: aufhören</translation>
    </message>
    <message>
        <source>The block ends here. What hurts belongs to a licensed clinician; the swing of somebody injured to a qualified coach.
What hurts, and when (for the notes, may stay empty):</source>
        <translation>Der Block endet hier. Was wehtut, gehört zu einem zugelassenen Arzt oder Therapeuten; der Schwung eines Verletzten zu einem ausgebildeten Trainer.
Was tut weh, und wann (für die Notizen, darf leer bleiben):</translation>
    </message>
    <message>
        <source>stop for pain</source>
        <translation>wegen Schmerz aufhören</translation>
    </message>
    <message>
        <source>%1 is one of your drills now.</source>
        <translation>%1 ist jetzt eine deiner Übungen.</translation>
    </message>
    <message>
        <source>Open a drill</source>
        <translation>Übung öffnen</translation>
    </message>
    <message>
        <source>Drill (*.%1)</source>
        <translation>Übung (*.%1)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Save the drill</source>
        <translation>Übung speichern</translation>
    </message>
    <message>
        <source>Saved to %1.</source>
        <translation>Nach %1 gespeichert.</translation>
    </message>
    <message>
        <source>judge the shots</source>
        <translation>Schläge beurteilen</translation>
    </message>
</context>
<context>
    <name>wedgeon::TrialCourse</name>
    <message>
        <source>No difference yet</source>
        <translation>Noch kein Unterschied</translation>
    </message>
    <message>
        <source>%1 after %2: %3</source>
        <translation>%1 nach %2: %3</translation>
    </message>
    <message>
        <source>less than %1 does not matter</source>
        <translation>weniger als %1 zählt nicht</translation>
    </message>
    <message>
        <source>enough for what matters: %1</source>
        <translation>genug für das, was zählt: %1</translation>
    </message>
</context>
<context>
    <name>wedgeon::TrialDialog</name>
    <message>
        <source>What is tried</source>
        <translation>Was versucht wird</translation>
    </message>
    <message>
        <source>steady handle</source>
        <translation>ruhiger Griff</translation>
    </message>
    <message>
        <source>What is hit</source>
        <translation>Was geschlagen wird</translation>
    </message>
    <message>
        <source>54, rib high, to the towel at 38</source>
        <translation>54, rippenhoch, zum Handtuch bei 38</translation>
    </message>
    <message>
        <source>Try two ways</source>
        <translation>Zwei Arten versuchen</translation>
    </message>
    <message>
        <source>Two techniques, cues, balls, faces or wedges, one after the other in random order. A cue may be something that no model computes.</source>
        <translation>Zwei Techniken, Bilder im Kopf, Bälle, Schlagflächen oder Wedges, abwechselnd in zufälliger Folge. Ein Bild im Kopf darf etwas sein, was kein Modell rechnet.</translation>
    </message>
    <message>
        <source>&amp;What is tried</source>
        <translation>&amp;Was versucht wird</translation>
    </message>
    <message>
        <source>Way A</source>
        <translation>Art A</translation>
    </message>
    <message>
        <source>Way B</source>
        <translation>Art B</translation>
    </message>
    <message>
        <source>Way &amp;A</source>
        <translation>Art &amp;A</translation>
    </message>
    <message>
        <source>Way &amp;B</source>
        <translation>Art &amp;B</translation>
    </message>
    <message>
        <source>What is &amp;hit</source>
        <translation>Was &amp;geschlagen wird</translation>
    </message>
    <message>
        <source>What decides</source>
        <translation>Was entscheidet</translation>
    </message>
    <message>
        <source>What &amp;decides</source>
        <translation>Was &amp;entscheidet</translation>
    </message>
    <message>
        <source>What matters</source>
        <translation>Was zählt</translation>
    </message>
    <message>
        <source>Usual scatter of one shot</source>
        <translation>Übliche Streuung eines Schlags</translation>
    </message>
    <message>
        <source>A difference &amp;matters from</source>
        <translation>Ein Unterschied &amp;zählt ab</translation>
    </message>
    <message>
        <source>Usual &amp;scatter of one shot</source>
        <translation>Übliche &amp;Streuung eines Schlags</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>One that matters is found in 80 of 100 such trials within %1, a large one sooner.</source>
        <translation>Einer, der zählt, wird in 80 von 100 solchen Versuchen innerhalb von %1 gefunden, ein großer früher.</translation>
    </message>
    <message>
        <source>With that scatter it takes more than 400 shots. Something larger that matters, or less scatter, is needed.</source>
        <translation>Mit dieser Streuung braucht es mehr als 400 Schläge. Nötig ist ein größerer Unterschied, der zählt, oder weniger Streuung.</translation>
    </message>
    <message>
        <source>What matters and the scatter are too far apart for a trial.</source>
        <translation>Was zählt und die Streuung liegen für einen Versuch zu weit auseinander.</translation>
    </message>
    <message>
        <source>%1 or %2</source>
        <translation>%1 oder %2</translation>
    </message>
</context>
<context>
    <name>wedgeon::TrialTracks</name>
    <message>
        <source>%1, B less A: %2</source>
        <translation>%1, B weniger A: %2</translation>
    </message>
    <message>
        <source>clean: A %1 of %2, B %3 of %4</source>
        <translation>sauber: A %1 von %2, B %3 von %4</translation>
    </message>
    <message>
        <source>struck clean</source>
        <translation>sauber getroffen</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
</context>
<context>
    <name>wedgeon::TroubleNoteDialog</name>
    <message>
        <source>Report a trouble</source>
        <translation>Ein Problem melden</translation>
    </message>
    <message>
        <source>This is what somebody who helps needs to know. It names no player, shot or file, and the program sends nothing: read it, then copy or save it. Say beside it what you did, what you saw, and what you expected.</source>
        <translation>Das muss jemand wissen, der hilft. Kein Spieler, kein Schlag und keine Datei ist darin genannt, und das Programm schickt nichts: lesen, dann kopieren oder speichern. Dazu sagen, was getan, gesehen und erwartet wurde.</translation>
    </message>
    <message>
        <source>What a helper needs to know</source>
        <translation>Was ein Helfer wissen muss</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Save…</source>
        <translation>Speichern…</translation>
    </message>
    <message>
        <source>Throw the notes of crashes away</source>
        <translation>Notizen von Abstürzen wegwerfen</translation>
    </message>
    <message>
        <source>Save the report</source>
        <translation>Bericht speichern</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Text (*.txt)</translation>
    </message>
</context>
<context>
    <name>wedgeon::TuneView</name>
    <message>
        <source>This could not be tuned.</source>
        <translation>Das ließ sich nicht abstimmen.</translation>
    </message>
    <message>
        <source>&amp;Stop tuning</source>
        <translation>Abstimmen an&amp;halten</translation>
    </message>
    <message>
        <source>Tune</source>
        <translation>Abstimmen</translation>
    </message>
    <message>
        <source>Player to tune to</source>
        <translation>Spieler, auf den abgestimmt wird</translation>
    </message>
    <message>
        <source>Share of the tuning that is done</source>
        <translation>Wie viel vom Abstimmen getan ist</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Stop tuning (Esc)</source>
        <translation>Abstimmen anhalten (Esc)</translation>
    </message>
    <message>
        <source>Tune again</source>
        <translation>Neu abstimmen</translation>
    </message>
    <message>
        <source>Found</source>
        <translation>Gefunden</translation>
    </message>
    <message>
        <source>Numbers</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>Shot by shot</source>
        <translation>Schlag für Schlag</translation>
    </message>
    <message>
        <source>Set-up and swings</source>
        <translation>Setup und Schwünge</translation>
    </message>
    <message>
        <source>Parameters</source>
        <translation>Parameter</translation>
    </message>
    <message>
        <source>Measured against predicted</source>
        <translation>Gemessen gegen gerechnet</translation>
    </message>
    <message>
        <source>What the set-up delivers</source>
        <translation>Was vom Setup ankommt</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>dashed: before the shots; 80 in 100</source>
        <translation>gestrichelt: vor den Schlägen; 80 von 100</translation>
    </message>
    <message>
        <source>Errors on days left out</source>
        <translation>Fehler an ausgelassenen Tagen</translation>
    </message>
    <message>
        <source>On days left out</source>
        <translation>An ausgelassenen Tagen</translation>
    </message>
    <message>
        <source>mean error without misreads</source>
        <translation>mittlerer Fehler ohne Fehlmessungen</translation>
    </message>
    <message>
        <source>Not known yet, and what to hit next</source>
        <translation>Noch nicht bekannt, und was als Nächstes zu schlagen ist</translation>
    </message>
    <message>
        <source>Hit these in Watch</source>
        <translation>Diese in Beobachten schlagen</translation>
    </message>
    <message>
        <source>Take the list to Watch, where shots are ticked off as they come in</source>
        <translation>Die Liste nach Beobachten bringen, wo Schläge abgehakt werden, wie sie kommen</translation>
    </message>
    <message>
        <source>Tuning in use</source>
        <translation>Benutzte Abstimmung</translation>
    </message>
    <message>
        <source>What every prediction for this player is made with</source>
        <translation>Womit jede Rechnung für diesen Spieler gemacht wird</translation>
    </message>
    <message>
        <source>Use this</source>
        <translation>Diese benutzen</translation>
    </message>
    <message>
        <source>Keep this tuning and predict with it, everywhere</source>
        <translation>Diese Abstimmung behalten und überall damit rechnen</translation>
    </message>
    <message>
        <source>In use: untuned</source>
        <translation>Benutzt: nicht abgestimmt</translation>
    </message>
    <message>
        <source>%1%2, %3 shots; former model, tune again</source>
        <translation>%1%2, %3 Schläge; früheres Modell, neu abstimmen</translation>
    </message>
    <message>
        <source>%1%2, %3 shots</source>
        <translation>%1%2, %3 Schläge</translation>
    </message>
    <message>
        <source>In use: </source>
        <translation>Benutzt: </translation>
    </message>
    <message>
        <source>Of </source>
        <translation>Vom </translation>
    </message>
    <message>
        <source>Untuned</source>
        <translation>Nicht abgestimmt</translation>
    </message>
    <message>
        <source>No shots to tune to yet.</source>
        <translation>Noch keine Schläge zum Abstimmen.</translation>
    </message>
    <message>
        <source>Open a file of shots in Watch (Ctrl+O), or listen to a launch monitor (Ctrl+L). Club and ball data are needed.</source>
        <translation>In Beobachten eine Datei mit Schlägen öffnen (Strg+O) oder einem Launch-Monitor zuhören (Strg+L). Schläger- und Balldaten werden gebraucht.</translation>
    </message>
    <message>
        <source>Tuning to %1…</source>
        <translation>Abstimmen auf %1…</translation>
    </message>
    <message>
        <source>Fitting, then predicting each day from the others.</source>
        <translation>Stimmt ab, sagt dann jeden Tag aus den anderen voraus.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>Nothing was fitted; what is in use stays in use.</source>
        <translation>Nichts wurde abgestimmt; was benutzt wird, bleibt benutzt.</translation>
    </message>
    <message>
        <source>Nothing to leave out: that takes shots that were measured. What shots by eye tell stands beside, with its intervals.</source>
        <translation>Nichts auszulassen: Dafür braucht es gemessene Schläge. Was Schläge nach Augenmaß sagen, steht daneben, mit seinen Intervallen.</translation>
    </message>
    <message>
        <source>Show me</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Its shots, in Watch</source>
        <translation>Seine Schläge, in Beobachten</translation>
    </message>
    <message>
        <source>Nothing that these shots show is surely other than usual by as much as a coach would speak of. The numbers are one page on.</source>
        <translation>Nichts, was diese Schläge zeigen, ist sicher so weit vom Üblichen, dass ein Trainer davon spräche. Die Zahlen stehen eine Seite weiter.</translation>
    </message>
    <message>
        <source>What the shots say of the player</source>
        <translation>Was die Schläge vom Spieler sagen</translation>
    </message>
</context>
<context>
    <name>wedgeon::TurnDrawing</name>
    <message>
        <source>The same turn on a mid-iron</source>
        <translation>Dieselbe Drehung an einem Mitteleisen</translation>
    </message>
    <message>
        <source>Opened by %1, %2 % of the wedge&apos;s push goes sideways; shut by as much, %3 %. The mid-iron: %4 % and %5 %.</source>
        <translation>Um %1 geöffnet, gehen %2 % des Schubs beim Wedge zur Seite; um so viel geschlossen, %3 %. Beim Mitteleisen: %4 % und %5 %.</translation>
    </message>
    <message>
        <source>Turned %1 about an upright shaft: the wedge looks %2 with %3 per cent of its push sideways, a mid-iron %4 with %5 per cent.</source>
        <translation>%1 um einen aufrechten Schaft gedreht: Das Wedge schaut %2, mit %3 Prozent seines Schubs zur Seite, ein Mitteleisen %4, mit %5 Prozent.</translation>
    </message>
    <message>
        <source>Drag to turn the face</source>
        <translation>Ziehen, um die Schlagfläche zu drehen</translation>
    </message>
    <message>
        <source>turn the face</source>
        <translation>Schlagfläche drehen</translation>
    </message>
    <message>
        <source>looks %1, %2 % sideways</source>
        <translation>schaut %1, %2 % zur Seite</translation>
    </message>
    <message>
        <source>push sideways in %, against the turn; shut is left of 0</source>
        <translation>Schub zur Seite in %, gegen die Drehung; geschlossen liegt links von 0</translation>
    </message>
    <message>
        <source>mid-iron</source>
        <translation>Mitteleisen</translation>
    </message>
    <message>
        <source>wedge</source>
        <translation>Wedge</translation>
    </message>
    <message>
        <source>wedge, loft %1</source>
        <translation>Wedge, Loft %1</translation>
    </message>
    <message>
        <source>mid-iron, loft %1</source>
        <translation>Mitteleisen, Loft %1</translation>
    </message>
</context>
<context>
    <name>wedgeon::TurnPage</name>
    <message>
        <source>Beside a mid-iron</source>
        <translation>Neben einem Mitteleisen</translation>
    </message>
    <message>
        <source>The shaft is tilted, so a turn about it changes loft and direction together: opening adds loft and moves the ball sideways less than shutting by as much, the more so the more loft the club has.</source>
        <translation>Der Schaft ist geneigt, also ändert eine Drehung um ihn Loft und Richtung zusammen: Öffnen bringt Loft und bewegt den Ball weniger zur Seite als ebenso weites Schließen, umso mehr, je mehr Loft der Schläger hat.</translation>
    </message>
</context>
<context>
    <name>wedgeon::WatchView</name>
    <message>
        <source>Watch</source>
        <translation>Beobachten</translation>
    </message>
    <message>
        <source>&amp;Find shots</source>
        <translation>Schläge &amp;suchen</translation>
    </message>
    <message>
        <source>Shots as &amp;chart or stream</source>
        <translation>Schläge als &amp;Diagramm oder Strom</translation>
    </message>
    <message>
        <source>Save the chart&apos;s &amp;data…</source>
        <translation>Daten des Dia&amp;gramms speichern…</translation>
    </message>
    <message>
        <source>&amp;Rename the session…</source>
        <translation>Sitzung &amp;umbenennen…</translation>
    </message>
    <message>
        <source>&amp;Move the shown shots to another session…</source>
        <translation>Gezeigte Schläge in andere Sitzung &amp;verschieben…</translation>
    </message>
    <message>
        <source>&amp;Give the shown shots to another player…</source>
        <translation>Gezeigte Schläge anderem S&amp;pieler geben…</translation>
    </message>
    <message>
        <source>&amp;Note a shot by eye</source>
        <translation>Schlag nach Augenmaß &amp;notieren</translation>
    </message>
    <message>
        <source>&amp;Follow the newest shot</source>
        <translation>Dem &amp;neuesten Schlag folgen</translation>
    </message>
    <message>
        <source>&amp;Change one thing: the shot&apos;s set-up to the bench</source>
        <translation>&amp;Eins ändern: Setup des Schlags zur Werkbank</translation>
    </message>
    <message>
        <source>&amp;Watch the next shots with the set-up in Shape</source>
        <translation>Die nächsten Schläge mit dem Setup aus &amp;Formen beobachten</translation>
    </message>
    <message>
        <source>Set the shot &amp;aside, or count it again</source>
        <translation>Schlag b&amp;eiseitelegen oder wieder zählen</translation>
    </message>
    <message>
        <source>&amp;Keep the shot: dismiss the doubt</source>
        <translation>Schlag &amp;behalten: Zweifel verwerfen</translation>
    </message>
    <message>
        <source>&amp;Tag the shot</source>
        <translation>Stich&amp;wörter zum Schlag</translation>
    </message>
    <message>
        <source>Attach a &amp;picture or clip…</source>
        <translation>Bild oder &amp;Clip anhängen…</translation>
    </message>
    <message>
        <source>Attach the &amp;copied picture</source>
        <translation>&amp;Kopiertes Bild anhängen</translation>
    </message>
    <message>
        <source>Take the shot as A to explain</source>
        <translation>Schlag als A zum Erklären nehmen</translation>
    </message>
    <message>
        <source>Take the shot as B to explain</source>
        <translation>Schlag als B zum Erklären nehmen</translation>
    </message>
    <message>
        <source>Take the shown shots as A</source>
        <translation>Gezeigte Schläge als A nehmen</translation>
    </message>
    <message>
        <source>Take the shown shots as B</source>
        <translation>Gezeigte Schläge als B nehmen</translation>
    </message>
    <message>
        <source>&amp;Look for the cause of the shown shots</source>
        <translation>&amp;Ursache der gezeigten Schläge suchen</translation>
    </message>
    <message>
        <source>B is the set-up of shot %1. Change one thing; Ctrl+Return watches it.</source>
        <translation>B ist das Setup von Schlag %1. Eins ändern; Strg+Eingabe beobachtet es.</translation>
    </message>
    <message>
        <source>No set-up was declared for shot %1, and none follows from what was read.</source>
        <translation>Für Schlag %1 wurde kein Setup angesagt, und aus dem Gelesenen folgt keins.</translation>
    </message>
    <message>
        <source>A is shot %1.</source>
        <translation>A ist Schlag %1.</translation>
    </message>
    <message>
        <source>B is shot %1.</source>
        <translation>B ist Schlag %1.</translation>
    </message>
    <message>
        <source>A is %1.</source>
        <translation>A ist %1.</translation>
    </message>
    <message>
        <source>B is %1.</source>
        <translation>B ist %1.</translation>
    </message>
    <message>
        <source>All of these shots are set aside: there is none to look for a cause of.</source>
        <translation>Alle diese Schläge sind beiseitegelegt: Für keinen lässt sich eine Ursache suchen.</translation>
    </message>
    <message>
        <source>Open a file of shots from any launch monitor, or drop one on this window. The header must name its units, as in &quot;club speed [mph]&quot;.</source>
        <translation>Eine Datei mit Schlägen von einem beliebigen Launch-Monitor öffnen, oder auf dieses Fenster ziehen. Der Kopf muss die Einheiten nennen, wie in „club speed [mph]“.</translation>
    </message>
    <message>
        <source>Open shots…</source>
        <translation>Schläge öffnen…</translation>
    </message>
    <message>
        <source>Listen to a launch monitor…</source>
        <translation>Einem Launch-Monitor zuhören…</translation>
    </message>
    <message>
        <source>Note a shot by eye (N)</source>
        <translation>Schlag nach Augenmaß notieren (N)</translation>
    </message>
    <message>
        <source>Try it with the simulated launch monitor</source>
        <translation>Mit dem simulierten Launch-Monitor versuchen</translation>
    </message>
    <message>
        <source>Show only…  lob  spin&gt;6000</source>
        <translation>Nur zeigen…  lob  spin&gt;6000</translation>
    </message>
    <message>
        <source>Show only shots with these words</source>
        <translation>Nur Schläge mit diesen Wörtern zeigen</translation>
    </message>
    <message>
        <source>Words: runa lob. Of one kind: wedge:54 lie:lush strike:fat tag:&quot;left foot&quot;.
Numbers in the units on screen: spin&gt;6000 carry=30..40 attack&lt;-5.
Also is:doubtful, is:aside, is:counted. A minus in front turns one round.</source>
        <translation>Wörter: runa lob. Von einer Art: wedge:54 lie:lush strike:fat tag:&quot;linker Fuß&quot;.
Zahlen in den gezeigten Einheiten: spin&gt;6000 carry=30..40 attack&lt;-5.
Auch is:doubtful (zweifelhaft), is:aside (beiseite), is:counted (gezählt). Ein Minus davor kehrt es um.</translation>
    </message>
    <message>
        <source>Session</source>
        <translation>Sitzung</translation>
    </message>
    <message>
        <source>Chart</source>
        <translation>Diagramm</translation>
    </message>
    <message>
        <source>The shown shots as a chart, or as a stream (Ctrl+G)</source>
        <translation>Die gezeigten Schläge als Diagramm oder als Strom (Strg+G)</translation>
    </message>
    <message>
        <source>Shots</source>
        <translation>Schläge</translation>
    </message>
    <message>
        <source>Compare with the shots before the change no longer</source>
        <translation>Nicht mehr mit den Schlägen vor der Änderung vergleichen</translation>
    </message>
    <message>
        <source>Opening the logbook…</source>
        <translation>Öffnet das Logbuch…</translation>
    </message>
    <message>
        <source>No shots to watch yet.</source>
        <translation>Noch keine Schläge zu beobachten.</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation>%1 aus %2</translation>
    </message>
    <message>
        <source>None of %1 is like this</source>
        <translation>Keiner von %1 ist so</translation>
    </message>
    <message>
        <source>%1 of %2 from %3</source>
        <translation>%1 von %2 aus %3</translation>
    </message>
    <message>
        <source>All sessions</source>
        <translation>Alle Sitzungen</translation>
    </message>
    <message>
        <source>Choose one session in the box above the shots first.</source>
        <translation>Erst im Kasten über den Schlägen eine Sitzung wählen.</translation>
    </message>
    <message>
        <source>Rename the session</source>
        <translation>Sitzung umbenennen</translation>
    </message>
    <message>
        <source>Its name:</source>
        <translation>Ihr Name:</translation>
    </message>
    <message>
        <source>A new session</source>
        <translation>Eine neue Sitzung</translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>%1 verschieben</translation>
    </message>
    <message>
        <source>To the session, or the name of a new one:</source>
        <translation>In die Sitzung, oder der Name einer neuen:</translation>
    </message>
    <message>
        <source>Part of %1</source>
        <translation>Teil von %1</translation>
    </message>
    <message>
        <source>There is no shown shot to move, or the older ones are still being read.</source>
        <translation>Kein gezeigter Schlag ist zu verschieben, oder die älteren werden noch gelesen.</translation>
    </message>
    <message>
        <source>Give %1</source>
        <translation>%1 geben</translation>
    </message>
    <message>
        <source>To the player:</source>
        <translation>An den Spieler:</translation>
    </message>
    <message>
        <source>Pictures and clips belong to a shot: choose one in Watch first.</source>
        <translation>Bilder und Clips gehören zu einem Schlag: erst einen in Beobachten wählen.</translation>
    </message>
    <message>
        <source>shot %1</source>
        <translation>Schlag %1</translation>
    </message>
    <message>
        <source>Attach pictures or clips to %1</source>
        <translation>Bilder oder Clips an %1 hängen</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message>
        <source>No picture was copied.</source>
        <translation>Kein Bild war kopiert.</translation>
    </message>
    <message>
        <source>Save the chart&apos;s data</source>
        <translation>Daten des Diagramms speichern</translation>
    </message>
    <message>
        <source>Table (*.csv)</source>
        <translation>Tabelle (*.csv)</translation>
    </message>
    <message>
        <source>Saved to %1.</source>
        <translation>Nach %1 gespeichert.</translation>
    </message>
</context>
<context>
    <name>wedgeon::WatchedShots</name>
    <message>
        <source>shot %1</source>
        <translation>Schlag %1</translation>
    </message>
    <message>
        <source>, %1 of them compared</source>
        <translation>, %1 davon verglichen</translation>
    </message>
    <message>
        <source>Shot %1, %2. %3%4</source>
        <translation>Schlag %1, %2. %3%4</translation>
    </message>
    <message>
        <source> Set aside: %1.</source>
        <translation> Beiseitegelegt: %1.</translation>
    </message>
    <message>
        <source> Doubtful: %1</source>
        <translation> Zweifelhaft: %1</translation>
    </message>
    <message>
        <source> Question: %1</source>
        <translation> Frage: %1</translation>
    </message>
</context>
<context>
    <name>wedgeon::WhyPage</name>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>Source: %1</source>
        <translation>Quelle: %1</translation>
    </message>
</context>
<context>
    <name>wedgeon::WorthDrawing</name>
    <message>
        <source>1° of lean</source>
        <translation>1° Neigung</translation>
    </message>
    <message>
        <source>5° of opening</source>
        <translation>5° Öffnung</translation>
    </message>
    <message>
        <source>1 ball back</source>
        <translation>1 Ball zurück</translation>
    </message>
    <message>
        <source>5 % weight</source>
        <translation>5 % Gewicht</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>wet face</source>
        <translation>nasse Fläche</translation>
    </message>
    <message>
        <source>out of reach</source>
        <translation>nicht zu erreichen</translation>
    </message>
    <message>
        <source>° launch</source>
        <translation>° Abflug</translation>
    </message>
    <message>
        <source>° attack</source>
        <translation>° Eintreffen</translation>
    </message>
    <message>
        <source> carry</source>
        <translation> Carry</translation>
    </message>
    <message>
        <source> release</source>
        <translation> Roll</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>attack</source>
        <translation>Eintreffen</translation>
    </message>
    <message>
        <source>loft</source>
        <translation>Loft</translation>
    </message>
    <message>
        <source>Its %1 moves it most: ± %2.</source>
        <translation>Sein %1 bewegt es am meisten: ± %2.</translation>
    </message>
    <message>
        <source>What a step is worth here</source>
        <translation>Was ein Schritt hier wert ist</translation>
    </message>
</context>
</TS>
