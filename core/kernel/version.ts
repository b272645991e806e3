/** The versions of an exercise: the same items for everyone, fewer with more help, or more to do. */

export const versions = ['core', 'support', 'stretch'] as const;
export type Version = (typeof versions)[number];

/** Those that are not for everyone. */
export const otherVersions = ['support', 'stretch'] as const satisfies readonly Version[];
export type OtherVersion = (typeof otherVersions)[number];
