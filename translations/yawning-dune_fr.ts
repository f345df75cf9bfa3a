<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
    <context>
        <name>Checked</name>
        <message>
            <source>very lightly</source>
            <translation>très légèrement</translation>
        </message>
        <message>
            <source>lightly</source>
            <translation>légèrement</translation>
        </message>
        <message>
            <source>evenly</source>
            <translation>régulièrement</translation>
        </message>
        <message>
            <source>firmly</source>
            <translation>en appuyant</translation>
        </message>
        <message>
            <source>%1 %2, rubbed in</source>
            <translation>%1 %2, estompé</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The picture is too small in the photograph. Go nearer, so that the sheet fills the frame.</source>
            <translation>L’image est trop petite sur la photo. Se rapprocher, pour que la feuille remplisse le cadre.</translation>
        </message>
        <message>
            <source>The photograph is blurred. Rest the camera on something and take it again.</source>
            <translation>La photo est floue. Poser l’appareil sur un appui et la reprendre.</translation>
        </message>
        <message>
            <source>The lights are burnt out. Take it with less exposure.</source>
            <translation>Les lumières sont brûlées. Exposer moins.</translation>
        </message>
        <message>
            <source>The photograph is too dark to tell the darks apart. Give it more light or a longer exposure.</source>
            <translation>La photo est trop sombre pour distinguer les tons foncés. Donner plus de lumière ou poser plus longtemps.</translation>
        </message>
        <message>
            <source>Light lies on the work in one place. Turn the board away from the lamp or the window, or take it from the other side.</source>
            <translation>Un reflet de lumière couvre une partie du travail. Détourner la planche de la lampe ou de la fenêtre, ou photographier de l’autre côté.</translation>
        </message>
        <message>
            <source>No bare paper is seen round the picture, so its light cannot be judged. Take the whole sheet, with a margin.</source>
            <translation>On ne voit pas de papier nu autour de l’image : sa lumière ne peut pas être jugée. Prendre toute la feuille, avec une marge.</translation>
        </message>
        <message>
            <source>One side of the sheet has far more light than the other. Turn it towards the light.</source>
            <translation>Un côté de la feuille reçoit bien plus de lumière que l’autre. La tourner vers la lumière.</translation>
        </message>
        <message>
            <source>This does not look like the picture as it should be by now. Is it the right photograph, and are the passes that are done marked? Else set its corners by hand.</source>
            <translation>Cela ne ressemble pas à l’image telle qu’elle devrait être maintenant. Est-ce la bonne photo, et les passes faites sont-elles cochées ? Sinon, placer ses coins à la main.</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>rien</translation>
        </message>
        <message>
            <source>bare paper round the picture</source>
            <translation>le papier nu autour de l’image</translation>
        </message>
        <message>
            <source>strokes on the margin</source>
            <translation>des traits dans la marge</translation>
        </message>
        <message>
            <source>printed greys</source>
            <translation>des gris imprimés</translation>
        </message>
        <message>
            <source>value</source>
            <translation>valeur</translation>
        </message>
        <message>
            <source>temperature</source>
            <translation>température</translation>
        </message>
        <message>
            <source>chroma</source>
            <translation>saturation</translation>
        </message>
        <message>
            <source>pair</source>
            <translation>paire</translation>
        </message>
        <message>
            <source>edge</source>
            <translation>bord</translation>
        </message>
        <message>
            <source>%1 has come out unlike %2</source>
            <translation>%1 n’est pas devenu comme %2</translation>
        </message>
        <message>
            <source>edge of %1 against %2: too soft</source>
            <translation>bord de %1 contre %2 : trop doux</translation>
        </message>
        <message>
            <source>edge of %1 against %2: too hard</source>
            <translation>bord de %1 contre %2 : trop dur</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>a part of something, how it is off</comment>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>%1 steps; difference %2, of which the hand explains %3</source>
            <translation>%1 degrés ; écart %2, dont la main explique %3</translation>
        </message>
        <message>
            <source>warmth %1; difference %2, of which the hand explains %3</source>
            <translation>chaleur %1 ; écart %2, dont la main explique %3</translation>
        </message>
        <message>
            <source>chroma %1; difference %2, of which the hand explains %3</source>
            <translation>saturation %1 ; écart %2, dont la main explique %3</translation>
        </message>
        <message>
            <source>difference between the two %1</source>
            <translation>écart entre les deux %1</translation>
        </message>
        <message>
            <source>%1 times as sharp as the other edges of the work lead one to expect</source>
            <translation>%1 fois plus net que les autres bords du travail ne le laissent attendre</translation>
        </message>
        <message>
            <source>, then </source>
            <translation>, puis </translation>
        </message>
        <message>
            <source>cut it anew with the edge of a stick</source>
            <translation>le recouper avec l’arête d’un bâton</translation>
        </message>
        <message>
            <source>cut it anew with the edge of %1, pressed firmly, not rubbed</source>
            <translation>le recouper avec l’arête de %1, en appuyant, sans estomper</translation>
        </message>
        <message>
            <source>rub across it once with a clean finger</source>
            <translation>passer une fois le doigt propre en travers</translation>
        </message>
        <message>
            <source>fixative over all of it: it darkens</source>
            <translation>du fixatif sur le tout : il fonce</translation>
        </message>
        <message>
            <source>brush the loose pigment off with a stiff dry brush, the board upright, a dust mask on; what was pressed in stays</source>
            <translation>enlever le pigment libre avec une brosse dure et sèche, la planche debout, un masque à poussière sur le nez ; ce qui a été appuyé reste</translation>
        </message>
        <message>
            <source>%1; then %2</source>
            <translation>%1 ; puis %2</translation>
        </message>
        <message>
            <source>%1 as planned: it was left out here</source>
            <translation>%1 comme prévu : cela a été oublié ici</translation>
        </message>
        <message>
            <source>leave it: no stick of the tray makes it better</source>
            <translation>le laisser : aucun bâton du plateau ne fait mieux</translation>
        </message>
        <message>
            <source>A shadow lies on part of the work, of a hand, the easel or a leaf. Take it where the light is even.</source>
            <translation>Une ombre est posée sur une partie du travail : une main, le chevalet ou une feuille. Photographier là où la lumière est égale.</translation>
        </message>
    </context>
    <context>
        <name>Coats</name>
        <message>
            <source>Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.</source>
            <translation>Suivre la fiche de sécurité du produit et les règles locales ; en cas de doute, demander à une personne qualifiée.</translation>
        </message>
        <message>
            <source>Thin; takes some tooth.</source>
            <translation>Mince ; prend un peu d’accroche.</translation>
        </message>
        <message>
            <source>Dries in minutes, less muddy than water.</source>
            <translation>Sèche en quelques minutes, moins boueux que l’eau.</translation>
        </message>
        <message>
            <source>Slower; can go muddy; buckles thin paper.</source>
            <translation>Plus lent ; peut devenir boueux ; gondole le papier mince.</translation>
        </message>
        <message>
            <source>Transparent: it only darkens the ground.</source>
            <translation>Transparent : il ne fait que foncer le support.</translation>
        </message>
        <message>
            <source>Opaque; dries lighter than it looks wet.</source>
            <translation>Opaque ; en séchant plus clair qu’il ne paraît mouillé.</translation>
        </message>
        <message>
            <source>Can close fine tooth.</source>
            <translation>Peut fermer une accroche fine.</translation>
        </message>
        <message>
            <source>Needs solvent and days of drying.</source>
            <translation>Demande un solvant et des jours de séchage.</translation>
        </message>
        <message>
            <source>For the darkest shapes; keeps the drawing visible.</source>
            <translation>Pour les formes les plus sombres ; le dessin reste visible.</translation>
        </message>
        <message>
            <source>Values only; the darkest rubbed in and laid again; fixed, or it dirties what goes over it.</source>
            <translation>Valeurs seules ; le plus sombre estompé puis reposé ; fixé, sinon il salit ce qui vient dessus.</translation>
        </message>
        <message>
            <source>Flammable vapour: air well, no flame or spark, and never heat the sheet while it is wet with it.</source>
            <translation>Vapeurs inflammables : bien aérer, ni flamme ni étincelle, et ne jamais chauffer la feuille tant qu’elle en est mouillée.</translation>
        </message>
        <message>
            <source>Do not blow dust; tip it off, wipe up damp, wear a mask for long work.</source>
            <translation>Ne pas souffler la poussière ; la faire tomber, essuyer humide, porter un masque pour un long travail.</translation>
        </message>
        <message>
            <source>Keep a dryer moving: paper scorches. Some pigments are harmful: mind the label.</source>
            <translation>Garder le séchoir en mouvement : le papier brûle. Certains pigments sont nocifs : lire l’étiquette.</translation>
        </message>
        <message>
            <source>Best left out: no coat that this paper bears sets values, spares layers or reaches darks enough for what it takes of tooth and time.</source>
            <translation>Mieux vaut s’en passer : aucune sous-couche que ce papier supporte ne pose assez de valeurs, n’épargne assez de couches ou n’atteint des tons assez sombres pour ce qu’elle coûte d’accroche et de temps.</translation>
        </message>
        <message>
            <source>%1, %2: values stand on %3 % of the sheet before a stroke is laid (bare paper: %4 %).</source>
            <translation>%1, %2 : les valeurs sont en place sur %3 % de la feuille avant le premier trait (papier nu : %4 %).</translation>
        </message>
        <message>
            <source>It is the colour wanted already on %1 %: a layer less.</source>
            <translation>C’est déjà la couleur voulue sur %1 % : une couche de moins.</translation>
        </message>
        <message>
            <source>The darkest dark goes from L* %1 to %2.</source>
            <translation>Le ton le plus sombre passe de L* %1 à %2.</translation>
        </message>
        <message>
            <source>In the gaps it makes the colours over it vibrate.</source>
            <translation>Dans les interstices, elle fait vibrer les couleurs qui la couvrent.</translation>
        </message>
        <message>
            <source>The mean error goes from %1 to %2 CIEDE2000; it takes %3 % of the tooth.</source>
            <translation>L’erreur moyenne passe de %1 à %2 CIEDE2000 ; elle prend %3 % de l’accroche.</translation>
        </message>
    </context>
    <context>
        <name>Facts</name>
        <message>
            <source>has no pixels</source>
            <translation>n’a pas de pixels</translation>
        </message>
        <message>
            <source>is no CGATS text</source>
            <translation>n’est pas un texte CGATS</translation>
        </message>
        <message>
            <source>is no sound CGATS text: %1</source>
            <translation>n’est pas un texte CGATS correct : %1</translation>
        </message>
        <message>
            <source>has neither Lab, XYZ nor spectral columns</source>
            <translation>n’a ni colonnes Lab, ni XYZ, ni spectrales</translation>
        </message>
        <message>
            <source>%1 is no number</source>
            <translation>%1 n’est pas un nombre</translation>
        </message>
        <message>
            <source>is no colour of a surface</source>
            <translation>n’est pas la couleur d’une surface</translation>
        </message>
        <message>
            <source>%1 is no reflectance</source>
            <translation>%1 n’est pas une réflectance</translation>
        </message>
        <message>
            <source>reflectance is above 1</source>
            <translation>la réflectance dépasse 1</translation>
        </message>
        <message>
            <source>is larger than %1 MB</source>
            <translation>dépasse %1 Mo</translation>
        </message>
        <message>
            <source>entry "%1" is too large</source>
            <translation>l’entrée « %1 » est trop grande</translation>
        </message>
        <message>
            <source>entry "%1" cannot be unpacked</source>
            <translation>l’entrée « %1 » ne peut pas être décompressée</translation>
        </message>
        <message>
            <source>entry "%1" is damaged</source>
            <translation>l’entrée « %1 » est abîmée</translation>
        </message>
        <message>
            <source>entry "%1" points outside the project</source>
            <translation>l’entrée « %1 » sort du projet</translation>
        </message>
        <message>
            <source>cannot be packed</source>
            <translation>ne peut pas être compressé</translation>
        </message>
        <message>
            <source>has a name that is no text (UTF-8); rename it</source>
            <translation>a un nom qui n’est pas du texte (UTF-8) ; le renommer</translation>
        </message>
        <message>
            <source>does not exist</source>
            <translation>n’existe pas</translation>
        </message>
        <message>
            <source>is a folder, not a project</source>
            <translation>est un dossier, pas un projet</translation>
        </message>
        <message>
            <source>is a folder, not a picture</source>
            <translation>est un dossier, pas une image</translation>
        </message>
        <message>
            <source>is a folder, not a file</source>
            <translation>est un dossier, pas un fichier</translation>
        </message>
        <message>
            <source>is not a whole project file: no zip, or cut short</source>
            <translation>n’est pas un projet entier : pas de zip, ou tronqué</translation>
        </message>
        <message>
            <source>holds too many entries</source>
            <translation>contient trop d’entrées</translation>
        </message>
        <message>
            <source>has an unreadable entry</source>
            <translation>a une entrée illisible</translation>
        </message>
        <message>
            <source>would unpack to more than 420 MB</source>
            <translation>ferait plus de 420 Mo une fois décompressé</translation>
        </message>
        <message>
            <source>holds no "%1"</source>
            <translation>ne contient pas de « %1 »</translation>
        </message>
        <message>
            <source>cannot be saved: %1</source>
            <translation>ne peut pas être enregistré : %1</translation>
        </message>
        <message>
            <source>cannot be written: %1</source>
            <translation>ne peut pas être écrit : %1</translation>
        </message>
        <message>
            <source>cannot be opened: %1</source>
            <translation>ne peut pas être ouvert : %1</translation>
        </message>
        <message>
            <source>cannot be read: %1</source>
            <translation>ne peut pas être lu : %1</translation>
        </message>
        <message>
            <source>cannot be read</source>
            <translation>ne peut pas être lu</translation>
        </message>
        <message>
            <source>is a zip, but no Yawning Dune project</source>
            <translation>est un zip, mais pas un projet de Yawning Dune</translation>
        </message>
        <message>
            <source>was saved by a newer version of Yawning Dune; please update</source>
            <translation>a été enregistré par une version plus récente de Yawning Dune ; mettre à jour</translation>
        </message>
        <message>
            <source>was made by a newer version of Yawning Dune</source>
            <translation>a été fait par une version plus récente de Yawning Dune</translation>
        </message>
        <message>
            <source>was written by a newer program</source>
            <translation>a été écrit par un programme plus récent</translation>
        </message>
        <message>
            <source>was written by a newer version of Yawning Dune; it is left as it is</source>
            <translation>a été écrit par une version plus récente de Yawning Dune ; il est laissé tel quel</translation>
        </message>
        <message>
            <source>is missing</source>
            <translation>manque</translation>
        </message>
        <message>
            <source>is missing: a stick needs "lab" or "masstone"</source>
            <translation>manque : un bâton a besoin de « lab » ou de « masstone »</translation>
        </message>
        <message>
            <source>must be text</source>
            <translation>doit être du texte</translation>
        </message>
        <message>
            <source>must be a list</source>
            <translation>doit être une liste</translation>
        </message>
        <message>
            <source>must be true or false</source>
            <translation>doit être true ou false</translation>
        </message>
        <message>
            <source>must be a number</source>
            <translation>doit être un nombre</translation>
        </message>
        <message>
            <source>must be a number from %1 to %2</source>
            <translation>doit être un nombre de %1 à %2</translation>
        </message>
        <message>
            <source>must hold %1 numbers, not %2</source>
            <translation>doit contenir %1 nombres, pas %2</translation>
        </message>
        <message>
            <source>must hold no more than %1 entries</source>
            <translation>ne doit pas contenir plus de %1 entrées</translation>
        </message>
        <message>
            <source>must hold no more than %1 points</source>
            <translation>ne doit pas contenir plus de %1 points</translation>
        </message>
        <message>
            <source>must hold no more than 24 places</source>
            <translation>ne doit pas contenir plus de 24 repères</translation>
        </message>
        <message>
            <source>must hold pairs of numbers</source>
            <translation>doit contenir des paires de nombres</translation>
        </message>
        <message>
            <source>must hold pairs of numbers; entry %1 is none</source>
            <translation>doit contenir des paires de nombres ; l’entrée %1 n’en est pas une</translation>
        </message>
        <message>
            <source>must hold texts only; entry %1 is none</source>
            <translation>ne doit contenir que des textes ; l’entrée %1 n’en est pas un</translation>
        </message>
        <message>
            <source>"%1" is none of: %2</source>
            <translation>« %1 » n’est aucun de : %2</translation>
        </message>
        <message>
            <source>"%1" is unknown</source>
            <translation>« %1 » est inconnu</translation>
        </message>
        <message>
            <source>is not a JSON object</source>
            <translation>n’est pas un objet JSON</translation>
        </message>
        <message>
            <source>is not valid JSON</source>
            <translation>n’est pas du JSON valide</translation>
        </message>
        <message>
            <source>is not valid JSON near byte %1</source>
            <translation>n’est pas du JSON valide vers l’octet %1</translation>
        </message>
        <message>
            <source>is nested too deeply</source>
            <translation>est imbriqué trop profondément</translation>
        </message>
        <message>
            <source>holds more than four million values</source>
            <translation>contient plus de quatre millions de valeurs</translation>
        </message>
        <message>
            <source>L must be from 0 to 100</source>
            <translation>L doit aller de 0 à 100</translation>
        </message>
        <message>
            <source>is no Yawning Dune collection</source>
            <translation>n’est pas une collection de Yawning Dune</translation>
        </message>
        <message>
            <source>is no calibration</source>
            <translation>n’est pas un étalonnage</translation>
        </message>
        <message>
            <source>is no text</source>
            <translation>n’est pas du texte</translation>
        </message>
        <message>
            <source>is no GIMP palette</source>
            <translation>n’est pas une palette GIMP</translation>
        </message>
        <message>
            <source>is no picture that can be read</source>
            <translation>n’est pas une image lisible</translation>
        </message>
        <message>
            <source>is not a picture that can be read</source>
            <translation>n’est pas une image lisible</translation>
        </message>
        <message>
            <source>is damaged or cut short: %1</source>
            <translation>est abîmé ou tronqué : %1</translation>
        </message>
        <message>
            <source>is damaged or of a kind that cannot be read: %1</source>
            <translation>est abîmé ou d’un genre illisible : %1</translation>
        </message>
        <message>
            <source>is cut short</source>
            <translation>est tronqué</translation>
        </message>
        <message>
            <source>needs libheif, which is not installed here</source>
            <translation>demande libheif, qui n’est pas installé ici</translation>
        </message>
        <message>
            <source>has more than 120 million pixels</source>
            <translation>a plus de 120 millions de pixels</translation>
        </message>
        <message>
            <source>has a side of more than 65535 pixels</source>
            <translation>a un côté de plus de 65535 pixels</translation>
        </message>
        <message>
            <source>cannot be read as CSV near line %1</source>
            <translation>n’est pas lisible en CSV vers la ligne %1</translation>
        </message>
        <message>
            <source>holds no rows</source>
            <translation>ne contient aucune ligne</translation>
        </message>
        <message>
            <source>holds more than 20000 rows</source>
            <translation>contient plus de 20000 lignes</translation>
        </message>
        <message>
            <source>holds more than 20000 sticks</source>
            <translation>contient plus de 20000 bâtons</translation>
        </message>
        <message>
            <source>holds no stick</source>
            <translation>ne contient aucun bâton</translation>
        </message>
        <message>
            <source>holds no paper</source>
            <translation>ne contient aucun papier</translation>
        </message>
        <message>
            <source>id "%1" stands twice</source>
            <translation>l’identifiant « %1 » figure deux fois</translation>
        </message>
        <message>
            <source>a colour is needed: say which column is the hex colour, or which are L*, a* and b*</source>
            <translation>il faut une couleur : dire quelle colonne est la couleur hexadécimale, ou lesquelles sont L*, a* et b*</translation>
        </message>
        <message>
            <source>lightfastness must be I, II, III, IV or V</source>
            <translation>la tenue à la lumière doit être I, II, III, IV ou V</translation>
        </message>
        <message>
            <source>must be I, II, III, IV, V or left out</source>
            <translation>doit être I, II, III, IV, V ou absent</translation>
        </message>
        <message>
            <source>hex colour: needs six digits like #8a6b4f</source>
            <translation>couleur hexadécimale : il faut six chiffres comme #8a6b4f</translation>
        </message>
        <message>
            <source>needs red, green and blue</source>
            <translation>il faut le rouge, le vert et le bleu</translation>
        </message>
        <message>
            <source>%1 is no number from 0 to 255</source>
            <translation>%1 n’est pas un nombre de 0 à 255</translation>
        </message>
        <message>
            <source>%1: "%2" is no number from %3 to %4</source>
            <translation>%1 : « %2 » n’est pas un nombre de %3 à %4</translation>
        </message>
        <message>
            <source>"%1" is no stick of the collection; its id is needed</source>
            <translation>« %1 » n’est pas un bâton de la collection ; il faut son identifiant</translation>
        </message>
        <message>
            <source>pressure must be light, middle, firm, or a number above 0 up to 1</source>
            <translation>la pression doit être light, middle, firm, ou un nombre au-dessus de 0 jusqu’à 1</translation>
        </message>
        <message>
            <source>technique must be laid or rubbed</source>
            <translation>la technique doit être laid ou rubbed</translation>
        </message>
        <message>
            <source>%1 must be a number</source>
            <translation>%1 doit être un nombre</translation>
        </message>
        <message>
            <source>has no column %1</source>
            <translation>n’a pas de colonne %1</translation>
        </message>
        <message>
            <source>holds %1 samples, but %2 strokes are asked for: measure them all, in their order</source>
            <translation>contient %1 échantillons, mais %2 traits sont demandés : mesurez-les tous, dans leur ordre</translation>
        </message>
        <message>
            <source>names a stick that is not in the collection</source>
            <translation>nomme un bâton qui n’est pas dans la collection</translation>
        </message>
        <message>
            <source>names a stick that is not there</source>
            <translation>nomme un bâton qui n’existe pas</translation>
        </message>
        <message>
            <source>must be mass or plane</source>
            <translation>doit être mass ou plane</translation>
        </message>
        <message>
            <source>must be none, wash, little or full</source>
            <translation>doit être none, wash, little ou full</translation>
        </message>
        <message>
            <source>the collection has no stick for %1</source>
            <translation>la collection n’a pas de bâton pour %1</translation>
        </message>
        <message>
            <source>%1 does not bear %2; choose another medium or paper</source>
            <translation>%1 ne supporte pas %2 ; choisir un autre médium ou papier</translation>
        </message>
        <message>
            <source>there is no other mass to merge with</source>
            <translation>il n’y a pas d’autre masse avec laquelle réunir</translation>
        </message>
        <message>
            <source>does not touch mass %1; only neighbours can be merged</source>
            <translation>ne touche pas la masse %1 ; seules des voisines se réunissent</translation>
        </message>
        <message>
            <source>cannot be split: there are 60 masses already</source>
            <translation>ne peut pas être divisée : il y a déjà 60 masses</translation>
        </message>
        <message>
            <source>leaves nothing on one side of the split</source>
            <translation>ne laisse rien d’un côté de la division</translation>
        </message>
        <message>
            <source>is of one value: there is nothing to split</source>
            <translation>est d’une seule valeur : il n’y a rien à diviser</translation>
        </message>
        <message>
            <source>needs a line of two places to be split by</source>
            <translation>il faut une ligne de deux points pour diviser</translation>
        </message>
        <message>
            <source>nothing was painted</source>
            <translation>rien n’a été peint</translation>
        </message>
        <message>
            <source>is not there</source>
            <translation>n’existe pas</translation>
        </message>
        <message>
            <source>asks for more sticks than the tray may hold</source>
            <translation>demande plus de bâtons que le plateau n’en peut tenir</translation>
        </message>
        <message>
            <source>asks for a stick that is forbidden or not at hand</source>
            <translation>demande un bâton interdit ou absent</translation>
        </message>
        <message>
            <source>leaves no stick to choose from</source>
            <translation>ne laisse aucun bâton à choisir</translation>
        </message>
        <message>
            <source>at least one is needed</source>
            <translation>il en faut au moins un</translation>
        </message>
        <message>
            <source>there are none to search</source>
            <translation>il n’y en a pas à chercher</translation>
        </message>
        <message>
            <source>there are none to match</source>
            <translation>il n’y en a pas à atteindre</translation>
        </message>
        <message>
            <source>pairs are searched on a ground only</source>
            <translation>les paires se cherchent sur un support seulement</translation>
        </message>
        <message>
            <source>there are none to judge</source>
            <translation>il n’y en a pas à juger</translation>
        </message>
        <message>
            <source>has no masses</source>
            <translation>n’a pas de masses</translation>
        </message>
        <message>
            <source>no pass is done yet: mark what is, then check it</source>
            <translation>aucune passe n’est encore faite : cocher ce qui l’est, puis contrôler</translation>
        </message>
        <message>
            <source>are too few: at least %1 are needed</source>
            <translation>sont trop peu : il en faut au moins %1</translation>
        </message>
        <message>
            <source>pressure must be above 0, up to 1</source>
            <translation>la pression doit être au-dessus de 0 et au plus 1</translation>
        </message>
        <message>
            <source>is no colour</source>
            <translation>n&apos;est pas une couleur</translation>
        </message>
        <message>
            <source>shows a sheet for offcut strokes, not for sticks</source>
            <translation>montre une feuille pour traits d’essai, pas pour bâtons</translation>
        </message>
        <message>
            <source>shows a sheet for sticks, not for offcut strokes</source>
            <translation>montre une feuille pour bâtons, pas pour traits d’essai</translation>
        </message>
        <message>
            <source>shows no stroke in any cell</source>
            <translation>ne montre de trait dans aucune case</translation>
        </message>
        <message>
            <source>shows no mark of a printed sheet: take it whole, sharp, from straight above</source>
            <translation>ne montre aucun repère d’une feuille imprimée : la prendre entière, nette, bien d’en haut</translation>
        </message>
        <message>
            <source>shows marks of two sheets: take one sheet at a time</source>
            <translation>montre les repères de deux feuilles : en prendre une à la fois</translation>
        </message>
        <message>
            <source>does not show the mark %1: take the whole sheet, all eight marks free</source>
            <translation>ne montre pas le repère %1 : prendre toute la feuille, les huit repères dégagés</translation>
        </message>
        <message>
            <source>shows marks that are not of one printed sheet</source>
            <translation>montre des repères qui ne sont pas d’une même feuille imprimée</translation>
        </message>
        <message>
            <source>is too light: the bare paper has burnt out, expose less</source>
            <translation>est trop claire : le papier nu est brûlé, exposer moins</translation>
        </message>
        <message>
            <source>is too dark: more light, or expose longer</source>
            <translation>est trop sombre : plus de lumière, ou poser plus longtemps</translation>
        </message>
        <message>
            <source>has light that does not lie evenly: no shadow and no lamp mirrored on the sheet, the paper bare between the cells</source>
            <translation>a une lumière inégale : ni ombre ni lampe reflétée sur la feuille, le papier nu entre les cases</translation>
        </message>
        <message>
            <source>is lit from one side: turn the sheet to the light</source>
            <translation>est éclairée d’un côté : tourner la feuille vers la lumière</translation>
        </message>
        <message>
            <source>shows a sheet that does not lie flat</source>
            <translation>montre une feuille qui n’est pas à plat</translation>
        </message>
        <message>
            <source>is too small for so many cells: go nearer, or use the camera's full size</source>
            <translation>est trop petite pour tant de cases : se rapprocher, ou utiliser toute la taille de l’appareil</translation>
        </message>
        <message>
            <source>has room for %1 cells, not for %2</source>
            <translation>a de la place pour %1 cases, pas pour %2</translation>
        </message>
        <message>
            <source>is not for RGB</source>
            <translation>n’est pas pour RVB</translation>
        </message>
        <message>
            <source>cannot be used for pictures</source>
            <translation>ne peut pas servir aux images</translation>
        </message>
        <message>
            <source>L must lie between 0 and 100</source>
            <translation>L doit être entre 0 et 100</translation>
        </message>
        <message>
            <source>no surface has this colour</source>
            <translation>aucune surface n’a cette couleur</translation>
        </message>
        <message>
            <source>the backup cannot be written</source>
            <translation>la copie de sauvegarde ne peut pas être écrite</translation>
        </message>
        <message>
            <source>the journal is damaged</source>
            <translation>le carnet est abîmé</translation>
        </message>
        <message>
            <source>the journal is damaged: %1</source>
            <translation>le carnet est abîmé : %1</translation>
        </message>
        <message>
            <source>the journal is damaged and cannot be put aside</source>
            <translation>le carnet est abîmé et ne peut pas être mis de côté</translation>
        </message>
        <message>
            <source>the folder cannot be made</source>
            <translation>le dossier ne peut pas être créé</translation>
        </message>
        <message>
            <source>the disk is full; nothing was written</source>
            <translation>le disque est plein ; rien n’a été écrit</translation>
        </message>
        <message>
            <source>is read-only; nothing was written</source>
            <translation>est en lecture seule ; rien n’a été écrit</translation>
        </message>
        <message>
            <source>is held by another program; nothing was written</source>
            <translation>est tenu par un autre programme ; rien n’a été écrit</translation>
        </message>
        <message>
            <source>Qt's SQLite driver is not installed</source>
            <translation>le pilote SQLite de Qt n’est pas installé</translation>
        </message>
        <message>
            <source>holds no such work</source>
            <translation>ne contient pas un tel travail</translation>
        </message>
        <message>
            <source>the disk is full; free some room or choose another place</source>
            <translation>le disque est plein ; faire de la place ou choisir un autre endroit</translation>
        </message>
        <message>
            <source>the disk is read-only; choose another place</source>
            <translation>le disque est en lecture seule ; choisir un autre endroit</translation>
        </message>
        <message>
            <source>this program may not write there; choose another place</source>
            <translation>ce programme ne peut pas écrire là ; choisir un autre endroit</translation>
        </message>
        <message>
            <source>the folder is not there</source>
            <translation>le dossier n’existe pas</translation>
        </message>
        <message>
            <source>the disk did not take it</source>
            <translation>le disque ne l’a pas accepté</translation>
        </message>
        <message>
            <source>at the top left</source>
            <translation>en haut à gauche</translation>
        </message>
        <message>
            <source>amid the top</source>
            <translation>au milieu du haut</translation>
        </message>
        <message>
            <source>at the top right</source>
            <translation>en haut à droite</translation>
        </message>
        <message>
            <source>amid the right side</source>
            <translation>au milieu du côté droit</translation>
        </message>
        <message>
            <source>at the bottom right</source>
            <translation>en bas à droite</translation>
        </message>
        <message>
            <source>amid the bottom</source>
            <translation>au milieu du bas</translation>
        </message>
        <message>
            <source>at the bottom left</source>
            <translation>en bas à gauche</translation>
        </message>
        <message>
            <source>amid the left side</source>
            <translation>au milieu du côté gauche</translation>
        </message>
        <message>
            <source>%1, line %2</source>
            <translation>%1, ligne %2</translation>
        </message>
        <message>
            <source>line %1</source>
            <translation>ligne %1</translation>
        </message>
        <message>
            <source>%1, field "%2"</source>
            <translation>%1, champ « %2 »</translation>
        </message>
        <message>
            <source>%1, mass %2</source>
            <translation>%1, masse %2</translation>
        </message>
        <message>
            <source>mass %1</source>
            <translation>masse %1</translation>
        </message>
        <message>
            <source>photograph</source>
            <translation>photo</translation>
        </message>
        <message>
            <source>picture</source>
            <translation>image</translation>
        </message>
        <message>
            <source>project</source>
            <translation>projet</translation>
        </message>
        <message>
            <source>colour profile</source>
            <translation>profil de couleur</translation>
        </message>
        <message>
            <source>paper colour</source>
            <translation>couleur du papier</translation>
        </message>
        <message>
            <source>collection</source>
            <translation>collection</translation>
        </message>
        <message>
            <source>palette</source>
            <translation>palette</translation>
        </message>
        <message>
            <source>readings</source>
            <translation>mesures</translation>
        </message>
        <message>
            <source>sticks</source>
            <translation>bâtons</translation>
        </message>
        <message>
            <source>tray</source>
            <translation>plateau</translation>
        </message>
        <message>
            <source>subject</source>
            <translation>sujet</translation>
        </message>
        <message>
            <source>sheet</source>
            <translation>feuille</translation>
        </message>
        <message>
            <source>mood</source>
            <translation>ambiance</translation>
        </message>
        <message>
            <source>done</source>
            <translation>fait</translation>
        </message>
        <message>
            <source>is not a finite number</source>
            <translation>n’est pas un nombre fini</translation>
        </message>
        <message>
            <source>"%1" must be fine, medium or coarse</source>
            <translation>« %1 » doit être fine, medium ou coarse</translation>
        </message>
        <message>
            <source>"%1" is unknown or stands twice</source>
            <translation>« %1 » est inconnu ou figure deux fois</translation>
        </message>
        <message>
            <source>"%1" is missing</source>
            <translation>« %1 » manque</translation>
        </message>
        <message>
            <source>"%1" is neither a shipped id nor a file</source>
            <translation>« %1 » n’est ni un identifiant fourni ni un fichier</translation>
        </message>
        <message>
            <source>"%1" must be soft, hard, pencil, pan or charcoal</source>
            <translation>« %1 » doit être soft, hard, pencil, pan ou charcoal</translation>
        </message>
        <message>
            <source>is "%1", not "%2"</source>
            <translation>est « %1 », pas « %2 »</translation>
        </message>
        <message>
            <source>medium "%1" is unknown</source>
            <translation>le médium « %1 » est inconnu</translation>
        </message>
        <message>
            <source>colours "%1" are unknown</source>
            <translation>les couleurs « %1 » sont inconnues</translation>
        </message>
        <message>
            <source>pressure must be from 0 to 1</source>
            <translation>la pression doit aller de 0 à 1</translation>
        </message>
        <message>
            <source>does not say which underpainting</source>
            <translation>ne dit pas quelle sous-couche</translation>
        </message>
        <message>
            <source>must be from %1 to %2</source>
            <translation>doit aller de %1 à %2</translation>
        </message>
        <message>
            <source>must be from 0.2 to 3 where light, to 2 where firm</source>
            <translation>doit aller de 0,2 à 3 en léger, à 2 en appuyé</translation>
        </message>
        <message>
            <source>must be at least %1</source>
            <translation>doit être au moins %1</translation>
        </message>
        <message>
            <source>must be at least 5 minutes</source>
            <translation>doit être d’au moins 5 minutes</translation>
        </message>
        <message>
            <source>"%1" must be keep, compress, anchor-lights or anchor-darks</source>
            <translation>« %1 » doit être keep, compress, anchor-lights ou anchor-darks</translation>
        </message>
        <message>
            <source>an edge names a job that is not there</source>
            <translation>un lien nomme un ouvrage qui n’existe pas</translation>
        </message>
        <message>
            <source>the edges run in a circle</source>
            <translation>les liens tournent en rond</translation>
        </message>
        <message>
            <source>needs a tray to begin with</source>
            <translation>a besoin d’un plateau pour commencer</translation>
        </message>
        <message>
            <source>must be more than 0</source>
            <translation>doit dépasser 0</translation>
        </message>
        <message>
            <source>must be above 0</source>
            <translation>doit être au-dessus de 0</translation>
        </message>
        <message>
            <source>must be one for each target</source>
            <translation>doit être un par cible</translation>
        </message>
        <message>
            <source>must have sides from %1 to %2 mm</source>
            <translation>doit avoir des côtés de %1 à %2 mm</translation>
        </message>
        <message>
            <source>must have a cell</source>
            <translation>doit avoir une case</translation>
        </message>
        <message>
            <source>must lie in the picture: x and y from 0 to 1, radius above 0 to 1</source>
            <translation>doit être dans l’image : x et y de 0 à 1, le rayon au-dessus de 0 jusqu’à 1</translation>
        </message>
        <message>
            <source>"%1" must be background, middle ground or foreground</source>
            <translation>« %1 » doit être background, middle ground ou foreground</translation>
        </message>
        <message>
            <source>the amount must be from 0 to 1</source>
            <translation>la quantité doit aller de 0 à 1</translation>
        </message>
        <message>
            <source>holds too many colours</source>
            <translation>contient trop de couleurs</translation>
        </message>
        <message>
            <source>a colour has no share</source>
            <translation>une couleur n’a pas de part</translation>
        </message>
        <message>
            <source>another window is mending the journal</source>
            <translation>une autre fenêtre est en train de réparer le carnet</translation>
        </message>
        <message>
            <source>the journal is damaged and open in another window; close that one and start again</source>
            <translation>le carnet est abîmé et ouvert dans une autre fenêtre ; fermez-la et recommencez</translation>
        </message>
        <message>
            <source>is too small or too narrow to be read</source>
            <translation>est trop petit ou trop étroit pour être lu</translation>
        </message>
        <message>
            <source>is no journal yet</source>
            <translation>n&apos;est pas encore un carnet</translation>
        </message>
        <message>
            <source>is a pipe or a device, not a file</source>
            <translation>est un tube ou un périphérique, pas un fichier</translation>
        </message>
        <message>
            <source>is a pipe that nobody reads</source>
            <translation>est un tube que personne ne lit</translation>
        </message>
        <message>
            <source>is no picture of a kind that is read: %1</source>
            <translation>n&apos;est pas une image d&apos;un type qui est lu : %1</translation>
        </message>
        <message>
            <source>PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF or AVIF</source>
            <translation>PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF ou AVIF</translation>
        </message>
        <message>
            <source>must end in .png, .jpg or .jpeg</source>
            <translation>doit finir par .png, .jpg ou .jpeg</translation>
        </message>
        <message>
            <source>must have no more than 4 layers</source>
            <translation>ne doit pas avoir plus de 4 couches</translation>
        </message>
        <message>
            <source>it is closed</source>
            <translation>elle est fermée</translation>
        </message>
        <message>
            <source>nobody reads it any more</source>
            <translation>plus personne ne la lit</translation>
        </message>
        <message>
            <source>must be a whole number from %1 to %2</source>
            <translation>doit être un nombre entier de %1 à %2</translation>
        </message>
        <message>
            <source>is read here and would be lost; write to another file</source>
            <translation>est lu ici et serait perdu ; écrire dans un autre fichier</translation>
        </message>
        <message>
            <source>%1; nothing was saved</source>
            <translation>%1 ; rien n&apos;a été enregistré</translation>
        </message>
        <message>
            <source>is a database of another program; it is left as it is</source>
            <translation>est une base de données d&apos;un autre programme ; elle reste telle quelle</translation>
        </message>
        <message>
            <source>is not kept as this program keeps a journal</source>
            <translation>n&apos;est pas tenu comme ce programme tient un carnet</translation>
        </message>
        <message>
            <source>cannot be opened</source>
            <translation>ne peut pas être ouvert</translation>
        </message>
        <message>
            <source>is a folder</source>
            <translation>est un dossier</translation>
        </message>
        <message>
            <source>there is no such folder</source>
            <translation>ce dossier n&apos;existe pas</translation>
        </message>
        <message>
            <source>its folder cannot be written to</source>
            <translation>son dossier n&apos;est pas accessible en écriture</translation>
        </message>
        <message>
            <source>is no file that can be written</source>
            <translation>n&apos;est pas un fichier où l&apos;on peut écrire</translation>
        </message>
        <message>
            <source>it is no file that can be written</source>
            <translation>ce n&apos;est pas un fichier où l&apos;on peut écrire</translation>
        </message>
        <message>
            <source>would have a name that is no text (UTF-8)</source>
            <translation>aurait un nom qui n&apos;est pas du texte (UTF-8)</translation>
        </message>
        <message>
            <source>must be the name of a file</source>
            <translation>doit être le nom d&apos;un fichier</translation>
        </message>
        <message>
            <source>has too many places</source>
            <translation>a trop de points</translation>
        </message>
        <message>
            <source>must be a list of places [x, y]</source>
            <translation>doit être une liste de points [x, y]</translation>
        </message>
        <message>
            <source>must not be empty</source>
            <translation>ne doit pas être vide</translation>
        </message>
        <message>
            <source>has no media</source>
            <translation>ne contient aucun médium</translation>
        </message>
        <message>
            <source>must be shade, mass, picture, minute or sitting</source>
            <translation>doit être shade, mass, picture, minute ou sitting</translation>
        </message>
        <message>
            <source>the outline needs three places at least</source>
            <translation>le contour demande au moins trois points</translation>
        </message>
        <message>
            <source>the outline has too many places</source>
            <translation>le contour a trop de points</translation>
        </message>
        <message>
            <source>the outline must lie in the picture: places from 0 to 1</source>
            <translation>le contour doit être dans l’image : points de 0 à 1</translation>
        </message>
        <message>
            <source>the outline goes round nothing</source>
            <translation>le contour n’entoure rien</translation>
        </message>
        <message>
            <source>the outline crosses itself; draw round the thing once</source>
            <translation>le contour se croise ; entourez la chose une seule fois</translation>
        </message>
        <message>
            <source>has too many strokes</source>
            <translation>a trop de traits</translation>
        </message>
        <message>
            <source>width of a stroke %1</source>
            <translation>largeur d’un trait %1</translation>
        </message>
        <message>
            <source>a stroke needs a way of its own</source>
            <translation>un trait demande un parcours</translation>
        </message>
        <message>
            <source>strokes must lie in the picture: places from 0 to 1</source>
            <translation>les traits doivent être dans l’image : points de 0 à 1</translation>
        </message>
        <message>
            <source>the name must have no more than 80 letters</source>
            <translation>le nom ne doit pas dépasser 80 lettres</translation>
        </message>
        <message>
            <source>the ring must lie in the picture: x and y from 0 to 1, radius above 0 to 1</source>
            <translation>l’anneau doit être dans l’image : x et y de 0 à 1, rayon de plus de 0 à 1</translation>
        </message>
        <message>
            <source>must be no more than 60</source>
            <translation>ne doivent pas être plus de 60</translation>
        </message>
        <message>
            <source>nothing is left of it</source>
            <translation>il n’en reste rien</translation>
        </message>
        <message>
            <source>&quot;%1&quot; must be name;kind;weight;x,y x,y …</source>
            <translation>« %1 » doit être nom;genre;poids;x,y x,y …</translation>
        </message>
        <message>
            <source>&quot;%1&quot; has a place that is no x,y</source>
            <translation>« %1 » a un point qui n’est pas x,y</translation>
        </message>
        <message>
            <source>&quot;%1&quot; is none of: %2</source>
            <translation>« %1 » n’est aucun de : %2</translation>
        </message>
    </context>
    <context>
        <name>Findings</name>
        <message>
            <source>mud</source>
            <translation>boue</translation>
        </message>
        <message>
            <source>black rubbed over colour</source>
            <translation>noir estompé sur la couleur</translation>
        </message>
        <message>
            <source>flat black hole</source>
            <translation>trou noir plat</translation>
        </message>
        <message>
            <source>chalky white</source>
            <translation>blanc crayeux</translation>
        </message>
        <message>
            <source>hard over soft</source>
            <translation>dur sur tendre</translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>accroche pleine</translation>
        </message>
        <message>
            <source>missing darks</source>
            <translation>tons foncés manquants</translation>
        </message>
        <message>
            <source>distance does not recede</source>
            <translation>le lointain ne recule pas</translation>
        </message>
        <message>
            <source>raw green</source>
            <translation>vert cru</translation>
        </message>
        <message>
            <source>lonely accent</source>
            <translation>accent isolé</translation>
        </message>
        <message>
            <source>everything rubbed</source>
            <translation>tout est estompé</translation>
        </message>
        <message>
            <source>halo at a soft edge</source>
            <translation>halo à un bord doux</translation>
        </message>
        <message>
            <source>focal point</source>
            <translation>point focal</translation>
        </message>
        <message>
            <source>too many sticks</source>
            <translation>trop de bâtons</translation>
        </message>
        <message>
            <source>pressed too hard early</source>
            <translation>appuyé trop tôt</translation>
        </message>
        <message>
            <source>vivid colour out of reach</source>
            <translation>couleur vive hors d’atteinte</translation>
        </message>
        <message>
            <source>level sky</source>
            <translation>ciel uniforme</translation>
        </message>
        <message>
            <source>water by itself</source>
            <translation>eau isolée</translation>
        </message>
        <message>
            <source>red that steals</source>
            <translation>rouge qui vole la vedette</translation>
        </message>
        <message>
            <source>everything sharp</source>
            <translation>tout est net</translation>
        </message>
        <message>
            <source>Your order lays the background of pass %1 after the soft edge of pass %2: a halo stays.</source>
            <translation>L’ordre choisi pose le fond de la passe %1 après le bord doux de la passe %2 : un halo reste.</translation>
        </message>
        <message>
            <source>Your order lays pass %1, a hard stick, after the soft one of pass %2.</source>
            <translation>L’ordre choisi pose la passe %1, un bâton dur, après le tendre de la passe %2.</translation>
        </message>
        <message>
            <source>%1 and %2 are complements: rubbed together they go to mud in %3.</source>
            <translation>%1 et %2 sont complémentaires : estompés ensemble, ils tournent à la boue dans %3.</translation>
        </message>
        <message>
            <source>Black is rubbed over %1 in %2: that dirties it for good. Go over a dark red, violet or blue instead.</source>
            <translation>Du noir est estompé sur %1 dans %2 : cela le salit pour de bon. Passer plutôt un rouge foncé, un violet ou un bleu.</translation>
        </message>
        <message>
            <source>Black alone stands flat in %1. Put deep blue, dark brown or indigo under it, or use those instead.</source>
            <translation>Le noir seul est plat dans %1. Mettre dessous un bleu profond, un brun foncé ou un indigo, ou les prendre à sa place.</translation>
        </message>
        <message>
            <source>White over colour makes %1 chalky; put it under, or use a light stick of the hue.</source>
            <translation>Du blanc sur la couleur rend %1 crayeux ; le mettre dessous, ou prendre un bâton clair de la teinte.</translation>
        </message>
        <message>
            <source>%1 will not take over the soft layer of %2 in %3.</source>
            <translation>%1 ne prendra pas sur la couche tendre de %2 dans %3.</translation>
        </message>
        <message>
            <source>The tooth of %1 is full before its last stroke: little of it will stick.</source>
            <translation>L’accroche de %1 est pleine avant son dernier trait : il en tiendra peu.</translation>
        </message>
        <message>
            <source>The darkest dark, in %1, comes out too light: a passage looks finished only when its darks are dark enough.</source>
            <translation>Le ton le plus sombre, dans %1, sort trop clair : un passage ne paraît fini que si ses tons foncés le sont assez.</translation>
        </message>
        <message>
            <source>The distance does not recede: further means less contrast, less chroma and bluer.</source>
            <translation>Le lointain ne recule pas : plus loin veut dire moins de contraste, moins de saturation et plus bleu.</translation>
        </message>
        <message>
            <source>A raw green in %1 looks artificial: break it with violet, red-brown or grey.</source>
            <translation>Un vert cru dans %1 paraît artificiel : le rompre de violet, de brun-rouge ou de gris.</translation>
        </message>
        <message>
            <source>%1 stands in %2 alone and looks pasted in: carry a little of it elsewhere.</source>
            <translation>%1 est seul dans %2 et semble collé : en porter un peu ailleurs.</translation>
        </message>
        <message>
            <source>Everything is rubbed, and the picture goes lifeless: rub some, leave some.</source>
            <translation>Tout est estompé, et l’image s’éteint : en estomper une partie, en laisser une autre.</translation>
        </message>
        <message>
            <source>At a soft edge the background cannot go in first: a halo may stay. Soften it at the end.</source>
            <translation>À un bord doux le fond ne peut pas venir d’abord : un halo peut rester. L’adoucir à la fin.</translation>
        </message>
        <message>
            <source>The focal point does not have the strongest contrast; %1 has.</source>
            <translation>Le point focal n’a pas le contraste le plus fort ; c’est %1 qui l’a.</translation>
        </message>
        <message>
            <source>More sticks than the picture needs: a dozen well chosen ones carry it.</source>
            <translation>Plus de bâtons que l’image n’en demande : une douzaine bien choisie la porte.</translation>
        </message>
        <message>
            <source>The first stroke in %1 is pressed in hard: it cannot be lifted again and closes the tooth.</source>
            <translation>Le premier trait dans %1 est appuyé : il ne peut plus être enlevé et ferme l’accroche.</translation>
        </message>
        <message>
            <source>A vivid colour of %1 is out of reach: no stick of the collection is near it.</source>
            <translation>Une couleur vive de %1 est hors d’atteinte : aucun bâton de la collection n’en est proche.</translation>
        </message>
        <message>
            <source>A vivid colour of %1 is lost; %2 would bring it.</source>
            <translation>Une couleur vive de %1 est perdue ; %2 l’apporterait.</translation>
        </message>
        <message>
            <source>The sky is as dark at the horizon as overhead: it wants to be lighter there, and warmer.</source>
            <translation>Le ciel est aussi sombre à l’horizon qu’en haut : il devrait y être plus clair, et plus chaud.</translation>
        </message>
        <message>
            <source>The water does not repeat the colours above it: carry some of the sky into it.</source>
            <translation>L’eau ne répète pas les couleurs au-dessus d’elle : y porter un peu du ciel.</translation>
        </message>
        <message>
            <source>A strong red in %1 is seen before the focal point: use it sparingly.</source>
            <translation>Un rouge fort dans %1 se voit avant le point focal : l’employer avec mesure.</translation>
        </message>
        <message>
            <source>Everything is equally sharp: lose the edges that are far away.</source>
            <translation>Tout est également net : perdre les bords lointains.</translation>
        </message>
        <message>
            <source>chroma %1 rubbed, %2 laid broken, %3 wanted</source>
            <translation>saturation %1 estompé, %2 posé ouvert, %3 voulu</translation>
        </message>
        <message>
            <source>chroma %1 before, %2 after</source>
            <translation>saturation %1 avant, %2 après</translation>
        </message>
        <message>
            <source>chroma %1, speckle %2 L*</source>
            <translation>saturation %1, moucheture %2 L*</translation>
        </message>
        <message>
            <source>chroma %1, wanted %2</source>
            <translation>saturation %1, voulu %2</translation>
        </message>
        <message>
            <source>%1 % of the tooth left, a loose bed below</source>
            <translation>%1 % de l’accroche reste, dessous un lit meuble</translation>
        </message>
        <message>
            <source>%1 % of the tooth left before %2</source>
            <translation>%1 % de l’accroche reste avant %2</translation>
        </message>
        <message>
            <source>L* %1 laid, %2 in the subject</source>
            <translation>L* %1 posé, %2 dans le sujet</translation>
        </message>
        <message>
            <source>far and near: chroma %1 and %2, contrast %3 and %4 L*, warmth %5 and %6</source>
            <translation>loin et près : saturation %1 et %2, contraste %3 et %4 L*, chaleur %5 et %6</translation>
        </message>
        <message>
            <source>chroma %1, nothing but green in the stack</source>
            <translation>saturation %1, rien que du vert dans l’empilement</translation>
        </message>
        <message>
            <source>%1 % of the picture, no other mass within %2 degrees of hue</source>
            <translation>%1 % de l’image, aucune autre masse à moins de %2 degrés de teinte</translation>
        </message>
        <message>
            <source>%1 % of the area ends in a rubbed stroke</source>
            <translation>%1 % de la surface finit par un trait estompé</translation>
        </message>
        <message>
            <source>%1 L* at the focal point, %2 there</source>
            <translation>%1 L* au point focal, %2 là</translation>
        </message>
        <message>
            <source>%1 sticks, %2 of them serve less than %3 % of the area</source>
            <translation>%1 bâtons, dont %2 servent moins de %3 % de la surface</translation>
        </message>
        <message>
            <source>%1 % of the tooth gone after the first of %2 strokes</source>
            <translation>%1 % de l’accroche partie après le premier de %2 traits</translation>
        </message>
        <message>
            <source>chroma %1 laid, %2 in the subject, %3 CIEDE2000 apart</source>
            <translation>saturation %1 posé, %2 dans le sujet, %3 CIEDE2000 d’écart</translation>
        </message>
        <message>
            <source>%1 L* lighter at the horizon, %2 in the subject</source>
            <translation>%1 L* plus clair à l’horizon, %2 dans le sujet</translation>
        </message>
        <message>
            <source>%1 CIEDE2000 from the sky in hue and chroma, %2 in the subject</source>
            <translation>%1 CIEDE2000 du ciel en teinte et saturation, %2 dans le sujet</translation>
        </message>
        <message>
            <source>chroma %1, at most %2 at the focal point; %3 % of the picture</source>
            <translation>saturation %1, au plus %2 au point focal ; %3 % de l’image</translation>
        </message>
        <message>
            <source>%1 % of the area ends hard, %2 % is rubbed</source>
            <translation>%1 % de la surface finit dur, %2 % est estompé</translation>
        </message>
        <message>
            <source>Lay the strokes of this mass broken</source>
            <translation>Poser ouverts les traits de cette masse</translation>
        </message>
        <message>
            <source>Take the nearest recipe without black</source>
            <translation>Prendre la recette la plus proche sans noir</translation>
        </message>
        <message>
            <source>Take the nearest recipe with a colour in it</source>
            <translation>Prendre la recette la plus proche avec une couleur dedans</translation>
        </message>
        <message>
            <source>Take the nearest recipe without white on top</source>
            <translation>Prendre la recette la plus proche sans blanc dessus</translation>
        </message>
        <message>
            <source>Take the nearest recipe with a broken green</source>
            <translation>Prendre la recette la plus proche avec un vert rompu</translation>
        </message>
        <message>
            <source>Wish that colours return in several masses</source>
            <translation>Souhaiter que des couleurs reviennent dans plusieurs masses</translation>
        </message>
        <message>
            <source>Take the nearest recipe with the hard stick below</source>
            <translation>Prendre la recette la plus proche avec le bâton dur dessous</translation>
        </message>
        <message>
            <source>Take the planner's order</source>
            <translation>Prendre l’ordre du planificateur</translation>
        </message>
        <message>
            <source>Take a recipe that uses less tooth</source>
            <translation>Prendre une recette qui use moins d’accroche</translation>
        </message>
        <message>
            <source>Lay all strokes broken</source>
            <translation>Poser ouverts tous les traits</translation>
        </message>
        <message>
            <source>Lay what is not background broken</source>
            <translation>Poser ouvert ce qui n’est pas le fond</translation>
        </message>
        <message numerus="yes">
            <source>Plan with %n stick(s)</source>
            <translation>
                <numerusform>Planifier avec %n bâton</numerusform>
                <numerusform>Planifier avec %n bâtons</numerusform>
            </translation>
        </message>
        <message>
            <source>Take a recipe that begins lighter</source>
            <translation>Prendre une recette qui commence plus clair</translation>
        </message>
        <message numerus="yes">
            <source>Ink %n mass(es) first; ink reaches darks that pastel alone cannot</source>
            <translation>
                <numerusform>Encrer d’abord %n masse ; l’encre atteint des tons que le pastel seul n’atteint pas</numerusform>
                <numerusform>Encrer d’abord %n masses ; l’encre atteint des tons que le pastel seul n’atteint pas</numerusform>
            </translation>
        </message>
        <message>
            <source>Rub the background, so that it softens</source>
            <translation>Estomper le fond, pour qu’il s’adoucisse</translation>
        </message>
        <message>
            <source>Rub %1, so that it stands back</source>
            <translation>Estomper %1, pour qu’il recule</translation>
        </message>
        <message>
            <source>Take %1 into the tray</source>
            <translation>Prendre %1 dans le plateau</translation>
        </message>
        <message>
            <source>Leave %1 out of the tray</source>
            <translation>Laisser %1 hors du plateau</translation>
        </message>
    </context>
    <context>
        <name>Grounds</name>
        <message>
            <source>Lights cannot show on it.</source>
            <translation>Les lumières n’y paraissent pas.</translation>
        </message>
        <message>
            <source>Darks cannot show on it.</source>
            <translation>Les tons foncés n’y paraissent pas.</translation>
        </message>
        <message>
            <source>Room for %1 steps of light and %2 of dark.</source>
            <translation>De la place pour %1 degrés de lumière et %2 d’ombre.</translation>
        </message>
        <message>
            <source>stick</source>
            <translation>bâton</translation>
        </message>
        <message>
            <source>%1 %2 %</source>
            <translation>%1 %2 %</translation>
        </message>
        <message>
            <source>Hardest to cover: %1 (%2); %3 of the sheet shows through two layers.</source>
            <translation>Le plus dur à couvrir : %1 (%2) ; %3 de la feuille transparaît sous deux couches.</translation>
        </message>
        <message>
            <source>White: dare it for vivid, light colours, toned down rather than brought up.</source>
            <translation>Blanc : à oser pour des couleurs vives et claires, rabattues plutôt que montées.</translation>
        </message>
        <message>
            <source>Black: dare it for lights in the dark; the sheet is the shadow.</source>
            <translation>Noir : à oser pour des lumières dans le noir ; la feuille est l’ombre.</translation>
        </message>
        <message>
            <source>%1 % of the subject is there already.</source>
            <translation>%1 % du sujet est déjà là.</translation>
        </message>
        <message>
            <source>It warms the picture where cover is thin.</source>
            <translation>Il réchauffe l’image là où elle est peu couverte.</translation>
        </message>
        <message>
            <source>It cools the picture where cover is thin.</source>
            <translation>Il refroidit l’image là où elle est peu couverte.</translation>
        </message>
        <message numerus="yes">
            <source>Bears %n layer(s), %1 wanted.</source>
            <translation>
                <numerusform>Supporte %n couche, %1 voulues.</numerusform>
                <numerusform>Supporte %n couches, %1 voulues.</numerusform>
            </translation>
        </message>
        <message>
            <source>Does not bear %1.</source>
            <translation>Ne supporte pas %1.</translation>
        </message>
        <message>
            <source>No wet underpainting.</source>
            <translation>Pas de sous-couche mouillée.</translation>
        </message>
        <message>
            <source>On %1 the picture would come nearer: %2 instead of %3.</source>
            <translation>Sur %1 l’image serait plus proche : %2 au lieu de %3.</translation>
        </message>
    </context>
    <context>
        <name>Lengths</name>
        <message>
            <source>%1 in</source>
            <translation>%1 po</translation>
        </message>
        <message>
            <source>%1 cm</source>
            <translation>%1 cm</translation>
        </message>
        <message>
            <source>%1 × %2 in</source>
            <translation>%1 × %2 po</translation>
        </message>
        <message>
            <source>%1 × %2 cm</source>
            <translation>%1 × %2 cm</translation>
        </message>
    </context>
    <context>
        <name>Marks</name>
        <message>
            <source>the long side of the stick, dragged</source>
            <translation>le long côté du bâton, traîné</translation>
        </message>
        <message>
            <source>lines with the edge of the stick, rolled so that they swell and thin</source>
            <translation>des lignes avec l’arête du bâton, roulée pour qu’elles enflent et s’affinent</translation>
        </message>
        <message>
            <source>level strokes, edge or side, never slanting</source>
            <translation>des traits horizontaux, arête ou côté, jamais en biais</translation>
        </message>
        <message>
            <source>pulled straight down</source>
            <translation>tiré droit vers le bas</translation>
        </message>
        <message>
            <source>dots and dashes the way it grows, no long lines</source>
            <translation>des points et des tirets dans le sens où cela pousse, pas de longues lignes</translation>
        </message>
        <message>
            <source>towards and away from the centre, never round and round</source>
            <translation>vers le centre et depuis lui, jamais en rond</translation>
        </message>
        <message>
            <source>small circles, hardly any pressure</source>
            <translation>de petits cercles, presque sans appuyer</translation>
        </message>
        <message>
            <source>tapped straight down, not sliding</source>
            <translation>tapoté bien droit, sans glisser</translation>
        </message>
        <message>
            <source>a sharp point turned on the spot</source>
            <translation>une pointe fine tournée sur place</translation>
        </message>
        <message>
            <source>hatching along the form, colours kept apart</source>
            <translation>des hachures le long de la forme, les couleurs séparées</translation>
        </message>
        <message>
            <source>a broken end, pressed and turned: suggested, not drawn</source>
            <translation>un bout cassé, appuyé et tourné : suggéré, non dessiné</translation>
        </message>
        <message>
            <source>brushed on thinly</source>
            <translation>passé mince au pinceau</translation>
        </message>
        <message>
            <source>sprayed from arm's length</source>
            <translation>pulvérisé à bout de bras</translation>
        </message>
        <message>
            <source>broad side</source>
            <translation>long côté</translation>
        </message>
        <message>
            <source>edge lines</source>
            <translation>lignes d’arête</translation>
        </message>
        <message>
            <source>level strokes</source>
            <translation>traits horizontaux</translation>
        </message>
        <message>
            <source>pulled down</source>
            <translation>tiré vers le bas</translation>
        </message>
        <message>
            <source>dots and dashes</source>
            <translation>points et tirets</translation>
        </message>
        <message>
            <source>from the centre</source>
            <translation>depuis le centre</translation>
        </message>
        <message>
            <source>small circles</source>
            <translation>petits cercles</translation>
        </message>
        <message>
            <source>tapped</source>
            <translation>tapoté</translation>
        </message>
        <message>
            <source>a turned point</source>
            <translation>pointe tournée</translation>
        </message>
        <message>
            <source>hatching</source>
            <translation>hachures</translation>
        </message>
        <message>
            <source>broken end</source>
            <translation>bout cassé</translation>
        </message>
        <message>
            <source>brushed</source>
            <translation>au pinceau</translation>
        </message>
        <message>
            <source>sprayed</source>
            <translation>pulvérisé</translation>
        </message>
        <message>
            <source>the upper part of %1</source>
            <translation>%1 : le haut</translation>
        </message>
        <message>
            <source>the lower part of %1</source>
            <translation>%1 : le bas</translation>
        </message>
        <message>
            <source>the left of %1</source>
            <translation>%1 : la gauche</translation>
        </message>
        <message>
            <source>the right of %1</source>
            <translation>%1 : la droite</translation>
        </message>
        <message>
            <source>round the edge of %1</source>
            <translation>%1 : tout autour du bord</translation>
        </message>
        <message>
            <source>the darks of %1</source>
            <translation>%1 : les tons foncés</translation>
        </message>
        <message>
            <source>the lights of %1</source>
            <translation>%1 : les lumières</translation>
        </message>
        <message>
            <source>most of %1</source>
            <translation>%1 : presque tout</translation>
        </message>
        <message>
            <source>a finger</source>
            <translation>un doigt</translation>
        </message>
        <message>
            <source>the palm</source>
            <translation>la paume</translation>
        </message>
        <message>
            <source>a stump</source>
            <translation>une estompe</translation>
        </message>
        <message>
            <source>a rubber tip</source>
            <translation>une pointe de caoutchouc</translation>
        </message>
        <message>
            <source>to the right</source>
            <translation>vers la droite</translation>
        </message>
        <message>
            <source>up to the right</source>
            <translation>vers le haut à droite</translation>
        </message>
        <message>
            <source>upwards</source>
            <translation>vers le haut</translation>
        </message>
        <message>
            <source>up to the left</source>
            <translation>vers le haut à gauche</translation>
        </message>
        <message>
            <source>to the left</source>
            <translation>vers la gauche</translation>
        </message>
        <message>
            <source>down to the left</source>
            <translation>vers le bas à gauche</translation>
        </message>
        <message>
            <source>downwards</source>
            <translation>vers le bas</translation>
        </message>
        <message>
            <source>down to the right</source>
            <translation>vers le bas à droite</translation>
        </message>
        <message>
            <source>at the right</source>
            <translation>à droite</translation>
        </message>
        <message>
            <source>at the upper right</source>
            <translation>en haut à droite</translation>
        </message>
        <message>
            <source>at the top</source>
            <translation>en haut</translation>
        </message>
        <message>
            <source>at the upper left</source>
            <translation>en haut à gauche</translation>
        </message>
        <message>
            <source>at the left</source>
            <translation>à gauche</translation>
        </message>
        <message>
            <source>at the lower left</source>
            <translation>en bas à gauche</translation>
        </message>
        <message>
            <source>at the bottom</source>
            <translation>en bas</translation>
        </message>
        <message>
            <source>at the lower right</source>
            <translation>en bas à droite</translation>
        </message>
        <message>
            <source>firmest %1, letting off %2</source>
            <translation>le plus appuyé %1, en relâchant %2</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks, straight down.</source>
            <translation>Estomper avec %1 réservé aux tons foncés, droit vers le bas.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one, straight down.</source>
            <translation>Estomper proprement avec %1, droit vers le bas.</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks.</source>
            <translation>Estomper avec %1 réservé aux tons foncés.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one.</source>
            <translation>Estomper proprement avec %1.</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks, from light into dark: %2.</source>
            <translation>Estomper avec %1 réservé aux tons foncés, du clair vers le foncé : %2.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one, from light into dark: %2.</source>
            <translation>Estomper proprement avec %1, du clair vers le foncé : %2.</translation>
        </message>
        <message>
            <source>level</source>
            <translation>horizontal</translation>
        </message>
        <message>
            <source>upright</source>
            <translation>vertical</translation>
        </message>
        <message>
            <source>rising to the right</source>
            <translation>montant vers la droite</translation>
        </message>
        <message>
            <source>falling to the right</source>
            <translation>descendant vers la droite</translation>
        </message>
        <message>
            <source>%1 in %2</source>
            <translation>%1 dans %2</translation>
        </message>
        <message>
            <source>%1 mm</source>
            <translation>%1 mm</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 à %2 mm</translation>
        </message>
        <message>
            <source>%1, firm in places</source>
            <translation>%1, appuyé par endroits</translation>
        </message>
        <message>
            <source>%1, light in places</source>
            <translation>%1, léger par endroits</translation>
        </message>
        <message>
            <source>%1, middle in places</source>
            <translation>%1, moyen par endroits</translation>
        </message>
        <message>
            <source>a piece of foam</source>
            <translation>un morceau de mousse</translation>
        </message>
        <message>
            <source>firm</source>
            <translation>appuyé</translation>
        </message>
        <message>
            <source>light</source>
            <translation>léger</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>moyen</translation>
        </message>
        <message>
            <source>firm in the darks, light in the lights</source>
            <translation>appuyé dans les sombres, léger dans les clairs</translation>
        </message>
        <message>
            <source>firm in the lights, light in the darks</source>
            <translation>appuyé dans les clairs, léger dans les sombres</translation>
        </message>
        <message>
            <source>many small ones in %1, %2</source>
            <translation>beaucoup de petites dans %1, %2</translation>
        </message>
        <message>
            <source>parts of %1</source>
            <translation>des parties de %1</translation>
        </message>
        <message numerus="yes">
            <source>%n small one(s) in %1, %2</source>
            <translation>
                <numerusform>%n petite place dans %1, %2</numerusform>
                <numerusform>%n petites places dans %1, %2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Names</name>
        <message>
            <source>yellowish pink</source>
            <translation>rose jaunâtre</translation>
        </message>
        <message>
            <source>brownish pink</source>
            <translation>rose brunâtre</translation>
        </message>
        <message>
            <source>purplish pink</source>
            <translation>rose pourpré</translation>
        </message>
        <message>
            <source>pink</source>
            <translation>rose</translation>
        </message>
        <message>
            <source>purplish red</source>
            <translation>rouge pourpré</translation>
        </message>
        <message>
            <source>red</source>
            <translation>rouge</translation>
        </message>
        <message>
            <source>reddish orange</source>
            <translation>orange rougeâtre</translation>
        </message>
        <message>
            <source>brownish orange</source>
            <translation>orange brunâtre</translation>
        </message>
        <message>
            <source>orange</source>
            <translation>orange</translation>
        </message>
        <message>
            <source>olive brown</source>
            <translation>brun olive</translation>
        </message>
        <message>
            <source>reddish brown</source>
            <translation>brun rougeâtre</translation>
        </message>
        <message>
            <source>yellowish brown</source>
            <translation>brun jaunâtre</translation>
        </message>
        <message>
            <source>brown</source>
            <translation>brun</translation>
        </message>
        <message>
            <source>orange yellow</source>
            <translation>jaune orangé</translation>
        </message>
        <message>
            <source>greenish yellow</source>
            <translation>jaune verdâtre</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>jaune</translation>
        </message>
        <message>
            <source>olive green</source>
            <translation>vert olive</translation>
        </message>
        <message>
            <source>yellow green</source>
            <translation>vert-jaune</translation>
        </message>
        <message>
            <source>yellowish green</source>
            <translation>vert jaunâtre</translation>
        </message>
        <message>
            <source>bluish green</source>
            <translation>vert bleuâtre</translation>
        </message>
        <message>
            <source>green</source>
            <translation>vert</translation>
        </message>
        <message>
            <source>greenish blue</source>
            <translation>bleu verdâtre</translation>
        </message>
        <message>
            <source>purplish blue</source>
            <translation>bleu pourpré</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>bleu</translation>
        </message>
        <message>
            <source>violet</source>
            <translation>violet</translation>
        </message>
        <message>
            <source>reddish purple</source>
            <translation>pourpre rougeâtre</translation>
        </message>
        <message>
            <source>purple</source>
            <translation>pourpre</translation>
        </message>
        <message>
            <source>yellowish white</source>
            <translation>blanc jaunâtre</translation>
        </message>
        <message>
            <source>greenish white</source>
            <translation>blanc verdâtre</translation>
        </message>
        <message>
            <source>bluish white</source>
            <translation>blanc bleuâtre</translation>
        </message>
        <message>
            <source>purplish white</source>
            <translation>blanc pourpré</translation>
        </message>
        <message>
            <source>pinkish white</source>
            <translation>blanc rosé</translation>
        </message>
        <message>
            <source>white</source>
            <translation>blanc</translation>
        </message>
        <message>
            <source>pinkish grey</source>
            <translation>gris rosé</translation>
        </message>
        <message>
            <source>reddish grey</source>
            <translation>gris rougeâtre</translation>
        </message>
        <message>
            <source>brownish grey</source>
            <translation>gris brunâtre</translation>
        </message>
        <message>
            <source>yellowish grey</source>
            <translation>gris jaunâtre</translation>
        </message>
        <message>
            <source>olive grey</source>
            <translation>gris olive</translation>
        </message>
        <message>
            <source>greenish grey</source>
            <translation>gris verdâtre</translation>
        </message>
        <message>
            <source>bluish grey</source>
            <translation>gris bleuâtre</translation>
        </message>
        <message>
            <source>purplish grey</source>
            <translation>gris pourpré</translation>
        </message>
        <message>
            <source>grey</source>
            <translation>gris</translation>
        </message>
        <message>
            <source>reddish black</source>
            <translation>noir rougeâtre</translation>
        </message>
        <message>
            <source>brownish black</source>
            <translation>noir brunâtre</translation>
        </message>
        <message>
            <source>olive black</source>
            <translation>noir olive</translation>
        </message>
        <message>
            <source>greenish black</source>
            <translation>noir verdâtre</translation>
        </message>
        <message>
            <source>bluish black</source>
            <translation>noir bleuâtre</translation>
        </message>
        <message>
            <source>purplish black</source>
            <translation>noir pourpré</translation>
        </message>
        <message>
            <source>black</source>
            <translation>noir</translation>
        </message>
        <message>
            <source>blackish red</source>
            <translation>rouge noirâtre</translation>
        </message>
        <message>
            <source>blackish green</source>
            <translation>vert noirâtre</translation>
        </message>
        <message>
            <source>blackish blue</source>
            <translation>bleu noirâtre</translation>
        </message>
        <message>
            <source>blackish purple</source>
            <translation>pourpre noirâtre</translation>
        </message>
        <message>
            <source>olive</source>
            <translation>olive</translation>
        </message>
        <message>
            <source>vivid</source>
            <translation>vif</translation>
        </message>
        <message>
            <source>bright</source>
            <translation>éclatant</translation>
        </message>
        <message>
            <source>clear</source>
            <translation>franc</translation>
        </message>
        <message>
            <source>deep</source>
            <translation>profond</translation>
        </message>
        <message>
            <source>very deep</source>
            <translation>très profond</translation>
        </message>
        <message>
            <source>very light</source>
            <translation>très clair</translation>
        </message>
        <message>
            <source>light</source>
            <translation>clair</translation>
        </message>
        <message>
            <source>very dark</source>
            <translation>très foncé</translation>
        </message>
        <message>
            <source>dark</source>
            <translation>foncé</translation>
        </message>
        <message>
            <source>very pale</source>
            <translation>très pâle</translation>
        </message>
        <message>
            <source>pale</source>
            <translation>pâle</translation>
        </message>
        <message>
            <source>light greyish</source>
            <translation>grisâtre clair</translation>
        </message>
        <message>
            <source>dark greyish</source>
            <translation>grisâtre foncé</translation>
        </message>
        <message>
            <source>greyish</source>
            <translation>grisâtre</translation>
        </message>
        <message>
            <source>medium</source>
            <translation>moyen</translation>
        </message>
        <message>
            <source>upper left</source>
            <translation>en haut à gauche</translation>
        </message>
        <message>
            <source>upper right</source>
            <translation>en haut à droite</translation>
        </message>
        <message>
            <source>upper middle</source>
            <translation>en haut au milieu</translation>
        </message>
        <message>
            <source>lower left</source>
            <translation>en bas à gauche</translation>
        </message>
        <message>
            <source>lower right</source>
            <translation>en bas à droite</translation>
        </message>
        <message>
            <source>lower middle</source>
            <translation>en bas au milieu</translation>
        </message>
        <message>
            <source>middle left</source>
            <translation>au milieu à gauche</translation>
        </message>
        <message>
            <source>middle right</source>
            <translation>au milieu à droite</translation>
        </message>
        <message>
            <source>upper</source>
            <translation>en haut</translation>
        </message>
        <message>
            <source>lower</source>
            <translation>en bas</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>au milieu</translation>
        </message>
        <message>
            <source>left</source>
            <translation>à gauche</translation>
        </message>
        <message>
            <source>right</source>
            <translation>à droite</translation>
        </message>
        <message>
            <source>top</source>
            <translation>en haut</translation>
        </message>
        <message>
            <source>bottom</source>
            <translation>en bas</translation>
        </message>
        <message>
            <source>central</source>
            <translation>au centre</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>ciel</translation>
        </message>
        <message>
            <source>water</source>
            <translation>eau</translation>
        </message>
        <message>
            <source>reflection</source>
            <translation>reflet</translation>
        </message>
        <message>
            <source>grass</source>
            <translation>herbe</translation>
        </message>
        <message>
            <source>fur</source>
            <translation>pelage</translation>
        </message>
        <message>
            <source>feather</source>
            <translation>plumage</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>peau</translation>
        </message>
        <message>
            <source>cloth</source>
            <translation>étoffe</translation>
        </message>
        <message>
            <source>stone</source>
            <translation>pierre</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>feuillage</translation>
        </message>
        <message>
            <source>metal</source>
            <translation>métal</translation>
        </message>
        <message>
            <source>glass</source>
            <translation>verre</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Noir</translation>
        </message>
        <message>
            <source>Blue violet</source>
            <translation>Bleu violet</translation>
        </message>
        <message>
            <source>Burnt sienna</source>
            <translation>Terre de Sienne brûlée</translation>
        </message>
        <message>
            <source>Cerulean blue</source>
            <translation>Bleu céruléum</translation>
        </message>
        <message>
            <source>Cobalt blue</source>
            <translation>Bleu de cobalt</translation>
        </message>
        <message>
            <source>Compressed charcoal</source>
            <translation>Fusain comprimé</translation>
        </message>
        <message>
            <source>Cool grey</source>
            <translation>Gris froid</translation>
        </message>
        <message>
            <source>Cream</source>
            <translation>Crème</translation>
        </message>
        <message>
            <source>Crimson</source>
            <translation>Cramoisi</translation>
        </message>
        <message>
            <source>Deep blue</source>
            <translation>Bleu profond</translation>
        </message>
        <message>
            <source>Deepest blue</source>
            <translation>Bleu le plus profond</translation>
        </message>
        <message>
            <source>Deepest blue-green</source>
            <translation>Bleu-vert le plus profond</translation>
        </message>
        <message>
            <source>Deepest brown</source>
            <translation>Brun le plus profond</translation>
        </message>
        <message>
            <source>Deepest green</source>
            <translation>Vert le plus profond</translation>
        </message>
        <message>
            <source>Deepest red-brown</source>
            <translation>Brun-rouge le plus profond</translation>
        </message>
        <message>
            <source>Deepest violet</source>
            <translation>Violet le plus profond</translation>
        </message>
        <message>
            <source>Leaf green</source>
            <translation>Vert feuille</translation>
        </message>
        <message>
            <source>Lemon yellow</source>
            <translation>Jaune citron</translation>
        </message>
        <message>
            <source>Magenta rose</source>
            <translation>Rose magenta</translation>
        </message>
        <message>
            <source>Olive green</source>
            <translation>Vert olive</translation>
        </message>
        <message>
            <source>Orange</source>
            <translation>Orange</translation>
        </message>
        <message>
            <source>Raw sienna</source>
            <translation>Terre de Sienne naturelle</translation>
        </message>
        <message>
            <source>Red oxide</source>
            <translation>Rouge d’oxyde</translation>
        </message>
        <message>
            <source>Sap green</source>
            <translation>Vert de vessie</translation>
        </message>
        <message>
            <source>Yellow green</source>
            <translation>Vert jaune</translation>
        </message>
        <message>
            <source>Scarlet</source>
            <translation>Écarlate</translation>
        </message>
        <message>
            <source>Turquoise</source>
            <translation>Turquoise</translation>
        </message>
        <message>
            <source>Ultramarine blue</source>
            <translation>Bleu outremer</translation>
        </message>
        <message>
            <source>Umber</source>
            <translation>Terre d’ombre</translation>
        </message>
        <message>
            <source>Violet</source>
            <translation>Violet</translation>
        </message>
        <message>
            <source>Viridian</source>
            <translation>Viridien</translation>
        </message>
        <message>
            <source>Warm grey</source>
            <translation>Gris chaud</translation>
        </message>
        <message>
            <source>Warm yellow</source>
            <translation>Jaune chaud</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Blanc</translation>
        </message>
        <message>
            <source>Willow charcoal</source>
            <translation>Fusain de saule</translation>
        </message>
        <message>
            <source>Yellow ochre</source>
            <translation>Ocre jaune</translation>
        </message>
        <message>
            <source>Sanded 400, warm grey</source>
            <translation>Poncé 400, gris chaud</translation>
        </message>
        <message>
            <source>Sanded 400, rust</source>
            <translation>Poncé 400, rouille</translation>
        </message>
        <message>
            <source>Sanded 600, slate blue</source>
            <translation>Poncé 600, bleu ardoise</translation>
        </message>
        <message>
            <source>Sanded 600, sand</source>
            <translation>Poncé 600, sable</translation>
        </message>
        <message>
            <source>Sanded 800, white</source>
            <translation>Poncé 800, blanc</translation>
        </message>
        <message>
            <source>Sanded 800, black</source>
            <translation>Poncé 800, noir</translation>
        </message>
        <message>
            <source>Fibre-coated card, middle grey</source>
            <translation>Carton fibreux, gris moyen</translation>
        </message>
        <message>
            <source>Fibre-coated card, olive</source>
            <translation>Carton fibreux, olive</translation>
        </message>
        <message>
            <source>Fibre-coated card, aubergine</source>
            <translation>Carton fibreux, aubergine</translation>
        </message>
        <message>
            <source>Laid drawing paper, buff</source>
            <translation>Papier vergé, chamois</translation>
        </message>
        <message>
            <source>Honeycomb drawing paper, blue-grey</source>
            <translation>Papier nid d’abeille, bleu-gris</translation>
        </message>
        <message>
            <source>Velour, stone</source>
            <translation>Velours, pierre</translation>
        </message>
        <message>
            <source>Primed watercolour paper, white</source>
            <translation>Papier aquarelle apprêté, blanc</translation>
        </message>
        <message>
            <source>Cartridge paper, cream</source>
            <translation>Papier à dessin, crème</translation>
        </message>
        <message>
            <source>Generic, all media</source>
            <translation>Générique, tous médiums</translation>
        </message>
        <message>
            <source>Generic, soft sticks</source>
            <translation>Générique, bâtons tendres</translation>
        </message>
        <message>
            <source>Generic, pencils and pan colours</source>
            <translation>Générique, crayons et godets</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>modifier and hue</comment>
            <extracomment>A colour: %1 a modifier as "dark greyish", %2 a hue as "blue"</extracomment>
            <translation>%2 %1</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>colour and thing</comment>
            <extracomment>A mass: %1 its colour, %2 the thing it is, as "blue sky"</extracomment>
            <translation>%2, %1</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>place and thing</comment>
            <extracomment>A mass: %1 where it lies, %2 what it is, as "upper left sky"</extracomment>
            <translation>%2 %1</translation>
        </message>
        <message>
            <source>a little too warm</source>
            <translation>un peu trop chaud</translation>
        </message>
        <message>
            <source>too warm</source>
            <translation>trop chaud</translation>
        </message>
        <message>
            <source>much too warm</source>
            <translation>bien trop chaud</translation>
        </message>
        <message>
            <source>a little too cool</source>
            <translation>un peu trop froid</translation>
        </message>
        <message>
            <source>too cool</source>
            <translation>trop froid</translation>
        </message>
        <message>
            <source>much too cool</source>
            <translation>bien trop froid</translation>
        </message>
        <message>
            <source>a little too vivid</source>
            <translation>un peu trop vif</translation>
        </message>
        <message>
            <source>too vivid</source>
            <translation>trop vif</translation>
        </message>
        <message>
            <source>much too vivid</source>
            <translation>bien trop vif</translation>
        </message>
        <message>
            <source>a little too dull</source>
            <translation>un peu trop terne</translation>
        </message>
        <message>
            <source>too dull</source>
            <translation>trop terne</translation>
        </message>
        <message>
            <source>much too dull</source>
            <translation>bien trop terne</translation>
        </message>
        <message>
            <source>a quarter step too light</source>
            <translation>trop clair d’un quart de degré</translation>
        </message>
        <message>
            <source>a quarter step too dark</source>
            <translation>trop foncé d’un quart de degré</translation>
        </message>
        <message>
            <source>half a step too light</source>
            <translation>trop clair d’un demi-degré</translation>
        </message>
        <message>
            <source>half a step too dark</source>
            <translation>trop foncé d’un demi-degré</translation>
        </message>
        <message numerus="yes">
            <source>%n step(s) too light</source>
            <translation>
                <numerusform>trop clair de %n degré</numerusform>
                <numerusform>trop clair de %n degrés</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n step(s) too dark</source>
            <translation>
                <numerusform>trop foncé de %n degré</numerusform>
                <numerusform>trop foncé de %n degrés</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, tint %2</source>
            <translation>%1, éclairci %2</translation>
        </message>
        <message>
            <source>%1, shade %2</source>
            <translation>%1, foncé %2</translation>
        </message>
        <message>
            <source>matches</source>
            <translation>concorde</translation>
        </message>
        <message>
            <source>close</source>
            <translation>proche</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>name and number</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>%1, tint</source>
            <translation>%1, éclairci</translation>
        </message>
        <message>
            <source>%1, shade</source>
            <translation>%1, foncé</translation>
        </message>
        <message>
            <source>face</source>
            <translation>visage</translation>
        </message>
        <message>
            <source>eye</source>
            <translation>œil</translation>
        </message>
        <message>
            <source>hair</source>
            <translation>cheveux</translation>
        </message>
        <message>
            <source>animal</source>
            <translation>animal</translation>
        </message>
        <message>
            <source>flower</source>
            <translation>fleur</translation>
        </message>
        <message>
            <source>tree</source>
            <translation>arbre</translation>
        </message>
        <message>
            <source>fruit</source>
            <translation>fruit</translation>
        </message>
        <message>
            <source>building</source>
            <translation>bâtiment</translation>
        </message>
        <message>
            <source>ground</source>
            <translation>sol</translation>
        </message>
        <message>
            <source>thing</source>
            <translation>chose</translation>
        </message>
        <message>
            <source>something else</source>
            <translation>autre chose</translation>
        </message>
        <message>
            <source>let go</source>
            <translation>s’efface</translation>
        </message>
        <message>
            <source>as usual</source>
            <translation>comme d’habitude</translation>
        </message>
        <message>
            <source>matters</source>
            <translation>compte</translation>
        </message>
        <message>
            <source>matters most</source>
            <translation>compte le plus</translation>
        </message>
    </context>
    <context>
        <name>Order</name>
        <message>
            <source>built up from below</source>
            <translation>bâti d’en dessous</translation>
        </message>
        <message>
            <source>dry before painting over</source>
            <translation>sec avant de peindre dessus</translation>
        </message>
        <message>
            <source>fixed first</source>
            <translation>fixé d’abord</translation>
        </message>
        <message>
            <source>hard under soft</source>
            <translation>dur sous tendre</translation>
        </message>
        <message>
            <source>background before a soft edge</source>
            <translation>le fond avant un bord doux</translation>
        </message>
        <message>
            <source>features first</source>
            <translation>l’important d’abord</translation>
        </message>
        <message>
            <source>far before near</source>
            <translation>loin avant près</translation>
        </message>
        <message>
            <source>lights first</source>
            <translation>lumières d’abord</translation>
        </message>
        <message>
            <source>darks first</source>
            <translation>tons foncés d’abord</translation>
        </message>
        <message>
            <source>thin before firm</source>
            <translation>mince avant appuyé</translation>
        </message>
        <message>
            <source>black last</source>
            <translation>noir en dernier</translation>
        </message>
        <message>
            <source>most intense last</source>
            <translation>le plus intense en dernier</translation>
        </message>
        <message>
            <source>highlights last</source>
            <translation>rehauts en dernier</translation>
        </message>
        <message>
            <source>block in first</source>
            <translation>mettre en place d’abord</translation>
        </message>
        <message>
            <source>the rest</source>
            <translation>le reste</translation>
        </message>
        <message>
            <source>The background is done at this level.</source>
            <translation>Le fond est fini à ce niveau.</translation>
        </message>
        <message>
            <source>The middle ground is done at this level.</source>
            <translation>Le plan moyen est fini à ce niveau.</translation>
        </message>
        <message>
            <source>The foreground is done at this level.</source>
            <translation>Le premier plan est fini à ce niveau.</translation>
        </message>
        <message>
            <source>It is built on pass %1 in %2.</source>
            <translation>Elle s’appuie sur la passe %1 dans %2.</translation>
        </message>
        <message>
            <source>The coat of pass %1 has to be dry (%2 min).</source>
            <translation>La sous-couche de la passe %1 doit être sèche (%2 min).</translation>
        </message>
        <message>
            <source>The fixative of pass %1 holds what is below and has to be dry.</source>
            <translation>Le fixatif de la passe %1 tient ce qui est dessous et doit être sec.</translation>
        </message>
        <message>
            <source>It holds what pass %1 laid in %2.</source>
            <translation>Il tient ce que la passe %1 a posé dans %2.</translation>
        </message>
        <message>
            <source>Harder sticks first in %1: a hard point slips on a soft bed (pass %2).</source>
            <translation>Les bâtons plus durs d’abord dans %1 : une pointe dure glisse sur un lit tendre (passe %2).</translation>
        </message>
        <message>
            <source>The background, %1, goes in before the soft edge of %2, or a halo stays (pass %3).</source>
            <translation>Le fond, %1, vient avant le bord doux de %2, sinon un halo reste (passe %3).</translation>
        </message>
        <message>
            <source>Features first: %1 before the rest (pass %2).</source>
            <translation>L’important d’abord : %1 avant le reste (passe %2).</translation>
        </message>
        <message>
            <source>Far before near: %1 overlaps %2 (pass %3).</source>
            <translation>Loin avant près : %1 recouvre %2 (passe %3).</translation>
        </message>
        <message>
            <source>Lights before darks in %1, as this school has it (pass %2).</source>
            <translation>Lumières avant tons foncés dans %1, comme le veut cette école (passe %2).</translation>
        </message>
        <message>
            <source>Lights before darks in this school: %1, then %2 (pass %3).</source>
            <translation>Lumières avant tons foncés dans cette école : %1, puis %2 (passe %3).</translation>
        </message>
        <message>
            <source>Darks before lights in %1 (pass %2).</source>
            <translation>Tons foncés avant lumières dans %1 (passe %2).</translation>
        </message>
        <message>
            <source>Darks before lights: %1, then %2 (pass %3).</source>
            <translation>Tons foncés avant lumières : %1, puis %2 (passe %3).</translation>
        </message>
        <message>
            <source>Thin before firm (pass %1).</source>
            <translation>Mince avant appuyé (passe %1).</translation>
        </message>
        <message>
            <source>Black goes last over %1 (pass %2).</source>
            <translation>Le noir vient en dernier sur %1 (passe %2).</translation>
        </message>
        <message>
            <source>The most intense colours last in %1 (pass %2).</source>
            <translation>Les couleurs les plus intenses en dernier dans %1 (passe %2).</translation>
        </message>
        <message>
            <source>Accents and highlights last (pass %1).</source>
            <translation>Accents et rehauts en dernier (passe %1).</translation>
        </message>
        <message>
            <source>The whole is blocked in before %1 is built up (pass %2).</source>
            <translation>L’ensemble est mis en place avant de monter %1 (passe %2).</translation>
        </message>
        <message>
            <source>The demands of %1 contradict each other.</source>
            <translation>Les exigences de %1 se contredisent.</translation>
        </message>
        <message>
            <source>%1 contradict each other.</source>
            <translation>%1 se contredisent.</translation>
        </message>
        <message>
            <source>The demands of %1 contradict each other at %2.</source>
            <translation>Les exigences de %1 se contredisent à %2.</translation>
        </message>
        <message>
            <source>%1 contradict each other at %2.</source>
            <translation>%1 se contredisent à %2.</translation>
        </message>
        <message>
            <source>Relaxed here: "%1", the weakest of them.</source>
            <translation>Relâché ici : « %1 », la plus faible d’entre elles.</translation>
        </message>
        <message>
            <source>Nothing has to go before it: the furthest that is left first.</source>
            <translation>Rien ne doit venir avant : le plus lointain de ce qui reste d’abord.</translation>
        </message>
        <message>
            <source>Same stick, still in the hand.</source>
            <translation>Même bâton, encore en main.</translation>
        </message>
        <message>
            <source>The stick is still in the hand.</source>
            <translation>Le bâton est encore en main.</translation>
        </message>
        <message>
            <source>The underpainting sets the big values, on clean tooth.</source>
            <translation>La sous-couche pose les grandes valeurs, sur une accroche neuve.</translation>
        </message>
        <message>
            <source>Done.</source>
            <translation>Faite.</translation>
        </message>
        <message>
            <source>Left out.</source>
            <translation>Omise.</translation>
        </message>
        <message>
            <source>The picture is finished.</source>
            <translation>L’image est finie.</translation>
        </message>
        <message>
            <source>It dries until the next sitting.</source>
            <translation>Elle sèche jusqu’à la prochaine séance.</translation>
        </message>
        <message>
            <source>The underpainting is done and dries meanwhile.</source>
            <translation>La sous-couche est finie et sèche entre-temps.</translation>
        </message>
        <message>
            <source>The fixative dries meanwhile.</source>
            <translation>Le fixatif sèche entre-temps.</translation>
        </message>
        <message>
            <source>The picture is blocked in.</source>
            <translation>L’image est mise en place.</translation>
        </message>
        <message>
            <source>A level of the picture is done.</source>
            <translation>Un niveau de l’image est fini.</translation>
        </message>
        <message>
            <source>A whole stick is laid; nothing is left half done.</source>
            <translation>Un bâton entier est posé ; rien ne reste à moitié fait.</translation>
        </message>
    </context>
    <context>
        <name>Passages</name>
        <message>
            <source>%1 and more</source>
            <translation>%1 et d’autres</translation>
        </message>
        <message>
            <source>%1, with %2</source>
            <translation>%1, avec %2</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>Block in %1</source>
            <translation>Mettre en place : %1</translation>
        </message>
        <message>
            <source>Build up %1</source>
            <translation>Monter : %1</translation>
        </message>
        <message>
            <source>%1, from the top down</source>
            <translation>%1, du haut vers le bas</translation>
        </message>
        <message>
            <source>Let it dry %1 min before anything goes over it. No heat, no flame: the vapour burns.</source>
            <translation>Laisser sécher %1 min avant que rien ne la recouvre. Ni chaleur ni flamme : les vapeurs brûlent.</translation>
        </message>
        <message>
            <source>Let it dry %1 min, or %2 min with a dryer kept moving.</source>
            <translation>Laisser sécher %1 min, ou %2 min avec un séchoir tenu en mouvement.</translation>
        </message>
        <message>
            <source>Tape the border; the tape is the edge of the picture.</source>
            <translation>Coller un ruban au bord ; le ruban est le bord de l’image.</translation>
        </message>
        <message>
            <source>Draw with %1, lightly: a line near the paper's own colour goes under.</source>
            <translation>Dessiner légèrement avec %1 : une ligne proche de la couleur du papier disparaît.</translation>
        </message>
        <message>
            <source>Extents first, of all that stands before the background: %1.</source>
            <translation>D’abord l’étendue de tout ce qui est devant le fond : %1.</translation>
        </message>
        <message>
            <source>The tallest first, %1: %2.</source>
            <translation>Le plus haut d’abord, %1 : %2.</translation>
        </message>
        <message>
            <source>Then %1: %2.</source>
            <translation>Puis %1 : %2.</translation>
        </message>
        <message>
            <source>Lift the lines with a kneaded eraser where lights begin: %1.</source>
            <translation>Enlever les lignes à la gomme mie de pain là où commencent les lumières : %1.</translation>
        </message>
        <message>
            <source>Value first, eyes half closed: %1 darkest (value %2), %3 lightest (value %4).</source>
            <translation>La valeur d’abord, les yeux mi-clos : %1 le plus foncé (valeur %2), %3 le plus clair (valeur %4).</translation>
        </message>
        <message>
            <source>Then temperature: %1 warmest against its neighbours, %2 coolest.</source>
            <translation>Puis la température : %1 le plus chaud face à ses voisins, %2 le plus froid.</translation>
        </message>
        <message>
            <source>Then chroma: %1 most vivid, %2 most grey.</source>
            <translation>Puis la saturation : %1 le plus vif, %2 le plus gris.</translation>
        </message>
        <message>
            <source>A place that is too light as a whole: a thin coat of fixative darkens it without rework. Correct masses, not details.</source>
            <translation>Une partie trop claire dans son ensemble : une mince couche de fixatif la fonce sans retouche. Corriger des masses, pas des détails.</translation>
        </message>
        <message>
            <source>Set the darks again with %1 in %2: rubbing beside them has veiled them.</source>
            <translation>Reposer les tons foncés avec %1 dans %2 : l’estompage voisin les a voilés.</translation>
        </message>
        <message>
            <source>Tape off, slowly and flat; soften the edge it leaves if no mount covers it.</source>
            <translation>Ôter le ruban lentement et à plat ; adoucir le bord qu’il laisse si aucun passe-partout ne le couvre.</translation>
        </message>
        <message>
            <source>Sign with %1 in %2.</source>
            <translation>Signer avec %1 dans %2.</translation>
        </message>
        <message>
            <source>Write down which sticks made which colour, while you still know.</source>
            <translation>Noter quels bâtons ont fait quelle couleur, tant qu’on le sait encore.</translation>
        </message>
        <message>
            <source>in the middle</source>
            <translation>au milieu</translation>
        </message>
        <message>
            <source>at the top</source>
            <translation>en haut</translation>
        </message>
        <message>
            <source>at the bottom</source>
            <translation>en bas</translation>
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
            <source>Set out the drawing</source>
            <translation>Placer le dessin</translation>
        </message>
        <message>
            <source>Try the delicate colours</source>
            <translation>Essayer les couleurs délicates</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Sous-couche</translation>
        </message>
        <message>
            <source>Fixative</source>
            <translation>Fixatif</translation>
        </message>
        <message>
            <source>Block in the darks</source>
            <translation>Mettre en place les tons foncés</translation>
        </message>
        <message>
            <source>Deepen the darks</source>
            <translation>Approfondir les tons foncés</translation>
        </message>
        <message>
            <source>Colour into the darks</source>
            <translation>De la couleur dans les tons foncés</translation>
        </message>
        <message>
            <source>Block in the middle values</source>
            <translation>Mettre en place les valeurs moyennes</translation>
        </message>
        <message>
            <source>Middle values</source>
            <translation>Valeurs moyennes</translation>
        </message>
        <message>
            <source>Block in the lights</source>
            <translation>Mettre en place les lumières</translation>
        </message>
        <message>
            <source>Lights</source>
            <translation>Lumières</translation>
        </message>
        <message>
            <source>Accents and highlights</source>
            <translation>Accents et rehauts</translation>
        </message>
        <message>
            <source>Step back</source>
            <translation>Prendre du recul</translation>
        </message>
        <message>
            <source>Set the darks again</source>
            <translation>Reposer les tons foncés</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finir</translation>
        </message>
        <message>
            <source>Accents and highlights, crisp and unrubbed</source>
            <translation>Accents et rehauts, nets et non estompés</translation>
        </message>
        <message>
            <source>Finished when the big shapes stand where they should, seen in a mirror too.</source>
            <translation>Fini quand les grandes formes sont à leur place, dans un miroir aussi.</translation>
        </message>
        <message>
            <source>Finished when each looks from two metres as on the Board.</source>
            <translation>Fini quand chacune, vue à deux mètres, est comme sur l’aperçu.</translation>
        </message>
        <message>
            <source>Finished when it is dry all over and the big values stand.</source>
            <translation>Fini quand tout est sec et que les grandes valeurs sont en place.</translation>
        </message>
        <message>
            <source>Finished when it is dry to the touch and no dust comes off.</source>
            <translation>Fini quand c’est sec au toucher et qu’aucune poussière ne part.</translation>
        </message>
        <message>
            <source>Finished when the darks hold together at half-closed eyes and nothing lighter shows in them.</source>
            <translation>Fini quand les tons foncés se tiennent, les yeux mi-clos, et que rien de plus clair n’y paraît.</translation>
        </message>
        <message>
            <source>Finished when the darks have their colour and still hold together at half-closed eyes.</source>
            <translation>Fini quand les tons foncés ont leur couleur et se tiennent encore, les yeux mi-clos.</translation>
        </message>
        <message>
            <source>Finished when the big shapes read from across the room, thinly.</source>
            <translation>Fini quand les grandes formes se lisent de l’autre bout de la pièce, minces.</translation>
        </message>
        <message>
            <source>Finished when each shape stands between its dark and its light as on the Board.</source>
            <translation>Fini quand chaque forme est entre son ombre et sa lumière comme sur l’aperçu.</translation>
        </message>
        <message>
            <source>Finished when the lights are lighter than all that is beside them, and clean.</source>
            <translation>Fini quand les lumières sont plus claires que tout ce qui les touche, et propres.</translation>
        </message>
        <message>
            <source>Finished when %1 stands against what is beside it as on the Board.</source>
            <translation>Fini quand %1 se détache de ses voisins comme sur l’aperçu.</translation>
        </message>
        <message>
            <source>Finished when they catch the eye; one more would be too many.</source>
            <translation>Fini quand ils attirent l’œil ; un de plus serait de trop.</translation>
        </message>
        <message>
            <source>Finished when three differences are found, or none is seen at a glance; a photograph shown to the stage Check finds more.</source>
            <translation>Fini quand trois différences sont trouvées, ou qu’aucune ne se voit d’un coup d’œil ; une photo au stade « Contrôle » en trouve plus.</translation>
        </message>
        <message>
            <source>Finished when the darkest is as dark as on the Board.</source>
            <translation>Fini quand le plus foncé l’est autant que sur l’aperçu.</translation>
        </message>
        <message>
            <source>%1 and %2 are a pair: one first as a trial, the other at once after it, alike.</source>
            <translation>%1 et %2 font la paire : l’un d’abord à l’essai, l’autre aussitôt après, pareil.</translation>
        </message>
        <message>
            <source>Finished with this: %1.</source>
            <translation>Fini avec cela : %1.</translation>
        </message>
        <message>
            <source>%1 %2 (pass %3)</source>
            <translation>%1 %2 (passe %3)</translation>
        </message>
        <message>
            <source>overlap a third and rub across the joins.</source>
            <translation>chevaucher d’un tiers et estomper en travers des raccords.</translation>
        </message>
        <message>
            <source>overlap a third and let the joins break.</source>
            <translation>chevaucher d’un tiers et laisser les raccords ouverts.</translation>
        </message>
        <message>
            <source>%1 is one gradient: %2; %3</source>
            <translation>%1 est un seul dégradé : %2 ; %3</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: soft. The back goes under it, the front is drawn out over it.</source>
            <translation>Bord de %1 devant %2 : doux. L’arrière passe dessous, l’avant est tiré par-dessus.</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: keep it crisp, do not rub across.</source>
            <translation>Bord de %1 devant %2 : le garder net, ne pas estomper en travers.</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: state it again with %3.</source>
            <translation>Bord de %1 devant %2 : le redire avec %3.</translation>
        </message>
        <message>
            <source>%1 and %2 fight where they meet: work a little %3 into both.</source>
            <translation>%1 et %2 se heurtent où ils se touchent : travailler un peu de %3 dans les deux.</translation>
        </message>
        <message>
            <source>Edge of %1: clean it from outside with %2, the colour of %3.</source>
            <translation>Bord de %1 : le nettoyer du dehors avec %2, la couleur de %3.</translation>
        </message>
        <message>
            <source>Finished when one more mark changes nothing that is seen from two steps away.</source>
            <translation>Fini quand un trait de plus ne change rien de ce qu’on voit à deux pas.</translation>
        </message>
        <message>
            <source>%1 from the left, %2 wide</source>
            <translation>à %1 de la gauche, large de %2</translation>
        </message>
        <message>
            <source>%1 from the top, %2 high</source>
            <translation>à %1 du haut, haut de %2</translation>
        </message>
        <message>
            <source>Draw with a pencil near the paper&apos;s own value, lightly: it goes under.</source>
            <translation>Dessiner au crayon proche de la valeur du papier, légèrement : il disparaît.</translation>
        </message>
        <message>
            <source>Edge of %1 and %2: lose it, a stump across.</source>
            <translation>Bord de %1 et %2 : le perdre, une estompe en travers.</translation>
        </message>
        <message>
            <source>Finished when each shape stands against what is beside it as on the Board.</source>
            <translation>Fini quand chaque forme se détache de ses voisines comme sur l’aperçu.</translation>
        </message>
        <message>
            <source>Pass %1, %2, pressure %3, on an offcut of this paper, beside what lies next to it.</source>
            <translation>Passe %1, %2, pression %3, sur une chute de ce papier, à côté de ce qui la touche.</translation>
        </message>
        <message>
            <source>Refine</source>
            <translation>Affiner</translation>
        </message>
        <message>
            <source>down to the bottom edge, %1 high</source>
            <translation>jusqu&apos;au bord inférieur, haut de %1</translation>
        </message>
        <message>
            <source>from the left edge, %1 wide</source>
            <translation>depuis le bord gauche, large de %1</translation>
        </message>
        <message>
            <source>from the top edge, %1 high</source>
            <translation>depuis le bord supérieur, haut de %1</translation>
        </message>
        <message>
            <source>over the full height</source>
            <translation>sur toute la hauteur</translation>
        </message>
        <message>
            <source>over the full width</source>
            <translation>sur toute la largeur</translation>
        </message>
        <message>
            <source>to the right edge, %1 wide</source>
            <translation>jusqu&apos;au bord droit, large de %1</translation>
        </message>
        <message>
            <source>Where the eye goes: %1. A guess by contrast and colour; mark another.</source>
            <translation>Où va l’œil : %1. Une supposition d’après contraste et couleur ; marquez-en un autre.</translation>
        </message>
        <message>
            <source>Where the eye goes: %1: the sharpest edges and smallest marks there.</source>
            <translation>Où va l’œil : %1 : là les bords les plus nets et les plus petites marques.</translation>
        </message>
        <message>
            <source>Let go: %1: fewer values, softer edges, broad marks.</source>
            <translation>Lâcher : %1 : moins de valeurs, des bords plus doux, des marques larges.</translation>
        </message>
        <message>
            <source>The light is warm, the shadow cool.</source>
            <translation>La lumière est chaude, l’ombre froide.</translation>
        </message>
        <message>
            <source>The light is cool, the shadow warm.</source>
            <translation>La lumière est froide, l’ombre chaude.</translation>
        </message>
        <message>
            <source>The face, %1: its axis %2 from the left, the eye line half way down, %3 from the top; brow, nose and mouth at thirds of what is below the hairline.</source>
            <translation>Le visage, %1 : son axe à %2 de la gauche, la ligne des yeux à mi-hauteur, à %3 du haut ; sourcils, nez et bouche aux tiers sous la racine des cheveux.</translation>
        </message>
        <message>
            <source>Tap the dust off the board over a bin; do not blow.</source>
            <translation>Tapoter la planche au-dessus d’une poubelle pour la poussière ; ne pas souffler.</translation>
        </message>
        <message>
            <source>From darks to lights: wipe the hands, and the stick before it touches.</source>
            <translation>Des sombres aux clairs : essuyer les mains, et le bâton avant qu’il touche.</translation>
        </message>
        <message>
            <source>Glassine under the hand from here on: it stays off what is done.</source>
            <translation>Désormais du papier cristal sous la main : elle reste à l’écart de ce qui est fait.</translation>
        </message>
        <message>
            <source>The accent: %1, with %2; it comes nowhere else.</source>
            <translation>L’accent : %1, avec %2 ; il ne revient nulle part.</translation>
        </message>
        <message>
            <source>The accent: %1, with %2, which comes again in %3.</source>
            <translation>L’accent : %1, avec %2, qui revient dans %3.</translation>
        </message>
    </context>
    <context>
        <name>Practice</name>
        <message>
            <source>a little</source>
            <translation>un peu</translation>
        </message>
        <message>
            <source>half a step</source>
            <translation>un demi-degré</translation>
        </message>
        <message>
            <source>three quarters of a step</source>
            <translation>trois quarts de degré</translation>
        </message>
        <message>
            <source>a step</source>
            <translation>un degré</translation>
        </message>
        <message>
            <source>%1 steps</source>
            <translation>%1 degrés</translation>
        </message>
        <message>
            <source>Name the value</source>
            <translation>Nommer la valeur</translation>
        </message>
        <message>
            <source>Which is lighter</source>
            <translation>Lequel est plus clair</translation>
        </message>
        <message>
            <source>Which is warmer</source>
            <translation>Lequel est plus chaud</translation>
        </message>
        <message>
            <source>What will it be</source>
            <translation>Qu’est-ce que cela donnera</translation>
        </message>
        <message>
            <source>Which stick comes nearest</source>
            <translation>Quel bâton est le plus proche</translation>
        </message>
        <message>
            <source>Masses, eyes half closed</source>
            <translation>Masses, yeux mi-clos</translation>
        </message>
        <message>
            <source>Find the wrong passage</source>
            <translation>Trouver le passage faux</translation>
        </message>
        <message>
            <source>Match by mixing</source>
            <translation>Atteindre par mélange</translation>
        </message>
        <message>
            <source>One patch on a dark, middle or light ground: which of nine steps?</source>
            <translation>Une tache sur un fond foncé, moyen ou clair : lequel des neuf degrés ?</translation>
        </message>
        <message>
            <source>A colour beside a grey: which has more light in it?</source>
            <translation>Une couleur près d’un gris : laquelle a plus de lumière ?</translation>
        </message>
        <message>
            <source>Two neighbours in hue: which leans to orange?</source>
            <translation>Deux teintes voisines : laquelle penche vers l’orange ?</translation>
        </message>
        <message>
            <source>Two or three strokes on this paper: which colour do they make?</source>
            <translation>Deux ou trois traits sur ce papier : quelle couleur font-ils ?</translation>
        </message>
        <message>
            <source>A colour and four sticks of the tray: which is nearest?</source>
            <translation>Une couleur et quatre bâtons du plateau : lequel est le plus proche ?</translation>
        </message>
        <message>
            <source>Two masses of the picture: which is lighter as a whole?</source>
            <translation>Deux masses de l’image : laquelle est plus claire dans l’ensemble ?</translation>
        </message>
        <message>
            <source>The Board with one passage off in value: which?</source>
            <translation>L’aperçu avec un passage faux en valeur : lequel ?</translation>
        </message>
        <message>
            <source>Make a colour with up to three strokes of the tray.</source>
            <translation>Faire une couleur avec trois traits du plateau au plus.</translation>
        </message>
        <message>
            <source>Which value, 1 (dark) to 9 (light)?</source>
            <translation>Quelle valeur, 1 (foncé) à 9 (clair) ?</translation>
        </message>
        <message>
            <source>Which is lighter, left or right?</source>
            <translation>Lequel est plus clair, gauche ou droite ?</translation>
        </message>
        <message>
            <source>Which is warmer, left or right?</source>
            <translation>Lequel est plus chaud, gauche ou droite ?</translation>
        </message>
        <message>
            <source>Which colour do these strokes make?</source>
            <translation>Quelle couleur font ces traits ?</translation>
        </message>
        <message>
            <source>Which stick comes nearest?</source>
            <translation>Quel bâton est le plus proche ?</translation>
        </message>
        <message>
            <source>Which mass is lighter, 1 or 2?</source>
            <translation>Quelle masse est plus claire, 1 ou 2 ?</translation>
        </message>
        <message>
            <source>Which place is wrong?</source>
            <translation>Quelle partie est fausse ?</translation>
        </message>
        <message>
            <source>Make this colour.</source>
            <translation>Faire cette couleur.</translation>
        </message>
        <message>
            <source>as they are, as far as can be told</source>
            <translation>tels qu’ils sont, autant qu’on puisse dire</translation>
        </message>
        <message>
            <source>%1 too warm</source>
            <translation>trop chauds de %1</translation>
        </message>
        <message>
            <source>%1 too cool</source>
            <translation>trop froids de %1</translation>
        </message>
        <message>
            <source>%1 too light</source>
            <translation>trop clairs de %1</translation>
        </message>
        <message>
            <source>%1 too dark</source>
            <translation>trop foncés de %1</translation>
        </message>
        <message>
            <source>%1 steps of value</source>
            <translation>%1 degrés de valeur</translation>
        </message>
        <message>
            <source>%1 steps of warmth</source>
            <translation>%1 degrés de chaleur</translation>
        </message>
        <message>
            <source>%1 of difference</source>
            <translation>%1 d’écart</translation>
        </message>
        <message>
            <source>On average you came within %1 of the colour.</source>
            <translation>En moyenne, approché à %1 de la couleur.</translation>
        </message>
        <message>
            <source>You tell apart %1.</source>
            <translation>Vous distinguez %1.</translation>
        </message>
        <message>
            <source>You see %1 %2. %3</source>
            <translation>Vous voyez les %1 %2. %3</translation>
        </message>
        <message>
            <source>On a dark ground they seemed %1 lighter than on a light one.</source>
            <translation>Sur un fond foncé, ils semblaient plus clairs de %1 que sur un fond clair.</translation>
        </message>
        <message>
            <source>On a dark ground they seemed %1 darker than on a light one.</source>
            <translation>Sur un fond foncé, ils semblaient plus foncés de %1 que sur un fond clair.</translation>
        </message>
        <message>
            <source>What runs together</source>
            <translation>Ce qui se fond</translation>
        </message>
        <message>
            <source>Eyes half closed: which of four masses becomes one with A?</source>
            <translation>Yeux mi-clos : laquelle de quatre masses ne fait plus qu’une avec A ?</translation>
        </message>
        <message>
            <source>Which runs together with A?</source>
            <translation>Laquelle se fond avec A ?</translation>
        </message>
    </context>
    <context>
        <name>Printed</name>
        <message>
            <source>Bare paper</source>
            <translation>Papier nu</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Référence</translation>
        </message>
        <message>
            <source>50 mm, to check the print. %1</source>
            <translation>50 mm, pour vérifier l’impression. %1</translation>
        </message>
        <message>
            <source>Outlines at true size</source>
            <translation>Contours en vraie grandeur</translation>
        </message>
        <message>
            <source>Row %1 of %2, column %3 of %4</source>
            <translation>Rang %1 sur %2, colonne %3 sur %4</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Masses</translation>
        </message>
        <message>
            <source>Cross-sections, in working order</source>
            <translation>Coupes, dans l’ordre du travail</translation>
        </message>
        <message>
            <source>Hatched: laid broken. Plain: rubbed in. Dotted line: the tooth is full.</source>
            <translation>Hachuré : posé ouvert. Uni : estompé. Pointillé : l’accroche est pleine.</translation>
        </message>
        <message>
            <source>Safety</source>
            <translation>Sécurité</translation>
        </message>
        <message>
            <source>Paper: %1, %2. Picture %3.</source>
            <translation>Papier : %1, %2. Image %3.</translation>
        </message>
        <message>
            <source>School: %1. %2</source>
            <translation>École : %1. %2</translation>
        </message>
        <message>
            <source>%1, %2 with %3, about %4 of painting in %5. Across the room the difference from the subject is, on average, %6.</source>
            <translation>%1, %2 avec %3, environ %4 de peinture en %5. Du fond de la pièce, l’écart avec le sujet est en moyenne : %6.</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s)</source>
            <translation>
                <numerusform>%n bâton</numerusform>
                <numerusform>%n bâtons</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n passage(s)</source>
            <translation>
                <numerusform>%n passage</numerusform>
                <numerusform>%n passages</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es)</source>
            <translation>
                <numerusform>%n passe</numerusform>
                <numerusform>%n passes</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n sitting(s)</source>
            <translation>
                <numerusform>%n séance</numerusform>
                <numerusform>%n séances</numerusform>
            </translation>
        </message>
        <message>
            <source>Hand and sticks as measured: %1.</source>
            <translation>Main et bâtons comme mesurés : %1.</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Sujet</translation>
        </message>
        <message>
            <source>Board, as predicted</source>
            <translation>Aperçu, comme prévu</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, valeur %2</translation>
        </message>
        <message>
            <source>The job</source>
            <translation>L’ouvrage</translation>
        </message>
        <message>
            <source>Pull these sticks, and lay them so</source>
            <translation>Sortir ces bâtons, et les poser ainsi</translation>
        </message>
        <message>
            <source>Sitting %1, about %2. It ends after pass %3: %4</source>
            <translation>Séance %1, environ %2. Elle finit après la passe %3 : %4</translation>
        </message>
        <message>
            <source>The Board after it</source>
            <translation>L’aperçu après elle</translation>
        </message>
        <message>
            <source>Where: %1.</source>
            <translation>Où : %1.</translation>
        </message>
        <message>
            <source>Mark: %1.</source>
            <translation>Touche : %1.</translation>
        </message>
        <message>
            <source>%1; the marks run %2</source>
            <translation>%1 ; les touches vont %2</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Passages</translation>
        </message>
        <message>
            <source>Lay each stroke as its cell says. Leave the paper between them bare; photograph the whole sheet.</source>
            <translation>Poser chaque trait comme sa case le dit. Laisser nu le papier entre eux ; photographier toute la feuille.</translation>
        </message>
        <message>
            <source>Each stick: left, press firmly and rub in, three times over; right, once lightly. Rest bare.</source>
            <translation>Chaque bâton : à gauche, appuyer et estomper, trois fois ; à droite, une fois, léger. Laisser le reste nu.</translation>
        </message>
        <message>
            <source>A sheet for strokes</source>
            <translation>Une feuille pour des traits</translation>
        </message>
        <message>
            <source>%1, rubbed</source>
            <translation>%1, estompé</translation>
        </message>
        <message>
            <source>%1</source>
            <translation>%1</translation>
        </message>
        <message>
            <source>top left</source>
            <translation>en haut à gauche</translation>
        </message>
        <message>
            <source>top right</source>
            <translation>en haut à droite</translation>
        </message>
        <message>
            <source>bottom right</source>
            <translation>en bas à droite</translation>
        </message>
        <message>
            <source>bottom left</source>
            <translation>en bas à gauche</translation>
        </message>
        <message>
            <source>Cut out along the lines. Lay each mark outside the picture, its dotted corner on the picture's.</source>
            <translation>Découper le long des lignes. Poser chaque repère hors de l’image, son coin pointé sur celui de l’image.</translation>
        </message>
        <message>
            <source>Its greys lie beside the picture: the light is put right by them.</source>
            <translation>Placer les gris à côté de l’image : ils corrigent la lumière.</translation>
        </message>
        <message>
            <source>In three values</source>
            <translation>En trois valeurs</translation>
        </message>
        <message>
            <source>In five values</source>
            <translation>En cinq valeurs</translation>
        </message>
        <message>
            <source>Stick %1; %2</source>
            <translation>Bâton %1 ; %2</translation>
        </message>
        <message>
            <source>Why now: %1</source>
            <translation>Pourquoi maintenant : %1</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1 : %2</translation>
        </message>
    </context>
    <context>
        <name>QObject</name>
        <message>
            <source>value %1</source>
            <translation>valeur %1</translation>
        </message>
    </context>
    <context>
        <name>Rests</name>
        <message>
            <source>a calibration</source>
            <translation>un étalonnage</translation>
        </message>
        <message numerus="yes">
            <source>%n stroke(s)</source>
            <translation>
                <numerusform>%n trait</numerusform>
                <numerusform>%n traits</numerusform>
            </translation>
        </message>
        <message>
            <source>others met to %1</source>
            <translation>d’autres atteints à %1</translation>
        </message>
    </context>
    <context>
        <name>Schools</name>
        <message>
            <source>Dark first</source>
            <translation>Le foncé d’abord</translation>
        </message>
        <message>
            <source>The darkest and coolest masses first, then the middle values, then lights and warms; accents and highlights last. Lights lie over darks and stay clean.</source>
            <translation>Les masses les plus foncées et les plus froides d’abord, puis les valeurs moyennes, puis lumières et tons chauds ; accents et rehauts en dernier. Les lumières couvrent les tons foncés et restent propres.</translation>
        </message>
        <message>
            <source>Sticks; landscape, still life, life drawing.</source>
            <translation>Bâtons ; paysage, nature morte, modèle vivant.</translation>
        </message>
        <message>
            <source>Light ground coat</source>
            <translation>Dessous clair</translation>
        </message>
        <message>
            <source>White or cream where the subject is light, pressed harder where it is lighter; glazes of colour over it, white again to soften; darks late, black last, a sharpened white for the highlights.</source>
            <translation>Blanc ou crème où le sujet est clair, plus appuyé où il l’est davantage ; des glacis de couleur dessus, du blanc encore pour adoucir ; les tons foncés tard, le noir en dernier, un blanc taillé pour les rehauts.</translation>
        </message>
        <message>
            <source>Pencils; portraits and animals.</source>
            <translation>Crayons ; portraits et animaux.</translation>
        </message>
        <message>
            <source>Flat, broken, reunited</source>
            <translation>À plat, rompu, réuni</translation>
        </message>
        <message>
            <source>The local colour flat over the shape, dark texture marks on it, the local colour over all again so that they mix, then lights. Black is never left bare.</source>
            <translation>La couleur locale à plat sur la forme, des touches de texture foncées, la couleur locale de nouveau sur le tout pour qu’elles se mêlent, puis les lumières. Le noir n’est jamais laissé nu.</translation>
        </message>
        <message>
            <source>Pencils; still life.</source>
            <translation>Crayons ; nature morte.</translation>
        </message>
        <message>
            <source>Tone map, then colour</source>
            <translation>Les valeurs, puis la couleur</translation>
        </message>
        <message>
            <source>All values first in charcoal or one dark, fixed; then colour, thin at first and firmer later; the most intense last.</source>
            <translation>Toutes les valeurs d’abord au fusain ou d’un seul ton foncé, fixées ; puis la couleur, mince d’abord et plus appuyée ensuite ; le plus intense en dernier.</translation>
        </message>
        <message>
            <source>Still life and figures.</source>
            <translation>Nature morte et figures.</translation>
        </message>
        <message>
            <source>the picture</source>
            <translation>l’image</translation>
        </message>
        <message>
            <source>%1 % of what is at hand are pencils: they are transparent, so the light of %2 comes from a coat below.</source>
            <translation>%1 % de ce qui est sous la main sont des crayons : ils sont transparents, la lumière de %2 vient donc d’une couche dessous.</translation>
        </message>
        <message>
            <source>Values carry this subject (%1 steps from %2 to %3, mean chroma %4): map them first.</source>
            <translation>Les valeurs portent ce sujet (%1 degrés de %2 à %3, saturation moyenne %4) : les établir d’abord.</translation>
        </message>
        <message>
            <source>Sticks cover: the lights of %1 stay clean over darks like those of %2, %3 value steps apart.</source>
            <translation>Les bâtons couvrent : les lumières de %1 restent propres sur des tons comme ceux de %2, à %3 degrés de valeur.</translation>
        </message>
    </context>
    <context>
        <name>Seen</name>
        <message>
            <source>not seen</source>
            <translation>ne se voit pas</translation>
        </message>
        <message>
            <source>seen side by side</source>
            <translation>se voit côte à côte</translation>
        </message>
        <message>
            <source>seen at a glance</source>
            <translation>se voit d’un coup d’œil</translation>
        </message>
        <message>
            <source>another colour</source>
            <translation>une autre couleur</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
    </context>
    <context>
        <name>Sentences</name>
        <message>
            <source>%1 and %2</source>
            <translation>%1 et %2</translation>
        </message>
    </context>
    <context>
        <name>Terms</name>
        <message>
            <source>pan</source>
            <translation>godet</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>crayon</translation>
        </message>
        <message>
            <source>hard</source>
            <translation>dur</translation>
        </message>
        <message>
            <source>soft</source>
            <translation>tendre</translation>
        </message>
        <message>
            <source>charcoal</source>
            <translation>fusain</translation>
        </message>
        <message>
            <source>dark</source>
            <translation>foncé</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>moyen</translation>
        </message>
        <message>
            <source>light</source>
            <translation>clair</translation>
        </message>
        <message>
            <source>background</source>
            <translation>fond</translation>
        </message>
        <message>
            <source>middle ground</source>
            <translation>plan moyen</translation>
        </message>
        <message>
            <source>foreground</source>
            <translation>premier plan</translation>
        </message>
        <message>
            <source>dry pastel, rubbed</source>
            <translation>pastel sec, estompé</translation>
        </message>
        <message>
            <source>hard pastel with alcohol</source>
            <translation>pastel dur à l’alcool</translation>
        </message>
        <message>
            <source>hard pastel with water</source>
            <translation>pastel dur à l’eau</translation>
        </message>
        <message>
            <source>watercolour</source>
            <translation>aquarelle</translation>
        </message>
        <message>
            <source>gouache</source>
            <translation>gouache</translation>
        </message>
        <message>
            <source>thin acrylic</source>
            <translation>acrylique mince</translation>
        </message>
        <message>
            <source>thin oil</source>
            <translation>huile mince</translation>
        </message>
        <message>
            <source>ink</source>
            <translation>encre</translation>
        </message>
        <message>
            <source>complement</source>
            <translation>complémentaire</translation>
        </message>
        <message>
            <source>shadow-cool</source>
            <translation>ombres froides</translation>
        </message>
        <message>
            <source>warm-glow</source>
            <translation>lueur chaude</translation>
        </message>
        <message>
            <source>local</source>
            <translation>couleurs locales</translation>
        </message>
        <message>
            <source>tonal</source>
            <translation>valeurs</translation>
        </message>
        <message>
            <source>done</source>
            <translation>fait</translation>
        </message>
        <message>
            <source>skipped</source>
            <translation>omise</translation>
        </message>
        <message>
            <source>open</source>
            <translation>ouverte</translation>
        </message>
        <message>
            <source>reached</source>
            <translation>atteint</translation>
        </message>
        <message>
            <source>too dark</source>
            <translation>trop foncé</translation>
        </message>
        <message>
            <source>too light</source>
            <translation>trop clair</translation>
        </message>
        <message>
            <source>too vivid</source>
            <translation>trop vif</translation>
        </message>
        <message>
            <source>ground shows through</source>
            <translation>le support transparaît</translation>
        </message>
        <message>
            <source>between the sticks</source>
            <translation>entre les bâtons</translation>
        </message>
        <message>
            <source>more strokes</source>
            <translation>plus de traits</translation>
        </message>
        <message>
            <source>underpainting in its own colour</source>
            <translation>une sous-couche de sa propre couleur</translation>
        </message>
        <message>
            <source>rubbing</source>
            <translation>l’estompage</translation>
        </message>
        <message>
            <source>another ground</source>
            <translation>un autre support</translation>
        </message>
        <message>
            <source>one more stick</source>
            <translation>un bâton de plus</translation>
        </message>
        <message>
            <source>room for lights and darks</source>
            <translation>place pour lumières et tons foncés</translation>
        </message>
        <message>
            <source>head start</source>
            <translation>avance</translation>
        </message>
        <message>
            <source>cover</source>
            <translation>couverture</translation>
        </message>
        <message>
            <source>temperature kept</source>
            <translation>température gardée</translation>
        </message>
        <message>
            <source>layers</source>
            <translation>couches</translation>
        </message>
        <message>
            <source>underpainting</source>
            <translation>sous-couche</translation>
        </message>
        <message>
            <source>leave out</source>
            <translation>laisser de côté</translation>
        </message>
        <message>
            <source>id</source>
            <translation>identifiant</translation>
        </message>
        <message>
            <source>name</source>
            <translation>nom</translation>
        </message>
        <message>
            <source>medium</source>
            <translation>médium</translation>
        </message>
        <message>
            <source>hex colour</source>
            <translation>couleur hexadécimale</translation>
        </message>
        <message>
            <source>pigments</source>
            <translation>pigments</translation>
        </message>
        <message>
            <source>lightfastness</source>
            <translation>tenue à la lumière</translation>
        </message>
        <message>
            <source>owned</source>
            <translation>possédé</translation>
        </message>
        <message>
            <source>left</source>
            <translation>reste</translation>
        </message>
        <message>
            <source>favourite</source>
            <translation>favori</translation>
        </message>
        <message>
            <source>greys</source>
            <translation>gris</translation>
        </message>
        <message>
            <source>reds</source>
            <translation>rouges</translation>
        </message>
        <message>
            <source>oranges</source>
            <translation>orangés</translation>
        </message>
        <message>
            <source>yellows</source>
            <translation>jaunes</translation>
        </message>
        <message>
            <source>greens</source>
            <translation>verts</translation>
        </message>
        <message>
            <source>blues</source>
            <translation>bleus</translation>
        </message>
        <message>
            <source>violets</source>
            <translation>violets</translation>
        </message>
        <message>
            <source>evening</source>
            <translation>soir</translation>
        </message>
        <message>
            <source>morning</source>
            <translation>matin</translation>
        </message>
        <message>
            <source>shore</source>
            <translation>rivage</translation>
        </message>
        <message>
            <source>earth</source>
            <translation>terre</translation>
        </message>
        <message>
            <source>finding masses</source>
            <translation>recherche des masses</translation>
        </message>
        <message>
            <source>measuring masses</source>
            <translation>mesure des masses</translation>
        </message>
        <message>
            <source>searching stacks</source>
            <translation>recherche d’empilements</translation>
        </message>
        <message>
            <source>choosing the tray</source>
            <translation>choix du plateau</translation>
        </message>
        <message>
            <source>improving the tray</source>
            <translation>amélioration du plateau</translation>
        </message>
        <message>
            <source>proving the tray</source>
            <translation>preuve du plateau</translation>
        </message>
        <message>
            <source>drawing the curve</source>
            <translation>tracé de la courbe</translation>
        </message>
        <message>
            <source>searching layers</source>
            <translation>recherche de couches</translation>
        </message>
        <message>
            <source>building recipes</source>
            <translation>composition des recettes</translation>
        </message>
        <message>
            <source>looking for what would help</source>
            <translation>recherche de ce qui aiderait</translation>
        </message>
        <message>
            <source>finding the picture</source>
            <translation>recherche de l’image</translation>
        </message>
        <message>
            <source>putting the light right</source>
            <translation>correction de la lumière</translation>
        </message>
        <message>
            <source>looking for what mends it</source>
            <translation>recherche de ce qui répare</translation>
        </message>
        <message>
            <source>fitting hand and sticks</source>
            <translation>ajustement de la main et des bâtons</translation>
        </message>
        <message>
            <source>hand and kinds of stick</source>
            <translation>main et genres de bâtons</translation>
        </message>
        <message>
            <source>writing layers</source>
            <translation>écriture des couches</translation>
        </message>
        <message>
            <source>writing passages</source>
            <translation>écriture des passages</translation>
        </message>
        <message>
            <source>squinting</source>
            <translation>plissement des yeux</translation>
        </message>
        <message>
            <source>painting</source>
            <translation>peinture</translation>
        </message>
        <message>
            <source>comparing</source>
            <translation>comparaison</translation>
        </message>
        <message>
            <source>read</source>
            <translation>lu</translation>
        </message>
        <message>
            <source>planned</source>
            <translation>planifié</translation>
        </message>
        <message>
            <source>judged</source>
            <translation>jugé</translation>
        </message>
        <message>
            <source>proved</source>
            <translation>prouvé</translation>
        </message>
        <message>
            <source>painted</source>
            <translation>peint</translation>
        </message>
        <message>
            <source>checked</source>
            <translation>contrôlé</translation>
        </message>
        <message>
            <source>coated card</source>
            <translation>carton enduit</translation>
        </message>
        <message>
            <source>velour</source>
            <translation>velours</translation>
        </message>
        <message>
            <source>honeycomb</source>
            <translation>nid d’abeille</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>vergé</translation>
        </message>
        <message>
            <source>cartridge</source>
            <translation>papier à dessin</translation>
        </message>
        <message>
            <source>primed</source>
            <translation>apprêté</translation>
        </message>
        <message>
            <source>sanded</source>
            <translation>poncé</translation>
        </message>
        <message>
            <source>trying underpaintings</source>
            <translation>essai de sous-couches</translation>
        </message>
    </context>
    <context>
        <name>yd::app</name>
        <message>
            <source>Differs</source>
            <translation>S’écarte</translation>
        </message>
        <message>
            <source>Chroma it adds</source>
            <translation>Chroma ajouté</translation>
        </message>
        <message>
            <source>Values stand at once</source>
            <translation>Valeurs posées d’emblée</translation>
        </message>
        <message>
            <source>A layer less</source>
            <translation>Une couche de moins</translation>
        </message>
        <message>
            <source>In the gaps</source>
            <translation>Dans les interstices</translation>
        </message>
        <message>
            <source>colours vibrate</source>
            <translation>les couleurs vibrent</translation>
        </message>
        <message>
            <source>warmer</source>
            <translation>plus chaud</translation>
        </message>
        <message>
            <source>cooler</source>
            <translation>plus froid</translation>
        </message>
        <message>
            <source>Reds</source>
            <translation>Rouges</translation>
        </message>
        <message>
            <source>Oranges</source>
            <translation>Orangés</translation>
        </message>
        <message>
            <source>Yellows</source>
            <translation>Jaunes</translation>
        </message>
        <message>
            <source>Greens</source>
            <translation>Verts</translation>
        </message>
        <message>
            <source>Blue greens</source>
            <translation>Bleu-vert</translation>
        </message>
        <message>
            <source>Blues</source>
            <translation>Bleus</translation>
        </message>
        <message>
            <source>Violets</source>
            <translation>Violets</translation>
        </message>
        <message>
            <source>Pinks and carmines</source>
            <translation>Roses et carmins</translation>
        </message>
        <message>
            <source>Browns and earths</source>
            <translation>Bruns et terres</translation>
        </message>
        <message>
            <source>Greys, black, white</source>
            <translation>Gris, noir, blanc</translation>
        </message>
        <message>
            <source>%1: %2, %3, value %4</source>
            <translation>%1 : %2, %3, valeur %4</translation>
        </message>
        <message>
            <source>, not owned</source>
            <translation>, pas possédé</translation>
        </message>
        <message>
            <source>, %1 % left</source>
            <translation>, reste %1 %</translation>
        </message>
        <message>
            <source>Passes that are done</source>
            <translation>Passes faites</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 sur %2</translation>
        </message>
        <message>
            <source>Like the Board</source>
            <translation>Comme l’aperçu</translation>
        </message>
        <message>
            <source>%1 %</source>
            <translation>%1 %</translation>
        </message>
        <message>
            <source>Light put right by</source>
            <translation>Lumière corrigée par</translation>
        </message>
        <message>
            <source>Left of it there</source>
            <translation>Ce qu’il en reste là</translation>
        </message>
        <message>
            <source>Pastel dust harms lungs, and some pigments more than that: work upright, tap dust off outdoors or onto a damp cloth, never blow. The product's safety data sheet and local rules say more; ask a qualified person where in doubt.</source>
            <translation>La poussière de pastel nuit aux poumons, et certains pigments plus encore : travailler debout à la verticale, secouer la poussière dehors ou sur un linge humide, ne jamais souffler. La fiche de sécurité du produit et les règles locales en disent plus ; en cas de doute, demander à une personne qualifiée.</translation>
        </message>
        <message>
            <source>Your first picture in five minutes</source>
            <translation>La première image en cinq minutes</translation>
        </message>
        <message>
            <source>From a photograph to a plan that you can paint from.</source>
            <translation>D’une photo à un plan d’après lequel peindre.</translation>
        </message>
        <message>
            <source>Drop a picture on the window. It is read into masses at once; the plan follows within seconds.</source>
            <translation>Déposer une image sur la fenêtre. Elle est lue en masses aussitôt ; le plan suit en quelques secondes.</translation>
        </message>
        <message>
            <source>Click what matters in it: it gets more masses, and the highest contrast.</source>
            <translation>Cliquer sur ce qui compte : il y aura plus de masses, et le plus fort contraste.</translation>
        </message>
        <message>
            <source>Say how long you want to take. Fewer minutes mean fewer passages and a calmer picture.</source>
            <translation>Dire combien de temps prendre. Moins de minutes font moins de passages et une image plus calme.</translation>
        </message>
        <message>
            <source>Go to Ground and take the paper that stands first, or one that you own.</source>
            <translation>Aller à « Support » et prendre le papier en tête, ou l’un de ceux qu’on possède.</translation>
        </message>
        <message>
            <source>Go to Tray and say what you own: the plan uses no stick that you take out.</source>
            <translation>Aller à « Plateau » et dire ce qu’on possède : le plan n’emploie aucun bâton qu’on retire.</translation>
        </message>
        <message>
            <source>Go to Easel (E), lay out the sticks that it names, and press space after each step.</source>
            <translation>Aller à « Chevalet » (E), sortir les bâtons qu’il nomme, et presser la barre d’espace après chaque étape.</translation>
        </message>
        <message>
            <source>Nothing can be broken: every choice is undone with Ctrl+Z, and the picture you dropped is never changed.</source>
            <translation>Rien ne peut casser : chaque choix s’annule avec Ctrl+Z, et l’image déposée n’est jamais changée.</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Sujet</translation>
        </message>
        <message>
            <source>What is painted: its masses, values and edges.</source>
            <translation>Ce qu’on peint : ses masses, ses valeurs et ses bords.</translation>
        </message>
        <message>
            <source>Squint until only the large shapes are left: these are the masses.</source>
            <translation>Plisser les yeux jusqu’à ne voir que les grandes formes : ce sont les masses.</translation>
        </message>
        <message>
            <source>Click a mass to name it, to say what it is, or to merge it with its neighbour; paint over a border to move it.</source>
            <translation>Cliquer une masse pour la nommer, dire ce qu’elle est ou la réunir à sa voisine ; peindre par-dessus une limite pour la déplacer.</translation>
        </message>
        <message>
            <source>Mark what matters with a click or a drawn ring.</source>
            <translation>Marquer ce qui compte d’un clic ou d’un cercle.</translation>
        </message>
        <message>
            <source>Put light and crop right before the tray is chosen: both change every colour.</source>
            <translation>Corriger lumière et cadrage avant de choisir le plateau : l’un et l’autre changent toutes les couleurs.</translation>
        </message>
        <message>
            <source>Own colours: a mood, the palette of another picture, families for a grey page. Values stay as they are.</source>
            <translation>Couleurs à soi : une ambiance, la palette d’une autre image, des familles pour une page grise. Les valeurs restent.</translation>
        </message>
        <message>
            <source>Too many small masses? Lower Most masses, or squint more. One missing? Mark it with a ring.</source>
            <translation>Trop de petites masses ? Baisser « Masses au plus », ou plisser davantage. Une manque ? La marquer d’un cercle.</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Support</translation>
        </message>
        <message>
            <source>The paper: its colour does part of the work, its tooth says how many layers it takes.</source>
            <translation>Le papier : sa couleur fait une part du travail, son accroche dit combien de couches il prend.</translation>
        </message>
        <message>
            <source>Papers stand best first, with what speaks for and against each.</source>
            <translation>Le meilleur papier est en tête, avec ce qui parle pour et contre chacun.</translation>
        </message>
        <message>
            <source>Click one to see the subject and the Board on it; the offcut sheet shows all of them side by side.</source>
            <translation>En cliquer un pour y voir le sujet et l’aperçu ; la feuille d’essai les montre tous côte à côte.</translation>
        </message>
        <message>
            <source>Say what you weigh most: room for layers, a head start, cover, temperature.</source>
            <translation>Dire ce qui pèse le plus : place pour les couches, avance, couverture, température.</translation>
        </message>
        <message>
            <source>Lay strokes on an offcut, photograph or measure them, and the plan learns your hand and your sticks.</source>
            <translation>Poser des traits sur une chute, les photographier ou les mesurer, et le plan apprend votre main et vos bâtons.</translation>
        </message>
        <message>
            <source>Your paper is not in the list? Take the one nearest in tooth and colour, and teach it with an offcut.</source>
            <translation>Votre papier n’y est pas ? Prendre le plus proche en accroche et en couleur, et l’instruire par une chute.</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Plateau</translation>
        </message>
        <message>
            <source>The fewest sticks that carry the picture.</source>
            <translation>Le moins de bâtons qui portent l’image.</translation>
        </message>
        <message>
            <source>Slide to the number that you want to carry; the curve says what each one more is worth.</source>
            <translation>Glisser jusqu’au nombre qu’on veut porter ; la courbe dit ce que vaut chacun de plus.</translation>
        </message>
        <message>
            <source>Point at a stick to say that it must be in, or stay out.</source>
            <translation>Montrer un bâton pour dire qu’il doit en être, ou rester dehors.</translation>
        </message>
        <message>
            <source>See what stays out of reach, and which stick to get next.</source>
            <translation>Voir ce qui reste hors d’atteinte, et quel bâton se procurer ensuite.</translation>
        </message>
        <message>
            <source>Edit opens your collection: mark what you own, what is left, search, import a palette.</source>
            <translation>« Modifier » ouvre la collection : cocher ce qu’on possède, ce qui reste, chercher, importer une palette.</translation>
        </message>
        <message>
            <source>Photograph a box: print a sheet, lay every stick on it, and its photograph makes the collection.</source>
            <translation>Photographier une boîte : imprimer une feuille, y poser chaque bâton, et sa photo fait la collection.</translation>
        </message>
        <message>
            <source>A colour is missed? Click it in the picture: its card says why, and what else would reach it.</source>
            <translation>Une couleur est manquée ? La cliquer dans l’image : sa fiche dit pourquoi, et ce qui l’atteindrait.</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Sous-couche</translation>
        </message>
        <message>
            <source>A wet or rubbed coat below the pastel, so that no bare paper shows through by accident.</source>
            <translation>Une couche mouillée ou estompée sous le pastel, pour qu’aucun papier nu ne transparaisse par accident.</translation>
        </message>
        <message>
            <source>Each medium is shown in each set of colours, with what it would gain.</source>
            <translation>Chaque médium est montré dans chaque jeu de couleurs, avec ce qu’il apporterait.</translation>
        </message>
        <message>
            <source>Take one for the picture; add exceptions for a mass or a plane.</source>
            <translation>En prendre une pour l’image ; ajouter des exceptions pour une masse ou un plan.</translation>
        </message>
        <message>
            <source>Press U to see the Board without it beside the Board with it.</source>
            <translation>Presser U pour voir l’aperçu sans elle à côté de l’aperçu avec elle.</translation>
        </message>
        <message>
            <source>Let it dry through before the first dry stroke.</source>
            <translation>La laisser bien sécher avant le premier trait sec.</translation>
        </message>
        <message>
            <source>None is a good answer too: toned paper often does as much.</source>
            <translation>Aucune est aussi une bonne réponse : un papier teinté en fait souvent autant.</translation>
        </message>
        <message>
            <source>Wet media, alcohol and solvents: air the room, no flame near them, and gloves where the label says so. The product's safety data sheet and local rules go first.</source>
            <translation>Médiums mouillés, alcool et solvants : aérer la pièce, aucune flamme auprès, et des gants où l’étiquette le dit. La fiche de sécurité du produit et les règles locales passent d’abord.</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Passages</translation>
        </message>
        <message>
            <source>The whole work in the order it is done, far to near and dark to light.</source>
            <translation>Tout le travail dans son ordre, de loin à près et du foncé au clair.</translation>
        </message>
        <message>
            <source>Click a passage: its places light up, its sticks lie ready, the core sample shows its layers.</source>
            <translation>Cliquer un passage : ses parties s’éclairent, ses bâtons sont prêts, la carotte montre ses couches.</translation>
        </message>
        <message>
            <source>Page Down and Page Up go through the passes; the Board shows the picture after each.</source>
            <translation>Page suivante et Page précédente vont de passe en passe ; l’aperçu montre l’image après chacune.</translation>
        </message>
        <message>
            <source>Take a school for the picture or for one mass; drag a passage elsewhere and it says what that breaks.</source>
            <translation>Prendre une école pour l’image ou une masse ; glisser un passage ailleurs, et il est dit ce que cela rompt.</translation>
        </message>
        <message>
            <source>Advice looks over the plan; M mends what it found.</source>
            <translation>« Conseil » relit le plan ; M répare ce qu’il a trouvé.</translation>
        </message>
        <message>
            <source>Time cuts it into sittings.</source>
            <translation>« Temps » le coupe en séances.</translation>
        </message>
        <message>
            <source>Print and export gives the plan to prop up, and outlines at true size to trace.</source>
            <translation>« Imprimer et exporter » donne le plan à poser devant soi, et des contours en vraie grandeur à décalquer.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Contrôle</translation>
        </message>
        <message>
            <source>The work held against the plan: what is off, and what mends it.</source>
            <translation>Le travail tenu contre le plan : ce qui est faux, et ce qui le répare.</translation>
        </message>
        <message>
            <source>Photograph the whole sheet with its margin, straight on, in even light, and drop the file on the window.</source>
            <translation>Photographier toute la feuille avec sa marge, bien de face, sous une lumière égale, et déposer le fichier sur la fenêtre.</translation>
        </message>
        <message>
            <source>See that the corners sit on the picture's corners; drag them if they do not.</source>
            <translation>Voir si les coins sont sur ceux de l’image ; les glisser sinon.</translation>
        </message>
        <message>
            <source>Say how many passes are done.</source>
            <translation>Dire combien de passes sont faites.</translation>
        </message>
        <message>
            <source>At most five things are said, value first; each with one or two strokes from the tray.</source>
            <translation>Cinq choses au plus sont dites, la valeur d’abord ; chacune avec un ou deux traits du plateau.</translation>
        </message>
        <message>
            <source>M plans the rest from what really lies there.</source>
            <translation>M planifie la suite d’après ce qui est vraiment là.</translation>
        </message>
        <message>
            <source>Refused? It says why: too small, blurred, glare, no margin. Nearly always a second photograph helps.</source>
            <translation>Refusée ? Elle dit pourquoi : trop petite, floue, reflet, pas de marge. Presque toujours une seconde photo suffit.</translation>
        </message>
        <message>
            <source>Easel</source>
            <translation>Chevalet</translation>
        </message>
        <message>
            <source>One step at a time, in type that is read from where you stand.</source>
            <translation>Une étape à la fois, en lettres qui se lisent de sa place.</translation>
        </message>
        <message>
            <source>R takes another stick and plans the rest anew.</source>
            <translation>R prend un autre bâton et replanifie la suite.</translation>
        </message>
        <message>
            <source>N writes a note, P stops the clock, V reads the step aloud.</source>
            <translation>N écrit une note, P arrête la montre, V lit l’étape à haute voix.</translation>
        </message>
        <message>
            <source>Step back when it says so, and look with half-closed eyes.</source>
            <translation>Prendre du recul quand c’est dit, et regarder les yeux mi-clos.</translation>
        </message>
        <message>
            <source>Stopped for today? Close it: the marks are kept, and the next sitting begins where you were.</source>
            <translation>Fini pour aujourd’hui ? Fermer : les coches restent, et la prochaine séance commence au même point.</translation>
        </message>
        <message>
            <source>Journal</source>
            <translation>Carnet</translation>
        </message>
        <message>
            <source>What you found out, kept: works, recipes, sticks, minutes.</source>
            <translation>Ce qu’on a trouvé, gardé : travaux, recettes, bâtons, minutes.</translation>
        </message>
        <message>
            <source>Works come by themselves when they are saved; passes and minutes from the easel.</source>
            <translation>Les travaux viennent d’eux-mêmes quand ils sont enregistrés ; passes et minutes viennent du chevalet.</translation>
        </message>
        <message>
            <source>K keeps the recipe of the colour under the pointer; Shift+K gives a kept one to another colour.</source>
            <translation>K garde la recette de la couleur sous le pointeur ; Maj+K donne une recette gardée à une autre couleur.</translation>
        </message>
        <message>
            <source>Search by words, colour, stick, paper or date.</source>
            <translation>Chercher par mots, couleur, bâton, papier ou date.</translation>
        </message>
        <message>
            <source>Sticks says what is used up and what to get before the next picture.</source>
            <translation>« Bâtons » dit ce qui est usé et quoi se procurer avant la prochaine image.</translation>
        </message>
        <message>
            <source>Everything can be taken out: Markdown, CSV, JSON, or a work as a zip.</source>
            <translation>Tout peut être sorti : Markdown, CSV, JSON, ou un travail en zip.</translation>
        </message>
        <message>
            <source>It is one file in your own folder; a copy of it is made every day.</source>
            <translation>C’est un fichier dans votre dossier ; il en est fait une copie chaque jour.</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Exercices</translation>
        </message>
        <message>
            <source>Drills of a minute or two that say how your eye is off, and get harder as it gets better.</source>
            <translation>Des exercices d’une minute ou deux qui disent comment l’œil se trompe, et durcissent à mesure qu’il s’affine.</translation>
        </message>
        <message>
            <source>Take a drill; answer with the number keys, the arrows or a click.</source>
            <translation>Prendre un exercice ; répondre avec les chiffres, les flèches ou un clic.</translation>
        </message>
        <message>
            <source>Answer what you see, not what you know: there is no clock.</source>
            <translation>Répondre ce qu’on voit, pas ce qu’on sait : aucune montre ne tourne.</translation>
        </message>
        <message>
            <source>After some twenty answers it says your bias and how sure it is.</source>
            <translation>Après une vingtaine de réponses, il dit le penchant et combien il en est sûr.</translation>
        </message>
        <message>
            <source>Check then mentions a bias that matters there.</source>
            <translation>Le contrôle mentionne alors un penchant qui y compte.</translation>
        </message>
        <message>
            <source>Compare yourself with yourself, on this screen: screens differ, so nothing said here is absolute.</source>
            <translation>Se comparer à soi-même, sur cet écran : les écrans diffèrent, rien ici n’est absolu.</translation>
        </message>
        <message>
            <source>%1 times as long</source>
            <translation>%1 fois plus long</translation>
        </message>
        <message>
            <source>%1 of the time</source>
            <translation>%1 du temps</translation>
        </message>
        <message>
            <source>finished</source>
            <translation>fini</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n pass(es)</source>
            <translation>
                <numerusform>%1 passe sur %n</numerusform>
                <numerusform>%1 passes sur %n</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 · %2 · %3</source>
            <translation>%1 · %2 · %3</translation>
        </message>
        <message>
            <source>, </source>
            <translation>, </translation>
        </message>
        <message numerus="yes">
            <source>%1: %2, %n step(s)</source>
            <translation>
                <numerusform>%1 : %2, %n étape</numerusform>
                <numerusform>%1 : %2, %n étapes</numerusform>
            </translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Passes</translation>
        </message>
        <message>
            <source>Planned</source>
            <translation>Prévu</translation>
        </message>
        <message>
            <source>At work</source>
            <translation>À l’ouvrage</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>pas encore</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Bâtons</translation>
        </message>
        <message>
            <source>As seen</source>
            <translation>À l’œil</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>%1: runs out, %2 mm needed, %3 mm left</source>
            <translation>%1 : s’épuise, il faut %2 mm, il reste %3 mm</translation>
        </message>
        <message numerus="yes">
            <source>%1: would help %n work(s) most</source>
            <translation>
                <numerusform>%1 : aiderait le plus %n travail</numerusform>
                <numerusform>%1 : aiderait le plus %n travaux</numerusform>
            </translation>
        </message>
        <message>
            <source>a hand without a name</source>
            <translation>une main sans nom</translation>
        </message>
        <message>
            <source>, left-out strokes off by %1</source>
            <translation>, les traits laissés de côté faux de %1</translation>
        </message>
        <message numerus="yes">
            <source>%1: %2, %n stroke(s) on %3%4</source>
            <translation>
                <numerusform>%1 : %2, %n trait sur %3%4</numerusform>
                <numerusform>%1 : %2, %n traits sur %3%4</numerusform>
            </translation>
        </message>
        <message>
            <source>Passes timed</source>
            <translation>Passes chronométrées</translation>
        </message>
        <message>
            <source>Our guess is off by a factor of</source>
            <translation>Notre estimation se trompe d’un facteur</translation>
        </message>
        <message>
            <source>With your times</source>
            <translation>Avec vos temps</translation>
        </message>
        <message>
            <source>wet coats</source>
            <translation>couches mouillées</translation>
        </message>
        <message>
            <source>%1. Passes %2 to %3, %4. %5</source>
            <translation>%1. Passes %2 à %3, %4. %5</translation>
        </message>
        <message>
            <source>Get up after pass %1: posture, eyes, wrist.</source>
            <translation>Se lever après la passe %1 : posture, yeux, poignet.</translation>
        </message>
        <message>
            <source>; the marks run %1</source>
            <translation> ; les touches vont %1</translation>
        </message>
        <message numerus="yes">
            <source>%1 of painting, %2 of it waiting; %n stick change(s), no order has fewer than %3.</source>
            <translation>
                <numerusform>%1 de peinture, dont %2 d’attente ; %n changement de bâton, aucun ordre n’en a moins de %3.</numerusform>
                <numerusform>%1 de peinture, dont %2 d’attente ; %n changements de bâton, aucun ordre n’en a moins de %3.</numerusform>
            </translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>rien</translation>
        </message>
        <message>
            <source>Step back and compare after pass %1.</source>
            <translation>Prendre du recul et comparer après la passe %1.</translation>
        </message>
        <message>
            <source>Your order breaks "%1": pass %2 should come before %3.</source>
            <translation>L’ordre choisi rompt « %1 » : la passe %2 devrait venir avant la %3.</translation>
        </message>
        <message numerus="yes">
            <source>(%n time(s))</source>
            <translation>
                <numerusform>(%n fois)</numerusform>
                <numerusform>(%n fois)</numerusform>
            </translation>
        </message>
        <message>
            <source>M mends it: %1.</source>
            <translation>M le répare : %1.</translation>
        </message>
        <message>
            <source>Nothing in the plan mends this by itself.</source>
            <translation>Rien dans le plan ne le répare de soi-même.</translation>
        </message>
        <message>
            <source>light</source>
            <translation>lumière</translation>
        </message>
        <message>
            <source>light? %1 %</source>
            <translation>lumière ? %1 %</translation>
        </message>
        <message>
            <source>, %1°</source>
            <translation>, %1°</translation>
        </message>
        <message>
            <source>, level</source>
            <translation>, de niveau</translation>
        </message>
        <message>
            <source>, plumb</source>
            <translation>, d’aplomb</translation>
        </message>
        <message>
            <source>as long as</source>
            <translation>autant que</translation>
        </message>
        <message>
            <source>half as long as</source>
            <translation>la moitié de</translation>
        </message>
        <message>
            <source>a third of</source>
            <translation>un tiers de</translation>
        </message>
        <message>
            <source>two thirds of</source>
            <translation>deux tiers de</translation>
        </message>
        <message>
            <source>a quarter of</source>
            <translation>un quart de</translation>
        </message>
        <message>
            <source>three quarters of</source>
            <translation>trois quarts de</translation>
        </message>
        <message>
            <source>twice as long as</source>
            <translation>deux fois</translation>
        </message>
        <message>
            <source>one and a half times</source>
            <translation>une fois et demie</translation>
        </message>
        <message>
            <source>two and a half times</source>
            <translation>deux fois et demie</translation>
        </message>
        <message>
            <source>%1 times</source>
            <translation>%1 fois</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>environ %1</translation>
        </message>
        <message>
            <source>plumb</source>
            <translation>d’aplomb</translation>
        </message>
        <message>
            <source>level</source>
            <translation>horizontal</translation>
        </message>
        <message>
            <source>horizon: in the middle</source>
            <translation>horizon : au milieu</translation>
        </message>
        <message>
            <source>horizon</source>
            <translation>horizon</translation>
        </message>
        <message>
            <source>rubbed in</source>
            <translation>estompé</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>posé</translation>
        </message>
        <message>
            <source>%1. %2, %3</source>
            <translation>%1. %2, %3</translation>
        </message>
        <message>
            <source>. %1</source>
            <translation>. %1</translation>
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
            <source>Your eye, by your drills: %1 %2.</source>
            <translation>Votre œil, d’après vos exercices : %1 %2.</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Aperçu</translation>
        </message>
        <message>
            <source>viewing light (D50)</source>
            <translation>lumière normalisée (D50)</translation>
        </message>
        <message>
            <source>daylight (D65)</source>
            <translation>lumière du jour (D65)</translation>
        </message>
        <message>
            <source>lamp light (A)</source>
            <translation>lampe (A)</translation>
        </message>
        <message>
            <source>gallery LED</source>
            <translation>LED de galerie</translation>
        </message>
        <message>
            <source>rubbed</source>
            <translation>estompé</translation>
        </message>
        <message>
            <source>fixed below, then </source>
            <translation>fixé dessous, puis </translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1: %2, %3</translation>
        </message>
        <message>
            <source>%1%2: %3</source>
            <translation>%1%2: %3</translation>
        </message>
        <message>
            <source>Begun: other recipes are offered before the first stroke on a mass.</source>
            <translation>Commencée : d’autres recettes sont proposées avant le premier trait sur une masse.</translation>
        </message>
        <message>
            <source>Out of reach: %1.</source>
            <translation>Hors d’atteinte : %1.</translation>
        </message>
        <message>
            <source>Would help: %1.</source>
            <translation>Aiderait : %1.</translation>
        </message>
        <message>
            <source>The match breaks under %1: %2 more.</source>
            <translation>L’accord se rompt sous %1 : %2 de plus.</translation>
        </message>
        <message>
            <source>Beside the bare paper it seems %1 steps %2 than it is.</source>
            <translation>Près du papier nu il semble %1 degrés plus %2 qu’il n’est.</translation>
        </message>
        <message>
            <source>lighter</source>
            <translation>clair</translation>
        </message>
        <message>
            <source>darker</source>
            <translation>foncé</translation>
        </message>
        <message>
            <source> (chosen by hand)</source>
            <translation> (choisi à la main)</translation>
        </message>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>pan</source>
            <translation>godet</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>crayon</translation>
        </message>
        <message>
            <source>stick</source>
            <translation>bâton</translation>
        </message>
        <message>
            <source>%1: the collection has none of this kind</source>
            <translation>%1 : la collection n’en a aucun de ce genre</translation>
        </message>
        <message>
            <source>%1 by %2 on %3: %4; %5</source>
            <translation>%1 au %2 sur %3 : %4 ; %5</translation>
        </message>
        <message>
            <source>%1, value %2. In its place it seems %3.</source>
            <translation>%1, valeur %2. À sa place il semble %3.</translation>
        </message>
        <message>
            <source>just so</source>
            <translation>tel quel</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, valeur %2</translation>
        </message>
        <message>
            <source>Darkest</source>
            <translation>Le plus foncé</translation>
        </message>
        <message>
            <source>Lightest</source>
            <translation>Le plus clair</translation>
        </message>
        <message>
            <source>Most vivid</source>
            <translation>Le plus vif</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Couleur</translation>
        </message>
        <message>
            <source>Steps to the sheet</source>
            <translation>Degrés jusqu’à la feuille</translation>
        </message>
        <message>
            <source>%1 of light, %2 of dark</source>
            <translation>%1 de lumière, %2 d’ombre</translation>
        </message>
        <message>
            <source>There already</source>
            <translation>Déjà là</translation>
        </message>
        <message>
            <source>Hardest to cover</source>
            <translation>Le plus dur à couvrir</translation>
        </message>
        <message>
            <source>Seen through two layers</source>
            <translation>Transparaît sous deux couches</translation>
        </message>
        <message>
            <source>Layers it bears</source>
            <translation>Couches supportées</translation>
        </message>
        <message>
            <source>%1, %2 wanted</source>
            <translation>%1, %2 voulues</translation>
        </message>
        <message>
            <source>Every colour</source>
            <translation>Toute couleur</translation>
        </message>
        <message>
            <source>within reach</source>
            <translation>à portée</translation>
        </message>
        <message>
            <source>Across the room</source>
            <translation>Du fond de la pièce</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Temps</translation>
        </message>
        <message>
            <source>Sittings</source>
            <translation>Séances</translation>
        </message>
        <message>
            <source>Wet</source>
            <translation>Mouillé</translation>
        </message>
        <message>
            <source>Dry</source>
            <translation>Sec</translation>
        </message>
        <message>
            <source>Shows in the gaps</source>
            <translation>Paraît dans les interstices</translation>
        </message>
        <message>
            <source>Tooth it takes</source>
            <translation>Accroche prise</translation>
        </message>
        <message>
            <source>Darkest value</source>
            <translation>Valeur la plus foncée</translation>
        </message>
        <message>
            <source>%1, %2 without</source>
            <translation>%1, %2 sans</translation>
        </message>
        <message>
            <source>Strokes measured</source>
            <translation>Traits mesurés</translation>
        </message>
        <message>
            <source>Light, of what is asked</source>
            <translation>Léger, de ce qui est demandé</translation>
        </message>
        <message>
            <source>Firm, of what is asked</source>
            <translation>Appuyé, de ce qui est demandé</translation>
        </message>
        <message>
            <source>Sticks from what they were taken for</source>
            <translation>Bâtons, d’après ce qu’on croyait</translation>
        </message>
        <message>
            <source>Strokes left out, before and after</source>
            <translation>Traits laissés, avant et après</translation>
        </message>
        <message>
            <source>%1. %2, passes %3 to %4</source>
            <translation>%1. %2, passes %3 à %4</translation>
        </message>
        <message>
            <source>%1. %2: %3, value %4</source>
            <translation>%1. %2 : %3, valeur %4</translation>
        </message>
        <message>
            <source>%1: %2, value %3</source>
            <translation>%1 : %2, valeur %3</translation>
        </message>
        <message>
            <source>No single stick more would help much.</source>
            <translation>Aucun bâton de plus n’aiderait beaucoup.</translation>
        </message>
        <message>
            <source>One stick more: %1, %2%3. The error would fall by %4 %.</source>
            <translation>Un bâton de plus : %1, %2%3. L’erreur baisserait de %4 %.</translation>
        </message>
        <message>
            <source> (not at hand)</source>
            <translation> (pas sous la main)</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n stick(s) return in several masses, most of all %2 (%3). Warm %4 %, cool %5 % of the picture.</source>
            <translation>
                <numerusform>%1 bâton sur %n revient dans plusieurs masses, surtout %2 (%3). Chaud %4 %, froid %5 % de l’image.</numerusform>
                <numerusform>%1 bâtons sur %n reviennent dans plusieurs masses, surtout %2 (%3). Chaud %4 %, froid %5 % de l’image.</numerusform>
            </translation>
        </message>
        <message>
            <source>Proven, judged by two strokes on one another: no other tray of this size is better by more than half a percent.</source>
            <translation>Prouvé, à en juger par deux traits superposés : aucun autre plateau de cette taille n’est meilleur de plus d’un demi pour cent.</translation>
        </message>
        <message>
            <source>Judged by two strokes on one another, at most %1 % from the best possible tray of this size%2.</source>
            <translation>Jugé sur deux traits superposés, au plus à %1 % du meilleur plateau possible de cette taille%2.</translation>
        </message>
        <message>
            <source> (improved by the solver)</source>
            <translation> (amélioré par le solveur)</translation>
        </message>
        <message>
            <source>On average %1</source>
            <translation>En moyenne %1</translation>
        </message>
        <message>
            <source>On the pictures</source>
            <translation>Sur les images</translation>
        </message>
        <message>
            <source>Arrows</source>
            <translation>Flèches</translation>
        </message>
        <message>
            <source>move the cross; with Shift further</source>
            <translation>déplacent la croix ; avec Maj plus loin</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Entrée</translation>
        </message>
        <message>
            <source>the colour under the cross, and how it is built</source>
            <translation>la couleur sous la croix, et comment elle est bâtie</translation>
        </message>
        <message>
            <source>+ and −</source>
            <translation>+ et −</translation>
        </message>
        <message>
            <source>nearer and farther; 0 the whole picture</source>
            <translation>plus près et plus loin ; 0 toute l’image</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Espace</translation>
        </message>
        <message>
            <source>with a tool: begins and ends a line at the cross</source>
            <translation>avec un outil : commence et finit une ligne à la croix</translation>
        </message>
        <message>
            <source>On the core sample</source>
            <translation>Sur la carotte</translation>
        </message>
        <message>
            <source>← →</source>
            <translation>← →</translation>
        </message>
        <message>
            <source>a pass back, a pass on; Home the bare paper, End all of them</source>
            <translation>une passe en arrière, en avant ; Début le papier nu, Fin toutes</translation>
        </message>
        <message>
            <source>↑ ↓</source>
            <translation>↑ ↓</translation>
        </message>
        <message>
            <source>tells the recipe of the next mass</source>
            <translation>dit la recette de la masse suivante</translation>
        </message>
        <message>
            <source>lights the pass in the pictures</source>
            <translation>éclaire la passe dans les images</translation>
        </message>
        <message>
            <source>In tray and drawers</source>
            <translation>Dans le plateau et les tiroirs</translation>
        </message>
        <message>
            <source>from stick to stick</source>
            <translation>de bâton en bâton</translation>
        </message>
        <message>
            <source>in a drawer: owned, or not</source>
            <translation>dans un tiroir : possédé, ou non</translation>
        </message>
        <message>
            <source>In the list of passes</source>
            <translation>Dans la liste des passes</translation>
        </message>
        <message>
            <source>Alt ↑ ↓</source>
            <translation>Alt ↑ ↓</translation>
        </message>
        <message>
            <source>moves the pass</source>
            <translation>déplace la passe</translation>
        </message>
        <message>
            <source>M</source>
            <translation>M</translation>
        </message>
        <message>
            <source>mends what advice found</source>
            <translation>répare ce que le conseil a trouvé</translation>
        </message>
        <message>
            <source>At the easel</source>
            <translation>Au chevalet</translation>
        </message>
        <message>
            <source>←</source>
            <translation>←</translation>
        </message>
        <message>
            <source>the pass before</source>
            <translation>la passe d’avant</translation>
        </message>
        <message>
            <source>S</source>
            <translation>S</translation>
        </message>
        <message>
            <source>leaves it out</source>
            <translation>l’omet</translation>
        </message>
        <message>
            <source>O</source>
            <translation>O</translation>
        </message>
        <message>
            <source>opens it again</source>
            <translation>la rouvre</translation>
        </message>
        <message>
            <source>R</source>
            <translation>R</translation>
        </message>
        <message>
            <source>another stick</source>
            <translation>un autre bâton</translation>
        </message>
        <message>
            <source>N</source>
            <translation>N</translation>
        </message>
        <message>
            <source>a note</source>
            <translation>une note</translation>
        </message>
        <message>
            <source>P</source>
            <translation>P</translation>
        </message>
        <message>
            <source>stops the clock</source>
            <translation>arrête la montre</translation>
        </message>
        <message>
            <source>V</source>
            <translation>V</translation>
        </message>
        <message>
            <source>speaks</source>
            <translation>parle</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Échap</translation>
        </message>
        <message>
            <source>back to the plan</source>
            <translation>retour au plan</translation>
        </message>
        <message>
            <source>What is on the paper cannot be moved.</source>
            <translation>Ce qui est sur le papier ne peut pas être déplacé.</translation>
        </message>
        <message>
            <source>Pass %1 cannot go there. %2</source>
            <translation>La passe %1 ne peut pas aller là. %2</translation>
        </message>
        <message>
            <source>Moved. It breaks: %1. Undo puts it back.</source>
            <translation>Déplacée. Cela rompt : %1. « Annuler » la remet.</translation>
        </message>
        <message>
            <source>Try another file or a fresh copy of it.</source>
            <translation>Essayer un autre fichier ou une copie fraîche.</translation>
        </message>
        <message>
            <source>Update the program to open it.</source>
            <translation>Mettre le programme à jour pour l’ouvrir.</translation>
        </message>
        <message>
            <source>Make it smaller and try again.</source>
            <translation>Le réduire et réessayer.</translation>
        </message>
        <message>
            <source>Check the name and the folder.</source>
            <translation>Vérifier le nom et le dossier.</translation>
        </message>
        <message>
            <source>Nothing was lost; choose another folder or free some space, then try again.</source>
            <translation>Rien n’est perdu ; choisir un autre dossier ou faire de la place, puis réessayer.</translation>
        </message>
        <message>
            <source>Correct that field and try again.</source>
            <translation>Corriger ce champ et réessayer.</translation>
        </message>
        <message>
            <source>Space when the marks that are lit are laid; → when the pass is done, ← goes back, S leaves it out.</source>
            <translation>Espace quand les traits éclairés sont posés ; → quand la passe est faite, ← revient, S la saute.</translation>
        </message>
        <message>
            <source>Another half hour takes the difference from %1 to %2.</source>
            <translation>Une demi-heure de plus ramène l&apos;écart de %1 à %2.</translation>
        </message>
        <message>
            <source>Another half hour would not be seen.</source>
            <translation>Une demi-heure de plus ne se verrait pas.</translation>
        </message>
        <message>
            <source>%1 Up to %2 every hour shows; beyond it buys little.</source>
            <translation>%1 Jusqu&apos;à %2 chaque heure se voit ; au-delà elle apporte peu.</translation>
        </message>
        <message>
            <source>the next marks, then the next pass</source>
            <translation>les traits suivants, puis la passe suivante</translation>
        </message>
        <message>
            <source>marks before, marks next</source>
            <translation>traits d&apos;avant, traits d&apos;après</translation>
        </message>
        <message>
            <source>→</source>
            <translation>→</translation>
        </message>
        <message>
            <source>the pass is done</source>
            <translation>la passe est faite</translation>
        </message>
        <message>
            <source>Z</source>
            <translation>Z</translation>
        </message>
        <message>
            <source>closer to where the hand is</source>
            <translation>plus près de l’endroit où est la main</translation>
        </message>
    </context>
    <context>
        <name>yd::app::AdviceSection</name>
        <message>
            <source>Mend it (M)</source>
            <translation>Réparer (M)</translation>
        </message>
        <message>
            <source>What a look over the plan found</source>
            <translation>Ce qu’une relecture du plan a trouvé</translation>
        </message>
        <message>
            <source>%1 more</source>
            <translation>%1 de plus</translation>
        </message>
        <message>
            <source>Show all</source>
            <translation>Tout montrer</translation>
        </message>
        <message>
            <source>Nothing stands against this plan.</source>
            <translation>Rien ne parle contre ce plan.</translation>
        </message>
        <message>
            <source>Open a picture: its plan is looked over here.</source>
            <translation>Ouvrir une image : son plan est relu ici.</translation>
        </message>
        <message>
            <source>Mended: %1</source>
            <translation>Réparé : %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::AlternativeModel</name>
        <message>
            <source>Recipe</source>
            <translation>Recette</translation>
        </message>
        <message>
            <source>Differs</source>
            <translation>Écart</translation>
        </message>
        <message>
            <source>Tooth</source>
            <translation>Accroche</translation>
        </message>
        <message>
            <source>Speckle</source>
            <translation>Moucheture</translation>
        </message>
    </context>
    <context>
        <name>yd::app::BoxModel</name>
        <message>
            <source>not filled evenly</source>
            <translation>rempli inégalement</translation>
        </message>
        <message>
            <source>more vivid, or lighter, than a photograph can say</source>
            <translation>plus vif ou plus clair qu’une photo ne peut dire</translation>
        </message>
        <message>
            <source>the light stroke does not go with the full one</source>
            <translation>le trait léger ne va pas avec le plein</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>omis</translation>
        </message>
        <message>
            <source>as typed</source>
            <translation>comme saisi</translation>
        </message>
        <message>
            <source>%1?</source>
            <translation>%1?</translation>
        </message>
        <message>
            <source>Cell</source>
            <translation>Case</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Genre</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valeur</translation>
        </message>
        <message>
            <source>L* a* b*</source>
            <translation>L* a* b*</translation>
        </message>
        <message>
            <source>Look at it</source>
            <translation>À regarder</translation>
        </message>
    </context>
    <context>
        <name>yd::app::BoxPage</name>
        <message>
            <source>Photograph…</source>
            <translation>Photo…</translation>
        </message>
        <message>
            <source>Simulate one</source>
            <translation>En simuler une</translation>
        </message>
        <message>
            <source>Leave out</source>
            <translation>Omettre</translation>
        </message>
        <message>
            <source>My box</source>
            <translation>Ma boîte</translation>
        </message>
        <message>
            <source>Take these sticks</source>
            <translation>Prendre ces bâtons</translation>
        </message>
        <message>
            <source>A box of sticks from one photograph</source>
            <translation>Une boîte de bâtons d’après une photo</translation>
        </message>
        <message>
            <source>Leave it</source>
            <translation>Quitter</translation>
        </message>
        <message>
            <source>A4</source>
            <translation>A4</translation>
        </message>
        <message>
            <source>A3</source>
            <translation>A3</translation>
        </message>
        <message>
            <source>Letter</source>
            <translation>Letter</translation>
        </message>
        <message>
            <source>different kinds</source>
            <translation>de genres divers</translation>
        </message>
        <message>
            <source>Sticks of the present collection, laid by an unsteady hand and photographed: to try it</source>
            <translation>Des bâtons de la collection présente, posés par une main incertaine et photographiés : pour essayer</translation>
        </message>
        <message>
            <source>Save the sheet…</source>
            <translation>Enregistrer la feuille…</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Bâtons</translation>
        </message>
        <message>
            <source>Sheet</source>
            <translation>Feuille</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>They are</source>
            <translation>Ce sont</translation>
        </message>
        <message>
            <source>1  Print a sheet, without scaling</source>
            <translation>1  Imprimer une feuille, sans mise à l’échelle</translation>
        </message>
        <message>
            <source>2  Fill it in</source>
            <translation>2  La remplir</translation>
        </message>
        <message>
            <source>Each stick in its cell: on the left pressed firmly and rubbed in, three times over; on the right once, lightly. Tap the dust off, do not blow.</source>
            <translation>Chaque bâton dans sa case : à gauche appuyé et estompé, trois fois ; à droite une fois, léger. Secouer la poussière, ne pas souffler.</translation>
        </message>
        <message>
            <source>3  Photograph it</source>
            <translation>3  La photographier</translation>
        </message>
        <message>
            <source>The whole sheet, all eight marks, in even light and without shadow.</source>
            <translation>Toute la feuille, les huit repères, sous une lumière égale et sans ombre.</translation>
        </message>
        <message>
            <source>Sticks of the box</source>
            <translation>Bâtons de la boîte</translation>
        </message>
        <message>
            <source>Kind of the chosen rows</source>
            <translation>Genre des lignes choisies</translation>
        </message>
        <message>
            <source>guess it</source>
            <translation>deviner</translation>
        </message>
        <message>
            <source>Where the sticks go</source>
            <translation>Où vont les bâtons</translation>
        </message>
        <message>
            <source>Name of the collection</source>
            <translation>Nom de la collection</translation>
        </message>
        <message>
            <source>The chosen rows; once more takes them again</source>
            <translation>Les lignes choisies ; encore une fois les reprend</translation>
        </message>
        <message>
            <source>Chosen rows are</source>
            <translation>Les lignes choisies sont</translation>
        </message>
        <message>
            <source>new ones</source>
            <translation>nouveaux</translation>
        </message>
        <message>
            <source>How many</source>
            <translation>Combien</translation>
        </message>
        <message>
            <source>Sticks of a collection get their colours anew; the sheet has their names on it</source>
            <translation>Les bâtons d’une collection reçoivent de nouveau leurs couleurs ; la feuille porte leurs noms</translation>
        </message>
        <message>
            <source>It is a sheet of other sticks: %1 cells for %2 sticks.</source>
            <translation>C’est une feuille d’autres bâtons : %1 cases pour %2 bâtons.</translation>
        </message>
        <message>
            <source>Take their colours</source>
            <translation>Prendre leurs couleurs</translation>
        </message>
        <message>
            <source>Colours of sticks by photograph</source>
            <translation>Couleurs de bâtons d’après photo</translation>
        </message>
        <message>
            <source>As a new collection</source>
            <translation>Comme nouvelle collection</translation>
        </message>
        <message>
            <source>Into %1</source>
            <translation>Dans %1</translation>
        </message>
        <message>
            <source>Reading it …</source>
            <translation>Lecture…</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), %1 to look at, %2 cells empty. Light put right by %3 to %4.</source>
            <translation>
                <numerusform>%n bâton, %1 à regarder, %2 cases vides. Lumière corrigée par %3 à %4 près.</numerusform>
                <numerusform>%n bâtons, %1 à regarder, %2 cases vides. Lumière corrigée par %3 à %4 près.</numerusform>
            </translation>
        </message>
        <message>
            <source>Sheet for a box of sticks</source>
            <translation>Feuille pour une boîte de bâtons</translation>
        </message>
        <message>
            <source>Sheet to print (*.pdf *.svg)</source>
            <translation>Feuille à imprimer (*.pdf *.svg)</translation>
        </message>
        <message>
            <source>Photograph of the sheet</source>
            <translation>Photo de la feuille</translation>
        </message>
        <message>
            <source>Photographs (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic)</source>
            <translation>Photos (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic)</translation>
        </message>
        <message>
            <source>Sticks of a photographed box</source>
            <translation>Bâtons d’une boîte photographiée</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Calibrator</name>
        <message>
            <source>Calibrated by offcuts</source>
            <translation>Étalonné par des chutes</translation>
        </message>
        <message>
            <source>Calibration of the hand forgotten</source>
            <translation>Étalonnage de la main oublié</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CheckLooks</name>
        <message>
            <source>Photograph</source>
            <translation>Photo</translation>
        </message>
        <message>
            <source>by %1</source>
            <translation>par %1</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valeur</translation>
        </message>
        <message>
            <source>lighter is too light, darker too dark</source>
            <translation>plus clair est trop clair, plus foncé trop foncé</translation>
        </message>
        <message>
            <source>Board as it should be by now</source>
            <translation>L’aperçu tel qu’il devrait être maintenant</translation>
        </message>
        <message>
            <source>Photograph of the work</source>
            <translation>Photo du travail</translation>
        </message>
        <message>
            <source>Pictures (*.jpg *.jpeg *.png *.heic *.heif *.webp *.tif *.tiff)</source>
            <translation>Images (*.jpg *.jpeg *.png *.heic *.heif *.webp *.tif *.tiff)</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CheckPanel</name>
        <message>
            <source>%1 of %2</source>
            <translation>%1 sur %2</translation>
        </message>
        <message>
            <source>What is off on the work</source>
            <translation>Ce qui est faux dans le travail</translation>
        </message>
        <message>
            <source>Show where value is off</source>
            <translation>Montrer où la valeur est fausse</translation>
        </message>
        <message>
            <source>What mends it</source>
            <translation>Ce qui le répare</translation>
        </message>
        <message>
            <source>Plan the rest from this (M)</source>
            <translation>Planifier la suite d’après cela (M)</translation>
        </message>
        <message>
            <source>Every mass: how far its value is off</source>
            <translation>Chaque masse : de combien sa valeur est fausse</translation>
        </message>
        <message>
            <source>How the photograph was read</source>
            <translation>Comment la photo a été lue</translation>
        </message>
        <message>
            <source>Photograph</source>
            <translation>Photo</translation>
        </message>
        <message>
            <source>What is off</source>
            <translation>Ce qui est faux</translation>
        </message>
        <message>
            <source>Every mass, in steps</source>
            <translation>Chaque masse, en degrés</translation>
        </message>
        <message>
            <source>How it was read</source>
            <translation>Comment elle a été lue</translation>
        </message>
        <message>
            <source>Strip on the margin</source>
            <translation>Bande dans la marge</translation>
        </message>
        <message>
            <source>On the Board: middle grey is right, lighter is too light, darker is too dark</source>
            <translation>Sur l’aperçu : le gris moyen est juste, plus clair est trop clair, plus foncé trop foncé</translation>
        </message>
        <message>
            <source>What lies on the paper is taken as the photograph shows it; the passes to come are planned anew</source>
            <translation>Ce qui est sur le papier est pris comme la photo le montre ; les passes à venir sont replanifiées</translation>
        </message>
        <message>
            <source>Below the picture, side by side from left to right: each pressed firmly and rubbed in, twice. Then tick that it is laid, and colours are judged by it.</source>
            <translation>Sous l’image, côte à côte de gauche à droite : chacun appuyé et estompé, deux fois. Cocher ensuite qu’elle est posée, et les couleurs seront jugées d’après elle.</translation>
        </message>
        <message>
            <source>Sticks of the strip, left to right</source>
            <translation>Bâtons de la bande, de gauche à droite</translation>
        </message>
        <message>
            <source>will do</source>
            <translation>convient</translation>
        </message>
        <message>
            <source>will not do</source>
            <translation>ne convient pas</translation>
        </message>
        <message>
            <source>A photograph of the work is held against the Board, mass by mass.</source>
            <translation>Une photo du travail est tenue contre l’aperçu, masse par masse.</translation>
        </message>
        <message>
            <source>Nothing is said of a photograph that will not do.</source>
            <translation>Rien n’est dit d’une photo qui ne convient pas.</translation>
        </message>
        <message>
            <source>All is as it should be by now, as far as a hand can do it.</source>
            <translation>Tout est comme il devrait l’être maintenant, autant qu’une main le peut.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Checker</name>
        <message>
            <source>a simulated board</source>
            <translation>une planche simulée</translation>
        </message>
        <message>
            <source>Planned on from the photograph</source>
            <translation>Planifié à partir de la photo</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoatModel</name>
        <message>
            <source>It shows on this sheet.</source>
            <translation>Cela paraît sur cette feuille.</translation>
        </message>
        <message>
            <source>It hardly shows on this sheet.</source>
            <translation>Cela paraît à peine sur cette feuille.</translation>
        </message>
        <message>
            <source>at once</source>
            <translation>aussitôt</translation>
        </message>
        <message numerus="yes">
            <source>%n day(s)</source>
            <translation>
                <numerusform>%n jour</numerusform>
                <numerusform>%n jours</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 min</source>
            <translation>%1 min</translation>
        </message>
        <message>
            <source>rubbed pastel</source>
            <translation>pastel estompé</translation>
        </message>
        <message>
            <source>pastel, alcohol</source>
            <translation>pastel, alcool</translation>
        </message>
        <message>
            <source>pastel, water</source>
            <translation>pastel, eau</translation>
        </message>
        <message>
            <source>none</source>
            <translation>aucune</translation>
        </message>
        <message>
            <source>With</source>
            <translation>Avec</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Couleurs</translation>
        </message>
        <message>
            <source>Differs</source>
            <translation>Écart</translation>
        </message>
        <message>
            <source>Dark</source>
            <translation>Foncé</translation>
        </message>
        <message>
            <source>Dries</source>
            <translation>Sèche</translation>
        </message>
        <message>
            <source>This paper does not bear it.</source>
            <translation>Ce papier ne la supporte pas.</translation>
        </message>
        <message>
            <source>The collection has no stick at hand for it.</source>
            <translation>La collection n’a pas de bâton sous la main pour cela.</translation>
        </message>
        <message>
            <source>Dries: %1, with heat %2.</source>
            <translation>Sèche : %1, à la chaleur %2.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoatPanel</name>
        <message>
            <source>What speaks for it</source>
            <translation>Ce qui parle pour</translation>
        </message>
        <message>
            <source>Best left out: no coat gains enough for its tooth and time.</source>
            <translation>Mieux vaut s’en passer : aucune ne gagne assez pour l’accroche et le temps.</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Take the advice</source>
            <translation>Suivre le conseil</translation>
        </message>
        <message>
            <source>As the whole picture</source>
            <translation>Comme toute l’image</translation>
        </message>
        <message>
            <source>What the underpainting does</source>
            <translation>Ce que fait la sous-couche</translation>
        </message>
        <message>
            <source>Where this underpainting goes</source>
            <translation>Où va cette sous-couche</translation>
        </message>
        <message>
            <source>Underpaintings</source>
            <translation>Sous-couches</translation>
        </message>
        <message>
            <source>A first thin coat</source>
            <translation>Une première couche mince</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Ce qu’elle fait</translation>
        </message>
        <message>
            <source>Advice</source>
            <translation>Conseil</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Sous-couche</translation>
        </message>
        <message>
            <source>For the whole picture</source>
            <translation>Pour toute l’image</translation>
        </message>
        <message>
            <source>For the background</source>
            <translation>Pour le fond</translation>
        </message>
        <message>
            <source>For the middle ground</source>
            <translation>Pour le plan moyen</translation>
        </message>
        <message>
            <source>For the foreground</source>
            <translation>Pour le premier plan</translation>
        </message>
        <message>
            <source>Open a picture: underpaintings are tried on its plan.</source>
            <translation>Ouvrir une image : les sous-couches sont essayées sur son plan.</translation>
        </message>
        <message>
            <source>No underpainting. U shows the board with and without one.</source>
            <translation>Pas de sous-couche. U montre l’aperçu avec et sans.</translation>
        </message>
        <message>
            <source>For %1</source>
            <translation>Pour %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CollectionModel</name>
        <message>
            <source>%1 %</source>
            <translation>%1 %</translation>
        </message>
        <message>
            <source>Stick</source>
            <translation>Bâton</translation>
        </message>
        <message>
            <source>Another stick</source>
            <translation>Un autre bâton</translation>
        </message>
        <message>
            <source>Stick taken away</source>
            <translation>Bâton retiré</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Couleur</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Genre</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valeur</translation>
        </message>
        <message>
            <source>Owned</source>
            <translation>Possédé</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Reste</translation>
        </message>
        <message>
            <source>Favourite</source>
            <translation>Favori</translation>
        </message>
        <message>
            <source>Lightfastness</source>
            <translation>Tenue à la lumière</translation>
        </message>
        <message>
            <source>Pigments</source>
            <translation>Pigments</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CollectionPage</name>
        <message numerus="yes">
            <source>Tray: %n stick(s), carry others here</source>
            <translation>
                <numerusform>Plateau : %n bâton, d’autres peuvent y être posés</numerusform>
                <numerusform>Plateau : %n bâtons, d’autres peuvent y être posés</numerusform>
            </translation>
        </message>
        <message>
            <source>Into the tray</source>
            <translation>Dans le plateau</translation>
        </message>
        <message>
            <source>Not into the tray</source>
            <translation>Pas dans le plateau</translation>
        </message>
        <message>
            <source>As the plan likes</source>
            <translation>Au gré du plan</translation>
        </message>
        <message>
            <source>As a table</source>
            <translation>En tableau</translation>
        </message>
        <message>
            <source>Search: a name, a colour in words, a pigment</source>
            <translation>Chercher : un nom, une couleur en mots, un pigment</translation>
        </message>
        <message>
            <source>Search the collection</source>
            <translation>Chercher dans la collection</translation>
        </message>
        <message>
            <source>Another like it</source>
            <translation>Un autre pareil</translation>
        </message>
        <message>
            <source>Take away</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Retour aux images</translation>
        </message>
        <message>
            <source>Sticks of the collection</source>
            <translation>Bâtons de la collection</translation>
        </message>
        <message numerus="yes">
            <source>%1: %n stick(s), %2 owned</source>
            <translation>
                <numerusform>%1 : %n bâton, %2 possédés</numerusform>
                <numerusform>%1 : %n bâtons, %2 possédés</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::ColourPanel</name>
        <message>
            <source>Point at the picture</source>
            <translation>Montrer l’image</translation>
        </message>
        <message>
            <source>Use this recipe</source>
            <translation>Prendre cette recette</translation>
        </message>
        <message>
            <source>Planner's choice</source>
            <translation>Choix du planificateur</translation>
        </message>
        <message>
            <source>Keep it (K)</source>
            <translation>La garder (K)</translation>
        </message>
        <message>
            <source>Use the one kept</source>
            <translation>Prendre la recette gardée</translation>
        </message>
        <message>
            <source>Look at it under</source>
            <translation>La regarder sous</translation>
        </message>
        <message>
            <source>Under %1</source>
            <translation>Sous %1</translation>
        </message>
        <message>
            <source>Other recipes</source>
            <translation>Autres recettes</translation>
        </message>
        <message>
            <source>Into the journal, as told to a friend</source>
            <translation>Au carnet, comme dite à un ami</translation>
        </message>
        <message>
            <source>The recipe kept or chosen last, for this colour (Shift+K)</source>
            <translation>La recette gardée ou choisie en dernier, pour cette couleur (Maj+K)</translation>
        </message>
        <message>
            <source>Point at the picture to see how a colour is built.</source>
            <translation>Montrer l’image pour voir comment une couleur est bâtie.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ComfortActions</name>
        <message>
            <source>Light grey</source>
            <translation>Gris clair</translation>
        </message>
        <message>
            <source>Dark grey</source>
            <translation>Gris foncé</translation>
        </message>
        <message>
            <source>High contrast</source>
            <translation>Fort contraste</translation>
        </message>
        <message>
            <source>Nothing moves by itself</source>
            <translation>Rien ne bouge de soi-même</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoreSample</name>
        <message>
            <source>Core sample: layers of every mass</source>
            <translation>Carotte : les couches de chaque masse</translation>
        </message>
        <message>
            <source>Layers of every mass, from the paper up. Left and right step through the passes, up and down tell the recipes.</source>
            <translation>Les couches de chaque masse, depuis le papier. Gauche et droite vont de passe en passe, haut et bas disent les recettes.</translation>
        </message>
        <message>
            <source>Order of the columns</source>
            <translation>Ordre des colonnes</translation>
        </message>
        <message>
            <source>in working order</source>
            <translation>dans l’ordre du travail</translation>
        </message>
        <message>
            <source>by plane</source>
            <translation>par plan</translation>
        </message>
        <message>
            <source>by value</source>
            <translation>par valeur</translation>
        </message>
        <message>
            <source>Pass %1 of %2</source>
            <translation>Passe %1 sur %2</translation>
        </message>
        <message>
            <source>pass %1 of %2</source>
            <translation>passe %1 sur %2</translation>
        </message>
        <message>
            <source>The layers of the picture will stand here, once it is planned.</source>
            <translation>Les couches de l’image seront ici dès qu’elle sera planifiée.</translation>
        </message>
        <message>
            <source>fullest: %1 % of the tooth</source>
            <translation>au plus plein : %1 %</translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>accroche pleine</translation>
        </message>
        <message>
            <source>%1. %2, tooth left %3 %</source>
            <translation>%1. %2, accroche restante %3 %</translation>
        </message>
        <message>
            <source>Here: pass %1</source>
            <translation>Ici : passe %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CornerView</name>
        <message>
            <source>Corners of the picture in the photograph; the space bar takes the next one, arrows move it</source>
            <translation>Coins de l’image dans la photo ; la barre d’espace prend le suivant, les flèches le déplacent</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CourseModel</name>
        <message>
            <source>to do</source>
            <translation>à faire</translation>
        </message>
        <message numerus="yes">
            <source>%n mass(es)</source>
            <translation>
                <numerusform>%n masse</numerusform>
                <numerusform>%n masses</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s)</source>
            <translation>
                <numerusform>%n bâton</numerusform>
                <numerusform>%n bâtons</numerusform>
            </translation>
        </message>
        <message>
            <source>none</source>
            <translation>aucune</translation>
        </message>
        <message numerus="yes">
            <source>%n coat(s)</source>
            <translation>
                <numerusform>%n couche</numerusform>
                <numerusform>%n couches</numerusform>
            </translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>accroche pleine</translation>
        </message>
        <message>
            <source>%1 in all</source>
            <translation>%1 en tout</translation>
        </message>
        <message>
            <source>ready</source>
            <translation>prêt</translation>
        </message>
        <message>
            <source>no photograph</source>
            <translation>pas de photo</translation>
        </message>
        <message>
            <source>will not do</source>
            <translation>ne convient pas</translation>
        </message>
        <message>
            <source>all right</source>
            <translation>tout est juste</translation>
        </message>
        <message>
            <source>%1 off</source>
            <translation>%1 à revoir</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Sujet</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Support</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Plateau</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Sous-couche</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Passages</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Contrôle</translation>
        </message>
        <message>
            <source>Easel</source>
            <translation>Chevalet</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CropView</name>
        <message>
            <source>Part of the picture that is kept; move it with the arrow keys</source>
            <translation>La partie gardée de l’image ; les flèches la déplacent</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CurveView</name>
        <message>
            <source>Curve: %1 against %2</source>
            <translation>Courbe : %1 contre %2</translation>
        </message>
        <message>
            <source>%1 %2, %3 %4</source>
            <translation>%1 %2, %3 %4</translation>
        </message>
    </context>
    <context>
        <name>yd::app::DrawersView</name>
        <message>
            <source>The collection by colour, each drawer from dark to light</source>
            <translation>La collection par couleur, chaque tiroir du foncé au clair</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::EaselPage</name>
        <message>
            <source>Easel</source>
            <translation>Chevalet</translation>
        </message>
        <message>
            <source>Where this step goes: lit, more where it is firmer</source>
            <translation>Où va cette étape : éclairé, davantage où c’est plus appuyé</translation>
        </message>
        <message>
            <source>The board as it should look after this pass</source>
            <translation>L’aperçu tel qu’il devrait être après cette passe</translation>
        </message>
        <message>
            <source>Note (N)</source>
            <translation>Note (N)</translation>
        </message>
        <message>
            <source>Note for this pass</source>
            <translation>Note sur cette passe</translation>
        </message>
        <message>
            <source>Sticks that could stand in, nearest first</source>
            <translation>Bâtons qui pourraient remplacer, le plus proche d’abord</translation>
        </message>
        <message>
            <source>Which stick instead? Nearest colours first. The rest is planned anew; what is done stays.</source>
            <translation>Quel bâton à la place ? Les couleurs les plus proches d’abord. La suite est replanifiée ; ce qui est fait reste.</translation>
        </message>
        <message>
            <source>To the plan (Esc)</source>
            <translation>Au plan (Échap)</translation>
        </message>
        <message>
            <source>Pass before (←)</source>
            <translation>Passe d’avant (←)</translation>
        </message>
        <message>
            <source>Another stick (R)</source>
            <translation>Autre bâton (R)</translation>
        </message>
        <message>
            <source>Leave out (S)</source>
            <translation>Omettre (S)</translation>
        </message>
        <message>
            <source>Done, next (space)</source>
            <translation>Fait, suivant (espace)</translation>
        </message>
        <message>
            <source>Speak (V)</source>
            <translation>Lire à voix haute (V)</translation>
        </message>
        <message>
            <source>Passage %1 of %2</source>
            <translation>Passage %1 sur %2</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Suivant : %1</translation>
        </message>
        <message>
            <source> · %1</source>
            <translation> · %1</translation>
        </message>
        <message>
            <source>Pass %1 of %2, passage %3 of %4: %5%6</source>
            <translation>Passe %1 sur %2, passage %3 sur %4 : %5%6</translation>
        </message>
        <message>
            <source>Then: %1</source>
            <translation>Puis : %1</translation>
        </message>
        <message>
            <source>The stroke on this paper: %1</source>
            <translation>Le trait sur ce papier : %1</translation>
        </message>
        <message>
            <source>Next (space)</source>
            <translation>Suivant (espace)</translation>
        </message>
        <message>
            <source>The last pass.</source>
            <translation>La dernière passe.</translation>
        </message>
        <message numerus="yes">
            <source>All %n pass(es) are done or left out</source>
            <translation>
                <numerusform>%n passe est faite ou omise</numerusform>
                <numerusform>Les %n passes sont faites ou omises</numerusform>
            </translation>
        </message>
        <message>
            <source>Nothing is planned yet</source>
            <translation>Rien n’est encore planifié</translation>
        </message>
        <message>
            <source>Step back.</source>
            <translation>Prendre du recul.</translation>
        </message>
        <message>
            <source>Open a picture first.</source>
            <translation>Ouvrir d’abord une image.</translation>
        </message>
        <message>
            <source>Compare value first, then temperature, then chroma.</source>
            <translation>Comparer la valeur d’abord, puis la température, puis la saturation.</translation>
        </message>
        <message>
            <source>Tip the dust off over a bin, wipe up damp, wash your hands.</source>
            <translation>Faire tomber la poussière dans une poubelle, essuyer humide, se laver les mains.</translation>
        </message>
        <message>
            <source>%1 paused</source>
            <translation>%1 en pause</translation>
        </message>
        <message>
            <source>Pass %1 dries: %2 left.</source>
            <translation>La passe %1 sèche : encore %2.</translation>
        </message>
        <message>
            <source>Flammable vapour: no heat, no flame.</source>
            <translation>Vapeurs inflammables : ni chaleur ni flamme.</translation>
        </message>
        <message>
            <source>Dries for about %1 once it is done.</source>
            <translation>Sèche environ %1 une fois faite.</translation>
        </message>
        <message>
            <source>Nothing else at hand can stand in. Esc goes back.</source>
            <translation>Rien d’autre sous la main ne peut remplacer. Échap revient.</translation>
        </message>
        <message>
            <source>No voice installed</source>
            <translation>Aucune voix installée</translation>
        </message>
        <message>
            <source>Now %1 of %2: %3. %4 of marks left in this pass.</source>
            <translation>Maintenant %1 sur %2 : %3. Encore %4 de traits dans cette passe.</translation>
        </message>
        <message>
            <source>Next marks (space)</source>
            <translation>Traits suivants (espace)</translation>
        </message>
        <message>
            <source>Closer (Z)</source>
            <translation>Plus près (Z)</translation>
        </message>
        <message>
            <source>Marks of this pass, from the first to the last</source>
            <translation>Touches de cette passe, de la première à la dernière</translation>
        </message>
    </context>
    <context>
        <name>yd::app::EaselWork</name>
        <message>
            <source>Pass done</source>
            <translation>Passe faite</translation>
        </message>
        <message>
            <source>Pass left out</source>
            <translation>Passe omise</translation>
        </message>
        <message>
            <source>Step done</source>
            <translation>Étape faite</translation>
        </message>
        <message>
            <source>Step left out</source>
            <translation>Étape omise</translation>
        </message>
        <message>
            <source>Pass open again</source>
            <translation>Passe rouverte</translation>
        </message>
        <message>
            <source>Note</source>
            <translation>Note</translation>
        </message>
        <message>
            <source>Another stick</source>
            <translation>Un autre bâton</translation>
        </message>
    </context>
    <context>
        <name>yd::app::EmptyState</name>
        <message>
            <source>Worked on last</source>
            <translation>Travaillé en dernier</translation>
        </message>
        <message>
            <source>Open a picture…</source>
            <translation>Ouvrir une image…</translation>
        </message>
        <message>
            <source>Drop a picture here</source>
            <translation>Déposer une image ici</translation>
        </message>
        <message>
            <source>Then click what matters in it, and say how long you want to take.</source>
            <translation>Puis cliquer sur ce qui y compte, et dire combien de temps prendre.</translation>
        </message>
        <message>
            <source>Or try one of ours</source>
            <translation>Ou essayer l’une des nôtres</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>Ouvrir %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ExportActions</name>
        <message>
            <source>Written: %1</source>
            <translation>Écrit : %1</translation>
        </message>
        <message>
            <source>Plan to print (PDF)…</source>
            <translation>Plan à imprimer (PDF)…</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Outlines at true size, tiled (PDF)…</source>
            <translation>Contours en vraie grandeur, en pages (PDF)…</translation>
        </message>
        <message>
            <source>Outlines at true size (SVG)…</source>
            <translation>Contours en vraie grandeur (SVG)…</translation>
        </message>
        <message>
            <source>SVG (*.svg)</source>
            <translation>SVG (*.svg)</translation>
        </message>
        <message>
            <source>Predicted picture (PNG)…</source>
            <translation>Image prévue (PNG)…</translation>
        </message>
        <message>
            <source>PNG (*.png)</source>
            <translation>PNG (*.png)</translation>
        </message>
        <message>
            <source>A layer a pass (OpenRaster)…</source>
            <translation>Un calque par passe (OpenRaster)…</translation>
        </message>
        <message>
            <source>OpenRaster (*.ora)</source>
            <translation>OpenRaster (*.ora)</translation>
        </message>
        <message>
            <source>Passes as a table (CSV)…</source>
            <translation>Passes en tableau (CSV)…</translation>
        </message>
        <message>
            <source>CSV (*.csv)</source>
            <translation>CSV (*.csv)</translation>
        </message>
        <message>
            <source>Whole plan (JSON)…</source>
            <translation>Plan entier (JSON)…</translation>
        </message>
        <message>
            <source>JSON (*.json)</source>
            <translation>JSON (*.json)</translation>
        </message>
        <message>
            <source>Corner marks for the check (PDF)…</source>
            <translation>Repères de coin pour le contrôle (PDF)…</translation>
        </message>
        <message>
            <source>Corner marks</source>
            <translation>Repères de coin</translation>
        </message>
        <message>
            <source>There is no plan to write yet; open a picture first.</source>
            <translation>Il n’y a pas encore de plan à écrire ; ouvrir une image.</translation>
        </message>
        <message>
            <source>Another file is still being written; wait a moment.</source>
            <translation>Un autre fichier est encore en cours d’écriture ; attendre un instant.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::FileActions</name>
        <message>
            <source>Open…</source>
            <translation>Ouvrir…</translation>
        </message>
        <message>
            <source>Recent</source>
            <translation>Récents</translation>
        </message>
        <message>
            <source>Save</source>
            <translation>Enregistrer</translation>
        </message>
        <message>
            <source>Save as…</source>
            <translation>Enregistrer sous…</translation>
        </message>
        <message>
            <source>Close the window</source>
            <translation>Fermer la fenêtre</translation>
        </message>
        <message>
            <source>%1 has changes that are not saved.</source>
            <translation>%1 a des changements non enregistrés.</translation>
        </message>
        <message>
            <source>Open without saving</source>
            <translation>Ouvrir sans enregistrer</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>Ouverture de %1</translation>
        </message>
        <message>
            <source>Throw it away</source>
            <translation>Jeter</translation>
        </message>
        <message>
            <source>%1 was changed by another window or program since it was opened here.</source>
            <translation>%1 a été changé par une autre fenêtre ou un autre programme depuis son ouverture ici.</translation>
        </message>
        <message>
            <source>Save over it</source>
            <translation>Enregistrer par-dessus</translation>
        </message>
        <message>
            <source>Save the project</source>
            <translation>Enregistrer le projet</translation>
        </message>
        <message>
            <source>Yawning Dune project (*.dune)</source>
            <translation>Projet de Yawning Dune (*.dune)</translation>
        </message>
        <message>
            <source>Open a picture or a project</source>
            <translation>Ouvrir une image ou un projet</translation>
        </message>
        <message>
            <source>Pictures and projects (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune);;All files (*)</source>
            <translation>Images et projets (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune);;Tous les fichiers (*)</translation>
        </message>
        <message>
            <source>Close without saving</source>
            <translation>Fermer sans enregistrer</translation>
        </message>
        <message>
            <source>Work of %1 was not saved when the program ended; it was kept.</source>
            <translation>Le travail du %1 n’était pas enregistré quand le programme s’est arrêté ; il a été gardé.</translation>
        </message>
        <message>
            <source>Work of %1 was not saved when the program ended; it was kept (1 of %2).</source>
            <translation>Le travail du %1 n’était pas enregistré quand le programme s’est arrêté ; il a été gardé (1 sur %2).</translation>
        </message>
        <message>
            <source>Bring it back</source>
            <translation>Le reprendre</translation>
        </message>
        <message>
            <source>Work that could not be brought back twice was put aside, so that it ends no window more: %1</source>
            <translation>Un travail qui n&apos;a pas pu être récupéré deux fois a été mis de côté, pour qu&apos;il ne ferme plus aucune fenêtre : %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::FindingModel</name>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::GroundPanel</name>
        <message>
            <source>on each: %1</source>
            <translation>sur chacun : %1</translation>
        </message>
        <message>
            <source>What speaks for the paper</source>
            <translation>Ce qui parle pour le papier</translation>
        </message>
        <message>
            <source>Papers, the best first</source>
            <translation>Papiers, le meilleur d’abord</translation>
        </message>
        <message>
            <source>This paper</source>
            <translation>Ce papier</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>What counts</source>
            <translation>Ce qui compte</translation>
        </message>
        <message>
            <source>Your hand</source>
            <translation>Votre main</translation>
        </message>
        <message>
            <source>Subject on every paper</source>
            <translation>Le sujet sur chaque papier</translation>
        </message>
        <message>
            <source>Offcut sheet</source>
            <translation>Feuille d’essai</translation>
        </message>
        <message>
            <source>Second paper, to compare</source>
            <translation>Second papier, pour comparer</translation>
        </message>
        <message>
            <source>The tray, stroke by stroke, on this paper</source>
            <translation>Le plateau, trait par trait, sur ce papier</translation>
        </message>
        <message>
            <source>What counts for the paper</source>
            <translation>Ce qui compte pour le papier</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>Compare with another paper…</source>
            <translation>Comparer à un autre papier…</translation>
        </message>
        <message>
            <source>%1 of 100</source>
            <translation>%1 sur 100</translation>
        </message>
        <message>
            <source>On other papers</source>
            <translation>Sur d’autres papiers</translation>
        </message>
    </context>
    <context>
        <name>yd::app::HandSection</name>
        <message>
            <source>Sheet or table…</source>
            <translation>Feuille ou tableau…</translation>
        </message>
        <message>
            <source>Readings…</source>
            <translation>Mesures…</translation>
        </message>
        <message>
            <source>What the offcuts say of hand and sticks</source>
            <translation>Ce que les chutes disent de la main et des bâtons</translation>
        </message>
        <message>
            <source>Plan with it</source>
            <translation>Planifier avec elle</translation>
        </message>
        <message>
            <source>Keep it…</source>
            <translation>La garder…</translation>
        </message>
        <message>
            <source>Forget the hand</source>
            <translation>Oublier la main</translation>
        </message>
        <message numerus="yes">
            <source>%n stroke(s) of the tray, a cell each: a sheet to print on this paper and photograph, or a table for a colorimeter</source>
            <translation>
                <numerusform>%n trait du plateau, une case chacun : une feuille à imprimer sur ce papier et à photographier, ou un tableau pour un colorimètre</numerusform>
                <numerusform>%n traits du plateau, une case chacun : une feuille à imprimer sur ce papier et à photographier, ou un tableau pour un colorimètre</numerusform>
            </translation>
        </message>
        <message>
            <source>A photograph of the sheet, or the table with L*, a* and b* of every stroke</source>
            <translation>Une photo de la feuille, ou le tableau avec L*, a* et b* de chaque trait</translation>
        </message>
        <message>
            <source>Whose hand</source>
            <translation>La main de qui</translation>
        </message>
        <message>
            <source>Hand and sticks as a file, for other pictures and other people</source>
            <translation>Main et bâtons en un fichier, pour d’autres images et d’autres gens</translation>
        </message>
        <message>
            <source>Sheet of offcut strokes</source>
            <translation>Feuille de traits d’essai</translation>
        </message>
        <message>
            <source>Sheet to print (*.pdf *.svg);;Table (*.csv)</source>
            <translation>Feuille à imprimer (*.pdf *.svg);;Tableau (*.csv)</translation>
        </message>
        <message>
            <source>Readings of offcut strokes</source>
            <translation>Mesures de traits d’essai</translation>
        </message>
        <message>
            <source>Photographs, tables and kept hands (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic *.csv *.txt *.cgats *.json)</source>
            <translation>Photos, tableaux et mains gardées (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic *.csv *.txt *.cgats *.json)</translation>
        </message>
        <message>
            <source>Keep hand and sticks</source>
            <translation>Garder main et bâtons</translation>
        </message>
        <message>
            <source>Hand and sticks (*.json)</source>
            <translation>Main et bâtons (*.json)</translation>
        </message>
        <message>
            <source>Fitting hand and sticks …</source>
            <translation>Ajustement de la main et des bâtons…</translation>
        </message>
        <message>
            <source>The plan rests on %1.</source>
            <translation>Le plan repose sur : %1.</translation>
        </message>
        <message>
            <source>Lay the strokes of the sheet on this paper, photograph or measure them, and the plan reckons with your own hand and sticks.</source>
            <translation>Poser les traits de la feuille sur ce papier, les photographier ou les mesurer, et le plan compte avec votre main et vos bâtons.</translation>
        </message>
        <message>
            <source>Open a picture: its tray is what is tried on an offcut.</source>
            <translation>Ouvrir une image : son plateau est ce qu’on essaie sur une chute.</translation>
        </message>
        <message>
            <source>Take it even so</source>
            <translation>Le prendre quand même</translation>
        </message>
        <message>
            <source>The readings contradict each other or the sticks: no hand explains them. Measure again before planning with them.</source>
            <translation>Les mesures se contredisent ou contredisent les bâtons : aucune main ne les explique. Mesurer à nouveau avant de planifier avec elles.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::HelpPage</name>
        <message>
            <source>Help</source>
            <translation>Aide</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Retour aux images</translation>
        </message>
        <message>
            <source>First picture</source>
            <translation>Première image</translation>
        </message>
        <message>
            <source>%1.  %2</source>
            <comment>a numbered line</comment>
            <translation>%1.  %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ImportPage</name>
        <message>
            <source>Take these sticks</source>
            <translation>Prendre ces bâtons</translation>
        </message>
        <message>
            <source>Kind of stick where the file does not say</source>
            <translation>Genre de bâton où le fichier ne le dit pas</translation>
        </message>
        <message>
            <source>Name of the collection</source>
            <translation>Nom de la collection</translation>
        </message>
        <message>
            <source>Columns of the file and what they hold</source>
            <translation>Colonnes du fichier et ce qu’elles contiennent</translation>
        </message>
        <message>
            <source>Sticks found</source>
            <translation>Bâtons trouvés</translation>
        </message>
        <message>
            <source>Leave it</source>
            <translation>Quitter</translation>
        </message>
        <message>
            <source>Sticks from %1</source>
            <translation>Bâtons de %1</translation>
        </message>
        <message>
            <source>Column %1 holds</source>
            <translation>La colonne %1 contient</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Couleur</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Genre</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valeur</translation>
        </message>
        <message>
            <source>line %1: %2</source>
            <translation>ligne %1 : %2</translation>
        </message>
        <message>
            <source>and %1 more</source>
            <translation>et %1 de plus</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), every row was read.</source>
            <translation>
                <numerusform>%n bâton, chaque ligne a été lue.</numerusform>
                <numerusform>%n bâtons, chaque ligne a été lue.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s); rows that cannot be read and would be left out: %1
%2</source>
            <translation>
                <numerusform>%n bâton ; lignes illisibles, qui seraient laissées : %1
%2</numerusform>
                <numerusform>%n bâtons ; lignes illisibles, qui seraient laissées : %1
%2</numerusform>
            </translation>
        </message>
        <message>
            <source>Take the good rows</source>
            <translation>Prendre les bonnes lignes</translation>
        </message>
        <message>
            <source>Imported sticks</source>
            <translation>Bâtons importés</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JobModel</name>
        <message>
            <source>No.</source>
            <translation>Nº</translation>
        </message>
        <message>
            <source>Passage</source>
            <translation>Passage</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Temps</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JobSection</name>
        <message>
            <source>Passages</source>
            <translation>Passages</translation>
        </message>
        <message>
            <source>Where the passage goes: darker where it is firmer</source>
            <translation>Où va le passage : plus foncé où c’est plus appuyé</translation>
        </message>
        <message>
            <source>The passage</source>
            <translation>Le passage</translation>
        </message>
        <message>
            <source>Choose a passage: it is lit in the picture.</source>
            <translation>Choisir un passage : il s’éclaire dans l’image.</translation>
        </message>
        <message>
            <source>Open a picture: the whole job will stand here, from the drawing to the end.</source>
            <translation>Ouvrir une image : tout l’ouvrage sera ici, du dessin à la fin.</translation>
        </message>
        <message>
            <source>Passage %1</source>
            <translation>Passage %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JournalPage</name>
        <message>
            <source>Like the colour pointed at</source>
            <translation>Comme la couleur montrée</translation>
        </message>
        <message>
            <source>Works or recipes</source>
            <translation>Travaux ou recettes</translation>
        </message>
        <message>
            <source>How it looks on its paper</source>
            <translation>Comment elle paraît sur son papier</translation>
        </message>
        <message>
            <source>Use for the colour pointed at</source>
            <translation>Pour la couleur montrée</translation>
        </message>
        <message>
            <source>Works</source>
            <translation>Travaux</translation>
        </message>
        <message>
            <source>Recipes</source>
            <translation>Recettes</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Bâtons</translation>
        </message>
        <message>
            <source>Times</source>
            <translation>Temps</translation>
        </message>
        <message>
            <source>Journal</source>
            <translation>Carnet</translation>
        </message>
        <message>
            <source>Find in the journal</source>
            <translation>Chercher dans le carnet</translation>
        </message>
        <message>
            <source>Find: words, a stick, a paper, 2026 or 2026-11</source>
            <translation>Chercher : des mots, un bâton, un papier, 2026 ou 2026-11</translation>
        </message>
        <message>
            <source>Recipes and sticks of about this colour</source>
            <translation>Recettes et bâtons d’à peu près cette couleur</translation>
        </message>
        <message>
            <source>Leave it (Esc)</source>
            <translation>Quitter (Échap)</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Oublier</translation>
        </message>
        <message>
            <source>Nothing of the kind is in the journal.</source>
            <translation>Rien de tel dans le carnet.</translation>
        </message>
        <message>
            <source>No recipe is kept yet. Point at a colour and press K: its recipe is kept as told to a friend.</source>
            <translation>Aucune recette n’est encore gardée. Montrer une couleur et presser K : sa recette est gardée comme dite à un ami.</translation>
        </message>
        <message>
            <source>No work is kept yet. A work enters when it is saved or its first pass is done.</source>
            <translation>Aucun travail n’est encore gardé. Un travail entre quand il est enregistré ou que sa première passe est faite.</translation>
        </message>
        <message>
            <source>%1, of %2, on %3.</source>
            <translation>%1, de %2, sur %3.</translation>
        </message>
        <message>
            <source>%1, on %2.</source>
            <translation>%1, sur %2.</translation>
        </message>
        <message>
            <source>%1 in %2</source>
            <comment>a place in a picture</comment>
            <translation>%1 dans %2</translation>
        </message>
        <message>
            <source>Used again for %1.</source>
            <translation>Reprise pour %1.</translation>
        </message>
        <message>
            <source>Point at a colour of the picture first and click it.</source>
            <translation>Montrer d’abord une couleur de l’image et la cliquer.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Keeper</name>
        <message>
            <source>There is no journal: %1</source>
            <translation>Il n’y a pas de carnet : %1</translation>
        </message>
        <message>
            <source>The journal was damaged. The copy of the day before took its place; the damaged file is kept as %1.</source>
            <translation>Le carnet était abîmé. La copie de la veille a pris sa place ; le fichier abîmé est gardé sous %1.</translation>
        </message>
        <message>
            <source>The journal was damaged and there was no copy: it begins anew. The damaged file is kept as %1.</source>
            <translation>Le carnet était abîmé et il n’y avait pas de copie : il recommence. Le fichier abîmé est gardé sous %1.</translation>
        </message>
        <message>
            <source>Point at the colour that is to get the recipe, and click it.</source>
            <translation>Montrer la couleur qui doit recevoir la recette, et la cliquer.</translation>
        </message>
        <message>
            <source>%1 is not in this collection, and nothing at hand is near enough to stand in for it.</source>
            <translation>%1 n’est pas dans cette collection, et rien sous la main n’en est assez proche.</translation>
        </message>
        <message>
            <source>The artist's own times</source>
            <translation>Vos propres temps</translation>
        </message>
        <message>
            <source>The collection of this work is not here any more.</source>
            <translation>La collection de ce travail n’est plus là.</translation>
        </message>
        <message>
            <source>Wear of %1</source>
            <translation>Usure de %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::KeysPage</name>
        <message>
            <source>Keys</source>
            <translation>Touches</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Retour aux images</translation>
        </message>
        <message>
            <source>Everything can be done by keyboard</source>
            <translation>Tout peut se faire au clavier</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LanguageActions</name>
        <message>
            <source>Language</source>
            <translation>Langue</translation>
        </message>
        <message>
            <source>As the system has it</source>
            <translation>Celle du système</translation>
        </message>
        <message>
            <source>The window speaks it when it begins anew; the project is opened again.</source>
            <translation>La fenêtre la parle quand elle recommence ; le projet est rouvert.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Recommencer</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LatticeView</name>
        <message>
            <source>Tray: value upwards, hue across</source>
            <translation>Plateau : la valeur vers le haut, la teinte en travers</translation>
        </message>
        <message>
            <source>red</source>
            <translation>rouge</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>jaune</translation>
        </message>
        <message>
            <source>green</source>
            <translation>vert</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>bleu</translation>
        </message>
        <message>
            <source>violet</source>
            <translation>violet</translation>
        </message>
        <message>
            <source>grey</source>
            <translation>gris</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LayersPanel</name>
        <message>
            <source>Most layers of one mass</source>
            <translation>Couches d’une masse au plus</translation>
        </message>
        <message>
            <source>Length of a sitting, minutes</source>
            <translation>Durée d’une séance, minutes</translation>
        </message>
        <message>
            <source>The plan in numbers</source>
            <translation>Le plan en chiffres</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Passages</translation>
        </message>
        <message>
            <source>The passage</source>
            <translation>Le passage</translation>
        </message>
        <message>
            <source>Core sample</source>
            <translation>Carotte</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Plateau</translation>
        </message>
        <message>
            <source>Advice</source>
            <translation>Conseil</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Passes</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Comment c’est bâti</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Temps</translation>
        </message>
        <message>
            <source>Safety</source>
            <translation>Sécurité</translation>
        </message>
        <message>
            <source>Advice (%1)</source>
            <translation>Conseil (%1)</translation>
        </message>
        <message>
            <source>Layers of a mass</source>
            <translation>Couches d’une masse</translation>
        </message>
        <message>
            <source>Length of a sitting</source>
            <translation>Durée d’une séance</translation>
        </message>
        <message>
            <source>Open a picture: the time it takes will stand here.</source>
            <translation>Ouvrir une image : le temps qu’elle demande sera ici.</translation>
        </message>
        <message>
            <source>Open a picture: the cautions for its materials will stand here.</source>
            <translation>Ouvrir une image : les précautions pour ses matières seront ici.</translation>
        </message>
        <message>
            <source>dust mask</source>
            <translation>masque à poussière</translation>
        </message>
        <message>
            <source>dust</source>
            <translation>poussière</translation>
        </message>
        <message>
            <source>Likeness over time</source>
            <translation>Ressemblance selon le temps</translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es)</source>
            <translation>
                <numerusform>%n passe</numerusform>
                <numerusform>%n passes</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::LightSection</name>
        <message>
            <source>Exposure, tenths of a stop</source>
            <translation>Exposition, dixièmes de diaphragme</translation>
        </message>
        <message>
            <source>Pick grey</source>
            <translation>Montrer un gris</translation>
        </message>
        <message>
            <source>Pick white</source>
            <translation>Montrer un blanc</translation>
        </message>
        <message>
            <source>As it was</source>
            <translation>Tel quel</translation>
        </message>
        <message>
            <source>Upright</source>
            <translation>En hauteur</translation>
        </message>
        <message>
            <source>Thirds and light</source>
            <translation>Tiers et lumière</translation>
        </message>
        <message>
            <source>Horizon</source>
            <translation>Horizon</translation>
        </message>
        <message>
            <source>Light from</source>
            <translation>Lumière de</translation>
        </message>
        <message>
            <source>Where the light comes from, degrees</source>
            <translation>D’où vient la lumière, degrés</translation>
        </message>
        <message>
            <source>seen</source>
            <translation>vu</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>posé</translation>
        </message>
        <message>
            <source>Fit of the values</source>
            <translation>Ajustement des valeurs</translation>
        </message>
        <message>
            <source>Values as seen</source>
            <translation>Valeurs comme vues</translation>
        </message>
        <message>
            <source>Draw the whole range together</source>
            <translation>Resserrer toute l’étendue</translation>
        </message>
        <message>
            <source>Keep the lights, draw the darks together</source>
            <translation>Garder les lumières, resserrer le foncé</translation>
        </message>
        <message>
            <source>Keep the darks, draw the lights together</source>
            <translation>Garder le foncé, resserrer les lumières</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Exposition</translation>
        </message>
        <message>
            <source>Light as it was</source>
            <translation>Lumière telle quelle</translation>
        </message>
        <message>
            <source>Format of the sheet</source>
            <translation>Format de la feuille</translation>
        </message>
        <message>
            <source>Format: as the picture</source>
            <translation>Format : comme l’image</translation>
        </message>
        <message>
            <source>Thirds</source>
            <translation>Tiers</translation>
        </message>
        <message>
            <source>Direction of the light</source>
            <translation>Direction de la lumière</translation>
        </message>
        <message>
            <source>Crop</source>
            <translation>Cadrage</translation>
        </message>
        <message>
            <source>The horizon lies in the middle: a third up or down divides the picture better.</source>
            <translation>L’horizon est au milieu : un tiers plus haut ou plus bas divise mieux l’image.</translation>
        </message>
        <message>
            <source>The curve of values follows the plan.</source>
            <translation>La courbe des valeurs suit le plan.</translation>
        </message>
        <message>
            <source>Subject: value %1 to %2. These sticks on this paper: %3 to %4.</source>
            <translation>Sujet : valeur %1 à %2. Ces bâtons sur ce papier : %3 à %4.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MainWindow</name>
        <message>
            <source>Stop</source>
            <translation>Arrêter</translation>
        </message>
        <message>
            <source>The salt works at dusk</source>
            <translation>Les salines au crépuscule</translation>
        </message>
        <message>
            <source>The copper kettle</source>
            <translation>La bouilloire de cuivre</translation>
        </message>
        <message>
            <source>There is nothing to work through yet; open a picture.</source>
            <translation>Il n’y a encore rien à travailler ; ouvrir une image.</translation>
        </message>
        <message>
            <source>File</source>
            <translation>Fichier</translation>
        </message>
        <message>
            <source>Print and export</source>
            <translation>Imprimer et exporter</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>Notes</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Modifier</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Annuler</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Rétablir</translation>
        </message>
        <message>
            <source>Go</source>
            <translation>Aller</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Sujet</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Support</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Plateau</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Sous-couche</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Passages</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Contrôle</translation>
        </message>
        <message>
            <source>To the easel</source>
            <translation>Au chevalet</translation>
        </message>
        <message>
            <source>Beside it: without the underpainting</source>
            <translation>À côté : sans la sous-couche</translation>
        </message>
        <message>
            <source>Put the tool away</source>
            <translation>Poser l’outil</translation>
        </message>
        <message>
            <source>Next pass</source>
            <translation>Passe suivante</translation>
        </message>
        <message>
            <source>Pass back</source>
            <translation>Passe en arrière</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Aide</translation>
        </message>
        <message>
            <source>What to do here</source>
            <translation>Que faire ici</translation>
        </message>
        <message>
            <source>Your first picture</source>
            <translation>La première image</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Toutes les touches</translation>
        </message>
        <message>
            <source>About Yawning Dune</source>
            <translation>À propos de Yawning Dune</translation>
        </message>
        <message>
            <source>Yawning Dune %1, under the MIT licence. The shipped sticks and papers are invented; trust differences more than absolute colours.</source>
            <translation>Yawning Dune %1, sous licence MIT. Les bâtons et papiers fournis sont inventés ; se fier aux écarts plus qu’aux couleurs absolues.</translation>
        </message>
        <message>
            <source>Look</source>
            <translation>Vue</translation>
        </message>
        <message>
            <source>Both, side by side</source>
            <translation>Les deux, côte à côte</translation>
        </message>
        <message>
            <source>Subject alone</source>
            <translation>Le sujet seul</translation>
        </message>
        <message>
            <source>Board alone</source>
            <translation>L’aperçu seul</translation>
        </message>
        <message>
            <source>Wipe between them, with the pointer</source>
            <translation>Volet entre les deux, au pointeur</translation>
        </message>
        <message>
            <source>As large as on the paper</source>
            <translation>Aussi grand que sur le papier</translation>
        </message>
        <message>
            <source>Mirrored: what is out of true shows</source>
            <translation>En miroir : ce qui est de travers se voit</translation>
        </message>
        <message>
            <source>Upside down: shapes, not things</source>
            <translation>Tête en bas : des formes, pas des choses</translation>
        </message>
        <message>
            <source>The whole picture</source>
            <translation>Toute l’image</translation>
        </message>
        <message>
            <source>This colour and how it is built</source>
            <translation>Cette couleur et comment elle est bâtie</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>Board without underpainting</source>
            <translation>Aperçu sans sous-couche</translation>
        </message>
        <message>
            <source>Board on %1</source>
            <translation>Aperçu sur %1</translation>
        </message>
        <message>
            <source>There is no underpainting to leave out: choose one at the stage Underpainting.</source>
            <translation>Il n’y a pas de sous-couche à omettre : en choisir une au stade « Sous-couche ».</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Aperçu</translation>
        </message>
        <message>
            <source>Board after pass %1 of %2</source>
            <translation>Aperçu après la passe %1 sur %2</translation>
        </message>
        <message>
            <source>%1, %2 in all</source>
            <translation>%1, %2 en tout</translation>
        </message>
        <message>
            <source>your school</source>
            <translation>votre école</translation>
        </message>
        <message>
            <source>as advised</source>
            <translation>comme conseillé</translation>
        </message>
        <message>
            <source>On its side: what hangs, and reflections</source>
            <translation>Sur le côté : ce qui penche, et les reflets</translation>
        </message>
        <message>
            <source>Marks of the pass, as outlines</source>
            <translation>Traits de la passe, en contours</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MarginModel</name>
        <message>
            <source>%1  %2</source>
            <translation>%1  %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MassSection</name>
        <message>
            <source>Focal point</source>
            <translation>Point focal</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Masses</translation>
        </message>
        <message>
            <source>Merge with</source>
            <translation>Réunir avec</translation>
        </message>
        <message>
            <source>Name of the mass</source>
            <translation>Nom de la masse</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>Plane</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>background</source>
            <translation>fond</translation>
        </message>
        <message>
            <source>middle ground</source>
            <translation>plan moyen</translation>
        </message>
        <message>
            <source>foreground</source>
            <translation>premier plan</translation>
        </message>
        <message>
            <source>Edge</source>
            <translation>Bord</translation>
        </message>
        <message>
            <source>hard edge</source>
            <translation>bord dur</translation>
        </message>
        <message>
            <source>soft edge</source>
            <translation>bord doux</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Ce que c’est</translation>
        </message>
        <message>
            <source>What it is decides the marks: water lies level, grass stands, fur grows; skin and glass are rubbed smooth.</source>
            <translation>Ce que c’est décide des touches : l’eau est horizontale, l’herbe se dresse, le pelage pousse ; la peau et le verre s’estompent jusqu’à être lisses.</translation>
        </message>
        <message>
            <source>what is it?</source>
            <translation>qu’est-ce ?</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>ciel</translation>
        </message>
        <message>
            <source>water</source>
            <translation>eau</translation>
        </message>
        <message>
            <source>reflection</source>
            <translation>reflet</translation>
        </message>
        <message>
            <source>grass</source>
            <translation>herbe</translation>
        </message>
        <message>
            <source>fur</source>
            <translation>pelage</translation>
        </message>
        <message>
            <source>feather</source>
            <translation>plumage</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>peau</translation>
        </message>
        <message>
            <source>cloth</source>
            <translation>étoffe</translation>
        </message>
        <message>
            <source>stone</source>
            <translation>pierre</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>feuillage</translation>
        </message>
        <message>
            <source>metal</source>
            <translation>métal</translation>
        </message>
        <message>
            <source>glass</source>
            <translation>verre</translation>
        </message>
        <message>
            <source>A colour of your own for this mass</source>
            <translation>Une couleur à vous pour cette masse</translation>
        </message>
        <message>
            <source>Its values stay; dark, middle and light become one family</source>
            <translation>Ses valeurs restent ; foncé, moyen et clair deviennent une famille</translation>
        </message>
        <message>
            <source>Name of a mass</source>
            <translation>Nom d’une masse</translation>
        </message>
        <message>
            <source>What a mass is</source>
            <translation>Ce qu’est une masse</translation>
        </message>
        <message>
            <source>A colour of its own…</source>
            <translation>Une couleur à elle…</translation>
        </message>
        <message>
            <source>As the subject has it</source>
            <translation>Comme l’a le sujet</translation>
        </message>
        <message>
            <source>Another colour…</source>
            <translation>Autre couleur…</translation>
        </message>
        <message>
            <source>Colour of a mass</source>
            <translation>Couleur d’une masse</translation>
        </message>
        <message>
            <source>Split by value</source>
            <translation>Diviser par valeur</translation>
        </message>
        <message>
            <source>Split by a line</source>
            <translation>Diviser par une ligne</translation>
        </message>
        <message>
            <source>Paint its border</source>
            <translation>Peindre sa limite</translation>
        </message>
        <message>
            <source>Merge</source>
            <translation>Réunir</translation>
        </message>
        <message>
            <source>Open a picture to see its masses.</source>
            <translation>Ouvrir une image pour voir ses masses.</translation>
        </message>
        <message>
            <source>Merge with a neighbour…</source>
            <translation>Réunir avec une voisine…</translation>
        </message>
        <message>
            <source>as warm as its neighbours</source>
            <translation>aussi chaude que ses voisines</translation>
        </message>
        <message>
            <source>warmer than its neighbours</source>
            <translation>plus chaude que ses voisines</translation>
        </message>
        <message>
            <source>cooler than its neighbours</source>
            <translation>plus froide que ses voisines</translation>
        </message>
        <message>
            <source>%1 % of the picture, value %2, %3, %4.</source>
            <translation>%1 % de l’image, valeur %2, %3, %4.</translation>
        </message>
        <message>
            <source>The focal point lies in the middle; a third is livelier.</source>
            <translation>Le point focal est au milieu ; un tiers est plus vivant.</translation>
        </message>
        <message>
            <source>How much, %</source>
            <translation>Combien, %</translation>
        </message>
        <message>
            <source>Colour of a mass, how much</source>
            <translation>Couleur d’une masse, combien</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MeasureSection</name>
        <message>
            <source>Centre line</source>
            <translation>Axe médian</translation>
        </message>
        <message>
            <source>Forget places</source>
            <translation>Oublier les repères</translation>
        </message>
        <message>
            <source>Draw a line on the subject, or mark two places with Space.</source>
            <translation>Tirer une ligne sur le sujet, ou marquer deux points avec Espace.</translation>
        </message>
        <message>
            <source>Test patch: click a colour of the subject.</source>
            <translation>Tache témoin : cliquer une couleur du sujet.</translation>
        </message>
        <message>
            <source>Grid</source>
            <translation>Grille</translation>
        </message>
        <message>
            <source>No grid</source>
            <translation>Pas de grille</translation>
        </message>
        <message>
            <source>Grid of %1 by %1</source>
            <translation>Grille de %1 sur %1</translation>
        </message>
        <message>
            <source>The colour on middle grey and in its place</source>
            <translation>La couleur sur gris moyen et à sa place</translation>
        </message>
        <message>
            <source>Length and angle</source>
            <translation>Longueur et angle</translation>
        </message>
        <message>
            <source>Compare two</source>
            <translation>Comparer deux</translation>
        </message>
        <message>
            <source>Two lengths, one against the other</source>
            <translation>Deux longueurs, l’une contre l’autre</translation>
        </message>
        <message>
            <source>Mark places</source>
            <translation>Marquer des repères</translation>
        </message>
        <message>
            <source>What lies under each other or on one level is said, here and at the easel</source>
            <translation>Ce qui est d’aplomb ou de niveau est dit, ici et au chevalet</translation>
        </message>
        <message>
            <source>Places forgotten</source>
            <translation>Repères oubliés</translation>
        </message>
        <message>
            <source>%1. Across %2, down %3.</source>
            <translation>%1. En largeur %2, en hauteur %3.</translation>
        </message>
        <message>
            <source>%1 and %2: the second is %3 the first (%4).</source>
            <translation>%1 et %2 : la seconde fait %3 la première (%4).</translation>
        </message>
        <message>
            <source>Mass %1, number %2 by height: %3, its width %4 its height; %5 from the left, %6 from the top.</source>
            <translation>Masse %1, numéro %2 en hauteur : %3, sa largeur fait %4 sa hauteur ; %5 de la gauche, %6 du haut.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MendingModel</name>
        <message>
            <source>%1. Then %2.</source>
            <translation>%1. Puis %2.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::NotesActions</name>
        <message>
            <source>Journal</source>
            <translation>Carnet</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Exercices</translation>
        </message>
        <message>
            <source>Keep the recipe of this colour</source>
            <translation>Garder la recette de cette couleur</translation>
        </message>
        <message>
            <source>Use the recipe kept last</source>
            <translation>Prendre la recette gardée en dernier</translation>
        </message>
        <message>
            <source>Keep the photograph of the work</source>
            <translation>Garder la photo du travail</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>Point at a colour first: the recipe that is kept is its own.</source>
            <translation>Montrer d’abord une couleur : c’est sa recette qui est gardée.</translation>
        </message>
        <message>
            <source>Kept: %1 Shift+K gives it to another colour you point at, here or in another picture.</source>
            <translation>Gardé : %1 Maj+K la donne à une autre couleur montrée, ici ou dans une autre image.</translation>
        </message>
        <message>
            <source>No recipe was kept or chosen yet: K keeps one, J shows them all.</source>
            <translation>Aucune recette n’est encore gardée ou choisie : K en garde une, J les montre toutes.</translation>
        </message>
        <message>
            <source>There is no photograph yet: open one at the stage Check.</source>
            <translation>Il n’y a pas encore de photo : en ouvrir une au stade « Contrôle ».</translation>
        </message>
        <message>
            <source>The photograph is in the journal.</source>
            <translation>La photo est dans le carnet.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::NoticeBar</name>
        <message>
            <source>Close</source>
            <translation>Fermer</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OffcutPage</name>
        <message>
            <source>All on one grey</source>
            <translation>Tous sur un même gris</translation>
        </message>
        <message>
            <source>Masks the papers to a common grey, so that the strips can be judged</source>
            <translation>Couvre les papiers d’un gris commun, pour juger les bandes</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Retour aux images</translation>
        </message>
        <message>
            <source>Offcut sheet: the most delicate colours, two layers of pan, pencil and stick</source>
            <translation>Feuille d’essai : les couleurs les plus délicates, deux couches de godet, de crayon et de bâton</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OffcutView</name>
        <message>
            <source>Offcut sheet: delicate colours on the papers that suit best</source>
            <translation>Feuille d’essai : les couleurs délicates sur les papiers qui conviennent le mieux</translation>
        </message>
        <message>
            <source>Point at a strip to see it large.</source>
            <translation>Montrer une bande pour la voir en grand.</translation>
        </message>
        <message>
            <source>Enter or a double click takes this paper.</source>
            <translation>Entrée ou un double clic prend ce papier.</translation>
        </message>
        <message>
            <source>none</source>
            <translation>aucun</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OwnColoursSection</name>
        <message>
            <source>Mood of the whole picture</source>
            <translation>Ambiance de toute l’image</translation>
        </message>
        <message>
            <source>How much, %</source>
            <translation>Combien, %</translation>
        </message>
        <message>
            <source>The colour that leads</source>
            <translation>La couleur qui mène</translation>
        </message>
        <message>
            <source>Colours of another picture…</source>
            <translation>Couleurs d’une autre image…</translation>
        </message>
        <message>
            <source>Give back</source>
            <translation>Rendre</translation>
        </message>
        <message>
            <source>A colour that comes back in every dark</source>
            <translation>Une couleur qui revient dans chaque ton foncé</translation>
        </message>
        <message>
            <source>Families for a drawing or a grey page</source>
            <translation>Familles pour un dessin ou une page grise</translation>
        </message>
        <message>
            <source>Show it as it is</source>
            <translation>Montrer tel quel</translation>
        </message>
        <message>
            <source>Give all back</source>
            <translation>Tout rendre</translation>
        </message>
        <message>
            <source>Mood: as seen</source>
            <translation>Ambiance : comme vue</translation>
        </message>
        <message>
            <source>More vivid</source>
            <translation>Plus vif</translation>
        </message>
        <message>
            <source>Quieter</source>
            <translation>Plus calme</translation>
        </message>
        <message>
            <source>Warm light, cool shadow</source>
            <translation>Lumière chaude, ombre froide</translation>
        </message>
        <message>
            <source>Cool light, warm shadow</source>
            <translation>Lumière froide, ombre chaude</translation>
        </message>
        <message>
            <source>Led by one colour</source>
            <translation>Mené par une couleur</translation>
        </message>
        <message>
            <source>For a grey page…</source>
            <translation>Pour une page grise…</translation>
        </message>
        <message>
            <source>Values of this subject, colours from there: a picture, or a work of yours</source>
            <translation>Les valeurs de ce sujet, les couleurs d’ailleurs : une image, ou un travail à vous</translation>
        </message>
        <message>
            <source>Mood</source>
            <translation>Ambiance</translation>
        </message>
        <message>
            <source>Mood, how much</source>
            <translation>Ambiance, combien</translation>
        </message>
        <message>
            <source>Leading colour</source>
            <translation>Couleur qui mène</translation>
        </message>
        <message>
            <source>Borrowed colours, how much</source>
            <translation>Couleurs empruntées, combien</translation>
        </message>
        <message>
            <source>Borrowed colours given back</source>
            <translation>Couleurs empruntées rendues</translation>
        </message>
        <message>
            <source>Returning colour</source>
            <translation>Couleur qui revient</translation>
        </message>
        <message>
            <source>Colours as the subject has them</source>
            <translation>Les couleurs comme les a le sujet</translation>
        </message>
        <message>
            <source>Colours of another picture</source>
            <translation>Couleurs d’une autre image</translation>
        </message>
        <message>
            <source>Pictures and works (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune)</source>
            <translation>Images et travaux (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune)</translation>
        </message>
        <message>
            <source>Reading its colours …</source>
            <translation>Lecture de ses couleurs…</translation>
        </message>
        <message>
            <source>Borrowed colours</source>
            <translation>Couleurs empruntées</translation>
        </message>
        <message>
            <source>Families of colour</source>
            <translation>Familles de couleurs</translation>
        </message>
        <message>
            <source>From %1</source>
            <translation>De %1</translation>
        </message>
        <message>
            <source>Led by …</source>
            <translation>Mené par…</translation>
        </message>
        <message>
            <source>No colour returns</source>
            <translation>Aucune couleur ne revient</translation>
        </message>
        <message>
            <source>The one chosen</source>
            <translation>Celle qui est choisie</translation>
        </message>
        <message>
            <source>Open a picture first.</source>
            <translation>Ouvrir d’abord une image.</translation>
        </message>
        <message>
            <source>This subject has no colours: give its masses families, or borrow a palette.</source>
            <translation>Ce sujet n’a pas de couleurs : donner des familles à ses masses, ou emprunter une palette.</translation>
        </message>
        <message>
            <source>Colours as the subject has them.</source>
            <translation>Les couleurs comme les a le sujet.</translation>
        </message>
        <message>
            <source>Values are kept.</source>
            <translation>Les valeurs sont gardées.</translation>
        </message>
        <message>
            <source>What the tray does not reach of them</source>
            <translation>Ce que le plateau n’en atteint pas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Pair</name>
        <message>
            <source>Subject</source>
            <translation>Sujet</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Aperçu</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PaperModel</name>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>%1, value %2, tooth %3</source>
            <translation>%1, valeur %2, accroche %3</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassModel</name>
        <message>
            <source>Fixative</source>
            <translation>Fixatif</translation>
        </message>
        <message>
            <source>Underpainting: %1</source>
            <translation>Sous-couche : %1</translation>
        </message>
        <message>
            <source>%1, rub</source>
            <translation>%1, estomper</translation>
        </message>
        <message>
            <source>sprayed</source>
            <translation>pulvérisé</translation>
        </message>
        <message>
            <source>coat</source>
            <translation>couche</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>posé</translation>
        </message>
        <message>
            <source>rubbed</source>
            <translation>estompé</translation>
        </message>
        <message>
            <source>Delicate: try it on an offcut first.</source>
            <translation>Délicat : essayer d’abord sur une chute.</translation>
        </message>
        <message>
            <source>No.</source>
            <translation>Nº</translation>
        </message>
        <message>
            <source>Stick</source>
            <translation>Bâton</translation>
        </message>
        <message>
            <source>Hand</source>
            <translation>Main</translation>
        </message>
        <message>
            <source>How</source>
            <translation>Comment</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Temps</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Masses</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassSection</name>
        <message>
            <source>Back</source>
            <translation>Retour</translation>
        </message>
        <message>
            <source>Next pass</source>
            <translation>Passe suivante</translation>
        </message>
        <message>
            <source>Planner's order</source>
            <translation>Ordre du planificateur</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Passes</translation>
        </message>
        <message>
            <source>Why here</source>
            <translation>Pourquoi ici</translation>
        </message>
        <message>
            <source>Pass moved</source>
            <translation>Passe déplacée</translation>
        </message>
        <message>
            <source>The bare paper.</source>
            <translation>Le papier nu.</translation>
        </message>
        <message>
            <source>Open a picture: its passes will stand here, each with its reasons.</source>
            <translation>Ouvrir une image : ses passes seront ici, chacune avec ses raisons.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassTable</name>
        <message>
            <source>Drag a pass to another place, or press Alt with up or down.</source>
            <translation>Glisser une passe ailleurs, ou presser Alt avec haut ou bas.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Peephole</name>
        <message>
            <source>Card with holes: the colours under the pointer</source>
            <translation>Carte trouée : les couleurs sous le pointeur</translation>
        </message>
        <message>
            <source>%1: %2, value %3. </source>
            <translation>%1 : %2, valeur %3. </translation>
        </message>
        <message>
            <source>Board: %1; %2</source>
            <translation>Aperçu : %1 ; %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PhotoSection</name>
        <message>
            <source>Photograph…</source>
            <translation>Photo…</translation>
        </message>
        <message>
            <source>Simulate one</source>
            <translation>En simuler une</translation>
        </message>
        <message>
            <source>Find corners</source>
            <translation>Trouver les coins</translation>
        </message>
        <message>
            <source>Tray laid on the margin</source>
            <translation>Plateau posé dans la marge</translation>
        </message>
        <message>
            <source>A photograph of the whole sheet, with bare paper all round the picture; where there is none, with printed corner marks (Print and export)</source>
            <translation>Une photo de toute la feuille, avec du papier nu tout autour de l’image ; où il n’y en a pas, avec des repères de coin imprimés (Imprimer et exporter)</translation>
        </message>
        <message>
            <source>Paints what is done with an unsteady, forgetful hand and photographs it: to try the check</source>
            <translation>Peint ce qui est fait d’une main incertaine et oublieuse et le photographie : pour essayer le contrôle</translation>
        </message>
        <message>
            <source>Passes that are done</source>
            <translation>Passes faites</translation>
        </message>
        <message>
            <source>Every stick of the tray side by side on the lower margin, dark to light, pressed firmly and rubbed in, twice: colours are judged by them</source>
            <translation>Chaque bâton du plateau côte à côte dans la marge du bas, du foncé au clair, appuyé et estompé, deux fois : les couleurs sont jugées d’après eux</translation>
        </message>
        <message>
            <source>Passes done</source>
            <translation>Passes faites</translation>
        </message>
        <message>
            <source>Open a picture first: a photograph of the work is held against its plan.</source>
            <translation>Ouvrir d’abord une image : une photo du travail est tenue contre son plan.</translation>
        </message>
        <message>
            <source>Looking at it …</source>
            <translation>Examen…</translation>
        </message>
        <message>
            <source>Say how many passes are done, here or at the easel, and photograph the whole sheet with its margin.</source>
            <translation>Dire combien de passes sont faites, ici ou au chevalet, et photographier toute la feuille avec sa marge.</translation>
        </message>
        <message>
            <source>Photograph the whole sheet with its margin, in even light, and drop the file here.</source>
            <translation>Photographier toute la feuille avec sa marge, sous une lumière égale, et déposer le fichier ici.</translation>
        </message>
        <message>
            <source>Say how many passes are done.</source>
            <translation>Dire combien de passes sont faites.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PracticePage</name>
        <message>
            <source>Begin</source>
            <translation>Commencer</translation>
        </message>
        <message>
            <source>drills</source>
            <translation>exercices</translation>
        </message>
        <message>
            <source>told apart</source>
            <translation>distingué</translation>
        </message>
        <message>
            <source>Leave it (Esc)</source>
            <translation>Quitter (Échap)</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Exercices</translation>
        </message>
        <message>
            <source>Practice: answer with the number keys</source>
            <translation>Exercices : répondre avec les chiffres</translation>
        </message>
        <message>
            <source>Drills</source>
            <translation>Exercices</translation>
        </message>
        <message>
            <source>Hues</source>
            <translation>Teintes</translation>
        </message>
        <message>
            <source>Over time</source>
            <translation>Au fil du temps</translation>
        </message>
        <message>
            <source>Screens differ, and a room's light with them: compare yourself with yourself, on this screen.</source>
            <translation>Les écrans diffèrent, et la lumière d’une pièce avec eux : se comparer à soi-même, sur cet écran.</translation>
        </message>
        <message>
            <source>Stick of stroke %1</source>
            <translation>Bâton du trait %1</translation>
        </message>
        <message>
            <source>How stroke %1 is laid</source>
            <translation>Comment le trait %1 est posé</translation>
        </message>
        <message>
            <source>light</source>
            <translation>léger</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>moyen</translation>
        </message>
        <message>
            <source>firm</source>
            <translation>appuyé</translation>
        </message>
        <message>
            <source>light, rubbed</source>
            <translation>léger, estompé</translation>
        </message>
        <message>
            <source>middle, rubbed</source>
            <translation>moyen, estompé</translation>
        </message>
        <message>
            <source>firm, rubbed</source>
            <translation>appuyé, estompé</translation>
        </message>
        <message>
            <source>Lay it</source>
            <translation>Le poser</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>rien</translation>
        </message>
        <message>
            <source>This drill is made from a picture of yours: open one first, with some masses in it.</source>
            <translation>Cet exercice se fait d’une image à vous : en ouvrir une d’abord, avec quelques masses.</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 sur %2</translation>
        </message>
        <message>
            <source>Right.</source>
            <translation>Juste.</translation>
        </message>
        <message>
            <source>It was %1.</source>
            <translation>C’était %1.</translation>
        </message>
        <message>
            <source>You came within %1 of it.</source>
            <translation>Approché à %1.</translation>
        </message>
        <message>
            <source>Drills are drawn here, one after the other.</source>
            <translation>Les exercices se tracent ici, l’un après l’autre.</translation>
        </message>
        <message>
            <source>None yet.</source>
            <translation>Encore aucun.</translation>
        </message>
        <message>
            <source>Last: %1, ± %2. %3</source>
            <translation>Dernier : %1, ± %2. %3</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>%1: %2.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SchoolPage</name>
        <message>
            <source>Back to the pair</source>
            <translation>Retour aux images</translation>
        </message>
        <message>
            <source>Four ways to build a picture, cut through the tooth of this paper with sticks of this tray</source>
            <translation>Quatre façons de bâtir une image, coupées dans l’accroche de ce papier avec des bâtons de ce plateau</translation>
        </message>
        <message>
            <source>Chosen</source>
            <translation>Choisie</translation>
        </message>
        <message>
            <source>Build this way</source>
            <translation>Bâtir ainsi</translation>
        </message>
        <message>
            <source>%1: build this way</source>
            <translation>%1 : bâtir ainsi</translation>
        </message>
        <message>
            <source>Usual for: %1</source>
            <translation>Usuelle pour : %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SchoolSection</name>
        <message>
            <source>Whole picture or one mass</source>
            <translation>Toute l’image ou une masse</translation>
        </message>
        <message>
            <source>School</source>
            <translation>École</translation>
        </message>
        <message>
            <source>Strokes broken or rubbed</source>
            <translation>Traits ouverts ou estompés</translation>
        </message>
        <message>
            <source>Order over the sheet</source>
            <translation>Ordre sur la feuille</translation>
        </message>
        <message>
            <source>About…</source>
            <translation>À propos…</translation>
        </message>
        <message>
            <source>About the schools</source>
            <translation>À propos des écoles</translation>
        </message>
        <message>
            <source>Far to near</source>
            <translation>De loin à près</translation>
        </message>
        <message>
            <source>Features first</source>
            <translation>L’important d’abord</translation>
        </message>
        <message>
            <source>For the whole picture</source>
            <translation>Pour toute l’image</translation>
        </message>
        <message>
            <source>Way of one mass</source>
            <translation>Façon d’une masse</translation>
        </message>
        <message>
            <source>As the picture</source>
            <translation>Comme l’image</translation>
        </message>
        <message>
            <source>As advised: %1</source>
            <translation>Comme conseillé : %1</translation>
        </message>
        <message>
            <source>As advised</source>
            <translation>Comme conseillé</translation>
        </message>
        <message>
            <source>Broken or rubbed</source>
            <translation>Ouvert ou estompé</translation>
        </message>
        <message>
            <source>Broken</source>
            <translation>Ouvert</translation>
        </message>
        <message>
            <source>Rubbed</source>
            <translation>Estompé</translation>
        </message>
        <message>
            <source>For %1</source>
            <translation>Pour %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Session</name>
        <message>
            <source>Wish for a stick</source>
            <translation>Souhait d’un bâton</translation>
        </message>
        <message>
            <source>That is more than a project keeps: %1 changes of masses, %2 marks. Undo some, or begin a new project.</source>
            <translation>C’est plus qu’un projet n’en garde : %1 changements de masses, %2 coches. En annuler, ou commencer un nouveau projet.</translation>
        </message>
        <message>
            <source>%1.</source>
            <translation>%1.</translation>
        </message>
        <message>
            <source>Proven tray</source>
            <translation>Plateau prouvé</translation>
        </message>
        <message>
            <source>Recipe by hand</source>
            <translation>Recette à la main</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetView</name>
        <message>
            <source>Back to the pair</source>
            <translation>Retour aux images</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetsActions</name>
        <message>
            <source>%1 is used up: say how much is left, then it can go into the tray.</source>
            <translation>%1 est épuisé : indiquez ce qu’il en reste, puis il ira dans le plateau.</translation>
        </message>
        <message>
            <source>%1 is not marked as owned, so no tray can hold it.</source>
            <translation>%1 n’est pas marqué comme possédé : aucun plateau ne peut le recevoir.</translation>
        </message>
        <message>
            <source>I own it</source>
            <translation>Je le possède</translation>
        </message>
        <message>
            <source>School</source>
            <translation>École</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>Collection</source>
            <translation>Collection</translation>
        </message>
        <message>
            <source>The papers are still being judged; try again in a moment.</source>
            <translation>Les papiers sont encore jugés ; réessayer dans un instant.</translation>
        </message>
        <message>
            <source>The subject on every paper, its background cut away; click one to work on it</source>
            <translation>Le sujet sur chaque papier, son fond découpé ; en cliquer un pour y travailler</translation>
        </message>
        <message>
            <source>Open a picture first: the schools are shown on its paper.</source>
            <translation>Ouvrir d’abord une image : les écoles sont montrées sur son papier.</translation>
        </message>
        <message>
            <source>Advised here: %1. %2</source>
            <translation>Conseillé ici : %1. %2</translation>
        </message>
        <message>
            <source>Sticks from a file</source>
            <translation>Bâtons d’un fichier</translation>
        </message>
        <message>
            <source>Palettes and measurements (*.gpl *.csv *.txt *.cgats *.it8 *.json);;All files (*)</source>
            <translation>Palettes et mesures (*.gpl *.csv *.txt *.cgats *.it8 *.json);;Tous les fichiers (*)</translation>
        </message>
        <message>
            <source>Save the sticks</source>
            <translation>Enregistrer les bâtons</translation>
        </message>
        <message>
            <source>Our collection (*.json);;CSV table (*.csv);;CGATS spectra (*.txt);;GIMP palette (*.gpl)</source>
            <translation>Notre collection (*.json);;Tableau CSV (*.csv);;Spectres CGATS (*.txt);;Palette GIMP (*.gpl)</translation>
        </message>
        <message>
            <source>What it would take is being worked out …</source>
            <translation>Calcul de ce qu’il faudrait en cours…</translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es), %1 min, %2</source>
            <translation>
                <numerusform>%n passe, %1 min, %2</numerusform>
                <numerusform>%n passes, %1 min, %2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::StackView</name>
        <message>
            <source>Stack from the side, and its speckle at true scale</source>
            <translation>L’empilement de côté, et sa moucheture à l’échelle</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Stages</name>
        <message>
            <source>Colour</source>
            <translation>Couleur</translation>
        </message>
        <message>
            <source>Course: the stages of the work</source>
            <translation>Parcours : les stades du travail</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StartSection</name>
        <message>
            <source>Forget marks</source>
            <translation>Oublier les marques</translation>
        </message>
        <message>
            <source>Mark what matters</source>
            <translation>Marquer ce qui compte</translation>
        </message>
        <message>
            <source>Masses are finer there, and the eye is led to it.</source>
            <translation>Les masses y sont plus fines, et l’œil y est mené.</translation>
        </message>
        <message>
            <source>Click what matters most in the picture, or draw a ring from its middle.</source>
            <translation>Cliquer ce qui compte le plus dans l’image, ou tirer un cercle depuis son milieu.</translation>
        </message>
        <message>
            <source>Marks forgotten</source>
            <translation>Marques oubliées</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StickModel</name>
        <message>
            <source>Take care with the dust: pigment named as a compound harmful if breathed or swallowed. Follow the product's safety data sheet.</source>
            <translation>Attention à la poussière : pigment composé, nocif s’il est respiré ou avalé. Suivre la fiche de sécurité du produit.</translation>
        </message>
        <message>
            <source>Stick</source>
            <translation>Bâton</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Genre</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valeur</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Passes</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StickSection</name>
        <message>
            <source>Owned (space)</source>
            <translation>Possédé (espace)</translation>
        </message>
        <message>
            <source>Favourite</source>
            <translation>Favori</translation>
        </message>
        <message>
            <source>The stick's stroke on the paper in use, light to firm</source>
            <translation>Le trait du bâton sur le papier employé, de léger à appuyé</translation>
        </message>
        <message>
            <source> %</source>
            <translation> %</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Genre</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Reste</translation>
        </message>
        <message>
            <source>Pigments</source>
            <translation>Pigments</translation>
        </message>
        <message>
            <source>Lightfastness</source>
            <translation>Tenue à la lumière</translation>
        </message>
        <message>
            <source>Choose a stick: its stroke and what is known of it stand here.</source>
            <translation>Choisir un bâton : son trait et ce qu’on en sait sont ici.</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, valeur %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StockSection</name>
        <message>
            <source>Sticks</source>
            <translation>Bâtons</translation>
        </message>
        <message>
            <source>What unfinished works take of each stick</source>
            <translation>Ce que les travaux inachevés prennent de chaque bâton</translation>
        </message>
        <message>
            <source>To get</source>
            <translation>À se procurer</translation>
        </message>
        <message>
            <source>not in a collection here</source>
            <translation>dans aucune collection ici</translation>
        </message>
        <message>
            <source>%1 mm left</source>
            <translation>reste %1 mm</translation>
        </message>
        <message>
            <source>%1
%2 mm needed, %3%4</source>
            <translation>%1
il faut %2 mm, %3%4</translation>
        </message>
        <message>
            <source> · runs out</source>
            <translation> · s’épuise</translation>
        </message>
        <message>
            <source>Nothing: no unfinished work needs what is not there.</source>
            <translation>Rien : aucun travail inachevé ne demande ce qui n’est pas là.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StrokeRows</name>
        <message>
            <source>The strokes of the passage</source>
            <translation>Les traits du passage</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1: %2, %3</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StrokeView</name>
        <message>
            <source>Mark: %1</source>
            <translation>Touche : %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SubjectPanel</name>
        <message>
            <source>Squint</source>
            <translation>Plisser</translation>
        </message>
        <message>
            <source>Most masses</source>
            <translation>Masses au plus</translation>
        </message>
        <message>
            <source>Value steps</source>
            <translation>Degrés de valeur</translation>
        </message>
        <message>
            <source>What the picture is</source>
            <translation>Ce qu’est l’image</translation>
        </message>
        <message>
            <source>Start here</source>
            <translation>Commencer ici</translation>
        </message>
        <message>
            <source>Half-closed eyes</source>
            <translation>Yeux mi-clos</translation>
        </message>
        <message>
            <source>Values</source>
            <translation>Valeurs</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Masses</translation>
        </message>
        <message>
            <source>Own colours</source>
            <translation>Couleurs à soi</translation>
        </message>
        <message>
            <source>Light and crop</source>
            <translation>Lumière et cadrage</translation>
        </message>
        <message>
            <source>Measure</source>
            <translation>Mesurer</translation>
        </message>
        <message>
            <source>Which way values are counted</source>
            <translation>Comment les valeurs sont comptées</translation>
        </message>
        <message>
            <source>1 is black</source>
            <translation>1 est le noir</translation>
        </message>
        <message>
            <source>1 is white</source>
            <translation>1 est le blanc</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>Warmth</source>
            <translation>Chaleur</translation>
        </message>
        <message>
            <source>contrast %1 of nine</source>
            <translation>contraste %1 sur neuf</translation>
        </message>
        <message>
            <source>Things</source>
            <translation>Choses</translation>
        </message>
        <message>
            <source>How large a sheet</source>
            <translation>Quelle taille de feuille</translation>
        </message>
        <message>
            <source>Thumbnails</source>
            <translation>Vignettes</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SubjectTools</name>
        <message>
            <source>Click what ought to be grey (or Space at the cross). Escape: leave it.</source>
            <translation>Cliquer ce qui devrait être gris (ou Espace à la croix). Échap : laisser.</translation>
        </message>
        <message>
            <source>Click what ought to be white (or Space at the cross). Escape: leave it.</source>
            <translation>Cliquer ce qui devrait être blanc (ou Espace à la croix). Échap : laisser.</translation>
        </message>
        <message>
            <source>Draw the line that splits mass %1, or mark its two ends with Space.</source>
            <translation>Tirer la ligne qui divise la masse %1, ou marquer ses deux bouts avec Espace.</translation>
        </message>
        <message>
            <source>Paint what belongs to mass %1. Escape: done.</source>
            <translation>Peindre ce qui appartient à la masse %1. Échap : fini.</translation>
        </message>
        <message>
            <source>Draw from the middle of what matters to its rim, or click it. Escape: leave it.</source>
            <translation>Tirer du milieu de ce qui compte à son bord, ou cliquer. Échap : laisser.</translation>
        </message>
        <message>
            <source>Draw a line to measure, or mark its two ends with Space. Escape: done.</source>
            <translation>Tirer une ligne à mesurer, ou marquer ses deux bouts avec Espace. Échap : fini.</translation>
        </message>
        <message>
            <source>Click places to set out by; what lies plumb or level is said. Escape: done.</source>
            <translation>Cliquer des repères pour placer ; ce qui est d’aplomb ou de niveau est dit. Échap : fini.</translation>
        </message>
        <message>
            <source>Draw the first length, then the second. Escape: done.</source>
            <translation>Tirer la première longueur, puis la seconde. Échap : fini.</translation>
        </message>
        <message>
            <source>Split by a line</source>
            <translation>Diviser par une ligne</translation>
        </message>
        <message>
            <source>Painted border</source>
            <translation>Limite peinte</translation>
        </message>
        <message>
            <source>Place to set out by</source>
            <translation>Repère pour placer</translation>
        </message>
        <message>
            <source>What matters</source>
            <translation>Ce qui compte</translation>
        </message>
        <message>
            <source>White picked</source>
            <translation>Blanc montré</translation>
        </message>
        <message>
            <source>Grey picked</source>
            <translation>Gris montré</translation>
        </message>
        <message>
            <source>Draw roughly round the thing, a little outside it. Escape: leave it.</source>
            <translation>Tracez à peu près autour de la chose, un peu en dehors. Échap : laisser.</translation>
        </message>
        <message>
            <source>Draw over what belongs to it too. Escape: done.</source>
            <translation>Passez sur ce qui en fait partie aussi. Échap : terminé.</translation>
        </message>
        <message>
            <source>Draw over what does not belong to it. Escape: done.</source>
            <translation>Passez sur ce qui n’en fait pas partie. Échap : terminé.</translation>
        </message>
        <message>
            <source>Thing</source>
            <translation>Chose</translation>
        </message>
        <message>
            <source>This too</source>
            <translation>Ceci aussi</translation>
        </message>
        <message>
            <source>Not this</source>
            <translation>Pas ceci</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TimeRibbon</name>
        <message>
            <source>The sittings and what they are spent on</source>
            <translation>Les séances et à quoi elles passent</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TimesSection</name>
        <message>
            <source>Your times</source>
            <translation>Vos temps</translation>
        </message>
        <message>
            <source>Plan with my times</source>
            <translation>Planifier avec mes temps</translation>
        </message>
        <message>
            <source>Minutes at the easel against the plan's</source>
            <translation>Les minutes au chevalet contre celles du plan</translation>
        </message>
        <message>
            <source>Hands measured by offcuts</source>
            <translation>Mains mesurées par des chutes</translation>
        </message>
        <message>
            <source>None yet: Ground, Your hand.</source>
            <translation>Encore aucune : Support, Votre main.</translation>
        </message>
        <message>
            <source>The plan counts with your times.</source>
            <translation>Le plan compte avec vos temps.</translation>
        </message>
        <message>
            <source>Half of all passes took you this much longer or shorter than we said. Each was foretold from the others.</source>
            <translation>La moitié des passes vous a pris d’autant plus ou moins que nous ne disions. Chacune a été prévue d’après les autres.</translation>
        </message>
        <message numerus="yes">
            <source>After %n timed pass(es) your own times can replace our guess.</source>
            <translation>
                <numerusform>Après %n passe chronométrée vos propres temps peuvent remplacer notre estimation.</numerusform>
                <numerusform>Après %n passes chronométrées vos propres temps peuvent remplacer notre estimation.</numerusform>
            </translation>
        </message>
        <message>
            <source>Plan with the usual times</source>
            <translation>Planifier avec les temps usuels</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TrayPanel</name>
        <message>
            <source>Most sticks in the tray</source>
            <translation>Bâtons dans le plateau au plus</translation>
        </message>
        <message>
            <source>sticks</source>
            <translation>bâtons</translation>
        </message>
        <message>
            <source>difference left</source>
            <translation>écart qui reste</translation>
        </message>
        <message>
            <source>Price of a further medium</source>
            <translation>Prix d’un médium de plus</translation>
        </message>
        <message>
            <source>Wish that colours return</source>
            <translation>Souhait que des couleurs reviennent</translation>
        </message>
        <message>
            <source>What the tray reaches</source>
            <translation>Ce que le plateau atteint</translation>
        </message>
        <message>
            <source>Sticks of the tray</source>
            <translation>Bâtons du plateau</translation>
        </message>
        <message>
            <source>The curve of errors is being drawn.</source>
            <translation>La courbe des erreurs se trace.</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Plateau</translation>
        </message>
        <message>
            <source>How many</source>
            <translation>Combien</translation>
        </message>
        <message>
            <source>Out of reach</source>
            <translation>Hors d’atteinte</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Bâtons</translation>
        </message>
        <message>
            <source>Value by hue</source>
            <translation>Valeur par teinte</translation>
        </message>
        <message>
            <source>One mass</source>
            <translation>Une masse</translation>
        </message>
        <message>
            <source>Wishes</source>
            <translation>Souhaits</translation>
        </message>
        <message>
            <source>Sticks in the tray</source>
            <translation>Bâtons dans le plateau</translation>
        </message>
        <message>
            <source>Collection</source>
            <translation>Collection</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Modifier</translation>
        </message>
        <message>
            <source>Import…</source>
            <translation>Importer…</translation>
        </message>
        <message>
            <source>Photograph a box…</source>
            <translation>Photographier une boîte…</translation>
        </message>
        <message>
            <source>Export…</source>
            <translation>Exporter…</translation>
        </message>
        <message>
            <source>Must have</source>
            <translation>Doit y être</translation>
        </message>
        <message>
            <source>Not this one</source>
            <translation>Pas celui-ci</translation>
        </message>
        <message>
            <source>The chosen stick stays in the tray</source>
            <translation>Le bâton choisi reste dans le plateau</translation>
        </message>
        <message>
            <source>The chosen stick is left out</source>
            <translation>Le bâton choisi est omis</translation>
        </message>
        <message>
            <source>%1: %2, value %3</source>
            <translation>%1 : %2, valeur %3</translation>
        </message>
        <message>
            <source>Sticks asked for or left out</source>
            <translation>Bâtons demandés ou omis</translation>
        </message>
        <message>
            <source>Drop this wish</source>
            <translation>Abandonner ce souhait</translation>
        </message>
        <message>
            <source>Price of a medium</source>
            <translation>Prix d’un médium</translation>
        </message>
        <message>
            <source>Mass</source>
            <translation>Masse</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>must have: %1</source>
            <translation>doit y être : %1</translation>
        </message>
        <message>
            <source>not: %1</source>
            <translation>pas : %1</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), dark to light</source>
            <translation>
                <numerusform>%n bâton, du foncé au clair</numerusform>
                <numerusform>%n bâtons, du foncé au clair</numerusform>
            </translation>
        </message>
        <message>
            <source>How near this tray is to the best possible is worked out last.</source>
            <translation>À quel point ce plateau est proche du meilleur possible se calcule en dernier.</translation>
        </message>
        <message>
            <source>%1 of %2: one more is not worth its passes</source>
            <translation>%1 sur %2 : un de plus ne vaut pas ses passes</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TrayView</name>
        <message>
            <source>The tray, from dark to light</source>
            <translation>Le plateau, du foncé au clair</translation>
        </message>
        <message>
            <source>%1, in the hand</source>
            <translation>%1, en main</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ValueStrip</name>
        <message>
            <source>Values: the area of each of nine greys</source>
            <translation>Valeurs : la surface de chacun de neuf gris</translation>
        </message>
        <message>
            <source>value %1: %2 %</source>
            <translation>valeur %1 : %2 %</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WarmthBand</name>
        <message>
            <source>Warm against cool</source>
            <translation>Chaud contre froid</translation>
        </message>
        <message>
            <source>warm %1 %, cool %2 %</source>
            <translation>chaud %1 %, froid %2 %</translation>
        </message>
        <message>
            <source>warm %1 %</source>
            <translation>chaud %1 %</translation>
        </message>
        <message>
            <source>cool %1 %</source>
            <translation>froid %1 %</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WishSection</name>
        <message>
            <source>How long</source>
            <translation>Combien de temps</translation>
        </message>
        <message>
            <source>As long as it takes</source>
            <translation>Autant qu’il faut</translation>
        </message>
        <message>
            <source>A sketch, 30 min</source>
            <translation>Une esquisse, 30 min</translation>
        </message>
        <message>
            <source>1 hour</source>
            <translation>1 heure</translation>
        </message>
        <message>
            <source>2 hours</source>
            <translation>2 heures</translation>
        </message>
        <message>
            <source>4 hours</source>
            <translation>4 heures</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Passes</translation>
        </message>
        <message>
            <source>as needed</source>
            <translation>au besoin</translation>
        </message>
        <message>
            <source>Hand</source>
            <translation>Main</translation>
        </message>
        <message>
            <source>steady</source>
            <translation>sûre</translation>
        </message>
        <message>
            <source>usual</source>
            <translation>usuelle</translation>
        </message>
        <message>
            <source>unsteady</source>
            <translation>incertaine</translation>
        </message>
        <message>
            <source>How far off a pressure is: by 5, 15 or 25 %. Recipes are chosen so that this does little harm.</source>
            <translation>De combien une pression se trompe : de 5, 15 ou 25 %. Les recettes sont choisies pour que cela nuise peu.</translation>
        </message>
        <message>
            <source>Passes, at most</source>
            <translation>Passes au plus</translation>
        </message>
        <message>
            <source>What is wished of the plan</source>
            <translation>Ce qu’on souhaite du plan</translation>
        </message>
        <message>
            <source>1 1/2 hours</source>
            <translation>1 h 30</translation>
        </message>
        <message>
            <source>3 hours</source>
            <translation>3 heures</translation>
        </message>
        <message>
            <source>6 hours</source>
            <translation>6 heures</translation>
        </message>
        <message>
            <source>10 hours</source>
            <translation>10 heures</translation>
        </message>
        <message>
            <source>20 hours</source>
            <translation>20 heures</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WorkDetails</name>
        <message>
            <source>Subject</source>
            <translation>Sujet</translation>
        </message>
        <message>
            <source>Board as planned</source>
            <translation>Aperçu comme prévu</translation>
        </message>
        <message>
            <source>The work</source>
            <translation>Le travail</translation>
        </message>
        <message>
            <source>Recipes and photographs of this work</source>
            <translation>Recettes et photos de ce travail</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Ouvrir</translation>
        </message>
        <message>
            <source>Borrow its colours</source>
            <translation>Emprunter ses couleurs</translation>
        </message>
        <message>
            <source>Wear off its sticks</source>
            <translation>User ses bâtons</translation>
        </message>
        <message>
            <source>A note on this work</source>
            <translation>Une note sur ce travail</translation>
        </message>
        <message>
            <source>Add a note</source>
            <translation>Ajouter une note</translation>
        </message>
        <message>
            <source>Sittings</source>
            <translation>Séances</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>Notes</translation>
        </message>
        <message>
            <source>Takes off each stick what this work used, by the loads its plan lays</source>
            <translation>Ôte à chaque bâton ce que ce travail a usé, d’après les charges de son plan</translation>
        </message>
        <message>
            <source>Take out…</source>
            <translation>Sortir…</translation>
        </message>
        <message>
            <source>A folder as a zip: the text with its pictures, passes, recipes, the plan</source>
            <translation>Un dossier en zip : le texte avec ses images, passes, recettes, le plan</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Oublier</translation>
        </message>
        <message>
            <source>Out of the journal; recipes and the project's own file stay</source>
            <translation>Hors du carnet ; les recettes et le fichier du projet restent</translation>
        </message>
        <message>
            <source>For the picture that is open: its values, the colours of this work</source>
            <translation>Pour l’image ouverte : ses valeurs, les couleurs de ce travail</translation>
        </message>
        <message>
            <source>None yet.</source>
            <translation>Encore aucun.</translation>
        </message>
        <message>
            <source>It was not saved, or its file is elsewhere now.</source>
            <translation>Il n’a pas été enregistré, ou son fichier est ailleurs.</translation>
        </message>
        <message>
            <source>Take the work out</source>
            <translation>Sortir le travail</translation>
        </message>
        <message>
            <source>Folder as a zip (*.zip)</source>
            <translation>Dossier en zip (*.zip)</translation>
        </message>
        <message>
            <source>Notes on this work, to be changed with F2</source>
            <translation>Notes sur ce travail, à changer avec F2</translation>
        </message>
        <message>
            <source>Double click or F2 changes a note; one without words goes</source>
            <translation>Double clic ou F2 change une note ; sans mots, elle s’en va</translation>
        </message>
    </context>
    <context>
        <name>yd::exports</name>
        <message>
            <source>pan colour</source>
            <translation>couleur en godet</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>crayon</translation>
        </message>
        <message>
            <source>hard stick</source>
            <translation>bâton dur</translation>
        </message>
        <message>
            <source>soft stick</source>
            <translation>bâton tendre</translation>
        </message>
        <message>
            <source>charcoal</source>
            <translation>fusain</translation>
        </message>
        <message>
            <source>as an undertone</source>
            <translation>en sous-ton</translation>
        </message>
        <message>
            <source>as a complement that greys</source>
            <translation>en complémentaire qui grise</translation>
        </message>
        <message>
            <source>as a thin veil</source>
            <translation>en voile mince</translation>
        </message>
        <message>
            <source>as an accent</source>
            <translation>en accent</translation>
        </message>
        <message>
            <source>Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.</source>
            <translation>Suivre la fiche de sécurité du produit et les règles locales ; en cas de doute, demander à une personne qualifiée.</translation>
        </message>
        <message>
            <source>Fixative</source>
            <translation>Fixatif</translation>
        </message>
        <message>
            <source>workable, thin</source>
            <translation>retravaillable, mince</translation>
        </message>
        <message>
            <source>sprayed from arm's length, the rest of the sheet covered</source>
            <translation>pulvérisé à bout de bras, le reste de la feuille couvert</translation>
        </message>
        <message>
            <source>Underpainting: %1</source>
            <translation>Sous-couche : %1</translation>
        </message>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>rubbed in</source>
            <translation>estompé</translation>
        </message>
        <message>
            <source>laid broken</source>
            <translation>posé ouvert</translation>
        </message>
        <message>
            <source>Delicate: try it on an offcut first.</source>
            <translation>Délicat : essayer d’abord sur une chute.</translation>
        </message>
        <message>
            <source>place %1 of %2 in the tray, from dark to light</source>
            <translation>place %1 sur %2 dans le plateau, du foncé au clair</translation>
        </message>
        <message>
            <source>, hardly touching: nothing pressed that may have to come off</source>
            <translation>, en touchant à peine : rien d’appuyé qui doive peut-être repartir</translation>
        </message>
        <message>
            <source>; %1 in %2</source>
            <translation> ; %1 dans %2</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, valeur %2</translation>
        </message>
        <message>
            <source>%1 % of the tooth left</source>
            <translation>%1 % de l’accroche reste</translation>
        </message>
        <message>
            <source>Flammable vapour: outdoors or under extraction, no flame, spark or heat near; never near a heat gun; let it clear before going on.</source>
            <translation>Vapeurs inflammables : dehors ou sous extraction, ni flamme, ni étincelle, ni chaleur auprès ; jamais près d’un pistolet à air chaud ; laisser se dissiper avant de continuer.</translation>
        </message>
        <message>
            <source>This pigment is harmful if breathed or swallowed: dust mask, no food or drink, wash your hands.</source>
            <translation>Ce pigment est nocif s’il est respiré ou avalé : masque, ni manger ni boire, se laver les mains.</translation>
        </message>
        <message>
            <source>Sharpening: the knife away from the body.</source>
            <translation>Taille : le couteau loin du corps.</translation>
        </message>
        <message>
            <source>Dust: tip it off, do not blow; wipe up damp.</source>
            <translation>Poussière : la faire tomber, ne pas souffler ; essuyer humide.</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>environ %1</translation>
        </message>
        <message>
            <source>Wait %1: what is below has to be dry.</source>
            <translation>Attendre %1 : ce qui est dessous doit être sec.</translation>
        </message>
        <message>
            <source>A dryer kept moving brings it to %1.</source>
            <translation>Un séchoir tenu en mouvement le ramène à %1.</translation>
        </message>
        <message>
            <source>No heat and no flame: the vapour burns.</source>
            <translation>Ni chaleur ni flamme : les vapeurs brûlent.</translation>
        </message>
        <message>
            <source>Dries in about %1; the next pass lies elsewhere meanwhile.</source>
            <translation>Sèche en environ %1 ; la passe suivante est ailleurs entre-temps.</translation>
        </message>
        <message>
            <source>%1 more</source>
            <translation>%1 de plus</translation>
        </message>
        <message>
            <source>Also after %1.</source>
            <translation>Aussi après %1.</translation>
        </message>
        <message>
            <source>%1 min</source>
            <translation>%1 min</translation>
        </message>
        <message>
            <source>%1:%2 h</source>
            <translation>%1:%2 h</translation>
        </message>
        <message numerus="yes">
            <source>%n day(s)</source>
            <translation>
                <numerusform>%n jour</numerusform>
                <numerusform>%n jours</numerusform>
            </translation>
        </message>
        <message>
            <source>Dust: do not blow it. Tip the board over a bin or let it fall into a trough below an upright easel; wipe up damp; a dust mask for long or dry-sanding work; no food or drink; wash hands; barrier cream or gloves; keep from children and pets.</source>
            <translation>Poussière : ne pas la souffler. Pencher la planche sur une poubelle ou la laisser tomber dans une gouttière sous un chevalet droit ; essuyer humide ; un masque pour un long travail ou un ponçage à sec ; ni manger ni boire ; se laver les mains ; crème de protection ou gants ; à l’écart des enfants et des animaux.</translation>
        </message>
        <message>
            <source>Pigments harmful if breathed or swallowed in this tray: %1.</source>
            <translation>Pigments nocifs s’ils sont respirés ou avalés dans ce plateau : %1.</translation>
        </message>
        <message>
            <source>Underpainting, %1: %2</source>
            <translation>Sous-couche, %1 : %2</translation>
        </message>
        <message>
            <source>Fixative: flammable vapour. Outdoors or under extraction, no flame, spark or heat near; never spray near a heat gun; let it clear before going on.</source>
            <translation>Fixatif : vapeurs inflammables. Dehors ou sous extraction, ni flamme, ni étincelle, ni chaleur auprès ; ne jamais pulvériser près d’un pistolet à air chaud ; laisser se dissiper avant de continuer.</translation>
        </message>
        <message>
            <source>Heat gun: never on a surface wet with alcohol or solvent; keep it moving; paper scorches.</source>
            <translation>Pistolet à air chaud : jamais sur une surface mouillée d’alcool ou de solvant ; le garder en mouvement ; le papier brûle.</translation>
        </message>
        <message>
            <source>Knife: sharpen away from the body. Sanding a stick for powder: mask.</source>
            <translation>Couteau : tailler loin du corps. Poncer un bâton en poudre : masque.</translation>
        </message>
        <message>
            <source>Body: change posture, rest eyes and wrist; take the breaks of the plan.</source>
            <translation>Corps : changer de posture, reposer les yeux et le poignet ; prendre les pauses du plan.</translation>
        </message>
        <message>
            <source>, rubbed in</source>
            <translation>, estompé</translation>
        </message>
        <message>
            <source>, on %1 % of it</source>
            <translation>, sur %1 % d’elle</translation>
        </message>
        <message>
            <source>Fix, let it dry, then </source>
            <translation>Fixer, laisser sécher, puis </translation>
        </message>
        <message>
            <source>Leave the paper as it is.</source>
            <translation>Laisser le papier tel quel.</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 à %2</translation>
        </message>
        <message>
            <source>side</source>
            <translation>flanc</translation>
        </message>
        <message>
            <source>end</source>
            <translation>bout</translation>
        </message>
        <message>
            <source>tilted end</source>
            <translation>bout incliné</translation>
        </message>
        <message>
            <source>edge</source>
            <translation>arête</translation>
        </message>
        <message>
            <source>point</source>
            <translation>pointe</translation>
        </message>
        <message>
            <source>sponge</source>
            <translation>éponge</translation>
        </message>
        <message>
            <source>beside the tray</source>
            <translation>à côté du plateau</translation>
        </message>
        <message>
            <source>foam</source>
            <translation>mousse</translation>
        </message>
        <message>
            <source>stump</source>
            <translation>estompe</translation>
        </message>
        <message>
            <source>rubber tip</source>
            <translation>pointe en caoutchouc</translation>
        </message>
        <message>
            <source>%1 s</source>
            <translation>%1 s</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1 : %2, %3</translation>
        </message>
        <message numerus="yes">
            <source>%1 %2 mm, %n mark(s)</source>
            <translation>
                <numerusform>%1 %2 mm, %n trait</numerusform>
                <numerusform>%1 %2 mm, %n traits</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 in the darks, %2 in the lights</source>
            <translation>%1 dans les sombres, %2 dans les clairs</translation>
        </message>
        <message>
            <source>%1 in the lights, %2 in the darks</source>
            <translation>%1 dans les clairs, %2 dans les sombres</translation>
        </message>
        <message>
            <source>%1%2: %3%4%5.</source>
            <translation>%1%2 : %3%4%5.</translation>
        </message>
        <message>
            <source>%1, %2 in places</source>
            <translation>%1, %2 par endroits</translation>
        </message>
        <message numerus="yes">
            <source>%n more on the map</source>
            <translation>
                <numerusform>%n autre sur la carte</numerusform>
                <numerusform>%n autres sur la carte</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::ThingSection</name>
        <message>
            <source>Draw round a thing</source>
            <translation>Entourer une chose</translation>
        </message>
        <message>
            <source>This too</source>
            <translation>Ceci aussi</translation>
        </message>
        <message>
            <source>Not this</source>
            <translation>Pas ceci</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Oublier</translation>
        </message>
        <message>
            <source>Thing forgotten</source>
            <translation>Chose oubliée</translation>
        </message>
        <message>
            <source>Name of a thing</source>
            <translation>Nom d’une chose</translation>
        </message>
        <message>
            <source>What a thing is</source>
            <translation>Ce qu’est une chose</translation>
        </message>
        <message>
            <source>How much a thing matters</source>
            <translation>Importance d’une chose</translation>
        </message>
        <message>
            <source>Things</source>
            <translation>Choses</translation>
        </message>
        <message>
            <source>Name of the thing</source>
            <translation>Nom de la chose</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Ce que c’est</translation>
        </message>
        <message>
            <source>How much it matters</source>
            <translation>Son importance</translation>
        </message>
        <message>
            <source>What matters gets more masses and finer ones, what is let go fewer.</source>
            <translation>Ce qui compte reçoit des masses plus nombreuses et plus fines, ce qui s’efface en reçoit moins.</translation>
        </message>
        <message>
            <source>Draw roughly round what is one thing; its border is found.</source>
            <translation>Tracer à peu près autour de ce qui est une chose ; son bord est trouvé.</translation>
        </message>
        <message>
            <source>Draw roughly round what is one thing: its masses stay within it.</source>
            <translation>Tracez à peu près autour de ce qui est une chose : ses masses y restent.</translation>
        </message>
        <message>
            <source>From a mass</source>
            <translation>D’une masse</translation>
        </message>
        <message>
            <source>The mass chosen in its list becomes a thing.</source>
            <translation>La masse choisie dans sa liste devient une chose.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LikenessSection</name>
        <message>
            <source>hours</source>
            <translation>heures</translation>
        </message>
        <message>
            <source>difference across the room</source>
            <translation>écart vu de loin</translation>
        </message>
        <message>
            <source>Work it out</source>
            <translation>Calculer</translation>
        </message>
        <message>
            <source>To the knee</source>
            <translation>Jusqu&apos;au coude</translation>
        </message>
        <message>
            <source>As long as it is worth</source>
            <translation>Tant que cela vaut la peine</translation>
        </message>
        <message>
            <source>What does another half hour buy? Working it out takes some seconds.</source>
            <translation>Qu&apos;apporte une demi-heure de plus ? Le calcul prend quelques secondes.</translation>
        </message>
        <message>
            <source>What is wished of the plan</source>
            <translation>Souhaits pour le plan</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetSection</name>
        <message>
            <source>Longer side, cm</source>
            <translation>Grand côté, cm</translation>
        </message>
        <message>
            <source>Frame it in the picture</source>
            <translation>L’encadrer dans l’image</translation>
        </message>
        <message>
            <source>As large as that takes</source>
            <translation>Aussi grand qu’il le faut</translation>
        </message>
        <message>
            <source>Size of the sheet</source>
            <translation>Taille de la feuille</translation>
        </message>
        <message>
            <source>The picture: %1</source>
            <translation>L’image : %1</translation>
        </message>
    </context>
    <context>
        <name>Narrow</name>
        <message>
            <source>The picture shows nothing finer than the finest mark.</source>
            <translation>L’image ne montre rien de plus fin que la touche la plus fine.</translation>
        </message>
        <message>
            <source>Nothing is finer than the finest mark, %1 mm.</source>
            <translation>Rien n’est plus fin que la touche la plus fine, %1 mm.</translation>
        </message>
        <message>
            <source>Lines and spots finer than the finest mark, %1 mm: %2. From %3 on nine tenths of them can be drawn.</source>
            <translation>Lignes et taches plus fines que la touche la plus fine, %1 mm : %2. À partir de %3, on peut en dessiner neuf dixièmes.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::FewValues</name>
        <message>
            <source>The picture in three and in five values</source>
            <translation>L’image en trois et en cinq valeurs</translation>
        </message>
        <message>
            <source>They follow the picture.</source>
            <translation>Elles suivent l’image.</translation>
        </message>
        <message>
            <source>three values</source>
            <translation>trois valeurs</translation>
        </message>
        <message>
            <source>five values</source>
            <translation>cinq valeurs</translation>
        </message>
    </context>
    <context>
        <name>Special</name>
        <message>
            <source>%1: the iris as a ring, lighter opposite the catchlight, rays from the pupil outwards; the lid&apos;s shadow over ball and iris; the pupil with a soft rim. The catchlight is kept free and set last, a sharpened white turned on the spot. The other eye at once.</source>
            <translation>%1 : l’iris en anneau, plus clair à l’opposé du reflet, des rayons de la pupille vers le dehors ; l’ombre de la paupière sur le globe et l’iris ; la pupille au bord doux. Le reflet reste libre et vient en dernier, un blanc taillé tourné sur place. L’autre œil aussitôt.</translation>
        </message>
        <message>
            <source>%1: soft transitions, small circles, hardly any pressure; blue or violet in the shadows, olive where it is too red; whites of eyes and teeth are greyed.</source>
            <translation>%1 : des passages doux, de petits cercles, presque sans pression ; du bleu ou du violet dans les ombres, de l’olive où c’est trop rouge ; le blanc des yeux et des dents est grisé.</translation>
        </message>
        <message>
            <source>%1: clumps first, their shadow shapes, then their lights; flicked from root to tip so that a stroke thins out, turned with the growth. A darker companion under a light hair; a few stand for all.</source>
            <translation>%1 : d’abord les touffes, leurs formes d’ombre, puis leurs lumières ; d’un coup de la racine à la pointe pour que le trait s’amincisse, tourné avec la pousse. Un compagnon plus sombre sous un poil clair ; quelques-uns valent pour tous.</translation>
        </message>
        <message>
            <source>%1: dashes the way it grows, never one long line; a few edges drawn, the rest suggested.</source>
            <translation>%1 : des traits courts dans le sens de la pousse, jamais une longue ligne ; quelques bords dessinés, le reste suggéré.</translation>
        </message>
        <message>
            <source>%1: towards and away from the centre, never round and round; white under where a light glows.</source>
            <translation>%1 : vers le centre et depuis lui, jamais en rond ; du blanc dessous où une lumière rayonne.</translation>
        </message>
        <message>
            <source>%1: clumps by their darks and lights; raw green broken with violet, red-brown or grey; single leaves only where the form ends.</source>
            <translation>%1 : des masses par leurs sombres et leurs clairs ; le vert cru rompu de violet, de brun-rouge ou de gris ; des feuilles isolées seulement où la forme finit.</translation>
        </message>
        <message>
            <source>%1: along its form; firm where the light strikes, let off towards the middle tone.</source>
            <translation>%1 : le long de la forme ; appuyé où la lumière frappe, relâché vers le ton moyen.</translation>
        </message>
        <message>
            <source>%1: what lies behind it, a shade darker or cooler; few hard edges; the spark last, a sharp point turned on the spot.</source>
            <translation>%1 : ce qui est derrière, un peu plus sombre ou plus froid ; peu de bords durs ; l’éclat en dernier, une pointe vive tournée sur place.</translation>
        </message>
        <message>
            <source>%1: darks and lights side by side along the form, hard between them; the spark last.</source>
            <translation>%1 : sombres et clairs côte à côte le long de la forme, nets entre eux ; l’éclat en dernier.</translation>
        </message>
        <message>
            <source>%1: folds with the edge along their run; lights pressed on the ridge and let off below.</source>
            <translation>%1 : les plis avec l’arête, dans leur sens ; les lumières appuyées sur la crête et relâchées dessous.</translation>
        </message>
        <message>
            <source>%1: verticals plumb, walls broad; the sharpest edges at the focus; windows last, not all of them.</source>
            <translation>%1 : verticales d’aplomb, murs larges ; les bords les plus nets au point d’intérêt ; les fenêtres en dernier, pas toutes.</translation>
        </message>
        <message>
            <source>%1: level strokes; it repeats the colours above it, mirrored, pulled straight down.</source>
            <translation>%1 : des traits horizontaux ; elle répète les couleurs du dessus, en miroir, tirées droit vers le bas.</translation>
        </message>
        <message>
            <source>%1: darkest overhead, lighter towards the horizon and towards the sun; the broad side.</source>
            <translation>%1 : le plus sombre en haut, plus clair vers l’horizon et vers le soleil ; le côté large.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PapersSection</name>
        <message>
            <source>Plan it on the three best</source>
            <translation>Le planifier sur les trois meilleurs</translation>
        </message>
        <message>
            <source>The picture on other papers, the nearest first</source>
            <translation>L’image sur d’autres papiers, la plus proche d’abord</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papier</translation>
        </message>
        <message>
            <source>What is begun stays on its paper.</source>
            <translation>Ce qui est commencé reste sur son papier.</translation>
        </message>
        <message>
            <source>What would another paper bring? Working it out takes some plans&apos; time.</source>
            <translation>Qu’apporterait un autre papier ? Le calcul prend le temps de quelques plans.</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1 : %2, %3</translation>
        </message>
        <message>
            <source>None would bring more than this one: %1.</source>
            <translation>Aucun n’apporterait plus que celui-ci : %1.</translation>
        </message>
    </context>
</TS>
