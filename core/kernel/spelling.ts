/** The two spellings of English. */

export const spellings = { uk: 'British (colour)', us: 'American (color)' } as const;
export type Spelling = keyof typeof spellings;
