/** Whole numbers as English words; digits after a point are read one by one (common practice). */
const ones =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const tens = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const powers = [
  [1e9, 'billion'],
  [1e6, 'million'],
  [1e3, 'thousand'],
  [100, 'hundred'],
] as const;

function below(number: number): string[] {
  if (number < 20) return [ones[number] ?? ''];
  if (number < 100) {
    const unit = number % 10;
    return [tens[Math.floor(number / 10)] ?? '', ...(unit === 0 ? [] : [ones[unit] ?? ''])];
  }
  const [size, name] = powers.find(([power]) => number >= power) ?? [100, 'hundred'];
  const rest = number % size;
  return [...below(Math.floor(number / size)), name, ...(rest === 0 ? [] : below(rest))];
}

/** A whole number up to 999,999,999,999. */
export function numberWords(number: number): string[] {
  return below(number);
}

/** How a run of digits is said: a year in pairs, a decimal digit by digit after the point, a clock time. */
export function digitsAsWords(digits: string): string[] {
  const plain = digits.replaceAll(',', '');
  const time = /^(\d{1,2}):(\d\d)$/.exec(plain);
  if (time) {
    const minutes = Number(time[2]);
    return [...below(Number(time[1])), ...(minutes === 0 ? [] : below(minutes))];
  }
  const decimal = /^(\d+)\.(\d+)$/.exec(plain);
  if (decimal) {
    return [
      ...below(Number(decimal[1])),
      'point',
      ...[...(decimal[2] ?? '')].map((digit) => ones[Number(digit)] ?? ''),
    ];
  }
  if (!/^\d{1,12}$/.test(plain))
    return [...plain.replace(/\D/g, '')].map((digit) => ones[Number(digit)] ?? '');
  const number = Number(plain);
  const isYear = plain.length === 4 && plain === digits && number >= 1100 && number < 2100;
  if (isYear && Math.floor(number / 10) !== 200) {
    const [century, rest] = [Math.floor(number / 100), number % 100];
    if (rest === 0) return [...below(century), 'hundred'];
    return [...below(century), ...(rest < 10 ? ['oh'] : []), ...below(rest)];
  }
  return below(number);
}
