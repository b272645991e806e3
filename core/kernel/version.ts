/** The versions of an exercise: the same items for everyone, fewer with more help, or more to do. */

export const versions = ['core', 'support', 'stretch'] as const;
export type Version = (typeof versions)[number];
