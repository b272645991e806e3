/** The groups that exercises stand in, in the order in which they are offered. */
export const makerGroups = ['Sounds and spelling', 'Vocabulary', 'Grammar', 'Reading'] as const;
export type MakerGroup = (typeof makerGroups)[number];
