<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Texts</name>
    <message>
        <source>%1 or %2</source>
        <comment>file endings</comment>
        <translation>%1 oder %2</translation>
    </message>
    <message>
        <source>%1 cannot be written. Choose another place.</source>
        <translation>%1 kann nicht geschrieben werden. Einen anderen Ort wählen.</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>An&amp;ordnen</translation>
    </message>
    <message>
        <source>Keep lined up</source>
        <translation>Bündig halten</translation>
    </message>
    <message>
        <source>&amp;Keep left edges lined up</source>
        <translation>&amp;Linke Kanten bündig halten</translation>
    </message>
    <message>
        <source>Left edges go where the lead&apos;s is and stay together on a rail.</source>
        <translation>Linke Kanten gehen dorthin, wo die des Leitelements ist, und bleiben an einer Schiene beieinander.</translation>
    </message>
    <message>
        <source>Keep &amp;right edges lined up</source>
        <translation>&amp;Rechte Kanten bündig halten</translation>
    </message>
    <message>
        <source>Right edges go where the lead&apos;s is and stay together on a rail.</source>
        <translation>Rechte Kanten gehen dorthin, wo die des Leitelements ist, und bleiben an einer Schiene beieinander.</translation>
    </message>
    <message>
        <source>Keep &amp;top edges lined up</source>
        <translation>&amp;Obere Kanten bündig halten</translation>
    </message>
    <message>
        <source>Top edges go where the lead&apos;s is and stay together on a level rail.</source>
        <translation>Obere Kanten gehen dorthin, wo die des Leitelements ist, und bleiben an einer waagerechten Schiene beieinander.</translation>
    </message>
    <message>
        <source>Keep &amp;bottom edges lined up</source>
        <translation>&amp;Untere Kanten bündig halten</translation>
    </message>
    <message>
        <source>Bottom edges go where the lead&apos;s is and stay together on a level rail.</source>
        <translation>Untere Kanten gehen dorthin, wo die des Leitelements ist, und bleiben an einer waagerechten Schiene beieinander.</translation>
    </message>
    <message>
        <source>Go into the s&amp;ubform</source>
        <translation>In das Un&amp;terformular gehen</translation>
    </message>
    <message>
        <source>Designs the form of the rows that the selected subform shows.</source>
        <translation>Gestaltet das Formular der Zeilen, die das gewählte Unterformular zeigt.</translation>
    </message>
    <message>
        <source>Go into the form of one ro&amp;w</source>
        <translation>In das Formular einer &amp;Zeile gehen</translation>
    </message>
    <message>
        <source>Designs the form on which a tabular form shows one row in full.</source>
        <translation>Gestaltet das Formular, auf dem ein tabellarisches Formular eine Zeile im Ganzen zeigt.</translation>
    </message>
    <message>
        <source>Bac&amp;k to the outer form</source>
        <translation>Zurück zum äu&amp;ßeren Formular</translation>
    </message>
    <message>
        <source>P&amp;lace a control</source>
        <translation>Ein &amp;Element setzen</translation>
    </message>
    <message>
        <source>&amp;Bands and form</source>
        <translation>&amp;Bereiche und Formular</translation>
    </message>
    <message>
        <source>Add the %1</source>
        <translation>Hinzufügen: %1</translation>
    </message>
    <message>
        <source>Remove the %1</source>
        <translation>Entfernen: %1</translation>
    </message>
    <message>
        <source>&amp;Trim the form to its content</source>
        <translation>Das Formular auf seinen Inhalt &amp;stutzen</translation>
    </message>
    <message>
        <source>Trim the form</source>
        <translation>Das Formular stutzen</translation>
    </message>
    <message>
        <source>Tab &amp;order</source>
        <translation>&amp;Tab-Folge</translation>
    </message>
    <message>
        <source>&amp;Show and set by hand</source>
        <translation>&amp;Zeigen und von Hand setzen</translation>
    </message>
    <message>
        <source>&amp;Earlier</source>
        <translation>&amp;Früher</translation>
    </message>
    <message>
        <source>The lead is visited by Tab one place earlier.</source>
        <translation>Das Leitelement wird von Tab eine Stelle früher besucht.</translation>
    </message>
    <message>
        <source>&amp;Later</source>
        <translation>&amp;Später</translation>
    </message>
    <message>
        <source>The lead is visited by Tab one place later.</source>
        <translation>Das Leitelement wird von Tab eine Stelle später besucht.</translation>
    </message>
    <message>
        <source>As it &amp;reads</source>
        <translation>Wie man &amp;liest</translation>
    </message>
    <message>
        <source>Tab order as it reads</source>
        <translation>Tab-Folge, wie man liest</translation>
    </message>
    <message>
        <source>By r&amp;ows</source>
        <translation>&amp;Zeilenweise</translation>
    </message>
    <message>
        <source>Tab order by rows</source>
        <translation>Tab-Folge zeilenweise</translation>
    </message>
    <message>
        <source>By &amp;columns</source>
        <translation>S&amp;paltenweise</translation>
    </message>
    <message>
        <source>Tab order by columns</source>
        <translation>Tab-Folge spaltenweise</translation>
    </message>
    <message>
        <source>Change a rail&apos;s hold</source>
        <translation>Den Halt einer Schiene ändern</translation>
    </message>
    <message>
        <source>Holds to the top</source>
        <translation>Hält sich oben</translation>
    </message>
    <message>
        <source>Holds to the left</source>
        <translation>Hält sich links</translation>
    </message>
    <message>
        <source>Holds to the bottom</source>
        <translation>Hält sich unten</translation>
    </message>
    <message>
        <source>Holds to the right</source>
        <translation>Hält sich rechts</translation>
    </message>
    <message>
        <source>Keeps its share</source>
        <translation>Behält seinen Anteil</translation>
    </message>
    <message>
        <source>Stands clear of captions</source>
        <translation>Weicht Beschriftungen aus</translation>
    </message>
    <message>
        <source>Change a rail</source>
        <translation>Eine Schiene ändern</translation>
    </message>
    <message>
        <source>Delete the rail</source>
        <translation>Die Schiene löschen</translation>
    </message>
    <message>
        <source>Trim the form to its content</source>
        <translation>Das Formular auf seinen Inhalt stutzen</translation>
    </message>
    <message>
        <source>New column of the table…</source>
        <translation>Neue Spalte der Tabelle…</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Select all</source>
        <translation>Alles wählen</translation>
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
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>Steps &amp;done…</source>
        <translation>&amp;Getane Schritte…</translation>
    </message>
    <message>
        <source>&amp;New column of the table…</source>
        <translation>&amp;Neue Spalte der Tabelle…</translation>
    </message>
    <message>
        <source>Bring into step with the &amp;tables…</source>
        <translation>Mit den &amp;Tabellen abgleichen…</translation>
    </message>
    <message>
        <source>Draft a&amp;gain…</source>
        <translation>&amp;Noch einmal entwerfen…</translation>
    </message>
    <message>
        <source>Other columns &amp;instead of one…</source>
        <translation>&amp;Andere Spalten statt einer…</translation>
    </message>
    <message>
        <source>Cu&amp;t</source>
        <translation>&amp;Ausschneiden</translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation>&amp;Kopieren</translation>
    </message>
    <message>
        <source>&amp;Paste</source>
        <translation>&amp;Einfügen</translation>
    </message>
    <message>
        <source>Paste in &amp;place</source>
        <translation>An Ort und &amp;Stelle einfügen</translation>
    </message>
    <message>
        <source>D&amp;uplicate</source>
        <translation>Ver&amp;doppeln</translation>
    </message>
    <message>
        <source>&amp;Delete</source>
        <translation>&amp;Löschen</translation>
    </message>
    <message>
        <source>Delete boxes, leave their cap&amp;tions</source>
        <translation>Felder löschen, ihre Beschriftungen &amp;lassen</translation>
    </message>
    <message>
        <source>Delete boxes</source>
        <translation>Felder löschen</translation>
    </message>
    <message>
        <source>Edit the capt&amp;ion</source>
        <translation>Die Beschrift&amp;ung ändern</translation>
    </message>
    <message>
        <source>C&amp;aptions and options…</source>
        <translation>Beschriftungen und O&amp;ptionen…</translation>
    </message>
    <message>
        <source>Control &amp;names…</source>
        <translation>&amp;Namen der Elemente…</translation>
    </message>
    <message>
        <source>Ro&amp;w source…</source>
        <translation>&amp;Herkunft der Zeilen…</translation>
    </message>
    <message>
        <source>&amp;Undo: %1</source>
        <translation>&amp;Rückgängig: %1</translation>
    </message>
    <message>
        <source>&amp;Redo: %1</source>
        <translation>&amp;Wiederholen: %1</translation>
    </message>
    <message>
        <source>None yet</source>
        <translation>Noch keine</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>&amp;New form from data…</source>
        <translation>&amp;Neues Formular aus Daten…</translation>
    </message>
    <message>
        <source>New form &amp;without a database</source>
        <translation>Neues Formular &amp;ohne Datenbank</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>Open a database on a ser&amp;ver…</source>
        <translation>Datenbank auf einem Ser&amp;ver öffnen…</translation>
    </message>
    <message>
        <source>Open the &amp;demonstration</source>
        <translation>Die Vorf&amp;ührung öffnen</translation>
    </message>
    <message>
        <source>&amp;Forms of this project</source>
        <translation>&amp;Formulare dieses Projekts</translation>
    </message>
    <message>
        <source>Read the data&amp;base again</source>
        <translation>Datenbank neu &amp;lesen</translation>
    </message>
    <message>
        <source>&amp;Move the project to another database…</source>
        <translation>Das &amp;Projekt auf eine andere Datenbank umstellen…</translation>
    </message>
    <message>
        <source>Ma&amp;ke a start form</source>
        <translation>Ein St&amp;artformular machen</translation>
    </message>
    <message>
        <source>&amp;Hand over…</source>
        <translation>Ü&amp;bergeben…</translation>
    </message>
    <message>
        <source>Ma&amp;il of the project…</source>
        <translation>&amp;Mail des Projekts…</translation>
    </message>
    <message>
        <source>&amp;Save form</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Save form &amp;as…</source>
        <translation>Speichern &amp;unter…</translation>
    </message>
    <message>
        <source>&amp;Rename form…</source>
        <translation>Formular umb&amp;enennen…</translation>
    </message>
    <message>
        <source>Where this form is &amp;used…</source>
        <translation>Wo dieses Formular &amp;gebraucht wird…</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>Been&amp;den</translation>
    </message>
    <message>
        <source>&amp;Save record</source>
        <translation>Datensatz &amp;speichern</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;About Nabblet</source>
        <translation>Ü&amp;ber Nabblet</translation>
    </message>
    <message>
        <source>About Nabblet</source>
        <translation>Über Nabblet</translation>
    </message>
    <message>
        <source>Nabblet %1

Drafts bound entry forms from database tables, lets you arrange them, and puts them to work.</source>
        <translation>Nabblet %1

Entwirft gebundene Eingabeformulare aus Tabellen von Datenbanken, lässt sie anordnen und nimmt sie in Betrieb.</translation>
    </message>
    <message>
        <source>Not bold</source>
        <translation>Nicht fett</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>Larger letters</source>
        <translation>Größere Schrift</translation>
    </message>
    <message>
        <source>Smaller letters</source>
        <translation>Kleinere Schrift</translation>
    </message>
    <message>
        <source>Change an alignment</source>
        <translation>Eine Ausrichtung ändern</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>A&amp;ussehen</translation>
    </message>
    <message>
        <source>&amp;Looks and styles</source>
        <translation>&amp;Aussehen und Stile</translation>
    </message>
    <message>
        <source>&amp;Bold</source>
        <translation>&amp;Fett</translation>
    </message>
    <message>
        <source>&amp;Slanted</source>
        <translation>&amp;Kursiv</translation>
    </message>
    <message>
        <source>Slanted</source>
        <translation>Kursiv</translation>
    </message>
    <message>
        <source>&amp;Underlined</source>
        <translation>&amp;Unterstrichen</translation>
    </message>
    <message>
        <source>Underlined</source>
        <translation>Unterstrichen</translation>
    </message>
    <message>
        <source>Lar&amp;ger letters</source>
        <translation>&amp;Größere Schrift</translation>
    </message>
    <message>
        <source>S&amp;maller letters</source>
        <translation>K&amp;leinere Schrift</translation>
    </message>
    <message>
        <source>Words to the le&amp;ft</source>
        <translation>Wörter nach l&amp;inks</translation>
    </message>
    <message>
        <source>Words in the mi&amp;ddle</source>
        <translation>Wörter in die &amp;Mitte</translation>
    </message>
    <message>
        <source>Words to the &amp;right</source>
        <translation>Wörter nach &amp;rechts</translation>
    </message>
    <message>
        <source>&amp;Copy the look</source>
        <translation>Aussehen ko&amp;pieren</translation>
    </message>
    <message>
        <source>Copy the look many &amp;times</source>
        <translation>Aussehen &amp;oft kopieren</translation>
    </message>
    <message>
        <source>&amp;Paste the look</source>
        <translation>Aussehen &amp;einfügen</translation>
    </message>
    <message>
        <source>Paste a look</source>
        <translation>Ein Aussehen einfügen</translation>
    </message>
    <message>
        <source>&amp;As the look says</source>
        <translation>Wie das Aussehen &amp;sagt</translation>
    </message>
    <message>
        <source>As the look says</source>
        <translation>Wie das Aussehen sagt</translation>
    </message>
    <message>
        <source>St&amp;yle</source>
        <translation>S&amp;til</translation>
    </message>
    <message>
        <source>Style %1</source>
        <translation>Stil %1</translation>
    </message>
    <message>
        <source>Take the style “%1”</source>
        <translation>Den Stil „%1“ nehmen</translation>
    </message>
    <message>
        <source>&amp;Keep as a style…</source>
        <translation>Als Stil &amp;behalten…</translation>
    </message>
    <message>
        <source>Where styles are &amp;used…</source>
        <translation>Wo Stile gebrau&amp;cht werden…</translation>
    </message>
    <message>
        <source>&amp;Records</source>
        <translation>Da&amp;tensätze</translation>
    </message>
    <message>
        <source>&amp;Select</source>
        <translation>&amp;Wählen</translation>
    </message>
    <message>
        <source>&amp;All</source>
        <translation>&amp;Alles</translation>
    </message>
    <message>
        <source>All of this &amp;kind</source>
        <translation>Alle dieser A&amp;rt</translation>
    </message>
    <message>
        <source>The ro&amp;w</source>
        <translation>Die &amp;Zeile</translation>
    </message>
    <message>
        <source>The colu&amp;mn</source>
        <translation>Die &amp;Spalte</translation>
    </message>
    <message>
        <source>All of this &amp;band</source>
        <translation>Alles dieses &amp;Bereichs</translation>
    </message>
    <message>
        <source>&amp;Captions only</source>
        <translation>Nur Be&amp;schriftungen</translation>
    </message>
    <message>
        <source>Bo&amp;xes only</source>
        <translation>Nur &amp;Felder</translation>
    </message>
    <message>
        <source>What lies &amp;under</source>
        <translation>Was dar&amp;unter liegt</translation>
    </message>
    <message>
        <source>&amp;Next</source>
        <translation>&amp;Nächster</translation>
    </message>
    <message>
        <source>&amp;Previous</source>
        <translation>&amp;Voriger</translation>
    </message>
    <message>
        <source>Add the next</source>
        <translation>Das nächste dazu</translation>
    </message>
    <message>
        <source>Add the previous</source>
        <translation>Das vorige dazu</translation>
    </message>
    <message>
        <source>&amp;Outwards</source>
        <translation>Nach &amp;außen</translation>
    </message>
    <message>
        <source>Next page in front</source>
        <translation>Nächste Seite nach vorn</translation>
    </message>
    <message>
        <source>Page before in front</source>
        <translation>Vorige Seite nach vorn</translation>
    </message>
    <message>
        <source>The band: %1</source>
        <translation>Der Bereich: %1</translation>
    </message>
    <message>
        <source>The for&amp;m</source>
        <translation>Das For&amp;mular</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>&amp;Entry</source>
        <translation>&amp;Eingabe</translation>
    </message>
    <message>
        <source>&amp;Rules</source>
        <translation>&amp;Regeln</translation>
    </message>
    <message>
        <source>&amp;Trial</source>
        <translation>&amp;Probe</translation>
    </message>
    <message>
        <source>Te&amp;st record</source>
        <translation>Probe&amp;datensatz</translation>
    </message>
    <message>
        <source>Ne&amp;xt side of a rule</source>
        <translation>Nächste Seite einer Rege&amp;l</translation>
    </message>
    <message>
        <source>&amp;Find a command…</source>
        <translation>Befehl &amp;suchen…</translation>
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
        <source>A&amp;ctual size</source>
        <translation>Wirkliche Grö&amp;ße</translation>
    </message>
    <message>
        <source>&amp;Whole form</source>
        <translation>&amp;Ganzes Formular</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>How large the form is shown</source>
        <translation>Wie groß das Formular gezeigt wird</translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation>Ein&amp;heit</translation>
    </message>
    <message>
        <source>&amp;Pixels</source>
        <translation>&amp;Pixel</translation>
    </message>
    <message>
        <source>&amp;Millimetres</source>
        <translation>&amp;Millimeter</translation>
    </message>
    <message>
        <source>&amp;Inches</source>
        <translation>&amp;Zoll</translation>
    </message>
    <message>
        <source>&amp;Grid steps</source>
        <translation>&amp;Rasterschritte</translation>
    </message>
    <message>
        <source>&amp;Grid</source>
        <translation>&amp;Raster</translation>
    </message>
    <message>
        <source>&amp;Dots</source>
        <translation>&amp;Punkte</translation>
    </message>
    <message>
        <source>&amp;Lines</source>
        <translation>&amp;Linien</translation>
    </message>
    <message>
        <source>&amp;Nothing</source>
        <translation>&amp;Nichts</translation>
    </message>
    <message>
        <source>Change the grid</source>
        <translation>Das Raster ändern</translation>
    </message>
    <message>
        <source>&amp;Values on the board</source>
        <translation>&amp;Werte auf der Zeichenfläche</translation>
    </message>
    <message>
        <source>A &amp;record</source>
        <translation>Ein &amp;Datensatz</translation>
    </message>
    <message>
        <source>&amp;Longest values</source>
        <translation>&amp;Längste Werte</translation>
    </message>
    <message>
        <source>&amp;Blank</source>
        <translation>L&amp;eer</translation>
    </message>
    <message>
        <source>&amp;Stored rows</source>
        <translation>Gespeicherte &amp;Zeilen</translation>
    </message>
    <message>
        <source>Fin&amp;dings</source>
        <translation>&amp;Befunde</translation>
    </message>
    <message>
        <source>Ne&amp;xt finding</source>
        <translation>Nächster Bef&amp;und</translation>
    </message>
    <message>
        <source>Previous fi&amp;nding</source>
        <translation>Voriger Befu&amp;nd</translation>
    </message>
    <message>
        <source>&amp;Tracing sheet…</source>
        <translation>&amp;Vorlage zum Nachzeichnen…</translation>
    </message>
    <message>
        <source>Mo&amp;ve the tracing sheet</source>
        <translation>Vorla&amp;ge verschieben</translation>
    </message>
    <message>
        <source>&amp;Window sizes</source>
        <translation>&amp;Fenstergrößen</translation>
    </message>
    <message>
        <source>Colours as &amp;others see them</source>
        <translation>Farben, wie &amp;andere sie sehen</translation>
    </message>
    <message>
        <source>&amp;Most people</source>
        <translation>&amp;Die meisten</translation>
    </message>
    <message>
        <source>Without &amp;green</source>
        <translation>Ohne &amp;Grün</translation>
    </message>
    <message>
        <source>Without &amp;red</source>
        <translation>Ohne &amp;Rot</translation>
    </message>
    <message>
        <source>Without &amp;blue</source>
        <translation>Ohne &amp;Blau</translation>
    </message>
    <message>
        <source>Commands at &amp;hand</source>
        <translation>Befehle &amp;zur Hand</translation>
    </message>
    <message>
        <source>&amp;Board alone, or with its panels</source>
        <translation>Zeichenfläche allein oder mit &amp;Leisten</translation>
    </message>
    <message>
        <source>Go to the &amp;catalogue</source>
        <translation>Zum &amp;Katalog</translation>
    </message>
    <message>
        <source>Go to the &amp;board</source>
        <translation>Zur Zei&amp;chenfläche</translation>
    </message>
    <message>
        <source>Go to the i&amp;nspector</source>
        <translation>Zu den E&amp;igenschaften</translation>
    </message>
    <message>
        <source>Go to the co&amp;ntrols</source>
        <translation>Zu den Ele&amp;menten</translation>
    </message>
    <message>
        <source>Go to the o&amp;utline</source>
        <translation>Zur Glie&amp;derung</translation>
    </message>
    <message>
        <source>Colours as on the &amp;desktop</source>
        <translation>Farben wie auf dem &amp;Desktop</translation>
    </message>
    <message>
        <source>&amp;Light colours</source>
        <translation>&amp;Helle Farben</translation>
    </message>
    <message>
        <source>D&amp;ark colours</source>
        <translation>D&amp;unkle Farben</translation>
    </message>
    <message>
        <source>End the &amp;trial</source>
        <translation>Die &amp;Probe beenden</translation>
    </message>
    <message>
        <source>Back to the boa&amp;rd</source>
        <translation>Zurück zur Zeichen&amp;fläche</translation>
    </message>
    <message>
        <source>&amp;Design</source>
        <translation>&amp;Gestalten</translation>
    </message>
    <message>
        <source>The demonstration&apos;s %1 is not part of this program.</source>
        <translation>%1 der Vorführung ist nicht Teil dieses Programms.</translation>
    </message>
    <message>
        <source>The folder %1 could not be made. Look whether you may write there.</source>
        <translation>Der Ordner %1 konnte nicht angelegt werden. Nachsehen, ob dort geschrieben werden darf.</translation>
    </message>
    <message>
        <source>The demonstration is not part of this program.</source>
        <translation>Die Vorführung ist nicht Teil dieses Programms.</translation>
    </message>
    <message>
        <source>The form “%1” is new.</source>
        <translation>Das Formular „%1“ ist neu.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a form and what changed in it</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>The form “%1” is gone.</source>
        <translation>Das Formular „%1“ ist fort.</translation>
    </message>
    <message>
        <source>Save the form in a project first.</source>
        <translation>Das Formular erst in einem Projekt speichern.</translation>
    </message>
    <message>
        <source>No form is the one to start with. “Make a start form” in the File menu makes one.</source>
        <translation>Kein Formular ist das, mit dem begonnen wird. „Ein Startformular machen“ im Menü Datei macht eines.</translation>
    </message>
    <message>
        <source>%1: two lines of changes are not decided yet.</source>
        <translation>%1: Zwei Linien von Änderungen sind noch nicht entschieden.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a form and what is wrong there</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 has something else in it. Choose an empty folder, or one that was handed over before.</source>
        <translation>In %1 ist etwas anderes. Einen leeren Ordner wählen oder einen, in den schon einmal übergeben wurde.</translation>
    </message>
    <message>
        <source>That is the project itself. Choose another folder.</source>
        <translation>Das ist das Projekt selbst. Einen anderen Ordner wählen.</translation>
    </message>
    <message>
        <source>%1 cannot be made. Choose another place.</source>
        <translation>%1 kann nicht angelegt werden. Einen anderen Ort wählen.</translation>
    </message>
    <message>
        <source>%1 cannot be written. Choose another place, or make room there.</source>
        <translation>%1 kann nicht geschrieben werden. Einen anderen Ort wählen oder dort Platz schaffen.</translation>
    </message>
    <message>
        <source>Nothing was handed over there before.</source>
        <translation>Dorthin wurde vorher nichts übergeben.</translation>
    </message>
    <message>
        <source>The form to start with is not there any more. Ask those who handed it over.</source>
        <translation>Das Formular, mit dem begonnen wird, ist nicht mehr da. Bei denen nachfragen, die es übergeben haben.</translation>
    </message>
    <message>
        <source>Mail of the project</source>
        <translation>Mail des Projekts</translation>
    </message>
    <message>
        <source>The mail program of each computer</source>
        <translation>Das Mailprogramm jedes Computers</translation>
    </message>
    <message>
        <source>A mail server (SMTP)</source>
        <translation>Ein Mailserver (SMTP)</translation>
    </message>
    <message>
        <source>A folder, a file for each message</source>
        <translation>Ein Ordner, eine Datei für jede Nachricht</translation>
    </message>
    <message>
        <source>Sent by</source>
        <translation>Gesendet über</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Server</source>
        <translation>Server</translation>
    </message>
    <message>
        <source>in secret from the beginning (TLS)</source>
        <translation>von Anfang an geheim (TLS)</translation>
    </message>
    <message>
        <source>in secret after a greeting (STARTTLS)</source>
        <translation>geheim nach einem Gruß (STARTTLS)</translation>
    </message>
    <message>
        <source>in the open, on this computer only</source>
        <translation>offen, nur auf diesem Computer</translation>
    </message>
    <message>
        <source>Talked to</source>
        <translation>Gespräch</translation>
    </message>
    <message>
        <source>the usual one</source>
        <translation>der übliche</translation>
    </message>
    <message>
        <source>Port</source>
        <translation>Port</translation>
    </message>
    <message>
        <source>Signs in as</source>
        <translation>Meldet sich an als</translation>
    </message>
    <message>
        <source>nobody</source>
        <translation>niemand</translation>
    </message>
    <message>
        <source>Password</source>
        <translation>Passwort</translation>
    </message>
    <message>
        <source>as it is in the keyring</source>
        <translation>wie es im Schlüsselbund steht</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>from the project&apos;s folder: mail</source>
        <translation>vom Projektordner aus: mail</translation>
    </message>
    <message>
        <source>Send so</source>
        <translation>So senden</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>People see each message in their own mail program, and send it there.</source>
        <translation>Jede Nachricht erscheint im eigenen Mailprogramm und wird dort abgesendet.</translation>
    </message>
    <message>
        <source>What is sent in the open can be read on the way. Choose TLS for a server elsewhere.</source>
        <translation>Was offen gesendet wird, kann unterwegs gelesen werden. Für einen Server anderswo TLS wählen.</translation>
    </message>
    <message>
        <source>The address to send from is needed, and where to.</source>
        <translation>Die Absenderadresse wird gebraucht, und wohin gesendet wird.</translation>
    </message>
    <message>
        <source>The project has a form “%1” already. Choose another name.</source>
        <translation>Das Projekt hat schon ein Formular „%1“. Einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>The form is there under its new name; its old file %1 could not be removed.</source>
        <translation>Das Formular ist unter seinem neuen Namen da; seine alte Datei %1 konnte nicht entfernt werden.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: “%2” opens it</source>
        <translation>%1: „%2“ öffnet es</translation>
    </message>
    <message>
        <source>“%1” in %2: “%3”</source>
        <translation>„%1“ in %2: „%3“</translation>
    </message>
    <message>
        <source>%1 belongs to no project, so it is not known which database it works on. Put it into the forms folder of a project, or name the database with --database.</source>
        <translation>%1 gehört zu keinem Projekt, daher ist nicht bekannt, auf welcher Datenbank es arbeitet. Es in den Ordner forms eines Projekts legen oder die Datenbank mit --database nennen.</translation>
    </message>
    <message>
        <source>The project has no form “%1”.</source>
        <translation>Das Projekt hat kein Formular „%1“.</translation>
    </message>
    <message>
        <source>“%1” is nothing that a button can do. Write an action a line, as they are called under “Does”.</source>
        <translation>„%1“ ist nichts, was eine Schaltfläche tun kann. In jede Zeile eine Aktion schreiben, wie sie unter „Tut“ heißt.</translation>
    </message>
    <message>
        <source>Buttons to go</source>
        <translation>Schaltflächen zum Weitergehen</translation>
    </message>
    <message>
        <source>Record buttons</source>
        <translation>Schaltflächen für Datensätze</translation>
    </message>
    <message>
        <source>Add a row that belongs to the record</source>
        <translation>Eine Zeile hinzufügen</translation>
    </message>
    <message>
        <source>Add row</source>
        <translation>Zeile hinzufügen</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>the caption of the rows; empty: the first ones</source>
        <translation>die Beschriftung der Zeilen; leer: die ersten</translation>
    </message>
    <message>
        <source>Close the form</source>
        <translation>Formular schließen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Delete the record</source>
        <translation>Datensatz löschen</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Find a record</source>
        <translation>Datensatz suchen</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Go to the first record</source>
        <translation>Erster Datensatz</translation>
    </message>
    <message>
        <source>First</source>
        <translation>Erster</translation>
    </message>
    <message>
        <source>Go to the last record</source>
        <translation>Letzter Datensatz</translation>
    </message>
    <message>
        <source>Last</source>
        <translation>Letzter</translation>
    </message>
    <message>
        <source>Go to the next record</source>
        <translation>Nächster Datensatz</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Nächster</translation>
    </message>
    <message>
        <source>Go one record back</source>
        <translation>Voriger Datensatz</translation>
    </message>
    <message>
        <source>Previous</source>
        <translation>Voriger</translation>
    </message>
    <message>
        <source>Go to a page of the form</source>
        <translation>Auf eine Seite gehen</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>the title of the page</source>
        <translation>der Titel der Seite</translation>
    </message>
    <message>
        <source>Begin a new record</source>
        <translation>Neuer Datensatz</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>Nothing yet</source>
        <translation>Noch nichts</translation>
    </message>
    <message>
        <source>Button</source>
        <translation>Schaltfläche</translation>
    </message>
    <message>
        <source>Open another form</source>
        <translation>Ein Formular öffnen</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Open an address or a file</source>
        <translation>Adresse oder Datei öffnen</translation>
    </message>
    <message>
        <source>Address</source>
        <translation>Adresse</translation>
    </message>
    <message>
        <source>https://charts.nabharbour.example/{chart_page}</source>
        <translation>https://charts.nabharbour.example/{chart_page}</translation>
    </message>
    <message>
        <source>Open the rows that belong to the record</source>
        <translation>Zugehörige Zeilen öffnen</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>Put values into boxes</source>
        <translation>Werte eintragen</translation>
    </message>
    <message>
        <source>Put in</source>
        <translation>Eintragen</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>Status = withdrawn; Laid on = today</source>
        <translation>Status = eingezogen; Ausgelegt = today</translation>
    </message>
    <message>
        <source>Read everything again</source>
        <translation>Alles neu lesen</translation>
    </message>
    <message>
        <source>Read again</source>
        <translation>Neu lesen</translation>
    </message>
    <message>
        <source>Run a program</source>
        <translation>Programm ausführen</translation>
    </message>
    <message>
        <source>Run</source>
        <translation>Ausführen</translation>
    </message>
    <message>
        <source>Program</source>
        <translation>Programm</translation>
    </message>
    <message>
        <source>label-printer --copies 2 {asset_no}</source>
        <translation>label-printer --copies 2 {asset_no}</translation>
    </message>
    <message>
        <source>Run an SQL statement</source>
        <translation>SQL ausführen</translation>
    </message>
    <message>
        <source>Statement</source>
        <translation>Anweisung</translation>
    </message>
    <message>
        <source>UPDATE buoy SET status = &apos;in depot&apos; WHERE buoy_id = :buoy_id</source>
        <translation>UPDATE buoy SET status = &apos;in depot&apos; WHERE buoy_id = :buoy_id</translation>
    </message>
    <message>
        <source>Save the record</source>
        <translation>Datensatz speichern</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save the record and close the form</source>
        <translation>Speichern und schließen</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Save the record or the rows as a file</source>
        <translation>Als Datei speichern</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Speichern als</translation>
    </message>
    <message>
        <source>Kind of file</source>
        <translation>Dateiart</translation>
    </message>
    <message>
        <source>pdf, csv, tsv, jsonl, xlsx or html; empty: people choose</source>
        <translation>pdf, csv, tsv, jsonl, xlsx oder html; leer: man wählt selbst</translation>
    </message>
    <message>
        <source>Send a message</source>
        <translation>Nachricht senden</translation>
    </message>
    <message>
        <source>Send</source>
        <translation>Senden</translation>
    </message>
    <message>
        <source>Take back a step</source>
        <translation>Schritt zurücknehmen</translation>
    </message>
    <message>
        <source>Take back</source>
        <translation>Zurücknehmen</translation>
    </message>
    <message>
        <source>Work values out again</source>
        <translation>Neu berechnen</translation>
    </message>
    <message>
        <source>Work out</source>
        <translation>Berechnen</translation>
    </message>
    <message>
        <source>Boxes</source>
        <translation>Felder</translation>
    </message>
    <message>
        <source>Labour cost; Total – empty: all that rules work out</source>
        <translation>Arbeitskosten; Summe – leer: alles, was Regeln berechnen</translation>
    </message>
    <message>
        <source>A button runs one statement; here are several. Give each a button, or a step, of its own.</source>
        <translation>Eine Schaltfläche führt eine Anweisung aus; hier sind mehrere. Jeder eine eigene Schaltfläche oder einen eigenen Schritt geben.</translation>
    </message>
    <message>
        <source>The button has no statement to run yet.</source>
        <translation>Die Schaltfläche hat noch keine Anweisung auszuführen.</translation>
    </message>
    <message>
        <source>There are no boxes on the form yet.</source>
        <translation>Auf dem Formular sind noch keine Felder.</translation>
    </message>
    <message>
        <source>The captions stand beside their boxes already.</source>
        <translation>Die Beschriftungen stehen schon neben ihren Feldern.</translation>
    </message>
    <message>
        <source>The captions stand above their boxes already.</source>
        <translation>Die Beschriftungen stehen schon über ihren Feldern.</translation>
    </message>
    <message>
        <source>Many records stand under one another already.</source>
        <translation>Viele Datensätze stehen schon untereinander.</translation>
    </message>
    <message>
        <source>Rows that belong to each record have no place in a line; take them off first.</source>
        <translation>Zeilen, die zu jedem Datensatz gehören, haben in einer Zeile keinen Platz; erst wegnehmen.</translation>
    </message>
    <message>
        <source>Group boxes have no place among rows under one another.</source>
        <translation>Gruppenkästen haben zwischen Zeilen untereinander keinen Platz.</translation>
    </message>
    <message>
        <source>There are no boxes to put into groups.</source>
        <translation>Es gibt keine Felder, die in Gruppen können.</translation>
    </message>
    <message>
        <source>Make it columnar</source>
        <translation>Spaltenform</translation>
    </message>
    <message>
        <source>One record at a time, captions beside their boxes.</source>
        <translation>Ein Datensatz auf einmal, Beschriftungen neben ihren Feldern.</translation>
    </message>
    <message>
        <source>Make it stacked</source>
        <translation>Stapelform</translation>
    </message>
    <message>
        <source>One record at a time, captions above their boxes.</source>
        <translation>Ein Datensatz auf einmal, Beschriftungen über ihren Feldern.</translation>
    </message>
    <message>
        <source>Make it tabular</source>
        <translation>Tabellenform</translation>
    </message>
    <message>
        <source>Many records under one another, captions as heads over them.</source>
        <translation>Viele Datensätze untereinander, Beschriftungen als Köpfe darüber.</translation>
    </message>
    <message>
        <source>Make it a row of groups</source>
        <translation>Eine Reihe von Gruppen</translation>
    </message>
    <message>
        <source>Fields go into group boxes side by side, as many as the columns chosen.</source>
        <translation>Felder kommen in Gruppenkästen nebeneinander, so viele wie gewählte Spalten.</translation>
    </message>
    <message>
        <source>Select a field with a caption.</source>
        <translation>Ein Feld mit einer Beschriftung wählen.</translation>
    </message>
    <message>
        <source>Select one caption and one field that has none.</source>
        <translation>Eine Beschriftung und ein Feld ohne Beschriftung wählen.</translation>
    </message>
    <message>
        <source>Captions beside</source>
        <translation>Beschriftungen daneben</translation>
    </message>
    <message>
        <source>Captions stand left of their boxes; room is made where there is none.</source>
        <translation>Beschriftungen stehen links von ihren Feldern; wo kein Platz ist, wird welcher gemacht.</translation>
    </message>
    <message>
        <source>Captions above</source>
        <translation>Beschriftungen darüber</translation>
    </message>
    <message>
        <source>Captions stand above their boxes; room is made where there is none.</source>
        <translation>Beschriftungen stehen über ihren Feldern; wo kein Platz ist, wird welcher gemacht.</translation>
    </message>
    <message>
        <source>Remove captions</source>
        <translation>Beschriftungen entfernen</translation>
    </message>
    <message>
        <source>The boxes stay, without captions.</source>
        <translation>Die Felder bleiben, ohne Beschriftungen.</translation>
    </message>
    <message>
        <source>Detach captions</source>
        <translation>Beschriftungen lösen</translation>
    </message>
    <message>
        <source>Captions become words of their own, which no longer go with a box.</source>
        <translation>Beschriftungen werden eigene Wörter, die zu keinem Feld mehr gehören.</translation>
    </message>
    <message>
        <source>Attach the caption</source>
        <translation>Die Beschriftung anhängen</translation>
    </message>
    <message>
        <source>The selected caption belongs to the selected field from now on.</source>
        <translation>Die gewählte Beschriftung gehört von jetzt an zum gewählten Feld.</translation>
    </message>
    <message>
        <source>Select controls of one band or one group only.</source>
        <translation>Nur Elemente eines Bereichs oder einer Gruppe wählen.</translation>
    </message>
    <message>
        <source>Centre across</source>
        <translation>Waagerecht mitten</translation>
    </message>
    <message>
        <source>The selection as a whole goes to the middle between left and right of its form or group.</source>
        <translation>Die Auswahl als Ganzes kommt in die Mitte zwischen links und rechts ihres Formulars oder ihrer Gruppe.</translation>
    </message>
    <message>
        <source>Centre down</source>
        <translation>Senkrecht mitten</translation>
    </message>
    <message>
        <source>The selection as a whole goes to the middle of its band&apos;s or group&apos;s height.</source>
        <translation>Die Auswahl als Ganzes kommt in die Mitte der Höhe ihres Bereichs oder ihrer Gruppe.</translation>
    </message>
    <message>
        <source>Select two controls that stand side by side or under one another.</source>
        <translation>Zwei Elemente wählen, die nebeneinander oder untereinander stehen.</translation>
    </message>
    <message>
        <source>Change places</source>
        <translation>Plätze tauschen</translation>
    </message>
    <message>
        <source>Each stands where the other stood.</source>
        <translation>Jedes steht, wo das andere stand.</translation>
    </message>
    <message>
        <source>The stored values of what is selected are not known.</source>
        <translation>Die gespeicherten Werte der Auswahl sind nicht bekannt.</translation>
    </message>
    <message>
        <source>Fit to all stored values</source>
        <translation>An alle gespeicherten Werte anpassen</translation>
    </message>
    <message>
        <source>Boxes get as wide as their widest stored value.</source>
        <translation>Felder werden so breit wie ihr breitester gespeicherter Wert.</translation>
    </message>
    <message>
        <source>Fit to 99 % of the values</source>
        <translation>An 99 % der Werte anpassen</translation>
    </message>
    <message>
        <source>Boxes show 99 of 100 stored values whole.</source>
        <translation>Felder zeigen 99 von 100 gespeicherten Werten ganz.</translation>
    </message>
    <message>
        <source>Fit to 95 % of the values</source>
        <translation>An 95 % der Werte anpassen</translation>
    </message>
    <message>
        <source>Boxes show 95 of 100 stored values whole.</source>
        <translation>Felder zeigen 95 von 100 gespeicherten Werten ganz.</translation>
    </message>
    <message>
        <source>Fit to the free space</source>
        <translation>An den freien Platz anpassen</translation>
    </message>
    <message>
        <source>Boxes grow to what stands behind them in their row, or to the margin.</source>
        <translation>Felder wachsen bis zu dem, was in ihrer Reihe dahinter steht, oder bis zum Rand.</translation>
    </message>
    <message>
        <source>Fit captions to their words</source>
        <translation>Beschriftungen an ihre Wörter anpassen</translation>
    </message>
    <message>
        <source>Captions get the width of their words, and automatic rails stand clear of them.</source>
        <translation>Beschriftungen werden so breit wie ihre Wörter, und selbsttätige Schienen weichen ihnen aus.</translation>
    </message>
    <message>
        <source>Flow into columns</source>
        <translation>In Spalten fließen</translation>
    </message>
    <message>
        <source>Fields go into the number of columns chosen, what belongs together stays so.</source>
        <translation>Felder kommen in so viele Spalten wie gewählt; was zusammengehört, bleibt beisammen.</translation>
    </message>
    <message>
        <source>Flow across</source>
        <translation>Quer fließen</translation>
    </message>
    <message>
        <source>Fields go into the number of columns chosen, row by row, and Tab goes so through the form.</source>
        <translation>Felder kommen in so viele Spalten wie gewählt, Reihe um Reihe, und Tab geht so durch das Formular.</translation>
    </message>
    <message>
        <source>Flow into one column</source>
        <translation>In eine Spalte fließen</translation>
    </message>
    <message>
        <source>Fields go under one another.</source>
        <translation>Felder kommen untereinander.</translation>
    </message>
    <message>
        <source>Flow into two columns</source>
        <translation>In zwei Spalten fließen</translation>
    </message>
    <message>
        <source>Fields go into two columns of about equal height.</source>
        <translation>Felder kommen in zwei etwa gleich hohe Spalten.</translation>
    </message>
    <message>
        <source>Flow into three columns</source>
        <translation>In drei Spalten fließen</translation>
    </message>
    <message>
        <source>Fields go into three columns of about equal height.</source>
        <translation>Felder kommen in drei etwa gleich hohe Spalten.</translation>
    </message>
    <message>
        <source>Bring to the front</source>
        <translation>Nach vorn holen</translation>
    </message>
    <message>
        <source>Lies over all others.</source>
        <translation>Liegt über allen anderen.</translation>
    </message>
    <message>
        <source>Send to the back</source>
        <translation>Nach hinten legen</translation>
    </message>
    <message>
        <source>Lies under all others.</source>
        <translation>Liegt unter allen anderen.</translation>
    </message>
    <message>
        <source>Select a group box or tab pages, or something in them.</source>
        <translation>Einen Gruppenkasten oder Registerseiten wählen oder etwas darin.</translation>
    </message>
    <message>
        <source>Select what is to move, and then the group or something in it.</source>
        <translation>Erst wählen, was umzieht, dann die Gruppe oder etwas in ihr.</translation>
    </message>
    <message>
        <source>What leads the selection stands in no group and on no page.</source>
        <translation>Was die Auswahl leitet, steht in keiner Gruppe und auf keiner Seite.</translation>
    </message>
    <message>
        <source>Select tab pages, or something on them.</source>
        <translation>Registerseiten wählen oder etwas darauf.</translation>
    </message>
    <message>
        <source>Page %1</source>
        <translation>Seite %1</translation>
    </message>
    <message>
        <source>The last page stays.</source>
        <translation>Die letzte Seite bleibt.</translation>
    </message>
    <message>
        <source>It is the first page.</source>
        <translation>Es ist die erste Seite.</translation>
    </message>
    <message>
        <source>It is the last page.</source>
        <translation>Es ist die letzte Seite.</translation>
    </message>
    <message>
        <source>Put into a group box</source>
        <translation>In einen Gruppenkasten setzen</translation>
    </message>
    <message>
        <source>A frame with a heading goes around the selection; it moves as one then.</source>
        <translation>Ein Rahmen mit Überschrift legt sich um die Auswahl; sie bewegt sich dann als eines.</translation>
    </message>
    <message>
        <source>Put on tab pages</source>
        <translation>Auf Registerseiten setzen</translation>
    </message>
    <message>
        <source>The selection becomes the first of several pages that share one place.</source>
        <translation>Die Auswahl wird die erste von mehreren Seiten, die sich einen Platz teilen.</translation>
    </message>
    <message>
        <source>Take the group off</source>
        <translation>Die Gruppe auflösen</translation>
    </message>
    <message>
        <source>What is in it stays where it stands; pages come under one another.</source>
        <translation>Was darin ist, bleibt stehen; Seiten kommen untereinander.</translation>
    </message>
    <message>
        <source>Move to where the lead is</source>
        <translation>Dorthin, wo das Leitelement ist</translation>
    </message>
    <message>
        <source>Into the group or on to the page that leads, or in which the lead stands.</source>
        <translation>In die Gruppe oder auf die Seite, die leitet oder in der das Leitelement steht.</translation>
    </message>
    <message>
        <source>Move out of the group</source>
        <translation>Aus der Gruppe heraus</translation>
    </message>
    <message>
        <source>The selection goes below what stands around the group.</source>
        <translation>Die Auswahl kommt unter das, was um die Gruppe steht.</translation>
    </message>
    <message>
        <source>Add a page</source>
        <translation>Eine Seite hinzufügen</translation>
    </message>
    <message>
        <source>An empty page behind the one in front.</source>
        <translation>Eine leere Seite hinter der vorderen.</translation>
    </message>
    <message>
        <source>Remove the page</source>
        <translation>Die Seite entfernen</translation>
    </message>
    <message>
        <source>The page in front goes with all that stands on it.</source>
        <translation>Die vordere Seite geht mit allem, was darauf steht.</translation>
    </message>
    <message>
        <source>Move the page forward</source>
        <translation>Die Seite nach vorn</translation>
    </message>
    <message>
        <source>The page in front changes places with the one before it.</source>
        <translation>Die vordere Seite tauscht den Platz mit der davor.</translation>
    </message>
    <message>
        <source>Move the page back</source>
        <translation>Die Seite nach hinten</translation>
    </message>
    <message>
        <source>The page in front changes places with the one behind it.</source>
        <translation>Die vordere Seite tauscht den Platz mit der dahinter.</translation>
    </message>
    <message>
        <source>Stays at the left</source>
        <translation>Bleibt links</translation>
    </message>
    <message>
        <source>Where it is, however wide the window gets.</source>
        <translation>Wo es ist, wie breit auch das Fenster wird.</translation>
    </message>
    <message>
        <source>Moves with the right edge</source>
        <translation>Geht mit der rechten Kante</translation>
    </message>
    <message>
        <source>Keeps its distance to the right edge of the window.</source>
        <translation>Behält seinen Abstand zur rechten Kante des Fensters.</translation>
    </message>
    <message>
        <source>Stretches across</source>
        <translation>Dehnt sich in die Breite</translation>
    </message>
    <message>
        <source>Gets wider with the window.</source>
        <translation>Wird mit dem Fenster breiter.</translation>
    </message>
    <message>
        <source>Keeps its share of the width</source>
        <translation>Behält seinen Anteil der Breite</translation>
    </message>
    <message>
        <source>Its place and its width go with the width of the window.</source>
        <translation>Platz und Breite gehen mit der Breite des Fensters.</translation>
    </message>
    <message>
        <source>Stays at the top</source>
        <translation>Bleibt oben</translation>
    </message>
    <message>
        <source>Where it is, however high the window gets.</source>
        <translation>Wo es ist, wie hoch auch das Fenster wird.</translation>
    </message>
    <message>
        <source>Moves with the bottom</source>
        <translation>Geht mit dem unteren Rand</translation>
    </message>
    <message>
        <source>Keeps its distance to the bottom of the window.</source>
        <translation>Behält seinen Abstand zum unteren Rand des Fensters.</translation>
    </message>
    <message>
        <source>Stretches down</source>
        <translation>Dehnt sich in die Höhe</translation>
    </message>
    <message>
        <source>Gets higher with the window.</source>
        <translation>Wird mit dem Fenster höher.</translation>
    </message>
    <message>
        <source>Keeps its share of the height</source>
        <translation>Behält seinen Anteil der Höhe</translation>
    </message>
    <message>
        <source>Its place and its height go with the height of the window.</source>
        <translation>Platz und Höhe gehen mit der Höhe des Fensters.</translation>
    </message>
    <message>
        <source>Fill as cells</source>
        <translation>Als Zellen füllen</translation>
    </message>
    <message>
        <source>Makes what is selected, or all in a group, a grid that fills its place and grows with the window in both directions.</source>
        <translation>Macht aus der Auswahl oder allem in einer Gruppe ein Gitter, das seinen Platz füllt und mit dem Fenster in beide Richtungen wächst.</translation>
    </message>
    <message>
        <source>Line up left edges</source>
        <translation>Linke Kanten bündig</translation>
    </message>
    <message>
        <source>Left edges go where the lead&apos;s is.</source>
        <translation>Linke Kanten gehen dorthin, wo die des Leitelements ist.</translation>
    </message>
    <message>
        <source>Line up right edges</source>
        <translation>Rechte Kanten bündig</translation>
    </message>
    <message>
        <source>Right edges go where the lead&apos;s is.</source>
        <translation>Rechte Kanten gehen dorthin, wo die des Leitelements ist.</translation>
    </message>
    <message>
        <source>Line up centres</source>
        <translation>Mitten untereinander</translation>
    </message>
    <message>
        <source>Centres go below one another, at the lead&apos;s.</source>
        <translation>Mitten kommen untereinander, an der des Leitelements.</translation>
    </message>
    <message>
        <source>Line up top edges</source>
        <translation>Obere Kanten bündig</translation>
    </message>
    <message>
        <source>Top edges go level with the lead&apos;s.</source>
        <translation>Obere Kanten kommen auf die Höhe der des Leitelements.</translation>
    </message>
    <message>
        <source>Line up bottom edges</source>
        <translation>Untere Kanten bündig</translation>
    </message>
    <message>
        <source>Bottom edges go level with the lead&apos;s.</source>
        <translation>Untere Kanten kommen auf die Höhe der des Leitelements.</translation>
    </message>
    <message>
        <source>Line up middles</source>
        <translation>Mitten auf eine Höhe</translation>
    </message>
    <message>
        <source>Middles go level with the lead&apos;s.</source>
        <translation>Mitten kommen auf die Höhe der des Leitelements.</translation>
    </message>
    <message>
        <source>Line up text</source>
        <translation>Text auf eine Zeile</translation>
    </message>
    <message>
        <source>Words stand on one line with the lead&apos;s, whatever their size.</source>
        <translation>Wörter stehen auf einer Zeile mit denen des Leitelements, wie groß sie auch sind.</translation>
    </message>
    <message>
        <source>Select two or more boxes; captions have the size of their words.</source>
        <translation>Zwei oder mehr Felder wählen; Beschriftungen haben die Größe ihrer Wörter.</translation>
    </message>
    <message>
        <source>Match width</source>
        <translation>Breite angleichen</translation>
    </message>
    <message>
        <source>Boxes get as wide as the lead.</source>
        <translation>Felder werden so breit wie das Leitelement.</translation>
    </message>
    <message>
        <source>Match height</source>
        <translation>Höhe angleichen</translation>
    </message>
    <message>
        <source>Boxes get as high as the lead.</source>
        <translation>Felder werden so hoch wie das Leitelement.</translation>
    </message>
    <message>
        <source>Match width and height</source>
        <translation>Breite und Höhe angleichen</translation>
    </message>
    <message>
        <source>Boxes get the size of the lead.</source>
        <translation>Felder bekommen die Größe des Leitelements.</translation>
    </message>
    <message>
        <source>Match width to the widest</source>
        <translation>Breite an das breiteste</translation>
    </message>
    <message>
        <source>Boxes get as wide as the widest of them.</source>
        <translation>Felder werden so breit wie das breiteste von ihnen.</translation>
    </message>
    <message>
        <source>Match width to the narrowest</source>
        <translation>Breite an das schmalste</translation>
    </message>
    <message>
        <source>Boxes get as wide as the narrowest of them.</source>
        <translation>Felder werden so breit wie das schmalste von ihnen.</translation>
    </message>
    <message>
        <source>Match height to the highest</source>
        <translation>Höhe an das höchste</translation>
    </message>
    <message>
        <source>Boxes get as high as the highest of them.</source>
        <translation>Felder werden so hoch wie das höchste von ihnen.</translation>
    </message>
    <message>
        <source>Match height to the lowest</source>
        <translation>Höhe an das niedrigste</translation>
    </message>
    <message>
        <source>Boxes get as high as the lowest of them.</source>
        <translation>Felder werden so hoch wie das niedrigste von ihnen.</translation>
    </message>
    <message>
        <source>Match size to the largest</source>
        <translation>Größe an das größte</translation>
    </message>
    <message>
        <source>Boxes get the greatest width and the greatest height among them.</source>
        <translation>Felder bekommen die größte Breite und die größte Höhe unter ihnen.</translation>
    </message>
    <message>
        <source>Match size to the smallest</source>
        <translation>Größe an das kleinste</translation>
    </message>
    <message>
        <source>Boxes get the least width and the least height among them.</source>
        <translation>Felder bekommen die kleinste Breite und die kleinste Höhe unter ihnen.</translation>
    </message>
    <message>
        <source>Corners on the grid</source>
        <translation>Ecken aufs Raster</translation>
    </message>
    <message>
        <source>Top left corners go to the nearest grid point.</source>
        <translation>Obere linke Ecken gehen auf den nächsten Rasterpunkt.</translation>
    </message>
    <message>
        <source>Sizes on the grid</source>
        <translation>Größen aufs Raster</translation>
    </message>
    <message>
        <source>Widths and heights become whole grid steps.</source>
        <translation>Breiten und Höhen werden ganze Rasterschritte.</translation>
    </message>
    <message>
        <source>Corners and sizes on the grid</source>
        <translation>Ecken und Größen aufs Raster</translation>
    </message>
    <message>
        <source>Every edge goes to the nearest grid line.</source>
        <translation>Jede Kante geht auf die nächste Rasterlinie.</translation>
    </message>
    <message>
        <source>Captions stand beside boxes on fewer than two pages.</source>
        <translation>Nur auf weniger als zwei Seiten stehen Beschriftungen neben Feldern.</translation>
    </message>
    <message>
        <source>One caption rail for all pages</source>
        <translation>Eine Beschriftungsschiene für alle Seiten</translation>
    </message>
    <message>
        <source>The boxes of all pages of a set begin where those of the one with the longest caption do.</source>
        <translation>Die Felder aller Seiten eines Registers beginnen dort, wo die mit der längsten Beschriftung beginnen.</translation>
    </message>
    <message>
        <source>Select one box.</source>
        <translation>Ein Feld wählen.</translation>
    </message>
    <message>
        <source>It is too narrow for so many.</source>
        <translation>Es ist zu schmal für so viele.</translation>
    </message>
    <message>
        <source>There are no empty rows.</source>
        <translation>Es gibt keine leeren Reihen.</translation>
    </message>
    <message>
        <source>Select fields of two rows, to swap the rows.</source>
        <translation>Felder zweier Reihen wählen, um die Reihen zu tauschen.</translation>
    </message>
    <message>
        <source>There is no row above.</source>
        <translation>Darüber ist keine Reihe.</translation>
    </message>
    <message>
        <source>There is no row below.</source>
        <translation>Darunter ist keine Reihe.</translation>
    </message>
    <message>
        <source>Select two controls of one band or one group, to swap them.</source>
        <translation>Zwei Elemente eines Bereichs oder einer Gruppe wählen, um sie zu tauschen.</translation>
    </message>
    <message>
        <source>No field stands beside it on that side.</source>
        <translation>Auf dieser Seite steht kein Feld daneben.</translation>
    </message>
    <message>
        <source>No field of its column stands on that side.</source>
        <translation>Auf dieser Seite steht kein Feld seiner Spalte.</translation>
    </message>
    <message>
        <source>There is no column behind it.</source>
        <translation>Dahinter ist keine Spalte.</translation>
    </message>
    <message>
        <source>Insert a row above</source>
        <translation>Reihe darüber einschieben</translation>
    </message>
    <message>
        <source>The lead&apos;s row and all below it make room for one row.</source>
        <translation>Die Reihe des Leitelements und alles darunter macht Platz für eine Reihe.</translation>
    </message>
    <message>
        <source>Insert a row below</source>
        <translation>Reihe darunter einschieben</translation>
    </message>
    <message>
        <source>All rows below the lead&apos;s make room for one row.</source>
        <translation>Alle Reihen unter der des Leitelements machen Platz für eine Reihe.</translation>
    </message>
    <message>
        <source>Insert a column before</source>
        <translation>Spalte davor einschieben</translation>
    </message>
    <message>
        <source>The lead and all to the right of it make room.</source>
        <translation>Das Leitelement und alles rechts davon macht Platz.</translation>
    </message>
    <message>
        <source>Insert a column behind</source>
        <translation>Spalte dahinter einschieben</translation>
    </message>
    <message>
        <source>All behind the lead&apos;s column makes room.</source>
        <translation>Alles hinter der Spalte des Leitelements macht Platz.</translation>
    </message>
    <message>
        <source>Take the row out</source>
        <translation>Die Reihe herausnehmen</translation>
    </message>
    <message>
        <source>The lead&apos;s row goes with all in it, and what stands below closes up.</source>
        <translation>Die Reihe des Leitelements geht mit allem darin, und was darunter steht, rückt auf.</translation>
    </message>
    <message>
        <source>Take the column out</source>
        <translation>Die Spalte herausnehmen</translation>
    </message>
    <message>
        <source>The boxes under and over the lead go with it, and what stands behind closes up.</source>
        <translation>Die Felder unter und über dem Leitelement gehen mit ihm, und was dahinter steht, rückt auf.</translation>
    </message>
    <message>
        <source>Part the field</source>
        <translation>Das Feld teilen</translation>
    </message>
    <message>
        <source>The lead&apos;s place is parted into as many boxes of its kind as the columns chosen.</source>
        <translation>Der Platz des Leitelements wird in so viele Felder seiner Art geteilt wie gewählte Spalten.</translation>
    </message>
    <message>
        <source>Remove empty rows</source>
        <translation>Leere Reihen entfernen</translation>
    </message>
    <message>
        <source>Rows close up over empty strips of the form.</source>
        <translation>Reihen rücken über leere Streifen des Formulars auf.</translation>
    </message>
    <message>
        <source>Move the row up</source>
        <translation>Die Reihe nach oben</translation>
    </message>
    <message>
        <source>The lead&apos;s row changes places with the row above.</source>
        <translation>Die Reihe des Leitelements tauscht den Platz mit der darüber.</translation>
    </message>
    <message>
        <source>Move the row down</source>
        <translation>Die Reihe nach unten</translation>
    </message>
    <message>
        <source>The lead&apos;s row changes places with the row below.</source>
        <translation>Die Reihe des Leitelements tauscht den Platz mit der darunter.</translation>
    </message>
    <message>
        <source>Swap two rows</source>
        <translation>Zwei Reihen tauschen</translation>
    </message>
    <message>
        <source>The two rows of the selection change places.</source>
        <translation>Die zwei Reihen der Auswahl tauschen die Plätze.</translation>
    </message>
    <message>
        <source>Move the field up</source>
        <translation>Das Feld nach oben</translation>
    </message>
    <message>
        <source>The lead changes places with the field above it in its column.</source>
        <translation>Das Leitelement tauscht den Platz mit dem Feld darüber in seiner Spalte.</translation>
    </message>
    <message>
        <source>Move the field down</source>
        <translation>Das Feld nach unten</translation>
    </message>
    <message>
        <source>The lead changes places with the field below it in its column.</source>
        <translation>Das Leitelement tauscht den Platz mit dem Feld darunter in seiner Spalte.</translation>
    </message>
    <message>
        <source>Move the field left</source>
        <translation>Das Feld nach links</translation>
    </message>
    <message>
        <source>The lead changes places with the field before it in its row.</source>
        <translation>Das Leitelement tauscht den Platz mit dem Feld davor in seiner Reihe.</translation>
    </message>
    <message>
        <source>Move the field right</source>
        <translation>Das Feld nach rechts</translation>
    </message>
    <message>
        <source>The lead changes places with the field behind it in its row.</source>
        <translation>Das Leitelement tauscht den Platz mit dem Feld dahinter in seiner Reihe.</translation>
    </message>
    <message>
        <source>Swap two fields</source>
        <translation>Zwei Felder tauschen</translation>
    </message>
    <message>
        <source>Two controls change places, captions and all.</source>
        <translation>Zwei Elemente tauschen die Plätze, mitsamt Beschriftungen.</translation>
    </message>
    <message>
        <source>Spread across the next column</source>
        <translation>Über die nächste Spalte ausdehnen</translation>
    </message>
    <message>
        <source>The box reaches to the end of the next column; what is there makes way.</source>
        <translation>Das Feld reicht bis ans Ende der nächsten Spalte; was dort ist, macht Platz.</translation>
    </message>
    <message>
        <source>Spread down the next row</source>
        <translation>Über die nächste Reihe ausdehnen</translation>
    </message>
    <message>
        <source>The box reaches to the end of the next row; what is there makes way.</source>
        <translation>Das Feld reicht bis ans Ende der nächsten Reihe; was dort ist, macht Platz.</translation>
    </message>
    <message>
        <source>Select three or more controls that stand side by side.</source>
        <translation>Drei oder mehr Elemente wählen, die nebeneinander stehen.</translation>
    </message>
    <message>
        <source>Select two or more controls that stand side by side.</source>
        <translation>Zwei oder mehr Elemente wählen, die nebeneinander stehen.</translation>
    </message>
    <message>
        <source>Select three or more controls that stand below one another.</source>
        <translation>Drei oder mehr Elemente wählen, die untereinander stehen.</translation>
    </message>
    <message>
        <source>Select two or more controls that stand below one another.</source>
        <translation>Zwei oder mehr Elemente wählen, die untereinander stehen.</translation>
    </message>
    <message>
        <source>Even gaps across</source>
        <translation>Abstände nebeneinander gleich</translation>
    </message>
    <message>
        <source>Gaps side by side get the same; the outer ones stay, but for pixels that do not divide.</source>
        <translation>Abstände nebeneinander werden gleich; die äußeren bleiben, bis auf Pixel, die sich nicht teilen lassen.</translation>
    </message>
    <message>
        <source>Even gaps down</source>
        <translation>Abstände untereinander gleich</translation>
    </message>
    <message>
        <source>Gaps below one another get the same; the outer ones stay, but for pixels that do not divide.</source>
        <translation>Abstände untereinander werden gleich; die äußeren bleiben, bis auf Pixel, die sich nicht teilen lassen.</translation>
    </message>
    <message>
        <source>Shrink gaps across</source>
        <translation>Abstände nebeneinander kleiner</translation>
    </message>
    <message>
        <source>Gaps side by side get a grid step less.</source>
        <translation>Abstände nebeneinander werden einen Rasterschritt kleiner.</translation>
    </message>
    <message>
        <source>Grow gaps across</source>
        <translation>Abstände nebeneinander größer</translation>
    </message>
    <message>
        <source>Gaps side by side get a grid step more.</source>
        <translation>Abstände nebeneinander werden einen Rasterschritt größer.</translation>
    </message>
    <message>
        <source>Shrink gaps down</source>
        <translation>Abstände untereinander kleiner</translation>
    </message>
    <message>
        <source>Gaps below one another get a grid step less.</source>
        <translation>Abstände untereinander werden einen Rasterschritt kleiner.</translation>
    </message>
    <message>
        <source>Grow gaps down</source>
        <translation>Abstände untereinander größer</translation>
    </message>
    <message>
        <source>Gaps below one another get a grid step more.</source>
        <translation>Abstände untereinander werden einen Rasterschritt größer.</translation>
    </message>
    <message>
        <source>Set gaps across</source>
        <translation>Abstände nebeneinander setzen</translation>
    </message>
    <message>
        <source>Gaps side by side get the size in the field beside this.</source>
        <translation>Abstände nebeneinander bekommen die Größe im Feld daneben.</translation>
    </message>
    <message>
        <source>Set gaps down</source>
        <translation>Abstände untereinander setzen</translation>
    </message>
    <message>
        <source>Gaps below one another get the size in the field beside this.</source>
        <translation>Abstände untereinander bekommen die Größe im Feld daneben.</translation>
    </message>
    <message>
        <source>Close gaps across</source>
        <translation>Nebeneinander zusammenrücken</translation>
    </message>
    <message>
        <source>Controls side by side touch.</source>
        <translation>Elemente nebeneinander berühren sich.</translation>
    </message>
    <message>
        <source>Close gaps down</source>
        <translation>Untereinander zusammenrücken</translation>
    </message>
    <message>
        <source>Controls below one another touch.</source>
        <translation>Elemente untereinander berühren sich.</translation>
    </message>
    <message>
        <source>Page 1</source>
        <translation>Seite 1</translation>
    </message>
    <message>
        <source>Page 2</source>
        <translation>Seite 2</translation>
    </message>
    <message>
        <source>Select what is to stand in it first.</source>
        <translation>Erst wählen, was darin stehen soll.</translation>
    </message>
    <message>
        <source>Select controls of one band, one group or one page only.</source>
        <translation>Nur Elemente eines Bereichs, einer Gruppe oder einer Seite wählen.</translation>
    </message>
    <message>
        <source>Line up</source>
        <translation>Bündig</translation>
    </message>
    <message>
        <source>Match size</source>
        <translation>Größe angleichen</translation>
    </message>
    <message>
        <source>Gaps</source>
        <translation>Abstände</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Anpassen</translation>
    </message>
    <message>
        <source>Grid</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Mitten</translation>
    </message>
    <message>
        <source>Front, back</source>
        <translation>Vorn, hinten</translation>
    </message>
    <message>
        <source>Captions</source>
        <translation>Beschriftungen</translation>
    </message>
    <message>
        <source>Groups</source>
        <translation>Gruppen</translation>
    </message>
    <message>
        <source>Window size</source>
        <translation>Fenstergröße</translation>
    </message>
    <message>
        <source>Tidy</source>
        <translation>Aufräumen</translation>
    </message>
    <message>
        <source>Select a control first.</source>
        <translation>Erst ein Element wählen.</translation>
    </message>
    <message>
        <source>Select two or more controls; the last one chosen leads.</source>
        <translation>Zwei oder mehr Elemente wählen; das zuletzt gewählte leitet.</translation>
    </message>
    <message>
        <source>Select three or more controls.</source>
        <translation>Drei oder mehr Elemente wählen.</translation>
    </message>
    <message>
        <source>Select a box first.</source>
        <translation>Erst ein Feld wählen.</translation>
    </message>
    <message>
        <source>A tabular form is one row of boxes between rails; its columns are moved by their rails.</source>
        <translation>Ein tabellarisches Formular ist eine Reihe von Feldern zwischen Schienen; seine Spalten bewegt man an ihren Schienen.</translation>
    </message>
    <message>
        <source>The form is empty.</source>
        <translation>Das Formular ist leer.</translation>
    </message>
    <message>
        <source>What nearly lines up does, near-equal sizes and gaps become equal, all on the grid. The whole form, a group, or what is selected.</source>
        <translation>Was fast bündig ist, wird bündig, fast gleiche Größen und Abstände werden gleich, alles auf dem Raster. Das ganze Formular, eine Gruppe oder die Auswahl.</translation>
    </message>
    <message>
        <source>That is too large; sizes go up to %1 px.</source>
        <translation>Das ist zu groß; Größen gehen bis %1 px.</translation>
    </message>
    <message>
        <source>“%1” is not a size. Type a number such as 120, or +8, *2, 12mm.</source>
        <translation>„%1“ ist keine Größe. Eine Zahl wie 120 tippen oder +8, *2, 12mm.</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>in</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>A tabular form is one row of boxes between rails.</source>
        <translation>Ein tabellarisches Formular ist eine Reihe von Feldern zwischen Schienen.</translation>
    </message>
    <message>
        <source>Select what is to become cells first, or the group that it stands in.</source>
        <translation>Erst wählen, was Zellen werden soll, oder die Gruppe, in der es steht.</translation>
    </message>
    <message>
        <source>The first of two panes keeps its size; the second gets all that the window gains.</source>
        <translation>Die erste von zwei Scheiben behält ihre Größe; die zweite bekommt alles, was das Fenster gewinnt.</translation>
    </message>
    <message>
        <source>In a tabular form, the rows keep their height.</source>
        <translation>In einem tabellarischen Formular behalten die Zeilen ihre Höhe.</translation>
    </message>
    <message>
        <source>Only the body gets higher with the window; header and footer keep their height.</source>
        <translation>Nur der Rumpf wird mit dem Fenster höher; Kopf und Fuß behalten ihre Höhe.</translation>
    </message>
    <message>
        <source>%1 must not be before %2</source>
        <translation>%1 darf nicht vor %2 liegen</translation>
    </message>
    <message>
        <source>%1 must be %2 or more</source>
        <translation>%1 muss %2 oder mehr sein</translation>
    </message>
    <message>
        <source>%1 must not be after %2</source>
        <translation>%1 darf nicht nach %2 liegen</translation>
    </message>
    <message>
        <source>%1 must be %2 or less</source>
        <translation>%1 muss %2 oder weniger sein</translation>
    </message>
    <message>
        <source>%1 must be after %2</source>
        <translation>%1 muss nach %2 liegen</translation>
    </message>
    <message>
        <source>%1 must be more than %2</source>
        <translation>%1 muss mehr als %2 sein</translation>
    </message>
    <message>
        <source>%1 must be before %2</source>
        <translation>%1 muss vor %2 liegen</translation>
    </message>
    <message>
        <source>%1 must be less than %2</source>
        <translation>%1 muss weniger als %2 sein</translation>
    </message>
    <message>
        <source>%1 must not be %2</source>
        <translation>%1 darf nicht %2 sein</translation>
    </message>
    <message>
        <source>%1 must be %2</source>
        <translation>%1 muss %2 sein</translation>
    </message>
    <message>
        <source>%1 must be one of %2</source>
        <translation>%1 muss eines von %2 sein</translation>
    </message>
    <message>
        <source>%1 must lie between %2 and %3</source>
        <translation>%1 muss zwischen %2 und %3 liegen</translation>
    </message>
    <message>
        <source>This rule must hold: %1</source>
        <translation>Diese Regel muss gelten: %1</translation>
    </message>
    <message>
        <source>At most %L1 letters go here; these are %L2</source>
        <translation>Hier passen höchstens %L1 Zeichen hinein; das sind %L2</translation>
    </message>
    <message>
        <source>A whole number is needed here: leave out the decimals</source>
        <translation>Hier wird eine ganze Zahl gebraucht: die Nachkommastellen weglassen</translation>
    </message>
    <message>
        <source>%1 is the least that goes here</source>
        <translation>%1 ist das Kleinste, was hier geht</translation>
    </message>
    <message>
        <source>%1 is the most that goes here</source>
        <translation>%1 ist das Größte, was hier geht</translation>
    </message>
    <message>
        <source>Leave out the decimals here</source>
        <translation>Hier die Nachkommastellen weglassen</translation>
    </message>
    <message>
        <source>At most one digit goes behind the point here</source>
        <translation>Hier geht höchstens eine Stelle hinter dem Komma</translation>
    </message>
    <message>
        <source>At most %L1 digits go behind the point here</source>
        <translation>Hier gehen höchstens %L1 Stellen hinter dem Komma</translation>
    </message>
    <message>
        <source>by its name; nothing is stored there yet</source>
        <translation>nach dem Namen; dort ist noch nichts gespeichert</translation>
    </message>
    <message>
        <source>%L1 of %L1 values are in “%2”</source>
        <translation>%L1 von %L1 Werten stehen in „%2“</translation>
    </message>
    <message>
        <source>the first %L1 values are all in “%2”</source>
        <translation>die ersten %L1 Werte stehen alle in „%2“</translation>
    </message>
    <message>
        <source>%L1 of %L2 values are in “%3”; “%4” is not</source>
        <translation>%L1 von %L2 Werten stehen in „%3“; „%4“ nicht</translation>
    </message>
    <message>
        <source>put together from several SELECTs</source>
        <translation>aus mehreren SELECTs zusammengesetzt</translation>
    </message>
    <message>
        <source>worked out by the SELECT</source>
        <translation>vom SELECT berechnet</translation>
    </message>
    <message>
        <source>“%1” has no key to write by</source>
        <translation>„%1“ hat keinen Schlüssel, nach dem geschrieben wird</translation>
    </message>
    <message>
        <source>the key of “%1” is not there: %2</source>
        <translation>der Schlüssel von „%1“ ist nicht dabei: %2</translation>
    </message>
    <message>
        <source>comes from “%1”; rows are written to “%2”</source>
        <translation>kommt aus „%1“; Zeilen werden nach „%2“ geschrieben</translation>
    </message>
    <message>
        <source>the same column as “%1”</source>
        <translation>dieselbe Spalte wie „%1“</translation>
    </message>
    <message>
        <source>rows of “%1” come up more than once</source>
        <translation>Zeilen von „%1“ kommen mehr als einmal vor</translation>
    </message>
    <message>
        <source>to fix</source>
        <translation>zu beheben</translation>
    </message>
    <message>
        <source>to weigh</source>
        <translation>abzuwägen</translation>
    </message>
    <message>
        <source>1 form</source>
        <translation>1 Formular</translation>
    </message>
    <message>
        <source>%1 forms</source>
        <translation>%1 Formulare</translation>
    </message>
    <message>
        <source>%1 to fix, %2 to weigh</source>
        <translation>%1 zu beheben, %2 abzuwägen</translation>
    </message>
    <message>
        <source>, %1 left be</source>
        <translation>, %1 auf sich beruhend</translation>
    </message>
    <message>
        <source>whole numbers</source>
        <translation>ganze Zahlen</translation>
    </message>
    <message>
        <source>numbers with decimals</source>
        <translation>Zahlen mit Nachkommastellen</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>ja oder nein</translation>
    </message>
    <message>
        <source>dates</source>
        <translation>Daten</translation>
    </message>
    <message>
        <source>times</source>
        <translation>Uhrzeiten</translation>
    </message>
    <message>
        <source>dates with times</source>
        <translation>Daten mit Uhrzeiten</translation>
    </message>
    <message>
        <source>pictures or other bytes</source>
        <translation>Bilder oder andere Bytes</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>“%1” holds %2 there, and %3 now.</source>
        <translation>„%1“ enthält dort %2 und jetzt %3.</translation>
    </message>
    <message>
        <source>“%1” takes %2 letters there, and %3 now.</source>
        <translation>„%1“ nimmt dort %2 Zeichen und jetzt %3.</translation>
    </message>
    <message>
        <source>“%1” takes %2 letters there, and any number now.</source>
        <translation>„%1“ nimmt dort %2 Zeichen und jetzt beliebig viele.</translation>
    </message>
    <message>
        <source>“%1” is needed there.</source>
        <translation>„%1“ muss dort ausgefüllt sein.</translation>
    </message>
    <message>
        <source>There is no table “%1” there.</source>
        <translation>Dort gibt es keine Tabelle „%1“.</translation>
    </message>
    <message>
        <source>“%1” has no column “%2” there.</source>
        <translation>„%1“ hat dort keine Spalte „%2“.</translation>
    </message>
    <message>
        <source>Show “%1”</source>
        <translation>„%1“ zeigen</translation>
    </message>
    <message>
        <source>“%1” shows “%2” of “%3”, which has a name to show.</source>
        <translation>„%1“ zeigt „%2“ von „%3“, wo es einen Namen zu zeigen gäbe.</translation>
    </message>
    <message>
        <source>Codes where there is a name</source>
        <translation>Kürzel, wo es einen Namen gibt</translation>
    </message>
    <message>
        <source>Two fields are called “%1”.</source>
        <translation>Zwei Felder heißen „%1“.</translation>
    </message>
    <message>
        <source>Captions of the same words</source>
        <translation>Gleichlautende Beschriftungen</translation>
    </message>
    <message>
        <source>“%1” offers “%2” %3 times; let it show a further column of “%4”.</source>
        <translation>„%1“ bietet „%2“ %3-mal an; es eine weitere Spalte von „%4“ zeigen lassen.</translation>
    </message>
    <message>
        <source>Choices of the same words</source>
        <translation>Gleichlautende Auswahlen</translation>
    </message>
    <message>
        <source>Two controls are called “%1”.</source>
        <translation>Zwei Elemente heißen „%1“.</translation>
    </message>
    <message>
        <source>Give it a name of its own</source>
        <translation>Ihm einen eigenen Namen geben</translation>
    </message>
    <message>
        <source>Controls of the same name</source>
        <translation>Gleichnamige Elemente</translation>
    </message>
    <message>
        <source>it chooses from “%1”, and there is no such table</source>
        <translation>es wählt aus „%1“, und diese Tabelle gibt es nicht</translation>
    </message>
    <message>
        <source>it chooses from “%1”, which has no column “%2”</source>
        <translation>es wählt aus „%1“, das keine Spalte „%2“ hat</translation>
    </message>
    <message>
        <source>“%1” has no column “%2”</source>
        <translation>„%1“ hat keine Spalte „%2“</translation>
    </message>
    <message>
        <source>there is no table “%1”</source>
        <translation>es gibt keine Tabelle „%1“</translation>
    </message>
    <message>
        <source>“%1” cannot be filled: %2.</source>
        <translation>„%1“ kann nicht gefüllt werden: %2.</translation>
    </message>
    <message>
        <source>Take the box away</source>
        <translation>Das Feld wegnehmen</translation>
    </message>
    <message>
        <source>Columns that are gone</source>
        <translation>Spalten, die fort sind</translation>
    </message>
    <message>
        <source>“%1” is to open the form “%2”, which this project does not have.</source>
        <translation>„%1“ soll das Formular „%2“ öffnen, das dieses Projekt nicht hat.</translation>
    </message>
    <message>
        <source>“%1” opens no form: which one is not said.</source>
        <translation>„%1“ öffnet kein Formular: es ist nicht gesagt, welches.</translation>
    </message>
    <message>
        <source>“%1” opens no rows: which ones is not said.</source>
        <translation>„%1“ öffnet keine Zeilen: es ist nicht gesagt, welche.</translation>
    </message>
    <message>
        <source>“%1” does nothing when it is pressed.</source>
        <translation>„%1“ tut nichts, wenn man es drückt.</translation>
    </message>
    <message>
        <source>Take the button away</source>
        <translation>Die Schaltfläche wegnehmen</translation>
    </message>
    <message>
        <source>Buttons that lead nowhere</source>
        <translation>Schaltflächen, die nirgends hinführen</translation>
    </message>
    <message>
        <source>No record can be added: “%1” has to be filled, and is locked.</source>
        <translation>Kein Datensatz kann hinzugefügt werden: „%1“ muss ausgefüllt werden und ist gesperrt.</translation>
    </message>
    <message>
        <source>Let it be typed</source>
        <translation>Es tippen lassen</translation>
    </message>
    <message>
        <source>Locked boxes that have to be filled</source>
        <translation>Gesperrte Felder, die ausgefüllt werden müssen</translation>
    </message>
    <message>
        <source>No record can be added: “%1” is required and has no box.</source>
        <translation>Kein Datensatz kann hinzugefügt werden: „%1“ ist erforderlich und hat kein Feld.</translation>
    </message>
    <message>
        <source>Add its box</source>
        <translation>Sein Feld hinzufügen</translation>
    </message>
    <message>
        <source>Required columns without a box</source>
        <translation>Erforderliche Spalten ohne Feld</translation>
    </message>
    <message>
        <source>There is no picture %1. Put it there, or choose another.</source>
        <translation>Es gibt kein Bild %1. Es dorthin legen oder ein anderes wählen.</translation>
    </message>
    <message>
        <source>Pictures that are missing</source>
        <translation>Bilder, die fehlen</translation>
    </message>
    <message>
        <source>There is no look “%1” in this project.</source>
        <translation>Das Aussehen „%1“ gibt es in diesem Projekt nicht.</translation>
    </message>
    <message>
        <source>“%1” has the style “%2”, which this project does not have.</source>
        <translation>„%1“ hat den Stil „%2“, den dieses Projekt nicht hat.</translation>
    </message>
    <message>
        <source>Let it look as its look says</source>
        <translation>Es aussehen lassen, wie sein Aussehen sagt</translation>
    </message>
    <message>
        <source>Styles and looks that are missing</source>
        <translation>Stile und Aussehen, die fehlen</translation>
    </message>
    <message>
        <source>“%1” has no caption; nobody sees or hears what it is for.</source>
        <translation>„%1“ hat keine Beschriftung; niemand sieht oder hört, wofür es ist.</translation>
    </message>
    <message>
        <source>Let a prompt in it say “%1”</source>
        <translation>Einen Hinweis darin „%1“ sagen lassen</translation>
    </message>
    <message>
        <source>Boxes without a name</source>
        <translation>Felder ohne Namen</translation>
    </message>
    <message>
        <source>“%1” is a %2, which does not suit “%3” (%4).</source>
        <translation>„%1“ ist %2, was nicht zu „%3“ (%4) passt.</translation>
    </message>
    <message>
        <source>Make it a %1</source>
        <translation>Daraus %1 machen</translation>
    </message>
    <message>
        <source>“%1” takes %2 letters, and its column holds %3.</source>
        <translation>„%1“ nimmt %2 Zeichen, und seine Spalte fasst %3.</translation>
    </message>
    <message>
        <source>Let it take %1 letters</source>
        <translation>Es %1 Zeichen nehmen lassen</translation>
    </message>
    <message>
        <source>Boxes that do not suit their columns</source>
        <translation>Felder, die nicht zu ihren Spalten passen</translation>
    </message>
    <message>
        <source>Take note of it</source>
        <translation>Zur Kenntnis nehmen</translation>
    </message>
    <message>
        <source>Tables that changed</source>
        <translation>Tabellen, die sich geändert haben</translation>
    </message>
    <message>
        <source>The caption “%1” belongs to no field.</source>
        <translation>Die Beschriftung „%1“ gehört zu keinem Feld.</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Captions without a field</source>
        <translation>Beschriftungen ohne Feld</translation>
    </message>
    <message>
        <source>“%1” numbers itself; nobody needs to type it.</source>
        <translation>„%1“ nummeriert sich selbst; niemand braucht es zu tippen.</translation>
    </message>
    <message>
        <source>Lock it</source>
        <translation>Sperren</translation>
    </message>
    <message>
        <source>Keys that number themselves and are typed</source>
        <translation>Schlüssel, die sich selbst nummerieren und getippt werden</translation>
    </message>
    <message>
        <source>“%1” points to “%2” and is typed as a raw value; a drop-down would show whose it is.</source>
        <translation>„%1“ zeigt auf „%2“ und wird als roher Wert getippt; eine Klappliste zeigte, wessen es ist.</translation>
    </message>
    <message>
        <source>Make it a drop-down of “%1”</source>
        <translation>Daraus eine Klappliste von „%1“ machen</translation>
    </message>
    <message>
        <source>Links typed as raw values</source>
        <translation>Verknüpfungen, die als rohe Werte getippt werden</translation>
    </message>
    <message>
        <source>“%1” can be typed in “%2” and in “%3”; let one of them only show it.</source>
        <translation>„%1“ kann in „%2“ und in „%3“ getippt werden; eines davon es nur zeigen lassen.</translation>
    </message>
    <message>
        <source>Let the second only show it</source>
        <translation>Das zweite es nur zeigen lassen</translation>
    </message>
    <message>
        <source>Columns typed twice</source>
        <translation>Doppelt getippte Spalten</translation>
    </message>
    <message>
        <source>As it is here</source>
        <translation>Wie es hier ist</translation>
    </message>
    <message>
        <source>As somebody else has it</source>
        <translation>Wie ein anderer es hat</translation>
    </message>
    <message>
        <source>What two people changed</source>
        <translation>Was zwei Leute änderten</translation>
    </message>
    <message>
        <source>No form of the project opens “%1”; people begin elsewhere and do not get to it.</source>
        <translation>Kein Formular des Projekts öffnet „%1“; man beginnt anderswo und kommt nicht dorthin.</translation>
    </message>
    <message>
        <source>Forms that nothing opens</source>
        <translation>Formulare, die nichts öffnet</translation>
    </message>
    <message>
        <source>The choices of “%1” stand in the order of “%2”, which the list does not show.</source>
        <translation>Die Auswahl von „%1“ steht in der Reihenfolge von „%2“, das die Liste nicht zeigt.</translation>
    </message>
    <message>
        <source>Put them in the order of their words</source>
        <translation>In die Reihenfolge ihrer Wörter bringen</translation>
    </message>
    <message>
        <source>Show “%1” in the list</source>
        <translation>„%1“ in der Liste zeigen</translation>
    </message>
    <message>
        <source>Choices in no order that shows</source>
        <translation>Auswahlen ohne sichtbare Reihenfolge</translation>
    </message>
    <message>
        <source>Rules that do not work</source>
        <translation>Regeln, die nicht arbeiten</translation>
    </message>
    <message>
        <source>Let Tab go as the form reads</source>
        <translation>Tab gehen lassen, wie man das Formular liest</translation>
    </message>
    <message>
        <source>Tab jumps back from “%1” to “%2”.</source>
        <translation>Tab springt von „%1“ zurück zu „%2“.</translation>
    </message>
    <message>
        <source>Tab jumps back</source>
        <translation>Tab springt zurück</translation>
    </message>
    <message>
        <source>“%1” covers “%2”.</source>
        <translation>„%1“ verdeckt „%2“.</translation>
    </message>
    <message>
        <source>Part them</source>
        <translation>Auseinanderrücken</translation>
    </message>
    <message>
        <source>Controls that cover one another</source>
        <translation>Elemente, die einander verdecken</translation>
    </message>
    <message>
        <source>“%1” has no room for its words.</source>
        <translation>„%1“ hat keinen Platz für seine Wörter.</translation>
    </message>
    <message>
        <source>Give it room</source>
        <translation>Ihm Platz geben</translation>
    </message>
    <message>
        <source>“%1” stands out of the form.</source>
        <translation>„%1“ steht aus dem Formular heraus.</translation>
    </message>
    <message>
        <source>Bring it in</source>
        <translation>Hereinholen</translation>
    </message>
    <message>
        <source>Captions without room</source>
        <translation>Beschriftungen ohne Platz</translation>
    </message>
    <message>
        <source>“%1” cuts off %L2 of %L3 values; %4 px more would do.</source>
        <translation>„%1“ schneidet %L2 von %L3 Werten ab; %4 px mehr würden reichen.</translation>
    </message>
    <message>
        <source>Make it %1 px wider</source>
        <translation>Um %1 px verbreitern</translation>
    </message>
    <message>
        <source>Values cut by their boxes</source>
        <translation>Von ihren Feldern abgeschnittene Werte</translation>
    </message>
    <message>
        <source>The words of “%1” are hard to read there; the nearest colour that can be read is %2.</source>
        <translation>Die Wörter von „%1“ sind dort schwer zu lesen; die nächste lesbare Farbe ist %2.</translation>
    </message>
    <message>
        <source>Words that are hard to read</source>
        <translation>Schwer lesbare Wörter</translation>
    </message>
    <message>
        <source>“%1” stands %2 px beside the left edge of %3 others.</source>
        <translation>„%1“ steht %2 px neben der linken Kante von %3 anderen.</translation>
    </message>
    <message>
        <source>Put it in line</source>
        <translation>Bündig stellen</translation>
    </message>
    <message>
        <source>Edges nearly in line</source>
        <translation>Fast bündige Kanten</translation>
    </message>
    <message>
        <source>“%1” stands off the grid of %2 px.</source>
        <translation>„%1“ steht neben dem Raster von %2 px.</translation>
    </message>
    <message>
        <source>Put it on the grid</source>
        <translation>Aufs Raster setzen</translation>
    </message>
    <message>
        <source>Edges off the grid</source>
        <translation>Kanten neben dem Raster</translation>
    </message>
    <message>
        <source>“%1” stands out of “%2”.</source>
        <translation>„%1“ steht aus „%2“ heraus.</translation>
    </message>
    <message>
        <source>Controls outside</source>
        <translation>Elemente außerhalb</translation>
    </message>
    <message>
        <source>“%1” is %2 × %3 px; less than %4 px are hard to hit.</source>
        <translation>„%1“ ist %2 × %3 px groß; weniger als %4 px sind schwer zu treffen.</translation>
    </message>
    <message>
        <source>Make it larger</source>
        <translation>Vergrößern</translation>
    </message>
    <message>
        <source>Targets too small to hit</source>
        <translation>Zu kleine Ziele</translation>
    </message>
    <message>
        <source>The form is %1 px high, more than two screens, and has no groups or pages. Put what belongs together into groups or on pages.</source>
        <translation>Das Formular ist %1 px hoch, mehr als zwei Bildschirme, und hat keine Gruppen oder Seiten. Was zusammengehört, in Gruppen oder auf Seiten setzen.</translation>
    </message>
    <message>
        <source>Forms that are hard to oversee</source>
        <translation>Schwer zu überblickende Formulare</translation>
    </message>
    <message>
        <source>“%1” and the %2 behind it in its row stand %3 to %4 px apart.</source>
        <translation>„%1“ und die %2 dahinter in seiner Reihe stehen %3 bis %4 px auseinander.</translation>
    </message>
    <message>
        <source>Even the gaps</source>
        <translation>Die Abstände gleich machen</translation>
    </message>
    <message>
        <source>Gaps that differ within a row</source>
        <translation>Ungleiche Abstände in einer Reihe</translation>
    </message>
    <message>
        <source>There is no table “%1” in the database. Give the form other rows, or bring it into step.</source>
        <translation>Die Tabelle „%1“ gibt es in der Datenbank nicht. Dem Formular andere Zeilen geben oder es abgleichen.</translation>
    </message>
    <message>
        <source>Tables that are gone</source>
        <translation>Tabellen, die fort sind</translation>
    </message>
    <message>
        <source>The rows come from a SELECT with a condition: a record that does not meet it goes out of sight when it is saved.</source>
        <translation>Die Zeilen kommen aus einem SELECT mit einer Bedingung: Ein Datensatz, der sie nicht erfüllt, verschwindet beim Speichern.</translation>
    </message>
    <message>
        <source>SELECTs that hide what was saved</source>
        <translation>SELECTs, die Gespeichertes verbergen</translation>
    </message>
    <message>
        <source>“%1” has no key, so that its rows can only be looked at. Give it a primary key.</source>
        <translation>„%1“ hat keinen Schlüssel, daher können seine Zeilen nur angesehen werden. Ihm einen Primärschlüssel geben.</translation>
    </message>
    <message>
        <source>Rows that nothing names</source>
        <translation>Zeilen, die nichts benennt</translation>
    </message>
    <message>
        <source>“%1” has no rows to show.</source>
        <translation>„%1“ hat keine Zeilen zu zeigen.</translation>
    </message>
    <message>
        <source>“%1” shows the same rows at every record: nothing links them to it.</source>
        <translation>„%1“ zeigt bei jedem Datensatz dieselben Zeilen: nichts verknüpft sie mit ihm.</translation>
    </message>
    <message>
        <source>Link them by “%1”</source>
        <translation>Sie über „%1“ verknüpfen</translation>
    </message>
    <message>
        <source>Subforms linked to nothing</source>
        <translation>Unverknüpfte Unterformulare</translation>
    </message>
    <message>
        <source>The SELECT shows the same row more than once, so that nothing can be entered. Join only tables with one row for each, or do not let people add and change.</source>
        <translation>Der SELECT zeigt dieselbe Zeile mehr als einmal, sodass nichts eingegeben werden kann. Nur Tabellen verbinden, die je eine Zeile beitragen, oder Hinzufügen und Ändern nicht erlauben.</translation>
    </message>
    <message>
        <source>Only show the rows</source>
        <translation>Die Zeilen nur zeigen</translation>
    </message>
    <message>
        <source>The SELECT took %L1 s to look through its first rows. An index on what it joins and sorts by would make it quick.</source>
        <translation>Der SELECT brauchte %L1 s für seine ersten Zeilen. Ein Index auf dem, wonach er verbindet und sortiert, machte ihn schnell.</translation>
    </message>
    <message>
        <source>SELECTs that repeat rows or take long</source>
        <translation>SELECTs, die Zeilen wiederholen oder lange dauern</translation>
    </message>
    <message>
        <source>It stands on nothing yet.</source>
        <translation>Sie steht noch auf nichts.</translation>
    </message>
    <message>
        <source>A page or band that it stands on is not there any more.</source>
        <translation>Eine Seite oder ein Bereich, worauf sie steht, ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Bands and pages are shown or locked; nothing else can be done to them.</source>
        <translation>Bereiche und Seiten werden gezeigt oder gesperrt; sonst kann nichts mit ihnen geschehen.</translation>
    </message>
    <message>
        <source>No effect is chosen.</source>
        <translation>Keine Wirkung ist gewählt.</translation>
    </message>
    <message>
        <source>It has no effect yet.</source>
        <translation>Sie hat noch keine Wirkung.</translation>
    </message>
    <message>
        <source>The limit %1 is not above the one before it, so its part is never reached.</source>
        <translation>Die Grenze %1 liegt nicht über der davor, also wird ihr Teil nie erreicht.</translation>
    </message>
    <message>
        <source>%1 holds numbers, and “%2” is none.</source>
        <translation>%1 enthält Zahlen, und „%2“ ist keine.</translation>
    </message>
    <message>
        <source>%1 never is “%2”. The nearest that it can be is “%3”.</source>
        <translation>%1 ist nie „%2“. Das Nächste, was es sein kann, ist „%3“.</translation>
    </message>
    <message>
        <source>It hides %1, by which it could be shown again.</source>
        <translation>Sie verbirgt %1, wodurch sie wieder gezeigt werden könnte.</translation>
    </message>
    <message>
        <source>It can hide %1, without which the table takes no record.</source>
        <translation>Sie kann %1 verbergen, ohne das die Tabelle keinen Datensatz annimmt.</translation>
    </message>
    <message>
        <source>%1 cannot be saved empty.</source>
        <translation>%1 kann nicht leer gespeichert werden.</translation>
    </message>
    <message>
        <source>With rule %1 it is never shown: the two contradict.</source>
        <translation>Mit Regel %1 wird es nie gezeigt: die beiden widersprechen sich.</translation>
    </message>
    <message>
        <source>With rule %1 it is always locked.</source>
        <translation>Mit Regel %1 ist es immer gesperrt.</translation>
    </message>
    <message>
        <source>With rule %1 it is required and locked at the same time.</source>
        <translation>Mit Regel %1 ist es zugleich erforderlich und gesperrt.</translation>
    </message>
    <message>
        <source>Rule %1 works out the same box, and comes first.</source>
        <translation>Regel %1 berechnet dasselbe Feld und kommt zuerst.</translation>
    </message>
    <message>
        <source>It is the same as rule %1.</source>
        <translation>Sie ist dieselbe wie Regel %1.</translation>
    </message>
    <message>
        <source>It differs from rule %1 in one sign only. Is that meant?</source>
        <translation>Sie weicht von Regel %1 nur in einem Zeichen ab. Ist das gemeint?</translation>
    </message>
    <message>
        <source>It goes in a circle: %1. None of them is worked out.</source>
        <translation>Sie geht im Kreis: %1. Nichts davon wird berechnet.</translation>
    </message>
    <message>
        <source>Column %1</source>
        <translation>Spalte %1</translation>
    </message>
    <message>
        <source>Number</source>
        <translation>Nummer</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>a caption and what tells it apart</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>filled by itself</source>
        <translation>von selbst gefüllt</translation>
    </message>
    <message>
        <source>of the row that %1 points to; only shown</source>
        <translation>der Zeile, auf die %1 zeigt; nur gezeigt</translation>
    </message>
    <message>
        <source>numbers itself</source>
        <translation>nummeriert sich selbst</translation>
    </message>
    <message>
        <source>chosen with %1</source>
        <translation>mit %1 gewählt</translation>
    </message>
    <message>
        <source>no pictures, nothing to show</source>
        <translation>keine Bilder, nichts zu zeigen</translation>
    </message>
    <message>
        <source>worked out by the database</source>
        <translation>von der Datenbank berechnet</translation>
    </message>
    <message>
        <source>kept as bytes, only shown</source>
        <translation>als Bytes aufbewahrt, nur gezeigt</translation>
    </message>
    <message>
        <source>The plan has no %1 “%2”; it takes %3.</source>
        <translation>Der Plan kennt für %1 kein „%2“; er nimmt %3.</translation>
    </message>
    <message>
        <source>“%1” has no column “%2”%3.</source>
        <translation>„%1“ hat keine Spalte „%2“%3.</translation>
    </message>
    <message>
        <source> through “%1”</source>
        <translation> über „%1“</translation>
    </message>
    <message>
        <source>There is no kind of control “%1” for the column “%2”.</source>
        <translation>Es gibt keine Elementart „%1“ für die Spalte „%2“.</translation>
    </message>
    <message>
        <source>The width of “%1” is “%2”: it is a number of px, at least %3, and 0 leaves it to the draft.</source>
        <translation>Die Breite von „%1“ ist „%2“: sie ist eine Zahl von px, mindestens %3, und 0 überlässt sie dem Entwurf.</translation>
    </message>
    <message>
        <source>No rows of “%1” belong to “%2” by a declared link; give the link&apos;s columns.</source>
        <translation>Keine Zeilen von „%1“ gehören durch eine erklärte Verknüpfung zu „%2“; die Spalten der Verknüpfung angeben.</translation>
    </message>
    <message>
        <source>choice</source>
        <translation>Auswahl</translation>
    </message>
    <message>
        <source>Contact</source>
        <translation>Kontakt</translation>
    </message>
    <message>
        <source>Dates</source>
        <translation>Daten</translation>
    </message>
    <message>
        <source>Amounts</source>
        <translation>Beträge</translation>
    </message>
    <message>
        <source>Belongs to</source>
        <translation>Gehört zu</translation>
    </message>
    <message>
        <source>Yes or no</source>
        <translation>Ja oder nein</translation>
    </message>
    <message>
        <source>Kept along</source>
        <translation>Mitgeführt</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Einzelheiten</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Weiteres</translation>
    </message>
    <message>
        <source>%1, further</source>
        <translation>%1, weitere</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a heading and its number</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Further forms</source>
        <translation>Weitere Formulare</translation>
    </message>
    <message>
        <source>Total</source>
        <translation>Summe</translation>
    </message>
    <message>
        <source>The database has no table %1.</source>
        <translation>Die Datenbank hat keine Tabelle %1.</translation>
    </message>
    <message>
        <source>No link leads from “%1” to %2. Tick likely links first, link by hand, or make a form of each.</source>
        <translation>Keine Verknüpfung führt von „%1“ zu %2. Erst wahrscheinliche Verknüpfungen ankreuzen, von Hand verknüpfen oder aus jeder ein Formular machen.</translation>
    </message>
    <message>
        <source>The rows of “%1” do not each point to one of %2, so joined rows would come more than once or not at all. Put the rows inside one another instead.</source>
        <translation>Die Zeilen von „%1“ zeigen nicht je auf eine von %2, sodass verbundene Zeilen mehr als einmal oder gar nicht kämen. Die Zeilen stattdessen ineinander setzen.</translation>
    </message>
    <message>
        <source>What is on the clipboard is not a set of controls: %1.</source>
        <translation>Was in der Zwischenablage liegt, sind keine Elemente: %1.</translation>
    </message>
    <message>
        <source>A style needs a name.</source>
        <translation>Ein Stil braucht einen Namen.</translation>
    </message>
    <message>
        <source>A style&apos;s name has no “$” in front, and no “.”, “{” or “}” in it.</source>
        <translation>Der Name eines Stils hat kein „$“ davor und kein „.“, „{“ oder „}“ darin.</translation>
    </message>
    <message>
        <source>Button to “%1”</source>
        <translation>Schaltfläche zu „%1“</translation>
    </message>
    <message>
        <source>Go to…</source>
        <translation>Gehe zu…</translation>
    </message>
    <message>
        <source>There are no rules on the clipboard.</source>
        <translation>In der Zwischenablage sind keine Regeln.</translation>
    </message>
    <message>
        <source>no form was expected, since forms stand at most %1 deep in one another</source>
        <translation>kein Formular wurde erwartet, denn Formulare stehen höchstens %1 tief ineinander</translation>
    </message>
    <message>
        <source>a name was expected</source>
        <translation>ein Name wurde erwartet</translation>
    </message>
    <message>
        <source>one of the form&apos;s bands was expected</source>
        <translation>einer der Bereiche des Formulars wurde erwartet</translation>
    </message>
    <message>
        <source>four whole numbers were expected: x, y, width, height</source>
        <translation>vier ganze Zahlen wurden erwartet: x, y, Breite, Höhe</translation>
    </message>
    <message>
        <source>an object was expected</source>
        <translation>ein Objekt wurde erwartet</translation>
    </message>
    <message>
        <source>a name of its own was expected, and “%1” is the name of %2 too</source>
        <translation>ein eigener Name wurde erwartet, und „%1“ ist auch der Name von %2</translation>
    </message>
    <message>
        <source>the name of a control was expected, and none is called “%1”</source>
        <translation>der Name eines Elements wurde erwartet, und keines heißt „%1“</translation>
    </message>
    <message>
        <source>a group box or a page of tab pages in the same band was expected, and not inside itself</source>
        <translation>ein Gruppenkasten oder eine Registerseite desselben Bereichs wurde erwartet, und nicht in sich selbst</translation>
    </message>
    <message>
        <source>page header, header, body, footer and page footer were expected in that order, each once at most</source>
        <translation>Seitenkopf, Kopf, Rumpf, Fuß und Seitenfuß wurden in dieser Reihenfolge erwartet, jeder höchstens einmal</translation>
    </message>
    <message>
        <source>a body band was expected</source>
        <translation>ein Rumpf wurde erwartet</translation>
    </message>
    <message>
        <source>%1 is not a form that can be read: %2. Mend that place in a text editor or take an earlier copy.</source>
        <translation>%1 ist kein lesbares Formular: %2. Diese Stelle in einem Texteditor richten oder einen früheren Stand nehmen.</translation>
    </message>
    <message>
        <source>at %1: %2</source>
        <translation>bei %1: %2</translation>
    </message>
    <message>
        <source>%1 was expected, but there is nothing</source>
        <translation>%1 wurde erwartet, aber da ist nichts</translation>
    </message>
    <message>
        <source>%1 was expected</source>
        <translation>%1 wurde erwartet</translation>
    </message>
    <message>
        <source>a text</source>
        <translation>ein Text</translation>
    </message>
    <message>
        <source>a whole number from %1 to %2</source>
        <translation>eine ganze Zahl von %1 bis %2</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>ein Objekt</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>eine Liste</translation>
    </message>
    <message>
        <source>one of %1</source>
        <translation>eines von %1</translation>
    </message>
    <message>
        <source>the JSON text breaks off in line %1</source>
        <translation>der JSON-Text bricht in Zeile %1 ab</translation>
    </message>
    <message>
        <source>at /: an object was expected</source>
        <translation>bei /: ein Objekt wurde erwartet</translation>
    </message>
    <message>
        <source>%1 is too large to be part of a form: at most 2 MB. Make it smaller first.</source>
        <translation>%1 ist zu groß, um Teil eines Formulars zu sein: höchstens 2 MB. Erst verkleinern.</translation>
    </message>
    <message>
        <source>%1 is not a project that can be read: %2. Mend that place in a text editor or take an earlier copy.</source>
        <translation>%1 ist kein lesbares Projekt: %2. Diese Stelle in einem Texteditor richten oder einen früheren Stand nehmen.</translation>
    </message>
    <message>
        <source>the name of a rail was expected, and none is called “%1”</source>
        <translation>der Name einer Schiene wurde erwartet, und keine heißt „%1“</translation>
    </message>
    <message>
        <source>a name of its own was expected, and “%1” is another rail&apos;s too</source>
        <translation>ein eigener Name wurde erwartet, und „%1“ gehört auch einer anderen Schiene</translation>
    </message>
    <message>
        <source>a band, or a page of a control, was expected</source>
        <translation>ein Bereich oder eine Seite eines Elements wurde erwartet</translation>
    </message>
    <message>
        <source>a number was expected</source>
        <translation>eine Zahl wurde erwartet</translation>
    </message>
    <message>
        <source>There is no file %1. It may have been moved or renamed.</source>
        <translation>Eine Datei %1 gibt es nicht. Sie kann verschoben oder umbenannt worden sein.</translation>
    </message>
    <message>
        <source>The file %1 cannot be read. Ask for the right to read it.</source>
        <translation>Die Datei %1 kann nicht gelesen werden. Um das Recht bitten, sie zu lesen.</translation>
    </message>
    <message>
        <source>The file %1 could be read only in part. Check the disk it is on.</source>
        <translation>Die Datei %1 konnte nur zum Teil gelesen werden. Den Datenträger prüfen, auf dem sie liegt.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made. Choose another place to save in.</source>
        <translation>Der Ordner %1 kann nicht angelegt werden. Einen anderen Ort zum Speichern wählen.</translation>
    </message>
    <message>
        <source>%1 cannot be written. Nothing was changed on the disk; save under another name or in another folder.</source>
        <translation>%1 kann nicht geschrieben werden. Nichts wurde auf der Platte geändert; unter anderem Namen oder in einem anderen Ordner speichern.</translation>
    </message>
    <message>
        <source>%1 could not be written whole, perhaps because the disk is full. The file on the disk is as it was before; make room or save in another folder.</source>
        <translation>%1 konnte nicht ganz geschrieben werden, vielleicht weil die Platte voll ist. Die Datei auf der Platte ist, wie sie war; Platz schaffen oder in einem anderen Ordner speichern.</translation>
    </message>
    <message>
        <source>is not %1</source>
        <translation>ist nicht %1</translation>
    </message>
    <message>
        <source>is %1</source>
        <translation>ist %1</translation>
    </message>
    <message>
        <source>is without “%1”</source>
        <translation>ist ohne „%1“</translation>
    </message>
    <message>
        <source>has “%1”</source>
        <translation>hat „%1“</translation>
    </message>
    <message>
        <source>is not like %1</source>
        <translation>ist nicht wie %1</translation>
    </message>
    <message>
        <source>is like %1</source>
        <translation>ist wie %1</translation>
    </message>
    <message>
        <source>is below %1</source>
        <translation>ist unter %1</translation>
    </message>
    <message>
        <source>is before %1</source>
        <translation>ist vor %1</translation>
    </message>
    <message>
        <source>is not below %1</source>
        <translation>ist nicht unter %1</translation>
    </message>
    <message>
        <source>is at most %1</source>
        <translation>ist höchstens %1</translation>
    </message>
    <message>
        <source>is up to %1</source>
        <translation>ist bis %1</translation>
    </message>
    <message>
        <source>is not at most %1</source>
        <translation>ist nicht höchstens %1</translation>
    </message>
    <message>
        <source>is above %1</source>
        <translation>ist über %1</translation>
    </message>
    <message>
        <source>is after %1</source>
        <translation>ist nach %1</translation>
    </message>
    <message>
        <source>is not above %1</source>
        <translation>ist nicht über %1</translation>
    </message>
    <message>
        <source>is at least %1</source>
        <translation>ist mindestens %1</translation>
    </message>
    <message>
        <source>is from %1 on</source>
        <translation>ist ab %1</translation>
    </message>
    <message>
        <source>is not at least %1</source>
        <translation>ist nicht mindestens %1</translation>
    </message>
    <message>
        <source>is not in %1</source>
        <translation>ist nicht in %1</translation>
    </message>
    <message>
        <source>is in %1</source>
        <translation>ist in %1</translation>
    </message>
    <message>
        <source>is not from %1 to %2</source>
        <translation>ist nicht von %1 bis %2</translation>
    </message>
    <message>
        <source>is from %1 to %2</source>
        <translation>ist von %1 bis %2</translation>
    </message>
    <message>
        <source>is filled in</source>
        <translation>ist ausgefüllt</translation>
    </message>
    <message>
        <source>is blank</source>
        <translation>ist leer</translation>
    </message>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a caption and what is asked of it</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>“%1” is no date. Write a day, a month such as %2, a year, or two of them with “..” between.</source>
        <translation>„%1“ ist kein Datum. Einen Tag schreiben, einen Monat wie %2, ein Jahr oder zwei davon mit „..“ dazwischen.</translation>
    </message>
    <message>
        <source>“%1” is no number. Write a number, or two of them with “..” between.</source>
        <translation>„%1“ ist keine Zahl. Eine Zahl schreiben oder zwei davon mit „..“ dazwischen.</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>true</source>
        <translation>wahr</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>false</source>
        <translation>falsch</translation>
    </message>
    <message>
        <source>“%1” is neither yes nor no.</source>
        <translation>„%1“ ist weder ja noch nein.</translation>
    </message>
    <message>
        <source>“%1” is no time. Write one such as 06:15.</source>
        <translation>„%1“ ist keine Uhrzeit. Eine wie 06:15 schreiben.</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>Behind “%1” a value is missing.</source>
        <translation>Hinter „%1“ fehlt ein Wert.</translation>
    </message>
    <message>
        <source>not</source>
        <translation>nicht</translation>
    </message>
    <message>
        <source>Behind the last box</source>
        <translation>Hinter dem letzten Feld</translation>
    </message>
    <message>
        <source>Where Tab and Enter go on to behind the last box of a record.</source>
        <translation>Wohin Tab und Eingabetaste hinter dem letzten Feld eines Datensatzes weitergehen.</translation>
    </message>
    <message>
        <source>Change where the last box goes on to</source>
        <translation>Ändern, wohin das letzte Feld weitergeht</translation>
    </message>
    <message>
        <source>the strip below</source>
        <translation>der Streifen darunter</translation>
    </message>
    <message>
        <source>the first box again</source>
        <translation>wieder das erste Feld</translation>
    </message>
    <message>
        <source>the next record</source>
        <translation>der nächste Datensatz</translation>
    </message>
    <message>
        <source>a new record</source>
        <translation>ein neuer Datensatz</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>Of all bands without one of their own. Words stay readable on it. Two colours with a stroke between them: light / dark.</source>
        <translation>Aller Bereiche ohne eigenen. Wörter bleiben darauf lesbar. Zwei Farben mit Schrägstrich dazwischen: hell / dunkel.</translation>
    </message>
    <message>
        <source>Change a ground</source>
        <translation>Einen Grund ändern</translation>
    </message>
    <message>
        <source>Every other row</source>
        <translation>Jede zweite Zeile</translation>
    </message>
    <message>
        <source>The ground of every other row. Empty: as the look says.</source>
        <translation>Der Grund jeder zweiten Zeile. Leer: wie das Aussehen sagt.</translation>
    </message>
    <message>
        <source>Opens at</source>
        <translation>Öffnet bei</translation>
    </message>
    <message>
        <source>The record that stands there when people open the form.</source>
        <translation>Der Datensatz, der dasteht, wenn das Formular geöffnet wird.</translation>
    </message>
    <message>
        <source>Change where the form opens</source>
        <translation>Ändern, wo das Formular öffnet</translation>
    </message>
    <message>
        <source>first record</source>
        <translation>erster Datensatz</translation>
    </message>
    <message>
        <source>last record</source>
        <translation>letzter Datensatz</translation>
    </message>
    <message>
        <source>new record</source>
        <translation>neuer Datensatz</translation>
    </message>
    <message>
        <source>On paper</source>
        <translation>Auf Papier</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>The paper that the form is printed on, unless people choose another.</source>
        <translation>Das Papier, auf das das Formular gedruckt wird, wenn nicht anders gewählt.</translation>
    </message>
    <message>
        <source>Change the paper</source>
        <translation>Das Papier ändern</translation>
    </message>
    <message>
        <source>Lies</source>
        <translation>Liegt</translation>
    </message>
    <message>
        <source>Whether the short edge or the long edge of the paper is below.</source>
        <translation>Ob die kurze oder die lange Kante des Papiers unten ist.</translation>
    </message>
    <message>
        <source>Turn the paper</source>
        <translation>Das Papier drehen</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>hochkant</translation>
    </message>
    <message>
        <source>lying</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>Whether boxes are printed, or only what stands in them.</source>
        <translation>Ob Kästen gedruckt werden oder nur, was darin steht.</translation>
    </message>
    <message>
        <source>Change how boxes are printed</source>
        <translation>Ändern, wie Felder gedruckt werden</translation>
    </message>
    <message>
        <source>with boxes</source>
        <translation>mit Kästen</translation>
    </message>
    <message>
        <source>plain words</source>
        <translation>nur Wörter</translation>
    </message>
    <message>
        <source>At the top</source>
        <translation>Oben</translation>
    </message>
    <message>
        <source>Words at the top of each page: {title}, {record}, {date}, {time}, {page} and {pages} are filled in; a | parts left, middle and right.</source>
        <translation>Wörter oben auf jeder Seite: {title}, {record}, {date}, {time}, {page} und {pages} werden ausgefüllt; ein | trennt links, Mitte und rechts.</translation>
    </message>
    <message>
        <source>Change the words at the top of pages</source>
        <translation>Die Wörter oben auf Seiten ändern</translation>
    </message>
    <message>
        <source>At the foot</source>
        <translation>Unten</translation>
    </message>
    <message>
        <source>Words at the foot of each page: {title}, {record}, {date}, {time}, {page} and {pages} are filled in; a | parts left, middle and right.</source>
        <translation>Wörter unten auf jeder Seite: {title}, {record}, {date}, {time}, {page} und {pages} werden ausgefüllt; ein | trennt links, Mitte und rechts.</translation>
    </message>
    <message>
        <source>Change the words at the foot of pages</source>
        <translation>Die Wörter unten auf Seiten ändern</translation>
    </message>
    <message>
        <source>Sorted by</source>
        <translation>Sortiert nach</translation>
    </message>
    <message>
        <source>Columns: name, laid_on descending. Empty: by the key.</source>
        <translation>Spalten: name, laid_on descending. Leer: nach dem Schlüssel.</translation>
    </message>
    <message>
        <source>Change the order of the rows</source>
        <translation>Die Reihenfolge der Zeilen ändern</translation>
    </message>
    <message>
        <source>Window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>Record name</source>
        <translation>Name des Datensatzes</translation>
    </message>
    <message>
        <source>The title of the window says which record stands there.</source>
        <translation>Der Titel des Fensters sagt, welcher Datensatz dasteht.</translation>
    </message>
    <message>
        <source>Change the window&apos;s title</source>
        <translation>Den Titel des Fensters ändern</translation>
    </message>
    <message>
        <source>This formula cannot be worked out: %1.</source>
        <translation>Diese Formel kann nicht berechnet werden: %1.</translation>
    </message>
    <message>
        <source>A formula reads the columns of its own row and nothing else</source>
        <translation>Eine Formel liest die Spalten ihrer eigenen Zeile und sonst nichts</translation>
    </message>
    <message>
        <source>There is more than one expression</source>
        <translation>Es ist mehr als ein Ausdruck</translation>
    </message>
    <message>
        <source>Nothing is written yet</source>
        <translation>Noch ist nichts geschrieben</translation>
    </message>
    <message>
        <source>It asks for a value that nobody gives</source>
        <translation>Sie fragt nach einem Wert, den niemand angibt</translation>
    </message>
    <message>
        <source>it takes too long</source>
        <translation>es dauert zu lange</translation>
    </message>
    <message>
        <source>needed</source>
        <comment>in an empty box that must be filled in</comment>
        <translation>erforderlich</translation>
    </message>
    <message>
        <source>Caption</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>Date and time</source>
        <translation>Datum und Uhrzeit</translation>
    </message>
    <message>
        <source>Decimal number</source>
        <translation>Dezimalzahl</translation>
    </message>
    <message>
        <source>“%1” is not in the list, or is there more than once; choose one from it</source>
        <translation>„%1“ steht nicht in der Liste oder mehr als einmal; daraus eines wählen</translation>
    </message>
    <message>
        <source>Drop-down</source>
        <translation>Klappliste</translation>
    </message>
    <message>
        <source>Formula</source>
        <translation>Formel</translation>
    </message>
    <message>
        <source>Works out</source>
        <translation>Berechnet</translation>
    </message>
    <message>
        <source>An SQL expression over the row&apos;s columns, such as price * (1 + tax).</source>
        <translation>Ein SQL-Ausdruck über die Spalten der Zeile, etwa price * (1 + tax).</translation>
    </message>
    <message>
        <source>Change a formula</source>
        <translation>Eine Formel ändern</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>Jump list</source>
        <translation>Sprungliste</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Verweis</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Long text</source>
        <translation>Langer Text</translation>
    </message>
    <message>
        <source>Option set</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Words of the row</source>
        <translation>Wörter der Zeile</translation>
    </message>
    <message>
        <source>Switch</source>
        <translation>Schalter</translation>
    </message>
    <message>
        <source>Text box</source>
        <translation>Textfeld</translation>
    </message>
    <message>
        <source>Tick box</source>
        <translation>Kästchen</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Uhrzeit</translation>
    </message>
    <message>
        <source>Whole number</source>
        <translation>Ganze Zahl</translation>
    </message>
    <message>
        <source>Scrolling area</source>
        <translation>Rollbereich</translation>
    </message>
    <message>
        <source>Group box</source>
        <translation>Gruppenkasten</translation>
    </message>
    <message>
        <source>Panes</source>
        <translation>Scheiben</translation>
    </message>
    <message>
        <source>Rows of: choose a table among the settings</source>
        <translation>Zeilen von: eine Tabelle in den Einstellungen wählen</translation>
    </message>
    <message>
        <source>Subform</source>
        <translation>Unterformular</translation>
    </message>
    <message>
        <source>Tab pages</source>
        <translation>Registerseiten</translation>
    </message>
    <message>
        <source>Unknown kind</source>
        <translation>Unbekannte Art</translation>
    </message>
    <message>
        <source>This version cannot change this control</source>
        <translation>Diese Version kann dieses Element nicht ändern</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ohne</translation>
    </message>
    <message>
        <source>of what it does</source>
        <translation>von dem, was sie tut</translation>
    </message>
    <message>
        <source>Drawing</source>
        <translation>Zeichnung</translation>
    </message>
    <message>
        <source>A line drawing on the button.</source>
        <translation>Eine Strichzeichnung auf der Schaltfläche.</translation>
    </message>
    <message>
        <source>Change a button&apos;s picture</source>
        <translation>Das Bild einer Schaltfläche ändern</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Steht</translation>
    </message>
    <message>
        <source>Alone, the words are for screen readers and for where the mouse rests.</source>
        <translation>Steht es allein, sind die Wörter für Vorleseprogramme und dort, wo die Maus verweilt.</translation>
    </message>
    <message>
        <source>before the words</source>
        <translation>vor den Wörtern</translation>
    </message>
    <message>
        <source>above the words</source>
        <translation>über den Wörtern</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>“%1” holds one value. Several are stored in a column of text.</source>
        <translation>„%1“ enthält einen Wert. Mehrere werden in einer Textspalte gespeichert.</translation>
    </message>
    <message>
        <source>“%1” holds a comma, with which several choices are kept apart. Write it without.</source>
        <translation>„%1“ enthält ein Komma, das mehrere Auswahlen trennt. Ohne Komma schreiben.</translation>
    </message>
    <message>
        <source>Behaviour</source>
        <translation>Verhalten</translation>
    </message>
    <message>
        <source>Choices</source>
        <translation>Auswahl</translation>
    </message>
    <message>
        <source>One a line. Where another value is stored than the words shown: S = Starboard.</source>
        <translation>Eine je Zeile. Wo ein anderer Wert gespeichert wird als die gezeigten Wörter: S = Steuerbord.</translation>
    </message>
    <message>
        <source>Change the choices</source>
        <translation>Die Auswahl ändern</translation>
    </message>
    <message>
        <source>Takes others</source>
        <translation>Nimmt andere</translation>
    </message>
    <message>
        <source>People may type words that are no choice; they are stored as they are typed.</source>
        <translation>Es dürfen Wörter getippt werden, die nicht in der Auswahl stehen; sie werden gespeichert, wie sie getippt sind.</translation>
    </message>
    <message>
        <source>Several</source>
        <translation>Mehrere</translation>
    </message>
    <message>
        <source>People may choose several; they are stored in one text, with commas between them.</source>
        <translation>Es dürfen mehrere gewählt werden; sie werden in einem Text gespeichert, mit Kommas dazwischen.</translation>
    </message>
    <message>
        <source>Take one or several</source>
        <translation>Eines oder mehrere nehmen</translation>
    </message>
    <message>
        <source>Line %1: “%2” comes twice. Each stored value needs a line of its own.</source>
        <translation>Zeile %1: „%2“ kommt zweimal vor. Jeder gespeicherte Wert braucht eine eigene Zeile.</translation>
    </message>
    <message>
        <source>Line %1: the column stores numbers. Write the number before the words, as in “1 = %2”.</source>
        <translation>Zeile %1: Die Spalte speichert Zahlen. Die Zahl vor die Wörter schreiben, wie in „1 = %2“.</translation>
    </message>
    <message>
        <source>Display</source>
        <translation>Anzeige</translation>
    </message>
    <message>
        <source>Dates as</source>
        <translation>Datum als</translation>
    </message>
    <message>
        <source>How the date is written; it may be typed in any way.</source>
        <translation>Wie das Datum geschrieben wird; getippt werden darf es beliebig.</translation>
    </message>
    <message>
        <source>Change how dates are written</source>
        <translation>Ändern, wie Daten geschrieben werden</translation>
    </message>
    <message>
        <source>%1 kB, in the form</source>
        <translation>%1 kB, im Formular</translation>
    </message>
    <message>
        <source>%1, which is not there</source>
        <translation>%1, das nicht da ist</translation>
    </message>
    <message>
        <source>%1 kB, in %2</source>
        <translation>%1 kB, in %2</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>Without a frame it only holds together what is in it.</source>
        <translation>Ohne Rahmen hält es nur zusammen, was darin ist.</translation>
    </message>
    <message>
        <source>Change a frame</source>
        <translation>Einen Rahmen ändern</translation>
    </message>
    <message>
        <source>High at work</source>
        <translation>Höhe bei der Arbeit</translation>
    </message>
    <message>
        <source>How many px of it are in sight at work; the rest scrolls. Empty: all of it.</source>
        <translation>Wie viele px davon bei der Arbeit zu sehen sind; der Rest rollt. Leer: alles.</translation>
    </message>
    <message>
        <source>Change how high it is at work</source>
        <translation>Ändern, wie hoch es bei der Arbeit ist</translation>
    </message>
    <message>
        <source>Message</source>
        <translation>Nachricht</translation>
    </message>
    <message>
        <source>Change what a button sends</source>
        <translation>Ändern, was eine Schaltfläche sendet</translation>
    </message>
    <message>
        <source>To</source>
        <translation>An</translation>
    </message>
    <message>
        <source>Addresses with commas between them; names of columns in braces are filled in: {email}.</source>
        <translation>Adressen mit Kommas dazwischen; Spaltennamen in geschweiften Klammern werden ausgefüllt: {email}.</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>Betreff</translation>
    </message>
    <message>
        <source>With names of columns in braces: Visit to {asset_no}. {record} is the record in words.</source>
        <translation>Mit Spaltennamen in geschweiften Klammern: Besuch bei {asset_no}. {record} ist der Datensatz in Worten.</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>The message, with names of columns in braces.</source>
        <translation>Die Nachricht, mit Spaltennamen in geschweiften Klammern.</translation>
    </message>
    <message>
        <source>Attached</source>
        <translation>Angehängt</translation>
    </message>
    <message>
        <source>The record as a file that goes along.</source>
        <translation>Der Datensatz als Datei, die mitgeht.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>the record as PDF</source>
        <translation>der Datensatz als PDF</translation>
    </message>
    <message>
        <source>the record as CSV</source>
        <translation>der Datensatz als CSV</translation>
    </message>
    <message>
        <source>the record as JSON</source>
        <translation>der Datensatz als JSON</translation>
    </message>
    <message>
        <source>As is usual</source>
        <translation>Wie üblich</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>A mark is short, such as kg or €: at most %1 letters.</source>
        <translation>Ein Zeichen ist kurz, etwa kg oder €: höchstens %1 Buchstaben.</translation>
    </message>
    <message>
        <source>Alignment</source>
        <translation>Ausrichtung</translation>
    </message>
    <message>
        <source>Where the value stands in its box.</source>
        <translation>Wo der Wert in seinem Feld steht.</translation>
    </message>
    <message>
        <source>Before it</source>
        <translation>Davor</translation>
    </message>
    <message>
        <source>A unit or currency before the value, such as €.</source>
        <translation>Eine Einheit oder Währung vor dem Wert, etwa €.</translation>
    </message>
    <message>
        <source>Change a mark</source>
        <translation>Ein Zeichen ändern</translation>
    </message>
    <message>
        <source>After it</source>
        <translation>Dahinter</translation>
    </message>
    <message>
        <source>A unit or currency behind the value, such as kg.</source>
        <translation>Eine Einheit oder Währung hinter dem Wert, etwa kg.</translation>
    </message>
    <message>
        <source>A number was expected, or nothing for no limit.</source>
        <translation>Eine Zahl wurde erwartet oder nichts für keine Grenze.</translation>
    </message>
    <message>
        <source>The least number would be greater than the greatest of “%1”, so that none could be typed.</source>
        <translation>Die kleinste Zahl wäre größer als die größte von „%1“, sodass keine getippt werden könnte.</translation>
    </message>
    <message>
        <source>Decimals</source>
        <translation>Nachkommastellen</translation>
    </message>
    <message>
        <source>How many places stand behind the point. Empty: as many as are stored.</source>
        <translation>Wie viele Stellen hinter dem Komma stehen. Leer: so viele wie gespeichert.</translation>
    </message>
    <message>
        <source>Change the decimals</source>
        <translation>Die Nachkommastellen ändern</translation>
    </message>
    <message>
        <source>Least</source>
        <translation>Kleinstes</translation>
    </message>
    <message>
        <source>No smaller number may be typed. Empty: no limit.</source>
        <translation>Keine kleinere Zahl darf getippt werden. Leer: keine Grenze.</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>Eine Grenze ändern</translation>
    </message>
    <message>
        <source>Greatest</source>
        <translation>Größtes</translation>
    </message>
    <message>
        <source>No greater number may be typed. Empty: no limit.</source>
        <translation>Keine größere Zahl darf getippt werden. Leer: keine Grenze.</translation>
    </message>
    <message>
        <source>Thousands</source>
        <translation>Tausender</translation>
    </message>
    <message>
        <source>Parts the thousands by the sign of the language.</source>
        <translation>Trennt die Tausender durch das Zeichen der Sprache.</translation>
    </message>
    <message>
        <source>Change how numbers are written</source>
        <translation>Ändern, wie Zahlen geschrieben werden</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>Arrows at the right end that count up and down; the keys Up and Down do so without them.</source>
        <translation>Pfeile am rechten Ende, die auf und ab zählen; die Tasten Auf und Ab tun es auch ohne sie.</translation>
    </message>
    <message>
        <source>Show or hide arrows</source>
        <translation>Pfeile zeigen oder verbergen</translation>
    </message>
    <message>
        <source>A whole number from %1 to %2 was expected, or nothing.</source>
        <translation>Eine ganze Zahl von %1 bis %2 wurde erwartet oder nichts.</translation>
    </message>
    <message>
        <source>the sum</source>
        <translation>die Summe</translation>
    </message>
    <message>
        <source>the average</source>
        <translation>der Durchschnitt</translation>
    </message>
    <message>
        <source>the least</source>
        <translation>das Kleinste</translation>
    </message>
    <message>
        <source>the greatest</source>
        <translation>das Größte</translation>
    </message>
    <message>
        <source>how many rows</source>
        <translation>wie viele Zeilen</translation>
    </message>
    <message>
        <source>all rows</source>
        <translation>alle Zeilen</translation>
    </message>
    <message>
        <source>Over all rows of the form.</source>
        <translation>Über alle Zeilen des Formulars.</translation>
    </message>
    <message>
        <source>Change a total</source>
        <translation>Eine Summe ändern</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>The column that it is worked out of.</source>
        <translation>Die Spalte, aus der es berechnet wird.</translation>
    </message>
    <message>
        <source>Prompt</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>Faint words in the empty box, such as an example.</source>
        <translation>Blasse Wörter im leeren Feld, etwa ein Beispiel.</translation>
    </message>
    <message>
        <source>Change a prompt</source>
        <translation>Einen Hinweis ändern</translation>
    </message>
    <message>
        <source>Only shown</source>
        <translation>Nur gezeigt</translation>
    </message>
    <message>
        <source>People see the value and cannot change it.</source>
        <translation>Der Wert ist zu sehen und nicht zu ändern.</translation>
    </message>
    <message>
        <source>Lock or unlock a control</source>
        <translation>Ein Element sperren oder freigeben</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source>How many letters may be typed. Empty: any number.</source>
        <translation>Wie viele Zeichen getippt werden dürfen. Leer: beliebig viele.</translation>
    </message>
    <message>
        <source>Change the most letters</source>
        <translation>Die Höchstzahl der Zeichen ändern</translation>
    </message>
    <message>
        <source>At most %1 characters fit here; these are %2</source>
        <translation>Hier passen höchstens %1 Zeichen hinein; das sind %2</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>mittig</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>Texts</source>
        <translation>Texte</translation>
    </message>
    <message>
        <source>Where texts stand in their boxes.</source>
        <translation>Wo Texte in ihren Feldern stehen.</translation>
    </message>
    <message>
        <source>Numbers</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>Where numbers stand in their boxes.</source>
        <translation>Wo Zahlen in ihren Feldern stehen.</translation>
    </message>
    <message>
        <source>Captions beside boxes</source>
        <translation>Beschriftungen neben Feldern</translation>
    </message>
    <message>
        <source>Where their words stand in the column of captions.</source>
        <translation>Wo ihre Wörter in der Spalte der Beschriftungen stehen.</translation>
    </message>
    <message>
        <source>Corners of boxes</source>
        <translation>Ecken von Feldern</translation>
    </message>
    <message>
        <source>How round they are, px; 0 is square.</source>
        <translation>Wie rund sie sind, px; 0 ist eckig.</translation>
    </message>
    <message>
        <source>Corners of buttons</source>
        <translation>Ecken von Schaltflächen</translation>
    </message>
    <message>
        <source>Corners of groups</source>
        <translation>Ecken von Gruppen</translation>
    </message>
    <message>
        <source>How round the frames of group boxes are, px; 0 is square.</source>
        <translation>Wie rund die Rahmen von Gruppenkästen sind, px; 0 ist eckig.</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>inset</source>
        <translation>eingelassen</translation>
    </message>
    <message>
        <source>raised</source>
        <translation>erhaben</translation>
    </message>
    <message>
        <source>with a shadow</source>
        <translation>mit Schatten</translation>
    </message>
    <message>
        <source>Edges of boxes</source>
        <translation>Kanten von Feldern</translation>
    </message>
    <message>
        <source>Flat, sunk into the form, or above it.</source>
        <translation>Flach, ins Formular eingelassen oder darüber.</translation>
    </message>
    <message>
        <source>Edges of buttons</source>
        <translation>Kanten von Schaltflächen</translation>
    </message>
    <message>
        <source>Edges of groups</source>
        <translation>Kanten von Gruppen</translation>
    </message>
    <message>
        <source>Lines of boxes</source>
        <translation>Linien von Feldern</translation>
    </message>
    <message>
        <source>How heavy the line around a box is, px; 0 is none.</source>
        <translation>Wie stark die Linie um ein Feld ist, px; 0 ist keine.</translation>
    </message>
    <message>
        <source>Lines of buttons</source>
        <translation>Linien von Schaltflächen</translation>
    </message>
    <message>
        <source>How heavy the line around a button is, px; 0 is none.</source>
        <translation>Wie stark die Linie um eine Schaltfläche ist, px; 0 ist keine.</translation>
    </message>
    <message>
        <source>Lines of groups</source>
        <translation>Linien von Gruppen</translation>
    </message>
    <message>
        <source>How heavy the frame of a group box is, px; 0 is none.</source>
        <translation>Wie stark der Rahmen eines Gruppenkastens ist, px; 0 ist keiner.</translation>
    </message>
    <message>
        <source>Inside boxes</source>
        <translation>In Feldern</translation>
    </message>
    <message>
        <source>What is left free in boxes and buttons left and right of the words, px.</source>
        <translation>Was in Feldern und Schaltflächen links und rechts der Wörter frei bleibt, px.</translation>
    </message>
    <message>
        <source>Between rows</source>
        <translation>Zwischen Zeilen</translation>
    </message>
    <message>
        <source>How much further apart than usual the rows of a new tabular form stand, px.</source>
        <translation>Wie viel weiter als üblich die Zeilen eines neuen tabellarischen Formulars auseinander stehen, px.</translation>
    </message>
    <message>
        <source>Every other row of a tabular form has a ground of its own.</source>
        <translation>Jede zweite Zeile eines tabellarischen Formulars hat einen eigenen Grund.</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>every other one tinted</source>
        <translation>jede zweite getönt</translation>
    </message>
    <message>
        <source>“%1” is no colour. Write one as #0b7a70, teal, rgb(11 122 112), hsl(174 83% 26%) or oklch(52% 0.09 187).</source>
        <translation>„%1“ ist keine Farbe. Eine schreiben wie #0b7a70, teal, rgb(11 122 112), hsl(174 83% 26%) oder oklch(52% 0.09 187).</translation>
    </message>
    <message>
        <source>“%1” can be seen through. Colours of forms are whole: leave its last part away.</source>
        <translation>„%1“ ist durchsichtig. Farben von Formularen sind deckend: den letzten Teil weglassen.</translation>
    </message>
    <message>
        <source>%1 could not be removed. Look whether you may write there.</source>
        <translation>%1 konnte nicht entfernt werden. Nachsehen, ob dort geschrieben werden darf.</translation>
    </message>
    <message>
        <source>The look&apos;s token %1: %2</source>
        <translation>Die Angabe %1 des Aussehens: %2</translation>
    </message>
    <message>
        <source>a typography was expected, with fontFamily, fontSize and fontWeight</source>
        <translation>eine Schrift mit fontFamily, fontSize und fontWeight wurde erwartet</translation>
    </message>
    <message>
        <source>a size from 0.5 to 4 rem was expected</source>
        <translation>eine Größe von 0.5 bis 4 rem wurde erwartet</translation>
    </message>
    <message>
        <source>a weight from 1 to 1000 was expected</source>
        <translation>eine Stärke von 1 bis 1000 wurde erwartet</translation>
    </message>
    <message>
        <source>one of %1 was expected</source>
        <translation>eines von %1 wurde erwartet</translation>
    </message>
    <message>
        <source>a length from %1 to %2 px was expected</source>
        <translation>eine Länge von %1 bis %2 px wurde erwartet</translation>
    </message>
    <message>
        <source>The style “%1”, %2: %3</source>
        <translation>Der Stil „%1“, %2: %3</translation>
    </message>
    <message>
        <source>a length was expected, such as { &quot;value&quot;: 3, &quot;unit&quot;: &quot;px&quot; }</source>
        <translation>eine Länge wurde erwartet, etwa { &quot;value&quot;: 3, &quot;unit&quot;: &quot;px&quot; }</translation>
    </message>
    <message>
        <source>Body</source>
        <translation>Rumpf</translation>
    </message>
    <message>
        <source>Grounds</source>
        <translation>Gründe</translation>
    </message>
    <message>
        <source>Header and footer</source>
        <translation>Kopf und Fuß</translation>
    </message>
    <message>
        <source>Line between bands</source>
        <translation>Linie zwischen Bereichen</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>Kanten</translation>
    </message>
    <message>
        <source>Line around boxes</source>
        <translation>Linie um Felder</translation>
    </message>
    <message>
        <source>Boxes that are locked</source>
        <translation>Gesperrte Felder</translation>
    </message>
    <message>
        <source>Words in boxes</source>
        <translation>Wörter in Feldern</translation>
    </message>
    <message>
        <source>Titles</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Prompts and notes</source>
        <translation>Hinweise und Notizen</translation>
    </message>
    <message>
        <source>Main colour</source>
        <translation>Hauptfarbe</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Hervorhebungen</translation>
    </message>
    <message>
        <source>Words on the main colour</source>
        <translation>Wörter auf der Hauptfarbe</translation>
    </message>
    <message>
        <source>Links</source>
        <translation>Verweise</translation>
    </message>
    <message>
        <source>Alarm and refused</source>
        <translation>Alarm und Abgewiesenes</translation>
    </message>
    <message>
        <source>Boxes with an alarm</source>
        <translation>Felder mit Alarm</translation>
    </message>
    <message>
        <source>What is chosen, stronger bands</source>
        <translation>Gewähltes, stärkere Bereiche</translation>
    </message>
    <message>
        <source>To be watched</source>
        <translation>Achtung</translation>
    </message>
    <message>
        <source>Boxes to be watched</source>
        <translation>Felder mit Achtung</translation>
    </message>
    <message>
        <source>As it should be</source>
        <translation>Wie es sein soll</translation>
    </message>
    <message>
        <source>Headings of groups</source>
        <translation>Überschriften von Gruppen</translation>
    </message>
    <message>
        <source>Buttons</source>
        <translation>Schaltflächen</translation>
    </message>
    <message>
        <source>Line around buttons</source>
        <translation>Linie um Schaltflächen</translation>
    </message>
    <message>
        <source>Words on buttons</source>
        <translation>Wörter auf Schaltflächen</translation>
    </message>
    <message>
        <source>Groups with a ground</source>
        <translation>Gruppen mit Grund</translation>
    </message>
    <message>
        <source>Frame of groups</source>
        <translation>Rahmen von Gruppen</translation>
    </message>
    <message>
        <source>Shadows</source>
        <translation>Schatten</translation>
    </message>
    <message>
        <source>Words in marked boxes</source>
        <translation>Wörter in hervorgehobenen Feldern</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Feld</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Heading</source>
        <translation>Überschrift</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>How round its corners are, px; 0 is square.</source>
        <translation>Wie rund seine Ecken sind, px; 0 ist eckig.</translation>
    </message>
    <message>
        <source>Change a corner</source>
        <translation>Eine Ecke ändern</translation>
    </message>
    <message>
        <source>as the look says</source>
        <translation>wie das Aussehen sagt</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>Change an edge</source>
        <translation>Eine Kante ändern</translation>
    </message>
    <message>
        <source>Typeface</source>
        <translation>Schriftart</translation>
    </message>
    <message>
        <source>The family of its letters. Empty: as the look says.</source>
        <translation>Die Familie seiner Buchstaben. Leer: wie das Aussehen sagt.</translation>
    </message>
    <message>
        <source>Change a typeface</source>
        <translation>Eine Schriftart ändern</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>The ground. Its words stay readable on it. Two colours with a stroke between them: light / dark.</source>
        <translation>Der Grund. Seine Wörter bleiben darauf lesbar. Zwei Farben mit Schrägstrich dazwischen: hell / dunkel.</translation>
    </message>
    <message>
        <source>Change a fill</source>
        <translation>Eine Füllung ändern</translation>
    </message>
    <message>
        <source>Line weight</source>
        <translation>Linienstärke</translation>
    </message>
    <message>
        <source>How heavy the line around it is, px; 0 is none.</source>
        <translation>Wie stark die Linie darum ist, px; 0 ist keine.</translation>
    </message>
    <message>
        <source>Change a line weight</source>
        <translation>Eine Linienstärke ändern</translation>
    </message>
    <message>
        <source>The colour of the line around it.</source>
        <translation>Die Farbe der Linie darum.</translation>
    </message>
    <message>
        <source>Change an outline</source>
        <translation>Eine Umrandung ändern</translation>
    </message>
    <message>
        <source>Padding</source>
        <translation>Innenabstand</translation>
    </message>
    <message>
        <source>What is left free left and right of the words inside it, px.</source>
        <translation>Was links und rechts der Wörter darin frei bleibt, px.</translation>
    </message>
    <message>
        <source>Change a padding</source>
        <translation>Einen Innenabstand ändern</translation>
    </message>
    <message>
        <source>Slant</source>
        <translation>Kursiv</translation>
    </message>
    <message>
        <source>Letters that lean.</source>
        <translation>Buchstaben, die sich neigen.</translation>
    </message>
    <message>
        <source>Change a slant</source>
        <translation>Kursiv ändern</translation>
    </message>
    <message>
        <source>Style</source>
        <translation>Stil</translation>
    </message>
    <message>
        <source>A look kept under a name, which all that have it follow.</source>
        <translation>Ein Aussehen unter einem Namen, dem alle folgen, die ihn haben.</translation>
    </message>
    <message>
        <source>Change a style</source>
        <translation>Einen Stil ändern</translation>
    </message>
    <message>
        <source>The colour of its words. Two with a stroke between them: light / dark.</source>
        <translation>Die Farbe seiner Wörter. Zwei mit Schrägstrich dazwischen: hell / dunkel.</translation>
    </message>
    <message>
        <source>Change a text colour</source>
        <translation>Eine Textfarbe ändern</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>In percent of the text of the desktop: 100 is as large, 150 half as large again.</source>
        <translation>In Prozent des Textes des Desktops: 100 ist ebenso groß, 150 um die Hälfte größer.</translation>
    </message>
    <message>
        <source>Change a text size</source>
        <translation>Eine Textgröße ändern</translation>
    </message>
    <message>
        <source>light</source>
        <translation>mager</translation>
    </message>
    <message>
        <source>half bold</source>
        <translation>halbfett</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>fett</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>extrafett</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>How bold its words are.</source>
        <translation>Wie fett seine Wörter sind.</translation>
    </message>
    <message>
        <source>Change a text weight</source>
        <translation>Eine Textstärke ändern</translation>
    </message>
    <message>
        <source>Underline</source>
        <translation>Unterstrichen</translation>
    </message>
    <message>
        <source>A line under its words.</source>
        <translation>Eine Linie unter seinen Wörtern.</translation>
    </message>
    <message>
        <source>Change an underline</source>
        <translation>Eine Unterstreichung ändern</translation>
    </message>
    <message>
        <source>%1, %2, %3 × %4 px</source>
        <translation>%1, %2, %3 × %4 px</translation>
    </message>
    <message>
        <source>%1: %2 was %3 and is %4.</source>
        <translation>%1: %2 war %3 und ist %4.</translation>
    </message>
    <message>
        <source>moved by %1, %2 px</source>
        <translation>um %1, %2 px verschoben</translation>
    </message>
    <message>
        <source>%1 px wider</source>
        <translation>%1 px breiter</translation>
    </message>
    <message>
        <source>%1 px narrower</source>
        <translation>%1 px schmaler</translation>
    </message>
    <message>
        <source>%1 px higher</source>
        <translation>%1 px höher</translation>
    </message>
    <message>
        <source>%1 px lower</source>
        <translation>%1 px niedriger</translation>
    </message>
    <message>
        <source>%1 %2 is %3.</source>
        <translation>%1 %2: %3.</translation>
    </message>
    <message>
        <source>%1 was a %2 and is a %3.</source>
        <translation>%1 war von der Art %2 und ist jetzt %3.</translation>
    </message>
    <message>
        <source>%1 was bound to %2 and is bound to %3.</source>
        <translation>%1 war an %2 gebunden und ist an %3 gebunden.</translation>
    </message>
    <message>
        <source>The words “%1” are “%2” now.</source>
        <translation>Die Wörter „%1“ heißen jetzt „%2“.</translation>
    </message>
    <message>
        <source>%1 had the role %2 and has %3.</source>
        <translation>%1 hatte die Rolle %2 und hat %3.</translation>
    </message>
    <message>
        <source>%1 stands elsewhere, in no group.</source>
        <translation>%1 steht anderswo, in keiner Gruppe.</translation>
    </message>
    <message>
        <source>%1 stands in “%2” now.</source>
        <translation>%1 steht jetzt in „%2“.</translation>
    </message>
    <message>
        <source>In %1: %2</source>
        <translation>In %1: %2</translation>
    </message>
    <message>
        <source>%1 has a form inside now.</source>
        <translation>%1 hat jetzt ein Formular darin.</translation>
    </message>
    <message>
        <source>%1 has no form inside any more.</source>
        <translation>%1 hat kein Formular mehr darin.</translation>
    </message>
    <message>
        <source> (switched off)</source>
        <translation> (ausgeschaltet)</translation>
    </message>
    <message>
        <source>page header</source>
        <translation>Seitenkopf</translation>
    </message>
    <message>
        <source>header</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>body</source>
        <translation>Rumpf</translation>
    </message>
    <message>
        <source>footer</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>page footer</source>
        <translation>Seitenfuß</translation>
    </message>
    <message>
        <source>The form’s %1 was %2 and is %3.</source>
        <translation>Beim Formular war %1 %2 und ist %3.</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>SELECT</source>
        <translation>SELECT</translation>
    </message>
    <message>
        <source>look</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>number of rows shown</source>
        <translation>Zahl der gezeigten Zeilen</translation>
    </message>
    <message>
        <source>grid</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>least width</source>
        <translation>kleinste Breite</translation>
    </message>
    <message>
        <source>least height</source>
        <translation>kleinste Höhe</translation>
    </message>
    <message>
        <source>tab order</source>
        <translation>Tab-Folge</translation>
    </message>
    <message>
        <source>adding of records</source>
        <translation>Hinzufügen von Datensätzen</translation>
    </message>
    <message>
        <source>changing of records</source>
        <translation>Ändern von Datensätzen</translation>
    </message>
    <message>
        <source>deleting of records</source>
        <translation>Löschen von Datensätzen</translation>
    </message>
    <message>
        <source>sight of stored records</source>
        <translation>Sicht auf gespeicherte Datensätze</translation>
    </message>
    <message>
        <source>The form</source>
        <translation>Das Formular</translation>
    </message>
    <message>
        <source>There is a %1 now.</source>
        <translation>Neu ist: %1.</translation>
    </message>
    <message>
        <source>There is no %1 any more.</source>
        <translation>Nicht mehr da ist: %1.</translation>
    </message>
    <message>
        <source>The %1 was %2 px high and is %3.</source>
        <translation>Höhe von %1: war %2 px und ist %3.</translation>
    </message>
    <message>
        <source>The rail “%1” is gone.</source>
        <translation>Die Schiene „%1“ ist fort.</translation>
    </message>
    <message>
        <source>There is a rail “%1” at %2 px.</source>
        <translation>Es gibt eine Schiene „%1“ bei %2 px.</translation>
    </message>
    <message>
        <source>The rail “%1” stood at %2 px and stands at %3.</source>
        <translation>Die Schiene „%1“ stand bei %2 px und steht bei %3.</translation>
    </message>
    <message>
        <source>The %1 %2 is new, at %3.</source>
        <translation>Neu ist %1 %2, bei %3.</translation>
    </message>
    <message>
        <source>The %1 %2 is gone.</source>
        <translation>Fort ist %1 %2.</translation>
    </message>
    <message>
        <source>Rule added: %1.</source>
        <translation>Regel hinzugekommen: %1.</translation>
    </message>
    <message>
        <source>Rule gone: %1.</source>
        <translation>Regel fort: %1.</translation>
    </message>
    <message>
        <source>Something that is not seen: what the form remembers of its columns, or an order.</source>
        <translation>Etwas, das man nicht sieht: was sich das Formular von seinen Spalten merkt, oder eine Reihenfolge.</translation>
    </message>
    <message>
        <source>Title: %1</source>
        <translation>Titel: %1</translation>
    </message>
    <message>
        <source>Rows: %1</source>
        <translation>Zeilen: %1</translation>
    </message>
    <message>
        <source>SELECT: %1</source>
        <translation>SELECT: %1</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>Aussehen: %1</translation>
    </message>
    <message>
        <source>Width: %1 px</source>
        <translation>Breite: %1 px</translation>
    </message>
    <message>
        <source>Band: %1, %2 px</source>
        <translation>Bereich: %1, %2 px</translation>
    </message>
    <message>
        <source>Rail: %1 at %2 px</source>
        <translation>Schiene: %1 bei %2 px</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Formular</translation>
    </message>
    <message>
        <source>%1 %2 (%3), %4</source>
        <translation>%1 %2 (%3), %4</translation>
    </message>
    <message>
        <source>, bound to %1</source>
        <translation>, an %1 gebunden</translation>
    </message>
    <message>
        <source>Rule: %1</source>
        <translation>Regel: %1</translation>
    </message>
    <message>
        <source>%1 is not a form that can be read: %2.</source>
        <translation>%1 ist kein lesbares Formular: %2.</translation>
    </message>
    <message>
        <source>The base</source>
        <translation>Der Anfangsstand</translation>
    </message>
    <message>
        <source>Ours</source>
        <translation>Unserer</translation>
    </message>
    <message>
        <source>Theirs</source>
        <translation>Ihrer</translation>
    </message>
    <message>
        <source>Put together, the form cannot be read: %1</source>
        <translation>Zusammengeführt lässt sich das Formular nicht lesen: %1</translation>
    </message>
    <message>
        <source>What they have cannot stand here any more: %1</source>
        <translation>Was die anderen haben, kann hier nicht mehr stehen: %1</translation>
    </message>
    <message>
        <source>“%1” was taken away here, and changed by somebody else.</source>
        <translation>„%1“ wurde hier weggenommen und von jemand anderem geändert.</translation>
    </message>
    <message>
        <source>“%1” was changed here, and taken away by somebody else.</source>
        <translation>„%1“ wurde hier geändert und von jemand anderem weggenommen.</translation>
    </message>
    <message>
        <source>the form’s “%1”</source>
        <translation>„%1“ des Formulars</translation>
    </message>
    <message>
        <source>“%1” of “%2”</source>
        <translation>„%1“ von „%2“</translation>
    </message>
    <message>
        <source>Two people changed %1: here it is %2, there %3.</source>
        <translation>Zwei Leute änderten %1: hier ist es %2, dort %3.</translation>
    </message>
    <message>
        <source>the box “%1”</source>
        <translation>das Feld „%1“</translation>
    </message>
    <message>
        <source>the rows</source>
        <translation>die Zeilen</translation>
    </message>
    <message>
        <source>the choices of “%1”</source>
        <translation>die Auswahl von „%1“</translation>
    </message>
    <message>
        <source>what “%1” shows</source>
        <translation>was „%1“ zeigt</translation>
    </message>
    <message>
        <source>what links “%1”</source>
        <translation>was „%1“ verknüpft</translation>
    </message>
    <message>
        <source>the total “%1”</source>
        <translation>die Summe „%1“</translation>
    </message>
    <message>
        <source>the formula of “%1”</source>
        <translation>die Formel von „%1“</translation>
    </message>
    <message>
        <source>the rule “%1”</source>
        <translation>die Regel „%1“</translation>
    </message>
    <message>
        <source>a rule</source>
        <translation>eine Regel</translation>
    </message>
    <message>
        <source>the order of the records</source>
        <translation>die Reihenfolge der Datensätze</translation>
    </message>
    <message>
        <source>the list of records</source>
        <translation>die Liste der Datensätze</translation>
    </message>
    <message>
        <source>A draft would make “%1” a %2 now.</source>
        <translation>Ein Entwurf nähme für „%1“ jetzt die Art %2.</translation>
    </message>
    <message>
        <source>A draft would call “%1” “%2” now.</source>
        <translation>Ein Entwurf nennte „%1“ jetzt „%2“.</translation>
    </message>
    <message>
        <source>Call it “%1”</source>
        <translation>„%1“ nennen</translation>
    </message>
    <message>
        <source>A draft would make “%1” %2 by %3 px now; it is %4 by %5.</source>
        <translation>Ein Entwurf machte „%1“ jetzt %2 mal %3 px groß; es ist %4 mal %5.</translation>
    </message>
    <message>
        <source>Make it that large</source>
        <translation>So groß machen</translation>
    </message>
    <message>
        <source>A draft would have a box for “%1”.</source>
        <translation>Ein Entwurf hätte ein Feld für „%1“.</translation>
    </message>
    <message>
        <source>A draft would show the rows of “%1” that belong to each record.</source>
        <translation>Ein Entwurf zeigte die Zeilen von „%1“, die zu jedem Datensatz gehören.</translation>
    </message>
    <message>
        <source>Show them below</source>
        <translation>Sie darunter zeigen</translation>
    </message>
    <message>
        <source>Take the rows from “%1”</source>
        <translation>Die Zeilen aus „%1“ nehmen</translation>
    </message>
    <message>
        <source>Follow it: “%1”</source>
        <translation>Folgen: „%1“</translation>
    </message>
    <message>
        <source>Two boxes where one stood</source>
        <translation>Zwei Felder, wo eines stand</translation>
    </message>
    <message>
        <source>Show both parts where it is looked up</source>
        <translation>Beide Teile zeigen, wo nachgeschlagen wird</translation>
    </message>
    <message>
        <source>Only “%1”</source>
        <translation>Nur „%1“</translation>
    </message>
    <message>
        <source>One box for both</source>
        <translation>Ein Feld für beide</translation>
    </message>
    <message>
        <source>Show it from “%1”</source>
        <translation>Es aus „%1“ zeigen</translation>
    </message>
    <message>
        <source>Let the box take %1</source>
        <translation>Das Feld %1 nehmen lassen</translation>
    </message>
    <message>
        <source>Let the box take any number</source>
        <translation>Das Feld beliebig viele nehmen lassen</translation>
    </message>
    <message>
        <source>Offer these</source>
        <translation>Diese anbieten</translation>
    </message>
    <message>
        <source>Add a box</source>
        <translation>Ein Feld hinzufügen</translation>
    </message>
    <message>
        <source>the same type</source>
        <translation>derselbe Typ</translation>
    </message>
    <message>
        <source>the same place in the table</source>
        <translation>dieselbe Stelle in der Tabelle</translation>
    </message>
    <message>
        <source>a like name</source>
        <translation>ein ähnlicher Name</translation>
    </message>
    <message>
        <source>the same comment</source>
        <translation>derselbe Kommentar</translation>
    </message>
    <message>
        <source>the same link</source>
        <translation>dieselbe Verknüpfung</translation>
    </message>
    <message>
        <source>the same choices</source>
        <translation>dieselbe Auswahl</translation>
    </message>
    <message>
        <source>the same values</source>
        <translation>dieselben Werte</translation>
    </message>
    <message>
        <source>like names</source>
        <translation>ähnliche Namen</translation>
    </message>
    <message>
        <source>together they hold the same values</source>
        <translation>zusammen enthalten sie dieselben Werte</translation>
    </message>
    <message>
        <source>it holds the values of both</source>
        <translation>sie enthält die Werte beider</translation>
    </message>
    <message>
        <source>its values are there</source>
        <translation>ihre Werte sind dort</translation>
    </message>
    <message>
        <source>its columns are there</source>
        <translation>ihre Spalten sind dort</translation>
    </message>
    <message>
        <source>The table “%1” is gone.</source>
        <translation>Die Tabelle „%1“ ist fort.</translation>
    </message>
    <message>
        <source>The table “%1” is called “%2” now%3.</source>
        <translation>Die Tabelle „%1“ heißt jetzt „%2“%3.</translation>
    </message>
    <message>
        <source>“%1” is called “%2” now%3.</source>
        <translation>„%1“ heißt jetzt „%2“%3.</translation>
    </message>
    <message>
        <source>“%1” was parted into “%2” and “%3”%4.</source>
        <translation>„%1“ wurde in „%2“ und „%3“ geteilt%4.</translation>
    </message>
    <message>
        <source>“%1” and “%2” of “%3” became “%4”%5.</source>
        <translation>„%1“ und „%2“ von „%3“ wurden „%4“%5.</translation>
    </message>
    <message>
        <source>“%1” moved to the table “%2”%3.</source>
        <translation>„%1“ ist in die Tabelle „%2“ umgezogen%3.</translation>
    </message>
    <message>
        <source>“%1” is gone.</source>
        <translation>„%1“ ist fort.</translation>
    </message>
    <message>
        <source>“%1” is of the type %2 now; it was %3.</source>
        <translation>„%1“ ist jetzt vom Typ %2; es war %3.</translation>
    </message>
    <message>
        <source>“%1” takes %2 letters now%3.</source>
        <translation>„%1“ nimmt jetzt %2 Zeichen%3.</translation>
    </message>
    <message>
        <source>; it took %1</source>
        <translation>; es nahm %1</translation>
    </message>
    <message>
        <source>“%1” takes any number of letters now.</source>
        <translation>„%1“ nimmt jetzt beliebig viele Zeichen.</translation>
    </message>
    <message>
        <source>“%1” is required now.</source>
        <translation>„%1“ ist jetzt erforderlich.</translation>
    </message>
    <message>
        <source>“%1” may be empty now.</source>
        <translation>„%1“ darf jetzt leer sein.</translation>
    </message>
    <message>
        <source>“%1” starts with %2 now.</source>
        <translation>„%1“ beginnt jetzt mit %2.</translation>
    </message>
    <message>
        <source>“%1” starts with nothing now.</source>
        <translation>„%1“ beginnt jetzt mit nichts.</translation>
    </message>
    <message>
        <source>“%1” allows other values now: %2.</source>
        <translation>„%1“ lässt jetzt andere Werte zu: %2.</translation>
    </message>
    <message>
        <source>“%1” points to “%2” now.</source>
        <translation>„%1“ zeigt jetzt auf „%2“.</translation>
    </message>
    <message>
        <source>“%1” does not point to “%2” any more.</source>
        <translation>„%1“ zeigt nicht mehr auf „%2“.</translation>
    </message>
    <message>
        <source>“%1” is new, and required.</source>
        <translation>„%1“ ist neu und erforderlich.</translation>
    </message>
    <message>
        <source>“%1” is new.</source>
        <translation>„%1“ ist neu.</translation>
    </message>
    <message>
        <source>It must be that %1</source>
        <translation>Es muss sein: %1</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>tomorrow</source>
        <translation>morgen</translation>
    </message>
    <message>
        <source>today in %1 days</source>
        <translation>heute in %1 Tagen</translation>
    </message>
    <message>
        <source>yesterday</source>
        <translation>gestern</translation>
    </message>
    <message>
        <source>today %1 days ago</source>
        <translation>heute vor %1 Tagen</translation>
    </message>
    <message>
        <source>is</source>
        <translation>ist</translation>
    </message>
    <message>
        <source>is not</source>
        <translation>ist nicht</translation>
    </message>
    <message>
        <source>is one of</source>
        <translation>ist eines von</translation>
    </message>
    <message>
        <source>is none of</source>
        <translation>ist keines von</translation>
    </message>
    <message>
        <source>is less than</source>
        <translation>ist weniger als</translation>
    </message>
    <message>
        <source>is at most</source>
        <translation>ist höchstens</translation>
    </message>
    <message>
        <source>is more than</source>
        <translation>ist mehr als</translation>
    </message>
    <message>
        <source>is at least</source>
        <translation>ist mindestens</translation>
    </message>
    <message>
        <source>lies between</source>
        <translation>liegt zwischen</translation>
    </message>
    <message>
        <source>contains</source>
        <translation>enthält</translation>
    </message>
    <message>
        <source>does not contain</source>
        <translation>enthält nicht</translation>
    </message>
    <message>
        <source>begins with</source>
        <translation>beginnt mit</translation>
    </message>
    <message>
        <source>ends with</source>
        <translation>endet mit</translation>
    </message>
    <message>
        <source>is yes</source>
        <translation>ist ja</translation>
    </message>
    <message>
        <source>is no</source>
        <translation>ist nein</translation>
    </message>
    <message>
        <source>is before</source>
        <translation>ist vor</translation>
    </message>
    <message>
        <source>is after</source>
        <translation>ist nach</translation>
    </message>
    <message>
        <source>is within the next days:</source>
        <translation>liegt in den nächsten Tagen:</translation>
    </message>
    <message>
        <source>is within the last days:</source>
        <translation>liegt in den letzten Tagen:</translation>
    </message>
    <message>
        <source>is in this month</source>
        <translation>liegt in diesem Monat</translation>
    </message>
    <message>
        <source>not: </source>
        <translation>nicht: </translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1 is within %2 days</source>
        <translation>%1 liegt innerhalb von %2 Tagen</translation>
    </message>
    <message>
        <source>%1 is within the last %2 days</source>
        <translation>%1 liegt in den letzten %2 Tagen</translation>
    </message>
    <message>
        <source>Asks unless %1</source>
        <translation>Fragt, außer wenn %1</translation>
    </message>
    <message>
        <source>%1: “%2”</source>
        <translation>%1: „%2“</translation>
    </message>
    <message>
        <source>Must hold</source>
        <translation>Muss gelten</translation>
    </message>
    <message>
        <source>A condition that must be true before the record is saved, and what is said where it is not.</source>
        <translation>Eine Bedingung, die wahr sein muss, ehe der Datensatz gespeichert wird, und was gesagt wird, wo sie es nicht ist.</translation>
    </message>
    <message>
        <source>Locked when</source>
        <translation>Gesperrt, wenn</translation>
    </message>
    <message>
        <source>Nothing can be typed here, or in it, where this SQL condition is true: status = &apos;closed&apos;.</source>
        <translation>Hier oder darin kann nichts getippt werden, wo diese SQL-Bedingung wahr ist: status = &apos;closed&apos;.</translation>
    </message>
    <message>
        <source>%1 is locked</source>
        <translation>%1 ist gesperrt</translation>
    </message>
    <message>
        <source>%1 is locked when %2</source>
        <translation>%1 ist gesperrt, wenn %2</translation>
    </message>
    <message>
        <source>Change when it is locked</source>
        <translation>Ändern, wann es gesperrt ist</translation>
    </message>
    <message>
        <source>%1 is marked %2</source>
        <translation>%1 ist als %2 hervorgehoben</translation>
    </message>
    <message>
        <source>%1 is marked %2 when %3</source>
        <translation>%1 ist als %2 hervorgehoben, wenn %3</translation>
    </message>
    <message>
        <source>, else %1</source>
        <translation>, sonst %1</translation>
    </message>
    <message>
        <source>Marked</source>
        <translation>Hervorgehoben</translation>
    </message>
    <message>
        <source>Stands out by a tint, a bar at its edge and a word: steady, watch or alarm.</source>
        <translation>Sticht hervor durch einen Ton, einen Balken am Rand und ein Wort: ruhig, Achtung oder Alarm.</translation>
    </message>
    <message>
        <source>beside %1 stands “%2”</source>
        <translation>neben %1 steht „%2“</translation>
    </message>
    <message>
        <source>%1 when %2</source>
        <translation>%1, wenn %2</translation>
    </message>
    <message>
        <source>, else “%1”</source>
        <translation>, sonst „%1“</translation>
    </message>
    <message>
        <source>A note beside</source>
        <translation>Eine Notiz daneben</translation>
    </message>
    <message>
        <source>Words that stand beside the box where the condition is true.</source>
        <translation>Wörter, die neben dem Feld stehen, wo die Bedingung wahr ist.</translation>
    </message>
    <message>
        <source>Required when</source>
        <translation>Erforderlich, wenn</translation>
    </message>
    <message>
        <source>Must be filled in where this SQL condition is true: status = &apos;withdrawn&apos;.</source>
        <translation>Muss ausgefüllt werden, wo diese SQL-Bedingung wahr ist: status = &apos;withdrawn&apos;.</translation>
    </message>
    <message>
        <source>%1 is required</source>
        <translation>%1 ist erforderlich</translation>
    </message>
    <message>
        <source>%1 is required when %2</source>
        <translation>%1 ist erforderlich, wenn %2</translation>
    </message>
    <message>
        <source>Change when it is required</source>
        <translation>Ändern, wann es erforderlich ist</translation>
    </message>
    <message>
        <source>else %1</source>
        <translation>sonst %1</translation>
    </message>
    <message>
        <source>%1 below %2</source>
        <translation>%1 unter %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>, by %1</source>
        <translation>, nach %1</translation>
    </message>
    <message>
        <source>%1, when %2</source>
        <translation>%1, wenn %2</translation>
    </message>
    <message>
        <source>Marked by its value</source>
        <translation>Hervorgehoben nach Wert</translation>
    </message>
    <message>
        <source>Limits over what is stored: below the first one mark, up to the next another.</source>
        <translation>Grenzen über dem Gespeicherten: unter der ersten eine Hervorhebung, bis zur nächsten eine andere.</translation>
    </message>
    <message>
        <source>%1 is written as: %2</source>
        <translation>%1 wird so geschrieben: %2</translation>
    </message>
    <message>
        <source>%1 is written like %2</source>
        <translation>%1 wird geschrieben wie %2</translation>
    </message>
    <message>
        <source>Written like</source>
        <translation>Geschrieben wie</translation>
    </message>
    <message>
        <source>One or two examples show how the text is written: NB-2104-D.</source>
        <translation>Ein oder zwei Beispiele zeigen, wie der Text geschrieben wird: NB-2104-D.</translation>
    </message>
    <message>
        <source>%1 is shown</source>
        <translation>%1 wird gezeigt</translation>
    </message>
    <message>
        <source>%1 is shown when %2</source>
        <translation>%1 wird gezeigt, wenn %2</translation>
    </message>
    <message>
        <source>; when hidden, it is saved empty</source>
        <translation>; verborgen wird es leer gespeichert</translation>
    </message>
    <message>
        <source>; when hidden with a value, saving asks</source>
        <translation>; verborgen mit einem Wert fragt das Speichern</translation>
    </message>
    <message>
        <source>Shown when</source>
        <translation>Gezeigt, wenn</translation>
    </message>
    <message>
        <source>Not to be seen, with all in it, where this SQL condition is not true: status = &apos;adrift&apos;.</source>
        <translation>Nicht zu sehen, mit allem darin, wo diese SQL-Bedingung nicht wahr ist: status = &apos;adrift&apos;.</translation>
    </message>
    <message>
        <source>Change when it is shown</source>
        <translation>Ändern, wann es gezeigt wird</translation>
    </message>
    <message>
        <source>%1 is %2</source>
        <translation>%1 ist %2</translation>
    </message>
    <message>
        <source>%1 is %2 until something else is typed</source>
        <translation>%1 ist %2, bis etwas anderes getippt wird</translation>
    </message>
    <message>
        <source>%1 begins as %2</source>
        <translation>%1 beginnt als %2</translation>
    </message>
    <message>
        <source>%1 begins as in the record saved last</source>
        <translation>%1 beginnt wie im zuletzt gespeicherten Datensatz</translation>
    </message>
    <message>
        <source> when %1</source>
        <translation>, wenn %1</translation>
    </message>
    <message>
        <source>Worked out</source>
        <translation>Berechnet</translation>
    </message>
    <message>
        <source>A value that is put into the column: hours * hourly_rate.</source>
        <translation>Ein Wert, der in die Spalte kommt: hours * hourly_rate.</translation>
    </message>
    <message>
        <source>steady</source>
        <translation>ruhig</translation>
    </message>
    <message>
        <source>watch</source>
        <translation>Achtung</translation>
    </message>
    <message>
        <source>alarm</source>
        <translation>Alarm</translation>
    </message>
    <message>
        <source>There is no condition.</source>
        <translation>Es gibt keine Bedingung.</translation>
    </message>
    <message>
        <source>A record is needed for which this is %1: %2</source>
        <translation>Es braucht einen Datensatz, für den dies %1 ist: %2</translation>
    </message>
    <message>
        <source>not true</source>
        <translation>nicht wahr</translation>
    </message>
    <message>
        <source>There is no column “%1”.</source>
        <translation>Eine Spalte „%1“ gibt es nicht.</translation>
    </message>
    <message>
        <source>No record can be found for which this is %1: %2</source>
        <translation>Es findet sich kein Datensatz, für den dies %1 ist: %2</translation>
    </message>
    <message>
        <source>Phone number, with its country (E.164)</source>
        <translation>Telefonnummer, mit ihrem Land (E.164)</translation>
    </message>
    <message>
        <source>E-mail address</source>
        <translation>Mailadresse</translation>
    </message>
    <message>
        <source>Web address</source>
        <translation>Webadresse</translation>
    </message>
    <message>
        <source>Bank account (IBAN)</source>
        <translation>Bankkonto (IBAN)</translation>
    </message>
    <message>
        <source>Book number (ISBN)</source>
        <translation>Buchnummer (ISBN)</translation>
    </message>
    <message>
        <source>Article number (EAN)</source>
        <translation>Artikelnummer (EAN)</translation>
    </message>
    <message>
        <source>Card number</source>
        <translation>Kartennummer</translation>
    </message>
    <message>
        <source>Time span</source>
        <translation>Zeitspanne</translation>
    </message>
    <message>
        <source>Position in degrees</source>
        <translation>Position in Grad</translation>
    </message>
    <message>
        <source>Position in degrees and minutes</source>
        <translation>Position in Grad und Minuten</translation>
    </message>
    <message>
        <source>Position in degrees, minutes and seconds</source>
        <translation>Position in Grad, Minuten und Sekunden</translation>
    </message>
    <message>
        <source>Post code, United Kingdom</source>
        <translation>Postleitzahl, Vereinigtes Königreich</translation>
    </message>
    <message>
        <source>Post code, Austria</source>
        <translation>Postleitzahl, Österreich</translation>
    </message>
    <message>
        <source>Post code, Australia</source>
        <translation>Postleitzahl, Australien</translation>
    </message>
    <message>
        <source>Post code, Belgium</source>
        <translation>Postleitzahl, Belgien</translation>
    </message>
    <message>
        <source>Post code, Brazil</source>
        <translation>Postleitzahl, Brasilien</translation>
    </message>
    <message>
        <source>Post code, Canada</source>
        <translation>Postleitzahl, Kanada</translation>
    </message>
    <message>
        <source>Post code, Switzerland</source>
        <translation>Postleitzahl, Schweiz</translation>
    </message>
    <message>
        <source>Post code, Czechia</source>
        <translation>Postleitzahl, Tschechien</translation>
    </message>
    <message>
        <source>Post code, Germany</source>
        <translation>Postleitzahl, Deutschland</translation>
    </message>
    <message>
        <source>Post code, Denmark</source>
        <translation>Postleitzahl, Dänemark</translation>
    </message>
    <message>
        <source>Post code, Spain</source>
        <translation>Postleitzahl, Spanien</translation>
    </message>
    <message>
        <source>Post code, Finland</source>
        <translation>Postleitzahl, Finnland</translation>
    </message>
    <message>
        <source>Post code, France</source>
        <translation>Postleitzahl, Frankreich</translation>
    </message>
    <message>
        <source>Post code, Ireland</source>
        <translation>Postleitzahl, Irland</translation>
    </message>
    <message>
        <source>Post code, Italy</source>
        <translation>Postleitzahl, Italien</translation>
    </message>
    <message>
        <source>Post code, Japan</source>
        <translation>Postleitzahl, Japan</translation>
    </message>
    <message>
        <source>Post code, Netherlands</source>
        <translation>Postleitzahl, Niederlande</translation>
    </message>
    <message>
        <source>Post code, Norway</source>
        <translation>Postleitzahl, Norwegen</translation>
    </message>
    <message>
        <source>Post code, Poland</source>
        <translation>Postleitzahl, Polen</translation>
    </message>
    <message>
        <source>Post code, Portugal</source>
        <translation>Postleitzahl, Portugal</translation>
    </message>
    <message>
        <source>Post code, Sweden</source>
        <translation>Postleitzahl, Schweden</translation>
    </message>
    <message>
        <source>Post code, United States</source>
        <translation>Postleitzahl, Vereinigte Staaten</translation>
    </message>
    <message>
        <source>%1 (group)</source>
        <translation>%1 (Gruppe)</translation>
    </message>
    <message>
        <source>%1 (panes)</source>
        <translation>%1 (Scheiben)</translation>
    </message>
    <message>
        <source>%1 (all pages)</source>
        <translation>%1 (alle Seiten)</translation>
    </message>
    <message>
        <source>%1 (band)</source>
        <translation>%1 (Bereich)</translation>
    </message>
    <message>
        <source>%1 (second pane)</source>
        <translation>%1 (zweite Scheibe)</translation>
    </message>
    <message>
        <source>%1 (first pane)</source>
        <translation>%1 (erste Scheibe)</translation>
    </message>
    <message>
        <source>%1 (page)</source>
        <translation>%1 (Seite)</translation>
    </message>
    <message>
        <source>A page that is gone</source>
        <translation>Eine Seite, die fort ist</translation>
    </message>
    <message>
        <source> and %1 more</source>
        <translation> und %1 weitere</translation>
    </message>
    <message>
        <source>A rule of a newer version: %1</source>
        <translation>Eine Regel einer neueren Version: %1</translation>
    </message>
    <message>
        <source>The record</source>
        <translation>Der Datensatz</translation>
    </message>
    <message>
        <source>1 figure</source>
        <translation>1 Ziffer</translation>
    </message>
    <message>
        <source>%1 figures</source>
        <translation>%1 Ziffern</translation>
    </message>
    <message>
        <source>1 capital</source>
        <translation>1 Großbuchstabe</translation>
    </message>
    <message>
        <source>%1 capitals</source>
        <translation>%1 Großbuchstaben</translation>
    </message>
    <message>
        <source>1 small letter</source>
        <translation>1 Kleinbuchstabe</translation>
    </message>
    <message>
        <source>%1 small letters</source>
        <translation>%1 Kleinbuchstaben</translation>
    </message>
    <message>
        <source>1 letter</source>
        <translation>1 Buchstabe</translation>
    </message>
    <message>
        <source>%1 letters</source>
        <translation>%1 Buchstaben</translation>
    </message>
    <message>
        <source>This is no regular expression: %1, at letter %2.</source>
        <translation>Das ist kein regulärer Ausdruck: %1, bei Zeichen %2.</translation>
    </message>
    <message>
        <source>such as %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>by the pattern %1</source>
        <translation>nach dem Muster %1</translation>
    </message>
    <message>
        <source>at most 1 letter</source>
        <translation>höchstens 1 Zeichen</translation>
    </message>
    <message>
        <source>at most %1 letters</source>
        <translation>höchstens %1 Zeichen</translation>
    </message>
    <message>
        <source>1 decimal</source>
        <translation>1 Nachkommastelle</translation>
    </message>
    <message>
        <source>%1 decimals</source>
        <translation>%1 Nachkommastellen</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>von %1 bis %2</translation>
    </message>
    <message>
        <source>%1 or more</source>
        <translation>%1 oder mehr</translation>
    </message>
    <message>
        <source>%1 or less</source>
        <translation>%1 oder weniger</translation>
    </message>
    <message>
        <source>%1 shows %2</source>
        <translation>%1 zeigt %2</translation>
    </message>
    <message>
        <source>%1 starts with %2</source>
        <translation>%1 beginnt mit %2</translation>
    </message>
    <message>
        <source>%1 takes %2</source>
        <translation>%1 nimmt %2</translation>
    </message>
    <message>
        <source>%1 is required (by the table)</source>
        <translation>%1 ist erforderlich (durch die Tabelle)</translation>
    </message>
    <message>
        <source>%1 (by the table)</source>
        <translation>%1 (durch die Tabelle)</translation>
    </message>
    <message>
        <source>%1 differs from record to record (by the table)</source>
        <translation>%1 ist in jedem Datensatz anders (durch die Tabelle)</translation>
    </message>
    <message>
        <source>No two records have the same %1 (by the table)</source>
        <translation>Keine zwei Datensätze haben dasselbe bei %1 (durch die Tabelle)</translation>
    </message>
    <message>
        <source>by length</source>
        <translation>nach Länge</translation>
    </message>
    <message>
        <source>by letters</source>
        <translation>nach Buchstaben</translation>
    </message>
    <message>
        <source>as stored</source>
        <translation>wie gespeichert</translation>
    </message>
    <message>
        <source>descending</source>
        <translation>absteigend</translation>
    </message>
    <message>
        <source>The rows have no column “%1”. Write for instance: name, laid_on descending.</source>
        <translation>Die Zeilen haben keine Spalte „%1“. Zum Beispiel schreiben: name, laid_on descending.</translation>
    </message>
    <message>
        <source>“%1” stands there twice.</source>
        <translation>„%1“ steht zweimal da.</translation>
    </message>
    <message>
        <source>Page header</source>
        <translation>Seitenkopf</translation>
    </message>
    <message>
        <source>Header</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>Footer</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Page footer</source>
        <translation>Seitenfuß</translation>
    </message>
    <message>
        <source>A quote that begins in line %1 never ends.</source>
        <translation>Ein Anführungszeichen, das in Zeile %1 beginnt, endet nie.</translation>
    </message>
    <message>
        <source>Line %1 is no JSON object.</source>
        <translation>Zeile %1 ist kein JSON-Objekt.</translation>
    </message>
    <message>
        <source>The file has no rows behind its heads.</source>
        <translation>Die Datei hat hinter ihren Köpfen keine Zeilen.</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>A date is needed here, such as %1</source>
        <translation>Hier wird ein Datum gebraucht, etwa %1</translation>
    </message>
    <message>
        <source>A time is needed here, such as 06:15</source>
        <translation>Hier wird eine Uhrzeit gebraucht, etwa 06:15</translation>
    </message>
    <message>
        <source>A date and a time are needed here, such as %1</source>
        <translation>Hier werden Datum und Uhrzeit gebraucht, etwa %1</translation>
    </message>
    <message>
        <source>This number is too large to be stored; at most 18 digits go here</source>
        <translation>Diese Zahl ist zu groß, um gespeichert zu werden; hier gehen höchstens 18 Stellen</translation>
    </message>
    <message>
        <source>A whole number is needed here, such as 12</source>
        <translation>Hier wird eine ganze Zahl gebraucht, etwa 12</translation>
    </message>
    <message>
        <source>A number is needed here, such as %1</source>
        <translation>Hier wird eine Zahl gebraucht, etwa %1</translation>
    </message>
    <message>
        <source>This version does not know databases of the kind “%1”. Take a newer version.</source>
        <translation>Diese Version kennt keine Datenbanken der Art „%1“. Eine neuere Version nehmen.</translation>
    </message>
    <message>
        <source>Qt&apos;s driver %1 is not installed. Install it and open the database again.</source>
        <translation>Qts Treiber %1 ist nicht installiert. Ihn installieren und die Datenbank noch einmal öffnen.</translation>
    </message>
    <message>
        <source>This takes too long, so it was stopped after %1 seconds. Narrow the SELECT or the view down, with a WHERE or fewer tables.</source>
        <translation>Das dauert zu lange, daher wurde es nach %1 Sekunden angehalten. Den SELECT oder die Sicht enger fassen, mit einem WHERE oder weniger Tabellen.</translation>
    </message>
    <message>
        <source>%1 is needed</source>
        <translation>%1 wird gebraucht</translation>
    </message>
    <message>
        <source>Another record has the same %1</source>
        <translation>Ein anderer Datensatz hat dasselbe bei %1</translation>
    </message>
    <message>
        <source>Another record has this value already; %1 must differ</source>
        <translation>Ein anderer Datensatz hat diesen Wert schon; %1 muss anders sein</translation>
    </message>
    <message>
        <source>A rule of the table is not kept: %1</source>
        <translation>Eine Regel der Tabelle ist nicht eingehalten: %1</translation>
    </message>
    <message>
        <source>There is no place for a copy to try on: %1. Nothing was changed.</source>
        <translation>Es gibt keinen Platz für eine Kopie zum Erproben: %1. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Comma-separated values</source>
        <translation>Durch Kommas getrennte Werte</translation>
    </message>
    <message>
        <source>A page for the web browser</source>
        <translation>Eine Seite für den Webbrowser</translation>
    </message>
    <message>
        <source>JSON, an object a line</source>
        <translation>JSON, ein Objekt je Zeile</translation>
    </message>
    <message>
        <source>Tab-separated values</source>
        <translation>Durch Tabulatoren getrennte Werte</translation>
    </message>
    <message>
        <source>A workbook holds no more than %L1 rows. Narrow them down, or write them as .csv.</source>
        <translation>Eine Arbeitsmappe fasst höchstens %L1 Zeilen. Einschränken oder als .csv schreiben.</translation>
    </message>
    <message>
        <source>A workbook</source>
        <translation>Eine Arbeitsmappe</translation>
    </message>
    <message>
        <source>“%1” is no address to send from. It is set where the project&apos;s mail is set up.</source>
        <translation>„%1“ ist keine Adresse, von der gesendet werden kann. Sie wird dort gesetzt, wo die Mail des Projekts eingerichtet ist.</translation>
    </message>
    <message>
        <source>Nobody is named to whom it goes.</source>
        <translation>Niemand ist genannt, an den es geht.</translation>
    </message>
    <message>
        <source>“%1” is no address.</source>
        <translation>„%1“ ist keine Adresse.</translation>
    </message>
    <message>
        <source>It may have been sent before.</source>
        <translation>Es kann schon gesendet worden sein.</translation>
    </message>
    <message>
        <source>Another program sends it just now.</source>
        <translation>Ein anderes Programm sendet es gerade.</translation>
    </message>
    <message>
        <source>There is no server called %1.</source>
        <translation>Einen Server namens %1 gibt es nicht.</translation>
    </message>
    <message>
        <source>The mail server %1 does not answer.</source>
        <translation>Der Mailserver %1 antwortet nicht.</translation>
    </message>
    <message>
        <source>The mail server %1 does not take the user&apos;s name or password.</source>
        <translation>Der Mailserver %1 nimmt Benutzernamen oder Passwort nicht an.</translation>
    </message>
    <message>
        <source>The mail server %1 cannot be talked to in secret.</source>
        <translation>Mit dem Mailserver %1 lässt sich nicht geheim sprechen.</translation>
    </message>
    <message>
        <source>Given up.</source>
        <translation>Abgebrochen.</translation>
    </message>
    <message>
        <source>The mail server refuses it (%1): %2</source>
        <translation>Der Mailserver lehnt es ab (%1): %2</translation>
    </message>
    <message>
        <source>It could not be sent: %1</source>
        <translation>Es konnte nicht gesendet werden: %1</translation>
    </message>
    <message>
        <source>The project names no mail server.</source>
        <translation>Das Projekt nennt keinen Mailserver.</translation>
    </message>
    <message>
        <source>You have no right to change this column.</source>
        <translation>Sie haben kein Recht, diese Spalte zu ändern.</translation>
    </message>
    <message>
        <source>there is no connection</source>
        <translation>es gibt keine Verbindung</translation>
    </message>
    <message>
        <source>another question is still being answered</source>
        <translation>eine andere Frage wird noch beantwortet</translation>
    </message>
    <message>
        <source>the connection was lost in the middle of a transaction</source>
        <translation>die Verbindung ging mitten in einem Vorgang verloren</translation>
    </message>
    <message>
        <source>this computer</source>
        <translation>dieser Computer</translation>
    </message>
    <message>
        <source>Another record has the same values already: %1</source>
        <translation>Ein anderer Datensatz hat schon dieselben Werte: %1</translation>
    </message>
    <message>
        <source>The text is longer than %1 takes</source>
        <translation>Der Text ist länger, als %1 fasst</translation>
    </message>
    <message>
        <source>A text is longer than its column takes: %1</source>
        <translation>Ein Text ist länger, als seine Spalte fasst: %1</translation>
    </message>
    <message>
        <source>The number is larger or smaller than %1 takes</source>
        <translation>Die Zahl ist größer oder kleiner, als %1 fasst</translation>
    </message>
    <message>
        <source>A number is larger or smaller than its column takes: %1</source>
        <translation>Eine Zahl ist größer oder kleiner, als ihre Spalte fasst: %1</translation>
    </message>
    <message>
        <source>%1 does not take this kind of value</source>
        <translation>%1 nimmt diese Art von Wert nicht</translation>
    </message>
    <message>
        <source>A column does not take this kind of value: %1</source>
        <translation>Eine Spalte nimmt diese Art von Wert nicht: %1</translation>
    </message>
    <message>
        <source>You have no right to change this: %1. Ask whoever keeps the database.</source>
        <translation>Sie haben kein Recht, das zu ändern: %1. Bei dem nachfragen, der die Datenbank führt.</translation>
    </message>
    <message>
        <source>This server only lets you look; it follows another one that is written to. What you typed is kept.</source>
        <translation>Auf diesem Server darf man nur ansehen; er folgt einem anderen, in den geschrieben wird. Das Getippte ist aufbewahrt.</translation>
    </message>
    <message>
        <source>Somebody else is changing the same rows just now. What you typed is kept; save again in a moment.</source>
        <translation>Jemand anders ändert gerade dieselben Zeilen. Das Getippte ist aufbewahrt; gleich noch einmal speichern.</translation>
    </message>
    <message>
        <source>The database server has no room left, so nothing was saved: %1. What you typed is kept.</source>
        <translation>Der Datenbankserver hat keinen Platz mehr, daher wurde nichts gespeichert: %1. Das Getippte ist aufbewahrt.</translation>
    </message>
    <message>
        <source>The connection to the database was lost. What you typed is kept; save again when the server answers.</source>
        <translation>Die Verbindung zur Datenbank ging verloren. Das Getippte ist aufbewahrt; wieder speichern, wenn der Server antwortet.</translation>
    </message>
    <message>
        <source>The database refuses this: %1</source>
        <translation>Die Datenbank lehnt das ab: %1</translation>
    </message>
    <message>
        <source>The database server on %1 does not answer any more. What you typed is kept; it is tried again by itself.</source>
        <translation>Der Datenbankserver auf %1 antwortet nicht mehr. Das Getippte ist aufbewahrt; es wird von selbst wieder versucht.</translation>
    </message>
    <message>
        <source>You have no right to read this in the database %1: %2. Ask whoever keeps it.</source>
        <translation>Sie haben kein Recht, das in der Datenbank %1 zu lesen: %2. Bei dem nachfragen, der sie führt.</translation>
    </message>
    <message>
        <source>The database %1 was asked to stop what it was doing.</source>
        <translation>Die Datenbank %1 wurde gebeten, anzuhalten, was sie tat.</translation>
    </message>
    <message>
        <source>Somebody else is changing the same rows of the database %1. Nothing was lost; try again in a moment.</source>
        <translation>Jemand anders ändert dieselben Zeilen der Datenbank %1. Nichts ging verloren; gleich noch einmal versuchen.</translation>
    </message>
    <message>
        <source>The database %1 did not do what was asked: %2.</source>
        <translation>Die Datenbank %1 tat nicht, was verlangt wurde: %2.</translation>
    </message>
    <message>
        <source>The database %1 asks for a password, or the one given is wrong.</source>
        <translation>Die Datenbank %1 verlangt ein Passwort, oder das angegebene ist falsch.</translation>
    </message>
    <message>
        <source>You have no right to see the database %1.</source>
        <translation>Sie haben kein Recht, die Datenbank %1 zu sehen.</translation>
    </message>
    <message>
        <source>The server on %1 has no database %2.</source>
        <translation>Der Server auf %1 hat keine Datenbank %2.</translation>
    </message>
    <message>
        <source>There is no computer called %1. Check the name.</source>
        <translation>Einen Computer namens %1 gibt es nicht. Den Namen prüfen.</translation>
    </message>
    <message>
        <source>The connection to %1 could not be made as safe as asked: %2.</source>
        <translation>Die Verbindung zu %1 ließ sich nicht so sicher machen wie verlangt: %2.</translation>
    </message>
    <message>
        <source>No database server answers on %1. Check the name of the computer and the port, and whether the server runs.</source>
        <translation>Auf %1 antwortet kein Datenbankserver. Den Namen des Computers und den Port prüfen und ob der Server läuft.</translation>
    </message>
    <message>
        <source>The database server on %1 does not let you in to %2: %3.</source>
        <translation>Der Datenbankserver auf %1 lässt Sie nicht zu %2 hinein: %3.</translation>
    </message>
    <message>
        <source>Write a SELECT, such as SELECT * FROM a table.</source>
        <translation>Einen SELECT schreiben, etwa SELECT * FROM eine Tabelle.</translation>
    </message>
    <message>
        <source>The database server does not answer any more.</source>
        <translation>Der Datenbankserver antwortet nicht mehr.</translation>
    </message>
    <message>
        <source>The SELECT is not understood: %1</source>
        <translation>Der SELECT wird nicht verstanden: %1</translation>
    </message>
    <message>
        <source>The SELECT asks for values (?) that nobody gives; write them out.</source>
        <translation>Der SELECT fragt nach Werten (?), die niemand angibt; sie ausschreiben.</translation>
    </message>
    <message>
        <source>Rows cannot be read from this: %1</source>
        <translation>Daraus lassen sich keine Zeilen lesen: %1</translation>
    </message>
    <message>
        <source>Only a SELECT goes here; this one would change the database or gives no rows.</source>
        <translation>Hier geht nur ein SELECT; dieser änderte die Datenbank oder ergibt keine Zeilen.</translation>
    </message>
    <message>
        <source>the server does not answer</source>
        <translation>der Server antwortet nicht</translation>
    </message>
    <message>
        <source>a text must not hold the sign with the number 0</source>
        <translation>ein Text darf das Zeichen mit der Nummer 0 nicht enthalten</translation>
    </message>
    <message>
        <source>Another record is in the way of %1</source>
        <translation>Ein anderer Datensatz steht %1 im Weg</translation>
    </message>
    <message>
        <source>The server of the database %1 has no room left: %2.</source>
        <translation>Der Server der Datenbank %1 hat keinen Platz mehr: %2.</translation>
    </message>
    <message>
        <source>The database server on %1 takes nobody in just now; it is starting or stopping. Try again in a moment.</source>
        <translation>Der Datenbankserver auf %1 lässt gerade niemanden ein; er startet oder hält an. Gleich noch einmal versuchen.</translation>
    </message>
    <message>
        <source>The address of the database cannot be used: %1.</source>
        <translation>Die Adresse der Datenbank ist nicht zu gebrauchen: %1.</translation>
    </message>
    <message>
        <source>The SELECT asks for values ($1) that nobody gives; write them out.</source>
        <translation>Der SELECT fragt nach Werten ($1), die niemand angibt; sie ausschreiben.</translation>
    </message>
    <message>
        <source>There is no room for the question: no folder for temporary files can be written to.</source>
        <translation>Für die Frage ist kein Platz: In keinen Ordner für vorläufige Dateien kann geschrieben werden.</translation>
    </message>
    <message>
        <source>Only the first %L1 rows are shown: reading all of them takes too long.</source>
        <translation>Nur die ersten %L1 Zeilen werden gezeigt: Alle zu lesen dauert zu lange.</translation>
    </message>
    <message>
        <source>These rows cannot be shown one by one: every name by which they could be numbered is that of one of their columns.</source>
        <translation>Diese Zeilen können nicht einzeln gezeigt werden: Jeder Name, unter dem sie nummeriert werden könnten, gehört schon einer ihrer Spalten.</translation>
    </message>
    <message>
        <source>The table “%1” is gone, so its rows cannot be brought back</source>
        <translation>Die Tabelle „%1“ ist fort, daher können ihre Zeilen nicht wiederhergestellt werden</translation>
    </message>
    <message>
        <source>What the rows point to is gone, so they cannot be brought back</source>
        <translation>Worauf die Zeilen zeigen, ist fort, daher können sie nicht wiederhergestellt werden</translation>
    </message>
    <message>
        <source>Other records still point to this one, so it stays</source>
        <translation>Andere Datensätze zeigen noch auf diesen, also bleibt er</translation>
    </message>
    <message>
        <source>%L1 in “%2”</source>
        <comment>so many rows in a table</comment>
        <translation>%L1 in „%2“</translation>
    </message>
    <message>
        <source>This record stays, because others point to it or to what belongs to it: %1. Delete or change those first.</source>
        <translation>Dieser Datensatz bleibt, weil andere auf ihn oder das ihm Zugehörige zeigen: %1. Erst diese löschen oder ändern.</translation>
    </message>
    <message>
        <source>The form “%1” has no rows yet, so it shows no records.</source>
        <translation>Das Formular „%1“ hat noch keine Zeilen und zeigt daher keine Datensätze.</translation>
    </message>
    <message>
        <source>The database has no table “%1” any more, so the form “%2” has no records. The form is kept as it is; bring the table back or give the form other rows.</source>
        <translation>Die Datenbank hat keine Tabelle „%1“ mehr, daher hat das Formular „%2“ keine Datensätze. Das Formular bleibt, wie es ist; die Tabelle zurückbringen oder dem Formular andere Zeilen geben.</translation>
    </message>
    <message>
        <source>The rows of “%1” belong to no row</source>
        <translation>Die Zeilen von „%1“ gehören zu keiner Zeile</translation>
    </message>
    <message>
        <source>More than %L1 rows belong to this record, which are too many to be summed up here</source>
        <translation>Mehr als %L1 Zeilen gehören zu diesem Datensatz, zu viele, um sie hier zusammenzufassen</translation>
    </message>
    <message>
        <source>There is no such %1; choose one from the list</source>
        <translation>Ein solches %1 gibt es nicht; eines aus der Liste wählen</translation>
    </message>
    <message>
        <source>A value points to a record that does not exist</source>
        <translation>Ein Wert zeigt auf einen Datensatz, den es nicht gibt</translation>
    </message>
    <message>
        <source>These rows can only be looked at: they come from a view</source>
        <translation>Diese Zeilen können nur angesehen werden: sie kommen aus einer Sicht</translation>
    </message>
    <message>
        <source>The server went away while this was being saved, so it is not known whether it was. What you typed is kept; look for the record before you save again.</source>
        <translation>Der Server ging weg, während dies gespeichert wurde, daher ist nicht bekannt, ob es gespeichert ist. Das Getippte ist aufbewahrt; vor dem nächsten Speichern nach dem Datensatz sehen.</translation>
    </message>
    <message>
        <source>The database can only be read, so its tables cannot be changed.</source>
        <translation>Die Datenbank lässt sich nur lesen, daher können ihre Tabellen nicht geändert werden.</translation>
    </message>
    <message>
        <source>“%1” is no table but a view or a SELECT; columns are added to tables.</source>
        <translation>„%1“ ist keine Tabelle, sondern eine Sicht oder ein SELECT; Spalten fügt man Tabellen hinzu.</translation>
    </message>
    <message>
        <source>The default must be yes or no.</source>
        <translation>Die Vorgabe muss ja oder nein sein.</translation>
    </message>
    <message>
        <source>The default does not fit: %1</source>
        <translation>Die Vorgabe passt nicht: %1</translation>
    </message>
    <message>
        <source>Give the column a name.</source>
        <translation>Der Spalte einen Namen geben.</translation>
    </message>
    <message>
        <source>“%1” has a column “%2” already.</source>
        <translation>„%1“ hat schon eine Spalte „%2“.</translation>
    </message>
    <message>
        <source>A required column needs a default, for the rows that are there already.</source>
        <translation>Eine erforderliche Spalte braucht eine Vorgabe, für die Zeilen, die schon da sind.</translation>
    </message>
    <message>
        <source>No values are stored in “%1” yet.</source>
        <translation>In „%1“ sind noch keine Werte gespeichert.</translation>
    </message>
    <message>
        <source>“%1” holds %2 different values; that is no short list.</source>
        <translation>„%1“ enthält %2 verschiedene Werte; das ist keine kurze Liste.</translation>
    </message>
    <message>
        <source>Only the values of a text column make a table of choices.</source>
        <translation>Nur die Werte einer Textspalte ergeben eine Auswahltabelle.</translation>
    </message>
    <message>
        <source>“%1” is chosen from another table already.</source>
        <translation>„%1“ wird schon aus einer anderen Tabelle gewählt.</translation>
    </message>
    <message>
        <source>Give the table a name.</source>
        <translation>Der Tabelle einen Namen geben.</translation>
    </message>
    <message>
        <source>There is a table “%1” already.</source>
        <translation>Eine Tabelle „%1“ gibt es schon.</translation>
    </message>
    <message>
        <source>Nothing was changed. %1</source>
        <translation>Nichts wurde geändert. %1</translation>
    </message>
    <message>
        <source>The database %1 is being written by another program. Nothing was lost; try again in a moment.</source>
        <translation>In die Datenbank %1 schreibt gerade ein anderes Programm. Nichts ging verloren; gleich noch einmal versuchen.</translation>
    </message>
    <message>
        <source>The database %1 can only be read. Ask for the right to write to the file and its folder.</source>
        <translation>Die Datenbank %1 lässt sich nur lesen. Um das Recht bitten, in die Datei und ihren Ordner zu schreiben.</translation>
    </message>
    <message>
        <source>The database %1 is damaged. Work on with a backup copy, or let someone repair it.</source>
        <translation>Die Datenbank %1 ist beschädigt. Mit einer Sicherung weiterarbeiten oder sie instand setzen lassen.</translation>
    </message>
    <message>
        <source>%1 is not an SQLite database. Choose another file.</source>
        <translation>%1 ist keine SQLite-Datenbank. Eine andere Datei wählen.</translation>
    </message>
    <message>
        <source>The disk with the database %1 is full. What you typed is kept; make room and save again.</source>
        <translation>Die Platte mit der Datenbank %1 ist voll. Das Getippte ist aufbewahrt; Platz schaffen und noch einmal speichern.</translation>
    </message>
    <message>
        <source>The database %1 cannot be opened. Check that the file is there and that you may read it.</source>
        <translation>Die Datenbank %1 lässt sich nicht öffnen. Prüfen, ob die Datei da ist und gelesen werden darf.</translation>
    </message>
    <message>
        <source>The disk with the database %1 does not answer as it should. Check the disk.</source>
        <translation>Die Platte mit der Datenbank %1 antwortet nicht, wie sie soll. Die Platte prüfen.</translation>
    </message>
    <message>
        <source>There is no database file %1. It may have been moved or renamed; choose it anew.</source>
        <translation>Eine Datenbankdatei %1 gibt es nicht. Sie kann verschoben oder umbenannt worden sein; neu wählen.</translation>
    </message>
    <message>
        <source>%1 is a folder. Choose a database file.</source>
        <translation>%1 ist ein Ordner. Eine Datenbankdatei wählen.</translation>
    </message>
    <message>
        <source>The database %1 cannot be read. Ask for the right to read the file.</source>
        <translation>Die Datenbank %1 kann nicht gelesen werden. Um das Recht bitten, die Datei zu lesen.</translation>
    </message>
    <message>
        <source>Another program is writing to the database just now. What you typed is kept; save again in a moment.</source>
        <translation>Ein anderes Programm schreibt gerade in die Datenbank. Das Getippte ist aufbewahrt; gleich noch einmal speichern.</translation>
    </message>
    <message>
        <source>The database can only be read. Ask for the right to write to its file and folder. What you typed is kept.</source>
        <translation>Die Datenbank lässt sich nur lesen. Um das Recht bitten, in ihre Datei und ihren Ordner zu schreiben. Das Getippte ist aufbewahrt.</translation>
    </message>
    <message>
        <source>The disk is full, so nothing was saved. What you typed is kept; make room and save again.</source>
        <translation>Die Platte ist voll, daher wurde nichts gespeichert. Das Getippte ist aufbewahrt; Platz schaffen und noch einmal speichern.</translation>
    </message>
    <message>
        <source>The database does not say what the SELECT gives.</source>
        <translation>Die Datenbank sagt nicht, was der SELECT ergibt.</translation>
    </message>
    <message>
        <source>One SELECT alone goes here; there is more behind it.</source>
        <translation>Hier geht nur ein einziger SELECT; dahinter steht mehr.</translation>
    </message>
    <message>
        <source>The SELECT asks for values (%1) that nobody gives; write them out.</source>
        <translation>Der SELECT fragt nach Werten (%1), die niemand angibt; sie ausschreiben.</translation>
    </message>
    <message>
        <source>%1 is there already.</source>
        <translation>%1 ist schon da.</translation>
    </message>
    <message>
        <source>%1 could not be made. Look whether there is room and whether you may write there.</source>
        <translation>%1 konnte nicht angelegt werden. Nachsehen, ob Platz ist und ob dort geschrieben werden darf.</translation>
    </message>
    <message>
        <source>Delete a rail</source>
        <translation>Eine Schiene löschen</translation>
    </message>
    <message>
        <source>Delete a control</source>
        <translation>Ein Element löschen</translation>
    </message>
    <message>
        <source>Delete %1 controls</source>
        <translation>%1 Elemente löschen</translation>
    </message>
    <message>
        <source>That left an empty row. “Remove empty rows” (Ctrl+Alt+X) closes it up.</source>
        <translation>Das hinterließ eine leere Reihe. „Leere Reihen entfernen“ (Strg+Alt+X) schließt sie.</translation>
    </message>
    <message>
        <source>Move a rail</source>
        <translation>Eine Schiene verschieben</translation>
    </message>
    <message>
        <source>Change a band&apos;s height</source>
        <translation>Die Höhe eines Bereichs ändern</translation>
    </message>
    <message>
        <source>Resize a control</source>
        <translation>Die Größe eines Elements ändern</translation>
    </message>
    <message>
        <source>Resize %1 controls</source>
        <translation>Die Größe von %1 Elementen ändern</translation>
    </message>
    <message>
        <source>Move a control</source>
        <translation>Ein Element verschieben</translation>
    </message>
    <message>
        <source>Move %1 controls</source>
        <translation>%1 Elemente verschieben</translation>
    </message>
    <message>
        <source>Change what it does in windows of other sizes</source>
        <translation>Ändern, was es in Fenstern anderer Größe tut</translation>
    </message>
    <message>
        <source>Shift a caption</source>
        <translation>Eine Beschriftung verschieben</translation>
    </message>
    <message>
        <source>Copy a control</source>
        <translation>Ein Element kopieren</translation>
    </message>
    <message>
        <source>Copy %1 controls</source>
        <translation>%1 Elemente kopieren</translation>
    </message>
    <message>
        <source>Move a divider</source>
        <translation>Eine Trennlinie verschieben</translation>
    </message>
    <message>
        <source>Change the form&apos;s width</source>
        <translation>Die Breite des Formulars ändern</translation>
    </message>
    <message>
        <source>Make a rail</source>
        <translation>Eine Schiene machen</translation>
    </message>
    <message>
        <source>Set gaps to %1</source>
        <translation>Abstände auf %1 setzen</translation>
    </message>
    <message>
        <source>Change the tab order</source>
        <translation>Die Tab-Folge ändern</translation>
    </message>
    <message>
        <source>Move the tracing sheet</source>
        <translation>Die Vorlage verschieben</translation>
    </message>
    <message>
        <source>Cut a control</source>
        <translation>Ein Element ausschneiden</translation>
    </message>
    <message>
        <source>Cut %1 controls</source>
        <translation>%1 Elemente ausschneiden</translation>
    </message>
    <message>
        <source>Paste rules</source>
        <translation>Regeln einfügen</translation>
    </message>
    <message>
        <source>Select the boxes that the rules on the clipboard should stand on.</source>
        <translation>Die Felder wählen, auf denen die Regeln der Zwischenablage stehen sollen.</translation>
    </message>
    <message>
        <source>The rules on the clipboard cannot stand on what is selected.</source>
        <translation>Die Regeln der Zwischenablage können nicht auf dem Gewählten stehen.</translation>
    </message>
    <message>
        <source>1 rule was added to what is selected.</source>
        <translation>1 Regel kam zum Gewählten hinzu.</translation>
    </message>
    <message>
        <source>%1 rules were added to what is selected.</source>
        <translation>%1 Regeln kamen zum Gewählten hinzu.</translation>
    </message>
    <message>
        <source>There is nothing on the clipboard.</source>
        <translation>In der Zwischenablage ist nichts.</translation>
    </message>
    <message>
        <source>Paste a control</source>
        <translation>Ein Element einfügen</translation>
    </message>
    <message>
        <source>Paste %1 controls</source>
        <translation>%1 Elemente einfügen</translation>
    </message>
    <message>
        <source>The rows of this form have no column for some of what was pasted: %1. Bind or link it to others in the inspector.</source>
        <translation>Die Zeilen dieses Formulars haben keine Spalte für einiges Eingefügte: %1. Es in den Eigenschaften an andere binden oder damit verknüpfen.</translation>
    </message>
    <message>
        <source>Duplicate a control</source>
        <translation>Ein Element verdoppeln</translation>
    </message>
    <message>
        <source>Duplicate %1 controls</source>
        <translation>%1 Elemente verdoppeln</translation>
    </message>
    <message>
        <source>Choose the buttons of a row</source>
        <translation>Die Schaltflächen einer Reihe wählen</translation>
    </message>
    <message>
        <source>What was dropped is on the form already, or is not of its rows.</source>
        <translation>Das Fallengelassene ist schon auf dem Formular oder nicht aus seinen Zeilen.</translation>
    </message>
    <message>
        <source>Add a field</source>
        <translation>Ein Feld hinzufügen</translation>
    </message>
    <message>
        <source>Add %1 fields</source>
        <translation>%1 Felder hinzufügen</translation>
    </message>
    <message>
        <source>There was no room: the form is wider now.</source>
        <translation>Es war kein Platz: das Formular ist jetzt breiter.</translation>
    </message>
    <message>
        <source>Place a picture</source>
        <translation>Ein Bild setzen</translation>
    </message>
    <message>
        <source>Choose where the rows come from first; then tables can be dropped whose rows belong to them.</source>
        <translation>Erst wählen, woher die Zeilen kommen; dann können Tabellen abgelegt werden, deren Zeilen zu ihnen gehören.</translation>
    </message>
    <message>
        <source>No link leads from %1 to the rows of this form.</source>
        <translation>Keine Verknüpfung führt von %1 zu den Zeilen dieses Formulars.</translation>
    </message>
    <message>
        <source>Add the rows of %1</source>
        <translation>Die Zeilen von %1 hinzufügen</translation>
    </message>
    <message>
        <source>Rename a page</source>
        <translation>Eine Seite umbenennen</translation>
    </message>
    <message>
        <source>Type words</source>
        <translation>Wörter tippen</translation>
    </message>
    <message>
        <source>Change a caption</source>
        <translation>Eine Beschriftung ändern</translation>
    </message>
    <message>
        <source>Words for %1: a semicolon goes on to the next. Choices stand behind a colon: Size: small, large.</source>
        <translation>Wörter für %1: ein Semikolon geht zum nächsten. Auswahlen stehen hinter einem Doppelpunkt: Größe: klein, groß.</translation>
    </message>
    <message>
        <source>Click a control to give it this look.</source>
        <translation>Ein Element anklicken, um ihm dieses Aussehen zu geben.</translation>
    </message>
    <message>
        <source>Click controls to give them this look. Escape ends.</source>
        <translation>Elemente anklicken, um ihnen dieses Aussehen zu geben. Esc beendet.</translation>
    </message>
    <message>
        <source>Copy a look</source>
        <translation>Ein Aussehen kopieren</translation>
    </message>
    <message>
        <source>Draw where the %1 goes, or click for its usual size. A number places so many; with Shift another follows; Escape ends.</source>
        <translation>Zeichnen, wohin es kommt (%1), oder klicken für die übliche Größe. Eine Zahl setzt so viele; mit Umschalt folgt ein weiteres; Esc beendet.</translation>
    </message>
    <message>
        <source>One %1.</source>
        <translation>Eines: %1.</translation>
    </message>
    <message>
        <source>%1 at once: a click puts them under one another, a drag fills what is drawn.</source>
        <translation>%1 auf einmal: ein Klick setzt sie untereinander, ein Ziehen füllt das Gezeichnete.</translation>
    </message>
    <message>
        <source>Place a %1</source>
        <translation>Setzen: %1</translation>
    </message>
    <message>
        <source>Click the fields in the order in which Tab is to visit them, or drag a number to another place. Escape ends.</source>
        <translation>Die Felder in der Reihenfolge anklicken, in der Tab sie besuchen soll, oder eine Nummer an eine andere Stelle ziehen. Esc beendet.</translation>
    </message>
    <message>
        <source>Select a field that Tab visits first.</source>
        <translation>Ein Feld wählen, das Tab zuerst besucht.</translation>
    </message>
    <message>
        <source>It is the outermost of the tab order.</source>
        <translation>Es ist das äußerste der Tab-Folge.</translation>
    </message>
    <message>
        <source>Drag the sheet, turn the wheel or press + and - to scale it, arrows shift it. Escape ends.</source>
        <translation>Die Vorlage ziehen, mit dem Rad oder + und - vergrößern und verkleinern, mit Pfeilen verschieben. Esc beendet.</translation>
    </message>
    <message>
        <source>Scale the tracing sheet</source>
        <translation>Die Vorlage vergrößern oder verkleinern</translation>
    </message>
    <message>
        <source>There is no tracing sheet yet; View, Tracing sheet lays one under the form.</source>
        <translation>Es gibt noch keine Vorlage; Ansicht, Vorlage zum Nachzeichnen legt eine unter das Formular.</translation>
    </message>
    <message>
        <source>scrolls from here at work</source>
        <translation>rollt bei der Arbeit von hier an</translation>
    </message>
    <message>
        <source>A</source>
        <comment>sign of an automatic rail</comment>
        <translation>A</translation>
    </message>
    <message>
        <source>%1 · lead</source>
        <translation>%1 · leitet</translation>
    </message>
    <message>
        <source>Rail “%1”: stands clear of the longest caption. Drag to move all edges on it.</source>
        <translation>Schiene „%1“: weicht der längsten Beschriftung aus. Ziehen verschiebt alle Kanten daran.</translation>
    </message>
    <message>
        <source>Rail “%1”. Drag to move all edges on it.</source>
        <translation>Schiene „%1“. Ziehen verschiebt alle Kanten daran.</translation>
    </message>
    <message>
        <source>Drag down from here to make a rail.</source>
        <translation>Von hier nach unten ziehen, um eine Schiene zu machen.</translation>
    </message>
    <message>
        <source>The form&apos;s right edge. Drag to change the width.</source>
        <translation>Die rechte Kante des Formulars. Ziehen ändert die Breite.</translation>
    </message>
    <message>
        <source>Drag to change the band&apos;s height; with Ctrl, what is there is pushed along.</source>
        <translation>Ziehen ändert die Höhe des Bereichs; mit Strg wird mitgeschoben, was dort ist.</translation>
    </message>
    <message>
        <source>Click to give all gaps this size.</source>
        <translation>Klicken gibt allen Abständen diese Größe.</translation>
    </message>
    <message>
        <source>Drag to shift the caption alone.</source>
        <translation>Ziehen verschiebt nur die Beschriftung.</translation>
    </message>
    <message>
        <source>Click to select the band.</source>
        <translation>Klicken wählt den Bereich.</translation>
    </message>
    <message>
        <source>Drag right from here to make a level rail.</source>
        <translation>Von hier nach rechts ziehen, um eine waagerechte Schiene zu machen.</translation>
    </message>
    <message>
        <source>Drag to give one pane more room.</source>
        <translation>Ziehen gibt einer Scheibe mehr Platz.</translation>
    </message>
    <message>
        <source>Click to add a header.</source>
        <translation>Klicken fügt einen Kopf hinzu.</translation>
    </message>
    <message>
        <source>Click to add a footer.</source>
        <translation>Klicken fügt einen Fuß hinzu.</translation>
    </message>
    <message>
        <source>When the window gets wider: as its rails do. Click to have it stay.</source>
        <translation>Wird das Fenster breiter: wie seine Schienen. Klicken lässt es bleiben.</translation>
    </message>
    <message>
        <source>When the window gets higher: as its rails do. Click to have it stay.</source>
        <translation>Wird das Fenster höher: wie seine Schienen. Klicken lässt es bleiben.</translation>
    </message>
    <message>
        <source>When the window gets wider, it stays. Click to have it move.</source>
        <translation>Wird das Fenster breiter, bleibt es. Klicken lässt es mitgehen.</translation>
    </message>
    <message>
        <source>When the window gets higher, it stays. Click to have it move.</source>
        <translation>Wird das Fenster höher, bleibt es. Klicken lässt es mitgehen.</translation>
    </message>
    <message>
        <source>It moves with the right edge. Click to have it stretch.</source>
        <translation>Es geht mit der rechten Kante. Klicken lässt es sich dehnen.</translation>
    </message>
    <message>
        <source>It moves with the bottom. Click to have it stretch.</source>
        <translation>Es geht mit dem unteren Rand. Klicken lässt es sich dehnen.</translation>
    </message>
    <message>
        <source>It gets wider with the window. Click to have it keep its share.</source>
        <translation>Es wird mit dem Fenster breiter. Klicken lässt es seinen Anteil behalten.</translation>
    </message>
    <message>
        <source>It gets higher with the window. Click to have it keep its share.</source>
        <translation>Es wird mit dem Fenster höher. Klicken lässt es seinen Anteil behalten.</translation>
    </message>
    <message>
        <source>It keeps its share of the width. Click to have it stay.</source>
        <translation>Es behält seinen Anteil der Breite. Klicken lässt es bleiben.</translation>
    </message>
    <message>
        <source>It keeps its share of the height. Click to have it stay.</source>
        <translation>Es behält seinen Anteil der Höhe. Klicken lässt es bleiben.</translation>
    </message>
    <message>
        <source>left be</source>
        <translation>auf sich beruhend</translation>
    </message>
    <message>
        <source>%1 Left be: %2</source>
        <translation>%1 Auf sich beruhend: %2</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Columnar</source>
        <translation>Spaltenform</translation>
    </message>
    <message>
        <source>captions beside</source>
        <translation>Wörter daneben</translation>
    </message>
    <message>
        <source>Stacked</source>
        <translation>Stapelform</translation>
    </message>
    <message>
        <source>captions above</source>
        <translation>Wörter darüber</translation>
    </message>
    <message>
        <source>Tabular</source>
        <translation>Tabellenform</translation>
    </message>
    <message>
        <source>many records</source>
        <translation>viele Datensätze</translation>
    </message>
    <message>
        <source>tabular</source>
        <translation>Tabellenform</translation>
    </message>
    <message>
        <source>columnar</source>
        <translation>Spaltenform</translation>
    </message>
    <message>
        <source>stacked</source>
        <translation>Stapelform</translation>
    </message>
    <message>
        <source>own form, by a button</source>
        <translation>eigenes Formular, per Schaltfläche</translation>
    </message>
    <message>
        <source>%1, %2, %3, left %4, top %5</source>
        <translation>%1, %2, %3, links %4, oben %5</translation>
    </message>
    <message>
        <source>Rails</source>
        <translation>Schienen</translation>
    </message>
    <message>
        <source>Rename a control</source>
        <translation>Ein Element umbenennen</translation>
    </message>
    <message>
        <source>Rename a rail</source>
        <translation>Eine Schiene umbenennen</translation>
    </message>
    <message>
        <source>rounded to 2 decimals</source>
        <translation>auf 2 Nachkommastellen gerundet</translation>
    </message>
    <message>
        <source>without its sign</source>
        <translation>ohne Vorzeichen</translation>
    </message>
    <message>
        <source>the smaller of two</source>
        <translation>das kleinere von zweien</translation>
    </message>
    <message>
        <source>the greater of two</source>
        <translation>das größere von zweien</translation>
    </message>
    <message>
        <source>the first that is not blank</source>
        <translation>das erste, das nicht leer ist</translation>
    </message>
    <message>
        <source>one value or another</source>
        <translation>ein Wert oder ein anderer</translation>
    </message>
    <message>
        <source>joined to another text</source>
        <translation>mit einem anderen Text verbunden</translation>
    </message>
    <message>
        <source>in capitals</source>
        <translation>in Großbuchstaben</translation>
    </message>
    <message>
        <source>in small letters</source>
        <translation>in Kleinbuchstaben</translation>
    </message>
    <message>
        <source>without blanks around it</source>
        <translation>ohne Leerzeichen darum</translation>
    </message>
    <message>
        <source>a part of it: from letter 1, 3 letters</source>
        <translation>ein Teil davon: ab Buchstabe 1, 3 Buchstaben</translation>
    </message>
    <message>
        <source>how many letters</source>
        <translation>wie viele Buchstaben</translation>
    </message>
    <message>
        <source>one text in place of another</source>
        <translation>ein Text statt eines anderen</translation>
    </message>
    <message>
        <source>days since then</source>
        <translation>Tage seither</translation>
    </message>
    <message>
        <source>14 days later</source>
        <translation>14 Tage später</translation>
    </message>
    <message>
        <source>the first of its month</source>
        <translation>der Erste seines Monats</translation>
    </message>
    <message>
        <source>its year</source>
        <translation>sein Jahr</translation>
    </message>
    <message>
        <source>how many</source>
        <translation>wie viele</translation>
    </message>
    <message>
        <source>Sum of</source>
        <translation>Summe von</translation>
    </message>
    <message>
        <source>Greatest or latest</source>
        <translation>Größtes oder Spätestes</translation>
    </message>
    <message>
        <source>Mean of</source>
        <translation>Mittel von</translation>
    </message>
    <message>
        <source>A column</source>
        <translation>Eine Spalte</translation>
    </message>
    <message>
        <source>Worked out of it</source>
        <translation>Daraus berechnet</translation>
    </message>
    <message>
        <source>Rows of “%1”</source>
        <translation>Zeilen von „%1“</translation>
    </message>
    <message>
        <source>Put in…</source>
        <translation>Einsetzen…</translation>
    </message>
    <message>
        <source>Columns, what can be worked out of them, and rows that belong to the record</source>
        <translation>Spalten, was aus ihnen berechnet werden kann, und Zeilen, die zum Datensatz gehören</translation>
    </message>
    <message>
        <source>a picture</source>
        <translation>ein Bild</translation>
    </message>
    <message>
        <source>%L1 of %L2 so far</source>
        <translation>bisher %L1 von %L2</translation>
    </message>
    <message>
        <source>%L1 of %L2</source>
        <translation>%L1 von %L2</translation>
    </message>
    <message>
        <source>all hold</source>
        <translation>alle erfüllen sie</translation>
    </message>
    <message>
        <source>%L1 stored values are written otherwise</source>
        <translation>%L1 gespeicherte Werte sind anders geschrieben</translation>
    </message>
    <message>
        <source>%L1 of %L2 stored rows do not hold</source>
        <translation>%L1 von %L2 gespeicherten Zeilen erfüllen sie nicht</translation>
    </message>
    <message>
        <source>true for no stored row</source>
        <translation>wahr für keine gespeicherte Zeile</translation>
    </message>
    <message>
        <source>true for every stored row</source>
        <translation>wahr für jede gespeicherte Zeile</translation>
    </message>
    <message>
        <source>as is usual</source>
        <translation>wie üblich</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>a light tint</source>
        <translation>ein leichter Ton</translation>
    </message>
    <message>
        <source>a stronger tint</source>
        <translation>ein stärkerer Ton</translation>
    </message>
    <message>
        <source>A rail needs a name.</source>
        <translation>Eine Schiene braucht einen Namen.</translation>
    </message>
    <message>
        <source>That would be above the body.</source>
        <translation>Das läge über dem Rumpf.</translation>
    </message>
    <message>
        <source>That would be left of the form.</source>
        <translation>Das läge links vom Formular.</translation>
    </message>
    <message>
        <source>to the top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>to the bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>its share of the height</source>
        <translation>ihr Anteil der Höhe</translation>
    </message>
    <message>
        <source>its share of the width</source>
        <translation>ihr Anteil der Breite</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>The band&apos;s height. It stops at the lowest control.</source>
        <translation>Die Höhe des Bereichs. Sie endet am untersten Element.</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>The band&apos;s ground, one of the look&apos;s.</source>
        <translation>Der Grund des Bereichs, einer des Aussehens.</translation>
    </message>
    <message>
        <source>Change a band&apos;s colour</source>
        <translation>Die Farbe eines Bereichs ändern</translation>
    </message>
    <message>
        <source>Controls</source>
        <translation>Elemente</translation>
    </message>
    <message>
        <source>How many controls stand in the band.</source>
        <translation>Wie viele Elemente im Bereich stehen.</translation>
    </message>
    <message>
        <source>Rail</source>
        <translation>Schiene</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>What the rail is called here and in the file.</source>
        <translation>Wie die Schiene hier und in der Datei heißt.</translation>
    </message>
    <message>
        <source>At</source>
        <translation>Bei</translation>
    </message>
    <message>
        <source>From the form&apos;s left edge, or from the body&apos;s top. All edges on it go along.</source>
        <translation>Von der linken Kante des Formulars oder von oben im Rumpf. Alle Kanten daran gehen mit.</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Enthält</translation>
    </message>
    <message>
        <source>How the rail moves when the window gets wider, or higher.</source>
        <translation>Wie sich die Schiene bewegt, wenn das Fenster breiter oder höher wird.</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Selbsttätig</translation>
    </message>
    <message>
        <source>The rail stands just clear of the longest caption that ends on it.</source>
        <translation>Die Schiene weicht der längsten Beschriftung aus, die an ihr endet.</translation>
    </message>
    <message>
        <source>Edges on it</source>
        <translation>Kanten daran</translation>
    </message>
    <message>
        <source>How many edges ride the rail.</source>
        <translation>Wie viele Kanten an der Schiene laufen.</translation>
    </message>
    <message>
        <source>“%1” is no key. Write it as Ctrl+Shift+1 or F8.</source>
        <translation>„%1“ ist keine Taste. Als Ctrl+Shift+1 oder F8 schreiben.</translation>
    </message>
    <message>
        <source>%1 is the key of “%2” already. Choose another one.</source>
        <translation>%1 ist schon die Taste von „%2“. Eine andere wählen.</translation>
    </message>
    <message>
        <source>%1 (not in the project)</source>
        <translation>%1 (nicht im Projekt)</translation>
    </message>
    <message>
        <source>What stands on the button.</source>
        <translation>Was auf der Schaltfläche steht.</translation>
    </message>
    <message>
        <source>Change the words of a button</source>
        <translation>Die Wörter einer Schaltfläche ändern</translation>
    </message>
    <message>
        <source>Does</source>
        <translation>Tut</translation>
    </message>
    <message>
        <source>What happens when it is pressed.</source>
        <translation>Was geschieht, wenn sie gedrückt wird.</translation>
    </message>
    <message>
        <source>Change what a button does</source>
        <translation>Ändern, was eine Schaltfläche tut</translation>
    </message>
    <message>
        <source>With</source>
        <translation>Womit</translation>
    </message>
    <message>
        <source>What the action wants to be told. Names of columns in braces are filled in: {asset_no}. Pages by their title; values as “Status = withdrawn; Laid on = today”; in SQL :asset_no is the row&apos;s value.</source>
        <translation>Was die Aktion wissen will. Spaltennamen in geschweiften Klammern werden ausgefüllt: {asset_no}. Seiten mit ihrem Titel; Werte als „Status = eingezogen; Ausgelegt = today“; in SQL ist :asset_no der Wert der Zeile.</translation>
    </message>
    <message>
        <source>Change what a button is told</source>
        <translation>Ändern, was einer Schaltfläche gesagt wird</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Dann</translation>
    </message>
    <message>
        <source>What it does behind that, an action a line, as they are called under “Does”, such as “Go to a page of the form: Details”. It stops at the first that cannot be done.</source>
        <translation>Was sie danach tut, eine Aktion je Zeile, wie sie unter „Tut“ heißen, etwa „Auf eine Seite gehen: Einzelheiten“. Es hält bei der ersten an, die nicht geht.</translation>
    </message>
    <message>
        <source>Asks first</source>
        <translation>Fragt erst</translation>
    </message>
    <message>
        <source>A question that people answer before anything is done. Empty: none.</source>
        <translation>Eine Frage, die beantwortet wird, ehe etwas geschieht. Leer: keine.</translation>
    </message>
    <message>
        <source>Change what a button asks</source>
        <translation>Ändern, was eine Schaltfläche fragt</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Taste</translation>
    </message>
    <message>
        <source>Presses it from anywhere on the form: Ctrl+Shift+1.</source>
        <translation>Drückt sie von überall auf dem Formular: Ctrl+Shift+1.</translation>
    </message>
    <message>
        <source>Change the key of a button</source>
        <translation>Die Taste einer Schaltfläche ändern</translation>
    </message>
    <message>
        <source>A PNG, JPEG or SVG file on the button; it becomes part of the form.</source>
        <translation>Eine PNG-, JPEG- oder SVG-Datei auf der Schaltfläche; sie wird Teil des Formulars.</translation>
    </message>
    <message>
        <source>Opens</source>
        <translation>Öffnet</translation>
    </message>
    <message>
        <source>The form of this project that it opens.</source>
        <translation>Das Formular dieses Projekts, das sie öffnet.</translation>
    </message>
    <message>
        <source>Change what a button opens</source>
        <translation>Ändern, was eine Schaltfläche öffnet</translation>
    </message>
    <message>
        <source>Matched by</source>
        <translation>Passend durch</translation>
    </message>
    <message>
        <source>Which column there holds which column here: buoy_id = id. Empty: it opens at its first record.</source>
        <translation>Welche Spalte dort welche Spalte hier enthält: buoy_id = id. Leer: es öffnet bei seinem ersten Datensatz.</translation>
    </message>
    <message>
        <source>%1 (not on this computer)</source>
        <translation>%1 (nicht auf diesem Computer)</translation>
    </message>
    <message>
        <source>%1 (not in this project)</source>
        <translation>%1 (nicht in diesem Projekt)</translation>
    </message>
    <message>
        <source>“%1” has no column “%2”. Write it as in: buoy_id = id.</source>
        <translation>„%1“ hat keine Spalte „%2“. Schreiben wie in: buoy_id = id.</translation>
    </message>
    <message>
        <source>A column is missing beside “%1”. Write it as in: buoy_id = id.</source>
        <translation>Neben „%1“ fehlt eine Spalte. Schreiben wie in: buoy_id = id.</translation>
    </message>
    <message>
        <source>Every page needs a title; a bar | stands between two of them.</source>
        <translation>Jede Seite braucht einen Titel; zwischen zweien steht ein Strich |.</translation>
    </message>
    <message>
        <source>These are fewer titles than pages. A page goes by “Remove the page”, with what stands on it.</source>
        <translation>Das sind weniger Titel als Seiten. Eine Seite geht durch „Die Seite entfernen“, mit dem, was darauf steht.</translation>
    </message>
    <message>
        <source>The words at the top of the frame; it may go without.</source>
        <translation>Die Wörter oben am Rahmen; er kann ohne sein.</translation>
    </message>
    <message>
        <source>Change a heading</source>
        <translation>Eine Überschrift ändern</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>The titles of the pages, with a bar | between them; one more title makes one more page.</source>
        <translation>Die Titel der Seiten, mit einem Strich | dazwischen; ein Titel mehr macht eine Seite mehr.</translation>
    </message>
    <message>
        <source>Change pages</source>
        <translation>Seiten ändern</translation>
    </message>
    <message>
        <source>One above</source>
        <translation>Übereinander</translation>
    </message>
    <message>
        <source>The panes stand one above the other, not side by side.</source>
        <translation>Die Scheiben stehen übereinander, nicht nebeneinander.</translation>
    </message>
    <message>
        <source>Turn the panes</source>
        <translation>Die Scheiben drehen</translation>
    </message>
    <message>
        <source>Divider at</source>
        <translation>Trennlinie bei</translation>
    </message>
    <message>
        <source>From the edge of the first pane. At work people move it.</source>
        <translation>Vom Rand der ersten Scheibe. Bei der Arbeit lässt sie sich verschieben.</translation>
    </message>
    <message>
        <source>Move the divider</source>
        <translation>Die Trennlinie verschieben</translation>
    </message>
    <message>
        <source>How many controls are in it.</source>
        <translation>Wie viele Elemente darin sind.</translation>
    </message>
    <message>
        <source>The form&apos;s rows have no column “%1”.</source>
        <translation>Die Zeilen des Formulars haben keine Spalte „%1“.</translation>
    </message>
    <message>
        <source>What is selected cannot become a %1: its column holds something else, or there is nothing to choose from.</source>
        <translation>Das Gewählte kann nicht %1 werden: Seine Spalte enthält anderes, oder es gibt nichts zu wählen.</translation>
    </message>
    <message>
        <source>A caption needs words. To be without one, remove it.</source>
        <translation>Eine Beschriftung braucht Wörter. Um ohne zu sein, sie entfernen.</translation>
    </message>
    <message>
        <source>That would be outside of the band.</source>
        <translation>Das läge außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>No control is smaller than %1 px.</source>
        <translation>Kein Element ist kleiner als %1 px.</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>left edge</source>
        <translation>linke Kante</translation>
    </message>
    <message>
        <source>right edge</source>
        <translation>rechte Kante</translation>
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
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>moves</source>
        <translation>geht mit</translation>
    </message>
    <message>
        <source>stretches</source>
        <translation>dehnt sich</translation>
    </message>
    <message>
        <source>its share</source>
        <translation>sein Anteil</translation>
    </message>
    <message>
        <source>as its rails</source>
        <translation>wie seine Schienen</translation>
    </message>
    <message>
        <source>Field</source>
        <translation>Feld</translation>
    </message>
    <message>
        <source>A control needs a name.</source>
        <translation>Ein Element braucht einen Namen.</translation>
    </message>
    <message>
        <source>“%1” is the name of another control.</source>
        <translation>„%1“ ist der Name eines anderen Elements.</translation>
    </message>
    <message>
        <source>Bound to</source>
        <translation>Gebunden an</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>The column whose value the box shows and writes.</source>
        <translation>Die Spalte, deren Wert das Feld zeigt und schreibt.</translation>
    </message>
    <message>
        <source>Change what a box is bound to</source>
        <translation>Ändern, woran ein Feld gebunden ist</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>What sort of control this is; it keeps its column, caption, name and place.</source>
        <translation>Was für ein Element dies ist; es behält Spalte, Beschriftung, Name und Platz.</translation>
    </message>
    <message>
        <source>Change a kind</source>
        <translation>Eine Art ändern</translation>
    </message>
    <message>
        <source>What stands beside the box. A double click on the form edits it there.</source>
        <translation>Was neben dem Feld steht. Ein Doppelklick auf dem Formular ändert es dort.</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>From the form&apos;s left edge. +8 moves on, 12mm and 1in do as well, *2 and /2 too.</source>
        <translation>Von der linken Kante des Formulars. +8 rückt weiter, 12mm und 1in gehen auch, *2 und /2 ebenso.</translation>
    </message>
    <message>
        <source>Move by number</source>
        <translation>Nach Zahl verschieben</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Oben</translation>
    </message>
    <message>
        <source>From the band&apos;s top edge. Arithmetic as for Left.</source>
        <translation>Von der oberen Kante des Bereichs. Rechnen wie bei Links.</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>How wide it is. Arithmetic as for Left.</source>
        <translation>Wie breit es ist. Rechnen wie bei Links.</translation>
    </message>
    <message>
        <source>Resize by number</source>
        <translation>Größe nach Zahl</translation>
    </message>
    <message>
        <source>How high it is. Arithmetic as for Left.</source>
        <translation>Wie hoch es ist. Rechnen wie bei Links.</translation>
    </message>
    <message>
        <source>Wider</source>
        <translation>Breiter</translation>
    </message>
    <message>
        <source>What it does when the window gets wider: it stays at the left, moves with the right edge, stretches between both, or keeps its share of the width.</source>
        <translation>Was es tut, wenn das Fenster breiter wird: es bleibt links, geht mit der rechten Kante, dehnt sich zwischen beiden oder behält seinen Anteil der Breite.</translation>
    </message>
    <message>
        <source>Change a hold</source>
        <translation>Einen Halt ändern</translation>
    </message>
    <message>
        <source>Higher</source>
        <translation>Höher</translation>
    </message>
    <message>
        <source>What it does when the window gets higher: it stays at the top, moves with the bottom, stretches between both, or keeps its share of the height.</source>
        <translation>Was es tut, wenn das Fenster höher wird: es bleibt oben, geht mit dem unteren Rand, dehnt sich zwischen beiden oder behält seinen Anteil der Höhe.</translation>
    </message>
    <message>
        <source>Left rides</source>
        <translation>Links läuft an</translation>
    </message>
    <message>
        <source>The rail that the left edge keeps to, however the rail or the window moves.</source>
        <translation>Die Schiene, an der sich die linke Kante hält, wie sich auch Schiene oder Fenster bewegt.</translation>
    </message>
    <message>
        <source>Right rides</source>
        <translation>Rechts läuft an</translation>
    </message>
    <message>
        <source>The rail that the right edge keeps to. With the left edge free it moves, with both held it stretches.</source>
        <translation>Die Schiene, an der sich die rechte Kante hält. Ist die linke frei, bewegt es sich, sind beide gehalten, dehnt es sich.</translation>
    </message>
    <message>
        <source>Top rides</source>
        <translation>Oben läuft an</translation>
    </message>
    <message>
        <source>The level rail that the top edge keeps to.</source>
        <translation>Die waagerechte Schiene, an der sich die obere Kante hält.</translation>
    </message>
    <message>
        <source>Bottom rides</source>
        <translation>Unten läuft an</translation>
    </message>
    <message>
        <source>The level rail that the bottom edge keeps to. With the top edge free it moves, with both held it stretches.</source>
        <translation>Die waagerechte Schiene, an der sich die untere Kante hält. Ist die obere frei, bewegt es sich, sind beide gehalten, dehnt es sich.</translation>
    </message>
    <message>
        <source>Role</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>Which of the look&apos;s fonts and colours it has.</source>
        <translation>Welche Schriften und Farben des Aussehens es hat.</translation>
    </message>
    <message>
        <source>Change a look</source>
        <translation>Ein Aussehen ändern</translation>
    </message>
    <message>
        <source>What formulas and the file call this control.</source>
        <translation>Wie Formeln und die Datei dieses Element nennen.</translation>
    </message>
    <message>
        <source>A number of lines from 1 to %1 was expected.</source>
        <translation>Eine Zahl von Zeilen von 1 bis %1 wurde erwartet.</translation>
    </message>
    <message>
        <source>Yes or no was expected, or nothing.</source>
        <translation>Ja oder nein wurde erwartet oder nichts.</translation>
    </message>
    <message>
        <source>Starts with</source>
        <translation>Beginnt mit</translation>
    </message>
    <message>
        <source>What a new record has here: a value, today, now, or = and an SQL expression. Empty: nothing.</source>
        <translation>Was ein neuer Datensatz hier hat: einen Wert, today, now oder = und einen SQL-Ausdruck. Leer: nichts.</translation>
    </message>
    <message>
        <source>Change what a new record starts with</source>
        <translation>Ändern, womit ein neuer Datensatz beginnt</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>The words at the right of the sign.</source>
        <translation>Die Wörter rechts vom Zeichen.</translation>
    </message>
    <message>
        <source>Change words</source>
        <translation>Wörter ändern</translation>
    </message>
    <message>
        <source>Fixed picture</source>
        <translation>Festes Bild</translation>
    </message>
    <message>
        <source>A picture that is part of the form, such as a logo; it shows no column then.</source>
        <translation>Ein Bild, das Teil des Formulars ist, etwa ein Firmenzeichen; es zeigt dann keine Spalte.</translation>
    </message>
    <message>
        <source>Change a picture</source>
        <translation>Ein Bild ändern</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>How many lines of text the box is high.</source>
        <translation>Wie viele Textzeilen das Feld hoch ist.</translation>
    </message>
    <message>
        <source>Change the lines shown</source>
        <translation>Die gezeigten Zeilen ändern</translation>
    </message>
    <message>
        <source>Looks like</source>
        <translation>Sieht aus wie</translation>
    </message>
    <message>
        <source>A number as it is written with these settings.</source>
        <translation>Eine Zahl, wie sie mit diesen Einstellungen geschrieben wird.</translation>
    </message>
    <message>
        <source>Something stands there. Move or delete that first, or remove the band from the menu of the board.</source>
        <translation>Dort steht etwas. Es erst verschieben oder löschen oder den Bereich aus dem Menü der Zeichenfläche entfernen.</translation>
    </message>
    <message>
        <source>A form needs a name to be saved under.</source>
        <translation>Ein Formular braucht einen Namen, unter dem es gespeichert wird.</translation>
    </message>
    <message>
        <source>The form is saved as “%1”. File, Rename form gives it another name wherever it is named.</source>
        <translation>Das Formular ist als „%1“ gespeichert. Datei, Formular umbenennen gibt ihm einen anderen Namen, wo immer es genannt ist.</translation>
    </message>
    <message>
        <source>The project has another form “%1”.</source>
        <translation>Das Projekt hat ein anderes Formular „%1“.</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>own SELECT</source>
        <translation>eigener SELECT</translation>
    </message>
    <message>
        <source>The form cannot be narrower than %1: controls stand there.</source>
        <translation>Das Formular kann nicht schmaler als %1 sein: dort stehen Elemente.</translation>
    </message>
    <message>
        <source>No window is as narrow as that.</source>
        <translation>So schmal ist kein Fenster.</translation>
    </message>
    <message>
        <source>No window is as low as that.</source>
        <translation>So niedrig ist kein Fenster.</translation>
    </message>
    <message>
        <source>not smaller</source>
        <translation>nicht kleiner</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>at the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>The list is from 40 to 2000 px wide.</source>
        <translation>Die Liste ist 40 bis 2000 px breit.</translation>
    </message>
    <message>
        <source>“%1” has no column “%2”.</source>
        <translation>„%1“ hat keine Spalte „%2“.</translation>
    </message>
    <message>
        <source>below the rows</source>
        <translation>unter den Zeilen</translation>
    </message>
    <message>
        <source>in place of the rows</source>
        <translation>statt der Zeilen</translation>
    </message>
    <message>
        <source>in its own window</source>
        <translation>in einem eigenen Fenster</translation>
    </message>
    <message>
        <source>The form needs rows first: choose where they come from.</source>
        <translation>Das Formular braucht erst Zeilen: wählen, woher sie kommen.</translation>
    </message>
    <message>
        <source>The pitch is from 1 to 200 px.</source>
        <translation>Die Weite geht von 1 bis 200 px.</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nichts</translation>
    </message>
    <message>
        <source>as it reads</source>
        <translation>wie man liest</translation>
    </message>
    <message>
        <source>by rows</source>
        <translation>zeilenweise</translation>
    </message>
    <message>
        <source>by columns</source>
        <translation>spaltenweise</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>Choose another sheet in the View menu; clear this to take the sheet away.</source>
        <translation>Eine andere Vorlage im Menü Ansicht wählen; dies leeren nimmt die Vorlage weg.</translation>
    </message>
    <message>
        <source>A whole number from 1 to %1 was expected.</source>
        <translation>Eine ganze Zahl von 1 bis %1 wurde erwartet.</translation>
    </message>
    <message>
        <source>The words in the window&apos;s title bar. The saved name stays as it is.</source>
        <translation>Die Wörter in der Titelleiste des Fensters. Der gespeicherte Name bleibt.</translation>
    </message>
    <message>
        <source>What the form is saved and found as.</source>
        <translation>Unter welchem Namen das Formular gespeichert und gefunden wird.</translation>
    </message>
    <message>
        <source>Rename the form</source>
        <translation>Das Formular umbenennen</translation>
    </message>
    <message>
        <source>How far people may change the window. A free one gets as small as nothing overlaps.</source>
        <translation>Wie weit das Fenster geändert werden darf. Ein freies wird so klein, wie nichts überlappt.</translation>
    </message>
    <message>
        <source>Change the window&apos;s size</source>
        <translation>Die Größe des Fensters ändern</translation>
    </message>
    <message>
        <source>Record strip</source>
        <translation>Datensatzstreifen</translation>
    </message>
    <message>
        <source>The strip below the form, for going through the records, saving and taking back.</source>
        <translation>Der Streifen unter dem Formular, zum Durchgehen, Speichern und Zurücknehmen der Datensätze.</translation>
    </message>
    <message>
        <source>Show or hide the record strip</source>
        <translation>Den Datensatzstreifen zeigen oder verbergen</translation>
    </message>
    <message>
        <source>Scroll bars</source>
        <translation>Rollbalken</translation>
    </message>
    <message>
        <source>Where there is no room for the whole form.</source>
        <translation>Wo kein Platz für das ganze Formular ist.</translation>
    </message>
    <message>
        <source>Show or hide scroll bars</source>
        <translation>Rollbalken zeigen oder verbergen</translation>
    </message>
    <message>
        <source>Record list</source>
        <translation>Datensatzliste</translation>
    </message>
    <message>
        <source>The records beside the form: one picks there and works here.</source>
        <translation>Die Datensätze neben dem Formular: man wählt dort und arbeitet hier.</translation>
    </message>
    <message>
        <source>Show or hide the record list</source>
        <translation>Die Datensatzliste zeigen oder verbergen</translation>
    </message>
    <message>
        <source>List shows</source>
        <translation>Liste zeigt</translation>
    </message>
    <message>
        <source>The columns in the list: name, laid_on. Empty: what tells the records apart.</source>
        <translation>Die Spalten der Liste: name, laid_on. Leer: was die Datensätze unterscheidet.</translation>
    </message>
    <message>
        <source>Change the record list</source>
        <translation>Die Datensatzliste ändern</translation>
    </message>
    <message>
        <source>List width</source>
        <translation>Listenbreite</translation>
    </message>
    <message>
        <source>How wide the list opens; people may move its edge.</source>
        <translation>Wie breit die Liste öffnet; ihr Rand lässt sich verschieben.</translation>
    </message>
    <message>
        <source>Rows from</source>
        <translation>Zeilen aus</translation>
    </message>
    <message>
        <source>The table or view that the form shows and writes.</source>
        <translation>Die Tabelle oder Sicht, die das Formular zeigt und schreibt.</translation>
    </message>
    <message>
        <source>Whole row</source>
        <translation>Ganze Zeile</translation>
    </message>
    <message>
        <source>Where one row is shown in full, on a form of its own: Arrange, Go into the form of one row.</source>
        <translation>Wo eine Zeile im Ganzen gezeigt wird, auf einem eigenen Formular: Anordnen, In das Formular einer Zeile gehen.</translation>
    </message>
    <message>
        <source>Change where a row is shown in full</source>
        <translation>Ändern, wo eine Zeile im Ganzen gezeigt wird</translation>
    </message>
    <message>
        <source>Bands</source>
        <translation>Bereiche</translation>
    </message>
    <message>
        <source>A band above the body, with a title for example.</source>
        <translation>Ein Bereich über dem Rumpf, etwa mit einem Titel.</translation>
    </message>
    <message>
        <source>Add or remove the header</source>
        <translation>Den Kopf hinzufügen oder entfernen</translation>
    </message>
    <message>
        <source>A band below the body, with buttons for example.</source>
        <translation>Ein Bereich unter dem Rumpf, etwa mit Schaltflächen.</translation>
    </message>
    <message>
        <source>Add or remove the footer</source>
        <translation>Den Fuß hinzufügen oder entfernen</translation>
    </message>
    <message>
        <source>The form&apos;s width. It stops at the rightmost control.</source>
        <translation>Die Breite des Formulars. Sie endet am rechtesten Element.</translation>
    </message>
    <message>
        <source>Narrowest</source>
        <translation>Schmalste</translation>
    </message>
    <message>
        <source>The narrowest its window may get. Empty: as narrow as nothing overlaps.</source>
        <translation>Wie schmal sein Fenster werden darf. Leer: so schmal, wie nichts überlappt.</translation>
    </message>
    <message>
        <source>Pin the smallest width</source>
        <translation>Die kleinste Breite festhalten</translation>
    </message>
    <message>
        <source>Lowest</source>
        <translation>Niedrigste</translation>
    </message>
    <message>
        <source>The lowest the form may be shown, all bands together. Empty: as low as nothing overlaps.</source>
        <translation>Wie niedrig das Formular gezeigt werden darf, alle Bereiche zusammen. Leer: so niedrig, wie nichts überlappt.</translation>
    </message>
    <message>
        <source>Pin the smallest height</source>
        <translation>Die kleinste Höhe festhalten</translation>
    </message>
    <message>
        <source>Tab goes</source>
        <translation>Tab geht</translation>
    </message>
    <message>
        <source>The order in which Tab visits the fields.</source>
        <translation>Die Reihenfolge, in der Tab die Felder besucht.</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Weite</translation>
    </message>
    <message>
        <source>The distance between grid lines. What is dragged lands on them.</source>
        <translation>Der Abstand der Rasterlinien. Gezogenes landet darauf.</translation>
    </message>
    <message>
        <source>Shown as</source>
        <translation>Gezeigt als</translation>
    </message>
    <message>
        <source>How the grid is drawn. It works even when it is not drawn.</source>
        <translation>Wie das Raster gezeichnet wird. Es wirkt auch ungezeichnet.</translation>
    </message>
    <message>
        <source>Tracing sheet</source>
        <translation>Vorlage zum Nachzeichnen</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>The picture under the form. Clear this to take it away.</source>
        <translation>Das Bild unter dem Formular. Leeren nimmt es weg.</translation>
    </message>
    <message>
        <source>Change the tracing sheet</source>
        <translation>Die Vorlage ändern</translation>
    </message>
    <message>
        <source>Where its left edge lies on the form.</source>
        <translation>Wo seine linke Kante auf dem Formular liegt.</translation>
    </message>
    <message>
        <source>Where its top edge lies on the form.</source>
        <translation>Wo seine obere Kante auf dem Formular liegt.</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Maßstab</translation>
    </message>
    <message>
        <source>Its size, of its own size.</source>
        <translation>Seine Größe, von seiner eigenen.</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>How strongly it shows through.</source>
        <translation>Wie stark es durchscheint.</translation>
    </message>
    <message>
        <source>scaled to cover all</source>
        <translation>vergrößert, sodass es alles deckt</translation>
    </message>
    <message>
        <source>scaled to be seen whole</source>
        <translation>vergrößert, sodass es ganz zu sehen ist</translation>
    </message>
    <message>
        <source>tiled</source>
        <translation>gekachelt</translation>
    </message>
    <message>
        <source>in the top left corner</source>
        <translation>in der linken oberen Ecke</translation>
    </message>
    <message>
        <source>at the top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>in the top right corner</source>
        <translation>in der rechten oberen Ecke</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>in the bottom left corner</source>
        <translation>in der linken unteren Ecke</translation>
    </message>
    <message>
        <source>at the bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>in the bottom right corner</source>
        <translation>in der rechten unteren Ecke</translation>
    </message>
    <message>
        <source>How strong a picture is lies between 1 and 100 %.</source>
        <translation>Wie stark ein Bild ist, liegt zwischen 1 und 100 %.</translation>
    </message>
    <message>
        <source>%1 is not there, so it cannot become part of the form.</source>
        <translation>%1 ist nicht da und kann daher nicht Teil des Formulars werden.</translation>
    </message>
    <message>
        <source>The band&apos;s ground, whatever the look says. Words stay readable on it. Two colours with a stroke between them: light / dark.</source>
        <translation>Der Grund des Bereichs, was das Aussehen auch sagt. Wörter bleiben darauf lesbar. Zwei Farben mit Schrägstrich dazwischen: hell / dunkel.</translation>
    </message>
    <message>
        <source>A picture on the band&apos;s ground. One inside the project&apos;s folder stays a file of its own.</source>
        <translation>Ein Bild auf dem Grund des Bereichs. Eines im Ordner des Projekts bleibt eine eigene Datei.</translation>
    </message>
    <message>
        <source>A picture on the ground of all bands without a ground of their own. One inside the project&apos;s folder stays a file of its own.</source>
        <translation>Ein Bild auf dem Grund aller Bereiche ohne eigenen. Eines im Ordner des Projekts bleibt eine eigene Datei.</translation>
    </message>
    <message>
        <source>Change a ground picture</source>
        <translation>Ein Bild im Grund ändern</translation>
    </message>
    <message>
        <source>It lies</source>
        <translation>Es liegt</translation>
    </message>
    <message>
        <source>Scaled, tiled, or in its own size at an edge.</source>
        <translation>Vergrößert, gekachelt oder in eigener Größe an einer Kante.</translation>
    </message>
    <message>
        <source>How strong it is; 100 % is as it is. Faint ones leave the words on them readable.</source>
        <translation>Wie stark es ist; 100 % ist, wie es ist. Blasse lassen die Wörter darauf lesbar.</translation>
    </message>
    <message>
        <source>In the form</source>
        <translation>Im Formular</translation>
    </message>
    <message>
        <source>Makes the picture a part of the form, which needs its file no longer.</source>
        <translation>Macht das Bild zum Teil des Formulars, das seine Datei nicht mehr braucht.</translation>
    </message>
    <message>
        <source>Take a picture into the form</source>
        <translation>Ein Bild ins Formular nehmen</translation>
    </message>
    <message>
        <source>Style inside</source>
        <translation>Stil darin</translation>
    </message>
    <message>
        <source>The style of all that stands in it. What is put there later has it as well.</source>
        <translation>Der Stil von allem, was darin steht. Was später hineinkommt, hat ihn auch.</translation>
    </message>
    <message>
        <source>Change the style inside</source>
        <translation>Den Stil darin ändern</translation>
    </message>
    <message>
        <source> where the desktop is dark</source>
        <translation> auf dunklem Desktop</translation>
    </message>
    <message>
        <source>Hard to read there%1: its contrast is %L2, and %L3 is needed.</source>
        <translation>Dort schwer zu lesen%1: der Kontrast ist %L2, gebraucht wird %L3.</translation>
    </message>
    <message>
        <source>This computer has no “%1”; the look&apos;s typeface stands in for it here.</source>
        <translation>Dieser Computer hat kein „%1“; die Schriftart des Aussehens vertritt sie hier.</translation>
    </message>
    <message>
        <source>The choices have no column “%1”. They have: %2.</source>
        <translation>Die Auswahl hat keine Spalte „%1“. Sie hat: %2.</translation>
    </message>
    <message>
        <source>Typed in here</source>
        <translation>Hier eingetippt</translation>
    </message>
    <message>
        <source>An own SELECT</source>
        <translation>Ein eigener SELECT</translation>
    </message>
    <message>
        <source>The database has no table “%1”.</source>
        <translation>Die Datenbank hat keine Tabelle „%1“.</translation>
    </message>
    <message>
        <source>The box&apos;s own column “%1” must be among those that are stored.</source>
        <translation>Die eigene Spalte „%1“ des Feldes muss unter den gespeicherten sein.</translation>
    </message>
    <message>
        <source>Something must be shown: name a column.</source>
        <translation>Etwas muss gezeigt werden: eine Spalte nennen.</translation>
    </message>
    <message>
        <source>Change where choices come from</source>
        <translation>Ändern, woher die Auswahl kommt</translation>
    </message>
    <message>
        <source>Come from</source>
        <translation>Kommt aus</translation>
    </message>
    <message>
        <source>Typed in here, the rows of a table, or those of a SELECT of your own.</source>
        <translation>Hier eingetippt, die Zeilen einer Tabelle oder die eines eigenen SELECT.</translation>
    </message>
    <message>
        <source>Its rows are the choices.</source>
        <translation>Ihre Zeilen sind die Auswahl.</translation>
    </message>
    <message>
        <source>Stores</source>
        <translation>Speichert</translation>
    </message>
    <message>
        <source>The column of the choice that is stored here; of several, each with the column here: id = part_id, line = line.</source>
        <translation>Die Spalte der Auswahl, die hier gespeichert wird; bei mehreren jede mit der Spalte hier: id = part_id, line = line.</translation>
    </message>
    <message>
        <source>Shows</source>
        <translation>Zeigt</translation>
    </message>
    <message>
        <source>The columns that stand in the box, one after the other: given_name, family_name.</source>
        <translation>Die Spalten, die im Feld stehen, eine nach der anderen: given_name, family_name.</translation>
    </message>
    <message>
        <source>Also lists</source>
        <translation>Listet auch</translation>
    </message>
    <message>
        <source>More columns of the open list, one a line, with a width and a heading: town, 120, Town.</source>
        <translation>Weitere Spalten der offenen Liste, eine je Zeile, mit Breite und Überschrift: town, 120, Ort.</translation>
    </message>
    <message>
        <source>What stands above the first column of the open list.</source>
        <translation>Was über der ersten Spalte der offenen Liste steht.</translation>
    </message>
    <message>
        <source>Columns, with a minus for falling: -laid_on, name. Empty: by what is shown.</source>
        <translation>Spalten, mit Minus für absteigend: -laid_on, name. Leer: nach dem Gezeigten.</translation>
    </message>
    <message>
        <source>Only where</source>
        <translation>Nur wo</translation>
    </message>
    <message>
        <source>A column of the choices holds what stands in another box: county = county.</source>
        <translation>Eine Spalte der Auswahl enthält, was in einem anderen Feld steht: county = county.</translation>
    </message>
    <message>
        <source>Rules</source>
        <translation>Regeln</translation>
    </message>
    <message>
        <source>Its rules</source>
        <translation>Seine Regeln</translation>
    </message>
    <message>
        <source>What is worked out, checked, marked and shown here by a condition. F6 shows the rules and changes them.</source>
        <translation>Was hier berechnet, geprüft, hervorgehoben und unter einer Bedingung gezeigt wird. F6 zeigt die Regeln und ändert sie.</translation>
    </message>
    <message>
        <source>%1, by %2</source>
        <translation>%1, über %2</translation>
    </message>
    <message>
        <source>%1, by hand</source>
        <translation>%1, von Hand</translation>
    </message>
    <message>
        <source>several rows</source>
        <translation>mehrere Zeilen</translation>
    </message>
    <message>
        <source>one at a time</source>
        <translation>eine auf einmal</translation>
    </message>
    <message>
        <source>The table of these rows is not there any more.</source>
        <translation>Die Tabelle dieser Zeilen ist nicht mehr da.</translation>
    </message>
    <message>
        <source>kept in this one</source>
        <translation>in diesem aufbewahrt</translation>
    </message>
    <message>
        <source>Change what a subform shows</source>
        <translation>Ändern, was ein Unterformular zeigt</translation>
    </message>
    <message>
        <source>Rows of</source>
        <translation>Zeilen von</translation>
    </message>
    <message>
        <source>The table whose rows it shows with each record.</source>
        <translation>Die Tabelle, deren Zeilen es zu jedem Datensatz zeigt.</translation>
    </message>
    <message>
        <source>Their form</source>
        <translation>Ihr Formular</translation>
    </message>
    <message>
        <source>Kept in this form, or a form of the project with a file of its own, which others may show too.</source>
        <translation>In diesem Formular aufbewahrt oder ein Formular des Projekts mit eigener Datei, das auch andere zeigen können.</translation>
    </message>
    <message>
        <source>Rows under one another, or one at a time. Their form is drafted anew.</source>
        <translation>Zeilen untereinander oder eine auf einmal. Ihr Formular wird neu entworfen.</translation>
    </message>
    <message>
        <source>Linked by</source>
        <translation>Verknüpft über</translation>
    </message>
    <message>
        <source>Which column of the rows holds which column here: buoy_id = buoy_id. New rows get it by themselves.</source>
        <translation>Welche Spalte der Zeilen welche Spalte hier enthält: buoy_id = buoy_id. Neue Zeilen bekommen sie von selbst.</translation>
    </message>
    <message>
        <source>The button wants to put something into “%1”, which is not on the form.</source>
        <translation>Die Schaltfläche will etwas in „%1“ eintragen, das nicht auf dem Formular ist.</translation>
    </message>
    <message>
        <source>“%1” takes nothing now.</source>
        <translation>„%1“ nimmt jetzt nichts an.</translation>
    </message>
    <message>
        <source>The button does not say what it puts in: “Status = withdrawn; Laid on = today”.</source>
        <translation>Die Schaltfläche sagt nicht, was sie einträgt: „Status = eingezogen; Ausgelegt = today“.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a caption and what is wrong there</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>The button wants to work out “%1”, which is not on the form.</source>
        <translation>Die Schaltfläche will „%1“ berechnen, das nicht auf dem Formular ist.</translation>
    </message>
    <message>
        <source>No rule works out anything there that could be another now.</source>
        <translation>Keine Regel berechnet dort etwas, das jetzt anders sein könnte.</translation>
    </message>
    <message>
        <source>“%1” is no address that could be opened.</source>
        <translation>„%1“ ist keine Adresse, die geöffnet werden könnte.</translation>
    </message>
    <message>
        <source>The form “%1” wants to open a file or an address of a kind of its own.</source>
        <translation>Das Formular „%1“ will eine Datei oder eine Adresse eigener Art öffnen.</translation>
    </message>
    <message>
        <source>Nothing was opened.</source>
        <translation>Nichts wurde geöffnet.</translation>
    </message>
    <message>
        <source>Nothing on this computer opens %1.</source>
        <translation>Nichts auf diesem Computer öffnet %1.</translation>
    </message>
    <message>
        <source>The database can only be read.</source>
        <translation>Die Datenbank lässt sich nur lesen.</translation>
    </message>
    <message>
        <source>The statement of the button wants “%1”, which is no column of these rows. Mend the statement.</source>
        <translation>Die Anweisung der Schaltfläche will „%1“, das keine Spalte dieser Zeilen ist. Die Anweisung richten.</translation>
    </message>
    <message>
        <source>The form “%1” wants to run an SQL statement on the database.</source>
        <translation>Das Formular „%1“ will eine SQL-Anweisung auf der Datenbank ausführen.</translation>
    </message>
    <message>
        <source>Nothing was run.</source>
        <translation>Nichts wurde ausgeführt.</translation>
    </message>
    <message>
        <source>Done; 1 row was changed.</source>
        <translation>Fertig; 1 Zeile wurde geändert.</translation>
    </message>
    <message>
        <source>Done; %1 rows were changed.</source>
        <translation>Fertig; %1 Zeilen wurden geändert.</translation>
    </message>
    <message>
        <source>The button has no program to run yet.</source>
        <translation>Die Schaltfläche hat noch kein Programm auszuführen.</translation>
    </message>
    <message>
        <source>The form “%1” wants to run a program on this computer.</source>
        <translation>Das Formular „%1“ will ein Programm auf diesem Computer ausführen.</translation>
    </message>
    <message>
        <source>The program %1 could not be started. Is it installed here?</source>
        <translation>Das Programm %1 konnte nicht gestartet werden. Ist es hier installiert?</translation>
    </message>
    <message>
        <source>May this form do that?</source>
        <translation>Darf dieses Formular das?</translation>
    </message>
    <message>
        <source>Now it would be:
%1

It is asked once on this computer, as long as the form wants the same. If you do not know who built it, leave it.</source>
        <translation>Jetzt wäre es:
%1

Auf diesem Computer wird einmal gefragt, solange das Formular dasselbe will. Wer nicht weiß, wer es gebaut hat, lässt es.</translation>
    </message>
    <message>
        <source>Let it</source>
        <translation>Erlauben</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Rows from %1</source>
        <translation>Zeilen aus %1</translation>
    </message>
    <message>
        <source>Columns of the file</source>
        <translation>Spalten der Datei</translation>
    </message>
    <message>
        <source>What becomes of the rows</source>
        <translation>Was aus den Zeilen wird</translation>
    </message>
    <message>
        <source>All rows are added</source>
        <translation>Alle Zeilen werden hinzugefügt</translation>
    </message>
    <message>
        <source>Rows that are there already are changed</source>
        <translation>Zeilen, die schon da sind, werden geändert</translation>
    </message>
    <message>
        <source>Rows that are there already are left</source>
        <translation>Zeilen, die schon da sind, bleiben</translation>
    </message>
    <message>
        <source>Known by</source>
        <translation>Erkannt an</translation>
    </message>
    <message>
        <source>known by</source>
        <translation>erkannt an</translation>
    </message>
    <message>
        <source>Rows that would not go in</source>
        <translation>Zeilen, die nicht hineingingen</translation>
    </message>
    <message>
        <source>Row</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>Why it would not go in</source>
        <translation>Warum sie nicht hineinginge</translation>
    </message>
    <message>
        <source>Put them in</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Put in none</source>
        <translation>Keine übernehmen</translation>
    </message>
    <message>
        <source>In the file</source>
        <translation>In der Datei</translation>
    </message>
    <message>
        <source>For example</source>
        <translation>Zum Beispiel</translation>
    </message>
    <message>
        <source>Goes into</source>
        <translation>Kommt nach</translation>
    </message>
    <message>
        <source>Box for “%1”</source>
        <translation>Feld für „%1“</translation>
    </message>
    <message>
        <source>no box</source>
        <translation>kein Feld</translation>
    </message>
    <message>
        <source>Trying the rows…</source>
        <translation>Die Zeilen werden versucht…</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Given up; nothing is known of what would go in.</source>
        <translation>Abgebrochen; was hineinginge, ist nicht bekannt.</translation>
    </message>
    <message>
        <source>1 row would be added</source>
        <translation>1 Zeile würde hinzugefügt</translation>
    </message>
    <message>
        <source>%1 rows would be added</source>
        <translation>%1 Zeilen würden hinzugefügt</translation>
    </message>
    <message>
        <source>1 changed</source>
        <translation>1 geändert</translation>
    </message>
    <message>
        <source>%1 changed</source>
        <translation>%1 geändert</translation>
    </message>
    <message>
        <source>1 left as it is</source>
        <translation>1 gelassen, wie sie ist</translation>
    </message>
    <message>
        <source>%1 left as they are</source>
        <translation>%1 gelassen, wie sie sind</translation>
    </message>
    <message>
        <source>1 would not go in</source>
        <translation>1 ginge nicht hinein</translation>
    </message>
    <message>
        <source>%1 would not go in</source>
        <translation>%1 gingen nicht hinein</translation>
    </message>
    <message>
        <source>Put in the one that goes in</source>
        <translation>Die eine übernehmen, die hineingeht</translation>
    </message>
    <message>
        <source>Put in the %1</source>
        <translation>Die %1 übernehmen</translation>
    </message>
    <message>
        <source>These records can only be looked at.</source>
        <translation>Diese Datensätze können nur angesehen werden.</translation>
    </message>
    <message>
        <source>Rows from a file</source>
        <translation>Zeilen aus einer Datei</translation>
    </message>
    <message>
        <source>Files of rows (*.csv *.tsv *.tab *.txt *.jsonl)</source>
        <translation>Dateien mit Zeilen (*.csv *.tsv *.tab *.txt *.jsonl)</translation>
    </message>
    <message>
        <source>column %1</source>
        <translation>Spalte %1</translation>
    </message>
    <message>
        <source>“%1” goes nowhere, as no box here is called so.</source>
        <translation>„%1“ kommt nirgends hin, da hier kein Feld so heißt.</translation>
    </message>
    <message>
        <source>%1 columns go nowhere, as no boxes here are called so: </source>
        <translation>%1 Spalten kommen nirgends hin, da hier keine Felder so heißen: </translation>
    </message>
    <message>
        <source>The row would go in.</source>
        <translation>Die Zeile ginge hinein.</translation>
    </message>
    <message>
        <source>All %1 rows would go in.</source>
        <translation>Alle %1 Zeilen gingen hinein.</translation>
    </message>
    <message>
        <source>%1 of %2 rows would go in; %3.</source>
        <translation>%1 von %2 Zeilen gingen hinein; %3.</translation>
    </message>
    <message>
        <source>1 would not</source>
        <translation>1 ginge nicht</translation>
    </message>
    <message>
        <source>%1 would not</source>
        <translation>%1 gingen nicht</translation>
    </message>
    <message>
        <source>The clipboard holds no rows.</source>
        <translation>Die Zwischenablage enthält keine Zeilen.</translation>
    </message>
    <message>
        <source>Rows from the clipboard</source>
        <translation>Zeilen aus der Zwischenablage</translation>
    </message>
    <message>
        <source>What would become of it</source>
        <translation>Was daraus würde</translation>
    </message>
    <message>
        <source>(no box)</source>
        <translation>(kein Feld)</translation>
    </message>
    <message>
        <source>changes a row</source>
        <translation>ändert eine Zeile</translation>
    </message>
    <message>
        <source>is added</source>
        <translation>kommt hinzu</translation>
    </message>
    <message>
        <source>there is no “%1”</source>
        <translation>es gibt kein „%1“</translation>
    </message>
    <message>
        <source>“%1” may be one of several</source>
        <translation>„%1“ kann eines von mehreren sein</translation>
    </message>
    <message>
        <source>“%1” is neither yes nor no</source>
        <translation>„%1“ ist weder ja noch nein</translation>
    </message>
    <message>
        <source>someone deleted this row meanwhile</source>
        <translation>jemand hat diese Zeile inzwischen gelöscht</translation>
    </message>
    <message>
        <source>someone changed this row meanwhile</source>
        <translation>jemand hat diese Zeile inzwischen geändert</translation>
    </message>
    <message>
        <source>this must not be blank</source>
        <translation>dies darf nicht leer sein</translation>
    </message>
    <message>
        <source>several rows are there already with that %1</source>
        <translation>mehrere Zeilen mit diesem Wert von %1 sind schon da</translation>
    </message>
    <message>
        <source>No rows may be added here.</source>
        <translation>Hier dürfen keine Zeilen hinzugefügt werden.</translation>
    </message>
    <message>
        <source>Nothing was put in: %1</source>
        <translation>Nichts wurde übernommen: %1</translation>
    </message>
    <message>
        <source>1 row</source>
        <translation>1 Zeile</translation>
    </message>
    <message>
        <source>%1 rows</source>
        <translation>%1 Zeilen</translation>
    </message>
    <message>
        <source>Take back undoes it.</source>
        <translation>Zurücknehmen macht es ungeschehen.</translation>
    </message>
    <message>
        <source>More than %L1 records are shown; narrow them down before they are changed together.</source>
        <translation>Mehr als %L1 Datensätze werden gezeigt; einschränken, ehe sie zusammen geändert werden.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>a reason and how many records it concerns</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>1 record would stay as it is</source>
        <translation>1 Datensatz bliebe, wie er ist</translation>
    </message>
    <message>
        <source>%1 records would stay as they are</source>
        <translation>%1 Datensätze blieben, wie sie sind</translation>
    </message>
    <message>
        <source>“%1” is that in all of them already.</source>
        <translation>„%1“ ist in allen schon so.</translation>
    </message>
    <message>
        <source>Leave “%1” blank in 1 record?</source>
        <translation>„%1“ in 1 Datensatz leer lassen?</translation>
    </message>
    <message>
        <source>Leave “%1” blank in %2 records?</source>
        <translation>„%1“ in %2 Datensätzen leer lassen?</translation>
    </message>
    <message>
        <source>Set “%1” to “%2” in 1 record?</source>
        <translation>„%1“ in 1 Datensatz auf „%2“ setzen?</translation>
    </message>
    <message>
        <source>Set “%1” to “%2” in %3 records?</source>
        <translation>„%1“ in %3 Datensätzen auf „%2“ setzen?</translation>
    </message>
    <message>
        <source>Change together</source>
        <translation>Zusammen ändern</translation>
    </message>
    <message>
        <source>Take back undoes it in one step.</source>
        <translation>Zurücknehmen macht es in einem Schritt ungeschehen.</translation>
    </message>
    <message>
        <source>Change them</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>the 1 record that is shown</source>
        <translation>dem 1 Datensatz, der gezeigt wird</translation>
    </message>
    <message>
        <source>all %1 records that are shown</source>
        <translation>allen %1 Datensätzen, die gezeigt werden</translation>
    </message>
    <message>
        <source>the 1 row that is chosen</source>
        <translation>der 1 Zeile, die gewählt ist</translation>
    </message>
    <message>
        <source>all %1 rows that are chosen</source>
        <translation>allen %1 Zeilen, die gewählt sind</translation>
    </message>
    <message>
        <source>What is “%1” to be in %2? Nothing leaves it blank.</source>
        <translation>Was soll „%1“ in %2 sein? Nichts lässt es leer.</translation>
    </message>
    <message>
        <source>Choose the rows first, with Shift and the Down key: the first one&apos;s value goes into the others.</source>
        <translation>Erst die Zeilen wählen, mit Umschalt und Pfeil abwärts: der Wert der ersten kommt in die anderen.</translation>
    </message>
    <message>
        <source>Narrow the records down first; a whole table is not deleted together.</source>
        <translation>Erst die Datensätze einschränken; eine ganze Tabelle wird nicht zusammen gelöscht.</translation>
    </message>
    <message>
        <source>These records cannot be deleted here.</source>
        <translation>Diese Datensätze können hier nicht gelöscht werden.</translation>
    </message>
    <message>
        <source>someone changed it meanwhile</source>
        <translation>jemand hat es inzwischen geändert</translation>
    </message>
    <message>
        <source>Delete together</source>
        <translation>Zusammen löschen</translation>
    </message>
    <message>
        <source>Delete the 1 record that is shown?</source>
        <translation>Den 1 Datensatz löschen, der gezeigt wird?</translation>
    </message>
    <message>
        <source>Delete all %1 records that are shown?</source>
        <translation>Alle %1 Datensätze löschen, die gezeigt werden?</translation>
    </message>
    <message>
        <source>Delete the 1 row that is chosen?</source>
        <translation>Die 1 Zeile löschen, die gewählt ist?</translation>
    </message>
    <message>
        <source>Delete the %1 rows that are chosen?</source>
        <translation>Die %1 Zeilen löschen, die gewählt sind?</translation>
    </message>
    <message>
        <source>What belongs to them goes along. Take back brings all of it back in one step, unless the database does something of its own.</source>
        <translation>Was dazu gehört, geht mit. Zurücknehmen bringt alles in einem Schritt wieder, außer die Datenbank tut etwas von sich aus.</translation>
    </message>
    <message>
        <source>Delete them</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>1 record</source>
        <translation>1 Datensatz</translation>
    </message>
    <message>
        <source>%1 records</source>
        <translation>%1 Datensätze</translation>
    </message>
    <message>
        <source>Nothing was deleted: someone changed the records meanwhile.</source>
        <translation>Nichts wurde gelöscht: jemand hat die Datensätze inzwischen geändert.</translation>
    </message>
    <message>
        <source>Deleted %1.</source>
        <translation>Gelöscht: %1.</translation>
    </message>
    <message>
        <source>This form has no boxes whose values could be written.</source>
        <translation>Dieses Formular hat keine Felder, deren Werte geschrieben werden könnten.</translation>
    </message>
    <message>
        <source>On this form records are only added, not read.</source>
        <translation>Auf diesem Formular werden Datensätze nur hinzugefügt, nicht gelesen.</translation>
    </message>
    <message>
        <source>The record is not there any more.</source>
        <translation>Der Datensatz ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Saving rows</source>
        <translation>Zeilen werden gespeichert</translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation>%1 wird geschrieben…</translation>
    </message>
    <message>
        <source>%L1 rows written</source>
        <translation>%L1 Zeilen geschrieben</translation>
    </message>
    <message>
        <source>Given up; nothing was saved.</source>
        <translation>Abgebrochen; nichts wurde gespeichert.</translation>
    </message>
    <message>
        <source>Saved 1 row as %1.</source>
        <translation>1 Zeile als %1 gespeichert.</translation>
    </message>
    <message>
        <source>Saved %2 rows as %1.</source>
        <translation>%2 Zeilen als %1 gespeichert.</translation>
    </message>
    <message>
        <source>The ending of %1 names no kind of file that rows can be saved as.</source>
        <translation>Die Endung von %1 nennt keine Dateiart, in der Zeilen gespeichert werden können.</translation>
    </message>
    <message>
        <source>Save the rows as</source>
        <translation>Die Zeilen speichern als</translation>
    </message>
    <message>
        <source>The record is not stored yet.</source>
        <translation>Der Datensatz ist noch nicht gespeichert.</translation>
    </message>
    <message>
        <source>The message is in your mail program; send it there.</source>
        <translation>Die Nachricht ist im Mailprogramm; dort absenden.</translation>
    </message>
    <message>
        <source>No mail program here takes a message with a file. Set up a mail server for the project.</source>
        <translation>Kein Mailprogramm hier nimmt eine Nachricht mit Datei. Einen Mailserver für das Projekt einrichten.</translation>
    </message>
    <message>
        <source>There is no mail program here.</source>
        <translation>Hier gibt es kein Mailprogramm.</translation>
    </message>
    <message>
        <source>The message is in %1.</source>
        <translation>Die Nachricht liegt in %1.</translation>
    </message>
    <message>
        <source>Sending the message…</source>
        <translation>Die Nachricht wird gesendet…</translation>
    </message>
    <message>
        <source>Sent to %1.</source>
        <translation>Gesendet an %1.</translation>
    </message>
    <message>
        <source>The mail server had all of the message and did not say what became of it. It waits; see “Messages that wait” before you send it again.</source>
        <translation>Der Mailserver hatte die ganze Nachricht und sagte nicht, was aus ihr wurde. Sie wartet; vor dem nochmaligen Senden „Wartende Nachrichten“ ansehen.</translation>
    </message>
    <message>
        <source>The message waits; “Messages that wait” sends it again.</source>
        <translation>Die Nachricht wartet; „Wartende Nachrichten“ sendet sie noch einmal.</translation>
    </message>
    <message>
        <source>Words of the message</source>
        <translation>Wörter der Nachricht</translation>
    </message>
    <message>
        <source>Goes along: %1 (%2)</source>
        <translation>Geht mit: %1 (%2)</translation>
    </message>
    <message>
        <source>To the mail program</source>
        <translation>Zum Mailprogramm</translation>
    </message>
    <message>
        <source>&amp;Send</source>
        <translation>&amp;Senden</translation>
    </message>
    <message>
        <source>Nothing was sent.</source>
        <translation>Nichts wurde gesendet.</translation>
    </message>
    <message>
        <source>No message waits to be sent.</source>
        <translation>Keine Nachricht wartet aufs Senden.</translation>
    </message>
    <message>
        <source>Messages that wait</source>
        <translation>Wartende Nachrichten</translation>
    </message>
    <message>
        <source>&amp;Send it now</source>
        <translation>Jetzt &amp;senden</translation>
    </message>
    <message>
        <source>&amp;Let it go</source>
        <translation>&amp;Fallen lassen</translation>
    </message>
    <message>
        <source>%1 to %2
%3</source>
        <comment>subject, addresses, why it waits</comment>
        <translation>%1 an %2
%3</translation>
    </message>
    <message>
        <source>It may have been sent already; ask before you send it again.</source>
        <translation>Sie kann schon gesendet sein; vor dem nochmaligen Senden nachfragen.</translation>
    </message>
    <message>
        <source>My own way</source>
        <translation>Meine Art</translation>
    </message>
    <message>
        <source>How you have this form on this computer. Everybody else has it as it was built.</source>
        <translation>Wie Sie dieses Formular auf diesem Computer haben. Alle anderen haben es, wie es gebaut wurde.</translation>
    </message>
    <message>
        <source>Boxes of the form</source>
        <translation>Felder des Formulars</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Gezeigt</translation>
    </message>
    <message>
        <source>&amp;Rows close together</source>
        <translation>Zeilen &amp;eng beieinander</translation>
    </message>
    <message>
        <source>Captions where they were put</source>
        <translation>Beschriftungen, wo sie gesetzt wurden</translation>
    </message>
    <message>
        <source>Captions beside their boxes</source>
        <translation>Beschriftungen neben ihren Feldern</translation>
    </message>
    <message>
        <source>Captions above their boxes</source>
        <translation>Beschriftungen über ihren Feldern</translation>
    </message>
    <message>
        <source>As it was &amp;built</source>
        <translation>Wie es &amp;gebaut wurde</translation>
    </message>
    <message>
        <source>Keep it so</source>
        <translation>So behalten</translation>
    </message>
    <message>
        <source>Further &amp;left</source>
        <translation>Weiter &amp;links</translation>
    </message>
    <message>
        <source>Further ri&amp;ght</source>
        <translation>Weiter &amp;rechts</translation>
    </message>
    <message>
        <source>&amp;Wider</source>
        <translation>&amp;Breiter</translation>
    </message>
    <message>
        <source>&amp;Narrower</source>
        <translation>&amp;Schmaler</translation>
    </message>
    <message>
        <source>This form shows no records that could be printed.</source>
        <translation>Dieses Formular zeigt keine Datensätze, die gedruckt werden könnten.</translation>
    </message>
    <message>
        <source>The record is not stored yet. Save it, then print it.</source>
        <translation>Der Datensatz ist noch nicht gespeichert. Erst speichern, dann drucken.</translation>
    </message>
    <message>
        <source>There are no records to print.</source>
        <translation>Es gibt keine Datensätze zu drucken.</translation>
    </message>
    <message>
        <source>The pages could not be painted.</source>
        <translation>Die Seiten konnten nicht gemalt werden.</translation>
    </message>
    <message>
        <source>The pages could not be put together.</source>
        <translation>Die Seiten konnten nicht zusammengesetzt werden.</translation>
    </message>
    <message>
        <source>all records that are shown</source>
        <translation>alle gezeigten Datensätze</translation>
    </message>
    <message>
        <source>What is printed</source>
        <translation>Was gedruckt wird</translation>
    </message>
    <message>
        <source>only this record</source>
        <translation>nur dieser Datensatz</translation>
    </message>
    <message>
        <source>How the paper lies</source>
        <translation>Wie das Papier liegt</translation>
    </message>
    <message>
        <source>Boxes on paper</source>
        <translation>Felder auf Papier</translation>
    </message>
    <message>
        <source>Each record on a page of its own</source>
        <translation>Jeder Datensatz auf einer eigenen Seite</translation>
    </message>
    <message>
        <source>Page </source>
        <comment>before a number</comment>
        <translation>Seite </translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation>&amp;Drucken…</translation>
    </message>
    <message>
        <source>&amp;Save as…</source>
        <translation>&amp;Speichern als…</translation>
    </message>
    <message>
        <source>of 1 page</source>
        <translation>von 1 Seite</translation>
    </message>
    <message>
        <source>of %1 pages</source>
        <translation>von %1 Seiten</translation>
    </message>
    <message>
        <source>of 1 page so far; more are laid out…</source>
        <translation>von bisher 1 Seite; weitere werden gesetzt…</translation>
    </message>
    <message>
        <source>of %1 pages so far; more are laid out…</source>
        <translation>von bisher %1 Seiten; weitere werden gesetzt…</translation>
    </message>
    <message>
        <source>Printing…</source>
        <translation>Es wird gedruckt…</translation>
    </message>
    <message>
        <source>The printer takes nothing now. Choose another one, or save the pages as a file.</source>
        <translation>Der Drucker nimmt jetzt nichts an. Einen anderen wählen oder die Seiten als Datei speichern.</translation>
    </message>
    <message>
        <source>Given up; the printer may have some pages already.</source>
        <translation>Abgebrochen; der Drucker kann schon einige Seiten haben.</translation>
    </message>
    <message>
        <source>Printed 1 page.</source>
        <translation>1 Seite gedruckt.</translation>
    </message>
    <message>
        <source>Printed %1 pages.</source>
        <translation>%1 Seiten gedruckt.</translation>
    </message>
    <message>
        <source>Save the pages as</source>
        <translation>Die Seiten speichern als</translation>
    </message>
    <message>
        <source>One file of pages (*.pdf);;A picture of each page (*.png);;A drawing of each page (*.svg)</source>
        <translation>Eine Datei mit Seiten (*.pdf);;Ein Bild jeder Seite (*.png);;Eine Zeichnung jeder Seite (*.svg)</translation>
    </message>
    <message>
        <source>Saving the pages…</source>
        <translation>Die Seiten werden gespeichert…</translation>
    </message>
    <message>
        <source>Saved 1 page as %1.</source>
        <translation>1 Seite als %1 gespeichert.</translation>
    </message>
    <message>
        <source>Saved %2 pages as %1.</source>
        <translation>%2 Seiten als %1 gespeichert.</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Als %1 gespeichert.</translation>
    </message>
    <message>
        <source>It was changed on %1.</source>
        <translation>Es wurde am %1 geändert.</translation>
    </message>
    <message>
        <source>%1 changed it.</source>
        <translation>%1 hat es geändert.</translation>
    </message>
    <message>
        <source>%1 changed it on %2.</source>
        <translation>%1 hat es am %2 geändert.</translation>
    </message>
    <message>
        <source>Two people changed this record</source>
        <translation>Zwei Leute änderten diesen Datensatz</translation>
    </message>
    <message>
        <source>Someone else saved this record while you worked on it. Choose what is to stand in each box.</source>
        <translation>Jemand anders speicherte diesen Datensatz, während Sie daran arbeiteten. Wählen, was in jedem Feld stehen soll.</translation>
    </message>
    <message>
        <source>Mine</source>
        <translation>Meines</translation>
    </message>
    <message>
        <source>Stored now</source>
        <translation>Jetzt gespeichert</translation>
    </message>
    <message>
        <source>Something else</source>
        <translation>Etwas anderes</translation>
    </message>
    <message>
        <source>%1 (as it was)</source>
        <translation>%1 (wie es war)</translation>
    </message>
    <message>
        <source>%1: mine, %2</source>
        <translation>%1: meines, %2</translation>
    </message>
    <message>
        <source>%1: stored now, %2</source>
        <translation>%1: jetzt gespeichert, %2</translation>
    </message>
    <message>
        <source>%1: something else</source>
        <translation>%1: etwas anderes</translation>
    </message>
    <message>
        <source>Save it so</source>
        <translation>So speichern</translation>
    </message>
    <message>
        <source>Decide later</source>
        <translation>Später entscheiden</translation>
    </message>
    <message>
        <source>What I did</source>
        <translation>Was ich tat</translation>
    </message>
    <message>
        <source>Take it back</source>
        <translation>Zurücknehmen</translation>
    </message>
    <message>
        <source>%1   %2</source>
        <comment>a time and what was done</comment>
        <translation>%1   %2</translation>
    </message>
    <message>
        <source>Nothing was saved or deleted here since the form was opened.</source>
        <translation>Seit das Formular geöffnet ist, wurde hier nichts gespeichert oder gelöscht.</translation>
    </message>
    <message>
        <source>The last is above. What somebody changed again since stays as it is.</source>
        <translation>Das Letzte steht oben. Was inzwischen jemand wieder änderte, bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>Taken back: %1</source>
        <translation>Zurückgenommen: %1</translation>
    </message>
    <message>
        <source>That cannot be taken back any more: the record is not as it was left.</source>
        <translation>Das lässt sich nicht mehr zurücknehmen: der Datensatz ist nicht, wie er verlassen wurde.</translation>
    </message>
    <message>
        <source>This button has no form to open yet. Choose one among its settings.</source>
        <translation>Diese Schaltfläche hat noch kein Formular zu öffnen. Eines in ihren Einstellungen wählen.</translation>
    </message>
    <message>
        <source>There are no records yet.</source>
        <translation>Es gibt noch keine Datensätze.</translation>
    </message>
    <message>
        <source>This is the last record.</source>
        <translation>Das ist der letzte Datensatz.</translation>
    </message>
    <message>
        <source>This is the first record.</source>
        <translation>Das ist der erste Datensatz.</translation>
    </message>
    <message>
        <source>The records are still being counted; try again in a moment.</source>
        <translation>Die Datensätze werden noch gezählt; gleich noch einmal versuchen.</translation>
    </message>
    <message>
        <source>There is no such record.</source>
        <translation>Einen solchen Datensatz gibt es nicht.</translation>
    </message>
    <message>
        <source>Someone else deleted this record meanwhile.</source>
        <translation>Jemand anders hat diesen Datensatz inzwischen gelöscht.</translation>
    </message>
    <message>
        <source>Not saved: %1</source>
        <translation>Nicht gespeichert: %1</translation>
    </message>
    <message>
        <source>%1 boxes need mending before this record can be saved.</source>
        <translation>%1 Felder müssen gerichtet werden, ehe dieser Datensatz gespeichert werden kann.</translation>
    </message>
    <message>
        <source>Not deleted: %1</source>
        <translation>Nicht gelöscht: %1</translation>
    </message>
    <message>
        <source>The table “%1” is gone, so nothing can be saved there. What you typed is kept.</source>
        <translation>Die Tabelle „%1“ ist fort, daher kann dort nichts gespeichert werden. Das Getippte ist aufbewahrt.</translation>
    </message>
    <message>
        <source>It does not belong to the rows of this form any more.</source>
        <translation>Er gehört nicht mehr zu den Zeilen dieses Formulars.</translation>
    </message>
    <message>
        <source>Added “%1”.</source>
        <translation>„%1“ hinzugefügt.</translation>
    </message>
    <message>
        <source>Saved “%1”: %2.</source>
        <translation>„%1“ gespeichert: %2.</translation>
    </message>
    <message>
        <source>Saved. It does not belong to the rows of this form any more, and goes when you leave it.</source>
        <translation>Gespeichert. Er gehört nicht mehr zu den Zeilen dieses Formulars und geht, wenn Sie ihn verlassen.</translation>
    </message>
    <message>
        <source>Someone else changed this record meanwhile. Nothing was overwritten.</source>
        <translation>Jemand anders hat diesen Datensatz inzwischen geändert. Nichts wurde überschrieben.</translation>
    </message>
    <message>
        <source>Someone else deleted this record meanwhile. What you typed is kept.</source>
        <translation>Jemand anders hat diesen Datensatz inzwischen gelöscht. Das Getippte ist aufbewahrt.</translation>
    </message>
    <message>
        <source>What belongs to it could not be read, so this cannot be taken back.</source>
        <translation>Was dazu gehört, konnte nicht gelesen werden, daher lässt sich dies nicht zurücknehmen.</translation>
    </message>
    <message>
        <source>what was typed was saved first, and the record is no longer in hand. Find it, and delete it then.</source>
        <translation>das Getippte wurde erst gespeichert, und der Datensatz ist nicht mehr zur Hand. Ihn suchen und dann löschen.</translation>
    </message>
    <message>
        <source>Deleted “%1”.</source>
        <translation>„%1“ gelöscht.</translation>
    </message>
    <message>
        <source>%1 is not shown, and holds a value.</source>
        <translation>%1 wird nicht gezeigt und hat einen Wert.</translation>
    </message>
    <message>
        <source>These are not shown, and hold values: %1.</source>
        <translation>Diese werden nicht gezeigt und haben Werte: %1.</translation>
    </message>
    <message>
        <source>Not saved yet: %1</source>
        <translation>Noch nicht gespeichert: %1</translation>
    </message>
    <message>
        <source>Put this record back as it is stored</source>
        <translation>Diesen Datensatz zurücksetzen, wie er gespeichert ist</translation>
    </message>
    <message>
        <source>Bring back what was typed</source>
        <translation>Das Getippte zurückbringen</translation>
    </message>
    <message>
        <source>There is nothing to take back</source>
        <translation>Es gibt nichts zurückzunehmen</translation>
    </message>
    <message>
        <source>The new record was let go.</source>
        <translation>Der neue Datensatz wurde fallen gelassen.</translation>
    </message>
    <message>
        <source>The record is as it is stored.</source>
        <translation>Der Datensatz ist, wie er gespeichert ist.</translation>
    </message>
    <message>
        <source>What was typed is back.</source>
        <translation>Das Getippte ist wieder da.</translation>
    </message>
    <message>
        <source>“%1” is back.</source>
        <translation>„%1“ ist wieder da.</translation>
    </message>
    <message>
        <source>Taken back: “%1”.</source>
        <translation>Zurückgenommen: „%1“.</translation>
    </message>
    <message>
        <source>This is not written %1</source>
        <translation>Das ist nicht %1 geschrieben</translation>
    </message>
    <message>
        <source>, or </source>
        <translation>, oder </translation>
    </message>
    <message>
        <source>The table “%1” has no column “%2”; what asks for it stays empty.</source>
        <translation>Die Tabelle „%1“ hat keine Spalte „%2“; was danach fragt, bleibt leer.</translation>
    </message>
    <message>
        <source>The table “%1” has %2 columns less than the form asks for (%3); what asks for them stays empty.</source>
        <translation>Die Tabelle „%1“ hat %2 Spalten weniger, als das Formular verlangt (%3); was danach fragt, bleibt leer.</translation>
    </message>
    <message>
        <source>Take back the change of “%1”</source>
        <translation>Die Änderung von „%1“ zurücknehmen</translation>
    </message>
    <message>
        <source>Take back adding “%1”</source>
        <translation>Das Hinzufügen von „%1“ zurücknehmen</translation>
    </message>
    <message>
        <source>Bring “%1” back</source>
        <translation>„%1“ zurückbringen</translation>
    </message>
    <message>
        <source>Take back: %1</source>
        <translation>Zurücknehmen: %1</translation>
    </message>
    <message>
        <source>Saved “%1”</source>
        <translation>„%1“ gespeichert</translation>
    </message>
    <message>
        <source>Added “%1”</source>
        <translation>„%1“ hinzugefügt</translation>
    </message>
    <message>
        <source>Deleted “%1”</source>
        <translation>„%1“ gelöscht</translation>
    </message>
    <message>
        <source>Deleted %1</source>
        <translation>%1 gelöscht</translation>
    </message>
    <message>
        <source>Changed %1</source>
        <translation>%1 geändert</translation>
    </message>
    <message>
        <source>Put in %1</source>
        <translation>%1 übernommen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a caption and a value</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: %2 → %3</source>
        <comment>a caption, a value and what it became</comment>
        <translation>%1: %2 → %3</translation>
    </message>
    <message>
        <source>1 row of “%1”</source>
        <translation>1 Zeile von „%1“</translation>
    </message>
    <message>
        <source>%2 rows of “%1”</source>
        <translation>%2 Zeilen von „%1“</translation>
    </message>
    <message>
        <source>The column “%1” is gone from the table; what is typed here cannot be saved</source>
        <translation>Die Spalte „%1“ fehlt in der Tabelle; was hier getippt wird, kann nicht gespeichert werden</translation>
    </message>
    <message>
        <source>another picture</source>
        <translation>ein anderes Bild</translation>
    </message>
    <message>
        <source>Stored meanwhile: %1</source>
        <translation>Inzwischen gespeichert: %1</translation>
    </message>
    <message>
        <source>The database will keep it while others point to it or to what belongs to it: %1.</source>
        <translation>Die Datenbank behält ihn, solange andere auf ihn oder das ihm Zugehörige zeigen: %1.</translation>
    </message>
    <message>
        <source>With it go %1.</source>
        <translation>Mit ihm gehen %1.</translation>
    </message>
    <message>
        <source>These stay and do not point to it any more: %1.</source>
        <translation>Diese bleiben und zeigen nicht mehr auf ihn: %1.</translation>
    </message>
    <message>
        <source>These go on pointing to it, for the database knows of no link: %1.</source>
        <translation>Diese zeigen weiter auf ihn, denn die Datenbank kennt keine Verknüpfung: %1.</translation>
    </message>
    <message>
        <source>The database does something of its own on deleting, which cannot be taken back.</source>
        <translation>Die Datenbank tut beim Löschen etwas von sich aus, das sich nicht zurücknehmen lässt.</translation>
    </message>
    <message>
        <source>It can be brought back with Take back until the next record is saved or deleted.</source>
        <translation>Er lässt sich mit Zurücknehmen wiederbringen, bis der nächste Datensatz gespeichert oder gelöscht wird.</translation>
    </message>
    <message>
        <source>All of it can be brought back with Take back until the next record is saved or deleted.</source>
        <translation>Alles lässt sich mit Zurücknehmen wiederbringen, bis der nächste Datensatz gespeichert oder gelöscht wird.</translation>
    </message>
    <message>
        <source>So many rows cannot be brought back.</source>
        <translation>So viele Zeilen lassen sich nicht wiederbringen.</translation>
    </message>
    <message>
        <source>Nabblet</source>
        <translation>Nabblet</translation>
    </message>
    <message>
        <source>Not tried yet</source>
        <translation>Noch nicht versucht</translation>
    </message>
    <message>
        <source>in the part “%1”</source>
        <translation>im Teil „%1“</translation>
    </message>
    <message>
        <source>where it is so</source>
        <translation>wo es so ist</translation>
    </message>
    <message>
        <source>where it is not so</source>
        <translation>wo es nicht so ist</translation>
    </message>
    <message>
        <source>Not tried %1</source>
        <translation>Nicht versucht: %1</translation>
    </message>
    <message>
        <source>%1: the part “%2” was not seen</source>
        <translation>%1: der Teil „%2“ wurde nicht gesehen</translation>
    </message>
    <message>
        <source>%1: not seen where it is so</source>
        <translation>%1: nicht gesehen, wo es so ist</translation>
    </message>
    <message>
        <source>%1: not seen where it is not so</source>
        <translation>%1: nicht gesehen, wo es nicht so ist</translation>
    </message>
    <message>
        <source>The record in hand has to be saved or put back first.</source>
        <translation>Der Datensatz zur Hand muss erst gespeichert oder zurückgesetzt werden.</translation>
    </message>
    <message>
        <source>The form has no rows.</source>
        <translation>Das Formular hat keine Zeilen.</translation>
    </message>
    <message>
        <source>Example</source>
        <translation>Beispiel</translation>
    </message>
    <message>
        <source>This form takes no new records, or the one in hand has to be saved or put back first.</source>
        <translation>Dieses Formular nimmt keine neuen Datensätze, oder der zur Hand muss erst gespeichert oder zurückgesetzt werden.</translation>
    </message>
    <message>
        <source>The form has no box for “%1”, by which this would be seen.</source>
        <translation>Das Formular hat kein Feld für „%1“, an dem dies zu sehen wäre.</translation>
    </message>
    <message>
        <source>a day of this year, the next such day, days from today</source>
        <translation>ein Tag dieses Jahres, der nächste solche Tag, Tage ab heute</translation>
    </message>
    <message>
        <source>Up, Down</source>
        <translation>Auf, Ab</translation>
    </message>
    <message>
        <source>the part in which the cursor is, one on or back</source>
        <translation>der Teil, in dem der Cursor steht, eins weiter oder zurück</translation>
    </message>
    <message>
        <source>opens the calendar</source>
        <translation>öffnet den Kalender</translation>
    </message>
    <message>
        <source>a sum is worked out when the box is left</source>
        <translation>eine Rechnung wird beim Verlassen des Feldes ausgerechnet</translation>
    </message>
    <message>
        <source>one more or less</source>
        <translation>eins mehr oder weniger</translation>
    </message>
    <message>
        <source>Letters</source>
        <translation>Buchstaben</translation>
    </message>
    <message>
        <source>narrow the choices down</source>
        <translation>engen die Auswahl ein</translation>
    </message>
    <message>
        <source>opens the list; Enter takes a choice and goes on</source>
        <translation>öffnet die Liste; die Eingabetaste nimmt eines und geht weiter</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>ticks it or takes the tick away</source>
        <translation>kreuzt an oder nimmt das Kreuz weg</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>a new line; Tab goes on</source>
        <translation>eine neue Zeile; Tab geht weiter</translation>
    </message>
    <message>
        <source>opens it in a window of its own</source>
        <translation>öffnet es in einem eigenen Fenster</translation>
    </message>
    <message>
        <source>Tab, Enter</source>
        <translation>Tab, Eingabe</translation>
    </message>
    <message>
        <source>goes on to the next box; Shift+Tab goes back</source>
        <translation>geht zum nächsten Feld; Umschalt+Tab geht zurück</translation>
    </message>
    <message>
        <source>shows the picture large; + and − there</source>
        <translation>zeigt das Bild groß; dort + und −</translation>
    </message>
    <message>
        <source>puts in the picture from the clipboard</source>
        <translation>setzt das Bild aus der Zwischenablage ein</translation>
    </message>
    <message>
        <source>Ctrl+Enter</source>
        <translation>Strg+Eingabe</translation>
    </message>
    <message>
        <source>opens what the address leads to</source>
        <translation>öffnet, wohin die Adresse führt</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>puts this box back as it is stored</source>
        <translation>setzt dieses Feld zurück, wie es gespeichert ist</translation>
    </message>
    <message>
        <source>In “%1”</source>
        <translation>In „%1“</translation>
    </message>
    <message>
        <source>In the rows</source>
        <translation>In den Zeilen</translation>
    </message>
    <message>
        <source>the row above or below</source>
        <translation>die Zeile darüber oder darunter</translation>
    </message>
    <message>
        <source>Ctrl+arrows</source>
        <translation>Strg+Pfeile</translation>
    </message>
    <message>
        <source>the box above, below or beside, whatever the box is</source>
        <translation>das Feld darüber, darunter oder daneben, was für ein Feld es auch ist</translation>
    </message>
    <message>
        <source>Shift+Up, Shift+Down</source>
        <translation>Umschalt+Auf, Umschalt+Ab</translation>
    </message>
    <message>
        <source>choose several rows; Escape lets go of them</source>
        <translation>mehrere Zeilen wählen; Esc lässt sie los</translation>
    </message>
    <message>
        <source>PgUp, PgDown</source>
        <translation>Bild auf, Bild ab</translation>
    </message>
    <message>
        <source>as many rows as are in sight</source>
        <translation>so viele Zeilen, wie zu sehen sind</translation>
    </message>
    <message>
        <source>Ctrl+V</source>
        <translation>Strg+V</translation>
    </message>
    <message>
        <source>rows that were copied from a sheet of cells come in, after a look</source>
        <translation>Zeilen, die aus einer Tabelle kopiert wurden, kommen nach einem Blick herein</translation>
    </message>
    <message>
        <source>a click on a head</source>
        <translation>ein Klick auf einen Kopf</translation>
    </message>
    <message>
        <source>sorts by it, and once more the other way round</source>
        <translation>sortiert danach und noch einmal umgekehrt</translation>
    </message>
    <message>
        <source>On the whole form</source>
        <translation>Auf dem ganzen Formular</translation>
    </message>
    <message>
        <source>Keys of “%1”</source>
        <translation>Tasten von „%1“</translation>
    </message>
    <message>
        <source>Keys that work here</source>
        <translation>Tasten, die hier gelten</translation>
    </message>
    <message>
        <source>&amp;Print them…</source>
        <translation>&amp;Drucken…</translation>
    </message>
    <message>
        <source>Go into a box first whose choices come from another table.</source>
        <translation>Erst in ein Feld gehen, dessen Auswahl aus einer anderen Tabelle kommt.</translation>
    </message>
    <message>
        <source>“%1” shows no row yet.</source>
        <translation>„%1“ zeigt noch keine Zeile.</translation>
    </message>
    <message>
        <source>Nothing can be chosen in this box now.</source>
        <translation>In diesem Feld kann jetzt nichts gewählt werden.</translation>
    </message>
    <message>
        <source>No rows may be added to “%1”.</source>
        <translation>Zu „%1“ dürfen keine Zeilen hinzukommen.</translation>
    </message>
    <message>
        <source>Go into a box first.</source>
        <translation>Erst in ein Feld gehen.</translation>
    </message>
    <message>
        <source>&amp;First</source>
        <translation>&amp;Erster</translation>
    </message>
    <message>
        <source>&amp;Last</source>
        <translation>&amp;Letzter</translation>
    </message>
    <message>
        <source>To the &amp;list of records</source>
        <translation>Zur Liste der &amp;Datensätze</translation>
    </message>
    <message>
        <source>This form has no list of records beside it.</source>
        <translation>Dieses Formular hat keine Datensatzliste daneben.</translation>
    </message>
    <message>
        <source>F&amp;ind…</source>
        <translation>Su&amp;chen…</translation>
    </message>
    <message>
        <source>&amp;Only with such a value…</source>
        <translation>Nur &amp;mit so einem Wert…</translation>
    </message>
    <message>
        <source>Look for by the for&amp;m…</source>
        <translation>M&amp;it dem Formular suchen…</translation>
    </message>
    <message>
        <source>&amp;Kept questions…</source>
        <translation>Aufbewahrte &amp;Fragen…</translation>
    </message>
    <message>
        <source>&amp;All records again</source>
        <translation>Wieder &amp;alle Datensätze</translation>
    </message>
    <message>
        <source>Sort &amp;by this box</source>
        <translation>Nach diesem Feld s&amp;ortieren</translation>
    </message>
    <message>
        <source>Sort by this box, the last first</source>
        <translation>Nach diesem Feld sortieren, das Letzte zuerst</translation>
    </message>
    <message>
        <source>&amp;Repeat from the record before</source>
        <translation>&amp;Wiederholen aus dem Datensatz davor</translation>
    </message>
    <message>
        <source>There is no record before, or nothing to be typed here.</source>
        <translation>Davor ist kein Datensatz, oder hier ist nichts zu tippen.</translation>
    </message>
    <message>
        <source>Repeat in all blank boxes</source>
        <translation>In allen leeren Feldern wiederholen</translation>
    </message>
    <message>
        <source>There is no record before, or no box is blank.</source>
        <translation>Davor ist kein Datensatz, oder kein Feld ist leer.</translation>
    </message>
    <message>
        <source>Put in to&amp;day</source>
        <translation>&amp;Heute einsetzen</translation>
    </message>
    <message>
        <source>This box takes no date.</source>
        <translation>Dieses Feld nimmt kein Datum.</translation>
    </message>
    <message>
        <source>Put in the time no&amp;w</source>
        <translation>&amp;Uhrzeit einsetzen</translation>
    </message>
    <message>
        <source>This box takes no date and no time.</source>
        <translation>Dieses Feld nimmt weder Datum noch Uhrzeit.</translation>
    </message>
    <message>
        <source>Keep this value for ne&amp;w records</source>
        <translation>Diesen Wert für neue Datensätze &amp;behalten</translation>
    </message>
    <message>
        <source>New records take over “%1” from the one before.</source>
        <translation>Neue Datensätze übernehmen „%1“ von dem davor.</translation>
    </message>
    <message>
        <source>New records do not take over “%1” any more.</source>
        <translation>Neue Datensätze übernehmen „%1“ nicht mehr.</translation>
    </message>
    <message>
        <source>&amp;Open what this box shows…</source>
        <translation>Ö&amp;ffnen, was dieses Feld zeigt…</translation>
    </message>
    <message>
        <source>Add to the &amp;choices of this box…</source>
        <translation>Zur Au&amp;swahl dieses Feldes hinzufügen…</translation>
    </message>
    <message>
        <source>Add &amp;new</source>
        <translation>Neuer Da&amp;tensatz</translation>
    </message>
    <message>
        <source>Add one l&amp;ike this</source>
        <translation>Einen wie diesen hin&amp;zufügen</translation>
    </message>
    <message>
        <source>Chan&amp;ge this box in all chosen or shown…</source>
        <translation>Dieses Feld in allen &amp;gewählten oder gezeigten ändern…</translation>
    </message>
    <message>
        <source>&amp;Fill down in the chosen rows…</source>
        <translation>In den gewählten Zeilen &amp;auffüllen…</translation>
    </message>
    <message>
        <source>Choose this row as well</source>
        <translation>Diese Zeile dazu wählen</translation>
    </message>
    <message>
        <source>Delete all shown…</source>
        <translation>Alle gezeigten löschen…</translation>
    </message>
    <message>
        <source>D&amp;elete…</source>
        <translation>Lösc&amp;hen…</translation>
    </message>
    <message>
        <source>&amp;Take back</source>
        <translation>Zu&amp;rücknehmen</translation>
    </message>
    <message>
        <source>&amp;Copy as cells</source>
        <translation>Als Zellen &amp;kopieren</translation>
    </message>
    <message>
        <source>Save the rows as a &amp;file…</source>
        <translation>Die Zeilen als Datei s&amp;peichern…</translation>
    </message>
    <message>
        <source>Rows from a f&amp;ile…</source>
        <translation>Zeilen aus einer Dat&amp;ei…</translation>
    </message>
    <message>
        <source>Messages that wai&amp;t…</source>
        <translation>&amp;Wartende Nachrichten…</translation>
    </message>
    <message>
        <source>What I &amp;did…</source>
        <translation>Was &amp;ich tat…</translation>
    </message>
    <message>
        <source>M&amp;y own way of this form…</source>
        <translation>M&amp;eine Art dieses Formulars…</translation>
    </message>
    <message>
        <source>Keys that work here…</source>
        <translation>Tasten, die hier gelten…</translation>
    </message>
    <message>
        <source>Enter shows the records that are asked for, Escape goes back to them.</source>
        <translation>Die Eingabetaste zeigt die gefragten Datensätze, Esc geht zu ihnen zurück.</translation>
    </message>
    <message>
        <source>“%1” shows what is worked out, so that no records can be looked for by it.</source>
        <translation>„%1“ zeigt Berechnetes, daher kann nicht danach gesucht werden.</translation>
    </message>
    <message>
        <source>by %1, the last first</source>
        <translation>nach %1, das Letzte zuerst</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>nach %1</translation>
    </message>
    <message>
        <source>Keep the question</source>
        <translation>Die Frage aufbewahren</translation>
    </message>
    <message>
        <source>Name of the question</source>
        <translation>Name der Frage</translation>
    </message>
    <message>
        <source>What it is called</source>
        <translation>Wie sie heißt</translation>
    </message>
    <message>
        <source>For all who work with this project</source>
        <translation>Für alle, die mit diesem Projekt arbeiten</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Aufbewahren</translation>
    </message>
    <message>
        <source>“%1” is kept in the project.</source>
        <translation>„%1“ ist im Projekt aufbewahrt.</translation>
    </message>
    <message>
        <source>“%1” is kept; “Kept questions” in the Records menu asks it again.</source>
        <translation>„%1“ ist aufbewahrt; „Aufbewahrte Fragen“ im Menü Datensätze stellt sie wieder.</translation>
    </message>
    <message>
        <source>Kept questions</source>
        <translation>Aufbewahrte Fragen</translation>
    </message>
    <message>
        <source>Ask it</source>
        <translation>Stellen</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>Fallen lassen</translation>
    </message>
    <message>
        <source>%1 (of the project)</source>
        <translation>%1 (des Projekts)</translation>
    </message>
    <message>
        <source>None is kept yet. Narrow the records down and press “Keep…” above the form.</source>
        <translation>Noch keine ist aufbewahrt. Die Datensätze einschränken und „Behalten…“ über dem Formular drücken.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a caption and what stands there</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>“%1” in %2</source>
        <comment>words in rows that belong to the record</comment>
        <translation>„%1“ in %2</translation>
    </message>
    <message>
        <source>many</source>
        <comment>the words that 0 goes with: many or one</comment>
        <translation>many</translation>
    </message>
    <message>
        <source>Language of the pro&amp;gram</source>
        <translation>Sprache des Progra&amp;mms</translation>
    </message>
    <message>
        <source>The program speaks so from its next start on.</source>
        <translation>Das Programm spricht so ab seinem nächsten Start.</translation>
    </message>
    <message>
        <source>As on the &amp;desktop</source>
        <translation>Wie auf dem &amp;Desktop</translation>
    </message>
    <message>
        <source>lower</source>
        <comment>names within a sentence: lower or as they are</comment>
        <translation>as they are</translation>
    </message>
    <message>
        <source>The guide</source>
        <translation>Die Anleitung</translation>
    </message>
    <message>
        <source>Guide to Nabblet</source>
        <translation>Anleitung zu Nabblet</translation>
    </message>
    <message>
        <source>Help for this place</source>
        <translation>Hilfe zu dieser Stelle</translation>
    </message>
    <message>
        <source>The window</source>
        <translation>Das Fenster</translation>
    </message>
    <message>
        <source>In the &amp;guide</source>
        <translation>In der &amp;Anleitung</translation>
    </message>
    <message>
        <source>&amp;Print the keys…</source>
        <translation>Tasten &amp;drucken…</translation>
    </message>
    <message>
        <source>Keys of Nabblet</source>
        <translation>Tasten von Nabblet</translation>
    </message>
    <message>
        <source>&amp;Help for this place</source>
        <translation>&amp;Hilfe zu dieser Stelle</translation>
    </message>
    <message>
        <source>&amp;Guide</source>
        <translation>&amp;Anleitung</translation>
    </message>
    <message>
        <source>Fill in a column</source>
        <translation>Eine Spalte ausfüllen lassen</translation>
    </message>
    <message>
        <source>Puts a column in where the cursor is; it is filled in for the record at hand</source>
        <translation>Setzt eine Spalte an der Schreibstelle ein; sie wird für den vorliegenden Datensatz ausgefüllt</translation>
    </message>
    <message>
        <source>Sent what waited for %1.</source>
        <translation>Gesendet, was für %1 wartete.</translation>
    </message>
    <message>
        <source>Find…</source>
        <translation>Suchen…</translation>
    </message>
    <message>
        <source>Find in all forms</source>
        <translation>In allen Formularen suchen</translation>
    </message>
    <message>
        <source>Words, numbers or dates of a record, in any order</source>
        <translation>Wörter, Zahlen oder Daten eines Datensatzes, in beliebiger Reihenfolge</translation>
    </message>
    <message>
        <source>Words of the record</source>
        <translation>Wörter des Datensatzes</translation>
    </message>
    <message>
        <source>Records found</source>
        <translation>Gefundene Datensätze</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Dorthin gehen</translation>
    </message>
    <message>
        <source>%1:   %2</source>
        <comment>a form and a record</comment>
        <translation>%1:   %2</translation>
    </message>
    <message>
        <source>%1:   %2   –   %3</source>
        <comment>a form, a record and where in it the words are</comment>
        <translation>%1:   %2   –   %3</translation>
    </message>
    <message>
        <source>No button of this form opens another one with records.</source>
        <translation>Keine Schaltfläche dieses Formulars öffnet ein anderes mit Datensätzen.</translation>
    </message>
    <message>
        <source>What was used last. Words find a record in any form.</source>
        <translation>Zuletzt Gebrauchtes. Wörter finden einen Datensatz in jedem Formular.</translation>
    </message>
    <message>
        <source>Words find a record in any form.</source>
        <translation>Wörter finden einen Datensatz in jedem Formular.</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Wird gesucht…</translation>
    </message>
    <message>
        <source>No record of any form has these words.</source>
        <translation>Kein Datensatz irgendeines Formulars hat diese Wörter.</translation>
    </message>
    <message>
        <source>One record</source>
        <translation>Ein Datensatz</translation>
    </message>
    <message>
        <source>One record so far; still looking…</source>
        <translation>Bisher ein Datensatz; wird weiter gesucht…</translation>
    </message>
    <message>
        <source>%1 records so far; still looking…</source>
        <translation>Bisher %1 Datensätze; wird weiter gesucht…</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>The record in words</source>
        <translation>Der Datensatz in Worten</translation>
    </message>
    <message>
        <source>%1   {%2}</source>
        <translation>%1   {%2}</translation>
    </message>
    <message>
        <source>%1 is something else. Choose a new file, or one that was handed over before.</source>
        <translation>%1 ist etwas anderes. Wählen Sie eine neue Datei oder eine, die schon übergeben wurde.</translation>
    </message>
    <message>
        <source>%1 was handed over without its database. Choose another file for one with it.</source>
        <translation>%1 wurde ohne Datenbank übergeben. Wählen Sie eine andere Datei für eine Übergabe mit ihr.</translation>
    </message>
    <message>
        <source>Hand over</source>
        <translation>Übergeben</translation>
    </message>
    <message>
        <source>Those who work with the forms open what you hand over by a double click. They see the forms at work, and cannot change them.</source>
        <translation>Wer mit den Formularen arbeitet, öffnet das Übergebene mit einem Doppelklick, sieht die Formulare bei der Arbeit und kann sie nicht ändern.</translation>
    </message>
    <message>
        <source>One file</source>
        <translation>Eine Datei</translation>
    </message>
    <message>
        <source>A folder</source>
        <translation>Ein Ordner</translation>
    </message>
    <message>
        <source>As</source>
        <translation>Als</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
    <message>
        <source>go along, as they are now</source>
        <translation>gehen mit, wie sie jetzt sind</translation>
    </message>
    <message>
        <source>stay where they are</source>
        <translation>bleiben, wo sie sind</translation>
    </message>
    <message>
        <source>The data</source>
        <translation>Die Daten</translation>
    </message>
    <message>
        <source>Take the last one back</source>
        <translation>Letzte Übergabe zurücknehmen</translation>
    </message>
    <message>
        <source>Say where to.</source>
        <translation>Geben Sie an, wohin.</translation>
    </message>
    <message>
        <source>A file that people open has to end in .%1.</source>
        <translation>Eine Datei, die man öffnet, muss auf .%1 enden.</translation>
    </message>
    <message>
        <source>Version %1 is there. Its forms are replaced; what people typed stays, and so does what they have open, until they open it the next time.</source>
        <translation>Version %1 ist dort. Ihre Formulare werden ersetzt; was eingegeben wurde, bleibt, und was gerade offen ist, bleibt bis zum nächsten Öffnen, wie es ist.</translation>
    </message>
    <message>
        <source>From then on people work on a copy of the data. This project keeps its own.</source>
        <translation>Von da an wird mit einer Kopie der Daten gearbeitet. Dieses Projekt behält seine eigenen.</translation>
    </message>
    <message>
        <source>All work on the same data: %1. They must be able to reach it.</source>
        <translation>Alle arbeiten mit denselben Daten: %1. Sie müssen dort hinkommen.</translation>
    </message>
    <message>
        <source>Hand over to</source>
        <translation>Übergeben nach</translation>
    </message>
    <message>
        <source>Forms to work with (%1)</source>
        <translation>Formulare zum Arbeiten (%1)</translation>
    </message>
    <message>
        <source>… and %1 more</source>
        <translation>… und %1 weitere</translation>
    </message>
    <message>
        <source>Something is to be put right first.</source>
        <translation>Erst ist etwas in Ordnung zu bringen.</translation>
    </message>
    <message>
        <source>Copying the database…</source>
        <translation>Die Datenbank wird kopiert…</translation>
    </message>
    <message>
        <source>Back to version %1.</source>
        <translation>Zurück zu Version %1.</translation>
    </message>
    <message>
        <source>Handed over, version %1.</source>
        <translation>Übergeben, Version %1.</translation>
    </message>
    <message>
        <source>People open %1; it shows the forms at work and nothing else.</source>
        <translation>Man öffnet %1; es zeigt die Formulare bei der Arbeit und sonst nichts.</translation>
    </message>
    <message>
        <source>How many px the heading or the line of tabs takes. Empty: as usual.</source>
        <translation>Wie viele px die Überschrift oder die Zeile der Reiter einnimmt. Leer: wie üblich.</translation>
    </message>
    <message>
        <source>Change how high a heading is</source>
        <translation>Höhe einer Überschrift ändern</translation>
    </message>
    <message>
        <source>Between boxes</source>
        <translation>Zwischen Feldern</translation>
    </message>
    <message>
        <source>How much further apart than usual the boxes of a new form stand, one below the other, px.</source>
        <translation>Wie viel weiter als üblich die Felder eines neuen Formulars untereinander auseinanderstehen, px.</translation>
    </message>
    <message>
        <source>%1 cannot be read: it is damaged, or no file that was handed over.</source>
        <translation>%1 kann nicht gelesen werden: Die Datei ist beschädigt oder wurde nicht übergeben.</translation>
    </message>
    <message>
        <source>%1 cannot be written. Nothing in it was changed: choose another place, make room there, or wait until nobody writes in it.</source>
        <translation>%1 kann nicht geschrieben werden. Nichts darin wurde geändert: Wählen Sie einen anderen Ort, schaffen Sie dort Platz, oder warten Sie, bis niemand darin schreibt.</translation>
    </message>
    <message>
        <source>The database could not be copied: %1. Nothing was changed.</source>
        <translation>Die Datenbank konnte nicht kopiert werden: %1. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Copying the database was given up. Nothing was changed.</source>
        <translation>Das Kopieren der Datenbank wurde abgebrochen. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Heading height</source>
        <translation>Höhe der Überschrift</translation>
    </message>
    <message>
        <source>the transaction was undone</source>
        <translation>die Transaktion wurde rückgängig gemacht</translation>
    </message>
    <message>
        <source>What is tried here is seen by one connection alone, and the trial may be over.</source>
        <translation>Was hier probiert wird, sieht nur eine Verbindung, und die Probe kann vorbei sein.</translation>
    </message>
    <message>
        <source>A database on a server is not copied. Its own programs do that.</source>
        <translation>Eine Datenbank auf einem Server wird nicht kopiert. Das tun ihre eigenen Programme.</translation>
    </message>
    <message>
        <source>what this statement does could not be taken back, so a trial does not run it</source>
        <translation>was diese Anweisung tut, ließe sich nicht zurücknehmen; eine Probe führt sie nicht aus</translation>
    </message>
    <message>
        <source>Nothing can be tried here: tables such as %1 keep at once what is written, and give nothing back (their engine knows no transactions). Turn them into InnoDB tables, or try the form on another database.</source>
        <translation>Hier kann nichts probiert werden: Tabellen wie %1 behalten sofort, was geschrieben wird, und geben nichts zurück (ihre Engine kennt keine Transaktionen). Machen Sie InnoDB-Tabellen daraus, oder probieren Sie das Formular an einer anderen Datenbank.</translation>
    </message>
    <message>
        <source>Nothing can be tried here: %1.</source>
        <translation>Hier kann nichts probiert werden: %1.</translation>
    </message>
    <message>
        <source>%L1 of %L2 rows have theirs in “%3”; “%4” is not there</source>
        <translation>%L1 von %L2 Zeilen haben ihre in „%3“; „%4“ gibt es dort nicht</translation>
    </message>
    <message>
        <source>%L1 of %L1 rows have theirs in “%2”</source>
        <translation>%L1 von %L1 Zeilen haben ihre in „%2“</translation>
    </message>
    <message>
        <source>the first %L1 rows all have theirs in “%2”</source>
        <translation>die ersten %L1 Zeilen haben alle ihre in „%2“</translation>
    </message>
</context>
<context>
    <name>nabblet::ArrangeActions</name>
    <message>
        <source>The gaps are the same; the last one came nearer by %1 px, which did not divide.</source>
        <translation>Die Abstände sind gleich; der letzte rückte um %1 px näher, die sich nicht teilen ließen.</translation>
    </message>
    <message>
        <source>Open a form in Design first.</source>
        <translation>Erst ein Formular in der Gestaltung öffnen.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
</context>
<context>
    <name>nabblet::ArrangeStrip</name>
    <message>
        <source>Gap to set</source>
        <translation>Abstand zum Setzen</translation>
    </message>
    <message>
        <source>The gap that “Set gaps” gives, px</source>
        <translation>Der Abstand, den „Abstände setzen“ gibt, px</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>Columns to flow into</source>
        <translation>Spalten zum Fließen</translation>
    </message>
    <message>
        <source>How many columns “Flow into columns” makes</source>
        <translation>Wie viele Spalten „In Spalten fließen“ macht</translation>
    </message>
    <message>
        <source> col.</source>
        <translation> Sp.</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Weiteres</translation>
    </message>
    <message>
        <source>Everything that arranges</source>
        <translation>Alles, was anordnet</translation>
    </message>
    <message>
        <source>What lines up, sizes and spaces the selected controls. The control selected last leads: the others go by it.</source>
        <translation>Was gewählte Elemente ausrichtet, bemisst und auseinanderrückt. Das zuletzt gewählte leitet: die anderen richten sich danach.</translation>
    </message>
</context>
<context>
    <name>nabblet::AskBoxDialog</name>
    <message>
        <source>Only records whose “%1” …</source>
        <translation>Nur Datensätze, deren „%1“ …</translation>
    </message>
    <message>
        <source>&gt; 12, 5..9, Sker*, not blank, a; b</source>
        <translation>&gt; 12, 5..9, Sker*, nicht leer, a; b</translation>
    </message>
    <message>
        <source>What “%1” is to be</source>
        <translation>Was „%1“ sein soll</translation>
    </message>
    <message>
        <source>Values of “%1”</source>
        <translation>Werte von „%1“</translation>
    </message>
    <message>
        <source>Show them</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>blank, as here</source>
        <translation>leer, wie hier</translation>
    </message>
    <message>
        <source>%1, as here</source>
        <translation>%1, wie hier</translation>
    </message>
    <message>
        <source>filled in, other than here</source>
        <translation>ausgefüllt, anders als hier</translation>
    </message>
    <message>
        <source>anything but %1</source>
        <translation>alles außer %1</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>filled in</source>
        <translation>ausgefüllt</translation>
    </message>
    <message>
        <source>%1   (%L2)</source>
        <comment>a value and how many records have it</comment>
        <translation>%1   (%L2)</translation>
    </message>
</context>
<context>
    <name>nabblet::AtHandRow</name>
    <message>
        <source>Commands at hand</source>
        <translation>Befehle zur Hand</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Take away: %1</source>
        <translation>Wegnehmen: %1</translation>
    </message>
    <message>
        <source>Often used</source>
        <translation>Oft gebraucht</translation>
    </message>
    <message>
        <source>Keep: %1</source>
        <translation>Behalten: %1</translation>
    </message>
    <message>
        <source>None yet: a right click on a command of a menu keeps it</source>
        <translation>Noch keine: Ein Rechtsklick auf einen Menübefehl behält ihn</translation>
    </message>
    <message>
        <source>Take it away from the row</source>
        <translation>Aus der Reihe nehmen</translation>
    </message>
    <message>
        <source>Keep it at hand, over the board</source>
        <translation>Zur Hand behalten, über der Zeichenfläche</translation>
    </message>
</context>
<context>
    <name>nabblet::Board</name>
    <message>
        <source>Board</source>
        <translation>Zeichenfläche</translation>
    </message>
    <message>
        <source>Choose where the rows come from…</source>
        <translation>Wählen, woher die Zeilen kommen…</translation>
    </message>
    <message>
        <source>a rail is selected</source>
        <translation>eine Schiene ist gewählt</translation>
    </message>
    <message>
        <source>a band is selected</source>
        <translation>ein Bereich ist gewählt</translation>
    </message>
    <message>
        <source>the form is selected</source>
        <translation>das Formular ist gewählt</translation>
    </message>
    <message>
        <source>%1, %2, %3, left %4, top %5, width %6, height %7 %8</source>
        <translation>%1, %2, %3, links %4, oben %5, Breite %6, Höhe %7 %8</translation>
    </message>
    <message>
        <source>, leads %1 controls</source>
        <translation>, leitet %1 Elemente</translation>
    </message>
    <message>
        <source>The tracing sheet %1 is not there or is no picture. Lay another under the form, or clear it in the inspector.</source>
        <translation>Die Vorlage %1 ist nicht da oder kein Bild. Eine andere unter das Formular legen oder sie in den Eigenschaften leeren.</translation>
    </message>
    <message>
        <source>The form as it is arranged, with the values of a stored record. A click selects, with Shift one more; the last one clicked leads. Drag to move, drag an edge or a corner to change the size; arrows do it by steps of the grid, by a pixel with Ctrl. A double click, or F2, types other words.</source>
        <translation>Das Formular, wie es angeordnet ist, mit den Werten eines gespeicherten Datensatzes. Ein Klick wählt, mit Umschalt eines dazu; das zuletzt angeklickte leitet. Ziehen verschiebt, Ziehen an Kante oder Ecke ändert die Größe; Pfeile tun es in Rasterschritten, mit Strg um ein Pixel. Ein Doppelklick oder F2 tippt andere Wörter.</translation>
    </message>
</context>
<context>
    <name>nabblet::ButtonRowChoice</name>
    <message>
        <source>Buttons of the row</source>
        <translation>Schaltflächen der Reihe</translation>
    </message>
</context>
<context>
    <name>nabblet::CaptionEditor</name>
    <message>
        <source>Words of the caption</source>
        <translation>Wörter der Beschriftung</translation>
    </message>
</context>
<context>
    <name>nabblet::CaptionList</name>
    <message>
        <source>Captions and options</source>
        <translation>Beschriftungen und Optionen</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Sort</source>
        <translation>Sorte</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>option %1</source>
        <translation>Option %1</translation>
    </message>
    <message>
        <source>caption</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>Take these words</source>
        <translation>Diese Wörter nehmen</translation>
    </message>
    <message>
        <source>Begin with capitals</source>
        <translation>Groß beginnen</translation>
    </message>
    <message>
        <source>The first letter of each becomes a capital</source>
        <translation>Der erste Buchstabe von jedem wird groß</translation>
    </message>
    <message>
        <source>No colons or full stops</source>
        <translation>Ohne Doppelpunkte und Punkte</translation>
    </message>
    <message>
        <source>Colons, full stops and spare spaces are taken off</source>
        <translation>Doppelpunkte, Punkte und überzählige Leerzeichen fallen weg</translation>
    </message>
    <message>
        <source>page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>prompt</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>question</source>
        <translation>Frage</translation>
    </message>
    <message>
        <source>rule %1</source>
        <translation>Regel %1</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Type over any words. Rails make room for longer captions by themselves. People see the form in the first language of their desktop that it has.</source>
        <translation>Über beliebige Wörter tippen. Schienen machen längeren Beschriftungen von selbst Platz. Jeder sieht das Formular in der ersten Sprache seines Desktops, die es hat.</translation>
    </message>
    <message>
        <source>The form&apos;s &amp;words are</source>
        <translation>Die &amp;Wörter des Formulars sind</translation>
    </message>
    <message>
        <source>in no language said</source>
        <translation>in keiner genannten Sprache</translation>
    </message>
    <message>
        <source>Another language for the form</source>
        <translation>Eine weitere Sprache für das Formular</translation>
    </message>
    <message>
        <source>Add a language…</source>
        <translation>Eine Sprache hinzufügen…</translation>
    </message>
    <message>
        <source>Takes the language away in whose column the cell is that has the keyboard</source>
        <translation>Nimmt die Sprache weg, in deren Spalte die Zelle mit der Tastatur steht</translation>
    </message>
    <message>
        <source>Not there yet: people see “%1”</source>
        <translation>Noch nicht da: zu sehen ist „%1“</translation>
    </message>
    <message>
        <source>%1: %2 missing</source>
        <translation>%1: %2 fehlen</translation>
    </message>
    <message>
        <source>window title</source>
        <translation>Fenstertitel</translation>
    </message>
</context>
<context>
    <name>nabblet::CatalogueModel</name>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Zahl</translation>
    </message>
    <message>
        <source>yes/no</source>
        <translation>ja/nein</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Uhrzeit</translation>
    </message>
    <message>
        <source>date, time</source>
        <translation>Datum, Zeit</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>→ %1</source>
        <translation>→ %1</translation>
    </message>
    <message>
        <source>key</source>
        <translation>Schlüssel</translation>
    </message>
    <message>
        <source>worked out</source>
        <translation>berechnet</translation>
    </message>
    <message>
        <source>required</source>
        <translation>erforderlich</translation>
    </message>
    <message>
        <source>→</source>
        <translation>→</translation>
    </message>
    <message>
        <source>view</source>
        <translation>Sicht</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, points to %2</source>
        <translation>%1, zeigt auf %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>nabblet::CataloguePanel</name>
    <message>
        <source>Catalogue</source>
        <translation>Katalog</translation>
    </message>
    <message>
        <source>Filter tables and columns</source>
        <translation>Tabellen und Spalten filtern</translation>
    </message>
    <message>
        <source>Tables and columns</source>
        <translation>Tabellen und Spalten</translation>
    </message>
    <message>
        <source>Drag columns on to the form; Ctrl and Shift choose several. A double click or Enter puts them in the next free place.</source>
        <translation>Spalten auf das Formular ziehen; Strg und Umschalt wählen mehrere. Doppelklick oder Eingabetaste setzt sie an die nächste freie Stelle.</translation>
    </message>
    <message>
        <source>New form, captions beside the boxes</source>
        <translation>Neues Formular, Beschriftungen neben den Feldern</translation>
    </message>
    <message>
        <source>New form, captions above the boxes</source>
        <translation>Neues Formular, Beschriftungen über den Feldern</translation>
    </message>
    <message>
        <source>New form, rows under one another</source>
        <translation>Neues Formular, Zeilen untereinander</translation>
    </message>
    <message>
        <source>New form, with choices…</source>
        <translation>Neues Formular, mit Auswahl…</translation>
    </message>
    <message>
        <source>New column of %1…</source>
        <translation>Neue Spalte von %1…</translation>
    </message>
    <message>
        <source>A table of the values of %1…</source>
        <translation>Eine Tabelle der Werte von %1…</translation>
    </message>
    <message>
        <source>Stored rows of %1</source>
        <translation>Gespeicherte Zeilen von %1</translation>
    </message>
    <message>
        <source>Where %1 is used…</source>
        <translation>Wo %1 gebraucht wird…</translation>
    </message>
    <message>
        <source>Call %1 otherwise in all forms…</source>
        <translation>%1 in allen Formularen anders nennen…</translation>
    </message>
    <message>
        <source>The tables of the database and their columns. A filled dot is on the form already.</source>
        <translation>Die Tabellen der Datenbank und ihre Spalten. Ein voller Punkt ist schon auf dem Formular.</translation>
    </message>
</context>
<context>
    <name>nabblet::CheckCommand</name>
    <message>
        <source>Says what is wrong with a form, or with all forms of a project. Ends with 0 when nothing is to be fixed, with 3 when something is, with 1 when it could not be found out.</source>
        <translation>Sagt, was an einem Formular oder an allen Formularen eines Projekts nicht stimmt. Endet mit 0, wenn nichts zu beheben ist, mit 3, wenn etwas zu beheben ist, mit 1, wenn es nicht festgestellt werden konnte.</translation>
    </message>
    <message>
        <source>A .nabform file, or the folder of a project.</source>
        <translation>Eine .nabform-Datei oder der Ordner eines Projekts.</translation>
    </message>
    <message>
        <source>The database to hold them against, instead of the project&apos;s.</source>
        <translation>Die Datenbank, an der geprüft wird, statt der des Projekts.</translation>
    </message>
    <message>
        <source>text, json, sarif or junit.</source>
        <translation>text, json, sarif oder junit.</translation>
    </message>
    <message>
        <source>Writes to this file instead of the output.</source>
        <translation>Schreibt in diese Datei statt in die Ausgabe.</translation>
    </message>
    <message>
        <source>Looks at the stored values, too: which of them boxes cut off.</source>
        <translation>Sieht auch die gespeicherten Werte durch: welche davon Felder abschneiden.</translation>
    </message>
    <message>
        <source>Ends with 3 also when something is to be weighed.</source>
        <translation>Endet mit 3 auch dann, wenn etwas abzuwägen ist.</translation>
    </message>
    <message>
        <source>--format takes text, json, sarif or junit</source>
        <translation>--format nimmt text, json, sarif oder junit</translation>
    </message>
</context>
<context>
    <name>nabblet::ChildRowsList</name>
    <message>
        <source>Rows that belong to each record</source>
        <translation>Zeilen, die zu jedem Datensatz gehören</translation>
    </message>
    <message>
        <source>%1, by %2 = %3</source>
        <translation>%1, über %2 = %3</translation>
    </message>
    <message>
        <source>%L1 of each</source>
        <translation>%L1 je Datensatz</translation>
    </message>
</context>
<context>
    <name>nabblet::ChoiceList</name>
    <message>
        <source>Reading the choices…</source>
        <translation>Die Auswahl wird gelesen…</translation>
    </message>
</context>
<context>
    <name>nabblet::ChoicesTableDialog</name>
    <message>
        <source>A table of the values of %1</source>
        <translation>Eine Tabelle der Werte von %1</translation>
    </message>
    <message>
        <source>Name of the table</source>
        <translation>Name der Tabelle</translation>
    </message>
    <message>
        <source>Statements</source>
        <translation>Anweisungen</translation>
    </message>
    <message>
        <source>Make the table</source>
        <translation>Die Tabelle anlegen</translation>
    </message>
    <message>
        <source>One value goes into the table. What is stored in “%1” stays as it is; the project remembers that it is chosen from there.</source>
        <translation>Ein Wert kommt in die Tabelle. Was in „%1“ gespeichert ist, bleibt, wie es ist; das Projekt merkt sich, dass es daraus gewählt wird.</translation>
    </message>
    <message>
        <source>%1 values go into the table. What is stored in “%2” stays as it is; the project remembers that it is chosen from there.</source>
        <translation>%1 Werte kommen in die Tabelle. Was in „%2“ gespeichert ist, bleibt, wie es ist; das Projekt merkt sich, dass es daraus gewählt wird.</translation>
    </message>
</context>
<context>
    <name>nabblet::ColourEditor</name>
    <message>
        <source>Choose a colour</source>
        <translation>Eine Farbe wählen</translation>
    </message>
    <message>
        <source>mixed</source>
        <translation>gemischt</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ohne</translation>
    </message>
</context>
<context>
    <name>nabblet::ColourPicker</name>
    <message>
        <source>used once</source>
        <translation>einmal gebraucht</translation>
    </message>
    <message>
        <source>used %1 times</source>
        <translation>%1-mal gebraucht</translation>
    </message>
    <message>
        <source>Choose a colour</source>
        <translation>Eine Farbe wählen</translation>
    </message>
    <message>
        <source>This look</source>
        <translation>Dieses Aussehen</translation>
    </message>
    <message>
        <source>Used in this project</source>
        <translation>In diesem Projekt gebraucht</translation>
    </message>
    <message>
        <source>Taken lately</source>
        <translation>Zuletzt genommen</translation>
    </message>
    <message>
        <source>Any other</source>
        <translation>Jede andere</translation>
    </message>
    <message>
        <source>Colour in words</source>
        <translation>Farbe in Worten</translation>
    </message>
    <message>
        <source>#0b7a70, teal, hsl(174 83% 26%)</source>
        <translation>#0b7a70, teal, hsl(174 83% 26%)</translation>
    </message>
    <message>
        <source>From the screen</source>
        <translation>Vom Bildschirm</translation>
    </message>
    <message>
        <source>The next click on any window of this program takes the colour that is seen there. Escape takes none.</source>
        <translation>Der nächste Klick auf ein Fenster dieses Programms nimmt die Farbe, die dort zu sehen ist. Esc nimmt keine.</translation>
    </message>
</context>
<context>
    <name>nabblet::ColourPlane</name>
    <message>
        <source>Any colour</source>
        <translation>Beliebige Farbe</translation>
    </message>
    <message>
        <source>Left and right: strength. Up and down: lightness. With Shift: hue.</source>
        <translation>Links und rechts: Stärke. Auf und ab: Helligkeit. Mit Umschalt: Farbton.</translation>
    </message>
</context>
<context>
    <name>nabblet::ColumnsInsteadDialog</name>
    <message>
        <source>Other columns instead</source>
        <translation>Andere Spalten stattdessen</translation>
    </message>
    <message>
        <source>Tick the columns that are to stand where “%1” stands. The first takes its box, the others come below it; what is there makes way.</source>
        <translation>Die Spalten ankreuzen, die dort stehen sollen, wo „%1“ steht. Die erste nimmt sein Feld, die anderen kommen darunter; was dort ist, macht Platz.</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Spalten</translation>
    </message>
    <message>
        <source>Put them there</source>
        <translation>Dorthin setzen</translation>
    </message>
</context>
<context>
    <name>nabblet::CommandFinder</name>
    <message>
        <source>Find a command</source>
        <translation>Einen Befehl suchen</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>Was soll geschehen?</translation>
    </message>
    <message>
        <source>Command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Befehle</translation>
    </message>
    <message>
        <source>Keep it at hand, or take it away (Ctrl+Enter)</source>
        <translation>Zur Hand behalten oder wegnehmen (Strg+Eingabe)</translation>
    </message>
    <message>
        <source>In the row over the board</source>
        <translation>In der Reihe über der Zeichenfläche</translation>
    </message>
    <message>
        <source>not now</source>
        <translation>jetzt nicht</translation>
    </message>
</context>
<context>
    <name>nabblet::CommandLine</name>
    <message>
        <source>Paints a form into a file: a picture, a drawing or a page.</source>
        <translation>Malt ein Formular in eine Datei: ein Bild, eine Zeichnung oder eine Seite.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Eine .nabform-Datei.</translation>
    </message>
    <message>
        <source>The file to write: %1.</source>
        <translation>Die Datei, die geschrieben wird: %1.</translation>
    </message>
    <message>
        <source>design or entry (the usual one).</source>
        <translation>design oder entry (das Übliche).</translation>
    </message>
    <message>
        <source>The number of the record to show, from 1; 0 shows the form blank.</source>
        <translation>Die Nummer des Datensatzes, der gezeigt wird, ab 1; 0 zeigt das Formular leer.</translation>
    </message>
    <message>
        <source>The database to take values from, instead of the project&apos;s.</source>
        <translation>Die Datenbank, aus der die Werte kommen, statt der des Projekts.</translation>
    </message>
    <message>
        <source>Dark colours.</source>
        <translation>Dunkle Farben.</translation>
    </message>
    <message>
        <source>say where to write with -o FILE</source>
        <translation>mit -o DATEI sagen, wohin geschrieben wird</translation>
    </message>
    <message>
        <source>the file to write ends in %1</source>
        <translation>die Datei, die geschrieben wird, endet auf %1</translation>
    </message>
    <message>
        <source>--side takes design or entry</source>
        <translation>--side nimmt design oder entry</translation>
    </message>
    <message>
        <source>--record takes a number</source>
        <translation>--record nimmt eine Zahl</translation>
    </message>
    <message>
        <source>There is no record %1; there are %2.</source>
        <translation>Einen Datensatz %1 gibt es nicht; es gibt %2.</translation>
    </message>
    <message>
        <source>Opens a form to work with records, and nothing else.</source>
        <translation>Öffnet ein Formular zur Arbeit mit Datensätzen und sonst nichts.</translation>
    </message>
    <message>
        <source>The database to work on, instead of the project&apos;s.</source>
        <translation>Die Datenbank, auf der gearbeitet wird, statt der des Projekts.</translation>
    </message>
    <message>
        <source>Drafts entry forms from database tables, arranges them and puts them to work.

Commands:
  nabblet [PATH]            open the window with a project, a database or a form
  nabblet draft             draft a form from a table
  nabblet render            paint a form: PNG, SVG or PDF
  nabblet check             say what is wrong with a form or with all of a project
  nabblet reconcile         bring forms into step with their tables
  nabblet diff              say what differs between two states of a form
  nabblet merge             put two lines of changes of a form together
  nabblet export            write the rows of a form into a file
  nabblet import            put the rows of a file into the rows of a form
  nabblet print             print the records of a form: PDF, PNG or SVG
  nabblet hand-over         give a project to those who work with its forms
  nabblet enter             open a form to work with records
  nabblet COMMAND --help    what a command takes</source>
        <translation>Entwirft Eingabeformulare aus Tabellen von Datenbanken, ordnet sie an und nimmt sie in Betrieb.

Befehle:
  nabblet [PFAD]            das Fenster mit einem Projekt, einer Datenbank oder einem Formular öffnen
  nabblet draft             ein Formular aus einer Tabelle entwerfen
  nabblet render            ein Formular malen: PNG, SVG oder PDF
  nabblet check             sagen, was an einem Formular oder einem ganzen Projekt nicht stimmt
  nabblet reconcile         Formulare mit ihren Tabellen abgleichen
  nabblet diff              sagen, worin sich zwei Stände eines Formulars unterscheiden
  nabblet merge             zwei Linien von Änderungen eines Formulars zusammenführen
  nabblet export            die Zeilen eines Formulars in eine Datei schreiben
  nabblet import            die Zeilen einer Datei in die Zeilen eines Formulars übernehmen
  nabblet print             die Datensätze eines Formulars drucken: PDF, PNG oder SVG
  nabblet hand-over         ein Projekt denen übergeben, die mit seinen Formularen arbeiten
  nabblet enter             ein Formular zur Arbeit mit Datensätzen öffnen
  nabblet BEFEHL --help     was ein Befehl annimmt</translation>
    </message>
    <message>
        <source>A project folder, a .nabform file or a database file.</source>
        <translation>Ein Projektordner, eine .nabform-Datei oder eine Datenbankdatei.</translation>
    </message>
    <message>
        <source>Shows the version.</source>
        <translation>Zeigt die Version.</translation>
    </message>
    <message>
        <source>Closes again once the window is painted, for measuring.</source>
        <translation>Schließt wieder, sobald das Fenster gemalt ist, zum Messen.</translation>
    </message>
    <message>
        <source>Opens the demonstration.</source>
        <translation>Öffnet die Vorführung.</translation>
    </message>
    <message>
        <source>Try: nabblet %1--help</source>
        <translation>Versuch: nabblet %1--help</translation>
    </message>
    <message>
        <source>Shows this help.</source>
        <translation>Zeigt diese Hilfe.</translation>
    </message>
    <message>
        <source>something is missing in the call</source>
        <translation>im Aufruf fehlt etwas</translation>
    </message>
    <message>
        <source>there is too much in the call</source>
        <translation>im Aufruf ist etwas zu viel</translation>
    </message>
</context>
<context>
    <name>nabblet::Commands</name>
    <message>
        <source>Select a control first.</source>
        <translation>Erst ein Element wählen.</translation>
    </message>
</context>
<context>
    <name>nabblet::ConditionEditor</name>
    <message>
        <source>when</source>
        <translation>wenn</translation>
    </message>
    <message>
        <source>when not</source>
        <translation>wenn nicht</translation>
    </message>
    <message>
        <source>This condition is more than rows can say. It is edited as SQL.</source>
        <translation>Diese Bedingung ist mehr, als Zeilen sagen können. Sie wird als SQL bearbeitet.</translation>
    </message>
    <message>
        <source>+ and</source>
        <translation>+ und</translation>
    </message>
    <message>
        <source>+ or</source>
        <translation>+ oder</translation>
    </message>
    <message>
        <source>The same as SQL</source>
        <translation>Dasselbe als SQL</translation>
    </message>
    <message>
        <source>Condition as SQL</source>
        <translation>Bedingung als SQL</translation>
    </message>
    <message>
        <source>Always</source>
        <translation>Immer</translation>
    </message>
    <message>
        <source>+ only when</source>
        <translation>+ nur wenn</translation>
    </message>
</context>
<context>
    <name>nabblet::ConditionRowEditor</name>
    <message>
        <source>%1 (%L2)</source>
        <translation>%1 (%L2)</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>today + %1</source>
        <translation>heute + %1</translation>
    </message>
    <message>
        <source>today − %1</source>
        <translation>heute − %1</translation>
    </message>
    <message>
        <source>when</source>
        <translation>wenn</translation>
    </message>
    <message>
        <source>when not</source>
        <translation>wenn nicht</translation>
    </message>
    <message>
        <source>A click turns it into its opposite, and back.</source>
        <translation>Ein Klick verkehrt es ins Gegenteil und zurück.</translation>
    </message>
    <message>
        <source>And binds more tightly than or. Clicks go from and to or, and to their opposites.</source>
        <translation>Und bindet stärker als oder. Klicks gehen von und zu oder und zu ihren Gegenteilen.</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>%1 (not there)</source>
        <translation>%1 (nicht da)</translation>
    </message>
    <message>
        <source>Comparison</source>
        <translation>Vergleich</translation>
    </message>
    <message>
        <source>Take this row away</source>
        <translation>Diese Zeile wegnehmen</translation>
    </message>
    <message>
        <source>or not</source>
        <translation>oder nicht</translation>
    </message>
    <message>
        <source>or</source>
        <translation>oder</translation>
    </message>
    <message>
        <source>and not</source>
        <translation>und nicht</translation>
    </message>
    <message>
        <source>and</source>
        <translation>und</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>To</source>
        <translation>An</translation>
    </message>
    <message>
        <source>Choose a day</source>
        <translation>Einen Tag wählen</translation>
    </message>
    <message>
        <source>as in %1</source>
        <translation>wie in %1</translation>
    </message>
    <message>
        <source>Values, with commas between them</source>
        <translation>Werte, mit Kommas dazwischen</translation>
    </message>
    <message>
        <source>Choose values</source>
        <translation>Werte wählen</translation>
    </message>
    <message>
        <source>In brackets with the row above: what stands in them is worked out first</source>
        <translation>In Klammern mit der Zeile darüber: Was darin steht, gilt zuerst</translation>
    </message>
    <message>
        <source>In brackets with the row above</source>
        <translation>In Klammern mit der Zeile darüber</translation>
    </message>
</context>
<context>
    <name>nabblet::ControlsChooser</name>
    <message>
        <source>On: %1</source>
        <translation>Auf: %1</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Search the controls</source>
        <translation>Die Elemente durchsuchen</translation>
    </message>
    <message>
        <source>Controls</source>
        <translation>Elemente</translation>
    </message>
</context>
<context>
    <name>nabblet::DatabaseWatch</name>
    <message>
        <source>The server of the database %1 does not answer. Nothing can be saved until it does; what you typed is kept.</source>
        <translation>Der Server der Datenbank %1 antwortet nicht. Bis er es tut, kann nichts gespeichert werden; das Getippte ist aufbewahrt.</translation>
    </message>
    <message>
        <source>The database %1 is not there any more: it was moved, renamed or deleted. Nothing can be saved until it is back; what you typed is kept.</source>
        <translation>Die Datenbank %1 ist nicht mehr da: sie wurde verschoben, umbenannt oder gelöscht. Bis sie wieder da ist, kann nichts gespeichert werden; das Getippte ist aufbewahrt.</translation>
    </message>
    <message>
        <source>The database %1 can only be read now. Nothing can be saved until it can be written again; what is typed is kept.</source>
        <translation>Die Datenbank %1 lässt sich jetzt nur lesen. Bis wieder geschrieben werden kann, wird nichts gespeichert; das Getippte bleibt aufbewahrt.</translation>
    </message>
    <message>
        <source>The database %1 can be written again.</source>
        <translation>In die Datenbank %1 kann wieder geschrieben werden.</translation>
    </message>
</context>
<context>
    <name>nabblet::DraftCommand</name>
    <message>
        <source>%1 is not a plan that can be read: %2.</source>
        <translation>%1 ist kein lesbarer Plan: %2.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made. Choose another one, or ask for the right to write there.</source>
        <translation>Der Ordner %1 kann nicht angelegt werden. Einen anderen wählen oder um das Recht bitten, dort zu schreiben.</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 von %2: %3</translation>
    </message>
    <message>
        <source>%1 is there already; --replace writes it anew</source>
        <translation>%1 ist schon da; --replace schreibt es neu</translation>
    </message>
    <message>
        <source>One form drafted.</source>
        <translation>Ein Formular entworfen.</translation>
    </message>
    <message>
        <source>%1 forms drafted.</source>
        <translation>%1 Formulare entworfen.</translation>
    </message>
    <message>
        <source>One table has no form:</source>
        <translation>Eine Tabelle hat kein Formular:</translation>
    </message>
    <message>
        <source>%1 tables have no form:</source>
        <translation>%1 Tabellen haben kein Formular:</translation>
    </message>
    <message>
        <source>Drafts a form from a table or view and writes it to a file, or to the output; with --all, a form for every table and view into a project&apos;s folder.</source>
        <translation>Entwirft ein Formular aus einer Tabelle oder Sicht und schreibt es in eine Datei oder in die Ausgabe; mit --all ein Formular für jede Tabelle und Sicht in den Ordner eines Projekts.</translation>
    </message>
    <message>
        <source>A database file.</source>
        <translation>Eine Datenbankdatei.</translation>
    </message>
    <message>
        <source>The table or view whose rows the form shows.</source>
        <translation>Die Tabelle oder Sicht, deren Zeilen das Formular zeigt.</translation>
    </message>
    <message>
        <source>Writes the form to this file; with --all, forms to this folder.</source>
        <translation>Schreibt das Formular in diese Datei; mit --all Formulare in diesen Ordner.</translation>
    </message>
    <message>
        <source>Drafts every table and view.</source>
        <translation>Entwirft jede Tabelle und Sicht.</translation>
    </message>
    <message>
        <source>With --all: writes forms anew that are there already.</source>
        <translation>Mit --all: schreibt Formulare neu, die schon da sind.</translation>
    </message>
    <message>
        <source>columnar (the usual one), stacked or tabular.</source>
        <translation>columnar (das Übliche), stacked oder tabular.</translation>
    </message>
    <message>
        <source>The same as --arrangement stacked.</source>
        <translation>Dasselbe wie --arrangement stacked.</translation>
    </message>
    <message>
        <source>The same as --arrangement tabular.</source>
        <translation>Dasselbe wie --arrangement tabular.</translation>
    </message>
    <message>
        <source>Columns of boxes, 1 to 4; by itself it chooses by the number of fields.</source>
        <translation>Feldspalten, 1 bis 4; von selbst richtet es sich nach der Zahl der Felder.</translation>
    </message>
    <message>
        <source>tight, comfortable or roomy.</source>
        <translation>tight, comfortable oder roomy.</translation>
    </message>
    <message>
        <source>Box widths by the stored values, as declared, or all the same.</source>
        <translation>Feldbreiten nach den gespeicherten Werten, wie erklärt oder alle gleich.</translation>
    </message>
    <message>
        <source>Sizes boxes by what the columns declare, without looking at the stored values.</source>
        <translation>Bemisst Felder danach, was die Spalten erklären, ohne die gespeicherten Werte anzusehen.</translation>
    </message>
    <message>
        <source>Rows that a tabular form shows.</source>
        <translation>Zeilen, die ein tabellarisches Formular zeigt.</translation>
    </message>
    <message>
        <source>Tabular: captions over the boxes of every row.</source>
        <translation>Tabellarisch: Beschriftungen über den Feldern jeder Zeile.</translation>
    </message>
    <message>
        <source>Tabular: totals of the number columns in the footer.</source>
        <translation>Tabellarisch: Summen der Zahlenspalten im Fuß.</translation>
    </message>
    <message>
        <source>The form&apos;s look.</source>
        <translation>Das Aussehen des Formulars.</translation>
    </message>
    <message>
        <source>The form&apos;s title.</source>
        <translation>Der Titel des Formulars.</translation>
    </message>
    <message>
        <source>Only these columns, in this order, with commas.</source>
        <translation>Nur diese Spalten, in dieser Reihenfolge, mit Kommas.</translation>
    </message>
    <message>
        <source>What people may do: see,add,change,delete.</source>
        <translation>Was die Leute dürfen: see,add,change,delete.</translation>
    </message>
    <message>
        <source>The pattern of control names, such as {kind}_{column}.</source>
        <translation>Das Muster der Namen von Elementen, etwa {kind}_{column}.</translation>
    </message>
    <message>
        <source>Rows that belong to each record: subforms (the usual ones), buttons or none.</source>
        <translation>Zeilen, die zu jedem Datensatz gehören: subforms (das Übliche), buttons oder none.</translation>
    </message>
    <message>
        <source>The rows of a SELECT of your own, in place of a table&apos;s; no TABLE is given.</source>
        <translation>Die Zeilen eines eigenen SELECT statt die einer Tabelle; TABLE wird nicht angegeben.</translation>
    </message>
    <message>
        <source>A page with a title and the rails of so many columns, 1 to 4; no TABLE is given.</source>
        <translation>Eine Seite mit einem Titel und den Schienen von so vielen Spalten, 1 bis 4; TABLE wird nicht angegeben.</translation>
    </message>
    <message>
        <source>An empty form with a title; no TABLE is given.</source>
        <translation>Ein leeres Formular mit einem Titel; TABLE wird nicht angegeben.</translation>
    </message>
    <message>
        <source>A JSON file with choices; flags go before it.</source>
        <translation>Eine JSON-Datei mit Angaben; Schalter gehen ihr vor.</translation>
    </message>
    <message>
        <source>Writes the plan as JSON instead of the form, to be changed and given back.</source>
        <translation>Schreibt statt des Formulars den Plan als JSON, zum Ändern und Zurückgeben.</translation>
    </message>
    <message>
        <source>there is too much in the call: a table, --all, --select, --pattern or --empty, one of them</source>
        <translation>im Aufruf ist etwas zu viel: eine Tabelle, --all, --select, --pattern oder --empty, eines davon</translation>
    </message>
    <message>
        <source>something is missing in the call: which table?</source>
        <translation>im Aufruf fehlt etwas: welche Tabelle?</translation>
    </message>
    <message>
        <source>--pattern takes a number from 1 to 4</source>
        <translation>--pattern nimmt eine Zahl von 1 bis 4</translation>
    </message>
    <message>
        <source>say with -o which folder the forms go to</source>
        <translation>mit -o sagen, in welchen Ordner die Formulare kommen</translation>
    </message>
    <message>
        <source>--children takes subforms, buttons or none</source>
        <translation>--children nimmt subforms, buttons oder none</translation>
    </message>
    <message>
        <source>--columns takes a number from 1 to 4</source>
        <translation>--columns nimmt eine Zahl von 1 bis 4</translation>
    </message>
    <message>
        <source>--rows takes a number from 1 to 200</source>
        <translation>--rows nimmt eine Zahl von 1 bis 200</translation>
    </message>
    <message>
        <source>New form</source>
        <translation>Neues Formular</translation>
    </message>
    <message>
        <source>The database has no table or view “%1”. It has: %2.</source>
        <translation>Die Datenbank hat keine Tabelle oder Sicht „%1“. Sie hat: %2.</translation>
    </message>
</context>
<context>
    <name>nabblet::EntrySession</name>
    <message>
        <source>“%1” is none of the choices; Ctrl+Alt+A in the box adds it to them.</source>
        <translation>„%1“ gehört nicht zur Auswahl; Strg+Alt+A im Feld fügt es ihr hinzu.</translation>
    </message>
    <message>
        <source>Look at it large…	F2</source>
        <translation>Groß ansehen…	F2</translation>
    </message>
    <message>
        <source>Choose a picture…</source>
        <translation>Ein Bild wählen…</translation>
    </message>
    <message>
        <source>Put in the one from the clipboard	Ctrl+V</source>
        <translation>Das aus der Zwischenablage einsetzen	Ctrl+V</translation>
    </message>
    <message>
        <source>Save the picture as…</source>
        <translation>Das Bild speichern als…</translation>
    </message>
    <message>
        <source>Remove the picture</source>
        <translation>Das Bild entfernen</translation>
    </message>
    <message>
        <source>That is no picture that can be shown.</source>
        <translation>Das ist kein Bild, das gezeigt werden kann.</translation>
    </message>
    <message>
        <source>Choose a picture</source>
        <translation>Ein Bild wählen</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.gif *.bmp *.svg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.gif *.bmp *.svg)</translation>
    </message>
    <message>
        <source>%1 is not a picture that can be shown. Choose another file.</source>
        <translation>%1 ist kein Bild, das gezeigt werden kann. Eine andere Datei wählen.</translation>
    </message>
    <message>
        <source>Save the picture as</source>
        <translation>Das Bild speichern als</translation>
    </message>
    <message>
        <source>The picture is saved as %1.</source>
        <translation>Das Bild ist als %1 gespeichert.</translation>
    </message>
    <message>
        <source>“%1” is no web or e-mail address to follow.</source>
        <translation>„%1“ ist keine Web- oder Mailadresse, der gefolgt werden kann.</translation>
    </message>
    <message>
        <source>%1 × %2 points, shown at %3 %</source>
        <comment>width, height, per cent</comment>
        <translation>%1 × %2 Punkte, gezeigt zu %3 %</translation>
    </message>
    <message>
        <source>&amp;Larger</source>
        <translation>&amp;Größer</translation>
    </message>
    <message>
        <source>&amp;Smaller</source>
        <translation>&amp;Kleiner</translation>
    </message>
    <message>
        <source>&amp;Whole</source>
        <translation>Gan&amp;z</translation>
    </message>
    <message>
        <source>&amp;Point by point</source>
        <translation>&amp;Punkt für Punkt</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Take it over</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Record not saved</source>
        <translation>Datensatz nicht gespeichert</translation>
    </message>
    <message>
        <source>What was typed into “%1” was not saved when the program last ended.</source>
        <translation>Was in „%1“ getippt wurde, war nicht gespeichert, als das Programm zuletzt endete.</translation>
    </message>
    <message>
        <source>It can stand in the boxes again, as it was typed, to be saved or taken back.</source>
        <translation>Es kann wieder in den Feldern stehen, wie es getippt wurde, um gespeichert oder zurückgenommen zu werden.</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>Fallen lassen</translation>
    </message>
    <message>
        <source>The record is not there any more, so what was typed cannot stand in it. It is kept in the file %1.</source>
        <translation>Der Datensatz ist nicht mehr da, also kann das Getippte nicht darin stehen. Es ist in der Datei %1 aufbewahrt.</translation>
    </message>
    <message>
        <source>Save the record “%1” first?</source>
        <translation>Den Datensatz „%1“ erst speichern?</translation>
    </message>
    <message>
        <source>Changed: rows that belong to it.</source>
        <translation>Geändert: Zeilen, die dazu gehören.</translation>
    </message>
    <message>
        <source>Changed: %1.</source>
        <translation>Geändert: %1.</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Bleiben</translation>
    </message>
    <message>
        <source>Let go what was typed in “%1”?</source>
        <translation>Was in „%1“ getippt wurde, fallen lassen?</translation>
    </message>
    <message>
        <source>The form does not show these rows any more. Undo the change of its rows to go on with the record.</source>
        <translation>Das Formular zeigt diese Zeilen nicht mehr. Die Änderung seiner Zeilen rückgängig machen, um mit dem Datensatz fortzufahren.</translation>
    </message>
    <message>
        <source>People may neither see nor add records with this form.</source>
        <translation>Mit diesem Formular darf man Datensätze weder sehen noch hinzufügen.</translation>
    </message>
    <message>
        <source>“%1” cannot be asked any more; the rest is.</source>
        <translation>Nach „%1“ kann nicht mehr gefragt werden; nach dem Rest schon.</translation>
    </message>
    <message>
        <source>No record is like that; all that were shown stay.</source>
        <translation>Kein Datensatz ist so; alle gezeigten bleiben.</translation>
    </message>
    <message>
        <source>The form has no page “%1” now.</source>
        <translation>Das Formular hat jetzt keine Seite „%1“.</translation>
    </message>
    <message>
        <source>The form has no rows that one could be added to.</source>
        <translation>Das Formular hat keine Zeilen, zu denen eine hinzukommen könnte.</translation>
    </message>
    <message>
        <source>The form has no rows “%1”.</source>
        <translation>Das Formular hat keine Zeilen „%1“.</translation>
    </message>
    <message>
        <source>Really?</source>
        <translation>Wirklich?</translation>
    </message>
    <message>
        <source>Yes</source>
        <translation>Ja</translation>
    </message>
    <message>
        <source>No</source>
        <translation>Nein</translation>
    </message>
    <message>
        <source>“%1” could not be done; what comes behind it was left.</source>
        <translation>„%1“ ging nicht; was danach kommt, unterblieb.</translation>
    </message>
    <message>
        <source>Find a record</source>
        <translation>Datensatz suchen</translation>
    </message>
    <message>
        <source>Words, numbers or dates of the record, in any order</source>
        <translation>Wörter, Zahlen oder Daten des Datensatzes, in beliebiger Reihenfolge</translation>
    </message>
    <message>
        <source>Words of the record</source>
        <translation>Wörter des Datensatzes</translation>
    </message>
    <message>
        <source>Records found</source>
        <translation>Gefundene Datensätze</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Dorthin gehen</translation>
    </message>
    <message>
        <source>Show &amp;more</source>
        <translation>&amp;Mehr zeigen</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Wird gesucht…</translation>
    </message>
    <message>
        <source>No record has these words.</source>
        <translation>Kein Datensatz hat diese Wörter.</translation>
    </message>
    <message>
        <source>None of the records that are shown has these words.</source>
        <translation>Keiner der gezeigten Datensätze hat diese Wörter.</translation>
    </message>
    <message>
        <source>The first %L1; more words narrow them down.</source>
        <translation>Die ersten %L1; mehr Wörter engen ein.</translation>
    </message>
    <message>
        <source>One record</source>
        <translation>Ein Datensatz</translation>
    </message>
    <message>
        <source>%1 records</source>
        <translation>%1 Datensätze</translation>
    </message>
    <message>
        <source>One record so far; still looking…</source>
        <translation>Bisher ein Datensatz; wird weiter gesucht…</translation>
    </message>
    <message>
        <source>%1 records so far; still looking…</source>
        <translation>Bisher %1 Datensätze; wird weiter gesucht…</translation>
    </message>
    <message>
        <source>%1   –   %2</source>
        <comment>a record and where in it the words are</comment>
        <translation>%1   –   %2</translation>
    </message>
</context>
<context>
    <name>nabblet::EntryView</name>
    <message>
        <source>Delete record</source>
        <translation>Datensatz löschen</translation>
    </message>
    <message>
        <source>Delete “%1” from “%2”?</source>
        <translation>„%1“ aus „%2“ löschen?</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>erforderlich</translation>
    </message>
    <message>
        <source>only shown</source>
        <translation>nur gezeigt</translation>
    </message>
    <message>
        <source>new records take it over</source>
        <translation>neue Datensätze übernehmen es</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>New records take this over</source>
        <translation>Neue Datensätze übernehmen dies</translation>
    </message>
    <message>
        <source>full: no more than %1</source>
        <translation>voll: höchstens %1</translation>
    </message>
    <message>
        <source>1 letter</source>
        <translation>1 Buchstabe</translation>
    </message>
    <message>
        <source>%1 letters</source>
        <translation>%1 Buchstaben</translation>
    </message>
    <message>
        <source>1 letter left</source>
        <translation>noch 1 Zeichen</translation>
    </message>
    <message>
        <source>%1 letters left</source>
        <translation>noch %1 Zeichen</translation>
    </message>
    <message>
        <source>Changed elsewhere meanwhile: %1.</source>
        <translation>Inzwischen anderswo geändert: %1.</translation>
    </message>
    <message>
        <source>Someone else changed this record while you worked on it. Beside the boxes stands what is stored now.</source>
        <translation>Jemand anders änderte diesen Datensatz, während Sie daran arbeiteten. Neben den Feldern steht, was jetzt gespeichert ist.</translation>
    </message>
    <message>
        <source>Side by side…</source>
        <translation>Nebeneinander…</translation>
    </message>
    <message>
        <source>Save mine over it</source>
        <translation>Meines darüber speichern</translation>
    </message>
    <message>
        <source>Take what is stored</source>
        <translation>Das Gespeicherte nehmen</translation>
    </message>
    <message>
        <source>Someone else deleted this record while you worked on it.</source>
        <translation>Jemand anders löschte diesen Datensatz, während Sie daran arbeiteten.</translation>
    </message>
    <message>
        <source>Add mine as a new record</source>
        <translation>Meinen als neuen Datensatz hinzufügen</translation>
    </message>
    <message>
        <source>Let mine go</source>
        <translation>Meinen fallen lassen</translation>
    </message>
    <message>
        <source>It is so, save</source>
        <translation>Es ist so, speichern</translation>
    </message>
    <message>
        <source>Go back to it</source>
        <translation>Dorthin zurück</translation>
    </message>
    <message>
        <source>Save with it</source>
        <translation>Damit speichern</translation>
    </message>
    <message>
        <source>Save it empty</source>
        <translation>Leer speichern</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>The form is shown as it was built.</source>
        <translation>Das Formular wird gezeigt, wie es gebaut wurde.</translation>
    </message>
    <message>
        <source>The form is shown in your own way, on this computer.</source>
        <translation>Das Formular wird auf Ihre Art gezeigt, auf diesem Computer.</translation>
    </message>
    <message>
        <source>Back to the rows (Ctrl+E)</source>
        <translation>Zurück zu den Zeilen (Strg+E)</translation>
    </message>
    <message>
        <source>The whole row (Ctrl+E)</source>
        <translation>Die ganze Zeile (Strg+E)</translation>
    </message>
    <message>
        <source>1 row is chosen.</source>
        <translation>1 Zeile ist gewählt.</translation>
    </message>
    <message>
        <source>%1 rows are chosen.</source>
        <translation>%1 Zeilen sind gewählt.</translation>
    </message>
    <message>
        <source>Escape lets go of them.</source>
        <translation>Esc lässt sie los.</translation>
    </message>
    <message>
        <source>Only stored rows under one another can be chosen.</source>
        <translation>Nur gespeicherte Zeilen untereinander können gewählt werden.</translation>
    </message>
    <message>
        <source>The first %1 are on the clipboard, with their heads.</source>
        <translation>Die ersten %1 sind in der Zwischenablage, mit ihren Köpfen.</translation>
    </message>
    <message>
        <source>%1 copied, with their heads.</source>
        <translation>%1 kopiert, mit ihren Köpfen.</translation>
    </message>
    <message>
        <source>1 row</source>
        <translation>1 Zeile</translation>
    </message>
    <message>
        <source>%1 rows</source>
        <translation>%1 Zeilen</translation>
    </message>
    <message>
        <source>Divider</source>
        <translation>Trennlinie</translation>
    </message>
    <message>
        <source>All records are shown.</source>
        <translation>Alle Datensätze werden gezeigt.</translation>
    </message>
    <message>
        <source>Records cannot be looked for by this box.</source>
        <translation>Nach diesem Feld kann nicht gesucht werden.</translation>
    </message>
    <message>
        <source>Go into a box first.</source>
        <translation>Erst in ein Feld gehen.</translation>
    </message>
    <message>
        <source>Go into a box with a value of its own first.</source>
        <translation>Erst in ein Feld mit eigenem Wert gehen.</translation>
    </message>
    <message>
        <source>There is no record to add one like it.</source>
        <translation>Es gibt keinen Datensatz, dem gleich einer hinzukommen könnte.</translation>
    </message>
</context>
<context>
    <name>nabblet::EntryWindow</name>
    <message>
        <source>The database can only be read: records can be looked at, not changed.</source>
        <translation>Die Datenbank lässt sich nur lesen: Datensätze können angesehen, aber nicht geändert werden.</translation>
    </message>
</context>
<context>
    <name>nabblet::ExportCommand</name>
    <message>
        <source>Writes the rows of a form into a file: what its boxes show, in the order of the form. The file is whole or is not there.</source>
        <translation>Schreibt die Zeilen eines Formulars in eine Datei: was seine Felder zeigen, in der Reihenfolge des Formulars. Die Datei ist ganz oder gar nicht da.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Eine .nabform-Datei.</translation>
    </message>
    <message>
        <source>The file to write: %1.</source>
        <translation>Die Datei, die geschrieben wird: %1.</translation>
    </message>
    <message>
        <source>say where to write with -o FILE</source>
        <translation>mit -o DATEI sagen, wohin geschrieben wird</translation>
    </message>
    <message>
        <source>the file to write ends in one of %1</source>
        <translation>die Datei, die geschrieben wird, endet auf eines von %1</translation>
    </message>
    <message>
        <source>%L1 rows written</source>
        <translation>%L1 Zeilen geschrieben</translation>
    </message>
    <message>
        <source>Given up; %1 is as it was.</source>
        <translation>Abgebrochen; %1 ist, wie es war.</translation>
    </message>
    <message>
        <source>1 row</source>
        <translation>1 Zeile</translation>
    </message>
    <message>
        <source>%1 rows</source>
        <translation>%1 Zeilen</translation>
    </message>
</context>
<context>
    <name>nabblet::FileChooser</name>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Choose a picture</source>
        <translation>Ein Bild wählen</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.gif *.bmp *.svg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.gif *.bmp *.svg)</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
</context>
<context>
    <name>nabblet::Filing</name>
    <message>
        <source>Database</source>
        <translation>Datenbank</translation>
    </message>
    <message>
        <source>Forms can be designed without it. Records can be seen and entered once it is there; “Read the database again” in the File menu then takes it up.</source>
        <translation>Formulare können ohne sie gestaltet werden. Datensätze sieht man und gibt man ein, sobald sie da ist; „Datenbank neu lesen“ im Menü Datei nimmt sie dann auf.</translation>
    </message>
    <message>
        <source>Choose the database…</source>
        <translation>Die Datenbank wählen…</translation>
    </message>
    <message>
        <source>Go on without it</source>
        <translation>Ohne sie fortfahren</translation>
    </message>
    <message>
        <source>The database of “%1”</source>
        <translation>Die Datenbank von „%1“</translation>
    </message>
    <message>
        <source>Databases (*.db *.sqlite *.sqlite3);;All files (*)</source>
        <translation>Datenbanken (*.db *.sqlite *.sqlite3);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Ungespeicherte Arbeit</translation>
    </message>
    <message>
        <source>“%1” was not saved when the program last ended.</source>
        <translation>„%1“ war nicht gespeichert, als das Programm zuletzt endete.</translation>
    </message>
    <message>
        <source>The unsaved work is here. Taking it up changes nothing on the disk; you can undo it and save it as usual.</source>
        <translation>Die ungespeicherte Arbeit ist da. Sie aufzunehmen ändert nichts auf der Platte; es lässt sich rückgängig machen und wie üblich speichern.</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>Fallen lassen</translation>
    </message>
    <message>
        <source>Take up unsaved work</source>
        <translation>Ungespeicherte Arbeit aufnehmen</translation>
    </message>
    <message>
        <source>The new form “%1” was not saved when the program last ended.</source>
        <translation>Das neue Formular „%1“ war nicht gespeichert, als das Programm zuletzt endete.</translation>
    </message>
    <message>
        <source>The unsaved work is here.</source>
        <translation>Die ungespeicherte Arbeit ist da.</translation>
    </message>
    <message>
        <source>Where is the database?</source>
        <translation>Wo ist die Datenbank?</translation>
    </message>
    <message>
        <source>In a file…</source>
        <translation>In einer Datei…</translation>
    </message>
    <message>
        <source>On a server…</source>
        <translation>Auf einem Server…</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Move the project to another database</source>
        <translation>Das Projekt auf eine andere Datenbank umstellen</translation>
    </message>
    <message>
        <source>… and %1 more.</source>
        <translation>… und %1 weitere.</translation>
    </message>
    <message>
        <source>All forms work on %1 as they stand.</source>
        <translation>Alle Formulare arbeiten auf %1, wie sie sind.</translation>
    </message>
    <message>
        <source>On %2, one thing is different for the forms. They are kept as they are.</source>
        <translation>Auf %2 ist eines für die Formulare anders. Sie bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>On %2, %1 things are different for the forms. They are kept as they are.</source>
        <translation>Auf %2 sind %1 Dinge für die Formulare anders. Sie bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>Move the project</source>
        <translation>Das Projekt umstellen</translation>
    </message>
    <message>
        <source>The project works on %1 now.</source>
        <translation>Das Projekt arbeitet jetzt auf %1.</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Projects, forms and databases (project.nabblet *.nabform *.db *.sqlite *.sqlite3);;All files (*)</source>
        <translation>Projekte, Formulare und Datenbanken (project.nabblet *.nabform *.db *.sqlite *.sqlite3);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Folder for the %1 forms</source>
        <translation>Ordner für die %1 Formulare</translation>
    </message>
    <message>
        <source>Without a folder only the first form was made.</source>
        <translation>Ohne Ordner wurde nur das erste Formular gemacht.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made: no form was saved. The first one is open, not saved yet.</source>
        <translation>Der Ordner %1 kann nicht angelegt werden: Kein Formular wurde gespeichert. Das erste ist geöffnet, noch nicht gespeichert.</translation>
    </message>
    <message>
        <source>%1 of %2 forms are saved; “%3” could not be: %4</source>
        <translation>%1 von %2 Formularen sind gespeichert; „%3“ konnte nicht gespeichert werden: %4</translation>
    </message>
    <message>
        <source>One form is</source>
        <translation>Ein Formular ist</translation>
    </message>
    <message>
        <source>%1 forms are</source>
        <translation>%1 Formulare sind</translation>
    </message>
    <message>
        <source>%1 saved in %2.</source>
        <comment>so many forms</comment>
        <translation>%1 in %2 gespeichert.</translation>
    </message>
    <message>
        <source>%1 is no table of the database: the rows of this form come from a SELECT. Choose “New form…” for another form on it.</source>
        <translation>%1 ist keine Tabelle der Datenbank: Die Zeilen dieses Formulars kommen aus einem SELECT. Mit „Neues Formular …“ ein anderes Formular darauf machen.</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Formular</translation>
    </message>
    <message>
        <source>The database was read again.</source>
        <translation>Die Datenbank wurde neu gelesen.</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Als %1 gespeichert.</translation>
    </message>
    <message>
        <source>Save form as</source>
        <translation>Formular speichern unter</translation>
    </message>
    <message>
        <source>Forms (*.nabform)</source>
        <translation>Formulare (*.nabform)</translation>
    </message>
    <message>
        <source>Saved “%1” and made the project %2.</source>
        <translation>„%1“ gespeichert und das Projekt %2 angelegt.</translation>
    </message>
    <message>
        <source>Saved “%1”.</source>
        <translation>„%1“ gespeichert.</translation>
    </message>
    <message>
        <source>Save the form in its project first; then it can be renamed there.</source>
        <translation>Das Formular erst in seinem Projekt speichern; dann kann es dort umbenannt werden.</translation>
    </message>
    <message>
        <source>Rename the form</source>
        <translation>Das Formular umbenennen</translation>
    </message>
    <message>
        <source>The name of the form; buttons and subforms that show it follow.</source>
        <translation>Der Name des Formulars; Schaltflächen und Unterformulare, die es zeigen, folgen.</translation>
    </message>
    <message>
        <source>The form is called “%1” now, wherever the project names it.</source>
        <translation>Das Formular heißt jetzt „%1“, wo immer das Projekt es nennt.</translation>
    </message>
    <message>
        <source>Form not saved</source>
        <translation>Formular nicht gespeichert</translation>
    </message>
    <message>
        <source>Save the form “%1” before closing?</source>
        <translation>Das Formular „%1“ vor dem Schließen speichern?</translation>
    </message>
    <message>
        <source>It has not been saved yet.</source>
        <translation>Es wurde noch nicht gespeichert.</translation>
    </message>
    <message>
        <source>Its file is as it was when it was last saved.</source>
        <translation>Seine Datei ist, wie sie zuletzt gespeichert wurde.</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Bleiben</translation>
    </message>
</context>
<context>
    <name>nabblet::FindingsPanel</name>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Which findings</source>
        <translation>Welche Befunde</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>to fix</source>
        <translation>zu beheben</translation>
    </message>
    <message>
        <source>to weigh</source>
        <translation>abzuwägen</translation>
    </message>
    <message>
        <source>left be</source>
        <translation>auf sich beruhend</translation>
    </message>
    <message>
        <source>Close the findings</source>
        <translation>Die Befunde schließen</translation>
    </message>
    <message>
        <source>Nothing was found: every column has its box, every box shows what it should.</source>
        <translation>Nichts wurde gefunden: jede Spalte hat ihr Feld, jedes Feld zeigt, was es soll.</translation>
    </message>
    <message>
        <source>Why it may stay</source>
        <translation>Warum es bleiben darf</translation>
    </message>
    <message>
        <source>Leave it be</source>
        <translation>Auf sich beruhen lassen</translation>
    </message>
    <message>
        <source>Do not leave it be</source>
        <translation>Nicht auf sich beruhen lassen</translation>
    </message>
    <message>
        <source>%1 to fix · %2 to weigh</source>
        <translation>%1 zu beheben · %2 abzuwägen</translation>
    </message>
    <message>
        <source> · %1 left be</source>
        <translation> · %1 auf sich beruhend</translation>
    </message>
    <message>
        <source>Nothing was found: every column that is needed has its box, and every box shows what it should.</source>
        <translation>Nichts wurde gefunden: jede nötige Spalte hat ihr Feld, und jedes Feld zeigt, was es soll.</translation>
    </message>
    <message>
        <source>There are none of these.</source>
        <translation>Davon gibt es keine.</translation>
    </message>
    <message>
        <source>%1 Left be: %2</source>
        <translation>%1 Auf sich beruhend: %2</translation>
    </message>
    <message>
        <source>All %1 of this kind</source>
        <translation>Alle %1 dieser Art</translation>
    </message>
    <message>
        <source>“%1”: the first way for each of them, as one step</source>
        <translation>„%1“: der erste Weg für jeden davon, als ein Schritt</translation>
    </message>
    <message>
        <source>What was found in the form: to fix, where it will fail; to weigh, where it will serve people worse. Beside each stand ways to put it right; one that has the mouse or the keyboard shows on the board.</source>
        <translation>Was im Formular gefunden wurde: zu beheben, wo es scheitern wird; abzuwägen, wo es schlechter dient. Daneben stehen Wege, es in Ordnung zu bringen; einer unter Maus oder Tastatur zeigt sich auf der Zeichenfläche.</translation>
    </message>
</context>
<context>
    <name>nabblet::FindingsView</name>
    <message>
        <source>Nothing was found.</source>
        <translation>Nichts wurde gefunden.</translation>
    </message>
    <message>
        <source>Select the box of a column first.</source>
        <translation>Erst das Feld einer Spalte wählen.</translation>
    </message>
    <message>
        <source>Put other columns in the place of one</source>
        <translation>Andere Spalten an die Stelle einer setzen</translation>
    </message>
    <message>
        <source>That changes nothing here; it has to be done by hand.</source>
        <translation>Das ändert hier nichts; es muss von Hand geschehen.</translation>
    </message>
    <message>
        <source>Put right: %1</source>
        <translation>In Ordnung gebracht: %1</translation>
    </message>
    <message>
        <source>Do not leave a finding be</source>
        <translation>Einen Befund nicht auf sich beruhen lassen</translation>
    </message>
    <message>
        <source>Leave a finding be</source>
        <translation>Einen Befund auf sich beruhen lassen</translation>
    </message>
</context>
<context>
    <name>nabblet::FormAsked</name>
    <message>
        <source>Only the records that a question kept in the project asks for.</source>
        <translation>Nur die Datensätze, nach denen eine im Projekt aufbewahrte Frage fragt.</translation>
    </message>
    <message>
        <source>The database to work on, instead of the project&apos;s.</source>
        <translation>Die Datenbank, auf der gearbeitet wird, statt der des Projekts.</translation>
    </message>
    <message>
        <source>The project keeps no question “%1” about this form.</source>
        <translation>Das Projekt bewahrt keine Frage „%1“ zu diesem Formular auf.</translation>
    </message>
</context>
<context>
    <name>nabblet::FormNames</name>
    <message>
        <source>• unsaved</source>
        <translation>• ungespeichert</translation>
    </message>
</context>
<context>
    <name>nabblet::FormQuestion</name>
    <message>
        <source>This form has no boxes by which records could be looked for.</source>
        <translation>Dieses Formular hat keine Felder, nach denen gesucht werden könnte.</translation>
    </message>
    <message>
        <source>Line before</source>
        <translation>Vorige Zeile</translation>
    </message>
    <message>
        <source>Next line</source>
        <translation>Nächste Zeile</translation>
    </message>
    <message>
        <source>The form as the question</source>
        <translation>Das Formular als Frage</translation>
    </message>
    <message>
        <source>The line before (PgUp)</source>
        <translation>Die vorige Zeile (Bild auf)</translation>
    </message>
    <message>
        <source>The next line (PgDown)</source>
        <translation>Die nächste Zeile (Bild ab)</translation>
    </message>
    <message>
        <source>Or…</source>
        <translation>Oder…</translation>
    </message>
    <message>
        <source>A further line: records that are like one of the lines are shown (Ctrl+N)</source>
        <translation>Eine weitere Zeile: gezeigt werden Datensätze, die wie eine der Zeilen sind (Strg+N)</translation>
    </message>
    <message>
        <source>Show them</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Shows the records that are like that (Enter)</source>
        <translation>Zeigt die Datensätze, die so sind (Eingabe)</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Back to the records (Escape)</source>
        <translation>Zurück zu den Datensätzen (Esc)</translation>
    </message>
    <message>
        <source>&lt;b&gt;What are you looking for?&lt;/b&gt; Write it where it stands: 12, &amp;gt; 12, 5..9, 2026-05, Sker*, not blank. Enter shows the records.</source>
        <translation>&lt;b&gt;Was wird gesucht?&lt;/b&gt; Dort hinschreiben, wo es steht: 12, &amp;gt; 12, 5..9, 2026-05, Sker*, nicht leer. Die Eingabetaste zeigt die Datensätze.</translation>
    </message>
    <message>
        <source>Line %1 of %2</source>
        <translation>Zeile %1 von %2</translation>
    </message>
</context>
<context>
    <name>nabblet::FormView</name>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>%1 belongs to no project with a database; say which database it works on.</source>
        <translation>%1 gehört zu keinem Projekt mit einer Datenbank; angeben, auf welcher Datenbank es arbeitet.</translation>
    </message>
</context>
<context>
    <name>nabblet::FormWindow</name>
    <message>
        <source>%1 – %2</source>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Shown at %1 %.</source>
        <translation>Gezeigt zu %1 %.</translation>
    </message>
    <message>
        <source>&amp;Larger</source>
        <translation>&amp;Größer</translation>
    </message>
    <message>
        <source>&amp;Smaller</source>
        <translation>&amp;Kleiner</translation>
    </message>
    <message>
        <source>&amp;As it was made</source>
        <translation>&amp;Wie es gemacht wurde</translation>
    </message>
    <message>
        <source>&amp;Records</source>
        <translation>Da&amp;tensätze</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Ctrl+S</source>
        <translation>Strg+S</translation>
    </message>
    <message>
        <source>&amp;Close</source>
        <translation>S&amp;chließen</translation>
    </message>
    <message>
        <source>Ctrl+W</source>
        <translation>Strg+W</translation>
    </message>
</context>
<context>
    <name>nabblet::HandOverCommand</name>
    <message>
        <source>The folder of a project.</source>
        <translation>Der Ordner eines Projekts.</translation>
    </message>
    <message>
        <source>The forms work on the database where it is.</source>
        <translation>Die Formulare arbeiten auf der Datenbank, wo sie ist.</translation>
    </message>
    <message>
        <source>version %1: %2</source>
        <translation>Version %1: %2</translation>
    </message>
    <message>
        <source>something is missing in the call</source>
        <translation>im Aufruf fehlt etwas</translation>
    </message>
    <message>
        <source>Gives a project to those who work with its forms: checks all of them, and puts them into one file that opens in Entry alone, or into a folder with such a file. Handed over again, the forms are replaced and the data stay.</source>
        <translation>Gibt ein Projekt denen, die mit seinen Formularen arbeiten: prüft alle und legt sie in eine Datei, die allein zur Eingabe öffnet, oder in einen Ordner mit einer solchen. Erneut übergeben, werden die Formulare ersetzt, und die Daten bleiben.</translation>
    </message>
    <message>
        <source>Where to: one file, ending in .nabhand, or a folder.</source>
        <translation>Wohin: eine Datei, die auf .nabhand endet, oder ein Ordner.</translation>
    </message>
    <message>
        <source>Takes the last one back: nabblet hand-over --back FILE.</source>
        <translation>Nimmt die letzte Übergabe zurück: nabblet hand-over --back DATEI.</translation>
    </message>
</context>
<context>
    <name>nabblet::ImportCommand</name>
    <message>
        <source>Puts the rows of a file into the rows of a form: .csv, .tsv or .jsonl with heads. All are tried first; all go in, in one transaction, or none.</source>
        <translation>Übernimmt die Zeilen einer Datei in die Zeilen eines Formulars: .csv, .tsv oder .jsonl mit Köpfen. Alle werden erst versucht; alle gehen in einem Zug hinein oder keine.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Eine .nabform-Datei.</translation>
    </message>
    <message>
        <source>The file with the rows.</source>
        <translation>Die Datei mit den Zeilen.</translation>
    </message>
    <message>
        <source>The head by which rows are known that are there already; without it all are added.</source>
        <translation>Der Kopf, an dem Zeilen erkannt werden, die schon da sind; ohne ihn werden alle hinzugefügt.</translation>
    </message>
    <message>
        <source>Rows that are there already stay as they are.</source>
        <translation>Zeilen, die schon da sind, bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>Put in those that can go in, and leave the others.</source>
        <translation>Übernimmt, was übernommen werden kann, und lässt den Rest.</translation>
    </message>
    <message>
        <source>Only say what would come of it.</source>
        <translation>Nur sagen, was dabei herauskäme.</translation>
    </message>
    <message>
        <source>“%1” is no head of the file that names a box of the form.</source>
        <translation>„%1“ ist kein Kopf der Datei, der ein Feld des Formulars nennt.</translation>
    </message>
    <message>
        <source>“%1” goes nowhere, as no box is called so.</source>
        <translation>„%1“ kommt nirgends hin, da kein Feld so heißt.</translation>
    </message>
    <message>
        <source>row %L1 of %L2</source>
        <translation>Zeile %L1 von %L2</translation>
    </message>
    <message>
        <source>Given up; nothing was put in.</source>
        <translation>Abgebrochen; nichts wurde übernommen.</translation>
    </message>
    <message>
        <source>row %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>1 row put in</source>
        <translation>1 Zeile übernommen</translation>
    </message>
    <message>
        <source>%1 rows put in</source>
        <translation>%1 Zeilen übernommen</translation>
    </message>
    <message>
        <source>1 row would go in</source>
        <translation>1 Zeile würde übernommen</translation>
    </message>
    <message>
        <source>%1 rows would go in</source>
        <translation>%1 Zeilen würden übernommen</translation>
    </message>
    <message>
        <source>1 would not</source>
        <translation>1 ginge nicht</translation>
    </message>
    <message>
        <source>%1 would not</source>
        <translation>%1 gingen nicht</translation>
    </message>
    <message>
        <source>1 left as it is</source>
        <translation>1 gelassen, wie sie ist</translation>
    </message>
    <message>
        <source>%1 left as they are</source>
        <translation>%1 gelassen, wie sie sind</translation>
    </message>
</context>
<context>
    <name>nabblet::InnerFormBar</name>
    <message>
        <source>Inside %1</source>
        <translation>Innerhalb von %1</translation>
    </message>
    <message>
        <source>Back to %1</source>
        <translation>Zurück zu %1</translation>
    </message>
</context>
<context>
    <name>nabblet::Inspector</name>
    <message>
        <source>Form</source>
        <translation>Formular</translation>
    </message>
    <message>
        <source>Find a setting</source>
        <translation>Eine Einstellung suchen</translation>
    </message>
    <message>
        <source>As the look says again</source>
        <translation>Wieder, wie das Aussehen sagt</translation>
    </message>
    <message>
        <source>%1 as the look says again</source>
        <translation>%1 wieder, wie das Aussehen sagt</translation>
    </message>
    <message>
        <source>Choose the rows…</source>
        <translation>Die Zeilen wählen…</translation>
    </message>
    <message>
        <source>Change the rows…</source>
        <translation>Die Zeilen ändern…</translation>
    </message>
    <message>
        <source>mixed</source>
        <translation>gemischt</translation>
    </message>
    <message>
        <source>Take %1</source>
        <translation>%1 nehmen</translation>
    </message>
    <message>
        <source>look: %1</source>
        <translation>Aussehen: %1</translation>
    </message>
    <message>
        <source>Form: %1</source>
        <translation>Formular: %1</translation>
    </message>
    <message>
        <source>No setting of what is selected, or of the form, has “%1” in it.</source>
        <translation>Keine Einstellung der Auswahl oder des Formulars enthält „%1“.</translation>
    </message>
    <message>
        <source>band</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>Rail</source>
        <translation>Schiene</translation>
    </message>
    <message>
        <source>%1 controls</source>
        <translation>%1 Elemente</translation>
    </message>
    <message>
        <source>%1 kinds</source>
        <translation>%1 Arten</translation>
    </message>
    <message>
        <source>All settings of what is selected, or of the form where nothing is. Type a word at the top to see only settings that have it. Enter takes a value, Escape puts it back.</source>
        <translation>Alle Einstellungen des Gewählten oder, wo nichts gewählt ist, des Formulars. Oben ein Wort tippen zeigt nur Einstellungen damit. Eingabe nimmt einen Wert, Esc setzt ihn zurück.</translation>
    </message>
</context>
<context>
    <name>nabblet::KeptRows</name>
    <message>
        <source>Stored rows</source>
        <translation>Gespeicherte Zeilen</translation>
    </message>
    <message>
        <source>%1 · the first %2</source>
        <translation>%1 · die ersten %2</translation>
    </message>
    <message>
        <source>Show this record</source>
        <translation>Diesen Datensatz zeigen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>nabblet::LikelyLinksList</name>
    <message>
        <source>Links that are likely</source>
        <translation>Wahrscheinliche Verknüpfungen</translation>
    </message>
</context>
<context>
    <name>nabblet::LikelyLinksModel</name>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>%1: %2. Ticked, the project remembers this link: its values are chosen from a list, and its rows can be shown with each record.</source>
        <translation>%1: %2. Angekreuzt merkt sich das Projekt diese Verknüpfung: Ihre Werte werden aus einer Liste gewählt, und ihre Zeilen lassen sich bei jedem Datensatz zeigen.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
</context>
<context>
    <name>nabblet::LinkByHand</name>
    <message>
        <source>Link rows by hand</source>
        <translation>Zeilen von Hand verknüpfen</translation>
    </message>
    <message>
        <source>Rows of</source>
        <translation>Zeilen von</translation>
    </message>
    <message>
        <source>belong to a record of “%1” when</source>
        <translation>gehören zu einem Datensatz von „%1“, wenn</translation>
    </message>
    <message>
        <source>their</source>
        <translation>ihre Spalte</translation>
    </message>
    <message>
        <source>and their</source>
        <translation>und ihre Spalte</translation>
    </message>
    <message>
        <source>is the record&apos;s</source>
        <translation>gleich der des Datensatzes ist</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Verweis</translation>
    </message>
    <message>
        <source>Choose at least one pair of columns.</source>
        <translation>Mindestens ein Spaltenpaar wählen.</translation>
    </message>
    <message>
        <source>New rows get the record&apos;s values by themselves.</source>
        <translation>Neue Zeilen bekommen die Werte des Datensatzes von selbst.</translation>
    </message>
</context>
<context>
    <name>nabblet::LookCards</name>
    <message>
        <source>1 form</source>
        <translation>1 Formular</translation>
    </message>
    <message>
        <source>%1 forms</source>
        <translation>%1 Formulare</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Aussehen</translation>
    </message>
</context>
<context>
    <name>nabblet::LookSides</name>
    <message>
        <source>The form, light and dark</source>
        <translation>Das Formular, hell und dunkel</translation>
    </message>
</context>
<context>
    <name>nabblet::LookView</name>
    <message>
        <source>Change the look to “%1”</source>
        <translation>Das Aussehen in „%1“ ändern</translation>
    </message>
    <message>
        <source>%1 for %2</source>
        <translation>%1 für %2</translation>
    </message>
    <message>
        <source>A look for this form alone</source>
        <translation>Ein Aussehen nur für dieses Formular</translation>
    </message>
    <message>
        <source>The look as it came with the program</source>
        <translation>Das Aussehen, wie es mit dem Programm kam</translation>
    </message>
    <message>
        <source>Keep the style “%1”</source>
        <translation>Den Stil „%1“ behalten</translation>
    </message>
    <message>
        <source>What is the style called? All controls that have it follow it.</source>
        <translation>Wie heißt der Stil? Alle Elemente, die ihn haben, folgen ihm.</translation>
    </message>
    <message>
        <source>Keep as a style</source>
        <translation>Als Stil behalten</translation>
    </message>
    <message>
        <source>The new name of the style “%1”:</source>
        <translation>Der neue Name des Stils „%1“:</translation>
    </message>
    <message>
        <source>Rename a style</source>
        <translation>Einen Stil umbenennen</translation>
    </message>
    <message>
        <source>There is a style “%1” already.</source>
        <translation>Einen Stil „%1“ gibt es schon.</translation>
    </message>
    <message>
        <source>One other form still names the style “%2”; open it to give it the new one.</source>
        <translation>Ein weiteres Formular nennt noch den Stil „%2“; öffnen, um ihm den neuen zu geben.</translation>
    </message>
    <message>
        <source>%1 other forms still name the style “%2”; open them to give them the new one.</source>
        <translation>%1 weitere Formulare nennen noch den Stil „%2“; öffnen, um ihnen den neuen zu geben.</translation>
    </message>
    <message>
        <source>The style as it came with the program</source>
        <translation>Der Stil, wie er mit dem Programm kam</translation>
    </message>
    <message>
        <source>Remove a style</source>
        <translation>Einen Stil entfernen</translation>
    </message>
</context>
<context>
    <name>nabblet::LooksPanel</name>
    <message>
        <source>light</source>
        <translation>mager</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>light weight</source>
        <translation>mager</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>half bold</source>
        <translation>halbfett</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>fett</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>extrafett</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>The form&apos;s look</source>
        <translation>Das Aussehen des Formulars</translation>
    </message>
    <message>
        <source>What it says</source>
        <translation>Was es sagt</translation>
    </message>
    <message>
        <source>For this form alone</source>
        <translation>Nur für dieses Formular</translation>
    </message>
    <message>
        <source>The form gets a look of its own, as this one is now; what is changed then changes no other form.</source>
        <translation>Das Formular bekommt ein eigenes Aussehen, wie dieses jetzt ist; was dann geändert wird, ändert kein anderes Formular.</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie es kam</translation>
    </message>
    <message>
        <source>What the project changed of it goes; it is as it came with the program.</source>
        <translation>Was das Projekt daran änderte, geht; es ist, wie es mit dem Programm kam.</translation>
    </message>
    <message>
        <source>Main colour</source>
        <translation>Hauptfarbe</translation>
    </message>
    <message>
        <source>All colours are worked out anew, in harmony with this one.</source>
        <translation>Alle Farben werden neu bestimmt, im Einklang mit dieser.</translation>
    </message>
    <message>
        <source>Change the main colour</source>
        <translation>Die Hauptfarbe ändern</translation>
    </message>
    <message>
        <source>Styles of the project</source>
        <translation>Stile des Projekts</translation>
    </message>
    <message>
        <source>Give it</source>
        <translation>Geben</translation>
    </message>
    <message>
        <source>To what is selected, in the place of what is pinned there.</source>
        <translation>Der Auswahl, statt dessen, was dort festgelegt ist.</translation>
    </message>
    <message>
        <source>Take over</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>The style becomes what the selected control looks like; all that have it follow.</source>
        <translation>Der Stil wird, wie das gewählte Element aussieht; alle, die ihn haben, folgen.</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Wählen</translation>
    </message>
    <message>
        <source>Those of this form that have it.</source>
        <translation>Die dieses Formulars, die ihn haben.</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Umbenennen…</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>One of the program&apos;s becomes again as it came.</source>
        <translation>Einer des Programms wird wieder, wie er kam.</translation>
    </message>
    <message>
        <source>Keep as a style…</source>
        <translation>Als Stil behalten…</translation>
    </message>
    <message>
        <source>What the selected control looks like, under a name of its own.</source>
        <translation>Wie das gewählte Element aussieht, unter eigenem Namen.</translation>
    </message>
    <message>
        <source>Type</source>
        <translation>Schrift</translation>
    </message>
    <message>
        <source>%1: typeface</source>
        <translation>%1: Schriftart</translation>
    </message>
    <message>
        <source>the desktop&apos;s</source>
        <translation>die des Desktops</translation>
    </message>
    <message>
        <source>%1: size</source>
        <translation>%1: Größe</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Of the desktop&apos;s text</source>
        <translation>Vom Text des Desktops</translation>
    </message>
    <message>
        <source>%1: weight</source>
        <translation>%1: Stärke</translation>
    </message>
    <message>
        <source>%1: slanted</source>
        <translation>%1: kursiv</translation>
    </message>
    <message>
        <source>Slanted</source>
        <translation>Kursiv</translation>
    </message>
    <message>
        <source>i</source>
        <comment>short for slanted type</comment>
        <translation>k</translation>
    </message>
    <message>
        <source>Change the type of a look</source>
        <translation>Die Schrift eines Aussehens ändern</translation>
    </message>
    <message>
        <source>%1 (not on this computer)</source>
        <translation>%1 (nicht auf diesem Computer)</translation>
    </message>
    <message>
        <source>Edges and spaces</source>
        <translation>Kanten und Abstände</translation>
    </message>
    <message>
        <source>Change edges and spaces of a look</source>
        <translation>Kanten und Abstände eines Aussehens ändern</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>%1, light and dark</source>
        <translation>%1, hell und dunkel</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Change a colour of a look</source>
        <translation>Eine Farbe eines Aussehens ändern</translation>
    </message>
    <message>
        <source>%1 on “%2” (%3) is hard to read: %L4, and %L5 is needed.</source>
        <translation>%1 auf „%2“ (%3) ist schwer zu lesen: %L4, gebraucht werden %L5.</translation>
    </message>
    <message>
        <source>Take the nearest</source>
        <translation>Die nächste nehmen</translation>
    </message>
    <message>
        <source>Make a look readable</source>
        <translation>Ein Aussehen lesbar machen</translation>
    </message>
    <message>
        <source>A change changes this form alone.</source>
        <translation>Eine Änderung ändert nur dieses Formular.</translation>
    </message>
    <message>
        <source>A change changes %1 forms of the project.</source>
        <translation>Eine Änderung ändert %1 Formulare des Projekts.</translation>
    </message>
    <message>
        <source>How forms look: colours, type, edges and spaces, for all forms that have a look, and styles for single controls.</source>
        <translation>Wie Formulare aussehen: Farben, Schrift, Kanten und Abstände, für alle Formulare mit einem Aussehen, und Stile für einzelne Elemente.</translation>
    </message>
</context>
<context>
    <name>nabblet::MainWindow</name>
    <message>
        <source>Nabblet</source>
        <translation>Nabblet</translation>
    </message>
    <message>
        <source>catalogue, controls and outline</source>
        <translation>Katalog, Elemente und Gliederung</translation>
    </message>
    <message>
        <source>inspector</source>
        <translation>Eigenschaften</translation>
    </message>
    <message>
        <source>This form shows its records inside another one; look for the record there.</source>
        <translation>Dieses Formular zeigt seine Datensätze innerhalb eines anderen; dort nach dem Datensatz suchen.</translation>
    </message>
    <message>
        <source>The record in hand has to be saved or put back first.</source>
        <translation>Der Datensatz zur Hand muss erst gespeichert oder zurückgesetzt werden.</translation>
    </message>
    <message>
        <source>Change where the rows come from</source>
        <translation>Die Herkunft der Zeilen ändern</translation>
    </message>
    <message>
        <source>The form shows rows of %1; columns of %2 come with a lookup or a subform.</source>
        <translation>Das Formular zeigt Zeilen von %1; Spalten von %2 kommen mit einer Nachschlageliste oder einem Unterformular.</translation>
    </message>
    <message>
        <source>Add the field %1</source>
        <translation>Das Feld %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add %1 fields</source>
        <translation>%1 Felder hinzufügen</translation>
    </message>
    <message>
        <source>Rename the controls</source>
        <translation>Die Elemente umbenennen</translation>
    </message>
    <message>
        <source>One other form was named anew.</source>
        <translation>Ein weiteres Formular wurde neu benannt.</translation>
    </message>
    <message>
        <source>%1 other forms were named anew.</source>
        <translation>%1 weitere Formulare wurden neu benannt.</translation>
    </message>
    <message>
        <source>Not every form could be named anew: %1</source>
        <translation>Nicht jedes Formular konnte neu benannt werden: %1</translation>
    </message>
    <message>
        <source>%1%2 – Nabblet</source>
        <translation>%1%2 – Nabblet</translation>
    </message>
    <message>
        <source>No record</source>
        <translation>Kein Datensatz</translation>
    </message>
    <message>
        <source>The database could not be opened.</source>
        <translation>Die Datenbank konnte nicht geöffnet werden.</translation>
    </message>
    <message>
        <source>New record</source>
        <translation>Neuer Datensatz</translation>
    </message>
    <message>
        <source>Record %L1</source>
        <translation>Datensatz %L1</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Datensatz</translation>
    </message>
    <message>
        <source>The record has changes that are not saved; save it in Entry first.</source>
        <translation>Der Datensatz hat ungespeicherte Änderungen; erst in der Eingabe speichern.</translation>
    </message>
    <message>
        <source>There are no records.</source>
        <translation>Es gibt keine Datensätze.</translation>
    </message>
    <message>
        <source>This form shows no row in full; choose where among the form&apos;s settings.</source>
        <translation>Dieses Formular zeigt keine Zeile im Ganzen; unter den Einstellungen des Formulars wählen, wo.</translation>
    </message>
    <message>
        <source>There is no form inside to go into; select a subform with rows.</source>
        <translation>Darin ist kein Formular, in das man gehen könnte; ein Unterformular mit Zeilen wählen.</translation>
    </message>
    <message>
        <source>There is no look “%1” here; “%2” stands in for it.</source>
        <translation>Das Aussehen „%1“ gibt es hier nicht; „%2“ vertritt es.</translation>
    </message>
    <message>
        <source>The stored values are still being looked through; the longest come as soon as they are known.</source>
        <translation>Die gespeicherten Werte werden noch durchgesehen; die längsten kommen, sobald sie bekannt sind.</translation>
    </message>
    <message>
        <source>A trial needs a database. Open the project that the form belongs to.</source>
        <translation>Eine Probe braucht eine Datenbank. Das Projekt öffnen, zu dem das Formular gehört.</translation>
    </message>
    <message>
        <source>Copying the database for the trial…</source>
        <translation>Die Datenbank wird für die Probe kopiert…</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>The trial ended. %1 of %2 sides of rules were not seen; the list of rules (F6) says which.</source>
        <translation>Die Probe ist beendet. %1 von %2 Seiten von Regeln wurden nicht gesehen; die Liste der Regeln (F6) sagt, welche.</translation>
    </message>
    <message>
        <source>This form has no database to work on. Open the project that it belongs to.</source>
        <translation>Dieses Formular hat keine Datenbank zum Arbeiten. Das Projekt öffnen, zu dem es gehört.</translation>
    </message>
    <message>
        <source>It stands over the board now.</source>
        <translation>Es steht jetzt über der Zeichenfläche.</translation>
    </message>
    <message>
        <source>It does not stand over the board any more.</source>
        <translation>Es steht nicht mehr über der Zeichenfläche.</translation>
    </message>
    <message>
        <source>Change captions</source>
        <translation>Beschriftungen ändern</translation>
    </message>
    <message>
        <source>Steps done</source>
        <translation>Getane Schritte</translation>
    </message>
    <message>
        <source>As it was opened</source>
        <translation>Wie es geöffnet wurde</translation>
    </message>
    <message>
        <source>Click a step to go back to it, or forward again.</source>
        <translation>Ein Klick auf einen Schritt geht zu ihm zurück oder wieder vor.</translation>
    </message>
    <message>
        <source>Take the style “%1”</source>
        <translation>Den Stil „%1“ nehmen</translation>
    </message>
    <message>
        <source>No control of this form has the style “%1”.</source>
        <translation>Kein Element dieses Formulars hat den Stil „%1“.</translation>
    </message>
    <message>
        <source>One control has it.</source>
        <translation>Ein Element hat ihn.</translation>
    </message>
    <message>
        <source>%1 controls have it.</source>
        <translation>%1 Elemente haben ihn.</translation>
    </message>
    <message>
        <source>Stored rows of %1</source>
        <translation>Gespeicherte Zeilen von %1</translation>
    </message>
    <message>
        <source>Tracing sheet: a picture or scanned page</source>
        <translation>Vorlage zum Nachzeichnen: ein Bild oder eine gescannte Seite</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.bmp *.gif *.svg *.webp)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.bmp *.gif *.svg *.webp)</translation>
    </message>
    <message>
        <source>%1 is not a picture that can be shown. Choose a PNG, JPEG, GIF, BMP or SVG file.</source>
        <translation>%1 ist kein Bild, das gezeigt werden kann. Eine PNG-, JPEG-, GIF-, BMP- oder SVG-Datei wählen.</translation>
    </message>
    <message>
        <source>Lay a tracing sheet under</source>
        <translation>Eine Vorlage unterlegen</translation>
    </message>
    <message>
        <source>Beginning the trial…</source>
        <translation>Die Probe beginnt…</translation>
    </message>
</context>
<context>
    <name>nabblet::NewColumnDialog</name>
    <message>
        <source>whole number</source>
        <translation>ganze Zahl</translation>
    </message>
    <message>
        <source>number with decimals</source>
        <translation>Zahl mit Nachkommastellen</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Uhrzeit</translation>
    </message>
    <message>
        <source>date and time</source>
        <translation>Datum und Uhrzeit</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>ja oder nein</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>New column of %1</source>
        <translation>Neue Spalte von %1</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Enthält</translation>
    </message>
    <message>
        <source>must be filled in</source>
        <translation>muss ausgefüllt werden</translation>
    </message>
    <message>
        <source>Required</source>
        <translation>Erforderlich</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Starts as</source>
        <translation>Beginnt als</translation>
    </message>
    <message>
        <source>Statement</source>
        <translation>Anweisung</translation>
    </message>
    <message>
        <source>Add column</source>
        <translation>Spalte hinzufügen</translation>
    </message>
    <message>
        <source>The table is changed for everyone who uses this database. Taking the field off the form later leaves the column there.</source>
        <translation>Die Tabelle wird für alle geändert, die diese Datenbank benutzen. Das Feld später vom Formular zu nehmen lässt die Spalte dort.</translation>
    </message>
</context>
<context>
    <name>nabblet::NewFormDialog</name>
    <message>
        <source>New form from data</source>
        <translation>Neues Formular aus Daten</translation>
    </message>
    <message>
        <source>Every choice shows at once on the right. Press Enter when it looks right.</source>
        <translation>Jede Wahl zeigt sich sofort rechts. Eingabetaste drücken, wenn es stimmt.</translation>
    </message>
    <message>
        <source>What is true of the draft</source>
        <translation>Was vom Entwurf gilt</translation>
    </message>
    <message>
        <source>Make form</source>
        <translation>Formular machen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Stop looking</source>
        <translation>Nicht weiter ansehen</translation>
    </message>
    <message>
        <source>Leaves the stored values alone; boxes are sized by what the columns declare.</source>
        <translation>Lässt die gespeicherten Werte beiseite; Felder bekommen die Größe, die die Spalten erklären.</translation>
    </message>
    <message>
        <source>the SELECT</source>
        <translation>der SELECT</translation>
    </message>
    <message>
        <source>%1, rows of each</source>
        <translation>%1, Zeilen von jedem</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>No rows yet: they can be chosen in the form&apos;s inspector at any time.</source>
        <translation>Noch keine Zeilen: sie lassen sich jederzeit in den Eigenschaften des Formulars wählen.</translation>
    </message>
    <message>
        <source>Every required column has a box</source>
        <translation>Jede erforderliche Spalte hat ein Feld</translation>
    </message>
    <message>
        <source>No record can be added: %1 has no box</source>
        <translation>Kein Datensatz kann hinzugefügt werden: %1 hat kein Feld</translation>
    </message>
    <message>
        <source>No rows can be added there: %1 has no box</source>
        <translation>Dort können keine Zeilen hinzugefügt werden: %1 hat kein Feld</translation>
    </message>
    <message>
        <source>No rows are stored yet</source>
        <translation>Noch sind keine Zeilen gespeichert</translation>
    </message>
    <message>
        <source>%L1 of %2</source>
        <comment>values of a box</comment>
        <translation>%L1 von %2</translation>
    </message>
    <message>
        <source>%1 % of stored values fit their box</source>
        <translation>%1 % der gespeicherten Werte passen in ihr Feld</translation>
    </message>
    <message>
        <source>, %L1 are longer</source>
        <translation>, %L1 sind länger</translation>
    </message>
    <message>
        <source>, by a sample</source>
        <translation>, nach einer Stichprobe</translation>
    </message>
    <message>
        <source>Stored values were not looked through</source>
        <translation>Gespeicherte Werte wurden nicht durchgesehen</translation>
    </message>
    <message>
        <source>Looking through the stored values…</source>
        <translation>Gespeicherte Werte werden durchgesehen…</translation>
    </message>
    <message>
        <source>Nothing overlaps at %1 px</source>
        <translation>Nichts überlappt bei %1 px</translation>
    </message>
    <message>
        <source>One pair overlaps</source>
        <translation>Ein Paar überlappt</translation>
    </message>
    <message>
        <source>%1 pairs overlap</source>
        <translation>%1 Paare überlappen</translation>
    </message>
    <message>
        <source>shown at %1 %</source>
        <translation>gezeigt zu %1 %</translation>
    </message>
    <message>
        <source>Longer than their box, cut or scrolled: %1</source>
        <translation>Länger als ihr Feld, abgeschnitten oder rollend: %1</translation>
    </message>
    <message>
        <source>Rows from</source>
        <translation>Zeilen aus</translation>
    </message>
    <message>
        <source>Filter</source>
        <translation>Filtern</translation>
    </message>
    <message>
        <source>Tables and views</source>
        <translation>Tabellen und Sichten</translation>
    </message>
    <message>
        <source>Tick all in sight</source>
        <translation>Alle sichtbaren ankreuzen</translation>
    </message>
    <message>
        <source>Untick all</source>
        <translation>Alle Kreuze wegnehmen</translation>
    </message>
    <message>
        <source>view</source>
        <translation>Sicht</translation>
    </message>
    <message>
        <source>Tick several to make a form of each, or one of them all.</source>
        <translation>Mehrere ankreuzen, um aus jeder ein Formular zu machen oder aus allen eines.</translation>
    </message>
    <message>
        <source>Own SELECT</source>
        <translation>Eigener SELECT</translation>
    </message>
    <message>
        <source>Rows that a SELECT of your own gives</source>
        <translation>Zeilen, die ein eigener SELECT ergibt</translation>
    </message>
    <message>
        <source>Empty form</source>
        <translation>Leeres Formular</translation>
    </message>
    <message>
        <source>Nothing on it yet; its rows can be chosen at any time</source>
        <translation>Noch nichts darauf; seine Zeilen lassen sich jederzeit wählen</translation>
    </message>
    <message>
        <source>Page pattern</source>
        <translation>Seitenmuster</translation>
    </message>
    <message>
        <source>A title and one to four columns to drop fields into</source>
        <translation>Ein Titel und ein bis vier Spalten, in die Felder gezogen werden</translation>
    </message>
    <message>
        <source>SELECT</source>
        <translation>SELECT</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Spalten</translation>
    </message>
    <message>
        <source>New column…</source>
        <translation>Neue Spalte…</translation>
    </message>
    <message>
        <source>A column that is missing, added to the table</source>
        <translation>Eine fehlende Spalte, der Tabelle hinzugefügt</translation>
    </message>
    <message>
        <source>Columns of</source>
        <translation>Spalten von</translation>
    </message>
    <message>
        <source>All</source>
        <translation>Alle</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>Only required</source>
        <translation>Nur erforderliche</translation>
    </message>
    <message>
        <source>Linked</source>
        <translation>Verknüpfte</translation>
    </message>
    <message>
        <source>Columns of the row that a drop-down points to, only shown</source>
        <translation>Spalten der Zeile, auf die eine Klappliste zeigt, nur gezeigt</translation>
    </message>
    <message>
        <source>Links that are likely</source>
        <translation>Wahrscheinliche Verknüpfungen</translation>
    </message>
    <message>
        <source>not declared, found by names and values</source>
        <translation>nicht erklärt, nach Namen und Werten gefunden</translation>
    </message>
    <message>
        <source>Rows that belong to each</source>
        <translation>Zeilen, die zu jedem gehören</translation>
    </message>
    <message>
        <source>Link by hand…</source>
        <translation>Von Hand verknüpfen…</translation>
    </message>
    <message>
        <source>Rows of another table that the database declares no link for</source>
        <translation>Zeilen einer anderen Tabelle, für die die Datenbank keine Verknüpfung erklärt</translation>
    </message>
    <message>
        <source>The form</source>
        <translation>Das Formular</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>People may</source>
        <translation>Man darf</translation>
    </message>
    <message>
        <source>Control names</source>
        <translation>Namen der Elemente</translation>
    </message>
    <message>
        <source>see</source>
        <translation>sehen</translation>
    </message>
    <message>
        <source>See stored rows. Without it, people only add.</source>
        <translation>Gespeicherte Zeilen sehen. Ohne dies wird nur hinzugefügt.</translation>
    </message>
    <message>
        <source>add</source>
        <translation>hinzufügen</translation>
    </message>
    <message>
        <source>change</source>
        <translation>ändern</translation>
    </message>
    <message>
        <source>delete</source>
        <translation>löschen</translation>
    </message>
    <message>
        <source>{kind} and {column} are filled in. Names are always valid and differ from one another.</source>
        <translation>{kind} und {column} werden ausgefüllt. Namen sind immer gültig und verschieden.</translation>
    </message>
    <message>
        <source>as suits</source>
        <translation>wie es passt</translation>
    </message>
    <message>
        <source>1</source>
        <translation>1</translation>
    </message>
    <message>
        <source>2</source>
        <translation>2</translation>
    </message>
    <message>
        <source>3</source>
        <translation>3</translation>
    </message>
    <message>
        <source>4</source>
        <translation>4</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ohne</translation>
    </message>
    <message>
        <source>group boxes</source>
        <translation>Gruppenkästen</translation>
    </message>
    <message>
        <source>pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>How many fields are parted: under headings, or not at all</source>
        <translation>Wie viele Felder geteilt werden: unter Überschriften oder gar nicht</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>Rows shown</source>
        <translation>Gezeigte Zeilen</translation>
    </message>
    <message>
        <source>captions in each row</source>
        <translation>Beschriftungen in jeder Zeile</translation>
    </message>
    <message>
        <source>totals</source>
        <translation>Summen</translation>
    </message>
    <message>
        <source>Totals of amounts and counts in the footer</source>
        <translation>Summen von Beträgen und Anzahlen im Fuß</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstände</translation>
    </message>
    <message>
        <source>tight</source>
        <translation>eng</translation>
    </message>
    <message>
        <source>comfortable</source>
        <translation>bequem</translation>
    </message>
    <message>
        <source>roomy</source>
        <translation>geräumig</translation>
    </message>
    <message>
        <source>Widths by</source>
        <translation>Breiten nach</translation>
    </message>
    <message>
        <source>stored values</source>
        <translation>gespeicherten Werten</translation>
    </message>
    <message>
        <source>declared length</source>
        <translation>erklärter Länge</translation>
    </message>
    <message>
        <source>all the same</source>
        <translation>alle gleich</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>longest values</source>
        <translation>längste Werte</translation>
    </message>
    <message>
        <source>Shows in each box the longest value that is stored for it</source>
        <translation>Zeigt in jedem Feld den längsten Wert, der dafür gespeichert ist</translation>
    </message>
    <message>
        <source>The database can only be read, so its tables cannot be changed.</source>
        <translation>Die Datenbank lässt sich nur lesen, daher können ihre Tabellen nicht geändert werden.</translation>
    </message>
    <message>
        <source>New form</source>
        <translation>Neues Formular</translation>
    </message>
    <message>
        <source>Leave without making the form?</source>
        <translation>Gehen, ohne das Formular zu machen?</translation>
    </message>
    <message>
        <source>What was chosen for it on this sheet is lost then.</source>
        <translation>Was auf diesem Blatt dafür gewählt wurde, geht dann verloren.</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Gehen</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Bleiben</translation>
    </message>
    <message>
        <source>New page</source>
        <translation>Neue Seite</translation>
    </message>
    <message>
        <source>The form shows as soon as the SELECT is understood.</source>
        <translation>Das Formular zeigt sich, sobald der SELECT verstanden wird.</translation>
    </message>
    <message>
        <source>Make form of %1</source>
        <translation>Formular von %1 machen</translation>
    </message>
    <message>
        <source>Make %1 forms</source>
        <translation>%1 Formulare machen</translation>
    </message>
    <message>
        <source>Stop making</source>
        <translation>Nicht weiter machen</translation>
    </message>
    <message>
        <source>Looking through the stored values of %1 tables…</source>
        <translation>Gespeicherte Werte von %1 Tabellen werden durchgesehen…</translation>
    </message>
    <message>
        <source>%1 of %2 forms made</source>
        <translation>%1 von %2 Formularen gemacht</translation>
    </message>
</context>
<context>
    <name>nabblet::OpenWork</name>
    <message>
        <source>The tables of the database were changed; what is shown follows.</source>
        <translation>Die Tabellen der Datenbank wurden geändert; was gezeigt wird, folgt.</translation>
    </message>
</context>
<context>
    <name>nabblet::OutlinePanel</name>
    <message>
        <source>Outline</source>
        <translation>Gliederung</translation>
    </message>
    <message>
        <source>Outline of the form</source>
        <translation>Gliederung des Formulars</translation>
    </message>
    <message>
        <source>F2 or a double click renames; dragging a field up or down changes the tab order.</source>
        <translation>F2 oder ein Doppelklick benennt um; ein Feld auf- oder abwärts zu ziehen ändert die Tab-Folge.</translation>
    </message>
    <message>
        <source>1 control</source>
        <translation>1 Element</translation>
    </message>
    <message>
        <source>%1 controls</source>
        <translation>%1 Elemente</translation>
    </message>
    <message>
        <source>All that stands on the form, in its order. What is chosen here is selected on the board.</source>
        <translation>Alles, was auf dem Formular steht, in seiner Reihenfolge. Was hier gewählt wird, ist auf der Zeichenfläche gewählt.</translation>
    </message>
</context>
<context>
    <name>nabblet::PageView</name>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
</context>
<context>
    <name>nabblet::Palette</name>
    <message>
        <source>Controls</source>
        <translation>Elemente</translation>
    </message>
    <message>
        <source>Filter</source>
        <translation>Filtern</translation>
    </message>
    <message>
        <source>Filter controls</source>
        <translation>Elemente filtern</translation>
    </message>
    <message>
        <source>Controls to place</source>
        <translation>Elemente zum Setzen</translation>
    </message>
    <message>
        <source>A click takes one up: draw it on the form then, or click there. Enter puts it into the next free place.</source>
        <translation>Ein Klick nimmt eines auf: dann auf dem Formular zeichnen oder dort klicken. Die Eingabetaste setzt es an die nächste freie Stelle.</translation>
    </message>
    <message>
        <source>The controls that a form can have, to be placed on it.</source>
        <translation>Die Elemente, die ein Formular haben kann, zum Setzen.</translation>
    </message>
</context>
<context>
    <name>nabblet::PanelSplitter</name>
    <message>
        <source>Unfold the %1</source>
        <translation>Ausklappen: %1</translation>
    </message>
    <message>
        <source>Fold the %1</source>
        <translation>Einklappen: %1</translation>
    </message>
</context>
<context>
    <name>nabblet::PlanColumns</name>
    <message>
        <source>as suits</source>
        <translation>wie es passt</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>Caption</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>Shown as</source>
        <translation>Gezeigt als</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Of the boxes, in px. Type one to set it, 0 to leave it to the draft.</source>
        <translation>Der Felder, in px. Eine tippen, um sie zu setzen, 0, um sie dem Entwurf zu überlassen.</translation>
    </message>
    <message>
        <source>Columns of the form</source>
        <translation>Spalten des Formulars</translation>
    </message>
    <message>
        <source>required!</source>
        <translation>erforderlich!</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>weggelassen</translation>
    </message>
    <message>
        <source>Only shown: %1</source>
        <translation>Nur gezeigt: %1</translation>
    </message>
    <message>
        <source>Width as suits</source>
        <translation>Breite, wie es passt</translation>
    </message>
    <message>
        <source>Make a table of its values…</source>
        <translation>Aus seinen Werten eine Tabelle machen…</translation>
    </message>
</context>
<context>
    <name>nabblet::PrintCommand</name>
    <message>
        <source>Prints the records of a form on pages: PDF, or a picture of each page.</source>
        <translation>Druckt die Datensätze eines Formulars auf Seiten: PDF oder ein Bild jeder Seite.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Eine .nabform-Datei.</translation>
    </message>
    <message>
        <source>The file to write: .pdf, .png or .svg.</source>
        <translation>Die Datei, die geschrieben wird: .pdf, .png oder .svg.</translation>
    </message>
    <message>
        <source>Only the record with that number, from 1.</source>
        <translation>Nur der Datensatz mit dieser Nummer, ab 1.</translation>
    </message>
    <message>
        <source>A4, A5, A3, Letter or Legal.</source>
        <translation>A4, A5, A3, Letter oder Legal.</translation>
    </message>
    <message>
        <source>The long edge below.</source>
        <translation>Die lange Kante unten.</translation>
    </message>
    <message>
        <source>Plain words, without boxes.</source>
        <translation>Nur Wörter, ohne Kästen.</translation>
    </message>
    <message>
        <source>Each record begins a page.</source>
        <translation>Jeder Datensatz beginnt eine Seite.</translation>
    </message>
    <message>
        <source>say with -o FILE where to print: a file that ends in .pdf, .png or .svg</source>
        <translation>mit -o DATEI sagen, wohin gedruckt wird: eine Datei, die auf .pdf, .png oder .svg endet</translation>
    </message>
    <message>
        <source>--record takes a number from 1</source>
        <translation>--record nimmt eine Zahl ab 1</translation>
    </message>
    <message>
        <source>--paper takes A4, A5, A3, Letter or Legal</source>
        <translation>--paper nimmt A4, A5, A3, Letter oder Legal</translation>
    </message>
    <message>
        <source>There is no record %1.</source>
        <translation>Einen Datensatz %1 gibt es nicht.</translation>
    </message>
    <message>
        <source>page %L1 of %L2</source>
        <translation>Seite %L1 von %L2</translation>
    </message>
    <message>
        <source>Given up; %1 is as it was.</source>
        <translation>Abgebrochen; %1 ist, wie es war.</translation>
    </message>
    <message>
        <source>1 page</source>
        <translation>1 Seite</translation>
    </message>
    <message>
        <source>%1 pages</source>
        <translation>%1 Seiten</translation>
    </message>
</context>
<context>
    <name>nabblet::ReconcileCommand</name>
    <message>
        <source>Says what changed in the tables of a form, or of all forms of a project, and what would be done about it. Ends with 0 when all forms are in step, with 3 when a person has to decide something.</source>
        <translation>Sagt, was sich in den Tabellen eines Formulars oder aller Formulare eines Projekts geändert hat und was deswegen getan würde. Endet mit 0, wenn alle Formulare stimmen, mit 3, wenn ein Mensch etwas entscheiden muss.</translation>
    </message>
    <message>
        <source>A .nabform file, or the folder of a project.</source>
        <translation>Eine .nabform-Datei oder der Ordner eines Projekts.</translation>
    </message>
    <message>
        <source>The database to go by, instead of the project&apos;s.</source>
        <translation>Die Datenbank, nach der gegangen wird, statt der des Projekts.</translation>
    </message>
    <message>
        <source>certain: changes the forms by all that is certain, and writes down what all of them should remember of their columns. Without, nothing is written.</source>
        <translation>certain: ändert die Formulare um alles, was gewiss ist, und schreibt auf, was sie sich alle von ihren Spalten merken sollen. Ohne dies wird nichts geschrieben.</translation>
    </message>
    <message>
        <source>--apply takes certain</source>
        <translation>--apply nimmt certain</translation>
    </message>
    <message>
        <source>certain: %1</source>
        <translation>gewiss: %1</translation>
    </message>
    <message>
        <source>for a person to decide%1</source>
        <translation>von einem Menschen zu entscheiden%1</translation>
    </message>
    <message>
        <source>taken note of</source>
        <translation>zur Kenntnis genommen</translation>
    </message>
    <message>
        <source>One form was changed.</source>
        <translation>Ein Formular wurde geändert.</translation>
    </message>
    <message>
        <source>%1 forms were changed.</source>
        <translation>%1 Formulare wurden geändert.</translation>
    </message>
    <message>
        <source>One form needs a person:</source>
        <translation>Ein Formular braucht einen Menschen:</translation>
    </message>
    <message>
        <source>%1 forms need a person:</source>
        <translation>%1 Formulare brauchen einen Menschen:</translation>
    </message>
</context>
<context>
    <name>nabblet::ReconcileDialog</name>
    <message>
        <source>Draft again</source>
        <translation>Noch einmal entwerfen</translation>
    </message>
    <message>
        <source>Bring into step with the tables</source>
        <translation>Mit den Tabellen abgleichen</translation>
    </message>
    <message>
        <source>Do this: %1</source>
        <translation>Dies tun: %1</translation>
    </message>
    <message>
        <source>Take note of it</source>
        <translation>Zur Kenntnis nehmen</translation>
    </message>
    <message>
        <source>A draft of today would make nothing otherwise that hands did not.</source>
        <translation>Ein Entwurf von heute machte nichts anders, außer was von Hand anders ist.</translation>
    </message>
    <message>
        <source>The form is in step with its tables; nothing has changed.</source>
        <translation>Das Formular stimmt mit seinen Tabellen überein; nichts hat sich geändert.</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie es ist</translation>
    </message>
    <message>
        <source>As it would be</source>
        <translation>Wie es wäre</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>Bring into step</source>
        <translation>Abgleichen</translation>
    </message>
    <message>
        <source>In this project, follow renames without asking where they are certain</source>
        <translation>In diesem Projekt Umbenennungen ohne Frage folgen, wo sie gewiss sind</translation>
    </message>
</context>
<context>
    <name>nabblet::Reconciling</name>
    <message>
        <source>There is no database to hold the form against.</source>
        <translation>Es gibt keine Datenbank, an der das Formular geprüft werden kann.</translation>
    </message>
    <message>
        <source>Looking at what is stored…</source>
        <translation>Das Gespeicherte wird angesehen…</translation>
    </message>
    <message>
        <source>The form was changed meanwhile; ask for it again.</source>
        <translation>Das Formular wurde inzwischen geändert; noch einmal danach fragen.</translation>
    </message>
    <message>
        <source>Draft again</source>
        <translation>Noch einmal entwerfen</translation>
    </message>
    <message>
        <source>Bring into step with the tables</source>
        <translation>Mit den Tabellen abgleichen</translation>
    </message>
    <message>
        <source>1 change was looked at.</source>
        <translation>1 Änderung wurde angesehen.</translation>
    </message>
    <message>
        <source>%1 changes were looked at.</source>
        <translation>%1 Änderungen wurden angesehen.</translation>
    </message>
    <message>
        <source>Follow what was renamed</source>
        <translation>Dem Umbenannten folgen</translation>
    </message>
    <message>
        <source>What was renamed in the tables was followed: %1.</source>
        <translation>Dem in den Tabellen Umbenannten wurde gefolgt: %1.</translation>
    </message>
    <message>
        <source>%1 renames in the tables were followed; undo takes that back.</source>
        <translation>%1 Umbenennungen in den Tabellen wurde gefolgt; Rückgängig nimmt das zurück.</translation>
    </message>
</context>
<context>
    <name>nabblet::RecordList</name>
    <message>
        <source>Records</source>
        <translation>Datensätze</translation>
    </message>
    <message>
        <source>No record begins with “%1”.</source>
        <translation>Kein Datensatz beginnt mit „%1“.</translation>
    </message>
</context>
<context>
    <name>nabblet::RecordStrip</name>
    <message>
        <source>Type a number and press Enter to go to that record</source>
        <translation>Eine Nummer tippen und die Eingabetaste drücken, um zu diesem Datensatz zu gehen</translation>
    </message>
    <message>
        <source>Record number</source>
        <translation>Nummer des Datensatzes</translation>
    </message>
    <message>
        <source>Place among the records</source>
        <translation>Stelle unter den Datensätzen</translation>
    </message>
    <message>
        <source>First</source>
        <translation>Erster</translation>
    </message>
    <message>
        <source>First record (Ctrl+Home)</source>
        <translation>Erster Datensatz (Strg+Pos1)</translation>
    </message>
    <message>
        <source>Previous</source>
        <translation>Voriger</translation>
    </message>
    <message>
        <source>Previous record (Page Up)</source>
        <translation>Voriger Datensatz (Bild auf)</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Nächster</translation>
    </message>
    <message>
        <source>Next record (Page Down)</source>
        <translation>Nächster Datensatz (Bild ab)</translation>
    </message>
    <message>
        <source>Last</source>
        <translation>Letzter</translation>
    </message>
    <message>
        <source>Last record (Ctrl+End)</source>
        <translation>Letzter Datensatz (Strg+Ende)</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>A new record (Ctrl+N)</source>
        <translation>Ein neuer Datensatz (Strg+N)</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Delete this record (Ctrl+Delete)</source>
        <translation>Diesen Datensatz löschen (Strg+Entf)</translation>
    </message>
    <message>
        <source>Take back</source>
        <translation>Zurücknehmen</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save this record (Ctrl+S)</source>
        <translation>Diesen Datensatz speichern (Strg+S)</translation>
    </message>
    <message>
        <source>New, not saved</source>
        <translation>Neu, nicht gespeichert</translation>
    </message>
    <message>
        <source>Changed, not saved</source>
        <translation>Geändert, nicht gespeichert</translation>
    </message>
    <message>
        <source>no records yet</source>
        <translation>noch keine Datensätze</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ohne</translation>
    </message>
    <message>
        <source>of …</source>
        <translation>von …</translation>
    </message>
    <message>
        <source>of %L1</source>
        <translation>von %L1</translation>
    </message>
    <message>
        <source>rows that belong to it</source>
        <translation>Zeilen, die dazu gehören</translation>
    </message>
</context>
<context>
    <name>nabblet::RenameDialog</name>
    <message>
        <source>Control names</source>
        <translation>Namen der Elemente</translation>
    </message>
    <message>
        <source>Pattern</source>
        <translation>Muster</translation>
    </message>
    <message>
        <source>{kind} and {column} are filled in. Names are always valid and differ from one another.</source>
        <translation>{kind} und {column} werden ausgefüllt. Namen sind immer gültig und verschieden.</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Jetzt</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Dann</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>One control of this form gets another name.</source>
        <translation>Ein Element dieses Formulars bekommt einen anderen Namen.</translation>
    </message>
    <message>
        <source>%1 controls of this form get other names.</source>
        <translation>%1 Elemente dieses Formulars bekommen andere Namen.</translation>
    </message>
    <message>
        <source>A pattern without {column} would number the controls; put it in.</source>
        <translation>Ein Muster ohne {column} würde die Elemente nummerieren; es einsetzen.</translation>
    </message>
    <message>
        <source>One other form of the project is named anew and saved.</source>
        <translation>Ein weiteres Formular des Projekts wird neu benannt und gespeichert.</translation>
    </message>
    <message>
        <source>%1 other forms of the project are named anew and saved.</source>
        <translation>%1 weitere Formulare des Projekts werden neu benannt und gespeichert.</translation>
    </message>
</context>
<context>
    <name>nabblet::RowsDialog</name>
    <message>
        <source>Where the rows come from</source>
        <translation>Woher die Zeilen kommen</translation>
    </message>
    <message>
        <source>Whose rows does the form show and write? What is on the form already stays.</source>
        <translation>Wessen Zeilen zeigt und schreibt das Formular? Was schon darauf ist, bleibt.</translation>
    </message>
    <message>
        <source>Tables, views and SELECT</source>
        <translation>Tabellen, Sichten und SELECT</translation>
    </message>
    <message>
        <source>Own SELECT</source>
        <translation>Eigener SELECT</translation>
    </message>
    <message>
        <source>Take these rows</source>
        <translation>Diese Zeilen nehmen</translation>
    </message>
</context>
<context>
    <name>nabblet::RowsTable</name>
    <message>
        <source>Stored rows</source>
        <translation>Gespeicherte Zeilen</translation>
    </message>
    <message>
        <source>Show only rows that hold…</source>
        <translation>Nur Zeilen zeigen mit…</translation>
    </message>
    <message>
        <source>Words that the rows hold</source>
        <translation>Wörter, die die Zeilen enthalten</translation>
    </message>
    <message>
        <source>reading…</source>
        <translation>wird gelesen…</translation>
    </message>
    <message>
        <source>%1 bytes</source>
        <translation>%1 Bytes</translation>
    </message>
    <message>
        <source>%L1 rows</source>
        <translation>%L1 Zeilen</translation>
    </message>
    <message>
        <source>the first %L1 rows</source>
        <translation>die ersten %L1 Zeilen</translation>
    </message>
    <message>
        <source>The rows that are stored, as they are in the table. Nothing can be changed here.</source>
        <translation>Die gespeicherten Zeilen, wie sie in der Tabelle sind. Hier lässt sich nichts ändern.</translation>
    </message>
</context>
<context>
    <name>nabblet::RuleEditor</name>
    <message>
        <source>What it does</source>
        <translation>Was sie tut</translation>
    </message>
    <message>
        <source>What is stored, and where the limits are</source>
        <translation>Was gespeichert ist und wo die Grenzen liegen</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>a true one</source>
        <translation>einen wahren</translation>
    </message>
    <message>
        <source>a false one</source>
        <translation>einen falschen</translation>
    </message>
    <message>
        <source>look at them</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Dann</translation>
    </message>
    <message>
        <source>Otherwise</source>
        <translation>Sonst</translation>
    </message>
    <message>
        <source>Hidden, it gives up its room</source>
        <translation>Verborgen gibt es seinen Platz frei</translation>
    </message>
    <message>
        <source>A hidden value</source>
        <translation>Ein verborgener Wert</translation>
    </message>
    <message>
        <source>a hidden value is kept</source>
        <translation>ein verborgener Wert bleibt</translation>
    </message>
    <message>
        <source>a hidden value is saved empty</source>
        <translation>ein verborgener Wert wird leer gespeichert</translation>
    </message>
    <message>
        <source>saving asks about a hidden value</source>
        <translation>das Speichern fragt nach einem verborgenen Wert</translation>
    </message>
    <message>
        <source>How it stays</source>
        <translation>Wie er bleibt</translation>
    </message>
    <message>
        <source>always as worked out</source>
        <translation>immer wie berechnet</translation>
    </message>
    <message>
        <source>until something else is typed</source>
        <translation>bis etwas anderes getippt wird</translation>
    </message>
    <message>
        <source>in new records only</source>
        <translation>nur in neuen Datensätzen</translation>
    </message>
    <message>
        <source>in new records, as in the one saved last</source>
        <translation>in neuen Datensätzen, wie im zuletzt gespeicherten</translation>
    </message>
    <message>
        <source>Where it does not hold</source>
        <translation>Wo sie nicht gilt</translation>
    </message>
    <message>
        <source>saving is refused</source>
        <translation>wird das Speichern verweigert</translation>
    </message>
    <message>
        <source>saving asks whether it is so</source>
        <translation>fragt das Speichern, ob es so ist</translation>
    </message>
    <message>
        <source>Copy on to them</source>
        <translation>Darauf kopieren</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>%1: marked</source>
        <translation>%1: hervorgehoben</translation>
    </message>
    <message>
        <source>%1: says</source>
        <translation>%1: sagt</translation>
    </message>
    <message>
        <source>%1: value as SQL</source>
        <translation>%1: Wert als SQL</translation>
    </message>
    <message>
        <source>The record</source>
        <translation>Der Datensatz</translation>
    </message>
    <message>
        <source>Nothing yet</source>
        <translation>Noch nichts</translation>
    </message>
    <message>
        <source>Copy on to…</source>
        <translation>Kopieren auf…</translation>
    </message>
    <message>
        <source>It must hold</source>
        <translation>Es muss gelten</translation>
    </message>
    <message>
        <source>And only when</source>
        <translation>Und nur wenn</translation>
    </message>
    <message>
        <source>that</source>
        <translation>dass</translation>
    </message>
    <message>
        <source>that not</source>
        <translation>dass nicht</translation>
    </message>
    <message>
        <source>when</source>
        <translation>wenn</translation>
    </message>
    <message>
        <source>when not</source>
        <translation>wenn nicht</translation>
    </message>
    <message>
        <source>Says, where it does not hold</source>
        <translation>Sagt, wo sie nicht gilt</translation>
    </message>
    <message>
        <source>Value as SQL</source>
        <translation>Wert als SQL</translation>
    </message>
    <message>
        <source>Says beside the box</source>
        <translation>Sagt neben dem Feld</translation>
    </message>
    <message>
        <source>Words beside the box, where wanted</source>
        <translation>Wörter neben dem Feld, wo gewünscht</translation>
    </message>
    <message>
        <source>A sentence</source>
        <translation>Ein Satz</translation>
    </message>
    <message>
        <source>Switch on</source>
        <translation>Einschalten</translation>
    </message>
    <message>
        <source>Switch off</source>
        <translation>Ausschalten</translation>
    </message>
    <message>
        <source>true for %L1 of %L2 stored rows</source>
        <translation>wahr für %L1 von %L2 gespeicherten Zeilen</translation>
    </message>
    <message>
        <source>all %L1 stored rows hold</source>
        <translation>alle %L1 gespeicherten Zeilen erfüllen sie</translation>
    </message>
    <message>
        <source>1 of %L1 stored rows does not hold</source>
        <translation>1 von %L1 gespeicherten Zeilen erfüllt sie nicht</translation>
    </message>
    <message>
        <source>%2 of %L1 stored rows do not hold</source>
        <translation>%2 von %L1 gespeicherten Zeilen erfüllen sie nicht</translation>
    </message>
    <message>
        <source> looked at so far</source>
        <translation> bisher angesehen</translation>
    </message>
</context>
<context>
    <name>nabblet::RuleList</name>
    <message>
        <source>Rules of this form</source>
        <translation>Regeln dieses Formulars</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
</context>
<context>
    <name>nabblet::RuleListModel</name>
    <message>
        <source>switched off</source>
        <translation>ausgeschaltet</translation>
    </message>
</context>
<context>
    <name>nabblet::RuleView</name>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Said so from now on, in all forms of the project.</source>
        <translation>So heißt es von jetzt an in allen Formularen des Projekts.</translation>
    </message>
    <message>
        <source>Gives %1 for the record in sight</source>
        <translation>Ergibt %1 für den sichtbaren Datensatz</translation>
    </message>
    <message>
        <source>Gives %1 for the record in sight, and %2 for the next ones</source>
        <translation>Ergibt %1 für den sichtbaren Datensatz und %2 für die nächsten</translation>
    </message>
</context>
<context>
    <name>nabblet::RulesPage</name>
    <message>
        <source>Rules of this form</source>
        <translation>Regeln dieses Formulars</translation>
    </message>
    <message>
        <source>Back to the board</source>
        <translation>Zurück zur Zeichenfläche</translation>
    </message>
    <message>
        <source>+ rule</source>
        <translation>+ Regel</translation>
    </message>
    <message>
        <source>Rules about</source>
        <translation>Regeln über</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Hinauf</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Hinab</translation>
    </message>
    <message>
        <source>Rule</source>
        <translation>Regel</translation>
    </message>
    <message>
        <source>Another rule (Insert)</source>
        <translation>Eine weitere Regel (Einfg)</translation>
    </message>
    <message>
        <source>Change a rule</source>
        <translation>Eine Regel ändern</translation>
    </message>
    <message>
        <source>Copy a rule</source>
        <translation>Eine Regel kopieren</translation>
    </message>
    <message>
        <source>about anything</source>
        <translation>über alles</translation>
    </message>
    <message>
        <source>Add a rule</source>
        <translation>Eine Regel hinzufügen</translation>
    </message>
    <message>
        <source>Change the order of the rules</source>
        <translation>Die Reihenfolge der Regeln ändern</translation>
    </message>
    <message>
        <source>Change what is worked out</source>
        <translation>Ändern, was berechnet wird</translation>
    </message>
    <message>
        <source>What the table asks for, and what stands among the settings of a control, is not copied here.</source>
        <translation>Was die Tabelle verlangt und was unter den Einstellungen eines Elements steht, wird hier nicht kopiert.</translation>
    </message>
    <message>
        <source>1 rule was copied.</source>
        <translation>1 Regel wurde kopiert.</translation>
    </message>
    <message>
        <source>%1 rules were copied.</source>
        <translation>%1 Regeln wurden kopiert.</translation>
    </message>
    <message>
        <source>Paste rules</source>
        <translation>Regeln einfügen</translation>
    </message>
    <message>
        <source>None of these rules can stand here: there is no control for them, or not of a kind for them.</source>
        <translation>Keine dieser Regeln kann hier stehen: Es gibt kein Element für sie, oder keines der passenden Art.</translation>
    </message>
    <message>
        <source>1 rule was added.</source>
        <translation>1 Regel kam hinzu.</translation>
    </message>
    <message>
        <source>%1 rules were added.</source>
        <translation>%1 Regeln kamen hinzu.</translation>
    </message>
    <message>
        <source>Delete a rule</source>
        <translation>Eine Regel löschen</translation>
    </message>
    <message>
        <source>Delete %1 rules</source>
        <translation>%1 Regeln löschen</translation>
    </message>
    <message>
        <source>The table</source>
        <translation>Die Tabelle</translation>
    </message>
    <message>
        <source>The record</source>
        <translation>Der Datensatz</translation>
    </message>
    <message>
        <source>A rule says what is shown, locked, required, marked or worked out, and what must hold before a record is saved. “+ rule” makes the first one.</source>
        <translation>Eine Regel sagt, was gezeigt, gesperrt, erforderlich, hervorgehoben oder berechnet wird und was gelten muss, ehe ein Datensatz gespeichert wird. „+ Regel“ macht die erste.</translation>
    </message>
    <message>
        <source>Everything that is worked out, checked, marked and shown by a condition: the rules at the left, the one in hand at the right, with the stored rows that it is true for.</source>
        <translation>Alles, was berechnet, geprüft, hervorgehoben und unter einer Bedingung gezeigt wird: links die Regeln, rechts die vorliegende mit den gespeicherten Zeilen, für die sie wahr ist.</translation>
    </message>
</context>
<context>
    <name>nabblet::ScaleEditor</name>
    <message>
        <source>+ limit</source>
        <translation>+ Grenze</translation>
    </message>
    <message>
        <source>By age in days</source>
        <translation>Nach Alter in Tagen</translation>
    </message>
    <message>
        <source>Of a date: the days since then are measured</source>
        <translation>Von einem Datum: gemessen werden die Tage seither</translation>
    </message>
    <message>
        <source>Measured, as SQL</source>
        <translation>Gemessen, als SQL</translation>
    </message>
    <message>
        <source>The value of the box</source>
        <translation>Der Wert des Feldes</translation>
    </message>
    <message>
        <source>else</source>
        <translation>sonst</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Limit %1</source>
        <translation>Grenze %1</translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation>Hervorhebung %1</translation>
    </message>
    <message>
        <source>Words %1</source>
        <translation>Wörter %1</translation>
    </message>
    <message>
        <source>Words beside the box, where wanted</source>
        <translation>Wörter neben dem Feld, wo gewünscht</translation>
    </message>
    <message>
        <source>Take this limit away</source>
        <translation>Diese Grenze wegnehmen</translation>
    </message>
</context>
<context>
    <name>nabblet::SelectBox</name>
    <message>
        <source>SELECT … FROM …</source>
        <translation>SELECT … FROM …</translation>
    </message>
    <message>
        <source>SELECT</source>
        <translation>SELECT</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 und %2 weitere</translation>
    </message>
    <message>
        <source>Its order becomes that of the form, as “Sorted by”. </source>
        <translation>Seine Reihenfolge wird die des Formulars, als „Sortiert nach“. </translation>
    </message>
    <message>
        <source>Records come by their key (%1), not by the ORDER BY; the form says another order, as “Sorted by”. </source>
        <translation>Datensätze kommen nach ihrem Schlüssel (%1), nicht nach dem ORDER BY; eine andere Reihenfolge sagt das Formular, als „Sortiert nach“. </translation>
    </message>
    <message>
        <source>One column</source>
        <translation>Eine Spalte</translation>
    </message>
    <message>
        <source>%1 columns</source>
        <translation>%1 Spalten</translation>
    </message>
    <message>
        <source>none can be written.</source>
        <translation>keine ist schreibbar.</translation>
    </message>
    <message>
        <source>%1 can be written.</source>
        <translation>%1 sind schreibbar.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>columns, how many are written</comment>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>nabblet::ServerDialog</name>
    <message>
        <source>&amp;Keep it in the keyring</source>
        <translation>Im Sch&amp;lüsselbund aufbewahren</translation>
    </message>
    <message>
        <source>On this computer on&amp;ly; the project stays as it is</source>
        <translation>Nur auf diesem &amp;Computer; das Projekt bleibt, wie es ist</translation>
    </message>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Versuchen</translation>
    </message>
    <message>
        <source>Database on a server</source>
        <translation>Datenbank auf einem Server</translation>
    </message>
    <message>
        <source>K&amp;ind</source>
        <translation>A&amp;rt</translation>
    </message>
    <message>
        <source>Com&amp;puter</source>
        <translation>Co&amp;mputer</translation>
    </message>
    <message>
        <source>this computer; or a name, or a whole address to take apart</source>
        <translation>dieser Computer; oder ein Name oder eine ganze Adresse, die zerlegt wird</translation>
    </message>
    <message>
        <source>P&amp;ort</source>
        <translation>P&amp;ort</translation>
    </message>
    <message>
        <source>the usual one</source>
        <translation>der übliche</translation>
    </message>
    <message>
        <source>&amp;Database</source>
        <translation>&amp;Datenbank</translation>
    </message>
    <message>
        <source>&amp;User</source>
        <translation>&amp;Benutzer</translation>
    </message>
    <message>
        <source>as you are called on this computer</source>
        <translation>wie Sie auf diesem Computer heißen</translation>
    </message>
    <message>
        <source>Pass&amp;word</source>
        <translation>&amp;Passwort</translation>
    </message>
    <message>
        <source>where the server asks for one</source>
        <translation>wo der Server danach fragt</translation>
    </message>
    <message>
        <source>where the server offers it</source>
        <translation>wo der Server es anbietet</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>always</source>
        <translation>immer</translation>
    </message>
    <message>
        <source>always, and the certificate is checked</source>
        <translation>immer, und das Zertifikat wird geprüft</translation>
    </message>
    <message>
        <source>&amp;Encrypted</source>
        <translation>Ver&amp;schlüsselt</translation>
    </message>
    <message>
        <source>&amp;Certificates</source>
        <translation>&amp;Zertifikate</translation>
    </message>
    <message>
        <source>a file to check by; the computer&apos;s own</source>
        <translation>eine Datei, nach der geprüft wird; die des Computers</translation>
    </message>
    <message>
        <source>Op&amp;tions</source>
        <translation>W&amp;eiteres</translation>
    </message>
    <message>
        <source>further ones of the server, such as -c search_path=depot</source>
        <translation>weitere Angaben des Servers, etwa -c search_path=depot</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Say which database it is.</source>
        <translation>Angeben, welche Datenbank es ist.</translation>
    </message>
    <message>
        <source>Waiting for the server…</source>
        <translation>Warten auf den Server…</translation>
    </message>
    <message>
        <source>The database can be opened.</source>
        <translation>Die Datenbank lässt sich öffnen.</translation>
    </message>
    <message>
        <source>This desktop has no keyring that keeps the password. Press Open once more to go on without.</source>
        <translation>Dieser Desktop hat keinen Schlüsselbund, der das Passwort aufbewahrt. Noch einmal Öffnen drücken, um ohne ihn fortzufahren.</translation>
    </message>
</context>
<context>
    <name>nabblet::ShapeEditor</name>
    <message>
        <source>How it is written</source>
        <translation>Wie es geschrieben wird</translation>
    </message>
    <message>
        <source>As in my examples</source>
        <translation>Wie in meinen Beispielen</translation>
    </message>
    <message>
        <source>Examples, one a line</source>
        <translation>Beispiele, eines je Zeile</translation>
    </message>
    <message>
        <source>Examples, one a line: NB-2104-D</source>
        <translation>Beispiele, eines je Zeile: NB-2104-D</translation>
    </message>
    <message>
        <source>The same as a regular expression</source>
        <translation>Dasselbe als regulärer Ausdruck</translation>
    </message>
    <message>
        <source>Regular expression</source>
        <translation>Regulärer Ausdruck</translation>
    </message>
    <message>
        <source>All of %L1 stored values fit.</source>
        <translation>Alle %L1 gespeicherten Werte passen.</translation>
    </message>
    <message>
        <source>%L1 of %L2 stored values fit; others: %3</source>
        <translation>%L1 von %L2 gespeicherten Werten passen; andere: %3</translation>
    </message>
</context>
<context>
    <name>nabblet::SidePanels</name>
    <message>
        <source>Panels</source>
        <translation>Leisten</translation>
    </message>
</context>
<context>
    <name>nabblet::SpreadChart</name>
    <message>
        <source>What is stored, and where the limits are</source>
        <translation>Was gespeichert ist und wo die Grenzen liegen</translation>
    </message>
    <message>
        <source>No numbers are stored here yet</source>
        <translation>Hier sind noch keine Zahlen gespeichert</translation>
    </message>
</context>
<context>
    <name>nabblet::SqlLine</name>
    <message>
        <source>There is no column “%1”. Is “%2” meant?</source>
        <translation>Eine Spalte „%1“ gibt es nicht. Ist „%2“ gemeint?</translation>
    </message>
    <message>
        <source>There is no column “%1”.</source>
        <translation>Eine Spalte „%1“ gibt es nicht.</translation>
    </message>
</context>
<context>
    <name>nabblet::StandingEditor</name>
    <message>
        <source>Value as SQL</source>
        <translation>Wert als SQL</translation>
    </message>
    <message>
        <source>Show on the board</source>
        <translation>Auf der Zeichenfläche zeigen</translation>
    </message>
    <message>
        <source>look at them</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>What people read where it does not hold</source>
        <translation>Was man liest, wo es nicht gilt</translation>
    </message>
    <message>
        <source>In all forms of the project; empty: the words that the program finds</source>
        <translation>In allen Formularen des Projekts; leer: die Wörter, die das Programm findet</translation>
    </message>
    <message>
        <source>%1 shows what this gives:</source>
        <translation>%1 zeigt, was dies ergibt:</translation>
    </message>
    <message>
        <source>%1 starts with what this gives:</source>
        <translation>%1 beginnt mit dem, was dies ergibt:</translation>
    </message>
    <message>
        <source>The database asks for this. It is tried when the record is saved.</source>
        <translation>Die Datenbank verlangt das. Es wird versucht, wenn der Datensatz gespeichert wird.</translation>
    </message>
    <message>
        <source>The database asks for this. It is tried when the keyboard leaves the box, and said in words where it does not hold.</source>
        <translation>Die Datenbank verlangt das. Es wird versucht, wenn die Tastatur das Feld verlässt, und in Worten gesagt, wo es nicht gilt.</translation>
    </message>
    <message>
        <source>It is tried when the keyboard leaves the box. The board has it among the settings of the control.</source>
        <translation>Es wird versucht, wenn die Tastatur das Feld verlässt. Die Zeichenfläche hat es unter den Einstellungen des Elements.</translation>
    </message>
    <message>
        <source>It is shown and stored nowhere. A rule that puts a value in stores it in a column.</source>
        <translation>Es wird gezeigt und nirgends gespeichert. Eine Regel, die einen Wert einträgt, speichert ihn in einer Spalte.</translation>
    </message>
    <message>
        <source>It stands in new records and may be typed over. The board has it among the settings of the control.</source>
        <translation>Es steht in neuen Datensätzen und darf überschrieben werden. Die Zeichenfläche hat es unter den Einstellungen des Elements.</translation>
    </message>
    <message>
        <source>Nothing is written yet; what was there before goes on.</source>
        <translation>Noch ist nichts geschrieben; was vorher da war, gilt weiter.</translation>
    </message>
</context>
<context>
    <name>nabblet::StartPage</name>
    <message>
        <source>Begin</source>
        <translation>Anfangen</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Öffnen…</translation>
    </message>
    <message>
        <source>A database, to make a form from one of its tables; a project or a form.</source>
        <translation>Eine Datenbank, um aus einer ihrer Tabellen ein Formular zu machen; ein Projekt oder ein Formular.</translation>
    </message>
    <message>
        <source>New form without a database</source>
        <translation>Neues Formular ohne Datenbank</translation>
    </message>
    <message>
        <source>An empty form. Its rows can come later.</source>
        <translation>Ein leeres Formular. Seine Zeilen können später kommen.</translation>
    </message>
    <message>
        <source>The demonstration</source>
        <translation>Die Vorführung</translation>
    </message>
    <message>
        <source>An invented buoy depot with its forms, to try things out.</source>
        <translation>Ein erfundenes Tonnendepot mit seinen Formularen, zum Ausprobieren.</translation>
    </message>
    <message>
        <source>Used lately</source>
        <translation>Zuletzt gebraucht</translation>
    </message>
    <message>
        <source>Nothing yet. A database, a project or a form can also be dropped on this window.</source>
        <translation>Noch nichts. Eine Datenbank, ein Projekt oder ein Formular kann auch auf dieses Fenster gezogen werden.</translation>
    </message>
    <message>
        <source>%1
%2</source>
        <translation>%1
%2</translation>
    </message>
    <message>
        <source>Where to begin: a database, a project or a form, or the demonstration.</source>
        <translation>Womit anzufangen ist: eine Datenbank, ein Projekt oder ein Formular oder die Vorführung.</translation>
    </message>
</context>
<context>
    <name>nabblet::StatusLine</name>
    <message>
        <source>Try the form in windows of other sizes</source>
        <translation>Das Formular in Fenstern anderer Größe versuchen</translation>
    </message>
    <message>
        <source>%1 · can only be read</source>
        <translation>%1 · nur lesbar</translation>
    </message>
    <message>
        <source>x %1 · y %2 · %3 × %4 %5</source>
        <translation>x %1 · y %2 · %3 × %4 %5</translation>
    </message>
    <message>
        <source>%1 selected</source>
        <translation>%1 gewählt</translation>
    </message>
    <message>
        <source>dots</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>not drawn</source>
        <translation>nicht gezeichnet</translation>
    </message>
    <message>
        <source>Grid %1, %2</source>
        <translation>Raster %1, %2</translation>
    </message>
    <message>
        <source>Tab order by hand</source>
        <translation>Tab-Folge von Hand</translation>
    </message>
    <message>
        <source>Tab goes by columns</source>
        <translation>Tab geht spaltenweise</translation>
    </message>
    <message>
        <source>Tab goes by rows</source>
        <translation>Tab geht zeilenweise</translation>
    </message>
    <message>
        <source>Tab goes as it reads</source>
        <translation>Tab geht, wie man liest</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Window %1 × %2</source>
        <translation>Fenster %1 × %2</translation>
    </message>
</context>
<context>
    <name>nabblet::StyleCards</name>
    <message>
        <source>%1 ×</source>
        <comment>times used</comment>
        <translation>%1 ×</translation>
    </message>
    <message>
        <source>Styles</source>
        <translation>Stile</translation>
    </message>
    <message>
        <source>A double click gives the style to what is selected.</source>
        <translation>Ein Doppelklick gibt den Stil der Auswahl.</translation>
    </message>
</context>
<context>
    <name>nabblet::TableChanging</name>
    <message>
        <source>No database is open, so there is no table to change.</source>
        <translation>Keine Datenbank ist offen, also ist keine Tabelle zu ändern.</translation>
    </message>
    <message>
        <source>The form has no rows yet: choose a table for them first.</source>
        <translation>Das Formular hat noch keine Zeilen: erst eine Tabelle dafür wählen.</translation>
    </message>
    <message>
        <source>The rows of this form come from a SELECT; columns are added to tables, from the catalogue.</source>
        <translation>Die Zeilen dieses Formulars kommen aus einem SELECT; Spalten fügt man Tabellen hinzu, aus dem Katalog.</translation>
    </message>
    <message>
        <source>“%1” is a view; columns are added to tables.</source>
        <translation>„%1“ ist eine Sicht; Spalten fügt man Tabellen hinzu.</translation>
    </message>
    <message>
        <source>The database can only be read, so its tables cannot be changed.</source>
        <translation>Die Datenbank lässt sich nur lesen, daher können ihre Tabellen nicht geändert werden.</translation>
    </message>
    <message>
        <source>“%1” has a column “%2” now.</source>
        <translation>„%1“ hat jetzt eine Spalte „%2“.</translation>
    </message>
    <message>
        <source>Choose %1 from a table</source>
        <translation>%1 aus einer Tabelle wählen lassen</translation>
    </message>
    <message>
        <source>The table “%1” was made; “%2” is chosen from it.</source>
        <translation>Die Tabelle „%1“ wurde angelegt; „%2“ wird daraus gewählt.</translation>
    </message>
    <message>
        <source>No form of this project uses “%1”.</source>
        <translation>Kein Formular dieses Projekts benutzt „%1“.</translation>
    </message>
    <message>
        <source>Call it otherwise in all forms</source>
        <translation>In allen Formularen anders nennen</translation>
    </message>
    <message>
        <source>What is “%1” of “%2” called from now on? %3 The table itself stays as it is.</source>
        <translation>Wie heißt „%1“ von „%2“ von jetzt an? %3 Die Tabelle selbst bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>One place follows.</source>
        <translation>Eine Stelle folgt.</translation>
    </message>
    <message>
        <source>%1 places follow, in %2.</source>
        <translation>%1 Stellen folgen, in %2.</translation>
    </message>
    <message>
        <source>one form</source>
        <translation>einem Formular</translation>
    </message>
    <message>
        <source>%1 forms</source>
        <translation>%1 Formulare</translation>
    </message>
    <message>
        <source>Call “%1” “%2”</source>
        <translation>„%1“ in „%2“ umbenennen</translation>
    </message>
    <message>
        <source>“%1” is called “%2” here and in one other form, which is saved.</source>
        <translation>„%1“ heißt hier „%2“, und in einem weiteren Formular, das gespeichert ist.</translation>
    </message>
    <message>
        <source>“%1” is called “%2” here and in %3 other forms, which are saved.</source>
        <translation>„%1“ heißt hier „%2“, und in %3 weiteren Formularen, die gespeichert sind.</translation>
    </message>
</context>
<context>
    <name>nabblet::TickedTables</name>
    <message>
        <source>Untick</source>
        <translation>Kreuze wegnehmen</translation>
    </message>
    <message>
        <source>Makes one form again, of the table that is chosen</source>
        <translation>Macht wieder ein Formular, aus der gewählten Tabelle</translation>
    </message>
    <message>
        <source>One form, rows inside</source>
        <translation>Ein Formular, Zeilen darin</translation>
    </message>
    <message>
        <source>One form of the tables ticked: the rows of one, with those that belong to each inside it</source>
        <translation>Ein Formular aus den angekreuzten Tabellen: die Zeilen einer, mit denen darin, die zu ihnen gehören</translation>
    </message>
    <message>
        <source>One form, joined</source>
        <translation>Ein Formular, verbunden</translation>
    </message>
    <message>
        <source>One form of the tables ticked: the rows of one, with what they point to, by a SELECT</source>
        <translation>Ein Formular aus den angekreuzten Tabellen: die Zeilen einer, mit dem, worauf sie zeigen, durch einen SELECT</translation>
    </message>
    <message>
        <source>%1 ticked</source>
        <translation>%1 angekreuzt</translation>
    </message>
</context>
<context>
    <name>nabblet::TopBar</name>
    <message>
        <source>Design</source>
        <translation>Gestalten</translation>
    </message>
    <message>
        <source>Rules</source>
        <translation>Regeln</translation>
    </message>
    <message>
        <source>Entry</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>Trial</source>
        <translation>Probe</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Datensatz</translation>
    </message>
    <message>
        <source>Longest values</source>
        <translation>Längste</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Leer</translation>
    </message>
    <message>
        <source>Arrange the form (F5)</source>
        <translation>Das Formular anordnen (F5)</translation>
    </message>
    <message>
        <source>What is worked out, checked, marked and shown by a condition (F6)</source>
        <translation>Was berechnet, geprüft, hervorgehoben und unter einer Bedingung gezeigt wird (F6)</translation>
    </message>
    <message>
        <source>Try the form on a copy of the database; nothing of it is kept (F7)</source>
        <translation>Das Formular auf einer Kopie der Datenbank erproben; nichts davon bleibt (F7)</translation>
    </message>
    <message>
        <source>Work with records in it (F5)</source>
        <translation>Darin mit Datensätzen arbeiten (F5)</translation>
    </message>
    <message>
        <source>Previous record</source>
        <translation>Voriger Datensatz</translation>
    </message>
    <message>
        <source>Next record</source>
        <translation>Nächster Datensatz</translation>
    </message>
    <message>
        <source>Show the previous record&apos;s values on the board</source>
        <translation>Die Werte des vorigen Datensatzes auf der Zeichenfläche zeigen</translation>
    </message>
    <message>
        <source>Show the next record&apos;s values on the board</source>
        <translation>Die Werte des nächsten Datensatzes auf der Zeichenfläche zeigen</translation>
    </message>
    <message>
        <source>Show the longest stored value of each column</source>
        <translation>Den längsten gespeicherten Wert jeder Spalte zeigen</translation>
    </message>
    <message>
        <source>Show the boxes empty</source>
        <translation>Die Felder leer zeigen</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Nothing was found in the form</source>
        <translation>Im Formular wurde nichts gefunden</translation>
    </message>
    <message>
        <source>Found in the form: %1 to fix, %2 to weigh</source>
        <translation>Im Formular gefunden: %1 zu beheben, %2 abzuwägen</translation>
    </message>
    <message>
        <source>%1 (Ctrl+Shift+F)</source>
        <translation>%1 (Strg+Umschalt+F)</translation>
    </message>
    <message>
        <source>Show a record&apos;s values on the board</source>
        <translation>Die Werte eines Datensatzes auf der Zeichenfläche zeigen</translation>
    </message>
</context>
<context>
    <name>nabblet::Trial</name>
    <message>
        <source>The trial ended, and nothing of it was kept: somebody else wants to change a row that was changed in it.</source>
        <translation>Die Probe ist zu Ende, und nichts davon wurde behalten: Jemand anderes will eine Zeile ändern, die darin geändert wurde.</translation>
    </message>
    <message>
        <source>The trial ended, and nothing of it was kept: the server ended its transaction.</source>
        <translation>Die Probe ist zu Ende, und nichts davon wurde behalten: Der Server hat seine Transaktion beendet.</translation>
    </message>
    <message>
        <source>The trial ended, and nothing of it was kept: nothing had been done in it for a minute.</source>
        <translation>Die Probe ist zu Ende, und nichts davon wurde behalten: Eine Minute lang war nichts darin getan worden.</translation>
    </message>
    <message>
        <source>The trial ended, and nothing of it was kept: nothing had been done in it for %1 minutes.</source>
        <translation>Die Probe ist zu Ende, und nichts davon wurde behalten: %1 Minuten lang war nichts darin getan worden.</translation>
    </message>
</context>
<context>
    <name>nabblet::TrialPage</name>
    <message>
        <source>Trial, on a copy of the database. Nothing done here reaches the stored rows; addresses and letters that buttons open are real.</source>
        <translation>Probe auf einer Kopie der Datenbank. Nichts, was hier getan wird, erreicht die gespeicherten Zeilen; Adressen und Briefe, die Schaltflächen öffnen, sind echt.</translation>
    </message>
    <message>
        <source>Test record (F8)</source>
        <translation>Probedatensatz (F8)</translation>
    </message>
    <message>
        <source>A new record with likely values; what is filled in already stays</source>
        <translation>Ein neuer Datensatz mit wahrscheinlichen Werten; was schon ausgefüllt ist, bleibt</translation>
    </message>
    <message>
        <source>Show the next (Shift+F8)</source>
        <translation>Die nächste zeigen (Umschalt+F8)</translation>
    </message>
    <message>
        <source>End the trial (F7)</source>
        <translation>Die Probe beenden (F7)</translation>
    </message>
    <message>
        <source>1 box was filled.</source>
        <translation>1 Feld wurde ausgefüllt.</translation>
    </message>
    <message>
        <source>%1 boxes were filled.</source>
        <translation>%1 Felder wurden ausgefüllt.</translation>
    </message>
    <message>
        <source>Seen now: %1</source>
        <translation>Eben gesehen: %1</translation>
    </message>
    <message>
        <source>Rules: seen %1 of %2</source>
        <translation>Regeln: %1 von %2 gesehen</translation>
    </message>
    <message>
        <source>Every side of every rule was seen</source>
        <translation>Jede Seite jeder Regel wurde gesehen</translation>
    </message>
    <message>
        <source>Trial, on the server. Nothing done here is kept; it ends by itself when somebody else needs a row changed here. Addresses and letters that buttons open are real, numbers that count up are used up.</source>
        <translation>Probe, auf dem Server. Nichts hiervon wird behalten; sie endet von selbst, wenn jemand anderes eine hier geänderte Zeile braucht. Adressen und Briefe, die Schaltflächen öffnen, sind echt, und Nummern, die weiterzählen, sind verbraucht.</translation>
    </message>
</context>
<context>
    <name>nabblet::UsesDialog</name>
    <message>
        <source>No form of this project uses it.</source>
        <translation>Kein Formular dieses Projekts benutzt es.</translation>
    </message>
    <message>
        <source>It is used in one place:</source>
        <translation>Es wird an einer Stelle benutzt:</translation>
    </message>
    <message>
        <source>It is used in %1 places:</source>
        <translation>Es wird an %1 Stellen benutzt:</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Dorthin gehen</translation>
    </message>
</context>
<context>
    <name>nabblet::UsesView</name>
    <message>
        <source>Where %1 is used</source>
        <translation>Wo %1 gebraucht wird</translation>
    </message>
    <message>
        <source>Where this form is used</source>
        <translation>Wo dieses Formular gebraucht wird</translation>
    </message>
    <message>
        <source>Where styles are used</source>
        <translation>Wo Stile gebraucht werden</translation>
    </message>
</context>
<context>
    <name>nabblet::VersionCommands</name>
    <message>
        <source>Before</source>
        <translation>Vorher</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Nachher</translation>
    </message>
    <message>
        <source>Says in sentences what differs between two states of a form. With one file it writes the form in lines, for the textconv of git.</source>
        <translation>Sagt in Sätzen, worin sich zwei Stände eines Formulars unterscheiden. Mit einer Datei schreibt es das Formular in Zeilen, für textconv von git.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Eine .nabform-Datei.</translation>
    </message>
    <message>
        <source>The same form later.</source>
        <translation>Dasselbe Formular später.</translation>
    </message>
    <message>
        <source>A picture of both, with marks: a PNG or JPEG file.</source>
        <translation>Ein Bild von beiden, mit Zeichen: eine PNG- oder JPEG-Datei.</translation>
    </message>
    <message>
        <source>The picture %1 could not be written. Its name ends in .png or .jpg, and its folder must be there.</source>
        <translation>Das Bild %1 konnte nicht geschrieben werden. Sein Name endet auf .png oder .jpg, und sein Ordner muss da sein.</translation>
    </message>
    <message>
        <source>Puts two lines of changes of one form together. What both changed differently stands in the form as ours, and is left in the file to be decided in Design; it ends with 3 then.</source>
        <translation>Führt zwei Linien von Änderungen eines Formulars zusammen. Was beide verschieden änderten, steht im Formular wie bei uns und bleibt in der Datei, um in der Gestaltung entschieden zu werden; es endet dann mit 3.</translation>
    </message>
    <message>
        <source>The form as both began.</source>
        <translation>Das Formular, wie beide anfingen.</translation>
    </message>
    <message>
        <source>As it is here.</source>
        <translation>Wie es hier ist.</translation>
    </message>
    <message>
        <source>As somebody else has it.</source>
        <translation>Wie ein anderer es hat.</translation>
    </message>
    <message>
        <source>The file to write; without, it goes to the output.</source>
        <translation>Die Datei, die geschrieben wird; ohne sie geht es in die Ausgabe.</translation>
    </message>
    <message>
        <source>One thing is to be decided; open the form in Design.</source>
        <translation>Eines ist zu entscheiden; das Formular in der Gestaltung öffnen.</translation>
    </message>
    <message>
        <source>%1 things are to be decided; open the form in Design.</source>
        <translation>%1 Dinge sind zu entscheiden; das Formular in der Gestaltung öffnen.</translation>
    </message>
</context>
<context>
    <name>nabblet::WaitingStrip</name>
    <message>
        <source>Waiting for the database…</source>
        <translation>Warten auf die Datenbank…</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
</context>
<context>
    <name>nabblet::WantedBar</name>
    <message>
        <source>Records shown</source>
        <translation>Gezeigte Datensätze</translation>
    </message>
    <message>
        <source>All records are shown.</source>
        <translation>Alle Datensätze werden gezeigt.</translation>
    </message>
    <message>
        <source>No longer: %1</source>
        <translation>Nicht mehr: %1</translation>
    </message>
    <message>
        <source>Write it otherwise</source>
        <translation>Anders schreiben</translation>
    </message>
    <message>
        <source>or</source>
        <translation>oder</translation>
    </message>
    <message>
        <source>The other way round</source>
        <translation>Andersherum</translation>
    </message>
    <message>
        <source>Keep…</source>
        <translation>Behalten…</translation>
    </message>
    <message>
        <source>Keep this under a name, to be asked again</source>
        <translation>Dies unter einem Namen aufbewahren, um wieder danach zu fragen</translation>
    </message>
    <message>
        <source>All records</source>
        <translation>Alle Datensätze</translation>
    </message>
    <message>
        <source>All records again, in the order of the form (Shift+F3)</source>
        <translation>Wieder alle Datensätze, in der Reihenfolge des Formulars (Umschalt+F3)</translation>
    </message>
    <message>
        <source>In order:</source>
        <translation>Reihenfolge:</translation>
    </message>
    <message>
        <source>1 record:</source>
        <translation>1 Datensatz:</translation>
    </message>
    <message>
        <source>%1 records:</source>
        <translation>%1 Datensätze:</translation>
    </message>
    <message>
        <source>Being counted:</source>
        <translation>Wird gezählt:</translation>
    </message>
    <message>
        <source>What is looked for? Such as 12, &gt; 12, 5..9, Sker*, not blank, or several with “;” between.</source>
        <translation>Was wird gesucht? Etwa 12, &gt; 12, 5..9, Sker*, nicht leer oder mehrere mit „;“ dazwischen.</translation>
    </message>
</context>
<context>
    <name>nabblet::WindowSizeStrip</name>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Window wide</source>
        <translation>Fenster breit</translation>
    </message>
    <message>
        <source>Window width</source>
        <translation>Fensterbreite</translation>
    </message>
    <message>
        <source>Shows the form in a window of that width</source>
        <translation>Zeigt das Formular in einem Fenster dieser Breite</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>Window height</source>
        <translation>Fensterhöhe</translation>
    </message>
    <message>
        <source>Shows the form in a window of that height</source>
        <translation>Zeigt das Formular in einem Fenster dieser Höhe</translation>
    </message>
    <message>
        <source>Shows the form as it is designed</source>
        <translation>Zeigt das Formular, wie es gestaltet ist</translation>
    </message>
    <message>
        <source>Unpin</source>
        <translation>Lösen</translation>
    </message>
    <message>
        <source>Pin smallest</source>
        <translation>Kleinste festhalten</translation>
    </message>
    <message>
        <source>The smallest size is worked out again</source>
        <translation>Die kleinste Größe wird wieder ermittelt</translation>
    </message>
    <message>
        <source>Windows of this form never get smaller than the size shown</source>
        <translation>Fenster dieses Formulars werden nie kleiner als die gezeigte Größe</translation>
    </message>
    <message>
        <source>Windows of this form never get smaller than the smallest size worked out</source>
        <translation>Fenster dieses Formulars werden nie kleiner als die ermittelte kleinste Größe</translation>
    </message>
    <message>
        <source>Smallest: %1, pinned</source>
        <translation>Kleinste: %1, festgehalten</translation>
    </message>
    <message>
        <source>Smallest: %1</source>
        <translation>Kleinste: %1</translation>
    </message>
    <message>
        <source>1 would overlap or be cut</source>
        <translation>1 würde überlappen oder abgeschnitten</translation>
    </message>
    <message>
        <source>%1 would overlap or be cut</source>
        <translation>%1 würden überlappen oder abgeschnitten</translation>
    </message>
    <message>
        <source>1 stretches</source>
        <translation>1 dehnt sich</translation>
    </message>
    <message>
        <source>%1 stretch</source>
        <translation>%1 dehnen sich</translation>
    </message>
    <message>
        <source>1 moves</source>
        <translation>1 bewegt sich</translation>
    </message>
    <message>
        <source>%1 move</source>
        <translation>%1 bewegen sich</translation>
    </message>
    <message>
        <source>nothing stretches or moves</source>
        <translation>nichts dehnt oder bewegt sich</translation>
    </message>
    <message>
        <source>nothing overlaps</source>
        <translation>nichts überlappt</translation>
    </message>
    <message>
        <source>Unpin the smallest size</source>
        <translation>Die kleinste Größe lösen</translation>
    </message>
    <message>
        <source>Pin the smallest size</source>
        <translation>Die kleinste Größe festhalten</translation>
    </message>
    <message>
        <source>The form in smaller and larger windows: what stretches, what moves, and how small it may get before anything overlaps.</source>
        <translation>Das Formular in kleineren und größeren Fenstern: was sich dehnt, was sich bewegt und wie klein es werden darf, ehe etwas überlappt.</translation>
    </message>
</context>
</TS>
