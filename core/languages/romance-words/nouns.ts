/**
 * Nouns and adjectives of French, Spanish, Portuguese and Italian: plurals, genders, agreement. The
 * rules are those of any school grammar; what no rule gives stands in the tables.
 */
import type { Gender } from '../concepts/concept';

export const romanceLanguages = ['fr', 'es', 'pt', 'it'] as const;
export type RomanceLanguage = (typeof romanceLanguages)[number];

const table = (text: string): ReadonlyMap<string, string> =>
  new Map(
    text
      .trim()
      .split(/\s*;\s*/)
      .map((pair) => pair.split('=') as [string, string]),
  );

const own: Readonly<Record<RomanceLanguage, ReadonlyMap<string, string>>> = {
  fr: table(
    'œil=yeux;ciel=cieux;monsieur=messieurs;madame=mesdames;mademoiselle=mesdemoiselles;aïeul=aïeux;bonhomme=bonshommes;travail=travaux;bail=baux;corail=coraux;émail=émaux;vitrail=vitraux;soupirail=soupiraux;vantail=vantaux;après-midi=après-midi',
  ),
  es: table(
    'carácter=caracteres;país=países;raíz=raíces;maíz=maíces;régimen=regímenes;espécimen=especímenes;joven=jóvenes;examen=exámenes;imagen=imágenes;orden=órdenes;origen=orígenes;margen=márgenes;virgen=vírgenes;volumen=volúmenes;resumen=resúmenes;crimen=crímenes;mamá=mamás;papá=papás;sofá=sofás;café=cafés;menú=menús;champú=champús;club=clubes',
  ),
  pt: table(
    'pão=pães;cão=cães;alemão=alemães;capitão=capitães;catalão=catalães;mão=mãos;irmão=irmãos;cidadão=cidadãos;cristão=cristãos;chão=chãos;grão=grãos;órgão=órgãos;órfão=órfãos;bênção=bênçãos;sótão=sótãos;são=sãos;mal=males;cônsul=cônsules;mel=méis;réptil=répteis;fóssil=fósseis;fácil=fáceis;difícil=difíceis;útil=úteis;inútil=inúteis;ágil=ágeis;frágil=frágeis;estéril=estéreis;dócil=dóceis;hábil=hábeis;móvel=móveis;qualquer=quaisquer',
  ),
  it: table(
    'moquette=moquette;cinema=cinema;club=club;film=film;garage=garage;re=re;moto=moto;foto=foto;auto=auto;radio=radio;panda=panda;zoo=zoo;lombrico=lombrichi;sci=sci;tè=tè;uomo=uomini;dio=dei;bue=buoi;tempio=templi;uovo=uova;dito=dita;braccio=braccia;labbro=labbra;ginocchio=ginocchia;lenzuolo=lenzuola;osso=ossa;paio=paia;ciglio=ciglia;centinaio=centinaia;migliaio=migliaia;mille=mila;mano=mani;ala=ali;arma=armi;eco=echi;amico=amici;nemico=nemici;greco=greci;porco=porci;medico=medici;sindaco=sindaci;carico=carichi;incarico=incarichi;stomaco=stomaci;asparago=asparagi;bello=belli;zio=zii',
  ),
};

/** Accents that a syllable more makes needless: canción, canciones; francés, franceses. */
const plainLast = (text: string) =>
  text.replace(/[áéíóú](?=[^aeiouáéíóú]$)/, (vowel) => vowel.normalize('NFD').charAt(0));

function frenchPlural(word: string): string {
  if (/[sxz]$/.test(word)) return word;
  if (/(?:eau|œu)$/.test(word)) return `${word}x`;
  if (/[ae]u$/.test(word))
    return /^(?:landau|sarrau|bleu|pneu|émeu|lieu-dit)$/.test(word) ? `${word}s` : `${word}x`;
  if (word.endsWith('al')) {
    return /^(?:bal|carnaval|festival|chacal|régal|récital|cal|pal|serval|fatal|banal|final|natal|naval|bancal|glacial)$/.test(
      word,
    )
      ? `${word}s`
      : `${word.slice(0, -2)}aux`;
  }
  if (/^(?:bijou|caillou|chou|genou|hibou|joujou|pou)$/.test(word)) return `${word}x`;
  return `${word}s`;
}

function spanishPlural(word: string): string {
  if (/[aeiou]$/.test(word) || /[áéó]$/.test(word)) return `${word}s`;
  if (/[íú]$/.test(word)) return `${word}es`;
  if (word.endsWith('z')) return `${word.slice(0, -1)}ces`;
  // El lunes, los lunes: a last syllable without stress stays; mes and dios have but one.
  if (/[sx]$/.test(word)) {
    const syllables = word.match(/[aeiouáéíóú]+/gi)?.length ?? 1;
    return syllables > 1 && !/[áéíóú][sx]$/.test(word) ? word : `${plainLast(word)}es`;
  }
  return `${plainLast(word)}es`;
}

function portuguesePlural(word: string): string {
  if (/ão$/.test(word)) return word.replace(/ão$/, 'ões');
  if (/m$/.test(word)) return word.replace(/m$/, 'ns');
  if (/l$/.test(word)) {
    if (/il$/.test(word)) return word.replace(/il$/, /[áéíóúâêô]/.test(word) ? 'eis' : 'is');
    // Hotel, hotéis; but fácil and móvel have their stress before.
    const stressed = !/[áéíóúâêô]/.test(word);
    return word
      .replace(/al$/, 'ais')
      .replace(/el$/, stressed ? 'éis' : 'eis')
      .replace(/ol$/, stressed ? 'óis' : 'ois')
      .replace(/ul$/, 'uis');
  }
  if (/[rz]$/.test(word)) return `${word}es`;
  if (/n$/.test(word)) return `${word}s`;
  if (/ês$/.test(word)) return word.replace(/ês$/, 'eses');
  if (/x$/.test(word)) return word;
  if (/s$/.test(word))
    return /^(?:gás|país|mês|deus|rês|ás|giz)$/.test(word) || /[áéíóú]s$/.test(word)
      ? `${word.normalize('NFC').replace(/ás$/, 'as').replace(/ês$/, 'es').replace(/ís$/, 'ís')}es`
      : word;
  return `${word}s`;
}

function italianPlural(word: string, gender: Gender | undefined): string {
  if (
    /[àèéìòù]$/.test(word) ||
    /[^aeio]$/.test(word) ||
    (/(?:^|[^aeiou])[aeiou]$/.test(word) && word.length < 4 && !/[aeo]$/.test(word))
  )
    return word;
  if (/ie$/.test(word))
    return word === 'moglie'
      ? 'mogli'
      : /^(?:specie|serie|barbarie)$/.test(word)
        ? word
        : word.replace(/ie$/, 'i');
  if (/[cg]a$/.test(word)) return word.replace(/a$/, gender === 'm' ? 'hi' : 'he');
  if (/[cg]ia$/.test(word)) {
    if (
      /^(?:farmacia|bugia|allergia|energia|magia|strategia|biologia|tecnologia|geografia|ecologia)$/.test(
        word,
      )
    )
      return word.replace(/a$/, 'e');
    return /[aeiou][cg]ia$/.test(word) ? word.replace(/a$/, 'e') : word.replace(/ia$/, 'e');
  }
  if (/(?:ista|ma|eta|ta)$/.test(word) && gender === 'm') return word.replace(/a$/, 'i');
  if (/a$/.test(word)) return word.replace(/a$/, gender === 'm' ? 'i' : 'e');
  if (/io$/.test(word)) return word.replace(/io$/, 'i');
  // Amico is in the table; medico too: stress on the third last says -ci.
  if (/ico$/.test(word) && word.length > 5 && !/^(?:antico|nemico|carico|fuoco)$/.test(word))
    return word.replace(/co$/, 'ci');
  if (
    /(?:logo|fago)$/.test(word) &&
    /(?:ologo|fago)$/.test(word) &&
    !/^(?:dialogo|catalogo|prologo|epilogo)$/.test(word)
  )
    return word.replace(/go$/, 'gi');
  if (/[cg]o$/.test(word)) return word.replace(/o$/, 'hi');
  if (/[oe]$/.test(word)) return word.replace(/[oe]$/, 'i');
  return word;
}

/** Words that end what changes: sacs à dos, gafas de sol. */
const ends = /^(?:de|da|do|das|dos|del|di|à|a|au|en|em|in|con|com|avec|para|per|pour|d['’].*)$/;

/** The plural of a noun or an adjective; of several words, all before the first preposition change. */
export function pluralOf(word: string, language: RomanceLanguage, gender?: Gender): string {
  const words = word.split(' ');
  const stop = words.findIndex((each) => ends.test(each));
  const one = (each: string): string =>
    own[language].get(each) ??
    {
      fr: frenchPlural,
      es: spanishPlural,
      pt: portuguesePlural,
      it: (noun: string) => italianPlural(noun, gender),
    }[language](each);
  return words.map((each, at) => (stop >= 0 && at >= stop ? each : one(each))).join(' ');
}

/** What a gender is guessed from, the surest first: the ending and what it mostly is. */
const byEnding: Readonly<Record<RomanceLanguage, readonly (readonly [RegExp, 'm' | 'f'])[]>> = {
  fr: [
    [/(?:tion|sion|aison|xion|çon)$/, 'f'],
    [
      /(?:age|ège|isme|iste|ment|eau|eur|oir|teur|ier|er|al|ail|euil|eil|ard|on|in|an|ent|ant|et|ot|at|ut|is|us|as|os|ou|i|o|u|c|d|f|g|k|l|m|n|p|r|s|t|x|z|é)$/,
      'm',
    ],
    [
      /(?:ance|ence|ure|ade|ette|elle|esse|ie|ée|té|ine|ise|ude|ance|euse|ère|ière|ille|aille|elle|otte|ienne|onne|sse|nne|che|ve|ne|le|re|te|de|se|ce|ge|pe|e)$/,
      'f',
    ],
  ],
  es: [
    [/(?:ción|sión|gión|dad|tad|tud|umbre|ez|sis|itis)$/, 'f'],
    [/(?:grama|blema|tema|stema|lema|drama|clima|idioma|planeta|mapa|día|poema|cometa)$/, 'm'],
    [/a$/, 'f'],
    [/./, 'm'],
  ],
  pt: [
    [/^coração$/, 'm'],
    [/(?:ção|são|ssão|gião|dade|tude|agem|gem|ice|ez)$/, 'f'],
    [/(?:grama|blema|tema|stema|lema|drama|clima|idioma|planeta|mapa|dia|poema|cometa)$/, 'm'],
    [/[aã]$/, 'f'],
    [/./, 'm'],
  ],
  it: [
    [
      /^(?:età|arte|pallacanestro|ape|moquette|classe|volpe|mano|chiave|luce|carne|madre|notte|vernice|parte|gente|foto|moto|auto|radio|frase|nave|pelle|neve|canzone|estate|tigre|uniforme|parete|nube|fine|torre|valle|mente|fronte|rete|sede|febbre|legge|croce|voce|noce|pace|face|sete|fame|fede|stazione|lente|serpe|sorte|morte|corte|arma|ala)$/,
      'f',
    ],
    [/(?:zione|sione|gione|tà|tù|trice|udine|ie|i)$/, 'f'],
    [
      /(?:gramma|blema|tema|stema|clima|pianeta|poema|dramma|fantasma|cinema|panda|pilota|(?:art|dent|aut|tur|cicl|pian|giornal|farmac|music)ista)$/,
      'm',
    ],
    [/a$/, 'f'],
    [/./, 'm'],
  ],
};

/** The gender that an ending mostly has. */
export function likelyGender(word: string, language: RomanceLanguage): 'm' | 'f' {
  // Of several words the first is the noun: animal de estimação.
  const [noun = word] = word.split(' ');
  return byEnding[language].find(([ending]) => ending.test(noun))?.[1] ?? 'm';
}

/** The articles of a noun: definite and indefinite, of one and of many. */
export function articlesOf(
  word: string,
  language: RomanceLanguage,
  gender: Gender,
): { readonly definite: string; readonly indefinite: string; readonly many: string } {
  const she = gender === 'f' || gender === 'fp';
  const plain = word.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
  const vowel = /^[aeiou]/.test(plain);
  switch (language) {
    case 'fr': {
      // A silent h is as a vowel; that of these is not (h aspiré).
      const silent = plain.startsWith('h') && !aspirated.test(plain);
      const elided = vowel || silent || /^y[^aeiou]/.test(plain);
      const late = /^(?:onze|oui|ouistiti|yaourt|yacht|yoga)/.test(plain);
      return {
        definite: elided && !late ? 'l’' : she ? 'la' : 'le',
        indefinite: she ? 'une' : 'un',
        many: 'les',
      };
    }
    case 'es': {
      // El agua, un hambre: before a stressed a.
      const stressed =
        she &&
        /^(?:h?á|agua$|ala$|alma$|arma$|ave$|aula$|hacha$|hambre$|águila$|área$|ancla$)/.test(word);
      return {
        definite: she && !stressed ? 'la' : 'el',
        indefinite: she && !stressed ? 'una' : 'un',
        many: she ? 'las' : 'los',
      };
    }
    case 'pt':
      return { definite: she ? 'a' : 'o', indefinite: she ? 'uma' : 'um', many: she ? 'as' : 'os' };
    case 'it': {
      const heavy = /^(?:s[^aeiou]|z|gn|ps|pn|x|y|i[aeou])/.test(plain);
      if (she) {
        return { definite: vowel ? 'l’' : 'la', indefinite: vowel ? 'un’' : 'una', many: 'le' };
      }
      return {
        definite: vowel && !/^i[aeou]/.test(plain) ? 'l’' : heavy ? 'lo' : 'il',
        indefinite: heavy ? 'uno' : 'un',
        many: vowel || heavy ? 'gli' : 'i',
      };
    }
  }
}

const aspirated =
  /^(?:hache|hachis|haie|haine|halle|hamac|hameau|hamster|hanche|handicap|hangar|haricot|harpe|hasard|hate|hausse|haut|heros|heron|herisson|hetre|hibou|hic|hockey|homard|honte|hors|houe|housse|houx|huche|huit|hurle|hutte|hall|halte|hanneton|harnais|hernie|hollande|hongrie|hip-hop|hot-dog)/;

/** The feminine of an adjective from its masculine. */
export function feminineOf(word: string, language: RomanceLanguage): string {
  if (language === 'fr') {
    const special = frenchFeminines.get(word);
    if (special) return special;
    if (/e$/.test(word)) return word;
    if (/(?:el|ul|eil)$/.test(word)) return `${word}le`;
    if (/(?:en|on)$/.test(word)) return `${word}ne`;
    if (/er$/.test(word)) return word.replace(/er$/, 'ère');
    if (/eux$/.test(word)) return word.replace(/x$/, 'se');
    if (/teur$/.test(word)) return word.replace(/teur$/, 'trice');
    if (/eur$/.test(word)) return word.replace(/r$/, 'se');
    if (/f$/.test(word)) return word.replace(/f$/, 've');
    return `${word}e`;
  }
  if (language === 'es') {
    if (/o$/.test(word)) return word.replace(/o$/, 'a');
    if (/(?:dor|tor|sor)$/.test(word)) return `${word}a`;
    if (/(?:és|án|ín|ón)$/.test(word) && !/(?:cortés|marrón)$/.test(word))
      return `${plainLast(word)}a`;
    if (/^(?:español|andaluz)$/.test(word)) return `${word}a`;
    return word;
  }
  if (language === 'pt') {
    const special = {
      bom: 'boa',
      mau: 'má',
      são: 'sã',
      europeu: 'europeia',
      judeu: 'judia',
      cristão: 'cristã',
      alemão: 'alemã',
    }[word];
    if (special) return special;
    if (/ão$/.test(word)) return word.replace(/ão$/, 'ona');
    if (/eu$/.test(word)) return word.replace(/eu$/, 'eia');
    if (/o$/.test(word)) return word.replace(/o$/, 'a');
    if (/(?:dor|tor|sor)$/.test(word)) return `${word}a`;
    if (/ês$/.test(word)) return word.replace(/ês$/, 'esa');
    if (/u$/.test(word)) return `${word.replace(/u$/, 'ua')}`;
    return word;
  }
  if (/o$/.test(word)) return word.replace(/o$/, 'a');
  if (/tore$/.test(word)) return word.replace(/tore$/, 'trice');
  return word;
}

const frenchFeminines = table(
  'beau=belle;nouveau=nouvelle;vieux=vieille;fou=folle;mou=molle;blanc=blanche;franc=franche;sec=sèche;public=publique;grec=grecque;turc=turque;long=longue;gros=grosse;gras=grasse;bas=basse;las=lasse;épais=épaisse;doux=douce;roux=rousse;faux=fausse;frais=fraîche;gentil=gentille;nul=nulle;favori=favorite;malin=maligne;bénin=bénigne;complet=complète;inquiet=inquiète;secret=secrète;concret=concrète;discret=discrète;net=nette;muet=muette;violet=violette;coquet=coquette;sot=sotte;pâlot=pâlotte;meilleur=meilleure;supérieur=supérieure;inférieur=inférieure;extérieur=extérieure;intérieur=intérieure;antérieur=antérieure;majeur=majeure;mineur=mineure;aigu=aiguë;chic=chic;marron=marron;orange=orange;grand=grande;brun=brune;gris=grise;bon=bonne;cher=chère;paysan=paysanne',
);
