/** The accents that sounds are computed in. */

export const accents = ['american', 'british'] as const;
export type Accent = (typeof accents)[number];

export const accentNames: Readonly<Record<Accent, string>> = {
  american: 'General American',
  british: 'Southern British',
};
