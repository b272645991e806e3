import { grammarMaker } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';
import { read, sentences } from '../making/parameters';

/** Numbers with units written as they are read aloud. */
export default grammarMaker({
  id: 'number-readings',
  name: 'Read numbers and measures',
  description: '3.7 mm, −4 °C, 12 km/h: written as they are read aloud.',
  interaction: 'write',
  sentences: 'own',
  needs: 'measures, one a line, or none: the weather station has its own',
  fewest: 3,
  title: 'How do you read it?',
  instruction: 'Write each measure in words, as you read it aloud.',
  make({ parameters, random, wanted, pack: { inWords = (measure: string) => measure } }) {
    const own = read({ sentences: sentences() }, parameters).sentences ?? [];
    const pick = (most: number) => Math.floor(random.next() * most);
    const made = random.shuffle([
      `${1 + pick(30)}.${1 + pick(9)} mm`,
      '1 mm',
      '0 °C',
      `−${2 + pick(15)} °C`,
      `${11 + pick(25)} °C`,
      `${15 + pick(80)} km/h`,
      `0.${1 + pick(9)} m`,
      `${985 + pick(14)} hPa`,
      `1,0${10 + pick(20)} hPa`,
      `${2 + pick(40)} %`,
      '1 km',
      `${2 + pick(20)}.${pick(10)}${1 + pick(9)} kg`,
      `${2 + pick(50)} min`,
      `${105 + pick(800)} m`,
    ]);
    const notes: string[] = [];
    const items = (own.length > 0 ? own : made)
      .slice(0, Math.max(wanted, own.length))
      .flatMap((measure): GivenItem[] => {
        try {
          const answer = inWords(measure, 'uk');
          const american = inWords(measure, 'us');
          const plainer = [answer, american].flatMap((one) => [
            one,
            one.replaceAll('-', ' '),
            one.replace(/^zero point/, 'nought point'),
            one.replace(/\bone hundred/, 'a hundred'),
            one.replace(/\bone thousand/, 'a thousand'),
            one.replace('per cent', 'percent'),
          ]);
          const decimal = measure.includes('.');
          return [
            {
              word: measure,
              prompt: measure,
              answer,
              accepted: [...new Set(plainer)].filter((one) => one !== answer),
              lines: answer.length > 40 ? 2 : 1,
              reason: decimal
                ? 'Digits after the point are read one by one; the unit is plural.'
                : /^1\s/.test(measure)
                  ? 'Exactly one: the unit is singular.'
                  : 'The unit is plural.',
            },
          ];
        } catch (error) {
          notes.push((error as Error).message);
          return [];
        }
      });
    return { notes, ...written(items.slice(0, own.length > 0 ? own.length : wanted)) };
  },
});
