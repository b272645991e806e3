import { describe, expect, test } from 'vitest';
import rows from '../concepts/concepts.json';
import { readConcepts } from '../concepts/concept';
import type { RomanceLanguage } from '../romance-words/nouns';
import { formsOfRomance } from './forms-of';

const concepts = readConcepts(rows);

describe('the forms of a word', () => {
  const names = (language: RomanceLanguage, lemma: string) =>
    formsOfRomance(language, lemma, concepts).map(({ partOfSpeech, meaning }) => [
      partOfSpeech,
      meaning,
    ]);

  test('are those of every word it can be', () => {
    expect(names('fr', 'cheval')).toEqual([['noun', 'horse']]);
    expect(names('pt', 'bonito')).toEqual([['adjective', 'beautiful, pretty']]);
    expect(names('es', 'cantar')[0]?.[0]).toBe('verb');
    const [horse] = formsOfRomance('fr', 'cheval', concepts);
    expect(horse?.forms.map(({ form }) => form)).toEqual(['le cheval', 'un cheval', 'les chevaux']);
  });

  test('of a word that the list lacks are what its ending says, and say so', () => {
    const [word] = formsOfRomance('it', 'temporale', concepts);
    expect(word).toMatchObject({ partOfSpeech: 'noun', gender: 'm', sure: false, meaning: '' });
    const [verb] = formsOfRomance('fr', 'gambader', concepts);
    expect(verb?.partOfSpeech).toBe('verb');
    expect(verb?.forms.find(({ name }) => name === 'present, nous')?.form).toBe('gambadons');
  });
});
