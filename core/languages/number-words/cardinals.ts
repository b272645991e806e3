/**
 * Whole numbers in words, below a milliard: French, Spanish, Italian and Portuguese as their school
 * grammars have them, from memory. All accepted spellings, the preferred first.
 */

/** In words, all accepted spellings; `before` a masculine noun where that changes it: veintiún grados. */
export type Cardinals = (value: number, before?: 'noun') => readonly string[];

export const MOST = 999_999_999;

const distinct = (all: readonly string[]) => [...new Set(all)];

// French

const frUnits =
  'zéro un deux trois quatre cinq six sept huit neuf dix onze douze treize quatorze quinze seize dix-sept dix-huit dix-neuf'.split(
    ' ',
  );
const frTens = ' dix vingt trente quarante cinquante soixante'.split(' ');

/** Below a hundred, as before the reform of 1990: vingt et un, quatre-vingts. */
function frenchBelowHundred(value: number): string {
  if (value < 20) return frUnits[value] ?? '';
  if (value < 70) {
    const tens = frTens[Math.floor(value / 10)] ?? '';
    const unit = value % 10;
    return unit === 0 ? tens : unit === 1 ? `${tens} et un` : `${tens}-${frUnits[unit]}`;
  }
  if (value < 80) {
    return value === 71 ? 'soixante et onze' : `soixante-${frUnits[value - 60]}`;
  }
  return value === 80 ? 'quatre-vingts' : `quatre-vingt-${frUnits[value - 80]}`;
}

function frenchBelowThousand(value: number): string {
  const hundreds = Math.floor(value / 100);
  const rest = value % 100;
  if (hundreds === 0) return frenchBelowHundred(rest);
  const many = hundreds === 1 ? 'cent' : `${frUnits[hundreds]} cent`;
  return rest === 0 ? `${many}${hundreds > 1 ? 's' : ''}` : `${many} ${frenchBelowHundred(rest)}`;
}

function frenchWhole(value: number): string {
  const millions = Math.floor(value / 1_000_000);
  const thousands = Math.floor(value / 1000) % 1000;
  const rest = value % 1000;
  // Before mille, cent and vingt lose their s; before million they keep it.
  const parts = [
    ...(millions > 0 ? [`${frenchBelowThousand(millions)} million${millions > 1 ? 's' : ''}`] : []),
    ...(thousands > 0
      ? [
          thousands === 1
            ? 'mille'
            : `${frenchBelowThousand(thousands).replace(/(cent|vingt)s$/u, '$1')} mille`,
        ]
      : []),
    ...(rest > 0 || value === 0 ? [frenchBelowThousand(rest)] : []),
  ];
  return parts.join(' ');
}

export const frenchCardinals: Cardinals = (value) => {
  const usual = frenchWhole(value);
  // With the reform all parts are joined by hyphens, but for million.
  const joined = usual.replace(/(?<!millions?) (?!millions?)/gu, '-');
  return distinct([usual, joined]);
};

// Spanish

const esUnits =
  'cero uno dos tres cuatro cinco seis siete ocho nueve diez once doce trece catorce quince dieciséis diecisiete dieciocho diecinueve veinte veintiuno veintidós veintitrés veinticuatro veinticinco veintiséis veintisiete veintiocho veintinueve'.split(
    ' ',
  );
const esTens = '   treinta cuarenta cincuenta sesenta setenta ochenta noventa'.split(' ');
const esHundreds =
  ' ciento doscientos trescientos cuatrocientos quinientos seiscientos setecientos ochocientos novecientos'.split(
    ' ',
  );

function spanishBelowThousand(value: number): string {
  const hundreds = Math.floor(value / 100);
  const rest = value % 100;
  const tens =
    rest < 30
      ? (esUnits[rest] ?? '')
      : `${esTens[Math.floor(rest / 10)]}${rest % 10 === 0 ? '' : ` y ${esUnits[rest % 10]}`}`;
  if (hundreds === 0) return tens;
  if (value === 100) return 'cien';
  return rest === 0 ? (esHundreds[hundreds] ?? '') : `${esHundreds[hundreds]} ${tens}`;
}

/** Uno loses its o before a noun and before mil: veintiún mil. */
const shortened = (words: string) =>
  words.replace(/veintiuno$/u, 'veintiún').replace(/\buno$/u, 'un');

export const spanishCardinals: Cardinals = (value, before) => {
  const millions = Math.floor(value / 1_000_000);
  const thousands = Math.floor(value / 1000) % 1000;
  const rest = value % 1000;
  const words = [
    ...(millions > 0
      ? [millions === 1 ? 'un millón' : `${shortened(spanishBelowThousand(millions))} millones`]
      : []),
    ...(thousands > 0
      ? [thousands === 1 ? 'mil' : `${shortened(spanishBelowThousand(thousands))} mil`]
      : []),
    ...(rest > 0 || value === 0 ? [spanishBelowThousand(rest)] : []),
  ].join(' ');
  return [before === 'noun' ? shortened(words) : words];
};

// Italian

const itUnits =
  'zero uno due tre quattro cinque sei sette otto nove dieci undici dodici tredici quattordici quindici sedici diciassette diciotto diciannove'.split(
    ' ',
  );
const itTens = '  venti trenta quaranta cinquanta sessanta settanta ottanta novanta'.split(' ');

function italianBelowHundred(value: number): string {
  if (value < 20) return itUnits[value] ?? '';
  const tens = itTens[Math.floor(value / 10)] ?? '';
  const unit = value % 10;
  if (unit === 0) return tens;
  // Ventuno and ventotto lose the last vowel of the ten; ventitré bears an accent.
  const stem = unit === 1 || unit === 8 ? tens.slice(0, -1) : tens;
  return `${stem}${unit === 3 ? 'tré' : itUnits[unit]}`;
}

function italianBelowThousand(value: number): string[] {
  const hundreds = Math.floor(value / 100);
  const rest = value % 100;
  if (hundreds === 0) return [italianBelowHundred(rest)];
  const many = hundreds === 1 ? 'cento' : `${itUnits[hundreds]}cento`;
  if (rest === 0) return [many];
  const end = rest === 3 ? 'tré' : italianBelowHundred(rest);
  const whole = `${many}${end}`;
  // Centottanta stands beside centoottanta, centuno beside centouno.
  return /^(?:otto|ottanta|ottant)/u.test(end) ? [`${many.slice(0, -1)}${end}`, whole] : [whole];
}

export const italianCardinals: Cardinals = (value, before) => {
  const millions = Math.floor(value / 1_000_000);
  const thousands = Math.floor(value / 1000) % 1000;
  const rest = value % 1000;
  const last = rest > 0 || value === 0 ? italianBelowThousand(rest) : [''];
  const high =
    thousands === 0
      ? ['']
      : thousands === 1
        ? ['mille']
        : italianBelowThousand(thousands).map((words) => `${words.replace(/tré$/u, 'tre')}mila`);
  const million =
    millions === 0
      ? ''
      : millions === 1
        ? 'un milione '
        : `${italianBelowThousand(millions)[0]} milioni `;
  const all = high.flatMap((thousand) => last.map((one) => `${million}${thousand}${one}`.trim()));
  // Duemila trecento is written apart as well.
  const apart =
    thousands > 0 && rest > 0
      ? high.flatMap((thousand) => last.map((one) => `${million}${thousand} ${one}`))
      : [];
  // Un metro; ventun metri beside ventuno metri.
  const words = distinct([...all, ...apart]);
  if (before !== 'noun') return words;
  if (value === 1) return ['un'];
  return distinct(words.flatMap((one) => (/uno$/u.test(one) ? [one, one.slice(0, -1)] : [one])));
};

// Portuguese

const ptUnits =
  'zero um dois três quatro cinco seis sete oito nove dez onze doze treze catorze quinze dezesseis dezessete dezoito dezenove'.split(
    ' ',
  );
const ptTens = '  vinte trinta quarenta cinquenta sessenta setenta oitenta noventa'.split(' ');
const ptHundreds =
  ' cento duzentos trezentos quatrocentos quinhentos seiscentos setecentos oitocentos novecentos'.split(
    ' ',
  );

function portugueseBelowThousand(value: number): string {
  const hundreds = Math.floor(value / 100);
  const rest = value % 100;
  const tens =
    rest < 20
      ? (ptUnits[rest] ?? '')
      : `${ptTens[Math.floor(rest / 10)]}${rest % 10 === 0 ? '' : ` e ${ptUnits[rest % 10]}`}`;
  if (hundreds === 0) return tens;
  if (value === 100) return 'cem';
  return rest === 0 ? (ptHundreds[hundreds] ?? '') : `${ptHundreds[hundreds]} e ${tens}`;
}

/** E stands before the last group where that is below a hundred or hundreds alone: mil e duzentos. */
export const portugueseCardinals: Cardinals = (value) => {
  const millions = Math.floor(value / 1_000_000);
  const thousands = Math.floor(value / 1000) % 1000;
  const rest = value % 1000;
  const joins = (group: number) => group < 100 || group % 100 === 0;
  let words =
    millions > 0
      ? `${portugueseBelowThousand(millions)} ${millions > 1 ? 'milhões' : 'milhão'}`
      : '';
  if (thousands > 0) {
    const group = thousands === 1 ? 'mil' : `${portugueseBelowThousand(thousands)} mil`;
    words += words === '' ? group : `${rest === 0 && joins(thousands) ? ' e ' : ', '}${group}`;
  }
  if (rest > 0 || value === 0) {
    const group = portugueseBelowThousand(rest);
    words += words === '' ? group : `${joins(rest) ? ' e ' : ' '}${group}`;
  }
  // In Portugal: dezasseis, dezassete, dezanove; catorze and quatorze are both Brazil's.
  const portugal = words
    .replaceAll('dezesseis', 'dezasseis')
    .replaceAll('dezessete', 'dezassete')
    .replaceAll('dezenove', 'dezanove');
  return distinct([
    words,
    portugal,
    words.replaceAll('catorze', 'quatorze'),
    words.replaceAll(', ', ' '),
  ]);
};
