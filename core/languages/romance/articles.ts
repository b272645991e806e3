/**
 * Articles in texts of French, Spanish, Portuguese and Italian, told from the pronouns and
 * prepositions that are written alike.
 */
import type { Span } from '../../kernel/span';
import { findContractions } from './contractions';
import type { RomanceLanguage } from '../romance-words/nouns';
import { finiteForms } from './verb-shapes';

export type ArticleKind = 'definite' | 'indefinite' | 'partitive';

export interface FoundArticle extends Span {
  readonly text: string;
  readonly kind: ArticleKind;
  /** False where the same letters may be another word: a person should look. */
  readonly sure: boolean;
}

const kinds: Readonly<Record<RomanceLanguage, Readonly<Record<string, ArticleKind>>>> = {
  es: {
    ...{ el: 'definite', la: 'definite', los: 'definite', las: 'definite', lo: 'definite' },
    ...{ un: 'indefinite', una: 'indefinite', unos: 'indefinite', unas: 'indefinite' },
  },
  fr: {
    ...{ le: 'definite', la: 'definite', les: 'definite', "l'": 'definite' },
    ...{ un: 'indefinite', une: 'indefinite', des: 'indefinite', du: 'partitive' },
  },
  pt: {
    ...{ o: 'definite', a: 'definite', os: 'definite', as: 'definite' },
    ...{ um: 'indefinite', uma: 'indefinite', uns: 'indefinite', umas: 'indefinite' },
  },
  it: {
    ...{ il: 'definite', lo: 'definite', la: 'definite', "l'": 'definite' },
    ...{ i: 'definite', gli: 'definite', le: 'definite' },
    ...{ un: 'indefinite', uno: 'indefinite', una: 'indefinite', "un'": 'indefinite' },
  },
};

/** Words written as an article that can also be a pronoun before its verb. */
const pronouns: Readonly<Record<RomanceLanguage, RegExp>> = {
  es: /^(?:la|lo|los|las)$/,
  fr: /^(?:le|la|les|l')$/,
  pt: /^(?:o|a|os|as)$/,
  it: /^(?:lo|la|l'|gli|le)$/,
};

/** Before a pronoun stand who does it, a negation, another pronoun, or what begins a clause. */
const beforePronoun: Readonly<Record<RomanceLanguage, RegExp>> = {
  es: /^(?:yo|tú|él|ella|usted|nosotros|nosotras|ellos|ellas|ustedes|no|se|me|te|nos|os|ya|también|nunca|siempre|quien|que|cuando|si|todos)$/,
  fr: /^(?:je|tu|il|elle|on|nous|vous|ils|elles|ne|me|te|se|qui|ça|j')$/,
  pt: /^(?:eu|tu|ele|ela|você|nós|eles|elas|vocês|não|já|também|nunca|sempre|quem|que|se|quando)$/,
  it: /^(?:io|tu|lui|lei|noi|voi|loro|non|me|te|se|ce|ve|già|mai|sempre|chi|che|quando)$/,
};

/** Forms of verbs that are also everyday nouns: with an article before them they are nouns. */
const nounsToo: Readonly<Record<RomanceLanguage, RegExp>> = {
  es: /^(?:lluvia|nieve|cuenta|casa|compra|visita|mesa|cena|comida|bebida|ayuda|llamada|entrada|salida|parada|marcha|carta|nota|regla|cosa|vista|vuelta|historia|guarda|pregunta|respuesta|espera|busca|toma|vuelo|sueño|juego|trabajo|vino|canto|dibujo|cambio|paso|corte|medida|prueba|muestra|luz|pasa|sal|ida|corta|corriente|tocas|llama|llamas|vela|velas|dados|tomas|vistas)$/,
  fr: /^(?:livre|porte|marche|montre|note|tour|place|garde|fin|pluie|neige|vent|lit|bois|vis|mort|vie|tente|règle|page|carte|pose|passe|compte|ferme|lettre|rose|suite|vue|prise|mise|voie|pense|aide|chante|coupe|offre|joue|reste|dessin|entrée|descente|attente|entente|sens|savoir|pouvoir|devoir|faits?|dit|rire|mets|cours|travail|monte|tombe|tombes|range|lave|laves|couvert|sorts?|parles?|vide|couvre|poses|places|notes|livres|portes|marches|montres|tours|pages|cartes|règles|lettres|aides|coupes|offres|joues|restes|fermes)$/,
  pt: /^(?:chuva|neve|conta|casa|compra|visita|mesa|ajuda|chamada|entrada|saída|carta|nota|regra|coisa|vista|volta|história|pergunta|espera|busca|voo|sonho|jogo|trabalho|vinho|canto|desenho|corte|medida|prova|mostra|começo|passo|gosto|uso|fecho|resposta|chegada|guarda|perda|lembrança|toque|encontro|levas|chama|chamas|contas|tiras|provas|voltas|notas|contos|jogos|sonhos)$/,
  it: /^(?:pioggia|neve|casa|compra|visita|tavola|cena|chiamata|entrata|uscita|carta|nota|cosa|vista|storia|domanda|risposta|volo|sogno|gioco|lavoro|vino|canto|disegno|passo|misura|prova|mostra|conto|cerca|porta|porte|lascia|parte|parti|sera|fine|note|misure|aiuto|ascolto|ricordo|taglio|tiro|guida|leggi|conti|usi|canti|domande|cerche|prese|presa|stato|stati|fatto|fatti|detto|letto|letti)$/,
};

interface Word extends Span {
  readonly text: string;
  readonly lower: string;
  /** A hyphen stands before it: viram-na, donne-le. */
  readonly joined: boolean;
}

/** Words with the elided article apart from what it stands before: l’eau. */
function wordsOf(text: string): Word[] {
  return [...text.matchAll(/[\p{L}\p{M}]+['’]?/gu)].map((found) => ({
    start: found.index,
    end: found.index + found[0].length,
    text: found[0],
    lower: found[0].toLowerCase().replace('’', "'"),
    joined: text[found.index - 1] === '-',
  }));
}

/** True where a word before another ends its clause: nothing of it counts for what follows. */
const endsClause = (text: string, from: number, to: number) =>
  /[.!?;:…\n]/.test(text.slice(from, to));

/** After these a Portuguese a or o is no article: a que, a partir, a pé. */
const notAfterA =
  /^(?:que|quem|qual|ele|ela|eles|elas|mim|ti|si|nós|vós|você|vocês|partir|pé|cavalo|cada|todos|todas|um|uma|este|esta|esse|essa|isto|isso|aquilo|menos|fim|par|sós|sério|respeito|propósito|tempo|caminho|seguir|meio|bordo|lápis|mão|dois|duas|três|quatro|cinco|seis|sete|oito|nove|dez|cem|mil)$/;

/** What can stand after the Spanish neuter article, besides words in -or and -ísimo. */
const neuter =
  /^(?:mejor|peor|mismo|único|primero|último|bueno|malo|bonito|feo|importante|más|menos|demás|contrario|siguiente|nuevo|viejo|difícil|fácil|posible|imposible|necesario|interesante|divertido|triste|largo|alto|bajo|otro|poco|mucho)$/;
const motion = /^(?:volt|cheg|regress|torn|vou|vai|vamos|vão|ir|foi|foram)/;
const masculine = /^(?:lit|vent|dit|sens|cours|couvert|mets|dessin|fait|travail|sort)s?$/;

/** Whether the word at a place is an article; undefined where it may be. */
function judge(
  language: RomanceLanguage,
  text: string,
  words: readonly Word[],
  at: number,
): boolean | undefined {
  const word = words[at];
  const next = words[at + 1];
  const previous = words[at - 1];
  if (word === undefined || word.joined) return false;
  if (next === undefined || endsClause(text, word.end, next.start)) return false;
  const before = previous && !endsClause(text, previous.end, word.start) ? previous.lower : '';
  if (language === 'pt' && word.lower === 'a') {
    // A preposition: before an infinitive, a pronoun, a number or a name of the hour.
    if (/(?:ar|er|ir|ôr)$/.test(next.lower) && !/^(?:mar|ar|lar|colher|mulher)$/.test(next.lower))
      return false;
    if (notAfterA.test(next.lower)) return false;
    // Masculine or plural words cannot follow the article a.
    if (
      /(?:os|ões|ães|as|es)$/.test(next.lower) ||
      (/(?:o|ão|or|ês)$/.test(next.lower) &&
        !/(?:ção|são|mão|gião|flor|cor|dor|foto|moto|tribo|avó|multidão)$/.test(next.lower))
    )
      return false;
  }
  if (language === 'pt' && word.lower === 'o' && /^que$/.test(next.lower)) return false;
  // Lo mejor, lo que vimos: before a quality it is an article, before a verb a pronoun.
  if (language === 'es' && word.lower === 'lo') return neuter.test(next.lower);
  if (language === 'pt' && word.lower === 'a' && next.lower === 'casa' && motion.test(before))
    return false;
  // La lit: a noun that she could stand before ends otherwise.
  if (
    language === 'fr' &&
    word.lower === 'la' &&
    nounsToo.fr.test(next.lower) &&
    masculine.test(next.lower)
  )
    return false;
  if (
    language === 'es' &&
    /^(?:el|la|los|las)$/.test(word.lower) &&
    /^(?:que|de)$/.test(next.lower)
  ) {
    return undefined;
  }
  if (!pronouns[language].test(word.lower)) return true;
  if (language === 'it' && word.lower === 'gli' && finiteForms('it').has(next.lower)) {
    return nounsToo.it.test(next.lower);
  }
  // Me lo enseñó, ce li mostra: after another pronoun it is one.
  if (objects[language].test(before)) return false;
  const verb = finiteForms(language).has(next.lower) || isPronounPart(language, next.lower);
  if (!verb) return true;
  if (!nounsToo[language].test(next.lower)) return false;
  return isBeforeNoun(language, text, words, at, before);
}

/** Pronouns that only another pronoun or a verb follows. */
const objects: Readonly<Record<RomanceLanguage, RegExp>> = {
  es: /^(?:me|te|se|nos|os)$/,
  fr: /^(?:me|te|se)$/,
  pt: /^(?:me|te|lhe|lhes)$/,
  it: /^(?:me|te|se|ce|ve|glie)$/,
};

const joins = /^(?:y|e|o|u|et|ou|ed|od|ni|né)$/;
const prepositions =
  /^(?:a|à|al|de|di|da|en|em|in|con|com|avec|por|per|pour|sur|su|sobre|dans|sous|bajo|sob|sotto|sin|sans|sem|senza|entre|tra|fra|hasta|até|fino|hacia|desde|desde|contra|contre|contro|vers|verso|para|chez|après|avant|durante|depuis|como|comme|como|come|que|todo|toda|todos|todas|tout|toute|tous|toutes|tutto|tutta|tutti|tutte)$/;

/** Where what follows can be a noun or a verb: what stands before the two and behind them decides. */
function isBeforeNoun(
  language: RomanceLanguage,
  text: string,
  words: readonly Word[],
  at: number,
  before: string,
): boolean {
  const [word, next, behind] = words.slice(at, at + 3);
  if (word === undefined || next === undefined) return true;
  const follows = behind && !endsClause(text, next.end, behind.start) ? behind.lower : '';
  if (finiteForms(language).has(follows)) return true;
  if (beforePronoun[language].test(before)) return false;
  // Le prend et le lit: as in the clause before.
  if (joins.test(before) && words[at - 3]?.lower === word.lower) {
    return judge(language, text, words, at - 3) !== false;
  }
  if (before === '' || joins.test(before) || prepositions.test(before)) return true;
  // After a verb stands what it is done to; after a noun, what it does.
  return finiteForms(language).has(before);
}

/** Between a pronoun and its verb only these stand: le lui donne, la ha visto. */
const isPronounPart = (language: RomanceLanguage, next: string) =>
  language === 'fr' ? /^(?:lui|leur|y|en|ai|as|a|avons|avez|ont|avait|avaient)$/.test(next) : false;

export function findArticles(text: string, language: RomanceLanguage): FoundArticle[] {
  const words = wordsOf(text);
  const contracted = new Map(findContractions(text, language).map((found) => [found.start, found]));
  const found: FoundArticle[] = [];
  words.forEach((word, at) => {
    const kind = kinds[language][word.lower];
    if (kind === undefined) return;
    // Du and des: an article of their own where they are no contraction.
    const contraction = contracted.get(word.start);
    if (contraction?.sure) return;
    if (contraction) {
      found.push({ start: word.start, end: word.end, text: word.text, kind, sure: false });
      return;
    }
    const is = judge(language, text, words, at);
    if (is !== false) {
      found.push({ start: word.start, end: word.end, text: word.text, kind, sure: is ?? false });
    }
  });
  if (language === 'fr') {
    // De la, de l’ after a verb of taking and having.
    for (const match of text.matchAll(
      /\b(?:mange|mangent|boit|boivent|bois|veut|veux|a|ai|ont|y a|prend|prends|achète|fait|avec|il tombe|met|voulons|buvons|mangeons) (de la|de l['’])/giu,
    )) {
      const part = match[1] ?? '';
      const start = match.index + match[0].length - part.length;
      const inner = found.findIndex(
        (each) => each.start >= start && each.end <= start + part.length,
      );
      if (inner >= 0) found.splice(inner, 1);
      found.push({ start, end: start + part.length, text: part, kind: 'partitive', sure: true });
    }
  }
  return found.sort((one, other) => one.start - other.start);
}
