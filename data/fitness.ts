/** Which words may reach a class: the shipped filter of names, stubs, slang and words unfit for a classroom. */
import { readFileSync } from 'node:fs';
import american from 'dictionary-en';
import british from 'dictionary-en-gb';
import nspell from 'nspell';
import naughty from 'naughty-words';
import { isGapWord } from './gap-words';
import { headwords } from './wordbook';

function entries(file: string): string[] {
  return readFileSync(new URL(file, import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => !line.startsWith('#'))
    .flatMap((line) => line.split(/\s+/))
    .filter((word) => word !== '');
}

/** Stubs that splitting contractions leaves behind, letter names, abbreviations, sounds people make, and slang. */
const stubs = new Set(
  `don re ve ll haven isn didn doesn wasn aren couldn wouldn shouldn hadn hasn weren ain mustn needn
   em ar es ef el en ex aitch ay bee cee dee eff ess gee jay kay pee cue tee vee wye zed
   mr mrs ms dr st vs etc pm am cc lb lbs mph km mm cm kg mg ml oz ft ad dc tv cd pc id ok abs ba sirs se im co ed
   vi ca ab om com moi git mil mic val inc org lac rec gov rev pol duh ism sci och cos mos dos sen lib lei jun nee
   uh um umm hm hmm mm mmm er ah aha huh shh sh psst ow ugh aw gah eh yo ha hey ho heh yay hah tut pah oi
   gonna wanna gotta cuz ya yeah yep nope nah kinda sorta lemme gimme outta ain ma pa mama papa da mo doc sis bro yup
   ta ti ra la fa mi sol di mu nu pi phi psi tau xi chi rho eta ne mot mom`.split(/\s+/),
);
stubs.delete('bee');
stubs.delete('jay');
stubs.delete('cue');
stubs.delete('tee');
stubs.delete('mom');
stubs.delete('pi');
stubs.delete('hey');
stubs.delete('id');
stubs.delete('am');

/** Capitalised entries that are not names of persons, places or brands. */
const capitalised = new Set(
  `I Monday Tuesday Wednesday Thursday Friday Saturday Sunday January February March April May June July August
   September October November December English French Spanish German Italian Russian Japanese Chinese Latin Greek
   Portuguese Arabic American British European African Asian Indian Christmas Easter Earth`.split(
    /\s+/,
  ),
);

/** Names that a spelling dictionary also knows as rare words; a class meets them as names. */
const chieflyNames = new Set(
  `mike jimmy bobby billy sally tony peter harry nick pat sue bob tom ted max tommy mickey kitty al ben sam alec abe
   andy angus annie archie barbie barney basil beau bert bertha betty beth biff brad brett buck burt buster carol carry
   chad charlie charlotte chester christie claire clark clementine colin connie cooper corey dale dan dana darby davy
   dean deb della dexter dinah dolly dom don donna doris dorothy drew duke duncan earl eddy ellen elle emma eric erica
   ernie ethan evan fay faye flo floyd fran frank fred freda gary gene george georgette gill gloria gordon graham greg
   guy hank hans harper harvey hector helen henry homer hugh ian irving jack jackie jacques jake jane jasper jay
   jean jeff jemmy jenny jerry jess jesse jill jimmy jo joe joey johnny josh joy juan jude julep june ken kelly kent
   kirk kris lacy lance lara larry lars lea lee len lena lenny leo leon les levi lewis liz lois lola lou louis louise
   luke lulu lyle lynn mae maggie mandy marc marcel maria marge marsh martin marty mary matilda matt maud maude max
   maxwell may meg mel melba merle mia michael mickey mike milo miles mitch mo moll molly mona morgan morris morse nan
   nancy nat ned nell nelson newton nicky nicole nina noel norm norma nora norman olive oliver otto paris parker paul
   pedro peg peggy penny perry pete phil polly rachel ralph randy ray reg reggie rex rhea rhoda rick ricky riley rita
   rob robert robin rod rodney roger roland ron roman romeo ronnie rory ross roy ruth ruby russell rusty sadie sal sandy
   sarah saul scott sean seth shane shaw sheila shelly sherman shirley sid simon sol sonny sophie stan stella steve
   stu sully susan sven ta tamara tammy tate taylor teddy terry tess tex thea theresa thomas tim timmy timothy tina
   toby todd tracy trey tyler vance vernon vic victor victoria vinny wade wallace walter wanda ward warren watt webb
   wesley wilder will willard willie willy winston wright zelda`.split(/\s+/),
);
for (const ordinary of 'carry may joy june olive penny robin ruby rusty sandy ward will wade guy jay ray frank buck basil dean drew duke earl lance miles parker randy roman sadie sonny taylor wallace marsh mark rob nick homer roger cooper dale'.split(
  ' ',
)) {
  chieflyNames.delete(ordinary);
}
chieflyNames
  .add('sadie')
  .add('wallace')
  .add('taylor')
  .add('homer')
  .add('roger')
  .add('cooper')
  .add('parker');

/** The age from which each word may stand on a sheet by chance, as read through by hand; Infinity for never. */
export const fromAges: ReadonlyMap<string, number> = new Map(
  readFileSync(new URL('./unfit.tsv', import.meta.url), 'utf8')
    .split('\n')
    .slice(1)
    .filter((line) => line !== '')
    .map((line) => {
      const [word = '', from = ''] = line.split('\t');
      return [word, from === 'never' ? Infinity : Number(from)];
    }),
);

const unfitBases = entries('./unfit-words.txt').filter((entry) => !entry.startsWith('='));
const unfitForms = new Set([
  ...entries('./unfit-words.txt')
    .filter((entry) => entry.startsWith('='))
    .map((entry) => entry.slice(1)),
  ...naughty.en,
]);

for (const base of unfitBases) {
  const last = base.slice(-1);
  const stem = base.replace(/e$/, '');
  for (const form of ['', 's', 'es', 'ed', 'd', 'ing']) unfitForms.add(base + form);
  for (const form of ['ed', 'ing']) unfitForms.add(stem + form).add(base + last + form);
}

const insults = new Set(naughty.en.filter((entry) => !entry.includes(' ')));

/** True for a text that has one of the words of the naughty-words package in it. */
export function isInsult(text: string): boolean {
  return text
    .toLowerCase()
    .split(/[^a-z']+/)
    .some((word) => insults.has(word));
}

/** Every unfit form, for the hashes that pseudowords are checked against. */
export const allUnfit: ReadonlySet<string> = new Set([
  ...unfitForms,
  ...[...fromAges].flatMap(([word, from]) => (from === Infinity ? [word] : [])),
]);

/** Words of the spelling dictionaries as they are listed, without their inflections. */
export const dictionaryWords: readonly string[] = [american, british].flatMap(({ dic }) =>
  new TextDecoder()
    .decode(dic)
    .split('\n')
    .slice(1)
    .map((line) => (line.split('/')[0] ?? '').trim())
    .filter((word) => /^[A-Za-z]+$/.test(word)),
);

const spellers = [nspell(american), nspell(british)];

/** True for a word that no class is ever offered; what was read by hand counts before the lists. */
export function isUnfit(word: string): boolean {
  const plain = word.toLowerCase();
  const read = fromAges.get(plain);
  if (read !== undefined) return read === Infinity;
  if (headwords.has(word) || isGapWord.has(plain)) return false;
  return unfitForms.has(plain);
}

/**
 * The word of an entry as it is spelled in the middle of a sentence. The list
 * gives a word its most frequent capitals, so hail, clay and gale stand there as
 * names; they are ordinary words all the same.
 */
export function spellInSentence(entry: string): string {
  return capitalised.has(entry) ? entry : entry.toLowerCase();
}

/**
 * Whether an entry of the frequency list is an ordinary word: spelled in lower
 * case in a spelling dictionary, or one of the few capitalised words every class
 * needs, with a vowel letter, and no stub or slang.
 */
export function isOrdinaryWord(entry: string): boolean {
  if (chieflyNames.has(entry.toLowerCase())) return false;
  if (/^[A-Z]/.test(entry)) return capitalised.has(entry);
  if (stubs.has(entry) || !/^[a-z]+('[a-z]+)?$/.test(entry)) return false;
  if (!/[aeiouy]/.test(entry)) return false;
  if (entry.length === 1) return entry === 'a';
  return spellers.some((speller) => speller.correct(entry));
}
