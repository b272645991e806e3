import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../testing/test-lexicon';
import { inferencesOf } from './inference';
import { openPassage } from './passage';
import { completeMaterial } from './text-material';

const lexicon = testLexicon();
const shown = (body: string) =>
  inferencesOf(openPassage(completeMaterial(body), lexicon), lexicon).map(({ answer }) => answer);

describe('what a text shows without saying it', () => {
  test.each([
    ['Bram found the lid. Bram smiled.', /happy/],
    ['Asha lost the log book. Asha sobbed in the hut.', /sad/],
    ['On Sunday the sky grew very dark.', /rain|storm/],
    ['At noon dark clouds came over the hill.', /rain|storm/],
  ])('%s', (body, tells) => {
    expect(shown(body).some((answer) => tells.test(answer))).toBe(true);
  });

  test.each([
    ['On Saturday the sky was clear.', /rain|storm/],
    ['His grandmother wept with joy in the front row.', /sad/],
    ['The baker laughed at it every morning.', /friendly/],
    ['Bram was happy and smiled.', /happy/], // it is said
  ])('not of: %s', (body, wrong) => {
    expect(shown(body).filter((answer) => wrong.test(answer))).toEqual([]);
  });
});
