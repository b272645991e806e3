/**
 * Contractions of Portuguese, Spanish, French and Italian: a preposition and an article or a pronoun
 * written as one word, with what they are made of. The tables are those of any school grammar.
 */
import type { Span } from '../../kernel/span';

export const contractingLanguages = ['pt', 'es', 'fr', 'it'] as const;
export type ContractingLanguage = (typeof contractingLanguages)[number];

export interface FoundContraction extends Span {
  readonly text: string;
  /** What it is made of: de + o. */
  readonly of: readonly [string, string];
  /** False where the same letters can be another word: a person should look. */
  readonly sure: boolean;
}

type Pair = readonly [string, string];

const pairs = (text: string): ReadonlyMap<string, Pair> =>
  new Map(
    text
      .trim()
      .split(/\s*;\s*/)
      .map((line) => {
        const [form = '', first = '', second = ''] = line.split(/\s*[=+]\s*/);
        return [form, [first, second]] as const;
      }),
  );

/** A preposition with each of a row of words: forms side by side with what they stand for. */
const row = (preposition: string, forms: string, words: string) => {
  const all = words.split(' ');
  return forms
    .split(' ')
    .map((form, at) => `${form}=${preposition}+${all[at] ?? ''}`)
    .join(';');
};

const demonstratives =
  'este esta estes estas isto esse essa esses essas isso aquele aquela aqueles aquelas aquilo';

const tables: Readonly<Record<ContractingLanguage, ReadonlyMap<string, Pair>>> = {
  pt: pairs(
    [
      row('de', 'do da dos das dum duma duns dumas', 'o a os as um uma uns umas'),
      row('em', 'no na nos nas num numa nuns numas', 'o a os as um uma uns umas'),
      row('a', 'ao à aos às', 'o a os as'),
      row('por', 'pelo pela pelos pelas', 'o a os as'),
      row('de', 'dele dela deles delas', 'ele ela eles elas'),
      row('em', 'nele nela neles nelas', 'ele ela eles elas'),
      row(
        'de',
        'deste desta destes destas disto desse dessa desses dessas disso daquele daquela daqueles daquelas daquilo',
        demonstratives,
      ),
      row(
        'em',
        'neste nesta nestes nestas nisto nesse nessa nesses nessas nisso naquele naquela naqueles naquelas naquilo',
        demonstratives,
      ),
      row('a', 'àquele àquela àqueles àquelas àquilo', 'aquele aquela aqueles aquelas aquilo'),
      row(
        'de',
        'daqui daí dali doutro doutra doutros doutras',
        'aqui aí ali outro outra outros outras',
      ),
      row('em', 'noutro noutra noutros noutras', 'outro outra outros outras'),
      row('de', 'dalguém dalgum dalguma', 'alguém algum alguma'),
      'aonde=a+onde;donde=de+onde;dentre=de+entre',
      'comigo=com+mim;contigo=com+ti;consigo=com+si;conosco=com+nós;connosco=com+nós;convosco=com+vós',
      'pra=para+a;pro=para+o;pras=para+as;pros=para+os',
    ].join(';'),
  ),
  es: pairs('al=a+el;del=de+el;conmigo=con+mí;contigo=con+ti;consigo=con+sí'),
  fr: pairs(
    'au=à+le;aux=à+les;du=de+le;des=de+les;auquel=à+lequel;auxquels=à+lesquels;auxquelles=à+lesquelles;duquel=de+lequel;desquels=de+lesquels;desquelles=de+lesquelles',
  ),
  it: pairs(
    [
      ['di', 'del dello della dei degli delle'],
      ['a', 'al allo alla ai agli alle'],
      ['da', 'dal dallo dalla dai dagli dalle'],
      ['in', 'nel nello nella nei negli nelle'],
      ['su', 'sul sullo sulla sui sugli sulle'],
    ]
      .map(([preposition = '', forms = '']) => row(preposition, forms, 'il lo la i gli le'))
      .join(';') + ';col=con+il;coi=con+i',
  ),
};

/** Italian before a vowel: dell’, all’, dall’, nell’, sull’. */
const elided: ReadonlyMap<string, Pair> = pairs(
  "dell'=di+l';all'=a+l';dall'=da+l';nell'=in+l';sull'=su+l'",
);

interface Place {
  readonly word: string;
  readonly before: string;
  readonly after: string;
  /** A hyphen stands before it. */
  readonly joined: boolean;
}

/** Words of Portuguese that end in s and are verbs of the first person plural: nos vemos. */
const firstPlural = /(?:amos|emos|imos|omos|ámos)$/;
const isPlural = (word: string) => /s$/.test(word) && !firstPlural.test(word);

/** After these French words du and des are de with an article; elsewhere they may be articles of their own. */
const takesDe =
  /^(?:près|loin|autour|hors|lors|côté|bas|haut|milieu|fin|début|bord|centre|partir|cause|dessus|dessous|long|fond|bout|pied|lieu|tout|plein|pleine|couvert|couverte)$/;
const partitiveAfter =
  /^(?:mange|manges|mangent|mangeons|mangez|manger|mangé|boit|bois|boivent|boire|bu|achète|achètes|achètent|acheter|acheté|veut|veux|veulent|voudrais|prend|prends|prennent|prendre|pris|a|ai|as|ont|avons|avez|avait|avaient|fait|fais|font|faire|est|sont|c'est|avec|sans|pour|dans|par|sur|voit|vois|voient|voir|vu|trouve|trouvent|et|ou|il|y|donne|donnent|tombe|tombent|met|mettent|cherche|cherchent)$/;

/** True where the letters are this contraction; undefined where they can be another word. */
function judge(
  language: ContractingLanguage,
  { word, before, after, joined }: Place,
): boolean | undefined {
  if (language === 'pt') {
    // Viram-no, deu-nos: a pronoun behind its verb.
    if (joined && /^(?:no|na|nos|nas)$/.test(word)) return false;
    if (word === 'nos') return isPlural(after);
    // Consigo ver: I can.
    if (word === 'consigo')
      return /(?:ar|er|ir|por|pôr)$/.test(after) || after === '' ? false : undefined;
    if (/^(?:pra|pro|pras|pros)$/.test(word)) return true;
    if (/^(?:pelo|pelos)$/.test(word) && /^(?:o|os|um|uns|meu|seu|de|do|com)$/.test(before))
      return undefined;
    if (word === 'deste' && /^tu$/.test(before)) return false;
    return true;
  }
  if (language === 'fr' && (word === 'du' || word === 'des')) {
    if (before === '' || partitiveAfter.test(before)) return false;
    if (takesDe.test(before)) return true;
    return word === 'du' ? true : undefined;
  }
  if (language === 'it' && /^(?:dei|degli|delle|del|dello|della)$/.test(word))
    return before === '' ? false : true;
  return true;
}

const straight = (text: string) => text.replaceAll('’', "'");

/** A capital within a sentence makes el a part of a name: de El Salvador, a El Greco stay two words. */
const inName = (language: ContractingLanguage, text: string) =>
  language === 'es' && /^[AD]/.test(text) && text !== 'Al' && text !== 'Del';

/** Every contraction of a text, in order. */
export function findContractions(text: string, language: ContractingLanguage): FoundContraction[] {
  const table = tables[language];
  const spans = [...text.matchAll(/[\p{L}\p{M}]+(?:['’][\p{L}\p{M}]+)?/gu)].map(
    ({ index, 0: word }): Span => ({ start: index, end: index + word.length }),
  );
  const wordAt = (index: number) => {
    const span = spans[index];
    return span === undefined ? '' : straight(text.slice(span.start, span.end)).toLowerCase();
  };
  // A sentence ends between two words: what stands before it says nothing.
  const endsBetween = (left: number, right: number) => {
    const [one, two] = [spans[left], spans[right]];
    return (
      one === undefined || two === undefined || /[.!?…;:]/.test(text.slice(one.end, two.start))
    );
  };
  return spans.flatMap((span, index): FoundContraction[] => {
    const shown = text.slice(span.start, span.end);
    const word = wordAt(index);
    if (language === 'it') {
      const head = /^(?:dell|all|dall|nell|sull)'(?=.)/.exec(word)?.[0];
      const of = head === undefined ? undefined : elided.get(head);
      if (head !== undefined && of) {
        return [
          {
            start: span.start,
            end: span.start + head.length,
            text: shown.slice(0, head.length),
            of,
            sure: true,
          },
        ];
      }
    }
    const of = table.get(word);
    if (of === undefined || inName(language, shown)) return [];
    const is = judge(language, {
      word,
      before: endsBetween(index - 1, index) ? '' : wordAt(index - 1),
      after: endsBetween(index, index + 1) ? '' : wordAt(index + 1),
      joined: text[span.start - 1] === '-',
    });
    return is === false ? [] : [{ ...span, text: shown, of, sure: is === true }];
  });
}
