<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
    <context>
        <name>Checked</name>
        <message>
            <source>very lightly</source>
            <translation>muy suave</translation>
        </message>
        <message>
            <source>lightly</source>
            <translation>suave</translation>
        </message>
        <message>
            <source>evenly</source>
            <translation>parejo</translation>
        </message>
        <message>
            <source>firmly</source>
            <translation>firme</translation>
        </message>
        <message>
            <source>%1 %2, rubbed in</source>
            <translation>%1 %2, difuminado</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The picture is too small in the photograph. Go nearer, so that the sheet fills the frame.</source>
            <translation>La imagen es demasiado pequeña en la foto. Acercarse, para que la hoja llene el encuadre.</translation>
        </message>
        <message>
            <source>The photograph is blurred. Rest the camera on something and take it again.</source>
            <translation>La foto está movida. Apoyar la cámara en algo y repetirla.</translation>
        </message>
        <message>
            <source>The lights are burnt out. Take it with less exposure.</source>
            <translation>Las luces están quemadas. Exponer menos.</translation>
        </message>
        <message>
            <source>The photograph is too dark to tell the darks apart. Give it more light or a longer exposure.</source>
            <translation>La foto es demasiado oscura para distinguir los oscuros. Dar más luz o exponer más tiempo.</translation>
        </message>
        <message>
            <source>Light lies on the work in one place. Turn the board away from the lamp or the window, or take it from the other side.</source>
            <translation>Un reflejo cae sobre una parte de la obra. Apartar el tablero de la lámpara o la ventana, o fotografiarla desde el otro lado.</translation>
        </message>
        <message>
            <source>No bare paper is seen round the picture, so its light cannot be judged. Take the whole sheet, with a margin.</source>
            <translation>No se ve papel desnudo alrededor de la imagen, así que su luz no puede juzgarse. Tomar toda la hoja, con un margen.</translation>
        </message>
        <message>
            <source>One side of the sheet has far more light than the other. Turn it towards the light.</source>
            <translation>Un lado de la hoja tiene mucha más luz que el otro. Girarla hacia la luz.</translation>
        </message>
        <message>
            <source>This does not look like the picture as it should be by now. Is it the right photograph, and are the passes that are done marked? Else set its corners by hand.</source>
            <translation>Esto no se parece a la imagen tal como debería estar ahora. ¿Es la foto correcta, y están marcadas las pasadas hechas? Si no, colocar las esquinas a mano.</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nada</translation>
        </message>
        <message>
            <source>bare paper round the picture</source>
            <translation>papel desnudo alrededor de la imagen</translation>
        </message>
        <message>
            <source>strokes on the margin</source>
            <translation>trazos en el margen</translation>
        </message>
        <message>
            <source>printed greys</source>
            <translation>grises impresos</translation>
        </message>
        <message>
            <source>value</source>
            <translation>valor</translation>
        </message>
        <message>
            <source>temperature</source>
            <translation>temperatura</translation>
        </message>
        <message>
            <source>chroma</source>
            <translation>saturación</translation>
        </message>
        <message>
            <source>pair</source>
            <translation>par</translation>
        </message>
        <message>
            <source>edge</source>
            <translation>borde</translation>
        </message>
        <message>
            <source>%1 has come out unlike %2</source>
            <translation>%1 ha salido distinto de %2</translation>
        </message>
        <message>
            <source>edge of %1 against %2: too soft</source>
            <translation>borde de %1 contra %2: demasiado blando</translation>
        </message>
        <message>
            <source>edge of %1 against %2: too hard</source>
            <translation>borde de %1 contra %2: demasiado duro</translation>
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
            <translation>%1 grados; diferencia %2, de la que la mano explica %3</translation>
        </message>
        <message>
            <source>warmth %1; difference %2, of which the hand explains %3</source>
            <translation>calidez %1; diferencia %2, de la que la mano explica %3</translation>
        </message>
        <message>
            <source>chroma %1; difference %2, of which the hand explains %3</source>
            <translation>saturación %1; diferencia %2, de la que la mano explica %3</translation>
        </message>
        <message>
            <source>difference between the two %1</source>
            <translation>diferencia entre las dos %1</translation>
        </message>
        <message>
            <source>%1 times as sharp as the other edges of the work lead one to expect</source>
            <translation>%1 veces más nítido de lo que los demás bordes de la obra hacen esperar</translation>
        </message>
        <message>
            <source>, then </source>
            <translation>, luego </translation>
        </message>
        <message>
            <source>cut it anew with the edge of a stick</source>
            <translation>cortarlo de nuevo con el canto de una barra</translation>
        </message>
        <message>
            <source>cut it anew with the edge of %1, pressed firmly, not rubbed</source>
            <translation>cortarlo de nuevo con el canto de %1, apretando, sin difuminar</translation>
        </message>
        <message>
            <source>rub across it once with a clean finger</source>
            <translation>pasar una vez un dedo limpio a través</translation>
        </message>
        <message>
            <source>fixative over all of it: it darkens</source>
            <translation>fijador sobre todo ello: oscurece</translation>
        </message>
        <message>
            <source>brush the loose pigment off with a stiff dry brush, the board upright, a dust mask on; what was pressed in stays</source>
            <translation>quitar el pigmento suelto con un pincel duro y seco, el tablero en vertical, con mascarilla contra el polvo; lo apretado se queda</translation>
        </message>
        <message>
            <source>%1; then %2</source>
            <translation>%1; después %2</translation>
        </message>
        <message>
            <source>%1 as planned: it was left out here</source>
            <translation>%1 según el plan: aquí se quedó sin poner</translation>
        </message>
        <message>
            <source>leave it: no stick of the tray makes it better</source>
            <translation>dejarlo: ninguna barra de la bandeja lo mejora</translation>
        </message>
        <message>
            <source>A shadow lies on part of the work, of a hand, the easel or a leaf. Take it where the light is even.</source>
            <translation>Hay una sombra sobre parte del trabajo, de una mano, del caballete o de una hoja. Fotografiar donde la luz sea uniforme.</translation>
        </message>
    </context>
    <context>
        <name>Coats</name>
        <message>
            <source>Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.</source>
            <translation>Seguir la ficha de seguridad del producto y las normas locales; en caso de duda, preguntar a una persona cualificada.</translation>
        </message>
        <message>
            <source>Thin; takes some tooth.</source>
            <translation>Fina; toma algo de diente.</translation>
        </message>
        <message>
            <source>Dries in minutes, less muddy than water.</source>
            <translation>Seca en minutos, menos turbia que el agua.</translation>
        </message>
        <message>
            <source>Slower; can go muddy; buckles thin paper.</source>
            <translation>Más lenta; puede enturbiarse; ondula el papel fino.</translation>
        </message>
        <message>
            <source>Transparent: it only darkens the ground.</source>
            <translation>Transparente: solo oscurece el soporte.</translation>
        </message>
        <message>
            <source>Opaque; dries lighter than it looks wet.</source>
            <translation>Opaca; al secar queda más clara de lo que parece mojada.</translation>
        </message>
        <message>
            <source>Can close fine tooth.</source>
            <translation>Puede cerrar un diente fino.</translation>
        </message>
        <message>
            <source>Needs solvent and days of drying.</source>
            <translation>Necesita disolvente y días de secado.</translation>
        </message>
        <message>
            <source>For the darkest shapes; keeps the drawing visible.</source>
            <translation>Para las formas más oscuras; el dibujo sigue visible.</translation>
        </message>
        <message>
            <source>Values only; the darkest rubbed in and laid again; fixed, or it dirties what goes over it.</source>
            <translation>Solo valores; lo más oscuro difuminado y puesto otra vez; fijado, o ensucia lo que va encima.</translation>
        </message>
        <message>
            <source>Flammable vapour: air well, no flame or spark, and never heat the sheet while it is wet with it.</source>
            <translation>Vapores inflamables: ventilar bien, sin llama ni chispa, y no calentar nunca la hoja mientras esté mojada.</translation>
        </message>
        <message>
            <source>Do not blow dust; tip it off, wipe up damp, wear a mask for long work.</source>
            <translation>No soplar el polvo; dejarlo caer, limpiar en húmedo, llevar mascarilla en trabajos largos.</translation>
        </message>
        <message>
            <source>Keep a dryer moving: paper scorches. Some pigments are harmful: mind the label.</source>
            <translation>Mantener el secador en movimiento: el papel se quema. Algunos pigmentos son nocivos: mirar la etiqueta.</translation>
        </message>
        <message>
            <source>Best left out: no coat that this paper bears sets values, spares layers or reaches darks enough for what it takes of tooth and time.</source>
            <translation>Mejor sin ella: ninguna mano que este papel aguante fija bastantes valores, ahorra capas o alcanza oscuros para lo que cuesta en diente y tiempo.</translation>
        </message>
        <message>
            <source>%1, %2: values stand on %3 % of the sheet before a stroke is laid (bare paper: %4 %).</source>
            <translation>%1, %2: los valores están en el %3 % de la hoja antes del primer trazo (papel desnudo: %4 %).</translation>
        </message>
        <message>
            <source>It is the colour wanted already on %1 %: a layer less.</source>
            <translation>Ya es el color deseado en el %1 %: una capa menos.</translation>
        </message>
        <message>
            <source>The darkest dark goes from L* %1 to %2.</source>
            <translation>El oscuro más profundo pasa de L* %1 a %2.</translation>
        </message>
        <message>
            <source>In the gaps it makes the colours over it vibrate.</source>
            <translation>En los huecos hace vibrar los colores de encima.</translation>
        </message>
        <message>
            <source>The mean error goes from %1 to %2 CIEDE2000; it takes %3 % of the tooth.</source>
            <translation>El error medio pasa de %1 a %2 CIEDE2000; toma el %3 % del diente.</translation>
        </message>
    </context>
    <context>
        <name>Facts</name>
        <message>
            <source>has no pixels</source>
            <translation>no tiene píxeles</translation>
        </message>
        <message>
            <source>is no CGATS text</source>
            <translation>no es un texto CGATS</translation>
        </message>
        <message>
            <source>is no sound CGATS text: %1</source>
            <translation>no es un texto CGATS correcto: %1</translation>
        </message>
        <message>
            <source>has neither Lab, XYZ nor spectral columns</source>
            <translation>no tiene columnas Lab, XYZ ni espectrales</translation>
        </message>
        <message>
            <source>%1 is no number</source>
            <translation>%1 no es un número</translation>
        </message>
        <message>
            <source>is no colour of a surface</source>
            <translation>no es el color de una superficie</translation>
        </message>
        <message>
            <source>%1 is no reflectance</source>
            <translation>%1 no es una reflectancia</translation>
        </message>
        <message>
            <source>reflectance is above 1</source>
            <translation>la reflectancia pasa de 1</translation>
        </message>
        <message>
            <source>is larger than %1 MB</source>
            <translation>ocupa más de %1 MB</translation>
        </message>
        <message>
            <source>entry "%1" is too large</source>
            <translation>la entrada «%1» es demasiado grande</translation>
        </message>
        <message>
            <source>entry "%1" cannot be unpacked</source>
            <translation>la entrada «%1» no puede descomprimirse</translation>
        </message>
        <message>
            <source>entry "%1" is damaged</source>
            <translation>la entrada «%1» está dañada</translation>
        </message>
        <message>
            <source>entry "%1" points outside the project</source>
            <translation>la entrada «%1» apunta fuera del proyecto</translation>
        </message>
        <message>
            <source>cannot be packed</source>
            <translation>no puede comprimirse</translation>
        </message>
        <message>
            <source>has a name that is no text (UTF-8); rename it</source>
            <translation>tiene un nombre que no es texto (UTF-8); cambiarlo</translation>
        </message>
        <message>
            <source>does not exist</source>
            <translation>no existe</translation>
        </message>
        <message>
            <source>is a folder, not a project</source>
            <translation>es una carpeta, no un proyecto</translation>
        </message>
        <message>
            <source>is a folder, not a picture</source>
            <translation>es una carpeta, no una imagen</translation>
        </message>
        <message>
            <source>is a folder, not a file</source>
            <translation>es una carpeta, no un archivo</translation>
        </message>
        <message>
            <source>is not a whole project file: no zip, or cut short</source>
            <translation>no es un proyecto entero: no es un zip, o está cortado</translation>
        </message>
        <message>
            <source>holds too many entries</source>
            <translation>contiene demasiadas entradas</translation>
        </message>
        <message>
            <source>has an unreadable entry</source>
            <translation>tiene una entrada ilegible</translation>
        </message>
        <message>
            <source>would unpack to more than 420 MB</source>
            <translation>ocuparía más de 420 MB descomprimido</translation>
        </message>
        <message>
            <source>holds no "%1"</source>
            <translation>no contiene «%1»</translation>
        </message>
        <message>
            <source>cannot be saved: %1</source>
            <translation>no puede guardarse: %1</translation>
        </message>
        <message>
            <source>cannot be written: %1</source>
            <translation>no puede escribirse: %1</translation>
        </message>
        <message>
            <source>cannot be opened: %1</source>
            <translation>no puede abrirse: %1</translation>
        </message>
        <message>
            <source>cannot be read: %1</source>
            <translation>no puede leerse: %1</translation>
        </message>
        <message>
            <source>cannot be read</source>
            <translation>no puede leerse</translation>
        </message>
        <message>
            <source>is a zip, but no Yawning Dune project</source>
            <translation>es un zip, pero no un proyecto de Yawning Dune</translation>
        </message>
        <message>
            <source>was saved by a newer version of Yawning Dune; please update</source>
            <translation>fue guardado por una versión más nueva de Yawning Dune; actualizar</translation>
        </message>
        <message>
            <source>was made by a newer version of Yawning Dune</source>
            <translation>fue hecho por una versión más nueva de Yawning Dune</translation>
        </message>
        <message>
            <source>was written by a newer program</source>
            <translation>fue escrito por un programa más nuevo</translation>
        </message>
        <message>
            <source>was written by a newer version of Yawning Dune; it is left as it is</source>
            <translation>fue escrito por una versión más nueva de Yawning Dune; se deja como está</translation>
        </message>
        <message>
            <source>is missing</source>
            <translation>falta</translation>
        </message>
        <message>
            <source>is missing: a stick needs "lab" or "masstone"</source>
            <translation>falta: una barra necesita «lab» o «masstone»</translation>
        </message>
        <message>
            <source>must be text</source>
            <translation>debe ser texto</translation>
        </message>
        <message>
            <source>must be a list</source>
            <translation>debe ser una lista</translation>
        </message>
        <message>
            <source>must be true or false</source>
            <translation>debe ser true o false</translation>
        </message>
        <message>
            <source>must be a number</source>
            <translation>debe ser un número</translation>
        </message>
        <message>
            <source>must be a number from %1 to %2</source>
            <translation>debe ser un número de %1 a %2</translation>
        </message>
        <message>
            <source>must hold %1 numbers, not %2</source>
            <translation>debe contener %1 números, no %2</translation>
        </message>
        <message>
            <source>must hold no more than %1 entries</source>
            <translation>no debe contener más de %1 entradas</translation>
        </message>
        <message>
            <source>must hold no more than %1 points</source>
            <translation>no debe contener más de %1 puntos</translation>
        </message>
        <message>
            <source>must hold no more than 24 places</source>
            <translation>no debe contener más de 24 lugares</translation>
        </message>
        <message>
            <source>must hold pairs of numbers</source>
            <translation>debe contener pares de números</translation>
        </message>
        <message>
            <source>must hold pairs of numbers; entry %1 is none</source>
            <translation>debe contener pares de números; la entrada %1 no lo es</translation>
        </message>
        <message>
            <source>must hold texts only; entry %1 is none</source>
            <translation>solo debe contener textos; la entrada %1 no lo es</translation>
        </message>
        <message>
            <source>"%1" is none of: %2</source>
            <translation>«%1» no es ninguno de: %2</translation>
        </message>
        <message>
            <source>"%1" is unknown</source>
            <translation>«%1» es desconocido</translation>
        </message>
        <message>
            <source>is not a JSON object</source>
            <translation>no es un objeto JSON</translation>
        </message>
        <message>
            <source>is not valid JSON</source>
            <translation>no es JSON válido</translation>
        </message>
        <message>
            <source>is not valid JSON near byte %1</source>
            <translation>no es JSON válido cerca del byte %1</translation>
        </message>
        <message>
            <source>is nested too deeply</source>
            <translation>está anidado demasiado hondo</translation>
        </message>
        <message>
            <source>holds more than four million values</source>
            <translation>contiene más de cuatro millones de valores</translation>
        </message>
        <message>
            <source>L must be from 0 to 100</source>
            <translation>L debe ir de 0 a 100</translation>
        </message>
        <message>
            <source>is no Yawning Dune collection</source>
            <translation>no es una colección de Yawning Dune</translation>
        </message>
        <message>
            <source>is no calibration</source>
            <translation>no es una calibración</translation>
        </message>
        <message>
            <source>is no text</source>
            <translation>no es texto</translation>
        </message>
        <message>
            <source>is no GIMP palette</source>
            <translation>no es una paleta GIMP</translation>
        </message>
        <message>
            <source>is no picture that can be read</source>
            <translation>no es una imagen legible</translation>
        </message>
        <message>
            <source>is not a picture that can be read</source>
            <translation>no es una imagen legible</translation>
        </message>
        <message>
            <source>is damaged or cut short: %1</source>
            <translation>está dañado o cortado: %1</translation>
        </message>
        <message>
            <source>is damaged or of a kind that cannot be read: %1</source>
            <translation>está dañado o es de un tipo ilegible: %1</translation>
        </message>
        <message>
            <source>is cut short</source>
            <translation>está cortado</translation>
        </message>
        <message>
            <source>needs libheif, which is not installed here</source>
            <translation>necesita libheif, que no está instalado aquí</translation>
        </message>
        <message>
            <source>has more than 120 million pixels</source>
            <translation>tiene más de 120 millones de píxeles</translation>
        </message>
        <message>
            <source>has a side of more than 65535 pixels</source>
            <translation>tiene un lado de más de 65535 píxeles</translation>
        </message>
        <message>
            <source>cannot be read as CSV near line %1</source>
            <translation>no es legible como CSV cerca de la línea %1</translation>
        </message>
        <message>
            <source>holds no rows</source>
            <translation>no contiene filas</translation>
        </message>
        <message>
            <source>holds more than 20000 rows</source>
            <translation>contiene más de 20000 filas</translation>
        </message>
        <message>
            <source>holds more than 20000 sticks</source>
            <translation>contiene más de 20000 barras</translation>
        </message>
        <message>
            <source>holds no stick</source>
            <translation>no contiene ninguna barra</translation>
        </message>
        <message>
            <source>holds no paper</source>
            <translation>no contiene ningún papel</translation>
        </message>
        <message>
            <source>id "%1" stands twice</source>
            <translation>el identificador «%1» aparece dos veces</translation>
        </message>
        <message>
            <source>a colour is needed: say which column is the hex colour, or which are L*, a* and b*</source>
            <translation>hace falta un color: decir qué columna es el color hexadecimal, o cuáles son L*, a* y b*</translation>
        </message>
        <message>
            <source>lightfastness must be I, II, III, IV or V</source>
            <translation>la solidez a la luz debe ser I, II, III, IV o V</translation>
        </message>
        <message>
            <source>must be I, II, III, IV, V or left out</source>
            <translation>debe ser I, II, III, IV, V o faltar</translation>
        </message>
        <message>
            <source>hex colour: needs six digits like #8a6b4f</source>
            <translation>color hexadecimal: necesita seis cifras como #8a6b4f</translation>
        </message>
        <message>
            <source>needs red, green and blue</source>
            <translation>necesita rojo, verde y azul</translation>
        </message>
        <message>
            <source>%1 is no number from 0 to 255</source>
            <translation>%1 no es un número de 0 a 255</translation>
        </message>
        <message>
            <source>%1: "%2" is no number from %3 to %4</source>
            <translation>%1: «%2» no es un número de %3 a %4</translation>
        </message>
        <message>
            <source>"%1" is no stick of the collection; its id is needed</source>
            <translation>«%1» no es una barra de la colección; hace falta su identificador</translation>
        </message>
        <message>
            <source>pressure must be light, middle, firm, or a number above 0 up to 1</source>
            <translation>la presión debe ser light, middle, firm, o un número mayor que 0 hasta 1</translation>
        </message>
        <message>
            <source>technique must be laid or rubbed</source>
            <translation>la técnica debe ser laid o rubbed</translation>
        </message>
        <message>
            <source>%1 must be a number</source>
            <translation>%1 debe ser un número</translation>
        </message>
        <message>
            <source>has no column %1</source>
            <translation>no tiene columna %1</translation>
        </message>
        <message>
            <source>holds %1 samples, but %2 strokes are asked for: measure them all, in their order</source>
            <translation>contiene %1 muestras, pero se piden %2 trazos: mídalos todos, en su orden</translation>
        </message>
        <message>
            <source>names a stick that is not in the collection</source>
            <translation>nombra una barra que no está en la colección</translation>
        </message>
        <message>
            <source>names a stick that is not there</source>
            <translation>nombra una barra que no existe</translation>
        </message>
        <message>
            <source>must be mass or plane</source>
            <translation>debe ser mass o plane</translation>
        </message>
        <message>
            <source>must be none, wash, little or full</source>
            <translation>debe ser none, wash, little o full</translation>
        </message>
        <message>
            <source>the collection has no stick for %1</source>
            <translation>la colección no tiene barra para %1</translation>
        </message>
        <message>
            <source>%1 does not bear %2; choose another medium or paper</source>
            <translation>%1 no aguanta %2; elegir otro medio o papel</translation>
        </message>
        <message>
            <source>there is no other mass to merge with</source>
            <translation>no hay otra masa con la que unir</translation>
        </message>
        <message>
            <source>does not touch mass %1; only neighbours can be merged</source>
            <translation>no toca la masa %1; solo pueden unirse vecinas</translation>
        </message>
        <message>
            <source>cannot be split: there are 60 masses already</source>
            <translation>no puede dividirse: ya hay 60 masas</translation>
        </message>
        <message>
            <source>leaves nothing on one side of the split</source>
            <translation>no deja nada a un lado de la división</translation>
        </message>
        <message>
            <source>is of one value: there is nothing to split</source>
            <translation>es de un solo valor: no hay nada que dividir</translation>
        </message>
        <message>
            <source>needs a line of two places to be split by</source>
            <translation>necesita una línea de dos puntos para dividirse</translation>
        </message>
        <message>
            <source>nothing was painted</source>
            <translation>no se pintó nada</translation>
        </message>
        <message>
            <source>is not there</source>
            <translation>no existe</translation>
        </message>
        <message>
            <source>asks for more sticks than the tray may hold</source>
            <translation>pide más barras de las que caben en la bandeja</translation>
        </message>
        <message>
            <source>asks for a stick that is forbidden or not at hand</source>
            <translation>pide una barra prohibida o que no está a mano</translation>
        </message>
        <message>
            <source>leaves no stick to choose from</source>
            <translation>no deja ninguna barra que elegir</translation>
        </message>
        <message>
            <source>at least one is needed</source>
            <translation>hace falta al menos una</translation>
        </message>
        <message>
            <source>there are none to search</source>
            <translation>no hay ninguna que buscar</translation>
        </message>
        <message>
            <source>there are none to match</source>
            <translation>no hay ninguno que alcanzar</translation>
        </message>
        <message>
            <source>pairs are searched on a ground only</source>
            <translation>las parejas se buscan solo sobre un soporte</translation>
        </message>
        <message>
            <source>there are none to judge</source>
            <translation>no hay ninguno que juzgar</translation>
        </message>
        <message>
            <source>has no masses</source>
            <translation>no tiene masas</translation>
        </message>
        <message>
            <source>no pass is done yet: mark what is, then check it</source>
            <translation>aún no hay ninguna pasada hecha: marcar las hechas y luego controlar</translation>
        </message>
        <message>
            <source>are too few: at least %1 are needed</source>
            <translation>son muy pocas: hacen falta al menos %1</translation>
        </message>
        <message>
            <source>pressure must be above 0, up to 1</source>
            <translation>la presión debe ser mayor que 0 y como mucho 1</translation>
        </message>
        <message>
            <source>is no colour</source>
            <translation>no es un color</translation>
        </message>
        <message>
            <source>shows a sheet for offcut strokes, not for sticks</source>
            <translation>muestra una hoja para trazos de prueba, no para barras</translation>
        </message>
        <message>
            <source>shows a sheet for sticks, not for offcut strokes</source>
            <translation>muestra una hoja para barras, no para trazos de prueba</translation>
        </message>
        <message>
            <source>shows no stroke in any cell</source>
            <translation>no muestra trazo en ninguna casilla</translation>
        </message>
        <message>
            <source>shows no mark of a printed sheet: take it whole, sharp, from straight above</source>
            <translation>no muestra ninguna marca de una hoja impresa: tomarla entera, nítida, desde arriba</translation>
        </message>
        <message>
            <source>shows marks of two sheets: take one sheet at a time</source>
            <translation>muestra marcas de dos hojas: tomar una cada vez</translation>
        </message>
        <message>
            <source>does not show the mark %1: take the whole sheet, all eight marks free</source>
            <translation>no muestra la marca %1: tomar toda la hoja, con las ocho marcas libres</translation>
        </message>
        <message>
            <source>shows marks that are not of one printed sheet</source>
            <translation>muestra marcas que no son de una misma hoja impresa</translation>
        </message>
        <message>
            <source>is too light: the bare paper has burnt out, expose less</source>
            <translation>es demasiado clara: el papel desnudo está quemado, exponer menos</translation>
        </message>
        <message>
            <source>is too dark: more light, or expose longer</source>
            <translation>es demasiado oscura: más luz, o exponer más tiempo</translation>
        </message>
        <message>
            <source>has light that does not lie evenly: no shadow and no lamp mirrored on the sheet, the paper bare between the cells</source>
            <translation>tiene luz desigual: sin sombra ni lámpara reflejada en la hoja, el papel desnudo entre las casillas</translation>
        </message>
        <message>
            <source>is lit from one side: turn the sheet to the light</source>
            <translation>está iluminada de un lado: girar la hoja hacia la luz</translation>
        </message>
        <message>
            <source>shows a sheet that does not lie flat</source>
            <translation>muestra una hoja que no está plana</translation>
        </message>
        <message>
            <source>is too small for so many cells: go nearer, or use the camera's full size</source>
            <translation>es demasiado pequeña para tantas casillas: acercarse, o usar todo el tamaño de la cámara</translation>
        </message>
        <message>
            <source>has room for %1 cells, not for %2</source>
            <translation>tiene sitio para %1 casillas, no para %2</translation>
        </message>
        <message>
            <source>is not for RGB</source>
            <translation>no es para RGB</translation>
        </message>
        <message>
            <source>cannot be used for pictures</source>
            <translation>no sirve para imágenes</translation>
        </message>
        <message>
            <source>L must lie between 0 and 100</source>
            <translation>L debe estar entre 0 y 100</translation>
        </message>
        <message>
            <source>no surface has this colour</source>
            <translation>ninguna superficie tiene este color</translation>
        </message>
        <message>
            <source>the backup cannot be written</source>
            <translation>la copia de seguridad no puede escribirse</translation>
        </message>
        <message>
            <source>the journal is damaged</source>
            <translation>el cuaderno está dañado</translation>
        </message>
        <message>
            <source>the journal is damaged: %1</source>
            <translation>el cuaderno está dañado: %1</translation>
        </message>
        <message>
            <source>the journal is damaged and cannot be put aside</source>
            <translation>el cuaderno está dañado y no puede apartarse</translation>
        </message>
        <message>
            <source>the folder cannot be made</source>
            <translation>la carpeta no puede crearse</translation>
        </message>
        <message>
            <source>the disk is full; nothing was written</source>
            <translation>el disco está lleno; no se escribió nada</translation>
        </message>
        <message>
            <source>is read-only; nothing was written</source>
            <translation>es de solo lectura; no se escribió nada</translation>
        </message>
        <message>
            <source>is held by another program; nothing was written</source>
            <translation>lo tiene otro programa; no se escribió nada</translation>
        </message>
        <message>
            <source>Qt's SQLite driver is not installed</source>
            <translation>el controlador SQLite de Qt no está instalado</translation>
        </message>
        <message>
            <source>holds no such work</source>
            <translation>no contiene tal obra</translation>
        </message>
        <message>
            <source>the disk is full; free some room or choose another place</source>
            <translation>el disco está lleno; hacer sitio o elegir otro lugar</translation>
        </message>
        <message>
            <source>the disk is read-only; choose another place</source>
            <translation>el disco es de solo lectura; elegir otro lugar</translation>
        </message>
        <message>
            <source>this program may not write there; choose another place</source>
            <translation>este programa no puede escribir ahí; elegir otro lugar</translation>
        </message>
        <message>
            <source>the folder is not there</source>
            <translation>la carpeta no existe</translation>
        </message>
        <message>
            <source>the disk did not take it</source>
            <translation>el disco no lo aceptó</translation>
        </message>
        <message>
            <source>at the top left</source>
            <translation>arriba a la izquierda</translation>
        </message>
        <message>
            <source>amid the top</source>
            <translation>en medio de arriba</translation>
        </message>
        <message>
            <source>at the top right</source>
            <translation>arriba a la derecha</translation>
        </message>
        <message>
            <source>amid the right side</source>
            <translation>en medio del lado derecho</translation>
        </message>
        <message>
            <source>at the bottom right</source>
            <translation>abajo a la derecha</translation>
        </message>
        <message>
            <source>amid the bottom</source>
            <translation>en medio de abajo</translation>
        </message>
        <message>
            <source>at the bottom left</source>
            <translation>abajo a la izquierda</translation>
        </message>
        <message>
            <source>amid the left side</source>
            <translation>en medio del lado izquierdo</translation>
        </message>
        <message>
            <source>%1, line %2</source>
            <translation>%1, línea %2</translation>
        </message>
        <message>
            <source>line %1</source>
            <translation>línea %1</translation>
        </message>
        <message>
            <source>%1, field "%2"</source>
            <translation>%1, campo «%2»</translation>
        </message>
        <message>
            <source>%1, mass %2</source>
            <translation>%1, masa %2</translation>
        </message>
        <message>
            <source>mass %1</source>
            <translation>masa %1</translation>
        </message>
        <message>
            <source>photograph</source>
            <translation>foto</translation>
        </message>
        <message>
            <source>picture</source>
            <translation>imagen</translation>
        </message>
        <message>
            <source>project</source>
            <translation>proyecto</translation>
        </message>
        <message>
            <source>colour profile</source>
            <translation>perfil de color</translation>
        </message>
        <message>
            <source>paper colour</source>
            <translation>color del papel</translation>
        </message>
        <message>
            <source>collection</source>
            <translation>colección</translation>
        </message>
        <message>
            <source>palette</source>
            <translation>paleta</translation>
        </message>
        <message>
            <source>readings</source>
            <translation>mediciones</translation>
        </message>
        <message>
            <source>sticks</source>
            <translation>barras</translation>
        </message>
        <message>
            <source>tray</source>
            <translation>bandeja</translation>
        </message>
        <message>
            <source>subject</source>
            <translation>motivo</translation>
        </message>
        <message>
            <source>sheet</source>
            <translation>hoja</translation>
        </message>
        <message>
            <source>mood</source>
            <translation>ambiente</translation>
        </message>
        <message>
            <source>done</source>
            <translation>hecho</translation>
        </message>
        <message>
            <source>is not a finite number</source>
            <translation>no es un número finito</translation>
        </message>
        <message>
            <source>"%1" must be fine, medium or coarse</source>
            <translation>«%1» debe ser fine, medium o coarse</translation>
        </message>
        <message>
            <source>"%1" is unknown or stands twice</source>
            <translation>«%1» es desconocido o aparece dos veces</translation>
        </message>
        <message>
            <source>"%1" is missing</source>
            <translation>falta «%1»</translation>
        </message>
        <message>
            <source>"%1" is neither a shipped id nor a file</source>
            <translation>«%1» no es un identificador incluido ni un archivo</translation>
        </message>
        <message>
            <source>"%1" must be soft, hard, pencil, pan or charcoal</source>
            <translation>«%1» debe ser soft, hard, pencil, pan o charcoal</translation>
        </message>
        <message>
            <source>is "%1", not "%2"</source>
            <translation>es «%1», no «%2»</translation>
        </message>
        <message>
            <source>medium "%1" is unknown</source>
            <translation>el medio «%1» es desconocido</translation>
        </message>
        <message>
            <source>colours "%1" are unknown</source>
            <translation>los colores «%1» son desconocidos</translation>
        </message>
        <message>
            <source>pressure must be from 0 to 1</source>
            <translation>la presión debe ir de 0 a 1</translation>
        </message>
        <message>
            <source>does not say which underpainting</source>
            <translation>no dice qué capa base</translation>
        </message>
        <message>
            <source>must be from %1 to %2</source>
            <translation>debe ir de %1 a %2</translation>
        </message>
        <message>
            <source>must be from 0.2 to 3 where light, to 2 where firm</source>
            <translation>debe ir de 0,2 a 3 en suave, a 2 en firme</translation>
        </message>
        <message>
            <source>must be at least %1</source>
            <translation>debe ser al menos %1</translation>
        </message>
        <message>
            <source>must be at least 5 minutes</source>
            <translation>debe ser de al menos 5 minutos</translation>
        </message>
        <message>
            <source>"%1" must be keep, compress, anchor-lights or anchor-darks</source>
            <translation>«%1» debe ser keep, compress, anchor-lights o anchor-darks</translation>
        </message>
        <message>
            <source>an edge names a job that is not there</source>
            <translation>un enlace nombra un trabajo que no existe</translation>
        </message>
        <message>
            <source>the edges run in a circle</source>
            <translation>los enlaces van en círculo</translation>
        </message>
        <message>
            <source>needs a tray to begin with</source>
            <translation>necesita una bandeja con que empezar</translation>
        </message>
        <message>
            <source>must be more than 0</source>
            <translation>debe ser más que 0</translation>
        </message>
        <message>
            <source>must be above 0</source>
            <translation>debe ser mayor que 0</translation>
        </message>
        <message>
            <source>must be one for each target</source>
            <translation>debe ser uno por objetivo</translation>
        </message>
        <message>
            <source>must have sides from %1 to %2 mm</source>
            <translation>debe tener lados de %1 a %2 mm</translation>
        </message>
        <message>
            <source>must have a cell</source>
            <translation>debe tener una casilla</translation>
        </message>
        <message>
            <source>must lie in the picture: x and y from 0 to 1, radius above 0 to 1</source>
            <translation>debe estar en la imagen: x e y de 0 a 1, el radio mayor que 0 hasta 1</translation>
        </message>
        <message>
            <source>"%1" must be background, middle ground or foreground</source>
            <translation>«%1» debe ser background, middle ground o foreground</translation>
        </message>
        <message>
            <source>the amount must be from 0 to 1</source>
            <translation>la cantidad debe ir de 0 a 1</translation>
        </message>
        <message>
            <source>holds too many colours</source>
            <translation>contiene demasiados colores</translation>
        </message>
        <message>
            <source>a colour has no share</source>
            <translation>un color no tiene parte</translation>
        </message>
        <message>
            <source>another window is mending the journal</source>
            <translation>otra ventana está reparando el cuaderno</translation>
        </message>
        <message>
            <source>the journal is damaged and open in another window; close that one and start again</source>
            <translation>el cuaderno está dañado y abierto en otra ventana; ciérrela y empiece de nuevo</translation>
        </message>
        <message>
            <source>is too small or too narrow to be read</source>
            <translation>es demasiado pequeña o demasiado estrecha para leerla</translation>
        </message>
        <message>
            <source>is no journal yet</source>
            <translation>aún no es un cuaderno</translation>
        </message>
        <message>
            <source>is a pipe or a device, not a file</source>
            <translation>es una tubería o un dispositivo, no un archivo</translation>
        </message>
        <message>
            <source>is a pipe that nobody reads</source>
            <translation>es una tubería que nadie lee</translation>
        </message>
        <message>
            <source>is no picture of a kind that is read: %1</source>
            <translation>no es una imagen de un tipo que se lee: %1</translation>
        </message>
        <message>
            <source>PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF or AVIF</source>
            <translation>PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF o AVIF</translation>
        </message>
        <message>
            <source>must end in .png, .jpg or .jpeg</source>
            <translation>debe acabar en .png, .jpg o .jpeg</translation>
        </message>
        <message>
            <source>must have no more than 4 layers</source>
            <translation>no debe tener más de 4 capas</translation>
        </message>
        <message>
            <source>it is closed</source>
            <translation>está cerrada</translation>
        </message>
        <message>
            <source>nobody reads it any more</source>
            <translation>ya nadie la lee</translation>
        </message>
        <message>
            <source>must be a whole number from %1 to %2</source>
            <translation>debe ser un número entero de %1 a %2</translation>
        </message>
        <message>
            <source>is read here and would be lost; write to another file</source>
            <translation>se lee aquí y se perdería; escribir en otro archivo</translation>
        </message>
        <message>
            <source>%1; nothing was saved</source>
            <translation>%1; no se ha guardado nada</translation>
        </message>
        <message>
            <source>is a database of another program; it is left as it is</source>
            <translation>es una base de datos de otro programa; se deja como está</translation>
        </message>
        <message>
            <source>is not kept as this program keeps a journal</source>
            <translation>no se lleva como este programa lleva un cuaderno</translation>
        </message>
        <message>
            <source>cannot be opened</source>
            <translation>no se puede abrir</translation>
        </message>
        <message>
            <source>is a folder</source>
            <translation>es una carpeta</translation>
        </message>
        <message>
            <source>there is no such folder</source>
            <translation>no existe esa carpeta</translation>
        </message>
        <message>
            <source>its folder cannot be written to</source>
            <translation>no se puede escribir en su carpeta</translation>
        </message>
        <message>
            <source>is no file that can be written</source>
            <translation>no es un archivo en el que se pueda escribir</translation>
        </message>
        <message>
            <source>it is no file that can be written</source>
            <translation>no es un archivo en el que se pueda escribir</translation>
        </message>
        <message>
            <source>would have a name that is no text (UTF-8)</source>
            <translation>tendría un nombre que no es texto (UTF-8)</translation>
        </message>
        <message>
            <source>must be the name of a file</source>
            <translation>debe ser el nombre de un archivo</translation>
        </message>
        <message>
            <source>has too many places</source>
            <translation>tiene demasiados puntos</translation>
        </message>
        <message>
            <source>must be a list of places [x, y]</source>
            <translation>debe ser una lista de puntos [x, y]</translation>
        </message>
        <message>
            <source>must not be empty</source>
            <translation>no debe estar vacío</translation>
        </message>
        <message>
            <source>has no media</source>
            <translation>no contiene medios</translation>
        </message>
        <message>
            <source>must be shade, mass, picture, minute or sitting</source>
            <translation>debe ser shade, mass, picture, minute o sitting</translation>
        </message>
        <message>
            <source>the outline needs three places at least</source>
            <translation>el contorno necesita al menos tres puntos</translation>
        </message>
        <message>
            <source>the outline has too many places</source>
            <translation>el contorno tiene demasiados puntos</translation>
        </message>
        <message>
            <source>the outline must lie in the picture: places from 0 to 1</source>
            <translation>el contorno debe estar en la imagen: puntos de 0 a 1</translation>
        </message>
        <message>
            <source>the outline goes round nothing</source>
            <translation>el contorno no rodea nada</translation>
        </message>
        <message>
            <source>the outline crosses itself; draw round the thing once</source>
            <translation>el contorno se cruza; rodee la cosa una sola vez</translation>
        </message>
        <message>
            <source>has too many strokes</source>
            <translation>tiene demasiados trazos</translation>
        </message>
        <message>
            <source>width of a stroke %1</source>
            <translation>anchura de un trazo %1</translation>
        </message>
        <message>
            <source>a stroke needs a way of its own</source>
            <translation>un trazo necesita un recorrido</translation>
        </message>
        <message>
            <source>strokes must lie in the picture: places from 0 to 1</source>
            <translation>los trazos deben estar en la imagen: puntos de 0 a 1</translation>
        </message>
        <message>
            <source>the name must have no more than 80 letters</source>
            <translation>el nombre no debe pasar de 80 letras</translation>
        </message>
        <message>
            <source>the ring must lie in the picture: x and y from 0 to 1, radius above 0 to 1</source>
            <translation>el anillo debe estar en la imagen: x e y de 0 a 1, radio de más de 0 a 1</translation>
        </message>
        <message>
            <source>must be no more than 60</source>
            <translation>no deben ser más de 60</translation>
        </message>
        <message>
            <source>nothing is left of it</source>
            <translation>no queda nada de ello</translation>
        </message>
        <message>
            <source>&quot;%1&quot; must be name;kind;weight;x,y x,y …</source>
            <translation>«%1» debe ser nombre;tipo;peso;x,y x,y …</translation>
        </message>
        <message>
            <source>&quot;%1&quot; has a place that is no x,y</source>
            <translation>«%1» tiene un punto que no es x,y</translation>
        </message>
        <message>
            <source>&quot;%1&quot; is none of: %2</source>
            <translation>«%1» no es ninguno de: %2</translation>
        </message>
    </context>
    <context>
        <name>Findings</name>
        <message>
            <source>mud</source>
            <translation>barro</translation>
        </message>
        <message>
            <source>black rubbed over colour</source>
            <translation>negro difuminado sobre color</translation>
        </message>
        <message>
            <source>flat black hole</source>
            <translation>agujero negro plano</translation>
        </message>
        <message>
            <source>chalky white</source>
            <translation>blanco calizo</translation>
        </message>
        <message>
            <source>hard over soft</source>
            <translation>duro sobre blando</translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>diente lleno</translation>
        </message>
        <message>
            <source>missing darks</source>
            <translation>faltan oscuros</translation>
        </message>
        <message>
            <source>distance does not recede</source>
            <translation>la lejanía no retrocede</translation>
        </message>
        <message>
            <source>raw green</source>
            <translation>verde crudo</translation>
        </message>
        <message>
            <source>lonely accent</source>
            <translation>acento solitario</translation>
        </message>
        <message>
            <source>everything rubbed</source>
            <translation>todo difuminado</translation>
        </message>
        <message>
            <source>halo at a soft edge</source>
            <translation>halo en un borde blando</translation>
        </message>
        <message>
            <source>focal point</source>
            <translation>punto focal</translation>
        </message>
        <message>
            <source>too many sticks</source>
            <translation>demasiadas barras</translation>
        </message>
        <message>
            <source>pressed too hard early</source>
            <translation>apretado demasiado pronto</translation>
        </message>
        <message>
            <source>vivid colour out of reach</source>
            <translation>color vivo fuera de alcance</translation>
        </message>
        <message>
            <source>level sky</source>
            <translation>cielo parejo</translation>
        </message>
        <message>
            <source>water by itself</source>
            <translation>agua aislada</translation>
        </message>
        <message>
            <source>red that steals</source>
            <translation>rojo que roba</translation>
        </message>
        <message>
            <source>everything sharp</source>
            <translation>todo nítido</translation>
        </message>
        <message>
            <source>Your order lays the background of pass %1 after the soft edge of pass %2: a halo stays.</source>
            <translation>El orden elegido pone el fondo de la pasada %1 después del borde blando de la pasada %2: queda un halo.</translation>
        </message>
        <message>
            <source>Your order lays pass %1, a hard stick, after the soft one of pass %2.</source>
            <translation>El orden elegido pone la pasada %1, una barra dura, después de la blanda de la pasada %2.</translation>
        </message>
        <message>
            <source>%1 and %2 are complements: rubbed together they go to mud in %3.</source>
            <translation>%1 y %2 son complementarios: difuminados juntos se vuelven barro en %3.</translation>
        </message>
        <message>
            <source>Black is rubbed over %1 in %2: that dirties it for good. Go over a dark red, violet or blue instead.</source>
            <translation>Se difumina negro sobre %1 en %2: eso lo ensucia para siempre. Pasar mejor un rojo oscuro, violeta o azul.</translation>
        </message>
        <message>
            <source>Black alone stands flat in %1. Put deep blue, dark brown or indigo under it, or use those instead.</source>
            <translation>El negro solo queda plano en %1. Poner debajo azul profundo, marrón oscuro o índigo, o usarlos en su lugar.</translation>
        </message>
        <message>
            <source>White over colour makes %1 chalky; put it under, or use a light stick of the hue.</source>
            <translation>El blanco sobre color vuelve %1 calizo; ponerlo debajo, o usar una barra clara del tono.</translation>
        </message>
        <message>
            <source>%1 will not take over the soft layer of %2 in %3.</source>
            <translation>%1 no agarrará sobre la capa blanda de %2 en %3.</translation>
        </message>
        <message>
            <source>The tooth of %1 is full before its last stroke: little of it will stick.</source>
            <translation>El diente de %1 está lleno antes de su último trazo: poco quedará.</translation>
        </message>
        <message>
            <source>The darkest dark, in %1, comes out too light: a passage looks finished only when its darks are dark enough.</source>
            <translation>El oscuro más profundo, en %1, sale demasiado claro: un pasaje solo parece acabado cuando sus oscuros lo son bastante.</translation>
        </message>
        <message>
            <source>The distance does not recede: further means less contrast, less chroma and bluer.</source>
            <translation>La lejanía no retrocede: más lejos es menos contraste, menos saturación y más azul.</translation>
        </message>
        <message>
            <source>A raw green in %1 looks artificial: break it with violet, red-brown or grey.</source>
            <translation>Un verde crudo en %1 parece artificial: romperlo con violeta, marrón rojizo o gris.</translation>
        </message>
        <message>
            <source>%1 stands in %2 alone and looks pasted in: carry a little of it elsewhere.</source>
            <translation>%1 está solo en %2 y parece pegado: llevar un poco a otra parte.</translation>
        </message>
        <message>
            <source>Everything is rubbed, and the picture goes lifeless: rub some, leave some.</source>
            <translation>Todo está difuminado, y la imagen pierde vida: difuminar algo, dejar algo.</translation>
        </message>
        <message>
            <source>At a soft edge the background cannot go in first: a halo may stay. Soften it at the end.</source>
            <translation>En un borde blando el fondo no puede entrar primero: puede quedar un halo. Ablandarlo al final.</translation>
        </message>
        <message>
            <source>The focal point does not have the strongest contrast; %1 has.</source>
            <translation>El punto focal no tiene el contraste más fuerte; lo tiene %1.</translation>
        </message>
        <message>
            <source>More sticks than the picture needs: a dozen well chosen ones carry it.</source>
            <translation>Más barras de las que la imagen necesita: una docena bien elegida la lleva.</translation>
        </message>
        <message>
            <source>The first stroke in %1 is pressed in hard: it cannot be lifted again and closes the tooth.</source>
            <translation>El primer trazo en %1 va apretado: ya no se puede levantar y cierra el diente.</translation>
        </message>
        <message>
            <source>A vivid colour of %1 is out of reach: no stick of the collection is near it.</source>
            <translation>Un color vivo de %1 está fuera de alcance: ninguna barra de la colección se le acerca.</translation>
        </message>
        <message>
            <source>A vivid colour of %1 is lost; %2 would bring it.</source>
            <translation>Un color vivo de %1 se pierde; %2 lo traería.</translation>
        </message>
        <message>
            <source>The sky is as dark at the horizon as overhead: it wants to be lighter there, and warmer.</source>
            <translation>El cielo es tan oscuro en el horizonte como arriba: ahí debería ser más claro, y más cálido.</translation>
        </message>
        <message>
            <source>The water does not repeat the colours above it: carry some of the sky into it.</source>
            <translation>El agua no repite los colores de encima: llevar algo del cielo a ella.</translation>
        </message>
        <message>
            <source>A strong red in %1 is seen before the focal point: use it sparingly.</source>
            <translation>Un rojo fuerte en %1 se ve antes que el punto focal: usarlo con medida.</translation>
        </message>
        <message>
            <source>Everything is equally sharp: lose the edges that are far away.</source>
            <translation>Todo es igual de nítido: perder los bordes lejanos.</translation>
        </message>
        <message>
            <source>chroma %1 rubbed, %2 laid broken, %3 wanted</source>
            <translation>saturación %1 difuminado, %2 puesto abierto, %3 deseado</translation>
        </message>
        <message>
            <source>chroma %1 before, %2 after</source>
            <translation>saturación %1 antes, %2 después</translation>
        </message>
        <message>
            <source>chroma %1, speckle %2 L*</source>
            <translation>saturación %1, moteado %2 L*</translation>
        </message>
        <message>
            <source>chroma %1, wanted %2</source>
            <translation>saturación %1, deseado %2</translation>
        </message>
        <message>
            <source>%1 % of the tooth left, a loose bed below</source>
            <translation>queda el %1 % del diente, debajo un lecho suelto</translation>
        </message>
        <message>
            <source>%1 % of the tooth left before %2</source>
            <translation>queda el %1 % del diente antes de %2</translation>
        </message>
        <message>
            <source>L* %1 laid, %2 in the subject</source>
            <translation>L* %1 puesto, %2 en el motivo</translation>
        </message>
        <message>
            <source>far and near: chroma %1 and %2, contrast %3 and %4 L*, warmth %5 and %6</source>
            <translation>lejos y cerca: saturación %1 y %2, contraste %3 y %4 L*, calidez %5 y %6</translation>
        </message>
        <message>
            <source>chroma %1, nothing but green in the stack</source>
            <translation>saturación %1, solo verde en la pila</translation>
        </message>
        <message>
            <source>%1 % of the picture, no other mass within %2 degrees of hue</source>
            <translation>%1 % de la imagen, ninguna otra masa a menos de %2 grados de tono</translation>
        </message>
        <message>
            <source>%1 % of the area ends in a rubbed stroke</source>
            <translation>el %1 % de la superficie acaba en un trazo difuminado</translation>
        </message>
        <message>
            <source>%1 L* at the focal point, %2 there</source>
            <translation>%1 L* en el punto focal, %2 allí</translation>
        </message>
        <message>
            <source>%1 sticks, %2 of them serve less than %3 % of the area</source>
            <translation>%1 barras, %2 de ellas sirven a menos del %3 % de la superficie</translation>
        </message>
        <message>
            <source>%1 % of the tooth gone after the first of %2 strokes</source>
            <translation>%1 % del diente gastado tras el primero de %2 trazos</translation>
        </message>
        <message>
            <source>chroma %1 laid, %2 in the subject, %3 CIEDE2000 apart</source>
            <translation>saturación %1 puesto, %2 en el motivo, a %3 CIEDE2000</translation>
        </message>
        <message>
            <source>%1 L* lighter at the horizon, %2 in the subject</source>
            <translation>%1 L* más claro en el horizonte, %2 en el motivo</translation>
        </message>
        <message>
            <source>%1 CIEDE2000 from the sky in hue and chroma, %2 in the subject</source>
            <translation>a %1 CIEDE2000 del cielo en tono y saturación, %2 en el motivo</translation>
        </message>
        <message>
            <source>chroma %1, at most %2 at the focal point; %3 % of the picture</source>
            <translation>saturación %1, como mucho %2 en el punto focal; %3 % de la imagen</translation>
        </message>
        <message>
            <source>%1 % of the area ends hard, %2 % is rubbed</source>
            <translation>el %1 % de la superficie acaba duro, el %2 % está difuminado</translation>
        </message>
        <message>
            <source>Lay the strokes of this mass broken</source>
            <translation>Poner abiertos los trazos de esta masa</translation>
        </message>
        <message>
            <source>Take the nearest recipe without black</source>
            <translation>Tomar la receta más cercana sin negro</translation>
        </message>
        <message>
            <source>Take the nearest recipe with a colour in it</source>
            <translation>Tomar la receta más cercana con un color dentro</translation>
        </message>
        <message>
            <source>Take the nearest recipe without white on top</source>
            <translation>Tomar la receta más cercana sin blanco encima</translation>
        </message>
        <message>
            <source>Take the nearest recipe with a broken green</source>
            <translation>Tomar la receta más cercana con un verde roto</translation>
        </message>
        <message>
            <source>Wish that colours return in several masses</source>
            <translation>Desear que los colores vuelvan en varias masas</translation>
        </message>
        <message>
            <source>Take the nearest recipe with the hard stick below</source>
            <translation>Tomar la receta más cercana con la barra dura debajo</translation>
        </message>
        <message>
            <source>Take the planner's order</source>
            <translation>Tomar el orden del planificador</translation>
        </message>
        <message>
            <source>Take a recipe that uses less tooth</source>
            <translation>Tomar una receta que gaste menos diente</translation>
        </message>
        <message>
            <source>Lay all strokes broken</source>
            <translation>Poner abiertos todos los trazos</translation>
        </message>
        <message>
            <source>Lay what is not background broken</source>
            <translation>Poner abierto lo que no es fondo</translation>
        </message>
        <message numerus="yes">
            <source>Plan with %n stick(s)</source>
            <translation>
                <numerusform>Planificar con %n barra</numerusform>
                <numerusform>Planificar con %n barras</numerusform>
            </translation>
        </message>
        <message>
            <source>Take a recipe that begins lighter</source>
            <translation>Tomar una receta que empiece más clara</translation>
        </message>
        <message numerus="yes">
            <source>Ink %n mass(es) first; ink reaches darks that pastel alone cannot</source>
            <translation>
                <numerusform>Entintar primero %n masa; la tinta alcanza oscuros que el pastel solo no alcanza</numerusform>
                <numerusform>Entintar primero %n masas; la tinta alcanza oscuros que el pastel solo no alcanza</numerusform>
            </translation>
        </message>
        <message>
            <source>Rub the background, so that it softens</source>
            <translation>Difuminar el fondo, para que se ablande</translation>
        </message>
        <message>
            <source>Rub %1, so that it stands back</source>
            <translation>Difuminar %1, para que retroceda</translation>
        </message>
        <message>
            <source>Take %1 into the tray</source>
            <translation>Tomar %1 en la bandeja</translation>
        </message>
        <message>
            <source>Leave %1 out of the tray</source>
            <translation>Dejar %1 fuera de la bandeja</translation>
        </message>
    </context>
    <context>
        <name>Grounds</name>
        <message>
            <source>Lights cannot show on it.</source>
            <translation>Las luces no se ven en él.</translation>
        </message>
        <message>
            <source>Darks cannot show on it.</source>
            <translation>Los oscuros no se ven en él.</translation>
        </message>
        <message>
            <source>Room for %1 steps of light and %2 of dark.</source>
            <translation>Sitio para %1 grados de luz y %2 de oscuro.</translation>
        </message>
        <message>
            <source>stick</source>
            <translation>barra</translation>
        </message>
        <message>
            <source>%1 %2 %</source>
            <translation>%1 %2 %</translation>
        </message>
        <message>
            <source>Hardest to cover: %1 (%2); %3 of the sheet shows through two layers.</source>
            <translation>Lo más difícil de cubrir: %1 (%2); %3 de la hoja se ve a través de dos capas.</translation>
        </message>
        <message>
            <source>White: dare it for vivid, light colours, toned down rather than brought up.</source>
            <translation>Blanco: atreverse para colores vivos y claros, bajados más que subidos.</translation>
        </message>
        <message>
            <source>Black: dare it for lights in the dark; the sheet is the shadow.</source>
            <translation>Negro: atreverse para luces en la oscuridad; la hoja es la sombra.</translation>
        </message>
        <message>
            <source>%1 % of the subject is there already.</source>
            <translation>El %1 % del motivo ya está ahí.</translation>
        </message>
        <message>
            <source>It warms the picture where cover is thin.</source>
            <translation>Calienta la imagen donde se cubre poco.</translation>
        </message>
        <message>
            <source>It cools the picture where cover is thin.</source>
            <translation>Enfría la imagen donde se cubre poco.</translation>
        </message>
        <message numerus="yes">
            <source>Bears %n layer(s), %1 wanted.</source>
            <translation>
                <numerusform>Aguanta %n capa, se desean %1.</numerusform>
                <numerusform>Aguanta %n capas, se desean %1.</numerusform>
            </translation>
        </message>
        <message>
            <source>Does not bear %1.</source>
            <translation>No aguanta %1.</translation>
        </message>
        <message>
            <source>No wet underpainting.</source>
            <translation>Sin capa base mojada.</translation>
        </message>
        <message>
            <source>On %1 the picture would come nearer: %2 instead of %3.</source>
            <translation>En %1 el cuadro se acercaría más: %2 en vez de %3.</translation>
        </message>
    </context>
    <context>
        <name>Lengths</name>
        <message>
            <source>%1 in</source>
            <translation>%1 pulg</translation>
        </message>
        <message>
            <source>%1 cm</source>
            <translation>%1 cm</translation>
        </message>
        <message>
            <source>%1 × %2 in</source>
            <translation>%1 × %2 pulg</translation>
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
            <translation>el lado largo de la barra, arrastrado</translation>
        </message>
        <message>
            <source>lines with the edge of the stick, rolled so that they swell and thin</source>
            <translation>líneas con el canto de la barra, girado para que engorden y adelgacen</translation>
        </message>
        <message>
            <source>level strokes, edge or side, never slanting</source>
            <translation>trazos horizontales, canto o lado, nunca inclinados</translation>
        </message>
        <message>
            <source>pulled straight down</source>
            <translation>tirado recto hacia abajo</translation>
        </message>
        <message>
            <source>dots and dashes the way it grows, no long lines</source>
            <translation>puntos y rayas en el sentido en que crece, sin líneas largas</translation>
        </message>
        <message>
            <source>towards and away from the centre, never round and round</source>
            <translation>hacia el centro y desde él, nunca en redondo</translation>
        </message>
        <message>
            <source>small circles, hardly any pressure</source>
            <translation>círculos pequeños, casi sin presión</translation>
        </message>
        <message>
            <source>tapped straight down, not sliding</source>
            <translation>golpecitos rectos hacia abajo, sin deslizar</translation>
        </message>
        <message>
            <source>a sharp point turned on the spot</source>
            <translation>una punta afilada girada en el sitio</translation>
        </message>
        <message>
            <source>hatching along the form, colours kept apart</source>
            <translation>rayado a lo largo de la forma, con los colores separados</translation>
        </message>
        <message>
            <source>a broken end, pressed and turned: suggested, not drawn</source>
            <translation>un extremo roto, apretado y girado: sugerido, no dibujado</translation>
        </message>
        <message>
            <source>brushed on thinly</source>
            <translation>pincelado fino</translation>
        </message>
        <message>
            <source>sprayed from arm's length</source>
            <translation>rociado a la distancia de un brazo</translation>
        </message>
        <message>
            <source>broad side</source>
            <translation>lado ancho</translation>
        </message>
        <message>
            <source>edge lines</source>
            <translation>líneas de canto</translation>
        </message>
        <message>
            <source>level strokes</source>
            <translation>trazos horizontales</translation>
        </message>
        <message>
            <source>pulled down</source>
            <translation>tirado hacia abajo</translation>
        </message>
        <message>
            <source>dots and dashes</source>
            <translation>puntos y rayas</translation>
        </message>
        <message>
            <source>from the centre</source>
            <translation>desde el centro</translation>
        </message>
        <message>
            <source>small circles</source>
            <translation>círculos pequeños</translation>
        </message>
        <message>
            <source>tapped</source>
            <translation>golpecitos</translation>
        </message>
        <message>
            <source>a turned point</source>
            <translation>punta girada</translation>
        </message>
        <message>
            <source>hatching</source>
            <translation>rayado</translation>
        </message>
        <message>
            <source>broken end</source>
            <translation>extremo roto</translation>
        </message>
        <message>
            <source>brushed</source>
            <translation>pincelado</translation>
        </message>
        <message>
            <source>sprayed</source>
            <translation>rociado</translation>
        </message>
        <message>
            <source>the upper part of %1</source>
            <translation>%1: la parte alta</translation>
        </message>
        <message>
            <source>the lower part of %1</source>
            <translation>%1: la parte baja</translation>
        </message>
        <message>
            <source>the left of %1</source>
            <translation>%1: la izquierda</translation>
        </message>
        <message>
            <source>the right of %1</source>
            <translation>%1: la derecha</translation>
        </message>
        <message>
            <source>round the edge of %1</source>
            <translation>%1: alrededor del borde</translation>
        </message>
        <message>
            <source>the darks of %1</source>
            <translation>%1: los oscuros</translation>
        </message>
        <message>
            <source>the lights of %1</source>
            <translation>%1: las luces</translation>
        </message>
        <message>
            <source>most of %1</source>
            <translation>%1: casi todo</translation>
        </message>
        <message>
            <source>a finger</source>
            <translation>un dedo</translation>
        </message>
        <message>
            <source>the palm</source>
            <translation>la palma</translation>
        </message>
        <message>
            <source>a stump</source>
            <translation>un difumino</translation>
        </message>
        <message>
            <source>a rubber tip</source>
            <translation>una punta de goma</translation>
        </message>
        <message>
            <source>to the right</source>
            <translation>hacia la derecha</translation>
        </message>
        <message>
            <source>up to the right</source>
            <translation>hacia arriba a la derecha</translation>
        </message>
        <message>
            <source>upwards</source>
            <translation>hacia arriba</translation>
        </message>
        <message>
            <source>up to the left</source>
            <translation>hacia arriba a la izquierda</translation>
        </message>
        <message>
            <source>to the left</source>
            <translation>hacia la izquierda</translation>
        </message>
        <message>
            <source>down to the left</source>
            <translation>hacia abajo a la izquierda</translation>
        </message>
        <message>
            <source>downwards</source>
            <translation>hacia abajo</translation>
        </message>
        <message>
            <source>down to the right</source>
            <translation>hacia abajo a la derecha</translation>
        </message>
        <message>
            <source>at the right</source>
            <translation>a la derecha</translation>
        </message>
        <message>
            <source>at the upper right</source>
            <translation>arriba a la derecha</translation>
        </message>
        <message>
            <source>at the top</source>
            <translation>arriba</translation>
        </message>
        <message>
            <source>at the upper left</source>
            <translation>arriba a la izquierda</translation>
        </message>
        <message>
            <source>at the left</source>
            <translation>a la izquierda</translation>
        </message>
        <message>
            <source>at the lower left</source>
            <translation>abajo a la izquierda</translation>
        </message>
        <message>
            <source>at the bottom</source>
            <translation>abajo</translation>
        </message>
        <message>
            <source>at the lower right</source>
            <translation>abajo a la derecha</translation>
        </message>
        <message>
            <source>firmest %1, letting off %2</source>
            <translation>lo más firme %1, aflojando %2</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks, straight down.</source>
            <translation>Difuminar con %1, solo para los oscuros, recto hacia abajo.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one, straight down.</source>
            <translation>Difuminar limpio con %1, recto hacia abajo.</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks.</source>
            <translation>Difuminar con %1, solo para los oscuros.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one.</source>
            <translation>Difuminar limpio con %1.</translation>
        </message>
        <message>
            <source>Rub in with %1, the one kept for darks, from light into dark: %2.</source>
            <translation>Difuminar con %1, solo para los oscuros, de la luz a lo oscuro: %2.</translation>
        </message>
        <message>
            <source>Rub in with %1, a clean one, from light into dark: %2.</source>
            <translation>Difuminar limpio con %1, de la luz a lo oscuro: %2.</translation>
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
            <translation>subiendo a la derecha</translation>
        </message>
        <message>
            <source>falling to the right</source>
            <translation>bajando a la derecha</translation>
        </message>
        <message>
            <source>%1 in %2</source>
            <translation>%1 en %2</translation>
        </message>
        <message>
            <source>%1 mm</source>
            <translation>%1 mm</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 a %2 mm</translation>
        </message>
        <message>
            <source>%1, firm in places</source>
            <translation>%1, firme a trechos</translation>
        </message>
        <message>
            <source>%1, light in places</source>
            <translation>%1, suave a trechos</translation>
        </message>
        <message>
            <source>%1, middle in places</source>
            <translation>%1, media a trechos</translation>
        </message>
        <message>
            <source>a piece of foam</source>
            <translation>un trozo de espuma</translation>
        </message>
        <message>
            <source>firm</source>
            <translation>firme</translation>
        </message>
        <message>
            <source>light</source>
            <translation>suave</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>media</translation>
        </message>
        <message>
            <source>firm in the darks, light in the lights</source>
            <translation>firme en los oscuros, suave en los claros</translation>
        </message>
        <message>
            <source>firm in the lights, light in the darks</source>
            <translation>firme en los claros, suave en los oscuros</translation>
        </message>
        <message>
            <source>many small ones in %1, %2</source>
            <translation>muchas pequeñas en %1, %2</translation>
        </message>
        <message>
            <source>parts of %1</source>
            <translation>partes de %1</translation>
        </message>
        <message numerus="yes">
            <source>%n small one(s) in %1, %2</source>
            <translation>
                <numerusform>%n lugar pequeño en %1, %2</numerusform>
                <numerusform>%n lugares pequeños en %1, %2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Names</name>
        <message>
            <source>yellowish pink</source>
            <translation>rosa amarillento</translation>
        </message>
        <message>
            <source>brownish pink</source>
            <translation>rosa pardusco</translation>
        </message>
        <message>
            <source>purplish pink</source>
            <translation>rosa purpúreo</translation>
        </message>
        <message>
            <source>pink</source>
            <translation>rosa</translation>
        </message>
        <message>
            <source>purplish red</source>
            <translation>rojo purpúreo</translation>
        </message>
        <message>
            <source>red</source>
            <translation>rojo</translation>
        </message>
        <message>
            <source>reddish orange</source>
            <translation>naranja rojizo</translation>
        </message>
        <message>
            <source>brownish orange</source>
            <translation>naranja pardusco</translation>
        </message>
        <message>
            <source>orange</source>
            <translation>naranja</translation>
        </message>
        <message>
            <source>olive brown</source>
            <translation>marrón oliva</translation>
        </message>
        <message>
            <source>reddish brown</source>
            <translation>marrón rojizo</translation>
        </message>
        <message>
            <source>yellowish brown</source>
            <translation>marrón amarillento</translation>
        </message>
        <message>
            <source>brown</source>
            <translation>marrón</translation>
        </message>
        <message>
            <source>orange yellow</source>
            <translation>amarillo anaranjado</translation>
        </message>
        <message>
            <source>greenish yellow</source>
            <translation>amarillo verdoso</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>amarillo</translation>
        </message>
        <message>
            <source>olive green</source>
            <translation>verde oliva</translation>
        </message>
        <message>
            <source>yellow green</source>
            <translation>verde amarillo</translation>
        </message>
        <message>
            <source>yellowish green</source>
            <translation>verde amarillento</translation>
        </message>
        <message>
            <source>bluish green</source>
            <translation>verde azulado</translation>
        </message>
        <message>
            <source>green</source>
            <translation>verde</translation>
        </message>
        <message>
            <source>greenish blue</source>
            <translation>azul verdoso</translation>
        </message>
        <message>
            <source>purplish blue</source>
            <translation>azul purpúreo</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>azul</translation>
        </message>
        <message>
            <source>violet</source>
            <translation>violeta</translation>
        </message>
        <message>
            <source>reddish purple</source>
            <translation>púrpura rojizo</translation>
        </message>
        <message>
            <source>purple</source>
            <translation>púrpura</translation>
        </message>
        <message>
            <source>yellowish white</source>
            <translation>blanco amarillento</translation>
        </message>
        <message>
            <source>greenish white</source>
            <translation>blanco verdoso</translation>
        </message>
        <message>
            <source>bluish white</source>
            <translation>blanco azulado</translation>
        </message>
        <message>
            <source>purplish white</source>
            <translation>blanco purpúreo</translation>
        </message>
        <message>
            <source>pinkish white</source>
            <translation>blanco rosado</translation>
        </message>
        <message>
            <source>white</source>
            <translation>blanco</translation>
        </message>
        <message>
            <source>pinkish grey</source>
            <translation>gris rosado</translation>
        </message>
        <message>
            <source>reddish grey</source>
            <translation>gris rojizo</translation>
        </message>
        <message>
            <source>brownish grey</source>
            <translation>gris pardusco</translation>
        </message>
        <message>
            <source>yellowish grey</source>
            <translation>gris amarillento</translation>
        </message>
        <message>
            <source>olive grey</source>
            <translation>gris oliva</translation>
        </message>
        <message>
            <source>greenish grey</source>
            <translation>gris verdoso</translation>
        </message>
        <message>
            <source>bluish grey</source>
            <translation>gris azulado</translation>
        </message>
        <message>
            <source>purplish grey</source>
            <translation>gris purpúreo</translation>
        </message>
        <message>
            <source>grey</source>
            <translation>gris</translation>
        </message>
        <message>
            <source>reddish black</source>
            <translation>negro rojizo</translation>
        </message>
        <message>
            <source>brownish black</source>
            <translation>negro pardusco</translation>
        </message>
        <message>
            <source>olive black</source>
            <translation>negro oliva</translation>
        </message>
        <message>
            <source>greenish black</source>
            <translation>negro verdoso</translation>
        </message>
        <message>
            <source>bluish black</source>
            <translation>negro azulado</translation>
        </message>
        <message>
            <source>purplish black</source>
            <translation>negro purpúreo</translation>
        </message>
        <message>
            <source>black</source>
            <translation>negro</translation>
        </message>
        <message>
            <source>blackish red</source>
            <translation>rojo negruzco</translation>
        </message>
        <message>
            <source>blackish green</source>
            <translation>verde negruzco</translation>
        </message>
        <message>
            <source>blackish blue</source>
            <translation>azul negruzco</translation>
        </message>
        <message>
            <source>blackish purple</source>
            <translation>púrpura negruzco</translation>
        </message>
        <message>
            <source>olive</source>
            <translation>oliva</translation>
        </message>
        <message>
            <source>vivid</source>
            <translation>vivo</translation>
        </message>
        <message>
            <source>bright</source>
            <translation>brillante</translation>
        </message>
        <message>
            <source>clear</source>
            <translation>neto</translation>
        </message>
        <message>
            <source>deep</source>
            <translation>profundo</translation>
        </message>
        <message>
            <source>very deep</source>
            <translation>muy profundo</translation>
        </message>
        <message>
            <source>very light</source>
            <translation>muy claro</translation>
        </message>
        <message>
            <source>light</source>
            <translation>claro</translation>
        </message>
        <message>
            <source>very dark</source>
            <translation>muy oscuro</translation>
        </message>
        <message>
            <source>dark</source>
            <translation>oscuro</translation>
        </message>
        <message>
            <source>very pale</source>
            <translation>muy pálido</translation>
        </message>
        <message>
            <source>pale</source>
            <translation>pálido</translation>
        </message>
        <message>
            <source>light greyish</source>
            <translation>grisáceo claro</translation>
        </message>
        <message>
            <source>dark greyish</source>
            <translation>grisáceo oscuro</translation>
        </message>
        <message>
            <source>greyish</source>
            <translation>grisáceo</translation>
        </message>
        <message>
            <source>medium</source>
            <translation>medio</translation>
        </message>
        <message>
            <source>upper left</source>
            <translation>arriba a la izquierda</translation>
        </message>
        <message>
            <source>upper right</source>
            <translation>arriba a la derecha</translation>
        </message>
        <message>
            <source>upper middle</source>
            <translation>arriba en medio</translation>
        </message>
        <message>
            <source>lower left</source>
            <translation>abajo a la izquierda</translation>
        </message>
        <message>
            <source>lower right</source>
            <translation>abajo a la derecha</translation>
        </message>
        <message>
            <source>lower middle</source>
            <translation>abajo en medio</translation>
        </message>
        <message>
            <source>middle left</source>
            <translation>en medio a la izquierda</translation>
        </message>
        <message>
            <source>middle right</source>
            <translation>en medio a la derecha</translation>
        </message>
        <message>
            <source>upper</source>
            <translation>arriba</translation>
        </message>
        <message>
            <source>lower</source>
            <translation>abajo</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>en medio</translation>
        </message>
        <message>
            <source>left</source>
            <translation>a la izquierda</translation>
        </message>
        <message>
            <source>right</source>
            <translation>a la derecha</translation>
        </message>
        <message>
            <source>top</source>
            <translation>arriba</translation>
        </message>
        <message>
            <source>bottom</source>
            <translation>abajo</translation>
        </message>
        <message>
            <source>central</source>
            <translation>en el centro</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>cielo</translation>
        </message>
        <message>
            <source>water</source>
            <translation>agua</translation>
        </message>
        <message>
            <source>reflection</source>
            <translation>reflejo</translation>
        </message>
        <message>
            <source>grass</source>
            <translation>hierba</translation>
        </message>
        <message>
            <source>fur</source>
            <translation>pelaje</translation>
        </message>
        <message>
            <source>feather</source>
            <translation>plumaje</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>piel</translation>
        </message>
        <message>
            <source>cloth</source>
            <translation>tela</translation>
        </message>
        <message>
            <source>stone</source>
            <translation>piedra</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>follaje</translation>
        </message>
        <message>
            <source>metal</source>
            <translation>metal</translation>
        </message>
        <message>
            <source>glass</source>
            <translation>vidrio</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Negro</translation>
        </message>
        <message>
            <source>Blue violet</source>
            <translation>Azul violeta</translation>
        </message>
        <message>
            <source>Burnt sienna</source>
            <translation>Siena tostada</translation>
        </message>
        <message>
            <source>Cerulean blue</source>
            <translation>Azul cerúleo</translation>
        </message>
        <message>
            <source>Cobalt blue</source>
            <translation>Azul cobalto</translation>
        </message>
        <message>
            <source>Compressed charcoal</source>
            <translation>Carbón comprimido</translation>
        </message>
        <message>
            <source>Cool grey</source>
            <translation>Gris frío</translation>
        </message>
        <message>
            <source>Cream</source>
            <translation>Crema</translation>
        </message>
        <message>
            <source>Crimson</source>
            <translation>Carmesí</translation>
        </message>
        <message>
            <source>Deep blue</source>
            <translation>Azul profundo</translation>
        </message>
        <message>
            <source>Deepest blue</source>
            <translation>Azul más profundo</translation>
        </message>
        <message>
            <source>Deepest blue-green</source>
            <translation>Azul verde más profundo</translation>
        </message>
        <message>
            <source>Deepest brown</source>
            <translation>Marrón más profundo</translation>
        </message>
        <message>
            <source>Deepest green</source>
            <translation>Verde más profundo</translation>
        </message>
        <message>
            <source>Deepest red-brown</source>
            <translation>Marrón rojizo más profundo</translation>
        </message>
        <message>
            <source>Deepest violet</source>
            <translation>Violeta más profundo</translation>
        </message>
        <message>
            <source>Leaf green</source>
            <translation>Verde hoja</translation>
        </message>
        <message>
            <source>Lemon yellow</source>
            <translation>Amarillo limón</translation>
        </message>
        <message>
            <source>Magenta rose</source>
            <translation>Rosa magenta</translation>
        </message>
        <message>
            <source>Olive green</source>
            <translation>Verde oliva</translation>
        </message>
        <message>
            <source>Orange</source>
            <translation>Naranja</translation>
        </message>
        <message>
            <source>Raw sienna</source>
            <translation>Siena natural</translation>
        </message>
        <message>
            <source>Red oxide</source>
            <translation>Rojo óxido</translation>
        </message>
        <message>
            <source>Sap green</source>
            <translation>Verde vejiga</translation>
        </message>
        <message>
            <source>Yellow green</source>
            <translation>Verde amarillento</translation>
        </message>
        <message>
            <source>Scarlet</source>
            <translation>Escarlata</translation>
        </message>
        <message>
            <source>Turquoise</source>
            <translation>Turquesa</translation>
        </message>
        <message>
            <source>Ultramarine blue</source>
            <translation>Azul ultramar</translation>
        </message>
        <message>
            <source>Umber</source>
            <translation>Sombra</translation>
        </message>
        <message>
            <source>Violet</source>
            <translation>Violeta</translation>
        </message>
        <message>
            <source>Viridian</source>
            <translation>Viridiana</translation>
        </message>
        <message>
            <source>Warm grey</source>
            <translation>Gris cálido</translation>
        </message>
        <message>
            <source>Warm yellow</source>
            <translation>Amarillo cálido</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Blanco</translation>
        </message>
        <message>
            <source>Willow charcoal</source>
            <translation>Carboncillo de sauce</translation>
        </message>
        <message>
            <source>Yellow ochre</source>
            <translation>Ocre amarillo</translation>
        </message>
        <message>
            <source>Sanded 400, warm grey</source>
            <translation>Lijado 400, gris cálido</translation>
        </message>
        <message>
            <source>Sanded 400, rust</source>
            <translation>Lijado 400, óxido</translation>
        </message>
        <message>
            <source>Sanded 600, slate blue</source>
            <translation>Lijado 600, azul pizarra</translation>
        </message>
        <message>
            <source>Sanded 600, sand</source>
            <translation>Lijado 600, arena</translation>
        </message>
        <message>
            <source>Sanded 800, white</source>
            <translation>Lijado 800, blanco</translation>
        </message>
        <message>
            <source>Sanded 800, black</source>
            <translation>Lijado 800, negro</translation>
        </message>
        <message>
            <source>Fibre-coated card, middle grey</source>
            <translation>Cartón con fibra, gris medio</translation>
        </message>
        <message>
            <source>Fibre-coated card, olive</source>
            <translation>Cartón con fibra, oliva</translation>
        </message>
        <message>
            <source>Fibre-coated card, aubergine</source>
            <translation>Cartón con fibra, berenjena</translation>
        </message>
        <message>
            <source>Laid drawing paper, buff</source>
            <translation>Papel verjurado, ante</translation>
        </message>
        <message>
            <source>Honeycomb drawing paper, blue-grey</source>
            <translation>Papel de panal, azul gris</translation>
        </message>
        <message>
            <source>Velour, stone</source>
            <translation>Terciopelo, piedra</translation>
        </message>
        <message>
            <source>Primed watercolour paper, white</source>
            <translation>Papel de acuarela imprimado, blanco</translation>
        </message>
        <message>
            <source>Cartridge paper, cream</source>
            <translation>Papel de dibujo, crema</translation>
        </message>
        <message>
            <source>Generic, all media</source>
            <translation>Genérica, todos los medios</translation>
        </message>
        <message>
            <source>Generic, soft sticks</source>
            <translation>Genérica, barras blandas</translation>
        </message>
        <message>
            <source>Generic, pencils and pan colours</source>
            <translation>Genérica, lápices y pastillas</translation>
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
            <translation>algo cálido de más</translation>
        </message>
        <message>
            <source>too warm</source>
            <translation>cálido de más</translation>
        </message>
        <message>
            <source>much too warm</source>
            <translation>muy cálido de más</translation>
        </message>
        <message>
            <source>a little too cool</source>
            <translation>algo frío de más</translation>
        </message>
        <message>
            <source>too cool</source>
            <translation>frío de más</translation>
        </message>
        <message>
            <source>much too cool</source>
            <translation>muy frío de más</translation>
        </message>
        <message>
            <source>a little too vivid</source>
            <translation>algo vivo de más</translation>
        </message>
        <message>
            <source>too vivid</source>
            <translation>vivo de más</translation>
        </message>
        <message>
            <source>much too vivid</source>
            <translation>muy vivo de más</translation>
        </message>
        <message>
            <source>a little too dull</source>
            <translation>algo apagado de más</translation>
        </message>
        <message>
            <source>too dull</source>
            <translation>apagado de más</translation>
        </message>
        <message>
            <source>much too dull</source>
            <translation>muy apagado de más</translation>
        </message>
        <message>
            <source>a quarter step too light</source>
            <translation>un cuarto de grado claro de más</translation>
        </message>
        <message>
            <source>a quarter step too dark</source>
            <translation>un cuarto de grado oscuro de más</translation>
        </message>
        <message>
            <source>half a step too light</source>
            <translation>medio grado claro de más</translation>
        </message>
        <message>
            <source>half a step too dark</source>
            <translation>medio grado oscuro de más</translation>
        </message>
        <message numerus="yes">
            <source>%n step(s) too light</source>
            <translation>
                <numerusform>%n grado claro de más</numerusform>
                <numerusform>%n grados claro de más</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n step(s) too dark</source>
            <translation>
                <numerusform>%n grado oscuro de más</numerusform>
                <numerusform>%n grados oscuro de más</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, tint %2</source>
            <translation>%1, aclarado %2</translation>
        </message>
        <message>
            <source>%1, shade %2</source>
            <translation>%1, oscurecido %2</translation>
        </message>
        <message>
            <source>matches</source>
            <translation>coincide</translation>
        </message>
        <message>
            <source>close</source>
            <translation>cerca</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>name and number</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>%1, tint</source>
            <translation>%1, aclarado</translation>
        </message>
        <message>
            <source>%1, shade</source>
            <translation>%1, oscurecido</translation>
        </message>
        <message>
            <source>face</source>
            <translation>cara</translation>
        </message>
        <message>
            <source>eye</source>
            <translation>ojo</translation>
        </message>
        <message>
            <source>hair</source>
            <translation>pelo</translation>
        </message>
        <message>
            <source>animal</source>
            <translation>animal</translation>
        </message>
        <message>
            <source>flower</source>
            <translation>flor</translation>
        </message>
        <message>
            <source>tree</source>
            <translation>árbol</translation>
        </message>
        <message>
            <source>fruit</source>
            <translation>fruta</translation>
        </message>
        <message>
            <source>building</source>
            <translation>edificio</translation>
        </message>
        <message>
            <source>ground</source>
            <translation>suelo</translation>
        </message>
        <message>
            <source>thing</source>
            <translation>cosa</translation>
        </message>
        <message>
            <source>something else</source>
            <translation>otra cosa</translation>
        </message>
        <message>
            <source>let go</source>
            <translation>se deja ir</translation>
        </message>
        <message>
            <source>as usual</source>
            <translation>como siempre</translation>
        </message>
        <message>
            <source>matters</source>
            <translation>importa</translation>
        </message>
        <message>
            <source>matters most</source>
            <translation>importa más</translation>
        </message>
    </context>
    <context>
        <name>Order</name>
        <message>
            <source>built up from below</source>
            <translation>construido desde abajo</translation>
        </message>
        <message>
            <source>dry before painting over</source>
            <translation>seco antes de pintar encima</translation>
        </message>
        <message>
            <source>fixed first</source>
            <translation>fijado primero</translation>
        </message>
        <message>
            <source>hard under soft</source>
            <translation>duro bajo blando</translation>
        </message>
        <message>
            <source>background before a soft edge</source>
            <translation>fondo antes de un borde blando</translation>
        </message>
        <message>
            <source>features first</source>
            <translation>lo importante primero</translation>
        </message>
        <message>
            <source>far before near</source>
            <translation>lejos antes que cerca</translation>
        </message>
        <message>
            <source>lights first</source>
            <translation>luces primero</translation>
        </message>
        <message>
            <source>darks first</source>
            <translation>oscuros primero</translation>
        </message>
        <message>
            <source>thin before firm</source>
            <translation>fino antes que firme</translation>
        </message>
        <message>
            <source>black last</source>
            <translation>negro al final</translation>
        </message>
        <message>
            <source>most intense last</source>
            <translation>lo más intenso al final</translation>
        </message>
        <message>
            <source>highlights last</source>
            <translation>brillos al final</translation>
        </message>
        <message>
            <source>block in first</source>
            <translation>manchar primero</translation>
        </message>
        <message>
            <source>the rest</source>
            <translation>el resto</translation>
        </message>
        <message>
            <source>The background is done at this level.</source>
            <translation>El fondo está acabado en este nivel.</translation>
        </message>
        <message>
            <source>The middle ground is done at this level.</source>
            <translation>El plano medio está acabado en este nivel.</translation>
        </message>
        <message>
            <source>The foreground is done at this level.</source>
            <translation>El primer plano está acabado en este nivel.</translation>
        </message>
        <message>
            <source>It is built on pass %1 in %2.</source>
            <translation>Se apoya en la pasada %1 en %2.</translation>
        </message>
        <message>
            <source>The coat of pass %1 has to be dry (%2 min).</source>
            <translation>La mano de la pasada %1 tiene que estar seca (%2 min).</translation>
        </message>
        <message>
            <source>The fixative of pass %1 holds what is below and has to be dry.</source>
            <translation>El fijador de la pasada %1 sujeta lo de abajo y tiene que estar seco.</translation>
        </message>
        <message>
            <source>It holds what pass %1 laid in %2.</source>
            <translation>Sujeta lo que la pasada %1 puso en %2.</translation>
        </message>
        <message>
            <source>Harder sticks first in %1: a hard point slips on a soft bed (pass %2).</source>
            <translation>Las barras más duras primero en %1: una punta dura resbala en un lecho blando (pasada %2).</translation>
        </message>
        <message>
            <source>The background, %1, goes in before the soft edge of %2, or a halo stays (pass %3).</source>
            <translation>El fondo, %1, entra antes del borde blando de %2, o queda un halo (pasada %3).</translation>
        </message>
        <message>
            <source>Features first: %1 before the rest (pass %2).</source>
            <translation>Lo importante primero: %1 antes que el resto (pasada %2).</translation>
        </message>
        <message>
            <source>Far before near: %1 overlaps %2 (pass %3).</source>
            <translation>Lejos antes que cerca: %1 cubre a %2 (pasada %3).</translation>
        </message>
        <message>
            <source>Lights before darks in %1, as this school has it (pass %2).</source>
            <translation>Luces antes que oscuros en %1, como quiere esta escuela (pasada %2).</translation>
        </message>
        <message>
            <source>Lights before darks in this school: %1, then %2 (pass %3).</source>
            <translation>Luces antes que oscuros en esta escuela: %1, luego %2 (pasada %3).</translation>
        </message>
        <message>
            <source>Darks before lights in %1 (pass %2).</source>
            <translation>Oscuros antes que luces en %1 (pasada %2).</translation>
        </message>
        <message>
            <source>Darks before lights: %1, then %2 (pass %3).</source>
            <translation>Oscuros antes que luces: %1, luego %2 (pasada %3).</translation>
        </message>
        <message>
            <source>Thin before firm (pass %1).</source>
            <translation>Fino antes que firme (pasada %1).</translation>
        </message>
        <message>
            <source>Black goes last over %1 (pass %2).</source>
            <translation>El negro va al final sobre %1 (pasada %2).</translation>
        </message>
        <message>
            <source>The most intense colours last in %1 (pass %2).</source>
            <translation>Los colores más intensos al final en %1 (pasada %2).</translation>
        </message>
        <message>
            <source>Accents and highlights last (pass %1).</source>
            <translation>Acentos y brillos al final (pasada %1).</translation>
        </message>
        <message>
            <source>The whole is blocked in before %1 is built up (pass %2).</source>
            <translation>El conjunto se mancha antes de construir %1 (pasada %2).</translation>
        </message>
        <message>
            <source>The demands of %1 contradict each other.</source>
            <translation>Las exigencias de %1 se contradicen.</translation>
        </message>
        <message>
            <source>%1 contradict each other.</source>
            <translation>%1 se contradicen.</translation>
        </message>
        <message>
            <source>The demands of %1 contradict each other at %2.</source>
            <translation>Las exigencias de %1 se contradicen en %2.</translation>
        </message>
        <message>
            <source>%1 contradict each other at %2.</source>
            <translation>%1 se contradicen en %2.</translation>
        </message>
        <message>
            <source>Relaxed here: "%1", the weakest of them.</source>
            <translation>Relajado aquí: «%1», la más débil de ellas.</translation>
        </message>
        <message>
            <source>Nothing has to go before it: the furthest that is left first.</source>
            <translation>Nada tiene que ir antes: lo más lejano que queda, primero.</translation>
        </message>
        <message>
            <source>Same stick, still in the hand.</source>
            <translation>La misma barra, aún en la mano.</translation>
        </message>
        <message>
            <source>The stick is still in the hand.</source>
            <translation>La barra sigue en la mano.</translation>
        </message>
        <message>
            <source>The underpainting sets the big values, on clean tooth.</source>
            <translation>La capa base fija los grandes valores, sobre diente limpio.</translation>
        </message>
        <message>
            <source>Done.</source>
            <translation>Hecha.</translation>
        </message>
        <message>
            <source>Left out.</source>
            <translation>Omitida.</translation>
        </message>
        <message>
            <source>The picture is finished.</source>
            <translation>La imagen está acabada.</translation>
        </message>
        <message>
            <source>It dries until the next sitting.</source>
            <translation>Seca hasta la próxima sesión.</translation>
        </message>
        <message>
            <source>The underpainting is done and dries meanwhile.</source>
            <translation>La capa base está acabada y seca mientras tanto.</translation>
        </message>
        <message>
            <source>The fixative dries meanwhile.</source>
            <translation>El fijador seca mientras tanto.</translation>
        </message>
        <message>
            <source>The picture is blocked in.</source>
            <translation>La imagen está manchada.</translation>
        </message>
        <message>
            <source>A level of the picture is done.</source>
            <translation>Un nivel de la imagen está acabado.</translation>
        </message>
        <message>
            <source>A whole stick is laid; nothing is left half done.</source>
            <translation>Una barra entera está puesta; nada queda a medias.</translation>
        </message>
    </context>
    <context>
        <name>Passages</name>
        <message>
            <source>%1 and more</source>
            <translation>%1 y más</translation>
        </message>
        <message>
            <source>%1, with %2</source>
            <translation>%1, con %2</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>Block in %1</source>
            <translation>Manchar: %1</translation>
        </message>
        <message>
            <source>Build up %1</source>
            <translation>Construir: %1</translation>
        </message>
        <message>
            <source>%1, from the top down</source>
            <translation>%1, de arriba abajo</translation>
        </message>
        <message>
            <source>Let it dry %1 min before anything goes over it. No heat, no flame: the vapour burns.</source>
            <translation>Dejar secar %1 min antes de que nada vaya encima. Ni calor ni llama: los vapores arden.</translation>
        </message>
        <message>
            <source>Let it dry %1 min, or %2 min with a dryer kept moving.</source>
            <translation>Dejar secar %1 min, o %2 min con un secador en movimiento.</translation>
        </message>
        <message>
            <source>Tape the border; the tape is the edge of the picture.</source>
            <translation>Poner cinta en el borde; la cinta es el borde de la imagen.</translation>
        </message>
        <message>
            <source>Draw with %1, lightly: a line near the paper's own colour goes under.</source>
            <translation>Dibujar suave con %1: una línea cercana al color del papel desaparece.</translation>
        </message>
        <message>
            <source>Extents first, of all that stands before the background: %1.</source>
            <translation>Primero las extensiones de todo lo que está ante el fondo: %1.</translation>
        </message>
        <message>
            <source>The tallest first, %1: %2.</source>
            <translation>Lo más alto primero, %1: %2.</translation>
        </message>
        <message>
            <source>Then %1: %2.</source>
            <translation>Luego %1: %2.</translation>
        </message>
        <message>
            <source>Lift the lines with a kneaded eraser where lights begin: %1.</source>
            <translation>Levantar las líneas con goma moldeable donde empiezan las luces: %1.</translation>
        </message>
        <message>
            <source>Value first, eyes half closed: %1 darkest (value %2), %3 lightest (value %4).</source>
            <translation>El valor primero, con los ojos entornados: %1 lo más oscuro (valor %2), %3 lo más claro (valor %4).</translation>
        </message>
        <message>
            <source>Then temperature: %1 warmest against its neighbours, %2 coolest.</source>
            <translation>Luego la temperatura: %1 lo más cálido frente a sus vecinos, %2 lo más frío.</translation>
        </message>
        <message>
            <source>Then chroma: %1 most vivid, %2 most grey.</source>
            <translation>Luego la saturación: %1 lo más vivo, %2 lo más gris.</translation>
        </message>
        <message>
            <source>A place that is too light as a whole: a thin coat of fixative darkens it without rework. Correct masses, not details.</source>
            <translation>Una parte demasiado clara en conjunto: una mano fina de fijador la oscurece sin rehacerla. Corregir masas, no detalles.</translation>
        </message>
        <message>
            <source>Set the darks again with %1 in %2: rubbing beside them has veiled them.</source>
            <translation>Poner otra vez los oscuros con %1 en %2: el difuminado de al lado los ha velado.</translation>
        </message>
        <message>
            <source>Tape off, slowly and flat; soften the edge it leaves if no mount covers it.</source>
            <translation>Quitar la cinta despacio y a ras; ablandar el borde que deja si ningún paspartú lo cubre.</translation>
        </message>
        <message>
            <source>Sign with %1 in %2.</source>
            <translation>Firmar con %1 en %2.</translation>
        </message>
        <message>
            <source>Write down which sticks made which colour, while you still know.</source>
            <translation>Apuntar qué barras hicieron qué color, mientras aún se sabe.</translation>
        </message>
        <message>
            <source>in the middle</source>
            <translation>en medio</translation>
        </message>
        <message>
            <source>at the top</source>
            <translation>arriba</translation>
        </message>
        <message>
            <source>at the bottom</source>
            <translation>abajo</translation>
        </message>
        <message>
            <source>at the left</source>
            <translation>a la izquierda</translation>
        </message>
        <message>
            <source>at the right</source>
            <translation>a la derecha</translation>
        </message>
        <message>
            <source>Set out the drawing</source>
            <translation>Encajar el dibujo</translation>
        </message>
        <message>
            <source>Try the delicate colours</source>
            <translation>Probar los colores delicados</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Capa base</translation>
        </message>
        <message>
            <source>Fixative</source>
            <translation>Fijador</translation>
        </message>
        <message>
            <source>Block in the darks</source>
            <translation>Manchar los oscuros</translation>
        </message>
        <message>
            <source>Deepen the darks</source>
            <translation>Profundizar los oscuros</translation>
        </message>
        <message>
            <source>Colour into the darks</source>
            <translation>Color en los oscuros</translation>
        </message>
        <message>
            <source>Block in the middle values</source>
            <translation>Manchar los valores medios</translation>
        </message>
        <message>
            <source>Middle values</source>
            <translation>Valores medios</translation>
        </message>
        <message>
            <source>Block in the lights</source>
            <translation>Manchar las luces</translation>
        </message>
        <message>
            <source>Lights</source>
            <translation>Luces</translation>
        </message>
        <message>
            <source>Accents and highlights</source>
            <translation>Acentos y brillos</translation>
        </message>
        <message>
            <source>Step back</source>
            <translation>Alejarse</translation>
        </message>
        <message>
            <source>Set the darks again</source>
            <translation>Poner otra vez los oscuros</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Acabar</translation>
        </message>
        <message>
            <source>Accents and highlights, crisp and unrubbed</source>
            <translation>Acentos y brillos, nítidos y sin difuminar</translation>
        </message>
        <message>
            <source>Finished when the big shapes stand where they should, seen in a mirror too.</source>
            <translation>Acabado cuando las grandes formas están donde deben, también en un espejo.</translation>
        </message>
        <message>
            <source>Finished when each looks from two metres as on the Board.</source>
            <translation>Acabado cuando cada uno, a dos metros, se ve como en la vista previa.</translation>
        </message>
        <message>
            <source>Finished when it is dry all over and the big values stand.</source>
            <translation>Acabado cuando todo está seco y los grandes valores están puestos.</translation>
        </message>
        <message>
            <source>Finished when it is dry to the touch and no dust comes off.</source>
            <translation>Acabado cuando está seco al tacto y no suelta polvo.</translation>
        </message>
        <message>
            <source>Finished when the darks hold together at half-closed eyes and nothing lighter shows in them.</source>
            <translation>Acabado cuando los oscuros se sostienen con los ojos entornados y nada más claro asoma en ellos.</translation>
        </message>
        <message>
            <source>Finished when the darks have their colour and still hold together at half-closed eyes.</source>
            <translation>Acabado cuando los oscuros tienen su color y aún se sostienen con los ojos entornados.</translation>
        </message>
        <message>
            <source>Finished when the big shapes read from across the room, thinly.</source>
            <translation>Acabado cuando las grandes formas se leen desde el otro lado de la sala, finas.</translation>
        </message>
        <message>
            <source>Finished when each shape stands between its dark and its light as on the Board.</source>
            <translation>Acabado cuando cada forma está entre su oscuro y su luz como en la vista previa.</translation>
        </message>
        <message>
            <source>Finished when the lights are lighter than all that is beside them, and clean.</source>
            <translation>Acabado cuando las luces son más claras que todo lo de al lado, y limpias.</translation>
        </message>
        <message>
            <source>Finished when %1 stands against what is beside it as on the Board.</source>
            <translation>Acabado cuando %1 se separa de lo que tiene al lado como en la vista previa.</translation>
        </message>
        <message>
            <source>Finished when they catch the eye; one more would be too many.</source>
            <translation>Acabado cuando llaman la mirada; uno más sería demasiado.</translation>
        </message>
        <message>
            <source>Finished when three differences are found, or none is seen at a glance; a photograph shown to the stage Check finds more.</source>
            <translation>Acabado cuando se hallan tres diferencias, o ninguna se ve de un vistazo; una foto en la etapa «Control» halla más.</translation>
        </message>
        <message>
            <source>Finished when the darkest is as dark as on the Board.</source>
            <translation>Acabado cuando lo más oscuro lo es tanto como en la vista previa.</translation>
        </message>
        <message>
            <source>%1 and %2 are a pair: one first as a trial, the other at once after it, alike.</source>
            <translation>%1 y %2 son un par: uno primero como prueba, el otro enseguida, igual.</translation>
        </message>
        <message>
            <source>Finished with this: %1.</source>
            <translation>Acabado con esto: %1.</translation>
        </message>
        <message>
            <source>%1 %2 (pass %3)</source>
            <translation>%1 %2 (pasada %3)</translation>
        </message>
        <message>
            <source>overlap a third and rub across the joins.</source>
            <translation>solapar un tercio y difuminar a través de las uniones.</translation>
        </message>
        <message>
            <source>overlap a third and let the joins break.</source>
            <translation>solapar un tercio y dejar rotas las uniones.</translation>
        </message>
        <message>
            <source>%1 is one gradient: %2; %3</source>
            <translation>%1 es un solo degradado: %2; %3</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: soft. The back goes under it, the front is drawn out over it.</source>
            <translation>Borde de %1 ante %2: blando. Lo de atrás va debajo, lo de delante se lleva por encima.</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: keep it crisp, do not rub across.</source>
            <translation>Borde de %1 ante %2: mantenerlo nítido, no difuminar a través.</translation>
        </message>
        <message>
            <source>Edge of %1 before %2: state it again with %3.</source>
            <translation>Borde de %1 ante %2: decirlo otra vez con %3.</translation>
        </message>
        <message>
            <source>%1 and %2 fight where they meet: work a little %3 into both.</source>
            <translation>%1 y %2 chocan donde se tocan: trabajar un poco de %3 en ambos.</translation>
        </message>
        <message>
            <source>Edge of %1: clean it from outside with %2, the colour of %3.</source>
            <translation>Borde de %1: limpiarlo desde fuera con %2, el color de %3.</translation>
        </message>
        <message>
            <source>Finished when one more mark changes nothing that is seen from two steps away.</source>
            <translation>Acabado cuando un trazo más no cambia nada de lo que se ve a dos pasos.</translation>
        </message>
        <message>
            <source>%1 from the left, %2 wide</source>
            <translation>a %1 de la izquierda, %2 de ancho</translation>
        </message>
        <message>
            <source>%1 from the top, %2 high</source>
            <translation>a %1 de arriba, %2 de alto</translation>
        </message>
        <message>
            <source>Draw with a pencil near the paper&apos;s own value, lightly: it goes under.</source>
            <translation>Dibujar con un lápiz cercano al valor del papel, suave: desaparece.</translation>
        </message>
        <message>
            <source>Edge of %1 and %2: lose it, a stump across.</source>
            <translation>Borde de %1 y %2: perderlo, un difumino de través.</translation>
        </message>
        <message>
            <source>Finished when each shape stands against what is beside it as on the Board.</source>
            <translation>Acabado cuando cada forma destaca de lo que la rodea como en la vista previa.</translation>
        </message>
        <message>
            <source>Pass %1, %2, pressure %3, on an offcut of this paper, beside what lies next to it.</source>
            <translation>Pasada %1, %2, presión %3, en un recorte de este papel, junto a lo que la rodea.</translation>
        </message>
        <message>
            <source>Refine</source>
            <translation>Afinar</translation>
        </message>
        <message>
            <source>down to the bottom edge, %1 high</source>
            <translation>hasta el borde inferior, %1 de alto</translation>
        </message>
        <message>
            <source>from the left edge, %1 wide</source>
            <translation>desde el borde izquierdo, %1 de ancho</translation>
        </message>
        <message>
            <source>from the top edge, %1 high</source>
            <translation>desde el borde superior, %1 de alto</translation>
        </message>
        <message>
            <source>over the full height</source>
            <translation>en toda la altura</translation>
        </message>
        <message>
            <source>over the full width</source>
            <translation>en todo el ancho</translation>
        </message>
        <message>
            <source>to the right edge, %1 wide</source>
            <translation>hasta el borde derecho, %1 de ancho</translation>
        </message>
        <message>
            <source>Where the eye goes: %1. A guess by contrast and colour; mark another.</source>
            <translation>Adónde va el ojo: %1. Una suposición por contraste y color; marque otro.</translation>
        </message>
        <message>
            <source>Where the eye goes: %1: the sharpest edges and smallest marks there.</source>
            <translation>Adónde va el ojo: %1: allí los bordes más nítidos y los trazos más pequeños.</translation>
        </message>
        <message>
            <source>Let go: %1: fewer values, softer edges, broad marks.</source>
            <translation>Soltar: %1: menos valores, bordes más suaves, trazos anchos.</translation>
        </message>
        <message>
            <source>The light is warm, the shadow cool.</source>
            <translation>La luz es cálida, la sombra fría.</translation>
        </message>
        <message>
            <source>The light is cool, the shadow warm.</source>
            <translation>La luz es fría, la sombra cálida.</translation>
        </message>
        <message>
            <source>The face, %1: its axis %2 from the left, the eye line half way down, %3 from the top; brow, nose and mouth at thirds of what is below the hairline.</source>
            <translation>La cara, %1: su eje a %2 de la izquierda, la línea de los ojos a media altura, a %3 de arriba; cejas, nariz y boca en los tercios bajo el nacimiento del pelo.</translation>
        </message>
        <message>
            <source>Tap the dust off the board over a bin; do not blow.</source>
            <translation>Golpear el tablero sobre un cubo para quitar el polvo; no soplar.</translation>
        </message>
        <message>
            <source>From darks to lights: wipe the hands, and the stick before it touches.</source>
            <translation>De los oscuros a los claros: limpiar las manos, y la barra antes de que toque.</translation>
        </message>
        <message>
            <source>Glassine under the hand from here on: it stays off what is done.</source>
            <translation>Desde aquí papel glassine bajo la mano: no toca lo que está hecho.</translation>
        </message>
        <message>
            <source>The accent: %1, with %2; it comes nowhere else.</source>
            <translation>El acento: %1, con %2; no vuelve en ningún otro lugar.</translation>
        </message>
        <message>
            <source>The accent: %1, with %2, which comes again in %3.</source>
            <translation>El acento: %1, con %2, que vuelve en %3.</translation>
        </message>
    </context>
    <context>
        <name>Practice</name>
        <message>
            <source>a little</source>
            <translation>un poco</translation>
        </message>
        <message>
            <source>half a step</source>
            <translation>medio grado</translation>
        </message>
        <message>
            <source>three quarters of a step</source>
            <translation>tres cuartos de grado</translation>
        </message>
        <message>
            <source>a step</source>
            <translation>un grado</translation>
        </message>
        <message>
            <source>%1 steps</source>
            <translation>%1 grados</translation>
        </message>
        <message>
            <source>Name the value</source>
            <translation>Nombrar el valor</translation>
        </message>
        <message>
            <source>Which is lighter</source>
            <translation>Cuál es más claro</translation>
        </message>
        <message>
            <source>Which is warmer</source>
            <translation>Cuál es más cálido</translation>
        </message>
        <message>
            <source>What will it be</source>
            <translation>Qué saldrá</translation>
        </message>
        <message>
            <source>Which stick comes nearest</source>
            <translation>Qué barra es la más cercana</translation>
        </message>
        <message>
            <source>Masses, eyes half closed</source>
            <translation>Masas, ojos entornados</translation>
        </message>
        <message>
            <source>Find the wrong passage</source>
            <translation>Hallar el pasaje falso</translation>
        </message>
        <message>
            <source>Match by mixing</source>
            <translation>Acertar mezclando</translation>
        </message>
        <message>
            <source>One patch on a dark, middle or light ground: which of nine steps?</source>
            <translation>Una mancha sobre fondo oscuro, medio o claro: ¿cuál de nueve grados?</translation>
        </message>
        <message>
            <source>A colour beside a grey: which has more light in it?</source>
            <translation>Un color junto a un gris: ¿cuál tiene más luz?</translation>
        </message>
        <message>
            <source>Two neighbours in hue: which leans to orange?</source>
            <translation>Dos tonos vecinos: ¿cuál tira a naranja?</translation>
        </message>
        <message>
            <source>Two or three strokes on this paper: which colour do they make?</source>
            <translation>Dos o tres trazos en este papel: ¿qué color hacen?</translation>
        </message>
        <message>
            <source>A colour and four sticks of the tray: which is nearest?</source>
            <translation>Un color y cuatro barras de la bandeja: ¿cuál es la más cercana?</translation>
        </message>
        <message>
            <source>Two masses of the picture: which is lighter as a whole?</source>
            <translation>Dos masas de la imagen: ¿cuál es más clara en conjunto?</translation>
        </message>
        <message>
            <source>The Board with one passage off in value: which?</source>
            <translation>La vista previa con un pasaje falso en valor: ¿cuál?</translation>
        </message>
        <message>
            <source>Make a colour with up to three strokes of the tray.</source>
            <translation>Hacer un color con hasta tres trazos de la bandeja.</translation>
        </message>
        <message>
            <source>Which value, 1 (dark) to 9 (light)?</source>
            <translation>¿Qué valor, 1 (oscuro) a 9 (claro)?</translation>
        </message>
        <message>
            <source>Which is lighter, left or right?</source>
            <translation>¿Cuál es más claro, izquierda o derecha?</translation>
        </message>
        <message>
            <source>Which is warmer, left or right?</source>
            <translation>¿Cuál es más cálido, izquierda o derecha?</translation>
        </message>
        <message>
            <source>Which colour do these strokes make?</source>
            <translation>¿Qué color hacen estos trazos?</translation>
        </message>
        <message>
            <source>Which stick comes nearest?</source>
            <translation>¿Qué barra es la más cercana?</translation>
        </message>
        <message>
            <source>Which mass is lighter, 1 or 2?</source>
            <translation>¿Qué masa es más clara, 1 o 2?</translation>
        </message>
        <message>
            <source>Which place is wrong?</source>
            <translation>¿Qué parte es falsa?</translation>
        </message>
        <message>
            <source>Make this colour.</source>
            <translation>Hacer este color.</translation>
        </message>
        <message>
            <source>as they are, as far as can be told</source>
            <translation>como son, hasta donde puede decirse</translation>
        </message>
        <message>
            <source>%1 too warm</source>
            <translation>%1 cálidos de más</translation>
        </message>
        <message>
            <source>%1 too cool</source>
            <translation>%1 fríos de más</translation>
        </message>
        <message>
            <source>%1 too light</source>
            <translation>%1 claros de más</translation>
        </message>
        <message>
            <source>%1 too dark</source>
            <translation>%1 oscuros de más</translation>
        </message>
        <message>
            <source>%1 steps of value</source>
            <translation>%1 grados de valor</translation>
        </message>
        <message>
            <source>%1 steps of warmth</source>
            <translation>%1 grados de calidez</translation>
        </message>
        <message>
            <source>%1 of difference</source>
            <translation>%1 de diferencia</translation>
        </message>
        <message>
            <source>On average you came within %1 of the colour.</source>
            <translation>De media se llegó a %1 del color.</translation>
        </message>
        <message>
            <source>You tell apart %1.</source>
            <translation>Se distinguen %1.</translation>
        </message>
        <message>
            <source>You see %1 %2. %3</source>
            <translation>Se ven los %1 %2. %3</translation>
        </message>
        <message>
            <source>On a dark ground they seemed %1 lighter than on a light one.</source>
            <translation>Sobre fondo oscuro parecían %1 más claros que sobre uno claro.</translation>
        </message>
        <message>
            <source>On a dark ground they seemed %1 darker than on a light one.</source>
            <translation>Sobre fondo oscuro parecían %1 más oscuros que sobre uno claro.</translation>
        </message>
        <message>
            <source>What runs together</source>
            <translation>Qué se funde</translation>
        </message>
        <message>
            <source>Eyes half closed: which of four masses becomes one with A?</source>
            <translation>Ojos entornados: ¿cuál de cuatro masas se hace una con A?</translation>
        </message>
        <message>
            <source>Which runs together with A?</source>
            <translation>¿Cuál se funde con A?</translation>
        </message>
    </context>
    <context>
        <name>Printed</name>
        <message>
            <source>Bare paper</source>
            <translation>Papel desnudo</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Referencia</translation>
        </message>
        <message>
            <source>50 mm, to check the print. %1</source>
            <translation>50 mm, para comprobar la impresión. %1</translation>
        </message>
        <message>
            <source>Outlines at true size</source>
            <translation>Contornos a tamaño real</translation>
        </message>
        <message>
            <source>Row %1 of %2, column %3 of %4</source>
            <translation>Fila %1 de %2, columna %3 de %4</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Masas</translation>
        </message>
        <message>
            <source>Cross-sections, in working order</source>
            <translation>Cortes, en orden de trabajo</translation>
        </message>
        <message>
            <source>Hatched: laid broken. Plain: rubbed in. Dotted line: the tooth is full.</source>
            <translation>Rayado: puesto abierto. Liso: difuminado. Línea de puntos: el diente está lleno.</translation>
        </message>
        <message>
            <source>Safety</source>
            <translation>Seguridad</translation>
        </message>
        <message>
            <source>Paper: %1, %2. Picture %3.</source>
            <translation>Papel: %1, %2. Imagen %3.</translation>
        </message>
        <message>
            <source>School: %1. %2</source>
            <translation>Escuela: %1. %2</translation>
        </message>
        <message>
            <source>%1, %2 with %3, about %4 of painting in %5. Across the room the difference from the subject is, on average, %6.</source>
            <translation>%1, %2 con %3, unos %4 de pintura en %5. Desde el fondo de la sala la diferencia con el motivo, de media: %6.</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s)</source>
            <translation>
                <numerusform>%n barra</numerusform>
                <numerusform>%n barras</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n passage(s)</source>
            <translation>
                <numerusform>%n pasaje</numerusform>
                <numerusform>%n pasajes</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es)</source>
            <translation>
                <numerusform>%n pasada</numerusform>
                <numerusform>%n pasadas</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n sitting(s)</source>
            <translation>
                <numerusform>%n sesión</numerusform>
                <numerusform>%n sesiones</numerusform>
            </translation>
        </message>
        <message>
            <source>Hand and sticks as measured: %1.</source>
            <translation>Mano y barras según lo medido: %1.</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Motivo</translation>
        </message>
        <message>
            <source>Board, as predicted</source>
            <translation>Vista previa, según lo previsto</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, valor %2</translation>
        </message>
        <message>
            <source>The job</source>
            <translation>El trabajo</translation>
        </message>
        <message>
            <source>Pull these sticks, and lay them so</source>
            <translation>Sacar estas barras, y ponerlas así</translation>
        </message>
        <message>
            <source>Sitting %1, about %2. It ends after pass %3: %4</source>
            <translation>Sesión %1, unos %2. Acaba tras la pasada %3: %4</translation>
        </message>
        <message>
            <source>The Board after it</source>
            <translation>La vista previa después</translation>
        </message>
        <message>
            <source>Where: %1.</source>
            <translation>Dónde: %1.</translation>
        </message>
        <message>
            <source>Mark: %1.</source>
            <translation>Marca: %1.</translation>
        </message>
        <message>
            <source>%1; the marks run %2</source>
            <translation>%1; las marcas van %2</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Pasajes</translation>
        </message>
        <message>
            <source>Lay each stroke as its cell says. Leave the paper between them bare; photograph the whole sheet.</source>
            <translation>Poner cada trazo como dice su casilla. Dejar desnudo el papel entre ellos; fotografiar toda la hoja.</translation>
        </message>
        <message>
            <source>Each stick: left, press firmly and rub in, three times over; right, once lightly. Rest bare.</source>
            <translation>Cada barra: a la izquierda, apretar y difuminar, tres veces; a la derecha, una vez, suave. El resto desnudo.</translation>
        </message>
        <message>
            <source>A sheet for strokes</source>
            <translation>Una hoja para trazos</translation>
        </message>
        <message>
            <source>%1, rubbed</source>
            <translation>%1, difuminado</translation>
        </message>
        <message>
            <source>%1</source>
            <translation>%1</translation>
        </message>
        <message>
            <source>top left</source>
            <translation>arriba a la izquierda</translation>
        </message>
        <message>
            <source>top right</source>
            <translation>arriba a la derecha</translation>
        </message>
        <message>
            <source>bottom right</source>
            <translation>abajo a la derecha</translation>
        </message>
        <message>
            <source>bottom left</source>
            <translation>abajo a la izquierda</translation>
        </message>
        <message>
            <source>Cut out along the lines. Lay each mark outside the picture, its dotted corner on the picture's.</source>
            <translation>Recortar por las líneas. Poner cada marca fuera de la imagen, su esquina con punto en la de la imagen.</translation>
        </message>
        <message>
            <source>Its greys lie beside the picture: the light is put right by them.</source>
            <translation>Los grises van junto a la imagen: por ellos se corrige la luz.</translation>
        </message>
        <message>
            <source>In three values</source>
            <translation>En tres valores</translation>
        </message>
        <message>
            <source>In five values</source>
            <translation>En cinco valores</translation>
        </message>
        <message>
            <source>Stick %1; %2</source>
            <translation>Barra %1; %2</translation>
        </message>
        <message>
            <source>Why now: %1</source>
            <translation>Por qué ahora: %1</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
    </context>
    <context>
        <name>QObject</name>
        <message>
            <source>value %1</source>
            <translation>valor %1</translation>
        </message>
    </context>
    <context>
        <name>Rests</name>
        <message>
            <source>a calibration</source>
            <translation>una calibración</translation>
        </message>
        <message numerus="yes">
            <source>%n stroke(s)</source>
            <translation>
                <numerusform>%n trazo</numerusform>
                <numerusform>%n trazos</numerusform>
            </translation>
        </message>
        <message>
            <source>others met to %1</source>
            <translation>otros acertados a %1</translation>
        </message>
    </context>
    <context>
        <name>Schools</name>
        <message>
            <source>Dark first</source>
            <translation>Oscuros primero</translation>
        </message>
        <message>
            <source>The darkest and coolest masses first, then the middle values, then lights and warms; accents and highlights last. Lights lie over darks and stay clean.</source>
            <translation>Primero las masas más oscuras y frías, luego los valores medios, luego luces y cálidos; acentos y brillos al final. Las luces van sobre los oscuros y quedan limpias.</translation>
        </message>
        <message>
            <source>Sticks; landscape, still life, life drawing.</source>
            <translation>Barras; paisaje, bodegón, dibujo del natural.</translation>
        </message>
        <message>
            <source>Light ground coat</source>
            <translation>Base clara</translation>
        </message>
        <message>
            <source>White or cream where the subject is light, pressed harder where it is lighter; glazes of colour over it, white again to soften; darks late, black last, a sharpened white for the highlights.</source>
            <translation>Blanco o crema donde el motivo es claro, más apretado donde lo es más; veladuras de color encima, otra vez blanco para ablandar; los oscuros tarde, el negro al final, un blanco afilado para los brillos.</translation>
        </message>
        <message>
            <source>Pencils; portraits and animals.</source>
            <translation>Lápices; retratos y animales.</translation>
        </message>
        <message>
            <source>Flat, broken, reunited</source>
            <translation>Plano, roto, reunido</translation>
        </message>
        <message>
            <source>The local colour flat over the shape, dark texture marks on it, the local colour over all again so that they mix, then lights. Black is never left bare.</source>
            <translation>El color local plano sobre la forma, marcas oscuras de textura encima, el color local otra vez sobre todo para que se mezclen, luego luces. El negro nunca queda desnudo.</translation>
        </message>
        <message>
            <source>Pencils; still life.</source>
            <translation>Lápices; bodegón.</translation>
        </message>
        <message>
            <source>Tone map, then colour</source>
            <translation>Valores, luego color</translation>
        </message>
        <message>
            <source>All values first in charcoal or one dark, fixed; then colour, thin at first and firmer later; the most intense last.</source>
            <translation>Primero todos los valores con carbón o un solo oscuro, fijados; luego color, fino al principio y más firme después; lo más intenso al final.</translation>
        </message>
        <message>
            <source>Still life and figures.</source>
            <translation>Bodegón y figuras.</translation>
        </message>
        <message>
            <source>the picture</source>
            <translation>la imagen</translation>
        </message>
        <message>
            <source>%1 % of what is at hand are pencils: they are transparent, so the light of %2 comes from a coat below.</source>
            <translation>El %1 % de lo que hay a mano son lápices: son transparentes, así que la luz de %2 viene de una mano de abajo.</translation>
        </message>
        <message>
            <source>Values carry this subject (%1 steps from %2 to %3, mean chroma %4): map them first.</source>
            <translation>Los valores llevan este motivo (%1 grados de %2 a %3, saturación media %4): fijarlos primero.</translation>
        </message>
        <message>
            <source>Sticks cover: the lights of %1 stay clean over darks like those of %2, %3 value steps apart.</source>
            <translation>Las barras cubren: las luces de %1 quedan limpias sobre oscuros como los de %2, a %3 grados de valor.</translation>
        </message>
    </context>
    <context>
        <name>Seen</name>
        <message>
            <source>not seen</source>
            <translation>no se ve</translation>
        </message>
        <message>
            <source>seen side by side</source>
            <translation>se ve lado a lado</translation>
        </message>
        <message>
            <source>seen at a glance</source>
            <translation>se ve de un vistazo</translation>
        </message>
        <message>
            <source>another colour</source>
            <translation>otro color</translation>
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
            <translation>%1 y %2</translation>
        </message>
    </context>
    <context>
        <name>Terms</name>
        <message>
            <source>pan</source>
            <translation>pastilla</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>lápiz</translation>
        </message>
        <message>
            <source>hard</source>
            <translation>dura</translation>
        </message>
        <message>
            <source>soft</source>
            <translation>blanda</translation>
        </message>
        <message>
            <source>charcoal</source>
            <translation>carbón</translation>
        </message>
        <message>
            <source>dark</source>
            <translation>oscuro</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>medio</translation>
        </message>
        <message>
            <source>light</source>
            <translation>claro</translation>
        </message>
        <message>
            <source>background</source>
            <translation>fondo</translation>
        </message>
        <message>
            <source>middle ground</source>
            <translation>plano medio</translation>
        </message>
        <message>
            <source>foreground</source>
            <translation>primer plano</translation>
        </message>
        <message>
            <source>dry pastel, rubbed</source>
            <translation>pastel seco, difuminado</translation>
        </message>
        <message>
            <source>hard pastel with alcohol</source>
            <translation>pastel duro con alcohol</translation>
        </message>
        <message>
            <source>hard pastel with water</source>
            <translation>pastel duro con agua</translation>
        </message>
        <message>
            <source>watercolour</source>
            <translation>acuarela</translation>
        </message>
        <message>
            <source>gouache</source>
            <translation>gouache</translation>
        </message>
        <message>
            <source>thin acrylic</source>
            <translation>acrílico fino</translation>
        </message>
        <message>
            <source>thin oil</source>
            <translation>óleo fino</translation>
        </message>
        <message>
            <source>ink</source>
            <translation>tinta</translation>
        </message>
        <message>
            <source>complement</source>
            <translation>complementario</translation>
        </message>
        <message>
            <source>shadow-cool</source>
            <translation>sombras frías</translation>
        </message>
        <message>
            <source>warm-glow</source>
            <translation>brillo cálido</translation>
        </message>
        <message>
            <source>local</source>
            <translation>colores locales</translation>
        </message>
        <message>
            <source>tonal</source>
            <translation>valores</translation>
        </message>
        <message>
            <source>done</source>
            <translation>hecho</translation>
        </message>
        <message>
            <source>skipped</source>
            <translation>omitida</translation>
        </message>
        <message>
            <source>open</source>
            <translation>abierta</translation>
        </message>
        <message>
            <source>reached</source>
            <translation>alcanzado</translation>
        </message>
        <message>
            <source>too dark</source>
            <translation>demasiado oscuro</translation>
        </message>
        <message>
            <source>too light</source>
            <translation>demasiado claro</translation>
        </message>
        <message>
            <source>too vivid</source>
            <translation>vivo de más</translation>
        </message>
        <message>
            <source>ground shows through</source>
            <translation>el soporte se transparenta</translation>
        </message>
        <message>
            <source>between the sticks</source>
            <translation>entre las barras</translation>
        </message>
        <message>
            <source>more strokes</source>
            <translation>más trazos</translation>
        </message>
        <message>
            <source>underpainting in its own colour</source>
            <translation>capa base de su propio color</translation>
        </message>
        <message>
            <source>rubbing</source>
            <translation>difuminar</translation>
        </message>
        <message>
            <source>another ground</source>
            <translation>otro soporte</translation>
        </message>
        <message>
            <source>one more stick</source>
            <translation>una barra más</translation>
        </message>
        <message>
            <source>room for lights and darks</source>
            <translation>sitio para luces y oscuros</translation>
        </message>
        <message>
            <source>head start</source>
            <translation>ventaja</translation>
        </message>
        <message>
            <source>cover</source>
            <translation>cobertura</translation>
        </message>
        <message>
            <source>temperature kept</source>
            <translation>temperatura guardada</translation>
        </message>
        <message>
            <source>layers</source>
            <translation>capas</translation>
        </message>
        <message>
            <source>underpainting</source>
            <translation>capa base</translation>
        </message>
        <message>
            <source>leave out</source>
            <translation>dejar fuera</translation>
        </message>
        <message>
            <source>id</source>
            <translation>identificador</translation>
        </message>
        <message>
            <source>name</source>
            <translation>nombre</translation>
        </message>
        <message>
            <source>medium</source>
            <translation>medio</translation>
        </message>
        <message>
            <source>hex colour</source>
            <translation>color hexadecimal</translation>
        </message>
        <message>
            <source>pigments</source>
            <translation>pigmentos</translation>
        </message>
        <message>
            <source>lightfastness</source>
            <translation>solidez a la luz</translation>
        </message>
        <message>
            <source>owned</source>
            <translation>se tiene</translation>
        </message>
        <message>
            <source>left</source>
            <translation>queda</translation>
        </message>
        <message>
            <source>favourite</source>
            <translation>favorita</translation>
        </message>
        <message>
            <source>greys</source>
            <translation>grises</translation>
        </message>
        <message>
            <source>reds</source>
            <translation>rojos</translation>
        </message>
        <message>
            <source>oranges</source>
            <translation>naranjas</translation>
        </message>
        <message>
            <source>yellows</source>
            <translation>amarillos</translation>
        </message>
        <message>
            <source>greens</source>
            <translation>verdes</translation>
        </message>
        <message>
            <source>blues</source>
            <translation>azules</translation>
        </message>
        <message>
            <source>violets</source>
            <translation>violetas</translation>
        </message>
        <message>
            <source>evening</source>
            <translation>tarde</translation>
        </message>
        <message>
            <source>morning</source>
            <translation>mañana</translation>
        </message>
        <message>
            <source>shore</source>
            <translation>orilla</translation>
        </message>
        <message>
            <source>earth</source>
            <translation>tierra</translation>
        </message>
        <message>
            <source>finding masses</source>
            <translation>hallando masas</translation>
        </message>
        <message>
            <source>measuring masses</source>
            <translation>midiendo masas</translation>
        </message>
        <message>
            <source>searching stacks</source>
            <translation>buscando pilas</translation>
        </message>
        <message>
            <source>choosing the tray</source>
            <translation>eligiendo la bandeja</translation>
        </message>
        <message>
            <source>improving the tray</source>
            <translation>mejorando la bandeja</translation>
        </message>
        <message>
            <source>proving the tray</source>
            <translation>probando la bandeja</translation>
        </message>
        <message>
            <source>drawing the curve</source>
            <translation>trazando la curva</translation>
        </message>
        <message>
            <source>searching layers</source>
            <translation>buscando capas</translation>
        </message>
        <message>
            <source>building recipes</source>
            <translation>componiendo recetas</translation>
        </message>
        <message>
            <source>looking for what would help</source>
            <translation>buscando qué ayudaría</translation>
        </message>
        <message>
            <source>finding the picture</source>
            <translation>hallando la imagen</translation>
        </message>
        <message>
            <source>putting the light right</source>
            <translation>corrigiendo la luz</translation>
        </message>
        <message>
            <source>looking for what mends it</source>
            <translation>buscando qué lo repara</translation>
        </message>
        <message>
            <source>fitting hand and sticks</source>
            <translation>ajustando mano y barras</translation>
        </message>
        <message>
            <source>hand and kinds of stick</source>
            <translation>mano y tipos de barra</translation>
        </message>
        <message>
            <source>writing layers</source>
            <translation>escribiendo capas</translation>
        </message>
        <message>
            <source>writing passages</source>
            <translation>escribiendo pasajes</translation>
        </message>
        <message>
            <source>squinting</source>
            <translation>entornando los ojos</translation>
        </message>
        <message>
            <source>painting</source>
            <translation>pintando</translation>
        </message>
        <message>
            <source>comparing</source>
            <translation>comparando</translation>
        </message>
        <message>
            <source>read</source>
            <translation>leído</translation>
        </message>
        <message>
            <source>planned</source>
            <translation>planificado</translation>
        </message>
        <message>
            <source>judged</source>
            <translation>juzgado</translation>
        </message>
        <message>
            <source>proved</source>
            <translation>probado</translation>
        </message>
        <message>
            <source>painted</source>
            <translation>pintado</translation>
        </message>
        <message>
            <source>checked</source>
            <translation>controlado</translation>
        </message>
        <message>
            <source>coated card</source>
            <translation>cartón recubierto</translation>
        </message>
        <message>
            <source>velour</source>
            <translation>terciopelo</translation>
        </message>
        <message>
            <source>honeycomb</source>
            <translation>panal</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>verjurado</translation>
        </message>
        <message>
            <source>cartridge</source>
            <translation>papel de dibujo</translation>
        </message>
        <message>
            <source>primed</source>
            <translation>imprimado</translation>
        </message>
        <message>
            <source>sanded</source>
            <translation>lijado</translation>
        </message>
        <message>
            <source>trying underpaintings</source>
            <translation>probando capas base</translation>
        </message>
    </context>
    <context>
        <name>yd::app</name>
        <message>
            <source>Differs</source>
            <translation>Se aparta</translation>
        </message>
        <message>
            <source>Chroma it adds</source>
            <translation>Croma que añade</translation>
        </message>
        <message>
            <source>Values stand at once</source>
            <translation>Valores puestos de entrada</translation>
        </message>
        <message>
            <source>A layer less</source>
            <translation>Una capa menos</translation>
        </message>
        <message>
            <source>In the gaps</source>
            <translation>En los huecos</translation>
        </message>
        <message>
            <source>colours vibrate</source>
            <translation>los colores vibran</translation>
        </message>
        <message>
            <source>warmer</source>
            <translation>más cálido</translation>
        </message>
        <message>
            <source>cooler</source>
            <translation>más frío</translation>
        </message>
        <message>
            <source>Reds</source>
            <translation>Rojos</translation>
        </message>
        <message>
            <source>Oranges</source>
            <translation>Naranjas</translation>
        </message>
        <message>
            <source>Yellows</source>
            <translation>Amarillos</translation>
        </message>
        <message>
            <source>Greens</source>
            <translation>Verdes</translation>
        </message>
        <message>
            <source>Blue greens</source>
            <translation>Azules verdosos</translation>
        </message>
        <message>
            <source>Blues</source>
            <translation>Azules</translation>
        </message>
        <message>
            <source>Violets</source>
            <translation>Violetas</translation>
        </message>
        <message>
            <source>Pinks and carmines</source>
            <translation>Rosas y carmines</translation>
        </message>
        <message>
            <source>Browns and earths</source>
            <translation>Marrones y tierras</translation>
        </message>
        <message>
            <source>Greys, black, white</source>
            <translation>Grises, negro, blanco</translation>
        </message>
        <message>
            <source>%1: %2, %3, value %4</source>
            <translation>%1: %2, %3, valor %4</translation>
        </message>
        <message>
            <source>, not owned</source>
            <translation>, no se tiene</translation>
        </message>
        <message>
            <source>, %1 % left</source>
            <translation>, queda el %1 %</translation>
        </message>
        <message>
            <source>Passes that are done</source>
            <translation>Pasadas hechas</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 de %2</translation>
        </message>
        <message>
            <source>Like the Board</source>
            <translation>Como la vista previa</translation>
        </message>
        <message>
            <source>%1 %</source>
            <translation>%1 %</translation>
        </message>
        <message>
            <source>Light put right by</source>
            <translation>Luz corregida por</translation>
        </message>
        <message>
            <source>Left of it there</source>
            <translation>Lo que queda ahí</translation>
        </message>
        <message>
            <source>Pastel dust harms lungs, and some pigments more than that: work upright, tap dust off outdoors or onto a damp cloth, never blow. The product's safety data sheet and local rules say more; ask a qualified person where in doubt.</source>
            <translation>El polvo de pastel daña los pulmones, y algunos pigmentos más: trabajar en vertical, sacudir el polvo fuera o sobre un paño húmedo, no soplar nunca. La ficha de seguridad del producto y las normas locales dicen más; en caso de duda, preguntar a una persona cualificada.</translation>
        </message>
        <message>
            <source>Your first picture in five minutes</source>
            <translation>La primera imagen en cinco minutos</translation>
        </message>
        <message>
            <source>From a photograph to a plan that you can paint from.</source>
            <translation>De una foto a un plan con el que pintar.</translation>
        </message>
        <message>
            <source>Drop a picture on the window. It is read into masses at once; the plan follows within seconds.</source>
            <translation>Soltar una imagen en la ventana. Se lee en masas al momento; el plan sigue en segundos.</translation>
        </message>
        <message>
            <source>Click what matters in it: it gets more masses, and the highest contrast.</source>
            <translation>Pulsar lo que importa en ella: tendrá más masas, y el mayor contraste.</translation>
        </message>
        <message>
            <source>Say how long you want to take. Fewer minutes mean fewer passages and a calmer picture.</source>
            <translation>Decir cuánto tiempo se quiere. Menos minutos son menos pasajes y una imagen más tranquila.</translation>
        </message>
        <message>
            <source>Go to Ground and take the paper that stands first, or one that you own.</source>
            <translation>Ir a «Soporte» y tomar el papel que va primero, o uno que se tenga.</translation>
        </message>
        <message>
            <source>Go to Tray and say what you own: the plan uses no stick that you take out.</source>
            <translation>Ir a «Bandeja» y decir qué se tiene: el plan no usa ninguna barra que se quite.</translation>
        </message>
        <message>
            <source>Go to Easel (E), lay out the sticks that it names, and press space after each step.</source>
            <translation>Ir a «Caballete» (E), sacar las barras que nombra y pulsar la barra espaciadora tras cada paso.</translation>
        </message>
        <message>
            <source>Nothing can be broken: every choice is undone with Ctrl+Z, and the picture you dropped is never changed.</source>
            <translation>Nada puede romperse: cada elección se deshace con Ctrl+Z, y la imagen soltada nunca cambia.</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Motivo</translation>
        </message>
        <message>
            <source>What is painted: its masses, values and edges.</source>
            <translation>Lo que se pinta: sus masas, valores y bordes.</translation>
        </message>
        <message>
            <source>Squint until only the large shapes are left: these are the masses.</source>
            <translation>Entornar los ojos hasta que solo queden las grandes formas: esas son las masas.</translation>
        </message>
        <message>
            <source>Click a mass to name it, to say what it is, or to merge it with its neighbour; paint over a border to move it.</source>
            <translation>Pulsar una masa para nombrarla, decir qué es o unirla a su vecina; pintar sobre un límite para moverlo.</translation>
        </message>
        <message>
            <source>Mark what matters with a click or a drawn ring.</source>
            <translation>Marcar lo que importa con un clic o un círculo.</translation>
        </message>
        <message>
            <source>Put light and crop right before the tray is chosen: both change every colour.</source>
            <translation>Corregir luz y encuadre antes de elegir la bandeja: ambos cambian todos los colores.</translation>
        </message>
        <message>
            <source>Own colours: a mood, the palette of another picture, families for a grey page. Values stay as they are.</source>
            <translation>Colores propios: un ambiente, la paleta de otra imagen, familias para una página gris. Los valores quedan.</translation>
        </message>
        <message>
            <source>Too many small masses? Lower Most masses, or squint more. One missing? Mark it with a ring.</source>
            <translation>¿Demasiadas masas pequeñas? Bajar «Masas como mucho», o entornar más. ¿Falta una? Marcarla con un círculo.</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Soporte</translation>
        </message>
        <message>
            <source>The paper: its colour does part of the work, its tooth says how many layers it takes.</source>
            <translation>El papel: su color hace parte del trabajo, su diente dice cuántas capas admite.</translation>
        </message>
        <message>
            <source>Papers stand best first, with what speaks for and against each.</source>
            <translation>El mejor papel va primero, con lo que habla a favor y en contra de cada uno.</translation>
        </message>
        <message>
            <source>Click one to see the subject and the Board on it; the offcut sheet shows all of them side by side.</source>
            <translation>Pulsar uno para ver en él el motivo y la vista previa; la hoja de prueba los muestra todos lado a lado.</translation>
        </message>
        <message>
            <source>Say what you weigh most: room for layers, a head start, cover, temperature.</source>
            <translation>Decir qué pesa más: sitio para capas, ventaja, cobertura, temperatura.</translation>
        </message>
        <message>
            <source>Lay strokes on an offcut, photograph or measure them, and the plan learns your hand and your sticks.</source>
            <translation>Poner trazos en un recorte, fotografiarlos o medirlos, y el plan aprende la mano y las barras.</translation>
        </message>
        <message>
            <source>Your paper is not in the list? Take the one nearest in tooth and colour, and teach it with an offcut.</source>
            <translation>¿No está el papel propio? Tomar el más cercano en diente y color, y enseñárselo con un recorte.</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Bandeja</translation>
        </message>
        <message>
            <source>The fewest sticks that carry the picture.</source>
            <translation>Las menos barras que lleven la imagen.</translation>
        </message>
        <message>
            <source>Slide to the number that you want to carry; the curve says what each one more is worth.</source>
            <translation>Deslizar hasta el número que se quiere llevar; la curva dice cuánto vale cada una más.</translation>
        </message>
        <message>
            <source>Point at a stick to say that it must be in, or stay out.</source>
            <translation>Señalar una barra para decir que debe estar, o quedar fuera.</translation>
        </message>
        <message>
            <source>See what stays out of reach, and which stick to get next.</source>
            <translation>Ver qué queda fuera de alcance, y qué barra conseguir después.</translation>
        </message>
        <message>
            <source>Edit opens your collection: mark what you own, what is left, search, import a palette.</source>
            <translation>«Editar» abre la colección: marcar lo que se tiene, lo que queda, buscar, importar una paleta.</translation>
        </message>
        <message>
            <source>Photograph a box: print a sheet, lay every stick on it, and its photograph makes the collection.</source>
            <translation>Fotografiar una caja: imprimir una hoja, poner cada barra en ella, y su foto hace la colección.</translation>
        </message>
        <message>
            <source>A colour is missed? Click it in the picture: its card says why, and what else would reach it.</source>
            <translation>¿Se falla un color? Pulsarlo en la imagen: su ficha dice por qué, y qué lo alcanzaría.</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Capa base</translation>
        </message>
        <message>
            <source>A wet or rubbed coat below the pastel, so that no bare paper shows through by accident.</source>
            <translation>Una mano mojada o difuminada bajo el pastel, para que no asome papel desnudo por accidente.</translation>
        </message>
        <message>
            <source>Each medium is shown in each set of colours, with what it would gain.</source>
            <translation>Cada medio se muestra en cada juego de colores, con lo que ganaría.</translation>
        </message>
        <message>
            <source>Take one for the picture; add exceptions for a mass or a plane.</source>
            <translation>Tomar una para la imagen; añadir excepciones para una masa o un plano.</translation>
        </message>
        <message>
            <source>Press U to see the Board without it beside the Board with it.</source>
            <translation>Pulsar U para ver la vista previa sin ella junto a la vista previa con ella.</translation>
        </message>
        <message>
            <source>Let it dry through before the first dry stroke.</source>
            <translation>Dejarla secar del todo antes del primer trazo seco.</translation>
        </message>
        <message>
            <source>None is a good answer too: toned paper often does as much.</source>
            <translation>Ninguna es también buena respuesta: un papel teñido hace a menudo lo mismo.</translation>
        </message>
        <message>
            <source>Wet media, alcohol and solvents: air the room, no flame near them, and gloves where the label says so. The product's safety data sheet and local rules go first.</source>
            <translation>Medios mojados, alcohol y disolventes: ventilar la sala, sin llama cerca, y guantes donde la etiqueta lo diga. La ficha de seguridad del producto y las normas locales van primero.</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Pasajes</translation>
        </message>
        <message>
            <source>The whole work in the order it is done, far to near and dark to light.</source>
            <translation>Toda la obra en su orden, de lejos a cerca y de oscuro a claro.</translation>
        </message>
        <message>
            <source>Click a passage: its places light up, its sticks lie ready, the core sample shows its layers.</source>
            <translation>Pulsar un pasaje: sus partes se iluminan, sus barras están listas, el testigo muestra sus capas.</translation>
        </message>
        <message>
            <source>Page Down and Page Up go through the passes; the Board shows the picture after each.</source>
            <translation>Av Pág y Re Pág recorren las pasadas; la vista previa muestra la imagen tras cada una.</translation>
        </message>
        <message>
            <source>Take a school for the picture or for one mass; drag a passage elsewhere and it says what that breaks.</source>
            <translation>Tomar una escuela para la imagen o para una masa; arrastrar un pasaje a otro sitio, y dice qué rompe eso.</translation>
        </message>
        <message>
            <source>Advice looks over the plan; M mends what it found.</source>
            <translation>«Consejo» repasa el plan; M repara lo que halló.</translation>
        </message>
        <message>
            <source>Time cuts it into sittings.</source>
            <translation>«Tiempo» lo corta en sesiones.</translation>
        </message>
        <message>
            <source>Print and export gives the plan to prop up, and outlines at true size to trace.</source>
            <translation>«Imprimir y exportar» da el plan para tenerlo delante, y contornos a tamaño real para calcar.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Control</translation>
        </message>
        <message>
            <source>The work held against the plan: what is off, and what mends it.</source>
            <translation>La obra frente al plan: qué está mal, y qué lo repara.</translation>
        </message>
        <message>
            <source>Photograph the whole sheet with its margin, straight on, in even light, and drop the file on the window.</source>
            <translation>Fotografiar toda la hoja con su margen, de frente, con luz pareja, y soltar el archivo en la ventana.</translation>
        </message>
        <message>
            <source>See that the corners sit on the picture's corners; drag them if they do not.</source>
            <translation>Ver que las esquinas estén en las de la imagen; si no, arrastrarlas.</translation>
        </message>
        <message>
            <source>Say how many passes are done.</source>
            <translation>Decir cuántas pasadas están hechas.</translation>
        </message>
        <message>
            <source>At most five things are said, value first; each with one or two strokes from the tray.</source>
            <translation>Se dicen cinco cosas como mucho, el valor primero; cada una con uno o dos trazos de la bandeja.</translation>
        </message>
        <message>
            <source>M plans the rest from what really lies there.</source>
            <translation>M planifica el resto desde lo que hay de verdad.</translation>
        </message>
        <message>
            <source>Refused? It says why: too small, blurred, glare, no margin. Nearly always a second photograph helps.</source>
            <translation>¿Rechazada? Dice por qué: pequeña, movida, reflejo, sin margen. Casi siempre ayuda una segunda foto.</translation>
        </message>
        <message>
            <source>Easel</source>
            <translation>Caballete</translation>
        </message>
        <message>
            <source>One step at a time, in type that is read from where you stand.</source>
            <translation>Un paso cada vez, en letra que se lee desde el sitio.</translation>
        </message>
        <message>
            <source>R takes another stick and plans the rest anew.</source>
            <translation>R toma otra barra y planifica de nuevo el resto.</translation>
        </message>
        <message>
            <source>N writes a note, P stops the clock, V reads the step aloud.</source>
            <translation>N escribe una nota, P para el reloj, V lee el paso en voz alta.</translation>
        </message>
        <message>
            <source>Step back when it says so, and look with half-closed eyes.</source>
            <translation>Alejarse cuando lo diga, y mirar con los ojos entornados.</translation>
        </message>
        <message>
            <source>Stopped for today? Close it: the marks are kept, and the next sitting begins where you were.</source>
            <translation>¿Basta por hoy? Cerrar: las marcas quedan, y la próxima sesión empieza donde se estaba.</translation>
        </message>
        <message>
            <source>Journal</source>
            <translation>Cuaderno</translation>
        </message>
        <message>
            <source>What you found out, kept: works, recipes, sticks, minutes.</source>
            <translation>Lo que se ha hallado, guardado: obras, recetas, barras, minutos.</translation>
        </message>
        <message>
            <source>Works come by themselves when they are saved; passes and minutes from the easel.</source>
            <translation>Las obras vienen solas cuando se guardan; pasadas y minutos, del caballete.</translation>
        </message>
        <message>
            <source>K keeps the recipe of the colour under the pointer; Shift+K gives a kept one to another colour.</source>
            <translation>K guarda la receta del color bajo el puntero; Mayús+K da una guardada a otro color.</translation>
        </message>
        <message>
            <source>Search by words, colour, stick, paper or date.</source>
            <translation>Buscar por palabras, color, barra, papel o fecha.</translation>
        </message>
        <message>
            <source>Sticks says what is used up and what to get before the next picture.</source>
            <translation>«Barras» dice qué está gastado y qué conseguir antes de la próxima imagen.</translation>
        </message>
        <message>
            <source>Everything can be taken out: Markdown, CSV, JSON, or a work as a zip.</source>
            <translation>Todo puede sacarse: Markdown, CSV, JSON, o una obra como zip.</translation>
        </message>
        <message>
            <source>It is one file in your own folder; a copy of it is made every day.</source>
            <translation>Es un archivo en la carpeta propia; cada día se hace una copia.</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Práctica</translation>
        </message>
        <message>
            <source>Drills of a minute or two that say how your eye is off, and get harder as it gets better.</source>
            <translation>Ejercicios de un minuto o dos que dicen cómo yerra el ojo, y se endurecen según mejora.</translation>
        </message>
        <message>
            <source>Take a drill; answer with the number keys, the arrows or a click.</source>
            <translation>Tomar un ejercicio; responder con los números, las flechas o un clic.</translation>
        </message>
        <message>
            <source>Answer what you see, not what you know: there is no clock.</source>
            <translation>Responder lo que se ve, no lo que se sabe: no hay reloj.</translation>
        </message>
        <message>
            <source>After some twenty answers it says your bias and how sure it is.</source>
            <translation>Tras unas veinte respuestas dice la inclinación y cuán segura es.</translation>
        </message>
        <message>
            <source>Check then mentions a bias that matters there.</source>
            <translation>El control menciona entonces una inclinación que ahí importe.</translation>
        </message>
        <message>
            <source>Compare yourself with yourself, on this screen: screens differ, so nothing said here is absolute.</source>
            <translation>Compararse con uno mismo, en esta pantalla: las pantallas difieren, nada aquí es absoluto.</translation>
        </message>
        <message>
            <source>%1 times as long</source>
            <translation>%1 veces más largo</translation>
        </message>
        <message>
            <source>%1 of the time</source>
            <translation>%1 del tiempo</translation>
        </message>
        <message>
            <source>finished</source>
            <translation>acabada</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n pass(es)</source>
            <translation>
                <numerusform>%1 de %n pasada</numerusform>
                <numerusform>%1 de %n pasadas</numerusform>
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
                <numerusform>%1: %2, %n paso</numerusform>
                <numerusform>%1: %2, %n pasos</numerusform>
            </translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papel</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Pasadas</translation>
        </message>
        <message>
            <source>Planned</source>
            <translation>Previsto</translation>
        </message>
        <message>
            <source>At work</source>
            <translation>Trabajado</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>aún no</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Barras</translation>
        </message>
        <message>
            <source>As seen</source>
            <translation>A la vista</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>%1: runs out, %2 mm needed, %3 mm left</source>
            <translation>%1: se acaba, hacen falta %2 mm, quedan %3 mm</translation>
        </message>
        <message numerus="yes">
            <source>%1: would help %n work(s) most</source>
            <translation>
                <numerusform>%1: ayudaría más a %n obra</numerusform>
                <numerusform>%1: ayudaría más a %n obras</numerusform>
            </translation>
        </message>
        <message>
            <source>a hand without a name</source>
            <translation>una mano sin nombre</translation>
        </message>
        <message>
            <source>, left-out strokes off by %1</source>
            <translation>, trazos apartados errados en %1</translation>
        </message>
        <message numerus="yes">
            <source>%1: %2, %n stroke(s) on %3%4</source>
            <translation>
                <numerusform>%1: %2, %n trazo en %3%4</numerusform>
                <numerusform>%1: %2, %n trazos en %3%4</numerusform>
            </translation>
        </message>
        <message>
            <source>Passes timed</source>
            <translation>Pasadas cronometradas</translation>
        </message>
        <message>
            <source>Our guess is off by a factor of</source>
            <translation>Nuestra estimación yerra en un factor</translation>
        </message>
        <message>
            <source>With your times</source>
            <translation>Con los tiempos propios</translation>
        </message>
        <message>
            <source>wet coats</source>
            <translation>manos mojadas</translation>
        </message>
        <message>
            <source>%1. Passes %2 to %3, %4. %5</source>
            <translation>%1. Pasadas %2 a %3, %4. %5</translation>
        </message>
        <message>
            <source>Get up after pass %1: posture, eyes, wrist.</source>
            <translation>Levantarse tras la pasada %1: postura, ojos, muñeca.</translation>
        </message>
        <message>
            <source>; the marks run %1</source>
            <translation>; las marcas van %1</translation>
        </message>
        <message numerus="yes">
            <source>%1 of painting, %2 of it waiting; %n stick change(s), no order has fewer than %3.</source>
            <translation>
                <numerusform>%1 de pintura, %2 de espera; %n cambio de barra, ningún orden tiene menos de %3.</numerusform>
                <numerusform>%1 de pintura, %2 de espera; %n cambios de barra, ningún orden tiene menos de %3.</numerusform>
            </translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nada</translation>
        </message>
        <message>
            <source>Step back and compare after pass %1.</source>
            <translation>Alejarse y comparar tras la pasada %1.</translation>
        </message>
        <message>
            <source>Your order breaks "%1": pass %2 should come before %3.</source>
            <translation>El orden elegido rompe «%1»: la pasada %2 debería ir antes de la %3.</translation>
        </message>
        <message numerus="yes">
            <source>(%n time(s))</source>
            <translation>
                <numerusform>(%n vez)</numerusform>
                <numerusform>(%n veces)</numerusform>
            </translation>
        </message>
        <message>
            <source>M mends it: %1.</source>
            <translation>M lo repara: %1.</translation>
        </message>
        <message>
            <source>Nothing in the plan mends this by itself.</source>
            <translation>Nada en el plan lo repara por sí solo.</translation>
        </message>
        <message>
            <source>light</source>
            <translation>luz</translation>
        </message>
        <message>
            <source>light? %1 %</source>
            <translation>¿luz? %1 %</translation>
        </message>
        <message>
            <source>, %1°</source>
            <translation>, %1°</translation>
        </message>
        <message>
            <source>, level</source>
            <translation>, a nivel</translation>
        </message>
        <message>
            <source>, plumb</source>
            <translation>, a plomo</translation>
        </message>
        <message>
            <source>as long as</source>
            <translation>igual que</translation>
        </message>
        <message>
            <source>half as long as</source>
            <translation>la mitad de</translation>
        </message>
        <message>
            <source>a third of</source>
            <translation>un tercio de</translation>
        </message>
        <message>
            <source>two thirds of</source>
            <translation>dos tercios de</translation>
        </message>
        <message>
            <source>a quarter of</source>
            <translation>un cuarto de</translation>
        </message>
        <message>
            <source>three quarters of</source>
            <translation>tres cuartos de</translation>
        </message>
        <message>
            <source>twice as long as</source>
            <translation>el doble de</translation>
        </message>
        <message>
            <source>one and a half times</source>
            <translation>una vez y media</translation>
        </message>
        <message>
            <source>two and a half times</source>
            <translation>dos veces y media</translation>
        </message>
        <message>
            <source>%1 times</source>
            <translation>%1 veces</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>unos %1</translation>
        </message>
        <message>
            <source>plumb</source>
            <translation>a plomo</translation>
        </message>
        <message>
            <source>level</source>
            <translation>horizontal</translation>
        </message>
        <message>
            <source>horizon: in the middle</source>
            <translation>horizonte: en medio</translation>
        </message>
        <message>
            <source>horizon</source>
            <translation>horizonte</translation>
        </message>
        <message>
            <source>rubbed in</source>
            <translation>difuminado</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>puesto</translation>
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
            <translation>Izquierda</translation>
        </message>
        <message>
            <source>Right</source>
            <translation>Derecha</translation>
        </message>
        <message>
            <source>Your eye, by your drills: %1 %2.</source>
            <translation>El ojo propio, según los ejercicios: %1 %2.</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Vista previa</translation>
        </message>
        <message>
            <source>viewing light (D50)</source>
            <translation>luz normalizada (D50)</translation>
        </message>
        <message>
            <source>daylight (D65)</source>
            <translation>luz de día (D65)</translation>
        </message>
        <message>
            <source>lamp light (A)</source>
            <translation>luz de lámpara (A)</translation>
        </message>
        <message>
            <source>gallery LED</source>
            <translation>LED de galería</translation>
        </message>
        <message>
            <source>rubbed</source>
            <translation>difuminado</translation>
        </message>
        <message>
            <source>fixed below, then </source>
            <translation>fijado debajo, luego </translation>
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
            <translation>Empezada: se ofrecen otras recetas antes del primer trazo en una masa.</translation>
        </message>
        <message>
            <source>Out of reach: %1.</source>
            <translation>Fuera de alcance: %1.</translation>
        </message>
        <message>
            <source>Would help: %1.</source>
            <translation>Ayudaría: %1.</translation>
        </message>
        <message>
            <source>The match breaks under %1: %2 more.</source>
            <translation>La coincidencia se rompe bajo %1: %2 más.</translation>
        </message>
        <message>
            <source>Beside the bare paper it seems %1 steps %2 than it is.</source>
            <translation>Junto al papel desnudo parece %1 grados más %2 de lo que es.</translation>
        </message>
        <message>
            <source>lighter</source>
            <translation>claro</translation>
        </message>
        <message>
            <source>darker</source>
            <translation>oscuro</translation>
        </message>
        <message>
            <source> (chosen by hand)</source>
            <translation> (elegido a mano)</translation>
        </message>
        <message>
            <source>%1. %2</source>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>pan</source>
            <translation>pastilla</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>lápiz</translation>
        </message>
        <message>
            <source>stick</source>
            <translation>barra</translation>
        </message>
        <message>
            <source>%1: the collection has none of this kind</source>
            <translation>%1: la colección no tiene ninguno de este tipo</translation>
        </message>
        <message>
            <source>%1 by %2 on %3: %4; %5</source>
            <translation>%1 con %2 en %3: %4; %5</translation>
        </message>
        <message>
            <source>%1, value %2. In its place it seems %3.</source>
            <translation>%1, valor %2. En su sitio parece %3.</translation>
        </message>
        <message>
            <source>just so</source>
            <translation>tal cual</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, valor %2</translation>
        </message>
        <message>
            <source>Darkest</source>
            <translation>Lo más oscuro</translation>
        </message>
        <message>
            <source>Lightest</source>
            <translation>Lo más claro</translation>
        </message>
        <message>
            <source>Most vivid</source>
            <translation>Lo más vivo</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Color</translation>
        </message>
        <message>
            <source>Steps to the sheet</source>
            <translation>Grados hasta la hoja</translation>
        </message>
        <message>
            <source>%1 of light, %2 of dark</source>
            <translation>%1 de luz, %2 de oscuro</translation>
        </message>
        <message>
            <source>There already</source>
            <translation>Ya está</translation>
        </message>
        <message>
            <source>Hardest to cover</source>
            <translation>Lo más difícil de cubrir</translation>
        </message>
        <message>
            <source>Seen through two layers</source>
            <translation>Se ve a través de dos capas</translation>
        </message>
        <message>
            <source>Layers it bears</source>
            <translation>Capas que aguanta</translation>
        </message>
        <message>
            <source>%1, %2 wanted</source>
            <translation>%1, se desean %2</translation>
        </message>
        <message>
            <source>Every colour</source>
            <translation>Todo color</translation>
        </message>
        <message>
            <source>within reach</source>
            <translation>al alcance</translation>
        </message>
        <message>
            <source>Across the room</source>
            <translation>Desde el fondo de la sala</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Tiempo</translation>
        </message>
        <message>
            <source>Sittings</source>
            <translation>Sesiones</translation>
        </message>
        <message>
            <source>Wet</source>
            <translation>Mojado</translation>
        </message>
        <message>
            <source>Dry</source>
            <translation>Seco</translation>
        </message>
        <message>
            <source>Shows in the gaps</source>
            <translation>Asoma en los huecos</translation>
        </message>
        <message>
            <source>Tooth it takes</source>
            <translation>Diente que toma</translation>
        </message>
        <message>
            <source>Darkest value</source>
            <translation>Valor más oscuro</translation>
        </message>
        <message>
            <source>%1, %2 without</source>
            <translation>%1, %2 sin ella</translation>
        </message>
        <message>
            <source>Strokes measured</source>
            <translation>Trazos medidos</translation>
        </message>
        <message>
            <source>Light, of what is asked</source>
            <translation>Suave, de lo pedido</translation>
        </message>
        <message>
            <source>Firm, of what is asked</source>
            <translation>Firme, de lo pedido</translation>
        </message>
        <message>
            <source>Sticks from what they were taken for</source>
            <translation>Barras, frente a lo supuesto</translation>
        </message>
        <message>
            <source>Strokes left out, before and after</source>
            <translation>Trazos apartados, antes y después</translation>
        </message>
        <message>
            <source>%1. %2, passes %3 to %4</source>
            <translation>%1. %2, pasadas %3 a %4</translation>
        </message>
        <message>
            <source>%1. %2: %3, value %4</source>
            <translation>%1. %2: %3, valor %4</translation>
        </message>
        <message>
            <source>%1: %2, value %3</source>
            <translation>%1: %2, valor %3</translation>
        </message>
        <message>
            <source>No single stick more would help much.</source>
            <translation>Ninguna barra más ayudaría mucho.</translation>
        </message>
        <message>
            <source>One stick more: %1, %2%3. The error would fall by %4 %.</source>
            <translation>Una barra más: %1, %2%3. El error bajaría un %4 %.</translation>
        </message>
        <message>
            <source> (not at hand)</source>
            <translation> (no está a mano)</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n stick(s) return in several masses, most of all %2 (%3). Warm %4 %, cool %5 % of the picture.</source>
            <translation>
                <numerusform>%1 de %n barra vuelve en varias masas, sobre todo %2 (%3). Cálido %4 %, frío %5 % de la imagen.</numerusform>
                <numerusform>%1 de %n barras vuelven en varias masas, sobre todo %2 (%3). Cálido %4 %, frío %5 % de la imagen.</numerusform>
            </translation>
        </message>
        <message>
            <source>Proven, judged by two strokes on one another: no other tray of this size is better by more than half a percent.</source>
            <translation>Probado, a juzgar por dos trazos superpuestos: ninguna otra bandeja de este tamaño es mejor en más de medio por ciento.</translation>
        </message>
        <message>
            <source>Judged by two strokes on one another, at most %1 % from the best possible tray of this size%2.</source>
            <translation>Juzgada por dos trazos superpuestos, como mucho a un %1 % de la mejor bandeja posible de este tamaño%2.</translation>
        </message>
        <message>
            <source> (improved by the solver)</source>
            <translation> (mejorada por el solucionador)</translation>
        </message>
        <message>
            <source>On average %1</source>
            <translation>De media %1</translation>
        </message>
        <message>
            <source>On the pictures</source>
            <translation>En las imágenes</translation>
        </message>
        <message>
            <source>Arrows</source>
            <translation>Flechas</translation>
        </message>
        <message>
            <source>move the cross; with Shift further</source>
            <translation>mueven la cruz; con Mayús más lejos</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Intro</translation>
        </message>
        <message>
            <source>the colour under the cross, and how it is built</source>
            <translation>el color bajo la cruz, y cómo se construye</translation>
        </message>
        <message>
            <source>+ and −</source>
            <translation>+ y −</translation>
        </message>
        <message>
            <source>nearer and farther; 0 the whole picture</source>
            <translation>más cerca y más lejos; 0 la imagen entera</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Espacio</translation>
        </message>
        <message>
            <source>with a tool: begins and ends a line at the cross</source>
            <translation>con una herramienta: empieza y acaba una línea en la cruz</translation>
        </message>
        <message>
            <source>On the core sample</source>
            <translation>En el testigo</translation>
        </message>
        <message>
            <source>← →</source>
            <translation>← →</translation>
        </message>
        <message>
            <source>a pass back, a pass on; Home the bare paper, End all of them</source>
            <translation>una pasada atrás, una adelante; Inicio el papel desnudo, Fin todas</translation>
        </message>
        <message>
            <source>↑ ↓</source>
            <translation>↑ ↓</translation>
        </message>
        <message>
            <source>tells the recipe of the next mass</source>
            <translation>dice la receta de la masa siguiente</translation>
        </message>
        <message>
            <source>lights the pass in the pictures</source>
            <translation>ilumina la pasada en las imágenes</translation>
        </message>
        <message>
            <source>In tray and drawers</source>
            <translation>En bandeja y cajones</translation>
        </message>
        <message>
            <source>from stick to stick</source>
            <translation>de barra en barra</translation>
        </message>
        <message>
            <source>in a drawer: owned, or not</source>
            <translation>en un cajón: se tiene, o no</translation>
        </message>
        <message>
            <source>In the list of passes</source>
            <translation>En la lista de pasadas</translation>
        </message>
        <message>
            <source>Alt ↑ ↓</source>
            <translation>Alt ↑ ↓</translation>
        </message>
        <message>
            <source>moves the pass</source>
            <translation>mueve la pasada</translation>
        </message>
        <message>
            <source>M</source>
            <translation>M</translation>
        </message>
        <message>
            <source>mends what advice found</source>
            <translation>repara lo que halló el consejo</translation>
        </message>
        <message>
            <source>At the easel</source>
            <translation>En el caballete</translation>
        </message>
        <message>
            <source>←</source>
            <translation>←</translation>
        </message>
        <message>
            <source>the pass before</source>
            <translation>la pasada anterior</translation>
        </message>
        <message>
            <source>S</source>
            <translation>S</translation>
        </message>
        <message>
            <source>leaves it out</source>
            <translation>la omite</translation>
        </message>
        <message>
            <source>O</source>
            <translation>O</translation>
        </message>
        <message>
            <source>opens it again</source>
            <translation>la abre otra vez</translation>
        </message>
        <message>
            <source>R</source>
            <translation>R</translation>
        </message>
        <message>
            <source>another stick</source>
            <translation>otra barra</translation>
        </message>
        <message>
            <source>N</source>
            <translation>N</translation>
        </message>
        <message>
            <source>a note</source>
            <translation>una nota</translation>
        </message>
        <message>
            <source>P</source>
            <translation>P</translation>
        </message>
        <message>
            <source>stops the clock</source>
            <translation>para el reloj</translation>
        </message>
        <message>
            <source>V</source>
            <translation>V</translation>
        </message>
        <message>
            <source>speaks</source>
            <translation>habla</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>back to the plan</source>
            <translation>de vuelta al plan</translation>
        </message>
        <message>
            <source>What is on the paper cannot be moved.</source>
            <translation>Lo que está en el papel no puede moverse.</translation>
        </message>
        <message>
            <source>Pass %1 cannot go there. %2</source>
            <translation>La pasada %1 no puede ir ahí. %2</translation>
        </message>
        <message>
            <source>Moved. It breaks: %1. Undo puts it back.</source>
            <translation>Movida. Rompe: %1. «Deshacer» la devuelve.</translation>
        </message>
        <message>
            <source>Try another file or a fresh copy of it.</source>
            <translation>Probar otro archivo o una copia fresca.</translation>
        </message>
        <message>
            <source>Update the program to open it.</source>
            <translation>Actualizar el programa para abrirlo.</translation>
        </message>
        <message>
            <source>Make it smaller and try again.</source>
            <translation>Hacerlo más pequeño y probar otra vez.</translation>
        </message>
        <message>
            <source>Check the name and the folder.</source>
            <translation>Comprobar el nombre y la carpeta.</translation>
        </message>
        <message>
            <source>Nothing was lost; choose another folder or free some space, then try again.</source>
            <translation>No se perdió nada; elegir otra carpeta o hacer sitio, y probar otra vez.</translation>
        </message>
        <message>
            <source>Correct that field and try again.</source>
            <translation>Corregir ese campo y probar otra vez.</translation>
        </message>
        <message>
            <source>Space when the marks that are lit are laid; → when the pass is done, ← goes back, S leaves it out.</source>
            <translation>Espacio cuando los trazos iluminados están puestos; → cuando la pasada está hecha, ← vuelve, S la omite.</translation>
        </message>
        <message>
            <source>Another half hour takes the difference from %1 to %2.</source>
            <translation>Media hora más lleva la diferencia de %1 a %2.</translation>
        </message>
        <message>
            <source>Another half hour would not be seen.</source>
            <translation>Media hora más no se vería.</translation>
        </message>
        <message>
            <source>%1 Up to %2 every hour shows; beyond it buys little.</source>
            <translation>%1 Hasta %2 cada hora se nota; más allá aporta poco.</translation>
        </message>
        <message>
            <source>the next marks, then the next pass</source>
            <translation>los trazos siguientes, luego la pasada siguiente</translation>
        </message>
        <message>
            <source>marks before, marks next</source>
            <translation>trazos anteriores, trazos siguientes</translation>
        </message>
        <message>
            <source>→</source>
            <translation>→</translation>
        </message>
        <message>
            <source>the pass is done</source>
            <translation>la pasada está hecha</translation>
        </message>
        <message>
            <source>Z</source>
            <translation>Z</translation>
        </message>
        <message>
            <source>closer to where the hand is</source>
            <translation>más cerca de donde está la mano</translation>
        </message>
    </context>
    <context>
        <name>yd::app::AdviceSection</name>
        <message>
            <source>Mend it (M)</source>
            <translation>Repararlo (M)</translation>
        </message>
        <message>
            <source>What a look over the plan found</source>
            <translation>Lo que halló un repaso del plan</translation>
        </message>
        <message>
            <source>%1 more</source>
            <translation>%1 más</translation>
        </message>
        <message>
            <source>Show all</source>
            <translation>Mostrar todo</translation>
        </message>
        <message>
            <source>Nothing stands against this plan.</source>
            <translation>Nada habla contra este plan.</translation>
        </message>
        <message>
            <source>Open a picture: its plan is looked over here.</source>
            <translation>Abrir una imagen: aquí se repasa su plan.</translation>
        </message>
        <message>
            <source>Mended: %1</source>
            <translation>Reparado: %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::AlternativeModel</name>
        <message>
            <source>Recipe</source>
            <translation>Receta</translation>
        </message>
        <message>
            <source>Differs</source>
            <translation>Difiere</translation>
        </message>
        <message>
            <source>Tooth</source>
            <translation>Diente</translation>
        </message>
        <message>
            <source>Speckle</source>
            <translation>Moteado</translation>
        </message>
    </context>
    <context>
        <name>yd::app::BoxModel</name>
        <message>
            <source>not filled evenly</source>
            <translation>no llenado parejo</translation>
        </message>
        <message>
            <source>more vivid, or lighter, than a photograph can say</source>
            <translation>más vivo, o más claro, de lo que una foto puede decir</translation>
        </message>
        <message>
            <source>the light stroke does not go with the full one</source>
            <translation>el trazo suave no va con el pleno</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>omitido</translation>
        </message>
        <message>
            <source>as typed</source>
            <translation>como se escribió</translation>
        </message>
        <message>
            <source>%1?</source>
            <translation>%1?</translation>
        </message>
        <message>
            <source>Cell</source>
            <translation>Casilla</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Tipo</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valor</translation>
        </message>
        <message>
            <source>L* a* b*</source>
            <translation>L* a* b*</translation>
        </message>
        <message>
            <source>Look at it</source>
            <translation>Mirarlo</translation>
        </message>
    </context>
    <context>
        <name>yd::app::BoxPage</name>
        <message>
            <source>Photograph…</source>
            <translation>Foto…</translation>
        </message>
        <message>
            <source>Simulate one</source>
            <translation>Simular una</translation>
        </message>
        <message>
            <source>Leave out</source>
            <translation>Omitir</translation>
        </message>
        <message>
            <source>My box</source>
            <translation>Mi caja</translation>
        </message>
        <message>
            <source>Take these sticks</source>
            <translation>Tomar estas barras</translation>
        </message>
        <message>
            <source>A box of sticks from one photograph</source>
            <translation>Una caja de barras de una foto</translation>
        </message>
        <message>
            <source>Leave it</source>
            <translation>Dejarlo</translation>
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
            <translation>de varios tipos</translation>
        </message>
        <message>
            <source>Sticks of the present collection, laid by an unsteady hand and photographed: to try it</source>
            <translation>Barras de la colección presente, puestas por una mano insegura y fotografiadas: para probarlo</translation>
        </message>
        <message>
            <source>Save the sheet…</source>
            <translation>Guardar la hoja…</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Barras</translation>
        </message>
        <message>
            <source>Sheet</source>
            <translation>Hoja</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papel</translation>
        </message>
        <message>
            <source>They are</source>
            <translation>Son</translation>
        </message>
        <message>
            <source>1  Print a sheet, without scaling</source>
            <translation>1  Imprimir una hoja, sin escalar</translation>
        </message>
        <message>
            <source>2  Fill it in</source>
            <translation>2  Llenarla</translation>
        </message>
        <message>
            <source>Each stick in its cell: on the left pressed firmly and rubbed in, three times over; on the right once, lightly. Tap the dust off, do not blow.</source>
            <translation>Cada barra en su casilla: a la izquierda apretada y difuminada, tres veces; a la derecha una vez, suave. Sacudir el polvo, no soplar.</translation>
        </message>
        <message>
            <source>3  Photograph it</source>
            <translation>3  Fotografiarla</translation>
        </message>
        <message>
            <source>The whole sheet, all eight marks, in even light and without shadow.</source>
            <translation>Toda la hoja, las ocho marcas, con luz pareja y sin sombra.</translation>
        </message>
        <message>
            <source>Sticks of the box</source>
            <translation>Barras de la caja</translation>
        </message>
        <message>
            <source>Kind of the chosen rows</source>
            <translation>Tipo de las filas elegidas</translation>
        </message>
        <message>
            <source>guess it</source>
            <translation>adivinarlo</translation>
        </message>
        <message>
            <source>Where the sticks go</source>
            <translation>Adónde van las barras</translation>
        </message>
        <message>
            <source>Name of the collection</source>
            <translation>Nombre de la colección</translation>
        </message>
        <message>
            <source>The chosen rows; once more takes them again</source>
            <translation>Las filas elegidas; otra vez las vuelve a tomar</translation>
        </message>
        <message>
            <source>Chosen rows are</source>
            <translation>Las filas elegidas son</translation>
        </message>
        <message>
            <source>new ones</source>
            <translation>nuevas</translation>
        </message>
        <message>
            <source>How many</source>
            <translation>Cuántas</translation>
        </message>
        <message>
            <source>Sticks of a collection get their colours anew; the sheet has their names on it</source>
            <translation>Las barras de una colección reciben sus colores de nuevo; la hoja lleva sus nombres</translation>
        </message>
        <message>
            <source>It is a sheet of other sticks: %1 cells for %2 sticks.</source>
            <translation>Es una hoja de otras barras: %1 casillas para %2 barras.</translation>
        </message>
        <message>
            <source>Take their colours</source>
            <translation>Tomar sus colores</translation>
        </message>
        <message>
            <source>Colours of sticks by photograph</source>
            <translation>Colores de barras por fotografía</translation>
        </message>
        <message>
            <source>As a new collection</source>
            <translation>Como colección nueva</translation>
        </message>
        <message>
            <source>Into %1</source>
            <translation>En %1</translation>
        </message>
        <message>
            <source>Reading it …</source>
            <translation>Leyéndola…</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), %1 to look at, %2 cells empty. Light put right by %3 to %4.</source>
            <translation>
                <numerusform>%n barra, %1 por mirar, %2 casillas vacías. Luz corregida por %3 hasta %4.</numerusform>
                <numerusform>%n barras, %1 por mirar, %2 casillas vacías. Luz corregida por %3 hasta %4.</numerusform>
            </translation>
        </message>
        <message>
            <source>Sheet for a box of sticks</source>
            <translation>Hoja para una caja de barras</translation>
        </message>
        <message>
            <source>Sheet to print (*.pdf *.svg)</source>
            <translation>Hoja para imprimir (*.pdf *.svg)</translation>
        </message>
        <message>
            <source>Photograph of the sheet</source>
            <translation>Foto de la hoja</translation>
        </message>
        <message>
            <source>Photographs (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic)</source>
            <translation>Fotos (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic)</translation>
        </message>
        <message>
            <source>Sticks of a photographed box</source>
            <translation>Barras de una caja fotografiada</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Calibrator</name>
        <message>
            <source>Calibrated by offcuts</source>
            <translation>Calibrado con recortes</translation>
        </message>
        <message>
            <source>Calibration of the hand forgotten</source>
            <translation>Calibración de la mano olvidada</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CheckLooks</name>
        <message>
            <source>Photograph</source>
            <translation>Foto</translation>
        </message>
        <message>
            <source>by %1</source>
            <translation>por %1</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valor</translation>
        </message>
        <message>
            <source>lighter is too light, darker too dark</source>
            <translation>más claro es demasiado claro, más oscuro demasiado oscuro</translation>
        </message>
        <message>
            <source>Board as it should be by now</source>
            <translation>La vista previa como debería estar ahora</translation>
        </message>
        <message>
            <source>Photograph of the work</source>
            <translation>Foto de la obra</translation>
        </message>
        <message>
            <source>Pictures (*.jpg *.jpeg *.png *.heic *.heif *.webp *.tif *.tiff)</source>
            <translation>Imágenes (*.jpg *.jpeg *.png *.heic *.heif *.webp *.tif *.tiff)</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CheckPanel</name>
        <message>
            <source>%1 of %2</source>
            <translation>%1 de %2</translation>
        </message>
        <message>
            <source>What is off on the work</source>
            <translation>Qué está mal en la obra</translation>
        </message>
        <message>
            <source>Show where value is off</source>
            <translation>Mostrar dónde falla el valor</translation>
        </message>
        <message>
            <source>What mends it</source>
            <translation>Qué lo repara</translation>
        </message>
        <message>
            <source>Plan the rest from this (M)</source>
            <translation>Planificar el resto desde esto (M)</translation>
        </message>
        <message>
            <source>Every mass: how far its value is off</source>
            <translation>Cada masa: cuánto falla su valor</translation>
        </message>
        <message>
            <source>How the photograph was read</source>
            <translation>Cómo se leyó la foto</translation>
        </message>
        <message>
            <source>Photograph</source>
            <translation>Foto</translation>
        </message>
        <message>
            <source>What is off</source>
            <translation>Qué está mal</translation>
        </message>
        <message>
            <source>Every mass, in steps</source>
            <translation>Cada masa, en grados</translation>
        </message>
        <message>
            <source>How it was read</source>
            <translation>Cómo se leyó</translation>
        </message>
        <message>
            <source>Strip on the margin</source>
            <translation>Tira en el margen</translation>
        </message>
        <message>
            <source>On the Board: middle grey is right, lighter is too light, darker is too dark</source>
            <translation>En la vista previa: gris medio está bien, más claro es demasiado claro, más oscuro demasiado oscuro</translation>
        </message>
        <message>
            <source>What lies on the paper is taken as the photograph shows it; the passes to come are planned anew</source>
            <translation>Lo que hay en el papel se toma como lo muestra la foto; las pasadas que vienen se planifican de nuevo</translation>
        </message>
        <message>
            <source>Below the picture, side by side from left to right: each pressed firmly and rubbed in, twice. Then tick that it is laid, and colours are judged by it.</source>
            <translation>Bajo la imagen, lado a lado de izquierda a derecha: cada una apretada y difuminada, dos veces. Luego marcar que está puesta, y los colores se juzgan por ella.</translation>
        </message>
        <message>
            <source>Sticks of the strip, left to right</source>
            <translation>Barras de la tira, de izquierda a derecha</translation>
        </message>
        <message>
            <source>will do</source>
            <translation>sirve</translation>
        </message>
        <message>
            <source>will not do</source>
            <translation>no sirve</translation>
        </message>
        <message>
            <source>A photograph of the work is held against the Board, mass by mass.</source>
            <translation>Una foto de la obra se compara con la vista previa, masa por masa.</translation>
        </message>
        <message>
            <source>Nothing is said of a photograph that will not do.</source>
            <translation>De una foto que no sirve no se dice nada.</translation>
        </message>
        <message>
            <source>All is as it should be by now, as far as a hand can do it.</source>
            <translation>Todo está como debería ahora, hasta donde puede una mano.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Checker</name>
        <message>
            <source>a simulated board</source>
            <translation>un tablero simulado</translation>
        </message>
        <message>
            <source>Planned on from the photograph</source>
            <translation>Planificado desde la foto</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoatModel</name>
        <message>
            <source>It shows on this sheet.</source>
            <translation>Se nota en esta hoja.</translation>
        </message>
        <message>
            <source>It hardly shows on this sheet.</source>
            <translation>Apenas se nota en esta hoja.</translation>
        </message>
        <message>
            <source>at once</source>
            <translation>al momento</translation>
        </message>
        <message numerus="yes">
            <source>%n day(s)</source>
            <translation>
                <numerusform>%n día</numerusform>
                <numerusform>%n días</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 min</source>
            <translation>%1 min</translation>
        </message>
        <message>
            <source>rubbed pastel</source>
            <translation>pastel difuminado</translation>
        </message>
        <message>
            <source>pastel, alcohol</source>
            <translation>pastel, alcohol</translation>
        </message>
        <message>
            <source>pastel, water</source>
            <translation>pastel, agua</translation>
        </message>
        <message>
            <source>none</source>
            <translation>ninguna</translation>
        </message>
        <message>
            <source>With</source>
            <translation>Con</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Colores</translation>
        </message>
        <message>
            <source>Differs</source>
            <translation>Difiere</translation>
        </message>
        <message>
            <source>Dark</source>
            <translation>Oscuro</translation>
        </message>
        <message>
            <source>Dries</source>
            <translation>Seca</translation>
        </message>
        <message>
            <source>This paper does not bear it.</source>
            <translation>Este papel no la aguanta.</translation>
        </message>
        <message>
            <source>The collection has no stick at hand for it.</source>
            <translation>La colección no tiene barra a mano para ello.</translation>
        </message>
        <message>
            <source>Dries: %1, with heat %2.</source>
            <translation>Seca: %1, con calor %2.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoatPanel</name>
        <message>
            <source>What speaks for it</source>
            <translation>Lo que habla a favor</translation>
        </message>
        <message>
            <source>Best left out: no coat gains enough for its tooth and time.</source>
            <translation>Mejor sin ella: ninguna gana bastante por el diente y el tiempo.</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Take the advice</source>
            <translation>Seguir el consejo</translation>
        </message>
        <message>
            <source>As the whole picture</source>
            <translation>Como toda la imagen</translation>
        </message>
        <message>
            <source>What the underpainting does</source>
            <translation>Qué hace la capa base</translation>
        </message>
        <message>
            <source>Where this underpainting goes</source>
            <translation>Adónde va esta capa base</translation>
        </message>
        <message>
            <source>Underpaintings</source>
            <translation>Capas base</translation>
        </message>
        <message>
            <source>A first thin coat</source>
            <translation>Una primera mano fina</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Qué hace</translation>
        </message>
        <message>
            <source>Advice</source>
            <translation>Consejo</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Capa base</translation>
        </message>
        <message>
            <source>For the whole picture</source>
            <translation>Para toda la imagen</translation>
        </message>
        <message>
            <source>For the background</source>
            <translation>Para el fondo</translation>
        </message>
        <message>
            <source>For the middle ground</source>
            <translation>Para el plano medio</translation>
        </message>
        <message>
            <source>For the foreground</source>
            <translation>Para el primer plano</translation>
        </message>
        <message>
            <source>Open a picture: underpaintings are tried on its plan.</source>
            <translation>Abrir una imagen: las capas base se prueban en su plan.</translation>
        </message>
        <message>
            <source>No underpainting. U shows the board with and without one.</source>
            <translation>Sin capa base. U muestra la vista previa con y sin ella.</translation>
        </message>
        <message>
            <source>For %1</source>
            <translation>Para %1</translation>
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
            <translation>Barra</translation>
        </message>
        <message>
            <source>Another stick</source>
            <translation>Otra barra</translation>
        </message>
        <message>
            <source>Stick taken away</source>
            <translation>Barra quitada</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Color</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Tipo</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valor</translation>
        </message>
        <message>
            <source>Owned</source>
            <translation>Se tiene</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Queda</translation>
        </message>
        <message>
            <source>Favourite</source>
            <translation>Favorita</translation>
        </message>
        <message>
            <source>Lightfastness</source>
            <translation>Solidez a la luz</translation>
        </message>
        <message>
            <source>Pigments</source>
            <translation>Pigmentos</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CollectionPage</name>
        <message numerus="yes">
            <source>Tray: %n stick(s), carry others here</source>
            <translation>
                <numerusform>Bandeja: %n barra, otras se traen aquí</numerusform>
                <numerusform>Bandeja: %n barras, otras se traen aquí</numerusform>
            </translation>
        </message>
        <message>
            <source>Into the tray</source>
            <translation>A la bandeja</translation>
        </message>
        <message>
            <source>Not into the tray</source>
            <translation>No a la bandeja</translation>
        </message>
        <message>
            <source>As the plan likes</source>
            <translation>Como decida el plan</translation>
        </message>
        <message>
            <source>As a table</source>
            <translation>Como tabla</translation>
        </message>
        <message>
            <source>Search: a name, a colour in words, a pigment</source>
            <translation>Buscar: un nombre, un color en palabras, un pigmento</translation>
        </message>
        <message>
            <source>Search the collection</source>
            <translation>Buscar en la colección</translation>
        </message>
        <message>
            <source>Another like it</source>
            <translation>Otra igual</translation>
        </message>
        <message>
            <source>Take away</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Volver a las imágenes</translation>
        </message>
        <message>
            <source>Sticks of the collection</source>
            <translation>Barras de la colección</translation>
        </message>
        <message numerus="yes">
            <source>%1: %n stick(s), %2 owned</source>
            <translation>
                <numerusform>%1: %n barra, se tienen %2</numerusform>
                <numerusform>%1: %n barras, se tienen %2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::ColourPanel</name>
        <message>
            <source>Point at the picture</source>
            <translation>Señalar la imagen</translation>
        </message>
        <message>
            <source>Use this recipe</source>
            <translation>Usar esta receta</translation>
        </message>
        <message>
            <source>Planner's choice</source>
            <translation>Elección del planificador</translation>
        </message>
        <message>
            <source>Keep it (K)</source>
            <translation>Guardarla (K)</translation>
        </message>
        <message>
            <source>Use the one kept</source>
            <translation>Usar la guardada</translation>
        </message>
        <message>
            <source>Look at it under</source>
            <translation>Mirarla bajo</translation>
        </message>
        <message>
            <source>Under %1</source>
            <translation>Bajo %1</translation>
        </message>
        <message>
            <source>Other recipes</source>
            <translation>Otras recetas</translation>
        </message>
        <message>
            <source>Into the journal, as told to a friend</source>
            <translation>Al cuaderno, como contada a un amigo</translation>
        </message>
        <message>
            <source>The recipe kept or chosen last, for this colour (Shift+K)</source>
            <translation>La receta guardada o elegida la última, para este color (Mayús+K)</translation>
        </message>
        <message>
            <source>Point at the picture to see how a colour is built.</source>
            <translation>Señalar la imagen para ver cómo se construye un color.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ComfortActions</name>
        <message>
            <source>Light grey</source>
            <translation>Gris claro</translation>
        </message>
        <message>
            <source>Dark grey</source>
            <translation>Gris oscuro</translation>
        </message>
        <message>
            <source>High contrast</source>
            <translation>Alto contraste</translation>
        </message>
        <message>
            <source>Nothing moves by itself</source>
            <translation>Nada se mueve por sí solo</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CoreSample</name>
        <message>
            <source>Core sample: layers of every mass</source>
            <translation>Testigo: las capas de cada masa</translation>
        </message>
        <message>
            <source>Layers of every mass, from the paper up. Left and right step through the passes, up and down tell the recipes.</source>
            <translation>Las capas de cada masa, desde el papel. Izquierda y derecha van de pasada en pasada, arriba y abajo dicen las recetas.</translation>
        </message>
        <message>
            <source>Order of the columns</source>
            <translation>Orden de las columnas</translation>
        </message>
        <message>
            <source>in working order</source>
            <translation>en orden de trabajo</translation>
        </message>
        <message>
            <source>by plane</source>
            <translation>por plano</translation>
        </message>
        <message>
            <source>by value</source>
            <translation>por valor</translation>
        </message>
        <message>
            <source>Pass %1 of %2</source>
            <translation>Pasada %1 de %2</translation>
        </message>
        <message>
            <source>pass %1 of %2</source>
            <translation>pasada %1 de %2</translation>
        </message>
        <message>
            <source>The layers of the picture will stand here, once it is planned.</source>
            <translation>Las capas de la imagen estarán aquí cuando esté planificada.</translation>
        </message>
        <message>
            <source>fullest: %1 % of the tooth</source>
            <translation>lo más lleno: %1 %</translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>diente lleno</translation>
        </message>
        <message>
            <source>%1. %2, tooth left %3 %</source>
            <translation>%1. %2, diente que queda %3 %</translation>
        </message>
        <message>
            <source>Here: pass %1</source>
            <translation>Aquí: pasada %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CornerView</name>
        <message>
            <source>Corners of the picture in the photograph; the space bar takes the next one, arrows move it</source>
            <translation>Esquinas de la imagen en la foto; la barra espaciadora toma la siguiente, las flechas la mueven</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CourseModel</name>
        <message>
            <source>to do</source>
            <translation>por hacer</translation>
        </message>
        <message numerus="yes">
            <source>%n mass(es)</source>
            <translation>
                <numerusform>%n masa</numerusform>
                <numerusform>%n masas</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s)</source>
            <translation>
                <numerusform>%n barra</numerusform>
                <numerusform>%n barras</numerusform>
            </translation>
        </message>
        <message>
            <source>none</source>
            <translation>ninguna</translation>
        </message>
        <message numerus="yes">
            <source>%n coat(s)</source>
            <translation>
                <numerusform>%n mano</numerusform>
                <numerusform>%n manos</numerusform>
            </translation>
        </message>
        <message>
            <source>tooth full</source>
            <translation>diente lleno</translation>
        </message>
        <message>
            <source>%1 in all</source>
            <translation>%1 en total</translation>
        </message>
        <message>
            <source>ready</source>
            <translation>listo</translation>
        </message>
        <message>
            <source>no photograph</source>
            <translation>sin foto</translation>
        </message>
        <message>
            <source>will not do</source>
            <translation>no sirve</translation>
        </message>
        <message>
            <source>all right</source>
            <translation>todo bien</translation>
        </message>
        <message>
            <source>%1 off</source>
            <translation>%1 mal</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Motivo</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Soporte</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Bandeja</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Capa base</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Pasajes</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Control</translation>
        </message>
        <message>
            <source>Easel</source>
            <translation>Caballete</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CropView</name>
        <message>
            <source>Part of the picture that is kept; move it with the arrow keys</source>
            <translation>La parte de la imagen que se queda; moverla con las flechas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::CurveView</name>
        <message>
            <source>Curve: %1 against %2</source>
            <translation>Curva: %1 frente a %2</translation>
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
            <translation>La colección por color, cada cajón de oscuro a claro</translation>
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
            <translation>Caballete</translation>
        </message>
        <message>
            <source>Where this step goes: lit, more where it is firmer</source>
            <translation>Adónde va este paso: iluminado, más donde es más firme</translation>
        </message>
        <message>
            <source>The board as it should look after this pass</source>
            <translation>La vista previa como debería estar tras esta pasada</translation>
        </message>
        <message>
            <source>Note (N)</source>
            <translation>Nota (N)</translation>
        </message>
        <message>
            <source>Note for this pass</source>
            <translation>Nota de esta pasada</translation>
        </message>
        <message>
            <source>Sticks that could stand in, nearest first</source>
            <translation>Barras que podrían suplir, la más cercana primero</translation>
        </message>
        <message>
            <source>Which stick instead? Nearest colours first. The rest is planned anew; what is done stays.</source>
            <translation>¿Qué barra en su lugar? Los colores más cercanos primero. El resto se planifica de nuevo; lo hecho queda.</translation>
        </message>
        <message>
            <source>To the plan (Esc)</source>
            <translation>Al plan (Esc)</translation>
        </message>
        <message>
            <source>Pass before (←)</source>
            <translation>Pasada anterior (←)</translation>
        </message>
        <message>
            <source>Another stick (R)</source>
            <translation>Otra barra (R)</translation>
        </message>
        <message>
            <source>Leave out (S)</source>
            <translation>Omitir (S)</translation>
        </message>
        <message>
            <source>Done, next (space)</source>
            <translation>Hecho, siguiente (espacio)</translation>
        </message>
        <message>
            <source>Speak (V)</source>
            <translation>Leer en voz alta (V)</translation>
        </message>
        <message>
            <source>Passage %1 of %2</source>
            <translation>Pasaje %1 de %2</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Siguiente: %1</translation>
        </message>
        <message>
            <source> · %1</source>
            <translation> · %1</translation>
        </message>
        <message>
            <source>Pass %1 of %2, passage %3 of %4: %5%6</source>
            <translation>Pasada %1 de %2, pasaje %3 de %4: %5%6</translation>
        </message>
        <message>
            <source>Then: %1</source>
            <translation>Luego: %1</translation>
        </message>
        <message>
            <source>The stroke on this paper: %1</source>
            <translation>El trazo en este papel: %1</translation>
        </message>
        <message>
            <source>Next (space)</source>
            <translation>Siguiente (espacio)</translation>
        </message>
        <message>
            <source>The last pass.</source>
            <translation>La última pasada.</translation>
        </message>
        <message numerus="yes">
            <source>All %n pass(es) are done or left out</source>
            <translation>
                <numerusform>%n pasada está hecha u omitida</numerusform>
                <numerusform>Las %n pasadas están hechas u omitidas</numerusform>
            </translation>
        </message>
        <message>
            <source>Nothing is planned yet</source>
            <translation>Aún no hay nada planificado</translation>
        </message>
        <message>
            <source>Step back.</source>
            <translation>Alejarse.</translation>
        </message>
        <message>
            <source>Open a picture first.</source>
            <translation>Abrir primero una imagen.</translation>
        </message>
        <message>
            <source>Compare value first, then temperature, then chroma.</source>
            <translation>Comparar primero el valor, luego la temperatura, luego la saturación.</translation>
        </message>
        <message>
            <source>Tip the dust off over a bin, wipe up damp, wash your hands.</source>
            <translation>Dejar caer el polvo en un cubo, limpiar en húmedo, lavarse las manos.</translation>
        </message>
        <message>
            <source>%1 paused</source>
            <translation>%1 en pausa</translation>
        </message>
        <message>
            <source>Pass %1 dries: %2 left.</source>
            <translation>La pasada %1 seca: quedan %2.</translation>
        </message>
        <message>
            <source>Flammable vapour: no heat, no flame.</source>
            <translation>Vapores inflamables: ni calor ni llama.</translation>
        </message>
        <message>
            <source>Dries for about %1 once it is done.</source>
            <translation>Seca unos %1 una vez hecha.</translation>
        </message>
        <message>
            <source>Nothing else at hand can stand in. Esc goes back.</source>
            <translation>Nada más a mano puede suplir. Esc vuelve.</translation>
        </message>
        <message>
            <source>No voice installed</source>
            <translation>No hay voz instalada</translation>
        </message>
        <message>
            <source>Now %1 of %2: %3. %4 of marks left in this pass.</source>
            <translation>Ahora %1 de %2: %3. Quedan %4 de trazos en esta pasada.</translation>
        </message>
        <message>
            <source>Next marks (space)</source>
            <translation>Trazos siguientes (espacio)</translation>
        </message>
        <message>
            <source>Closer (Z)</source>
            <translation>Más cerca (Z)</translation>
        </message>
        <message>
            <source>Marks of this pass, from the first to the last</source>
            <translation>Trazos de esta pasada, del primero al último</translation>
        </message>
    </context>
    <context>
        <name>yd::app::EaselWork</name>
        <message>
            <source>Pass done</source>
            <translation>Pasada hecha</translation>
        </message>
        <message>
            <source>Pass left out</source>
            <translation>Pasada omitida</translation>
        </message>
        <message>
            <source>Step done</source>
            <translation>Paso hecho</translation>
        </message>
        <message>
            <source>Step left out</source>
            <translation>Paso omitido</translation>
        </message>
        <message>
            <source>Pass open again</source>
            <translation>Pasada abierta otra vez</translation>
        </message>
        <message>
            <source>Note</source>
            <translation>Nota</translation>
        </message>
        <message>
            <source>Another stick</source>
            <translation>Otra barra</translation>
        </message>
    </context>
    <context>
        <name>yd::app::EmptyState</name>
        <message>
            <source>Worked on last</source>
            <translation>Lo último trabajado</translation>
        </message>
        <message>
            <source>Open a picture…</source>
            <translation>Abrir una imagen…</translation>
        </message>
        <message>
            <source>Drop a picture here</source>
            <translation>Soltar aquí una imagen</translation>
        </message>
        <message>
            <source>Then click what matters in it, and say how long you want to take.</source>
            <translation>Luego pulsar lo que importa en ella, y decir cuánto tiempo se quiere.</translation>
        </message>
        <message>
            <source>Or try one of ours</source>
            <translation>O probar una de las nuestras</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>Abrir %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ExportActions</name>
        <message>
            <source>Written: %1</source>
            <translation>Escrito: %1</translation>
        </message>
        <message>
            <source>Plan to print (PDF)…</source>
            <translation>Plan para imprimir (PDF)…</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Outlines at true size, tiled (PDF)…</source>
            <translation>Contornos a tamaño real, en hojas (PDF)…</translation>
        </message>
        <message>
            <source>Outlines at true size (SVG)…</source>
            <translation>Contornos a tamaño real (SVG)…</translation>
        </message>
        <message>
            <source>SVG (*.svg)</source>
            <translation>SVG (*.svg)</translation>
        </message>
        <message>
            <source>Predicted picture (PNG)…</source>
            <translation>Imagen prevista (PNG)…</translation>
        </message>
        <message>
            <source>PNG (*.png)</source>
            <translation>PNG (*.png)</translation>
        </message>
        <message>
            <source>A layer a pass (OpenRaster)…</source>
            <translation>Una capa por pasada (OpenRaster)…</translation>
        </message>
        <message>
            <source>OpenRaster (*.ora)</source>
            <translation>OpenRaster (*.ora)</translation>
        </message>
        <message>
            <source>Passes as a table (CSV)…</source>
            <translation>Pasadas como tabla (CSV)…</translation>
        </message>
        <message>
            <source>CSV (*.csv)</source>
            <translation>CSV (*.csv)</translation>
        </message>
        <message>
            <source>Whole plan (JSON)…</source>
            <translation>Plan entero (JSON)…</translation>
        </message>
        <message>
            <source>JSON (*.json)</source>
            <translation>JSON (*.json)</translation>
        </message>
        <message>
            <source>Corner marks for the check (PDF)…</source>
            <translation>Marcas de esquina para el control (PDF)…</translation>
        </message>
        <message>
            <source>Corner marks</source>
            <translation>Marcas de esquina</translation>
        </message>
        <message>
            <source>There is no plan to write yet; open a picture first.</source>
            <translation>Aún no hay plan que escribir; abrir una imagen.</translation>
        </message>
        <message>
            <source>Another file is still being written; wait a moment.</source>
            <translation>Otro archivo se está escribiendo aún; esperar un momento.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::FileActions</name>
        <message>
            <source>Open…</source>
            <translation>Abrir…</translation>
        </message>
        <message>
            <source>Recent</source>
            <translation>Recientes</translation>
        </message>
        <message>
            <source>Save</source>
            <translation>Guardar</translation>
        </message>
        <message>
            <source>Save as…</source>
            <translation>Guardar como…</translation>
        </message>
        <message>
            <source>Close the window</source>
            <translation>Cerrar la ventana</translation>
        </message>
        <message>
            <source>%1 has changes that are not saved.</source>
            <translation>%1 tiene cambios sin guardar.</translation>
        </message>
        <message>
            <source>Open without saving</source>
            <translation>Abrir sin guardar</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>Abriendo %1</translation>
        </message>
        <message>
            <source>Throw it away</source>
            <translation>Tirarlo</translation>
        </message>
        <message>
            <source>%1 was changed by another window or program since it was opened here.</source>
            <translation>%1 fue cambiado por otra ventana u otro programa desde que se abrió aquí.</translation>
        </message>
        <message>
            <source>Save over it</source>
            <translation>Guardar encima</translation>
        </message>
        <message>
            <source>Save the project</source>
            <translation>Guardar el proyecto</translation>
        </message>
        <message>
            <source>Yawning Dune project (*.dune)</source>
            <translation>Proyecto de Yawning Dune (*.dune)</translation>
        </message>
        <message>
            <source>Open a picture or a project</source>
            <translation>Abrir una imagen o un proyecto</translation>
        </message>
        <message>
            <source>Pictures and projects (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune);;All files (*)</source>
            <translation>Imágenes y proyectos (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune);;Todos los archivos (*)</translation>
        </message>
        <message>
            <source>Close without saving</source>
            <translation>Cerrar sin guardar</translation>
        </message>
        <message>
            <source>Work of %1 was not saved when the program ended; it was kept.</source>
            <translation>El trabajo del %1 no estaba guardado cuando el programa acabó; se conservó.</translation>
        </message>
        <message>
            <source>Work of %1 was not saved when the program ended; it was kept (1 of %2).</source>
            <translation>El trabajo del %1 no estaba guardado cuando el programa acabó; se conservó (1 de %2).</translation>
        </message>
        <message>
            <source>Bring it back</source>
            <translation>Recuperarlo</translation>
        </message>
        <message>
            <source>Work that could not be brought back twice was put aside, so that it ends no window more: %1</source>
            <translation>Un trabajo que no se pudo recuperar dos veces se ha apartado, para que no cierre ninguna ventana más: %1</translation>
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
            <translation>en cada uno: %1</translation>
        </message>
        <message>
            <source>What speaks for the paper</source>
            <translation>Qué habla a favor del papel</translation>
        </message>
        <message>
            <source>Papers, the best first</source>
            <translation>Papeles, el mejor primero</translation>
        </message>
        <message>
            <source>This paper</source>
            <translation>Este papel</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>What counts</source>
            <translation>Qué cuenta</translation>
        </message>
        <message>
            <source>Your hand</source>
            <translation>La mano propia</translation>
        </message>
        <message>
            <source>Subject on every paper</source>
            <translation>El motivo en cada papel</translation>
        </message>
        <message>
            <source>Offcut sheet</source>
            <translation>Hoja de prueba</translation>
        </message>
        <message>
            <source>Second paper, to compare</source>
            <translation>Segundo papel, para comparar</translation>
        </message>
        <message>
            <source>The tray, stroke by stroke, on this paper</source>
            <translation>La bandeja, trazo a trazo, en este papel</translation>
        </message>
        <message>
            <source>What counts for the paper</source>
            <translation>Qué cuenta para el papel</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papel</translation>
        </message>
        <message>
            <source>Compare with another paper…</source>
            <translation>Comparar con otro papel…</translation>
        </message>
        <message>
            <source>%1 of 100</source>
            <translation>%1 de 100</translation>
        </message>
        <message>
            <source>On other papers</source>
            <translation>En otros papeles</translation>
        </message>
    </context>
    <context>
        <name>yd::app::HandSection</name>
        <message>
            <source>Sheet or table…</source>
            <translation>Hoja o tabla…</translation>
        </message>
        <message>
            <source>Readings…</source>
            <translation>Mediciones…</translation>
        </message>
        <message>
            <source>What the offcuts say of hand and sticks</source>
            <translation>Qué dicen los recortes de mano y barras</translation>
        </message>
        <message>
            <source>Plan with it</source>
            <translation>Planificar con ella</translation>
        </message>
        <message>
            <source>Keep it…</source>
            <translation>Guardarla…</translation>
        </message>
        <message>
            <source>Forget the hand</source>
            <translation>Olvidar la mano</translation>
        </message>
        <message numerus="yes">
            <source>%n stroke(s) of the tray, a cell each: a sheet to print on this paper and photograph, or a table for a colorimeter</source>
            <translation>
                <numerusform>%n trazo de la bandeja, una casilla cada uno: una hoja para imprimir en este papel y fotografiar, o una tabla para un colorímetro</numerusform>
                <numerusform>%n trazos de la bandeja, una casilla cada uno: una hoja para imprimir en este papel y fotografiar, o una tabla para un colorímetro</numerusform>
            </translation>
        </message>
        <message>
            <source>A photograph of the sheet, or the table with L*, a* and b* of every stroke</source>
            <translation>Una foto de la hoja, o la tabla con L*, a* y b* de cada trazo</translation>
        </message>
        <message>
            <source>Whose hand</source>
            <translation>De quién es la mano</translation>
        </message>
        <message>
            <source>Hand and sticks as a file, for other pictures and other people</source>
            <translation>Mano y barras como archivo, para otras imágenes y otra gente</translation>
        </message>
        <message>
            <source>Sheet of offcut strokes</source>
            <translation>Hoja de trazos de prueba</translation>
        </message>
        <message>
            <source>Sheet to print (*.pdf *.svg);;Table (*.csv)</source>
            <translation>Hoja para imprimir (*.pdf *.svg);;Tabla (*.csv)</translation>
        </message>
        <message>
            <source>Readings of offcut strokes</source>
            <translation>Mediciones de trazos de prueba</translation>
        </message>
        <message>
            <source>Photographs, tables and kept hands (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic *.csv *.txt *.cgats *.json)</source>
            <translation>Fotos, tablas y manos guardadas (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic *.csv *.txt *.cgats *.json)</translation>
        </message>
        <message>
            <source>Keep hand and sticks</source>
            <translation>Guardar mano y barras</translation>
        </message>
        <message>
            <source>Hand and sticks (*.json)</source>
            <translation>Mano y barras (*.json)</translation>
        </message>
        <message>
            <source>Fitting hand and sticks …</source>
            <translation>Ajustando mano y barras…</translation>
        </message>
        <message>
            <source>The plan rests on %1.</source>
            <translation>El plan se apoya en: %1.</translation>
        </message>
        <message>
            <source>Lay the strokes of the sheet on this paper, photograph or measure them, and the plan reckons with your own hand and sticks.</source>
            <translation>Poner los trazos de la hoja en este papel, fotografiarlos o medirlos, y el plan cuenta con la mano y las barras propias.</translation>
        </message>
        <message>
            <source>Open a picture: its tray is what is tried on an offcut.</source>
            <translation>Abrir una imagen: su bandeja es lo que se prueba en un recorte.</translation>
        </message>
        <message>
            <source>Take it even so</source>
            <translation>Tomarlo de todos modos</translation>
        </message>
        <message>
            <source>The readings contradict each other or the sticks: no hand explains them. Measure again before planning with them.</source>
            <translation>Las lecturas se contradicen entre sí o con las barras: ninguna mano las explica. Medir de nuevo antes de planificar con ellas.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::HelpPage</name>
        <message>
            <source>Help</source>
            <translation>Ayuda</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Volver a las imágenes</translation>
        </message>
        <message>
            <source>First picture</source>
            <translation>Primera imagen</translation>
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
            <translation>Tomar estas barras</translation>
        </message>
        <message>
            <source>Kind of stick where the file does not say</source>
            <translation>Tipo de barra donde el archivo no lo dice</translation>
        </message>
        <message>
            <source>Name of the collection</source>
            <translation>Nombre de la colección</translation>
        </message>
        <message>
            <source>Columns of the file and what they hold</source>
            <translation>Columnas del archivo y qué contienen</translation>
        </message>
        <message>
            <source>Sticks found</source>
            <translation>Barras halladas</translation>
        </message>
        <message>
            <source>Leave it</source>
            <translation>Dejarlo</translation>
        </message>
        <message>
            <source>Sticks from %1</source>
            <translation>Barras de %1</translation>
        </message>
        <message>
            <source>Column %1 holds</source>
            <translation>La columna %1 contiene</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Color</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Tipo</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valor</translation>
        </message>
        <message>
            <source>line %1: %2</source>
            <translation>línea %1: %2</translation>
        </message>
        <message>
            <source>and %1 more</source>
            <translation>y %1 más</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), every row was read.</source>
            <translation>
                <numerusform>%n barra, se leyó cada fila.</numerusform>
                <numerusform>%n barras, se leyó cada fila.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s); rows that cannot be read and would be left out: %1
%2</source>
            <translation>
                <numerusform>%n barra; filas ilegibles, que quedarían fuera: %1
%2</numerusform>
                <numerusform>%n barras; filas ilegibles, que quedarían fuera: %1
%2</numerusform>
            </translation>
        </message>
        <message>
            <source>Take the good rows</source>
            <translation>Tomar las filas buenas</translation>
        </message>
        <message>
            <source>Imported sticks</source>
            <translation>Barras importadas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JobModel</name>
        <message>
            <source>No.</source>
            <translation>N.º</translation>
        </message>
        <message>
            <source>Passage</source>
            <translation>Pasaje</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Tiempo</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JobSection</name>
        <message>
            <source>Passages</source>
            <translation>Pasajes</translation>
        </message>
        <message>
            <source>Where the passage goes: darker where it is firmer</source>
            <translation>Adónde va el pasaje: más oscuro donde es más firme</translation>
        </message>
        <message>
            <source>The passage</source>
            <translation>El pasaje</translation>
        </message>
        <message>
            <source>Choose a passage: it is lit in the picture.</source>
            <translation>Elegir un pasaje: se ilumina en la imagen.</translation>
        </message>
        <message>
            <source>Open a picture: the whole job will stand here, from the drawing to the end.</source>
            <translation>Abrir una imagen: aquí estará todo el trabajo, del dibujo al final.</translation>
        </message>
        <message>
            <source>Passage %1</source>
            <translation>Pasaje %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::JournalPage</name>
        <message>
            <source>Like the colour pointed at</source>
            <translation>Como el color señalado</translation>
        </message>
        <message>
            <source>Works or recipes</source>
            <translation>Obras o recetas</translation>
        </message>
        <message>
            <source>How it looks on its paper</source>
            <translation>Cómo se ve en su papel</translation>
        </message>
        <message>
            <source>Use for the colour pointed at</source>
            <translation>Usar para el color señalado</translation>
        </message>
        <message>
            <source>Works</source>
            <translation>Obras</translation>
        </message>
        <message>
            <source>Recipes</source>
            <translation>Recetas</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Barras</translation>
        </message>
        <message>
            <source>Times</source>
            <translation>Tiempos</translation>
        </message>
        <message>
            <source>Journal</source>
            <translation>Cuaderno</translation>
        </message>
        <message>
            <source>Find in the journal</source>
            <translation>Buscar en el cuaderno</translation>
        </message>
        <message>
            <source>Find: words, a stick, a paper, 2026 or 2026-11</source>
            <translation>Buscar: palabras, una barra, un papel, 2026 o 2026-11</translation>
        </message>
        <message>
            <source>Recipes and sticks of about this colour</source>
            <translation>Recetas y barras de más o menos este color</translation>
        </message>
        <message>
            <source>Leave it (Esc)</source>
            <translation>Dejarlo (Esc)</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Olvidarlo</translation>
        </message>
        <message>
            <source>Nothing of the kind is in the journal.</source>
            <translation>No hay nada así en el cuaderno.</translation>
        </message>
        <message>
            <source>No recipe is kept yet. Point at a colour and press K: its recipe is kept as told to a friend.</source>
            <translation>Aún no se guardó ninguna receta. Señalar un color y pulsar K: su receta se guarda como contada a un amigo.</translation>
        </message>
        <message>
            <source>No work is kept yet. A work enters when it is saved or its first pass is done.</source>
            <translation>Aún no se guardó ninguna obra. Una obra entra cuando se guarda o cuando su primera pasada está hecha.</translation>
        </message>
        <message>
            <source>%1, of %2, on %3.</source>
            <translation>%1, de %2, en %3.</translation>
        </message>
        <message>
            <source>%1, on %2.</source>
            <translation>%1, en %2.</translation>
        </message>
        <message>
            <source>%1 in %2</source>
            <comment>a place in a picture</comment>
            <translation>%1 en %2</translation>
        </message>
        <message>
            <source>Used again for %1.</source>
            <translation>Usada otra vez para %1.</translation>
        </message>
        <message>
            <source>Point at a colour of the picture first and click it.</source>
            <translation>Señalar primero un color de la imagen y pulsarlo.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Keeper</name>
        <message>
            <source>There is no journal: %1</source>
            <translation>No hay cuaderno: %1</translation>
        </message>
        <message>
            <source>The journal was damaged. The copy of the day before took its place; the damaged file is kept as %1.</source>
            <translation>El cuaderno estaba dañado. La copia del día anterior ocupó su lugar; el archivo dañado se guarda como %1.</translation>
        </message>
        <message>
            <source>The journal was damaged and there was no copy: it begins anew. The damaged file is kept as %1.</source>
            <translation>El cuaderno estaba dañado y no había copia: empieza de nuevo. El archivo dañado se guarda como %1.</translation>
        </message>
        <message>
            <source>Point at the colour that is to get the recipe, and click it.</source>
            <translation>Señalar el color que ha de recibir la receta, y pulsarlo.</translation>
        </message>
        <message>
            <source>%1 is not in this collection, and nothing at hand is near enough to stand in for it.</source>
            <translation>%1 no está en esta colección, y nada a mano se le acerca bastante.</translation>
        </message>
        <message>
            <source>The artist's own times</source>
            <translation>Los tiempos propios</translation>
        </message>
        <message>
            <source>The collection of this work is not here any more.</source>
            <translation>La colección de esta obra ya no está aquí.</translation>
        </message>
        <message>
            <source>Wear of %1</source>
            <translation>Desgaste de %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::KeysPage</name>
        <message>
            <source>Keys</source>
            <translation>Teclas</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Volver a las imágenes</translation>
        </message>
        <message>
            <source>Everything can be done by keyboard</source>
            <translation>Todo puede hacerse con el teclado</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LanguageActions</name>
        <message>
            <source>Language</source>
            <translation>Idioma</translation>
        </message>
        <message>
            <source>As the system has it</source>
            <translation>El del sistema</translation>
        </message>
        <message>
            <source>The window speaks it when it begins anew; the project is opened again.</source>
            <translation>La ventana lo habla cuando empieza de nuevo; el proyecto se abre otra vez.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Empezar de nuevo</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LatticeView</name>
        <message>
            <source>Tray: value upwards, hue across</source>
            <translation>Bandeja: valor hacia arriba, tono a lo ancho</translation>
        </message>
        <message>
            <source>red</source>
            <translation>rojo</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>amarillo</translation>
        </message>
        <message>
            <source>green</source>
            <translation>verde</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>azul</translation>
        </message>
        <message>
            <source>violet</source>
            <translation>violeta</translation>
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
            <translation>Capas de una masa como mucho</translation>
        </message>
        <message>
            <source>Length of a sitting, minutes</source>
            <translation>Duración de una sesión, minutos</translation>
        </message>
        <message>
            <source>The plan in numbers</source>
            <translation>El plan en cifras</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Pasajes</translation>
        </message>
        <message>
            <source>The passage</source>
            <translation>El pasaje</translation>
        </message>
        <message>
            <source>Core sample</source>
            <translation>Testigo</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Bandeja</translation>
        </message>
        <message>
            <source>Advice</source>
            <translation>Consejo</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Pasadas</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Cómo se construye</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Tiempo</translation>
        </message>
        <message>
            <source>Safety</source>
            <translation>Seguridad</translation>
        </message>
        <message>
            <source>Advice (%1)</source>
            <translation>Consejo (%1)</translation>
        </message>
        <message>
            <source>Layers of a mass</source>
            <translation>Capas de una masa</translation>
        </message>
        <message>
            <source>Length of a sitting</source>
            <translation>Duración de una sesión</translation>
        </message>
        <message>
            <source>Open a picture: the time it takes will stand here.</source>
            <translation>Abrir una imagen: aquí estará el tiempo que lleva.</translation>
        </message>
        <message>
            <source>Open a picture: the cautions for its materials will stand here.</source>
            <translation>Abrir una imagen: aquí estarán las precauciones de sus materiales.</translation>
        </message>
        <message>
            <source>dust mask</source>
            <translation>mascarilla</translation>
        </message>
        <message>
            <source>dust</source>
            <translation>polvo</translation>
        </message>
        <message>
            <source>Likeness over time</source>
            <translation>Parecido según el tiempo</translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es)</source>
            <translation>
                <numerusform>%n pasada</numerusform>
                <numerusform>%n pasadas</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::LightSection</name>
        <message>
            <source>Exposure, tenths of a stop</source>
            <translation>Exposición, décimas de diafragma</translation>
        </message>
        <message>
            <source>Pick grey</source>
            <translation>Señalar gris</translation>
        </message>
        <message>
            <source>Pick white</source>
            <translation>Señalar blanco</translation>
        </message>
        <message>
            <source>As it was</source>
            <translation>Como era</translation>
        </message>
        <message>
            <source>Upright</source>
            <translation>Vertical</translation>
        </message>
        <message>
            <source>Thirds and light</source>
            <translation>Tercios y luz</translation>
        </message>
        <message>
            <source>Horizon</source>
            <translation>Horizonte</translation>
        </message>
        <message>
            <source>Light from</source>
            <translation>Luz desde</translation>
        </message>
        <message>
            <source>Where the light comes from, degrees</source>
            <translation>De dónde viene la luz, grados</translation>
        </message>
        <message>
            <source>seen</source>
            <translation>visto</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>puesto</translation>
        </message>
        <message>
            <source>Fit of the values</source>
            <translation>Ajuste de los valores</translation>
        </message>
        <message>
            <source>Values as seen</source>
            <translation>Valores como se ven</translation>
        </message>
        <message>
            <source>Draw the whole range together</source>
            <translation>Encoger toda la gama</translation>
        </message>
        <message>
            <source>Keep the lights, draw the darks together</source>
            <translation>Guardar las luces, encoger los oscuros</translation>
        </message>
        <message>
            <source>Keep the darks, draw the lights together</source>
            <translation>Guardar los oscuros, encoger las luces</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Exposición</translation>
        </message>
        <message>
            <source>Light as it was</source>
            <translation>Luz como era</translation>
        </message>
        <message>
            <source>Format of the sheet</source>
            <translation>Formato de la hoja</translation>
        </message>
        <message>
            <source>Format: as the picture</source>
            <translation>Formato: como la imagen</translation>
        </message>
        <message>
            <source>Thirds</source>
            <translation>Tercios</translation>
        </message>
        <message>
            <source>Direction of the light</source>
            <translation>Dirección de la luz</translation>
        </message>
        <message>
            <source>Crop</source>
            <translation>Encuadre</translation>
        </message>
        <message>
            <source>The horizon lies in the middle: a third up or down divides the picture better.</source>
            <translation>El horizonte está en medio: un tercio arriba o abajo divide mejor la imagen.</translation>
        </message>
        <message>
            <source>The curve of values follows the plan.</source>
            <translation>La curva de valores sigue al plan.</translation>
        </message>
        <message>
            <source>Subject: value %1 to %2. These sticks on this paper: %3 to %4.</source>
            <translation>Motivo: valor %1 a %2. Estas barras en este papel: %3 a %4.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MainWindow</name>
        <message>
            <source>Stop</source>
            <translation>Parar</translation>
        </message>
        <message>
            <source>The salt works at dusk</source>
            <translation>Las salinas al anochecer</translation>
        </message>
        <message>
            <source>The copper kettle</source>
            <translation>La tetera de cobre</translation>
        </message>
        <message>
            <source>There is nothing to work through yet; open a picture.</source>
            <translation>Aún no hay nada que trabajar; abrir una imagen.</translation>
        </message>
        <message>
            <source>File</source>
            <translation>Archivo</translation>
        </message>
        <message>
            <source>Print and export</source>
            <translation>Imprimir y exportar</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>Notas</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Editar</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Deshacer</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Rehacer</translation>
        </message>
        <message>
            <source>Go</source>
            <translation>Ir</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Motivo</translation>
        </message>
        <message>
            <source>Ground</source>
            <translation>Soporte</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Bandeja</translation>
        </message>
        <message>
            <source>Underpainting</source>
            <translation>Capa base</translation>
        </message>
        <message>
            <source>Passages</source>
            <translation>Pasajes</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Control</translation>
        </message>
        <message>
            <source>To the easel</source>
            <translation>Al caballete</translation>
        </message>
        <message>
            <source>Beside it: without the underpainting</source>
            <translation>Al lado: sin la capa base</translation>
        </message>
        <message>
            <source>Put the tool away</source>
            <translation>Dejar la herramienta</translation>
        </message>
        <message>
            <source>Next pass</source>
            <translation>Pasada siguiente</translation>
        </message>
        <message>
            <source>Pass back</source>
            <translation>Pasada atrás</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Ayuda</translation>
        </message>
        <message>
            <source>What to do here</source>
            <translation>Qué hacer aquí</translation>
        </message>
        <message>
            <source>Your first picture</source>
            <translation>La primera imagen</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Todas las teclas</translation>
        </message>
        <message>
            <source>About Yawning Dune</source>
            <translation>Acerca de Yawning Dune</translation>
        </message>
        <message>
            <source>Yawning Dune %1, under the MIT licence. The shipped sticks and papers are invented; trust differences more than absolute colours.</source>
            <translation>Yawning Dune %1, bajo la licencia MIT. Las barras y papeles incluidos son inventados; fiarse de las diferencias más que de los colores absolutos.</translation>
        </message>
        <message>
            <source>Look</source>
            <translation>Ver</translation>
        </message>
        <message>
            <source>Both, side by side</source>
            <translation>Ambas, lado a lado</translation>
        </message>
        <message>
            <source>Subject alone</source>
            <translation>El motivo solo</translation>
        </message>
        <message>
            <source>Board alone</source>
            <translation>La vista previa sola</translation>
        </message>
        <message>
            <source>Wipe between them, with the pointer</source>
            <translation>Cortina entre ambas, con el puntero</translation>
        </message>
        <message>
            <source>As large as on the paper</source>
            <translation>Tan grande como en el papel</translation>
        </message>
        <message>
            <source>Mirrored: what is out of true shows</source>
            <translation>En espejo: se ve lo torcido</translation>
        </message>
        <message>
            <source>Upside down: shapes, not things</source>
            <translation>Boca abajo: formas, no cosas</translation>
        </message>
        <message>
            <source>The whole picture</source>
            <translation>La imagen entera</translation>
        </message>
        <message>
            <source>This colour and how it is built</source>
            <translation>Este color y cómo se construye</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>Board without underpainting</source>
            <translation>Vista previa sin capa base</translation>
        </message>
        <message>
            <source>Board on %1</source>
            <translation>Vista previa en %1</translation>
        </message>
        <message>
            <source>There is no underpainting to leave out: choose one at the stage Underpainting.</source>
            <translation>No hay capa base que omitir: elegir una en la etapa «Capa base».</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Vista previa</translation>
        </message>
        <message>
            <source>Board after pass %1 of %2</source>
            <translation>Vista previa tras la pasada %1 de %2</translation>
        </message>
        <message>
            <source>%1, %2 in all</source>
            <translation>%1, %2 en total</translation>
        </message>
        <message>
            <source>your school</source>
            <translation>escuela propia</translation>
        </message>
        <message>
            <source>as advised</source>
            <translation>como se aconseja</translation>
        </message>
        <message>
            <source>On its side: what hangs, and reflections</source>
            <translation>De lado: lo que se inclina, y los reflejos</translation>
        </message>
        <message>
            <source>Marks of the pass, as outlines</source>
            <translation>Trazos de la pasada, como contornos</translation>
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
            <translation>Punto focal</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Masas</translation>
        </message>
        <message>
            <source>Merge with</source>
            <translation>Unir con</translation>
        </message>
        <message>
            <source>Name of the mass</source>
            <translation>Nombre de la masa</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>Plane</source>
            <translation>Plano</translation>
        </message>
        <message>
            <source>background</source>
            <translation>fondo</translation>
        </message>
        <message>
            <source>middle ground</source>
            <translation>plano medio</translation>
        </message>
        <message>
            <source>foreground</source>
            <translation>primer plano</translation>
        </message>
        <message>
            <source>Edge</source>
            <translation>Borde</translation>
        </message>
        <message>
            <source>hard edge</source>
            <translation>borde duro</translation>
        </message>
        <message>
            <source>soft edge</source>
            <translation>borde blando</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Qué es</translation>
        </message>
        <message>
            <source>What it is decides the marks: water lies level, grass stands, fur grows; skin and glass are rubbed smooth.</source>
            <translation>Qué es decide las marcas: el agua es horizontal, la hierba se yergue, el pelaje crece; la piel y el vidrio se difuminan lisos.</translation>
        </message>
        <message>
            <source>what is it?</source>
            <translation>¿qué es?</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>cielo</translation>
        </message>
        <message>
            <source>water</source>
            <translation>agua</translation>
        </message>
        <message>
            <source>reflection</source>
            <translation>reflejo</translation>
        </message>
        <message>
            <source>grass</source>
            <translation>hierba</translation>
        </message>
        <message>
            <source>fur</source>
            <translation>pelaje</translation>
        </message>
        <message>
            <source>feather</source>
            <translation>plumaje</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>piel</translation>
        </message>
        <message>
            <source>cloth</source>
            <translation>tela</translation>
        </message>
        <message>
            <source>stone</source>
            <translation>piedra</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>follaje</translation>
        </message>
        <message>
            <source>metal</source>
            <translation>metal</translation>
        </message>
        <message>
            <source>glass</source>
            <translation>vidrio</translation>
        </message>
        <message>
            <source>A colour of your own for this mass</source>
            <translation>Un color propio para esta masa</translation>
        </message>
        <message>
            <source>Its values stay; dark, middle and light become one family</source>
            <translation>Sus valores quedan; oscuro, medio y claro se hacen una familia</translation>
        </message>
        <message>
            <source>Name of a mass</source>
            <translation>Nombre de una masa</translation>
        </message>
        <message>
            <source>What a mass is</source>
            <translation>Qué es una masa</translation>
        </message>
        <message>
            <source>A colour of its own…</source>
            <translation>Un color propio…</translation>
        </message>
        <message>
            <source>As the subject has it</source>
            <translation>Como lo tiene el motivo</translation>
        </message>
        <message>
            <source>Another colour…</source>
            <translation>Otro color…</translation>
        </message>
        <message>
            <source>Colour of a mass</source>
            <translation>Color de una masa</translation>
        </message>
        <message>
            <source>Split by value</source>
            <translation>Dividir por valor</translation>
        </message>
        <message>
            <source>Split by a line</source>
            <translation>Dividir con una línea</translation>
        </message>
        <message>
            <source>Paint its border</source>
            <translation>Pintar su límite</translation>
        </message>
        <message>
            <source>Merge</source>
            <translation>Unir</translation>
        </message>
        <message>
            <source>Open a picture to see its masses.</source>
            <translation>Abrir una imagen para ver sus masas.</translation>
        </message>
        <message>
            <source>Merge with a neighbour…</source>
            <translation>Unir con una vecina…</translation>
        </message>
        <message>
            <source>as warm as its neighbours</source>
            <translation>tan cálida como sus vecinas</translation>
        </message>
        <message>
            <source>warmer than its neighbours</source>
            <translation>más cálida que sus vecinas</translation>
        </message>
        <message>
            <source>cooler than its neighbours</source>
            <translation>más fría que sus vecinas</translation>
        </message>
        <message>
            <source>%1 % of the picture, value %2, %3, %4.</source>
            <translation>%1 % de la imagen, valor %2, %3, %4.</translation>
        </message>
        <message>
            <source>The focal point lies in the middle; a third is livelier.</source>
            <translation>El punto focal está en medio; un tercio es más vivo.</translation>
        </message>
        <message>
            <source>How much, %</source>
            <translation>Cuánto, %</translation>
        </message>
        <message>
            <source>Colour of a mass, how much</source>
            <translation>Color de una masa, cuánto</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MeasureSection</name>
        <message>
            <source>Centre line</source>
            <translation>Línea central</translation>
        </message>
        <message>
            <source>Forget places</source>
            <translation>Olvidar los lugares</translation>
        </message>
        <message>
            <source>Draw a line on the subject, or mark two places with Space.</source>
            <translation>Trazar una línea en el motivo, o marcar dos lugares con Espacio.</translation>
        </message>
        <message>
            <source>Test patch: click a colour of the subject.</source>
            <translation>Mancha de prueba: pulsar un color del motivo.</translation>
        </message>
        <message>
            <source>Grid</source>
            <translation>Cuadrícula</translation>
        </message>
        <message>
            <source>No grid</source>
            <translation>Sin cuadrícula</translation>
        </message>
        <message>
            <source>Grid of %1 by %1</source>
            <translation>Cuadrícula de %1 por %1</translation>
        </message>
        <message>
            <source>The colour on middle grey and in its place</source>
            <translation>El color sobre gris medio y en su sitio</translation>
        </message>
        <message>
            <source>Length and angle</source>
            <translation>Longitud y ángulo</translation>
        </message>
        <message>
            <source>Compare two</source>
            <translation>Comparar dos</translation>
        </message>
        <message>
            <source>Two lengths, one against the other</source>
            <translation>Dos longitudes, una frente a otra</translation>
        </message>
        <message>
            <source>Mark places</source>
            <translation>Marcar lugares</translation>
        </message>
        <message>
            <source>What lies under each other or on one level is said, here and at the easel</source>
            <translation>Se dice lo que está a plomo o a nivel, aquí y en el caballete</translation>
        </message>
        <message>
            <source>Places forgotten</source>
            <translation>Lugares olvidados</translation>
        </message>
        <message>
            <source>%1. Across %2, down %3.</source>
            <translation>%1. De ancho %2, de alto %3.</translation>
        </message>
        <message>
            <source>%1 and %2: the second is %3 the first (%4).</source>
            <translation>%1 y %2: la segunda es %3 la primera (%4).</translation>
        </message>
        <message>
            <source>Mass %1, number %2 by height: %3, its width %4 its height; %5 from the left, %6 from the top.</source>
            <translation>Masa %1, número %2 por altura: %3, su ancho es %4 su alto; %5 desde la izquierda, %6 desde arriba.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::MendingModel</name>
        <message>
            <source>%1. Then %2.</source>
            <translation>%1. Luego %2.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::NotesActions</name>
        <message>
            <source>Journal</source>
            <translation>Cuaderno</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Práctica</translation>
        </message>
        <message>
            <source>Keep the recipe of this colour</source>
            <translation>Guardar la receta de este color</translation>
        </message>
        <message>
            <source>Use the recipe kept last</source>
            <translation>Usar la receta guardada la última</translation>
        </message>
        <message>
            <source>Keep the photograph of the work</source>
            <translation>Guardar la foto de la obra</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>Point at a colour first: the recipe that is kept is its own.</source>
            <translation>Señalar primero un color: se guarda su receta.</translation>
        </message>
        <message>
            <source>Kept: %1 Shift+K gives it to another colour you point at, here or in another picture.</source>
            <translation>Guardado: %1 Mayús+K la da a otro color señalado, aquí o en otra imagen.</translation>
        </message>
        <message>
            <source>No recipe was kept or chosen yet: K keeps one, J shows them all.</source>
            <translation>Aún no se guardó ni eligió ninguna receta: K guarda una, J las muestra todas.</translation>
        </message>
        <message>
            <source>There is no photograph yet: open one at the stage Check.</source>
            <translation>Aún no hay foto: abrir una en la etapa «Control».</translation>
        </message>
        <message>
            <source>The photograph is in the journal.</source>
            <translation>La foto está en el cuaderno.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::NoticeBar</name>
        <message>
            <source>Close</source>
            <translation>Cerrar</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OffcutPage</name>
        <message>
            <source>All on one grey</source>
            <translation>Todos sobre un gris</translation>
        </message>
        <message>
            <source>Masks the papers to a common grey, so that the strips can be judged</source>
            <translation>Tapa los papeles con un gris común, para poder juzgar las tiras</translation>
        </message>
        <message>
            <source>Back to the pair</source>
            <translation>Volver a las imágenes</translation>
        </message>
        <message>
            <source>Offcut sheet: the most delicate colours, two layers of pan, pencil and stick</source>
            <translation>Hoja de prueba: los colores más delicados, dos capas de pastilla, lápiz y barra</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OffcutView</name>
        <message>
            <source>Offcut sheet: delicate colours on the papers that suit best</source>
            <translation>Hoja de prueba: colores delicados en los papeles que mejor van</translation>
        </message>
        <message>
            <source>Point at a strip to see it large.</source>
            <translation>Señalar una tira para verla grande.</translation>
        </message>
        <message>
            <source>Enter or a double click takes this paper.</source>
            <translation>Intro o un doble clic toma este papel.</translation>
        </message>
        <message>
            <source>none</source>
            <translation>ninguno</translation>
        </message>
    </context>
    <context>
        <name>yd::app::OwnColoursSection</name>
        <message>
            <source>Mood of the whole picture</source>
            <translation>Ambiente de toda la imagen</translation>
        </message>
        <message>
            <source>How much, %</source>
            <translation>Cuánto, %</translation>
        </message>
        <message>
            <source>The colour that leads</source>
            <translation>El color que guía</translation>
        </message>
        <message>
            <source>Colours of another picture…</source>
            <translation>Colores de otra imagen…</translation>
        </message>
        <message>
            <source>Give back</source>
            <translation>Devolver</translation>
        </message>
        <message>
            <source>A colour that comes back in every dark</source>
            <translation>Un color que vuelve en cada oscuro</translation>
        </message>
        <message>
            <source>Families for a drawing or a grey page</source>
            <translation>Familias para un dibujo o una página gris</translation>
        </message>
        <message>
            <source>Show it as it is</source>
            <translation>Mostrarlo como es</translation>
        </message>
        <message>
            <source>Give all back</source>
            <translation>Devolver todo</translation>
        </message>
        <message>
            <source>Mood: as seen</source>
            <translation>Ambiente: como se ve</translation>
        </message>
        <message>
            <source>More vivid</source>
            <translation>Más vivo</translation>
        </message>
        <message>
            <source>Quieter</source>
            <translation>Más tranquilo</translation>
        </message>
        <message>
            <source>Warm light, cool shadow</source>
            <translation>Luz cálida, sombra fría</translation>
        </message>
        <message>
            <source>Cool light, warm shadow</source>
            <translation>Luz fría, sombra cálida</translation>
        </message>
        <message>
            <source>Led by one colour</source>
            <translation>Guiado por un color</translation>
        </message>
        <message>
            <source>For a grey page…</source>
            <translation>Para una página gris…</translation>
        </message>
        <message>
            <source>Values of this subject, colours from there: a picture, or a work of yours</source>
            <translation>Los valores de este motivo, los colores de allí: una imagen, o una obra propia</translation>
        </message>
        <message>
            <source>Mood</source>
            <translation>Ambiente</translation>
        </message>
        <message>
            <source>Mood, how much</source>
            <translation>Ambiente, cuánto</translation>
        </message>
        <message>
            <source>Leading colour</source>
            <translation>Color que guía</translation>
        </message>
        <message>
            <source>Borrowed colours, how much</source>
            <translation>Colores prestados, cuánto</translation>
        </message>
        <message>
            <source>Borrowed colours given back</source>
            <translation>Colores prestados devueltos</translation>
        </message>
        <message>
            <source>Returning colour</source>
            <translation>Color que vuelve</translation>
        </message>
        <message>
            <source>Colours as the subject has them</source>
            <translation>Los colores como los tiene el motivo</translation>
        </message>
        <message>
            <source>Colours of another picture</source>
            <translation>Colores de otra imagen</translation>
        </message>
        <message>
            <source>Pictures and works (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune)</source>
            <translation>Imágenes y obras (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune)</translation>
        </message>
        <message>
            <source>Reading its colours …</source>
            <translation>Leyendo sus colores…</translation>
        </message>
        <message>
            <source>Borrowed colours</source>
            <translation>Colores prestados</translation>
        </message>
        <message>
            <source>Families of colour</source>
            <translation>Familias de color</translation>
        </message>
        <message>
            <source>From %1</source>
            <translation>De %1</translation>
        </message>
        <message>
            <source>Led by …</source>
            <translation>Guiado por…</translation>
        </message>
        <message>
            <source>No colour returns</source>
            <translation>No vuelve ningún color</translation>
        </message>
        <message>
            <source>The one chosen</source>
            <translation>El elegido</translation>
        </message>
        <message>
            <source>Open a picture first.</source>
            <translation>Abrir primero una imagen.</translation>
        </message>
        <message>
            <source>This subject has no colours: give its masses families, or borrow a palette.</source>
            <translation>Este motivo no tiene colores: dar familias a sus masas, o tomar prestada una paleta.</translation>
        </message>
        <message>
            <source>Colours as the subject has them.</source>
            <translation>Los colores como los tiene el motivo.</translation>
        </message>
        <message>
            <source>Values are kept.</source>
            <translation>Los valores se guardan.</translation>
        </message>
        <message>
            <source>What the tray does not reach of them</source>
            <translation>Lo que la bandeja no alcanza de ellos</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Pair</name>
        <message>
            <source>Subject</source>
            <translation>Motivo</translation>
        </message>
        <message>
            <source>Board</source>
            <translation>Vista previa</translation>
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
            <translation>%1, valor %2, diente %3</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassModel</name>
        <message>
            <source>Fixative</source>
            <translation>Fijador</translation>
        </message>
        <message>
            <source>Underpainting: %1</source>
            <translation>Capa base: %1</translation>
        </message>
        <message>
            <source>%1, rub</source>
            <translation>%1, difuminar</translation>
        </message>
        <message>
            <source>sprayed</source>
            <translation>rociado</translation>
        </message>
        <message>
            <source>coat</source>
            <translation>mano</translation>
        </message>
        <message>
            <source>laid</source>
            <translation>puesto</translation>
        </message>
        <message>
            <source>rubbed</source>
            <translation>difuminado</translation>
        </message>
        <message>
            <source>Delicate: try it on an offcut first.</source>
            <translation>Delicado: probarlo primero en un recorte.</translation>
        </message>
        <message>
            <source>No.</source>
            <translation>N.º</translation>
        </message>
        <message>
            <source>Stick</source>
            <translation>Barra</translation>
        </message>
        <message>
            <source>Hand</source>
            <translation>Mano</translation>
        </message>
        <message>
            <source>How</source>
            <translation>Cómo</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Tiempo</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Masas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassSection</name>
        <message>
            <source>Back</source>
            <translation>Atrás</translation>
        </message>
        <message>
            <source>Next pass</source>
            <translation>Pasada siguiente</translation>
        </message>
        <message>
            <source>Planner's order</source>
            <translation>Orden del planificador</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Pasadas</translation>
        </message>
        <message>
            <source>Why here</source>
            <translation>Por qué aquí</translation>
        </message>
        <message>
            <source>Pass moved</source>
            <translation>Pasada movida</translation>
        </message>
        <message>
            <source>The bare paper.</source>
            <translation>El papel desnudo.</translation>
        </message>
        <message>
            <source>Open a picture: its passes will stand here, each with its reasons.</source>
            <translation>Abrir una imagen: aquí estarán sus pasadas, cada una con sus razones.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PassTable</name>
        <message>
            <source>Drag a pass to another place, or press Alt with up or down.</source>
            <translation>Arrastrar una pasada a otro sitio, o pulsar Alt con arriba o abajo.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Peephole</name>
        <message>
            <source>Card with holes: the colours under the pointer</source>
            <translation>Tarjeta con agujeros: los colores bajo el puntero</translation>
        </message>
        <message>
            <source>%1: %2, value %3. </source>
            <translation>%1: %2, valor %3. </translation>
        </message>
        <message>
            <source>Board: %1; %2</source>
            <translation>Vista previa: %1; %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PhotoSection</name>
        <message>
            <source>Photograph…</source>
            <translation>Foto…</translation>
        </message>
        <message>
            <source>Simulate one</source>
            <translation>Simular una</translation>
        </message>
        <message>
            <source>Find corners</source>
            <translation>Hallar esquinas</translation>
        </message>
        <message>
            <source>Tray laid on the margin</source>
            <translation>Bandeja puesta en el margen</translation>
        </message>
        <message>
            <source>A photograph of the whole sheet, with bare paper all round the picture; where there is none, with printed corner marks (Print and export)</source>
            <translation>Una foto de toda la hoja, con papel desnudo alrededor de la imagen; donde no lo hay, con marcas de esquina impresas (Imprimir y exportar)</translation>
        </message>
        <message>
            <source>Paints what is done with an unsteady, forgetful hand and photographs it: to try the check</source>
            <translation>Pinta lo hecho con una mano insegura y olvidadiza y lo fotografía: para probar el control</translation>
        </message>
        <message>
            <source>Passes that are done</source>
            <translation>Pasadas hechas</translation>
        </message>
        <message>
            <source>Every stick of the tray side by side on the lower margin, dark to light, pressed firmly and rubbed in, twice: colours are judged by them</source>
            <translation>Cada barra de la bandeja lado a lado en el margen de abajo, de oscuro a claro, apretada y difuminada, dos veces: los colores se juzgan por ellas</translation>
        </message>
        <message>
            <source>Passes done</source>
            <translation>Pasadas hechas</translation>
        </message>
        <message>
            <source>Open a picture first: a photograph of the work is held against its plan.</source>
            <translation>Abrir primero una imagen: una foto de la obra se compara con su plan.</translation>
        </message>
        <message>
            <source>Looking at it …</source>
            <translation>Mirándola…</translation>
        </message>
        <message>
            <source>Say how many passes are done, here or at the easel, and photograph the whole sheet with its margin.</source>
            <translation>Decir cuántas pasadas están hechas, aquí o en el caballete, y fotografiar toda la hoja con su margen.</translation>
        </message>
        <message>
            <source>Photograph the whole sheet with its margin, in even light, and drop the file here.</source>
            <translation>Fotografiar toda la hoja con su margen, con luz pareja, y soltar aquí el archivo.</translation>
        </message>
        <message>
            <source>Say how many passes are done.</source>
            <translation>Decir cuántas pasadas están hechas.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PracticePage</name>
        <message>
            <source>Begin</source>
            <translation>Empezar</translation>
        </message>
        <message>
            <source>drills</source>
            <translation>ejercicios</translation>
        </message>
        <message>
            <source>told apart</source>
            <translation>distinguido</translation>
        </message>
        <message>
            <source>Leave it (Esc)</source>
            <translation>Dejarlo (Esc)</translation>
        </message>
        <message>
            <source>Practice</source>
            <translation>Práctica</translation>
        </message>
        <message>
            <source>Practice: answer with the number keys</source>
            <translation>Práctica: responder con los números</translation>
        </message>
        <message>
            <source>Drills</source>
            <translation>Ejercicios</translation>
        </message>
        <message>
            <source>Hues</source>
            <translation>Tonos</translation>
        </message>
        <message>
            <source>Over time</source>
            <translation>Con el tiempo</translation>
        </message>
        <message>
            <source>Screens differ, and a room's light with them: compare yourself with yourself, on this screen.</source>
            <translation>Las pantallas difieren, y con ellas la luz de una sala: compararse con uno mismo, en esta pantalla.</translation>
        </message>
        <message>
            <source>Stick of stroke %1</source>
            <translation>Barra del trazo %1</translation>
        </message>
        <message>
            <source>How stroke %1 is laid</source>
            <translation>Cómo se pone el trazo %1</translation>
        </message>
        <message>
            <source>light</source>
            <translation>suave</translation>
        </message>
        <message>
            <source>middle</source>
            <translation>media</translation>
        </message>
        <message>
            <source>firm</source>
            <translation>firme</translation>
        </message>
        <message>
            <source>light, rubbed</source>
            <translation>suave, difuminado</translation>
        </message>
        <message>
            <source>middle, rubbed</source>
            <translation>medio, difuminado</translation>
        </message>
        <message>
            <source>firm, rubbed</source>
            <translation>firme, difuminado</translation>
        </message>
        <message>
            <source>Lay it</source>
            <translation>Ponerlo</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nada</translation>
        </message>
        <message>
            <source>This drill is made from a picture of yours: open one first, with some masses in it.</source>
            <translation>Este ejercicio se hace de una imagen propia: abrir una primero, con algunas masas.</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 de %2</translation>
        </message>
        <message>
            <source>Right.</source>
            <translation>Correcto.</translation>
        </message>
        <message>
            <source>It was %1.</source>
            <translation>Era %1.</translation>
        </message>
        <message>
            <source>You came within %1 of it.</source>
            <translation>Se llegó a %1 de él.</translation>
        </message>
        <message>
            <source>Drills are drawn here, one after the other.</source>
            <translation>Los ejercicios se dibujan aquí, uno tras otro.</translation>
        </message>
        <message>
            <source>None yet.</source>
            <translation>Aún ninguno.</translation>
        </message>
        <message>
            <source>Last: %1, ± %2. %3</source>
            <translation>Último: %1, ± %2. %3</translation>
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
            <translation>Volver a las imágenes</translation>
        </message>
        <message>
            <source>Four ways to build a picture, cut through the tooth of this paper with sticks of this tray</source>
            <translation>Cuatro modos de construir una imagen, cortados en el diente de este papel con barras de esta bandeja</translation>
        </message>
        <message>
            <source>Chosen</source>
            <translation>Elegida</translation>
        </message>
        <message>
            <source>Build this way</source>
            <translation>Construir así</translation>
        </message>
        <message>
            <source>%1: build this way</source>
            <translation>%1: construir así</translation>
        </message>
        <message>
            <source>Usual for: %1</source>
            <translation>Usual para: %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SchoolSection</name>
        <message>
            <source>Whole picture or one mass</source>
            <translation>Toda la imagen o una masa</translation>
        </message>
        <message>
            <source>School</source>
            <translation>Escuela</translation>
        </message>
        <message>
            <source>Strokes broken or rubbed</source>
            <translation>Trazos abiertos o difuminados</translation>
        </message>
        <message>
            <source>Order over the sheet</source>
            <translation>Orden sobre la hoja</translation>
        </message>
        <message>
            <source>About…</source>
            <translation>Acerca…</translation>
        </message>
        <message>
            <source>About the schools</source>
            <translation>Acerca de las escuelas</translation>
        </message>
        <message>
            <source>Far to near</source>
            <translation>De lejos a cerca</translation>
        </message>
        <message>
            <source>Features first</source>
            <translation>Lo importante primero</translation>
        </message>
        <message>
            <source>For the whole picture</source>
            <translation>Para toda la imagen</translation>
        </message>
        <message>
            <source>Way of one mass</source>
            <translation>Modo de una masa</translation>
        </message>
        <message>
            <source>As the picture</source>
            <translation>Como la imagen</translation>
        </message>
        <message>
            <source>As advised: %1</source>
            <translation>Como se aconseja: %1</translation>
        </message>
        <message>
            <source>As advised</source>
            <translation>Como se aconseja</translation>
        </message>
        <message>
            <source>Broken or rubbed</source>
            <translation>Abierto o difuminado</translation>
        </message>
        <message>
            <source>Broken</source>
            <translation>Abierto</translation>
        </message>
        <message>
            <source>Rubbed</source>
            <translation>Difuminado</translation>
        </message>
        <message>
            <source>For %1</source>
            <translation>Para %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Session</name>
        <message>
            <source>Wish for a stick</source>
            <translation>Deseo de una barra</translation>
        </message>
        <message>
            <source>That is more than a project keeps: %1 changes of masses, %2 marks. Undo some, or begin a new project.</source>
            <translation>Eso es más de lo que guarda un proyecto: %1 cambios de masas, %2 marcas. Deshacer algunos, o empezar un proyecto nuevo.</translation>
        </message>
        <message>
            <source>%1.</source>
            <translation>%1.</translation>
        </message>
        <message>
            <source>Proven tray</source>
            <translation>Bandeja probada</translation>
        </message>
        <message>
            <source>Recipe by hand</source>
            <translation>Receta a mano</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetView</name>
        <message>
            <source>Back to the pair</source>
            <translation>Volver a las imágenes</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetsActions</name>
        <message>
            <source>%1 is used up: say how much is left, then it can go into the tray.</source>
            <translation>%1 está gastado: indique cuánto queda y podrá ir a la bandeja.</translation>
        </message>
        <message>
            <source>%1 is not marked as owned, so no tray can hold it.</source>
            <translation>%1 no está marcado como que se tiene: ninguna bandeja puede contenerlo.</translation>
        </message>
        <message>
            <source>I own it</source>
            <translation>Lo tengo</translation>
        </message>
        <message>
            <source>School</source>
            <translation>Escuela</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papel</translation>
        </message>
        <message>
            <source>Collection</source>
            <translation>Colección</translation>
        </message>
        <message>
            <source>The papers are still being judged; try again in a moment.</source>
            <translation>Aún se juzgan los papeles; probar dentro de un momento.</translation>
        </message>
        <message>
            <source>The subject on every paper, its background cut away; click one to work on it</source>
            <translation>El motivo en cada papel, con el fondo recortado; pulsar uno para trabajar en él</translation>
        </message>
        <message>
            <source>Open a picture first: the schools are shown on its paper.</source>
            <translation>Abrir primero una imagen: las escuelas se muestran en su papel.</translation>
        </message>
        <message>
            <source>Advised here: %1. %2</source>
            <translation>Aconsejado aquí: %1. %2</translation>
        </message>
        <message>
            <source>Sticks from a file</source>
            <translation>Barras de un archivo</translation>
        </message>
        <message>
            <source>Palettes and measurements (*.gpl *.csv *.txt *.cgats *.it8 *.json);;All files (*)</source>
            <translation>Paletas y mediciones (*.gpl *.csv *.txt *.cgats *.it8 *.json);;Todos los archivos (*)</translation>
        </message>
        <message>
            <source>Save the sticks</source>
            <translation>Guardar las barras</translation>
        </message>
        <message>
            <source>Our collection (*.json);;CSV table (*.csv);;CGATS spectra (*.txt);;GIMP palette (*.gpl)</source>
            <translation>Nuestra colección (*.json);;Tabla CSV (*.csv);;Espectros CGATS (*.txt);;Paleta GIMP (*.gpl)</translation>
        </message>
        <message>
            <source>What it would take is being worked out …</source>
            <translation>Se está calculando lo que haría falta…</translation>
        </message>
        <message numerus="yes">
            <source>%n pass(es), %1 min, %2</source>
            <translation>
                <numerusform>%n pasada, %1 min, %2</numerusform>
                <numerusform>%n pasadas, %1 min, %2</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::StackView</name>
        <message>
            <source>Stack from the side, and its speckle at true scale</source>
            <translation>La pila de lado, y su moteado a escala</translation>
        </message>
    </context>
    <context>
        <name>yd::app::Stages</name>
        <message>
            <source>Colour</source>
            <translation>Color</translation>
        </message>
        <message>
            <source>Course: the stages of the work</source>
            <translation>Curso: las etapas de la obra</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StartSection</name>
        <message>
            <source>Forget marks</source>
            <translation>Olvidar las marcas</translation>
        </message>
        <message>
            <source>Mark what matters</source>
            <translation>Marcar lo que importa</translation>
        </message>
        <message>
            <source>Masses are finer there, and the eye is led to it.</source>
            <translation>Ahí las masas son más finas, y la mirada va hacia ahí.</translation>
        </message>
        <message>
            <source>Click what matters most in the picture, or draw a ring from its middle.</source>
            <translation>Pulsar lo que más importa en la imagen, o trazar un círculo desde su centro.</translation>
        </message>
        <message>
            <source>Marks forgotten</source>
            <translation>Marcas olvidadas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StickModel</name>
        <message>
            <source>Take care with the dust: pigment named as a compound harmful if breathed or swallowed. Follow the product's safety data sheet.</source>
            <translation>Cuidado con el polvo: pigmento compuesto, nocivo si se respira o se traga. Seguir la ficha de seguridad del producto.</translation>
        </message>
        <message>
            <source>Stick</source>
            <translation>Barra</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Tipo</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Valor</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Pasadas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StickSection</name>
        <message>
            <source>Owned (space)</source>
            <translation>Se tiene (espacio)</translation>
        </message>
        <message>
            <source>Favourite</source>
            <translation>Favorita</translation>
        </message>
        <message>
            <source>The stick's stroke on the paper in use, light to firm</source>
            <translation>El trazo de la barra en el papel en uso, de suave a firme</translation>
        </message>
        <message>
            <source> %</source>
            <translation> %</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Tipo</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Queda</translation>
        </message>
        <message>
            <source>Pigments</source>
            <translation>Pigmentos</translation>
        </message>
        <message>
            <source>Lightfastness</source>
            <translation>Solidez a la luz</translation>
        </message>
        <message>
            <source>Choose a stick: its stroke and what is known of it stand here.</source>
            <translation>Elegir una barra: su trazo y lo que se sabe de ella están aquí.</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, valor %2</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StockSection</name>
        <message>
            <source>Sticks</source>
            <translation>Barras</translation>
        </message>
        <message>
            <source>What unfinished works take of each stick</source>
            <translation>Lo que las obras sin acabar toman de cada barra</translation>
        </message>
        <message>
            <source>To get</source>
            <translation>Por conseguir</translation>
        </message>
        <message>
            <source>not in a collection here</source>
            <translation>en ninguna colección de aquí</translation>
        </message>
        <message>
            <source>%1 mm left</source>
            <translation>quedan %1 mm</translation>
        </message>
        <message>
            <source>%1
%2 mm needed, %3%4</source>
            <translation>%1
hacen falta %2 mm, %3%4</translation>
        </message>
        <message>
            <source> · runs out</source>
            <translation> · se acaba</translation>
        </message>
        <message>
            <source>Nothing: no unfinished work needs what is not there.</source>
            <translation>Nada: ninguna obra sin acabar necesita lo que no hay.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::StrokeRows</name>
        <message>
            <source>The strokes of the passage</source>
            <translation>Los trazos del pasaje</translation>
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
            <translation>Marca: %1</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SubjectPanel</name>
        <message>
            <source>Squint</source>
            <translation>Entornar</translation>
        </message>
        <message>
            <source>Most masses</source>
            <translation>Masas como mucho</translation>
        </message>
        <message>
            <source>Value steps</source>
            <translation>Grados de valor</translation>
        </message>
        <message>
            <source>What the picture is</source>
            <translation>Qué es la imagen</translation>
        </message>
        <message>
            <source>Start here</source>
            <translation>Empezar aquí</translation>
        </message>
        <message>
            <source>Half-closed eyes</source>
            <translation>Ojos entornados</translation>
        </message>
        <message>
            <source>Values</source>
            <translation>Valores</translation>
        </message>
        <message>
            <source>Masses</source>
            <translation>Masas</translation>
        </message>
        <message>
            <source>Own colours</source>
            <translation>Colores propios</translation>
        </message>
        <message>
            <source>Light and crop</source>
            <translation>Luz y encuadre</translation>
        </message>
        <message>
            <source>Measure</source>
            <translation>Medir</translation>
        </message>
        <message>
            <source>Which way values are counted</source>
            <translation>Cómo se cuentan los valores</translation>
        </message>
        <message>
            <source>1 is black</source>
            <translation>1 es el negro</translation>
        </message>
        <message>
            <source>1 is white</source>
            <translation>1 es el blanco</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Imagen</translation>
        </message>
        <message>
            <source>Warmth</source>
            <translation>Calidez</translation>
        </message>
        <message>
            <source>contrast %1 of nine</source>
            <translation>contraste %1 de nueve</translation>
        </message>
        <message>
            <source>Things</source>
            <translation>Cosas</translation>
        </message>
        <message>
            <source>How large a sheet</source>
            <translation>Qué tamaño de hoja</translation>
        </message>
        <message>
            <source>Thumbnails</source>
            <translation>Miniaturas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SubjectTools</name>
        <message>
            <source>Click what ought to be grey (or Space at the cross). Escape: leave it.</source>
            <translation>Pulsar lo que debería ser gris (o Espacio en la cruz). Esc: dejarlo.</translation>
        </message>
        <message>
            <source>Click what ought to be white (or Space at the cross). Escape: leave it.</source>
            <translation>Pulsar lo que debería ser blanco (o Espacio en la cruz). Esc: dejarlo.</translation>
        </message>
        <message>
            <source>Draw the line that splits mass %1, or mark its two ends with Space.</source>
            <translation>Trazar la línea que divide la masa %1, o marcar sus dos extremos con Espacio.</translation>
        </message>
        <message>
            <source>Paint what belongs to mass %1. Escape: done.</source>
            <translation>Pintar lo que pertenece a la masa %1. Esc: hecho.</translation>
        </message>
        <message>
            <source>Draw from the middle of what matters to its rim, or click it. Escape: leave it.</source>
            <translation>Trazar desde el centro de lo que importa hasta su borde, o pulsarlo. Esc: dejarlo.</translation>
        </message>
        <message>
            <source>Draw a line to measure, or mark its two ends with Space. Escape: done.</source>
            <translation>Trazar una línea para medir, o marcar sus dos extremos con Espacio. Esc: hecho.</translation>
        </message>
        <message>
            <source>Click places to set out by; what lies plumb or level is said. Escape: done.</source>
            <translation>Pulsar lugares para encajar; se dice lo que está a plomo o a nivel. Esc: hecho.</translation>
        </message>
        <message>
            <source>Draw the first length, then the second. Escape: done.</source>
            <translation>Trazar la primera longitud, luego la segunda. Esc: hecho.</translation>
        </message>
        <message>
            <source>Split by a line</source>
            <translation>Dividir con una línea</translation>
        </message>
        <message>
            <source>Painted border</source>
            <translation>Límite pintado</translation>
        </message>
        <message>
            <source>Place to set out by</source>
            <translation>Lugar para encajar</translation>
        </message>
        <message>
            <source>What matters</source>
            <translation>Lo que importa</translation>
        </message>
        <message>
            <source>White picked</source>
            <translation>Blanco señalado</translation>
        </message>
        <message>
            <source>Grey picked</source>
            <translation>Gris señalado</translation>
        </message>
        <message>
            <source>Draw roughly round the thing, a little outside it. Escape: leave it.</source>
            <translation>Dibuje más o menos alrededor de la cosa, un poco por fuera. Escape: dejarlo.</translation>
        </message>
        <message>
            <source>Draw over what belongs to it too. Escape: done.</source>
            <translation>Pase por lo que también le pertenece. Escape: hecho.</translation>
        </message>
        <message>
            <source>Draw over what does not belong to it. Escape: done.</source>
            <translation>Pase por lo que no le pertenece. Escape: hecho.</translation>
        </message>
        <message>
            <source>Thing</source>
            <translation>Cosa</translation>
        </message>
        <message>
            <source>This too</source>
            <translation>Esto también</translation>
        </message>
        <message>
            <source>Not this</source>
            <translation>Esto no</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TimeRibbon</name>
        <message>
            <source>The sittings and what they are spent on</source>
            <translation>Las sesiones y en qué se van</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TimesSection</name>
        <message>
            <source>Your times</source>
            <translation>Tiempos propios</translation>
        </message>
        <message>
            <source>Plan with my times</source>
            <translation>Planificar con mis tiempos</translation>
        </message>
        <message>
            <source>Minutes at the easel against the plan's</source>
            <translation>Los minutos en el caballete frente a los del plan</translation>
        </message>
        <message>
            <source>Hands measured by offcuts</source>
            <translation>Manos medidas con recortes</translation>
        </message>
        <message>
            <source>None yet: Ground, Your hand.</source>
            <translation>Aún ninguna: Soporte, La mano propia.</translation>
        </message>
        <message>
            <source>The plan counts with your times.</source>
            <translation>El plan cuenta con los tiempos propios.</translation>
        </message>
        <message>
            <source>Half of all passes took you this much longer or shorter than we said. Each was foretold from the others.</source>
            <translation>La mitad de las pasadas llevó tanto más o menos de lo dicho. Cada una se predijo de las demás.</translation>
        </message>
        <message numerus="yes">
            <source>After %n timed pass(es) your own times can replace our guess.</source>
            <translation>
                <numerusform>Tras %n pasada cronometrada los tiempos propios pueden sustituir nuestra estimación.</numerusform>
                <numerusform>Tras %n pasadas cronometradas los tiempos propios pueden sustituir nuestra estimación.</numerusform>
            </translation>
        </message>
        <message>
            <source>Plan with the usual times</source>
            <translation>Planificar con los tiempos usuales</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TrayPanel</name>
        <message>
            <source>Most sticks in the tray</source>
            <translation>Barras en la bandeja como mucho</translation>
        </message>
        <message>
            <source>sticks</source>
            <translation>barras</translation>
        </message>
        <message>
            <source>difference left</source>
            <translation>diferencia que queda</translation>
        </message>
        <message>
            <source>Price of a further medium</source>
            <translation>Precio de un medio más</translation>
        </message>
        <message>
            <source>Wish that colours return</source>
            <translation>Deseo de que los colores vuelvan</translation>
        </message>
        <message>
            <source>What the tray reaches</source>
            <translation>Qué alcanza la bandeja</translation>
        </message>
        <message>
            <source>Sticks of the tray</source>
            <translation>Barras de la bandeja</translation>
        </message>
        <message>
            <source>The curve of errors is being drawn.</source>
            <translation>Se está trazando la curva de errores.</translation>
        </message>
        <message>
            <source>Tray</source>
            <translation>Bandeja</translation>
        </message>
        <message>
            <source>How many</source>
            <translation>Cuántas</translation>
        </message>
        <message>
            <source>Out of reach</source>
            <translation>Fuera de alcance</translation>
        </message>
        <message>
            <source>Sticks</source>
            <translation>Barras</translation>
        </message>
        <message>
            <source>Value by hue</source>
            <translation>Valor por tono</translation>
        </message>
        <message>
            <source>One mass</source>
            <translation>Una masa</translation>
        </message>
        <message>
            <source>Wishes</source>
            <translation>Deseos</translation>
        </message>
        <message>
            <source>Sticks in the tray</source>
            <translation>Barras en la bandeja</translation>
        </message>
        <message>
            <source>Collection</source>
            <translation>Colección</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Editar</translation>
        </message>
        <message>
            <source>Import…</source>
            <translation>Importar…</translation>
        </message>
        <message>
            <source>Photograph a box…</source>
            <translation>Fotografiar una caja…</translation>
        </message>
        <message>
            <source>Export…</source>
            <translation>Exportar…</translation>
        </message>
        <message>
            <source>Must have</source>
            <translation>Debe estar</translation>
        </message>
        <message>
            <source>Not this one</source>
            <translation>Esta no</translation>
        </message>
        <message>
            <source>The chosen stick stays in the tray</source>
            <translation>La barra elegida queda en la bandeja</translation>
        </message>
        <message>
            <source>The chosen stick is left out</source>
            <translation>La barra elegida se omite</translation>
        </message>
        <message>
            <source>%1: %2, value %3</source>
            <translation>%1: %2, valor %3</translation>
        </message>
        <message>
            <source>Sticks asked for or left out</source>
            <translation>Barras pedidas u omitidas</translation>
        </message>
        <message>
            <source>Drop this wish</source>
            <translation>Abandonar este deseo</translation>
        </message>
        <message>
            <source>Price of a medium</source>
            <translation>Precio de un medio</translation>
        </message>
        <message>
            <source>Mass</source>
            <translation>Masa</translation>
        </message>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>must have: %1</source>
            <translation>debe estar: %1</translation>
        </message>
        <message>
            <source>not: %1</source>
            <translation>no: %1</translation>
        </message>
        <message numerus="yes">
            <source>%n stick(s), dark to light</source>
            <translation>
                <numerusform>%n barra, de oscuro a claro</numerusform>
                <numerusform>%n barras, de oscuro a claro</numerusform>
            </translation>
        </message>
        <message>
            <source>How near this tray is to the best possible is worked out last.</source>
            <translation>Lo cerca que está esta bandeja de la mejor posible se calcula al final.</translation>
        </message>
        <message>
            <source>%1 of %2: one more is not worth its passes</source>
            <translation>%1 de %2: una más no vale sus pasadas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::TrayView</name>
        <message>
            <source>The tray, from dark to light</source>
            <translation>La bandeja, de oscuro a claro</translation>
        </message>
        <message>
            <source>%1, in the hand</source>
            <translation>%1, en la mano</translation>
        </message>
    </context>
    <context>
        <name>yd::app::ValueStrip</name>
        <message>
            <source>Values: the area of each of nine greys</source>
            <translation>Valores: la superficie de cada uno de nueve grises</translation>
        </message>
        <message>
            <source>value %1: %2 %</source>
            <translation>valor %1: %2 %</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WarmthBand</name>
        <message>
            <source>Warm against cool</source>
            <translation>Cálido frente a frío</translation>
        </message>
        <message>
            <source>warm %1 %, cool %2 %</source>
            <translation>cálido %1 %, frío %2 %</translation>
        </message>
        <message>
            <source>warm %1 %</source>
            <translation>cálido %1 %</translation>
        </message>
        <message>
            <source>cool %1 %</source>
            <translation>frío %1 %</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WishSection</name>
        <message>
            <source>How long</source>
            <translation>Cuánto tiempo</translation>
        </message>
        <message>
            <source>As long as it takes</source>
            <translation>Lo que haga falta</translation>
        </message>
        <message>
            <source>A sketch, 30 min</source>
            <translation>Un boceto, 30 min</translation>
        </message>
        <message>
            <source>1 hour</source>
            <translation>1 hora</translation>
        </message>
        <message>
            <source>2 hours</source>
            <translation>2 horas</translation>
        </message>
        <message>
            <source>4 hours</source>
            <translation>4 horas</translation>
        </message>
        <message>
            <source>Passes</source>
            <translation>Pasadas</translation>
        </message>
        <message>
            <source>as needed</source>
            <translation>las necesarias</translation>
        </message>
        <message>
            <source>Hand</source>
            <translation>Mano</translation>
        </message>
        <message>
            <source>steady</source>
            <translation>segura</translation>
        </message>
        <message>
            <source>usual</source>
            <translation>usual</translation>
        </message>
        <message>
            <source>unsteady</source>
            <translation>insegura</translation>
        </message>
        <message>
            <source>How far off a pressure is: by 5, 15 or 25 %. Recipes are chosen so that this does little harm.</source>
            <translation>Cuánto yerra una presión: un 5, 15 o 25 %. Las recetas se eligen para que eso dañe poco.</translation>
        </message>
        <message>
            <source>Passes, at most</source>
            <translation>Pasadas como mucho</translation>
        </message>
        <message>
            <source>What is wished of the plan</source>
            <translation>Qué se desea del plan</translation>
        </message>
        <message>
            <source>1 1/2 hours</source>
            <translation>1 hora y media</translation>
        </message>
        <message>
            <source>3 hours</source>
            <translation>3 horas</translation>
        </message>
        <message>
            <source>6 hours</source>
            <translation>6 horas</translation>
        </message>
        <message>
            <source>10 hours</source>
            <translation>10 horas</translation>
        </message>
        <message>
            <source>20 hours</source>
            <translation>20 horas</translation>
        </message>
    </context>
    <context>
        <name>yd::app::WorkDetails</name>
        <message>
            <source>Subject</source>
            <translation>Motivo</translation>
        </message>
        <message>
            <source>Board as planned</source>
            <translation>Vista previa según el plan</translation>
        </message>
        <message>
            <source>The work</source>
            <translation>La obra</translation>
        </message>
        <message>
            <source>Recipes and photographs of this work</source>
            <translation>Recetas y fotos de esta obra</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Abrir</translation>
        </message>
        <message>
            <source>Borrow its colours</source>
            <translation>Tomar sus colores</translation>
        </message>
        <message>
            <source>Wear off its sticks</source>
            <translation>Gastar sus barras</translation>
        </message>
        <message>
            <source>A note on this work</source>
            <translation>Una nota sobre esta obra</translation>
        </message>
        <message>
            <source>Add a note</source>
            <translation>Añadir una nota</translation>
        </message>
        <message>
            <source>Sittings</source>
            <translation>Sesiones</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>Notas</translation>
        </message>
        <message>
            <source>Takes off each stick what this work used, by the loads its plan lays</source>
            <translation>Quita a cada barra lo que gastó esta obra, por las cargas de su plan</translation>
        </message>
        <message>
            <source>Take out…</source>
            <translation>Sacar…</translation>
        </message>
        <message>
            <source>A folder as a zip: the text with its pictures, passes, recipes, the plan</source>
            <translation>Una carpeta como zip: el texto con sus imágenes, pasadas, recetas, el plan</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Olvidarlo</translation>
        </message>
        <message>
            <source>Out of the journal; recipes and the project's own file stay</source>
            <translation>Fuera del cuaderno; las recetas y el archivo del proyecto quedan</translation>
        </message>
        <message>
            <source>For the picture that is open: its values, the colours of this work</source>
            <translation>Para la imagen abierta: sus valores, los colores de esta obra</translation>
        </message>
        <message>
            <source>None yet.</source>
            <translation>Aún ninguno.</translation>
        </message>
        <message>
            <source>It was not saved, or its file is elsewhere now.</source>
            <translation>No se guardó, o su archivo está ahora en otra parte.</translation>
        </message>
        <message>
            <source>Take the work out</source>
            <translation>Sacar la obra</translation>
        </message>
        <message>
            <source>Folder as a zip (*.zip)</source>
            <translation>Carpeta como zip (*.zip)</translation>
        </message>
        <message>
            <source>Notes on this work, to be changed with F2</source>
            <translation>Notas de esta obra, se cambian con F2</translation>
        </message>
        <message>
            <source>Double click or F2 changes a note; one without words goes</source>
            <translation>Doble clic o F2 cambia una nota; sin palabras, se va</translation>
        </message>
    </context>
    <context>
        <name>yd::exports</name>
        <message>
            <source>pan colour</source>
            <translation>color de pastilla</translation>
        </message>
        <message>
            <source>pencil</source>
            <translation>lápiz</translation>
        </message>
        <message>
            <source>hard stick</source>
            <translation>barra dura</translation>
        </message>
        <message>
            <source>soft stick</source>
            <translation>barra blanda</translation>
        </message>
        <message>
            <source>charcoal</source>
            <translation>carbón</translation>
        </message>
        <message>
            <source>as an undertone</source>
            <translation>como subtono</translation>
        </message>
        <message>
            <source>as a complement that greys</source>
            <translation>como complementario que agrisa</translation>
        </message>
        <message>
            <source>as a thin veil</source>
            <translation>como velo fino</translation>
        </message>
        <message>
            <source>as an accent</source>
            <translation>como acento</translation>
        </message>
        <message>
            <source>Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.</source>
            <translation>Seguir la ficha de seguridad del producto y las normas locales; en caso de duda, preguntar a una persona cualificada.</translation>
        </message>
        <message>
            <source>Fixative</source>
            <translation>Fijador</translation>
        </message>
        <message>
            <source>workable, thin</source>
            <translation>retrabajable, fino</translation>
        </message>
        <message>
            <source>sprayed from arm's length, the rest of the sheet covered</source>
            <translation>rociado a la distancia de un brazo, el resto de la hoja tapado</translation>
        </message>
        <message>
            <source>Underpainting: %1</source>
            <translation>Capa base: %1</translation>
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
            <translation>difuminado</translation>
        </message>
        <message>
            <source>laid broken</source>
            <translation>puesto abierto</translation>
        </message>
        <message>
            <source>Delicate: try it on an offcut first.</source>
            <translation>Delicado: probarlo primero en un recorte.</translation>
        </message>
        <message>
            <source>place %1 of %2 in the tray, from dark to light</source>
            <translation>lugar %1 de %2 en la bandeja, de oscuro a claro</translation>
        </message>
        <message>
            <source>, hardly touching: nothing pressed that may have to come off</source>
            <translation>, apenas tocando: nada apretado que quizá deba quitarse</translation>
        </message>
        <message>
            <source>; %1 in %2</source>
            <translation>; %1 en %2</translation>
        </message>
        <message>
            <source>%1, value %2</source>
            <translation>%1, valor %2</translation>
        </message>
        <message>
            <source>%1 % of the tooth left</source>
            <translation>queda el %1 % del diente</translation>
        </message>
        <message>
            <source>Flammable vapour: outdoors or under extraction, no flame, spark or heat near; never near a heat gun; let it clear before going on.</source>
            <translation>Vapores inflamables: fuera o bajo extracción, sin llama, chispa ni calor cerca; nunca junto a una pistola de calor; dejar que se disipe antes de seguir.</translation>
        </message>
        <message>
            <source>This pigment is harmful if breathed or swallowed: dust mask, no food or drink, wash your hands.</source>
            <translation>Este pigmento es nocivo si se respira o se traga: mascarilla, sin comer ni beber, lavarse las manos.</translation>
        </message>
        <message>
            <source>Sharpening: the knife away from the body.</source>
            <translation>Afilar: la cuchilla lejos del cuerpo.</translation>
        </message>
        <message>
            <source>Dust: tip it off, do not blow; wipe up damp.</source>
            <translation>Polvo: dejarlo caer, no soplar; limpiar en húmedo.</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>unos %1</translation>
        </message>
        <message>
            <source>Wait %1: what is below has to be dry.</source>
            <translation>Esperar %1: lo de abajo tiene que estar seco.</translation>
        </message>
        <message>
            <source>A dryer kept moving brings it to %1.</source>
            <translation>Un secador en movimiento lo deja en %1.</translation>
        </message>
        <message>
            <source>No heat and no flame: the vapour burns.</source>
            <translation>Ni calor ni llama: los vapores arden.</translation>
        </message>
        <message>
            <source>Dries in about %1; the next pass lies elsewhere meanwhile.</source>
            <translation>Seca en unos %1; la pasada siguiente va mientras en otra parte.</translation>
        </message>
        <message>
            <source>%1 more</source>
            <translation>%1 más</translation>
        </message>
        <message>
            <source>Also after %1.</source>
            <translation>También tras %1.</translation>
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
                <numerusform>%n día</numerusform>
                <numerusform>%n días</numerusform>
            </translation>
        </message>
        <message>
            <source>Dust: do not blow it. Tip the board over a bin or let it fall into a trough below an upright easel; wipe up damp; a dust mask for long or dry-sanding work; no food or drink; wash hands; barrier cream or gloves; keep from children and pets.</source>
            <translation>Polvo: no soplarlo. Inclinar el tablero sobre un cubo o dejarlo caer en un canal bajo un caballete vertical; limpiar en húmedo; mascarilla en trabajos largos o al lijar en seco; sin comer ni beber; lavarse las manos; crema protectora o guantes; lejos de niños y animales.</translation>
        </message>
        <message>
            <source>Pigments harmful if breathed or swallowed in this tray: %1.</source>
            <translation>Pigmentos nocivos si se respiran o se tragan en esta bandeja: %1.</translation>
        </message>
        <message>
            <source>Underpainting, %1: %2</source>
            <translation>Capa base, %1: %2</translation>
        </message>
        <message>
            <source>Fixative: flammable vapour. Outdoors or under extraction, no flame, spark or heat near; never spray near a heat gun; let it clear before going on.</source>
            <translation>Fijador: vapores inflamables. Fuera o bajo extracción, sin llama, chispa ni calor cerca; no rociar nunca junto a una pistola de calor; dejar que se disipe antes de seguir.</translation>
        </message>
        <message>
            <source>Heat gun: never on a surface wet with alcohol or solvent; keep it moving; paper scorches.</source>
            <translation>Pistola de calor: nunca sobre una superficie mojada de alcohol o disolvente; mantenerla en movimiento; el papel se quema.</translation>
        </message>
        <message>
            <source>Knife: sharpen away from the body. Sanding a stick for powder: mask.</source>
            <translation>Cuchilla: afilar lejos del cuerpo. Lijar una barra hasta polvo: mascarilla.</translation>
        </message>
        <message>
            <source>Body: change posture, rest eyes and wrist; take the breaks of the plan.</source>
            <translation>Cuerpo: cambiar de postura, descansar ojos y muñeca; tomar las pausas del plan.</translation>
        </message>
        <message>
            <source>, rubbed in</source>
            <translation>, difuminado</translation>
        </message>
        <message>
            <source>, on %1 % of it</source>
            <translation>, en el %1 % de ella</translation>
        </message>
        <message>
            <source>Fix, let it dry, then </source>
            <translation>Fijar, dejar secar, luego </translation>
        </message>
        <message>
            <source>Leave the paper as it is.</source>
            <translation>Dejar el papel como está.</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>de %1 a %2</translation>
        </message>
        <message>
            <source>side</source>
            <translation>costado</translation>
        </message>
        <message>
            <source>end</source>
            <translation>extremo</translation>
        </message>
        <message>
            <source>tilted end</source>
            <translation>extremo inclinado</translation>
        </message>
        <message>
            <source>edge</source>
            <translation>arista</translation>
        </message>
        <message>
            <source>point</source>
            <translation>punta</translation>
        </message>
        <message>
            <source>sponge</source>
            <translation>esponja</translation>
        </message>
        <message>
            <source>beside the tray</source>
            <translation>junto a la bandeja</translation>
        </message>
        <message>
            <source>foam</source>
            <translation>espuma</translation>
        </message>
        <message>
            <source>stump</source>
            <translation>difumino</translation>
        </message>
        <message>
            <source>rubber tip</source>
            <translation>punta de goma</translation>
        </message>
        <message>
            <source>%1 s</source>
            <translation>%1 s</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1: %2, %3</translation>
        </message>
        <message numerus="yes">
            <source>%1 %2 mm, %n mark(s)</source>
            <translation>
                <numerusform>%1 %2 mm, %n trazo</numerusform>
                <numerusform>%1 %2 mm, %n trazos</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 in the darks, %2 in the lights</source>
            <translation>%1 en los oscuros, %2 en los claros</translation>
        </message>
        <message>
            <source>%1 in the lights, %2 in the darks</source>
            <translation>%1 en los claros, %2 en los oscuros</translation>
        </message>
        <message>
            <source>%1%2: %3%4%5.</source>
            <translation>%1%2: %3%4%5.</translation>
        </message>
        <message>
            <source>%1, %2 in places</source>
            <translation>%1, %2 a trechos</translation>
        </message>
        <message numerus="yes">
            <source>%n more on the map</source>
            <translation>
                <numerusform>%n más en el mapa</numerusform>
                <numerusform>%n más en el mapa</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>yd::app::ThingSection</name>
        <message>
            <source>Draw round a thing</source>
            <translation>Rodear una cosa</translation>
        </message>
        <message>
            <source>This too</source>
            <translation>Esto también</translation>
        </message>
        <message>
            <source>Not this</source>
            <translation>Esto no</translation>
        </message>
        <message>
            <source>Forget it</source>
            <translation>Olvidar</translation>
        </message>
        <message>
            <source>Thing forgotten</source>
            <translation>Cosa olvidada</translation>
        </message>
        <message>
            <source>Name of a thing</source>
            <translation>Nombre de una cosa</translation>
        </message>
        <message>
            <source>What a thing is</source>
            <translation>Qué es una cosa</translation>
        </message>
        <message>
            <source>How much a thing matters</source>
            <translation>Cuánto importa una cosa</translation>
        </message>
        <message>
            <source>Things</source>
            <translation>Cosas</translation>
        </message>
        <message>
            <source>Name of the thing</source>
            <translation>Nombre de la cosa</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Qué es</translation>
        </message>
        <message>
            <source>How much it matters</source>
            <translation>Cuánto importa</translation>
        </message>
        <message>
            <source>What matters gets more masses and finer ones, what is let go fewer.</source>
            <translation>Lo que importa recibe más masas y más finas, lo que se deja ir, menos.</translation>
        </message>
        <message>
            <source>Draw roughly round what is one thing; its border is found.</source>
            <translation>Dibuje más o menos alrededor de lo que es una cosa; se encuentra su borde.</translation>
        </message>
        <message>
            <source>Draw roughly round what is one thing: its masses stay within it.</source>
            <translation>Dibuje más o menos alrededor de lo que es una cosa: sus masas quedan dentro.</translation>
        </message>
        <message>
            <source>From a mass</source>
            <translation>De una masa</translation>
        </message>
        <message>
            <source>The mass chosen in its list becomes a thing.</source>
            <translation>La masa elegida en su lista pasa a ser una cosa.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::LikenessSection</name>
        <message>
            <source>hours</source>
            <translation>horas</translation>
        </message>
        <message>
            <source>difference across the room</source>
            <translation>diferencia vista de lejos</translation>
        </message>
        <message>
            <source>Work it out</source>
            <translation>Calcular</translation>
        </message>
        <message>
            <source>To the knee</source>
            <translation>Hasta el codo</translation>
        </message>
        <message>
            <source>As long as it is worth</source>
            <translation>Mientras valga la pena</translation>
        </message>
        <message>
            <source>What does another half hour buy? Working it out takes some seconds.</source>
            <translation>¿Qué aporta media hora más? Calcularlo lleva unos segundos.</translation>
        </message>
        <message>
            <source>What is wished of the plan</source>
            <translation>Deseos para el plan</translation>
        </message>
    </context>
    <context>
        <name>yd::app::SheetSection</name>
        <message>
            <source>Longer side, cm</source>
            <translation>Lado mayor, cm</translation>
        </message>
        <message>
            <source>Frame it in the picture</source>
            <translation>Enmarcarlo en la imagen</translation>
        </message>
        <message>
            <source>As large as that takes</source>
            <translation>Tan grande como haga falta</translation>
        </message>
        <message>
            <source>Size of the sheet</source>
            <translation>Tamaño de la hoja</translation>
        </message>
        <message>
            <source>The picture: %1</source>
            <translation>La imagen: %1</translation>
        </message>
    </context>
    <context>
        <name>Narrow</name>
        <message>
            <source>The picture shows nothing finer than the finest mark.</source>
            <translation>La imagen no muestra nada más fino que el trazo más fino.</translation>
        </message>
        <message>
            <source>Nothing is finer than the finest mark, %1 mm.</source>
            <translation>Nada es más fino que el trazo más fino, %1 mm.</translation>
        </message>
        <message>
            <source>Lines and spots finer than the finest mark, %1 mm: %2. From %3 on nine tenths of them can be drawn.</source>
            <translation>Líneas y manchas más finas que el trazo más fino, %1 mm: %2. A partir de %3 se pueden dibujar nueve décimas partes.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::FewValues</name>
        <message>
            <source>The picture in three and in five values</source>
            <translation>La imagen en tres y en cinco valores</translation>
        </message>
        <message>
            <source>They follow the picture.</source>
            <translation>Siguen a la imagen.</translation>
        </message>
        <message>
            <source>three values</source>
            <translation>tres valores</translation>
        </message>
        <message>
            <source>five values</source>
            <translation>cinco valores</translation>
        </message>
    </context>
    <context>
        <name>Special</name>
        <message>
            <source>%1: the iris as a ring, lighter opposite the catchlight, rays from the pupil outwards; the lid&apos;s shadow over ball and iris; the pupil with a soft rim. The catchlight is kept free and set last, a sharpened white turned on the spot. The other eye at once.</source>
            <translation>%1: el iris como un anillo, más claro frente al brillo, rayos de la pupila hacia fuera; la sombra del párpado sobre globo e iris; la pupila con borde suave. El brillo queda libre y va al final, un blanco afilado girado en el sitio. El otro ojo enseguida.</translation>
        </message>
        <message>
            <source>%1: soft transitions, small circles, hardly any pressure; blue or violet in the shadows, olive where it is too red; whites of eyes and teeth are greyed.</source>
            <translation>%1: transiciones suaves, pequeños círculos, casi sin presión; azul o violeta en las sombras, oliva donde es demasiado rojo; el blanco de ojos y dientes va agrisado.</translation>
        </message>
        <message>
            <source>%1: clumps first, their shadow shapes, then their lights; flicked from root to tip so that a stroke thins out, turned with the growth. A darker companion under a light hair; a few stand for all.</source>
            <translation>%1: primero los mechones, sus formas de sombra, luego sus luces; de la raíz a la punta para que el trazo se afine, girado con el crecimiento. Un compañero más oscuro bajo un pelo claro; unos pocos valen por todos.</translation>
        </message>
        <message>
            <source>%1: dashes the way it grows, never one long line; a few edges drawn, the rest suggested.</source>
            <translation>%1: trazos cortos como crece, nunca una línea larga; unos pocos bordes dibujados, el resto sugerido.</translation>
        </message>
        <message>
            <source>%1: towards and away from the centre, never round and round; white under where a light glows.</source>
            <translation>%1: hacia el centro y desde él, nunca en redondo; blanco debajo donde brilla una luz.</translation>
        </message>
        <message>
            <source>%1: clumps by their darks and lights; raw green broken with violet, red-brown or grey; single leaves only where the form ends.</source>
            <translation>%1: macizos por sus oscuros y claros; el verde crudo roto con violeta, pardo rojizo o gris; hojas sueltas solo donde acaba la forma.</translation>
        </message>
        <message>
            <source>%1: along its form; firm where the light strikes, let off towards the middle tone.</source>
            <translation>%1: a lo largo de la forma; firme donde da la luz, aflojando hacia el tono medio.</translation>
        </message>
        <message>
            <source>%1: what lies behind it, a shade darker or cooler; few hard edges; the spark last, a sharp point turned on the spot.</source>
            <translation>%1: lo que hay detrás, algo más oscuro o frío; pocos bordes duros; el destello al final, una punta aguda girada en el sitio.</translation>
        </message>
        <message>
            <source>%1: darks and lights side by side along the form, hard between them; the spark last.</source>
            <translation>%1: oscuros y claros lado a lado a lo largo de la forma, duros entre ellos; el destello al final.</translation>
        </message>
        <message>
            <source>%1: folds with the edge along their run; lights pressed on the ridge and let off below.</source>
            <translation>%1: pliegues con el canto en su sentido; luces apretadas en la cresta y aflojadas debajo.</translation>
        </message>
        <message>
            <source>%1: verticals plumb, walls broad; the sharpest edges at the focus; windows last, not all of them.</source>
            <translation>%1: verticales a plomo, muros anchos; los bordes más nítidos en el foco; ventanas al final, no todas.</translation>
        </message>
        <message>
            <source>%1: level strokes; it repeats the colours above it, mirrored, pulled straight down.</source>
            <translation>%1: trazos horizontales; repite los colores de arriba, reflejados, tirados rectos hacia abajo.</translation>
        </message>
        <message>
            <source>%1: darkest overhead, lighter towards the horizon and towards the sun; the broad side.</source>
            <translation>%1: lo más oscuro arriba, más claro hacia el horizonte y hacia el sol; el lado ancho.</translation>
        </message>
    </context>
    <context>
        <name>yd::app::PapersSection</name>
        <message>
            <source>Plan it on the three best</source>
            <translation>Planificarlo en los tres mejores</translation>
        </message>
        <message>
            <source>The picture on other papers, the nearest first</source>
            <translation>El cuadro en otros papeles, el más cercano primero</translation>
        </message>
        <message>
            <source>Paper</source>
            <translation>Papel</translation>
        </message>
        <message>
            <source>What is begun stays on its paper.</source>
            <translation>Lo empezado se queda en su papel.</translation>
        </message>
        <message>
            <source>What would another paper bring? Working it out takes some plans&apos; time.</source>
            <translation>¿Qué aportaría otro papel? Calcularlo lleva el tiempo de unos planes.</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <translation>%1: %2, %3</translation>
        </message>
        <message>
            <source>None would bring more than this one: %1.</source>
            <translation>Ninguno aportaría más que este: %1.</translation>
        </message>
    </context>
</TS>
