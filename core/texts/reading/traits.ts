/** What an act shows of whoever does it: a small table of common knowledge, for model answers. */
interface TraitSign {
  readonly shows: RegExp;
  readonly traits: readonly string[];
  readonly because: string;
}

const sign = (source: string, traits: string, because: string): TraitSign => ({
  shows: new RegExp(`\\b(?:${source})\\b`, 'iu'),
  traits: traits.split(', '),
  because,
});

const signs: readonly TraitSign[] = [
  sign(
    'saved|rescued|dived in|ran into|climbed (?:up|down|onto|over)|stood up to|faced',
    'brave',
    'It was hard or dangerous, and was done all the same.',
  ),
  sign(
    'gave|shared|lent|offered|brought|bought (?:him|her|them)|fetched|left some',
    'generous, helpful',
    'Somebody else got it.',
  ),
  sign(
    'helped|carried .{1,30} for|looked after|cared for|warmed|fed|comforted|protected|listened to',
    'kind, caring',
    'It was done for somebody else.',
  ),
  sign('thanked|said thank you|said please|bowed', 'polite, grateful', 'Thanks were given.'),
  sign(
    'tried again|again and again|did not give up|didn’t give up|never gave up|kept (?:on )?\\p{L}+ing|went on \\p{L}+ing|until (?:he|she|it|they) (?:could|had|was)',
    'determined, patient',
    'It was not given up.',
  ),
  sign(
    'every (?:day|evening|morning|night|week)|practi[sc]ed|studied|worked (?:hard|all|until|late)|up at (?:four|five|six)',
    'hard-working',
    'It takes a lot of work or time.',
  ),
  sign(
    'carefully|slowly and|step by step|checked|measured|wrote (?:down|it)|counted',
    'careful',
    'Care was taken.',
  ),
  sign(
    'asked|wondered|wanted to (?:know|see|find)|looked (?:into|inside|through)|explored|opened the',
    'curious',
    'There was something to find out.',
  ),
  sign(
    'mended|repaired|built|made|invented|fixed|designed',
    'clever with (?:his|her) hands, practical',
    'It was made or mended.',
  ),
  sign('waited|sat still|stayed', 'patient', 'It took time.'),
  sign(
    'apologi[sz]ed|said sorry|admitted|told the truth|owned up|gave (?:it )?back',
    'honest',
    'The truth was told, though it was hard.',
  ),
  sign('laughed|joked|sang|whistled|danced|grinned', 'cheerful', 'It shows good spirits.'),
  sign(
    'shouted|slammed|stamped|snapped|pushed|grabbed',
    'hot-tempered, impatient',
    'It was done in anger or haste.',
  ),
  sign('hid|trembled|would not|dared not|stepped back', 'timid, shy', 'Somebody kept away.'),
  sign(
    'promised|kept (?:his|her|their) (?:word|promise)|came back|returned',
    'reliable',
    'What was promised was done.',
  ),
  sign('planned|packed|prepared|got ready', 'well prepared', 'It was thought of before.'),
  sign('refused|argued|complained', 'stubborn, strong-willed', 'Somebody said no.'),
];

export interface ShownTrait {
  readonly traits: string;
  readonly because: string;
  /** The words of the line that show it. */
  readonly shows: string;
}

/** What a line shows of its subject; undefined where the table knows nothing. */
export function traitShown(line: string): ShownTrait | undefined {
  for (const { shows, traits, because } of signs) {
    const found = shows.exec(line)?.[0];
    if (found) {
      const said = traits.map((trait) => trait.replace(' with (?:his|her) hands', ''));
      return { traits: said.join(', '), because, shows: found };
    }
  }
  return undefined;
}
