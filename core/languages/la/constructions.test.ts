import { describe, expect, test } from 'vitest';
import { constructionNames, findConstructions, type ConstructionName } from './constructions';
import { latinLexicon, type LatinRow } from './lexicon';
import words from './words.json';

const lexicon = latinLexicon(words as unknown as readonly LatinRow[]);

const found = (text: string) => findConstructions(text, lexicon);
const named = (text: string) => found(text).map(({ name }) => name);

/**
 * Sentences written for this test by the rules of school grammars (common practice), so that each
 * shows one construction; those of Caesar and Nepos are from memory.
 */
const shown: Readonly<Record<ConstructionName, readonly string[]>> = {
  'passive periphrastic': [
    'Urbs nobis defendenda est.',
    'Epistula mihi scribenda erat.',
    'Liber discipulis legendus est.',
    'Multa oppida militibus oppugnanda erunt.',
    'Pax servanda est.',
    'Urbs delenda est.',
    'Flumen exercitui transeundum erat.',
    'Hic puer non laudandus est.',
  ],
  'ablative absolute': [
    'Urbe capta, cives fugerunt.',
    'Hostibus victis, milites in castra redierunt.',
    'Tempestate orta naves redierunt.',
    'Caesare duce milites vicerunt.',
    'Sole oriente nautae navigant.',
    'His verbis dictis, rex discessit.',
    'Signo dato milites impetum fecerunt.',
    'Cena parata, hospites intraverunt.',
  ],
  'accusative with infinitive': [
    'Dico puerum venire.',
    'Nuntius dicit hostes appropinquare et urbem ardere.',
    'Scio te hoc fecisse.',
    'Puella putat nautam discessisse.',
    'Dux nuntiat hostes victos esse.',
    'Magister sperat discipulos mox venturos esse.',
    'Rex iubet milites pontem frangere.',
    'Audio ventum flare.',
  ],
  'indirect question': [
    'Rogo quis veniat.',
    'Nescio cur fleas.',
    'Magister quaerit ubi puer sit.',
    'Puella rogat quid faciamus.',
    'Scire volo quando veneris.',
    'Non intellego quomodo hoc fecerit.',
    'Dux cognoscit quot milites adsint.',
    'Quid agas scio.',
  ],
  purpose: [
    'Venio ut te videam.',
    'Milites pugnant ut urbem servent.',
    'Puer currit ne videatur.',
    'Legatos misit ut pacem peterent.',
    'Agricola laborat ut familia cibum habeat.',
    'Fugiunt ne capiantur.',
    'Fenestram clausit ne ventus intraret.',
    'Legimus ut discamus.',
  ],
  result: [
    'Tam fortis est ut omnes eum laudent.',
    'Tanta tempestas erat ut naves redirent.',
    'Ita clamabat ut omnes audirent.',
    'Tot hostes erant ut cives timerent.',
    'Sic pugnavit ut vinceret.',
    'Adeo fessus erat ut dormiret.',
    'Accidit ut luna plena esset.',
    'Tam celeriter currit ut nemo eum capere possit.',
  ],
};

describe('constructions of Latin', () => {
  test.each(constructionNames.flatMap((name) => shown[name].map((text) => [name, text] as const)))(
    '%s: %s',
    (name, text) => {
      expect(named(text)).toContain(name);
      const others = found(text).filter((each) => each.name !== name);
      expect(others.map((each) => `${each.name}: ${each.text}`)).toEqual([]);
    },
  );

  // None of the six; each looks like one of them.
  test.each([
    'Puella aquam portat.',
    'Puer laudatus est.',
    'Cum amicis meis in hortum venio.',
    'In urbe capta nemo manet.',
    'De hostibus victis narrat.',
    'Possum venire.',
    'Puer hortum videre non vult.',
    'Quis venit?',
    'Cur fles?',
    'Puer qui venit amicus meus est.',
    'Ut dixi, puer venit.',
    'Te oro ut venias.',
    'Dux imperat ut milites veniant.',
    'Timeo ne veniat.',
    'Dona amicis data laudat.',
    'Agricola ad villam venit.',
    'Magnum opus scribere debeo.',
    'Vita brevis, ars longa.',
  ])('nothing in: %s', (text) => {
    expect(found(text).map(({ name, text: words }) => `${name}: ${words}`)).toEqual([]);
  });

  test('a place is that of its words in the text, and the reason names them', () => {
    const text = 'Puella venit. Urbe capta, cives fugerunt.';
    const [first] = found(text);
    expect(first).toMatchObject({
      name: 'ablative absolute',
      start: 14,
      end: 24,
      text: 'Urbe capta',
    });
    expect(first?.why).toContain('Urbe and capta are both ablative');
  });

  test('macrons, v and j make no difference', () => {
    expect(named('Urbe captā cīvēs fūgērunt.')).toEqual(['ablative absolute']);
    expect(named('Jubet milites uenire.')).toEqual(['accusative with infinitive']);
  });

  test('several in one sentence are all named, in their order', () => {
    const text = 'Signo dato dux scit hostes venire ut urbem capiant.';
    expect(named(text)).toEqual(['ablative absolute', 'accusative with infinitive', 'purpose']);
  });

  test('words that are not known and what is no Latin give nothing', () => {
    expect(found('')).toEqual([]);
    expect(found('The wind blows. 雨が降る。')).toEqual([]);
  });
});
