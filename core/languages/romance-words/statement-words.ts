/**
 * What the plain sentences of the Romance languages are made of, from memory: things with their
 * genders and what can be said of them, adjectives, and sentences with a verb. Nothing is said of a
 * thing that it could not be.
 */
import type { RomanceLanguage } from './nouns';

const rows = (text: string) =>
  text
    .trim()
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()));

/** The column of a language in the tables below. */
const column = { fr: 1, es: 2, pt: 3, it: 4 } as const satisfies Record<RomanceLanguage, number>;

/** English (its plural where no -s makes it) | French | Spanish | Portuguese | Italian | what is said of it */
const nouns = rows(`
dress/dresses | robe f | vestido m | vestido m | vestito m | colour look long price
shirt | chemise f | camisa f | camisa f | camicia f | colour age price
coat | manteau m | abrigo m | casaco m | cappotto m | colour age long price
skirt | jupe f | falda f | saia f | gonna f | colour look long
hat | chapeau m | sombrero m | chapéu m | cappello m | colour age size
scarf/scarves | écharpe f | bufanda f | cachecol m | sciarpa f | colour long
jacket | veste f | chaqueta f | jaqueta f | giacca f | colour age price
shoe | chaussure f | zapato m | sapato m | scarpa f | colour age price
bag | sac m | bolso m | bolsa f | borsa f | colour size weight
umbrella | parapluie m | paraguas m | guarda-chuva m | ombrello m | colour age size
flag | drapeau m | bandera f | bandeira f | bandiera f | colour size
boat | bateau m | barco m | barco m | barca f | colour speed size
car | voiture f | coche m | carro m | macchina f | colour speed price
bike | vélo m | bicicleta f | bicicleta f | bicicletta f | colour age price
train | train m | tren m | trem m | treno m | speed long
house | maison f | casa f | casa f | casa f | size age look
door | porte f | puerta f | porta f | porta f | colour weight
window | fenêtre f | ventana f | janela f | finestra f | size
tower | tour f | torre f | torre f | torre f | height age
bridge | pont m | puente m | ponte f | ponte m | height age long
street | rue f | calle f | rua f | strada f | long width quiet
garden | jardin m | jardín m | jardim m | giardino m | size look quiet
mountain | montagne f | montaña f | montanha f | montagna f | height look
river | fleuve m | río m | rio m | fiume m | long width
cloud | nuage m | nube f | nuvem f | nuvola f | size grey
cat | chat m | gato m | gato m | gatto m | grey size quiet
dog | chien m | perro m | cão m | cane m | grey size speed
horse | cheval m | caballo m | cavalo m | cavallo m | grey look speed
bird | oiseau m | pájaro m | pássaro m | uccello m | colour size
cow | vache f | vaca f | vaca f | mucca f | grey weight
hen | poule f | gallina f | galinha f | gallina f | grey size
flower | fleur f | flor f | flor f | fiore m | colour look
leaf/leaves | feuille f | hoja f | folha f | foglia f | colour size
book | livre m | libro m | livro m | libro m | interest weight price
map | carte f | mapa m | mapa m | mappa f | age size
story/stories | histoire f | historia f | história f | storia f | interest long fun
lesson | leçon f | lección f | lição f | lezione f | interest long
girl | fille f | niña f | menina f | bambina f | person
boy | garçon m | niño m | menino m | bambino m | person
woman/women | femme f | mujer f | mulher f | donna f | person
man/men | homme m | hombre m | homem m | uomo m | person
doctor | médecin m | médico m | médico m | medico m | person
nurse | infirmière f | enfermera f | enfermeira f | infermiera f | person
neighbour | voisin m | vecino m | vizinho m | vicino m | person
`);

/** English | French | Spanish | Portuguese | Italian | of what it is said */
const adjectives = rows(`
white | blanc | blanco | branco | bianco | colour grey
black | noir | negro | preto | nero | colour grey
grey | gris | gris | cinzento | grigio | colour grey
red | rouge | rojo | vermelho | rosso | colour
yellow | jaune | amarillo | amarelo | giallo | colour
green | vert | verde | verde | verde | colour
blue | bleu | azul | azul | - | colour
big | grand | grande | grande | grande | size
small | petit | pequeño | pequeno | piccolo | size
long | long | largo | comprido | lungo | long
short | court | corto | curto | corto | long
high | haut | alto | alto | alto | height
new | neuf | nuevo | novo | nuovo | age
old | vieux | viejo | velho | vecchio | age
beautiful | beau | bonito | bonito | bello | look
expensive | cher | caro | caro | caro | price
fast | rapide | rápido | rápido | veloce | speed
slow | lent | lento | lento | lento | speed
heavy | lourd | pesado | pesado | pesante | weight
wide | large | ancho | largo | largo | width
quiet | tranquille | tranquilo | tranquilo | tranquillo | quiet
interesting | intéressant | interesante | interessante | interessante | interest
funny | amusant | divertido | divertido | divertente | fun person
tall | grand | alto | alto | alto | person
young | jeune | joven | jovem | giovane | person
strong | fort | fuerte | forte | forte | person
brave | courageux | valiente | corajoso | coraggioso | person
kind | gentil | amable | gentil | gentile | person
polite | poli | educado | educado | educato | person
curious | curieux | curioso | curioso | curioso | person
`);

export interface StatementNoun {
  readonly english: string;
  readonly englishPlural: string;
  readonly word: string;
  readonly gender: 'm' | 'f';
  /** What can be said of it. */
  readonly kinds: readonly string[];
}

export interface StatementAdjective {
  readonly english: string;
  readonly word: string;
  readonly kinds: readonly string[];
}

const cellOf = (row: readonly string[], at: number) => row[at] ?? '';

export const statementNouns = (language: RomanceLanguage): StatementNoun[] =>
  nouns.map((row) => {
    const [english = '', plural = `${english}s`] = cellOf(row, 0).split('/');
    const [word = '', gender] = cellOf(row, column[language]).split(' ');
    return {
      english,
      englishPlural: plural,
      word,
      gender: gender === 'f' ? 'f' : 'm',
      kinds: cellOf(row, 5).split(' '),
    };
  });

/** Those that change: one that has a single form shows nothing. */
export const statementAdjectives = (language: RomanceLanguage): StatementAdjective[] =>
  adjectives.flatMap((row) => {
    const word = cellOf(row, column[language]);
    return word === '-'
      ? []
      : [{ english: cellOf(row, 0), word, kinds: cellOf(row, 5).split(' ') }];
  });

/** English | of each language subject, verb, rest; the gender and number of the French subject last */
const deeds = rows(`
Asha reads the map. | Asha; lit; la carte | Asha; lee; el mapa | Asha; lê; o mapa | Asha; legge; la mappa | f
Bram opens the window. | Bram; ouvre; la fenêtre | Bram; abre; la ventana | Bram; abre; a janela | Bram; apre; la finestra | m
The cat sleeps in the garden. | Le chat; dort; dans le jardin | El gato; duerme; en el jardín | O gato; dorme; no jardim | Il gatto; dorme; in giardino | m
The children sing in the school. | Les enfants; chantent; dans l’école | Los niños; cantan; en la escuela | As crianças; cantam; na escola | I bambini; cantano; nella scuola | mp
The wind comes from the sea. | Le vent; vient; de la mer | El viento; viene; del mar | O vento; vem; do mar | Il vento; viene; dal mare | m
My sister lives in this street. | Ma sœur; habite; dans cette rue | Mi hermana; vive; en esta calle | Minha irmã; mora; nesta rua | Mia sorella; abita; in questa strada | f
The train leaves at eight. | Le train; part; à huit heures | El tren; sale; a las ocho | O trem; sai; às oito horas | Il treno; parte; alle otto | m
The dog follows the boy. | Le chien; suit; le garçon | El perro; sigue; al niño | O cão; segue; o menino | Il cane; segue; il bambino | m
Mina writes on the board. | Mina; écrit; au tableau | Mina; escribe; en la pizarra | Mina; escreve; no quadro | Mina; scrive; alla lavagna | f
The shop closes at six. | Le magasin; ferme; à six heures | La tienda; cierra; a las seis | A loja; fecha; às seis horas | Il negozio; chiude; alle sei | m
My parents work on Saturdays. | Mes parents; travaillent; le samedi | Mis padres; trabajan; los sábados | Meus pais; trabalham; aos sábados | I miei genitori; lavorano; il sabato | mp
The sun shines today. | Le soleil; brille; aujourd’hui | El sol; brilla; hoy | O sol; brilha; hoje | Il sole; splende; oggi | m
The girls play in the park. | Les filles; jouent; dans le parc | Las niñas; juegan; en el parque | As meninas; brincam; no parque | Le bambine; giocano; nel parco | fp
Our teacher knows the answer. | Notre maîtresse; connaît; la réponse | Nuestra maestra; sabe; la respuesta | Nossa professora; sabe; a resposta | La nostra maestra; sa; la risposta | f
The river crosses the valley. | Le fleuve; traverse; la vallée | El río; cruza; el valle | O rio; atravessa; o vale | Il fiume; attraversa; la valle | m
Bram arrives tomorrow. | Bram; arrive; demain | Bram; llega; mañana | Bram; chega; amanhã | Bram; arriva; domani | m
The birds sing in the morning. | Les oiseaux; chantent; le matin | Los pájaros; cantan; por la mañana | Os pássaros; cantam; de manhã | Gli uccelli; cantano; la mattina | mp
The boys run to school. | Les garçons; courent; à l’école | Los niños; corren; a la escuela | Os meninos; correm; para a escola | I bambini; corrono; a scuola | mp
The club measures the rain. | Le club; mesure; la pluie | El club; mide; la lluvia | O clube; mede; a chuva | Il club; misura; la pioggia | m
My grandmother lives alone. | Ma grand-mère; vit; seule | Mi abuela; vive; sola | Minha avó; vive; sozinha | Mia nonna; vive; da sola | f
`);

export interface StatementDeed {
  readonly english: string;
  readonly subject: string;
  readonly verb: string;
  readonly rest: string;
  /** Of the subject in French, whose questions name it again. */
  readonly gender: 'm' | 'f';
  readonly plural: boolean;
}

export const statementDeeds = (language: RomanceLanguage): StatementDeed[] =>
  deeds.map((row) => {
    const [subject = '', verb = '', rest = ''] = cellOf(row, column[language])
      .split(';')
      .map((piece) => piece.trim());
    const number = cellOf(row, 5);
    return {
      english: cellOf(row, 0),
      subject,
      verb,
      rest,
      gender: number.startsWith('f') ? 'f' : 'm',
      plural: number.endsWith('p'),
    };
  });
