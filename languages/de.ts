<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>Mingei</name>
  <message>
   <source>  made in this order: {names}</source>
   <translation>  in dieser Reihenfolge gemacht: {names}</translation>
  </message>
  <message>
   <source>  {count} x {name}: {how} {host}</source>
   <translation>  {count} x {name}: {how} {host}</translation>
  </message>
  <message>
   <source> (the clock stands: nothing is done)</source>
   <translation> (die Uhr steht: es geschieht nichts)</translation>
  </message>
  <message>
   <source> at the </source>
   <translation> an </translation>
  </message>
  <message>
   <source> at the back</source>
   <translation> am Rücken</translation>
  </message>
  <message>
   <source> at the back wall</source>
   <translation> an der Rückwand</translation>
  </message>
  <message>
   <source> base</source>
   <translation> Boden</translation>
  </message>
  <message>
   <source> board</source>
   <translation> Pappe</translation>
  </message>
  <message>
   <source> cap</source>
   <translation> Kappe</translation>
  </message>
  <message>
   <source> card</source>
   <translation> Karte</translation>
  </message>
  <message>
   <source> cladding </source>
   <translation> Innenplatte </translation>
  </message>
  <message>
   <source> cladding 1</source>
   <translation> Innenplatte 1</translation>
  </message>
  <message>
   <source> cover</source>
   <translation> Bezug</translation>
  </message>
  <message>
   <source> edge</source>
   <translation> Einschlag</translation>
  </message>
  <message>
   <source> end</source>
   <translation> Ende</translation>
  </message>
  <message>
   <source> end on </source>
   <translation> Ende auf </translation>
  </message>
  <message>
   <source> envelope</source>
   <translation> Umschlag</translation>
  </message>
  <message>
   <source> flap</source>
   <translation> Klappe</translation>
  </message>
  <message>
   <source> flap </source>
   <translation> Klappe </translation>
  </message>
  <message>
   <source> flaps</source>
   <translation> Klappen</translation>
  </message>
  <message>
   <source> frame</source>
   <translation> Rahmen</translation>
  </message>
  <message>
   <source> glazing</source>
   <translation> Verglasung</translation>
  </message>
  <message>
   <source> gore </source>
   <translation> Zwickel </translation>
  </message>
  <message>
   <source> in</source>
   <translation> in</translation>
  </message>
  <message>
   <source> in the </source>
   <translation> in </translation>
  </message>
  <message>
   <source> inside</source>
   <translation> innen</translation>
  </message>
  <message>
   <source> lap </source>
   <translation> Überlapp </translation>
  </message>
  <message>
   <source> layer </source>
   <translation> Lage </translation>
  </message>
  <message>
   <source> layer 2</source>
   <translation> Lage 2</translation>
  </message>
  <message>
   <source> layer 2 on </source>
   <translation> Lage 2 auf </translation>
  </message>
  <message>
   <source> layers</source>
   <translation> Schichten</translation>
  </message>
  <message>
   <source> leaf</source>
   <translation> Blatt</translation>
  </message>
  <message>
   <source> leaf </source>
   <translation> Blatt </translation>
  </message>
  <message>
   <source> left</source>
   <translation> links</translation>
  </message>
  <message>
   <source> lining</source>
   <translation> Futter</translation>
  </message>
  <message>
   <source> mat</source>
   <translation> Auflage</translation>
  </message>
  <message>
   <source> mm</source>
   <translation> mm</translation>
  </message>
  <message>
   <source> of {whole}</source>
   <translation> von {whole}</translation>
  </message>
  <message>
   <source> on </source>
   <translation> auf </translation>
  </message>
  <message>
   <source> on back</source>
   <translation> auf hinten</translation>
  </message>
  <message>
   <source> on it</source>
   <translation> darauf</translation>
  </message>
  <message>
   <source> on the </source>
   <translation> auf </translation>
  </message>
  <message>
   <source> on the base</source>
   <translation> auf dem Sockel</translation>
  </message>
  <message>
   <source> on the ground floor</source>
   <translation> auf der Bodenplatte</translation>
  </message>
  <message>
   <source> on wrap</source>
   <translation> auf dem Bezug</translation>
  </message>
  <message>
   <source> or </source>
   <translation> oder </translation>
  </message>
  <message>
   <source> overlay</source>
   <translation> Auflage</translation>
  </message>
  <message>
   <source> post</source>
   <translation> Pfosten</translation>
  </message>
  <message>
   <source> right</source>
   <translation> rechts</translation>
  </message>
  <message>
   <source> rim</source>
   <translation> Rand</translation>
  </message>
  <message>
   <source> sheet</source>
   <translation> Blatt</translation>
  </message>
  <message>
   <source> side </source>
   <translation> Seite </translation>
  </message>
  <message>
   <source> slit</source>
   <translation> Schlitz</translation>
  </message>
  <message>
   <source> strut</source>
   <translation> Strebe</translation>
  </message>
  <message>
   <source> strut flap</source>
   <translation> Strebenlasche</translation>
  </message>
  <message>
   <source> tab</source>
   <translation> Lasche</translation>
  </message>
  <message>
   <source> teeth</source>
   <translation> Zähne</translation>
  </message>
  <message>
   <source> teeth </source>
   <translation> Zähne </translation>
  </message>
  <message>
   <source> to </source>
   <translation> bis </translation>
  </message>
  <message>
   <source> tongue </source>
   <translation> Zunge </translation>
  </message>
  <message>
   <source> tongues</source>
   <translation> Zungen</translation>
  </message>
  <message>
   <source> tread </source>
   <translation> Stufe </translation>
  </message>
  <message>
   <source> turn</source>
   <translation> Umschlag</translation>
  </message>
  <message>
   <source> turn on </source>
   <translation> Umschlag auf </translation>
  </message>
  <message>
   <source> wall</source>
   <translation> Wand</translation>
  </message>
  <message>
   <source> wing</source>
   <translation> Ohr</translation>
  </message>
  <message>
   <source># to #</source>
   <translation># an #</translation>
  </message>
  <message>
   <source># to # tab</source>
   <translation># an # Lasche</translation>
  </message>
  <message>
   <source>&amp;About Mingei</source>
   <translation>&amp;Über Mingei</translation>
  </message>
  <message>
   <source>&amp;Add a thing to the kit</source>
   <translation>Dem Satz ein Ding &amp;hinzufügen</translation>
  </message>
  <message>
   <source>&amp;Bring in a mesh…</source>
   <translation>&amp;Netz einlesen…</translation>
  </message>
  <message>
   <source>&amp;Checks</source>
   <translation>&amp;Prüfungen</translation>
  </message>
  <message>
   <source>&amp;Cut it open</source>
   <translation>Auf&amp;schneiden</translation>
  </message>
  <message>
   <source>&amp;Cutting list…</source>
   <translation>Schnitt&amp;liste…</translation>
  </message>
  <message>
   <source>&amp;Double this thing</source>
   <translation>Dieses Ding &amp;verdoppeln</translation>
  </message>
  <message>
   <source>&amp;Edit</source>
   <translation>&amp;Bearbeiten</translation>
  </message>
  <message>
   <source>&amp;Export…</source>
   <translation>&amp;Exportieren…</translation>
  </message>
  <message>
   <source>&amp;File</source>
   <translation>&amp;Datei</translation>
  </message>
  <message>
   <source>&amp;Find a command…</source>
   <translation>Einen Befehl &amp;finden…</translation>
  </message>
  <message>
   <source>&amp;Go</source>
   <translation>&amp;Gehe zu</translation>
  </message>
  <message>
   <source>&amp;Help</source>
   <translation>&amp;Hilfe</translation>
  </message>
  <message>
   <source>&amp;History…</source>
   <translation>&amp;Verlauf…</translation>
  </message>
  <message>
   <source>&amp;Keys</source>
   <translation>&amp;Tasten</translation>
  </message>
  <message>
   <source>&amp;Light</source>
   <translation>&amp;Licht</translation>
  </message>
  <message>
   <source>&amp;Look from</source>
   <translation>&amp;Ansehen von</translation>
  </message>
  <message>
   <source>&amp;Make sheet…</source>
   <translation>&amp;Bauanleitung…</translation>
  </message>
  <message>
   <source>&amp;Measure between points or faces</source>
   <translation>Zwischen Punkten oder Flächen &amp;messen</translation>
  </message>
  <message>
   <source>&amp;Measure this screen…</source>
   <translation>Diesen Bildschirm &amp;messen…</translation>
  </message>
  <message>
   <source>&amp;New</source>
   <translation>&amp;Neu</translation>
  </message>
  <message>
   <source>&amp;Open…</source>
   <translation>Ö&amp;ffnen…</translation>
  </message>
  <message>
   <source>&amp;Play the folding</source>
   <translation>Das Falten &amp;abspielen</translation>
  </message>
  <message>
   <source>&amp;Print…</source>
   <translation>&amp;Drucken…</translation>
  </message>
  <message>
   <source>&amp;Quit</source>
   <translation>&amp;Beenden</translation>
  </message>
  <message>
   <source>&amp;Save</source>
   <translation>&amp;Speichern</translation>
  </message>
  <message>
   <source>&amp;Scale…</source>
   <translation>S&amp;kalieren…</translation>
  </message>
  <message>
   <source>&amp;Take this thing out of the kit</source>
   <translation>Dieses Ding aus dem Satz &amp;nehmen</translation>
  </message>
  <message>
   <source>&amp;View</source>
   <translation>&amp;Ansicht</translation>
  </message>
  <message>
   <source>&amp;Without motion</source>
   <translation>&amp;Ohne Bewegung</translation>
  </message>
  <message>
   <source>, copy {number}</source>
   <translation>, Kopie {number}</translation>
  </message>
  <message>
   <source>, costs {money}</source>
   <translation>, kostet {money}</translation>
  </message>
  <message>
   <source>--amend</source>
   <translation>--amend</translation>
  </message>
  <message>
   <source>--amend join</source>
   <translation>--amend join</translation>
  </message>
  <message>
   <source>--copies</source>
   <translation>--copies</translation>
  </message>
  <message>
   <source>--device</source>
   <translation>--device</translation>
  </message>
  <message>
   <source>--facets</source>
   <translation>--facets</translation>
  </message>
  <message>
   <source>--kind</source>
   <translation>--kind</translation>
  </message>
  <message>
   <source>--level</source>
   <translation>--level</translation>
  </message>
  <message>
   <source>--margin</source>
   <translation>--margin</translation>
  </message>
  <message>
   <source>--mats</source>
   <translation>--mats</translation>
  </message>
  <message>
   <source>--merge</source>
   <translation>--merge</translation>
  </message>
  <message>
   <source>--overlap</source>
   <translation>--overlap</translation>
  </message>
  <message>
   <source>--part</source>
   <translation>--part</translation>
  </message>
  <message>
   <source>--ratio</source>
   <translation>--ratio</translation>
  </message>
  <message>
   <source>--sections</source>
   <translation>--sections</translation>
  </message>
  <message>
   <source>--set</source>
   <translation>--set</translation>
  </message>
  <message>
   <source>--sheet-no</source>
   <translation>--sheet-no</translation>
  </message>
  <message>
   <source>--skew</source>
   <translation>--skew</translation>
  </message>
  <message>
   <source>--splice</source>
   <translation>--splice</translation>
  </message>
  <message>
   <source>--thick</source>
   <translation>--thick</translation>
  </message>
  <message>
   <source>--thing</source>
   <translation>--thing</translation>
  </message>
  <message>
   <source>--tile</source>
   <translation>--tile</translation>
  </message>
  <message>
   <source>--to</source>
   <translation>--to</translation>
  </message>
  <message>
   <source>--tries</source>
   <translation>--tries</translation>
  </message>
  <message>
   <source>0 is level, 90 upright.</source>
   <translation>0 ist liegend, 90 aufrecht.</translation>
  </message>
  <message>
   <source>10 m of tape</source>
   <translation>10 m Klebeband</translation>
  </message>
  <message>
   <source>100 g of glue</source>
   <translation>100 g Kleber</translation>
  </message>
  <message>
   <source>1:{times:g} is no scale of a model</source>
   <translation>1:{times:g} ist kein Maßstab eines Modells</translation>
  </message>
  <message>
   <source>3d letter</source>
   <translation>3D-Buchstabe</translation>
  </message>
  <message>
   <source>A PNG or JPEG picture, or an SVG drawing, printed on this panel, upright when it is folded.</source>
   <translation>Ein PNG- oder JPEG-Bild oder eine SVG-Zeichnung auf diesem Feld, aufrecht, wenn es gefaltet ist.</translation>
  </message>
  <message>
   <source>A bar of 100 mm comes out {value:.2f} mm long, {low:.2f} to {high:.2f} in 95 of 100 cases.</source>
   <translation>Ein Balken von 100 mm wird {value:.2f} mm lang, {low:.2f} bis {high:.2f} in 95 von 100 Fällen.</translation>
  </message>
  <message>
   <source>A beam burns away its own width. Air out, lid shut, never alone while it runs; only stock that its maker and the laser's maker allow: some films and coated boards give off poison.</source>
   <translation>Ein Strahl brennt seine eigene Breite weg. Abluft an, Deckel zu, nie allein lassen, solange er läuft; nur Material, das sein Hersteller und der des Lasers erlauben: Manche Folien und beschichteten Pappen geben Gift ab.</translation>
  </message>
  <message>
   <source>A blade that trails its axis and turns by itself. The sheet lies on a sticky mat. Follow the maker's instructions; keep fingers and sleeves away while it runs.</source>
   <translation>Eine Klinge, die ihrer Achse nachläuft und sich selbst dreht. Der Bogen liegt auf einer Haftmatte. Folge den Anweisungen des Herstellers; halte Finger und Ärmel fern, solange sie läuft.</translation>
  </message>
  <message>
   <source>A board's grooves guide the tool. Mingei finds the spacer against the fence that brings most lines onto grooves; the rest need a rule.</source>
   <translation>Die Rillen eines Brettes führen das Werkzeug. Mingei findet die Zulage am Anschlag, mit der die meisten Linien auf Rillen fallen; die übrigen brauchen ein Lineal.</translation>
  </message>
  <message>
   <source>A body from a file, as a faceted model in pieces that fold up</source>
   <translation>Ein Körper aus einer Datei, als Flächenmodell in Teilen, die sich auffalten</translation>
  </message>
  <message>
   <source>A bought part that is set into the hole: it comes into the list of what is needed, the steps and the cautions.</source>
   <translation>Ein gekauftes Teil, das in das Loch gesetzt wird: es kommt in die Liste des Nötigen, in die Schritte und die Vorsichtshinweise.</translation>
  </message>
  <message>
   <source>A flap on each edge, folded back outwards and glued face on face: stiff, and easy to reach.</source>
   <translation>Eine Klappe an jeder Kante, nach außen zurückgefaltet und Fläche auf Fläche geklebt: steif und gut zu erreichen.</translation>
  </message>
  <message>
   <source>A fresh blade, a metal rule with a guard, and the holding hand never before the blade. A laser is never left alone and burns only what its maker allows; follow the maker's instructions and local rules.</source>
   <translation>Eine frische Klinge, ein Metalllineal mit Schutz, und die haltende Hand nie vor der Klinge. Ein Laser bleibt nie allein und brennt nur, was sein Hersteller erlaubt; folge den Anweisungen des Herstellers und den örtlichen Regeln.</translation>
  </message>
  <message>
   <source>A glue stick is held</source>
   <translation>Klebestift wird gehalten</translation>
  </message>
  <message>
   <source>A label with a size and place of its own.</source>
   <translation>Ein Schild mit eigener Größe und eigenem Platz.</translation>
  </message>
  <message>
   <source>A laser is never left alone and burns only what its maker and that of the stock allow.</source>
   <translation>Ein Laser bleibt nie allein und brennt nur, was sein Hersteller und der des Materials erlauben.</translation>
  </message>
  <message>
   <source>A long flat lies above the folded thing, any other stands beside it</source>
   <translation>Langes Flaches liegt über dem Gefalteten, anderes steht daneben</translation>
  </message>
  <message>
   <source>A mask leaves sight and breath free; nobody runs or crosses a road in it.</source>
   <translation>Eine Maske lässt Blick und Atem frei; niemand rennt damit oder geht über eine Straße.</translation>
  </message>
  <message>
   <source>A mat on every panel that is seen from outside and flat, not on the base.</source>
   <translation>Eine Auflage auf jedes Feld, das man von außen sieht und das flach ist, nicht auf den Boden.</translation>
  </message>
  <message>
   <source>A mat on the inner face. It keeps clear of what is glued there.</source>
   <translation>Eine Auflage auf der Innenseite. Sie hält sich von dem frei, was dort geklebt wird.</translation>
  </message>
  <message>
   <source>A mesh</source>
   <translation>Ein Netz</translation>
  </message>
  <message>
   <source>A microscope, a roundabout and a lighthouse keeper, each of many things joined to each other</source>
   <translation>Ein Mikroskop, ein Karussell und ein Leuchtturmwärter, jedes aus vielen miteinander verbundenen Dingen</translation>
  </message>
  <message>
   <source>A panel of another paper inside this one's edges, with an even border. It follows the panel's windows.</source>
   <translation>Ein Feld aus anderem Papier innerhalb der Kanten von diesem, mit gleichmäßigem Rand. Es folgt den Fenstern des Felds.</translation>
  </message>
  <message>
   <source>A panel of it glued flat on a face, or on pads so high.</source>
   <translation>Eine Fläche davon flach aufgeklebt, oder auf so hohen Klebepads.</translation>
  </message>
  <message>
   <source>A paper fastener or a pin through both, or a stick it is set on.</source>
   <translation>Eine Musterklammer oder ein Stift durch beide, oder ein Stab, auf dem es sitzt.</translation>
  </message>
  <message>
   <source>A picture</source>
   <translation>Ein Bild</translation>
  </message>
  <message>
   <source>A picture to print</source>
   <translation>Ein Bild zum Drucken</translation>
  </message>
  <message>
   <source>A picture's outline, and what makes it stand: feet, a base, struts or an easel</source>
   <translation>Der Umriss eines Bildes und was ihn stehen lässt: Füße, Sockel, Streben oder Staffelei</translation>
  </message>
  <message>
   <source>A piece of its own</source>
   <translation>Ein eigenes Stück</translation>
  </message>
  <message>
   <source>A place the other thing names; x and y are counted from it.</source>
   <translation>Ein Platz, den das andere Ding nennt; x und y zählen von dort.</translation>
  </message>
  <message>
   <source>A quiet sound when it is over</source>
   <translation>Ein leiser Ton, wenn es um ist</translation>
  </message>
  <message>
   <source>A rectangle cut out of the middle, with a patch of film behind it.</source>
   <translation>Ein Rechteck aus der Mitte geschnitten, mit einem Fleck Folie dahinter.</translation>
  </message>
  <message>
   <source>A round hole for a stick, an eyelet, a fastener or a thread. It keeps its size when the thing is scaled.</source>
   <translation>Ein rundes Loch für einen Stab, eine Öse, eine Klammer oder einen Faden. Es behält beim Skalieren seine Größe.</translation>
  </message>
  <message>
   <source>A score opens on the outside of its bend: mountains are scored from the printed face, valleys from the back, and the sheet is turned over once. From one face nothing is turned, and half of the folds bend against their score.</source>
   <translation>Eine Rille öffnet sich an der Außenseite ihrer Biegung: Bergfalten werden von der bedruckten Seite gerillt, Talfalten von der Rückseite, und der Bogen wird einmal gewendet. Von einer Seite allein wird nichts gewendet, und die Hälfte der Falten biegt sich gegen ihre Rille.</translation>
  </message>
  <message>
   <source>A size by its name</source>
   <translation>Eine Größe nach ihrem Namen</translation>
  </message>
  <message>
   <source>A slot for a tongue, a crossing board or a paper hinge: as wide as the card that passes through it.</source>
   <translation>Ein Schlitz für eine Zunge, ein kreuzendes Brett oder ein Papierscharnier: so breit, wie der Karton dick ist, der hindurchgeht.</translation>
  </message>
  <message>
   <source>A stand-in reads the file as the machine would, plays the tool over the sheet and compares what would really be cut with the drawing.</source>
   <translation>Ein Stellvertreter liest die Datei wie die Maschine, führt das Werkzeug über den Bogen und vergleicht, was wirklich geschnitten würde, mit der Zeichnung.</translation>
  </message>
  <message>
   <source>A step of your own</source>
   <translation>Ein eigener Schritt</translation>
  </message>
  <message>
   <source>A stock of your own, beginning as this one</source>
   <translation>Ein eigenes Material, das wie dieses beginnt</translation>
  </message>
  <message>
   <source>A tab glued inside the other panel, and a strap on that one glued over the outside: strongest.</source>
   <translation>Eine Lasche innen an das andere Feld geklebt, und eine Gegenlasche an jenem außen darübergeklebt: am stärksten.</translation>
  </message>
  <message>
   <source>A tab on the {a}, {depth} deep, lands inside the {b}; a strap on the {b}, {over} deep, goes over the {a}. {length} long.</source>
   <translation>Eine Lasche an {a}, {depth} tief, kommt in {b}; eine Gegenlasche an {b}, {over} tief, geht über {a}. {length} lang.</translation>
  </message>
  <message>
   <source>A tab, glued inside the other panel.</source>
   <translation>Eine Lasche, innen an das andere Feld geklebt.</translation>
  </message>
  <message>
   <source>A thing by its name</source>
   <translation>Ein Ding nach seinem Namen</translation>
  </message>
  <message>
   <source>A thing of a size people know by name; or write its measures below.</source>
   <translation>Ein Ding in einer Größe, die man beim Namen kennt; oder schreiben Sie seine Maße darunter.</translation>
  </message>
  <message>
   <source>A thing of a size people know by name; or write its sizes below.</source>
   <translation>Ein Ding in einer Größe, die man beim Namen kennt; oder schreiben Sie seine Maße darunter.</translation>
  </message>
  <message>
   <source>A thread, a ribbon or an elastic through a hole in each.</source>
   <translation>Ein Faden, ein Band oder ein Gummi durch ein Loch in jedem.</translation>
  </message>
  <message>
   <source>A wheel creases, then a turned knife cuts; the sheet is held by suction. Hands off the table while it runs; follow the maker's instructions.</source>
   <translation>Ein Rad rillt, dann schneidet ein gedrehtes Messer; der Bogen wird angesaugt. Hände vom Tisch, solange er läuft; folge den Anweisungen des Herstellers.</translation>
  </message>
  <message>
   <source>A# sheet</source>
   <translation>Blatt A#</translation>
  </message>
  <message>
   <source>A# sheet in three</source>
   <translation>Blatt A# in Dritteln</translation>
  </message>
  <message>
   <source>A4 sheet in three</source>
   <translation>Blatt A4 in Dritteln</translation>
  </message>
  <message>
   <source>A7 sheet</source>
   <translation>Blatt A7</translation>
  </message>
  <message>
   <source>About 0.05 mm for a thin even coat</source>
   <translation>Etwa 0,05 mm bei dünnem, gleichmäßigem Auftrag</translation>
  </message>
  <message>
   <source>About Mingei</source>
   <translation>Über Mingei</translation>
  </message>
  <message>
   <source>About so many are left: as many as you will fold and glue.</source>
   <translation>Etwa so viele bleiben: so viele, wie du falten und kleben willst.</translation>
  </message>
  <message>
   <source>About {hands} minutes of your hands, and {dry:.0f} to dry.</source>
   <translation>Etwa {hands} Minuten Handarbeit, und {dry:.0f} zum Trocknen.</translation>
  </message>
  <message>
   <source>About {hands} minutes of your hands.</source>
   <translation>Etwa {hands} Minuten Handarbeit.</translation>
  </message>
  <message>
   <source>About {minutes} min at the table for all {count}: {stages}.</source>
   <translation>Etwa {minutes} min am Tisch für alle {count}: {stages}.</translation>
  </message>
  <message>
   <source>About {minutes} min at the table: {stages}.</source>
   <translation>Etwa {minutes} min am Tisch: {stages}.</translation>
  </message>
  <message>
   <source>About {minutes} minutes to print, score and cut.</source>
   <translation>Etwa {minutes} Minuten zum Drucken, Rillen und Schneiden.</translation>
  </message>
  <message>
   <source>Acetate 0.2 mm, for windows</source>
   <translation>Azetatfolie 0,2 mm, für Fenster</translation>
  </message>
  <message>
   <source>Across</source>
   <translation>Quer</translation>
  </message>
  <message>
   <source>Across the folds, over the whole piece</source>
   <translation>Über die Falze hinweg, über das ganze Stück</translation>
  </message>
  <message>
   <source>Across the label.</source>
   <translation>Quer über das Schild.</translation>
  </message>
  <message>
   <source>Across the opening; of a hole its diameter, of a slot its length. For a stick add 0.1 to 0.3 mm.</source>
   <translation>Quer über die Öffnung; bei einem Loch der Durchmesser, bei einem Schlitz die Länge. Für einen Stab 0,1 bis 0,3 mm zugeben.</translation>
  </message>
  <message>
   <source>Add a &amp;forming block for it</source>
   <translation>Einen &amp;Formblock dafür hinzufügen</translation>
  </message>
  <message>
   <source>Add a photo</source>
   <translation>Foto dazu</translation>
  </message>
  <message>
   <source>Add a photo…</source>
   <translation>Foto dazu…</translation>
  </message>
  <message>
   <source>Add a step…</source>
   <translation>Schritt hinzufügen …</translation>
  </message>
  <message>
   <source>Add another thing like this construction, with its usual measures</source>
   <translation>Noch ein Ding wie diese Bauform hinzufügen, mit ihren üblichen Maßen</translation>
  </message>
  <message>
   <source>Added foot</source>
   <translation>Angesetzter Fuß</translation>
  </message>
  <message>
   <source>Adhesive</source>
   <translation>Kleben</translation>
  </message>
  <message>
   <source>After</source>
   <translation>Nachher</translation>
  </message>
  <message>
   <source>After cutting</source>
   <translation>Nach dem Schneiden</translation>
  </message>
  <message>
   <source>Album cover</source>
   <translation>Albumeinband</translation>
  </message>
  <message>
   <source>All at a glance</source>
   <translation>Alle auf einen Blick</translation>
  </message>
  <message>
   <source>All look outwards then.</source>
   <translation>Dann zeigen alle nach außen.</translation>
  </message>
  <message>
   <source>All pages</source>
   <translation>Alle Seiten</translation>
  </message>
  <message>
   <source>Allowance</source>
   <translation>Zugabe</translation>
  </message>
  <message>
   <source>Along its length</source>
   <translation>Der Länge nach</translation>
  </message>
  <message>
   <source>Along its width</source>
   <translation>Der Breite nach</translation>
  </message>
  <message>
   <source>An hour of my work</source>
   <translation>Eine Stunde meiner Arbeit</translation>
  </message>
  <message>
   <source>An offcut of {width} × {height} you kept would do for {piece}.</source>
   <translation>Ein behaltener Rest von {width} × {height} täte es für {piece}.</translation>
  </message>
  <message>
   <source>An open licence, or terms of your own.</source>
   <translation>Eine offene Lizenz oder eigene Bedingungen.</translation>
  </message>
  <message>
   <source>An opening drawn elsewhere, read from an SVG file: its largest closed path.</source>
   <translation>Eine anderswo gezeichnete Öffnung aus einer SVG-Datei: ihr größter geschlossener Zug.</translation>
  </message>
  <message>
   <source>An outline from a drawing</source>
   <translation>Ein Umriss aus einer Zeichnung</translation>
  </message>
  <message>
   <source>Another picture, whose outline it is cut out along.</source>
   <translation>Ein anderes Bild, an dessen Umriss sie ausgeschnitten wird.</translation>
  </message>
  <message>
   <source>Another stock for this part: a contrasting paper, a card to write on.</source>
   <translation>Ein anderes Material für diesen Teil: ein abstechendes Papier, ein Karton zum Beschreiben.</translation>
  </message>
  <message>
   <source>Another way: minutes of a machine</source>
   <translation>Anderer Weg: Minuten einer Maschine</translation>
  </message>
  <message>
   <source>Another way: minutes of my hands</source>
   <translation>Anderer Weg: Minuten meiner Hände</translation>
  </message>
  <message>
   <source>Another way: money</source>
   <translation>Anderer Weg: Geld</translation>
  </message>
  <message>
   <source>Any construction</source>
   <translation>Jede Bauform</translation>
  </message>
  <message>
   <source>Any printer</source>
   <translation>Irgendein Drucker</translation>
  </message>
  <message>
   <source>Any stock</source>
   <translation>Jedes Material</translation>
  </message>
  <message>
   <source>Apart</source>
   <translation>Auseinander</translation>
  </message>
  <message>
   <source>Area of the flat, and what it weighs in this stock.</source>
   <translation>Fläche des flachen Stücks, und was es in diesem Material wiegt.</translation>
  </message>
  <message>
   <source>Arm</source>
   <translation>Arm</translation>
  </message>
  <message>
   <source>Arm and slide</source>
   <translation>Arm und Schieber</translation>
  </message>
  <message>
   <source>Arm width</source>
   <translation>Armbreite</translation>
  </message>
  <message>
   <source>Artwork of this panel</source>
   <translation>Druckbilder dieses Felds</translation>
  </message>
  <message>
   <source>As is usual there</source>
   <translation>Wie dort üblich</translation>
  </message>
  <message>
   <source>As it is &amp;printed</source>
   <translation>Wie &amp;gedruckt</translation>
  </message>
  <message>
   <source>As measured here</source>
   <translation>Wie hier gemessen</translation>
  </message>
  <message>
   <source>As you call it</source>
   <translation>Wie Sie es nennen</translation>
  </message>
  <message>
   <source>Ask me later</source>
   <translation>Später fragen</translation>
  </message>
  <message>
   <source>Ask the author.</source>
   <translation>Frag den Urheber.</translation>
  </message>
  <message>
   <source>At most {off} off</source>
   <translation>Höchstens {off} daneben</translation>
  </message>
  <message>
   <source>Author</source>
   <translation>Urheber</translation>
  </message>
  <message>
   <source>B# envelope</source>
   <translation>Umschlag B#</translation>
  </message>
  <message>
   <source>Back</source>
   <translation>Hinten</translation>
  </message>
  <message>
   <source>Back height</source>
   <translation>Lehnenhöhe</translation>
  </message>
  <message>
   <source>Back to right</source>
   <translation>Rückseite nach rechts</translation>
  </message>
  <message>
   <source>Back up the logbook</source>
   <translation>Logbuch sichern</translation>
  </message>
  <message>
   <source>Back upward</source>
   <translation>Rückseite nach oben</translation>
  </message>
  <message>
   <source>Back up…</source>
   <translation>Sichern…</translation>
  </message>
  <message>
   <source>Back width</source>
   <translation>Lehnenbreite</translation>
  </message>
  <message>
   <source>Backing</source>
   <translation>Rücken</translation>
  </message>
  <message>
   <source>Bags, pouches, wraps</source>
   <translation>Tüten, Beutel, Hüllen</translation>
  </message>
  <message>
   <source>Ball skin</source>
   <translation>Kugelhaut</translation>
  </message>
  <message>
   <source>Band</source>
   <translation>Band</translation>
  </message>
  <message>
   <source>Band height</source>
   <translation>Höhe der Binde</translation>
  </message>
  <message>
   <source>Band over</source>
   <translation>Band darüber</translation>
  </message>
  <message>
   <source>Banded ball skin</source>
   <translation>Kugelhaut in Ringen</translation>
  </message>
  <message>
   <source>Bands</source>
   <translation>Bänder</translation>
  </message>
  <message>
   <source>Bandstand</source>
   <translation>Musikpavillon</translation>
  </message>
  <message>
   <source>Bar across</source>
   <translation>Balken quer</translation>
  </message>
  <message>
   <source>Bar along</source>
   <translation>Balken längs</translation>
  </message>
  <message>
   <source>Bars</source>
   <translation>Sprossen</translation>
  </message>
  <message>
   <source>Base height</source>
   <translation>Sockel Höhe</translation>
  </message>
  <message>
   <source>Becomes</source>
   <translation>Wird</translation>
  </message>
  <message>
   <source>Before</source>
   <translation>Vorher</translation>
  </message>
  <message>
   <source>Before and after</source>
   <translation>Vorher und nachher</translation>
  </message>
  <message>
   <source>Before cutting</source>
   <translation>Vor dem Schneiden</translation>
  </message>
  <message>
   <source>Before cutting the whole sheet lies still and one placing of the rule serves several pieces. After cutting each piece is scored in the hand.</source>
   <translation>Vor dem Schneiden liegt der ganze Bogen still, und ein Anlegen des Lineals dient mehreren Teilen. Nach dem Schneiden wird jedes Teil einzeln gerillt.</translation>
  </message>
  <message>
   <source>Before it is closed is in time for what is out of reach later.</source>
   <translation>Bevor es geschlossen wird: rechtzeitig für das, was später außer Reichweite ist.</translation>
  </message>
  <message>
   <source>Begin its piece with it</source>
   <translation>Ihr Teil mit ihr beginnen</translation>
  </message>
  <message>
   <source>Belly band</source>
   <translation>Bauchbinde</translation>
  </message>
  <message>
   <source>Bend the petals in over a ball or a bowl and tape them to each other from inside, each after the one opposite.</source>
   <translation>Die Blätter über einer Kugel oder Schale einbiegen und von innen mit Band verbinden, jedes nach dem gegenüberliegenden.</translation>
  </message>
  <message>
   <source>Blades and mats, for each thing</source>
   <translation>Klingen und Matten, je Ding</translation>
  </message>
  <message>
   <source>Blank</source>
   <translation>Zuschnitt</translation>
  </message>
  <message>
   <source>Blank across</source>
   <translation>Zuschnitt quer</translation>
  </message>
  <message>
   <source>Blank up</source>
   <translation>Zuschnitt hoch</translation>
  </message>
  <message>
   <source>Bleed</source>
   <translation>Beschnitt</translation>
  </message>
  <message>
   <source>Block for {name}</source>
   <translation>Block für {name}</translation>
  </message>
  <message>
   <source>Board height</source>
   <translation>Plattenhöhe</translation>
  </message>
  <message>
   <source>Board width</source>
   <translation>Plattenbreite</translation>
  </message>
  <message>
   <source>Board, every 1/8 in</source>
   <translation>Brett, alle 1/8 in</translation>
  </message>
  <message>
   <source>Board, every 10 mm</source>
   <translation>Brett, alle 10 mm</translation>
  </message>
  <message>
   <source>Board, own grooves</source>
   <translation>Brett, eigene Rillen</translation>
  </message>
  <message>
   <source>Boards behind the figure</source>
   <translation>Platten hinter der Figur</translation>
  </message>
  <message>
   <source>Bond 20 lb</source>
   <translation>Bond 20 lb</translation>
  </message>
  <message>
   <source>Book cloth 200 g</source>
   <translation>Buchleinen 200 g</translation>
  </message>
  <message>
   <source>Border</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>Both boards cut slanting, so that no edge shows.</source>
   <translation>Beide Pappen schräg geschnitten, so dass keine Kante zu sehen ist.</translation>
  </message>
  <message>
   <source>Both ends of each placement as pricks, on the waste where they can be, so that no line shows on the finished thing.</source>
   <translation>Beide Enden jeder Anlage als Stiche, wo es geht auf dem Abfall, damit am fertigen Stück keine Linie zu sehen ist.</translation>
  </message>
  <message>
   <source>Bottom</source>
   <translation>Boden</translation>
  </message>
  <message>
   <source>Box envelope</source>
   <translation>Kastenumschlag</translation>
  </message>
  <message>
   <source>Box with lid</source>
   <translation>Schachtel mit Deckel</translation>
  </message>
  <message>
   <source>Boxes</source>
   <translation>Schachteln</translation>
  </message>
  <message>
   <source>Boxes and trays</source>
   <translation>Schachteln und Kästen</translation>
  </message>
  <message>
   <source>Breathing holes</source>
   <translation>Atemlöcher</translation>
  </message>
  <message>
   <source>Breathing holes up, %</source>
   <translation>Atemlöcher hoch, %</translation>
  </message>
  <message>
   <source>Brief</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <source>Bring a page of the Sheets station into view by its number</source>
   <translation>Eine Seite des Platzes Bogen nach ihrer Nummer in Sicht bringen</translation>
  </message>
  <message>
   <source>Bring back what was taken out</source>
   <translation>Herausgenommenes zurückholen</translation>
  </message>
  <message>
   <source>Bring in a mesh</source>
   <translation>Netz einlesen</translation>
  </message>
  <message>
   <source>Bring in a mesh…</source>
   <translation>Netz einlesen…</translation>
  </message>
  <message>
   <source>Bring in entries</source>
   <translation>Einträge hereinholen</translation>
  </message>
  <message>
   <source>Bring in…</source>
   <translation>Hereinholen…</translation>
  </message>
  <message>
   <source>Bring it back</source>
   <translation>Zurückholen</translation>
  </message>
  <message>
   <source>Bring the page of this number into view.</source>
   <translation>Die Seite dieser Nummer in Sicht bringen.</translation>
  </message>
  <message>
   <source>Bring {names} over.</source>
   <translation>{names} herüberbringen.</translation>
  </message>
  <message>
   <source>Bristol 100 lb</source>
   <translation>Bristol 100 lb</translation>
  </message>
  <message>
   <source>Build</source>
   <translation>Bauen</translation>
  </message>
  <message>
   <source>Built-up board</source>
   <translation>Geschichtetes Brett</translation>
  </message>
  <message>
   <source>Butt</source>
   <translation>Stumpf</translation>
  </message>
  <message>
   <source>By</source>
   <translation>Mit</translation>
  </message>
  <message>
   <source>By a factor</source>
   <translation>Um einen Faktor</translation>
  </message>
  <message>
   <source>By an object</source>
   <translation>Nach einem Gegenstand</translation>
  </message>
  <message>
   <source>By hand</source>
   <translation>Von Hand</translation>
  </message>
  <message>
   <source>By hand is cheaper from {count} on.</source>
   <translation>Von Hand ist billiger ab {count} Stück.</translation>
  </message>
  <message>
   <source>By hand is cheaper, however many.</source>
   <translation>Von Hand ist billiger, wie viele es auch sind.</translation>
  </message>
  <message>
   <source>By hand is quicker from {count} on.</source>
   <translation>Von Hand geht es schneller ab {count} Stück.</translation>
  </message>
  <message>
   <source>By hand is quicker, however many.</source>
   <translation>Von Hand geht es schneller, wie viele es auch sind.</translation>
  </message>
  <message>
   <source>By its name, by what people call it, or by what it is for.</source>
   <translation>Nach ihrem Namen, danach, wie man sie nennt, oder wofür sie ist.</translation>
  </message>
  <message>
   <source>By machine</source>
   <translation>Mit der Maschine</translation>
  </message>
  <message>
   <source>By {author}, version {version}</source>
   <translation>Von {author}, Fassung {version}</translation>
  </message>
  <message>
   <source>C# envelope</source>
   <translation>Umschlag C#</translation>
  </message>
  <message>
   <source>C#/C# envelope</source>
   <translation>Umschlag C#/C#</translation>
  </message>
  <message>
   <source>C&amp;ut a figure out of a picture…</source>
   <translation>Figur aus einem Bild aus&amp;schneiden …</translation>
  </message>
  <message>
   <source>Cabinet</source>
   <translation>Schrank</translation>
  </message>
  <message>
   <source>Cancel</source>
   <translation>Abbrechen</translation>
  </message>
  <message>
   <source>Cap</source>
   <translation>Kappe</translation>
  </message>
  <message>
   <source>Card</source>
   <translation>Karton</translation>
  </message>
  <message>
   <source>Card 160 g</source>
   <translation>Karton 160 g</translation>
  </message>
  <message>
   <source>Card 180 g</source>
   <translation>Karton 180 g</translation>
  </message>
  <message>
   <source>Card 200 g</source>
   <translation>Karton 200 g</translation>
  </message>
  <message>
   <source>Card 220 g</source>
   <translation>Karton 220 g</translation>
  </message>
  <message>
   <source>Card 250 g</source>
   <translation>Karton 250 g</translation>
  </message>
  <message>
   <source>Card 270 g</source>
   <translation>Karton 270 g</translation>
  </message>
  <message>
   <source>Card left between pieces, so that a knife passes: 3 mm is usual.</source>
   <translation>Karton, der zwischen Stücken bleibt, damit ein Messer hindurchgeht: 3 mm sind üblich.</translation>
  </message>
  <message>
   <source>Cards</source>
   <translation>Karten</translation>
  </message>
  <message>
   <source>Cards and tags</source>
   <translation>Karten und Anhänger</translation>
  </message>
  <message>
   <source>Carrying bag</source>
   <translation>Tragetüte</translation>
  </message>
  <message>
   <source>Castors</source>
   <translation>Rollen</translation>
  </message>
  <message>
   <source>Cells across</source>
   <translation>Fächer quer</translation>
  </message>
  <message>
   <source>Cells along</source>
   <translation>Fächer längs</translation>
  </message>
  <message>
   <source>Change it…</source>
   <translation>Ändern …</translation>
  </message>
  <message>
   <source>Channel {spacing} mm, inside</source>
   <translation>Rinne {spacing} mm, innen</translation>
  </message>
  <message>
   <source>Channel {spacing} mm, outside</source>
   <translation>Rinne {spacing} mm, außen</translation>
  </message>
  <message>
   <source>Checks</source>
   <translation>Prüfungen</translation>
  </message>
  <message>
   <source>Checks: {words}</source>
   <translation>Prüfungen: {words}</translation>
  </message>
  <message>
   <source>Chest of drawers</source>
   <translation>Schubladenschrank</translation>
  </message>
  <message>
   <source>Children cut, heat and glue hot only with an adult.</source>
   <translation>Kinder schneiden, erhitzen und kleben heiß nur mit Erwachsenen.</translation>
  </message>
  <message>
   <source>Choose a construction, write the size of the thing that goes in, and print. Thickness, tabs and score lines are worked out for you.</source>
   <translation>Wählen Sie eine Bauform, schreiben Sie die Größe dessen, was hineinkommt, und drucken Sie. Dicke, Laschen und Rilllinien werden für Sie gerechnet.</translation>
  </message>
  <message>
   <source>Choose a file…</source>
   <translation>Datei wählen…</translation>
  </message>
  <message>
   <source>Choose a line to go back to it, or forward again.</source>
   <translation>Wählen Sie eine Zeile, um dahin zurück- oder wieder vorzugehen.</translation>
  </message>
  <message>
   <source>Choose a picture.</source>
   <translation>Ein Bild wählen.</translation>
  </message>
  <message>
   <source>Choose a picture…</source>
   <translation>Bild wählen …</translation>
  </message>
  <message>
   <source>Clearance</source>
   <translation>Spiel</translation>
  </message>
  <message>
   <source>Close</source>
   <translation>Schließen</translation>
  </message>
  <message>
   <source>Close both ends, their sides tucked in, with a line of glue along each.</source>
   <translation>Beide Enden schließen, ihre Seiten eingeschlagen, mit einer Leimlinie an jedem.</translation>
  </message>
  <message>
   <source>Close the checks</source>
   <translation>Die Prüfungen schließen</translation>
  </message>
  <message>
   <source>Close this opening</source>
   <translation>Diese Öffnung schließen</translation>
  </message>
  <message>
   <source>Closing</source>
   <translation>Verschluss</translation>
  </message>
  <message>
   <source>Closing flap</source>
   <translation>Klappe Schließend</translation>
  </message>
  <message>
   <source>Cloth gives</source>
   <translation>Stoff gibt nach</translation>
  </message>
  <message>
   <source>Coat the ball, slip the band over it to the equator, and smooth the petals to the poles, each after the one opposite.</source>
   <translation>Die Kugel einstreichen, das Band bis zum Äquator darüberschieben und die Blätter zu den Polen glattstreichen, jedes nach dem gegenüberliegenden.</translation>
  </message>
  <message>
   <source>Collar</source>
   <translation>Kragen</translation>
  </message>
  <message>
   <source>Colour…</source>
   <translation>Farbe…</translation>
  </message>
  <message>
   <source>Column</source>
   <translation>Säule</translation>
  </message>
  <message>
   <source>Column height</source>
   <translation>Säule Höhe</translation>
  </message>
  <message>
   <source>Column width</source>
   <translation>Säule Breite</translation>
  </message>
  <message>
   <source>Commands found</source>
   <translation>Gefundene Befehle</translation>
  </message>
  <message>
   <source>Compare side by side</source>
   <translation>Nebeneinander vergleichen</translation>
  </message>
  <message>
   <source>Compare side by side…</source>
   <translation>Nebeneinander vergleichen…</translation>
  </message>
  <message>
   <source>Compare with another sheet</source>
   <translation>Mit einem anderen Bogen vergleichen</translation>
  </message>
  <message>
   <source>Compare with {sheet}</source>
   <translation>Mit {sheet} vergleichen</translation>
  </message>
  <message>
   <source>Compare: write what must fit first</source>
   <translation>Vergleichen: schreiben Sie erst, was hineinpassen muss</translation>
  </message>
  <message>
   <source>Cone</source>
   <translation>Kegel</translation>
  </message>
  <message>
   <source>Construction</source>
   <translation>Bauform</translation>
  </message>
  <message>
   <source>Construction {number}</source>
   <translation>Bauform {number}</translation>
  </message>
  <message>
   <source>Copies</source>
   <translation>Stückzahl</translation>
  </message>
  <message>
   <source>Copies to cut of every piece.</source>
   <translation>Wie viele von jedem Stück zu schneiden sind.</translation>
  </message>
  <message>
   <source>Copy</source>
   <translation>Kopieren</translation>
  </message>
  <message>
   <source>Copy paper 80 g</source>
   <translation>Kopierpapier 80 g</translation>
  </message>
  <message>
   <source>Corner</source>
   <translation>Ecke</translation>
  </message>
  <message>
   <source>Corner flap</source>
   <translation>Ecklasche</translation>
  </message>
  <message>
   <source>Corner radius</source>
   <translation>Eckenradius</translation>
  </message>
  <message>
   <source>Corners</source>
   <translation>Ecken</translation>
  </message>
  <message>
   <source>Corners clear</source>
   <translation>Ecken frei</translation>
  </message>
  <message>
   <source>Corners cut</source>
   <translation>Ecken Schnitt</translation>
  </message>
  <message>
   <source>Correct for it</source>
   <translation>Danach berichtigen</translation>
  </message>
  <message>
   <source>Corrected for {printer}.</source>
   <translation>Berichtigt für {printer}.</translation>
  </message>
  <message>
   <source>Corrected, across</source>
   <translation>Berichtigt, quer</translation>
  </message>
  <message>
   <source>Corrected, along</source>
   <translation>Berichtigt, längs</translation>
  </message>
  <message>
   <source>Corrugated B, about 3 mm</source>
   <translation>Wellpappe B, etwa 3 mm</translation>
  </message>
  <message>
   <source>Corrugated C, about 4 mm</source>
   <translation>Wellpappe C, etwa 4 mm</translation>
  </message>
  <message>
   <source>Corrugated E, about 1.5 mm</source>
   <translation>Wellpappe E, etwa 1,5 mm</translation>
  </message>
  <message>
   <source>Cotton fabric 120 g</source>
   <translation>Baumwollstoff 120 g</translation>
  </message>
  <message>
   <source>Counter-clockwise, about its middle.</source>
   <translation>Gegen den Uhrzeiger, um seine Mitte.</translation>
  </message>
  <message>
   <source>Cover card 100 lb</source>
   <translation>Cover-Karton 100 lb</translation>
  </message>
  <message>
   <source>Cover card 65 lb</source>
   <translation>Cover-Karton 65 lb</translation>
  </message>
  <message>
   <source>Cover card 80 lb</source>
   <translation>Cover-Karton 80 lb</translation>
  </message>
  <message>
   <source>Crease every fold and open it again: long ones first, then the edges, the small tabs last.</source>
   <translation>Jeden Falz vorfalten und wieder öffnen: lange zuerst, dann die Kanten, die kleinen Laschen zuletzt.</translation>
  </message>
  <message>
   <source>Crease gain</source>
   <translation>Falzzugabe</translation>
  </message>
  <message>
   <source>Curve within</source>
   <translation>Rundung auf</translation>
  </message>
  <message>
   <source>Curved score, {face}: a small ball tool, freely along the line or round a template.</source>
   <translation>Gebogene Rille, {face}: mit einem kleinen Kugelwerkzeug, frei an der Linie oder um eine Schablone.</translation>
  </message>
  <message>
   <source>Cushion</source>
   <translation>Kissen</translation>
  </message>
  <message>
   <source>Cut a figure out of a picture</source>
   <translation>Eine Figur aus einem Bild ausschneiden</translation>
  </message>
  <message>
   <source>Cut across</source>
   <translation>Quer geschnitten</translation>
  </message>
  <message>
   <source>Cut across the {piece}</source>
   <translation>{piece} quer schneiden</translation>
  </message>
  <message>
   <source>Cut across this piece: {what}</source>
   <translation>Dieses Stück quer schneiden: {what}</translation>
  </message>
  <message>
   <source>Cut both lines of every channel in the sides, a third of the board deep, and lift the strip between them out.</source>
   <translation>Beide Linien jeder Nut in den Seiten ein Drittel der Pappe tief schneiden und den Streifen dazwischen herausheben.</translation>
  </message>
  <message>
   <source>Cut into this panel: {what}</source>
   <translation>In dieses Feld schneiden: {what}</translation>
  </message>
  <message>
   <source>Cut it across</source>
   <translation>Quer schneiden</translation>
  </message>
  <message>
   <source>Cut it off at its fold, with all that hangs on it, and join it by a glued tab: where all is too large for the sheet.</source>
   <translation>An seinem Falz abtrennen, mit allem, was daran hängt, und mit einer Klebelasche anfügen: wo alles für den Bogen zu groß ist.</translation>
  </message>
  <message>
   <source>Cut it there</source>
   <translation>Dort schneiden</translation>
  </message>
  <message>
   <source>Cut open</source>
   <translation>Aufschneiden</translation>
  </message>
  <message>
   <source>Cut the decorative edge of both ends, each in one go.</source>
   <translation>Die Zierkante beider Enden schneiden, jede in einem Zug.</translation>
  </message>
  <message>
   <source>Cut the folded thing open and look at its walls. The cut faces are persimmon.</source>
   <translation>Das Gefaltete aufschneiden und seine Wände ansehen. Die Schnittflächen sind rotorange.</translation>
  </message>
  <message>
   <source>Cut the piece in two along a level line, to be joined by a glued lap.</source>
   <translation>Das Stück längs einer liegenden Linie teilen, durch einen geklebten Überlapp zu verbinden.</translation>
  </message>
  <message>
   <source>Cut the piece in two along an upright line, to be joined by a glued lap: where it is too large for the sheet. Drag the line on the flat.</source>
   <translation>Das Stück längs einer aufrechten Linie teilen, durch einen geklebten Überlapp zu verbinden: wo es für den Bogen zu groß ist. Ziehen Sie die Linie im Flachen.</translation>
  </message>
  <message>
   <source>Cut the piece that is too large along lines, so that all parts fit, to be joined again by glued laps. The lines can be dragged on the flat afterwards.</source>
   <translation>Das zu große Stück längs Linien schneiden, damit alle Teile passen, und durch geklebte Überlappe wieder verbinden. Die Linien lassen sich danach im Flachen ziehen.</translation>
  </message>
  <message>
   <source>Cut with a fresh blade against a metal rule, away from the hand; children only with an adult. With cutting machines and lasers follow the maker's instructions and local rules.</source>
   <translation>Mit frischer Klinge am Metalllineal schneiden, von der Hand weg; Kinder nur mit Erwachsenen. Bei Schneidemaschinen und Lasern den Anweisungen des Herstellers und den örtlichen Regeln folgen.</translation>
  </message>
  <message>
   <source>Cut with a fresh blade along a metal rule, away from the holding hand; put the blade away between cuts.</source>
   <translation>Schneide mit frischer Klinge am Stahllineal, weg von der haltenden Hand; leg die Klinge zwischen den Schnitten weg.</translation>
  </message>
  <message>
   <source>Cut {count} pieces, stack five and then all, press, and measure the height.</source>
   <translation>Schneiden Sie {count} Stücke, stapeln Sie fünf und dann alle, pressen Sie und messen Sie die Höhe.</translation>
  </message>
  <message>
   <source>Cut {number}: {tool}, the part with {holds}: {mm} from its {edge}, {why}</source>
   <translation>Schnitt {number}: {tool}, das Stück mit {holds}: {mm} von seiner {edge}, {why}</translation>
  </message>
  <message>
   <source>Cut {number}: {tool}, {length}, {passes} passes: {why}</source>
   <translation>Schnitt {number}: {tool}, {length}, {passes} Durchgänge: {why}</translation>
  </message>
  <message>
   <source>Cut {number}: {tool}, {length}: {why}</source>
   <translation>Schnitt {number}: {tool}, {length}: {why}</translation>
  </message>
  <message>
   <source>Cut {number}: {tool}, {mm} from the {edge}, {why}</source>
   <translation>Schnitt {number}: {tool}, {mm} von der {edge}, {why}</translation>
  </message>
  <message>
   <source>Cut {number}: {tool}: {why}</source>
   <translation>Schnitt {number}: {tool}: {why}</translation>
  </message>
  <message>
   <source>Cut-out</source>
   <translation>Ausschneidefigur</translation>
  </message>
  <message>
   <source>Cuts as hairlines</source>
   <translation>Schnitte als Haarlinien</translation>
  </message>
  <message>
   <source>Cuts as lines</source>
   <translation>Schnitte als Linien</translation>
  </message>
  <message>
   <source>Cuts on the back only</source>
   <translation>Schnitte nur auf der Rückseite</translation>
  </message>
  <message>
   <source>Cutting list</source>
   <translation>Schnittliste</translation>
  </message>
  <message>
   <source>Cutting list…</source>
   <translation>Schnittliste…</translation>
  </message>
  <message>
   <source>DL envelope</source>
   <translation>Umschlag DL</translation>
  </message>
  <message>
   <source>Date</source>
   <translation>Datum</translation>
  </message>
  <message>
   <source>Day light</source>
   <translation>Tageslicht</translation>
  </message>
  <message>
   <source>Depth</source>
   <translation>Tiefe</translation>
  </message>
  <message>
   <source>Desk laser</source>
   <translation>Tischlaser</translation>
  </message>
  <message>
   <source>Deutsche Post, letter products, 2024</source>
   <translation>Deutsche Post, Briefprodukte, 2024</translation>
  </message>
  <message>
   <source>Deviation</source>
   <translation>Abweichung</translation>
  </message>
  <message>
   <source>Diagonal envelope</source>
   <translation>Diagonalumschlag</translation>
  </message>
  <message>
   <source>Diameter</source>
   <translation>Durchmesser</translation>
  </message>
  <message>
   <source>Dividers</source>
   <translation>Fächereinsatz</translation>
  </message>
  <message>
   <source>Do each step for all of them: glue, lay aside, the next; so the least is laid down and taken up again.</source>
   <translation>Mach jeden Schritt für alle: kleben, beiseitelegen, das nächste; so wird am wenigsten hingelegt und wieder aufgenommen.</translation>
  </message>
  <message>
   <source>Does it come out as asked?</source>
   <translation>Wird es wie gewollt?</translation>
  </message>
  <message>
   <source>Dome</source>
   <translation>Kuppel</translation>
  </message>
  <message>
   <source>Done</source>
   <translation>Fertig</translation>
  </message>
  <message>
   <source>Done, next</source>
   <translation>Fertig, weiter</translation>
  </message>
  <message>
   <source>Door frames</source>
   <translation>Türrahmen</translation>
  </message>
  <message>
   <source>Door height</source>
   <translation>Türhöhe</translation>
  </message>
  <message>
   <source>Door hinge</source>
   <translation>Türband</translation>
  </message>
  <message>
   <source>Door width</source>
   <translation>Türbreite</translation>
  </message>
  <message>
   <source>Doors</source>
   <translation>Türen</translation>
  </message>
  <message>
   <source>Double this thing, measures and all</source>
   <translation>Dieses Ding verdoppeln, mit Maßen und allem</translation>
  </message>
  <message>
   <source>Draft</source>
   <translation>Entwurf</translation>
  </message>
  <message>
   <source>Draft anew</source>
   <translation>Neu entwerfen</translation>
  </message>
  <message>
   <source>Draft it anew</source>
   <translation>Neu entwerfen</translation>
  </message>
  <message>
   <source>Draft it anew at this size</source>
   <translation>In dieser Größe neu entwerfen</translation>
  </message>
  <message>
   <source>Draft, scale and build things of card.</source>
   <translation>Dinge aus Karton entwerfen, skalieren und bauen.</translation>
  </message>
  <message>
   <source>Drafted at 1 to</source>
   <translation>Entworfen in 1 zu</translation>
  </message>
  <message>
   <source>Drag a step to where you want it; what that breaks is said at once. Earlier and Later do the same by keys.</source>
   <translation>Einen Schritt dorthin ziehen, wo er hin soll; was das bricht, wird gleich gesagt. Früher und Später tun dasselbe mit Tasten.</translation>
  </message>
  <message>
   <source>Drag it, or move it with the arrow keys: with Shift by 10 mm, with Control by 0.1 mm.</source>
   <translation>Ziehen Sie es oder rücken Sie es mit den Pfeiltasten: mit Umschalt um 10 mm, mit Strg um 0,1 mm.</translation>
  </message>
  <message>
   <source>Drag it, or nudge it with the arrow keys (with Shift by 10 mm). R turns it, L holds it, Delete lets it go.</source>
   <translation>Ziehen oder mit den Pfeiltasten rücken (mit Umschalt um 10 mm). R dreht, L hält fest, Entf lässt los.</translation>
  </message>
  <message>
   <source>Drag to turn it, or Shift with the arrow keys; it is kept as you turned it.</source>
   <translation>Ziehen dreht es, oder Umschalt mit den Pfeiltasten; so gedreht bleibt es.</translation>
  </message>
  <message>
   <source>Draw a ribbon through each eyelet and knot it inside.</source>
   <translation>Durch jede Öse ein Band ziehen und innen verknoten.</translation>
  </message>
  <message>
   <source>Draw a strip of 100 mm tight: by so many mm it grows. Covers are cut smaller by half of it.</source>
   <translation>Zieh einen Streifen von 100 mm straff: um so viele mm wächst er. Bezüge werden um die Hälfte davon kleiner geschnitten.</translation>
  </message>
  <message>
   <source>Draw the elastic through both eyelets from outside and knot its ends inside, so that it lies round the closed folder without pulling.</source>
   <translation>Das Gummi von außen durch beide Ösen ziehen und seine Enden innen verknoten, so dass es ohne Zug um die geschlossene Mappe liegt.</translation>
  </message>
  <message>
   <source>Draw the ribbon, doubled, through the hole of the tag and its ends through the loop.</source>
   <translation>Das Band doppelt durch das Loch des Anhängers ziehen und seine Enden durch die Schlaufe.</translation>
  </message>
  <message>
   <source>Draw the {name} cover over its pad: glue its hem on one side, then opposite, then the corners pulled tight, then all between.</source>
   <translation>Den Bezug von {name} über sein Polster ziehen: den Saum an einer Seite leimen, dann gegenüber, dann die straff gezogenen Ecken, dann alles dazwischen.</translation>
  </message>
  <message>
   <source>Draw {names} over a rounded edge until it curls, then roll it up.</source>
   <translation>{names} über eine runde Kante ziehen, bis es sich wölbt, dann aufrollen.</translation>
  </message>
  <message>
   <source>Drawer bin</source>
   <translation>Schubladenkasten</translation>
  </message>
  <message>
   <source>Drawer in a sleeve</source>
   <translation>Schublade in der Hülle</translation>
  </message>
  <message>
   <source>Drawers</source>
   <translation>Schubladen</translation>
  </message>
  <message>
   <source>Drawing paper 90 g</source>
   <translation>Zeichenpapier 90 g</translation>
  </message>
  <message>
   <source>Drawn</source>
   <translation>Gezeichnet</translation>
  </message>
  <message>
   <source>Drop the {guest} into the {panel}.</source>
   <translation>Setzen Sie {guest} in {panel} ein.</translation>
  </message>
  <message>
   <source>Drops into</source>
   <translation>Sinkt ein in</translation>
  </message>
  <message>
   <source>Each is cut so long; 0 for what comes in its size.</source>
   <translation>So lang wird jedes geschnitten; 0 für das, was in seiner Größe kommt.</translation>
  </message>
  <message>
   <source>Each thing on its own sheets</source>
   <translation>Jedes Ding auf eigene Bogen</translation>
  </message>
  <message>
   <source>Ear to ear</source>
   <translation>Ohr zu Ohr</translation>
  </message>
  <message>
   <source>Earlier</source>
   <translation>Früher</translation>
  </message>
  <message>
   <source>Eaves</source>
   <translation>Dachüberstand</translation>
  </message>
  <message>
   <source>Edge</source>
   <translation>Kante</translation>
  </message>
  <message>
   <source>Edge bands</source>
   <translation>Kantenbänder</translation>
  </message>
  <message>
   <source>Edge to</source>
   <translation>Kante zu</translation>
  </message>
  <message>
   <source>Edges with the same number meet.</source>
   <translation>Kanten mit derselben Nummer treffen sich.</translation>
  </message>
  <message>
   <source>Ends</source>
   <translation>Enden</translation>
  </message>
  <message>
   <source>Enlarge the drawing instead</source>
   <translation>Stattdessen die Zeichnung vergrößern</translation>
  </message>
  <message>
   <source>Enlarging the drawing would come to the same.</source>
   <translation>Die Zeichnung zu vergrößern käme auf dasselbe hinaus.</translation>
  </message>
  <message numerus="yes">
   <source>Enlarging the drawing would leave {count} panels wrong, the {panel} by {size} {way}: creases and tabs would be made for card {caliper} thick, and the card is {really}</source>
   <translation>
    <numerusform>Die Zeichnung zu vergrößern machte {count} Feld falsch, {panel} um {size} {way}: Falze und Laschen wären für {caliper} dicken Karton, und der Karton ist {really}</numerusform>
    <numerusform>Die Zeichnung zu vergrößern machte {count} Felder falsch, {panel} um {size} {way}: Falze und Laschen wären für {caliper} dicken Karton, und der Karton ist {really}</numerusform>
   </translation>
  </message>
  <message>
   <source>Enter keeps it with the notes of this thing, with the number of the step.</source>
   <translation>Enter legt es zu den Notizen dieses Dings, mit der Nummer des Schritts.</translation>
  </message>
  <message>
   <source>Entries</source>
   <translation>Einträge</translation>
  </message>
  <message>
   <source>Entries that cannot be read: {names}.</source>
   <translation>Einträge, die nicht zu lesen sind: {names}.</translation>
  </message>
  <message>
   <source>Entry</source>
   <translation>Eintrag</translation>
  </message>
  <message>
   <source>Envelope</source>
   <translation>Umschlag</translation>
  </message>
  <message>
   <source>Envelopes</source>
   <translation>Umschläge</translation>
  </message>
  <message>
   <source>Envelopes, folders, pockets</source>
   <translation>Umschläge, Mappen, Taschen</translation>
  </message>
  <message>
   <source>Every page at exact size, with two check bars to measure on the first sheet.</source>
   <translation>Jede Seite in genauer Größe, mit zwei Prüfbalken zum Messen auf dem ersten Bogen.</translation>
  </message>
  <message>
   <source>Every page small, many side by side.</source>
   <translation>Jede Seite klein, viele nebeneinander.</translation>
  </message>
  <message>
   <source>Every piece and every sheet, each in a file of its own</source>
   <translation>Jedes Stück und jeder Bogen in einer eigenen Datei</translation>
  </message>
  <message>
   <source>Every piece by letter</source>
   <translation>Jedes Stück mit Buchstaben</translation>
  </message>
  <message>
   <source>Every piece by letter, with its size in mm and inches</source>
   <translation>Jedes Stück nach Buchstaben, mit seiner Größe in mm und Zoll</translation>
  </message>
  <message>
   <source>Every piece by letter, with its size in mm and inches, as pages to print or as a table.</source>
   <translation>Jedes Stück nach Buchstaben mit seiner Größe in mm und Zoll, als Seiten zum Drucken oder als Tabelle.</translation>
  </message>
  <message>
   <source>Every piece on these sheets. Press on one, or choose it here.</source>
   <translation>Jedes Stück auf diesen Bogen. Drücken Sie auf eines oder wählen Sie es hier.</translation>
  </message>
  <message>
   <source>Every piece, each in a file of its own</source>
   <translation>Jedes Stück in einer eigenen Datei</translation>
  </message>
  <message>
   <source>Every sheet as laid out, each in a file of its own</source>
   <translation>Jeder Bogen, wie er liegt, in einer eigenen Datei</translation>
  </message>
  <message>
   <source>Every sheet at actual size, whatever the printer would make of it</source>
   <translation>Jeder Bogen in wirklicher Größe, was auch der Drucker daraus machte</translation>
  </message>
  <message>
   <source>Every sheet is corrected for it.</source>
   <translation>Jeder Bogen wird danach berichtigt.</translation>
  </message>
  <message>
   <source>Every stock there is, your own among them: measure, add, convert</source>
   <translation>Alle Materialien, Ihre eigenen darunter: messen, hinzufügen, umrechnen</translation>
  </message>
  <message>
   <source>Every stock there is, your own among them: measure, add, convert. (F7)</source>
   <translation>Alle Materialien, Ihre eigenen darunter: messen, hinzufügen, umrechnen. (F7)</translation>
  </message>
  <message>
   <source>Every thing in the kit by the same factor</source>
   <translation>Jedes Ding im Satz um denselben Faktor</translation>
  </message>
  <message>
   <source>Everything done since the project was opened; go back to any of it</source>
   <translation>Alles, was seit dem Öffnen geschah; gehen Sie dahin zurück</translation>
  </message>
  <message>
   <source>Everything in one file (*.zip)</source>
   <translation>Alles in einer Datei (*.zip)</translation>
  </message>
  <message>
   <source>Everything made of it is drafted anew, after you have seen what changes.</source>
   <translation>Alles daraus wird neu entworfen, nachdem du gesehen hast, was sich ändert.</translation>
  </message>
  <message>
   <source>Everything of this project that is made of it follows; it can be undone</source>
   <translation>Alles in diesem Projekt, das daraus ist, folgt; es lässt sich rückgängig machen</translation>
  </message>
  <message>
   <source>Everything this thing is joined with, where it stands. Apart moves it along its joints, Open moves what turns and slides. Drag the thing in hand along its panel; click another to take it in hand.</source>
   <translation>Alles, womit dieses Ding verbunden ist, wo es steht. Auseinander bewegt es entlang seiner Verbindungen, Öffnen bewegt, was sich dreht und schiebt. Ziehen Sie das Ding in der Hand auf seiner Fläche entlang; ein Klick nimmt ein anderes in die Hand.</translation>
  </message>
  <message>
   <source>Export</source>
   <translation>Exportieren</translation>
  </message>
  <message>
   <source>Export some s&amp;heets…</source>
   <translation>Einige B&amp;ogen exportieren…</translation>
  </message>
  <message>
   <source>Export some sheets</source>
   <translation>Einige Bogen exportieren</translation>
  </message>
  <message>
   <source>Export the logbook</source>
   <translation>Logbuch exportieren</translation>
  </message>
  <message>
   <source>Exported {name}</source>
   <translation>{name} exportiert</translation>
  </message>
  <message>
   <source>Eye holes</source>
   <translation>Augenlöcher</translation>
  </message>
  <message>
   <source>Eyes up, %</source>
   <translation>Augen hoch, %</translation>
  </message>
  <message>
   <source>Faced</source>
   <translation>Kaschiert</translation>
  </message>
  <message>
   <source>Faced on one side only it warps as it dries: face the other side with the same paper, and dry it under weight.</source>
   <translation>Nur einseitig kaschiert verzieht es sich beim Trocknen: die andere Seite mit demselben Papier kaschieren und unter Gewicht trocknen.</translation>
  </message>
  <message>
   <source>Faces</source>
   <translation>Flächen</translation>
  </message>
  <message>
   <source>Faceted bowl</source>
   <translation>Facettenschale</translation>
  </message>
  <message>
   <source>Faceted model</source>
   <translation>Flächenmodell</translation>
  </message>
  <message>
   <source>Faceted solid</source>
   <translation>Vielflächner</translation>
  </message>
  <message>
   <source>Facets</source>
   <translation>Flächen</translation>
  </message>
  <message>
   <source>Facets that turn by no more are made one; corners move a little for it.</source>
   <translation>Facetten, die nicht weiter abknicken, werden eine; Ecken rücken dafür ein wenig.</translation>
  </message>
  <message>
   <source>Facing</source>
   <translation>Bezug</translation>
  </message>
  <message>
   <source>Fascia</source>
   <translation>Blende</translation>
  </message>
  <message>
   <source>Fastener</source>
   <translation>Klammer</translation>
  </message>
  <message>
   <source>Fence</source>
   <translation>Anschlag</translation>
  </message>
  <message>
   <source>Fence at the left</source>
   <translation>Anschlag links</translation>
  </message>
  <message>
   <source>Fence at the top</source>
   <translation>Anschlag oben</translation>
  </message>
  <message>
   <source>Fewer placings</source>
   <translation>Weniger Anlagen</translation>
  </message>
  <message>
   <source>File</source>
   <translation>Datei</translation>
  </message>
  <message>
   <source>Files</source>
   <translation>Dateien</translation>
  </message>
  <message>
   <source>Fill a drawer</source>
   <translation>Eine Schublade füllen</translation>
  </message>
  <message>
   <source>Fill a drawer…</source>
   <translation>Eine Schublade füllen…</translation>
  </message>
  <message>
   <source>Fill it first.</source>
   <translation>Erst füllen.</translation>
  </message>
  <message>
   <source>Fill small holes</source>
   <translation>Kleine Löcher füllen</translation>
  </message>
  <message>
   <source>Fin</source>
   <translation>Steg</translation>
  </message>
  <message>
   <source>Find a command</source>
   <translation>Einen Befehl finden</translation>
  </message>
  <message>
   <source>Find a construction</source>
   <translation>Eine Bauform suchen</translation>
  </message>
  <message>
   <source>Find a stock</source>
   <translation>Ein Material suchen</translation>
  </message>
  <message>
   <source>Find: card 300, 65lb cover, 14pt, 0.5mm</source>
   <translation>Suchen: karton 300, 65lb cover, 14pt, 0.5mm</translation>
  </message>
  <message>
   <source>Find: lampshade, gift box, hexagon, book…</source>
   <translation>Suchen: Lampenschirm, Geschenkschachtel, Sechseck, Buch…</translation>
  </message>
  <message>
   <source>Finger hole</source>
   <translation>Fingerloch</translation>
  </message>
  <message>
   <source>Finished, in one step. Move the slider to see it.</source>
   <translation>Fertig, in einem Schritt. Schieben Sie den Regler, um ihn zu sehen.</translation>
  </message>
  <message>
   <source>Finished, in {count} steps. Move the slider to see each.</source>
   <translation>Fertig, in {count} Schritten. Schieben Sie den Regler, um jeden zu sehen.</translation>
  </message>
  <message>
   <source>Fits</source>
   <translation>Passt</translation>
  </message>
  <message>
   <source>Fix the patch, {size}, behind the {window} of the {panel}.</source>
   <translation>Den Flicken, {size}, hinter {window} von {panel} befestigen.</translation>
  </message>
  <message>
   <source>Flag on a stick</source>
   <translation>Fahne am Stab</translation>
  </message>
  <message>
   <source>Flap</source>
   <translation>Klappe</translation>
  </message>
  <message>
   <source>Flaps</source>
   <translation>Laschen</translation>
  </message>
  <message>
   <source>Flaps of {depth} on the {a} and the {b}, glued to each other. {length} long.</source>
   <translation>Klappen von {depth} an {a} und {b}, aneinander geklebt. {length} lang.</translation>
  </message>
  <message>
   <source>Flat</source>
   <translation>Flach</translation>
  </message>
  <message>
   <source>Flat above, folded below</source>
   <translation>Flach oben, gefaltet unten</translation>
  </message>
  <message>
   <source>Flat and folded side by side</source>
   <translation>Flach und gefaltet nebeneinander</translation>
  </message>
  <message>
   <source>Flat figure</source>
   <translation>Flache Figur</translation>
  </message>
  <message>
   <source>Flat pocket</source>
   <translation>Flache Tasche</translation>
  </message>
  <message>
   <source>Flat view</source>
   <translation>Flache Ansicht</translation>
  </message>
  <message>
   <source>Flat. Score every fold before folding any.</source>
   <translation>Flach. Erst jeden Falz rillen, dann falten.</translation>
  </message>
  <message>
   <source>Foam pads</source>
   <translation>Schaumpolster</translation>
  </message>
  <message>
   <source>Foam sheet 2 mm</source>
   <translation>Schaumstoff 2 mm</translation>
  </message>
  <message>
   <source>Foam sheet 5 mm</source>
   <translation>Schaumstoff 5 mm</translation>
  </message>
  <message>
   <source>Fold</source>
   <translation>Falz</translation>
  </message>
  <message>
   <source>Fold it from flat to finished on the Draft station</source>
   <translation>Von flach bis fertig falten, am Platz Entwurf</translation>
  </message>
  <message>
   <source>Fold it from flat to finished, step by step.</source>
   <translation>Von flach bis fertig falten, Schritt für Schritt.</translation>
  </message>
  <message>
   <source>Fold length</source>
   <translation>Falz Länge</translation>
  </message>
  <message>
   <source>Fold lines</source>
   <translation>Falzlinien</translation>
  </message>
  <message>
   <source>Fold step by step instead of moving</source>
   <translation>Schritt für Schritt falten statt bewegt</translation>
  </message>
  <message>
   <source>Fold the flap of {names} back.</source>
   <translation>Den Lappen von {names} zurückfalten.</translation>
  </message>
  <message>
   <source>Fold the two flaps of {names} back.</source>
   <translation>Die zwei Klappen von {names} zurückfalten.</translation>
  </message>
  <message>
   <source>Fold {names} in.</source>
   <translation>{names} einfalten.</translation>
  </message>
  <message>
   <source>Fold {names} out.</source>
   <translation>{names} nach außen falten.</translation>
  </message>
  <message>
   <source>Fold {names} over flat.</source>
   <translation>{names} flach umlegen.</translation>
  </message>
  <message>
   <source>Fold {names} over the outside, and glue down.</source>
   <translation>{names} außen darüberfalten und festkleben.</translation>
  </message>
  <message>
   <source>Folded</source>
   <translation>Gefaltet</translation>
  </message>
  <message>
   <source>Folded card</source>
   <translation>Klappkarte</translation>
  </message>
  <message>
   <source>Folded view</source>
   <translation>Gefaltete Ansicht</translation>
  </message>
  <message>
   <source>Folded: {size} outside</source>
   <translation>Gefaltet: außen {size}</translation>
  </message>
  <message>
   <source>Folder, wallet</source>
   <translation>Mappe</translation>
  </message>
  <message>
   <source>Folds</source>
   <translation>Falze</translation>
  </message>
  <message>
   <source>Font</source>
   <translation>Schrift</translation>
  </message>
  <message>
   <source>Foot</source>
   <translation>Fuß</translation>
  </message>
  <message>
   <source>Foot across</source>
   <translation>Fuß quer</translation>
  </message>
  <message>
   <source>Foot teeth</source>
   <translation>Zähne Fuß</translation>
  </message>
  <message>
   <source>Foot up</source>
   <translation>Fuß hoch</translation>
  </message>
  <message>
   <source>For</source>
   <translation>Für</translation>
  </message>
  <message>
   <source>For a bought part: a stick, an eyelet, a magnet.</source>
   <translation>Für ein gekauftes Teil: einen Stab, eine Öse, einen Magneten.</translation>
  </message>
  <message>
   <source>For a machine that cuts what was printed: it finds the sheet by them.</source>
   <translation>Für eine Maschine, die Gedrucktes schneidet: sie findet den Bogen daran.</translation>
  </message>
  <message>
   <source>For a thing {long} by {wide} by {thick}</source>
   <translation>Für ein Ding von {long} mal {wide} mal {thick}</translation>
  </message>
  <message>
   <source>For this step</source>
   <translation>Für diesen Schritt</translation>
  </message>
  <message>
   <source>Forget it</source>
   <translation>Vergessen</translation>
  </message>
  <message>
   <source>Forget where pieces were put, by hand or by nesting.</source>
   <translation>Vergessen, wohin Stücke gelegt wurden, von Hand oder durch engeres Legen.</translation>
  </message>
  <message>
   <source>Forming block</source>
   <translation>Formblock</translation>
  </message>
  <message>
   <source>Frames</source>
   <translation>Rahmen</translation>
  </message>
  <message>
   <source>From below</source>
   <translation>Von unten</translation>
  </message>
  <message>
   <source>From copy {first} to copy {last}.</source>
   <translation>Von Stück {first} bis Stück {last}.</translation>
  </message>
  <message>
   <source>From copy {first} to copy {last}: the first has been left alone longest.</source>
   <translation>Von Stück {first} bis Stück {last}: das erste hat am längsten geruht.</translation>
  </message>
  <message>
   <source>From copy {first} to copy {last}: the one in hand goes first.</source>
   <translation>Von Stück {first} bis Stück {last}: das in der Hand kommt zuerst.</translation>
  </message>
  <message>
   <source>From flat to finished, in the order it is folded by hand. The ticks are the steps; Page Up and Page Down go from step to step.</source>
   <translation>Von flach bis fertig, in der Reihenfolge der Hand. Die Striche sind die Schritte; Bild auf und Bild ab gehen von Schritt zu Schritt.</translation>
  </message>
  <message>
   <source>From one model scale to another</source>
   <translation>Von einem Modellmaßstab zum anderen</translation>
  </message>
  <message>
   <source>From the left</source>
   <translation>Von links</translation>
  </message>
  <message>
   <source>From the left end of the flat to the line.</source>
   <translation>Vom linken Ende des Flachen bis zur Linie.</translation>
  </message>
  <message>
   <source>From the lower end of the flat to the line.</source>
   <translation>Vom unteren Ende des Flachen bis zur Linie.</translation>
  </message>
  <message>
   <source>From the middle; a length, or a sum such as =deck.width/4 - 6 mm of the measures of either thing.</source>
   <translation>Von der Mitte; eine Länge oder eine Summe wie =deck.width/4 - 6 mm aus Maßen beider Dinge.</translation>
  </message>
  <message>
   <source>From the middle; a length, or a sum.</source>
   <translation>Von der Mitte; eine Länge oder eine Summe.</translation>
  </message>
  <message>
   <source>From the panel's middle to the label's. Write a minus to go down.</source>
   <translation>Von der Mitte des Felds zur Mitte des Schilds. Ein Minus geht nach unten.</translation>
  </message>
  <message>
   <source>From the panel's middle to the label's. Write a minus to go left.</source>
   <translation>Von der Mitte des Felds zur Mitte des Schilds. Ein Minus geht nach links.</translation>
  </message>
  <message>
   <source>From the panel's middle to the opening's, as the panel is drawn. Write a minus to go left.</source>
   <translation>Von der Mitte des Felds zur Mitte der Öffnung, wie das Feld gezeichnet ist. Ein Minus geht nach links.</translation>
  </message>
  <message>
   <source>From the panel's middle to the opening's. Write a minus to go down.</source>
   <translation>Von der Mitte des Felds zur Mitte der Öffnung. Ein Minus geht nach unten.</translation>
  </message>
  <message>
   <source>From the panel's middle, as it stands when folded. Write a minus to go down.</source>
   <translation>Von der Mitte des Felds, wie es gefaltet steht. Ein Minus geht nach unten.</translation>
  </message>
  <message>
   <source>From the panel's middle, as it stands when folded. Write a minus to go left.</source>
   <translation>Von der Mitte des Felds, wie es gefaltet steht. Ein Minus geht nach links.</translation>
  </message>
  <message>
   <source>From upright, counter-clockwise.</source>
   <translation>Aus der Aufrechten, gegen den Uhrzeiger.</translation>
  </message>
  <message>
   <source>Front</source>
   <translation>Vorn</translation>
  </message>
  <message>
   <source>Front lower</source>
   <translation>Vorderseite unten</translation>
  </message>
  <message>
   <source>Gap</source>
   <translation>Spalt</translation>
  </message>
  <message>
   <source>German large letter</source>
   <translation>deutscher Großbrief</translation>
  </message>
  <message>
   <source>German standard letter</source>
   <translation>deutscher Standardbrief</translation>
  </message>
  <message>
   <source>Given to all, no rights kept (CC0 1.0).</source>
   <translation>Allen gegeben, keine Rechte behalten (CC0 1.0).</translation>
  </message>
  <message>
   <source>Glue</source>
   <translation>Kleben</translation>
  </message>
  <message>
   <source>Glue a bead under the end of each leg.</source>
   <translation>Kleb eine Perle unter das Ende jedes Beins.</translation>
  </message>
  <message>
   <source>Glue a disc over the tips at each pole.</source>
   <translation>An jedem Pol eine Scheibe über die Spitzen kleben.</translation>
  </message>
  <message>
   <source>Glue a strip of foam inside the brow, where it touches the forehead.</source>
   <translation>Einen Streifen Schaumstoff innen an die Stirn kleben, wo sie anliegt.</translation>
  </message>
  <message>
   <source>Glue between layers</source>
   <translation>Leim zwischen den Schichten</translation>
  </message>
  <message>
   <source>Glue on this panel: {what}</source>
   <translation>Auf dieses Feld kleben: {what}</translation>
  </message>
  <message>
   <source>Glue the allowances of the covers together, wrong side to wrong side, but for a gap of {gap} between the marks.</source>
   <translation>Kleb die Zugaben der Bezüge links auf links zusammen, bis auf eine Öffnung von {gap} zwischen den Marken.</translation>
  </message>
  <message>
   <source>Glue the bent tongues down: those of the deck from below, those of the ceiling from above.</source>
   <translation>Die umgebogenen Zungen festleimen: die des Bodens von unten, die der Decke von oben.</translation>
  </message>
  <message>
   <source>Glue the disc of the foot beneath the base, sides in line.</source>
   <translation>Kleben Sie die Scheibe des Fußes unter den Boden, die Seiten in einer Flucht.</translation>
  </message>
  <message>
   <source>Glue the disc over the tips.</source>
   <translation>Die Scheibe über die Spitzen kleben.</translation>
  </message>
  <message>
   <source>Glue the edge of the {carrier} into its channel in the {host}.</source>
   <translation>Die Kante von {carrier} in ihre Nut in {host} leimen.</translation>
  </message>
  <message>
   <source>Glue the edge of the {carrier} to the {host}.</source>
   <translation>Die Kante von {carrier} an {host} leimen.</translation>
  </message>
  <message>
   <source>Glue the edges of the {carrier} into their channels in {hosts}.</source>
   <translation>Die Kanten von {carrier} in ihre Nuten in {hosts} kleben.</translation>
  </message>
  <message>
   <source>Glue the edges of the {carrier} to {hosts}.</source>
   <translation>Die Kanten von {carrier} an {hosts} kleben.</translation>
  </message>
  <message>
   <source>Glue the ends of the ribbon to the lid and to a wall, {away} from the hinge.</source>
   <translation>Kleb die Enden des Bands an Deckel und Wand, {away} vom Scharnier.</translation>
  </message>
  <message>
   <source>Glue the equator's strip round the ball, then the bands towards the poles, each lapping over the last, and a disc on each pole.</source>
   <translation>Den Streifen des Äquators um die Kugel kleben, dann die Bänder zu den Polen hin, jedes über das letzte greifend, und auf jeden Pol eine Scheibe.</translation>
  </message>
  <message>
   <source>Glue the front card and the back card inside, close under the crease of the turned top, hole on hole; coat the turned top as well, and press it down over them as it is folded.</source>
   <translation>Die vordere und die hintere Verstärkung innen einleimen, dicht unter dem Falz des Umschlags, Loch auf Loch; auch den Umschlag bestreichen und beim Falten über sie andrücken.</translation>
  </message>
  <message>
   <source>Glue the hinge over the back and the lid while the lid stands open square, and fold it as it closes.</source>
   <translation>Kleb das Scharnier über Rücken und Deckel, während der Deckel rechtwinklig offen steht, und falte es beim Schließen.</translation>
  </message>
  <message>
   <source>Glue the hinge over the left side of the door and the wall beside it, outside, its crease amid the gap; keep glue off the crease.</source>
   <translation>Das Band außen über die linke Seite der Tür und die Wand daneben kleben, den Falz mitten im Spalt; keinen Leim an den Falz bringen.</translation>
  </message>
  <message>
   <source>Glue the legs to the lower collar, standing on paper that does not stick, over a drawn star.</source>
   <translation>Kleb die Beine an die untere Muffe, auf Papier stehend, das nicht haftet, über einem gezeichneten Stern.</translation>
  </message>
  <message>
   <source>Glue the lining over the hem.</source>
   <translation>Kleb das Futter über den Saum.</translation>
  </message>
  <message>
   <source>Glue the pocket by its three edges onto the back lining, its mouth to the top, and slip the tag in.</source>
   <translation>Kleb die Tasche mit ihren drei Rändern auf den hinteren Spiegel, die Öffnung nach oben, und steck den Anhänger hinein.</translation>
  </message>
  <message>
   <source>Glue the roof on the canopy, corners in line.</source>
   <translation>Das Dach auf den Baldachin leimen, Ecken auf Ecken.</translation>
  </message>
  <message>
   <source>Glue the slanting edge of the {carrier} to that of the {host}.</source>
   <translation>Kleb die schräge Kante von {carrier} an die von {host}.</translation>
  </message>
  <message>
   <source>Glue the slanting edges of the {carrier} to those of {hosts}.</source>
   <translation>Kleb die schrägen Kanten von {carrier} an die von {hosts}.</translation>
  </message>
  <message>
   <source>Glue the stick under the middle of the seat, upright; the seat turns in its column, which stays dry.</source>
   <translation>Kleb den Stab aufrecht unter die Mitte des Sitzes; der Sitz dreht sich in der Säule, die trocken bleibt.</translation>
  </message>
  <message>
   <source>Glue the strip round the edge, its ends where they show least, and rub it down.</source>
   <translation>Den Streifen um die Kante kleben, seine Enden wo man sie am wenigsten sieht, und anreiben.</translation>
  </message>
  <message>
   <source>Glue the two flaps of the {seam} to each other.</source>
   <translation>Die zwei Klappen von {seam} aneinanderkleben.</translation>
  </message>
  <message>
   <source>Glue the upright to the rear of the seat's board, between board and lining if there is room, and hold it till it is dry.</source>
   <translation>Kleb die Stütze hinten an die Sitzplatte, wenn Platz ist zwischen Platte und Futter, und halt sie, bis sie trocken ist.</translation>
  </message>
  <message>
   <source>Glue the wings to the sides of the back, leaning forward, with a strip of cloth behind each joint.</source>
   <translation>Kleb die Ohren nach vorn geneigt an die Seiten der Lehne, mit einem Streifen Stoff hinter jeder Fuge.</translation>
  </message>
  <message>
   <source>Glue the {carrier} on the edges of {hosts}.</source>
   <translation>Kleb {carrier} auf die Kanten von {hosts}.</translation>
  </message>
  <message>
   <source>Glue the {count} layers of {names} on each other, edges flush: spread the glue thinly, out to the edges, and press them under weight until dry.</source>
   <translation>Die {count} Lagen von {names} bündig aufeinanderleimen: Leim dünn bis an den Rand streichen und unter Gewicht trocknen lassen.</translation>
  </message>
  <message>
   <source>Glue the {count} plates on each other, edges flush, and let them dry under a weight.</source>
   <translation>Die {count} Platten aufeinanderkleben, Kanten bündig, und unter einem Gewicht trocknen lassen.</translation>
  </message>
  <message>
   <source>Glue the {guest} flat on the {panel}, where it is traced.</source>
   <translation>Kleben Sie {guest} flach auf {panel}, wo es vorgezeichnet ist.</translation>
  </message>
  <message>
   <source>Glue the {guest} onto the {panel}, where it is traced.</source>
   <translation>Kleben Sie {guest} auf {panel}, wo es vorgezeichnet ist.</translation>
  </message>
  <message>
   <source>Glue the {host} on the edge of the {carrier}.</source>
   <translation>Kleb {host} auf die Kante von {carrier}.</translation>
  </message>
  <message>
   <source>Glue the {host} on the strip behind the {carrier}.</source>
   <translation>{host} auf den Streifen hinter {carrier} kleben.</translation>
  </message>
  <message>
   <source>Glue the {name} on the inner face of the {panel}.</source>
   <translation>{name} auf die Innenseite von {panel} kleben.</translation>
  </message>
  <message>
   <source>Glue the {name} on the {panel}.</source>
   <translation>{name} auf {panel} kleben.</translation>
  </message>
  <message>
   <source>Glue the {piece} on {names} while both lie flat, an even border all round; no glue where the gum goes.</source>
   <translation>{piece} auf {names} leimen, solange beide flach liegen, ringsum mit gleichem Rand; kein Leim, wo die Gummierung hinkommt.</translation>
  </message>
  <message>
   <source>Glue the {piece} together where its lines bear one number.</source>
   <translation>{piece} zusammenkleben, wo die Linien eine Nummer tragen.</translation>
  </message>
  <message>
   <source>Glue the {upper} down where it laps over itself.</source>
   <translation>{upper} festkleben, wo es über sich selbst lappt.</translation>
  </message>
  <message>
   <source>Glue the {upper} on {lowers}.</source>
   <translation>{upper} auf {lowers} kleben.</translation>
  </message>
  <message>
   <source>Glue the {upper} together where its strips lap.</source>
   <translation>{upper} zusammenkleben, wo die Streifen überlappen.</translation>
  </message>
  <message>
   <source>Glue {names} on the {panel}.</source>
   <translation>{names} auf {panel} kleben.</translation>
  </message>
  <message>
   <source>Glue {stair} on the floor it stands on and against the edge of the well above, its lowest step on the traced line.</source>
   <translation>{stair} auf den Boden leimen, auf dem sie steht, und an den Rand der Öffnung darüber, die unterste Stufe auf der angezeichneten Linie.</translation>
  </message>
  <message>
   <source>Glued on it</source>
   <translation>Aufgeklebt</translation>
  </message>
  <message>
   <source>Glued on the {panel}</source>
   <translation>Aufgeklebt: {panel}</translation>
  </message>
  <message>
   <source>Go on with</source>
   <translation>Weiter mit</translation>
  </message>
  <message>
   <source>Go to its place</source>
   <translation>Zur Stelle gehen</translation>
  </message>
  <message>
   <source>Go to page</source>
   <translation>Zur Seite</translation>
  </message>
  <message>
   <source>Goes through</source>
   <translation>Geht durch</translation>
  </message>
  <message>
   <source>Going</source>
   <translation>Auftritt</translation>
  </message>
  <message>
   <source>Gores</source>
   <translation>Zwickel</translation>
  </message>
  <message>
   <source>Grain</source>
   <translation>Laufrichtung</translation>
  </message>
  <message>
   <source>Grammage</source>
   <translation>Flächengewicht</translation>
  </message>
  <message>
   <source>Grams</source>
   <translation>Gramm</translation>
  </message>
  <message>
   <source>Greyboard 1 mm</source>
   <translation>Graupappe 1 mm</translation>
  </message>
  <message>
   <source>Greyboard 1.5 mm</source>
   <translation>Graupappe 1,5 mm</translation>
  </message>
  <message>
   <source>Greyboard 2 mm</source>
   <translation>Graupappe 2 mm</translation>
  </message>
  <message>
   <source>Greyboard 2.5 mm</source>
   <translation>Graupappe 2,5 mm</translation>
  </message>
  <message>
   <source>Greyboard 3 mm</source>
   <translation>Graupappe 3 mm</translation>
  </message>
  <message>
   <source>Groove</source>
   <translation>Nut</translation>
  </message>
  <message>
   <source>Groove {groove}: placement {number} of {count}, {face}, {strokes}</source>
   <translation>Rille {groove}: Anlage {number} von {count}, {face}, {strokes}</translation>
  </message>
  <message>
   <source>Grooves</source>
   <translation>Rillenabstand</translation>
  </message>
  <message>
   <source>Guide</source>
   <translation>Führung</translation>
  </message>
  <message>
   <source>Gum</source>
   <translation>Gummierung</translation>
  </message>
  <message>
   <source>Gusset pocket</source>
   <translation>Faltentasche</translation>
  </message>
  <message>
   <source>Halves</source>
   <translation>Hälften</translation>
  </message>
  <message>
   <source>Halving</source>
   <translation>Überblattung</translation>
  </message>
  <message>
   <source>Handle</source>
   <translation>Griff</translation>
  </message>
  <message>
   <source>Handle rise</source>
   <translation>Höhe des Griffs</translation>
  </message>
  <message>
   <source>Handle width</source>
   <translation>Breite des Griffs</translation>
  </message>
  <message>
   <source>Hands only.</source>
   <translation>Nur die Hände.</translation>
  </message>
  <message>
   <source>Hang</source>
   <translation>Aufhängung</translation>
  </message>
  <message>
   <source>Hang the {guest} from the {panel} by a ribbon through the slit in each, knotted above and below.</source>
   <translation>{guest} an {panel} mit einem Band durch den Schlitz in jedem aufhängen, oben und unten verknotet.</translation>
  </message>
  <message>
   <source>Hang the {guest} from the {panel} by a thread, knotted above and below.</source>
   <translation>Hängen Sie {guest} mit einem Faden an {panel}, oben und unten verknotet.</translation>
  </message>
  <message>
   <source>Hang the {guest} from the {panel} by an elastic, knotted above and below.</source>
   <translation>{guest} an {panel} mit einem Gummi aufhängen, oben und unten verknotet.</translation>
  </message>
  <message>
   <source>Hangs from</source>
   <translation>Hängt an</translation>
  </message>
  <message>
   <source>Head</source>
   <translation>Kopfhöhe</translation>
  </message>
  <message>
   <source>Heaviest</source>
   <translation>Schwerstes</translation>
  </message>
  <message>
   <source>Heaviest stock it takes</source>
   <translation>Schwerstes Material, das er nimmt</translation>
  </message>
  <message>
   <source>Heavy card 300 g</source>
   <translation>Schwerer Karton 300 g</translation>
  </message>
  <message>
   <source>Heavy card 350 g</source>
   <translation>Schwerer Karton 350 g</translation>
  </message>
  <message>
   <source>Height</source>
   <translation>Höhe</translation>
  </message>
  <message>
   <source>Height inside</source>
   <translation>Höhe innen</translation>
  </message>
  <message>
   <source>Height of the pads it stands on; 0 where it is glued flat. Their height counts in the envelope.</source>
   <translation>Höhe der Polster, auf denen es steht; 0, wo es flach aufgeklebt ist. Ihre Höhe zählt im Umschlag mit.</translation>
  </message>
  <message>
   <source>Held</source>
   <translation>Gehalten</translation>
  </message>
  <message>
   <source>Held by</source>
   <translation>Gehalten von</translation>
  </message>
  <message>
   <source>Held with</source>
   <translation>Gehalten mit</translation>
  </message>
  <message>
   <source>Hem</source>
   <translation>Saum</translation>
  </message>
  <message>
   <source>Here the {a} catches on the {b}: bend it past by hand.</source>
   <translation>Hier bleibt {a} an {b} hängen: von Hand vorbeibiegen.</translation>
  </message>
  <message>
   <source>Hinged on</source>
   <translation>Klappt auf</translation>
  </message>
  <message>
   <source>History</source>
   <translation>Verlauf</translation>
  </message>
  <message>
   <source>Hold a rule against the bar and move the slider until the bar is exactly 100 mm long. Actual size is then true on this screen.</source>
   <translation>Halten Sie ein Lineal an den Balken und schieben Sie, bis er genau 100 mm lang ist. Die wirkliche Größe stimmt dann auf diesem Bildschirm.</translation>
  </message>
  <message>
   <source>Hold it there</source>
   <translation>Dort festhalten</translation>
  </message>
  <message>
   <source>Hold it to the light: how far to the right of and above the other cross this one lies, in mm, adds to the printer's back.</source>
   <translation>Gegen das Licht halten: wie weit dieses Kreuz rechts von und über dem anderen liegt, in mm, kommt zur Rückseite des Druckers dazu.</translation>
  </message>
  <message>
   <source>Hold it {seconds:.0f} s</source>
   <translation>{seconds:.0f} s halten</translation>
  </message>
  <message>
   <source>Hold the seam: {how}</source>
   <translation>Die Naht halten: {how}</translation>
  </message>
  <message>
   <source>Holds {inside}; stands {outside} outside.</source>
   <translation>Fasst {inside}; misst außen {outside}.</translation>
  </message>
  <message>
   <source>Hole</source>
   <translation>Loch</translation>
  </message>
  <message>
   <source>Holes</source>
   <translation>Löcher</translation>
  </message>
  <message>
   <source>Holes of few sides are closed; leave them open where they are meant, such as eyes.</source>
   <translation>Löcher mit wenigen Seiten werden geschlossen; offen lassen, wo sie gewollt sind, etwa Augen.</translation>
  </message>
  <message>
   <source>Hot glue burns skin and softens plastic windows: follow the maker's instructions.</source>
   <translation>Heißkleber verbrennt die Haut und weicht Kunststofffenster auf: beachte die Anweisungen des Herstellers.</translation>
  </message>
  <message>
   <source>Hot glue is held</source>
   <translation>Heißkleber wird gehalten</translation>
  </message>
  <message>
   <source>House of walls and floors</source>
   <translation>Haus aus Wänden und Böden</translation>
  </message>
  <message>
   <source>Housing</source>
   <translation>Nut</translation>
  </message>
  <message>
   <source>How</source>
   <translation>Wie</translation>
  </message>
  <message>
   <source>How cuts are printed</source>
   <translation>Wie Schnitte gedruckt werden</translation>
  </message>
  <message>
   <source>How far a colour may be from the ground's and be ground too.</source>
   <translation>Wie weit eine Farbe von der des Grundes entfernt sein und doch Grund sein darf.</translation>
  </message>
  <message>
   <source>How far it came out from what was asked</source>
   <translation>Wie weit es vom Gewollten abweicht</translation>
  </message>
  <message>
   <source>How far it drops in, how long its thread is, how far it slides, or how high its pads are.</source>
   <translation>Wie tief es sitzt, wie lang sein Faden ist, wie weit es gleitet oder wie hoch seine Klebepads sind.</translation>
  </message>
  <message>
   <source>How far it keeps inside the panel's edges: 3 mm, or an eighth of an inch, is usual. Of a band, how far it goes over each face.</source>
   <translation>Wie weit es innerhalb der Kanten bleibt: 3 mm oder ein Achtelzoll sind üblich. Bei einem Band, wie weit es über jede Fläche geht.</translation>
  </message>
  <message>
   <source>How far it runs past cuts and under tabs, so that no white edge shows: 3 mm is usual.</source>
   <translation>Wie weit es über Schnitte hinaus und unter Laschen läuft, damit kein weißer Rand bleibt: 3 mm sind üblich.</translation>
  </message>
  <message>
   <source>How far neighbouring sheets overlap: an inch, or 25 mm, is usual.</source>
   <translation>Wie weit Nachbarbogen überlappen: ein Zoll oder 25 mm sind üblich.</translation>
  </message>
  <message>
   <source>How far off is my printer?</source>
   <translation>Wie weit weicht mein Drucker ab?</translation>
  </message>
  <message>
   <source>How far the back of a sheet lies above its front, seen from the back.</source>
   <translation>Wie weit die Rückseite eines Bogens über seiner Vorderseite liegt, von hinten gesehen.</translation>
  </message>
  <message>
   <source>How far the back of a sheet lies to the right of its front, seen from the back.</source>
   <translation>Wie weit die Rückseite eines Bogens rechts von seiner Vorderseite liegt, von hinten gesehen.</translation>
  </message>
  <message>
   <source>How far the grooves of your board lie apart.</source>
   <translation>Wie weit die Rillen deines Brettes auseinanderliegen.</translation>
  </message>
  <message>
   <source>How far the work is</source>
   <translation>Wie weit die Arbeit ist</translation>
  </message>
  <message>
   <source>How fast a machine's job is played: as fast as the machine goes, or faster.</source>
   <translation>Wie schnell ein Auftrag gespielt wird: so schnell wie die Maschine, oder schneller.</translation>
  </message>
  <message>
   <source>How it came out.</source>
   <translation>Wie es geworden ist.</translation>
  </message>
  <message>
   <source>How it is joined</source>
   <translation>Wie es verbunden ist</translation>
  </message>
  <message>
   <source>How it is made</source>
   <translation>Wie es gemacht ist</translation>
  </message>
  <message>
   <source>How long do I take?</source>
   <translation>Wie lange brauche ich?</translation>
  </message>
  <message>
   <source>How long the level bar of a corrected print comes out: what is still off is added to the correction.</source>
   <translation>Wie lang der liegende Balken eines berichtigten Drucks herauskommt: was noch fehlt, kommt zur Berichtigung dazu.</translation>
  </message>
  <message>
   <source>How long the level check bar comes out uncorrected: it should be 100 mm.</source>
   <translation>Wie lang der liegende Prüfbalken unberichtigt herauskommt: es sollten 100 mm sein.</translation>
  </message>
  <message>
   <source>How long the upright bar of a corrected print comes out: what is still off is added to the correction.</source>
   <translation>Wie lang der stehende Balken eines berichtigten Drucks herauskommt: was noch fehlt, kommt zur Berichtigung dazu.</translation>
  </message>
  <message>
   <source>How long the upright check bar comes out uncorrected: it should be 100 mm.</source>
   <translation>Wie lang der stehende Prüfbalken unberichtigt herauskommt: es sollten 100 mm sein.</translation>
  </message>
  <message>
   <source>How many</source>
   <translation>Wie viele</translation>
  </message>
  <message>
   <source>How many are made to here</source>
   <translation>Wie viele bis hierher gebaut sind</translation>
  </message>
  <message>
   <source>How many kits</source>
   <translation>Wie viele Sätze</translation>
  </message>
  <message>
   <source>How many layers of this card pass through the slot: two where tongues go side by side.</source>
   <translation>Wie viele Schichten dieses Kartons durch den Schlitz gehen: zwei, wo Zungen nebeneinander gehen.</translation>
  </message>
  <message>
   <source>How many stand there</source>
   <translation>Wie viele dort stehen</translation>
  </message>
  <message>
   <source>How much longer a piece must be for each right-angled fold; a test strip tells</source>
   <translation>Um wie viel länger ein Stück je rechtwinkligem Falz sein muss; ein Probestreifen sagt es</translation>
  </message>
  <message>
   <source>How pieces may be turned</source>
   <translation>Wie Stücke gedreht werden dürfen</translation>
  </message>
  <message>
   <source>How quick you are, what an hour, glue and tape cost, how long you hold, and another way of making it, to be compared.</source>
   <translation>Wie schnell du bist, was eine Stunde, Kleber und Klebeband kosten, wie lange du hältst, und ein anderer Weg, es zu machen, zum Vergleich.</translation>
  </message>
  <message>
   <source>How the picture takes its place on the panel.</source>
   <translation>Wie das Bild auf dem Feld Platz nimmt.</translation>
  </message>
  <message>
   <source>IBM Plex Mono</source>
   <translation>IBM Plex Mono</translation>
  </message>
  <message>
   <source>IBM Plex Sans</source>
   <translation>IBM Plex Sans</translation>
  </message>
  <message>
   <source>In a length: one step more or less</source>
   <translation>In einer Länge: ein Schritt mehr oder weniger</translation>
  </message>
  <message>
   <source>In a length: ten steps</source>
   <translation>In einer Länge: zehn Schritte</translation>
  </message>
  <message>
   <source>In a view: next or previous panel</source>
   <translation>In einer Ansicht: nächstes oder voriges Feld</translation>
  </message>
  <message>
   <source>In a view: turn or pan</source>
   <translation>In einer Ansicht: drehen oder verschieben</translation>
  </message>
  <message>
   <source>In all {money}, as far as prices are known.</source>
   <translation>Zusammen {money}, soweit Preise bekannt sind.</translation>
  </message>
  <message>
   <source>In the flat: pan by dragging</source>
   <translation>Im Flachen: durch Ziehen verschieben</translation>
  </message>
  <message>
   <source>In the other unit</source>
   <translation>In der anderen Einheit</translation>
  </message>
  <message>
   <source>In this kit</source>
   <translation>In diesem Satz</translation>
  </message>
  <message>
   <source>In this order</source>
   <translation>In dieser Reihenfolge</translation>
  </message>
  <message>
   <source>In your own money; 0 where you do not know</source>
   <translation>In Ihrem eigenen Geld; 0, wo Sie ihn nicht kennen</translation>
  </message>
  <message>
   <source>In your own words</source>
   <translation>In eigenen Worten</translation>
  </message>
  <message>
   <source>In {stock}, since it is not made of the stock chosen.</source>
   <translation>In {stock}, da es nicht aus dem gewählten Material gemacht wird.</translation>
  </message>
  <message>
   <source>Inches</source>
   <translation>Zoll</translation>
  </message>
  <message>
   <source>Index card 110 lb</source>
   <translation>Karteikarton 110 lb</translation>
  </message>
  <message>
   <source>Index card 90 lb</source>
   <translation>Karteikarton 90 lb</translation>
  </message>
  <message>
   <source>Ink</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <source>Ink of the words</source>
   <translation>Farbe der Wörter</translation>
  </message>
  <message>
   <source>Inside</source>
   <translation>Innen</translation>
  </message>
  <message>
   <source>Iron at low heat, the print down or covered; never leave it face down.</source>
   <translation>Bügle bei geringer Hitze, den Druck nach unten oder bedeckt; lass das Eisen nie darauf stehen.</translation>
  </message>
  <message>
   <source>It bears a picture: that is printed round the model, under tabs, too.</source>
   <translation>Es trägt ein Bild: Das wird rundum auf das Modell gedruckt, auch unter die Laschen.</translation>
  </message>
  <message>
   <source>It cannot be printed</source>
   <translation>Es lässt sich nicht drucken</translation>
  </message>
  <message>
   <source>It cannot be read now.</source>
   <translation>Sie lässt sich jetzt nicht lesen.</translation>
  </message>
  <message>
   <source>It cannot be used ({reason}).</source>
   <translation>Es lässt sich nicht benutzen ({reason}).</translation>
  </message>
  <message>
   <source>It closes, fits its sheet, and holds what was asked.</source>
   <translation>Es schließt, passt auf seinen Bogen und fasst, was verlangt war.</translation>
  </message>
  <message>
   <source>It comes out {value:+.2f} mm against what was asked, {low:+.2f} to {high:+.2f} in 95 of 100 cases.</source>
   <translation>Es wird {value:+.2f} mm gegen das Gewollte, {low:+.2f} bis {high:+.2f} in 95 von 100 Fällen.</translation>
  </message>
  <message>
   <source>It has colours: each facet is printed in its own.</source>
   <translation>Es hat Farben: jede Facette wird in ihrer gedruckt.</translation>
  </message>
  <message>
   <source>It is {wide:.2f} times as wide and {deep:.2f} times as deep as it is high.</source>
   <translation>Es ist {wide:.2f}-mal so breit und {deep:.2f}-mal so tief, wie es hoch ist.</translation>
  </message>
  <message>
   <source>It lies still, and all other facets of its piece are turned up, the furthest first. The mark on the drawing may be dragged there, too.</source>
   <translation>Sie bleibt liegen, und alle anderen Facetten ihres Teils werden hochgeklappt, die entferntesten zuerst. Auch die Marke auf der Zeichnung lässt sich dorthin ziehen.</translation>
  </message>
  <message>
   <source>It was never saved: {things}.</source>
   <translation>Es wurde nie gespeichert: {things}.</translation>
  </message>
  <message>
   <source>It writes {stages}; zero is {zero}. About {minutes:.1f} minutes. {note}</source>
   <translation>Er schreibt {stages}; Nullpunkt ist {zero}. Etwa {minutes:.1f} Minuten. {note}</translation>
  </message>
  <message>
   <source>Its lowest parts are filled out to one line so far up.</source>
   <translation>Ihre untersten Teile werden bis so weit hinauf zu einer Linie aufgefüllt.</translation>
  </message>
  <message>
   <source>Its own panel</source>
   <translation>Eigene Fläche</translation>
  </message>
  <message>
   <source>Its panel</source>
   <translation>Seine Fläche</translation>
  </message>
  <message>
   <source>Its sheet cannot be parted by cuts from edge to edge.</source>
   <translation>Sein Bogen lässt sich nicht durch Schnitte von Kante zu Kante teilen.</translation>
  </message>
  <message>
   <source>Its sheet needs no parting.</source>
   <translation>Sein Bogen braucht keine Teilung.</translation>
  </message>
  <message>
   <source>JSON, CSV (*.json *.csv)</source>
   <translation>JSON, CSV (*.json *.csv)</translation>
  </message>
  <message>
   <source>Jersey 200 g</source>
   <translation>Jersey 200 g</translation>
  </message>
  <message>
   <source>Join it there</source>
   <translation>Dort verbinden</translation>
  </message>
  <message>
   <source>Joined</source>
   <translation>Verbunden</translation>
  </message>
  <message>
   <source>Joined to</source>
   <translation>Verbunden mit</translation>
  </message>
  <message>
   <source>Keep a copy</source>
   <translation>Eine Kopie behalten</translation>
  </message>
  <message>
   <source>Keep holes</source>
   <translation>Löcher behalten</translation>
  </message>
  <message>
   <source>Keep it</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <source>Keep it as a stock</source>
   <translation>Als Material behalten</translation>
  </message>
  <message>
   <source>Keep it as it was</source>
   <translation>Lassen, wie es war</translation>
  </message>
  <message>
   <source>Keep mine</source>
   <translation>Meine behalten</translation>
  </message>
  <message>
   <source>Keep pieces upright or lying where their folds must run along the grain of the sheet.</source>
   <translation>Stücke aufrecht oder liegend halten, wo ihre Falze mit der Laufrichtung des Bogens gehen müssen.</translation>
  </message>
  <message>
   <source>Keep the offcuts</source>
   <translation>Die Reste behalten</translation>
  </message>
  <message>
   <source>Keep this printer with your stocks, for other projects.</source>
   <translation>Diesen Drucker bei Ihren Materialien behalten, für andere Projekte.</translation>
  </message>
  <message>
   <source>Keeps its size when scaled</source>
   <translation>Behält beim Skalieren seine Größe</translation>
  </message>
  <message>
   <source>Kept together</source>
   <translation>Beisammen</translation>
  </message>
  <message>
   <source>Kept with the project.</source>
   <translation>Mit dem Projekt bewahrt.</translation>
  </message>
  <message>
   <source>Keys</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <source>Kind</source>
   <translation>Art</translation>
  </message>
  <message>
   <source>Kits</source>
   <translation>Sätze</translation>
  </message>
  <message>
   <source>Knee walls</source>
   <translation>Kniestock</translation>
  </message>
  <message>
   <source>Knife and glue away when you stop. Children cut, heat and glue hot only with an adult; follow the makers' instructions.</source>
   <translation>Messer und Kleber weg, wenn du aufhörst. Kinder schneiden, erhitzen und kleben heiß nur mit Erwachsenen; beachte die Anweisungen der Hersteller.</translation>
  </message>
  <message>
   <source>Knob</source>
   <translation>Knauf</translation>
  </message>
  <message>
   <source>Knobs</source>
   <translation>Knöpfe</translation>
  </message>
  <message>
   <source>Knot a thread from the foot of the leg to the foot of the figure, so that the leg stands {far} behind it.</source>
   <translation>Einen Faden vom Fuß des Beins zum Fuß der Figur knoten, so dass das Bein {far} dahinter steht.</translation>
  </message>
  <message>
   <source>Knot the elastic round the back board, so that it lies round the closed album without pulling.</source>
   <translation>Das Gummiband um den Hinterdeckel knoten, so dass es ohne Zug um das geschlossene Album liegt.</translation>
  </message>
  <message>
   <source>Knot the thread through the hole of the motif and through that of the ring, so that the motif hangs in the middle.</source>
   <translation>Den Faden durch das Loch des Motivs und durch das des Rings knoten, sodass das Motiv in der Mitte hängt.</translation>
  </message>
  <message>
   <source>Kraft paper 110 g</source>
   <translation>Kraftpapier 110 g</translation>
  </message>
  <message>
   <source>Kraft paper 70 g</source>
   <translation>Kraftpapier 70 g</translation>
  </message>
  <message>
   <source>LENGTH, WIDTH</source>
   <translation>LÄNGE, BREITE</translation>
  </message>
  <message>
   <source>Label</source>
   <translation>Schild</translation>
  </message>
  <message>
   <source>Laminated board</source>
   <translation>Geschichtete Pappe</translation>
  </message>
  <message>
   <source>Lamp light</source>
   <translation>Lampenlicht</translation>
  </message>
  <message>
   <source>Lan&amp;guage</source>
   <translation>S&amp;prache</translation>
  </message>
  <message>
   <source>Language as the system has it</source>
   <translation>Sprache wie das System</translation>
  </message>
  <message>
   <source>Lap</source>
   <translation>Überlapp</translation>
  </message>
  <message>
   <source>Lap the strips of the band by {lap}, try the ring on the head that will wear it, and glue it; then glue it inside the mask at both temples and the brow.</source>
   <translation>Die Streifen des Bandes um {lap} überlappen, den Ring am Kopf anprobieren, der ihn trägt, und kleben; dann innen in die Maske kleben, an beiden Schläfen und der Stirn.</translation>
  </message>
  <message>
   <source>Larger</source>
   <translation>Größer</translation>
  </message>
  <message>
   <source>Largest piece</source>
   <translation>Größtes Teil</translation>
  </message>
  <message>
   <source>Later</source>
   <translation>Später</translation>
  </message>
  <message>
   <source>Lay out anew</source>
   <translation>Neu auslegen</translation>
  </message>
  <message>
   <source>Lay the bottom card in on the closed flaps, with a dab of glue at each corner.</source>
   <translation>Die Bodenkarte auf die geschlossenen Klappen legen, mit einem Tupfer Leim an jeder Ecke.</translation>
  </message>
  <message>
   <source>Lay the covers right side to right side, and sew them together round the edge, an allowance in, but for a gap of {gap} between the marks.</source>
   <translation>Leg die Bezüge rechts auf rechts und näh sie ringsum eine Zugabe vom Rand zusammen, bis auf eine Öffnung von {gap} zwischen den Marken.</translation>
  </message>
  <message>
   <source>Lay the pieces of the kit so that scores of several lie on one line, on no more sheets. What you hold in place stays there.</source>
   <translation>Lege die Teile so, dass Rillen mehrerer auf einer Linie liegen, auf nicht mehr Bogen. Was du festhältst, bleibt liegen.</translation>
  </message>
  <message>
   <source>Lay the printed paper with {names} on {stock}, weigh it down so that it cannot move, and score through it. Take it off only when all is scored, and cut along what was pricked.</source>
   <translation>Lege das bedruckte Papier mit {names} auf {stock}, beschwere es, damit es nicht rutscht, und rille hindurch. Nimm es erst ab, wenn alles gerillt ist, und schneide entlang des Durchgestochenen.</translation>
  </message>
  <message>
   <source>Lay the stick in the sleeve, glue the leaves together inside, and press them up to it.</source>
   <translation>Legen Sie den Stab in die Hülse, kleben Sie die Blätter innen zusammen und drücken Sie sie bis an ihn heran.</translation>
  </message>
  <message>
   <source>Lay the tool down, choose nothing</source>
   <translation>Das Werkzeug weglegen, nichts wählen</translation>
  </message>
  <message>
   <source>Lay the {name} over the {piece}: glue it facet by facet, from its middle outwards.</source>
   <translation>{name} über {piece} legen: Facette für Facette ankleben, von der Mitte nach außen.</translation>
  </message>
  <message>
   <source>Layers</source>
   <translation>Schichten</translation>
  </message>
  <message>
   <source>Layers of this stock, glued together, come as near to it as they can</source>
   <translation>So nahe, wie aufeinander geklebte Schichten dieses Materials ihr kommen</translation>
  </message>
  <message>
   <source>Layers, from the inside out</source>
   <translation>Lagen, von innen nach außen</translation>
  </message>
  <message>
   <source>Laying out</source>
   <translation>Auslegen</translation>
  </message>
  <message>
   <source>Leaf</source>
   <translation>Blatt</translation>
  </message>
  <message>
   <source>Lean</source>
   <translation>Neigung</translation>
  </message>
  <message>
   <source>Leaning box</source>
   <translation>Schräge Schachtel</translation>
  </message>
  <message>
   <source>Left</source>
   <translation>Links</translation>
  </message>
  <message>
   <source>Left all round, and joins what hardly hangs together.</source>
   <translation>Bleibt ringsum stehen und verbindet, was kaum zusammenhängt.</translation>
  </message>
  <message>
   <source>Leg</source>
   <translation>Bein</translation>
  </message>
  <message>
   <source>Leg boards</source>
   <translation>Beinpappen</translation>
  </message>
  <message>
   <source>Leg height</source>
   <translation>Beinhöhe</translation>
  </message>
  <message>
   <source>Leg length</source>
   <translation>Beinlänge</translation>
  </message>
  <message>
   <source>Legs</source>
   <translation>Beine</translation>
  </message>
  <message>
   <source>Length</source>
   <translation>Länge</translation>
  </message>
  <message>
   <source>Length inside</source>
   <translation>Länge innen</translation>
  </message>
  <message>
   <source>Length of each</source>
   <translation>Länge je Stück</translation>
  </message>
  <message>
   <source>Length of the bar</source>
   <translation>Länge des Balkens</translation>
  </message>
  <message>
   <source>Let down from above, or square to the panel, until it touches, and glued there.</source>
   <translation>Von oben oder senkrecht zur Fläche herabgelassen, bis es berührt, und dort geklebt.</translation>
  </message>
  <message>
   <source>Let down square to the panel, and not from above.</source>
   <translation>Senkrecht zur Fläche herabgelassen und nicht von oben.</translation>
  </message>
  <message>
   <source>Let it dry {minutes:.0f} min</source>
   <translation>{minutes:.0f} min trocknen lassen</translation>
  </message>
  <message>
   <source>Let the glue dry before it is handled.</source>
   <translation>Den Kleber trocknen lassen, bevor es angefasst wird.</translation>
  </message>
  <message>
   <source>Letter</source>
   <translation>Buchstabe</translation>
  </message>
  <message>
   <source>Letter sheet in three</source>
   <translation>Blatt Letter in Dritteln</translation>
  </message>
  <message>
   <source>Level bar: {across}. Upright bar: {along}.</source>
   <translation>Liegender Balken: {across}. Stehender Balken: {along}.</translation>
  </message>
  <message>
   <source>Level bars</source>
   <translation>Sprossen waagrecht</translation>
  </message>
  <message>
   <source>Level line</source>
   <translation>Liegende Linie</translation>
  </message>
  <message>
   <source>Lever for a slot</source>
   <translation>Hebel für einen Schlitz</translation>
  </message>
  <message>
   <source>Lid</source>
   <translation>Deckel</translation>
  </message>
  <message>
   <source>Lid depth</source>
   <translation>Deckeltiefe</translation>
  </message>
  <message>
   <source>Light as the system has it</source>
   <translation>Licht wie das System</translation>
  </message>
  <message>
   <source>Light card 120 g</source>
   <translation>Leichter Karton 120 g</translation>
  </message>
  <message>
   <source>Light passes of the scoring tool; heavy stock wants several</source>
   <translation>Leichte Gänge des Rillwerkzeugs; schweres Material will mehrere</translation>
  </message>
  <message>
   <source>Limb</source>
   <translation>Glied</translation>
  </message>
  <message>
   <source>Liner</source>
   <translation>Futter</translation>
  </message>
  <message>
   <source>Lines across this piece</source>
   <translation>Linien quer durch dieses Stück</translation>
  </message>
  <message>
   <source>Lines stay seen on the edge of the card; ticks are cut away; the back is not seen at all.</source>
   <translation>Linien bleiben an der Kante des Kartons sichtbar; Striche werden weggeschnitten; die Rückseite sieht man gar nicht.</translation>
  </message>
  <message>
   <source>Lining</source>
   <translation>Futter</translation>
  </message>
  <message>
   <source>Lining set back</source>
   <translation>Spiegel zurück</translation>
  </message>
  <message>
   <source>Lip depth</source>
   <translation>Zungentiefe</translation>
  </message>
  <message>
   <source>Lock</source>
   <translation>Verschluss</translation>
  </message>
  <message>
   <source>Log</source>
   <translation>Logbuch</translation>
  </message>
  <message>
   <source>Log what I made</source>
   <translation>Eintragen, was ich gebaut habe</translation>
  </message>
  <message>
   <source>Longest</source>
   <translation>Längster</translation>
  </message>
  <message>
   <source>Longest strip</source>
   <translation>Längster Streifen</translation>
  </message>
  <message>
   <source>Look around first</source>
   <translation>Erst umsehen</translation>
  </message>
  <message>
   <source>Look for</source>
   <translation>Suchen</translation>
  </message>
  <message>
   <source>Look for a word: title, thing, stock, what to change…</source>
   <translation>Ein Wort suchen: Titel, Ding, Material, was zu ändern ist…</translation>
  </message>
  <message>
   <source>Look for fewer pieces</source>
   <translation>Weniger Teile suchen</translation>
  </message>
  <message>
   <source>Look from</source>
   <translation>Ansehen von</translation>
  </message>
  <message>
   <source>Look from one of the standard sides. Drag in the view to turn it freely.</source>
   <translation>Von einer der üblichen Seiten ansehen. In der Ansicht ziehen, um frei zu drehen.</translation>
  </message>
  <message>
   <source>Look from the {side}</source>
   <translation>Ansehen von: {side}</translation>
  </message>
  <message>
   <source>Looks</source>
   <translation>Schaut</translation>
  </message>
  <message>
   <source>Lower end</source>
   <translation>Unteres Ende</translation>
  </message>
  <message>
   <source>Lowest</source>
   <translation>Unterstes</translation>
  </message>
  <message>
   <source>Lying, across the sheet</source>
   <translation>Liegend, quer zum Bogen</translation>
  </message>
  <message>
   <source>Machine</source>
   <translation>Maschine</translation>
  </message>
  <message>
   <source>Made as</source>
   <translation>Gemacht als</translation>
  </message>
  <message>
   <source>Made for one of</source>
   <translation>Gemacht für eines von</translation>
  </message>
  <message>
   <source>Made so far</source>
   <translation>Bisher gebaut</translation>
  </message>
  <message>
   <source>Make it</source>
   <translation>Machen</translation>
  </message>
  <message>
   <source>Make it again</source>
   <translation>Noch einmal bauen</translation>
  </message>
  <message>
   <source>Make it as construction {number}</source>
   <translation>Als Bauform {number} machen</translation>
  </message>
  <message>
   <source>Make it so</source>
   <translation>So machen</translation>
  </message>
  <message>
   <source>Make one</source>
   <translation>Zusammenfassen</translation>
  </message>
  <message>
   <source>Make one up to</source>
   <translation>Zusammen bis</translation>
  </message>
  <message>
   <source>Make sheet</source>
   <translation>Bauanleitung</translation>
  </message>
  <message>
   <source>Make sheet…</source>
   <translation>Bauanleitung…</translation>
  </message>
  <message>
   <source>Make them so</source>
   <translation>So machen</translation>
  </message>
  <message>
   <source>Make this step one place later. What that breaks is said at once.</source>
   <translation>Diesen Schritt um einen Platz später machen. Was das verletzt, wird sofort gesagt.</translation>
  </message>
  <message>
   <source>Make this step one place sooner. What that breaks is said at once.</source>
   <translation>Diesen Schritt um einen Platz früher machen. Was das verletzt, wird sofort gesagt.</translation>
  </message>
  <message>
   <source>Make {wanted}</source>
   <translation>{wanted} machen</translation>
  </message>
  <message>
   <source>Many-sided box</source>
   <translation>Vieleckschachtel</translation>
  </message>
  <message>
   <source>Margin</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>Marks in the corners</source>
   <translation>Marken in den Ecken</translation>
  </message>
  <message>
   <source>Mask</source>
   <translation>Maske</translation>
  </message>
  <message>
   <source>Mass</source>
   <translation>Gewicht</translation>
  </message>
  <message>
   <source>Mat</source>
   <translation>Auflage</translation>
  </message>
  <message>
   <source>Mat board 1.3 mm</source>
   <translation>Passepartout 1,3 mm</translation>
  </message>
  <message>
   <source>Mat board 1.5 mm</source>
   <translation>Passepartout 1,5 mm</translation>
  </message>
  <message>
   <source>Mat board 2 mm</source>
   <translation>Passepartout 2 mm</translation>
  </message>
  <message>
   <source>Mats all round</source>
   <translation>Auflagen ringsum</translation>
  </message>
  <message>
   <source>Measure</source>
   <translation>Messen</translation>
  </message>
  <message>
   <source>Measure both bars: other lengths mean it was not printed at actual size.</source>
   <translation>Miss beide Balken: andere Längen heißen, dass nicht in Originalgröße gedruckt wurde.</translation>
  </message>
  <message>
   <source>Measure this screen</source>
   <translation>Diesen Bildschirm messen</translation>
  </message>
  <message>
   <source>Measured between the solid panels of the folded model, not assumed.</source>
   <translation>Zwischen den dicken Feldern des gefalteten Modells gemessen, nicht angenommen.</translation>
  </message>
  <message>
   <source>Measured inside</source>
   <translation>Innen gemessen</translation>
  </message>
  <message>
   <source>Measured inside, when it is dry.</source>
   <translation>Innen gemessen, wenn es trocken ist.</translation>
  </message>
  <message>
   <source>Measures</source>
   <translation>Maße</translation>
  </message>
  <message>
   <source>Mended</source>
   <translation>Ausgebessert</translation>
  </message>
  <message>
   <source>Mended: {what}.</source>
   <translation>Ausgebessert: {what}.</translation>
  </message>
  <message>
   <source>Mesh</source>
   <translation>Netz</translation>
  </message>
  <message>
   <source>Meshes ({kinds})</source>
   <translation>Netze ({kinds})</translation>
  </message>
  <message>
   <source>Millimetres</source>
   <translation>Millimeter</translation>
  </message>
  <message>
   <source>Mingei projects (*.mingei *.mingei.zip)</source>
   <translation>Mingei-Projekte (*.mingei *.mingei.zip)</translation>
  </message>
  <message>
   <source>Mingei projects (*.mingei)</source>
   <translation>Mingei-Projekte (*.mingei)</translation>
  </message>
  <message>
   <source>Mingei {version} drafts, scales and builds things of card.

MIT licence. Type: IBM Plex, SIL Open Font Licence. Icons: Lucide, ISC licence.

Log: {log}</source>
   <translation>Mingei {version} entwirft, skaliert und baut Dinge aus Karton.

MIT-Lizenz. Schrift: IBM Plex, SIL Open Font Licence. Zeichen: Lucide, ISC-Lizenz.

Protokoll: {log}</translation>
  </message>
  <message>
   <source>Mingei: sheet {number} of {count}, {stock}, {width:g} x {height:g} mm</source>
   <translation>Mingei: Bogen {number} von {count}, {stock}, {width:g} x {height:g} mm</translation>
  </message>
  <message>
   <source>Minutes</source>
   <translation>Minuten</translation>
  </message>
  <message>
   <source>Mirrored, on paper to be stuck to the back of the card; mountains are valleys there.</source>
   <translation>Gespiegelt, auf Papier, das hinten auf den Karton geklebt wird; Berge sind dort Täler.</translation>
  </message>
  <message>
   <source>Mitre</source>
   <translation>Gehrung</translation>
  </message>
  <message>
   <source>Models</source>
   <translation>Modelle</translation>
  </message>
  <message>
   <source>Money</source>
   <translation>Geld</translation>
  </message>
  <message>
   <source>Money is in your own. Log works out your pace; follow the glue's maker for how long it is held.</source>
   <translation>Geld ist in deiner Währung. Das Log errechnet dein Tempo; wie lange gehalten wird, sagt der Hersteller des Klebers.</translation>
  </message>
  <message>
   <source>Mortise</source>
   <translation>Zapfen</translation>
  </message>
  <message>
   <source>Motif</source>
   <translation>Motiv</translation>
  </message>
  <message>
   <source>Motif width</source>
   <translation>Motiv Breite</translation>
  </message>
  <message>
   <source>Move it down</source>
   <translation>Nach unten rücken</translation>
  </message>
  <message>
   <source>Move it up</source>
   <translation>Nach oben rücken</translation>
  </message>
  <message>
   <source>Move the pieces away from each other to see how they go together.</source>
   <translation>Die Stücke voneinander rücken, um zu sehen, wie sie zusammengehen.</translation>
  </message>
  <message>
   <source>Move the tab to the {panel}</source>
   <translation>Die Lasche versetzen an: {panel}</translation>
  </message>
  <message>
   <source>Move what moves in the finished thing: doors on their pins, lids and drawers along their way.</source>
   <translation>Bewegt, was sich am fertigen Ding bewegt: Türen auf ihren Stiften, Deckel und Schubladen auf ihrem Weg.</translation>
  </message>
  <message>
   <source>Must it fit into something?</source>
   <translation>Muss es in etwas hineinpassen?</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>Name it to keep it</source>
   <translation>Zum Behalten einen Namen geben</translation>
  </message>
  <message>
   <source>Name of the printer</source>
   <translation>Name des Druckers</translation>
  </message>
  <message>
   <source>Names beneath pieces</source>
   <translation>Namen unter den Stücken</translation>
  </message>
  <message>
   <source>Neck</source>
   <translation>Hals</translation>
  </message>
  <message>
   <source>Neither nesting nor laying out moves it.</source>
   <translation>Weder engeres Legen noch Auslegen bewegt es.</translation>
  </message>
  <message>
   <source>Nest closer</source>
   <translation>Enger legen</translation>
  </message>
  <message>
   <source>Never a candle in card or paper: LED lights only, as their maker allows.</source>
   <translation>Nie eine Kerze in Karton oder Papier: nur LED-Lichter, wie ihr Hersteller es erlaubt.</translation>
  </message>
  <message>
   <source>New {title}</source>
   <translation>Neu: {title}</translation>
  </message>
  <message>
   <source>Next thing in the kit</source>
   <translation>Nächstes Ding im Satz</translation>
  </message>
  <message>
   <source>No cuts</source>
   <translation>Keine Schnitte</translation>
  </message>
  <message>
   <source>No direct contact with food unless the stock is made for it.</source>
   <translation>Kein direkter Kontakt mit Lebensmitteln, außer das Material ist dafür gemacht.</translation>
  </message>
  <message>
   <source>No layout with fewer placings was found.</source>
   <translation>Keine Anordnung mit weniger Anlagen wurde gefunden.</translation>
  </message>
  <message>
   <source>No layout with fewer sheets was found.</source>
   <translation>Keine Auslage mit weniger Bogen gefunden.</translation>
  </message>
  <message>
   <source>No project was kept with it.</source>
   <translation>Es wurde kein Projekt dazu aufgehoben.</translation>
  </message>
  <message>
   <source>No sheet up to A0 holds the largest piece.</source>
   <translation>Kein Bogen bis A0 fasst das größte Stück.</translation>
  </message>
  <message>
   <source>No tab: the two edges meet and are taped outside.</source>
   <translation>Keine Lasche: die zwei Kanten treffen sich und werden außen verklebt.</translation>
  </message>
  <message>
   <source>No tab: the two edges meet, and a strip of card is glued behind both.</source>
   <translation>Keine Lasche: Die beiden Kanten stoßen aneinander, und hinter beide wird ein Kartonstreifen geklebt.</translation>
  </message>
  <message>
   <source>Not here: {reason}.</source>
   <translation>Hier nicht: {reason}.</translation>
  </message>
  <message>
   <source>Note the largest rectangle left of every sheet with your stocks: it is offered when a piece fits it.</source>
   <translation>Das größte Rechteck, das von jedem Bogen bleibt, bei Ihren Materialien vermerken: es wird angeboten, wenn ein Stück daraufpasst.</translation>
  </message>
  <message>
   <source>Note this</source>
   <translation>Notieren</translation>
  </message>
  <message>
   <source>Note this…</source>
   <translation>Notieren…</translation>
  </message>
  <message>
   <source>Notes</source>
   <translation>Notizen</translation>
  </message>
  <message>
   <source>Nothing is folded or glued: cut it out, and it is done.</source>
   <translation>Nichts wird gefaltet oder geklebt: ausschneiden, und es ist fertig.</translation>
  </message>
  <message>
   <source>Nothing is known by these words: write fewer, or others.</source>
   <translation>Unter diesen Wörtern ist nichts bekannt: schreiben Sie weniger oder andere.</translation>
  </message>
  <message>
   <source>Nothing is laid out: choose a sheet it all fits on Sheets.</source>
   <translation>Nichts ist ausgelegt: Wähle unter Bogen einen, auf den alles passt.</translation>
  </message>
  <message>
   <source>Nothing is measured yet: write down what you made, and what it measured.</source>
   <translation>Noch ist nichts gemessen: Schreib auf, was du gebaut hast und was es misst.</translation>
  </message>
  <message>
   <source>Nothing stays joined or cut by hand, or as it was found.</source>
   <translation>Nichts bleibt von Hand verbunden oder geschnitten, oder wie es gefunden wurde.</translation>
  </message>
  <message>
   <source>Nothing yet</source>
   <translation>Noch nichts</translation>
  </message>
  <message>
   <source>Nothing yet.</source>
   <translation>Noch nichts.</translation>
  </message>
  <message>
   <source>Nothing yet. Make something, measure it inside, and write it down: then it teaches.</source>
   <translation>Noch nichts. Bau etwas, miss es innen und schreib es auf: dann lehrt es.</translation>
  </message>
  <message>
   <source>Nothing yet: what you save appears here.</source>
   <translation>Noch nichts: was Sie speichern, erscheint hier.</translation>
  </message>
  <message>
   <source>Numbers of seams</source>
   <translation>Nummern der Nähte</translation>
  </message>
  <message>
   <source>OBJ, STL, PLY, OFF or glTF: mended where that is safe, and reduced to facets one can build.</source>
   <translation>OBJ, STL, PLY, OFF oder glTF: ausgebessert, wo das sicher ist, und auf Flächen verringert, die man bauen kann.</translation>
  </message>
  <message>
   <source>Of</source>
   <translation>Von</translation>
  </message>
  <message>
   <source>Of a model: how many times larger the real thing is. Its real size stands beside every measure, and "0.9 m real" is read as that.</source>
   <translation>Bei einem Modell: wievielmal größer das wirkliche Ding ist. Neben jedem Maß steht seine wirkliche Größe, und "0,9 m wirklich" wird so gelesen.</translation>
  </message>
  <message>
   <source>Of one picture, or of the longest line of words.</source>
   <translation>Eines Bildes oder der längsten Zeile.</translation>
  </message>
  <message>
   <source>Of the figure as it is seen, without border.</source>
   <translation>Der Figur, wie man sie sieht, ohne Rand.</translation>
  </message>
  <message>
   <source>Of the other thing.</source>
   <translation>Des anderen Dings.</translation>
  </message>
  <message>
   <source>Of the rectangle round the piece, from the sheet's edge.</source>
   <translation>Des Rechtecks um das Stück, von der Kante des Bogens.</translation>
  </message>
  <message>
   <source>Of the thing itself.</source>
   <translation>Des Dings selbst.</translation>
  </message>
  <message>
   <source>Of the thing itself; the room round it is added.</source>
   <translation>Des Dings selbst; der Raum darum kommt dazu.</translation>
  </message>
  <message>
   <source>Of the thing, with all that stands on it. A stack of twenty sheets of the stock chosen: =20*sheet.</source>
   <translation>Des Dings mit allem, was darauf steht. Ein Stoß von zwanzig Bogen des gewählten Materials: =20*sheet.</translation>
  </message>
  <message>
   <source>Off where they are scored from a template, or by a machine.</source>
   <translation>Aus, wo sie nach einer Schablone oder von einer Maschine gerillt werden.</translation>
  </message>
  <message>
   <source>On paper</source>
   <translation>Auf Papier</translation>
  </message>
  <message>
   <source>On the inner face</source>
   <translation>Auf der Innenseite</translation>
  </message>
  <message>
   <source>On the {a}, {depth} deep; lands inside the {b}. {length} long.</source>
   <translation>An {a}, {depth} tief; kommt in {b}. {length} lang.</translation>
  </message>
  <message>
   <source>On top</source>
   <translation>Aufgelegt</translation>
  </message>
  <message>
   <source>On {sheet}: one sheet, {waste} % waste.</source>
   <translation>Auf {sheet}: ein Bogen, {waste} % Verschnitt.</translation>
  </message>
  <message>
   <source>On {sheet}: {count} sheets, {waste} % waste.</source>
   <translation>Auf {sheet}: {count} Bogen, {waste} % Verschnitt.</translation>
  </message>
  <message>
   <source>Once for a design: to draw and try it</source>
   <translation>Einmal je Entwurf: zeichnen und erproben</translation>
  </message>
  <message>
   <source>Once, in a ring, in a row, or mirrored about the middle.</source>
   <translation>Einmal, im Ring, in einer Reihe oder an der Mitte gespiegelt.</translation>
  </message>
  <message>
   <source>One file with the sheets on A4 and Letter, every piece as SVG and DXF, the make sheet, pictures and a text with your terms. Nothing in it tells of this computer.</source>
   <translation>Eine Datei mit den Bogen auf A4 und Letter, jedem Stück als SVG und DXF, der Bauanleitung, Bildern und einem Text mit deinen Bedingungen. Nichts darin verrät diesen Rechner.</translation>
  </message>
  <message>
   <source>One millimetre on the drawing is one on this screen</source>
   <translation>Ein Millimeter der Zeichnung ist einer auf diesem Bildschirm</translation>
  </message>
  <message>
   <source>Only a guess: paper of one weight differs in thickness</source>
   <translation>Nur eine Schätzung: Papier eines Gewichts ist verschieden dick</translation>
  </message>
  <message>
   <source>Only prick the ends</source>
   <translation>Nur die Enden anstechen</translation>
  </message>
  <message>
   <source>Only sheet {number} of {count}</source>
   <translation>Nur Bogen {number} von {count}</translation>
  </message>
  <message>
   <source>Only sheets of certain numbers, as PDF</source>
   <translation>Nur Bogen bestimmter Nummern, als PDF</translation>
  </message>
  <message>
   <source>Only the pages of one stock or one thing, or those with something to mend.</source>
   <translation>Nur die Seiten eines Materials oder eines Dings, oder die, an denen etwas zu richten ist.</translation>
  </message>
  <message>
   <source>Only what was made as this.</source>
   <translation>Nur was so gebaut wurde.</translation>
  </message>
  <message>
   <source>Only what was made of this.</source>
   <translation>Nur was daraus gebaut wurde.</translation>
  </message>
  <message>
   <source>Only with group {letter}</source>
   <translation>Nur mit Gruppe {letter}</translation>
  </message>
  <message>
   <source>Only {piece}</source>
   <translation>Nur {piece}</translation>
  </message>
  <message>
   <source>Onto</source>
   <translation>Auf</translation>
  </message>
  <message>
   <source>Open</source>
   <translation>Offen</translation>
  </message>
  <message>
   <source>Open &amp;recent</source>
   <translation>&amp;Zuletzt geöffnet</translation>
  </message>
  <message>
   <source>Open a project</source>
   <translation>Ein Projekt öffnen</translation>
  </message>
  <message>
   <source>Open a project…</source>
   <translation>Ein Projekt öffnen…</translation>
  </message>
  <message>
   <source>Open the &amp;demo</source>
   <translation>Die &amp;Demo öffnen</translation>
  </message>
  <message>
   <source>Open the demo</source>
   <translation>Die Demo öffnen</translation>
  </message>
  <message>
   <source>Open the demo of &amp;models</source>
   <translation>Die &amp;Modell-Demo öffnen</translation>
  </message>
  <message>
   <source>Opening</source>
   <translation>Öffnung</translation>
  </message>
  <message>
   <source>Openings of this panel</source>
   <translation>Öffnungen dieses Felds</translation>
  </message>
  <message>
   <source>Or the blank it is cut from: length and width follow, the height stays.</source>
   <translation>Oder der Zuschnitt, aus dem es geschnitten wird: Länge und Breite folgen, die Höhe bleibt.</translation>
  </message>
  <message>
   <source>Order and notes</source>
   <translation>Reihenfolge und Notizen</translation>
  </message>
  <message>
   <source>Out and in</source>
   <translation>Hinaus und herein</translation>
  </message>
  <message>
   <source>Outline</source>
   <translation>Umriss</translation>
  </message>
  <message>
   <source>Outline card</source>
   <translation>Umrisskarte</translation>
  </message>
  <message>
   <source>Outline from a picture…</source>
   <translation>Umriss aus einem Bild …</translation>
  </message>
  <message>
   <source>Outline from an SVG drawing…</source>
   <translation>Umriss aus einer SVG-Zeichnung…</translation>
  </message>
  <message>
   <source>Outline with wall</source>
   <translation>Umriss mit Wand</translation>
  </message>
  <message>
   <source>Outline…</source>
   <translation>Umriss…</translation>
  </message>
  <message>
   <source>Outside</source>
   <translation>Außen</translation>
  </message>
  <message>
   <source>Outside of each bend</source>
   <translation>Außen an der Biegung</translation>
  </message>
  <message>
   <source>Outside sizes of the folded thing. Write the room there is, and the inside follows.</source>
   <translation>Außenmaße des Gefalteten. Schreiben Sie den Raum, den es gibt, und das Innere folgt.</translation>
  </message>
  <message>
   <source>Outside {measure}</source>
   <translation>Außen: {measure}</translation>
  </message>
  <message>
   <source>Outside {what}</source>
   <translation>Außen: {what}</translation>
  </message>
  <message>
   <source>Overlap</source>
   <translation>Überlappung</translation>
  </message>
  <message>
   <source>Overlay</source>
   <translation>Auflage</translation>
  </message>
  <message>
   <source>Own outline</source>
   <translation>Eigener Umriss</translation>
  </message>
  <message>
   <source>Own size</source>
   <translation>Eigene Größe</translation>
  </message>
  <message>
   <source>Own size of the sheet</source>
   <translation>Eigene Größe des Bogens</translation>
  </message>
  <message>
   <source>P&amp;ublish…</source>
   <translation>Verö&amp;ffentlichen…</translation>
  </message>
  <message>
   <source>PDF (*.pdf)</source>
   <translation>PDF (*.pdf)</translation>
  </message>
  <message>
   <source>PDF to print, SVG and DXF for machines, FOLD for other programs</source>
   <translation>PDF zum Drucken, SVG und DXF für Maschinen, FOLD für andere Programme</translation>
  </message>
  <message>
   <source>PDF, pages to print (*.pdf);;A page for a browser (*.html)</source>
   <translation>PDF, Seiten zum Drucken (*.pdf);;Eine Seite für den Browser (*.html)</translation>
  </message>
  <message>
   <source>PDF, pages to print (*.pdf);;CSV, a table (*.csv)</source>
   <translation>PDF, Seiten zum Drucken (*.pdf);;CSV, eine Tabelle (*.csv)</translation>
  </message>
  <message>
   <source>PDF, sheets to print at actual size (*.pdf)</source>
   <translation>PDF, Bogen zum Drucken in wirklicher Größe (*.pdf)</translation>
  </message>
  <message>
   <source>PNG or JPEG, on a plain or see-through ground. Several stand side by side.</source>
   <translation>PNG oder JPEG, auf einfarbigem oder durchsichtigem Grund. Mehrere stehen nebeneinander.</translation>
  </message>
  <message>
   <source>PNG picture (*.png);;SVG drawing (*.svg)</source>
   <translation>PNG-Bild (*.png);;SVG-Zeichnung (*.svg)</translation>
  </message>
  <message>
   <source>Pace</source>
   <translation>Tempo</translation>
  </message>
  <message>
   <source>Pace and prices</source>
   <translation>Tempo und Preise</translation>
  </message>
  <message>
   <source>Pace and prices…</source>
   <translation>Tempo und Preise…</translation>
  </message>
  <message>
   <source>Pace: minutes taken for each reckoned</source>
   <translation>Tempo: gebrauchte Minuten je gerechnete</translation>
  </message>
  <message>
   <source>Packaging card 0.35 mm</source>
   <translation>Packkarton 0,35 mm</translation>
  </message>
  <message>
   <source>Packaging card 0.5 mm</source>
   <translation>Packkarton 0,5 mm</translation>
  </message>
  <message>
   <source>Page</source>
   <translation>Seite</translation>
  </message>
  <message>
   <source>Page {number}: {a} and {b} lie on each other; move one of them, or lay all out anew.</source>
   <translation>Seite {number}: {a} und {b} liegen aufeinander; verschieben Sie eines oder legen Sie alles neu aus.</translation>
  </message>
  <message>
   <source>Pages</source>
   <translation>Seiten</translation>
  </message>
  <message>
   <source>Pages: {count}</source>
   <translation>Seiten: {count}</translation>
  </message>
  <message>
   <source>Pages: {count} of {all}</source>
   <translation>Seiten: {count} von {all}</translation>
  </message>
  <message>
   <source>Pages: {words}</source>
   <translation>Seiten: {words}</translation>
  </message>
  <message>
   <source>Paint the inside black, and let it dry.</source>
   <translation>Malen Sie das Innere schwarz an, und lassen Sie es trocknen.</translation>
  </message>
  <message>
   <source>Panel</source>
   <translation>Feld</translation>
  </message>
  <message>
   <source>Panel it is joined to</source>
   <translation>Fläche, mit der es verbunden ist</translation>
  </message>
  <message>
   <source>Panel: {name}</source>
   <translation>Feld: {name}</translation>
  </message>
  <message>
   <source>Panels</source>
   <translation>Felder</translation>
  </message>
  <message>
   <source>Paper 100 g</source>
   <translation>Papier 100 g</translation>
  </message>
  <message>
   <source>Pass an end of the {name} through the slit in the {panel} as far as the pair of scores that is as wide as the {panel} is thick, and glue it down, towards the front; no glue on what stays outside.</source>
   <translation>Ein Ende ({name}) durch den Schlitz in {panel} führen, bis zu dem Rillenpaar, das so breit ist wie {panel} dick, und nach vorn hin festkleben; kein Kleber auf das, was draußen bleibt.</translation>
  </message>
  <message>
   <source>Pass the free end of the hinge strip of the {guest} through the slit in the {panel} and glue it down behind; what lies between the slits stays free of glue.</source>
   <translation>Das freie Ende des Scharnierstreifens von {guest} durch den Schlitz in {panel} führen und dahinter festkleben; was zwischen den Schlitzen liegt, bleibt ohne Kleber.</translation>
  </message>
  <message>
   <source>Pass the hinge through its slit and glue it down inside; then glue its other half over the left side of the door, its crease amid the gap.</source>
   <translation>Das Band durch seinen Schlitz stecken und innen festkleben; dann die andere Hälfte über die linke Seite der Tür kleben, den Falz mitten im Spalt.</translation>
  </message>
  <message>
   <source>Pass the lower tongues of the column through the slots of the deck, and set the ceiling down over the upper ones.</source>
   <translation>Die unteren Zungen der Säule durch die Schlitze des Bodens stecken und die Decke über die oberen setzen.</translation>
  </message>
  <message>
   <source>Pass the tongues of the {carrier} through the {host}, with glue.</source>
   <translation>Die Zapfen von {carrier} mit Leim durch {host} stecken.</translation>
  </message>
  <message>
   <source>Pass the tongues of the {carrier} through {hosts}, with glue.</source>
   <translation>Die Zapfen von {carrier} mit Leim durch {hosts} stecken.</translation>
  </message>
  <message>
   <source>Pass the tongues of the {guest} through the slots in the {panel}, bend them over and glue them down.</source>
   <translation>Führen Sie die Zungen von {guest} durch die Schlitze in {panel}, biegen Sie sie um und kleben Sie sie fest.</translation>
  </message>
  <message>
   <source>Pass the tongues of the {guest} through the slots in the {panel}, with glue.</source>
   <translation>Führen Sie die Zungen von {guest} durch die Schlitze in {panel}, mit Leim.</translation>
  </message>
  <message>
   <source>Pass the {guest} through the slot in the {panel} from behind: its foot stays behind, and the ends of the slot are its stops; no glue.</source>
   <translation>{guest} von hinten durch den Schlitz in {panel} stecken: der Fuß bleibt dahinter, und die Enden des Schlitzes halten ihn auf; kein Kleber.</translation>
  </message>
  <message>
   <source>Patch behind it</source>
   <translation>Ein Fleck dahinter</translation>
  </message>
  <message>
   <source>Patch: {width} by {height}, fixed inside before folding.</source>
   <translation>Fleck: {width} mal {height}, innen befestigt, bevor gefaltet wird.</translation>
  </message>
  <message>
   <source>Pattern paper 120 g</source>
   <translation>Musterpapier 120 g</translation>
  </message>
  <message>
   <source>Pearl card 215 g, coated</source>
   <translation>Perlmuttkarton 215 g, gestrichen</translation>
  </message>
  <message>
   <source>Photo paper 180 g, coated</source>
   <translation>Fotopapier 180 g, gestrichen</translation>
  </message>
  <message>
   <source>Picture of the flat…</source>
   <translation>Bild der flachen Ansicht…</translation>
  </message>
  <message>
   <source>Picture of the folded thing…</source>
   <translation>Bild des Gefalteten…</translation>
  </message>
  <message>
   <source>Picture of the step</source>
   <translation>Bild des Schritts</translation>
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.svg)</source>
   <translation>Bilder (*.png *.jpg *.jpeg *.svg)</translation>
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.webp)</source>
   <translation>Bilder (*.png *.jpg *.jpeg *.webp)</translation>
  </message>
  <message>
   <source>Pictures ({kinds})</source>
   <translation>Bilder ({kinds})</translation>
  </message>
  <message>
   <source>Picture…</source>
   <translation>Bild…</translation>
  </message>
  <message>
   <source>Piece</source>
   <translation>Stück</translation>
  </message>
  <message>
   <source>Piece in hand</source>
   <translation>Stück in der Hand</translation>
  </message>
  <message>
   <source>Pieces</source>
   <translation>Stücke</translation>
  </message>
  <message>
   <source>Pieces apart</source>
   <translation>Stücke auseinander</translation>
  </message>
  <message>
   <source>Pieces of one group share sheets with no others, so that they are cut together.</source>
   <translation>Stücke einer Gruppe teilen ihre Bogen mit keinen anderen, damit sie zusammen geschnitten werden.</translation>
  </message>
  <message>
   <source>Pieces of one thing share sheets with no other thing.</source>
   <translation>Stücke eines Dings teilen ihre Bogen mit keinem anderen Ding.</translation>
  </message>
  <message>
   <source>Pieces on real sheets, and out to paper</source>
   <translation>Stücke auf wirklichen Bogen, und hinaus aufs Papier</translation>
  </message>
  <message>
   <source>Pieces, and the {facet}</source>
   <translation>Teile, und {facet}</translation>
  </message>
  <message>
   <source>Pillow pouch</source>
   <translation>Kissentasche</translation>
  </message>
  <message>
   <source>Pin</source>
   <translation>Stift</translation>
  </message>
  <message>
   <source>Pin the {guest} to the {panel} with its fastener, legs spread behind, so loose that it turns.</source>
   <translation>Heften Sie {guest} mit seiner Klammer an {panel}, die Beine dahinter gespreizt, so locker, dass es dreht.</translation>
  </message>
  <message>
   <source>Pin the {guest} to the {panel} with its pin, its point turned over behind and covered, so loose that it turns.</source>
   <translation>{guest} mit seinem Stift an {panel} befestigen, die Spitze dahinter umgebogen und abgedeckt, so locker, dass es sich dreht.</translation>
  </message>
  <message>
   <source>Pitch</source>
   <translation>Dachneigung</translation>
  </message>
  <message>
   <source>Place</source>
   <translation>Platz</translation>
  </message>
  <message>
   <source>Place of the cut</source>
   <translation>Stelle des Schnitts</translation>
  </message>
  <message>
   <source>Place on the panel</source>
   <translation>Platz auf der Fläche</translation>
  </message>
  <message>
   <source>Placed</source>
   <translation>Gestellt</translation>
  </message>
  <message>
   <source>Placement {number} of {count}: {where}, {face}, {strokes}</source>
   <translation>Anlage {number} von {count}: {where}, {face}, {strokes}</translation>
  </message>
  <message>
   <source>Plans to print…</source>
   <translation>Pläne zum Drucken…</translation>
  </message>
  <message>
   <source>Plates</source>
   <translation>Platten</translation>
  </message>
  <message>
   <source>Plates of board as large as its inside, to fold and press its walls against</source>
   <translation>Pappplatten so groß wie sein Inneres, um die Wände darum zu falten und anzudrücken</translation>
  </message>
  <message>
   <source>Play</source>
   <translation>Spiel</translation>
  </message>
  <message>
   <source>Play across</source>
   <translation>Spiel quer</translation>
  </message>
  <message>
   <source>Play along</source>
   <translation>Spiel längs</translation>
  </message>
  <message>
   <source>Play round each</source>
   <translation>Spiel um jedes</translation>
  </message>
  <message>
   <source>Play the folding</source>
   <translation>Das Falten abspielen</translation>
  </message>
  <message>
   <source>Pleats</source>
   <translation>Falten</translation>
  </message>
  <message>
   <source>Plinth</source>
   <translation>Sockel</translation>
  </message>
  <message>
   <source>Plinth's edge</source>
   <translation>Sockelkante</translation>
  </message>
  <message>
   <source>Plot</source>
   <translation>Schaubild</translation>
  </message>
  <message>
   <source>Pocket</source>
   <translation>Tasche</translation>
  </message>
  <message>
   <source>Pockets</source>
   <translation>Taschen</translation>
  </message>
  <message>
   <source>Porch</source>
   <translation>Vordach</translation>
  </message>
  <message>
   <source>Post</source>
   <translation>Pfosten</translation>
  </message>
  <message>
   <source>Posts</source>
   <translation>Pfostenzahl</translation>
  </message>
  <message>
   <source>Press on what is ground and was left in; with Shift, on what belongs to the figure.</source>
   <translation>Auf das drücken, was Grund ist und stehen blieb; mit Umschalt auf das, was zur Figur gehört.</translation>
  </message>
  <message>
   <source>Press on what is ground and was left in; with Shift, on what belongs to the figure. By keyboard: arrow keys move the cross, the space bar presses.</source>
   <translation>Auf das drücken, was Grund ist und stehen blieb; mit Umschalt auf das, was zur Figur gehört. Mit der Tastatur: Pfeiltasten bewegen das Kreuz, die Leertaste drückt.</translation>
  </message>
  <message>
   <source>Press the creases of both ends before anything is glued.</source>
   <translation>Die Falze beider Enden eindrücken, bevor etwas geklebt wird.</translation>
  </message>
  <message>
   <source>Press the fin to the side that hides less of the print.</source>
   <translation>Die Flosse zu der Seite drücken, die weniger vom Druck verdeckt.</translation>
  </message>
  <message>
   <source>Press the magnet into the {hole} of the {panel}, turned so that it draws its fellow, and glue paper over it.</source>
   <translation>Den Magneten in {hole} von {panel} drücken, so gedreht, dass er sein Gegenstück anzieht, und Papier darüber kleben.</translation>
  </message>
  <message>
   <source>Pressed</source>
   <translation>Gepresst</translation>
  </message>
  <message>
   <source>Previous thing in the kit</source>
   <translation>Voriges Ding im Satz</translation>
  </message>
  <message>
   <source>Price of a sheet</source>
   <translation>Preis eines Bogens</translation>
  </message>
  <message>
   <source>Prick both ends of each placement, {count} pricks, {spare} of them on the waste; score between two of a number.</source>
   <translation>Stich beide Enden jeder Anlage an, {count} Stiche, {spare} davon auf dem Abfall; rille zwischen zweien einer Nummer.</translation>
  </message>
  <message>
   <source>Prick the ends</source>
   <translation>Die Enden anstechen</translation>
  </message>
  <message>
   <source>Print a piece that is larger than the sheet over several sheets that overlap, with marks to lay them edge to edge and a map of all.</source>
   <translation>Ein Stück, das größer als der Bogen ist, auf mehrere überlappende Bogen drucken, mit Marken zum Anlegen und einer Karte von allen.</translation>
  </message>
  <message>
   <source>Print at actual size</source>
   <translation>In wirklicher Größe drucken</translation>
  </message>
  <message>
   <source>Print at actual size (100 %), never fit to page.</source>
   <translation>In wirklicher Größe (100 %) drucken, nie an die Seite anpassen.</translation>
  </message>
  <message>
   <source>Print at actual size (100 %), never fitted to the page, and measure both check bars on the first sheet. The same door writes SVG and DXF for cutting machines and FOLD for other programs.</source>
   <translation>In wirklicher Größe (100 %) drucken, nie an die Seite angepasst, und beide Prüfbalken auf dem ersten Bogen messen. Dieselbe Tür schreibt SVG und DXF für Schneidemaschinen und FOLD für andere Programme.</translation>
  </message>
  <message>
   <source>Print at actual size and measure both check bars before you cut.</source>
   <translation>Drucke in Originalgröße und miss beide Prüfbalken, bevor du schneidest.</translation>
  </message>
  <message>
   <source>Print at actual size. Score every line of the strip and fold it to a right angle, each the same way. Hold it so and measure</source>
   <translation>In wirklicher Größe drucken. Jede Linie des Streifens rillen und rechtwinklig falten, jede in dieselbe Richtung. So halten und messen:</translation>
  </message>
  <message>
   <source>Print it, fold it, measure it, and know thickness and crease gain</source>
   <translation>Drucken, falten, messen: dann sind Dicke und Falzzugabe bekannt</translation>
  </message>
  <message>
   <source>Print on this panel: {what}</source>
   <translation>Auf dieses Feld drucken: {what}</translation>
  </message>
  <message>
   <source>Print the strip on this stock, fold it, and write down what you measure; a caliper or a rule with half millimetres will do. Leave empty what you did not measure. A sharp knife cuts the slots: away from the hand, along a metal rule.</source>
   <translation>Drucken Sie den Streifen auf dieses Material, falten Sie ihn und schreiben Sie auf, was Sie messen; ein Messschieber oder ein Lineal mit halben Millimetern genügt. Was Sie nicht gemessen haben, bleibt leer. Ein scharfes Messer schneidet die Schlitze: von der Hand weg, am Metalllineal.</translation>
  </message>
  <message>
   <source>Printed bar, across and along</source>
   <translation>Gedruckter Balken, quer und längs</translation>
  </message>
  <message>
   <source>Printed beside every piece, so that pieces are not mixed up.</source>
   <translation>Neben jedes Stück gedruckt, damit Stücke nicht verwechselt werden.</translation>
  </message>
  <message>
   <source>Printed on every sheet.</source>
   <translation>Auf jeden Bogen gedruckt.</translation>
  </message>
  <message>
   <source>Printed on it</source>
   <translation>Aufgedruckt</translation>
  </message>
  <message>
   <source>Printed on the {panel}</source>
   <translation>Aufgedruckt: {panel}</translation>
  </message>
  <message>
   <source>Printed; measure both check bars on the first sheet</source>
   <translation>Gedruckt; messen Sie beide Prüfbalken auf dem ersten Bogen</translation>
  </message>
  <message>
   <source>Printer</source>
   <translation>Drucker</translation>
  </message>
  <message>
   <source>Printers you have measured, kept with your stocks.</source>
   <translation>Drucker, die Sie gemessen haben, bei Ihren Materialien bewahrt.</translation>
  </message>
  <message>
   <source>Printing…</source>
   <translation>Wird gedruckt…</translation>
  </message>
  <message>
   <source>Print…</source>
   <translation>Drucken…</translation>
  </message>
  <message>
   <source>Project</source>
   <translation>Projekt</translation>
  </message>
  <message>
   <source>Publish</source>
   <translation>Veröffentlichen</translation>
  </message>
  <message>
   <source>Publish…</source>
   <translation>Veröffentlichen…</translation>
  </message>
  <message>
   <source>Punch and set eyelets on a firm base, fingers clear of the tool.</source>
   <translation>Loche und setze Ösen auf fester Unterlage, die Finger weg vom Werkzeug.</translation>
  </message>
  <message>
   <source>Punch through wrap and linings at the holes of the boards, and set the eyelets.</source>
   <translation>An den Löchern der Pappen durch Bezug und Spiegel stanzen und die Ösen setzen.</translation>
  </message>
  <message>
   <source>Pupils</source>
   <translation>Pupillen</translation>
  </message>
  <message>
   <source>Push the collars onto the column, the lower one flush with its foot, and glue them.</source>
   <translation>Schieb die Muffen auf die Säule, die untere bündig mit ihrem Fuß, und kleb sie.</translation>
  </message>
  <message>
   <source>Push the corners in, then turn in and rub down the long edges from the middle to the ends, then the short ones.</source>
   <translation>Die Ecken eindrücken, dann die langen Kanten von der Mitte zu den Enden einschlagen und anreiben, dann die kurzen.</translation>
  </message>
  <message>
   <source>Push the fastener through the {hole} of the {panel} and spread its legs flat behind.</source>
   <translation>Die Musterklammer durch {hole} von {panel} stecken und ihre Beine dahinter flach spreizen.</translation>
  </message>
  <message>
   <source>Push the sticks from above through the holes of the ceiling into those of the deck, with a collar of glue at both.</source>
   <translation>Die Stäbe von oben durch die Löcher der Decke in die des Bodens stecken, mit einem Leimring an beiden.</translation>
  </message>
  <message>
   <source>Push the {carrier} onto the tongues of {hosts}, with glue.</source>
   <translation>{carrier} mit Leim auf die Zungen von {hosts} schieben.</translation>
  </message>
  <message>
   <source>Push the {host} onto the tongues of the {carrier}, with glue.</source>
   <translation>{host} mit Leim auf die Zungen von {carrier} schieben.</translation>
  </message>
  <message>
   <source>Put a fastener through the {guest} and the slot in the {panel}, the washer behind, and spread its legs: the ends of the slot are its stops.</source>
   <translation>Eine Musterklammer durch {guest} und den Schlitz in {panel} stecken, die Scheibe dahinter, und ihre Beine spreizen: die Enden des Schlitzes halten sie auf.</translation>
  </message>
  <message>
   <source>Put a pin into each edge of the {door}, and stand it on the lower one.</source>
   <translation>In jede Kante von {door} einen Stift stecken und sie auf den unteren stellen.</translation>
  </message>
  <message>
   <source>Put glue into the channel of the {host} and push it onto the edge of the {carrier}.</source>
   <translation>Leim in die Nut von {host} geben und auf die Kante von {carrier} schieben.</translation>
  </message>
  <message>
   <source>Put glue into the channels of the {carrier} and push it onto the edges of {hosts}.</source>
   <translation>Leim in die Nuten von {carrier} geben und auf die Kanten von {hosts} schieben.</translation>
  </message>
  <message>
   <source>Put the fastener through arm, washer and board, and spread its legs behind, so that the arm still turns.</source>
   <translation>Steck die Klammer durch Arm, Scheibe und Pappe und spreiz ihre Beine dahinter so, dass sich der Arm noch dreht.</translation>
  </message>
  <message>
   <source>Put the neck through the slot from the front, and glue the stop behind it; keep glue from the board, and let it run to and fro before it is dry.</source>
   <translation>Steck den Hals von vorn durch den Schlitz und kleb den Anschlag dahinter; halt Leim von der Pappe fern und lass ihn hin und her laufen, ehe er trocken ist.</translation>
  </message>
  <message>
   <source>Put the pad in through the gap, and glue the gap.</source>
   <translation>Schieb das Polster durch die Öffnung und kleb sie zu.</translation>
  </message>
  <message>
   <source>Put the pad in through the gap, and sew the gap up.</source>
   <translation>Schieb das Polster durch die Öffnung und näh sie zu.</translation>
  </message>
  <message>
   <source>Put the project as it was then on the bench.</source>
   <translation>Das Projekt, wie es damals war, auf die Werkbank legen.</translation>
  </message>
  <message>
   <source>Put the stick into the column, so that it stands out below by the castors' height at the most.</source>
   <translation>Steck den Stab in die Säule, so dass er unten höchstens um die Höhe der Rollen heraussteht.</translation>
  </message>
  <message>
   <source>Put the stick into the {hole} of the {panel}, with a collar of glue.</source>
   <translation>Den Stab in {hole} von {panel} stecken, mit einem Kragen aus Leim.</translation>
  </message>
  <message>
   <source>Put the straps through their holes and knot the ends inside.</source>
   <translation>Die Träger durch ihre Löcher stecken und die Enden innen knoten.</translation>
  </message>
  <message>
   <source>Put the thread through the hole in {face} and knot it inside.</source>
   <translation>Den Faden durch das Loch in {face} stecken und innen knoten.</translation>
  </message>
  <message>
   <source>Pyramid</source>
   <translation>Pyramide</translation>
  </message>
  <message>
   <source>Question</source>
   <translation>Frage</translation>
  </message>
  <message>
   <source>Radius of its corners.</source>
   <translation>Halbmesser der Ecken.</translation>
  </message>
  <message>
   <source>Radius of its corners: round corners do not tear.</source>
   <translation>Halbmesser der Ecken: runde Ecken reißen nicht.</translation>
  </message>
  <message>
   <source>Radius of the panel's free corners; 0 leaves them sharp.</source>
   <translation>Halbmesser der freien Ecken des Felds; 0 lässt sie spitz.</translation>
  </message>
  <message>
   <source>Raise {names}.</source>
   <translation>{names} aufrichten.</translation>
  </message>
  <message>
   <source>Rays</source>
   <translation>Strahlen</translation>
  </message>
  <message>
   <source>Reading {name}…</source>
   <translation>{name} wird gelesen…</translation>
  </message>
  <message>
   <source>Recent projects</source>
   <translation>Letzte Projekte</translation>
  </message>
  <message>
   <source>Reckon it from the grammage</source>
   <translation>Aus dem Flächengewicht schätzen</translation>
  </message>
  <message>
   <source>Reckon with my pace</source>
   <translation>Mit meinem Tempo rechnen</translation>
  </message>
  <message>
   <source>Record</source>
   <translation>Protokoll</translation>
  </message>
  <message>
   <source>Redo {change}</source>
   <translation>Wiederholen: {change}</translation>
  </message>
  <message>
   <source>Rehearse it</source>
   <translation>Proben</translation>
  </message>
  <message>
   <source>Rehearse the print</source>
   <translation>Den Druck proben</translation>
  </message>
  <message>
   <source>Rehearse the print…</source>
   <translation>Den Druck proben…</translation>
  </message>
  <message>
   <source>Ribbon ends</source>
   <translation>Band Enden</translation>
  </message>
  <message>
   <source>Right</source>
   <translation>Rechts</translation>
  </message>
  <message>
   <source>Rigid box</source>
   <translation>Bezogene Schachtel</translation>
  </message>
  <message>
   <source>Rim</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>Ring width</source>
   <translation>Ring Breite</translation>
  </message>
  <message>
   <source>Riser</source>
   <translation>Setzstufe</translation>
  </message>
  <message>
   <source>Rolled tube</source>
   <translation>Gerolltes Rohr</translation>
  </message>
  <message>
   <source>Rolls</source>
   <translation>Rollen</translation>
  </message>
  <message>
   <source>Roof</source>
   <translation>Dach</translation>
  </message>
  <message>
   <source>Roof height</source>
   <translation>Dach Höhe</translation>
  </message>
  <message>
   <source>Room high</source>
   <translation>Platz hoch</translation>
  </message>
  <message>
   <source>Room wide</source>
   <translation>Platz breit</translation>
  </message>
  <message>
   <source>Rooms</source>
   <translation>Räume</translation>
  </message>
  <message>
   <source>Round</source>
   <translation>Runden</translation>
  </message>
  <message>
   <source>Round corners</source>
   <translation>Rundung Ecken</translation>
  </message>
  <message>
   <source>Round recess</source>
   <translation>Rundes Fach</translation>
  </message>
  <message>
   <source>Round the head</source>
   <translation>Kopfumfang</translation>
  </message>
  <message>
   <source>Round tips</source>
   <translation>Rundung Spitzen</translation>
  </message>
  <message>
   <source>Round work</source>
   <translation>Rundes</translation>
  </message>
  <message>
   <source>Row</source>
   <translation>Reihe</translation>
  </message>
  <message>
   <source>Royal Mail, size guide, 2024</source>
   <translation>Royal Mail, Größenführer, 2024</translation>
  </message>
  <message>
   <source>SQLite (*.sqlite)</source>
   <translation>SQLite (*.sqlite)</translation>
  </message>
  <message>
   <source>SVG drawings (*.svg)</source>
   <translation>SVG-Zeichnungen (*.svg)</translation>
  </message>
  <message>
   <source>Save &amp;as…</source>
   <translation>Speichern &amp;unter…</translation>
  </message>
  <message>
   <source>Save a picture</source>
   <translation>Ein Bild speichern</translation>
  </message>
  <message>
   <source>Save as PDF to print…</source>
   <translation>Als PDF zum Drucken speichern…</translation>
  </message>
  <message>
   <source>Save the job</source>
   <translation>Auftrag sichern</translation>
  </message>
  <message>
   <source>Save the job…</source>
   <translation>Auftrag sichern…</translation>
  </message>
  <message>
   <source>Save the machine's &amp;job…</source>
   <translation>&amp;Auftrag der Maschine sichern…</translation>
  </message>
  <message>
   <source>Save the project</source>
   <translation>Das Projekt speichern</translation>
  </message>
  <message>
   <source>Save the strip as PDF…</source>
   <translation>Den Streifen als PDF speichern…</translation>
  </message>
  <message>
   <source>Save the test strip</source>
   <translation>Den Probestreifen speichern</translation>
  </message>
  <message>
   <source>Saved {name}</source>
   <translation>{name} gespeichert</translation>
  </message>
  <message>
   <source>Scale</source>
   <translation>Skalieren</translation>
  </message>
  <message>
   <source>Scale by</source>
   <translation>Skalieren um</translation>
  </message>
  <message>
   <source>Score</source>
   <translation>Rillen</translation>
  </message>
  <message>
   <source>Score and cut</source>
   <translation>Rillen und Schneiden</translation>
  </message>
  <message>
   <source>Score and cutting p&amp;lans…</source>
   <translation>Ri&amp;ll- und Schneidepläne…</translation>
  </message>
  <message>
   <source>Score and cutting plans</source>
   <translation>Rill- und Schneidepläne</translation>
  </message>
  <message>
   <source>Score board: the {edge} against the fence: {count} of {all} lines fall on grooves</source>
   <translation>Rillbrett: mit der {edge} am Anschlag: {count} von {all} Linien fallen auf Rillen</translation>
  </message>
  <message>
   <source>Score board: the {edge} to the fence with a spacer of {mm} between: {count} of {all} lines fall on grooves</source>
   <translation>Rillbrett: mit der {edge} zum Anschlag, dazwischen eine Zulage von {mm}: {count} von {all} Linien fallen auf Rillen</translation>
  </message>
  <message>
   <source>Score from</source>
   <translation>Rillen von</translation>
  </message>
  <message>
   <source>Score plan and cutting plan of every sheet as pages, to lie beside the work.</source>
   <translation>Rill- und Schneideplan jedes Bogens als Seiten, die neben der Arbeit liegen.</translation>
  </message>
  <message>
   <source>Scoring passes</source>
   <translation>Rillgänge</translation>
  </message>
  <message>
   <source>Seal ribbon ends away from paper and with a draught: melted ends burn.</source>
   <translation>Verschmelze Bandenden fern von Papier und bei Durchzug: geschmolzene Enden verbrennen.</translation>
  </message>
  <message>
   <source>Seam</source>
   <translation>Naht</translation>
  </message>
  <message>
   <source>Seam {number}: {name}</source>
   <translation>Naht {number}: {name}</translation>
  </message>
  <message>
   <source>Seams</source>
   <translation>Nähte</translation>
  </message>
  <message>
   <source>Search for a layout by outlines that takes fewer sheets. What you hold in place stays there.</source>
   <translation>Nach einer Auslage nach Umrissen suchen, die weniger Bogen braucht. Was Sie festhalten, bleibt.</translation>
  </message>
  <message>
   <source>Seat</source>
   <translation>Sitz</translation>
  </message>
  <message>
   <source>Seat height</source>
   <translation>Sitzhöhe</translation>
  </message>
  <message>
   <source>Second layer</source>
   <translation>Zweite Lage</translation>
  </message>
  <message>
   <source>See how the PDF comes out of a printer that shrinks, clips or skews, and what its bars would measure.</source>
   <translation>Sehen, wie das PDF aus einem Drucker kommt, der schrumpft, abschneidet oder schräg zieht, und was die Balken dann messen.</translation>
  </message>
  <message>
   <source>See the walls of the folded thing where it is cut</source>
   <translation>Die Wände des Gefalteten sehen, wo es geschnitten ist</translation>
  </message>
  <message>
   <source>Set</source>
   <translation>Gesetzt</translation>
  </message>
  <message>
   <source>Set a knob into the hole of each door.</source>
   <translation>Setz einen Knopf in das Loch jeder Tür.</translation>
  </message>
  <message>
   <source>Set into it</source>
   <translation>Eingesetzt wird</translation>
  </message>
  <message>
   <source>Set it aside, begin a new one</source>
   <translation>Beiseitelegen, ein neues beginnen</translation>
  </message>
  <message>
   <source>Set the eyelet into the {hole} of the {panel}, its rim on the printed face.</source>
   <translation>Die Öse in {hole} von {panel} setzen, ihren Rand auf der bedruckten Seite.</translation>
  </message>
  <message>
   <source>Set the knobs into the fronts of the drawers.</source>
   <translation>Setz die Knöpfe in die Fronten der Schubladen.</translation>
  </message>
  <message>
   <source>Set the two eyelets into the holes of the back, their rims outside.</source>
   <translation>Die zwei Ösen in die Löcher des Rückens setzen, ihre Ränder außen.</translation>
  </message>
  <message>
   <source>Set the {guest} on the {host} where it belongs, and glue it where it touches.</source>
   <translation>Setzen Sie {guest} auf {host}, wo es hingehört, und kleben Sie es, wo es berührt.</translation>
  </message>
  <message>
   <source>Set them aside</source>
   <translation>Beiseitelegen</translation>
  </message>
  <message>
   <source>Shape</source>
   <translation>Form</translation>
  </message>
  <message>
   <source>Shapes</source>
   <translation>Formen</translation>
  </message>
  <message>
   <source>Sheet</source>
   <translation>Bogen</translation>
  </message>
  <message>
   <source>Sheets</source>
   <translation>Bogen</translation>
  </message>
  <message>
   <source>Sheets of every stock, their price where the stock cabinet knows it, and how much of them is waste.</source>
   <translation>Bogen jedes Materials, ihr Preis, wo der Materialschrank ihn kennt, und wie viel davon Verschnitt ist.</translation>
  </message>
  <message>
   <source>Shelf ends</source>
   <translation>Bodenenden</translation>
  </message>
  <message>
   <source>Shelves</source>
   <translation>Böden</translation>
  </message>
  <message>
   <source>Short score, {face}, {length}: the point of a blunt tool along a small square; a rule is too long for it.</source>
   <translation>Kurze Rille, {face}, {length}: mit der Spitze eines stumpfen Werkzeugs an einem kleinen Winkel; ein Lineal ist dafür zu lang.</translation>
  </message>
  <message>
   <source>Show the &amp;log of faults</source>
   <translation>Das &amp;Fehlerprotokoll zeigen</translation>
  </message>
  <message>
   <source>Side flaps</source>
   <translation>Seite Klappen</translation>
  </message>
  <message>
   <source>Side windows</source>
   <translation>Seitenfenster</translation>
  </message>
  <message>
   <source>Sides</source>
   <translation>Seiten</translation>
  </message>
  <message>
   <source>Sill</source>
   <translation>Brüstung</translation>
  </message>
  <message>
   <source>Sits on a round</source>
   <translation>Sitzt auf Rundem</translation>
  </message>
  <message>
   <source>Size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <source>Sized by</source>
   <translation>Größe nach</translation>
  </message>
  <message>
   <source>Sizes and weights in the post are the carrier's to say; ask before you send many.</source>
   <translation>Maße und Gewichte in der Post bestimmt der Beförderer; frag, bevor du viele schickst.</translation>
  </message>
  <message>
   <source>Sizes it is sold in, with commas between them</source>
   <translation>Größen, in denen es verkauft wird, mit Kommas dazwischen</translation>
  </message>
  <message>
   <source>Skirt</source>
   <translation>Deckelhöhe</translation>
  </message>
  <message>
   <source>Skylight</source>
   <translation>Dachfenster</translation>
  </message>
  <message>
   <source>Slide</source>
   <translation>Schieber</translation>
  </message>
  <message>
   <source>Slide the {carrier} and the {host} into each other.</source>
   <translation>{carrier} und {host} ineinanderschieben.</translation>
  </message>
  <message>
   <source>Slide the {carrier} into its groove in the {host}, with a little glue.</source>
   <translation>Schieb {carrier} mit etwas Leim in die Nut in {host}.</translation>
  </message>
  <message>
   <source>Slide the {carrier} into its grooves in {hosts}, with a little glue.</source>
   <translation>Schieb {carrier} mit etwas Leim in die Nuten in {hosts}.</translation>
  </message>
  <message>
   <source>Slide the {carrier} into {hosts}.</source>
   <translation>{carrier} in {hosts} schieben.</translation>
  </message>
  <message>
   <source>Slides in</source>
   <translation>Gleitet in</translation>
  </message>
  <message>
   <source>Slim carton</source>
   <translation>Schlanke Schachtel</translation>
  </message>
  <message>
   <source>Slits, %</source>
   <translation>Schlitze, %</translation>
  </message>
  <message>
   <source>Slot</source>
   <translation>Schlitz</translation>
  </message>
  <message>
   <source>Small parts and magnets are not for children under three; swallowed magnets are an emergency.</source>
   <translation>Kleinteile und Magnete sind nichts für Kinder unter drei; verschluckte Magnete sind ein Notfall.</translation>
  </message>
  <message>
   <source>Small pieces are taken apart and put together anew, again and again; the best is kept when you stop.</source>
   <translation>Kleine Teile werden immer wieder zerlegt und neu zusammengesetzt; das Beste bleibt, wenn du anhältst.</translation>
  </message>
  <message>
   <source>Smaller</source>
   <translation>Kleiner</translation>
  </message>
  <message>
   <source>So far its sides may stray from the picture: more is quicker to cut.</source>
   <translation>So weit dürfen ihre Seiten vom Bild abweichen: mehr schneidet sich schneller.</translation>
  </message>
  <message>
   <source>So large is the model; of a mask, what is on Draft counts.</source>
   <translation>So groß wird das Modell; bei einer Maske zählt, was unter Entwurf steht.</translation>
  </message>
  <message>
   <source>So many side by side that they fill a drawer, with a little play</source>
   <translation>So viele nebeneinander, dass sie eine Schublade füllen, mit ein wenig Spiel</translation>
  </message>
  <message>
   <source>So much room there is all round.</source>
   <translation>So viel Luft ist ringsum.</translation>
  </message>
  <message>
   <source>So that actual size is true on this screen</source>
   <translation>Damit die wirkliche Größe auf diesem Bildschirm stimmt</translation>
  </message>
  <message>
   <source>So wide a straight foot is put under it; 0 for none.</source>
   <translation>Ein gerader Fuß so breit kommt darunter; 0 für keinen.</translation>
  </message>
  <message>
   <source>Solid</source>
   <translation>Körper</translation>
  </message>
  <message>
   <source>Solids</source>
   <translation>Körper</translation>
  </message>
  <message>
   <source>Something changed: the search was given up.</source>
   <translation>Etwas hat sich geändert: die Suche wurde aufgegeben.</translation>
  </message>
  <message>
   <source>Something you do that no recipe asks for: paint the inside, tie a ribbon.</source>
   <translation>Was Sie tun, ohne dass eine Bauart es verlangt: innen anmalen, ein Band knüpfen.</translation>
  </message>
  <message>
   <source>Space</source>
   <translation>Leertaste</translation>
  </message>
  <message>
   <source>Spacing</source>
   <translation>Abstand</translation>
  </message>
  <message>
   <source>Spine</source>
   <translation>Rücken</translation>
  </message>
  <message>
   <source>Spoken from the next start on</source>
   <translation>Gesprochen vom nächsten Start an</translation>
  </message>
  <message>
   <source>Spray adhesive only where there is a draught and no flame; follow the maker's instructions.</source>
   <translation>Sprühe Kleber nur bei Durchzug und ohne Flamme; beachte die Anweisungen des Herstellers.</translation>
  </message>
  <message>
   <source>Square to the panel</source>
   <translation>Senkrecht zur Fläche</translation>
  </message>
  <message>
   <source>Stack</source>
   <translation>Stapel</translation>
  </message>
  <message>
   <source>Stack of {count}</source>
   <translation>Stoß von {count}</translation>
  </message>
  <message>
   <source>Stair boards</source>
   <translation>Treppenpappen</translation>
  </message>
  <message>
   <source>Stair width</source>
   <translation>Treppenbreite</translation>
  </message>
  <message>
   <source>Stairs</source>
   <translation>Treppe</translation>
  </message>
  <message>
   <source>Stand the pin in the {hole} of the {panel}.</source>
   <translation>Den Stift in {hole} von {panel} stellen.</translation>
  </message>
  <message>
   <source>Stand the stick in the hole of the {panel} with a collar of glue, set the {guest} on it, and glue a stop on the end of the stick, so loose that it turns.</source>
   <translation>Den Stab mit einem Kragen aus Kleber in das Loch von {panel} stellen, {guest} daraufsetzen und einen Anschlag auf das Ende des Stabs kleben, so locker, dass es sich dreht.</translation>
  </message>
  <message>
   <source>Standing card</source>
   <translation>Stehkarte</translation>
  </message>
  <message>
   <source>Standing pouch</source>
   <translation>Standbeutel</translation>
  </message>
  <message>
   <source>Stands</source>
   <translation>Stand</translation>
  </message>
  <message>
   <source>Stands on</source>
   <translation>Steht auf</translation>
  </message>
  <message>
   <source>Stands out</source>
   <translation>Steht heraus</translation>
  </message>
  <message>
   <source>Stands {outside} outside.</source>
   <translation>Misst außen {outside}.</translation>
  </message>
  <message>
   <source>Stars</source>
   <translation>Sterne</translation>
  </message>
  <message>
   <source>Step back</source>
   <translation>Schritt zurück</translation>
  </message>
  <message>
   <source>Step by step, with glue, tape and holds</source>
   <translation>Schritt für Schritt, mit Leim, Band und Halt</translation>
  </message>
  <message>
   <source>Step of folding</source>
   <translation>Schritt des Faltens</translation>
  </message>
  <message>
   <source>Step on</source>
   <translation>Schritt weiter</translation>
  </message>
  <message>
   <source>Step {number}</source>
   <translation>Schritt {number}</translation>
  </message>
  <message>
   <source>Step {number} of {count}. {words}</source>
   <translation>Schritt {number} von {count}. {words}</translation>
  </message>
  <message>
   <source>Step {number}: {words}</source>
   <translation>Schritt {number}: {words}</translation>
  </message>
  <message>
   <source>Steps</source>
   <translation>Stufen</translation>
  </message>
  <message>
   <source>Steps of your own</source>
   <translation>Eigene Schritte</translation>
  </message>
  <message>
   <source>Stick</source>
   <translation>Stab</translation>
  </message>
  <message>
   <source>Stick length</source>
   <translation>Stablänge</translation>
  </message>
  <message>
   <source>Stick the {guest} on the {panel} with pads {high} high, spread evenly and none near its edge, where it is traced.</source>
   <translation>{guest} mit {high} hohen Klebepads auf {panel} kleben, gleichmäßig verteilt und keines nah am Rand, wo es angezeichnet ist.</translation>
  </message>
  <message>
   <source>Stiffening card</source>
   <translation>Versteifung Karte</translation>
  </message>
  <message>
   <source>Stock</source>
   <translation>Material</translation>
  </message>
  <message>
   <source>Stock and settings</source>
   <translation>Material und Einstellungen</translation>
  </message>
  <message>
   <source>Stock ca&amp;binet</source>
   <translation>&amp;Materialschrank</translation>
  </message>
  <message>
   <source>Stock cabinet</source>
   <translation>Materialschrank</translation>
  </message>
  <message>
   <source>Stock of the {part}</source>
   <translation>Material für: {part}</translation>
  </message>
  <message>
   <source>Stocks</source>
   <translation>Materialien</translation>
  </message>
  <message>
   <source>Stool or chair</source>
   <translation>Hocker oder Stuhl</translation>
  </message>
  <message>
   <source>Stop, keep the best</source>
   <translation>Anhalten, das Beste behalten</translation>
  </message>
  <message>
   <source>Stopping; the best so far is kept.</source>
   <translation>Wird angehalten; das Beste bisher bleibt.</translation>
  </message>
  <message>
   <source>Storeys</source>
   <translation>Geschosse</translation>
  </message>
  <message>
   <source>Straight cuts from edge to edge come first, in an order that destroys no edge that is measured from and no offcut that is kept.</source>
   <translation>Gerade Schnitte von Kante zu Kante kommen zuerst, in einer Folge, die keine Messkante und keinen Rest zerstört, der behalten wird.</translation>
  </message>
  <message>
   <source>Straight cuts from edge to edge that part the sheet into blanks and keep its largest offcut whole.</source>
   <translation>Gerade Schnitte von Kante zu Kante, die den Bogen in Zuschnitte teilen und seinen größten Rest ganz lassen.</translation>
  </message>
  <message>
   <source>Straight cuts, in this order:</source>
   <translation>Gerade Schnitte, in dieser Reihenfolge:</translation>
  </message>
  <message>
   <source>Straight foot</source>
   <translation>Gerader Fuß</translation>
  </message>
  <message>
   <source>Straight to a printer, its scale locked at actual size.</source>
   <translation>Geradewegs auf einen Drucker, in wirklicher Größe festgehalten.</translation>
  </message>
  <message>
   <source>Strap</source>
   <translation>Griff</translation>
  </message>
  <message>
   <source>Straps apart</source>
   <translation>Griffe auseinander</translation>
  </message>
  <message>
   <source>Strip</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <source>Strips</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <source>Strips of thin paper round its free cut edges, over both faces: they hide the core.</source>
   <translation>Streifen dünnen Papiers um seine freien Schnittkanten, über beide Flächen: sie verbergen den Kern.</translation>
  </message>
  <message>
   <source>Stroke {number} of {count}: {stage}, {whose}, {mm:.0f} mm with the {tool}</source>
   <translation>Zug {number} von {count}: {stage}, {whose}, {mm:.0f} mm mit: {tool}</translation>
  </message>
  <message>
   <source>Stuck on</source>
   <translation>Aufgeklebt</translation>
  </message>
  <message>
   <source>THING</source>
   <translation>DING</translation>
  </message>
  <message>
   <source>Tab depth</source>
   <translation>Laschentiefe</translation>
  </message>
  <message>
   <source>Table with creasing wheel and knife</source>
   <translation>Tisch mit Rillrad und Messer</translation>
  </message>
  <message>
   <source>Tag</source>
   <translation>Anhänger</translation>
  </message>
  <message>
   <source>Tag height</source>
   <translation>Höhe des Anhängers</translation>
  </message>
  <message>
   <source>Tag width</source>
   <translation>Breite des Anhängers</translation>
  </message>
  <message>
   <source>Take back the last change to the cabinet</source>
   <translation>Die letzte Änderung am Schrank zurücknehmen</translation>
  </message>
  <message>
   <source>Take it off</source>
   <translation>Wegnehmen</translation>
  </message>
  <message>
   <source>Take it out</source>
   <translation>Herausnehmen</translation>
  </message>
  <message>
   <source>Take it out of the kit</source>
   <translation>Aus dem Satz nehmen</translation>
  </message>
  <message>
   <source>Take it over</source>
   <translation>Übernehmen</translation>
  </message>
  <message>
   <source>Take off the {name}</source>
   <translation>{name} wegnehmen</translation>
  </message>
  <message>
   <source>Take out</source>
   <translation>Herausnehmen</translation>
  </message>
  <message>
   <source>Take the joint away</source>
   <translation>Verbindung lösen</translation>
  </message>
  <message>
   <source>Take the offcuts named here off the list.</source>
   <translation>Die hier genannten Reste von der Liste nehmen.</translation>
  </message>
  <message>
   <source>Take theirs</source>
   <translation>Deren Fassung nehmen</translation>
  </message>
  <message>
   <source>Take this line out</source>
   <translation>Diese Linie herausnehmen</translation>
  </message>
  <message>
   <source>Take {measure} {value}</source>
   <translation>{measure} {value} nehmen</translation>
  </message>
  <message>
   <source>Taken over; it can be undone.</source>
   <translation>Übernommen; es lässt sich zurücknehmen.</translation>
  </message>
  <message>
   <source>Tape</source>
   <translation>Band</translation>
  </message>
  <message>
   <source>Tape is pressed</source>
   <translation>Klebeband wird angedrückt</translation>
  </message>
  <message>
   <source>Tape the boards to each other along their long edges, the flutes upright; glue the figure on from its foot up, and cut it out when it is dry.</source>
   <translation>Die Platten an den langen Kanten mit Band verbinden, die Wellen aufrecht; die Figur vom Fuß an aufkleben und ausschneiden, wenn sie trocken ist.</translation>
  </message>
  <message>
   <source>Tape the corners of the boards outside before the wrap goes on.</source>
   <translation>Die Ecken der Pappen außen mit Band kleben, bevor der Bezug darauf kommt.</translation>
  </message>
  <message>
   <source>Tape the corners of the lid's boards outside, too.</source>
   <translation>Auch die Ecken der Deckelpappen außen mit Band kleben.</translation>
  </message>
  <message>
   <source>Tape the {carrier} to the {host}, outside.</source>
   <translation>{carrier} außen mit Band an {host} halten.</translation>
  </message>
  <message>
   <source>Tape to cut before you begin</source>
   <translation>Klebeband, vor dem Beginn zu schneiden</translation>
  </message>
  <message>
   <source>Tape, {width}</source>
   <translation>Klebeband, {width}</translation>
  </message>
  <message>
   <source>Template for the inner face</source>
   <translation>Schablone für die Innenseite</translation>
  </message>
  <message>
   <source>Template on the card</source>
   <translation>Schablone auf dem Karton</translation>
  </message>
  <message>
   <source>Template, mirrored: stick it to the inner face of {stock}, {caliper} thick.</source>
   <translation>Schablone, gespiegelt: auf die Innenseite von {stock}, {caliper} dick, kleben.</translation>
  </message>
  <message>
   <source>Terms</source>
   <translation>Bedingungen</translation>
  </message>
  <message>
   <source>Terms of my own</source>
   <translation>Eigene Bedingungen</translation>
  </message>
  <message>
   <source>Test strip: {stock}</source>
   <translation>Probestreifen: {stock}</translation>
  </message>
  <message>
   <source>Test strip…</source>
   <translation>Probestreifen…</translation>
  </message>
  <message>
   <source>Text 60 lb</source>
   <translation>Text 60 lb</translation>
  </message>
  <message>
   <source>The back</source>
   <translation>Rückseite</translation>
  </message>
  <message>
   <source>The board laid on the other's edge, and glued.</source>
   <translation>Die Pappe, auf die Kante der anderen gelegt und geklebt.</translation>
  </message>
  <message>
   <source>The board's edge, glued square onto the other.</source>
   <translation>Die Kante des Bretts, rechtwinklig auf das andere geleimt.</translation>
  </message>
  <message>
   <source>The board's edge, let into a channel of the other.</source>
   <translation>Die Kante des Bretts, in eine Nut des anderen eingelassen.</translation>
  </message>
  <message>
   <source>The board's edge, slid into a gap between strips.</source>
   <translation>Die Kante der Pappe, in eine Lücke zwischen Streifen geschoben.</translation>
  </message>
  <message>
   <source>The built-up board joins your own stocks</source>
   <translation>Das geschichtete Brett kommt zu Ihren eigenen Materialien</translation>
  </message>
  <message>
   <source>The faces stand at {angle}°; the points are {length} apart</source>
   <translation>Die Flächen stehen im Winkel von {angle}°; die Punkte liegen {length} auseinander</translation>
  </message>
  <message>
   <source>The facet beyond the edge. Press a facet on the drawing first.</source>
   <translation>Die Facette jenseits der Kante. Zuerst auf der Zeichnung eine Facette drücken.</translation>
  </message>
  <message>
   <source>The fit shows here once three numbers are written.</source>
   <translation>Die Ausgleichung erscheint hier, sobald drei Zahlen geschrieben sind.</translation>
  </message>
  <message>
   <source>The flat alone, large</source>
   <translation>Das Flache allein, groß</translation>
  </message>
  <message>
   <source>The flat and the folded thing, measure by measure</source>
   <translation>Das Flache und das Gefaltete, Maß für Maß</translation>
  </message>
  <message>
   <source>The flat in black at true weights, as the printer lays it down</source>
   <translation>Die flache Ansicht in Schwarz mit wahren Strichstärken, wie der Drucker sie legt</translation>
  </message>
  <message>
   <source>The flat view as PNG or SVG</source>
   <translation>Die flache Ansicht als PNG oder SVG</translation>
  </message>
  <message>
   <source>The folded thing alone, large</source>
   <translation>Das Gefaltete allein, groß</translation>
  </message>
  <message>
   <source>The folded view as PNG or SVG</source>
   <translation>Die gefaltete Ansicht als PNG oder SVG</translation>
  </message>
  <message>
   <source>The largest closed path of the drawing, with its curves, and those inside it as openings. The size is set here.</source>
   <translation>Der größte geschlossene Zug der Zeichnung mit seinen Bögen, und die darin als Öffnungen. Die Größe wird hier bestimmt.</translation>
  </message>
  <message>
   <source>The largest piece fits {names}.</source>
   <translation>Das größte Stück passt auf {names}.</translation>
  </message>
  <message>
   <source>The logbook is damaged in places.</source>
   <translation>Das Logbuch ist stellenweise beschädigt.</translation>
  </message>
  <message>
   <source>The mesh</source>
   <translation>Das Netz</translation>
  </message>
  <message>
   <source>The minutes of this kit go from {before:.0f} to {after:.0f}.</source>
   <translation>Die Minuten dieses Satzes gehen von {before:.0f} auf {after:.0f}.</translation>
  </message>
  <message>
   <source>The old one is {name}; {count} entries were brought over.</source>
   <translation>Das alte heißt {name}; {count} Einträge wurden übernommen.</translation>
  </message>
  <message>
   <source>The other panel then carries the tab and this one closes over it.</source>
   <translation>Das andere Feld trägt dann die Lasche, und dieses schließt darüber.</translation>
  </message>
  <message>
   <source>The other way is cheaper, however many.</source>
   <translation>Der andere Weg ist billiger, wie viele es auch sind.</translation>
  </message>
  <message>
   <source>The other way is quicker, however many.</source>
   <translation>Der andere Weg geht schneller, wie viele es auch sind.</translation>
  </message>
  <message>
   <source>The other way: {money:.2f} and {minutes:.0f} min.</source>
   <translation>Der andere Weg: {money:.2f} und {minutes:.0f} min.</translation>
  </message>
  <message>
   <source>The pack you hand out: sheets on A4 and Letter, drawings, make sheet, pictures, terms</source>
   <translation>Das Paket zum Weitergeben: Bogen auf A4 und Letter, Zeichnungen, Bauanleitung, Bilder, Bedingungen</translation>
  </message>
  <message>
   <source>The pack you hand out: sheets, drawings, make sheet, pictures, your terms.</source>
   <translation>Das Paket zum Weitergeben: Bogen, Zeichnungen, Bauanleitung, Bilder, deine Bedingungen.</translation>
  </message>
  <message>
   <source>The panel it is done on; it comes with the piece of that panel.</source>
   <translation>Die Fläche, an der es geschieht; es kommt mit dem Teil dieser Fläche.</translation>
  </message>
  <message>
   <source>The panel of it that lies there, or is pierced.</source>
   <translation>Seine Fläche, die dort liegt oder durchstochen wird.</translation>
  </message>
  <message>
   <source>The picture and its outline</source>
   <translation>Das Bild und sein Umriss</translation>
  </message>
  <message>
   <source>The picture is copied to your own store, so that a file moved or changed elsewhere changes nothing here.</source>
   <translation>Das Bild wird in Ihren eigenen Vorrat kopiert, damit eine anderswo verschobene oder geänderte Datei hier nichts ändert.</translation>
  </message>
  <message>
   <source>The plan's own order</source>
   <translation>Die Reihenfolge des Plans</translation>
  </message>
  <message>
   <source>The printed face</source>
   <translation>Bedruckte Seite</translation>
  </message>
  <message>
   <source>The printed sheet lies on the card, weighted; scored through, then taken off.</source>
   <translation>Der bedruckte Bogen liegt beschwert auf dem Karton; es wird durch ihn gerillt, dann wird er abgenommen.</translation>
  </message>
  <message>
   <source>The printer</source>
   <translation>Der Drucker</translation>
  </message>
  <message>
   <source>The project file goes with it</source>
   <translation>Die Projektdatei kommt mit</translation>
  </message>
  <message>
   <source>The radius of the ring, or from one to the next.</source>
   <translation>Der Halbmesser des Rings oder von einem zum nächsten.</translation>
  </message>
  <message>
   <source>The rectangle the flat is cut from.</source>
   <translation>Das Rechteck, aus dem der Bogen geschnitten wird.</translation>
  </message>
  <message>
   <source>The room it must fit into. What the walls take up in this stock is taken off.</source>
   <translation>Der Raum, in den es passen muss. Was die Wände in diesem Material brauchen, wird abgezogen.</translation>
  </message>
  <message>
   <source>The same stock</source>
   <translation>Dasselbe Material</translation>
  </message>
  <message>
   <source>The same tab, left without glue: it slides in and opens again.</source>
   <translation>Dieselbe Lasche ohne Leim: sie gleitet hinein und öffnet wieder.</translation>
  </message>
  <message>
   <source>The same thing at another size, drafted anew, so that thickness and tabs stay right</source>
   <translation>Dasselbe Ding in anderer Größe, neu entworfen, damit Dicke und Laschen stimmen</translation>
  </message>
  <message>
   <source>The search gets ready; its first time takes half a minute.</source>
   <translation>Die Suche wird vorbereitet; beim ersten Mal dauert es eine halbe Minute.</translation>
  </message>
  <message>
   <source>The sheet</source>
   <translation>Der Bogen</translation>
  </message>
  <message>
   <source>The sheet as it comes out</source>
   <translation>Der Bogen, wie er herauskommt</translation>
  </message>
  <message>
   <source>The sheet in hand on Score and cut as a file for the machine chosen there</source>
   <translation>Der Bogen in der Hand unter „Rillen und Schneiden“ als Datei für die dort gewählte Maschine</translation>
  </message>
  <message>
   <source>The shipped one</source>
   <translation>Die mitgelieferte</translation>
  </message>
  <message>
   <source>The shop of the Tern Point field station, invented for looking around</source>
   <translation>Der Laden der Feldstation Tern Point, zum Umsehen erfunden</translation>
  </message>
  <message>
   <source>The shop of the Tern Point field station: an invented project with everything in it ready to be changed.</source>
   <translation>Der Laden der Feldstation Tern Point: ein erfundenes Projekt, in dem alles geändert werden darf.</translation>
  </message>
  <message>
   <source>The stand-in is at work…</source>
   <translation>Der Stellvertreter arbeitet…</translation>
  </message>
  <message>
   <source>The stock cabinet could not be kept</source>
   <translation>Der Materialschrank ließ sich nicht bewahren</translation>
  </message>
  <message>
   <source>The stock is so</source>
   <translation>Das Material ist so</translation>
  </message>
  <message>
   <source>The stock is thin, and {names} lies here more than once: trim them apart, lay two on each other, and cut both at once.</source>
   <translation>Das Material ist dünn, und {names} liegt hier mehr als einmal: Trenne sie, lege zwei aufeinander und schneide beide auf einmal.</translation>
  </message>
  <message>
   <source>The tab cannot move: {reason}.</source>
   <translation>Die Lasche lässt sich nicht versetzen: {reason}.</translation>
  </message>
  <message>
   <source>The thing in hand as it is now: stock, settings, sizes asked for, minutes from Build, and the project itself.</source>
   <translation>Das Ding in der Hand, wie es jetzt ist: Material, Einstellungen, gewollte Maße, Minuten aus „Bauen“ und das Projekt selbst.</translation>
  </message>
  <message>
   <source>The two views as the flat asks</source>
   <translation>Die zwei Ansichten, wie das Flache es braucht</translation>
  </message>
  <message>
   <source>The whole</source>
   <translation>Das Ganze</translation>
  </message>
  <message>
   <source>The whole: {names}; {size}, {mass:.0f} g</source>
   <translation>Das Ganze: {names}; {size}, {mass:.0f} g</translation>
  </message>
  <message>
   <source>The {a} crosses the {b} along {length}; each is cut in half way.</source>
   <translation>{a} kreuzt {b} auf {length}; jedes ist zur Hälfte eingeschnitten.</translation>
  </message>
  <message>
   <source>The {a} meets the {b} slanting along {length}.</source>
   <translation>{a} trifft auf {length} schräg auf {b}.</translation>
  </message>
  <message>
   <source>The {a} stands in the groove of the {b} along {length}.</source>
   <translation>{a} steht auf {length} in der Nut von {b}.</translation>
  </message>
  <message>
   <source>The {a} stands on the {b} along {length}, its tongues through it.</source>
   <translation>{a} steht auf {length} an {b}, seine Zapfen gehen hindurch.</translation>
  </message>
  <message>
   <source>The {a} stands on the {b} along {length}.</source>
   <translation>{a} steht längs {length} auf {b}.</translation>
  </message>
  <message>
   <source>The {a} stands {depth} deep in the {b} along {length}.</source>
   <translation>{a} steht längs {length} {depth} tief in {b}.</translation>
  </message>
  <message>
   <source>The {b} lies on the {a} along {length}.</source>
   <translation>{b} liegt auf {length} auf {a}.</translation>
  </message>
  <message>
   <source>The {piece}. {words}</source>
   <translation>{piece}. {words}</translation>
  </message>
  <message>
   <source>There is a trimmer</source>
   <translation>Ein Schneidebrett ist da</translation>
  </message>
  <message>
   <source>There is no forming block for it</source>
   <translation>Dafür gibt es keinen Formblock</translation>
  </message>
  <message>
   <source>There is no machine {id} here: choose another.</source>
   <translation>Eine Maschine {id} gibt es hier nicht: Wähle eine andere.</translation>
  </message>
  <message>
   <source>They stay in the logbook's file, where nothing reads them.</source>
   <translation>Sie bleiben in der Datei des Logbuchs, wo nichts sie liest.</translation>
  </message>
  <message>
   <source>Thickness</source>
   <translation>Dicke</translation>
  </message>
  <message>
   <source>Thickness and crease gain of the stock become what was measured; it becomes your own</source>
   <translation>Dicke und Falzzugabe des Materials werden, was gemessen wurde; es wird Ihr eigenes</translation>
  </message>
  <message>
   <source>Thickness decides where every fold goes. People know a sheet by its grammage; measure yours if you can: ten sheets together, divided by ten.</source>
   <translation>Die Dicke entscheidet, wo jeder Falz liegt. Man kennt einen Bogen nach seinem Flächengewicht; messen Sie Ihren, wenn Sie können: zehn Bogen zusammen, durch zehn.</translation>
  </message>
  <message>
   <source>Thickness, tabs, play and holes for bought parts stay as they are; everything else grows.</source>
   <translation>Dicke, Laschen, Spiel und Löcher für gekaufte Teile bleiben, wie sie sind; alles andere wächst.</translation>
  </message>
  <message>
   <source>Thing</source>
   <translation>Ding</translation>
  </message>
  <message>
   <source>Thing it is joined to</source>
   <translation>Ding, mit dem es verbunden ist</translation>
  </message>
  <message>
   <source>Things in this kit</source>
   <translation>Dinge in diesem Satz</translation>
  </message>
  <message>
   <source>Thinnest</source>
   <translation>Schmalstes</translation>
  </message>
  <message>
   <source>This cannot be done</source>
   <translation>Das geht nicht</translation>
  </message>
  <message>
   <source>This cannot be drafted anew</source>
   <translation>Das lässt sich nicht neu entwerfen</translation>
  </message>
  <message>
   <source>This cannot be exported</source>
   <translation>Das lässt sich nicht exportieren</translation>
  </message>
  <message>
   <source>This cannot be opened</source>
   <translation>Das lässt sich nicht öffnen</translation>
  </message>
  <message>
   <source>This cannot be printed</source>
   <translation>Das lässt sich nicht drucken</translation>
  </message>
  <message>
   <source>This cannot be saved</source>
   <translation>Das lässt sich nicht speichern</translation>
  </message>
  <message>
   <source>This format holds one drawing. What shall be written?</source>
   <translation>Dieses Format fasst eine Zeichnung. Was soll geschrieben werden?</translation>
  </message>
  <message>
   <source>This machine offers no OpenGL 3.3, so the folded model cannot be shown. The flat view, the checks and every export work as always.</source>
   <translation>Dieser Rechner bietet kein OpenGL 3.3, darum lässt sich das gefaltete Modell nicht zeigen. Flache Ansicht, Prüfungen und alle Exporte arbeiten wie immer.</translation>
  </message>
  <message>
   <source>This thing</source>
   <translation>Dieses Ding</translation>
  </message>
  <message>
   <source>Three numbers at least: a stack, and a channel inside and outside.</source>
   <translation>Wenigstens drei Zahlen: ein Stoß und eine Rinne innen und außen.</translation>
  </message>
  <message>
   <source>Through a paper template</source>
   <translation>Durch eine Papierschablone</translation>
  </message>
  <message>
   <source>Through the {panel}: {thick}</source>
   <translation>Durch {panel}: {thick}</translation>
  </message>
  <message>
   <source>Throw it away</source>
   <translation>Wegwerfen</translation>
  </message>
  <message>
   <source>Thumb notch</source>
   <translation>Daumenkerbe Kerbe</translation>
  </message>
  <message>
   <source>Ticks outside the corners</source>
   <translation>Striche außerhalb der Ecken</translation>
  </message>
  <message>
   <source>Tie a strap of {wide} or an elastic through the slots at the temples, and try it on: it must come off at a pull.</source>
   <translation>Binden Sie ein Band von {wide} oder ein Gummi durch die Schlitze an den Schläfen und probieren Sie es an: es muss bei einem Ruck abgehen.</translation>
  </message>
  <message>
   <source>Tie the foot of the leg to the foot of the front.</source>
   <translation>Den Fuß der Stütze an den Fuß der Vorderseite binden.</translation>
  </message>
  <message>
   <source>Tile it</source>
   <translation>Kacheln</translation>
  </message>
  <message>
   <source>Tile it over several sheets</source>
   <translation>Über mehrere Bogen kacheln</translation>
  </message>
  <message>
   <source>Tile larger pieces</source>
   <translation>Größere Stücke kacheln</translation>
  </message>
  <message>
   <source>Tilt</source>
   <translation>Neigung</translation>
  </message>
  <message>
   <source>Time and money</source>
   <translation>Zeit und Geld</translation>
  </message>
  <message>
   <source>Times the size</source>
   <translation>Mal so groß</translation>
  </message>
  <message>
   <source>Tissue 18 g</source>
   <translation>Seidenpapier 18 g</translation>
  </message>
  <message>
   <source>Title</source>
   <translation>Titel</translation>
  </message>
  <message>
   <source>To a &amp;page…</source>
   <translation>Zu einer &amp;Seite…</translation>
  </message>
  <message>
   <source>To a length</source>
   <translation>Auf eine Länge</translation>
  </message>
  <message>
   <source>To fill in by hand.</source>
   <translation>Von Hand auszufüllen.</translation>
  </message>
  <message>
   <source>To paper or to the machine</source>
   <translation>Aufs Papier oder an die Maschine</translation>
  </message>
  <message>
   <source>To the &amp;start page</source>
   <translation>Zur &amp;Startseite</translation>
  </message>
  <message>
   <source>To the largest that fits a sheet</source>
   <translation>Auf das Größte, das auf einen Bogen passt</translation>
  </message>
  <message>
   <source>To the right</source>
   <translation>Nach rechts</translation>
  </message>
  <message>
   <source>To {station}</source>
   <translation>Zu {station}</translation>
  </message>
  <message>
   <source>Together</source>
   <translation>Zusammen</translation>
  </message>
  <message>
   <source>Tolerance</source>
   <translation>Toleranz</translation>
  </message>
  <message>
   <source>Tongues bent over</source>
   <translation>Zungen umgebogen</translation>
  </message>
  <message>
   <source>Tongues on its lower sides go through slots.</source>
   <translation>Zungen an seinen unteren Seiten gehen durch Schlitze.</translation>
  </message>
  <message>
   <source>Tongues on the board's edge, right through slots in the other.</source>
   <translation>Zapfen an der Brettkante, durch Schlitze im anderen hindurch.</translation>
  </message>
  <message>
   <source>Tooth depth</source>
   <translation>Zahntiefe</translation>
  </message>
  <message>
   <source>Top</source>
   <translation>Oben</translation>
  </message>
  <message>
   <source>Touch two points of the flat, or two faces of the folded thing</source>
   <translation>Zwei Punkte des Flachen berühren oder zwei Flächen des Gefalteten</translation>
  </message>
  <message>
   <source>Touch two points of the flat, or two faces of the folded thing, and read what lies between them. Corners and lines catch the pointer. (M)</source>
   <translation>Zwei Punkte des Flachen oder zwei Flächen des Gefalteten berühren und lesen, was dazwischenliegt. Ecken und Linien fangen den Zeiger. (M)</translation>
  </message>
  <message>
   <source>Touch two points of the flat, or two faces of the folded thing. Escape lays the rule down.</source>
   <translation>Berühren Sie zwei Punkte des Flachen oder zwei Flächen des Gefalteten. Esc legt das Lineal weg.</translation>
  </message>
  <message>
   <source>Trace its place on the panel</source>
   <translation>Seinen Platz auf dem Feld vorzeichnen</translation>
  </message>
  <message>
   <source>Trailing knife, 300 mm mat</source>
   <translation>Schleppmesser, 300-mm-Matte</translation>
  </message>
  <message>
   <source>Trailing knife, 600 mm mat</source>
   <translation>Schleppmesser, 600-mm-Matte</translation>
  </message>
  <message>
   <source>Travel</source>
   <translation>Weg</translation>
  </message>
  <message>
   <source>Tray</source>
   <translation>Kasten</translation>
  </message>
  <message>
   <source>Tread</source>
   <translation>Trittstufe</translation>
  </message>
  <message>
   <source>Trim</source>
   <translation>Beschnitt</translation>
  </message>
  <message>
   <source>Trim the allowance to an even edge.</source>
   <translation>Schneid die Zugabe gleichmäßig nach.</translation>
  </message>
  <message>
   <source>Trim the corners, snip the curves, and turn it right side out.</source>
   <translation>Schneid die Ecken ab, knips die Rundungen ein und wende es.</translation>
  </message>
  <message>
   <source>Tuck</source>
   <translation>Stecken</translation>
  </message>
  <message>
   <source>Tuck the {seam} inside the {host}.</source>
   <translation>{seam} in {host} stecken.</translation>
  </message>
  <message>
   <source>Turn by 90°</source>
   <translation>Um 90° drehen</translation>
  </message>
  <message>
   <source>Turn each piece over sideways, so that its back lies up: the edge that was left is now right, and is measured from.</source>
   <translation>Jedes Teil seitlich wenden, sodass seine Rückseite oben liegt: Die Kante, die links war, ist nun rechts, und von ihr wird gemessen.</translation>
  </message>
  <message>
   <source>Turn faces that are inside out</source>
   <translation>Verkehrte Flächen wenden</translation>
  </message>
  <message>
   <source>Turn the edges of the lid's wrap in, the long ones first, rub them down, and glue the lining over them.</source>
   <translation>Schlag die Ränder des Deckelbezugs ein, die langen zuerst, reib sie an und kleb das Futter darüber.</translation>
  </message>
  <message>
   <source>Turn the hem in below: straight sides first, then the curves, tooth by tooth, and rub it down.</source>
   <translation>Schlag den Saum unten ein: gerade Seiten zuerst, dann die Rundungen, Zahn für Zahn, und reib ihn an.</translation>
  </message>
  <message>
   <source>Turn the pieces over</source>
   <translation>Die Teile wenden</translation>
  </message>
  <message>
   <source>Turn the sheet over</source>
   <translation>Den Bogen wenden</translation>
  </message>
  <message>
   <source>Turn the sheet over sideways, so that its back lies up: the edge that was left is now right, and is measured from.</source>
   <translation>Wende den Bogen seitlich, so dass die Rückseite oben liegt: Die Kante, die links war, ist jetzt rechts, und von ihr wird gemessen.</translation>
  </message>
  <message>
   <source>Turn {names} round the corner.</source>
   <translation>{names} um die Ecke biegen.</translation>
  </message>
  <message>
   <source>Turn-in</source>
   <translation>Einschlag</translation>
  </message>
  <message>
   <source>Turned</source>
   <translation>Gedreht</translation>
  </message>
  <message>
   <source>Turned as they fit best</source>
   <translation>Gedreht, wie sie am besten passen</translation>
  </message>
  <message>
   <source>Turned back</source>
   <translation>Umgeschlagen Rückseite</translation>
  </message>
  <message>
   <source>Turned by</source>
   <translation>Gedreht um</translation>
  </message>
  <message>
   <source>Turned top</source>
   <translation>Umgeschlagen Oberseite</translation>
  </message>
  <message>
   <source>Turning gap</source>
   <translation>Wendeöffnung</translation>
  </message>
  <message>
   <source>Turns</source>
   <translation>Windungen</translation>
  </message>
  <message>
   <source>Turns by</source>
   <translation>Dreht um</translation>
  </message>
  <message>
   <source>Turns either way</source>
   <translation>Dreht nach beiden Seiten</translation>
  </message>
  <message>
   <source>Turns on</source>
   <translation>Dreht auf</translation>
  </message>
  <message>
   <source>Twice</source>
   <translation>Doppelt</translation>
  </message>
  <message>
   <source>Two alike at once</source>
   <translation>Zwei gleiche auf einmal</translation>
  </message>
  <message>
   <source>Two boards, each cut in half way for the other.</source>
   <translation>Zwei Bretter, jedes für das andere zur Hälfte eingeschnitten.</translation>
  </message>
  <message>
   <source>Type what you want to do</source>
   <translation>Schreiben Sie, was Sie tun möchten</translation>
  </message>
  <message>
   <source>UK large letter</source>
   <translation>britischer Großbrief</translation>
  </message>
  <message>
   <source>UK letter</source>
   <translation>britischer Brief</translation>
  </message>
  <message>
   <source>UPU Convention Regulations, 2022</source>
   <translation>Weltpostvertrag, Durchführungsordnung, 2022</translation>
  </message>
  <message>
   <source>US </source>
   <translation>US </translation>
  </message>
  <message>
   <source>US # #/# envelope</source>
   <translation>US-Umschlag # #/#</translation>
  </message>
  <message>
   <source>US # envelope</source>
   <translation>US-Umschlag #</translation>
  </message>
  <message>
   <source>US A# envelope</source>
   <translation>US-Umschlag A#</translation>
  </message>
  <message>
   <source>US business card</source>
   <translation>US-Visitenkarte</translation>
  </message>
  <message>
   <source>US large envelope</source>
   <translation>US-Großumschlag</translation>
  </message>
  <message>
   <source>US letter</source>
   <translation>US-Brief</translation>
  </message>
  <message>
   <source>USPS Domestic Mail Manual 101, 2024</source>
   <translation>USPS Domestic Mail Manual 101, 2024</translation>
  </message>
  <message>
   <source>Underneath</source>
   <translation>Unten</translation>
  </message>
  <message>
   <source>Undo</source>
   <translation>Rückgängig</translation>
  </message>
  <message>
   <source>Undo the last press</source>
   <translation>Letzten Druck zurücknehmen</translation>
  </message>
  <message>
   <source>Undo {change}</source>
   <translation>Rückgängig: {change}</translation>
  </message>
  <message>
   <source>Unit</source>
   <translation>Einheit</translation>
  </message>
  <message>
   <source>Untitled</source>
   <translation>Ohne Titel</translation>
  </message>
  <message>
   <source>Up</source>
   <translation>Nach oben</translation>
  </message>
  <message>
   <source>Up the label.</source>
   <translation>Das Schild hinauf.</translation>
  </message>
  <message>
   <source>Up the opening.</source>
   <translation>Die Öffnung hinauf.</translation>
  </message>
  <message>
   <source>Up to three constructions for the same thing: blank, sheets, folds, seams, money.</source>
   <translation>Bis zu drei Bauformen für dasselbe Ding: Zuschnitt, Bogen, Falze, Nähte, Geld.</translation>
  </message>
  <message>
   <source>Upper collar</source>
   <translation>Muffe oben</translation>
  </message>
  <message>
   <source>Upper end</source>
   <translation>Oberes Ende</translation>
  </message>
  <message>
   <source>Upright bars</source>
   <translation>Sprossen senkrecht</translation>
  </message>
  <message>
   <source>Upright line</source>
   <translation>Aufrechte Linie</translation>
  </message>
  <message>
   <source>Upright, along the sheet</source>
   <translation>Aufrecht, längs des Bogens</translation>
  </message>
  <message>
   <source>Use and change it, also for money, and name the author (CC BY 4.0).</source>
   <translation>Benutze und ändere es, auch für Geld, und nenne den Urheber (CC BY 4.0).</translation>
  </message>
  <message>
   <source>Use and change it, but not for money, and name the author (CC BY-NC 4.0).</source>
   <translation>Benutze und ändere es, aber nicht für Geld, und nenne den Urheber (CC BY-NC 4.0).</translation>
  </message>
  <message>
   <source>Use and change it, name the author, and hand on under the same terms (CC BY-SA 4.0).</source>
   <translation>Benutze und ändere es, nenne den Urheber und gib es unter denselben Bedingungen weiter (CC BY-SA 4.0).</translation>
  </message>
  <message>
   <source>Use it for this thing</source>
   <translation>Für dieses Ding nehmen</translation>
  </message>
  <message>
   <source>Use {larger}</source>
   <translation>{larger} nehmen</translation>
  </message>
  <message>
   <source>Used last</source>
   <translation>Zuletzt benutzt</translation>
  </message>
  <message>
   <source>Used them</source>
   <translation>Sie sind verbraucht</translation>
  </message>
  <message>
   <source>Usual: {name}</source>
   <translation>Üblich: {name}</translation>
  </message>
  <message>
   <source>Vellum 112 g</source>
   <translation>Transparentpapier 112 g</translation>
  </message>
  <message>
   <source>Version</source>
   <translation>Fassung</translation>
  </message>
  <message>
   <source>Version {version}</source>
   <translation>Fassung {version}</translation>
  </message>
  <message>
   <source>Wadding, 4 mm pressed</source>
   <translation>Watte, gepresst 4 mm</translation>
  </message>
  <message>
   <source>Walls</source>
   <translation>Wände</translation>
  </message>
  <message>
   <source>Wanted at 1 to</source>
   <translation>Gewünscht in 1 zu</translation>
  </message>
  <message>
   <source>Wanted thickness</source>
   <translation>Gewünschte Dicke</translation>
  </message>
  <message>
   <source>Watch it fold</source>
   <translation>Beim Falten zusehen</translation>
  </message>
  <message>
   <source>Watercolour paper 190 g</source>
   <translation>Aquarellpapier 190 g</translation>
  </message>
  <message>
   <source>Watercolour paper 300 g</source>
   <translation>Aquarellpapier 300 g</translation>
  </message>
  <message>
   <source>Weld corners at one place</source>
   <translation>Ecken an einer Stelle verschweißen</translation>
  </message>
  <message>
   <source>Wet glue</source>
   <translation>Nassleim</translation>
  </message>
  <message>
   <source>Wet glue can be slid into place and needs holding; double-sided tape holds at once, and its tabs are made as deep as the tape is wide.</source>
   <translation>Nassleim lässt sich noch schieben und will gehalten werden; doppelseitiges Band hält sofort, und seine Laschen sind so tief, wie das Band breit ist.</translation>
  </message>
  <message>
   <source>Wet glue is held</source>
   <translation>Nasser Kleber wird gehalten</translation>
  </message>
  <message>
   <source>What</source>
   <translation>Was</translation>
  </message>
  <message>
   <source>What a bare number means. The other unit always stands beside it.</source>
   <translation>Was eine bloße Zahl bedeutet. Die andere Einheit steht stets daneben.</translation>
  </message>
  <message>
   <source>What a bare number means; the other unit always stands beside it</source>
   <translation>Was eine bloße Zahl bedeutet; die andere Einheit steht stets daneben</translation>
  </message>
  <message>
   <source>What a careful eye finds, with its remedy</source>
   <translation>Was ein sorgfältiges Auge findet, mit Abhilfe</translation>
  </message>
  <message>
   <source>What a copier does: creases, slots and tabs grow with the rest, the card does not.</source>
   <translation>Was ein Kopierer tut: Falze, Schlitze und Laschen wachsen mit, der Karton nicht.</translation>
  </message>
  <message>
   <source>What a square metre weighs. Write 176, or a US weight with its grade: 65 lb cover.</source>
   <translation>Was ein Quadratmeter wiegt. Schreiben Sie 176 oder ein US-Gewicht mit seiner Sorte: 65 lb cover.</translation>
  </message>
  <message>
   <source>What all would take on another sheet; nothing changes.</source>
   <translation>Was alles auf einem anderen Bogen brauchte; nichts ändert sich.</translation>
  </message>
  <message>
   <source>What became of it</source>
   <translation>Was daraus wurde</translation>
  </message>
  <message>
   <source>What comes as loose triangles hangs together then.</source>
   <translation>Was als lose Dreiecke kommt, hängt dann zusammen.</translation>
  </message>
  <message>
   <source>What differs from the file:</source>
   <translation>Was sich von der Datei unterscheidet:</translation>
  </message>
  <message>
   <source>What do you want to do?</source>
   <translation>Was möchten Sie tun?</translation>
  </message>
  <message>
   <source>What each reading is off the fit</source>
   <translation>Wie weit jede Ablesung von der Ausgleichung liegt</translation>
  </message>
  <message>
   <source>What hangs by a thread hangs out of reach of small children: threads wind round necks.</source>
   <translation>Was an einem Faden hängt, hängt außer Reichweite kleiner Kinder: Fäden legen sich um den Hals.</translation>
  </message>
  <message>
   <source>What hangs over people is fixed as somebody qualified would fix it.</source>
   <translation>Was über Menschen hängt, wird befestigt, wie es Fachkundige täten.</translation>
  </message>
  <message>
   <source>What holds each seam</source>
   <translation>Was jede Naht hält</translation>
  </message>
  <message>
   <source>What holds this seam, where that is another adhesive than is usual there; hot glue burns, and softens plastic windows.</source>
   <translation>Was diese Naht hält, wo es ein anderer Kleber als üblich ist; Heißkleber verbrennt und weicht Kunststofffenster auf.</translation>
  </message>
  <message>
   <source>What is cut lies within {mm:.2f} mm of the drawing; {minutes:.1f} minutes.</source>
   <translation>Was geschnitten wird, liegt innerhalb von {mm:.2f} mm an der Zeichnung; {minutes:.1f} Minuten.</translation>
  </message>
  <message>
   <source>What is done</source>
   <translation>Was getan wird</translation>
  </message>
  <message>
   <source>What is glued on this panel</source>
   <translation>Was auf dieses Feld geklebt ist</translation>
  </message>
  <message>
   <source>What is held</source>
   <translation>Was gehalten wird</translation>
  </message>
  <message>
   <source>What is narrower tears.</source>
   <translation>Was schmaler ist, reißt.</translation>
  </message>
  <message>
   <source>What is printed</source>
   <translation>Was gedruckt wird</translation>
  </message>
  <message>
   <source>What is saved last there or here replaces the other. The version before is kept with ~ at its end.</source>
   <translation>Was dort oder hier zuletzt gespeichert wird, ersetzt das andere. Die Fassung davor bleibt mit ~ am Ende.</translation>
  </message>
  <message>
   <source>What is to be done</source>
   <translation>Was zu tun ist</translation>
  </message>
  <message>
   <source>What it becomes</source>
   <translation>Was daraus wird</translation>
  </message>
  <message>
   <source>What it hangs by, or turns on.</source>
   <translation>Woran es hängt, oder worauf es sich dreht.</translation>
  </message>
  <message>
   <source>What it leaves white at each side, the widest of them.</source>
   <translation>Was er an den Seiten weiß lässt, das Breiteste davon.</translation>
  </message>
  <message>
   <source>What it must itself fit into.</source>
   <translation>Wo es selbst hineinpassen muss.</translation>
  </message>
  <message>
   <source>What it stands on, goes through or hangs from.</source>
   <translation>Worauf es steht, wodurch es geht oder woran es hängt.</translation>
  </message>
  <message>
   <source>What it takes</source>
   <translation>Was es braucht</translation>
  </message>
  <message>
   <source>What it takes comes onto the list of needs. For paint, heat and blades, follow their makers' instructions.</source>
   <translation>Was er braucht, kommt auf die Liste. Für Farbe, Wärme und Klingen gelten die Anleitungen der Hersteller.</translation>
  </message>
  <message>
   <source>What it teaches</source>
   <translation>Was es lehrt</translation>
  </message>
  <message>
   <source>What its maker allows.</source>
   <translation>Was sein Hersteller erlaubt.</translation>
  </message>
  <message>
   <source>What lies in the printer. The drawing keeps its size on every sheet.</source>
   <translation>Was im Drucker liegt. Die Zeichnung behält auf jedem Bogen ihre Größe.</translation>
  </message>
  <message>
   <source>What lies in your printer. Both A4 and Letter print at actual size.</source>
   <translation>Was in Ihrem Drucker liegt. A4 und Letter drucken beide in wirklicher Größe.</translation>
  </message>
  <message>
   <source>What must fit, how it is made, from what, how many</source>
   <translation>Was hineinpassen muss, wie es gemacht ist, woraus, wie viele</translation>
  </message>
  <message>
   <source>What must fit: {what}</source>
   <translation>Was hineinpassen muss: {what}</translation>
  </message>
  <message>
   <source>What must fit?</source>
   <translation>Was muss hineinpassen?</translation>
  </message>
  <message>
   <source>What shall it be for?</source>
   <translation>Wofür soll es sein?</translation>
  </message>
  <message>
   <source>What so many kits together take; nothing else changes.</source>
   <translation>Was so viele Sätze zusammen brauchen; sonst ändert sich nichts.</translation>
  </message>
  <message>
   <source>What stands tall can fall: weigh its foot down, keep it off ways and from small children, and bring it in from wind.</source>
   <translation>Was hoch steht, kann fallen: den Fuß beschweren, aus dem Weg und von kleinen Kindern fernhalten und vor Wind hereinholen.</translation>
  </message>
  <message>
   <source>What the folds need. Write 0.4 mm, 14 pt, 350 µm or 1/64 in; measure ten sheets and divide by ten.</source>
   <translation>Was die Falze brauchen. Schreiben Sie 0.4 mm, 14 pt, 350 µm oder 1/64 in; messen Sie zehn Bogen und teilen Sie durch zehn.</translation>
  </message>
  <message>
   <source>What the plot answers.</source>
   <translation>Was das Schaubild beantwortet.</translation>
  </message>
  <message>
   <source>What the printed bar of 100 mm measures.</source>
   <translation>Was der gedruckte Balken von 100 mm misst.</translation>
  </message>
  <message>
   <source>What the printer does</source>
   <translation>Was der Drucker tut</translation>
  </message>
  <message>
   <source>What there is to cut it from. A tray from a square scored all round at its height is drafted so.</source>
   <translation>Woraus es zu schneiden ist. Ein Kasten aus einem Quadrat, ringsum auf seiner Höhe gerillt, wird so entworfen.</translation>
  </message>
  <message>
   <source>What to change next time</source>
   <translation>Was nächstes Mal zu ändern ist</translation>
  </message>
  <message>
   <source>What to change next time…</source>
   <translation>Was nächstes Mal anders…</translation>
  </message>
  <message>
   <source>What was made and what to change</source>
   <translation>Was gemacht wurde und was zu ändern ist</translation>
  </message>
  <message>
   <source>What you get</source>
   <translation>Was daraus wird</translation>
  </message>
  <message>
   <source>What you need</source>
   <translation>Was du brauchst</translation>
  </message>
  <message>
   <source>What you need, and every step with its picture, as PDF or as a page for a browser</source>
   <translation>Was du brauchst, und jeder Schritt mit seinem Bild, als PDF oder als Seite für den Browser</translation>
  </message>
  <message>
   <source>What you need, and every step with its picture, as PDF or for a browser.</source>
   <translation>Was du brauchst, und jeder Schritt mit seinem Bild, als PDF oder für den Browser.</translation>
  </message>
  <message>
   <source>When</source>
   <translation>Wann</translation>
  </message>
  <message>
   <source>Where</source>
   <translation>Wo</translation>
  </message>
  <message>
   <source>Where Mingei writes down what went wrong</source>
   <translation>Wo Mingei aufschreibt, was schiefging</translation>
  </message>
  <message>
   <source>Where it is cut open.</source>
   <translation>Wo es aufgeschnitten ist.</translation>
  </message>
  <message>
   <source>Where on its own panel, from its middle.</source>
   <translation>Wo auf seiner eigenen Fläche, von deren Mitte.</translation>
  </message>
  <message>
   <source>Where several pieces share a sheet.</source>
   <translation>Wo mehrere Stücke einen Bogen teilen.</translation>
  </message>
  <message>
   <source>Where the rule lies and what is cut first, sheet by sheet, as pages to print</source>
   <translation>Wo das Lineal liegt und was zuerst geschnitten wird, Bogen für Bogen, als Seiten zum Drucken</translation>
  </message>
  <message>
   <source>Where the rule lies, what is scored from which face, what is cut first</source>
   <translation>Wo das Lineal liegt, was von welcher Seite gerillt, was zuerst geschnitten wird</translation>
  </message>
  <message>
   <source>Which edge of the sheet lies against the fence of the board.</source>
   <translation>Welche Kante des Bogens am Anschlag des Bretts liegt.</translation>
  </message>
  <message>
   <source>Which length</source>
   <translation>Welche Länge</translation>
  </message>
  <message>
   <source>Which of the {count} sheets, such as 2 or 1,3-5?</source>
   <translation>Welche der {count} Bogen, etwa 2 oder 1,3-5?</translation>
  </message>
  <message>
   <source>Which pages are shown</source>
   <translation>Welche Seiten gezeigt werden</translation>
  </message>
  <message>
   <source>Which thing of the kit is being made.</source>
   <translation>Welches Ding des Satzes gebaut wird.</translation>
  </message>
  <message>
   <source>Who it is for, what to remember…</source>
   <translation>Für wen es ist, was zu merken ist…</translation>
  </message>
  <message>
   <source>Whole pages</source>
   <translation>Ganze Seiten</translation>
  </message>
  <message>
   <source>Why</source>
   <translation>Warum</translation>
  </message>
  <message>
   <source>Why now: {reasons}.</source>
   <translation>Warum jetzt: {reasons}.</translation>
  </message>
  <message>
   <source>Widen what is narrower</source>
   <translation>Schmaleres verbreitern</translation>
  </message>
  <message>
   <source>Width</source>
   <translation>Breite</translation>
  </message>
  <message>
   <source>Width and height of your own sheet, or the width of a roll and the length you cut from it.</source>
   <translation>Breite und Höhe Ihres eigenen Bogens, oder die Breite einer Rolle und die Länge, die Sie davon schneiden.</translation>
  </message>
  <message>
   <source>Width inside</source>
   <translation>Breite innen</translation>
  </message>
  <message>
   <source>Width of a half-round notch in the panel's longest free edge; 0 for none.</source>
   <translation>Breite einer halbrunden Kerbe in der längsten freien Kante des Felds; 0 für keine.</translation>
  </message>
  <message>
   <source>Window</source>
   <translation>Fenster</translation>
  </message>
  <message>
   <source>Window height</source>
   <translation>Fensterhöhe</translation>
  </message>
  <message>
   <source>Window width</source>
   <translation>Fensterbreite</translation>
  </message>
  <message>
   <source>Windows</source>
   <translation>Fenster</translation>
  </message>
  <message>
   <source>With a rule</source>
   <translation>Mit dem Lineal</translation>
  </message>
  <message>
   <source>With all its pictures in one file (*.mingei.zip)</source>
   <translation>Mit allen Bildern in einer Datei (*.mingei.zip)</translation>
  </message>
  <message>
   <source>With any other pieces</source>
   <translation>Mit beliebigen anderen Stücken</translation>
  </message>
  <message>
   <source>With care</source>
   <translation>Mit Vorsicht</translation>
  </message>
  <message>
   <source>With care: a fresh blade, a metal rule with a guard, the holding hand never before the blade; children only with an adult.</source>
   <translation>Mit Vorsicht: eine frische Klinge, ein Metalllineal mit Schutz, die haltende Hand nie vor der Klinge; Kinder nur mit einem Erwachsenen.</translation>
  </message>
  <message>
   <source>With cutting machines follow the maker's instructions and local rules.</source>
   <translation>Bei Schneidemaschinen beachte die Anweisungen des Herstellers und örtliche Regeln.</translation>
  </message>
  <message>
   <source>With something to mend</source>
   <translation>An denen etwas zu richten ist</translation>
  </message>
  <message>
   <source>Without a tab</source>
   <translation>Ohne Lasche</translation>
  </message>
  <message>
   <source>Words</source>
   <translation>Wörter</translation>
  </message>
  <message>
   <source>Words on this panel, upright when it is folded.</source>
   <translation>Wörter auf diesem Feld, aufrecht, wenn es gefaltet ist.</translation>
  </message>
  <message>
   <source>Words to print</source>
   <translation>Wörter zum Drucken</translation>
  </message>
  <message>
   <source>Work in &amp;inches</source>
   <translation>In &amp;Zoll arbeiten</translation>
  </message>
  <message>
   <source>Work on {name} was not saved when Mingei stopped.</source>
   <translation>Die Arbeit an {name} war nicht gespeichert, als Mingei endete.</translation>
  </message>
  <message>
   <source>Work the pieces out anew</source>
   <translation>Teile neu ausrechnen</translation>
  </message>
  <message>
   <source>Working out the pieces…</source>
   <translation>Die Teile werden berechnet…</translation>
  </message>
  <message>
   <source>Wrapper</source>
   <translation>Hülle</translation>
  </message>
  <message>
   <source>Wrapping paper 60 g</source>
   <translation>Packpapier 60 g</translation>
  </message>
  <message>
   <source>Wraps</source>
   <translation>Hüllen</translation>
  </message>
  <message>
   <source>Wreath</source>
   <translation>Kranz</translation>
  </message>
  <message>
   <source>Write it down</source>
   <translation>Aufschreiben</translation>
  </message>
  <message>
   <source>Write what is made into the measures</source>
   <translation>Schreiben, was gemacht wird, in die Maße</translation>
  </message>
  <message>
   <source>You take {value:.2f} times as long as reckoned ({low:.2f} to {high:.2f}, from {many}).</source>
   <translation>Du brauchst {value:.2f}-mal so lange wie gerechnet ({low:.2f} bis {high:.2f}, aus {many}).</translation>
  </message>
  <message>
   <source>You take {value:.2f} times as long as reckoned, {low:.2f} to {high:.2f} in 95 of 100 cases.</source>
   <translation>Du brauchst {value:.2f}-mal so lange wie gerechnet, {low:.2f} bis {high:.2f} in 95 von 100 Fällen.</translation>
  </message>
  <message>
   <source>Your changes could not be kept aside: {error}</source>
   <translation>Ihre Änderungen ließen sich nicht beiseitelegen: {error}</translation>
  </message>
  <message>
   <source>Your own goes; a stock of the catalogue comes back as it was</source>
   <translation>Ihr eigenes geht; ein Material des Katalogs wird wieder, wie es war</translation>
  </message>
  <message>
   <source>Your terms</source>
   <translation>Deine Bedingungen</translation>
  </message>
  <message>
   <source>Yours has</source>
   <translation>Ihres hat</translation>
  </message>
  <message>
   <source>Zoom &amp;in</source>
   <translation>Ver&amp;größern</translation>
  </message>
  <message>
   <source>Zoom &amp;out</source>
   <translation>Ver&amp;kleinern</translation>
  </message>
  <message>
   <source>Zoom in</source>
   <translation>Vergrößern</translation>
  </message>
  <message>
   <source>Zoom out</source>
   <translation>Verkleinern</translation>
  </message>
  <message>
   <source>Zoom to &amp;actual size</source>
   <translation>&amp;Wirkliche Größe</translation>
  </message>
  <message>
   <source>Zoom to &amp;fit</source>
   <translation>&amp;Einpassen</translation>
  </message>
  <message>
   <source>Zoom to fit</source>
   <translation>Einpassen</translation>
  </message>
  <message>
   <source>Zoom to the &amp;selected panel</source>
   <translation>Auf das &amp;gewählte Feld einpassen</translation>
  </message>
  <message>
   <source>a bag deeper than it is wide does not fold flat</source>
   <translation>eine Tüte, die tiefer als breit ist, faltet sich nicht flach</translation>
  </message>
  <message>
   <source>a bag with folding sides and a flat bottom, for a shop or a gift</source>
   <translation>eine Tüte mit faltbaren Seiten und flachem Boden, für einen Laden oder ein Geschenk</translation>
  </message>
  <message>
   <source>a band of card</source>
   <translation>ein Reif aus Karton</translation>
  </message>
  <message>
   <source>a bar of 100 mm that prints as {bar:g} mm was fitted to the page</source>
   <translation>ein Balken von 100 mm, der als {bar:g} mm herauskommt, wurde an die Seite angepasst</translation>
  </message>
  <message>
   <source>a bar that prints as {mm} was fitted to the page</source>
   <translation>ein Balken, der als {mm} herauskommt, wurde an die Seite angepasst</translation>
  </message>
  <message>
   <source>a base and a canopy on a crossed column, with a roof</source>
   <translation>ein Sockel und ein Dach auf einer gekreuzten Säule</translation>
  </message>
  <message>
   <source>a bed of {mm:g} mm cannot be</source>
   <translation>ein Bett von {mm:g} mm kann es nicht geben</translation>
  </message>
  <message>
   <source>a blank of {across} by {up}</source>
   <translation>ein Zuschnitt von {across} mal {up}</translation>
  </message>
  <message>
   <source>a block as large as the inside of a box, to fold and press its walls against</source>
   <translation>ein Block so groß wie das Innere einer Schachtel, um ihre Wände darum zu falten und anzudrücken</translation>
  </message>
  <message>
   <source>a board has one ply or more, films and insets of 0 or more</source>
   <translation>ein Brett hat eine Schicht oder mehr, Leimfilme und Einzüge von 0 oder mehr</translation>
  </message>
  <message>
   <source>a board is cut in where none of its sides is</source>
   <translation>ein Brett ist eingeschnitten, wo keine seiner Seiten ist</translation>
  </message>
  <message>
   <source>a board with an arm on a fastener, and a slide in a slot</source>
   <translation>eine Pappe mit einem Arm an einer Klammer und einem Schieber in einem Schlitz</translation>
  </message>
  <message>
   <source>a bowl of flat sides in two halves, on a foot if wished</source>
   <translation>eine Schale mit flachen Seiten in zwei Hälften, auf Wunsch auf einem Fuß</translation>
  </message>
  <message>
   <source>a box of boards in a wrap, with a lid that slides over it or is hinged</source>
   <translation>eine Schachtel aus Pappe mit Bezug und Deckel, übergestülpt oder mit Scharnier</translation>
  </message>
  <message>
   <source>a box of three to twelve equal sides, with a lid</source>
   <translation>eine Schachtel aus drei bis zwölf gleichen Seiten, mit Deckel</translation>
  </message>
  <message>
   <source>a bracket is not closed</source>
   <translation>eine Klammer ist nicht geschlossen</translation>
  </message>
  <message>
   <source>a breathing hole and an eye hole would run into each other</source>
   <translation>ein Atemloch und ein Augenloch liefen ineinander</translation>
  </message>
  <message>
   <source>a cabinet of boards with a drawer in each opening</source>
   <translation>ein Schrank aus Pappe mit einer Schublade in jedem Fach</translation>
  </message>
  <message>
   <source>a caliper of {caliper:g} mm is outside {low:g} to {high:g} mm</source>
   <translation>eine Dicke von {caliper:g} mm liegt außerhalb {low:g} bis {high:g} mm</translation>
  </message>
  <message>
   <source>a card of any outline, joined along a fold</source>
   <translation>eine Karte von beliebigem Umriss, längs eines Falzes verbunden</translation>
  </message>
  <message>
   <source>a card that stands on steps, or leans on a prop, and folds flat</source>
   <translation>eine Karte, die auf Stufen steht oder an einer Stütze lehnt und sich flach faltet</translation>
  </message>
  <message>
   <source>a card to send: folded once, a gate, or a concertina</source>
   <translation>eine Karte zum Senden: einmal gefaltet, als Tor oder Leporello</translation>
  </message>
  <message>
   <source>a cell of it is far too long</source>
   <translation>eine Zelle darin ist viel zu lang</translation>
  </message>
  <message>
   <source>a channel {deep} deep leaves too little of board {thick} thick</source>
   <translation>eine {deep} tiefe Nut lässt zu wenig von {thick} dicker Pappe</translation>
  </message>
  <message>
   <source>a corner is too short to be rounded</source>
   <translation>eine Ecke ist zu kurz zum Runden</translation>
  </message>
  <message>
   <source>a corner so round is more than half of its side</source>
   <translation>eine so runde Ecke ist mehr als die Hälfte ihrer Seite</translation>
  </message>
  <message>
   <source>a crease gain of {gain:g} mm cannot be true</source>
   <translation>eine Falzzugabe von {gain:g} mm kann nicht stimmen</translation>
  </message>
  <message>
   <source>a crease of the {piece} lies {mm:.2f} mm beside its line</source>
   <translation>eine Rillung von {piece} liegt {mm:.2f} mm neben ihrer Linie</translation>
  </message>
  <message>
   <source>a cupboard or rack of boards: shelves as high as asked, doors on pins</source>
   <translation>ein Schrank oder Regal aus Pappe: Fächer so hoch wie gewünscht, Türen auf Stiften</translation>
  </message>
  <message>
   <source>a cupboard's depth</source>
   <translation>die Tiefe eines Schranks</translation>
  </message>
  <message>
   <source>a cupboard's width</source>
   <translation>die Breite eines Schranks</translation>
  </message>
  <message>
   <source>a curve of radius {radius:.2f} mm is tighter than the {tool} makes ({least:g} mm)</source>
   <translation>eine Kurve mit Radius {radius:.2f} mm ist enger, als das Werkzeug ({tool}) sie macht ({least:g} mm)</translation>
  </message>
  <message>
   <source>a curve of {radius} is too tight for cloth that reaches {far} over it</source>
   <translation>ein Bogen von {radius} ist zu eng für Stoff, der {far} darüber reicht</translation>
  </message>
  <message>
   <source>a door so high leaves nothing of the wall above it</source>
   <translation>eine so hohe Tür lässt nichts von der Wand darüber</translation>
  </message>
  <message>
   <source>a door so wide leaves nothing of the wall beside it</source>
   <translation>eine so breite Tür lässt nichts von der Wand daneben</translation>
  </message>
  <message>
   <source>a door's height</source>
   <translation>die Höhe einer Tür</translation>
  </message>
  <message>
   <source>a door's width</source>
   <translation>die Breite einer Tür</translation>
  </message>
  <message>
   <source>a drawing of more than {mb:g} MB is too large</source>
   <translation>eine Zeichnung von mehr als {mb:g} MB ist zu groß</translation>
  </message>
  <message>
   <source>a face once more to glue on, of another paper</source>
   <translation>eine Fläche noch einmal zum Aufkleben, aus anderem Papier</translation>
  </message>
  <message>
   <source>a faceted head to wear, from a mesh, with eye holes and a band</source>
   <translation>ein Facettenkopf zum Tragen, aus einem Netz, mit Augenlöchern und Band</translation>
  </message>
  <message>
   <source>a faceted model from a mesh, in pieces that fold up</source>
   <translation>ein Flächenmodell aus einem Netz, in Teilen, die sich auffalten</translation>
  </message>
  <message>
   <source>a fastener</source>
   <translation>eine Musterklammer</translation>
  </message>
  <message>
   <source>a figure cut out along a picture, and what makes it stand</source>
   <translation>eine Figur, an einem Bild ausgeschnitten, und was sie stehen lässt</translation>
  </message>
  <message>
   <source>a figure cut out along a picture, on feet, a base, struts or an easel</source>
   <translation>eine Figur, an einem Bild ausgeschnitten, auf Füßen, Sockel, Streben oder Staffelei</translation>
  </message>
  <message>
   <source>a figure of it cannot be true</source>
   <translation>eine seiner Zahlen kann nicht stimmen</translation>
  </message>
  <message>
   <source>a flag, a sign or a sail whose sleeve goes round its stick</source>
   <translation>eine Fahne, ein Schild oder ein Segel, dessen Hülse um den Stab geht</translation>
  </message>
  <message>
   <source>a flat bag whose foot opens so that it stands, its top folded over</source>
   <translation>ein flacher Beutel, dessen Fuß sich öffnet, damit er steht, oben umgelegt</translation>
  </message>
  <message>
   <source>a fold is made after a cut: the part may lie loose by then; make all folds first</source>
   <translation>eine Falte wird nach einem Schnitt gemacht: Das Teil kann dann lose liegen; mache alle Falten zuerst</translation>
  </message>
  <message>
   <source>a fold of the {piece} is not creased</source>
   <translation>ein Falz von {piece} ist nicht gerillt</translation>
  </message>
  <message>
   <source>a fold of {angle:g} degrees has no corner to set back from</source>
   <translation>ein Falz von {angle:g} Grad hat keine Ecke, von der man zurücksetzt</translation>
  </message>
  <message>
   <source>a fold runs beside it, and a join that is folded springs open</source>
   <translation>ein Falz läuft daneben, und eine gefaltete Fuge springt auf</translation>
  </message>
  <message>
   <source>a fraction cannot have 0 below the line</source>
   <translation>ein Bruch kann keine 0 unter dem Strich haben</translation>
  </message>
  <message>
   <source>a front that lifts off</source>
   <translation>eine abnehmbare Front</translation>
  </message>
  <message>
   <source>a front that stays</source>
   <translation>eine feste Front</translation>
  </message>
  <message>
   <source>a gap so long leaves too little to hold it together</source>
   <translation>eine so lange Öffnung lässt zu wenig, was es zusammenhält</translation>
  </message>
  <message>
   <source>a gift, a soap: two bulging sides, ends that close over curved scores</source>
   <translation>ein Geschenk, eine Seife: zwei gewölbte Seiten, Enden, die über gebogene Rillen schließen</translation>
  </message>
  <message>
   <source>a grammage of {grammage:g} g/m2 is outside 5 to 10000</source>
   <translation>ein Flächengewicht von {grammage:g} g/m2 liegt außerhalb 5 bis 10000</translation>
  </message>
  <message>
   <source>a hanging lantern or ornament of flat faces</source>
   <translation>eine hängende Laterne oder ein Schmuck aus flachen Flächen</translation>
  </message>
  <message>
   <source>a head {across} wide is some {round_} round</source>
   <translation>ein {across} breiter Kopf hat etwa {round_} Umfang</translation>
  </message>
  <message>
   <source>a hinge of {name} does not bend to and fro</source>
   <translation>ein Scharnier aus {name} biegt sich nicht hin und her</translation>
  </message>
  <message>
   <source>a hinged lid with a ribbon</source>
   <translation>ein Klappdeckel mit Band</translation>
  </message>
  <message>
   <source>a hole of {mm} in the {name}</source>
   <translation>ein Loch von {mm} in {name}</translation>
  </message>
  <message>
   <source>a hole that takes a part has no patch: {part}</source>
   <translation>ein Loch, in das ein Teil kommt, hat keinen Flicken: {part}</translation>
  </message>
  <message>
   <source>a host with {room:g} mm of room cannot take a tab</source>
   <translation>ein Träger mit {room:g} mm Platz nimmt keine Lasche auf</translation>
  </message>
  <message>
   <source>a job is for one sheet and there are {count}</source>
   <translation>ein Auftrag ist für einen Bogen, und es sind {count}</translation>
  </message>
  <message>
   <source>a key is no text</source>
   <translation>ein Schlüssel ist kein Text</translation>
  </message>
  <message>
   <source>a knob so thick leaves nothing of the drawer's front</source>
   <translation>ein so dicker Knopf lässt nichts von der Front der Schublade</translation>
  </message>
  <message>
   <source>a label has both a width and a height</source>
   <translation>ein Schild hat eine Breite und eine Höhe</translation>
  </message>
  <message>
   <source>a label on a ribbon, with a pocket it slips into if wished</source>
   <translation>ein Anhänger am Band, auf Wunsch mit einer Tasche, in die er gleitet</translation>
  </message>
  <message>
   <source>a label so narrow cannot be cut</source>
   <translation>ein so schmales Schild lässt sich nicht schneiden</translation>
  </message>
  <message>
   <source>a leg so close falls over backward</source>
   <translation>ein so nahes Bein fällt nach hinten</translation>
  </message>
  <message>
   <source>a length is missing</source>
   <translation>eine Länge fehlt</translation>
  </message>
  <message>
   <source>a lever that slides in a slot and cannot come out of it</source>
   <translation>ein Hebel, der in einem Schlitz gleitet und nicht herauskann</translation>
  </message>
  <message>
   <source>a lid over it</source>
   <translation>ein Deckel darüber</translation>
  </message>
  <message>
   <source>a line is cut again after others were: the card tears there</source>
   <translation>eine Linie wird nach anderen noch einmal geschnitten: Der Karton reißt dort</translation>
  </message>
  <message>
   <source>a line is made {count} times, and {stock} wants {wanted}</source>
   <translation>eine Linie wird {count}-mal gemacht, und {stock} braucht {wanted}</translation>
  </message>
  <message>
   <source>a liner of another paper inside front and flap</source>
   <translation>ein Futter aus anderem Papier in Vorderseite und Klappe</translation>
  </message>
  <message>
   <source>a liner's flap would reach past the fold opposite</source>
   <translation>die Klappe eines Futters reichte über den Falz gegenüber</translation>
  </message>
  <message>
   <source>a list [ ] belongs here</source>
   <translation>hierher gehört eine Liste [ ]</translation>
  </message>
  <message>
   <source>a magnet</source>
   <translation>ein Magnet</translation>
  </message>
  <message>
   <source>a magnet is pressed in on a firm flat base</source>
   <translation>ein Magnet wird auf fester flacher Unterlage eingedrückt</translation>
  </message>
  <message>
   <source>a mask to wear</source>
   <translation>eine Maske zum Tragen</translation>
  </message>
  <message>
   <source>a measured length must be above 0</source>
   <translation>eine gemessene Länge muss über 0 liegen</translation>
  </message>
  <message>
   <source>a mesh is a line of text</source>
   <translation>ein Netz ist eine Zeile Text</translation>
  </message>
  <message>
   <source>a model</source>
   <translation>ein Modell</translation>
  </message>
  <message>
   <source>a name in it is far too long</source>
   <translation>ein Name darin ist viel zu lang</translation>
  </message>
  <message>
   <source>a new project</source>
   <translation>ein neues Projekt</translation>
  </message>
  <message>
   <source>a number is missing</source>
   <translation>eine Zahl fehlt</translation>
  </message>
  <message>
   <source>a number of thousands of digits</source>
   <translation>eine Zahl von tausenden Ziffern</translation>
  </message>
  <message>
   <source>a number or a name goes here</source>
   <translation>hierher gehört eine Zahl oder ein Name</translation>
  </message>
  <message>
   <source>a pad in a cover of cloth, sewn or glued</source>
   <translation>ein Polster in einem Bezug aus Stoff, genäht oder geklebt</translation>
  </message>
  <message>
   <source>a padded back</source>
   <translation>eine gepolsterte Lehne</translation>
  </message>
  <message>
   <source>a padded back with wings</source>
   <translation>eine gepolsterte Lehne mit Ohren</translation>
  </message>
  <message>
   <source>a padded seat on a rolled column and a star of legs, with a back if wished</source>
   <translation>ein gepolsterter Sitz auf einer gerollten Säule und einem Stern aus Beinen, auf Wunsch mit Lehne</translation>
  </message>
  <message>
   <source>a part is cut free before a cut inside it is made: inner cuts first</source>
   <translation>ein Teil wird frei geschnitten, bevor ein Schnitt in ihm gemacht ist: Innenschnitte zuerst</translation>
  </message>
  <message>
   <source>a part is set into a round hole only: {part}</source>
   <translation>ein Teil wird nur in ein rundes Loch gesetzt: {part}</translation>
  </message>
  <message>
   <source>a part of {area:.0f} mm2 is held by nothing and may be blown away: leave bridges</source>
   <translation>ein Teil von {area:.0f} mm2 wird von nichts gehalten und kann weggeblasen werden: Lass Stege</translation>
  </message>
  <message>
   <source>a part or opening is narrower than the {tool} makes ({least:g} mm)</source>
   <translation>ein Teil oder eine Öffnung ist schmaler, als das Werkzeug ({tool}) sie macht ({least:g} mm)</translation>
  </message>
  <message>
   <source>a photo of it has no name that Log gives</source>
   <translation>ein Foto davon hat keinen Namen, den das Logbuch gibt</translation>
  </message>
  <message>
   <source>a picture is missing, and a pack holds them all</source>
   <translation>ein Bild fehlt, und ein Paket enthält sie alle</translation>
  </message>
  <message>
   <source>a picture is not what its name says: the pack was changed or damaged</source>
   <translation>ein Bild ist nicht, was sein Name sagt: das Paket wurde geändert oder beschädigt</translation>
  </message>
  <message>
   <source>a picture it names is not in the pack</source>
   <translation>ein Bild, das es nennt, ist nicht im Paket</translation>
  </message>
  <message>
   <source>a piece is too large for the sheet</source>
   <translation>ein Stück ist zu groß für den Bogen</translation>
  </message>
  <message>
   <source>a piece of one face has nothing to fold</source>
   <translation>ein Stück aus einer Fläche hat nichts zu falten</translation>
  </message>
  <message>
   <source>a pin</source>
   <translation>ein Stift</translation>
  </message>
  <message>
   <source>a pin of {across} splits the edge of board {thick} thick</source>
   <translation>ein Stift von {across} spaltet die Kante von {thick} dicker Pappe</translation>
  </message>
  <message>
   <source>a pipe, a folder or a device has that name</source>
   <translation>eine Leitung, ein Ordner oder ein Gerät heißt so</translation>
  </message>
  <message>
   <source>a place in the job has one number, not two</source>
   <translation>eine Stelle im Auftrag hat eine Zahl statt zwei</translation>
  </message>
  <message>
   <source>a place in the job is no number</source>
   <translation>eine Stelle im Auftrag ist keine Zahl</translation>
  </message>
  <message>
   <source>a planter or bowl of three to twelve leaning sides, open above</source>
   <translation>ein Übertopf oder eine Schale aus drei bis zwölf schrägen Seiten, oben offen</translation>
  </message>
  <message>
   <source>a play of {fit:g} mm holds nothing</source>
   <translation>ein Spiel von {fit:g} mm hält nichts</translation>
  </message>
  <message>
   <source>a pocket for such a tag does not lie on the lining</source>
   <translation>eine Tasche für so einen Anhänger liegt nicht auf dem Spiegel</translation>
  </message>
  <message>
   <source>a pocket whose sides open like a concertina</source>
   <translation>eine Tasche, deren Seiten sich wie eine Ziehharmonika öffnen</translation>
  </message>
  <message>
   <source>a pocket with a tag</source>
   <translation>eine Tasche mit Anhänger</translation>
  </message>
  <message>
   <source>a point of the drawing lies on no sheet</source>
   <translation>ein Punkt der Zeichnung liegt auf keinem Bogen</translation>
  </message>
  <message>
   <source>a pouch so thick stands up like a tube</source>
   <translation>eine so dicke Tasche steht wie ein Rohr</translation>
  </message>
  <message>
   <source>a project with all its pictures in one file</source>
   <translation>ein Projekt mit allen Bildern in einer Datei</translation>
  </message>
  <message>
   <source>a prop</source>
   <translation>einer Stütze</translation>
  </message>
  <message>
   <source>a ratio needs two numbers above 0</source>
   <translation>ein Verhältnis braucht zwei Zahlen über 0</translation>
  </message>
  <message>
   <source>a ring with triangles turned back over it, a motif hung in its middle</source>
   <translation>ein Ring mit darübergeklappten Dreiecken, in der Mitte hängt ein Motiv</translation>
  </message>
  <message>
   <source>a round roof, tower or lampshade from one sector; LED lights only, never a candle</source>
   <translation>ein rundes Dach, ein Turm oder Lampenschirm aus einem Ausschnitt; nur LED-Lichter, nie eine Kerze</translation>
  </message>
  <message>
   <source>a round well in a face, or a gallery round a tower: teeth in at the floor, out at the rim</source>
   <translation>eine runde Vertiefung in einer Fläche, oder eine Galerie um einen Turm: Zähne innen am Boden, außen am Rand</translation>
  </message>
  <message>
   <source>a rule is divided by halves</source>
   <translation>ein Lineal ist in Hälften geteilt</translation>
  </message>
  <message>
   <source>a scale of 1:{times:g} is none a model is built at</source>
   <translation>in einem Maßstab von 1:{times:g} baut man kein Modell</translation>
  </message>
  <message>
   <source>a seam of theirs lies {near} from one of its sheets: glue a strip over it, or take another overlap</source>
   <translation>eine ihrer Fugen liegt {near} von einer der Blätter: einen Streifen darüberkleben oder anders überlappen</translation>
  </message>
  <message>
   <source>a seat's height</source>
   <translation>die Höhe eines Sitzes</translation>
  </message>
  <message>
   <source>a seat's width</source>
   <translation>die Breite eines Sitzes</translation>
  </message>
  <message>
   <source>a second layer, which bears what is printed</source>
   <translation>eine zweite Lage, die trägt, was gedruckt wird</translation>
  </message>
  <message>
   <source>a setting for {kind} names no tool of it, no kind of stock or no passes</source>
   <translation>eine Einstellung für {kind} nennt kein Werkzeug des Geräts, keine Materialart oder keine Durchgänge</translation>
  </message>
  <message>
   <source>a sheet measures {least:g} to {most:g} mm each way</source>
   <translation>ein Bogen misst {least:g} bis {most:g} mm in jeder Richtung</translation>
  </message>
  <message>
   <source>a sheet of {width:g} x {height:g} mm does not lie on a bed of {wide:g} x {high:g} mm</source>
   <translation>ein Bogen von {width:g} x {height:g} mm liegt nicht auf einem Bett von {wide:g} x {high:g} mm</translation>
  </message>
  <message>
   <source>a side carries two folds</source>
   <translation>eine Seite trägt zwei Falze</translation>
  </message>
  <message>
   <source>a side of the outline is too short to fold</source>
   <translation>eine Seite des Umrisses ist zu kurz zum Falten</translation>
  </message>
  <message>
   <source>a size must be above 0</source>
   <translation>eine Größe muss über 0 liegen</translation>
  </message>
  <message>
   <source>a slide in a slot</source>
   <translation>ein Schieber in einem Schlitz</translation>
  </message>
  <message>
   <source>a slit of the {name}, while the sheet still holds it</source>
   <translation>ein Schlitz von {name}, solange der Bogen es noch hält</translation>
  </message>
  <message>
   <source>a slot goes into a flat panel only</source>
   <translation>ein Schlitz kommt nur in ein flaches Feld</translation>
  </message>
  <message>
   <source>a stair's going</source>
   <translation>der Auftritt einer Treppe</translation>
  </message>
  <message>
   <source>a stair's rise</source>
   <translation>die Steigung einer Treppe</translation>
  </message>
  <message>
   <source>a stair's width</source>
   <translation>die Breite einer Treppe</translation>
  </message>
  <message>
   <source>a step needs a name and a sentence</source>
   <translation>ein Schritt braucht einen Namen und einen Satz</translation>
  </message>
  <message>
   <source>a step of your own</source>
   <translation>ein eigener Schritt</translation>
  </message>
  <message>
   <source>a step stands twice in its order</source>
   <translation>ein Schritt steht zweimal in der Reihenfolge</translation>
  </message>
  <message>
   <source>a stick</source>
   <translation>ein Stab</translation>
  </message>
  <message>
   <source>a stock needs a name</source>
   <translation>ein Material braucht einen Namen</translation>
  </message>
  <message>
   <source>a storey so low has no such room over its stair</source>
   <translation>ein so niedriges Geschoss hat nicht so viel Platz über der Treppe</translation>
  </message>
  <message>
   <source>a storey's clear height</source>
   <translation>die lichte Höhe eines Geschosses</translation>
  </message>
  <message>
   <source>a straight stair</source>
   <translation>eine gerade Treppe</translation>
  </message>
  <message>
   <source>a strip</source>
   <translation>ein Streifen</translation>
  </message>
  <message>
   <source>a strip behind</source>
   <translation>Streifen dahinter</translation>
  </message>
  <message>
   <source>a strip curls evenly only while its teeth lie flat</source>
   <translation>ein Streifen rundet sich nur gleichmäßig, solange seine Zähne flach liegen</translation>
  </message>
  <message>
   <source>a strip of its tab, {wide} wide, shows between the two panels</source>
   <translation>ein Streifen seiner Lasche, {wide} breit, zeigt sich zwischen den zwei Feldern</translation>
  </message>
  <message>
   <source>a strip of its tab, {wide} wide, shows between the two panels; so it is with {count} more</source>
   <translation>ein Streifen seiner Lasche, {wide} breit, zeigt sich zwischen den zwei Feldern; so ist es bei {count} weiteren</translation>
  </message>
  <message>
   <source>a strip over the middle, glued or fastened outside the short walls; the strip left of a sheet that was squared will do</source>
   <translation>ein Streifen über die Mitte, außen an die kurzen Wände geklebt oder geklammert; der Streifen, der beim Rechtwinkligschneiden vom Bogen bleibt, genügt</translation>
  </message>
  <message>
   <source>a tab finds no corner there</source>
   <translation>eine Lasche findet dort keine Ecke</translation>
  </message>
  <message>
   <source>a table's height</source>
   <translation>die Höhe eines Tischs</translation>
  </message>
  <message>
   <source>a tent of three to twelve sides on its base; the last side tucks in</source>
   <translation>ein Zelt aus drei bis zwölf Seiten auf seinem Boden; die letzte Seite wird gesteckt</translation>
  </message>
  <message>
   <source>a text of at most {most} characters belongs here</source>
   <translation>hierher gehört ein Text von höchstens {most} Zeichen</translation>
  </message>
  <message>
   <source>a thing has some length and some width</source>
   <translation>ein Ding hat eine Länge und eine Breite</translation>
  </message>
  <message>
   <source>a thing is not thinner than nothing</source>
   <translation>ein Ding ist nicht dünner als nichts</translation>
  </message>
  <message>
   <source>a tongue stands on a free straight side only</source>
   <translation>eine Zunge steht nur an einer freien geraden Seite</translation>
  </message>
  <message>
   <source>a tray that slides out of a sleeve open at both ends</source>
   <translation>ein Kasten, der aus einer an beiden Enden offenen Hülle gleitet</translation>
  </message>
  <message>
   <source>a tube measured outside is rolled open</source>
   <translation>ein außen gemessenes Rohr wird offen gerollt</translation>
  </message>
  <message>
   <source>a tuck lip takes {lip} of the inside</source>
   <translation>eine Steckzunge nimmt {lip} vom Inneren</translation>
  </message>
  <message>
   <source>a value is no number</source>
   <translation>ein Wert ist keine Zahl</translation>
  </message>
  <message>
   <source>a value is not what it should be</source>
   <translation>ein Wert ist nicht, was er sein sollte</translation>
  </message>
  <message>
   <source>a way in the job is not read: {text!r}</source>
   <translation>ein Weg im Auftrag ist nicht zu lesen: {text!r}</translation>
  </message>
  <message>
   <source>a window so high does not lie within the storey</source>
   <translation>ein so hohes Fenster liegt nicht im Geschoss</translation>
  </message>
  <message>
   <source>a window's sill</source>
   <translation>die Brüstung eines Fensters</translation>
  </message>
  <message>
   <source>a wrap does not go round an opening</source>
   <translation>ein Bezug geht nicht um eine Öffnung</translation>
  </message>
  <message>
   <source>a wrap, turned in below</source>
   <translation>ein Bezug, unten eingeschlagen</translation>
  </message>
  <message>
   <source>above</source>
   <translation>oben</translation>
  </message>
  <message>
   <source>above {name}</source>
   <translation>über {name}</translation>
  </message>
  <message>
   <source>accordion</source>
   <translation>Zickzackfalz</translation>
  </message>
  <message>
   <source>across</source>
   <translation>quer</translation>
  </message>
  <message>
   <source>across a finger hole</source>
   <translation>Durchmesser eines Fingerlochs</translation>
  </message>
  <message>
   <source>across each hole to look through</source>
   <translation>Durchmesser jedes Lochs zum Durchschauen</translation>
  </message>
  <message>
   <source>across each of two holes to breathe through; 0 for none, where it is open beneath</source>
   <translation>Weite von je einem der zwei Atemlöcher; 0 für keine, wo sie unten offen ist</translation>
  </message>
  <message>
   <source>across the finished cushion</source>
   <translation>über das fertige Kissen</translation>
  </message>
  <message>
   <source>across the foot where it stands</source>
   <translation>über den Fuß, wo er steht</translation>
  </message>
  <message>
   <source>across the lower end</source>
   <translation>quer über das untere Ende</translation>
  </message>
  <message>
   <source>across the outline</source>
   <translation>quer über den Umriss</translation>
  </message>
  <message>
   <source>across the ring, outside</source>
   <translation>quer über den Ring, außen</translation>
  </message>
  <message>
   <source>across the seat</source>
   <translation>über den Sitz</translation>
  </message>
  <message>
   <source>across the upper end, where it turns</source>
   <translation>quer über das obere Ende, um das es sich dreht</translation>
  </message>
  <message>
   <source>across the {axis}</source>
   <translation>quer zur {axis}</translation>
  </message>
  <message>
   <source>across, when it is closed</source>
   <translation>quer, wenn sie geschlossen ist</translation>
  </message>
  <message>
   <source>add {name}</source>
   <translation>{name} hinzufügen</translation>
  </message>
  <message>
   <source>adhesive</source>
   <translation>Kleben</translation>
  </message>
  <message>
   <source>advent</source>
   <translation>Advent</translation>
  </message>
  <message>
   <source>alike</source>
   <translation>gleich</translation>
  </message>
  <message>
   <source>all faces</source>
   <translation>alle Flächen</translation>
  </message>
  <message>
   <source>all is well</source>
   <translation>alles in Ordnung</translation>
  </message>
  <message>
   <source>allow for it if the thing is snug</source>
   <translation>rechnen Sie damit, wenn das Ding knapp ist</translation>
  </message>
  <message>
   <source>allowance</source>
   <translation>Zugabe</translation>
  </message>
  <message>
   <source>along</source>
   <translation>längs</translation>
  </message>
  <message>
   <source>along a side</source>
   <translation>längs einer Seite</translation>
  </message>
  <message>
   <source>along the long side</source>
   <translation>längs der langen Seite</translation>
  </message>
  <message>
   <source>along the short side</source>
   <translation>längs der kurzen Seite</translation>
  </message>
  <message>
   <source>along the slot</source>
   <translation>entlang des Schlitzes</translation>
  </message>
  <message>
   <source>along the stick</source>
   <translation>entlang des Stabs</translation>
  </message>
  <message>
   <source>along the tube, inside where its ends are closed</source>
   <translation>längs des Rohrs, innen, wo seine Enden geschlossen sind</translation>
  </message>
  <message>
   <source>an arch</source>
   <translation>ein Bogen</translation>
  </message>
  <message>
   <source>an arm, a leg, a pointer: two rounded ends and a wall, to turn on a pivot</source>
   <translation>ein Arm, ein Bein, ein Zeiger: zwei runde Enden und eine Wand, drehbar um einen Zapfen</translation>
  </message>
  <message>
   <source>an edge of {length:g} mm has an opening too near it to carry a tab</source>
   <translation>einer Kante von {length:g} mm liegt eine Öffnung zu nahe für eine Lasche</translation>
  </message>
  <message>
   <source>an edge of {length:g} mm is too short to carry a tab</source>
   <translation>eine Kante von {length:g} mm ist zu kurz für eine Lasche</translation>
  </message>
  <message>
   <source>an elastic</source>
   <translation>ein Gummiband</translation>
  </message>
  <message>
   <source>an elastic through two eyelets in the back</source>
   <translation>ein Gummi durch zwei Ösen im Rücken</translation>
  </message>
  <message>
   <source>an empty name is no file</source>
   <translation>ein leerer Name ist keine Datei</translation>
  </message>
  <message>
   <source>an envelope with depth, for a card with something on it</source>
   <translation>ein Umschlag mit Tiefe, für eine Karte, auf der etwas steht</translation>
  </message>
  <message>
   <source>an eyelet</source>
   <translation>eine Öse</translation>
  </message>
  <message>
   <source>an eyelet is set on a firm flat base</source>
   <translation>eine Öse wird auf fester flacher Unterlage gesetzt</translation>
  </message>
  <message>
   <source>an object { } belongs here</source>
   <translation>hierher gehört ein Objekt { }</translation>
  </message>
  <message>
   <source>an open bin with a double bottom, for a drawer or a shelf</source>
   <translation>ein offener Kasten mit doppeltem Boden, für eine Schublade oder ein Regal</translation>
  </message>
  <message>
   <source>an opening in it reaches over the lap, where another layer lies</source>
   <translation>eine Öffnung darin reicht über den Überlapp, wo eine zweite Schicht liegt</translation>
  </message>
  <message>
   <source>an opening of the {name}, while the sheet still holds it</source>
   <translation>eine Öffnung von {name}, solange der Bogen es noch hält</translation>
  </message>
  <message>
   <source>an outline does not come back to where it began: the part hangs by {gap:.2f} mm</source>
   <translation>ein Umriss kommt nicht zu seinem Anfang zurück: Das Teil hängt an {gap:.2f} mm</translation>
  </message>
  <message>
   <source>an outline has 2 to {most} corners</source>
   <translation>ein Umriss hat 2 bis {most} Ecken</translation>
  </message>
  <message>
   <source>an outline has a side of no length</source>
   <translation>ein Umriss hat eine Seite ohne Länge</translation>
  </message>
  <message>
   <source>an outline is a line of text</source>
   <translation>ein Umriss ist eine Zeile Text</translation>
  </message>
  <message>
   <source>an outline of your own</source>
   <translation>ein eigener Umriss</translation>
  </message>
  <message>
   <source>an outline with layers on it: bases, decks, faces, ears, hanging figures</source>
   <translation>ein Umriss mit Lagen darauf: Böden, Decks, Gesichter, Ohren, hängende Figuren</translation>
  </message>
  <message>
   <source>and dries</source>
   <translation>und trocknet</translation>
  </message>
  <message>
   <source>and {count} more</source>
   <translation>und {count} mehr</translation>
  </message>
  <message>
   <source>animal</source>
   <translation>Tier</translation>
  </message>
  <message>
   <source>animal card</source>
   <translation>Tierkarte</translation>
  </message>
  <message>
   <source>animal head</source>
   <translation>Tierkopf</translation>
  </message>
  <message>
   <source>another panel lies over the {host}</source>
   <translation>ein anderes Feld liegt über {host}</translation>
  </message>
  <message>
   <source>another picture</source>
   <translation>anderes Bild</translation>
  </message>
  <message>
   <source>antiprism</source>
   <translation>Antiprisma</translation>
  </message>
  <message>
   <source>any</source>
   <translation>beliebig</translation>
  </message>
  <message>
   <source>any body from a mesh, in pieces that fold up</source>
   <translation>jeder Körper aus einem Netz, in Teilen, die sich auffalten</translation>
  </message>
  <message>
   <source>any flat outline made thick: faces and a strip of wall round them</source>
   <translation>ein beliebiger flacher Umriss, dick gemacht: Flächen und ein Wandstreifen darum</translation>
  </message>
  <message>
   <source>any outline cut from board several times and glued up to a thickness</source>
   <translation>ein beliebiger Umriss, mehrmals aus Pappe geschnitten und zu einer Dicke verleimt</translation>
  </message>
  <message>
   <source>anywhere</source>
   <translation>irgendwo</translation>
  </message>
  <message>
   <source>apart</source>
   <translation>auseinander</translation>
  </message>
  <message>
   <source>arch</source>
   <translation>Bogen</translation>
  </message>
  <message>
   <source>arched</source>
   <translation>gebogen</translation>
  </message>
  <message>
   <source>arm</source>
   <translation>Arm</translation>
  </message>
  <message>
   <source>artwork {name}</source>
   <translation>Druckbild {name}</translation>
  </message>
  <message>
   <source>artwork {name}, {file}</source>
   <translation>Druckbild {name}, {file}</translation>
  </message>
  <message>
   <source>artwork {name}: its picture cannot be read, and an empty frame is printed instead; bring it in again</source>
   <translation>Druckbild {name}: sein Bild lässt sich nicht lesen, stattdessen wird ein leerer Rahmen gedruckt; holen Sie es neu herein</translation>
  </message>
  <message>
   <source>as far from below as from the left</source>
   <translation>von unten so weit wie von links</translation>
  </message>
  <message>
   <source>as far from the left as from below</source>
   <translation>von links so weit wie von unten</translation>
  </message>
  <message>
   <source>as it stands</source>
   <translation>wie es steht</translation>
  </message>
  <message>
   <source>as it was opened</source>
   <translation>wie es geöffnet wurde</translation>
  </message>
  <message>
   <source>ask for a longer fold, or fold another side</source>
   <translation>verlangen Sie einen längeren Falz, oder falten Sie eine andere Seite</translation>
  </message>
  <message>
   <source>ask for less</source>
   <translation>weniger verlangen</translation>
  </message>
  <message>
   <source>ask for less than {most}</source>
   <translation>verlangen Sie weniger als {most}</translation>
  </message>
  <message>
   <source>ask for less, or make the storeys higher</source>
   <translation>verlang weniger, oder mach die Geschosse höher</translation>
  </message>
  <message>
   <source>at 1:{times:g} it is {real} in real life, and {what} is usually {least} to {most}</source>
   <translation>bei 1:{times:g} sind es in Wirklichkeit {real}, und {what} ist meist {least} bis {most}</translation>
  </message>
  <message>
   <source>at its own size</source>
   <translation>in eigener Größe</translation>
  </message>
  <message>
   <source>at the left</source>
   <translation>links</translation>
  </message>
  <message>
   <source>awl</source>
   <translation>Ahle</translation>
  </message>
  <message>
   <source>back</source>
   <translation>Rückseite</translation>
  </message>
  <message>
   <source>back </source>
   <translation>hinten </translation>
  </message>
  <message>
   <source>back #</source>
   <translation>Rückseite #</translation>
  </message>
  <message>
   <source>back board</source>
   <translation>Hinterdeckel</translation>
  </message>
  <message>
   <source>back board on back lining</source>
   <translation>Hinterdeckel auf hinterem Spiegel</translation>
  </message>
  <message>
   <source>back card</source>
   <translation>Rückseite Karte</translation>
  </message>
  <message>
   <source>back cladding </source>
   <translation>Innenplatte hinten </translation>
  </message>
  <message>
   <source>back cladding #</source>
   <translation>Innenplatte hinten #</translation>
  </message>
  <message>
   <source>back cladding # on it</source>
   <translation>Innenplatte hinten # darauf</translation>
  </message>
  <message>
   <source>back cladding 1</source>
   <translation>Innenplatte hinten 1</translation>
  </message>
  <message>
   <source>back cover</source>
   <translation>Bezug hinten</translation>
  </message>
  <message>
   <source>back flap</source>
   <translation>Klappe Rückseite</translation>
  </message>
  <message>
   <source>back flap on </source>
   <translation>hintere Klappe auf </translation>
  </message>
  <message>
   <source>back flap on left flap</source>
   <translation>Klappe Rückseite Klappe auf links</translation>
  </message>
  <message>
   <source>back flap on left flap back</source>
   <translation>Rückseite Klappe auf Klappe Rückseite links</translation>
  </message>
  <message>
   <source>back flap on left flap front</source>
   <translation>Rückseite Klappe auf Klappe Vorderseite links</translation>
  </message>
  <message>
   <source>back flap on plate</source>
   <translation>hintere Lasche auf Platte</translation>
  </message>
  <message>
   <source>back flap on right flap</source>
   <translation>Klappe Rückseite Klappe auf rechts</translation>
  </message>
  <message>
   <source>back flap on right flap back</source>
   <translation>Rückseite Klappe auf Klappe Rückseite rechts</translation>
  </message>
  <message>
   <source>back flap on right flap front</source>
   <translation>Rückseite Klappe auf Klappe Vorderseite rechts</translation>
  </message>
  <message>
   <source>back flaps</source>
   <translation>hintere Klappen</translation>
  </message>
  <message>
   <source>back height</source>
   <translation>Lehnenhöhe</translation>
  </message>
  <message>
   <source>back left</source>
   <translation>Rückseite links</translation>
  </message>
  <message>
   <source>back left flap</source>
   <translation>Klappe Rückseite links</translation>
  </message>
  <message>
   <source>back left tab</source>
   <translation>Lasche Rückseite links</translation>
  </message>
  <message>
   <source>back lining</source>
   <translation>hinterer Spiegel</translation>
  </message>
  <message>
   <source>back lower flap</source>
   <translation>Klappe Rückseite unten</translation>
  </message>
  <message>
   <source>back lower flap #</source>
   <translation>Rückseite Klappe # unten</translation>
  </message>
  <message>
   <source>back on </source>
   <translation>hinten auf </translation>
  </message>
  <message>
   <source>back on back pocket tab</source>
   <translation>Lasche Rückseite auf Rückseite Tasche</translation>
  </message>
  <message>
   <source>back on front</source>
   <translation>Rückseite auf Vorderseite</translation>
  </message>
  <message>
   <source>back on inner # back teeth #</source>
   <translation>Rückseite auf # Rückseite Zähne # innen</translation>
  </message>
  <message>
   <source>back on left flap</source>
   <translation>Klappe Rückseite auf links</translation>
  </message>
  <message>
   <source>back on left leaf #</source>
   <translation>Rückseite auf Blatt # links</translation>
  </message>
  <message>
   <source>back on right flap</source>
   <translation>Klappe Rückseite auf rechts</translation>
  </message>
  <message>
   <source>back on right leaf #</source>
   <translation>Rückseite auf Blatt # rechts</translation>
  </message>
  <message>
   <source>back on wrap back edge</source>
   <translation>Wand hinten auf Bezugseinschlag hinten</translation>
  </message>
  <message>
   <source>back overlay</source>
   <translation>Auflage Rückseite</translation>
  </message>
  <message>
   <source>back paper</source>
   <translation>hinteres Papier</translation>
  </message>
  <message>
   <source>back paper on wrap</source>
   <translation>hinteres Papier auf dem Bezug</translation>
  </message>
  <message>
   <source>back pocket</source>
   <translation>Rückseite Tasche</translation>
  </message>
  <message>
   <source>back pocket tab</source>
   <translation>Lasche Rückseite Tasche</translation>
  </message>
  <message>
   <source>back right</source>
   <translation>Rückseite rechts</translation>
  </message>
  <message>
   <source>back right flap</source>
   <translation>Klappe Rückseite rechts</translation>
  </message>
  <message>
   <source>back right on back left</source>
   <translation>Rückseite auf Rückseite rechts links</translation>
  </message>
  <message>
   <source>back right tab</source>
   <translation>Lasche Rückseite rechts</translation>
  </message>
  <message>
   <source>back roof</source>
   <translation>Dach hinten</translation>
  </message>
  <message>
   <source>back teeth</source>
   <translation>Zähne Rückseite</translation>
  </message>
  <message>
   <source>back teeth #</source>
   <translation>Rückseite Zähne #</translation>
  </message>
  <message>
   <source>back to back</source>
   <translation>Rücken an Rücken</translation>
  </message>
  <message>
   <source>back turn</source>
   <translation>Rückseite Umschlag</translation>
  </message>
  <message>
   <source>back turn on back</source>
   <translation>hinterer Umschlag auf Rückseite</translation>
  </message>
  <message>
   <source>back upper flap</source>
   <translation>Klappe Rückseite oben</translation>
  </message>
  <message>
   <source>back upper flap #</source>
   <translation>Rückseite Klappe # oben</translation>
  </message>
  <message>
   <source>back wall</source>
   <translation>Rückwand</translation>
  </message>
  <message>
   <source>back wall at the </source>
   <translation>Rückwand am </translation>
  </message>
  <message>
   <source>back wall at the back roof</source>
   <translation>Rückwand an Dach hinten</translation>
  </message>
  <message>
   <source>back wall at the roof</source>
   <translation>Rückwand an Dach</translation>
  </message>
  <message>
   <source>back wall on the ground floor</source>
   <translation>Rückwand auf der Bodenplatte</translation>
  </message>
  <message>
   <source>back width</source>
   <translation>Lehnenbreite</translation>
  </message>
  <message>
   <source>back window #-#-# frame</source>
   <translation>Fenster hinten #-#-# Rahmen</translation>
  </message>
  <message>
   <source>back window #-#-# glazing</source>
   <translation>Fenster hinten #-#-# Verglasung</translation>
  </message>
  <message>
   <source>back window #-#-# glazing in it</source>
   <translation>Fenster hinten #-#-# Verglasung darin</translation>
  </message>
  <message>
   <source>back window #-#-# on back wall</source>
   <translation>Fenster hinten #-#-# auf Rückwand</translation>
  </message>
  <message>
   <source>back_height</source>
   <translation>Lehnenhöhe</translation>
  </message>
  <message>
   <source>backing</source>
   <translation>Rückwand</translation>
  </message>
  <message>
   <source>bag</source>
   <translation>Tüte</translation>
  </message>
  <message>
   <source>balloon</source>
   <translation>Ballon</translation>
  </message>
  <message>
   <source>band</source>
   <translation>Band</translation>
  </message>
  <message>
   <source>band </source>
   <translation>Band </translation>
  </message>
  <message>
   <source>band #</source>
   <translation>Band #</translation>
  </message>
  <message>
   <source>band 1</source>
   <translation>Band 1</translation>
  </message>
  <message>
   <source>band lap</source>
   <translation>Überlapp Band</translation>
  </message>
  <message>
   <source>bands</source>
   <translation>Bänder</translation>
  </message>
  <message>
   <source>bank card (ID-#)</source>
   <translation>Bankkarte (ID-#)</translation>
  </message>
  <message>
   <source>bank card (ID-1)</source>
   <translation>Bankkarte (ID-1)</translation>
  </message>
  <message>
   <source>banner</source>
   <translation>Banner</translation>
  </message>
  <message>
   <source>bar</source>
   <translation>Sprosse</translation>
  </message>
  <message>
   <source>bar wrapper</source>
   <translation>Riegelhülle</translation>
  </message>
  <message>
   <source>bare</source>
   <translation>unbezogen</translation>
  </message>
  <message>
   <source>barrel</source>
   <translation>Fass</translation>
  </message>
  <message>
   <source>base</source>
   <translation>Boden</translation>
  </message>
  <message>
   <source>base </source>
   <translation>Sockel </translation>
  </message>
  <message>
   <source>base at the back</source>
   <translation>Boden an Wand hinten</translation>
  </message>
  <message>
   <source>base at the front</source>
   <translation>Boden an Wand vorn</translation>
  </message>
  <message>
   <source>base at the left</source>
   <translation>Boden an Wand links</translation>
  </message>
  <message>
   <source>base at the right</source>
   <translation>Boden an Wand rechts</translation>
  </message>
  <message>
   <source>base closed</source>
   <translation>Boden geschlossen</translation>
  </message>
  <message>
   <source>base on base</source>
   <translation>Boden auf Boden</translation>
  </message>
  <message>
   <source>base teeth</source>
   <translation>Zähne Boden</translation>
  </message>
  <message>
   <source>base teeth #</source>
   <translation>Boden Zähne #</translation>
  </message>
  <message>
   <source>base tray</source>
   <translation>Boden Kasten</translation>
  </message>
  <message>
   <source>base wall #</source>
   <translation>Boden Wand #</translation>
  </message>
  <message>
   <source>base wall # tab</source>
   <translation>Boden Wand # Lasche</translation>
  </message>
  <message>
   <source>basin</source>
   <translation>Becken</translation>
  </message>
  <message>
   <source>basket</source>
   <translation>Korb</translation>
  </message>
  <message>
   <source>bauble</source>
   <translation>Christbaumkugel</translation>
  </message>
  <message>
   <source>bead</source>
   <translation>Perle</translation>
  </message>
  <message>
   <source>beam</source>
   <translation>Strahl</translation>
  </message>
  <message>
   <source>beam, faint</source>
   <translation>Strahl, schwach</translation>
  </message>
  <message>
   <source>before it is closed</source>
   <translation>bevor es geschlossen wird</translation>
  </message>
  <message>
   <source>before {number}: {why}</source>
   <translation>vor {number}: {why}</translation>
  </message>
  <message>
   <source>begin a new project</source>
   <translation>beginnen Sie ein neues Projekt</translation>
  </message>
  <message>
   <source>begin a project</source>
   <translation>ein Projekt beginnen</translation>
  </message>
  <message>
   <source>begin a sum with an equals sign, such as =2*40 + 3</source>
   <translation>beginnen Sie eine Summe mit einem Gleichheitszeichen, etwa =2*40 + 3</translation>
  </message>
  <message>
   <source>begin from its usual measures, or take another construction</source>
   <translation>beginnen Sie mit ihren üblichen Maßen, oder nehmen Sie eine andere Bauform</translation>
  </message>
  <message>
   <source>below {deep} the {guest} is too thin for an opening</source>
   <translation>unterhalb von {deep} ist {guest} zu dünn für eine Öffnung</translation>
  </message>
  <message>
   <source>below {name}</source>
   <translation>unter {name}</translation>
  </message>
  <message>
   <source>bend</source>
   <translation>Biegung</translation>
  </message>
  <message>
   <source>bend it past by hand; card gives way, board wants the other order</source>
   <translation>biegen Sie es von Hand vorbei; Karton gibt nach, Brett will die andere Reihenfolge</translation>
  </message>
  <message>
   <source>between each board and the spine</source>
   <translation>zwischen jedem Deckel und dem Rücken</translation>
  </message>
  <message>
   <source>between the two holes of a strap</source>
   <translation>zwischen den zwei Löchern eines Griffs</translation>
  </message>
  <message>
   <source>between the wrapped tray and the lid's boards, all round</source>
   <translation>zwischen bezogenem Unterteil und Deckelpappen, ringsum</translation>
  </message>
  <message>
   <source>bin</source>
   <translation>Kasten</translation>
  </message>
  <message>
   <source>birthday card</source>
   <translation>Geburtstagskarte</translation>
  </message>
  <message>
   <source>biscuit</source>
   <translation>Keks</translation>
  </message>
  <message>
   <source>blade</source>
   <translation>Klinge</translation>
  </message>
  <message>
   <source>blank</source>
   <translation>Zuschnitt</translation>
  </message>
  <message>
   <source>blunt point</source>
   <translation>stumpfe Spitze</translation>
  </message>
  <message>
   <source>blunt the point</source>
   <translation>stumpfen Sie die Spitze ab</translation>
  </message>
  <message>
   <source>board</source>
   <translation>Pappe</translation>
  </message>
  <message>
   <source>board covered on one face only warps as the glue dries</source>
   <translation>einseitig beklebtes Brett verzieht sich, wenn der Leim trocknet</translation>
  </message>
  <message>
   <source>board height</source>
   <translation>Plattenhöhe</translation>
  </message>
  <message>
   <source>board, {edge}, spacer {mm}</source>
   <translation>Brett, an der {edge}, Zulage {mm}</translation>
  </message>
  <message>
   <source>boards a leg is laid up from</source>
   <translation>Pappen, aus denen ein Bein geschichtet ist</translation>
  </message>
  <message>
   <source>bone folder, to rub tape down</source>
   <translation>Falzbein, um Klebeband anzureiben</translation>
  </message>
  <message>
   <source>book</source>
   <translation>Buch</translation>
  </message>
  <message>
   <source>book band</source>
   <translation>Buchbinde</translation>
  </message>
  <message>
   <source>bookcase</source>
   <translation>Bücherregal</translation>
  </message>
  <message>
   <source>bookmark</source>
   <translation>Lesezeichen</translation>
  </message>
  <message>
   <source>bookplate</source>
   <translation>Exlibris</translation>
  </message>
  <message>
   <source>border</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>both bars measure 100 mm: it is right</source>
   <translation>beide Balken messen 100 mm: es stimmt</translation>
  </message>
  <message>
   <source>both bars measure what they should: it is right</source>
   <translation>beide Balken messen, was sie sollen: es stimmt</translation>
  </message>
  <message>
   <source>both bars measure {mm}: it was fitted to the page; print at actual size (100 %)</source>
   <translation>beide Balken messen {mm}: es wurde an die Seite angepasst; drucken Sie in wirklicher Größe (100 %)</translation>
  </message>
  <message>
   <source>both closed</source>
   <translation>beide geschlossen</translation>
  </message>
  <message>
   <source>both faces</source>
   <translation>beide Flächen</translation>
  </message>
  <message>
   <source>both open</source>
   <translation>beide offen</translation>
  </message>
  <message>
   <source>bottle box</source>
   <translation>Flaschenschachtel</translation>
  </message>
  <message>
   <source>bottom</source>
   <translation>Unterseite</translation>
  </message>
  <message>
   <source>bottom and closing flap would hardly meet</source>
   <translation>untere und schließende Klappe träfen sich kaum</translation>
  </message>
  <message>
   <source>bottom and turned top leave no side between them</source>
   <translation>Boden und Umschlag lassen keine Seite dazwischen</translation>
  </message>
  <message>
   <source>bottom at the back</source>
   <translation>unten am Rücken</translation>
  </message>
  <message>
   <source>bottom card</source>
   <translation>Unterseite Karte</translation>
  </message>
  <message>
   <source>bottom flap</source>
   <translation>Klappe Unterseite</translation>
  </message>
  <message>
   <source>bottom flap on left flap</source>
   <translation>Klappe Unterseite Klappe auf links</translation>
  </message>
  <message>
   <source>bottom flap on right flap</source>
   <translation>Klappe Unterseite Klappe auf rechts</translation>
  </message>
  <message>
   <source>bottom left</source>
   <translation>unten links</translation>
  </message>
  <message>
   <source>bottom right</source>
   <translation>unten rechts</translation>
  </message>
  <message>
   <source>bottom wall</source>
   <translation>Unterseite Wand</translation>
  </message>
  <message>
   <source>bowl</source>
   <translation>Schale</translation>
  </message>
  <message>
   <source>boxes</source>
   <translation>Schachteln</translation>
  </message>
  <message>
   <source>breath</source>
   <translation>Atemlöcher</translation>
  </message>
  <message>
   <source>breath up</source>
   <translation>Atemlöcher hoch</translation>
  </message>
  <message>
   <source>breath_up</source>
   <translation>Atemlöcher hoch</translation>
  </message>
  <message>
   <source>bring in a mesh</source>
   <translation>ein Netz einlesen</translation>
  </message>
  <message>
   <source>bring in what Log exported</source>
   <translation>hol herein, was das Log exportiert hat</translation>
  </message>
  <message>
   <source>bring it nearer to the base's size</source>
   <translation>bringen Sie es näher an die Größe des Bodens</translation>
  </message>
  <message>
   <source>bring one in from a file</source>
   <translation>lies eins aus einer Datei ein</translation>
  </message>
  <message>
   <source>bring the mesh in again: File, Bring in a mesh</source>
   <translation>lies das Netz noch einmal ein: Datei, Netz einlesen</translation>
  </message>
  <message>
   <source>broad</source>
   <translation>Armbreite</translation>
  </message>
  <message>
   <source>building</source>
   <translation>Gebäude</translation>
  </message>
  <message>
   <source>built up of {count} layers, {caliper} in all</source>
   <translation>aus {count} Schichten, zusammen {caliper}</translation>
  </message>
  <message>
   <source>built-up board</source>
   <translation>geschichtetes Brett</translation>
  </message>
  <message>
   <source>bulky card</source>
   <translation>bauschige Karte</translation>
  </message>
  <message>
   <source>bundle</source>
   <translation>Bündel</translation>
  </message>
  <message>
   <source>bunting</source>
   <translation>Wimpelkette</translation>
  </message>
  <message>
   <source>business card</source>
   <translation>Visitenkarte</translation>
  </message>
  <message>
   <source>butt the {seam}</source>
   <translation>{seam} stumpf stoßen</translation>
  </message>
  <message>
   <source>butted</source>
   <translation>stumpf</translation>
  </message>
  <message>
   <source>button card</source>
   <translation>Knopfkarte</translation>
  </message>
  <message>
   <source>by</source>
   <translation>womit</translation>
  </message>
  <message>
   <source>by how far they turn</source>
   <translation>danach, wie weit sie sich neigen</translation>
  </message>
  <message>
   <source>by turns</source>
   <translation>abwechselnd</translation>
  </message>
  <message>
   <source>by when they are folded</source>
   <translation>danach, wann sie gefalzt werden</translation>
  </message>
  <message>
   <source>byte {start}</source>
   <translation>Byte {start}</translation>
  </message>
  <message>
   <source>cabin</source>
   <translation>Hütte</translation>
  </message>
  <message>
   <source>caddy</source>
   <translation>Tragekasten</translation>
  </message>
  <message>
   <source>candle box</source>
   <translation>Kerzenschachtel</translation>
  </message>
  <message>
   <source>candy</source>
   <translation>Bonbon</translation>
  </message>
  <message>
   <source>canopy</source>
   <translation>Dach</translation>
  </message>
  <message>
   <source>canopy </source>
   <translation>Dach </translation>
  </message>
  <message>
   <source>canopy wall #</source>
   <translation>Dach Wand #</translation>
  </message>
  <message>
   <source>canopy wall # tab</source>
   <translation>Dach Wand # Lasche</translation>
  </message>
  <message>
   <source>cap</source>
   <translation>Kappe</translation>
  </message>
  <message>
   <source>caps</source>
   <translation>Kappen</translation>
  </message>
  <message>
   <source>card</source>
   <translation>Karte</translation>
  </message>
  <message>
   <source>card # #/# × # #/# in</source>
   <translation>Karte # #/# × # #/# in</translation>
  </message>
  <message>
   <source>card # × # in</source>
   <translation>Karte # × # in</translation>
  </message>
  <message>
   <source>card 5 1/2 × 4 1/4 in</source>
   <translation>Karte 5 1/2 × 4 1/4 in</translation>
  </message>
  <message>
   <source>card 6 1/4 × 4 1/2 in</source>
   <translation>Karte 6 1/4 × 4 1/2 in</translation>
  </message>
  <message>
   <source>card 7 × 5 in</source>
   <translation>Karte 7 × 5 in</translation>
  </message>
  <message>
   <source>cardboard roll</source>
   <translation>Pappröhre</translation>
  </message>
  <message>
   <source>cards</source>
   <translation>Karten</translation>
  </message>
  <message>
   <source>carnival</source>
   <translation>Fasching</translation>
  </message>
  <message>
   <source>carousel</source>
   <translation>Karussell</translation>
  </message>
  <message>
   <source>carrier bag</source>
   <translation>Tragetasche</translation>
  </message>
  <message>
   <source>carton</source>
   <translation>Schachtel</translation>
  </message>
  <message>
   <source>case</source>
   <translation>Einbanddecke</translation>
  </message>
  <message>
   <source>castor</source>
   <translation>Rolle</translation>
  </message>
  <message>
   <source>ceiling</source>
   <translation>Decke</translation>
  </message>
  <message>
   <source>cells</source>
   <translation>Zellen</translation>
  </message>
  <message>
   <source>chair</source>
   <translation>Stuhl</translation>
  </message>
  <message>
   <source>change a measure, or the way a seam is held</source>
   <translation>ändern Sie ein Maß oder wie eine Naht gehalten wird</translation>
  </message>
  <message>
   <source>change a thing of a project, as the window does</source>
   <translation>ein Ding eines Projekts ändern, wie das Fenster es tut</translation>
  </message>
  <message>
   <source>change it</source>
   <translation>ändern Sie es</translation>
  </message>
  <message>
   <source>change its measures one by one</source>
   <translation>ändern Sie seine Maße eines nach dem anderen</translation>
  </message>
  <message>
   <source>change the inside measure instead</source>
   <translation>ändern Sie stattdessen das Innenmaß</translation>
  </message>
  <message>
   <source>change the measures one by one</source>
   <translation>ändern Sie die Maße eines nach dem anderen</translation>
  </message>
  <message>
   <source>change the others, and it comes back to what was asked</source>
   <translation>ändern Sie die anderen, und es kommt auf das Verlangte zurück</translation>
  </message>
  <message>
   <source>change {name}</source>
   <translation>{name} ändern</translation>
  </message>
  <message>
   <source>channels</source>
   <translation>Nuten</translation>
  </message>
  <message>
   <source>chart folio</source>
   <translation>Kartenmappe</translation>
  </message>
  <message>
   <source>check bars: both must measure 100 mm, the level one 4 in to its upper tick. </source>
   <translation>Prüfbalken: beide müssen 100 mm messen, der liegende 4 in bis zum oberen Strich. </translation>
  </message>
  <message>
   <source>check bars: both must measure 100 mm. </source>
   <translation>Prüfbalken: beide müssen 100 mm messen. </translation>
  </message>
  <message>
   <source>check bars: level {across}, upright {along}</source>
   <translation>Prüfbalken: liegend {across}, stehend {along}</translation>
  </message>
  <message>
   <source>check bars: level {across}, upright {along}. Print at actual size (100 %), never fit to page.</source>
   <translation>Prüfbalken: liegend {across}, stehend {along}. In wirklicher Größe (100 %) drucken, nie an die Seite anpassen.</translation>
  </message>
  <message>
   <source>check that you may read it</source>
   <translation>prüfen Sie, ob Sie es lesen dürfen</translation>
  </message>
  <message>
   <source>check the name and that you may read it</source>
   <translation>prüfen Sie den Namen und ob Sie es lesen dürfen</translation>
  </message>
  <message>
   <source>chest</source>
   <translation>Truhe</translation>
  </message>
  <message>
   <source>chocolate bar</source>
   <translation>Schokoladentafel</translation>
  </message>
  <message>
   <source>choices for the sheets</source>
   <translation>Wahl für die Bogen</translation>
  </message>
  <message>
   <source>choose 1 to {last}</source>
   <translation>wählen Sie 1 bis {last}</translation>
  </message>
  <message>
   <source>choose a PNG, JPEG or WebP file</source>
   <translation>wähle eine PNG-, JPEG- oder WebP-Datei</translation>
  </message>
  <message>
   <source>choose a base, or one figure</source>
   <translation>einen Sockel wählen, oder eine Figur</translation>
  </message>
  <message>
   <source>choose a box</source>
   <translation>wähle eine Schachtel</translation>
  </message>
  <message>
   <source>choose a file</source>
   <translation>wählen Sie eine Datei</translation>
  </message>
  <message>
   <source>choose a file, or write some words</source>
   <translation>wählen Sie eine Datei oder schreiben Sie Wörter</translation>
  </message>
  <message>
   <source>choose a flat panel nothing stands out of</source>
   <translation>wählen Sie eine flache Fläche, aus der nichts heraussteht</translation>
  </message>
  <message>
   <source>choose a folder you may write to</source>
   <translation>wähle einen Ordner, in den du schreiben darfst</translation>
  </message>
  <message>
   <source>choose a larger sheet or another construction</source>
   <translation>wählen Sie einen größeren Bogen oder eine andere Bauform</translation>
  </message>
  <message>
   <source>choose a sheet up to {wide:g} x {high:g} mm</source>
   <translation>wähle einen Bogen bis {wide:g} x {high:g} mm</translation>
  </message>
  <message>
   <source>choose a smaller one</source>
   <translation>wählen Sie eine kleinere</translation>
  </message>
  <message>
   <source>choose a stock no thicker than {most} for the hinges of the {guest}</source>
   <translation>wählen Sie für die Scharniere von {guest} ein Material, das höchstens {most} dick ist</translation>
  </message>
  <message>
   <source>choose among: {names}</source>
   <translation>wählen Sie unter: {names}</translation>
  </message>
  <message>
   <source>choose another construction</source>
   <translation>wählen Sie eine andere Bauform</translation>
  </message>
  <message>
   <source>choose another device</source>
   <translation>wähle ein anderes Gerät</translation>
  </message>
  <message>
   <source>choose another folder</source>
   <translation>einen anderen Ordner wählen</translation>
  </message>
  <message>
   <source>choose another name</source>
   <translation>wählen Sie einen anderen Namen</translation>
  </message>
  <message>
   <source>choose another picture</source>
   <translation>wählen Sie ein anderes Bild</translation>
  </message>
  <message>
   <source>choose another way to hold it up</source>
   <translation>einen anderen Halt wählen</translation>
  </message>
  <message>
   <source>choose another way to make folds, or another device</source>
   <translation>wähle eine andere Art zu falten oder ein anderes Gerät</translation>
  </message>
  <message>
   <source>choose feet or a base</source>
   <translation>Füße oder Sockel wählen</translation>
  </message>
  <message>
   <source>choose feet, a base or an easel</source>
   <translation>Füße, Sockel oder Staffelei wählen</translation>
  </message>
  <message>
   <source>choose how it is placed on a panel, or take it off</source>
   <translation>wählen Sie, wie es auf einer Fläche liegt, oder nehmen Sie es weg</translation>
  </message>
  <message>
   <source>choose one from {thinnest:g} to {thickest:g} mm</source>
   <translation>wählen Sie eine von {thinnest:g} bis {thickest:g} mm</translation>
  </message>
  <message>
   <source>choose one of 1 to {last}, or write all with --to FOLDER/ --kind {kind}</source>
   <translation>wähle einen von 1 bis {last}, oder schreibe alle mit --to ORDNER/ --kind {kind}</translation>
  </message>
  <message>
   <source>choose one of them</source>
   <translation>wähle einen davon</translation>
  </message>
  <message>
   <source>choose one of: {names}</source>
   <translation>wählen Sie eines von: {names}</translation>
  </message>
  <message>
   <source>choose one of: {names}; or write your own size, as in 320 x 450 mm</source>
   <translation>wählen Sie eines von: {names}; oder schreiben Sie Ihre eigene Größe, wie 320 x 450 mm</translation>
  </message>
  <message>
   <source>choose one that is there</source>
   <translation>wählen Sie eine, die da ist</translation>
  </message>
  <message>
   <source>choose one with depth</source>
   <translation>wählen Sie eine mit Tiefe</translation>
  </message>
  <message>
   <source>choose the other axis to point up, or set it upright where it comes from</source>
   <translation>wählen Sie die andere Achse nach oben, oder stellen Sie es dort auf, woher es kommt</translation>
  </message>
  <message>
   <source>choose two that share an edge</source>
   <translation>zwei wählen, die eine Kante teilen</translation>
  </message>
  <message>
   <source>choose {names}</source>
   <translation>wählen Sie {names}</translation>
  </message>
  <message>
   <source>christmas</source>
   <translation>Weihnachten</translation>
  </message>
  <message>
   <source>cigar band</source>
   <translation>Zigarrenbinde</translation>
  </message>
  <message>
   <source>cladding</source>
   <translation>Innenplatten</translation>
  </message>
  <message>
   <source>clear all round each door</source>
   <translation>frei rings um jede Tür</translation>
  </message>
  <message>
   <source>clear all round each drawer</source>
   <translation>Luft rings um jede Schublade</translation>
  </message>
  <message>
   <source>clear height for each drawer</source>
   <translation>lichte Höhe für jede Schublade</translation>
  </message>
  <message>
   <source>clear height for the lowest drawer; 0 for the same</source>
   <translation>lichte Höhe für die unterste Schublade; 0 für dieselbe</translation>
  </message>
  <message>
   <source>clear height of a door</source>
   <translation>lichte Höhe einer Tür</translation>
  </message>
  <message>
   <source>clear height of a storey</source>
   <translation>lichte Höhe eines Geschosses</translation>
  </message>
  <message>
   <source>clear height of each opening</source>
   <translation>lichte Höhe jedes Fachs</translation>
  </message>
  <message>
   <source>clear height of the lowest opening; 0 for the same</source>
   <translation>lichte Höhe des untersten Fachs; 0 für dieselbe</translation>
  </message>
  <message>
   <source>clear height of the lowest storey; 0 for the same</source>
   <translation>lichte Höhe des untersten Geschosses; 0 für dieselbe</translation>
  </message>
  <message>
   <source>clear height over each tread</source>
   <translation>lichte Höhe über jeder Stufe</translation>
  </message>
  <message>
   <source>clear width of a door</source>
   <translation>lichte Breite einer Tür</translation>
  </message>
  <message>
   <source>clearance</source>
   <translation>Spiel</translation>
  </message>
  <message>
   <source>clock hand</source>
   <translation>Uhrzeiger</translation>
  </message>
  <message>
   <source>close it another way, or make it wider</source>
   <translation>anders schließen oder breiter machen</translation>
  </message>
  <message>
   <source>close it without an elastic, or make it larger</source>
   <translation>ohne Gummi schließen oder größer machen</translation>
  </message>
  <message>
   <source>close its base, or let it turn on a fastener</source>
   <translation>schließen Sie seinen Boden, oder lassen Sie es auf einer Klammer drehen</translation>
  </message>
  <message>
   <source>close {name}</source>
   <translation>{name} schließen</translation>
  </message>
  <message>
   <source>closing</source>
   <translation>schließend</translation>
  </message>
  <message>
   <source>closing flap</source>
   <translation>Klappe schließend</translation>
  </message>
  <message>
   <source>closing flap on back</source>
   <translation>schließend Klappe auf Rückseite</translation>
  </message>
  <message>
   <source>closing flap on bottom flap</source>
   <translation>Klappe schließend Klappe auf Unterseite</translation>
  </message>
  <message>
   <source>closing flap on front</source>
   <translation>schließend Klappe auf Vorderseite</translation>
  </message>
  <message>
   <source>closing flap on liner</source>
   <translation>Futter schließend Klappe auf</translation>
  </message>
  <message>
   <source>cloth that gives {stretch:g} % cannot be true</source>
   <translation>Stoff, der {stretch:g} % nachgibt, kann nicht sein</translation>
  </message>
  <message>
   <source>coaster</source>
   <translation>Untersetzer</translation>
  </message>
  <message>
   <source>coffee bag</source>
   <translation>Kaffeebeutel</translation>
  </message>
  <message>
   <source>collar</source>
   <translation>Kragen</translation>
  </message>
  <message>
   <source>collar on rim teeth #</source>
   <translation>Kragen auf Rand Zähne #</translation>
  </message>
  <message>
   <source>collars</source>
   <translation>Muffen</translation>
  </message>
  <message>
   <source>colours</source>
   <translation>Farben</translation>
  </message>
  <message>
   <source>column</source>
   <translation>Säule</translation>
  </message>
  <message>
   <source>column </source>
   <translation>Säule </translation>
  </message>
  <message>
   <source>column #</source>
   <translation>Säule #</translation>
  </message>
  <message>
   <source>column 1</source>
   <translation>Säule 1</translation>
  </message>
  <message>
   <source>column a</source>
   <translation>Säule a</translation>
  </message>
  <message>
   <source>column a tongue #</source>
   <translation>Säule a Zunge #</translation>
  </message>
  <message>
   <source>column a tongues</source>
   <translation>Säule a Zungen</translation>
  </message>
  <message>
   <source>column b</source>
   <translation>Säule b</translation>
  </message>
  <message>
   <source>column b tongue #</source>
   <translation>Säule b Zunge #</translation>
  </message>
  <message>
   <source>column b tongues</source>
   <translation>Säule b Zungen</translation>
  </message>
  <message>
   <source>column {column}</source>
   <translation>Stelle {column}</translation>
  </message>
  <message>
   <source>column {end}</source>
   <translation>Stelle {end}</translation>
  </message>
  <message>
   <source>commode</source>
   <translation>Kommode</translation>
  </message>
  <message>
   <source>compartments</source>
   <translation>Fächer</translation>
  </message>
  <message>
   <source>concertina</source>
   <translation>Leporello</translation>
  </message>
  <message>
   <source>concertina file</source>
   <translation>Fächermappe</translation>
  </message>
  <message>
   <source>cone</source>
   <translation>Kegel</translation>
  </message>
  <message>
   <source>copies</source>
   <translation>Kopien</translation>
  </message>
  <message>
   <source>corner</source>
   <translation>Ecke</translation>
  </message>
  <message>
   <source>corner tab</source>
   <translation>Lasche Ecke</translation>
  </message>
  <message>
   <source>corners</source>
   <translation>Ecken</translation>
  </message>
  <message>
   <source>corners cut so far leave no upper edge</source>
   <translation>so weit abgeschnittene Ecken lassen keine obere Kante</translation>
  </message>
  <message>
   <source>corners of your own outline</source>
   <translation>Ecken Ihres eigenen Umrisses</translation>
  </message>
  <message>
   <source>cornet</source>
   <translation>Spitztüte</translation>
  </message>
  <message>
   <source>costume</source>
   <translation>Kostüm</translation>
  </message>
  <message>
   <source>cottage</source>
   <translation>Häuschen</translation>
  </message>
  <message>
   <source>cover</source>
   <translation>Bezug</translation>
  </message>
  <message>
   <source>cover the other face too, or dry it flat under a weight</source>
   <translation>bekleben Sie auch die andere Seite, oder trocknen Sie es flach unter Gewicht</translation>
  </message>
  <message>
   <source>covered box</source>
   <translation>bezogene Dose</translation>
  </message>
  <message>
   <source>covering it</source>
   <translation>deckend</translation>
  </message>
  <message>
   <source>covers a ball with rings, for patterns that go round it</source>
   <translation>bedeckt eine Kugel mit Ringen, für Muster, die herumlaufen</translation>
  </message>
  <message>
   <source>covers a ball: petals joined along its equator</source>
   <translation>bedeckt eine Kugel: Blätter, am Äquator verbunden</translation>
  </message>
  <message>
   <source>crease</source>
   <translation>Rille</translation>
  </message>
  <message>
   <source>creases</source>
   <translation>Rillen</translation>
  </message>
  <message>
   <source>cross</source>
   <translation>Kreuz</translation>
  </message>
  <message>
   <source>crossed strips that part a box or a drawer into cells, all alike</source>
   <translation>gekreuzte Streifen, die eine Schachtel oder Lade in lauter gleiche Fächer teilen</translation>
  </message>
  <message>
   <source>cube</source>
   <translation>Würfel</translation>
  </message>
  <message>
   <source>cuboctahedron</source>
   <translation>Kuboktaeder</translation>
  </message>
  <message>
   <source>cup</source>
   <translation>Tasse</translation>
  </message>
  <message>
   <source>cupboard</source>
   <translation>Schränkchen</translation>
  </message>
  <message>
   <source>cupola</source>
   <translation>Kuppeldach</translation>
  </message>
  <message>
   <source>curved</source>
   <translation>gebogen</translation>
  </message>
  <message>
   <source>cushion</source>
   <translation>Kissen</translation>
  </message>
  <message>
   <source>cut</source>
   <translation>Schnitt</translation>
  </message>
  <message>
   <source>cut a rectangle instead</source>
   <translation>schneiden Sie stattdessen ein Rechteck</translation>
  </message>
  <message>
   <source>cut across the {piece}</source>
   <translation>{piece} quer schneiden</translation>
  </message>
  <message>
   <source>cut it from clear film and fix it inside before you fold</source>
   <translation>schneiden Sie ihn aus klarer Folie und befestigen Sie ihn innen, bevor Sie falten</translation>
  </message>
  <message>
   <source>cut it there first</source>
   <translation>zuerst dort schneiden</translation>
  </message>
  <message>
   <source>cut nearer to the boards</source>
   <translation>näher an den Pappen schneiden</translation>
  </message>
  <message>
   <source>cut nothing to size: tape them, glue the figure on, then cut along its outline</source>
   <translation>nichts zuschneiden: mit Band verbinden, Figur aufkleben, dann am Umriss schneiden</translation>
  </message>
  <message>
   <source>cut off both upper corners; 0 leaves them</source>
   <translation>beide oberen Ecken abschneiden; 0 lässt sie</translation>
  </message>
  <message>
   <source>cut off each corner, for tabs and flaps; 0 leaves them</source>
   <translation>von jeder Ecke abgeschnitten, für Laschen und Klappen; 0 lässt sie</translation>
  </message>
  <message>
   <source>cut off each end once it is glued</source>
   <translation>an jedem Ende abgeschnitten, wenn es geklebt ist</translation>
  </message>
  <message>
   <source>cut off less</source>
   <translation>schneiden Sie weniger ab</translation>
  </message>
  <message>
   <source>cut off more, or 0 for none</source>
   <translation>schneiden Sie mehr ab, oder 0 für keine</translation>
  </message>
  <message>
   <source>cut off the {panel}</source>
   <translation>{panel} abtrennen</translation>
  </message>
  <message>
   <source>cut several from one sheet by hand, or export the bare flat to a machine</source>
   <translation>schneiden Sie mehrere von Hand aus einem Bogen, oder exportieren Sie das bloße Flache an eine Maschine</translation>
  </message>
  <message>
   <source>cut so far off, the corner is not cut at all</source>
   <translation>so weit weg geschnitten ist die Ecke gar nicht geschnitten</translation>
  </message>
  <message>
   <source>cut the bands from paper up to {most}</source>
   <translation>schneiden Sie die Bänder aus Papier bis {most}</translation>
  </message>
  <message>
   <source>cut the strips before you begin, place them out to the edge, peel one end, lay it straight, then peel the rest</source>
   <translation>schneiden Sie die Streifen vorher zu, setzen Sie sie bis an die Kante, ziehen Sie ein Ende ab, richten Sie aus, dann ziehen Sie den Rest ab</translation>
  </message>
  <message>
   <source>cut the tape before you begin</source>
   <translation>schneiden Sie das Band zu, bevor Sie beginnen</translation>
  </message>
  <message>
   <source>cut the wrap {width} by {height}; leave its upper edge longer and trim it when the boards lie</source>
   <translation>den Bezug {width} mal {height} schneiden; die obere Kante länger lassen und beschneiden, wenn die Pappen liegen</translation>
  </message>
  <message>
   <source>cut {count} of {length}; they stand in the holes of deck and ceiling</source>
   <translation>schneiden Sie {count} von {length}; sie stehen in den Löchern von Boden und Decke</translation>
  </message>
  <message>
   <source>cut {length} of ribbon: doubled through the hole, ends and knot together</source>
   <translation>schneiden Sie {length} Band: doppelt durch das Loch, Enden und Knoten zusammen</translation>
  </message>
  <message>
   <source>cut {name}</source>
   <translation>{name} ausschneiden</translation>
  </message>
  <message>
   <source>cutting</source>
   <translation>Schneiden</translation>
  </message>
  <message>
   <source>cutting mat</source>
   <translation>Schneidematte</translation>
  </message>
  <message>
   <source>cutting plan</source>
   <translation>Schneideplan</translation>
  </message>
  <message>
   <source>cylinder</source>
   <translation>Zylinder</translation>
  </message>
  <message>
   <source>deck</source>
   <translation>Deck</translation>
  </message>
  <message>
   <source>deep</source>
   <translation>Tiefe</translation>
  </message>
  <message>
   <source>depth</source>
   <translation>Tiefe</translation>
  </message>
  <message>
   <source>depth of a pressed end</source>
   <translation>Tiefe eines gepressten Endes</translation>
  </message>
  <message>
   <source>depth of a tread</source>
   <translation>Tiefe einer Stufe</translation>
  </message>
  <message>
   <source>depth of each flap of the fin</source>
   <translation>Tiefe jeder Klappe des Stegs</translation>
  </message>
  <message>
   <source>depth of each step</source>
   <translation>Tiefe jeder Stufe</translation>
  </message>
  <message>
   <source>depth of the corner tabs; shortened where a wall has less room</source>
   <translation>Tiefe der Ecklaschen; gekürzt, wo eine Wand weniger Platz hat</translation>
  </message>
  <message>
   <source>depth of the flap folded over its top</source>
   <translation>Tiefe der Klappe, die oben umgelegt wird</translation>
  </message>
  <message>
   <source>depth of the flap that closes it</source>
   <translation>Tiefe der Klappe, die ihn schließt</translation>
  </message>
  <message>
   <source>depth of the flaps that close its sides</source>
   <translation>Tiefe der Klappen, die seine Seiten schließen</translation>
  </message>
  <message>
   <source>depth of the flaps the back is glued on</source>
   <translation>Tiefe der Klappen, auf die die Rückseite geklebt wird</translation>
  </message>
  <message>
   <source>depth of the glue tabs; shortened where a panel has less room</source>
   <translation>Tiefe der Klebelaschen; gekürzt, wo ein Feld weniger Platz hat</translation>
  </message>
  <message>
   <source>depth of the lips of the two ends; shortened where the top has less room</source>
   <translation>Tiefe der Zungen der zwei Enden; gekürzt, wo die Oberseite weniger Platz hat</translation>
  </message>
  <message>
   <source>depth of the pockets' tabs</source>
   <translation>Tiefe der Laschen der Taschen</translation>
  </message>
  <message>
   <source>depth of the tab in the corner</source>
   <translation>Tiefe der Lasche in der Ecke</translation>
  </message>
  <message>
   <source>depth of the tab in the corner; shortened where the front has less room</source>
   <translation>Tiefe der Lasche in der Ecke; gekürzt, wo die Vorderseite weniger Platz hat</translation>
  </message>
  <message>
   <source>depth of the tab under the top; shortened where the top has less room</source>
   <translation>Tiefe der Lasche unter der Oberseite; gekürzt, wo diese weniger Platz hat</translation>
  </message>
  <message>
   <source>depth of the tabs between the walls; shortened where there is less room</source>
   <translation>Tiefe der Laschen zwischen den Wänden; gekürzt, wo weniger Platz ist</translation>
  </message>
  <message>
   <source>depth of the tabs in its two lower corners</source>
   <translation>Tiefe der Laschen in den zwei unteren Ecken</translation>
  </message>
  <message>
   <source>depth of the tabs; shortened where a face has less room</source>
   <translation>Tiefe der Laschen; gekürzt, wo eine Fläche weniger Platz hat</translation>
  </message>
  <message>
   <source>depth of the teeth at floor and rim; shortened where the floor has less room</source>
   <translation>Tiefe der Zähne an Boden und Rand; gekürzt, wo der Boden weniger Platz hat</translation>
  </message>
  <message>
   <source>depth of the teeth that hold a round face; shortened where it has less room</source>
   <translation>Tiefe der Zähne, die eine runde Fläche halten; gekürzt, wo sie weniger Platz hat</translation>
  </message>
  <message>
   <source>desk</source>
   <translation>Schreibtisch</translation>
  </message>
  <message>
   <source>desk tidy</source>
   <translation>Schreibtischkasten</translation>
  </message>
  <message>
   <source>device</source>
   <translation>Gerät</translation>
  </message>
  <message>
   <source>device {id!r}</source>
   <translation>Gerät {id!r}</translation>
  </message>
  <message>
   <source>device {id}</source>
   <translation>Gerät {id}</translation>
  </message>
  <message>
   <source>device {id}, tool {tool}</source>
   <translation>Gerät {id}, Werkzeug {tool}</translation>
  </message>
  <message>
   <source>diameter</source>
   <translation>Durchmesser</translation>
  </message>
  <message>
   <source>diameter of a knob's hole</source>
   <translation>Durchmesser des Lochs für einen Knopf</translation>
  </message>
  <message>
   <source>diameter of the beads under the legs; 0 for none</source>
   <translation>Durchmesser der Perlen unter den Beinen; 0 für keine</translation>
  </message>
  <message>
   <source>diameter of the collars round it</source>
   <translation>Durchmesser der Muffen darum</translation>
  </message>
  <message>
   <source>diameter of the discs at the poles</source>
   <translation>Durchmesser der Scheiben an den Polen</translation>
  </message>
  <message>
   <source>diameter of the discs that cover the tips; 0 for none</source>
   <translation>Durchmesser der Scheiben über den Spitzen; 0 für keine</translation>
  </message>
  <message>
   <source>diameter of the fastener</source>
   <translation>Durchmesser der Klammer</translation>
  </message>
  <message>
   <source>diameter of the hole for a knob; 0 for none</source>
   <translation>Durchmesser des Lochs für einen Knauf; 0 für keines</translation>
  </message>
  <message>
   <source>diameter of the hole; of an eyelet, its own</source>
   <translation>Durchmesser des Lochs; bei einer Öse deren eigener</translation>
  </message>
  <message>
   <source>diameter of the pins the doors turn on</source>
   <translation>Durchmesser der Stifte, auf denen die Türen drehen</translation>
  </message>
  <message>
   <source>diameter of the rolled column</source>
   <translation>Durchmesser der gerollten Säule</translation>
  </message>
  <message>
   <source>diameter of the stick</source>
   <translation>Durchmesser des Stabs</translation>
  </message>
  <message>
   <source>diameter of the stick in the column</source>
   <translation>Durchmesser des Stabs in der Säule</translation>
  </message>
  <message>
   <source>diameter of the sticks between the corners; 0 for none</source>
   <translation>Durchmesser der Stäbe zwischen den Ecken; 0 für keine</translation>
  </message>
  <message>
   <source>diameter of the straps' holes; of an eyelet, its own</source>
   <translation>Durchmesser der Grifflöcher; bei einer Öse deren eigener</translation>
  </message>
  <message>
   <source>dice</source>
   <translation>Spielwürfel</translation>
  </message>
  <message>
   <source>disc</source>
   <translation>Scheibe</translation>
  </message>
  <message>
   <source>dish</source>
   <translation>Schälchen</translation>
  </message>
  <message>
   <source>display</source>
   <translation>Aufsteller</translation>
  </message>
  <message>
   <source>divide by another number</source>
   <translation>teilen Sie durch eine andere Zahl</translation>
  </message>
  <message>
   <source>divide it in two</source>
   <translation>teilen Sie sie in zwei</translation>
  </message>
  <message>
   <source>divider</source>
   <translation>Trennstreifen</translation>
  </message>
  <message>
   <source>document</source>
   <translation>Dokument</translation>
  </message>
  <message>
   <source>dodecahedron</source>
   <translation>Dodekaeder</translation>
  </message>
  <message>
   <source>does not fit there ({why})</source>
   <translation>passt dort nicht ({why})</translation>
  </message>
  <message>
   <source>dome</source>
   <translation>Kuppel</translation>
  </message>
  <message>
   <source>door</source>
   <translation>Tür</translation>
  </message>
  <message>
   <source>door height</source>
   <translation>Türhöhe</translation>
  </message>
  <message>
   <source>door ring</source>
   <translation>Türkranz</translation>
  </message>
  <message>
   <source>door_height</source>
   <translation>Türhöhe</translation>
  </message>
  <message>
   <source>doors</source>
   <translation>Türen</translation>
  </message>
  <message>
   <source>double-sided tape</source>
   <translation>doppelseitiges Band</translation>
  </message>
  <message>
   <source>draft</source>
   <translation>Entwurf</translation>
  </message>
  <message>
   <source>draft anew with {name}</source>
   <translation>neu entwerfen mit {name}</translation>
  </message>
  <message>
   <source>draft it anew at that size</source>
   <translation>entwerfen Sie es in dieser Größe neu</translation>
  </message>
  <message>
   <source>draft it anew at this size</source>
   <translation>entwerfen Sie es in dieser Größe neu</translation>
  </message>
  <message>
   <source>draft it anew nearer to this size</source>
   <translation>entwerfen Sie es näher an dieser Größe neu</translation>
  </message>
  <message>
   <source>draft the things of a project anew at another size</source>
   <translation>die Dinge eines Projekts in anderer Größe neu entwerfen</translation>
  </message>
  <message>
   <source>draw a strip of 100 mm tight, and write by how many mm it grows: 0 to {most:g}</source>
   <translation>zieh einen Streifen von 100 mm straff und schreib, um wie viele mm er wächst: 0 bis {most:g}</translation>
  </message>
  <message>
   <source>draw it inside, and apart from the others</source>
   <translation>zeichnen Sie sie innen und getrennt von den anderen</translation>
  </message>
  <message>
   <source>draw it larger</source>
   <translation>zeichnen Sie ihn größer</translation>
  </message>
  <message>
   <source>draw it so that it runs round once</source>
   <translation>zeichnen Sie ihn so, dass er einmal herumläuft</translation>
  </message>
  <message>
   <source>draw the outline as one closed path; text and pictures do not count</source>
   <translation>zeichnen Sie den Umriss als einen geschlossenen Zug; Text und Bilder zählen nicht</translation>
  </message>
  <message>
   <source>drawer</source>
   <translation>Schublade</translation>
  </message>
  <message>
   <source>drawer </source>
   <translation>Schublade </translation>
  </message>
  <message>
   <source>drawer # back</source>
   <translation>Schublade # hinten</translation>
  </message>
  <message>
   <source>drawer # base</source>
   <translation>Schublade # Boden</translation>
  </message>
  <message>
   <source>drawer # base at the back</source>
   <translation>Schublade # Boden an Rückseite</translation>
  </message>
  <message>
   <source>drawer # base at the front</source>
   <translation>Schublade # Boden an Front</translation>
  </message>
  <message>
   <source>drawer # base at the left</source>
   <translation>Schublade # Boden an Seite links</translation>
  </message>
  <message>
   <source>drawer # base at the right</source>
   <translation>Schublade # Boden an Seite rechts</translation>
  </message>
  <message>
   <source>drawer # front</source>
   <translation>Schublade # vorn</translation>
  </message>
  <message>
   <source>drawer # left</source>
   <translation>Schublade # links</translation>
  </message>
  <message>
   <source>drawer # left at the back</source>
   <translation>Schublade # links an Rückseite</translation>
  </message>
  <message>
   <source>drawer # left at the front</source>
   <translation>Schublade # links an Front</translation>
  </message>
  <message>
   <source>drawer # right</source>
   <translation>Schublade # rechts</translation>
  </message>
  <message>
   <source>drawer # right at the back</source>
   <translation>Schublade # rechts an Rückseite</translation>
  </message>
  <message>
   <source>drawer # right at the front</source>
   <translation>Schublade # rechts an Front</translation>
  </message>
  <message>
   <source>drawer 1 front</source>
   <translation>Schublade 1 vorn</translation>
  </message>
  <message>
   <source>drawer insert</source>
   <translation>Schubladeneinsatz</translation>
  </message>
  <message>
   <source>drawers</source>
   <translation>Schubladen</translation>
  </message>
  <message>
   <source>drawers so low take nothing</source>
   <translation>so niedrige Schubladen fassen nichts</translation>
  </message>
  <message>
   <source>drawers so small take nothing</source>
   <translation>so kleine Schubladen fassen nichts</translation>
  </message>
  <message>
   <source>drawing</source>
   <translation>Zeichnung</translation>
  </message>
  <message>
   <source>drawn</source>
   <translation>gezeichnet</translation>
  </message>
  <message>
   <source>drawn line</source>
   <translation>gezeichnete Linie</translation>
  </message>
  <message>
   <source>dresser</source>
   <translation>Kommode</translation>
  </message>
  <message>
   <source>drill the edge of each door above and below, {off} in from its hinge side and amid its thickness, {deep} deep</source>
   <translation>die Kante jeder Tür oben und unten bohren, {off} von der Drehseite und in der Mitte ihrer Dicke, {deep} tief</translation>
  </message>
  <message>
   <source>drop</source>
   <translation>Tropfen</translation>
  </message>
  <message>
   <source>drum</source>
   <translation>Trommel</translation>
  </message>
  <message>
   <source>each</source>
   <translation>jedes</translation>
  </message>
  <message>
   <source>each channel between two folds, inside and outside. Slide an edge into the comb: the slot that just holds it is as wide as it.</source>
   <translation>jede Rinne zwischen zwei Falzen, innen und außen. Eine Kante in den Kamm schieben: der Schlitz, der sie eben hält, ist so breit wie sie.</translation>
  </message>
  <message>
   <source>each is printed over {count} sheets that overlap</source>
   <translation>jedes wird über {count} überlappende Bogen gedruckt</translation>
  </message>
  <message>
   <source>each piece and each sheet as SVG and DXF</source>
   <translation>jedes Stück und jeder Bogen als SVG und DXF</translation>
  </message>
  <message>
   <source>each rises {rise} and the thickness of a floor in {steps} steps</source>
   <translation>jede steigt {rise} und die Dicke eines Bodens in {steps} Stufen</translation>
  </message>
  <message>
   <source>each strap: {length}, its knots counted; knot the ends inside</source>
   <translation>jeder Griff: {length}, die Knoten mitgerechnet; die Enden innen verknoten</translation>
  </message>
  <message>
   <source>easel</source>
   <translation>Staffelei</translation>
  </message>
  <message>
   <source>easel card</source>
   <translation>Staffeleikarte</translation>
  </message>
  <message>
   <source>easel flap</source>
   <translation>Staffelei-Lasche</translation>
  </message>
  <message>
   <source>easel leg</source>
   <translation>Staffelei-Bein</translation>
  </message>
  <message>
   <source>eaves</source>
   <translation>Dachüberstand</translation>
  </message>
  <message>
   <source>edge</source>
   <translation>Kante</translation>
  </message>
  <message>
   <source>edge strip </source>
   <translation>Kantenstreifen </translation>
  </message>
  <message>
   <source>edge strip #</source>
   <translation>Kantenstreifen #</translation>
  </message>
  <message>
   <source>edge strip 1</source>
   <translation>Kantenstreifen 1</translation>
  </message>
  <message>
   <source>edges</source>
   <translation>Kanten</translation>
  </message>
  <message>
   <source>edges joined or parted by hand</source>
   <translation>von Hand verbundene oder getrennte Kanten</translation>
  </message>
  <message>
   <source>edges meet</source>
   <translation>Kanten treffen sich</translation>
  </message>
  <message>
   <source>edges of the {panel}</source>
   <translation>Kanten: {panel}</translation>
  </message>
  <message>
   <source>edges set by hand are a line of text</source>
   <translation>von Hand gesetzte Kanten sind eine Zeile Text</translation>
  </message>
  <message>
   <source>egg crate</source>
   <translation>Eierkarton</translation>
  </message>
  <message>
   <source>eight sides</source>
   <translation>acht Seiten</translation>
  </message>
  <message>
   <source>elastic</source>
   <translation>Gummiband</translation>
  </message>
  <message>
   <source>end the name in .pdf or .html</source>
   <translation>lass den Namen auf .pdf oder .html enden</translation>
  </message>
  <message>
   <source>end the name in {names}, or in / for a folder</source>
   <translation>enden Sie den Namen auf {names}, oder auf / für einen Ordner</translation>
  </message>
  <message>
   <source>ends</source>
   <translation>Enden</translation>
  </message>
  <message>
   <source>ends of a bend, no score</source>
   <translation>Enden einer Biegung, keine Rille</translation>
  </message>
  <message>
   <source>enlarge the drawing {factor} times</source>
   <translation>die Zeichnung {factor}-mal vergrößern</translation>
  </message>
  <message>
   <source>entry {title}</source>
   <translation>Eintrag {title}</translation>
  </message>
  <message>
   <source>envelope</source>
   <translation>Umschlag</translation>
  </message>
  <message>
   <source>envelopes</source>
   <translation>Umschläge</translation>
  </message>
  <message>
   <source>equator</source>
   <translation>Äquator</translation>
  </message>
  <message>
   <source>equator #</source>
   <translation>Äquator #</translation>
  </message>
  <message>
   <source>equator lap #</source>
   <translation>Äquator Überlapp #</translation>
  </message>
  <message>
   <source>error: {name}: {error}</source>
   <translation>Fehler: {name}: {error}</translation>
  </message>
  <message>
   <source>evenly, once</source>
   <translation>gleichmäßig, einmal</translation>
  </message>
  <message>
   <source>every construction that takes a thing, what fits the sheet first</source>
   <translation>jede Bauform, die ein Ding fasst, zuerst, was auf den Bogen passt</translation>
  </message>
  <message>
   <source>exactly</source>
   <translation>genau</translation>
  </message>
  <message>
   <source>expanding</source>
   <translation>dehnbar</translation>
  </message>
  <message>
   <source>export it again, as a mesh of triangles</source>
   <translation>exportier es noch einmal, als Netz aus Dreiecken</translation>
  </message>
  <message>
   <source>eyelet</source>
   <translation>Öse</translation>
  </message>
  <message>
   <source>eyelet tools</source>
   <translation>Ösenwerkzeug</translation>
  </message>
  <message>
   <source>eyes</source>
   <translation>Augenlöcher</translation>
  </message>
  <message>
   <source>eyes up</source>
   <translation>Augen hoch</translation>
  </message>
  <message>
   <source>face</source>
   <translation>Gesicht</translation>
  </message>
  <message>
   <source>face </source>
   <translation>Fläche </translation>
  </message>
  <message>
   <source>face #</source>
   <translation>Fläche #</translation>
  </message>
  <message>
   <source>face it, or leave it bare</source>
   <translation>kaschier es, oder lass es roh</translation>
  </message>
  <message>
   <source>face the other side with the same paper, and dry it under weight</source>
   <translation>kaschieren Sie die andere Seite mit demselben Papier und trocknen Sie unter Gewicht</translation>
  </message>
  <message>
   <source>faced on one side only, it warps as it dries</source>
   <translation>nur einseitig kaschiert verzieht es sich beim Trocknen</translation>
  </message>
  <message>
   <source>faces</source>
   <translation>Flächen</translation>
  </message>
  <message>
   <source>facet </source>
   <translation>Fläche </translation>
  </message>
  <message>
   <source>facet #</source>
   <translation>Fläche #</translation>
  </message>
  <message>
   <source>facing</source>
   <translation>Bezug</translation>
  </message>
  <message>
   <source>far side</source>
   <translation>Seite fern</translation>
  </message>
  <message>
   <source>fascia</source>
   <translation>Blende</translation>
  </message>
  <message>
   <source>fastener</source>
   <translation>Musterklammer</translation>
  </message>
  <message>
   <source>favour</source>
   <translation>Gastgeschenk</translation>
  </message>
  <message>
   <source>favour box</source>
   <translation>Gastgeschenkschachtel</translation>
  </message>
  <message>
   <source>feed it one sheet at a time, by the straightest path the printer has</source>
   <translation>legen Sie einen Bogen nach dem anderen ein, auf dem geradesten Weg, den der Drucker hat</translation>
  </message>
  <message>
   <source>feed one sheet at a time, within what the printer's maker allows</source>
   <translation>legen Sie Bogen einzeln ein, im Rahmen dessen, was der Hersteller des Druckers erlaubt</translation>
  </message>
  <message>
   <source>feet</source>
   <translation>Füße</translation>
  </message>
  <message>
   <source>fewer placings of the rule</source>
   <translation>weniger Anlagen des Lineals</translation>
  </message>
  <message>
   <source>figure</source>
   <translation>Figur</translation>
  </message>
  <message>
   <source>figure on easel flap</source>
   <translation>Figur auf Staffelei-Lasche</translation>
  </message>
  <message>
   <source>figure on foot #</source>
   <translation>Figur auf Fuß #</translation>
  </message>
  <message>
   <source>figure on left strut flap</source>
   <translation>Figur auf linker Strebenlasche</translation>
  </message>
  <message>
   <source>figure on right strut flap</source>
   <translation>Figur auf rechter Strebenlasche</translation>
  </message>
  <message>
   <source>figure on the base</source>
   <translation>Figur auf dem Sockel</translation>
  </message>
  <message>
   <source>fill a drawer {columns} by {rows}</source>
   <translation>eine Schublade füllen, {columns} mal {rows}</translation>
  </message>
  <message>
   <source>filled</source>
   <translation>gefüllt</translation>
  </message>
  <message>
   <source>fin</source>
   <translation>Steg</translation>
  </message>
  <message>
   <source>finger</source>
   <translation>Finger</translation>
  </message>
  <message>
   <source>fit</source>
   <translation>Spiel</translation>
  </message>
  <message>
   <source>fits</source>
   <translation>passt</translation>
  </message>
  <message>
   <source>flag</source>
   <translation>Fahne</translation>
  </message>
  <message>
   <source>flap</source>
   <translation>Lasche</translation>
  </message>
  <message>
   <source>flaps meet</source>
   <translation>Klappen treffen sich</translation>
  </message>
  <message>
   <source>flaps overlap</source>
   <translation>Klappen überlappen</translation>
  </message>
  <message>
   <source>flaps so broad are no flaps</source>
   <translation>so breite Klappen sind keine Klappen</translation>
  </message>
  <message>
   <source>flaps so long meet in the middle of a wall</source>
   <translation>so lange Laschen treffen sich mitten auf der Wand</translation>
  </message>
  <message>
   <source>flat</source>
   <translation>flach</translation>
  </message>
  <message>
   <source>flat ring</source>
   <translation>flacher Ring</translation>
  </message>
  <message>
   <source>flight </source>
   <translation>Treppe </translation>
  </message>
  <message>
   <source>flight 1</source>
   <translation>Treppe 1</translation>
  </message>
  <message>
   <source>floor</source>
   <translation>Boden</translation>
  </message>
  <message>
   <source>floor </source>
   <translation>Geschossboden </translation>
  </message>
  <message>
   <source>floor #</source>
   <translation>Geschossboden #</translation>
  </message>
  <message>
   <source>floor # in the back wall</source>
   <translation>Geschossboden # in Rückwand</translation>
  </message>
  <message>
   <source>floor # in the left wall</source>
   <translation>Geschossboden # in Wand links</translation>
  </message>
  <message>
   <source>floor # in the right wall</source>
   <translation>Geschossboden # in Wand rechts</translation>
  </message>
  <message>
   <source>floor teeth</source>
   <translation>Zähne Boden</translation>
  </message>
  <message>
   <source>floor teeth #</source>
   <translation>Boden Zähne #</translation>
  </message>
  <message>
   <source>floors</source>
   <translation>Böden</translation>
  </message>
  <message>
   <source>flow wrap</source>
   <translation>Schlauchpackung</translation>
  </message>
  <message>
   <source>fold</source>
   <translation>Falz</translation>
  </message>
  <message>
   <source>fold and measure a test strip</source>
   <translation>falten und messen Sie einen Probestreifen</translation>
  </message>
  <message>
   <source>fold {panel} - {panel2}</source>
   <translation>Falz {panel} - {panel2}</translation>
  </message>
  <message>
   <source>folded flat it is {width} by {tall}; fold the sides in first, then the bottom up</source>
   <translation>flach gefaltet ist sie {width} mal {tall}; erst die Seiten einfalten, dann den Boden hinauf</translation>
  </message>
  <message>
   <source>folded in</source>
   <translation>eingefaltet</translation>
  </message>
  <message>
   <source>folded, it stands in the {b} for {length}</source>
   <translation>gefaltet steht es auf {length} in {b}</translation>
  </message>
  <message>
   <source>folded, it stands {apart} from its host instead of {wanted}, {tilt:.2f}° out of true, {outside} past the edge</source>
   <translation>gefaltet steht es {apart} von seinem Träger statt {wanted}, {tilt:.2f}° schief, {outside} über die Kante</translation>
  </message>
  <message>
   <source>folder</source>
   <translation>Mappe</translation>
  </message>
  <message>
   <source>folio</source>
   <translation>Mappe</translation>
  </message>
  <message>
   <source>followed</source>
   <translation>gefolgt</translation>
  </message>
  <message>
   <source>font</source>
   <translation>Schrift</translation>
  </message>
  <message>
   <source>foot</source>
   <translation>Fuß</translation>
  </message>
  <message>
   <source>foot </source>
   <translation>Fuß </translation>
  </message>
  <message>
   <source>foot #</source>
   <translation>Fuß #</translation>
  </message>
  <message>
   <source>foot and rim are alike, which makes a tube</source>
   <translation>Fuß und Rand sind gleich, das gibt ein Rohr</translation>
  </message>
  <message>
   <source>foot back</source>
   <translation>Fuß Rückseite</translation>
  </message>
  <message>
   <source>foot closed</source>
   <translation>Fuß geschlossen</translation>
  </message>
  <message>
   <source>foot disc</source>
   <translation>Fußscheibe</translation>
  </message>
  <message>
   <source>foot front</source>
   <translation>Fuß Vorderseite</translation>
  </message>
  <message>
   <source>foot teeth</source>
   <translation>Zähne Fuß</translation>
  </message>
  <message>
   <source>foot teeth #</source>
   <translation>Fuß Zähne #</translation>
  </message>
  <message>
   <source>foot wall #</source>
   <translation>Fußwand #</translation>
  </message>
  <message>
   <source>foot wall # tab</source>
   <translation>Fußwand # Lasche</translation>
  </message>
  <message>
   <source>for a practised hand</source>
   <translation>für geübte Hände</translation>
  </message>
  <message>
   <source>for a thing {long} by {wide}</source>
   <translation>für ein Ding von {long} mal {wide}</translation>
  </message>
  <message>
   <source>for beginners</source>
   <translation>für den Anfang</translation>
  </message>
  <message>
   <source>for nothing in particular</source>
   <translation>für nichts Bestimmtes</translation>
  </message>
  <message>
   <source>for things of card</source>
   <translation>für Dinge aus Karton</translation>
  </message>
  <message>
   <source>for {device}; zero is {zero}</source>
   <translation>für {device}; Nullpunkt ist {zero}</translation>
  </message>
  <message>
   <source>for {thing}</source>
   <translation>für {thing}</translation>
  </message>
  <message>
   <source>form</source>
   <translation>Form</translation>
  </message>
  <message>
   <source>former</source>
   <translation>Former</translation>
  </message>
  <message>
   <source>four flaps to the middle, from a square sheet turned on its corner; with a liner if wished</source>
   <translation>vier Klappen zur Mitte, aus einem auf die Ecke gestellten Quadrat; auf Wunsch mit Futter</translation>
  </message>
  <message>
   <source>four walls, open above, for sorting and showing</source>
   <translation>vier Wände, oben offen, zum Sortieren und Zeigen</translation>
  </message>
  <message>
   <source>frame</source>
   <translation>Rahmen</translation>
  </message>
  <message>
   <source>frames</source>
   <translation>Rahmen</translation>
  </message>
  <message>
   <source>from end to end, at the edges</source>
   <translation>von Ende zu Ende, an den Kanten</translation>
  </message>
  <message>
   <source>from foot to fold, when it lies flat</source>
   <translation>vom Fuß bis zum Falz, wenn er flach liegt</translation>
  </message>
  <message>
   <source>from front to back, in the middle</source>
   <translation>von vorn nach hinten, in der Mitte</translation>
  </message>
  <message>
   <source>from front to back, when it stands open</source>
   <translation>von vorn nach hinten, wenn sie offen steht</translation>
  </message>
  <message>
   <source>from its flaps to its end</source>
   <translation>von seinen Laschen bis zu seinem Ende</translation>
  </message>
  <message>
   <source>from its floor to the face</source>
   <translation>von seinem Boden bis zur Fläche</translation>
  </message>
  <message>
   <source>from pupil to pupil</source>
   <translation>von Pupille zu Pupille</translation>
  </message>
  <message>
   <source>from the base to the rim, upright</source>
   <translation>vom Boden bis zum Rand, aufrecht</translation>
  </message>
  <message>
   <source>from the deck to the ceiling</source>
   <translation>vom Boden bis zur Decke</translation>
  </message>
  <message>
   <source>from the middle of one end to that of the other</source>
   <translation>von der Mitte des einen Endes zu der des anderen</translation>
  </message>
  <message>
   <source>from the middle to the end of a leg</source>
   <translation>von der Mitte bis zum Ende eines Beins</translation>
  </message>
  <message>
   <source>from {ax} off the {edge} and {ay} up to {bx} off it and {by} up</source>
   <translation>von {ax} von der {edge} und {ay} hoch bis {bx} von ihr und {by} hoch</translation>
  </message>
  <message>
   <source>front</source>
   <translation>Vorderseite</translation>
  </message>
  <message>
   <source>front #</source>
   <translation>Vorderseite #</translation>
  </message>
  <message>
   <source>front and back</source>
   <translation>vorn und hinten</translation>
  </message>
  <message>
   <source>front and back are joined for {length}</source>
   <translation>Vorder- und Rückseite sind auf {length} verbunden</translation>
  </message>
  <message>
   <source>front board</source>
   <translation>Vorderdeckel</translation>
  </message>
  <message>
   <source>front board on front lining</source>
   <translation>Vorderdeckel auf vorderem Spiegel</translation>
  </message>
  <message>
   <source>front card</source>
   <translation>Vorderseite Karte</translation>
  </message>
  <message>
   <source>front cover</source>
   <translation>Bezug vorn</translation>
  </message>
  <message>
   <source>front cover on pad</source>
   <translation>Bezug vorn auf Polster</translation>
  </message>
  <message>
   <source>front flap</source>
   <translation>Klappe Vorderseite</translation>
  </message>
  <message>
   <source>front flap on back flap</source>
   <translation>Klappe Vorderseite Klappe auf Rückseite</translation>
  </message>
  <message>
   <source>front flap on left flap</source>
   <translation>Klappe Vorderseite Klappe auf links</translation>
  </message>
  <message>
   <source>front flap on plate</source>
   <translation>vordere Lasche auf Platte</translation>
  </message>
  <message>
   <source>front flap on right flap</source>
   <translation>Klappe Vorderseite Klappe auf rechts</translation>
  </message>
  <message>
   <source>front flaps</source>
   <translation>vordere Klappen</translation>
  </message>
  <message>
   <source>front left flap</source>
   <translation>Klappe Vorderseite links</translation>
  </message>
  <message>
   <source>front left tab</source>
   <translation>Lasche Vorderseite links</translation>
  </message>
  <message>
   <source>front lining</source>
   <translation>vorderer Spiegel</translation>
  </message>
  <message>
   <source>front lower flap</source>
   <translation>Klappe Vorderseite unten</translation>
  </message>
  <message>
   <source>front lower flap #</source>
   <translation>Vorderseite Klappe # unten</translation>
  </message>
  <message>
   <source>front on </source>
   <translation>vorn auf </translation>
  </message>
  <message>
   <source>front on front pocket tab</source>
   <translation>Lasche Vorderseite auf Vorderseite Tasche</translation>
  </message>
  <message>
   <source>front on inner # front teeth #</source>
   <translation>Vorderseite auf # Vorderseite Zähne # innen</translation>
  </message>
  <message>
   <source>front on lap #</source>
   <translation>Vorderseite auf Überlapp #</translation>
  </message>
  <message>
   <source>front on left leaf #</source>
   <translation>Vorderseite auf Blatt # links</translation>
  </message>
  <message>
   <source>front on liner</source>
   <translation>Futter Vorderseite auf</translation>
  </message>
  <message>
   <source>front on plate</source>
   <translation>Vorderseite auf Platte</translation>
  </message>
  <message>
   <source>front on right leaf #</source>
   <translation>Vorderseite auf Blatt # rechts</translation>
  </message>
  <message>
   <source>front on wrap front edge</source>
   <translation>Wand vorn auf Bezugseinschlag vorn</translation>
  </message>
  <message>
   <source>front only</source>
   <translation>nur vorn</translation>
  </message>
  <message>
   <source>front overlay</source>
   <translation>Auflage Vorderseite</translation>
  </message>
  <message>
   <source>front paper</source>
   <translation>vorderes Papier</translation>
  </message>
  <message>
   <source>front paper on wrap</source>
   <translation>vorderes Papier auf dem Bezug</translation>
  </message>
  <message>
   <source>front pocket</source>
   <translation>Vorderseite Tasche</translation>
  </message>
  <message>
   <source>front pocket tab</source>
   <translation>Lasche Vorderseite Tasche</translation>
  </message>
  <message>
   <source>front right flap</source>
   <translation>Klappe Vorderseite rechts</translation>
  </message>
  <message>
   <source>front right tab</source>
   <translation>Lasche Vorderseite rechts</translation>
  </message>
  <message>
   <source>front roof</source>
   <translation>Dach vorn</translation>
  </message>
  <message>
   <source>front tab</source>
   <translation>Lasche Vorderseite</translation>
  </message>
  <message>
   <source>front teeth</source>
   <translation>Zähne Vorderseite</translation>
  </message>
  <message>
   <source>front teeth #</source>
   <translation>Vorderseite Zähne #</translation>
  </message>
  <message>
   <source>front turn</source>
   <translation>Vorderseite Umschlag</translation>
  </message>
  <message>
   <source>front turn on front</source>
   <translation>vorderer Umschlag auf Vorderseite</translation>
  </message>
  <message>
   <source>front upper flap</source>
   <translation>Klappe Vorderseite oben</translation>
  </message>
  <message>
   <source>front upper flap #</source>
   <translation>Vorderseite Klappe # oben</translation>
  </message>
  <message>
   <source>front wall</source>
   <translation>Vorderwand</translation>
  </message>
  <message>
   <source>front wall door</source>
   <translation>Haustür</translation>
  </message>
  <message>
   <source>front wall hinge</source>
   <translation>Frontband</translation>
  </message>
  <message>
   <source>front wall hinge inside</source>
   <translation>Frontband innen</translation>
  </message>
  <message>
   <source>front wall hinge leaf</source>
   <translation>Frontband Türhälfte</translation>
  </message>
  <message>
   <source>front wall hinge post</source>
   <translation>Frontband Wandhälfte</translation>
  </message>
  <message>
   <source>front wall hinge slit</source>
   <translation>Frontband Schlitz</translation>
  </message>
  <message>
   <source>front wall window #-#-# frame</source>
   <translation>Vorderwand-Fenster #-#-# Rahmen</translation>
  </message>
  <message>
   <source>front wall window #-#-# glazing</source>
   <translation>Vorderwand-Fenster #-#-# Verglasung</translation>
  </message>
  <message>
   <source>front wall window #-#-# glazing in it</source>
   <translation>Vorderwand-Fenster #-#-# Verglasung darin</translation>
  </message>
  <message>
   <source>front wall window #-#-# on front wall</source>
   <translation>Vorderwand-Fenster #-#-# auf Vorderwand</translation>
  </message>
  <message>
   <source>funnel</source>
   <translation>Trichter</translation>
  </message>
  <message>
   <source>furniture</source>
   <translation>Möbel</translation>
  </message>
  <message>
   <source>furthest off: {mm:.3f} mm, {piece}</source>
   <translation>am weitesten daneben: {mm:.3f} mm, {piece}</translation>
  </message>
  <message>
   <source>gabled</source>
   <translation>gegiebelt</translation>
  </message>
  <message>
   <source>gallery</source>
   <translation>Galerie</translation>
  </message>
  <message>
   <source>game box</source>
   <translation>Spielschachtel</translation>
  </message>
  <message>
   <source>gap</source>
   <translation>Spalt</translation>
  </message>
  <message>
   <source>garland</source>
   <translation>Girlande</translation>
  </message>
  <message>
   <source>gate</source>
   <translation>Tor</translation>
  </message>
  <message>
   <source>gatefold</source>
   <translation>Fensterfalz</translation>
  </message>
  <message>
   <source>gazebo</source>
   <translation>Laube</translation>
  </message>
  <message>
   <source>gem</source>
   <translation>Edelstein</translation>
  </message>
  <message>
   <source>gently, once</source>
   <translation>sanft, einmal</translation>
  </message>
  <message>
   <source>gift bag</source>
   <translation>Geschenktüte</translation>
  </message>
  <message>
   <source>gift box</source>
   <translation>Geschenkschachtel</translation>
  </message>
  <message>
   <source>gift pouch</source>
   <translation>Geschenktasche</translation>
  </message>
  <message>
   <source>gift tag</source>
   <translation>Geschenkanhänger</translation>
  </message>
  <message>
   <source>gift voucher</source>
   <translation>Geschenkgutschein</translation>
  </message>
  <message>
   <source>give each a name of its own</source>
   <translation>geben Sie jedem einen eigenen Namen</translation>
  </message>
  <message>
   <source>give each panel a name of its own</source>
   <translation>geben Sie jedem Feld einen eigenen Namen</translation>
  </message>
  <message>
   <source>give it a border of {least} or more, or bring in one at a time</source>
   <translation>einen Rand von {least} oder mehr geben oder eines nach dem andern holen</translation>
  </message>
  <message>
   <source>give it a wider foot where its picture is brought in</source>
   <translation>beim Hereinholen des Bildes einen breiteren Fuß geben</translation>
  </message>
  <message>
   <source>give it a wider foot, or a base</source>
   <translation>einen breiteren Fuß geben, oder einen Sockel</translation>
  </message>
  <message>
   <source>give it a wider foot, or ask for {tilt:.0f} degrees at the most</source>
   <translation>einen breiteren Fuß geben oder höchstens {tilt:.0f} Grad verlangen</translation>
  </message>
  <message>
   <source>give it a width and a height</source>
   <translation>geben Sie ihr Breite und Höhe</translation>
  </message>
  <message>
   <source>give it at least three corners</source>
   <translation>geben Sie ihm wenigstens drei Ecken</translation>
  </message>
  <message>
   <source>give it less play</source>
   <translation>weniger Spiel geben</translation>
  </message>
  <message>
   <source>give it more clearance</source>
   <translation>geben Sie ihm mehr Spiel</translation>
  </message>
  <message>
   <source>give it more play, or thinner board</source>
   <translation>mehr Spiel geben oder dünnere Pappe nehmen</translation>
  </message>
  <message>
   <source>give it {least} or more, and try it in scrap</source>
   <translation>geben Sie {least} oder mehr und probieren Sie es in Abfall</translation>
  </message>
  <message>
   <source>give the {seam} a fin</source>
   <translation>{seam} einen Steg geben</translation>
  </message>
  <message>
   <source>glazing</source>
   <translation>Verglasung</translation>
  </message>
  <message>
   <source>globe</source>
   <translation>Globus</translation>
  </message>
  <message>
   <source>glue a tab there, or tape it</source>
   <translation>kleben Sie dort eine Lasche, oder nehmen Sie Band</translation>
  </message>
  <message>
   <source>glue it before folding, and let it dry under a weight</source>
   <translation>kleben Sie sie vor dem Falten, und lassen Sie sie unter Gewicht trocknen</translation>
  </message>
  <message>
   <source>glue it earlier, or hold that seam with a tuck or with tape outside</source>
   <translation>klebe es früher, oder halte die Naht mit einer Stecklasche oder mit Klebeband außen</translation>
  </message>
  <message>
   <source>glue it once, or tape it</source>
   <translation>kleben Sie einfach, oder nehmen Sie Band</translation>
  </message>
  <message>
   <source>glue it, or make the panel it tucks under larger</source>
   <translation>kleben Sie es, oder machen Sie das Feld größer, unter das es gesteckt wird</translation>
  </message>
  <message>
   <source>glue on {name}</source>
   <translation>{name} aufkleben</translation>
  </message>
  <message>
   <source>glue stick</source>
   <translation>Klebestift</translation>
  </message>
  <message>
   <source>glue the teeth wet or hot; hot glue burns: follow its maker's word, and keep it from children</source>
   <translation>kleben Sie die Zähne nass oder heiß; Heißkleber verbrennt: folgen Sie seinem Hersteller und halten Sie ihn von Kindern fern</translation>
  </message>
  <message>
   <source>glue the {seam}</source>
   <translation>{seam} kleben</translation>
  </message>
  <message>
   <source>glue with {what}</source>
   <translation>kleben mit {what}</translation>
  </message>
  <message>
   <source>glue {number}</source>
   <translation>kleben {number}</translation>
  </message>
  <message>
   <source>glued</source>
   <translation>geklebt</translation>
  </message>
  <message>
   <source>goblet</source>
   <translation>Pokal</translation>
  </message>
  <message>
   <source>goes snugly on a rod or into a hole; one turn or several, open or closed</source>
   <translation>sitzt knapp auf einem Stab oder in einem Loch; eine Windung oder mehrere, offen oder geschlossen</translation>
  </message>
  <message>
   <source>going</source>
   <translation>Auftritt</translation>
  </message>
  <message>
   <source>good for a trial; use card for the thing itself</source>
   <translation>gut für eine Probe; nehmen Sie Karton für das Ding selbst</translation>
  </message>
  <message>
   <source>gore </source>
   <translation>Zwickel </translation>
  </message>
  <message>
   <source>gore #</source>
   <translation>Zwickel #</translation>
  </message>
  <message>
   <source>gore # down #</source>
   <translation>Zwickel # hinab #</translation>
  </message>
  <message>
   <source>gore # up #</source>
   <translation>Zwickel # hoch #</translation>
  </message>
  <message>
   <source>gores</source>
   <translation>Zwickel</translation>
  </message>
  <message>
   <source>grade {grade!r}</source>
   <translation>Sorte {grade!r}</translation>
  </message>
  <message>
   <source>grain</source>
   <translation>Laufrichtung</translation>
  </message>
  <message>
   <source>grain across</source>
   <translation>Laufrichtung quer</translation>
  </message>
  <message>
   <source>grain along</source>
   <translation>Laufrichtung längs</translation>
  </message>
  <message>
   <source>grammage</source>
   <translation>Flächengewicht</translation>
  </message>
  <message>
   <source>greeting card</source>
   <translation>Grußkarte</translation>
  </message>
  <message>
   <source>groove {groove}</source>
   <translation>Rille {groove}</translation>
  </message>
  <message>
   <source>grooves {mm:g} mm apart are on no board</source>
   <translation>Rillen im Abstand von {mm:g} mm hat kein Brett</translation>
  </message>
  <message>
   <source>ground</source>
   <translation>unterstes Geschoss</translation>
  </message>
  <message>
   <source>ground floor</source>
   <translation>Bodenplatte</translation>
  </message>
  <message>
   <source>guide</source>
   <translation>Hilfslinie</translation>
  </message>
  <message>
   <source>guide, trace lightly</source>
   <translation>Hilfslinie, leicht vorzeichnen</translation>
  </message>
  <message>
   <source>gull</source>
   <translation>Möwe</translation>
  </message>
  <message>
   <source>gum</source>
   <translation>Gummierung</translation>
  </message>
  <message>
   <source>gussets</source>
   <translation>Falten</translation>
  </message>
  <message>
   <source>gussets so deep meet in the middle</source>
   <translation>so tiefe Falten treffen sich in der Mitte</translation>
  </message>
  <message>
   <source>half a ball on an upright band; LED lights only, never a candle</source>
   <translation>eine halbe Kugel auf einem aufrechten Band; nur LED-Lichter, nie eine Kerze</translation>
  </message>
  <message>
   <source>half ball</source>
   <translation>Halbkugel</translation>
  </message>
  <message>
   <source>half cut</source>
   <translation>Halbschnitt</translation>
  </message>
  <message>
   <source>halve the {seam}</source>
   <translation>{seam} überblatten</translation>
  </message>
  <message>
   <source>hand</source>
   <translation>von Hand</translation>
  </message>
  <message>
   <source>handle</source>
   <translation>Griff</translation>
  </message>
  <message>
   <source>handle </source>
   <translation>Griff </translation>
  </message>
  <message>
   <source>handle left end</source>
   <translation>Ende Griff links</translation>
  </message>
  <message>
   <source>handle left end on left wall</source>
   <translation>linkes Ende des Henkels auf linker Wand</translation>
  </message>
  <message>
   <source>handle right end</source>
   <translation>Ende Griff rechts</translation>
  </message>
  <message>
   <source>handle right end on right wall</source>
   <translation>rechtes Ende des Henkels auf rechter Wand</translation>
  </message>
  <message>
   <source>handle rise</source>
   <translation>Griff Anstieg</translation>
  </message>
  <message>
   <source>handle width</source>
   <translation>Griff Breite</translation>
  </message>
  <message>
   <source>hang</source>
   <translation>Aufhängung</translation>
  </message>
  <message>
   <source>hat box</source>
   <translation>Hutschachtel</translation>
  </message>
  <message>
   <source>head</source>
   <translation>Kopfhöhe</translation>
  </message>
  <message>
   <source>head band</source>
   <translation>Kopfband</translation>
  </message>
  <message>
   <source>head band </source>
   <translation>Kopfband </translation>
  </message>
  <message>
   <source>head band #</source>
   <translation>Kopfband #</translation>
  </message>
  <message>
   <source>heart</source>
   <translation>Herz</translation>
  </message>
  <message>
   <source>heart card</source>
   <translation>Herzkarte</translation>
  </message>
  <message>
   <source>height</source>
   <translation>Höhe</translation>
  </message>
  <message>
   <source>height of a leg at the column</source>
   <translation>Höhe eines Beins an der Säule</translation>
  </message>
  <message>
   <source>height of each of its two leaves, folded up between front and back</source>
   <translation>Höhe jedes seiner zwei Blätter, zwischen Vorder- und Rückseite hochgefaltet</translation>
  </message>
  <message>
   <source>height of each step</source>
   <translation>Höhe jeder Stufe</translation>
  </message>
  <message>
   <source>height of its foot; 0 for none</source>
   <translation>Höhe des Fußes; 0 für keinen</translation>
  </message>
  <message>
   <source>height of the band</source>
   <translation>Höhe der Binde</translation>
  </message>
  <message>
   <source>height of the band that joins the petals along the equator</source>
   <translation>Höhe des Bands, das die Blätter am Äquator verbindet</translation>
  </message>
  <message>
   <source>height of the base</source>
   <translation>Höhe des Sockels</translation>
  </message>
  <message>
   <source>height of the canopy's rim</source>
   <translation>Höhe des Dachrands</translation>
  </message>
  <message>
   <source>height of the collar under the seat; 0 for none</source>
   <translation>Höhe der Muffe unter dem Sitz; 0 für keine</translation>
  </message>
  <message>
   <source>height of the pockets</source>
   <translation>Höhe der Taschen</translation>
  </message>
  <message>
   <source>height of the upright band below the petals</source>
   <translation>Höhe des aufrechten Bands unter den Blättern</translation>
  </message>
  <message>
   <source>height of those boards, along their flutes</source>
   <translation>Höhe dieser Platten, entlang ihrer Wellen</translation>
  </message>
  <message>
   <source>held</source>
   <translation>gehalten</translation>
  </message>
  <message>
   <source>helmet</source>
   <translation>Helm</translation>
  </message>
  <message>
   <source>hem</source>
   <translation>Saum</translation>
  </message>
  <message>
   <source>hemisphere</source>
   <translation>Hemisphäre</translation>
  </message>
  <message>
   <source>hexagon box</source>
   <translation>Sechseckschachtel</translation>
  </message>
  <message>
   <source>high</source>
   <translation>höchstens hoch</translation>
  </message>
  <message>
   <source>hinge</source>
   <translation>Scharnier</translation>
  </message>
  <message>
   <source>hinge back</source>
   <translation>Scharnier hinten</translation>
  </message>
  <message>
   <source>hinge lid</source>
   <translation>Scharnier am Deckel</translation>
  </message>
  <message>
   <source>hinge strip</source>
   <translation>Scharnierstreifen</translation>
  </message>
  <message>
   <source>hinge strip behind</source>
   <translation>Scharnierstreifen hinten</translation>
  </message>
  <message>
   <source>hinge strip beneath</source>
   <translation>Scharnierstreifen darunter</translation>
  </message>
  <message>
   <source>hinge strip far slit</source>
   <translation>Scharnierstreifen ferner Schlitz</translation>
  </message>
  <message>
   <source>hinge strip inside</source>
   <translation>Scharnierstreifen innen</translation>
  </message>
  <message>
   <source>hinge strip slit</source>
   <translation>Scharnierstreifen Schlitz</translation>
  </message>
  <message>
   <source>hinge strip under</source>
   <translation>Scharnierstreifen unten</translation>
  </message>
  <message>
   <source>hinges</source>
   <translation>Scharniere</translation>
  </message>
  <message>
   <source>hold the {seam} twice</source>
   <translation>{seam} doppelt halten</translation>
  </message>
  <message>
   <source>hold the {seam} with another adhesive</source>
   <translation>{seam} mit anderem Kleber halten</translation>
  </message>
  <message>
   <source>hold {name}</source>
   <translation>{name} festhalten</translation>
  </message>
  <message>
   <source>hold {seconds:.0f} s</source>
   <translation>{seconds:.0f} s halten</translation>
  </message>
  <message>
   <source>holds a letter, a card or a tag; with a flap, or open as a pocket</source>
   <translation>fasst einen Brief, eine Karte oder einen Anhänger; mit Klappe, oder offen als Tasche</translation>
  </message>
  <message>
   <source>holds a product, a stack or a parcel; closed after it is filled</source>
   <translation>hält eine Ware, einen Stoß oder ein Päckchen; nach dem Füllen geschlossen</translation>
  </message>
  <message>
   <source>holds one slim thing; opens on an end or along a side</source>
   <translation>fasst ein schlankes Ding; öffnet an einem Ende oder längs einer Seite</translation>
  </message>
  <message>
   <source>hole</source>
   <translation>Loch</translation>
  </message>
  <message>
   <source>hole for a thread</source>
   <translation>Loch für einen Faden</translation>
  </message>
  <message>
   <source>hole punch</source>
   <translation>Locheisen</translation>
  </message>
  <message>
   <source>holes</source>
   <translation>Löcher</translation>
  </message>
  <message>
   <source>holes for the fingers that draw it out</source>
   <translation>Löcher für die Finger, die ihn herausziehen</translation>
  </message>
  <message>
   <source>host</source>
   <translation>Träger</translation>
  </message>
  <message>
   <source>hot glue</source>
   <translation>Heißkleber</translation>
  </message>
  <message>
   <source>hot glue gun</source>
   <translation>Heißklebepistole</translation>
  </message>
  <message>
   <source>hot glue may soften the film</source>
   <translation>Heißkleber kann die Folie aufweichen</translation>
  </message>
  <message>
   <source>house</source>
   <translation>Haus</translation>
  </message>
  <message>
   <source>house card</source>
   <translation>Hauskarte</translation>
  </message>
  <message>
   <source>house the {seam}</source>
   <translation>{seam} einlassen</translation>
  </message>
  <message>
   <source>how</source>
   <translation>wie</translation>
  </message>
  <message>
   <source>how deep it drops was not said</source>
   <translation>wie tief es einsinkt, wurde nicht gesagt</translation>
  </message>
  <message>
   <source>how far a propped front leans back</source>
   <translation>wie weit eine gestützte Vorderseite zurücklehnt</translation>
  </message>
  <message>
   <source>how far apart they stand was not said</source>
   <translation>wie weit sie auseinanderstehen, wurde nicht gesagt</translation>
  </message>
  <message>
   <source>how far clear of the boards' corners the wrap is cut: 1.5 times their thickness</source>
   <translation>wie weit von den Ecken der Pappen der Bezug geschnitten wird: das 1,5-fache ihrer Dicke</translation>
  </message>
  <message>
   <source>how far each band lies over the next</source>
   <translation>wie weit jeder Ring über dem nächsten liegt</translation>
  </message>
  <message>
   <source>how far floor and roof go on before the front</source>
   <translation>wie weit Boden und Dach vor die Front reichen</translation>
  </message>
  <message>
   <source>how far it laps over itself for glue</source>
   <translation>wie weit es zum Kleben über sich selbst lappt</translation>
  </message>
  <message>
   <source>how far it laps over itself for glue, along the wider rim</source>
   <translation>wie weit es zum Kleben über sich selbst lappt, am weiteren Rand</translation>
  </message>
  <message>
   <source>how far it may be tilted, any way, and not fall</source>
   <translation>wie weit sie in jede Richtung geneigt werden darf, ohne zu fallen</translation>
  </message>
  <message>
   <source>how far it slides was not said</source>
   <translation>wie weit es gleitet, wurde nicht gesagt</translation>
  </message>
  <message>
   <source>how far its ends lap over each other</source>
   <translation>wie weit ihre Enden übereinanderliegen</translation>
  </message>
  <message>
   <source>how far its leg swings out</source>
   <translation>wie weit ihr Bein ausschwingt</translation>
  </message>
  <message>
   <source>how far sides and back go on below the bottom; 0 for none</source>
   <translation>wie weit Seiten und Rücken unter den Boden reichen; 0 für keinen</translation>
  </message>
  <message>
   <source>how far the arm turns</source>
   <translation>wie weit sich der Arm dreht</translation>
  </message>
  <message>
   <source>how far the flaps of a square one overlap; the long pair of others more</source>
   <translation>wie weit die Klappen eines quadratischen überlappen; das lange Paar anderer mehr</translation>
  </message>
  <message>
   <source>how far the handle stands above the rim</source>
   <translation>wie weit der Griff über dem Rand steht</translation>
  </message>
  <message>
   <source>how far the lid comes down</source>
   <translation>wie weit der Deckel herunterkommt</translation>
  </message>
  <message>
   <source>how far the lid comes down over the base</source>
   <translation>wie weit der Deckel über den Boden herabkommt</translation>
  </message>
  <message>
   <source>how far the liner keeps inside the edges</source>
   <translation>wie weit das Futter innerhalb der Kanten bleibt</translation>
  </message>
  <message>
   <source>how far the linings are set back from the boards' edges</source>
   <translation>wie weit die Spiegel hinter den Kanten der Pappen liegen</translation>
  </message>
  <message>
   <source>how far the roof stands out</source>
   <translation>wie weit das Dach übersteht</translation>
  </message>
  <message>
   <source>how far the slide runs</source>
   <translation>wie weit der Schieber läuft</translation>
  </message>
  <message>
   <source>how far the straight crease of a tooth may stand off the true curve: less gives more teeth</source>
   <translation>wie weit der gerade Falz eines Zahns von der wahren Rundung abstehen darf: weniger gibt mehr Zähne</translation>
  </message>
  <message>
   <source>how far the triangles are turned back</source>
   <translation>wie weit die Dreiecke umgeklappt werden</translation>
  </message>
  <message>
   <source>how far the walls rise over the attic's floor</source>
   <translation>wie weit die Wände über den Dachboden reichen</translation>
  </message>
  <message>
   <source>how high one sits, on the pad</source>
   <translation>wie hoch man sitzt, auf dem Polster</translation>
  </message>
  <message>
   <source>how high the eyes lie, in percent of the height</source>
   <translation>wie hoch die Augen liegen, in Prozent der Höhe</translation>
  </message>
  <message>
   <source>how high the windows lie over the floor</source>
   <translation>wie hoch die Fenster über dem Boden liegen</translation>
  </message>
  <message>
   <source>how high they lie, in percent of the height</source>
   <translation>wie hoch sie liegen, in Prozent der Höhe</translation>
  </message>
  <message>
   <source>how high what lies in it is</source>
   <translation>wie hoch ist, was darin liegt</translation>
  </message>
  <message>
   <source>how it is closed</source>
   <translation>wie sie geschlossen ist</translation>
  </message>
  <message>
   <source>how it is folded</source>
   <translation>wie sie gefaltet ist</translation>
  </message>
  <message>
   <source>how many</source>
   <translation>wie viele</translation>
  </message>
  <message>
   <source>how many alike stand side by side on one base</source>
   <translation>wie viele gleiche nebeneinander auf einem Sockel stehen</translation>
  </message>
  <message>
   <source>how many boards lie between bottom and top</source>
   <translation>wie viele Böden zwischen unten und oben liegen</translation>
  </message>
  <message>
   <source>how many boards the stair is laid up from</source>
   <translation>aus wie vielen Pappen die Treppe geschichtet ist</translation>
  </message>
  <message>
   <source>how many cells lie across the width</source>
   <translation>wie viele Fächer der Breite nach liegen</translation>
  </message>
  <message>
   <source>how many cells lie along the length</source>
   <translation>wie viele Fächer der Länge nach liegen</translation>
  </message>
  <message>
   <source>how many lie above each other</source>
   <translation>wie viele übereinander liegen</translation>
  </message>
  <message>
   <source>how many lie on each other</source>
   <translation>wie viele aufeinander liegen</translation>
  </message>
  <message>
   <source>how many lie side by side on each floor</source>
   <translation>wie viele auf jedem Geschoss nebeneinander liegen</translation>
  </message>
  <message>
   <source>how many petals go round it: more lie smoother</source>
   <translation>wie viele Blätter herumgehen: mehr liegen glatter</translation>
  </message>
  <message>
   <source>how many plates lie on each other</source>
   <translation>wie viele Platten aufeinanderliegen</translation>
  </message>
  <message>
   <source>how many rises a flight has, the last onto the floor above</source>
   <translation>wie viele Steigungen ein Lauf hat, die letzte auf das nächste Geschoss</translation>
  </message>
  <message>
   <source>how many sheets of every stock a project takes, their cost and waste</source>
   <translation>wie viele Bogen jedes Materials ein Projekt braucht, ihre Kosten und der Verschnitt</translation>
  </message>
  <message>
   <source>how many triangles are turned back</source>
   <translation>wie viele Dreiecke umgeklappt werden</translation>
  </message>
  <message>
   <source>how many walls it has, an even number</source>
   <translation>wie viele Wände sie hat, eine gerade Zahl</translation>
  </message>
  <message>
   <source>how many walls stand round the base</source>
   <translation>wie viele Wände um den Boden stehen</translation>
  </message>
  <message>
   <source>how much larger the leaves are</source>
   <translation>um wie viel größer die Blätter sind</translation>
  </message>
  <message>
   <source>how much larger the pocket is</source>
   <translation>um wie viel größer die Tasche ist</translation>
  </message>
  <message>
   <source>how much lower than the back the front is</source>
   <translation>um wie viel niedriger die Vorderseite ist als die Rückseite</translation>
  </message>
  <message>
   <source>how much of what goes in stays in sight</source>
   <translation>wie viel dessen, was hineinkommt, sichtbar bleibt</translation>
  </message>
  <message>
   <source>how much wider it is inside (an eighth of an inch is usual)</source>
   <translation>um wie viel breiter sie innen ist (ein Achtelzoll ist üblich)</translation>
  </message>
  <message>
   <source>how much wider it is than what drops in</source>
   <translation>um wie viel weiter es ist als das, was hineinkommt</translation>
  </message>
  <message>
   <source>how much wider than what it goes on, or narrower than what it goes into</source>
   <translation>um wie viel weiter als das, worauf es kommt, oder enger als das, worein es kommt</translation>
  </message>
  <message>
   <source>how much wider the sleeve is</source>
   <translation>um wie viel die Hülse weiter ist</translation>
  </message>
  <message>
   <source>how the boards meet at the corners</source>
   <translation>wie die Pappen an den Ecken zusammenkommen</translation>
  </message>
  <message>
   <source>how the covers are joined</source>
   <translation>wie die Bezüge verbunden werden</translation>
  </message>
  <message>
   <source>how the door of a front is hung</source>
   <translation>wie die Tür einer Front hängt</translation>
  </message>
  <message>
   <source>how the long flaps close: meeting in the middle, or one over the whole of the other for weight</source>
   <translation>wie die langen Klappen schließen: in der Mitte zusammen, oder eine ganz über der anderen, für Gewicht</translation>
  </message>
  <message>
   <source>how the shelves are held by the sides: butted between them, let in by a third, or with tongues through them</source>
   <translation>wie die Seiten die Böden halten: stumpf dazwischen, um ein Drittel eingelassen oder mit Zapfen hindurch</translation>
  </message>
  <message>
   <source>how thick it shall be, about</source>
   <translation>wie dick es etwa werden soll</translation>
  </message>
  <message>
   <source>how wide a strap is</source>
   <translation>wie breit ein Band ist</translation>
  </message>
  <message>
   <source>how wide the bars of windows are</source>
   <translation>wie breit die Sprossen sind</translation>
  </message>
  <message>
   <source>how wide the strip of the handle is; no wider than the tray</source>
   <translation>wie breit der Streifen des Griffs ist; nicht breiter als der Kasten</translation>
  </message>
  <message>
   <source>hull</source>
   <translation>Rumpf</translation>
  </message>
  <message>
   <source>hung</source>
   <translation>Türband</translation>
  </message>
  <message>
   <source>icosahedron</source>
   <translation>Ikosaeder</translation>
  </message>
  <message>
   <source>icosidodecahedron</source>
   <translation>Ikosidodekaeder</translation>
  </message>
  <message>
   <source>igloo</source>
   <translation>Iglu</translation>
  </message>
  <message>
   <source>in</source>
   <translation>innen</translation>
  </message>
  <message>
   <source>in a ring</source>
   <translation>im Ring</translation>
  </message>
  <message>
   <source>in a row</source>
   <translation>in einer Reihe</translation>
  </message>
  <message>
   <source>in both leaves</source>
   <translation>in beiden Blättern</translation>
  </message>
  <message>
   <source>in each side wall on every floor</source>
   <translation>in jeder Seitenwand auf jedem Geschoss</translation>
  </message>
  <message>
   <source>in line with another, across</source>
   <translation>waagrecht in einer Flucht mit einem anderen</translation>
  </message>
  <message>
   <source>in line with another, up and down</source>
   <translation>senkrecht in einer Flucht mit einem anderen</translation>
  </message>
  <message>
   <source>in the back</source>
   <translation>hinten</translation>
  </message>
  <message>
   <source>in the back wall of each room, and the front's</source>
   <translation>in der Rückwand jedes Raums und in der Front</translation>
  </message>
  <message>
   <source>in the star</source>
   <translation>im Stern</translation>
  </message>
  <message>
   <source>in which leaves</source>
   <translation>in welchen Blättern</translation>
  </message>
  <message>
   <source>ink is lost at an edge: write the printer's own margin</source>
   <translation>an einer Kante geht Farbe verloren: schreiben Sie den eigenen Rand des Druckers</translation>
  </message>
  <message>
   <source>inner # back teeth</source>
   <translation># Rückseite Zähne innen</translation>
  </message>
  <message>
   <source>inner # back teeth #</source>
   <translation># Rückseite Zähne # innen</translation>
  </message>
  <message>
   <source>inner # front teeth</source>
   <translation># Vorderseite Zähne innen</translation>
  </message>
  <message>
   <source>inner # front teeth #</source>
   <translation># Vorderseite Zähne # innen</translation>
  </message>
  <message>
   <source>inner # lap #</source>
   <translation># Überlapp # innen</translation>
  </message>
  <message>
   <source>inner # lap #.#</source>
   <translation># Überlapp #.# innen</translation>
  </message>
  <message>
   <source>inner # lap #.# joint</source>
   <translation># Überlapp #.# Verbindung innen</translation>
  </message>
  <message>
   <source>inner # side #</source>
   <translation># Seite # innen</translation>
  </message>
  <message>
   <source>inner # strip</source>
   <translation># Streifen innen</translation>
  </message>
  <message>
   <source>inner # wall #</source>
   <translation># Wand # innen</translation>
  </message>
  <message>
   <source>inner base</source>
   <translation>innerer Boden</translation>
  </message>
  <message>
   <source>inner cut</source>
   <translation>Innenschnitt</translation>
  </message>
  <message>
   <source>inner cuts</source>
   <translation>Innenschnitte</translation>
  </message>
  <message>
   <source>inner half</source>
   <translation>innere Hälfte</translation>
  </message>
  <message>
   <source>insert</source>
   <translation>Einsatz</translation>
  </message>
  <message>
   <source>inside</source>
   <translation>innen</translation>
  </message>
  <message>
   <source>inside at the base, twice the way from the middle to a side</source>
   <translation>innen am Boden, zweimal der Weg von der Mitte zu einer Seite</translation>
  </message>
  <message>
   <source>inside at the rim, twice the way from the middle to a side</source>
   <translation>innen am Rand, zweimal der Weg von der Mitte zu einer Seite</translation>
  </message>
  <message>
   <source>inside diameter above; 0 for a point</source>
   <translation>Innendurchmesser oben; 0 für eine Spitze</translation>
  </message>
  <message>
   <source>inside diameter below</source>
   <translation>Innendurchmesser unten</translation>
  </message>
  <message>
   <source>inside from ear to ear, with some play</source>
   <translation>innen von Ohr zu Ohr, mit etwas Spiel</translation>
  </message>
  <message>
   <source>inside it is {caliper} thicker there</source>
   <translation>innen ist es dort {caliper} dicker</translation>
  </message>
  <message>
   <source>inside of the box</source>
   <translation>innen in der Schachtel</translation>
  </message>
  <message>
   <source>inside of what they stand in</source>
   <translation>innen, worin sie stehen</translation>
  </message>
  <message>
   <source>inside {size}</source>
   <translation>innen {size}</translation>
  </message>
  <message>
   <source>inside, across the base</source>
   <translation>innen, quer über den Boden</translation>
  </message>
  <message>
   <source>inside, along the front</source>
   <translation>innen, längs der Vorderseite</translation>
  </message>
  <message>
   <source>inside, along the longer side</source>
   <translation>innen, längs der längeren Seite</translation>
  </message>
  <message>
   <source>inside, along the longest side of what goes in</source>
   <translation>innen, längs der längsten Seite dessen, was hineinkommt</translation>
  </message>
  <message>
   <source>inside, along the shorter side</source>
   <translation>innen, längs der kürzeren Seite</translation>
  </message>
  <message>
   <source>inside, every edge of it</source>
   <translation>innen, jede Kante davon</translation>
  </message>
  <message>
   <source>inside, from base to top</source>
   <translation>innen, vom Boden bis oben</translation>
  </message>
  <message>
   <source>inside, from front to back</source>
   <translation>innen, von vorn nach hinten</translation>
  </message>
  <message>
   <source>inside, from the base to the rim</source>
   <translation>innen, vom Boden bis zum Rand</translation>
  </message>
  <message>
   <source>inside, from the base up to the point</source>
   <translation>innen, vom Boden bis zur Spitze</translation>
  </message>
  <message>
   <source>inside, from the bottom to the rim</source>
   <translation>innen, vom Boden bis zum Rand</translation>
  </message>
  <message>
   <source>inside, twice from the middle to a side, of base and canopy</source>
   <translation>innen, zweimal von der Mitte zu einer Seite, von Sockel und Dach</translation>
  </message>
  <message>
   <source>inside, twice the way from the middle to a wall: from flat to flat where the sides are even</source>
   <translation>innen, zweimal der Weg von der Mitte zu einer Wand: von Fläche zu Fläche, wo die Seitenzahl gerade ist</translation>
  </message>
  <message>
   <source>inside, when it lies flat</source>
   <translation>innen, wenn er flach liegt</translation>
  </message>
  <message>
   <source>inside: the card's thickness and that of what stands on it</source>
   <translation>innen: die Dicke der Karte und dessen, was darauf steht</translation>
  </message>
  <message>
   <source>install it, or choose another</source>
   <translation>richten Sie sie ein, oder wählen Sie eine andere</translation>
  </message>
  <message>
   <source>international letter</source>
   <translation>internationaler Brief</translation>
  </message>
  <message>
   <source>into a hole</source>
   <translation>in ein Loch</translation>
  </message>
  <message>
   <source>invitation</source>
   <translation>Einladung</translation>
  </message>
  <message>
   <source>it asks for tool {number}, and the machine has {names}</source>
   <translation>er verlangt Werkzeug {number}, und die Maschine hat {names}</translation>
  </message>
  <message>
   <source>it asks for {speed:g} mm/s, and the machine makes {most:g} at most</source>
   <translation>er verlangt {speed:g} mm/s, und die Maschine schafft höchstens {most:g}</translation>
  </message>
  <message>
   <source>it can be cut across instead, and joined again by a glued lap</source>
   <translation>es lässt sich stattdessen quer schneiden und durch einen geklebten Überlapp verbinden</translation>
  </message>
  <message>
   <source>it can be slid into place</source>
   <translation>es lässt sich zurechtschieben</translation>
  </message>
  <message>
   <source>it can be tiled over several of these sheets instead</source>
   <translation>es lässt sich stattdessen über mehrere dieser Bogen kacheln</translation>
  </message>
  <message>
   <source>it cannot be a piece of its own</source>
   <translation>es kann kein eigenes Stück sein</translation>
  </message>
  <message>
   <source>it cannot be brought in once that is closed</source>
   <translation>es lässt sich nicht mehr hineinbringen, sobald das geschlossen ist</translation>
  </message>
  <message>
   <source>it cannot be found ({strerror})</source>
   <translation>es ist nicht zu finden ({strerror})</translation>
  </message>
  <message>
   <source>it cannot be held by: {joint}</source>
   <translation>so lässt sie sich nicht halten: {joint}</translation>
  </message>
  <message>
   <source>it cannot be made ({reason})</source>
   <translation>er lässt sich nicht anlegen ({reason})</translation>
  </message>
  <message>
   <source>it cannot be read ({reason})</source>
   <translation>es lässt sich nicht lesen ({reason})</translation>
  </message>
  <message>
   <source>it cannot be read ({strerror})</source>
   <translation>es lässt sich nicht lesen ({strerror})</translation>
  </message>
  <message>
   <source>it cannot be turned by {degrees:g} degrees</source>
   <translation>es lässt sich nicht um {degrees:g} Grad drehen</translation>
  </message>
  <message>
   <source>it cannot be used ({reason})</source>
   <translation>es lässt sich nicht benutzen ({reason})</translation>
  </message>
  <message>
   <source>it cannot be written ({strerror})</source>
   <translation>es lässt sich nicht schreiben ({strerror})</translation>
  </message>
  <message>
   <source>it catches on the {b} when it is {angle:.0f} degrees open</source>
   <translation>es streift an {b}, wenn es {angle:.0f} Grad offen ist</translation>
  </message>
  <message>
   <source>it catches on the {b} {far} on its way</source>
   <translation>es bleibt {far} weit unterwegs an {b} hängen</translation>
  </message>
  <message>
   <source>it closes on {most} at the most, and {stack} lies in it</source>
   <translation>er schließt über höchstens {most}, und {stack} liegt darin</translation>
  </message>
  <message>
   <source>it comes back when its place does, or take it out</source>
   <translation>es kommt wieder, wenn sein Platz wieder da ist, oder nehmen Sie es heraus</translation>
  </message>
  <message>
   <source>it counts again when there is</source>
   <translation>sie gilt wieder, wenn es eines gibt</translation>
  </message>
  <message>
   <source>it creases where no fold is drawn</source>
   <translation>er rillt, wo kein Falz gezeichnet ist</translation>
  </message>
  <message>
   <source>it cuts nothing</source>
   <translation>es schneidet nichts</translation>
  </message>
  <message>
   <source>it cuts off a scrap of {size}</source>
   <translation>sie schneidet einen Fetzen von {size} ab</translation>
  </message>
  <message>
   <source>it does not hold such a seam</source>
   <translation>es hält eine solche Naht nicht</translation>
  </message>
  <message>
   <source>it finds no room there</source>
   <translation>es findet dort keinen Platz</translation>
  </message>
  <message>
   <source>it finds no room there, and is left out</source>
   <translation>es findet dort keinen Platz und bleibt weg</translation>
  </message>
  <message>
   <source>it gapes: it closes on {least} at the least, and {stack} lies in it</source>
   <translation>er klafft: er schließt über mindestens {least}, und {stack} liegt darin</translation>
  </message>
  <message>
   <source>it goes as no letter: as {name} it is {why}</source>
   <translation>es geht nicht als Brief: als {name} ist es {why}</translation>
  </message>
  <message>
   <source>it goes into envelopes that are sold: {names}</source>
   <translation>es geht in käufliche Umschläge: {names}</translation>
  </message>
  <message>
   <source>it goes to {x:.1f}, {y:.1f}, outside the bed of {wide:g} x {high:g} mm: lay the sheet otherwise</source>
   <translation>er geht nach {x:.1f}, {y:.1f}, außerhalb des Bettes von {wide:g} x {high:g} mm: Lege den Bogen anders</translation>
  </message>
  <message>
   <source>it hangs on {length} of thread, knots included</source>
   <translation>es hängt an {length} Faden, Knoten mitgerechnet</translation>
  </message>
  <message>
   <source>it has 0 to 5 stars</source>
   <translation>er hat 0 bis 5 Sterne</translation>
  </message>
  <message>
   <source>it has more stages than there are</source>
   <translation>er hat mehr Abschnitte, als es gibt</translation>
  </message>
  <message>
   <source>it has no inside to be formed</source>
   <translation>es hat kein Inneres, das zu formen wäre</translation>
  </message>
  <message>
   <source>it has no name of its own</source>
   <translation>er hat keinen eigenen Namen</translation>
  </message>
  <message>
   <source>it has no part named {part!r}</source>
   <translation>es hat keinen Teil namens {part!r}</translation>
  </message>
  <message>
   <source>it has no size</source>
   <translation>es hat keine Größe</translation>
  </message>
  <message>
   <source>it has no such side</source>
   <translation>eine solche Seite hat sie nicht</translation>
  </message>
  <message>
   <source>it has no tab and is taped outside: {tape} of tape</source>
   <translation>sie hat keine Lasche und wird außen verklebt: {tape} Band</translation>
  </message>
  <message>
   <source>it has no tool or takes no file</source>
   <translation>es hat kein Werkzeug oder nimmt keine Datei</translation>
  </message>
  <message>
   <source>it has no tool to {does}</source>
   <translation>es hat kein Werkzeug für: {does}</translation>
  </message>
  <message>
   <source>it has no {kind} at all</source>
   <translation>es hat gar kein {kind}</translation>
  </message>
  <message>
   <source>it has no {name!r}</source>
   <translation>es hat kein {name!r}</translation>
  </message>
  <message>
   <source>it has only {ppi:.0f} pixels an inch here</source>
   <translation>es hat hier nur {ppi:.0f} Punkte je Zoll</translation>
  </message>
  <message>
   <source>it has too few faces for a body</source>
   <translation>es hat zu wenige Flächen für einen Körper</translation>
  </message>
  <message>
   <source>it holds more than a pack may</source>
   <translation>es enthält mehr, als ein Paket darf</translation>
  </message>
  <message>
   <source>it holds more than {most} values</source>
   <translation>es enthält mehr als {most} Werte</translation>
  </message>
  <message>
   <source>it holds no mesh that can be read</source>
   <translation>sie enthält kein Netz, das sich lesen lässt</translation>
  </message>
  <message>
   <source>it holds nothing to make</source>
   <translation>es enthält nichts zu machen</translation>
  </message>
  <message>
   <source>it is askew by {deg:.1f} degrees: it keeps its sizes; push the paper guides close</source>
   <translation>es liegt um {deg:.1f} Grad schräg: die Größen stimmen; schieben Sie die Papierführungen heran</translation>
  </message>
  <message>
   <source>it is covered, or stays inside</source>
   <translation>es wird bedeckt oder bleibt innen</translation>
  </message>
  <message>
   <source>it is cut there</source>
   <translation>dort ist es geschnitten</translation>
  </message>
  <message>
   <source>it is cut when nothing moves any more</source>
   <translation>sie wird geschnitten, wenn sich nichts mehr bewegt</translation>
  </message>
  <message>
   <source>it is done first</source>
   <translation>es geschieht zuerst</translation>
  </message>
  <message>
   <source>it is done twice: {words}</source>
   <translation>es geschieht zweimal: {words}</translation>
  </message>
  <message>
   <source>it is done {count} times: {words}</source>
   <translation>es geschieht {count}-mal: {words}</translation>
  </message>
  <message>
   <source>it is either a picture or words</source>
   <translation>es ist entweder ein Bild oder Wörter</translation>
  </message>
  <message>
   <source>it is filled after it is closed</source>
   <translation>es wird gefüllt, nachdem es geschlossen ist</translation>
  </message>
  <message>
   <source>it is filled before it is closed</source>
   <translation>es wird gefüllt, bevor es geschlossen wird</translation>
  </message>
  <message>
   <source>it is folded before it is creased: {words}</source>
   <translation>es wird gefaltet, bevor es gefalzt ist: {words}</translation>
  </message>
  <message>
   <source>it is glued over what it covers</source>
   <translation>es ist über das geklebt, was es bedeckt</translation>
  </message>
  <message>
   <source>it is glued while the {piece} lies open</source>
   <translation>es wird geklebt, solange {piece} offen liegt</translation>
  </message>
  <message>
   <source>it is joined to nothing</source>
   <translation>es ist mit nichts verbunden</translation>
  </message>
  <message>
   <source>it is larger than {mb:g} MB</source>
   <translation>es ist größer als {mb:g} MB</translation>
  </message>
  <message>
   <source>it is left out: {why}</source>
   <translation>es bleibt weg: {why}</translation>
  </message>
  <message>
   <source>it is longer than {most} letters</source>
   <translation>es ist länger als {most} Buchstaben</translation>
  </message>
  <message>
   <source>it is made of: more where one net is too large for the sheet</source>
   <translation>aus denen er besteht: mehr, wo ein Netz für den Bogen zu groß ist</translation>
  </message>
  <message>
   <source>it is no SVG drawing, or a broken one ({error})</source>
   <translation>es ist keine SVG-Zeichnung, oder eine kaputte ({error})</translation>
  </message>
  <message>
   <source>it is no corner of two sides</source>
   <translation>es ist keine Ecke zweier Seiten</translation>
  </message>
  <message>
   <source>it is no logbook</source>
   <translation>es ist kein Logbuch</translation>
  </message>
  <message>
   <source>it is no mesh file</source>
   <translation>es ist keine Netzdatei</translation>
  </message>
  <message>
   <source>it is no mesh of ours</source>
   <translation>es ist kein Netz von uns</translation>
  </message>
  <message>
   <source>it is no picture of pixels</source>
   <translation>es ist kein Bild aus Bildpunkten</translation>
  </message>
  <message>
   <source>it is no picture that can be read ({reason})</source>
   <translation>das ist kein lesbares Bild ({reason})</translation>
  </message>
  <message>
   <source>it is no text</source>
   <translation>es ist kein Text</translation>
  </message>
  <message>
   <source>it is not made for a thing of given sizes</source>
   <translation>sie wird nicht für ein Ding gegebener Größe gemacht</translation>
  </message>
  <message>
   <source>it is one face with its neighbour</source>
   <translation>es ist eine Fläche mit seinem Nachbarn</translation>
  </message>
  <message>
   <source>it is packed far tighter than any project or picture</source>
   <translation>es ist viel dichter gepackt als irgendein Projekt oder Bild</translation>
  </message>
  <message>
   <source>it is put in {count} times</source>
   <translation>es wird {count}-mal eingesetzt</translation>
  </message>
  <message>
   <source>it is turned by no number</source>
   <translation>es ist um keine Zahl gedreht</translation>
  </message>
  <message>
   <source>it is {count} bodies, not one</source>
   <translation>es sind {count} Körper, nicht einer</translation>
  </message>
  <message>
   <source>it is {length} round</source>
   <translation>sie ist ringsum {length} lang</translation>
  </message>
  <message>
   <source>it is {size:.0e} units large</source>
   <translation>es ist {size:.0e} Einheiten groß</translation>
  </message>
  <message>
   <source>it joins two pieces</source>
   <translation>sie verbindet zwei Stücke</translation>
  </message>
  <message>
   <source>it knows no unit: it is made as high as you say</source>
   <translation>es kennt keine Einheit: es wird so hoch gemacht, wie du sagst</translation>
  </message>
  <message>
   <source>it lies nowhere</source>
   <translation>sie liegt nirgends</translation>
  </message>
  <message>
   <source>it lies over the {lower}</source>
   <translation>es liegt über {lower}</translation>
  </message>
  <message>
   <source>it lies so low that nothing can be told by its height</source>
   <translation>es liegt so flach, dass seine Höhe nichts sagt</translation>
  </message>
  <message>
   <source>it lies too far off</source>
   <translation>es liegt zu weit weg</translation>
  </message>
  <message>
   <source>it meets another opening</source>
   <translation>sie trifft eine andere Öffnung</translation>
  </message>
  <message>
   <source>it needs {names}</source>
   <translation>es braucht {names}</translation>
  </message>
  <message>
   <source>it never comes to that size</source>
   <translation>es kommt nie auf diese Größe</translation>
  </message>
  <message>
   <source>it on lower facing</source>
   <translation>auf dem unteren Bezug</translation>
  </message>
  <message>
   <source>it opens to {wide}: glue the outer leaf of each gusset only, and cut both gussets at once from doubled paper</source>
   <translation>sie öffnet sich auf {wide}: kleben Sie nur das äußere Blatt jeder Falte, und schneiden Sie beide Falten auf einmal aus gedoppeltem Papier</translation>
  </message>
  <message>
   <source>it reaches {past} past the {panel}</source>
   <translation>es ragt {past} über {panel} hinaus</translation>
  </message>
  <message>
   <source>it says glue, and lists none</source>
   <translation>es ist von Leim die Rede, aber keiner aufgeführt</translation>
  </message>
  <message>
   <source>it shares {volume:.2f} mm³ of card with the {b}</source>
   <translation>es teilt {volume:.2f} mm³ Karton mit {b}</translation>
  </message>
  <message>
   <source>it stands on a line, and falls over</source>
   <translation>sie steht auf einer Linie und fällt um</translation>
  </message>
  <message>
   <source>it stands on a point, which has no width</source>
   <translation>es steht auf einer Spitze, die keine Breite hat</translation>
  </message>
  <message>
   <source>it stands when it is tilted {tilt:.0f} degrees, and a push of {push} N at its top tips it {way} (card alone, {mass:.0f} g)</source>
   <translation>sie steht, wenn sie um {tilt:.0f} Grad geneigt wird, und ein Stoß von {push} N oben kippt sie {way} (nur der Karton, {mass:.0f} g)</translation>
  </message>
  <message>
   <source>it stands where the outline needs it</source>
   <translation>sie steht, wo der Umriss sie braucht</translation>
  </message>
  <message>
   <source>it stands {high} off, where the {outer} slides over the {inner} with {play} of play</source>
   <translation>es steht {high} ab, wo {outer} mit {play} Spiel über {inner} gleitet</translation>
  </message>
  <message>
   <source>it stands {volume:.2f} mm³ in the space asked for</source>
   <translation>es steht mit {volume:.2f} mm³ im verlangten Raum</translation>
  </message>
  <message>
   <source>it takes nothing thicker than {most}</source>
   <translation>sie nimmt nichts Dickeres als {most}</translation>
  </message>
  <message>
   <source>it takes {thick} of the inside on its wall</source>
   <translation>es nimmt {thick} vom Inneren an seiner Wand</translation>
  </message>
  <message>
   <source>it was chosen</source>
   <translation>es wurde gewählt</translation>
  </message>
  <message>
   <source>it was saved by a later Mingei</source>
   <translation>es wurde von einem späteren Mingei gespeichert</translation>
  </message>
  <message>
   <source>it was saved by a later Mingei (file version {version}, this one reads up to {newest})</source>
   <translation>es wurde von einem späteren Mingei gespeichert (Dateifassung {version}, dieses liest bis {newest})</translation>
  </message>
  <message>
   <source>it was written by a later Mingei (version {version})</source>
   <translation>es wurde von einem späteren Mingei geschrieben (Version {version})</translation>
  </message>
  <message>
   <source>it would be repeated too often</source>
   <translation>es würde zu oft wiederholt</translation>
  </message>
  <message>
   <source>it would fall over sideways</source>
   <translation>sie fiele seitlich um</translation>
  </message>
  <message>
   <source>its back is out of reach once it is closed</source>
   <translation>seine Rückseite ist nicht mehr erreichbar, wenn es geschlossen ist</translation>
  </message>
  <message>
   <source>its crease gain cannot be true</source>
   <translation>seine Falzzugabe kann nicht stimmen</translation>
  </message>
  <message>
   <source>its cut edges are {length} long in all; strips to cover them are {wide} wide</source>
   <translation>seine Schnittkanten sind zusammen {length} lang; Streifen dafür sind {wide} breit</translation>
  </message>
  <message>
   <source>its finger holes leave too little board</source>
   <translation>seine Fingerlöcher lassen zu wenig Pappe</translation>
  </message>
  <message>
   <source>its first line does not name the columns id and made</source>
   <translation>die erste Zeile nennt die Spalten id und made nicht</translation>
  </message>
  <message>
   <source>its flaps would lie over what stands beside them</source>
   <translation>ihre Klappen lägen über dem, was daneben steht</translation>
  </message>
  <message>
   <source>its folds do not join all panels to the root</source>
   <translation>seine Falze verbinden nicht alle Felder mit der Wurzel</translation>
  </message>
  <message>
   <source>its folds form a ring</source>
   <translation>seine Falze bilden einen Ring</translation>
  </message>
  <message>
   <source>its foot is too narrow for a tongue</source>
   <translation>ihr Fuß ist zu schmal für einen Zapfen</translation>
  </message>
  <message>
   <source>its foot is too narrow for two feet across it</source>
   <translation>ihr Fuß ist zu schmal für zwei Querfüße</translation>
  </message>
  <message>
   <source>its foot opens to {deep}: glue the sides of the foot's leaves to back and front, not to each other</source>
   <translation>sein Fuß öffnet sich auf {deep}: kleben Sie die Seiten der Fußblätter an Rück- und Vorderseite, nicht aneinander</translation>
  </message>
  <message>
   <source>its force is {force:g}, and {stock} wants {wanted:g}</source>
   <translation>seine Kraft ist {force:g}, und {stock} braucht {wanted:g}</translation>
  </message>
  <message>
   <source>its frame would reach below the floor</source>
   <translation>sein Rahmen reichte unter den Boden</translation>
  </message>
  <message>
   <source>its groups lie in each other without end, or too deep</source>
   <translation>ihre Gruppen liegen endlos oder zu tief ineinander</translation>
  </message>
  <message>
   <source>its hole cannot be reached from inside once it is closed</source>
   <translation>sein Loch ist von innen nicht mehr erreichbar, wenn es geschlossen ist</translation>
  </message>
  <message>
   <source>its holes would leave too little card</source>
   <translation>seine Löcher ließen zu wenig Karton</translation>
  </message>
  <message>
   <source>its larger end would swallow the smaller</source>
   <translation>das größere Ende würde das kleinere verschlucken</translation>
  </message>
  <message>
   <source>its link leads round in a circle</source>
   <translation>sein Verweis führt im Kreis</translation>
  </message>
  <message>
   <source>its lip reaches in only {depth}</source>
   <translation>seine Zunge reicht nur {depth} hinein</translation>
  </message>
  <message>
   <source>its longest folds run across the grain and may crack</source>
   <translation>seine längsten Falze laufen quer zur Laufrichtung und können brechen</translation>
  </message>
  <message>
   <source>its lowest part is no straight side, and it cannot stand</source>
   <translation>ihr unterster Teil ist keine gerade Seite, und sie kann nicht stehen</translation>
  </message>
  <message>
   <source>its outline</source>
   <translation>ihr Umriss</translation>
  </message>
  <message>
   <source>its outline, drawn or traced from a picture</source>
   <translation>ihr Umriss, gezeichnet oder von einem Bild abgenommen</translation>
  </message>
  <message>
   <source>its own foot</source>
   <translation>seinem eigenen Fuß</translation>
  </message>
  <message>
   <source>its parts are: {names}</source>
   <translation>seine Teile sind: {names}</translation>
  </message>
  <message>
   <source>its patch is {width} by {height}</source>
   <translation>sein Fleck ist {width} mal {height}</translation>
  </message>
  <message>
   <source>its paths come to {count} million characters</source>
   <translation>ihre Züge kommen auf {count} Millionen Zeichen</translation>
  </message>
  <message>
   <source>its place is no number</source>
   <translation>ihr Platz ist keine Zahl</translation>
  </message>
  <message>
   <source>its price, layers, passes or kind cannot be true</source>
   <translation>sein Preis, seine Schichten, Gänge oder Art können nicht stimmen</translation>
  </message>
  <message>
   <source>its quotes are not closed, or it is empty</source>
   <translation>seine Anführungszeichen sind nicht geschlossen, oder es ist leer</translation>
  </message>
  <message>
   <source>its sides follow the picture within {reached}, not {asked}: it is too rich in corners</source>
   <translation>ihre Seiten folgen dem Bild auf {reached}, nicht {asked}: es hat zu viele Ecken</translation>
  </message>
  <message>
   <source>its sides follow the picture within {reached}, not {asked}: one dot of it is {dot}</source>
   <translation>ihre Seiten folgen dem Bild auf {reached}, nicht {asked}: ein Punkt von ihm ist {dot}</translation>
  </message>
  <message>
   <source>its tab cannot be moved</source>
   <translation>ihre Lasche lässt sich nicht versetzen</translation>
  </message>
  <message>
   <source>its tab is only {depth} deep</source>
   <translation>seine Lasche ist nur {depth} tief</translation>
  </message>
  <message>
   <source>its tab is only {depth} deep; so it is with {count} more</source>
   <translation>ihre Lasche ist nur {depth} tief; so ist es bei {count} weiteren</translation>
  </message>
  <message>
   <source>its tab is {depth} deep, and the tape {width} wide</source>
   <translation>seine Lasche ist {depth} tief, und das Band {width} breit</translation>
  </message>
  <message>
   <source>its tab is {depth} deep, and the tape {width} wide; so it is with {count} more</source>
   <translation>seine Lasche ist {depth} tief, und das Band {width} breit; so ist es bei {count} weiteren</translation>
  </message>
  <message>
   <source>its teeth would be too small to cut</source>
   <translation>seine Zähne wären zu klein zum Schneiden</translation>
  </message>
  <message>
   <source>its triangles would be too small to cut</source>
   <translation>seine Dreiecke wären zu klein zum Schneiden</translation>
  </message>
  <message>
   <source>its two ends would meet</source>
   <translation>ihre zwei Enden träfen sich</translation>
  </message>
  <message>
   <source>its wall cannot be folded round so sharp a point</source>
   <translation>ihre Wand lässt sich nicht um eine so scharfe Spitze falten</translation>
  </message>
  <message>
   <source>its width, for a stack; 0 folds it about one line</source>
   <translation>seine Breite, für einen Stoß; 0 faltet es um eine Linie</translation>
  </message>
  <message>
   <source>its {word} cannot be true</source>
   <translation>{word} kann nicht stimmen</translation>
  </message>
  <message>
   <source>its {word} of {value:g} mm cannot be cut</source>
   <translation>ihr Maß {word} von {value:g} mm lässt sich nicht schneiden</translation>
  </message>
  <message>
   <source>its {word} of {value:g} mm cannot be made</source>
   <translation>ihr Maß {word} von {value:g} mm lässt sich nicht machen</translation>
  </message>
  <message>
   <source>its {word} of {value:g} mm cannot be printed</source>
   <translation>sein Maß {word} von {value:g} mm lässt sich nicht drucken</translation>
  </message>
  <message>
   <source>jewellery box</source>
   <translation>Schmuckschachtel</translation>
  </message>
  <message>
   <source>jig</source>
   <translation>Lehre</translation>
  </message>
  <message>
   <source>join</source>
   <translation>Verbindung</translation>
  </message>
  <message>
   <source>join </source>
   <translation>ansetzen: </translation>
  </message>
  <message>
   <source>join across the {piece}</source>
   <translation>Fuge quer durch {piece}</translation>
  </message>
  <message>
   <source>join it to another, or take the joint away</source>
   <translation>verbinden Sie es mit einem anderen, oder lösen Sie die Verbindung</translation>
  </message>
  <message>
   <source>join it to something that does not stand on it</source>
   <translation>verbinden Sie es mit etwas, das nicht auf ihm steht</translation>
  </message>
  <message>
   <source>join it to {host}</source>
   <translation>mit {host} verbinden</translation>
  </message>
  <message>
   <source>join or cut by hand</source>
   <translation>von Hand verbinden oder schneiden</translation>
  </message>
  <message>
   <source>join parts with + - * /</source>
   <translation>verbinden Sie Teile mit + - * /</translation>
  </message>
  <message>
   <source>join the {panel} again</source>
   <translation>{panel} wieder anfügen</translation>
  </message>
  <message>
   <source>join {number}</source>
   <translation>Fuge {number}</translation>
  </message>
  <message>
   <source>join {number} across the {piece}</source>
   <translation>Fuge {number} quer durch {piece}</translation>
  </message>
  <message>
   <source>joined</source>
   <translation>verbunden</translation>
  </message>
  <message>
   <source>joined to {host}</source>
   <translation>verbunden mit {host}</translation>
  </message>
  <message>
   <source>jointed figure</source>
   <translation>Gliederfigur</translation>
  </message>
  <message>
   <source>journal</source>
   <translation>Journal</translation>
  </message>
  <message>
   <source>junk journal</source>
   <translation>Sammelbuch</translation>
  </message>
  <message>
   <source>keep a leaf under two fifths of the width</source>
   <translation>halten Sie ein Blatt unter zwei Fünfteln der Breite</translation>
  </message>
  <message>
   <source>keep it under an eighth of the diameter</source>
   <translation>halten Sie es unter einem Achtel des Durchmessers</translation>
  </message>
  <message>
   <source>keep it under four fifths of the height</source>
   <translation>halten Sie sie unter vier Fünfteln der Höhe</translation>
  </message>
  <message>
   <source>keep it under four tenths of the width</source>
   <translation>halten Sie ihn unter vier Zehnteln der Breite</translation>
  </message>
  <message>
   <source>keep it under half the ball's diameter</source>
   <translation>halten Sie sie unter dem halben Durchmesser der Kugel</translation>
  </message>
  <message>
   <source>keep it under half the flap's depth</source>
   <translation>halten Sie sie unter der halben Tiefe der Klappe</translation>
  </message>
  <message>
   <source>keep it under half the width</source>
   <translation>halten Sie ihn unter der halben Breite</translation>
  </message>
  <message>
   <source>keep it under three fifths of the height</source>
   <translation>halten Sie sie unter drei Fünfteln der Höhe</translation>
  </message>
  <message>
   <source>keep it under two fifths of the height</source>
   <translation>halten Sie ihn unter zwei Fünfteln der Höhe</translation>
  </message>
  <message>
   <source>keep them under half the width</source>
   <translation>halten Sie sie unter der halben Breite</translation>
  </message>
  <message>
   <source>keep them under two fifths of the width</source>
   <translation>halten Sie sie unter zwei Fünfteln der Breite</translation>
  </message>
  <message>
   <source>keep to {count} pictures and {mb} MB in all</source>
   <translation>bleiben Sie bei {count} Bildern und {mb} MB im Ganzen</translation>
  </message>
  <message>
   <source>keep to {most}</source>
   <translation>bleiben Sie bei {most}</translation>
  </message>
  <message>
   <source>keep to {most}, and count kits where the sheets are laid out</source>
   <translation>bleiben Sie bei {most}, und zählen Sie Sätze, wo die Bogen ausgelegt werden</translation>
  </message>
  <message>
   <source>keep to {most}: share it out over several files</source>
   <translation>bleiben Sie bei {most}: verteilen Sie es auf mehrere Dateien</translation>
  </message>
  <message>
   <source>keep within {most:g} mm of the panel's middle</source>
   <translation>bleiben Sie innerhalb von {most:g} mm um die Mitte der Fläche</translation>
  </message>
  <message>
   <source>keepsake</source>
   <translation>Andenken</translation>
  </message>
  <message>
   <source>key 'bed_mm'</source>
   <translation>Schlüssel 'bed_mm'</translation>
  </message>
  <message>
   <source>key 'briefs'</source>
   <translation>Schlüssel 'briefs'</translation>
  </message>
  <message>
   <source>key 'mingei'</source>
   <translation>Schlüssel 'mingei'</translation>
  </message>
  <message>
   <source>key 'sheet'</source>
   <translation>Schlüssel 'sheet'</translation>
  </message>
  <message>
   <source>key 'tile_mm'</source>
   <translation>Schlüssel 'tile_mm'</translation>
  </message>
  <message>
   <source>key 'unit'</source>
   <translation>Schlüssel 'unit'</translation>
  </message>
  <message>
   <source>key '{place}.{key}'</source>
   <translation>Schlüssel '{place}.{key}'</translation>
  </message>
  <message>
   <source>key {key!r}</source>
   <translation>Schlüssel {key!r}</translation>
  </message>
  <message>
   <source>key {place!r}</source>
   <translation>Schlüssel {place!r}</translation>
  </message>
  <message>
   <source>kind</source>
   <translation>Art</translation>
  </message>
  <message>
   <source>kind {kind!r}</source>
   <translation>Art {kind!r}</translation>
  </message>
  <message>
   <source>kiosk</source>
   <translation>Kiosk</translation>
  </message>
  <message>
   <source>knee</source>
   <translation>Kniestock</translation>
  </message>
  <message>
   <source>knife</source>
   <translation>Messer</translation>
  </message>
  <message>
   <source>knife with a small blade</source>
   <translation>Messer mit kleiner Klinge</translation>
  </message>
  <message>
   <source>knob</source>
   <translation>Knauf</translation>
  </message>
  <message>
   <source>knobs</source>
   <translation>Knöpfe</translation>
  </message>
  <message>
   <source>label</source>
   <translation>Schild</translation>
  </message>
  <message>
   <source>labels</source>
   <translation>Etiketten</translation>
  </message>
  <message>
   <source>laid on it, each where it is traced</source>
   <translation>daraufgelegt, jede wo sie vorgezeichnet ist</translation>
  </message>
  <message>
   <source>laminate</source>
   <translation>Schichtpappe</translation>
  </message>
  <message>
   <source>lampshade</source>
   <translation>Lampenschirm</translation>
  </message>
  <message>
   <source>lantern</source>
   <translation>Laterne</translation>
  </message>
  <message>
   <source>lap</source>
   <translation>Überlapp</translation>
  </message>
  <message>
   <source>lap </source>
   <translation>Überlapp </translation>
  </message>
  <message>
   <source>lap #</source>
   <translation>Überlapp #</translation>
  </message>
  <message>
   <source>lap #.#</source>
   <translation>Überlapp #.#</translation>
  </message>
  <message>
   <source>lap #.# joint</source>
   <translation>Verbindung Überlapp #.#</translation>
  </message>
  <message>
   <source>larger than {sheet}</source>
   <translation>größer als {sheet}</translation>
  </message>
  <message>
   <source>lay on the {seam}</source>
   <translation>{seam} auflegen</translation>
  </message>
  <message>
   <source>lay out anew</source>
   <translation>neu auslegen</translation>
  </message>
  <message>
   <source>lay the pieces of a project closer on its sheets, by their outlines</source>
   <translation>die Stücke eines Projekts nach ihren Umrissen enger auf die Bogen legen</translation>
  </message>
  <message>
   <source>layer </source>
   <translation>Lage </translation>
  </message>
  <message>
   <source>layer #</source>
   <translation>Lage #</translation>
  </message>
  <message>
   <source>layer # on layer #</source>
   <translation>Lage # auf Lage #</translation>
  </message>
  <message>
   <source>layered</source>
   <translation>in Lagen</translation>
  </message>
  <message>
   <source>layers</source>
   <translation>Lagen</translation>
  </message>
  <message>
   <source>layers of the {piece}</source>
   <translation>Lagen von {piece}</translation>
  </message>
  <message>
   <source>leaf</source>
   <translation>Blatt</translation>
  </message>
  <message>
   <source>leaflet</source>
   <translation>Faltblatt</translation>
  </message>
  <message>
   <source>leaflet holder</source>
   <translation>Faltblattmappe</translation>
  </message>
  <message>
   <source>lean</source>
   <translation>Neigung</translation>
  </message>
  <message>
   <source>leaning box</source>
   <translation>schräg Schachtel</translation>
  </message>
  <message>
   <source>leaning to the front</source>
   <translation>nach vorn geneigt</translation>
  </message>
  <message>
   <source>leave at least {least:g} mm of card between them</source>
   <translation>lassen Sie wenigstens {least:g} mm Karton dazwischen</translation>
  </message>
  <message>
   <source>leave it empty</source>
   <translation>leer lassen</translation>
  </message>
  <message>
   <source>leave it off there, or make it smaller and move it clear</source>
   <translation>lassen Sie es dort weg, oder machen Sie es kleiner und rücken Sie es beiseite</translation>
  </message>
  <message>
   <source>leave it out</source>
   <translation>lass ihn weg</translation>
  </message>
  <message>
   <source>leave it out, or make the base larger</source>
   <translation>lassen Sie ihn weg, oder machen Sie den Boden größer</translation>
  </message>
  <message>
   <source>leave it out, or make the tag larger</source>
   <translation>lassen Sie sie weg, oder machen Sie den Anhänger größer</translation>
  </message>
  <message>
   <source>leave it {minutes:.0f} min</source>
   <translation>{minutes:.0f} min liegen lassen</translation>
  </message>
  <message>
   <source>leave its ends open, or give the inside diameter</source>
   <translation>lassen Sie seine Enden offen, oder geben Sie den Innendurchmesser</translation>
  </message>
  <message>
   <source>leave out the patch, or the part</source>
   <translation>den Flicken oder das Teil weglassen</translation>
  </message>
  <message>
   <source>leave that out</source>
   <translation>lassen Sie das weg</translation>
  </message>
  <message>
   <source>leave the liner out, or take an envelope with side seams</source>
   <translation>lassen Sie das Futter weg, oder nehmen Sie einen Umschlag mit Seitennähten</translation>
  </message>
  <message>
   <source>leave {deep} of it free at its back, or let it turn on a fastener</source>
   <translation>lassen Sie davon hinten {deep} frei, oder lassen Sie es sich auf einer Klammer drehen</translation>
  </message>
  <message>
   <source>leave {deep} of it free behind the {guest}, or let it turn on a fastener</source>
   <translation>lassen Sie davon hinter {guest} {deep} frei, oder lassen Sie es sich auf einer Klammer drehen</translation>
  </message>
  <message>
   <source>left</source>
   <translation>links</translation>
  </message>
  <message>
   <source>left all round each layer</source>
   <translation>bleibt rings um jede Lage</translation>
  </message>
  <message>
   <source>left and right of this mesh are not alike: its pieces are no pairs</source>
   <translation>links und rechts sind bei diesem Netz nicht gleich: seine Teile sind keine Paare</translation>
  </message>
  <message>
   <source>left at the back</source>
   <translation>Wand links an Wand hinten</translation>
  </message>
  <message>
   <source>left at the front</source>
   <translation>Wand links an Wand vorn</translation>
  </message>
  <message>
   <source>left cladding </source>
   <translation>Innenplatte links </translation>
  </message>
  <message>
   <source>left cladding #</source>
   <translation>Innenplatte links #</translation>
  </message>
  <message>
   <source>left cladding # on it</source>
   <translation>Innenplatte links # darauf</translation>
  </message>
  <message>
   <source>left clear of the liner at the flap's tip, for the gum</source>
   <translation>an der Spitze der Klappe vom Futter frei gelassen, für die Gummierung</translation>
  </message>
  <message>
   <source>left door</source>
   <translation>linke Tür</translation>
  </message>
  <message>
   <source>left edge</source>
   <translation>linken Kante</translation>
  </message>
  <message>
   <source>left end</source>
   <translation>Ende links</translation>
  </message>
  <message>
   <source>left end on back flap</source>
   <translation>Klappe Ende auf Rückseite links</translation>
  </message>
  <message>
   <source>left end on front flap</source>
   <translation>Klappe Ende auf Vorderseite links</translation>
  </message>
  <message>
   <source>left flap</source>
   <translation>Klappe links</translation>
  </message>
  <message>
   <source>left flap back</source>
   <translation>Klappe Rückseite links</translation>
  </message>
  <message>
   <source>left flap front</source>
   <translation>Klappe Vorderseite links</translation>
  </message>
  <message>
   <source>left flap on front</source>
   <translation>Klappe auf Vorderseite links</translation>
  </message>
  <message>
   <source>left flaps</source>
   <translation>linke Klappen</translation>
  </message>
  <message>
   <source>left foot tab</source>
   <translation>Lasche Fuß links</translation>
  </message>
  <message>
   <source>left free all round the overlay</source>
   <translation>ringsum um die Auflage frei gelassen</translation>
  </message>
  <message>
   <source>left free at each end of each strip</source>
   <translation>an jedem Ende jedes Streifens frei</translation>
  </message>
  <message>
   <source>left gusset</source>
   <translation>Falte links</translation>
  </message>
  <message>
   <source>left leaf #</source>
   <translation>Blatt # links</translation>
  </message>
  <message>
   <source>left leaf 1</source>
   <translation>linkes Blatt 1</translation>
  </message>
  <message>
   <source>left lip</source>
   <translation>Zunge links</translation>
  </message>
  <message>
   <source>left on wrap left edge</source>
   <translation>Wand links auf Bezugseinschlag links</translation>
  </message>
  <message>
   <source>left open to turn and to fill it</source>
   <translation>offen gelassen zum Wenden und Füllen</translation>
  </message>
  <message>
   <source>left round the papers outside; 0 for no papers</source>
   <translation>rings um die Papiere außen; 0 für keine Papiere</translation>
  </message>
  <message>
   <source>left side</source>
   <translation>Seite links</translation>
  </message>
  <message>
   <source>left side at the back</source>
   <translation>linke Seite am Rücken</translation>
  </message>
  <message>
   <source>left side back</source>
   <translation>Seite Rückseite links</translation>
  </message>
  <message>
   <source>left side back turn</source>
   <translation>Seite Rückseite Umschlag links</translation>
  </message>
  <message>
   <source>left side back turn on left side back</source>
   <translation>Umschlag links hinten auf linker Seite hinten</translation>
  </message>
  <message>
   <source>left side front</source>
   <translation>Seite Vorderseite links</translation>
  </message>
  <message>
   <source>left side front turn</source>
   <translation>Seite Vorderseite Umschlag links</translation>
  </message>
  <message>
   <source>left side front turn on left side front</source>
   <translation>Umschlag links vorn auf linker Seite vorn</translation>
  </message>
  <message>
   <source>left strut</source>
   <translation>linke Strebe</translation>
  </message>
  <message>
   <source>left strut flap</source>
   <translation>linke Strebenlasche</translation>
  </message>
  <message>
   <source>left wall</source>
   <translation>Wand links</translation>
  </message>
  <message>
   <source>left wall at the back roof</source>
   <translation>Wand links an Dach hinten</translation>
  </message>
  <message>
   <source>left wall at the back wall</source>
   <translation>Wand links an Rückwand</translation>
  </message>
  <message>
   <source>left wall at the front roof</source>
   <translation>Wand links an Dach vorn</translation>
  </message>
  <message>
   <source>left wall at the front wall</source>
   <translation>Wand links an Vorderwand</translation>
  </message>
  <message>
   <source>left wall at the roof</source>
   <translation>Wand links an Dach</translation>
  </message>
  <message>
   <source>left wall lining</source>
   <translation>Futter Wand links</translation>
  </message>
  <message>
   <source>left wall on the ground floor</source>
   <translation>Wand links auf der Bodenplatte</translation>
  </message>
  <message>
   <source>left wall rim</source>
   <translation>Wand Rand links</translation>
  </message>
  <message>
   <source>left window #-# frame</source>
   <translation>Fenster links #-# Rahmen</translation>
  </message>
  <message>
   <source>left window #-# glazing</source>
   <translation>Fenster links #-# Verglasung</translation>
  </message>
  <message>
   <source>left window #-# glazing in it</source>
   <translation>Fenster links #-# Verglasung darin</translation>
  </message>
  <message>
   <source>left window #-# on left wall</source>
   <translation>Fenster links #-# auf Wand links</translation>
  </message>
  <message>
   <source>left wing</source>
   <translation>Flügel links</translation>
  </message>
  <message>
   <source>left wing on back</source>
   <translation>Flügel auf Rückseite links</translation>
  </message>
  <message>
   <source>left {name}</source>
   <translation>links {name}</translation>
  </message>
  <message>
   <source>leg</source>
   <translation>Bein</translation>
  </message>
  <message>
   <source>leg </source>
   <translation>Bein </translation>
  </message>
  <message>
   <source>leg #</source>
   <translation>Bein #</translation>
  </message>
  <message>
   <source>leg # layer #</source>
   <translation>Bein # Lage #</translation>
  </message>
  <message>
   <source>leg # layer # on leg #</source>
   <translation>Bein # Lage # auf Bein #</translation>
  </message>
  <message>
   <source>leg 1</source>
   <translation>Bein 1</translation>
  </message>
  <message>
   <source>legs</source>
   <translation>Beine</translation>
  </message>
  <message>
   <source>legs so short do not stand out</source>
   <translation>so kurze Beine stehen nicht heraus</translation>
  </message>
  <message>
   <source>length</source>
   <translation>Länge</translation>
  </message>
  <message>
   <source>length of the arm, from end to end</source>
   <translation>Länge des Arms, von Ende zu Ende</translation>
  </message>
  <message>
   <source>length of the fold; where the outline runs straight, it is as long as that</source>
   <translation>Länge des Falzes; wo der Umriss gerade läuft, ist er so lang wie das</translation>
  </message>
  <message>
   <source>leporello</source>
   <translation>Leporello</translation>
  </message>
  <message>
   <source>less than {least:g} mm of card would be left at the panel's edge</source>
   <translation>an der Kante des Felds blieben weniger als {least:g} mm Karton</translation>
  </message>
  <message>
   <source>let go of {name}</source>
   <translation>{name} loslassen</translation>
  </message>
  <message>
   <source>let in</source>
   <translation>eingelassen</translation>
  </message>
  <message>
   <source>let it go through slots, on tongues</source>
   <translation>lassen Sie es mit Zungen durch Schlitze gehen</translation>
  </message>
  <message>
   <source>let it in by {most} at the most, or take thicker board</source>
   <translation>höchstens {most} einlassen oder dickere Pappe nehmen</translation>
  </message>
  <message>
   <source>let it slide on a fastener</source>
   <translation>lassen Sie es auf einer Klammer gleiten</translation>
  </message>
  <message>
   <source>let it stand on the {panel}, or make it {least} wide</source>
   <translation>lassen Sie es auf {panel} stehen, oder machen Sie es {least} breit</translation>
  </message>
  <message>
   <source>let it stand, or glue it on</source>
   <translation>lassen Sie es stehen, oder kleben Sie es auf</translation>
  </message>
  <message>
   <source>let it turn by {most:g}° at the most, or leave the slide out</source>
   <translation>lass ihn sich um höchstens {most:g}° drehen, oder lass den Schieber weg</translation>
  </message>
  <message>
   <source>let it turn on a fastener</source>
   <translation>lassen Sie es auf einer Klammer drehen</translation>
  </message>
  <message>
   <source>let less of it stay in sight</source>
   <translation>lassen Sie weniger davon sichtbar</translation>
  </message>
  <message>
   <source>let the flaps overlap more</source>
   <translation>lassen Sie die Klappen mehr überlappen</translation>
  </message>
  <message>
   <source>let the front stay, or leave the posts out</source>
   <translation>lass die Front fest, oder lass die Pfosten weg</translation>
  </message>
  <message>
   <source>let the {guest} slide no further than {far}</source>
   <translation>lassen Sie {guest} höchstens {far} gleiten</translation>
  </message>
  <message>
   <source>let the {guest} turn by no more than {angle:g} degrees</source>
   <translation>lassen Sie {guest} sich um höchstens {angle:g} Grad drehen</translation>
  </message>
  <message>
   <source>let them lap less, or take fewer bands</source>
   <translation>lassen Sie sie weniger überlappen, oder nehmen Sie weniger Ringe</translation>
  </message>
  <message>
   <source>let them overlap less</source>
   <translation>lassen Sie sie weniger überlappen</translation>
  </message>
  <message>
   <source>letter</source>
   <translation>Brief</translation>
  </message>
  <message>
   <source>level bars in a window</source>
   <translation>waagrechte Sprossen in einem Fenster</translation>
  </message>
  <message>
   <source>levels</source>
   <translation>Sprossen waagrecht</translation>
  </message>
  <message>
   <source>lever</source>
   <translation>Hebel</translation>
  </message>
  <message>
   <source>library pocket</source>
   <translation>Büchereitasche</translation>
  </message>
  <message>
   <source>lid</source>
   <translation>Deckel</translation>
  </message>
  <message>
   <source>lid </source>
   <translation>Deckel </translation>
  </message>
  <message>
   <source>lid back</source>
   <translation>Deckel Rückseite</translation>
  </message>
  <message>
   <source>lid back left tab</source>
   <translation>Lasche Deckel Rückseite links</translation>
  </message>
  <message>
   <source>lid back on lid wrap back edge</source>
   <translation>Deckelwand hinten auf Deckelbezugseinschlag hinten</translation>
  </message>
  <message>
   <source>lid back right tab</source>
   <translation>Lasche Deckel Rückseite rechts</translation>
  </message>
  <message>
   <source>lid base</source>
   <translation>Deckelplatte</translation>
  </message>
  <message>
   <source>lid base at the lid back</source>
   <translation>Deckelplatte an Deckelwand hinten</translation>
  </message>
  <message>
   <source>lid base at the lid front</source>
   <translation>Deckelplatte an Deckelwand vorn</translation>
  </message>
  <message>
   <source>lid base at the lid left</source>
   <translation>Deckelplatte an Deckelwand links</translation>
  </message>
  <message>
   <source>lid base at the lid right</source>
   <translation>Deckelplatte an Deckelwand rechts</translation>
  </message>
  <message>
   <source>lid board</source>
   <translation>Deckelpappe</translation>
  </message>
  <message>
   <source>lid board on lid lining</source>
   <translation>Deckelpappe auf Deckelfutter</translation>
  </message>
  <message>
   <source>lid corners</source>
   <translation>Ecken des Deckels</translation>
  </message>
  <message>
   <source>lid edges</source>
   <translation>Deckelränder</translation>
  </message>
  <message>
   <source>lid front</source>
   <translation>Deckel Vorderseite</translation>
  </message>
  <message>
   <source>lid front left tab</source>
   <translation>Lasche Deckel Vorderseite links</translation>
  </message>
  <message>
   <source>lid front on lid wrap front edge</source>
   <translation>Deckelwand vorn auf Deckelbezugseinschlag vorn</translation>
  </message>
  <message>
   <source>lid front right tab</source>
   <translation>Lasche Deckel Vorderseite rechts</translation>
  </message>
  <message>
   <source>lid left</source>
   <translation>Deckelwand links</translation>
  </message>
  <message>
   <source>lid left at the lid back</source>
   <translation>Deckelwand links an Deckelwand hinten</translation>
  </message>
  <message>
   <source>lid left at the lid front</source>
   <translation>Deckelwand links an Deckelwand vorn</translation>
  </message>
  <message>
   <source>lid left on lid wrap left edge</source>
   <translation>Deckelwand links auf Deckelbezugseinschlag links</translation>
  </message>
  <message>
   <source>lid left wall</source>
   <translation>Deckel Wand links</translation>
  </message>
  <message>
   <source>lid lining</source>
   <translation>Deckelfutter</translation>
  </message>
  <message>
   <source>lid right</source>
   <translation>Deckelwand rechts</translation>
  </message>
  <message>
   <source>lid right at the lid back</source>
   <translation>Deckelwand rechts an Deckelwand hinten</translation>
  </message>
  <message>
   <source>lid right at the lid front</source>
   <translation>Deckelwand rechts an Deckelwand vorn</translation>
  </message>
  <message>
   <source>lid right on lid wrap right edge</source>
   <translation>Deckelwand rechts auf Deckelbezugseinschlag rechts</translation>
  </message>
  <message>
   <source>lid right wall</source>
   <translation>Deckel Wand rechts</translation>
  </message>
  <message>
   <source>lid top</source>
   <translation>Deckel Oberseite</translation>
  </message>
  <message>
   <source>lid wall #</source>
   <translation>Deckel Wand #</translation>
  </message>
  <message>
   <source>lid wall # tab</source>
   <translation>Deckel Wand # Lasche</translation>
  </message>
  <message>
   <source>lid wall 1</source>
   <translation>Deckelwand 1</translation>
  </message>
  <message>
   <source>lid wrap</source>
   <translation>Deckelbezug</translation>
  </message>
  <message>
   <source>lid wrap back</source>
   <translation>Deckelbezug hinten</translation>
  </message>
  <message>
   <source>lid wrap back edge</source>
   <translation>Deckelbezugseinschlag hinten</translation>
  </message>
  <message>
   <source>lid wrap back on lid wrap left back flap</source>
   <translation>Deckelbezug hinten auf Deckelbezugslasche links hinten</translation>
  </message>
  <message>
   <source>lid wrap back on lid wrap right back flap</source>
   <translation>Deckelbezug hinten auf Deckelbezugslasche rechts hinten</translation>
  </message>
  <message>
   <source>lid wrap back rim</source>
   <translation>Deckelbezugsrand hinten</translation>
  </message>
  <message>
   <source>lid wrap front</source>
   <translation>Deckelbezug vorn</translation>
  </message>
  <message>
   <source>lid wrap front edge</source>
   <translation>Deckelbezugseinschlag vorn</translation>
  </message>
  <message>
   <source>lid wrap front on lid wrap left front flap</source>
   <translation>Deckelbezug vorn auf Deckelbezugslasche links vorn</translation>
  </message>
  <message>
   <source>lid wrap front on lid wrap right front flap</source>
   <translation>Deckelbezug vorn auf Deckelbezugslasche rechts vorn</translation>
  </message>
  <message>
   <source>lid wrap front rim</source>
   <translation>Deckelbezugsrand vorn</translation>
  </message>
  <message>
   <source>lid wrap left</source>
   <translation>Deckelbezug links</translation>
  </message>
  <message>
   <source>lid wrap left back flap</source>
   <translation>Deckelbezugslasche links hinten</translation>
  </message>
  <message>
   <source>lid wrap left back flap on lid back</source>
   <translation>Deckelbezugslasche links hinten auf Deckelwand hinten</translation>
  </message>
  <message>
   <source>lid wrap left edge</source>
   <translation>Deckelbezugseinschlag links</translation>
  </message>
  <message>
   <source>lid wrap left front flap</source>
   <translation>Deckelbezugslasche links vorn</translation>
  </message>
  <message>
   <source>lid wrap left front flap on lid front</source>
   <translation>Deckelbezugslasche links vorn auf Deckelwand vorn</translation>
  </message>
  <message>
   <source>lid wrap left on lid left</source>
   <translation>Deckelbezug links auf Deckelwand links</translation>
  </message>
  <message>
   <source>lid wrap left rim</source>
   <translation>Deckelbezugsrand links</translation>
  </message>
  <message>
   <source>lid wrap on lid base</source>
   <translation>Deckelbezug auf Deckelplatte</translation>
  </message>
  <message>
   <source>lid wrap on lid board</source>
   <translation>Deckelbezug auf Deckelpappe</translation>
  </message>
  <message>
   <source>lid wrap right</source>
   <translation>Deckelbezug rechts</translation>
  </message>
  <message>
   <source>lid wrap right back flap</source>
   <translation>Deckelbezugslasche rechts hinten</translation>
  </message>
  <message>
   <source>lid wrap right back flap on lid back</source>
   <translation>Deckelbezugslasche rechts hinten auf Deckelwand hinten</translation>
  </message>
  <message>
   <source>lid wrap right edge</source>
   <translation>Deckelbezugseinschlag rechts</translation>
  </message>
  <message>
   <source>lid wrap right front flap</source>
   <translation>Deckelbezugslasche rechts vorn</translation>
  </message>
  <message>
   <source>lid wrap right front flap on lid front</source>
   <translation>Deckelbezugslasche rechts vorn auf Deckelwand vorn</translation>
  </message>
  <message>
   <source>lid wrap right on lid right</source>
   <translation>Deckelbezug rechts auf Deckelwand rechts</translation>
  </message>
  <message>
   <source>lid wrap right rim</source>
   <translation>Deckelbezugsrand rechts</translation>
  </message>
  <message>
   <source>life size</source>
   <translation>Lebensgröße</translation>
  </message>
  <message>
   <source>life-size</source>
   <translation>lebensgroß</translation>
  </message>
  <message>
   <source>lifts off</source>
   <translation>abnehmbar</translation>
  </message>
  <message>
   <source>like pieces it is made of, each lapping over the next; 1 for one sector</source>
   <translation>gleiche Stücke, aus denen er besteht, jedes über das nächste gelappt; 1 für einen Ausschnitt</translation>
  </message>
  <message>
   <source>limb</source>
   <translation>Glied</translation>
  </message>
  <message>
   <source>line {lineno}, column {colno}</source>
   <translation>Zeile {lineno}, Stelle {colno}</translation>
  </message>
  <message>
   <source>line {number} of the job asks for M{code}, which is not read</source>
   <translation>Zeile {number} des Auftrags verlangt M{code}, was nicht gelesen wird</translation>
  </message>
  <message>
   <source>line {number} of the job asks for {why}, which is not read</source>
   <translation>Zeile {number} des Auftrags verlangt {why}, was nicht gelesen wird</translation>
  </message>
  <message>
   <source>line {number} of the job is not read: {text!r}</source>
   <translation>Zeile {number} des Auftrags ist nicht zu lesen: {text!r}</translation>
  </message>
  <message>
   <source>lined</source>
   <translation>gefüttert</translation>
  </message>
  <message>
   <source>lined envelope</source>
   <translation>gefütterter Umschlag</translation>
  </message>
  <message>
   <source>liner</source>
   <translation>Futter</translation>
  </message>
  <message>
   <source>liner flap</source>
   <translation>Klappe Futter</translation>
  </message>
  <message>
   <source>lines cut across</source>
   <translation>Linien quer</translation>
  </message>
  <message>
   <source>lining</source>
   <translation>Futter</translation>
  </message>
  <message>
   <source>linings</source>
   <translation>Spiegel</translation>
  </message>
  <message>
   <source>lip</source>
   <translation>Zunge</translation>
  </message>
  <message>
   <source>lip balm</source>
   <translation>Lippenbalsam</translation>
  </message>
  <message>
   <source>lists lie in each other more than {most} deep</source>
   <translation>Listen liegen mehr als {most} tief ineinander</translation>
  </message>
  <message>
   <source>lock</source>
   <translation>Verschluss</translation>
  </message>
  <message>
   <source>locker</source>
   <translation>Spind</translation>
  </message>
  <message>
   <source>long</source>
   <translation>Länge</translation>
  </message>
  <message>
   <source>long strip </source>
   <translation>langer Streifen </translation>
  </message>
  <message>
   <source>long strip #</source>
   <translation>langer Streifen #</translation>
  </message>
  <message>
   <source>long strip # on short strip #</source>
   <translation>langer Streifen # auf kurzem Streifen #</translation>
  </message>
  <message>
   <source>longest piece of wall your sheet takes; a longer wall is made in several</source>
   <translation>längstes Wandstück, das Ihr Bogen fasst; eine längere Wand wird aus mehreren gemacht</translation>
  </message>
  <message>
   <source>look again</source>
   <translation>noch einmal ansehen</translation>
  </message>
  <message>
   <source>look again at the {what} of {nominal:g}</source>
   <translation>sehen Sie noch einmal nach: {what} von {nominal:g}</translation>
  </message>
  <message>
   <source>look at it, and choose it anew to take it as it is</source>
   <translation>sehen Sie es an und wählen Sie es neu, um es so zu nehmen</translation>
  </message>
  <message>
   <source>look at its pictures before you glue, and report it with the project file</source>
   <translation>sehen Sie sich die Bilder an, bevor Sie leimen, und melden Sie es mit der Projektdatei</translation>
  </message>
  <message>
   <source>look for mistakes before cutting</source>
   <translation>vor dem Schneiden nach Fehlern suchen</translation>
  </message>
  <message>
   <source>look whether it is there and may be read</source>
   <translation>sieh nach, ob sie da ist und gelesen werden darf</translation>
  </message>
  <message>
   <source>looks</source>
   <translation>schaut</translation>
  </message>
  <message>
   <source>low poly</source>
   <translation>wenige Flächen</translation>
  </message>
  <message>
   <source>lower</source>
   <translation>unten</translation>
  </message>
  <message>
   <source>lower band #</source>
   <translation>Band # unten</translation>
  </message>
  <message>
   <source>lower band # #</source>
   <translation>Band # # unten</translation>
  </message>
  <message>
   <source>lower band # gore #</source>
   <translation>Band # Zwickel # unten</translation>
  </message>
  <message>
   <source>lower band # gore # lap #</source>
   <translation>Band # Zwickel # Überlapp # unten</translation>
  </message>
  <message>
   <source>lower band # gore # on #</source>
   <translation>Band # Zwickel # auf # unten</translation>
  </message>
  <message>
   <source>lower band # half #</source>
   <translation>Band # Hälfte # unten</translation>
  </message>
  <message>
   <source>lower band # lap #</source>
   <translation>Band # Überlapp # unten</translation>
  </message>
  <message>
   <source>lower cap</source>
   <translation>Kappe unten</translation>
  </message>
  <message>
   <source>lower collar</source>
   <translation>Muffe unten</translation>
  </message>
  <message>
   <source>lower collar #</source>
   <translation>Muffe unten #</translation>
  </message>
  <message>
   <source>lower collar 1</source>
   <translation>Muffe unten 1</translation>
  </message>
  <message>
   <source>lower edge</source>
   <translation>unteren Kante</translation>
  </message>
  <message>
   <source>lower facing</source>
   <translation>unterer Bezug</translation>
  </message>
  <message>
   <source>lower left</source>
   <translation>unten links</translation>
  </message>
  <message>
   <source>lower left corner</source>
   <translation>untere linke Ecke</translation>
  </message>
  <message>
   <source>lower right corner</source>
   <translation>untere rechte Ecke</translation>
  </message>
  <message>
   <source>lower the tolerance, or take a picture on a plain ground</source>
   <translation>die Toleranz senken oder ein Bild auf einfarbigem Grund nehmen</translation>
  </message>
  <message>
   <source>lower tie</source>
   <translation>unterer Riegel</translation>
  </message>
  <message>
   <source>lower tie at the left strut</source>
   <translation>unterer Riegel an der linken Strebe</translation>
  </message>
  <message>
   <source>lower tie at the right strut</source>
   <translation>unterer Riegel an der rechten Strebe</translation>
  </message>
  <message>
   <source>lowest</source>
   <translation>unterstes</translation>
  </message>
  <message>
   <source>luggage label</source>
   <translation>Kofferanhänger</translation>
  </message>
  <message>
   <source>made {made} instead of {asked}, so that it suits the other measures</source>
   <translation>{made} statt {asked} gemacht, damit es zu den anderen Maßen passt</translation>
  </message>
  <message>
   <source>magnet</source>
   <translation>Magnet</translation>
  </message>
  <message>
   <source>mailer</source>
   <translation>Versandtasche</translation>
  </message>
  <message>
   <source>mailing tube</source>
   <translation>Versandrolle</translation>
  </message>
  <message>
   <source>make foot or rim larger</source>
   <translation>machen Sie Fuß oder Rand größer</translation>
  </message>
  <message>
   <source>make it a round hole, or take the part out</source>
   <translation>ein rundes Loch daraus machen oder das Teil herausnehmen</translation>
  </message>
  <message>
   <source>make it as deep as the height at the most</source>
   <translation>machen Sie ihn höchstens so tief wie die Höhe</translation>
  </message>
  <message>
   <source>make it as {title}</source>
   <translation>als {title} machen</translation>
  </message>
  <message>
   <source>make it at least 40 mm wide</source>
   <translation>machen Sie es wenigstens 40 mm breit</translation>
  </message>
  <message>
   <source>make it at least {share:.0%} of the height</source>
   <translation>machen Sie ihn wenigstens {share:.0%} der Höhe</translation>
  </message>
  <message>
   <source>make it deeper, or butt the shelves</source>
   <translation>tiefer machen oder die Böden stumpf setzen</translation>
  </message>
  <message>
   <source>make it deeper, or leave the doors out</source>
   <translation>tiefer machen oder die Türen weglassen</translation>
  </message>
  <message>
   <source>make it deeper, or leave the posts out</source>
   <translation>mach es tiefer, oder lass die Pfosten weg</translation>
  </message>
  <message>
   <source>make it higher</source>
   <translation>machen Sie sie höher</translation>
  </message>
  <message>
   <source>make it higher or narrower, or its top straight</source>
   <translation>machen Sie sie höher oder schmaler, oder oben gerade</translation>
  </message>
  <message>
   <source>make it higher, or leave its ends open</source>
   <translation>machen Sie sie höher, oder lassen Sie ihre Enden offen</translation>
  </message>
  <message>
   <source>make it higher, or less wide across</source>
   <translation>machen Sie sie höher oder schmaler</translation>
  </message>
  <message>
   <source>make it in at most {most} pieces</source>
   <translation>machen Sie es in höchstens {most} Stücken</translation>
  </message>
  <message>
   <source>make it larger</source>
   <translation>mach sie größer</translation>
  </message>
  <message>
   <source>make it larger, let the curve be less close, or leave it open</source>
   <translation>machen Sie es größer, lassen Sie die Rundung gröber, oder lassen Sie es offen</translation>
  </message>
  <message>
   <source>make it larger, or 0 for a point</source>
   <translation>machen Sie sie größer, oder 0 für eine Spitze</translation>
  </message>
  <message>
   <source>make it larger, or 0 for none</source>
   <translation>machen Sie sie größer, oder 0 für keine</translation>
  </message>
  <message>
   <source>make it larger, or draw the outline simpler</source>
   <translation>machen Sie ihn größer, oder zeichnen Sie ihn einfacher</translation>
  </message>
  <message>
   <source>make it larger, or let the bands lap less</source>
   <translation>machen Sie sie größer, oder lassen Sie die Ringe weniger überlappen</translation>
  </message>
  <message>
   <source>make it less than half the side</source>
   <translation>nehmen Sie weniger als die halbe Seite</translation>
  </message>
  <message>
   <source>make it longer or thinner</source>
   <translation>machen Sie sie länger oder dünner</translation>
  </message>
  <message>
   <source>make it longer, or choose another shape</source>
   <translation>machen Sie sie länger, oder wählen Sie eine andere Form</translation>
  </message>
  <message>
   <source>make it lower</source>
   <translation>mach sie niedriger</translation>
  </message>
  <message>
   <source>make it lower, or its sill</source>
   <translation>mach es niedriger, oder seine Brüstung</translation>
  </message>
  <message>
   <source>make it narrower</source>
   <translation>machen Sie ihn schmaler</translation>
  </message>
  <message>
   <source>make it narrower, or leave the liner out</source>
   <translation>machen Sie sie schmaler, oder lassen Sie das Futter weg</translation>
  </message>
  <message>
   <source>make it nearer to the base's size</source>
   <translation>nehmen Sie es näher an der Größe des Bodens</translation>
  </message>
  <message>
   <source>make it shallower</source>
   <translation>machen Sie sie kürzer</translation>
  </message>
  <message>
   <source>make it shallower, or the column higher</source>
   <translation>machen Sie ihn flacher oder die Säule höher</translation>
  </message>
  <message>
   <source>make it shallower, or the roof flatter</source>
   <translation>mach es flacher, oder das Dach</translation>
  </message>
  <message>
   <source>make it shallower, or wider</source>
   <translation>machen Sie sie flacher oder breiter</translation>
  </message>
  <message>
   <source>make it smaller</source>
   <translation>machen Sie es kleiner</translation>
  </message>
  <message>
   <source>make it smaller or larger, or leave it out</source>
   <translation>mach es kleiner oder größer, oder lass es weg</translation>
  </message>
  <message>
   <source>make it smaller, or move it inward</source>
   <translation>machen Sie sie kleiner oder rücken Sie sie nach innen</translation>
  </message>
  <message>
   <source>make it smaller, or the figure larger</source>
   <translation>machen Sie es kleiner oder die Figur größer</translation>
  </message>
  <message>
   <source>make it smaller, or the opening larger</source>
   <translation>machen Sie es kleiner oder die Öffnung größer</translation>
  </message>
  <message>
   <source>make it smaller, or turn in more</source>
   <translation>machen Sie es kleiner oder schlagen Sie mehr ein</translation>
  </message>
  <message>
   <source>make it taller</source>
   <translation>machen Sie sie höher</translation>
  </message>
  <message>
   <source>make it taller, or take more gores</source>
   <translation>machen Sie ihn höher, oder nehmen Sie mehr Zwickel</translation>
  </message>
  <message>
   <source>make it thinner or wider</source>
   <translation>machen Sie sie dünner oder breiter</translation>
  </message>
  <message>
   <source>make it wider than the teeth are deep</source>
   <translation>machen Sie ihn breiter, als die Zähne tief sind</translation>
  </message>
  <message>
   <source>make it wider, or leave the doors out</source>
   <translation>breiter machen oder die Türen weglassen</translation>
  </message>
  <message>
   <source>make it {least:g} mm wide at the least</source>
   <translation>machen Sie sie mindestens {least:g} mm breit</translation>
  </message>
  <message>
   <source>make it {least} long</source>
   <translation>machen Sie ihn {least} lang</translation>
  </message>
  <message>
   <source>make it {least} or higher, or 0</source>
   <translation>machen Sie es {least} oder höher, oder 0</translation>
  </message>
  <message>
   <source>make it {least} or longer</source>
   <translation>{least} oder länger machen</translation>
  </message>
  <message>
   <source>make it {least} or more</source>
   <translation>mindestens {least} machen</translation>
  </message>
  <message>
   <source>make it {least} or more, or 0 for any</source>
   <translation>mach es {least} oder mehr, oder 0 für jedes</translation>
  </message>
  <message>
   <source>make it {least} or more, or 0 for none</source>
   <translation>mach es {least} oder mehr, oder 0 für keinen</translation>
  </message>
  <message>
   <source>make it {least} or more, or straight</source>
   <translation>mach ihn {least} oder mehr, oder gerade</translation>
  </message>
  <message>
   <source>make it {least} or more, or take fewer legs or layers</source>
   <translation>mach sie {least} oder mehr, oder nimm weniger Beine oder Lagen</translation>
  </message>
  <message>
   <source>make it {least} or more, or the door narrower</source>
   <translation>mach es {least} oder mehr, oder die Tür schmaler</translation>
  </message>
  <message>
   <source>make it {least} or more, or the roof flatter</source>
   <translation>mach es {least} oder mehr, oder das Dach flacher</translation>
  </message>
  <message>
   <source>make it {least} or more, or the stair narrower</source>
   <translation>mach es {least} oder mehr, oder die Treppe schmaler</translation>
  </message>
  <message>
   <source>make it {least} or more, or the stair steeper</source>
   <translation>mach es {least} oder mehr, oder die Treppe steiler</translation>
  </message>
  <message>
   <source>make it {least} to {most}</source>
   <translation>nehmen Sie {least} bis {most}</translation>
  </message>
  <message>
   <source>make it {least} wide across the slot, or let it slide on a fastener</source>
   <translation>machen Sie ihn quer zum Schlitz {least} breit, oder lassen Sie es auf einer Klammer gleiten</translation>
  </message>
  <message>
   <source>make it {most} or less</source>
   <translation>mach es {most} oder weniger</translation>
  </message>
  <message>
   <source>make it {sides}</source>
   <translation>nehmen Sie {sides}</translation>
  </message>
  <message>
   <source>make it {wide} by {high} or larger</source>
   <translation>machen Sie sie {wide} mal {high} oder größer</translation>
  </message>
  <message>
   <source>make its foot straight where its picture is brought in, or draw it so</source>
   <translation>den Fuß beim Hereinholen des Bildes gerade machen oder so zeichnen</translation>
  </message>
  <message>
   <source>make its foot {least} wide where its picture is brought in, choose a base, or ask for less tilt</source>
   <translation>den Fuß beim Hereinholen des Bildes {least} breit machen, einen Sockel wählen oder weniger Neigung verlangen</translation>
  </message>
  <message>
   <source>make its width larger</source>
   <translation>machen Sie es breiter</translation>
  </message>
  <message>
   <source>make one of them larger, or choose the tube</source>
   <translation>machen Sie einen davon größer, oder wählen Sie das Rohr</translation>
  </message>
  <message>
   <source>make the board {high} high or more, or the travel shorter</source>
   <translation>mach die Pappe {high} hoch oder höher, oder den Weg kürzer</translation>
  </message>
  <message>
   <source>make the clearance {more} or more</source>
   <translation>machen Sie das Spiel {more} oder mehr</translation>
  </message>
  <message>
   <source>make the clearance {more} or more, or leave it off there</source>
   <translation>machen Sie das Spiel {more} oder mehr, oder lassen Sie es dort weg</translation>
  </message>
  <message>
   <source>make the column narrower</source>
   <translation>machen Sie die Säule schmaler</translation>
  </message>
  <message>
   <source>make the hem narrower, the pad thinner, or the whole larger</source>
   <translation>mach den Saum schmaler, das Polster dünner oder das Ganze größer</translation>
  </message>
  <message>
   <source>make the holes smaller, set them higher or lower, or take fewer facets</source>
   <translation>die Löcher kleiner machen, höher oder tiefer setzen oder weniger Facetten nehmen</translation>
  </message>
  <message>
   <source>make the inside so much larger, where it must be kept</source>
   <translation>machen Sie das Innere um so viel größer, wo es bleiben muss</translation>
  </message>
  <message>
   <source>make the piece longer or the flaps shorter</source>
   <translation>machen Sie das Stück länger oder die Klappen kürzer</translation>
  </message>
  <message>
   <source>make the spine {narrower} or less</source>
   <translation>den Rücken höchstens {narrower} breit machen</translation>
  </message>
  <message>
   <source>make the spine {wider} or more</source>
   <translation>den Rücken mindestens {wider} breit machen</translation>
  </message>
  <message>
   <source>make the strap narrower, take fewer facets, or a band</source>
   <translation>machen Sie das Band schmaler, nehmen Sie weniger Facetten oder einen Reif</translation>
  </message>
  <message>
   <source>make the tag {least} to {most} high, or leave the pocket out</source>
   <translation>mach den Anhänger {least} bis {most} hoch, oder lass die Tasche weg</translation>
  </message>
  <message>
   <source>make the teeth shorter, or the outline larger</source>
   <translation>machen Sie die Zähne kürzer oder den Umriss größer</translation>
  </message>
  <message>
   <source>make them shorter</source>
   <translation>kürzer machen</translation>
  </message>
  <message>
   <source>make them {least} or more</source>
   <translation>mach sie {least} oder mehr</translation>
  </message>
  <message>
   <source>make {count}</source>
   <translation>{count} davon machen</translation>
  </message>
  <message>
   <source>make {wanted}</source>
   <translation>machen Sie {wanted}</translation>
  </message>
  <message>
   <source>making pace</source>
   <translation>Tempo</translation>
  </message>
  <message>
   <source>making {word}</source>
   <translation>Bauen {word}</translation>
  </message>
  <message>
   <source>many-sided</source>
   <translation>vielseitig</translation>
  </message>
  <message>
   <source>margin</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>marquee</source>
   <translation>Leuchtbuchstabe</translation>
  </message>
  <message>
   <source>masquerade</source>
   <translation>Maskerade</translation>
  </message>
  <message>
   <source>mat</source>
   <translation>Auflage</translation>
  </message>
  <message>
   <source>matchbox</source>
   <translation>Zündholzschachtel</translation>
  </message>
  <message>
   <source>mats</source>
   <translation>Auflagen</translation>
  </message>
  <message>
   <source>mats all round</source>
   <translation>Auflagen ringsum</translation>
  </message>
  <message>
   <source>mattress</source>
   <translation>Matratze</translation>
  </message>
  <message>
   <source>measure again, or leave the line empty</source>
   <translation>messen Sie noch einmal oder lassen Sie die Zeile leer</translation>
  </message>
  <message>
   <source>measure at least one channel, and a stack or the same channel inside and outside: three numbers in all</source>
   <translation>messen Sie wenigstens eine Rinne, und einen Stoß oder dieselbe Rinne innen und außen: drei Zahlen im Ganzen</translation>
  </message>
  <message>
   <source>measure it once it is dry: glue adds more or less than is reckoned</source>
   <translation>nach dem Trocknen messen: Leim trägt mehr oder weniger auf als gerechnet</translation>
  </message>
  <message>
   <source>measure ten sheets together and divide by ten</source>
   <translation>messen Sie zehn Bogen zusammen und teilen Sie durch zehn</translation>
  </message>
  <message>
   <source>measure the board once it is dry: glue adds more or less than is reckoned</source>
   <translation>messen Sie das Brett, wenn es trocken ist: Leim gibt mehr oder weniger dazu als gerechnet</translation>
  </message>
  <message>
   <source>measured below</source>
   <translation>unten gemessen</translation>
  </message>
  <message>
   <source>medicine box</source>
   <translation>Arzneischachtel</translation>
  </message>
  <message>
   <source>melted ribbon ends</source>
   <translation>verschmolzene Bandenden</translation>
  </message>
  <message>
   <source>mended: {what}</source>
   <translation>ausgebessert: {what}</translation>
  </message>
  <message>
   <source>merry-go-round</source>
   <translation>Ringelspiel</translation>
  </message>
  <message>
   <source>mesh</source>
   <translation>Netz</translation>
  </message>
  <message>
   <source>metal rule and knife, or scissors</source>
   <translation>Stahllineal und Messer, oder Schere</translation>
  </message>
  <message>
   <source>middle of the left edge</source>
   <translation>Mitte der linken Kante</translation>
  </message>
  <message>
   <source>middle of the lower edge</source>
   <translation>Mitte der unteren Kante</translation>
  </message>
  <message>
   <source>middle of the right edge</source>
   <translation>Mitte der rechten Kante</translation>
  </message>
  <message>
   <source>middle of the upper edge</source>
   <translation>Mitte der oberen Kante</translation>
  </message>
  <message>
   <source>mingei log</source>
   <translation>mingei log</translation>
  </message>
  <message>
   <source>miniature</source>
   <translation>Miniatur</translation>
  </message>
  <message>
   <source>mirrored</source>
   <translation>gespiegelt</translation>
  </message>
  <message>
   <source>mirrored, across</source>
   <translation>quer gespiegelt</translation>
  </message>
  <message>
   <source>mirrored, up</source>
   <translation>in der Höhe gespiegelt</translation>
  </message>
  <message>
   <source>mitre the {seam}</source>
   <translation>{seam} auf Gehrung</translation>
  </message>
  <message>
   <source>mitred: cut slanting</source>
   <translation>auf Gehrung: schräg geschnitten</translation>
  </message>
  <message>
   <source>model</source>
   <translation>Modell</translation>
  </message>
  <message>
   <source>models</source>
   <translation>Modelle</translation>
  </message>
  <message>
   <source>money envelope</source>
   <translation>Geldumschlag</translation>
  </message>
  <message>
   <source>more than {most} parts are no drawing to be cut or printed</source>
   <translation>mehr als {most} Teile sind keine Zeichnung zum Schneiden oder Drucken</translation>
  </message>
  <message>
   <source>motif</source>
   <translation>Motiv</translation>
  </message>
  <message>
   <source>mould</source>
   <translation>Formklotz</translation>
  </message>
  <message>
   <source>mountain</source>
   <translation>Berg</translation>
  </message>
  <message>
   <source>mountain fold, away from you</source>
   <translation>Bergfalz, von Ihnen weg</translation>
  </message>
  <message>
   <source>move it away from the fold, or make the panel beyond the fold a piece of its own</source>
   <translation>rücken Sie sie vom Falz weg, oder machen Sie das Feld jenseits davon zu einem eigenen Stück</translation>
  </message>
  <message>
   <source>move it back, or keep it so where you know better</source>
   <translation>schieb ihn zurück, oder lass es so, wo du es besser weißt</translation>
  </message>
  <message>
   <source>move it by {across} across and {up} up</source>
   <translation>rücken Sie es um {across} quer und {up} hoch</translation>
  </message>
  <message>
   <source>move it in from the edge</source>
   <translation>rücken Sie sie von der Kante herein</translation>
  </message>
  <message>
   <source>move it inwards by that, or make the {panel} larger by twice as much</source>
   <translation>rücken Sie es um so viel nach innen, oder machen Sie {panel} um das Doppelte größer</translation>
  </message>
  <message>
   <source>move it off the lap, or cut both layers through when the glue is dry</source>
   <translation>rücken Sie sie vom Überlapp, oder schneiden Sie beide Schichten durch, wenn der Leim trocken ist</translation>
  </message>
  <message>
   <source>move its step before that of the {others}</source>
   <translation>ziehen Sie seinen Schritt vor den von {others}</translation>
  </message>
  <message>
   <source>move its step up, to where that is still open</source>
   <translation>ziehen Sie seinen Schritt nach vorn, dorthin, wo das noch offen ist</translation>
  </message>
  <message>
   <source>move the join across the {piece}</source>
   <translation>die Fuge quer durch {piece} verschieben</translation>
  </message>
  <message>
   <source>move the line to where it crosses walls</source>
   <translation>rücken Sie die Linie dahin, wo sie Wände kreuzt</translation>
  </message>
  <message>
   <source>move the line, or turn it</source>
   <translation>verschieben Sie die Linie oder drehen Sie sie</translation>
  </message>
  <message>
   <source>move the {seam}</source>
   <translation>{seam} versetzen</translation>
  </message>
  <message>
   <source>move {name}</source>
   <translation>{name} verschieben</translation>
  </message>
  <message>
   <source>moving card</source>
   <translation>bewegliche Karte</translation>
  </message>
  <message>
   <source>multiply a length by a plain number, or divide it by one</source>
   <translation>nehmen Sie eine Länge mit einer bloßen Zahl mal oder teilen Sie sie durch eine</translation>
  </message>
  <message>
   <source>multiply it by a length</source>
   <translation>nehmen Sie es mit einer Länge mal</translation>
  </message>
  <message>
   <source>name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>name a file that is there</source>
   <translation>nenne eine Datei, die es gibt</translation>
  </message>
  <message>
   <source>name a new one</source>
   <translation>nenne eine neue</translation>
  </message>
  <message>
   <source>name an empty folder or a new one</source>
   <translation>nenne einen leeren Ordner oder einen neuen</translation>
  </message>
  <message>
   <source>name another one</source>
   <translation>nennen Sie einen anderen</translation>
  </message>
  <message>
   <source>name another panel</source>
   <translation>nennen Sie eine andere Fläche</translation>
  </message>
  <message>
   <source>name each step once</source>
   <translation>nenne jeden Schritt einmal</translation>
  </message>
  <message>
   <source>name it {name}</source>
   <translation>nennen: {name}</translation>
  </message>
  <message>
   <source>name one of its own lengths</source>
   <translation>nennen Sie eine seiner eigenen Längen</translation>
  </message>
  <message>
   <source>name one of: {names}</source>
   <translation>nennen Sie eines von: {names}</translation>
  </message>
  <message>
   <source>name one that ends in {names}</source>
   <translation>nenne eine, die auf {names} endet</translation>
  </message>
  <message>
   <source>name one with --piece ({names}) or --sheet-no, write all with --to FOLDER/ --kind svg,dxf, or a PDF</source>
   <translation>nennen Sie eines mit --piece ({names}) oder --sheet-no, schreiben Sie alle mit --to ORDNER/ --kind svg,dxf, oder ein PDF</translation>
  </message>
  <message>
   <source>name one with --piece: {names}</source>
   <translation>nennen Sie eines mit --piece: {names}</translation>
  </message>
  <message>
   <source>name plate</source>
   <translation>Namensschild</translation>
  </message>
  <message>
   <source>name the pack so</source>
   <translation>nennen Sie das Paket so</translation>
  </message>
  <message>
   <source>name the project so</source>
   <translation>nennen Sie das Projekt so</translation>
  </message>
  <message>
   <source>name the thing it is joined to</source>
   <translation>nennen Sie das Ding, mit dem es verbunden ist</translation>
  </message>
  <message>
   <source>napkin ring</source>
   <translation>Serviettenring</translation>
  </message>
  <message>
   <source>near side</source>
   <translation>Seite nah</translation>
  </message>
  <message>
   <source>neck</source>
   <translation>Hals</translation>
  </message>
  <message>
   <source>needle</source>
   <translation>Nadel</translation>
  </message>
  <message>
   <source>neighbouring tongues of the crossed boards bend opposite ways</source>
   <translation>benachbarte Zungen der gekreuzten Pappen biegen sich in entgegengesetzte Richtungen</translation>
  </message>
  <message>
   <source>neither bar is to be seen whole: margins are wider than set; write the printer's own margin</source>
   <translation>keiner der Balken ist ganz zu sehen: die Ränder sind breiter als eingestellt; schreiben Sie den eigenen Rand des Druckers</translation>
  </message>
  <message>
   <source>nest closer</source>
   <translation>enger legen</translation>
  </message>
  <message>
   <source>no</source>
   <translation>nein</translation>
  </message>
  <message>
   <source>no construction is known by these words</source>
   <translation>unter diesen Wörtern ist keine Bauform bekannt</translation>
  </message>
  <message>
   <source>no device has that id</source>
   <translation>kein Gerät hat diese Kennung</translation>
  </message>
  <message>
   <source>no facet beside the eyes has room for a strap</source>
   <translation>keine Facette neben den Augen hat Platz für ein Band</translation>
  </message>
  <message>
   <source>no facet is where the holes would be</source>
   <translation>wo die Löcher wären, ist keine Facette</translation>
  </message>
  <message>
   <source>no file is named that it could be</source>
   <translation>es ist keine Datei genannt, die es sein könnte</translation>
  </message>
  <message>
   <source>no finger holes</source>
   <translation>keine Fingerlöcher</translation>
  </message>
  <message>
   <source>no fold leads to it</source>
   <translation>kein Falz führt dahin</translation>
  </message>
  <message>
   <source>no folder can be made there ({reason})</source>
   <translation>dort lässt sich kein Ordner anlegen ({reason})</translation>
  </message>
  <message>
   <source>no font here has {letters}: a question mark is printed instead; install a font that has them, or write it otherwise</source>
   <translation>keine Schrift hier hat {letters}: stattdessen wird ein Fragezeichen gedruckt; richten Sie eine ein, die sie hat, oder schreiben Sie es anders</translation>
  </message>
  <message>
   <source>no free lower side of the {guest} is long enough for a tongue</source>
   <translation>keine freie untere Seite von {guest} ist lang genug für eine Zunge</translation>
  </message>
  <message>
   <source>no hole</source>
   <translation>kein Loch</translation>
  </message>
  <message>
   <source>no machine is named</source>
   <translation>keine Maschine ist genannt</translation>
  </message>
  <message>
   <source>no measure has that name</source>
   <translation>kein Maß heißt so</translation>
  </message>
  <message>
   <source>no measure is called {text!r}</source>
   <translation>kein Maß heißt {text!r}</translation>
  </message>
  <message>
   <source>no open licence has that name</source>
   <translation>keine offene Lizenz heißt so</translation>
  </message>
  <message>
   <source>no outline is drawn yet</source>
   <translation>noch ist kein Umriss gezeichnet</translation>
  </message>
  <message>
   <source>no outline of your own is there yet</source>
   <translation>ein eigener Umriss ist noch nicht da</translation>
  </message>
  <message>
   <source>no pads are {high} high</source>
   <translation>keine Klebepads sind {high} hoch</translation>
  </message>
  <message>
   <source>no panel has room for a mat so far inside its edges</source>
   <translation>kein Feld hat Platz für eine Auflage so weit innerhalb seiner Kanten</translation>
  </message>
  <message>
   <source>no panel is called {panel!r}</source>
   <translation>kein Feld heißt {panel!r}</translation>
  </message>
  <message>
   <source>no panel of the {guest} can be pierced</source>
   <translation>keine Fläche von {guest} kann durchstochen werden</translation>
  </message>
  <message>
   <source>no piece has more area than a square of that side; 0 for any</source>
   <translation>kein Teil hat mehr Fläche als ein Quadrat dieser Seite; 0 für jedes</translation>
  </message>
  <message>
   <source>no piece has that name</source>
   <translation>kein Stück heißt so</translation>
  </message>
  <message>
   <source>no piece is called {piece!r}</source>
   <translation>kein Stück heißt {piece!r}</translation>
  </message>
  <message>
   <source>no piece is higher: the sheet less its margins and footer</source>
   <translation>kein Teil ist höher: der Bogen ohne seine Ränder und die Fußzeile</translation>
  </message>
  <message>
   <source>no piece is wider: the sheet less its margins</source>
   <translation>kein Teil ist breiter: das Blatt ohne seine Ränder</translation>
  </message>
  <message>
   <source>no pin goes in once the top is on</source>
   <translation>kein Stift geht mehr hinein, wenn der Deckel sitzt</translation>
  </message>
  <message>
   <source>no price known</source>
   <translation>kein Preis bekannt</translation>
  </message>
  <message>
   <source>no recipe has that name</source>
   <translation>keine Bauform heißt so</translation>
  </message>
  <message>
   <source>no seam has that name</source>
   <translation>keine Naht heißt so</translation>
  </message>
  <message>
   <source>no sheet up to A0 holds it: make it smaller</source>
   <translation>kein Bogen bis A0 fasst es: machen Sie es kleiner</translation>
  </message>
  <message>
   <source>no size of it fits {sheet}</source>
   <translation>keine Größe davon passt auf {sheet}</translation>
  </message>
  <message>
   <source>no step says when it is glued</source>
   <translation>kein Schritt sagt, wann es geleimt wird</translation>
  </message>
  <message>
   <source>no step uses it</source>
   <translation>kein Schritt braucht es</translation>
  </message>
  <message>
   <source>no stock has that name</source>
   <translation>kein Material heißt so</translation>
  </message>
  <message>
   <source>no strip is longer</source>
   <translation>kein Streifen ist länger</translation>
  </message>
  <message>
   <source>no such grade of paper</source>
   <translation>keine solche Papiersorte</translation>
  </message>
  <message>
   <source>no such kind of stock</source>
   <translation>keine solche Materialart</translation>
  </message>
  <message>
   <source>no such panel</source>
   <translation>kein solches Feld</translation>
  </message>
  <message>
   <source>no tape is {width!r} mm wide</source>
   <translation>kein Band ist {width!r} mm breit</translation>
  </message>
  <message>
   <source>no tape is {width:g} mm wide</source>
   <translation>kein Band ist {width:g} mm breit</translation>
  </message>
  <message>
   <source>no thing is called {name!r}</source>
   <translation>kein Ding heißt {name!r}</translation>
  </message>
  <message>
   <source>no {a} and {b} give a blank of {across} by {up}</source>
   <translation>kein {a} und {b} geben einen Zuschnitt von {across} mal {up}</translation>
  </message>
  <message>
   <source>no {name} gives {mm} outside</source>
   <translation>kein {name} gibt außen {mm}</translation>
  </message>
  <message>
   <source>nobody is so quick</source>
   <translation>so schnell ist niemand</translation>
  </message>
  <message>
   <source>nobody looks from there</source>
   <translation>von dort schaut niemand</translation>
  </message>
  <message>
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <source>none here</source>
   <translation>hier keine</translation>
  </message>
  <message>
   <source>none, a pocket</source>
   <translation>keine, eine Tasche</translation>
  </message>
  <message>
   <source>none, it is not glued</source>
   <translation>keines, sie wird nicht geklebt</translation>
  </message>
  <message>
   <source>not at all</source>
   <translation>gar nicht</translation>
  </message>
  <message>
   <source>not known</source>
   <translation>nicht bekannt</translation>
  </message>
  <message>
   <source>not saved yet</source>
   <translation>noch nicht gespeichert</translation>
  </message>
  <message>
   <source>not to be seen</source>
   <translation>nicht zu sehen</translation>
  </message>
  <message>
   <source>notch</source>
   <translation>Kerbe</translation>
  </message>
  <message>
   <source>note: {what}</source>
   <translation>Hinweis: {what}</translation>
  </message>
  <message>
   <source>notes</source>
   <translation>Notizen</translation>
  </message>
  <message>
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <source>nothing holds it to the rest</source>
   <translation>nichts hält es am Rest</translation>
  </message>
  <message>
   <source>nothing in the picture differs from its ground</source>
   <translation>nichts im Bild unterscheidet sich von seinem Grund</translation>
  </message>
  <message>
   <source>nothing in the picture is ground</source>
   <translation>nichts im Bild ist Grund</translation>
  </message>
  <message>
   <source>nothing in the project has that name</source>
   <translation>nichts im Projekt heißt so</translation>
  </message>
  <message>
   <source>nothing in the project has the name {name!r}</source>
   <translation>nichts im Projekt heißt {name!r}</translation>
  </message>
  <message>
   <source>nothing is joined to anything</source>
   <translation>nichts ist mit etwas verbunden</translation>
  </message>
  <message>
   <source>nothing is left of the figure</source>
   <translation>von der Figur bleibt nichts</translation>
  </message>
  <message>
   <source>nothing is said to hold it</source>
   <translation>es ist nicht gesagt, was es hält</translation>
  </message>
  <message>
   <source>nothing lies beneath it that could be glued</source>
   <translation>nichts liegt darunter, was sich kleben ließe</translation>
  </message>
  <message>
   <source>nothing of it is left that could be folded</source>
   <translation>es bleibt nichts, was sich falten ließe</translation>
  </message>
  <message>
   <source>nothing reaches behind the {panel} any more when the {guest} is joined</source>
   <translation>hinter {panel} kommt nichts mehr, wenn {guest} angesetzt wird</translation>
  </message>
  <message>
   <source>nothing reaches behind the {tab} any more when it is glued</source>
   <translation>nichts reicht mehr hinter {tab}, wenn sie geklebt wird</translation>
  </message>
  <message>
   <source>nothing so thick goes into it</source>
   <translation>so Dickes geht nicht hinein</translation>
  </message>
  <message>
   <source>nothing {thick} thick goes into it</source>
   <translation>nichts {thick} Dickes geht hinein</translation>
  </message>
  <message>
   <source>nothing, or ribbon, wire, bead</source>
   <translation>nichts, oder Band, Draht, Perle</translation>
  </message>
  <message>
   <source>nothing: it stands alone</source>
   <translation>nichts: es steht allein</translation>
  </message>
  <message>
   <source>now inside</source>
   <translation>jetzt innen</translation>
  </message>
  <message>
   <source>number</source>
   <translation>Ziffer</translation>
  </message>
  <message>
   <source>numbers</source>
   <translation>Nummern</translation>
  </message>
  <message>
   <source>observatory</source>
   <translation>Sternwarte</translation>
  </message>
  <message>
   <source>octagon box</source>
   <translation>Achteckschachtel</translation>
  </message>
  <message>
   <source>octahedron</source>
   <translation>Oktaeder</translation>
  </message>
  <message>
   <source>of</source>
   <translation>von</translation>
  </message>
  <message>
   <source>of a board</source>
   <translation>eines Deckels</translation>
  </message>
  <message>
   <source>of a concertina</source>
   <translation>eines Leporellos</translation>
  </message>
  <message>
   <source>of a many-sided figure</source>
   <translation>einer vielseitigen Figur</translation>
  </message>
  <message>
   <source>of a rectangle</source>
   <translation>eines Rechtecks</translation>
  </message>
  <message>
   <source>of a rectangular seat</source>
   <translation>eines rechteckigen Sitzes</translation>
  </message>
  <message>
   <source>of a roof that slopes</source>
   <translation>eines geneigten Dachs</translation>
  </message>
  <message>
   <source>of a room, clear</source>
   <translation>eines Raums, licht</translation>
  </message>
  <message>
   <source>of a window</source>
   <translation>eines Fensters</translation>
  </message>
  <message>
   <source>of a wrap, turned in below</source>
   <translation>eines Bezugs, unten eingeschlagen</translation>
  </message>
  <message>
   <source>of cloth beyond the seam</source>
   <translation>von Stoff jenseits der Naht</translation>
  </message>
  <message>
   <source>of each end of the ribbon, from the tag</source>
   <translation>jedes Endes des Bands, vom Anhänger aus</translation>
  </message>
  <message>
   <source>of each gusset; one is folded like a W</source>
   <translation>jeder Falte; eine ist wie ein W gefaltet</translation>
  </message>
  <message>
   <source>of each piece so much of its edge, in percent, may have no room for a tab; 100 for as few pieces as may be, 0 for a tab on every edge</source>
   <translation>so viel Prozent vom Rand jedes Teils darf ohne Platz für eine Lasche sein; 100 für möglichst wenige Teile, 0 für eine Lasche an jeder Kante</translation>
  </message>
  <message>
   <source>of each strap between its holes</source>
   <translation>jedes Griffs zwischen seinen Löchern</translation>
  </message>
  <message>
   <source>of front and back</source>
   <translation>von Vorder- und Rückseite</translation>
  </message>
  <message>
   <source>of front and back; one of your own is read from an SVG drawing</source>
   <translation>von Vorder- und Rückseite; ein eigener wird aus einer SVG-Zeichnung gelesen</translation>
  </message>
  <message>
   <source>of its end</source>
   <translation>ihres Endes</translation>
  </message>
  <message>
   <source>of the back</source>
   <translation>der Lehne</translation>
  </message>
  <message>
   <source>of the ball</source>
   <translation>der Kugel</translation>
  </message>
  <message>
   <source>of the ball it goes over, or of the thing it covers</source>
   <translation>der Kugel, über die sie geht, oder des Dings, das sie bedeckt</translation>
  </message>
  <message>
   <source>of the base inside, from flat to flat</source>
   <translation>des Bodens innen, von Fläche zu Fläche</translation>
  </message>
  <message>
   <source>of the board</source>
   <translation>der Pappe</translation>
  </message>
  <message>
   <source>of the card</source>
   <translation>der Karte</translation>
  </message>
  <message>
   <source>of the card when folded</source>
   <translation>der gefalteten Karte</translation>
  </message>
  <message>
   <source>of the cover, turned in below</source>
   <translation>des Bezugs, unten eingeschlagen</translation>
  </message>
  <message>
   <source>of the figure</source>
   <translation>der Figur</translation>
  </message>
  <message>
   <source>of the finished bag</source>
   <translation>der fertigen Tüte</translation>
  </message>
  <message>
   <source>of the flag, from the stick</source>
   <translation>der Fahne, vom Stab aus</translation>
  </message>
  <message>
   <source>of the flap that closes it</source>
   <translation>der Klappe, die ihn schließt</translation>
  </message>
  <message>
   <source>of the flat ring, from the hole to its edge</source>
   <translation>des flachen Rings, vom Loch bis zu seinem Rand</translation>
  </message>
  <message>
   <source>of the frames, on the wall</source>
   <translation>der Rahmen, auf der Wand</translation>
  </message>
  <message>
   <source>of the front</source>
   <translation>der Vorderseite</translation>
  </message>
  <message>
   <source>of the front: above the steps, or in all</source>
   <translation>der Vorderseite: über den Stufen, oder im Ganzen</translation>
  </message>
  <message>
   <source>of the model</source>
   <translation>des Modells</translation>
  </message>
  <message>
   <source>of the outline; of many sides, from flat to flat</source>
   <translation>des Umrisses; bei vielen Seiten von Fläche zu Fläche</translation>
  </message>
  <message>
   <source>of the product</source>
   <translation>der Ware</translation>
  </message>
  <message>
   <source>of the product, across the front</source>
   <translation>der Ware, quer über die Vorderseite</translation>
  </message>
  <message>
   <source>of the product, along the fin</source>
   <translation>der Ware, längs des Stegs</translation>
  </message>
  <message>
   <source>of the rim inside, from flat to flat</source>
   <translation>des Rands innen, von Fläche zu Fläche</translation>
  </message>
  <message>
   <source>of the room in it</source>
   <translation>des Raums darin</translation>
  </message>
  <message>
   <source>of the room in it, from the doors to the back</source>
   <translation>des Raums darin, von den Türen bis zum Rücken</translation>
  </message>
  <message>
   <source>of the rooms, clear, from the front to the back</source>
   <translation>der Räume, licht, von vorn nach hinten</translation>
  </message>
  <message>
   <source>of the strips</source>
   <translation>der Streifen</translation>
  </message>
  <message>
   <source>of the tag</source>
   <translation>des Anhängers</translation>
  </message>
  <message>
   <source>of the tag in the pocket</source>
   <translation>des Anhängers in der Tasche</translation>
  </message>
  <message>
   <source>of the tag, up to the edge with the hole</source>
   <translation>des Anhängers, bis zu der Kante mit dem Loch</translation>
  </message>
  <message>
   <source>of the wall, inside</source>
   <translation>der Wand, innen</translation>
  </message>
  <message>
   <source>of the whole outline, before its fold is cut</source>
   <translation>des ganzen Umrisses, bevor sein Falz geschnitten wird</translation>
  </message>
  <message>
   <source>of the wrap, led round the corners</source>
   <translation>des Bezugs, um die Ecken geführt</translation>
  </message>
  <message>
   <source>of the wrap, turned in over each edge</source>
   <translation>des Bezugs, über jede Kante eingeschlagen</translation>
  </message>
  <message>
   <source>of the wrap, turned in over the rim</source>
   <translation>des Bezugs, über den Rand eingeschlagen</translation>
  </message>
  <message>
   <source>of what drops in</source>
   <translation>dessen, was hineinkommt</translation>
  </message>
  <message>
   <source>of what goes in</source>
   <translation>dessen, was hineinkommt</translation>
  </message>
  <message>
   <source>of what goes in, along its foot: the longer side for a wide pocket</source>
   <translation>dessen, was hineinkommt, längs des Fußes: für eine breite Tasche die längere Seite</translation>
  </message>
  <message>
   <source>of what goes in, the longer side</source>
   <translation>dessen, was hineinkommt, die längere Seite</translation>
  </message>
  <message>
   <source>of what goes in, the longer side as a rule</source>
   <translation>dessen, was hineinkommt, in der Regel die längere Seite</translation>
  </message>
  <message>
   <source>of what goes in: the folds leave room for it; thicker things want a box</source>
   <translation>dessen, was hineinkommt: die Falze lassen Raum dafür; Dickeres will eine Schachtel</translation>
  </message>
  <message>
   <source>of what it goes on, or of what it goes into</source>
   <translation>dessen, worauf es kommt, oder worein es kommt</translation>
  </message>
  <message>
   <source>of what it goes round</source>
   <translation>dessen, worum es geht</translation>
  </message>
  <message>
   <source>of what it goes round; thin things are wrapped without sides</source>
   <translation>dessen, worum es geht; Dünnes wird ohne Seiten umwickelt</translation>
  </message>
  <message>
   <source>of what lies in it when it is closed</source>
   <translation>dessen, was darin liegt, wenn er geschlossen ist</translation>
  </message>
  <message>
   <source>of your own</source>
   <translation>Ihr eigener</translation>
  </message>
  <message>
   <source>of {count}, {stock}</source>
   <translation>von {count}, {stock}</translation>
  </message>
  <message>
   <source>on a strip outside</source>
   <translation>an einem Streifen außen</translation>
  </message>
  <message>
   <source>on a strip through a slit</source>
   <translation>an einem Streifen durch einen Schlitz</translation>
  </message>
  <message>
   <source>on a thing</source>
   <translation>auf ein Ding</translation>
  </message>
  <message>
   <source>on an end</source>
   <translation>an einem Ende</translation>
  </message>
  <message>
   <source>on both faces</source>
   <translation>auf beiden Seiten</translation>
  </message>
  <message>
   <source>on its way it catches on the {b}, in step {step}</source>
   <translation>unterwegs bleibt es an {b} hängen, in Schritt {step}</translation>
  </message>
  <message>
   <source>on its way the {a} of the {one} runs into the {b} of the {other}</source>
   <translation>auf seinem Weg stößt {a} von {one} an {b} von {other}</translation>
  </message>
  <message>
   <source>on one face</source>
   <translation>auf einer Seite</translation>
  </message>
  <message>
   <source>on so full a net there is room for it only here</source>
   <translation>auf einem so vollen Netz ist nur hier Platz dafür</translation>
  </message>
  <message>
   <source>on the bottom and under the turned top</source>
   <translation>auf dem Boden und unter dem Umschlag oben</translation>
  </message>
  <message>
   <source>on the flat it lies over {b}</source>
   <translation>im Flachen liegt es über {b}</translation>
  </message>
  <message>
   <source>on the lining of the back board</source>
   <translation>auf dem Spiegel des Rückdeckels</translation>
  </message>
  <message>
   <source>on the middle, across</source>
   <translation>quer auf der Mitte</translation>
  </message>
  <message>
   <source>on the middle, up</source>
   <translation>in der Höhe auf der Mitte</translation>
  </message>
  <message>
   <source>on the waste, to turn the blade</source>
   <translation>auf dem Abfall, um die Klinge zu drehen</translation>
  </message>
  <message>
   <source>on the {piece}, {where}</source>
   <translation>auf {piece}, {where}</translation>
  </message>
  <message>
   <source>on top</source>
   <translation>aufgelegt</translation>
  </message>
  <message>
   <source>once</source>
   <translation>einmal</translation>
  </message>
  <message>
   <source>one door</source>
   <translation>eine Tür</translation>
  </message>
  <message>
   <source>one dot of the picture is {dot} wide: finer than is seen at arm's length</source>
   <translation>ein Punkt des Bildes ist {dot} breit: feiner, als man auf Armlänge sieht</translation>
  </message>
  <message>
   <source>one dot of the picture is {dot} wide: from arm's length it is seen</source>
   <translation>ein Punkt des Bildes ist {dot} breit: auf Armlänge sieht man ihn</translation>
  </message>
  <message>
   <source>one finger hole</source>
   <translation>ein Fingerloch</translation>
  </message>
  <message>
   <source>one flap would begin past the end of the other</source>
   <translation>eine Klappe begänne hinter dem Ende der anderen</translation>
  </message>
  <message>
   <source>one of its paths is broken ({error})</source>
   <translation>einer ihrer Züge ist kaputt ({error})</translation>
  </message>
  <message>
   <source>one side turns a whole circle</source>
   <translation>eine Seite macht einen ganzen Kreis</translation>
  </message>
  <message>
   <source>one {sheet}</source>
   <translation>ein {sheet}</translation>
  </message>
  <message>
   <source>one {sheet} gives {count} of its blank, in rows</source>
   <translation>ein {sheet} gibt {count} seines Zuschnitts, in Reihen</translation>
  </message>
  <message>
   <source>one {sheet} gives {count} of its blank, in rows; the smallest sheet that gives one is {smallest}</source>
   <translation>ein {sheet} gibt {count} seines Zuschnitts, in Reihen; der kleinste Bogen, der einen gibt, ist {smallest}</translation>
  </message>
  <message>
   <source>only on a base several stand side by side</source>
   <translation>nur auf einem Sockel stehen mehrere nebeneinander</translation>
  </message>
  <message>
   <source>only walls are joined so</source>
   <translation>nur Wände werden so verbunden</translation>
  </message>
  <message>
   <source>open</source>
   <translation>offen</translation>
  </message>
  <message>
   <source>open a file that Mingei saved</source>
   <translation>öffnen Sie eine Datei, die Mingei gespeichert hat</translation>
  </message>
  <message>
   <source>open a pack that Mingei saved</source>
   <translation>öffnen Sie ein Paket, das Mingei gespeichert hat</translation>
  </message>
  <message>
   <source>open above, for a card, a leaflet or a tag; by itself or in a book</source>
   <translation>oben offen, für eine Karte, ein Faltblatt oder einen Anhänger; für sich oder in einem Buch</translation>
  </message>
  <message>
   <source>open box</source>
   <translation>offene Schachtel</translation>
  </message>
  <message>
   <source>open front</source>
   <translation>offene Front</translation>
  </message>
  <message>
   <source>open it with that one</source>
   <translation>öffnen Sie sie mit jenem</translation>
  </message>
  <message>
   <source>open it with the Mingei that saved it; known are {names}</source>
   <translation>öffnen Sie es mit dem Mingei, das es gespeichert hat; bekannt sind {names}</translation>
  </message>
  <message>
   <source>open the copy kept beside it, whose name ends in ~</source>
   <translation>öffnen Sie die Kopie daneben, deren Name auf ~ endet</translation>
  </message>
  <message>
   <source>open the window (the default)</source>
   <translation>das Fenster öffnen (üblich)</translation>
  </message>
  <message>
   <source>opening</source>
   <translation>Öffnung</translation>
  </message>
  <message>
   <source>opening {name}</source>
   <translation>Öffnung {name}</translation>
  </message>
  <message>
   <source>opening {name} in the {panel}</source>
   <translation>Öffnung {name} in {panel}</translation>
  </message>
  <message>
   <source>opening {number} does not lie clear within the outline</source>
   <translation>Öffnung {number} liegt nicht frei innerhalb des Umrisses</translation>
  </message>
  <message>
   <source>openings go into walls only, not into tabs or teeth</source>
   <translation>Öffnungen kommen nur in Wände, nicht in Laschen oder Zähne</translation>
  </message>
  <message>
   <source>operation {key}</source>
   <translation>Arbeit {key}</translation>
  </message>
  <message>
   <source>or back each inside with a strip {wide} wide, half on either side</source>
   <translation>oder jede innen mit einem {wide} breiten Streifen hinterlegen, halb auf jeder Seite</translation>
  </message>
  <message>
   <source>order of the steps</source>
   <translation>Reihenfolge der Schritte</translation>
  </message>
  <message>
   <source>organiser</source>
   <translation>Ordnungskasten</translation>
  </message>
  <message>
   <source>organizer</source>
   <translation>Ordnungskasten</translation>
  </message>
  <message>
   <source>ornament</source>
   <translation>Schmuck</translation>
  </message>
  <message>
   <source>other boards stand on the {panel}</source>
   <translation>andere Bretter stehen auf {panel}</translation>
  </message>
  <message>
   <source>other panels are glued face to face there</source>
   <translation>andere Felder sind dort Fläche auf Fläche geklebt</translation>
  </message>
  <message>
   <source>out</source>
   <translation>außen</translation>
  </message>
  <message>
   <source>outer half</source>
   <translation>äußere Hälfte</translation>
  </message>
  <message>
   <source>outline</source>
   <translation>Umriss</translation>
  </message>
  <message>
   <source>outline, corner {number}</source>
   <translation>Umriss, Ecke {number}</translation>
  </message>
  <message>
   <source>outside {size}</source>
   <translation>außen {size}</translation>
  </message>
  <message>
   <source>over</source>
   <translation>darüber</translation>
  </message>
  <message>
   <source>overlap</source>
   <translation>Überlappung</translation>
  </message>
  <message>
   <source>overlay</source>
   <translation>Auflage</translation>
  </message>
  <message>
   <source>overlay on </source>
   <translation>Auflage auf </translation>
  </message>
  <message>
   <source>overlay on back</source>
   <translation>Auflage auf Rückseite</translation>
  </message>
  <message>
   <source>overlay on front</source>
   <translation>Auflage auf Vorderseite</translation>
  </message>
  <message>
   <source>overlay {name}</source>
   <translation>Auflage {name}</translation>
  </message>
  <message>
   <source>own</source>
   <translation>eigener</translation>
  </message>
  <message>
   <source>own outline</source>
   <translation>eigener Umriss</translation>
  </message>
  <message>
   <source>own step {number}</source>
   <translation>eigener Schritt {number}</translation>
  </message>
  <message>
   <source>pace and prices</source>
   <translation>Tempo und Preise</translation>
  </message>
  <message>
   <source>pack it again from its project</source>
   <translation>packen Sie es neu aus seinem Projekt</translation>
  </message>
  <message>
   <source>packet</source>
   <translation>Päckchen</translation>
  </message>
  <message>
   <source>pad</source>
   <translation>Polster</translation>
  </message>
  <message>
   <source>pad on back cover</source>
   <translation>Polster auf Bezug hinten</translation>
  </message>
  <message>
   <source>page {number}</source>
   <translation>Seite {number}</translation>
  </message>
  <message>
   <source>page {number} of {count}</source>
   <translation>Seite {number} von {count}</translation>
  </message>
  <message>
   <source>page {n} of {count}: {piece}</source>
   <translation>Seite {n} von {count}: {piece}</translation>
  </message>
  <message>
   <source>pages {n} to {last} of {count}: {piece}</source>
   <translation>Seiten {n} bis {last} von {count}: {piece}</translation>
  </message>
  <message>
   <source>pairs</source>
   <translation>Paare</translation>
  </message>
  <message>
   <source>pane</source>
   <translation>Fensterbreite</translation>
  </message>
  <message>
   <source>panel</source>
   <translation>Fläche</translation>
  </message>
  <message>
   <source>panel </source>
   <translation>Feld </translation>
  </message>
  <message>
   <source>panel #</source>
   <translation>Feld #</translation>
  </message>
  <message>
   <source>panel {a}</source>
   <translation>Feld {a}</translation>
  </message>
  <message>
   <source>panel {face}</source>
   <translation>Feld {face}</translation>
  </message>
  <message>
   <source>panel {name}</source>
   <translation>Feld {name}</translation>
  </message>
  <message>
   <source>panel {panel}</source>
   <translation>Feld {panel}</translation>
  </message>
  <message>
   <source>panel {panel}, side {side}</source>
   <translation>Fläche {panel}, Seite {side}</translation>
  </message>
  <message>
   <source>panel {self}</source>
   <translation>Feld {self}</translation>
  </message>
  <message>
   <source>panels</source>
   <translation>Felder</translation>
  </message>
  <message>
   <source>paper bag</source>
   <translation>Papiertüte</translation>
  </message>
  <message>
   <source>paper over it</source>
   <translation>Papier darüber</translation>
  </message>
  <message>
   <source>paper round a product, with a fin at the back and closed ends</source>
   <translation>Papier um eine Ware, mit einem Steg hinten und geschlossenen Enden</translation>
  </message>
  <message>
   <source>papercraft</source>
   <translation>Papiermodell</translation>
  </message>
  <message>
   <source>papers</source>
   <translation>Papiere</translation>
  </message>
  <message>
   <source>parapet</source>
   <translation>Brüstung</translation>
  </message>
  <message>
   <source>part </source>
   <translation>Teil </translation>
  </message>
  <message>
   <source>part #</source>
   <translation>Teil #</translation>
  </message>
  <message>
   <source>part them elsewhere first</source>
   <translation>zuerst anderswo trennen</translation>
  </message>
  <message>
   <source>partition </source>
   <translation>Zwischenwand </translation>
  </message>
  <message>
   <source>partitions</source>
   <translation>Trennwände</translation>
  </message>
  <message>
   <source>parts box</source>
   <translation>Teilekasten</translation>
  </message>
  <message>
   <source>party bag</source>
   <translation>Partytüte</translation>
  </message>
  <message>
   <source>party favour</source>
   <translation>Partygabe</translation>
  </message>
  <message>
   <source>party hat</source>
   <translation>Partyhut</translation>
  </message>
  <message>
   <source>pass tongues through for the {seam}</source>
   <translation>{seam} durchzapfen</translation>
  </message>
  <message>
   <source>passport</source>
   <translation>Pass</translation>
  </message>
  <message>
   <source>pavilion</source>
   <translation>Pavillon</translation>
  </message>
  <message>
   <source>pegs or weights, to hold what is glued</source>
   <translation>Klammern oder Gewichte, um Geklebtes zu halten</translation>
  </message>
  <message>
   <source>pen</source>
   <translation>Stift</translation>
  </message>
  <message>
   <source>pencil box</source>
   <translation>Stifteschachtel</translation>
  </message>
  <message>
   <source>pencil case</source>
   <translation>Federschachtel</translation>
  </message>
  <message>
   <source>pennant</source>
   <translation>Wimpel</translation>
  </message>
  <message>
   <source>perforate</source>
   <translation>perforieren</translation>
  </message>
  <message>
   <source>perforation</source>
   <translation>Perforation</translation>
  </message>
  <message>
   <source>perfume box</source>
   <translation>Parfümschachtel</translation>
  </message>
  <message>
   <source>petals</source>
   <translation>Blätter</translation>
  </message>
  <message>
   <source>photo</source>
   <translation>Foto</translation>
  </message>
  <message>
   <source>photo # × # cm</source>
   <translation>Foto # × # cm</translation>
  </message>
  <message>
   <source>photo # × # in</source>
   <translation>Foto # × # in</translation>
  </message>
  <message>
   <source>photo 15 × 10 cm</source>
   <translation>Foto 15 × 10 cm</translation>
  </message>
  <message>
   <source>photo 18 × 13 cm</source>
   <translation>Foto 18 × 13 cm</translation>
  </message>
  <message>
   <source>photo 6 × 4 in</source>
   <translation>Foto 6 × 4 in</translation>
  </message>
  <message>
   <source>photo 7 × 5 in</source>
   <translation>Foto 7 × 5 in</translation>
  </message>
  <message>
   <source>picture</source>
   <translation>Bild</translation>
  </message>
  <message>
   <source>pictures of steps</source>
   <translation>Bilder der Schritte</translation>
  </message>
  <message>
   <source>piece {pattern}</source>
   <translation>Stück {pattern}</translation>
  </message>
  <message>
   <source>piece {piece!r}</source>
   <translation>Stück {piece!r}</translation>
  </message>
  <message>
   <source>piece {piece}</source>
   <translation>Stück {piece}</translation>
  </message>
  <message>
   <source>piece {piece}, panel {panel}</source>
   <translation>Stück {piece}, Feld {panel}</translation>
  </message>
  <message>
   <source>piece {self}</source>
   <translation>Stück {self}</translation>
  </message>
  <message>
   <source>piece {self}, panel {name}</source>
   <translation>Stück {self}, Feld {name}</translation>
  </message>
  <message>
   <source>pieces</source>
   <translation>Teile</translation>
  </message>
  <message>
   <source>pieces cut apart</source>
   <translation>abgetrennte Stücke</translation>
  </message>
  <message>
   <source>pieces so small are hardly to be held</source>
   <translation>so kleine Teile lassen sich kaum halten</translation>
  </message>
  <message>
   <source>pieces touch, and a tool needs room between them</source>
   <translation>Stücke berühren sich, und ein Werkzeug braucht Raum dazwischen</translation>
  </message>
  <message>
   <source>pillar</source>
   <translation>Säule</translation>
  </message>
  <message>
   <source>pillow</source>
   <translation>Kissen</translation>
  </message>
  <message>
   <source>pin</source>
   <translation>Stift</translation>
  </message>
  <message>
   <source>pincushion</source>
   <translation>Nadelkissen</translation>
  </message>
  <message>
   <source>pitch</source>
   <translation>Dachneigung</translation>
  </message>
  <message>
   <source>place</source>
   <translation>Platz</translation>
  </message>
  <message>
   <source>place card</source>
   <translation>Platzkarte</translation>
  </message>
  <message>
   <source>place it</source>
   <translation>hinsetzen</translation>
  </message>
  <message>
   <source>plain</source>
   <translation>schlicht</translation>
  </message>
  <message>
   <source>planet</source>
   <translation>Planet</translation>
  </message>
  <message>
   <source>plant pot</source>
   <translation>Blumentopf</translation>
  </message>
  <message>
   <source>planter</source>
   <translation>Übertopf</translation>
  </message>
  <message>
   <source>plate</source>
   <translation>Platte</translation>
  </message>
  <message>
   <source>plates</source>
   <translation>Platten</translation>
  </message>
  <message>
   <source>play</source>
   <translation>Spiel</translation>
  </message>
  <message>
   <source>pleats</source>
   <translation>Falten</translation>
  </message>
  <message>
   <source>plinth</source>
   <translation>Sockel</translation>
  </message>
  <message>
   <source>plinth left</source>
   <translation>Sockel links</translation>
  </message>
  <message>
   <source>plinth right</source>
   <translation>Sockel rechts</translation>
  </message>
  <message>
   <source>plywood</source>
   <translation>Sperrholz</translation>
  </message>
  <message>
   <source>pocket</source>
   <translation>Tasche</translation>
  </message>
  <message>
   <source>pocket </source>
   <translation>Tasche </translation>
  </message>
  <message>
   <source>pocket bottom edge</source>
   <translation>Tasche Rand unten</translation>
  </message>
  <message>
   <source>pocket left edge</source>
   <translation>Tasche Rand links</translation>
  </message>
  <message>
   <source>pocket right edge</source>
   <translation>Tasche Rand rechts</translation>
  </message>
  <message>
   <source>pockets</source>
   <translation>Taschen</translation>
  </message>
  <message>
   <source>pointed</source>
   <translation>spitz</translation>
  </message>
  <message>
   <source>pointer</source>
   <translation>Zeiger</translation>
  </message>
  <message>
   <source>pole</source>
   <translation>Stab</translation>
  </message>
  <message>
   <source>popcorn cup</source>
   <translation>Popcornbecher</translation>
  </message>
  <message>
   <source>porch</source>
   <translation>Vordach</translation>
  </message>
  <message>
   <source>portfolio</source>
   <translation>Sammelmappe</translation>
  </message>
  <message>
   <source>porthole</source>
   <translation>Bullauge</translation>
  </message>
  <message>
   <source>post</source>
   <translation>Pfosten</translation>
  </message>
  <message>
   <source>post </source>
   <translation>Pfosten </translation>
  </message>
  <message>
   <source>post, with a card of {g:g} g/m²</source>
   <translation>Post, mit einer Karte von {g:g} g/m²</translation>
  </message>
  <message>
   <source>posts</source>
   <translation>Pfosten</translation>
  </message>
  <message>
   <source>posts have no room under so shallow a porch</source>
   <translation>Pfosten haben unter einem so flachen Vordach keinen Platz</translation>
  </message>
  <message>
   <source>posts stand before the front, which could not be lifted off</source>
   <translation>Pfosten stehen vor der Front, die sich nicht abnehmen ließe</translation>
  </message>
  <message>
   <source>pouch</source>
   <translation>Beutel</translation>
  </message>
  <message>
   <source>presentation box</source>
   <translation>Präsentationsschachtel</translation>
  </message>
  <message>
   <source>press</source>
   <translation>Pressung</translation>
  </message>
  <message>
   <source>press each end together over {depth}, sides tucked in</source>
   <translation>pressen Sie jedes Ende auf {depth} zusammen, die Seiten eingesteckt</translation>
  </message>
  <message>
   <source>pressed together</source>
   <translation>zusammengepresst</translation>
  </message>
  <message>
   <source>price tag</source>
   <translation>Preisschild</translation>
  </message>
  <message>
   <source>print a template on paper and stick it on, or choose another stock</source>
   <translation>drucken Sie eine Schablone auf Papier und kleben Sie sie auf, oder wählen Sie ein anderes Material</translation>
  </message>
  <message>
   <source>print at actual size (100 %), and measure again</source>
   <translation>in wirklicher Größe (100 %) drucken und noch einmal messen</translation>
  </message>
  <message>
   <source>print the rest from there</source>
   <translation>drucken Sie den Rest von dort</translation>
  </message>
  <message>
   <source>print {name}</source>
   <translation>{name} drucken</translation>
  </message>
  <message>
   <source>printed</source>
   <translation>gedruckt</translation>
  </message>
  <message>
   <source>printed face</source>
   <translation>bedruckte Seite</translation>
  </message>
  <message>
   <source>printer</source>
   <translation>Drucker</translation>
  </message>
  <message>
   <source>printer, back</source>
   <translation>Drucker, Rückseite</translation>
  </message>
  <message>
   <source>printer, heaviest stock</source>
   <translation>Drucker, schwerstes Material</translation>
  </message>
  <message>
   <source>printer, margin</source>
   <translation>Drucker, Rand</translation>
  </message>
  <message>
   <source>printer, {word}</source>
   <translation>Drucker, {word}</translation>
  </message>
  <message>
   <source>printer: {name}</source>
   <translation>Drucker: {name}</translation>
  </message>
  <message>
   <source>prism</source>
   <translation>Prisma</translation>
  </message>
  <message>
   <source>prop</source>
   <translation>Stütze</translation>
  </message>
  <message>
   <source>publishing licence</source>
   <translation>Lizenz der Veröffentlichung</translation>
  </message>
  <message>
   <source>publishing {word}</source>
   <translation>Veröffentlichung {word}</translation>
  </message>
  <message>
   <source>pull</source>
   <translation>Zug</translation>
  </message>
  <message>
   <source>pull tab</source>
   <translation>Ziehlasche</translation>
  </message>
  <message>
   <source>pupils</source>
   <translation>Pupillen</translation>
  </message>
  <message>
   <source>puppet</source>
   <translation>Puppe</translation>
  </message>
  <message>
   <source>put a strip behind the {seam}</source>
   <translation>einen Streifen hinter {seam} setzen</translation>
  </message>
  <message>
   <source>put back the copy kept beside it, whose name ends in ~</source>
   <translation>legen Sie die Kopie zurück, die daneben bewahrt ist und auf ~ endet</translation>
  </message>
  <message>
   <source>put it back where it was, or choose it anew</source>
   <translation>legen Sie es dahin zurück, wo es war, oder wählen Sie es neu</translation>
  </message>
  <message>
   <source>put it back, or choose another picture</source>
   <translation>legen Sie es zurück, oder wählen Sie ein anderes Bild</translation>
  </message>
  <message>
   <source>put it back, or take it off the thing</source>
   <translation>legen Sie es zurück, oder nehmen Sie es vom Ding</translation>
  </message>
  <message>
   <source>pyramid</source>
   <translation>Pyramide</translation>
  </message>
  <message>
   <source>rack</source>
   <translation>Gestell</translation>
  </message>
  <message>
   <source>radius of a rectangle's corners</source>
   <translation>Radius der Ecken eines Rechtecks</translation>
  </message>
  <message>
   <source>radius of its free corners</source>
   <translation>Halbmesser der freien Ecken</translation>
  </message>
  <message>
   <source>radius of that flap's corners</source>
   <translation>Halbmesser der Ecken dieser Klappe</translation>
  </message>
  <message>
   <source>radius of the flap's corners</source>
   <translation>Halbmesser der Ecken der Klappe</translation>
  </message>
  <message>
   <source>radius of the flaps' tips; 0 leaves them pointed</source>
   <translation>Halbmesser der Klappenspitzen; 0 lässt sie spitz</translation>
  </message>
  <message>
   <source>radius of the leaves' free corners</source>
   <translation>Halbmesser der freien Ecken der Blätter</translation>
  </message>
  <message>
   <source>radius of the mouth's corners</source>
   <translation>Halbmesser der Ecken der Mündung</translation>
  </message>
  <message>
   <source>raise the tolerance, or press on what is ground</source>
   <translation>die Toleranz erhöhen oder auf den Grund drücken</translation>
  </message>
  <message>
   <source>raise the tolerance, or take a picture on a plain ground</source>
   <translation>die Toleranz erhöhen oder ein Bild auf einfarbigem Grund nehmen</translation>
  </message>
  <message>
   <source>raise the tolerance, or take a smoother picture</source>
   <translation>die Toleranz erhöhen oder ein glatteres Bild nehmen</translation>
  </message>
  <message>
   <source>ratio</source>
   <translation>Verhältnis</translation>
  </message>
  <message>
   <source>ray </source>
   <translation>Strahl </translation>
  </message>
  <message>
   <source>ray #</source>
   <translation>Strahl #</translation>
  </message>
  <message>
   <source>rays</source>
   <translation>Strahlen</translation>
  </message>
  <message>
   <source>reach</source>
   <translation>größtes Teil</translation>
  </message>
  <message>
   <source>read one from an SVG drawing, or choose one of ours</source>
   <translation>lesen Sie einen aus einer SVG-Zeichnung, oder wählen Sie einen von unseren</translation>
  </message>
  <message>
   <source>real</source>
   <translation>wirklich</translation>
  </message>
  <message>
   <source>receipts</source>
   <translation>Quittungen</translation>
  </message>
  <message>
   <source>recipe cards</source>
   <translation>Rezeptkarten</translation>
  </message>
  <message>
   <source>recipe {recipe_id!r}</source>
   <translation>Bauform {recipe_id!r}</translation>
  </message>
  <message>
   <source>recipes with their measures</source>
   <translation>Bauformen mit ihren Maßen</translation>
  </message>
  <message>
   <source>reckoned, perhaps {off} more or less: measure it</source>
   <translation>geschätzt, vielleicht {off} mehr oder weniger: messen Sie nach</translation>
  </message>
  <message>
   <source>rectangle</source>
   <translation>Rechteck</translation>
  </message>
  <message>
   <source>reduce it first, or export only the body you want</source>
   <translation>verringere es zuerst, oder exportier nur den Körper, den du willst</translation>
  </message>
  <message>
   <source>reduce it to {most} or fewer first</source>
   <translation>verringere es zuerst auf {most} oder weniger</translation>
  </message>
  <message>
   <source>rehearse a file that ends in .hpgl, .gcode, .svg or .dxf</source>
   <translation>probe eine Datei, die auf .hpgl, .gcode, .svg oder .dxf endet</translation>
  </message>
  <message>
   <source>relief</source>
   <translation>Freischnitt</translation>
  </message>
  <message>
   <source>remove {name}</source>
   <translation>{name} entfernen</translation>
  </message>
  <message>
   <source>repeated</source>
   <translation>wiederholt</translation>
  </message>
  <message>
   <source>repeated, stepped</source>
   <translation>wiederholt, versetzt</translation>
  </message>
  <message>
   <source>rhombicosidodecahedron</source>
   <translation>Rhombenikosidodekaeder</translation>
  </message>
  <message>
   <source>rhombicuboctahedron</source>
   <translation>Rhombenkuboktaeder</translation>
  </message>
  <message>
   <source>ribbon</source>
   <translation>Band</translation>
  </message>
  <message>
   <source>ribbons through eyelets</source>
   <translation>Bänder durch Ösen</translation>
  </message>
  <message>
   <source>ridge</source>
   <translation>First</translation>
  </message>
  <message>
   <source>ridge cap</source>
   <translation>Firstkappe</translation>
  </message>
  <message>
   <source>ridge cap </source>
   <translation>Firstkappe </translation>
  </message>
  <message>
   <source>ridge cap back</source>
   <translation>Firstkappe hinten</translation>
  </message>
  <message>
   <source>ridge cap back on it</source>
   <translation>Firstkappe hinten darauf</translation>
  </message>
  <message>
   <source>ridge cap front</source>
   <translation>Firstkappe vorn</translation>
  </message>
  <message>
   <source>ridge cap front on it</source>
   <translation>Firstkappe vorn darauf</translation>
  </message>
  <message>
   <source>right</source>
   <translation>rechts</translation>
  </message>
  <message>
   <source>right at the back</source>
   <translation>Wand rechts an Wand hinten</translation>
  </message>
  <message>
   <source>right at the front</source>
   <translation>Wand rechts an Wand vorn</translation>
  </message>
  <message>
   <source>right cladding </source>
   <translation>Innenplatte rechts </translation>
  </message>
  <message>
   <source>right cladding #</source>
   <translation>Innenplatte rechts #</translation>
  </message>
  <message>
   <source>right cladding # on it</source>
   <translation>Innenplatte rechts # darauf</translation>
  </message>
  <message>
   <source>right door</source>
   <translation>rechte Tür</translation>
  </message>
  <message>
   <source>right edge</source>
   <translation>rechten Kante</translation>
  </message>
  <message>
   <source>right edge, the same edge as before</source>
   <translation>rechten Kante, derselben wie zuvor</translation>
  </message>
  <message>
   <source>right end</source>
   <translation>Ende rechts</translation>
  </message>
  <message>
   <source>right end on back flap</source>
   <translation>Klappe Ende auf Rückseite rechts</translation>
  </message>
  <message>
   <source>right end on front flap</source>
   <translation>Klappe Ende auf Vorderseite rechts</translation>
  </message>
  <message>
   <source>right flap</source>
   <translation>Klappe rechts</translation>
  </message>
  <message>
   <source>right flap back</source>
   <translation>Klappe Rückseite rechts</translation>
  </message>
  <message>
   <source>right flap front</source>
   <translation>Klappe Vorderseite rechts</translation>
  </message>
  <message>
   <source>right flap on front</source>
   <translation>Klappe auf Vorderseite rechts</translation>
  </message>
  <message>
   <source>right flaps</source>
   <translation>rechte Klappen</translation>
  </message>
  <message>
   <source>right foot tab</source>
   <translation>Lasche Fuß rechts</translation>
  </message>
  <message>
   <source>right gusset</source>
   <translation>Falte rechts</translation>
  </message>
  <message>
   <source>right leaf #</source>
   <translation>Blatt # rechts</translation>
  </message>
  <message>
   <source>right lip</source>
   <translation>Zunge rechts</translation>
  </message>
  <message>
   <source>right on wrap right edge</source>
   <translation>Wand rechts auf Bezugseinschlag rechts</translation>
  </message>
  <message>
   <source>right side</source>
   <translation>Seite rechts</translation>
  </message>
  <message>
   <source>right side at the back</source>
   <translation>rechte Seite am Rücken</translation>
  </message>
  <message>
   <source>right side back</source>
   <translation>Seite Rückseite rechts</translation>
  </message>
  <message>
   <source>right side back turn</source>
   <translation>Seite Rückseite Umschlag rechts</translation>
  </message>
  <message>
   <source>right side back turn on right side back</source>
   <translation>Umschlag rechts hinten auf rechter Seite hinten</translation>
  </message>
  <message>
   <source>right side front</source>
   <translation>Seite Vorderseite rechts</translation>
  </message>
  <message>
   <source>right side front turn</source>
   <translation>Seite Vorderseite Umschlag rechts</translation>
  </message>
  <message>
   <source>right side front turn on right side front</source>
   <translation>Umschlag rechts vorn auf rechter Seite vorn</translation>
  </message>
  <message>
   <source>right strut</source>
   <translation>rechte Strebe</translation>
  </message>
  <message>
   <source>right strut flap</source>
   <translation>rechte Strebenlasche</translation>
  </message>
  <message>
   <source>right wall</source>
   <translation>Wand rechts</translation>
  </message>
  <message>
   <source>right wall at the back roof</source>
   <translation>Wand rechts an Dach hinten</translation>
  </message>
  <message>
   <source>right wall at the back wall</source>
   <translation>Wand rechts an Rückwand</translation>
  </message>
  <message>
   <source>right wall at the front roof</source>
   <translation>Wand rechts an Dach vorn</translation>
  </message>
  <message>
   <source>right wall at the front wall</source>
   <translation>Wand rechts an Vorderwand</translation>
  </message>
  <message>
   <source>right wall at the roof</source>
   <translation>Wand rechts an Dach</translation>
  </message>
  <message>
   <source>right wall lining</source>
   <translation>Futter Wand rechts</translation>
  </message>
  <message>
   <source>right wall on the ground floor</source>
   <translation>Wand rechts auf der Bodenplatte</translation>
  </message>
  <message>
   <source>right wall rim</source>
   <translation>Wand Rand rechts</translation>
  </message>
  <message>
   <source>right window #-# frame</source>
   <translation>Fenster rechts #-# Rahmen</translation>
  </message>
  <message>
   <source>right window #-# glazing</source>
   <translation>Fenster rechts #-# Verglasung</translation>
  </message>
  <message>
   <source>right window #-# glazing in it</source>
   <translation>Fenster rechts #-# Verglasung darin</translation>
  </message>
  <message>
   <source>right window #-# on right wall</source>
   <translation>Fenster rechts #-# auf Wand rechts</translation>
  </message>
  <message>
   <source>right wing</source>
   <translation>Flügel rechts</translation>
  </message>
  <message>
   <source>right wing on back</source>
   <translation>Flügel auf Rückseite rechts</translation>
  </message>
  <message>
   <source>right {name}</source>
   <translation>rechts {name}</translation>
  </message>
  <message>
   <source>rim</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>rim teeth</source>
   <translation>Zähne Rand</translation>
  </message>
  <message>
   <source>rim teeth #</source>
   <translation>Rand Zähne #</translation>
  </message>
  <message>
   <source>ring</source>
   <translation>Ring</translation>
  </message>
  <message>
   <source>ring </source>
   <translation>Ring </translation>
  </message>
  <message>
   <source>ring #</source>
   <translation>Ring #</translation>
  </message>
  <message>
   <source>ring 1</source>
   <translation>Ring 1</translation>
  </message>
  <message>
   <source>ring box</source>
   <translation>Ringschachtel</translation>
  </message>
  <message>
   <source>rings between each disc and the strip round the equator: more lie smoother</source>
   <translation>Ringe zwischen jeder Scheibe und dem Streifen am Äquator: mehr liegen glatter</translation>
  </message>
  <message>
   <source>rise</source>
   <translation>Beinhöhe</translation>
  </message>
  <message>
   <source>riser</source>
   <translation>Setzstufe</translation>
  </message>
  <message>
   <source>riser #</source>
   <translation>Setzstufe #</translation>
  </message>
  <message>
   <source>riser 1</source>
   <translation>Setzstufe 1</translation>
  </message>
  <message>
   <source>roll each strip tightly, its first turn dry round the stick or the column, the rest with a film of glue; trim it where it has come to its diameter</source>
   <translation>roll jeden Streifen straff, die erste Windung trocken um Stab oder Säule, den Rest mit einem Film Leim; schneid ihn ab, wo er seinen Durchmesser erreicht hat</translation>
  </message>
  <message>
   <source>rolled across the grain it kinks</source>
   <translation>quer zur Laufrichtung gerollt knickt es</translation>
  </message>
  <message>
   <source>rolled edges</source>
   <translation>gerollte Kanten</translation>
  </message>
  <message>
   <source>roof</source>
   <translation>Dach</translation>
  </message>
  <message>
   <source>roof </source>
   <translation>Dach </translation>
  </message>
  <message>
   <source>roof floor</source>
   <translation>Dach Boden</translation>
  </message>
  <message>
   <source>roof wall #</source>
   <translation>Dach Wand #</translation>
  </message>
  <message>
   <source>roof wall # tab</source>
   <translation>Dach Wand # Lasche</translation>
  </message>
  <message>
   <source>room between base and lid on each side: 0.25 to 1 mm by stock</source>
   <translation>Raum zwischen Boden und Deckel auf jeder Seite: 0,25 bis 1 mm je nach Material</translation>
  </message>
  <message>
   <source>room between drawer and sleeve on each side: 0.25 to 1 mm by stock</source>
   <translation>Raum zwischen Schublade und Hülle auf jeder Seite: 0,25 bis 1 mm je nach Material</translation>
  </message>
  <message>
   <source>room box</source>
   <translation>Raumkasten</translation>
  </message>
  <message>
   <source>room left all round, so that it slides on</source>
   <translation>Raum ringsum, damit es sich aufschieben lässt</translation>
  </message>
  <message>
   <source>room left each way</source>
   <translation>Raum in jeder Richtung</translation>
  </message>
  <message>
   <source>room left over across it (an eighth of an inch is usual)</source>
   <translation>Raum, der in der Quere bleibt (ein Achtelzoll ist üblich)</translation>
  </message>
  <message>
   <source>room left over along its length, so that it slips in (a quarter inch is usual)</source>
   <translation>Raum, der in der Länge bleibt, damit es hineingleitet (ein Viertelzoll ist üblich)</translation>
  </message>
  <message>
   <source>rooms</source>
   <translation>Räume</translation>
  </message>
  <message>
   <source>rooms on one to four floors, with windows, stairs, a roof and a front that lifts off</source>
   <translation>Räume auf ein bis vier Geschossen, mit Fenstern, Treppen, Dach und abnehmbarer Front</translation>
  </message>
  <message>
   <source>rotunda</source>
   <translation>Rotunde</translation>
  </message>
  <message>
   <source>round</source>
   <translation>Rundung</translation>
  </message>
  <message>
   <source>round opening</source>
   <translation>runde Öffnung</translation>
  </message>
  <message>
   <source>round the head over the brow</source>
   <translation>um den Kopf über der Stirn</translation>
  </message>
  <message>
   <source>row</source>
   <translation>Reihe</translation>
  </message>
  <message>
   <source>rules change: ask locally ({sources})</source>
   <translation>Regeln ändern sich: fragen Sie vor Ort ({sources})</translation>
  </message>
  <message>
   <source>sail</source>
   <translation>Segel</translation>
  </message>
  <message>
   <source>save it again as plain SVG</source>
   <translation>speichern Sie sie noch einmal als einfaches SVG</translation>
  </message>
  <message>
   <source>save it anew, or choose another</source>
   <translation>speichern Sie es neu, oder wählen Sie ein anderes</translation>
  </message>
  <message>
   <source>save it anew, smaller</source>
   <translation>speichern Sie es neu, kleiner</translation>
  </message>
  <message>
   <source>save it as one of these</source>
   <translation>speichern Sie es als eines davon</translation>
  </message>
  <message>
   <source>save it as plain SVG</source>
   <translation>speichern Sie sie als einfaches SVG</translation>
  </message>
  <message>
   <source>save it smaller</source>
   <translation>speichern Sie es kleiner</translation>
  </message>
  <message>
   <source>save it smaller: 12 pixels a millimetre are enough for any printer</source>
   <translation>speichern Sie es kleiner: 12 Punkte je Millimeter genügen jedem Drucker</translation>
  </message>
  <message>
   <source>save just the outline</source>
   <translation>speichern Sie nur den Umriss</translation>
  </message>
  <message>
   <source>save just the outline, simplified</source>
   <translation>speichern Sie nur den Umriss, vereinfacht</translation>
  </message>
  <message>
   <source>scale</source>
   <translation>Maßstab</translation>
  </message>
  <message>
   <source>scale 1:{times}</source>
   <translation>Maßstab 1:{times}</translation>
  </message>
  <message>
   <source>scale by another measure</source>
   <translation>skalieren Sie nach einem anderen Maß</translation>
  </message>
  <message>
   <source>scale it where it comes from, to between {least:g} and {most:g}</source>
   <translation>skalieren Sie es dort, woher es kommt, auf {least:g} bis {most:g}</translation>
  </message>
  <message>
   <source>scale {factor} times</source>
   <translation>{factor}-mal skalieren</translation>
  </message>
  <message>
   <source>scaled</source>
   <translation>skaliert</translation>
  </message>
  <message>
   <source>scissors</source>
   <translation>Schere</translation>
  </message>
  <message>
   <source>score board</source>
   <translation>Rillbrett</translation>
  </message>
  <message>
   <source>score deeper, or use a sheet with the grain the other way</source>
   <translation>rillen Sie tiefer, oder nehmen Sie einen Bogen mit der anderen Laufrichtung</translation>
  </message>
  <message>
   <source>score first, and press under a weight while the glue sets</source>
   <translation>erst rillen, und unter Gewicht pressen, während der Leim anzieht</translation>
  </message>
  <message>
   <source>score plan</source>
   <translation>Rillplan</translation>
  </message>
  <message>
   <source>scoring tool</source>
   <translation>Rillwerkzeug</translation>
  </message>
  <message>
   <source>scrapbook</source>
   <translation>Album</translation>
  </message>
  <message>
   <source>sculpture</source>
   <translation>Skulptur</translation>
  </message>
  <message>
   <source>seam {number} joins the {a} to the {b}</source>
   <translation>Naht {number} verbindet {a} mit {b}</translation>
  </message>
  <message>
   <source>seam {seam!r}</source>
   <translation>Naht {seam!r}</translation>
  </message>
  <message>
   <source>seam {seam}</source>
   <translation>Naht {seam}</translation>
  </message>
  <message>
   <source>seat</source>
   <translation>Sitz</translation>
  </message>
  <message>
   <source>seat </source>
   <translation>Sitz </translation>
  </message>
  <message>
   <source>seat back</source>
   <translation>Lehne</translation>
  </message>
  <message>
   <source>seat back board</source>
   <translation>Lehnenplatte</translation>
  </message>
  <message>
   <source>seat back cover</source>
   <translation>Lehnenbezug</translation>
  </message>
  <message>
   <source>seat back cover on seat back pad</source>
   <translation>Lehnenbezug auf Lehnenpolster</translation>
  </message>
  <message>
   <source>seat back lining</source>
   <translation>Lehnenfutter</translation>
  </message>
  <message>
   <source>seat back lining on seat back board</source>
   <translation>Lehnenfutter auf Lehnenplatte</translation>
  </message>
  <message>
   <source>seat back pad</source>
   <translation>Lehnenpolster</translation>
  </message>
  <message>
   <source>seat back pad on seat back board</source>
   <translation>Lehnenpolster auf Lehnenplatte</translation>
  </message>
  <message>
   <source>seat board</source>
   <translation>Sitzplatte</translation>
  </message>
  <message>
   <source>seat cover</source>
   <translation>Sitzbezug</translation>
  </message>
  <message>
   <source>seat cover on seat pad</source>
   <translation>Sitzbezug auf Sitzpolster</translation>
  </message>
  <message>
   <source>seat left wing</source>
   <translation>linke Ohrenbacke</translation>
  </message>
  <message>
   <source>seat left wing board</source>
   <translation>Ohrplatte links</translation>
  </message>
  <message>
   <source>seat left wing cover</source>
   <translation>Ohrbezug links</translation>
  </message>
  <message>
   <source>seat left wing cover on seat left wing pad</source>
   <translation>Ohrbezug links auf Ohrpolster</translation>
  </message>
  <message>
   <source>seat left wing lining</source>
   <translation>Ohrfutter links</translation>
  </message>
  <message>
   <source>seat left wing lining on seat left wing board</source>
   <translation>Ohrfutter links auf Ohrplatte</translation>
  </message>
  <message>
   <source>seat left wing pad</source>
   <translation>Ohrpolster links</translation>
  </message>
  <message>
   <source>seat left wing pad on seat left wing board</source>
   <translation>Ohrpolster links auf Ohrplatte</translation>
  </message>
  <message>
   <source>seat lining</source>
   <translation>Sitzfutter</translation>
  </message>
  <message>
   <source>seat lining on seat board</source>
   <translation>Sitzfutter auf Sitzplatte</translation>
  </message>
  <message>
   <source>seat pad</source>
   <translation>Sitzpolster</translation>
  </message>
  <message>
   <source>seat pad on seat board</source>
   <translation>Sitzpolster auf Sitzplatte</translation>
  </message>
  <message>
   <source>seat right wing</source>
   <translation>rechte Ohrenbacke</translation>
  </message>
  <message>
   <source>seat right wing board</source>
   <translation>Ohrplatte rechts</translation>
  </message>
  <message>
   <source>seat right wing cover</source>
   <translation>Ohrbezug rechts</translation>
  </message>
  <message>
   <source>seat right wing cover on seat right wing pad</source>
   <translation>Ohrbezug rechts auf Ohrpolster</translation>
  </message>
  <message>
   <source>seat right wing lining</source>
   <translation>Ohrfutter rechts</translation>
  </message>
  <message>
   <source>seat right wing lining on seat right wing board</source>
   <translation>Ohrfutter rechts auf Ohrplatte</translation>
  </message>
  <message>
   <source>seat right wing pad</source>
   <translation>Ohrpolster rechts</translation>
  </message>
  <message>
   <source>seat right wing pad on seat right wing board</source>
   <translation>Ohrpolster rechts auf Ohrplatte</translation>
  </message>
  <message>
   <source>seat upright</source>
   <translation>Lehnenstütze</translation>
  </message>
  <message>
   <source>seat upright on its lining</source>
   <translation>Lehnenstütze auf ihrem Futter</translation>
  </message>
  <message>
   <source>second axis (y)</source>
   <translation>zweite Achse (y)</translation>
  </message>
  <message>
   <source>see that it is on, or save as PDF and print that</source>
   <translation>sehen Sie nach, ob er an ist, oder speichern Sie als PDF und drucken das</translation>
  </message>
  <message>
   <source>see {command} --help</source>
   <translation>siehe {command} --help</translation>
  </message>
  <message>
   <source>seed packet</source>
   <translation>Samentüte</translation>
  </message>
  <message>
   <source>seeds</source>
   <translation>Samen</translation>
  </message>
  <message>
   <source>semaphore</source>
   <translation>Flügelsignal</translation>
  </message>
  <message>
   <source>set it higher</source>
   <translation>setz es höher</translation>
  </message>
  <message>
   <source>set it nearer to the middle</source>
   <translation>setzen Sie es näher an die Mitte</translation>
  </message>
  <message>
   <source>set one of them elsewhere, or make it smaller</source>
   <translation>setzen Sie eines davon anderswohin, oder machen Sie es kleiner</translation>
  </message>
  <message>
   <source>set the breathing holes lower, or make them smaller</source>
   <translation>setzen Sie die Atemlöcher tiefer, oder machen Sie sie kleiner</translation>
  </message>
  <message>
   <source>set the spacing to {mm:g} mm on Sheets, or cut by hand</source>
   <translation>setze den Abstand unter „Bogen“ auf {mm:g} mm, oder schneide von Hand</translation>
  </message>
  <message>
   <source>set the {guest} elsewhere: it cannot turn there</source>
   <translation>setzen Sie {guest} anderswohin: dort kann es sich nicht drehen</translation>
  </message>
  <message>
   <source>set the {guest} {far} further down</source>
   <translation>setzen Sie {guest} {far} weiter nach unten</translation>
  </message>
  <message>
   <source>set the {guest} {far} further to the left</source>
   <translation>setzen Sie {guest} {far} weiter nach links</translation>
  </message>
  <message>
   <source>set the {guest} {far} further to the right</source>
   <translation>setzen Sie {guest} {far} weiter nach rechts</translation>
  </message>
  <message>
   <source>set the {guest} {far} further up</source>
   <translation>setzen Sie {guest} {far} weiter nach oben</translation>
  </message>
  <message>
   <source>set them back less, or turn in more</source>
   <translation>weniger zurücksetzen oder mehr einschlagen</translation>
  </message>
  <message>
   <source>set them further in, or further apart</source>
   <translation>setzen Sie sie weiter nach innen oder weiter auseinander</translation>
  </message>
  <message>
   <source>set them higher or lower, or say where it looks</source>
   <translation>setzen Sie sie höher oder tiefer, oder sagen Sie, wohin es blickt</translation>
  </message>
  <message>
   <source>set-up box</source>
   <translation>Kartonage</translation>
  </message>
  <message>
   <source>sewn, and turned</source>
   <translation>genäht und gewendet</translation>
  </message>
  <message>
   <source>shape</source>
   <translation>Form</translation>
  </message>
  <message>
   <source>shaped card</source>
   <translation>Formkarte</translation>
  </message>
  <message>
   <source>shapes</source>
   <translation>Formen</translation>
  </message>
  <message>
   <source>sheet</source>
   <translation>Bogen</translation>
  </message>
  <message>
   <source>sheet </source>
   <translation>Bogen </translation>
  </message>
  <message>
   <source>sheet to {name}</source>
   <translation>Bogen auf {name}</translation>
  </message>
  <message>
   <source>sheet {name!r}</source>
   <translation>Bogen {name!r}</translation>
  </message>
  <message>
   <source>sheet {number}: {why}</source>
   <translation>Bogen {number}: {why}</translation>
  </message>
  <message>
   <source>sheets</source>
   <translation>Bogen</translation>
  </message>
  <message>
   <source>sheets to print at actual size</source>
   <translation>Bogen zum Drucken in Originalgröße</translation>
  </message>
  <message>
   <source>shelf</source>
   <translation>Regal</translation>
  </message>
  <message>
   <source>shelf </source>
   <translation>Boden </translation>
  </message>
  <message>
   <source>shelf #</source>
   <translation>Boden #</translation>
  </message>
  <message>
   <source>shelf # at the back</source>
   <translation>Boden # am Rücken</translation>
  </message>
  <message>
   <source>shelf # left</source>
   <translation>Boden # links</translation>
  </message>
  <message>
   <source>shelf # right</source>
   <translation>Boden # rechts</translation>
  </message>
  <message>
   <source>shelf box</source>
   <translation>Regalkasten</translation>
  </message>
  <message>
   <source>shelves</source>
   <translation>Böden</translation>
  </message>
  <message>
   <source>shims</source>
   <translation>Beilagen</translation>
  </message>
  <message>
   <source>shoe box</source>
   <translation>Schuhkarton</translation>
  </message>
  <message>
   <source>shop</source>
   <translation>Laden</translation>
  </message>
  <message>
   <source>shopping bag</source>
   <translation>Einkaufstüte</translation>
  </message>
  <message>
   <source>short strip </source>
   <translation>kurzer Streifen </translation>
  </message>
  <message>
   <source>short strip #</source>
   <translation>kurzer Streifen #</translation>
  </message>
  <message>
   <source>short, {mm}</source>
   <translation>kurz, {mm}</translation>
  </message>
  <message>
   <source>shorten it, or make it all larger</source>
   <translation>kürzen Sie ihn, oder machen Sie alles größer</translation>
  </message>
  <message>
   <source>shorten it, or make the discs larger</source>
   <translation>kürzen Sie ihn, oder machen Sie die Scheiben größer</translation>
  </message>
  <message>
   <source>shorten it, or roll another turn</source>
   <translation>kürzen Sie ihn, oder rollen Sie noch eine Windung</translation>
  </message>
  <message>
   <source>shorten it, or take fewer gores</source>
   <translation>kürzen Sie ihn, oder nehmen Sie weniger Zwickel</translation>
  </message>
  <message>
   <source>shorten it, or take longer strips</source>
   <translation>kürzen Sie ihn, oder nehmen Sie längere Streifen</translation>
  </message>
  <message>
   <source>shortened from {asked} to {depth}, all that the {host} has room for</source>
   <translation>von {asked} auf {depth} gekürzt, so viel Platz hat {host}</translation>
  </message>
  <message>
   <source>side</source>
   <translation>Seite</translation>
  </message>
  <message>
   <source>side #</source>
   <translation>Seite #</translation>
  </message>
  <message>
   <source>side flaps so deep meet in the middle</source>
   <translation>so tiefe Seitenklappen treffen sich in der Mitte</translation>
  </message>
  <message>
   <source>side windows</source>
   <translation>Seitenfenster</translation>
  </message>
  <message>
   <source>sides</source>
   <translation>Seiten</translation>
  </message>
  <message>
   <source>sides of a prism or antiprism; the other solids have their own</source>
   <translation>Seiten eines Prismas oder Antiprismas; die anderen Körper haben ihre eigenen</translation>
  </message>
  <message>
   <source>sign</source>
   <translation>Schild</translation>
  </message>
  <message>
   <source>signal</source>
   <translation>Signal</translation>
  </message>
  <message>
   <source>silhouette</source>
   <translation>Silhouette</translation>
  </message>
  <message>
   <source>sill</source>
   <translation>Brüstung</translation>
  </message>
  <message>
   <source>simplify it</source>
   <translation>vereinfachen Sie sie</translation>
  </message>
  <message>
   <source>simplify it, or save it as a picture</source>
   <translation>vereinfachen Sie ihn, oder speichern Sie ihn als Bild</translation>
  </message>
  <message>
   <source>single, or the short ones rolled over: they hide their edge and hold the tabs between them</source>
   <translation>einfach, oder die kurzen umgerollt: sie verbergen ihre Kante und halten die Laschen zwischen sich</translation>
  </message>
  <message>
   <source>six sides</source>
   <translation>sechs Seiten</translation>
  </message>
  <message>
   <source>size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <source>size it by its height instead</source>
   <translation>bemessen Sie es nach der Höhe</translation>
  </message>
  <message>
   <source>skin</source>
   <translation>Haut</translation>
  </message>
  <message>
   <source>skin of {piece}</source>
   <translation>Haut von {piece}</translation>
  </message>
  <message>
   <source>skirt</source>
   <translation>Deckelhöhe</translation>
  </message>
  <message>
   <source>skylight</source>
   <translation>Dachfenster</translation>
  </message>
  <message>
   <source>slanted</source>
   <translation>schräg</translation>
  </message>
  <message>
   <source>slanted {deg:.0f}°</source>
   <translation>schräg {deg:.0f}°</translation>
  </message>
  <message>
   <source>sleeve</source>
   <translation>Hülle</translation>
  </message>
  <message>
   <source>sleeve </source>
   <translation>Hülse </translation>
  </message>
  <message>
   <source>sleeve #</source>
   <translation>Hülse #</translation>
  </message>
  <message>
   <source>sleeve tab</source>
   <translation>Lasche Hülle</translation>
  </message>
  <message>
   <source>slide</source>
   <translation>Schieber</translation>
  </message>
  <message>
   <source>slide in the {seam}</source>
   <translation>{seam} einschieben</translation>
  </message>
  <message>
   <source>slider</source>
   <translation>Schieber</translation>
  </message>
  <message>
   <source>slider neck</source>
   <translation>Schieberhals</translation>
  </message>
  <message>
   <source>slider plate</source>
   <translation>Schieberplatte</translation>
  </message>
  <message>
   <source>slider plate on it</source>
   <translation>Schieberplatte darauf</translation>
  </message>
  <message>
   <source>slider shim</source>
   <translation>Schieberbeilage</translation>
  </message>
  <message>
   <source>slider shim on it</source>
   <translation>Schieberbeilage darauf</translation>
  </message>
  <message>
   <source>slider stop</source>
   <translation>Schieberanschlag</translation>
  </message>
  <message>
   <source>sliding drawer</source>
   <translation>Schiebeschachtel</translation>
  </message>
  <message>
   <source>slip cover</source>
   <translation>Schieber</translation>
  </message>
  <message>
   <source>slipcase</source>
   <translation>Schuber</translation>
  </message>
  <message>
   <source>slit lip</source>
   <translation>Schlitzzunge</translation>
  </message>
  <message>
   <source>slits</source>
   <translation>Schlitze</translation>
  </message>
  <message>
   <source>slot</source>
   <translation>Schlitz</translation>
  </message>
  <message>
   <source>small knife</source>
   <translation>kleines Messer</translation>
  </message>
  <message>
   <source>small parts</source>
   <translation>Kleinteile</translation>
  </message>
  <message>
   <source>smooth</source>
   <translation>Glätte</translation>
  </message>
  <message>
   <source>snub cube</source>
   <translation>abgeschrägter Würfel</translation>
  </message>
  <message>
   <source>snub dodecahedron</source>
   <translation>abgeschrägtes Dodekaeder</translation>
  </message>
  <message>
   <source>so deep a fin reaches past the back</source>
   <translation>ein so tiefer Steg reicht über die Rückseite</translation>
  </message>
  <message>
   <source>so deep a flap reaches past the envelope's foot</source>
   <translation>eine so tiefe Klappe reicht über den Fuß des Umschlags</translation>
  </message>
  <message>
   <source>so deep a flap reaches past the pouch's foot</source>
   <translation>eine so tiefe Klappe reicht über den Fuß des Beutels</translation>
  </message>
  <message>
   <source>so deep a rim comes down to the deck</source>
   <translation>ein so tiefer Rand kommt bis auf den Boden herab</translation>
  </message>
  <message>
   <source>so deep a tab fills the pocket</source>
   <translation>eine so tiefe Lasche füllt die Tasche</translation>
  </message>
  <message>
   <source>so far a flap reaches to either side</source>
   <translation>so weit reicht eine Lasche nach jeder Seite</translation>
  </message>
  <message>
   <source>so flat a bowl is a plate</source>
   <translation>eine so flache Schale ist ein Teller</translation>
  </message>
  <message>
   <source>so flat a cone has no room for its lap</source>
   <translation>ein so flacher Kegel hat keinen Platz für seinen Überlapp</translation>
  </message>
  <message>
   <source>so flat a roof leaves no room for its tabs</source>
   <translation>ein so flaches Dach lässt keinen Platz für seine Laschen</translation>
  </message>
  <message>
   <source>so flat a wall lies on its disc, and its teeth find no corner</source>
   <translation>eine so flache Wand liegt auf ihrer Scheibe, und ihre Zähne finden keine Ecke</translation>
  </message>
  <message>
   <source>so high a band stands off the ball</source>
   <translation>ein so hohes Band steht von der Kugel ab</translation>
  </message>
  <message>
   <source>so high a foot fills the pouch</source>
   <translation>ein so hoher Fuß füllt den Beutel</translation>
  </message>
  <message>
   <source>so high a pocket hides what is in it</source>
   <translation>eine so hohe Tasche verbirgt, was darin ist</translation>
  </message>
  <message>
   <source>so it does not drop in at all</source>
   <translation>so sinkt es gar nicht ein</translation>
  </message>
  <message>
   <source>so large a disc does not lie on the ball</source>
   <translation>eine so große Scheibe liegt nicht auf der Kugel</translation>
  </message>
  <message>
   <source>so large a hole leaves nothing round it</source>
   <translation>ein so großes Loch lässt nichts um sich</translation>
  </message>
  <message>
   <source>so large a hole leaves too little card beside it</source>
   <translation>ein so großes Loch lässt daneben zu wenig Karton</translation>
  </message>
  <message>
   <source>so large a hole tears out of the turned top</source>
   <translation>ein so großes Loch reißt aus dem Umschlag aus</translation>
  </message>
  <message>
   <source>so long a lap covers a whole gore</source>
   <translation>ein so langer Überlapp bedeckt einen ganzen Zwickel</translation>
  </message>
  <message>
   <source>so long a lap covers half the next gore</source>
   <translation>ein so langer Überlapp bedeckt den halben nächsten Zwickel</translation>
  </message>
  <message>
   <source>so long a lap covers half the next strip</source>
   <translation>ein so langer Überlapp bedeckt den halben nächsten Streifen</translation>
  </message>
  <message>
   <source>so long a lap goes past the middle of the other half</source>
   <translation>ein so langer Überlapp geht über die Mitte der anderen Hälfte</translation>
  </message>
  <message>
   <source>so long a lap goes round a quarter of the smallest band</source>
   <translation>ein so langer Überlapp geht um ein Viertel des kleinsten Rings</translation>
  </message>
  <message>
   <source>so long a lap goes round more than half the tube</source>
   <translation>ein so langer Überlapp geht um mehr als das halbe Rohr</translation>
  </message>
  <message>
   <source>so long a sum is none</source>
   <translation>eine so lange Summe ist keine</translation>
  </message>
  <message>
   <source>so long an envelope has no tips to its flaps</source>
   <translation>ein so langer Umschlag hat keine Spitzen an seinen Klappen</translation>
  </message>
  <message>
   <source>so low a board does not bear its arm</source>
   <translation>eine so niedrige Pappe trägt ihren Arm nicht</translation>
  </message>
  <message>
   <source>so low a foot bears no tabs</source>
   <translation>ein so niedriger Fuß trägt keine Laschen</translation>
  </message>
  <message>
   <source>so low a foot does not reach so far</source>
   <translation>ein so niedriger Fuß reicht nicht so weit</translation>
  </message>
  <message>
   <source>so low a front has no room for its top</source>
   <translation>eine so niedrige Vorderseite hat keinen Platz für ihren oberen Rand</translation>
  </message>
  <message>
   <source>so low a front has no room to be glued</source>
   <translation>eine so niedrige Vorderseite hat keinen Platz zum Kleben</translation>
  </message>
  <message>
   <source>so low a front holds nothing</source>
   <translation>eine so niedrige Vorderseite hält nichts</translation>
  </message>
  <message>
   <source>so low a plinth leaves nothing above its arch</source>
   <translation>ein so niedriger Sockel lässt nichts über seinem Bogen</translation>
  </message>
  <message>
   <source>so low a plinth leaves nothing under the bottom</source>
   <translation>ein so niedriger Sockel lässt nichts unter dem Boden</translation>
  </message>
  <message>
   <source>so low a seat leaves nothing of the column</source>
   <translation>ein so niedriger Sitz lässt nichts von der Säule</translation>
  </message>
  <message>
   <source>so low a storey takes nothing</source>
   <translation>ein so niedriges Geschoss fasst nichts</translation>
  </message>
  <message>
   <source>so low an opening takes nothing</source>
   <translation>ein so niedriges Fach nimmt nichts auf</translation>
  </message>
  <message>
   <source>so many bars leave no panes</source>
   <translation>so viele Sprossen lassen keine Scheiben</translation>
  </message>
  <message>
   <source>so many cells are too narrow to reach into</source>
   <translation>so viele Fächer sind zu eng zum Hineingreifen</translation>
  </message>
  <message>
   <source>so many copies cannot be</source>
   <translation>so viele Stücke können nicht sein</translation>
  </message>
  <message>
   <source>so many legs meet before they reach the collar</source>
   <translation>so viele Beine stoßen zusammen, ehe sie die Muffe erreichen</translation>
  </message>
  <message>
   <source>so many posts have no room</source>
   <translation>so viele Pfosten haben keinen Platz</translation>
  </message>
  <message>
   <source>so many windows have no room beside each other</source>
   <translation>so viele Fenster haben nebeneinander keinen Platz</translation>
  </message>
  <message>
   <source>so many words are a page, not a panel</source>
   <translation>so viele Wörter sind eine Seite, kein Feld</translation>
  </message>
  <message>
   <source>so much cut off leaves no edge</source>
   <translation>so viel abgeschnitten lässt keine Kante</translation>
  </message>
  <message>
   <source>so narrow a board has no room for eyelets</source>
   <translation>ein so schmaler Deckel hat keinen Platz für Ösen</translation>
  </message>
  <message>
   <source>so narrow a board leaves nothing round the fastener</source>
   <translation>eine so schmale Pappe lässt nichts um die Klammer</translation>
  </message>
  <message>
   <source>so narrow a door has no room for pin and knob</source>
   <translation>eine so schmale Tür hat keinen Platz für Stift und Knauf</translation>
  </message>
  <message>
   <source>so narrow a spine leaves the pockets no room</source>
   <translation>ein so schmaler Rücken lässt den Taschen keinen Raum</translation>
  </message>
  <message>
   <source>so narrow an arm leaves nothing round its fastener</source>
   <translation>ein so schmaler Arm lässt nichts um seine Klammer</translation>
  </message>
  <message>
   <source>so round a corner is more than the side</source>
   <translation>eine so runde Ecke ist mehr als die Seite</translation>
  </message>
  <message>
   <source>so round a corner leaves no edge</source>
   <translation>eine so runde Ecke lässt keine Kante</translation>
  </message>
  <message>
   <source>so shallow a cabinet has no room for a plinth</source>
   <translation>ein so flacher Schrank hat keinen Platz für einen Sockel</translation>
  </message>
  <message>
   <source>so shallow a cabinet has no room for a shelf behind its doors</source>
   <translation>ein so flacher Schrank hat hinter den Türen keinen Platz für einen Boden</translation>
  </message>
  <message>
   <source>so shallow a lid falls off</source>
   <translation>ein so flacher Deckel fällt herunter</translation>
  </message>
  <message>
   <source>so shallow a pocket holds nothing</source>
   <translation>eine so flache Tasche hält nichts</translation>
  </message>
  <message>
   <source>so shallow a shelf has no room for a tongue behind the doors</source>
   <translation>ein so flaches Fach hat hinter den Türen keinen Platz für einen Zapfen</translation>
  </message>
  <message>
   <source>so short a flag has no tail</source>
   <translation>eine so kurze Fahne hat keinen Schwanz</translation>
  </message>
  <message>
   <source>so short a thread cannot be tied</source>
   <translation>ein so kurzer Faden lässt sich nicht knoten</translation>
  </message>
  <message>
   <source>so short an arm is no arm</source>
   <translation>ein so kurzer Arm ist kein Arm</translation>
  </message>
  <message>
   <source>so short, the {guest} would touch the {panel}</source>
   <translation>so kurz würde {guest} an {panel} stoßen</translation>
  </message>
  <message>
   <source>so small a back takes no lining</source>
   <translation>eine so kleine Lehne nimmt kein Futter</translation>
  </message>
  <message>
   <source>so small a base has no foot</source>
   <translation>ein so kleiner Boden hat keinen Fuß</translation>
  </message>
  <message>
   <source>so small a board backs nothing</source>
   <translation>eine so kleine Platte trägt nichts</translation>
  </message>
  <message>
   <source>so small a cone cannot be rolled</source>
   <translation>ein so kleiner Kegel lässt sich nicht rollen</translation>
  </message>
  <message>
   <source>so small a corner is not worth cutting</source>
   <translation>eine so kleine Ecke lohnt das Schneiden nicht</translation>
  </message>
  <message>
   <source>so small a disc cannot be cut</source>
   <translation>eine so kleine Scheibe lässt sich nicht schneiden</translation>
  </message>
  <message>
   <source>so small a folder has no room for eyelets</source>
   <translation>eine so kleine Mappe hat keinen Platz für Ösen</translation>
  </message>
  <message>
   <source>so small a seat does not cover its column</source>
   <translation>ein so kleiner Sitz deckt seine Säule nicht</translation>
  </message>
  <message>
   <source>so small a tag needs no pocket</source>
   <translation>ein so kleiner Anhänger braucht keine Tasche</translation>
  </message>
  <message>
   <source>so small a tongue tears off</source>
   <translation>eine so kleine Zunge reißt ab</translation>
  </message>
  <message>
   <source>so small an opening cannot be rolled</source>
   <translation>eine so kleine Öffnung lässt sich nicht rollen</translation>
  </message>
  <message>
   <source>so thin a stick is none</source>
   <translation>ein so dünner Stab ist keiner</translation>
  </message>
  <message>
   <source>so wide a border leaves a side of the overlay no length</source>
   <translation>ein so breiter Rand lässt einer Seite der Auflage keine Länge</translation>
  </message>
  <message>
   <source>so wide a border leaves nothing of the last layer</source>
   <translation>ein so breiter Rand lässt nichts von der letzten Lage</translation>
  </message>
  <message>
   <source>so wide a border leaves nothing of the overlay beside an opening</source>
   <translation>ein so breiter Rand lässt neben einer Öffnung nichts von der Auflage</translation>
  </message>
  <message>
   <source>so wide a border leaves nothing of the paper</source>
   <translation>ein so breiter Rand lässt nichts vom Papier</translation>
  </message>
  <message>
   <source>so wide a door strikes the posts as it opens</source>
   <translation>eine so breite Tür schlägt beim Öffnen an die Pfosten</translation>
  </message>
  <message>
   <source>so wide a frame leaves nothing of the door</source>
   <translation>ein so breiter Rahmen lässt nichts von der Tür</translation>
  </message>
  <message>
   <source>so wide a head is not so far round</source>
   <translation>ein so breiter Kopf hat nicht diesen Umfang</translation>
  </message>
  <message>
   <source>so wide a lap covers half the front</source>
   <translation>ein so breiter Überlapp bedeckt die halbe Vorderseite</translation>
  </message>
  <message>
   <source>so wide a neck leaves nothing of the board beside its slot</source>
   <translation>ein so breiter Hals lässt nichts von der Pappe neben dem Schlitz</translation>
  </message>
  <message>
   <source>so wide a notch leaves no edge</source>
   <translation>eine so breite Kerbe lässt keine Kante</translation>
  </message>
  <message>
   <source>so wide a ring leaves no middle</source>
   <translation>ein so breiter Ring lässt keine Mitte</translation>
  </message>
  <message>
   <source>so wide an edge does not lie within the walls</source>
   <translation>ein so breiter Einschlag liegt nicht in den Wänden</translation>
  </message>
  <message>
   <source>so wide an edge meets the one opposite</source>
   <translation>ein so breiter Einschlag trifft den gegenüber</translation>
  </message>
  <message>
   <source>soap band</source>
   <translation>Seifenbanderole</translation>
  </message>
  <message>
   <source>soap box</source>
   <translation>Seifenschachtel</translation>
  </message>
  <message>
   <source>solid</source>
   <translation>Körper</translation>
  </message>
  <message>
   <source>solids</source>
   <translation>Körper</translation>
  </message>
  <message>
   <source>something went wrong in Mingei itself ({error})</source>
   <translation>etwas ging in Mingei selbst schief ({error})</translation>
  </message>
  <message>
   <source>something went wrong in Mingei itself ({kind})</source>
   <translation>in Mingei selbst ging etwas schief ({kind})</translation>
  </message>
  <message>
   <source>spacing</source>
   <translation>Abstand</translation>
  </message>
  <message>
   <source>sphere</source>
   <translation>Kugel</translation>
  </message>
  <message>
   <source>spine</source>
   <translation>Rücken</translation>
  </message>
  <message>
   <source>spine board</source>
   <translation>Rückenpappe</translation>
  </message>
  <message>
   <source>spine paper</source>
   <translation>Rückenpapier</translation>
  </message>
  <message>
   <source>spine paper on wrap</source>
   <translation>Rückenpapier auf dem Bezug</translation>
  </message>
  <message>
   <source>spire</source>
   <translation>Turmspitze</translation>
  </message>
  <message>
   <source>spray adhesive</source>
   <translation>Sprühkleber</translation>
  </message>
  <message>
   <source>square card # cm</source>
   <translation>quadratische Karte # cm</translation>
  </message>
  <message>
   <source>square card 14 cm</source>
   <translation>quadratische Karte 14 cm</translation>
  </message>
  <message>
   <source>square envelope</source>
   <translation>quadratischer Umschlag</translation>
  </message>
  <message>
   <source>square, in the front slope; 0 for none</source>
   <translation>quadratisch, in der vorderen Fläche; 0 für keins</translation>
  </message>
  <message>
   <source>stack</source>
   <translation>Stapel</translation>
  </message>
  <message>
   <source>stair</source>
   <translation>Treppe</translation>
  </message>
  <message>
   <source>stair #</source>
   <translation>Treppe #</translation>
  </message>
  <message>
   <source>stair # layer #</source>
   <translation>Treppe # Lage #</translation>
  </message>
  <message>
   <source>stair # layer # on stair #</source>
   <translation>Treppe # Lage # auf Treppe #</translation>
  </message>
  <message>
   <source>stair # layer # on stair # layer #</source>
   <translation>Treppe # Lage # auf Treppe # Lage #</translation>
  </message>
  <message>
   <source>stair # tread #</source>
   <translation>Treppe # Stufe #</translation>
  </message>
  <message>
   <source>stairs</source>
   <translation>Treppe</translation>
  </message>
  <message>
   <source>stand</source>
   <translation>Stand</translation>
  </message>
  <message>
   <source>standee</source>
   <translation>Aufsteller</translation>
  </message>
  <message>
   <source>standing {width} by {deep}, {tall} high; folded flat {width} by {long}: draft its envelope for that</source>
   <translation>stehend {width} mal {deep}, {tall} hoch; flach gefaltet {width} mal {long}: entwerfen Sie ihren Umschlag dafür</translation>
  </message>
  <message>
   <source>stands</source>
   <translation>Stand</translation>
  </message>
  <message>
   <source>stands on</source>
   <translation>steht auf</translation>
  </message>
  <message>
   <source>stands out</source>
   <translation>steht außen</translation>
  </message>
  <message>
   <source>stands_out</source>
   <translation>stands_out</translation>
  </message>
  <message>
   <source>star</source>
   <translation>Stern</translation>
  </message>
  <message>
   <source>star lamp</source>
   <translation>Sternlampe</translation>
  </message>
  <message>
   <source>stayed</source>
   <translation>geblieben</translation>
  </message>
  <message>
   <source>step {name}</source>
   <translation>Schritt {name}</translation>
  </message>
  <message>
   <source>step {number}</source>
   <translation>Schritt {number}</translation>
  </message>
  <message>
   <source>step {number} comes before it: {why}</source>
   <translation>Schritt {number} kommt davor: {why}</translation>
  </message>
  <message>
   <source>step {step}</source>
   <translation>Schritt {step}</translation>
  </message>
  <message>
   <source>stepper</source>
   <translation>Stufenkarte</translation>
  </message>
  <message>
   <source>steps</source>
   <translation>Stufen</translation>
  </message>
  <message>
   <source>steps of one's own</source>
   <translation>eigene Schritte</translation>
  </message>
  <message>
   <source>stick</source>
   <translation>Stab</translation>
  </message>
  <message>
   <source>sticks</source>
   <translation>Stäbe</translation>
  </message>
  <message>
   <source>sticky pad</source>
   <translation>Klebepad</translation>
  </message>
  <message>
   <source>stiffening</source>
   <translation>Versteifung</translation>
  </message>
  <message>
   <source>stock</source>
   <translation>Material</translation>
  </message>
  <message>
   <source>stock box</source>
   <translation>Vorratskasten</translation>
  </message>
  <message>
   <source>stock to {name}</source>
   <translation>Material auf {name}</translation>
  </message>
  <message>
   <source>stock {stock_id!r}</source>
   <translation>Material {stock_id!r}</translation>
  </message>
  <message>
   <source>stock {stock}</source>
   <translation>Material {stock}</translation>
  </message>
  <message>
   <source>stool</source>
   <translation>Hocker</translation>
  </message>
  <message>
   <source>stop</source>
   <translation>Anschlag</translation>
  </message>
  <message>
   <source>storeys</source>
   <translation>Geschosse</translation>
  </message>
  <message>
   <source>straight</source>
   <translation>gerade</translation>
  </message>
  <message>
   <source>straight through: it parts the pieces</source>
   <translation>gerade durch: Er trennt die Teile</translation>
  </message>
  <message>
   <source>straight through: {length:.0f} mm of outline lie along it</source>
   <translation>gerade durch: {length:.0f} mm Umriss liegen daran</translation>
  </message>
  <message>
   <source>strap</source>
   <translation>Griff</translation>
  </message>
  <message>
   <source>straps</source>
   <translation>Griffe</translation>
  </message>
  <message>
   <source>straps there leave too little card beside their holes</source>
   <translation>Griffe dort lassen neben ihren Löchern zu wenig Karton</translation>
  </message>
  <message>
   <source>straps through slots</source>
   <translation>Bänder durch Schlitze</translation>
  </message>
  <message>
   <source>strip</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <source>strip #</source>
   <translation>Streifen #</translation>
  </message>
  <message>
   <source>strip {number}</source>
   <translation>Streifen {number}</translation>
  </message>
  <message>
   <source>strips</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <source>stroke {spans}</source>
   <translation>Strich {spans}</translation>
  </message>
  <message>
   <source>strokes {spans} and {last}</source>
   <translation>Striche {spans} und {last}</translation>
  </message>
  <message>
   <source>struts</source>
   <translation>Streben</translation>
  </message>
  <message>
   <source>swallow-tailed</source>
   <translation>Schwalbenschwanz</translation>
  </message>
  <message>
   <source>sweet</source>
   <translation>Süßigkeit</translation>
  </message>
  <message>
   <source>sweets bag</source>
   <translation>Bonbonbeutel</translation>
  </message>
  <message>
   <source>swing</source>
   <translation>Ausschwung</translation>
  </message>
  <message>
   <source>swing it out 8° more than the front leans, or further</source>
   <translation>schwingen Sie es 8° weiter aus, als die Vorderseite lehnt, oder mehr</translation>
  </message>
  <message>
   <source>swing ticket</source>
   <translation>Hängeetikett</translation>
  </message>
  <message>
   <source>swivel chair</source>
   <translation>Drehstuhl</translation>
  </message>
  <message>
   <source>tab</source>
   <translation>Lasche</translation>
  </message>
  <message>
   <source>tab and strap</source>
   <translation>Lasche und Gegenlasche</translation>
  </message>
  <message>
   <source>table figure</source>
   <translation>Tischfigur</translation>
  </message>
  <message>
   <source>table number</source>
   <translation>Tischnummer</translation>
  </message>
  <message>
   <source>tag</source>
   <translation>Anhänger</translation>
  </message>
  <message>
   <source>tag height</source>
   <translation>Höhe des Anhängers</translation>
  </message>
  <message>
   <source>tag only</source>
   <translation>nur der Anhänger</translation>
  </message>
  <message>
   <source>tag width</source>
   <translation>Breite des Anhängers</translation>
  </message>
  <message>
   <source>tag_height</source>
   <translation>Höhe des Anhängers</translation>
  </message>
  <message>
   <source>take a box</source>
   <translation>nehmen Sie eine Schachtel</translation>
  </message>
  <message>
   <source>take a larger sheet, cut the piece across, or cut by hand</source>
   <translation>nimm einen größeren Bogen, teile das Stück quer, oder schneide von Hand</translation>
  </message>
  <message>
   <source>take a thicker one, or 0 for none</source>
   <translation>nehmen Sie einen dickeren, oder 0 für keinen</translation>
  </message>
  <message>
   <source>take a thinner one</source>
   <translation>nimm einen dünneren</translation>
  </message>
  <message>
   <source>take an envelope with side seams</source>
   <translation>nehmen Sie einen Umschlag mit Seitennähten</translation>
  </message>
  <message>
   <source>take an outline from a drawing</source>
   <translation>einen Umriss aus einer Zeichnung nehmen</translation>
  </message>
  <message>
   <source>take fewer bars, or larger windows</source>
   <translation>nimm weniger Sprossen oder größere Fenster</translation>
  </message>
  <message>
   <source>take fewer or smaller ones</source>
   <translation>nimm weniger oder kleinere</translation>
  </message>
  <message>
   <source>take fewer, or make it larger</source>
   <translation>nehmen Sie weniger, oder machen Sie ihn größer</translation>
  </message>
  <message>
   <source>take fewer, or make it {least} or more</source>
   <translation>weniger nehmen, oder {least} oder mehr</translation>
  </message>
  <message>
   <source>take fewer, or narrower ones</source>
   <translation>nimm weniger oder schmalere</translation>
  </message>
  <message>
   <source>take it off the thing, or put a picture there</source>
   <translation>nehmen Sie es vom Ding ab, oder legen Sie ein Bild dorthin</translation>
  </message>
  <message>
   <source>take off {name}</source>
   <translation>{name} abnehmen</translation>
  </message>
  <message>
   <source>take one from a drawing, or choose one from the library</source>
   <translation>nehmen Sie einen aus einer Zeichnung, oder wählen Sie einen aus der Sammlung</translation>
  </message>
  <message>
   <source>take one of them out first</source>
   <translation>nehmen Sie erst eines davon heraus</translation>
  </message>
  <message>
   <source>take one under 60 MB</source>
   <translation>nimm eines unter 60 MB</translation>
  </message>
  <message>
   <source>take out a join across the {piece}</source>
   <translation>eine Fuge quer durch {piece} herausnehmen</translation>
  </message>
  <message>
   <source>take out the step {name}</source>
   <translation>den Schritt {name} herausnehmen</translation>
  </message>
  <message>
   <source>take pins of {most} at the most, or thicker board</source>
   <translation>Stifte von höchstens {most} nehmen oder dickere Pappe</translation>
  </message>
  <message>
   <source>take stock up to {most:g} mm, or cut it by hand</source>
   <translation>nimm Material bis {most:g} mm, oder schneide von Hand</translation>
  </message>
  <message>
   <source>take the id out of one of them</source>
   <translation>nehmen Sie die id aus einem davon</translation>
  </message>
  <message>
   <source>take the joint away</source>
   <translation>die Verbindung lösen</translation>
  </message>
  <message>
   <source>take the photos out, and add them anew</source>
   <translation>nehmen Sie die Fotos heraus, und fügen Sie sie neu hinzu</translation>
  </message>
  <message>
   <source>take the plan's own order</source>
   <translation>die Reihenfolge des Plans nehmen</translation>
  </message>
  <message>
   <source>take thinner sticks, fewer sides or a narrower column</source>
   <translation>nehmen Sie dünnere Stäbe, weniger Seiten oder eine schmalere Säule</translation>
  </message>
  <message>
   <source>take thinner stock, or tape it there</source>
   <translation>nehmen Sie dünneres Material, oder halten Sie es dort mit Band</translation>
  </message>
  <message>
   <source>take {count} layers</source>
   <translation>{count} Lagen nehmen</translation>
  </message>
  <message>
   <source>take {name} off</source>
   <translation>{name} abnehmen</translation>
  </message>
  <message>
   <source>take {stock}</source>
   <translation>{stock} nehmen</translation>
  </message>
  <message>
   <source>takes some practice</source>
   <translation>braucht etwas Übung</translation>
  </message>
  <message>
   <source>tall</source>
   <translation>hoch</translation>
  </message>
  <message>
   <source>tape</source>
   <translation>Band</translation>
  </message>
  <message>
   <source>tape does not follow a curve</source>
   <translation>Band folgt keiner Rundung</translation>
  </message>
  <message>
   <source>tape outside</source>
   <translation>Band außen</translation>
  </message>
  <message>
   <source>tape the {seam}</source>
   <translation>{seam} mit Band halten</translation>
  </message>
  <message>
   <source>tapered box</source>
   <translation>konische Schachtel</translation>
  </message>
  <message>
   <source>tea bag</source>
   <translation>Teebeutel</translation>
  </message>
  <message>
   <source>teeth only</source>
   <translation>nur Zähne</translation>
  </message>
  <message>
   <source>teeth stand where the curve needs them</source>
   <translation>Zähne stehen, wo die Rundung sie braucht</translation>
  </message>
  <message>
   <source>telescoping</source>
   <translation>Stülpdeckel</translation>
  </message>
  <message>
   <source>template block</source>
   <translation>Schablonenblock</translation>
  </message>
  <message>
   <source>tent</source>
   <translation>Zelt</translation>
  </message>
  <message>
   <source>tepee</source>
   <translation>Zelt</translation>
  </message>
  <message>
   <source>test strip</source>
   <translation>Probestreifen</translation>
  </message>
  <message>
   <source>tetrahedron</source>
   <translation>Tetraeder</translation>
  </message>
  <message>
   <source>that divides by zero</source>
   <translation>das teilt durch null</translation>
  </message>
  <message>
   <source>that gives no length</source>
   <translation>das gibt keine Länge</translation>
  </message>
  <message>
   <source>that holds no card</source>
   <translation>das hält keinen Karton</translation>
  </message>
  <message>
   <source>that is a ratio of two lengths, not a length</source>
   <translation>das ist ein Verhältnis zweier Längen, keine Länge</translation>
  </message>
  <message>
   <source>that is no photo ({reason})</source>
   <translation>das ist kein Foto ({reason})</translation>
  </message>
  <message>
   <source>that is no way to hold a seam</source>
   <translation>so lässt sich keine Naht halten</translation>
  </message>
  <message>
   <source>that is not a finite length</source>
   <translation>das ist keine endliche Länge</translation>
  </message>
  <message>
   <source>the arm would come down on the slide</source>
   <translation>der Arm käme auf den Schieber herab</translation>
  </message>
  <message>
   <source>the back lies too far from the front</source>
   <translation>die Rückseite liegt zu weit von der Vorderseite</translation>
  </message>
  <message>
   <source>the back, turned over</source>
   <translation>die Rückseite, gewendet</translation>
  </message>
  <message>
   <source>the back, turned over sideways</source>
   <translation>die Rückseite, seitlich gewendet</translation>
  </message>
  <message>
   <source>the bands would lap over each other by half</source>
   <translation>die Ringe lägen halb übereinander</translation>
  </message>
  <message>
   <source>the block is smaller than the inside by this</source>
   <translation>um so viel ist der Block kleiner als das Innere</translation>
  </message>
  <message>
   <source>the boards are thicker than the gap beside the spine: they cannot be bent up</source>
   <translation>die Pappen sind dicker als der Spalt neben dem Rücken: sie lassen sich nicht hochbiegen</translation>
  </message>
  <message>
   <source>the body, brought in from a file</source>
   <translation>der Körper, aus einer Datei eingelesen</translation>
  </message>
  <message>
   <source>the catalogue of stocks, and your own</source>
   <translation>der Katalog der Materialien, und Ihre eigenen</translation>
  </message>
  <message>
   <source>the clear height of a shelf</source>
   <translation>die lichte Höhe eines Fachs</translation>
  </message>
  <message>
   <source>the clear space is {got} instead of {want}</source>
   <translation>der freie Raum ist {got} statt {want}</translation>
  </message>
  <message>
   <source>the collar has no wall round the column</source>
   <translation>die Muffe hat keine Wand um die Säule</translation>
  </message>
  <message>
   <source>the column has no wall round its stick</source>
   <translation>die Säule hat keine Wand um ihren Stab</translation>
  </message>
  <message>
   <source>the column's slots would reach the deck's edge</source>
   <translation>die Schlitze der Säule reichten an den Rand des Bodens</translation>
  </message>
  <message>
   <source>the cut stops at ({end:.3f}, {end2:.3f})</source>
   <translation>der Schnitt endet bei ({end:.3f}, {end2:.3f})</translation>
  </message>
  <message>
   <source>the drawing defines entities of its own, which are not followed</source>
   <translation>die Zeichnung bestimmt eigene Entitäten, denen nicht gefolgt wird</translation>
  </message>
  <message>
   <source>the drawing has more than {most} corners</source>
   <translation>die Zeichnung hat mehr als {most} Ecken</translation>
  </message>
  <message>
   <source>the drawing has no size</source>
   <translation>die Zeichnung hat keine Größe</translation>
  </message>
  <message>
   <source>the drawing holds no closed path</source>
   <translation>die Zeichnung enthält keinen geschlossenen Zug</translation>
  </message>
  <message>
   <source>the drawing holds no filled or drawn path</source>
   <translation>die Zeichnung enthält keinen gefüllten oder gezogenen Zug</translation>
  </message>
  <message>
   <source>the drawing is enlarged, and so are its creases and tabs</source>
   <translation>die Zeichnung ist vergrößert, und so sind es ihre Falze und Laschen</translation>
  </message>
  <message>
   <source>the drawing is packed, and broken</source>
   <translation>die Zeichnung ist gepackt und kaputt</translation>
  </message>
  <message>
   <source>the drawing of the {name} is enlarged: what joins it would grow with that</source>
   <translation>die Zeichnung von {name} ist vergrößert: was es verbindet, wüchse mit</translation>
  </message>
  <message>
   <source>the edge of the frame runs through the hole of the knob</source>
   <translation>die Kante des Rahmens läuft durch das Loch des Knopfs</translation>
  </message>
  <message>
   <source>the facet there takes a hole of {most} at the most</source>
   <translation>die Facette dort fasst höchstens ein Loch von {most}</translation>
  </message>
  <message>
   <source>the fastener's legs cannot be reached once it is closed</source>
   <translation>die Beine der Klammer sind nicht mehr erreichbar, wenn es geschlossen ist</translation>
  </message>
  <message>
   <source>the figure comes in {count} parts</source>
   <translation>die Figur besteht aus {count} Teilen</translation>
  </message>
  <message>
   <source>the figure is too ragged to be cut out</source>
   <translation>die Figur ist zu zerrissen zum Ausschneiden</translation>
  </message>
  <message>
   <source>the file</source>
   <translation>die Datei</translation>
  </message>
  <message>
   <source>the file holds something that is no project</source>
   <translation>die Datei enthält etwas, das kein Projekt ist</translation>
  </message>
  <message>
   <source>the file is broken or cut short</source>
   <translation>die Datei ist kaputt oder abgeschnitten</translation>
  </message>
  <message>
   <source>the file is larger than {mb:g} MB</source>
   <translation>die Datei ist größer als {mb:g} MB</translation>
  </message>
  <message>
   <source>the file is too large for artwork</source>
   <translation>die Datei ist zu groß für ein Druckbild</translation>
  </message>
  <message>
   <source>the first</source>
   <translation>der erste</translation>
  </message>
  <message>
   <source>the flat is {wide} x {high} and {sheet} leaves {room_wide} x {room_high}</source>
   <translation>das Flache ist {wide} x {high}, und {sheet} lässt {room_wide} x {room_high}</translation>
  </message>
  <message>
   <source>the font {family} is not installed here</source>
   <translation>die Schrift {family} ist hier nicht eingerichtet</translation>
  </message>
  <message>
   <source>the foot of the {guest} would come through the slot</source>
   <translation>der Fuß von {guest} ginge durch den Schlitz</translation>
  </message>
  <message>
   <source>the gaps between its strips are what the floors slide into: lay it up with a scrap of the floor between, and cut the windows before</source>
   <translation>in die Lücken zwischen ihren Streifen werden die Böden geschoben: leg sie mit einem Rest des Bodens dazwischen auf, und schneid die Fenster vorher</translation>
  </message>
  <message>
   <source>the group of the {piece}</source>
   <translation>die Gruppe von {piece}</translation>
  </message>
  <message>
   <source>the gum leaves the liner's flap no room</source>
   <translation>die Gummierung lässt der Klappe des Futters keinen Platz</translation>
  </message>
  <message>
   <source>the head, open behind, brought in from a file</source>
   <translation>der Kopf, hinten offen, aus einer Datei geholt</translation>
  </message>
  <message>
   <source>the job has a {kind}, which is not read</source>
   <translation>der Auftrag hat ein {kind}, was nicht gelesen wird</translation>
  </message>
  <message>
   <source>the job is broken, or cut short</source>
   <translation>der Auftrag ist beschädigt oder abgeschnitten</translation>
  </message>
  <message>
   <source>the job is cut short: it does not put its tool away</source>
   <translation>der Auftrag ist abgeschnitten: er legt sein Werkzeug nicht weg</translation>
  </message>
  <message>
   <source>the job is cut short: it ends amid a word</source>
   <translation>der Auftrag ist abgeschnitten: er endet mitten in einem Wort</translation>
  </message>
  <message>
   <source>the job is cut short: it has no end (EOF)</source>
   <translation>der Auftrag ist abgeschnitten: er hat kein Ende (EOF)</translation>
  </message>
  <message>
   <source>the job is cut short: it has no end (M2)</source>
   <translation>der Auftrag ist abgeschnitten: er hat kein Ende (M2)</translation>
  </message>
  <message>
   <source>the job is no text</source>
   <translation>der Auftrag ist kein Text</translation>
  </message>
  <message>
   <source>the job is not in mm ($INSUNITS)</source>
   <translation>der Auftrag ist nicht in mm ($INSUNITS)</translation>
  </message>
  <message>
   <source>the job makes nothing</source>
   <translation>der Auftrag macht nichts</translation>
  </message>
  <message>
   <source>the job moves or turns its drawing (transform), which is not read</source>
   <translation>der Auftrag verschiebt oder dreht seine Zeichnung (transform), was nicht gelesen wird</translation>
  </message>
  <message>
   <source>the job's drawing is not in mm</source>
   <translation>die Zeichnung des Auftrags ist nicht in mm</translation>
  </message>
  <message>
   <source>the job's word {name} is not read{why}</source>
   <translation>das Wort {name} des Auftrags wird nicht gelesen{why}</translation>
  </message>
  <message>
   <source>the lap goes half round an opening</source>
   <translation>der Überlapp geht halb um eine Öffnung</translation>
  </message>
  <message>
   <source>the last</source>
   <translation>der letzte</translation>
  </message>
  <message>
   <source>the last number has no unit</source>
   <translation>die letzte Zahl hat keine Einheit</translation>
  </message>
  <message>
   <source>the lid is deeper than the box is high, and would not come down to the rim</source>
   <translation>der Deckel ist tiefer, als die Schachtel hoch ist, und käme nicht bis an den Rand</translation>
  </message>
  <message>
   <source>the lid would come down past the base</source>
   <translation>der Deckel käme tiefer als der Boden</translation>
  </message>
  <message>
   <source>the line lies beside the piece</source>
   <translation>die Linie liegt neben dem Stück</translation>
  </message>
  <message>
   <source>the lining covers the hem</source>
   <translation>das Futter deckt den Saum</translation>
  </message>
  <message>
   <source>the linings cover what is turned in</source>
   <translation>die Spiegel decken, was eingeschlagen ist</translation>
  </message>
  <message>
   <source>the linings would not cover the edges turned in</source>
   <translation>die Spiegel würden die Einschläge nicht decken</translation>
  </message>
  <message>
   <source>the logbook cannot be used ({reason})</source>
   <translation>das Logbuch lässt sich nicht benutzen ({reason})</translation>
  </message>
  <message>
   <source>the logbook: what was made, and what it teaches</source>
   <translation>das Logbuch: was gebaut wurde, und was es lehrt</translation>
  </message>
  <message>
   <source>the lower left corner of the sheet</source>
   <translation>die untere linke Ecke des Bogens</translation>
  </message>
  <message>
   <source>the machines a job can be written for, your own among them</source>
   <translation>die Maschinen, für die ein Auftrag geschrieben werden kann, die eigenen darunter</translation>
  </message>
  <message>
   <source>the make sheet: what is needed, and every step with its picture</source>
   <translation>die Bauanleitung: was gebraucht wird, und jeder Schritt mit seinem Bild</translation>
  </message>
  <message>
   <source>the middle</source>
   <translation>die Mitte</translation>
  </message>
  <message>
   <source>the middle of the mark in the lower left corner of the sheet</source>
   <translation>die Mitte der Marke in der unteren linken Ecke des Bogens</translation>
  </message>
  <message>
   <source>the middles of its eye holes are {apart} apart</source>
   <translation>die Mitten ihrer Augenlöcher liegen {apart} auseinander</translation>
  </message>
  <message>
   <source>the motif does not hang free in the middle</source>
   <translation>das Motiv hängt nicht frei in der Mitte</translation>
  </message>
  <message>
   <source>the name is longer than a file's can be</source>
   <translation>der Name ist länger, als der einer Datei sein kann</translation>
  </message>
  <message>
   <source>the name of what it takes is too long</source>
   <translation>der Name dessen, was er braucht, ist zu lang</translation>
  </message>
  <message>
   <source>the names are: {known}</source>
   <translation>die Namen sind: {known}</translation>
  </message>
  <message>
   <source>the names are: {names}</source>
   <translation>die Namen sind: {names}</translation>
  </message>
  <message>
   <source>the opening under so small a disc cannot be rolled</source>
   <translation>die Öffnung unter einer so kleinen Scheibe lässt sich nicht rollen</translation>
  </message>
  <message>
   <source>the outline crosses itself</source>
   <translation>der Umriss kreuzt sich selbst</translation>
  </message>
  <message>
   <source>the outline crosses itself near {spot}</source>
   <translation>der Umriss kreuzt sich bei {spot}</translation>
  </message>
  <message>
   <source>the outline encloses nothing</source>
   <translation>der Umriss umschließt nichts</translation>
  </message>
  <message>
   <source>the outline has more than {most} corners</source>
   <translation>der Umriss hat mehr als {most} Ecken</translation>
  </message>
  <message>
   <source>the outline is nowhere so high</source>
   <translation>der Umriss ist nirgends so hoch</translation>
  </message>
  <message>
   <source>the outline must run counter-clockwise</source>
   <translation>der Umriss muss gegen den Uhrzeiger laufen</translation>
  </message>
  <message>
   <source>the outline of the {name}</source>
   <translation>der Umriss von {name}</translation>
  </message>
  <message>
   <source>the outline reaches past its fold more than once</source>
   <translation>der Umriss reicht mehr als einmal über seinen Falz</translation>
  </message>
  <message>
   <source>the overlap of tiles</source>
   <translation>die Überlappung der Kacheln</translation>
  </message>
  <message>
   <source>the pack a designer hands out: sheets on A4 and Letter, drawings, make sheet, pictures, terms</source>
   <translation>das Paket, das ein Entwerfer weitergibt: Bogen auf A4 und Letter, Zeichnungen, Bauanleitung, Bilder, Bedingungen</translation>
  </message>
  <message>
   <source>the pack is broken or cut short ({reason})</source>
   <translation>das Paket ist kaputt oder abgeschnitten ({reason})</translation>
  </message>
  <message>
   <source>the photo is too large</source>
   <translation>das Foto ist zu groß</translation>
  </message>
  <message>
   <source>the picture goes round a model of facets, and this thing has no places for it</source>
   <translation>das Bild läuft um ein Modell aus Facetten, und dieses Ding hat keinen Platz dafür</translation>
  </message>
  <message>
   <source>the picture is broken or cut short ({error})</source>
   <translation>das Bild ist kaputt oder abgeschnitten ({error})</translation>
  </message>
  <message>
   <source>the picture is broken or cut short: its file is far too small</source>
   <translation>das Bild ist kaputt oder abgeschnitten: seine Datei ist viel zu klein</translation>
  </message>
  <message>
   <source>the picture is broken, or far too large</source>
   <translation>das Bild ist kaputt oder viel zu groß</translation>
  </message>
  <message>
   <source>the picture was changed since it was taken in</source>
   <translation>das Bild wurde geändert, seit es aufgenommen wurde</translation>
  </message>
  <message>
   <source>the plan</source>
   <translation>der Plan</translation>
  </message>
  <message>
   <source>the plinth's lower edge</source>
   <translation>die untere Kante des Sockels</translation>
  </message>
  <message>
   <source>the printed face</source>
   <translation>die bedruckte Seite</translation>
  </message>
  <message>
   <source>the printer</source>
   <translation>der Drucker</translation>
  </message>
  <message>
   <source>the printer does not take it</source>
   <translation>der Drucker nimmt es nicht an</translation>
  </message>
  <message>
   <source>the printer stopped taking pages</source>
   <translation>der Drucker nahm keine Seiten mehr an</translation>
  </message>
  <message>
   <source>the project itself, to change it</source>
   <translation>das Projekt selbst, um es zu ändern</translation>
  </message>
  <message>
   <source>the readings give a thickness of {caliper:.2f} mm and a gain of {gain:.2f} mm</source>
   <translation>die Ablesungen ergeben eine Dicke von {caliper:.2f} mm und eine Zugabe von {gain:.2f} mm</translation>
  </message>
  <message>
   <source>the reason is in {log}</source>
   <translation>der Grund steht in {log}</translation>
  </message>
  <message>
   <source>the ring is closed before the second face</source>
   <translation>der Ring wird vor der zweiten Fläche geschlossen</translation>
  </message>
  <message>
   <source>the rolled wall holds it between its two layers</source>
   <translation>die gerollte Wand hält sie zwischen ihren zwei Schichten</translation>
  </message>
  <message>
   <source>the roof comes down before the front, which could not be lifted off</source>
   <translation>das Dach reicht vor der Front herab, die sich nicht abnehmen ließe</translation>
  </message>
  <message>
   <source>the roof comes down too low over so deep a porch</source>
   <translation>das Dach reicht über einem so tiefen Vordach zu weit herab</translation>
  </message>
  <message>
   <source>the roof has no room for such a skylight, or its panes are too small</source>
   <translation>das Dach hat keinen Platz für so ein Dachfenster, oder seine Scheiben sind zu klein</translation>
  </message>
  <message>
   <source>the room is too shallow for its stairs</source>
   <translation>der Raum ist zu flach für seine Treppen</translation>
  </message>
  <message>
   <source>the room is too short for the stair and a landing at each end</source>
   <translation>der Raum ist zu kurz für die Treppe und einen Absatz an jedem Ende</translation>
  </message>
  <message>
   <source>the room over a stair</source>
   <translation>die Höhe über einer Treppe</translation>
  </message>
  <message>
   <source>the same for a browser</source>
   <translation>dasselbe für den Browser</translation>
  </message>
  <message>
   <source>the seat's</source>
   <translation>des Sitzes</translation>
  </message>
  <message>
   <source>the sheet</source>
   <translation>der Bogen</translation>
  </message>
  <message>
   <source>the slide would run under the arm</source>
   <translation>der Schieber liefe unter den Arm</translation>
  </message>
  <message>
   <source>the smallest sheet that gives one is {smallest}</source>
   <translation>der kleinste Bogen, der einen gibt, ist {smallest}</translation>
  </message>
  <message>
   <source>the stick is cut so long; 0 for none</source>
   <translation>so lang wird der Stab geschnitten; 0 für keinen</translation>
  </message>
  <message>
   <source>the stick is shorter than its flag is high</source>
   <translation>der Stab ist kürzer, als seine Fahne hoch ist</translation>
  </message>
  <message>
   <source>the strip goes tooth by tooth round the first face, and its ends meet last</source>
   <translation>der Streifen geht Zahn um Zahn um die erste Fläche, und seine Enden treffen sich zuletzt</translation>
  </message>
  <message>
   <source>the sum is nested too deeply</source>
   <translation>die Summe ist zu tief verschachtelt</translation>
  </message>
  <message>
   <source>the sum stops too early</source>
   <translation>die Summe endet zu früh</translation>
  </message>
  <message>
   <source>the teeth of two walls would meet</source>
   <translation>die Zähne zweier Wände träfen sich</translation>
  </message>
  <message>
   <source>the teeth would show past so narrow a ring</source>
   <translation>die Zähne zeigten sich hinter einem so schmalen Ring</translation>
  </message>
  <message>
   <source>the thing it is joined to is gone</source>
   <translation>das Ding, mit dem es verbunden ist, ist fort</translation>
  </message>
  <message>
   <source>the title</source>
   <translation>der Titel</translation>
  </message>
  <message>
   <source>the tools are: {names}</source>
   <translation>die Werkzeuge sind: {names}</translation>
  </message>
  <message>
   <source>the two sides of a fold differ in length</source>
   <translation>die zwei Seiten eines Falzes sind verschieden lang</translation>
  </message>
  <message>
   <source>the two sides of a fold do not meet</source>
   <translation>die zwei Seiten eines Falzes treffen sich nicht</translation>
  </message>
  <message>
   <source>the unit</source>
   <translation>die Einheit</translation>
  </message>
  <message>
   <source>the unit {unit!r} is not known</source>
   <translation>die Einheit {unit!r} ist nicht bekannt</translation>
  </message>
  <message>
   <source>the whole needs {wanted} of it, and {made} are made</source>
   <translation>das Ganze braucht {wanted} davon, gemacht werden {made}</translation>
  </message>
  <message>
   <source>the whole thing is taped</source>
   <translation>das Ganze wird mit Klebeband gehalten</translation>
  </message>
  <message>
   <source>the wings of so narrow a gate cannot be taken hold of</source>
   <translation>die Flügel eines so schmalen Tors lassen sich nicht fassen</translation>
  </message>
  <message>
   <source>the work ended by itself</source>
   <translation>die Arbeit brach von selbst ab</translation>
  </message>
  <message>
   <source>the {a} of the {one} and the {b} of the {other} stand in each other</source>
   <translation>{a} von {one} und {b} von {other} stehen ineinander</translation>
  </message>
  <message>
   <source>the {first} to {last}</source>
   <translation>{first} bis {last}</translation>
  </message>
  <message>
   <source>the {guest} comes too near to the edge of the {panel}</source>
   <translation>{guest} kommt dem Rand von {panel} zu nah</translation>
  </message>
  <message>
   <source>the {guest} does not come to the {panel} any more when it is joined</source>
   <translation>{guest} kommt nicht mehr an {panel}, wenn es angesetzt wird</translation>
  </message>
  <message>
   <source>the {guest} does not go into the opening that is there</source>
   <translation>{guest} geht nicht in die Öffnung, die da ist</translation>
  </message>
  <message>
   <source>the {guest} does not touch what it should sit on</source>
   <translation>{guest} berührt nicht, worauf es sitzen soll</translation>
  </message>
  <message>
   <source>the {guest} has no foot to hold it behind a slot</source>
   <translation>{guest} hat keinen Fuß, der es hinter einem Schlitz hält</translation>
  </message>
  <message>
   <source>the {guest} has no level panel beneath for a hinge</source>
   <translation>{guest} hat unten keine waagrechte Fläche für ein Scharnier</translation>
  </message>
  <message>
   <source>the {guest} stands on a point: there is nothing to hinge</source>
   <translation>{guest} steht auf einer Spitze: da gibt es nichts zu klappen</translation>
  </message>
  <message>
   <source>the {host} has no panel {panel!r} any more</source>
   <translation>{host} hat keine Fläche {panel!r} mehr</translation>
  </message>
  <message>
   <source>the {names} already lie under the {host}</source>
   <translation>{names} liegen schon unter {host}</translation>
  </message>
  <message>
   <source>the {names} already lies under the {host}</source>
   <translation>{names} liegt schon unter {host}</translation>
  </message>
  <message>
   <source>the {name}</source>
   <translation>{name}</translation>
  </message>
  <message>
   <source>the {name} bar is not to be seen whole: margins are wider than set; write the printer's own</source>
   <translation>der Balken ({name}) ist nicht ganz zu sehen: die Ränder sind breiter als eingestellt; schreiben Sie den des Druckers</translation>
  </message>
  <message>
   <source>the {name} bar measures {mm}: write that under Printer, and the next print is corrected</source>
   <translation>der Balken ({name}) misst {mm}: schreiben Sie das unter Drucker, und der nächste Druck ist berichtigt</translation>
  </message>
  <message>
   <source>the {name} cannot be reached once it is closed</source>
   <translation>{name} ist nicht mehr erreichbar, wenn es geschlossen ist</translation>
  </message>
  <message>
   <source>the {name} is glued on {count} times</source>
   <translation>{name} wird {count}-mal aufgeklebt</translation>
  </message>
  <message>
   <source>the {name} is tiled over several sheets, and a machine cuts only whole pieces</source>
   <translation>{name} ist auf mehrere Bögen verteilt, und eine Maschine schneidet nur ganze Stücke</translation>
  </message>
  <message>
   <source>the {one} and the {other} hang together already, by another way round</source>
   <translation>{one} und {other} hängen schon auf einem anderen Weg zusammen</translation>
  </message>
  <message>
   <source>the {outer} slides over the {host}</source>
   <translation>{outer} gleitet über {host}</translation>
  </message>
  <message>
   <source>the {panel} bears another seam there</source>
   <translation>{panel} trägt dort eine andere Naht</translation>
  </message>
  <message>
   <source>the {panel} is folded there</source>
   <translation>{panel} ist dort gefaltet</translation>
  </message>
  <message>
   <source>the {panel} is never folded</source>
   <translation>{panel} wird nie gefaltet</translation>
  </message>
  <message>
   <source>the {panel} is too small for card {caliper:g} mm thick</source>
   <translation>{panel} ist zu klein für {caliper:g} mm dicken Karton</translation>
  </message>
  <message>
   <source>the {panel} is too small for the {guest}</source>
   <translation>{panel} ist zu klein für {guest}</translation>
  </message>
  <message>
   <source>the {panel} names no place {name!r}</source>
   <translation>{panel} nennt keinen Platz {name!r}</translation>
  </message>
  <message>
   <source>the {panel} of the {guest} has no room for a hole</source>
   <translation>{panel} von {guest} hat keinen Platz für ein Loch</translation>
  </message>
  <message>
   <source>the {panel} of the {guest} has no room to glue a hinge on</source>
   <translation>{panel} von {guest} hat keinen Platz, ein Scharnier anzukleben</translation>
  </message>
  <message>
   <source>the {panel} of the {guest} is not free to lie on anything</source>
   <translation>{panel} von {guest} ist nicht frei, auf etwas zu liegen</translation>
  </message>
  <message>
   <source>the {piece}</source>
   <translation>{piece}</translation>
  </message>
  <message>
   <source>the {piece} and the {other}</source>
   <translation>{piece} und {other}</translation>
  </message>
  <message>
   <source>the {piece} comes out up to {mm:.2f} mm off its drawing</source>
   <translation>{piece} gerät bis zu {mm:.2f} mm neben die Zeichnung</translation>
  </message>
  <message>
   <source>the {piece}, the {other} and {count} more</source>
   <translation>{piece}, {other} und {count} weitere</translation>
  </message>
  <message>
   <source>the {seam} is glued twice</source>
   <translation>{seam} wird zweimal geklebt</translation>
  </message>
  <message>
   <source>the {seam} is never glued</source>
   <translation>{seam} wird nie geklebt</translation>
  </message>
  <message>
   <source>the {tab} is folded first</source>
   <translation>{tab} wird zuerst gefaltet</translation>
  </message>
  <message>
   <source>the {tab} is glued before it is folded</source>
   <translation>{tab} wird geklebt, bevor sie gefaltet ist</translation>
  </message>
  <message>
   <source>there are {count} things</source>
   <translation>es gibt {count} Dinge</translation>
  </message>
  <message>
   <source>there are {count} things of that name</source>
   <translation>es gibt {count} Dinge dieses Namens</translation>
  </message>
  <message>
   <source>there are: {names}</source>
   <translation>es gibt: {names}</translation>
  </message>
  <message>
   <source>there is a file of that name already</source>
   <translation>eine Datei dieses Namens gibt es schon</translation>
  </message>
  <message>
   <source>there is no page {number}</source>
   <translation>es gibt keine Seite {number}</translation>
  </message>
  <message>
   <source>there is no room behind it for an easel</source>
   <translation>dahinter ist kein Platz für eine Staffelei</translation>
  </message>
  <message>
   <source>there is no room behind it for struts</source>
   <translation>dahinter ist kein Platz für Streben</translation>
  </message>
  <message>
   <source>there is no room for a strip to glue it by</source>
   <translation>für einen Klebestreifen ist kein Platz</translation>
  </message>
  <message>
   <source>there is no room for its second tab</source>
   <translation>für ihre zweite Lasche ist kein Platz</translation>
  </message>
  <message>
   <source>there is no room for the two flaps of a fin</source>
   <translation>für die zwei Klappen eines Stegs ist kein Platz</translation>
  </message>
  <message>
   <source>there is no room to glue a hinge behind the {panel}</source>
   <translation>hinter {panel} ist kein Platz, ein Scharnier anzukleben</translation>
  </message>
  <message>
   <source>there is no sheet {number}</source>
   <translation>es gibt keinen Bogen {number}</translation>
  </message>
  <message>
   <source>there is no such panel</source>
   <translation>eine solche Fläche gibt es nicht</translation>
  </message>
  <message>
   <source>there is no such piece now</source>
   <translation>ein solches Stück gibt es jetzt nicht</translation>
  </message>
  <message>
   <source>there is no {kind} {which!r}</source>
   <translation>es gibt kein {kind} {which!r}</translation>
  </message>
  <message>
   <source>there is no {name} in it</source>
   <translation>darin ist kein {name}</translation>
  </message>
  <message>
   <source>there is nothing to be read in these words</source>
   <translation>in diesen Wörtern ist nichts zu lesen</translation>
  </message>
  <message>
   <source>there is something else there already</source>
   <translation>dort liegt schon etwas anderes</translation>
  </message>
  <message>
   <source>there it would lie outside what the printer reaches</source>
   <translation>dort läge es außerhalb dessen, was der Drucker erreicht</translation>
  </message>
  <message>
   <source>these readings cannot tell thickness and crease gain apart</source>
   <translation>diese Ablesungen können Dicke und Falzzugabe nicht scheiden</translation>
  </message>
  <message>
   <source>these two facets do not meet</source>
   <translation>diese zwei Facetten treffen sich nicht</translation>
  </message>
  <message>
   <source>thick</source>
   <translation>Dicke</translation>
  </message>
  <message>
   <source>thick envelope</source>
   <translation>dicker Umschlag</translation>
  </message>
  <message>
   <source>thick shape</source>
   <translation>dicke Form</translation>
  </message>
  <message>
   <source>thickness must be more than nothing</source>
   <translation>eine Dicke muss mehr als nichts sein</translation>
  </message>
  <message>
   <source>third axis (z)</source>
   <translation>dritte Achse (z)</translation>
  </message>
  <message>
   <source>this construction is one piece</source>
   <translation>diese Bauform ist ein Stück</translation>
  </message>
  <message>
   <source>this does not grow with the thing</source>
   <translation>das wächst nicht mit dem Ding</translation>
  </message>
  <message>
   <source>this format holds one drawing and there are {drawings}</source>
   <translation>dieses Format fasst eine Zeichnung, und es sind {drawings}</translation>
  </message>
  <message>
   <source>this is a fault of the recipe: please report it with the project file</source>
   <translation>das ist ein Fehler der Bauform: bitte melden Sie ihn mit der Projektdatei</translation>
  </message>
  <message>
   <source>this is a folder, a pipe or a device, not a file</source>
   <translation>das ist ein Ordner, eine Leitung oder ein Gerät, keine Datei</translation>
  </message>
  <message>
   <source>this is a folder, a pipe or a device, not a picture</source>
   <translation>das ist ein Ordner, eine Leitung oder ein Gerät, kein Bild</translation>
  </message>
  <message>
   <source>this is neither PNG, JPEG nor SVG</source>
   <translation>das ist weder PNG noch JPEG noch SVG</translation>
  </message>
  <message>
   <source>this is no Mingei project</source>
   <translation>das ist kein Mingei-Projekt</translation>
  </message>
  <message>
   <source>this is no kept work</source>
   <translation>das ist keine bewahrte Arbeit</translation>
  </message>
  <message>
   <source>this is no list</source>
   <translation>das ist keine Liste</translation>
  </message>
  <message>
   <source>this is no list of stocks</source>
   <translation>das ist keine Liste von Materialien</translation>
  </message>
  <message>
   <source>this is no name of a file</source>
   <translation>das ist kein Name einer Datei</translation>
  </message>
  <message>
   <source>this is no number</source>
   <translation>das ist keine Zahl</translation>
  </message>
  <message>
   <source>this is no text: a letter in it is only half there</source>
   <translation>das ist kein Text: ein Buchstabe darin ist nur halb da</translation>
  </message>
  <message>
   <source>this is not text in UTF-8</source>
   <translation>das ist kein Text in UTF-8</translation>
  </message>
  <message>
   <source>this number is none of this world</source>
   <translation>diese Zahl ist nicht von dieser Welt</translation>
  </message>
  <message>
   <source>this thickness is cut with a sharp knife</source>
   <translation>diese Dicke wird mit einem scharfen Messer geschnitten</translation>
  </message>
  <message>
   <source>thread</source>
   <translation>Faden</translation>
  </message>
  <message>
   <source>through its middle; 0 for none</source>
   <translation>durch ihre Mitte; 0 für keines</translation>
  </message>
  <message>
   <source>thumb notch in its mouth; 0 for none</source>
   <translation>Daumenkerbe in der Mündung; 0 für keine</translation>
  </message>
  <message>
   <source>thumb notch in the front; 0 for none</source>
   <translation>Daumenkerbe in der Vorderseite; 0 für keine</translation>
  </message>
  <message>
   <source>ticket wallet</source>
   <translation>Kartenmappe</translation>
  </message>
  <message>
   <source>tie the leg's foot to the front's with {length} of thread, so that it cannot slip; flat it is {width} by {tall}</source>
   <translation>binden Sie den Fuß des Beins mit {length} Faden an den der Vorderseite, damit er nicht rutscht; flach ist sie {width} mal {tall}</translation>
  </message>
  <message>
   <source>tile nothing</source>
   <translation>nichts kacheln</translation>
  </message>
  <message>
   <source>tile with {overlap} of overlap</source>
   <translation>kacheln mit {overlap} Überlappung</translation>
  </message>
  <message>
   <source>tile {name} of {count}</source>
   <translation>Kachel {name} von {count}</translation>
  </message>
  <message>
   <source>tilt</source>
   <translation>Neigung</translation>
  </message>
  <message>
   <source>tilted {way} by {tilt:.1f} degrees it falls over</source>
   <translation>{way} um {tilt:.1f} Grad geneigt fällt sie um</translation>
  </message>
  <message>
   <source>title to {title}</source>
   <translation>Titel auf {title}</translation>
  </message>
  <message>
   <source>to a drawer</source>
   <translation>an einer Schublade</translation>
  </message>
  <message>
   <source>to a sixteenth of an inch</source>
   <translation>auf ein Sechzehntelzoll</translation>
  </message>
  <message>
   <source>to half a millimetre</source>
   <translation>auf einen halben Millimeter</translation>
  </message>
  <message>
   <source>tolerance</source>
   <translation>Toleranz</translation>
  </message>
  <message>
   <source>tongue on the {panel}</source>
   <translation>Zunge an {panel}</translation>
  </message>
  <message>
   <source>tongued</source>
   <translation>gezapft</translation>
  </message>
  <message>
   <source>tongues</source>
   <translation>Zungen</translation>
  </message>
  <message>
   <source>too large</source>
   <translation>zu groß</translation>
  </message>
  <message>
   <source>too small</source>
   <translation>zu klein</translation>
  </message>
  <message>
   <source>too small to cut</source>
   <translation>zu klein zum Schneiden</translation>
  </message>
  <message>
   <source>too small to glue</source>
   <translation>zu klein zum Kleben</translation>
  </message>
  <message>
   <source>tool {number}, {tool}: {stage}, {passes} times, force {force:g}, {speed:g} mm/s</source>
   <translation>Werkzeug {number}, {tool}: {stage}, {passes}-mal, Kraft {force:g}, {speed:g} mm/s</translation>
  </message>
  <message>
   <source>tooth</source>
   <translation>Zahn</translation>
  </message>
  <message>
   <source>toothpick flag</source>
   <translation>Zahnstocherfahne</translation>
  </message>
  <message>
   <source>top</source>
   <translation>Oberseite</translation>
  </message>
  <message>
   <source>top at the back</source>
   <translation>oben am Rücken</translation>
  </message>
  <message>
   <source>top cards</source>
   <translation>obere Verstärkungen</translation>
  </message>
  <message>
   <source>top left</source>
   <translation>oben links</translation>
  </message>
  <message>
   <source>top right</source>
   <translation>oben rechts</translation>
  </message>
  <message>
   <source>top teeth</source>
   <translation>Zähne Oberseite</translation>
  </message>
  <message>
   <source>top teeth #</source>
   <translation>Oberseite Zähne #</translation>
  </message>
  <message>
   <source>top wall</source>
   <translation>Oberseite Wand</translation>
  </message>
  <message>
   <source>tower</source>
   <translation>Turm</translation>
  </message>
  <message>
   <source>trace {name}</source>
   <translation>Umriss {name}</translation>
  </message>
  <message>
   <source>travel</source>
   <translation>Weg</translation>
  </message>
  <message>
   <source>tray</source>
   <translation>Kasten</translation>
  </message>
  <message>
   <source>tread</source>
   <translation>Trittstufe</translation>
  </message>
  <message>
   <source>tread </source>
   <translation>Stufe </translation>
  </message>
  <message>
   <source>tread #</source>
   <translation>Trittstufe #</translation>
  </message>
  <message>
   <source>tread # on stair #</source>
   <translation>Stufe # auf Treppe #</translation>
  </message>
  <message>
   <source>tread 1</source>
   <translation>Trittstufe 1</translation>
  </message>
  <message>
   <source>treads</source>
   <translation>Stufenkarten</translation>
  </message>
  <message>
   <source>treat bag</source>
   <translation>Naschbeutel</translation>
  </message>
  <message>
   <source>tree</source>
   <translation>Baum</translation>
  </message>
  <message>
   <source>triangle box</source>
   <translation>Dreieckschachtel</translation>
  </message>
  <message>
   <source>trim</source>
   <translation>Beschnitt</translation>
  </message>
  <message>
   <source>trim each along the dotted line at its left and below, and glue it on its neighbour's strip, cross on cross</source>
   <translation>schneiden Sie jedes längs der punktierten Linie links und unten und kleben Sie es auf den Streifen des Nachbarn, Kreuz auf Kreuz</translation>
  </message>
  <message>
   <source>trim {trim} off each end once the fin is dry</source>
   <translation>schneiden Sie {trim} von jedem Ende, wenn der Steg trocken ist</translation>
  </message>
  <message>
   <source>trimmer</source>
   <translation>Schneidebrett</translation>
  </message>
  <message>
   <source>truncated cube</source>
   <translation>Würfelstumpf</translation>
  </message>
  <message>
   <source>truncated cuboctahedron</source>
   <translation>Kuboktaederstumpf</translation>
  </message>
  <message>
   <source>truncated dodecahedron</source>
   <translation>Dodekaederstumpf</translation>
  </message>
  <message>
   <source>truncated icosahedron</source>
   <translation>Ikosaederstumpf</translation>
  </message>
  <message>
   <source>truncated icosidodecahedron</source>
   <translation>Ikosidodekaederstumpf</translation>
  </message>
  <message>
   <source>truncated octahedron</source>
   <translation>Oktaederstumpf</translation>
  </message>
  <message>
   <source>truncated tetrahedron</source>
   <translation>Tetraederstumpf</translation>
  </message>
  <message>
   <source>try a print on a stand-in printer, and measure its check bars</source>
   <translation>einen Druck auf einem Stellvertreter proben und seine Prüfbalken messen</translation>
  </message>
  <message>
   <source>try again, perhaps with fewer facets</source>
   <translation>versuchen Sie es noch einmal, vielleicht mit weniger Facetten</translation>
  </message>
  <message>
   <source>tube</source>
   <translation>Rohr</translation>
  </message>
  <message>
   <source>tubes</source>
   <translation>Röhren</translation>
  </message>
  <message>
   <source>tuck box</source>
   <translation>Steckschachtel</translation>
  </message>
  <message>
   <source>tuck the sides of each end in, then fold back and front over and glue them</source>
   <translation>stecken Sie die Seiten jedes Endes ein, dann falten Sie hinten und vorn darüber und kleben Sie sie</translation>
  </message>
  <message>
   <source>tuck the {seam}</source>
   <translation>{seam} stecken</translation>
  </message>
  <message>
   <source>tuck {number}</source>
   <translation>stecken {number}</translation>
  </message>
  <message>
   <source>turn</source>
   <translation>Einschlag</translation>
  </message>
  <message>
   <source>turn by up to 360 degrees, and tilt by up to 90</source>
   <translation>drehe um bis zu 360 Grad und kippe um bis zu 90</translation>
  </message>
  <message>
   <source>turn in less</source>
   <translation>weniger einschlagen</translation>
  </message>
  <message>
   <source>turn its words and pictures into paths, or save it as PNG</source>
   <translation>machen Sie aus Wörtern und Bildern Züge, oder speichern Sie sie als PNG</translation>
  </message>
  <message>
   <source>turn the picture</source>
   <translation>Bild drehen</translation>
  </message>
  <message>
   <source>turn the wrap in {turn} all round; leave gaps of {gap} between the boards</source>
   <translation>den Bezug ringsum {turn} einschlagen; zwischen den Pappen Spalte von {gap} lassen</translation>
  </message>
  <message>
   <source>turn words, pictures and shaded fills into plain paths, or save it as PNG</source>
   <translation>machen Sie aus Wörtern, Bildern und Verläufen einfache Züge, oder speichern Sie es als PNG</translation>
  </message>
  <message>
   <source>turned</source>
   <translation>gewendet</translation>
  </message>
  <message>
   <source>turned in</source>
   <translation>eingeschlagen</translation>
  </message>
  <message>
   <source>turned in round the upper edge</source>
   <translation>um die obere Kante nach innen geschlagen</translation>
  </message>
  <message>
   <source>turns</source>
   <translation>Windungen</translation>
  </message>
  <message>
   <source>two boards and a spine in a wrap, with linings, for an album, a folio or a book</source>
   <translation>zwei Deckel und ein Rücken in einem Bezug, mit Spiegeln, für ein Album, eine Mappe oder ein Buch</translation>
  </message>
  <message>
   <source>two doors</source>
   <translation>zwei Türen</translation>
  </message>
  <message>
   <source>two finger holes</source>
   <translation>zwei Fingerlöcher</translation>
  </message>
  <message>
   <source>two halves take an even number of sides</source>
   <translation>zwei Hälften brauchen eine gerade Zahl von Seiten</translation>
  </message>
  <message>
   <source>two leaves with pockets, for sheets, tickets or cards</source>
   <translation>zwei Blätter mit Taschen, für Bogen, Karten oder Scheine</translation>
  </message>
  <message>
   <source>two of its panels are called {name}</source>
   <translation>zwei seiner Felder heißen {name}</translation>
  </message>
  <message>
   <source>two of its {what} are called {name}</source>
   <translation>zwei seiner {what} heißen {name}</translation>
  </message>
  <message>
   <source>two openings are named {name!r}</source>
   <translation>zwei Öffnungen heißen {name!r}</translation>
  </message>
  <message>
   <source>two overlays are named {name!r}</source>
   <translation>zwei Auflagen heißen {name!r}</translation>
  </message>
  <message>
   <source>two pieces of artwork have one name</source>
   <translation>zwei Druckbilder haben einen Namen</translation>
  </message>
  <message>
   <source>two points that fix a direction coincide</source>
   <translation>zwei Punkte, die eine Richtung geben, fallen zusammen</translation>
  </message>
  <message>
   <source>two sides in one line are moved by different amounts</source>
   <translation>zwei Seiten in einer Linie werden verschieden weit gerückt</translation>
  </message>
  <message>
   <source>two slits run {gap:.2f} mm from each other: what lies between tears</source>
   <translation>zwei Schlitze laufen {gap:.2f} mm voneinander: Was dazwischen liegt, reißt</translation>
  </message>
  <message>
   <source>two slopes and a ridge</source>
   <translation>zwei Flächen und ein First</translation>
  </message>
  <message>
   <source>two steps are named {name!r}</source>
   <translation>zwei Schritte heißen {name!r}</translation>
  </message>
  <message>
   <source>two things have the id {id!r}</source>
   <translation>zwei Dinge haben die id {id!r}</translation>
  </message>
  <message>
   <source>two traces are named {name!r}</source>
   <translation>zwei Umrisse heißen {name!r}</translation>
  </message>
  <message>
   <source>two trays, one sliding over the other</source>
   <translation>zwei Kästen, einer gleitet über den anderen</translation>
  </message>
  <message>
   <source>two-piece box</source>
   <translation>zweiteilige Schachtel</translation>
  </message>
  <message>
   <source>under</source>
   <translation>darunter</translation>
  </message>
  <message>
   <source>under the edge of the porch</source>
   <translation>unter dem Rand des Vordachs</translation>
  </message>
  <message>
   <source>underneath</source>
   <translation>unten</translation>
  </message>
  <message>
   <source>units must go from large to small</source>
   <translation>Einheiten müssen von groß nach klein gehen</translation>
  </message>
  <message>
   <source>untitled</source>
   <translation>ohne Titel</translation>
  </message>
  <message>
   <source>up</source>
   <translation>hoch</translation>
  </message>
  <message>
   <source>upholstery</source>
   <translation>Polsterung</translation>
  </message>
  <message>
   <source>upper</source>
   <translation>obere Muffe</translation>
  </message>
  <message>
   <source>upper band #</source>
   <translation>Band # oben</translation>
  </message>
  <message>
   <source>upper band # #</source>
   <translation>Band # # oben</translation>
  </message>
  <message>
   <source>upper band # gore #</source>
   <translation>Band # Zwickel # oben</translation>
  </message>
  <message>
   <source>upper band # gore # lap #</source>
   <translation>Band # Zwickel # Überlapp # oben</translation>
  </message>
  <message>
   <source>upper band # gore # on #</source>
   <translation>Band # Zwickel # auf # oben</translation>
  </message>
  <message>
   <source>upper band # half #</source>
   <translation>Band # Hälfte # oben</translation>
  </message>
  <message>
   <source>upper band # lap #</source>
   <translation>Band # Überlapp # oben</translation>
  </message>
  <message>
   <source>upper cap</source>
   <translation>Kappe oben</translation>
  </message>
  <message>
   <source>upper collar</source>
   <translation>Muffe oben</translation>
  </message>
  <message>
   <source>upper collar #</source>
   <translation>Muffe oben #</translation>
  </message>
  <message>
   <source>upper collar 1</source>
   <translation>oberer Kragen 1</translation>
  </message>
  <message>
   <source>upper edge</source>
   <translation>oberen Kante</translation>
  </message>
  <message>
   <source>upper facing</source>
   <translation>oberer Bezug</translation>
  </message>
  <message>
   <source>upper facing on it</source>
   <translation>oberer Bezug darauf</translation>
  </message>
  <message>
   <source>upper left corner</source>
   <translation>obere linke Ecke</translation>
  </message>
  <message>
   <source>upper right corner</source>
   <translation>obere rechte Ecke</translation>
  </message>
  <message>
   <source>upper tie</source>
   <translation>oberer Riegel</translation>
  </message>
  <message>
   <source>upper tie at the left strut</source>
   <translation>oberer Riegel an der linken Strebe</translation>
  </message>
  <message>
   <source>upper tie at the right strut</source>
   <translation>oberer Riegel an der rechten Strebe</translation>
  </message>
  <message>
   <source>upright bars in a window</source>
   <translation>senkrechte Sprossen in einem Fenster</translation>
  </message>
  <message>
   <source>upright height of the roof; 0 for a flat canopy</source>
   <translation>aufrechte Höhe des Dachs; 0 für ein flaches</translation>
  </message>
  <message>
   <source>upright, from foot to rim</source>
   <translation>aufrecht, vom Fuß bis zum Rand</translation>
  </message>
  <message>
   <source>uprights</source>
   <translation>Sprossen senkrecht</translation>
  </message>
  <message>
   <source>use 0 to 180 degrees</source>
   <translation>nehmen Sie 0 bis 180 Grad</translation>
  </message>
  <message>
   <source>use 0 to {most:g} mm</source>
   <translation>nehmen Sie 0 bis {most:g} mm</translation>
  </message>
  <message>
   <source>use 0 to {most:g} mm2</source>
   <translation>nehmen Sie 0 bis {most:g} mm2</translation>
  </message>
  <message>
   <source>use 1 to {most}</source>
   <translation>nehmen Sie 1 bis {most}</translation>
  </message>
  <message>
   <source>use 2, 4, 8, 16, 32 or 64</source>
   <translation>nehmen Sie 2, 4, 8, 16, 32 oder 64</translation>
  </message>
  <message>
   <source>use a larger picture, or print it smaller</source>
   <translation>nehmen Sie ein größeres Bild, oder drucken Sie es kleiner</translation>
  </message>
  <message>
   <source>use a metal rule and a fresh blade, cut away from the hand in several passes; children only with an adult</source>
   <translation>nehmen Sie ein Metalllineal und eine frische Klinge, schneiden Sie von der Hand weg in mehreren Gängen; Kinder nur mit Erwachsenen</translation>
  </message>
  <message>
   <source>use a narrower border or a smaller label, or move it</source>
   <translation>einen schmaleren Rand oder ein kleineres Schild nehmen oder es verschieben</translation>
  </message>
  <message>
   <source>use a price of 0 or more, 1 to 99 layers and passes, and a kind of {kinds}</source>
   <translation>nehmen Sie einen Preis von 0 oder mehr, 1 bis 99 Schichten und Gänge, und eine Art von {kinds}</translation>
  </message>
  <message>
   <source>use a sheet with the grain the other way</source>
   <translation>nehmen Sie einen Bogen mit der anderen Laufrichtung</translation>
  </message>
  <message>
   <source>use a smaller picture</source>
   <translation>nehmen Sie ein kleineres Bild</translation>
  </message>
  <message>
   <source>use at least {least:g} mm both ways</source>
   <translation>nehmen Sie wenigstens {least:g} mm in beiden Richtungen</translation>
  </message>
  <message>
   <source>use fewer brackets</source>
   <translation>nehmen Sie weniger Klammern</translation>
  </message>
  <message>
   <source>use mm, cm, m, in or ft</source>
   <translation>nehmen Sie mm, cm, m, in oder ft</translation>
  </message>
  <message>
   <source>use narrower tape, cut it lengthwise, or glue it wet</source>
   <translation>nehmen Sie schmaleres Band, schneiden Sie es der Länge nach, oder leimen Sie nass</translation>
  </message>
  <message>
   <source>use offsets up to 2 mm, kerfs up to 3, overcuts up to 10, lead-ins up to 20, stock up to 50 mm thick, and a speed above 0</source>
   <translation>nimm Versätze bis 2 mm, Schnittfugen bis 3, Überschnitte bis 10, Anläufe bis 20, Material bis 50 mm und eine Geschwindigkeit über 0</translation>
  </message>
  <message>
   <source>use one of mm, cm, m, in, ft</source>
   <translation>nehmen Sie eines von mm, cm, m, in, ft</translation>
  </message>
  <message>
   <source>use one of {letters}</source>
   <translation>nehmen Sie eine von {letters}</translation>
  </message>
  <message>
   <source>use one of: {names}</source>
   <translation>nimm eines von: {names}</translation>
  </message>
  <message>
   <source>use thin double-sided tape or make it larger</source>
   <translation>dünnes doppelseitiges Klebeband nehmen oder es größer machen</translation>
  </message>
  <message>
   <source>use thinner stock, or make it larger</source>
   <translation>nehmen Sie dünneres Material oder machen Sie es größer</translation>
  </message>
  <message>
   <source>use up to 360 degrees</source>
   <translation>nehmen Sie höchstens 360 Grad</translation>
  </message>
  <message>
   <source>use up to {most}, or let it stand on something</source>
   <translation>nehmen Sie bis {most}, oder lassen Sie es auf etwas stehen</translation>
  </message>
  <message>
   <source>use {least:g} to {most:g}</source>
   <translation>nehmen Sie {least:g} bis {most:g}</translation>
  </message>
  <message>
   <source>use {least:g} to {most:g} mm</source>
   <translation>nehmen Sie {least:g} bis {most:g} mm</translation>
  </message>
  <message>
   <source>valley</source>
   <translation>Tal</translation>
  </message>
  <message>
   <source>valley fold, towards you</source>
   <translation>Talfalz, zu Ihnen hin</translation>
  </message>
  <message>
   <source>vase</source>
   <translation>Vase</translation>
  </message>
  <message>
   <source>wall</source>
   <translation>Wand</translation>
  </message>
  <message>
   <source>wall </source>
   <translation>Wand </translation>
  </message>
  <message>
   <source>wall #</source>
   <translation>Wand #</translation>
  </message>
  <message>
   <source>wall # tab</source>
   <translation>Wand # Lasche</translation>
  </message>
  <message>
   <source>wall 1</source>
   <translation>Wand 1</translation>
  </message>
  <message>
   <source>wall lap #</source>
   <translation>Wand Überlapp #</translation>
  </message>
  <message>
   <source>wall load</source>
   <translation>Wandlast</translation>
  </message>
  <message>
   <source>walls</source>
   <translation>Wände</translation>
  </message>
  <message>
   <source>walls of paper this thin bow at this size</source>
   <translation>so dünne Papierwände wölben sich in dieser Größe</translation>
  </message>
  <message>
   <source>walls so flat leave no room for tabs between them</source>
   <translation>so flache Wände lassen zwischen sich keinen Platz für Laschen</translation>
  </message>
  <message>
   <source>walls that lean so far leave no room for tabs between them</source>
   <translation>Wände, die sich so weit neigen, lassen zwischen sich keinen Platz für Laschen</translation>
  </message>
  <message>
   <source>wardrobe</source>
   <translation>Kleiderschrank</translation>
  </message>
  <message>
   <source>washer</source>
   <translation>Scheibe</translation>
  </message>
  <message>
   <source>washers</source>
   <translation>Scheiben</translation>
  </message>
  <message>
   <source>ways of scoring and cutting</source>
   <translation>Arten zu rillen und zu schneiden</translation>
  </message>
  <message>
   <source>wedding</source>
   <translation>Hochzeit</translation>
  </message>
  <message>
   <source>weigh a sheet of known size</source>
   <translation>wiegen Sie einen Bogen bekannter Größe</translation>
  </message>
  <message>
   <source>weigh its foot down where people or wind pass by; keep it away from small children and out of the way</source>
   <translation>den Fuß beschweren, wo Leute oder Wind vorbeikommen; von kleinen Kindern und aus dem Weg halten</translation>
  </message>
  <message>
   <source>well</source>
   <translation>Brunnen</translation>
  </message>
  <message>
   <source>wet glue</source>
   <translation>Nassleim</translation>
  </message>
  <message>
   <source>wet glue wrinkles thin paper</source>
   <translation>nasser Kleber wellt dünnes Papier</translation>
  </message>
  <message>
   <source>what closes it</source>
   <translation>was sie schließt</translation>
  </message>
  <message>
   <source>what closes its front</source>
   <translation>was die Front schließt</translation>
  </message>
  <message>
   <source>what comes later cannot be done any more: {why}</source>
   <translation>was später kommt, geht nicht mehr: {why}</translation>
  </message>
  <message>
   <source>what covers its edge</source>
   <translation>was die Kante deckt</translation>
  </message>
  <message>
   <source>what differs from the ground is specks alone</source>
   <translation>was sich vom Grund unterscheidet, sind nur Sprenkel</translation>
  </message>
  <message>
   <source>what goes into a {envelope}</source>
   <translation>was in {envelope} geht</translation>
  </message>
  <message>
   <source>what hangs in the middle</source>
   <translation>was in der Mitte hängt</translation>
  </message>
  <message>
   <source>what holds an edge that finds no room for a tab</source>
   <translation>was eine Kante hält, für deren Lasche kein Platz ist</translation>
  </message>
  <message>
   <source>what holds it on the head</source>
   <translation>was sie am Kopf hält</translation>
  </message>
  <message>
   <source>what holds it upright</source>
   <translation>was sie aufrecht hält</translation>
  </message>
  <message>
   <source>what is cut there reaches past its side</source>
   <translation>was dort geschnitten wird, reicht über die Seite hinaus</translation>
  </message>
  <message>
   <source>what is glued on before would crack in the rolling</source>
   <translation>vorher Aufgeklebtes bräche beim Rollen</translation>
  </message>
  <message>
   <source>what is glued on panels goes on before the first fold, while all lies flat</source>
   <translation>was auf Felder geklebt wird, kommt vor dem ersten Falz darauf, solange alles flach liegt</translation>
  </message>
  <message>
   <source>what is joined to what: things, counts, size, mass, order</source>
   <translation>was womit verbunden ist: Dinge, Anzahl, Größe, Masse, Reihenfolge</translation>
  </message>
  <message>
   <source>what is printed on the facets</source>
   <translation>was auf die Facetten gedruckt wird</translation>
  </message>
  <message>
   <source>what is published</source>
   <translation>was veröffentlicht wird</translation>
  </message>
  <message>
   <source>what is scored, cut and folded, in which order, and how long it takes</source>
   <translation>was gerillt, geschnitten und gefaltet wird, in welcher Folge, und wie lange es dauert</translation>
  </message>
  <message>
   <source>what it becomes</source>
   <translation>was daraus wird</translation>
  </message>
  <message>
   <source>what it is joined to</source>
   <translation>womit es verbunden ist</translation>
  </message>
  <message>
   <source>what it stands on</source>
   <translation>worauf sie steht</translation>
  </message>
  <message>
   <source>what keeps it shut</source>
   <translation>was sie geschlossen hält</translation>
  </message>
  <message>
   <source>what leads from floor to floor</source>
   <translation>was von Geschoss zu Geschoss führt</translation>
  </message>
  <message>
   <source>what lies over it</source>
   <translation>was darüber liegt</translation>
  </message>
  <message>
   <source>what must come before it comes after it</source>
   <translation>was vorher kommen muss, kommt nachher</translation>
  </message>
  <message>
   <source>what must fit</source>
   <translation>was hineinpassen muss</translation>
  </message>
  <message>
   <source>what must fit, {word}</source>
   <translation>was hineinpassen muss, {word}</translation>
  </message>
  <message>
   <source>what shows on the front is {width} by {long}, centred; the fin lies in the middle of the back, to be pressed to one side</source>
   <translation>was vorn zu sehen ist, ist {width} mal {long}, mittig; der Steg liegt hinten in der Mitte und wird auf eine Seite gedrückt</translation>
  </message>
  <message>
   <source>what stands tall</source>
   <translation>was hoch steht</translation>
  </message>
  <message>
   <source>what the post charges goes by size, weight and thickness: ask locally</source>
   <translation>was die Post verlangt, geht nach Größe, Gewicht und Dicke: fragen Sie vor Ort</translation>
  </message>
  <message>
   <source>what you need, and every step with its picture</source>
   <translation>was du brauchst, und jeder Schritt mit seinem Bild</translation>
  </message>
  <message>
   <source>wheel</source>
   <translation>Rad</translation>
  </message>
  <message>
   <source>when all else is done</source>
   <translation>wenn alles andere getan ist</translation>
  </message>
  <message>
   <source>where front and back are joined</source>
   <translation>wo Vorder- und Rückseite verbunden sind</translation>
  </message>
  <message>
   <source>whether a flat ring is made for its rim; else the teeth go behind a face with a hole</source>
   <translation>ob für seinen Rand ein flacher Ring gemacht wird; sonst kommen die Zähne hinter eine Fläche mit Loch</translation>
  </message>
  <message>
   <source>whether a pocket is made for it</source>
   <translation>ob eine Tasche dafür gemacht wird</translation>
  </message>
  <message>
   <source>whether a slide runs below the arm</source>
   <translation>ob unter dem Arm ein Schieber läuft</translation>
  </message>
  <message>
   <source>whether it can be closed</source>
   <translation>ob es sich schließen lässt</translation>
  </message>
  <message>
   <source>whether it has one</source>
   <translation>ob er eine hat</translation>
  </message>
  <message>
   <source>whether it is closed on both sides</source>
   <translation>ob es auf beiden Seiten geschlossen ist</translation>
  </message>
  <message>
   <source>whether its faces are covered: one alone warps</source>
   <translation>ob ihre Flächen bezogen sind: eine allein verzieht sich</translation>
  </message>
  <message>
   <source>whether the diameter is that of a thing inside it, or of a hole round it</source>
   <translation>ob der Durchmesser der eines Dings darin oder eines Lochs darum ist</translation>
  </message>
  <message>
   <source>whether the first face has a hole for a thread in its middle; LED lights only, never a candle</source>
   <translation>ob die erste Fläche in der Mitte ein Loch für einen Faden hat; nur LED-Lichter, nie eine Kerze</translation>
  </message>
  <message>
   <source>whether the lip of the opening end is slit beside its crease, so that it catches behind the small flaps and does not spring open when the carton is pressed; not for opening along a side</source>
   <translation>ob die Zunge des öffnenden Endes neben ihrem Falz geschlitzt ist, damit sie hinter den kleinen Klappen fängt und nicht aufspringt, wenn man drückt; nicht beim Öffnen längs einer Seite</translation>
  </message>
  <message>
   <source>whether the pieces of left and right are alike</source>
   <translation>ob die Teile links und rechts gleich sind</translation>
  </message>
  <message>
   <source>which ends are closed with a disc</source>
   <translation>welche Enden mit einer Scheibe geschlossen sind</translation>
  </message>
  <message>
   <source>which envelopes that are sold take a thing, or the largest thing an envelope takes</source>
   <translation>welche käuflichen Umschläge ein Ding fassen, oder das größte Ding, das ein Umschlag fasst</translation>
  </message>
  <message>
   <source>which outline; one of your own is read from an SVG drawing</source>
   <translation>welcher Umriss; ein eigener wird aus einer SVG-Zeichnung gelesen</translation>
  </message>
  <message>
   <source>which solid: regular and half-regular ones, prisms and antiprisms</source>
   <translation>welcher Körper: regelmäßige und halbregelmäßige, Prismen und Antiprismen</translation>
  </message>
  <message>
   <source>which way it opens; the blank is the same, other seams are glued</source>
   <translation>wie sie öffnet; der Zuschnitt ist derselbe, andere Nähte werden geklebt</translation>
  </message>
  <message>
   <source>which way the mesh looks, as it was made</source>
   <translation>wohin das Netz schaut, wie es gemacht wurde</translation>
  </message>
  <message>
   <source>which way the teeth at its foot turn: in under a floor, out onto what it stands on, or both by turns, where it joins a floor and a face round it</source>
   <translation>wohin die Zähne am Fuß zeigen: nach innen unter einen Boden, nach außen auf das, worauf es steht, oder abwechselnd, wo es einen Boden und eine Fläche darum verbindet</translation>
  </message>
  <message>
   <source>while it lies flat</source>
   <translation>solange es flach liegt</translation>
  </message>
  <message>
   <source>whole</source>
   <translation>Ganzes</translation>
  </message>
  <message>
   <source>whole turns; each lies on the one before</source>
   <translation>ganze Windungen; jede liegt auf der davor</translation>
  </message>
  <message>
   <source>whole, centred</source>
   <translation>ganz, mittig</translation>
  </message>
  <message>
   <source>wide</source>
   <translation>höchstens breit</translation>
  </message>
  <message>
   <source>width</source>
   <translation>Breite</translation>
  </message>
  <message>
   <source>width of a frame on each door; 0 for none</source>
   <translation>Breite eines Rahmens auf jeder Tür; 0 für keinen</translation>
  </message>
  <message>
   <source>width of a post</source>
   <translation>Breite eines Pfostens</translation>
  </message>
  <message>
   <source>width of a window</source>
   <translation>Breite eines Fensters</translation>
  </message>
  <message>
   <source>width of each leaf of the gussets</source>
   <translation>Breite jedes Blatts der Falten</translation>
  </message>
  <message>
   <source>width of its foot</source>
   <translation>Breite des Fußes</translation>
  </message>
  <message>
   <source>width of the arm</source>
   <translation>Breite des Arms</translation>
  </message>
  <message>
   <source>width of the band round the head; 0 for none</source>
   <translation>Breite des Bandes um den Kopf; 0 für keines</translation>
  </message>
  <message>
   <source>width of the boards glued behind it; 0 where it is cut from one</source>
   <translation>Breite der Platten dahinter; 0, wo sie aus einer geschnitten ist</translation>
  </message>
  <message>
   <source>width of the column's two boards</source>
   <translation>Breite der zwei Bretter der Säule</translation>
  </message>
  <message>
   <source>width of the motif</source>
   <translation>Breite des Motivs</translation>
  </message>
  <message>
   <source>width of the ring at the corners of its opening</source>
   <translation>Breite des Rings an den Ecken seiner Öffnung</translation>
  </message>
  <message>
   <source>width of the spine's board</source>
   <translation>Breite der Rückenpappe</translation>
  </message>
  <message>
   <source>width of the stair</source>
   <translation>Breite der Treppe</translation>
  </message>
  <message>
   <source>width of the strip glued inside the front</source>
   <translation>Breite des Streifens, der innen an die Vorderseite geklebt wird</translation>
  </message>
  <message>
   <source>width of what runs in the slot</source>
   <translation>Breite dessen, was im Schlitz läuft</translation>
  </message>
  <message>
   <source>will not work</source>
   <translation>geht so nicht</translation>
  </message>
  <message>
   <source>window</source>
   <translation>Fenster</translation>
  </message>
  <message>
   <source>window height</source>
   <translation>Fensterhöhe</translation>
  </message>
  <message>
   <source>window_height</source>
   <translation>Fensterhöhe</translation>
  </message>
  <message>
   <source>windows</source>
   <translation>Fenster</translation>
  </message>
  <message>
   <source>wing</source>
   <translation>Flügel</translation>
  </message>
  <message>
   <source>wings</source>
   <translation>Ohren</translation>
  </message>
  <message>
   <source>with a pocket</source>
   <translation>mit einer Tasche</translation>
  </message>
  <message>
   <source>with so much play nothing is left of so low a door</source>
   <translation>bei so viel Spiel bleibt von einer so niedrigen Tür nichts</translation>
  </message>
  <message>
   <source>with the {one} and the {other} joined there, facets would lie over each other, or the piece would not fit its sheet</source>
   <translation>wären {one} und {other} dort verbunden, lägen Facetten übereinander, oder das Teil passte nicht aufs Blatt</translation>
  </message>
  <message>
   <source>with {mass:.0f} g and {thick:.1f} mm it goes as: {names}</source>
   <translation>mit {mass:.0f} g und {thick:.1f} mm geht es als: {names}</translation>
  </message>
  <message>
   <source>words</source>
   <translation>Wörter</translation>
  </message>
  <message>
   <source>work in {unit}</source>
   <translation>in {unit} arbeiten</translation>
  </message>
  <message>
   <source>worth knowing</source>
   <translation>gut zu wissen</translation>
  </message>
  <message>
   <source>wrap</source>
   <translation>Bezug</translation>
  </message>
  <message>
   <source>wrap </source>
   <translation>Bezug </translation>
  </message>
  <message>
   <source>wrap back</source>
   <translation>Bezug hinten</translation>
  </message>
  <message>
   <source>wrap back edge</source>
   <translation>Bezugseinschlag hinten</translation>
  </message>
  <message>
   <source>wrap back on wrap left back flap</source>
   <translation>Bezug hinten auf Bezugslasche links hinten</translation>
  </message>
  <message>
   <source>wrap back on wrap right back flap</source>
   <translation>Bezug hinten auf Bezugslasche rechts hinten</translation>
  </message>
  <message>
   <source>wrap back rim</source>
   <translation>Bezugsrand hinten</translation>
  </message>
  <message>
   <source>wrap front</source>
   <translation>Bezug vorn</translation>
  </message>
  <message>
   <source>wrap front edge</source>
   <translation>Bezugseinschlag vorn</translation>
  </message>
  <message>
   <source>wrap front on wrap left front flap</source>
   <translation>Bezug vorn auf Bezugslasche links vorn</translation>
  </message>
  <message>
   <source>wrap front on wrap right front flap</source>
   <translation>Bezug vorn auf Bezugslasche rechts vorn</translation>
  </message>
  <message>
   <source>wrap front rim</source>
   <translation>Bezugsrand vorn</translation>
  </message>
  <message>
   <source>wrap left</source>
   <translation>Bezug links</translation>
  </message>
  <message>
   <source>wrap left back flap</source>
   <translation>Bezugslasche links hinten</translation>
  </message>
  <message>
   <source>wrap left back flap on back</source>
   <translation>Bezugslasche links hinten auf Wand hinten</translation>
  </message>
  <message>
   <source>wrap left edge</source>
   <translation>Bezugseinschlag links</translation>
  </message>
  <message>
   <source>wrap left front flap</source>
   <translation>Bezugslasche links vorn</translation>
  </message>
  <message>
   <source>wrap left front flap on front</source>
   <translation>Bezugslasche links vorn auf Wand vorn</translation>
  </message>
  <message>
   <source>wrap left on left</source>
   <translation>Bezug links auf Wand links</translation>
  </message>
  <message>
   <source>wrap left rim</source>
   <translation>Bezugsrand links</translation>
  </message>
  <message>
   <source>wrap on back board</source>
   <translation>Bezug auf dem Hinterdeckel</translation>
  </message>
  <message>
   <source>wrap on base</source>
   <translation>Bezug auf Boden</translation>
  </message>
  <message>
   <source>wrap on front board</source>
   <translation>Bezug auf dem Vorderdeckel</translation>
  </message>
  <message>
   <source>wrap on it</source>
   <translation>Bezug darauf</translation>
  </message>
  <message>
   <source>wrap on spine board</source>
   <translation>Bezug auf der Rückenpappe</translation>
  </message>
  <message>
   <source>wrap right</source>
   <translation>Bezug rechts</translation>
  </message>
  <message>
   <source>wrap right back flap</source>
   <translation>Bezugslasche rechts hinten</translation>
  </message>
  <message>
   <source>wrap right back flap on back</source>
   <translation>Bezugslasche rechts hinten auf Wand hinten</translation>
  </message>
  <message>
   <source>wrap right edge</source>
   <translation>Bezugseinschlag rechts</translation>
  </message>
  <message>
   <source>wrap right front flap</source>
   <translation>Bezugslasche rechts vorn</translation>
  </message>
  <message>
   <source>wrap right front flap on front</source>
   <translation>Bezugslasche rechts vorn auf Wand vorn</translation>
  </message>
  <message>
   <source>wrap right on right</source>
   <translation>Bezug rechts auf Wand rechts</translation>
  </message>
  <message>
   <source>wrap right rim</source>
   <translation>Bezugsrand rechts</translation>
  </message>
  <message>
   <source>wrapper</source>
   <translation>Hülle</translation>
  </message>
  <message>
   <source>wraps</source>
   <translation>Hüllen</translation>
  </message>
  <message>
   <source>wreath</source>
   <translation>Kranz</translation>
  </message>
  <message>
   <source>write -89 to 90: 0 for a level line, 90 for an upright one</source>
   <translation>schreiben Sie -89 bis 90: 0 für eine liegende Linie, 90 für eine aufrechte</translation>
  </message>
  <message>
   <source>write 0 for a rule, or {least:g} to {most:g} mm</source>
   <translation>schreibe 0 für ein Lineal, oder {least:g} bis {most:g} mm</translation>
  </message>
  <message>
   <source>write 0 for a single fold, or 1.5 mm and more for each pocket</source>
   <translation>schreiben Sie 0 für einen einfachen Falz, oder 1,5 mm und mehr für jede Tasche</translation>
  </message>
  <message>
   <source>write 0 for none, or {least:g} to {most:g}</source>
   <translation>schreiben Sie 0 für keine, oder {least:g} bis {most:g}</translation>
  </message>
  <message>
   <source>write 0 for none, or {least:g} to {most:g} mm</source>
   <translation>schreiben Sie 0 für keinen, oder {least:g} bis {most:g} mm</translation>
  </message>
  <message>
   <source>write 0 for wet glue, or one of {names}</source>
   <translation>schreiben Sie 0 für Nassleim, oder eines von {names}</translation>
  </message>
  <message>
   <source>write 0 or more</source>
   <translation>schreiben Sie 0 oder mehr</translation>
  </message>
  <message>
   <source>write 0 to 0.9</source>
   <translation>0 bis 0.9 schreiben</translation>
  </message>
  <message>
   <source>write 0 to {most:g}</source>
   <translation>schreiben Sie 0 bis {most:g}</translation>
  </message>
  <message>
   <source>write 0 to {most:g} mm</source>
   <translation>schreiben Sie 0 bis {most:g} mm</translation>
  </message>
  <message>
   <source>write 0 to {most}</source>
   <translation>schreiben Sie 0 bis {most}</translation>
  </message>
  <message>
   <source>write 0.05 or more</source>
   <translation>schreibe 0,05 oder mehr</translation>
  </message>
  <message>
   <source>write 1 to 1000</source>
   <translation>schreiben Sie 1 bis 1000</translation>
  </message>
  <message>
   <source>write 1 to {count}</source>
   <translation>schreibe 1 bis {count}</translation>
  </message>
  <message>
   <source>write 1 to {most:g}</source>
   <translation>1 bis {most:g} eingeben</translation>
  </message>
  <message>
   <source>write 1 to {most}</source>
   <translation>schreiben Sie 1 bis {most}</translation>
  </message>
  <message>
   <source>write 1 to {most} in all</source>
   <translation>schreiben Sie 1 bis {most} im Ganzen</translation>
  </message>
  <message>
   <source>write 1 to {most} letters</source>
   <translation>schreiben Sie 1 bis {most} Buchstaben</translation>
  </message>
  <message>
   <source>write 2% or a length</source>
   <translation>2% oder eine Länge schreiben</translation>
  </message>
  <message>
   <source>write 4 to {most}</source>
   <translation>schreib 4 bis {most}</translation>
  </message>
  <message>
   <source>write 50 to 150</source>
   <translation>schreiben Sie 50 bis 150</translation>
  </message>
  <message>
   <source>write PDF, SVG, DXF, FOLD or the cutting list as CSV</source>
   <translation>PDF, SVG, DXF, FOLD oder die Schnittliste als CSV schreiben</translation>
  </message>
  <message>
   <source>write a file's name, or a folder's with / at its end</source>
   <translation>schreiben Sie den Namen einer Datei, oder eines Ordners mit / am Ende</translation>
  </message>
  <message>
   <source>write a kind and FIELD=VALUE, such as trim panel=front round_mm=3</source>
   <translation>schreiben Sie eine Art und FELD=WERT, etwa trim panel=front round_mm=3</translation>
  </message>
  <message>
   <source>write a length such as 98.4 mm or 3 7/8 in</source>
   <translation>schreiben Sie eine Länge wie 98.4 mm oder 3 7/8 in</translation>
  </message>
  <message>
   <source>write a narrower border, such as 3mm</source>
   <translation>schreiben Sie einen schmaleren Rand, etwa 3mm</translation>
  </message>
  <message>
   <source>write a number</source>
   <translation>schreiben Sie eine Zahl</translation>
  </message>
  <message>
   <source>write a number that can be measured</source>
   <translation>schreiben Sie eine messbare Zahl</translation>
  </message>
  <message>
   <source>write a shorter one</source>
   <translation>schreiben Sie einen kürzeren</translation>
  </message>
  <message>
   <source>write a smaller number</source>
   <translation>schreiben Sie eine kleinere Zahl</translation>
  </message>
  <message>
   <source>write a whole number</source>
   <translation>schreiben Sie eine ganze Zahl</translation>
  </message>
  <message>
   <source>write an id that `mingei devices` lists</source>
   <translation>schreibe eine Kennung, die `mingei devices` aufzählt</translation>
  </message>
  <message>
   <source>write both larger than 0</source>
   <translation>schreiben Sie beide größer als 0</translation>
  </message>
  <message>
   <source>write each as x,y in mm</source>
   <translation>schreiben Sie jede als x,y in mm</translation>
  </message>
  <message>
   <source>write every way as an LWPOLYLINE</source>
   <translation>schreiben Sie jeden Weg als LWPOLYLINE</translation>
  </message>
  <message>
   <source>write fewer or other words, or one of: {names}</source>
   <translation>schreiben Sie weniger oder andere Wörter, oder eines von: {names}</translation>
  </message>
  <message>
   <source>write how deep, such as 5 mm</source>
   <translation>schreiben Sie, wie tief, etwa 5 mm</translation>
  </message>
  <message>
   <source>write how far its middle lies from the panel's middle</source>
   <translation>schreiben Sie, wie weit ihre Mitte von der Mitte des Felds liegt</translation>
  </message>
  <message>
   <source>write how far, such as 30 mm</source>
   <translation>schreiben Sie, wie weit, etwa 30 mm</translation>
  </message>
  <message>
   <source>write how long it is, such as 20 mm</source>
   <translation>schreiben Sie, wie lang er ist, etwa 20 mm</translation>
  </message>
  <message>
   <source>write how many times larger the real thing is, such as 1:12</source>
   <translation>schreiben, wievielmal größer das wirkliche Ding ist, etwa 1:12</translation>
  </message>
  <message>
   <source>write it again</source>
   <translation>schreibe ihn noch einmal</translation>
  </message>
  <message>
   <source>write it again from a sheet with something on it</source>
   <translation>schreibe ihn noch einmal von einem Bogen, auf dem etwas liegt</translation>
  </message>
  <message>
   <source>write it anew</source>
   <translation>schreiben Sie es neu</translation>
  </message>
  <message>
   <source>write it down anew</source>
   <translation>schreib ihn neu auf</translation>
  </message>
  <message>
   <source>write it in mm</source>
   <translation>schreiben Sie ihn in mm</translation>
  </message>
  <message>
   <source>write it in mm and absolute places: G21, G90</source>
   <translation>schreiben Sie ihn in mm und absoluten Stellen: G21, G90</translation>
  </message>
  <message>
   <source>write it with M, L, A and Z, in absolute places</source>
   <translation>schreiben Sie ihn mit M, L, A und Z, in absoluten Stellen</translation>
  </message>
  <message>
   <source>write it with M2, M3, M5, M6 or M30</source>
   <translation>schreiben Sie ihn mit M2, M3, M5, M6 oder M30</translation>
  </message>
  <message>
   <source>write it with a unit of 1 mm</source>
   <translation>schreiben Sie ihn mit einer Einheit von 1 mm</translation>
  </message>
  <message>
   <source>write it with absolute places: IN, SP, VS, FS, PU, PD, PA</source>
   <translation>schreiben Sie ihn mit absoluten Stellen: IN, SP, VS, FS, PU, PD, PA</translation>
  </message>
  <message>
   <source>write its corners as x,y in mm</source>
   <translation>schreiben Sie seine Ecken als x,y in mm</translation>
  </message>
  <message>
   <source>write its length, width and thickness in mm</source>
   <translation>schreiben Sie Länge, Breite und Dicke in mm</translation>
  </message>
  <message>
   <source>write its plies, their insets and the glue between them in mm</source>
   <translation>schreiben Sie seine Schichten, ihre Einzüge und den Leim dazwischen in mm</translation>
  </message>
  <message>
   <source>write its tools and outputs</source>
   <translation>schreibe seine Werkzeuge und Ausgaben</translation>
  </message>
  <message>
   <source>write its unit, such as in or mm</source>
   <translation>schreiben Sie ihre Einheit, etwa in oder mm</translation>
  </message>
  <message>
   <source>write less</source>
   <translation>schreibe weniger</translation>
  </message>
  <message>
   <source>write mm or in</source>
   <translation>schreiben Sie mm oder in</translation>
  </message>
  <message>
   <source>write more than 0 for both</source>
   <translation>schreiben Sie für beide mehr als 0</translation>
  </message>
  <message>
   <source>write one as 1 ft 2 1/2 in</source>
   <translation>schreiben Sie etwa 1 ft 2 1/2 in</translation>
  </message>
  <message>
   <source>write one in quotes</source>
   <translation>schreiben Sie eines in Anführungszeichen</translation>
  </message>
  <message>
   <source>write one of them</source>
   <translation>schreiben Sie eines davon</translation>
  </message>
  <message>
   <source>write one of: {names}</source>
   <translation>schreiben Sie eines von: {names}</translation>
  </message>
  <message>
   <source>write one of: {names}; or leave it empty and write terms of your own</source>
   <translation>schreibe eines von: {names}; oder lass es leer und schreibe eigene Bedingungen</translation>
  </message>
  <message>
   <source>write one such as #2e4a73</source>
   <translation>schreiben Sie etwa #2e4a73</translation>
  </message>
  <message>
   <source>write one such as 1.5</source>
   <translation>schreiben Sie etwa 1.5</translation>
  </message>
  <message>
   <source>write one such as 120 mm</source>
   <translation>schreiben Sie etwa 120 mm</translation>
  </message>
  <message>
   <source>write one such as 176 g or 65 lb cover ({grades})</source>
   <translation>schreiben Sie etwa 176 g oder 65 lb cover ({grades})</translation>
  </message>
  <message>
   <source>write one such as 2</source>
   <translation>schreiben Sie etwa 2</translation>
  </message>
  <message>
   <source>write one such as 2:1 or 80:60</source>
   <translation>schreiben Sie etwa 2:1 oder 80:60</translation>
  </message>
  <message>
   <source>write one such as 80:60</source>
   <translation>schreiben Sie etwa 80:60</translation>
  </message>
  <message>
   <source>write one such as 98.4 mm</source>
   <translation>schreiben Sie etwa 98.4 mm</translation>
  </message>
  <message>
   <source>write one such as 98.4 mm or 3 7/8 in</source>
   <translation>schreiben Sie etwa 98.4 mm oder 3 7/8 in</translation>
  </message>
  <message>
   <source>write one such as length=140mm</source>
   <translation>schreiben Sie etwa length=140mm</translation>
  </message>
  <message>
   <source>write one such as liner=wrapping-60</source>
   <translation>schreiben Sie etwa liner=wrapping-60</translation>
  </message>
  <message>
   <source>write one such as upright:40%</source>
   <translation>schreiben Sie etwa upright:40%</translation>
  </message>
  <message>
   <source>write one such as {such}</source>
   <translation>schreib eine wie {such}</translation>
  </message>
  <message>
   <source>write one, such as {default}</source>
   <translation>schreiben Sie eine, etwa {default}</translation>
  </message>
  <message>
   <source>write some letters</source>
   <translation>schreiben Sie Buchstaben</translation>
  </message>
  <message>
   <source>write some of them, up to {most} at a time (--sheet-no 1-{most}), or count kits instead of copies</source>
   <translation>schreiben Sie einige davon, bis zu {most} auf einmal (--sheet-no 1-{most}), oder zählen Sie Sätze statt Kopien</translation>
  </message>
  <message>
   <source>write some of: {names}</source>
   <translation>schreibe einige von: {names}</translation>
  </message>
  <message>
   <source>write such as "148 x 105", or a name such as "A6 sheet", "photo 6 × 4 in" or "C6 envelope"</source>
   <translation>schreiben Sie etwa "148 x 105" oder einen Namen wie "A6 sheet", "photo 6 × 4 in" oder "C6 envelope"</translation>
  </message>
  <message>
   <source>write such as 2 or 1,3-5</source>
   <translation>schreiben Sie etwa 2 oder 1,3-5</translation>
  </message>
  <message>
   <source>write the denominator, such as 7/8</source>
   <translation>schreiben Sie den Nenner, etwa 7/8</translation>
  </message>
  <message>
   <source>write the missing )</source>
   <translation>schreiben Sie die fehlende )</translation>
  </message>
  <message>
   <source>write the missing key</source>
   <translation>schreiben Sie den fehlenden Schlüssel</translation>
  </message>
  <message>
   <source>write the missing part or leave the sign out</source>
   <translation>schreiben Sie den fehlenden Teil oder lassen Sie das Zeichen weg</translation>
  </message>
  <message>
   <source>write the radius of the ring, or from one to the next, such as 30 mm</source>
   <translation>schreiben Sie den Halbmesser des Rings oder von einem zum nächsten, etwa 30 mm</translation>
  </message>
  <message>
   <source>write the wanted thickness and the caliper in mm</source>
   <translation>schreiben Sie die gewünschte Dicke und die des Materials in mm</translation>
  </message>
  <message>
   <source>write to where there is room, and name files that are there</source>
   <translation>schreiben Sie dorthin, wo Platz ist, und nennen Sie Dateien, die da sind</translation>
  </message>
  <message>
   <source>write true or false</source>
   <translation>schreiben Sie true oder false</translation>
  </message>
  <message>
   <source>write up to 20 mm either way</source>
   <translation>schreiben Sie bis zu 20 mm in jede Richtung</translation>
  </message>
  <message>
   <source>write up to 3</source>
   <translation>schreiben Sie bis zu 3</translation>
  </message>
  <message>
   <source>write what its maker says, 0 where that is not known</source>
   <translation>schreiben Sie, was sein Hersteller sagt, 0, wo es nicht bekannt ist</translation>
  </message>
  <message>
   <source>write what you call it</source>
   <translation>schreiben Sie, wie Sie es nennen</translation>
  </message>
  <message>
   <source>write width and height in mm</source>
   <translation>schreibe Breite und Höhe in mm</translation>
  </message>
  <message>
   <source>write x,y or x,y,turn in mm and degrees</source>
   <translation>schreiben Sie x,y oder x,y,Drehung in mm und Grad</translation>
  </message>
  <message>
   <source>write x,y,z and +, -, * or a stop, as shares of the height</source>
   <translation>x,y,z und +, -, * oder einen Punkt schreiben, als Anteile der Höhe</translation>
  </message>
  <message>
   <source>write {least:g} to {most:g}</source>
   <translation>schreiben Sie {least:g} bis {most:g}</translation>
  </message>
  <message>
   <source>write {least:g} to {most:g} mm</source>
   <translation>schreiben Sie {least:g} bis {most:g} mm</translation>
  </message>
  <message>
   <source>write {least} or more, or 0 for none</source>
   <translation>{least} oder mehr schreiben, oder 0 für keine</translation>
  </message>
  <message>
   <source>write {least} or more, or 0 for the height of the others</source>
   <translation>mindestens {least} eingeben, oder 0 für die Höhe der anderen</translation>
  </message>
  <message>
   <source>write {least} to {most}</source>
   <translation>schreiben Sie {least} bis {most}</translation>
  </message>
  <message>
   <source>write {low} to {high}</source>
   <translation>schreiben Sie {low} bis {high}</translation>
  </message>
  <message>
   <source>write {most:g} mm or less</source>
   <translation>höchstens {most:g} mm eingeben</translation>
  </message>
  <message>
   <source>write {most} letters at the most</source>
   <translation>schreiben Sie höchstens {most} Buchstaben</translation>
  </message>
  <message>
   <source>your own</source>
   <translation>Ihr eigenes</translation>
  </message>
  <message>
   <source>your work is untouched; please report it</source>
   <translation>Ihre Arbeit ist unberührt; bitte melden Sie es</translation>
  </message>
  <message>
   <source>{adhesive} ({names})</source>
   <translation>{adhesive} ({names})</translation>
  </message>
  <message>
   <source>{adhesive}, {width}: {strips}, {lengths} ({names})</source>
   <translation>{adhesive}, {width}: {strips}, {lengths} ({names})</translation>
  </message>
  <message>
   <source>{air} of play on each side is loose</source>
   <translation>{air} Spiel auf jeder Seite ist lose</translation>
  </message>
  <message>
   <source>{air} of play on each side is tight for this stock</source>
   <translation>{air} Spiel auf jeder Seite ist für dieses Material eng</translation>
  </message>
  <message>
   <source>{angle:g} degrees is no way to turn either way</source>
   <translation>{angle:g} Grad ist keine Drehung nach beiden Seiten</translation>
  </message>
  <message>
   <source>{apart} between the faces</source>
   <translation>{apart} zwischen den Flächen</translation>
  </message>
  <message>
   <source>{area:g} mm2 are not glued at a step</source>
   <translation>{area:g} mm2 werden in keinem Schritt geklebt</translation>
  </message>
  <message>
   <source>{area} cm²</source>
   <translation>{area} cm²</translation>
  </message>
  <message>
   <source>{area} cm², {mass} g</source>
   <translation>{area} cm², {mass} g</translation>
  </message>
  <message>
   <source>{a} and {b} lie on each other</source>
   <translation>{a} und {b} liegen aufeinander</translation>
  </message>
  <message>
   <source>{a} meets {b} along {length}.</source>
   <translation>{a} trifft {b} längs {length}.</translation>
  </message>
  <message>
   <source>{a} meets {b} along {length}; a strip lies behind, {depth} onto either.</source>
   <translation>{a} stößt auf {length} an {b}; dahinter liegt ein Streifen, {depth} auf jeder Seite.</translation>
  </message>
  <message>
   <source>{a} to {b}</source>
   <translation>{a} bis {b}</translation>
  </message>
  <message>
   <source>{before} faces as it came, {after} facets to fold.</source>
   <translation>{before} Flächen, wie es kam, {after} zum Falten.</translation>
  </message>
  <message>
   <source>{before} is now called {after}</source>
   <translation>{before} heißt jetzt {after}</translation>
  </message>
  <message>
   <source>{caliper} thick, {grammage} g/m²</source>
   <translation>{caliper} dick, {grammage} g/m²</translation>
  </message>
  <message>
   <source>{caliper} ± {off} thick, crease gain {gain} ± {gain_off} (95 in 100), from {count} numbers.</source>
   <translation>{caliper} ± {off} dick, Falzzugabe {gain} ± {gain_off} (95 von 100), aus {count} Zahlen.</translation>
  </message>
  <message>
   <source>{colour!r} is no colour</source>
   <translation>{colour!r} ist keine Farbe</translation>
  </message>
  <message>
   <source>{columns} by {rows} is no number of bins</source>
   <translation>{columns} mal {rows} ist keine Zahl von Kästen</translation>
  </message>
  <message>
   <source>{copies!r} is not a number of copies</source>
   <translation>{copies!r} ist keine Zahl von Kopien</translation>
  </message>
  <message>
   <source>{corners} corners; {wide:.0f} mm wide, {high:.0f} mm high with its border.</source>
   <translation>{corners} Ecken; {wide:.0f} mm breit, {high:.0f} mm hoch mit Rand.</translation>
  </message>
  <message>
   <source>{count} are too many</source>
   <translation>{count} sind zu viele</translation>
  </message>
  <message>
   <source>{count} boards of {wide} x {high} back it, and {waste:.0f} % of them is waste</source>
   <translation>{count} Platten von {wide} x {high} tragen sie, und {waste:.0f} % davon sind Verschnitt</translation>
  </message>
  <message>
   <source>{count} boards of {wide} × {high}, {waste:.0f} % of them waste</source>
   <translation>{count} Platten von {wide} × {high}, {waste:.0f} % davon Verschnitt</translation>
  </message>
  <message>
   <source>{count} come nearest</source>
   <translation>{count} kommen am nächsten</translation>
  </message>
  <message numerus="yes">
   <source>{count} constructions</source>
   <translation>
    <numerusform>{count} Bauform</numerusform>
    <numerusform>{count} Bauformen</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} copies in all are more than are laid out at once</source>
   <translation>{count} Kopien im Ganzen sind mehr, als auf einmal ausgelegt werden</translation>
  </message>
  <message numerus="yes">
   <source>{count} corners were welded to others</source>
   <translation>
    <numerusform>{count} Ecke wurde mit einer anderen verschweißt</numerusform>
    <numerusform>{count} Ecken wurden mit anderen verschweißt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} doubled faces were dropped</source>
   <translation>
    <numerusform>{count} doppelte Fläche entfiel</numerusform>
    <numerusform>{count} doppelte Flächen entfielen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} edges are open: they stay rims</source>
   <translation>
    <numerusform>{count} Kante ist offen: sie bleibt Rand</numerusform>
    <numerusform>{count} Kanten sind offen: sie bleiben Ränder</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} edges joined by hand are cut: their facets would lie over others, or their piece would not fit its sheet</source>
   <translation>{count} von Hand verbundene Kanten sind geschnitten: ihre Facetten lägen über anderen, oder ihr Teil passte nicht aufs Blatt</translation>
  </message>
  <message>
   <source>{count} edges set by hand are more than are kept</source>
   <translation>{count} von Hand gesetzte Kanten sind mehr, als behalten werden</translation>
  </message>
  <message>
   <source>{count} edges set by hand are not found in this mesh</source>
   <translation>{count} von Hand gesetzte Kanten finden sich in diesem Netz nicht</translation>
  </message>
  <message numerus="yes">
   <source>{count} empty faces were dropped</source>
   <translation>
    <numerusform>{count} leere Fläche entfiel</numerusform>
    <numerusform>{count} leere Flächen entfielen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} entries</source>
   <translation>
    <numerusform>{count} Eintrag</numerusform>
    <numerusform>{count} Einträge</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} faces are slivers, hardly to be cut</source>
   <translation>
    <numerusform>{count} Fläche ist ein Splitter, kaum zu schneiden</numerusform>
    <numerusform>{count} Flächen sind Splitter, kaum zu schneiden</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} faces met edges that two had already, and were dropped</source>
   <translation>
    <numerusform>{count} Fläche traf auf eine Kante, die schon zwei hatte, und entfiel</numerusform>
    <numerusform>{count} Flächen trafen auf Kanten, die schon zwei hatten, und entfielen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} faces were inside out, and turned</source>
   <translation>
    <numerusform>{count} Fläche war verkehrt herum und wurde gewendet</numerusform>
    <numerusform>{count} Flächen waren verkehrt herum und wurden gewendet</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} facets are not made</source>
   <translation>{count} Flächen werden nicht gemacht</translation>
  </message>
  <message>
   <source>{count} facets that pieces were to begin with are not found in this mesh</source>
   <translation>{count} Facetten, mit denen Teile beginnen sollten, finden sich in diesem Netz nicht</translation>
  </message>
  <message>
   <source>{count} hole is kept</source>
   <translation>{count} Loch bleibt</translation>
  </message>
  <message>
   <source>{count} holes are kept</source>
   <translation>{count} Löcher bleiben</translation>
  </message>
  <message>
   <source>{count} layers reach {reached}, {off}. Glue flat, grain the same way, and dry under weight.</source>
   <translation>{count} Schichten ergeben {reached}, {off}. Flach leimen, Laufrichtung gleich, unter Gewicht trocknen.</translation>
  </message>
  <message>
   <source>{count} legs of {layers} boards: cut {many} alike</source>
   <translation>{count} Beine aus {layers} Pappen: schneid {many} gleiche</translation>
  </message>
  <message>
   <source>{count} light passes rather than one hard one</source>
   <translation>{count} leichte Durchgänge statt eines harten</translation>
  </message>
  <message>
   <source>{count} long open edges, {length} in all, are taped inside, and flat folds beside them</source>
   <translation>{count} lange offene Kanten, zusammen {length}, werden innen mit Band verstärkt, und flache Falze daneben</translation>
  </message>
  <message>
   <source>{count} million pixels are too many</source>
   <translation>{count} Millionen Punkte sind zu viele</translation>
  </message>
  <message numerus="yes">
   <source>{count} minutes</source>
   <translation>
    <numerusform>{count} Minute</numerusform>
    <numerusform>{count} Minuten</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} new entries</source>
   <translation>
    <numerusform>{count} neuer Eintrag</numerusform>
    <numerusform>{count} neue Einträge</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} of it are not set on one thing</source>
   <translation>{count} davon stehen nicht auf einem Ding</translation>
  </message>
  <message>
   <source>{count} of it in all. {told}.</source>
   <translation>Insgesamt {count} davon. {told}.</translation>
  </message>
  <message>
   <source>{count} of the kind {kind} are too many</source>
   <translation>{count} von der Art {kind} sind zu viele</translation>
  </message>
  <message>
   <source>{count} of them, each {size} inside. A forming block of that size, less a hair, helps to fold them square.</source>
   <translation>{count} davon, jedes {size} innen. Ein Formklotz dieser Größe, um ein Haar kleiner, hilft beim rechtwinkligen Falten.</translation>
  </message>
  <message>
   <source>{count} of {sheet}</source>
   <translation>{count} von {sheet}</translation>
  </message>
  <message>
   <source>{count} offcuts are worth keeping, the largest {width} × {height} of {stock}.</source>
   <translation>{count} Reste sind aufhebenswert, der größte {width} × {height} aus {stock}.</translation>
  </message>
  <message numerus="yes">
   <source>{count} pages</source>
   <translation>
    <numerusform>{count} Seite</numerusform>
    <numerusform>{count} Seiten</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} part is narrower than {least}; it lies {up} above its foot</source>
   <translation>{count} Teil ist schmaler als {least}; es liegt {up} über dem Fuß</translation>
  </message>
  <message>
   <source>{count} parts are narrower than {least}; the largest lies {up} above its foot</source>
   <translation>{count} Teile sind schmaler als {least}; das größte liegt {up} über dem Fuß</translation>
  </message>
  <message>
   <source>{count} parts are not put in at a step</source>
   <translation>{count} Teile werden in einem Schritt nicht eingesetzt</translation>
  </message>
  <message numerus="yes">
   <source>{count} parts of the drawing cannot be drawn</source>
   <translation>
    <numerusform>{count} Teil der Zeichnung lässt sich nicht zeichnen</numerusform>
    <numerusform>{count} Teile der Zeichnung lassen sich nicht zeichnen</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} passes</source>
   <translation>{count} Durchgänge</translation>
  </message>
  <message>
   <source>{count} piece</source>
   <translation>{count} Stück</translation>
  </message>
  <message>
   <source>{count} pieces</source>
   <translation>{count} Stücke</translation>
  </message>
  <message numerus="yes">
   <source>{count} pieces do not fit it.</source>
   <translation>
    <numerusform>{count} Stück passt nicht darauf.</numerusform>
    <numerusform>{count} Stücke passen nicht darauf.</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} pieces so far, {share:.0f} % of the search done.</source>
   <translation>{count} Teile bisher, {share:.0f} % der Suche getan.</translation>
  </message>
  <message>
   <source>{count} pieces; {share:.0f} % of what is cut is taped.</source>
   <translation>{count} Teile; {share:.0f} % des Geschnittenen wird mit Band geklebt.</translation>
  </message>
  <message numerus="yes">
   <source>{count} placings of the rule</source>
   <translation>
    <numerusform>{count} Anlage des Lineals</numerusform>
    <numerusform>{count} Anlagen des Lineals</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} plates of {width} by {depth}: measure the stack, it should be as high as the inside less a little</source>
   <translation>{count} Platten von {width} mal {depth}: miss den Stapel, er soll etwas niedriger sein als das Innere</translation>
  </message>
  <message>
   <source>{count} seams have no tab and are taped: {tape} of tape in all, the longest {length}</source>
   <translation>{count} Nähte haben keine Lasche und werden mit Band geklebt: {tape} Band insgesamt, die längste {length}</translation>
  </message>
  <message>
   <source>{count} shapes are no outline to be cut</source>
   <translation>{count} Formen sind kein Umriss zum Schneiden</translation>
  </message>
  <message>
   <source>{count} sheets are more than are written at once</source>
   <translation>{count} Bogen sind mehr, als auf einmal geschrieben werden</translation>
  </message>
  <message numerus="yes">
   <source>{count} sheets instead of {before}</source>
   <translation>
    <numerusform>{count} Bogen statt {before}</numerusform>
    <numerusform>{count} Bogen statt {before}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} sheets instead of {before}; no fewer than {least} by their area</source>
   <translation>
    <numerusform>{count} Bogen statt {before}; nach der Fläche nicht weniger als {least}</numerusform>
    <numerusform>{count} Bogen statt {before}; nach der Fläche nicht weniger als {least}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} small holes were filled</source>
   <translation>
    <numerusform>{count} kleines Loch wurde gefüllt</numerusform>
    <numerusform>{count} kleine Löcher wurden gefüllt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} strips</source>
   <translation>
    <numerusform>{count} Streifen</numerusform>
    <numerusform>{count} Streifen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{count} strips of {width} tape, {length} together, the longest {longest}</source>
   <translation>
    <numerusform>{count} Streifen Klebeband von {width}, {length} lang</numerusform>
    <numerusform>{count} Streifen Klebeband von {width}, zusammen {length}, der längste {longest}</numerusform>
   </translation>
  </message>
  <message>
   <source>{count} thin part is widened to {least}</source>
   <translation>{count} schmaler Teil ist auf {least} verbreitert</translation>
  </message>
  <message>
   <source>{count} thin parts are widened to {least}</source>
   <translation>{count} schmale Teile sind auf {least} verbreitert</translation>
  </message>
  <message>
   <source>{count} triangles are more than are looked at</source>
   <translation>{count} Dreiecke sind mehr, als angesehen werden</translation>
  </message>
  <message>
   <source>{count} tries are not made</source>
   <translation>{count} Versuche werden nicht gemacht</translation>
  </message>
  <message>
   <source>{count} values belong here</source>
   <translation>hierher gehören {count} Werte</translation>
  </message>
  <message>
   <source>{count} x {name}</source>
   <translation>{count} × {name}</translation>
  </message>
  <message>
   <source>{count} x {name}{size}, {length} long: {thing}</source>
   <translation>{count} × {name}{size}, {length} lang: {thing}</translation>
  </message>
  <message>
   <source>{count} x {name}{size}: {thing}</source>
   <translation>{count} × {name}{size}: {thing}</translation>
  </message>
  <message>
   <source>{count} × {sheet}</source>
   <translation>{count} × {sheet}</translation>
  </message>
  <message>
   <source>{count} × {stock}: {waste} % waste</source>
   <translation>{count} × {stock}: {waste} % Verschnitt</translation>
  </message>
  <message>
   <source>{day}: {count} of {stock}, {caliper:.2f} mm; {title}</source>
   <translation>{day}: {count} aus {stock}, {caliper:.2f} mm; {title}</translation>
  </message>
  <message>
   <source>{device} takes no {ending}</source>
   <translation>{device} nimmt kein {ending}</translation>
  </message>
  <message>
   <source>{doc}. From {least} to {most}. Write mm, cm or inches (3 7/8 in), or a sum after an equals sign (=width*2). The arrow keys change it step by step.</source>
   <translation>{doc}. Von {least} bis {most}. Schreiben Sie mm, cm oder Zoll (3 7/8 in) oder eine Summe nach einem Gleichheitszeichen (=width*2). Die Pfeiltasten ändern schrittweise.</translation>
  </message>
  <message>
   <source>{edges} edges to fold or glue, some {hours:.1f} hours; {flat} turn so little that they need no score. The shortest edge is {share:.1f} % of the height.</source>
   <translation>{edges} Kanten zum Falzen oder Kleben, etwa {hours:.1f} Stunden; {flat} knicken so wenig, dass sie keine Rille brauchen. Die kürzeste Kante ist {share:.1f} % der Höhe.</translation>
  </message>
  <message>
   <source>{ending!r} is no file for machines</source>
   <translation>{ending!r} ist keine Datei für Maschinen</translation>
  </message>
  <message>
   <source>{ending!r} is no job for a machine</source>
   <translation>{ending!r} ist kein Auftrag für eine Maschine</translation>
  </message>
  <message>
   <source>{errors} will not work, {looks} to look at again</source>
   <translation>{errors} gehen so nicht, {looks} noch einmal ansehen</translation>
  </message>
  <message>
   <source>{facet}, cut</source>
   <translation>{facet}, geschnitten</translation>
  </message>
  <message>
   <source>{facet}, folded</source>
   <translation>{facet}, gefalzt</translation>
  </message>
  <message>
   <source>{factor!r} is not how much a drawing can be enlarged</source>
   <translation>{factor!r} ist nicht, wie sehr sich eine Zeichnung vergrößern lässt</translation>
  </message>
  <message>
   <source>{factor:g} is not a size to scale by</source>
   <translation>{factor:g} ist keine Größe zum Skalieren</translation>
  </message>
  <message>
   <source>{factor} times the size</source>
   <translation>{factor}-mal so groß</translation>
  </message>
  <message>
   <source>{file} was to keep unsaved work, but holds none that can be read; it was set aside.</source>
   <translation>{file} sollte nicht gespeicherte Arbeit bewahren, enthält aber nichts Lesbares; sie wurde beiseitegelegt.</translation>
  </message>
  <message numerus="yes">
   <source>{file}: with {count} pictures</source>
   <translation>
    <numerusform>{file}: mit {count} Bild</numerusform>
    <numerusform>{file}: mit {count} Bildern</numerusform>
   </translation>
  </message>
  <message>
   <source>{file}: {corners} corners, {pieces} pieces</source>
   <translation>{file}: {corners} Ecken, {pieces} Teile</translation>
  </message>
  <message>
   <source>{file}: {facets} facets in {pieces} pieces, {folds} folds; {share:.0f} % of the seams taped</source>
   <translation>{file}: {facets} Flächen in {pieces} Teilen, {folds} Falze; {share:.0f} % der Nähte mit Klebeband</translation>
  </message>
  <message>
   <source>{first}. Pressure: {pressure}</source>
   <translation>{first}. Druck: {pressure}</translation>
  </message>
  <message>
   <source>{first}. Take care where folds cross, at {count} points: a cut through a score parts there</source>
   <translation>{first}. Vorsicht, wo Falten sich kreuzen, an {count} Stellen: Ein Schnitt durch eine Rille trennt dort</translation>
  </message>
  <message>
   <source>{grammage:g} g/m² is more than the {most:g} g/m² this printer takes</source>
   <translation>{grammage:g} g/m² ist mehr als die {most:g} g/m², die dieser Drucker nimmt</translation>
  </message>
  <message>
   <source>{grammage:g} g/m² may jam in a stack</source>
   <translation>{grammage:g} g/m² kann sich im Stapel stauen</translation>
  </message>
  <message>
   <source>{group} is made with tool {number}, the {tool}, which does not do that</source>
   <translation>{group} wird mit Werkzeug {number} gemacht, {tool}, das das nicht kann</translation>
  </message>
  <message>
   <source>{gsm:g} g/m2 is more than the {heaviest:g} g/m2 this printer takes: print a template on paper and stick it on</source>
   <translation>{gsm:g} g/m2 ist mehr als die {heaviest:g} g/m2, die dieser Drucker nimmt: drucken Sie eine Schablone auf Papier und kleben Sie sie auf</translation>
  </message>
  <message>
   <source>{gsm:g} g/m2 is no weight a printer takes</source>
   <translation>{gsm:g} g/m2 ist kein Gewicht, das ein Drucker nimmt</translation>
  </message>
  <message>
   <source>{hint} (Alt+{number})</source>
   <translation>{hint} (Alt+{number})</translation>
  </message>
  <message>
   <source>{join}, {number}</source>
   <translation>{join}, {number}</translation>
  </message>
  <message>
   <source>{kind!r} is no kind of drawing written by itself</source>
   <translation>{kind!r} ist keine Art von Zeichnung, die für sich geschrieben wird</translation>
  </message>
  <message>
   <source>{kind!r} is not a kind of amendment</source>
   <translation>{kind!r} ist keine Art von Änderung</translation>
  </message>
  <message>
   <source>{kind!r} is not a kind of amendment this Mingei knows</source>
   <translation>{kind!r} ist keine Art von Änderung, die dieses Mingei kennt</translation>
  </message>
  <message>
   <source>{layers} layers come to {reached}, and {thick} is wanted</source>
   <translation>{layers} Lagen ergeben {reached}, gewünscht sind {thick}</translation>
  </message>
  <message>
   <source>{layers} layers do not pass through a slot</source>
   <translation>{layers} Schichten gehen nicht durch einen Schlitz</translation>
  </message>
  <message>
   <source>{left} from the left, {right} from the right, {below} from below, {above} from above</source>
   <translation>{left} von links, {right} von rechts, {below} von unten, {above} von oben</translation>
  </message>
  <message>
   <source>{length:g} mm is no depth</source>
   <translation>{length:g} mm ist keine Tiefe</translation>
  </message>
  <message>
   <source>{length:g} mm is no length of a part</source>
   <translation>{length:g} mm ist keine Länge eines Teils</translation>
  </message>
  <message>
   <source>{length} between the points: {across} across, {up} up</source>
   <translation>{length} zwischen den Punkten: {across} quer, {up} hoch</translation>
  </message>
  <message>
   <source>{length} mm</source>
   <translation>{length} mm</translation>
  </message>
  <message>
   <source>{length} of edge round it</source>
   <translation>{length} Kante ringsum</translation>
  </message>
  <message>
   <source>{letter!r} is no group</source>
   <translation>{letter!r} ist keine Gruppe</translation>
  </message>
  <message>
   <source>{line!r} is no line across a piece</source>
   <translation>{line!r} ist keine Linie quer durch ein Stück</translation>
  </message>
  <message>
   <source>{low} to {high} would be usual</source>
   <translation>{low} bis {high} wären üblich</translation>
  </message>
  <message>
   <source>{made} of {count} have come through this step.</source>
   <translation>{made} von {count} sind durch diesen Schritt.</translation>
  </message>
  <message>
   <source>{margin:g} mm is no margin</source>
   <translation>{margin:g} mm sind kein Rand</translation>
  </message>
  <message>
   <source>{mass} g</source>
   <translation>{mass} g</translation>
  </message>
  <message>
   <source>{measure} to fit into {value}</source>
   <translation>{measure}, damit es in {value} passt</translation>
  </message>
  <message>
   <source>{measure} to {value}</source>
   <translation>{measure} auf {value}</translation>
  </message>
  <message>
   <source>{minutes} min so far, about {planned} planned</source>
   <translation>{minutes} min bisher, etwa {planned} geplant</translation>
  </message>
  <message>
   <source>{mm:g} mm cannot be cut</source>
   <translation>{mm:g} mm lassen sich nicht schneiden</translation>
  </message>
  <message>
   <source>{mm:g} mm cannot be left between pieces</source>
   <translation>{mm:g} mm lassen sich zwischen Stücken nicht lassen</translation>
  </message>
  <message>
   <source>{mm:g} mm is no margin</source>
   <translation>{mm:g} mm sind kein Rand</translation>
  </message>
  <message>
   <source>{mm:g} mm is no overlap to join sheets by</source>
   <translation>{mm:g} mm sind keine Überlappung, um Bogen zu verbinden</translation>
  </message>
  <message>
   <source>{mm:g} mm is no size of a thing</source>
   <translation>{mm:g} mm ist keine Größe eines Dings</translation>
  </message>
  <message>
   <source>{mm} from the left</source>
   <translation>{mm} von links</translation>
  </message>
  <message>
   <source>{mm} from the {edge}</source>
   <translation>{mm} von der {edge}</translation>
  </message>
  <message>
   <source>{mm} up</source>
   <translation>{mm} von unten</translation>
  </message>
  <message>
   <source>{money:.2f} for hands, card, glue, tape and wear; {card:.2f} of it for the card, waste left out.</source>
   <translation>{money:.2f} für Hände, Karton, Leim, Band und Abnutzung; {card:.2f} davon für den Karton, ohne Verschnitt.</translation>
  </message>
  <message>
   <source>{most} is usual at the most</source>
   <translation>{most} sind höchstens üblich</translation>
  </message>
  <message>
   <source>{most} of the kind {kind} are all that a thing has</source>
   <translation>{most} von der Art {kind} ist alles, was ein Ding hat</translation>
  </message>
  <message>
   <source>{name!r} does not end in {ending}</source>
   <translation>{name!r} endet nicht auf {ending}</translation>
  </message>
  <message>
   <source>{name!r} is no section of a make sheet</source>
   <translation>{name!r} ist kein Abschnitt einer Bauanleitung</translation>
  </message>
  <message>
   <source>{names} and {last}</source>
   <translation>{names} und {last}</translation>
  </message>
  <message>
   <source>{name} back</source>
   <translation>{name} Rückseite</translation>
  </message>
  <message>
   <source>{name} beyond</source>
   <translation>{name} jenseits</translation>
  </message>
  <message>
   <source>{name} cannot be built from it: {reason}</source>
   <translation>{name} lässt sich nicht daraus bauen: {reason}</translation>
  </message>
  <message>
   <source>{name} cannot be read ({reason})</source>
   <translation>{name} lässt sich nicht lesen ({reason})</translation>
  </message>
  <message>
   <source>{name} edge</source>
   <translation>{name} Kante</translation>
  </message>
  <message>
   <source>{name} has changes that are not saved.</source>
   <translation>{name} hat Änderungen, die nicht gespeichert sind.</translation>
  </message>
  <message>
   <source>{name} is joined to itself by way of others</source>
   <translation>{name} ist über andere mit sich selbst verbunden</translation>
  </message>
  <message>
   <source>{name} is open in another window already.</source>
   <translation>{name} ist schon in einem anderen Fenster offen.</translation>
  </message>
  <message>
   <source>{name} join</source>
   <translation>{name} Fuge</translation>
  </message>
  <message>
   <source>{name} was added</source>
   <translation>{name} kam dazu</translation>
  </message>
  <message>
   <source>{name} was changed by somebody else since it was opened here.</source>
   <translation>{name} wurde von jemand anderem geändert, seit es hier geöffnet wurde.</translation>
  </message>
  <message>
   <source>{name} was removed</source>
   <translation>{name} wurde entfernt</translation>
  </message>
  <message>
   <source>{name} was {before}, is now {after}</source>
   <translation>{name} war {before}, ist jetzt {after}</translation>
  </message>
  <message>
   <source>{name} {number}</source>
   <translation>{name} {number}</translation>
  </message>
  <message>
   <source>{name} {width} × {height}</source>
   <translation>{name} {width} × {height}</translation>
  </message>
  <message>
   <source>{name}, as measured here</source>
   <translation>{name}, wie hier gemessen</translation>
  </message>
  <message>
   <source>{name}, thing {turn} of {all}</source>
   <translation>{name}, Ding {turn} von {all}</translation>
  </message>
  <message>
   <source>{name}, {width} × {height}</source>
   <translation>{name}, {width} × {height}</translation>
  </message>
  <message>
   <source>{name}: another construction</source>
   <translation>{name}: eine andere Bauform</translation>
  </message>
  <message>
   <source>{name}: another outline</source>
   <translation>{name}: ein anderer Umriss</translation>
  </message>
  <message>
   <source>{name}: its blank {wide} across and {high} up, outside {out}</source>
   <translation>{name}: Zuschnitt {wide} quer und {high} hoch, außen {out}</translation>
  </message>
  <message>
   <source>{name}: {size}, {mass:.1f} g</source>
   <translation>{name}: {size}, {mass:.1f} g</translation>
  </message>
  <message>
   <source>{name}: {what} differ</source>
   <translation>{name}: {what} sind anders</translation>
  </message>
  <message>
   <source>{name}: {what} was {before}, is now {after}</source>
   <translation>{name}: {what} war {before}, ist jetzt {after}</translation>
  </message>
  <message>
   <source>{now} placings of the rule instead of {before}</source>
   <translation>{now} Anlagen des Lineals statt {before}</translation>
  </message>
  <message>
   <source>{n} copies are too few or too many</source>
   <translation>{n} Kopien sind zu wenige oder zu viele</translation>
  </message>
  <message>
   <source>{n} kits are too few or too many</source>
   <translation>{n} Sätze sind zu wenige oder zu viele</translation>
  </message>
  <message>
   <source>{n}. level, {at} from below</source>
   <translation>{n}. liegend, {at} von unten</translation>
  </message>
  <message>
   <source>{n}. upright, {at} from the left</source>
   <translation>{n}. aufrecht, {at} von links</translation>
  </message>
  <message>
   <source>{off} too thick</source>
   <translation>{off} zu dick</translation>
  </message>
  <message>
   <source>{off} too thin</source>
   <translation>{off} zu dünn</translation>
  </message>
  <message>
   <source>{opening}, across</source>
   <translation>{opening}, quer</translation>
  </message>
  <message>
   <source>{overlap!r} is not how far tiles can overlap</source>
   <translation>{overlap!r} ist keine Überlappung von Kacheln</translation>
  </message>
  <message>
   <source>{owner}, {piece}</source>
   <translation>{owner}, {piece}</translation>
  </message>
  <message>
   <source>{panel} band</source>
   <translation>{panel} Band</translation>
  </message>
  <message>
   <source>{panel} label</source>
   <translation>{panel} Schild</translation>
  </message>
  <message>
   <source>{panel} lining</source>
   <translation>{panel} Futter</translation>
  </message>
  <message>
   <source>{panel} mat</source>
   <translation>{panel} Auflage</translation>
  </message>
  <message>
   <source>{panel} skin</source>
   <translation>{panel}: Haut</translation>
  </message>
  <message>
   <source>{panel} tongue {number}</source>
   <translation>{panel}: Zunge {number}</translation>
  </message>
  <message>
   <source>{panel} words</source>
   <translation>{panel} Wörter</translation>
  </message>
  <message>
   <source>{panel}, {thick} of {stock}</source>
   <translation>{panel}, {thick} aus {stock}</translation>
  </message>
  <message>
   <source>{panel}: {width} × {height} flat</source>
   <translation>{panel}: flach {width} × {height}</translation>
  </message>
  <message>
   <source>{part!r} is no part an overlay belongs to</source>
   <translation>{part!r} ist kein Teil, zu dem eine Auflage gehört</translation>
  </message>
  <message>
   <source>{part}: the same stock</source>
   <translation>{part}: dasselbe Material</translation>
  </message>
  <message>
   <source>{part}: {stock}</source>
   <translation>{part}: {stock}</translation>
  </message>
  <message>
   <source>{percent:g} % is no printer's fault</source>
   <translation>{percent:g} % ist keines Druckers Fehler</translation>
  </message>
  <message numerus="yes">
   <source>{percent} %: {count} sheets instead of {before}; no fewer than {least} by their area</source>
   <translation>
    <numerusform>{percent} %: {count} Bogen statt {before}; nach der Fläche nicht weniger als {least}</numerusform>
    <numerusform>{percent} %: {count} Bogen statt {before}; nach der Fläche nicht weniger als {least}</numerusform>
   </translation>
  </message>
  <message>
   <source>{percent} %: {now} placings of the rule instead of {before}</source>
   <translation>{percent} %: {now} Anlagen des Lineals statt {before}</translation>
  </message>
  <message>
   <source>{piece} strip {number}</source>
   <translation>{piece} Streifen {number}</translation>
  </message>
  <message>
   <source>{piece} {letter}</source>
   <translation>{piece} {letter}</translation>
  </message>
  <message>
   <source>{piece} {panel}</source>
   <translation>{piece} {panel}</translation>
  </message>
  <message>
   <source>{piece}, tile {tile}</source>
   <translation>{piece}, Kachel {tile}</translation>
  </message>
  <message>
   <source>{piece}, {number} of {count}</source>
   <translation>{piece}, {number} von {count}</translation>
  </message>
  <message>
   <source>{piece}, {what}</source>
   <translation>{piece}, {what}</translation>
  </message>
  <message>
   <source>{piece}, {width} by {height}</source>
   <translation>{piece}, {width} mal {height}</translation>
  </message>
  <message numerus="yes">
   <source>{piece}: {count} boards of the sheet's size back it, edge to edge.</source>
   <translation>
    <numerusform>{piece}: {count} Brett in der Größe des Bogens hinterlegt es.</numerusform>
    <numerusform>{piece}: {count} Bretter in der Größe des Bogens hinterlegen es, Kante an Kante.</numerusform>
   </translation>
  </message>
  <message>
   <source>{place}, entry {number}</source>
   <translation>{place}, Eintrag {number}</translation>
  </message>
  <message>
   <source>{place}: </source>
   <translation>{place}: </translation>
  </message>
  <message>
   <source>{place}: {inner}</source>
   <translation>{place}: {inner}</translation>
  </message>
  <message>
   <source>{placings}. About {score} to score and {cut} to cut.</source>
   <translation>{placings}. Etwa {score} zum Rillen und {cut} zum Schneiden.</translation>
  </message>
  <message>
   <source>{printer} prints a bar of 100 mm {across:.2f} across and {along:.2f} along.</source>
   <translation>{printer} druckt einen Balken von 100 mm quer {across:.2f} und längs {along:.2f}.</translation>
  </message>
  <message>
   <source>{ratio!r} is not A:B</source>
   <translation>{ratio!r} ist nicht A:B</translation>
  </message>
  <message>
   <source>{reason}: its place is kept</source>
   <translation>{reason}: sein Platz bleibt frei</translation>
  </message>
  <message>
   <source>{recipe}: it is not measured inside</source>
   <translation>{recipe}: sie wird nicht innen gemessen</translation>
  </message>
  <message>
   <source>{recipe}: {caliper:g} mm is not a caliper it can be folded from</source>
   <translation>{recipe}: {caliper:g} mm ist keine Dicke, aus der es sich falten lässt</translation>
  </message>
  <message>
   <source>{remedy}: {measure} {value} would do</source>
   <translation>{remedy}: {measure} {value} ginge</translation>
  </message>
  <message>
   <source>{remedy}; or begin from its usual measures, or take another construction</source>
   <translation>{remedy}; oder beginnen Sie mit ihren üblichen Maßen, oder nehmen Sie eine andere Bauform</translation>
  </message>
  <message>
   <source>{rest!r} cannot be read</source>
   <translation>{rest!r} ist nicht zu lesen</translation>
  </message>
  <message>
   <source>{row!r} is no way to stand</source>
   <translation>{row!r} ist keine Aufstellung</translation>
  </message>
  <message>
   <source>{said} is outside what this recipe builds</source>
   <translation>{said} liegt außerhalb dessen, was diese Bauform baut</translation>
  </message>
  <message>
   <source>{seam}, depth</source>
   <translation>{seam}, Tiefe</translation>
  </message>
  <message>
   <source>{share:.0f} in a hundred of its way makes nothing: order it anew</source>
   <translation>{share:.0f} von hundert seines Weges machen nichts: ordne ihn neu</translation>
  </message>
  <message>
   <source>{side} inside</source>
   <translation>{side} innen</translation>
  </message>
  <message>
   <source>{size:.0f} MB are more than are read</source>
   <translation>{size:.0f} MB sind mehr, als gelesen werden</translation>
  </message>
  <message>
   <source>{sizes!r} is no thing that must fit</source>
   <translation>{sizes!r} ist kein Ding, das hineinpassen muss</translation>
  </message>
  <message>
   <source>{size} is no size of a model</source>
   <translation>{size} ist keine Größe für ein Modell</translation>
  </message>
  <message>
   <source>{size}, largest of {count}</source>
   <translation>{size}, das größte von {count}</translation>
  </message>
  <message>
   <source>{skew:g} degrees is no skew a printer has</source>
   <translation>{skew:g} Grad zieht kein Drucker schräg</translation>
  </message>
  <message>
   <source>{stage} {minutes:.0f}</source>
   <translation>{stage} {minutes:.0f}</translation>
  </message>
  <message>
   <source>{stock} comes out as asked with a crease gain of {value:.2f} mm ({low:.2f} to {high:.2f}, from {many}); it has {now:.2f}.</source>
   <translation>{stock} wird wie gewollt mit einem Falzzuschlag von {value:.2f} mm ({low:.2f} bis {high:.2f}, aus {many}); es hat {now:.2f}.</translation>
  </message>
  <message>
   <source>{stock} is {caliper:g} mm thick, and its {tool} goes through {most:g} mm</source>
   <translation>{stock} ist {caliper:g} mm dick, und das Werkzeug ({tool}) geht durch {most:g} mm</translation>
  </message>
  <message>
   <source>{stock} was measured anew since this.</source>
   <translation>{stock} wurde seither neu gemessen.</translation>
  </message>
  <message>
   <source>{stock}, {caliper} thick. The printed face is the outside.</source>
   <translation>{stock}, {caliper} dick. Die bedruckte Seite ist außen.</translation>
  </message>
  <message>
   <source>{suffix} is a job for a machine</source>
   <translation>{suffix} ist ein Auftrag für eine Maschine</translation>
  </message>
  <message>
   <source>{suffix} is no make sheet</source>
   <translation>{suffix} ist keine Bauanleitung</translation>
  </message>
  <message>
   <source>{suffix} is not a format Mingei writes</source>
   <translation>{suffix} ist kein Format, das Mingei schreibt</translation>
  </message>
  <message>
   <source>{tab} of the {piece}</source>
   <translation>{tab} von {piece}</translation>
  </message>
  <message>
   <source>{text!r} in the job is not read: a word or a number in it is none</source>
   <translation>{text!r} im Auftrag ist nicht zu lesen: ein Wort oder eine Zahl darin ist keine</translation>
  </message>
  <message>
   <source>{text!r} is no grammage</source>
   <translation>{text!r} ist kein Flächengewicht</translation>
  </message>
  <message>
   <source>{text!r} is no share</source>
   <translation>{text!r} ist kein Anteil</translation>
  </message>
  <message>
   <source>{text!r} is not a number</source>
   <translation>{text!r} ist keine Zahl</translation>
  </message>
  <message>
   <source>{text!r} is not a unit</source>
   <translation>{text!r} ist keine Einheit</translation>
  </message>
  <message>
   <source>{text!r} was not expected</source>
   <translation>{text!r} war nicht erwartet</translation>
  </message>
  <message>
   <source>{thick} is too thick to go round an edge</source>
   <translation>{thick} ist zu dick, um eine Kante herumzugehen</translation>
  </message>
  <message>
   <source>{thing!r} is no size known by name, nor two lengths</source>
   <translation>{thing!r} ist keine Größe, die man beim Namen kennt, und sind keine zwei Längen</translation>
  </message>
  <message>
   <source>{thing} is in the logbook: measure it inside, and write that beside it.</source>
   <translation>{thing} steht im Logbuch: Miss es innen und schreib es daneben.</translation>
  </message>
  <message>
   <source>{thing}, whole, of {count} things</source>
   <translation>{thing}, das Ganze, aus {count} Dingen</translation>
  </message>
  <message>
   <source>{times!r} is no scale of a model</source>
   <translation>{times!r} ist kein Maßstab eines Modells</translation>
  </message>
  <message>
   <source>{title}: back of page {number}</source>
   <translation>{title}: Rückseite von Seite {number}</translation>
  </message>
  <message>
   <source>{title}: cutting list, page {number} of {count}</source>
   <translation>{title}: Schnittliste, Seite {number} von {count}</translation>
  </message>
  <message>
   <source>{title}: {plan}, sheet {number} of {count}, {stock}</source>
   <translation>{title}: {plan}, Bogen {number} von {count}, {stock}</translation>
  </message>
  <message>
   <source>{tool}, {count} layers one by one</source>
   <translation>{tool}, {count} Lagen einzeln</translation>
  </message>
  <message>
   <source>{unit!r} is not a unit</source>
   <translation>{unit!r} ist keine Einheit</translation>
  </message>
  <message>
   <source>{value!r} is neither true nor false</source>
   <translation>{value!r} ist weder true noch false</translation>
  </message>
  <message>
   <source>{value!r} is no choice there</source>
   <translation>{value!r} steht dort nicht zur Wahl</translation>
  </message>
  <message>
   <source>{value!r} is no measure</source>
   <translation>{value!r} ist kein Maß</translation>
  </message>
  <message>
   <source>{value!r} is no number of a copy or page</source>
   <translation>{value!r} ist keine Nummer einer Kopie oder Seite</translation>
  </message>
  <message>
   <source>{value!r} is no whole number that can stand there</source>
   <translation>{value!r} ist keine ganze Zahl, die dort stehen kann</translation>
  </message>
  <message>
   <source>{value!r} is not a choice</source>
   <translation>{value!r} steht nicht zur Wahl</translation>
  </message>
  <message>
   <source>{value!r} is not a number</source>
   <translation>{value!r} ist keine Zahl</translation>
  </message>
  <message>
   <source>{value:g} cannot be its figure</source>
   <translation>{value:g} kann nicht stimmen</translation>
  </message>
  <message>
   <source>{value:g} degrees are too many to be flat</source>
   <translation>{value:g} Grad sind zu viel, um flach zu sein</translation>
  </message>
  <message>
   <source>{value:g} is no distance of colours</source>
   <translation>{value:g} ist kein Abstand von Farben</translation>
  </message>
  <message>
   <source>{value:g} is no share of a width</source>
   <translation>{value:g} ist kein Anteil einer Breite</translation>
  </message>
  <message>
   <source>{value:g} is not a whole number</source>
   <translation>{value:g} ist keine ganze Zahl</translation>
  </message>
  <message>
   <source>{value} is not taken</source>
   <translation>{value} wird nicht genommen</translation>
  </message>
  <message>
   <source>{what} differ</source>
   <translation>{what} sind anders</translation>
  </message>
  <message>
   <source>{wide} wide, {high} high</source>
   <translation>{wide} breit, {high} hoch</translation>
  </message>
  <message>
   <source>{wide} x {high}</source>
   <translation>{wide} x {high}</translation>
  </message>
  <message>
   <source>{width} by {height}</source>
   <translation>{width} mal {height}</translation>
  </message>
  <message>
   <source>{width} tape</source>
   <translation>Klebeband {width}</translation>
  </message>
  <message>
   <source>{word!r} is neither yes nor no</source>
   <translation>{word!r} ist weder yes noch no</translation>
  </message>
  <message>
   <source>{word!r} is no corner</source>
   <translation>{word!r} ist keine Ecke</translation>
  </message>
  <message>
   <source>{word!r} is no edge</source>
   <translation>{word!r} ist keine Kante</translation>
  </message>
  <message>
   <source>{word!r} is no joint between things</source>
   <translation>{word!r} ist keine Verbindung zwischen Dingen</translation>
  </message>
  <message>
   <source>{word!r} is no sheet's number</source>
   <translation>{word!r} ist keine Nummer eines Bogens</translation>
  </message>
  <message>
   <source>{word!r} is no whole number</source>
   <translation>{word!r} ist keine ganze Zahl</translation>
  </message>
  <message>
   <source>{word!r} is not NAME=VALUE</source>
   <translation>{word!r} ist nicht NAME=WERT</translation>
  </message>
  <message>
   <source>{word!r} is not PART=ID</source>
   <translation>{word!r} ist nicht TEIL=ID</translation>
  </message>
  <message>
   <source>{word!r} is nothing it can be held by</source>
   <translation>{word!r} hält es nicht</translation>
  </message>
  <message>
   <source>{words} So it is done {count} times.</source>
   <translation>{words} So wird es {count}-mal gemacht.</translation>
  </message>
  <message>
   <source>{words}.</source>
   <translation>{words}.</translation>
  </message>
  <message>
   <source>{words}: it has been held long enough.</source>
   <translation>{words}: lange genug gehalten.</translation>
  </message>
  <message>
   <source>{words}: {seconds} s more</source>
   <translation>{words}: noch {seconds} s</translation>
  </message>
  <message>
   <source>{wrapped} goes over each face; glue edge bands on the panels that are seen</source>
   <translation>{wrapped} geht über jede Fläche; kleben Sie Kantenbänder auf die Felder, die man sieht</translation>
  </message>
  <message>
   <source>{x:.1f} mm across, {y:.1f} mm up, from the middle</source>
   <translation>{x:.1f} mm quer, {y:.1f} mm hoch, von der Mitte</translation>
  </message>
  <message>
   <source>… and {count} more</source>
   <translation>… und {count} mehr</translation>
  </message>
 </context>
</TS>
