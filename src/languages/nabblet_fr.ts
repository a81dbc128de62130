<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
<context>
    <name>Texts</name>
    <message>
        <source>%1 or %2</source>
        <comment>file endings</comment>
        <translation>%1 ou %2</translation>
    </message>
    <message>
        <source>%1 cannot be written. Choose another place.</source>
        <translation>%1 ne peut être écrit. Choisissez un autre endroit.</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>&amp;Disposer</translation>
    </message>
    <message>
        <source>Keep lined up</source>
        <translation>Garder alignés</translation>
    </message>
    <message>
        <source>&amp;Keep left edges lined up</source>
        <translation>Garder les bords &amp;gauches alignés</translation>
    </message>
    <message>
        <source>Left edges go where the lead&apos;s is and stay together on a rail.</source>
        <translation>Les bords gauches vont là où est celui du meneur et restent ensemble sur un rail.</translation>
    </message>
    <message>
        <source>Keep &amp;right edges lined up</source>
        <translation>Garder les bords &amp;droits alignés</translation>
    </message>
    <message>
        <source>Right edges go where the lead&apos;s is and stay together on a rail.</source>
        <translation>Les bords droits vont là où est celui du meneur et restent ensemble sur un rail.</translation>
    </message>
    <message>
        <source>Keep &amp;top edges lined up</source>
        <translation>Garder les bords &amp;hauts alignés</translation>
    </message>
    <message>
        <source>Top edges go where the lead&apos;s is and stay together on a level rail.</source>
        <translation>Les bords hauts vont là où est celui du meneur et restent ensemble sur un rail horizontal.</translation>
    </message>
    <message>
        <source>Keep &amp;bottom edges lined up</source>
        <translation>Garder les bords &amp;bas alignés</translation>
    </message>
    <message>
        <source>Bottom edges go where the lead&apos;s is and stay together on a level rail.</source>
        <translation>Les bords bas vont là où est celui du meneur et restent ensemble sur un rail horizontal.</translation>
    </message>
    <message>
        <source>Go into the s&amp;ubform</source>
        <translation>Entrer dans le &amp;sous-formulaire</translation>
    </message>
    <message>
        <source>Designs the form of the rows that the selected subform shows.</source>
        <translation>Conçoit le formulaire des lignes que montre le sous-formulaire choisi.</translation>
    </message>
    <message>
        <source>Go into the form of one ro&amp;w</source>
        <translation>Entrer dans le formulaire d&apos;une li&amp;gne</translation>
    </message>
    <message>
        <source>Designs the form on which a tabular form shows one row in full.</source>
        <translation>Conçoit le formulaire où un formulaire en tableau montre une ligne en entier.</translation>
    </message>
    <message>
        <source>Bac&amp;k to the outer form</source>
        <translation>Re&amp;venir au formulaire extérieur</translation>
    </message>
    <message>
        <source>P&amp;lace a control</source>
        <translation>&amp;Placer un élément</translation>
    </message>
    <message>
        <source>&amp;Bands and form</source>
        <translation>&amp;Bandes et formulaire</translation>
    </message>
    <message>
        <source>Add the %1</source>
        <translation>Ajouter&#xa0;: %1</translation>
    </message>
    <message>
        <source>Remove the %1</source>
        <translation>Retirer&#xa0;: %1</translation>
    </message>
    <message>
        <source>&amp;Trim the form to its content</source>
        <translation>&amp;Réduire le formulaire à son contenu</translation>
    </message>
    <message>
        <source>Trim the form</source>
        <translation>Réduire le formulaire</translation>
    </message>
    <message>
        <source>Tab &amp;order</source>
        <translation>&amp;Ordre de Tab</translation>
    </message>
    <message>
        <source>&amp;Show and set by hand</source>
        <translation>&amp;Montrer et fixer à la main</translation>
    </message>
    <message>
        <source>&amp;Earlier</source>
        <translation>Plus &amp;tôt</translation>
    </message>
    <message>
        <source>The lead is visited by Tab one place earlier.</source>
        <translation>Tab visite le meneur une place plus tôt.</translation>
    </message>
    <message>
        <source>&amp;Later</source>
        <translation>Plus t&amp;ard</translation>
    </message>
    <message>
        <source>The lead is visited by Tab one place later.</source>
        <translation>Tab visite le meneur une place plus tard.</translation>
    </message>
    <message>
        <source>As it &amp;reads</source>
        <translation>Comme on &amp;lit</translation>
    </message>
    <message>
        <source>Tab order as it reads</source>
        <translation>Ordre de Tab comme on lit</translation>
    </message>
    <message>
        <source>By r&amp;ows</source>
        <translation>Par li&amp;gnes</translation>
    </message>
    <message>
        <source>Tab order by rows</source>
        <translation>Ordre de Tab par lignes</translation>
    </message>
    <message>
        <source>By &amp;columns</source>
        <translation>Par &amp;colonnes</translation>
    </message>
    <message>
        <source>Tab order by columns</source>
        <translation>Ordre de Tab par colonnes</translation>
    </message>
    <message>
        <source>Change a rail&apos;s hold</source>
        <translation>Changer l&apos;attache d&apos;un rail</translation>
    </message>
    <message>
        <source>Holds to the top</source>
        <translation>Tient au haut</translation>
    </message>
    <message>
        <source>Holds to the left</source>
        <translation>Tient à gauche</translation>
    </message>
    <message>
        <source>Holds to the bottom</source>
        <translation>Tient au bas</translation>
    </message>
    <message>
        <source>Holds to the right</source>
        <translation>Tient à droite</translation>
    </message>
    <message>
        <source>Keeps its share</source>
        <translation>Garde sa part</translation>
    </message>
    <message>
        <source>Stands clear of captions</source>
        <translation>Laisse place aux libellés</translation>
    </message>
    <message>
        <source>Change a rail</source>
        <translation>Changer un rail</translation>
    </message>
    <message>
        <source>Delete the rail</source>
        <translation>Supprimer le rail</translation>
    </message>
    <message>
        <source>Trim the form to its content</source>
        <translation>Réduire le formulaire à son contenu</translation>
    </message>
    <message>
        <source>New column of the table…</source>
        <translation>Nouvelle colonne de la table…</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Coller</translation>
    </message>
    <message>
        <source>Select all</source>
        <translation>Tout choisir</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Édition</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Annuler</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Refaire</translation>
    </message>
    <message>
        <source>Steps &amp;done…</source>
        <translation>Pas acc&amp;omplis…</translation>
    </message>
    <message>
        <source>&amp;New column of the table…</source>
        <translation>&amp;Nouvelle colonne de la table…</translation>
    </message>
    <message>
        <source>Bring into step with the &amp;tables…</source>
        <translation>Acc&amp;order avec les tables…</translation>
    </message>
    <message>
        <source>Draft a&amp;gain…</source>
        <translation>É&amp;baucher à nouveau…</translation>
    </message>
    <message>
        <source>Other columns &amp;instead of one…</source>
        <translation>D&apos;autres colonnes à la place d&apos;&amp;une…</translation>
    </message>
    <message>
        <source>Cu&amp;t</source>
        <translation>Co&amp;uper</translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation>&amp;Copier</translation>
    </message>
    <message>
        <source>&amp;Paste</source>
        <translation>C&amp;oller</translation>
    </message>
    <message>
        <source>Paste in &amp;place</source>
        <translation>Coller sur p&amp;lace</translation>
    </message>
    <message>
        <source>D&amp;uplicate</source>
        <translation>&amp;Dupliquer</translation>
    </message>
    <message>
        <source>&amp;Delete</source>
        <translation>&amp;Supprimer</translation>
    </message>
    <message>
        <source>Delete boxes, leave their cap&amp;tions</source>
        <translation>Supprimer les champs, laisser leurs libell&amp;és</translation>
    </message>
    <message>
        <source>Delete boxes</source>
        <translation>Supprimer des champs</translation>
    </message>
    <message>
        <source>Edit the capt&amp;ion</source>
        <translation>Modifier le l&amp;ibellé</translation>
    </message>
    <message>
        <source>C&amp;aptions and options…</source>
        <translation>Libellés et opt&amp;ions…</translation>
    </message>
    <message>
        <source>Control &amp;names…</source>
        <translation>No&amp;ms des éléments…</translation>
    </message>
    <message>
        <source>Ro&amp;w source…</source>
        <translation>Origine des li&amp;gnes…</translation>
    </message>
    <message>
        <source>&amp;Undo: %1</source>
        <translation>&amp;Annuler&#xa0;: %1</translation>
    </message>
    <message>
        <source>&amp;Redo: %1</source>
        <translation>&amp;Refaire&#xa0;: %1</translation>
    </message>
    <message>
        <source>None yet</source>
        <translation>Aucun pour l&apos;instant</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Fichier</translation>
    </message>
    <message>
        <source>&amp;New form from data…</source>
        <translation>&amp;Nouveau formulaire d&apos;après des données…</translation>
    </message>
    <message>
        <source>New form &amp;without a database</source>
        <translation>Nouveau formulaire &amp;sans base de données</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>&amp;Ouvrir…</translation>
    </message>
    <message>
        <source>Open a database on a ser&amp;ver…</source>
        <translation>Ouvrir une base sur un ser&amp;veur…</translation>
    </message>
    <message>
        <source>Open the &amp;demonstration</source>
        <translation>Ouvrir la &amp;démonstration</translation>
    </message>
    <message>
        <source>&amp;Forms of this project</source>
        <translation>&amp;Formulaires de ce projet</translation>
    </message>
    <message>
        <source>Read the data&amp;base again</source>
        <translation>Re&amp;lire la base de données</translation>
    </message>
    <message>
        <source>&amp;Move the project to another database…</source>
        <translation>Déplacer le &amp;projet vers une autre base…</translation>
    </message>
    <message>
        <source>Ma&amp;ke a start form</source>
        <translation>F&amp;aire un formulaire de départ</translation>
    </message>
    <message>
        <source>&amp;Hand over…</source>
        <translation>&amp;Remettre…</translation>
    </message>
    <message>
        <source>Ma&amp;il of the project…</source>
        <translation>Courr&amp;iel du projet…</translation>
    </message>
    <message>
        <source>&amp;Save form</source>
        <translation>&amp;Enregistrer le formulaire</translation>
    </message>
    <message>
        <source>Save form &amp;as…</source>
        <translation>Enregistrer le formulaire so&amp;us…</translation>
    </message>
    <message>
        <source>&amp;Rename form…</source>
        <translation>Reno&amp;mmer le formulaire…</translation>
    </message>
    <message>
        <source>Where this form is &amp;used…</source>
        <translation>Où ce formulaire est &amp;utilisé…</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Quitter</translation>
    </message>
    <message>
        <source>&amp;Save record</source>
        <translation>&amp;Enregistrer la fiche</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Aide</translation>
    </message>
    <message>
        <source>&amp;About Nabblet</source>
        <translation>À &amp;propos de Nabblet</translation>
    </message>
    <message>
        <source>About Nabblet</source>
        <translation>À propos de Nabblet</translation>
    </message>
    <message>
        <source>Nabblet %1

Drafts bound entry forms from database tables, lets you arrange them, and puts them to work.</source>
        <translation>Nabblet %1

Ébauche des formulaires de saisie liés à partir de tables, vous laisse les disposer et les met au travail.</translation>
    </message>
    <message>
        <source>Not bold</source>
        <translation>Pas gras</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Gras</translation>
    </message>
    <message>
        <source>Larger letters</source>
        <translation>Lettres plus grandes</translation>
    </message>
    <message>
        <source>Smaller letters</source>
        <translation>Lettres plus petites</translation>
    </message>
    <message>
        <source>Change an alignment</source>
        <translation>Changer un alignement</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>A&amp;pparence</translation>
    </message>
    <message>
        <source>&amp;Looks and styles</source>
        <translation>&amp;Apparences et styles</translation>
    </message>
    <message>
        <source>&amp;Bold</source>
        <translation>&amp;Gras</translation>
    </message>
    <message>
        <source>&amp;Slanted</source>
        <translation>&amp;Italique</translation>
    </message>
    <message>
        <source>Slanted</source>
        <translation>Italique</translation>
    </message>
    <message>
        <source>&amp;Underlined</source>
        <translation>&amp;Souligné</translation>
    </message>
    <message>
        <source>Underlined</source>
        <translation>Souligné</translation>
    </message>
    <message>
        <source>Lar&amp;ger letters</source>
        <translation>Lettres plus g&amp;randes</translation>
    </message>
    <message>
        <source>S&amp;maller letters</source>
        <translation>Lettres plus &amp;petites</translation>
    </message>
    <message>
        <source>Words to the le&amp;ft</source>
        <translation>Mots à g&amp;auche</translation>
    </message>
    <message>
        <source>Words in the mi&amp;ddle</source>
        <translation>Mots au &amp;milieu</translation>
    </message>
    <message>
        <source>Words to the &amp;right</source>
        <translation>Mots à &amp;droite</translation>
    </message>
    <message>
        <source>&amp;Copy the look</source>
        <translation>&amp;Copier l&apos;apparence</translation>
    </message>
    <message>
        <source>Copy the look many &amp;times</source>
        <translation>Copier l&apos;apparence plusieurs &amp;fois</translation>
    </message>
    <message>
        <source>&amp;Paste the look</source>
        <translation>C&amp;oller l&apos;apparence</translation>
    </message>
    <message>
        <source>Paste a look</source>
        <translation>Coller une apparence</translation>
    </message>
    <message>
        <source>&amp;As the look says</source>
        <translation>Comme dit l&apos;appare&amp;nce</translation>
    </message>
    <message>
        <source>As the look says</source>
        <translation>Comme dit l&apos;apparence</translation>
    </message>
    <message>
        <source>St&amp;yle</source>
        <translation>St&amp;yle</translation>
    </message>
    <message>
        <source>Style %1</source>
        <translation>Style %1</translation>
    </message>
    <message>
        <source>Take the style “%1”</source>
        <translation>Prendre le style «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>&amp;Keep as a style…</source>
        <translation>Garder comme sty&amp;le…</translation>
    </message>
    <message>
        <source>Where styles are &amp;used…</source>
        <translation>Où les styles sont &amp;utilisés…</translation>
    </message>
    <message>
        <source>&amp;Records</source>
        <translation>Fic&amp;hes</translation>
    </message>
    <message>
        <source>&amp;Select</source>
        <translation>&amp;Choisir</translation>
    </message>
    <message>
        <source>&amp;All</source>
        <translation>&amp;Tout</translation>
    </message>
    <message>
        <source>All of this &amp;kind</source>
        <translation>Tous de ce &amp;genre</translation>
    </message>
    <message>
        <source>The ro&amp;w</source>
        <translation>La &amp;ligne</translation>
    </message>
    <message>
        <source>The colu&amp;mn</source>
        <translation>La &amp;colonne</translation>
    </message>
    <message>
        <source>All of this &amp;band</source>
        <translation>Tout de cette &amp;bande</translation>
    </message>
    <message>
        <source>&amp;Captions only</source>
        <translation>Libellés &amp;seulement</translation>
    </message>
    <message>
        <source>Bo&amp;xes only</source>
        <translation>Cha&amp;mps seulement</translation>
    </message>
    <message>
        <source>What lies &amp;under</source>
        <translation>Ce qui est &amp;dessous</translation>
    </message>
    <message>
        <source>&amp;Next</source>
        <translation>&amp;Suivante</translation>
    </message>
    <message>
        <source>&amp;Previous</source>
        <translation>&amp;Précédente</translation>
    </message>
    <message>
        <source>Add the next</source>
        <translation>Ajouter le suivant</translation>
    </message>
    <message>
        <source>Add the previous</source>
        <translation>Ajouter le précédent</translation>
    </message>
    <message>
        <source>&amp;Outwards</source>
        <translation>Vers l&apos;e&amp;xtérieur</translation>
    </message>
    <message>
        <source>Next page in front</source>
        <translation>Page suivante devant</translation>
    </message>
    <message>
        <source>Page before in front</source>
        <translation>Page précédente devant</translation>
    </message>
    <message>
        <source>The band: %1</source>
        <translation>La bande&#xa0;: %1</translation>
    </message>
    <message>
        <source>The for&amp;m</source>
        <translation>Le &amp;formulaire</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>Afficha&amp;ge</translation>
    </message>
    <message>
        <source>&amp;Entry</source>
        <translation>&amp;Saisie</translation>
    </message>
    <message>
        <source>&amp;Rules</source>
        <translation>&amp;Règles</translation>
    </message>
    <message>
        <source>&amp;Trial</source>
        <translation>Ess&amp;ai</translation>
    </message>
    <message>
        <source>Te&amp;st record</source>
        <translation>Fiche d&apos;&amp;essai</translation>
    </message>
    <message>
        <source>Ne&amp;xt side of a rule</source>
        <translation>Côté s&amp;uivant d&apos;une règle</translation>
    </message>
    <message>
        <source>&amp;Find a command…</source>
        <translation>&amp;Trouver une commande…</translation>
    </message>
    <message>
        <source>Zoom &amp;in</source>
        <translation>&amp;Agrandir</translation>
    </message>
    <message>
        <source>Zoom &amp;out</source>
        <translation>Réd&amp;uire</translation>
    </message>
    <message>
        <source>A&amp;ctual size</source>
        <translation>Taille ré&amp;elle</translation>
    </message>
    <message>
        <source>&amp;Whole form</source>
        <translation>Formulaire entie&amp;r</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>How large the form is shown</source>
        <translation>À quelle taille le formulaire est montré</translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation>&amp;Unité</translation>
    </message>
    <message>
        <source>&amp;Pixels</source>
        <translation>&amp;Pixels</translation>
    </message>
    <message>
        <source>&amp;Millimetres</source>
        <translation>&amp;Millimètres</translation>
    </message>
    <message>
        <source>&amp;Inches</source>
        <translation>P&amp;ouces</translation>
    </message>
    <message>
        <source>&amp;Grid steps</source>
        <translation>Pas de la &amp;grille</translation>
    </message>
    <message>
        <source>&amp;Grid</source>
        <translation>&amp;Grille</translation>
    </message>
    <message>
        <source>&amp;Dots</source>
        <translation>&amp;Points</translation>
    </message>
    <message>
        <source>&amp;Lines</source>
        <translation>&amp;Lignes</translation>
    </message>
    <message>
        <source>&amp;Nothing</source>
        <translation>&amp;Rien</translation>
    </message>
    <message>
        <source>Change the grid</source>
        <translation>Changer la grille</translation>
    </message>
    <message>
        <source>&amp;Values on the board</source>
        <translation>&amp;Valeurs sur le plan</translation>
    </message>
    <message>
        <source>A &amp;record</source>
        <translation>Une &amp;fiche</translation>
    </message>
    <message>
        <source>&amp;Longest values</source>
        <translation>Plus &amp;longues valeurs</translation>
    </message>
    <message>
        <source>&amp;Blank</source>
        <translation>&amp;Vide</translation>
    </message>
    <message>
        <source>&amp;Stored rows</source>
        <translation>Li&amp;gnes enregistrées</translation>
    </message>
    <message>
        <source>Fin&amp;dings</source>
        <translation>C&amp;onstats</translation>
    </message>
    <message>
        <source>Ne&amp;xt finding</source>
        <translation>Constat suiv&amp;ant</translation>
    </message>
    <message>
        <source>Previous fi&amp;nding</source>
        <translation>Constat précéde&amp;nt</translation>
    </message>
    <message>
        <source>&amp;Tracing sheet…</source>
        <translation>&amp;Feuille à calquer…</translation>
    </message>
    <message>
        <source>Mo&amp;ve the tracing sheet</source>
        <translation>Déplacer la feui&amp;lle à calquer</translation>
    </message>
    <message>
        <source>&amp;Window sizes</source>
        <translation>&amp;Tailles de fenêtre</translation>
    </message>
    <message>
        <source>Colours as &amp;others see them</source>
        <translation>Couleurs vues par d&apos;a&amp;utres</translation>
    </message>
    <message>
        <source>&amp;Most people</source>
        <translation>La &amp;plupart</translation>
    </message>
    <message>
        <source>Without &amp;green</source>
        <translation>Sans &amp;vert</translation>
    </message>
    <message>
        <source>Without &amp;red</source>
        <translation>Sans &amp;rouge</translation>
    </message>
    <message>
        <source>Without &amp;blue</source>
        <translation>Sans &amp;bleu</translation>
    </message>
    <message>
        <source>Commands at &amp;hand</source>
        <translation>Commandes sous la &amp;main</translation>
    </message>
    <message>
        <source>&amp;Board alone, or with its panels</source>
        <translation>Le plan seul, ou avec ses &amp;panneaux</translation>
    </message>
    <message>
        <source>Go to the &amp;catalogue</source>
        <translation>Aller au &amp;catalogue</translation>
    </message>
    <message>
        <source>Go to the &amp;board</source>
        <translation>Aller au pla&amp;n</translation>
    </message>
    <message>
        <source>Go to the i&amp;nspector</source>
        <translation>Aller aux propr&amp;iétés</translation>
    </message>
    <message>
        <source>Go to the co&amp;ntrols</source>
        <translation>Aller aux él&amp;éments</translation>
    </message>
    <message>
        <source>Go to the o&amp;utline</source>
        <translation>Aller à la str&amp;ucture</translation>
    </message>
    <message>
        <source>Colours as on the &amp;desktop</source>
        <translation>Couleurs comme sur le &amp;bureau</translation>
    </message>
    <message>
        <source>&amp;Light colours</source>
        <translation>Couleurs &amp;claires</translation>
    </message>
    <message>
        <source>D&amp;ark colours</source>
        <translation>Couleurs s&amp;ombres</translation>
    </message>
    <message>
        <source>End the &amp;trial</source>
        <translation>&amp;Terminer l&apos;essai</translation>
    </message>
    <message>
        <source>Back to the boa&amp;rd</source>
        <translation>Revenir au pla&amp;n</translation>
    </message>
    <message>
        <source>&amp;Design</source>
        <translation>Con&amp;ception</translation>
    </message>
    <message>
        <source>The demonstration&apos;s %1 is not part of this program.</source>
        <translation>%1 de la démonstration ne fait pas partie de ce programme.</translation>
    </message>
    <message>
        <source>The folder %1 could not be made. Look whether you may write there.</source>
        <translation>Le dossier %1 n&apos;a pu être créé. Voyez si vous avez le droit d&apos;y écrire.</translation>
    </message>
    <message>
        <source>The demonstration is not part of this program.</source>
        <translation>La démonstration ne fait pas partie de ce programme.</translation>
    </message>
    <message>
        <source>The form “%1” is new.</source>
        <translation>Le formulaire «&#xa0;%1&#xa0;» est nouveau.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a form and what changed in it</comment>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>The form “%1” is gone.</source>
        <translation>Le formulaire «&#xa0;%1&#xa0;» n&apos;est plus là.</translation>
    </message>
    <message>
        <source>Save the form in a project first.</source>
        <translation>Enregistrez d&apos;abord le formulaire dans un projet.</translation>
    </message>
    <message>
        <source>No form is the one to start with. “Make a start form” in the File menu makes one.</source>
        <translation>Aucun formulaire n&apos;est celui de départ. «&#xa0;Faire un formulaire de départ&#xa0;» du menu Fichier en fait un.</translation>
    </message>
    <message>
        <source>%1: two lines of changes are not decided yet.</source>
        <translation>%1&#xa0;: deux suites de changements ne sont pas encore décidées.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a form and what is wrong there</comment>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1 has something else in it. Choose an empty folder, or one that was handed over before.</source>
        <translation>%1 contient autre chose. Choisissez un dossier vide, ou un dossier déjà remis.</translation>
    </message>
    <message>
        <source>That is the project itself. Choose another folder.</source>
        <translation>C&apos;est le projet lui-même. Choisissez un autre dossier.</translation>
    </message>
    <message>
        <source>%1 cannot be made. Choose another place.</source>
        <translation>%1 ne peut être créé. Choisissez un autre endroit.</translation>
    </message>
    <message>
        <source>%1 cannot be written. Choose another place, or make room there.</source>
        <translation>%1 ne peut être écrit. Choisissez un autre endroit, ou faites-y de la place.</translation>
    </message>
    <message>
        <source>Nothing was handed over there before.</source>
        <translation>Rien n&apos;y a été remis auparavant.</translation>
    </message>
    <message>
        <source>The form to start with is not there any more. Ask those who handed it over.</source>
        <translation>Le formulaire de départ n&apos;est plus là. Demandez à ceux qui l&apos;ont remis.</translation>
    </message>
    <message>
        <source>Mail of the project</source>
        <translation>Courriel du projet</translation>
    </message>
    <message>
        <source>The mail program of each computer</source>
        <translation>Le programme de courriel de chaque ordinateur</translation>
    </message>
    <message>
        <source>A mail server (SMTP)</source>
        <translation>Un serveur de courriel (SMTP)</translation>
    </message>
    <message>
        <source>A folder, a file for each message</source>
        <translation>Un dossier, un fichier par message</translation>
    </message>
    <message>
        <source>Sent by</source>
        <translation>Envoyé par</translation>
    </message>
    <message>
        <source>From</source>
        <translation>De</translation>
    </message>
    <message>
        <source>Server</source>
        <translation>Serveur</translation>
    </message>
    <message>
        <source>in secret from the beginning (TLS)</source>
        <translation>en secret dès le début (TLS)</translation>
    </message>
    <message>
        <source>in secret after a greeting (STARTTLS)</source>
        <translation>en secret après un salut (STARTTLS)</translation>
    </message>
    <message>
        <source>in the open, on this computer only</source>
        <translation>en clair, sur cet ordinateur seulement</translation>
    </message>
    <message>
        <source>Talked to</source>
        <translation>Échanges</translation>
    </message>
    <message>
        <source>the usual one</source>
        <translation>l&apos;habituel</translation>
    </message>
    <message>
        <source>Port</source>
        <translation>Port</translation>
    </message>
    <message>
        <source>Signs in as</source>
        <translation>S&apos;identifie comme</translation>
    </message>
    <message>
        <source>nobody</source>
        <translation>personne</translation>
    </message>
    <message>
        <source>Password</source>
        <translation>Mot de passe</translation>
    </message>
    <message>
        <source>as it is in the keyring</source>
        <translation>tel qu&apos;il est dans le trousseau</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Dossier</translation>
    </message>
    <message>
        <source>from the project&apos;s folder: mail</source>
        <translation>à partir du dossier du projet&#xa0;: mail</translation>
    </message>
    <message>
        <source>Send so</source>
        <translation>Envoyer ainsi</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>People see each message in their own mail program, and send it there.</source>
        <translation>Chacun voit chaque message dans son propre programme de courriel et l&apos;y envoie.</translation>
    </message>
    <message>
        <source>What is sent in the open can be read on the way. Choose TLS for a server elsewhere.</source>
        <translation>Ce qui est envoyé en clair peut être lu en route. Choisissez TLS pour un serveur ailleurs.</translation>
    </message>
    <message>
        <source>The address to send from is needed, and where to.</source>
        <translation>Il faut l&apos;adresse d&apos;envoi, et où envoyer.</translation>
    </message>
    <message>
        <source>The project has a form “%1” already. Choose another name.</source>
        <translation>Le projet a déjà un formulaire «&#xa0;%1&#xa0;». Choisissez un autre nom.</translation>
    </message>
    <message>
        <source>The form is there under its new name; its old file %1 could not be removed.</source>
        <translation>Le formulaire est là sous son nouveau nom&#xa0;; son ancien fichier %1 n&apos;a pu être retiré.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1: “%2” opens it</source>
        <translation>%1&#xa0;: «&#xa0;%2&#xa0;» l&apos;ouvre</translation>
    </message>
    <message>
        <source>“%1” in %2: “%3”</source>
        <translation>«&#xa0;%1&#xa0;» dans %2&#xa0;: «&#xa0;%3&#xa0;»</translation>
    </message>
    <message>
        <source>%1 belongs to no project, so it is not known which database it works on. Put it into the forms folder of a project, or name the database with --database.</source>
        <translation>%1 n&apos;appartient à aucun projet&#xa0;; on ne sait donc pas sur quelle base il travaille. Mettez-le dans le dossier forms d&apos;un projet, ou nommez la base avec --database.</translation>
    </message>
    <message>
        <source>The project has no form “%1”.</source>
        <translation>Le projet n&apos;a pas de formulaire «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” is nothing that a button can do. Write an action a line, as they are called under “Does”.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est rien qu&apos;un bouton puisse faire. Écrivez une action par ligne, comme elles s&apos;appellent sous «&#xa0;Fait&#xa0;».</translation>
    </message>
    <message>
        <source>Buttons to go</source>
        <translation>Boutons pour aller</translation>
    </message>
    <message>
        <source>Record buttons</source>
        <translation>Boutons de fiche</translation>
    </message>
    <message>
        <source>Add a row that belongs to the record</source>
        <translation>Ajouter une ligne</translation>
    </message>
    <message>
        <source>Add row</source>
        <translation>Ajouter une ligne</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Lignes</translation>
    </message>
    <message>
        <source>the caption of the rows; empty: the first ones</source>
        <translation>le libellé des lignes&#xa0;; vide&#xa0;: les premières</translation>
    </message>
    <message>
        <source>Close the form</source>
        <translation>Fermer le formulaire</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Delete the record</source>
        <translation>Supprimer la fiche</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
    <message>
        <source>Find a record</source>
        <translation>Trouver une fiche</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Trouver</translation>
    </message>
    <message>
        <source>Go to the first record</source>
        <translation>Première fiche</translation>
    </message>
    <message>
        <source>First</source>
        <translation>Première</translation>
    </message>
    <message>
        <source>Go to the last record</source>
        <translation>Dernière fiche</translation>
    </message>
    <message>
        <source>Last</source>
        <translation>Dernière</translation>
    </message>
    <message>
        <source>Go to the next record</source>
        <translation>Fiche suivante</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Suivante</translation>
    </message>
    <message>
        <source>Go one record back</source>
        <translation>Fiche précédente</translation>
    </message>
    <message>
        <source>Previous</source>
        <translation>Précédente</translation>
    </message>
    <message>
        <source>Go to a page of the form</source>
        <translation>Aller à une page</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Page</translation>
    </message>
    <message>
        <source>the title of the page</source>
        <translation>le titre de la page</translation>
    </message>
    <message>
        <source>Begin a new record</source>
        <translation>Nouvelle fiche</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Nouveau</translation>
    </message>
    <message>
        <source>Nothing yet</source>
        <translation>Rien pour l&apos;instant</translation>
    </message>
    <message>
        <source>Button</source>
        <translation>Bouton</translation>
    </message>
    <message>
        <source>Open another form</source>
        <translation>Ouvrir un formulaire</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>Open an address or a file</source>
        <translation>Ouvrir une adresse</translation>
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
        <translation>Ouvrir ses lignes</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimer</translation>
    </message>
    <message>
        <source>Put values into boxes</source>
        <translation>Mettre des valeurs</translation>
    </message>
    <message>
        <source>Put in</source>
        <translation>Mettre</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Valeurs</translation>
    </message>
    <message>
        <source>Status = withdrawn; Laid on = today</source>
        <translation>Statut = retirée; Posée le = today</translation>
    </message>
    <message>
        <source>Read everything again</source>
        <translation>Tout relire</translation>
    </message>
    <message>
        <source>Read again</source>
        <translation>Relire</translation>
    </message>
    <message>
        <source>Run a program</source>
        <translation>Lancer un programme</translation>
    </message>
    <message>
        <source>Run</source>
        <translation>Lancer</translation>
    </message>
    <message>
        <source>Program</source>
        <translation>Programme</translation>
    </message>
    <message>
        <source>label-printer --copies 2 {asset_no}</source>
        <translation>label-printer --copies 2 {asset_no}</translation>
    </message>
    <message>
        <source>Run an SQL statement</source>
        <translation>Exécuter du SQL</translation>
    </message>
    <message>
        <source>Statement</source>
        <translation>Instruction</translation>
    </message>
    <message>
        <source>UPDATE buoy SET status = &apos;in depot&apos; WHERE buoy_id = :buoy_id</source>
        <translation>UPDATE buoy SET status = &apos;in depot&apos; WHERE buoy_id =&#xa0;:buoy_id</translation>
    </message>
    <message>
        <source>Save the record</source>
        <translation>Enregistrer la fiche</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Save the record and close the form</source>
        <translation>Enregistrer et fermer</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Terminé</translation>
    </message>
    <message>
        <source>Save the record or the rows as a file</source>
        <translation>Enregistrer sous</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Enregistrer sous</translation>
    </message>
    <message>
        <source>Kind of file</source>
        <translation>Genre de fichier</translation>
    </message>
    <message>
        <source>pdf, csv, tsv, jsonl, xlsx or html; empty: people choose</source>
        <translation>pdf, csv, tsv, jsonl, xlsx ou html&#xa0;; vide&#xa0;: chacun choisit</translation>
    </message>
    <message>
        <source>Send a message</source>
        <translation>Envoyer un message</translation>
    </message>
    <message>
        <source>Send</source>
        <translation>Envoyer</translation>
    </message>
    <message>
        <source>Take back a step</source>
        <translation>Revenir d&apos;un pas</translation>
    </message>
    <message>
        <source>Take back</source>
        <translation>Revenir</translation>
    </message>
    <message>
        <source>Work values out again</source>
        <translation>Recalculer</translation>
    </message>
    <message>
        <source>Work out</source>
        <translation>Calculer</translation>
    </message>
    <message>
        <source>Boxes</source>
        <translation>Champs</translation>
    </message>
    <message>
        <source>Labour cost; Total – empty: all that rules work out</source>
        <translation>Coût du travail; Total – vide&#xa0;: tout ce que les règles calculent</translation>
    </message>
    <message>
        <source>A button runs one statement; here are several. Give each a button, or a step, of its own.</source>
        <translation>Un bouton exécute une instruction&#xa0;; il y en a ici plusieurs. Donnez à chacune un bouton, ou une étape, à elle.</translation>
    </message>
    <message>
        <source>The button has no statement to run yet.</source>
        <translation>Le bouton n&apos;a pas encore d&apos;instruction à exécuter.</translation>
    </message>
    <message>
        <source>There are no boxes on the form yet.</source>
        <translation>Il n&apos;y a pas encore de champs sur le formulaire.</translation>
    </message>
    <message>
        <source>The captions stand beside their boxes already.</source>
        <translation>Les libellés sont déjà à côté de leurs champs.</translation>
    </message>
    <message>
        <source>The captions stand above their boxes already.</source>
        <translation>Les libellés sont déjà au-dessus de leurs champs.</translation>
    </message>
    <message>
        <source>Many records stand under one another already.</source>
        <translation>Beaucoup de fiches sont déjà les unes sous les autres.</translation>
    </message>
    <message>
        <source>Rows that belong to each record have no place in a line; take them off first.</source>
        <translation>Les lignes qui appartiennent à chaque fiche n&apos;ont pas de place dans une ligne&#xa0;; enlevez-les d&apos;abord.</translation>
    </message>
    <message>
        <source>Group boxes have no place among rows under one another.</source>
        <translation>Les cadres de groupe n&apos;ont pas de place parmi des lignes les unes sous les autres.</translation>
    </message>
    <message>
        <source>There are no boxes to put into groups.</source>
        <translation>Il n&apos;y a pas de champs à mettre en groupes.</translation>
    </message>
    <message>
        <source>Make it columnar</source>
        <translation>Mettre en colonne</translation>
    </message>
    <message>
        <source>One record at a time, captions beside their boxes.</source>
        <translation>Une fiche à la fois, les libellés à côté de leurs champs.</translation>
    </message>
    <message>
        <source>Make it stacked</source>
        <translation>Empiler</translation>
    </message>
    <message>
        <source>One record at a time, captions above their boxes.</source>
        <translation>Une fiche à la fois, les libellés au-dessus de leurs champs.</translation>
    </message>
    <message>
        <source>Make it tabular</source>
        <translation>Mettre en tableau</translation>
    </message>
    <message>
        <source>Many records under one another, captions as heads over them.</source>
        <translation>Beaucoup de fiches les unes sous les autres, les libellés en têtes au-dessus.</translation>
    </message>
    <message>
        <source>Make it a row of groups</source>
        <translation>Mettre en rangée de groupes</translation>
    </message>
    <message>
        <source>Fields go into group boxes side by side, as many as the columns chosen.</source>
        <translation>Les champs vont dans des cadres de groupe côte à côte, autant que de colonnes choisies.</translation>
    </message>
    <message>
        <source>Select a field with a caption.</source>
        <translation>Choisissez un champ avec un libellé.</translation>
    </message>
    <message>
        <source>Select one caption and one field that has none.</source>
        <translation>Choisissez un libellé et un champ qui n&apos;en a pas.</translation>
    </message>
    <message>
        <source>Captions beside</source>
        <translation>Libellés à côté</translation>
    </message>
    <message>
        <source>Captions stand left of their boxes; room is made where there is none.</source>
        <translation>Les libellés sont à gauche de leurs champs&#xa0;; de la place est faite où il n&apos;y en a pas.</translation>
    </message>
    <message>
        <source>Captions above</source>
        <translation>Libellés au-dessus</translation>
    </message>
    <message>
        <source>Captions stand above their boxes; room is made where there is none.</source>
        <translation>Les libellés sont au-dessus de leurs champs&#xa0;; de la place est faite où il n&apos;y en a pas.</translation>
    </message>
    <message>
        <source>Remove captions</source>
        <translation>Retirer les libellés</translation>
    </message>
    <message>
        <source>The boxes stay, without captions.</source>
        <translation>Les champs restent, sans libellés.</translation>
    </message>
    <message>
        <source>Detach captions</source>
        <translation>Détacher les libellés</translation>
    </message>
    <message>
        <source>Captions become words of their own, which no longer go with a box.</source>
        <translation>Les libellés deviennent des mots à part, qui n&apos;accompagnent plus un champ.</translation>
    </message>
    <message>
        <source>Attach the caption</source>
        <translation>Attacher le libellé</translation>
    </message>
    <message>
        <source>The selected caption belongs to the selected field from now on.</source>
        <translation>Le libellé choisi appartient désormais au champ choisi.</translation>
    </message>
    <message>
        <source>Select controls of one band or one group only.</source>
        <translation>Choisissez des éléments d&apos;une seule bande ou d&apos;un seul groupe.</translation>
    </message>
    <message>
        <source>Centre across</source>
        <translation>Centrer en largeur</translation>
    </message>
    <message>
        <source>The selection as a whole goes to the middle between left and right of its form or group.</source>
        <translation>La sélection entière va au milieu entre la gauche et la droite de son formulaire ou groupe.</translation>
    </message>
    <message>
        <source>Centre down</source>
        <translation>Centrer en hauteur</translation>
    </message>
    <message>
        <source>The selection as a whole goes to the middle of its band&apos;s or group&apos;s height.</source>
        <translation>La sélection entière va au milieu de la hauteur de sa bande ou de son groupe.</translation>
    </message>
    <message>
        <source>Select two controls that stand side by side or under one another.</source>
        <translation>Choisissez deux éléments côte à côte ou l&apos;un sous l&apos;autre.</translation>
    </message>
    <message>
        <source>Change places</source>
        <translation>Échanger les places</translation>
    </message>
    <message>
        <source>Each stands where the other stood.</source>
        <translation>Chacun est là où était l&apos;autre.</translation>
    </message>
    <message>
        <source>The stored values of what is selected are not known.</source>
        <translation>Les valeurs enregistrées de la sélection ne sont pas connues.</translation>
    </message>
    <message>
        <source>Fit to all stored values</source>
        <translation>Ajuster à toutes les valeurs</translation>
    </message>
    <message>
        <source>Boxes get as wide as their widest stored value.</source>
        <translation>Les champs prennent la largeur de leur plus large valeur enregistrée.</translation>
    </message>
    <message>
        <source>Fit to 99 % of the values</source>
        <translation>Ajuster à 99 % des valeurs</translation>
    </message>
    <message>
        <source>Boxes show 99 of 100 stored values whole.</source>
        <translation>Les champs montrent en entier 99 valeurs sur 100.</translation>
    </message>
    <message>
        <source>Fit to 95 % of the values</source>
        <translation>Ajuster à 95 % des valeurs</translation>
    </message>
    <message>
        <source>Boxes show 95 of 100 stored values whole.</source>
        <translation>Les champs montrent en entier 95 valeurs sur 100.</translation>
    </message>
    <message>
        <source>Fit to the free space</source>
        <translation>Ajuster à la place libre</translation>
    </message>
    <message>
        <source>Boxes grow to what stands behind them in their row, or to the margin.</source>
        <translation>Les champs grandissent jusqu&apos;à ce qui les suit dans leur rangée, ou jusqu&apos;à la marge.</translation>
    </message>
    <message>
        <source>Fit captions to their words</source>
        <translation>Ajuster les libellés à leurs mots</translation>
    </message>
    <message>
        <source>Captions get the width of their words, and automatic rails stand clear of them.</source>
        <translation>Les libellés prennent la largeur de leurs mots, et les rails automatiques leur laissent place.</translation>
    </message>
    <message>
        <source>Flow into columns</source>
        <translation>Couler en colonnes</translation>
    </message>
    <message>
        <source>Fields go into the number of columns chosen, what belongs together stays so.</source>
        <translation>Les champs vont dans le nombre de colonnes choisi&#xa0;; ce qui va ensemble le reste.</translation>
    </message>
    <message>
        <source>Flow across</source>
        <translation>Couler en travers</translation>
    </message>
    <message>
        <source>Fields go into the number of columns chosen, row by row, and Tab goes so through the form.</source>
        <translation>Les champs vont dans le nombre de colonnes choisi, rangée par rangée, et Tab suit ce chemin.</translation>
    </message>
    <message>
        <source>Flow into one column</source>
        <translation>Couler en une colonne</translation>
    </message>
    <message>
        <source>Fields go under one another.</source>
        <translation>Les champs vont les uns sous les autres.</translation>
    </message>
    <message>
        <source>Flow into two columns</source>
        <translation>Couler en deux colonnes</translation>
    </message>
    <message>
        <source>Fields go into two columns of about equal height.</source>
        <translation>Les champs vont en deux colonnes à peu près égales.</translation>
    </message>
    <message>
        <source>Flow into three columns</source>
        <translation>Couler en trois colonnes</translation>
    </message>
    <message>
        <source>Fields go into three columns of about equal height.</source>
        <translation>Les champs vont en trois colonnes à peu près égales.</translation>
    </message>
    <message>
        <source>Bring to the front</source>
        <translation>Mettre devant</translation>
    </message>
    <message>
        <source>Lies over all others.</source>
        <translation>Est par-dessus tous les autres.</translation>
    </message>
    <message>
        <source>Send to the back</source>
        <translation>Mettre derrière</translation>
    </message>
    <message>
        <source>Lies under all others.</source>
        <translation>Est sous tous les autres.</translation>
    </message>
    <message>
        <source>Select a group box or tab pages, or something in them.</source>
        <translation>Choisissez un cadre de groupe ou des onglets, ou quelque chose dedans.</translation>
    </message>
    <message>
        <source>Select what is to move, and then the group or something in it.</source>
        <translation>Choisissez ce qui doit bouger, puis le groupe ou quelque chose dedans.</translation>
    </message>
    <message>
        <source>What leads the selection stands in no group and on no page.</source>
        <translation>Ce qui mène la sélection n&apos;est dans aucun groupe ni sur aucune page.</translation>
    </message>
    <message>
        <source>Select tab pages, or something on them.</source>
        <translation>Choisissez des onglets, ou quelque chose dessus.</translation>
    </message>
    <message>
        <source>Page %1</source>
        <translation>Page %1</translation>
    </message>
    <message>
        <source>The last page stays.</source>
        <translation>La dernière page reste.</translation>
    </message>
    <message>
        <source>It is the first page.</source>
        <translation>C&apos;est la première page.</translation>
    </message>
    <message>
        <source>It is the last page.</source>
        <translation>C&apos;est la dernière page.</translation>
    </message>
    <message>
        <source>Put into a group box</source>
        <translation>Mettre dans un cadre de groupe</translation>
    </message>
    <message>
        <source>A frame with a heading goes around the selection; it moves as one then.</source>
        <translation>Un cadre avec un titre entoure la sélection&#xa0;; elle bouge alors d&apos;un bloc.</translation>
    </message>
    <message>
        <source>Put on tab pages</source>
        <translation>Mettre sur des onglets</translation>
    </message>
    <message>
        <source>The selection becomes the first of several pages that share one place.</source>
        <translation>La sélection devient la première de plusieurs pages qui partagent une place.</translation>
    </message>
    <message>
        <source>Take the group off</source>
        <translation>Défaire le groupe</translation>
    </message>
    <message>
        <source>What is in it stays where it stands; pages come under one another.</source>
        <translation>Ce qui est dedans reste en place&#xa0;; les pages vont les unes sous les autres.</translation>
    </message>
    <message>
        <source>Move to where the lead is</source>
        <translation>Aller là où est le meneur</translation>
    </message>
    <message>
        <source>Into the group or on to the page that leads, or in which the lead stands.</source>
        <translation>Dans le groupe ou sur la page qui mène, ou qui contient le meneur.</translation>
    </message>
    <message>
        <source>Move out of the group</source>
        <translation>Sortir du groupe</translation>
    </message>
    <message>
        <source>The selection goes below what stands around the group.</source>
        <translation>La sélection va sous ce qui entoure le groupe.</translation>
    </message>
    <message>
        <source>Add a page</source>
        <translation>Ajouter une page</translation>
    </message>
    <message>
        <source>An empty page behind the one in front.</source>
        <translation>Une page vide derrière celle de devant.</translation>
    </message>
    <message>
        <source>Remove the page</source>
        <translation>Retirer la page</translation>
    </message>
    <message>
        <source>The page in front goes with all that stands on it.</source>
        <translation>La page de devant s&apos;en va avec tout ce qu&apos;elle porte.</translation>
    </message>
    <message>
        <source>Move the page forward</source>
        <translation>Avancer la page</translation>
    </message>
    <message>
        <source>The page in front changes places with the one before it.</source>
        <translation>La page de devant échange sa place avec la précédente.</translation>
    </message>
    <message>
        <source>Move the page back</source>
        <translation>Reculer la page</translation>
    </message>
    <message>
        <source>The page in front changes places with the one behind it.</source>
        <translation>La page de devant échange sa place avec la suivante.</translation>
    </message>
    <message>
        <source>Stays at the left</source>
        <translation>Reste à gauche</translation>
    </message>
    <message>
        <source>Where it is, however wide the window gets.</source>
        <translation>Là où c&apos;est, si large que soit la fenêtre.</translation>
    </message>
    <message>
        <source>Moves with the right edge</source>
        <translation>Suit le bord droit</translation>
    </message>
    <message>
        <source>Keeps its distance to the right edge of the window.</source>
        <translation>Garde sa distance au bord droit de la fenêtre.</translation>
    </message>
    <message>
        <source>Stretches across</source>
        <translation>S&apos;étire en largeur</translation>
    </message>
    <message>
        <source>Gets wider with the window.</source>
        <translation>S&apos;élargit avec la fenêtre.</translation>
    </message>
    <message>
        <source>Keeps its share of the width</source>
        <translation>Garde sa part de la largeur</translation>
    </message>
    <message>
        <source>Its place and its width go with the width of the window.</source>
        <translation>Sa place et sa largeur suivent celles de la fenêtre.</translation>
    </message>
    <message>
        <source>Stays at the top</source>
        <translation>Reste en haut</translation>
    </message>
    <message>
        <source>Where it is, however high the window gets.</source>
        <translation>Là où c&apos;est, si haute que soit la fenêtre.</translation>
    </message>
    <message>
        <source>Moves with the bottom</source>
        <translation>Suit le bas</translation>
    </message>
    <message>
        <source>Keeps its distance to the bottom of the window.</source>
        <translation>Garde sa distance au bas de la fenêtre.</translation>
    </message>
    <message>
        <source>Stretches down</source>
        <translation>S&apos;étire en hauteur</translation>
    </message>
    <message>
        <source>Gets higher with the window.</source>
        <translation>Grandit en hauteur avec la fenêtre.</translation>
    </message>
    <message>
        <source>Keeps its share of the height</source>
        <translation>Garde sa part de la hauteur</translation>
    </message>
    <message>
        <source>Its place and its height go with the height of the window.</source>
        <translation>Sa place et sa hauteur suivent celles de la fenêtre.</translation>
    </message>
    <message>
        <source>Fill as cells</source>
        <translation>Remplir en cellules</translation>
    </message>
    <message>
        <source>Makes what is selected, or all in a group, a grid that fills its place and grows with the window in both directions.</source>
        <translation>Fait de la sélection, ou de tout un groupe, une grille qui remplit sa place et grandit avec la fenêtre dans les deux sens.</translation>
    </message>
    <message>
        <source>Line up left edges</source>
        <translation>Aligner les bords gauches</translation>
    </message>
    <message>
        <source>Left edges go where the lead&apos;s is.</source>
        <translation>Les bords gauches vont là où est celui du meneur.</translation>
    </message>
    <message>
        <source>Line up right edges</source>
        <translation>Aligner les bords droits</translation>
    </message>
    <message>
        <source>Right edges go where the lead&apos;s is.</source>
        <translation>Les bords droits vont là où est celui du meneur.</translation>
    </message>
    <message>
        <source>Line up centres</source>
        <translation>Aligner les centres</translation>
    </message>
    <message>
        <source>Centres go below one another, at the lead&apos;s.</source>
        <translation>Les centres vont les uns sous les autres, à celui du meneur.</translation>
    </message>
    <message>
        <source>Line up top edges</source>
        <translation>Aligner les bords hauts</translation>
    </message>
    <message>
        <source>Top edges go level with the lead&apos;s.</source>
        <translation>Les bords hauts se mettent au niveau de celui du meneur.</translation>
    </message>
    <message>
        <source>Line up bottom edges</source>
        <translation>Aligner les bords bas</translation>
    </message>
    <message>
        <source>Bottom edges go level with the lead&apos;s.</source>
        <translation>Les bords bas se mettent au niveau de celui du meneur.</translation>
    </message>
    <message>
        <source>Line up middles</source>
        <translation>Aligner les milieux</translation>
    </message>
    <message>
        <source>Middles go level with the lead&apos;s.</source>
        <translation>Les milieux se mettent au niveau de celui du meneur.</translation>
    </message>
    <message>
        <source>Line up text</source>
        <translation>Aligner le texte</translation>
    </message>
    <message>
        <source>Words stand on one line with the lead&apos;s, whatever their size.</source>
        <translation>Les mots sont sur une ligne avec ceux du meneur, quelle que soit leur taille.</translation>
    </message>
    <message>
        <source>Select two or more boxes; captions have the size of their words.</source>
        <translation>Choisissez deux champs ou plus&#xa0;; les libellés ont la taille de leurs mots.</translation>
    </message>
    <message>
        <source>Match width</source>
        <translation>Égaler la largeur</translation>
    </message>
    <message>
        <source>Boxes get as wide as the lead.</source>
        <translation>Les champs prennent la largeur du meneur.</translation>
    </message>
    <message>
        <source>Match height</source>
        <translation>Égaler la hauteur</translation>
    </message>
    <message>
        <source>Boxes get as high as the lead.</source>
        <translation>Les champs prennent la hauteur du meneur.</translation>
    </message>
    <message>
        <source>Match width and height</source>
        <translation>Égaler largeur et hauteur</translation>
    </message>
    <message>
        <source>Boxes get the size of the lead.</source>
        <translation>Les champs prennent la taille du meneur.</translation>
    </message>
    <message>
        <source>Match width to the widest</source>
        <translation>Égaler au plus large</translation>
    </message>
    <message>
        <source>Boxes get as wide as the widest of them.</source>
        <translation>Les champs prennent la largeur du plus large d&apos;entre eux.</translation>
    </message>
    <message>
        <source>Match width to the narrowest</source>
        <translation>Égaler au plus étroit</translation>
    </message>
    <message>
        <source>Boxes get as wide as the narrowest of them.</source>
        <translation>Les champs prennent la largeur du plus étroit d&apos;entre eux.</translation>
    </message>
    <message>
        <source>Match height to the highest</source>
        <translation>Égaler au plus haut</translation>
    </message>
    <message>
        <source>Boxes get as high as the highest of them.</source>
        <translation>Les champs prennent la hauteur du plus haut d&apos;entre eux.</translation>
    </message>
    <message>
        <source>Match height to the lowest</source>
        <translation>Égaler au plus bas</translation>
    </message>
    <message>
        <source>Boxes get as high as the lowest of them.</source>
        <translation>Les champs prennent la hauteur du plus bas d&apos;entre eux.</translation>
    </message>
    <message>
        <source>Match size to the largest</source>
        <translation>Égaler au plus grand</translation>
    </message>
    <message>
        <source>Boxes get the greatest width and the greatest height among them.</source>
        <translation>Les champs prennent la plus grande largeur et la plus grande hauteur d&apos;entre eux.</translation>
    </message>
    <message>
        <source>Match size to the smallest</source>
        <translation>Égaler au plus petit</translation>
    </message>
    <message>
        <source>Boxes get the least width and the least height among them.</source>
        <translation>Les champs prennent la plus petite largeur et la plus petite hauteur d&apos;entre eux.</translation>
    </message>
    <message>
        <source>Corners on the grid</source>
        <translation>Coins sur la grille</translation>
    </message>
    <message>
        <source>Top left corners go to the nearest grid point.</source>
        <translation>Les coins en haut à gauche vont au point de grille le plus proche.</translation>
    </message>
    <message>
        <source>Sizes on the grid</source>
        <translation>Tailles sur la grille</translation>
    </message>
    <message>
        <source>Widths and heights become whole grid steps.</source>
        <translation>Largeurs et hauteurs deviennent des pas de grille entiers.</translation>
    </message>
    <message>
        <source>Corners and sizes on the grid</source>
        <translation>Coins et tailles sur la grille</translation>
    </message>
    <message>
        <source>Every edge goes to the nearest grid line.</source>
        <translation>Chaque bord va à la ligne de grille la plus proche.</translation>
    </message>
    <message>
        <source>Captions stand beside boxes on fewer than two pages.</source>
        <translation>Les libellés sont à côté des champs sur moins de deux pages.</translation>
    </message>
    <message>
        <source>One caption rail for all pages</source>
        <translation>Un rail de libellés pour toutes les pages</translation>
    </message>
    <message>
        <source>The boxes of all pages of a set begin where those of the one with the longest caption do.</source>
        <translation>Les champs de toutes les pages commencent là où commencent ceux au plus long libellé.</translation>
    </message>
    <message>
        <source>Select one box.</source>
        <translation>Choisissez un champ.</translation>
    </message>
    <message>
        <source>It is too narrow for so many.</source>
        <translation>Il est trop étroit pour autant.</translation>
    </message>
    <message>
        <source>There are no empty rows.</source>
        <translation>Il n&apos;y a pas de rangées vides.</translation>
    </message>
    <message>
        <source>Select fields of two rows, to swap the rows.</source>
        <translation>Choisissez des champs de deux rangées pour les échanger.</translation>
    </message>
    <message>
        <source>There is no row above.</source>
        <translation>Il n&apos;y a pas de rangée au-dessus.</translation>
    </message>
    <message>
        <source>There is no row below.</source>
        <translation>Il n&apos;y a pas de rangée au-dessous.</translation>
    </message>
    <message>
        <source>Select two controls of one band or one group, to swap them.</source>
        <translation>Choisissez deux éléments d&apos;une bande ou d&apos;un groupe pour les échanger.</translation>
    </message>
    <message>
        <source>No field stands beside it on that side.</source>
        <translation>Aucun champ n&apos;est à côté de ce côté-là.</translation>
    </message>
    <message>
        <source>No field of its column stands on that side.</source>
        <translation>Aucun champ de sa colonne n&apos;est de ce côté-là.</translation>
    </message>
    <message>
        <source>There is no column behind it.</source>
        <translation>Il n&apos;y a pas de colonne derrière.</translation>
    </message>
    <message>
        <source>Insert a row above</source>
        <translation>Insérer une rangée au-dessus</translation>
    </message>
    <message>
        <source>The lead&apos;s row and all below it make room for one row.</source>
        <translation>La rangée du meneur et tout ce qui est dessous font place à une rangée.</translation>
    </message>
    <message>
        <source>Insert a row below</source>
        <translation>Insérer une rangée au-dessous</translation>
    </message>
    <message>
        <source>All rows below the lead&apos;s make room for one row.</source>
        <translation>Toutes les rangées sous celle du meneur font place à une rangée.</translation>
    </message>
    <message>
        <source>Insert a column before</source>
        <translation>Insérer une colonne avant</translation>
    </message>
    <message>
        <source>The lead and all to the right of it make room.</source>
        <translation>Le meneur et tout ce qui est à sa droite font place.</translation>
    </message>
    <message>
        <source>Insert a column behind</source>
        <translation>Insérer une colonne après</translation>
    </message>
    <message>
        <source>All behind the lead&apos;s column makes room.</source>
        <translation>Tout ce qui suit la colonne du meneur fait place.</translation>
    </message>
    <message>
        <source>Take the row out</source>
        <translation>Ôter la rangée</translation>
    </message>
    <message>
        <source>The lead&apos;s row goes with all in it, and what stands below closes up.</source>
        <translation>La rangée du meneur s&apos;en va avec tout ce qu&apos;elle porte, et le dessous se resserre.</translation>
    </message>
    <message>
        <source>Take the column out</source>
        <translation>Ôter la colonne</translation>
    </message>
    <message>
        <source>The boxes under and over the lead go with it, and what stands behind closes up.</source>
        <translation>Les champs sous et sur le meneur s&apos;en vont avec lui, et la suite se resserre.</translation>
    </message>
    <message>
        <source>Part the field</source>
        <translation>Partager le champ</translation>
    </message>
    <message>
        <source>The lead&apos;s place is parted into as many boxes of its kind as the columns chosen.</source>
        <translation>La place du meneur est partagée en autant de champs de son genre que de colonnes choisies.</translation>
    </message>
    <message>
        <source>Remove empty rows</source>
        <translation>Retirer les rangées vides</translation>
    </message>
    <message>
        <source>Rows close up over empty strips of the form.</source>
        <translation>Les rangées se resserrent sur les bandes vides du formulaire.</translation>
    </message>
    <message>
        <source>Move the row up</source>
        <translation>Monter la rangée</translation>
    </message>
    <message>
        <source>The lead&apos;s row changes places with the row above.</source>
        <translation>La rangée du meneur échange sa place avec celle du dessus.</translation>
    </message>
    <message>
        <source>Move the row down</source>
        <translation>Descendre la rangée</translation>
    </message>
    <message>
        <source>The lead&apos;s row changes places with the row below.</source>
        <translation>La rangée du meneur échange sa place avec celle du dessous.</translation>
    </message>
    <message>
        <source>Swap two rows</source>
        <translation>Échanger deux rangées</translation>
    </message>
    <message>
        <source>The two rows of the selection change places.</source>
        <translation>Les deux rangées de la sélection échangent leurs places.</translation>
    </message>
    <message>
        <source>Move the field up</source>
        <translation>Monter le champ</translation>
    </message>
    <message>
        <source>The lead changes places with the field above it in its column.</source>
        <translation>Le meneur échange sa place avec le champ du dessus dans sa colonne.</translation>
    </message>
    <message>
        <source>Move the field down</source>
        <translation>Descendre le champ</translation>
    </message>
    <message>
        <source>The lead changes places with the field below it in its column.</source>
        <translation>Le meneur échange sa place avec le champ du dessous dans sa colonne.</translation>
    </message>
    <message>
        <source>Move the field left</source>
        <translation>Champ vers la gauche</translation>
    </message>
    <message>
        <source>The lead changes places with the field before it in its row.</source>
        <translation>Le meneur échange sa place avec le champ d&apos;avant dans sa rangée.</translation>
    </message>
    <message>
        <source>Move the field right</source>
        <translation>Champ vers la droite</translation>
    </message>
    <message>
        <source>The lead changes places with the field behind it in its row.</source>
        <translation>Le meneur échange sa place avec le champ d&apos;après dans sa rangée.</translation>
    </message>
    <message>
        <source>Swap two fields</source>
        <translation>Échanger deux champs</translation>
    </message>
    <message>
        <source>Two controls change places, captions and all.</source>
        <translation>Deux éléments échangent leurs places, libellés compris.</translation>
    </message>
    <message>
        <source>Spread across the next column</source>
        <translation>Étendre sur la colonne suivante</translation>
    </message>
    <message>
        <source>The box reaches to the end of the next column; what is there makes way.</source>
        <translation>Le champ va jusqu&apos;au bout de la colonne suivante&#xa0;; ce qui y est fait place.</translation>
    </message>
    <message>
        <source>Spread down the next row</source>
        <translation>Étendre sur la rangée suivante</translation>
    </message>
    <message>
        <source>The box reaches to the end of the next row; what is there makes way.</source>
        <translation>Le champ va jusqu&apos;au bout de la rangée suivante&#xa0;; ce qui y est fait place.</translation>
    </message>
    <message>
        <source>Select three or more controls that stand side by side.</source>
        <translation>Choisissez trois éléments ou plus, côte à côte.</translation>
    </message>
    <message>
        <source>Select two or more controls that stand side by side.</source>
        <translation>Choisissez deux éléments ou plus, côte à côte.</translation>
    </message>
    <message>
        <source>Select three or more controls that stand below one another.</source>
        <translation>Choisissez trois éléments ou plus, les uns sous les autres.</translation>
    </message>
    <message>
        <source>Select two or more controls that stand below one another.</source>
        <translation>Choisissez deux éléments ou plus, les uns sous les autres.</translation>
    </message>
    <message>
        <source>Even gaps across</source>
        <translation>Écarts égaux en largeur</translation>
    </message>
    <message>
        <source>Gaps side by side get the same; the outer ones stay, but for pixels that do not divide.</source>
        <translation>Les écarts côte à côte s&apos;égalisent&#xa0;; les extrêmes restent, aux pixels indivisibles près.</translation>
    </message>
    <message>
        <source>Even gaps down</source>
        <translation>Écarts égaux en hauteur</translation>
    </message>
    <message>
        <source>Gaps below one another get the same; the outer ones stay, but for pixels that do not divide.</source>
        <translation>Les écarts verticaux s&apos;égalisent&#xa0;; les extrêmes restent, aux pixels indivisibles près.</translation>
    </message>
    <message>
        <source>Shrink gaps across</source>
        <translation>Réduire les écarts en largeur</translation>
    </message>
    <message>
        <source>Gaps side by side get a grid step less.</source>
        <translation>Les écarts côte à côte perdent un pas de grille.</translation>
    </message>
    <message>
        <source>Grow gaps across</source>
        <translation>Agrandir les écarts en largeur</translation>
    </message>
    <message>
        <source>Gaps side by side get a grid step more.</source>
        <translation>Les écarts côte à côte gagnent un pas de grille.</translation>
    </message>
    <message>
        <source>Shrink gaps down</source>
        <translation>Réduire les écarts en hauteur</translation>
    </message>
    <message>
        <source>Gaps below one another get a grid step less.</source>
        <translation>Les écarts verticaux perdent un pas de grille.</translation>
    </message>
    <message>
        <source>Grow gaps down</source>
        <translation>Agrandir les écarts en hauteur</translation>
    </message>
    <message>
        <source>Gaps below one another get a grid step more.</source>
        <translation>Les écarts verticaux gagnent un pas de grille.</translation>
    </message>
    <message>
        <source>Set gaps across</source>
        <translation>Fixer les écarts en largeur</translation>
    </message>
    <message>
        <source>Gaps side by side get the size in the field beside this.</source>
        <translation>Les écarts côte à côte prennent la taille du champ voisin.</translation>
    </message>
    <message>
        <source>Set gaps down</source>
        <translation>Fixer les écarts en hauteur</translation>
    </message>
    <message>
        <source>Gaps below one another get the size in the field beside this.</source>
        <translation>Les écarts verticaux prennent la taille du champ voisin.</translation>
    </message>
    <message>
        <source>Close gaps across</source>
        <translation>Fermer les écarts en largeur</translation>
    </message>
    <message>
        <source>Controls side by side touch.</source>
        <translation>Les éléments côte à côte se touchent.</translation>
    </message>
    <message>
        <source>Close gaps down</source>
        <translation>Fermer les écarts en hauteur</translation>
    </message>
    <message>
        <source>Controls below one another touch.</source>
        <translation>Les éléments l&apos;un sous l&apos;autre se touchent.</translation>
    </message>
    <message>
        <source>Page 1</source>
        <translation>Page 1</translation>
    </message>
    <message>
        <source>Page 2</source>
        <translation>Page 2</translation>
    </message>
    <message>
        <source>Select what is to stand in it first.</source>
        <translation>Choisissez d&apos;abord ce qui doit y être.</translation>
    </message>
    <message>
        <source>Select controls of one band, one group or one page only.</source>
        <translation>Choisissez des éléments d&apos;une seule bande, d&apos;un seul groupe ou d&apos;une seule page.</translation>
    </message>
    <message>
        <source>Line up</source>
        <translation>Aligner</translation>
    </message>
    <message>
        <source>Match size</source>
        <translation>Égaler la taille</translation>
    </message>
    <message>
        <source>Gaps</source>
        <translation>Écarts</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Ajuster</translation>
    </message>
    <message>
        <source>Grid</source>
        <translation>Grille</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Centrer</translation>
    </message>
    <message>
        <source>Front, back</source>
        <translation>Devant, derrière</translation>
    </message>
    <message>
        <source>Captions</source>
        <translation>Libellés</translation>
    </message>
    <message>
        <source>Groups</source>
        <translation>Groupes</translation>
    </message>
    <message>
        <source>Window size</source>
        <translation>Taille de fenêtre</translation>
    </message>
    <message>
        <source>Tidy</source>
        <translation>Ranger</translation>
    </message>
    <message>
        <source>Select a control first.</source>
        <translation>Choisissez d&apos;abord un élément.</translation>
    </message>
    <message>
        <source>Select two or more controls; the last one chosen leads.</source>
        <translation>Choisissez deux éléments ou plus&#xa0;; le dernier choisi mène.</translation>
    </message>
    <message>
        <source>Select three or more controls.</source>
        <translation>Choisissez trois éléments ou plus.</translation>
    </message>
    <message>
        <source>Select a box first.</source>
        <translation>Choisissez d&apos;abord un champ.</translation>
    </message>
    <message>
        <source>A tabular form is one row of boxes between rails; its columns are moved by their rails.</source>
        <translation>Un formulaire en tableau est une rangée de champs entre des rails&#xa0;; ses colonnes se déplacent par leurs rails.</translation>
    </message>
    <message>
        <source>The form is empty.</source>
        <translation>Le formulaire est vide.</translation>
    </message>
    <message>
        <source>What nearly lines up does, near-equal sizes and gaps become equal, all on the grid. The whole form, a group, or what is selected.</source>
        <translation>Ce qui est presque aligné s&apos;aligne, tailles et écarts presque égaux le deviennent, le tout sur la grille. Le formulaire entier, un groupe, ou la sélection.</translation>
    </message>
    <message>
        <source>That is too large; sizes go up to %1 px.</source>
        <translation>C&apos;est trop grand&#xa0;; les tailles vont jusqu&apos;à %1 px.</translation>
    </message>
    <message>
        <source>“%1” is not a size. Type a number such as 120, or +8, *2, 12mm.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une taille. Tapez un nombre comme 120, ou +8, *2, 12mm.</translation>
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
        <translation>po</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>A tabular form is one row of boxes between rails.</source>
        <translation>Un formulaire en tableau est une rangée de champs entre des rails.</translation>
    </message>
    <message>
        <source>Select what is to become cells first, or the group that it stands in.</source>
        <translation>Choisissez d&apos;abord ce qui doit devenir des cellules, ou le groupe qui le contient.</translation>
    </message>
    <message>
        <source>The first of two panes keeps its size; the second gets all that the window gains.</source>
        <translation>Le premier de deux volets garde sa taille&#xa0;; le second reçoit tout ce que gagne la fenêtre.</translation>
    </message>
    <message>
        <source>In a tabular form, the rows keep their height.</source>
        <translation>Dans un formulaire en tableau, les lignes gardent leur hauteur.</translation>
    </message>
    <message>
        <source>Only the body gets higher with the window; header and footer keep their height.</source>
        <translation>Seul le corps grandit avec la fenêtre&#xa0;; en-tête et pied gardent leur hauteur.</translation>
    </message>
    <message>
        <source>%1 must not be before %2</source>
        <translation>%1 ne doit pas être avant %2</translation>
    </message>
    <message>
        <source>%1 must be %2 or more</source>
        <translation>%1 doit être %2 ou plus</translation>
    </message>
    <message>
        <source>%1 must not be after %2</source>
        <translation>%1 ne doit pas être après %2</translation>
    </message>
    <message>
        <source>%1 must be %2 or less</source>
        <translation>%1 doit être %2 ou moins</translation>
    </message>
    <message>
        <source>%1 must be after %2</source>
        <translation>%1 doit être après %2</translation>
    </message>
    <message>
        <source>%1 must be more than %2</source>
        <translation>%1 doit être plus que %2</translation>
    </message>
    <message>
        <source>%1 must be before %2</source>
        <translation>%1 doit être avant %2</translation>
    </message>
    <message>
        <source>%1 must be less than %2</source>
        <translation>%1 doit être moins que %2</translation>
    </message>
    <message>
        <source>%1 must not be %2</source>
        <translation>%1 ne doit pas être %2</translation>
    </message>
    <message>
        <source>%1 must be %2</source>
        <translation>%1 doit être %2</translation>
    </message>
    <message>
        <source>%1 must be one of %2</source>
        <translation>%1 doit être l&apos;un de %2</translation>
    </message>
    <message>
        <source>%1 must lie between %2 and %3</source>
        <translation>%1 doit être entre %2 et %3</translation>
    </message>
    <message>
        <source>This rule must hold: %1</source>
        <translation>Cette règle doit être vraie&#xa0;: %1</translation>
    </message>
    <message>
        <source>At most %L1 letters go here; these are %L2</source>
        <translation>Au plus %L1 lettres vont ici&#xa0;; il y en a %L2</translation>
    </message>
    <message>
        <source>A whole number is needed here: leave out the decimals</source>
        <translation>Il faut ici un nombre entier&#xa0;: ôtez les décimales</translation>
    </message>
    <message>
        <source>%1 is the least that goes here</source>
        <translation>%1 est le minimum ici</translation>
    </message>
    <message>
        <source>%1 is the most that goes here</source>
        <translation>%1 est le maximum ici</translation>
    </message>
    <message>
        <source>Leave out the decimals here</source>
        <translation>Ôtez ici les décimales</translation>
    </message>
    <message>
        <source>At most one digit goes behind the point here</source>
        <translation>Au plus un chiffre après la virgule ici</translation>
    </message>
    <message>
        <source>At most %L1 digits go behind the point here</source>
        <translation>Au plus %L1 chiffres après la virgule ici</translation>
    </message>
    <message>
        <source>by its name; nothing is stored there yet</source>
        <translation>d&apos;après son nom&#xa0;; rien n&apos;y est encore enregistré</translation>
    </message>
    <message>
        <source>%L1 of %L1 values are in “%2”</source>
        <translation>%L1 valeurs sur %L1 sont dans «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>the first %L1 values are all in “%2”</source>
        <translation>les %L1 premières valeurs sont toutes dans «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>%L1 of %L2 values are in “%3”; “%4” is not</source>
        <translation>%L1 valeurs sur %L2 sont dans «&#xa0;%3&#xa0;»&#xa0;; «&#xa0;%4&#xa0;» non</translation>
    </message>
    <message>
        <source>put together from several SELECTs</source>
        <translation>composé de plusieurs SELECT</translation>
    </message>
    <message>
        <source>worked out by the SELECT</source>
        <translation>calculé par le SELECT</translation>
    </message>
    <message>
        <source>“%1” has no key to write by</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de clé pour écrire</translation>
    </message>
    <message>
        <source>the key of “%1” is not there: %2</source>
        <translation>la clé de «&#xa0;%1&#xa0;» n&apos;y est pas&#xa0;: %2</translation>
    </message>
    <message>
        <source>comes from “%1”; rows are written to “%2”</source>
        <translation>vient de «&#xa0;%1&#xa0;»&#xa0;; les lignes s&apos;écrivent dans «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>the same column as “%1”</source>
        <translation>la même colonne que «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>rows of “%1” come up more than once</source>
        <translation>des lignes de «&#xa0;%1&#xa0;» reviennent plus d&apos;une fois</translation>
    </message>
    <message>
        <source>to fix</source>
        <translation>à corriger</translation>
    </message>
    <message>
        <source>to weigh</source>
        <translation>à peser</translation>
    </message>
    <message>
        <source>1 form</source>
        <translation>1 formulaire</translation>
    </message>
    <message>
        <source>%1 forms</source>
        <translation>%1 formulaires</translation>
    </message>
    <message>
        <source>%1 to fix, %2 to weigh</source>
        <translation>%1 à corriger, %2 à peser</translation>
    </message>
    <message>
        <source>, %1 left be</source>
        <translation>, %1 laissés de côté</translation>
    </message>
    <message>
        <source>whole numbers</source>
        <translation>des nombres entiers</translation>
    </message>
    <message>
        <source>numbers with decimals</source>
        <translation>des nombres à décimales</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>oui ou non</translation>
    </message>
    <message>
        <source>dates</source>
        <translation>des dates</translation>
    </message>
    <message>
        <source>times</source>
        <translation>des heures</translation>
    </message>
    <message>
        <source>dates with times</source>
        <translation>des dates avec heures</translation>
    </message>
    <message>
        <source>pictures or other bytes</source>
        <translation>des images ou d&apos;autres octets</translation>
    </message>
    <message>
        <source>text</source>
        <translation>du texte</translation>
    </message>
    <message>
        <source>“%1” holds %2 there, and %3 now.</source>
        <translation>«&#xa0;%1&#xa0;» contient %2 là-bas, et %3 maintenant.</translation>
    </message>
    <message>
        <source>“%1” takes %2 letters there, and %3 now.</source>
        <translation>«&#xa0;%1&#xa0;» prend %2 lettres là-bas, et %3 maintenant.</translation>
    </message>
    <message>
        <source>“%1” takes %2 letters there, and any number now.</source>
        <translation>«&#xa0;%1&#xa0;» prend %2 lettres là-bas, et sans limite maintenant.</translation>
    </message>
    <message>
        <source>“%1” is needed there.</source>
        <translation>«&#xa0;%1&#xa0;» est exigé là-bas.</translation>
    </message>
    <message>
        <source>There is no table “%1” there.</source>
        <translation>Il n&apos;y a pas de table «&#xa0;%1&#xa0;» là-bas.</translation>
    </message>
    <message>
        <source>“%1” has no column “%2” there.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de colonne «&#xa0;%2&#xa0;» là-bas.</translation>
    </message>
    <message>
        <source>Show “%1”</source>
        <translation>Montrer «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>“%1” shows “%2” of “%3”, which has a name to show.</source>
        <translation>«&#xa0;%1&#xa0;» montre «&#xa0;%2&#xa0;» de «&#xa0;%3&#xa0;», qui a un nom à montrer.</translation>
    </message>
    <message>
        <source>Codes where there is a name</source>
        <translation>Codes là où il y a un nom</translation>
    </message>
    <message>
        <source>Two fields are called “%1”.</source>
        <translation>Deux champs s&apos;appellent «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>Captions of the same words</source>
        <translation>Libellés aux mêmes mots</translation>
    </message>
    <message>
        <source>“%1” offers “%2” %3 times; let it show a further column of “%4”.</source>
        <translation>«&#xa0;%1&#xa0;» propose «&#xa0;%2&#xa0;» %3 fois&#xa0;; laissez-le montrer une autre colonne de «&#xa0;%4&#xa0;».</translation>
    </message>
    <message>
        <source>Choices of the same words</source>
        <translation>Choix aux mêmes mots</translation>
    </message>
    <message>
        <source>Two controls are called “%1”.</source>
        <translation>Deux éléments s&apos;appellent «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>Give it a name of its own</source>
        <translation>Lui donner un nom à lui</translation>
    </message>
    <message>
        <source>Controls of the same name</source>
        <translation>Éléments du même nom</translation>
    </message>
    <message>
        <source>it chooses from “%1”, and there is no such table</source>
        <translation>il choisit dans «&#xa0;%1&#xa0;», et cette table n&apos;existe pas</translation>
    </message>
    <message>
        <source>it chooses from “%1”, which has no column “%2”</source>
        <translation>il choisit dans «&#xa0;%1&#xa0;», qui n&apos;a pas de colonne «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>“%1” has no column “%2”</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de colonne «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>there is no table “%1”</source>
        <translation>il n&apos;y a pas de table «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>“%1” cannot be filled: %2.</source>
        <translation>«&#xa0;%1&#xa0;» ne peut être rempli&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Take the box away</source>
        <translation>Enlever le champ</translation>
    </message>
    <message>
        <source>Columns that are gone</source>
        <translation>Colonnes disparues</translation>
    </message>
    <message>
        <source>“%1” is to open the form “%2”, which this project does not have.</source>
        <translation>«&#xa0;%1&#xa0;» doit ouvrir le formulaire «&#xa0;%2&#xa0;», que ce projet n&apos;a pas.</translation>
    </message>
    <message>
        <source>“%1” opens no form: which one is not said.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;ouvre aucun formulaire&#xa0;: lequel n&apos;est pas dit.</translation>
    </message>
    <message>
        <source>“%1” opens no rows: which ones is not said.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;ouvre aucune ligne&#xa0;: lesquelles n&apos;est pas dit.</translation>
    </message>
    <message>
        <source>“%1” does nothing when it is pressed.</source>
        <translation>«&#xa0;%1&#xa0;» ne fait rien quand on appuie dessus.</translation>
    </message>
    <message>
        <source>Take the button away</source>
        <translation>Enlever le bouton</translation>
    </message>
    <message>
        <source>Buttons that lead nowhere</source>
        <translation>Boutons qui ne mènent nulle part</translation>
    </message>
    <message>
        <source>No record can be added: “%1” has to be filled, and is locked.</source>
        <translation>Aucune fiche ne peut être ajoutée&#xa0;: «&#xa0;%1&#xa0;» doit être rempli, et il est verrouillé.</translation>
    </message>
    <message>
        <source>Let it be typed</source>
        <translation>Le laisser taper</translation>
    </message>
    <message>
        <source>Locked boxes that have to be filled</source>
        <translation>Champs verrouillés qui doivent être remplis</translation>
    </message>
    <message>
        <source>No record can be added: “%1” is required and has no box.</source>
        <translation>Aucune fiche ne peut être ajoutée&#xa0;: «&#xa0;%1&#xa0;» est obligatoire et n&apos;a pas de champ.</translation>
    </message>
    <message>
        <source>Add its box</source>
        <translation>Ajouter son champ</translation>
    </message>
    <message>
        <source>Required columns without a box</source>
        <translation>Colonnes obligatoires sans champ</translation>
    </message>
    <message>
        <source>There is no picture %1. Put it there, or choose another.</source>
        <translation>Il n&apos;y a pas d&apos;image %1. Mettez-la là, ou choisissez-en une autre.</translation>
    </message>
    <message>
        <source>Pictures that are missing</source>
        <translation>Images qui manquent</translation>
    </message>
    <message>
        <source>There is no look “%1” in this project.</source>
        <translation>Il n&apos;y a pas d&apos;apparence «&#xa0;%1&#xa0;» dans ce projet.</translation>
    </message>
    <message>
        <source>“%1” has the style “%2”, which this project does not have.</source>
        <translation>«&#xa0;%1&#xa0;» a le style «&#xa0;%2&#xa0;», que ce projet n&apos;a pas.</translation>
    </message>
    <message>
        <source>Let it look as its look says</source>
        <translation>Lui donner ce que dit son apparence</translation>
    </message>
    <message>
        <source>Styles and looks that are missing</source>
        <translation>Styles et apparences qui manquent</translation>
    </message>
    <message>
        <source>“%1” has no caption; nobody sees or hears what it is for.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de libellé&#xa0;; personne ne voit ni n&apos;entend à quoi il sert.</translation>
    </message>
    <message>
        <source>Let a prompt in it say “%1”</source>
        <translation>Y mettre une invite «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Boxes without a name</source>
        <translation>Champs sans nom</translation>
    </message>
    <message>
        <source>“%1” is a %2, which does not suit “%3” (%4).</source>
        <translation>«&#xa0;%1&#xa0;» est de genre «&#xa0;%2&#xa0;», ce qui ne convient pas à «&#xa0;%3&#xa0;» (%4).</translation>
    </message>
    <message>
        <source>Make it a %1</source>
        <translation>En faire&#xa0;: %1</translation>
    </message>
    <message>
        <source>“%1” takes %2 letters, and its column holds %3.</source>
        <translation>«&#xa0;%1&#xa0;» prend %2 lettres, et sa colonne en contient %3.</translation>
    </message>
    <message>
        <source>Let it take %1 letters</source>
        <translation>Lui laisser prendre %1 lettres</translation>
    </message>
    <message>
        <source>Boxes that do not suit their columns</source>
        <translation>Champs qui ne conviennent pas à leurs colonnes</translation>
    </message>
    <message>
        <source>Take note of it</source>
        <translation>En prendre note</translation>
    </message>
    <message>
        <source>Tables that changed</source>
        <translation>Tables qui ont changé</translation>
    </message>
    <message>
        <source>The caption “%1” belongs to no field.</source>
        <translation>Le libellé «&#xa0;%1&#xa0;» n&apos;appartient à aucun champ.</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>L&apos;enlever</translation>
    </message>
    <message>
        <source>Captions without a field</source>
        <translation>Libellés sans champ</translation>
    </message>
    <message>
        <source>“%1” numbers itself; nobody needs to type it.</source>
        <translation>«&#xa0;%1&#xa0;» se numérote lui-même&#xa0;; personne n&apos;a à le taper.</translation>
    </message>
    <message>
        <source>Lock it</source>
        <translation>Le verrouiller</translation>
    </message>
    <message>
        <source>Keys that number themselves and are typed</source>
        <translation>Clés qui se numérotent et sont tapées</translation>
    </message>
    <message>
        <source>“%1” points to “%2” and is typed as a raw value; a drop-down would show whose it is.</source>
        <translation>«&#xa0;%1&#xa0;» renvoie à «&#xa0;%2&#xa0;» et se tape en valeur brute&#xa0;; une liste déroulante montrerait à qui il est.</translation>
    </message>
    <message>
        <source>Make it a drop-down of “%1”</source>
        <translation>En faire une liste déroulante de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Links typed as raw values</source>
        <translation>Liens tapés en valeurs brutes</translation>
    </message>
    <message>
        <source>“%1” can be typed in “%2” and in “%3”; let one of them only show it.</source>
        <translation>«&#xa0;%1&#xa0;» se tape dans «&#xa0;%2&#xa0;» et dans «&#xa0;%3&#xa0;»&#xa0;; laissez l&apos;un d&apos;eux le montrer seulement.</translation>
    </message>
    <message>
        <source>Let the second only show it</source>
        <translation>Laisser le second le montrer seulement</translation>
    </message>
    <message>
        <source>Columns typed twice</source>
        <translation>Colonnes tapées deux fois</translation>
    </message>
    <message>
        <source>As it is here</source>
        <translation>Comme c&apos;est ici</translation>
    </message>
    <message>
        <source>As somebody else has it</source>
        <translation>Comme l&apos;a quelqu&apos;un d&apos;autre</translation>
    </message>
    <message>
        <source>What two people changed</source>
        <translation>Ce que deux personnes ont changé</translation>
    </message>
    <message>
        <source>No form of the project opens “%1”; people begin elsewhere and do not get to it.</source>
        <translation>Aucun formulaire du projet n&apos;ouvre «&#xa0;%1&#xa0;»&#xa0;; on commence ailleurs et on n&apos;y arrive pas.</translation>
    </message>
    <message>
        <source>Forms that nothing opens</source>
        <translation>Formulaires que rien n&apos;ouvre</translation>
    </message>
    <message>
        <source>The choices of “%1” stand in the order of “%2”, which the list does not show.</source>
        <translation>Les choix de «&#xa0;%1&#xa0;» sont dans l&apos;ordre de «&#xa0;%2&#xa0;», que la liste ne montre pas.</translation>
    </message>
    <message>
        <source>Put them in the order of their words</source>
        <translation>Les mettre dans l&apos;ordre de leurs mots</translation>
    </message>
    <message>
        <source>Show “%1” in the list</source>
        <translation>Montrer «&#xa0;%1&#xa0;» dans la liste</translation>
    </message>
    <message>
        <source>Choices in no order that shows</source>
        <translation>Choix sans ordre apparent</translation>
    </message>
    <message>
        <source>Rules that do not work</source>
        <translation>Règles qui ne marchent pas</translation>
    </message>
    <message>
        <source>Let Tab go as the form reads</source>
        <translation>Laisser Tab aller comme on lit le formulaire</translation>
    </message>
    <message>
        <source>Tab jumps back from “%1” to “%2”.</source>
        <translation>Tab revient en arrière de «&#xa0;%1&#xa0;» à «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>Tab jumps back</source>
        <translation>Tab revient en arrière</translation>
    </message>
    <message>
        <source>“%1” covers “%2”.</source>
        <translation>«&#xa0;%1&#xa0;» couvre «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>Part them</source>
        <translation>Les séparer</translation>
    </message>
    <message>
        <source>Controls that cover one another</source>
        <translation>Éléments qui se couvrent</translation>
    </message>
    <message>
        <source>“%1” has no room for its words.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de place pour ses mots.</translation>
    </message>
    <message>
        <source>Give it room</source>
        <translation>Lui donner de la place</translation>
    </message>
    <message>
        <source>“%1” stands out of the form.</source>
        <translation>«&#xa0;%1&#xa0;» dépasse du formulaire.</translation>
    </message>
    <message>
        <source>Bring it in</source>
        <translation>Le rentrer</translation>
    </message>
    <message>
        <source>Captions without room</source>
        <translation>Libellés sans place</translation>
    </message>
    <message>
        <source>“%1” cuts off %L2 of %L3 values; %4 px more would do.</source>
        <translation>«&#xa0;%1&#xa0;» coupe %L2 valeurs sur %L3&#xa0;; %4 px de plus suffiraient.</translation>
    </message>
    <message>
        <source>Make it %1 px wider</source>
        <translation>L&apos;élargir de %1 px</translation>
    </message>
    <message>
        <source>Values cut by their boxes</source>
        <translation>Valeurs coupées par leurs champs</translation>
    </message>
    <message>
        <source>The words of “%1” are hard to read there; the nearest colour that can be read is %2.</source>
        <translation>Les mots de «&#xa0;%1&#xa0;» y sont difficiles à lire&#xa0;; la couleur lisible la plus proche est %2.</translation>
    </message>
    <message>
        <source>Words that are hard to read</source>
        <translation>Mots difficiles à lire</translation>
    </message>
    <message>
        <source>“%1” stands %2 px beside the left edge of %3 others.</source>
        <translation>«&#xa0;%1&#xa0;» est à %2 px du bord gauche de %3 autres.</translation>
    </message>
    <message>
        <source>Put it in line</source>
        <translation>L&apos;aligner</translation>
    </message>
    <message>
        <source>Edges nearly in line</source>
        <translation>Bords presque alignés</translation>
    </message>
    <message>
        <source>“%1” stands off the grid of %2 px.</source>
        <translation>«&#xa0;%1&#xa0;» est hors de la grille de %2 px.</translation>
    </message>
    <message>
        <source>Put it on the grid</source>
        <translation>Le mettre sur la grille</translation>
    </message>
    <message>
        <source>Edges off the grid</source>
        <translation>Bords hors de la grille</translation>
    </message>
    <message>
        <source>“%1” stands out of “%2”.</source>
        <translation>«&#xa0;%1&#xa0;» dépasse de «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>Controls outside</source>
        <translation>Éléments dehors</translation>
    </message>
    <message>
        <source>“%1” is %2 × %3 px; less than %4 px are hard to hit.</source>
        <translation>«&#xa0;%1&#xa0;» fait %2 × %3 px&#xa0;; moins de %4 px sont difficiles à viser.</translation>
    </message>
    <message>
        <source>Make it larger</source>
        <translation>L&apos;agrandir</translation>
    </message>
    <message>
        <source>Targets too small to hit</source>
        <translation>Cibles trop petites</translation>
    </message>
    <message>
        <source>The form is %1 px high, more than two screens, and has no groups or pages. Put what belongs together into groups or on pages.</source>
        <translation>Le formulaire fait %1 px de haut, plus de deux écrans, et n&apos;a ni groupes ni pages. Mettez ce qui va ensemble en groupes ou sur des pages.</translation>
    </message>
    <message>
        <source>Forms that are hard to oversee</source>
        <translation>Formulaires difficiles à embrasser du regard</translation>
    </message>
    <message>
        <source>“%1” and the %2 behind it in its row stand %3 to %4 px apart.</source>
        <translation>«&#xa0;%1&#xa0;» et les %2 suivants dans sa rangée sont à %3 à %4 px l&apos;un de l&apos;autre.</translation>
    </message>
    <message>
        <source>Even the gaps</source>
        <translation>Égaliser les écarts</translation>
    </message>
    <message>
        <source>Gaps that differ within a row</source>
        <translation>Écarts inégaux dans une rangée</translation>
    </message>
    <message>
        <source>There is no table “%1” in the database. Give the form other rows, or bring it into step.</source>
        <translation>Il n&apos;y a pas de table «&#xa0;%1&#xa0;» dans la base. Donnez d&apos;autres lignes au formulaire, ou accordez-le.</translation>
    </message>
    <message>
        <source>Tables that are gone</source>
        <translation>Tables disparues</translation>
    </message>
    <message>
        <source>The rows come from a SELECT with a condition: a record that does not meet it goes out of sight when it is saved.</source>
        <translation>Les lignes viennent d&apos;un SELECT avec une condition&#xa0;: une fiche qui ne la remplit pas disparaît quand elle est enregistrée.</translation>
    </message>
    <message>
        <source>SELECTs that hide what was saved</source>
        <translation>SELECT qui cachent ce qui est enregistré</translation>
    </message>
    <message>
        <source>“%1” has no key, so that its rows can only be looked at. Give it a primary key.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de clé, si bien que ses lignes ne peuvent qu&apos;être regardées. Donnez-lui une clé primaire.</translation>
    </message>
    <message>
        <source>Rows that nothing names</source>
        <translation>Lignes que rien ne nomme</translation>
    </message>
    <message>
        <source>“%1” has no rows to show.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de lignes à montrer.</translation>
    </message>
    <message>
        <source>“%1” shows the same rows at every record: nothing links them to it.</source>
        <translation>«&#xa0;%1&#xa0;» montre les mêmes lignes à chaque fiche&#xa0;: rien ne les y lie.</translation>
    </message>
    <message>
        <source>Link them by “%1”</source>
        <translation>Les lier par «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Subforms linked to nothing</source>
        <translation>Sous-formulaires liés à rien</translation>
    </message>
    <message>
        <source>The SELECT shows the same row more than once, so that nothing can be entered. Join only tables with one row for each, or do not let people add and change.</source>
        <translation>Le SELECT montre la même ligne plus d&apos;une fois, si bien que rien ne peut être saisi. Ne joignez que des tables à une ligne chacune, ou ne laissez ni ajouter ni changer.</translation>
    </message>
    <message>
        <source>Only show the rows</source>
        <translation>Montrer seulement les lignes</translation>
    </message>
    <message>
        <source>The SELECT took %L1 s to look through its first rows. An index on what it joins and sorts by would make it quick.</source>
        <translation>Le SELECT a mis %L1 s pour ses premières lignes. Un index sur ce qu&apos;il joint et trie le rendrait rapide.</translation>
    </message>
    <message>
        <source>SELECTs that repeat rows or take long</source>
        <translation>SELECT qui répètent des lignes ou sont lents</translation>
    </message>
    <message>
        <source>It stands on nothing yet.</source>
        <translation>Elle n&apos;est encore sur rien.</translation>
    </message>
    <message>
        <source>A page or band that it stands on is not there any more.</source>
        <translation>Une page ou une bande où elle est n&apos;existe plus.</translation>
    </message>
    <message>
        <source>Bands and pages are shown or locked; nothing else can be done to them.</source>
        <translation>Les bandes et les pages se montrent ou se verrouillent&#xa0;; rien d&apos;autre ne peut leur être fait.</translation>
    </message>
    <message>
        <source>No effect is chosen.</source>
        <translation>Aucun effet n&apos;est choisi.</translation>
    </message>
    <message>
        <source>It has no effect yet.</source>
        <translation>Elle n&apos;a pas encore d&apos;effet.</translation>
    </message>
    <message>
        <source>The limit %1 is not above the one before it, so its part is never reached.</source>
        <translation>La limite %1 n&apos;est pas au-dessus de la précédente&#xa0;; sa partie n&apos;est donc jamais atteinte.</translation>
    </message>
    <message>
        <source>%1 holds numbers, and “%2” is none.</source>
        <translation>%1 contient des nombres, et «&#xa0;%2&#xa0;» n&apos;en est pas un.</translation>
    </message>
    <message>
        <source>%1 never is “%2”. The nearest that it can be is “%3”.</source>
        <translation>%1 n&apos;est jamais «&#xa0;%2&#xa0;». Le plus proche possible est «&#xa0;%3&#xa0;».</translation>
    </message>
    <message>
        <source>It hides %1, by which it could be shown again.</source>
        <translation>Elle cache %1, par quoi elle pourrait être remontrée.</translation>
    </message>
    <message>
        <source>It can hide %1, without which the table takes no record.</source>
        <translation>Elle peut cacher %1, sans quoi la table n&apos;accepte aucune fiche.</translation>
    </message>
    <message>
        <source>%1 cannot be saved empty.</source>
        <translation>%1 ne peut être enregistré vide.</translation>
    </message>
    <message>
        <source>With rule %1 it is never shown: the two contradict.</source>
        <translation>Avec la règle %1 ce n&apos;est jamais montré&#xa0;: les deux se contredisent.</translation>
    </message>
    <message>
        <source>With rule %1 it is always locked.</source>
        <translation>Avec la règle %1 c&apos;est toujours verrouillé.</translation>
    </message>
    <message>
        <source>With rule %1 it is required and locked at the same time.</source>
        <translation>Avec la règle %1 c&apos;est à la fois obligatoire et verrouillé.</translation>
    </message>
    <message>
        <source>Rule %1 works out the same box, and comes first.</source>
        <translation>La règle %1 calcule le même champ, et vient d&apos;abord.</translation>
    </message>
    <message>
        <source>It is the same as rule %1.</source>
        <translation>Elle est la même que la règle %1.</translation>
    </message>
    <message>
        <source>It differs from rule %1 in one sign only. Is that meant?</source>
        <translation>Elle ne diffère de la règle %1 que d&apos;un signe. Est-ce voulu&#xa0;?</translation>
    </message>
    <message>
        <source>It goes in a circle: %1. None of them is worked out.</source>
        <translation>Elle tourne en rond&#xa0;: %1. Rien de cela n&apos;est calculé.</translation>
    </message>
    <message>
        <source>Column %1</source>
        <translation>Colonne %1</translation>
    </message>
    <message>
        <source>Number</source>
        <translation>Numéro</translation>
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
        <translation>rempli de lui-même</translation>
    </message>
    <message>
        <source>of the row that %1 points to; only shown</source>
        <translation>de la ligne à laquelle %1 renvoie&#xa0;; montré seulement</translation>
    </message>
    <message>
        <source>numbers itself</source>
        <translation>se numérote lui-même</translation>
    </message>
    <message>
        <source>chosen with %1</source>
        <translation>choisi avec %1</translation>
    </message>
    <message>
        <source>no pictures, nothing to show</source>
        <translation>pas d&apos;images, rien à montrer</translation>
    </message>
    <message>
        <source>worked out by the database</source>
        <translation>calculé par la base</translation>
    </message>
    <message>
        <source>kept as bytes, only shown</source>
        <translation>gardé en octets, montré seulement</translation>
    </message>
    <message>
        <source>The plan has no %1 “%2”; it takes %3.</source>
        <translation>Le plan n&apos;a pas de %1 «&#xa0;%2&#xa0;»&#xa0;; il prend %3.</translation>
    </message>
    <message>
        <source>“%1” has no column “%2”%3.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de colonne «&#xa0;%2&#xa0;»%3.</translation>
    </message>
    <message>
        <source> through “%1”</source>
        <translation> par «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>There is no kind of control “%1” for the column “%2”.</source>
        <translation>Il n&apos;y a pas de genre d&apos;élément «&#xa0;%1&#xa0;» pour la colonne «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>The width of “%1” is “%2”: it is a number of px, at least %3, and 0 leaves it to the draft.</source>
        <translation>La largeur de «&#xa0;%1&#xa0;» est «&#xa0;%2&#xa0;»&#xa0;: c&apos;est un nombre de px, au moins %3, et 0 la laisse à l&apos;ébauche.</translation>
    </message>
    <message>
        <source>No rows of “%1” belong to “%2” by a declared link; give the link&apos;s columns.</source>
        <translation>Aucune ligne de «&#xa0;%1&#xa0;» n&apos;appartient à «&#xa0;%2&#xa0;» par un lien déclaré&#xa0;; donnez les colonnes du lien.</translation>
    </message>
    <message>
        <source>choice</source>
        <translation>choix</translation>
    </message>
    <message>
        <source>Contact</source>
        <translation>Contact</translation>
    </message>
    <message>
        <source>Dates</source>
        <translation>Dates</translation>
    </message>
    <message>
        <source>Amounts</source>
        <translation>Montants</translation>
    </message>
    <message>
        <source>Belongs to</source>
        <translation>Appartient à</translation>
    </message>
    <message>
        <source>Yes or no</source>
        <translation>Oui ou non</translation>
    </message>
    <message>
        <source>Kept along</source>
        <translation>Tenu à jour</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Détails</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Plus</translation>
    </message>
    <message>
        <source>%1, further</source>
        <translation>%1, suite</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a heading and its number</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Further forms</source>
        <translation>Autres formulaires</translation>
    </message>
    <message>
        <source>Total</source>
        <translation>Total</translation>
    </message>
    <message>
        <source>The database has no table %1.</source>
        <translation>La base de données n&apos;a pas de table %1.</translation>
    </message>
    <message>
        <source>No link leads from “%1” to %2. Tick likely links first, link by hand, or make a form of each.</source>
        <translation>Aucun lien ne mène de «&#xa0;%1&#xa0;» à %2. Cochez d&apos;abord des liens vraisemblables, liez à la main, ou faites un formulaire de chacune.</translation>
    </message>
    <message>
        <source>The rows of “%1” do not each point to one of %2, so joined rows would come more than once or not at all. Put the rows inside one another instead.</source>
        <translation>Les lignes de «&#xa0;%1&#xa0;» ne renvoient pas chacune à une de %2&#xa0;; jointes, elles viendraient plus d&apos;une fois ou pas du tout. Mettez plutôt les lignes les unes dans les autres.</translation>
    </message>
    <message>
        <source>What is on the clipboard is not a set of controls: %1.</source>
        <translation>Le presse-papiers ne contient pas d&apos;éléments&#xa0;: %1.</translation>
    </message>
    <message>
        <source>A style needs a name.</source>
        <translation>Un style a besoin d&apos;un nom.</translation>
    </message>
    <message>
        <source>A style&apos;s name has no “$” in front, and no “.”, “{” or “}” in it.</source>
        <translation>Le nom d&apos;un style n&apos;a pas de «&#xa0;$&#xa0;» devant, ni de «&#xa0;.&#xa0;», «&#xa0;{&#xa0;» ou «&#xa0;}&#xa0;» dedans.</translation>
    </message>
    <message>
        <source>Button to “%1”</source>
        <translation>Bouton vers «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Go to…</source>
        <translation>Aller à…</translation>
    </message>
    <message>
        <source>There are no rules on the clipboard.</source>
        <translation>Il n&apos;y a pas de règles dans le presse-papiers.</translation>
    </message>
    <message>
        <source>no form was expected, since forms stand at most %1 deep in one another</source>
        <translation>aucun formulaire n&apos;était attendu, car les formulaires s&apos;emboîtent sur %1 niveaux au plus</translation>
    </message>
    <message>
        <source>a name was expected</source>
        <translation>un nom était attendu</translation>
    </message>
    <message>
        <source>one of the form&apos;s bands was expected</source>
        <translation>l&apos;une des bandes du formulaire était attendue</translation>
    </message>
    <message>
        <source>four whole numbers were expected: x, y, width, height</source>
        <translation>quatre nombres entiers étaient attendus&#xa0;: x, y, largeur, hauteur</translation>
    </message>
    <message>
        <source>an object was expected</source>
        <translation>un objet était attendu</translation>
    </message>
    <message>
        <source>a name of its own was expected, and “%1” is the name of %2 too</source>
        <translation>un nom à lui était attendu, et «&#xa0;%1&#xa0;» est aussi le nom de %2</translation>
    </message>
    <message>
        <source>the name of a control was expected, and none is called “%1”</source>
        <translation>le nom d&apos;un élément était attendu, et aucun ne s&apos;appelle «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>a group box or a page of tab pages in the same band was expected, and not inside itself</source>
        <translation>un cadre de groupe ou un onglet de la même bande était attendu, et pas dans lui-même</translation>
    </message>
    <message>
        <source>page header, header, body, footer and page footer were expected in that order, each once at most</source>
        <translation>en-tête de page, en-tête, corps, pied et pied de page étaient attendus dans cet ordre, chacun une fois au plus</translation>
    </message>
    <message>
        <source>a body band was expected</source>
        <translation>un corps était attendu</translation>
    </message>
    <message>
        <source>%1 is not a form that can be read: %2. Mend that place in a text editor or take an earlier copy.</source>
        <translation>%1 n&apos;est pas un formulaire lisible&#xa0;: %2. Réparez cet endroit dans un éditeur de texte ou prenez une copie antérieure.</translation>
    </message>
    <message>
        <source>at %1: %2</source>
        <translation>à %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1 was expected, but there is nothing</source>
        <translation>%1 était attendu, mais il n&apos;y a rien</translation>
    </message>
    <message>
        <source>%1 was expected</source>
        <translation>%1 était attendu</translation>
    </message>
    <message>
        <source>a text</source>
        <translation>un texte</translation>
    </message>
    <message>
        <source>a whole number from %1 to %2</source>
        <translation>un nombre entier de %1 à %2</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true ou false</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>un objet</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>une liste</translation>
    </message>
    <message>
        <source>one of %1</source>
        <translation>l&apos;un de %1</translation>
    </message>
    <message>
        <source>the JSON text breaks off in line %1</source>
        <translation>le texte JSON s&apos;interrompt à la ligne %1</translation>
    </message>
    <message>
        <source>at /: an object was expected</source>
        <translation>à /&#xa0;: un objet était attendu</translation>
    </message>
    <message>
        <source>%1 is too large to be part of a form: at most 2 MB. Make it smaller first.</source>
        <translation>%1 est trop grand pour faire partie d&apos;un formulaire&#xa0;: 2 Mo au plus. Réduisez-le d&apos;abord.</translation>
    </message>
    <message>
        <source>%1 is not a project that can be read: %2. Mend that place in a text editor or take an earlier copy.</source>
        <translation>%1 n&apos;est pas un projet lisible&#xa0;: %2. Réparez cet endroit dans un éditeur de texte ou prenez une copie antérieure.</translation>
    </message>
    <message>
        <source>the name of a rail was expected, and none is called “%1”</source>
        <translation>le nom d&apos;un rail était attendu, et aucun ne s&apos;appelle «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>a name of its own was expected, and “%1” is another rail&apos;s too</source>
        <translation>un nom à lui était attendu, et «&#xa0;%1&#xa0;» est aussi celui d&apos;un autre rail</translation>
    </message>
    <message>
        <source>a band, or a page of a control, was expected</source>
        <translation>une bande, ou une page d&apos;un élément, était attendue</translation>
    </message>
    <message>
        <source>a number was expected</source>
        <translation>un nombre était attendu</translation>
    </message>
    <message>
        <source>There is no file %1. It may have been moved or renamed.</source>
        <translation>Il n&apos;y a pas de fichier %1. Il a pu être déplacé ou renommé.</translation>
    </message>
    <message>
        <source>The file %1 cannot be read. Ask for the right to read it.</source>
        <translation>Le fichier %1 ne peut être lu. Demandez le droit de le lire.</translation>
    </message>
    <message>
        <source>The file %1 could be read only in part. Check the disk it is on.</source>
        <translation>Le fichier %1 n&apos;a pu être lu qu&apos;en partie. Vérifiez le disque où il est.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made. Choose another place to save in.</source>
        <translation>Le dossier %1 ne peut être créé. Choisissez un autre endroit où enregistrer.</translation>
    </message>
    <message>
        <source>%1 cannot be written. Nothing was changed on the disk; save under another name or in another folder.</source>
        <translation>%1 ne peut être écrit. Rien n&apos;a été changé sur le disque&#xa0;; enregistrez sous un autre nom ou dans un autre dossier.</translation>
    </message>
    <message>
        <source>%1 could not be written whole, perhaps because the disk is full. The file on the disk is as it was before; make room or save in another folder.</source>
        <translation>%1 n&apos;a pu être écrit en entier, peut-être parce que le disque est plein. Le fichier sur le disque est comme avant&#xa0;; faites de la place ou enregistrez dans un autre dossier.</translation>
    </message>
    <message>
        <source>is not %1</source>
        <translation>n&apos;est pas %1</translation>
    </message>
    <message>
        <source>is %1</source>
        <translation>est %1</translation>
    </message>
    <message>
        <source>is without “%1”</source>
        <translation>est sans «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>has “%1”</source>
        <translation>contient «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>is not like %1</source>
        <translation>n&apos;est pas comme %1</translation>
    </message>
    <message>
        <source>is like %1</source>
        <translation>est comme %1</translation>
    </message>
    <message>
        <source>is below %1</source>
        <translation>est au-dessous de %1</translation>
    </message>
    <message>
        <source>is before %1</source>
        <translation>est avant %1</translation>
    </message>
    <message>
        <source>is not below %1</source>
        <translation>n&apos;est pas au-dessous de %1</translation>
    </message>
    <message>
        <source>is at most %1</source>
        <translation>est au plus %1</translation>
    </message>
    <message>
        <source>is up to %1</source>
        <translation>est jusqu&apos;à %1</translation>
    </message>
    <message>
        <source>is not at most %1</source>
        <translation>n&apos;est pas au plus %1</translation>
    </message>
    <message>
        <source>is above %1</source>
        <translation>est au-dessus de %1</translation>
    </message>
    <message>
        <source>is after %1</source>
        <translation>est après %1</translation>
    </message>
    <message>
        <source>is not above %1</source>
        <translation>n&apos;est pas au-dessus de %1</translation>
    </message>
    <message>
        <source>is at least %1</source>
        <translation>est au moins %1</translation>
    </message>
    <message>
        <source>is from %1 on</source>
        <translation>est à partir de %1</translation>
    </message>
    <message>
        <source>is not at least %1</source>
        <translation>n&apos;est pas au moins %1</translation>
    </message>
    <message>
        <source>is not in %1</source>
        <translation>n&apos;est pas en %1</translation>
    </message>
    <message>
        <source>is in %1</source>
        <translation>est en %1</translation>
    </message>
    <message>
        <source>is not from %1 to %2</source>
        <translation>n&apos;est pas de %1 à %2</translation>
    </message>
    <message>
        <source>is from %1 to %2</source>
        <translation>est de %1 à %2</translation>
    </message>
    <message>
        <source>is filled in</source>
        <translation>est rempli</translation>
    </message>
    <message>
        <source>is blank</source>
        <translation>est vide</translation>
    </message>
    <message>
        <source> or </source>
        <translation> ou </translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a caption and what is asked of it</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source> and </source>
        <translation> et </translation>
    </message>
    <message>
        <source>“%1” is no date. Write a day, a month such as %2, a year, or two of them with “..” between.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une date. Écrivez un jour, un mois comme %2, une année, ou deux d&apos;entre eux avec «&#xa0;..&#xa0;» entre.</translation>
    </message>
    <message>
        <source>“%1” is no number. Write a number, or two of them with “..” between.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un nombre. Écrivez un nombre, ou deux avec «&#xa0;..&#xa0;» entre.</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>oui</translation>
    </message>
    <message>
        <source>true</source>
        <translation>vrai</translation>
    </message>
    <message>
        <source>no</source>
        <translation>non</translation>
    </message>
    <message>
        <source>false</source>
        <translation>faux</translation>
    </message>
    <message>
        <source>“%1” is neither yes nor no.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est ni oui ni non.</translation>
    </message>
    <message>
        <source>“%1” is no time. Write one such as 06:15.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une heure. Écrivez-en une comme 06:15.</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>vide</translation>
    </message>
    <message>
        <source>Behind “%1” a value is missing.</source>
        <translation>Après «&#xa0;%1&#xa0;» il manque une valeur.</translation>
    </message>
    <message>
        <source>not</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>Behind the last box</source>
        <translation>Après le dernier champ</translation>
    </message>
    <message>
        <source>Where Tab and Enter go on to behind the last box of a record.</source>
        <translation>Où vont Tab et Entrée après le dernier champ d&apos;une fiche.</translation>
    </message>
    <message>
        <source>Change where the last box goes on to</source>
        <translation>Changer où mène le dernier champ</translation>
    </message>
    <message>
        <source>the strip below</source>
        <translation>la barre au-dessous</translation>
    </message>
    <message>
        <source>the first box again</source>
        <translation>le premier champ encore</translation>
    </message>
    <message>
        <source>the next record</source>
        <translation>la fiche suivante</translation>
    </message>
    <message>
        <source>a new record</source>
        <translation>une nouvelle fiche</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Apparence</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Fond</translation>
    </message>
    <message>
        <source>Of all bands without one of their own. Words stay readable on it. Two colours with a stroke between them: light / dark.</source>
        <translation>De toutes les bandes sans un à elles. Les mots y restent lisibles. Deux couleurs séparées par une barre&#xa0;: clair / sombre.</translation>
    </message>
    <message>
        <source>Change a ground</source>
        <translation>Changer un fond</translation>
    </message>
    <message>
        <source>Every other row</source>
        <translation>Une ligne sur deux</translation>
    </message>
    <message>
        <source>The ground of every other row. Empty: as the look says.</source>
        <translation>Le fond d&apos;une ligne sur deux. Vide&#xa0;: comme dit l&apos;apparence.</translation>
    </message>
    <message>
        <source>Opens at</source>
        <translation>S&apos;ouvre à</translation>
    </message>
    <message>
        <source>The record that stands there when people open the form.</source>
        <translation>La fiche qui est là quand on ouvre le formulaire.</translation>
    </message>
    <message>
        <source>Change where the form opens</source>
        <translation>Changer où s&apos;ouvre le formulaire</translation>
    </message>
    <message>
        <source>first record</source>
        <translation>première fiche</translation>
    </message>
    <message>
        <source>last record</source>
        <translation>dernière fiche</translation>
    </message>
    <message>
        <source>new record</source>
        <translation>nouvelle fiche</translation>
    </message>
    <message>
        <source>On paper</source>
        <translation>Sur papier</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>The paper that the form is printed on, unless people choose another.</source>
        <translation>Le papier sur lequel le formulaire s&apos;imprime, sauf autre choix.</translation>
    </message>
    <message>
        <source>Change the paper</source>
        <translation>Changer le papier</translation>
    </message>
    <message>
        <source>Lies</source>
        <translation>Sens</translation>
    </message>
    <message>
        <source>Whether the short edge or the long edge of the paper is below.</source>
        <translation>Si le petit ou le grand bord du papier est en bas.</translation>
    </message>
    <message>
        <source>Turn the paper</source>
        <translation>Tourner le papier</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>debout</translation>
    </message>
    <message>
        <source>lying</source>
        <translation>couché</translation>
    </message>
    <message>
        <source>Whether boxes are printed, or only what stands in them.</source>
        <translation>Si les cadres s&apos;impriment, ou seulement ce qu&apos;ils contiennent.</translation>
    </message>
    <message>
        <source>Change how boxes are printed</source>
        <translation>Changer l&apos;impression des champs</translation>
    </message>
    <message>
        <source>with boxes</source>
        <translation>avec cadres</translation>
    </message>
    <message>
        <source>plain words</source>
        <translation>mots seuls</translation>
    </message>
    <message>
        <source>At the top</source>
        <translation>En haut</translation>
    </message>
    <message>
        <source>Words at the top of each page: {title}, {record}, {date}, {time}, {page} and {pages} are filled in; a | parts left, middle and right.</source>
        <translation>Mots en haut de chaque page&#xa0;: {title}, {record}, {date}, {time}, {page} et {pages} sont remplis&#xa0;; un | sépare gauche, milieu et droite.</translation>
    </message>
    <message>
        <source>Change the words at the top of pages</source>
        <translation>Changer les mots en haut des pages</translation>
    </message>
    <message>
        <source>At the foot</source>
        <translation>Au pied</translation>
    </message>
    <message>
        <source>Words at the foot of each page: {title}, {record}, {date}, {time}, {page} and {pages} are filled in; a | parts left, middle and right.</source>
        <translation>Mots au pied de chaque page&#xa0;: {title}, {record}, {date}, {time}, {page} et {pages} sont remplis&#xa0;; un | sépare gauche, milieu et droite.</translation>
    </message>
    <message>
        <source>Change the words at the foot of pages</source>
        <translation>Changer les mots au pied des pages</translation>
    </message>
    <message>
        <source>Sorted by</source>
        <translation>Trié par</translation>
    </message>
    <message>
        <source>Columns: name, laid_on descending. Empty: by the key.</source>
        <translation>Colonnes&#xa0;: name, laid_on descending. Vide&#xa0;: par la clé.</translation>
    </message>
    <message>
        <source>Change the order of the rows</source>
        <translation>Changer l&apos;ordre des lignes</translation>
    </message>
    <message>
        <source>Window</source>
        <translation>Fenêtre</translation>
    </message>
    <message>
        <source>Record name</source>
        <translation>Nom de la fiche</translation>
    </message>
    <message>
        <source>The title of the window says which record stands there.</source>
        <translation>Le titre de la fenêtre dit quelle fiche est là.</translation>
    </message>
    <message>
        <source>Change the window&apos;s title</source>
        <translation>Changer le titre de la fenêtre</translation>
    </message>
    <message>
        <source>This formula cannot be worked out: %1.</source>
        <translation>Cette formule ne peut être calculée&#xa0;: %1.</translation>
    </message>
    <message>
        <source>A formula reads the columns of its own row and nothing else</source>
        <translation>Une formule lit les colonnes de sa propre ligne et rien d&apos;autre</translation>
    </message>
    <message>
        <source>There is more than one expression</source>
        <translation>Il y a plus d&apos;une expression</translation>
    </message>
    <message>
        <source>Nothing is written yet</source>
        <translation>Rien n&apos;est encore écrit</translation>
    </message>
    <message>
        <source>It asks for a value that nobody gives</source>
        <translation>Elle demande une valeur que personne ne donne</translation>
    </message>
    <message>
        <source>it takes too long</source>
        <translation>c&apos;est trop long</translation>
    </message>
    <message>
        <source>needed</source>
        <comment>in an empty box that must be filled in</comment>
        <translation>à remplir</translation>
    </message>
    <message>
        <source>Caption</source>
        <translation>Libellé</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Date</translation>
    </message>
    <message>
        <source>Date and time</source>
        <translation>Date et heure</translation>
    </message>
    <message>
        <source>Decimal number</source>
        <translation>Nombre décimal</translation>
    </message>
    <message>
        <source>“%1” is not in the list, or is there more than once; choose one from it</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas dans la liste, ou y est plus d&apos;une fois&#xa0;; choisissez-en un</translation>
    </message>
    <message>
        <source>Drop-down</source>
        <translation>Liste déroulante</translation>
    </message>
    <message>
        <source>Formula</source>
        <translation>Formule</translation>
    </message>
    <message>
        <source>Works out</source>
        <translation>Calcule</translation>
    </message>
    <message>
        <source>An SQL expression over the row&apos;s columns, such as price * (1 + tax).</source>
        <translation>Une expression SQL sur les colonnes de la ligne, comme price * (1 + tax).</translation>
    </message>
    <message>
        <source>Change a formula</source>
        <translation>Changer une formule</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Cadre</translation>
    </message>
    <message>
        <source>Jump list</source>
        <translation>Liste de saut</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Ligne</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Lien</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Long text</source>
        <translation>Texte long</translation>
    </message>
    <message>
        <source>Option set</source>
        <translation>Options</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Image</translation>
    </message>
    <message>
        <source>Words of the row</source>
        <translation>Mots de la ligne</translation>
    </message>
    <message>
        <source>Switch</source>
        <translation>Interrupteur</translation>
    </message>
    <message>
        <source>Text box</source>
        <translation>Champ de texte</translation>
    </message>
    <message>
        <source>Tick box</source>
        <translation>Case à cocher</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Heure</translation>
    </message>
    <message>
        <source>Whole number</source>
        <translation>Nombre entier</translation>
    </message>
    <message>
        <source>Scrolling area</source>
        <translation>Zone à défilement</translation>
    </message>
    <message>
        <source>Group box</source>
        <translation>Cadre de groupe</translation>
    </message>
    <message>
        <source>Panes</source>
        <translation>Volets</translation>
    </message>
    <message>
        <source>Rows of: choose a table among the settings</source>
        <translation>Lignes de&#xa0;: choisissez une table dans les réglages</translation>
    </message>
    <message>
        <source>Subform</source>
        <translation>Sous-formulaire</translation>
    </message>
    <message>
        <source>Tab pages</source>
        <translation>Onglets</translation>
    </message>
    <message>
        <source>Unknown kind</source>
        <translation>Genre inconnu</translation>
    </message>
    <message>
        <source>This version cannot change this control</source>
        <translation>Cette version ne peut pas changer cet élément</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucune</translation>
    </message>
    <message>
        <source>of what it does</source>
        <translation>de ce qu&apos;il fait</translation>
    </message>
    <message>
        <source>Drawing</source>
        <translation>Dessin</translation>
    </message>
    <message>
        <source>A line drawing on the button.</source>
        <translation>Un dessin au trait sur le bouton.</translation>
    </message>
    <message>
        <source>Change a button&apos;s picture</source>
        <translation>Changer l&apos;image d&apos;un bouton</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Se place</translation>
    </message>
    <message>
        <source>Alone, the words are for screen readers and for where the mouse rests.</source>
        <translation>Seul, les mots sont pour les lecteurs d&apos;écran et là où s&apos;arrête la souris.</translation>
    </message>
    <message>
        <source>before the words</source>
        <translation>devant les mots</translation>
    </message>
    <message>
        <source>above the words</source>
        <translation>au-dessus des mots</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>seule</translation>
    </message>
    <message>
        <source>“%1” holds one value. Several are stored in a column of text.</source>
        <translation>«&#xa0;%1&#xa0;» contient une valeur. Plusieurs s&apos;enregistrent dans une colonne de texte.</translation>
    </message>
    <message>
        <source>“%1” holds a comma, with which several choices are kept apart. Write it without.</source>
        <translation>«&#xa0;%1&#xa0;» contient une virgule, qui sépare plusieurs choix. Écrivez-le sans.</translation>
    </message>
    <message>
        <source>Behaviour</source>
        <translation>Comportement</translation>
    </message>
    <message>
        <source>Choices</source>
        <translation>Choix</translation>
    </message>
    <message>
        <source>One a line. Where another value is stored than the words shown: S = Starboard.</source>
        <translation>Un par ligne. Là où une autre valeur est enregistrée que les mots montrés&#xa0;: S = Tribord.</translation>
    </message>
    <message>
        <source>Change the choices</source>
        <translation>Changer les choix</translation>
    </message>
    <message>
        <source>Takes others</source>
        <translation>Prend d&apos;autres</translation>
    </message>
    <message>
        <source>People may type words that are no choice; they are stored as they are typed.</source>
        <translation>On peut taper des mots qui ne sont pas des choix&#xa0;; ils sont enregistrés tels quels.</translation>
    </message>
    <message>
        <source>Several</source>
        <translation>Plusieurs</translation>
    </message>
    <message>
        <source>People may choose several; they are stored in one text, with commas between them.</source>
        <translation>On peut en choisir plusieurs&#xa0;; ils sont enregistrés dans un texte, séparés par des virgules.</translation>
    </message>
    <message>
        <source>Take one or several</source>
        <translation>Prendre un ou plusieurs</translation>
    </message>
    <message>
        <source>Line %1: “%2” comes twice. Each stored value needs a line of its own.</source>
        <translation>Ligne %1&#xa0;: «&#xa0;%2&#xa0;» vient deux fois. Chaque valeur enregistrée a besoin de sa ligne.</translation>
    </message>
    <message>
        <source>Line %1: the column stores numbers. Write the number before the words, as in “1 = %2”.</source>
        <translation>Ligne %1&#xa0;: la colonne enregistre des nombres. Écrivez le nombre avant les mots, comme dans «&#xa0;1 = %2&#xa0;».</translation>
    </message>
    <message>
        <source>Display</source>
        <translation>Affichage</translation>
    </message>
    <message>
        <source>Dates as</source>
        <translation>Dates en</translation>
    </message>
    <message>
        <source>How the date is written; it may be typed in any way.</source>
        <translation>Comment la date est écrite&#xa0;; on peut la taper de toute façon.</translation>
    </message>
    <message>
        <source>Change how dates are written</source>
        <translation>Changer l&apos;écriture des dates</translation>
    </message>
    <message>
        <source>%1 kB, in the form</source>
        <translation>%1 ko, dans le formulaire</translation>
    </message>
    <message>
        <source>%1, which is not there</source>
        <translation>%1, qui n&apos;est pas là</translation>
    </message>
    <message>
        <source>%1 kB, in %2</source>
        <translation>%1 ko, dans %2</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Groupe</translation>
    </message>
    <message>
        <source>Without a frame it only holds together what is in it.</source>
        <translation>Sans cadre, il ne fait que tenir ensemble ce qu&apos;il contient.</translation>
    </message>
    <message>
        <source>Change a frame</source>
        <translation>Changer un cadre</translation>
    </message>
    <message>
        <source>High at work</source>
        <translation>Haut au travail</translation>
    </message>
    <message>
        <source>How many px of it are in sight at work; the rest scrolls. Empty: all of it.</source>
        <translation>Combien de px on en voit au travail&#xa0;; le reste défile. Vide&#xa0;: tout.</translation>
    </message>
    <message>
        <source>Change how high it is at work</source>
        <translation>Changer sa hauteur au travail</translation>
    </message>
    <message>
        <source>Message</source>
        <translation>Message</translation>
    </message>
    <message>
        <source>Change what a button sends</source>
        <translation>Changer ce qu&apos;un bouton envoie</translation>
    </message>
    <message>
        <source>To</source>
        <translation>À</translation>
    </message>
    <message>
        <source>Addresses with commas between them; names of columns in braces are filled in: {email}.</source>
        <translation>Adresses séparées par des virgules&#xa0;; les noms de colonnes entre accolades sont remplis&#xa0;: {email}.</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>Objet</translation>
    </message>
    <message>
        <source>With names of columns in braces: Visit to {asset_no}. {record} is the record in words.</source>
        <translation>Avec des noms de colonnes entre accolades&#xa0;: Visite à {asset_no}. {record} est la fiche en mots.</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>The message, with names of columns in braces.</source>
        <translation>Le message, avec des noms de colonnes entre accolades.</translation>
    </message>
    <message>
        <source>Attached</source>
        <translation>Joint</translation>
    </message>
    <message>
        <source>The record as a file that goes along.</source>
        <translation>La fiche dans un fichier qui accompagne le message.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message>
        <source>the record as PDF</source>
        <translation>la fiche en PDF</translation>
    </message>
    <message>
        <source>the record as CSV</source>
        <translation>la fiche en CSV</translation>
    </message>
    <message>
        <source>the record as JSON</source>
        <translation>la fiche en JSON</translation>
    </message>
    <message>
        <source>As is usual</source>
        <translation>Comme d&apos;habitude</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Gauche</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Droite</translation>
    </message>
    <message>
        <source>A mark is short, such as kg or €: at most %1 letters.</source>
        <translation>Une marque est courte, comme kg ou €&#xa0;: %1 lettres au plus.</translation>
    </message>
    <message>
        <source>Alignment</source>
        <translation>Alignement</translation>
    </message>
    <message>
        <source>Where the value stands in its box.</source>
        <translation>Où la valeur se place dans son champ.</translation>
    </message>
    <message>
        <source>Before it</source>
        <translation>Avant</translation>
    </message>
    <message>
        <source>A unit or currency before the value, such as €.</source>
        <translation>Une unité ou une monnaie avant la valeur, comme €.</translation>
    </message>
    <message>
        <source>Change a mark</source>
        <translation>Changer une marque</translation>
    </message>
    <message>
        <source>After it</source>
        <translation>Après</translation>
    </message>
    <message>
        <source>A unit or currency behind the value, such as kg.</source>
        <translation>Une unité ou une monnaie après la valeur, comme kg.</translation>
    </message>
    <message>
        <source>A number was expected, or nothing for no limit.</source>
        <translation>Un nombre était attendu, ou rien pour aucune limite.</translation>
    </message>
    <message>
        <source>The least number would be greater than the greatest of “%1”, so that none could be typed.</source>
        <translation>Le minimum dépasserait le maximum de «&#xa0;%1&#xa0;», si bien qu&apos;aucun nombre ne pourrait être tapé.</translation>
    </message>
    <message>
        <source>Decimals</source>
        <translation>Décimales</translation>
    </message>
    <message>
        <source>How many places stand behind the point. Empty: as many as are stored.</source>
        <translation>Combien de chiffres après la virgule. Vide&#xa0;: autant qu&apos;il en est enregistré.</translation>
    </message>
    <message>
        <source>Change the decimals</source>
        <translation>Changer les décimales</translation>
    </message>
    <message>
        <source>Least</source>
        <translation>Le plus petit</translation>
    </message>
    <message>
        <source>No smaller number may be typed. Empty: no limit.</source>
        <translation>Aucun nombre plus petit ne peut être tapé. Vide&#xa0;: aucune limite.</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>Changer une limite</translation>
    </message>
    <message>
        <source>Greatest</source>
        <translation>Le plus grand</translation>
    </message>
    <message>
        <source>No greater number may be typed. Empty: no limit.</source>
        <translation>Aucun nombre plus grand ne peut être tapé. Vide&#xa0;: aucune limite.</translation>
    </message>
    <message>
        <source>Thousands</source>
        <translation>Milliers</translation>
    </message>
    <message>
        <source>Parts the thousands by the sign of the language.</source>
        <translation>Sépare les milliers par le signe de la langue.</translation>
    </message>
    <message>
        <source>Change how numbers are written</source>
        <translation>Changer l&apos;écriture des nombres</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Flèches</translation>
    </message>
    <message>
        <source>Arrows at the right end that count up and down; the keys Up and Down do so without them.</source>
        <translation>Des flèches au bout droit qui comptent et décomptent&#xa0;; les touches Haut et Bas le font sans elles.</translation>
    </message>
    <message>
        <source>Show or hide arrows</source>
        <translation>Montrer ou cacher les flèches</translation>
    </message>
    <message>
        <source>A whole number from %1 to %2 was expected, or nothing.</source>
        <translation>Un nombre entier de %1 à %2 était attendu, ou rien.</translation>
    </message>
    <message>
        <source>the sum</source>
        <translation>la somme</translation>
    </message>
    <message>
        <source>the average</source>
        <translation>la moyenne</translation>
    </message>
    <message>
        <source>the least</source>
        <translation>le minimum</translation>
    </message>
    <message>
        <source>the greatest</source>
        <translation>le maximum</translation>
    </message>
    <message>
        <source>how many rows</source>
        <translation>combien de lignes</translation>
    </message>
    <message>
        <source>all rows</source>
        <translation>toutes les lignes</translation>
    </message>
    <message>
        <source>Over all rows of the form.</source>
        <translation>Sur toutes les lignes du formulaire.</translation>
    </message>
    <message>
        <source>Change a total</source>
        <translation>Changer un total</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>De</translation>
    </message>
    <message>
        <source>The column that it is worked out of.</source>
        <translation>La colonne dont il est calculé.</translation>
    </message>
    <message>
        <source>Prompt</source>
        <translation>Invite</translation>
    </message>
    <message>
        <source>Faint words in the empty box, such as an example.</source>
        <translation>Des mots pâles dans le champ vide, comme un exemple.</translation>
    </message>
    <message>
        <source>Change a prompt</source>
        <translation>Changer une invite</translation>
    </message>
    <message>
        <source>Only shown</source>
        <translation>Montré seulement</translation>
    </message>
    <message>
        <source>People see the value and cannot change it.</source>
        <translation>La valeur se voit et ne peut être changée.</translation>
    </message>
    <message>
        <source>Lock or unlock a control</source>
        <translation>Verrouiller ou libérer un élément</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Au plus</translation>
    </message>
    <message>
        <source>How many letters may be typed. Empty: any number.</source>
        <translation>Combien de lettres on peut taper. Vide&#xa0;: sans limite.</translation>
    </message>
    <message>
        <source>Change the most letters</source>
        <translation>Changer le maximum de lettres</translation>
    </message>
    <message>
        <source>At most %1 characters fit here; these are %2</source>
        <translation>Au plus %1 caractères tiennent ici&#xa0;; il y en a %2</translation>
    </message>
    <message>
        <source>left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>au centre</translation>
    </message>
    <message>
        <source>right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>Texts</source>
        <translation>Textes</translation>
    </message>
    <message>
        <source>Where texts stand in their boxes.</source>
        <translation>Où les textes se placent dans leurs champs.</translation>
    </message>
    <message>
        <source>Numbers</source>
        <translation>Nombres</translation>
    </message>
    <message>
        <source>Where numbers stand in their boxes.</source>
        <translation>Où les nombres se placent dans leurs champs.</translation>
    </message>
    <message>
        <source>Captions beside boxes</source>
        <translation>Libellés à côté des champs</translation>
    </message>
    <message>
        <source>Where their words stand in the column of captions.</source>
        <translation>Où leurs mots se placent dans la colonne des libellés.</translation>
    </message>
    <message>
        <source>Corners of boxes</source>
        <translation>Coins des champs</translation>
    </message>
    <message>
        <source>How round they are, px; 0 is square.</source>
        <translation>Leur rondeur, px&#xa0;; 0 est carré.</translation>
    </message>
    <message>
        <source>Corners of buttons</source>
        <translation>Coins des boutons</translation>
    </message>
    <message>
        <source>Corners of groups</source>
        <translation>Coins des groupes</translation>
    </message>
    <message>
        <source>How round the frames of group boxes are, px; 0 is square.</source>
        <translation>La rondeur des cadres de groupe, px&#xa0;; 0 est carré.</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>plat</translation>
    </message>
    <message>
        <source>inset</source>
        <translation>creusé</translation>
    </message>
    <message>
        <source>raised</source>
        <translation>en relief</translation>
    </message>
    <message>
        <source>with a shadow</source>
        <translation>avec une ombre</translation>
    </message>
    <message>
        <source>Edges of boxes</source>
        <translation>Bords des champs</translation>
    </message>
    <message>
        <source>Flat, sunk into the form, or above it.</source>
        <translation>Plats, enfoncés dans le formulaire, ou au-dessus.</translation>
    </message>
    <message>
        <source>Edges of buttons</source>
        <translation>Bords des boutons</translation>
    </message>
    <message>
        <source>Edges of groups</source>
        <translation>Bords des groupes</translation>
    </message>
    <message>
        <source>Lines of boxes</source>
        <translation>Lignes des champs</translation>
    </message>
    <message>
        <source>How heavy the line around a box is, px; 0 is none.</source>
        <translation>L&apos;épaisseur de la ligne autour d&apos;un champ, px&#xa0;; 0 est aucune.</translation>
    </message>
    <message>
        <source>Lines of buttons</source>
        <translation>Lignes des boutons</translation>
    </message>
    <message>
        <source>How heavy the line around a button is, px; 0 is none.</source>
        <translation>L&apos;épaisseur de la ligne autour d&apos;un bouton, px&#xa0;; 0 est aucune.</translation>
    </message>
    <message>
        <source>Lines of groups</source>
        <translation>Lignes des groupes</translation>
    </message>
    <message>
        <source>How heavy the frame of a group box is, px; 0 is none.</source>
        <translation>L&apos;épaisseur du cadre d&apos;un groupe, px&#xa0;; 0 est aucun.</translation>
    </message>
    <message>
        <source>Inside boxes</source>
        <translation>Dans les champs</translation>
    </message>
    <message>
        <source>What is left free in boxes and buttons left and right of the words, px.</source>
        <translation>Ce qui reste libre à gauche et à droite des mots dans les champs et les boutons, px.</translation>
    </message>
    <message>
        <source>Between rows</source>
        <translation>Entre les lignes</translation>
    </message>
    <message>
        <source>How much further apart than usual the rows of a new tabular form stand, px.</source>
        <translation>De combien les lignes d&apos;un nouveau formulaire en tableau s&apos;écartent de plus, px.</translation>
    </message>
    <message>
        <source>Every other row of a tabular form has a ground of its own.</source>
        <translation>Une ligne sur deux d&apos;un formulaire en tableau a un fond à elle.</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>every other one tinted</source>
        <translation>une sur deux teintée</translation>
    </message>
    <message>
        <source>“%1” is no colour. Write one as #0b7a70, teal, rgb(11 122 112), hsl(174 83% 26%) or oklch(52% 0.09 187).</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une couleur. Écrivez-en une comme #0b7a70, teal, rgb(11 122 112), hsl(174 83% 26%) ou oklch(52% 0.09 187).</translation>
    </message>
    <message>
        <source>“%1” can be seen through. Colours of forms are whole: leave its last part away.</source>
        <translation>«&#xa0;%1&#xa0;» est transparente. Les couleurs des formulaires sont pleines&#xa0;: ôtez sa dernière partie.</translation>
    </message>
    <message>
        <source>%1 could not be removed. Look whether you may write there.</source>
        <translation>%1 n&apos;a pu être retiré. Voyez si vous avez le droit d&apos;y écrire.</translation>
    </message>
    <message>
        <source>The look&apos;s token %1: %2</source>
        <translation>La valeur %1 de l&apos;apparence&#xa0;: %2</translation>
    </message>
    <message>
        <source>a typography was expected, with fontFamily, fontSize and fontWeight</source>
        <translation>une typographie était attendue, avec fontFamily, fontSize et fontWeight</translation>
    </message>
    <message>
        <source>a size from 0.5 to 4 rem was expected</source>
        <translation>une taille de 0.5 à 4 rem était attendue</translation>
    </message>
    <message>
        <source>a weight from 1 to 1000 was expected</source>
        <translation>une graisse de 1 à 1000 était attendue</translation>
    </message>
    <message>
        <source>one of %1 was expected</source>
        <translation>l&apos;un de %1 était attendu</translation>
    </message>
    <message>
        <source>a length from %1 to %2 px was expected</source>
        <translation>une longueur de %1 à %2 px était attendue</translation>
    </message>
    <message>
        <source>The style “%1”, %2: %3</source>
        <translation>Le style «&#xa0;%1&#xa0;», %2&#xa0;: %3</translation>
    </message>
    <message>
        <source>a length was expected, such as { &quot;value&quot;: 3, &quot;unit&quot;: &quot;px&quot; }</source>
        <translation>une longueur était attendue, comme { &quot;value&quot;: 3, &quot;unit&quot;: &quot;px&quot; }</translation>
    </message>
    <message>
        <source>Body</source>
        <translation>Corps</translation>
    </message>
    <message>
        <source>Grounds</source>
        <translation>Fonds</translation>
    </message>
    <message>
        <source>Header and footer</source>
        <translation>En-tête et pied</translation>
    </message>
    <message>
        <source>Line between bands</source>
        <translation>Ligne entre les bandes</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>Bords</translation>
    </message>
    <message>
        <source>Line around boxes</source>
        <translation>Ligne autour des champs</translation>
    </message>
    <message>
        <source>Boxes that are locked</source>
        <translation>Champs verrouillés</translation>
    </message>
    <message>
        <source>Words in boxes</source>
        <translation>Mots dans les champs</translation>
    </message>
    <message>
        <source>Titles</source>
        <translation>Titres</translation>
    </message>
    <message>
        <source>Prompts and notes</source>
        <translation>Invites et notes</translation>
    </message>
    <message>
        <source>Main colour</source>
        <translation>Couleur principale</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Marques</translation>
    </message>
    <message>
        <source>Words on the main colour</source>
        <translation>Mots sur la couleur principale</translation>
    </message>
    <message>
        <source>Links</source>
        <translation>Liens</translation>
    </message>
    <message>
        <source>Alarm and refused</source>
        <translation>Alarme et refus</translation>
    </message>
    <message>
        <source>Boxes with an alarm</source>
        <translation>Champs en alarme</translation>
    </message>
    <message>
        <source>What is chosen, stronger bands</source>
        <translation>Ce qui est choisi, bandes plus fortes</translation>
    </message>
    <message>
        <source>To be watched</source>
        <translation>À surveiller</translation>
    </message>
    <message>
        <source>Boxes to be watched</source>
        <translation>Champs à surveiller</translation>
    </message>
    <message>
        <source>As it should be</source>
        <translation>Comme il faut</translation>
    </message>
    <message>
        <source>Headings of groups</source>
        <translation>Titres des groupes</translation>
    </message>
    <message>
        <source>Buttons</source>
        <translation>Boutons</translation>
    </message>
    <message>
        <source>Line around buttons</source>
        <translation>Ligne autour des boutons</translation>
    </message>
    <message>
        <source>Words on buttons</source>
        <translation>Mots sur les boutons</translation>
    </message>
    <message>
        <source>Groups with a ground</source>
        <translation>Groupes avec fond</translation>
    </message>
    <message>
        <source>Frame of groups</source>
        <translation>Cadre des groupes</translation>
    </message>
    <message>
        <source>Shadows</source>
        <translation>Ombres</translation>
    </message>
    <message>
        <source>Words in marked boxes</source>
        <translation>Mots dans les champs marqués</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titre</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Champ</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Note</translation>
    </message>
    <message>
        <source>Heading</source>
        <translation>Titre</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Coin</translation>
    </message>
    <message>
        <source>How round its corners are, px; 0 is square.</source>
        <translation>La rondeur de ses coins, px&#xa0;; 0 est carré.</translation>
    </message>
    <message>
        <source>Change a corner</source>
        <translation>Changer un coin</translation>
    </message>
    <message>
        <source>as the look says</source>
        <translation>comme dit l&apos;apparence</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Bord</translation>
    </message>
    <message>
        <source>Change an edge</source>
        <translation>Changer un bord</translation>
    </message>
    <message>
        <source>Typeface</source>
        <translation>Police</translation>
    </message>
    <message>
        <source>The family of its letters. Empty: as the look says.</source>
        <translation>La famille de ses lettres. Vide&#xa0;: comme dit l&apos;apparence.</translation>
    </message>
    <message>
        <source>Change a typeface</source>
        <translation>Changer une police</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Remplissage</translation>
    </message>
    <message>
        <source>The ground. Its words stay readable on it. Two colours with a stroke between them: light / dark.</source>
        <translation>Le fond. Ses mots y restent lisibles. Deux couleurs séparées par une barre&#xa0;: clair / sombre.</translation>
    </message>
    <message>
        <source>Change a fill</source>
        <translation>Changer un remplissage</translation>
    </message>
    <message>
        <source>Line weight</source>
        <translation>Épaisseur</translation>
    </message>
    <message>
        <source>How heavy the line around it is, px; 0 is none.</source>
        <translation>L&apos;épaisseur de la ligne autour, px&#xa0;; 0 est aucune.</translation>
    </message>
    <message>
        <source>Change a line weight</source>
        <translation>Changer une épaisseur</translation>
    </message>
    <message>
        <source>The colour of the line around it.</source>
        <translation>La couleur de la ligne autour.</translation>
    </message>
    <message>
        <source>Change an outline</source>
        <translation>Changer un contour</translation>
    </message>
    <message>
        <source>Padding</source>
        <translation>Marge interne</translation>
    </message>
    <message>
        <source>What is left free left and right of the words inside it, px.</source>
        <translation>Ce qui reste libre à gauche et à droite des mots, px.</translation>
    </message>
    <message>
        <source>Change a padding</source>
        <translation>Changer une marge interne</translation>
    </message>
    <message>
        <source>Slant</source>
        <translation>Italique</translation>
    </message>
    <message>
        <source>Letters that lean.</source>
        <translation>Des lettres penchées.</translation>
    </message>
    <message>
        <source>Change a slant</source>
        <translation>Changer l&apos;italique</translation>
    </message>
    <message>
        <source>Style</source>
        <translation>Style</translation>
    </message>
    <message>
        <source>A look kept under a name, which all that have it follow.</source>
        <translation>Une apparence gardée sous un nom, que suivent tous ceux qui l&apos;ont.</translation>
    </message>
    <message>
        <source>Change a style</source>
        <translation>Changer un style</translation>
    </message>
    <message>
        <source>The colour of its words. Two with a stroke between them: light / dark.</source>
        <translation>La couleur de ses mots. Deux séparées par une barre&#xa0;: clair / sombre.</translation>
    </message>
    <message>
        <source>Change a text colour</source>
        <translation>Changer une couleur de texte</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Taille</translation>
    </message>
    <message>
        <source>In percent of the text of the desktop: 100 is as large, 150 half as large again.</source>
        <translation>En pour cent du texte du bureau&#xa0;: 100 est aussi grand, 150 moitié plus.</translation>
    </message>
    <message>
        <source>Change a text size</source>
        <translation>Changer une taille de texte</translation>
    </message>
    <message>
        <source>light</source>
        <translation>maigre</translation>
    </message>
    <message>
        <source>half bold</source>
        <translation>demi-gras</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>gras</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>extra-gras</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Graisse</translation>
    </message>
    <message>
        <source>How bold its words are.</source>
        <translation>À quel point ses mots sont gras.</translation>
    </message>
    <message>
        <source>Change a text weight</source>
        <translation>Changer une graisse de texte</translation>
    </message>
    <message>
        <source>Underline</source>
        <translation>Souligné</translation>
    </message>
    <message>
        <source>A line under its words.</source>
        <translation>Une ligne sous ses mots.</translation>
    </message>
    <message>
        <source>Change an underline</source>
        <translation>Changer un soulignement</translation>
    </message>
    <message>
        <source>%1, %2, %3 × %4 px</source>
        <translation>%1, %2, %3 × %4 px</translation>
    </message>
    <message>
        <source>%1: %2 was %3 and is %4.</source>
        <translation>%1&#xa0;: %2 était %3 et est %4.</translation>
    </message>
    <message>
        <source>moved by %1, %2 px</source>
        <translation>déplacé de %1, %2 px</translation>
    </message>
    <message>
        <source>%1 px wider</source>
        <translation>plus large de %1 px</translation>
    </message>
    <message>
        <source>%1 px narrower</source>
        <translation>plus étroit de %1 px</translation>
    </message>
    <message>
        <source>%1 px higher</source>
        <translation>plus haut de %1 px</translation>
    </message>
    <message>
        <source>%1 px lower</source>
        <translation>plus bas de %1 px</translation>
    </message>
    <message>
        <source>%1 %2 is %3.</source>
        <translation>%1 %2&#xa0;: %3.</translation>
    </message>
    <message>
        <source>%1 was a %2 and is a %3.</source>
        <translation>%1 était de genre %2 et est de genre %3.</translation>
    </message>
    <message>
        <source>%1 was bound to %2 and is bound to %3.</source>
        <translation>%1 était lié à %2 et est lié à %3.</translation>
    </message>
    <message>
        <source>The words “%1” are “%2” now.</source>
        <translation>Les mots «&#xa0;%1&#xa0;» sont maintenant «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>%1 had the role %2 and has %3.</source>
        <translation>%1 avait le rôle %2 et a %3.</translation>
    </message>
    <message>
        <source>%1 stands elsewhere, in no group.</source>
        <translation>%1 est ailleurs, dans aucun groupe.</translation>
    </message>
    <message>
        <source>%1 stands in “%2” now.</source>
        <translation>%1 est maintenant dans «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>In %1: %2</source>
        <translation>Dans %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1 has a form inside now.</source>
        <translation>%1 a maintenant un formulaire à l&apos;intérieur.</translation>
    </message>
    <message>
        <source>%1 has no form inside any more.</source>
        <translation>%1 n&apos;a plus de formulaire à l&apos;intérieur.</translation>
    </message>
    <message>
        <source> (switched off)</source>
        <translation> (désactivée)</translation>
    </message>
    <message>
        <source>page header</source>
        <translation>en-tête de page</translation>
    </message>
    <message>
        <source>header</source>
        <translation>en-tête</translation>
    </message>
    <message>
        <source>body</source>
        <translation>corps</translation>
    </message>
    <message>
        <source>footer</source>
        <translation>pied</translation>
    </message>
    <message>
        <source>page footer</source>
        <translation>pied de page</translation>
    </message>
    <message>
        <source>The form’s %1 was %2 and is %3.</source>
        <translation>Du formulaire, %1 était %2 et est %3.</translation>
    </message>
    <message>
        <source>title</source>
        <translation>titre</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>lignes</translation>
    </message>
    <message>
        <source>SELECT</source>
        <translation>SELECT</translation>
    </message>
    <message>
        <source>look</source>
        <translation>apparence</translation>
    </message>
    <message>
        <source>width</source>
        <translation>largeur</translation>
    </message>
    <message>
        <source>number of rows shown</source>
        <translation>nombre de lignes montrées</translation>
    </message>
    <message>
        <source>grid</source>
        <translation>grille</translation>
    </message>
    <message>
        <source>least width</source>
        <translation>largeur minimale</translation>
    </message>
    <message>
        <source>least height</source>
        <translation>hauteur minimale</translation>
    </message>
    <message>
        <source>tab order</source>
        <translation>ordre de Tab</translation>
    </message>
    <message>
        <source>adding of records</source>
        <translation>ajout de fiches</translation>
    </message>
    <message>
        <source>changing of records</source>
        <translation>changement de fiches</translation>
    </message>
    <message>
        <source>deleting of records</source>
        <translation>suppression de fiches</translation>
    </message>
    <message>
        <source>sight of stored records</source>
        <translation>vue des fiches enregistrées</translation>
    </message>
    <message>
        <source>The form</source>
        <translation>Le formulaire</translation>
    </message>
    <message>
        <source>There is a %1 now.</source>
        <translation>Il y a maintenant&#xa0;: %1.</translation>
    </message>
    <message>
        <source>There is no %1 any more.</source>
        <translation>Il n&apos;y a plus&#xa0;: %1.</translation>
    </message>
    <message>
        <source>The %1 was %2 px high and is %3.</source>
        <translation>Hauteur de %1&#xa0;: était %2 px et est %3.</translation>
    </message>
    <message>
        <source>The rail “%1” is gone.</source>
        <translation>Le rail «&#xa0;%1&#xa0;» a disparu.</translation>
    </message>
    <message>
        <source>There is a rail “%1” at %2 px.</source>
        <translation>Il y a un rail «&#xa0;%1&#xa0;» à %2 px.</translation>
    </message>
    <message>
        <source>The rail “%1” stood at %2 px and stands at %3.</source>
        <translation>Le rail «&#xa0;%1&#xa0;» était à %2 px et est à %3.</translation>
    </message>
    <message>
        <source>The %1 %2 is new, at %3.</source>
        <translation>Nouveau&#xa0;: %1 %2, à %3.</translation>
    </message>
    <message>
        <source>The %1 %2 is gone.</source>
        <translation>Disparu&#xa0;: %1 %2.</translation>
    </message>
    <message>
        <source>Rule added: %1.</source>
        <translation>Règle ajoutée&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Rule gone: %1.</source>
        <translation>Règle disparue&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Something that is not seen: what the form remembers of its columns, or an order.</source>
        <translation>Quelque chose qui ne se voit pas&#xa0;: ce que le formulaire retient de ses colonnes, ou un ordre.</translation>
    </message>
    <message>
        <source>Title: %1</source>
        <translation>Titre&#xa0;: %1</translation>
    </message>
    <message>
        <source>Rows: %1</source>
        <translation>Lignes&#xa0;: %1</translation>
    </message>
    <message>
        <source>SELECT: %1</source>
        <translation>SELECT&#xa0;: %1</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>Apparence&#xa0;: %1</translation>
    </message>
    <message>
        <source>Width: %1 px</source>
        <translation>Largeur&#xa0;: %1 px</translation>
    </message>
    <message>
        <source>Band: %1, %2 px</source>
        <translation>Bande&#xa0;: %1, %2 px</translation>
    </message>
    <message>
        <source>Rail: %1 at %2 px</source>
        <translation>Rail&#xa0;: %1 à %2 px</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Formulaire</translation>
    </message>
    <message>
        <source>%1 %2 (%3), %4</source>
        <translation>%1 %2 (%3), %4</translation>
    </message>
    <message>
        <source>, bound to %1</source>
        <translation>, lié à %1</translation>
    </message>
    <message>
        <source>Rule: %1</source>
        <translation>Règle&#xa0;: %1</translation>
    </message>
    <message>
        <source>%1 is not a form that can be read: %2.</source>
        <translation>%1 n&apos;est pas un formulaire lisible&#xa0;: %2.</translation>
    </message>
    <message>
        <source>The base</source>
        <translation>La base</translation>
    </message>
    <message>
        <source>Ours</source>
        <translation>Le nôtre</translation>
    </message>
    <message>
        <source>Theirs</source>
        <translation>Le leur</translation>
    </message>
    <message>
        <source>Put together, the form cannot be read: %1</source>
        <translation>Réuni, le formulaire ne peut être lu&#xa0;: %1</translation>
    </message>
    <message>
        <source>What they have cannot stand here any more: %1</source>
        <translation>Ce qu&apos;ils ont ne peut plus être ici&#xa0;: %1</translation>
    </message>
    <message>
        <source>“%1” was taken away here, and changed by somebody else.</source>
        <translation>«&#xa0;%1&#xa0;» a été enlevé ici, et changé par quelqu&apos;un d&apos;autre.</translation>
    </message>
    <message>
        <source>“%1” was changed here, and taken away by somebody else.</source>
        <translation>«&#xa0;%1&#xa0;» a été changé ici, et enlevé par quelqu&apos;un d&apos;autre.</translation>
    </message>
    <message>
        <source>the form’s “%1”</source>
        <translation>«&#xa0;%1&#xa0;» du formulaire</translation>
    </message>
    <message>
        <source>“%1” of “%2”</source>
        <translation>«&#xa0;%1&#xa0;» de «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>Two people changed %1: here it is %2, there %3.</source>
        <translation>Deux personnes ont changé %1&#xa0;: ici c&apos;est %2, là %3.</translation>
    </message>
    <message>
        <source>the box “%1”</source>
        <translation>le champ «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>the rows</source>
        <translation>les lignes</translation>
    </message>
    <message>
        <source>the choices of “%1”</source>
        <translation>les choix de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>what “%1” shows</source>
        <translation>ce que montre «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>what links “%1”</source>
        <translation>ce qui lie «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>the total “%1”</source>
        <translation>le total «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>the formula of “%1”</source>
        <translation>la formule de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>the rule “%1”</source>
        <translation>la règle «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>a rule</source>
        <translation>une règle</translation>
    </message>
    <message>
        <source>the order of the records</source>
        <translation>l&apos;ordre des fiches</translation>
    </message>
    <message>
        <source>the list of records</source>
        <translation>la liste des fiches</translation>
    </message>
    <message>
        <source>A draft would make “%1” a %2 now.</source>
        <translation>Une ébauche donnerait maintenant à «&#xa0;%1&#xa0;» le genre %2.</translation>
    </message>
    <message>
        <source>A draft would call “%1” “%2” now.</source>
        <translation>Une ébauche appellerait maintenant «&#xa0;%1&#xa0;» «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>Call it “%1”</source>
        <translation>L&apos;appeler «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>A draft would make “%1” %2 by %3 px now; it is %4 by %5.</source>
        <translation>Une ébauche donnerait maintenant à «&#xa0;%1&#xa0;» %2 sur %3 px&#xa0;; il fait %4 sur %5.</translation>
    </message>
    <message>
        <source>Make it that large</source>
        <translation>Lui donner cette taille</translation>
    </message>
    <message>
        <source>A draft would have a box for “%1”.</source>
        <translation>Une ébauche aurait un champ pour «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>A draft would show the rows of “%1” that belong to each record.</source>
        <translation>Une ébauche montrerait les lignes de «&#xa0;%1&#xa0;» qui appartiennent à chaque fiche.</translation>
    </message>
    <message>
        <source>Show them below</source>
        <translation>Les montrer dessous</translation>
    </message>
    <message>
        <source>Take the rows from “%1”</source>
        <translation>Prendre les lignes de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Follow it: “%1”</source>
        <translation>Le suivre&#xa0;: «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Two boxes where one stood</source>
        <translation>Deux champs où il y en avait un</translation>
    </message>
    <message>
        <source>Show both parts where it is looked up</source>
        <translation>Montrer les deux parties là où on choisit</translation>
    </message>
    <message>
        <source>Only “%1”</source>
        <translation>Seulement «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>One box for both</source>
        <translation>Un champ pour les deux</translation>
    </message>
    <message>
        <source>Show it from “%1”</source>
        <translation>Le montrer depuis «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Let the box take %1</source>
        <translation>Laisser le champ prendre %1</translation>
    </message>
    <message>
        <source>Let the box take any number</source>
        <translation>Laisser le champ en prendre sans limite</translation>
    </message>
    <message>
        <source>Offer these</source>
        <translation>Proposer ceux-ci</translation>
    </message>
    <message>
        <source>Add a box</source>
        <translation>Ajouter un champ</translation>
    </message>
    <message>
        <source>the same type</source>
        <translation>le même type</translation>
    </message>
    <message>
        <source>the same place in the table</source>
        <translation>la même place dans la table</translation>
    </message>
    <message>
        <source>a like name</source>
        <translation>un nom semblable</translation>
    </message>
    <message>
        <source>the same comment</source>
        <translation>le même commentaire</translation>
    </message>
    <message>
        <source>the same link</source>
        <translation>le même lien</translation>
    </message>
    <message>
        <source>the same choices</source>
        <translation>les mêmes choix</translation>
    </message>
    <message>
        <source>the same values</source>
        <translation>les mêmes valeurs</translation>
    </message>
    <message>
        <source>like names</source>
        <translation>des noms semblables</translation>
    </message>
    <message>
        <source>together they hold the same values</source>
        <translation>ensemble, elles contiennent les mêmes valeurs</translation>
    </message>
    <message>
        <source>it holds the values of both</source>
        <translation>elle contient les valeurs des deux</translation>
    </message>
    <message>
        <source>its values are there</source>
        <translation>ses valeurs y sont</translation>
    </message>
    <message>
        <source>its columns are there</source>
        <translation>ses colonnes y sont</translation>
    </message>
    <message>
        <source>The table “%1” is gone.</source>
        <translation>La table «&#xa0;%1&#xa0;» a disparu.</translation>
    </message>
    <message>
        <source>The table “%1” is called “%2” now%3.</source>
        <translation>La table «&#xa0;%1&#xa0;» s&apos;appelle maintenant «&#xa0;%2&#xa0;»%3.</translation>
    </message>
    <message>
        <source>“%1” is called “%2” now%3.</source>
        <translation>«&#xa0;%1&#xa0;» s&apos;appelle maintenant «&#xa0;%2&#xa0;»%3.</translation>
    </message>
    <message>
        <source>“%1” was parted into “%2” and “%3”%4.</source>
        <translation>«&#xa0;%1&#xa0;» a été partagée en «&#xa0;%2&#xa0;» et «&#xa0;%3&#xa0;»%4.</translation>
    </message>
    <message>
        <source>“%1” and “%2” of “%3” became “%4”%5.</source>
        <translation>«&#xa0;%1&#xa0;» et «&#xa0;%2&#xa0;» de «&#xa0;%3&#xa0;» sont devenues «&#xa0;%4&#xa0;»%5.</translation>
    </message>
    <message>
        <source>“%1” moved to the table “%2”%3.</source>
        <translation>«&#xa0;%1&#xa0;» est passée dans la table «&#xa0;%2&#xa0;»%3.</translation>
    </message>
    <message>
        <source>“%1” is gone.</source>
        <translation>«&#xa0;%1&#xa0;» a disparu.</translation>
    </message>
    <message>
        <source>“%1” is of the type %2 now; it was %3.</source>
        <translation>«&#xa0;%1&#xa0;» est maintenant du type %2&#xa0;; c&apos;était %3.</translation>
    </message>
    <message>
        <source>“%1” takes %2 letters now%3.</source>
        <translation>«&#xa0;%1&#xa0;» prend maintenant %2 lettres%3.</translation>
    </message>
    <message>
        <source>; it took %1</source>
        <translation>&#xa0;; elle en prenait %1</translation>
    </message>
    <message>
        <source>“%1” takes any number of letters now.</source>
        <translation>«&#xa0;%1&#xa0;» prend maintenant des lettres sans limite.</translation>
    </message>
    <message>
        <source>“%1” is required now.</source>
        <translation>«&#xa0;%1&#xa0;» est maintenant obligatoire.</translation>
    </message>
    <message>
        <source>“%1” may be empty now.</source>
        <translation>«&#xa0;%1&#xa0;» peut maintenant être vide.</translation>
    </message>
    <message>
        <source>“%1” starts with %2 now.</source>
        <translation>«&#xa0;%1&#xa0;» commence maintenant par %2.</translation>
    </message>
    <message>
        <source>“%1” starts with nothing now.</source>
        <translation>«&#xa0;%1&#xa0;» ne commence plus par rien.</translation>
    </message>
    <message>
        <source>“%1” allows other values now: %2.</source>
        <translation>«&#xa0;%1&#xa0;» admet maintenant d&apos;autres valeurs&#xa0;: %2.</translation>
    </message>
    <message>
        <source>“%1” points to “%2” now.</source>
        <translation>«&#xa0;%1&#xa0;» renvoie maintenant à «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” does not point to “%2” any more.</source>
        <translation>«&#xa0;%1&#xa0;» ne renvoie plus à «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” is new, and required.</source>
        <translation>«&#xa0;%1&#xa0;» est nouvelle, et obligatoire.</translation>
    </message>
    <message>
        <source>“%1” is new.</source>
        <translation>«&#xa0;%1&#xa0;» est nouvelle.</translation>
    </message>
    <message>
        <source>It must be that %1</source>
        <translation>Il faut que %1</translation>
    </message>
    <message>
        <source>today</source>
        <translation>aujourd&apos;hui</translation>
    </message>
    <message>
        <source>tomorrow</source>
        <translation>demain</translation>
    </message>
    <message>
        <source>today in %1 days</source>
        <translation>aujourd&apos;hui dans %1 jours</translation>
    </message>
    <message>
        <source>yesterday</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>today %1 days ago</source>
        <translation>aujourd&apos;hui il y a %1 jours</translation>
    </message>
    <message>
        <source>is</source>
        <translation>est</translation>
    </message>
    <message>
        <source>is not</source>
        <translation>n&apos;est pas</translation>
    </message>
    <message>
        <source>is one of</source>
        <translation>est l&apos;un de</translation>
    </message>
    <message>
        <source>is none of</source>
        <translation>n&apos;est aucun de</translation>
    </message>
    <message>
        <source>is less than</source>
        <translation>est moins que</translation>
    </message>
    <message>
        <source>is at most</source>
        <translation>est au plus</translation>
    </message>
    <message>
        <source>is more than</source>
        <translation>est plus que</translation>
    </message>
    <message>
        <source>is at least</source>
        <translation>est au moins</translation>
    </message>
    <message>
        <source>lies between</source>
        <translation>est entre</translation>
    </message>
    <message>
        <source>contains</source>
        <translation>contient</translation>
    </message>
    <message>
        <source>does not contain</source>
        <translation>ne contient pas</translation>
    </message>
    <message>
        <source>begins with</source>
        <translation>commence par</translation>
    </message>
    <message>
        <source>ends with</source>
        <translation>finit par</translation>
    </message>
    <message>
        <source>is yes</source>
        <translation>est oui</translation>
    </message>
    <message>
        <source>is no</source>
        <translation>est non</translation>
    </message>
    <message>
        <source>is before</source>
        <translation>est avant</translation>
    </message>
    <message>
        <source>is after</source>
        <translation>est après</translation>
    </message>
    <message>
        <source>is within the next days:</source>
        <translation>est dans les prochains jours&#xa0;:</translation>
    </message>
    <message>
        <source>is within the last days:</source>
        <translation>est dans les derniers jours&#xa0;:</translation>
    </message>
    <message>
        <source>is in this month</source>
        <translation>est ce mois-ci</translation>
    </message>
    <message>
        <source>not: </source>
        <translation>pas&#xa0;: </translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1 is within %2 days</source>
        <translation>%1 est d&apos;ici %2 jours</translation>
    </message>
    <message>
        <source>%1 is within the last %2 days</source>
        <translation>%1 est dans les %2 derniers jours</translation>
    </message>
    <message>
        <source>Asks unless %1</source>
        <translation>Demande, sauf si %1</translation>
    </message>
    <message>
        <source>%1: “%2”</source>
        <translation>%1&#xa0;: «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>Must hold</source>
        <translation>Doit être vrai</translation>
    </message>
    <message>
        <source>A condition that must be true before the record is saved, and what is said where it is not.</source>
        <translation>Une condition qui doit être vraie avant que la fiche soit enregistrée, et ce qui est dit là où elle ne l&apos;est pas.</translation>
    </message>
    <message>
        <source>Locked when</source>
        <translation>Verrouillé quand</translation>
    </message>
    <message>
        <source>Nothing can be typed here, or in it, where this SQL condition is true: status = &apos;closed&apos;.</source>
        <translation>Rien ne peut être tapé ici, ou dedans, là où cette condition SQL est vraie&#xa0;: status = &apos;closed&apos;.</translation>
    </message>
    <message>
        <source>%1 is locked</source>
        <translation>%1 est verrouillé</translation>
    </message>
    <message>
        <source>%1 is locked when %2</source>
        <translation>%1 est verrouillé quand %2</translation>
    </message>
    <message>
        <source>Change when it is locked</source>
        <translation>Changer quand c&apos;est verrouillé</translation>
    </message>
    <message>
        <source>%1 is marked %2</source>
        <translation>%1 est marqué %2</translation>
    </message>
    <message>
        <source>%1 is marked %2 when %3</source>
        <translation>%1 est marqué %2 quand %3</translation>
    </message>
    <message>
        <source>, else %1</source>
        <translation>, sinon %1</translation>
    </message>
    <message>
        <source>Marked</source>
        <translation>Marqué</translation>
    </message>
    <message>
        <source>Stands out by a tint, a bar at its edge and a word: steady, watch or alarm.</source>
        <translation>Ressort par une teinte, une barre au bord et un mot&#xa0;: calme, attention ou alarme.</translation>
    </message>
    <message>
        <source>beside %1 stands “%2”</source>
        <translation>à côté de %1 se trouve «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>%1 when %2</source>
        <translation>%1 quand %2</translation>
    </message>
    <message>
        <source>, else “%1”</source>
        <translation>, sinon «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>A note beside</source>
        <translation>Une note à côté</translation>
    </message>
    <message>
        <source>Words that stand beside the box where the condition is true.</source>
        <translation>Des mots à côté du champ là où la condition est vraie.</translation>
    </message>
    <message>
        <source>Required when</source>
        <translation>Obligatoire quand</translation>
    </message>
    <message>
        <source>Must be filled in where this SQL condition is true: status = &apos;withdrawn&apos;.</source>
        <translation>Doit être rempli là où cette condition SQL est vraie&#xa0;: status = &apos;withdrawn&apos;.</translation>
    </message>
    <message>
        <source>%1 is required</source>
        <translation>%1 est obligatoire</translation>
    </message>
    <message>
        <source>%1 is required when %2</source>
        <translation>%1 est obligatoire quand %2</translation>
    </message>
    <message>
        <source>Change when it is required</source>
        <translation>Changer quand c&apos;est obligatoire</translation>
    </message>
    <message>
        <source>else %1</source>
        <translation>sinon %1</translation>
    </message>
    <message>
        <source>%1 below %2</source>
        <translation>%1 au-dessous de %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>, by %1</source>
        <translation>, selon %1</translation>
    </message>
    <message>
        <source>%1, when %2</source>
        <translation>%1, quand %2</translation>
    </message>
    <message>
        <source>Marked by its value</source>
        <translation>Marqué selon sa valeur</translation>
    </message>
    <message>
        <source>Limits over what is stored: below the first one mark, up to the next another.</source>
        <translation>Des limites sur ce qui est enregistré&#xa0;: sous la première une marque, jusqu&apos;à la suivante une autre.</translation>
    </message>
    <message>
        <source>%1 is written as: %2</source>
        <translation>%1 s&apos;écrit&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1 is written like %2</source>
        <translation>%1 s&apos;écrit comme %2</translation>
    </message>
    <message>
        <source>Written like</source>
        <translation>S&apos;écrit comme</translation>
    </message>
    <message>
        <source>One or two examples show how the text is written: NB-2104-D.</source>
        <translation>Un ou deux exemples montrent comment le texte s&apos;écrit&#xa0;: NB-2104-D.</translation>
    </message>
    <message>
        <source>%1 is shown</source>
        <translation>%1 est montré</translation>
    </message>
    <message>
        <source>%1 is shown when %2</source>
        <translation>%1 est montré quand %2</translation>
    </message>
    <message>
        <source>; when hidden, it is saved empty</source>
        <translation>&#xa0;; caché, il est enregistré vide</translation>
    </message>
    <message>
        <source>; when hidden with a value, saving asks</source>
        <translation>&#xa0;; caché avec une valeur, l&apos;enregistrement demande</translation>
    </message>
    <message>
        <source>Shown when</source>
        <translation>Montré quand</translation>
    </message>
    <message>
        <source>Not to be seen, with all in it, where this SQL condition is not true: status = &apos;adrift&apos;.</source>
        <translation>Ne se voit pas, avec tout ce qu&apos;il contient, là où cette condition SQL n&apos;est pas vraie&#xa0;: status = &apos;adrift&apos;.</translation>
    </message>
    <message>
        <source>Change when it is shown</source>
        <translation>Changer quand c&apos;est montré</translation>
    </message>
    <message>
        <source>%1 is %2</source>
        <translation>%1 est %2</translation>
    </message>
    <message>
        <source>%1 is %2 until something else is typed</source>
        <translation>%1 est %2 tant que rien d&apos;autre n&apos;est tapé</translation>
    </message>
    <message>
        <source>%1 begins as %2</source>
        <translation>%1 commence par %2</translation>
    </message>
    <message>
        <source>%1 begins as in the record saved last</source>
        <translation>%1 commence comme dans la dernière fiche enregistrée</translation>
    </message>
    <message>
        <source> when %1</source>
        <translation> quand %1</translation>
    </message>
    <message>
        <source>Worked out</source>
        <translation>Calculé</translation>
    </message>
    <message>
        <source>A value that is put into the column: hours * hourly_rate.</source>
        <translation>Une valeur mise dans la colonne&#xa0;: hours * hourly_rate.</translation>
    </message>
    <message>
        <source>steady</source>
        <translation>calme</translation>
    </message>
    <message>
        <source>watch</source>
        <translation>attention</translation>
    </message>
    <message>
        <source>alarm</source>
        <translation>alarme</translation>
    </message>
    <message>
        <source>There is no condition.</source>
        <translation>Il n&apos;y a pas de condition.</translation>
    </message>
    <message>
        <source>A record is needed for which this is %1: %2</source>
        <translation>Il faut une fiche pour laquelle ceci est %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>not true</source>
        <translation>pas vrai</translation>
    </message>
    <message>
        <source>There is no column “%1”.</source>
        <translation>Il n&apos;y a pas de colonne «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>No record can be found for which this is %1: %2</source>
        <translation>On ne trouve pas de fiche pour laquelle ceci est %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>Phone number, with its country (E.164)</source>
        <translation>Numéro de téléphone, avec son pays (E.164)</translation>
    </message>
    <message>
        <source>E-mail address</source>
        <translation>Adresse de courriel</translation>
    </message>
    <message>
        <source>Web address</source>
        <translation>Adresse web</translation>
    </message>
    <message>
        <source>Bank account (IBAN)</source>
        <translation>Compte bancaire (IBAN)</translation>
    </message>
    <message>
        <source>Book number (ISBN)</source>
        <translation>Numéro de livre (ISBN)</translation>
    </message>
    <message>
        <source>Article number (EAN)</source>
        <translation>Numéro d&apos;article (EAN)</translation>
    </message>
    <message>
        <source>Card number</source>
        <translation>Numéro de carte</translation>
    </message>
    <message>
        <source>Time span</source>
        <translation>Durée</translation>
    </message>
    <message>
        <source>Position in degrees</source>
        <translation>Position en degrés</translation>
    </message>
    <message>
        <source>Position in degrees and minutes</source>
        <translation>Position en degrés et minutes</translation>
    </message>
    <message>
        <source>Position in degrees, minutes and seconds</source>
        <translation>Position en degrés, minutes et secondes</translation>
    </message>
    <message>
        <source>Post code, United Kingdom</source>
        <translation>Code postal, Royaume-Uni</translation>
    </message>
    <message>
        <source>Post code, Austria</source>
        <translation>Code postal, Autriche</translation>
    </message>
    <message>
        <source>Post code, Australia</source>
        <translation>Code postal, Australie</translation>
    </message>
    <message>
        <source>Post code, Belgium</source>
        <translation>Code postal, Belgique</translation>
    </message>
    <message>
        <source>Post code, Brazil</source>
        <translation>Code postal, Brésil</translation>
    </message>
    <message>
        <source>Post code, Canada</source>
        <translation>Code postal, Canada</translation>
    </message>
    <message>
        <source>Post code, Switzerland</source>
        <translation>Code postal, Suisse</translation>
    </message>
    <message>
        <source>Post code, Czechia</source>
        <translation>Code postal, Tchéquie</translation>
    </message>
    <message>
        <source>Post code, Germany</source>
        <translation>Code postal, Allemagne</translation>
    </message>
    <message>
        <source>Post code, Denmark</source>
        <translation>Code postal, Danemark</translation>
    </message>
    <message>
        <source>Post code, Spain</source>
        <translation>Code postal, Espagne</translation>
    </message>
    <message>
        <source>Post code, Finland</source>
        <translation>Code postal, Finlande</translation>
    </message>
    <message>
        <source>Post code, France</source>
        <translation>Code postal, France</translation>
    </message>
    <message>
        <source>Post code, Ireland</source>
        <translation>Code postal, Irlande</translation>
    </message>
    <message>
        <source>Post code, Italy</source>
        <translation>Code postal, Italie</translation>
    </message>
    <message>
        <source>Post code, Japan</source>
        <translation>Code postal, Japon</translation>
    </message>
    <message>
        <source>Post code, Netherlands</source>
        <translation>Code postal, Pays-Bas</translation>
    </message>
    <message>
        <source>Post code, Norway</source>
        <translation>Code postal, Norvège</translation>
    </message>
    <message>
        <source>Post code, Poland</source>
        <translation>Code postal, Pologne</translation>
    </message>
    <message>
        <source>Post code, Portugal</source>
        <translation>Code postal, Portugal</translation>
    </message>
    <message>
        <source>Post code, Sweden</source>
        <translation>Code postal, Suède</translation>
    </message>
    <message>
        <source>Post code, United States</source>
        <translation>Code postal, États-Unis</translation>
    </message>
    <message>
        <source>%1 (group)</source>
        <translation>%1 (groupe)</translation>
    </message>
    <message>
        <source>%1 (panes)</source>
        <translation>%1 (volets)</translation>
    </message>
    <message>
        <source>%1 (all pages)</source>
        <translation>%1 (toutes les pages)</translation>
    </message>
    <message>
        <source>%1 (band)</source>
        <translation>%1 (bande)</translation>
    </message>
    <message>
        <source>%1 (second pane)</source>
        <translation>%1 (second volet)</translation>
    </message>
    <message>
        <source>%1 (first pane)</source>
        <translation>%1 (premier volet)</translation>
    </message>
    <message>
        <source>%1 (page)</source>
        <translation>%1 (page)</translation>
    </message>
    <message>
        <source>A page that is gone</source>
        <translation>Une page disparue</translation>
    </message>
    <message>
        <source> and %1 more</source>
        <translation> et %1 de plus</translation>
    </message>
    <message>
        <source>A rule of a newer version: %1</source>
        <translation>Une règle d&apos;une version plus récente&#xa0;: %1</translation>
    </message>
    <message>
        <source>The record</source>
        <translation>La fiche</translation>
    </message>
    <message>
        <source>1 figure</source>
        <translation>1 chiffre</translation>
    </message>
    <message>
        <source>%1 figures</source>
        <translation>%1 chiffres</translation>
    </message>
    <message>
        <source>1 capital</source>
        <translation>1 majuscule</translation>
    </message>
    <message>
        <source>%1 capitals</source>
        <translation>%1 majuscules</translation>
    </message>
    <message>
        <source>1 small letter</source>
        <translation>1 minuscule</translation>
    </message>
    <message>
        <source>%1 small letters</source>
        <translation>%1 minuscules</translation>
    </message>
    <message>
        <source>1 letter</source>
        <translation>1 lettre</translation>
    </message>
    <message>
        <source>%1 letters</source>
        <translation>%1 lettres</translation>
    </message>
    <message>
        <source>This is no regular expression: %1, at letter %2.</source>
        <translation>Ce n&apos;est pas une expression régulière&#xa0;: %1, à la lettre %2.</translation>
    </message>
    <message>
        <source>such as %1</source>
        <translation>comme %1</translation>
    </message>
    <message>
        <source>by the pattern %1</source>
        <translation>selon le modèle %1</translation>
    </message>
    <message>
        <source>at most 1 letter</source>
        <translation>1 lettre au plus</translation>
    </message>
    <message>
        <source>at most %1 letters</source>
        <translation>%1 lettres au plus</translation>
    </message>
    <message>
        <source>1 decimal</source>
        <translation>1 décimale</translation>
    </message>
    <message>
        <source>%1 decimals</source>
        <translation>%1 décimales</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>de %1 à %2</translation>
    </message>
    <message>
        <source>%1 or more</source>
        <translation>%1 ou plus</translation>
    </message>
    <message>
        <source>%1 or less</source>
        <translation>%1 ou moins</translation>
    </message>
    <message>
        <source>%1 shows %2</source>
        <translation>%1 montre %2</translation>
    </message>
    <message>
        <source>%1 starts with %2</source>
        <translation>%1 commence par %2</translation>
    </message>
    <message>
        <source>%1 takes %2</source>
        <translation>%1 prend %2</translation>
    </message>
    <message>
        <source>%1 is required (by the table)</source>
        <translation>%1 est obligatoire (par la table)</translation>
    </message>
    <message>
        <source>%1 (by the table)</source>
        <translation>%1 (par la table)</translation>
    </message>
    <message>
        <source>%1 differs from record to record (by the table)</source>
        <translation>%1 diffère d&apos;une fiche à l&apos;autre (par la table)</translation>
    </message>
    <message>
        <source>No two records have the same %1 (by the table)</source>
        <translation>Il n&apos;y a pas deux fiches avec la même valeur de %1 (par la table)</translation>
    </message>
    <message>
        <source>by length</source>
        <translation>par longueur</translation>
    </message>
    <message>
        <source>by letters</source>
        <translation>par lettres</translation>
    </message>
    <message>
        <source>as stored</source>
        <translation>comme enregistré</translation>
    </message>
    <message>
        <source>descending</source>
        <translation>décroissant</translation>
    </message>
    <message>
        <source>The rows have no column “%1”. Write for instance: name, laid_on descending.</source>
        <translation>Les lignes n&apos;ont pas de colonne «&#xa0;%1&#xa0;». Écrivez par exemple&#xa0;: name, laid_on descending.</translation>
    </message>
    <message>
        <source>“%1” stands there twice.</source>
        <translation>«&#xa0;%1&#xa0;» y est deux fois.</translation>
    </message>
    <message>
        <source>Page header</source>
        <translation>En-tête de page</translation>
    </message>
    <message>
        <source>Header</source>
        <translation>En-tête</translation>
    </message>
    <message>
        <source>Footer</source>
        <translation>Pied</translation>
    </message>
    <message>
        <source>Page footer</source>
        <translation>Pied de page</translation>
    </message>
    <message>
        <source>A quote that begins in line %1 never ends.</source>
        <translation>Un guillemet ouvert à la ligne %1 ne se ferme jamais.</translation>
    </message>
    <message>
        <source>Line %1 is no JSON object.</source>
        <translation>La ligne %1 n&apos;est pas un objet JSON.</translation>
    </message>
    <message>
        <source>The file has no rows behind its heads.</source>
        <translation>Le fichier n&apos;a pas de lignes après ses en-têtes.</translation>
    </message>
    <message>
        <source>now</source>
        <translation>maintenant</translation>
    </message>
    <message>
        <source>A date is needed here, such as %1</source>
        <translation>Il faut ici une date, comme %1</translation>
    </message>
    <message>
        <source>A time is needed here, such as 06:15</source>
        <translation>Il faut ici une heure, comme 06:15</translation>
    </message>
    <message>
        <source>A date and a time are needed here, such as %1</source>
        <translation>Il faut ici une date et une heure, comme %1</translation>
    </message>
    <message>
        <source>This number is too large to be stored; at most 18 digits go here</source>
        <translation>Ce nombre est trop grand pour être enregistré&#xa0;; 18 chiffres au plus ici</translation>
    </message>
    <message>
        <source>A whole number is needed here, such as 12</source>
        <translation>Il faut ici un nombre entier, comme 12</translation>
    </message>
    <message>
        <source>A number is needed here, such as %1</source>
        <translation>Il faut ici un nombre, comme %1</translation>
    </message>
    <message>
        <source>This version does not know databases of the kind “%1”. Take a newer version.</source>
        <translation>Cette version ne connaît pas les bases du genre «&#xa0;%1&#xa0;». Prenez une version plus récente.</translation>
    </message>
    <message>
        <source>Qt&apos;s driver %1 is not installed. Install it and open the database again.</source>
        <translation>Le pilote %1 de Qt n&apos;est pas installé. Installez-le et ouvrez de nouveau la base.</translation>
    </message>
    <message>
        <source>This takes too long, so it was stopped after %1 seconds. Narrow the SELECT or the view down, with a WHERE or fewer tables.</source>
        <translation>C&apos;est trop long&#xa0;; cela a été arrêté après %1 secondes. Resserrez le SELECT ou la vue, avec un WHERE ou moins de tables.</translation>
    </message>
    <message>
        <source>%1 is needed</source>
        <translation>%1 est nécessaire</translation>
    </message>
    <message>
        <source>Another record has the same %1</source>
        <translation>Une autre fiche a la même valeur de %1</translation>
    </message>
    <message>
        <source>Another record has this value already; %1 must differ</source>
        <translation>Une autre fiche a déjà cette valeur&#xa0;; %1 doit différer</translation>
    </message>
    <message>
        <source>A rule of the table is not kept: %1</source>
        <translation>Une règle de la table n&apos;est pas respectée&#xa0;: %1</translation>
    </message>
    <message>
        <source>There is no place for a copy to try on: %1. Nothing was changed.</source>
        <translation>Il n&apos;y a pas de place pour une copie d&apos;essai&#xa0;: %1. Rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>Comma-separated values</source>
        <translation>Valeurs séparées par des virgules</translation>
    </message>
    <message>
        <source>A page for the web browser</source>
        <translation>Une page pour le navigateur</translation>
    </message>
    <message>
        <source>JSON, an object a line</source>
        <translation>JSON, un objet par ligne</translation>
    </message>
    <message>
        <source>Tab-separated values</source>
        <translation>Valeurs séparées par des tabulations</translation>
    </message>
    <message>
        <source>A workbook holds no more than %L1 rows. Narrow them down, or write them as .csv.</source>
        <translation>Un classeur contient au plus %L1 lignes. Réduisez-les, ou écrivez-les en .csv.</translation>
    </message>
    <message>
        <source>A workbook</source>
        <translation>Un classeur</translation>
    </message>
    <message>
        <source>“%1” is no address to send from. It is set where the project&apos;s mail is set up.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une adresse d&apos;envoi. Elle se fixe là où le courriel du projet est réglé.</translation>
    </message>
    <message>
        <source>Nobody is named to whom it goes.</source>
        <translation>Aucun destinataire n&apos;est nommé.</translation>
    </message>
    <message>
        <source>“%1” is no address.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une adresse.</translation>
    </message>
    <message>
        <source>It may have been sent before.</source>
        <translation>Il a peut-être déjà été envoyé.</translation>
    </message>
    <message>
        <source>Another program sends it just now.</source>
        <translation>Un autre programme l&apos;envoie en ce moment.</translation>
    </message>
    <message>
        <source>There is no server called %1.</source>
        <translation>Il n&apos;y a pas de serveur nommé %1.</translation>
    </message>
    <message>
        <source>The mail server %1 does not answer.</source>
        <translation>Le serveur de courriel %1 ne répond pas.</translation>
    </message>
    <message>
        <source>The mail server %1 does not take the user&apos;s name or password.</source>
        <translation>Le serveur de courriel %1 refuse le nom d&apos;utilisateur ou le mot de passe.</translation>
    </message>
    <message>
        <source>The mail server %1 cannot be talked to in secret.</source>
        <translation>On ne peut parler en secret au serveur de courriel %1.</translation>
    </message>
    <message>
        <source>Given up.</source>
        <translation>Abandonné.</translation>
    </message>
    <message>
        <source>The mail server refuses it (%1): %2</source>
        <translation>Le serveur de courriel le refuse (%1)&#xa0;: %2</translation>
    </message>
    <message>
        <source>It could not be sent: %1</source>
        <translation>Il n&apos;a pu être envoyé&#xa0;: %1</translation>
    </message>
    <message>
        <source>The project names no mail server.</source>
        <translation>Le projet ne nomme pas de serveur de courriel.</translation>
    </message>
    <message>
        <source>You have no right to change this column.</source>
        <translation>Vous n&apos;avez pas le droit de changer cette colonne.</translation>
    </message>
    <message>
        <source>there is no connection</source>
        <translation>il n&apos;y a pas de connexion</translation>
    </message>
    <message>
        <source>another question is still being answered</source>
        <translation>une autre question est encore en cours</translation>
    </message>
    <message>
        <source>the connection was lost in the middle of a transaction</source>
        <translation>la connexion s&apos;est perdue au milieu d&apos;une transaction</translation>
    </message>
    <message>
        <source>this computer</source>
        <translation>cet ordinateur</translation>
    </message>
    <message>
        <source>Another record has the same values already: %1</source>
        <translation>Une autre fiche a déjà les mêmes valeurs&#xa0;: %1</translation>
    </message>
    <message>
        <source>The text is longer than %1 takes</source>
        <translation>Le texte est plus long que n&apos;en prend %1</translation>
    </message>
    <message>
        <source>A text is longer than its column takes: %1</source>
        <translation>Un texte est plus long que n&apos;en prend sa colonne&#xa0;: %1</translation>
    </message>
    <message>
        <source>The number is larger or smaller than %1 takes</source>
        <translation>Le nombre est plus grand ou plus petit que n&apos;en prend %1</translation>
    </message>
    <message>
        <source>A number is larger or smaller than its column takes: %1</source>
        <translation>Un nombre est plus grand ou plus petit que n&apos;en prend sa colonne&#xa0;: %1</translation>
    </message>
    <message>
        <source>%1 does not take this kind of value</source>
        <translation>%1 ne prend pas ce genre de valeur</translation>
    </message>
    <message>
        <source>A column does not take this kind of value: %1</source>
        <translation>Une colonne ne prend pas ce genre de valeur&#xa0;: %1</translation>
    </message>
    <message>
        <source>You have no right to change this: %1. Ask whoever keeps the database.</source>
        <translation>Vous n&apos;avez pas le droit de changer cela&#xa0;: %1. Demandez à qui tient la base.</translation>
    </message>
    <message>
        <source>This server only lets you look; it follows another one that is written to. What you typed is kept.</source>
        <translation>Ce serveur ne laisse que regarder&#xa0;; il suit un autre où l&apos;on écrit. Ce que vous avez tapé est gardé.</translation>
    </message>
    <message>
        <source>Somebody else is changing the same rows just now. What you typed is kept; save again in a moment.</source>
        <translation>Quelqu&apos;un change en ce moment les mêmes lignes. Ce que vous avez tapé est gardé&#xa0;; enregistrez de nouveau dans un instant.</translation>
    </message>
    <message>
        <source>The database server has no room left, so nothing was saved: %1. What you typed is kept.</source>
        <translation>Le serveur n&apos;a plus de place, rien n&apos;a donc été enregistré&#xa0;: %1. Ce que vous avez tapé est gardé.</translation>
    </message>
    <message>
        <source>The connection to the database was lost. What you typed is kept; save again when the server answers.</source>
        <translation>La connexion à la base est perdue. Ce que vous avez tapé est gardé&#xa0;; enregistrez de nouveau quand le serveur répond.</translation>
    </message>
    <message>
        <source>The database refuses this: %1</source>
        <translation>La base de données refuse cela&#xa0;: %1</translation>
    </message>
    <message>
        <source>The database server on %1 does not answer any more. What you typed is kept; it is tried again by itself.</source>
        <translation>Le serveur sur %1 ne répond plus. Ce que vous avez tapé est gardé&#xa0;; un nouvel essai se fait tout seul.</translation>
    </message>
    <message>
        <source>You have no right to read this in the database %1: %2. Ask whoever keeps it.</source>
        <translation>Vous n&apos;avez pas le droit de lire cela dans la base %1&#xa0;: %2. Demandez à qui la tient.</translation>
    </message>
    <message>
        <source>The database %1 was asked to stop what it was doing.</source>
        <translation>La base %1 a été priée d&apos;arrêter ce qu&apos;elle faisait.</translation>
    </message>
    <message>
        <source>Somebody else is changing the same rows of the database %1. Nothing was lost; try again in a moment.</source>
        <translation>Quelqu&apos;un change les mêmes lignes de la base %1. Rien n&apos;a été perdu&#xa0;; essayez de nouveau dans un instant.</translation>
    </message>
    <message>
        <source>The database %1 did not do what was asked: %2.</source>
        <translation>La base %1 n&apos;a pas fait ce qui était demandé&#xa0;: %2.</translation>
    </message>
    <message>
        <source>The database %1 asks for a password, or the one given is wrong.</source>
        <translation>La base %1 demande un mot de passe, ou celui donné est faux.</translation>
    </message>
    <message>
        <source>You have no right to see the database %1.</source>
        <translation>Vous n&apos;avez pas le droit de voir la base %1.</translation>
    </message>
    <message>
        <source>The server on %1 has no database %2.</source>
        <translation>Le serveur sur %1 n&apos;a pas de base %2.</translation>
    </message>
    <message>
        <source>There is no computer called %1. Check the name.</source>
        <translation>Il n&apos;y a pas d&apos;ordinateur nommé %1. Vérifiez le nom.</translation>
    </message>
    <message>
        <source>The connection to %1 could not be made as safe as asked: %2.</source>
        <translation>La connexion à %1 n&apos;a pu être aussi sûre que demandé&#xa0;: %2.</translation>
    </message>
    <message>
        <source>No database server answers on %1. Check the name of the computer and the port, and whether the server runs.</source>
        <translation>Aucun serveur de base ne répond sur %1. Vérifiez le nom de l&apos;ordinateur et le port, et si le serveur tourne.</translation>
    </message>
    <message>
        <source>The database server on %1 does not let you in to %2: %3.</source>
        <translation>Le serveur sur %1 ne vous laisse pas entrer dans %2&#xa0;: %3.</translation>
    </message>
    <message>
        <source>Write a SELECT, such as SELECT * FROM a table.</source>
        <translation>Écrivez un SELECT, comme SELECT * FROM une table.</translation>
    </message>
    <message>
        <source>The database server does not answer any more.</source>
        <translation>Le serveur de base ne répond plus.</translation>
    </message>
    <message>
        <source>The SELECT is not understood: %1</source>
        <translation>Le SELECT n&apos;est pas compris&#xa0;: %1</translation>
    </message>
    <message>
        <source>The SELECT asks for values (?) that nobody gives; write them out.</source>
        <translation>Le SELECT demande des valeurs (?) que personne ne donne&#xa0;; écrivez-les.</translation>
    </message>
    <message>
        <source>Rows cannot be read from this: %1</source>
        <translation>On ne peut lire de lignes de ceci&#xa0;: %1</translation>
    </message>
    <message>
        <source>Only a SELECT goes here; this one would change the database or gives no rows.</source>
        <translation>Seul un SELECT va ici&#xa0;; celui-ci changerait la base ou ne donne pas de lignes.</translation>
    </message>
    <message>
        <source>the server does not answer</source>
        <translation>le serveur ne répond pas</translation>
    </message>
    <message>
        <source>a text must not hold the sign with the number 0</source>
        <translation>un texte ne doit pas contenir le signe numéro 0</translation>
    </message>
    <message>
        <source>Another record is in the way of %1</source>
        <translation>Une autre fiche fait obstacle à %1</translation>
    </message>
    <message>
        <source>The server of the database %1 has no room left: %2.</source>
        <translation>Le serveur de la base %1 n&apos;a plus de place&#xa0;: %2.</translation>
    </message>
    <message>
        <source>The database server on %1 takes nobody in just now; it is starting or stopping. Try again in a moment.</source>
        <translation>Le serveur sur %1 n&apos;accueille personne en ce moment&#xa0;; il démarre ou s&apos;arrête. Essayez de nouveau dans un instant.</translation>
    </message>
    <message>
        <source>The address of the database cannot be used: %1.</source>
        <translation>L&apos;adresse de la base ne peut servir&#xa0;: %1.</translation>
    </message>
    <message>
        <source>The SELECT asks for values ($1) that nobody gives; write them out.</source>
        <translation>Le SELECT demande des valeurs ($1) que personne ne donne&#xa0;; écrivez-les.</translation>
    </message>
    <message>
        <source>There is no room for the question: no folder for temporary files can be written to.</source>
        <translation>Il n&apos;y a pas de place pour la question&#xa0;: aucun dossier de fichiers temporaires n&apos;accepte l&apos;écriture.</translation>
    </message>
    <message>
        <source>Only the first %L1 rows are shown: reading all of them takes too long.</source>
        <translation>Seules les %L1 premières lignes sont montrées&#xa0;: les lire toutes est trop long.</translation>
    </message>
    <message>
        <source>These rows cannot be shown one by one: every name by which they could be numbered is that of one of their columns.</source>
        <translation>Ces lignes ne peuvent être montrées une à une&#xa0;: chaque nom qui servirait à les numéroter est celui d&apos;une de leurs colonnes.</translation>
    </message>
    <message>
        <source>The table “%1” is gone, so its rows cannot be brought back</source>
        <translation>La table «&#xa0;%1&#xa0;» a disparu&#xa0;; ses lignes ne peuvent donc être rendues</translation>
    </message>
    <message>
        <source>What the rows point to is gone, so they cannot be brought back</source>
        <translation>Ce à quoi les lignes renvoient a disparu&#xa0;; elles ne peuvent donc être rendues</translation>
    </message>
    <message>
        <source>Other records still point to this one, so it stays</source>
        <translation>D&apos;autres fiches renvoient encore à celle-ci&#xa0;; elle reste donc</translation>
    </message>
    <message>
        <source>%L1 in “%2”</source>
        <comment>so many rows in a table</comment>
        <translation>%L1 dans «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>This record stays, because others point to it or to what belongs to it: %1. Delete or change those first.</source>
        <translation>Cette fiche reste, car d&apos;autres renvoient à elle ou à ce qui lui appartient&#xa0;: %1. Supprimez ou changez d&apos;abord celles-là.</translation>
    </message>
    <message>
        <source>The form “%1” has no rows yet, so it shows no records.</source>
        <translation>Le formulaire «&#xa0;%1&#xa0;» n&apos;a pas encore de lignes&#xa0;; il ne montre donc pas de fiches.</translation>
    </message>
    <message>
        <source>The database has no table “%1” any more, so the form “%2” has no records. The form is kept as it is; bring the table back or give the form other rows.</source>
        <translation>La base n&apos;a plus de table «&#xa0;%1&#xa0;»&#xa0;; le formulaire «&#xa0;%2&#xa0;» n&apos;a donc pas de fiches. Le formulaire reste tel quel&#xa0;; ramenez la table ou donnez-lui d&apos;autres lignes.</translation>
    </message>
    <message>
        <source>The rows of “%1” belong to no row</source>
        <translation>Les lignes de «&#xa0;%1&#xa0;» n&apos;appartiennent à aucune ligne</translation>
    </message>
    <message>
        <source>More than %L1 rows belong to this record, which are too many to be summed up here</source>
        <translation>Plus de %L1 lignes appartiennent à cette fiche&#xa0;; c&apos;est trop pour les résumer ici</translation>
    </message>
    <message>
        <source>There is no such %1; choose one from the list</source>
        <translation>Cette valeur de %1 n&apos;existe pas&#xa0;; choisissez-en une dans la liste</translation>
    </message>
    <message>
        <source>A value points to a record that does not exist</source>
        <translation>Une valeur renvoie à une fiche qui n&apos;existe pas</translation>
    </message>
    <message>
        <source>These rows can only be looked at: they come from a view</source>
        <translation>Ces lignes ne peuvent qu&apos;être regardées&#xa0;: elles viennent d&apos;une vue</translation>
    </message>
    <message>
        <source>The server went away while this was being saved, so it is not known whether it was. What you typed is kept; look for the record before you save again.</source>
        <translation>Le serveur est parti pendant l&apos;enregistrement&#xa0;; on ne sait donc pas s&apos;il a eu lieu. Ce que vous avez tapé est gardé&#xa0;; cherchez la fiche avant d&apos;enregistrer de nouveau.</translation>
    </message>
    <message>
        <source>The database can only be read, so its tables cannot be changed.</source>
        <translation>La base ne peut être que lue&#xa0;; ses tables ne peuvent donc être changées.</translation>
    </message>
    <message>
        <source>“%1” is no table but a view or a SELECT; columns are added to tables.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une table mais une vue ou un SELECT&#xa0;; les colonnes s&apos;ajoutent aux tables.</translation>
    </message>
    <message>
        <source>The default must be yes or no.</source>
        <translation>La valeur par défaut doit être oui ou non.</translation>
    </message>
    <message>
        <source>The default does not fit: %1</source>
        <translation>La valeur par défaut ne convient pas&#xa0;: %1</translation>
    </message>
    <message>
        <source>Give the column a name.</source>
        <translation>Donnez un nom à la colonne.</translation>
    </message>
    <message>
        <source>“%1” has a column “%2” already.</source>
        <translation>«&#xa0;%1&#xa0;» a déjà une colonne «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>A required column needs a default, for the rows that are there already.</source>
        <translation>Une colonne obligatoire a besoin d&apos;une valeur par défaut, pour les lignes déjà là.</translation>
    </message>
    <message>
        <source>No values are stored in “%1” yet.</source>
        <translation>Aucune valeur n&apos;est encore enregistrée dans «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” holds %2 different values; that is no short list.</source>
        <translation>«&#xa0;%1&#xa0;» contient %2 valeurs différentes&#xa0;; ce n&apos;est pas une courte liste.</translation>
    </message>
    <message>
        <source>Only the values of a text column make a table of choices.</source>
        <translation>Seules les valeurs d&apos;une colonne de texte font une table de choix.</translation>
    </message>
    <message>
        <source>“%1” is chosen from another table already.</source>
        <translation>«&#xa0;%1&#xa0;» se choisit déjà dans une autre table.</translation>
    </message>
    <message>
        <source>Give the table a name.</source>
        <translation>Donnez un nom à la table.</translation>
    </message>
    <message>
        <source>There is a table “%1” already.</source>
        <translation>Il y a déjà une table «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>Nothing was changed. %1</source>
        <translation>Rien n&apos;a été changé. %1</translation>
    </message>
    <message>
        <source>The database %1 is being written by another program. Nothing was lost; try again in a moment.</source>
        <translation>Un autre programme écrit dans la base %1. Rien n&apos;a été perdu&#xa0;; essayez de nouveau dans un instant.</translation>
    </message>
    <message>
        <source>The database %1 can only be read. Ask for the right to write to the file and its folder.</source>
        <translation>La base %1 ne peut être que lue. Demandez le droit d&apos;écrire dans le fichier et son dossier.</translation>
    </message>
    <message>
        <source>The database %1 is damaged. Work on with a backup copy, or let someone repair it.</source>
        <translation>La base %1 est abîmée. Continuez sur une copie de sauvegarde, ou faites-la réparer.</translation>
    </message>
    <message>
        <source>%1 is not an SQLite database. Choose another file.</source>
        <translation>%1 n&apos;est pas une base SQLite. Choisissez un autre fichier.</translation>
    </message>
    <message>
        <source>The disk with the database %1 is full. What you typed is kept; make room and save again.</source>
        <translation>Le disque de la base %1 est plein. Ce que vous avez tapé est gardé&#xa0;; faites de la place et enregistrez de nouveau.</translation>
    </message>
    <message>
        <source>The database %1 cannot be opened. Check that the file is there and that you may read it.</source>
        <translation>La base %1 ne peut être ouverte. Vérifiez que le fichier est là et que vous pouvez le lire.</translation>
    </message>
    <message>
        <source>The disk with the database %1 does not answer as it should. Check the disk.</source>
        <translation>Le disque de la base %1 ne répond pas comme il faut. Vérifiez le disque.</translation>
    </message>
    <message>
        <source>There is no database file %1. It may have been moved or renamed; choose it anew.</source>
        <translation>Il n&apos;y a pas de fichier de base %1. Il a pu être déplacé ou renommé&#xa0;; choisissez-le à nouveau.</translation>
    </message>
    <message>
        <source>%1 is a folder. Choose a database file.</source>
        <translation>%1 est un dossier. Choisissez un fichier de base de données.</translation>
    </message>
    <message>
        <source>The database %1 cannot be read. Ask for the right to read the file.</source>
        <translation>La base %1 ne peut être lue. Demandez le droit de lire le fichier.</translation>
    </message>
    <message>
        <source>Another program is writing to the database just now. What you typed is kept; save again in a moment.</source>
        <translation>Un autre programme écrit en ce moment dans la base. Ce que vous avez tapé est gardé&#xa0;; enregistrez de nouveau dans un instant.</translation>
    </message>
    <message>
        <source>The database can only be read. Ask for the right to write to its file and folder. What you typed is kept.</source>
        <translation>La base ne peut être que lue. Demandez le droit d&apos;écrire dans son fichier et son dossier. Ce que vous avez tapé est gardé.</translation>
    </message>
    <message>
        <source>The disk is full, so nothing was saved. What you typed is kept; make room and save again.</source>
        <translation>Le disque est plein, rien n&apos;a donc été enregistré. Ce que vous avez tapé est gardé&#xa0;; faites de la place et enregistrez de nouveau.</translation>
    </message>
    <message>
        <source>The database does not say what the SELECT gives.</source>
        <translation>La base ne dit pas ce que donne le SELECT.</translation>
    </message>
    <message>
        <source>One SELECT alone goes here; there is more behind it.</source>
        <translation>Un seul SELECT va ici&#xa0;; il y a autre chose derrière.</translation>
    </message>
    <message>
        <source>The SELECT asks for values (%1) that nobody gives; write them out.</source>
        <translation>Le SELECT demande des valeurs (%1) que personne ne donne&#xa0;; écrivez-les.</translation>
    </message>
    <message>
        <source>%1 is there already.</source>
        <translation>%1 est déjà là.</translation>
    </message>
    <message>
        <source>%1 could not be made. Look whether there is room and whether you may write there.</source>
        <translation>%1 n&apos;a pu être créé. Voyez s&apos;il y a de la place et si vous avez le droit d&apos;y écrire.</translation>
    </message>
    <message>
        <source>Delete a rail</source>
        <translation>Supprimer un rail</translation>
    </message>
    <message>
        <source>Delete a control</source>
        <translation>Supprimer un élément</translation>
    </message>
    <message>
        <source>Delete %1 controls</source>
        <translation>Supprimer %1 éléments</translation>
    </message>
    <message>
        <source>That left an empty row. “Remove empty rows” (Ctrl+Alt+X) closes it up.</source>
        <translation>Cela a laissé une rangée vide. «&#xa0;Retirer les rangées vides&#xa0;» (Ctrl+Alt+X) la referme.</translation>
    </message>
    <message>
        <source>Move a rail</source>
        <translation>Déplacer un rail</translation>
    </message>
    <message>
        <source>Change a band&apos;s height</source>
        <translation>Changer la hauteur d&apos;une bande</translation>
    </message>
    <message>
        <source>Resize a control</source>
        <translation>Redimensionner un élément</translation>
    </message>
    <message>
        <source>Resize %1 controls</source>
        <translation>Redimensionner %1 éléments</translation>
    </message>
    <message>
        <source>Move a control</source>
        <translation>Déplacer un élément</translation>
    </message>
    <message>
        <source>Move %1 controls</source>
        <translation>Déplacer %1 éléments</translation>
    </message>
    <message>
        <source>Change what it does in windows of other sizes</source>
        <translation>Changer ce qu&apos;il fait dans des fenêtres d&apos;autres tailles</translation>
    </message>
    <message>
        <source>Shift a caption</source>
        <translation>Déplacer un libellé</translation>
    </message>
    <message>
        <source>Copy a control</source>
        <translation>Copier un élément</translation>
    </message>
    <message>
        <source>Copy %1 controls</source>
        <translation>Copier %1 éléments</translation>
    </message>
    <message>
        <source>Move a divider</source>
        <translation>Déplacer une séparation</translation>
    </message>
    <message>
        <source>Change the form&apos;s width</source>
        <translation>Changer la largeur du formulaire</translation>
    </message>
    <message>
        <source>Make a rail</source>
        <translation>Faire un rail</translation>
    </message>
    <message>
        <source>Set gaps to %1</source>
        <translation>Fixer les écarts à %1</translation>
    </message>
    <message>
        <source>Change the tab order</source>
        <translation>Changer l&apos;ordre de Tab</translation>
    </message>
    <message>
        <source>Move the tracing sheet</source>
        <translation>Déplacer la feuille à calquer</translation>
    </message>
    <message>
        <source>Cut a control</source>
        <translation>Couper un élément</translation>
    </message>
    <message>
        <source>Cut %1 controls</source>
        <translation>Couper %1 éléments</translation>
    </message>
    <message>
        <source>Paste rules</source>
        <translation>Coller des règles</translation>
    </message>
    <message>
        <source>Select the boxes that the rules on the clipboard should stand on.</source>
        <translation>Choisissez les champs sur lesquels doivent être les règles du presse-papiers.</translation>
    </message>
    <message>
        <source>The rules on the clipboard cannot stand on what is selected.</source>
        <translation>Les règles du presse-papiers ne peuvent être sur ce qui est choisi.</translation>
    </message>
    <message>
        <source>1 rule was added to what is selected.</source>
        <translation>1 règle a été ajoutée à ce qui est choisi.</translation>
    </message>
    <message>
        <source>%1 rules were added to what is selected.</source>
        <translation>%1 règles ont été ajoutées à ce qui est choisi.</translation>
    </message>
    <message>
        <source>There is nothing on the clipboard.</source>
        <translation>Il n&apos;y a rien dans le presse-papiers.</translation>
    </message>
    <message>
        <source>Paste a control</source>
        <translation>Coller un élément</translation>
    </message>
    <message>
        <source>Paste %1 controls</source>
        <translation>Coller %1 éléments</translation>
    </message>
    <message>
        <source>The rows of this form have no column for some of what was pasted: %1. Bind or link it to others in the inspector.</source>
        <translation>Les lignes de ce formulaire n&apos;ont pas de colonne pour une partie de ce qui a été collé&#xa0;: %1. Liez-le à d&apos;autres dans les propriétés.</translation>
    </message>
    <message>
        <source>Duplicate a control</source>
        <translation>Dupliquer un élément</translation>
    </message>
    <message>
        <source>Duplicate %1 controls</source>
        <translation>Dupliquer %1 éléments</translation>
    </message>
    <message>
        <source>Choose the buttons of a row</source>
        <translation>Choisir les boutons d&apos;une rangée</translation>
    </message>
    <message>
        <source>What was dropped is on the form already, or is not of its rows.</source>
        <translation>Ce qui a été déposé est déjà sur le formulaire, ou n&apos;est pas de ses lignes.</translation>
    </message>
    <message>
        <source>Add a field</source>
        <translation>Ajouter un champ</translation>
    </message>
    <message>
        <source>Add %1 fields</source>
        <translation>Ajouter %1 champs</translation>
    </message>
    <message>
        <source>There was no room: the form is wider now.</source>
        <translation>Il n&apos;y avait pas de place&#xa0;: le formulaire est maintenant plus large.</translation>
    </message>
    <message>
        <source>Place a picture</source>
        <translation>Placer une image</translation>
    </message>
    <message>
        <source>Choose where the rows come from first; then tables can be dropped whose rows belong to them.</source>
        <translation>Choisissez d&apos;abord d&apos;où viennent les lignes&#xa0;; alors on peut déposer des tables dont les lignes leur appartiennent.</translation>
    </message>
    <message>
        <source>No link leads from %1 to the rows of this form.</source>
        <translation>Aucun lien ne mène de %1 aux lignes de ce formulaire.</translation>
    </message>
    <message>
        <source>Add the rows of %1</source>
        <translation>Ajouter les lignes de %1</translation>
    </message>
    <message>
        <source>Rename a page</source>
        <translation>Renommer une page</translation>
    </message>
    <message>
        <source>Type words</source>
        <translation>Taper des mots</translation>
    </message>
    <message>
        <source>Change a caption</source>
        <translation>Changer un libellé</translation>
    </message>
    <message>
        <source>Words for %1: a semicolon goes on to the next. Choices stand behind a colon: Size: small, large.</source>
        <translation>Mots pour %1&#xa0;: un point-virgule passe au suivant. Les choix viennent après un deux-points&#xa0;: Taille&#xa0;: petit, grand.</translation>
    </message>
    <message>
        <source>Click a control to give it this look.</source>
        <translation>Cliquez un élément pour lui donner cette apparence.</translation>
    </message>
    <message>
        <source>Click controls to give them this look. Escape ends.</source>
        <translation>Cliquez des éléments pour leur donner cette apparence. Échap termine.</translation>
    </message>
    <message>
        <source>Copy a look</source>
        <translation>Copier une apparence</translation>
    </message>
    <message>
        <source>Draw where the %1 goes, or click for its usual size. A number places so many; with Shift another follows; Escape ends.</source>
        <translation>Tracez où va l&apos;élément (%1), ou cliquez pour sa taille habituelle. Un nombre en place autant&#xa0;; avec Maj un autre suit&#xa0;; Échap termine.</translation>
    </message>
    <message>
        <source>One %1.</source>
        <translation>Un&#xa0;: %1.</translation>
    </message>
    <message>
        <source>%1 at once: a click puts them under one another, a drag fills what is drawn.</source>
        <translation>%1 à la fois&#xa0;: un clic les met les uns sous les autres, un tracé est rempli.</translation>
    </message>
    <message>
        <source>Place a %1</source>
        <translation>Placer&#xa0;: %1</translation>
    </message>
    <message>
        <source>Click the fields in the order in which Tab is to visit them, or drag a number to another place. Escape ends.</source>
        <translation>Cliquez les champs dans l&apos;ordre où Tab doit les visiter, ou tirez un numéro ailleurs. Échap termine.</translation>
    </message>
    <message>
        <source>Select a field that Tab visits first.</source>
        <translation>Choisissez un champ que Tab visite d&apos;abord.</translation>
    </message>
    <message>
        <source>It is the outermost of the tab order.</source>
        <translation>C&apos;est l&apos;extrême de l&apos;ordre de Tab.</translation>
    </message>
    <message>
        <source>Drag the sheet, turn the wheel or press + and - to scale it, arrows shift it. Escape ends.</source>
        <translation>Tirez la feuille, tournez la molette ou pressez + et - pour l&apos;échelle, les flèches la déplacent. Échap termine.</translation>
    </message>
    <message>
        <source>Scale the tracing sheet</source>
        <translation>Changer l&apos;échelle de la feuille à calquer</translation>
    </message>
    <message>
        <source>There is no tracing sheet yet; View, Tracing sheet lays one under the form.</source>
        <translation>Il n&apos;y a pas encore de feuille à calquer&#xa0;; Affichage, Feuille à calquer en place une sous le formulaire.</translation>
    </message>
    <message>
        <source>scrolls from here at work</source>
        <translation>défile à partir d&apos;ici au travail</translation>
    </message>
    <message>
        <source>A</source>
        <comment>sign of an automatic rail</comment>
        <translation>A</translation>
    </message>
    <message>
        <source>%1 · lead</source>
        <translation>%1 · meneur</translation>
    </message>
    <message>
        <source>Rail “%1”: stands clear of the longest caption. Drag to move all edges on it.</source>
        <translation>Rail «&#xa0;%1&#xa0;»&#xa0;: laisse place au plus long libellé. Tirez pour déplacer tous les bords qu&apos;il porte.</translation>
    </message>
    <message>
        <source>Rail “%1”. Drag to move all edges on it.</source>
        <translation>Rail «&#xa0;%1&#xa0;». Tirez pour déplacer tous les bords qu&apos;il porte.</translation>
    </message>
    <message>
        <source>Drag down from here to make a rail.</source>
        <translation>Tirez d&apos;ici vers le bas pour faire un rail.</translation>
    </message>
    <message>
        <source>The form&apos;s right edge. Drag to change the width.</source>
        <translation>Le bord droit du formulaire. Tirez pour changer la largeur.</translation>
    </message>
    <message>
        <source>Drag to change the band&apos;s height; with Ctrl, what is there is pushed along.</source>
        <translation>Tirez pour changer la hauteur de la bande&#xa0;; avec Ctrl, ce qui est là est poussé.</translation>
    </message>
    <message>
        <source>Click to give all gaps this size.</source>
        <translation>Cliquez pour donner cette taille à tous les écarts.</translation>
    </message>
    <message>
        <source>Drag to shift the caption alone.</source>
        <translation>Tirez pour déplacer le libellé seul.</translation>
    </message>
    <message>
        <source>Click to select the band.</source>
        <translation>Cliquez pour choisir la bande.</translation>
    </message>
    <message>
        <source>Drag right from here to make a level rail.</source>
        <translation>Tirez d&apos;ici vers la droite pour faire un rail horizontal.</translation>
    </message>
    <message>
        <source>Drag to give one pane more room.</source>
        <translation>Tirez pour donner plus de place à un volet.</translation>
    </message>
    <message>
        <source>Click to add a header.</source>
        <translation>Cliquez pour ajouter un en-tête.</translation>
    </message>
    <message>
        <source>Click to add a footer.</source>
        <translation>Cliquez pour ajouter un pied.</translation>
    </message>
    <message>
        <source>When the window gets wider: as its rails do. Click to have it stay.</source>
        <translation>Quand la fenêtre s&apos;élargit&#xa0;: comme ses rails. Cliquez pour qu&apos;il reste.</translation>
    </message>
    <message>
        <source>When the window gets higher: as its rails do. Click to have it stay.</source>
        <translation>Quand la fenêtre grandit&#xa0;: comme ses rails. Cliquez pour qu&apos;il reste.</translation>
    </message>
    <message>
        <source>When the window gets wider, it stays. Click to have it move.</source>
        <translation>Quand la fenêtre s&apos;élargit, il reste. Cliquez pour qu&apos;il suive.</translation>
    </message>
    <message>
        <source>When the window gets higher, it stays. Click to have it move.</source>
        <translation>Quand la fenêtre grandit, il reste. Cliquez pour qu&apos;il suive.</translation>
    </message>
    <message>
        <source>It moves with the right edge. Click to have it stretch.</source>
        <translation>Il suit le bord droit. Cliquez pour qu&apos;il s&apos;étire.</translation>
    </message>
    <message>
        <source>It moves with the bottom. Click to have it stretch.</source>
        <translation>Il suit le bas. Cliquez pour qu&apos;il s&apos;étire.</translation>
    </message>
    <message>
        <source>It gets wider with the window. Click to have it keep its share.</source>
        <translation>Il s&apos;élargit avec la fenêtre. Cliquez pour qu&apos;il garde sa part.</translation>
    </message>
    <message>
        <source>It gets higher with the window. Click to have it keep its share.</source>
        <translation>Il grandit avec la fenêtre. Cliquez pour qu&apos;il garde sa part.</translation>
    </message>
    <message>
        <source>It keeps its share of the width. Click to have it stay.</source>
        <translation>Il garde sa part de la largeur. Cliquez pour qu&apos;il reste.</translation>
    </message>
    <message>
        <source>It keeps its share of the height. Click to have it stay.</source>
        <translation>Il garde sa part de la hauteur. Cliquez pour qu&apos;il reste.</translation>
    </message>
    <message>
        <source>left be</source>
        <translation>laissé de côté</translation>
    </message>
    <message>
        <source>%1 Left be: %2</source>
        <translation>%1 Laissé de côté&#xa0;: %2</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Constats</translation>
    </message>
    <message>
        <source>Columnar</source>
        <translation>En colonne</translation>
    </message>
    <message>
        <source>captions beside</source>
        <translation>libellés à côté</translation>
    </message>
    <message>
        <source>Stacked</source>
        <translation>Empilé</translation>
    </message>
    <message>
        <source>captions above</source>
        <translation>libellés dessus</translation>
    </message>
    <message>
        <source>Tabular</source>
        <translation>En tableau</translation>
    </message>
    <message>
        <source>many records</source>
        <translation>bien des fiches</translation>
    </message>
    <message>
        <source>tabular</source>
        <translation>en tableau</translation>
    </message>
    <message>
        <source>columnar</source>
        <translation>en colonne</translation>
    </message>
    <message>
        <source>stacked</source>
        <translation>empilé</translation>
    </message>
    <message>
        <source>own form, by a button</source>
        <translation>son formulaire, par un bouton</translation>
    </message>
    <message>
        <source>%1, %2, %3, left %4, top %5</source>
        <translation>%1, %2, %3, gauche %4, haut %5</translation>
    </message>
    <message>
        <source>Rails</source>
        <translation>Rails</translation>
    </message>
    <message>
        <source>Rename a control</source>
        <translation>Renommer un élément</translation>
    </message>
    <message>
        <source>Rename a rail</source>
        <translation>Renommer un rail</translation>
    </message>
    <message>
        <source>rounded to 2 decimals</source>
        <translation>arrondi à 2 décimales</translation>
    </message>
    <message>
        <source>without its sign</source>
        <translation>sans son signe</translation>
    </message>
    <message>
        <source>the smaller of two</source>
        <translation>le plus petit des deux</translation>
    </message>
    <message>
        <source>the greater of two</source>
        <translation>le plus grand des deux</translation>
    </message>
    <message>
        <source>the first that is not blank</source>
        <translation>le premier qui n&apos;est pas vide</translation>
    </message>
    <message>
        <source>one value or another</source>
        <translation>une valeur ou une autre</translation>
    </message>
    <message>
        <source>joined to another text</source>
        <translation>joint à un autre texte</translation>
    </message>
    <message>
        <source>in capitals</source>
        <translation>en majuscules</translation>
    </message>
    <message>
        <source>in small letters</source>
        <translation>en minuscules</translation>
    </message>
    <message>
        <source>without blanks around it</source>
        <translation>sans blancs autour</translation>
    </message>
    <message>
        <source>a part of it: from letter 1, 3 letters</source>
        <translation>une partie&#xa0;: à partir de la lettre 1, 3 lettres</translation>
    </message>
    <message>
        <source>how many letters</source>
        <translation>combien de lettres</translation>
    </message>
    <message>
        <source>one text in place of another</source>
        <translation>un texte à la place d&apos;un autre</translation>
    </message>
    <message>
        <source>days since then</source>
        <translation>jours depuis</translation>
    </message>
    <message>
        <source>14 days later</source>
        <translation>14 jours plus tard</translation>
    </message>
    <message>
        <source>the first of its month</source>
        <translation>le premier de son mois</translation>
    </message>
    <message>
        <source>its year</source>
        <translation>son année</translation>
    </message>
    <message>
        <source>how many</source>
        <translation>combien</translation>
    </message>
    <message>
        <source>Sum of</source>
        <translation>Somme de</translation>
    </message>
    <message>
        <source>Greatest or latest</source>
        <translation>Le plus grand ou le dernier</translation>
    </message>
    <message>
        <source>Mean of</source>
        <translation>Moyenne de</translation>
    </message>
    <message>
        <source>A column</source>
        <translation>Une colonne</translation>
    </message>
    <message>
        <source>Worked out of it</source>
        <translation>Calculé d&apos;après elle</translation>
    </message>
    <message>
        <source>Rows of “%1”</source>
        <translation>Lignes de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Put in…</source>
        <translation>Mettre…</translation>
    </message>
    <message>
        <source>Columns, what can be worked out of them, and rows that belong to the record</source>
        <translation>Des colonnes, ce qu&apos;on peut en calculer, et des lignes qui appartiennent à la fiche</translation>
    </message>
    <message>
        <source>a picture</source>
        <translation>une image</translation>
    </message>
    <message>
        <source>%L1 of %L2 so far</source>
        <translation>%L1 sur %L2 jusqu&apos;ici</translation>
    </message>
    <message>
        <source>%L1 of %L2</source>
        <translation>%L1 sur %L2</translation>
    </message>
    <message>
        <source>all hold</source>
        <translation>toutes la respectent</translation>
    </message>
    <message>
        <source>%L1 stored values are written otherwise</source>
        <translation>%L1 valeurs enregistrées sont écrites autrement</translation>
    </message>
    <message>
        <source>%L1 of %L2 stored rows do not hold</source>
        <translation>%L1 lignes enregistrées sur %L2 ne la respectent pas</translation>
    </message>
    <message>
        <source>true for no stored row</source>
        <translation>vrai pour aucune ligne enregistrée</translation>
    </message>
    <message>
        <source>true for every stored row</source>
        <translation>vrai pour chaque ligne enregistrée</translation>
    </message>
    <message>
        <source>as is usual</source>
        <translation>comme d&apos;habitude</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papier</translation>
    </message>
    <message>
        <source>a light tint</source>
        <translation>une teinte légère</translation>
    </message>
    <message>
        <source>a stronger tint</source>
        <translation>une teinte plus forte</translation>
    </message>
    <message>
        <source>A rail needs a name.</source>
        <translation>Un rail a besoin d&apos;un nom.</translation>
    </message>
    <message>
        <source>That would be above the body.</source>
        <translation>Ce serait au-dessus du corps.</translation>
    </message>
    <message>
        <source>That would be left of the form.</source>
        <translation>Ce serait à gauche du formulaire.</translation>
    </message>
    <message>
        <source>to the top</source>
        <translation>au haut</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>to the bottom</source>
        <translation>au bas</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>its share of the height</source>
        <translation>sa part de la hauteur</translation>
    </message>
    <message>
        <source>its share of the width</source>
        <translation>sa part de la largeur</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Hauteur</translation>
    </message>
    <message>
        <source>The band&apos;s height. It stops at the lowest control.</source>
        <translation>La hauteur de la bande. Elle s&apos;arrête à l&apos;élément le plus bas.</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>The band&apos;s ground, one of the look&apos;s.</source>
        <translation>Le fond de la bande, l&apos;un de ceux de l&apos;apparence.</translation>
    </message>
    <message>
        <source>Change a band&apos;s colour</source>
        <translation>Changer la couleur d&apos;une bande</translation>
    </message>
    <message>
        <source>Controls</source>
        <translation>Éléments</translation>
    </message>
    <message>
        <source>How many controls stand in the band.</source>
        <translation>Combien d&apos;éléments sont dans la bande.</translation>
    </message>
    <message>
        <source>Rail</source>
        <translation>Rail</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>What the rail is called here and in the file.</source>
        <translation>Comment le rail s&apos;appelle ici et dans le fichier.</translation>
    </message>
    <message>
        <source>At</source>
        <translation>À</translation>
    </message>
    <message>
        <source>From the form&apos;s left edge, or from the body&apos;s top. All edges on it go along.</source>
        <translation>Depuis le bord gauche du formulaire, ou le haut du corps. Tous les bords qu&apos;il porte suivent.</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Contient</translation>
    </message>
    <message>
        <source>How the rail moves when the window gets wider, or higher.</source>
        <translation>Comment le rail bouge quand la fenêtre s&apos;élargit ou grandit.</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Automatique</translation>
    </message>
    <message>
        <source>The rail stands just clear of the longest caption that ends on it.</source>
        <translation>Le rail laisse juste place au plus long libellé qui s&apos;y termine.</translation>
    </message>
    <message>
        <source>Edges on it</source>
        <translation>Bords dessus</translation>
    </message>
    <message>
        <source>How many edges ride the rail.</source>
        <translation>Combien de bords suivent le rail.</translation>
    </message>
    <message>
        <source>“%1” is no key. Write it as Ctrl+Shift+1 or F8.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une touche. Écrivez Ctrl+Shift+1 ou F8.</translation>
    </message>
    <message>
        <source>%1 is the key of “%2” already. Choose another one.</source>
        <translation>%1 est déjà la touche de «&#xa0;%2&#xa0;». Choisissez-en une autre.</translation>
    </message>
    <message>
        <source>%1 (not in the project)</source>
        <translation>%1 (pas dans le projet)</translation>
    </message>
    <message>
        <source>What stands on the button.</source>
        <translation>Ce qui est écrit sur le bouton.</translation>
    </message>
    <message>
        <source>Change the words of a button</source>
        <translation>Changer les mots d&apos;un bouton</translation>
    </message>
    <message>
        <source>Does</source>
        <translation>Fait</translation>
    </message>
    <message>
        <source>What happens when it is pressed.</source>
        <translation>Ce qui se passe quand on appuie.</translation>
    </message>
    <message>
        <source>Change what a button does</source>
        <translation>Changer ce que fait un bouton</translation>
    </message>
    <message>
        <source>With</source>
        <translation>Avec</translation>
    </message>
    <message>
        <source>What the action wants to be told. Names of columns in braces are filled in: {asset_no}. Pages by their title; values as “Status = withdrawn; Laid on = today”; in SQL :asset_no is the row&apos;s value.</source>
        <translation>Ce que l&apos;action veut savoir. Les noms de colonnes entre accolades sont remplis&#xa0;: {asset_no}. Les pages par leur titre&#xa0;; les valeurs comme «&#xa0;Statut = retirée; Posée le = today&#xa0;»&#xa0;; en SQL,&#xa0;:asset_no est la valeur de la ligne.</translation>
    </message>
    <message>
        <source>Change what a button is told</source>
        <translation>Changer ce qui est dit à un bouton</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Ensuite</translation>
    </message>
    <message>
        <source>What it does behind that, an action a line, as they are called under “Does”, such as “Go to a page of the form: Details”. It stops at the first that cannot be done.</source>
        <translation>Ce qu&apos;il fait ensuite, une action par ligne, comme elles s&apos;appellent sous «&#xa0;Fait&#xa0;», par exemple «&#xa0;Aller à une page du formulaire&#xa0;: Détails&#xa0;». Il s&apos;arrête à la première qui ne peut se faire.</translation>
    </message>
    <message>
        <source>Asks first</source>
        <translation>Demande d&apos;abord</translation>
    </message>
    <message>
        <source>A question that people answer before anything is done. Empty: none.</source>
        <translation>Une question à laquelle on répond avant que rien ne soit fait. Vide&#xa0;: aucune.</translation>
    </message>
    <message>
        <source>Change what a button asks</source>
        <translation>Changer ce que demande un bouton</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Touche</translation>
    </message>
    <message>
        <source>Presses it from anywhere on the form: Ctrl+Shift+1.</source>
        <translation>L&apos;actionne de partout sur le formulaire&#xa0;: Ctrl+Shift+1.</translation>
    </message>
    <message>
        <source>Change the key of a button</source>
        <translation>Changer la touche d&apos;un bouton</translation>
    </message>
    <message>
        <source>A PNG, JPEG or SVG file on the button; it becomes part of the form.</source>
        <translation>Un fichier PNG, JPEG ou SVG sur le bouton&#xa0;; il fait partie du formulaire.</translation>
    </message>
    <message>
        <source>Opens</source>
        <translation>Ouvre</translation>
    </message>
    <message>
        <source>The form of this project that it opens.</source>
        <translation>Le formulaire de ce projet qu&apos;il ouvre.</translation>
    </message>
    <message>
        <source>Change what a button opens</source>
        <translation>Changer ce qu&apos;ouvre un bouton</translation>
    </message>
    <message>
        <source>Matched by</source>
        <translation>Accordé par</translation>
    </message>
    <message>
        <source>Which column there holds which column here: buoy_id = id. Empty: it opens at its first record.</source>
        <translation>Quelle colonne là-bas contient quelle colonne d&apos;ici&#xa0;: buoy_id = id. Vide&#xa0;: il s&apos;ouvre à sa première fiche.</translation>
    </message>
    <message>
        <source>%1 (not on this computer)</source>
        <translation>%1 (pas sur cet ordinateur)</translation>
    </message>
    <message>
        <source>%1 (not in this project)</source>
        <translation>%1 (pas dans ce projet)</translation>
    </message>
    <message>
        <source>“%1” has no column “%2”. Write it as in: buoy_id = id.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de colonne «&#xa0;%2&#xa0;». Écrivez comme dans&#xa0;: buoy_id = id.</translation>
    </message>
    <message>
        <source>A column is missing beside “%1”. Write it as in: buoy_id = id.</source>
        <translation>Il manque une colonne à côté de «&#xa0;%1&#xa0;». Écrivez comme dans&#xa0;: buoy_id = id.</translation>
    </message>
    <message>
        <source>Every page needs a title; a bar | stands between two of them.</source>
        <translation>Chaque page a besoin d&apos;un titre&#xa0;; une barre | en sépare deux.</translation>
    </message>
    <message>
        <source>These are fewer titles than pages. A page goes by “Remove the page”, with what stands on it.</source>
        <translation>Il y a moins de titres que de pages. Une page s&apos;en va par «&#xa0;Retirer la page&#xa0;», avec ce qu&apos;elle porte.</translation>
    </message>
    <message>
        <source>The words at the top of the frame; it may go without.</source>
        <translation>Les mots en haut du cadre&#xa0;; il peut s&apos;en passer.</translation>
    </message>
    <message>
        <source>Change a heading</source>
        <translation>Changer un titre</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Pages</translation>
    </message>
    <message>
        <source>The titles of the pages, with a bar | between them; one more title makes one more page.</source>
        <translation>Les titres des pages, séparés par une barre |&#xa0;; un titre de plus fait une page de plus.</translation>
    </message>
    <message>
        <source>Change pages</source>
        <translation>Changer des pages</translation>
    </message>
    <message>
        <source>One above</source>
        <translation>L&apos;un sur l&apos;autre</translation>
    </message>
    <message>
        <source>The panes stand one above the other, not side by side.</source>
        <translation>Les volets sont l&apos;un sur l&apos;autre, non côte à côte.</translation>
    </message>
    <message>
        <source>Turn the panes</source>
        <translation>Tourner les volets</translation>
    </message>
    <message>
        <source>Divider at</source>
        <translation>Séparation à</translation>
    </message>
    <message>
        <source>From the edge of the first pane. At work people move it.</source>
        <translation>Depuis le bord du premier volet. Au travail, on la déplace.</translation>
    </message>
    <message>
        <source>Move the divider</source>
        <translation>Déplacer la séparation</translation>
    </message>
    <message>
        <source>How many controls are in it.</source>
        <translation>Combien d&apos;éléments y sont.</translation>
    </message>
    <message>
        <source>The form&apos;s rows have no column “%1”.</source>
        <translation>Les lignes du formulaire n&apos;ont pas de colonne «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>What is selected cannot become a %1: its column holds something else, or there is nothing to choose from.</source>
        <translation>Ce qui est choisi ne peut devenir&#xa0;: %1. Sa colonne contient autre chose, ou il n&apos;y a rien parmi quoi choisir.</translation>
    </message>
    <message>
        <source>A caption needs words. To be without one, remove it.</source>
        <translation>Un libellé a besoin de mots. Pour s&apos;en passer, retirez-le.</translation>
    </message>
    <message>
        <source>That would be outside of the band.</source>
        <translation>Ce serait hors de la bande.</translation>
    </message>
    <message>
        <source>No control is smaller than %1 px.</source>
        <translation>Aucun élément n&apos;est plus petit que %1 px.</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>left edge</source>
        <translation>bord gauche</translation>
    </message>
    <message>
        <source>right edge</source>
        <translation>bord droit</translation>
    </message>
    <message>
        <source>top</source>
        <translation>haut</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>bas</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>reste</translation>
    </message>
    <message>
        <source>moves</source>
        <translation>suit</translation>
    </message>
    <message>
        <source>stretches</source>
        <translation>s&apos;étire</translation>
    </message>
    <message>
        <source>its share</source>
        <translation>sa part</translation>
    </message>
    <message>
        <source>as its rails</source>
        <translation>comme ses rails</translation>
    </message>
    <message>
        <source>Field</source>
        <translation>Champ</translation>
    </message>
    <message>
        <source>A control needs a name.</source>
        <translation>Un élément a besoin d&apos;un nom.</translation>
    </message>
    <message>
        <source>“%1” is the name of another control.</source>
        <translation>«&#xa0;%1&#xa0;» est le nom d&apos;un autre élément.</translation>
    </message>
    <message>
        <source>Bound to</source>
        <translation>Lié à</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Colonne</translation>
    </message>
    <message>
        <source>The column whose value the box shows and writes.</source>
        <translation>La colonne dont le champ montre et écrit la valeur.</translation>
    </message>
    <message>
        <source>Change what a box is bound to</source>
        <translation>Changer à quoi un champ est lié</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Genre</translation>
    </message>
    <message>
        <source>What sort of control this is; it keeps its column, caption, name and place.</source>
        <translation>De quelle sorte est cet élément&#xa0;; il garde sa colonne, son libellé, son nom et sa place.</translation>
    </message>
    <message>
        <source>Change a kind</source>
        <translation>Changer un genre</translation>
    </message>
    <message>
        <source>What stands beside the box. A double click on the form edits it there.</source>
        <translation>Ce qui est à côté du champ. Un double clic sur le formulaire le modifie là.</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Place</translation>
    </message>
    <message>
        <source>From the form&apos;s left edge. +8 moves on, 12mm and 1in do as well, *2 and /2 too.</source>
        <translation>Depuis le bord gauche du formulaire. +8 avance, 12mm et 1in vont aussi, *2 et /2 de même.</translation>
    </message>
    <message>
        <source>Move by number</source>
        <translation>Déplacer par nombre</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>From the band&apos;s top edge. Arithmetic as for Left.</source>
        <translation>Depuis le haut de la bande. Calculs comme pour Gauche.</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Largeur</translation>
    </message>
    <message>
        <source>How wide it is. Arithmetic as for Left.</source>
        <translation>Sa largeur. Calculs comme pour Gauche.</translation>
    </message>
    <message>
        <source>Resize by number</source>
        <translation>Redimensionner par nombre</translation>
    </message>
    <message>
        <source>How high it is. Arithmetic as for Left.</source>
        <translation>Sa hauteur. Calculs comme pour Gauche.</translation>
    </message>
    <message>
        <source>Wider</source>
        <translation>Plus large</translation>
    </message>
    <message>
        <source>What it does when the window gets wider: it stays at the left, moves with the right edge, stretches between both, or keeps its share of the width.</source>
        <translation>Ce qu&apos;il fait quand la fenêtre s&apos;élargit&#xa0;: il reste à gauche, suit le bord droit, s&apos;étire entre les deux, ou garde sa part de la largeur.</translation>
    </message>
    <message>
        <source>Change a hold</source>
        <translation>Changer une attache</translation>
    </message>
    <message>
        <source>Higher</source>
        <translation>Plus haute</translation>
    </message>
    <message>
        <source>What it does when the window gets higher: it stays at the top, moves with the bottom, stretches between both, or keeps its share of the height.</source>
        <translation>Ce qu&apos;il fait quand la fenêtre grandit&#xa0;: il reste en haut, suit le bas, s&apos;étire entre les deux, ou garde sa part de la hauteur.</translation>
    </message>
    <message>
        <source>Left rides</source>
        <translation>Gauche suit</translation>
    </message>
    <message>
        <source>The rail that the left edge keeps to, however the rail or the window moves.</source>
        <translation>Le rail auquel tient le bord gauche, comment que bouge le rail ou la fenêtre.</translation>
    </message>
    <message>
        <source>Right rides</source>
        <translation>Droite suit</translation>
    </message>
    <message>
        <source>The rail that the right edge keeps to. With the left edge free it moves, with both held it stretches.</source>
        <translation>Le rail auquel tient le bord droit. Le bord gauche libre, il se déplace&#xa0;; les deux tenus, il s&apos;étire.</translation>
    </message>
    <message>
        <source>Top rides</source>
        <translation>Haut suit</translation>
    </message>
    <message>
        <source>The level rail that the top edge keeps to.</source>
        <translation>Le rail horizontal auquel tient le bord haut.</translation>
    </message>
    <message>
        <source>Bottom rides</source>
        <translation>Bas suit</translation>
    </message>
    <message>
        <source>The level rail that the bottom edge keeps to. With the top edge free it moves, with both held it stretches.</source>
        <translation>Le rail horizontal auquel tient le bord bas. Le bord haut libre, il se déplace&#xa0;; les deux tenus, il s&apos;étire.</translation>
    </message>
    <message>
        <source>Role</source>
        <translation>Rôle</translation>
    </message>
    <message>
        <source>Which of the look&apos;s fonts and colours it has.</source>
        <translation>Quels caractères et couleurs de l&apos;apparence il a.</translation>
    </message>
    <message>
        <source>Change a look</source>
        <translation>Changer une apparence</translation>
    </message>
    <message>
        <source>What formulas and the file call this control.</source>
        <translation>Comment les formules et le fichier appellent cet élément.</translation>
    </message>
    <message>
        <source>A number of lines from 1 to %1 was expected.</source>
        <translation>Un nombre de lignes de 1 à %1 était attendu.</translation>
    </message>
    <message>
        <source>Yes or no was expected, or nothing.</source>
        <translation>Oui ou non était attendu, ou rien.</translation>
    </message>
    <message>
        <source>Starts with</source>
        <translation>Commence par</translation>
    </message>
    <message>
        <source>What a new record has here: a value, today, now, or = and an SQL expression. Empty: nothing.</source>
        <translation>Ce qu&apos;une nouvelle fiche a ici&#xa0;: une valeur, today, now, ou = et une expression SQL. Vide&#xa0;: rien.</translation>
    </message>
    <message>
        <source>Change what a new record starts with</source>
        <translation>Changer ce par quoi commence une nouvelle fiche</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>À côté</translation>
    </message>
    <message>
        <source>The words at the right of the sign.</source>
        <translation>Les mots à droite du signe.</translation>
    </message>
    <message>
        <source>Change words</source>
        <translation>Changer des mots</translation>
    </message>
    <message>
        <source>Fixed picture</source>
        <translation>Image fixe</translation>
    </message>
    <message>
        <source>A picture that is part of the form, such as a logo; it shows no column then.</source>
        <translation>Une image qui fait partie du formulaire, comme un logo&#xa0;; elle ne montre alors aucune colonne.</translation>
    </message>
    <message>
        <source>Change a picture</source>
        <translation>Changer une image</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Lignes</translation>
    </message>
    <message>
        <source>How many lines of text the box is high.</source>
        <translation>Combien de lignes de texte le champ a en hauteur.</translation>
    </message>
    <message>
        <source>Change the lines shown</source>
        <translation>Changer les lignes montrées</translation>
    </message>
    <message>
        <source>Looks like</source>
        <translation>Ressemble à</translation>
    </message>
    <message>
        <source>A number as it is written with these settings.</source>
        <translation>Un nombre tel que ces réglages l&apos;écrivent.</translation>
    </message>
    <message>
        <source>Something stands there. Move or delete that first, or remove the band from the menu of the board.</source>
        <translation>Il y a quelque chose là. Déplacez-le ou supprimez-le d&apos;abord, ou retirez la bande par le menu du plan.</translation>
    </message>
    <message>
        <source>A form needs a name to be saved under.</source>
        <translation>Un formulaire a besoin d&apos;un nom sous lequel être enregistré.</translation>
    </message>
    <message>
        <source>The form is saved as “%1”. File, Rename form gives it another name wherever it is named.</source>
        <translation>Le formulaire est enregistré sous «&#xa0;%1&#xa0;». Fichier, Renommer le formulaire lui donne un autre nom partout où il est nommé.</translation>
    </message>
    <message>
        <source>The project has another form “%1”.</source>
        <translation>Le projet a un autre formulaire «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>aucune pour l&apos;instant</translation>
    </message>
    <message>
        <source>own SELECT</source>
        <translation>SELECT à vous</translation>
    </message>
    <message>
        <source>The form cannot be narrower than %1: controls stand there.</source>
        <translation>Le formulaire ne peut être plus étroit que %1&#xa0;: des éléments y sont.</translation>
    </message>
    <message>
        <source>No window is as narrow as that.</source>
        <translation>Aucune fenêtre n&apos;est aussi étroite.</translation>
    </message>
    <message>
        <source>No window is as low as that.</source>
        <translation>Aucune fenêtre n&apos;est aussi basse.</translation>
    </message>
    <message>
        <source>not smaller</source>
        <translation>pas plus petite</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fixe</translation>
    </message>
    <message>
        <source>at the left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>The list is from 40 to 2000 px wide.</source>
        <translation>La liste a de 40 à 2000 px de large.</translation>
    </message>
    <message>
        <source>“%1” has no column “%2”.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de colonne «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>below the rows</source>
        <translation>sous les lignes</translation>
    </message>
    <message>
        <source>in place of the rows</source>
        <translation>à la place des lignes</translation>
    </message>
    <message>
        <source>in its own window</source>
        <translation>dans sa propre fenêtre</translation>
    </message>
    <message>
        <source>The form needs rows first: choose where they come from.</source>
        <translation>Le formulaire a d&apos;abord besoin de lignes&#xa0;: choisissez d&apos;où elles viennent.</translation>
    </message>
    <message>
        <source>The pitch is from 1 to 200 px.</source>
        <translation>Le pas va de 1 à 200 px.</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>Points</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Rien</translation>
    </message>
    <message>
        <source>as it reads</source>
        <translation>comme on lit</translation>
    </message>
    <message>
        <source>by rows</source>
        <translation>par lignes</translation>
    </message>
    <message>
        <source>by columns</source>
        <translation>par colonnes</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>à la main</translation>
    </message>
    <message>
        <source>Choose another sheet in the View menu; clear this to take the sheet away.</source>
        <translation>Choisissez une autre feuille dans le menu Affichage&#xa0;; videz ceci pour ôter la feuille.</translation>
    </message>
    <message>
        <source>A whole number from 1 to %1 was expected.</source>
        <translation>Un nombre entier de 1 à %1 était attendu.</translation>
    </message>
    <message>
        <source>The words in the window&apos;s title bar. The saved name stays as it is.</source>
        <translation>Les mots dans la barre de titre de la fenêtre. Le nom enregistré reste.</translation>
    </message>
    <message>
        <source>What the form is saved and found as.</source>
        <translation>Sous quel nom le formulaire est enregistré et trouvé.</translation>
    </message>
    <message>
        <source>Rename the form</source>
        <translation>Renommer le formulaire</translation>
    </message>
    <message>
        <source>How far people may change the window. A free one gets as small as nothing overlaps.</source>
        <translation>Jusqu&apos;où on peut changer la fenêtre. Libre, elle devient aussi petite que rien ne se recouvre.</translation>
    </message>
    <message>
        <source>Change the window&apos;s size</source>
        <translation>Changer la taille de la fenêtre</translation>
    </message>
    <message>
        <source>Record strip</source>
        <translation>Barre des fiches</translation>
    </message>
    <message>
        <source>The strip below the form, for going through the records, saving and taking back.</source>
        <translation>La barre sous le formulaire, pour parcourir les fiches, enregistrer et revenir.</translation>
    </message>
    <message>
        <source>Show or hide the record strip</source>
        <translation>Montrer ou cacher la barre des fiches</translation>
    </message>
    <message>
        <source>Scroll bars</source>
        <translation>Barres de défilement</translation>
    </message>
    <message>
        <source>Where there is no room for the whole form.</source>
        <translation>Là où il n&apos;y a pas de place pour tout le formulaire.</translation>
    </message>
    <message>
        <source>Show or hide scroll bars</source>
        <translation>Montrer ou cacher les barres de défilement</translation>
    </message>
    <message>
        <source>Record list</source>
        <translation>Liste des fiches</translation>
    </message>
    <message>
        <source>The records beside the form: one picks there and works here.</source>
        <translation>Les fiches à côté du formulaire&#xa0;: on choisit là et on travaille ici.</translation>
    </message>
    <message>
        <source>Show or hide the record list</source>
        <translation>Montrer ou cacher la liste des fiches</translation>
    </message>
    <message>
        <source>List shows</source>
        <translation>La liste montre</translation>
    </message>
    <message>
        <source>The columns in the list: name, laid_on. Empty: what tells the records apart.</source>
        <translation>Les colonnes de la liste&#xa0;: name, laid_on. Vide&#xa0;: ce qui distingue les fiches.</translation>
    </message>
    <message>
        <source>Change the record list</source>
        <translation>Changer la liste des fiches</translation>
    </message>
    <message>
        <source>List width</source>
        <translation>Largeur de liste</translation>
    </message>
    <message>
        <source>How wide the list opens; people may move its edge.</source>
        <translation>La largeur à l&apos;ouverture&#xa0;; on peut en déplacer le bord.</translation>
    </message>
    <message>
        <source>Rows from</source>
        <translation>Lignes de</translation>
    </message>
    <message>
        <source>The table or view that the form shows and writes.</source>
        <translation>La table ou la vue que le formulaire montre et écrit.</translation>
    </message>
    <message>
        <source>Whole row</source>
        <translation>Ligne entière</translation>
    </message>
    <message>
        <source>Where one row is shown in full, on a form of its own: Arrange, Go into the form of one row.</source>
        <translation>Où une ligne est montrée en entier, sur un formulaire à elle&#xa0;: Disposer, Entrer dans le formulaire d&apos;une ligne.</translation>
    </message>
    <message>
        <source>Change where a row is shown in full</source>
        <translation>Changer où une ligne est montrée en entier</translation>
    </message>
    <message>
        <source>Bands</source>
        <translation>Bandes</translation>
    </message>
    <message>
        <source>A band above the body, with a title for example.</source>
        <translation>Une bande au-dessus du corps, avec un titre par exemple.</translation>
    </message>
    <message>
        <source>Add or remove the header</source>
        <translation>Ajouter ou retirer l&apos;en-tête</translation>
    </message>
    <message>
        <source>A band below the body, with buttons for example.</source>
        <translation>Une bande sous le corps, avec des boutons par exemple.</translation>
    </message>
    <message>
        <source>Add or remove the footer</source>
        <translation>Ajouter ou retirer le pied</translation>
    </message>
    <message>
        <source>The form&apos;s width. It stops at the rightmost control.</source>
        <translation>La largeur du formulaire. Elle s&apos;arrête à l&apos;élément le plus à droite.</translation>
    </message>
    <message>
        <source>Narrowest</source>
        <translation>La plus étroite</translation>
    </message>
    <message>
        <source>The narrowest its window may get. Empty: as narrow as nothing overlaps.</source>
        <translation>Jusqu&apos;où sa fenêtre peut se rétrécir. Vide&#xa0;: aussi étroite que rien ne se recouvre.</translation>
    </message>
    <message>
        <source>Pin the smallest width</source>
        <translation>Fixer la plus petite largeur</translation>
    </message>
    <message>
        <source>Lowest</source>
        <translation>La plus basse</translation>
    </message>
    <message>
        <source>The lowest the form may be shown, all bands together. Empty: as low as nothing overlaps.</source>
        <translation>Jusqu&apos;où le formulaire peut être bas, toutes bandes ensemble. Vide&#xa0;: aussi bas que rien ne se recouvre.</translation>
    </message>
    <message>
        <source>Pin the smallest height</source>
        <translation>Fixer la plus petite hauteur</translation>
    </message>
    <message>
        <source>Tab goes</source>
        <translation>Tab va</translation>
    </message>
    <message>
        <source>The order in which Tab visits the fields.</source>
        <translation>L&apos;ordre dans lequel Tab visite les champs.</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Pas</translation>
    </message>
    <message>
        <source>The distance between grid lines. What is dragged lands on them.</source>
        <translation>La distance entre les lignes de la grille. Ce qu&apos;on tire s&apos;y pose.</translation>
    </message>
    <message>
        <source>Shown as</source>
        <translation>Montré comme</translation>
    </message>
    <message>
        <source>How the grid is drawn. It works even when it is not drawn.</source>
        <translation>Comment la grille est dessinée. Elle agit même sans être dessinée.</translation>
    </message>
    <message>
        <source>Tracing sheet</source>
        <translation>Feuille à calquer</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Feuille</translation>
    </message>
    <message>
        <source>The picture under the form. Clear this to take it away.</source>
        <translation>L&apos;image sous le formulaire. Videz ceci pour l&apos;ôter.</translation>
    </message>
    <message>
        <source>Change the tracing sheet</source>
        <translation>Changer la feuille à calquer</translation>
    </message>
    <message>
        <source>Where its left edge lies on the form.</source>
        <translation>Où son bord gauche se trouve sur le formulaire.</translation>
    </message>
    <message>
        <source>Where its top edge lies on the form.</source>
        <translation>Où son bord haut se trouve sur le formulaire.</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Échelle</translation>
    </message>
    <message>
        <source>Its size, of its own size.</source>
        <translation>Sa taille, par rapport à la sienne.</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Force</translation>
    </message>
    <message>
        <source>How strongly it shows through.</source>
        <translation>À quel point elle transparaît.</translation>
    </message>
    <message>
        <source>scaled to cover all</source>
        <translation>agrandie jusqu&apos;à tout couvrir</translation>
    </message>
    <message>
        <source>scaled to be seen whole</source>
        <translation>agrandie et vue entière</translation>
    </message>
    <message>
        <source>tiled</source>
        <translation>en mosaïque</translation>
    </message>
    <message>
        <source>in the top left corner</source>
        <translation>en haut à gauche</translation>
    </message>
    <message>
        <source>at the top</source>
        <translation>en haut</translation>
    </message>
    <message>
        <source>in the top right corner</source>
        <translation>en haut à droite</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>au milieu</translation>
    </message>
    <message>
        <source>in the bottom left corner</source>
        <translation>en bas à gauche</translation>
    </message>
    <message>
        <source>at the bottom</source>
        <translation>en bas</translation>
    </message>
    <message>
        <source>in the bottom right corner</source>
        <translation>en bas à droite</translation>
    </message>
    <message>
        <source>How strong a picture is lies between 1 and 100 %.</source>
        <translation>La force d&apos;une image est entre 1 et 100 %.</translation>
    </message>
    <message>
        <source>%1 is not there, so it cannot become part of the form.</source>
        <translation>%1 n&apos;est pas là&#xa0;; cela ne peut donc faire partie du formulaire.</translation>
    </message>
    <message>
        <source>The band&apos;s ground, whatever the look says. Words stay readable on it. Two colours with a stroke between them: light / dark.</source>
        <translation>Le fond de la bande, quoi que dise l&apos;apparence. Les mots y restent lisibles. Deux couleurs séparées par une barre&#xa0;: clair / sombre.</translation>
    </message>
    <message>
        <source>A picture on the band&apos;s ground. One inside the project&apos;s folder stays a file of its own.</source>
        <translation>Une image sur le fond de la bande. Dans le dossier du projet, elle reste un fichier à part.</translation>
    </message>
    <message>
        <source>A picture on the ground of all bands without a ground of their own. One inside the project&apos;s folder stays a file of its own.</source>
        <translation>Une image sur le fond de toutes les bandes sans fond à elles. Dans le dossier du projet, elle reste un fichier à part.</translation>
    </message>
    <message>
        <source>Change a ground picture</source>
        <translation>Changer une image de fond</translation>
    </message>
    <message>
        <source>It lies</source>
        <translation>Elle est</translation>
    </message>
    <message>
        <source>Scaled, tiled, or in its own size at an edge.</source>
        <translation>Agrandie, en mosaïque, ou à sa taille près d&apos;un bord.</translation>
    </message>
    <message>
        <source>How strong it is; 100 % is as it is. Faint ones leave the words on them readable.</source>
        <translation>Sa force&#xa0;; 100 % est telle quelle. Pâle, elle laisse lisibles les mots dessus.</translation>
    </message>
    <message>
        <source>In the form</source>
        <translation>Dans le formulaire</translation>
    </message>
    <message>
        <source>Makes the picture a part of the form, which needs its file no longer.</source>
        <translation>Fait de l&apos;image une partie du formulaire, qui n&apos;a plus besoin de son fichier.</translation>
    </message>
    <message>
        <source>Take a picture into the form</source>
        <translation>Prendre une image dans le formulaire</translation>
    </message>
    <message>
        <source>Style inside</source>
        <translation>Style dedans</translation>
    </message>
    <message>
        <source>The style of all that stands in it. What is put there later has it as well.</source>
        <translation>Le style de tout ce qu&apos;il contient. Ce qu&apos;on y met plus tard l&apos;a aussi.</translation>
    </message>
    <message>
        <source>Change the style inside</source>
        <translation>Changer le style dedans</translation>
    </message>
    <message>
        <source> where the desktop is dark</source>
        <translation> là où le bureau est sombre</translation>
    </message>
    <message>
        <source>Hard to read there%1: its contrast is %L2, and %L3 is needed.</source>
        <translation>Difficile à lire là%1&#xa0;: son contraste est %L2, il faut %L3.</translation>
    </message>
    <message>
        <source>This computer has no “%1”; the look&apos;s typeface stands in for it here.</source>
        <translation>Cet ordinateur n&apos;a pas «&#xa0;%1&#xa0;»&#xa0;; la police de l&apos;apparence la remplace ici.</translation>
    </message>
    <message>
        <source>The choices have no column “%1”. They have: %2.</source>
        <translation>Les choix n&apos;ont pas de colonne «&#xa0;%1&#xa0;». Ils ont&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Typed in here</source>
        <translation>Tapés ici</translation>
    </message>
    <message>
        <source>An own SELECT</source>
        <translation>Un SELECT à vous</translation>
    </message>
    <message>
        <source>The database has no table “%1”.</source>
        <translation>La base n&apos;a pas de table «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>The box&apos;s own column “%1” must be among those that are stored.</source>
        <translation>La colonne «&#xa0;%1&#xa0;» du champ doit être parmi celles enregistrées.</translation>
    </message>
    <message>
        <source>Something must be shown: name a column.</source>
        <translation>Quelque chose doit être montré&#xa0;: nommez une colonne.</translation>
    </message>
    <message>
        <source>Change where choices come from</source>
        <translation>Changer d&apos;où viennent les choix</translation>
    </message>
    <message>
        <source>Come from</source>
        <translation>Viennent de</translation>
    </message>
    <message>
        <source>Typed in here, the rows of a table, or those of a SELECT of your own.</source>
        <translation>Tapés ici, les lignes d&apos;une table, ou celles d&apos;un SELECT à vous.</translation>
    </message>
    <message>
        <source>Its rows are the choices.</source>
        <translation>Ses lignes sont les choix.</translation>
    </message>
    <message>
        <source>Stores</source>
        <translation>Enregistre</translation>
    </message>
    <message>
        <source>The column of the choice that is stored here; of several, each with the column here: id = part_id, line = line.</source>
        <translation>La colonne du choix qui est enregistrée ici&#xa0;; s&apos;il y en a plusieurs, chacune avec la colonne d&apos;ici&#xa0;: id = part_id, line = line.</translation>
    </message>
    <message>
        <source>Shows</source>
        <translation>Montre</translation>
    </message>
    <message>
        <source>The columns that stand in the box, one after the other: given_name, family_name.</source>
        <translation>Les colonnes qui sont dans le champ, l&apos;une après l&apos;autre&#xa0;: given_name, family_name.</translation>
    </message>
    <message>
        <source>Also lists</source>
        <translation>Liste aussi</translation>
    </message>
    <message>
        <source>More columns of the open list, one a line, with a width and a heading: town, 120, Town.</source>
        <translation>D&apos;autres colonnes de la liste ouverte, une par ligne, avec une largeur et un titre&#xa0;: town, 120, Ville.</translation>
    </message>
    <message>
        <source>What stands above the first column of the open list.</source>
        <translation>Ce qui est au-dessus de la première colonne de la liste ouverte.</translation>
    </message>
    <message>
        <source>Columns, with a minus for falling: -laid_on, name. Empty: by what is shown.</source>
        <translation>Colonnes, avec un moins pour décroissant&#xa0;: -laid_on, name. Vide&#xa0;: par ce qui est montré.</translation>
    </message>
    <message>
        <source>Only where</source>
        <translation>Seulement où</translation>
    </message>
    <message>
        <source>A column of the choices holds what stands in another box: county = county.</source>
        <translation>Une colonne des choix contient ce qui est dans un autre champ&#xa0;: county = county.</translation>
    </message>
    <message>
        <source>Rules</source>
        <translation>Règles</translation>
    </message>
    <message>
        <source>Its rules</source>
        <translation>Ses règles</translation>
    </message>
    <message>
        <source>What is worked out, checked, marked and shown here by a condition. F6 shows the rules and changes them.</source>
        <translation>Ce qui est calculé, contrôlé, marqué et montré ici sous condition. F6 montre les règles et les change.</translation>
    </message>
    <message>
        <source>%1, by %2</source>
        <translation>%1, par %2</translation>
    </message>
    <message>
        <source>%1, by hand</source>
        <translation>%1, à la main</translation>
    </message>
    <message>
        <source>several rows</source>
        <translation>plusieurs lignes</translation>
    </message>
    <message>
        <source>one at a time</source>
        <translation>une à la fois</translation>
    </message>
    <message>
        <source>The table of these rows is not there any more.</source>
        <translation>La table de ces lignes n&apos;est plus là.</translation>
    </message>
    <message>
        <source>kept in this one</source>
        <translation>gardé dans celui-ci</translation>
    </message>
    <message>
        <source>Change what a subform shows</source>
        <translation>Changer ce que montre un sous-formulaire</translation>
    </message>
    <message>
        <source>Rows of</source>
        <translation>Les lignes de</translation>
    </message>
    <message>
        <source>The table whose rows it shows with each record.</source>
        <translation>La table dont il montre les lignes avec chaque fiche.</translation>
    </message>
    <message>
        <source>Their form</source>
        <translation>Leur formulaire</translation>
    </message>
    <message>
        <source>Kept in this form, or a form of the project with a file of its own, which others may show too.</source>
        <translation>Gardé dans ce formulaire, ou un formulaire du projet avec un fichier à lui, que d&apos;autres peuvent montrer aussi.</translation>
    </message>
    <message>
        <source>Rows under one another, or one at a time. Their form is drafted anew.</source>
        <translation>Des lignes les unes sous les autres, ou une à la fois. Leur formulaire est ébauché à nouveau.</translation>
    </message>
    <message>
        <source>Linked by</source>
        <translation>Liées par</translation>
    </message>
    <message>
        <source>Which column of the rows holds which column here: buoy_id = buoy_id. New rows get it by themselves.</source>
        <translation>Quelle colonne des lignes contient quelle colonne d&apos;ici&#xa0;: buoy_id = buoy_id. Les nouvelles lignes la reçoivent d&apos;elles-mêmes.</translation>
    </message>
    <message>
        <source>The button wants to put something into “%1”, which is not on the form.</source>
        <translation>Le bouton veut mettre quelque chose dans «&#xa0;%1&#xa0;», qui n&apos;est pas sur le formulaire.</translation>
    </message>
    <message>
        <source>“%1” takes nothing now.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;accepte rien maintenant.</translation>
    </message>
    <message>
        <source>The button does not say what it puts in: “Status = withdrawn; Laid on = today”.</source>
        <translation>Le bouton ne dit pas ce qu&apos;il met&#xa0;: «&#xa0;Statut = retirée; Posée le = today&#xa0;».</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a caption and what is wrong there</comment>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>The button wants to work out “%1”, which is not on the form.</source>
        <translation>Le bouton veut calculer «&#xa0;%1&#xa0;», qui n&apos;est pas sur le formulaire.</translation>
    </message>
    <message>
        <source>No rule works out anything there that could be another now.</source>
        <translation>Aucune règle n&apos;y calcule rien qui puisse être autre maintenant.</translation>
    </message>
    <message>
        <source>“%1” is no address that could be opened.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une adresse qui puisse être ouverte.</translation>
    </message>
    <message>
        <source>The form “%1” wants to open a file or an address of a kind of its own.</source>
        <translation>Le formulaire «&#xa0;%1&#xa0;» veut ouvrir un fichier ou une adresse d&apos;un genre à lui.</translation>
    </message>
    <message>
        <source>Nothing was opened.</source>
        <translation>Rien n&apos;a été ouvert.</translation>
    </message>
    <message>
        <source>Nothing on this computer opens %1.</source>
        <translation>Rien sur cet ordinateur n&apos;ouvre %1.</translation>
    </message>
    <message>
        <source>The database can only be read.</source>
        <translation>La base ne peut être que lue.</translation>
    </message>
    <message>
        <source>The statement of the button wants “%1”, which is no column of these rows. Mend the statement.</source>
        <translation>L&apos;instruction du bouton veut «&#xa0;%1&#xa0;», qui n&apos;est pas une colonne de ces lignes. Corrigez l&apos;instruction.</translation>
    </message>
    <message>
        <source>The form “%1” wants to run an SQL statement on the database.</source>
        <translation>Le formulaire «&#xa0;%1&#xa0;» veut exécuter une instruction SQL sur la base.</translation>
    </message>
    <message>
        <source>Nothing was run.</source>
        <translation>Rien n&apos;a été exécuté.</translation>
    </message>
    <message>
        <source>Done; 1 row was changed.</source>
        <translation>Fait&#xa0;; 1 ligne a été changée.</translation>
    </message>
    <message>
        <source>Done; %1 rows were changed.</source>
        <translation>Fait&#xa0;; %1 lignes ont été changées.</translation>
    </message>
    <message>
        <source>The button has no program to run yet.</source>
        <translation>Le bouton n&apos;a pas encore de programme à lancer.</translation>
    </message>
    <message>
        <source>The form “%1” wants to run a program on this computer.</source>
        <translation>Le formulaire «&#xa0;%1&#xa0;» veut lancer un programme sur cet ordinateur.</translation>
    </message>
    <message>
        <source>The program %1 could not be started. Is it installed here?</source>
        <translation>Le programme %1 n&apos;a pu être lancé. Est-il installé ici&#xa0;?</translation>
    </message>
    <message>
        <source>May this form do that?</source>
        <translation>Ce formulaire peut-il faire cela&#xa0;?</translation>
    </message>
    <message>
        <source>Now it would be:
%1

It is asked once on this computer, as long as the form wants the same. If you do not know who built it, leave it.</source>
        <translation>Ce serait maintenant&#xa0;:
%1

C&apos;est demandé une fois sur cet ordinateur, tant que le formulaire veut la même chose. Si vous ne savez pas qui l&apos;a fait, laissez.</translation>
    </message>
    <message>
        <source>Let it</source>
        <translation>Permettre</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Laisser</translation>
    </message>
    <message>
        <source>Rows from %1</source>
        <translation>Lignes de %1</translation>
    </message>
    <message>
        <source>Columns of the file</source>
        <translation>Colonnes du fichier</translation>
    </message>
    <message>
        <source>What becomes of the rows</source>
        <translation>Ce que deviennent les lignes</translation>
    </message>
    <message>
        <source>All rows are added</source>
        <translation>Toutes les lignes sont ajoutées</translation>
    </message>
    <message>
        <source>Rows that are there already are changed</source>
        <translation>Les lignes déjà là sont changées</translation>
    </message>
    <message>
        <source>Rows that are there already are left</source>
        <translation>Les lignes déjà là sont laissées</translation>
    </message>
    <message>
        <source>Known by</source>
        <translation>Reconnues à</translation>
    </message>
    <message>
        <source>known by</source>
        <translation>reconnues à</translation>
    </message>
    <message>
        <source>Rows that would not go in</source>
        <translation>Lignes qui n&apos;entreraient pas</translation>
    </message>
    <message>
        <source>Row</source>
        <translation>Ligne</translation>
    </message>
    <message>
        <source>Why it would not go in</source>
        <translation>Pourquoi elle n&apos;entrerait pas</translation>
    </message>
    <message>
        <source>Put them in</source>
        <translation>Les mettre</translation>
    </message>
    <message>
        <source>Put in none</source>
        <translation>N&apos;en mettre aucune</translation>
    </message>
    <message>
        <source>In the file</source>
        <translation>Dans le fichier</translation>
    </message>
    <message>
        <source>For example</source>
        <translation>Par exemple</translation>
    </message>
    <message>
        <source>Goes into</source>
        <translation>Va dans</translation>
    </message>
    <message>
        <source>Box for “%1”</source>
        <translation>Champ pour «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>no box</source>
        <translation>aucun champ</translation>
    </message>
    <message>
        <source>Trying the rows…</source>
        <translation>Essai des lignes…</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>Abandonner</translation>
    </message>
    <message>
        <source>Given up; nothing is known of what would go in.</source>
        <translation>Abandonné&#xa0;; on ne sait pas ce qui entrerait.</translation>
    </message>
    <message>
        <source>1 row would be added</source>
        <translation>1 ligne serait ajoutée</translation>
    </message>
    <message>
        <source>%1 rows would be added</source>
        <translation>%1 lignes seraient ajoutées</translation>
    </message>
    <message>
        <source>1 changed</source>
        <translation>1 changée</translation>
    </message>
    <message>
        <source>%1 changed</source>
        <translation>%1 changées</translation>
    </message>
    <message>
        <source>1 left as it is</source>
        <translation>1 laissée telle quelle</translation>
    </message>
    <message>
        <source>%1 left as they are</source>
        <translation>%1 laissées telles quelles</translation>
    </message>
    <message>
        <source>1 would not go in</source>
        <translation>1 n&apos;entrerait pas</translation>
    </message>
    <message>
        <source>%1 would not go in</source>
        <translation>%1 n&apos;entreraient pas</translation>
    </message>
    <message>
        <source>Put in the one that goes in</source>
        <translation>Mettre celle qui peut entrer</translation>
    </message>
    <message>
        <source>Put in the %1</source>
        <translation>Mettre les %1</translation>
    </message>
    <message>
        <source>These records can only be looked at.</source>
        <translation>Ces fiches ne peuvent qu&apos;être regardées.</translation>
    </message>
    <message>
        <source>Rows from a file</source>
        <translation>Lignes d&apos;un fichier</translation>
    </message>
    <message>
        <source>Files of rows (*.csv *.tsv *.tab *.txt *.jsonl)</source>
        <translation>Fichiers de lignes (*.csv *.tsv *.tab *.txt *.jsonl)</translation>
    </message>
    <message>
        <source>column %1</source>
        <translation>colonne %1</translation>
    </message>
    <message>
        <source>“%1” goes nowhere, as no box here is called so.</source>
        <translation>«&#xa0;%1&#xa0;» ne va nulle part, car aucun champ ici ne s&apos;appelle ainsi.</translation>
    </message>
    <message>
        <source>%1 columns go nowhere, as no boxes here are called so: </source>
        <translation>%1 colonnes ne vont nulle part, car aucun champ ici ne s&apos;appelle ainsi&#xa0;: </translation>
    </message>
    <message>
        <source>The row would go in.</source>
        <translation>La ligne entrerait.</translation>
    </message>
    <message>
        <source>All %1 rows would go in.</source>
        <translation>Les %1 lignes entreraient toutes.</translation>
    </message>
    <message>
        <source>%1 of %2 rows would go in; %3.</source>
        <translation>%1 lignes sur %2 entreraient&#xa0;; %3.</translation>
    </message>
    <message>
        <source>1 would not</source>
        <translation>1 non</translation>
    </message>
    <message>
        <source>%1 would not</source>
        <translation>%1 non</translation>
    </message>
    <message>
        <source>The clipboard holds no rows.</source>
        <translation>Le presse-papiers ne contient pas de lignes.</translation>
    </message>
    <message>
        <source>Rows from the clipboard</source>
        <translation>Lignes du presse-papiers</translation>
    </message>
    <message>
        <source>What would become of it</source>
        <translation>Ce qui en résulterait</translation>
    </message>
    <message>
        <source>(no box)</source>
        <translation>(aucun champ)</translation>
    </message>
    <message>
        <source>changes a row</source>
        <translation>change une ligne</translation>
    </message>
    <message>
        <source>is added</source>
        <translation>est ajoutée</translation>
    </message>
    <message>
        <source>there is no “%1”</source>
        <translation>il n&apos;y a pas de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>“%1” may be one of several</source>
        <translation>«&#xa0;%1&#xa0;» peut être l&apos;un de plusieurs</translation>
    </message>
    <message>
        <source>“%1” is neither yes nor no</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est ni oui ni non</translation>
    </message>
    <message>
        <source>someone deleted this row meanwhile</source>
        <translation>quelqu&apos;un a supprimé cette ligne entre-temps</translation>
    </message>
    <message>
        <source>someone changed this row meanwhile</source>
        <translation>quelqu&apos;un a changé cette ligne entre-temps</translation>
    </message>
    <message>
        <source>this must not be blank</source>
        <translation>ceci ne doit pas être vide</translation>
    </message>
    <message>
        <source>several rows are there already with that %1</source>
        <translation>plusieurs lignes avec cette valeur de %1 sont déjà là</translation>
    </message>
    <message>
        <source>No rows may be added here.</source>
        <translation>Aucune ligne ne peut être ajoutée ici.</translation>
    </message>
    <message>
        <source>Nothing was put in: %1</source>
        <translation>Rien n&apos;a été mis&#xa0;: %1</translation>
    </message>
    <message>
        <source>1 row</source>
        <translation>1 ligne</translation>
    </message>
    <message>
        <source>%1 rows</source>
        <translation>%1 lignes</translation>
    </message>
    <message>
        <source>Take back undoes it.</source>
        <translation>Revenir l&apos;annule.</translation>
    </message>
    <message>
        <source>More than %L1 records are shown; narrow them down before they are changed together.</source>
        <translation>Plus de %L1 fiches sont montrées&#xa0;; réduisez-les avant de les changer ensemble.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>a reason and how many records it concerns</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>1 record would stay as it is</source>
        <translation>1 fiche resterait telle quelle</translation>
    </message>
    <message>
        <source>%1 records would stay as they are</source>
        <translation>%1 fiches resteraient telles quelles</translation>
    </message>
    <message>
        <source>“%1” is that in all of them already.</source>
        <translation>«&#xa0;%1&#xa0;» est déjà cela dans toutes.</translation>
    </message>
    <message>
        <source>Leave “%1” blank in 1 record?</source>
        <translation>Laisser «&#xa0;%1&#xa0;» vide dans 1 fiche&#xa0;?</translation>
    </message>
    <message>
        <source>Leave “%1” blank in %2 records?</source>
        <translation>Laisser «&#xa0;%1&#xa0;» vide dans %2 fiches&#xa0;?</translation>
    </message>
    <message>
        <source>Set “%1” to “%2” in 1 record?</source>
        <translation>Mettre «&#xa0;%1&#xa0;» à «&#xa0;%2&#xa0;» dans 1 fiche&#xa0;?</translation>
    </message>
    <message>
        <source>Set “%1” to “%2” in %3 records?</source>
        <translation>Mettre «&#xa0;%1&#xa0;» à «&#xa0;%2&#xa0;» dans %3 fiches&#xa0;?</translation>
    </message>
    <message>
        <source>Change together</source>
        <translation>Changer ensemble</translation>
    </message>
    <message>
        <source>Take back undoes it in one step.</source>
        <translation>Revenir l&apos;annule en un pas.</translation>
    </message>
    <message>
        <source>Change them</source>
        <translation>Les changer</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Les laisser</translation>
    </message>
    <message>
        <source>the 1 record that is shown</source>
        <translation>la fiche montrée</translation>
    </message>
    <message>
        <source>all %1 records that are shown</source>
        <translation>les %1 fiches montrées</translation>
    </message>
    <message>
        <source>the 1 row that is chosen</source>
        <translation>la ligne choisie</translation>
    </message>
    <message>
        <source>all %1 rows that are chosen</source>
        <translation>les %1 lignes choisies</translation>
    </message>
    <message>
        <source>What is “%1” to be in %2? Nothing leaves it blank.</source>
        <translation>Que doit être «&#xa0;%1&#xa0;» dans %2&#xa0;? Rien le laisse vide.</translation>
    </message>
    <message>
        <source>Choose the rows first, with Shift and the Down key: the first one&apos;s value goes into the others.</source>
        <translation>Choisissez d&apos;abord les lignes, avec Maj et la flèche du bas&#xa0;: la valeur de la première va dans les autres.</translation>
    </message>
    <message>
        <source>Narrow the records down first; a whole table is not deleted together.</source>
        <translation>Réduisez d&apos;abord les fiches&#xa0;; une table entière ne se supprime pas ensemble.</translation>
    </message>
    <message>
        <source>These records cannot be deleted here.</source>
        <translation>Ces fiches ne peuvent être supprimées ici.</translation>
    </message>
    <message>
        <source>someone changed it meanwhile</source>
        <translation>quelqu&apos;un l&apos;a changé entre-temps</translation>
    </message>
    <message>
        <source>Delete together</source>
        <translation>Supprimer ensemble</translation>
    </message>
    <message>
        <source>Delete the 1 record that is shown?</source>
        <translation>Supprimer la fiche montrée&#xa0;?</translation>
    </message>
    <message>
        <source>Delete all %1 records that are shown?</source>
        <translation>Supprimer les %1 fiches montrées&#xa0;?</translation>
    </message>
    <message>
        <source>Delete the 1 row that is chosen?</source>
        <translation>Supprimer la ligne choisie&#xa0;?</translation>
    </message>
    <message>
        <source>Delete the %1 rows that are chosen?</source>
        <translation>Supprimer les %1 lignes choisies&#xa0;?</translation>
    </message>
    <message>
        <source>What belongs to them goes along. Take back brings all of it back in one step, unless the database does something of its own.</source>
        <translation>Ce qui leur appartient s&apos;en va aussi. Revenir ramène le tout en un pas, sauf si la base fait quelque chose d&apos;elle-même.</translation>
    </message>
    <message>
        <source>Delete them</source>
        <translation>Les supprimer</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Les garder</translation>
    </message>
    <message>
        <source>1 record</source>
        <translation>1 fiche</translation>
    </message>
    <message>
        <source>%1 records</source>
        <translation>%1 fiches</translation>
    </message>
    <message>
        <source>Nothing was deleted: someone changed the records meanwhile.</source>
        <translation>Rien n&apos;a été supprimé&#xa0;: quelqu&apos;un a changé les fiches entre-temps.</translation>
    </message>
    <message>
        <source>Deleted %1.</source>
        <translation>Supprimé&#xa0;: %1.</translation>
    </message>
    <message>
        <source>This form has no boxes whose values could be written.</source>
        <translation>Ce formulaire n&apos;a pas de champs dont les valeurs puissent être écrites.</translation>
    </message>
    <message>
        <source>On this form records are only added, not read.</source>
        <translation>Sur ce formulaire, on ajoute des fiches, on n&apos;en lit pas.</translation>
    </message>
    <message>
        <source>The record is not there any more.</source>
        <translation>La fiche n&apos;est plus là.</translation>
    </message>
    <message>
        <source>Saving rows</source>
        <translation>Enregistrement des lignes</translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation>Écriture de %1…</translation>
    </message>
    <message>
        <source>%L1 rows written</source>
        <translation>%L1 lignes écrites</translation>
    </message>
    <message>
        <source>Given up; nothing was saved.</source>
        <translation>Abandonné&#xa0;; rien n&apos;a été enregistré.</translation>
    </message>
    <message>
        <source>Saved 1 row as %1.</source>
        <translation>1 ligne enregistrée dans %1.</translation>
    </message>
    <message>
        <source>Saved %2 rows as %1.</source>
        <translation>%2 lignes enregistrées dans %1.</translation>
    </message>
    <message>
        <source>The ending of %1 names no kind of file that rows can be saved as.</source>
        <translation>La terminaison de %1 ne nomme aucun genre de fichier où enregistrer des lignes.</translation>
    </message>
    <message>
        <source>Save the rows as</source>
        <translation>Enregistrer les lignes sous</translation>
    </message>
    <message>
        <source>The record is not stored yet.</source>
        <translation>La fiche n&apos;est pas encore enregistrée.</translation>
    </message>
    <message>
        <source>The message is in your mail program; send it there.</source>
        <translation>Le message est dans votre programme de courriel&#xa0;; envoyez-le de là.</translation>
    </message>
    <message>
        <source>No mail program here takes a message with a file. Set up a mail server for the project.</source>
        <translation>Aucun programme de courriel ici ne prend de message avec un fichier. Réglez un serveur de courriel pour le projet.</translation>
    </message>
    <message>
        <source>There is no mail program here.</source>
        <translation>Il n&apos;y a pas de programme de courriel ici.</translation>
    </message>
    <message>
        <source>The message is in %1.</source>
        <translation>Le message est dans %1.</translation>
    </message>
    <message>
        <source>Sending the message…</source>
        <translation>Envoi du message…</translation>
    </message>
    <message>
        <source>Sent to %1.</source>
        <translation>Envoyé à %1.</translation>
    </message>
    <message>
        <source>The mail server had all of the message and did not say what became of it. It waits; see “Messages that wait” before you send it again.</source>
        <translation>Le serveur de courriel a reçu tout le message et n&apos;a pas dit ce qu&apos;il est devenu. Il attend&#xa0;; voyez «&#xa0;Messages en attente&#xa0;» avant de le renvoyer.</translation>
    </message>
    <message>
        <source>The message waits; “Messages that wait” sends it again.</source>
        <translation>Le message attend&#xa0;; «&#xa0;Messages en attente&#xa0;» le renvoie.</translation>
    </message>
    <message>
        <source>Words of the message</source>
        <translation>Mots du message</translation>
    </message>
    <message>
        <source>Goes along: %1 (%2)</source>
        <translation>L&apos;accompagne&#xa0;: %1 (%2)</translation>
    </message>
    <message>
        <source>To the mail program</source>
        <translation>Au programme de courriel</translation>
    </message>
    <message>
        <source>&amp;Send</source>
        <translation>&amp;Envoyer</translation>
    </message>
    <message>
        <source>Nothing was sent.</source>
        <translation>Rien n&apos;a été envoyé.</translation>
    </message>
    <message>
        <source>No message waits to be sent.</source>
        <translation>Aucun message n&apos;attend d&apos;être envoyé.</translation>
    </message>
    <message>
        <source>Messages that wait</source>
        <translation>Messages en attente</translation>
    </message>
    <message>
        <source>&amp;Send it now</source>
        <translation>&amp;Envoyer maintenant</translation>
    </message>
    <message>
        <source>&amp;Let it go</source>
        <translation>L&apos;&amp;abandonner</translation>
    </message>
    <message>
        <source>%1 to %2
%3</source>
        <comment>subject, addresses, why it waits</comment>
        <translation>%1 à %2
%3</translation>
    </message>
    <message>
        <source>It may have been sent already; ask before you send it again.</source>
        <translation>Il a peut-être déjà été envoyé&#xa0;; demandez avant de le renvoyer.</translation>
    </message>
    <message>
        <source>My own way</source>
        <translation>Ma façon</translation>
    </message>
    <message>
        <source>How you have this form on this computer. Everybody else has it as it was built.</source>
        <translation>Comment vous avez ce formulaire sur cet ordinateur. Tous les autres l&apos;ont comme il a été fait.</translation>
    </message>
    <message>
        <source>Boxes of the form</source>
        <translation>Champs du formulaire</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Montré</translation>
    </message>
    <message>
        <source>&amp;Rows close together</source>
        <translation>Lignes se&amp;rrées</translation>
    </message>
    <message>
        <source>Captions where they were put</source>
        <translation>Libellés là où ils ont été mis</translation>
    </message>
    <message>
        <source>Captions beside their boxes</source>
        <translation>Libellés à côté de leurs champs</translation>
    </message>
    <message>
        <source>Captions above their boxes</source>
        <translation>Libellés au-dessus de leurs champs</translation>
    </message>
    <message>
        <source>As it was &amp;built</source>
        <translation>Comme il a été &amp;fait</translation>
    </message>
    <message>
        <source>Keep it so</source>
        <translation>Garder ainsi</translation>
    </message>
    <message>
        <source>Further &amp;left</source>
        <translation>Plus à &amp;gauche</translation>
    </message>
    <message>
        <source>Further ri&amp;ght</source>
        <translation>Plus à &amp;droite</translation>
    </message>
    <message>
        <source>&amp;Wider</source>
        <translation>Plus &amp;large</translation>
    </message>
    <message>
        <source>&amp;Narrower</source>
        <translation>Plus é&amp;troit</translation>
    </message>
    <message>
        <source>This form shows no records that could be printed.</source>
        <translation>Ce formulaire ne montre pas de fiches qui puissent être imprimées.</translation>
    </message>
    <message>
        <source>The record is not stored yet. Save it, then print it.</source>
        <translation>La fiche n&apos;est pas encore enregistrée. Enregistrez-la, puis imprimez-la.</translation>
    </message>
    <message>
        <source>There are no records to print.</source>
        <translation>Il n&apos;y a pas de fiches à imprimer.</translation>
    </message>
    <message>
        <source>The pages could not be painted.</source>
        <translation>Les pages n&apos;ont pu être dessinées.</translation>
    </message>
    <message>
        <source>The pages could not be put together.</source>
        <translation>Les pages n&apos;ont pu être assemblées.</translation>
    </message>
    <message>
        <source>all records that are shown</source>
        <translation>toutes les fiches montrées</translation>
    </message>
    <message>
        <source>What is printed</source>
        <translation>Ce qui est imprimé</translation>
    </message>
    <message>
        <source>only this record</source>
        <translation>cette fiche seulement</translation>
    </message>
    <message>
        <source>How the paper lies</source>
        <translation>Sens du papier</translation>
    </message>
    <message>
        <source>Boxes on paper</source>
        <translation>Les champs sur papier</translation>
    </message>
    <message>
        <source>Each record on a page of its own</source>
        <translation>Chaque fiche sur une page à elle</translation>
    </message>
    <message>
        <source>Page </source>
        <comment>before a number</comment>
        <translation>Page </translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation>&amp;Imprimer…</translation>
    </message>
    <message>
        <source>&amp;Save as…</source>
        <translation>&amp;Enregistrer sous…</translation>
    </message>
    <message>
        <source>of 1 page</source>
        <translation>sur 1 page</translation>
    </message>
    <message>
        <source>of %1 pages</source>
        <translation>sur %1 pages</translation>
    </message>
    <message>
        <source>of 1 page so far; more are laid out…</source>
        <translation>sur 1 page jusqu&apos;ici&#xa0;; d&apos;autres viennent…</translation>
    </message>
    <message>
        <source>of %1 pages so far; more are laid out…</source>
        <translation>sur %1 pages jusqu&apos;ici&#xa0;; d&apos;autres viennent…</translation>
    </message>
    <message>
        <source>Printing…</source>
        <translation>Impression…</translation>
    </message>
    <message>
        <source>The printer takes nothing now. Choose another one, or save the pages as a file.</source>
        <translation>L&apos;imprimante n&apos;accepte rien maintenant. Choisissez-en une autre, ou enregistrez les pages dans un fichier.</translation>
    </message>
    <message>
        <source>Given up; the printer may have some pages already.</source>
        <translation>Abandonné&#xa0;; l&apos;imprimante a peut-être déjà quelques pages.</translation>
    </message>
    <message>
        <source>Printed 1 page.</source>
        <translation>1 page imprimée.</translation>
    </message>
    <message>
        <source>Printed %1 pages.</source>
        <translation>%1 pages imprimées.</translation>
    </message>
    <message>
        <source>Save the pages as</source>
        <translation>Enregistrer les pages sous</translation>
    </message>
    <message>
        <source>One file of pages (*.pdf);;A picture of each page (*.png);;A drawing of each page (*.svg)</source>
        <translation>Un fichier de pages (*.pdf);;Une image de chaque page (*.png);;Un dessin de chaque page (*.svg)</translation>
    </message>
    <message>
        <source>Saving the pages…</source>
        <translation>Enregistrement des pages…</translation>
    </message>
    <message>
        <source>Saved 1 page as %1.</source>
        <translation>1 page enregistrée dans %1.</translation>
    </message>
    <message>
        <source>Saved %2 pages as %1.</source>
        <translation>%2 pages enregistrées dans %1.</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Enregistré dans %1.</translation>
    </message>
    <message>
        <source>It was changed on %1.</source>
        <translation>Elle a été changée le %1.</translation>
    </message>
    <message>
        <source>%1 changed it.</source>
        <translation>%1 l&apos;a changée.</translation>
    </message>
    <message>
        <source>%1 changed it on %2.</source>
        <translation>%1 l&apos;a changée le %2.</translation>
    </message>
    <message>
        <source>Two people changed this record</source>
        <translation>Deux personnes ont changé cette fiche</translation>
    </message>
    <message>
        <source>Someone else saved this record while you worked on it. Choose what is to stand in each box.</source>
        <translation>Quelqu&apos;un a enregistré cette fiche pendant que vous y travailliez. Choisissez ce qui doit être dans chaque champ.</translation>
    </message>
    <message>
        <source>Mine</source>
        <translation>Le mien</translation>
    </message>
    <message>
        <source>Stored now</source>
        <translation>Enregistré maintenant</translation>
    </message>
    <message>
        <source>Something else</source>
        <translation>Autre chose</translation>
    </message>
    <message>
        <source>%1 (as it was)</source>
        <translation>%1 (comme avant)</translation>
    </message>
    <message>
        <source>%1: mine, %2</source>
        <translation>%1&#xa0;: le mien, %2</translation>
    </message>
    <message>
        <source>%1: stored now, %2</source>
        <translation>%1&#xa0;: enregistré maintenant, %2</translation>
    </message>
    <message>
        <source>%1: something else</source>
        <translation>%1&#xa0;: autre chose</translation>
    </message>
    <message>
        <source>Save it so</source>
        <translation>Enregistrer ainsi</translation>
    </message>
    <message>
        <source>Decide later</source>
        <translation>Décider plus tard</translation>
    </message>
    <message>
        <source>What I did</source>
        <translation>Ce que j&apos;ai fait</translation>
    </message>
    <message>
        <source>Take it back</source>
        <translation>Revenir dessus</translation>
    </message>
    <message>
        <source>%1   %2</source>
        <comment>a time and what was done</comment>
        <translation>%1   %2</translation>
    </message>
    <message>
        <source>Nothing was saved or deleted here since the form was opened.</source>
        <translation>Rien n&apos;a été enregistré ni supprimé ici depuis l&apos;ouverture du formulaire.</translation>
    </message>
    <message>
        <source>The last is above. What somebody changed again since stays as it is.</source>
        <translation>Le dernier est en haut. Ce que quelqu&apos;un a rechangé depuis reste tel quel.</translation>
    </message>
    <message>
        <source>Taken back: %1</source>
        <translation>Repris&#xa0;: %1</translation>
    </message>
    <message>
        <source>That cannot be taken back any more: the record is not as it was left.</source>
        <translation>On ne peut plus revenir là-dessus&#xa0;: la fiche n&apos;est plus comme on l&apos;a laissée.</translation>
    </message>
    <message>
        <source>This button has no form to open yet. Choose one among its settings.</source>
        <translation>Ce bouton n&apos;a pas encore de formulaire à ouvrir. Choisissez-en un dans ses réglages.</translation>
    </message>
    <message>
        <source>There are no records yet.</source>
        <translation>Il n&apos;y a pas encore de fiches.</translation>
    </message>
    <message>
        <source>This is the last record.</source>
        <translation>C&apos;est la dernière fiche.</translation>
    </message>
    <message>
        <source>This is the first record.</source>
        <translation>C&apos;est la première fiche.</translation>
    </message>
    <message>
        <source>The records are still being counted; try again in a moment.</source>
        <translation>Les fiches sont encore en cours de compte&#xa0;; essayez de nouveau dans un instant.</translation>
    </message>
    <message>
        <source>There is no such record.</source>
        <translation>Il n&apos;y a pas de telle fiche.</translation>
    </message>
    <message>
        <source>Someone else deleted this record meanwhile.</source>
        <translation>Quelqu&apos;un d&apos;autre a supprimé cette fiche entre-temps.</translation>
    </message>
    <message>
        <source>Not saved: %1</source>
        <translation>Non enregistré&#xa0;: %1</translation>
    </message>
    <message>
        <source>%1 boxes need mending before this record can be saved.</source>
        <translation>%1 champs sont à corriger avant que cette fiche puisse être enregistrée.</translation>
    </message>
    <message>
        <source>Not deleted: %1</source>
        <translation>Non supprimé&#xa0;: %1</translation>
    </message>
    <message>
        <source>The table “%1” is gone, so nothing can be saved there. What you typed is kept.</source>
        <translation>La table «&#xa0;%1&#xa0;» a disparu&#xa0;; rien ne peut donc y être enregistré. Ce que vous avez tapé est gardé.</translation>
    </message>
    <message>
        <source>It does not belong to the rows of this form any more.</source>
        <translation>Elle n&apos;appartient plus aux lignes de ce formulaire.</translation>
    </message>
    <message>
        <source>Added “%1”.</source>
        <translation>«&#xa0;%1&#xa0;» ajouté.</translation>
    </message>
    <message>
        <source>Saved “%1”: %2.</source>
        <translation>«&#xa0;%1&#xa0;» enregistré&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Saved. It does not belong to the rows of this form any more, and goes when you leave it.</source>
        <translation>Enregistrée. Elle n&apos;appartient plus aux lignes de ce formulaire, et s&apos;en va quand vous la quittez.</translation>
    </message>
    <message>
        <source>Someone else changed this record meanwhile. Nothing was overwritten.</source>
        <translation>Quelqu&apos;un d&apos;autre a changé cette fiche entre-temps. Rien n&apos;a été écrasé.</translation>
    </message>
    <message>
        <source>Someone else deleted this record meanwhile. What you typed is kept.</source>
        <translation>Quelqu&apos;un d&apos;autre a supprimé cette fiche entre-temps. Ce que vous avez tapé est gardé.</translation>
    </message>
    <message>
        <source>What belongs to it could not be read, so this cannot be taken back.</source>
        <translation>Ce qui lui appartient n&apos;a pu être lu&#xa0;; on ne peut donc revenir là-dessus.</translation>
    </message>
    <message>
        <source>what was typed was saved first, and the record is no longer in hand. Find it, and delete it then.</source>
        <translation>ce qui a été tapé a d&apos;abord été enregistré, et la fiche n&apos;est plus en main. Trouvez-la, puis supprimez-la.</translation>
    </message>
    <message>
        <source>Deleted “%1”.</source>
        <translation>«&#xa0;%1&#xa0;» supprimé.</translation>
    </message>
    <message>
        <source>%1 is not shown, and holds a value.</source>
        <translation>%1 n&apos;est pas montré, et contient une valeur.</translation>
    </message>
    <message>
        <source>These are not shown, and hold values: %1.</source>
        <translation>Ceux-ci ne sont pas montrés, et contiennent des valeurs&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Not saved yet: %1</source>
        <translation>Pas encore enregistré&#xa0;: %1</translation>
    </message>
    <message>
        <source>Put this record back as it is stored</source>
        <translation>Remettre cette fiche comme elle est enregistrée</translation>
    </message>
    <message>
        <source>Bring back what was typed</source>
        <translation>Ramener ce qui a été tapé</translation>
    </message>
    <message>
        <source>There is nothing to take back</source>
        <translation>Il n&apos;y a rien sur quoi revenir</translation>
    </message>
    <message>
        <source>The new record was let go.</source>
        <translation>La nouvelle fiche a été abandonnée.</translation>
    </message>
    <message>
        <source>The record is as it is stored.</source>
        <translation>La fiche est comme elle est enregistrée.</translation>
    </message>
    <message>
        <source>What was typed is back.</source>
        <translation>Ce qui a été tapé est de retour.</translation>
    </message>
    <message>
        <source>“%1” is back.</source>
        <translation>«&#xa0;%1&#xa0;» est de retour.</translation>
    </message>
    <message>
        <source>Taken back: “%1”.</source>
        <translation>Repris&#xa0;: «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>This is not written %1</source>
        <translation>Ceci n&apos;est pas écrit %1</translation>
    </message>
    <message>
        <source>, or </source>
        <translation>, ou </translation>
    </message>
    <message>
        <source>The table “%1” has no column “%2”; what asks for it stays empty.</source>
        <translation>La table «&#xa0;%1&#xa0;» n&apos;a pas de colonne «&#xa0;%2&#xa0;»&#xa0;; ce qui la demande reste vide.</translation>
    </message>
    <message>
        <source>The table “%1” has %2 columns less than the form asks for (%3); what asks for them stays empty.</source>
        <translation>La table «&#xa0;%1&#xa0;» a %2 colonnes de moins que le formulaire n&apos;en demande (%3)&#xa0;; ce qui les demande reste vide.</translation>
    </message>
    <message>
        <source>Take back the change of “%1”</source>
        <translation>Revenir sur le changement de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Take back adding “%1”</source>
        <translation>Revenir sur l&apos;ajout de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Bring “%1” back</source>
        <translation>Ramener «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Take back: %1</source>
        <translation>Revenir sur&#xa0;: %1</translation>
    </message>
    <message>
        <source>Saved “%1”</source>
        <translation>«&#xa0;%1&#xa0;» enregistré</translation>
    </message>
    <message>
        <source>Added “%1”</source>
        <translation>«&#xa0;%1&#xa0;» ajouté</translation>
    </message>
    <message>
        <source>Deleted “%1”</source>
        <translation>«&#xa0;%1&#xa0;» supprimé</translation>
    </message>
    <message>
        <source>Deleted %1</source>
        <translation>%1&#xa0;: supprimé</translation>
    </message>
    <message>
        <source>Changed %1</source>
        <translation>%1&#xa0;: changé</translation>
    </message>
    <message>
        <source>Put in %1</source>
        <translation>%1&#xa0;: mis</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a caption and a value</comment>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1: %2 → %3</source>
        <comment>a caption, a value and what it became</comment>
        <translation>%1&#xa0;: %2 → %3</translation>
    </message>
    <message>
        <source>1 row of “%1”</source>
        <translation>1 ligne de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>%2 rows of “%1”</source>
        <translation>%2 lignes de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>The column “%1” is gone from the table; what is typed here cannot be saved</source>
        <translation>La colonne «&#xa0;%1&#xa0;» a disparu de la table&#xa0;; ce qui est tapé ici ne peut être enregistré</translation>
    </message>
    <message>
        <source>another picture</source>
        <translation>une autre image</translation>
    </message>
    <message>
        <source>Stored meanwhile: %1</source>
        <translation>Enregistré entre-temps&#xa0;: %1</translation>
    </message>
    <message>
        <source>The database will keep it while others point to it or to what belongs to it: %1.</source>
        <translation>La base la gardera tant que d&apos;autres renvoient à elle ou à ce qui lui appartient&#xa0;: %1.</translation>
    </message>
    <message>
        <source>With it go %1.</source>
        <translation>S&apos;en vont avec elle&#xa0;: %1.</translation>
    </message>
    <message>
        <source>These stay and do not point to it any more: %1.</source>
        <translation>Ceux-ci restent et n&apos;y renvoient plus&#xa0;: %1.</translation>
    </message>
    <message>
        <source>These go on pointing to it, for the database knows of no link: %1.</source>
        <translation>Ceux-ci continuent d&apos;y renvoyer, car la base ne connaît pas de lien&#xa0;: %1.</translation>
    </message>
    <message>
        <source>The database does something of its own on deleting, which cannot be taken back.</source>
        <translation>La base fait en supprimant quelque chose d&apos;elle-même, sur quoi on ne peut revenir.</translation>
    </message>
    <message>
        <source>It can be brought back with Take back until the next record is saved or deleted.</source>
        <translation>On peut la ramener par Revenir tant qu&apos;aucune autre fiche n&apos;est enregistrée ou supprimée.</translation>
    </message>
    <message>
        <source>All of it can be brought back with Take back until the next record is saved or deleted.</source>
        <translation>On peut tout ramener par Revenir tant qu&apos;aucune autre fiche n&apos;est enregistrée ou supprimée.</translation>
    </message>
    <message>
        <source>So many rows cannot be brought back.</source>
        <translation>Autant de lignes ne peuvent être ramenées.</translation>
    </message>
    <message>
        <source>Nabblet</source>
        <translation>Nabblet</translation>
    </message>
    <message>
        <source>Not tried yet</source>
        <translation>Pas encore essayé</translation>
    </message>
    <message>
        <source>in the part “%1”</source>
        <translation>dans la partie «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>where it is so</source>
        <translation>là où c&apos;est ainsi</translation>
    </message>
    <message>
        <source>where it is not so</source>
        <translation>là où ce n&apos;est pas ainsi</translation>
    </message>
    <message>
        <source>Not tried %1</source>
        <translation>Non essayé&#xa0;: %1</translation>
    </message>
    <message>
        <source>%1: the part “%2” was not seen</source>
        <translation>%1&#xa0;: la partie «&#xa0;%2&#xa0;» n&apos;a pas été vue</translation>
    </message>
    <message>
        <source>%1: not seen where it is so</source>
        <translation>%1&#xa0;: non vu là où c&apos;est ainsi</translation>
    </message>
    <message>
        <source>%1: not seen where it is not so</source>
        <translation>%1&#xa0;: non vu là où ce n&apos;est pas ainsi</translation>
    </message>
    <message>
        <source>The record in hand has to be saved or put back first.</source>
        <translation>La fiche en main est d&apos;abord à enregistrer ou à remettre.</translation>
    </message>
    <message>
        <source>The form has no rows.</source>
        <translation>Le formulaire n&apos;a pas de lignes.</translation>
    </message>
    <message>
        <source>Example</source>
        <translation>Exemple</translation>
    </message>
    <message>
        <source>This form takes no new records, or the one in hand has to be saved or put back first.</source>
        <translation>Ce formulaire ne prend pas de nouvelles fiches, ou celle en main est d&apos;abord à enregistrer ou à remettre.</translation>
    </message>
    <message>
        <source>The form has no box for “%1”, by which this would be seen.</source>
        <translation>Le formulaire n&apos;a pas de champ pour «&#xa0;%1&#xa0;», où cela se verrait.</translation>
    </message>
    <message>
        <source>a day of this year, the next such day, days from today</source>
        <translation>un jour de cette année, le prochain jour de ce nom, des jours à partir d&apos;aujourd&apos;hui</translation>
    </message>
    <message>
        <source>Up, Down</source>
        <translation>Haut, Bas</translation>
    </message>
    <message>
        <source>the part in which the cursor is, one on or back</source>
        <translation>la partie où est le curseur, une de plus ou de moins</translation>
    </message>
    <message>
        <source>opens the calendar</source>
        <translation>ouvre le calendrier</translation>
    </message>
    <message>
        <source>a sum is worked out when the box is left</source>
        <translation>un calcul se fait quand on quitte le champ</translation>
    </message>
    <message>
        <source>one more or less</source>
        <translation>un de plus ou de moins</translation>
    </message>
    <message>
        <source>Letters</source>
        <translation>Lettres</translation>
    </message>
    <message>
        <source>narrow the choices down</source>
        <translation>resserrent les choix</translation>
    </message>
    <message>
        <source>opens the list; Enter takes a choice and goes on</source>
        <translation>ouvre la liste&#xa0;; Entrée prend un choix et continue</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Espace</translation>
    </message>
    <message>
        <source>ticks it or takes the tick away</source>
        <translation>coche ou décoche</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Entrée</translation>
    </message>
    <message>
        <source>a new line; Tab goes on</source>
        <translation>une nouvelle ligne&#xa0;; Tab continue</translation>
    </message>
    <message>
        <source>opens it in a window of its own</source>
        <translation>l&apos;ouvre dans une fenêtre à lui</translation>
    </message>
    <message>
        <source>Tab, Enter</source>
        <translation>Tab, Entrée</translation>
    </message>
    <message>
        <source>goes on to the next box; Shift+Tab goes back</source>
        <translation>va au champ suivant&#xa0;; Maj+Tab revient</translation>
    </message>
    <message>
        <source>shows the picture large; + and − there</source>
        <translation>montre l&apos;image en grand&#xa0;; + et − là</translation>
    </message>
    <message>
        <source>puts in the picture from the clipboard</source>
        <translation>met l&apos;image du presse-papiers</translation>
    </message>
    <message>
        <source>Ctrl+Enter</source>
        <translation>Ctrl+Entrée</translation>
    </message>
    <message>
        <source>opens what the address leads to</source>
        <translation>ouvre ce à quoi mène l&apos;adresse</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Échap</translation>
    </message>
    <message>
        <source>puts this box back as it is stored</source>
        <translation>remet ce champ comme il est enregistré</translation>
    </message>
    <message>
        <source>In “%1”</source>
        <translation>Dans «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>In the rows</source>
        <translation>Dans les lignes</translation>
    </message>
    <message>
        <source>the row above or below</source>
        <translation>la ligne au-dessus ou au-dessous</translation>
    </message>
    <message>
        <source>Ctrl+arrows</source>
        <translation>Ctrl+flèches</translation>
    </message>
    <message>
        <source>the box above, below or beside, whatever the box is</source>
        <translation>le champ au-dessus, au-dessous ou à côté, quel que soit le champ</translation>
    </message>
    <message>
        <source>Shift+Up, Shift+Down</source>
        <translation>Maj+Haut, Maj+Bas</translation>
    </message>
    <message>
        <source>choose several rows; Escape lets go of them</source>
        <translation>choisir plusieurs lignes&#xa0;; Échap les lâche</translation>
    </message>
    <message>
        <source>PgUp, PgDown</source>
        <translation>Page préc., Page suiv.</translation>
    </message>
    <message>
        <source>as many rows as are in sight</source>
        <translation>autant de lignes qu&apos;on en voit</translation>
    </message>
    <message>
        <source>Ctrl+V</source>
        <translation>Ctrl+V</translation>
    </message>
    <message>
        <source>rows that were copied from a sheet of cells come in, after a look</source>
        <translation>des lignes copiées d&apos;un tableur entrent, après un regard</translation>
    </message>
    <message>
        <source>a click on a head</source>
        <translation>un clic sur un en-tête</translation>
    </message>
    <message>
        <source>sorts by it, and once more the other way round</source>
        <translation>trie selon lui, et encore une fois à l&apos;envers</translation>
    </message>
    <message>
        <source>On the whole form</source>
        <translation>Sur tout le formulaire</translation>
    </message>
    <message>
        <source>Keys of “%1”</source>
        <translation>Touches de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Keys that work here</source>
        <translation>Touches valables ici</translation>
    </message>
    <message>
        <source>&amp;Print them…</source>
        <translation>&amp;Les imprimer…</translation>
    </message>
    <message>
        <source>Go into a box first whose choices come from another table.</source>
        <translation>Allez d&apos;abord dans un champ dont les choix viennent d&apos;une autre table.</translation>
    </message>
    <message>
        <source>“%1” shows no row yet.</source>
        <translation>«&#xa0;%1&#xa0;» ne montre pas encore de ligne.</translation>
    </message>
    <message>
        <source>Nothing can be chosen in this box now.</source>
        <translation>Rien ne peut être choisi dans ce champ maintenant.</translation>
    </message>
    <message>
        <source>No rows may be added to “%1”.</source>
        <translation>Aucune ligne ne peut être ajoutée à «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>Go into a box first.</source>
        <translation>Allez d&apos;abord dans un champ.</translation>
    </message>
    <message>
        <source>&amp;First</source>
        <translation>&amp;Première</translation>
    </message>
    <message>
        <source>&amp;Last</source>
        <translation>&amp;Dernière</translation>
    </message>
    <message>
        <source>To the &amp;list of records</source>
        <translation>À la &amp;liste des fiches</translation>
    </message>
    <message>
        <source>This form has no list of records beside it.</source>
        <translation>Ce formulaire n&apos;a pas de liste de fiches à côté.</translation>
    </message>
    <message>
        <source>F&amp;ind…</source>
        <translation>&amp;Trouver…</translation>
    </message>
    <message>
        <source>&amp;Only with such a value…</source>
        <translation>Se&amp;ulement avec une telle valeur…</translation>
    </message>
    <message>
        <source>Look for by the for&amp;m…</source>
        <translation>Chercher par le for&amp;mulaire…</translation>
    </message>
    <message>
        <source>&amp;Kept questions…</source>
        <translation>&amp;Questions gardées…</translation>
    </message>
    <message>
        <source>&amp;All records again</source>
        <translation>De nouveau toutes les fic&amp;hes</translation>
    </message>
    <message>
        <source>Sort &amp;by this box</source>
        <translation>T&amp;rier par ce champ</translation>
    </message>
    <message>
        <source>Sort by this box, the last first</source>
        <translation>Trier par ce champ, la dernière d&apos;abord</translation>
    </message>
    <message>
        <source>&amp;Repeat from the record before</source>
        <translation>Répéter de la fiche d&apos;a&amp;vant</translation>
    </message>
    <message>
        <source>There is no record before, or nothing to be typed here.</source>
        <translation>Il n&apos;y a pas de fiche avant, ou rien à taper ici.</translation>
    </message>
    <message>
        <source>Repeat in all blank boxes</source>
        <translation>Répéter dans tous les champs vides</translation>
    </message>
    <message>
        <source>There is no record before, or no box is blank.</source>
        <translation>Il n&apos;y a pas de fiche avant, ou aucun champ n&apos;est vide.</translation>
    </message>
    <message>
        <source>Put in to&amp;day</source>
        <translation>Mettre au&amp;jourd&apos;hui</translation>
    </message>
    <message>
        <source>This box takes no date.</source>
        <translation>Ce champ ne prend pas de date.</translation>
    </message>
    <message>
        <source>Put in the time no&amp;w</source>
        <translation>Mettre l&apos;heure &amp;qu&apos;il est</translation>
    </message>
    <message>
        <source>This box takes no date and no time.</source>
        <translation>Ce champ ne prend ni date ni heure.</translation>
    </message>
    <message>
        <source>Keep this value for ne&amp;w records</source>
        <translation>&amp;Garder cette valeur pour les nouvelles fiches</translation>
    </message>
    <message>
        <source>New records take over “%1” from the one before.</source>
        <translation>Les nouvelles fiches reprennent «&#xa0;%1&#xa0;» de celle d&apos;avant.</translation>
    </message>
    <message>
        <source>New records do not take over “%1” any more.</source>
        <translation>Les nouvelles fiches ne reprennent plus «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>&amp;Open what this box shows…</source>
        <translation>&amp;Ouvrir ce que montre ce champ…</translation>
    </message>
    <message>
        <source>Add to the &amp;choices of this box…</source>
        <translation>Ajouter aux &amp;choix de ce champ…</translation>
    </message>
    <message>
        <source>Add &amp;new</source>
        <translation>Ajouter une &amp;nouvelle</translation>
    </message>
    <message>
        <source>Add one l&amp;ike this</source>
        <translation>Ajouter une sem&amp;blable</translation>
    </message>
    <message>
        <source>Chan&amp;ge this box in all chosen or shown…</source>
        <translation>Chan&amp;ger ce champ dans toutes les choisies ou montrées…</translation>
    </message>
    <message>
        <source>&amp;Fill down in the chosen rows…</source>
        <translation>Remplir les lignes choisies &amp;vers le bas…</translation>
    </message>
    <message>
        <source>Choose this row as well</source>
        <translation>Choisir aussi cette ligne</translation>
    </message>
    <message>
        <source>Delete all shown…</source>
        <translation>Supprimer toutes celles montrées…</translation>
    </message>
    <message>
        <source>D&amp;elete…</source>
        <translation>Su&amp;pprimer…</translation>
    </message>
    <message>
        <source>&amp;Take back</source>
        <translation>&amp;Revenir</translation>
    </message>
    <message>
        <source>&amp;Copy as cells</source>
        <translation>&amp;Copier en cellules</translation>
    </message>
    <message>
        <source>Save the rows as a &amp;file…</source>
        <translation>Enregistrer les lignes dans un &amp;fichier…</translation>
    </message>
    <message>
        <source>Rows from a f&amp;ile…</source>
        <translation>Lignes d&apos;un fich&amp;ier…</translation>
    </message>
    <message>
        <source>Messages that wai&amp;t…</source>
        <translation>Messages en &amp;attente…</translation>
    </message>
    <message>
        <source>What I &amp;did…</source>
        <translation>Ce &amp;que j&apos;ai fait…</translation>
    </message>
    <message>
        <source>M&amp;y own way of this form…</source>
        <translation>Ma faço&amp;n de ce formulaire…</translation>
    </message>
    <message>
        <source>Keys that work here…</source>
        <translation>Touches valables ici…</translation>
    </message>
    <message>
        <source>Enter shows the records that are asked for, Escape goes back to them.</source>
        <translation>Entrée montre les fiches demandées, Échap y revient.</translation>
    </message>
    <message>
        <source>“%1” shows what is worked out, so that no records can be looked for by it.</source>
        <translation>«&#xa0;%1&#xa0;» montre ce qui est calculé&#xa0;; on ne peut donc chercher par lui.</translation>
    </message>
    <message>
        <source>by %1, the last first</source>
        <translation>par %1, la dernière d&apos;abord</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>par %1</translation>
    </message>
    <message>
        <source>Keep the question</source>
        <translation>Garder la question</translation>
    </message>
    <message>
        <source>Name of the question</source>
        <translation>Nom de la question</translation>
    </message>
    <message>
        <source>What it is called</source>
        <translation>Comment elle s&apos;appelle</translation>
    </message>
    <message>
        <source>For all who work with this project</source>
        <translation>Pour tous ceux qui travaillent avec ce projet</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>La garder</translation>
    </message>
    <message>
        <source>“%1” is kept in the project.</source>
        <translation>«&#xa0;%1&#xa0;» est gardée dans le projet.</translation>
    </message>
    <message>
        <source>“%1” is kept; “Kept questions” in the Records menu asks it again.</source>
        <translation>«&#xa0;%1&#xa0;» est gardée&#xa0;; «&#xa0;Questions gardées&#xa0;» du menu Fiches la repose.</translation>
    </message>
    <message>
        <source>Kept questions</source>
        <translation>Questions gardées</translation>
    </message>
    <message>
        <source>Ask it</source>
        <translation>La poser</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>L&apos;abandonner</translation>
    </message>
    <message>
        <source>%1 (of the project)</source>
        <translation>%1 (du projet)</translation>
    </message>
    <message>
        <source>None is kept yet. Narrow the records down and press “Keep…” above the form.</source>
        <translation>Aucune n&apos;est encore gardée. Resserrez les fiches et appuyez sur «&#xa0;Garder…&#xa0;» au-dessus du formulaire.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a caption and what stands there</comment>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>“%1” in %2</source>
        <comment>words in rows that belong to the record</comment>
        <translation>«&#xa0;%1&#xa0;» dans %2</translation>
    </message>
    <message>
        <source>many</source>
        <comment>the words that 0 goes with: many or one</comment>
        <translation>one</translation>
    </message>
    <message>
        <source>Language of the pro&amp;gram</source>
        <translation>Lan&amp;gue du programme</translation>
    </message>
    <message>
        <source>The program speaks so from its next start on.</source>
        <translation>Le programme parle ainsi à partir de son prochain démarrage.</translation>
    </message>
    <message>
        <source>As on the &amp;desktop</source>
        <translation>Comme sur le &amp;bureau</translation>
    </message>
    <message>
        <source>lower</source>
        <comment>names within a sentence: lower or as they are</comment>
        <translation>lower</translation>
    </message>
    <message>
        <source>The guide</source>
        <translation>Le guide</translation>
    </message>
    <message>
        <source>Guide to Nabblet</source>
        <translation>Guide de Nabblet</translation>
    </message>
    <message>
        <source>Help for this place</source>
        <translation>Aide pour cet endroit</translation>
    </message>
    <message>
        <source>The window</source>
        <translation>La fenêtre</translation>
    </message>
    <message>
        <source>In the &amp;guide</source>
        <translation>Dans le &amp;guide</translation>
    </message>
    <message>
        <source>&amp;Print the keys…</source>
        <translation>&amp;Imprimer les touches…</translation>
    </message>
    <message>
        <source>Keys of Nabblet</source>
        <translation>Touches de Nabblet</translation>
    </message>
    <message>
        <source>&amp;Help for this place</source>
        <translation>&amp;Aide pour cet endroit</translation>
    </message>
    <message>
        <source>&amp;Guide</source>
        <translation>&amp;Guide</translation>
    </message>
    <message>
        <source>Fill in a column</source>
        <translation>Remplir d&apos;une colonne</translation>
    </message>
    <message>
        <source>Puts a column in where the cursor is; it is filled in for the record at hand</source>
        <translation>Met une colonne là où est le curseur&#xa0;; elle est remplie pour la fiche en main</translation>
    </message>
    <message>
        <source>Sent what waited for %1.</source>
        <translation>Envoyé ce qui attendait pour %1.</translation>
    </message>
    <message>
        <source>Find…</source>
        <translation>Trouver…</translation>
    </message>
    <message>
        <source>Find in all forms</source>
        <translation>Trouver dans tous les formulaires</translation>
    </message>
    <message>
        <source>Words, numbers or dates of a record, in any order</source>
        <translation>Mots, nombres ou dates d&apos;une fiche, dans n&apos;importe quel ordre</translation>
    </message>
    <message>
        <source>Words of the record</source>
        <translation>Mots de la fiche</translation>
    </message>
    <message>
        <source>Records found</source>
        <translation>Fiches trouvées</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Y aller</translation>
    </message>
    <message>
        <source>%1:   %2</source>
        <comment>a form and a record</comment>
        <translation>%1&#xa0;:   %2</translation>
    </message>
    <message>
        <source>%1:   %2   –   %3</source>
        <comment>a form, a record and where in it the words are</comment>
        <translation>%1&#xa0;:   %2   –   %3</translation>
    </message>
    <message>
        <source>No button of this form opens another one with records.</source>
        <translation>Aucun bouton de ce formulaire n&apos;en ouvre un autre avec des fiches.</translation>
    </message>
    <message>
        <source>What was used last. Words find a record in any form.</source>
        <translation>Ce qui a servi en dernier. Des mots trouvent une fiche dans n&apos;importe quel formulaire.</translation>
    </message>
    <message>
        <source>Words find a record in any form.</source>
        <translation>Des mots trouvent une fiche dans n&apos;importe quel formulaire.</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Recherche…</translation>
    </message>
    <message>
        <source>No record of any form has these words.</source>
        <translation>Aucune fiche d&apos;aucun formulaire n&apos;a ces mots.</translation>
    </message>
    <message>
        <source>One record</source>
        <translation>Une fiche</translation>
    </message>
    <message>
        <source>One record so far; still looking…</source>
        <translation>Une fiche jusqu&apos;ici&#xa0;; la recherche continue…</translation>
    </message>
    <message>
        <source>%1 records so far; still looking…</source>
        <translation>%1 fiches jusqu&apos;ici&#xa0;; la recherche continue…</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>«&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>The record in words</source>
        <translation>La fiche en mots</translation>
    </message>
    <message>
        <source>%1   {%2}</source>
        <translation>%1   {%2}</translation>
    </message>
    <message>
        <source>%1 is something else. Choose a new file, or one that was handed over before.</source>
        <translation>%1 est autre chose. Choisissez un nouveau fichier, ou un fichier déjà remis.</translation>
    </message>
    <message>
        <source>%1 was handed over without its database. Choose another file for one with it.</source>
        <translation>%1 a été remis sans sa base de données. Choisissez un autre fichier pour la remettre avec elle.</translation>
    </message>
    <message>
        <source>Hand over</source>
        <translation>Remettre</translation>
    </message>
    <message>
        <source>Those who work with the forms open what you hand over by a double click. They see the forms at work, and cannot change them.</source>
        <translation>Ceux qui travaillent avec les formulaires ouvrent d’un double clic ce que vous remettez. Ils voient les formulaires au travail et ne peuvent pas les modifier.</translation>
    </message>
    <message>
        <source>One file</source>
        <translation>Un fichier</translation>
    </message>
    <message>
        <source>A folder</source>
        <translation>Un dossier</translation>
    </message>
    <message>
        <source>As</source>
        <translation>Sous forme de</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Choisir…</translation>
    </message>
    <message>
        <source>go along, as they are now</source>
        <translation>partent avec, telles qu’elles sont</translation>
    </message>
    <message>
        <source>stay where they are</source>
        <translation>restent où elles sont</translation>
    </message>
    <message>
        <source>The data</source>
        <translation>Les données</translation>
    </message>
    <message>
        <source>Take the last one back</source>
        <translation>Reprendre la dernière remise</translation>
    </message>
    <message>
        <source>Say where to.</source>
        <translation>Dites où.</translation>
    </message>
    <message>
        <source>A file that people open has to end in .%1.</source>
        <translation>Un fichier que l’on ouvre doit se terminer par .%1.</translation>
    </message>
    <message>
        <source>Version %1 is there. Its forms are replaced; what people typed stays, and so does what they have open, until they open it the next time.</source>
        <translation>La version %1 s’y trouve. Ses formulaires sont remplacés&#xa0;; ce qui a été saisi reste, et ce qui est ouvert reste tel quel jusqu’à la prochaine ouverture.</translation>
    </message>
    <message>
        <source>From then on people work on a copy of the data. This project keeps its own.</source>
        <translation>Désormais, on travaille sur une copie des données. Ce projet garde les siennes.</translation>
    </message>
    <message>
        <source>All work on the same data: %1. They must be able to reach it.</source>
        <translation>Tous travaillent sur les mêmes données&#xa0;: %1. Il faut qu’ils puissent y accéder.</translation>
    </message>
    <message>
        <source>Hand over to</source>
        <translation>Remettre dans</translation>
    </message>
    <message>
        <source>Forms to work with (%1)</source>
        <translation>Formulaires prêts à l’emploi (%1)</translation>
    </message>
    <message>
        <source>… and %1 more</source>
        <translation>… et %1 de plus</translation>
    </message>
    <message>
        <source>Something is to be put right first.</source>
        <translation>Quelque chose est d&apos;abord à corriger.</translation>
    </message>
    <message>
        <source>Copying the database…</source>
        <translation>Copie de la base de données…</translation>
    </message>
    <message>
        <source>Back to version %1.</source>
        <translation>Retour à la version %1.</translation>
    </message>
    <message>
        <source>Handed over, version %1.</source>
        <translation>Remis, version %1.</translation>
    </message>
    <message>
        <source>People open %1; it shows the forms at work and nothing else.</source>
        <translation>On ouvre %1&#xa0;; il montre les formulaires au travail et rien d&apos;autre.</translation>
    </message>
    <message>
        <source>How many px the heading or the line of tabs takes. Empty: as usual.</source>
        <translation>Combien de px prend le titre ou la ligne des onglets. Vide&#xa0;: comme d’habitude.</translation>
    </message>
    <message>
        <source>Change how high a heading is</source>
        <translation>Changer la hauteur d’un titre</translation>
    </message>
    <message>
        <source>Between boxes</source>
        <translation>Entre les champs</translation>
    </message>
    <message>
        <source>How much further apart than usual the boxes of a new form stand, one below the other, px.</source>
        <translation>De combien les champs d’un nouveau formulaire sont plus espacés que d’habitude, l’un sous l’autre, en px.</translation>
    </message>
    <message>
        <source>%1 cannot be read: it is damaged, or no file that was handed over.</source>
        <translation>%1 est illisible&#xa0;: le fichier est abîmé ou n’a pas été remis.</translation>
    </message>
    <message>
        <source>%1 cannot be written. Nothing in it was changed: choose another place, make room there, or wait until nobody writes in it.</source>
        <translation>%1 ne peut pas être écrit. Rien n’y a été changé&#xa0;: choisissez un autre endroit, faites-y de la place ou attendez que personne n’y écrive.</translation>
    </message>
    <message>
        <source>The database could not be copied: %1. Nothing was changed.</source>
        <translation>La base de données n’a pas pu être copiée&#xa0;: %1. Rien n’a été changé.</translation>
    </message>
    <message>
        <source>Copying the database was given up. Nothing was changed.</source>
        <translation>La copie de la base de données a été abandonnée. Rien n’a été changé.</translation>
    </message>
    <message>
        <source>Heading height</source>
        <translation>Hauteur du titre</translation>
    </message>
    <message>
        <source>the transaction was undone</source>
        <translation>la transaction a été annulée</translation>
    </message>
    <message>
        <source>What is tried here is seen by one connection alone, and the trial may be over.</source>
        <translation>Ce qui est essayé ici n’est vu que par une seule connexion, et l’essai est peut-être terminé.</translation>
    </message>
    <message>
        <source>A database on a server is not copied. Its own programs do that.</source>
        <translation>Une base de données sur un serveur n’est pas copiée. Ses propres programmes s’en chargent.</translation>
    </message>
    <message>
        <source>what this statement does could not be taken back, so a trial does not run it</source>
        <translation>ce que fait cette instruction ne pourrait pas être repris&#xa0;; un essai ne l’exécute donc pas</translation>
    </message>
    <message>
        <source>Nothing can be tried here: tables such as %1 keep at once what is written, and give nothing back (their engine knows no transactions). Turn them into InnoDB tables, or try the form on another database.</source>
        <translation>Rien ne peut être essayé ici&#xa0;: des tables comme %1 gardent aussitôt ce qui est écrit et ne rendent rien (leur moteur ne connaît pas les transactions). Faites-en des tables InnoDB, ou essayez le formulaire sur une autre base de données.</translation>
    </message>
    <message>
        <source>Nothing can be tried here: %1.</source>
        <translation>Rien ne peut être essayé ici&#xa0;: %1.</translation>
    </message>
    <message>
        <source>%L1 of %L2 rows have theirs in “%3”; “%4” is not there</source>
        <translation>%L1 lignes sur %L2 ont la leur dans «&#xa0;%3&#xa0;»&#xa0;; «&#xa0;%4&#xa0;» n’y est pas</translation>
    </message>
    <message>
        <source>%L1 of %L1 rows have theirs in “%2”</source>
        <translation>%L1 lignes sur %L1 ont la leur dans « %2 »</translation>
    </message>
    <message>
        <source>the first %L1 rows all have theirs in “%2”</source>
        <translation>les %L1 premières lignes ont toutes la leur dans « %2 »</translation>
    </message>
</context>
<context>
    <name>nabblet::ArrangeActions</name>
    <message>
        <source>The gaps are the same; the last one came nearer by %1 px, which did not divide.</source>
        <translation>Les écarts sont égaux&#xa0;; le dernier s&apos;est rapproché de %1 px, qui ne se divisaient pas.</translation>
    </message>
    <message>
        <source>Open a form in Design first.</source>
        <translation>Ouvrez d&apos;abord un formulaire en Conception.</translation>
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
        <translation>Écart à fixer</translation>
    </message>
    <message>
        <source>The gap that “Set gaps” gives, px</source>
        <translation>L&apos;écart que donne «&#xa0;Fixer les écarts&#xa0;», px</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>Columns to flow into</source>
        <translation>Colonnes où couler</translation>
    </message>
    <message>
        <source>How many columns “Flow into columns” makes</source>
        <translation>Combien de colonnes fait «&#xa0;Couler en colonnes&#xa0;»</translation>
    </message>
    <message>
        <source> col.</source>
        <translation> col.</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Plus</translation>
    </message>
    <message>
        <source>Everything that arranges</source>
        <translation>Tout ce qui dispose</translation>
    </message>
    <message>
        <source>What lines up, sizes and spaces the selected controls. The control selected last leads: the others go by it.</source>
        <translation>Ce qui aligne, dimensionne et espace les éléments choisis. Le dernier choisi mène&#xa0;: les autres le suivent.</translation>
    </message>
</context>
<context>
    <name>nabblet::AskBoxDialog</name>
    <message>
        <source>Only records whose “%1” …</source>
        <translation>Seulement les fiches dont «&#xa0;%1&#xa0;» …</translation>
    </message>
    <message>
        <source>&gt; 12, 5..9, Sker*, not blank, a; b</source>
        <translation>&gt; 12, 5..9, Sker*, pas vide, a; b</translation>
    </message>
    <message>
        <source>What “%1” is to be</source>
        <translation>Ce que doit être «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Values of “%1”</source>
        <translation>Valeurs de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Show them</source>
        <translation>Les montrer</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>blank, as here</source>
        <translation>vide, comme ici</translation>
    </message>
    <message>
        <source>%1, as here</source>
        <translation>%1, comme ici</translation>
    </message>
    <message>
        <source>filled in, other than here</source>
        <translation>rempli, autre qu&apos;ici</translation>
    </message>
    <message>
        <source>anything but %1</source>
        <translation>tout sauf %1</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>vide</translation>
    </message>
    <message>
        <source>filled in</source>
        <translation>rempli</translation>
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
        <translation>Commandes sous la main</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Take away: %1</source>
        <translation>Enlever&#xa0;: %1</translation>
    </message>
    <message>
        <source>Often used</source>
        <translation>Souvent utilisées</translation>
    </message>
    <message>
        <source>Keep: %1</source>
        <translation>Garder&#xa0;: %1</translation>
    </message>
    <message>
        <source>None yet: a right click on a command of a menu keeps it</source>
        <translation>Aucune pour l&apos;instant&#xa0;: un clic droit sur une commande de menu la garde</translation>
    </message>
    <message>
        <source>Take it away from the row</source>
        <translation>Enlever de la rangée</translation>
    </message>
    <message>
        <source>Keep it at hand, over the board</source>
        <translation>Garder sous la main, au-dessus du plan</translation>
    </message>
</context>
<context>
    <name>nabblet::Board</name>
    <message>
        <source>Board</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Choose where the rows come from…</source>
        <translation>Choisir d&apos;où viennent les lignes…</translation>
    </message>
    <message>
        <source>a rail is selected</source>
        <translation>un rail est choisi</translation>
    </message>
    <message>
        <source>a band is selected</source>
        <translation>une bande est choisie</translation>
    </message>
    <message>
        <source>the form is selected</source>
        <translation>le formulaire est choisi</translation>
    </message>
    <message>
        <source>%1, %2, %3, left %4, top %5, width %6, height %7 %8</source>
        <translation>%1, %2, %3, gauche %4, haut %5, largeur %6, hauteur %7 %8</translation>
    </message>
    <message>
        <source>, leads %1 controls</source>
        <translation>, mène %1 éléments</translation>
    </message>
    <message>
        <source>The tracing sheet %1 is not there or is no picture. Lay another under the form, or clear it in the inspector.</source>
        <translation>La feuille à calquer %1 n&apos;est pas là ou n&apos;est pas une image. Placez-en une autre sous le formulaire, ou videz-la dans les propriétés.</translation>
    </message>
    <message>
        <source>The form as it is arranged, with the values of a stored record. A click selects, with Shift one more; the last one clicked leads. Drag to move, drag an edge or a corner to change the size; arrows do it by steps of the grid, by a pixel with Ctrl. A double click, or F2, types other words.</source>
        <translation>Le formulaire tel qu&apos;il est disposé, avec les valeurs d&apos;une fiche enregistrée. Un clic choisit, avec Maj un de plus&#xa0;; le dernier cliqué mène. Tirer déplace, tirer un bord ou un coin change la taille&#xa0;; les flèches le font par pas de grille, d&apos;un pixel avec Ctrl. Un double clic, ou F2, tape d&apos;autres mots.</translation>
    </message>
</context>
<context>
    <name>nabblet::ButtonRowChoice</name>
    <message>
        <source>Buttons of the row</source>
        <translation>Boutons de la rangée</translation>
    </message>
</context>
<context>
    <name>nabblet::CaptionEditor</name>
    <message>
        <source>Words of the caption</source>
        <translation>Mots du libellé</translation>
    </message>
</context>
<context>
    <name>nabblet::CaptionList</name>
    <message>
        <source>Captions and options</source>
        <translation>Libellés et options</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>De</translation>
    </message>
    <message>
        <source>Sort</source>
        <translation>Sorte</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>option %1</source>
        <translation>option %1</translation>
    </message>
    <message>
        <source>caption</source>
        <translation>libellé</translation>
    </message>
    <message>
        <source>title</source>
        <translation>titre</translation>
    </message>
    <message>
        <source>words</source>
        <translation>mots</translation>
    </message>
    <message>
        <source>Take these words</source>
        <translation>Prendre ces mots</translation>
    </message>
    <message>
        <source>Begin with capitals</source>
        <translation>Commencer par des majuscules</translation>
    </message>
    <message>
        <source>The first letter of each becomes a capital</source>
        <translation>La première lettre de chacun devient majuscule</translation>
    </message>
    <message>
        <source>No colons or full stops</source>
        <translation>Sans deux-points ni points</translation>
    </message>
    <message>
        <source>Colons, full stops and spare spaces are taken off</source>
        <translation>Deux-points, points et espaces en trop sont ôtés</translation>
    </message>
    <message>
        <source>page</source>
        <translation>page</translation>
    </message>
    <message>
        <source>prompt</source>
        <translation>invite</translation>
    </message>
    <message>
        <source>question</source>
        <translation>question</translation>
    </message>
    <message>
        <source>rule %1</source>
        <translation>règle %1</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>L&apos;enlever</translation>
    </message>
    <message>
        <source>Type over any words. Rails make room for longer captions by themselves. People see the form in the first language of their desktop that it has.</source>
        <translation>Tapez par-dessus n&apos;importe quels mots. Les rails font place d&apos;eux-mêmes aux libellés plus longs. Chacun voit le formulaire dans la première langue de son bureau qu&apos;il a.</translation>
    </message>
    <message>
        <source>The form&apos;s &amp;words are</source>
        <translation>Les &amp;mots du formulaire sont</translation>
    </message>
    <message>
        <source>in no language said</source>
        <translation>dans aucune langue dite</translation>
    </message>
    <message>
        <source>Another language for the form</source>
        <translation>Une autre langue pour le formulaire</translation>
    </message>
    <message>
        <source>Add a language…</source>
        <translation>Ajouter une langue…</translation>
    </message>
    <message>
        <source>Takes the language away in whose column the cell is that has the keyboard</source>
        <translation>Enlève la langue dont la colonne a la cellule active</translation>
    </message>
    <message>
        <source>Not there yet: people see “%1”</source>
        <translation>Pas encore là&#xa0;: on voit «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>%1: %2 missing</source>
        <translation>%1&#xa0;: %2 manquent</translation>
    </message>
    <message>
        <source>window title</source>
        <translation>titre de fenêtre</translation>
    </message>
</context>
<context>
    <name>nabblet::CatalogueModel</name>
    <message>
        <source>text</source>
        <translation>du texte</translation>
    </message>
    <message>
        <source>number</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>yes/no</source>
        <translation>oui/non</translation>
    </message>
    <message>
        <source>date</source>
        <translation>date</translation>
    </message>
    <message>
        <source>time</source>
        <translation>heure</translation>
    </message>
    <message>
        <source>date, time</source>
        <translation>date, heure</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>image</translation>
    </message>
    <message>
        <source>→ %1</source>
        <translation>→ %1</translation>
    </message>
    <message>
        <source>key</source>
        <translation>clé</translation>
    </message>
    <message>
        <source>worked out</source>
        <translation>calculé</translation>
    </message>
    <message>
        <source>required</source>
        <translation>obligatoire</translation>
    </message>
    <message>
        <source>→</source>
        <translation>→</translation>
    </message>
    <message>
        <source>view</source>
        <translation>vue</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, points to %2</source>
        <translation>%1, renvoie à %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
</context>
<context>
    <name>nabblet::CataloguePanel</name>
    <message>
        <source>Catalogue</source>
        <translation>Catalogue</translation>
    </message>
    <message>
        <source>Filter tables and columns</source>
        <translation>Filtrer tables et colonnes</translation>
    </message>
    <message>
        <source>Tables and columns</source>
        <translation>Tables et colonnes</translation>
    </message>
    <message>
        <source>Drag columns on to the form; Ctrl and Shift choose several. A double click or Enter puts them in the next free place.</source>
        <translation>Tirez des colonnes sur le formulaire&#xa0;; Ctrl et Maj en choisissent plusieurs. Un double clic ou Entrée les met à la prochaine place libre.</translation>
    </message>
    <message>
        <source>New form, captions beside the boxes</source>
        <translation>Nouveau formulaire, libellés à côté des champs</translation>
    </message>
    <message>
        <source>New form, captions above the boxes</source>
        <translation>Nouveau formulaire, libellés au-dessus des champs</translation>
    </message>
    <message>
        <source>New form, rows under one another</source>
        <translation>Nouveau formulaire, lignes les unes sous les autres</translation>
    </message>
    <message>
        <source>New form, with choices…</source>
        <translation>Nouveau formulaire, avec des choix…</translation>
    </message>
    <message>
        <source>New column of %1…</source>
        <translation>Nouvelle colonne de %1…</translation>
    </message>
    <message>
        <source>A table of the values of %1…</source>
        <translation>Une table des valeurs de %1…</translation>
    </message>
    <message>
        <source>Stored rows of %1</source>
        <translation>Lignes enregistrées de %1</translation>
    </message>
    <message>
        <source>Where %1 is used…</source>
        <translation>Où %1 est utilisé…</translation>
    </message>
    <message>
        <source>Call %1 otherwise in all forms…</source>
        <translation>Appeler %1 autrement dans tous les formulaires…</translation>
    </message>
    <message>
        <source>The tables of the database and their columns. A filled dot is on the form already.</source>
        <translation>Les tables de la base et leurs colonnes. Un point plein est déjà sur le formulaire.</translation>
    </message>
</context>
<context>
    <name>nabblet::CheckCommand</name>
    <message>
        <source>Says what is wrong with a form, or with all forms of a project. Ends with 0 when nothing is to be fixed, with 3 when something is, with 1 when it could not be found out.</source>
        <translation>Dit ce qui ne va pas dans un formulaire ou dans tous les formulaires d&apos;un projet. Se termine par 0 si rien n&apos;est à corriger, par 3 si quelque chose l&apos;est, par 1 si cela n&apos;a pu être établi.</translation>
    </message>
    <message>
        <source>A .nabform file, or the folder of a project.</source>
        <translation>Un fichier .nabform ou le dossier d&apos;un projet.</translation>
    </message>
    <message>
        <source>The database to hold them against, instead of the project&apos;s.</source>
        <translation>La base de données à laquelle comparer, au lieu de celle du projet.</translation>
    </message>
    <message>
        <source>text, json, sarif or junit.</source>
        <translation>text, json, sarif ou junit.</translation>
    </message>
    <message>
        <source>Writes to this file instead of the output.</source>
        <translation>Écrit dans ce fichier au lieu de la sortie.</translation>
    </message>
    <message>
        <source>Looks at the stored values, too: which of them boxes cut off.</source>
        <translation>Examine aussi les valeurs enregistrées&#xa0;: lesquelles sont coupées par les champs.</translation>
    </message>
    <message>
        <source>Ends with 3 also when something is to be weighed.</source>
        <translation>Se termine par 3 aussi quand quelque chose est à peser.</translation>
    </message>
    <message>
        <source>--format takes text, json, sarif or junit</source>
        <translation>--format accepte text, json, sarif ou junit</translation>
    </message>
</context>
<context>
    <name>nabblet::ChildRowsList</name>
    <message>
        <source>Rows that belong to each record</source>
        <translation>Lignes qui appartiennent à chaque fiche</translation>
    </message>
    <message>
        <source>%1, by %2 = %3</source>
        <translation>%1, par %2 = %3</translation>
    </message>
    <message>
        <source>%L1 of each</source>
        <translation>%L1 pour chacune</translation>
    </message>
</context>
<context>
    <name>nabblet::ChoiceList</name>
    <message>
        <source>Reading the choices…</source>
        <translation>Lecture des choix…</translation>
    </message>
</context>
<context>
    <name>nabblet::ChoicesTableDialog</name>
    <message>
        <source>A table of the values of %1</source>
        <translation>Une table des valeurs de %1</translation>
    </message>
    <message>
        <source>Name of the table</source>
        <translation>Nom de la table</translation>
    </message>
    <message>
        <source>Statements</source>
        <translation>Instructions</translation>
    </message>
    <message>
        <source>Make the table</source>
        <translation>Créer la table</translation>
    </message>
    <message>
        <source>One value goes into the table. What is stored in “%1” stays as it is; the project remembers that it is chosen from there.</source>
        <translation>Une valeur va dans la table. Ce qui est enregistré dans «&#xa0;%1&#xa0;» reste tel quel&#xa0;; le projet retient qu&apos;il s&apos;y choisit.</translation>
    </message>
    <message>
        <source>%1 values go into the table. What is stored in “%2” stays as it is; the project remembers that it is chosen from there.</source>
        <translation>%1 valeurs vont dans la table. Ce qui est enregistré dans «&#xa0;%2&#xa0;» reste tel quel&#xa0;; le projet retient qu&apos;il s&apos;y choisit.</translation>
    </message>
</context>
<context>
    <name>nabblet::ColourEditor</name>
    <message>
        <source>Choose a colour</source>
        <translation>Choisir une couleur</translation>
    </message>
    <message>
        <source>mixed</source>
        <translation>mélangé</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucune</translation>
    </message>
</context>
<context>
    <name>nabblet::ColourPicker</name>
    <message>
        <source>used once</source>
        <translation>utilisée une fois</translation>
    </message>
    <message>
        <source>used %1 times</source>
        <translation>utilisée %1 fois</translation>
    </message>
    <message>
        <source>Choose a colour</source>
        <translation>Choisir une couleur</translation>
    </message>
    <message>
        <source>This look</source>
        <translation>Cette apparence</translation>
    </message>
    <message>
        <source>Used in this project</source>
        <translation>Utilisées dans ce projet</translation>
    </message>
    <message>
        <source>Taken lately</source>
        <translation>Prises récemment</translation>
    </message>
    <message>
        <source>Any other</source>
        <translation>Toute autre</translation>
    </message>
    <message>
        <source>Colour in words</source>
        <translation>Couleur en mots</translation>
    </message>
    <message>
        <source>#0b7a70, teal, hsl(174 83% 26%)</source>
        <translation>#0b7a70, teal, hsl(174 83% 26%)</translation>
    </message>
    <message>
        <source>From the screen</source>
        <translation>De l&apos;écran</translation>
    </message>
    <message>
        <source>The next click on any window of this program takes the colour that is seen there. Escape takes none.</source>
        <translation>Le prochain clic sur une fenêtre de ce programme prend la couleur qu&apos;on y voit. Échap n&apos;en prend aucune.</translation>
    </message>
</context>
<context>
    <name>nabblet::ColourPlane</name>
    <message>
        <source>Any colour</source>
        <translation>Toute couleur</translation>
    </message>
    <message>
        <source>Left and right: strength. Up and down: lightness. With Shift: hue.</source>
        <translation>Gauche et droite&#xa0;: force. Haut et bas&#xa0;: clarté. Avec Maj&#xa0;: teinte.</translation>
    </message>
</context>
<context>
    <name>nabblet::ColumnsInsteadDialog</name>
    <message>
        <source>Other columns instead</source>
        <translation>D&apos;autres colonnes à la place</translation>
    </message>
    <message>
        <source>Tick the columns that are to stand where “%1” stands. The first takes its box, the others come below it; what is there makes way.</source>
        <translation>Cochez les colonnes qui doivent être là où est «&#xa0;%1&#xa0;». La première prend son champ, les autres viennent dessous&#xa0;; ce qui est là fait place.</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Colonnes</translation>
    </message>
    <message>
        <source>Put them there</source>
        <translation>Les y mettre</translation>
    </message>
</context>
<context>
    <name>nabblet::CommandFinder</name>
    <message>
        <source>Find a command</source>
        <translation>Trouver une commande</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>Que voulez-vous faire&#xa0;?</translation>
    </message>
    <message>
        <source>Command</source>
        <translation>Commande</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Commandes</translation>
    </message>
    <message>
        <source>Keep it at hand, or take it away (Ctrl+Enter)</source>
        <translation>La garder sous la main, ou l&apos;enlever (Ctrl+Entrée)</translation>
    </message>
    <message>
        <source>In the row over the board</source>
        <translation>Dans la rangée au-dessus du plan</translation>
    </message>
    <message>
        <source>not now</source>
        <translation>pas maintenant</translation>
    </message>
</context>
<context>
    <name>nabblet::CommandLine</name>
    <message>
        <source>Paints a form into a file: a picture, a drawing or a page.</source>
        <translation>Dessine un formulaire dans un fichier&#xa0;: une image, un dessin ou une page.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Un fichier .nabform.</translation>
    </message>
    <message>
        <source>The file to write: %1.</source>
        <translation>Le fichier à écrire&#xa0;: %1.</translation>
    </message>
    <message>
        <source>design or entry (the usual one).</source>
        <translation>design ou entry (l&apos;habituel).</translation>
    </message>
    <message>
        <source>The number of the record to show, from 1; 0 shows the form blank.</source>
        <translation>Le numéro de la fiche à montrer, à partir de 1&#xa0;; 0 montre le formulaire vide.</translation>
    </message>
    <message>
        <source>The database to take values from, instead of the project&apos;s.</source>
        <translation>La base de données d&apos;où viennent les valeurs, au lieu de celle du projet.</translation>
    </message>
    <message>
        <source>Dark colours.</source>
        <translation>Couleurs sombres.</translation>
    </message>
    <message>
        <source>say where to write with -o FILE</source>
        <translation>dites avec -o FICHIER où écrire</translation>
    </message>
    <message>
        <source>the file to write ends in %1</source>
        <translation>le fichier à écrire se termine par %1</translation>
    </message>
    <message>
        <source>--side takes design or entry</source>
        <translation>--side accepte design ou entry</translation>
    </message>
    <message>
        <source>--record takes a number</source>
        <translation>--record accepte un nombre</translation>
    </message>
    <message>
        <source>There is no record %1; there are %2.</source>
        <translation>Il n&apos;y a pas de fiche %1&#xa0;; il y en a %2.</translation>
    </message>
    <message>
        <source>Opens a form to work with records, and nothing else.</source>
        <translation>Ouvre un formulaire pour travailler avec les fiches, et rien d&apos;autre.</translation>
    </message>
    <message>
        <source>The database to work on, instead of the project&apos;s.</source>
        <translation>La base de données sur laquelle travailler, au lieu de celle du projet.</translation>
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
        <translation>Ébauche des formulaires de saisie à partir de tables, les dispose et les met au travail.

Commandes&#xa0;:
  nabblet [CHEMIN]          ouvrir la fenêtre avec un projet, une base de données ou un formulaire
  nabblet draft             ébaucher un formulaire à partir d&apos;une table
  nabblet render            dessiner un formulaire&#xa0;: PNG, SVG ou PDF
  nabblet check             dire ce qui ne va pas dans un formulaire ou dans tout un projet
  nabblet reconcile         accorder des formulaires avec leurs tables
  nabblet diff              dire ce qui distingue deux états d&apos;un formulaire
  nabblet merge             réunir deux suites de changements d&apos;un formulaire
  nabblet export            écrire les lignes d&apos;un formulaire dans un fichier
  nabblet import            mettre les lignes d&apos;un fichier dans celles d&apos;un formulaire
  nabblet print             imprimer les fiches d&apos;un formulaire&#xa0;: PDF, PNG ou SVG
  nabblet hand-over         remettre un projet à ceux qui travaillent avec ses formulaires
  nabblet enter             ouvrir un formulaire pour travailler avec les fiches
  nabblet COMMANDE --help   ce qu&apos;une commande accepte</translation>
    </message>
    <message>
        <source>A project folder, a .nabform file or a database file.</source>
        <translation>Un dossier de projet, un fichier .nabform ou un fichier de base de données.</translation>
    </message>
    <message>
        <source>Shows the version.</source>
        <translation>Affiche la version.</translation>
    </message>
    <message>
        <source>Closes again once the window is painted, for measuring.</source>
        <translation>Se referme dès que la fenêtre est dessinée, pour mesurer.</translation>
    </message>
    <message>
        <source>Opens the demonstration.</source>
        <translation>Ouvre la démonstration.</translation>
    </message>
    <message>
        <source>Try: nabblet %1--help</source>
        <translation>Essayez&#xa0;: nabblet %1--help</translation>
    </message>
    <message>
        <source>Shows this help.</source>
        <translation>Affiche cette aide.</translation>
    </message>
    <message>
        <source>something is missing in the call</source>
        <translation>il manque quelque chose dans l&apos;appel</translation>
    </message>
    <message>
        <source>there is too much in the call</source>
        <translation>il y a quelque chose de trop dans l&apos;appel</translation>
    </message>
</context>
<context>
    <name>nabblet::Commands</name>
    <message>
        <source>Select a control first.</source>
        <translation>Choisissez d&apos;abord un élément.</translation>
    </message>
</context>
<context>
    <name>nabblet::ConditionEditor</name>
    <message>
        <source>when</source>
        <translation>quand</translation>
    </message>
    <message>
        <source>when not</source>
        <translation>sauf quand</translation>
    </message>
    <message>
        <source>This condition is more than rows can say. It is edited as SQL.</source>
        <translation>Cette condition dépasse ce que des lignes peuvent dire. Elle se modifie en SQL.</translation>
    </message>
    <message>
        <source>+ and</source>
        <translation>+ et</translation>
    </message>
    <message>
        <source>+ or</source>
        <translation>+ ou</translation>
    </message>
    <message>
        <source>The same as SQL</source>
        <translation>La même en SQL</translation>
    </message>
    <message>
        <source>Condition as SQL</source>
        <translation>Condition en SQL</translation>
    </message>
    <message>
        <source>Always</source>
        <translation>Toujours</translation>
    </message>
    <message>
        <source>+ only when</source>
        <translation>+ seulement quand</translation>
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
        <translation>aujourd&apos;hui</translation>
    </message>
    <message>
        <source>today + %1</source>
        <translation>aujourd&apos;hui + %1</translation>
    </message>
    <message>
        <source>today − %1</source>
        <translation>aujourd&apos;hui − %1</translation>
    </message>
    <message>
        <source>when</source>
        <translation>quand</translation>
    </message>
    <message>
        <source>when not</source>
        <translation>sauf quand</translation>
    </message>
    <message>
        <source>A click turns it into its opposite, and back.</source>
        <translation>Un clic le change en son contraire, et retour.</translation>
    </message>
    <message>
        <source>And binds more tightly than or. Clicks go from and to or, and to their opposites.</source>
        <translation>Et lie plus fort que ou. Les clics passent de et à ou, et à leurs contraires.</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Colonne</translation>
    </message>
    <message>
        <source>%1 (not there)</source>
        <translation>%1 (absente)</translation>
    </message>
    <message>
        <source>Comparison</source>
        <translation>Comparaison</translation>
    </message>
    <message>
        <source>Take this row away</source>
        <translation>Enlever cette ligne</translation>
    </message>
    <message>
        <source>or not</source>
        <translation>ou pas</translation>
    </message>
    <message>
        <source>or</source>
        <translation>ou</translation>
    </message>
    <message>
        <source>and not</source>
        <translation>et pas</translation>
    </message>
    <message>
        <source>and</source>
        <translation>et</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valeur</translation>
    </message>
    <message>
        <source>From</source>
        <translation>De</translation>
    </message>
    <message>
        <source>To</source>
        <translation>À</translation>
    </message>
    <message>
        <source>Choose a day</source>
        <translation>Choisir un jour</translation>
    </message>
    <message>
        <source>as in %1</source>
        <translation>comme dans %1</translation>
    </message>
    <message>
        <source>Values, with commas between them</source>
        <translation>Valeurs séparées par des virgules</translation>
    </message>
    <message>
        <source>Choose values</source>
        <translation>Choisir des valeurs</translation>
    </message>
    <message>
        <source>In brackets with the row above: what stands in them is worked out first</source>
        <translation>Entre parenthèses avec la ligne du dessus&#xa0;: ce qui s’y trouve vaut d’abord</translation>
    </message>
    <message>
        <source>In brackets with the row above</source>
        <translation>Entre parenthèses avec la ligne du dessus</translation>
    </message>
</context>
<context>
    <name>nabblet::ControlsChooser</name>
    <message>
        <source>On: %1</source>
        <translation>Sur&#xa0;: %1</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Chercher</translation>
    </message>
    <message>
        <source>Search the controls</source>
        <translation>Chercher parmi les éléments</translation>
    </message>
    <message>
        <source>Controls</source>
        <translation>Éléments</translation>
    </message>
</context>
<context>
    <name>nabblet::DatabaseWatch</name>
    <message>
        <source>The server of the database %1 does not answer. Nothing can be saved until it does; what you typed is kept.</source>
        <translation>Le serveur de la base %1 ne répond pas. Rien ne peut être enregistré d&apos;ici là&#xa0;; ce que vous avez tapé est gardé.</translation>
    </message>
    <message>
        <source>The database %1 is not there any more: it was moved, renamed or deleted. Nothing can be saved until it is back; what you typed is kept.</source>
        <translation>La base %1 n&apos;est plus là&#xa0;: elle a été déplacée, renommée ou supprimée. Rien ne peut être enregistré avant son retour&#xa0;; ce que vous avez tapé est gardé.</translation>
    </message>
    <message>
        <source>The database %1 can only be read now. Nothing can be saved until it can be written again; what is typed is kept.</source>
        <translation>La base %1 ne peut plus être que lue. Rien ne peut être enregistré avant qu&apos;on puisse y écrire&#xa0;; ce qui est tapé est gardé.</translation>
    </message>
    <message>
        <source>The database %1 can be written again.</source>
        <translation>On peut de nouveau écrire dans la base %1.</translation>
    </message>
</context>
<context>
    <name>nabblet::DraftCommand</name>
    <message>
        <source>%1 is not a plan that can be read: %2.</source>
        <translation>%1 n&apos;est pas un plan lisible&#xa0;: %2.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made. Choose another one, or ask for the right to write there.</source>
        <translation>Le dossier %1 ne peut être créé. Choisissez-en un autre, ou demandez le droit d&apos;y écrire.</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 sur %2&#xa0;: %3</translation>
    </message>
    <message>
        <source>%1 is there already; --replace writes it anew</source>
        <translation>%1 existe déjà&#xa0;; --replace l&apos;écrit à nouveau</translation>
    </message>
    <message>
        <source>One form drafted.</source>
        <translation>Un formulaire ébauché.</translation>
    </message>
    <message>
        <source>%1 forms drafted.</source>
        <translation>%1 formulaires ébauchés.</translation>
    </message>
    <message>
        <source>One table has no form:</source>
        <translation>Une table n&apos;a pas de formulaire&#xa0;:</translation>
    </message>
    <message>
        <source>%1 tables have no form:</source>
        <translation>%1 tables n&apos;ont pas de formulaire&#xa0;:</translation>
    </message>
    <message>
        <source>Drafts a form from a table or view and writes it to a file, or to the output; with --all, a form for every table and view into a project&apos;s folder.</source>
        <translation>Ébauche un formulaire à partir d&apos;une table ou d&apos;une vue et l&apos;écrit dans un fichier ou sur la sortie&#xa0;; avec --all, un formulaire pour chaque table et vue, dans le dossier d&apos;un projet.</translation>
    </message>
    <message>
        <source>A database file.</source>
        <translation>Un fichier de base de données.</translation>
    </message>
    <message>
        <source>The table or view whose rows the form shows.</source>
        <translation>La table ou la vue dont le formulaire montre les lignes.</translation>
    </message>
    <message>
        <source>Writes the form to this file; with --all, forms to this folder.</source>
        <translation>Écrit le formulaire dans ce fichier&#xa0;; avec --all, les formulaires dans ce dossier.</translation>
    </message>
    <message>
        <source>Drafts every table and view.</source>
        <translation>Ébauche chaque table et chaque vue.</translation>
    </message>
    <message>
        <source>With --all: writes forms anew that are there already.</source>
        <translation>Avec --all&#xa0;: écrit à nouveau les formulaires déjà présents.</translation>
    </message>
    <message>
        <source>columnar (the usual one), stacked or tabular.</source>
        <translation>columnar (l&apos;habituel), stacked ou tabular.</translation>
    </message>
    <message>
        <source>The same as --arrangement stacked.</source>
        <translation>Comme --arrangement stacked.</translation>
    </message>
    <message>
        <source>The same as --arrangement tabular.</source>
        <translation>Comme --arrangement tabular.</translation>
    </message>
    <message>
        <source>Columns of boxes, 1 to 4; by itself it chooses by the number of fields.</source>
        <translation>Colonnes de champs, 1 à 4&#xa0;; de lui-même il choisit d&apos;après le nombre de champs.</translation>
    </message>
    <message>
        <source>tight, comfortable or roomy.</source>
        <translation>tight, comfortable ou roomy.</translation>
    </message>
    <message>
        <source>Box widths by the stored values, as declared, or all the same.</source>
        <translation>Largeur des champs d&apos;après les valeurs enregistrées, d&apos;après la déclaration, ou toutes égales.</translation>
    </message>
    <message>
        <source>Sizes boxes by what the columns declare, without looking at the stored values.</source>
        <translation>Donne aux champs la taille que déclarent les colonnes, sans regarder les valeurs enregistrées.</translation>
    </message>
    <message>
        <source>Rows that a tabular form shows.</source>
        <translation>Lignes que montre un formulaire en tableau.</translation>
    </message>
    <message>
        <source>Tabular: captions over the boxes of every row.</source>
        <translation>En tableau&#xa0;: libellés au-dessus des champs de chaque ligne.</translation>
    </message>
    <message>
        <source>Tabular: totals of the number columns in the footer.</source>
        <translation>En tableau&#xa0;: totaux des colonnes de nombres dans le pied.</translation>
    </message>
    <message>
        <source>The form&apos;s look.</source>
        <translation>L&apos;apparence du formulaire.</translation>
    </message>
    <message>
        <source>The form&apos;s title.</source>
        <translation>Le titre du formulaire.</translation>
    </message>
    <message>
        <source>Only these columns, in this order, with commas.</source>
        <translation>Seulement ces colonnes, dans cet ordre, séparées par des virgules.</translation>
    </message>
    <message>
        <source>What people may do: see,add,change,delete.</source>
        <translation>Ce que les gens peuvent faire&#xa0;: see,add,change,delete.</translation>
    </message>
    <message>
        <source>The pattern of control names, such as {kind}_{column}.</source>
        <translation>Le modèle des noms d&apos;éléments, par exemple {kind}_{column}.</translation>
    </message>
    <message>
        <source>Rows that belong to each record: subforms (the usual ones), buttons or none.</source>
        <translation>Lignes qui appartiennent à chaque fiche&#xa0;: subforms (l&apos;habituel), buttons ou none.</translation>
    </message>
    <message>
        <source>The rows of a SELECT of your own, in place of a table&apos;s; no TABLE is given.</source>
        <translation>Les lignes d&apos;un SELECT à vous, au lieu de celles d&apos;une table&#xa0;; aucune TABLE n&apos;est donnée.</translation>
    </message>
    <message>
        <source>A page with a title and the rails of so many columns, 1 to 4; no TABLE is given.</source>
        <translation>Une page avec un titre et les rails d&apos;autant de colonnes, 1 à 4&#xa0;; aucune TABLE n&apos;est donnée.</translation>
    </message>
    <message>
        <source>An empty form with a title; no TABLE is given.</source>
        <translation>Un formulaire vide avec un titre&#xa0;; aucune TABLE n&apos;est donnée.</translation>
    </message>
    <message>
        <source>A JSON file with choices; flags go before it.</source>
        <translation>Un fichier JSON de choix&#xa0;; les options passent avant lui.</translation>
    </message>
    <message>
        <source>Writes the plan as JSON instead of the form, to be changed and given back.</source>
        <translation>Écrit le plan en JSON au lieu du formulaire, pour le changer et le redonner.</translation>
    </message>
    <message>
        <source>there is too much in the call: a table, --all, --select, --pattern or --empty, one of them</source>
        <translation>il y a quelque chose de trop dans l&apos;appel&#xa0;: une table, --all, --select, --pattern ou --empty, l&apos;un d&apos;eux</translation>
    </message>
    <message>
        <source>something is missing in the call: which table?</source>
        <translation>il manque quelque chose dans l&apos;appel&#xa0;: quelle table&#xa0;?</translation>
    </message>
    <message>
        <source>--pattern takes a number from 1 to 4</source>
        <translation>--pattern accepte un nombre de 1 à 4</translation>
    </message>
    <message>
        <source>say with -o which folder the forms go to</source>
        <translation>dites avec -o dans quel dossier vont les formulaires</translation>
    </message>
    <message>
        <source>--children takes subforms, buttons or none</source>
        <translation>--children accepte subforms, buttons ou none</translation>
    </message>
    <message>
        <source>--columns takes a number from 1 to 4</source>
        <translation>--columns accepte un nombre de 1 à 4</translation>
    </message>
    <message>
        <source>--rows takes a number from 1 to 200</source>
        <translation>--rows accepte un nombre de 1 à 200</translation>
    </message>
    <message>
        <source>New form</source>
        <translation>Nouveau formulaire</translation>
    </message>
    <message>
        <source>The database has no table or view “%1”. It has: %2.</source>
        <translation>La base de données n&apos;a ni table ni vue «&#xa0;%1&#xa0;». Elle a&#xa0;: %2.</translation>
    </message>
</context>
<context>
    <name>nabblet::EntrySession</name>
    <message>
        <source>“%1” is none of the choices; Ctrl+Alt+A in the box adds it to them.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas parmi les choix&#xa0;; Ctrl+Alt+A dans le champ l&apos;y ajoute.</translation>
    </message>
    <message>
        <source>Look at it large…	F2</source>
        <translation>La voir en grand…	F2</translation>
    </message>
    <message>
        <source>Choose a picture…</source>
        <translation>Choisir une image…</translation>
    </message>
    <message>
        <source>Put in the one from the clipboard	Ctrl+V</source>
        <translation>Mettre celle du presse-papiers	Ctrl+V</translation>
    </message>
    <message>
        <source>Save the picture as…</source>
        <translation>Enregistrer l&apos;image sous…</translation>
    </message>
    <message>
        <source>Remove the picture</source>
        <translation>Retirer l&apos;image</translation>
    </message>
    <message>
        <source>That is no picture that can be shown.</source>
        <translation>Ce n&apos;est pas une image qui puisse être montrée.</translation>
    </message>
    <message>
        <source>Choose a picture</source>
        <translation>Choisir une image</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.gif *.bmp *.svg)</source>
        <translation>Images (*.png *.jpg *.jpeg *.gif *.bmp *.svg)</translation>
    </message>
    <message>
        <source>%1 is not a picture that can be shown. Choose another file.</source>
        <translation>%1 n&apos;est pas une image qui puisse être montrée. Choisissez un autre fichier.</translation>
    </message>
    <message>
        <source>Save the picture as</source>
        <translation>Enregistrer l&apos;image sous</translation>
    </message>
    <message>
        <source>The picture is saved as %1.</source>
        <translation>L&apos;image est enregistrée dans %1.</translation>
    </message>
    <message>
        <source>“%1” is no web or e-mail address to follow.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une adresse web ou de courriel à suivre.</translation>
    </message>
    <message>
        <source>%1 × %2 points, shown at %3 %</source>
        <comment>width, height, per cent</comment>
        <translation>%1 × %2 points, montrés à %3 %</translation>
    </message>
    <message>
        <source>&amp;Larger</source>
        <translation>Plus &amp;grand</translation>
    </message>
    <message>
        <source>&amp;Smaller</source>
        <translation>Plus &amp;petit</translation>
    </message>
    <message>
        <source>&amp;Whole</source>
        <translation>&amp;Entier</translation>
    </message>
    <message>
        <source>&amp;Point by point</source>
        <translation>Point par poin&amp;t</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Take it over</source>
        <translation>Reprendre</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Record not saved</source>
        <translation>Fiche non enregistrée</translation>
    </message>
    <message>
        <source>What was typed into “%1” was not saved when the program last ended.</source>
        <translation>Ce qui a été tapé dans «&#xa0;%1&#xa0;» n&apos;était pas enregistré quand le programme s&apos;est terminé la dernière fois.</translation>
    </message>
    <message>
        <source>It can stand in the boxes again, as it was typed, to be saved or taken back.</source>
        <translation>Il peut revenir dans les champs, tel qu&apos;il a été tapé, pour être enregistré ou repris.</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Le reprendre</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>L&apos;abandonner</translation>
    </message>
    <message>
        <source>The record is not there any more, so what was typed cannot stand in it. It is kept in the file %1.</source>
        <translation>La fiche n&apos;est plus là&#xa0;; ce qui a été tapé ne peut donc y être. C&apos;est gardé dans le fichier %1.</translation>
    </message>
    <message>
        <source>Save the record “%1” first?</source>
        <translation>Enregistrer d&apos;abord la fiche «&#xa0;%1&#xa0;»&#xa0;?</translation>
    </message>
    <message>
        <source>Changed: rows that belong to it.</source>
        <translation>Changé&#xa0;: des lignes qui lui appartiennent.</translation>
    </message>
    <message>
        <source>Changed: %1.</source>
        <translation>Changé&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Rester</translation>
    </message>
    <message>
        <source>Let go what was typed in “%1”?</source>
        <translation>Abandonner ce qui a été tapé dans «&#xa0;%1&#xa0;»&#xa0;?</translation>
    </message>
    <message>
        <source>The form does not show these rows any more. Undo the change of its rows to go on with the record.</source>
        <translation>Le formulaire ne montre plus ces lignes. Annulez le changement de ses lignes pour continuer avec la fiche.</translation>
    </message>
    <message>
        <source>People may neither see nor add records with this form.</source>
        <translation>Avec ce formulaire, on ne peut ni voir ni ajouter de fiches.</translation>
    </message>
    <message>
        <source>“%1” cannot be asked any more; the rest is.</source>
        <translation>«&#xa0;%1&#xa0;» ne peut plus être demandé&#xa0;; le reste l&apos;est.</translation>
    </message>
    <message>
        <source>No record is like that; all that were shown stay.</source>
        <translation>Aucune fiche n&apos;est ainsi&#xa0;; toutes celles montrées restent.</translation>
    </message>
    <message>
        <source>The form has no page “%1” now.</source>
        <translation>Le formulaire n&apos;a pas de page «&#xa0;%1&#xa0;» maintenant.</translation>
    </message>
    <message>
        <source>The form has no rows that one could be added to.</source>
        <translation>Le formulaire n&apos;a pas de lignes auxquelles en ajouter une.</translation>
    </message>
    <message>
        <source>The form has no rows “%1”.</source>
        <translation>Le formulaire n&apos;a pas de lignes «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>Really?</source>
        <translation>Vraiment&#xa0;?</translation>
    </message>
    <message>
        <source>Yes</source>
        <translation>Oui</translation>
    </message>
    <message>
        <source>No</source>
        <translation>Non</translation>
    </message>
    <message>
        <source>“%1” could not be done; what comes behind it was left.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pu se faire&#xa0;; ce qui vient après a été laissé.</translation>
    </message>
    <message>
        <source>Find a record</source>
        <translation>Trouver une fiche</translation>
    </message>
    <message>
        <source>Words, numbers or dates of the record, in any order</source>
        <translation>Mots, nombres ou dates de la fiche, dans n&apos;importe quel ordre</translation>
    </message>
    <message>
        <source>Words of the record</source>
        <translation>Mots de la fiche</translation>
    </message>
    <message>
        <source>Records found</source>
        <translation>Fiches trouvées</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Y aller</translation>
    </message>
    <message>
        <source>Show &amp;more</source>
        <translation>En montrer &amp;plus</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Recherche…</translation>
    </message>
    <message>
        <source>No record has these words.</source>
        <translation>Aucune fiche n&apos;a ces mots.</translation>
    </message>
    <message>
        <source>None of the records that are shown has these words.</source>
        <translation>Aucune des fiches montrées n&apos;a ces mots.</translation>
    </message>
    <message>
        <source>The first %L1; more words narrow them down.</source>
        <translation>Les %L1 premières&#xa0;; plus de mots resserrent.</translation>
    </message>
    <message>
        <source>One record</source>
        <translation>Une fiche</translation>
    </message>
    <message>
        <source>%1 records</source>
        <translation>%1 fiches</translation>
    </message>
    <message>
        <source>One record so far; still looking…</source>
        <translation>Une fiche jusqu&apos;ici&#xa0;; la recherche continue…</translation>
    </message>
    <message>
        <source>%1 records so far; still looking…</source>
        <translation>%1 fiches jusqu&apos;ici&#xa0;; la recherche continue…</translation>
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
        <translation>Supprimer la fiche</translation>
    </message>
    <message>
        <source>Delete “%1” from “%2”?</source>
        <translation>Supprimer «&#xa0;%1&#xa0;» de «&#xa0;%2&#xa0;»&#xa0;?</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Garder</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>à remplir</translation>
    </message>
    <message>
        <source>only shown</source>
        <translation>montré seulement</translation>
    </message>
    <message>
        <source>new records take it over</source>
        <translation>les nouvelles fiches le reprennent</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>New records take this over</source>
        <translation>Les nouvelles fiches reprennent ceci</translation>
    </message>
    <message>
        <source>full: no more than %1</source>
        <translation>plein&#xa0;: %1 au plus</translation>
    </message>
    <message>
        <source>1 letter</source>
        <translation>1 lettre</translation>
    </message>
    <message>
        <source>%1 letters</source>
        <translation>%1 lettres</translation>
    </message>
    <message>
        <source>1 letter left</source>
        <translation>encore 1 lettre</translation>
    </message>
    <message>
        <source>%1 letters left</source>
        <translation>encore %1 lettres</translation>
    </message>
    <message>
        <source>Changed elsewhere meanwhile: %1.</source>
        <translation>Changé ailleurs entre-temps&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Someone else changed this record while you worked on it. Beside the boxes stands what is stored now.</source>
        <translation>Quelqu&apos;un a changé cette fiche pendant que vous y travailliez. À côté des champs se trouve ce qui est enregistré maintenant.</translation>
    </message>
    <message>
        <source>Side by side…</source>
        <translation>Côte à côte…</translation>
    </message>
    <message>
        <source>Save mine over it</source>
        <translation>Enregistrer le mien par-dessus</translation>
    </message>
    <message>
        <source>Take what is stored</source>
        <translation>Prendre ce qui est enregistré</translation>
    </message>
    <message>
        <source>Someone else deleted this record while you worked on it.</source>
        <translation>Quelqu&apos;un a supprimé cette fiche pendant que vous y travailliez.</translation>
    </message>
    <message>
        <source>Add mine as a new record</source>
        <translation>Ajouter la mienne comme nouvelle fiche</translation>
    </message>
    <message>
        <source>Let mine go</source>
        <translation>Abandonner la mienne</translation>
    </message>
    <message>
        <source>It is so, save</source>
        <translation>C&apos;est ainsi, enregistrer</translation>
    </message>
    <message>
        <source>Go back to it</source>
        <translation>Y revenir</translation>
    </message>
    <message>
        <source>Save with it</source>
        <translation>Enregistrer avec</translation>
    </message>
    <message>
        <source>Save it empty</source>
        <translation>Enregistrer vide</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Revenir</translation>
    </message>
    <message>
        <source>The form is shown as it was built.</source>
        <translation>Le formulaire est montré comme il a été fait.</translation>
    </message>
    <message>
        <source>The form is shown in your own way, on this computer.</source>
        <translation>Le formulaire est montré à votre façon, sur cet ordinateur.</translation>
    </message>
    <message>
        <source>Back to the rows (Ctrl+E)</source>
        <translation>Revenir aux lignes (Ctrl+E)</translation>
    </message>
    <message>
        <source>The whole row (Ctrl+E)</source>
        <translation>La ligne entière (Ctrl+E)</translation>
    </message>
    <message>
        <source>1 row is chosen.</source>
        <translation>1 ligne est choisie.</translation>
    </message>
    <message>
        <source>%1 rows are chosen.</source>
        <translation>%1 lignes sont choisies.</translation>
    </message>
    <message>
        <source>Escape lets go of them.</source>
        <translation>Échap les lâche.</translation>
    </message>
    <message>
        <source>Only stored rows under one another can be chosen.</source>
        <translation>Seules des lignes enregistrées, les unes sous les autres, peuvent être choisies.</translation>
    </message>
    <message>
        <source>The first %1 are on the clipboard, with their heads.</source>
        <translation>Les %1 premières sont dans le presse-papiers, avec leurs en-têtes.</translation>
    </message>
    <message>
        <source>%1 copied, with their heads.</source>
        <translation>%1&#xa0;: copié, avec les en-têtes.</translation>
    </message>
    <message>
        <source>1 row</source>
        <translation>1 ligne</translation>
    </message>
    <message>
        <source>%1 rows</source>
        <translation>%1 lignes</translation>
    </message>
    <message>
        <source>Divider</source>
        <translation>Séparation</translation>
    </message>
    <message>
        <source>All records are shown.</source>
        <translation>Toutes les fiches sont montrées.</translation>
    </message>
    <message>
        <source>Records cannot be looked for by this box.</source>
        <translation>On ne peut chercher de fiches par ce champ.</translation>
    </message>
    <message>
        <source>Go into a box first.</source>
        <translation>Allez d&apos;abord dans un champ.</translation>
    </message>
    <message>
        <source>Go into a box with a value of its own first.</source>
        <translation>Allez d&apos;abord dans un champ qui a une valeur à lui.</translation>
    </message>
    <message>
        <source>There is no record to add one like it.</source>
        <translation>Il n&apos;y a pas de fiche à laquelle en ajouter une semblable.</translation>
    </message>
</context>
<context>
    <name>nabblet::EntryWindow</name>
    <message>
        <source>The database can only be read: records can be looked at, not changed.</source>
        <translation>La base de données ne peut être que lue&#xa0;: les fiches peuvent être vues, pas changées.</translation>
    </message>
</context>
<context>
    <name>nabblet::ExportCommand</name>
    <message>
        <source>Writes the rows of a form into a file: what its boxes show, in the order of the form. The file is whole or is not there.</source>
        <translation>Écrit les lignes d&apos;un formulaire dans un fichier&#xa0;: ce que montrent ses champs, dans l&apos;ordre du formulaire. Le fichier est entier ou n&apos;est pas là.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Un fichier .nabform.</translation>
    </message>
    <message>
        <source>The file to write: %1.</source>
        <translation>Le fichier à écrire&#xa0;: %1.</translation>
    </message>
    <message>
        <source>say where to write with -o FILE</source>
        <translation>dites avec -o FICHIER où écrire</translation>
    </message>
    <message>
        <source>the file to write ends in one of %1</source>
        <translation>le fichier à écrire se termine par l&apos;un de %1</translation>
    </message>
    <message>
        <source>%L1 rows written</source>
        <translation>%L1 lignes écrites</translation>
    </message>
    <message>
        <source>Given up; %1 is as it was.</source>
        <translation>Abandonné&#xa0;; %1 est comme avant.</translation>
    </message>
    <message>
        <source>1 row</source>
        <translation>1 ligne</translation>
    </message>
    <message>
        <source>%1 rows</source>
        <translation>%1 lignes</translation>
    </message>
</context>
<context>
    <name>nabblet::FileChooser</name>
    <message>
        <source>Remove</source>
        <translation>Retirer</translation>
    </message>
    <message>
        <source>Choose a picture</source>
        <translation>Choisir une image</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.gif *.bmp *.svg)</source>
        <translation>Images (*.png *.jpg *.jpeg *.gif *.bmp *.svg)</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Choisir…</translation>
    </message>
</context>
<context>
    <name>nabblet::Filing</name>
    <message>
        <source>Database</source>
        <translation>Base de données</translation>
    </message>
    <message>
        <source>Forms can be designed without it. Records can be seen and entered once it is there; “Read the database again” in the File menu then takes it up.</source>
        <translation>Les formulaires peuvent être conçus sans elle. Les fiches se voient et se saisissent dès qu&apos;elle est là&#xa0;; «&#xa0;Relire la base de données&#xa0;» du menu Fichier la reprend alors.</translation>
    </message>
    <message>
        <source>Choose the database…</source>
        <translation>Choisir la base de données…</translation>
    </message>
    <message>
        <source>Go on without it</source>
        <translation>Continuer sans elle</translation>
    </message>
    <message>
        <source>The database of “%1”</source>
        <translation>La base de données de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Databases (*.db *.sqlite *.sqlite3);;All files (*)</source>
        <translation>Bases de données (*.db *.sqlite *.sqlite3);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Travail non enregistré</translation>
    </message>
    <message>
        <source>“%1” was not saved when the program last ended.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;était pas enregistré quand le programme s&apos;est terminé la dernière fois.</translation>
    </message>
    <message>
        <source>The unsaved work is here. Taking it up changes nothing on the disk; you can undo it and save it as usual.</source>
        <translation>Le travail non enregistré est là. Le reprendre ne change rien sur le disque&#xa0;; vous pouvez l&apos;annuler et l&apos;enregistrer comme d&apos;habitude.</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Le reprendre</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>L&apos;abandonner</translation>
    </message>
    <message>
        <source>Take up unsaved work</source>
        <translation>Reprendre le travail non enregistré</translation>
    </message>
    <message>
        <source>The new form “%1” was not saved when the program last ended.</source>
        <translation>Le nouveau formulaire «&#xa0;%1&#xa0;» n&apos;était pas enregistré quand le programme s&apos;est terminé la dernière fois.</translation>
    </message>
    <message>
        <source>The unsaved work is here.</source>
        <translation>Le travail non enregistré est là.</translation>
    </message>
    <message>
        <source>Where is the database?</source>
        <translation>Où est la base de données&#xa0;?</translation>
    </message>
    <message>
        <source>In a file…</source>
        <translation>Dans un fichier…</translation>
    </message>
    <message>
        <source>On a server…</source>
        <translation>Sur un serveur…</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Départ</translation>
    </message>
    <message>
        <source>Move the project to another database</source>
        <translation>Déplacer le projet vers une autre base de données</translation>
    </message>
    <message>
        <source>… and %1 more.</source>
        <translation>… et %1 de plus.</translation>
    </message>
    <message>
        <source>All forms work on %1 as they stand.</source>
        <translation>Tous les formulaires travaillent sur %1 tels quels.</translation>
    </message>
    <message>
        <source>On %2, one thing is different for the forms. They are kept as they are.</source>
        <translation>Sur %2, une chose est différente pour les formulaires. Ils restent comme ils sont.</translation>
    </message>
    <message>
        <source>On %2, %1 things are different for the forms. They are kept as they are.</source>
        <translation>Sur %2, %1 choses sont différentes pour les formulaires. Ils restent comme ils sont.</translation>
    </message>
    <message>
        <source>Move the project</source>
        <translation>Déplacer le projet</translation>
    </message>
    <message>
        <source>The project works on %1 now.</source>
        <translation>Le projet travaille maintenant sur %1.</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>Projects, forms and databases (project.nabblet *.nabform *.db *.sqlite *.sqlite3);;All files (*)</source>
        <translation>Projets, formulaires et bases de données (project.nabblet *.nabform *.db *.sqlite *.sqlite3);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>Folder for the %1 forms</source>
        <translation>Dossier pour les %1 formulaires</translation>
    </message>
    <message>
        <source>Without a folder only the first form was made.</source>
        <translation>Sans dossier, seul le premier formulaire a été fait.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made: no form was saved. The first one is open, not saved yet.</source>
        <translation>Le dossier %1 ne peut être créé&#xa0;: aucun formulaire n&apos;a été enregistré. Le premier est ouvert, pas encore enregistré.</translation>
    </message>
    <message>
        <source>%1 of %2 forms are saved; “%3” could not be: %4</source>
        <translation>%1 formulaires sur %2 sont enregistrés&#xa0;; «&#xa0;%3&#xa0;» n&apos;a pu l&apos;être&#xa0;: %4</translation>
    </message>
    <message>
        <source>One form is</source>
        <translation>Un formulaire est</translation>
    </message>
    <message>
        <source>%1 forms are</source>
        <translation>%1 formulaires sont</translation>
    </message>
    <message>
        <source>%1 saved in %2.</source>
        <comment>so many forms</comment>
        <translation>%1 dans %2.</translation>
    </message>
    <message>
        <source>%1 is no table of the database: the rows of this form come from a SELECT. Choose “New form…” for another form on it.</source>
        <translation>%1 n&apos;est pas une table de la base&#xa0;: les lignes de ce formulaire viennent d&apos;un SELECT. Choisissez «&#xa0;Nouveau formulaire…&#xa0;» pour un autre formulaire dessus.</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Formulaire</translation>
    </message>
    <message>
        <source>The database was read again.</source>
        <translation>La base de données a été relue.</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Enregistré dans %1.</translation>
    </message>
    <message>
        <source>Save form as</source>
        <translation>Enregistrer le formulaire sous</translation>
    </message>
    <message>
        <source>Forms (*.nabform)</source>
        <translation>Formulaires (*.nabform)</translation>
    </message>
    <message>
        <source>Saved “%1” and made the project %2.</source>
        <translation>«&#xa0;%1&#xa0;» enregistré et projet %2 créé.</translation>
    </message>
    <message>
        <source>Saved “%1”.</source>
        <translation>«&#xa0;%1&#xa0;» enregistré.</translation>
    </message>
    <message>
        <source>Save the form in its project first; then it can be renamed there.</source>
        <translation>Enregistrez d&apos;abord le formulaire dans son projet&#xa0;; il peut alors y être renommé.</translation>
    </message>
    <message>
        <source>Rename the form</source>
        <translation>Renommer le formulaire</translation>
    </message>
    <message>
        <source>The name of the form; buttons and subforms that show it follow.</source>
        <translation>Le nom du formulaire&#xa0;; les boutons et les sous-formulaires qui le montrent suivent.</translation>
    </message>
    <message>
        <source>The form is called “%1” now, wherever the project names it.</source>
        <translation>Le formulaire s&apos;appelle maintenant «&#xa0;%1&#xa0;», partout où le projet le nomme.</translation>
    </message>
    <message>
        <source>Form not saved</source>
        <translation>Formulaire non enregistré</translation>
    </message>
    <message>
        <source>Save the form “%1” before closing?</source>
        <translation>Enregistrer le formulaire «&#xa0;%1&#xa0;» avant de fermer&#xa0;?</translation>
    </message>
    <message>
        <source>It has not been saved yet.</source>
        <translation>Il n&apos;a pas encore été enregistré.</translation>
    </message>
    <message>
        <source>Its file is as it was when it was last saved.</source>
        <translation>Son fichier est tel qu&apos;il a été enregistré la dernière fois.</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Rester</translation>
    </message>
</context>
<context>
    <name>nabblet::FindingsPanel</name>
    <message>
        <source>Findings</source>
        <translation>Constats</translation>
    </message>
    <message>
        <source>Which findings</source>
        <translation>Quels constats</translation>
    </message>
    <message>
        <source>all</source>
        <translation>tous</translation>
    </message>
    <message>
        <source>to fix</source>
        <translation>à corriger</translation>
    </message>
    <message>
        <source>to weigh</source>
        <translation>à peser</translation>
    </message>
    <message>
        <source>left be</source>
        <translation>laissé de côté</translation>
    </message>
    <message>
        <source>Close the findings</source>
        <translation>Fermer les constats</translation>
    </message>
    <message>
        <source>Nothing was found: every column has its box, every box shows what it should.</source>
        <translation>Rien n&apos;a été trouvé&#xa0;: chaque colonne a son champ, chaque champ montre ce qu&apos;il doit.</translation>
    </message>
    <message>
        <source>Why it may stay</source>
        <translation>Pourquoi il peut rester</translation>
    </message>
    <message>
        <source>Leave it be</source>
        <translation>Laisser de côté</translation>
    </message>
    <message>
        <source>Do not leave it be</source>
        <translation>Ne plus laisser de côté</translation>
    </message>
    <message>
        <source>%1 to fix · %2 to weigh</source>
        <translation>%1 à corriger · %2 à peser</translation>
    </message>
    <message>
        <source> · %1 left be</source>
        <translation> · %1 laissés de côté</translation>
    </message>
    <message>
        <source>Nothing was found: every column that is needed has its box, and every box shows what it should.</source>
        <translation>Rien n&apos;a été trouvé&#xa0;: chaque colonne nécessaire a son champ, et chaque champ montre ce qu&apos;il doit.</translation>
    </message>
    <message>
        <source>There are none of these.</source>
        <translation>Il n&apos;y en a pas de ce genre.</translation>
    </message>
    <message>
        <source>%1 Left be: %2</source>
        <translation>%1 Laissé de côté&#xa0;: %2</translation>
    </message>
    <message>
        <source>All %1 of this kind</source>
        <translation>Tous les %1 de ce genre</translation>
    </message>
    <message>
        <source>“%1”: the first way for each of them, as one step</source>
        <translation>«&#xa0;%1&#xa0;»&#xa0;: la première solution pour chacun, en un pas</translation>
    </message>
    <message>
        <source>What was found in the form: to fix, where it will fail; to weigh, where it will serve people worse. Beside each stand ways to put it right; one that has the mouse or the keyboard shows on the board.</source>
        <translation>Ce qui a été trouvé dans le formulaire&#xa0;: à corriger, là où il échouera&#xa0;; à peser, là où il servira moins bien. À côté, des moyens de le corriger&#xa0;; celui qui a la souris ou le clavier se voit sur le plan.</translation>
    </message>
</context>
<context>
    <name>nabblet::FindingsView</name>
    <message>
        <source>Nothing was found.</source>
        <translation>Rien n&apos;a été trouvé.</translation>
    </message>
    <message>
        <source>Select the box of a column first.</source>
        <translation>Choisissez d&apos;abord le champ d&apos;une colonne.</translation>
    </message>
    <message>
        <source>Put other columns in the place of one</source>
        <translation>Mettre d&apos;autres colonnes à la place d&apos;une</translation>
    </message>
    <message>
        <source>That changes nothing here; it has to be done by hand.</source>
        <translation>Cela ne change rien ici&#xa0;; c&apos;est à faire à la main.</translation>
    </message>
    <message>
        <source>Put right: %1</source>
        <translation>Corrigé&#xa0;: %1</translation>
    </message>
    <message>
        <source>Do not leave a finding be</source>
        <translation>Ne plus laisser un constat de côté</translation>
    </message>
    <message>
        <source>Leave a finding be</source>
        <translation>Laisser un constat de côté</translation>
    </message>
</context>
<context>
    <name>nabblet::FormAsked</name>
    <message>
        <source>Only the records that a question kept in the project asks for.</source>
        <translation>Seulement les fiches que demande une question gardée dans le projet.</translation>
    </message>
    <message>
        <source>The database to work on, instead of the project&apos;s.</source>
        <translation>La base de données sur laquelle travailler, au lieu de celle du projet.</translation>
    </message>
    <message>
        <source>The project keeps no question “%1” about this form.</source>
        <translation>Le projet ne garde pas de question «&#xa0;%1&#xa0;» sur ce formulaire.</translation>
    </message>
</context>
<context>
    <name>nabblet::FormNames</name>
    <message>
        <source>• unsaved</source>
        <translation>• non enregistré</translation>
    </message>
</context>
<context>
    <name>nabblet::FormQuestion</name>
    <message>
        <source>This form has no boxes by which records could be looked for.</source>
        <translation>Ce formulaire n&apos;a pas de champs par lesquels chercher des fiches.</translation>
    </message>
    <message>
        <source>Line before</source>
        <translation>Ligne précédente</translation>
    </message>
    <message>
        <source>Next line</source>
        <translation>Ligne suivante</translation>
    </message>
    <message>
        <source>The form as the question</source>
        <translation>Le formulaire comme question</translation>
    </message>
    <message>
        <source>The line before (PgUp)</source>
        <translation>La ligne précédente (Page préc.)</translation>
    </message>
    <message>
        <source>The next line (PgDown)</source>
        <translation>La ligne suivante (Page suiv.)</translation>
    </message>
    <message>
        <source>Or…</source>
        <translation>Ou…</translation>
    </message>
    <message>
        <source>A further line: records that are like one of the lines are shown (Ctrl+N)</source>
        <translation>Une autre ligne&#xa0;: les fiches qui ressemblent à l&apos;une des lignes sont montrées (Ctrl+N)</translation>
    </message>
    <message>
        <source>Show them</source>
        <translation>Les montrer</translation>
    </message>
    <message>
        <source>Shows the records that are like that (Enter)</source>
        <translation>Montre les fiches qui sont ainsi (Entrée)</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Back to the records (Escape)</source>
        <translation>Revenir aux fiches (Échap)</translation>
    </message>
    <message>
        <source>&lt;b&gt;What are you looking for?&lt;/b&gt; Write it where it stands: 12, &amp;gt; 12, 5..9, 2026-05, Sker*, not blank. Enter shows the records.</source>
        <translation>&lt;b&gt;Que cherchez-vous&#xa0;?&lt;/b&gt; Écrivez-le là où il se trouve&#xa0;: 12, &amp;gt; 12, 5..9, 2026-05, Sker*, pas vide. Entrée montre les fiches.</translation>
    </message>
    <message>
        <source>Line %1 of %2</source>
        <translation>Ligne %1 sur %2</translation>
    </message>
</context>
<context>
    <name>nabblet::FormView</name>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>%1 belongs to no project with a database; say which database it works on.</source>
        <translation>%1 n&apos;appartient à aucun projet avec une base&#xa0;; dites sur quelle base il travaille.</translation>
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
        <translation>Afficha&amp;ge</translation>
    </message>
    <message>
        <source>Shown at %1 %.</source>
        <translation>Montré à %1 %.</translation>
    </message>
    <message>
        <source>&amp;Larger</source>
        <translation>Plus &amp;grand</translation>
    </message>
    <message>
        <source>&amp;Smaller</source>
        <translation>Plus &amp;petit</translation>
    </message>
    <message>
        <source>&amp;As it was made</source>
        <translation>&amp;Comme il a été fait</translation>
    </message>
    <message>
        <source>&amp;Records</source>
        <translation>Fic&amp;hes</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Enregistrer</translation>
    </message>
    <message>
        <source>Ctrl+S</source>
        <translation>Ctrl+S</translation>
    </message>
    <message>
        <source>&amp;Close</source>
        <translation>&amp;Fermer</translation>
    </message>
    <message>
        <source>Ctrl+W</source>
        <translation>Ctrl+W</translation>
    </message>
</context>
<context>
    <name>nabblet::HandOverCommand</name>
    <message>
        <source>The folder of a project.</source>
        <translation>Le dossier d&apos;un projet.</translation>
    </message>
    <message>
        <source>The forms work on the database where it is.</source>
        <translation>Les formulaires travaillent sur la base de données là où elle est.</translation>
    </message>
    <message>
        <source>version %1: %2</source>
        <translation>version %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>something is missing in the call</source>
        <translation>il manque quelque chose dans l&apos;appel</translation>
    </message>
    <message>
        <source>Gives a project to those who work with its forms: checks all of them, and puts them into one file that opens in Entry alone, or into a folder with such a file. Handed over again, the forms are replaced and the data stay.</source>
        <translation>Donne un projet à ceux qui travaillent avec ses formulaires&#xa0;: les vérifie tous et les met dans un fichier qui s’ouvre pour la seule saisie, ou dans un dossier avec un tel fichier. Remis de nouveau, les formulaires sont remplacés et les données restent.</translation>
    </message>
    <message>
        <source>Where to: one file, ending in .nabhand, or a folder.</source>
        <translation>Où&#xa0;: un fichier qui se termine par .nabhand, ou un dossier.</translation>
    </message>
    <message>
        <source>Takes the last one back: nabblet hand-over --back FILE.</source>
        <translation>Reprend la dernière remise&#xa0;: nabblet hand-over --back FICHIER.</translation>
    </message>
</context>
<context>
    <name>nabblet::ImportCommand</name>
    <message>
        <source>Puts the rows of a file into the rows of a form: .csv, .tsv or .jsonl with heads. All are tried first; all go in, in one transaction, or none.</source>
        <translation>Met les lignes d&apos;un fichier dans celles d&apos;un formulaire&#xa0;: .csv, .tsv ou .jsonl avec en-têtes. Toutes sont d&apos;abord essayées&#xa0;; toutes entrent, en une transaction, ou aucune.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Un fichier .nabform.</translation>
    </message>
    <message>
        <source>The file with the rows.</source>
        <translation>Le fichier avec les lignes.</translation>
    </message>
    <message>
        <source>The head by which rows are known that are there already; without it all are added.</source>
        <translation>L&apos;en-tête auquel on reconnaît les lignes déjà présentes&#xa0;; sans lui, toutes sont ajoutées.</translation>
    </message>
    <message>
        <source>Rows that are there already stay as they are.</source>
        <translation>Les lignes déjà présentes restent comme elles sont.</translation>
    </message>
    <message>
        <source>Put in those that can go in, and leave the others.</source>
        <translation>Met celles qui peuvent entrer et laisse les autres.</translation>
    </message>
    <message>
        <source>Only say what would come of it.</source>
        <translation>Dire seulement ce qui en résulterait.</translation>
    </message>
    <message>
        <source>“%1” is no head of the file that names a box of the form.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un en-tête du fichier qui nomme un champ du formulaire.</translation>
    </message>
    <message>
        <source>“%1” goes nowhere, as no box is called so.</source>
        <translation>«&#xa0;%1&#xa0;» ne va nulle part, car aucun champ ne s&apos;appelle ainsi.</translation>
    </message>
    <message>
        <source>row %L1 of %L2</source>
        <translation>ligne %L1 sur %L2</translation>
    </message>
    <message>
        <source>Given up; nothing was put in.</source>
        <translation>Abandonné&#xa0;; rien n&apos;a été mis.</translation>
    </message>
    <message>
        <source>row %1: %2</source>
        <translation>ligne %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>1 row put in</source>
        <translation>1 ligne mise</translation>
    </message>
    <message>
        <source>%1 rows put in</source>
        <translation>%1 lignes mises</translation>
    </message>
    <message>
        <source>1 row would go in</source>
        <translation>1 ligne serait mise</translation>
    </message>
    <message>
        <source>%1 rows would go in</source>
        <translation>%1 lignes seraient mises</translation>
    </message>
    <message>
        <source>1 would not</source>
        <translation>1 non</translation>
    </message>
    <message>
        <source>%1 would not</source>
        <translation>%1 non</translation>
    </message>
    <message>
        <source>1 left as it is</source>
        <translation>1 laissée telle quelle</translation>
    </message>
    <message>
        <source>%1 left as they are</source>
        <translation>%1 laissées telles quelles</translation>
    </message>
</context>
<context>
    <name>nabblet::InnerFormBar</name>
    <message>
        <source>Inside %1</source>
        <translation>Dans %1</translation>
    </message>
    <message>
        <source>Back to %1</source>
        <translation>Revenir à %1</translation>
    </message>
</context>
<context>
    <name>nabblet::Inspector</name>
    <message>
        <source>Form</source>
        <translation>Formulaire</translation>
    </message>
    <message>
        <source>Find a setting</source>
        <translation>Trouver un réglage</translation>
    </message>
    <message>
        <source>As the look says again</source>
        <translation>De nouveau comme dit l&apos;apparence</translation>
    </message>
    <message>
        <source>%1 as the look says again</source>
        <translation>%1 de nouveau comme dit l&apos;apparence</translation>
    </message>
    <message>
        <source>Choose the rows…</source>
        <translation>Choisir les lignes…</translation>
    </message>
    <message>
        <source>Change the rows…</source>
        <translation>Changer les lignes…</translation>
    </message>
    <message>
        <source>mixed</source>
        <translation>mélangé</translation>
    </message>
    <message>
        <source>Take %1</source>
        <translation>Prendre %1</translation>
    </message>
    <message>
        <source>look: %1</source>
        <translation>apparence&#xa0;: %1</translation>
    </message>
    <message>
        <source>Form: %1</source>
        <translation>Formulaire&#xa0;: %1</translation>
    </message>
    <message>
        <source>No setting of what is selected, or of the form, has “%1” in it.</source>
        <translation>Aucun réglage de la sélection, ni du formulaire, ne contient «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>band</source>
        <translation>bande</translation>
    </message>
    <message>
        <source>Rail</source>
        <translation>Rail</translation>
    </message>
    <message>
        <source>%1 controls</source>
        <translation>%1 éléments</translation>
    </message>
    <message>
        <source>%1 kinds</source>
        <translation>%1 genres</translation>
    </message>
    <message>
        <source>All settings of what is selected, or of the form where nothing is. Type a word at the top to see only settings that have it. Enter takes a value, Escape puts it back.</source>
        <translation>Tous les réglages de ce qui est choisi, ou du formulaire si rien ne l&apos;est. Un mot tapé en haut ne laisse voir que les réglages qui l&apos;ont. Entrée prend une valeur, Échap la remet.</translation>
    </message>
</context>
<context>
    <name>nabblet::KeptRows</name>
    <message>
        <source>Stored rows</source>
        <translation>Lignes enregistrées</translation>
    </message>
    <message>
        <source>%1 · the first %2</source>
        <translation>%1 · les %2 premières</translation>
    </message>
    <message>
        <source>Show this record</source>
        <translation>Montrer cette fiche</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
</context>
<context>
    <name>nabblet::LikelyLinksList</name>
    <message>
        <source>Links that are likely</source>
        <translation>Liens vraisemblables</translation>
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
        <translation>%1&#xa0;: %2. Coché, le projet retient ce lien&#xa0;: ses valeurs se choisissent dans une liste, et ses lignes peuvent être montrées avec chaque fiche.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> et </translation>
    </message>
</context>
<context>
    <name>nabblet::LinkByHand</name>
    <message>
        <source>Link rows by hand</source>
        <translation>Lier des lignes à la main</translation>
    </message>
    <message>
        <source>Rows of</source>
        <translation>Les lignes de</translation>
    </message>
    <message>
        <source>belong to a record of “%1” when</source>
        <translation>appartiennent à une fiche de «&#xa0;%1&#xa0;» quand</translation>
    </message>
    <message>
        <source>their</source>
        <translation>leur</translation>
    </message>
    <message>
        <source>and their</source>
        <translation>et leur</translation>
    </message>
    <message>
        <source>is the record&apos;s</source>
        <translation>est, dans la fiche,</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Lien</translation>
    </message>
    <message>
        <source>Choose at least one pair of columns.</source>
        <translation>Choisissez au moins une paire de colonnes.</translation>
    </message>
    <message>
        <source>New rows get the record&apos;s values by themselves.</source>
        <translation>Les nouvelles lignes reçoivent d&apos;elles-mêmes les valeurs de la fiche.</translation>
    </message>
</context>
<context>
    <name>nabblet::LookCards</name>
    <message>
        <source>1 form</source>
        <translation>1 formulaire</translation>
    </message>
    <message>
        <source>%1 forms</source>
        <translation>%1 formulaires</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Apparences</translation>
    </message>
</context>
<context>
    <name>nabblet::LookSides</name>
    <message>
        <source>The form, light and dark</source>
        <translation>Le formulaire, clair et sombre</translation>
    </message>
</context>
<context>
    <name>nabblet::LookView</name>
    <message>
        <source>Change the look to “%1”</source>
        <translation>Passer à l&apos;apparence «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>%1 for %2</source>
        <translation>%1 pour %2</translation>
    </message>
    <message>
        <source>A look for this form alone</source>
        <translation>Une apparence pour ce formulaire seul</translation>
    </message>
    <message>
        <source>The look as it came with the program</source>
        <translation>L&apos;apparence telle que fournie avec le programme</translation>
    </message>
    <message>
        <source>Keep the style “%1”</source>
        <translation>Garder le style «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>What is the style called? All controls that have it follow it.</source>
        <translation>Comment s&apos;appelle le style&#xa0;? Tous les éléments qui l&apos;ont le suivent.</translation>
    </message>
    <message>
        <source>Keep as a style</source>
        <translation>Garder comme style</translation>
    </message>
    <message>
        <source>The new name of the style “%1”:</source>
        <translation>Le nouveau nom du style «&#xa0;%1&#xa0;»&#xa0;:</translation>
    </message>
    <message>
        <source>Rename a style</source>
        <translation>Renommer un style</translation>
    </message>
    <message>
        <source>There is a style “%1” already.</source>
        <translation>Il y a déjà un style «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>One other form still names the style “%2”; open it to give it the new one.</source>
        <translation>Un autre formulaire nomme encore le style «&#xa0;%2&#xa0;»&#xa0;; ouvrez-le pour lui donner le nouveau.</translation>
    </message>
    <message>
        <source>%1 other forms still name the style “%2”; open them to give them the new one.</source>
        <translation>%1 autres formulaires nomment encore le style «&#xa0;%2&#xa0;»&#xa0;; ouvrez-les pour leur donner le nouveau.</translation>
    </message>
    <message>
        <source>The style as it came with the program</source>
        <translation>Le style tel que fourni avec le programme</translation>
    </message>
    <message>
        <source>Remove a style</source>
        <translation>Retirer un style</translation>
    </message>
</context>
<context>
    <name>nabblet::LooksPanel</name>
    <message>
        <source>light</source>
        <translation>maigre</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>sombre</translation>
    </message>
    <message>
        <source>light weight</source>
        <translation>maigre</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>moyen</translation>
    </message>
    <message>
        <source>half bold</source>
        <translation>demi-gras</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>gras</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>extra-gras</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Apparences</translation>
    </message>
    <message>
        <source>The form&apos;s look</source>
        <translation>L&apos;apparence du formulaire</translation>
    </message>
    <message>
        <source>What it says</source>
        <translation>Ce qu&apos;elle dit</translation>
    </message>
    <message>
        <source>For this form alone</source>
        <translation>Pour ce formulaire seul</translation>
    </message>
    <message>
        <source>The form gets a look of its own, as this one is now; what is changed then changes no other form.</source>
        <translation>Le formulaire reçoit une apparence à lui, telle que celle-ci est maintenant&#xa0;; ce qu&apos;on y change ne change aucun autre formulaire.</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Comme fournie</translation>
    </message>
    <message>
        <source>What the project changed of it goes; it is as it came with the program.</source>
        <translation>Ce que le projet y a changé s&apos;en va&#xa0;; elle est comme fournie avec le programme.</translation>
    </message>
    <message>
        <source>Main colour</source>
        <translation>Couleur principale</translation>
    </message>
    <message>
        <source>All colours are worked out anew, in harmony with this one.</source>
        <translation>Toutes les couleurs sont recalculées, en harmonie avec celle-ci.</translation>
    </message>
    <message>
        <source>Change the main colour</source>
        <translation>Changer la couleur principale</translation>
    </message>
    <message>
        <source>Styles of the project</source>
        <translation>Styles du projet</translation>
    </message>
    <message>
        <source>Give it</source>
        <translation>Le donner</translation>
    </message>
    <message>
        <source>To what is selected, in the place of what is pinned there.</source>
        <translation>À la sélection, à la place de ce qui y est épinglé.</translation>
    </message>
    <message>
        <source>Take over</source>
        <translation>Reprendre</translation>
    </message>
    <message>
        <source>The style becomes what the selected control looks like; all that have it follow.</source>
        <translation>Le style devient ce que montre l&apos;élément choisi&#xa0;; tous ceux qui l&apos;ont suivent.</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Choisir</translation>
    </message>
    <message>
        <source>Those of this form that have it.</source>
        <translation>Ceux de ce formulaire qui l&apos;ont.</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Renommer…</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Retirer</translation>
    </message>
    <message>
        <source>One of the program&apos;s becomes again as it came.</source>
        <translation>Un style du programme redevient comme fourni.</translation>
    </message>
    <message>
        <source>Keep as a style…</source>
        <translation>Garder comme style…</translation>
    </message>
    <message>
        <source>What the selected control looks like, under a name of its own.</source>
        <translation>Ce que montre l&apos;élément choisi, sous un nom à lui.</translation>
    </message>
    <message>
        <source>Type</source>
        <translation>Caractères</translation>
    </message>
    <message>
        <source>%1: typeface</source>
        <translation>%1&#xa0;: police</translation>
    </message>
    <message>
        <source>the desktop&apos;s</source>
        <translation>celle du bureau</translation>
    </message>
    <message>
        <source>%1: size</source>
        <translation>%1&#xa0;: taille</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Of the desktop&apos;s text</source>
        <translation>Du texte du bureau</translation>
    </message>
    <message>
        <source>%1: weight</source>
        <translation>%1&#xa0;: graisse</translation>
    </message>
    <message>
        <source>%1: slanted</source>
        <translation>%1&#xa0;: italique</translation>
    </message>
    <message>
        <source>Slanted</source>
        <translation>Italique</translation>
    </message>
    <message>
        <source>i</source>
        <comment>short for slanted type</comment>
        <translation>i</translation>
    </message>
    <message>
        <source>Change the type of a look</source>
        <translation>Changer les caractères d&apos;une apparence</translation>
    </message>
    <message>
        <source>%1 (not on this computer)</source>
        <translation>%1 (pas sur cet ordinateur)</translation>
    </message>
    <message>
        <source>Edges and spaces</source>
        <translation>Bords et espaces</translation>
    </message>
    <message>
        <source>Change edges and spaces of a look</source>
        <translation>Changer bords et espaces d&apos;une apparence</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>%1, light and dark</source>
        <translation>%1, clair et sombre</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Change a colour of a look</source>
        <translation>Changer une couleur d&apos;une apparence</translation>
    </message>
    <message>
        <source>%1 on “%2” (%3) is hard to read: %L4, and %L5 is needed.</source>
        <translation>%1 sur «&#xa0;%2&#xa0;» (%3) est difficile à lire&#xa0;: %L4, il faut %L5.</translation>
    </message>
    <message>
        <source>Take the nearest</source>
        <translation>Prendre la plus proche</translation>
    </message>
    <message>
        <source>Make a look readable</source>
        <translation>Rendre une apparence lisible</translation>
    </message>
    <message>
        <source>A change changes this form alone.</source>
        <translation>Un changement ne change que ce formulaire.</translation>
    </message>
    <message>
        <source>A change changes %1 forms of the project.</source>
        <translation>Un changement change %1 formulaires du projet.</translation>
    </message>
    <message>
        <source>How forms look: colours, type, edges and spaces, for all forms that have a look, and styles for single controls.</source>
        <translation>L&apos;allure des formulaires&#xa0;: couleurs, caractères, bords et espaces, pour tous ceux qui ont une apparence, et styles pour des éléments seuls.</translation>
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
        <translation>catalogue, éléments et structure</translation>
    </message>
    <message>
        <source>inspector</source>
        <translation>propriétés</translation>
    </message>
    <message>
        <source>This form shows its records inside another one; look for the record there.</source>
        <translation>Ce formulaire montre ses fiches à l&apos;intérieur d&apos;un autre&#xa0;; cherchez-y la fiche.</translation>
    </message>
    <message>
        <source>The record in hand has to be saved or put back first.</source>
        <translation>La fiche en main est d&apos;abord à enregistrer ou à remettre.</translation>
    </message>
    <message>
        <source>Change where the rows come from</source>
        <translation>Changer l&apos;origine des lignes</translation>
    </message>
    <message>
        <source>The form shows rows of %1; columns of %2 come with a lookup or a subform.</source>
        <translation>Le formulaire montre des lignes de %1&#xa0;; les colonnes de %2 viennent avec une liste de référence ou un sous-formulaire.</translation>
    </message>
    <message>
        <source>Add the field %1</source>
        <translation>Ajouter le champ %1</translation>
    </message>
    <message>
        <source>Add %1 fields</source>
        <translation>Ajouter %1 champs</translation>
    </message>
    <message>
        <source>Rename the controls</source>
        <translation>Renommer les éléments</translation>
    </message>
    <message>
        <source>One other form was named anew.</source>
        <translation>Un autre formulaire a reçu le nouveau nom.</translation>
    </message>
    <message>
        <source>%1 other forms were named anew.</source>
        <translation>%1 autres formulaires ont reçu le nouveau nom.</translation>
    </message>
    <message>
        <source>Not every form could be named anew: %1</source>
        <translation>Certains formulaires n&apos;ont pu recevoir le nouveau nom&#xa0;: %1</translation>
    </message>
    <message>
        <source>%1%2 – Nabblet</source>
        <translation>%1%2 – Nabblet</translation>
    </message>
    <message>
        <source>No record</source>
        <translation>Aucune fiche</translation>
    </message>
    <message>
        <source>The database could not be opened.</source>
        <translation>La base de données n&apos;a pu être ouverte.</translation>
    </message>
    <message>
        <source>New record</source>
        <translation>Nouvelle fiche</translation>
    </message>
    <message>
        <source>Record %L1</source>
        <translation>Fiche %L1</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Fiche</translation>
    </message>
    <message>
        <source>The record has changes that are not saved; save it in Entry first.</source>
        <translation>La fiche a des changements non enregistrés&#xa0;; enregistrez-la d&apos;abord en Saisie.</translation>
    </message>
    <message>
        <source>There are no records.</source>
        <translation>Il n&apos;y a pas de fiches.</translation>
    </message>
    <message>
        <source>This form shows no row in full; choose where among the form&apos;s settings.</source>
        <translation>Ce formulaire ne montre aucune ligne en entier&#xa0;; choisissez où dans les réglages du formulaire.</translation>
    </message>
    <message>
        <source>There is no form inside to go into; select a subform with rows.</source>
        <translation>Il n&apos;y a pas de formulaire où entrer&#xa0;; choisissez un sous-formulaire avec des lignes.</translation>
    </message>
    <message>
        <source>There is no look “%1” here; “%2” stands in for it.</source>
        <translation>Il n&apos;y a pas d&apos;apparence «&#xa0;%1&#xa0;» ici&#xa0;; «&#xa0;%2&#xa0;» la remplace.</translation>
    </message>
    <message>
        <source>The stored values are still being looked through; the longest come as soon as they are known.</source>
        <translation>Les valeurs enregistrées sont encore en cours d&apos;examen&#xa0;; les plus longues viennent dès qu&apos;elles sont connues.</translation>
    </message>
    <message>
        <source>A trial needs a database. Open the project that the form belongs to.</source>
        <translation>Un essai demande une base de données. Ouvrez le projet auquel appartient le formulaire.</translation>
    </message>
    <message>
        <source>Copying the database for the trial…</source>
        <translation>Copie de la base de données pour l&apos;essai…</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>Abandonner</translation>
    </message>
    <message>
        <source>The trial ended. %1 of %2 sides of rules were not seen; the list of rules (F6) says which.</source>
        <translation>L&apos;essai est terminé. %1 côtés de règles sur %2 n&apos;ont pas été vus&#xa0;; la liste des règles (F6) dit lesquels.</translation>
    </message>
    <message>
        <source>This form has no database to work on. Open the project that it belongs to.</source>
        <translation>Ce formulaire n&apos;a pas de base de données où travailler. Ouvrez le projet auquel il appartient.</translation>
    </message>
    <message>
        <source>It stands over the board now.</source>
        <translation>Elle se trouve maintenant au-dessus du plan.</translation>
    </message>
    <message>
        <source>It does not stand over the board any more.</source>
        <translation>Elle ne se trouve plus au-dessus du plan.</translation>
    </message>
    <message>
        <source>Change captions</source>
        <translation>Changer les libellés</translation>
    </message>
    <message>
        <source>Steps done</source>
        <translation>Pas accomplis</translation>
    </message>
    <message>
        <source>As it was opened</source>
        <translation>Tel qu&apos;il a été ouvert</translation>
    </message>
    <message>
        <source>Click a step to go back to it, or forward again.</source>
        <translation>Un clic sur un pas y revient, ou y retourne.</translation>
    </message>
    <message>
        <source>Take the style “%1”</source>
        <translation>Prendre le style «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>No control of this form has the style “%1”.</source>
        <translation>Aucun élément de ce formulaire n&apos;a le style «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>One control has it.</source>
        <translation>Un élément l&apos;a.</translation>
    </message>
    <message>
        <source>%1 controls have it.</source>
        <translation>%1 éléments l&apos;ont.</translation>
    </message>
    <message>
        <source>Stored rows of %1</source>
        <translation>Lignes enregistrées de %1</translation>
    </message>
    <message>
        <source>Tracing sheet: a picture or scanned page</source>
        <translation>Feuille à calquer&#xa0;: une image ou une page numérisée</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.bmp *.gif *.svg *.webp)</source>
        <translation>Images (*.png *.jpg *.jpeg *.bmp *.gif *.svg *.webp)</translation>
    </message>
    <message>
        <source>%1 is not a picture that can be shown. Choose a PNG, JPEG, GIF, BMP or SVG file.</source>
        <translation>%1 n&apos;est pas une image qui puisse être montrée. Choisissez un fichier PNG, JPEG, GIF, BMP ou SVG.</translation>
    </message>
    <message>
        <source>Lay a tracing sheet under</source>
        <translation>Placer une feuille à calquer dessous</translation>
    </message>
    <message>
        <source>Beginning the trial…</source>
        <translation>L’essai commence…</translation>
    </message>
</context>
<context>
    <name>nabblet::NewColumnDialog</name>
    <message>
        <source>whole number</source>
        <translation>nombre entier</translation>
    </message>
    <message>
        <source>number with decimals</source>
        <translation>nombre à décimales</translation>
    </message>
    <message>
        <source>date</source>
        <translation>date</translation>
    </message>
    <message>
        <source>time</source>
        <translation>heure</translation>
    </message>
    <message>
        <source>date and time</source>
        <translation>date et heure</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>oui ou non</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>image</translation>
    </message>
    <message>
        <source>text</source>
        <translation>du texte</translation>
    </message>
    <message>
        <source>New column of %1</source>
        <translation>Nouvelle colonne de %1</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Contient</translation>
    </message>
    <message>
        <source>must be filled in</source>
        <translation>doit être rempli</translation>
    </message>
    <message>
        <source>Required</source>
        <translation>Obligatoire</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message>
        <source>Starts as</source>
        <translation>Commence par</translation>
    </message>
    <message>
        <source>Statement</source>
        <translation>Instruction</translation>
    </message>
    <message>
        <source>Add column</source>
        <translation>Ajouter la colonne</translation>
    </message>
    <message>
        <source>The table is changed for everyone who uses this database. Taking the field off the form later leaves the column there.</source>
        <translation>La table est changée pour tous ceux qui utilisent cette base. Ôter plus tard le champ du formulaire y laisse la colonne.</translation>
    </message>
</context>
<context>
    <name>nabblet::NewFormDialog</name>
    <message>
        <source>New form from data</source>
        <translation>Nouveau formulaire d&apos;après des données</translation>
    </message>
    <message>
        <source>Every choice shows at once on the right. Press Enter when it looks right.</source>
        <translation>Chaque choix se voit aussitôt à droite. Appuyez sur Entrée quand cela convient.</translation>
    </message>
    <message>
        <source>What is true of the draft</source>
        <translation>Ce qui est vrai de l&apos;ébauche</translation>
    </message>
    <message>
        <source>Make form</source>
        <translation>Faire le formulaire</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Stop looking</source>
        <translation>Cesser d&apos;examiner</translation>
    </message>
    <message>
        <source>Leaves the stored values alone; boxes are sized by what the columns declare.</source>
        <translation>Laisse de côté les valeurs enregistrées&#xa0;; les champs prennent la taille que déclarent les colonnes.</translation>
    </message>
    <message>
        <source>the SELECT</source>
        <translation>le SELECT</translation>
    </message>
    <message>
        <source>%1, rows of each</source>
        <translation>%1, lignes de chaque</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>No rows yet: they can be chosen in the form&apos;s inspector at any time.</source>
        <translation>Pas encore de lignes&#xa0;: on peut les choisir à tout moment dans les propriétés du formulaire.</translation>
    </message>
    <message>
        <source>Every required column has a box</source>
        <translation>Chaque colonne obligatoire a un champ</translation>
    </message>
    <message>
        <source>No record can be added: %1 has no box</source>
        <translation>Aucune fiche ne peut être ajoutée&#xa0;: %1 n&apos;a pas de champ</translation>
    </message>
    <message>
        <source>No rows can be added there: %1 has no box</source>
        <translation>Aucune ligne ne peut y être ajoutée&#xa0;: %1 n&apos;a pas de champ</translation>
    </message>
    <message>
        <source>No rows are stored yet</source>
        <translation>Aucune ligne n&apos;est encore enregistrée</translation>
    </message>
    <message>
        <source>%L1 of %2</source>
        <comment>values of a box</comment>
        <translation>%L1 de %2</translation>
    </message>
    <message>
        <source>%1 % of stored values fit their box</source>
        <translation>%1 % des valeurs enregistrées tiennent dans leur champ</translation>
    </message>
    <message>
        <source>, %L1 are longer</source>
        <translation>, %L1 sont plus longues</translation>
    </message>
    <message>
        <source>, by a sample</source>
        <translation>, d&apos;après un échantillon</translation>
    </message>
    <message>
        <source>Stored values were not looked through</source>
        <translation>Les valeurs enregistrées n&apos;ont pas été examinées</translation>
    </message>
    <message>
        <source>Looking through the stored values…</source>
        <translation>Examen des valeurs enregistrées…</translation>
    </message>
    <message>
        <source>Nothing overlaps at %1 px</source>
        <translation>Rien ne se recouvre à %1 px</translation>
    </message>
    <message>
        <source>One pair overlaps</source>
        <translation>Une paire se recouvre</translation>
    </message>
    <message>
        <source>%1 pairs overlap</source>
        <translation>%1 paires se recouvrent</translation>
    </message>
    <message>
        <source>shown at %1 %</source>
        <translation>montré à %1 %</translation>
    </message>
    <message>
        <source>Longer than their box, cut or scrolled: %1</source>
        <translation>Plus longs que leur champ, coupés ou défilants&#xa0;: %1</translation>
    </message>
    <message>
        <source>Rows from</source>
        <translation>Lignes de</translation>
    </message>
    <message>
        <source>Filter</source>
        <translation>Filtrer</translation>
    </message>
    <message>
        <source>Tables and views</source>
        <translation>Tables et vues</translation>
    </message>
    <message>
        <source>Tick all in sight</source>
        <translation>Cocher tout ce qui est en vue</translation>
    </message>
    <message>
        <source>Untick all</source>
        <translation>Tout décocher</translation>
    </message>
    <message>
        <source>view</source>
        <translation>vue</translation>
    </message>
    <message>
        <source>Tick several to make a form of each, or one of them all.</source>
        <translation>Cochez-en plusieurs pour faire un formulaire de chacune, ou un seul de toutes.</translation>
    </message>
    <message>
        <source>Own SELECT</source>
        <translation>SELECT à vous</translation>
    </message>
    <message>
        <source>Rows that a SELECT of your own gives</source>
        <translation>Lignes que donne un SELECT à vous</translation>
    </message>
    <message>
        <source>Empty form</source>
        <translation>Formulaire vide</translation>
    </message>
    <message>
        <source>Nothing on it yet; its rows can be chosen at any time</source>
        <translation>Rien dessus encore&#xa0;; ses lignes se choisissent à tout moment</translation>
    </message>
    <message>
        <source>Page pattern</source>
        <translation>Modèle de page</translation>
    </message>
    <message>
        <source>A title and one to four columns to drop fields into</source>
        <translation>Un titre et une à quatre colonnes où déposer des champs</translation>
    </message>
    <message>
        <source>SELECT</source>
        <translation>SELECT</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Colonnes</translation>
    </message>
    <message>
        <source>New column…</source>
        <translation>Nouvelle colonne…</translation>
    </message>
    <message>
        <source>A column that is missing, added to the table</source>
        <translation>Une colonne qui manque, ajoutée à la table</translation>
    </message>
    <message>
        <source>Columns of</source>
        <translation>Colonnes de</translation>
    </message>
    <message>
        <source>All</source>
        <translation>Toutes</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Aucune</translation>
    </message>
    <message>
        <source>Only required</source>
        <translation>Obligatoires seules</translation>
    </message>
    <message>
        <source>Linked</source>
        <translation>Liées</translation>
    </message>
    <message>
        <source>Columns of the row that a drop-down points to, only shown</source>
        <translation>Colonnes de la ligne à laquelle renvoie une liste déroulante, montrées seulement</translation>
    </message>
    <message>
        <source>Links that are likely</source>
        <translation>Liens vraisemblables</translation>
    </message>
    <message>
        <source>not declared, found by names and values</source>
        <translation>non déclarés, trouvés par noms et valeurs</translation>
    </message>
    <message>
        <source>Rows that belong to each</source>
        <translation>Lignes de chaque fiche</translation>
    </message>
    <message>
        <source>Link by hand…</source>
        <translation>Lier à la main…</translation>
    </message>
    <message>
        <source>Rows of another table that the database declares no link for</source>
        <translation>Lignes d&apos;une autre table pour laquelle la base ne déclare pas de lien</translation>
    </message>
    <message>
        <source>The form</source>
        <translation>Le formulaire</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titre</translation>
    </message>
    <message>
        <source>People may</source>
        <translation>On peut</translation>
    </message>
    <message>
        <source>Control names</source>
        <translation>Noms des éléments</translation>
    </message>
    <message>
        <source>see</source>
        <translation>voir</translation>
    </message>
    <message>
        <source>See stored rows. Without it, people only add.</source>
        <translation>Voir les lignes enregistrées. Sans cela, on ne fait qu&apos;ajouter.</translation>
    </message>
    <message>
        <source>add</source>
        <translation>ajouter</translation>
    </message>
    <message>
        <source>change</source>
        <translation>changer</translation>
    </message>
    <message>
        <source>delete</source>
        <translation>supprimer</translation>
    </message>
    <message>
        <source>{kind} and {column} are filled in. Names are always valid and differ from one another.</source>
        <translation>{kind} et {column} sont remplis. Les noms sont toujours valables et tous différents.</translation>
    </message>
    <message>
        <source>as suits</source>
        <translation>selon le cas</translation>
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
        <translation>Parties</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucune</translation>
    </message>
    <message>
        <source>group boxes</source>
        <translation>cadres de groupe</translation>
    </message>
    <message>
        <source>pages</source>
        <translation>pages</translation>
    </message>
    <message>
        <source>How many fields are parted: under headings, or not at all</source>
        <translation>Comment les champs nombreux sont partagés&#xa0;: sous des titres, ou pas du tout</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Lignes</translation>
    </message>
    <message>
        <source>Rows shown</source>
        <translation>Lignes montrées</translation>
    </message>
    <message>
        <source>captions in each row</source>
        <translation>libellés dans chaque ligne</translation>
    </message>
    <message>
        <source>totals</source>
        <translation>totaux</translation>
    </message>
    <message>
        <source>Totals of amounts and counts in the footer</source>
        <translation>Totaux des montants et des comptes dans le pied</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Espacement</translation>
    </message>
    <message>
        <source>tight</source>
        <translation>serré</translation>
    </message>
    <message>
        <source>comfortable</source>
        <translation>confortable</translation>
    </message>
    <message>
        <source>roomy</source>
        <translation>aéré</translation>
    </message>
    <message>
        <source>Widths by</source>
        <translation>Largeurs d&apos;après</translation>
    </message>
    <message>
        <source>stored values</source>
        <translation>valeurs enregistrées</translation>
    </message>
    <message>
        <source>declared length</source>
        <translation>longueur déclarée</translation>
    </message>
    <message>
        <source>all the same</source>
        <translation>toutes égales</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Apparence</translation>
    </message>
    <message>
        <source>longest values</source>
        <translation>plus longues valeurs</translation>
    </message>
    <message>
        <source>Shows in each box the longest value that is stored for it</source>
        <translation>Montre dans chaque champ la plus longue valeur enregistrée</translation>
    </message>
    <message>
        <source>The database can only be read, so its tables cannot be changed.</source>
        <translation>La base ne peut être que lue&#xa0;; ses tables ne peuvent donc être changées.</translation>
    </message>
    <message>
        <source>New form</source>
        <translation>Nouveau formulaire</translation>
    </message>
    <message>
        <source>Leave without making the form?</source>
        <translation>Partir sans faire le formulaire&#xa0;?</translation>
    </message>
    <message>
        <source>What was chosen for it on this sheet is lost then.</source>
        <translation>Ce qui a été choisi sur cette feuille est alors perdu.</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Partir</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Rester</translation>
    </message>
    <message>
        <source>New page</source>
        <translation>Nouvelle page</translation>
    </message>
    <message>
        <source>The form shows as soon as the SELECT is understood.</source>
        <translation>Le formulaire se montre dès que le SELECT est compris.</translation>
    </message>
    <message>
        <source>Make form of %1</source>
        <translation>Faire le formulaire de %1</translation>
    </message>
    <message>
        <source>Make %1 forms</source>
        <translation>Faire %1 formulaires</translation>
    </message>
    <message>
        <source>Stop making</source>
        <translation>Cesser d&apos;en faire</translation>
    </message>
    <message>
        <source>Looking through the stored values of %1 tables…</source>
        <translation>Examen des valeurs de %1 tables…</translation>
    </message>
    <message>
        <source>%1 of %2 forms made</source>
        <translation>%1 formulaires sur %2 faits</translation>
    </message>
</context>
<context>
    <name>nabblet::OpenWork</name>
    <message>
        <source>The tables of the database were changed; what is shown follows.</source>
        <translation>Les tables de la base ont été changées&#xa0;; ce qui est montré suit.</translation>
    </message>
</context>
<context>
    <name>nabblet::OutlinePanel</name>
    <message>
        <source>Outline</source>
        <translation>Structure</translation>
    </message>
    <message>
        <source>Outline of the form</source>
        <translation>Structure du formulaire</translation>
    </message>
    <message>
        <source>F2 or a double click renames; dragging a field up or down changes the tab order.</source>
        <translation>F2 ou un double clic renomme&#xa0;; tirer un champ vers le haut ou le bas change l&apos;ordre de Tab.</translation>
    </message>
    <message>
        <source>1 control</source>
        <translation>1 élément</translation>
    </message>
    <message>
        <source>%1 controls</source>
        <translation>%1 éléments</translation>
    </message>
    <message>
        <source>All that stands on the form, in its order. What is chosen here is selected on the board.</source>
        <translation>Tout ce qui est sur le formulaire, dans son ordre. Ce qui est choisi ici l&apos;est sur le plan.</translation>
    </message>
</context>
<context>
    <name>nabblet::PageView</name>
    <message>
        <source>Pages</source>
        <translation>Pages</translation>
    </message>
</context>
<context>
    <name>nabblet::Palette</name>
    <message>
        <source>Controls</source>
        <translation>Éléments</translation>
    </message>
    <message>
        <source>Filter</source>
        <translation>Filtrer</translation>
    </message>
    <message>
        <source>Filter controls</source>
        <translation>Filtrer les éléments</translation>
    </message>
    <message>
        <source>Controls to place</source>
        <translation>Éléments à placer</translation>
    </message>
    <message>
        <source>A click takes one up: draw it on the form then, or click there. Enter puts it into the next free place.</source>
        <translation>Un clic en prend un&#xa0;: tracez-le ensuite sur le formulaire, ou cliquez-y. Entrée le met à la prochaine place libre.</translation>
    </message>
    <message>
        <source>The controls that a form can have, to be placed on it.</source>
        <translation>Les éléments qu&apos;un formulaire peut avoir, à y placer.</translation>
    </message>
</context>
<context>
    <name>nabblet::PanelSplitter</name>
    <message>
        <source>Unfold the %1</source>
        <translation>Déplier&#xa0;: %1</translation>
    </message>
    <message>
        <source>Fold the %1</source>
        <translation>Replier&#xa0;: %1</translation>
    </message>
</context>
<context>
    <name>nabblet::PlanColumns</name>
    <message>
        <source>as suits</source>
        <translation>selon le cas</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Colonne</translation>
    </message>
    <message>
        <source>Caption</source>
        <translation>Libellé</translation>
    </message>
    <message>
        <source>Shown as</source>
        <translation>Montré comme</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Largeur</translation>
    </message>
    <message>
        <source>Of the boxes, in px. Type one to set it, 0 to leave it to the draft.</source>
        <translation>Des champs, en px. Tapez-en une pour la fixer, 0 pour la laisser à l&apos;ébauche.</translation>
    </message>
    <message>
        <source>Columns of the form</source>
        <translation>Colonnes du formulaire</translation>
    </message>
    <message>
        <source>required!</source>
        <translation>obligatoire&#xa0;!</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>laissé de côté</translation>
    </message>
    <message>
        <source>Only shown: %1</source>
        <translation>Montré seulement&#xa0;: %1</translation>
    </message>
    <message>
        <source>Width as suits</source>
        <translation>Largeur selon le cas</translation>
    </message>
    <message>
        <source>Make a table of its values…</source>
        <translation>Faire une table de ses valeurs…</translation>
    </message>
</context>
<context>
    <name>nabblet::PrintCommand</name>
    <message>
        <source>Prints the records of a form on pages: PDF, or a picture of each page.</source>
        <translation>Imprime les fiches d&apos;un formulaire sur des pages&#xa0;: PDF, ou une image de chaque page.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Un fichier .nabform.</translation>
    </message>
    <message>
        <source>The file to write: .pdf, .png or .svg.</source>
        <translation>Le fichier à écrire&#xa0;: .pdf, .png ou .svg.</translation>
    </message>
    <message>
        <source>Only the record with that number, from 1.</source>
        <translation>Seulement la fiche de ce numéro, à partir de 1.</translation>
    </message>
    <message>
        <source>A4, A5, A3, Letter or Legal.</source>
        <translation>A4, A5, A3, Letter ou Legal.</translation>
    </message>
    <message>
        <source>The long edge below.</source>
        <translation>Le grand bord en bas.</translation>
    </message>
    <message>
        <source>Plain words, without boxes.</source>
        <translation>Des mots seulement, sans cadres.</translation>
    </message>
    <message>
        <source>Each record begins a page.</source>
        <translation>Chaque fiche commence une page.</translation>
    </message>
    <message>
        <source>say with -o FILE where to print: a file that ends in .pdf, .png or .svg</source>
        <translation>dites avec -o FICHIER où imprimer&#xa0;: un fichier qui se termine par .pdf, .png ou .svg</translation>
    </message>
    <message>
        <source>--record takes a number from 1</source>
        <translation>--record accepte un nombre à partir de 1</translation>
    </message>
    <message>
        <source>--paper takes A4, A5, A3, Letter or Legal</source>
        <translation>--paper accepte A4, A5, A3, Letter ou Legal</translation>
    </message>
    <message>
        <source>There is no record %1.</source>
        <translation>Il n&apos;y a pas de fiche %1.</translation>
    </message>
    <message>
        <source>page %L1 of %L2</source>
        <translation>page %L1 sur %L2</translation>
    </message>
    <message>
        <source>Given up; %1 is as it was.</source>
        <translation>Abandonné&#xa0;; %1 est comme avant.</translation>
    </message>
    <message>
        <source>1 page</source>
        <translation>1 page</translation>
    </message>
    <message>
        <source>%1 pages</source>
        <translation>%1 pages</translation>
    </message>
</context>
<context>
    <name>nabblet::ReconcileCommand</name>
    <message>
        <source>Says what changed in the tables of a form, or of all forms of a project, and what would be done about it. Ends with 0 when all forms are in step, with 3 when a person has to decide something.</source>
        <translation>Dit ce qui a changé dans les tables d&apos;un formulaire ou de tous les formulaires d&apos;un projet, et ce qu&apos;on en ferait. Se termine par 0 si tous les formulaires sont en accord, par 3 si une personne doit décider de quelque chose.</translation>
    </message>
    <message>
        <source>A .nabform file, or the folder of a project.</source>
        <translation>Un fichier .nabform ou le dossier d&apos;un projet.</translation>
    </message>
    <message>
        <source>The database to go by, instead of the project&apos;s.</source>
        <translation>La base de données à suivre, au lieu de celle du projet.</translation>
    </message>
    <message>
        <source>certain: changes the forms by all that is certain, and writes down what all of them should remember of their columns. Without, nothing is written.</source>
        <translation>certain&#xa0;: change les formulaires de tout ce qui est certain, et note ce que tous doivent retenir de leurs colonnes. Sans cela, rien n&apos;est écrit.</translation>
    </message>
    <message>
        <source>--apply takes certain</source>
        <translation>--apply accepte certain</translation>
    </message>
    <message>
        <source>certain: %1</source>
        <translation>certain&#xa0;: %1</translation>
    </message>
    <message>
        <source>for a person to decide%1</source>
        <translation>à décider par une personne%1</translation>
    </message>
    <message>
        <source>taken note of</source>
        <translation>pris en note</translation>
    </message>
    <message>
        <source>One form was changed.</source>
        <translation>Un formulaire a été changé.</translation>
    </message>
    <message>
        <source>%1 forms were changed.</source>
        <translation>%1 formulaires ont été changés.</translation>
    </message>
    <message>
        <source>One form needs a person:</source>
        <translation>Un formulaire demande une personne&#xa0;:</translation>
    </message>
    <message>
        <source>%1 forms need a person:</source>
        <translation>%1 formulaires demandent une personne&#xa0;:</translation>
    </message>
</context>
<context>
    <name>nabblet::ReconcileDialog</name>
    <message>
        <source>Draft again</source>
        <translation>Ébaucher à nouveau</translation>
    </message>
    <message>
        <source>Bring into step with the tables</source>
        <translation>Accorder avec les tables</translation>
    </message>
    <message>
        <source>Do this: %1</source>
        <translation>Faire ceci&#xa0;: %1</translation>
    </message>
    <message>
        <source>Take note of it</source>
        <translation>En prendre note</translation>
    </message>
    <message>
        <source>A draft of today would make nothing otherwise that hands did not.</source>
        <translation>Une ébauche d&apos;aujourd&apos;hui ne ferait rien autrement que ce que des mains n&apos;ont pas fait.</translation>
    </message>
    <message>
        <source>The form is in step with its tables; nothing has changed.</source>
        <translation>Le formulaire est en accord avec ses tables&#xa0;; rien n&apos;a changé.</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Comme c&apos;est</translation>
    </message>
    <message>
        <source>As it would be</source>
        <translation>Comme ce serait</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Prendre</translation>
    </message>
    <message>
        <source>Bring into step</source>
        <translation>Accorder</translation>
    </message>
    <message>
        <source>In this project, follow renames without asking where they are certain</source>
        <translation>Dans ce projet, suivre les renommages sans demander quand ils sont certains</translation>
    </message>
</context>
<context>
    <name>nabblet::Reconciling</name>
    <message>
        <source>There is no database to hold the form against.</source>
        <translation>Il n&apos;y a pas de base à laquelle comparer le formulaire.</translation>
    </message>
    <message>
        <source>Looking at what is stored…</source>
        <translation>Examen de ce qui est enregistré…</translation>
    </message>
    <message>
        <source>The form was changed meanwhile; ask for it again.</source>
        <translation>Le formulaire a été changé entre-temps&#xa0;; redemandez-le.</translation>
    </message>
    <message>
        <source>Draft again</source>
        <translation>Ébaucher à nouveau</translation>
    </message>
    <message>
        <source>Bring into step with the tables</source>
        <translation>Accorder avec les tables</translation>
    </message>
    <message>
        <source>1 change was looked at.</source>
        <translation>1 changement a été regardé.</translation>
    </message>
    <message>
        <source>%1 changes were looked at.</source>
        <translation>%1 changements ont été regardés.</translation>
    </message>
    <message>
        <source>Follow what was renamed</source>
        <translation>Suivre ce qui a été renommé</translation>
    </message>
    <message>
        <source>What was renamed in the tables was followed: %1.</source>
        <translation>Ce qui a été renommé dans les tables a été suivi&#xa0;: %1.</translation>
    </message>
    <message>
        <source>%1 renames in the tables were followed; undo takes that back.</source>
        <translation>%1 renommages dans les tables ont été suivis&#xa0;; Annuler revient en arrière.</translation>
    </message>
</context>
<context>
    <name>nabblet::RecordList</name>
    <message>
        <source>Records</source>
        <translation>Fiches</translation>
    </message>
    <message>
        <source>No record begins with “%1”.</source>
        <translation>Aucune fiche ne commence par «&#xa0;%1&#xa0;».</translation>
    </message>
</context>
<context>
    <name>nabblet::RecordStrip</name>
    <message>
        <source>Type a number and press Enter to go to that record</source>
        <translation>Tapez un numéro et Entrée pour aller à cette fiche</translation>
    </message>
    <message>
        <source>Record number</source>
        <translation>Numéro de la fiche</translation>
    </message>
    <message>
        <source>Place among the records</source>
        <translation>Place parmi les fiches</translation>
    </message>
    <message>
        <source>First</source>
        <translation>Première</translation>
    </message>
    <message>
        <source>First record (Ctrl+Home)</source>
        <translation>Première fiche (Ctrl+Origine)</translation>
    </message>
    <message>
        <source>Previous</source>
        <translation>Précédente</translation>
    </message>
    <message>
        <source>Previous record (Page Up)</source>
        <translation>Fiche précédente (Page préc.)</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Suivante</translation>
    </message>
    <message>
        <source>Next record (Page Down)</source>
        <translation>Fiche suivante (Page suiv.)</translation>
    </message>
    <message>
        <source>Last</source>
        <translation>Dernière</translation>
    </message>
    <message>
        <source>Last record (Ctrl+End)</source>
        <translation>Dernière fiche (Ctrl+Fin)</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Ajouter</translation>
    </message>
    <message>
        <source>A new record (Ctrl+N)</source>
        <translation>Une nouvelle fiche (Ctrl+N)</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
    <message>
        <source>Delete this record (Ctrl+Delete)</source>
        <translation>Supprimer cette fiche (Ctrl+Suppr)</translation>
    </message>
    <message>
        <source>Take back</source>
        <translation>Revenir</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Save this record (Ctrl+S)</source>
        <translation>Enregistrer cette fiche (Ctrl+S)</translation>
    </message>
    <message>
        <source>New, not saved</source>
        <translation>Nouvelle, non enregistrée</translation>
    </message>
    <message>
        <source>Changed, not saved</source>
        <translation>Changée, non enregistrée</translation>
    </message>
    <message>
        <source>no records yet</source>
        <translation>pas encore de fiches</translation>
    </message>
    <message>
        <source>new</source>
        <translation>nouvelle</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucune</translation>
    </message>
    <message>
        <source>of …</source>
        <translation>sur …</translation>
    </message>
    <message>
        <source>of %L1</source>
        <translation>sur %L1</translation>
    </message>
    <message>
        <source>rows that belong to it</source>
        <translation>lignes qui lui appartiennent</translation>
    </message>
</context>
<context>
    <name>nabblet::RenameDialog</name>
    <message>
        <source>Control names</source>
        <translation>Noms des éléments</translation>
    </message>
    <message>
        <source>Pattern</source>
        <translation>Modèle</translation>
    </message>
    <message>
        <source>{kind} and {column} are filled in. Names are always valid and differ from one another.</source>
        <translation>{kind} et {column} sont remplis. Les noms sont toujours valables et tous différents.</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Maintenant</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Ensuite</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Renommer</translation>
    </message>
    <message>
        <source>One control of this form gets another name.</source>
        <translation>Un élément de ce formulaire reçoit un autre nom.</translation>
    </message>
    <message>
        <source>%1 controls of this form get other names.</source>
        <translation>%1 éléments de ce formulaire reçoivent d&apos;autres noms.</translation>
    </message>
    <message>
        <source>A pattern without {column} would number the controls; put it in.</source>
        <translation>Un modèle sans {column} numéroterait les éléments&#xa0;; mettez-le.</translation>
    </message>
    <message>
        <source>One other form of the project is named anew and saved.</source>
        <translation>Un autre formulaire du projet est renommé et enregistré.</translation>
    </message>
    <message>
        <source>%1 other forms of the project are named anew and saved.</source>
        <translation>%1 autres formulaires du projet sont renommés et enregistrés.</translation>
    </message>
</context>
<context>
    <name>nabblet::RowsDialog</name>
    <message>
        <source>Where the rows come from</source>
        <translation>D&apos;où viennent les lignes</translation>
    </message>
    <message>
        <source>Whose rows does the form show and write? What is on the form already stays.</source>
        <translation>De quoi le formulaire montre-t-il et écrit-il les lignes&#xa0;? Ce qui y est déjà reste.</translation>
    </message>
    <message>
        <source>Tables, views and SELECT</source>
        <translation>Tables, vues et SELECT</translation>
    </message>
    <message>
        <source>Own SELECT</source>
        <translation>SELECT à vous</translation>
    </message>
    <message>
        <source>Take these rows</source>
        <translation>Prendre ces lignes</translation>
    </message>
</context>
<context>
    <name>nabblet::RowsTable</name>
    <message>
        <source>Stored rows</source>
        <translation>Lignes enregistrées</translation>
    </message>
    <message>
        <source>Show only rows that hold…</source>
        <translation>Seulement les lignes avec…</translation>
    </message>
    <message>
        <source>Words that the rows hold</source>
        <translation>Mots que contiennent les lignes</translation>
    </message>
    <message>
        <source>reading…</source>
        <translation>lecture…</translation>
    </message>
    <message>
        <source>%1 bytes</source>
        <translation>%1 octets</translation>
    </message>
    <message>
        <source>%L1 rows</source>
        <translation>%L1 lignes</translation>
    </message>
    <message>
        <source>the first %L1 rows</source>
        <translation>les %L1 premières lignes</translation>
    </message>
    <message>
        <source>The rows that are stored, as they are in the table. Nothing can be changed here.</source>
        <translation>Les lignes enregistrées, telles qu&apos;elles sont dans la table. Rien ne peut être changé ici.</translation>
    </message>
</context>
<context>
    <name>nabblet::RuleEditor</name>
    <message>
        <source>What it does</source>
        <translation>Ce qu&apos;elle fait</translation>
    </message>
    <message>
        <source>What is stored, and where the limits are</source>
        <translation>Ce qui est enregistré, et où sont les limites</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Quand</translation>
    </message>
    <message>
        <source>a true one</source>
        <translation>une vraie</translation>
    </message>
    <message>
        <source>a false one</source>
        <translation>une fausse</translation>
    </message>
    <message>
        <source>look at them</source>
        <translation>les regarder</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Ensuite</translation>
    </message>
    <message>
        <source>Otherwise</source>
        <translation>Sinon</translation>
    </message>
    <message>
        <source>Hidden, it gives up its room</source>
        <translation>Caché, il cède sa place</translation>
    </message>
    <message>
        <source>A hidden value</source>
        <translation>Une valeur cachée</translation>
    </message>
    <message>
        <source>a hidden value is kept</source>
        <translation>une valeur cachée est gardée</translation>
    </message>
    <message>
        <source>a hidden value is saved empty</source>
        <translation>une valeur cachée est enregistrée vide</translation>
    </message>
    <message>
        <source>saving asks about a hidden value</source>
        <translation>l&apos;enregistrement demande pour une valeur cachée</translation>
    </message>
    <message>
        <source>How it stays</source>
        <translation>Comment elle reste</translation>
    </message>
    <message>
        <source>always as worked out</source>
        <translation>toujours comme calculée</translation>
    </message>
    <message>
        <source>until something else is typed</source>
        <translation>tant que rien d&apos;autre n&apos;est tapé</translation>
    </message>
    <message>
        <source>in new records only</source>
        <translation>dans les nouvelles fiches seulement</translation>
    </message>
    <message>
        <source>in new records, as in the one saved last</source>
        <translation>dans les nouvelles fiches, comme dans la dernière enregistrée</translation>
    </message>
    <message>
        <source>Where it does not hold</source>
        <translation>Là où elle n&apos;est pas vraie</translation>
    </message>
    <message>
        <source>saving is refused</source>
        <translation>l&apos;enregistrement est refusé</translation>
    </message>
    <message>
        <source>saving asks whether it is so</source>
        <translation>l&apos;enregistrement demande s&apos;il en est ainsi</translation>
    </message>
    <message>
        <source>Copy on to them</source>
        <translation>Copier dessus</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
    <message>
        <source>%1: marked</source>
        <translation>%1&#xa0;: marqué</translation>
    </message>
    <message>
        <source>%1: says</source>
        <translation>%1&#xa0;: dit</translation>
    </message>
    <message>
        <source>%1: value as SQL</source>
        <translation>%1&#xa0;: valeur en SQL</translation>
    </message>
    <message>
        <source>The record</source>
        <translation>La fiche</translation>
    </message>
    <message>
        <source>Nothing yet</source>
        <translation>Rien pour l&apos;instant</translation>
    </message>
    <message>
        <source>Copy on to…</source>
        <translation>Copier sur…</translation>
    </message>
    <message>
        <source>It must hold</source>
        <translation>Il faut</translation>
    </message>
    <message>
        <source>And only when</source>
        <translation>Et seulement quand</translation>
    </message>
    <message>
        <source>that</source>
        <translation>que</translation>
    </message>
    <message>
        <source>that not</source>
        <translation>que ne pas</translation>
    </message>
    <message>
        <source>when</source>
        <translation>quand</translation>
    </message>
    <message>
        <source>when not</source>
        <translation>sauf quand</translation>
    </message>
    <message>
        <source>Says, where it does not hold</source>
        <translation>Dit, là où elle n&apos;est pas vraie</translation>
    </message>
    <message>
        <source>Value as SQL</source>
        <translation>Valeur en SQL</translation>
    </message>
    <message>
        <source>Says beside the box</source>
        <translation>Dit à côté du champ</translation>
    </message>
    <message>
        <source>Words beside the box, where wanted</source>
        <translation>Mots à côté du champ, si on veut</translation>
    </message>
    <message>
        <source>A sentence</source>
        <translation>Une phrase</translation>
    </message>
    <message>
        <source>Switch on</source>
        <translation>Activer</translation>
    </message>
    <message>
        <source>Switch off</source>
        <translation>Désactiver</translation>
    </message>
    <message>
        <source>true for %L1 of %L2 stored rows</source>
        <translation>vrai pour %L1 lignes enregistrées sur %L2</translation>
    </message>
    <message>
        <source>all %L1 stored rows hold</source>
        <translation>les %L1 lignes enregistrées la respectent</translation>
    </message>
    <message>
        <source>1 of %L1 stored rows does not hold</source>
        <translation>1 ligne enregistrée sur %L1 ne la respecte pas</translation>
    </message>
    <message>
        <source>%2 of %L1 stored rows do not hold</source>
        <translation>%2 lignes enregistrées sur %L1 ne la respectent pas</translation>
    </message>
    <message>
        <source> looked at so far</source>
        <translation> examinées jusqu&apos;ici</translation>
    </message>
</context>
<context>
    <name>nabblet::RuleList</name>
    <message>
        <source>Rules of this form</source>
        <translation>Règles de ce formulaire</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copier</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Coller</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
</context>
<context>
    <name>nabblet::RuleListModel</name>
    <message>
        <source>switched off</source>
        <translation>désactivée</translation>
    </message>
</context>
<context>
    <name>nabblet::RuleView</name>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message>
        <source>Said so from now on, in all forms of the project.</source>
        <translation>Dit ainsi désormais, dans tous les formulaires du projet.</translation>
    </message>
    <message>
        <source>Gives %1 for the record in sight</source>
        <translation>Donne %1 pour la fiche en vue</translation>
    </message>
    <message>
        <source>Gives %1 for the record in sight, and %2 for the next ones</source>
        <translation>Donne %1 pour la fiche en vue, et %2 pour les suivantes</translation>
    </message>
</context>
<context>
    <name>nabblet::RulesPage</name>
    <message>
        <source>Rules of this form</source>
        <translation>Règles de ce formulaire</translation>
    </message>
    <message>
        <source>Back to the board</source>
        <translation>Revenir au plan</translation>
    </message>
    <message>
        <source>+ rule</source>
        <translation>+ règle</translation>
    </message>
    <message>
        <source>Rules about</source>
        <translation>Règles sur</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Monter</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Descendre</translation>
    </message>
    <message>
        <source>Rule</source>
        <translation>Règle</translation>
    </message>
    <message>
        <source>Another rule (Insert)</source>
        <translation>Une autre règle (Inser)</translation>
    </message>
    <message>
        <source>Change a rule</source>
        <translation>Changer une règle</translation>
    </message>
    <message>
        <source>Copy a rule</source>
        <translation>Copier une règle</translation>
    </message>
    <message>
        <source>about anything</source>
        <translation>sur tout</translation>
    </message>
    <message>
        <source>Add a rule</source>
        <translation>Ajouter une règle</translation>
    </message>
    <message>
        <source>Change the order of the rules</source>
        <translation>Changer l&apos;ordre des règles</translation>
    </message>
    <message>
        <source>Change what is worked out</source>
        <translation>Changer ce qui est calculé</translation>
    </message>
    <message>
        <source>What the table asks for, and what stands among the settings of a control, is not copied here.</source>
        <translation>Ce que demande la table, et ce qui est parmi les réglages d&apos;un élément, n&apos;est pas copié ici.</translation>
    </message>
    <message>
        <source>1 rule was copied.</source>
        <translation>1 règle a été copiée.</translation>
    </message>
    <message>
        <source>%1 rules were copied.</source>
        <translation>%1 règles ont été copiées.</translation>
    </message>
    <message>
        <source>Paste rules</source>
        <translation>Coller des règles</translation>
    </message>
    <message>
        <source>None of these rules can stand here: there is no control for them, or not of a kind for them.</source>
        <translation>Aucune de ces règles ne peut être ici&#xa0;: il n&apos;y a pas d&apos;élément pour elles, ou pas du bon genre.</translation>
    </message>
    <message>
        <source>1 rule was added.</source>
        <translation>1 règle a été ajoutée.</translation>
    </message>
    <message>
        <source>%1 rules were added.</source>
        <translation>%1 règles ont été ajoutées.</translation>
    </message>
    <message>
        <source>Delete a rule</source>
        <translation>Supprimer une règle</translation>
    </message>
    <message>
        <source>Delete %1 rules</source>
        <translation>Supprimer %1 règles</translation>
    </message>
    <message>
        <source>The table</source>
        <translation>La table</translation>
    </message>
    <message>
        <source>The record</source>
        <translation>La fiche</translation>
    </message>
    <message>
        <source>A rule says what is shown, locked, required, marked or worked out, and what must hold before a record is saved. “+ rule” makes the first one.</source>
        <translation>Une règle dit ce qui est montré, verrouillé, obligatoire, marqué ou calculé, et ce qui doit être vrai avant qu&apos;une fiche soit enregistrée. «&#xa0;+ règle&#xa0;» fait la première.</translation>
    </message>
    <message>
        <source>Everything that is worked out, checked, marked and shown by a condition: the rules at the left, the one in hand at the right, with the stored rows that it is true for.</source>
        <translation>Tout ce qui est calculé, contrôlé, marqué et montré sous condition&#xa0;: à gauche les règles, à droite celle en main, avec les lignes enregistrées pour lesquelles elle est vraie.</translation>
    </message>
</context>
<context>
    <name>nabblet::ScaleEditor</name>
    <message>
        <source>+ limit</source>
        <translation>+ limite</translation>
    </message>
    <message>
        <source>By age in days</source>
        <translation>Par âge en jours</translation>
    </message>
    <message>
        <source>Of a date: the days since then are measured</source>
        <translation>D&apos;une date&#xa0;: les jours écoulés depuis sont mesurés</translation>
    </message>
    <message>
        <source>Measured, as SQL</source>
        <translation>Mesuré, en SQL</translation>
    </message>
    <message>
        <source>The value of the box</source>
        <translation>La valeur du champ</translation>
    </message>
    <message>
        <source>else</source>
        <translation>sinon</translation>
    </message>
    <message>
        <source>below</source>
        <translation>au-dessous de</translation>
    </message>
    <message>
        <source>to</source>
        <translation>à</translation>
    </message>
    <message>
        <source>Limit %1</source>
        <translation>Limite %1</translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation>Marque %1</translation>
    </message>
    <message>
        <source>Words %1</source>
        <translation>Mots %1</translation>
    </message>
    <message>
        <source>Words beside the box, where wanted</source>
        <translation>Mots à côté du champ, si on veut</translation>
    </message>
    <message>
        <source>Take this limit away</source>
        <translation>Enlever cette limite</translation>
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
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 et %2 de plus</translation>
    </message>
    <message>
        <source>Its order becomes that of the form, as “Sorted by”. </source>
        <translation>Son ordre devient celui du formulaire, comme «&#xa0;Trié par&#xa0;». </translation>
    </message>
    <message>
        <source>Records come by their key (%1), not by the ORDER BY; the form says another order, as “Sorted by”. </source>
        <translation>Les fiches viennent par leur clé (%1), non par l&apos;ORDER BY&#xa0;; le formulaire dit un autre ordre, comme «&#xa0;Trié par&#xa0;». </translation>
    </message>
    <message>
        <source>One column</source>
        <translation>Une colonne</translation>
    </message>
    <message>
        <source>%1 columns</source>
        <translation>%1 colonnes</translation>
    </message>
    <message>
        <source>none can be written.</source>
        <translation>aucune ne peut s&apos;écrire.</translation>
    </message>
    <message>
        <source>%1 can be written.</source>
        <translation>%1 peuvent s&apos;écrire.</translation>
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
        <translation>&amp;Garder dans le trousseau</translation>
    </message>
    <message>
        <source>On this computer on&amp;ly; the project stays as it is</source>
        <translation>Sur cet ordinateur seu&amp;lement&#xa0;; le projet reste comme il est</translation>
    </message>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Essayer</translation>
    </message>
    <message>
        <source>Database on a server</source>
        <translation>Base de données sur un serveur</translation>
    </message>
    <message>
        <source>K&amp;ind</source>
        <translation>Ge&amp;nre</translation>
    </message>
    <message>
        <source>Com&amp;puter</source>
        <translation>Or&amp;dinateur</translation>
    </message>
    <message>
        <source>this computer; or a name, or a whole address to take apart</source>
        <translation>cet ordinateur&#xa0;; ou un nom, ou une adresse entière à décomposer</translation>
    </message>
    <message>
        <source>P&amp;ort</source>
        <translation>P&amp;ort</translation>
    </message>
    <message>
        <source>the usual one</source>
        <translation>l&apos;habituel</translation>
    </message>
    <message>
        <source>&amp;Database</source>
        <translation>&amp;Base de données</translation>
    </message>
    <message>
        <source>&amp;User</source>
        <translation>&amp;Utilisateur</translation>
    </message>
    <message>
        <source>as you are called on this computer</source>
        <translation>comme vous vous appelez sur cet ordinateur</translation>
    </message>
    <message>
        <source>Pass&amp;word</source>
        <translation>Mot de &amp;passe</translation>
    </message>
    <message>
        <source>where the server asks for one</source>
        <translation>là où le serveur le demande</translation>
    </message>
    <message>
        <source>where the server offers it</source>
        <translation>là où le serveur l&apos;offre</translation>
    </message>
    <message>
        <source>never</source>
        <translation>jamais</translation>
    </message>
    <message>
        <source>always</source>
        <translation>toujours</translation>
    </message>
    <message>
        <source>always, and the certificate is checked</source>
        <translation>toujours, et le certificat est vérifié</translation>
    </message>
    <message>
        <source>&amp;Encrypted</source>
        <translation>&amp;Chiffré</translation>
    </message>
    <message>
        <source>&amp;Certificates</source>
        <translation>Certi&amp;ficats</translation>
    </message>
    <message>
        <source>a file to check by; the computer&apos;s own</source>
        <translation>un fichier d&apos;après lequel vérifier&#xa0;; ceux de l&apos;ordinateur</translation>
    </message>
    <message>
        <source>Op&amp;tions</source>
        <translation>Op&amp;tions</translation>
    </message>
    <message>
        <source>further ones of the server, such as -c search_path=depot</source>
        <translation>autres options du serveur, par exemple -c search_path=depot</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>Say which database it is.</source>
        <translation>Dites de quelle base de données il s&apos;agit.</translation>
    </message>
    <message>
        <source>Waiting for the server…</source>
        <translation>Attente du serveur…</translation>
    </message>
    <message>
        <source>The database can be opened.</source>
        <translation>La base de données peut être ouverte.</translation>
    </message>
    <message>
        <source>This desktop has no keyring that keeps the password. Press Open once more to go on without.</source>
        <translation>Ce bureau n&apos;a pas de trousseau qui garde le mot de passe. Appuyez encore une fois sur Ouvrir pour continuer sans lui.</translation>
    </message>
</context>
<context>
    <name>nabblet::ShapeEditor</name>
    <message>
        <source>How it is written</source>
        <translation>Comment cela s&apos;écrit</translation>
    </message>
    <message>
        <source>As in my examples</source>
        <translation>Comme dans mes exemples</translation>
    </message>
    <message>
        <source>Examples, one a line</source>
        <translation>Exemples, un par ligne</translation>
    </message>
    <message>
        <source>Examples, one a line: NB-2104-D</source>
        <translation>Exemples, un par ligne&#xa0;: NB-2104-D</translation>
    </message>
    <message>
        <source>The same as a regular expression</source>
        <translation>La même en expression régulière</translation>
    </message>
    <message>
        <source>Regular expression</source>
        <translation>Expression régulière</translation>
    </message>
    <message>
        <source>All of %L1 stored values fit.</source>
        <translation>Les %L1 valeurs enregistrées conviennent.</translation>
    </message>
    <message>
        <source>%L1 of %L2 stored values fit; others: %3</source>
        <translation>%L1 valeurs enregistrées sur %L2 conviennent&#xa0;; autres&#xa0;: %3</translation>
    </message>
</context>
<context>
    <name>nabblet::SidePanels</name>
    <message>
        <source>Panels</source>
        <translation>Panneaux</translation>
    </message>
</context>
<context>
    <name>nabblet::SpreadChart</name>
    <message>
        <source>What is stored, and where the limits are</source>
        <translation>Ce qui est enregistré, et où sont les limites</translation>
    </message>
    <message>
        <source>No numbers are stored here yet</source>
        <translation>Aucun nombre n&apos;est encore enregistré ici</translation>
    </message>
</context>
<context>
    <name>nabblet::SqlLine</name>
    <message>
        <source>There is no column “%1”. Is “%2” meant?</source>
        <translation>Il n&apos;y a pas de colonne «&#xa0;%1&#xa0;». Est-ce «&#xa0;%2&#xa0;»&#xa0;?</translation>
    </message>
    <message>
        <source>There is no column “%1”.</source>
        <translation>Il n&apos;y a pas de colonne «&#xa0;%1&#xa0;».</translation>
    </message>
</context>
<context>
    <name>nabblet::StandingEditor</name>
    <message>
        <source>Value as SQL</source>
        <translation>Valeur en SQL</translation>
    </message>
    <message>
        <source>Show on the board</source>
        <translation>Montrer sur le plan</translation>
    </message>
    <message>
        <source>look at them</source>
        <translation>les regarder</translation>
    </message>
    <message>
        <source>What people read where it does not hold</source>
        <translation>Ce qu&apos;on lit là où ce n&apos;est pas vrai</translation>
    </message>
    <message>
        <source>In all forms of the project; empty: the words that the program finds</source>
        <translation>Dans tous les formulaires du projet&#xa0;; vide&#xa0;: les mots que trouve le programme</translation>
    </message>
    <message>
        <source>%1 shows what this gives:</source>
        <translation>%1 montre ce que ceci donne&#xa0;:</translation>
    </message>
    <message>
        <source>%1 starts with what this gives:</source>
        <translation>%1 commence par ce que ceci donne&#xa0;:</translation>
    </message>
    <message>
        <source>The database asks for this. It is tried when the record is saved.</source>
        <translation>La base le demande. C&apos;est essayé quand la fiche est enregistrée.</translation>
    </message>
    <message>
        <source>The database asks for this. It is tried when the keyboard leaves the box, and said in words where it does not hold.</source>
        <translation>La base le demande. C&apos;est essayé quand le clavier quitte le champ, et dit en mots là où ce n&apos;est pas vrai.</translation>
    </message>
    <message>
        <source>It is tried when the keyboard leaves the box. The board has it among the settings of the control.</source>
        <translation>C&apos;est essayé quand le clavier quitte le champ. Le plan l&apos;a parmi les réglages de l&apos;élément.</translation>
    </message>
    <message>
        <source>It is shown and stored nowhere. A rule that puts a value in stores it in a column.</source>
        <translation>C&apos;est montré et enregistré nulle part. Une règle qui met une valeur l&apos;enregistre dans une colonne.</translation>
    </message>
    <message>
        <source>It stands in new records and may be typed over. The board has it among the settings of the control.</source>
        <translation>C&apos;est dans les nouvelles fiches et peut être remplacé. Le plan l&apos;a parmi les réglages de l&apos;élément.</translation>
    </message>
    <message>
        <source>Nothing is written yet; what was there before goes on.</source>
        <translation>Rien n&apos;est encore écrit&#xa0;; ce qui était là avant continue.</translation>
    </message>
</context>
<context>
    <name>nabblet::StartPage</name>
    <message>
        <source>Begin</source>
        <translation>Commencer</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Ouvrir…</translation>
    </message>
    <message>
        <source>A database, to make a form from one of its tables; a project or a form.</source>
        <translation>Une base de données, pour faire un formulaire d&apos;une de ses tables&#xa0;; un projet ou un formulaire.</translation>
    </message>
    <message>
        <source>New form without a database</source>
        <translation>Nouveau formulaire sans base de données</translation>
    </message>
    <message>
        <source>An empty form. Its rows can come later.</source>
        <translation>Un formulaire vide. Ses lignes peuvent venir plus tard.</translation>
    </message>
    <message>
        <source>The demonstration</source>
        <translation>La démonstration</translation>
    </message>
    <message>
        <source>An invented buoy depot with its forms, to try things out.</source>
        <translation>Un dépôt de bouées inventé avec ses formulaires, pour essayer.</translation>
    </message>
    <message>
        <source>Used lately</source>
        <translation>Utilisés récemment</translation>
    </message>
    <message>
        <source>Nothing yet. A database, a project or a form can also be dropped on this window.</source>
        <translation>Rien pour l&apos;instant. On peut aussi déposer sur cette fenêtre une base de données, un projet ou un formulaire.</translation>
    </message>
    <message>
        <source>%1
%2</source>
        <translation>%1
%2</translation>
    </message>
    <message>
        <source>Where to begin: a database, a project or a form, or the demonstration.</source>
        <translation>Par où commencer&#xa0;: une base, un projet ou un formulaire, ou la démonstration.</translation>
    </message>
</context>
<context>
    <name>nabblet::StatusLine</name>
    <message>
        <source>Try the form in windows of other sizes</source>
        <translation>Essayer le formulaire dans des fenêtres d&apos;autres tailles</translation>
    </message>
    <message>
        <source>%1 · can only be read</source>
        <translation>%1 · lecture seule</translation>
    </message>
    <message>
        <source>x %1 · y %2 · %3 × %4 %5</source>
        <translation>x %1 · y %2 · %3 × %4 %5</translation>
    </message>
    <message>
        <source>%1 selected</source>
        <translation>%1 choisis</translation>
    </message>
    <message>
        <source>dots</source>
        <translation>points</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>lignes</translation>
    </message>
    <message>
        <source>not drawn</source>
        <translation>non dessinée</translation>
    </message>
    <message>
        <source>Grid %1, %2</source>
        <translation>Grille %1, %2</translation>
    </message>
    <message>
        <source>Tab order by hand</source>
        <translation>Ordre de Tab à la main</translation>
    </message>
    <message>
        <source>Tab goes by columns</source>
        <translation>Tab va par colonnes</translation>
    </message>
    <message>
        <source>Tab goes by rows</source>
        <translation>Tab va par lignes</translation>
    </message>
    <message>
        <source>Tab goes as it reads</source>
        <translation>Tab va comme on lit</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Window %1 × %2</source>
        <translation>Fenêtre %1 × %2</translation>
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
        <translation>Styles</translation>
    </message>
    <message>
        <source>A double click gives the style to what is selected.</source>
        <translation>Un double clic donne le style à la sélection.</translation>
    </message>
</context>
<context>
    <name>nabblet::TableChanging</name>
    <message>
        <source>No database is open, so there is no table to change.</source>
        <translation>Aucune base de données n&apos;est ouverte&#xa0;; il n&apos;y a donc pas de table à changer.</translation>
    </message>
    <message>
        <source>The form has no rows yet: choose a table for them first.</source>
        <translation>Le formulaire n&apos;a pas encore de lignes&#xa0;: choisissez-leur d&apos;abord une table.</translation>
    </message>
    <message>
        <source>The rows of this form come from a SELECT; columns are added to tables, from the catalogue.</source>
        <translation>Les lignes de ce formulaire viennent d&apos;un SELECT&#xa0;; les colonnes s&apos;ajoutent aux tables, depuis le catalogue.</translation>
    </message>
    <message>
        <source>“%1” is a view; columns are added to tables.</source>
        <translation>«&#xa0;%1&#xa0;» est une vue&#xa0;; les colonnes s&apos;ajoutent aux tables.</translation>
    </message>
    <message>
        <source>The database can only be read, so its tables cannot be changed.</source>
        <translation>La base ne peut être que lue&#xa0;; ses tables ne peuvent donc être changées.</translation>
    </message>
    <message>
        <source>“%1” has a column “%2” now.</source>
        <translation>«&#xa0;%1&#xa0;» a maintenant une colonne «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>Choose %1 from a table</source>
        <translation>Choisir %1 dans une table</translation>
    </message>
    <message>
        <source>The table “%1” was made; “%2” is chosen from it.</source>
        <translation>La table «&#xa0;%1&#xa0;» a été créée&#xa0;; «&#xa0;%2&#xa0;» y est choisi.</translation>
    </message>
    <message>
        <source>No form of this project uses “%1”.</source>
        <translation>Aucun formulaire de ce projet ne se sert de «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>Call it otherwise in all forms</source>
        <translation>L&apos;appeler autrement dans tous les formulaires</translation>
    </message>
    <message>
        <source>What is “%1” of “%2” called from now on? %3 The table itself stays as it is.</source>
        <translation>Comment s&apos;appelle désormais «&#xa0;%1&#xa0;» de «&#xa0;%2&#xa0;»&#xa0;? %3 La table elle-même reste comme elle est.</translation>
    </message>
    <message>
        <source>One place follows.</source>
        <translation>Un endroit suit.</translation>
    </message>
    <message>
        <source>%1 places follow, in %2.</source>
        <translation>%1 endroits suivent, dans %2.</translation>
    </message>
    <message>
        <source>one form</source>
        <translation>un formulaire</translation>
    </message>
    <message>
        <source>%1 forms</source>
        <translation>%1 formulaires</translation>
    </message>
    <message>
        <source>Call “%1” “%2”</source>
        <translation>Appeler «&#xa0;%1&#xa0;» «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>“%1” is called “%2” here and in one other form, which is saved.</source>
        <translation>«&#xa0;%1&#xa0;» s&apos;appelle «&#xa0;%2&#xa0;» ici et dans un autre formulaire, qui est enregistré.</translation>
    </message>
    <message>
        <source>“%1” is called “%2” here and in %3 other forms, which are saved.</source>
        <translation>«&#xa0;%1&#xa0;» s&apos;appelle «&#xa0;%2&#xa0;» ici et dans %3 autres formulaires, qui sont enregistrés.</translation>
    </message>
</context>
<context>
    <name>nabblet::TickedTables</name>
    <message>
        <source>Untick</source>
        <translation>Décocher</translation>
    </message>
    <message>
        <source>Makes one form again, of the table that is chosen</source>
        <translation>Fait de nouveau un seul formulaire, de la table choisie</translation>
    </message>
    <message>
        <source>One form, rows inside</source>
        <translation>Un formulaire, lignes dedans</translation>
    </message>
    <message>
        <source>One form of the tables ticked: the rows of one, with those that belong to each inside it</source>
        <translation>Un formulaire des tables cochées&#xa0;: les lignes d&apos;une, avec dedans celles qui leur appartiennent</translation>
    </message>
    <message>
        <source>One form, joined</source>
        <translation>Un formulaire, joint</translation>
    </message>
    <message>
        <source>One form of the tables ticked: the rows of one, with what they point to, by a SELECT</source>
        <translation>Un formulaire des tables cochées&#xa0;: les lignes d&apos;une, avec ce à quoi elles renvoient, par un SELECT</translation>
    </message>
    <message>
        <source>%1 ticked</source>
        <translation>%1 cochées</translation>
    </message>
</context>
<context>
    <name>nabblet::TopBar</name>
    <message>
        <source>Design</source>
        <translation>Conception</translation>
    </message>
    <message>
        <source>Rules</source>
        <translation>Règles</translation>
    </message>
    <message>
        <source>Entry</source>
        <translation>Saisie</translation>
    </message>
    <message>
        <source>Trial</source>
        <translation>Essai</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Fiche</translation>
    </message>
    <message>
        <source>Longest values</source>
        <translation>Plus longues</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Vide</translation>
    </message>
    <message>
        <source>Arrange the form (F5)</source>
        <translation>Disposer le formulaire (F5)</translation>
    </message>
    <message>
        <source>What is worked out, checked, marked and shown by a condition (F6)</source>
        <translation>Ce qui est calculé, contrôlé, marqué et montré sous condition (F6)</translation>
    </message>
    <message>
        <source>Try the form on a copy of the database; nothing of it is kept (F7)</source>
        <translation>Essayer le formulaire sur une copie de la base&#xa0;; rien n&apos;en reste (F7)</translation>
    </message>
    <message>
        <source>Work with records in it (F5)</source>
        <translation>Y travailler avec les fiches (F5)</translation>
    </message>
    <message>
        <source>Previous record</source>
        <translation>Fiche précédente</translation>
    </message>
    <message>
        <source>Next record</source>
        <translation>Fiche suivante</translation>
    </message>
    <message>
        <source>Show the previous record&apos;s values on the board</source>
        <translation>Montrer sur le plan les valeurs de la fiche précédente</translation>
    </message>
    <message>
        <source>Show the next record&apos;s values on the board</source>
        <translation>Montrer sur le plan les valeurs de la fiche suivante</translation>
    </message>
    <message>
        <source>Show the longest stored value of each column</source>
        <translation>Montrer la plus longue valeur enregistrée de chaque colonne</translation>
    </message>
    <message>
        <source>Show the boxes empty</source>
        <translation>Montrer les champs vides</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Montrer</translation>
    </message>
    <message>
        <source>Nothing was found in the form</source>
        <translation>Rien n&apos;a été trouvé dans le formulaire</translation>
    </message>
    <message>
        <source>Found in the form: %1 to fix, %2 to weigh</source>
        <translation>Trouvé dans le formulaire&#xa0;: %1 à corriger, %2 à peser</translation>
    </message>
    <message>
        <source>%1 (Ctrl+Shift+F)</source>
        <translation>%1 (Ctrl+Maj+F)</translation>
    </message>
    <message>
        <source>Show a record&apos;s values on the board</source>
        <translation>Montrer sur le plan les valeurs d&apos;une fiche</translation>
    </message>
</context>
<context>
    <name>nabblet::Trial</name>
    <message>
        <source>The trial ended, and nothing of it was kept: somebody else wants to change a row that was changed in it.</source>
        <translation>L’essai est terminé et rien n’en a été gardé&#xa0;: quelqu’un d’autre veut modifier une ligne qui y avait été modifiée.</translation>
    </message>
    <message>
        <source>The trial ended, and nothing of it was kept: the server ended its transaction.</source>
        <translation>L’essai est terminé et rien n’en a été gardé&#xa0;: le serveur a mis fin à sa transaction.</translation>
    </message>
    <message>
        <source>The trial ended, and nothing of it was kept: nothing had been done in it for a minute.</source>
        <translation>L’essai est terminé et rien n’en a été gardé&#xa0;: rien n’y avait été fait depuis une minute.</translation>
    </message>
    <message>
        <source>The trial ended, and nothing of it was kept: nothing had been done in it for %1 minutes.</source>
        <translation>L’essai est terminé et rien n’en a été gardé&#xa0;: rien n’y avait été fait depuis %1 minutes.</translation>
    </message>
</context>
<context>
    <name>nabblet::TrialPage</name>
    <message>
        <source>Trial, on a copy of the database. Nothing done here reaches the stored rows; addresses and letters that buttons open are real.</source>
        <translation>Essai, sur une copie de la base. Rien de ce qui est fait ici n&apos;atteint les lignes enregistrées&#xa0;; les adresses et les lettres que des boutons ouvrent sont réelles.</translation>
    </message>
    <message>
        <source>Test record (F8)</source>
        <translation>Fiche d&apos;essai (F8)</translation>
    </message>
    <message>
        <source>A new record with likely values; what is filled in already stays</source>
        <translation>Une nouvelle fiche avec des valeurs vraisemblables&#xa0;; ce qui est déjà rempli reste</translation>
    </message>
    <message>
        <source>Show the next (Shift+F8)</source>
        <translation>Montrer la suivante (Maj+F8)</translation>
    </message>
    <message>
        <source>End the trial (F7)</source>
        <translation>Terminer l&apos;essai (F7)</translation>
    </message>
    <message>
        <source>1 box was filled.</source>
        <translation>1 champ a été rempli.</translation>
    </message>
    <message>
        <source>%1 boxes were filled.</source>
        <translation>%1 champs ont été remplis.</translation>
    </message>
    <message>
        <source>Seen now: %1</source>
        <translation>Vu à l&apos;instant&#xa0;: %1</translation>
    </message>
    <message>
        <source>Rules: seen %1 of %2</source>
        <translation>Règles&#xa0;: %1 sur %2 vus</translation>
    </message>
    <message>
        <source>Every side of every rule was seen</source>
        <translation>Chaque côté de chaque règle a été vu</translation>
    </message>
    <message>
        <source>Trial, on the server. Nothing done here is kept; it ends by itself when somebody else needs a row changed here. Addresses and letters that buttons open are real, numbers that count up are used up.</source>
        <translation>Essai, sur le serveur. Rien de ce qui est fait ici n’est gardé&#xa0;; il se termine de lui-même quand quelqu’un d’autre a besoin d’une ligne modifiée ici. Les adresses et les lettres que les boutons ouvrent sont réelles, et les numéros qui avancent sont consommés.</translation>
    </message>
</context>
<context>
    <name>nabblet::UsesDialog</name>
    <message>
        <source>No form of this project uses it.</source>
        <translation>Aucun formulaire de ce projet ne s&apos;en sert.</translation>
    </message>
    <message>
        <source>It is used in one place:</source>
        <translation>Utilisé à un endroit&#xa0;:</translation>
    </message>
    <message>
        <source>It is used in %1 places:</source>
        <translation>Utilisé à %1 endroits&#xa0;:</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Y aller</translation>
    </message>
</context>
<context>
    <name>nabblet::UsesView</name>
    <message>
        <source>Where %1 is used</source>
        <translation>Où %1 est utilisé</translation>
    </message>
    <message>
        <source>Where this form is used</source>
        <translation>Où ce formulaire est utilisé</translation>
    </message>
    <message>
        <source>Where styles are used</source>
        <translation>Où les styles sont utilisés</translation>
    </message>
</context>
<context>
    <name>nabblet::VersionCommands</name>
    <message>
        <source>Before</source>
        <translation>Avant</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Après</translation>
    </message>
    <message>
        <source>Says in sentences what differs between two states of a form. With one file it writes the form in lines, for the textconv of git.</source>
        <translation>Dit en phrases ce qui distingue deux états d&apos;un formulaire. Avec un seul fichier, il écrit le formulaire en lignes, pour le textconv de git.</translation>
    </message>
    <message>
        <source>A .nabform file.</source>
        <translation>Un fichier .nabform.</translation>
    </message>
    <message>
        <source>The same form later.</source>
        <translation>Le même formulaire plus tard.</translation>
    </message>
    <message>
        <source>A picture of both, with marks: a PNG or JPEG file.</source>
        <translation>Une image des deux, avec des repères&#xa0;: un fichier PNG ou JPEG.</translation>
    </message>
    <message>
        <source>The picture %1 could not be written. Its name ends in .png or .jpg, and its folder must be there.</source>
        <translation>L&apos;image %1 n&apos;a pu être écrite. Son nom se termine par .png ou .jpg, et son dossier doit exister.</translation>
    </message>
    <message>
        <source>Puts two lines of changes of one form together. What both changed differently stands in the form as ours, and is left in the file to be decided in Design; it ends with 3 then.</source>
        <translation>Réunit deux suites de changements d&apos;un formulaire. Ce que les deux ont changé différemment figure comme chez nous et reste dans le fichier, à décider en Conception&#xa0;; cela se termine alors par 3.</translation>
    </message>
    <message>
        <source>The form as both began.</source>
        <translation>Le formulaire tel que les deux l&apos;ont trouvé.</translation>
    </message>
    <message>
        <source>As it is here.</source>
        <translation>Tel qu&apos;il est ici.</translation>
    </message>
    <message>
        <source>As somebody else has it.</source>
        <translation>Tel qu&apos;un autre l&apos;a.</translation>
    </message>
    <message>
        <source>The file to write; without, it goes to the output.</source>
        <translation>Le fichier à écrire&#xa0;; sinon, cela va sur la sortie.</translation>
    </message>
    <message>
        <source>One thing is to be decided; open the form in Design.</source>
        <translation>Une chose est à décider&#xa0;; ouvrez le formulaire en Conception.</translation>
    </message>
    <message>
        <source>%1 things are to be decided; open the form in Design.</source>
        <translation>%1 choses sont à décider&#xa0;; ouvrez le formulaire en Conception.</translation>
    </message>
</context>
<context>
    <name>nabblet::WaitingStrip</name>
    <message>
        <source>Waiting for the database…</source>
        <translation>Attente de la base…</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
</context>
<context>
    <name>nabblet::WantedBar</name>
    <message>
        <source>Records shown</source>
        <translation>Fiches montrées</translation>
    </message>
    <message>
        <source>All records are shown.</source>
        <translation>Toutes les fiches sont montrées.</translation>
    </message>
    <message>
        <source>No longer: %1</source>
        <translation>Plus&#xa0;: %1</translation>
    </message>
    <message>
        <source>Write it otherwise</source>
        <translation>L&apos;écrire autrement</translation>
    </message>
    <message>
        <source>or</source>
        <translation>ou</translation>
    </message>
    <message>
        <source>The other way round</source>
        <translation>Dans l&apos;autre sens</translation>
    </message>
    <message>
        <source>Keep…</source>
        <translation>Garder…</translation>
    </message>
    <message>
        <source>Keep this under a name, to be asked again</source>
        <translation>Garder ceci sous un nom, pour le redemander</translation>
    </message>
    <message>
        <source>All records</source>
        <translation>Toutes les fiches</translation>
    </message>
    <message>
        <source>All records again, in the order of the form (Shift+F3)</source>
        <translation>De nouveau toutes les fiches, dans l&apos;ordre du formulaire (Maj+F3)</translation>
    </message>
    <message>
        <source>In order:</source>
        <translation>Ordre&#xa0;:</translation>
    </message>
    <message>
        <source>1 record:</source>
        <translation>1 fiche&#xa0;:</translation>
    </message>
    <message>
        <source>%1 records:</source>
        <translation>%1 fiches&#xa0;:</translation>
    </message>
    <message>
        <source>Being counted:</source>
        <translation>Compte en cours&#xa0;:</translation>
    </message>
    <message>
        <source>What is looked for? Such as 12, &gt; 12, 5..9, Sker*, not blank, or several with “;” between.</source>
        <translation>Que cherche-t-on&#xa0;? Par exemple 12, &gt; 12, 5..9, Sker*, pas vide, ou plusieurs séparés par «&#xa0;;&#xa0;».</translation>
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
        <translation>Retour</translation>
    </message>
    <message>
        <source>Window wide</source>
        <translation>Fenêtre large</translation>
    </message>
    <message>
        <source>Window width</source>
        <translation>Largeur de la fenêtre</translation>
    </message>
    <message>
        <source>Shows the form in a window of that width</source>
        <translation>Montre le formulaire dans une fenêtre de cette largeur</translation>
    </message>
    <message>
        <source>high</source>
        <translation>haute</translation>
    </message>
    <message>
        <source>Window height</source>
        <translation>Hauteur de la fenêtre</translation>
    </message>
    <message>
        <source>Shows the form in a window of that height</source>
        <translation>Montre le formulaire dans une fenêtre de cette hauteur</translation>
    </message>
    <message>
        <source>Shows the form as it is designed</source>
        <translation>Montre le formulaire tel qu&apos;il est conçu</translation>
    </message>
    <message>
        <source>Unpin</source>
        <translation>Libérer</translation>
    </message>
    <message>
        <source>Pin smallest</source>
        <translation>Fixer la plus petite</translation>
    </message>
    <message>
        <source>The smallest size is worked out again</source>
        <translation>La plus petite taille est de nouveau calculée</translation>
    </message>
    <message>
        <source>Windows of this form never get smaller than the size shown</source>
        <translation>Les fenêtres de ce formulaire ne deviennent jamais plus petites que la taille montrée</translation>
    </message>
    <message>
        <source>Windows of this form never get smaller than the smallest size worked out</source>
        <translation>Les fenêtres de ce formulaire ne deviennent jamais plus petites que la plus petite taille calculée</translation>
    </message>
    <message>
        <source>Smallest: %1, pinned</source>
        <translation>Minimum&#xa0;: %1, fixé</translation>
    </message>
    <message>
        <source>Smallest: %1</source>
        <translation>Minimum&#xa0;: %1</translation>
    </message>
    <message>
        <source>1 would overlap or be cut</source>
        <translation>1 serait recouvert ou coupé</translation>
    </message>
    <message>
        <source>%1 would overlap or be cut</source>
        <translation>%1 seraient recouverts ou coupés</translation>
    </message>
    <message>
        <source>1 stretches</source>
        <translation>1 s&apos;étire</translation>
    </message>
    <message>
        <source>%1 stretch</source>
        <translation>%1 s&apos;étirent</translation>
    </message>
    <message>
        <source>1 moves</source>
        <translation>1 se déplace</translation>
    </message>
    <message>
        <source>%1 move</source>
        <translation>%1 se déplacent</translation>
    </message>
    <message>
        <source>nothing stretches or moves</source>
        <translation>rien ne s&apos;étire ni ne bouge</translation>
    </message>
    <message>
        <source>nothing overlaps</source>
        <translation>rien ne se recouvre</translation>
    </message>
    <message>
        <source>Unpin the smallest size</source>
        <translation>Libérer la plus petite taille</translation>
    </message>
    <message>
        <source>Pin the smallest size</source>
        <translation>Fixer la plus petite taille</translation>
    </message>
    <message>
        <source>The form in smaller and larger windows: what stretches, what moves, and how small it may get before anything overlaps.</source>
        <translation>Le formulaire dans des fenêtres plus petites et plus grandes&#xa0;: ce qui s&apos;étire, ce qui bouge, et jusqu&apos;où il peut rétrécir avant que rien ne se recouvre.</translation>
    </message>
</context>
</TS>
