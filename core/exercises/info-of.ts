/** What the catalogue says of a maker. */
import type { MakerInfo } from './catalogue';
import type { Maker } from './making/maker';

export const infoOf = (maker: Maker): MakerInfo => ({
  id: maker.id,
  name: maker.name,
  group: maker.group,
  description: maker.description,
  needs: maker.needs,
  interaction: maker.interaction,
  fewestWords: maker.fewestWords,
  words: maker.usesWords === false ? 'none' : maker.bringsWords ? 'own' : 'material',
  needsText: maker.needsText === true,
  usesSentences: maker.usesSentences === true,
  ...(maker.reviews ? { reviews: true } : {}),
  ...(maker.isCards ? { isCards: true } : {}),
  ...(maker.answersAreRead ? { answersAreRead: true } : {}),
  ...(maker.doneWith ? { doneWith: maker.doneWith } : {}),
  ...(maker.paperOnly ? { paperOnly: true } : {}),
  needsMeanings: maker.needsMeanings === true,
  asks: maker.asks,
  parameters: maker.parameters ?? {},
});
