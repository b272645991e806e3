/** The looks of a sheet: one differs from another in structure, not in decoration. */

export const lookNames = ['plain', 'young', 'log', 'exam', 'calm'] as const;

export type Look = (typeof lookNames)[number];

/** What a look is called, and what it is for. */
export const looks: Readonly<Record<Look, { readonly name: string; readonly says: string }>> = {
  plain: { name: 'Plain', says: 'a title, lines, no frames' },
  young: { name: 'Young', says: 'a heading band, number tokens, signs with their words' },
  log: { name: 'Log book', says: 'ruled like the log of a weather station' },
  exam: { name: 'Exam', says: 'marks beside the items, a total, a line for the candidate' },
  calm: { name: 'Calm', says: 'few things on a page, each in its own frame' },
};
