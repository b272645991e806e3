/** The words that a grammar lesson is about: they are what is taught, and no reading that could be out of reach. */
export const grammarTerms: ReadonlySet<string> = new Set(
  `statement question command exclamation sentence clause phrase subject verb object noun pronoun adjective
   adverb preposition conjunction article determiner tense participle auxiliary passive active conditional
   negative positive singular plural comma apostrophe contraction capital exclamatory interrogative imperative
   declarative adjectives adverbs nouns verbs pronouns prepositions articles conjunctions clauses contractions tag whom reported`.split(
    /\s+/,
  ),
);
