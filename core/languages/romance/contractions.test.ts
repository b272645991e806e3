import { describe, expect, test } from 'vitest';
import { findContractions, type ContractingLanguage } from './contractions';

const found = (language: ContractingLanguage, text: string) =>
  findContractions(text, language).map(({ text: word, of }) => `${word}=${of.join('+')}`);

describe('Portuguese', () => {
  // Written for the club.
  const text =
    'Na estação da colina o vento vem do mar. As crianças olham pela janela e escrevem no caderno delas. À noite falam daquilo com o avô e vão ao porto. Num dia de chuva ele nos viu; deu-nos pão. Nos dias claros sobem comigo às rochas. Eu consigo ver a neblina.';
  test('each is found with what it is made of, in order', () => {
    expect(found('pt', text)).toEqual([
      'Na=em+a',
      'da=de+a',
      'do=de+o',
      'pela=por+a',
      'no=em+o',
      'delas=de+elas',
      'À=a+a',
      'daquilo=de+aquilo',
      'ao=a+o',
      'Num=em+um',
      'Nos=em+os',
      'comigo=com+mim',
      'às=a+as',
    ]);
  });

  test('the place is that of the word', () => {
    for (const { start, end, text: word } of findContractions(text, 'pt')) {
      expect(text.slice(start, end)).toBe(word);
    }
  });

  test('pronouns that look the same are left: nos viu, viram-no, consigo ver', () => {
    expect(
      found('pt', 'Ela nos viu. Viram-no ontem. Não consigo ver. Nos encontramos amanhã.'),
    ).toEqual([]);
  });
});

describe('Spanish', () => {
  test('al and del, and not a él or de El Salvador', () => {
    expect(
      found(
        'es',
        'El viento del norte llegó al puerto. Se lo di a él. Viene de El Salvador conmigo.',
      ),
    ).toEqual(['del=de+el', 'al=a+el', 'conmigo=con+mí']);
  });
});

describe('French', () => {
  test('au, aux, du after a noun, and the relatives', () => {
    expect(
      found(
        'fr',
        'Le vent du nord souffle aux fenêtres et au port. Le banc près des rochers auquel je pense.',
      ),
    ).toEqual(['du=de+le', 'aux=à+les', 'au=à+le', 'des=de+les', 'auquel=à+lequel']);
  });

  test('articles of their own are left: mange des pommes, boit du lait, Des nuages', () => {
    expect(found('fr', 'Il mange des pommes et boit du lait. Des nuages passent.')).toEqual([]);
  });

  test('where it may be either it is not sure', () => {
    expect(findContractions('Les feuilles des arbres tombent.', 'fr')[0]).toMatchObject({
      text: 'des',
      sure: false,
    });
  });
});

describe('Italian', () => {
  test('whole and before a vowel', () => {
    expect(
      found(
        'it',
        'Il vento del nord soffia sulla collina e nell’orto, dall’alba alle sei. Col freddo stanno nei letti.',
      ),
    ).toEqual([
      'del=di+il',
      'sulla=su+la',
      "nell’=in+l'",
      "dall’=da+l'",
      'alle=a+le',
      'Col=con+il',
      'nei=in+i',
    ]);
  });
});
