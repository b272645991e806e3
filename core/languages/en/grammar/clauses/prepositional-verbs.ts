/** Verbs with a preposition of their own, whose noun is what they are done to: look after the roses, wait for the bus. */
const prepositional: ReadonlySet<string> = new Set(
  `look-after look-at look-for look-into listen-to wait-for laugh-at pay-for ask-for care-for deal-with
   think-about talk-about point-at shout-at stare-at smile-at send-for rely-on depend-on believe-in
   agree-with belong-to knock-at read-about hear-about learn-about worry-about dream-of`.split(
    /\s+/,
  ),
);

/** True where the preposition goes with its verb, and opens no phrase of place or time. */
export const goesWith = (base: string, preposition: string): boolean =>
  prepositional.has(`${base}-${preposition}`);
