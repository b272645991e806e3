/** Names that are spelled like other words. */

export const weekdaysAndMonths = new Set(
  `monday tuesday wednesday thursday friday saturday sunday january february march april may june july august
   september october november december`.split(/\s+/),
);
