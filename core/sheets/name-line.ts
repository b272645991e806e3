/** The word before the line for a learner's name, by which copies find the line. */
export const NAME_LABEL = 'Name';

/** Size of the line for name and date, in points. */
export const NAME_POINTS = 12;
