/** The three reaches: taught, just ahead, past what the class can be expected to do. */

export const reaches = ['secure', 'stretch', 'beyond'] as const;
export type Reach = (typeof reaches)[number];
