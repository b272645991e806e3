/** What Japanese has of sentences for exercises: particles to fill in, and one voice for the other. */
import type { LanguageSentences } from '../language-pack';
import { particleGroupOf, particleGroups, particleSentences } from './particle-sentences';
import { changeVoice, voiceClauses } from './voice';

/** Particles from which a learner chooses. */
const choices = ['が', 'は', 'を', 'に', 'で', 'へ', 'と', 'の', 'から', 'まで', 'より', 'も'];

export const japaneseSentences: LanguageSentences = {
  smallWordGroups: Object.entries(particleGroups),
  smallWords: choices,
  withoutSmallWord: (group) =>
    particleSentences.filter((sentence) => group === 'all' || particleGroupOf(sentence) === group),
  inOtherVoice: (to) => voiceClauses.map((clause) => changeVoice(clause, to)),
};
