/** Prices: three pounds fifty, four dollars and ninety-nine cents. */
import { cardinals, distinct } from './cardinals';
import { between, plainDigits, WHOLE, type NumberKind } from './number-kind';
import { numberReadings } from './plain-numbers';

interface Currency {
  readonly one: string;
  readonly many: string;
  /** The hundredth part; none where there is none in use. */
  readonly part?: readonly [one: string, many: string];
}

const currencies: Readonly<Record<string, Currency>> = {
  '£': { one: 'pound', many: 'pounds', part: ['penny', 'pence'] },
  $: { one: 'dollar', many: 'dollars', part: ['cent', 'cents'] },
  '€': { one: 'euro', many: 'euros', part: ['cent', 'cents'] },
  '¥': { one: 'yen', many: 'yen' },
  '₹': { one: 'rupee', many: 'rupees', part: ['paisa', 'paise'] },
};

const price = new RegExp(`^([£$€¥₹]) ?(${WHOLE})(?:\\.(\\d\\d))?$`, 'u');
const millions = /^([£$€¥₹]) ?(\d+(?:\.\d+)?) ?(thousand|million|billion)$/;
const small = /^(\d{1,2}) ?(p|¢|c)$/;

export const money: NumberKind = {
  name: 'money',
  read(text, variety) {
    const coins = small.exec(text);
    if (coins) {
      const [one, many] = coins[2] === 'p' ? ['penny', 'pence'] : ['cent', 'cents'];
      const count = Number(coins[1]);
      return distinct(
        cardinals(count, variety).flatMap((said) => [
          `${said} ${count === 1 ? one : many}`,
          ...(coins[2] === 'p' ? [`${said} p`] : []),
        ]),
      );
    }
    const large = millions.exec(text);
    if (large) {
      const { many } = currencies[large[1] ?? ''] as Currency;
      return numberReadings(large[2] ?? '', variety)?.map(
        (said) => `${said} ${large[3] ?? ''} ${many}`,
      );
    }
    const [, sign = '', digits = '', after] = price.exec(text) ?? [];
    const currency = currencies[sign];
    if (currency === undefined) return undefined;
    const whole = Number(plainDigits(digits));
    const parts = Number(after ?? 0);
    if (parts > 0 && currency.part === undefined) return undefined;
    const units = cardinals(whole, variety).map(
      (said) => `${said} ${whole === 1 ? currency.one : currency.many}`,
    );
    const single = whole === 1 ? [`a ${currency.one}`] : [];
    if (parts === 0) return distinct([...units, ...single]);
    const [penny, pence] = currency.part as readonly [string, string];
    const coin = cardinals(parts, variety).map((said) => `${said} ${parts === 1 ? penny : pence}`);
    if (whole === 0) return distinct(coin);
    const bare = parts > 9 ? cardinals(parts, variety) : [];
    const short = cardinals(whole, variety).flatMap((head) =>
      bare.map((said) => `${head} ${said}`),
    );
    const joined = units.flatMap((head) => coin.map((said) => `${head} and ${said}`));
    const run = units.flatMap((head) => [
      ...bare.map((said) => `${head} ${said}`),
      ...coin.map((said) => `${head} ${said}`),
    ]);
    return distinct(
      variety === 'uk' ? [...run, ...joined, ...short] : [...joined, ...run, ...short],
    );
  },
  rule: (text) =>
    small.test(text)
      ? text.endsWith('p')
        ? 'The p is said “pence”; one is a penny.'
        : 'The sign is said “cents”; one is a cent.'
      : /\.(?!00)\d\d$/.test(text)
        ? 'Say the pounds or dollars, then the pence or cents; the sign comes first on paper and later in speech.'
        : 'The sign comes first on paper, and is said after the number.',
  sample(random, variety) {
    const sign = variety === 'us' ? '$' : random.next() < 0.75 ? '£' : '€';
    const kind = random.next();
    if (kind < 0.15) return `${between(random, 2, 99)}${variety === 'us' ? '¢' : 'p'}`;
    if (kind < 0.4) return `${sign}${between(random, 2, 4000).toLocaleString('en')}`;
    return `${sign}${between(random, 1, 60)}.${String(between(random, 10, 99))}`;
  },
};
