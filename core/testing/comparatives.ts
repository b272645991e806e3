/** Comparison by the textbook rule alone, to hold against what was written by hand. */

const irregular: Readonly<Record<string, readonly [string, string]>> = {
  good: ['better', 'best'],
  bad: ['worse', 'worst'],
  far: ['further', 'furthest'],
};

/** Forms that the rule allows: -er and -est, with its changes of spelling, and more and most. */
export function comparativeForms(base: string): {
  comparative: string[];
  superlative: string[];
} {
  const known = irregular[base];
  if (known) return { comparative: [known[0]], superlative: [known[1]] };
  const stem = base.endsWith('e')
    ? base.slice(0, -1)
    : /[^aeiou]y$/.test(base)
      ? `${base.slice(0, -1)}i`
      : /^[^aeiou]*[aeiou][bdgmnpt]$/.test(base)
        ? base + base.slice(-1)
        : base;
  return {
    comparative: [`${stem}er`, `more ${base}`],
    superlative: [`${stem}est`, `most ${base}`],
  };
}
