/**
 * Constructions of a Latin text that its forms show: who must do it, an ablative absolute, an
 * accusative with an infinitive, an indirect question, purpose and result. What the forms leave
 * open is not named. The rules are those of school grammars (common practice).
 */
import type { NamedConstruction } from '../language-pack';
import { keyOf, plain } from './letters';
import type { LatinLexicon } from './lexicon';
import { parseForm, type Parse } from './parse-form';

export const constructionNames = [
  'passive periphrastic',
  'ablative absolute',
  'accusative with infinitive',
  'indirect question',
  'purpose',
  'result',
] as const;

export type ConstructionName = (typeof constructionNames)[number];

export interface Construction extends NamedConstruction {
  readonly name: ConstructionName;
}

interface Token {
  readonly text: string;
  readonly key: string;
  readonly start: number;
  readonly end: number;
  readonly parses: readonly Parse[];
  /** A comma or the end of the sentence stands after it. */
  readonly closes: boolean;
}

const words = (list: string) => new Set(list.split(/\s+/).map(keyOf));

/** Verbs of saying, thinking, knowing, perceiving, feeling; and those of ordering and forbidding. */
const headVerbs = words(
  `dico nego puto credo scio nescio audio video sentio intellego cognosco spero promitto polliceor respondeo nuntio
   narro arbitror existimo iudico constat iubeo veto gaudeo doleo fateor confiteor memini iuro simulo minor animadverto
   accipio trado clamo scribo ostendo demonstro comperio reperio invenio reor opinor censeo fero aio inquam certum
   apparet decet oportet patior sino cogito`,
);
/** Verbs on which a question can hang. */
const askVerbs = words(
  `rogo interrogo quaero scio nescio intellego cognosco dico video audio miror dubito narro ostendo doceo exspecto
   cogito sentio memini peto demonstro respondeo ignoro delibero experior incertus certus`,
);
/** After these an ut tells what is asked for or feared, or what happens: it is no purpose. */
const askedFor = words(
  `rogo oro impero moneo persuadeo hortor cohortor peto postulo mando suadeo precor obsecro flagito curo opto timeo
   metuo vereor paveo volo nolo malo concedo permitto edico efflagito`,
);
const happens = words('accido fio efficio evenio contingo perficio facio');
const soWords = words('tam ita sic adeo tot totiens');
/** Tantus and talis in every form. */
const soMany = /^(?:tant(?:us|a|um|i|ae|o|am|os|as|orum|arum|is)|tal(?:is|e|es|ia|em|i|ibus|ium))$/;
const questionWords = words(
  'quis quid cur ubi unde quo quomodo quando quot quantus qualis uter num utrum quare quam quamobrem quotiens',
);
const withAblative = words('a ab abs cum de e ex in prae pro sine sub');
const withAccusative = words(
  'ad adversus ante apud circa circum cis contra extra in infra inter intra iuxta ob per post praeter prope propter secundum sub super supra trans ultra versus',
);
/** Nouns that make an ablative absolute with another: with Caesar as leader. */
const partners = words(
  'dux consul rex auctor puer senex imperator praetor testis iudex invitus vivus salvus',
);

const SENTENCE = /[^.!?;:]+/g;
const WORD = /[\p{L}\p{M}]+/gu;

function tokensOf(sentence: string, from: number, lexicon: LatinLexicon): Token[] {
  return [...sentence.matchAll(WORD)].map((match) => {
    const [text] = match;
    const end = match.index + text.length;
    return {
      text,
      key: keyOf(text),
      start: from + match.index,
      end: from + end,
      parses: parseForm(text, lexicon),
      closes: /^\s*(?:[,(]|$)/.test(sentence.slice(end)),
    };
  });
}

const lemmaKey = ({ lemma }: Parse) => keyOf(plain(lemma));
const isOf = (token: Token, lemmas: ReadonlySet<string>) =>
  token.parses.some((parse) => lemmas.has(lemmaKey(parse)));
const finite = ({ mood }: Parse) => mood === 'indicative' || mood === 'subjunctive';
const isSum = (parse: Parse) => lemmaKey(parse) === keyOf('sum');
const agrees = (one: Parse, other: Parse) =>
  one.case === other.case &&
  one.number === other.number &&
  (one.gender === undefined || other.gender === undefined || one.gender === other.gender);

type Found = Omit<Construction, 'text'>;
const between = (name: ConstructionName, tokens: readonly Token[], why: string): Found => ({
  name,
  start: Math.min(...tokens.map(({ start }) => start)),
  end: Math.max(...tokens.map(({ end }) => end)),
  why,
});

/** Words apart at which two still belong together. */
const NEAR = 3;

/** A gerundive with a form of sum: what must be done. */
function periphrastic(tokens: readonly Token[]): Found[] {
  return tokens.flatMap((token, at): Found[] => {
    const gerundives = token.parses.filter(({ mood }) => mood === 'gerundive');
    if (gerundives.length === 0) return [];
    const helper = tokens.find(
      (other, place) =>
        Math.abs(place - at) <= NEAR &&
        other.parses.some(
          (parse) =>
            isSum(parse) &&
            gerundives.some((gerundive) =>
              finite(parse)
                ? gerundive.case === 'nominative' && gerundive.number === parse.number
                : parse.mood === 'infinitive' && gerundive.case === 'accusative',
            ),
        ),
    );
    return helper === undefined
      ? []
      : [
          between(
            'passive periphrastic',
            [token, helper],
            `${token.text} is a gerundive, with ${helper.text} of sum: it must be done.`,
          ),
        ];
  });
}

/** True where a preposition takes the word, or the word before it in the same phrase. */
const governed = (tokens: readonly Token[], at: number, by: ReadonlySet<string>) =>
  [1, 2].some((back) => {
    const before = tokens[at - back];
    return before !== undefined && by.has(before.key) && !before.closes;
  });

/** A name that no table has. */
const isName = ({ text, parses }: Token) => parses.length === 0 && /^\p{Lu}/u.test(text);

/** A noun and a participle that are both ablative and belong to nothing else. */
function absolute(tokens: readonly Token[]): Found[] {
  return tokens.flatMap((token, at): Found[] => {
    const name = isName(token);
    const nouns = token.parses.filter(({ partOfSpeech }) =>
      ['noun', 'pronoun'].includes(partOfSpeech),
    );
    if (nouns.length === 0 && !name) return [];
    const mate = tokens.find((other, place) => {
      if (place === at || Math.abs(place - at) > 2) return false;
      const first = Math.min(place, at);
      if (governed(tokens, first, withAblative)) return false;
      if (tokens.slice(first, Math.max(place, at)).some(({ closes }) => closes)) return false;
      // Of a name that no table has, the noun beside it says what it is: Caesare duce.
      if (name) {
        return (
          Math.abs(place - at) === 1 &&
          other.parses.some((parse) => parse.case === 'ablative' && partners.has(lemmaKey(parse)))
        );
      }
      const parts = other.parses.filter(
        (parse) =>
          (parse.mood === 'participle' && parse.tense !== 'future') ||
          (partners.has(lemmaKey(parse)) && place > at),
      );
      const together = (which: Parse['case']) =>
        parts.some((part) => part.case === which && nouns.some((noun) => agrees(noun, part)));
      if (!together('ablative') || together('accusative') || together('genitive')) return false;
      const last = tokens[Math.max(place, at)];
      // Written alike as a subject, it is none where the verb has another number.
      if (together('nominative')) {
        const number = nouns.find((noun) => noun.case === 'nominative')?.number;
        const verb = tokens.slice(Math.max(place, at)).find((each) => each.parses.some(finite));
        return (
          first === 0 &&
          last?.closes === true &&
          verb?.parses.every((parse) => !finite(parse) || parse.number !== number) === true
        );
      }
      // A dative is written alike in the plural: an absolute stands first, or before a comma.
      return !together('dative') || first === 0 || last?.closes === true;
    });
    return mate === undefined
      ? []
      : [
          between(
            'ablative absolute',
            [token, mate],
            `${token.text} and ${mate.text} are both ablative and stand apart from the rest: when or because this was so.`,
          ),
        ];
  });
}

/** True for a nominative that the verb could have as its own subject, where no other word is that. */
function couldBeSubject(token: Token, head: Token, tokens: readonly Token[]): boolean {
  const subjects = (each: Token) =>
    each.parses.filter(
      (parse) =>
        parse.case === 'nominative' &&
        parse.partOfSpeech === 'noun' &&
        head.parses.some(
          (verb) => finite(verb) && verb.person === 3 && verb.number === parse.number,
        ),
    );
  if (subjects(token).length === 0) return false;
  return !tokens.some(
    (other) =>
      other !== token &&
      subjects(other).length > 0 &&
      other.parses.every((parse) => parse.case === 'nominative' || parse.case === 'vocative'),
  );
}

/** An accusative as the subject of an infinitive, after a verb of saying, knowing or ordering. */
function accusativeInfinitive(tokens: readonly Token[]): Found[] {
  const head = tokens.find((token) =>
    token.parses.some(
      (parse) => (finite(parse) || parse.mood === 'participle') && headVerbs.has(lemmaKey(parse)),
    ),
  );
  if (head === undefined) return [];
  const infinitives = tokens.filter(
    (token) => token !== head && token.parses.some(({ mood }) => mood === 'infinitive'),
  );
  return infinitives.slice(0, 1).flatMap((infinitive): Found[] => {
    const end = tokens.indexOf(infinitive);
    const subject = tokens.find(
      (token, at) =>
        token !== head &&
        at !== end &&
        Math.abs(end - at) <= 6 &&
        token.parses.some(
          (parse) =>
            parse.case === 'accusative' && ['noun', 'pronoun'].includes(parse.partOfSpeech),
        ) &&
        !couldBeSubject(token, head, tokens) &&
        !governed(tokens, at, withAccusative),
    );
    return subject === undefined
      ? []
      : [
          between(
            'accusative with infinitive',
            [subject, infinitive],
            `After ${head.text} the subject ${subject.text} is accusative and the verb ${infinitive.text} an infinitive: that …`,
          ),
        ];
  });
}

const subjunctiveAfter = (tokens: readonly Token[], at: number) =>
  tokens.slice(at + 1).find(({ parses }) => parses.some(({ mood }) => mood === 'subjunctive'));

/** A question word with a subjunctive, hanging on a verb of asking or knowing. */
function indirectQuestion(tokens: readonly Token[]): Found[] {
  return tokens.flatMap((token, at): Found[] => {
    if (!questionWords.has(token.key) && !isOf(token, words('quis quantus qualis uter'))) return [];
    // A relative stands after its noun; a question after the verb it hangs on, or before all.
    const outside = [...tokens.slice(0, at)];
    const verb = subjunctiveAfter(tokens, at);
    if (verb === undefined) return [];
    outside.push(...tokens.slice(tokens.indexOf(verb) + 1));
    const asks = outside.find(({ parses }) =>
      parses.some((parse) => askVerbs.has(lemmaKey(parse))),
    );
    if (asks === undefined) return [];
    return [
      between(
        'indirect question',
        [token, verb],
        `${token.text} asks, and ${verb.text} is subjunctive, since the question hangs on ${asks.text}.`,
      ),
    ];
  });
}

/** Ut or ne with a subjunctive: with so before it a result, else a purpose. */
function purposeOrResult(tokens: readonly Token[]): Found[] {
  return tokens.flatMap((token, at): Found[] => {
    const negative = token.key === keyOf('ne');
    if (token.key !== keyOf('ut') && token.key !== keyOf('uti') && !negative) return [];
    const verb = subjunctiveAfter(tokens, at);
    if (verb === undefined) return [];
    const before = tokens.slice(0, at);
    const after = tokens.slice(tokens.indexOf(verb) + 1);
    const so = before.find((each) => soWords.has(each.key) || soMany.test(each.key));
    const outer = [...before, ...after];
    if (!negative && (so !== undefined || outer.some((each) => isOf(each, happens)))) {
      const shown = so === undefined ? 'what happens' : so.text;
      return [
        between(
          'result',
          [token, verb],
          `${shown} … ${token.text} with the subjunctive ${verb.text}: so that it follows.`,
        ),
      ];
    }
    if (outer.some((each) => isOf(each, askedFor))) return [];
    return [
      between(
        'purpose',
        [token, verb],
        `${token.text} with the subjunctive ${verb.text} says what it is done for${negative ? ': so that not' : ''}.`,
      ),
    ];
  });
}

/** The constructions of a text in the order they stand in; each with the words that show it. */
export function findConstructions(text: string, lexicon: LatinLexicon): Construction[] {
  return [...text.matchAll(SENTENCE)]
    .flatMap((match) => {
      const tokens = tokensOf(match[0], match.index, lexicon);
      return [
        ...periphrastic(tokens),
        ...absolute(tokens),
        ...accusativeInfinitive(tokens),
        ...indirectQuestion(tokens),
        ...purposeOrResult(tokens),
      ];
    })
    .sort((one, other) => one.start - other.start)
    .filter(
      (found, index, all) =>
        all.findIndex(
          ({ name, start, end }) => name === found.name && start <= found.start && end >= found.end,
        ) === index,
    )
    .map((found) => ({ ...found, text: text.slice(found.start, found.end) }));
}
