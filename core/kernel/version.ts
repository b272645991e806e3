/** The versions of an exercise: the same items for everyone, fewer with more help, or more to do. */

export const versions = ['core', 'support', 'stretch'] as const;
export type Version = (typeof versions)[number];

export const versionNames: Readonly<Record<Version, string>> = {
  core: 'Core',
  support: 'Support',
  stretch: 'Stretch',
};

/** Those that are not for everyone. */
export const otherVersions = ['support', 'stretch'] as const satisfies readonly Version[];
export type OtherVersion = (typeof otherVersions)[number];
